//! A label that the closed list of labels does not hold: "sort it into `late` or `lost`", "thefts go to `police`".

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Subject, quotations};
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Words that many prompts allow beside their labels, for what has none.
const WAYS_OUT: [&str; 22] = [
    "unknown", "none", "null", "n/a", "na", "other", "unclear", "unsure", "uncertain", "invalid", "error",
    "skip", "empty", "undefined", "undetermined", "unclassified", "uncategorized", "uncategorised",
    "ambiguous", "missing", "not found", "",
];

/// Reports rules that give a label which is not on the list.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut lists = case.requirements.iter().filter_map(|rule| match &rule.demand {
        Demand::OneOf(choices) => Some((rule, choices)),
        _ => None,
    });
    // With two lists it is not sure which of them a label belongs to.
    let (Some((offer, choices)), None) = (lists.next(), lists.next()) else { return };
    if choices.len() > MOST {
        return;
    }
    let offered = case.text(offer.span);
    let marked = offered.contains(['`', '"', '“']);
    for unit in case.demands().filter(|unit| *unit != offer.unit) {
        if case.labels[unit].component == Some(Component::Examples) || case.units[unit].kind == UnitKind::Mark
        {
            continue;
        }
        let named = || match &offer.subject {
            Subject::Named(thing) => behind_its_name(case, unit, thing),
            _ => None,
        };
        let Some(label) = given(case, unit, marked).or_else(named) else { continue };
        let known = |choice: &String| choice.trim_matches(['`', '"', '“', '”']).eq_ignore_ascii_case(&label);
        if !choices.iter().any(known) && !WAYS_OUT.contains(&&*label.to_lowercase()) {
            let line = case.source.position(offer.span.start()).line;
            let message = format!("`{label}` is none of {} (line {line})", choices.join(", "));
            let write = "add it to the list, or give one of its labels";
            sink.report(case.units[unit].text, message, write).related.push(offer.span);
        }
    }
}

/// The most labels that each rule is held against; keeps hostile prompts linear.
const MOST: usize = 200;

/// Words from which a sentence does more than give a label.
const LONG: usize = 24;

/// The label that a rule gives to a case: "go to `police`", "label it mixed", "are marked `late`".
fn given(case: &Case<'_>, unit: usize, marked: bool) -> Option<String> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let sorts = |at: usize| match &*lower(at) {
        "label" | "mark" | "tag" | "classify" | "class" => {
            // "Label it mixed", "mark the slip as lost".
            let thing = (at + 1..at + 5).find(|&at| matches!(&*lower(at), "as" | "it" | "them"));
            thing.map(|thing| thing + 1 + usize::from(lower(thing + 1) == "as"))
        }
        "marked" | "labelled" | "labeled" | "tagged" | "classified" => {
            Some(at + 1 + usize::from(lower(at + 1) == "as"))
        }
        // "If the pier was blocked, use PIER": only a label that stands in capitals.
        "use" | "write" | "choose" | "set" | "pick" | "return" | "answer" | "give"
            if words.get(at + 1).is_some_and(|word| is_loud(word.text(text))) =>
        {
            Some(at + 1)
        }
        "go" | "goes" | "belong" | "belongs" if matches!(&*lower(at + 1), "to" | "into" | "in" | "under") => {
            Some(at + 2)
        }
        _ => None,
    };
    let from = (0..words.len()).find_map(sorts)?;
    if marked {
        let opening = words.get(from).filter(|word| matches!(word.text(text), "`" | "\"" | "“"))?;
        let quoted = quotations(text, case.units[unit].text);
        let (_, label) = quoted.into_iter().find(|(place, _)| place.start() == opening.start as usize)?;
        return (label.split_whitespace().count() == 1).then_some(label);
    }
    let word = words.get(from).filter(|word| is_plain(word))?;
    let ends = words.get(from + 1).is_none_or(|next: &Word| next.is_punctuation());
    // "Complaints go to COMPLAINT".
    let loud = is_loud(word.text(text));
    let named = matches!(&*lower(from - 1), "it" | "them" | "as") || loud;
    (ends && named).then(|| word.text(text).to_string())
}

/// "Severity D is for …": a level by the name of what has it.
fn behind_its_name(case: &Case<'_>, unit: usize, thing: &str) -> Option<String> {
    let text = case.source.text();
    let level = |word: &Word| word.text(text).chars().all(char::is_uppercase);
    let pair = case.words_of(unit).windows(2).find(|pair| {
        pair[0].lower(text) == thing && !pair[1].is_punctuation() && !pair[1].is_number() && level(&pair[1])
    })?;
    Some(pair[1].text(text).to_string())
}

/// `PIER`, and no `JSON`.
fn is_loud(word: &str) -> bool {
    word.len() > 1
        && word.chars().all(|c| c.is_uppercase() || c == '_')
        && !["JSON", "XML", "CSV", "YAML", "HTML", "SQL", "URL", "ISO", "UTC", "MUST", "NOT", "ONLY", "ALL"]
            .contains(&word)
}

fn is_plain(word: &Word) -> bool {
    !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP)
}
