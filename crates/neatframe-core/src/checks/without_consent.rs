//! A consent that is asked for before a deed, and a case in which the deed is done without it: "restart only after the guest has
//! agreed", "if it hangs, restart it without asking".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Demand, Requirement};
use crate::words::Word;

/// How many rules of each kind are compared.
const MOST: usize = 16;

/// Reports a deed that is to wait for a consent and not to wait for it. The case makes no exception that the other rule knows of.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let asking = |pole: &'static str| {
        let is = move |rule: &&Requirement| matches!(&rule.demand, Demand::Manner { axis: "asking back", pole: asked } if *asked == pole);
        case.requirements.iter().filter(is).take(MOST)
    };
    let text = case.source.text();
    // "Delete doubles automatically."
    for unit in case.demands() {
        let words = case.words_of(unit);
        let at = words.iter().position(|word| word.lower(text) == "automatically");
        let Some(deed) = at.and_then(|_| words.first()).filter(|word| word.is(vocabulary::VERB)) else {
            continue;
        };
        let deed = stem(&deed.lower(text));
        let waits = |rule: &&Requirement| rule.unit != unit && deeds(case, rule.unit).contains(&deed);
        if let Some(waiting) = asking("ask first").filter(|rule| !rule.conditional).find(waits) {
            sink.clash(case, case.units[unit].text, case.units[waiting.unit].text);
        }
    }
    let mut told = None;
    for hasty in asking("no questions").filter(|rule| rule.conditional) {
        if told.replace(hasty.unit) == Some(hasty.unit) {
            continue;
        }
        let deeds = deeds(case, hasty.unit);
        let waits = |rule: &&Requirement| {
            rule.unit != hasty.unit && self::deeds(case, rule.unit).iter().any(|deed| deeds.contains(deed))
        };
        let Some(waiting) = asking("ask first").find(waits) else { continue };
        sink.clash(case, case.units[hasty.unit].text, case.units[waiting.unit].text);
    }
}

/// Stems of the verbs of a unit that name what is done, not how one asks for it.
fn deeds(case: &Case<'_>, unit: usize) -> Vec<u32> {
    const ASKS: [&str; 12] =
        ["ask", "wait", "confirm", "agree", "agreed", "check", "get", "need", "say", "do", "start", "begin"];
    let text = case.source.text();
    let words = case.words_of(unit);
    // What opens a sentence or its second half is a verb there, known or not.
    let opens = |at: usize| at == 0 || words[at - 1].text(text) == ",";
    let deed = |&(at, word): &(usize, &Word)| {
        let verb =
            word.is(vocabulary::VERB) || opens(at) && !word.is(vocabulary::STOP | vocabulary::CONDITION);
        verb && !word.is_punctuation() && !ASKS.contains(&&*word.lower(text))
    };
    words.iter().enumerate().filter(deed).map(|(_, word)| stem(&word.lower(text))).collect()
}
