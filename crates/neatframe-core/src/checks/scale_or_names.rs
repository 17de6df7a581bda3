//! One thing with a scale of numbers and with names for its levels: "give every task a priority from 1 to 5", "use the
//! priorities High, Medium and Low".

use super::{Case, Sink, rivals};
use crate::likeness::stem;
use crate::requirement::{is_exception, number, singular};
use crate::words::Word;

/// What is said with numbers or with names.
const THINGS: [&str; 9] =
    ["priority", "severity", "urgency", "level", "risk", "impact", "difficulty", "confidence", "importance"];
/// Names of levels.
const NAMES: [&str; 16] = [
    "high", "medium", "low", "middle", "critical", "major", "minor", "easy", "hard", "urgent", "normal",
    "mild", "severe", "moderate", "poor", "good",
];
/// Words from which a sentence says more than this.
const LONG: usize = 24;

/// How a sentence gives the levels of a thing.
struct Levels {
    thing: u32,
    numbers: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, levels, |one, two| one.thing == two.thing && one.numbers != two.numbers);
}

fn levels(case: &Case<'_>, unit: usize) -> Option<Levels> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let said = |word: &Word| singular(&word.lower(text));
    // Scores are compared by their scales.
    let scores = |word: &Word| {
        matches!(&*word.lower(text), "rate" | "rating" | "ratings" | "score" | "scores" | "grade")
    };
    let thing = words.iter().map(said).find(|word| THINGS.contains(&word.as_str()))?;
    if words.iter().any(scores) {
        return None;
    }
    let named = words.iter().filter(|word| NAMES.contains(&&*word.lower(text))).count() >= 2;
    let ranged = words.windows(3).any(|run| {
        let joined = matches!(&*run[1].lower(text), "to" | "-" | "–" | "and");
        let low = number(text, run[0]);
        joined
            && low.is_some_and(|low| low <= 1)
            && number(text, run[2]).is_some_and(|high| (3..=100).contains(&high))
    });
    // "1 (low) to 5 (high)" says what the numbers mean.
    let meant = named && words.iter().any(|word| number(text, *word).is_some_and(|high| high >= 3));
    (named != ranged && !meant).then(|| Levels { thing: stem(&thing), numbers: ranged })
}
