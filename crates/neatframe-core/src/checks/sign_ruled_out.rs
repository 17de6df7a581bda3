//! A sign that the prompt asks for and rules out: "no emojis", "put a ⚓ in front of each boat".

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, is_exception};
use crate::trial::first_emoji;
use crate::units::UnitKind;

/// Verbs of an order that sets a sign.
const SETS: [&str; 12] =
    ["put", "use", "mark", "add", "start", "begin", "end", "close", "open", "set", "write", "prefix"];

/// Ways to set words apart, each by the name that a ban uses.
const WAYS: [&str; 6] = ["brackets", "parentheses", "quotation marks", "italics", "capitals", "bold"];

/// "No brackets", and "explain each term in brackets".
fn set_in_a_way(case: &Case<'_>, sink: &mut Sink<'_>) {
    let lower = |unit: usize| case.text(case.units[unit].text).to_lowercase();
    let short = |unit: &usize| case.words_of(*unit).len() <= LONG;
    let ends = |rest: &str| !rest.starts_with(char::is_alphabetic) && !rest.starts_with(" around");
    let bans = |unit: usize, way: &str| {
        let line = lower(unit);
        ["no ", "never use ", "do not use ", "don't use ", "without "].iter().any(|ban| {
            line.split_once(&format!("{ban}{way}"))
                .is_some_and(|(_, rest)| ends(rest) && !rest.starts_with(" in "))
        })
    };
    let sets = |unit: usize, way: &str| {
        let words = case.words_of(unit);
        let orders = words.first().is_some_and(|word| word.is(vocabulary::VERB));
        let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
        orders && !denied && lower(unit).split_once(&format!(" in {way}")).is_some_and(|(_, rest)| ends(rest))
    };
    for way in WAYS {
        // Most prompts have no such word.
        let held = |unit: &usize| case.text(case.units[*unit].text).contains(way);
        let mut near = case.demands().filter(held).filter(short).take(NEAR);
        let Some(one) = near.find(|unit| bans(*unit, way) || sets(*unit, way)) else { continue };
        let other = near.find(|unit| if bans(one, way) { sets(*unit, way) } else { bans(*unit, way) });
        let cased = |unit: usize| is_exception(case.source.text(), case.words_of(unit));
        if let Some(other) = other.filter(|other| !cased(one) && !cased(*other)) {
            sink.clash(case, case.units[other].text, case.units[one].text);
        }
    }
}

/// Words from which a sentence says more, and how many sentences are looked at.
const LONG: usize = 24;
const NEAR: usize = 32;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    set_in_a_way(case, sink);
    let bans = |rule: &&crate::requirement::Requirement| {
        !rule.conditional && matches!(rule.demand, Demand::Manner { axis: "emoji", pole: "no emoji" })
    };
    let Some(ban) = case.requirements.iter().find(bans).filter(|rule| rule.part.is_none()) else { return };
    for unit in case.demands().filter(|unit| *unit != ban.unit) {
        let words = case.words_of(unit);
        let text = case.source.text();
        let shape = matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Code);
        let sample = case.labels[unit].component == Some(Component::Examples);
        let orders = words.first().is_some_and(|word| SETS.contains(&&*word.lower(text)));
        let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
        if !shape && !sample && orders && !denied && first_emoji(case.text(case.units[unit].text)).is_some() {
            sink.clash(case, case.units[unit].text, ban.span);
            return;
        }
    }
}
