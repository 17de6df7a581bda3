//! A whole that is over before each of its parts has had its time: "the video lasts 60 seconds", "ten seconds for each of the eight
//! rooms".

use super::{Case, Sink};
use crate::requirement::{is_exception, number};
use crate::words::Word;
use std::borrow::Cow;

/// What has a length of time as a whole.
const WHOLES: [&str; 20] = [
    "video", "film", "clip", "tour", "lesson", "session", "talk", "visit", "podcast", "episode", "workshop",
    "meeting", "walk", "show", "class", "presentation", "trip", "interview", "quiz", "exam",
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let firm = |unit: &usize| !is_exception(text, case.words_of(*unit));
    let whole = (0..case.units.len())
        .filter(|unit| {
            !matches!(case.labels[*unit].component, None | Some(crate::component::Component::Examples))
        })
        .filter(firm)
        .find_map(|unit| Some((unit, whole(text, case.words_of(unit))?)));
    let Some((of_whole, most)) = whole else { return };
    let needs =
        |unit: &usize| *unit != of_whole && each(text, case.words_of(*unit)).is_some_and(|all| all > most);
    if let Some(unit) = case.demands().filter(firm).find(needs) {
        sink.clash(case, case.units[unit].text, case.units[of_whole].text);
    }
}

/// "The tour takes two hours": in seconds.
fn whole(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (1..words.len()).find(|&at| {
        matches!(&*lower(at), "takes" | "lasts" | "is" | "runs") && WHOLES.contains(&&*lower(at - 1))
    })?;
    if lower(at + 1) == "at" && lower(at + 2) == "least" {
        return None;
    }
    (at + 1..at + 5).find_map(|at| seconds(text, words, at))
}

/// "Stay an hour at each of the four stops": what that makes, in seconds.
fn each(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (0..words.len()).find(|&at| {
        lower(at) == "each"
            && lower(at + 1) == "of"
            && matches!(&*lower(at + 2), "the" | "our" | "these" | "its")
    })?;
    let count = number(text, *words.get(at + 3)?)?;
    let time = (0..words.len()).filter(|near| near.abs_diff(at) > 3 || *near < at);
    time.filter_map(|near| seconds(text, words, near)).next().map(|time| time.saturating_mul(count))
}

/// "60 seconds", "two hours", "an hour", from a place on.
pub(super) fn seconds(text: &str, words: &[Word], at: usize) -> Option<u32> {
    let word = *words.get(at)?;
    let count = match &*word.lower(text) {
        "a" | "an" => 1,
        _ => number(text, word)?,
    };
    let unit = match &*words.get(at + 1)?.lower(text) {
        "second" | "seconds" => 1,
        "minute" | "minutes" => 60,
        "hour" | "hours" => 3600,
        _ => return None,
    };
    Some(count.saturating_mul(unit))
}

#[cfg(test)]
mod tests {
    use super::{each, whole};
    use crate::words::Words;

    #[test]
    fn times_of_parts_and_of_the_whole() {
        let read = |text: &'static str| Words::read(text, 0);
        let text = "The video lasts 60 seconds.";
        assert_eq!(whole(text, read(text).all()), Some(60));
        let text = "Show each of the eight rooms for ten seconds.";
        assert_eq!(each(text, read(text).all()), Some(80));
        let text = "Stay an hour at each of the four stops.";
        assert_eq!(each(text, read(text).all()), Some(4 * 3600));
        let text = "The tour takes at least two hours.";
        assert_eq!(whole(text, read(text).all()), None);
    }
}
