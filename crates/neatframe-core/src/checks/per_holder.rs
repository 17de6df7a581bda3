//! Things dealt out in two numbers: "each player gets five cards", "deal seven cards to every player".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::requirement::{is_exception, number};
use std::borrow::Cow;

/// Words from which a sentence says more than a number.
const LONG: usize = 14;

/// Verbs of having and of handing out.
const DEALS: [&str; 14] = [
    "get", "gets", "receive", "receives", "has", "have", "deal", "deals", "give", "hand", "holds", "starts",
    "needs", "seats",
];

/// So many of a thing for each of its holders.
struct Share {
    things: u32,
    holder: u32,
    count: u32,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, share, |one, two| {
        one.things == two.things && one.holder == two.holder && one.count != two.count
    });
}

fn share(case: &Case<'_>, unit: usize) -> Option<Share> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let noun = |at: usize| rivals::noun(text, words, at);
    // A bound is no number: "at most five cards".
    let exact = !words.iter().any(|word| {
        word.is(vocabulary::NEGATION)
            || matches!(&*word.lower(text), "most" | "least" | "than" | "up" | "or" | "between" | "about")
    });
    let mut numbers = (0..words.len()).filter_map(|at| Some((at, number(text, words[at])?)));
    let (at, count) = numbers.next().filter(|_| numbers.next().is_none())?;
    let each = (0..words.len()).find(|&at| matches!(&*lower(at), "each" | "every" | "per"))?;
    let told = lower(each + 1);
    // "Each of five cards", "five cards each" name no holder.
    let named = told != "of" && each.abs_diff(at) >= 2;
    // "Draws two cards" is another thing than "gets five".
    let deals = words.iter().any(|word| DEALS.contains(&&*word.lower(text)));
    (exact && named && deals)
        .then(|| Some(Share { things: noun(at + 1)?, holder: noun(each + 1)?, count }))?
}
