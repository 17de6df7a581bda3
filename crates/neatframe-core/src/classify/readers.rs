//! Whom a text is for, said in the ask itself: "a letter to the tenants", "a story for my daughter".

use crate::words::Word;

/// What is written for somebody.
const TEXTS: [&str; 35] = [
    "announcement", "article", "biography", "brief", "briefing", "card", "email", "e-mail", "essay",
    "explanation", "guide", "handout", "instructions", "invitation", "lesson", "letter", "mail", "manual",
    "memo", "message", "newsletter", "note", "notice", "page", "plan", "poem", "post", "quiz", "reply",
    "report", "speech", "story", "summary", "text", "worksheet",
];

/// For whom.
const PEOPLE: [&str; 64] = [
    "adults", "applicants", "audience", "beginner", "beginners", "board", "boss", "boy", "brother", "buyers",
    "candidate", "candidates", "child", "children", "class", "client", "clients", "colleague", "colleagues",
    "crew", "customer", "customers", "daughter", "developers", "doctors", "employees", "engineers", "family",
    "father", "friend", "friends", "girl", "grandmother", "guest", "guests", "investors", "kids", "landlord",
    "learners", "manager", "managers", "members", "mother", "neighbours", "neighbors", "nurses", "parents",
    "passengers", "patients", "people", "pupils", "readers", "residents", "sister", "son", "staff",
    "students", "subscribers", "teachers", "team", "tenants", "users", "visitors", "volunteers",
];

/// Words between the text and its readers, and between "for" and their name.
const BETWEEN: usize = 5;
const BEFORE: usize = 3;

/// True where a sentence asks for a text and says to whom it goes.
pub(super) fn are_named(text: &str, words: &[Word]) -> bool {
    let is = |at: usize, list: &[&str]| list.contains(&&*words[at].lower(text));
    (0..words.len()).filter(|at| is(*at, &TEXTS)).any(|noun| {
        let near = noun + 1..words.len().min(noun + 1 + BETWEEN);
        near.into_iter().filter(|at| is(*at, &["for", "to"])).any(|at| {
            let whom = at + 1..words.len().min(at + 1 + BEFORE + 1);
            whom.take_while(|at| !words[*at].is_punctuation()).any(|at| is(at, &PEOPLE))
        })
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    #[test]
    fn readers_are_named_in_the_ask() {
        let named = |text: &str| are_named(text, Words::read(text, 0).all());
        assert!(named("Write a short story for my daughter."));
        assert!(named("Draft an email to all our customers telling them of the fare."));
        assert!(!named("Write a letter about the new team."));
        assert!(!named("Write a report, for the boats are late, on people at sea."));
    }
}
