//! Pieces that a prompt counts on and does not hold: a step, an appendix, the output of a sample. Each gets its place, with a slot.

use super::plan::Plan;
use super::{Change, Note, holes};
use crate::edit::Edit;
use crate::finding::Finding;
use crate::numbering;
use crate::outline::PieceKind;
use crate::review::Review;
use crate::slots::{self, Syntax};
use crate::span::Span;

/// The name of the slot for what a sample does not show.
pub(super) const SAMPLE: &str = "sample";

/// The most of one kind that are asked.
const MOST: usize = 2;

/// The most names that a slot offers, and how long all of them may be, in bytes.
const NAMES: usize = 7;
const LONG: usize = 60;

/// Puts the slots in.
pub(super) fn ask(plan: &mut Plan, review: &Review) {
    let syntax = slots::usual(review.slots());
    let lost = review.findings().iter().filter(|finding| finding.check == "lost-reference");
    for finding in lost.take(MOST) {
        if let Some(edit) = step(review, finding, syntax) {
            put(plan, review, edit, finding);
        }
        // `<pier>` in all places: a question may look otherwise, what is filled in may not.
        let angles =
            !review.slots().is_empty() && review.slots().iter().all(|slot| slot.syntax == Syntax::Angles);
        append(plan, review, finding, if angles { Syntax::Angles } else { syntax });
    }
    let example = review.findings().iter().filter(|finding| finding.fix.is_empty());
    // Those of an earlier reading count.
    let before = review.slots().iter().filter(|slot| {
        review.source().slice(slot.inner).split_once(": ").is_some_and(|(name, _)| name.trim() == SAMPLE)
    });
    let most = MOST.saturating_sub(before.count());
    let asked = example.filter_map(|finding| {
        let edit = match finding.check {
            "half-sample" => output(review, finding, syntax),
            "sample-breaks-rule" => choice(review, finding, syntax),
            _ => None,
        };
        edit.map(|edit| (edit, finding))
    });
    for (edit, finding) in asked.take(most) {
        put(plan, review, edit, finding);
    }
}

fn put(plan: &mut Plan, review: &Review, edit: Edit, finding: &Finding) {
    if review.unit_at(finding.span).is_some_and(|unit| plan.dropped.contains(&unit)) {
        return;
    }
    let why = format!("{}. The answer goes in place of the slot.", finding.message);
    if !edit.span.is_empty() {
        return plan.reword(review, edit, &why);
    }
    let words = edit.replacement.trim().to_string();
    if plan.take(&[edit]) {
        let (change, span) = (Change::Added, Some(finding.span));
        plan.notes.push(Note { change, span, words, now: "a question".into(), why });
    }
}

/// The step that another refers to, between the two around it: `4. {{step: what is done in step 4?}}`.
fn step(review: &Review, finding: &Finding, syntax: Syntax) -> Option<Edit> {
    let (_, name, number) = holes::number_of(review, finding.span)?;
    let number: u32 = number.parse().ok()?;
    let text = review.source().text();
    let runs = numbering::runs(review.source(), review.outline());
    let pairs = runs.iter().flat_map(|run| run.windows(2));
    let after = pairs
        .filter(|pair| pair[0].number + 1 == number && number + 1 == pair[1].number && !pair[1].is_roman())
        .map(|pair| &pair[1])
        .next()?;
    let pieces = &review.outline().pieces;
    let piece = &pieces[pieces.partition_point(|piece| piece.span.end() <= after.place.start())];
    if piece.kind != (PieceKind::Item { ordered: true }) || piece.text.start() < after.digits.end() {
        return None;
    }
    let start = text[..after.place.start()].rfind('\n').map_or(0, |at| at + 1);
    let lead = &text[start..after.digits.start()];
    let behind = &text[after.digits.end()..piece.text.start()];
    let slot = syntax.write(&format!("{}: what is done in {} {number}?", holes::STEP, name.to_lowercase()));
    let replacement = format!("{lead}{number}{behind}{slot}{}", review.source().line_end());
    Some(Edit { span: Span::new(start, start), replacement })
}

/// "Appendix B", which is not there: a place for it at the end.
fn append(plan: &mut Plan, review: &Review, finding: &Finding, syntax: Syntax) {
    let words = review.source().slice(finding.span);
    if let Some(title) = words.strip_prefix("section \"").and_then(|rest| rest.strip_suffix('"')) {
        return append_section(plan, review, finding, title, syntax);
    }
    let Some((name, sign)) = words.split_once(' ') else { return };
    let named =
        ["appendix", "annex", "attachment", "exhibit"].iter().any(|kind| name.eq_ignore_ascii_case(kind));
    if !named || sign.is_empty() || !sign.bytes().all(|byte| byte.is_ascii_alphanumeric()) {
        return;
    }
    let slot = syntax.write(&format!("{}_{}", name.to_lowercase(), sign.to_lowercase()));
    let block = format!("{}:{}{slot}", crate::edit::capitalised(words), review.source().line_end());
    put_at_the_end(plan, finding, block);
}

/// `Section "Lost keys"`, where headings mark the sections: the heading, and a slot below it.
fn append_section(plan: &mut Plan, review: &Review, finding: &Finding, title: &str, syntax: Syntax) {
    let style = super::style::section_style(review);
    let plain =
        title.chars().all(|c| c.is_alphanumeric() || c == ' ') && title.starts_with(char::is_uppercase);
    if !plain || !matches!(style, super::style::Style::Heading(_)) {
        return;
    }
    let slot = syntax.write(&title.to_lowercase().replace(' ', "_"));
    let block = style.section(title, &slot, review.source().line_end());
    put_at_the_end(plan, finding, block);
}

