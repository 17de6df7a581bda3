//! "But the slip must be short", parted from the sentence that it spoke against.

use super::chunk::Chunk;
use super::{Change, Note};
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use std::collections::HashSet;

/// Takes the opening "But" or "And" off each chunk that no longer follows its old neighbour, with a note for each. `edits` are
/// those that are planned, in order.
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
        let word = next.text(text);
        // A name keeps its letters: "But user_id must be set" stays.
        let plain = next.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::VERB)
            && word.bytes().all(|byte| byte.is_ascii_lowercase());
        if follows || !joins || !plain || dropped.contains(&chunk.units.start) {
            return None;
        }
        let span = Span::new(opener.span().start(), next.span().end());
        let near = edits.partition_point(|edit| edit.span.end() <= span.start());
        if edits.get(near).is_some_and(|edit| edit.span.start() < span.end()) {
            return None;
        }
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
