//! What a statement is about: a part of the reply, people, or something of the world.

use crate::lexicon::vocabulary;
use crate::words::Word;

/// What stands before the verb of a statement.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Topic {
    /// "The title has at most 8 words."
    Reply,
    /// "Most readers have never sailed."
    People,
    /// "The desk closes at six."
    World,
}

impl Topic {
    pub(super) fn name(self) -> &'static str {
        match self {
            Topic::Reply => "a part of the reply",
            Topic::People => "people",
            Topic::World => "the world",
        }
    }
}

/// Nouns for the reply and its parts, in the singular. Sorted.
const PARTS: [&str; 62] = [
    "abstract", "answer", "bullet", "caption", "cell", "column", "comment", "conclusion", "date",
    "description", "email", "entry", "example", "explanation", "field", "figure", "finding", "format",
    "heading", "headline", "hint", "intro", "introduction", "item", "json", "key", "label", "language",
    "length", "letter", "line", "list", "mail", "message", "name", "notice", "number", "option", "order",
    "output", "paragraph", "phrase", "point", "question", "quote", "reason", "remark", "reply", "report",
    "response", "row", "section", "sentence", "spelling", "story", "style", "summary", "table", "text",
    "title", "tone", "value",
];

/// Nouns for people, in the singular. Sorted.
const PEOPLE: [&str; 46] = [
    "actor", "adult", "analyst", "audience", "author", "beginner", "board", "buyer", "caller", "captain",
    "child", "class", "client", "colleague", "crew", "customer", "editor", "employee", "engineer", "family",
    "guest", "he", "host", "learner", "listener", "manager", "member", "mother", "nurse", "parent",
    "passenger", "patient", "people", "player", "pupil", "reader", "she", "staff", "student", "teacher",
    "team", "tenant", "they", "user", "visitor", "worker",
];

/// Words before the verb that are looked at.
const REACH: usize = 8;

/// What the words before the verb name; the last noun counts.
pub(super) fn of(text: &str, words: &[Word]) -> Option<Topic> {
    let plain: Vec<Word> = words.iter().filter(|word| !word.is_punctuation()).take(REACH).copied().collect();
    let verb = plain.iter().position(|word| word.is(vocabulary::FINITE | vocabulary::MODAL));
    let subject = &plain[..verb.unwrap_or(plain.len().min(2))];
    let among = |list: &[&str], word: &str| {
        let known = |word: &str| list.binary_search(&word).is_ok();
        known(word)
            || word.strip_suffix('s').is_some_and(known)
            || word.strip_suffix("ies").is_some_and(|stem| known(&format!("{stem}y")))
            || word == "children" && known("child")
    };
    let nouns = || subject.iter().map(|word| word.lower(text));
    if nouns().any(|word| among(&PEOPLE, &word)) {
        return Some(Topic::People);
    }
    if nouns().any(|word| among(&PARTS, &word)) {
        return Some(Topic::Reply);
    }
    verb.filter(|verb| *verb > 0).map(|_| Topic::World)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    #[test]
    fn topics_are_told_apart() {
        assert!(PARTS.is_sorted() && PEOPLE.is_sorted());
        let topic = |text: &str| of(text, Words::read(text, 0).all());
        assert_eq!(topic("The title is short."), Some(Topic::Reply));
        assert_eq!(topic("Most readers are new to the harbour."), Some(Topic::People));
        assert_eq!(topic("The desk is closed at night."), Some(Topic::World));
        assert_eq!(topic("warm and dry"), None);
    }
}
