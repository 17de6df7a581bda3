//! Parts of the reply whose lengths are more than the whole may have: three paragraphs of 60 words in a mail of 120.

use super::clashing_demands::comes_after;
use super::{Case, Sink};
use crate::requirement::{Bound, Demand, Measure, Requirement, Subject, number, singular};
use crate::span::Span;

/// Parts that stand outside what a limit on the reply counts.
const OUTSIDE: [&str; 8] =
    ["appendix", "annex", "attachment", "glossary", "example", "transcript", "document", "code"];

/// How many requirements are compared.
const RULES: usize = 200;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    in_a_named_part(case, sink);
    let firm = || case.requirements.iter().take(RULES).filter(|rule| !rule.conditional);
    let words = |rule: &Requirement| match &rule.demand {
        Demand::Amount { measure: Measure::Words, bound } => Some(*bound),
        _ => None,
    };
    let whole = firm().find_map(|rule| {
        let of_all = rule.subject == Subject::Reply && rule.part.is_none() || names_the_text(case, rule);
        let most = words(rule)?.most.filter(|_| of_all)?;
        Some((rule, most))
    });
    let Some((whole, most)) = whole else { return };
    if lines_of_a_form(case, sink, whole, most) {
        return;
    }
    for part in firm().filter(|rule| rule.unit != whole.unit && !comes_after(case, rule)) {
        let Some((named, least)) = words(part).and_then(least) else { continue };
        let count = match &part.subject {
            Subject::Reply => continue,
            Subject::Named(name) if OUTSIDE.contains(&name.as_str()) => continue,
            Subject::Named(name) => how_many(case, part, name).unwrap_or(1),
            Subject::Each(name) => how_many(case, part, name).unwrap_or(0),
            Subject::Unstated => firm().filter(|rule| rule.unit == part.unit).find_map(count).unwrap_or(0),
        };
        let needed = least.saturating_mul(count);
        if needed > most {
            let (later, earlier) =
                if part.span.start() > whole.span.start() { (part, whole) } else { (whole, part) };
            let line = case.source.position(earlier.span.start()).line;
            let (two, one) = (case.shown(later.span), case.shown(earlier.span));
            let sum = named.saturating_mul(count);
            let message =
                format!("`{two}` and `{one}` (line {line}) do not fit: the parts alone have {sum} words");
            sink.report(later.span, message, "change one of the two, so that the parts fit into the whole")
                .related
                .push(earlier.span);
            return;
        }
    }
}

/// "Delays: 40 words", "Causes: 40 words", "Remedies: 40 words", where the whole has at most 80.
fn lines_of_a_form(case: &Case<'_>, sink: &mut Sink<'_>, whole: &Requirement, most: u32) -> bool {
    let mut parts: Vec<(&str, u32, Span)> = Vec::new();
    for rule in
        case.requirements.iter().take(RULES).filter(|rule| !rule.conditional && rule.unit != whole.unit)
    {
        let (Subject::Named(name), Demand::Amount { measure: Measure::Words, bound }) =
            (&rule.subject, &rule.demand)
        else {
            continue;
        };
        let Some(needed) = bound.least.or(bound.most.filter(|_| bound.about)) else { continue };
        if !OUTSIDE.contains(&name.as_str()) && !parts.iter().any(|(other, ..)| other == name) {
            parts.push((name, needed, rule.span));
        }
    }
    let sum = parts.iter().fold(0u32, |sum, (_, needed, _)| sum.saturating_add(*needed));
    let Some((.., last)) = parts.last().filter(|_| parts.len() >= 2 && sum > most) else { return false };
    let (later, earlier) = ((*last).max(whole.span), (*last).min(whole.span));
    let line = case.source.position(earlier.start()).line;
    let (two, one) = (case.shown(later), case.shown(earlier));
    let message = format!("`{two}` and `{one}` (line {line}) do not fit: the parts alone have {sum} words");
    sink.report(later, message, "change one of the two, so that the parts fit into the whole")
        .related
        .push(earlier);
    true
}

