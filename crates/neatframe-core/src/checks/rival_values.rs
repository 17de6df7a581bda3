//! One thing with two lists of values: "severity (high, medium, low)", "severities: critical, major, minor".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, singular};
use crate::words::Word;
use std::borrow::Cow;
use std::collections::HashSet;

/// The fewest and the most values of a list, and the most words of one.
const LEAST: usize = 2;
const MOST: usize = 12;
const WORDS: usize = 2;

/// Words from which a sentence says more than this.
const LONG: usize = 60;

/// A thing and the values that it may have, in lower case.
struct Values {
    thing: u32,
    values: Vec<String>,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    // "Verdicts are: confirmed, wrong" reads like a fact; other facts list what there is.
    let demands: HashSet<usize> = case.demands().collect();
    let named = |unit: usize| {
        case.labels[unit].component == Some(Component::Context)
            && case.words_of(unit).get(1).is_some_and(|word| word.lower(case.source.text()) == "are")
    };
    let read: Vec<(usize, Values)> = (0..case.units.len())
        .filter(|unit| demands.contains(unit) || named(*unit))
        .filter_map(|unit| Some((unit, values(case, unit)?)))
        .collect();
    rivals::report(case, sink, &read, |one, two| {
        // Lists that share a value are told at more or less length.
        one.thing == two.thing && !one.values.iter().any(|value| two.values.contains(value))
    });
}

fn values(case: &Case<'_>, unit: usize) -> Option<Values> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (1..words.len()).find_map(|at| {
        // "Severity (high, medium, low)", "severities: high, medium, low".
        let close = match words[at].text(text) {
            "(" => words[at..].iter().position(|word| word.text(text) == ")")? + at,
            ":" => {
                words[at..].iter().position(|word| word.text(text) == ".").map_or(words.len(), |end| at + end)
            }
            _ => return None,
        };
        // "Three severities: …" names all of them; "analysis agents: …" tells of some, "for each fault give: …" lists parts.
        let counted = lower(at - 1).ends_with('s')
            && at >= 2
            && (words[at - 2].is_number()
                || vocabulary::number_value(words[at - 2].id).is_some()
                || matches!(
                    &*lower(at - 2),
                    "these" | "the" | "following" | "allowed" | "possible" | "only"
                ));
        // "Verdicts are: confirmed, wrong, unclear".
        let named = (2..=3).contains(&at) && lower(at - 1) == "are" && lower(at - 2).ends_with('s');
        if named && words[at].text(text) == ":" {
            let thing = stem(&singular(&lower(at - 2)));
            return listed(text, &words[at + 1..close]).map(|values| Values { thing, values });
        }
        let thing = rivals::noun(text, words, at - 1).filter(|_| words[at].text(text) == "(" || counted)?;
        let thing = if counted { stem(&singular(&lower(at - 1))) } else { thing };
        listed(text, &words[at + 1..close]).map(|values| Values { thing, values })
    })
}

/// The values that commas part, where each is short and all of it is letters.
fn listed(text: &str, words: &[Word]) -> Option<Vec<String>> {
    let values: Vec<String> = words
        .split(|word| matches!(&*word.lower(text), "," | "or" | "and" | "/"))
        .filter(|value| !value.is_empty())
        .map(|value| {
            value.iter().map(|word| word.lower(text).into_owned()).collect::<Vec<String>>().join(" ")
        })
        .collect();
    let short = |value: &String| {
        value.split(' ').count() <= WORDS && value.chars().all(|c| c.is_alphabetic() || c == ' ')
    };
    ((LEAST..=MOST).contains(&values.len()) && values.iter().all(short)).then_some(values)
}
