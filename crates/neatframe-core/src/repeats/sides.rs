//! One rule told from two sides: "only name piers that are open", "if a pier is not open, do not name it".

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// Properties and what denies them. Both stand for one property, on its two sides.
const OPPOSITES: [(&str, &str); 38] = [
    ("accurate", "inaccurate"),
    ("active", "inactive"),
    ("afloat", "sunk"),
    ("alive", "dead"),
    ("allowed", "forbidden"),
    ("appropriate", "inappropriate"),
    ("approved", "unapproved"),
    ("available", "unavailable"),
    ("complete", "incomplete"),
    ("confirmed", "unconfirmed"),
    ("consistent", "inconsistent"),
    ("correct", "incorrect"),
    ("existing", "nonexistent"),
    ("fair", "unfair"),
    ("good", "bad"),
    ("known", "unknown"),
    ("legal", "illegal"),
    ("living", "dead"),
    ("necessary", "unnecessary"),
    ("open", "closed"),
    ("paid", "unpaid"),
    ("pass", "fail"),
    ("positive", "negative"),
    ("possible", "impossible"),
    ("present", "absent"),
    ("public", "private"),
    ("published", "unpublished"),
    ("read", "unread"),
    ("related", "unrelated"),
    ("relevant", "irrelevant"),
    ("reliable", "unreliable"),
    ("safe", "unsafe"),
    ("supported", "unsupported"),
    ("true", "false"),
    ("valid", "invalid"),
    ("verified", "unverified"),
    ("visible", "hidden"),
    ("yes", "no"),
];

/// Deeds that all put a thing into the answer. Sorted.
const NAMES: [&str; 17] = [
    "add", "consider", "discuss", "give", "include", "list", "mention", "name", "output", "pick", "provide",
    "report", "return", "show", "suggest", "use", "write",
];

/// The longest demand that is read, in words.
const LONG: usize = 24;

/// How many demands are remembered.
const MOST: usize = 64;

/// A thing that may be dealt with, or may not, by what it is like.
#[derive(Debug, PartialEq, Eq)]
struct Side {
    deed: u32,
    thing: u32,
    /// The property, by the word for its affirmed side.
    by: u32,
    /// The thing has the property, or does not have it.
    has: bool,
    /// Only such things, or no such things.
    allowed: bool,
}

/// A thing that is to be given in one case only, or is not to be given in a case.
#[derive(Debug)]
struct Case {
    wanted: Vec<u32>,
    /// What the case is about: the verdict, the fare.
    of: Vec<u32>,
    value: String,
    only: bool,
}

/// Each demand that tells an earlier one from its other side, or again. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut sides: Vec<(usize, Side)> = Vec::new();
    let mut cases: Vec<(usize, Case)> = Vec::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let all = words.within(span);
        if all.len() > LONG {
            continue;
        }
        if let Some(side) = side(text, all).filter(|_| sides.len() < MOST) {
            let twin = sides.iter().find(|(_, told)| told.tells_the_same(&side));
            found.extend(twin.map(|(earlier, _)| (unit, *earlier)));
            sides.push((unit, side));
        }
        if let Some(case) = case(text, all).filter(|_| cases.len() < MOST) {
            let twin = cases.iter().find(|(_, told)| told.tells_the_same(&case));
            found.extend(twin.map(|(earlier, _)| (unit, *earlier)));
            cases.push((unit, case));
        }
    }
    found
}

impl Side {
    fn tells_the_same(&self, other: &Side) -> bool {
        let of_one = self.thing == other.thing && self.by == other.by && self.deed == other.deed;
        let same = self.allowed && other.allowed && self.has == other.has;
        let turned = self.allowed != other.allowed && self.has != other.has;
        of_one && (same || turned)
    }
}

impl Case {
    fn tells_the_same(&self, other: &Case) -> bool {
        let shares = |one: &[u32], two: &[u32]| one.iter().any(|stem| two.contains(stem));
        let turned = OPPOSITES.iter().any(|(one, two)| {
            self.value == *one && other.value == *two || self.value == *two && other.value == *one
        });
        self.only != other.only
            && turned
            && shares(&self.wanted, &other.wanted)
            && shares(&self.of, &other.of)
    }
}

fn denies(word: &Word) -> bool {
    word.is(vocabulary::NEGATION)
}

/// A property by the word for its affirmed side, and whether this word affirms it.
fn property(word: &str) -> Option<(u32, bool)> {
    OPPOSITES.iter().find_map(|(yes, no)| match word {
        _ if word == *yes => Some((stem(yes), true)),
        _ if word == *no => Some((stem(yes), false)),
        _ => None,
    })
}

/// One stem for all deeds that put something into the answer.
fn deed(word: &str) -> u32 {
    if NAMES.binary_search(&word).is_ok() { stem("name") } else { stem(word) }
}

