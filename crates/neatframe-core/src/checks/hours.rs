//! Hours of the day that cannot both be kept: "start at 7", where nothing is to begin before nine.

use super::{Case, Check, Meta, Sink, days};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// Something is to begin before, or to end after, the hours that the prompt allows.
pub(super) struct Hours;

static HOURS: Meta = Meta {
    id: "clashing-hours",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "an hour or a day outside those that another rule allows",
    write: "Hours that fit: \"Begin at 9:00; nothing earlier.\"",
    on: true,
    english: true,
    why: "A plan can keep one of the two only.",
    bad: &[
        "Plan the trip. Every day starts at 7. Nobody gets up before nine.",
        "Plan the evening. The dinner ends at 23:00. Nothing may last beyond 22:00.",
        "Plan the move. The van has to be back by 18:00. Return the van at 20:00.",
        "Plan the trip. No boat leaves before 9:30. The first boat leaves at 8:15.",
        "The caretaker works from Monday to Thursday. Offer a visit of the caretaker on Friday.",
    ],
    good: &[
        "Plan the trip. Every day starts at 9:30. Nobody gets up before nine.",
        "Plan the trip. On Sunday the day starts at 7. On Monday nobody gets up before nine.",
        "Nothing starts before 9. Start at step 3.",
        "The office opens at 8:00. No dogs are let in before 10:00.",
        "The first boat leaves at 7:10. Never call guests before nine.",
        "Plan the move. The van has to be back by 18:00. Return the keys at 20:00.",
        "The caretaker works from Monday to Thursday. Offer a visit of the caretaker on Tuesday.",
        "The caretaker works from Monday to Thursday. Send the list to the office on Friday.",
    ],
};

impl Check for Hours {
    fn meta(&self) -> &'static Meta {
        &HOURS
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut said: Vec<Hour> = Vec::new();
        for (unit, label) in case.labels.iter().enumerate() {
            let words = case.words_of(unit);
            let sample = label.component == Some(crate::component::Component::Examples);
            // A day by name has hours of its own.
            let days = words
                .iter()
                .any(|word| days::weekday(text, word).is_some() || word.lower(text).starts_with("weekend"));
            if sample || words.len() > LONG || said.len() >= MOST || days || is_exception(text, words) {
                continue;
            }
            for (kind, minutes, span) in hours_in(text, words) {
                let means = |word: &&Word| {
                    let all = matches!(&*word.lower(text), "nothing" | "nobody");
                    let plain = !word.is(vocabulary::STOP | vocabulary::VERB | vocabulary::MODAL);
                    !word.is_punctuation() && !word.is_number() && (plain || all)
                };
                let things = words.iter().filter(means).map(|word| stem(&word.lower(text))).collect();
                let hour = Hour { unit, kind, minutes, span, things };
                if let Some(earlier) =
                    said.iter().find(|earlier| earlier.unit != unit && earlier.clashes(&hour))
                {
                    let line = case.source.position(earlier.span.start()).line;
                    let (two, one) = (case.shown(span), case.shown(earlier.span));
                    let message = format!("`{two}` and `{one}` (line {line}) cannot both be kept");
                    sink.report(span, message, "keep one of the two hours").related.push(earlier.span);
                }
                said.push(hour);
            }
        }
        days::run(case, sink);
    }
}

/// Sentences longer than this, in words, speak of more than one thing.
const LONG: usize = 30;
/// How many hours are compared.
const MOST: usize = 32;
#[derive(Clone, Copy, PartialEq)]
enum Kind {
    Begins,
    Ends,
    NotBefore,
    NotAfter,
    /// "Back by 18:00": the deadline of one thing.
    By,
}

struct Hour {
    unit: usize,
    kind: Kind,
    minutes: u32,
    span: Span,
    /// Stems of the words that mean something in the sentence.
    things: Vec<u32>,
}

impl Hour {
    /// "No dogs before 10" says nothing of the office that opens at 8: the two name one thing, or one is about everything.
    fn is_on_the_same(&self, other: &Hour) -> bool {
        let shared = self.things.iter().any(|thing| other.things.contains(thing));
        let day = ["day", "nobody", "morning", "evening", "night", "bed"].map(stem);
        let of_the_day = |hour: &Hour| hour.things.iter().any(|thing| day.contains(thing));
        let all = |hour: &Hour| hour.things.contains(&stem("nothing"));
        shared || of_the_day(self) && of_the_day(other) || all(self) || all(other)
    }

