//! What to do, for prohibitions whose counterpart is evident.

use crate::edit::Edit;
use crate::span::Span;
use crate::words::Word;

/// Ways to open a prohibition, the longest first.
const OPENERS: [&[&str]; 12] = [
    &["do", "not", "use"],
    &["never", "use"],
    &["don't", "use"],
    &["do", "not", "write"],
    &["don't", "write"],
    &["avoid", "using"],
    &["refrain", "from", "using"],
    &["stay", "away", "from"],
    &["avoid"],
    &["without"],
    &["not", "use"],
    &["no"],
];

/// What is forbidden, and the order that says the same from the other side.
const TURNED: [(&[&str], &str); 15] = [
    (&["passive", "voice"], "Use the active voice"),
    (&["passive"], "Use the active voice"),
    (&["passives"], "Use the active voice"),
    (&["jargon"], "Use everyday words"),
    (&["technical", "jargon"], "Use everyday words"),
    (&["legalese"], "Use everyday words"),
    (&["big", "words"], "Use everyday words"),
    (&["long", "words"], "Use everyday words"),
    (&["hard", "words"], "Use everyday words"),
    (&["difficult", "words"], "Use everyday words"),
    (&["complicated", "words"], "Use everyday words"),
    (&["fancy", "words"], "Use everyday words"),
    (&["abbreviations"], "Write every word out"),
    (&["repetitions"], "Say each thing once"),
    (&["metaphors"], "Say things literally"),
];

/// The edit of a sentence that is such a prohibition and nothing else; its closing sign stays.
pub(crate) fn turned(text: &str, sentence: &[Word]) -> Option<Edit> {
    let plain: Vec<Word> = sentence.iter().filter(|word| !word.is_punctuation()).copied().collect();
    let says = |words: &[Word], phrase: &[&str]| {
        words.len() == phrase.len()
            && words.iter().zip(phrase).all(|(word, other)| word.lower(text) == *other)
    };
    let opener =
        OPENERS.iter().find(|opener| plain.len() > opener.len() && says(&plain[..opener.len()], opener))?;
    let mut rest = &plain[opener.len()..];
    if rest.first().is_some_and(|word| matches!(&*word.lower(text), "any" | "the")) {
        rest = &rest[1..];
    }
    let (_, order) = TURNED.iter().find(|(phrase, _)| says(rest, phrase))?;
    let (first, last) = (plain.first()?, plain.last()?);
    // A comma or a quotation inside says more than the phrase.
    let inside = sentence.iter().filter(|word| word.start > first.start && word.end < last.end);
    if inside.clone().count() + 2 != plain.len().max(2) {
        return None;
    }
    Some(Edit { span: first.span().cover(last.span()), replacement: (*order).into() })
}

/// "Don't forget to name the pier" is "Name the pier"; "never fail to" is "always".
pub(crate) fn double_negative(text: &str, words: &[Word]) -> Option<Edit> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, options: &[&str]| lower(at).is_some_and(|word| options.contains(&&*word));
    // The end of the phrase, and what stands in its place.
    let (verb, always) = match () {
        () if is(0, &["do"]) && is(1, &["not"]) => (2, false),
        () if is(0, &["don't", "don’t"]) => (1, false),
        () if is(0, &["never"]) => (1, true),
        () => return None,
    };
    let verb = verb + usize::from(is(verb, &["ever"]));
    if !is(verb, &["forget", "fail", "neglect"]) || !is(verb + 1, &["to"]) {
        return None;
    }
    let next = words.get(verb + 2).filter(|word| word.is(crate::lexicon::vocabulary::VERB))?;
    let capital = words[0].text(text).starts_with(char::is_uppercase);
    let order = next.text(text);
    let replacement = match (always, capital) {
        (true, true) => format!("Always {order}"),
        (true, false) => format!("always {order}"),
        (false, true) => order[..1].to_uppercase() + &order[1..],
        (false, false) => order.to_string(),
    };
    Some(Edit { span: Span::new(words[0].start as usize, next.end as usize), replacement })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn changed(text: &str, edit: impl Fn(&str, &[Word]) -> Option<Edit>) -> Option<String> {
        let words = Words::read(text, 0);
        edit(text, words.all()).map(|edit| crate::edit::apply(text, &[edit]).unwrap())
    }

    #[test]
    fn a_prohibition_alone_is_turned() {
        let turned = |text| changed(text, turned);
        assert_eq!(turned("Do not use the passive.").as_deref(), Some("Use the active voice."));
        assert_eq!(turned("Never use the passive voice.").as_deref(), Some("Use the active voice."));
        assert_eq!(turned("No abbreviations!").as_deref(), Some("Write every word out!"));
        assert_eq!(turned("Avoid any jargon").as_deref(), Some("Use everyday words"));
        assert_eq!(turned("No jargon, no puns."), None);
        assert_eq!(turned("No abbreviations but \"a.m.\"."), None);
        assert_eq!(turned("Never use cards."), None);
    }

    #[test]
    fn two_negatives_make_an_order() {
        let order = |text| changed(text, double_negative);
        assert_eq!(order("Don't forget to name the pier.").as_deref(), Some("Name the pier."));
        assert_eq!(order("Never fail to check the log.").as_deref(), Some("Always check the log."));
        assert_eq!(order("Do not forget the pier."), None);
        assert_eq!(order("Do not fail guests to save time."), None);
    }
}
