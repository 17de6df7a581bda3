//! Amounts whose label says what is counted, or to which side the number bounds: "words: 200-250", "a word limit of 80".

use super::amount::number;
use super::measure::{Bound, Measure};
use super::{Demand, Requirement, Sight};
use crate::outline::PieceKind;
use crate::span::Span;
use crate::words::Word;

/// "Words: 200-250": the label names what is counted, and the field holds the number alone.
pub(super) fn labelled_count(
    sight: &Sight<'_>,
    unit: usize,
    words: &[Word],
    conditional: bool,
) -> Option<Requirement> {
    let text = sight.source.text();
    let colon = words.iter().take(4).position(|word| word.text(text) == ":")?;
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    // "Word count: 1500", "Character limit: 80".
    let counts = colon > 1 && matches!(&*lower(colon - 1), "count" | "limit");
    let measure = Measure::named(words.get(colon.checked_sub(1 + usize::from(counts))?)?.text(text))?;
    let (mut numbers, mut others) = (Vec::new(), 0);
    // "Keywords: 3 to 5, lower case": what stands behind the comma is of another kind.
    let behind = &words[colon + 1..];
    let comma = behind
        .iter()
        .position(|word| word.text(text) == ",")
        .filter(|comma| *comma > 0 && !behind[comma + 1..].iter().any(|word| number(text, *word).is_some()));
    for word in &behind[..comma.unwrap_or(behind.len())] {
        match number(text, *word) {
            Some(value) => numbers.push(value),
            None if word.is_punctuation() || matches!(&*word.lower(text), "to" | "max" | "about") => {}
            None => others += 1,
        }
    }
    let most = lower(colon + 1) == "max"
        || colon > 1 && lower(colon - 2).starts_with("max")
        || lower(colon - 1) == "limit";
    let bound = match numbers[..] {
        _ if others > 0 => return None,
        [value] if most => Bound { least: None, most: Some(value), about: false },
        [value] => Bound { least: Some(value), most: Some(value), about: measure == Measure::Words },
        [low, high] if low < high => Bound { least: Some(low), most: Some(high), about: false },
        _ => return None,
    };
    let span = words[colon - 1 - usize::from(counts)].span().cover(words.last()?.span());
    Some(Requirement::on_reply(unit, span, Demand::Amount { measure, bound }, conditional))
}

/// "The word limit of 80", "a character limit of 200".
pub(super) fn limit_of(text: &str, words: &[Word]) -> Option<(Span, Measure, Bound)> {
    let at = words.windows(4).position(|run| {
        let lower = |at: usize| run[at].lower(text);
        matches!(&*lower(0), "word" | "character")
            && lower(1) == "limit"
            && matches!(&*lower(2), "of" | "is")
            && number(text, run[3]).is_some()
    })?;
    let measure = Measure::named(words[at].text(text))?;
    let bound = Bound { least: None, most: number(text, words[at + 3]), about: false };
    Some((words[at].span().cover(words[at + 3].span()), measure, bound))
}

/// "Bullets, 5 max", "words: 80 at most": the count behind what is counted.
pub(super) fn counted_behind(text: &str, words: &[Word]) -> Option<(Span, Measure, Bound)> {
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    (0..words.len().saturating_sub(3)).find_map(|at| {
        let parted = matches!(words[at + 1].text(text), "," | ":" | "(");
        let most = match &*lower(at + 3) {
            "max" | "maximum" | "tops" => at + 3,
            "at" if lower(at + 4) == "most" => at + 4,
            _ => return None,
        };
        let count = number(text, words[at + 2]).filter(|_| parted)?;
        let measure = Measure::named(words[at].text(text))?;
        let bound = Bound { least: None, most: Some(count), about: false };
        Some((words[at].span().cover(words[most].span()), measure, bound))
    })
}

/// "Maximum length: 120 words": the label of the field says to which side its number bounds.
pub(super) fn bounded_by_label(sight: &Sight<'_>, unit: usize, bound: &mut Bound) {
    let piece = &sight.outline.pieces[sight.units[unit].pieces.start];
    let exact = bound.least.is_some() && bound.least == bound.most;
    if piece.kind != PieceKind::Field || !exact {
        return;
    }
    let label = sight.source.slice(piece.lead).to_lowercase();
    if label.contains("max") || label.contains("limit") {
        *bound = Bound { least: None, most: bound.most, about: false };
    } else if label.contains("min") && !label.contains("minute") {
        *bound = Bound { least: bound.least, most: None, about: false };
    }
}
