//! Forms that samples fill in: "Boat: its name", "Pier: its letter", and further down "Boat: Merle", "Pier: B".

use super::{Label, Reading};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::samples::form::{Run, runs};
use crate::units::UnitKind;

/// The fewest labelled lines of a record behind which an order is none of its lines.
const RECORD: usize = 3;

/// Takes all lines of a filled-in form for a sample where some are one or one stands above; an order below it is none.
pub(super) fn settle(reading: &Reading<'_>, labels: &mut [Label]) {
    let runs = runs(reading.source);
    for (at, run) in runs.iter().enumerate() {
        if !runs[..at].iter().any(|form| run.fills(form) && !is_shown(reading, labels, form)) {
            continue;
        }
        let units = units_of(reading, run);
        let above = units.start.checked_sub(1).filter(|&unit| same_part(reading, unit, units.start));
        let led = above.is_some_and(|unit| labels[unit].component == Some(Component::Examples));
        if !led && !is_shown(reading, labels, run) {
            continue;
        }
        let takes_in = |unit: &usize| reading.source.slice(reading.units[*unit].text).contains(['{', '<']);
        for unit in units.clone().filter(|unit| !takes_in(unit)) {
            if reading.units[unit].kind != UnitKind::Mark {
                labels[unit].component = Some(Component::Examples);
                labels[unit].shares = [0.0; 6];
                labels[unit].shares[Component::Examples.index()] = 1.0;
            }
        }
        if run.entries.len() >= RECORD {
            leave(reading, labels, units.end);
        }
    }
}

/// The units that the lines of a run stand in.
fn units_of(reading: &Reading<'_>, run: &Run) -> std::ops::Range<usize> {
    let place = run.place();
    let from = reading.units.partition_point(|unit| unit.text.end() <= place.start());
    let to = reading.units.partition_point(|unit| unit.text.start() < place.end());
    from..to.max(from)
}

fn same_part(reading: &Reading<'_>, one: usize, other: usize) -> bool {
    reading.units[one].section == reading.units[other].section
}

/// True where a line of the run was read as a sample.
fn is_shown(reading: &Reading<'_>, labels: &[Label], run: &Run) -> bool {
    units_of(reading, run).any(|unit| labels[unit].component == Some(Component::Examples))
}

/// "Escalate to the vet on call.", in a paragraph of its own below the record.
fn leave(reading: &Reading<'_>, labels: &mut [Label], unit: usize) {
    let Some(next) = reading.units.get(unit).filter(|next| next.kind == UnitKind::Sentence) else { return };
    let text = reading.source.text();
    let gap = &text[reading.units[unit - 1].text.end()..next.text.start()];
    let orders = reading.words.within(next.text).first().is_some_and(|word| word.is(vocabulary::VERB));
    let whole = reading.source.slice(next.text).ends_with('.');
    if gap.matches('\n').count() > 1 && orders && whole && labels[unit].component == Some(Component::Examples)
    {
        labels[unit].shares[Component::Examples.index()] = 0.0;
        let shares = labels[unit].shares;
        super::decide(&mut labels[unit], &shares);
    }
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component;

    #[test]
    fn a_filled_form_is_a_sample_to_its_end() {
        let text = "Write a card for each letter in this form:\n\n- Boat: its name\n- Pier: its letter\n- Fault: in the writer's words\n\nExample:\nLetter: The Merle leaks at pier B.\n\n- Boat: Merle\n- Pier: B\n- Fault: leaks\n\nSort the cards by the name of the boat.\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        let samples = found.iter().filter(|of| **of == Component::Examples).count();
        assert_eq!(samples, 4, "{found:?}");
        assert_ne!(found.last(), Some(&Component::Examples));
    }
}
