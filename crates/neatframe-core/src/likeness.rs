//! What a demand comes down to, so that two can be compared whatever their words.

use crate::lexicon::vocabulary;
use crate::words::Word;
use std::borrow::Cow;

/// The gist of a unit: the stems of its meaningful words, its numbers, and whether it forbids.
#[derive(Clone, Debug, Default)]
pub(crate) struct Gist {
    /// Sorted, no doubles. Words of one meaning share a stem.
    pub(crate) stems: Vec<u32>,
    numbers: Vec<u32>,
    forbids: bool,
    /// "Only the figures that are given", "no figures that are not given".
    confines: bool,
    /// Whether it is to happen once, or each time.
    once: bool,
    each: bool,
    /// What is done to the thing: kept, or changed.
    keeps: bool,
    changes: bool,
    /// "Leave the names as they are", "do not change the names": kept as a whole.
    preserves: bool,
    /// The part that it holds for: "in the title".
    place: Option<u32>,
    /// Stems of what stands in capitals or backticks: names that set two demands apart.
    named: Vec<u32>,
    /// A short demand for one quality and nothing else.
    one_quality: bool,
}

/// Words that only frame a demand ("keep it", "make sure"), or bound it ("at most"). Sorted.
const FRAMING: &[&str] = &[
    "above", "again", "also", "answer", "answers", "appear", "appears", "base", "based", "be", "below",
    "carries", "carry", "come", "comes", "count", "counted", "do", "done", "ensure", "everything", "exceed",
    "fewer", "first", "forget", "get", "gets", "give", "given", "go", "goes", "has", "have", "important",
    "include", "it", "its", "keep", "last", "least", "length", "less", "letters", "limit", "limited", "long",
    "longer", "look", "looks", "made", "make", "max", "maximum", "min", "minimum", "more", "most", "need",
    "needs", "note", "output", "over", "overall", "own", "part", "parts", "please", "put", "really",
    "remember", "replies", "reply", "response", "responses", "said", "say", "set", "short", "shorter",
    "size", "sound", "stay", "sure", "text", "thing", "things", "time", "times", "tone", "total", "type",
    "under", "use", "used", "very", "voice", "want", "way", "well", "whole", "within", "write", "written",
];

/// Names of what comes back. Sorted.
const OUTPUTS: &[&str] = &[
    "article", "copy", "email", "essay", "feedback", "letter", "mail", "message", "newsletter", "note",
    "notice", "page", "post", "report", "summary",
];

/// Words that demand the same as others, with the number of their group. Sorted.
const SAME: &[(&str, u8)] = &[
    ("affordable", 5),
    ("amount", 0),
    ("amounts", 0),
    ("apologise", 26),
    ("apologize", 26),
    ("apology", 26),
    ("brief", 1),
    ("budget", 13),
    ("bullet", 12),
    ("bullets", 12),
    ("businesslike", 11),
    ("cheap", 5),
    ("client", 4),
    ("clients", 4),
    ("clip", 21),
    ("clips", 21),
    ("commit", 16),
    ("committed", 16),
    ("committing", 16),
    ("concise", 1),
    ("correct", 14),
    ("courteous", 2),
    ("customer", 4),
    ("customers", 4),
    ("disclose", 25),
    ("drug", 22),
    ("e-mail", 7),
    ("easy", 6),
    ("email", 7),
    ("fabricate", 8),
    ("figure", 3),
    ("figures", 3),
    ("film", 21),
    ("films", 21),
    ("fri", 20),
    ("friday", 20),
    ("friendly", 2),
    ("guarantee", 16),
    ("hallucinate", 8),
    ("heading", 10),
    ("headline", 10),
    ("image", 9),
    ("images", 9),
    ("inexpensive", 5),
    ("invent", 8),
    ("kind", 2),
    ("low-cost", 5),
    ("mail", 7),
    ("medication", 22),
    ("medicine", 22),
    ("medicines", 22),
    ("mention", 15),
    ("mentioned", 15),
    ("mon", 17),
    ("monday", 17),
    ("money", 0),
    ("name", 15),
    ("named", 15),
    ("names", 15),
    ("nice", 2),
    ("number", 3),
    ("numbers", 3),
    ("people", 23),
    ("person", 23),
    ("persons", 23),
    ("photo", 9),
    ("photos", 9),
    ("picture", 9),
    ("pictures", 9),
    ("plain", 6),
    ("polite", 2),
    ("price", 0),
    ("prices", 0),
    ("professional", 11),
    ("promise", 16),
    ("promised", 16),
    ("promises", 16),
    ("promising", 16),
    ("quotation", 27),
    ("quotations", 27),
    ("quote", 27),
    ("quotes", 27),
    ("reveal", 25),
    ("right", 14),
    ("short", 1),
    ("simple", 6),
    ("sorry", 26),
    ("spend", 13),
    ("spoil", 25),
    ("state", 15),
    ("stated", 15),
    ("succinct", 1),
    ("sum", 0),
    ("sums", 0),
    ("terse", 1),
    ("thu", 19),
    ("thurs", 19),
    ("thursday", 19),
    ("title", 10),
    ("tue", 18),
    ("tues", 18),
    ("tuesday", 18),
    ("video", 21),
    ("videos", 21),
];

