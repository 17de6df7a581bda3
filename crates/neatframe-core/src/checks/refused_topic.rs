//! A subject that is to be refused here and answered there: "refuse requests about rivals", "when asked about a rival, compare
//! prices".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs that turn a request away.
const REFUSES: [&str; 7] = ["refuse", "decline", "reject", "ignore", "deflect", "block", "dismiss"];
/// Nouns for what somebody asks.
const REQUESTS: [&str; 6] = ["requests", "questions", "queries", "enquiries", "inquiries", "anything"];
/// Verbs with which a refusal is put.
const PUTS_OFF: [&str; 16] = [
    "say", "tell", "reply", "answer", "respond", "refer", "point", "send", "pass", "direct", "explain",
    "refuse", "decline", "stop", "change", "steer",
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, topic, |(one, refused), (two, again)| one == two && refused != again);
}

/// The stems of what is asked about, and whether it is refused.
fn topic(case: &Case<'_>, unit: usize) -> Option<(Vec<u32>, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let about = (1..words.len().min(9)).find(|&at| matches!(&*lower(at), "about" | "on" | "for"))?;
    let rest = &words[about + 1..];
    let end = rest.iter().position(|word| word.is_punctuation()).unwrap_or(rest.len());
    let plain = |word: &&Word| !word.is(vocabulary::STOP) && !word.is_number();
    let stems: Vec<u32> = rest[..end].iter().filter(plain).map(|word| stem(&word.lower(text))).collect();
    if !(1..=3).contains(&stems.len()) {
        return None;
    }
    let before = &words[..about];
    let requests = before.last().is_some_and(|word| REQUESTS.contains(&&*word.lower(text)));
    if REFUSES.contains(&&*lower(0)) && requests && before.len() <= 3 {
        return Some((stems, true));
    }
    let never = matches!(&*lower(0), "never") || matches!((&*lower(0), &*lower(1)), ("do", "not"));
    if never && requests && before.iter().any(|word| word.lower(text) == "answer") {
        return Some((stems, true));
    }
    // "When asked about …", "if a guest asks about …": what is done then.
    let cased = matches!(&*lower(0), "if" | "when" | "whenever");
    let asks = before.iter().any(|word| matches!(&*word.lower(text), "asks" | "asked" | "ask"));
    let verb = rest.get(end + 1)?;
    let comma = rest.get(end).is_some_and(|word| word.text(text) == ",");
    let acts = verb.is(vocabulary::VERB) && !PUTS_OFF.contains(&&*verb.lower(text));
    (cased && asks && comma && acts).then_some((stems, false))
}
