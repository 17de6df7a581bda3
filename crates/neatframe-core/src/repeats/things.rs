//! One thing put in, or left out, twice in other words: "do not mention prices", "leave prices out"; "include a subject line",
//! "the mail needs a subject line".

use super::told_again;
use crate::presence::presence;
use crate::span::Span;
use crate::words::Words;

/// How many of them are remembered.
const MOST: usize = 64;
/// Each unit that says nothing but what an earlier one said of a thing. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    told_again(
        words,
        spans,
        MOST,
        |words| presence(text, words),
        |one, two| one.left_out == two.left_out && one.name == two.name,
    )
}
