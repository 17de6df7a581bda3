//! One scale told twice: "rate each notice from 1 to 5", "scores range from 1 to 5".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Words that say that something is scored, and nothing of what. Sorted.
const SCORING: [&str; 29] = [
    "assign", "evaluate", "give", "goes", "grade", "grades", "mark", "marks", "must", "number", "numbers",
    "output", "points", "range", "ranges", "rate", "rated", "rating", "ratings", "return", "scale", "scales",
    "score", "scored", "scores", "should", "sits", "use", "using",
];

/// The longest demand that is read, in words and signs, and how many are remembered.
const LONG: usize = 16;
const MOST: usize = 64;

/// Both ends of a scale, what is set on it as stems, and whether it has whole numbers only.
struct Scale {
    ends: (u32, u32),
    things: Vec<u32>,
    whole: bool,
}

/// Each demand that sets a scale which an earlier one set. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let same = |told: &Scale, later: &Scale| {
        told.ends == later.ends
            && (told.whole || !later.whole)
            && later.things.iter().all(|thing| told.things.contains(thing))
    };
    told_again(words, spans, MOST, |demand| read(text, demand), same)
}

fn read(text: &str, words: &[Word]) -> Option<Scale> {
    let scores = |word: &Word| {
        let lower = word.lower(text);
        ["scor", "rat", "grad", "scale"].iter().any(|root| lower.starts_with(root))
            && SCORING.binary_search(&&*lower).is_ok()
    };
    if words.len() > LONG || !words.iter().any(scores) {
        return None;
    }
    let mut numbers = words.iter().filter(|word| word.is_number()).map(|word| word.text(text).parse::<u32>());
    let (low, high) = (numbers.next()?.ok()?, numbers.next()?.ok()?);
    let at = words.iter().position(|word| word.is_number())?;
    let joined = words.get(at + 1).is_some_and(|word| matches!(&*word.lower(text), "to" | "and" | "-" | "–"))
        && words.get(at + 2).is_some_and(|word| word.is_number());
    if low >= high || numbers.next().is_some() || !joined {
        return None;
    }
    let is_whole = |word: &Word| matches!(&*word.lower(text), "integer" | "integers" | "whole");
    let names = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !is_whole(word)
            && !word.is(vocabulary::STOP | vocabulary::MODAL)
            && SCORING.binary_search(&&*word.lower(text)).is_err()
    };
    let things = words.iter().filter(names).map(|word| stem(&word.lower(text))).collect();
    Some(Scale { ends: (low, high), things, whole: words.iter().any(is_whole) })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn one_scale_told_twice() {
        assert!(SCORING.is_sorted());
        assert!(again("Rate each notice from 1 to 5.", "Scores range from 1 to 5."));
        assert!(again("The score is an integer between 1 and 5.", "Use a scale of 1 to 5."));
        assert!(!again("Rate each notice from 1 to 5.", "Rate each pier from 1 to 5."), "two things");
        assert!(!again("Rate each notice from 1 to 5.", "The score is an integer from 1 to 5."), "whole");
        assert!(!again("Rate each notice from 1 to 5.", "Scores range from 1 to 10."));
        assert!(!again("Use 1 to 5 boats.", "Name 1 to 5 boats."));
    }
}
