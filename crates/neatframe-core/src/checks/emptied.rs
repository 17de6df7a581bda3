//! A place that is to stay empty here and to hold something there: "leave the last column empty".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs with which a place holds something.
const HOLDS: [&str; 8] = ["holds", "contains", "gives", "shows", "has", "names", "lists", "carries"];
/// Places that may stay empty.
const PLACES: [&str; 9] = ["column", "field", "cell", "line", "row", "box", "slot", "space", "subject"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, place, |(one, empty), (two, again)| one == two && empty != again);
}

/// The stems of the words that name the place, and whether it stays empty.
fn place(case: &Case<'_>, unit: usize) -> Option<(Vec<u32>, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if is_exception(text, words) {
        return None;
    }
    let named = |part: &[Word]| {
        let plain = part.iter().filter(|word| !word.is(vocabulary::STOP) && !word.is_punctuation());
        let stems: Vec<u32> = plain.map(|word| stem(&word.lower(text))).collect();
        let last = part.last().is_some_and(|word| PLACES.contains(&&*word.lower(text)));
        (last && (1..=3).contains(&stems.len())).then_some(stems)
    };
    if matches!(&*lower(0), "leave" | "keep") {
        let end = (2..words.len().min(6)).find(|&at| matches!(&*lower(at), "empty" | "blank" | "free"))?;
        return Some((named(&words[1..end])?, true));
    }
    if lower(0) == "fill" {
        let from = if lower(1) == "in" { 2 } else { 1 };
        let end = (from..words.len()).find(|&at| words[at].is_punctuation() || lower(at) == "with")?;
        return Some((named(&words[from..end])?, false));
    }
    let verb = (2..words.len().min(5)).find(|&at| HOLDS.contains(&&*lower(at)))?;
    let bans = words.get(verb + 1).is_some_and(|word| word.is(vocabulary::NEGATION));
    (lower(0) == "the" && !bans).then(|| Some((named(&words[..verb])?, false)))?
}
