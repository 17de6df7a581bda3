//! A sample record that no parser of JSON reads, where JSON is asked for: `{boat: Tern}`, `{'boat': 'Tern'}`, `{"boat": "Tern",}`.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::Demand;
use crate::samples::goes_in;
use crate::span::Span;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let json = |rule: &&crate::requirement::Requirement| {
        !rule.conditional
            && matches!(rule.demand, Demand::Manner { axis: "data format", pole: "JSON" | "only JSON" })
    };
    let Some(rule) = case.requirements.iter().find(json) else { return };
    for unit in 0..case.units.len() {
        let place = case.units[unit].text;
        let body = case.text(place);
        let taken_in = || case.slots.iter().any(|slot| slot.span.overlaps(place));
        if case.labels[unit].component != Some(Component::Examples) || goes_in(case, place) || taken_in() {
            continue;
        }
        let Some((at, length, what)) = slip(body) else { continue };
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(place));
        if !known {
            report(case, sink, Span::within(place, at, length), what.to_string(), rule.span);
        }
        return;
    }
}

/// Where a record is no JSON, as offset and length in bytes, and why.
fn slip(body: &str) -> Option<(usize, usize, &'static str)> {
    let from = body.find('{')?;
    let whole = body.trim_end().ends_with('}') && body[..from].chars().all(|c| !c.is_alphanumeric());
    let inner = body[from + 1..].trim_start();
    let at = body.len() - inner.len();
    let end = inner.find(':').filter(|_| whole)?;
    let key = inner[..end].trim();
    let named = !key.is_empty() && key.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-' | '\''));
    if key.starts_with('\'') && key.ends_with('\'') && named {
        return Some((at, key.len(), "its keys stand in single quotation marks, which are no JSON"));
    }
    if named && !key.contains('\'') && !inner.contains('"') {
        return Some((at, key.len(), "its keys stand without quotation marks, which is no JSON"));
    }
    let comma = body.trim_end().strip_suffix('}')?.trim_end();
    comma
        .ends_with(',')
        .then(|| (comma.len() - 1, 1, "a comma stands behind the last value, which is no JSON"))
}

#[cfg(test)]
mod tests {
    use super::slip;

    #[test]
    fn records_that_are_none() {
        assert_eq!(slip("{boat: Tern, time: 8}").unwrap().0, 1);
        assert!(slip("{'boat': 'Tern'}").is_some());
        assert!(slip("{\"boat\": \"Tern\",}").is_some());
        assert!(slip("{\"boat\": \"Tern\"}").is_none());
        assert!(slip("Write {boat} here.").is_none());
    }
}
