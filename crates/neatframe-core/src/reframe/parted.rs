//! "But the slip must be short", parted from the sentence that it spoke against.

use super::chunk::Chunk;
use super::{Change, Note};
use crate::edit::Edit;
use crate::review::Review;
use crate::span::Span;
use std::collections::HashSet;

/// Takes the opening "But" or "And" off each chunk that no longer follows its old neighbour, with a note for each.
pub(super) fn conjunctions(
    review: &Review,
    inside: &[&Chunk],
    edits: &[Edit],
    dropped: &HashSet<usize>,
) -> Vec<(Edit, Note)> {
    let text = review.source().text();
    let parted = |at: usize| {
        let chunk = inside[at];
        let follows = at > 0 && inside[at - 1].units.end == chunk.units.start;
        let [opener, next, ..] = review.words_of(chunk.units.start) else { return None };
        let joins = matches!(opener.text(text), "But" | "And");
        let span = Span::new(opener.span().start(), next.span().end());
        let free = !edits.iter().any(|edit| edit.span.overlaps(span));
        let gone = dropped.contains(&chunk.units.start);
        if gone || follows || !joins || !free || next.is_punctuation() {
            return None;
        }
        let word = next.text(text);
        let initial: String = word.chars().take(1).flat_map(char::to_uppercase).collect();
        let rest: String = word.chars().skip(1).collect();
        let edit = Edit { span, replacement: initial + &rest };
        let note = Note {
            change: Change::Edited,
            span: Some(span),
            words: review.source().slice(span).to_string(),
            now: edit.replacement.clone(),
            why: "what it was joined to stands in another part".into(),
        };
        Some((edit, note))
    };
    (0..inside.len()).filter_map(parted).collect()
}
