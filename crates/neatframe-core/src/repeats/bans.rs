//! Bans that an earlier demand already holds: on one of the things that it lists, on what it leaves aside, on all where it wants
//! only what is needed.

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// How many earlier demands of each kind are remembered.
const MOST: usize = 64;

/// The longest ban that can say nothing new, in words.
const LONG: usize = 16;

/// Each unit that says nothing new, with the earlier one that does. `spans` are the demands of a prompt in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut listed: Vec<(usize, Vec<Vec<u32>>)> = Vec::new();
    let mut confined: Vec<(usize, u32)> = Vec::new();
    let mut never_all: Vec<(usize, u32, u32)> = Vec::new();
    let mut denied: Vec<(usize, u32)> = Vec::new();
    let mut once: Vec<(usize, u32)> = Vec::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let all = words.within(span);
        if listed.len() + confined.len() + never_all.len() < MOST {
            if let Some((verb, thing)) = never_every(text, all) {
                never_all.push((unit, verb, thing));
            }
            if let Some(source) = only_from(text, all) {
                confined.push((unit, source));
            }
        }
        let deed = never_so(text, all);
        let twice = never_twice(text, all);
        let told = deed.filter(|(_, points)| *points).and_then(|(verb, _)| told_of(&denied, verb));
        if let Some(earlier) = told.or_else(|| told_of(&once, twice?)) {
            found.push((unit, earlier));
        }
        denied.extend(deed.map(|(verb, _)| (unit, verb)).filter(|_| denied.len() < MOST));
        let deeds = done_once(text, all).unwrap_or_default();
        once.extend(deeds.into_iter().map(|verb| (unit, verb)).take(MOST.saturating_sub(once.len())));
        let without = done_without(text, all).filter(|_| listed.len() < MOST);
        if all.len() > LONG {
            let things = forbidden(text, all).filter(|things| things.len() > 1 && listed.len() < MOST);
            listed.extend(things.into_iter().chain(without).map(|things| (unit, things)));
            continue;
        }
        let needed = only_needed(text, all).and_then(|(verb, thing)| {
            never_all
                .iter()
                .find(|(_, other, of)| *other == verb && *of == thing)
                .map(|(earlier, ..)| *earlier)
        });
        let aside = || {
            let from = denied_source(text, all)?;
            confined.iter().find(|(_, source)| *source == from).map(|(earlier, _)| *earlier)
        };
        let things = forbidden(text, all).or_else(|| not_to_be_done(text, all));
        let one_of = || {
            let own = things.as_ref()?;
            let within =
                |of: &Vec<Vec<u32>>| own.iter().all(|thing| of.iter().any(|all| covers(all, thing, of)));
            listed.iter().find(|(_, of)| of.len() >= own.len() && within(of)).map(|(earlier, _)| *earlier)
        };
        if let Some(earlier) = needed.or_else(aside).or_else(one_of).filter(|earlier| *earlier != unit) {
            found.push((unit, earlier));
        }
        listed.extend(
            things.filter(|things| things.len() > 1 && listed.len() < MOST).map(|things| (unit, things)),
        );
        listed.extend(without.map(|things| (unit, things)));
    }
    found
}

/// True where a banned thing is one of a list: "a summary section" in "no preface, summary or reference section".
fn covers(all: &[u32], thing: &[u32], list: &[Vec<u32>]) -> bool {
    let head = list.last().and_then(|last| last.last());
    thing.iter().all(|stem| all.contains(stem) || Some(stem) == head)
        && all.iter().any(|stem| thing.contains(stem))
}

/// Verbs that put something into the answer.
const PUTS: [&str; 14] = [
    "add", "include", "have", "write", "contain", "give", "output", "put", "provide", "generate", "insert",
    "append", "use", "mention",
];

