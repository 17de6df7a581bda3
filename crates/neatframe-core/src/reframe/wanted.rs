//! Wishes for a deed, turned into the order: "I need you to take the notes", "I need a speech".

use super::plan::Plan;
use super::rewording::is_faulty;
use crate::classify::{wanted_deed, wants_a_text};
use crate::component::Component;
use crate::edit::{Edit, capitalised};
use crate::lexicon::vocabulary;
use crate::requirement::WHOLE;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// Makes orders of wishes for a deed, before padding among their words is cut.
pub(super) fn wishes(plan: &mut Plan, review: &Review) {
    if review.language().is_some() || !is_faulty(review) {
        return;
    }
    for unit in 0..review.units().len() {
        let prose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
        let sample = review.labels()[unit].component == Some(Component::Examples);
        let (text, words) = (review.source().text(), review.words_of(unit));
        let edit = wanted_of_you(text, words)
            .or_else(|| wanted_of_it(text, words))
            .or_else(|| wanted_of_me(review, unit));
        if let Some(edit) = edit.filter(|_| prose && !sample) {
            plan.reword(review, edit, "an order begins with its verb");
            if let Some(parted) = told_of_me(text, words) {
                plan.reword(review, parted, "what you are is no part of the order");
            }
        }
    }
}

/// "So I need you to take the notes": the order behind it.
fn wanted_of_you(text: &str, words: &[Word]) -> Option<Edit> {
    const BEFORE: [&str; 9] = ["so", "basically", "now", "ok", "okay", "hey", "hi", "well", "today"];
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    let at = words.iter().position(|word| !word.is_punctuation() && !BEFORE.contains(&&*word.lower(text)))?;
    let wants = match (is(at + 1, &["need", "want"]), is(at + 1, &["would"]) && is(at + 2, &["like"])) {
        (true, _) => at + 2,
        (_, true) => at + 3,
        _ => return None,
    };
    let polite = usize::from(is(wants + 2, &["please", "kindly"]));
    // "I'd like you to always name the pier": always name it.
    let adverb = words.get(wants + 2 + polite).filter(|_| is(wants + 2 + polite, &["always", "never"]));
    let verb = words.get(wants + 2 + polite + usize::from(adverb.is_some()))?;
    let led = is(at, &["i", "we"]) && is(wants, &["you"]) && is(wants + 1, &["to"]);
    if !led || !verb.is(vocabulary::VERB) || verb.is(vocabulary::STOP) {
        return None;
    }
    let capital = words[0].text(text).starts_with(char::is_uppercase);
    let verb = adverb.unwrap_or(verb);
    let shown = verb.text(text);
    let order = if capital { shown[..1].to_uppercase() + &shown[1..] } else { shown.to_string() };
    // "So basically" goes along; a greeting has an edit of its own.
    let ties = |word: &&Word| {
        let lower = word.lower(text);
        BEFORE.contains(&&*lower) && !matches!(&*lower, "hey" | "hi")
    };
    let ties = words[..at].iter().rev().take_while(ties).count();
    Some(Edit { span: words[at - ties].span().cover(verb.span()), replacement: order })
}

/// "I need to write a letter to the tenants", which is all that is asked for: "Write a letter".
fn wanted_of_me(review: &Review, unit: usize) -> Option<Edit> {
    let (text, words) = (review.source().text(), review.words_of(unit));
    let asks = |label: &crate::classify::Label| label.component == Some(Component::Task);
    let tasks = review.labels().iter().filter(|label| asks(label)).count();
    let only = tasks == 1 && asks(&review.labels()[unit]);
    // "Need a letter for the fair, im the purser" may read like a fact, and nothing else asks.
    if let Some(edit) = a_text_needed(text, words).filter(|_| only || tasks == 0) {
        return Some(edit);
    }
    let deed = wanted_deed(text, words).filter(|_| only && wants_a_text(text, words))?;
    Some(Edit {
        span: words[0].span().cover(words[deed].span()),
        replacement: capitalised(words[deed].text(text)),
    })
}

