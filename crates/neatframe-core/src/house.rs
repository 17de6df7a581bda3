//! Words of the house: what it finds vague or empty besides the built-in lists, what it allows, and its terms.

use crate::words::{Word, Words};
use std::collections::HashMap;

/// The house's own words, ready to be found.
#[derive(Clone, Debug, Default)]
pub struct HouseWords {
    vague: Phrases,
    padding: Phrases,
    allowed: Phrases,
    terms: Phrases,
    /// What to write for each term.
    instead: Vec<String>,
}

impl HouseWords {
    /// Takes phrases as people write them; letter case does not count. `terms` are pairs of what not to write and what to write.
    pub fn new(
        vague: &[String],
        padding: &[String],
        allowed: &[String],
        terms: &[(String, String)],
    ) -> HouseWords {
        let wrong: Vec<String> = terms.iter().map(|(wrong, _)| wrong.clone()).collect();
        HouseWords {
            vague: Phrases::new(vague),
            padding: Phrases::new(padding),
            allowed: Phrases::new(allowed),
            terms: Phrases::new(&wrong),
            instead: terms.iter().map(|(_, right)| right.clone()).collect(),
        }
    }

    /// Stretches of words that the house finds vague, as indices, both included.
    pub(crate) fn vague(&self, words: &[Word]) -> Vec<(usize, usize)> {
        self.vague.find(words).into_iter().map(|(_, first, last)| (first, last)).collect()
    }

    /// Stretches of words that the house finds empty.
    pub(crate) fn padding(&self, words: &[Word]) -> Vec<(usize, usize)> {
        self.padding.find(words).into_iter().map(|(_, first, last)| (first, last)).collect()
    }

    /// Terms that the house writes another way, with what to write.
    pub(crate) fn terms(&self, words: &[Word]) -> Vec<(&str, usize, usize)> {
        let found = self.terms.find(words).into_iter();
        found.map(|(term, first, last)| (self.instead[term].as_str(), first, last)).collect()
    }

    /// True when the house allows a stretch of words.
    pub(crate) fn allows(&self, words: &[Word], first: usize, last: usize) -> bool {
        self.allowed.find(words).into_iter().any(|(_, from, to)| from <= first && last <= to)
    }
}

/// A kind of work of the house, known by phrases in the task.
#[derive(Clone, Debug)]
pub struct HouseKind {
    name: String,
    phrases: Phrases,
}

impl HouseKind {
    /// A kind with the phrases that show it; letter case does not count.
    pub fn new(name: String, say: &[String]) -> HouseKind {
        HouseKind { name, phrases: Phrases::new(say) }
    }

    /// Its name.
    pub fn name(&self) -> &str {
        &self.name
    }

    /// Stretches of words that show it, as indices, both included.
    pub(crate) fn shown_by(&self, words: &[Word]) -> Vec<(usize, usize)> {
        self.phrases.find(words).into_iter().map(|(_, first, last)| (first, last)).collect()
    }
}

/// Phrases as hashes of their words, by the first.
#[derive(Clone, Debug, Default)]
struct Phrases {
    by_first: HashMap<u32, Vec<(usize, Vec<u32>)>>,
}

impl Phrases {
    fn new(phrases: &[String]) -> Phrases {
        let mut by_first: HashMap<u32, Vec<(usize, Vec<u32>)>> = HashMap::new();
        for (index, phrase) in phrases.iter().enumerate() {
            let words = Words::read(phrase, 0);
            let hashes: Vec<u32> = words.all().iter().map(|word| word.hash()).collect();
            if let Some((first, rest)) = hashes.split_first() {
                by_first.entry(*first).or_default().push((index, rest.to_vec()));
            }
        }
        Phrases { by_first }
    }

    /// The phrases in a run of words: which, first and last index.
    fn find(&self, words: &[Word]) -> Vec<(usize, usize, usize)> {
        if self.by_first.is_empty() {
            return Vec::new();
        }
        let mut found = Vec::new();
        for first in 0..words.len() {
            for (index, rest) in self.by_first.get(&words[first].hash()).into_iter().flatten() {
                let follows = words.get(first + 1..first + 1 + rest.len());
                if follows.is_some_and(|next| next.iter().zip(rest).all(|(word, hash)| word.hash() == *hash))
                {
                    found.push((*index, first, first + rest.len()));
                }
            }
        }
        found
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn words(text: &str) -> Words {
        Words::read(text, 0)
    }

    #[test]
    fn phrases_are_found_whatever_their_case() {
        let house = HouseWords::new(
            &["best in class".into(), "vibrant".into()],
            &["as per usual".into()],
            &["very friendly".into()],
            &[("Boat Line".into(), "ferry line".into())],
        );
        let text = words("A Vibrant, best-in-class boat line, as per usual, is very friendly.");
        assert_eq!(house.vague(text.all()), [(1, 1), (3, 5)]);
        assert_eq!(house.padding(text.all()), [(9, 11)]);
        assert_eq!(house.terms(text.all()), [("ferry line", 6, 7)]);
        assert!(house.allows(text.all(), 15, 15) && !house.allows(text.all(), 1, 1));
    }

    #[test]
    fn an_empty_house_finds_nothing() {
        assert!(HouseWords::default().vague(words("vibrant").all()).is_empty());
        assert!(
            HouseWords::new(&["".into(), " ".into()], &[], &[], &[]).vague(words("a b").all()).is_empty()
        );
    }

    #[test]
    fn a_kind_is_shown_by_its_phrases() {
        let kind = HouseKind::new("berths".into(), &["berth plan".into()]);
        assert_eq!(kind.shown_by(words("Make the berth plan.").all()), [(2, 3)]);
        assert_eq!(kind.name(), "berths");
    }
}
