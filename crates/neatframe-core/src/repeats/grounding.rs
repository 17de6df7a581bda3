//! "Do not make anything up" behind "use only the log", or behind another ban on guessing: one demand, said again.

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Demand, Requirement};
use crate::span::Span;
use crate::units::Unit;
use crate::words::{Word, Words};

/// Words of a ban on guessing that names nothing of its own.
const GENERAL: [&str; 60] = [
    "answer", "anything", "assume", "assumptions", "attempt", "background", "certain", "content", "context",
    "data", "details", "else", "external", "extra", "fabricate", "facts", "fill", "gaps", "general", "given",
    "guess", "guesses", "guessing", "hallucinate", "if", "infer", "information", "invent", "inventing",
    "knowledge", "make", "making", "model", "not", "nothing", "outside", "own", "plausible", "please",
    "prior", "provide", "provided", "rely", "speculate", "stated", "stuff", "sure", "there", "things",
    "training", "try", "uncertain", "unsure", "up", "use", "value", "values", "when", "world", "your",
];

/// What facts are taken from, by any name. Sorted.
const SOURCES: [&str; 30] = [
    "above", "article", "base", "based", "below", "beyond", "card", "document", "documents", "entry",
    "exclusively", "file", "following", "go", "log", "material", "notes", "only", "passage", "passages",
    "record", "records", "report", "solely", "source", "sources", "strictly", "supplied", "text",
    "transcript",
];

/// The longest ban on guessing that can say nothing new, in words.
const LONG: usize = 16;

/// How many requirements are looked at.
const RULES: usize = 400;

/// Bans on guessing, each with the earlier unit that holds the answer to what is given.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    units: &[Unit],
    requirements: &[Requirement],
) -> Vec<(usize, usize)> {
    let mut first: Option<usize> = None;
    let mut found = Vec::new();
    // "If a fact is not in the notes, leave it out."
    let left_out = requirements.iter().take(RULES).find(|rule| match &rule.demand {
        Demand::Gap { of, way } => {
            way.value() == Some("left out") && matches!(of.as_str(), "fact" | "detail" | "information")
        }
        _ => false,
    });
    let left_out = left_out.map(|rule| rule.unit);
    for rule in requirements.iter().take(RULES) {
        let Demand::Manner { axis, pole } = &rule.demand else { continue };
        let bans = matches!((*axis, *pole), ("gaps", "never guess") | ("invention", "nothing invented"));
        let confines = (*axis, *pole) == ("sources", "only the given text");
        let all = words.within(units[rule.unit].text);
        // "Use no outside knowledge; if it is not there, say so" holds in any case.
        let before = words.within(Span::new(units[rule.unit].text.start(), rule.span.end()));
        // "If you are not sure, do not guess" names no case of its own.
        let plain = all.len() <= LONG && names_nothing(text, all, &[]);
        let sourced = confines && all.len() <= LONG && names_nothing(text, all, &SOURCES);
        if rule.conditional && !plain && before.iter().any(|word| word.is(vocabulary::CONDITION)) {
            continue;
        }
        let general = bans && plain && denies(all);
        match first.or(left_out.filter(|unit| *unit < rule.unit)).filter(|earlier| *earlier != rule.unit) {
            Some(earlier)
                if general || sourced && of_one_source(text, words.within(units[earlier].text), all) =>
            {
                found.push((rule.unit, earlier));
            }
            None if confines || general => first = Some(rule.unit),
            _ => {}
        }
    }
    found
}

/// True unless both name what the facts are taken from, and by another name: "only the log", "only the article".
fn of_one_source(text: &str, one: &[Word], other: &[Word]) -> bool {
    let named = |words: &[Word]| -> Vec<u32> {
        let from = words.windows(2).filter(|pair| {
            matches!(&*pair[0].lower(text), "the" | "provided" | "given" | "supplied" | "following")
                && !pair[1].is_punctuation()
                && !matches!(
                    &*pair[1].lower(text),
                    "provided" | "given" | "supplied" | "following" | "facts" | "information"
                )
        });
        from.map(|pair| stem(&pair[1].lower(text))).collect()
    };
    let (one, other) = (named(one), named(other));
    one.is_empty() || other.is_empty() || one.iter().any(|name| other.contains(name))
}

/// A ban, and no word on what to do instead.
fn denies(words: &[Word]) -> bool {
    words.iter().any(|word| word.is(vocabulary::NEGATION))
        && !words.iter().any(|word| word.is(vocabulary::QUOTE))
}

fn names_nothing(text: &str, words: &[Word], besides: &[&str]) -> bool {
    words.iter().filter(|word| !word.is_punctuation()).all(|word| {
        GENERAL.binary_search(&&*word.lower(text)).is_ok()
            || besides.binary_search(&&*word.lower(text)).is_ok()
            || word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
    })
}

#[cfg(test)]
mod tests {
    use super::{GENERAL, SOURCES};

    #[test]
    fn the_words_are_sorted() {
        assert!(GENERAL.is_sorted() && SOURCES.is_sorted());
    }
}
