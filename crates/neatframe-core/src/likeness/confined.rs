//! "Only the piers that are listed" and "no piers that are not listed": one border, told from its two sides.

use super::stem;
use crate::lexicon::vocabulary;
use crate::words::Word;

/// What a demand is confined to, and from which side it says so.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct Confined {
    /// The stems of the thing of which not all may be used.
    of: Vec<u32>,
    /// What the border runs along.
    by: Border,
    /// Told by what is ruled out.
    ruled_out: bool,
}

/// What sets apart the things that may be used.
#[derive(Clone, Debug, PartialEq, Eq)]
enum Border {
    /// They are at hand.
    AtHand,
    /// They are needed for what is done with them: its stem.
    Needed(u32),
}

impl Confined {
    /// True when the two draw the same border, from two sides.
    pub(crate) fn is_other_side_of(&self, other: &Confined) -> bool {
        self.ruled_out != other.ruled_out
            && self.by == other.by
            && self.of.iter().any(|stem| other.of.contains(stem))
    }

    /// True when both say "only" of the same things at hand: "only the tables in the schema", "tables which are in the schema".
    pub(crate) fn says_again(&self, other: &Confined) -> bool {
        !self.ruled_out
            && !other.ruled_out
            && self.by == Border::AtHand
            && other.by == Border::AtHand
            && !self.of.is_empty()
            && self.of.first() == other.of.first()
    }
}

/// Words that say that a thing is at hand.
const AT_HAND: [&str; 22] = [
    "listed", "available", "provided", "given", "see", "seen", "exist", "exists", "existing", "present",
    "mentioned", "specified", "defined", "shown", "appear", "appears", "included", "supplied", "list",
    "below", "above", "schema",
];

/// Words with which a clause behind a thing begins.
const CLAUSES: [&str; 17] = [
    "that", "which", "who", "you", "listed", "available", "provided", "given", "present", "mentioned",
    "specified", "defined", "shown", "in", "from", "outside", "not",
];

/// Words that say that a thing is needed.
const NEEDED: [&str; 4] = ["needed", "necessary", "required", "relevant"];

/// How far behind the thing the words are looked for.
const REACH: usize = 9;

/// What a demand is confined to, if it says that only what is at hand may be used.
pub(crate) fn confined(text: &str, words: &[Word]) -> Option<Confined> {
    let denies = |word: &Word| word.is(vocabulary::NEGATION) || word.lower(text).ends_with("n't");
    let only = words.iter().position(|word| matches!(&*word.lower(text), "only" | "solely" | "exclusively"));
    let ban = words.iter().position(|word| denies(word) || word.lower(text) == "avoid");
    let from = only.or(ban)?;
    let plain = |word: &Word| !word.is(vocabulary::STOP | vocabulary::PUNCTUATION | vocabulary::NEGATION);
    // "Bring in" is one verb.
    let phrasal = |at: usize| at == from + 2 && words[at - 1].is(vocabulary::VERB);
    let clause = (from + 2..words.len())
        .find(|&at| CLAUSES.contains(&&*words[at].lower(text)) && plain(&words[at - 1]) && !phrasal(at))?;
    let deed =
        words.iter().find(|word| word.is(vocabulary::VERB) && !matches!(&*word.lower(text), "do" | "be"));
    let needed = || Some(Border::Needed(stem(&deed?.lower(text))));
    let named = words[from + 1..clause].iter().rev().take_while(|word| plain(word)).take(2).enumerate();
    // "Name piers", "column names".
    let named = named.filter(|(at, word)| *at == 0 || !word.is(vocabulary::VERB));
    let of: Vec<u32> = named.map(|(_, word)| stem(&word.lower(text))).collect();
    let rest = &words[clause..words.len().min(clause + REACH)];
    let outside = rest.iter().any(|word| denies(word) || word.lower(text) == "outside");
    // "That are not in the plan".
    let placed = rest.windows(2).any(|pair| {
        matches!(&*pair[0].lower(text), "in" | "on" | "from")
            && matches!(&*pair[1].lower(text), "the" | "our" | "this")
    });
    let one_of = |names: &[&str]| rest.iter().any(|word| names.contains(&&*word.lower(text)));
    let by = match only {
        Some(_) if one_of(&NEEDED) && !outside => needed(),
        // "Never query for all columns from a table".
        None if named_whole(text, &words[from + 1..clause]) => needed(),
        _ => ((one_of(&AT_HAND) || placed) && outside == only.is_none()).then_some(Border::AtHand),
    };
    by.map(|by| Confined { of, by, ruled_out: only.is_none() })
}

/// "all columns", "every one of the columns".
fn named_whole(text: &str, words: &[Word]) -> bool {
    words.iter().rev().skip(1).take(4).any(|word| matches!(&*word.lower(text), "all" | "every" | "entire"))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn read(text: &str) -> Option<Confined> {
        confined(text, Words::read(text, 0).within(Span::new(0, text.len())))
    }

    #[test]
    fn one_border_from_two_sides() {
        let sides = |one: &str, two: &str| {
            read(one).zip(read(two)).is_some_and(|(one, two)| one.is_other_side_of(&two))
        };
        assert!(sides(
            "Only use the columns that you can see in the schema.",
            "Be careful not to query columns that do not exist."
        ));
        assert!(sides(
            "ONLY consider piers listed in the plan",
            "Do not name piers that aren't in the list."
        ));
        assert!(sides("Use only fares from the log.", "Do not bring in fares that are not in the log."));
        assert!(!sides("Only name piers listed in the plan.", "Do not name boats that are not in the list."));
        assert!(!sides("Only name piers that are open.", "Do not name piers that are not in the list."));
        assert!(sides(
            "Never list all fares from a table.",
            "List only the fares that are needed to answer."
        ));
        assert!(!sides("Never list all fares from a table.", "List only the fares shown in the table."));
        assert!(!sides("Only use fares that are needed.", "Never store all fares in the log."), "two deeds");
        assert!(!sides("Take only paid orders.", "Do not take late orders."));
        assert!(!sides("Only name the piers listed.", "Name only piers that are shown."));
    }
}
