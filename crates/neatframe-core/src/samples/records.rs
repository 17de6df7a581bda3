//! Sample records field by field, whatever their form: labelled lines, rows of a table, objects.

use super::{Side, behind_its_arrow, form};
use crate::checks::{Case, column_names};
use crate::component::Component;
use crate::record;
use crate::requirement::Demand;
use crate::span::Span;
use crate::units::UnitKind;

/// A field of a sample record.
pub(crate) struct Cell {
    /// Its name in lower case, words apart: `due date` for `due_date`.
    pub(crate) name: String,
    /// What stands in it, without marks; empty where nothing does.
    pub(crate) value: Span,
}

/// A sample record.
pub(crate) struct Record {
    pub(crate) cells: Vec<Cell>,
    /// Rows of one table, and objects of one list, share this number.
    pub(crate) block: usize,
    /// True for a row of a table.
    pub(crate) row: bool,
}

/// Signs between the cells of a row that has no strokes.
const SIGNS: [&str; 5] = ["; ", ";", "\t", ", ", ","];
/// How many records are looked at, the longest row, in bytes, and the most cells of one.
const RECORDS: usize = 128;
const ROW: usize = 2_000;
const CELLS: usize = 24;
/// The longest cell of a row without strokes, in words.
const WORDS: usize = 14;

/// The records that samples show, in order of place within each form.
pub(crate) fn read(case: &Case<'_>) -> Vec<Record> {
    let mut found = Vec::new();
    let inputs: Vec<Span> =
        case.samples.iter().filter(|shown| shown.side == Side::Input).map(|shown| shown.content).collect();
    let goes_in = |place: Span| {
        let next = inputs.partition_point(|input| input.end() <= place.start());
        inputs.get(next).is_some_and(|input| input.overlaps(place))
    };
    for run in form::runs(case.source).iter().filter(|run| run.is_sample(case)) {
        let own = |entry: &&form::Entry| !goes_in(entry.value) && !entry.value.is_empty();
        let cells = run
            .entries
            .iter()
            .filter(own)
            .map(|entry| Cell { name: words_of(&entry.name), value: entry.value });
        found.push(Record { cells: cells.collect(), block: usize::MAX, row: false });
    }
    let columns = columns(case);
    for (block, unit) in case.units.iter().enumerate() {
        if found.len() >= RECORDS {
            break;
        }
        let shown = case.labels[block].component == Some(Component::Examples)
            || unit.kind == UnitKind::Table && is_filled(case.text(unit.text));
        let body = case.text(unit.text);
        let output = Span::new(unit.text.end() - behind_its_arrow(body).len(), unit.text.end());
        if !shown || unit.kind == UnitKind::Mark || goes_in(output) {
            continue;
        }
        if body.contains('{') {
            objects(body, unit.text, block, &mut found);
        } else if body.contains('|') {
            strokes(body, unit.text, &columns, unit.block as usize, &mut found);
        } else if !columns.is_empty() {
            rows(body, unit.text, &columns, unit.block as usize, &mut found);
        }
    }
    found
}

/// True for a table whose rows have nothing left to fill in, with a figure in each.
fn is_filled(table: &str) -> bool {
    let bars = |line: &&str| line.chars().all(|c| matches!(c, '|' | '-' | ':' | ' '));
    let mut rows = table.lines().skip_while(|line| !bars(line)).skip(1).peekable();
    let hole = table.contains(['{', '<', '[', '…']) || table.contains("...");
    rows.peek().is_some() && !hole && rows.all(|row| row.contains(|c: char| c.is_ascii_digit()))
}

/// `due_date` as words.
fn words_of(name: &str) -> String {
    name.trim_matches(['"', '`', '*', ' ']).replace(['_', '-'], " ").to_lowercase()
}

/// The columns that the prompt names.
fn columns(case: &Case<'_>) -> Vec<String> {
    let names = |demand: &Demand| match demand {
        Demand::Fields(fields) => Some(fields.iter().map(|field| words_of(&field.name)).collect()),
        _ => None,
    };
    let told = case.requirements.iter().find_map(|rule| names(&rule.demand));
    told.or_else(|| Some(column_names(case)?.1)).unwrap_or_default()
}

