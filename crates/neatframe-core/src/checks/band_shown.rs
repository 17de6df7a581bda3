//! A sample whose group is not the one of its total: "A from 15 points, B from 9 to 14, C below 9", and a row with 15 and B.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::samples::records::{Cell, read};

/// The fewest groups, the most, and the longest sentence that tells them, in bytes.
const LEAST: usize = 2;
const MOST: usize = 12;
const LONGEST: usize = 400;
/// The longest name of a group, in bytes.
const NAME: usize = 12;
/// Names of the figure that decides.
const FIGURES: [&str; 6] = ["total", "sum", "score", "points", "result", "percent"];

/// A group and the figures that belong to it, ends included.
#[derive(Debug, PartialEq)]
struct Band<'a> {
    name: &'a str,
    low: i64,
    high: i64,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let told = case.demands().find_map(|unit| {
        let span = case.units[unit].text;
        Some((span, bands(case.text(span)).filter(|bands| (LEAST..=MOST).contains(&bands.len()))?))
    });
    let Some((rule, bands)) = told else { return };
    for record in &read(case) {
        let number = |cell: &Cell| case.text(cell.value).trim().parse::<i64>().ok();
        let decides = |cell: &&Cell| cell.name.split(' ').any(|word| FIGURES.contains(&word));
        let mut figures = record.cells.iter().filter(decides).filter_map(number);
        let (Some(figure), None) = (figures.next(), figures.next()) else { continue };
        let group = record.cells.iter().find_map(|cell| {
            let band = bands.iter().find(|band| band.name == case.text(cell.value).trim())?;
            Some((cell.value, band))
        });
        if let Some((place, band)) = group.filter(|(_, band)| !(band.low..=band.high).contains(&figure)) {
            let what = format!("{figure} does not belong to `{}`", band.name);
            report(case, sink, place, what, rule);
            return;
        }
    }
}

/// "A from 15 points, B from 9 to 14, C below 9".
fn bands(sentence: &str) -> Option<Vec<Band<'_>>> {
    if sentence.len() > LONGEST {
        return None;
    }
    // What leads to the groups ends with a colon.
    let list = sentence.rsplit_once(": ").map_or(sentence, |(_, list)| list).trim_end_matches('.');
    list.split([',', ';']).map(|part| band(part.trim().trim_start_matches("and "))).collect()
}

fn band(part: &str) -> Option<Band<'_>> {
    let (name, rest) = part.split_once(' ')?;
    let named = name.len() <= NAME
        && name.starts_with(char::is_uppercase)
        && name.chars().all(|c| c.is_ascii_alphanumeric());
    let rest = rest.trim_start_matches(['=', '-', ' ', '(']).trim_end_matches(')');
    let numbers: Vec<i64> = rest
        .split(|c: char| !c.is_ascii_digit())
        .filter(|digits| !digits.is_empty())
        .map(|digits| digits.parse().ok())
        .collect::<Option<Vec<i64>>>()?;
    let says = |words: &[&str]| words.iter().any(|word| rest.split(' ').any(|other| other == *word));
    let (low, high) = match numbers[..] {
        [low, high] if low <= high => (low, high),
        [most] if says(&["below", "under"]) => (i64::MIN, most.saturating_sub(1)),
        [least] if says(&["above", "over"]) => (least.saturating_add(1), i64::MAX),
        [least] if says(&["from", "least", "more", "up"]) => (least, i64::MAX),
        [most] if says(&["to", "most", "less", "fewer"]) => (i64::MIN, most),
        _ => return None,
    };
    named.then_some(Band { name, low, high })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn groups_by_their_figures() {
        let found = bands("Put it into a group: A from 15 points, B from 9 to 14, C below 9.").unwrap();
        let ends: Vec<_> = found.iter().map(|band| (band.name, band.low, band.high)).collect();
        assert_eq!(ends, [("A", 15, i64::MAX), ("B", 9, 14), ("C", i64::MIN, 8)]);
        let least = band("A above 9223372036854775807").map(|band| band.low);
        assert_eq!(least, Some(i64::MAX), "no figure is too large");
        assert_eq!(bands("Give 3 points for each boat, and 2 for each pier."), None);
    }
}