/// Reads the gist of a unit's words; `quality` tells that the lexicon of qualities knows one of them.
pub(crate) fn gist(text: &str, words: &[Word], quality: bool) -> Gist {
    let mut gist = Gist::default();
    let (mut negations, mut only, mut beyond) = (0u32, false, false);
    // "Use active, not passive": what stands behind the comma only says it the other way round.
    let tail = words.windows(2).position(|pair| {
        pair[1].lower(text) == "not" && (pair[0].text(text) == "," || pair[0].lower(text) == "but")
    });
    let words = &words[..tail.filter(|at| *at >= 2).unwrap_or(words.len())];
    let preserved = preserves(text, words);
    gist.preserves = preserved;
    // "Never give a fare without its link": each of them has one.
    let without = words.iter().position(|word| word.lower(text) == "without");
    let requires =
        without.is_some_and(|without| words[..without].iter().any(|word| word.is(vocabulary::NEGATION)));
    let ends = narrow_place(text, words);
    gist.place = words.get(ends + 2).map(|word| stem(&word.lower(text)));
    let words = &words[..ends];
    let mut in_condition = false;
    let mut skips = false;
    for (at, word) in words.iter().enumerate() {
        // "When there is no hour" and "if the hour is missing" name one case.
        in_condition = word.is(vocabulary::CONDITION)
            || in_condition && !matches!(word.text(text), "," | ";" | ":" | ".");
        if std::mem::take(&mut skips) || in_condition && ABSENT.contains(&&*word.lower(text)) {
            continue;
        }
        // "Entries are left out", "leave entries out".
        if preserved && PRESERVING.contains(&&*word.lower(text)) {
            continue;
        }
        let leaves = matches!(&*word.lower(text), "leave" | "left" | "leaving");
        let out = words[at..].iter().take(6).any(|word| word.lower(text) == "out");
        if leaves && out {
            negations += 1;
            skips = words.get(at + 1).is_some_and(|next| next.lower(text) == "out");
            continue;
        }
        // "One by one" counts nothing.
        let by = |at: usize| words.get(at).is_some_and(|word| word.lower(text) == "by");
        // "The better one" counts nothing either.
        let stands_for = at > 0
            && words.get(at + 1).is_none_or(|next| next.is_punctuation())
            && !words[at - 1].is(vocabulary::STOP | vocabulary::VERB | vocabulary::PUNCTUATION);
        let one = word.lower(text) == "one" && (stands_for || by(at + 1) || at > 0 && by(at - 1));
        if one {
            continue;
        }
        if word.is_number() {
            let value = vocabulary::number_value(word.id).unwrap_or_else(|| hash(word.text(text).as_bytes()));
            let digits = word.text(text).replace(',', "").parse().unwrap_or(value);
            gist.numbers.push(digits);
            continue;
        }
        let lower = word.lower(text);
        if LEAVES_OUT.contains(&&*lower) {
            negations += 1;
            continue;
        }
        // "Fares are in crowns, without decimals" orders first.
        let aside =
            gist.stems.len() >= 2 && lower == "without" && words[at - 1].text(text) == "," && negations == 0;
        negations += u32::from(word.is(vocabulary::NEGATION) && !aside);
        // "Do not forget to name it" asks for it.
        negations -= u32::from(lower == "forget" && negations > 0);
        gist.once |= lower == "once";
        gist.each |= matches!(&*lower, "every" | "each");
        gist.keeps |= matches!(&*lower, "keep" | "preserve" | "retain");
        gist.changes |=
            matches!(&*lower, "translate" | "change" | "replace" | "cut" | "remove" | "shorten" | "delete");
        let solely = matches!(&*lower, "solely" | "exclusively" | "strictly");
        only |= solely || lower == "only" || lower == "just" && gist.stems.is_empty();
        // "Nothing but the log".
        let but = at > 0 && lower == "but" && matches!(&*words[at - 1].lower(text), "nothing" | "anything");
        beyond |= but || ["outside", "beyond", "besides", "other", "else"].contains(&&*lower);
        if word.is_punctuation() || solely || word.is(vocabulary::STOP | vocabulary::NEGATION) {
            continue;
        }
        if is_name(text, *word) {
            gist.named.push(stem(&lower));
        }
        if FRAMING.binary_search(&&*lower).is_err() || is_quality(&lower) {
            gist.stems.push(stem(&lower));
        }
    }
    if preserved || requires {
        negations = 0;
    }
    gist.stems.sort_unstable();
    gist.stems.dedup();
    gist.numbers.sort_unstable();
    // "Keep the newsletter short": what is to be short hardly matters.
    let output = |word: &&Word| OUTPUTS.binary_search(&&*word.lower(text)).is_ok();
    let named =
        words.iter().filter(output).map(|word| stem(&word.lower(text))).find(|_| gist.stems.len() == 2);
    if let Some(at) =
        named.filter(|_| quality && words.len() <= 10).and_then(|named| gist.stems.binary_search(&named).ok())
    {
        gist.stems.remove(at);
    }
    gist.one_quality = quality && gist.stems.len() == 1 && words.len() <= 10;
    gist.forbids = negations > 0;
    let conditional = words.iter().any(|word| word.is(vocabulary::CONDITION));
    gist.confines = !conditional && (only && negations == 0 || negations >= 2 || negations == 1 && beyond);
    // "No title is longer than 8 words" bounds; it does not forbid.
    gist.forbids &= gist.numbers.is_empty();
    gist
}

