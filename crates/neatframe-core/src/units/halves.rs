//! A sentence that holds a persona or a fact and an order, cut where the order begins.

use crate::lexicon::vocabulary::{CONDITION, FIRST_PERSON, STOP, VERB};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// How a sentence about a persona opens, lower case.
const PERSONA: [&[&str]; 7] = [
    &["you", "are"],
    &["you're"],
    &["act", "as"],
    &["imagine", "you", "are"],
    &["imagine", "you're"],
    &["pretend", "you", "are"],
    &["take", "the", "role"],
];

/// Words that may lead over to the order: "You are an editor, so please cut it to a page".
const LEADS: [&str; 4] = ["and", "so", "please", "then"];

/// Where the order begins in "Act as a senior editor and rewrite the notice below"; `None` when the halves are not clear.
pub(super) fn order(text: &str, sentence: Span, words: &[Word]) -> Option<usize> {
    let said = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = |opening: &&[&str]| opening.iter().enumerate().all(|(at, word)| said(at) == *word);
    // "As a senior editor, rewrite the notice": without the verb the comma has to part the two.
    let short = said(0) == "as" && ["a", "an", "our", "the"].contains(&&*said(1));
    if !short && !PERSONA.iter().any(opens) {
        return None;
    }
    for at in 3..words.len().saturating_sub(2) {
        let sign = said(at);
        let parts = matches!(&*sign, "," | ";" | "—" | "–" | ":" | "-");
        if words[at].is(CONDITION) {
            return None;
        }
        if !parts && (short || sign != "and") {
            continue;
        }
        let mut verb = at + 1;
        while verb < words.len() && LEADS.contains(&&*said(verb)) {
            verb += 1;
        }
        let ordered = words.get(verb).is_some_and(|word| word.is(VERB));
        // "and review the notice" orders; "a design and review expert" names.
        let object = words.get(verb + 1).is_some_and(|word| {
            word.is(STOP | FIRST_PERSON)
                || word.is_number()
                || ["{", "[", "<", "$"].contains(&word.text(text))
        });
        if ordered
            && object
            && !words[..at].iter().any(|word| ["who", "that", "which", "to"].contains(&word.text(text)))
        {
            let start = if parts { words[at + 1].start } else { words[at].start };
            return Some(start as usize).filter(|start| *start < sentence.end());
        }
    }
    None
}

/// Where the order begins in "The mail is below, please write a reply", and the wish in "we get complaints and I need replies
/// that are polite".
pub(super) fn behind_a_fact(text: &str, words: &[Word]) -> Option<usize> {
    const PLACES: [&str; 6] = ["below", "above", "attached", "following", "here", "enclosed"];
    const LEAST: usize = 5;
    // A longer sentence holds more than two halves.
    const MOST: usize = 80;
    let said = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > MOST || words.first().is_none_or(|word| word.is(VERB)) {
        return None;
    }
    let lead = usize::from(matches!(&*said(0), "so" | "ok" | "okay" | "well" | "now"));
    let told = matches!(
        &*said(lead),
        "we" | "i" | "our" | "my" | "i'm" | "i’m" | "we're" | "we’re" | "we've" | "i've"
    );
    for at in 2..words.len().saturating_sub(3) {
        if words[at - 2].is(CONDITION) {
            return None;
        }
        let placed = words[..at].iter().any(|word| PLACES.contains(&&*word.lower(text)));
        let ordered = said(at) == ","
            && matches!(&*said(at + 1), "please" | "so" | "now")
            && words[at + 2..].iter().take(2).any(|word| word.is(VERB) && !word.is(STOP));
        if ordered && placed && words[..at].iter().any(|word| matches!(&*word.lower(text), "is" | "are")) {
            return Some(words[at + 1].start as usize);
        }
        let wishes =
            matches!(&*said(at + 2), "need" | "want") || said(at + 2) == "would" && said(at + 3) == "like";
        let wanted = matches!(&*said(at), "and" | "so")
            && matches!(&*said(at + 1), "i" | "we")
            && wishes
            && words.len() > at + LEAST;
        if told && wanted && at >= LEAST {
            return Some(words[at].start as usize);
        }
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn halves(text: &str) -> Option<&str> {
        let words = Words::read(text, 0);
        let sentence = Span::new(0, text.len());
        order(text, sentence, words.within(sentence)).map(|at| &text[at..])
    }

    #[test]
    fn an_order_after_a_persona_is_cut_off() {
        assert_eq!(halves("Act as a senior editor and rewrite the notice."), Some("and rewrite the notice."));
        assert_eq!(halves("As a pier master, write a notice."), Some("write a notice."));
        assert_eq!(
            halves("You are a strict teacher, please grade the essay."),
            Some("please grade the essay.")
        );
    }

    #[test]
    fn what_is_asked_behind_a_fact_is_cut_off() {
        let halves =
            |text: &'static str| behind_a_fact(text, Words::read(text, 0).all()).map(|at| &text[at..]);
        assert_eq!(halves("The mail is below, please write a reply."), Some("please write a reply."));
        let wish = "We get many letters from guests and I need replies that are polite.";
        assert_eq!(halves(wish), Some("and I need replies that are polite."));
        assert_eq!(halves("The pier is small, so please write on the boat."), None);
        assert_eq!(halves("If the mail is below, please write a reply."), None);
    }

    #[test]
    fn a_persona_stays_whole() {
        assert_eq!(halves("You are an editor who writes notices and answers the letters."), None);
        assert_eq!(halves("You are a design and review expert for the ferries."), None);
        assert_eq!(halves("You are the pier master, and you write the notice."), None);
        assert_eq!(halves("Write a notice, then check the notice."), None);
    }
}
