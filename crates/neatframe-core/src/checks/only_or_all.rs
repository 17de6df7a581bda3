//! One of a kind alone, and all of it: "summarise only the last chapter", "cover all chapters".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, singular};
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 12;
/// Verbs that take a thing in, whichever of them is used.
const TAKES_IN: [&str; 12] = [
    "cover", "summarise", "summarize", "include", "describe", "discuss", "treat", "read", "use", "list",
    "translate", "report",
];

/// What is taken in.
struct Extent {
    verb: String,
    things: u32,
    all: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, extent, |one, two| {
        let covers = |extent: &Extent| extent.verb == "cover";
        one.things == two.things && one.all != two.all && (one.verb == two.verb || covers(one) || covers(two))
    });
}

fn extent(case: &Case<'_>, unit: usize) -> Option<Extent> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let ends = words.iter().rposition(|word| !word.is_punctuation())?;
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let verb = usize::from(lower(0) == "only");
    if !TAKES_IN.contains(&&*lower(verb)) {
        return None;
    }
    let noun = |at: usize| (at == ends).then(|| stem(&singular(&lower(at))));
    // "Only the last chapter": one of them, told apart by a word.
    let only = verb == 1 || lower(1) == "only";
    let from = 1 + verb.max(usize::from(lower(1) == "only"));
    let apart =
        matches!(&*lower(from + 1), "first" | "last" | "latest" | "newest" | "longest" | "second" | "third");
    if only && lower(from) == "the" && apart {
        return Some(Extent { verb: lower(verb).into_owned(), things: noun(from + 2)?, all: false });
    }
    let all = matches!(&*lower(1), "all" | "every" | "each");
    let from = 2 + usize::from(lower(2) == "the");
    let plain = words.get(from).is_some_and(|word| !word.is(vocabulary::STOP));
    (all && plain && !only)
        .then(|| Some(Extent { verb: lower(0).into_owned(), things: noun(from)?, all: true }))?
}
