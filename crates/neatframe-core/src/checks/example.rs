//! Samples that are at odds with the prompt, or with each other.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::samples::{Shown, Side};
use crate::span::Span;
use crate::trial::{self, Breach};
use crate::units::UnitKind;

/// A sample breaks a stated requirement.
pub(super) struct SampleBreaksRule;

static BREAKS: Meta = Meta {
    id: "sample-breaks-rule",
    family: Family::Example,
    severity: Severity::Error,
    summary: "a sample that breaks a rule of the prompt",
    write: "A sample that keeps every rule of the prompt.",
    on: true,
    english: true,
    why: "A model copies a sample to the letter: it learns the breach, not the rule.",
    bad: &[
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: DELAYED",
        "You are Merle, a clerk. Use no emoji.\nGuest: hi\nMerle: Hello 🙂 How can I help?\nGuest: bye\nMerle: Goodbye.",
        "Write dates as YYYY-MM-DD.\nSample report: We sailed on 3 May.\nSample record: {\"day\": \"03/05/2031\"}",
        "Leave out BEGIN and COMMIT.\nSample script:\n```sql\nBEGIN;\nDROP TABLE boats;\n```",
    ],
    good: &[
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: LATE",
        "You are Merle, a clerk. Use no emoji.\nGuest: hi 🙂\nMerle: Hello. How can I help?\nGuest: bye\nMerle: Goodbye.",
        "Write dates as YYYY-MM-DD.\nSample report: We sailed on 03/05/2031.\nSample record: {\"day\": \"2031-05-03\"}",
    ],
};

impl Check for SampleBreaksRule {
    fn meta(&self) -> &'static Meta {
        &BREAKS
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let rules: Vec<&Requirement> = case
            .requirements
            .iter()
            .filter(|rule| !rule.conditional && trial::is_testable(rule))
            .take(RULES)
            .collect();
        for shown in case.samples.iter().filter(|shown| shown.side == Side::Output) {
            for rule in &rules {
                let Some(Breach { place, what }) =
                    trial::breach(case.source.text(), rule, shown.content, shown.spoken)
                else {
                    continue;
                };
                report(case, sink, place, what, rule.span);
                break;
            }
        }
        // Samples that carry no label of their own: "as in "…"", a block of code.
        for (index, unit) in case.units.iter().enumerate() {
            let after = case.samples.partition_point(|shown| shown.content.end() <= unit.text.start());
            let labelled = case.samples.get(after).is_some_and(|shown| shown.content.overlaps(unit.text));
            if labelled
                || case.labels[index].component != Some(Component::Examples)
                || unit.kind == UnitKind::Mark
            {
                continue;
            }
            let quoted = trial::quoted_reply(case.text(unit.text));
            let found = rules.iter().find_map(|rule| {
                let counts = matches!(
                    rule.demand,
                    Demand::Manner { axis: "questions at a time", .. }
                        | Demand::Omit(_)
                        | Demand::DateForm(_)
                        | Demand::Manner { axis: "emoji", .. }
                );
                let breach =
                    trial::breach(case.source.text(), rule, unit.text, true).filter(|_| counts && quoted)?;
                Some((breach, rule.span))
            });
            if let Some((Breach { place, what }, rule)) = found {
                report(case, sink, place, what, rule);
            }
        }
        fields(case, sink);
    }
}

fn report(case: &Case<'_>, sink: &mut Sink<'_>, place: Span, what: String, rule: Span) {
    let line = case.source.position(rule.start()).line;
    let message = format!("{what}, against the rule on line {line}: `{}`", case.shown(rule));
    sink.report(place, message, "change the sample so that it keeps the rule").related.push(rule);
}

/// How many rules a sample is held against.
const RULES: usize = 64;

/// A record in a sample whose fields are not those of the template.
fn fields(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let is_output = |unit: &usize| case.labels[*unit].component == Some(Component::OutputFormat);
    let templates: Vec<(Span, Vec<String>)> = (0..case.units.len())
        .filter(is_output)
        .map(|unit| (case.units[unit].text, trial::keys(&text[case.units[unit].text.range()])))
        .filter(|(_, keys)| keys.len() >= 2)
        .collect();
    let [(template, known)] = templates.as_slice() else { return };
    let records = (0..case.units.len())
        .filter(|&unit| {
            case.labels[unit].component == Some(Component::Examples)
                && case.text(case.units[unit].text).contains('{')
        })
        .map(|unit| case.units[unit].text);
    let inputs: Vec<Span> =
        case.samples.iter().filter(|shown| shown.side == Side::Input).map(|shown| shown.content).collect();
    for content in records {
        let known_input = inputs.partition_point(|input| input.end() <= content.start());
        if inputs.get(known_input).is_some_and(|input| input.overlaps(content)) {
            continue;
        }
        let keys = trial::keys(&text[content.range()]);
        let common = keys.iter().filter(|key| known.contains(key)).count();
        if common * 2 < known.len() || common == 0 {
            continue;
        }
        if let Some(odd) = keys.iter().find(|key| !known.contains(key)) {
            let at = text[content.range()]
                .find(&format!("\"{odd}\""))
                .map_or(content, |offset| Span::within(content, offset, odd.len() + 2));
            report(
                case,
                sink,
                at,
                format!("the sample has a field `{odd}` that the template does not have"),
                *template,
            );
        } else if let Some(absent) =
            known.iter().find(|key| !keys.contains(key)).filter(|_| keys.len() + 1 == known.len())
        {
            report(case, sink, content, format!("the sample has no field `{absent}`"), *template);
        }
    }
}