/// The things that "do not add a preface, a summary or a sign-off" rules out, each as stems.
fn forbidden(text: &str, words: &[Word]) -> Option<Vec<Vec<u32>>> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let first = usize::from(matches!(&*lower(0), "must" | "please" | "you" | "also"))
        + usize::from(lower(0) == "you");
    let after = match (&*lower(first), &*lower(first + 1)) {
        ("do" | "must", "not") => first + 2,
        ("never" | "don't" | "not", _) => first + 1,
        _ => return None,
    };
    if !PUTS.contains(&&*lower(after)) {
        return None;
    }
    let mut things = vec![Vec::new()];
    for word in &words[after + 1..] {
        let said = word.lower(text);
        match &*said {
            "," | "or" | "nor" | "and" => {
                if things.last().is_some_and(|thing| !thing.is_empty()) {
                    things.push(Vec::new());
                }
            }
            "." | "!" => {}
            "a" | "an" | "the" | "any" | "other" => {}
            // What follows says where, when or of what: no plain list.
            _ if word
                .is(vocabulary::STOP | vocabulary::CONDITION | vocabulary::MODAL | vocabulary::NEGATION)
                || word.is_punctuation() =>
            {
                return None;
            }
            _ => things.last_mut()?.push(stem(&said)),
        }
    }
    things.retain(|thing| !thing.is_empty());
    (!things.is_empty() && things.iter().all(|thing| thing.len() <= 3)).then_some(things)
}

/// What comes of a deed. Sorted.
const MADE: [(&str, &str); 9] = [
    ("apologise", "apology"),
    ("apologize", "apology"),
    ("comment", "comment"),
    ("conclude", "conclusion"),
    ("explain", "explanation"),
    ("introduce", "introduction"),
    ("justify", "justification"),
    ("summarise", "summary"),
    ("summarize", "summary"),
];

/// The things that "give the rating without any explanation or justification" does without.
fn done_without(text: &str, words: &[Word]) -> Option<Vec<Vec<u32>>> {
    let at = words.iter().position(|word| word.lower(text) == "without")?;
    let things = words[at + 1..].iter().take(REACH).take_while(|word| {
        let said = word.lower(text);
        matches!(&*said, "any" | "or" | "an" | "a")
            || MADE.iter().any(|(_, made)| said.trim_end_matches('s') == *made)
    });
    let made = |word: &Word| !matches!(&*word.lower(text), "any" | "or" | "an" | "a");
    let things: Vec<Vec<u32>> =
        things.filter(|word| made(word)).map(|word| vec![stem(&word.lower(text))]).collect();
    (!things.is_empty()).then_some(things)
}

/// How many words behind "without" are read.
const REACH: usize = 8;

/// "Do not explain or justify it": the deeds, each as the stem of what comes of it.
fn not_to_be_done(text: &str, words: &[Word]) -> Option<Vec<Vec<u32>>> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let after = match (&*lower(0), &*lower(1)) {
        ("do", "not") => 2,
        ("never" | "don't", _) => 1,
        _ => return None,
    };
    let deeds = words[after..].iter().take(REACH).take_while(|word| {
        let said = word.lower(text);
        said == "or" || MADE.iter().any(|(deed, _)| said == *deed)
    });
    let made = |word: &Word| {
        MADE.iter().find(|(deed, _)| word.lower(text) == *deed).map(|(_, made)| vec![stem(made)])
    };
    let things: Vec<Vec<u32>> = deeds.filter_map(made).collect();
    // "Do not explain how the tool works" rules out one explanation of many.
    let told =
        |word: &Word| matches!(&*word.lower(text), "how" | "what" | "the" | "why" | "to" | "that" | "who");
    (!things.is_empty() && !words[after..].iter().any(told)).then_some(things)
}

/// The earlier unit that told of a deed.
fn told_of(seen: &[(usize, u32)], verb: u32) -> Option<usize> {
    seen.iter().find(|(_, known)| *known == verb).map(|(unit, _)| *unit)
}

