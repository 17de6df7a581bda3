//! Orders and prohibitions in the passive: "fares are never rounded", "a torn slip is held".

use super::{Order, order};
use crate::lexicon::vocabulary;
use crate::words::Word;
use std::borrow::Cow;

/// Participles that do not end in -ed, with their verbs.
const IRREGULAR: [(&str, &str); 12] = [
    ("held", "hold"),
    ("kept", "keep"),
    ("given", "give"),
    ("shown", "show"),
    ("written", "write"),
    ("told", "tell"),
    ("said", "say"),
    ("sent", "send"),
    ("made", "make"),
    ("cut", "cut"),
    ("read", "read"),
    ("put", "put"),
];

/// What a short sentence says is done to its subject, or is not.
pub(super) fn of(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let is = (1..words.len()).find(|&at| matches!(&*lower(at), "is" | "are" | "be" | "isn't" | "aren't"))?;
    let joined = lower(is).ends_with("n't")
        || lower(is) == "be"
            && is > 1
            && words[is - 1].is(vocabulary::NEGATION)
            && words[is - 2].is(vocabulary::MODAL);
    let apart = matches!(&*lower(is + 1), "not" | "never");
    let denied = joined || apart;
    let at = is + 1 + usize::from(apart);
    // "Is not to be stated".
    let at = if lower(at) == "to" && lower(at + 1) == "be" { at + 2 } else { at };
    let said = lower(at);
    let verb = match IRREGULAR.iter().find(|(form, _)| *form == said) {
        Some((_, verb)) => Cow::Borrowed(*verb),
        None => infinitive(&said)?,
    };
    // "A slip that is torn is held": the first "is" belongs to the slip.
    let plain = words[..is].iter().all(|word| {
        !word.is_punctuation()
            && !word.is(vocabulary::CONDITION)
            && !matches!(&*word.lower(text), "that" | "which" | "who" | "it" | "there" | "what")
    });
    // "Allergens are given as letters".
    let told = matches!(&*verb, "give" | "list" | "show" | "state" | "name" | "mention" | "quote")
        && matches!(&*lower(at + 1), "as" | "behind" | "in" | "with" | "first" | "by" | "on" | "at");
    let ends = told || words.get(at + 1).is_none_or(|word| word.is_punctuation());
    let flags = vocabulary::flags(vocabulary::find(verb.as_bytes()));
    if !plain || flags & vocabulary::VERB == 0 || !ends {
        return None;
    }
    let never = lower(is + 1) == "never";
    let found = order(text, unit, words, (words[at], &verb), &words[..is], (denied, false));
    (!found.object.is_empty()).then_some(Order { absolute: never, ..found })
}

/// "Prices appear only in the price field, never in the text": what the answer must not mention.
pub(super) fn kept_out(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let verb = (1..words.len().min(4)).find(|&at| {
        matches!(
            &*lower(at),
            "appear" | "appears" | "belong" | "belongs" | "go" | "goes" | "stand" | "stands"
        )
    })?;
    let never = (verb + 1..words.len()).find(|&at| matches!(&*lower(at), "never" | "not"))?;
    let place = never + 1 + usize::from(matches!(&*lower(never + 1), "in" | "into"));
    let named = place > never + 1
        && matches!(&*lower(place), "the" | "your")
        && matches!(
            &*lower(place + 1),
            "text" | "reply" | "answer" | "letter" | "mail" | "message" | "description" | "summary" | "body"
        )
        && words.get(place + 2).is_none_or(|word| word.is_punctuation());
    let plain = words[..verb].iter().all(|word| !word.is_punctuation() && !word.is(vocabulary::CONDITION));
    if !named || !plain {
        return None;
    }
    let found = order(text, unit, words, (words[verb], "mention"), &words[..verb], (true, false));
    (!found.object.is_empty()).then_some(found)
}

/// Words from which a sentence says more than this.
const LONG: usize = 14;

/// "Replaced" gives "replace", "reported" gives "report".
fn infinitive(participle: &str) -> Option<Cow<'_, str>> {
    let cut = participle.strip_suffix("ed")?;
    let known = |verb: &str| vocabulary::flags(vocabulary::find(verb.as_bytes())) & vocabulary::VERB != 0;
    if known(cut) {
        return Some(Cow::Borrowed(cut));
    }
    let with_e = &participle[..participle.len() - 1];
    known(with_e).then_some(Cow::Borrowed(with_e))
}
