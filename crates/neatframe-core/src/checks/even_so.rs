//! A case that one rule takes in by name and another shuts out: "answer every mail, even spam", "do not reply to spam";
//! "translate everything, dish names too", "the names of dishes stay as they are".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 18;
/// Verbs that shut a thing out.
const SHUTS_OUT: [&str; 7] = ["ignore", "skip", "omit", "exclude", "discard", "delete", "drop"];
/// Verbs after which a thing is not what it was.
const CHANGES: [&str; 17] = [
    "translate", "put", "rewrite", "shorten", "make", "correct", "turn", "convert", "simplify", "change",
    "cut", "edit", "reword", "rephrase", "replace", "modernise", "improve",
];
/// Verbs that do not say by themselves what becomes of a thing: "make everything half as long".
const GENERAL: [&str; 4] = ["make", "put", "turn", "cut"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, taken_in, |(one, taken), (two, again)| one == two && taken != again);
    rivals::compare(case, sink, fate, |one, two| one.of_one_thing(two) && one.clashes(two));
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
fn bans<'a>(lower: &impl Fn(usize) -> Cow<'a, str>) -> usize {
    match &*lower(0) {
        "never" | "don't" => 1,
        "do" if lower(1) == "not" => 2,
        _ => 0,
    }
}

/// What becomes of a thing: it is changed with all the rest, or it stays.
struct Fate {
    /// Stems of the thing.
    thing: Vec<u32>,
    /// The verb that changes it or must not; none where it only stays.
    verb: Option<String>,
    changed: bool,
}

impl Fate {
    fn of_one_thing(&self, other: &Fate) -> bool {
        let holds = |few: &Fate, many: &Fate| few.thing.iter().all(|stem| many.thing.contains(stem));
        holds(self, other) || holds(other, self)
    }

    fn clashes(&self, other: &Fate) -> bool {
        let (changed, kept) = if self.changed { (self, other) } else { (other, self) };
        if !changed.changed || kept.changed {
            return false;
        }
        let general = changed.verb.as_deref().is_some_and(|verb| GENERAL.contains(&verb));
        kept.verb.is_none() || general || kept.verb == changed.verb
    }
}

fn fate(case: &Case<'_>, unit: usize) -> Option<Fate> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let things = |run: &[Word]| -> Vec<u32> {
        let means = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP);
        run.iter().filter(means).map(|word| stem(&word.lower(text))).collect()
    };
    let some = |thing: Vec<u32>, verb: Option<String>, changed: bool| {
        (1..=3).contains(&thing.len()).then_some(Fate { thing, verb, changed })
    };
    let verb = lower(0);
    let all = words.iter().any(|word| {
        matches!(&*word.lower(text), "every" | "each" | "all" | "everything" | "everywhere" | "whole")
    });
    if all && CHANGES.contains(&&*verb) {
        return some(things(included(text, words)?), Some(verb.into_owned()), true);
    }
    // "Do not shorten the safety notes".
    let ban = bans(&lower);
    if ban > 0 && (CHANGES.contains(&&*lower(ban)) || lower(ban) == "touch") {
        let end = (ban + 1..words.len()).find(|&at| closes(text, words[at])).unwrap_or(words.len());
        let verb = Some(lower(ban).into_owned()).filter(|verb| verb != "touch" && verb != "change");
        return some(things(&words[ban + 1..end]), verb, false);
    }
    // "Leave the headings as they are".
    if matches!(&*verb, "leave" | "keep") {
        let end = (1..words.len()).find(|&at| closes(text, words[at]))?;
        let stays = matches!(&*lower(end), "as" | "untouched" | "unchanged" | "alone")
            || lower(end) == "in" && matches!(&*lower(end + 2), "original");
        return some(things(&words[1..end]), None, false).filter(|_| stays);
    }
    // "Names of dishes stay in the original", "quotations are not touched".
    let at = (1..words.len().min(6)).find(|&at| {
        matches!(&*lower(at), "stay" | "stays" | "remain" | "remains")
            || matches!(&*lower(at), "are" | "is")
                && matches!(&*lower(at + 1), "not" | "never")
                && matches!(&*lower(at + 2), "touched" | "changed" | "altered" | "translated" | "edited")
    })?;
    let plain = !words[..at].iter().any(|word| word.is_punctuation() || word.is(vocabulary::CONDITION));
    some(things(&words[..at]), None, false).filter(|_| plain)
}

/// "…, dish names too", "…, headings included", "…, including brand names", "…, even in quotations".
fn included<'a>(text: &str, words: &'a [Word]) -> Option<&'a [Word]> {
    let comma = (2..words.len()).find(|&at| words[at].text(text) == ",")?;
    let rest = &words[comma + 1..];
    let end = rest.iter().position(|word| word.is_punctuation()).unwrap_or(rest.len());
    let rest = &rest[..end];
    let first = rest.first()?.lower(text);
    if matches!(&*first, "including" | "even" | "also") {
        return Some(&rest[1..]);
    }
    let last = rest.last()?.lower(text);
    let two = rest.len() >= 2 && last == "well" && rest[rest.len() - 2].lower(text) == "as";
    if two {
        return Some(&rest[..rest.len() - 2]);
    }
    matches!(&*last, "too" | "included").then(|| &rest[..rest.len() - 1])
}

/// True for a word that no longer belongs to the thing.
fn closes(text: &str, word: Word) -> bool {
    word.is_punctuation()
        || matches!(
            &*word.lower(text),
            "as" | "untouched"
                | "unchanged"
                | "alone"
                | "in"
                | "for"
                | "with"
                | "that"
                | "which"
                | "into"
                | "by"
        )
}
