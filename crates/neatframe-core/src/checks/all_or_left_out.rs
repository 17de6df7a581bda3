//! Everything of a kind, and some of it left out: "list every entry", "leave out anything that was settled".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, singular};
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 14;
/// Verbs that take each of a kind in, and verbs that leave some out.
const TAKES_IN: [&str; 8] = ["include", "list", "report", "mention", "cover", "record", "keep", "name"];
const LEAVES_OUT: [&str; 5] = ["omit", "skip", "drop", "ignore", "exclude"];

/// What is taken in whole, or left out in part.
enum Extent {
    All(u32),
    /// None for "anything that was settled".
    Without(Option<u32>),
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, extent, |one, two| match (one, two) {
        (Extent::All(all), Extent::Without(some)) | (Extent::Without(some), Extent::All(all)) => {
            some.is_none_or(|some| some == *all)
        }
        _ => false,
    });
}

fn extent(case: &Case<'_>, unit: usize) -> Option<Extent> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let verb = usize::from(matches!(&*lower(0), "please" | "always"));
    let noun = |at: usize| {
        let word = words.get(at)?;
        let names = !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP);
        names.then(|| stem(&singular(&lower(at))))
    };
    // "Every entry of the log"; "every entry that is open" is a part of them.
    if TAKES_IN.contains(&&*lower(verb)) && matches!(&*lower(verb + 1), "every" | "each" | "all") {
        let at = verb + 2 + usize::from(matches!(&*lower(verb + 2), "the" | "single"));
        let narrowed =
            words.iter().any(|word| matches!(&*word.lower(text), "that" | "which" | "who" | "with"));
        let ends = words.get(at + 1).is_none_or(|next| {
            next.is_punctuation() || &*next.lower(text) == "of" || &*next.lower(text) == "in"
        });
        return noun(at).filter(|_| ends && !narrowed).map(Extent::All);
    }
    let out = lower(verb) == "leave" && lower(verb + 1) == "out";
    if !out && !LEAVES_OUT.contains(&&*lower(verb)) {
        return None;
    }
    let at = verb + 1 + usize::from(out);
    let rest = words.get(at + 1..)?;
    let that = rest.iter().position(|word| matches!(&*word.lower(text), "that" | "which"));
    match &*lower(at) {
        "anything" | "everything" | "whatever" => {
            let settled = |word: &Word| DONE.contains(&&*word.lower(text));
            rest.iter().any(settled).then_some(Extent::Without(None))
        }
        "all" | "any" | "the" => {
            noun(at + 1).filter(|_| that == Some(1)).map(|thing| Extent::Without(Some(thing)))
        }
        _ => noun(at).filter(|_| that == Some(0)).map(|thing| Extent::Without(Some(thing))),
    }
}

/// What is over has no place in "anything that was settled".
const DONE: [&str; 11] = [
    "settled", "solved", "resolved", "done", "closed", "finished", "answered", "cancelled", "fixed",
    "repaired", "minor",
];
