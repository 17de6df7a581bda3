//! Samples of which half is missing.

use super::{Case, Check, Meta, Sink, arrow_samples};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::outline::{PieceKind, is_sample_title};
use crate::samples::form::{self, Run};
use crate::samples::{Shown, Side, names_an_answer};
use crate::span::Span;
use crate::units::UnitKind;
use std::cell::OnceCell;

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
        "Sort the slips.\n\nExamples\n\"my scarf is gone\" -> LOST\n\"the boat was late\" -> LATE\n\"no seat left\"",
    ],
    good: &[
        "Sort the slips.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: LATE",
        "Sort the slips.\nSlip: my scarf is gone\nLabel: LOST\nSlip: {{slip}}\nLabel:",
        "Name the pier by its number. For example:\n- pier 2\n- pier 4",
        "Sort the slips.\n\nExample context: [\n\"my scarf is gone\",\n\"the boat was late\"\n]\nExample question: \"Which is about a loss?\"\nExample JSON: {\"slip\": 1}",
        "Rewrite each question.\n\nExample input:\nHow late is it?\nExample rewritten input:\nHow late is the boat?",
        "Sort the slips.\n\n# Samples\nSlip: my scarf is gone\nLOST\n__\nSlip: the boat was late\nLATE\n__\n\nSlip: {slip}",
        "Sort the slips.\n\n# Samples\nSlip: my scarf is gone. Is it about a loss? Yes\n\nSlip: the boat was late. Is it about a loss? No",
    ],
};

impl Check for HalfSample {
    fn meta(&self) -> &'static Meta {
        &HALF
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        arrow_samples::run(case, sink);
        let samples = &case.samples;
        let forms = OnceCell::new();
        for place in announced_elsewhere(case) {
            let message = format!("`{}` shows nothing", case.shown(place));
            sink.report(place, message, "put the sample itself in, or take the label out");
        }
        for (at, shown) in samples.iter().enumerate() {
            let whole = shown.label.cover(shown.content);
            if shown.side != Side::Input {
                // "Q: …" and "A: …" show the form of the answer.
                let form = case.text(shown.label).len() == 1;
                if is_elsewhere(case.text(shown.content)) && !form {
                    let message = format!("`{}` shows nothing", case.shown(whole));
                    sink.report(whole, message, "put the sample itself in, or take the label out");
                }
                continue;
            }
            // "The slip to sort: {{slip}}" behind a blank line is none of it.
            let first = case.text(shown.content).split("\n\n").next().map_or(0, str::len);
            let own = Span::new(shown.label.start(), shown.content.start() + first);
            if case.slots.iter().any(|slot| own.overlaps(slot.span)) || shown.content.is_empty() {
                continue;
            }
            if only_illustrates(case, shown)
                || is_commented(case, shown)
                || never_answered(case, samples, shown)
                || each_has_a_line_below(case, samples, shown)
                || is_title_of_several(case, shown)
            {
                continue;
            }
            // One text alone that nobody calls a sample is the material; under a title the last line may be the output.
            let called = {
                let label = case.text(shown.label).to_lowercase();
                label.contains("example") || label.contains("sample")
            };
            let lines = case.text(shown.content).lines().filter(|line| !line.trim().is_empty()).count();
            let titled = case.text(whole).trim_end().len() > case.text(shown.label).len() && lines >= 2;
            if samples.len() == 1 && !called || titled && !shown.spoken && !case.text(whole).contains(':') {
                continue;
            }
            let next = samples.get(at + 1).filter(|next| next.beside(shown));
            // "Question: … Passage: … Answer: …": several inputs may go before one output.
            // A dialogue that the model opens may well end with the other side.
            if shown.spoken && next.is_none() {
                let dialogue =
                    samples[..at].iter().rev().take_while(|before| before.spoken && before.beside(shown));
                if dialogue.last().is_some_and(|first| first.side == Side::Output) {
                    continue;
                }
            }
            // "The slip to answer: {{slip}}" takes in the slip at hand, whatever its label names.
            let takes_in = |next: &&Shown| {
                case.slots.iter().any(|slot| case.text(next.content).trim() == case.text(slot.span))
            };
            let answered = is_answered_below(case, shown)
                || next.filter(|next| !takes_in(next)).is_some_and(|next| {
                    next.side != Side::Input || case.text(next.label) != case.text(shown.label)
                });
            let follows = next.is_none() && goes_on(case, shown);
            // The next sample, in the same form, answers its own input.
            let next_one = |form: &Span| {
                form.start() >= shown.content.end() && case.text(*form).starts_with(case.text(shown.label))
            };
            let filled = || {
                let forms = forms.get_or_init(|| filled_in(case));
                forms.iter().any(|form| is_below(shown, *form) && !next_one(form))
            };
            if answered || follows || filled() {
                continue;
            }
            let label = case.shown(shown.label);
            let message = format!("the sample `{label}` has no output");
            sink.report(whole, message, "show what comes back for it, or take it out");
        }
    }
}

