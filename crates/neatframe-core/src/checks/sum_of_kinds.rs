//! Things asked for by kind, "four easy, four medium and four hard questions", and another number of them in all.

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Measure, Requirement, is_exception, number};
use crate::words::Word;
use std::borrow::Cow;

/// The most words before the thing that is counted, of a kind.
const KIND: usize = 2;
/// Fewer kinds make no sum.
const KINDS: usize = 2;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let told = |rule: &&Requirement| matches!(rule.demand, Demand::Amount { measure: Measure::Items(_), .. });
    let totals: Vec<&Requirement> =
        case.requirements.iter().filter(|rule| !rule.conditional).filter(told).collect();
    if totals.is_empty() {
        return;
    }
    let text = case.source.text();
    for unit in case.demands() {
        let words = case.words_of(unit);
        let Some((sum, things)) = sum(text, words).filter(|_| !is_exception(text, words)) else { continue };
        let other = totals.iter().find(|rule| {
            let Demand::Amount { measure: Measure::Items(counted), bound } = &rule.demand else {
                return false;
            };
            *counted == things && rule.unit != unit && !bound.about && !bound.holds(sum)
        });
        if let Some(other) = other {
            sink.clash(case, case.units[unit].text, case.units[other.unit].text);
            return;
        }
    }
}

/// How many things the kinds make, and what they are.
fn sum(text: &str, words: &[Word]) -> Option<(usize, &'static str)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let first = words.iter().position(|word| word.is_number())?;
    let (mut at, mut total, mut kinds) = (first, 0, 0);
    loop {
        total += number(text, *words.get(at)?)?;
        kinds += 1;
        // "One per question" names no kind.
        if matches!(&*lower(at + 1), "per" | "for" | "on" | "of" | "about") {
            return None;
        }
        // "Four easy," or "four hard questions".
        let end = (at + 1..=at + 1 + KIND)
            .find(|&end| matches!(&*lower(end), "," | "and") || Measure::named(&lower(end)).is_some())?;
        if let Some(Measure::Items(things)) = Measure::named(&lower(end)) {
            // Each kind but the last has a word of its own, and so has the last.
            let closed = words.get(end + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK));
            return (kinds > KINDS - 1 && end > at + 1 && closed).then_some((total as usize, things));
        }
        let next = end + 1 + usize::from(lower(end) == "," && lower(end + 1) == "and");
        if end == at + 1 || !words.get(next)?.is_number() {
            return None;
        }
        at = next;
    }
}

#[cfg(test)]
mod tests {
    use super::sum;
    use crate::words::Words;

    fn read(text: &str) -> Option<(usize, &'static str)> {
        sum(text, Words::read(text, 0).all())
    }

    #[test]
    fn kinds_make_a_sum() {
        assert_eq!(read("Write four easy, four medium and four hard questions."), Some((12, "questions")));
        assert_eq!(read("Write two short and three long sentences about two piers."), None);
        assert_eq!(read("Write four questions."), None);
        assert_eq!(read("Ask about all eight symptoms, one per question."), None);
    }
}
