//! A choice that the prompt offers and rules out: "A, B or TIE" here, "a tie is not allowed" there.

use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{Demand, is_exception};
use crate::words::Word;
use std::borrow::Cow;

/// Reports rules that rule out a value which the answer may have.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let offers = case.requirements.iter().filter_map(|rule| match &rule.demand {
        Demand::OneOf(choices) => Some((rule, choices)),
        _ => None,
    });
    let text = case.source.text();
    for (offer, choices) in offers.take(OFFERS) {
        let ruled_out = (0..case.units.len()).find_map(|unit| {
            let words = case.words_of(unit);
            let bans = unit != offer.unit
                && words.len() <= SHORT
                && case.labels[unit].component != Some(Component::Examples)
                && !is_exception(text, words);
            let choice = choices.iter().find(|choice| bans && rules_out(text, words, choice))?;
            Some((unit, choice))
        });
        if let Some((unit, choice)) = ruled_out {
            let line = case.source.position(offer.span.start()).line;
            let message = format!("`{choice}` is ruled out, and line {line} offers it");
            let write = "take it out of the choices, or say when it may be given";
            sink.report(case.units[unit].text, message, write).related.push(offer.span);
        }
    }
}

/// How many lists of choices are looked at.
const OFFERS: usize = 8;

/// A longer sentence says more than that a value is ruled out.
const SHORT: usize = 10;

/// "A tie is not allowed", "no ties", "never answer TIE".
fn rules_out(text: &str, words: &[Word], choice: &str) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let choice = choice.to_lowercase();
    if choice.len() < 3 || choice.contains(' ') {
        return false;
    }
    let named = |at: usize| {
        let word = lower(at);
        *word == choice || word.strip_suffix('s') == Some(&choice)
    };
    let Some(at) = (0..words.len()).find(|&at| named(at)) else { return false };
    let allowed = |at: usize| matches!(&*lower(at), "allowed" | "permitted" | "possible" | "acceptable");
    let refused = (at + 1..at + 4).any(|next| {
        matches!(&*lower(next), "not" | "never") && (allowed(next + 1) || lower(next + 1) == "be")
            || matches!(&*lower(next), "forbidden" | "excluded")
    });
    let alone = at + 1 >= words.len() || words[at + 1].is_punctuation() || refused || allowed(at + 2);
    // "Yes, no or unclear" offers three.
    let joined = at > 0 && matches!(&*lower(at - 1), "or" | "and" | ",");
    let before =
        !joined && (at.saturating_sub(2)..at).any(|before| matches!(&*lower(before), "no" | "never"));
    refused || before && alone
}
