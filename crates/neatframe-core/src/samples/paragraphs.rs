//! A sample without labels of its own: the line that goes in, a blank one, and what comes out.

use super::{Shown, Side};
use crate::checks::Case;
use crate::outline::is_sample_title;
use crate::span::Span;

/// The longest line that is taken for an input, in words.
const INPUT: usize = 24;

/// Parts "Sample:" and its two paragraphs into an input and an output, where the first of them is one line.
pub(super) fn part(case: &Case<'_>, found: &mut Vec<Shown>) {
    let [whole] = found.as_slice() else { return };
    let title = case.text(whole.label).trim_matches(['#', '*', ' ', ':']);
    let content = case.text(whole.content);
    let Some((input, output)) = content.split_once("\n\n") else { return };
    let line = !input.contains('\n') && input.split_whitespace().count() <= INPUT;
    let plain =
        !content.contains(['{', '<', '|', '`']) && !output.trim().is_empty() && !output.contains("\n\n");
    if whole.side != Side::Other || whole.spoken || !is_sample_title(title) || !line || !plain {
        return;
    }
    let from = whole.content.end() - output.trim_start().len();
    let input = Shown {
        side: Side::Input,
        content: Span::new(whole.content.start(), whole.content.start() + input.len()),
        ..whole.clone()
    };
    let output = Shown { side: Side::Output, content: Span::new(from, whole.content.end()), ..whole.clone() };
    *found = vec![input, output];
}
