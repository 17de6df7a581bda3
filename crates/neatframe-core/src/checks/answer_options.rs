//! Sample questions with more or fewer options than the prompt asks for: "each has four options", and A) to C).

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{number, singular};
use crate::span::Span;
use crate::words::Word;

/// What a question offers to choose from.
const OPTIONS: [&str; 4] = ["option", "choice", "answer", "alternative"];
/// Words that may stand between the number and them.
const BETWEEN: [&str; 7] =
    ["answer", "possible", "response", "multiple-choice", "different", "lettered", "choice"];
/// The fewest options that show that a line is one of several, and the most that a question has.
const LEAST: usize = 2;
const MOST: usize = 10;
/// How many sample questions are looked at.
const QUESTIONS: usize = 64;

/// Reports the first sample question whose options are counted otherwise.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut asked = case.demands().filter_map(|unit| Some((unit, asked_for(case, unit)?)));
    let (Some((unit, count)), None) = (asked.next(), asked.next()) else { return };
    for (options, place) in questions(case.source.text()).into_iter().take(QUESTIONS) {
        let known = sink.findings.iter().any(|finding| finding.span.overlaps(place));
        if options != count && !known && !place.overlaps(case.units[unit].text) {
            let what = format!("a sample question has {options} options");
            report(case, sink, place, what, case.units[unit].text);
            return;
        }
    }
}

/// "Each question has four options", "four answer options for each question": how many.
fn asked_for(case: &Case<'_>, unit: usize) -> Option<usize> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let at = (0..words.len()).find(|&at| {
        let noun = (at + 1..at + 3).find(|&at| OPTIONS.contains(&&*singular(&lower(at))));
        let near = noun.is_some_and(|noun| (at + 1..noun).all(|at| BETWEEN.contains(&&*lower(at))));
        near && number(text, words[at]).is_some()
    })?;
    let count = number(text, words[at])? as usize;
    let says = |list: &[&str]| words.iter().any(|word: &Word| list.contains(&&*word.lower(text)));
    let of_each = says(&["each", "every", "per", "question", "questions", "multiple", "multiple-choice"]);
    let near = |at: usize, list: &[&str]| list.contains(&&*lower(at));
    let loose = at > 0 && near(at - 1, &["least", "most", "about", "to", "than", "or", "-", "–"])
        || near(at + 1, &["to", "or", "-", "–"]);
    let of_sample = case.labels[unit].component == Some(Component::Examples);
    (of_each && !loose && !of_sample && (LEAST..=MOST).contains(&count)).then_some(count)
}

/// The options below each question: how many, and where they stand.
fn questions(text: &str) -> Vec<(usize, Span)> {
    let mut found = Vec::new();
    let (mut asked, mut options, mut from, mut end, mut at) = (false, 0, 0, 0, 0);
    for line in text.split_inclusive('\n').chain([""]) {
        let bare = line.trim();
        let start = at + (line.len() - line.trim_start().len());
        at += line.len();
        if bare.is_empty() && !line.is_empty() {
            continue;
        }
        if is_option(bare, options) && (asked || options > 0) {
            if options == 0 {
                from = start;
            }
            (options, end) = (options + 1, start + bare.len());
            continue;
        }
        if (LEAST..=MOST).contains(&options) {
            found.push((options, Span::new(from, end)));
        }
        options = 0;
        let bare = bare.trim_end_matches(['*', '"', '”', '_']);
        asked = bare.ends_with('?') && !bare.starts_with("- ");
    }
    found
}

/// `A) Call them`, `(b) …`, `C. …`, `- D: …`: the option after so many others.
fn is_option(line: &str, before: usize) -> bool {
    let line = line.trim_start_matches(['-', '*', ' ', '(', '[']);
    let mut signs = line.chars();
    let Some(letter) = signs.next() else { return false };
    let sign = signs.next();
    let place = (letter.to_ascii_lowercase() as u32).wrapping_sub('a' as u32) as usize;
    letter.is_ascii_alphabetic() && place == before && matches!(sign, Some(')' | '.' | ':' | ']'))
}

#[cfg(test)]
mod tests {
    use super::questions;

    #[test]
    fn options_are_counted_below_their_question() {
        let count = |text: &str| questions(text).into_iter().map(|(count, _)| count).collect::<Vec<_>>();
        assert_eq!(
            count("Which pier?\nA) one\nB) two\nAnswer: A\n\nWhich boat?\n(a) Merle\n(b) Tern\n(c) Gull\n"),
            [2, 3]
        );
        assert_eq!(count("The piers:\nA) one\nB) two\n"), [0; 0], "nobody asks");
        assert_eq!(count("Which pier?\n- one\n- two\n"), [0; 0]);
    }
}
