//! Lines that belong to the line right above them by where they stand.

use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::outline::PieceKind;
use crate::review::Review;
use crate::units::UnitKind;
use std::collections::HashSet;
use std::ops::Range;

/// True when a unit stands right below the last of a chunk's units, and the two are one by their layout.
pub(super) fn is_tied(review: &Review, spoken: &HashSet<u32>, chunk: &Range<usize>, index: usize) -> bool {
    if !review.units()[index].opens_piece || !is_below(review, index) {
        return false;
    }
    let chunk = &(chunk.start.max(index.saturating_sub(REACH))..chunk.end);
    is_detail(review, chunk, index)
        || is_slot_amid(review, spoken, index)
        || is_or(review, index)
        || is_or(review, index - 1)
        || is_named_above(review, index)
        || is_label_again(review, chunk, index)
        || is_next_pair(review, index)
        || is_answer_below(review, index)
        || is_led_below(review, index)
}

/// "Use only the tables listed below." right above a slot alone on its line.
fn is_led_below(review: &Review, index: usize) -> bool {
    let last = review.words_of(index - 1).iter().rev().find(|word| !word.is_punctuation());
    is_bare_slot(review, index)
        && last.is_some_and(|word| {
            matches!(&*word.lower(review.source().text()), "below" | "follows" | "following")
        })
}

/// How many units back are looked at: keeps long prompts linear.
const REACH: usize = 200;

/// True when no blank line parts a unit from the one before it.
fn is_below(review: &Review, index: usize) -> bool {
    let units = review.units();
    let gap = index.checked_sub(1).map(|before| units[before].text.end()..units[index].text.start());
    gap.is_some_and(|gap| review.source().text()[gap].matches('\n').count() == 1)
}

/// "2. Search", and below it what the search does: a bullet under a number, or a line that is set further in than an item.
fn is_detail(review: &Review, chunk: &Range<usize>, index: usize) -> bool {
    let units = review.units();
    let piece = |unit: usize| &review.outline().pieces[units[unit].pieces.start];
    let numbered = |unit: &usize| piece(*unit).kind == (PieceKind::Item { ordered: true });
    let bullet = piece(index).kind == (PieceKind::Item { ordered: false });
    let above =
        chunk.clone().rev().find(|unit| units[*unit].opens_piece && piece(*unit).kind != piece(index).kind);
    bullet && above.as_ref().is_some_and(numbered)
        || chunk.clone().any(|unit| {
            let item = matches!(piece(unit).kind, PieceKind::Item { .. });
            item && units[unit].opens_piece && piece(unit).indent < piece(index).indent
        })
}

/// A slot alone on its line, with lines right above and below: what is filled in there belongs among them, unless every word of
/// its name stands in another line: "review the diff", and `{diff}`.
fn is_slot_amid(review: &Review, spoken: &HashSet<u32>, index: usize) -> bool {
    if !is_bare_slot(review, index) || index + 1 >= review.units().len() {
        return false;
    }
    // `{house_rules}` at the end of the rules.
    if told_by_its_name(review, index).is_some() {
        return true;
    }
    if !is_below(review, index + 1) {
        return false;
    }
    let name = review.source().slice(review.units()[index].text).to_lowercase();
    let mut parts = name.split(|c: char| !c.is_alphanumeric()).filter(|part| !part.is_empty());
    !parts.all(|part| spoken.contains(&vocabulary::hash_of(vocabulary::find(part.as_bytes()))))
}

/// What a slot alone on its line brings in, where its name says that it is no material.
fn told_by_its_name(review: &Review, unit: usize) -> Option<Component> {
    let name = review.source().slice(review.units()[unit].text).to_lowercase();
    let ends = |words: &[&str]| {
        name.split(|c: char| !c.is_alphanumeric()).any(|part| words.contains(&part.trim_end_matches('s')))
    };
    [
        (&["instruction", "guideline", "rule", "requirement", "constraint"][..], Component::Constraints),
        (&["scenario", "background"], Component::Context),
        (&["shot", "example"], Component::Examples),
        (&["format"], Component::OutputFormat),
    ]
    .into_iter()
    .find(|(words, _)| ends(words))
    .map(|(_, component)| component)
}

/// The same for a chunk that is such a slot and nothing else, or a line that leads to `{output_format}`.
pub(super) fn named_by_its_slot(review: &Review, units: Range<usize>) -> Option<Component> {
    let last = units.end - 1;
    let told = is_bare_slot(review, last).then(|| told_by_its_name(review, last)).flatten()?;
    let led = units.len() > 1 && review.source().slice(review.units()[last - 1].text).ends_with(':');
    (units.len() == 1 || led && told == Component::OutputFormat).then_some(told)
}

pub(super) fn is_bare_slot(review: &Review, unit: usize) -> bool {
    let text = review.units()[unit].text;
    let slots = review.slots();
    let at = slots.partition_point(|slot| slot.span.start() < text.start());
    slots.get(at).is_some_and(|slot| slot.span == text)
}

/// The words of a prompt, but for those of slots alone on a line, by their hashes.
pub(super) fn spoken(review: &Review) -> HashSet<u32> {
    let told = (0..review.units().len()).filter(|unit| !is_bare_slot(review, *unit));
    told.flat_map(|unit| review.words_of(unit)).map(|word| word.hash()).collect()
}

