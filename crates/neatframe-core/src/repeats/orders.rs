//! One order in the same words, with others set between them or behind: "Extract all fares in the log", and later "Extract ALL named
//! fares of the log".

use crate::directive::unwrapped;
use crate::lexicon::vocabulary;
use crate::likeness::{are_apart, stem};
use crate::span::Span;
use crate::words::{Word, Words};
use std::collections::HashMap;

/// The fewest words of meaning that two orders share, the verb among them.
const LEAST: usize = 3;

/// From so many words on that follow one another in both, the later order may say something else behind them.
const MANY: usize = 5;

/// How many words of meaning of an order are read.
const LONG: usize = 14;

/// How many earlier orders with the same verb are compared, the latest first: keeps long prompts linear.
const EARLIER: usize = 16;

/// An order: the stems of its words of meaning, the verb first.
struct Order {
    stems: Vec<u32>,
    /// All words of meaning in its unit.
    of: usize,
    forbids: bool,
}

/// Each unit that gives an order again, with the unit that gave it first. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut given: HashMap<u32, Vec<(usize, Span, Order)>> = HashMap::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let orders = read(text, words.within(span));
        let twin = orders.iter().find_map(|order| {
            let same = given.get(order.stems.first()?)?;
            let apart = |place: Span| are_apart(text, words.within(place), words.within(span));
            let (earlier, ..) = same[same.len().saturating_sub(EARLIER)..]
                .iter()
                .find(|(_, place, earlier)| order.repeats(earlier) && !apart(*place))?;
            Some(*earlier)
        });
        match twin {
            Some(earlier) => found.push((unit, earlier)),
            None => {
                for order in orders {
                    given.entry(order.stems[0]).or_default().push((unit, span, order));
                }
            }
        }
    }
    found
}

impl Order {
    fn repeats(&self, earlier: &Order) -> bool {
        let same = self.stems.iter().zip(&earlier.stems).take_while(|(one, other)| one == other).count();
        let told = same >= MANY && same == earlier.stems.len() && same * 5 >= self.of * 3;
        (told || self.of >= LEAST && shared(&self.stems, &earlier.stems) == self.of)
            && self.forbids == earlier.forbids
    }
}

/// How many stems two orders share from the first one on, in the same order, with at most one of another meaning between two of them.
fn shared(later: &[u32], earlier: &[u32]) -> usize {
    let (mut one, mut other) = (0, 0);
    while let Some(step) = [1, 2]
        .into_iter()
        .find(|step| later.get(one + 1).is_some_and(|next| earlier.get(other + step) == Some(next)))
    {
        (one, other) = (one + 1, other + step);
    }
    one + 1
}

/// The orders of a unit; none where a case is told, since the case is then the point.
fn read(text: &str, words: &[Word]) -> Vec<Order> {
    let means = |word: &Word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
            && !FILLING.contains(&&*word.lower(text))
    };
    let asks_or_shows = |word: &Word| matches!(word.text(text), "?" | "→" | "\"" | "'" | "->" | "=");
    // "Determine if the log names it" tells no case.
    let told =
        |at: usize| words[at].is(vocabulary::CONDITION) && !(at > 0 && words[at - 1].is(vocabulary::VERB));
    let opens_a_form = words.first().is_some_and(|word| matches!(word.text(text), "<" | "[" | "{"));
    let capital = |word: &Word| word.text(text).starts_with(char::is_uppercase);
    let title = words.iter().filter(|word| means(word)).all(capital)
        && words.iter().any(|word| word.text(text) == ":");
    if opens_a_form || title || words.iter().any(asks_or_shows) || (0..words.len()).any(told) {
        return Vec::new();
    }
    let opens = |at: usize| {
        let before = at.checked_sub(1).map(|before| words[before].lower(text));
        // The "do" of "do not show" orders nothing.
        words[at].is(vocabulary::VERB)
            && means(&words[at])
            && before.is_none_or(|before| {
                matches!(&*before, "to" | "only" | "always" | "not" | "never" | "must" | "should" | "please")
                    || words[at - 1].is_punctuation()
            })
    };
    // "Never fail to show", "I don't want you to show".
    let wrapped = unwrapped(text, words).filter(|directive| directive.body.start > 0);
    let (from, denied) = wrapped.map_or((0, false), |directive| (directive.body.start, directive.forbids));
    let denies = |words: &[Word]| words.iter().rev().take(3).any(|word| word.is(vocabulary::NEGATION));
    let forbids =
        |at: usize| if at < from { denies(&words[..at]) } else { denied != denies(&words[from..at]) };
    (0..words.len())
        .filter(|at| opens(*at))
        .map(|at| {
            let meant = words[at..].iter().filter(|word| means(word)).map(|word| stem(&word.lower(text)));
            let of = words.iter().filter(|word| means(word)).count();
            Order { stems: meant.take(LONG).collect(), of, forbids: forbids(at) }
        })
        .filter(|order| order.stems.len() >= LEAST)
        .take(4)
        .collect()
}

/// Words that add nothing to what is ordered.
const FILLING: [&str; 25] = [
    "all", "any", "each", "every", "following", "given", "provided", "below", "above", "only", "specified",
    "possible", "present", "specifically", "best", "focus", "try", "need", "task", "goal", "job",
    "objective", "make", "sure", "ensure",
];

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn twins(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn words_between_and_behind() {
        assert!(twins("Extract the named fares of each log.", "Make sure to extract all fares of the log."));
        let goal = "Given a log, your task is to determine if the log names a closed pier.";
        assert!(twins(goal, "Determine if the log names a closed pier by the list above."));
    }

    #[test]
    fn another_order() {
        assert!(!twins("Extract the fares of each log.", "Extract the fares of each winter log."));
        assert!(!twins("Extract the fares of each log.", "Never extract the fares of each log."));
        assert!(!twins("Show the right fare.", "Do not show the right fare."));
        assert!(!twins("Count the fares of each log.", "If it is long, count the fares of each log."));
        assert!(!twins("Ask the crew for the harbour log.", "**Ask The Crew For The Harbour Log**:"));
        assert!(!twins("For a delete, name the file at hand.", "For an add, name the file at hand."));
    }
}
