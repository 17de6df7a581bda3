//! All of a thing, asked for twice: "list every delay", "do not leave out any delay".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Deeds that take a thing in. Sorted.
const TAKES: [&str; 22] = [
    "capture", "catch", "collect", "consider", "cover", "describe", "extract", "find", "give", "handle",
    "identify", "include", "list", "mention", "name", "note", "output", "provide", "record", "report",
    "return", "show",
];
/// Deeds that leave it away. Sorted.
const LEAVES: [&str; 9] = ["drop", "forget", "ignore", "leave", "lose", "miss", "omit", "overlook", "skip"];
/// What has been done to a thing that is there, and to one that is not. Sorted.
const TAKEN: [&str; 13] = [
    "captured", "considered", "covered", "described", "extracted", "found", "identified", "included",
    "listed", "mentioned", "named", "recorded", "reported",
];
const LEFT: [&str; 9] =
    ["dropped", "forgotten", "left", "lost", "missed", "missing", "omitted", "overlooked", "skipped"];

/// The longest demand that is read, in words and signs, and how many are remembered.
const LONG: usize = 16;
const MOST: usize = 64;

/// Each demand for all of a thing of which an earlier one wants all. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    told_again(words, spans, MOST, |demand| thing(text, demand), |told, later| told == later)
}

/// The thing of which a demand wants all, as stems.
fn thing(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    if words.len() > LONG || words.iter().any(|word| word.is(vocabulary::CONDITION)) {
        return None;
    }
    let is = |at: usize, list: &[&str]| list.binary_search(&&*lower(at)).is_ok();
    let amount = |at: usize| match &*lower(at) {
        "every" | "each" | "all" | "any" | "no" => Some(at + 1),
        "a" if lower(at + 1) == "single" => Some(at + 2),
        _ => None,
    };
    let from_of = |at: usize| {
        let of = if lower(at) == "single" { at + 1 } else { at };
        let of = if lower(of) == "of" { of + 1 } else { of };
        if matches!(&*lower(of), "the" | "these" | "those") { of + 1 } else { of }
    };
    let mut at = 0;
    let mut denied = false;
    // "Make sure that you do not …".
    loop {
        match &*lower(at) {
            "please" | "always" | "you" | "must" | "should" | "be" | "to" | "careful" | "try" => at += 1,
            "make" | "ensure" if lower(at) == "ensure" || lower(at + 1) == "sure" => {
                at += if lower(at) == "ensure" { 1 } else { 2 };
            }
            "that" => at += 1,
            "do" if lower(at + 1) == "not" => (denied, at) = (true, at + 2),
            "don't" | "never" | "not" => (denied, at) = (true, at + 1),
            _ => break,
        }
    }
    // "All delays are included", "no delay is left out".
    if let Some(from) = amount(at).map(from_of).filter(|_| !denied && lower(at) != "any") {
        let is_at = (from + 1..words.len().min(from + 4))
            .find(|&at| matches!(&*lower(at), "is" | "are" | "must" | "should" | "may" | "has" | "have"))?;
        let done = (is_at + 1..words.len().min(is_at + 5)).find(|&at| is(at, &TAKEN) || is(at, &LEFT))?;
        let none = lower(at) == "no";
        let whole = none && is(done, &LEFT) || !none && is(done, &TAKEN);
        let not = (is_at..done).any(|at| words[at].is(vocabulary::NEGATION));
        let end = if lower(done + 1) == "out" { done + 2 } else { done + 1 };
        let ends = words[end.min(words.len())..].iter().all(|word| word.is_punctuation());
        return (whole && !not && ends).then(|| stems(text, &words[from..is_at])).flatten();
    }
    let leaves = is(at, &LEAVES);
    if !(leaves && denied || is(at, &TAKES) && !denied) {
        return None;
    }
    at += 1;
    if lower(at) == "out" {
        at += 1;
    }
    // "Leave out a delay" leaves none out where it is ruled out; "list any delay" may list one.
    let from = match (amount(at), &*lower(at)) {
        (_, "any") if !leaves => return None,
        (_, "all" | "each" | "no") if leaves => return None,
        (Some(from), _) => from_of(from),
        (None, "a" | "an") if leaves => at + 1,
        _ => return None,
    };
    let mut end = (from..words.len()).find(|&at| words[at].is_punctuation()).unwrap_or(words.len());
    if words[end.min(words.len())..].iter().any(|word| !word.is_punctuation()) {
        return None;
    }
    if end > from && lower(end - 1) == "out" {
        end -= 1;
    }
    stems(text, &words[from..end])
}

/// Stems of a thing of one or two words.
fn stems(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let plain = |word: &Word| {
        !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL) && !word.is_number()
    };
    let fits = (1..=2).contains(&words.len()) && words.iter().all(plain);
    fits.then(|| words.iter().map(|word| stem(&word.lower(text))).collect())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn all_of_a_thing_twice() {
        assert!([&TAKES[..], &LEAVES, &TAKEN, &LEFT].iter().all(|list| list.is_sorted()));
        let first = "List every delay.";
        assert!(again(first, "Do not leave out any delay."));
        assert!(again(first, "Do not leave any delay out."));
        assert!(again(first, "Make sure that all delays are included."));
        assert!(again("Never skip a delay.", "Capture all of the delays."));
        assert!(again(first, "No delay may be missing."));
        assert!(!again(first, "Do not leave out any pier."));
        assert!(!again(first, "List any delay."));
        assert!(!again(first, "Not every delay is listed."));
        assert!(!again(first, "Do not list every delay."));
        assert!(!again(first, "List every delay with its pier."), "the pier is new");
        assert!(!again(first, "Ignore all delays."));
    }
}
