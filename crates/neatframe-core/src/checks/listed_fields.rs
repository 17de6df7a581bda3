//! What is to be pulled out, listed by name, and a sample record that has no field for one of the names.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::likeness::stem;
use crate::record;
use crate::samples::Side;
use crate::units::UnitKind;

/// Verbs that pull facts out of a text.
const PULLS: [&str; 9] =
    ["extract", "pull", "get", "find", "return", "collect", "read", "capture", "identify"];
/// The fewest names of a list, and the most words of a name.
const LEAST: usize = 3;
const WORDS: usize = 4;

/// Only where every gap is filled: else a field may be left away.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let filled = |rule: &crate::requirement::Requirement| rule.demand.fills_a_gap();
    if !case.requirements.iter().any(filled) {
        return;
    }
    let mut lists = case.demands().filter_map(|unit| Some((unit, names(case, unit)?)));
    let (Some((unit, names)), None) = (lists.next(), lists.next()) else { return };
    for record in records(case) {
        let keys = record::outer_keys(case.text(record));
        let mut free: Vec<&String> = keys.iter().collect();
        let mut without = Vec::new();
        for name in &names {
            match free.iter().position(|key| is_called(name, key)) {
                Some(at) => {
                    free.remove(at);
                }
                None => without.push(name),
            }
        }
        if let ([name], []) = (&without[..], &free[..]) {
            report(
                case,
                sink,
                record,
                format!("the sample has no field for `{name}`"),
                case.units[unit].text,
            );
            return;
        }
    }
}

/// "Extract the following from the slip: boat, pier, hour of departure.": the names.
fn names(case: &Case<'_>, unit: usize) -> Option<Vec<String>> {
    let body = case.text(case.units[unit].text);
    let verb = case.words_of(unit).first()?.lower(case.source.text());
    let (_, list) = body.split_once(": ").filter(|_| PULLS.contains(&&*verb))?;
    let list = list.trim_end().trim_end_matches('.').replace(" and ", ", ");
    let names: Vec<String> =
        list.split(',').map(|name| name.trim().to_lowercase()).filter(|name| !name.is_empty()).collect();
    let plain = |name: &String| {
        name.split_whitespace().count() <= WORDS
            && name.chars().all(|c| c.is_alphanumeric() || " _-".contains(c))
    };
    (names.len() >= LEAST && names.iter().all(plain)).then_some(names)
}

/// The records that samples give as answers.
fn records<'a>(case: &'a Case<'_>) -> impl Iterator<Item = crate::span::Span> + 'a {
    let sample = |unit: &usize| case.labels[*unit].component == Some(Component::Examples);
    let input = |at: usize| {
        case.samples
            .iter()
            .any(|shown| shown.side == Side::Input && shown.content.contains(case.units[at].text))
    };
    (0..case.units.len())
        .filter(sample)
        .filter(move |unit| case.units[*unit].kind != UnitKind::Mark && !input(*unit))
        .map(|unit| case.units[unit].text)
        .filter(|span| {
            let body = case.text(*span).trim();
            body.len() <= record::LONGEST && body.ends_with('}') && body.matches('{').count() == 1
        })
}

/// "Years of experience" is the field `years`, and "hour" may be `departure_hour`.
fn is_called(name: &str, key: &str) -> bool {
    let parts = |text: &str| -> Vec<u32> {
        text.to_lowercase()
            .split(|c: char| !c.is_alphanumeric())
            .filter(|part| part.len() > 2)
            .map(stem)
            .collect()
    };
    let key = parts(key);
    parts(name).iter().any(|part| key.contains(part))
}

#[cfg(test)]
mod tests {
    use super::is_called;

    #[test]
    fn a_field_shares_a_word_with_its_name() {
        assert!(is_called("years of service", "years") && is_called("hour", "departure_hour"));
        assert!(!is_called("fare", "boat") && !is_called("id of it", "no"));
    }
}
