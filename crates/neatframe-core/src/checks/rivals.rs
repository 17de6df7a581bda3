//! Sentences of one form that are compared two by two.

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;

/// How many earlier ones are compared; keeps long prompts linear.
const WITHIN_REACH: usize = 64;

/// Reads every demand and reports each that cannot hold beside an earlier one.
pub(super) fn compare<'a, T>(
    case: &Case<'a>,
    sink: &mut Sink<'_>,
    read: impl Fn(&Case<'a>, usize) -> Option<T>,
    clash: impl Fn(&T, &T) -> bool,
) {
    let read: Vec<(usize, T)> = case.demands().filter_map(|unit| Some((unit, read(case, unit)?))).collect();
    report(case, sink, &read, clash);
}

/// Reports each of what was `read`, with the unit it stands in, that cannot hold beside an earlier one.
pub(super) fn report<T>(
    case: &Case<'_>,
    sink: &mut Sink<'_>,
    read: &[(usize, T)],
    clash: impl Fn(&T, &T) -> bool,
) {
    for (at, (unit, later)) in read.iter().enumerate() {
        let mut before = read[..at].iter().rev().take(WITHIN_REACH);
        if let Some((other, _)) = before.find(|(other, earlier)| other != unit && clash(earlier, later)) {
            sink.clash(case, case.units[*unit].text, case.units[*other].text);
        }
    }
}

/// The stem of the word at a place, where it names something.
pub(super) fn noun(text: &str, words: &[Word], at: usize) -> Option<u32> {
    let plain = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
    };
    words.get(at).filter(plain).map(|word| stem(&word.lower(text)))
}