/// Where samples fill in a form of the prompt.
fn filled_in(case: &Case<'_>) -> Vec<Span> {
    let runs = form::runs(case.source);
    let (shown, forms): (Vec<&Run>, Vec<&Run>) = runs.iter().partition(|run| run.is_sample(case));
    let fills = |run: &&&Run| forms.iter().any(|form| run.fills(form));
    shown.iter().filter(fills).map(|run| run.place()).collect()
}

/// True where such a sample goes on from an input, or is the next thing below it.
fn is_below(shown: &Shown, form: Span) -> bool {
    form.end() >= shown.content.end() && form.start() <= shown.content.end() + GAP
}

/// How many bytes of blanks and marks may stand between an input and the form below it.
const GAP: usize = 40;

/// "For example: …" behind a rule shows what the rule means, and no input.
fn only_illustrates(case: &Case<'_>, shown: &Shown) -> bool {
    let label = case.text(shown.label).to_lowercase();
    label.starts_with("for ") || label.starts_with("e.g")
}

/// `# Sort the slips: …` among lines of code.
fn is_commented(case: &Case<'_>, shown: &Shown) -> bool {
    let line = case.source.text()[..shown.label.start()].lines().next_back().unwrap_or("");
    let code = |line: &str| line.ends_with(')') || line.contains(" = ") || line.starts_with("import ");
    line.trim() == "#" && case.text(shown.content).lines().any(|line| code(line.trim()))
}

/// How many samples are compared with each other.
const MANY: usize = 200;

/// Where several samples have one label and none of them an output, the label names no input.
fn never_answered(case: &Case<'_>, samples: &[Shown], shown: &Shown) -> bool {
    let name = |shown: &Shown| {
        // "Example 1 (a notice)", "Example 2 (a letter)".
        let label = case.text(shown.label);
        label.split(|c: char| c.is_ascii_digit()).next().unwrap_or(label).to_string()
    };
    let own = name(shown);
    let alike = |other: &Shown| name(other) == own;
    let several = samples.len() <= MANY && samples.iter().filter(|other| alike(other)).count() > 1;
    let answered =
        |pair: &[Shown]| alike(&pair[0]) && pair[1].side != Side::Input && pair[1].beside(&pair[0]);
    several
        && !samples.windows(2).any(answered)
        && !samples.iter().any(|other| alike(other) && is_answered_below(case, other))
}

/// `# Examples`: what the part below is called, and no side of a sample.
fn is_title_of_several(case: &Case<'_>, shown: &Shown) -> bool {
    let title = case.text(shown.label).trim_matches(['#', '*', ' ', ':']);
    is_sample_title(title) && title.ends_with('s')
}

/// `Slip: my scarf is gone` and `LOST` on the line below, for each slip: the output has no label.
fn each_has_a_line_below(case: &Case<'_>, samples: &[Shown], shown: &Shown) -> bool {
    let lines = |shown: &Shown| {
        let told = |line: &&str| line.contains(char::is_alphanumeric);
        case.text(shown.content).lines().filter(told).count()
    };
    // `Slip: {slip}` takes in the slip at hand.
    let shows = |other: &&Shown| !case.text(other.content).trim_start().starts_with('{');
    let alike = samples
        .iter()
        .take(MANY)
        .filter(|other| case.text(other.label) == case.text(shown.label))
        .filter(shows);
    let counts: Vec<usize> = alike.map(lines).collect();
    !shown.spoken && counts.len() >= 2 && counts.iter().all(|lines| *lines == 2)
}