/// Words with which a thing is said to be left as it is, besides its name.
const PRESERVING: [&str; 24] = [
    "untranslated", "translate", "translated", "in", "as", "they", "it", "is", "are", "leave", "left",
    "unchanged", "untouched", "unaltered", "change", "changed", "alter", "altered", "touch", "touched",
    "remain", "remains", "stay", "stays",
];

/// "Keep the names as they are", "the names stay unchanged", "do not alter the names".
fn preserves(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG_WISH || words.iter().any(|word| word.is(vocabulary::CONDITION)) {
        return false;
    }
    (0..words.len()).any(|at| match &*lower(at) {
        "keep" | "leave" | "stay" | "stays" | "remain" | "remains" | "left" | "kept" => (at + 1..words.len())
            .any(|at| match &*lower(at) {
                "unchanged" | "untouched" | "unaltered" | "untranslated" => true,
                // "Keep the names in Portuguese".
                "in" => {
                    let language = words.get(at + 1).map_or("", |word| word.text(text));
                    language.ends_with("ese") || language.ends_with("sh") || language.ends_with("an")
                }
                "as" => {
                    matches!(&*lower(at + 1), "is" | "they" | "it")
                        && matches!(&*lower(at + 2), "is" | "are" | "." | "")
                }
                _ => false,
            }),
        "change" | "alter" | "touch" | "translate" | "changed" | "altered" | "touched" | "translated" => {
            at > 0
                && at <= 6
                && words[..at].iter().any(|word| word.is(vocabulary::NEGATION))
                && words[at + 1..].iter().all(|word| !matches!(&*word.lower(text), "to" | "into" | "without"))
        }
        _ => false,
    })
}

