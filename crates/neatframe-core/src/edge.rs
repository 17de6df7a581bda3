//! With what each of some parts opens, or ends: "start every bullet with a verb", "each bullet begins with the name of the office".

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, singular};
use crate::words::Word;
use std::borrow::Cow;

/// A part, which of its ends is meant, and the stem of what stands there.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct Edge {
    pub(crate) part: String,
    pub(crate) opens: bool,
    pub(crate) with: u32,
}

/// The edge that a sentence speaks of; none where it names a case or rules something out.
pub(crate) fn edge(text: &str, words: &[Word]) -> Option<Edge> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if is_exception(text, words) || words.iter().any(|word| word.is(vocabulary::NEGATION)) {
        return None;
    }
    let side = |word: &str| match word {
        "start" | "begin" | "open" | "starts" | "begins" | "opens" => Some(true),
        "end" | "close" | "finish" | "ends" | "closes" | "finishes" => Some(false),
        _ => None,
    };
    let general = |at: usize| matches!(&*lower(at), "every" | "each" | "all");
    // "Start every bullet with …", "each bullet starts with …".
    let (opens, part, from) = if let Some(opens) = side(&lower(0)).filter(|_| general(1)) {
        (opens, 2, 3)
    } else if general(0) {
        (side(&lower(2))?, 1, 3)
    } else if matches!(&*lower(0), "the") && matches!(&*lower(1), "first" | "last") && lower(3) == "of" {
        // "The last line of each answer is a question."
        let opens = lower(1) == "first";
        let is = (5..words.len().min(8)).find(|&at| matches!(&*lower(at), "is" | "names" | "gives"))?;
        (opens, is - 1, is)
    } else {
        return None;
    };
    let from = if lower(from) == "with" || lower(from) == "is" { from + 1 } else { return None };
    let ends = |word: &Word| {
        word.is_punctuation() || matches!(&*word.lower(text), "of" | "that" | "in" | "and" | "for" | "from")
    };
    let thing = &words[from..];
    let thing = &thing[..thing.iter().position(ends).unwrap_or(thing.len())];
    let head = thing.last().filter(|word| thing.len() <= 4 && !word.is(vocabulary::STOP))?;
    Some(Edge { part: singular(&lower(part)), opens, with: stem(&head.lower(text)) })
}
