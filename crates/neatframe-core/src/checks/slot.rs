//! Placeholders that a person forgot, and placeholders in two styles.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::slots::{Slot, Syntax, leftover_word};
use crate::span::Span;

/// A placeholder that was to be replaced by hand, or a TODO.
pub(super) struct LeftOverSlot;

static LEFT_OVER: Meta = Meta {
    id: "left-over-slot",
    family: Family::Slot,
    severity: Severity::Error,
    summary: "a placeholder or TODO that was to be replaced by hand",
    english: false,
    why: "Sent like this, the model reads the placeholder as the text, or makes something up for it.",
    bad: &[
        "Write to [Your Company] about the delay.",
        "TODO add the timetable\nWrite the notice.",
        "Ask {{audience: Who reads it?}}",
    ],
    good: &["Write to {{company}} about the delay.", "Write the to-do list of the night crew."],
};

impl Check for LeftOverSlot {
    fn meta(&self) -> &'static Meta {
        &LEFT_OVER
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut told: Option<Span> = None;
        for slot in case.slots {
            let inner = case.text(slot.inner);
            let whole = case.text(slot.span);
            if let Some((_, question)) =
                inner.split_once(':').filter(|(_, question)| question.trim_end().ends_with('?'))
            {
                let message = format!("an open question: {}", question.trim());
                sink.report(slot.span, message, "answer it in place of the slot, or delete the line");
                told = Some(slot.span);
            } else if leftover_word(inner).is_some_and(|word| by_hand(slot.syntax, word)) {
                let write =
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use";
                sink.report(slot.span, format!("`{whole}` was never filled in"), write);
                told = Some(slot.span);
            }
        }
        for (index, unit) in case.units.iter().enumerate() {
            for word in case.words_of(index) {
                let text = word.text(case.source.text());
                let marker = ["TODO", "FIXME", "TBD", "XXX"].contains(&text);
                if !marker {
                    continue;
                }
                let spoken = told.is_some_and(|span| span.overlaps(word.span()))
                    || case.slots.iter().any(|slot| slot.span.overlaps(word.span()))
                    || case.is_quoted(index, word.span().start());
                if !spoken {
                    let message = format!("`{text}` is still in the prompt");
                    sink.report(unit.text, message, "do what the note says, then take the note out");
                    break;
                }
            }
        }
    }
}

/// A name such as `{{your_name}}` is a slot like any other; in brackets it asks a person.
fn by_hand(syntax: Syntax, word: &str) -> bool {
    matches!(syntax, Syntax::Brackets | Syntax::Angles)
        || ["todo", "tbd", "fixme", "xxx"].contains(&word.to_lowercase().as_str())
}

/// Two ways of writing slots in one prompt.
pub(super) struct MixedSlots;

static MIXED: Meta = Meta {
    id: "mixed-slots",
    family: Family::Slot,
    severity: Severity::Warning,
    summary: "two ways of writing slots in one prompt",
    english: false,
    why: "A program fills one of them and sends the other as it stands.",
    bad: &["Write to {{name}} about the ferry on [travel day]."],
    good: &[
        "Write to {{name}} about the ferry on {{travel_day}}.",
        "Write to {{name}} and put [unclear] where a word is missing.",
    ],
};

impl Check for MixedSlots {
    fn meta(&self) -> &'static Meta {
        &MIXED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let by_hand = |slot: &&Slot| {
            leftover_word(case.text(slot.inner)).is_some_and(|word| by_hand(slot.syntax, word))
        };
        let slots: Vec<&Slot> = case.slots.iter().filter(|slot| !by_hand(slot)).collect();
        let Some(first) = slots.first() else { return };
        let Some(other) = slots.iter().find(|slot| slot.syntax != first.syntax) else { return };
        let (one, two) = (case.text(first.span), case.text(other.span));
        let message = format!("`{two}` is written another way than `{one}`");
        let write =
            format!("write every slot the same way: `{}`", first.syntax.write(case.text(other.inner)));
        sink.report(other.span, message, write).related.push(first.span);
    }
}