    fn clashes(&self, other: &Hour) -> bool {
        let apart = match (self.kind, other.kind) {
            (Kind::Begins, Kind::NotBefore) => self.minutes < other.minutes,
            (Kind::NotBefore, Kind::Begins) => other.minutes < self.minutes,
            (Kind::Ends, Kind::NotAfter | Kind::By) => self.minutes > other.minutes,
            (Kind::NotAfter | Kind::By, Kind::Ends) => other.minutes > self.minutes,
            _ => false,
        };
        apart && self.is_on_the_same(other)
    }
}

/// The hours that a sentence sets.
fn hours_in(text: &str, words: &[Word]) -> Vec<(Kind, u32, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let negated = |at: usize| {
        words[..at].iter().rev().take_while(|word| !word.is(vocabulary::STOP_MARK)).take(8).any(|word| {
            word.is(vocabulary::NEGATION) || matches!(&*word.lower(text), "nobody" | "nothing" | "no")
        })
    };
    let begins = |at: usize| {
        words[at.saturating_sub(4)..at].iter().any(|word| {
            matches!(
                &*word.lower(text),
                "start" | "starts" | "begin" | "begins" | "leave" | "leaves" | "opens"
            )
        })
    };
    let ends = |at: usize| {
        words[at.saturating_sub(4)..at].iter().any(|word| {
            matches!(
                &*word.lower(text),
                "end"
                    | "ends"
                    | "finish"
                    | "finishes"
                    | "closes"
                    | "last"
                    | "lasts"
                    | "return"
                    | "deliver"
                    | "arrive"
                    | "arrives"
            )
        })
    };
    let mut found = Vec::new();
    for at in 0..words.len().saturating_sub(1) {
        let (kind, from) = match &*lower(at) {
            "before" if negated(at) => (Kind::NotBefore, at + 1),
            "earlier" if lower(at + 1) == "than" && negated(at) => (Kind::NotBefore, at + 2),
            "after" | "beyond" | "past" if negated(at) => (Kind::NotAfter, at + 1),
            "by" => (Kind::By, at + 1),
            "later" if lower(at + 1) == "than" && negated(at) => (Kind::NotAfter, at + 2),
            "at" if begins(at) && !negated(at) => (Kind::Begins, at + 1),
            "at" | "until" if ends(at) && !negated(at) => (Kind::Ends, at + 1),
            _ => continue,
        };
        if let Some((minutes, last)) = time(text, words, from) {
            found.push((kind, minutes, words[at].span().cover(words[last].span())));
        }
    }
    found
}

/// A time of day, `7`, `nine`, `9:30`, `7 pm`: its minutes from midnight, and its last word.
pub(super) fn time(text: &str, words: &[Word], at: usize) -> Option<(u32, usize)> {
    let word = words.get(at)?;
    let shown = word.text(text);
    let (hour, minutes) = match shown.split_once([':', '.']) {
        Some((hour, minutes)) if minutes.len() == 2 => (hour.parse().ok()?, minutes.parse().ok()?),
        Some(_) => return None,
        None => (number(text, *word)?, 0),
    };
    let next = words.get(at + 1).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let (half, last) = match &*next {
        "am" | "a.m" => (Some(0), at + 1),
        "pm" | "p.m" => (Some(12), at + 1),
        "o'clock" => (None, at + 1),
        _ => (None, at),
    };
    // "At 7 different piers", "at step 3": a number that counts is no hour.
    let alone = half.is_some()
        || last > at
        || shown.contains(':')
        || words.get(at + 1).is_none_or(|next| {
            next.is_punctuation()
                || matches!(&*next.lower(text), "and" | "or" | "in" | "on" | "every" | "each" | "with")
        });
    let hour: u32 = match half {
        Some(half) if hour <= 12 => hour % 12 + half,
        _ => hour,
    };
    let minutes: u32 = minutes;
    (alone && hour < 25 && minutes < 60).then_some((hour * 60 + minutes, last))
}
