//! Things that are not to count, listed twice: "ignore spelling and style", "you are not to grade style or spelling".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Verbs that leave aside what follows.
const IGNORES: [&str; 8] =
    ["ignore", "ignoring", "ignores", "disregard", "disregarding", "neglect", "regardless", "overlook"];

/// Verbs that look at what follows; with a negation they leave it aside.
const JUDGES: [&str; 16] = [
    "consider", "considering", "judge", "judging", "grade", "grading", "evaluate", "evaluating", "assess",
    "assessing", "score", "scoring", "rate", "rating", "check", "weigh",
];

/// The least things that two lists share.
const SHARED: usize = 2;

/// How many lists are remembered.
const MOST: usize = 64;

/// Each demand that leaves aside what an earlier one left aside. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let same = |told: &Vec<u32>, things: &Vec<u32>| {
        let shared = things.iter().filter(|thing| told.contains(thing)).count();
        shared >= SHARED && shared * 3 >= things.len().min(told.len()) * 2
    };
    told_again(words, spans, MOST, |demand| things(text, demand), same)
}

/// The things of the list behind a verb that leaves them aside, each by its last word.
fn things(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let verb = (0..words.len()).find(|&at| {
        let near = &words[at.saturating_sub(4)..at];
        let denied = near.iter().any(|word| word.is(vocabulary::NEGATION));
        IGNORES.contains(&&*lower(at)) && !denied || JUDGES.contains(&&*lower(at)) && denied
    })?;
    // "Differences in spacing, case, or order", "things such as spacing".
    let end = (verb + 1..words.len())
        .find(|&at| matches!(words[at].text(text), "." | ";" | ":" | "(" | "—" | "–" | "!"))
        .unwrap_or(words.len());
    let names = |at: usize| {
        !words[at].is_punctuation()
            && !words[at].is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
            && !matches!(&*lower(at), "as" | "such" | "only" | "just")
    };
    let joins = |at: usize| matches!(&*lower(at), "," | "and" | "or" | "nor" | "");
    let listed = (verb + 1..end).any(&joins);
    let mut things: Vec<u32> = (verb + 1..end)
        .filter(|&at| names(at) && (joins(at + 1) || at + 1 == end))
        .map(|at| stem(&lower(at)))
        .collect();
    things.dedup();
    (listed && things.len() >= SHARED).then_some(things)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn one_list_left_aside_twice() {
        assert!(again(
            "Ignore any differences in spacing, case, or column order.",
            "Explain how the slips differ, ignoring small things such as spacing, case or column order."
        ));
        assert!(again(
            "You are not grading spelling, style or length, only the facts.",
            "Do not consider spelling, style or neatness."
        ));
        assert!(!again("Ignore spacing and case.", "Check spacing and case in the title."));
        assert!(!again("Do not grade spelling or style.", "Do not grade boats or piers."));
    }
}
