//! Which of a phrase's words say nothing, and what fits in place of them.

use crate::lexicon::{Hit, PaddingKind, vocabulary};
use crate::words::Word;

/// The first and the last word of a hit that can go: "is kind of" loses "kind of" and keeps its verb.
pub(super) fn words_that_say_nothing(
    text: &str,
    words: &[Word],
    hit: &Hit,
    kind: PaddingKind,
) -> (usize, usize) {
    let lower = |at: usize| words[at].lower(text);
    // "When it comes to the fare": the article belongs to the fare.
    if kind == PaddingKind::Inflated && lower(hit.first) == "when" && lower(hit.last - 1) == "to" {
        return (hit.first, hit.last - 1);
    }
    // "You are a talented clerk": the praise, and not the persona.
    if kind == PaddingKind::Intensifier && lower(hit.first) == "you" && hit.last == hit.first + 3 {
        return (hit.last, hit.last);
    }
    if kind != PaddingKind::Filler {
        return (hit.first, hit.last);
    }
    let pair =
        (hit.first..hit.last).find(|at| matches!(&*lower(*at), "kind" | "sort") && lower(at + 1) == "of");
    if let Some(at) = pair {
        return (at, at + 1);
    }
    // "I need like a post".
    let bare = matches!(
        &*lower(hit.first),
        "need" | "needs" | "want" | "wants" | "got" | "do" | "make" | "write" | "give" | "add" | "create"
    );
    if bare && hit.first + 2 == hit.last && lower(hit.first + 1) == "like" {
        return (hit.first + 1, hit.first + 1);
    }
    // "Literally everything" is everything.
    match &*lower(hit.first) {
        "literally" | "kinda" => (hit.first, hit.first),
        _ => (hit.first, hit.last),
    }
}

/// "Found in nature", "time in nature": a place, and no empty ending as in "sequential in nature".
pub(super) fn is_a_place(text: &str, words: &[Word], hit: &Hit) -> bool {
    let nature = hit.last == hit.first + 1 && words[hit.last].lower(text) == "nature";
    let Some(before) = hit.first.checked_sub(1).map(|at| words[at]).filter(|_| nature) else { return false };
    before.is(vocabulary::VERB | vocabulary::STOP | vocabulary::FINITE)
        || matches!(
            &*before.lower(text),
            "found"
                | "live"
                | "lives"
                | "living"
                | "occurs"
                | "occur"
                | "exists"
                | "time"
                | "walks"
                | "days"
                | "people"
        )
}

/// True for "kind of" and "sort of", which govern nothing.
pub(super) fn softens(phrase: &str) -> bool {
    matches!(phrase, "kind of" | "sort of")
}

/// "… of finding a pier": no "to" goes before it.
pub(super) fn opens_with_a_gerund(behind: &str) -> bool {
    const SHORTEST: usize = 5;
    let next = behind.split(|sign: char| !sign.is_alphanumeric()).next().unwrap_or("");
    next.len() >= SHORTEST && next.ends_with("ing") && !matches!(next, "bring" | "spring" | "string")
}

/// The short form before what follows it: "most of the guests", "many of our boats".
pub(super) fn fitted<'a>(short: &'a str, behind: &str) -> &'a str {
    const DETERMINERS: [&str; 10] =
        ["the", "our", "your", "their", "its", "his", "her", "these", "those", "them"];
    let next = behind.split(|sign: char| !sign.is_alphanumeric()).next().unwrap_or("");
    match short {
        "most" if DETERMINERS.contains(&next) => "most of",
        "many" if DETERMINERS.contains(&next) => "many of",
        short => short,
    }
}
/// True where what follows a phrase is no sentence without it: its reason, or what "relies on your" needs.
pub(super) fn leaves_half(phrase: &str, behind: &str) -> bool {
    const WEIGHT: [&str; 6] = ["paramount", "crucial", "critical", "vital", "essential", "importance"];
    const REASONS: [&str; 5] = ["as", "because", "since", "which", "for"];
    let last = phrase.rsplit(' ').next().unwrap_or(phrase);
    let next = behind.trim_start_matches([',', ' ']).split(' ').next().unwrap_or("");
    WEIGHT.contains(&last) && REASONS.contains(&next) || phrase.ends_with(" on your")
}
