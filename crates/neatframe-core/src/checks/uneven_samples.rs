//! Samples of one kind that differ in shape: a number here and words there, three parts here and two there.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::record;
use crate::samples::ARROWS;
use crate::span::Span;
use crate::units::UnitKind;

/// A sample that is built otherwise than those beside it.
pub(super) struct UnevenSamples;

static UNEVEN: Meta = Meta {
    id: "uneven-samples",
    family: Family::Example,
    severity: Severity::Warning,
    summary: "a sample built otherwise than the samples or the template beside it",
    write: "The same parts, in the same form, in each sample.",
    on: true,
    english: false,
    why: "The model copies the shape of what it is shown, and here it is shown two.",
    bad: &[
        "Read the slips.\n\n# Samples\n{\"pier\": \"A\", \"fare\": 12}\n{\"pier\": \"B\", \"fare\": \"12 crowns\"}",
        "Review the log.\n\n# Format\nline — fault — mend\n\n# Samples\n12 — no pier named — add the pier\n30 — two hours for one boat",
        "Steer the lights with the tools.\n\n# Tools\nset_heat(room, celsius)\nplay(title, room)\n\n# Samples\n\"warm the hall\" -> set_heat(21)",
        "Steer the crane.\n\n# Actions\nlift(crate, pier)\nturn(angle, speed)\n\n# Samples\nSamples of answers:\n{\"action\": \"jump\", \"args\": [1]}",
        "Sort each slip into LOST or LATE.\n\n# Samples\nSamples of slips:\n\"my scarf is gone\" -> LOST\n\"the boat was late\" -> LATE\n\"where is my bag\"",
    ],
    good: &[
        "Steer the lights with the tools.\n\n# Tools\nset_heat(room, celsius)\nplay(title, room=\"hall\")\n\n# Samples\n\"warm the hall\" -> set_heat(\"hall\", 21)\n\"some jazz\" -> play(\"jazz\")",
        "Read the slips.\n\n# Samples\n{\"pier\": \"A\", \"fare\": 12}\n{\"pier\": \"B\", \"fare\": null}\n{\"pier\": \"C\", \"fare\": \"unknown\"}",
        "Review the log.\n\n# Format\nline — fault — mend\n\n# Samples\n12 — no pier named — add the pier\n30 — two hours for one boat — keep one",
        "Sort each slip into LOST or LATE.\n\n# Samples\nSamples of slips:\n\"my scarf is gone\" -> LOST\n\"the boat was late\" -> LATE\nBoth come from guests.",
    ],
};

impl Check for UnevenSamples {
    fn meta(&self) -> &'static Meta {
        &UNEVEN
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        worded_numbers(case, sink);
        short_calls(case, sink);
        let mut at = 0;
        while at < case.units.len() {
            let run = run_from(case, at);
            if run >= 2 {
                lines(case, sink, at, run);
            }
            at += run.max(1);
        }
    }
}

fn is_sample(case: &Case<'_>, unit: usize) -> bool {
    case.labels[unit].component == Some(Component::Examples) && case.units[unit].kind != UnitKind::Mark
}

/// How many samples follow each other in one part, from a unit on.
fn run_from(case: &Case<'_>, first: usize) -> usize {
    let section = case.units[first].section;
    let same = |unit: &usize| is_sample(case, *unit) && case.units[*unit].section == section;
    (first..case.units.len()).take_while(same).count()
}

/// Signs that part the fields of a line.
const SIGNS: [&str; 4] = [" — ", " | ", " – ", " ; "];

/// Lines of samples, of which one lacks the arrow or a field that the others have.
fn lines(case: &Case<'_>, sink: &mut Sink<'_>, first: usize, run: usize) {
    let units: Vec<Span> = (first..first + run).map(|unit| case.units[unit].text).collect();
    let pointed: Vec<bool> =
        units.iter().map(|unit| ARROWS.iter().any(|arrow| case.text(*unit).contains(arrow))).collect();
    let quoted = |unit: Span| case.text(unit).trim_start_matches(['-', '*', ' ']).starts_with(['"', '“']);
    let like = |at: usize| quoted(units[at]) && !pointed[at];
    if pointed.iter().filter(|pointed| **pointed).count() >= 2 && units.iter().all(|unit| quoted(*unit)) {
        for at in (0..run).filter(|&at| like(at)).take(1) {
            let message = "this sample has no output, as the others have".to_string();
            sink.report(units[at], message, "show what comes back for it, or take it out");
        }
        return;
    }
    for sign in SIGNS {
        let fields = |unit: Span| case.text(unit).matches(sign).count();
        let most = units.iter().map(|unit| fields(*unit)).max().unwrap_or(0);
        // A sample that has as many as the template settles how many there are.
        let template = (0..first).rev().take(NEAR).find(|&unit| {
            case.labels[unit].component == Some(Component::OutputFormat)
                && fields(case.units[unit].text) == most
        });
        if most < 2 || template.is_none() {
            continue;
        }
        let odd = units.iter().find(|unit| (1..most).contains(&fields(**unit)));
        if let (Some(odd), Some(template)) = (odd, template) {
            let template = case.units[template].text;
            let message = format!(
                "this sample has {} parts, the form on line {} has {}",
                fields(*odd) + 1,
                case.source.position(template.start()).line,
                most + 1
            );
            sink.report(*odd, message, "give the sample every part").related.push(template);
        }
    }
}

/// True for a record in which every value is a bare number.
fn holds_numbers(record: &str) -> bool {
    let keys = record::outer_keys(record);
    !keys.is_empty() && keys.iter().all(|key| record::is_number(record, key))
}