/// An input with no output, or an output that is not there.
pub(super) struct HalfSample;

static HALF: Meta = Meta {
    id: "half-sample",
    family: Family::Example,
    severity: Severity::Warning,
    summary: "a sample input with no output, or an output that is not there",
    write: "Input and output, both marked.",
    on: true,
    english: true,
    why: "Half a sample shows a question and no answer; the model may take it for the input at hand.",
    bad: &[
        "Sort the slips.\n\n# Samples\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late",
        "Write a notice.\n\nExample output: see attached",
    ],
    good: &[
        "Sort the slips.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: LATE",
        "Sort the slips.\nSlip: my scarf is gone\nLabel: LOST\nSlip: {{slip}}\nLabel:",
    ],
};

impl Check for HalfSample {
    fn meta(&self) -> &'static Meta {
        &HALF
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let samples = &case.samples;
        for (at, shown) in samples.iter().enumerate() {
            let whole = shown.label.cover(shown.content);
            if shown.side != Side::Input {
                if is_elsewhere(case.text(shown.content)) {
                    let message = format!("`{}` shows nothing", case.shown(whole));
                    sink.report(whole, message, "put the sample itself in, or take the label out");
                }
                continue;
            }
            if case.slots.iter().any(|slot| whole.overlaps(slot.span)) || shown.content.is_empty() {
                continue;
            }
            let next = samples.get(at + 1).filter(|next| next.beside(shown));
            // "Question: … Passage: … Answer: …": several inputs may go before one output.
            // A dialogue that the model opens may well end with the other side.
            let first =
                samples[..at].iter().rev().take_while(|before| before.spoken && before.beside(shown)).last();
            if shown.spoken && next.is_none() && first.is_some_and(|first| first.side == Side::Output) {
                continue;
            }
            let answered = next.is_some_and(|next| {
                next.side != Side::Input || case.text(next.label) != case.text(shown.label)
            });
            let follows = next.is_none() && goes_on(case, shown);
            if answered || follows {
                continue;
            }
            let label = case.shown(shown.label);
            let message = format!("the sample `{label}` has no output");
            sink.report(whole, message, "show what comes back for it, or take it out");
        }
    }
}

fn is_elsewhere(content: &str) -> bool {
    let lower = content.trim().trim_end_matches('.').to_lowercase();
    [
        "see attached",
        "attached",
        "see attachment",
        "see above",
        "see below",
        "tbd",
        "todo",
        "to be added",
        "to follow",
        "coming soon",
        "...",
    ]
    .contains(&lower.as_str())
}

/// True when an unlabelled answer, or the prompt's own text, goes on behind the last input.
fn goes_on(case: &Case<'_>, shown: &Shown) -> bool {
    let after = case.units.partition_point(|unit| unit.text.start() < shown.content.end());
    let next =
        case.units[after..].iter().position(|unit| unit.kind != UnitKind::Mark).map(|offset| after + offset);
    next.is_some_and(|next| {
        let labelled = matches!(case.units[next].kind, UnitKind::Field | UnitKind::Turn);
        labelled || case.labels[next].component == Some(Component::Examples)
    })
}

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
        let demands: Vec<usize> = case.demands().collect();
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
    bad: &["Return this:\n```json\n{\"guest\": \"Nora Quayle\", \"day\": \"2031-05-03\"}\n```"],
    good: &["Return this:\n```json\n{\"guest\": \"text\", \"day\": \"YYYY-MM-DD\"}\n```"],
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
            let dated = case.words_of(index).iter().find(|word| {
                let shown = word.text(case.source.text());
                shown.len() == 4
                    && (shown.starts_with("19") || shown.starts_with("20"))
                    && shown.bytes().all(|b| b.is_ascii_digit())
            });
            if let Some(word) = dated.filter(|_| trial::keys(text).len() >= 2) {
                let message = format!("`{}` in a template is copied into answers", case.text(word.span()));
                sink.report(
                    word.span(),
                    message,
                    "write what goes there (`YYYY-MM-DD`), or mark the block as a sample",
                );
            }
        }
    }
}

/// True for amounts that a sample can be held against.
pub(crate) fn is_countable(measure: &Measure) -> bool {
    matches!(
        measure,
        Measure::Words | Measure::Characters | Measure::Sentences | Measure::Lines | Measure::Paragraphs
    )
}

/// True when the requirement is about the reply as a whole.
pub(crate) fn is_on_reply(rule: &Requirement) -> bool {
    rule.subject == Subject::Reply
}
