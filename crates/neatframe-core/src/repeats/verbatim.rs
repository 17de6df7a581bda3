//! A demand that stands word for word within an earlier one: "Never name a price." behind "Never name a price, but say where it
//! is listed."

use crate::directive::unwrapped;
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::{Word, Words};
use std::collections::HashMap;

/// The fewest words of a demand that can be found again.
const LEAST: usize = 4;

/// The fewest words that mean something among them, and among those of an opening clause that goes on.
const TELLING: usize = 2;
const CLAUSE: usize = 3;

/// The fewest words of a clause amid a demand that can be found again, and of those that mean something.
const LONG: usize = 8;
const LONG_TELLING: usize = 4;

/// How many words of a demand are looked at: one sentence of a whole file would fill the memory.
const WORDS: usize = 200;

/// How many earlier places with the same opening are compared, the latest first: keeps long prompts linear.
const PLACES: usize = 16;

/// Each unit that repeats words of an earlier one, with that one. `spans` are the demands of a prompt in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut said: Vec<(usize, Vec<Said>)> = Vec::new();
    let mut openings = Openings::default();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let all = words.within(span);
        let all = plain(text, &all[..all.len().min(WORDS)]);
        let twin = [whole(&all), core(&all)]
            .into_iter()
            .flatten()
            .find_map(|core| openings.latest(key(core)).find(|&(place, at)| holds(&said[place].1, at, core)));
        if let Some((place, _)) = twin {
            found.push((unit, said[place].0));
            continue;
        }
        let passage = clauses(&all).find_map(|clause| {
            openings
                .latest(key(clause))
                .find(|&(place, at)| holds_as_clause(&said[place].1, at, clause, &all))
        });
        if let Some((place, _)) = passage {
            found.push((unit, said[place].0));
        }
        for at in 0..(all.len() + 1).saturating_sub(LEAST) {
            openings.push(key(&all[at..]), said.len(), at);
        }
        said.push((unit, all));
    }
    found
}

/// Where the words of each key stand: which demand, and at which of its words.
#[derive(Default)]
struct Openings {
    last: HashMap<[u32; LEAST], u32>,
    /// Each place, and the index of the one before it with the same words.
    places: Vec<(u32, u32, Option<u32>)>,
}

impl Openings {
    fn push(&mut self, key: [u32; LEAST], demand: usize, at: usize) {
        let before = self.last.insert(key, self.places.len() as u32);
        self.places.push((demand as u32, at as u32, before));
    }

    /// The latest places of the words, the last one first.
    fn latest(&self, key: [u32; LEAST]) -> impl Iterator<Item = (usize, usize)> {
        let first = self.last.get(&key).copied();
        let links = std::iter::successors(first, |at| self.places[*at as usize].2);
        links.take(PLACES).map(|at| {
            let (demand, at, _) = self.places[at as usize];
            (demand as usize, at as usize)
        })
    }
}

/// A word as it is compared.
#[derive(Clone, Copy)]
struct Said {
    hash: u32,
    tells: bool,
    denies: bool,
    /// A condition opens with it.
    opens_a_case: bool,
    /// A clause ends in front of it.
    ends: bool,
    /// "Only" stands in front of it.
    only: bool,
}

fn key(words: &[Said]) -> [u32; LEAST] {
    std::array::from_fn(|at| words[at].hash)
}

/// True where the earlier demand has the words at a place, and means them as they are meant here.
fn holds(earlier: &[Said], at: usize, core: &[Said]) -> bool {
    let same = earlier.len() >= at + core.len()
        && earlier[at..].iter().zip(core).all(|(one, other)| one.hash == other.hash);
    // "If the gate is shut, name the pier" and "never name the pier" say something else.
    let before = &earlier[..at];
    let behind = earlier.get(at + core.len()..).unwrap_or_default().iter().take_while(|word| !word.ends);
    let within_a_case = before.iter().chain(behind).any(|word| word.opens_a_case);
    let denied = before.iter().rev().take(3).any(|word| word.denies);
    // "Compare the two only with the log", "you must only compare the two with the log".
    let confines = |words: &[Said]| words.iter().any(|word| word.only);
    same && !within_a_case && !denied && (!confines(core) || confines(&earlier[at..]))
}