/// Where the deed stands in "you do not paint boats", "never paint them".
fn forbidden_deed(text: &str, words: &[Word]) -> Option<usize> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let cased = words.iter().any(|word| word.is(vocabulary::CONDITION) && word.lower(text) != "once");
    let denied = (0..words.len()).find(|&at| match &*lower(at) {
        "never" | "don't" => true,
        "not" => at > 0 && matches!(&*lower(at - 1), "do" | "must" | "should"),
        _ => false,
    })?;
    Some(denied + 1).filter(|&at| !cased && at < words.len())
}

/// A deed that is ruled out for things of one name, "you do not paint boats", or by pointing at them: "you do not paint them". True
/// for the second.
fn never_so(text: &str, words: &[Word]) -> Option<(u32, bool)> {
    const GENERAL: [&str; 12] =
        ["use", "make", "do", "have", "be", "add", "include", "give", "write", "put", "let", "get"];
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let verb = forbidden_deed(text, words).filter(|&verb| !GENERAL.contains(&&*lower(verb)))?;
    let ended = words.get(verb + 2).is_none_or(|word| matches!(word.text(text), "." | "," | ";" | "!"));
    let points =
        verb <= 4 && words.len() <= verb + 3 && matches!(&*lower(verb + 1), "them" | "these" | "those");
    let plain = lower(verb + 1).ends_with('s');
    (ended && (points || plain)).then(|| (stem(&lower(verb)), points))
}

/// "Call the tool once": what may be the deed.
fn done_once(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let at = words.iter().position(|word| word.lower(text) == "once")?;
    let timed = words.get(at + 1).is_none_or(|next| {
        next.is_punctuation() || matches!(&*next.lower(text), "when" | "for" | "per" | "and" | "only")
    });
    let before = &words[at.saturating_sub(REACH)..at];
    let denied = before.iter().any(|word| word.is(vocabulary::NEGATION) || word.lower(text) == "than");
    let names = |word: &Word| word.is(vocabulary::VERB) || word.lower(text).ends_with("ing");
    let first = before.first().filter(|_| at <= REACH);
    let deeds = before.iter().filter(|word| names(word)).chain(first);
    (timed && !denied).then(|| deeds.map(|word| stem(&word.lower(text))).collect())
}

/// "Do not call the tool multiple times", "never call it more than once": the deed.
fn never_twice(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let verb = forbidden_deed(text, words)?;
    let several = (verb + 1..words.len()).any(|at| match (&*lower(at), &*lower(at + 1)) {
        ("multiple" | "several" | "many", "times") => true,
        ("more", "than") => lower(at + 2) == "once",
        ("twice" | "repeatedly", next) => next != "as",
        _ => false,
    });
    (several && words.len() - verb <= REACH).then(|| stem(&lower(verb)))
}

/// "Never query for all columns": the verb and the things.
fn never_every(text: &str, words: &[Word]) -> Option<(u32, u32)> {
    let at = words.iter().position(|word| word.lower(text) == "all")?;
    let denied = words[..at].iter().position(|word| word.is(vocabulary::NEGATION)).filter(|_| at <= 5)?;
    let verb = words[denied + 1..at].first()?;
    let thing = words[at + 1..].iter().find(|word| !word.is(vocabulary::STOP))?;
    Some((stem(&verb.lower(text)), stem(&thing.lower(text))))
}

/// "Query only the columns that are needed": the verb and the things.
fn only_needed(text: &str, words: &[Word]) -> Option<(u32, u32)> {
    let at = words.iter().position(|word| word.lower(text) == "only")?;
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let verb = words[..at].last()?;
    let thing = words[at + 1..].iter().find(|word| !word.is(vocabulary::STOP))?;
    let needed = words[at..].iter().any(|word| {
        matches!(&*word.lower(text), "needed" | "need" | "needs" | "necessary" | "required" | "relevant")
    });
    (!denied && needed).then(|| (stem(&verb.lower(text)), stem(&thing.lower(text))))
}

