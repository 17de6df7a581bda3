//! One set of values told twice: "on the scale 0 (none), 2 (in part), 4 (whole)", "the rating must be only 0, 2 or 4".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// The longest demand that is read, in words and signs, and how many are remembered.
const LONG: usize = 48;
const MOST: usize = 32;
/// Words from which the later one says more than that.
const SHORT: usize = 20;

/// The values, sorted, and what they are of.
struct Values {
    values: Vec<String>,
    of: Vec<u32>,
    /// It says that there are no others, and little else.
    confines: bool,
}

/// Each demand that confines to values to which an earlier one did. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let same = |told: &Values, later: &Values| {
        let of_one = later.of.iter().any(|stem| told.of.contains(stem));
        later.confines && of_one && told.values == later.values
    };
    told_again(words, spans, MOST, |demand| read(text, demand), same)
}

fn read(text: &str, words: &[Word]) -> Option<Values> {
    if words.len() > LONG {
        return None;
    }
    let is =
        |at: usize, signs: &[&str]| words.get(at).is_some_and(|word| signs.contains(&&*word.lower(text)));
    // The value that begins here, and where it ends: `4`, `4 (whole)`, `"yes"`.
    let value = |at: usize| -> Option<(String, usize)> {
        let word = words.get(at)?;
        let quoted = word.is(vocabulary::QUOTE) || word.text(text) == "`" || word.text(text) == "'";
        let inner = if quoted { words.get(at + 1)? } else { word };
        let closed = quoted && words.get(at + 2).is_some_and(|end| end.text(text) == word.text(text));
        if !(closed || !quoted && word.is_number()) || inner.is_punctuation() {
            return None;
        }
        let mut end = if quoted { at + 3 } else { at + 1 };
        if is(end, &["("]) {
            end = (end..words.len()).find(|&at| is(at, &[")"]))? + 1;
        }
        Some((inner.lower(text).into_owned(), end))
    };
    let run = |from: usize| {
        let (first, mut at) = value(from)?;
        let mut values = vec![first];
        loop {
            let next = (at..words.len()).find(|&at| !is(at, &[",", "or", "/", "|", "and"])).unwrap_or(at);
            let Some((told, end)) = value(next).filter(|_| next > at) else { break };
            values.push(told);
            at = end;
        }
        (values.len() > 1).then_some((values, from, at))
    };
    let (mut values, from, end) = (0..words.len()).find_map(run)?;
    values.sort();
    values.dedup();
    let names = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::VERB)
    };
    let outside = words[..from].iter().chain(&words[end..]);
    if outside.clone().any(|word| word.is(vocabulary::CONDITION | vocabulary::NEGATION)) {
        return None;
    }
    let of = outside.clone().filter(names).map(|word| stem(&word.lower(text))).collect();
    let only =
        outside.clone().any(|word| matches!(&*word.lower(text), "only" | "either" | "must" | "exclusively"));
    Some(Values { values, of, confines: only && words.len() <= SHORT })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_set_of_values() {
        let again = |first: &str, second: &str| two_lines(first, second, repeated);
        let scale = "Give a rating on the scale 0 (none), 2 (in part), 4 (whole).";
        assert!(again(scale, "The rating must be only 4, 2 or 0."));
        assert!(!again(scale, "The rating must be only 4 or 0."));
        assert!(!again(scale, "The fare must be only 4, 2 or 0."));
        assert!(again("Return a `result` of \"yes\" or \"no\".", "`result` must be \"yes\" or \"no\"."));
        assert!(!again(
            "Return a `result` of \"yes\" or \"no\".",
            "The result \"yes\" or \"no\" comes first."
        ));
    }
}
