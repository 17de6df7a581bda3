//! Things to do on a day, more of them than a day may hold: "at least eight activities each day", "two things a day at the most".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::requirement::{bounded, is_exception, number};
use std::borrow::Cow;

/// What a day is filled with.
const THINGS: [&str; 24] = [
    "thing", "things", "activity", "activities", "sight", "sights", "stop", "stops", "visit", "visits",
    "outing", "outings", "excursion", "excursions", "attraction", "attractions", "highlight", "highlights",
    "museums", "places", "trips", "events", "items", "programme",
];
/// Words from which a sentence is not looked at.
const LONG: usize = 30;

/// The fewest and the most.
struct Fill {
    least: Option<u32>,
    most: Option<u32>,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, fill, |one, two| {
        let past = |one: &Fill, two: &Fill| one.least.zip(two.most).is_some_and(|(least, most)| least > most);
        past(one, two) || past(two, one)
    });
}

fn fill(case: &Case<'_>, unit: usize) -> Option<Fill> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let sample = case.labels[unit].component == Some(Component::Examples);
    if sample || words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "A day", "each day", "every day should have": of each of them.
    let of_a_day = (1..words.len())
        .any(|at| lower(at) == "day" && matches!(&*lower(at - 1), "a" | "per" | "each" | "every"));
    let (at, count) = (0..words.len()).find_map(|at| {
        let named = (at + 1..at + 3).any(|next| THINGS.contains(&&*lower(next)));
        Some((at, number(text, words[at])?)).filter(|_| named)
    })?;
    let behind = |from: usize| match (&*lower(from), &*lower(from + 1)) {
        ("at", "most" | "the") | ("max" | "maximum" | "tops", _) => {
            Some(Fill { least: None, most: Some(count) })
        }
        ("at", "least") | ("or", "more") | ("minimum", _) => Some(Fill { least: Some(count), most: None }),
        _ => None,
    };
    let before = bounded(text, words, at).map(|bound| Fill { least: bound.least, most: bound.most });
    of_a_day.then(|| before.or_else(|| (at + 2..at + 6).find_map(behind)))?
}
