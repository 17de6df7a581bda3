//! By what a sentence has things sorted: "sorted by pier", "in alphabetical order".

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// The key of an order, as a stem, and what is put in that order where the sentence names it.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct SortKey {
    pub(crate) key: u32,
    pub(crate) things: Option<u32>,
}

/// How far behind "sorted" its key may stand, in words.
const REACH: usize = 6;
/// What may be put in order, in the singular.
const THINGS: [&str; 16] = [
    "list", "table", "item", "entry", "entries", "result", "row", "bullet", "finding", "claim", "section",
    "record", "name", "dish", "file", "task",
];

/// The first order that a sentence asks for; none where it names several keys: "by pier, then by date".
pub(crate) fn sort_key(text: &str, words: &[Word]) -> Option<SortKey> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "ORDER BY id" is a line of code.
    let at = (0..words.len()).find(|&at| match &*lower(at) {
        "sort" | "sorted" | "ordered" | "arrange" | "arranged" => true,
        "order" => at == 0 && words[at].text(text) == "Order",
        _ => false,
    })?;
    let then = words.iter().any(|word| matches!(&*word.lower(text), "then" | "within" | "or" | "secondly"));
    let key = (at..words.len().min(at + REACH)).find_map(|at| match &*lower(at) {
        "alphabetically" | "alphabetical" => Some(stem("name")),
        "chronologically" | "chronological" => Some(stem("date")),
        "by" => by(text, &words[at + 1..]),
        _ => None,
    })?;
    let things = words.iter().find_map(|word| {
        let lower = word.lower(text);
        let bare = lower.strip_suffix('s').unwrap_or(&lower);
        THINGS.contains(&bare).then(|| stem(bare))
    });
    (!then).then_some(SortKey { key, things })
}

/// "By the date of the trip": the first word that names something.
fn by(text: &str, behind: &[Word]) -> Option<u32> {
    let word = behind.iter().find(|word| !word.is(vocabulary::STOP))?;
    (!word.is_punctuation() && !word.is_number()).then(|| stem(&word.lower(text)))
}

impl SortKey {
    /// True where the two cannot both be kept.
    pub(crate) fn excludes(&self, other: &SortKey) -> bool {
        self.key != other.key && self.things.zip(other.things).is_none_or(|(one, two)| one == two)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn key(text: &str) -> Option<SortKey> {
        sort_key(text, Words::read(text, 0).all())
    }

    #[test]
    fn the_key_is_what_it_is_sorted_by() {
        let one = key("Make a list of piers, sorted by harbour.").unwrap();
        let two = key("The list should be sorted alphabetically.").unwrap();
        assert!(one.excludes(&two) && two.excludes(&one));
        assert!(!key("Sort the list by name.").unwrap().excludes(&two));
        assert!(!key("Sort the table by date.").unwrap().excludes(&two), "another thing");
    }

    #[test]
    fn several_keys_are_none() {
        assert_eq!(key("Sort by pier, then by date."), None);
        assert_eq!(key("Keep the order of the list."), None);
    }
}
