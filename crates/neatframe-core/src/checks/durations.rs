//! How long one thing takes, told twice: "homework of ten minutes", "homework takes about half an hour".

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// How long a thing takes, in minutes.
struct Lasting {
    unit: usize,
    thing: u32,
    /// The word before the thing: "park" in "the park lesson".
    led_by: Option<u32>,
    minutes: u32,
    /// "At most", "under": the least is open.
    most: bool,
    /// "At least": the most is open.
    least: bool,
    /// It is a limit for the reply itself.
    of_the_reply: bool,
    /// "No lesson", "each lesson": whichever it is.
    of_any: bool,
    span: Span,
}

/// How many are compared.
const MOST: usize = 32;
/// Words from which a sentence speaks of several things.
const LONG: usize = 32;
/// By how much two lengths of time must differ to be two.
const APART: u32 = 4;

/// Reports a thing that is given two lengths of time.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut said: Vec<Lasting> = Vec::new();
    for unit in 0..case.units.len() {
        let kind = case.units[unit].kind;
        let shown = matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn);
        let words = case.words_of(unit);
        let text = case.source.text();
        if shown
            || said.len() >= MOST
            || words.len() > LONG
            || case.labels[unit].component == Some(Component::Examples)
            || is_exception(text, words)
        {
            continue;
        }
        let Some(this) = lasting(text, unit, words) else { continue };
        let rival = said.iter().find(|that| that.clashes(&this, case));
        if let Some(that) = rival {
            let line = case.source.position(that.span.start()).line;
            let message = format!(
                "`{}` stands against `{}` (line {line})",
                case.shown(this.span),
                case.shown(that.span)
            );
            sink.report(this.span, message, "keep one length of time").related.push(that.span);
        }
        said.push(this);
    }
}

impl Lasting {
    fn clashes(&self, other: &Lasting, case: &Case<'_>) -> bool {
        let (low, high) = (self.minutes.min(other.minutes), self.minutes.max(other.minutes));
        let apart = high - low > low / APART;
        // What stays below a limit keeps it.
        let within = |one: &Lasting, other: &Lasting| {
            one.most && (other.minutes <= one.minutes || other.most)
                || one.least && (other.minutes >= one.minutes || other.least)
        };
        let fits = within(self, other) || within(other, self);
        let items = case.units[self.unit].block == case.units[other.unit].block
            && matches!(case.units[self.unit].kind, UnitKind::Item { .. } | UnitKind::Field);
        let whole = self.of_the_reply && other.of_the_reply;
        // "No lesson is longer than an hour", "the park lesson takes two hours".
        let past = |cap: &Lasting, one: &Lasting| {
            cap.most && cap.of_any && !one.of_any && !one.most && one.minutes > cap.minutes
        };
        if self.thing == other.thing && (past(self, other) || past(other, self)) {
            return true;
        }
        self.thing == other.thing && self.led_by == other.led_by && apart && !fits && (!items || whole)
    }
}

/// The first thing in a sentence whose length of time is told.
fn lasting(text: &str, unit: usize, words: &[Word]) -> Option<Lasting> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let (from, to, minutes) = (0..words.len()).find_map(|at| {
        let (length, minutes) = span_of_time(text, words, at)?;
        Some((at, at + length, minutes))
    })?;
    let limits = ["most", "than", "under", "below", "to", "within", "maximum", "max", "exceed"];
    let near = from.saturating_sub(3)..from;
    let most = near.clone().any(|at| limits.contains(&&*lower(at)));
    let least = near.clone().any(|at| lower(at) == "least");
    if let Some((most, least)) = of_the_reply(text, words, (from, to)) {
        let span = words[from].span().cover(words[to - 1].span());
        return Some(Lasting {
            unit,
            thing: stem("it"),
            led_by: None,
            minutes,
            most,
            least,
            of_the_reply: true,
            of_any: false,
            span,
        });
    }
    let before = (0..from).rev().find(|&at| {
        !limits.contains(&&*lower(at))
            && !matches!(
                &*lower(at),
                "about" | "around" | "roughly" | "some" | "at" | "only" | "exactly" | "longer" | "no"
            )
    })?;
    let takes = ["takes", "take", "lasts", "last", "is", "are", "runs", "run", "of", "with"];
    let subject = takes.contains(&&*lower(before)).then(|| {
        (0..before)
            .rev()
            .find(|&at| !words[at].is(vocabulary::MODAL | vocabulary::STOP | vocabulary::NEGATION))
    });
    let behind = || (lower(to) == "of").then_some(to + 1);
    let at = subject.flatten().or_else(behind)?;
    let named = |at: usize| {
        let word = words.get(at)?;
        let plain = !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
            && word.text(text).len() > 2;
        plain.then(|| stem(&word.lower(text)))
    };
    let thing = named(at)?;
    let led_by = at.checked_sub(1).filter(|&at| !words[at].is(vocabulary::VERB)).and_then(named);
    (!least).then(|| Lasting {
        unit,
        thing,
        led_by,
        minutes,
        most,
        least: false,
        of_the_reply: false,
        of_any: at.checked_sub(1).is_some_and(|at| matches!(&*lower(at), "no" | "each" | "every" | "any")),
        span: words[at.min(from)].span().cover(words[at.max(to - 1)].span()),
    })
}

