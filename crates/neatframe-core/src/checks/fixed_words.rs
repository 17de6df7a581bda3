//! Words that the reply is to hold, and a rule that they break themselves: "no emoji", "sign with "Merle 🌙"".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Requirement, quotations};
use crate::trial;

/// Verbs that put words into the reply as they stand.
const PUTS: [&str; 11] =
    ["sign", "end", "begin", "start", "open", "close", "finish", "conclude", "add", "append", "greet"];
/// How many words in quotation marks are held against the rules.
const MOST: usize = 32;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let shows = |rule: &&Requirement| {
        !rule.conditional
            && rule.part.is_none()
            && matches!(
                rule.demand,
                Demand::Manner { axis: "emoji", pole: "no emoji" } | Demand::Manner { axis: "symbols", .. }
            )
    };
    let rules: Vec<&Requirement> = case.requirements.iter().filter(shows).collect();
    if rules.is_empty() {
        return;
    }
    let puts = |unit: &usize| {
        let words = case.words_of(*unit);
        let first = words.first().is_some_and(|first| PUTS.contains(&&*first.lower(text)));
        first && !words.iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION))
    };
    let quoted = case.demands().filter(puts).flat_map(|unit| {
        quotations(text, case.units[unit].text).into_iter().map(move |(place, _)| (unit, place))
    });
    for (unit, place) in quoted.take(MOST) {
        let broken = rules.iter().find_map(|rule| {
            let breach = trial::breach(text, rule, place, false)?;
            (rule.unit != unit).then_some((breach.place, rule.span))
        });
        if let Some((words, rule)) = broken {
            sink.clash(case, words, rule);
        }
    }
}
