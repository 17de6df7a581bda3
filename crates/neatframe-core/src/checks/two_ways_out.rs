//! Two sentences that say what to do in one case, and the two ways out exclude each other.

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Demand, of_unit, singular};
use crate::words::Word;
use std::borrow::Cow;

/// A way out of a case in which something is not there.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Way {
    /// The model fills in what it knows or thinks.
    Own,
    Ask,
    LeaveOut,
    /// Something fixed is written.
    Write,
    /// The place stays empty.
    Empty,
    /// Something else is taken in its place: "use today's date".
    Take,
    /// Somebody or something else is named.
    Refer,
    /// It is looked for elsewhere.
    LookUp,
    /// The conversation or the work ends.
    End,
    /// The same is tried once more.
    Retry,
}

impl Way {
    fn excludes(self, other: Way) -> bool {
        use Way::{Ask, Empty, End, LeaveOut, LookUp, Own, Refer, Retry, Take, Write};
        matches!(
            (self, other),
            (Own, Ask | LeaveOut | Write | Empty | Refer)
                | (LeaveOut, Write | Empty | Ask | LookUp | Take)
                | (Write, Ask | LookUp | Take | Empty)
                | (Empty, Ask | LookUp | Take)
                | (Take, Ask)
                | (End, Ask | LookUp | Own | Retry)
        )
    }
}

/// "If the list has no price, ask" and "if the list has no price, estimate it".
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut seen: Vec<(usize, Gap, Way)> = Vec::new();
    for unit in case.demands() {
        let Some((gap, way)) = read(case, unit) else { continue };
        let same = |known: &&(usize, Gap, Way)| known.1.is(&gap);
        let earlier = seen.iter().rev().take(WITHIN_REACH).find(same);
        if let Some(&(earlier, _, other)) = earlier
            && (way.excludes(other) || other.excludes(way))
            && !(is_read_as_gap(case, unit) && is_read_as_gap(case, earlier))
        {
            sink.clash(case, case.units[unit].text, case.units[earlier].text);
            continue;
        }
        seen.push((unit, gap, way));
    }
    own_against_any(case, sink);
    rivals::compare(case, sink, several, |one, two| one.things == two.things && one.all != two.all);
    rivals::compare(case, sink, set_value, |one, two| {
        one.key == two.key && one.value != two.value && one.of.iter().any(|stem| two.of.contains(stem))
    });
}

/// "A value that is not there is null", "if the rent is not stated, work it out": the model is to fill in nothing, and does.
fn own_against_any(case: &Case<'_>, sink: &mut Sink<'_>) {
    let any = case.requirements.iter().find(|rule| {
        let fixed = |value: &str| matches!(value, "null" | "empty" | "unknown" | "left out" | "none" | "n/a");
        matches!(&rule.demand, Demand::Gap { of, way } if of.is_empty() && way.value().is_some_and(fixed))
    });
    let Some(any) = any else { return };
    let own =
        case.demands().find(|&unit| matches!(read(case, unit), Some((_, Way::Own))) && unit != any.unit);
    if let Some(unit) = own {
        sink.clash(case, case.units[unit].text, case.units[any.unit].text);
    }
}

/// What is done where a thing fits several: "if an item fits two groups, list both".
struct Several {
    /// The stem of what there are several of.
    things: u32,
    /// All of them are taken, and not one.
    all: bool,
}

fn several(case: &Case<'_>, unit: usize) -> Option<Several> {
    let text = case.source.text();
    if let Some(one) = one_for_each(case, unit) {
        return Some(one);
    }
    let (of, rest) = clauses(case, unit)?;
    let lower =
        |words: &[Word], at: usize| words.get(at).map_or(String::new(), |word| word.lower(text).into_owned());
    let counted = (0..of.len()).find_map(|at| match &*lower(of, at) {
        "two" | "several" | "multiple" | "many" => Some(at + 1),
        "more" if lower(of, at + 1) == "than" && lower(of, at + 2) == "one" => Some(at + 3),
        _ => None,
    })?;
    let noun = of.get(counted).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    let any = |names: &[&str]| rest.iter().any(|word| names.contains(&&*word.lower(text)));
    let all = any(&["both", "all", "each", "every"]);
    let one = any(&["one", "first", "earlier", "single", "main", "best", "narrower", "strongest", "higher"]);
    (all != one).then(|| Several { things: stem(&singular(&noun.lower(text))), all })
}

