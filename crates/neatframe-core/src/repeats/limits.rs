//! Limits on the same thing stated twice.

use crate::lexicon::{Hit, Set, vocabulary};
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::source::Source;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
use std::collections::HashMap;

/// The words of a demand that says little but its limit.
pub(super) const SHORT: usize = 14;
/// The words of a line that states a limit and nothing else.
const ALONE: usize = 9;

/// The words of an item that is a limit and nothing else.
const BARE: usize = 4;

/// Limits on the same thing stated twice: "At most 120 words", "The mail may not be longer than 120 words".
pub(super) fn same(
    source: &Source,
    words: &Words,
    units: &[Unit],
    hits: &[Vec<Hit>],
    requirements: &[Requirement],
) -> HashMap<usize, usize> {
    let mut twins = HashMap::new();
    let mut seen: HashMap<(Option<&str>, &Measure, Option<u32>), &Requirement> = HashMap::new();
    let mut bare: HashMap<(&Measure, Option<u32>), usize> = HashMap::new();
    // "15 words at most, except the reading back", and later the limit alone.
    let mut excepted: HashMap<(Option<&str>, &Measure, u32), usize> = HashMap::new();
    let text = source.text();
    let binds = |word: &Word| matches!(&*word.lower(text), "must" | "may" | "should" | "shall");
    let stays = |unit: usize| words.within(units[unit].text).iter().any(binds);
    for rule in requirements {
        let Demand::Amount { measure, bound } = &rule.demand else { continue };
        // "Under 120 words" leaves 119, and means what "at most 120 words" means.
        let limit = bound.most.map(|most| if most >= 14 && most % 5 == 4 { most + 1 } else { most });
        // "One word in this section" holds for that section.
        let here = |row: &[Word]| row[0].lower(text) == "this" && row[1].lower(text) == "section";
        let within = words.within(units[rule.unit].text);
        let excepts =
            |word: &Word| matches!(&*word.lower(text), "except" | "unless" | "excepting" | "excluding");
        if rule.conditional
            && let Some(most) = limit
            && within.iter().skip(CASE).any(excepts)
        {
            excepted.entry((thing_of(&rule.subject), measure, most)).or_insert(rule.unit);
        }
        if rule.conditional || limit.is_none() || within.windows(2).take(SHORT * 2).any(here) {
            continue;
        }
        // "The code must stay below 30 lines": a line that says nothing else is about the whole. What pads it says nothing.
        let pads = |at: usize| {
            hits[rule.unit].iter().any(|hit| hit.set == Set::Padding && (hit.first..=hit.last).contains(&at))
        };
        let plain = within.iter().enumerate();
        let plain = plain.filter(|(at, word)| !word.is_punctuation() && !pads(*at));
        let count = plain.take(SHORT + 1).count();
        let subject = match &rule.subject {
            Subject::Unstated if count <= ALONE && stays(rule.unit) => &Subject::Reply,
            // "- one or two words": what the list is about, and nothing else.
            Subject::Unstated if count <= BARE && matches!(units[rule.unit].kind, UnitKind::Item { .. }) => {
                bare.entry((measure, limit)).or_insert(rule.unit);
                continue;
            }
            Subject::Unstated => continue,
            subject => subject,
        };
        let bared = matches!(subject, Subject::Each(_) | Subject::Named(_))
            .then(|| bare.get(&(measure, limit)).copied())
            .flatten();
        if let Some(earlier) = bared.filter(|_| bound.least.is_none() && count <= SHORT) {
            twins.insert(rule.unit, earlier);
            continue;
        }
        // "A headline of up to seven words", "headlines have no more than seven words".
        let thing = thing_of(subject);
        if bound.least.is_none()
            && let Some(earlier) = limit.and_then(|most| excepted.get(&(thing, measure, most)))
            && count <= SHORT
            && *earlier != rule.unit
        {
            twins.insert(rule.unit, *earlier);
            continue;
        }
        let key = (thing, measure, limit);
        match seen.get(&key) {
            Some(earlier) if earlier.unit != rule.unit => {
                // "Keep it to two paragraphs" asks for nothing that "two paragraphs" does not.
                let follows = bound.least.is_none() && count <= ALONE + usize::from(thing.is_some()) * OWN;
                // "The subject line" and "the preview line".
                let kind = |rule: &Requirement| kind_of(text, words.within(units[rule.unit].text), thing?);
                if kind(rule).zip(kind(earlier)).is_some_and(|(own, other)| own != other) {
                    continue;
                }
                if count <= SHORT && (earlier.demand == rule.demand || follows) {
                    twins.insert(rule.unit, earlier.unit);
                }
            }
            _ => {
                seen.insert(key, rule);
            }
        }
    }
    twins
}

/// How many words more a line has that names what it bounds.
const OWN: usize = 2;
/// Behind so many words of an exception the limit has been told.
const CASE: usize = 3;

fn thing_of(subject: &Subject) -> Option<&str> {
    match subject {
        Subject::Each(thing) | Subject::Named(thing) => Some(thing.as_str()),
        Subject::Reply | Subject::Unstated => None,
    }
}

/// The word that tells which of its kind a thing is: `subject` in "the subject line".
fn kind_of(text: &str, words: &[Word], thing: &str) -> Option<u32> {
    let last = thing.rsplit(' ').next().map(stem)?;
    let at = words.iter().position(|word| stem(&word.lower(text)) == last)?;
    let before = words.get(at.checked_sub(1)?)?;
    let plain = vocabulary::STOP | vocabulary::VERB | vocabulary::PUNCTUATION | vocabulary::MODAL;
    (!before.is(plain) && !before.is_number()).then(|| stem(&before.lower(text)))
}
