//! A deed that somebody has to agree to first, told twice: "ask the guest before you cancel a trip", "never cancel a trip without
//! the guest's consent".

use super::told_again;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Words of a clause that says that somebody agrees. Sorted.
const AGREES: [&str; 32] = [
    "accepted", "accepts", "agree", "agreed", "agreement", "agrees", "allow", "allowed", "allows",
    "approval", "approve", "approved", "approves", "ask", "asked", "asking", "asks", "authorisation",
    "authorised", "authorization", "authorized", "checking", "confirm", "confirmation", "confirmed",
    "confirming", "confirms", "consent", "consents", "go-ahead", "okay", "permission",
];

/// Words with which a demand to ask somebody begins. Sorted.
const OPENS: [&str; 11] =
    ["always", "ask", "check", "get", "have", "obtain", "request", "require", "seek", "wait", "you"];

/// Words that part the deed from the consent.
const PARTS: [&str; 9] = ["without", "unless", "until", "before", "after", "when", "once", "if", "with"];

/// The longest demand that is read, in words, and how many are remembered.
const LONG: usize = 26;
const MOST: usize = 64;

/// Each demand to have a deed agreed to that an earlier one made. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let same = |one: &Vec<u32>, two: &Vec<u32>| {
        let (few, many) = if one.len() <= two.len() { (one, two) } else { (two, one) };
        // "Never delete anything without a yes": a deed alone is the same deed only.
        one == two || few.len() >= 2 && few.iter().all(|stem| many.contains(stem))
    };
    told_again(words, spans, MOST, |demand| deed(text, demand), same)
}

/// What has to be agreed to first, as stems.
fn deed(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    if words.len() > LONG || words.first()?.is(vocabulary::CONDITION) {
        return None;
    }
    let lower = |at: usize| words[at].lower(text);
    let is = |at: usize, list: &[&str]| list.contains(&&*lower(at));
    let agrees = |range: &[Word]| range.iter().any(|word| AGREES.binary_search(&&*word.lower(text)).is_ok());
    let stems = |range: &[Word]| -> Vec<u32> {
        let says = |word: &&Word| {
            !word.is_punctuation()
                && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::PERSON)
                && !matches!(
                    &*word.lower(text),
                    "only" | "anything" | "ever" | "proceed" | "going" | "carry" | "out"
                )
        };
        // British and American spellings, and the noun.
        let read = |word: &Word| match &*word.lower(text) {
            lower if lower.starts_with("cancel") => stem("cancel"),
            lower => stem(lower),
        };
        range.iter().filter(says).map(read).collect()
    };
    let ban =
        (0..words.len().min(2)).find(|&at| words[at].is(vocabulary::NEGATION) || is(at, &["never", "don't"]));
    let part = |from: usize, list: &[&str]| (from..words.len()).find(|&at| is(at, list));
    let found = match ban {
        // "Never cancel a trip without consent."
        Some(ban) => {
            let at = part(ban + 2, &PARTS[..4])?;
            agrees(&words[at..]).then(|| stems(&words[ban + 1..at]))?
        }
        // "Ask the guest before you cancel a trip."
        None if OPENS.binary_search(&&*lower(0)).is_ok() => {
            let at = part(1, &["before"])?;
            let end = (at..words.len()).find(|&at| words[at].is_punctuation()).unwrap_or(words.len());
            let asked = (0..at).find(|&at| is(at, &["ask", "check"]));
            let asks = match asked {
                // "Check the totals before you answer", "ask for the name before you cancel a trip".
                Some(verb) => {
                    let of = part(verb + 1, &["for", "about", "which", "what", "whether", "how", "who"]);
                    let bare = of.is_none_or(|of| of > at) && is(verb, &["ask"]);
                    bare || part(verb + 1, &["with"]).is_some_and(|with| with < at)
                        || agrees(&words[verb + 1..at])
                }
                None => agrees(&words[..at]),
            };
            asks.then(|| stems(&words[at + 1..end]))?
        }
        None => {
            let modal = (1..words.len().min(6))
                .find(|&at| words[at].is(vocabulary::MODAL) || is(at, &["requires", "needs"]))?;
            // "Cancelling a trip requires consent", "a trip may only be cancelled after the guest has agreed".
            let end = match is(modal, &["requires", "needs"]) {
                true => modal,
                false => part(modal, &["only"]).and_then(|only| part(only, &PARTS))?,
            };
            agrees(&words[end..]).then(|| stems(&words[..end]))?
        }
    };
    Some(found).filter(|stems| !stems.is_empty())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn a_deed_that_somebody_agrees_to_first() {
        assert!(AGREES.is_sorted() && OPENS.is_sorted());
        let never = "Never cancel a trip without the guest's consent.";
        assert!(again(never, "Ask the guest before you cancel a trip."));
        assert!(again("Do not cancel a trip unless the guest confirms it.", never));
        assert!(again(never, "A trip may only be cancelled after the guest has agreed."));
        assert!(again(never, "Cancelling a trip requires the guest's approval."));
        assert!(again("Never delete anything without approval.", "Ask the guest before deleting anything."));
        assert!(!again(never, "Ask the guest before you book a trip."));
        assert!(again("Check with the guest before you cancel a trip.", never));
        assert!(!again("Check the dates before you cancel a trip.", never));
        assert!(!again(
            "Ask for the dates before you cancel a trip.",
            "Ask for the name before you cancel a trip."
        ));
        assert!(!again(never, "Never cancel a trip without a reason."));
        assert!(!again(never, "Ask the guest for the day of the trip."));
    }
}
