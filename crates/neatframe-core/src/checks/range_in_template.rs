//! A field whose range in the template is another one than a rule gives it: "the total is between 0 and 9", `"total": 0-10`.

use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::requirement::number;
use crate::words::Word;

/// How many templates are looked at, and how far behind the name of a field its range may stand, in words and signs.
const TEMPLATES: usize = 8;
const NEAR: usize = 6;

/// Reports a rule and a template that bound one field in two ways.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let shaped = |unit: &usize| {
        let span = case.units[*unit].text;
        case.labels[*unit].component != Some(Component::Examples)
            && span.end() - span.start() <= record::LONGEST
            && case.text(span).contains("\":")
    };
    for template in (0..case.units.len()).filter(shaped).take(TEMPLATES) {
        let body = case.text(case.units[template].text);
        for key in record::keys(body) {
            let Some((low, high)) = record::range(body, &key) else { continue };
            let other = case
                .demands()
                .filter(|unit| !case.text(case.units[*unit].text).contains("\":"))
                .find(|unit| told(case, *unit, &key).is_some_and(|range| range != (low, high)));
            if let Some(unit) = other {
                sink.clash(case, case.units[unit].text, case.units[template].text);
            }
        }
    }
}

/// "The total is between 0 and 9", "the total runs from 0 to 9": the range right behind the name of the field.
fn told(case: &Case<'_>, unit: usize, key: &str) -> Option<(i64, i64)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let figure = |word: &Word| number(text, *word).map(i64::from);
    let at = words.iter().position(|word| word.lower(text) == key)?;
    let behind = &words[at + 1..words.len().min(at + 1 + NEAR)];
    // "The total of the points from 1 to 3" tells of the points.
    if behind.iter().any(|word| word.lower(text) == "of") {
        return None;
    }
    (0..behind.len()).find_map(|from| {
        let rest = &words[at + 1 + from..];
        let [lead, low, sign, high] = rest.get(..4)? else { return None };
        let apart = match &*lead.lower(text) {
            "between" => sign.lower(text) == "and",
            "from" => sign.lower(text) == "to",
            _ => false,
        };
        let range = (figure(low)?, figure(high)?);
        (apart && range.0 < range.1).then_some(range)
    })
}
