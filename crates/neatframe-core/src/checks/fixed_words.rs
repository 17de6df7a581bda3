//! Words that the reply is to hold, and a rule that they break themselves: "no emoji", "sign with "Merle 🌙"".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Requirement, is_exception, quotations};
use crate::span::Span;
use crate::trial;
use crate::words::Word;

/// Verbs that put words into the reply as they stand.
const PUTS: [&str; 11] =
    ["sign", "end", "begin", "start", "open", "close", "finish", "conclude", "add", "append", "greet"];
/// How many words in quotation marks are held against the rules.
const MOST: usize = 32;

/// How many words of a ban are looked at.
const BAN: usize = 12;

/// "No exclamation marks", and "end with "See you on board!"".
fn exclaims(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let bans = |unit: &usize| {
        let words = case.words_of(*unit);
        let named = |pair: &[Word]| {
            pair[0].lower(text) == "exclamation"
                && matches!(&*pair[1].lower(text), "marks" | "mark" | "points")
        };
        let denied = words.iter().any(|word| word.is(vocabulary::NEGATION))
            || words.first().is_some_and(|word| matches!(&*word.lower(text), "avoid" | "leave"));
        words.len() <= BAN && denied && words.windows(2).any(named) && !is_exception(text, words)
    };
    let Some(ban) = case.demands().find(bans) else { return };
    let fixed = case.requirements.iter().find_map(|rule| match &rule.demand {
        Demand::BeginsWith(words) | Demand::EndsWith(words) | Demand::Mention(words)
            if words.contains('!') && rule.unit != ban && !rule.conditional =>
        {
            Some(rule.span)
        }
        _ => None,
    });
    if let Some(words) = fixed {
        sink.clash(case, case.units[ban].text, words);
    }
}

/// "Do not promise a time", and "say "We will write within one working day"".
fn promises_a_time(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some(ban) = case.requirements.iter().find(|rule| {
        matches!(rule.demand, Demand::Manner { axis: "delivery date", pole: "not given" })
            && !rule.conditional
    }) else {
        return;
    };
    let in_time = |words: &str| {
        let lower = words.to_lowercase();
        let mut parts = lower.split(|c: char| !c.is_alphanumeric());
        let span = ["day", "days", "hour", "hours", "minutes", "week", "weeks"];
        lower.contains("within ") && parts.any(|part| span.contains(&part)) || lower.contains(" by tomorrow")
    };
    let quoted = case.demands().filter(|unit| *unit != ban.unit).find_map(|unit| {
        let denied = case.words_of(unit).iter().take(2).any(|word| word.is(vocabulary::NEGATION));
        let span = case.units[unit].text;
        let mut at = 0;
        let mut parts = case.text(span).split('"').enumerate().filter_map(|(index, part)| {
            let from = at;
            at += part.len() + 1;
            (index % 2 == 1).then_some((from, part))
        });
        let found = parts.find(|(_, words)| in_time(words));
        found.filter(|_| !denied).map(|(from, words)| Span::within(span, from, words.len()))
    });
    if let Some(place) = quoted {
        let (later, earlier) = (place.max(ban.span), place.min(ban.span));
        sink.clash(case, later, earlier);
    }
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    exclaims(case, sink);
    promises_a_time(case, sink);
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
