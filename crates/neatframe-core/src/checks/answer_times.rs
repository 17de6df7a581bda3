//! How long an answer takes, told twice: "we reply within 24 hours", "an answer takes at least two weeks".

use super::{Case, Sink, durations};
use crate::component::Component;
use crate::requirement::{is_exception, number};
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence speaks of several things.
const LONG: usize = 30;
/// By how much two times must differ to be two.
const APART: u32 = 4;
/// What is waited for.
const ANSWERS: [&str; 12] = [
    "answer", "answers", "reply", "replies", "respond", "responds", "response", "responses", "answered",
    "replied", "claim", "claims",
];

/// A time in minutes, and whether it is the least.
#[derive(Clone, Copy)]
struct Time {
    minutes: u32,
    least: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut first: Option<(usize, Time)> = None;
    for unit in 0..case.units.len() {
        let words = case.words_of(unit);
        let text = case.source.text();
        let shown = case.labels[unit].component == Some(Component::Examples);
        if shown || words.len() > LONG || is_exception(text, words) {
            continue;
        }
        let Some(this) = waited(text, words) else { continue };
        match first {
            Some((earlier, that)) if earlier != unit && that.excludes(this) => {
                sink.clash(case, case.units[unit].text, case.units[earlier].text);
                return;
            }
            Some(_) => {}
            None => first = Some((unit, this)),
        }
    }
}

impl Time {
    fn excludes(self, other: Time) -> bool {
        let (low, high) = (self.minutes.min(other.minutes), self.minutes.max(other.minutes));
        let apart = high - low > low / APART;
        match (self.least, other.least) {
            (false, false) => apart,
            (true, true) => false,
            (true, false) => self.minutes > other.minutes && apart,
            (false, true) => other.minutes > self.minutes && apart,
        }
    }
}

/// "Reply within 24 hours", "an answer takes ten days".
fn waited(text: &str, words: &[Word]) -> Option<Time> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let (at, minutes) = (0..words.len()).find_map(|at| Some((at, span_of_time(text, words, at)?)))?;
    let near = at.saturating_sub(4)..at;
    let led = near.clone().any(|at| matches!(&*lower(at), "within" | "takes" | "take" | "in" | "allow"));
    let least = near.clone().any(|at| matches!(&*lower(at), "least" | "allow"));
    let speaks = (0..words.len()).any(|at| ANSWERS.contains(&&*lower(at)));
    // "If you get no answer within two days, call again" is about the guest; "older than 14 days" is an age.
    let of_another =
        near.into_iter().any(|at| matches!(&*lower(at), "than" | "before" | "ago" | "last" | "every"));
    (led && speaks && !of_another).then_some(Time { minutes, least })
}

/// "24 hours", "one day", "two weeks", in minutes.
fn span_of_time(text: &str, words: &[Word], at: usize) -> Option<u32> {
    const DAY: u32 = 24 * 60;
    if let Some((_, minutes)) = durations::span_of_time(text, words, at) {
        return Some(minutes);
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let count = match &*lower(at) {
        "a" | "an" => 1,
        _ => number(text, *words.get(at)?)?,
    };
    let working = usize::from(matches!(&*lower(at + 1), "working" | "business" | "full"));
    let unit = match &*lower(at + 1 + working) {
        "day" | "days" => DAY,
        "week" | "weeks" => 7 * DAY,
        "month" | "months" => 30 * DAY,
        _ => return None,
    };
    count.checked_mul(unit)
}
