//! "First read it. Then score it. Finally give the total.": sentences that are steps, written as numbered ones.

use super::chunk::Chunk;
use super::{Change, Note};
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// The fewest sentences that make steps.
const LEAST: usize = 3;

/// The edits that number the sentences of a chunk, with a note; none where some sentence does not say its place.
pub(super) fn numbered(review: &Review, chunk: &Chunk) -> Option<(Vec<Edit>, Note)> {
    let units = review.units();
    let plain = |unit: usize| units[unit].kind == UnitKind::Sentence;
    if chunk.units.len() < LEAST || !chunk.units.clone().all(plain) {
        return None;
    }
    let newline = review.source().line_end();
    let mut edits = Vec::new();
    for (at, unit) in chunk.units.clone().enumerate() {
        let (verb, order) = behind_its_place(review, unit, at)?;
        let lead = if at == 0 { String::new() } else { newline.to_string() };
        let from = if at == 0 { units[unit].text.start() } else { units[unit - 1].text.end() };
        let replacement = format!("{lead}{}. {order}", at + 1);
        edits.push(Edit { span: Span::new(from, verb.end as usize), replacement });
    }
    let note = Note {
        change: Change::Edited,
        span: Some(chunk.span),
        words: review.source().slice(chunk.span).to_string(),
        now: format!("{} numbered steps", chunk.units.len()),
        why: "the number says which step comes when".into(),
    };
    Some((edits, note))
}

/// True where the edits number the sentences of a chunk.
pub(super) fn is_numbered(edits: &[Edit], chunk: &Chunk) -> bool {
    let first = edits.partition_point(|edit| edit.span.start() < chunk.span.start());
    let here = edits[first..].iter().take_while(|edit| edit.span.start() == chunk.span.start());
    here.into_iter().any(|edit| edit.replacement.starts_with("1. "))
}

/// The verb behind "First", "Then", "Finally", and how the sentence opens with it.
fn behind_its_place(review: &Review, unit: usize, at: usize) -> Option<(Word, String)> {
    let text = review.source().text();
    let words = review.words_of(unit);
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    let place = match at {
        0 => usize::from(is(0, &["first", "firstly"])),
        _ if is(0, &["after"]) && is(1, &["that"]) => 2,
        _ => usize::from(is(
            0,
            &[
                "then", "next", "afterwards", "second", "secondly", "third", "thirdly", "finally", "lastly",
                "last",
            ],
        )),
    };
    let verb = place + usize::from(words.get(place).is_some_and(|word| word.text(text) == ","));
    let verb = *words.get(verb).filter(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP))?;
    let mut letters = verb.text(text).chars();
    let order = letters.next()?.to_uppercase().chain(letters).collect();
    (place > 0).then_some((verb, order))
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    const GRADING: &str = "Grade the notices from 1 to 5 in order to help the clerks. Be strict. ";

    #[test]
    fn sentences_that_say_their_place_are_numbered() {
        let text = reworded(&format!(
            "{GRADING}First read the notice. Then score each part. Finally, give the total. Name each error. Do not guess. Cite the line.\n\n{{notice}}"
        ));
        assert!(text.contains("1. Read the notice.\n2. Score each part.\n3. Give the total.\n"), "{text}");
        let task = text.find("# Constraints").unwrap_or(text.len());
        assert!(text[..task].contains("1. Read"), "steps stand with the task: {text}");
    }

    #[test]
    fn what_does_not_say_its_place_stays() {
        let text = reworded(&format!(
            "{GRADING}First read the notice. The clerk waits. Finally, give the total. Name each error.\n\n{{notice}}"
        ));
        assert!(text.contains("First read the notice."), "{text}");
    }

    #[test]
    fn steps_begin_a_line_of_their_own() {
        let text = reworded(
            "Act as a clerk for the ferry crew. Look at the log below. First check whether the hours exist. Then check the piers. \
             Then check the fares, and finally write the note.\n\nThe note should be kind and helpful. Name the pier, the boat \
             etc. Use three levels.\n\nDon't comment on the weather, we know it.\n\nLog:\n{log}\n\nPlease be thorough. Be \
             concise. Thanks!\n",
        );
        assert!(text.contains("below.\n1. Check whether the hours exist.\n2. Check the piers."), "{text}");
    }
}
