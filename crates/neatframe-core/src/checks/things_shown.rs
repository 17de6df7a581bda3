//! Samples of a thing that the title over them names, "Examples of good headlines:", held against the rules for that thing.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::outline::PieceKind;
use crate::requirement::{ASKED_FOR, Demand, Measure, Requirement, Subject, singular};
use crate::samples::Side;
use crate::span::Span;
use crate::trial;
use crate::units::UnitKind;

/// Words of a title that promises samples to be copied.
const PROMISES: [&str; 6] = ["example", "examples", "sample", "samples", "good", "model"];
/// What an item of a list may be called.
const ITEMS: [&str; 5] = ["bullet", "point", "item", "line", "entry"];
/// What is written as a text of its own, and so can be shown by a line.
const TEXTS: [&str; 12] = [
    "headline", "title", "name", "slogan", "tagline", "caption", "subject", "bullet", "point", "item", "tag",
    "question",
];

/// What a rule on gaps calls whichever part has nothing in it.
const ANY_PART: [&str; 9] = ["", "heading", "section", "field", "part", "line", "point", "item", "entry"];

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    too_many_or_few(case, rules, sink);
    for (unit, holder) in case.units.iter().enumerate() {
        let piece = &case.outline.pieces[holder.pieces.start];
        if case.labels[unit].component != Some(Component::Examples)
            || holder.kind == UnitKind::Mark
            || !holder.opens_piece
        {
            continue;
        }
        if matches!(piece.kind, PieceKind::Field | PieceKind::Turn) {
            other_gap(case, rules, unit, sink);
            behind_a_class(case, rules, unit, sink);
            continue;
        }
        let answers = case.samples.partition_point(|shown| shown.content.end() <= holder.text.start());
        let tested = case.samples.get(answers).is_some_and(|shown| {
            shown.side != Side::Other && shown.content.overlaps(holder.text) && !shown.label.is_empty()
        });
        let title = case.text(case.outline.sections[holder.section].title).to_lowercase();
        let title: Vec<&str> =
            title.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).collect();
        if tested || !title.iter().any(|word| PROMISES.contains(word)) {
            continue;
        }
        let listed = matches!(holder.kind, UnitKind::Item { .. });
        let bare = listed && title.iter().all(|word| PROMISES.contains(word) || *word == "output");
        let is_shown = |thing: &str| {
            TEXTS.contains(&thing) && title.iter().any(|word| singular(word) == thing)
                || bare && ITEMS.contains(&thing)
        };
        let found =
            rules.iter().find_map(|rule| Some((breach(case, rule, holder.text, &is_shown)?, rule.span)));
        if let Some(((place, what), rule)) = found {
            report(case, sink, place, what, rule);
        }
    }
}

/// Where and how a line that shows a thing breaks a rule for that thing.
fn breach(
    case: &Case<'_>,
    rule: &Requirement,
    line: Span,
    is_shown: &impl Fn(&str) -> bool,
) -> Option<(Span, String)> {
    let text = case.source.text();
    let said = trial::sentence(text, rule.span).to_lowercase();
    let spoken_of =
        || said.split(|c: char| !c.is_alphanumeric()).take(3).any(|word| is_shown(&singular(word)));
    let holds = match (&rule.subject, &rule.demand) {
        (Subject::Each(thing) | Subject::Named(thing), _) if thing == "sentence" => is_shown("bullet"),
        (Subject::Each(thing) | Subject::Named(thing), _) => is_shown(thing),
        (Subject::Reply, Demand::Manner { .. } | Demand::Omit(_)) => spoken_of(),
        _ => false,
    };
    if !holds {
        return None;
    }
    if let Demand::Amount { measure: Measure::Items("letters"), bound } = &rule.demand {
        let count = case.text(line).chars().filter(|c| c.is_alphabetic()).count();
        let what = format!("`{}` has {count} letters", case.text(line).trim());
        return (!bound.holds(count) && !bound.about).then_some((line, what));
    }
    let subject = match &rule.subject {
        Subject::Each(thing) | Subject::Named(thing) if thing == "sentence" => {
            Subject::Each("sentence".into())
        }
        _ => Subject::Reply,
    };
    let of_the_line = Requirement { subject, ..rule.clone() };
    trial::breach(text, &of_the_line, line, false).map(|breach| (breach.place, breach.what))
}

