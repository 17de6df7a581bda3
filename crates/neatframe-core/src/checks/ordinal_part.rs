//! A size that each part has, and another one for one of them: "each verse has four lines", "the second verse has six lines".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Measure, Requirement, Subject, is_exception, number, singular};
use crate::words::Word;
use std::borrow::Cow;

/// Words for one part among others.
const ONE_OF_THEM: [&str; 9] =
    ["first", "second", "third", "fourth", "fifth", "sixth", "last", "final", "opening"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let each = |rule: &&Requirement| {
        !rule.conditional
            && matches!((&rule.subject, &rule.demand), (Subject::Each(_), Demand::Amount { .. }))
    };
    let rules: Vec<&Requirement> = case.requirements.iter().filter(each).collect();
    if rules.is_empty() {
        return;
    }
    let text = case.source.text();
    for unit in case.demands() {
        let words = case.words_of(unit);
        let Some((part, count, measure)) = one(text, words).filter(|_| !is_exception(text, words)) else {
            continue;
        };
        let other = rules.iter().find(|rule| {
            let Demand::Amount { measure: counted, bound } = &rule.demand else { return false };
            let named = matches!(&rule.subject, Subject::Each(name) if *name == part);
            named && rule.unit != unit && *counted == measure && !bound.about && !bound.holds(count as usize)
        });
        if let Some(other) = other {
            sink.clash(case, case.units[unit].text, case.units[other.unit].text);
            return;
        }
    }
}

/// "The second verse has six lines": the part, and its size.
fn one(text: &str, words: &[Word]) -> Option<(String, u32, Measure)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let led = lower(0) == "the" && ONE_OF_THEM.contains(&&*lower(1));
    let has = matches!(&*lower(3), "has" | "holds" | "contains" | "takes" | "is" | "gets");
    let count = number(text, *words.get(4)?).filter(|_| led && has)?;
    let measure = Measure::named(&lower(5))?;
    let ends = words.get(6).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    ends.then(|| (singular(&lower(2)), count, measure))
}

#[cfg(test)]
mod tests {
    use super::one;
    use crate::requirement::Measure;
    use crate::words::Words;

    #[test]
    fn a_part_and_its_size() {
        let text = "The second verse has six lines.";
        assert_eq!(one(text, Words::read(text, 0).all()), Some(("verse".to_string(), 6, Measure::Lines)));
        let text = "The second verse has six lines or more.";
        assert_eq!(one(text, Words::read(text, 0).all()), None);
    }
}