/// Where "in the title", "in your reply" begins, at the end of a sentence; the length where nothing of the kind stands there.
fn narrow_place(text: &str, words: &[Word]) -> usize {
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
    let tail = end.saturating_sub(3);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let led = matches!(&*lower(tail), "in" | "within")
        && matches!(&*lower(tail + 1), "the" | "your" | "each" | "every" | "any");
    // "Fares that are not in the table" names fares.
    let told = tail > 0 && words[tail - 1].is(vocabulary::NEGATION | vocabulary::FINITE);
    if led && tail >= 3 && !told { tail } else { words.len() }
}

/// Words from which a sentence says more than what is kept.
const LONG_WISH: usize = 18;

/// Verbs that forbid their object.
const LEAVES_OUT: [&str; 8] =
    ["skip", "skipped", "omit", "omitted", "exclude", "excluded", "drop", "dropped"];

/// Words that say in a condition that a thing is not there.
const ABSENT: [&str; 14] = [
    "no", "not", "none", "missing", "absent", "lacking", "there", "given", "stated", "known", "available",
    "without", "lacks", "has",
];

/// `LOST`, "`lost`", `find_boat`: a word that stands for one thing alone.
fn is_name(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    shown.len() >= 3 && (shown.chars().all(|c| c.is_ascii_uppercase() || c == '_') || shown.contains('_'))
        || text[..word.start as usize].ends_with('`')
}

/// "short" frames a limit but is the whole of "keep it short".
fn is_quality(word: &str) -> bool {
    word == "short"
}

impl Gist {
    /// True when `earlier` makes the demand that this one makes: its words are there, its numbers are the same.
    pub(crate) fn is_said_by(&self, earlier: &Gist) -> bool {
        let shared = self.stems.iter().filter(|stem| earlier.stems.binary_search(stem).is_ok()).count();
        let same_numbers = self.numbers == earlier.numbers
            || self.numbers.is_empty() && self.one_quality
            || (!self.numbers.is_empty() && self.numbers.iter().all(|n| earlier.numbers.contains(n)));
        let other_time =
            self.once && earlier.each && !earlier.once || earlier.once && self.each && !self.once;
        let other_fate = self.keeps && earlier.changes
            || earlier.keeps && self.changes
            || self.preserves != earlier.preserves && !(self.keeps && earlier.keeps);
        // What is ruled out everywhere is ruled out in one part as well.
        let other_place = self.place != earlier.place && !(self.forbids && earlier.place.is_none());
        let other_name = self.named.iter().any(|name| earlier.stems.binary_search(name).is_err());
        if !same_numbers || shared == 0 || other_time || other_fate || other_name || other_place {
            return false;
        }
        if self.one_quality && self.forbids == earlier.forbids {
            return true;
        }
        if self.preserves && earlier.preserves {
            return shared == self.stems.len();
        }
        let both_confine = self.confines && earlier.confines && (shared >= 2 || self.stems == earlier.stems);
        let one_source = self.named.iter().any(|name| earlier.stems.binary_search(name).is_ok());
        if both_confine
            && (shared * 3 >= self.stems.len() * 2 || one_source && shared * 2 >= self.stems.len())
        {
            return true;
        }
        let weight = self.stems.len() + self.numbers.len();
        // Two words in common say little where the earlier line says much besides.
        if self.stems.len() <= 2 && earlier.stems.len() > self.stems.len() + 2 && self.numbers.is_empty() {
            return false;
        }
        let covered = shared * 5 >= self.stems.len() * 4
            || !self.forbids && shared >= 3 && shared * 4 >= self.stems.len() * 3;
        // The shorter the demand, the more of the earlier one it has to be.
        let alike = shared * 2 >= earlier.stems.len() || (weight >= 4 && shared == self.stems.len());
        covered && alike && (weight >= 2 || earlier.stems.len() <= 1) && self.forbids == earlier.forbids
    }
}

