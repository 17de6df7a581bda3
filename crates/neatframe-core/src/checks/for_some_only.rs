//! Things that only some may have, handed to everybody: "discounts are for members only", "give anybody 10 percent off".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence is not looked at.
const LONG: usize = 20;
/// Verbs of handing out.
const GIVES: [&str; 7] = ["give", "offer", "grant", "send", "hand", "promise", "issue"];

struct Handed {
    thing: u32,
    to_all: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, handed, |one, two| one.thing == two.thing && one.to_all != two.to_all);
}

fn handed(case: &Case<'_>, unit: usize) -> Option<Handed> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let sample = case.labels[unit].component == Some(Component::Examples);
    if sample || words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let named = |at: usize| rivals::noun(text, words, at);
    // "Discounts are for members only", "refunds are only for members".
    let is = (1..words.len().min(4)).find(|&at| matches!(&*lower(at), "are" | "is"));
    let only = is.is_some_and(|is| {
        let end = (is..words.len()).find(|&at| words[at].is_punctuation()).unwrap_or(words.len());
        let told = (is + 1..end).any(|at| matches!(&*lower(at), "only" | "solely" | "exclusively"));
        told && matches!(&*lower(is + 1), "for" | "only" | "reserved")
            && (is + 1..end).any(|at| lower(at) == "for")
    });
    if let Some(is) = is.filter(|_| only) {
        return named(is - 1).map(|thing| Handed { thing, to_all: false });
    }
    let gives = GIVES.contains(&&*lower(0)) && !words.iter().any(|word| word.is(vocabulary::NEGATION));
    let to_all = words.iter().any(|word: &Word| {
        matches!(&*word.lower(text), "anybody" | "anyone" | "everybody" | "everyone" | "whoever")
    });
    if !gives || !to_all || is_exception(text, words) {
        return None;
    }
    // "10 percent off" is a discount.
    let off = (1..words.len()).find(|&at| lower(at) == "off" && matches!(&*lower(at - 1), "percent" | "%"));
    let thing = match off {
        Some(_) => stem("discount"),
        None => (1..words.len().min(5)).rev().find_map(|at| {
            let ends = matches!(&*lower(at + 1), "to" | "for") || words.get(at + 1)?.is_punctuation();
            named(at).filter(|_| ends)
        })?,
    };
    Some(Handed { thing, to_all: true })
}