/// `JSON RESPONSE:` on the line below, or `Example JSON:` some lines below `Example context:`.
fn is_answered_below(case: &Case<'_>, shown: &Shown) -> bool {
    let text = case.source.text();
    let label = |line: &str| line.split_once(':').map_or("", |(label, _)| label.trim()).to_string();
    let below = text[shown.content.end()..].trim_start().lines().next().unwrap_or("");
    let of_a_sample = |label: &str| {
        let opening = label.split_whitespace().next().unwrap_or("");
        opening.eq_ignore_ascii_case("example") || opening.eq_ignore_ascii_case("sample")
    };
    let own = case.text(shown.label);
    let mut others = text[shown.label.end()..].lines().skip(1).take(LINES).map(label);
    // "7741 | 03.05.2031 | storm": a row of the form below what it was made from.
    let row = case.text(shown.content).lines().skip(1).any(|line| line.matches(" | ").count() >= 2);
    let row = row || below.matches(" | ").count() >= 2;
    // "The slip to answer: {{slip}}" names what is to be answered.
    let takes_in = label(below).contains(" to ");
    row || names_an_answer(&label(below)) && !takes_in
        || of_a_sample(own)
            && others
                .by_ref()
                .take_while(|other| other != own)
                .any(|other| of_a_sample(&other) && names_an_answer(&other))
}

/// In how many lines below an input its output is looked for.
const LINES: usize = 24;

/// `Example output: see attached` in text that was not read as a sample.
fn announced_elsewhere(case: &Case<'_>) -> Vec<Span> {
    let mut found = Vec::new();
    for unit in case.units.iter().filter(|unit| unit.kind != UnitKind::Mark) {
        let after = case.samples.partition_point(|shown| shown.content.end() < unit.text.start());
        let read =
            case.samples.get(after).is_some_and(|shown| shown.label.cover(shown.content).overlaps(unit.text));
        let mut at = unit.text.start();
        for line in case.text(unit.text).split_inclusive('\n') {
            let named = line.split_once(':').filter(|(label, _)| {
                let label = label.to_lowercase();
                label.len() <= 30 && (label.starts_with("example") || label.starts_with("sample"))
            });
            if named.is_some_and(|(_, rest)| is_elsewhere(rest)) && !read {
                found.push(Span::new(at, at + line.trim_end().len()));
            }
            at += line.len();
        }
    }
    found
}

fn is_elsewhere(content: &str) -> bool {
    let lower = content.trim().trim_end_matches('.').to_lowercase();
    [
        "see attached", "attached", "see attachment", "see above", "see below", "tbd", "todo", "to be added",
        "to follow", "coming soon", "...", "see the file", "see file", "see the attachment",
        "see attached file", "see the appendix", "see the link", "see the document", "as discussed",
    ]
    .contains(&lower.as_str())
}

/// True when an unlabelled answer, or the prompt's own text, goes on behind the last input.
fn goes_on(case: &Case<'_>, shown: &Shown) -> bool {
    let after = case.units.partition_point(|unit| unit.text.start() < shown.content.end());
    let next =
        case.units[after..].iter().position(|unit| unit.kind != UnitKind::Mark).map(|offset| after + offset);
    // Under the next title something else begins.
    let titled = |next: usize| {
        let pieces = case.units[after..next].iter().map(|unit| case.outline.pieces[unit.pieces.start].kind);
        pieces.into_iter().any(|kind| kind == PieceKind::Heading)
    };
    next.filter(|&next| !titled(next)).is_some_and(|next| {
        // "Slip: {{slip}}" behind "Slip: …" is the input at hand, and no answer.
        let label = case.outline.pieces[case.units[next].pieces.start].lead;
        let again = !shown.label.is_empty() && case.text(label) == case.text(shown.label);
        // "The slip to sort: {{slip}}" takes in the slip at hand.
        let takes_in = || case.slots.iter().any(|slot| case.units[next].text.overlaps(slot.span));
        let labelled =
            matches!(case.units[next].kind, UnitKind::Field | UnitKind::Turn) && !again && !takes_in();
        labelled || case.labels[next].component == Some(Component::Examples)
    })
}
