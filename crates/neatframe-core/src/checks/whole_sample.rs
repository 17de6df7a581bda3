//! A sample that is one text below its title, held against the length of what is to be written.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::outline::is_sample_title;
use crate::requirement::{Demand, Measure, Requirement, Subject, WHOLE};
use crate::samples::Side;
use crate::span::Span;
use crate::trial;

/// How many rules are held against the sample.
const RULES: usize = 16;

/// Reports the sample that is too long or too short.
pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    let Some(sample) = alone(case) else { return };
    let of_text = |rule: &&&Requirement| {
        let Demand::Amount { measure, .. } = &rule.demand else { return false };
        let counted = matches!(measure, Measure::Words | Measure::Characters | Measure::Sentences);
        let made = match &rule.subject {
            Subject::Reply => rule.part.is_none(),
            Subject::Named(thing) => WHOLE.contains(&thing.as_str()) || is_made(case, thing),
            _ => false,
        };
        counted && made
    };
    for rule in rules.iter().filter(of_text).take(RULES) {
        let Demand::Amount { measure, bound } = &rule.demand else { continue };
        let Some(count) =
            trial::count(case.text(sample), measure).and_then(|count| u32::try_from(count).ok())
        else {
            continue;
        };
        let slack = if bound.about { count / 5 } else { 0 };
        let short = bound.least.is_some_and(|least| count + slack < least);
        let long = bound.most.is_some_and(|most| count > most + slack);
        if short || long {
            let what = format!("the sample has {count} {}", measure.name(bound));
            report(case, sink, sample, what, rule.span);
            return;
        }
    }
}

/// The only sample, if it is running text with nothing labelled in it, and no cut piece of one.
fn alone(case: &Case<'_>) -> Option<Span> {
    let shown = |unit: &usize| case.labels[*unit].component == Some(Component::Examples);
    let titled = |unit: &usize| {
        let title = case.text(case.outline.sections[case.units[*unit].section].title);
        is_sample_title(title)
            && title.split_whitespace().count() <= 2
            && !title.to_lowercase().contains("put")
    };
    let mut units = (0..case.units.len())
        .filter(shown)
        .filter(|unit| case.units[*unit].kind != crate::units::UnitKind::Mark);
    let first = units.next().filter(titled)?;
    let last = units.next_back().unwrap_or(first);
    let section = case.units[first].section;
    if (first..=last).any(|unit| case.units[unit].section != section || !shown(&unit)) {
        return None;
    }
    let span = case.units[first].text.cover(case.units[last].text);
    let body = case.text(span);
    let plain = !body.contains(['{', '<', '|', '`', '[']) && !body.contains("...") && !body.contains('…');
    let running =
        body.lines().all(|line| !line.contains(": ") && !line.trim_start().starts_with(['-', '*', '>']))
            || body.starts_with("**") && body.lines().count() == 1 && !body.contains(": ");
    let labelled = case.samples.iter().any(|shown| shown.side != Side::Other);
    (plain && running && !labelled && body.trim_end().ends_with(['.', '!', '?'])).then_some(span)
}

/// "Write the entry", "into the entry": what the task is to bring forth.
fn is_made(case: &Case<'_>, thing: &str) -> bool {
    let text = case.source.text();
    (0..case.units.len()).filter(|unit| case.labels[*unit].component == Some(Component::Task)).any(|unit| {
        case.words_of(unit).windows(3).any(|row| {
            let [verb, article, noun] = [0, 1, 2].map(|at| row[at].lower(text));
            matches!(&*verb, "write" | "into" | "draft" | "compose" | "make" | "produce")
                && matches!(&*article, "the" | "a" | "an" | "one")
                && noun == thing
        })
    })
}
