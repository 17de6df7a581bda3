//! Rows of samples with a label that the prompt does not offer: "R-3; vandalism; …", where the classes are storm, theft and fire.

use super::columns::{cells, lines};
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{Demand, Requirement, Subject};
use crate::span::Span;
use crate::units::UnitKind;
use std::cell::OnceCell;

/// Signs between the values of a row.
const SIGNS: [&str; 6] = ["  ", ";", "|", "\t", ": ", ","];
/// The longest label.
const LABEL: usize = 16;
/// How many rows are looked at.
const ROWS: usize = 64;

/// Reports a value in the column of the labels that is none of them.
pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    odd_operation(case, sink);
    let offered = rules.iter().filter_map(|rule| match &rule.demand {
        Demand::OneOf(choices) => Some((choices.as_slice(), rule.span, &rule.subject)),
        _ => None,
    });
    let rows = OnceCell::new();
    for (choices, rule, subject) in offered.take(FEW) {
        let rows = rows.get_or_init(|| rows_of(case));
        if !behind_a_place(case, choices, rule, rows, sink) && *subject == Subject::Reply {
            in_rows(case, choices, rule, rows, sink);
        }
    }
}

/// How many lists of labels are looked at.
const FEW: usize = 4;

/// The lines of the samples.
fn rows_of(case: &Case<'_>) -> Vec<Span> {
    (0..case.units.len())
        .filter(|&unit| {
            case.labels[unit].component == Some(Component::Examples)
                && case.units[unit].kind != UnitKind::Mark
        })
        .flat_map(|unit| lines(case, unit))
        // "Call: {{call}}" is filled with what goes in.
        .filter(|row| !case.slots.iter().any(|slot| slot.span.overlaps(*row)))
        .take(ROWS)
        .collect()
}

/// Rows in which one column holds labels of the list, but for one value.
fn in_rows(case: &Case<'_>, choices: &[String], rule: Span, rows: &[Span], sink: &mut Sink<'_>) {
    let known = |value: &str| choices.iter().any(|choice| choice.eq_ignore_ascii_case(bare(value)));
    // A row of column names holds no labels.
    let named: Vec<String> = case
        .requirements
        .iter()
        .filter_map(|rule| match &rule.demand {
            Demand::Fields(fields) => Some(fields.iter().map(|field| field.name.to_lowercase())),
            _ => None,
        })
        .flatten()
        .collect();
    for sign in SIGNS {
        // Which column holds labels: the one where two rows at least have one.
        let split: Vec<Vec<(usize, &str)>> = rows.iter().map(|row| cells(case.text(*row), sign)).collect();
        let wide = split.iter().map(Vec::len).max().unwrap_or(0).min(8);
        let column = (0..wide).find(|&column| {
            let labelled = split.iter().filter(|row| row.get(column).is_some_and(|(_, value)| known(value)));
            // Of two rows of three values, one is enough, and where the form of a row names its last value.
            let told = labels_named(case, sign, wide) == Some(column);
            labelled.count() >= if told || wide >= 3 && split.len() == 2 { 1 } else { 2 }
        });
        let Some(column) = column.filter(|_| wide >= 2) else { continue };
        for (row, values) in rows.iter().zip(&split) {
            let Some((at, value)) = values.get(column).filter(|_| values.len() == wide) else { continue };
            let short = !bare(value).is_empty() && bare(value).split_whitespace().count() <= 2;
            let place = Span::within(*row, at + (value.len() - value.trim_start().len()), value.trim().len());
            let told = sink.findings.iter().any(|finding| finding.span.overlaps(place));
            if short && !told && !known(value) && !named.contains(&bare(value).to_lowercase()) {
                let line = case.source.position(rule.start()).line;
                let message = format!("`{}` is none of {} (line {line})", bare(value), choices.join(", "));
                sink.report(place, message, "give the sample one of the labels").related.push(rule);
            }
        }
        return;
    }
}

