//! What is left away unless it is asked for, told twice: "only add a map if the guest asks", "avoid maps unless asked".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Words of a clause that says that somebody wants it.
const ASKS: [&str; 14] = [
    "ask", "asked", "asking", "asks", "demand", "demands", "instructed", "request", "requested", "requests",
    "required", "told", "want", "wants",
];

/// The longest demand that is read, in words, and how many are remembered.
const LONG: usize = 24;
const MOST: usize = 64;

/// Each demand that leaves away what an earlier one left away. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    // "No red maps unless asked" leaves other maps open, so the earlier one has to be the wider.
    let same = |told: &Vec<u32>, things: &Vec<u32>| told.iter().all(|thing| things.contains(thing));
    told_again(words, spans, MOST, |demand| things(text, demand), same)
}

/// The things that "only add a map if the guest asks" or "do not add maps unless asked" is about, each as a stem.
fn things(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    const ADDS: [&str; 16] = [
        "add", "adding", "create", "creating", "do", "give", "giving", "include", "including", "insert",
        "make", "put", "show", "use", "using", "write",
    ];
    const OPENS: usize = 3;
    if words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words[at].lower(text);
    let case = (0..words.len()).find(|&at| matches!(&*lower(at), "if" | "when" | "unless"))?;
    let asked = (case..words.len()).any(|at| ASKS.binary_search(&&*lower(at)).is_ok());
    let opens = |at: &usize| match &*lower(*at) {
        "only" => lower(case) != "unless",
        "avoid" => lower(case) == "unless",
        _ => lower(case) == "unless" && words[*at].is(vocabulary::NEGATION),
    };
    let from = (0..case.min(OPENS)).find(opens)?;
    let names = |word: &&Word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
            && !ADDS.contains(&&*word.lower(text))
    };
    let things: Vec<u32> =
        words[from + 1..case].iter().filter(names).map(|word| stem(&word.lower(text))).collect();
    (asked && !things.is_empty()).then_some(things)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn what_is_left_away_unless_asked_for() {
        assert!(ASKS.is_sorted());
        let only = "Only use maps if the guest explicitly requests it.";
        assert!(again(only, "Avoid adding maps to slips unless asked."));
        assert!(again("Never add maps unless the guest asks for them.", only));
        assert!(!again(only, "Avoid adding fares unless asked."));
        assert!(!again("Never add red maps unless asked.", "Never add maps unless asked."));
        assert!(!again(only, "Use maps if the guest asks."));
        assert!(!again(only, "Never add maps unless the pier is closed."));
    }
}
