//! One statement that the reply is to make, asked for twice: "say that swimming is forbidden and why", "make clear that swimming
//! is forbidden".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};
use std::borrow::Cow;

/// How many of them are remembered.
const MOST: usize = 32;
/// The fewest words of meaning of a statement, and the most words behind "that".
const LEAST: usize = 2;
const LONG: usize = 14;

/// A statement: its stems, whether it holds a negation, and whether it is all that its sentence asks for.
struct Said {
    stems: Vec<u32>,
    denied: bool,
}

/// Each demand that has the same said again. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    told_again(
        words,
        spans,
        MOST,
        |demand| said(text, demand),
        |one, two| one.denied == two.denied && two.stems.iter().all(|stem| one.stems.contains(stem)),
    )
}

fn said(text: &str, words: &[Word]) -> Option<Said> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*lower(0), "also" | "please" | "always"));
    let that = match (&*lower(from), &*lower(from + 1)) {
        ("say" | "state" | "mention" | "note" | "stress" | "explain" | "add" | "write", "that") => from + 1,
        ("make", "clear" | "plain") | ("point", "out") if lower(from + 2) == "that" => from + 2,
        _ => return None,
    };
    let clause = &words[that + 1..];
    let quoted = clause.iter().any(|word| word.is(vocabulary::QUOTE));
    let cased = clause.iter().any(|word| word.is(vocabulary::CONDITION));
    let means = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::NEGATION);
    let stems: Vec<u32> = clause.iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    let denied = clause.iter().any(|word| word.is(vocabulary::NEGATION));
    let fits = stems.len() >= LEAST && clause.len() <= LONG && !quoted && !cased;
    fits.then_some(Said { stems, denied })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_statement_in_two_demands() {
        let again = |first: &str, second: &str| two_lines(first, second, repeated);
        assert!(again("Say that swimming is forbidden and why.", "Make clear that swimming is forbidden."));
        assert!(!again("Say that swimming is forbidden.", "Make clear that diving is forbidden."));
        assert!(!again("Say that the boat is late.", "Say that the boat is not late."));
        assert!(!again("Say that the boat is late.", "Say that the boat is late at pier four."));
    }
}
