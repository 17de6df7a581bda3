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
    for output in outputs.iter().filter(|output| !case.text(**output).contains(['[', '('])) {
        // "Not in the handbook" is no claim.
        let words = case.text(*output).split_whitespace().count();
        if words < FEW || is_way_out(case, *output) {
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

/// True for words that a rule quotes as what to say in a gap.
fn is_way_out(case: &Case<'_>, output: Span) -> bool {
    let said = case.text(output).trim().trim_matches(['"', '.', '“', '”']).to_lowercase();
    case.demands().any(|unit| case.text(case.units[unit].text).to_lowercase().contains(&said))
}