/// "One queue per ticket", "each claim gets one verdict": there are no two.
fn one_for_each(case: &Case<'_>, unit: usize) -> Option<Several> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > SHORT {
        return None;
    }
    let one = (0..words.len()).find(|&at| matches!(&*lower(at), "one" | "single"))?;
    let noun = words.get(one + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    let per = (one + 2..words.len()).any(|at| matches!(&*lower(at), "per"))
        || (one + 2..words.len()).any(|at| lower(at) == "to" && matches!(&*lower(at + 1), "each" | "every"))
        || matches!(&*lower(0), "each" | "every") && one >= 3;
    let opens = one == 0
        || matches!(
            &*lower(0),
            "each" | "every" | "assign" | "give" | "choose" | "pick" | "use" | "exactly" | "only" | "just"
        );
    let firm = !words.iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION));
    let least = words.iter().any(|word| matches!(&*word.lower(text), "least" | "than" | "or" | "and"));
    (per && opens && firm && !least)
        .then(|| Several { things: stem(&singular(&noun.lower(text))), all: false })
}

/// Words from which a sentence says more than how many there are for each.
const SHORT: usize = 12;

/// A value for a gap: "if the ticket does not say how many are hit, set urgency to 3".
struct Set {
    of: Vec<u32>,
    key: u32,
    value: String,
}

fn set_value(case: &Case<'_>, unit: usize) -> Option<Set> {
    let text = case.source.text();
    let (of, rest) = clauses(case, unit)?;
    let stems = gap(case, of)?.all;
    let lower = |at: usize| rest.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = (0..rest.len().min(3)).find(|&at| {
        matches!(&*lower(at), "set" | "choose" | "use" | "give" | "assign" | "mark" | "rate" | "put" | "take")
    })?;
    let value = (verb + 1..rest.len()).rfind(|&at| !rest[at].is_punctuation())?;
    let fixed = rest[value].is_number()
        || rest[value].text(text).len() > 2 && rest[value].text(text).chars().all(|c| c.is_ascii_uppercase());
    let key = (verb + 1..value).find(|&at| !rest[at].is(vocabulary::STOP) && !rest[at].is_punctuation())?;
    let near = value - key <= 3;
    (fixed && near).then(|| Set { of: stems, key: stem(&lower(key)), value: lower(value).into_owned() })
}

/// How many earlier cases are compared.
const WITHIN_REACH: usize = 64;

/// What is read as a way out of a gap is compared there.
fn is_read_as_gap(case: &Case<'_>, unit: usize) -> bool {
    of_unit(case.requirements, unit).any(|rule| matches!(rule.demand, Demand::Gap { .. }))
}

/// Words of a sentence that says more than a case and what to do in it.
const LONG: usize = 34;

/// The clause that names the case, and what is to be done in it.
fn clauses<'a>(case: &'a Case<'_>, unit: usize) -> Option<(&'a [Word], &'a [Word])> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let is = |word: &Word, names: &[&str]| names.contains(&&*word.lower(text));
    let at = words.iter().position(|word| is(word, &["if", "when", "where", "whenever"]))?;
    if words.len() > LONG {
        return None;
    }
    let end = words[at..].iter().position(|word| is(word, &[",", ":", "then", ";"])).map(|n| at + n);
    match end {
        Some(end) if at <= 1 => Some((&words[at + 1..end], &words[end + 1..])),
        // "Leave the field empty if the note has no date".
        _ if at >= 2 && words[0].is(vocabulary::VERB) => Some((&words[at + 1..], &words[..at])),
        _ => None,
    }
}

/// A case in which something is not there.
#[derive(Clone)]
struct Gap {
    /// The stems of its words, in order of their numbers.
    all: Vec<u32>,
    /// Those of what is not there, without what it is not in: "the note has no date".
    missing: Vec<u32>,
}

impl Gap {
    /// True when two cases share nearly all of their words, or name one thing that is not there.
    fn is(&self, other: &Gap) -> bool {
        let common = self.all.iter().filter(|stem| other.all.contains(stem)).count();
        let most = self.all.len().max(other.all.len());
        let least = self.all.len().min(other.all.len());
        common > 0 && common * 4 >= most * 3
            || common >= 2 && common == least
            || !self.missing.is_empty() && self.missing == other.missing
    }
}

/// Verbs of what holds a value or does not.
const HOLDS: [&str; 20] = [
    "has", "have", "gives", "give", "states", "state", "contains", "contain", "names", "name", "says", "say",
    "shows", "show", "lists", "list", "mentions", "mention", "lacks", "holds",
];

