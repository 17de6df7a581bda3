//! Sample answers that cite nothing, where every sentence is to carry its source and other samples do.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::samples::Side;
use crate::span::Span;
use crate::words::Word;

/// What is to carry a source, and what it carries.
const THINGS: [&str; 9] =
    ["sentence", "claim", "statement", "fact", "point", "bullet", "answer", "figure", "line"];
const SOURCES: [&str; 8] =
    ["id", "ids", "source", "sources", "citation", "citations", "reference", "references"];
/// Verbs that ask for it.
const ASKS: [&str; 8] = ["give", "cite", "add", "put", "name", "end", "follow", "state"];

/// Reports output samples with no bracket, where another one has a source in brackets.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some(rule) = case.demands().find(|&unit| asks(case, case.words_of(unit))) else { return };
    let rule = case.units[rule].text;
    let outputs: Vec<Span> = case
        .samples
        .iter()
        .filter(|shown| shown.side == Side::Output && !shown.content.is_empty())
        .map(|shown| shown.content)
        .collect();
    if !outputs.iter().any(|output| cites(case.text(*output))) {
        return;
    }
    let mut told = None;
    let bare = |output: &&Span| !case.text(**output).contains(['[', '(']);
    for output in outputs.iter().filter(bare).take(MOST) {
        // "Not in the handbook" is no claim, where a rule says what to say in a gap.
        let words = case.text(*output).split_whitespace().count();
        let said = case.text(*output).trim().trim_matches(['"', '.', '“', '”']).to_lowercase();
        if words < FEW || told.get_or_insert_with(|| all_demands(case)).contains(&said) {
            continue;
        }
        report(case, sink, *output, "a sample cites nothing".into(), rule);
    }
}

/// Words below which an answer claims nothing.
const FEW: usize = 4;

fn asks(case: &Case<'_>, words: &[Word]) -> bool {
    let text = case.source.text();
    let has = |names: &[&str]| words.iter().any(|word| names.contains(&&*word.lower(text)));
    let each = words.windows(2).any(|pair| {
        matches!(&*pair[0].lower(text), "each" | "every") && THINGS.contains(&&*pair[1].lower(text))
    });
    each && has(&SOURCES) && has(&ASKS)
}

/// `[H-07]`, `(3)`: brackets with a number.
fn cites(text: &str) -> bool {
    text.split(['[', '(']).skip(1).any(|rest| {
        rest.split([']', ')'])
            .next()
            .is_some_and(|id| id.len() <= 12 && id.contains(|c: char| c.is_ascii_digit()))
    })
}

/// How many samples are looked at, each against all that the prompt asks for.
const MOST: usize = 256;

/// What the prompt asks for, a line a demand, in lower case.
fn all_demands(case: &Case<'_>) -> String {
    let mut told = String::new();
    for unit in case.demands() {
        told.push_str(&case.text(case.units[unit].text).to_lowercase());
        told.push('\n');
    }
    told
}
