//! Two things that are both to be asked first: "ask for the number before anything else", "begin by asking for the name".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, asked_first, |one, two| !one.iter().any(|stem| two.contains(stem)));
}

/// The stems of what a unit has asked first.
fn asked_first(case: &Case<'_>, unit: usize) -> Option<Vec<u32>> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let first = |at: usize| lower(at) == "before" && matches!(&*lower(at + 1), "anything" | "everything");
    let (from, to) = match (&*lower(0), &*lower(1), &*lower(2)) {
        ("begin" | "start" | "open", "by" | "with", "asking") => (3, words.len()),
        ("first", "ask", "for") => (3, words.len()),
        // "Ask for the address first."
        ("ask", "for", _) => {
            let closes = |at: usize| {
                lower(at) == "first" && words.get(at + 1).is_none_or(|word| word.is_punctuation())
            };
            (2, (3..words.len()).find(|&at| first(at) || closes(at))?)
        }
        // "The first question is the name, then the day."
        ("the", "first", "question") if matches!(&*lower(3), "is" | "asks" | "concerns") => (4, words.len()),
        _ => return None,
    };
    let from = from + usize::from(lower(from) == "for");
    let ends = |word: &Word| word.is_punctuation() || matches!(&*word.lower(text), "and" | "so" | "before");
    let object = &words[from..to];
    let object = &object[..object.iter().position(ends).unwrap_or(object.len())];
    let plain = |word: &&Word| !word.is(vocabulary::STOP) && !word.is_number();
    let stems: Vec<u32> = object.iter().filter(plain).map(|word| stem(&word.lower(text))).collect();
    (1..=4).contains(&stems.len()).then_some(stems)
}
