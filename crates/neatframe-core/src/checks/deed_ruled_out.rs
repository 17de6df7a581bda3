//! What is ruled out by its name and asked for by its verb: "no mocks", "mock the database"; "no comments in the code", "add
//! comments where necessary".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::singular;
use std::borrow::Cow;

/// Words from which a sentence says more than this, for a ban and for an order.
const BAN: usize = 7;
const ORDER: usize = 14;
/// Verbs that put something in.
const ADDS: [&str; 8] = ["add", "use", "include", "write", "put", "insert", "give", "make"];
/// Where a ban holds for the whole.
const WHOLE: [&str; 10] =
    ["code", "text", "answer", "output", "reply", "file", "script", "notice", "tests", "response"];
/// How many of each are compared.
const MOST: usize = 32;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let bans: Vec<(usize, u32, bool)> = case
        .demands()
        .filter_map(|unit| ruled_out(case, unit).map(|(thing, placed)| (unit, thing, placed)))
        .take(MOST)
        .collect();
    if bans.is_empty() {
        return;
    }
    let orders: Vec<(usize, u32, bool)> = case
        .demands()
        .filter_map(|unit| asked_for(case, unit).map(|(thing, apart)| (unit, thing, apart)))
        .take(MOST)
        .collect();
    for (unit, thing, apart) in orders {
        // A plain "add three mocks" against a plain "no mocks" is told as an order against a ban.
        let ban =
            bans.iter().find(|(ban, other, placed)| *ban != unit && *other == thing && (apart || *placed));
        if let Some((ban, ..)) = ban {
            sink.clash(case, case.units[unit].text, case.units[*ban].text);
        }
    }
}

/// "No mocks.", "No comments in the code.": the thing, as a stem, and whether a place is named.
fn ruled_out(case: &Case<'_>, unit: usize) -> Option<(u32, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let noun = lower(1);
    let ends = words.get(2).is_none_or(|word| matches!(word.text(text), "." | "!"));
    let placed = lower(2) == "in" && WHOLE.contains(&&*lower(if lower(3) == "the" { 4 } else { 3 }));
    let named = noun.ends_with('s') && noun.len() > 4 && !words[1].is(vocabulary::STOP);
    (lower(0) == "no" && words.len() <= BAN && named && (ends || placed))
        .then(|| (stem(&singular(&noun)), placed))
}

/// "Mock the database", "add comments where necessary": the thing, as a stem, and whether more is said than that it be put in.
fn asked_for(case: &Case<'_>, unit: usize) -> Option<(u32, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let cased = words
        .iter()
        .any(|word| matches!(&*word.lower(text), "if" | "unless" | "except" | "only" | "instead"));
    if words.len() > ORDER || denied || cased {
        return None;
    }
    if ADDS.contains(&&*lower(0)) {
        let at = (1..4).find(|&at| {
            lower(at).ends_with('s') && !words.get(at).is_none_or(|word| word.is(vocabulary::STOP))
        })?;
        let ends = words.get(at + 1).is_none_or(|next| {
            next.is_punctuation()
                || matches!(&*next.lower(text), "where" | "wherever" | "for" | "to" | "in" | "that")
        });
        let more = words.get(at + 1).is_some_and(|next| !next.is_punctuation());
        return ends.then(|| (stem(&singular(&lower(at))), more));
    }
    // "Mock the database": the verb has the thing's own name.
    let object = matches!(&*lower(1), "the" | "all" | "every" | "each" | "any" | "a" | "an" | "your" | "it");
    object.then(|| (stem(&lower(0)), true))
}
