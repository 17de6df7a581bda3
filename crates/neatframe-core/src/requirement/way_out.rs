//! What is done where a value is not there: it is written as null, left out, asked for, worked out.

use super::absence::{Absence, Clause};
use super::words::quotations;
use crate::lexicon::vocabulary;
use crate::span::Span;

/// A way out of a case in which something is not there.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Way {
    /// These words are written: `null`, `unknown`, or what the prompt quotes.
    Write(String),
    /// The place stays empty.
    Empty,
    /// It is left out.
    LeaveOut,
    /// Somebody is asked.
    Ask,
    /// The model fills in what it knows, thinks or works out.
    Own,
    /// Something else is taken in its place: "use today's date".
    Take,
    /// It is looked for elsewhere.
    LookUp,
    /// The conversation or the work ends.
    End,
    /// Nothing may be made up for it.
    Unfilled,
}

impl Way {
    /// What stands in the place, in words: `null`, `empty`, `left out`; none where that is open.
    pub fn value(&self) -> Option<&str> {
        match self {
            Way::Write(words) => Some(words),
            Way::Empty => Some("empty"),
            Way::LeaveOut => Some("left out"),
            _ => None,
        }
    }

    /// The way out in words.
    pub(super) fn shown(&self) -> &str {
        match self {
            Way::Ask => "asks",
            Way::Own => "an own value",
            Way::Take => "another value",
            Way::LookUp => "looks it up",
            Way::End => "ends",
            Way::Unfilled => "nothing made up",
            _ => self.value().unwrap_or_default(),
        }
    }

    /// True when a reply that goes the one way cannot go the other.
    pub(super) fn excludes(&self, other: &Way) -> bool {
        use Way::{Ask, Empty, End, LeaveOut, LookUp, Own, Take, Unfilled, Write};
        match (self, other) {
            (Unfilled, Write(words)) | (Write(words), Unfilled) => !says_nothing(words),
            (Unfilled, Own | Take) | (Own | Take, Unfilled) => true,
            (Unfilled, _) | (_, Unfilled) => false,
            (Write(one), Write(other)) => one != other,
            (LookUp, Own | Take | Ask) | (Own | Take | Ask, LookUp) | (Own, Take) | (Take, Own) => false,
            (End, Write(_) | Empty | LeaveOut | Take) | (Write(_) | Empty | LeaveOut | Take, End) => false,
            _ => self != other,
        }
    }
}

/// True for words that say that there is no value: "not stated", "?".
fn says_nothing(words: &str) -> bool {
    const SIGNS: [&str; 14] = [
        "null", "none", "nil", "n/a", "unknown", "undefined", "unspecified", "missing", "open", "tbd", "tbc",
        "nothing", "unclear", "blank",
    ];
    !words.chars().any(char::is_alphanumeric)
        || SIGNS.iter().any(|sign| words.trim_matches(['[', ']']) == *sign)
        || words
            .split(' ')
            .any(|word| matches!(word, "no" | "not" | "nothing" | "unknown" | "missing" | "none"))
}

/// Words right before the value.
const LEADS: [&str; 31] = [
    "reads", "marked", "shown", "entered", "is", "are", "as", "becomes", "become", "gets", "get", "use",
    "write", "put", "return", "to", "with", "enter", "give", "be", "say", "=", ":", "an", "a", "stays",
    "value", "answer", "or", "mark", "output",
];
/// Words right before a number that is the value.
const COUNTS: [&str; 15] = [
    "write", "put", "use", "enter", "set", "to", "as", "is", "return", "give", "get", "gets", "with",
    "assume", "take",
];
/// What a value is set to, as one word, and the name it goes by here.
const WORDS: [(&str, &str); 10] = [
    ("null", "null"),
    ("none", "none"),
    ("nil", "nil"),
    ("n/a", "n/a"),
    ("na", "n/a"),
    ("unknown", "unknown"),
    ("empty", "empty"),
    ("blank", "empty"),
    ("undefined", "undefined"),
    ("unspecified", "unspecified"),
];
/// Verbs after which it is not there.
const DROPS: [&str; 10] =
    ["omit", "omitted", "skip", "skipped", "drop", "dropped", "ignore", "ignored", "exclude", "excluded"];
