//! A list that holds more or fewer than the prompt says: "ask the four questions below", above a list of three.

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::outline::SectionId;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;

/// Reports where a list is named with another number than it has entries.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let asks = (0..case.units.len()).filter(|&unit| case.labels[unit].component != Some(Component::Examples));
    let lists = asks.filter_map(|unit| Some((unit, named(case, unit)?)));
    for (unit, (count, noun, span, here)) in lists.take(MOST) {
        let listed = if here { entries(case, unit + 1) } else { titled(case, unit, noun) };
        if let Some((length, place)) = listed.filter(|(length, _)| *length >= 2 && *length != count) {
            let line = case.source.position(place.start()).line;
            let message = format!("`{}`: the list from line {line} on has {length}", case.shown(span));
            sink.report(span, message, "count again, or add what is missing").related.push(place);
        }
    }
    let asks = (0..case.units.len())
        .filter(|&unit| case.labels[unit].component.is_some_and(|of| of != Component::Examples));
    let led = asks.filter_map(|unit| led_to(case, unit)).take(MOST);
    for (count, span, length, place) in led.filter(|(count, _, length, _)| *length >= 2 && length != count) {
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(span));
        if !known {
            let line = case.source.position(place.start()).line;
            let message =
                format!("`{}`: the list from line {line} on has {length}, not {count}", case.shown(span));
            sink.report(span, message, "count again, or add what is missing").related.push(place);
        }
    }
}

/// "Give exactly three bullets:" over four, "the notice has three sections." over four, "four columns: boat, pier, fare".
fn led_to(case: &Case<'_>, unit: usize) -> Option<(usize, Span, usize, Span)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let at = (0..words.len())
        .find(|&at| number(text, words[at]).is_some() && LISTED.contains(&&*lower(at + 1)))?;
    let count = number(text, words[at]).filter(|count| (2..=20).contains(count))? as usize;
    let loose = at > 0
        && matches!(
            &*lower(at - 1),
            "least"
                | "most"
                | "than"
                | "to"
                | "about"
                | "or"
                | "around"
                | "of"
                | "max"
                | "first"
                | "next"
                | "-"
                | "–"
        )
        && !(lower(at - 1) == "of" && at > 1 && lower(at - 2) == "consists");
    let ranged = at > 1 && words[at - 1].is_punctuation() && words[at - 2].is_number();
    if loose || ranged {
        return None;
    }
    let span = words[at].span().cover(words[at + 1].span());
    if lower(at + 2) == ":" && words.len() > at + 4 {
        let rest = &text[words[at + 2].end as usize..case.units[unit].text.end()];
        let whole = rest.split(['.', ';', '\n', '(']).next()?;
        let list = whole.trim();
        let joined = list.replace(" and ", ", ").replace(" or ", ", ").replace(",,", ",").replace(", ,", ",");
        let names: Vec<&str> = joined.split(',').map(str::trim).filter(|name| !name.is_empty()).collect();
        let short = names.iter().all(|name| name.split_whitespace().count() <= 3) && names.len() >= 2;
        let ends = rest[whole.len()..].trim().trim_end_matches('.').is_empty();
        let place = Span::new(words[at + 3].start as usize, case.units[unit].text.end());
        return (short && ends && !list.contains("etc")).then_some((count, span, names.len(), place));
    }
    let ends = words.last().map(|word| word.text(text))?;
    // "An intro, three sections and a closing line", and "Sections:" right below.
    let noun = lower(at + 1);
    if let Some((length, place)) = below_its_name(case, unit, &noun) {
        return Some((count, span, length, place));
    }
    let structural =
        matches!(&*lower(at + 1), "sections" | "steps" | "parts" | "phases" | "stages" | "headings");
    let has = structural
        && at > 0
        && at + 3 >= words.len()
        && matches!(
            &*lower(at - 1),
            "has" | "in" | "exactly" | "into" | "of" | "through" | "the" | "these" | "following"
        );
    // The next item of one list is none of what an item counts, unless it stands below it.
    let piece = |unit: usize| &case.outline.pieces[case.units[unit].pieces.start];
    let beside = matches!(case.units[unit].kind, UnitKind::Item { .. })
        && case.units.get(unit + 1).is_none_or(|_| piece(unit + 1).indent <= piece(unit).indent);
    let leads = (ends == ":" || ends == "." && has) && !beside;
    let next = case.units.get(unit + 1).filter(|_| leads)?;
    // "Write three bullets:" and a list of what to heed names no bullets where the list is of rules.
    let (length, place) = entries(case, unit + 1).filter(|_| next.opens_piece)?;
    let length = unparted(case, unit + 1, length);
    Some((count, span, length, place))
}

