//! What samples show taken together, and how they are set off.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::record;
use crate::requirement::Demand;
use crate::samples::{Shown, Side};
use crate::span::Span;
use crate::units::UnitKind;

/// Samples that all show the same case.
pub(super) struct SamplesAlike;

static ALIKE: Meta = Meta {
    id: "samples-alike",
    family: Family::Example,
    severity: Severity::Note,
    summary: "samples that all have the same answer, though there are others to choose from",
    write: "Samples with different answers, the rare case among them.",
    on: true,
    english: false,
    why: "The model takes the shared answer for the default.",
    bad: &[
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: my hat is gone\nLabel: LOST\nSlip: no bag\nLabel: LOST",
    ],
    good: &[
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: late again\nLabel: LATE\nSlip: no bag\nLabel: LOST",
    ],
};

impl Check for SamplesAlike {
    fn meta(&self) -> &'static Meta {
        &ALIKE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let choices = case.requirements.iter().find_map(|rule| match &rule.demand {
            Demand::OneOf(choices) if choices.len() >= 3 => Some(choices),
            _ => None,
        });
        let Some(choices) = choices else { return };
        let outputs: Vec<&Shown> = case
            .samples
            .iter()
            .filter(|shown| shown.side == Side::Output && !shown.content.is_empty())
            .collect();
        let answer = |shown: &&Shown| case.text(shown.content).trim().to_lowercase();
        let [first, .., last] = outputs.as_slice() else { return };
        let same = outputs.iter().all(|shown| answer(shown) == answer(first));
        let known = choices.iter().any(|choice| choice.to_lowercase() == answer(first));
        if outputs.len() >= 3 && same && known {
            let message =
                format!("all {} samples are answered `{}`", outputs.len(), case.shown(first.content));
            sink.report(last.content, message, "show at least one sample of another answer")
                .related
                .push(first.content);
        }
    }
}

/// Several whole dialogues.
pub(super) struct ManyDialogues;

static DIALOGUES: Meta = Meta {
    id: "many-dialogues",
    family: Family::Example,
    severity: Severity::Note,
    summary: "three whole dialogues or more, where one good one steers better",
    write: "The one dialogue that shows most, with a line on what it shows.",
    on: true,
    english: false,
    why: "The accidents of several dialogues add up, and the rule that they share is lost among them.",
    bad: &[
        "# Example 1\nUser: a b\nAssistant: c d\nUser: e f\nAssistant: g h\n\n# Example 2\nUser: a b\nAssistant: c d\nUser: e f\nAssistant: g h\n\n# Example 3\nUser: a b\nAssistant: c d\nUser: e f\nAssistant: g h\n",
    ],
    good: &["# Example\nUser: a b\nAssistant: c d\nUser: e f\nAssistant: g h\n"],
};

impl Check for ManyDialogues {
    fn meta(&self) -> &'static Meta {
        &DIALOGUES
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut blocks: Vec<(u32, Span, usize)> = Vec::new();
        for (index, unit) in case.units.iter().enumerate() {
            let turn = unit.kind == UnitKind::Turn
                && unit.opens_piece
                && case.labels[index].component == Some(Component::Examples);
            if !turn || case.source.messages().len() > 1 {
                continue;
            }
            match blocks.last_mut() {
                Some((block, span, turns)) if *block == unit.block => {
                    *span = span.cover(unit.text);
                    *turns += 1;
                }
                _ => blocks.push((unit.block, unit.text, 1)),
            }
        }
        blocks.retain(|(_, _, turns)| *turns >= 4);
        if blocks.len() >= 3 {
            let (first, last) = (blocks[0].1, blocks[blocks.len() - 1].1);
            let message = format!("{} whole dialogues stand in this prompt", blocks.len());
            sink.report(last, message, "keep the one that shows most, and say in a few words what it shows")
                .related
                .push(first);
        }
    }
}

/// A sample in the middle of rules, with no mark where it ends.
pub(super) struct UnmarkedSample;

static UNMARKED: Meta = Meta {
    id: "unmarked-sample",
    family: Family::Example,
    severity: Severity::Note,
    summary: "a sample of several sentences among the rules, with nothing to show where it ends",
    write: "The sample in quotation marks or in a block of its own.",
    on: false,
    english: true,
    why: "The model cannot tell whether the next sentence belongs to the sample or is an order.",
    bad: &["Write a notice. For example: The Merle is late. She sails at nine. Use at most 80 words."],
    good: &["Write a notice. For example: \"The Merle is late. She sails at nine.\" Use at most 80 words."],
};

