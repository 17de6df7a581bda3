//! Answers that a prompt shows, whatever their words read like: the lines below "Example output:", and what stands in `<output>`
//! within `<example>`.

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

/// `<example>`, and in it `<output>Every boat has a bell.</output>`.
pub(super) fn in_their_tags(reading: &Reading<'_>, inside: &mut [bool]) {
    let mut sample = false;
    let mut answer = false;
    for (at, unit) in reading.units.iter().enumerate() {
        let text = reading.source.slice(unit.text);
        let Some((closes, name)) = opening_tag(text) else {
            inside[at] |= sample && answer && unit.kind != UnitKind::Mark && !holds_a_slot(reading, unit);
            continue;
        };
        let shows = ["example", "sample"].iter().any(|word| name.starts_with(word));
        let answers = names_an_answer(name);
        if unit.kind == UnitKind::Mark {
            if shows && !name.ends_with('s') {
                sample = !closes;
            }
            answer = if answers { !closes } else { answer && !shows };
            continue;
        }
        // `<output>Every boat has a bell.</output>` on one line.
        inside[at] |= sample && (answers || answer) && !closes && !holds_a_slot(reading, unit);
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
