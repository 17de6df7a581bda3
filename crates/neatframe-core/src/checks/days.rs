//! Days of the week outside of those on which somebody is there: "on Friday", where the desk works from Monday to Thursday.

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

const WEEK: [&str; 7] = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"];

/// From which day to which one something is there, and what.
struct Open {
    unit: usize,
    first: usize,
    last: usize,
    span: Span,
    things: Vec<u32>,
}

/// How many such spans are compared.
const MOST: usize = 16;
/// Words from which a sentence speaks of more than one thing.
const LONG: usize = 30;

/// Reports an order for a day on which what it names is not there.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let units = || {
        (0..case.units.len()).filter(|&unit| {
            case.labels[unit].component != Some(Component::Examples) && case.words_of(unit).len() <= LONG
        })
    };
    let mut spans: Vec<Open> = Vec::new();
    for unit in units() {
        if spans.len() < MOST {
            spans.extend(span_of_days(text, unit, case.words_of(unit)));
        }
    }
    if spans.is_empty() {
        return;
    }
    for unit in units() {
        let words = case.words_of(unit);
        let day = words.iter().find_map(|word| Some((weekday(text, word)?, word)));
        let Some((day, word)) = day else { continue };
        let orders = words.iter().take(3).any(|word| word.is(vocabulary::VERB));
        let denies = words.iter().any(|word| word.is(vocabulary::NEGATION));
        if !orders || denies || is_exception(text, words) {
            continue;
        }
        let things = things(text, words);
        let outside = |open: &&Open| open.unit != unit && !(open.first..=open.last).contains(&day);
        let mut of_it = spans.iter().filter(|open| open.things.iter().any(|thing| things.contains(thing)));
        // Two spans for one thing leave open which of them holds.
        if let Some(open) = of_it.next().filter(outside).filter(|_| of_it.next().is_none()) {
            let line = case.source.position(open.span.start()).line;
            let message = format!(
                "`{}` is outside of `{}` (line {line})",
                case.shown(word.span()),
                case.shown(open.span)
            );
            sink.report(word.span(), message, "name a day within it, or change the days")
                .related
                .push(open.span);
        }
    }
}

/// The day that a word names, from 0 for Monday.
pub(super) fn weekday(text: &str, word: &Word) -> Option<usize> {
    let lower = word.lower(text);
    WEEK.iter().position(|day| lower == *day || lower.strip_suffix('s') == Some(day))
}

/// "Works from Monday to Thursday".
fn span_of_days(text: &str, unit: usize, words: &[Word]) -> Option<Open> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (0..words.len()).find(|&at| {
        weekday(text, &words[at]).is_some()
            && matches!(&*lower(at + 1), "to" | "till" | "until" | "through" | "-" | "–")
            && words.get(at + 2).is_some_and(|word| weekday(text, word).is_some())
    })?;
    let (first, last) = (weekday(text, &words[at])?, weekday(text, &words[at + 2])?);
    // A third day has rules of its own, and "closed" turns the span.
    let more = words[at + 3..].iter().any(|word| weekday(text, word).is_some());
    let denies = words.iter().any(|word| word.is(vocabulary::NEGATION) || word.lower(text) == "closed");
    let span = words[at].span().cover(words[at + 2].span());
    let mut things = things(text, words);
    // "Open Tuesday to Sunday": nobody visits on the other day.
    if words.iter().any(|word| word.lower(text) == "open") {
        things.push(stem("visit"));
    }
    (first < last && !more && !denies).then_some(Open { unit, first, last, span, things })
}

/// The stems of the words that name something.
fn things(text: &str, words: &[Word]) -> Vec<u32> {
    let names = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::VERB | vocabulary::MODAL | vocabulary::FINITE)
            && weekday(text, word).is_none()
            && word.text(text).len() > 3
    };
    // "A visit" is a thing, though its word is a verb as well.
    let visit = |pair: &&[Word]| {
        matches!(&*pair[0].lower(text), "a" | "the" | "your" | "their")
            && pair[1].lower(text).starts_with("visit")
    };
    let visits = words.windows(2).filter(visit).map(|_| stem("visit"));
    words.iter().filter(names).map(|word| stem(&word.lower(text))).chain(visits).collect()
}
