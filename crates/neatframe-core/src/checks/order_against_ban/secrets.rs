//! Things that are kept from somebody: "a floor of 8,100 that the guest never learns", "keep the floor secret".

use super::order::{Order, order};
use crate::words::Word;
use std::borrow::Cow;

/// Verbs of coming to know.
const LEARNS: [&str; 11] =
    ["learn", "learns", "know", "knows", "see", "sees", "hear", "hears", "find", "finds", "discover"];
/// Words that open the name of a thing.
const OPENS: [&str; 8] = ["a", "an", "the", "your", "his", "her", "its", "their"];
/// How far from each other the parts of such a sentence stand, in words.
const NEAR: usize = 8;

/// The ban on telling what a sentence keeps from somebody.
pub(super) fn of(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let denied = |from: usize| {
        (from..(from + NEAR).min(words.len())).find(|&at| {
            let verb = at + 1 + usize::from(lower(at + 1) == "ever");
            matches!(&*lower(at), "never" | "not") && LEARNS.contains(&&*lower(verb))
        })
    };
    // "A floor of 8,100 that the guest never learns".
    let relative = (1..words.len()).find_map(|at| {
        let that = matches!(&*lower(at), "that" | "which") && lower(at + 1) == "the";
        denied(at + 2).filter(|_| that)?;
        let opens = (at.saturating_sub(NEAR)..at).rfind(|&at| OPENS.contains(&&*lower(at)))?;
        Some(&words[opens + 1..at])
    });
    // "Keep the floor secret", "keep the floor to yourself".
    let kept = || {
        let secret = (2..words.len()).find(|&at| {
            matches!(&*lower(at), "secret" | "confidential" | "hidden")
                || lower(at) == "to" && lower(at + 1) == "yourself"
        })?;
        let keeps = lower(0) == "keep" && OPENS.contains(&&*lower(1));
        // "Keep a secret" names none.
        words.get(2..secret - usize::from(lower(secret - 1) == "a")).filter(|_| keeps)
    };
    // "The guest must never learn the floor".
    let told = || {
        let at = denied(2).filter(|_| lower(0) == "the")?;
        let opens = (at + 2..(at + 5).min(words.len())).find(|&at| OPENS.contains(&&*lower(at)))?;
        Some(&words[opens + 1..])
    };
    let thing = relative.or_else(kept).or_else(told)?;
    let ends = |word: &Word| word.is_punctuation() || matches!(&*word.lower(text), "of" | "that" | "which");
    let thing = &thing[..thing.iter().position(ends).unwrap_or(thing.len())];
    let first = *thing.first().filter(|_| thing.len() <= 3)?;
    let ban = order(text, unit, words, (first, "tell"), thing, (true, false));
    Some(Order { absolute: true, bounded: false, ..ban })
}
