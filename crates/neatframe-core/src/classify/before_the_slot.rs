//! Samples known by the form that takes the input: "Slip: my scarf is gone", "Label: LOST", and further down "Slip: {slip}".

use super::{Label, Reading, holds_a_slot};
use crate::component::Component;
use crate::units::{Unit, UnitKind};

/// How many units above the slot the first sample is looked for.
const BACK: usize = 40;

/// Takes the labelled lines between the first line with the slot's label and the slot itself for samples.
pub(super) fn settle(reading: &Reading<'_>, labels: &mut [Label]) {
    for at in 1..reading.units.len() {
        let unit = &reading.units[at];
        let Some((name, taken)) = labelled(reading, unit) else { continue };
        // "Slip: {slip}", and nothing else on the line.
        let alone = taken.starts_with(['{', '<', '[', '$', '"']) && taken.ends_with(['}', '>', ']', '"']);
        if !alone || !holds_a_slot(reading, unit) {
            continue;
        }
        let first = (at.saturating_sub(BACK)..at).find(|&before| {
            let unit = &reading.units[before];
            labelled(reading, unit).is_some_and(|(other, shown)| {
                other == name && shown.contains(' ') && !holds_a_slot(reading, unit)
            })
        });
        let Some(first) = first else { continue };
        let lines = first..at;
        let titled = |unit: usize| {
            reading.units[unit].kind == UnitKind::Mark
                && reading.source.slice(reading.units[unit].text).starts_with('#')
        };
        if lines.clone().any(titled) {
            continue;
        }
        for line in lines.filter(|line| labelled(reading, &reading.units[*line]).is_some()) {
            if !holds_a_slot(reading, &reading.units[line]) {
                labels[line].component = Some(Component::Examples);
                labels[line].shares = [0.0; 6];
                labels[line].shares[Component::Examples.index()] = 1.0;
            }
        }
    }
}

/// The label of a line and what stands behind it.
fn labelled<'a>(reading: &Reading<'a>, unit: &Unit) -> Option<(&'a str, &'a str)> {
    if !matches!(unit.kind, UnitKind::Field | UnitKind::Turn) || !unit.opens_piece {
        return None;
    }
    let text = reading.source.text();
    let from = text[..unit.text.start()].rfind('\n').map_or(0, |at| at + 1);
    let (label, value) = text[from..].lines().next()?.split_once(':')?;
    let value = value.trim().trim_matches('*').trim();
    (!label.is_empty() && !value.is_empty()).then_some((label, value))
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component;

    #[test]
    fn what_stands_under_the_label_of_the_slot_is_a_sample() {
        let text = "Read the flyer and return title and time.\nFlyer: Jazz in the barn, doors at nine.\nTitle: Jazz in the barn\nTime: 21:00\nFlyer: {flyer}\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found[1..4], [Component::Examples; 3], "{found:?}");
        let alone = "Read the flyer and return title and time.\nTitle: in capitals\nTime: as on the flyer\nFlyer: {flyer}\n";
        let found: Vec<_> = components_of(alone).into_iter().flatten().collect();
        assert!(!found.contains(&Component::Examples), "{found:?}");
    }
}
