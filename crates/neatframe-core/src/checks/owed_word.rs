//! A word that a rule asks for in a case, and a sample of that case without it.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::quotations;
use crate::samples::Side;
use crate::words::{Word, Words};
use std::borrow::Cow;

/// Verbs that put a word somewhere.
const PUTS: [&str; 12] =
    ["add", "append", "attach", "end", "flag", "label", "mark", "prefix", "put", "start", "tag", "write"];
/// What leads from the thing to what it holds.
const HOLDS: [&str; 13] = [
    "about", "contains", "containing", "has", "includes", "involves", "mentions", "mentioning", "names",
    "naming", "reports", "says", "with",
];
/// Nouns that say too little to be found again.
const GENERAL: [&str; 13] = [
    "case", "good", "goods", "item", "items", "issue", "kind", "matter", "problem", "product", "substance",
    "thing", "word",
];
/// How many rules of this form are held against the samples.
const RULES: usize = 16;
/// Words from which a sentence says more than this.
const LONG: usize = 26;

/// "Add the word CHECK to any line that names a hazardous good".
struct Owed {
    unit: usize,
    word: String,
    /// Stems that an input of the case holds.
    of: Vec<u32>,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    if case.samples.is_empty() {
        return;
    }
    let owed: Vec<Owed> = case.demands().filter_map(|unit| read(case, unit)).take(RULES).collect();
    for rule in &owed {
        let without = case.samples.windows(2).find(|pair| {
            let [one, two] = pair else { return false };
            let input = Words::read(case.text(one.content), 0);
            let body = case.text(one.content);
            let stems: Vec<u32> = input.all().iter().map(|word| stem(&word.lower(body))).collect();
            one.side == Side::Input
                && two.side == Side::Output
                && rule.of.iter().all(|stem| stems.contains(stem))
                && !case.text(two.content).to_lowercase().contains(&rule.word.to_lowercase())
        });
        if let Some([_, output]) = without {
            let what = format!("a sample has no `{}`", rule.word);
            report(case, sink, output.content, what, case.units[rule.unit].text);
            return;
        }
    }
}

fn read(case: &Case<'_>, unit: usize) -> Option<Owed> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || case.labels[unit].component == Some(Component::Examples) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let negated = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let asked = matches!(&*lower(0), "if" | "when" | "where" | "whenever");
    let end = (0..words.len()).find(|&at| asked && lower(at) == ",");
    let verb = (end.unwrap_or(0)..words.len()).find(|&at| PUTS.contains(&&*lower(at)))?;
    if negated || verb > end.map_or(0, |end| end + 1) {
        return None;
    }
    // The case: the clause up to the comma, or what stands behind "any line that".
    let from = match end {
        Some(_) => 1,
        None => (verb..words.len()).find(|&at| matches!(&*lower(at), "any" | "every" | "each" | "all"))? + 1,
    };
    let to = end.unwrap_or(words.len());
    let holds = (from..to).find(|&at| HOLDS.contains(&&*lower(at)))?;
    let means = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION)
            && !GENERAL.contains(&&*word.lower(text))
    };
    let of: Vec<u32> =
        words[holds + 1..to].iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    let alternatives = (holds..to).any(|at| matches!(&*lower(at), "or" | "and" | ","));
    let shouted = |word: &&Word| {
        let word = word.text(text);
        word.len() >= 3 && word.chars().all(|c| c.is_ascii_uppercase())
    };
    let said = if end.is_some() { &words[verb..] } else { &words[verb..from] };
    let quoted = quotations(text, case.units[unit].text)
        .into_iter()
        .find(|(place, _)| said.iter().any(|word| place.contains(word.span())))
        .map(|(_, words)| words);
    let word = quoted.or_else(|| said.iter().find(shouted).map(|word| word.text(text).to_string()))?;
    ((1..=3).contains(&of.len()) && !alternatives).then_some(Owed { unit, word, of })
}
