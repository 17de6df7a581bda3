//! A thing that the reply is to hold, or not to hold, whatever the words: "use emoji", "emoji are required", "no emoji".

use crate::directive::{base, unwrapped};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::WHOLE;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// The most words of meaning that name a thing.
pub(crate) const NAME: usize = 3;

/// Verbs that put a thing into the reply.
const PUTS: [&str; 13] = [
    "include", "add", "provide", "give", "mention", "name", "use", "write", "insert", "show", "state",
    "append", "put",
];

/// Those of them that put in whatever is named behind them: "use emoji", where "name boats" asks for names.
const PUTS_ANY: [&str; 5] = ["include", "add", "use", "insert", "append"];

/// What is said of a thing that is to be there, and of one that is not.
const WANTED: [&str; 8] =
    ["required", "mandatory", "needed", "obligatory", "compulsory", "a must", "a requirement", "essential"];
const UNWANTED: [&str; 18] = [
    "forbidden", "prohibited", "banned", "disallowed", "unwelcome", "unwanted", "not allowed",
    "not permitted", "not wanted", "not welcome", "not used", "not included", "not mentioned", "never used",
    "never included", "avoided", "left out", "off limits",
];

/// Nouns that stand for the whole reply here, and for a part of it elsewhere.
const REPLIES: [&str; 4] = ["note", "copy", "draft", "tweet"];

/// A thing by its name, as stems, with the place of the name.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct Presence {
    /// The thing is not to be there.
    pub(crate) left_out: bool,
    pub(crate) name: Vec<u32>,
    pub(crate) span: Span,
}

/// What a sentence says of a thing that is to be there, or not. `words` are those of one sentence. None where the sentence says more
/// than that, so also where it names a place within the reply or a case.
pub(crate) fn presence(text: &str, words: &[Word]) -> Option<Presence> {
    let end = words.iter().rposition(|word| !word.is_punctuation())? + 1;
    // "Never use SELECT *" names a sign.
    let closed =
        words[end..].iter().all(|word| word.text(text).starts_with(['.', '!', '?', ',', ';', ':', ')', '…']));
    let words = &words[..end];
    if words.len() > NAME * 4 || !closed || words.iter().any(|word| word.is_punctuation()) {
        return None;
    }
    let directive = unwrapped(text, words).filter(|directive| directive.body.start > 0);
    let (forbids, words) =
        directive.map_or((false, words), |directive| (directive.forbids, &words[directive.body]));
    let words = without_the_whole(text, words);
    let (left_out, (name, span)) = ordered(text, words, forbids).or_else(|| told_of(text, words))?;
    Some(Presence { left_out: left_out != forbids, name, span })
}

/// "… in the note", "… in your answer", "… in it": everywhere.
pub(crate) fn without_the_whole<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let lower = |back: usize| {
        words
            .len()
            .checked_sub(back)
            .and_then(|at| words.get(at))
            .map_or(Cow::Borrowed(""), |word| word.lower(text))
    };
    let into = |word: &str| matches!(word, "in" | "into" | "from" | "of");
    if lower(1) == "it" && into(&lower(2)) {
        return &words[..words.len() - 2];
    }
    let whole = matches!(&*lower(2), "the" | "your") && is_reply(&lower(1)) && into(&lower(3));
    if whole { &words[..words.len() - 3] } else { words }
}

/// "Add a link", "do not add links", "leave links out". `bare` is true for the body of "refrain from …".
fn ordered(text: &str, words: &[Word], bare: bool) -> Option<(bool, (Vec<u32>, Span))> {
    let end = words.len();
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*lower(0), "please" | "always" | "also"));
    let left_out = |thing: &[Word]| Some((true, name(text, thing)?));
    let put_in = |thing: &[Word]| Some((false, name(text, thing)?));
    let rest = |at: usize| words.get(at..).unwrap_or_default();
    let spoken = base(&lower(from)).filter(|_| bare).map_or_else(|| lower(from), Cow::Owned);
    // "Write the text without headings".
    let without = (from + 1..end).find(|&at| lower(at) == "without");
    match (&*spoken, &*lower(from + 1)) {
        (verb, _) if PUTS.contains(&verb) && without.is_some() => left_out(rest(without? + 1)),
        ("do" | "must", "not") if PUTS.contains(&&*lower(from + 2)) => left_out(rest(from + 3)),
        ("never" | "don't" | "not", verb) if PUTS.contains(&verb) => left_out(rest(from + 2)),
        ("leave", "out") => left_out(rest(from + 2)),
        ("leave" | "keep", _) if matches!(&*lower(end - 1), "out" | "away") && end > from + 2 => {
            left_out(&words[from + 1..end - 1])
        }
        ("omit" | "no" | "avoid" | "skip" | "exclude" | "without", _) => left_out(rest(from + 1)),
        ("write" | "do" | "manage", "without") => left_out(rest(from + 2)),
        ("refrain" | "abstain" | "stay", "from") => left_out(rest(from + 2)),
        ("stay", "away") if lower(from + 2) == "from" => left_out(rest(from + 3)),
        ("put", "in") => put_in(rest(from + 2)),
        (verb, "no") if PUTS.contains(&verb) => left_out(rest(from + 2)),
        (verb, "a" | "an" | "the" | "its" | "one") if PUTS.contains(&verb) => put_in(rest(from + 1)),
        (verb, _) if PUTS_ANY.contains(&verb) => put_in(rest(from + 1)),
        ("i" | "we", "don't") if lower(from + 2) == "want" => left_out(rest(from + 3)),
        ("i" | "we", "do") if lower(from + 2) == "not" && lower(from + 3) == "want" => {
            left_out(rest(from + 4))
        }
        ("i" | "we", "want" | "need") if lower(from + 2) == "no" => left_out(rest(from + 3)),
        ("i" | "we", "want" | "need") => put_in(rest(from + 2)),
        // "Refrain from jokes."
        _ if bare => put_in(words),
        _ => None,
    }
}

