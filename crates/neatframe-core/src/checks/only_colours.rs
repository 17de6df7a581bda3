//! A colour beside the only ones that are allowed: "use only blue and white", "set the headline in red".

use super::{Case, Sink};
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

const COLOURS: [&str; 18] = [
    "red", "blue", "green", "yellow", "orange", "purple", "pink", "brown", "black", "white", "grey", "gray",
    "gold", "silver", "turquoise", "beige", "violet", "navy",
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let firm = |unit: &usize| !is_exception(text, case.words_of(*unit));
    let allowed = case.demands().filter(firm).find_map(|unit| Some((unit, only(text, case.words_of(unit))?)));
    let Some((rule, allowed)) = allowed else { return };
    let other = |unit: &usize| {
        let set = |colour: &str| !allowed.iter().any(|known| known == colour);
        *unit != rule && set_in(text, case.words_of(*unit)).is_some_and(|colour| set(&colour))
    };
    if let Some(unit) = case.demands().filter(firm).find(other) {
        sink.clash(case, case.units[unit].text, case.units[rule].text);
    }
}

/// "Use only the colours blue and white": the colours.
fn only(text: &str, words: &[Word]) -> Option<Vec<String>> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = words.iter().position(|word| matches!(&*word.lower(text), "only" | "just"))?;
    let named: Vec<String> = words[at..]
        .iter()
        .map(|word| word.lower(text).into_owned())
        .filter(|word| COLOURS.contains(&word.as_str()))
        .collect();
    let colours =
        (at..words.len()).any(|at| matches!(&*lower(at), "colour" | "colours" | "color" | "colors"));
    (colours && !named.is_empty()).then_some(named)
}

/// "Set the headline in red": the colour.
fn set_in(text: &str, words: &[Word]) -> Option<String> {
    let verb = words.first()?.lower(text);
    let sets = matches!(
        &*verb,
        "set" | "write" | "print" | "show" | "mark" | "paint" | "draw" | "put" | "highlight" | "use"
    );
    let pair = words.windows(2).find(|pair| {
        matches!(&*pair[0].lower(text), "in" | "bright" | "dark" | "light")
            && COLOURS.contains(&&*pair[1].lower(text))
    });
    pair.filter(|_| sets).map(|pair| pair[1].lower(text).into_owned())
}

#[cfg(test)]
mod tests {
    use super::{only, set_in};
    use crate::words::Words;

    #[test]
    fn colours_allowed_and_set() {
        let text = "Use only the colours blue and white.";
        assert_eq!(only(text, Words::read(text, 0).all()).unwrap(), ["blue", "white"]);
        let text = "Set the headline in red.";
        assert_eq!(set_in(text, Words::read(text, 0).all()).as_deref(), Some("red"));
    }
}
