//! Where the material at the end of a prompt begins: what comes in by a slot, and the line that opens the answer.

use super::chunk::lead_span;
use crate::component::{Component, Facet};
use crate::outline::PieceKind;
use crate::review::Review;
use crate::units::UnitKind;

/// The first byte of the material that ends a prompt; none where it ends in something else, or is nothing else.
pub(super) fn start(review: &Review) -> Option<usize> {
    let units = review.units();
    let comes_in = |unit: usize| {
        review.labels()[unit].facet == Some(Facet::InputSlot) && review.holds_slot(units[unit].text)
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
    // What leads to the first line of it stays right above it.
    let leads = |unit: usize| review.source().slice(units[unit].text).trim_end().ends_with(':');
    while first > 0 && first < units.len() && !mark(first - 1) && leads(first - 1) {
        first -= 1;
    }
    // A part of its own, with a heading over it and nothing else in it, is not torn.
    let own = (0..first)
        .rev()
        .take_while(|&unit| first < units.len() && units[unit].section == units[first].section);
    let given = |unit: usize| mark(unit) || review.labels()[unit].component == Some(Component::Context);
    if let Some(head) =
        own.last().filter(|&head| kind(head) == PieceKind::Heading && (head..first).all(given))
    {
        first = head;
    }
    let holds = (first..units.len()).any(comes_in);
    let told = (0..first).any(|unit| !mark(unit));
    (holds && told && units[first].opens_piece).then(|| lead_span(review, first).start())
}

#[cfg(test)]
mod tests {
    use crate::ledger::Uncounted;
    use crate::reframe::tests::reworded;
    use crate::reframe::{Wishes, reframe};
    use crate::review::{Settings, review};
    use crate::source::Source;

    #[test]
    fn new_sections_stand_before_the_material() {
        let source = Source::from_bytes(b"Summarise the log.\n\n<log>\n{{log}}\n</log>\n".to_vec()).unwrap();
        let text = reframe(&review(source, &Settings::default(), &Uncounted), &Wishes::default()).text;
        let (asked, log) = (text.find("{{constraints: "), text.find("<log>\n{{log}}"));
        assert!(asked.is_some() && asked < log, "{text}");
    }

    #[test]
    fn a_slot_in_brackets_at_the_end_stays_at_the_end() {
        let text = reworded(
            "Translate the following notice in order to help guests. Keep the names. Do not add a fare. Write it in capitals. Thanks!\n\nText to translate:\n[TEXT]\n",
        );
        assert!(text.trim_end().ends_with("Text to translate:\n[TEXT]"), "{text}");
    }

    #[test]
    fn a_label_that_the_new_heading_repeats_goes() {
        let text = reworded(
            "Role: harbour clerk\nGoal: write a notice on the late boat in order to warn guests\nPlease keep it plain. Name the pier. Do not name a guest. Use at most 60 words.\n",
        );
        assert!(text.contains("# Role\nharbour clerk") && text.contains("# Task\nWrite a notice"), "{text}");
    }

    #[test]
    fn rules_in_one_paragraph_of_a_faulty_prompt_are_listed() {
        let text = reworded(
            "You are a clerk. Write a notice on the late boat. It should be nice and engaging. Name the pier. Do not name a guest. Use at most 60 words.\n",
        );
        assert!(text.contains("- Name the pier.\n- Do not name a guest."), "{text}");
    }

    #[test]
    fn halves_of_a_sentence_go_to_their_parts() {
        let text = reworded(
            "We get many letters from guests and I need replies that name the pier. The letter is below, please write a reply in order to help. Use at most 60 words. Do not name a fare.\n\n{letter}\n",
        );
        for line in
            ["from guests.", "I need replies that name the pier.", "The letter is below.", "Write a reply"]
        {
            assert!(text.contains(line), "{line}: {text}");
        }
    }
}