fn put_at_the_end(plan: &mut Plan, finding: &Finding, block: String) {
    if !plan.blocks.contains(&block) {
        let why = format!("{}. Its text goes in place of the slot.", finding.message);
        let (change, span) = (Change::Added, Some(finding.span));
        plan.notes.push(Note { change, span, words: block.clone(), now: "the end".into(), why });
        plan.blocks.push(block);
    }
}

/// A sample input with nothing behind it gets the label that the output of another sample has, and a slot.
fn output(review: &Review, finding: &Finding, syntax: Syntax) -> Option<Edit> {
    let text = review.source().text();
    let slot = syntax.write(&format!("{SAMPLE}: what comes back here?"));
    if finding.message.ends_with("shows nothing") {
        let words = review.source().slice(finding.span);
        let colon = words.find(':')?;
        let rest = Span::new(finding.span.start() + colon + 1, finding.span.end());
        return Some(Edit { span: rest, replacement: format!(" {slot}") });
    }
    let units = review.units();
    let label = |unit: usize| {
        let piece = &review.outline().pieces[units[unit].pieces.start];
        let lead = if piece.kind == PieceKind::Label { piece.text } else { piece.lead };
        let lead = review.source().slice(lead).trim();
        let named = matches!(piece.kind, PieceKind::Label | PieceKind::Field | PieceKind::Turn);
        let plain = lead.starts_with(|c: char| c.is_alphabetic() || c == '*') && !lead.contains('\n');
        Some(lead).filter(|_| named && plain && units[unit].opens_piece)
    };
    let own = review
        .unit_at(finding.span)
        .or_else(|| units.iter().position(|unit| unit.with_lead(review.outline()).overlaps(finding.span)))?;
    let input = label(own)?;
    // What stands behind an earlier input of that name.
    let before = (0..own).rev().find(|unit| label(*unit) == Some(input))?;
    let output = (before + 1..own).find_map(label).filter(|output| *output != input)?;
    let end = text[finding.span.end()..].find('\n').map_or(text.len(), |at| finding.span.end() + at);
    let colon = if output.ends_with(':') { "" } else { ":" };
    let replacement = format!("{}{output}{colon} {slot}", review.source().line_end());
    Some(Edit { span: Span::new(end, end), replacement })
}

/// A label in a sample that the prompt does not offer: which of those it does.
fn choice(review: &Review, finding: &Finding, syntax: Syntax) -> Option<Edit> {
    let (value, rest) = finding.message.strip_prefix('`')?.split_once("` is none of ")?;
    let names = rest.split(", against").next()?;
    let plain = names.chars().all(|c| c.is_alphanumeric() || matches!(c, ',' | ' ' | '_' | '-'));
    let few = names.matches(", ").count() < NAMES && names.len() <= LONG && !names.is_empty();
    if review.source().slice(finding.span) != value || !plain || !few {
        return None;
    }
    let slot = syntax.write(&format!("{SAMPLE}: {}?", names.replace(", ", " or ")));
    // `"kind": "slow"` keeps its signs, and the note names the value with them.
    let (start, end) = (finding.span.start(), finding.span.end());
    let text = review.source().text();
    match text[..start].ends_with('"') && text[end..].starts_with('"') {
        true => Some(Edit { span: Span::new(start - 1, end + 1), replacement: format!("\"{slot}\"") }),
        false => Some(Edit { span: finding.span, replacement: slot }),
    }
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reframed;

    fn settled(text: &str) -> String {
        let out = reframed(text).text;
        assert_eq!(reframed(&out).text, out);
        out
    }

    #[test]
    fn a_step_that_another_counts_on_gets_its_place() {
        let out = settled(
            "You sell seats to guests.\n\n1. Ask for the day.\n2. Name the boats.\n4. Offer the seats found in step 3.\n5. Say goodbye.\n",
        );
        assert!(out.contains("2. Name the boats.\n3. {{step: what is done in step 3?}}\n4. Offer"), "{out}");
    }

    #[test]
    fn an_appendix_gets_a_place_at_the_end() {
        let out =
            settled("You sell seats to guests.\n\n- Name the boat.\n- Take the fares from Appendix B.\n");
        assert!(out.trim_end().ends_with("Appendix B:\n{{appendix_b}}"), "{out}");
    }

    #[test]
    fn an_appendix_is_written_as_the_other_slots_are() {
        let out = settled(
            "You sell seats to guests.\n\n- Name the boat.\n- Take the fares from Appendix B.\n\nPier: <pier>\nBoat: <boat>\n",
        );
        assert!(out.contains("<appendix_b>") && out.contains("<pier>"), "{out}");
    }

    #[test]
    fn a_section_gets_a_heading_at_the_end() {
        let out = settled(
            "# Role\nYou are the night clerk of a ferry line.\n\n# Rules\n- Name the boat.\n- For a lost bag follow section \"Lost bags\".\n",
        );
        assert!(out.contains("# Lost bags\n{{lost_bags}}"), "{out}");
    }

    #[test]
    fn a_sample_with_no_output_asks_for_it() {
        let out = settled(
            "Sort the slips into LOST and LATE.\n\nSample slip: my scarf is gone\nSample label: LOST\n\n\
             Sample slip: the boat was late\n\nSlip: {slip}\n",
        );
        assert!(
            out.contains("Sample slip: the boat was late\nSample label: {sample: what comes back here?}"),
            "{out}"
        );
    }

    #[test]
    fn a_label_that_is_not_offered_is_asked_for() {
        let out = settled(
            "Sort each slip into one label: LOST, LATE, OTHER.\n\nSlip: my scarf is gone\nLabel: LOST\n\nSlip: the boat was an hour late\nLabel: SLOW\n\nSlip: {slip}\n",
        );
        assert!(out.contains("Label: {sample: LOST or LATE or OTHER?}"), "{out}");
    }
}
