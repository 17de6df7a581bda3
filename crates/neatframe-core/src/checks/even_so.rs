//! A case that one rule takes in by name and another shuts out: "answer every mail, even spam", "do not reply to spam".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 18;
/// Verbs that shut a thing out.
const SHUTS_OUT: [&str; 7] = ["ignore", "skip", "omit", "exclude", "discard", "delete", "drop"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, taken_in, |(one, taken), (two, again)| one == two && taken != again);
}

/// The stem of the case, and whether it is taken in.
fn taken_in(case: &Case<'_>, unit: usize) -> Option<(u32, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let noun = |word: &Word| {
        let plain = !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::VERB);
        plain.then(|| stem(&word.lower(text)))
    };
    if words.len() > LONG || words.is_empty() {
        return None;
    }
    // "…, even spam", "…, including drafts".
    let opens = |at: usize| at > 2 && words[at - 1].text(text) == ",";
    let even = (0..words.len()).find(|&at| {
        opens(at) && matches!(&*lower(at), "even" | "including" | "also") && lower(at + 1) != "if"
    });
    let all = words.iter().any(|word| matches!(&*word.lower(text), "every" | "each" | "all" | "any"));
    if let Some(even) = even.filter(|_| all) {
        let from = even + 1 + usize::from(matches!(&*lower(even + 1), "the" | "to" | "in" | "for"));
        let ends = words.get(from + 1).is_none_or(|word| word.is_punctuation());
        return ends.then(|| Some((noun(words.get(from)?)?, true)))?;
    }
    // "Do not reply to spam", "skip drafts".
    let shuts = bans(&lower) > 0 || SHUTS_OUT.contains(&&*lower(0));
    let last = (0..words.len()).rfind(|&at| !words[at].is_punctuation())?;
    (shuts && last <= 5).then(|| Some((noun(&words[last])?, false)))?
}

/// How many words a ban at the head of a sentence takes: "never", "do not".
pub(super) fn bans<'a>(lower: &impl Fn(usize) -> Cow<'a, str>) -> usize {
    match &*lower(0) {
        "never" | "don't" => 1,
        "do" if lower(1) == "not" => 2,
        _ => 0,
    }
}
