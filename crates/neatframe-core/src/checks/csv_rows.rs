//! Sample rows of CSV with fewer or more values than the columns that the prompt names.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::samples::goes_in;
use crate::span::Span;
use crate::units::UnitKind;

/// How many rows are looked at, and the most columns of a row.
const ROWS: usize = 64;
const COLUMNS: usize = 12;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some((form, columns)) = case.demands().find_map(|unit| Some((unit, columns(case, unit)?))) else {
        return;
    };
    let shown = (0..case.units.len()).filter(|&unit| {
        case.labels[unit].component == Some(Component::Examples) && case.units[unit].kind != UnitKind::Mark
    });
    for unit in shown.filter(|&unit| !goes_in(case, case.units[unit].text)).take(ROWS) {
        let place = case.units[unit].text;
        let mut at = 0;
        for line in case.text(place).split_inclusive('\n') {
            let row = line.trim_end();
            let from = at;
            at += line.len();
            let values: Vec<&str> = row.split(',').collect();
            // A value in quotation marks may hold a comma, and running text has blanks behind its commas.
            let plain = row.contains(',') && !row.contains(['"', ':', '{']) && !row.contains(", ");
            if plain && values.len() != columns.len() {
                let what =
                    format!("{} values, where the prompt names {} columns", values.len(), columns.len());
                report(case, sink, Span::within(place, from, row.len()), what, case.units[form].text);
                return;
            }
        }
    }
}

/// "CSV with the columns name,date,fare": the names.
fn columns(case: &Case<'_>, unit: usize) -> Option<Vec<String>> {
    let body = case.text(case.units[unit].text);
    let (_, rest) = body.contains("CSV").then(|| body.split_once("columns"))??;
    let rest = rest.trim_start_matches([':', ' ']).split(['.', ';', '\n', '(']).next()?;
    let rest = rest.replace(", and ", ",").replace(" and ", ",");
    let names: Vec<String> =
        rest.split(',').map(|name| name.trim().trim_matches(['`', '"']).to_string()).collect();
    let name = |name: &String| !name.is_empty() && name.split(' ').count() <= 2;
    ((3..=COLUMNS).contains(&names.len()) && names.iter().all(name)).then_some(names)
}
