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
    /// What is sorted, where it has a name of its own: "the guests".
    object: Option<u32>,
}

/// How far behind "sorted" its key may stand, in words.
const REACH: usize = 6;
/// What stands first where things are sorted by their gravity.
const GRAVE: [&str; 7] = ["blockers", "errors", "dangers", "emergencies", "criticals", "failures", "hazards"];
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
        // "In the order of the files".
        "in" => {
            let of = lower(at + 1) == "the" && lower(at + 2) == "order" && lower(at + 3) == "of";
            of && !matches!(&*lower(0), "keep" | "leave")
        }
        // "Report blockers first".
        "first" => {
            at == 2 && GRAVE.contains(&&*lower(1)) && words.get(3).is_none_or(|word| word.is_punctuation())
        }
        // "In alphabetical order by last name".
        "alphabetical" | "chronological" => at > 0 && lower(at - 1) == "in" && lower(at + 1) == "order",
        _ => false,
    })?;
    let then = words.iter().any(|word| matches!(&*word.lower(text), "then" | "within" | "or" | "secondly"));
    let key = (at..words.len().min(at + REACH)).find_map(|at| match &*lower(at) {
        "in" if lower(at + 2) == "order" => by(text, words.get(at + 4..)?),
        "first" => Some(stem("severity")),
        "alphabetical" if lower(at + 2) == "by" => None,
        "alphabetically" | "alphabetical" => Some(stem("name")),
        "chronologically" | "chronological" => Some(stem("date")),
        "by" => by(text, &words[at + 1..]),
        _ => None,
    })?;
    // What stands behind "by" is the key.
    let end = words.iter().position(|word| word.lower(text) == "by").unwrap_or(words.len());
    let things = words[..end].iter().find_map(|word| {
        let lower = word.lower(text);
        let bare = lower.strip_suffix('s').unwrap_or(&lower);
        THINGS.contains(&bare).then(|| stem(bare))
    });
    // "Sort the guests by …", "give the guests in alphabetical order".
    let verb = if lower(0) == lower(at) || words.first().is_some_and(|word| word.is(vocabulary::VERB)) {
        0
    } else {
        at
    };
    let named = matches!(&*lower(verb + 1), "the" | "all").then(|| words.get(verb + 2)).flatten();
    let object = named.filter(|word| !word.is_punctuation() && things.is_none());
    let object = object.map(|word| stem(&word.lower(text)));
    (!then).then_some(SortKey { key, things, object })
}

/// "By the date of the trip": the first word that names something.
fn by(text: &str, behind: &[Word]) -> Option<u32> {
    let word = behind.iter().find(|word| !word.is(vocabulary::STOP))?;
    (!word.is_punctuation() && !word.is_number()).then(|| stem(&word.lower(text)))
}

impl SortKey {
    /// True where the two cannot both be kept.
    pub(crate) fn excludes(&self, other: &SortKey) -> bool {
        let same = |one: Option<u32>, two: Option<u32>| one.zip(two).is_none_or(|(one, two)| one == two);
        self.key != other.key && same(self.things, other.things) && same(self.object, other.object)
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