/// The case that a clause names. Only what is not there, or not what the prompt is for, leaves a gap.
fn gap(case: &Case<'_>, of: &[Word]) -> Option<Gap> {
    let text = case.source.text();
    let is = |word: &Word, names: &[&str]| names.contains(&&*word.lower(text));
    let gap = of.iter().any(|word| {
        word.is(vocabulary::NEGATION)
            || is(
                word,
                &[
                    "no", "missing", "absent", "unclear", "unknown", "lacks", "unreadable", "cannot", "else",
                    "fails", "failed", "fail",
                ],
            )
    });
    let stems = |run: &[Word]| -> Vec<u32> {
        let means = |word: &&Word| {
            !word.is_punctuation()
                && !word.is(vocabulary::STOP | vocabulary::NEGATION)
                && !is(word, &["missing", "absent", "there", "given", "known", "available", "lacks"])
                && !is(word, &HOLDS)
        };
        // "How many" asks for a number.
        let named = |word: &Word| if is(word, &["many"]) { stem("number") } else { stem(&word.lower(text)) };
        let mut stems: Vec<u32> = run.iter().filter(means).map(named).collect();
        stems.sort_unstable();
        stems.dedup();
        stems
    };
    let holds = of.iter().position(|word| is(word, &HOLDS));
    let all = stems(of);
    let missing = stems(&of[holds.map_or(0, |at| at + 1)..]);
    (gap && !all.is_empty()).then_some(Gap { all, missing })
}

/// The case, and the way out of it.
fn read(case: &Case<'_>, unit: usize) -> Option<(Gap, Way)> {
    if let Some(gap) = handed_over(case, unit) {
        return Some((gap, Way::Take));
    }
    let (of, rest) = clauses(case, unit)?;
    Some((gap(case, of)?, way(case.source.text(), rest)?))
}

/// "Assign tasks without an owner to the team lead": somebody else is taken.
fn handed_over(case: &Case<'_>, unit: usize) -> Option<Gap> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let hands = matches!(&*lower(0), "assign" | "give" | "hand") && words.len() <= SHORT + 4;
    let lack = (1..words.len().min(5)).find(|&at| {
        lower(at) == "without" || lower(at) == "no" && matches!(&*lower(at - 1), "with" | "have" | "has")
    })?;
    let from = lack + 1 + usize::from(matches!(&*lower(lack + 1), "a" | "an" | "any"));
    let to = lower(from + 1) == "to";
    let missing = vec![rivals::noun(text, words, from)?];
    (hands && to).then(|| Gap { all: missing.clone(), missing })
}

fn way(text: &str, words: &[Word]) -> Option<Way> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = (0..words.len()).find(|&at| words[at].is(vocabulary::VERB))?;
    let bans = words[..verb].iter().any(|word| word.is(vocabulary::NEGATION));
    let any = |names: &[&str]| (verb..words.len()).any(|at| names.contains(&&*lower(at)));
    let knows = (verb..words.len()).any(|at| lower(at) == "you" && lower(at + 1) == "know")
        || any(&["estimate", "guess", "infer", "assume", "knowledge", "deduce", "derive", "calculate"])
        || lower(verb) == "work" && any(&["out"])
        || lower(verb) == "use" && lower(verb + 1) == "common" && lower(verb + 2) == "sense";
    match &*lower(verb) {
        _ if bans => None,
        _ if knows => Some(Way::Own),
        "ask" => Some(Way::Ask),
        "skip" | "omit" | "ignore" | "drop" => Some(Way::LeaveOut),
        "leave" if any(&["out"]) => Some(Way::LeaveOut),
        "leave" if any(&["empty", "blank"]) => Some(Way::Empty),
        "write" | "put" | "enter" | "use" | "set" | "answer" | "say" | "reply" | "return"
            if words.iter().any(|word| word.is(vocabulary::QUOTE)) =>
        {
            Some(Way::Write)
        }
        "use" | "take"
            if matches!(&*lower(verb + 1), "the" | "today" | "today's" | "a" | "an" | "that" | "its") =>
        {
            Some(Way::Take)
        }
        "retry" => Some(Way::Retry),
        "call" | "try" | "run" | "repeat" if any(&["again", "more"]) => Some(Way::Retry),
        "search" => Some(Way::LookUp),
        "look" if any(&["up"]) => Some(Way::LookUp),
        "end" | "stop" | "close"
            if any(&["chat", "conversation", "call", "work", "session"]) || words.len() <= 2 =>
        {
            Some(Way::End)
        }
        "give" | "send" | "refer" | "point" | "pass" | "name" => Some(Way::Refer),
        _ => None,
    }
}