impl Check for UnmarkedSample {
    fn meta(&self) -> &'static Meta {
        &UNMARKED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let demands = &case.demands;
        for (index, unit) in case.units.iter().enumerate() {
            let text = case.text(unit.text);
            let lower = text.to_lowercase();
            let announced =
                ["for example:", "example:", "for instance:"].iter().any(|sign| lower.starts_with(sign));
            let running = unit.kind == UnitKind::Sentence && !text.contains(['"', '“', '`']);
            let block = unit.block;
            let more = case
                .units
                .get(index + 1)
                .is_some_and(|next| next.block == block && !case.text(next.text).contains('"'));
            let order = demands.iter().any(|&later| later > index && case.units[later].block == block);
            if announced && running && more && order {
                let message = "nothing shows where this sample ends".to_string();
                sink.report(
                    unit.text,
                    message,
                    "put the sample in quotation marks, or in a block of its own",
                );
            }
        }
    }
}

/// A template with real values in it.
pub(super) struct CopiedValues;

static COPIED: Meta = Meta {
    id: "copied-values",
    family: Family::Example,
    severity: Severity::Note,
    summary: "a template of the answer with a real name, date or amount in it",
    write: "What goes there, not a value: `YYYY-MM-DD`.",
    on: false,
    english: false,
    why: "A value in a template is copied into answers where it does not belong.",
    bad: &[
        "Return this:\n```json\n{\"guest\": \"text\", \"day\": \"2031-05-03\"}\n```",
        "Return this:\n```json\n{\"guest\": \"Nora Quayle\", \"day\": \"YYYY-MM-DD\"}\n```",
        "Return this:\n```json\n{\"guest\": \"text\", \"fare\": 14.50}\n```",
    ],
    good: &["Return this:\n```json\n{\"guest\": \"text\", \"day\": \"YYYY-MM-DD\", \"fare\": 0.0}\n```"],
};

impl Check for CopiedValues {
    fn meta(&self) -> &'static Meta {
        &COPIED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (index, unit) in case.units.iter().enumerate() {
            let text = case.text(unit.text);
            if case.labels[index].component != Some(Component::OutputFormat) || !text.contains('{') {
                continue;
            }
            let value = real_value(text).filter(|_| record::keys(text).len() >= 2);
            if let Some((at, length)) = value {
                let place = Span::within(unit.text, at, length);
                let message = format!("`{}` in a template is copied into answers", case.text(place));
                sink.report(
                    place,
                    message,
                    "write what goes there (`YYYY-MM-DD`), or mark the block as a sample",
                );
            }
        }
    }
}

/// The first value of a record that is one case of many: a date, an amount with cents, a person's name.
fn real_value(record: &str) -> Option<(usize, usize)> {
    let mut from = 0;
    while let Some(colon) = record[from..].find(':').map(|at| from + at) {
        let rest = record[colon + 1..].trim_start_matches([' ', '"']);
        let at = record.len() - rest.len();
        let length = rest.find(['"', ',', '}', '\n']).unwrap_or(rest.len());
        let value = rest[..length].trim_end();
        let signs = |wanted: char| value.chars().filter(|c| *c == wanted).count();
        let figures = value.chars().all(|c| c.is_ascii_digit() || matches!(c, '-' | '.' | '/'));
        let digits = value.chars().filter(char::is_ascii_digit).count();
        let date =
            figures && (6..=8).contains(&digits) && (signs('-') == 2 || signs('/') == 2 || signs('.') == 2);
        let year = value.len() == 4 && digits == 4 && value.starts_with(['1', '2']);
        let cents = figures
            && value.rsplit_once('.').is_some_and(|(whole, cents)| cents.len() == 2 && whole.len() >= 2);
        let capital = |word: &str| {
            word.starts_with(char::is_uppercase)
                && word.chars().skip(1).all(char::is_lowercase)
                && word.len() > 1
        };
        let named = (2..=3).contains(&value.split(' ').count()) && value.split(' ').all(capital);
        if date || year || cents || named {
            return Some((at, value.len()));
        }
        from = colon + 1;
    }
    None
}
