//! The items of a sample list that are longer than each may be: "each point in at most six words".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::trial;
use crate::units::UnitKind;

/// What an item of a list is called.
const ITEMS: [&str; 5] = ["bullet", "point", "item", "entry", "line"];
/// How many items are looked at.
const MOST: usize = 64;

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    let of_items = |rule: &&&Requirement| {
        let measured = matches!(
            &rule.demand,
            Demand::Amount { measure: Measure::Words | Measure::Characters, bound } if !bound.about
        );
        measured && matches!(&rule.subject, Subject::Each(thing) if ITEMS.contains(&thing.as_str()))
    };
    let mut bounds = rules.iter().filter(of_items);
    // With two bounds nobody can say which of them is meant.
    let (Some(rule), None) = (bounds.next(), bounds.next()) else { return };
    let Demand::Amount { measure, bound } = &rule.demand else { return };
    let Some(most) = bound.most else { return };
    let shown = |unit: &usize| {
        case.labels[*unit].component == Some(Component::Examples)
            && matches!(case.units[*unit].kind, UnitKind::Item { .. })
            && case.units[*unit].opens_piece
    };
    for unit in (0..case.units.len()).filter(shown).take(MOST) {
        let place = case.units[unit].text;
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(place));
        let body = case.text(place);
        let count = trial::count(body, measure).filter(|count| *count > most as usize);
        if let Some(count) = count.filter(|_| !known && !body.contains([':', '{', '<'])) {
            report(case, sink, place, format!("an item has {count} {}", measure.name(bound)), rule.span);
            return;
        }
    }
}
