//! A number that a sample gives out though a rule keeps it back: "never promise a seat number", "seats 12 and 13 are free".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{is_exception, singular};
use crate::samples::Side;
use crate::span::Span;

/// What is not to be done with the number; one that must not be made up may well be repeated.
const GIVES: [&str; 14] = [
    "disclose", "give", "include", "mention", "name", "print", "promise", "quote", "reveal", "say", "share",
    "show", "state", "tell",
];
/// How many rules are held against the samples, and words from which a sentence says more than this.
const RULES: usize = 16;
const LONG: usize = 16;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    if case.samples.is_empty() {
        return;
    }
    let kept: Vec<(usize, String)> =
        case.demands().filter_map(|unit| Some((unit, kept_back(case, unit)?))).take(RULES).collect();
    for (unit, thing) in kept {
        let mut outputs = case.samples.iter().filter(|shown| shown.side == Side::Output);
        if let Some(place) = outputs.find_map(|shown| given(case, shown.content, &thing)) {
            let what = format!("a sample gives a {thing} number");
            report(case, sink, place, what, case.units[unit].text);
        }
    }
}

/// "Never give out room numbers": the thing whose number is kept back, in the singular.
fn kept_back(case: &Case<'_>, unit: usize) -> Option<String> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let at = words.iter().position(|word| matches!(&*word.lower(text), "number" | "numbers"))?;
    let denied = words.iter().take(3).any(|word| word.is(vocabulary::NEGATION));
    let gives = words[..at].iter().any(|word| GIVES.contains(&&*word.lower(text)));
    let thing = words.get(at.checked_sub(1)?)?;
    let named = !thing.is_punctuation() && !thing.is(vocabulary::STOP | vocabulary::VERB);
    (words.len() <= LONG && denied && gives && named && !is_exception(text, words))
        .then(|| singular(&thing.lower(text)))
}

/// "Room 12", "seats 12 and 13", "order no. 7".
fn given(case: &Case<'_>, sample: Span, thing: &str) -> Option<Span> {
    let text = case.source.text();
    let words = case.words.within(sample);
    let between = |at: usize| matches!(&*words[at].lower(text), "number" | "no" | "." | "#" | "is");
    (0..words.len()).find_map(|at| {
        if singular(&words[at].lower(text)) != thing {
            return None;
        }
        let number = (at + 1..words.len().min(at + 4)).find(|&at| !between(at))?;
        let digits = words[number].text(text).starts_with(|c: char| c.is_ascii_digit());
        digits.then(|| words[at].span().cover(words[number].span()))
    })
}
