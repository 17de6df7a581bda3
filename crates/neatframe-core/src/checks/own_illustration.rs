//! A sample right behind the rule that it illustrates, and which it breaks: "Give three tags." and below it "Example: ferry, pier".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::outline::is_sample_title;
use crate::requirement::{Demand, Measure, Requirement, Subject, is_exception};
use crate::samples::goes_in;
use crate::span::Span;
use crate::trial::{self, Breach};
use crate::units::UnitKind;

/// How many rules are looked at.
const RULES: usize = 64;

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    for rule in rules.iter().filter(|rule| rule.subject != Subject::Unstated).take(RULES) {
        if let Some((place, what)) = listed_below(case, rule).or_else(|| of_each(case, rule)) {
            let known = sink.findings.iter().any(|finding| finding.span.overlaps(place));
            if !known {
                report(case, sink, place, what, rule.span);
            }
            continue;
        }
        let Some(shown) = illustration(case, rule.unit) else { continue };
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(shown));
        let Some(Breach { place, what }) = held(case, rule, shown).filter(|_| !known) else { continue };
        report(case, sink, place, what, rule.span);
    }
}

/// "Give exactly three bullets.", and a list with two below the label "Example:".
fn listed_below(case: &Case<'_>, rule: &Requirement) -> Option<(Span, String)> {
    let Demand::Amount { measure: Measure::Items(things), bound } = &rule.demand else { return None };
    let title = rule.unit + 1;
    let of_a_list = matches!(*things, "bullets" | "points" | "items" | "lines" | "entries")
        || rule.subject == Subject::Reply;
    let labelled = case.units.get(title).is_some_and(|unit| {
        unit.kind == UnitKind::Mark
            && is_bare_label(case.text(unit.text))
            && is_sample_title(case.text(unit.text))
    });
    let item = |unit: &usize| {
        case.labels[*unit].component == Some(Component::Examples)
            && matches!(case.units[*unit].kind, UnitKind::Item { .. })
            && case.units[*unit].section == case.units[title].section
    };
    if !labelled || !of_a_list || bound.about {
        return None;
    }
    let items: Vec<usize> =
        (title + 1..case.units.len()).take_while(item).filter(|&unit| case.units[unit].opens_piece).collect();
    let after = case.units.get(title + 1 + items.len());
    let ends = after.is_none_or(|unit| unit.section != case.units[title].section);
    let off = items.len() >= 2 && ends && !bound.holds(items.len());
    off.then(|| {
        let place = case.units[items[0]].text.cover(case.units[*items.last().unwrap_or(&items[0])].text);
        (place, format!("the sample has {} {things}", items.len()))
    })
}

/// "Each tag is a single word.", and "Example tags: late boat, pier".
fn of_each(case: &Case<'_>, rule: &Requirement) -> Option<(Span, String)> {
    let Demand::Amount { measure, bound } = &rule.demand else { return None };
    let (Subject::Each(thing), Some(most)) = (&rule.subject, bound.most) else { return None };
    let shown = case.units.get(rule.unit + 1).filter(|unit| unit.kind == UnitKind::Field)?;
    let label = case.text(case.outline.pieces[shown.pieces.start].lead).to_lowercase();
    let named = ["example ", "sample "].iter().find_map(|word| label.strip_prefix(word))?;
    let named = named.trim_end_matches([':', ' ', '*']);
    let body = case.text(shown.text);
    let from = behind_the_label(body);
    let row = &body[from..];
    let odd = row
        .split(", ")
        .find(|value| trial::count(value, measure).is_some_and(|count| count > most as usize))?;
    let at = from + row.find(odd)?;
    let of_it = named.strip_suffix('s') == Some(thing.as_str()) && row.contains(", ");
    of_it.then(|| {
        (
            Span::within(shown.text, at, odd.len()),
            format!("`{odd}` has more than {most} {}", measure.name(bound)),
        )
    })
}

fn is_bare_label(label: &str) -> bool {
    let label = label.trim_matches(['*', '_', ' ', ':', '-', '#']).to_lowercase();
    matches!(&*label, "example" | "sample" | "for example" | "e.g.")
}

/// Ways to set words apart, and the signs of which one shows it.
const WAYS: [(&str, &[char]); 5] = [
    (" in brackets", &['(', '[']),
    (" in parentheses", &['(']),
    (" in square brackets", &['[']),
    (" in bold", &['*', '<']),
    (" in italics", &['*', '_', '<']),
];

