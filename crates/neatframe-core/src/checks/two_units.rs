//! One thing in two units of measure: "give the wind in knots", "use m/s for wind".

use super::{Case, Sink, rivals};
use crate::requirement::is_exception;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 26;

/// Units of one kind, by their names; metric and imperial measures are an axis of their own.
const KINDS: [&[&[&str]]; 4] = [
    &[&["knots", "kn"], &["m/s"], &["km/h", "kph"], &["mph"], &["beaufort"]],
    &[&["seconds"], &["minutes"], &["hours"], &["milliseconds", "ms"], &["days"], &["weeks"]],
    &[&["bytes"], &["kb", "kilobytes"], &["mb", "megabytes"], &["gb", "gigabytes"]],
    &[&["bar"], &["psi"], &["hpa", "hectopascals"], &["kpa"]],
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, measured, |one, two| one.thing == two.thing && one.differs(two));
}

/// What is measured, and in which unit of which kind.
struct Measured {
    thing: u32,
    kind: usize,
    unit: usize,
}

impl Measured {
    fn differs(&self, other: &Measured) -> bool {
        self.kind == other.kind && self.unit != other.unit
    }
}

fn measured(case: &Case<'_>, unit: usize) -> Option<Measured> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "m/s" is three words.
    let named = |at: usize| {
        let slashed = (lower(at + 1) == "/").then(|| format!("{}/{}", lower(at), lower(at + 2)));
        let name = slashed.as_deref().unwrap_or(&words.get(at)?.lower(text)).to_string();
        let found = KINDS.iter().enumerate().find_map(|(kind, units)| {
            units.iter().position(|names| names.contains(&&*name)).map(|unit| (kind, unit))
        });
        found.map(|(kind, unit)| (kind, unit, at + if slashed.is_some() { 3 } else { 1 }))
    };
    (0..words.len()).find_map(|at| {
        let before = at.checked_sub(1).map(&lower).filter(|word| matches!(&**word, "in" | "use"))?;
        let (kind, unit, next) = named(at)?;
        // "In hours and minutes" is a form of its own.
        let again = lower(next) == "," && named(next + 1).is_some();
        let single = !again && !matches!(&*lower(next), "and" | "or" | "per" | "to");
        let given = |at: usize| matches!(&*lower(at), "given" | "stated" | "shown" | "written" | "expressed");
        let thing = if before == "in" {
            // "The wind in knots", "the wind is given in knots".
            let mut noun = at.checked_sub(2)?;
            noun -= usize::from(given(noun) && noun > 0);
            noun -= usize::from(matches!(&*lower(noun), "is" | "are") && noun > 0);
            rivals::noun(text, words, noun)
        } else {
            // "Use m/s for wind".
            let article = usize::from(matches!(&*lower(next + 1), "the" | "all" | "every" | "each"));
            rivals::noun(text, words, next + 1 + article).filter(|_| lower(next) == "for")
        };
        thing.filter(|_| single).map(|thing| Measured { thing, kind, unit })
    })
}