/// Verbs of a value that the model makes itself.
const OWN: [&str; 11] = [
    "estimate", "estimated", "guess", "guessed", "infer", "inferred", "deduce", "derive", "extrapolate",
    "invent", "calculate",
];
/// What a value may be like that the model makes itself.
const LIKELY: [&str; 14] = [
    "judgement", "judgment", "knowledge", "likely", "plausible", "typical", "average", "reasonable",
    "likeliest", "probable", "sensible", "estimate", "guess", "own",
];

/// The one way out that the words outside the absence name; none where they name none, or several.
pub(super) fn read(text: &str, span: Span, clause: &Clause<'_>, gone: &Absence) -> Option<Way> {
    let length = clause.lower.len();
    // "Take the meaning, and ask if the room is unclear": the case is that of the second order.
    let order = (1..gone.from).rfind(|&at| clause.is(at, &["and", "but"]) && clause.is(at - 1, &[","]));
    let from = order.map_or(0, |at| at + 1);
    let outside: Vec<usize> = (from..length).filter(|at| *at < gone.from || *at >= gone.to).collect();
    let mut ways: Vec<Way> = Vec::new();
    let mut add = |way: Way| {
        if !ways.contains(&way) {
            ways.push(way);
        }
    };
    // "Only give the fare if the log states it".
    if gone.only_given {
        return Some(Way::LeaveOut);
    }
    if let Some(value) = value(text, span, clause, gone, &outside) {
        add(if value == "empty" { Way::Empty } else { Way::Write(value) });
    }
    for (index, &at) in outside.iter().enumerate() {
        let fills =
            clause.is(at, &OWN) || clause.is(at, &["fill", "assume", "supply", "make", "enter", "add"]);
        if fills && index <= 3 && denied(clause, gone, at) {
            add(Way::Unfilled);
        }
        if denied(clause, gone, at) {
            if clause.is(at, &["include", "mention", "list", "show", "go", "appear"]) && index <= 3 {
                add(Way::LeaveOut);
            }
            continue;
        }
        if let Some(way) = told_by(clause, &outside, index) {
            add(way);
        }
    }
    match <[Way; 1]>::try_from(ways) {
        Ok([way]) => Some(way),
        Err(_) => None,
    }
}

/// The way out that one word names.
fn told_by(clause: &Clause<'_>, outside: &[usize], index: usize) -> Option<Way> {
    let at = outside[index];
    let noun = at > 0 && clause.is(at - 1, &["the", "this", "that", "your", "its"]);
    // The order itself, not what it is about.
    let first = index == 0
        || clause
            .is(at - 1, &[",", ":", "then", "and", "–", "—", "just", "simply", "always", "please", "to"])
        || at > 1 && clause.is(at - 1, &["you"]);
    let later = |list: &[&str]| outside[index + 1..].iter().take(8).any(|&at| clause.is(at, list));
    let stays = clause.is(at, &["leave", "left", "leaves", "stay", "stays", "keep", "remain", "remains"]);
    if stays {
        let near =
            |list: &[&str]| outside[index + 1..].iter().take(8).find(|&&at| clause.is(at, list)).is_some();
        return match () {
            () if near(&["empty", "blank"]) => Some(Way::Empty),
            () if near(&["out", "away", "off"]) && clause.is(at, &["leave", "left"]) => Some(Way::LeaveOut),
            () => None,
        };
    }
    if clause.is(at, &DROPS) && !noun {
        return Some(Way::LeaveOut);
    }
    if clause.is(at, &["ask", "asks", "query", "request"]) && first
        || clause.is(at, &["asked"]) && clause.is(at + 1, &["for"])
    {
        return Some(Way::Ask);
    }
    let fills = clause
        .is(at, &["fill", "make", "give", "use", "take", "choose", "assume", "pick", "replace", "complete"]);
    if clause.is(at, &OWN) && !noun
        || clause.is(at, &["assume"]) && first && !later(&["zero", "none"])
        || clause.is(at, &["work"]) && clause.is(at + 1, &["out"])
        || clause.is(at, &["work"]) && later(&["out"]) && first
        || clause.is(at, &["common"]) && clause.is(at + 1, &["sense"])
        || fills && first && later(&LIKELY)
    {
        return Some(Way::Own);
    }
    if !first {
        return None;
    }
    match &*clause.lower[at] {
        "search" => Some(Way::LookUp),
        "look" if later(&["up"]) => Some(Way::LookUp),
        "end" | "stop" | "close" | "abort"
            if later(&["chat", "conversation", "call", "work", "session"]) || outside.len() <= 3 =>
        {
            Some(Way::End)
        }
        "use" | "take" | "copy"
            if clause.is(at + 1, &["the", "today", "today's", "a", "an", "that", "its"])
                && !later(&["value", "string", "word", "words", "list", "array", "sentence", "line"]) =>
        {
            Some(Way::Take)
        }
        _ => None,
    }
}

