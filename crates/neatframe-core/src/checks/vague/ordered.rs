//! Whether a word of quality stands in front of a thing that is ordered: "give a practical overview", and not "the practical
//! exam".

use crate::lexicon::{Hit, Set, VAGUE, VagueKind, vocabulary};
use crate::units::UnitKind;
use crate::words::Word;

/// Qualities by which things are picked out.
const SELECTS: [&str; 8] =
    ["essential", "important", "key", "notable", "outstanding", "remarkable", "salient", "significant"];

/// How many words back the order may stand.
const REACH: usize = 9;

/// True where the word describes the thing that an order asks for.
pub(super) fn stands_before_what_is_ordered(
    text: &str,
    kind: UnitKind,
    words: &[Word],
    hits: &[Hit],
    hit: &Hit,
) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let of_quality = |at: usize| {
        hits.iter().any(|other| {
            other.set == Set::Vague
                && (other.first..=other.last).contains(&at)
                && matches!(VAGUE[other.entry as usize].kind, VagueKind::Attribute | VagueKind::Quality)
        })
    };
    let joins = |at: usize| matches!(&*lower(at), "and" | "or" | "but" | "yet" | ",");
    // Behind it, and behind what is joined to it, the thing.
    let mut behind = hit.last + 1;
    while joins(behind) && !words.get(behind + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK)) {
        behind += 2;
    }
    let thing = words.get(behind).is_some_and(|word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION | vocabulary::CONDITION)
    });
    if !thing {
        return false;
    }
    // "Concrete, actionable tasks": what is joined to it is such a word as well.
    let describes = |at: usize| {
        !words[at].is_punctuation()
            && !words[at].is(vocabulary::STOP | vocabulary::VERB | vocabulary::MODAL | vocabulary::NEGATION)
    };
    // In front of it, what belongs to it as well: "only a few very practical and".
    let belongs = |at: usize| {
        joins(at) && at > 0 && describes(at - 1)
            || of_quality(at)
            || joins(at + 1) && describes(at)
            || words[at].is_number()
            || matches!(
                &*lower(at),
                "a" | "an"
                    | "the"
                    | "your"
                    | "our"
                    | "its"
                    | "their"
                    | "some"
                    | "any"
                    | "all"
                    | "only"
                    | "very"
                    | "more"
                    | "most"
                    | "highly"
                    | "truly"
                    | "really"
                    | "these"
                    | "those"
                    | "each"
                    | "other"
            )
    };
    let least = hit.first.saturating_sub(REACH);
    // "The practical exam" is one that is known; "the notable trends" are still to be found.
    let definite =
        |at: usize| matches!(&*lower(at), "the" | "your" | "our" | "its" | "their" | "these" | "those");
    if hit.first > 0 && definite(hit.first - 1) && !SELECTS.contains(&&*lower(hit.first)) {
        return false;
    }
    let opens = (least..hit.first).rev().take_while(|&at| belongs(at)).last().unwrap_or(hit.first);
    let Some(before) = opens.checked_sub(1) else {
        return matches!(kind, UnitKind::Item { .. } | UnitKind::Field);
    };
    orders(text, words, before) || is_of_an_order(text, words, before)
}

/// A verb in the place of an order: "write", "to write", "must write", "and write".
fn orders(text: &str, words: &[Word], at: usize) -> bool {
    let verb = words[at].is(vocabulary::VERB) && !words[at].is(vocabulary::STOP);
    verb && at.checked_sub(1).is_none_or(|before| {
        let word = words[before];
        word.is(vocabulary::STOP_MARK | vocabulary::MODAL | vocabulary::NEGATION | vocabulary::COURTESY)
            || word.is_punctuation()
            || word.is_number()
            || matches!(
                &*word.lower(text),
                "to" | "and" | "or" | "then" | "always" | "never" | "you" | "carefully"
            )
    })
}

/// "Write a list of practical tips", "answer with clear headings": the order stands in front of what leads to the thing.
fn is_of_an_order(text: &str, words: &[Word], at: usize) -> bool {
    let leads = matches!(&*words[at].lower(text), "of" | "with" | "using" | "in" | "into");
    let from = at.saturating_sub(REACH);
    let clause = words[from..at]
        .iter()
        .rposition(|word| word.is(vocabulary::STOP_MARK))
        .map_or(from, |stop| from + stop + 1);
    // "Hand in the exam": the word belongs to the verb.
    let leads = leads && !(at > 0 && words[at].lower(text) == "in" && orders(text, words, at - 1));
    leads && (clause..at).any(|at| orders(text, words, at))
}
