//! Where the material at the end of a prompt begins: what comes in by a slot, and the line that opens the answer.

use super::chunk::lead_span;
use crate::component::Facet;
use crate::outline::PieceKind;
use crate::review::Review;
use crate::units::UnitKind;

/// The first byte of the material that ends a prompt; none where it ends in something else, or is nothing else.
pub(super) fn start(review: &Review) -> Option<usize> {
    let units = review.units();
    let comes_in = |unit: usize| {
        let span = units[unit].text;
        let slots = review.slots();
        let at = slots.partition_point(|slot| slot.span.start() < span.start());
        review.labels()[unit].facet == Some(Facet::InputSlot)
            && slots.get(at).is_some_and(|slot| span.contains(slot.span))
    };
    let kind = |unit: usize| review.outline().pieces[units[unit].pieces.start].kind;
    let mark = |unit: usize| units[unit].kind == UnitKind::Mark;
    let run = (0..units.len()).rev().take_while(|&unit| mark(unit) || comes_in(unit)).count();
    let mut first = units.len() - run;
    // What closes the part before is no material.
    let fences = (first..units.len()).filter(|&unit| kind(unit) == PieceKind::Fence).count();
    if first < units.len() && kind(first) == PieceKind::Fence && fences % 2 == 1 {
        first += 1;
    }
    while first < units.len() && mark(first) && kind(first) == PieceKind::TagClose {
        first += 1;
    }
    let holds = (first..units.len()).any(comes_in);
    let told = (0..first).any(|unit| !mark(unit));
    (holds && told && units[first].opens_piece).then(|| lead_span(review, first).start())
}
