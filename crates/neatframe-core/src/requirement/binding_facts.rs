//! Facts that bind what is planned as a rule would: "we have no car", "my sister is vegan".

use super::{Demand, Requirement, Sight, manner};
use crate::component::Component;
use crate::units::UnitKind;
use crate::words::Word;

/// The axes on which a fact binds.
const AXES: [&str; 14] = [
    "travel by car", "flights", "place to sleep", "oven", "heat of the food", "sugar", "nuts", "gluten",
    "milk products", "meat", "alcohol", "steps and climbs", "outdoors only", "indoors only",
];
/// Poles that a fact rules out the other one by; what somebody eats or did once rules out nothing.
const BINDS: [&str; 4] = ["none", "tent", "mild", "indoors"];
/// Words from which a sentence tells a story.
const LONG: usize = 30;

pub(super) fn read(sight: &Sight<'_>, demands: &[usize], found: &mut Vec<Requirement>) {
    for (unit, label) in sight.labels.iter().enumerate() {
        let prose = !matches!(
            sight.units[unit].kind,
            UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn
        );
        let fact = label.component == Some(Component::Context) && demands.binary_search(&unit).is_err();
        if !prose || !fact || sight.hits[unit].is_empty() {
            continue;
        }
        let words = sight.words.within(sight.units[unit].text);
        if words.len() > LONG || is_of_some(sight.source.text(), words) {
            continue;
        }
        let mut told = Vec::new();
        manner::read(sight, unit, &mut told);
        found.extend(told.into_iter().filter(|rule| {
            matches!(&rule.demand, Demand::Manner { axis, pole } if AXES.contains(axis) && BINDS.contains(pole) || axis.starts_with("a free "))
        }));
    }
}

/// "22 of them eat no meat": the others do.
fn is_of_some(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words[at].lower(text);
    (0..words.len()).any(|at| match &*lower(at) {
        "some" | "few" | "most" | "half" => true,
        "of" => at + 1 < words.len() && matches!(&*lower(at + 1), "them" | "us" | "these" | "those"),
        _ => false,
    })
}
