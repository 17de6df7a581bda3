//! A dish that is to be ready sooner than one of its steps takes: "ready in 20 minutes", "simmer for two hours".

use super::time_for_each::seconds;
use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs of steps that take their time.
const STEPS: [&str; 14] = [
    "simmer", "bake", "cook", "boil", "roast", "rest", "rise", "chill", "marinate", "soak", "prove",
    "braise", "freeze", "stew",
];
/// How many words behind the verb its time may stand.
const NEAR: usize = 8;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let firm = |unit: &usize| !is_exception(text, case.words_of(*unit));
    let ready =
        case.demands().filter(firm).find_map(|unit| Some((unit, ready_in(text, case.words_of(unit))?)));
    let Some((whole, most)) = ready else { return };
    let takes_longer =
        |unit: &usize| *unit != whole && step(text, case.words_of(*unit)).is_some_and(|time| time > most);
    if let Some(unit) = case.demands().filter(firm).find(takes_longer) {
        sink.clash(case, case.units[unit].text, case.units[whole].text);
    }
}

/// "Ready in 20 minutes", "takes at most half an hour", "in under 20 minutes": the most, in seconds.
fn ready_in(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (0..words.len()).find(|&at| {
        matches!(&*lower(at), "ready" | "done" | "finished" | "made" | "cooked")
            && matches!(&*lower(at + 1), "in" | "within")
            || matches!(&*lower(at), "take" | "takes") && lower(at + 1) != "place"
    })?;
    let kitchen = words.iter().any(|word| {
        matches!(
            &*word.lower(text),
            "dish" | "recipe" | "meal" | "food" | "dinner" | "lunch" | "dishes" | "recipes" | "meals"
        )
    });
    (at + 1..at + 6).find_map(|at| seconds(text, words, at)).filter(|_| kitchen)
}

/// "Let the stew simmer for two hours": how long, in seconds.
fn step(text: &str, words: &[Word]) -> Option<u32> {
    let verb = words.iter().position(|word| STEPS.contains(&&*word.lower(text)))?;
    let denied = words[..verb].iter().any(|word| word.is(vocabulary::NEGATION));
    (verb + 1..verb + NEAR).find_map(|at| seconds(text, words, at)).filter(|_| !denied)
}

#[cfg(test)]
mod tests {
    use super::{ready_in, step};
    use crate::words::Words;

    #[test]
    fn times_of_the_whole_and_of_a_step() {
        let text = "The dish is ready in 20 minutes.";
        assert_eq!(ready_in(text, Words::read(text, 0).all()), Some(20 * 60));
        let text = "Let the stew simmer for two hours.";
        assert_eq!(step(text, Words::read(text, 0).all()), Some(120 * 60));
        let text = "Never cook rice for an hour.";
        assert_eq!(step(text, Words::read(text, 0).all()), None);
    }
}
