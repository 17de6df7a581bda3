//! Sample scores that no level of the prompt's scale describes: "0 = …" to "3 = …", and a sample with a score of 4.

use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::span::Span;
use crate::units::UnitKind;

/// Reports sample scores beyond a scale that is given level by level.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some((low, high, scale)) = levels(case) else { return };
    for (unit, label) in case.labels.iter().enumerate() {
        let span = case.units[unit].text;
        if label.component != Some(Component::Examples) || span.overlaps(scale) {
            continue;
        }
        let body = case.text(span);
        let said =
            SCORES.iter().find_map(|key| record::whole_number(body, key).or_else(|| labelled(body, key)));
        if let Some((at, value)) = said.filter(|(_, value)| !(low..=high).contains(value)) {
            let line = case.source.position(scale.start()).line;
            let message = format!("{value} is none of the levels from line {line} on: {low} to {high}");
            let place = Span::within(span, at, value.to_string().len());
            sink.report(place, message, "give the sample a level of the scale").related.push(scale);
        }
    }
}

/// Names of the value that is on the scale.
const SCORES: [&str; 6] = ["score", "rating", "grade", "level", "mark", "points"];

/// `Score: 4` as a line: where the number stands, in bytes, and the number.
fn labelled(body: &str, key: &str) -> Option<(usize, i64)> {
    let lower = body.to_ascii_lowercase();
    let at = lower.find(&format!("{key}:"))?;
    let opens = body[..at].chars().next_back().is_none_or(|c| c == '\n');
    let from = at + key.len() + 1;
    let blanks = body[from..].len() - body[from..].trim_start_matches(' ').len();
    let rest = &body[from + blanks..];
    let end = rest.find(|c: char| !c.is_ascii_digit()).unwrap_or(rest.len());
    let whole = rest[end..].is_empty() || rest[end..].starts_with([',', '\n', ' ', ';']);
    Some((from + blanks, rest[..end].parse().ok()?)).filter(|_| opens && whole)
}

/// The only run of lines that each describe one level, in a part that is named after a scale: its ends and its place.
fn levels(case: &Case<'_>) -> Option<(i64, i64, Span)> {
    let mut found: Option<(i64, i64, Span)> = None;
    let mut at = 0;
    while at < case.units.len() {
        let Some(first) = level(case, at).filter(|_| named(case, at)) else {
            at += 1;
            continue;
        };
        let start = at;
        let mut last = first;
        at += 1;
        while at < case.units.len() && level(case, at).is_some_and(|next| (next - last).abs() == 1) {
            last = level(case, at)?;
            at += 1;
        }
        if at - start >= 3 {
            if found.is_some() {
                return None;
            }
            let place = case.units[start].text.cover(case.units[at - 1].text);
            found = Some((first.min(last), first.max(last), place));
        }
    }
    found
}

/// The number at the head of a line such as `2 = fair`, `- 3: right, but rude`.
fn level(case: &Case<'_>, unit: usize) -> Option<i64> {
    let holder = case.units.get(unit).filter(|unit| unit.kind != UnitKind::Mark && unit.opens_piece)?;
    let line = case.text(holder.with_lead(case.outline)).trim_start_matches(['-', '*', ' ', '`']);
    let end = line.find(|c: char| !c.is_ascii_digit()).filter(|end| (1..=2).contains(end))?;
    let rest = line[end..].trim_start_matches(['`', ' ']);
    rest.starts_with(['=', ':', '–', '-', '—']).then(|| line[..end].parse().ok())?
}

/// True in a part whose title speaks of a scale.
fn named(case: &Case<'_>, unit: usize) -> bool {
    let title = case.text(case.outline.sections[case.units[unit].section].title).to_lowercase();
    ["scale", "score", "rating", "level", "grade", "points"].iter().any(|word| title.contains(word))
}
