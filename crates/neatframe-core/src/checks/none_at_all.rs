//! A count that leaves no room for none: "always report at least three problems", "if there is no problem, answer OK".

use super::{Case, Sink};
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Subject, singular};
use std::borrow::Cow;

/// How many counts are held against the text.
const COUNTS: usize = 8;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    // "Always", "at least": else what is counted may well be absent.
    let firm = |unit: usize| {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        (0..words.len()).any(|at| match &*lower(at) {
            "always" => true,
            "at" => lower(at + 1) == "least",
            "no" | "never" => matches!(&*lower(at + 1), "fewer" | "less"),
            _ => false,
        })
    };
    let counts: Vec<(usize, u32)> = case
        .requirements
        .iter()
        .filter(|rule| !rule.conditional && rule.subject == Subject::Reply)
        .filter_map(|rule| match &rule.demand {
            Demand::Amount { measure: Measure::Items(things), bound } => {
                let some = bound.least.is_some_and(|least| least > 0) && firm(rule.unit);
                some.then(|| (rule.unit, stem(&singular(things))))
            }
            _ => None,
        })
        .take(COUNTS)
        .collect();
    if counts.is_empty() {
        return;
    }
    for unit in case.demands() {
        let Some(absent) = absent(case, unit) else { continue };
        if let Some((count, _)) = counts.iter().find(|(of, things)| *of != unit && *things == absent) {
            sink.clash(case, case.units[unit].text, case.units[*count].text);
        }
    }
}

/// "If there is no problem", "if you find no problems", "where no problem is found": what is not there.
fn absent(case: &Case<'_>, unit: usize) -> Option<u32> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if !matches!(&*lower(0), "if" | "when" | "where") {
        return None;
    }
    let no = match (&*lower(1), &*lower(2)) {
        ("there", "is" | "are") => 3,
        ("you", "find" | "see") => 3,
        ("no", _) => 1,
        _ => return None,
    };
    (lower(no) == "no").then(|| stem(&singular(&lower(no + 1))))
}
