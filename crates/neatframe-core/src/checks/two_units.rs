//! One thing in two units of measure: "give the wind in knots", "use m/s for wind".

use super::{Case, Sink, rivals};
use crate::requirement::is_exception;
use crate::unit_names::{self, UnitName};
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 26;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, measured, |one, two| one.thing == two.thing && one.unit.is_rival(two.unit));
}

/// What is measured, and in which unit of which kind.
struct Measured {
    thing: u32,
    unit: UnitName,
}

fn measured(case: &Case<'_>, unit: usize) -> Option<Measured> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let before = at.checked_sub(1).map(&lower).filter(|word| matches!(&**word, "in" | "use"))?;
        let (unit, next) = unit_names::read(text, words, at)?;
        // "In hours and minutes" is a form of its own.
        let again = lower(next) == "," && unit_names::read(text, words, next + 1).is_some();
        let single = !again && !matches!(&*lower(next), "and" | "or" | "per" | "to");
        let given = |at: usize| matches!(&*lower(at), "given" | "stated" | "shown" | "written" | "expressed");
        let thing = if before == "in" {
            // "The wind in knots", "the wind is given in knots".
            let mut noun = at.checked_sub(2)?;
            noun -= usize::from(given(noun) && noun > 0);
            noun -= usize::from(matches!(&*lower(noun), "is" | "are" | ",") && noun > 0);
            rivals::noun(text, words, noun)
        } else {
            // "Use m/s for wind".
            let article = usize::from(matches!(&*lower(next + 1), "the" | "all" | "every" | "each"));
            rivals::noun(text, words, next + 1 + article).filter(|_| lower(next) == "for")
        };
        thing.filter(|_| single).map(|thing| Measured { thing, unit })
    })
}
