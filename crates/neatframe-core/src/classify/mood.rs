//! The grammatical form of a unit, as far as word classes tell: an order, a statement, a question, a fragment.

use crate::lexicon::vocabulary;
use crate::words::Word;

/// What a unit is by its grammar.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub(super) enum Mood {
    /// "Write the letter", "do not guess".
    Order,
    /// "You read claims", "your job is".
    Address,
    /// "I run a bakery", "we close at six".
    Author,
    /// "The desk closes at six", "PLUMBING is anything with water".
    Statement,
    /// "Returns the list of orders": a thing described without its name.
    Described,
    /// "Is the date given?"
    Question,
    /// "If the date is absent, …".
    Condition,
    /// "a short summary", "date of birth": no verb in sight.
    Fragment,
}

impl Mood {
    pub(super) const ALL: [Mood; 8] = [
        Mood::Order,
        Mood::Address,
        Mood::Author,
        Mood::Statement,
        Mood::Described,
        Mood::Question,
        Mood::Condition,
        Mood::Fragment,
    ];

    pub(super) fn name(self) -> &'static str {
        match self {
            Mood::Order => "an order",
            Mood::Address => "says what you do",
            Mood::Author => "told by the author",
            Mood::Statement => "a statement",
            Mood::Described => "describes a thing",
            Mood::Question => "a question",
            Mood::Condition => "a condition",
            Mood::Fragment => "a fragment",
        }
    }

    pub(super) fn index(self) -> usize {
        self as usize
    }
}

/// Words that open a clause which another follows.
const SUBORDINATE: [&str; 16] = [
    "because", "since", "although", "though", "while", "before", "after", "as", "in", "on", "at", "for",
    "from", "with", "to", "by",
];

/// How well an order is to be carried out. Sorted.
const MANNERS: [&str; 16] = [
    "accurately", "briefly", "carefully", "clearly", "closely", "concisely", "correctly", "critically",
    "diligently", "faithfully", "precisely", "properly", "rigorously", "strictly", "systematically",
    "thoroughly",
];

/// Words that are looked at for a verb.
const LOOKED_AT: usize = 16;

/// The form of a unit's words.
pub(super) fn of(text: &str, words: &[Word]) -> Mood {
    let words = past_the_preface(text, words);
    let asks = words.last().is_some_and(|word| word.text(text).starts_with('?'));
    let mut plain = words.iter().filter(|word| !word.is_punctuation()).take(LOOKED_AT).copied();
    let Some(first) = plain.find(|word| !word.is(vocabulary::COURTESY)) else { return Mood::Fragment };
    if asks {
        return Mood::Question;
    }
    if first.is(vocabulary::CONDITION) {
        return Mood::Condition;
    }
    let rest: Vec<Word> = plain.collect();
    // "Because the yard opens late, put …": the order stands behind the comma.
    let orders_after_comma = words.windows(2).take(LOOKED_AT).any(|pair| {
        pair[0].text(text) == ","
            && pair[1].is(vocabulary::VERB | vocabulary::NEGATION | vocabulary::COURTESY)
    });
    if orders_after_comma && SUBORDINATE.contains(&&*first.lower(text)) {
        return Mood::Order;
    }
    if first.is(vocabulary::PERSON) {
        return Mood::Address;
    }
    if first.is(vocabulary::FIRST_PERSON) {
        return Mood::Author;
    }
    let told = |word: &Word| word.is(vocabulary::FINITE) || in_third_person(text, *word);
    if rest.first().is_some_and(|word| word.is(vocabulary::FINITE)) {
        return Mood::Statement;
    }
    // "Correctly determine the pier".
    let manner = MANNERS.binary_search(&&*first.lower(text)).is_ok()
        && rest.first().is_some_and(|verb| verb.is(vocabulary::VERB) && !verb.is(vocabulary::STOP));
    if first.is(vocabulary::VERB) || first.is(vocabulary::NEGATION) || manner {
        return Mood::Order;
    }
    if in_third_person(text, first) && !rest.first().is_some_and(told) {
        return Mood::Described;
    }
    if rest.iter().any(|word| told(word) || word.is(vocabulary::MODAL)) {
        return Mood::Statement;
    }
    Mood::Fragment
}

/// "It is important to note that the boat sails": what is said stands behind "that".
fn past_the_preface<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let opens = lower(0).is_some_and(|word| word == "it" || word == "it's");
    if !opens {
        return match lower(0).as_deref() {
            Some("note" | "remember") if lower(1).as_deref() == Some("that") => &words[2..],
            _ => words,
        };
    }
    let that = (2..words.len().min(10)).find(|&at| lower(at).as_deref() == Some("that"));
    let noted = |to: usize| {
        let said = |at: usize| lower(at).is_some_and(|word| PREFACES.contains(&&*word));
        (1..to).any(said)
    };
    that.filter(|&to| noted(to) && to + 1 < words.len()).map_or(words, |to| &words[to + 1..])
}

/// Words that say that something is about to be said.
const PREFACES: [&str; 10] = [
    "important", "worth", "note", "noting", "noted", "remember", "remembered", "mind", "mentioned",
    "mentioning",
];

/// "works", "carries": the form that a verb of the vocabulary takes after "she".
fn in_third_person(text: &str, word: Word) -> bool {
    let lower = word.lower(text);
    let Some(stem) = lower.strip_suffix('s').filter(|stem| stem.len() > 2) else { return false };
    let verb = |stem: &str| vocabulary::flags(vocabulary::find(stem.as_bytes())) & vocabulary::VERB != 0;
    verb(stem)
        || stem.strip_suffix('e').is_some_and(verb)
        || stem.strip_suffix("ie").is_some_and(|stem| verb(&format!("{stem}y")))
}

/// The form that more than half of a group's units share.
#[derive(Clone, Copy, Default)]
pub(super) struct Tally {
    counts: [u32; Mood::ALL.len()],
    total: u32,
}

impl Tally {
    pub(super) fn add(&mut self, mood: Mood) {
        self.counts[mood.index()] = self.counts[mood.index()].saturating_add(1);
        self.total = self.total.saturating_add(1);
    }

    /// None of a single unit: it is no group.
    pub(super) fn shared(&self) -> Option<Mood> {
        Mood::ALL.into_iter().find(|mood| self.total > 1 && self.counts[mood.index()] * 2 > self.total)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    #[test]
    fn forms_are_told_apart() {
        let mood = |text: &str| of(text, Words::read(text, 0).all());
        assert_eq!(mood("Write the letter."), Mood::Order);
        assert_eq!(mood("Because the yard opens late, put it first."), Mood::Order);
        assert_eq!(mood("Correctly determine the pier."), Mood::Order);
        assert!(MANNERS.is_sorted());
        assert_eq!(mood("You read claims."), Mood::Address);
        assert_eq!(mood("The desk closes at six."), Mood::Statement);
        assert_eq!(mood("It is very important to note that the desk closes at six."), Mood::Statement);
        assert_eq!(mood("It is best that you ask."), Mood::Statement);
        assert_eq!(mood("Returns the list of orders."), Mood::Described);
        assert_eq!(mood("Is the date given?"), Mood::Question);
        assert_eq!(mood("If it is late, say so."), Mood::Condition);
        assert_eq!(mood("date of birth"), Mood::Fragment);
    }

    #[test]
    fn a_paragraph_of_very_many_units_has_a_form() {
        let mut tally = Tally::default();
        (0..70_000).for_each(|_| tally.add(Mood::Order));
        assert_eq!(tally.shared(), Some(Mood::Order));
        assert_eq!(Tally::default().shared(), None);
    }
}
