//! Lines that are a length and no more.

use super::Reading;
use crate::lexicon::vocabulary;
use crate::units::{Unit, UnitKind};

/// "4 weeks", "about two hours": a length and no more.
pub(super) fn is_a_length_alone(reading: &Reading<'_>, unit: &Unit) -> bool {
    const UNITS: [&str; 16] = [
        "weeks", "week", "days", "day", "months", "month", "hours", "hour", "minutes", "years", "words",
        "pages", "lines", "sentences", "paragraphs", "bullets",
    ];
    let text = reading.source.text();
    let mut words = reading.words.within(unit.text).iter().filter(|word| !word.is_punctuation());
    let first = words.by_ref().find(|word| !matches!(&*word.lower(text), "about" | "max" | "only" | "just"));
    let counts = first.is_some_and(|word| word.is_number() || vocabulary::number_value(word.id).is_some());
    let measured = words.next().is_some_and(|word| UNITS.contains(&&*word.lower(text)));
    let ends = words.next().is_none_or(|word| matches!(&*word.lower(text), "max" | "only" | "total"));
    unit.kind == UnitKind::Sentence && counts && measured && ends
}
