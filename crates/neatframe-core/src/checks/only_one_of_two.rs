//! Two things that are given, and one of them alone: "give the class and the name of the sender", "only give the class".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 20;

/// What is given: the stem of the first thing, and whether it is all.
struct Given {
    thing: u32,
    alone: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, given, |one, two| one.thing == two.thing && one.alone != two.alone);
}

fn given(case: &Case<'_>, unit: usize) -> Option<Given> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let gives = |at: usize| {
        matches!(&*lower(at), "give" | "return" | "write" | "output" | "state" | "print" | "send")
    };
    let ends = |at: usize| words.get(at).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    let named = |at: usize| {
        let word = words.get(at).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
        (lower(at - 1) == "the").then(|| stem(&word.lower(text)))
    };
    // "Only give the class", "give only the class".
    if lower(0) == "only" && gives(1) || gives(0) && lower(1) == "only" {
        return named(3).filter(|_| ends(4)).map(|thing| Given { thing, alone: true });
    }
    // "Give the class and, after a comma, the name of the sender."
    let thing = named(2).filter(|_| gives(0) && lower(3) == "and")?;
    let second = (4..words.len().min(11)).find(|&at| lower(at) == "the")?;
    named(second + 1)?;
    Some(Given { thing, alone: false })
}