/// `{"pier": "late"}`, where every other record gives a number.
fn word_among_numbers(case: &Case<'_>, sink: &mut Sink<'_>, records: &[Span]) {
    let odd: Vec<&Span> = records.iter().filter(|span| !holds_numbers(case.text(**span))).collect();
    let ([odd], true) = (odd.as_slice(), records.len() >= 3) else { return };
    let text = case.text(**odd);
    let value = record::outer_keys(text).iter().find_map(|key| {
        record::values(text, key).into_iter().find(|(_, value)| value.chars().all(char::is_alphabetic))
    });
    if let Some((at, value)) = value.filter(|(_, value)| !value.is_empty()) {
        let message = format!("`{value}` is a word, where the other samples give a number");
        sink.report(Span::within(**odd, at, value.len()), message, "one form in every sample");
    }
}

/// How many units back the template of a line is looked for.
const NEAR: usize = 12;
/// How many records are compared.
const RECORDS: usize = 16;

/// `"fare": 12` in one record, `"fare": "12 crowns"` in another.
fn worded_numbers(case: &Case<'_>, sink: &mut Sink<'_>) {
    let records: Vec<Span> = (0..case.units.len())
        .filter(|&unit| is_sample(case, unit) && case.text(case.units[unit].text).contains("\":"))
        .map(|unit| case.units[unit].text)
        .filter(|record| record.len() <= record::LONGEST)
        .take(RECORDS)
        .collect();
    word_among_numbers(case, sink, &records);
    for (at, record) in records.iter().enumerate() {
        for key in record::outer_keys(case.text(*record))
            .iter()
            .filter(|key| record::is_number(case.text(*record), key))
        {
            let worded =
                records.iter().enumerate().filter(|(other, _)| *other != at).find_map(|(_, other)| {
                    let with_word = |(_, value): &(usize, &str)| {
                        value.starts_with(|c: char| c.is_ascii_digit())
                            && value.contains(' ')
                            && value.chars().any(char::is_alphabetic)
                    };
                    let (offset, value) =
                        record::values(case.text(*other), key).into_iter().find(with_word)?;
                    Some((Span::within(*other, offset, value.len()), value))
                });
            if let Some((span, value)) = worded {
                let line = case.source.position(record.start()).line;
                let message =
                    format!("`{value}` stands in `{key}`, which holds a bare number on line {line}");
                sink.report(span, message, "one form for the field in every sample").related.push(*record);
                return;
            }
        }
    }
}

/// How many functions and samples are compared.
const CALLS: usize = 24;

/// `set_heat(21)` in a sample, where the prompt declares `set_heat(room, celsius)`.
fn short_calls(case: &Case<'_>, sink: &mut Sink<'_>) {
    let declared: Vec<(&str, usize, Span)> = (0..case.units.len())
        .filter(|&unit| !is_sample(case, unit))
        .filter_map(|unit| {
            let span = case.units[unit].text;
            let (name, arguments) = call(case.text(span).trim_start_matches('`'))?;
            // An argument that may be left out leaves the count open.
            let open = arguments.contains(['=', '?', '[', '*', '.', '|']) || arguments.contains("optional");
            (!open).then(|| (name, count_arguments(arguments), span))
        })
        .take(CALLS)
        .collect();
    let listed = declared.len() >= 2;
    let samples = (0..case.units.len()).filter(|&unit| is_sample(case, unit)).take(CALLS * 4);
    for span in samples.map(|unit| case.units[unit].text) {
        let text = case.text(span);
        let short = declared.iter().find_map(|(name, wanted, place)| {
            let at = text.find(&format!("{name}("))?;
            let free = text[..at].chars().next_back().is_none_or(|c| !(c.is_alphanumeric() || c == '_'));
            let (_, arguments) = call(&text[at..]).filter(|_| free)?;
            let given = count_arguments(arguments);
            (given != *wanted)
                .then(|| (Span::within(span, at, name.len() + arguments.len() + 2), given, *wanted, *place))
        });
        // `"action": "jump"`, where the actions are `move`, `lift` and `wait`.
        let named = |key: &&str| {
            let known = |value: &str| declared.iter().any(|(name, ..)| *name == value);
            let values = record::values(text, key);
            values.into_iter().find(|(_, value)| !value.is_empty() && !known(value))
        };
        let unknown = ["action", "tool", "function"].iter().find_map(named).filter(|_| listed);
        if let (Some((at, value)), Some((.., place))) = (unknown, declared.first()) {
            let line = case.source.position(place.start()).line;
            let message = format!("`{value}` is none of those declared from line {line} on");
            let odd = Span::within(span, at, value.len());
            sink.report(odd, message, "use one that is declared").related.push(*place);
            continue;
        }
        if let Some((place, given, wanted, declared)) = short {
            let line = case.source.position(declared.start()).line;
            let message = format!(
                "`{}` gives {given} of the {wanted} arguments named on line {line}",
                case.shown(place)
            );
            sink.report(place, message, "call it in the sample as it is declared").related.push(declared);
        }
    }
}

/// `name(arguments)` at the start of a text.
fn call(text: &str) -> Option<(&str, &str)> {
    let name = text.bytes().take_while(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'.')).count();
    let rest = text[name..].strip_prefix('(')?;
    let inside = &rest[..rest.find(')')?];
    (name > 2 && inside.len() <= 120 && !inside.contains(['(', '{'])).then_some((&text[..name], inside))
}

/// Arguments that commas part, commas in quotation marks left out.
fn count_arguments(inside: &str) -> usize {
    let mut quoted = false;
    let commas = inside.chars().filter(|c| {
        quoted ^= matches!(c, '"' | '\'');
        *c == ',' && !quoted
    });
    let commas = commas.count();
    if inside.trim().is_empty() { 0 } else { commas + 1 }
}
