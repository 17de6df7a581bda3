//! Answers that a prompt shows, whatever their words read like: the lines below "Example output:", and what stands in `<input>` and
//! `<output>` within `<example>`.

use super::{Reading, holds_a_slot};
use crate::outline::is_sample_title;
use crate::samples::names_an_answer;
use crate::units::UnitKind;

/// How many units an answer below its title may have.
const LONG: usize = 40;

/// "Example output:", and the lines right below it.
pub(super) fn below_their_title(reading: &Reading<'_>, inside: &mut [bool]) {
    let text = |at: usize| reading.source.slice(reading.units[at].text);
    for at in 0..reading.units.len() {
        let title = text(at).trim_matches(['#', '*', ' ']).trim_end_matches(':');
        let named = reading.units[at].kind == UnitKind::Mark
            && text(at).trim_end_matches('*').ends_with(':')
            && is_sample_title(text(at))
            && names_an_answer(title);
        if !named {
            continue;
        }
        let mut before = reading.units[at].text.end();
        let adjacent = |next: &usize| {
            let unit = &reading.units[*next];
            let gap = &reading.source.text()[before..unit.text.start()];
            before = unit.text.end();
            gap.matches('\n').count() <= 1 && unit.kind != UnitKind::Mark && !holds_a_slot(reading, unit)
        };
        let end = (at + 1..reading.units.len()).take(LONG).take_while(adjacent).last();
        if let Some(end) = end {
            inside[at + 1..=end].fill(true);
        }
    }
}

/// "Example:", a question below it, and the answers to choose from, `A) …`, `B) …`.
pub(super) fn below_a_question(reading: &Reading<'_>, inside: &mut [bool]) {
    let text = |at: usize| reading.source.slice(reading.units[at].text);
    // The letter may be the mark of an item, which no unit holds.
    let line = |at: usize| reading.source.slice(reading.source.line_around(reading.units[at].text.start()));
    let option = |at: usize| {
        let mut signs = line(at).trim_start().chars();
        signs.next().is_some_and(|c| c.is_ascii_alphabetic()) && matches!(signs.next(), Some(')' | '.'))
    };
    for at in 0..reading.units.len().saturating_sub(2) {
        let title = reading.units[at].kind == UnitKind::Mark && is_sample_title(text(at));
        if !title || !text(at + 1).trim_end().ends_with('?') {
            continue;
        }
        let end = (at + 2..reading.units.len()).take(LONG).take_while(|&unit| option(unit)).last();
        if let Some(end) = end.filter(|end| *end > at + 2) {
            inside[at + 1..=end].fill(true);
        }
    }
}

/// `<example>`, and in it `<output>Every boat has a bell.</output>`.
pub(super) fn in_their_tags(reading: &Reading<'_>, inside: &mut [bool]) {
    let mut sample = false;
    let mut side = false;
    for (at, unit) in reading.units.iter().enumerate() {
        let text = reading.source.slice(unit.text);
        let Some((closes, name)) = opening_tag(text) else {
            inside[at] |= sample && side && unit.kind != UnitKind::Mark && !holds_a_slot(reading, unit);
            continue;
        };
        let shows = ["example", "sample"].iter().any(|word| name.starts_with(word)) && !name.ends_with('s');
        if unit.kind == UnitKind::Mark {
            (sample, side) = if shows { (!closes, false) } else { (sample, !closes) };
            continue;
        }
        // `<output>Every boat has a bell.</output>` on one line.
        inside[at] |= sample && !shows && !closes && !holds_a_slot(reading, unit);
    }
}

/// The name of the tag that a line begins with, and whether it closes one.
fn opening_tag(line: &str) -> Option<(bool, &str)> {
    let inner = line.strip_prefix('<')?;
    let closes = inner.starts_with('/');
    let inner = inner.trim_start_matches('/');
    let end = inner.find(|c: char| !c.is_alphanumeric() && !matches!(c, '_' | '-'))?;
    (end > 0 && inner[end..].starts_with(['>', ' '])).then_some((closes, &inner[..end]))
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component;

    fn samples(text: &str) -> usize {
        components_of(text).iter().filter(|part| **part == Some(Component::Examples)).count()
    }

    #[test]
    fn answers_are_samples_whatever_they_read_like() {
        let tagged = "Answer the guest's mail.\n\n<example>\n<input>When?</input>\n<output>Every boat has a bell.</output>\n</example>\n";
        assert_eq!(samples(tagged), 2);
        let titled = "Answer the guest's mail.\n\nExample output:\nEvery boat has a bell.\nOur desk is open.\n\nUse plain words.\n";
        assert_eq!(samples(titled), 2);
        let form = "Answer the guest's mail.\n\nExample output:\nFare: {fare}\n";
        assert_eq!(samples(form), 0, "a slot is filled in");
        let options = "Make questions for the crew.\n\nExample:\n1. What do you do first?\nA) Call the desk\nB) Look for fog\nC) Ring the bell\n";
        let read = components_of(options);
        assert!(read[1..].iter().all(|part| matches!(part, None | Some(Component::Examples))), "{read:?}");
    }

    #[test]
    fn an_order_behind_an_order_shows_nothing() {
        let text = "Say the weather in one sentence.\n\nExample: It will be sunny in Porto.\nExample: A warm day in Faro.\n\nUse plain words. Name the wind. Be kind.\n";
        assert_eq!(samples(text), 2);
    }
}