/// The lines of a text, each with its place.
fn lines(body: &str, span: Span) -> impl Iterator<Item = (&str, Span)> {
    let mut at = 0;
    body.split_inclusive('\n').map(move |line| {
        let bare = line.trim();
        let from = at + (line.len() - line.trim_start().len());
        at += line.len();
        (bare, Span::within(span, from.min(body.len()), bare.len()))
    })
}

/// The cells of a row, each without blanks and marks around it.
fn cells(row: &str, place: Span, sign: &str) -> Vec<Span> {
    let mut at = 0;
    let cell = |cell: &str| {
        let bare = cell.trim().trim_matches(['"', '`', '*']);
        let from = at + bare.as_ptr() as usize - cell.as_ptr() as usize;
        at += cell.len() + sign.len();
        Span::within(place, from, bare.len())
    };
    row.split(sign).take(CELLS).map(cell).collect()
}

/// `| 4.2 | rent |` below `| clause | subject |`.
fn strokes(body: &str, span: Span, columns: &[String], block: usize, found: &mut Vec<Record>) {
    let mut names: Vec<String> = columns.to_vec();
    let mut above: Option<Vec<Span>> = None;
    let text = |place: &Span| &body[place.start() - span.start()..place.end() - span.start()];
    for (line, place) in lines(body, span).filter(|(line, _)| line.len() <= ROW) {
        let inner = line.strip_prefix('|').unwrap_or(line);
        let offset = line.len() - inner.len();
        let inner = inner.strip_suffix('|').unwrap_or(inner);
        if !inner.contains('|') {
            continue;
        }
        let rule = inner.chars().all(|c| matches!(c, '|' | '-' | ':' | ' '));
        if rule {
            // What stands above the strokes is the head, and no record.
            if let Some(head) = above.take() {
                names = head.iter().map(|cell| words_of(text(cell))).collect();
                found.pop();
            }
            continue;
        }
        let row = cells(inner, Span::within(place, offset, inner.len()), "|");
        let is_head = names.len() == row.len()
            && row.iter().zip(&names).all(|(cell, name)| words_of(text(cell)) == *name);
        let paired = row.iter().zip(names.iter().cloned().chain(std::iter::repeat(String::new())));
        if !is_head {
            let cells = paired.map(|(value, name)| Cell { name, value: *value }).collect();
            found.push(Record { cells, block, row: true });
        }
        above = Some(row).filter(|_| !is_head);
    }
}

/// `4.2; rent; tenant` where the prompt names as many columns.
fn rows(body: &str, span: Span, columns: &[String], block: usize, found: &mut Vec<Record>) {
    let text = |place: &Span| &body[place.start() - span.start()..place.end() - span.start()];
    for (whole, place) in lines(body, span).filter(|(line, _)| line.len() <= ROW) {
        let line = behind_its_arrow(whole);
        let place = Span::new(place.end() - line.len(), place.end());
        let row = SIGNS.iter().map(|sign| cells(line, place, sign)).find(|row| row.len() == columns.len());
        let short = |row: &Vec<Span>| row.iter().all(|cell| text(cell).split_whitespace().count() <= WORDS);
        // Running text has commas and full stops too.
        let prose = line.contains(". ");
        let Some(row) = row.filter(|row| row.len() >= 3 && !prose && short(row)) else { continue };
        let head = row.iter().zip(columns).all(|(cell, name)| words_of(text(cell)) == *name);
        if !head {
            let cells =
                row.iter().zip(columns).map(|(value, name)| Cell { name: name.clone(), value: *value });
            found.push(Record { cells: cells.collect(), block, row: true });
        }
    }
}

/// `{"clause": "4.2", "risk": 2}`: the plain fields of each object.
fn objects(body: &str, span: Span, block: usize, found: &mut Vec<Record>) {
    if body.len() > record::LONGEST {
        return;
    }
    for (at, _) in body.match_indices('{').take(CELLS) {
        let inner = &body[at + 1..];
        let end = inner.find(['{', '}']).unwrap_or(inner.len());
        let object = &inner[..end];
        let keys = record::keys(object);
        let cells: Vec<Cell> = keys
            .iter()
            .take(CELLS)
            .filter_map(|key| {
                let (from, value) = record::values(object, key)
                    .into_iter()
                    .next()
                    .or_else(|| record::bare_value(object, key))?;
                Some(Cell { name: words_of(key), value: Span::within(span, at + 1 + from, value.len()) })
            })
            .collect();
        if cells.len() >= 2 {
            found.push(Record { cells, block, row: false });
        }
    }
}
