//! What a sentence says is not there: "if no fare is given", "a missing fare", "fields that the log does not have".

use crate::lexicon::vocabulary;
use crate::words::Word;
use std::borrow::Cow;

/// Words that say by themselves that something is not there.
const GONE: [&str; 7] = ["missing", "absent", "lacking", "unstated", "unavailable", "unknown", "undisclosed"];
/// Words that say that something is there and cannot be read: another case than one that is not there.
const UNCLEAR: [&str; 6] = ["unclear", "unreadable", "illegible", "ambiguous", "doubtful", "uncertain"];
/// Behind a negation, what does not happen to a value that is not there.
const GIVEN: [&str; 46] = [
    "appear", "occur", "available", "contain", "contained", "determine", "determined", "disclosed", "find",
    "found", "get", "give", "given", "gives", "have", "hold", "include", "included", "know", "known", "list",
    "listed", "match", "matched", "mention", "mentioned", "name", "named", "present", "produce", "provide",
    "provided", "recorded", "say", "see", "set", "show", "shown", "specified", "specify", "state", "stated",
    "supplied", "supply", "tell", "there",
];
/// Before "nothing", what a text does that does not hold a value.
const SAYS: [&str; 11] = [
    "says", "states", "gives", "has", "mentions", "shows", "contains", "names", "tells", "offers", "reports",
];
/// Behind "cannot", what is there and cannot be read.
const READ: [&str; 2] = ["read", "decipher"];
/// Names for any value.
const ANY: [&str; 22] = [
    "anything", "cell", "cells", "data", "datum", "detail", "details", "entries", "entry", "field", "fields",
    "gap", "gaps", "information", "it", "item", "key", "keys", "something", "value", "values", "whatever",
];
/// Words that open the clause of a case.
const CASES: [&str; 6] = ["if", "when", "where", "whenever", "wherever", "should"];
/// Verbs that an order opens with where no comma stands before it.
const ORDERS: [&str; 14] = [
    "write", "put", "use", "say", "return", "answer", "reply", "leave", "omit", "skip", "ask", "set",
    "enter", "mark",
];
/// What a thing is, or becomes.
const LINKS: [&str; 24] = [
    "is", "are", "was", "were", "be", "been", "becomes", "become", "gets", "get", "stays", "stay", "counts",
    "count", "has", "have", "can", "could", "must", "should", "receives", "receive", "may", "will",
];

/// That something is not there.
pub(super) struct Absence {
    /// The words that say so, as places among those of the sentence: from, and up to but without.
    pub(super) from: usize,
    pub(super) to: usize,
    /// What is not there, in the sentence's words; empty where any value is meant.
    pub(super) of: String,
    /// The sentence says that it is given only where it is there.
    pub(super) only_given: bool,
}

/// What a clause names as not there.
enum Thing {
    Words(usize, usize),
    Any,
    /// "If the log does not mention one": what the rest of the sentence speaks of.
    It,
}

/// The words of a part of a sentence, in small letters too.
pub(super) struct Clause<'a> {
    pub(super) words: &'a [Word],
    pub(super) lower: &'a [Cow<'a, str>],
    /// What the part before it speaks of: "the number of pieces is a number; if the slip gives none, …".
    pub(super) before: Option<String>,
}

