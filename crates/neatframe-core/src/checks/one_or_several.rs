//! One of a thing here and several of it there: "exactly one category", "may get several categories".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{is_exception, singular};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// How many such demands are compared.
const MOST: usize = 32;
/// Words from which a sentence says more than a number.
const LONG: usize = 18;

/// Reports a thing that is asked for once and more than once.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let mut seen: Vec<(usize, String, bool, Span)> = Vec::new();
    for unit in case.demands() {
        let words = case.words_of(unit);
        if words.len() > LONG || seen.len() >= MOST {
            continue;
        }
        let told = both_of(text, words).map(|(thing, span)| (thing, false, span));
        let told = told.or_else(|| number(text, words).filter(|_| !is_exception(text, words)));
        let Some((thing, one, span)) = told else { continue };
        let rival = seen.iter().find(|(other, named, single, _)| {
            let labels = label(case, unit).zip(label(case, *other));
            *other != unit && *named == thing && *single != one && labels.is_none_or(|(one, two)| one == two)
        });
        if let Some((_, _, _, place)) = rival {
            sink.clash(case, span, *place);
        }
        seen.push((unit, thing, one, span));
    }
}

/// The name that `multi_choice: several options of a list` tells of.
fn label<'a>(case: &'a Case<'_>, unit: usize) -> Option<&'a str> {
    let (label, _) = case.text(case.units[unit].text).split_once(": ")?;
    let name = label.trim_matches(['*', '`']);
    let plain = name.starts_with(|c: char| c.is_ascii_lowercase())
        && name.bytes().all(|b| b.is_ascii_alphanumeric() || b == b'_');
    plain.then_some(name)
}

/// The thing that a sentence asks one or several of, in the singular, and whether it is one.
fn number(text: &str, words: &[Word]) -> Option<(String, bool, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let (one, from) = match (&*lower(at), &*lower(at + 1)) {
            ("single", _) => (true, at + 1),
            ("exactly" | "only" | "just" | "precisely", "one") => (true, at + 2),
            ("several" | "multiple", _) => (false, at + 1),
            ("two" | "three", "or") if lower(at + 2) == "more" => (false, at + 3),
            ("at", "least") if matches!(&*lower(at + 2), "two" | "three") => (false, at + 3),
            ("more", "than") if lower(at + 2) == "one" => (false, at + 3),
            ("gets" | "get" | "receives" | "assign" | "carries", "one") => (true, at + 2),
            // "A list of strings" where "a single string" is asked for.
            ("list" | "array", "of") => (false, at + 2),
            _ => return None,
        };
        let denied = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
        let noun = words.get(from)?;
        let plural = lower(from).ends_with('s');
        let plain = !noun.is_punctuation() && !noun.is(vocabulary::STOP | vocabulary::NEGATION);
        let fits = plain && !denied && plural != one;
        fits.then(|| (singular(&lower(from)), one, words[at].span().cover(noun.span())))
    })
}

/// "If a slip fits two labels, give both": the case is the very one that "exactly one label" rules.
fn both_of(text: &str, words: &[Word]) -> Option<(String, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let fits = (1..words.len()).find(|&at| {
        matches!(&*lower(at), "fits" | "fit" | "matches" | "match")
            && matches!(&*lower(at + 1), "two" | "several" | "three" | "both" | "more" | "multiple")
    })?;
    let comma = (fits..words.len()).find(|&at| words[at].text(text) == ",")?;
    let gives =
        matches!(&*lower(comma + 1), "give" | "assign" | "use" | "return" | "list" | "write" | "name")
            && matches!(&*lower(comma + 2), "both" | "all" | "each");
    let noun = words[fits + 2..comma].iter().rev().find(|word| !word.is(vocabulary::STOP))?;
    let cased = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
    (cased && gives).then(|| (singular(&noun.lower(text)), words[0].span().cover(words[comma + 2].span())))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn told(text: &str) -> Option<(String, bool)> {
        let words = Words::read(text, 0);
        number(text, words.within(Span::new(0, text.len()))).map(|(thing, one, _)| (thing, one))
    }

    #[test]
    fn one_and_several() {
        assert_eq!(told("Give a single pier."), Some(("pier".into(), true)));
        assert_eq!(told("Name exactly one boat"), Some(("boat".into(), true)));
        assert_eq!(told("A slip may get several labels."), Some(("label".into(), false)));
        assert_eq!(told("Return a list of entries."), Some(("entry".into(), false)));
        assert_eq!(told("Never give several labels."), None);
        let both = |text: &str| {
            let words = Words::read(text, 0);
            both_of(text, words.within(Span::new(0, text.len()))).map(|(thing, _)| thing)
        };
        assert_eq!(both("If a slip fits two labels, give both."), Some("label".into()));
        assert_eq!(both("If a slip fits two labels, give the first."), None);
        assert_eq!(told("Name the pier."), None);
    }
}
