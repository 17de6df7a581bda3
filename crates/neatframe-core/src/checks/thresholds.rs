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
    let value = |at: usize| words.get(at).and_then(|word: &Word| number(text, *word));
    let (at, lowest, highest) = (0..words.len()).find_map(|at| {
        let named = value(at)?;
        let before = |back: usize| at.checked_sub(back).map_or(Cow::Borrowed(""), lower);
        if matches!(&*before(1), "between" | "from") {
            let joined = matches!(&*lower(at + 1), "and" | "to");
            return Some((at, named, value(at + 2).filter(|_| joined)?));
        }
        if let Some(bound) = bounded(text, words, at) {
            return Some((at, bound.least.unwrap_or(0), bound.most.unwrap_or(u32::MAX)));
        }
        let or = lower(at + 1) == "or";
        match &*lower(at + 2) {
            "more" | "above" | "higher" if or => Some((at, named, u32::MAX)),
            "less" | "below" | "lower" | "fewer" if or => Some((at, 0, named)),
            _ => None,
        }
    })?;
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
