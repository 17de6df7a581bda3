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
    /// They are needed.
    Needed,
    /// They are of these kinds: "only captains' reports", "no crew reports".
    Kinds(Vec<u32>),
}

impl Border {
    /// What is ruled out is of another kind than what is confined to.
    fn fits(&self, other: &Border) -> bool {
        match (self, other) {
            (Border::Kinds(one), Border::Kinds(two)) => !one.iter().any(|kind| two.contains(kind)),
            _ => self == other,
        }
    }
}

impl Confined {
    /// True when the two draw the same border, from two sides.
    pub(crate) fn is_other_side_of(&self, other: &Confined) -> bool {
        self.ruled_out != other.ruled_out
            && self.by.fits(&other.by)
            && self.of.iter().any(|stem| other.of.contains(stem))
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
    let clause = (from + 2..words.len())
        .find(|&at| CLAUSES.contains(&&*words[at].lower(text)) && plain(&words[at - 1]));
    let of_a_kind = || of_a_kind(text, words, only, ban);
    let Some(clause) = clause else { return of_a_kind() };
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
    let confined = |by| Some(Confined { of, by, ruled_out: only.is_none() });
    match only {
        Some(_) if one_of(&NEEDED) && !outside => confined(Border::Needed),
        // "Never query for all columns from a table".
        None if named_whole(text, &words[from + 1..clause]) => confined(Border::Needed),
        _ if (one_of(&AT_HAND) || placed) && outside == only.is_none() => confined(Border::AtHand),
        _ => of_a_kind(),
    }
}

/// "based on the captain's and mate's reports only", "use nothing from the crew's reports".
fn of_a_kind(text: &str, words: &[Word], only: Option<usize>, ban: Option<usize>) -> Option<Confined> {
    let end = words.iter().rposition(|word| !word.is_punctuation())?;
    let last = if only == Some(end) { end.checked_sub(1)? } else { end };
    let from = only.filter(|at| *at < last).or(ban).map_or(0, |at| at + 1);
    let joins = |word: &Word| matches!(&*word.lower(text), "and" | "or") || word.text(text) == ",";
    let kind = |word: &Word| {
        !word.is(vocabulary::STOP | vocabulary::PUNCTUATION | vocabulary::VERB | vocabulary::NEGATION)
    };
    let mut kinds = Vec::new();
    for word in words.get(from..last)?.iter().rev().take_while(|word| joins(word) || kind(word)) {
        if !joins(word) {
            kinds.push(stem(&word.lower(text)));
        }
    }
    let noun = words.get(last).filter(|word| kind(word) || word.is(vocabulary::VERB))?;
    let short = words.len() <= SHORT && !words.iter().any(|word| word.is(vocabulary::CONDITION));
    let of = vec![stem(&noun.lower(text))];
    (short && !kinds.is_empty()).then_some(Confined {
        of,
        by: Border::Kinds(kinds),
        ruled_out: only.is_none(),
    })
}

/// The words of a demand that speaks of one kind of thing and little else.
const SHORT: usize = 14;

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
        assert!(!sides("Only name piers listed in the plan.", "Do not name boats that are not in the list."));
        assert!(!sides("Only name piers that are open.", "Do not name piers that are not in the list."));
        assert!(sides(
            "Never list all fares from a table.",
            "List only the fares that are needed to answer."
        ));
        assert!(!sides("Never list all fares from a table.", "List only the fares shown in the table."));
        assert!(sides(
            "Write from the captain's and mate's reports only.",
            "Do not take anything from the crew reports."
        ));
        assert!(!sides("Use only metric units.", "Do not use metric units."));
        assert!(!sides("Use only the captain's reports.", "Do not use passengers' names."));
        assert!(!sides("Only name the piers listed.", "Name only piers that are shown."));
    }
}
