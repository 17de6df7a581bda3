//! Sentences on what comes back, told in passing, and the question that a prompt ends in.

use super::Reading;
use crate::lexicon::vocabulary;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// "You shall also return the reason", "after the label, write the note": a part of the answer.
pub(super) fn names_a_part(reading: &Reading<'_>, unit: &Unit) -> bool {
    const WRITES: [&str; 6] = ["provide", "give", "write", "add", "put", "output"];
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "You must return an error if the pier is unknown" is a way out.
    if words.iter().skip(1).any(|word| word.is(vocabulary::CONDITION | vocabulary::NEGATION)) {
        return false;
    }
    if lower(0) == "you" && matches!(&*lower(1), "must" | "shall" | "should" | "will") {
        let verb = 2 + usize::from(matches!(&*lower(2), "also" | "always" | "then"));
        let back = verb + 1 + usize::from(matches!(&*lower(verb + 1), "separately" | "both"));
        return lower(verb) == "return" && matches!(&*lower(back), "the" | "a" | "an" | "both");
    }
    let behind = lower(0) == "after" && lower(1) == "the" && lower(3) == ",";
    behind && WRITES.contains(&&*lower(4))
}

/// "I will now give an example for you to learn from:".
pub(super) fn promises_a_sample(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = 2 + usize::from(lower(2) == "now");
    lower(0) == "i"
        && lower(1) == "will"
        && matches!(&*lower(verb), "provide" | "give" | "show")
        && words[verb..].iter().take(4).any(|word| word.lower(text).starts_with("example"))
}

/// "Is the slip complete?" at the very end, behind all that was put in: the ask.
pub(super) fn asks_at_the_end(reading: &Reading<'_>, index: usize) -> bool {
    const OPENS: [&str; 10] = ["is", "are", "does", "do", "did", "was", "which", "what", "who", "should"];
    let unit = &reading.units[index];
    let last = reading.units[index + 1..].iter().all(|unit| unit.kind == UnitKind::Mark);
    let first = reading.words.within(unit.text).first().map(|word| word.lower(reading.source.text()));
    let filled = reading.slots.first().is_some_and(|slot| slot.span.end() < unit.text.start());
    last && filled
        && unit.kind == UnitKind::Sentence
        && reading.source.slice(unit.text).ends_with('?')
        && first.is_some_and(|first| OPENS.contains(&&*first))
}

/// "Each lesson: goal, warm-up (5 min), main part": what each of the things that come back holds.
pub(super) fn lists_parts_of_each(line: &str) -> bool {
    // A line or a record may as well be one that comes in.
    const EITHER: [&str; 8] = ["line", "row", "record", "entry", "file", "input", "mail", "message"];
    let line = line.trim_start_matches(['-', '*', ' ']);
    let Some((head, list)) = line.split_once(": ") else { return false };
    let head = head.to_lowercase();
    let mut words = head.strip_prefix("for ").unwrap_or(&head).split_whitespace();
    let each = words.next().is_some_and(|word| matches!(word, "each" | "every"));
    let named: Vec<&str> = words.collect();
    let parts: Vec<&str> = list.trim_end_matches('.').split(',').map(str::trim).collect();
    let short = |part: &&str| !part.is_empty() && part.split_whitespace().count() <= 8;
    each && named.len() <= 3
        && !named.iter().any(|word| EITHER.contains(word))
        && parts.len() >= 3
        && parts.iter().all(short)
        && !list.contains(['?', ';', ':'])
        && !list.contains(". ")
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn parts_of_each_thing_that_comes_back() {
        assert!(lists_parts_of_each("Each lesson: goal, warm-up (5 min), main part (30 min), exit task."));
        assert!(lists_parts_of_each("For each: where the sofa stands, what to buy, and how it is lit."));
        assert!(!lists_parts_of_each("Each line: time, pier, boat"), "what comes in, it may be");
        assert!(!lists_parts_of_each("Each tour is fun: guests laugh, sing and dance."), "no name");
        assert!(!lists_parts_of_each("Each pier has a lamp, a bench and a bell."));
    }
}