/// "It should last at least ten minutes", "3 minutes tops": a limit for the reply itself, at most and at least.
fn of_the_reply(text: &str, words: &[Word], (from, to): (usize, usize)) -> Option<(bool, bool)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let tops =
        matches!(&*lower(to), "tops" | "max" | "maximum") && matches!(&*lower(to + 1), "" | "." | "!" | ",");
    let opens = from <= 2 && matches!(&*lower(0), "at" | "no" | "under" | "max" | "maximum") || from == 0;
    let closes = matches!(&*lower(to), "" | "." | "!" | "because" | "since" | "," | "so")
        || lower(to) == "long" && matches!(&*lower(to + 1), "" | ".");
    let lasts = matches!(&*lower(0), "it")
        && (1..from).any(|at| matches!(&*lower(at), "last" | "take" | "run" | "be"));
    let near = from.saturating_sub(3)..from;
    let least = near.clone().any(|at| lower(at) == "least");
    let limited = least
        || tops
        || near.clone().any(|at| matches!(&*lower(at), "most" | "than" | "under" | "max" | "maximum"));
    let modal = words[..from].iter().any(|word| word.is(vocabulary::MODAL)) || lower(1) == "lasts";
    (tops || opens && closes && limited || lasts && modal && closes).then_some((!least && limited, least))
}

/// "Ten minutes", "half an hour", "an hour and a half", "two hours": how many words it takes, and minutes.
pub(super) fn span_of_time(text: &str, words: &[Word], at: usize) -> Option<(usize, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if lower(at) == "half" && lower(at + 1) == "an" && lower(at + 2) == "hour" {
        return Some((3, 30));
    }
    if lower(at) == "quarter" && lower(at + 1) == "of" && lower(at + 3) == "hour" {
        return Some((4, 15));
    }
    let and_a_half = |at: usize| lower(at) == "and" && lower(at + 1) == "a" && lower(at + 2) == "half";
    if matches!(&*lower(at), "an" | "one") && lower(at + 1) == "hour" {
        return Some(if and_a_half(at + 2) { (5, 90) } else { (2, 60) });
    }
    let count = number(text, *words.get(at)?)?;
    match &*lower(at + 1) {
        "minutes" | "minute" | "min" => Some((2, count)),
        "hours" => Some((2, count.checked_mul(60)?)),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn told(text: &str) -> Option<(u32, bool)> {
        let words = Words::read(text, 0);
        lasting(text, 0, words.within(Span::new(0, text.len()))).map(|found| (found.minutes, found.most))
    }

    #[test]
    fn lengths_of_time() {
        assert_eq!(told("Each tour has a break of ten minutes."), Some((10, false)));
        assert_eq!(told("The break takes about half an hour."), Some((30, false)));
        assert_eq!(told("The tour lasts an hour and a half."), Some((90, false)));
        assert_eq!(told("The tour takes at most two hours."), Some((120, true)));
        assert_eq!(told("Give 20 minutes of homework."), Some((20, false)));
        assert_eq!(told("I want it funny, 3 minutes tops."), Some((3, true)));
        assert_eq!(told("It should last at least ten minutes."), Some((10, false)));
    }

    #[test]
    fn no_thing_or_no_length() {
        assert_eq!(told("Two hours."), None);
        assert_eq!(told("The tour takes two boats."), None);
        assert_eq!(told("The tour takes at least two hours."), None);
    }
}
