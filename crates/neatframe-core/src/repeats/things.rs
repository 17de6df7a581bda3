//! One thing put in, or left out, twice in other words: "do not mention prices", "leave prices out"; "include a subject line",
//! "the mail needs a subject line".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::WHOLE;
use crate::span::Span;
use crate::words::{Word, Words};
use std::borrow::Cow;

/// How many of them are remembered.
const MOST: usize = 64;
/// The most words of meaning that name a thing.
const NAME: usize = 3;

/// Verbs that put a thing into the reply.
const PUTS: [&str; 13] = [
    "include", "add", "provide", "give", "mention", "name", "use", "write", "insert", "show", "state",
    "append", "put",
];

/// Each unit that says nothing but what an earlier one said of a thing. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    told_again(words, spans, MOST, |words| read(text, words), |one, two| one == two)
}

/// Whether a thing is left out, and its name as stems.
fn read(text: &str, words: &[Word]) -> Option<(bool, Vec<u32>)> {
    let end = words.iter().rposition(|word| !word.is_punctuation())? + 1;
    let words = &words[..end];
    if words.len() > NAME * 4 || words.iter().any(|word| word.is_punctuation()) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*lower(0), "please" | "always" | "also"));
    let left_out = |thing: &[Word]| Some((true, name(text, thing)?));
    let put_in = |thing: &[Word]| Some((false, name(text, thing)?));
    match (&*lower(from), &*lower(from + 1)) {
        ("do" | "must", "not") if PUTS.contains(&&*lower(from + 2)) => left_out(&words[from + 3..]),
        ("never" | "don't" | "not", verb) if PUTS.contains(&verb) => left_out(&words[from + 2..]),
        ("leave", "out") => left_out(&words[from + 2..]),
        ("leave" | "keep", _) if matches!(&*lower(end - 1), "out" | "away") => {
            left_out(&words[from + 1..end - 1])
        }
        ("omit" | "no" | "avoid" | "skip" | "exclude", _) => left_out(&words[from + 1..]),
        (verb, "no") if PUTS.contains(&verb) => left_out(&words[from + 2..]),
        (verb, "a" | "an" | "the" | "its" | "one") if PUTS.contains(&verb) => put_in(&words[from + 1..]),
        _ => told_of(text, words),
    }
}

/// "The mail needs a subject line", "prices are left out".
fn told_of(text: &str, words: &[Word]) -> Option<(bool, Vec<u32>)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let end = words.len();
    let out = end >= 4
        && matches!((&*lower(end - 2), &*lower(end - 1)), ("left" | "kept", "out"))
        && matches!(&*lower(end - 3), "are" | "is" | "be" | "stay");
    if out {
        return Some((true, name(text, &words[..end - 3])?));
    }
    // "Emoji are not allowed."
    let refused = end >= 4
        && matches!(
            &*lower(end - 1),
            "allowed" | "permitted" | "wanted" | "welcome" | "mentioned" | "used" | "included"
        )
        && matches!(&*lower(end - 2), "not" | "never" | "be")
        && (lower(end - 2) != "be" || lower(end - 3) == "not");
    if refused {
        let at =
            (1..end).find(|&at| matches!(&*lower(at), "are" | "is" | "should" | "must" | "may" | "shall"))?;
        return Some((true, name(text, &words[..at])?));
    }
    let holder = matches!(&*lower(0), "the" | "your" | "each" | "every") && WHOLE.contains(&&*lower(1));
    let from = 1 + usize::from(holder);
    let has = if holder || lower(0) == "it" || lower(0) == "there" { from } else { return None };
    let verb = has + usize::from(matches!(&*lower(has), "must" | "should" | "has" | "needs"));
    let verb = verb + usize::from(lower(verb) == "to");
    let holds = matches!(
        &*lower(verb),
        "has"
            | "have"
            | "needs"
            | "need"
            | "contains"
            | "contain"
            | "includes"
            | "include"
            | "is"
            | "be"
            | "carries"
    ) || matches!(&*lower(has), "needs" | "has") && matches!(&*lower(has + 1), "a" | "an");
    let article = (has + 1..end.min(has + 4)).find(|&at| matches!(&*lower(at), "a" | "an"))?;
    let plain = (has + 1..article)
        .all(|at| words[at].is(vocabulary::STOP | vocabulary::MODAL | vocabulary::FINITE | vocabulary::VERB));
    (holds && plain).then(|| Some((false, name(text, &words[article..])?))).flatten()
}

/// The stems of a name of at most three words, where nothing else stands with it.
fn name(text: &str, thing: &[Word]) -> Option<Vec<u32>> {
    let article = |word: &&Word| {
        matches!(
            &*word.lower(text),
            "a" | "an" | "the" | "any" | "all" | "its" | "your" | "one" | "every" | "each"
        )
    };
    let skipped = thing.iter().take_while(article).count();
    let thing = &thing[skipped.min(1)..];
    let other = vocabulary::STOP
        | vocabulary::CONDITION
        | vocabulary::NEGATION
        | vocabulary::MODAL
        | vocabulary::FINITE
        | vocabulary::QUOTE;
    let plain = thing.iter().all(|word| !word.is(other) && !word.is_number());
    ((1..=NAME).contains(&thing.len()) && plain)
        .then(|| thing.iter().map(|word| stem(&word.lower(text))).collect())
}
