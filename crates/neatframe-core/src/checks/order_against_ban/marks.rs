//! What costs points, and what does not: "spelling does not count", "take off a point for spelling".

use super::Order;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs that take points.
const TAKES: [&str; 7] = ["deduct", "subtract", "take", "penalise", "penalize", "dock", "remove"];
/// What is taken, or the case in which it is.
const POINTS: [&str; 5] = ["point", "points", "mark", "marks", "off"];
/// Words that name a fault in something, and not the thing.
const FAULTS: [&str; 8] = ["mistake", "mistakes", "error", "errors", "slip", "slips", "fault", "faults"];

/// What a unit counts against an answer, or leaves uncounted.
pub(super) fn of(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    // "Spelling does not count", "ignore spelling".
    let uncounted = (1..words.len()).find(|&at| {
        matches!(&*lower(at), "count" | "counts" | "counted" | "matter" | "marked" | "graded" | "assessed")
            && words[..at].iter().rev().take(2).any(|word| word.is(vocabulary::NEGATION))
    });
    if let Some(at) = uncounted {
        return named(text, unit, &words[..at], true);
    }
    // "Wrong spelling costs nothing".
    let free = (1..words.len())
        .find(|&at| matches!(&*lower(at), "costs" | "cost") && matches!(&*lower(at + 1), "nothing" | "no"));
    if let Some(at) = free {
        return named(text, unit, &words[..at], true);
    }
    if matches!(&*lower(0), "ignore" | "disregard" | "overlook") {
        let end = words.iter().position(|word| word.is(vocabulary::STOP_MARK)).unwrap_or(words.len());
        return named(text, unit, &words[1..end.max(1)], true);
    }
    let takes = (0..words.len()).find(|&at| TAKES.contains(&&*lower(at)))?;
    let denied = words[..takes].iter().any(|word| word.is(vocabulary::NEGATION));
    let points = (takes + 1..takes + 6).any(|at| POINTS.contains(&&*lower(at)));
    let penalty = lower(takes).starts_with("penali");
    let why = (takes + 1..words.len())
        .find(|&at| matches!(&*lower(at), "for" | "when" | "if" | "per"))
        .or(penalty.then_some(takes));
    if !points && !penalty {
        return None;
    }
    named(text, unit, &words[why? + 1..], denied)
}

/// Words from which a sentence says more than this.
const LONG: usize = 24;

fn named(text: &str, unit: usize, of: &[Word], forbids: bool) -> Option<Order> {
    let means = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION)
            && !FAULTS.contains(&&*word.lower(text))
            && !matches!(
                &*word.lower(text),
                "more" | "two" | "every" | "each" | "does" | "are" | "wrong" | "bad" | "poor"
            )
    };
    let object: Vec<u32> = of.iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    // One or two words name a thing; more name a case.
    (1..=2).contains(&object.len()).then(|| Order {
        unit,
        verb: stem("penalise"),
        forbids,
        all: object.clone(),
        object,
        ..Order::default()
    })
}
