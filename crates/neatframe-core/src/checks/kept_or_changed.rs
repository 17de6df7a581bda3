//! A part that is to stay as it is here and to be changed there: "leave the headline as it is", "rewrite the headline".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs after which a thing is no longer what it was.
const CHANGES: [&str; 15] = [
    "rewrite", "reflow", "reword", "rephrase", "change", "shorten", "improve", "edit", "replace", "rework",
    "polish", "alter", "rename", "translate", "modernise",
];
/// Words behind a thing that say that it stays.
const AS_IT_IS: [&str; 5] = ["as", "unchanged", "untouched", "alone", "intact"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, fate, |(one, kept), (two, again)| one == two && kept != again);
}

/// The stems of the thing, and whether it is kept.
fn fate(case: &Case<'_>, unit: usize) -> Option<(Vec<u32>, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if is_exception(text, words) {
        return None;
    }
    let the = |at: usize| matches!(&*lower(at), "the" | "all" | "every" | "each" | "any");
    let bans = matches!(&*lower(0), "never" | "don't") || lower(0) == "do" && lower(1) == "not";
    let verb = if bans { 1 + usize::from(lower(0) == "do") } else { 0 };
    let changes = CHANGES.contains(&&*lower(verb)) || bans && lower(verb) == "touch";
    let keeps = !bans && matches!(&*lower(0), "leave" | "keep");
    if !the(verb + 1) || !changes && !keeps {
        return None;
    }
    let object = &words[verb + 2..];
    let object =
        &object[..object.iter().take(5).position(|word| closes(text, *word)).unwrap_or(object.len())];
    let plain = object
        .iter()
        .filter(|word| !word.is(vocabulary::STOP) && !matches!(&*word.lower(text), "original" | "given"));
    let stems: Vec<u32> = plain.map(|word| stem(&word.lower(text))).collect();
    let behind = lower(verb + 2 + object.len());
    let original = object.first().is_some_and(|word| word.lower(text) == "original");
    // "Change the title of the table" is about one of them, "leave the title out" keeps nothing.
    let whole = changes && behind != "of" && behind != "in";
    let stays = keeps && (original || AS_IT_IS.contains(&&*behind));
    ((whole || stays) && (1..=3).contains(&stems.len())).then_some((stems, bans || stays))
}

/// True for a word that no longer belongs to the thing.
fn closes(text: &str, word: Word) -> bool {
    word.is_punctuation()
        || AS_IT_IS.contains(&&*word.lower(text))
        || matches!(
            &*word.lower(text),
            "so" | "to" | "into" | "in" | "of" | "by" | "with" | "that" | "for" | "and" | "out" | "from"
        )
}
