//! Sample scores that no level of the prompt's scale describes: "0 = …" to "3 = …", and a sample with a score of 4.

use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::span::Span;
use crate::units::UnitKind;

/// Reports sample scores beyond a scale that is given level by level.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let by_levels = levels(case);
    let Some((low, high, scale)) = by_levels.or_else(|| stated(case)) else { return };
    for (unit, label) in case.labels.iter().enumerate() {
        let span = case.units[unit].text;
        if label.component != Some(Component::Examples) || span.overlaps(scale) {
            continue;
        }
        let body = case.text(span);
        // A record has ranges of its own.
        let recorded = |key: &str| record::whole_number(body, key).filter(|_| by_levels.is_some());
        let said = SCORES
            .iter()
            .find_map(|key| recorded(key).or_else(|| labelled(body, key)))
            .or_else(|| only_number(body).filter(|_| by_levels.is_none()));
        if let Some((at, value)) = said.filter(|(_, value)| !(low..=high).contains(value)) {
            let line = case.source.position(scale.start()).line;
            let message = match by_levels {
                Some(_) => format!("{value} is none of the levels from line {line} on: {low} to {high}"),
                None => format!("{value} is not on the scale of line {line}: {low} to {high}"),
            };
            let place = Span::within(span, at, value.to_string().len());
            if sink.findings.iter().any(|finding| finding.span.overlaps(place)) {
                continue;
            }
            sink.report(place, message, "give the sample a level of the scale").related.push(scale);
        }
    }
}

/// Names of the value that is on the scale.
const SCORES: [&str; 6] = ["score", "rating", "grade", "level", "mark", "points"];

/// The one number that a record holds: where it stands, in bytes, and the number.
fn only_number(body: &str) -> Option<(usize, i64)> {
    let mut numbers = body.match_indices("\":").filter_map(|(at, sign)| {
        let from = at + sign.len();
        let rest = body[from..].trim_start_matches(' ');
        let start = from + body[from..].len() - rest.len();
        let end = rest.find(|c: char| !c.is_ascii_digit()).unwrap_or(rest.len());
        let ends = rest[end..].starts_with([',', '}', ' ', '\n']);
        Some((start, rest[..end].parse().ok()?)).filter(|_| ends)
    });
    // A sentence in a record may end within it.
    let record = body.trim_start().starts_with('{') || body.trim_end().ends_with('}');
    numbers.next().filter(|_| record && numbers.next().is_none())
}

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

/// The only scale that the prompt states in words: "scores run from 1 to 5".
fn stated(case: &Case<'_>) -> Option<(i64, i64, Span)> {
    let text = case.source.text();
    let shown = |unit: &usize| case.labels[*unit].component != Some(Component::Examples);
    // "Scale: 1 (calm) to 5 (furious)": the label says what it is.
    let whole = |unit: usize| case.words.within(case.units[unit].with_lead(case.outline));
    let mut scales = (0..case.units.len())
        .filter(shown)
        .take(MOST)
        .flat_map(|unit| super::off_scale::scales_in(text, whole(unit)));
    let (low, high, span) = scales.next()?;
    scales.next().is_none().then_some((i64::from(low), i64::from(high), span))
}

/// How many demands are looked at for a scale.
const MOST: usize = 200;

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
