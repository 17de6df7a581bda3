//! Parts that the frame asks for and the prompt does not give, or hardly.

use super::{Case, Check, Meta, Sink};
use crate::component::{Component, Facet};
use crate::finding::{Family, Severity};
use crate::frame::{Importance, Part};
use crate::record;
use crate::span::Span;
use crate::units::UnitKind;

/// A required or recommended component has no unit.
pub(super) struct AbsentPart;

static ABSENT: Meta = Meta {
    id: "absent-part",
    family: Family::Missing,
    severity: Severity::Warning,
    summary: "a component that this kind of work needs is not there",
    write: "Answer the question that the frame asks, in a sentence of your own.",
    on: true,
    english: true,
    why: "What the prompt leaves open, the model decides, and differently each time.",
    bad: &["You are the harbour clerk of a small ferry line."],
    good: &[
        "Our readers are commuters at the quay. Write the notice about the winter timetable. At most 80 words. Return a headline and two bullets.",
    ],
};

impl Check for AbsentPart {
    fn meta(&self) -> &'static Meta {
        &ABSENT
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let end = case.source.text().len();
        for need in &case.frame.needs {
            if need.importance == Importance::Optional || case.has(need.part) {
                continue;
            }
            // Where all rules are absent, one remark on them is enough.
            let within = matches!(need.part, Part::Facet(Facet::Length | Facet::Tone | Facet::Fallback));
            if within && !case.has(Part::Component(Component::Constraints))
                || need.part == Part::Facet(Facet::Audience) && !case.has(Part::Component(Component::Context))
            {
                continue;
            }
            let message = format!("no {} in this prompt ({})", need.part.name(), need.importance.id());
            let finding = sink.report(Span::new(end, end), message, format!("answer this: {}", need.ask));
            finding.why = need.why;
            if need.importance == Importance::Required {
                finding.severity = Severity::Error;
            }
        }
    }
}

/// A required or recommended component is there in a few words only.
pub(super) struct ThinPart;

static THIN: Meta = Meta {
    id: "thin-part",
    family: Family::Missing,
    severity: Severity::Note,
    summary: "a component that this kind of work needs is there in a few words only",
    write: "Add the facts that a newcomer would ask for.",
    on: true,
    english: true,
    why: "A part of three or four words leaves nearly as much open as none.",
    bad: &["Write a notice. We run ferries."],
    good: &[
        "We run two ferries between Larkhaven and the outer islands, for commuters and day guests. Write the notice about the winter timetable in 80 words.",
    ],
};

/// A record of many fields is asked for and none is shown.
pub(super) struct IntricateFormat;

static INTRICATE: Meta = Meta {
    id: "intricate-format",
    family: Family::Missing,
    severity: Severity::Note,
    summary: "a record of many fields is asked for, and no filled one is shown",
    write: "Show one filled record, with an empty value in it.",
    on: true,
    english: false,
    why: "One filled record settles what a template leaves open: empty values, order, quoting, nesting.",
    bad: &[
        "Return this:\n```json\n{\"boat\": \"\", \"pier\": \"\", \"due\": \"\", \"left\": \"\", \"guests\": 0, \"cars\": 0, \"crew\": [{\"name\": \"\", \"rank\": \"\"}]}\n```",
    ],
    good: &["Return this:\n```json\n{\"boat\": \"\", \"pier\": \"\"}\n```"],
};

/// Fields from which a record is intricate.
const INTRICATE_FIELDS: usize = 7;

impl Check for IntricateFormat {
    fn meta(&self) -> &'static Meta {
        &INTRICATE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        if case.has(Part::Component(Component::Examples)) {
            return;
        }
        let template = (0..case.units.len()).find(|&unit| {
            let shape = case.labels[unit].component == Some(Component::OutputFormat);
            let text = case.text(case.units[unit].text);
            shape && text.contains('{') && record::keys(text).len() >= INTRICATE_FIELDS
        });
        if let Some(unit) = template {
            let span = case.units[unit].text;
            let count = record::keys(case.text(span)).len();
            sink.report(
                span,
                format!("a record of {count} fields and no filled one"),
                "add one filled record, with a gap in it",
            );
        }
    }
}

/// Words below which a task, or another part, counts as thin.
const THIN_TASK: usize = 4;
const THIN_PART: usize = 5;
/// The most words and signs of a prompt in which a thin part is told.
const SHORT: usize = 150;

impl Check for ThinPart {
    fn meta(&self) -> &'static Meta {
        &THIN
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (component, need) in case.frame.components() {
            let has_words = |unit: usize| case.words_of(unit).iter().any(|word| !word.is_punctuation());
            let units: Vec<usize> = (0..case.units.len())
                .filter(|&unit| case.labels[unit].component == Some(component) && has_words(unit))
                .collect();
            let words: usize = units
                .iter()
                .map(|&unit| case.words_of(unit).iter().filter(|word| !word.is_punctuation()).count())
                .sum();
            let enough = if component == Component::Task { THIN_TASK } else { THIN_PART };
            let asked = component == Component::Task
                || component == Component::Context && need.importance > Importance::Optional;
            let Some(&first) = units.first().filter(|_| asked && words < enough) else { continue };
            // What a slot takes in is as long as it gets.
            let filled_later = component == Component::Context && !case.slots.is_empty();
            let holds_slot = case.slots.iter().any(|slot| case.units[first].text.contains(slot.span));
            let prose = matches!(
                case.units[first].kind,
                UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field
            );
            let says = prose && !case.text(case.units[first].text).ends_with([':', ')']);
            // In a long prompt such a stray is a line of something else.
            let short = case.words.all().len() <= SHORT;
            if !holds_slot && !filled_later && says && short {
                let message = format!("the {} is {words} words long", component.name());
                sink.report(case.units[first].text, message, format!("answer this as well: {}", need.ask));
            }
        }
    }
}
