//! A list that holds more or fewer than the prompt says: "ask the four questions below", above a list of three.

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::outline::SectionId;
use crate::requirement::number;
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
}

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
