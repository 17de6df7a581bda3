//! Facts that are listed with their values: "Day ticket: 18.50", one to a line.

use super::{Reading, holds_a_slot};
use crate::lexicon::vocabulary;
use crate::units::{Unit, UnitKind};
use crate::words::Word;

/// How many such lines stand together at the least.
const LEAST: usize = 3;

/// The most words of what the value is of.
const NAME: usize = 4;

/// True for a line of a list of names and figures, where no line of it measures a text: "Length: 80 words" is a limit.
pub(super) fn is_a_fact_with_its_value(reading: &Reading<'_>, index: usize) -> bool {
    let block = reading.units[index].block;
    let fact = |at: &usize| {
        let unit = &reading.units[*at];
        unit.block == block && unit.kind == UnitKind::Field && is_figure(reading, *at)
    };
    if !fact(&index) {
        return false;
    }
    let before = (0..index).rev().take(LEAST).take_while(fact).count();
    let after = (index + 1..reading.units.len()).take(LEAST).take_while(fact).count();
    before + after + 1 >= LEAST
}

/// "The guest's name is Tam Brook, pier 4": who it is about.
pub(super) fn names_a_person(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let whose = lower(1).ends_with("'s") || lower(1).ends_with("’s");
    let name = words.get(4).is_some_and(|word| word.text(text).starts_with(char::is_uppercase));
    unit.kind == UnitKind::Sentence
        && unit.opens_piece
        && matches!(&*lower(0), "the" | "my" | "our")
        && whose
        && lower(2) == "name"
        && lower(3) == "is"
        && name
}

/// "The menu: a roast, a cheese platter": what there is, under its name.
pub(super) fn tells_what_there_is(reading: &Reading<'_>, unit: &Unit) -> bool {
    let line = reading.source.slice(unit.with_lead(reading.outline));
    let Some((name, value)) = line.split_once(':') else { return false };
    let mut name = name.split_whitespace();
    let led = name.next().is_some_and(|word| matches!(&*word.to_lowercase(), "the" | "our" | "my"));
    let plain = !line.contains(['"', '“', '`', '{', '<', '[']) && !value.contains(" -> ");
    unit.kind == UnitKind::Field && unit.opens_piece && led && (1..=2).contains(&name.count()) && plain
}

/// "I have two boats and a dog", "We run a café on the quay": what the author tells of themselves.
pub(super) fn tells_of_the_author(reading: &Reading<'_>, index: usize) -> bool {
    const FIRST: usize = 40;
    let unit = &reading.units[index];
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    // "I am a clerk" may be the persona that speaks.
    let tells = matches!(&*lower(1), "have" | "work" | "live" | "own" | "run" | "study" | "teach");
    // "I have to", "we have provided an answer": neither tells what there is.
    let owes = lower(1) == "have"
        && (matches!(
            &*lower(2),
            "to" | "been" | "given" | "also" | "attached" | "written" | "made" | "got" | "put"
        ) || lower(2).ends_with("ed"));
    let asks = |word: &Word| {
        word.is(vocabulary::MODAL | vocabulary::NEGATION)
            || matches!(
                &*word.lower(text),
                "you" | "your" | "want" | "need" | "please" | "so" | "looking" | "like"
            )
    };
    unit.kind == UnitKind::Sentence
        && !holds_a_slot(reading, unit)
        && words.len() <= FIRST
        && matches!(&*lower(0), "i" | "we")
        && tells
        && !owes
        && !words.iter().any(asks)
}

/// "Day ticket: 18.50", "Sauna: until 22:00": a name, and a value of which all but two or three short words is a figure.
fn is_figure(reading: &Reading<'_>, index: usize) -> bool {
    const WITH: [&str; 24] = [
        "am", "pm", "kr", "eur", "euro", "euros", "usd", "dollars", "gbp", "pounds", "chf", "kg", "g", "km",
        "m", "cm", "l", "%", "per", "a", "to", "until", "from", "each",
    ];
    let unit = &reading.units[index];
    let line = reading.source.slice(unit.with_lead(reading.outline));
    let Some((name, value)) = line.split_once(':') else { return false };
    let value = value.trim().trim_end_matches('.');
    let parts: Vec<&str> = value.split_whitespace().collect();
    let digit = |part: &str| part.bytes().any(|b| b.is_ascii_digit());
    let plain = |part: &&str| {
        digit(part) || WITH.contains(&&*part.to_lowercase()) || !part.contains(char::is_alphanumeric)
    };
    parts.len() <= 5
        && digit(value)
        && parts.iter().all(plain)
        && (1..=NAME).contains(&name.split_whitespace().count())
        && !measures(name)
}

/// "Length", "Words", "Format": what a limit on the answer is called.
fn measures(name: &str) -> bool {
    const LIMITS: [&str; 21] = [
        "length", "words", "word", "sentences", "characters", "lines", "paragraphs", "format", "size",
        "ratio", "number", "count", "max", "min", "maximum", "minimum", "limit", "tokens", "bullets",
        "items", "score",
    ];
    name.to_lowercase().split(|c: char| !c.is_alphanumeric()).any(|part| LIMITS.contains(&part))
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component;

    #[test]
    fn a_list_of_prices_is_background() {
        let of = |list: &str| {
            components_of(&format!("Answer the guests of a pool.\n\n{list}\n\nGuest: {{{{guest}}}}"))
        };
        let prices = of("Day ticket: 18.50\nTowel: 4.00\nLesson for beginners: 95.00");
        assert_eq!(prices[1..4], [Some(Component::Context); 3]);
        let limits = of("Length: 80\nSentences: 4\nLines: 2");
        assert_ne!(limits[1..4], [Some(Component::Context); 3]);
    }
}