impl Clause<'_> {
    pub(super) fn is(&self, at: usize, list: &[&str]) -> bool {
        self.lower
            .get(at)
            .is_some_and(|word| list.contains(&&**word) && !(word == "unknown" && self.is_quoted(at)))
    }

    fn find(&self, from: usize, to: usize, list: &[&str]) -> Option<usize> {
        (from..to.min(self.lower.len())).find(|&at| self.is(at, list))
    }

    /// "Write "unknown" for missing values": the word is the value, and says nothing of it.
    fn is_quoted(&self, at: usize) -> bool {
        let quote = |at: usize| self.words.get(at).is_some_and(|word| word.is(vocabulary::QUOTE));
        at > 0 && quote(at - 1) && quote(at + 1)
    }

    fn negates(&self, at: usize) -> bool {
        self.words[at].is(vocabulary::NEGATION)
            && !self.is(at, &["never", "no", "nor", "without", "none", "nothing"])
    }

    /// What it speaks of first.
    pub(super) fn subject(&self) -> Option<String> {
        let link = self.find(1, 8, &["is", "are"])?;
        self.named(0, link).filter(|of| !of.is_empty())
    }

    /// The words of a stretch that name something.
    pub(super) fn named(&self, from: usize, to: usize) -> Option<String> {
        // "How many people it serves" is a number.
        if (from..to).any(|at| self.is(at, &["how"]) && self.is(at + 1, &["many", "much"])) {
            return Some("number".to_string());
        }
        let to = self.find(from + 1, to, &["in", "on", "from", "by", "at", "with"]).unwrap_or(to);
        let plain = |at: &usize| {
            let word = self.words[*at];
            !word.is_punctuation()
                && !word.is_number()
                && self.lower[*at].len() > 1
                && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
                && !self.is(*at, &GONE)
                && !self.is(*at, &GIVEN)
                && (!self.is(*at, &ORDERS) || self.is(*at, &["answer", "reply"]))
                && !self.is(*at, &["one", "ones", "this", "that", "those", "any", "input", "feel", "free"])
        };
        let found: Vec<&str> = (from..to.max(from)).filter(plain).map(|at| &*self.lower[at]).collect();
        let any = found.iter().all(|word| ANY.contains(word));
        (!found.is_empty()).then(|| if any { String::new() } else { found.join(" ") })
    }

    /// What a thing is called in a stretch; none where the words name nothing.
    fn thing(&self, from: usize, to: usize) -> Thing {
        match self.find(from, to, &ANY).is_some() && !self.is(from, &["it"]) {
            true if self.named(from, to).is_none_or(|of| of.is_empty()) => Thing::Any,
            _ if self.named(from, to).is_some_and(|of| !of.is_empty()) => Thing::Words(from, to),
            _ => Thing::It,
        }
    }
}

/// What the sentence says is not there.
pub(super) fn read(clause: &Clause<'_>) -> Option<Absence> {
    in_a_case(clause)
        .or_else(|| only_if_there(clause))
        .or_else(|| opening(clause))
        .or_else(|| with_a_word(clause))
        .or_else(|| behind_a_noun(clause))
}

/// "If no fare is stated, …", "… when the log lacks a fare".
fn in_a_case(clause: &Clause<'_>) -> Option<Absence> {
    let length = clause.lower.len();
    let at = (0..length).find(|&at| clause.is(at, &CASES) && (at == 0 || !clause.is(at, &["should"])))?;
    let breaks = |from: usize| clause.find(from, length, &[",", ":", "then", "–", "—"]);
    let opens = at <= 1;
    let mut end = match breaks(at + 1) {
        Some(end) => end,
        None if opens => clause.find(at + 3, length, &ORDERS)?,
        None => length,
    };
    // "If the fare, the pier or the date is missing": the first comma is one of a list.
    let thing = loop {
        if let Some((found, _)) = absent(clause, at + 1, end) {
            break found;
        }
        end = breaks(end + 1).filter(|&next| opens && next < at + 14)?;
    };
    let of = match thing {
        Thing::Any => String::new(),
        Thing::Words(from, to) => clause.named(from, to)?,
        Thing::It => referent(clause, at, end)?,
    };
    let unclear = unclear(clause, at + 1, end);
    if unclear && of.is_empty() {
        return None;
    }
    let of = if unclear { format!("unclear {of}") } else { of };
    Some(Absence { from: at, to: end, of, only_given: false })
}