/// "Put the fare in brackets.", and a sample that has none.
pub(super) fn set_apart(case: &Case<'_>, sink: &mut Sink<'_>) {
    for unit in case.demands() {
        let words = case.words_of(unit);
        let body = case.text(case.units[unit].text);
        let orders = words.first().is_some_and(|word| word.is(vocabulary::VERB));
        let Some((way, signs)) = WAYS.iter().find(|(way, _)| body.contains(way)).filter(|_| orders) else {
            continue;
        };
        if words.iter().any(|word| word.is(vocabulary::NEGATION)) || is_exception(case.source.text(), words) {
            continue;
        }
        let Some(shown) = illustration(case, unit).filter(|shown| !case.text(*shown).contains(*signs)) else {
            continue;
        };
        if !sink.findings.iter().any(|finding| finding.span.overlaps(shown)) {
            report(case, sink, shown, format!("nothing stands{way} in the sample"), case.units[unit].text);
        }
    }
}

/// How the sample breaks the rule before it.
fn held(case: &Case<'_>, rule: &Requirement, shown: Span) -> Option<Breach> {
    let text = case.source.text();
    let body = text[shown.range()].trim();
    let Demand::Amount { measure, bound } = &rule.demand else {
        // What stands at an end, a piece of a reply need not show.
        let looks = !matches!(
            &rule.demand,
            Demand::Manner { axis: "last line" | "greeting" | "full stop", .. }
                | Demand::BeginsWith(_)
                | Demand::EndsWith(_)
                | Demand::Mention(_)
                | Demand::OneOf(_)
                | Demand::Gap { .. }
        );
        let whole = Requirement { subject: Subject::Reply, part: None, ..rule.clone() };
        return trial::breach(text, &whole, shown, false).filter(|_| looks);
    };
    // Of a list of values, how many there are; of a sentence, how long it is.
    let counted = match measure {
        Measure::Items(_) if !body.contains(['.', '{', '\n', ':', '"']) && body.contains(", ") => {
            body.split(", ").count()
        }
        Measure::Words | Measure::Characters | Measure::Sentences if !body.contains(['{', '|', '\n']) => {
            trial::count(body.trim_matches(['"', '“', '”']), measure)?
        }
        _ => return None,
    };
    let long = bound.most.is_some_and(|most| counted > most as usize);
    // A row of values is whole; a text may be the beginning of one.
    let short =
        matches!(measure, Measure::Items(_)) && bound.least.is_some_and(|least| counted < least as usize);
    (!bound.about && (long || short))
        .then(|| Breach { place: shown, what: format!("the sample has {counted} {}", measure.id()) })
}

/// The line behind a unit that shows what it asks for: "Example: ferry, pier", or what stands below the label "Example".
fn illustration(case: &Case<'_>, unit: usize) -> Option<Span> {
    let holder = case.units.get(unit + 1)?;
    let label = case.text(case.outline.pieces[holder.pieces.start].lead);
    let titled = holder.kind == UnitKind::Mark && is_sample_title(case.text(holder.text));
    let own = if titled { unit + 2 } else { unit + 1 };
    let shown = case.units.get(own)?;
    let named = if titled {
        is_bare_label(case.text(holder.text)) && is_alone(case, own)
    } else {
        holder.kind == UnitKind::Field && is_bare_label(label)
    };
    let content = Span::new(
        shown.text.start() + if titled { 0 } else { behind_the_label(case.text(shown.text)) },
        shown.text.end(),
    );
    let sample = case.labels[own].component == Some(Component::Examples);
    (named && sample && !goes_in(case, content) && !content.is_empty()).then_some(content)
}

/// True where the section of a unit has no other sample, and no label opens it.
fn is_alone(case: &Case<'_>, unit: usize) -> bool {
    let next = case.units.get(unit + 1);
    let last = next.is_none_or(|next| next.section != case.units[unit].section);
    last && case.units[unit].kind != UnitKind::Field && case.units[unit].kind != UnitKind::Turn
}

fn behind_the_label(line: &str) -> usize {
    let behind = line.find(':').map_or(0, |at| at + 1);
    line.len() - line[behind..].trim_start_matches(['*', '_', ' ']).len()
}