/// `sensor.c:42 blocker Writes 16 bytes into a buffer of 12.`: the label stands behind the place, and one row has another word there.
fn behind_a_place(
    case: &Case<'_>,
    choices: &[String],
    rule: Span,
    rows: &[Span],
    sink: &mut Sink<'_>,
) -> bool {
    let label = |row: &Span| {
        let line = case.text(*row);
        let (place, rest) = line.split_once(' ')?;
        let (label, more) = rest.split_once(' ')?;
        let placed = place.contains(':') && place.ends_with(|c: char| c.is_ascii_digit());
        let plain = label.len() <= LABEL && label.chars().all(|c| c.is_ascii_lowercase());
        (placed && plain && !more.is_empty()).then(|| Span::within(*row, place.len() + 1, label.len()))
    };
    let labels: Vec<Span> = rows.iter().filter_map(label).collect();
    let known = |place: &&Span| choices.iter().any(|choice| choice == case.text(**place));
    if labels.len() < 2 || !labels.iter().any(|place| known(&place)) {
        return false;
    }
    for place in labels.iter().filter(|place| !known(place)) {
        let line = case.source.position(rule.start()).line;
        let message = format!("`{}` is none of {} (line {line})", case.text(*place), choices.join(", "));
        sink.report(*place, message, "give the sample one of the labels").related.push(rule);
    }
    true
}

/// "Answer in the form: id;category": as many values to a row, and which of them is the label.
fn labels_named(case: &Case<'_>, sign: &str, wide: usize) -> Option<usize> {
    const LABELS: [&str; 8] = ["category", "label", "class", "type", "tag", "topic", "intent", "status"];
    let sign = sign.trim();
    let named = |token: &str| -> Option<usize> {
        let token = token.trim_matches(['`', '"', '.', '<', '>']);
        let parts: Vec<&str> =
            token.split(sign).map(|part| part.trim_matches(['<', '>', '{', '}', '[', ']'])).collect();
        let plain =
            |part: &&str| !part.is_empty() && part.chars().all(|c| c.is_ascii_lowercase() || c == '_');
        let all = parts.len() == wide && parts.iter().all(plain);
        parts.iter().position(|part| LABELS.contains(part)).filter(|_| all)
    };
    let shapes = |unit: &usize| case.labels[*unit].component != Some(Component::Examples);
    let mut shaped = (0..case.units.len()).filter(shapes).take(ROWS).filter(|_| !sign.is_empty());
    shaped.find_map(|unit| case.text(case.units[unit].text).split_whitespace().find_map(named))
}

/// `ADD fact`, `DEL number`: lines of the answer's template that open with a word in capitals, and a sample with another one.
fn odd_operation(case: &Case<'_>, sink: &mut Sink<'_>) {
    let opens = |unit: &usize| -> Option<(usize, &str)> {
        let line = case.text(case.units[*unit].text);
        let word = line.split(|c: char| !c.is_ascii_alphabetic() && c != '_').next()?;
        (word.len() >= 3 && word.chars().all(|c| c.is_ascii_uppercase() || c == '_')).then_some((*unit, word))
    };
    let of = |component: Component| {
        (0..case.units.len())
            .filter(move |&unit| {
                case.labels[unit].component == Some(component) && case.units[unit].opens_piece
            })
            .filter_map(|unit| opens(&unit))
            .take(ROWS)
    };
    let offered: Vec<(usize, &str)> = of(Component::OutputFormat).collect();
    let known = |word: &str| offered.iter().any(|(_, name)| *name == word);
    let shown: Vec<(usize, &str)> = of(Component::Examples).collect();
    let used = shown.iter().filter(|(_, word)| known(word)).count();
    if offered.len() < 2 || used == 0 {
        return;
    }
    for (unit, word) in shown.iter().filter(|(_, word)| !known(word)) {
        let rule = case.units[offered[0].0].text;
        let names: Vec<&str> = offered.iter().map(|(_, name)| *name).collect();
        let line = case.source.position(rule.start()).line;
        let message = format!("`{word}` is none of {} (from line {line} on)", names.join(", "));
        let place = Span::within(case.units[*unit].text, 0, word.len());
        sink.report(place, message, "use one of the words that the answer may open with").related.push(rule);
    }
}

fn bare(value: &str) -> &str {
    value.trim().trim_matches(['"', '`', '*', '\'']).trim()
}