/// What "it" is in a case between two places: "Set the fare to null if the log does not mention one", "fare: null if it is not given".
fn referent(clause: &Clause<'_>, at: usize, end: usize) -> Option<String> {
    if at < 2 {
        // "If unknown, set the field to null".
        let object = clause.find(end + 1, clause.lower.len(), &["to", "as"]);
        let after = object.and_then(|to| clause.named(end + 2, to)).filter(String::is_empty);
        let bare = clause.find(at, end, &["it", "they", "one", "this", "that", "none"]).is_none();
        return after.or_else(|| clause.before.clone()).or(bare.then(String::new));
    }
    if let Some(of) = label(clause) {
        return Some(of);
    }
    let asks = clause.find(0, at.min(2), &["ask"]).and_then(|from| clause.find(from, at, &["for"]));
    let from = asks.map_or(usize::from(clause.words[0].is(vocabulary::VERB)), |place| place + 1);
    let stops = |at: &usize| {
        clause.is(*at, &["to", "as", "with", "out", "empty", "blank", "for"]) || clause.is(*at, &LINKS)
    };
    clause.named(from, (from..at).find(stops).unwrap_or(at))
}

/// "Fare: number, null if none is given": the words before the colon.
fn label(clause: &Clause<'_>) -> Option<String> {
    let colon = clause.find(1, 5, &[":", "–", "—"])?;
    clause.named(0, colon)
}

/// "Only give the fare if the log states it": else it is left out.
fn only_if_there(clause: &Clause<'_>) -> Option<Absence> {
    let verb = clause.find(0, 4, &["include", "give", "list", "add", "show", "mention", "output"])?;
    let only = clause.find(0, verb + 1, &["only"]);
    let at = clause.find(verb + 2, clause.lower.len(), &["if", "when", "where"])?;
    only.or_else(|| clause.find(verb, at, &["only"]).filter(|only| only + 1 == at))?;
    let there = (at + 1..clause.lower.len())
        .any(|at| clause.is(at, &GIVEN) || clause.is(at, &["states", "contains", "mentions"]));
    let denied = (0..clause.lower.len()).any(|at| clause.words[at].is(vocabulary::NEGATION));
    let of = clause.named(verb + 1, at)?;
    (there && !denied && !of.is_empty()).then_some(Absence {
        from: 0,
        to: clause.lower.len(),
        of,
        only_given: true,
    })
}

/// "In the absence of a fare, …", "without a fare, …", "in case of a missing fare, …".
fn opening(clause: &Clause<'_>) -> Option<Absence> {
    let comma = clause.find(2, 12, &[","])?;
    let lack =
        clause.is(0, &["without"]) || clause.is(0, &["in"]) && clause.find(1, 3, &["absence"]).is_some();
    let from = clause.find(0, comma, &["of"]).map_or(1, |at| at + 1);
    let of = clause.named(from, comma).filter(|_| lack)?;
    Some(Absence { from: 0, to: comma, of, only_given: false })
}

fn unclear(clause: &Clause<'_>, from: usize, to: usize) -> bool {
    let cannot = |at: usize| clause.negates(at) && (at + 1..to.min(at + 3)).any(|at| clause.is(at, &READ));
    clause.find(from, to, &UNCLEAR).is_some() || (from..to).any(cannot)
}

/// The thing that a clause says is not there, and the end of the words that say so.
fn absent(clause: &Clause<'_>, from: usize, to: usize) -> Option<(Thing, usize)> {
    let link = |at: usize| clause.is(at, &LINKS);
    for at in from..to {
        let empty = at > from
            && clause.is(at, &["empty", "blank"])
            && link(at - 1)
            && clause.find(from, at, &ANY).is_some();
        if empty || clause.is(at, &GONE) || clause.is(at, &UNCLEAR) {
            let linked = at > from && (link(at - 1) || at > from + 1 && link(at - 2));
            let next = at + 1 < to && !linked && !clause.words[at + 1].is_punctuation();
            let thing = if next {
                clause.thing(at + 1, to)
            } else {
                clause.thing(from, (from..at).find(|&at| link(at)).unwrap_or(at))
            };
            return Some((thing, to));
        }
        if clause.is(at, &["no"])
            && !clause.is(at + 1, &["longer", "more", "one", "sense", "doubt", "need", "reason", "matter"])
        {
            let stop = (at + 1..to).find(|&at| link(at) || clause.is(at, &["in", "on", "for"]));
            // "If no fare fits" is about what fits.
            let verb = (at + 1..to)
                .any(|at| clause.is(at, &["fits", "fit", "matches", "match", "applies", "apply"]));
            return (!verb).then(|| (clause.thing(at + 1, stop.unwrap_or(to)), to));
        }
        if clause.is(at, &["none"]) {
            return Some((Thing::It, to));
        }
        // "Where the log says nothing", "if the log is silent".
        let says = at > from && clause.is(at - 1, &SAYS);
        if clause.is(at, &["nothing"]) && says || clause.is(at, &["silent"]) && at > from && link(at - 1) {
            return Some((Thing::Any, to));
        }
        if clause.is(at, &["nothing"]) && (at..to).any(|at| clause.is(at, &GIVEN)) {
            return Some((Thing::Any, to));
        }
        if clause.is(at, &["lacks", "lack", "misses", "omits"]) {
            return Some((clause.thing(at + 1, to), to));
        }
        if clause.negates(at) {
            return denied(clause, from, at, to);
        }
    }
    None
}

