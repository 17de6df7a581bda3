//! Notes on the work, such as "IMPORTANT: …" and "Thing to note: …".

use super::Reading;
use crate::lexicon::vocabulary;
use crate::units::Unit;

/// "IMPORTANT: …", also below a sample: said of the work.
pub(super) fn is_a_note(text: &str) -> bool {
    const NOTES: [&str; 9] =
        ["IMPORTANT", "NOTE", "REMEMBER", "WARNING", "CAUTION", "REMINDER", "CRITICAL", "RULES", "MANDATORY"];
    // "Thing to note: …".
    const SAID: [&str; 5] = ["thing to note", "things to note", "please note", "also note", "important note"];
    let body = text.trim_start_matches(['*', '#', ' ', '<', '[']);
    let first = body.split(|c: char| !c.is_alphabetic()).next();
    let label = body.split_once(':').map_or("", |(label, _)| label);
    first.is_some_and(|first| NOTES.contains(&first))
        || label.len() <= 16 && SAID.iter().any(|said| label.eq_ignore_ascii_case(said))
}

/// "IMPORTANT: Take facts only from the log": a note that asks for something.
pub(super) fn note_orders(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let colon = words.iter().position(|word| word.text(text) == ":").map_or(0, |at| at + 1);
    let rest = &words[colon..];
    let asks = vocabulary::NEGATION | vocabulary::MODAL;
    rest.first().is_some_and(|word| word.is(vocabulary::VERB))
        || rest.iter().any(|word| word.is(asks) || matches!(&*word.lower(text), "only" | "solely"))
}