/// "Only name piers that are open", "do not name closed piers", "if a pier is closed, do not name it".
fn side(text: &str, words: &[Word]) -> Option<Side> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let only = words.iter().position(|word| word.lower(text) == "only");
    let allowed = only.is_some_and(|only| only <= 5);
    let (at, known, affirmed) = (0..words.len()).find_map(|at| {
        let (known, affirmed) = property(&lower(at))?;
        Some((at, known, affirmed))
    })?;
    let links = |at: usize| matches!(&*lower(at), "is" | "are" | "was" | "were");
    let not = at > 0 && denies(&words[at - 1]);
    let link = at.checked_sub(1 + usize::from(not)).filter(|&at| links(at));
    let named = |at: usize| {
        !words[at].is_punctuation()
            && !words[at].is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
    };
    let thing = match link {
        // "Piers that are open", "a pier is not open".
        Some(link) => {
            let before = if matches!(&*lower(link.checked_sub(1)?), "that" | "which" | "who") {
                link - 1
            } else {
                link
            };
            before.checked_sub(1).filter(|&at| named(at))?
        }
        // "Open piers".
        None => Some(at + 1).filter(|&at| at < words.len() && named(at))?,
    };
    let conditional = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
    // The ban stands outside the clause of the property.
    let ban = (0..words.len()).find(|&place| denies(&words[place]) && !(not && place == at - 1));
    let cannot = |at: usize| matches!(&*lower(at), "cannot" | "can't");
    let verb = match (allowed, ban) {
        (true, None) => {
            let only = only?;
            // "Only name piers", "you can only pick a boat".
            (only + 1..words.len().min(only + 4)).find(|&at| words[at].is(vocabulary::VERB) && at != thing)
        }
        (false, Some(ban)) => {
            (ban + 1..words.len().min(ban + 3)).find(|&at| words[at].is(vocabulary::VERB) || cannot(ban))
        }
        // "Only name existing piers, do not suggest new ones" says it from both sides at once.
        (true, Some(ban))
            if ban > thing.max(at) && words[..ban].iter().any(|word| word.text(text) == ",") =>
        {
            let only = only?;
            (only + 1..words.len().min(only + 4)).find(|&at| words[at].is(vocabulary::VERB) && at != thing)
        }
        _ => None,
    }?;
    let cased = words.iter().skip(1).any(|word| word.is(vocabulary::CONDITION)) || conditional && allowed;
    let has = affirmed != not;
    (!cased).then(|| Side { deed: deed(&lower(verb)), thing: stem(&lower(thing)), by: known, has, allowed })
}

/// "Give a reason only if the verdict is 'no'", "no reason is needed if the verdict is 'yes'".
fn case(text: &str, words: &[Word]) -> Option<Case> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let at = words.iter().position(|word| matches!(&*word.lower(text), "if" | "when" | "where"))?;
    let only = at > 0 && lower(at - 1) == "only";
    let end = (at..words.len()).find(|&at| words[at].text(text) == ",").unwrap_or(words.len());
    let (clause, main) = (at + 1..end, if at > 2 { 0..at } else { end..words.len() });
    let value = clause
        .clone()
        .rev()
        .find(|&at| property(&lower(at)).is_some() && (at == 0 || !denies(&words[at - 1])))?;
    let denied = main.clone().any(|at| denies(&words[at]));
    let stems = |range: std::ops::Range<usize>| -> Vec<u32> {
        range
            .filter(|&at| {
                !words[at].is_punctuation()
                    && !words[at]
                        .is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::VERB)
                    && lower(at) != "only"
            })
            .map(|at| stem(&lower(at)))
            .collect()
    };
    let wanted = stems(main);
    let of = stems(clause.start..value);
    (only != denied).then(|| Case { wanted, of, value: lower(value).into_owned(), only })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn names_are_sorted() {
        assert!(NAMES.is_sorted());
    }

    #[test]
    fn one_border_from_both_sides() {
        let open = "Only name piers that are open.";
        assert!(again(open, "If a pier is not open, do not name it."));
        assert!(again(open, "Do not name closed piers."));
        assert!(again("You can only pick a boat that is afloat.", "You cannot pick a boat that is sunk."));
        assert!(again("Only discuss existing piers.", "Only name existing piers, don't suggest new ones."));
        assert!(!again(open, "If a pier is not open, say when it opens."));
        assert!(!again(open, "Do not name closed decks."));
        assert!(!again(open, "Do not paint closed piers."));
        assert!(!again(open, "Only name boats that are open."));
    }

    #[test]
    fn one_case_from_both_sides() {
        let reason = "Give a 'reason' only if the verdict is 'no'.";
        assert!(again(reason, "You do not have to give a reason if the verdict is 'yes'."));
        assert!(!again(reason, "You do not have to give a reason if the fare is 'yes'."));
        assert!(!again(reason, "Do not give a fare if the verdict is 'yes'."));
        assert!(!again(reason, "Give a 'time' only if the verdict is 'yes'."));
    }
}