/// What is to stand there.
fn value(text: &str, span: Span, clause: &Clause<'_>, gone: &Absence, outside: &[usize]) -> Option<String> {
    let led = |at: usize| at > 0 && clause.is(at - 1, &LEADS) && !denied(clause, gone, at);
    let first = clause.words.first()?.start as usize;
    let last = clause.words.last().map_or(span.end(), |word| word.span().end());
    for (place, inner) in quotations(text, Span::new(first.max(span.start()), last.max(first))) {
        let Some(at) = clause.words.iter().position(|word| word.start as usize >= place.start()) else {
            continue;
        };
        let short = inner.split_whitespace().count() <= 4 && !inner.contains(['{', '<']);
        let marks = (at.saturating_sub(5)..at).any(|at| clause.is(at, &["mark", "write", "put", "enter"]));
        if outside.contains(&at) && (led(at) || marks && !denied(clause, gone, at)) && short {
            return Some(inner.trim_end_matches('.').to_lowercase());
        }
    }
    outside.iter().find_map(|&at| {
        if led(at) && clause.is(at, &["["]) {
            return match clause.is(at + 1, &["]"]) {
                true => Some("empty".to_string()),
                false => clause.is(at + 2, &["]"]).then(|| format!("[{}]", clause.lower[at + 1])),
            };
        }
        // An empty string: two marks with nothing between them.
        let quote = |at: usize| clause.words.get(at).is_some_and(|word| word.is(vocabulary::QUOTE));
        if led(at) && quote(at) && (quote(at + 1) || clause.words[at].text(text).len() == 2) {
            return Some("empty".to_string());
        }
        let ends = clause.lower.get(at + 1).is_none_or(|next| !next.starts_with(char::is_alphanumeric))
            || clause.is(at + 1, &["for", "if", "when", "where", "in", "instead", "and"]);
        let counts = at > 0 && clause.is(at - 1, &COUNTS) && !denied(clause, gone, at);
        if clause.words[at].is_number() && counts && outside.contains(&(at - 1)) {
            let from = clause.words[at].start as usize;
            let end =
                text[from..].find([' ', ',', ';', '\n', ')']).map_or(text.len(), |length| from + length);
            let shown = text[from..end].trim_end_matches(['.', ':']);
            let sign = !shown.contains(char::is_alphabetic);
            let joined = shown.len() > clause.lower[at].len();
            return (sign && (ends || joined)).then(|| shown.to_string());
        }
        // "Write M": a code in capitals.
        let shown = clause.words[at].text(text);
        let code =
            shown.chars().all(|c| c.is_ascii_uppercase() || c == '_') && !shown.is_empty() && shown != "I";
        let written = at > 0
            && clause
                .is(at - 1, &["write", "put", "enter", "set", "use", "return", "answer", "take", "assume"]);
        if code && written && ends && !denied(clause, gone, at) {
            return Some(clause.lower[at].to_string());
        }
        let (_, value) = WORDS.iter().find(|(word, _)| clause.is(at, &[word]))?;
        let string = *value == "empty" && clause.is(at + 1, &["string", "list", "array", "value", "object"]);
        // "Marked unknown", "null for a fare that is not given".
        let set = led(at)
            && (*value != "empty" || string || clause.is(at - 1, &["is", "are", "be", "to", "as", ":"]));
        (set || at == outside[0] && *value == "null" || string).then(|| value.to_string())
    })
}

/// "Never write null": a negation right before the word, outside of the words that say what is not there.
fn denied(clause: &Clause<'_>, gone: &Absence, at: usize) -> bool {
    (at.saturating_sub(3)..at).filter(|at| *at < gone.from || *at >= gone.to).any(|at| {
        let quoted = at > 0 && clause.words[at - 1].is(vocabulary::QUOTE);
        clause.words[at].is(vocabulary::NEGATION) && !quoted || clause.is(at, &["rather", "instead"])
    })
}
