//! A sample whose total is not what its fields add up to: "the total is the sum of the three scores".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::samples::records::read;
use std::borrow::Cow;

/// The most fields that are added up; the difference up to which a total is rounded.
const FIELDS: usize = 12;
const ROUNDED: f64 = 0.051;
/// How far into a sentence the order to add up stands, in words.
const ADDS: usize = 6;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some((rule, total, terms)) = case.demands().find_map(|unit| sum(case, unit)) else { return };
    for record in &read(case) {
        let number = |text: &str| text.trim().trim_end_matches(['.', ',']).parse::<f64>().ok();
        let figures: Vec<(&str, f64)> = record
            .cells
            .iter()
            .filter_map(|cell| Some((cell.name.as_str(), number(case.text(cell.value))?)))
            .collect();
        let is_total = |name: &str| name.split(' ').any(|word| word == total);
        let mut totals = record.cells.iter().filter(|cell| is_total(&cell.name));
        let (Some(cell), None) = (totals.next(), totals.next()) else { continue };
        let Some(said) = number(case.text(cell.value)) else { continue };
        let parts: Vec<f64> =
            figures.iter().filter(|(name, _)| !is_total(name)).map(|(_, figure)| *figure).collect();
        let sum: f64 = parts.iter().sum();
        let counted = terms.is_none_or(|terms| parts.len() == terms) && (2..=FIELDS).contains(&parts.len());
        if counted && (sum - said).abs() > ROUNDED {
            let what = format!("`{said}` is not the sum of the fields, {sum}");
            report(case, sink, cell.value, what, case.units[rule].text);
            return;
        }
    }
}

/// "The total is the sum of the three scores": the unit, the name of the total, and how many are added up where that is said.
fn sum(case: &Case<'_>, unit: usize) -> Option<(usize, String, Option<usize>)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "Add up the points", where a field is the total.
    let adds = (0..words.len().min(ADDS)).find(|&at| lower(at) == "add" && lower(at + 1) == "up");
    if adds.is_some_and(|at| matches!(&*lower(at + 2), "the" | "all" | "these")) {
        return Some((unit, "total".into(), None));
    }
    let at = (0..words.len()).find(|&at| lower(at) == "sum" && lower(at + 1) == "of")?;
    let is = (0..at).rfind(|&at| matches!(&*lower(at), "is" | "as" | ":" | "=" | "be"))?;
    let total = lower(is.checked_sub(1)?).into_owned();
    let named = matches!(total.as_str(), "total" | "sum" | "overall" | "score" | "points" | "result");
    let all = (at + 2..at + 5).any(|at| matches!(&*lower(at), "all" | "the" | "these"));
    let terms = (at + 2..at + 5).find_map(|at| crate::requirement::number(text, *words.get(at)?));
    (named && all).then_some((unit, total, terms.map(|terms| terms as usize)))
}
