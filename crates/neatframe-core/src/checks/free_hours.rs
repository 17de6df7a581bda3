//! Hours that stay free and are filled all the same: "keep 12:00 to 13:00 free", "fill each day from 8:00 to 17:00".

use super::hours::time;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{is_exception, number};
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
        if fills { &["fill", "pack", "book", "schedule", "plan"] } else { &["keep", "leave", "hold"] };
    let verb = (0..words.len()).find(|&at| verbs.contains(&&*lower(at)))?;
    let behind = &words[verb..];
    let has = |names: &[&str]| behind.iter().any(|word| names.contains(&&*word.lower(text)));
    // "Fill each day from 9:00 to 18:00, without a gap": all of it.
    let gapless = || has(&["without"]) && has(&["gap", "gaps", "break", "breaks", "pause"]);
    let whole = if fills {
        has(&["each", "every", "all", "whole"]) || gapless()
    } else {
        has(&["free", "empty", "open"])
    };
    if !whole || is_exception(text, words) {
        return None;
    }
    // "Leave the afternoon open".
    let part = || {
        let of_day = PARTS_OF_DAY.iter().find(|(name, ..)| *name == lower(verb + 2))?;
        matches!(&*lower(verb + 1), "the" | "every" | "each").then_some((of_day.1, of_day.2))
    };
    if let Some(part) = part().filter(|_| !fills) {
        return Some(part);
    }
    let (from, last, at) = (verb + 1..words.len()).find_map(|at| {
        let (minutes, last) = hour(text, words, at)?;
        Some((minutes, last, at))
    })?;
    let led = matches!(&*lower(at - 1), "from" | "between") || at == verb + 1;
    let joined = matches!(&*lower(last + 1), "to" | "and" | "until" | "till" | "–" | "-");
    let (to, _) = hour(text, words, last + 1 + usize::from(joined)).filter(|_| led)?;
    // "From 8 to 6": to six in the evening.
    let to = if to <= from && to < NOON { to + NOON } else { to };
    (from < to).then_some((from, to))
}

const NOON: u32 = 12 * 60;

/// Parts of a day that are free for sure where they are said to be, in minutes from midnight.
const PARTS_OF_DAY: [(&str, u32, u32); 3] =
    [("morning", 10 * 60, NOON), ("afternoon", 14 * 60, 16 * 60), ("evening", 19 * 60, 21 * 60)];

/// A time of day, or the plain number of one that opens or closes a stretch: "from 8 to 6", "noon to two".
fn hour(text: &str, words: &[Word], at: usize) -> Option<(u32, usize)> {
    let word = words.get(at)?;
    if matches!(&*word.lower(text), "noon" | "midday") {
        return Some((NOON, at));
    }
    let plain = || {
        let next = words.get(at + 1).map_or(Cow::Borrowed(""), |word| word.lower(text));
        let before = at.checked_sub(1).map_or(Cow::Borrowed(""), |at| words[at].lower(text));
        let opens =
            matches!(&*next, "to" | "and" | "until" | "till") && matches!(&*before, "from" | "between");
        let closes = matches!(&*before, "to" | "and" | "until" | "till")
            && matches!(&*next, "without" | "free" | "every" | "each" | "open");
        let value = number(text, *word).filter(|value| (opens || closes) && *value <= 24)?;
        Some((value * 60, at))
    };
    time(text, words, at).or_else(plain)
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
