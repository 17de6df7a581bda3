//! Sample rows in another order than the prompt asks for: "sort by date, oldest first", and a later day above an earlier one.

use super::field_rules::only_name;
use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::samples::records::{Cell, Record};
use std::cmp::Ordering;

/// Words of an order that rises, and of one that falls.
const UP: [&str; 10] = [
    "ascending", "oldest", "earliest", "alphabetical", "lowest", "smallest", "cheapest", "from a to z",
    "rising", "shortest",
];
const DOWN: [&str; 10] = [
    "descending", "newest", "latest", "highest", "largest", "falling", "biggest", "most recent", "dearest",
    "longest",
];
/// How many demands are looked at.
const DEMANDS: usize = 1_000;
/// The fewest rows that show whether an order of no stated direction is kept.
const ROWS: usize = 3;

/// Reports the first row that stands above one that has to come before it.
pub(super) fn run(case: &Case<'_>, records: &[Record], names: &[&str], sink: &mut Sink<'_>) {
    for unit in case.demands().take(DEMANDS) {
        let lower = case.text(case.units[unit].text).to_lowercase();
        let sorts = ["sort ", "sorted by", "order ", "ordered by"].iter().any(|words| lower.contains(words))
            && lower.contains(" by ");
        if !sorts || case.labels[unit].component == Some(Component::Examples) || lower.contains(", then ") {
            continue;
        }
        let Some(name) = only_name(case, case.units[unit].with_lead(case.outline), names) else { continue };
        let says = |words: &[&str]| words.iter().any(|word| lower.contains(word));
        let asked = match (says(&UP), says(&DOWN)) {
            (true, false) => Some(Ordering::Less),
            (false, true) => Some(Ordering::Greater),
            _ => None,
        };
        for block in records.chunk_by(|one, next| one.block == next.block) {
            let cells: Option<Vec<&Cell>> =
                block.iter().map(|record| record.cells.iter().find(|cell| cell.name == name)).collect();
            let Some(cells) = cells else { continue };
            let Some(steps) = steps(case, &cells) else { continue };
            let first = |way: Ordering| steps.iter().position(|step| *step == way.reverse());
            let off = match asked {
                Some(way) => first(way),
                None if cells.len() >= ROWS => {
                    first(Ordering::Less).filter(|_| first(Ordering::Greater).is_some())
                }
                None => None,
            };
            if let Some(at) = off {
                let (above, below) = (case.shown(cells[at].value), case.shown(cells[at + 1].value));
                let what = format!("`{above}` stands above `{below}` in a sample");
                report(case, sink, cells[at].value.cover(cells[at + 1].value), what, case.units[unit].text);
                return;
            }
        }
    }
}

/// How each value compares with the next one; none where they cannot be compared.
fn steps(case: &Case<'_>, cells: &[&Cell]) -> Option<Vec<Ordering>> {
    let values: Vec<String> = cells.iter().map(|cell| case.text(cell.value).trim().to_lowercase()).collect();
    if values.len() < 2 || values.iter().any(|value| value.is_empty() || value.contains(['{', '<'])) {
        return None;
    }
    let number = |value: &String| value.parse::<f64>().ok();
    if let Some(numbers) = values.iter().map(number).collect::<Option<Vec<f64>>>() {
        return numbers.windows(2).map(|pair| pair[0].partial_cmp(&pair[1])).collect();
    }
    let is_date =
        |value: &String| value.len() == 10 && value.get(4..5) == Some("-") && value.get(7..8) == Some("-");
    let word = |value: &String| {
        value.starts_with(char::is_alphabetic) && !value.contains(|c: char| c.is_ascii_digit())
    };
    let known = values.iter().all(is_date) || values.iter().all(word);
    known.then(|| values.windows(2).map(|pair| pair[0].cmp(&pair[1])).collect())
}