/// "Create the notes from the guest's messages only": what they are taken from.
fn only_from(text: &str, words: &[Word]) -> Option<u32> {
    let only =
        words.iter().any(|word| matches!(&*word.lower(text), "only" | "solely" | "exclusively" | "alone"));
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let cased = words.iter().any(|word| word.is(vocabulary::CONDITION));
    let based = words.windows(2).position(|pair| {
        let (one, two) = (pair[0].lower(text), pair[1].lower(text));
        matches!(
            (&*one, &*two),
            ("based", "on" | "upon") | ("solely" | "only" | "exclusively", "from" | "on")
        )
    })?;
    (only && !denied && !cased).then(|| last_of(text, &words[based + 2..])).flatten()
}

/// "Do not pick anything from the system's messages": what is left aside.
fn denied_source(text: &str, words: &[Word]) -> Option<u32> {
    let taken = ["pick", "take", "include", "use", "extract", "return", "generate", "draw", "copy"];
    let at = words.iter().position(|word| word.lower(text) == "from")?;
    let before = &words[..at];
    let denied = before.iter().any(|word| word.is(vocabulary::NEGATION) || word.lower(text) == "penalized");
    let takes = before.iter().any(|word| taken.contains(&&*word.lower(text)));
    let named = before.iter().filter(|word| !word.is(vocabulary::STOP)).all(|word| {
        word.is(vocabulary::NEGATION | vocabulary::VERB | vocabulary::MODAL | vocabulary::CONDITION)
            || word.is_punctuation()
            || matches!(
                &*word.lower(text),
                "anything" | "information" | "facts" | "content" | "important" | "penalized" | "will" | "you"
            )
    });
    (denied && takes && named).then(|| last_of(text, &words[at + 1..])).flatten()
}

/// The last word of meaning of a place that is named and nothing else, as a stem.
fn last_of(text: &str, words: &[Word]) -> Option<u32> {
    let rest: Vec<&Word> = words
        .iter()
        .filter(|word| !word.is_punctuation() && !matches!(&*word.lower(text), "only" | "alone" | "solely"))
        .collect();
    let last = rest.last()?;
    (rest.len() <= 6 && !last.is(vocabulary::STOP | vocabulary::NEGATION)).then(|| stem(&last.lower(text)))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn is_said(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn a_ban_on_one_of_several_things() {
        let list = "Do not include any preface, summary or reference section.";
        assert!(is_said(list, "Do not add a summary section."));
        assert!(is_said("You must not have a preface, a map or a boat list.", "Never write a map."));
        assert!(!is_said(list, "Do not add a map."));
        assert!(!is_said(list, "Do not add a summary in the title."));
        assert!(!is_said("Do not add a summary section.", list));
    }

    #[test]
    fn the_same_deed_pointed_at() {
        let told = "Your only job is to plan — you do not paint boats.";
        assert!(is_said(told, "You do NOT paint them."));
        assert!(!is_said(told, "You do not sell them."));
        assert!(!is_said(told, "Do not paint them twice."));
        assert!(!is_said("Paint boats.", "Do not paint them."));
    }

    #[test]
    fn once_and_not_several_times() {
        let once = "Look up a new slip by calling the log tool once when you need it.";
        assert!(is_said(once, "Do NOT call the tool multiple times."));
        assert!(is_said("Call the log tool only once.", "Never call it more than once."));
        assert!(!is_said(once, "Do not sort the slips multiple times."));
        assert!(!is_said("Once you have the slip, call the log.", "Do not call the log several times."));
    }

    #[test]
    fn what_only_the_needed_leaves_aside() {
        assert!(is_said(
            "Never list all piers of the line.",
            "You must list only the piers that are needed."
        ));
        assert!(!is_said("Never list all piers of the line.", "List only the boats that are needed."));
        assert!(!is_said("List all piers of the line.", "List only the piers that are needed."));
    }

    #[test]
    fn what_the_one_source_leaves_aside() {
        let only = "Write the notes based on the guest's messages only.";
        assert!(is_said(only, "Do not pick anything from the system messages."));
        assert!(!is_said(only, "Do not pick anything from the price list."));
        assert!(!is_said(only, "Do not pick a boat from the system messages."));
        assert!(!is_said(
            "Write the notes from the guest's messages.",
            "Do not take anything from the system messages."
        ));
    }
}
