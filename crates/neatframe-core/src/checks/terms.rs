//! Terms that the house writes another way.

use super::{Case, Check, Meta, Sink};
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::units::UnitKind;

/// A term of the house's list, written the wrong way.
pub(super) struct HouseTerm;

static TERM: Meta = Meta {
    id: "house-term",
    family: Family::Phrasing,
    severity: Severity::Warning,
    summary: "a term that the house writes another way",
    write: "The term on the house's list.",
    on: true,
    english: false,
    why: "One name for one thing: with two, the model and the reader look for a difference.",
    bad: &["Write the notice for the boat line."],
    good: &["Write the notice for the ferry."],
};

impl Check for HouseTerm {
    fn meta(&self) -> &'static Meta {
        &TERM
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (index, unit) in case.units.iter().enumerate() {
            if unit.kind == UnitKind::Code {
                continue;
            }
            let words = case.words_of(index);
            for (instead, first, last) in case.settings.words.terms(words) {
                let span = words[first].span().cover(words[last].span());
                let finding = sink.report(
                    span,
                    format!("`{}` is not the term of the house", case.shown(span)),
                    format!("write `{instead}`"),
                );
                if !case.is_quoted(index, span.start()) {
                    finding.fix.push(Edit { span, replacement: instead.into() });
                }
            }
        }
    }
}
