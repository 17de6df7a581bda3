//! A hole in a form that a prompt shows, told from a slot by what stands around it.

use super::Case;
use crate::slots::{Slot, Syntax};

/// How many slots are looked at for others like one.
pub(super) const MANY: usize = 64;

/// `[<id>]`, `type [id] [words]` in backticks: part of a longer piece of code, which no program fills.
pub(super) fn is_amid_code(case: &Case<'_>, slot: &Slot) -> bool {
    let text = case.source.text();
    let line = case.source.line_around(slot.span.start());
    let before = &text[line.start()..slot.span.start()];
    let hand = matches!(slot.syntax, Syntax::Angles | Syntax::Brackets);
    hand && before.matches('`').count() % 2 == 1 && !before.ends_with('`')
}

/// `<Words>` at the end of three lines or more, behind a label each: it shows what kind of thing stands there.
pub(super) fn stands_behind_labels(case: &Case<'_>, slot: &Slot) -> bool {
    const LEAST: usize = 3;
    let text = case.source.text();
    let inner = case.text(slot.inner);
    let labelled = |other: &&Slot| {
        let line = case.source.line_around(other.span.start());
        other.syntax == slot.syntax
            && case.text(other.inner) == inner
            && other.span.end() == line.end()
            && text[line.start()..other.span.start()].trim_end().ends_with(':')
    };
    slot.syntax == Syntax::Angles && case.slots.iter().take(MANY).filter(labelled).count() >= LEAST
}

/// `[breakdown here]` in a form in which another line says "[your analysis here]".
pub(super) fn is_beside_yours(case: &Case<'_>, slot: &Slot) -> bool {
    let mut others = case.slots.iter().take(MANY);
    others.any(|other| other.syntax == slot.syntax && is_yours(case.text(other.inner)))
}

/// "your reasoning": the model's to write.
pub(super) fn is_yours(inner: &str) -> bool {
    inner.trim_start().get(..5).is_some_and(|head| head.eq_ignore_ascii_case("your "))
}
