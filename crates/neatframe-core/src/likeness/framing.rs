//! Words that frame a demand, put things in or leave them out, and what single words say of one.

use super::base::hash;
use crate::words::Word;

/// Words that only frame a demand ("keep it", "make sure"), or bound it ("at most"). Sorted.
pub(super) const FRAMING: &[&str] = &[
    "above", "absolutely", "again", "allow", "allowed", "also", "answer", "answerable", "answered",
    "answers", "anybody", "anyone", "anything", "anywhere", "appear", "appears", "assign", "assigned",
    "back", "base", "based", "be", "belong", "belongs", "below", "carries", "carry", "come", "comes",
    "contain", "contained", "contains", "count", "counted", "cover", "covers", "deal", "deals", "do", "done",
    "either", "ensure", "everyone", "everything", "exceed", "extremely", "fewer", "first", "following",
    "forget", "generate", "generated", "get", "gets", "give", "given", "giving", "go", "goes", "has", "have",
    "important", "include", "included", "including", "incredibly", "inside", "it", "it's", "its", "job",
    "keep", "last", "least", "leave", "leaves", "length", "less", "let", "lets", "letters", "limit",
    "limited", "long", "longer", "look", "looks", "made", "make", "matters", "max", "maximum", "min",
    "minimum", "more", "most", "need", "needs", "note", "now", "occur", "occurs", "offer", "offered",
    "offers", "output", "over", "overall", "own", "part", "parts", "permitted", "please", "present",
    "presented", "provide", "provided", "provides", "put", "really", "receive", "receives", "remember",
    "replies", "reply", "response", "responses", "return", "returned", "said", "say", "set", "short",
    "shorter", "single", "size", "something", "sound", "stay", "stays", "sure", "text", "thing", "things",
    "throughout", "time", "times", "total", "turn", "type", "under", "use", "used", "very", "want", "way",
    "well", "whole", "within", "wrap", "wrapped", "write", "written", "younger",
];

/// Names of what comes back. Sorted.
pub(super) const OUTPUTS: &[&str] = &[
    "article", "copy", "email", "essay", "feedback", "letter", "mail", "message", "newsletter", "note",
    "notice", "page", "post", "report", "summary",
];

/// "Never close a ticket that is younger than three days": what is ruled out is done, and not how much of it.
pub(super) fn shuns(text: &str, words: &[Word]) -> bool {
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
pub(super) const LEAVES_OUT: [&str; 22] = [
    "skip", "skipped", "omit", "omitted", "exclude", "excluded", "drop", "dropped", "avoided", "avoiding",
    "banned", "forbidden", "prohibited", "disallowed", "unwelcome", "unwanted", "decline", "declines",
    "declined", "refuse", "refuses", "refused",
];

/// True for an article and its like.
pub(super) fn determines(word: &str) -> bool {
    matches!(word, "the" | "a" | "an" | "its" | "your" | "their" | "this")
}

/// Names for whatever a clause behind them tells.
pub(super) const HEADS: [&str; 9] =
    ["entries", "items", "things", "lines", "points", "parts", "passages", "results", "records"];

/// What facts are taken from.
pub(super) const SOURCES: [&str; 16] = [
    "text", "article", "document", "documents", "context", "source", "sources", "log", "notes", "transcript",
    "report", "page", "passage", "passages", "input", "material",
];

/// Verbs that tell of something.
pub(super) const TELLS: [&str; 7] = ["say", "state", "cite", "name", "show", "note", "explain"];

/// Verbs that put a thing in.
pub(super) const LISTS: [&str; 8] = ["list", "give", "show", "name", "add", "use", "mention", "print"];

/// Words that say only that a thing stands somewhere.
pub(super) const LISTED: [&str; 6] = ["listed", "named", "given", "provided", "mentioned", "allowed"];

/// The stem of a name that somebody has.
pub(super) const OWNED_NAME: u32 = hash(b"the name of");

/// Words with which a condition says that something is not there.
pub(super) const DENYING: [&str; 8] =
    ["missing", "absent", "lacking", "lacks", "unknown", "empty", "unavailable", "without"];

/// Words that say in a condition that a thing is not there.
pub(super) const ABSENT: [&str; 15] = [
    "no", "not", "none", "missing", "absent", "lacking", "there", "given", "stated", "known", "available",
    "without", "lacks", "has", "know",
];

/// `LOST`, "`lost`", `find_boat`, `FindBoat`: a word that stands for one thing alone.
pub(super) fn is_name(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    let humped = || {
        shown
            .bytes()
            .zip(shown.bytes().skip(1))
            .any(|(a, b)| a.is_ascii_lowercase() && b.is_ascii_uppercase())
    };
    shown.len() >= 3
        && (shown.chars().all(|c| c.is_ascii_uppercase() || c == '_') || shown.contains('_') || humped())
        || text[..word.start as usize].ends_with('`')
}

/// "short" frames a limit but is the whole of "keep it short".
pub(super) fn is_quality(word: &str) -> bool {
    word == "short"
}
