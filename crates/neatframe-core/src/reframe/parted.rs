//! Sentences parted from what they were joined to: "But the slip must be short", "…, please write a reply".

use super::chunk::Chunk;
use super::{Change, Note};
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use std::collections::HashSet;

/// Words that only lead over to the second half of a sentence.
const LEADS: [&str; 5] = ["and", "so", "please", "then", "now"];

/// The edits that let each chunk stand alone that no longer has its old neighbour, with a note for each: the opening "But" or
/// "And" goes, and a sentence that was cut in two becomes two. `edits` are those that are planned, in order.
pub(super) fn conjunctions(
    review: &Review,
    inside: &[&Chunk],
    edits: &[Edit],
    dropped: &HashSet<usize>,
) -> Vec<(Edit, Note)> {
    let mut found = Vec::new();
    for (at, chunk) in inside.iter().enumerate() {
        let follows = at > 0 && inside[at - 1].units.end == chunk.units.start;
        let goes_on = inside.get(at + 1).is_some_and(|next| next.units.start == chunk.units.end);
        let first = (!follows && !dropped.contains(&chunk.units.start))
            .then(|| opening(review, chunk.units.start))
            .flatten();
        let last = (!goes_on && !dropped.contains(&(chunk.units.end - 1)))
            .then(|| closing(review, chunk.units.end))
            .flatten();
        for edit in [first, last].into_iter().flatten() {
            let near = edits.partition_point(|other| other.span.end() <= edit.span.start());
            if edits.get(near).is_some_and(|other| other.span.start() < edit.span.end()) {
                continue;
            }
            let note = Note {
                change: Change::Edited,
                span: Some(edit.span),
                words: review.source().slice(edit.span).to_string(),
                now: edit.replacement.clone(),
                why: "what it was joined to stands in another part".into(),
            };
            found.push((edit, note));
        }
    }
    found
}

/// True for a unit that begins amid a sentence.
pub(super) fn is_second_half(review: &Review, unit: usize) -> bool {
    let units = review.units();
    let Some(before) = unit.checked_sub(1).and_then(|before| units.get(before)) else { return false };
    units.get(unit).is_some_and(|half| !half.opens_piece && half.pieces == before.pieces)
        && review.source().slice(before.text).ends_with(|c: char| c == ',' || c.is_alphanumeric())
}

/// The opening of a chunk without the words that tie it to what stood before it.
fn opening(review: &Review, unit: usize) -> Option<Edit> {
    let text = review.source().text();
    let words = review.words_of(unit);
    let first = words.first()?;
    let half = is_second_half(review, unit);
    let lead = |word: &&crate::words::Word| half && LEADS.contains(&word.text(text));
    let joined = usize::from(matches!(first.text(text), "But" | "And"));
    let leads = if half { words.iter().take_while(lead).count() } else { joined };
    let next = words.get(leads)?;
    let word = next.text(text);
    // A name keeps its letters: "But user_id must be set" stays.
    let plain = next.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::VERB)
        && word.bytes().all(|byte| byte.is_ascii_lowercase())
        || word == "I";
    if !plain || leads == 0 && !half {
        return None;
    }
    let initial: String = word.chars().take(1).flat_map(char::to_uppercase).collect();
    let rest: String = word.chars().skip(1).collect();
    let span = Span::new(first.span().start(), next.span().end());
    Some(Edit { span, replacement: initial + &rest })
        .filter(|edit| review.source().slice(span) != edit.replacement)
}

/// The full stop of a first half whose second half stands elsewhere.
fn closing(review: &Review, next: usize) -> Option<Edit> {
    if !is_second_half(review, next) {
        return None;
    }
    let end = review.units()[next - 1].text.end();
    let word = review.words_of(next - 1).iter().rfind(|word| !word.is_punctuation())?;
    let said = word.text(review.source().text());
    Some(Edit { span: Span::new(word.start as usize, end), replacement: format!("{said}.") })
}