/// "Date: n/a", where a missing date is "unknown".
fn other_gap(case: &Case<'_>, rules: &[&Requirement], unit: usize, sink: &mut Sink<'_>) {
    let holder = &case.units[unit];
    let line = case.text(holder.text);
    let Some((label, shown)) = line.split_once(':') else { return };
    let (label, shown) = (label.trim().to_lowercase(), shown.trim());
    let other = rules.iter().find_map(|rule| match &rule.demand {
        Demand::Gap { of, way } if ANY_PART.contains(&of.as_str()) => {
            way.value().is_some_and(|value| trial::is_another_sign(shown, value)).then_some(rule.span)
        }
        Demand::Gap { of, way } if !of.is_empty() && *of == label => {
            way.value().is_some_and(|value| trial::is_another_gap(shown, value)).then_some(rule.span)
        }
        _ => None,
    });
    if let Some(rule) = other {
        let place = Span::new(holder.text.end() - shown.len(), holder.text.end());
        let what = format!("`{shown}` stands for what is missing in a sample");
        report(case, sink, place, what, rule);
    }
}

/// "RED: taken an hour ago", where the class, a colon and a reason of at most 12 words come back.
fn behind_a_class(case: &Case<'_>, rules: &[&Requirement], unit: usize, sink: &mut Sink<'_>) {
    let holder = &case.units[unit];
    let text = case.source.text();
    let Some((class, rest)) = case.text(holder.text).split_once(':') else { return };
    if class.len() < 3 || !class.chars().all(|c| c.is_ascii_uppercase() || c == '_') || rest.trim().is_empty()
    {
        return;
    }
    let place = Span::new(holder.text.end() - rest.trim_start().len(), holder.text.end());
    let of_the_rest = |rule: &&&Requirement| {
        matches!(rule.subject, Subject::Named(_))
            && matches!(rule.demand, Demand::Amount { measure: Measure::Words, .. })
            && case.text(case.units[rule.unit].text).to_lowercase().contains("colon")
    };
    let broken = rules.iter().find(of_the_rest).and_then(|rule| {
        let of_the_line = Requirement { subject: Subject::Reply, ..(*rule).clone() };
        Some((trial::breach(text, &of_the_line, place, false)?, rule.span))
    });
    if let Some((breach, rule)) = broken {
        report(case, sink, breach.place, breach.what, rule);
    }
}

/// "Give three options", and a numbered sample of two, with nothing else in its part.
fn too_many_or_few(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    let counted = rules.iter().find_map(|rule| match &rule.demand {
        Demand::Amount { measure: Measure::Items(things), bound }
            if rule.subject == Subject::Reply
                && bound.least == bound.most
                && !bound.about
                && (*things == "options" || ASKED_FOR.contains(things)) =>
        {
            Some((things, bound, rule.span))
        }
        _ => None,
    });
    let Some((things, bound, rule)) = counted else { return };
    let is_sample = |unit: &usize| {
        let title = case.text(case.outline.sections[case.units[*unit].section].title).to_lowercase();
        let mut words =
            title.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).peekable();
        words.peek().is_some()
            && words.all(|word| PROMISES.contains(&word) || word == "output" || word == "answer")
    };
    let mut units =
        (0..case.units.len()).filter(|unit| case.units[*unit].kind != UnitKind::Mark).filter(is_sample);
    let Some(first) = units.next() else { return };
    let section = case.units[first].section;
    let shown: Vec<usize> =
        std::iter::once(first).chain(units.take_while(|unit| case.units[*unit].section == section)).collect();
    let numbered = |unit: &usize| {
        let holder = &case.units[*unit];
        matches!(holder.kind, UnitKind::Item { ordered: true }) && holder.opens_piece
    };
    if shown.len() >= 2 && shown.iter().all(numbered) && !bound.holds(shown.len()) {
        let place = case.units[first].text.cover(case.units[shown[shown.len() - 1]].text);
        report(case, sink, place, format!("a sample has {} {things}", shown.len()), rule);
    }
}
