//! Years that are to be told of and left out: "the history from 1898 to today", "skip everything before 1950".

use super::{Case, Sink, rivals};
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// What a sentence says of years.
enum Years {
    /// From the first to the last, both told; the last is open where it is today.
    Told(u32, Option<u32>),
    /// Nothing before.
    NoneBefore(u32),
    /// Nothing after.
    NoneAfter(u32),
}

/// Words from which a sentence says more than this.
const LONG: usize = 40;
/// How many words may stand between "from" and its year.
const NEAR: usize = 5;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, years, |one, two| match (one, two) {
        (Years::Told(first, _), Years::NoneBefore(year))
        | (Years::NoneBefore(year), Years::Told(first, _)) => first < year,
        (Years::Told(_, last), Years::NoneAfter(year)) | (Years::NoneAfter(year), Years::Told(_, last)) => {
            last.is_none_or(|last| last > *year)
        }
        _ => false,
    });
}

fn years(case: &Case<'_>, unit: usize) -> Option<Years> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let year = |at: usize| words.get(at).and_then(|word| year(text, word));
    let drops = match &*lower(0) {
        "skip" | "ignore" | "omit" | "drop" | "exclude" => Some(1),
        "leave" if lower(1) == "out" => Some(2),
        "nothing" => Some(0),
        _ => None,
    };
    let all = |at: usize| matches!(&*lower(at), "everything" | "anything" | "nothing" | "all" | "what");
    if let Some(from) = drops.filter(|at| all(*at)) {
        let at =
            (from + 1..from + 1 + NEAR).find(|&at| matches!(&*lower(at), "before" | "after" | "until"))?;
        let bound = year(at + 1)?;
        let after = lower(at) == "after";
        return Some(if after { Years::NoneAfter(bound) } else { Years::NoneBefore(bound) });
    }
    let from = (0..words.len()).find(|&at| lower(at) == "from")?;
    let first = (from + 1..from + 1 + NEAR).find(|&at| year(at).is_some())?;
    let to = matches!(&*lower(first + 1), "to" | "until" | "up").then_some(first + 2)?;
    let to = to + usize::from(lower(to) == "to");
    let open =
        matches!(&*lower(to), "today" | "now" | "date") || lower(to) == "the" && lower(to + 1) == "present";
    let last = year(to);
    (open || last.is_some()).then_some(Years::Told(year(first)?, last))
}

/// A number of four digits that may be a year.
fn year(text: &str, word: &Word) -> Option<u32> {
    let digits = word.text(text);
    let figure = digits.len() == 4 && digits.chars().all(|c| c.is_ascii_digit());
    figure.then(|| digits.parse().ok()).flatten().filter(|year| (1000..2200).contains(year))
}
