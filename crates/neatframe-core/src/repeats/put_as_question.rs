//! A verdict asked for as a task, and once more as the closing question: "decide whether the slip is valid or void", "is the slip
//! valid or void?".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// The longest sentence that is read, in words and signs, and how many are remembered.
const LONG: usize = 40;
const MOST: usize = 32;

/// Two verdicts, and the words that tell of what.
struct Verdict {
    between: [u32; 2],
    of: Vec<u32>,
    asks: bool,
}

/// Each question between two verdicts that an earlier task has set. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let same = |told: &Verdict, later: &Verdict| {
        let of_one = later.of.iter().any(|stem| told.of.contains(stem));
        later.asks && !told.asks && told.between == later.between && of_one
    };
    told_again(words, spans, MOST, |demand| verdict(text, demand), same)
}

fn verdict(text: &str, words: &[Word]) -> Option<Verdict> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    if words.len() > LONG {
        return None;
    }
    let or = (1..words.len()).find(|&at| lower(at) == "or")?;
    let told = |at: usize| {
        let word = words.get(at).filter(|word| !word.is(vocabulary::STOP) && !word.is_punctuation())?;
        Some(stem(&word.lower(text)))
    };
    let mut between = [told(or - 1)?, told(or + 1)?];
    between.sort_unstable();
    // "Given the above, is it valid or void?"
    let opens = (0..or).rev().find(|&at| lower(at) == ",").map_or(0, |comma| comma + 1);
    let question = words.last().is_some_and(|word| word.text(text) == "?");
    let asks = question && matches!(&*lower(opens), "is" | "are" | "was" | "were" | "does" | "do" | "did");
    let decides = (0..or).any(|at| {
        matches!(&*lower(at), "whether" | "if" | "decide" | "determine" | "judge" | "classify" | "evaluate")
    });
    let names = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::FINITE | vocabulary::CONDITION)
    };
    let of = words[opens..or - 1].iter().filter(names).map(|word| stem(&word.lower(text))).collect();
    (asks || decides && !question).then_some(Verdict { between, of, asks })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn a_verdict_asked_for_again() {
        let again = |second: &str| {
            two_lines("Your task: decide whether the slip of the crew is valid or void.", second, repeated)
        };
        assert!(again("Given the above, is the slip valid or void?"));
        assert!(!again("Is the slip long or short?"));
        assert!(!again("Is the boat valid or void?"));
        assert!(!again("Is the slip complete?"));
    }
}