/// A light stemmer: folds plural and verb endings, and words of one meaning.
pub(crate) fn stem(word: &str) -> u32 {
    if let Ok(at) = SAME.binary_search_by(|(known, _)| (*known).cmp(word)) {
        return hash(&[SAME[at].1]);
    }
    let single = word.strip_suffix('s').filter(|single| single.len() > 3);
    if let Some(at) = single.and_then(|one| SAME.binary_search_by(|(known, _)| (*known).cmp(one)).ok()) {
        return hash(&[SAME[at].1]);
    }
    let base = word.strip_suffix("'s").unwrap_or(word);
    let cut = |suffix: &str, least: usize| base.strip_suffix(suffix).filter(|rest| rest.len() >= least);
    let base = cut("ations", 4)
        .or_else(|| cut("ation", 4))
        .or_else(|| cut("ingly", 3))
        .or_else(|| cut("ing", 3))
        .or_else(|| cut("ies", 2))
        .or_else(|| cut("ely", 3))
        .or_else(|| cut("es", 4))
        .or_else(|| cut("ed", 3))
        .or_else(|| cut("ly", 3))
        .or_else(|| if base.ends_with("ss") { None } else { cut("s", 3) })
        .unwrap_or(base);
    let base = base.trim_end_matches(['e', 'y']);
    hash(base.as_bytes())
}

/// FNV-1a, 32 bits (Fowler, Noll, Vo).
fn hash(bytes: &[u8]) -> u32 {
    bytes.iter().fold(0x811c_9dc5, |hash, &byte| (hash ^ u32::from(byte)).wrapping_mul(0x0100_0193))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn said(later: &str, earlier: &str) -> bool {
        let read = |text: &str| gist(text, Words::read(text, 0).within(Span::new(0, text.len())), false);
        read(later).is_said_by(&read(earlier))
    }

    #[test]
    fn other_words_same_demand() {
        assert!(said(
            "The total length must stay below 400 words.",
            "Keep it under 400 words, all parts counted."
        ));
        assert!(said("Each price has to come with its link.", "Give a link for every price."));
        assert!(said("The feedback should be good.", "Give good feedback."));
        assert!(said("Do not change the names of piers.", "Leave fares and names of piers as they are."));
        assert!(said("Never give a fare without its link.", "Every fare carries a link."));
    }

    #[test]
    fn other_demands() {
        assert!(!said("Bullets have at most 12 words.", "Titles have at most 8 words."));
        assert!(!said("Never name the pier.", "Name the pier."));
        assert!(!said("Do not change the fares into dollars.", "Leave fares as they are."));
        assert!(!said("Never name a pier without asking.", "Do not name a pier."));
        assert!(!said("Write the answer.", "Write the summary of the answer in French."));
    }

    #[test]
    fn lists_are_sorted() {
        assert!(FRAMING.is_sorted() && OUTPUTS.is_sorted() && SAME.is_sorted());
    }

    #[test]
    fn stems_fold_endings() {
        assert_eq!(stem("prices"), stem("price"));
        assert_eq!(stem("concise"), stem("brief"));
        assert_ne!(stem("ferry"), stem("fern"));
    }
}
