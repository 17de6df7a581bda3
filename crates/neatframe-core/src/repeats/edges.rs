//! One thing at one edge of each part, asked for twice: "every line opens with the time", "start each line with the time".

use super::told_again;
use crate::edge::edge;
use crate::span::Span;
use crate::words::Words;

/// How many of them are remembered.
const MOST: usize = 32;
/// Words from which the later one says more than that.
const LONG: usize = 10;

/// Each demand that puts again what an earlier one put there. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    // "Write the running order; every line opens with the time."
    let read = |demand: &[crate::words::Word]| {
        let clauses = demand.split(|word| word.text(text) == ";");
        clauses.into_iter().find_map(|clause| edge(text, clause)).map(|edge| (edge, demand.len()))
    };
    told_again(words, spans, MOST, read, |(one, _), (two, length)| one == two && *length <= LONG)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_thing_at_one_edge() {
        let again = |first: &str, second: &str| two_lines(first, second, repeated);
        assert!(again("List the boats; every line opens with the time.", "Start each line with the time."));
        assert!(!again("Every line opens with the time.", "Start each line with the pier."));
        assert!(!again("Every line opens with the time.", "End each line with the time."));
    }
}