/// "[or]" between two samples.
fn is_or(review: &Review, index: usize) -> bool {
    let text = review.source().slice(review.units()[index].text);
    text.trim_matches(['[', ']', '(', ')', ':', '*', '-', ' ']).eq_ignore_ascii_case("or")
}

/// "Task data." right above labelled lines: a name with a full stop.
pub(super) fn is_named_above(review: &Review, index: usize) -> bool {
    let Some(above) = index.checked_sub(1).map(|above| &review.units()[above]) else { return false };
    let unit = &review.units()[index];
    // `[Name]: {name}`.
    let filled = |text: &str| text.starts_with('[') && text.ends_with('}');
    let text = review.source().slice(unit.text);
    let holds =
        matches!(unit.kind, UnitKind::Field | UnitKind::Turn) || text.starts_with('{') || filled(text);
    let name = review.words_of(index - 1);
    let asks = name.iter().any(|word| word.is(vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL));
    let alone = above.kind == UnitKind::Sentence && above.opens_piece;
    holds && alone && name.len() <= NAME && !asks || filled(text) && filled(review.source().slice(above.text))
}

/// "Result:" with nothing behind it, right below lines of which one has that label and a text.
fn is_label_again(review: &Review, chunk: &Range<usize>, index: usize) -> bool {
    let units = review.units();
    let label = |unit: usize| {
        let piece = &review.outline().pieces[units[unit].pieces.start];
        review.source().slice(piece.lead).trim_end_matches([':', ' '])
    };
    // At the very end it opens the answer.
    units[index].kind == UnitKind::Mark
        && index + 1 < units.len()
        && chunk.clone().any(|unit| {
            let filled = matches!(units[unit].kind, UnitKind::Field | UnitKind::Turn);
            filled && units[unit].opens_piece && label(unit) == label(index)
        })
}

/// `"pier": "",` below `"boat": "Merle",`: two pairs of one record, whatever they read like.
fn is_next_pair(review: &Review, index: usize) -> bool {
    is_pair(review, index) && is_pair(review, index - 1)
}

/// `"pier": "north",`, a line of a record.
pub(super) fn is_pair(review: &Review, unit: usize) -> bool {
    let text = review.source().slice(review.units()[unit].text);
    text.starts_with('"') && text[1..].find('"').is_some_and(|end| text[1 + end..].starts_with("\":"))
}

/// "Sample question: which pier?", and right below it a line with no label: what is said of it.
fn is_answer_below(review: &Review, index: usize) -> bool {
    let above = &review.units()[index - 1];
    matches!(above.kind, UnitKind::Field | UnitKind::Turn)
        && review.labels()[index - 1].component == Some(Component::Examples)
        && review.units()[index].kind == UnitKind::Sentence
        && review.words_of(index).first().is_none_or(|word| word.lower(review.source().text()) != "now")
}

/// The most words and signs of such a name.
const NAME: usize = 4;

#[cfg(test)]
mod tests {
    use crate::reframe::tests::around;

    #[test]
    fn what_stands_below_a_number_stays_with_it() {
        let steps =
            "1. Tides\n   - Never print a tide in feet.\n   - The harbour master reads them at six.\n";
        let out = around(steps);
        assert!(out.contains(steps.trim_end()), "{out}");
    }

    #[test]
    fn options_stay_together() {
        let options = "Decide which case applies:\nA. The notice names the pier.\nB. The pier is known from the sign.\nC. Never mind the pier.";
        let out = around(options);
        assert!(out.contains(options), "{out}");
        // An initial is no option.
        assert!(
            around("A. Penhale sails the Merle.\nShe knows the bar.").contains("A. Penhale sails the Merle.")
        );
    }

    #[test]
    fn samples_of_a_form_stay_together() {
        let form = "Answer like this:\nThought: the boat is late\nAction: warn()\nResult: [left out]\n[or]\nThought: all is well\nAction: wait()\nResult:";
        let out = around(form);
        assert!(out.contains(form), "{out}");
    }

    #[test]
    fn a_slot_amid_rules_stays_among_them_and_material_does_not() {
        let out = around("Name the pier.\n{house_rules}\nNever name a fare.");
        assert!(out.contains("Name the pier.\n- {house_rules}\n- Never"), "{out}");
        let out = around("Warn of the delay in the log.\n{log}\nNever name a fare.");
        assert!(out.trim_end().ends_with("# Input\n{log}"), "{out}");
    }

    #[test]
    fn pairs_of_a_record_and_lines_below_a_sample_stay() {
        let record = "If the boat is late, return:\n\"late\": true,\n\"never\": \"<the reason>\",\n\"note\": \"Name the pier.\"";
        assert!(around(record).contains(record), "{}", around(record));
        let sample = "Example question: Which pier is it?\nName the pier from the sign.";
        assert!(around(sample).contains(sample), "{}", around(sample));
    }

    #[test]
    fn a_name_stays_above_its_lines() {
        let out = around("Boat data.\n[Name]: {name}\n[Pier]: {pier}");
        assert!(out.contains("Boat data.\n[Name]: {name}\n[Pier]: {pier}"), "{out}");
    }

    #[test]
    fn a_slot_for_rules_is_no_input() {
        let out = around("Name the pier.\n\n{house_instructions}\n\nThe log:\n{log}");
        let rules = out.find("# Constraints").unwrap();
        assert!(
            out[rules..].contains("{house_instructions}") && out.find("# Input") > out.find("{house_instr"),
            "{out}"
        );
    }
}
