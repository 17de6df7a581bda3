//! Which of two texts is right where they differ, told twice and not alike: "if the caption and the draft disagree, follow the
//! caption", "where the draft contradicts the caption, believe the draft".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 26;
/// Words that say that two texts do not go together.
const DIFFER: [&str; 12] = [
    "disagree", "disagrees", "differ", "differs", "contradict", "contradicts", "conflict", "conflicts",
    "clash", "clashes", "diverge", "deviates",
];
/// Verbs of what is believed, before its name.
const BELIEVE: [&str; 9] = ["follow", "believe", "trust", "use", "take", "keep", "prefer", "favour", "favor"];
/// Verbs of what is believed, behind its name.
const WINS: [&str; 7] = ["wins", "prevails", "counts", "decides", "governs", "holds", "win"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, trusted, |one, two| {
        let crossed = one.named.contains(&two.right) && two.named.contains(&one.right);
        one.right != two.right && (crossed || one.named.is_empty() && two.named.is_empty())
    });
}

/// The text that is right.
struct Trusted {
    right: u32,
    /// What the case names, by stems.
    named: Vec<u32>,
}

fn trusted(case: &Case<'_>, unit: usize) -> Option<Trusted> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let unlike = |at: usize| {
        DIFFER.contains(&&*lower(at))
            || matches!(&*lower(at), "match" | "agree")
                && (at.saturating_sub(2)..at).any(|at| words[at].is(vocabulary::NEGATION))
    };
    let cue = (1..words.len()).find(|&at| unlike(at))?;
    let opens =
        (0..cue).find(|&at| matches!(&*lower(at), "if" | "when" | "where" | "whenever" | "in" | "should"))?;
    // The case stands first up to a comma, or last.
    let first = opens <= 1;
    let end = match first {
        true => (cue + 1..words.len()).find(|&at| words[at].is_punctuation())?,
        false => words.len(),
    };
    let order = if first { end + 1..words.len() } else { 0..opens };
    let noun = |from: usize| {
        let skips =
            |at: &usize| matches!(&*lower(*at), "the" | "what" | "its" | "your" | "on" | "with" | "always");
        let at = (from..words.len()).find(|at| !skips(at))?;
        rivals::noun(text, words, at)
    };
    let right = order.clone().find_map(|at| {
        let leads =
            matches!(&*lower(at), "rely" | "go" | "stick") && matches!(&*lower(at + 1), "on" | "with" | "to");
        let takes = leads || BELIEVE.contains(&&*lower(at));
        let wins = WINS.contains(&&*lower(at)) || lower(at) == "takes" && lower(at + 1) == "precedence";
        match () {
            () if takes => noun(at + 1 + usize::from(leads)),
            () if wins && at > order.start => rivals::noun(text, words, at - 1),
            () => None,
        }
    })?;
    let named = words[opens..end]
        .iter()
        .filter(|word| !word.is(vocabulary::STOP | vocabulary::NEGATION) && !word.is_punctuation())
        .filter(|word| !DIFFER.contains(&&*word.lower(text)))
        .filter(|word| !matches!(&*word.lower(text), "case" | "doubt" | "match" | "agree"))
        .map(|word| stem(&word.lower(text)))
        .collect();
    Some(Trusted { right, named })
}
