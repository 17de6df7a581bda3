//! One part that two demands put at the same end of the reply: "put the delays first", "delays come at the top".

use super::told_again;
use crate::requirement::places;
use crate::span::Span;
use crate::words::Words;

/// The longest demand that says nothing besides, in words.
const LONG: usize = 14;
/// The longest demand that is looked at for a place, in words.
const EARLIER: usize = 32;
/// How many demands are remembered.
const MOST: usize = 32;

/// Each demand that gives a part the end that an earlier one gave it. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let read = |demand: &[crate::words::Word]| {
        let mut placed = places(text, demand).into_iter();
        let only = placed.next().filter(|_| placed.next().is_none() && demand.len() <= EARLIER)?;
        Some((only.0, only.1, demand.len()))
    };
    told_again(words, spans, MOST, read, |one, two| (one.0, one.1) == (two.0, two.1) && two.2 <= LONG)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_part_at_one_end() {
        let again = |first: &str, second: &str| two_lines(first, second, repeated);
        assert!(again("Put the delays first.", "Sort the list so that delays come at the top."));
        assert!(again("Begin with the table.", "Put the table first."));
        assert!(again("The fare comes last.", "Put the fare at the end."));
        assert!(!again("Put the delays first.", "Put the fare first."));
        assert!(!again("Put the fare first.", "Put the fare last."));
        assert!(!again("Put the fare first.", "Put the fare of the last boat first."));
    }
}
