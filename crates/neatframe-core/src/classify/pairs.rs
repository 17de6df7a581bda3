//! Samples known by one another: quotations under one label, and rows under the names of their columns.

use super::Reading;
use crate::units::{Unit, UnitKind};

/// How many lines to either side the same label is looked for.
const NEAR: usize = 12;

/// `Issue: "Where is the dock?"` where another line near by says `Issue: "…"` as well.
pub(super) fn shares_its_label(reading: &Reading<'_>, unit: &Unit) -> bool {
    if !matches!(unit.kind, UnitKind::Field | UnitKind::Turn) || !unit.opens_piece {
        return false;
    }
    let text = reading.source.text();
    let from = text[..unit.text.start()].rfind('\n').map_or(0, |at| at + 1);
    let mut below = text[from..].lines();
    let Some((label, said)) = below.next().and_then(|line| line.split_once(':')) else { return false };
    let shown = |said: &str| {
        let said = said.trim();
        said.len() > 2 && said.starts_with(['"', '“']) && said.ends_with(['"', '”'])
    };
    let fellow = |line: &str| line.strip_prefix(label).and_then(|rest| rest.strip_prefix(':')).map(shown);
    let above = || text[..from].lines().rev().take(NEAR);
    let mut beside = above().chain(below.take(NEAR));
    shown(said) && beside.any(|line| fellow(line) == Some(true))
}

/// How far back the names of the columns are looked for, in bytes.
const BACK: usize = 4096;
/// The fewest columns that make a row.
const COLUMNS: usize = 3;

/// `4.2,tenant,2031-09-30` below "CSV with a header row: clause,who,deadline": a row with a value for each name.
pub(super) fn is_row_under_named_columns(reading: &Reading<'_>, unit: &Unit) -> bool {
    let row = reading.source.slice(unit.text).trim();
    let barred = !row.starts_with('|') && row.contains(" | ");
    let width = if barred { row.matches(" | ").count() + 1 } else { values(row) };
    if width < COLUMNS || row.contains(['{', '<', '[']) || names(row) == width {
        return false;
    }
    let text = reading.source.text();
    let mut from = unit.text.start().saturating_sub(BACK);
    while !text.is_char_boundary(from) {
        from += 1;
    }
    text[from..unit.text.start()].lines().any(|line| {
        if barred {
            return listed(line) == width;
        }
        // A line of names alone heads a table that is handed in.
        let mut parts = line.split_whitespace();
        parts.clone().count() > 1
            && parts.any(|part| {
                let part = part.trim_matches(|c: char| matches!(c, '`' | '"' | '.' | ':' | '(' | ')'));
                names(part) == width
            })
    })
}

/// How many values stand between the commas of a row; 0 where a blank behind a comma shows that it is a sentence.
fn values(row: &str) -> usize {
    let (mut quoted, mut commas) = (false, 0);
    let mut signs = row.chars().peekable();
    while let Some(sign) = signs.next() {
        match sign {
            '"' => quoted = !quoted,
            ',' if quoted => {}
            ',' if signs.peek().is_some_and(|next| next.is_whitespace()) => return 0,
            ',' => commas += 1,
            _ => {}
        }
    }
    if quoted { 0 } else { commas + 1 }
}

/// How many parts "One table per week: day, minutes, exercise." lists of a row; 0 where it speaks of no row.
fn listed(line: &str) -> usize {
    const ROWS: [&str; 6] = ["table", "row", "rows", "line", "column", "columns"];
    let Some((head, list)) = line.split_once(": ").or_else(|| line.split_once("columns ")) else { return 0 };
    let of_rows = format!("{head} columns").to_lowercase();
    let spoken_of =
        line.contains("columns ") || of_rows.split(' ').rev().skip(1).any(|word| ROWS.contains(&word));
    let parts = list.split(". ").next().unwrap_or(list).replace(", and ", ", ").replace(" and ", ", ");
    if spoken_of && parts.split(", ").all(|part| part.split(' ').count() <= PART) {
        parts.split(", ").count()
    } else {
        0
    }
}

/// The most words of a listed part.
const PART: usize = 6;

/// How many names `clause,who,deadline` holds; 0 where one of them is no name.
fn names(part: &str) -> usize {
    let name = |part: &str| {
        part.starts_with(|c: char| c.is_ascii_alphabetic())
            && part.chars().all(|c| c.is_ascii_alphanumeric() || matches!(c, '_' | '-'))
    };
    if part.split(',').all(name) { part.split(',').count() } else { 0 }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::classify::components_of as read;
    use crate::component::Component;

    #[test]
    fn quotations_under_one_label_are_samples() {
        let text = "Label the issue.\nReturn {\"label\": \"…\"}.\n\nIssue: \"The bell rings twice\"\n{\"label\": \"bug\"}\nIssue: \"How do I ring it?\"\n{\"label\": \"question\"}\n";
        let found = read(text);
        assert_eq!(found.iter().filter(|of| **of == Some(Component::Examples)).count(), 4, "{found:?}");
        let alone = read("Label the issue.\n\nIssue: \"The bell rings twice\"\n");
        assert_ne!(alone.last(), Some(&Some(Component::Examples)));
    }

    #[test]
    fn rows_under_named_columns_are_samples() {
        let found = read(
            "Extract the duties from the lease.\nCSV with a header row: clause,who,deadline\nDates as YYYY-MM-DD.\n4.2,tenant,2031-09-30\n",
        );
        assert_eq!(found.last(), Some(&Some(Component::Examples)));
        let input = read("Sum up the rows below.\n\nclause,who,deadline\n4.2,tenant,2031-09-30\n");
        assert_ne!(input.last(), Some(&Some(Component::Examples)), "rows that come in");
    }

    #[test]
    fn rows_of_a_described_table_are_samples() {
        let found = read(
            "Make a practice plan.\nOne table per week: day, minutes, exercise, what to listen for.\nMon | 20 | scales | even volume\nTue | 30 | chords | no gap\n",
        );
        assert_eq!(found[2..], [Some(Component::Examples); 2]);
        assert_eq!(listed("A table with the columns name, free and remark."), 3);
        assert_eq!(listed("What counts: time, pay, way."), 0);
    }

    #[test]
    fn commas_part_values() {
        assert_eq!(values("4.2,tenant,\"sweep, then rinse\",none"), 4);
        assert_eq!(values("Boats, buoys and bells"), 0);
        assert_eq!((names("clause,who,deadline"), names("4.2,who")), (3, 0));
    }
}