/// "The fare is not given", "the log does not give a fare", "you cannot find a fare".
fn denied(clause: &Clause<'_>, from: usize, at: usize, to: usize) -> Option<(Thing, usize)> {
    let within = clause.is(at + 1, &["in", "on", "part"]) && clause.is(at + 2, &["the", "of", "it", "there"]);
    let reach = (at + 1..to.min(at + 5)).find(|&at| clause.is(at, &GIVEN) || clause.is(at, &READ));
    let end = if within { to } else { reach? + 1 };
    let between = (at + 1..end.min(to)).any(|at| clause.words[at].is(vocabulary::STOP_MARK));
    if between {
        return None;
    }
    let told = clause.lower[at].starts_with(['d', 'c'])
        || at > from && clause.is(at - 1, &["do", "does", "did", "can", "could"]);
    let passive = within || !told || clause.is(at + 1, &["be"]);
    if passive {
        let link = (from..at).find(|&at| clause.is(at, &LINKS)).unwrap_or(at);
        return Some((clause.thing(from, link), end));
    }
    if clause.is(end, &["who", "what", "when", "where", "whether", "why", "if"]) {
        return None;
    }
    // "That do not appear in the log".
    let place = clause.is(end, &["in", "on", "at", "there", "by"]);
    Some((if place { Thing::It } else { clause.thing(end, to) }, to))
}

/// "A missing fare", "missing fields", "unknown fares".
fn with_a_word(clause: &Clause<'_>) -> Option<Absence> {
    let length = clause.lower.len();
    let empty = |at: usize| clause.is(at, &["empty", "blank"]) && clause.is(at + 1, &ANY);
    let at = (0..length).find(|&at| clause.is(at, &GONE) || empty(at))?;
    let article = |at: usize| clause.is(at, &["a", "an", "any", "all", "the", "every", "each"]);
    let from = if at > 0 && article(at - 1) { at - 1 } else { at };
    // "Write 0 for unknown fares", "leave unknown fields empty": but "mark it unknown" is the value.
    let led = from == 0
        || clause.is(
            from - 1,
            &[
                "for", "of", "in", "into", "to", "leave", "omit", "skip", "drop", "ignore", "mark", "set",
                "give", "estimate", "infer", "guess", "fill", "out", "replace", "treat", "up",
            ],
        )
        || !clause.is(at, &["unknown", "unavailable"]);
    let stop = (at + 1..length).find(|&at| {
        clause.words[at].is_punctuation()
            || clause.is(at, &LINKS)
            || clause.is(at, &["as", "to", "with", "in", "from", "out", "empty", "blank", "before", "by"])
    });
    let to = stop.unwrap_or(length);
    if !led || to == at + 1 {
        return None;
    }
    Some(Absence { from, to, of: clause.named(at + 1, to)?, only_given: false })
}

