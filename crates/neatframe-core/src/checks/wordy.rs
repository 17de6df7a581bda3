//! Words that carry nothing.

use super::{Case, Check, Meta, Sink, cut};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::{PADDING, PaddingKind, PaddingTerm, Set};
use crate::span::Span;
use crate::units::UnitKind;

/// Filler, pleasantries, empty intensifiers, inflated phrases, lines left over from a chat.
pub(super) struct Padding;

static PADDING_META: Meta = Meta {
    id: "padding",
    family: Family::Wordy,
    severity: Severity::Note,
    summary: "filler, pleasantries, empty intensifiers, long forms of short words",
    english: true,
    why: "Every word is paid for at every call, and padding dilutes the words that steer.",
    bad: &[
        "Hi there! Write the notice.",
        "Write the notice in order to warn passengers.",
        "It is very important to note that the quay is wet. Write a notice.",
        "Sure, here is an improved prompt:\nWrite a notice.",
    ],
    good: &[
        "Write the notice so that passengers are warned.",
        "Begin every reply with \"Hi there!\".",
        "Customer: hi there, thank you so much\nClerk: You are welcome.\nCustomer: bye\nClerk: Bye.",
    ],
};

/// The most phrases of one unit that are remarked on.
const MOST: usize = 24;

/// From this share of belief on a unit is a sample, whose words are not the prompt's own.
const SAMPLE: f32 = 0.75;

impl Check for Padding {
    fn meta(&self) -> &'static Meta {
        &PADDING_META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (index, unit) in case.units.iter().enumerate() {
            let sample = case.labels[index].shares[Component::Examples.index()] >= SAMPLE;
            if sample
                || matches!(unit.kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
            {
                continue;
            }
            let words = case.words_of(index);
            for hit in case.hits[index].iter().filter(|hit| hit.set == Set::Padding).take(MOST) {
                let term = &PADDING[hit.entry as usize];
                let span = words[hit.first].span().cover(words[hit.last].span());
                if case.is_quoted(index, span.start()) {
                    continue;
                }
                let rest = words[..hit.first].iter().chain(&words[hit.last + 1..]);
                let alone = rest.into_iter().all(|word| word.is_punctuation());
                report(case, sink, unit.text, if alone { unit.text } else { span }, term);
            }
        }
    }
}

fn report(case: &Case<'_>, sink: &mut Sink<'_>, unit: Span, span: Span, term: &PaddingTerm) {
    let PaddingTerm { kind, short } = *term;
    let phrase = case.shown(span);
    let whole = matches!(kind, PaddingKind::ChatLine);
    let place = if whole { unit } else { span };
    let (message, write) = match kind {
        PaddingKind::Filler => (format!("`{phrase}` adds nothing"), "leave it out".to_string()),
        PaddingKind::Pleasantry => {
            (format!("`{phrase}` is politeness that a model does not need"), "leave it out".into())
        }
        PaddingKind::Intensifier => {
            (format!("`{phrase}` only raises the voice"), "leave it out, or say what it should change".into())
        }
        PaddingKind::Inflated => (format!("`{phrase}` is long for `{short}`"), format!("write `{short}`")),
        PaddingKind::ChatLine => ("a line left over from a chat".to_string(), "take the line out".into()),
    };
    let opens = span.start() == unit.start();
    let finding = sink.report(place, message, write);
    if kind != PaddingKind::Intensifier {
        let goes = if whole { unit } else { span };
        finding.fix = cut(case.source.text(), goes, short, opens && !whole && goes.end() < unit.end());
    }
}
