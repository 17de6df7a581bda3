//! One of a kind for each of another, told twice: "one paragraph for each room", "each paragraph is about one room".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};
use std::borrow::Cow;

/// How many of them are remembered.
const MOST: usize = 32;
/// Words from which the later one says more than that.
const LONG: usize = 9;

/// Each demand that pairs the same two again. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let read = |demand: &[Word]| pair(text, demand).map(|pair| (pair, demand.len()));
    told_again(words, spans, MOST, read, |(one, _), (two, length)| one == two && *length <= LONG)
}

/// The stems of the holder and of what it is for.
fn pair(text: &str, words: &[Word]) -> Option<(u32, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let name = |at: usize| {
        let word = words.get(at).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
        Some(stem(&word.lower(text)))
    };
    let single = |at: usize| matches!(&*lower(at), "one" | "a" | "an");
    let each = |at: usize| matches!(&*lower(at), "each" | "every");
    let ends = |at: usize| words.get(at).is_none_or(|word| word.is_punctuation());
    // "One paragraph for each room."
    let counted = (0..words.len().saturating_sub(3)).find_map(|at| {
        let thing = if lower(at + 2) == "per" {
            at + 3
        } else {
            at + if lower(at + 2) == "for" && each(at + 3) { 4 } else { return None }
        };
        (lower(at) == "one" && ends(thing + 1)).then(|| Some((name(at + 1)?, name(thing)?)))?
    });
    // "Each paragraph is about one room", "each room gets a paragraph".
    counted.or_else(|| {
        if !each(0) {
            return None;
        }
        let about = match (&*lower(2), &*lower(3)) {
            ("is", "about" | "for" | "on") | ("deals", "with") => 4,
            ("covers" | "describes" | "treats", _) => 3,
            ("gets" | "has", _) => {
                return (lower(3) == "one" && ends(5)).then(|| Some((name(4)?, name(1)?)))?;
            }
            _ => return None,
        };
        (single(about) && ends(about + 2)).then(|| Some((name(1)?, name(about + 1)?)))?
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_for_each_from_both_sides() {
        let again = |first: &str, second: &str| two_lines(first, second, repeated);
        assert!(again(
            "Describe the boat, one paragraph for each deck.",
            "Each paragraph is about one deck."
        ));
        assert!(again("Write one line per boat.", "Each boat gets one line."));
        assert!(!again("Write one line per boat.", "Each pier gets one line."));
        assert!(!again("Write one line per boat.", "Each boat gets one table."));
    }
}