/// "A fare that is not given", "fields the log does not have", "whatever is not stated", "letters without a date".
fn behind_a_noun(clause: &Clause<'_>) -> Option<Absence> {
    let length = clause.lower.len();
    let lacks = |at: usize| clause.is(at, &["without", "no"]);
    let gone = |at: usize| clause.is(at, &["missing", "absent"]) && clause.is(at - 1, &["is", "are"]);
    // "Do not fill in a size that is not given": the first negation is that of the order.
    let orders = (0..2).any(|at| at < length && clause.negates(at));
    let from = if orders { 3 } else { 1 };
    let at = (from..length).find(|&at| clause.negates(at) || lacks(at) || gone(at))?;
    if lacks(at) {
        return lacking(clause, at);
    }
    const WHOLE: [&str; 3] = ["whatever", "what", "anything"];
    // The noun, then "that", or the one who does not find it.
    let opens = |at: &usize| {
        clause.is(*at, &["that", "which", "whose", "you", "the"]) && *at > 0 || clause.is(*at, &WHOLE)
    };
    let near = || at.saturating_sub(5)..at;
    let that = near().find(|&at| clause.is(at, &["that", "which", "whose"]) || clause.is(at, &WHOLE));
    let that = that.or_else(|| near().rev().find(opens))?;
    let whole = clause.is(that, &WHOLE);
    let noun = if whole { that } else { that.checked_sub(1)? };
    if noun == 0 && clause.words[0].is(vocabulary::VERB) && !clause.lower[0].ends_with('s')
        || clause.words[noun].is_punctuation()
    {
        return None;
    }
    let end = if gone(at) { at + 1 } else { predicate_end(clause, at)? };
    let own =
        clause.is(that, &["that", "which"]) && (that + 1..at).all(|at| clause.is(at, &["do", "does", "did"]));
    let (thing, last) = if gone(at) { (Thing::It, end) } else { denied(clause, that + 1, at, end)? };
    let from = (0..noun)
        .rev()
        .find(|&at| clause.is(at, &["for", "of", "a", "an", "any", "out", "the", "all", "to", "in"]))
        .map_or(if noun <= 3 && !clause.words[0].is(vocabulary::VERB) { 0 } else { noun }, |at| at + 1);
    let of = match thing {
        // "Rows that do not name a fare".
        Thing::Words(from, to) if own => clause.named(from, to)?,
        _ if whole => String::new(),
        // "Parts whose number you cannot find".
        _ if clause.is(that, &["whose"]) => {
            let stop = clause.find(that + 1, at + 1, &["you", "is", "are", "the"]).unwrap_or(at);
            clause.named(that + 1, stop)?
        }
        _ => clause.named(from, noun + 1)?,
    };
    Some(Absence { from, to: last.max(end).min(length), of, only_given: false })
}

/// Where the words end that say of a noun that it is not there.
fn predicate_end(clause: &Clause<'_>, at: usize) -> Option<usize> {
    let length = clause.lower.len();
    let reach = (at + 1..length.min(at + 5))
        .find(|&at| clause.is(at, &GIVEN) || clause.is(at, &READ) || clause.is(at, &["in", "on"]))?;
    let stops = |at: &usize| {
        clause.words[*at].is_punctuation()
            || clause.is(*at, &LINKS)
            || clause.is(*at, &["as", "to", "left", "out", "empty", "blank"])
    };
    Some((reach + 1..length).find(stops).unwrap_or(length))
}

/// "Letters without a date", "entries with no name".
fn lacking(clause: &Clause<'_>, at: usize) -> Option<Absence> {
    let length = clause.lower.len();
    if clause.is(at, &["no"]) && !clause.is(at - 1, &["with", "have", "has"]) {
        return None;
    }
    let begin = if clause.is(at, &["no"]) { at.checked_sub(2)? } else { at - 1 };
    let noun = if clause.is(begin, &["that", "which"]) { begin.checked_sub(1)? } else { begin };
    let first = clause.is(0, &["leave", "skip", "omit", "drop", "ignore", "exclude"]);
    let led =
        (0..=noun).any(|at| clause.is(at, &["for", "of", "in", "to"])) || noun <= 1 || first && noun <= 4;
    if !led || noun == 0 && clause.words[0].is(vocabulary::VERB) && !clause.lower[0].ends_with('s') {
        return None;
    }
    let stop = (at + 1..length).find(|&at| {
        clause.words[at].is_punctuation() || clause.is(at, &LINKS) || clause.is(at, &["as", "to"])
    });
    let to = stop.unwrap_or(length);
    Some(Absence { from: noun, to, of: clause.named(at + 1, to)?, only_given: false })
}
