//! What a section's title says of what stands below it.

use super::Reading;
use crate::component::Component;
use crate::lexicon::{self, Hit, Set, TITLES, vocabulary};
use crate::span::Span;
use crate::words::{Word, Words};

/// The seed that keeps words of titles apart from other words; see the seeds of the features.
const TITLE_WORD: u32 = 0x85eb_ca6b;

/// The component that a title speaks for, and its words as feature keys.
pub(super) fn read(reading: &Reading<'_>, title: Span, hits: &mut Vec<Hit>) -> (Option<Component>, Vec<u32>) {
    // Tag names join their words with underscores, which the word reader keeps.
    let spaced = reading.source.slice(title).replace(['_', '-'], " ");
    let words = Words::read(&spaced, 0);
    let words = words.within(Span::new(0, spaced.len()));
    lexicon::find(words, hits);
    let titles: Vec<&Hit> = hits.iter().filter(|hit| hit.set == Set::Title).collect();
    let longest = titles.iter().map(|hit| hit.last - hit.first).max();
    // Of several the last word decides: "task examples" are examples.
    let deciding = titles.iter().rev().find(|hit| Some(hit.last - hit.first) == longest);
    // "Examples of the task".
    let of = |at: usize, all: &[&str]| words.get(at).is_some_and(|word| all.contains(&&*word.lower(&spaced)));
    if of(0, &["example", "examples", "sample", "samples"]) && of(1, &["of", "for"]) {
        return (Some(Component::Examples), keys(words));
    }
    (deciding.map(|hit| TITLES[hit.entry as usize].component), keys(words))
}

/// The words of a title as feature keys.
fn keys(words: &[Word]) -> Vec<u32> {
    let said = words.iter().filter(|word| !word.is_punctuation()).take(6);
    said.map(|word| vocabulary::extend(TITLE_WORD, &word.hash().to_le_bytes())).collect()
}