/// True where a clause of the earlier demand is the same from end to end, or the whole of it opens the later one.
fn holds_as_clause(earlier: &[Said], at: usize, clause: &[Said], later: &[Said]) -> bool {
    let shared = earlier[at..].iter().zip(clause).take_while(|(one, other)| one.hash == other.hash).count();
    let ended = |words: &[Said], at: usize| words.get(at).is_none_or(|word| word.ends);
    let opened = at == 0 || earlier[at].ends;
    let tells = clause[..shared].iter().filter(|word| word.tells).count();
    let from = later.len() - clause.len();
    let whole = shared == earlier.len() && from == 0;
    let to_the_end = ended(clause, shared) && ended(earlier, at + shared);
    // What stands around it binds it to a case, denies it, or goes on to the point.
    let around = |words: &[Said], from: usize| {
        let others = words[..from].iter().chain(words.get(from + shared..).unwrap_or_default());
        others.clone().any(|word| word.opens_a_case)
            || words[..from].iter().rev().take(3).any(|word| word.denies)
    };
    opened
        && (whole || to_the_end)
        && shared >= LONG
        && tells >= LONG_TELLING
        && !around(earlier, at)
        && !around(later, from)
}

/// From where each clause of a demand opens, to the end of the demand.
fn clauses(all: &[Said]) -> impl Iterator<Item = &[Said]> {
    let opens = |at: &usize| *at == 0 || all[*at].ends;
    (0..(all.len() + 1).saturating_sub(LONG)).filter(opens).map(|at| &all[at..])
}

/// All words of a demand without what only opens it; nothing where too little is left.
fn whole(all: &[Said]) -> Option<&[Said]> {
    let tells = all.iter().filter(|word| word.tells).count();
    (all.len() >= LEAST && tells >= TELLING).then_some(all)
}

/// The words of a demand without what only opens it, up to the end of its first clause; nothing where too little is left.
fn core(all: &[Said]) -> Option<&[Said]> {
    let end = all.iter().skip(1).position(|word| word.ends).map_or(all.len(), |at| at + 1);
    let core = &all[..end];
    let forbids = core.first().is_some_and(|word| word.denies);
    let tells = core.iter().filter(|word| word.tells).count();
    let telling = if end == all.len() { TELLING } else { CLAUSE };
    let cased = all.iter().any(|word| word.opens_a_case);
    // A clause that goes on is a repeat where it forbids; else what it goes on to may be the point.
    (core.len() >= LEAST && tells >= telling && !cased && (end == all.len() || forbids)).then_some(core)
}

