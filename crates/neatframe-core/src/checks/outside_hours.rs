//! A time outside the hours in which a thing is open: "the lighthouse opens from 11 to 15", "the lighthouse at 16:00".

use super::hours::time;
use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::number;
use crate::words::Word;
use std::borrow::Cow;

/// How many opening hours are kept in mind.
const MOST: usize = 16;
/// Words from which a sentence is not looked at.
const LONG: usize = 40;

/// When a thing is open, in minutes from midnight.
struct Open {
    unit: usize,
    thing: u32,
    from: u32,
    to: u32,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let shown = |unit: usize| case.labels[unit].component == Some(Component::Examples);
    let open: Vec<Open> = (0..case.units.len())
        .filter(|&unit| !shown(unit))
        .filter_map(|unit| open(case, unit))
        .take(MOST)
        .collect();
    if open.is_empty() {
        return;
    }
    let text = case.source.text();
    for unit in (0..case.units.len()).filter(|&unit| !shown(unit)) {
        let words = case.words_of(unit);
        let names = |thing: u32| words.iter().any(|word| stem(&word.lower(text)) == thing);
        let never_shut = words.len() <= LONG && is_always(text, words);
        if let Some(open) = open.iter().find(|open| never_shut && open.unit != unit && names(open.thing)) {
            sink.clash(case, case.units[unit].text, case.units[open.unit].text);
        }
    }
    for unit in case.demands() {
        let words = case.words_of(unit);
        if words.len() > LONG
            || words.iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION))
        {
            continue;
        }
        let at_hour = (1..words.len()).find_map(|at| {
            let (minutes, _) = time(text, words, at).filter(|_| words[at - 1].lower(text) == "at")?;
            // "At 5" may be five in the afternoon.
            words[at].text(text).contains([':', '.']).then_some(minutes)
        });
        let Some(minutes) = at_hour else { continue };
        let names = |thing: u32| words.iter().any(|word| stem(&word.lower(text)) == thing);
        let shut = open
            .iter()
            .find(|open| open.unit != unit && !(open.from..=open.to).contains(&minutes) && names(open.thing));
        if let Some(open) = shut {
            sink.clash(case, case.units[unit].text, case.units[open.unit].text);
        }
    }
}

/// "A lighthouse that opens from 11 to 15": the last noun before the verb, and the hours.
fn open(case: &Case<'_>, unit: usize) -> Option<Open> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let opens = (1..words.len())
        .find(|&at| matches!(&*lower(at), "opens" | "open") && matches!(&*lower(at + 1), "from" | "between"));
    // "Ring the desk only between 7:00 and 22:00": the deed has hours.
    let only = || {
        (1..words.len())
            .find(|&at| lower(at) == "only" && matches!(&*lower(at + 1), "from" | "between"))
            .filter(|&at| at == 1 && !words[0].is(vocabulary::STOP | vocabulary::PUNCTUATION))
    };
    let verb = opens.or_else(only)?;
    let hour = |at: usize| match time(text, words, at) {
        Some((minutes, last)) => Some((minutes, last + 1)),
        None => number(text, *words.get(at)?).filter(|hour| *hour < 25).map(|hour| (hour * 60, at + 1)),
    };
    let (from, after) = hour(verb + 2)?;
    let joined = matches!(&*lower(after), "to" | "and" | "until" | "till" | "–");
    let (to, _) = hour(after + usize::from(joined))?;
    if opens.is_none() {
        return (from < to).then(|| Open { unit, thing: stem(&lower(0)), from, to });
    }
    let noun = words[..verb].iter().rev().take_while(|word| !word.is_punctuation()).find(|word| {
        !word.is(vocabulary::STOP) && !matches!(&*word.lower(text), "always" | "only" | "that")
    })?;
    (from < to).then(|| Open { unit, thing: stem(&noun.lower(text)), from, to })
}

/// "At any hour of the day", "around the clock", "24/7".
fn is_always(text: &str, words: &[Word]) -> bool {
    const ALWAYS: [[&str; 3]; 8] = [
        ["at", "any", "hour"],
        ["at", "all", "hours"],
        ["around", "the", "clock"],
        ["round", "the", "clock"],
        ["day", "and", "night"],
        ["day", "or", "night"],
        ["24", "hours", "a"],
        ["24", "/", "7"],
    ];
    // "At once" names no case.
    let at_once = |at: usize| words[at].lower(text) == "once" && at > 0 && words[at - 1].lower(text) == "at";
    let denied =
        (0..words.len()).any(|at| words[at].is(vocabulary::NEGATION | vocabulary::CONDITION) && !at_once(at));
    !denied
        && words.windows(3).any(|run| {
            ALWAYS.iter().any(|said| run.iter().zip(said).all(|(word, said)| word.lower(text) == *said))
        })
}
