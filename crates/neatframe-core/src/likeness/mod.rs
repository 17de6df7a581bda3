//! What a demand comes down to, so that two can be compared whatever their words.

mod apart;
mod base;
mod idioms;
mod kept;
mod stem;

use crate::lexicon::vocabulary;
use crate::words::Word;
pub(crate) use apart::{are_apart, are_opposed};
use base::hash;
use kept::{PRESERVING, narrow_place, preserves};
pub(crate) use stem::stem;

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
    /// "Do not forget the hut": a figure that was told with it may be left away.
    reminds: bool,
}

/// Words that only frame a demand ("keep it", "make sure"), or bound it ("at most"). Sorted.
const FRAMING: &[&str] = &[
    "above", "absolutely", "again", "also", "answer", "answered", "answers", "appear", "appears", "assign",
    "assigned", "back", "base", "based", "be", "belong", "belongs", "below", "carries", "carry", "come",
    "comes", "contain", "contained", "contains", "count", "counted", "do", "done", "ensure", "everything",
    "exceed", "extremely", "fewer", "first", "following", "forget", "generate", "generated", "get", "gets",
    "give", "given", "go", "goes", "has", "have", "important", "include", "included", "including",
    "incredibly", "it", "its", "job", "keep", "last", "least", "length", "less", "letters", "limit",
    "limited", "long", "longer", "look", "looks", "made", "make", "max", "maximum", "min", "minimum", "more",
    "most", "need", "needs", "note", "occur", "occurs", "output", "over", "overall", "own", "part", "parts",
    "please", "present", "put", "really", "remember", "replies", "reply", "response", "responses", "said",
    "say", "set", "short", "shorter", "single", "size", "sound", "stay", "stays", "sure", "text", "thing",
    "things", "time", "times", "tone", "total", "type", "under", "use", "used", "very", "voice", "want",
    "way", "well", "whole", "within", "write", "written", "younger",
];

