//! A record that shows the form of the answer with a value that the choices do not have: `"severity": "high"`, and "severity is
//! one of blocker, major, minor".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::requirement::{Demand, Requirement, Subject};
use crate::trial;

/// What a form writes where any value may stand.
const KINDS: [&str; 12] =
    ["string", "str", "text", "value", "label", "name", "type", "number", "enum", "level", "category", "one"];

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    for unit in 0..case.units.len() {
        let span = case.units[unit].text;
        let body = case.text(span);
        let shape = case.labels[unit].component == Some(Component::OutputFormat);
        if !shape || !body.contains("\":") || !body.starts_with(['{', '[']) || body.len() > record::LONGEST {
            continue;
        }
        let broken = rules.iter().find_map(|rule| {
            let (Demand::OneOf(_), Subject::Named(key)) = (&rule.demand, &rule.subject) else { return None };
            let breach = trial::breach(case.source.text(), rule, span, false)?;
            let value = case.text(breach.place);
            let plain = value.chars().all(|c| c.is_alphanumeric() || c == '_')
                && !KINDS.contains(&&*value.to_lowercase())
                && !key.contains(&value.to_lowercase());
            (plain && is_filled(body, key)).then_some((breach, rule.span))
        });
        if let Some((breach, rule)) = broken {
            report(case, sink, breach.place, breach.what, rule);
        }
    }
}

/// True where another field holds a value as it may come: a number, or the name of a file.
fn is_filled(body: &str, key: &str) -> bool {
    record::keys(body).iter().filter(|other| *other != key).any(|other| {
        let figure = record::whole_number(body, other).is_some_and(|(_, number)| number > 1);
        let file = |value: &str| {
            value.rsplit_once('.').is_some_and(|(name, end)| {
                !name.trim_matches('.').is_empty() && (1..=4).contains(&end.len()) && !value.contains(' ')
            })
        };
        figure || record::values(body, other).iter().any(|(_, value)| file(value))
    })
}

#[cfg(test)]
mod tests {
    use super::is_filled;

    #[test]
    fn a_record_with_values_as_they_may_come() {
        assert!(is_filled("{\"file\": \"motor.c\", \"level\": \"high\"}", "level"));
        assert!(is_filled("{\"line\": 120, \"level\": \"high\"}", "level"));
        assert!(!is_filled("{\"line\": 0, \"why\": \"...\", \"level\": \"high\"}", "level"));
    }
}