/// "The mail needs a subject line", "prices are left out", "there must be no links".
fn told_of(text: &str, words: &[Word]) -> Option<(bool, (Vec<u32>, Span))> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let end = words.len();
    // "Emoji are not allowed", "jokes should be avoided".
    let is = (1..end)
        .find(|&at| matches!(&*lower(at), "are" | "is" | "should" | "must" | "may" | "shall" | "have"));
    if let Some(is) = is {
        let rest = words[is + 1..].iter().map(|word| word.lower(text)).collect::<Vec<_>>().join(" ");
        let rest = ["to be ", "be ", "strictly "]
            .iter()
            .fold(&*rest, |rest, lead| rest.strip_prefix(lead).unwrap_or(rest));
        let denied = rest.strip_prefix("not be ").map(|said| format!("not {said}"));
        let rest = denied.as_deref().unwrap_or(rest);
        let left_out = UNWANTED.contains(&rest) || rest == "kept out";
        if left_out || WANTED.contains(&rest) {
            return Some((left_out, name(text, &words[..is])?));
        }
    }
    let holder = matches!(&*lower(0), "the" | "your" | "each" | "every") && is_reply(&lower(1));
    let from = 1 + usize::from(holder);
    let has = if holder || lower(0) == "it" || lower(0) == "there" { from } else { return None };
    let verb = has + usize::from(matches!(&*lower(has), "must" | "should" | "has" | "needs"));
    let denied = lower(verb) == "not";
    let verb = verb + usize::from(lower(verb) == "to" || denied);
    let verb = if lower(verb) == "have" && lower(verb + 1) == "to" { verb + 2 } else { verb };
    let holding = |at: usize| {
        matches!(
            &*lower(at),
            "has"
                | "have"
                | "needs"
                | "need"
                | "contains"
                | "contain"
                | "includes"
                | "include"
                | "is"
                | "are"
                | "be"
                | "carries"
                | "use"
                | "uses"
        )
    };
    // "The note has links", where "the note needs to be long" tells of its length.
    let at = if holding(verb) {
        verb + 1
    } else if matches!(&*lower(has), "needs" | "has") {
        has + 1
    } else {
        return None;
    };
    let none = lower(at) == "no";
    // "The note is short" and "it is a letter" say what it is.
    let is = matches!(&*lower(at - 1), "is" | "are" | "be");
    let article = matches!(&*lower(at), "a" | "an" | "one");
    if is && lower(0) != "there" && !article {
        return None;
    }
    let thing = words.get(at + usize::from(none)..).unwrap_or_default();
    Some((none != denied, name(text, thing)?))
}

fn is_reply(word: &str) -> bool {
    WHOLE.contains(&word) || REPLIES.contains(&word)
}

/// The stems of a name of at most three words, where nothing else stands with it.
fn name(text: &str, thing: &[Word]) -> Option<(Vec<u32>, Span)> {
    let article = |word: &&Word| {
        matches!(
            &*word.lower(text),
            "a" | "an" | "the" | "any" | "all" | "its" | "your" | "one" | "every" | "each"
        )
    };
    let skipped = thing.iter().take_while(article).count();
    let thing = &thing[skipped.min(1)..];
    let other = vocabulary::STOP
        | vocabulary::CONDITION
        | vocabulary::NEGATION
        | vocabulary::MODAL
        | vocabulary::FINITE
        | vocabulary::QUOTE;
    let plain = thing.iter().all(|word| !word.is(other) && !word.is_number());
    ((1..=NAME).contains(&thing.len()) && plain).then(|| {
        (
            thing.iter().map(|word| stem(&word.lower(text))).collect(),
            thing[0].span().cover(thing[thing.len() - 1].span()),
        )
    })
}
