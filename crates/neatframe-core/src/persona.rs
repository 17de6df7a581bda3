//! Whom the model is to be: the persona's name, or what it is.

use crate::checks::Case;
use crate::component::Component;
use crate::words::Word;

/// The units that say who the model is to be, the first few.
fn roles<'a>(case: &'a Case<'_>) -> impl Iterator<Item = usize> + 'a {
    (0..case.units.len()).filter(|&unit| case.labels[unit].serves(Component::Role)).take(4)
}

/// "You are", "act as": the words before a persona.
fn introduces(text: &str, run: &[Word]) -> bool {
    let lower = |at: usize| run[at].lower(text);
    lower(0) == "you" && lower(1) == "are" || lower(0) == "act" && lower(1) == "as"
}

/// The persona's name where it has one: `You are Wick, the assistant`, `a tutor called Pip`.
pub(crate) fn name(case: &Case<'_>) -> Option<Word> {
    let text = case.source.text();
    let named = |run: &[Word]| {
        let lower = |at: usize| run[at].lower(text);
        let called = matches!(&*lower(1), "called" | "named") || lower(0) == "name" && lower(1) == "is";
        let capital = run[2].text(text).starts_with(char::is_uppercase);
        ((introduces(text, run) || called) && capital).then_some(run[2])
    };
    // You are "Mika": the quotation mark is no word of the name.
    let plain = |unit: usize| -> Vec<Word> {
        let words = case.words_of(unit).iter();
        words.filter(|word| !word.is(crate::lexicon::vocabulary::QUOTE)).copied().collect()
    };
    roles(case).find_map(|unit| plain(unit).windows(3).find_map(named))
}

/// The names that sentences about the persona give it, in order: `introduce yourself as Nora`, `the bot is called Finn`.
pub(crate) fn names(case: &Case<'_>) -> Vec<Word> {
    let text = case.source.text();
    let mut found: Vec<Word> = name(case).into_iter().collect();
    let told = |unit: &usize| case.labels[*unit].component != Some(Component::Examples);
    for unit in (0..case.units.len()).filter(told) {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
        let named = (0..words.len()).find_map(|at| match (&*lower(at), &*lower(at + 1), &*lower(at + 2)) {
            ("introduce", "yourself", "as") => Some(at + 3),
            ("call", "yourself", _) => Some(at + 2),
            ("your", "name", "is") => Some(at + 3),
            ("bot" | "assistant" | "agent" | "chatbot" | "tutor" | "clerk", "is", "called" | "named") => {
                Some(at + 3)
            }
            _ => None,
        });
        let word = named.and_then(|at| words.get(at + usize::from(lower(at) == "\"")));
        let capital = |word: &&Word| word.text(text).starts_with(char::is_uppercase);
        let cased = words.first().is_some_and(|word| word.is(crate::lexicon::vocabulary::CONDITION));
        let new = |word: &&Word| found.iter().all(|known| known.start != word.start);
        if let Some(word) = word.filter(capital).filter(new).filter(|_| !cased) {
            found.push(*word);
        }
    }
    found.sort_by_key(|word| word.start);
    found
}

/// The persona's name, or else its noun (`tutor` in "You are a tutor"), lower case.
pub(crate) fn called(case: &Case<'_>) -> Option<String> {
    let text = case.source.text();
    // "You are the information kiosk of a garden": the last word before the phrase ends.
    let noun = |words: &[Word], at: usize| {
        let run = &words[at..at + 3];
        if !introduces(text, run) || !["a", "an", "the"].contains(&&*run[2].lower(text)) {
            return None;
        }
        let ends = |word: &Word| word.is_punctuation() || ENDS.contains(&&*word.lower(text));
        let rest = &words[at + 3..];
        let length = rest.iter().position(ends).unwrap_or(rest.len());
        length.checked_sub(1).map(|last| rest[last].lower(text).into_owned())
    };
    name(case).map(|name| name.lower(text).into_owned()).or_else(|| {
        roles(case).find_map(|unit| {
            let words = case.words_of(unit);
            (0..words.len().saturating_sub(2)).find_map(|at| noun(words, at))
        })
    })
}

/// Words that end the phrase for a persona.
const ENDS: [&str; 12] =
    ["of", "for", "at", "in", "who", "that", "with", "on", "to", "and", "which", "called"];
