//! Samples that fill in a form of labelled lines with what it does not offer, or not line by line.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{Demand, Requirement, Subject};
use crate::samples::form::{Entry, Run, offered, runs};
use crate::span::Span;
use crate::trial;

/// The fewest lines of a form of which a sample has to have each.
const WHOLE: usize = 3;
/// The longest value, in words, that is held against a list.
const VALUE: usize = 3;

/// Reports what samples of a form get wrong; what another reading found there is not told again.
pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    let all = runs(case.source);
    let (samples, forms): (Vec<&Run>, Vec<&Run>) = all.iter().partition(|run| run.is_sample(case));
    for shown in samples {
        let Some(form) = forms.iter().find(|form| shown.fills(form)) else { continue };
        let known = sink.findings.iter().map(|finding| finding.span).collect::<Vec<_>>();
        let fresh = |place: Span| !known.iter().any(|span| span.overlaps(place));
        let odd = shown.entries.iter().find_map(|entry| {
            odd_value(case, form, entry)
                .or_else(|| broken(case, rules, form, entry))
                .filter(|(place, ..)| fresh(*place))
        });
        if let Some((place, what, rule)) = odd.or_else(|| odd_lines(case, form, shown)) {
            report(case, sink, place, what, rule);
        }
    }
}

type Odd = (Span, String, Span);

/// A value that is none of those that the form offers there.
fn odd_value(case: &Case<'_>, form: &Run, entry: &Entry) -> Option<Odd> {
    let line = form.line(&entry.name)?;
    let (names, firm) = offered(case.text(line.value))?;
    let value = case.text(entry.value).trim_matches(['"', '.', '“', '”']);
    let said = value.split([',', ';', '(']).next()?.split(" - ").next()?.trim();
    let words = said.split_whitespace().count();
    let plain = (1..=VALUE).contains(&words) && said.chars().all(|c| c.is_alphabetic() || " _-".contains(c));
    if !plain || !value.starts_with(said) {
        return None;
    }
    let small = |word: &str| word.starts_with(char::is_lowercase);
    if !firm && (said != value || names.iter().any(|name| small(name) != small(said))) {
        return None;
    }
    let loud = names.iter().all(|name| !name.contains(char::is_lowercase));
    let what = match names.iter().find(|name| name.eq_ignore_ascii_case(said)) {
        None => format!("`{said}` is none of {}", names.join(", ")),
        Some(name) if loud && name != said => format!("`{said}` is `{name}` in the form"),
        Some(_) => return None,
    };
    Some((entry.value, what, line.label.cover(line.value)))
}

/// A value that breaks a rule on the part with its label.
fn broken(case: &Case<'_>, rules: &[&Requirement], form: &Run, entry: &Entry) -> Option<Odd> {
    let line = form.line(&entry.name)?;
    let line = line.label.cover(line.value);
    let own = |rule: &&&Requirement| match &rule.subject {
        Subject::Named(part) | Subject::Each(part) => *part == entry.name || line.contains(rule.span),
        _ => false,
    };
    let broken = |rule: &Requirement| {
        let whole = Requirement { subject: Subject::Reply, ..rule.clone() };
        let firm = matches!(rule.demand, Demand::OneOf(_) | Demand::DateForm(_) | Demand::Amount { .. });
        firm.then(|| trial::breach(case.source.text(), &whole, entry.value, false)).flatten()
    };
    rules.iter().filter(own).find_map(|rule| {
        let breach = broken(rule)?;
        // Of two rules that clash a sample can keep one only.
        let kept = rules
            .iter()
            .filter(own)
            .any(|other| other.demand.id() == rule.demand.id() && broken(other).is_none());
        (!kept).then_some((breach.place, breach.what, rule.span))
    })
}

/// A line of the form that the sample leaves out, or one that the form does not have.
fn odd_lines(case: &Case<'_>, form: &Run, shown: &Run) -> Option<Odd> {
    let first = form.place().start();
    if form.entries.len() < WHOLE || first > shown.place().start() || !shapes(case, form) {
        return None;
    }
    let last = form.entries.last()?;
    // A sample that breaks off shows no end.
    let whole = shown.line(&last.name).is_some() && !case.text(shown.place()).contains(['…', '{']);
    let mut absent = form.entries.iter().filter(|line| shown.line(&line.name).is_none());
    // What stands above the form's own lines went in.
    let known = |line: &Entry| form.line(&line.name).is_some();
    let first = shown.entries.iter().position(known)?;
    let last = shown.entries.iter().rposition(known)?;
    let mut extra = shown.entries[first..=last].iter().filter(|line| !known(line));
    match ((absent.next(), absent.next()), (extra.next(), extra.next())) {
        ((Some(line), None), (None, _)) if whole && !is_left_out(case, form, line) => {
            let label = case.text(line.label);
            Some((shown.place(), format!("the sample has no line `{label}`"), line.label.cover(line.value)))
        }
        ((None, _), (Some(line), None)) => {
            let label = case.text(line.label);
            Some((line.label, format!("the form has no line `{label}`"), form.place()))
        }
        ((None, _), (None, _)) => misplaced(case, form, shown),
        ((Some(line), None), (Some(other), None)) if last + 1 - first == form.entries.len() => {
            let at = |run: &Run, name: &str| run.entries.iter().position(|entry| entry.name == name);
            let (label, own) = (case.text(line.label), case.text(other.label));
            (at(form, &line.name) == at(shown, &other.name).map(|at| at - first)).then(|| {
                (other.label, format!("`{own}` is `{label}` in the form"), line.label.cover(line.value))
            })
        }
        _ => None,
    }
}

/// True for lines that were read as the answer's, or that only name what goes in; none of them takes in the material.
fn shapes(case: &Case<'_>, form: &Run) -> bool {
    let of = |entry: &Entry| {
        let unit = case.unit_at(entry.label);
        case.labels.get(unit).and_then(|label| label.component)
    };
    let shaping = form.entries.iter().filter(|entry| of(entry) == Some(Component::OutputFormat)).count();
    let bare = form.entries.iter().all(|entry| entry.value.is_empty());
    let takes_in = form.entries.iter().any(|entry| case.text(entry.value).contains(['{', '$']));
    form.is_form() && !takes_in && (bare || shaping * 2 >= form.entries.len())
}

/// A line that stands before one that the form has above it.
fn misplaced(case: &Case<'_>, form: &Run, shown: &Run) -> Option<Odd> {
    let place = |entry: &&Entry| form.entries.iter().position(|line| line.name == entry.name);
    let lines: Vec<&Entry> = shown.entries.iter().filter(|entry| place(entry).is_some()).collect();
    let pair = lines.windows(2).find(|pair| place(&pair[0]) > place(&pair[1]))?;
    let (first, then) = (case.text(pair[0].label), case.text(pair[1].label));
    let what = format!("`{first}` stands before `{then}`, below which the form has it");
    Some((pair[0].label, what, form.line(&pair[0].name)?.label))
}

/// "Doctor: only if one was named", "leave out lines that do not apply": a line that need not be there.
fn is_left_out(case: &Case<'_>, form: &Run, line: &Entry) -> bool {
    let gloss = case.text(line.value).to_lowercase();
    let free = ["if ", "only", "optional", "where ", "when ", "leave out", "omit"]
        .iter()
        .any(|word| gloss.contains(word));
    let text = case.source.text().to_lowercase();
    let told = ["leave out", "omit", "skip", "drop the line", "leave the line", "does not apply", "no line"];
    free || form.entries.is_empty() || told.iter().any(|words| text.contains(words))
}
