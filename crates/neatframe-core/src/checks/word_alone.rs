//! A sample that says more than the one word that is asked for: "answer with the word alone", `Sure! The word is "gull".`

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::requirement::is_exception;
use crate::samples::Side;
use std::borrow::Cow;

/// What is given alone, and has a word or two.
const THINGS: [&str; 16] = [
    "word", "label", "class", "number", "name", "category", "code", "letter", "rating", "score", "grade",
    "figure", "tag", "digit", "digits", "figures",
];
/// Words from which a sentence says more than this; of a value; of a sentence around a value.
const LONG: usize = 14;
const VALUE: usize = 2;
const SENTENCE: usize = 4;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut outputs = case.samples.iter().filter(|shown| shown.side == Side::Output);
    let count = |text: &str| text.split_whitespace().count();
    // One sample at least shows that a value is meant.
    if !outputs.clone().any(|shown| (1..=VALUE).contains(&count(case.text(shown.content)))) {
        return;
    }
    let Some(rule) = case.demands().find(|unit| asks_for_one_alone(case, *unit)) else { return };
    if let Some(shown) = outputs.find(|shown| count(case.text(shown.content)) >= SENTENCE) {
        let what = "a sample says more than that".to_string();
        report(case, sink, shown.content, what, case.units[rule].text);
    }
}

/// "Answer with the word alone", "return only the label".
fn asks_for_one_alone(case: &Case<'_>, unit: usize) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let answers =
        matches!(&*lower(0), "answer" | "reply" | "respond" | "return" | "output" | "give" | "write");
    let confined = (1..words.len()).any(|at| match &*lower(at) {
        "alone" | "only" => THINGS.contains(&&*lower(at - 1)),
        "the" => lower(at - 1) == "only" && THINGS.contains(&&*lower(at + 1)),
        _ => false,
    });
    answers && confined && words.len() <= LONG && !is_exception(text, words)
}
