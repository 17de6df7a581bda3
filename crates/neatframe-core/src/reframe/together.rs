//! Chunks that go where their neighbours go: items of one list, lines of one paragraph, a line that points below.

use super::chunk::Chunk;
use crate::component::Component;
use crate::review::Review;
use crate::units::UnitKind;

/// The items of one list go where most of them belong: an odd one among them is more likely misread than misplaced.
pub(super) fn keep_lists(review: &Review, chunks: &mut [Chunk]) {
    let units = review.units();
    let listed = |chunk: &Chunk| {
        let first = &units[chunk.units.start];
        matches!(first.kind, UnitKind::Item { ordered: false }).then_some(first.block)
    };
    for list in chunks.chunk_by_mut(|one, two| listed(one).is_some() && listed(one) == listed(two)) {
        let most = Component::ALL
            .into_iter()
            .max_by_key(|component| list.iter().filter(|chunk| chunk.component == Some(*component)).count());
        let count = list.iter().filter(|chunk| chunk.component == most).count();
        if list.len() >= 3 && count * 2 > list.len() {
            list.iter_mut().for_each(|chunk| chunk.component = most);
        }
    }
}

/// Up to which share of belief it may be read as something else.
const SURE: f32 = 0.75;

/// From which share of belief on a rule may shape the answer, or a line on the shape be a rule.
const EITHER: f32 = 0.1;

/// "Times: 24-hour clock." between two rules of one paragraph: what may be read as a rule as well stays with its neighbours.
pub(super) fn keep_neighbours(review: &Review, chunks: &mut [Chunk]) {
    let units = review.units();
    let pair = [Some(Component::Constraints), Some(Component::OutputFormat)];
    let near = |one: &Chunk, two: &Chunk| units[one.units.start].block == units[two.units.start].block;
    for at in 0..chunks.len() {
        let own = chunks[at].component;
        let Some(other) = pair.iter().copied().find(|other| pair.contains(&own) && *other != own).flatten()
        else {
            continue;
        };
        let beside = |index: Option<usize>| {
            let chunk = index.and_then(|index| chunks.get(index)).filter(|chunk| near(chunk, &chunks[at]))?;
            pair.contains(&chunk.component).then_some(chunk.component)
        };
        let sides = [beside(at.checked_sub(1)), beside(Some(at + 1))];
        let apart =
            sides.iter().flatten().all(|side| *side == Some(other)) && sides.iter().flatten().count() > 0;
        let may = chunks[at].units.clone().all(|unit| {
            let shares = review.labels()[unit].shares;
            shares[other.index()] >= EITHER && own.is_some_and(|own| shares[own.index()] <= SURE)
        });
        // A part that would be left with nothing is not emptied.
        let may = may && chunks.iter().filter(|chunk| chunk.component == own).nth(1).is_some();
        // A line that no stop ends is no sentence of a paragraph.
        let first = &units[chunks[at].units.start];
        let text = review.source().text();
        let line = first.kind == UnitKind::Sentence
            && text[..first.text.start()].ends_with('\n')
            && !review.source().slice(first.text).ends_with(['.', '!', '?', ':']);
        if apart && may && !line {
            chunks[at].component = Some(other);
        }
    }
}

/// "The reviews are below", right before them: it goes where they go.
pub(super) fn join_what_leads_below(review: &Review, chunks: &mut Vec<Chunk>) {
    let text = review.source().text();
    let leads = |chunk: &Chunk| {
        let words = review.words_of(chunk.units.start);
        let last = words.iter().rev().find(|word| !word.is_punctuation());
        chunk.units.len() == 1
            && chunk.component == Some(Component::Context)
            && words.len() <= LEAD
            && last.is_some_and(|word| matches!(&*word.lower(text), "below" | "follows" | "follow"))
    };
    let mut at = 1;
    while at < chunks.len() {
        if leads(&chunks[at - 1]) && review.holds_slot(chunks[at].span) {
            chunks[at].units.start = chunks[at - 1].units.start;
            chunks[at].span = chunks[at - 1].span.cover(chunks[at].span);
            chunks.remove(at - 1);
        } else {
            at += 1;
        }
    }
}

/// The most words of a line that says where something stands.
const LEAD: usize = 9;
