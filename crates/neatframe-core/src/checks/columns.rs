//! Rows of samples held against the rules of their columns: "No. / Kind / Puzzle", and "three kinds: anagram, rebus, riddle".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{Requirement, Subject};
use crate::samples::behind_its_arrow;
use crate::span::Span;
use crate::trial;
use crate::units::UnitKind;

/// Signs between the cells of a row.
const SIGNS: [&str; 4] = [" / ", " | ", ";", "\t"];
/// How many rows are looked at.
const ROWS: usize = 64;

/// Reports cells that break a rule of their column.
pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    miscut(case, sink);
    let named: Vec<&&Requirement> =
        rules.iter().filter(|rule| matches!(rule.subject, Subject::Named(_) | Subject::Each(_))).collect();
    if named.is_empty() {
        return;
    }
    let Some((sign, names)) = column_names(case) else { return };
    let rows = (0..case.units.len()).filter(|&unit| {
        case.labels[unit].component == Some(Component::Examples) && case.units[unit].kind != UnitKind::Mark
    });
    for row in rows.flat_map(|unit| lines(case, unit)).take(ROWS) {
        let cells = cells(case.text(row), sign);
        let is_head =
            cells.iter().zip(&names).all(|((_, cell), name)| cell.trim().eq_ignore_ascii_case(name));
        if cells.len() != names.len() || is_head {
            continue;
        }
        let found = named.iter().find_map(|rule| {
            let (Subject::Named(of) | Subject::Each(of)) = &rule.subject else { return None };
            let column = names.iter().position(|name| name == of)?;
            let (at, cell) = cells[column];
            let whole = Requirement { subject: Subject::Named(of.clone()), ..(**rule).clone() };
            // The cell is the value of the field that the rule names.
            let record = format!("{of}: {}", cell.trim());
            let content = Span::new(0, record.len());
            let breach = trial::breach(&record, &whole, content, false)?;
            let blanks = cell.len() - cell.trim_start().len();
            Some((Span::within(row, at + blanks, cell.trim().len()), breach.what, rule.span))
        });
        if let Some((place, what, rule)) = found {
            report(case, sink, place, what, rule);
        }
    }
}

/// A row with fewer values than the form has, among rows with as many.
fn miscut(case: &Case<'_>, sink: &mut Sink<'_>) {
    /// Longer values are running text, in words.
    const WORDS: usize = 4;
    let Some((sign, names)) = column_names(case).filter(|(sign, _)| matches!(*sign, ";" | " | ")) else {
        return;
    };
    let shown = (0..case.units.len()).filter(|&unit| {
        case.labels[unit].component == Some(Component::Examples)
            && !matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Table)
    });
    let rows: Vec<Span> = shown.flat_map(|unit| lines(case, unit)).take(ROWS).collect();
    let count = |row: &Span| case.text(*row).split(sign).count();
    let plain =
        |row: &&Span| case.text(**row).split(sign).all(|cell| cell.split_whitespace().count() <= WORDS);
    let whole = rows.iter().filter(|row| count(row) == names.len()).count();
    let short = |row: &&Span| (2..names.len()).contains(&count(row));
    for row in rows.iter().filter(short).filter(plain).filter(|_| whole > 0) {
        let what = format!("{} values, where the form has {}: {}", count(row), names.len(), names.join(", "));
        let form = case.units.iter().find(|unit| is_form(case.text(unit.text), sign, &names));
        report(case, sink, *row, what, form.map_or(*row, |unit| unit.text));
    }
}

/// True for the line that names the columns.
fn is_form(line: &str, sign: &str, names: &[String]) -> bool {
    columns_of(line, sign).as_slice() == names
}

/// The rows of a table without its head, or a unit as it stands; of a line with an arrow what comes out.
pub(super) fn lines(case: &Case<'_>, unit: usize) -> Vec<Span> {
    let span = case.units[unit].text;
    if case.units[unit].kind != UnitKind::Table {
        let output = behind_its_arrow(case.text(span));
        return vec![Span::new(span.end() - output.len(), span.end())];
    }
    let mut at = span.start();
    let mut rows = Vec::new();
    for line in case.text(span).split_inclusive('\n') {
        let row = line.trim_end();
        // `|---|:--:|` closes the head.
        if row.chars().all(|c| matches!(c, '|' | '-' | ':' | ' ')) {
            rows.clear();
        } else {
            rows.push(Span::new(at, at + row.len()));
        }
        at += line.len();
    }
    rows
}

/// The row that names the columns, in lower case, and the sign between them.
pub(crate) fn column_names(case: &Case<'_>) -> Option<(&'static str, Vec<String>)> {
    let shapes = (0..case.units.len()).filter(|&unit| {
        case.labels[unit].component == Some(Component::OutputFormat)
            && case.units[unit].kind != UnitKind::Mark
    });
    shapes.take(ROWS).find_map(|unit| {
        let text = case.text(case.units[unit].text);
        SIGNS.iter().find_map(|sign| {
            let names = columns_of(text, sign);
            let name = |name: &String| {
                !name.is_empty()
                    && name.split_whitespace().count() <= 3
                    && !name.contains([':', '{', '"', '(', '<'])
            };
            (names.len() >= 3 && names.iter().all(name)).then_some((*sign, names))
        })
    })
}

/// "One line per car: CAR | kind | hours": the names between the signs, in lower case.
fn columns_of(line: &str, sign: &str) -> Vec<String> {
    let row = line.rsplit_once(": ").map_or(line, |(_, row)| row).trim_end_matches('.');
    // "A CSV with the header room;snag;trade": no blank stands in the row.
    let tight = || row.split_whitespace().find(|word| word.matches(sign).count() >= 2);
    let row = if sign == ";" && row.contains(' ') { tight().unwrap_or(row) } else { row };
    row.split(sign).map(|name| name.trim_matches(['*', '`', ' ', '|']).to_lowercase()).collect()
}

/// The cells of a row, each with where it begins, in bytes.
pub(super) fn cells<'a>(row: &'a str, sign: &str) -> Vec<(usize, &'a str)> {
    let mut at = 0;
    let placed = |cell: &'a str| {
        let from = at;
        at += cell.len() + sign.len();
        (from, cell)
    };
    row.split(sign).map(placed).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn cells_know_their_place() {
        assert_eq!(cells("1 / rebus / RABBIT", " / "), [(0, "1"), (4, "rebus"), (12, "RABBIT")]);
        assert_eq!(cells("alone", " / "), [(0, "alone")]);
    }
}