/// How many entries stand below a label with this name, in the lines right behind a unit.
fn below_its_name(case: &Case<'_>, unit: usize, noun: &str) -> Option<(usize, Span)> {
    const NEAR: usize = 3;
    let named = |at: &usize| {
        let line = case.text(case.units[*at].text).trim_matches(['#', '*', ' ']);
        line.strip_suffix(':').is_some_and(|label| label.eq_ignore_ascii_case(noun))
    };
    let label = (unit + 1..case.units.len()).take(NEAR).find(named)?;
    let (length, place) = entries(case, label + 1)?;
    Some((unparted(case, label + 1, length), place))
}

/// How many of the entries stand with no blank line between them, where the first two do.
fn unparted(case: &Case<'_>, from: usize, length: usize) -> usize {
    let parted = |at: usize| {
        let gap = Span::new(case.units[at - 1].text.end(), case.units[at].text.start());
        case.text(gap).matches('\n').count() > 1
    };
    let heads: Vec<usize> =
        (from..case.units.len()).filter(|&at| case.units[at].opens_piece).take(length).collect();
    match heads.get(1).filter(|second| !parted(**second)) {
        Some(_) => 1 + heads[1..].iter().take_while(|at| !parted(**at)).count(),
        None => length,
    }
}

/// What is counted and listed.
const LISTED: [&str; 26] = [
    "bullets", "points", "steps", "sections", "parts", "headings", "questions", "fields", "columns", "keys",
    "labels", "categories", "classes", "criteria", "phases", "stages", "topics", "options", "tasks",
    "levels", "tools", "items", "paragraphs", "values", "types", "kinds",
];
/// Words from which a sentence says more.
const LONG: usize = 24;

/// How many lists are looked for, each in the whole prompt.
const MOST: usize = 32;

/// The number and the noun of "the four questions below", and whether the list stands right behind.
fn named(case: &Case<'_>, unit: usize) -> Option<(usize, u32, Span, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (1..words.len())
        .find(|&at| words[at].is_number() && matches!(&*lower(at - 1), "the" | "these" | "following"))?;
    let count = number(text, words[at]).filter(|count| (2..=20).contains(count))?;
    let noun = words.get(at + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    let plural = noun.lower(text).ends_with('s') && !noun.lower(text).ends_with("ss");
    // "These three questions:" leads on to them.
    let here = lower(at + 2) == ":" && words.len() == at + 3;
    let below = lower(at + 2) == "below" || lower(at + 2) == "listed" && lower(at + 3) == "below";
    let span = words[at - 1].span().cover(noun.span());
    (plural && (below || here)).then(|| (count as usize, stem(&noun.lower(text)), span, here))
}

/// How many entries stand in a row from a unit on, all of one depth, and the first of them.
fn entries(case: &Case<'_>, from: usize) -> Option<(usize, Span)> {
    let piece = |unit: usize| &case.outline.pieces[case.units[unit].pieces.start];
    let is_entry = |unit: usize| matches!(case.units[unit].kind, UnitKind::Item { .. });
    let first = Some(from).filter(|&unit| unit < case.units.len() && is_entry(unit))?;
    let depth = piece(first).indent;
    let count = (from..case.units.len())
        .take_while(|&unit| is_entry(unit))
        .filter(|&unit| case.units[unit].opens_piece && piece(unit).indent == depth)
        .count();
    Some((count, case.units[first].text))
}

/// The list below the one title that holds the noun.
fn titled(case: &Case<'_>, unit: usize, noun: u32) -> Option<(usize, Span)> {
    let named = |section: SectionId| {
        let title = case.text(case.outline.sections[section].title).to_lowercase();
        title.split(|c: char| !c.is_alphanumeric()).any(|word| !word.is_empty() && stem(word) == noun)
    };
    let mut heads = (0..case.units.len()).filter(|&at| {
        at > unit
            && matches!(case.units[at].kind, UnitKind::Item { .. })
            && case.units[at].opens_piece
            && (at == 0
                || case.units[at - 1].section != case.units[at].section
                || !matches!(case.units[at - 1].kind, UnitKind::Item { .. }))
            && named(case.units[at].section)
    });
    let (first, None) = (heads.next()?, heads.next()) else { return None };
    entries(case, first)
}
