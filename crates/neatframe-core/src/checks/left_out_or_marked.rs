//! Things that are to be left out here and marked there: "leave out sightings that are not sure", "mark doubtful sightings".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use std::borrow::Cow;

/// Verbs after which a thing is not in the reply.
const DROPS: [&str; 9] =
    ["leave", "skip", "omit", "drop", "exclude", "ignore", "delete", "remove", "discard"];
/// Verbs after which it is there, and looks some way.
const MARKS: [&str; 8] = ["mark", "flag", "list", "show", "number", "highlight", "underline", "group"];
/// Words from which a sentence says more than this.
const LONG: usize = 16;

struct Fate {
    things: Vec<u32>,
    dropped: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, fate, |one, two| {
        let shared = one.things.iter().filter(|thing| two.things.contains(thing)).count();
        let fewer = one.things.len().min(two.things.len());
        one.dropped != two.dropped
            && shared >= 2
            && shared == fewer
            && one.things.len().max(two.things.len()) <= 3
    });
}

fn fate(case: &Case<'_>, unit: usize) -> Option<Fate> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG
        || is_exception(text, words)
        || words.iter().any(|word| word.is(vocabulary::CONDITION))
    {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let dropped = DROPS.contains(&&*lower(0)) && (lower(0) != "leave" || lower(1) == "out");
    if !dropped && !MARKS.contains(&&*lower(0)) {
        return None;
    }
    let from = 1 + usize::from(lower(0) == "leave");
    let ends = |at: &usize| {
        words[*at].is_punctuation()
            || matches!(&*lower(*at), "with" | "in" | "as" | "by" | "from" | "at" | "for")
    };
    let end = (from..words.len()).find(ends).unwrap_or(words.len());
    // "That are not sure", "doubtful".
    let sure = |at: usize| matches!(&*lower(at), "sure" | "certain");
    let denied = |at: usize| at > 0 && words[at - 1].is(vocabulary::NEGATION);
    let mut things: Vec<u32> = (from..end)
        .filter(|&at| !words[at].is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::FINITE))
        .map(|at| if sure(at) && denied(at) { stem("uncertain") } else { stem(&lower(at)) })
        .collect();
    things.dedup();
    (things.len() >= 2).then_some(Fate { things, dropped })
}
