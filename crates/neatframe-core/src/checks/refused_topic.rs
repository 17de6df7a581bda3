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
    // "Discuss politics where it comes up": a case, yet one that "never discuss politics" rules out.
    let apart = |one: &Spoken, two: &Spoken| {
        let (ban, order) = if one.avoided { (one, two) } else { (two, one) };
        ban.avoided != order.avoided && ban.of.iter().all(|word| order.of.contains(word))
    };
    rivals::compare(case, sink, spoken_of, apart);
}

/// A subject to speak of, or to keep away from.
struct Spoken {
    of: Vec<u32>,
    avoided: bool,
}

/// "Do not discuss politics", "politics is off limits", "comment on political news".
fn spoken_of(case: &Case<'_>, unit: usize) -> Option<Spoken> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let denied = matches!(&*lower(0), "never" | "don't" | "avoid") || lower(0) == "do" && lower(1) == "not";
    let from = match &*lower(0) {
        "do" if denied => 2,
        "never" | "don't" | "avoid" | "please" | "always" => 1,
        _ => 0,
    };
    // "Politics is off limits", "stay away from politics".
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
    let off = end >= 4 && lower(end - 2) == "off" && matches!(&*lower(end - 1), "limits" | "topic");
    let away = matches!(&*lower(0), "stay" | "steer" | "keep")
        && matches!(&*lower(1), "away" | "clear" | "off")
        && matches!(&*lower(2), "from" | "of");
    let (from, to, avoided) = if off {
        (0, end - 3, true)
    } else if away {
        (3, end, true)
    } else {
        let verb = lower(from);
        let from = match &*verb {
            "discuss" | "discussing" | "debate" | "debating" => from + 1,
            "talk" | "talking" | "speak" | "speaking" if lower(from + 1) == "about" => from + 2,
            "comment" | "commenting" if lower(from + 1) == "on" => from + 2,
            _ => return None,
        };
        let ends = |at: &usize| words[*at].is_punctuation() || words[*at].is(vocabulary::CONDITION);
        (from, (from..end).find(ends).unwrap_or(end), denied)
    };
    // What a ban says of a case is no ban on the subject.
    let cased = words.iter().any(|word| word.is(vocabulary::CONDITION | vocabulary::EXCEPTION));
    let plain = |word: &&Word| {
        !word.is(vocabulary::STOP) && !word.is_number() && !matches!(&*word.lower(text), "topics" | "openly")
    };
    let stems: Vec<u32> =
        words.get(from..to)?.iter().filter(plain).map(|word| stem(&word.lower(text))).collect();
    let fits = (1..=3).contains(&stems.len()) && !(avoided && cased);
    fits.then_some(Spoken { of: stems, avoided })
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
