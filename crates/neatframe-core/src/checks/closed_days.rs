//! A day on which nobody is there, and an order that counts on all of them: "closed on Mondays", "they can come by any day".

use super::{Case, Sink, days};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::is_exception;
use std::borrow::Cow;

/// Words from which a sentence speaks of more than one thing.
const LONG: usize = 30;
/// What is done where somebody has to be there.
const VISITS: [&str; 16] = [
    "come", "visit", "book", "call", "drop", "open", "collect", "pick", "offer", "ring", "deliver", "return",
    "appointment", "appointments", "slot", "slots",
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let shown = |&unit: &usize| {
        case.labels[unit].component != Some(Component::Examples) && case.words_of(unit).len() <= LONG
    };
    let Some((closed, day)) =
        (0..case.units.len()).filter(shown).find_map(|unit| Some((unit, closed_on(case, unit)?)))
    else {
        return;
    };
    let clashes = |&unit: &usize| unit != closed && counts_on(case, unit, day);
    if let Some(unit) = (0..case.units.len()).filter(shown).find(clashes) {
        sink.clash(case, case.units[unit].text, case.units[closed].text);
    }
}

/// "The shelter is closed on Mondays": the day, from 0 for Monday.
fn closed_on(case: &Case<'_>, unit: usize) -> Option<usize> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (1..words.len()).find(|&at| {
        lower(at) == "closed" && matches!(&*lower(at - 1), "is" | "are" | "stay" | "stays" | "always")
    })?;
    let on = usize::from(matches!(&*lower(at + 1), "on" | "every" | "each"));
    let day = days::weekday(text, words.get(at + 1 + on)?)?;
    // "Closed on Mondays and Tuesdays", "on Mondays from noon on": more than the day counts.
    let ends = words.get(at + 2 + on).is_none_or(|word| word.is_punctuation());
    (ends && !is_exception(text, words)).then_some(day)
}

/// "Tell everyone that they can come by any day", "offer a slot on Monday": an order that counts on the day.
fn counts_on(case: &Case<'_>, unit: usize, closed: usize) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let orders = words.iter().take(3).any(|word| word.is(vocabulary::VERB));
    let denies = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let visits = (0..words.len()).any(|at| VISITS.contains(&&*lower(at)));
    let on_any = (0..words.len()).any(|at| match &*lower(at) {
        "any" | "every" | "each" => {
            lower(at + 1) == "day" && !matches!(&*lower(at + 2), "except" | "but" | "of" | "from")
                || lower(at + 1) == "day" && lower(at + 2) == "of" && lower(at + 4) == "week"
        }
        "seven" | "7" => lower(at + 1) == "days" && matches!(&*lower(at + 2), "a" | "per"),
        _ => days::weekday(text, &words[at]) == Some(closed),
    });
    orders && !denies && visits && on_any && !is_exception(text, words)
}
