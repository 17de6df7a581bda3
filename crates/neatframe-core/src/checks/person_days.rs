//! Somebody who is off on a day and counted on for it: "Dara does not work on Sundays", "on Sundays Dara takes the shift".

use super::{Case, Sink, days, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::is_exception;
use crate::words::Word;

/// Words from which a sentence speaks of more than one thing.
const LONG: usize = 16;

/// Who is there on which days, or is not.
struct Rota<'a> {
    who: Vec<&'a str>,
    /// From 0 for Monday.
    on: Vec<usize>,
    off: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let read: Vec<(usize, Rota<'_>)> = (0..case.units.len())
        .filter(|&unit| case.labels[unit].component != Some(Component::Examples))
        .filter_map(|unit| Some((unit, rota(case.source.text(), case.words_of(unit))?)))
        .collect();
    rivals::report(case, sink, &read, |one, two| {
        one.off != two.off
            && one.who.iter().any(|name| two.who.contains(name))
            && one.on.iter().any(|day| two.on.contains(day))
    });
}

fn rota<'a>(text: &'a str, words: &[Word]) -> Option<Rota<'a>> {
    let on: Vec<usize> = words.iter().filter_map(|word| days::weekday(text, word)).collect();
    if on.is_empty() || words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let is_name = |word: &&Word| {
        let said = word.text(text);
        said.starts_with(char::is_uppercase)
            && said.chars().skip(1).all(char::is_lowercase)
            && said.chars().count() >= 2
            && days::weekday(text, word).is_none()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::VERB | vocabulary::MODAL)
    };
    let who: Vec<&str> = words.iter().filter(is_name).map(|word| word.text(text)).collect();
    let works = words.iter().any(|word| {
        matches!(
            &*word.lower(text),
            "work"
                | "works"
                | "take"
                | "takes"
                | "shift"
                | "shifts"
                | "come"
                | "comes"
                | "duty"
                | "opens"
                | "covers"
                | "cover"
                | "runs"
                | "has"
                | "teaches"
                | "teach"
                | "off"
                | "away"
                | "in"
                | "free"
        )
    });
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let away = words.iter().any(|word| matches!(&*word.lower(text), "off" | "away" | "free"));
    // "Never off on Sundays" is rare enough to be left alone.
    (works && !who.is_empty() && !(denied && away)).then_some(Rota { who, on, off: denied || away })
}
