//! Keys of sample records that are not written as the prompt wants them: "all keys in snake_case", `{"pierName": …}`.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::requirement::{Demand, Requirement};
use crate::samples::goes_in;
use crate::span::Span;
use crate::trial;

/// Words for the names that stand in a record.
const KEYS: [&str; 7] = ["key", "keys", "field", "fields", "property", "properties", "attribute"];

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    let of_keys = |rule: &&&Requirement| {
        let said = trial::sentence(case.source.text(), rule.span).to_lowercase();
        matches!(rule.demand, Demand::Manner { axis: "naming", .. })
            && said.split(|c: char| !c.is_alphanumeric()).any(|word| KEYS.contains(&word))
    };
    let Some(rule) = rules.iter().find(of_keys) else { return };
    let Demand::Manner { pole, .. } = rule.demand else { return };
    for unit in 0..case.units.len() {
        let place = case.units[unit].text;
        let body = case.text(place);
        let shaped =
            matches!(case.labels[unit].component, Some(Component::Examples | Component::OutputFormat));
        if !shaped || body.len() > record::LONGEST || !body.contains("\":") || goes_in(case, place) {
            continue;
        }
        let Some(odd) = record::keys(body).into_iter().find(|key| trial::is_misnamed(pole, key)) else {
            continue;
        };
        let at = body.find(&format!("\"{odd}\"")).map_or(place, |at| Span::within(place, at, odd.len() + 2));
        report(case, sink, at, format!("`{odd}` is not in {pole}"), rule.span);
        return;
    }
}

/// "Keys in snake_case", and "name the keys firstName and lastName".
pub(super) fn names_asked_for(case: &Case<'_>, sink: &mut Sink<'_>) {
    let firm = || case.requirements.iter().filter(|rule| !rule.conditional);
    let poles = firm().find_map(|rule| match rule.demand {
        Demand::Manner { axis: "naming", pole } => Some((rule, pole)),
        _ => None,
    });
    let Some((rule, pole)) = poles else { return };
    let named = firm().find(|other| {
        other.unit != rule.unit
            && matches!(&other.demand, Demand::Fields(fields) if fields.iter().any(|field| trial::is_misnamed(pole, &field.name)))
            && !case.text(case.units[other.unit].text).contains("\":")
    });
    if let Some(other) = named {
        sink.clash(case, case.units[other.unit].text, case.units[rule.unit].text);
    }
}