/// "I need a speech for the fair": "Write a speech".
fn a_text_needed(text: &str, words: &[Word]) -> Option<Edit> {
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    let written = |at: usize| {
        !is(at, &["it", "this", "everything", "page", "total", "result", "output"]) && is(at, WHOLE)
    };
    let from = usize::from(is(0, &["so", "ok", "now", "hey", "hi"]));
    // "Need a speech for the fair".
    let bare = from == 0 && is(0, &["need", "want"]) && is(1, &["a", "an"]);
    let from = if bare { 0 } else { from + 1 };
    let led = bare || is(from - 1, &["i", "we"]);
    let needs = led && is(from, &["need", "want"]) && is(from + 1, &["a", "an"]);
    // "A short speech", "a speech".
    let noun = (from + 2..from + 4).find(|&at| written(at))?;
    let lead = words[0].span().cover(words.get(from + 1)?.span());
    let article = words[from + 1].lower(text).into_owned();
    let behind = words.get(noun + 1).is_none_or(|word| word.is_punctuation() || word.is(vocabulary::STOP));
    (needs && behind).then(|| Edit { span: lead, replacement: format!("Write {article}") })
}

/// "I want it to have a list at the end": include one; "I want it to be short": make it so.
fn wanted_of_it(text: &str, words: &[Word]) -> Option<Edit> {
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    let from = usize::from(is(0, &["also", "and", "so", "oh"]));
    let to = match (is(from + 1, &["want", "need"]), is(from + 1, &["would"]) && is(from + 2, &["like"])) {
        (true, _) => from + 2,
        (_, true) => from + 3,
        _ => return None,
    };
    let verb = to + 2;
    if !is(from, &["i", "we"]) || !is(to, &["it", "this"]) || !is(to + 1, &["to"]) {
        return None;
    }
    let span = words[0].span().cover(words.get(verb)?.span());
    let replacement = match () {
        () if is(verb, &["have", "include", "contain"]) => "Include",
        () if is(verb, &["be"]) => "Make it",
        () => return None,
    };
    (words.len() > verb + 1).then(|| Edit { span, replacement: replacement.into() })
}

/// "… a speech for the fair and I am the purser": what is told of oneself behind the order is a sentence of its own.
fn told_of_me(text: &str, words: &[Word]) -> Option<Edit> {
    let lower = |at: usize| words[at].lower(text);
    let at = (3..words.len().saturating_sub(2)).find(|&at| {
        let told = matches!(&*lower(at + 1), "i" | "we")
            && words[at + 2].is(vocabulary::FINITE)
            && !words[at + 2].is(vocabulary::MODAL);
        let short = matches!(&*lower(at + 1), "im" | "i'm" | "i’m" | "we're" | "we’re");
        matches!(words[at].text(text), "and" | ",") && (told || short)
    })?;
    let comma = words[at].text(text) != "," && words[at - 1].text(text) == ",";
    let from = if comma { words[at - 1].start } else { words[at - 1].end } as usize;
    let replacement = format!(". {}", capitalised(&lower(at + 1)));
    Some(Edit { span: Span::new(from, words[at + 1].end as usize), replacement })
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn a_wish_for_a_deed_is_an_order() {
        let text = reworded(
            "So basically I need you to write the notice in order to warn guests. We would like you to name the pier.",
        );
        assert_eq!(text.trim(), "Write the notice to warn guests. Name the pier.");
        assert!(reworded("I need you to be kind in order to help.").contains("I need you"), "no deed");
        let always =
            reworded("Write the notice in order to warn guests. We would like you to always name the pier.");
        assert!(always.contains("Always name the pier."), "{always}");
    }

    #[test]
    fn a_text_that_is_needed_is_written() {
        let text =
            reworded("I need a short speech for the fair, thanks so much in advance. Max five minutes.");
        assert!(text.contains("Write a short speech for the fair"), "{text}");
        let told = reworded("I need a speech for the fair and i am the purser, thanks so much in advance.");
        assert!(told.starts_with("Write a speech for the fair. I am the purser"), "{told}");
        let told =
            reworded("Need a letter for the fair, im the purser, can start at 5. thanks so much in advance.");
        assert!(told == "Write a letter for the fair. I'm the purser, can start at 5.", "{told}");
        let held = reworded("I need a boat for the fair, thanks so much in advance. Max five minutes.");
        assert!(held.contains("I need a boat"), "{held}");
    }
}
