//! What a raised voice comes down to: "the best clerk in the world" is a clerk.

use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// Words of praise that lead to what is praised.
const LEADS: [&str; 16] = [
    "the", "absolute", "absolutely", "very", "single", "best", "greatest", "finest", "and", "most",
    "amazing", "talented", "brilliant", "skilled", "gifted", "smartest",
];
/// Words that open the tail of such a phrase.
const TAILS: [&str; 3] = ["in", "who", "that"];

/// The edits for a phrase from one word to another; none where the words that would stay are not sure.
pub(super) fn toned_down(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "Really really": once is enough.
    if last == first + 1 && lower(first) == lower(last) {
        let span = Span::new(words[first].end as usize, words[last].end as usize);
        return vec![Edit { span, replacement: String::new() }];
    }
    if lower(first) == "the" && (first..=last).any(|at| matches!(&*lower(at), "best" | "greatest" | "finest"))
    {
        return praised(text, words, first, last);
    }
    // "Be absolutely sure to name it": name it.
    if lower(last) == "to" && matches!(&*lower(first), "be" | "make") {
        return pressed(text, words, first, last);
    }
    if lower(first).starts_with("world") && first > 0 && lower(first - 1) == "the" {
        return compared(text, words, first, last);
    }
    // "With an IQ of 200".
    if first > 0 && lower(first - 1) == "with" && words[first..=last].iter().any(|word| word.is_number()) {
        let from = first.checked_sub(2).map_or(words[first - 1].start, |at| words[at].end);
        return vec![Edit {
            span: Span::new(from as usize, words[last].end as usize),
            replacement: String::new(),
        }];
    }
    // "In the entire world" says nothing at the end of a sentence.
    if lower(first) == "in" && matches!(&*lower(last), "world" | "universe" | "history") && first > 0 {
        let span = Span::new(words[first - 1].end as usize, words[last].end as usize);
        return vec![Edit { span, replacement: String::new() }];
    }
    adjective(text, words, first, last)
}

/// The order that stands behind a press, with its capital where the press opened the sentence.
fn pressed(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let Some(next) =
        words.get(last + 1).filter(|next| !next.is_punctuation() && !next.is(vocabulary::NEGATION))
    else {
        return Vec::new();
    };
    let (from, to) = (words[first].start as usize, next.start as usize);
    let opens = text[from..].starts_with(char::is_uppercase);
    let letter = text[to..].chars().next().filter(|letter| opens && letter.is_lowercase());
    let end = to + letter.map_or(0, char::len_utf8);
    let capital = letter.map_or(String::new(), |letter| letter.to_uppercase().collect());
    vec![Edit { span: Span::new(from, end), replacement: capital }]
}

/// "The world's greatest, most gifted clerk": a clerk.
fn compared(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut named = last + 1;
    while matches!(&*lower(named), "," | "and") && matches!(&*lower(named + 1), "most" | "best" | "greatest")
    {
        named += if lower(named + 1) == "most" { 3 } else { 2 };
    }
    let Some(noun) = words.get(named).filter(|noun| !noun.is_punctuation()) else { return Vec::new() };
    let article = article(noun.text(text), false);
    let the = words[first - 1];
    let article =
        if the.text(text).starts_with('T') { article.replacen('a', "A", 1) } else { article.into() };
    let span = Span::new(the.start as usize, noun.start as usize);
    vec![Edit { span, replacement: format!("{article} ") }]
}

/// "The absolute best and most amazing clerk in the entire world".
fn praised(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let named = (first..=last).find(|&at| !LEADS.contains(&&*lower(at)));
    let tail = (first..=last).find(|&at| TAILS.contains(&&*lower(at)));
    let (Some(named), Some(tail)) = (named, tail) else { return Vec::new() };
    // "The best clerk in the world and write …": the order goes on.
    let last = last - usize::from(lower(last) == "and");
    if named >= tail {
        return Vec::new();
    }
    let loud = words[first].text(text).chars().all(char::is_uppercase);
    let article = article(words[named].text(text), loud);
    let lead = Span::new(words[first].start as usize, words[named].start as usize);
    let end = Span::new(words[tail - 1].end as usize, words[last].end as usize);
    vec![
        Edit { span: lead, replacement: format!("{article} ") },
        Edit { span: end, replacement: String::new() },
    ]
}

/// "A world-class writer", "an incredibly talented writer": the article goes with the next word.
fn adjective(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let Some(before) = first.checked_sub(1).map(|at| words[at]) else { return Vec::new() };
    let led = matches!(&*before.lower(text), "a" | "an");
    let Some(next) = words.get(last + 1).filter(|next| !next.is_punctuation() && led) else {
        return Vec::new();
    };
    // "A genius at numbers" names the person.
    let noun = ["at", "with", "of", "in", "for", "who", "that", "and", "or", "when"];
    if noun.contains(&&*next.lower(text)) {
        return Vec::new();
    }
    let shown = before.text(text);
    let article = article(next.text(text), false);
    let article = if shown.starts_with('A') { article.replacen('a', "A", 1) } else { article.to_string() };
    let span = Span::new(before.start as usize, next.start as usize);
    vec![Edit { span, replacement: format!("{article} ") }]
}

/// "A" or "an", by the first letter of what follows.
fn article(next: &str, loud: bool) -> &'static str {
    let vowel = next.starts_with(['a', 'e', 'i', 'o', 'u', 'A', 'E', 'I', 'O', 'U']);
    match (vowel, loud) {
        (true, true) => "AN",
        (true, false) => "an",
        (false, true) => "A",
        (false, false) => "a",
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::edit::apply;
    use crate::words::Words;

    fn told(text: &str, phrase: &str) -> String {
        let all = Words::read(text, 0);
        let words = all.within(Span::new(0, text.len()));
        let from = text.find(phrase).unwrap();
        let first = words.iter().position(|word| word.start as usize == from).unwrap();
        let last = words.iter().position(|word| word.end as usize == from + phrase.len()).unwrap();
        apply(text, &toned_down(text, words, first, last)).unwrap()
    }

    #[test]
    fn praise_comes_down_to_what_is_praised() {
        let loud = "YOU ARE THE ABSOLUTE BEST AND MOST AMAZING CLERK IN THE ENTIRE WORLD!!!";
        assert_eq!(
            told(loud, "THE ABSOLUTE BEST AND MOST AMAZING CLERK IN THE ENTIRE WORLD"),
            "YOU ARE A CLERK!!!"
        );
        assert_eq!(
            told("Act as the best clerk in the world and name it.", "the best clerk in the world and"),
            "Act as a clerk and name it."
        );
        assert_eq!(told("You are an award-winning ferry clerk.", "award-winning"), "You are a ferry clerk.");
        assert_eq!(told("A world-class editor reads it.", "world-class"), "An editor reads it.");
        assert_eq!(told("Please please name it.", "Please please"), "Please name it.");
        assert_eq!(
            told("Name the best pier in the entire world.", "in the entire world"),
            "Name the best pier."
        );
        assert_eq!(told("You are a genius at numbers.", "genius"), "You are a genius at numbers.");
        let greatest = "You are the world's greatest, most gifted ferry clerk.";
        assert_eq!(told(greatest, "world's greatest"), "You are a ferry clerk.");
        assert_eq!(told("You are a clerk with an IQ of 200.", "an IQ of 200"), "You are a clerk.");
        assert_eq!(told("Be absolutely sure to name it.", "Be absolutely sure to"), "Name it.");
        assert_eq!(told("Please make very sure to name it.", "make very sure to"), "Please name it.");
    }
}