/// "The note fits on half a page, about 120 words": what is written by the name that it has in the task.
fn names_the_text(case: &Case<'_>, rule: &Requirement) -> bool {
    let text = case.source.text();
    let words = case.words_of(rule.unit);
    let named = match &rule.subject {
        Subject::Named(name) => Some(name.as_str()),
        Subject::Reply => rule.part.as_deref(),
        _ => None,
    };
    let opens = words.get(1).is_some_and(|word| Some(&*word.lower(text)) == named);
    let begins = words.first().is_some_and(|word| matches!(&*word.lower(text), "the" | "your"));
    let written = case.demands().take_while(|unit| *unit < rule.unit).any(|unit| {
        let words = case.words_of(unit);
        let verb = words.first().is_some_and(|word| WRITES.contains(&&*word.lower(text)));
        verb && words.iter().take(ASK).any(|word| Some(&*word.lower(text)) == named)
    });
    opens && begins && written
}

/// Verbs of an order that names what is written, and how far behind them it stands, in words.
const WRITES: [&str; 7] = ["write", "draft", "turn", "make", "produce", "prepare", "compose"];
const ASK: usize = 16;

/// "A summary of 100 words", "the summary has three paragraphs of 80 words each".
fn in_a_named_part(case: &Case<'_>, sink: &mut Sink<'_>) {
    let firm = || case.requirements.iter().take(RULES).filter(|rule| !rule.conditional);
    let words = |rule: &Requirement| match &rule.demand {
        Demand::Amount { measure: Measure::Words, bound } => Some(*bound),
        _ => None,
    };
    for parts in firm().filter(|rule| matches!(rule.subject, Subject::Named(_))) {
        let Some(count) = count(parts) else { continue };
        let each = firm().find(|rule| rule.unit == parts.unit && matches!(rule.subject, Subject::Each(_)));
        let Some((_, least)) = each.and_then(words).and_then(least) else { continue };
        let whole = firm().find_map(|rule| {
            let bound = words(rule).filter(|_| rule.subject == parts.subject && rule.unit != parts.unit)?;
            let most = bound.most?;
            Some((rule, if bound.about { most + most / 4 } else { most }))
        });
        if let Some((rule, _)) = whole.filter(|(_, most)| least.saturating_mul(count) > *most) {
            sink.clash(case, parts.span, rule.span);
        }
    }
}

/// The fewest words that a bound names, and how many it lets through: "about" gives way by a quarter.
fn least(bound: Bound) -> Option<(u32, u32)> {
    bound.least.map(|least| (least, if bound.about { least - least / 4 } else { least }))
}

/// "Two paragraphs", "five bullets" beside the length of each.
fn count(rule: &Requirement) -> Option<u32> {
    match &rule.demand {
        Demand::Amount { measure: Measure::Paragraphs | Measure::Sentences | Measure::Items(_), bound } => {
            bound.least.filter(|least| *least >= 2)
        }
        _ => None,
    }
}

/// "Each of the five sections": the number before the noun in the same sentence, or how many another rule asks for.
fn how_many(case: &Case<'_>, part: &Requirement, name: &str) -> Option<u32> {
    let text = case.source.text();
    let here = case
        .words_of(part.unit)
        .windows(2)
        .find(|pair| singular(&pair[1].lower(text)) == name && pair[1].lower(text) != name);
    here.and_then(|pair| number(text, pair[0])).or_else(|| {
        case.requirements.iter().take(RULES).find_map(|rule| match &rule.demand {
            Demand::Amount { measure: Measure::Items(things), .. } if singular(things) == name => count(rule),
            Demand::Amount { measure: Measure::Paragraphs, .. } if name == "paragraph" => count(rule),
            Demand::Amount { measure: Measure::Sentences, .. } if name == "sentence" => count(rule),
            _ => None,
        })
    })
}
