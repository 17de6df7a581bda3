//! Hours that stay free and are filled all the same: "keep 12:00 to 13:00 free", "fill each day from 8:00 to 17:00".

use super::hours::time;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence is not looked at.
const LONG: usize = 60;
/// How many free stretches are kept in mind.
const MOST: usize = 16;

/// Reports stretches that one demand keeps free and another one fills.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let units: Vec<usize> = case
        .demands()
        .filter(|unit| case.labels[*unit].component != Some(Component::Examples))
        .filter(|unit| case.words_of(*unit).len() <= LONG)
        .collect();
    let read = |fills: bool| {
        let told = move |unit: &usize| stretch(text, case.words_of(*unit), fills).map(|hours| (*unit, hours));
        units.iter().filter_map(told)
    };
    let free: Vec<_> = read(false).take(MOST).collect();
    if free.is_empty() {
        return;
    }
    for (unit, (from, to)) in read(true) {
        let within =
            |(other, (start, end)): &&(usize, (u32, u32))| *other != unit && from <= *start && *end <= to;
        if let Some((other, _)) = free.iter().find(within) {
            let (earlier, later) = (unit.min(*other), unit.max(*other));
            sink.clash(case, case.units[later].text, case.units[earlier].text);
        }
    }
}

/// The hours, in minutes from midnight, that a sentence fills, or else keeps free.
fn stretch(text: &str, words: &[Word], fills: bool) -> Option<(u32, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verbs: &[&str] =
        if fills { &["fill", "pack", "book", "schedule"] } else { &["keep", "leave", "hold"] };
    let verb = (0..words.len()).find(|&at| verbs.contains(&&*lower(at)))?;
    let behind = &words[verb..];
    let has = |names: &[&str]| behind.iter().any(|word| names.contains(&&*word.lower(text)));
    // "Fill each day from 9:00 to 18:00, without a gap": all of it.
    let whole = if fills { has(&["each", "every", "all", "whole"]) } else { has(&["free", "empty", "open"]) };
    if !whole || is_exception(text, words) {
        return None;
    }
    let (from, last, at) = (verb + 1..words.len()).find_map(|at| {
        let (minutes, last) = time(text, words, at)?;
        Some((minutes, last, at))
    })?;
    let led = matches!(&*lower(at - 1), "from" | "between");
    let joined = matches!(&*lower(last + 1), "to" | "and" | "until" | "till" | "–" | "-");
    let (to, _) = time(text, words, last + 1 + usize::from(joined)).filter(|_| led)?;
    (from < to).then_some((from, to))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    #[test]
    fn stretches_are_filled_or_kept_free() {
        let read = |text: &str, fills| {
            let words = Words::read(text, 0);
            stretch(text, words.within(Span::new(0, text.len())), fills)
        };
        assert_eq!(read("Leave the time from 13:00 to 15:00 free on every day.", false), Some((780, 900)));
        assert_eq!(read("Fill each day from 9:00 to 18:00 with visits.", true), Some((540, 1080)));
        assert_eq!(read("Fill each day from 9:00 to 18:00, except at noon.", true), None);
        assert_eq!(read("Keep the desk open from 9:00.", false), None);
    }
}
