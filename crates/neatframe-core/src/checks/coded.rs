//! A sample with a code that the prompt's table of codes does not hold: `"code": "TR"`, beside `| code | department |`.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::span::Span;
use crate::units::UnitKind;

/// The fewest rows of a table of codes, the most that are looked at, and as many columns.
const LEAST: usize = 3;
const MOST: usize = 256;
const WIDEST: usize = 16;
/// A longer cell is no code, in bytes.
const LONGEST: usize = 24;

/// A column of codes: its title, what it holds, and the place of the title's row.
struct Column {
    title: String,
    codes: Vec<String>,
    place: Span,
}

/// Reports the first value of a sample's field that stands in no row of the column with the field's name.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let columns = columns(case);
    if columns.is_empty() {
        return;
    }
    for unit in 0..case.units.len() {
        let span = case.units[unit].text;
        let body = case.text(span);
        if case.labels[unit].component != Some(Component::Examples) || !body.contains("\":") {
            continue;
        }
        for column in &columns {
            let known = |value: &str| column.codes.iter().any(|code| code.eq_ignore_ascii_case(value));
            let hole = |value: &str| value.contains(['{', '<', '[', '.', '…']) || value.is_empty();
            let odd = record::values(body, &column.title)
                .into_iter()
                .find(|(_, value)| !known(value) && !hole(value) && value.len() <= LONGEST);
            if let Some((at, value)) = odd {
                let message = format!("`{value}` is none of {}", column.codes.join(", "));
                report(case, sink, Span::within(span, at, value.len()), message, column.place);
                return;
            }
        }
    }
}

/// The columns of the prompt's own tables in which every cell is another code.
fn columns(case: &Case<'_>) -> Vec<Column> {
    let rows: Vec<(u32, Span)> = (0..case.units.len())
        .filter(|&unit| {
            case.units[unit].kind == UnitKind::Table
                && case.labels[unit].component != Some(Component::Examples)
        })
        .flat_map(|unit| {
            let (block, span) = (case.units[unit].block, case.units[unit].text);
            let mut at = 0;
            case.text(span).split_inclusive('\n').map(move |line| {
                let row = Span::within(span, at, line.trim_end().len());
                at += line.len();
                (block, row)
            })
        })
        .take(MOST)
        .collect();
    rows.chunk_by(|one, other| one.0 == other.0)
        .filter(|table| table.len() > LEAST)
        .flat_map(|table| {
            let rows: Vec<Vec<&str>> = table.iter().map(|(_, row)| cells(case.text(*row))).collect();
            let place = table[0].1;
            let titles = rows[0].clone();
            titles.into_iter().take(WIDEST).enumerate().filter_map(move |(column, title)| {
                let codes: Vec<String> = rows[1..]
                    .iter()
                    .filter(|row| !row.iter().all(|cell| cell.trim_matches(['-', ':']).is_empty()))
                    .map(|row| row.get(column).map_or(String::new(), |cell| cell.to_string()))
                    .collect();
                let code = |code: &String| {
                    !code.is_empty() && code.len() <= LONGEST && !code.contains(char::is_whitespace)
                };
                let single = |at: usize| !codes[..at].contains(&codes[at]);
                let told = codes.len() >= LEAST && codes.iter().all(code) && (0..codes.len()).all(single);
                let words = codes.iter().all(|code| code.chars().any(char::is_alphabetic));
                (told && words).then(|| Column {
                    title: title.to_lowercase().replace(' ', "_"),
                    codes,
                    place,
                })
            })
        })
        .take(WIDEST)
        .collect()
}

/// The cells of a row, bare of their marks.
fn cells(row: &str) -> Vec<&str> {
    let row = row.trim();
    let inner = row.strip_prefix('|').unwrap_or(row);
    let inner = inner.strip_suffix('|').unwrap_or(inner);
    inner.split('|').map(|cell| cell.trim().trim_matches(['`', '*', '"'])).collect()
}

#[cfg(test)]
mod tests {
    use super::cells;

    #[test]
    fn cells_are_bare() {
        assert_eq!(cells("| `RD` | roads |"), ["RD", "roads"]);
        assert_eq!(cells("a | **b**"), ["a", "b"]);
    }
}
