//! Changes to a text, as spans and what replaces them.

use crate::span::Span;
use thiserror::Error;

/// Replaces the bytes under a span. An empty span inserts.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Edit {
    /// What goes, in bytes of the source.
    pub span: Span,
    /// What comes in its place.
    pub replacement: String,
}

/// Why a set of edits cannot be applied.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[non_exhaustive]
pub enum EditError {
    /// Two edits touch the same bytes.
    #[error("two edits overlap: bytes {}..{} and bytes {}..{}", .0.start(), .0.end(), .1.start(), .1.end())]
    Overlap(Span, Span),
}

/// The words with a capital at their head.
pub(crate) fn capitalised(words: &str) -> String {
    let mut chars = words.chars();
    chars.next().map_or_else(String::new, |first| first.to_uppercase().chain(chars).collect())
}

/// Applies edits to a text; their order does not matter.
///
/// # Errors
/// [`EditError::Overlap`] when two of them touch the same bytes.
pub fn apply(text: &str, edits: &[Edit]) -> Result<String, EditError> {
    let mut sorted: Vec<&Edit> = edits.iter().collect();
    sorted.sort();
    if let Some(pair) = sorted.windows(2).find(|pair| pair[0].span.end() > pair[1].span.start()) {
        return Err(EditError::Overlap(pair[0].span, pair[1].span));
    }
    let mut out = String::with_capacity(text.len());
    let mut at = 0;
    for edit in sorted {
        out.push_str(&text[at..edit.span.start()]);
        out.push_str(&edit.replacement);
        at = edit.span.end();
    }
    out.push_str(&text[at..]);
    Ok(out)
}

/// Which of several sets of edits can be applied together: the first that touches a place keeps it. Gives their indices, in
/// order; empty sets are left out.
pub fn fitting(sets: &[&[Edit]]) -> Vec<usize> {
    let mut taken: Vec<Span> = Vec::new();
    let mut fit = Vec::new();
    for (index, set) in sets.iter().enumerate() {
        // Two insertions at one place would depend on their order.
        let touches = |edit: &Edit| {
            taken.iter().any(|other| {
                edit.span.overlaps(*other)
                    || edit.span.start() == other.start()
                    || edit.span.end() == other.end()
            })
        };
        if !set.is_empty() && !set.iter().any(touches) {
            taken.extend(set.iter().map(|edit| edit.span));
            fit.push(index);
        }
    }
    fit
}

#[cfg(test)]
mod tests {
    use super::*;

    fn edit(start: usize, end: usize, replacement: &str) -> Edit {
        Edit { span: Span::new(start, end), replacement: replacement.into() }
    }

    #[test]
    fn edits_apply_in_any_order() {
        let edits = [edit(4, 7, "2"), edit(0, 3, "1"), edit(7, 7, "!")];
        assert_eq!(apply("one two", &edits).as_deref(), Ok("1 2!"));
    }

    #[test]
    fn sets_that_touch_the_same_place_wait() {
        let sets =
            [vec![edit(0, 3, "a")], vec![edit(2, 4, "b")], vec![], vec![edit(5, 6, "c"), edit(8, 8, "d")]];
        let sets: Vec<&[Edit]> = sets.iter().map(Vec::as_slice).collect();
        assert_eq!(fitting(&sets), [0, 3]);
    }

    #[test]
    fn overlapping_edits_are_refused() {
        let error = apply("abcdef", &[edit(0, 3, ""), edit(2, 4, "")]).unwrap_err();
        assert_eq!(error.to_string(), "two edits overlap: bytes 0..3 and bytes 2..4");
    }
}
