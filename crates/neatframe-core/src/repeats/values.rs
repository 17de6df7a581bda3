//! Values that two demands give alike: what is written in a gap, a word that is ruled out, a form for dates or sums.

use super::limits::SHORT;
use super::told_again;
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Requirement, Way, is_one_gap, quotations};
use crate::span::Span;
use crate::units::Unit;
use crate::words::{Word, Words};
use std::collections::HashMap;

/// One value for one gap, twice: "A missing fare is null", "fare is null where none is given".
pub(super) fn same_gaps(requirements: &[Requirement]) -> Vec<(usize, usize)> {
    let mut seen: Vec<(&str, &Way, usize)> = Vec::new();
    let mut found = Vec::new();
    for rule in requirements.iter().take(GAPS) {
        let Demand::Gap { of, way } = &rule.demand else { continue };
        let open = matches!(way, Way::Own | Way::Take | Way::LookUp | Way::Unfilled);
        let twin = |(thing, said, unit): &&(&str, &Way, usize)| {
            // "Missing values are null" holds for the fare.
            let any = thing.is_empty() && !of.starts_with("unclear") && way.value().is_some();
            *said == way && !open && *unit != rule.unit && (any || is_one_gap(thing, of))
        };
        match seen.iter().find(twin) {
            Some((_, _, earlier)) => found.push((rule.unit, *earlier)),
            None => seen.push((of, way, rule.unit)),
        }
    }
    found
}

/// How many requirements are looked at for gaps.
const GAPS: usize = 400;

/// True for a sentence that says which columns there are, and no more.
fn names_columns(text: &str, words: &Words, span: Span) -> bool {
    let own = words.within(span);
    let body = &text[span.range()];
    let columns = own.iter().any(|word| matches!(&*word.lower(text), "columns" | "fields" | "keys"));
    columns && own.len() <= COLUMNS && !body.contains(['{', '|', '<', '\n', '('])
}

/// The longest sentence that only names columns, in words and signs.
const COLUMNS: usize = 18;

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
            Demand::EndsWith(words) => (format!("… {}", words.to_lowercase()), rule.part.as_deref()),
            Demand::BeginsWith(words) => (format!("{} …", words.to_lowercase()), rule.part.as_deref()),
            // "The table has the columns name and fare", "a table with two columns: name, fare"; a record is a template.
            Demand::Fields(fields)
                if fields.len() >= 2 && names_columns(text, words, units[rule.unit].text) =>
            {
                let names: Vec<&str> = fields.iter().map(|field| field.name.as_str()).collect();
                (names.join(", ").to_lowercase(), None)
            }
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

/// Words of a fallback that names no case of its own: that the answer is not there, and that this is said. Sorted.
const PLAIN: [&str; 45] = [
    "admit", "answer", "answers", "available", "clearly", "contain", "contains", "directly", "explicitly",
    "find", "found", "give", "given", "hold", "holds", "inform", "information", "instead", "just", "know",
    "let", "me", "necessary", "needed", "please", "politely", "present", "provide", "provided", "relevant",
    "reply", "respond", "say", "says", "simply", "so", "state", "sufficient", "tell", "that", "then",
    "there", "unable", "user", "write",
];

/// The way out where the answer is not there, told twice: "if the answer is not in the log, say so", "if you cannot find it, say that
/// you don't know". Words of its own for the reply are new.
pub(super) fn same_way_out(
    text: &str,
    words: &Words,
    demands: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let quotes = |demand: &[Word]| demand.iter().any(|word| word.is(vocabulary::QUOTE));
    let read = |demand: &[Word]| {
        let case = demand.iter().position(|word| word.is(vocabulary::CONDITION))?;
        let says = |word: &Word| {
            matches!(&*word.lower(text), "say" | "reply" | "respond" | "tell" | "state" | "admit" | "write")
        };
        let absent = |word: &Word| word.is(vocabulary::NEGATION) || word.lower(text) == "unable";
        let (head, tail) = demand.split_at(case);
        let (clause, order) = match case {
            0 => tail.split_at(tail.iter().position(|word| word.text(text) == ",")?),
            _ => (tail, head),
        };
        let sought =
            clause.iter().any(|word| matches!(&*word.lower(text), "answer" | "information" | "it" | "find"));
        let plain = |word: &&Word| {
            PLAIN.binary_search(&&*word.lower(text)).is_ok()
                || word.is_punctuation()
                || word
                    .is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::CONDITION)
        };
        // "In the log": what it is looked for in may be named.
        let named = clause.iter().filter(|word| !plain(word)).count();
        let fits = demand.len() <= WAY
            && sought
            && clause.iter().any(absent)
            && named <= 2
            && order.iter().any(says)
            && order.iter().all(|word| plain(&word));
        fits.then(|| quotes(order))
    };
    // What one says in its own words, the other has said.
    told_again(words, demands, 1, read, |told, later| *told || !later)
}

/// The longest such demand, in words and signs.
const WAY: usize = 24;

/// Within how many words of the case a thing is said not to be there.
const FEW: usize = 6;
/// Words from which a quotation is a sentence for one case, and no value for many.
const PHRASE: usize = 3;

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn one_way_out_twice() {
        assert!(PLAIN.is_sorted());
        let again = |first: &str, second: &str| two_lines(first, second, same_way_out);
        let first = "If the answer is not in the log, say so.";
        assert!(again(first, "When the log does not hold the answer, say that you don't know."));
        assert!(again("If you cannot find it, reply \"I do not know\".", first));
        assert!(!again(first, "If you cannot find it, reply \"not found\"."), "words of its own");
        assert!(!again(first, "If the fare is not in the log, say so."), "one thing");
        assert!(!again(first, "If the answer is not in the log, ask the captain."));
    }

    #[test]
    fn one_fallback_twice() {
        let again = |first: &str, second: &str| two_lines(first, second, same_fallback);
        let first = "If you cannot find a fare, respond with exactly \"No fare was found\".";
        assert!(again(first, "When no fare is found, return nothing other than \"No fare was found\"."));
        assert!(!again(first, "When no pier is found, write \"none\"."));
        assert!(!again(first, "Begin with \"No fare was found\"."));
    }
}
