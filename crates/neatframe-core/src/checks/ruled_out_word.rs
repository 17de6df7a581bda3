//! A word that is not to occur, and an order to say it.

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::Demand;
use crate::words::Word;

/// How many such words are looked for.
const MOST: usize = 16;
/// Verbs of saying.
const SAYS: [&str; 8] = ["say", "write", "mention", "use", "include", "call", "describe", "state"];

/// Reports orders that take a word which another rule keeps out.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let out = case.requirements.iter().filter(|rule| !rule.conditional);
    let out = out.filter_map(|rule| match &rule.demand {
        Demand::Omit(word) if word.chars().all(char::is_alphabetic) && word.len() > 2 => {
            Some((rule.unit, word.to_lowercase(), rule.span))
        }
        _ => None,
    });
    for (banned_by, word, place) in out.take(MOST) {
        for unit in case.demands().filter(|unit| *unit != banned_by) {
            let words = case.words_of(unit);
            // "Requirements use MUST, SHOULD or MAY".
            let loud =
                |said: &&Word| said.lower(text) == word && !said.text(text).contains(char::is_lowercase);
            let shouted = words.iter().any(|said| loud(&said))
                && words.iter().any(|said| matches!(&*said.lower(text), "use" | "uses" | "write" | "say"));
            let orders = shouted || words.first().is_some_and(|first| SAYS.contains(&&*first.lower(text)));
            let denied = words.iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION));
            // "Use "affordable" instead of "cheap"" says what stands in its place.
            let instead =
                words.iter().any(|word| matches!(&*word.lower(text), "instead" | "for" | "replace"));
            if !orders || denied || instead {
                continue;
            }
            // "Use only facts that are stated": what happens to the facts.
            let participle = word.ends_with("ed") || word.ends_with("ing");
            if let Some(said) = words.iter().find(|said| !participle && said.lower(text) == word) {
                let line = case.source.position(place.start()).line;
                let message = format!(
                    "`{}` is not to occur (line {line}: `{}`)",
                    case.shown(said.span()),
                    case.shown(place)
                );
                sink.report(said.span(), message, "use another word, or allow this one").related.push(place);
                break;
            }
        }
    }
}
