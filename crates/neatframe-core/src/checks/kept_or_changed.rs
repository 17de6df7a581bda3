//! A part that is to stay as it is here and to be changed there: "leave the headline as it is", "rewrite the headline";
//! "translate everything, dish names too", "the names of dishes stay in the original".

use super::even_so::bans;
use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 18;
/// Verbs after which a thing is no longer what it was.
const CHANGES: [&str; 18] = [
    "remove", "strip", "anonymise", "rewrite", "reflow", "reword", "rephrase", "change", "shorten",
    "improve", "edit", "replace", "rework", "polish", "alter", "rename", "translate", "modernise",
];
/// Verbs that change a thing by what else the sentence says: "make everything half as long".
const GENERAL: [&str; 7] = ["make", "put", "turn", "cut", "correct", "convert", "simplify"];
/// Words behind a thing that say that it stays.
const AS_IT_IS: [&str; 5] = ["as", "unchanged", "untouched", "alone", "intact"];

/// What becomes of a thing.
struct Fate {
    /// Stems of the thing.
    thing: Vec<u32>,
    /// The verb that changes it or must not; none where it only stays.
    verb: Option<String>,
    changed: bool,
    /// It is changed with all the rest: "…, headings included".
    among_all: bool,
    /// "All comments".
    all: bool,
}

impl Fate {
    fn clashes(&self, other: &Fate) -> bool {
        let (changed, kept) = if self.changed { (self, other) } else { (other, self) };
        if !changed.changed || kept.changed {
            return false;
        }
        if !changed.among_all {
            // "All comments" are removed, "the code comments" are to stay.
            let all = changed.all && kept.thing.len() == 2 && changed.thing.len() == 1
                // "Every quotation" is kept, "long quotations" are shortened.
                || kept.all && changed.thing.len() == 2 && kept.thing.len() == 1;
            return changed.thing == kept.thing || all && changed.thing.last() == kept.thing.last();
        }
        let holds = |few: &Fate, many: &Fate| few.thing.iter().all(|stem| many.thing.contains(stem));
        let general =
            changed.verb.as_deref().is_some_and(|verb| ["make", "put", "turn", "cut"].contains(&verb));
        (holds(changed, kept) || holds(kept, changed))
            && (kept.verb.is_none() || general || kept.verb == changed.verb)
    }
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, fate, Fate::clashes);
}

fn fate(case: &Case<'_>, unit: usize) -> Option<Fate> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if is_exception(text, words) {
        return None;
    }
    let ban = bans(&lower);
    let verb = lower(ban);
    let changes = CHANGES.contains(&&*verb) || ban > 0 && verb == "touch";
    let takes_all = ban == 0 && words.len() <= LONG && (changes || GENERAL.contains(&&*verb)) && {
        let all = ["every", "each", "all", "everything", "everywhere", "whole"];
        words.iter().any(|word| all.contains(&&*word.lower(text)))
    };
    if let Some(thing) = included(text, words).filter(|_| takes_all) {
        return some(text, thing, Some(verb.into_owned()), true, true);
    }
    // "Fix any bugs in the code", "correct spelling in quotations" change them.
    if ban == 0 && matches!(&*verb, "fix" | "correct" | "repair" | "mend") {
        let fault = (1..words.len().min(4)).find(|&at| {
            matches!(
                &*lower(at),
                "bugs"
                    | "bug"
                    | "errors"
                    | "mistakes"
                    | "typos"
                    | "faults"
                    | "problems"
                    | "spelling"
                    | "grammar"
                    | "punctuation"
            )
        })?;
        let place = (fault + 1..words.len()).find(|&at| lower(at) == "in")?;
        let from =
            place + 1 + usize::from(matches!(&*lower(place + 1), "the" | "my" | "our" | "all" | "any"));
        let end = (from..words.len()).find(|&at| closes(text, words[at])).unwrap_or(words.len());
        return some(text, &words[from..end], None, true, false);
    }
    // "Write names in capitals", where they are copied as they are.
    if ban == 0 && matches!(&*verb, "write" | "put" | "set" | "print" | "spell" | "give") {
        let cased = |at: usize| {
            lower(at) == "in"
                && matches!(
                    &*lower(at + 1),
                    "capitals" | "capital" | "uppercase" | "lowercase" | "upper" | "lower"
                )
        };
        let from = 1 + usize::from(matches!(&*lower(1), "the" | "all"));
        if let Some(at) = (from + 1..words.len().min(6)).find(|&at| cased(at)) {
            return some(text, &words[from..at], Some(verb.into_owned()), true, false);
        }
    }
    let copied = verb == "copy" && words.iter().take(6).any(|word| word.lower(text) == "exactly");
    let keeps = ban == 0 && (matches!(&*verb, "leave" | "keep") || copied);
    if changes || keeps {
        let from = ban + 1;
        let the = matches!(&*lower(from), "the" | "all" | "every" | "each" | "any");
        let end = (from..words.len()).find(|&at| closes(text, words[at]) || lower(at) == "exactly");
        let end = end.unwrap_or(words.len());
        let behind = lower(end + usize::from(lower(end) == "exactly"));
        let original = matches!(&*lower(from + 1), "original") && the;
        let stays = keeps
            && (original || AS_IT_IS.contains(&&*behind) || behind == "in" && lower(end + 2) == "original");
        // "Change the title of the table" is about one of them, "leave the title out" keeps nothing.
        // "Shorten long quotations", and nothing behind it.
        let bare = changes
            && ban == 0
            && end == from + 2
            && matches!(&*behind, "" | ".")
            && lower(from + 1).ends_with('s');
        // "Replace names with initials" speaks of every name.
        let swapped = verb == "replace" && matches!(&*behind, "with" | "by");
        let whole = changes && (ban > 0 || swapped || bare || the && behind != "of" && behind != "in");
        // A ban on any change is one on each.
        let verb = Some(verb.into_owned()).filter(|verb| changes && verb != "touch" && verb != "change");
        return some(text, &words[from..end], verb, changes && ban == 0, false).filter(|_| stays || whole);
    }
    // "Names of dishes stay in the original", "quotations are not touched".
    let at = (1..words.len().min(6)).find(|&at| {
        matches!(&*lower(at), "stay" | "stays" | "remain" | "remains")
            || matches!(&*lower(at), "are" | "is")
                && matches!(&*lower(at + 1), "not" | "never")
                && matches!(&*lower(at + 2), "touched" | "changed" | "altered" | "translated" | "edited")
    })?;
    let plain = !words[..at].iter().any(|word| word.is_punctuation() || word.is(vocabulary::CONDITION));
    some(text, &words[..at], None, false, false).filter(|_| plain && words.len() <= LONG)
}

/// A fate of one to three words of meaning.
fn some(text: &str, thing: &[Word], verb: Option<String>, changed: bool, among_all: bool) -> Option<Fate> {
    let means = |word: &&Word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP)
            && !matches!(&*word.lower(text), "original" | "given")
    };
    let first = thing.first();
    let thing: Vec<u32> = thing.iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    let all = first.is_some_and(|word| matches!(&*word.lower(text), "all" | "every" | "any"));
    (1..=3).contains(&thing.len()).then_some(Fate { thing, verb, changed, among_all, all })
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
        || AS_IT_IS.contains(&&*word.lower(text))
        || matches!(
            &*word.lower(text),
            "so" | "to"
                | "into"
                | "in"
                | "of"
                | "by"
                | "with"
                | "that"
                | "which"
                | "for"
                | "and"
                | "out"
                | "from"
        )
}
