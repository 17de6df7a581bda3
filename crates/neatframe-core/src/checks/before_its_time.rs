//! A deed that has to wait and is ordered at once: "never give the code before the booking is found", "give the code in your first
//! message".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 24;

/// A deed with the stem of its object, and whether it is to wait.
struct Deed {
    verb: u32,
    object: u32,
    waits: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, deed, |one, two| {
        one.verb == two.verb && one.object == two.object && one.waits != two.waits
    });
}

fn deed(case: &Case<'_>, unit: usize) -> Option<Deed> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let (waits, verb) = match (&*lower(0), &*lower(1)) {
        ("never" | "don't", _) => (true, 1),
        ("do", "not") => (true, 2),
        _ => (false, 0),
    };
    // "Before the booking is found" is no exception; "unless" is one.
    if !waits && is_exception(text, words) {
        return None;
    }
    let known = words.get(verb).filter(|word| word.is(vocabulary::VERB))?;
    let article = matches!(&*lower(verb + 1), "the" | "your" | "a" | "an");
    let end = (verb + 2..words.len()).find(|&at| match &*lower(at) {
        "before" | "until" => waits,
        "in" | "with" => !waits && first_message(&lower, at + 1),
        "at" => !waits && lower(at + 1) == "once",
        "immediately" => !waits,
        "right" | "straight" => !waits && lower(at + 1) == "away",
        _ => false,
    })?;
    let object = &words[verb + 2..end];
    let plain = |word: &Word| !word.is_punctuation() && !word.is(vocabulary::STOP) && !word.is_number();
    let head =
        object.last().filter(|_| article && (1..=3).contains(&object.len()) && object.iter().all(plain))?;
    Some(Deed { verb: stem(&known.lower(text)), object: stem(&head.lower(text)), waits })
}

/// "Your very first message".
fn first_message<'a>(lower: &impl Fn(usize) -> Cow<'a, str>, at: usize) -> bool {
    let at = at + usize::from(matches!(&*lower(at), "the" | "your"));
    let at = at + usize::from(lower(at) == "very");
    lower(at) == "first" && matches!(&*lower(at + 1), "message" | "reply" | "answer" | "turn" | "sentence")
}
