//! The way back from an edited text to its source.

use crate::edit::Edit;
use crate::span::Span;

/// Where each edit ends in both texts.
pub(super) struct Shifts {
    /// The first byte that both texts have.
    body: usize,
    /// Ends of the edits in the new text, then in the old one.
    ends: Vec<(usize, usize)>,
}

impl Shifts {
    /// From edits in order of place, none overlapping, of a text from byte `body` on.
    pub(super) fn new(edits: &[Edit], body: usize) -> Shifts {
        let (mut grown, mut shrunk) = (0, 0);
        let ends = edits.iter().map(|edit| {
            grown += edit.replacement.len();
            shrunk += edit.span.len();
            (edit.span.end() + grown - shrunk - body, edit.span.end())
        });
        Shifts { body, ends: ends.collect() }
    }

    /// The place in the source that a place in the new text came from; within an edit, its end.
    fn old(&self, new: usize) -> usize {
        match self.ends.partition_point(|(end, _)| *end <= new).checked_sub(1) {
            Some(last) => self.ends[last].1 + new - self.ends[last].0,
            None => new + self.body,
        }
    }

    /// The stretch of the source that a stretch of the new text came from. `length` is that of the source.
    pub(super) fn back(&self, span: Span, length: usize) -> Span {
        let start = self.old(span.start()).min(length);
        // What was cut right behind the stretch is no part of it.
        let end = if span.is_empty() { start } else { self.old(span.end() - 1) + 1 };
        Span::new(start, end.clamp(start, length))
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn stretches_lead_back() {
        let edit = |start, end, new: &str| Edit { span: Span::new(start, end), replacement: new.into() };
        let source = "abc def ghi jkl";
        let edits = [edit(0, 4, ""), edit(8, 11, "GHIGHI")];
        let new = crate::edit::apply(source, &edits).unwrap();
        assert_eq!(new, "def GHIGHI jkl");
        let shifts = Shifts::new(&edits, 0);
        assert_eq!(shifts.back(Span::new(0, 3), 15), Span::new(4, 7));
        assert_eq!(shifts.back(Span::new(11, 14), 15), Span::new(12, 15));
    }
}