/// The words as they are compared: small letters, one way to forbid, and nothing that only opens.
fn plain(text: &str, words: &[Word]) -> Vec<Said> {
    const OPENERS: [&str; 12] = [
        "please", "always", "also", "now", "remember", "important", "note", "critical", "and", "again",
        "attention", "reminder",
    ];
    const PENALTY: [&str; 6] = ["you", "will", "be", "penalized", "if", "you"];
    let mut out = Vec::new();
    let mut at = 0;
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let not = Said {
        hash: vocabulary::hash(b"not"),
        tells: false,
        denies: true,
        opens_a_case: false,
        ends: false,
        only: false,
    };
    // "Never fail to ask", "refrain from asking".
    if let Some(directive) = unwrapped(text, words) {
        at = directive.body.start;
        out.extend(Some(not).filter(|_| directive.forbids && at > 0));
    }
    // "Make sure to", "be sure that you", "you must".
    loop {
        let (one, two) = (lower(at), lower(at + 1));
        let punctuation = words.get(at).is_some_and(|word| word.is_punctuation());
        at += match (&*one, &*two) {
            ("make" | "be", "sure") => 2 + usize::from(matches!(&*lower(at + 2), "to" | "that" | "you")),
            ("you", "must" | "should" | "shall") => 2,
            ("you", "need" | "have") if lower(at + 2) == "to" => 3,
            _ if OPENERS.contains(&&*one) => 1,
            _ if punctuation && at < words.len() => 1,
            _ => break,
        };
    }
    // "You will be penalized if you name a price" forbids it.
    if (0..PENALTY.len()).all(|place| lower(at + place) == PENALTY[place]) {
        at += PENALTY.len();
        out.push(not);
    }
    let (mut ends, mut only) = (false, false);
    for (place, word) in words.iter().enumerate().skip(at.min(words.len())) {
        let said = word.lower(text);
        if word.is_punctuation() {
            ends |= matches!(&*said, "," | ";" | ":" | "—" | "–" | "-" | "." | "!");
            continue;
        }
        if matches!(&*said, "only" | "just" | "solely") {
            only = true;
            continue;
        }
        let joins = matches!(&*said, "but" | "instead" | "rather");
        let denies = word.is(vocabulary::NEGATION);
        let does = said == "do" && words.get(place + 1).is_some_and(|next| next.is(vocabulary::NEGATION));
        if does || said == "do" && lower(place + 1) == "not" {
            continue;
        }
        out.push(Said {
            hash: if denies { vocabulary::hash(b"not") } else { vocabulary::hash(said.as_bytes()) },
            tells: !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::PERSON),
            denies,
            opens_a_case: word.is(vocabulary::CONDITION)
                || said == "case" && place > 0 && matches!(&*lower(place - 1), "this" | "that" | "such"),
            ends: (ends || joins) && !out.is_empty(),
            only,
        });
        (ends, only) = (false, false);
    }
    if let Some(last) = out.last_mut() {
        last.only |= only;
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    fn twins(lines: &[&str]) -> Vec<(usize, usize)> {
        let text = lines.join("\n");
        let words = Words::read(&text, 0);
        let mut at = 0;
        let spans = lines.iter().enumerate().map(|(index, line)| {
            let span = Span::new(at, at + line.len());
            at = span.end() + 1;
            (index, span)
        });
        repeated(&text, &words, spans.collect::<Vec<_>>().into_iter())
    }

    #[test]
    fn a_clause_of_an_earlier_demand() {
        let first = "Do not name a single price, but say where the fares are listed.";
        assert_eq!(twins(&[first, "NEVER NAME A SINGLE PRICE!"]), [(1, 0)]);
        assert_eq!(
            twins(&[first, "Please do not name a single price, rather list the piers by name."]),
            [(1, 0)]
        );
        assert_eq!(
            twins(&[
                "Compare the slip only with the log, not with the map.",
                "You must only compare the slip with the log."
            ]),
            [(1, 0)]
        );
        assert_eq!(
            twins(&[
                "Use the `tide` tool to find the level.",
                "YOU MUST USE THE tide TOOL TO FIND THE LEVEL"
            ]),
            [(1, 0)]
        );
    }

    #[test]
    fn a_demand_with_its_case() {
        let told = "You must take the log for true - even if you doubt it.";
        assert_eq!(twins(&[told, "NOTE: You must take the log for true - even if you doubt it."]), [(1, 0)]);
    }

    #[test]
    fn a_ban_told_as_a_threat() {
        assert_eq!(
            twins(&[
                "Do not name a single price.",
                "# [IMPORTANT]: YOU WILL BE PENALIZED IF YOU NAME A SINGLE PRICE."
            ]),
            [(1, 0)]
        );
        assert_eq!(twins(&["Name a single price.", "You will be penalized if you name a single price."]), []);
    }

    #[test]
    fn a_long_clause_amid_two_demands() {
        let told = "If a fare is missing, don't guess: just use the `fares` tool to get the fare that you need from the office.";
        let again =
            "Do not ask the guest. Just use the `fares` tool to get the fare that you need from the office.";
        assert_eq!(twins(&[&told[27..], again]), [(1, 0)]);
        assert_eq!(twins(&[told, again]), [], "the first holds in one case");
        let whole = "When the slip names a pier, write the name of the pier in capitals.";
        let more = "When the slip names a pier, write the name of the pier in capitals in the title (it is cut off elsewhere).";
        assert_eq!(twins(&[whole, more]), [(1, 0)]);
        let scale = [
            "Say 4, if the slip holds the fare of the log in all terms, piers and dates.",
            "Say 2, if the slip holds the fare of the log in some terms, piers and dates.",
        ];
        assert_eq!(twins(&scale), []);
    }

    #[test]
    fn other_cases_and_the_opposite_are_no_repeats() {
        for pair in [
            ["If the pier is shut, name a single price.", "Name a single price."],
            ["Name the pier of the boat.", "Name the pier of the boat if the guest asks."],
            ["Do not name a single price.", "Name a single price."],
            ["Name the pier of the boat.", "If the guest asks, name the pier of the boat."],
            ["Name the pier of the boat.", "Name the pier of the bus."],
            ["Name the pier, the boat.", "Name the pier"],
            ["Compare the slip with the log.", "Compare the slip with the log only."],
        ] {
            assert_eq!(twins(&pair), [], "{pair:?}");
        }
    }
}
