//! Two verdicts for one score: "below 50 is rejected", "between 40 and 50 is accepted".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{bounded, number};
use crate::words::Word;
use std::borrow::Cow;

/// Words for a verdict that lets through.
const LETS: [&str; 16] = [
    "accept", "accepted", "admit", "admitted", "approve", "approved", "pass", "passes", "passed", "pay",
    "paid", "grant", "granted", "allow", "allowed", "eligible",
];
/// Words for a verdict that does not.
const STOPS: [&str; 14] = [
    "reject", "rejected", "refuse", "refused", "decline", "declined", "fail", "fails", "failed", "deny",
    "denied", "exclude", "excluded", "ineligible",
];
/// Words from which a sentence says more than a threshold.
const LONG: usize = 24;

/// What is done with values in a stretch, both ends included.
struct Threshold {
    of: Option<u32>,
    lowest: u32,
    highest: u32,
    lets: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let read: Vec<(usize, Threshold)> = (0..case.units.len())
        .filter(|&unit| case.labels[unit].component != Some(Component::Examples))
        .filter_map(|unit| Some((unit, threshold(case, unit)?)))
        .collect();
    rivals::report(case, sink, &read, |one, two| {
        let alike = one.of.is_none() || two.of.is_none() || one.of == two.of;
        // Two stretches that only touch share a border, not a verdict.
        alike && one.lets != two.lets && one.lowest.max(two.lowest) < one.highest.min(two.highest)
    });
}

fn threshold(case: &Case<'_>, unit: usize) -> Option<Threshold> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let of = |list: &[&str]| (0..words.len()).find(|&at| list.contains(&&*lower(at)));
    let lets = match (of(&LETS), of(&STOPS)) {
        (Some(_), None) => true,
        (None, Some(_)) => false,
        _ => return None,
    };
    let turned = words.iter().any(|word| word.is(vocabulary::NEGATION));
    if words.len() > LONG || turned {
        return None;
    }
    let (at, lowest, highest) = stretch(text, words)?;
    // "A score below 50", "applicants under 18": what the number is of.
    let measure = (at + 1..words.len().min(at + 4)).map(lower).find(|word| {
        ["points", "percent", "%", "years", "euros", "dollars", "km", "days"].contains(&&**word)
    });
    let said = (0..at).rev().map(lower).find(|word| {
        ["score", "scores", "total", "age", "income", "amount", "grade", "mark", "rating"].contains(&&**word)
    });
    let of = said.or(measure).map(|word| stem(&word));
    Some(Threshold { of, lowest, highest, lets })
}

/// The stretch of values that a sentence names first: where its number stands, the lowest and the highest value.
fn stretch(text: &str, words: &[Word]) -> Option<(usize, u32, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let value = |at: usize| words.get(at).and_then(|word: &Word| number(text, *word));
    (0..words.len()).find_map(|at| {
        let named = value(at)?;
        let before = |back: usize| at.checked_sub(back).map_or(Cow::Borrowed(""), lower);
        if matches!(&*before(1), "between" | "from") {
            let joined = matches!(&*lower(at + 1), "and" | "to");
            return Some((at, named, value(at + 2).filter(|_| joined)?));
        }
        if let Some(bound) = bounded(text, words, at) {
            return Some((at, bound.least.unwrap_or(0), bound.most.unwrap_or(u32::MAX)));
        }
        // "8 or more", "8 minutes or more".
        let or = (at + 1..at + 3).find(|&at| lower(at) == "or")?;
        match &*lower(or + 1) {
            "more" | "above" | "higher" | "longer" => Some((at, named, u32::MAX)),
            "less" | "below" | "lower" | "fewer" => Some((at, 0, named)),
            _ => None,
        }
    })
}

/// A label in capitals, and from how much of what on it is given.
struct Given {
    label: String,
    of: u32,
    lowest: u32,
    highest: u32,
}

/// "Use LATE only for more than 10 minutes", "from 8 minutes on, use LATE": one label, two borders.
pub(super) fn of_one_label(case: &Case<'_>, sink: &mut Sink<'_>) {
    let read: Vec<(usize, Given)> = (0..case.units.len())
        .filter(|&unit| case.labels[unit].component != Some(Component::Examples))
        .filter_map(|unit| Some((unit, given(case, unit)?)))
        .collect();
    rivals::report(case, sink, &read, |one, two| {
        let within = |one: &Given, two: &Given| one.lowest >= two.lowest && one.highest <= two.highest;
        let other = (one.lowest, one.highest) != (two.lowest, two.highest);
        one.label == two.label && one.of == two.of && other && (within(one, two) || within(two, one))
    });
}

fn given(case: &Case<'_>, unit: usize) -> Option<Given> {
    const GIVES: [&str; 12] =
        ["use", "mark", "label", "choose", "pick", "assign", "set", "return", "gets", "is", "counts", "tag"];
    let text = case.source.text();
    let words = case.words_of(unit);
    let gives = words.iter().any(|word| GIVES.contains(&&*word.lower(text)));
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let loud = |word: &&Word| {
        let said = word.text(text);
        said.len() >= 3 && said.bytes().all(|b| b.is_ascii_uppercase() || b == b'_')
    };
    let mut labels = words.iter().filter(loud);
    let label = labels.next().filter(|_| gives && !denied && words.len() <= LONG)?.text(text).to_string();
    let (at, lowest, highest) = stretch(text, words)?;
    // What is measured stands right behind the number.
    let of = words.get(at + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    let one_bound = (lowest == 0) != (highest == u32::MAX);
    (labels.next().is_none() && one_bound).then(|| Given {
        label,
        of: stem(&of.lower(text)),
        lowest,
        highest,
    })
}