/// Names of what comes back. Sorted.
const OUTPUTS: &[&str] = &[
    "article", "copy", "email", "essay", "feedback", "letter", "mail", "message", "newsletter", "note",
    "notice", "page", "post", "report", "summary",
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
    let (words, subject_place) = without_place(text, words);
    let ends = narrow_place(text, words);
    // "In the text" is everywhere.
    let everywhere = |word: &&Word| {
        let lower = word.lower(text);
        let single = lower.strip_suffix('s').unwrap_or(&lower);
        OUTPUTS.binary_search(&single).is_ok() || matches!(single, "text" | "reply" | "answer" | "output")
    };
    let place = words.get(ends + 2).filter(|word| !everywhere(word));
    gist.place = subject_place.or(place.map(|word| stem(&word.lower(text))));
    let words = &words[..ends];
    let mut in_condition = false;
    let (mut skips, mut sampled) = (false, false);
    let idioms = idioms::find(text, words);
    let mut listed = Vec::new();
    for (at, word) in words.iter().enumerate() {
        // "When there is no hour" and "if the hour is missing" name one case.
        in_condition = word.is(vocabulary::CONDITION)
            || in_condition && !matches!(word.text(text), "," | ";" | ":" | ".");
        // "Ticket numbers such as LF-12": a sample of what is named.
        if word.lower(text) == "such" && words.get(at + 1).is_some_and(|next| next.lower(text) == "as") {
            sampled = true;
        }
        sampled &= !(word
            .is(vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL | vocabulary::NEGATION)
            || matches!(&*word.lower(text), "," | ";" | "." | "do" | "does" | "are" | "is" | "in" | "out"));
        if sampled {
            continue;
        }
        if let Some(idiom) = idioms.iter().find(|idiom| idiom.words.contains(&at)) {
            if idiom.words.start == at {
                gist.stems.extend(idiom.means.iter().map(|word| stem(word)));
                negations = negations.saturating_add_signed(idiom.negates);
            }
            continue;
        }
        if std::mem::take(&mut skips) || in_condition && ABSENT.contains(&&*word.lower(text)) {
            continue;
        }
        // "Entries are left out", "leave entries out".
        if preserved && PRESERVING.contains(&&*word.lower(text)) {
            continue;
        }
        let leaves = matches!(
            &*word.lower(text),
            "leave" | "left" | "leaving" | "stay" | "stays" | "keep" | "keeps" | "kept"
        );
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
        // "One comment per problem" is one for each.
        let per = (at + 1..words.len().min(at + 4))
            .any(|at| matches!(&*words[at].lower(text), "per" | "each" | "every"));
        if word.lower(text) == "one" && per {
            gist.each = true;
            continue;
        }
        if word.is_number() {
            let value = vocabulary::number_value(word.id).unwrap_or_else(|| hash(word.text(text).as_bytes()));
            let digits = word.text(text).replace(',', "").parse().unwrap_or(value);
            gist.numbers.push(digits);
            continue;
        }
        let lower = word.lower(text);
        // "Never make up a price".
        if matches!(&*lower, "make" | "makes" | "making")
            && words.get(at + 1).is_some_and(|next| next.lower(text) == "up")
        {
            gist.stems.push(stem("invent"));
            skips = true;
            continue;
        }
        // "Every item needs a price", "do not list an item without its price".
        let denied = at > 0 && words[at - 1].is(vocabulary::NEGATION);
        if requires && denied && LISTS.contains(&&*lower) {
            continue;
        }
        // "Ask the customer for the number", "ask for the number".
        let asking = |at: usize| matches!(&*words[at].lower(text), "ask" | "asking");
        let asks = at > 0 && asking(at - 1) || at > 1 && words[at - 1].lower(text) == "the" && asking(at - 2);
        let told =
            words.get(at + 1).is_some_and(|next| matches!(&*next.lower(text), "for" | "if" | "whether"));
        if asks && told && word.is(vocabulary::PERSON) {
            continue;
        }
        gist.reminds |= matches!(&*lower, "forget" | "remember" | "reminder");
        if LISTED.contains(&&*lower) {
            listed.push(stem(&lower));
        }
        if LEAVES_OUT.contains(&&*lower) {
            negations += 1;
            continue;
        }
        // "Fares are in crowns, without decimals" orders first.
        let aside =
            gist.stems.len() >= 2 && lower == "without" && words[at - 1].text(text) == "," && negations == 0;
        // "If you cannot help, pass the call on": the case is denied, not the demand.
        let opens_case = words[0].is(vocabulary::CONDITION) && in_condition;
        negations += u32::from(word.is(vocabulary::NEGATION) && !aside && !opens_case);
        // "Do not forget to name it" asks for it.
        negations -= u32::from(lower == "forget" && negations > 0);
        gist.once |= lower == "once";
        gist.each |= matches!(&*lower, "every" | "each");
        gist.keeps |= matches!(&*lower, "keep" | "preserve" | "retain");
        gist.changes |=
            matches!(&*lower, "translate" | "change" | "replace" | "cut" | "remove" | "shorten" | "delete");
        let solely = matches!(&*lower, "solely" | "exclusively" | "strictly");
        // "Stick to the facts that are listed".
        let sticks = lower == "stick" && words.get(at + 1).is_some_and(|next| next.lower(text) == "to");
        only |= sticks;
        only |= solely || lower == "only" || lower == "just" && gist.stems.is_empty();
        // "Nothing but the log".
        let but = at > 0 && lower == "but" && matches!(&*words[at - 1].lower(text), "nothing" | "anything");
        beyond |= but || ["outside", "beyond", "besides", "other", "else"].contains(&&*lower);
        if word.is_punctuation() || solely || sticks || word.is(vocabulary::STOP | vocabulary::NEGATION) {
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
    let conditional = words.iter().any(|word| word.is(vocabulary::CONDITION));
    gist.confines = !conditional && (only && negations == 0 || negations >= 2 || negations == 1 && beyond);
    // "Only the tools listed", "no other tools".
    if gist.confines && gist.stems.len() > listed.len() {
        gist.stems.retain(|stem| !listed.contains(stem));
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
    // "No title is longer than 8 words" bounds; it does not forbid.
    gist.forbids &= gist.numbers.is_empty() || shuns(text, words);
    gist
}

/// "Never close a ticket that is younger than three days": what is ruled out is done, and not how much of it.
fn shuns(text: &str, words: &[Word]) -> bool {
    const BOUNDING: [&str; 12] = [
        "more", "over", "longer", "exceed", "fewer", "less", "beyond", "above", "below", "under", "go", "use",
    ];
    let is = |at: usize, name: &str| words.get(at).is_some_and(|word| word.lower(text) == name);
    let bans = if is(0, "do") && is(1, "not") { 2 } else { usize::from(is(0, "never") || is(0, "don't")) };
    let verb = words.get(bans).map(|word| word.lower(text)).unwrap_or_default();
    bans > 0
        && FRAMING.binary_search(&&*verb).is_err()
        && !words.iter().any(|word| BOUNDING.contains(&&*word.lower(text)))
}

/// Verbs that forbid their object.
const LEAVES_OUT: [&str; 8] =
    ["skip", "skipped", "omit", "omitted", "exclude", "excluded", "drop", "dropped"];

/// Verbs that put a thing in.
const LISTS: [&str; 8] = ["list", "give", "show", "name", "add", "use", "mention", "print"];

/// Words that say only that a thing stands somewhere.
const LISTED: [&str; 6] = ["listed", "named", "given", "provided", "mentioned", "allowed"];

/// "The title must not contain a number", "no number in the title": the part moves from the head to where it is looked for.
fn without_place<'a>(text: &str, words: &'a [Word]) -> (&'a [Word], Option<u32>) {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, names: &[&str]| lower(at).is_some_and(|word| names.contains(&&*word));
    let holds =
        (2..words.len().min(6)).find(|&at| is(at, &["contain", "contains", "have", "hold", "include"]));
    let denied = |at: usize| words[2..at].iter().any(|word| word.is(vocabulary::NEGATION));
    match holds.filter(|&at| is(0, &["the", "each", "every", "your"]) && denied(at)) {
        Some(_) => (&words[2..], Some(stem(&words[1].lower(text)))),
        None => (words, None),
    }
}

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
            || self.numbers.is_empty() && (self.one_quality || self.reminds)
            || (!self.numbers.is_empty() && self.numbers.iter().all(|n| earlier.numbers.contains(n)));
        let other_time =
            self.once && earlier.each && !earlier.once || earlier.once && self.each && !self.once;
        let other_fate = self.keeps && earlier.changes
            || earlier.keeps && self.changes
            || self.preserves != earlier.preserves && !(self.keeps && earlier.keeps);
        // What is ruled out everywhere is ruled out in one part as well.
        let other_place = self.place != earlier.place && !(self.forbids && earlier.place.is_none());
        let other_name = self.named.iter().any(|name| earlier.stems.binary_search(name).is_err());
        // "Mails from the board get URGENT" is a case of "label each mail URGENT or NORMAL".
        let one_of_them = self.named.len() < earlier.named.len() && shared < self.stems.len();
        let other_name = other_name || one_of_them;
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
        assert!(FRAMING.is_sorted() && OUTPUTS.is_sorted());
    }
}
