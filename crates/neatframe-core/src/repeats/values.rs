//! Values that two demands give alike: what is written in a gap, a word that is ruled out, a form for dates or sums.

use super::limits::SHORT;
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Requirement, is_one_gap, quotations};
use crate::span::Span;
use crate::units::Unit;
use crate::words::Words;
use std::collections::HashMap;

/// One value for one gap, twice: "A missing fare is null", "fare is null where none is given".
pub(super) fn same_gaps(requirements: &[Requirement]) -> Vec<(usize, usize)> {
    let mut seen: Vec<(&str, &str, usize)> = Vec::new();
    let mut found = Vec::new();
    for rule in requirements.iter().take(GAPS) {
        let Demand::Gap { of, value } = &rule.demand else { continue };
        let twin = |(thing, said, unit): &&(&str, &str, usize)| {
            *said == value && *unit != rule.unit && is_one_gap(thing, of)
        };
        match seen.iter().find(twin) {
            Some((_, _, earlier)) => found.push((rule.unit, *earlier)),
            None => seen.push((of, value, rule.unit)),
        }
    }
    found
}

/// How many requirements are looked at for gaps.
const GAPS: usize = 400;

/// The part that a form is for; "all dates" are no part.
fn part_of(rule: &Requirement) -> Option<&str> {
    rule.part.as_deref().filter(|part| !matches!(*part, "date" | "dates"))
}

/// One value in two short demands: `Nothing with "oat" in it` and `The word "oat" must not occur`, "dates as YYYY-MM-DD" and "use ISO
/// 8601 for all dates".
pub(super) fn stated_again(
    text: &str,
    words: &Words,
    units: &[Unit],
    requirements: &[Requirement],
) -> Vec<(usize, usize)> {
    let mut seen: HashMap<(String, Option<&str>), usize> = HashMap::new();
    let mut found = Vec::new();
    for rule in requirements.iter().filter(|rule| !rule.conditional) {
        let (value, part) = match &rule.demand {
            Demand::Omit(word) => (word.to_lowercase(), None),
            Demand::DateForm(form) | Demand::MoneyForm(form) => (form.clone(), part_of(rule)),
            _ => continue,
        };
        let earlier = *seen.entry((value, part)).or_insert(rule.unit);
        // "Dates follow ISO 8601:", and the form below it.
        if words.within(units[earlier].text).last().is_some_and(|word| word.text(text) == ":") {
            continue;
        }
        if earlier != rule.unit && words.within(units[rule.unit].text).len() <= SHORT + 2 {
            found.push((rule.unit, earlier));
        }
    }
    found
}

/// One fallback in two cases of one kind: "If you find no fare, write "no fare given"" and "when no fare is found, return only "no fare
/// given"".
pub(super) fn same_fallback(
    text: &str,
    words: &Words,
    demands: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut seen: HashMap<String, usize> = HashMap::new();
    let mut found = Vec::new();
    for (unit, span) in demands {
        let all = words.within(span);
        let cased = all.iter().take(2).any(|word| word.is(vocabulary::CONDITION));
        let absent = all.iter().take(FEW).any(|word| word.is(vocabulary::NEGATION));
        // "If it is not in the list" and "if there is no list" are two cases.
        let sought = all.iter().take(2 * FEW).any(|word| matches!(&*word.lower(text), "find" | "found"));
        if !cased || !absent || !sought {
            continue;
        }
        let mut quoted = quotations(text, span).into_iter();
        let Some((_, said)) = quoted.next().filter(|_| quoted.next().is_none()) else { continue };
        if said.split_whitespace().count() < PHRASE {
            continue;
        }
        let said = said.trim_end_matches('.').to_lowercase();
        let earlier = *seen.entry(said).or_insert(unit);
        if earlier != unit {
            found.push((unit, earlier));
        }
    }
    found
}

/// Within how many words of the case a thing is said not to be there.
const FEW: usize = 6;
/// Words from which a quotation is a sentence for one case, and no value for many.
const PHRASE: usize = 3;

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_fallback_twice() {
        let again = |first: &str, second: &str| two_lines(first, second, same_fallback);
        let first = "If you cannot find a fare, respond with exactly \"No fare was found\".";
        assert!(again(first, "When no fare is found, return nothing other than \"No fare was found\"."));
        assert!(!again(first, "When no pier is found, write \"none\"."));
        assert!(!again(first, "Begin with \"No fare was found\"."));
    }
}
