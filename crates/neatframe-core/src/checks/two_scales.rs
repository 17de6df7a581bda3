//! One rating on two scales: "rate each clause as low, medium or high", "give a rating from 1 to 10".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number, singular};
use std::borrow::Cow;

/// Words from which a sentence says more than a scale.
const LONG: usize = 20;
/// Verbs and nouns of rating.
const RATES: [&str; 10] =
    ["rate", "rating", "ratings", "score", "scores", "grade", "grades", "mark", "rank", "assess"];

/// The scale of a rating.
struct Scale {
    /// What is rated, where the sentence says so.
    of: Option<u32>,
    /// The lowest and the highest number; none where the steps are words.
    ends: Option<(u32, u32)>,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, scale, |one, two| {
        let other_thing = one.of.zip(two.of).is_some_and(|(one, two)| one != two);
        // Two scales of numbers may be for two things; words against numbers are for one.
        let both = one.ends.is_some() && two.ends.is_some();
        !other_thing && one.ends != two.ends && (!both || one.of == two.of)
    });
}

fn scale(case: &Case<'_>, unit: usize) -> Option<Scale> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let rates = (0..words.len().min(6)).find(|&at| RATES.contains(&&*lower(at)))?;
    if words.len() > LONG
        || is_exception(text, words)
        || words.iter().any(|word| word.is(vocabulary::NEGATION))
    {
        return None;
    }
    // "Rate each clause": the clause.
    let each =
        (rates + 1..words.len().min(rates + 3)).find(|&at| matches!(&*lower(at), "each" | "every" | "the"));
    let of = each.map(|at| stem(&singular(&lower(at + 1))));
    let count = |at: usize| words.get(at).and_then(|word| number(text, *word));
    let ends = (rates + 1..words.len()).find_map(|at| {
        let from = lower(at) == "from" || lower(at) == "between";
        let to = matches!(&*lower(at + 2), "to" | "and");
        Some((count(at + 1)?, count(at + 3)?)).filter(|_| from && to)
    });
    if ends.is_some() {
        return Some(Scale { of, ends });
    }
    // "As low, medium or high".
    const STEPS: [&str; 12] = [
        "low", "medium", "high", "minor", "major", "critical", "poor", "fair", "good", "mild", "moderate",
        "severe",
    ];
    let steps = words.iter().filter(|word| STEPS.contains(&&*word.lower(text))).count();
    let lists = words.iter().any(|word| matches!(&*word.lower(text), "as" | "with" | "is"));
    (steps >= 2 && lists).then_some(Scale { of, ends: None })
}
