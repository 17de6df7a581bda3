//! Samples in lines with an arrow, of which one has nothing behind it: `late by an hour -> LATE`, `no seat`.

use super::{Case, Sink};
use crate::component::Component;
use crate::samples::ARROWS;
use crate::span::Span;
use crate::units::UnitKind;

/// Lines with an arrow from which they are a row of samples.
const ROW: usize = 2;
/// How many lines are looked at.
const MANY: usize = 400;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    on_two_lines(case, sink);
    let shows = |line: Span| {
        let unit = case.unit_at(line);
        case.units.get(unit).is_some_and(|holder| holder.text.overlaps(line) && holder.kind != UnitKind::Mark)
            && case.labels[unit].component == Some(Component::Examples)
    };
    let mut rows: Vec<Vec<Span>> = vec![Vec::new()];
    let mut at = 0;
    for line in case.source.text().split_inclusive('\n') {
        let own = Span::new(at, at + line.trim_end().len());
        let lead = line.len() - line.trim_start().len();
        at += line.len();
        let told = own.end() > own.start() + lead;
        let place = Span::new((own.start() + lead).min(own.end()), own.end());
        if told && shows(place) {
            rows.last_mut().into_iter().for_each(|row| row.push(place));
        } else if rows.last().is_some_and(|row| !row.is_empty()) {
            rows.push(Vec::new());
        }
    }
    for row in rows.iter().filter(|row| row.len() > ROW && row.len() <= MANY) {
        let (with, without): (Vec<Span>, Vec<Span>) =
            row.iter().partition(|line| has_output(case.text(**line)));
        let [odd] = without[..] else { continue };
        let alike = with.iter().all(|line| opens_alike(case.text(*line), case.text(odd)));
        let takes_in = case.slots.iter().any(|slot| odd.overlaps(slot.span)) || case.text(odd).ends_with(':');
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(odd));
        if with.len() >= ROW && alike && !takes_in && !known {
            let message = format!("the sample `{}` has no output", case.shown(odd));
            sink.report(odd, message, "show what comes back for it, or take it out");
        }
    }
}

/// Two samples of which each has its output on a line of its own, and right below them an input of the same form with none.
fn on_two_lines(case: &Case<'_>, sink: &mut Sink<'_>) {
    let points = |line: &str| ARROWS.iter().any(|arrow| line.starts_with(arrow.trim()));
    let commas = |line: &str| line.matches(", ").count();
    let mut input: Option<&str> = None;
    let (mut shown, mut form) = (0, 0);
    let mut at = 0;
    let mut lines = case.source.text().split_inclusive('\n').peekable();
    while let Some(line) = lines.next() {
        let own = Span::new(at, at + line.trim_end().len());
        at += line.len();
        let said = line.trim();
        if said.is_empty() {
            continue;
        }
        if points(said) {
            if let Some(input) = input.take().filter(|input| shown == 0 || commas(input) == form) {
                (shown, form) = (shown + 1, commas(input));
            }
            continue;
        }
        let ends = lines.peek().is_none_or(|next| next.trim().is_empty());
        let alike = shown >= ROW && form >= ROW && commas(said) == form && input.is_none();
        if alike && ends && !said.ends_with(['.', ':']) && !said.contains(['{', '<', '[']) {
            let message = format!("the sample `{}` has no output", case.shown(own));
            sink.report(own, message, "show what comes back for it, or take it out");
            return;
        }
        // What is no input of that form ends the row.
        if shown > 0 && commas(said) != form {
            shown = 0;
        }
        input = Some(said);
    }
}

fn has_output(line: &str) -> bool {
    ARROWS.iter().any(|arrow| line.split_once(arrow).is_some_and(|(_, output)| !output.trim().is_empty()))
}

/// Both lines open with a sign of the same kind, and with a label where the first has one.
fn opens_alike(sample: &str, odd: &str) -> bool {
    let input = ARROWS.iter().find_map(|arrow| sample.split_once(arrow)).map_or(sample, |(input, _)| input);
    let kind = |line: &str| match line.trim_start_matches(['-', '*', '•', ' ']).chars().next() {
        Some('"' | '“' | '\'' | '`') => 0,
        Some(sign) if sign.is_numeric() => 1,
        Some(sign) if sign.is_alphabetic() => 2,
        _ => 3,
    };
    let labelled = |line: &str| line.split_once(": ").is_some_and(|(label, _)| label.split(' ').count() <= 3);
    kind(input) == kind(odd) && (!labelled(input) || labelled(odd)) && (kind(odd) != 2 || labelled(odd))
}
