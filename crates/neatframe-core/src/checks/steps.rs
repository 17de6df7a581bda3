//! Numbered steps, and references to steps, sections and other numbered parts.

use super::{Case, Check, Meta, Sink, worded_steps};
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::numbering::{self, Numbered, Reference};
use crate::span::Span;

/// A number is left out or stands twice, or the name of the steps changes.
pub(super) struct StepNumbers;

static NUMBERS: Meta = Meta {
    id: "step-numbers",
    family: Family::Steps,
    severity: Severity::Warning,
    summary: "a gap, a repeat or another name in numbered steps",
    write: "1, 2, 3, all under one name.",
    on: true,
    english: false,
    why: "A missing number reads like a step that was cut, and a reference by number then points at the wrong one.",
    bad: &[
        "Do this:\n1. Read the log.\n2. Write the notice.\n4. Send it.",
        "Do this:\n1. Read the log.\n2. Write the notice.\n2. Send it.",
        "Do this:\n1. Read the log.\n2. Write the notice.\n3. Send it.\n2. File it.\n5. Rest.",
        "Step 1: Read the log.\nStep 2: Write the notice.\nStage 3: Send it.",
        "Do this:\na) Read the log.\nb) Write the notice.\nd) Send it.",
    ],
    good: &[
        "Do this:\n1. Read the log.\n2. Write the notice.\n3. Send it.\n\nThen this:\n1. Rest.\n2. Eat.",
        "1. One\n1. Two\n1. Three",
        "Step 1: Read the log.\n\nIt lies on the desk.\n\nStep 2: Write the notice.",
        "Lines that were cut:\n12. The boat was late.\n40. The quay was closed.",
    ],
};

impl Check for StepNumbers {
    fn meta(&self) -> &'static Meta {
        &NUMBERS
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let references = numbering::references(case);
        let highest = references.iter().map(|reference| reference.number).max().unwrap_or(0);
        for run in numbering::runs(case.source, case.outline) {
            // "1. 1. 1." is a way of writing lists, and a list of far numbers is no sequence.
            if run.len() < 2 || run.iter().all(|step| step.number == run[0].number) {
                continue;
            }
            let begins = run[0].number <= 1 || run.len() >= 3;
            for (at, pair) in run.windows(2).enumerate() {
                let (before, step) = (&pair[0], &pair[1]);
                let place = case.source.slice(step.place).trim_end().to_string();
                // Back at the name of the steps before: the one between was told of.
                let back = at > 0 && run[at - 1].word == step.word;
                if step.word != before.word && before.word.is_some() && step.word.is_some() && !back {
                    let other = case.source.slice(before.place).trim_end();
                    let message = format!("`{place}` has another name than `{other}`");
                    let write = "give every step of one sequence the same name";
                    let finding = sink.report(step.place, message, write);
                    finding.related.push(before.place);
                    // "Step 3, Stage 4, Step 5": the one between has its neighbours' name, unless something calls it by its own.
                    let both = run.get(at + 2).is_some_and(|next| next.word == before.word);
                    // "Step 1, Step 2, Step 3, Phase 4": the last one slipped.
                    let last = at >= 2
                        && at + 2 == run.len()
                        && run[..at].iter().all(|other| other.word == before.word);
                    let called = references
                        .iter()
                        .any(|other| Some(&other.name) == step.word.as_ref() && other.number == step.number);
                    if (both || last) && !called {
                        finding.fix = renamed(case, step, before);
                    }
                } else if step.number == before.number {
                    let message = format!("number {} stands twice", step.number);
                    let finding = sink.report(step.place, message, "number the steps anew from here");
                    finding.related.push(before.place);
                    if highest <= step.number && begins {
                        finding.fix = renumber(&run[at + 1..], before.number);
                    } else if run.get(at + 2).is_some_and(|next| next.number == step.number + 2)
                        && !references
                            .iter()
                            .any(|other| (step.number..=step.number + 1).contains(&other.number))
                    {
                        // 1, 2, 2, 4: the second 2 is the 3 that is not there, and nothing refers to either.
                        finding.fix = renumber(&run[at + 1..at + 2], before.number);
                    }
                } else if step.number < before.number {
                    let message = format!("number {} stands twice", step.number);
                    let finding = sink.report(step.place, message, "number the steps anew from here");
                    let twin = run[..at].iter().rfind(|other| other.number == step.number);
                    finding.related.extend(twin.map(|twin| twin.place));
                    // 1, 2, 3, 2, 5: one number slipped, and nothing refers to those that move.
                    let goes_on = run[at + 2..].iter().all(|other| other.number > before.number);
                    if begins && step.number > 1 && goes_on && highest < step.number {
                        finding.fix = renumber(&run[at + 1..], before.number);
                    }
                } else if run[..at].iter().any(|other| other.number > before.number) {
                    // Behind a number that slipped back, the next is told by the one before it.
                    continue;
                } else if step.number > before.number + 1 && step.number <= before.number + FAR && begins {
                    let verb = if step.number == before.number + 2 { "is" } else { "are" };
                    let message = format!(
                        "{} comes after {}: {} {verb} not there",
                        step.number,
                        before.number,
                        absent(before, step)
                    );
                    let write = "number the steps without a gap, or put the missing one back";
                    let finding = sink.report(step.place, message, write);
                    finding.related.push(before.place);
                    finding.fix = without_gap(case, &run, at, &references).unwrap_or_default();
                }
            }
        }
        if let Some((place, before, message)) = words_out_of_order(case) {
            let write = "count the steps without a gap or a repeat";
            sink.report(place, message, write).related.push(before);
        }
        if let Some((place, before)) = number_after_words(case) {
            let message = format!("`{}` follows steps that are told in words", case.shown(place));
            let write = "give every step of one sequence the same name";
            let finding = sink.report(place, message, write);
            finding.related.push(before);
            finding.fix = in_words(case, place);
        }
        for slip in worded_steps::slips(case) {
            let known = sink.findings.iter().any(|finding| finding.span.overlaps(slip.place));
            if !known {
                let write = "count the steps without a gap, each by one name";
                sink.report(slip.place, slip.message, write).related.push(slip.before);
            }
        }
        for run in numbering::lettered(case.source, case.outline) {
            for pair in run.windows(2) {
                let ((before, other), (letter, place)) = (pair[0], pair[1]);
                let message = match letter as u32 - before as u32 {
                    0 => format!("letter {letter} stands twice"),
                    2..=FAR => format!("{letter} comes right after {before}"),
                    _ => continue,
                };
                let write = "letter the steps without a gap, or put the missing one back";
                sink.report(place, message, write).related.push(other);
            }
        }
    }
}

/// Steps told in words.
const ORDINALS: [&str; 7] = ["First", "Second", "Third", "Fourth", "Fifth", "Sixth", "Seventh"];

/// "Step 4: build it" as "Fourth, build it".
fn in_words(case: &Case<'_>, step: Span) -> Vec<Edit> {
    let text = case.source.text();
    let unit = case.units.iter().find(|unit| unit.text == step);
    let Some(piece) = unit.map(|unit| &case.outline.pieces[unit.pieces.start]) else { return Vec::new() };
    let line = piece.lead.cover(piece.text);
    let shown = &text[line.range()];
    let Some(number) = shown.find(|c: char| c.is_ascii_digit()) else { return Vec::new() };
    let digits: String = shown[number..].chars().take_while(char::is_ascii_digit).collect();
    let after = number + digits.len();
    let sign = shown[after..].chars().next().filter(|sign| matches!(sign, ':' | '.'));
    let named = digits.parse::<usize>().ok().and_then(|number| ORDINALS.get(number.checked_sub(1)?));
    match (sign, named) {
        (Some(_), Some(name)) if shown.to_lowercase().starts_with("step ") => {
            vec![Edit { span: Span::within(line, 0, after + 1), replacement: format!("{name},") }]
        }
        _ => Vec::new(),
    }
}

/// "First, …", "Second, …" and then "Fourth, …" or "Second, …": the place, that of the one before, and what is wrong.
fn words_out_of_order(case: &Case<'_>) -> Option<(Span, Span, String)> {
    let text = case.source.text();
    let mut last: Option<(usize, usize, Span)> = None;
    for unit in 0..case.units.len() {
        let words = case.words_of(unit);
        let led = words.get(1).is_some_and(|word| word.text(text) == ",");
        let rank = |word: &str| ORDINALS.iter().position(|name| name.eq_ignore_ascii_case(word));
        let Some(rank) = words.first().and_then(|word| rank(word.text(text))).filter(|_| led) else {
            continue;
        };
        let place = words[0].span();
        if let Some((before, _, other)) =
            last.filter(|(_, at, _)| case.units[*at].section == case.units[unit].section && unit - at <= NEAR)
        {
            let (own, known) = (case.text(place), case.text(other));
            if rank == before && rank > 0 {
                return Some((place, other, format!("`{own}` stands twice")));
            }
            if rank == before + 2 {
                return Some((place, other, format!("`{own}` comes right after `{known}`")));
            }
        }
        last = Some((rank, unit, place));
    }
    None
}

/// Within how many units one step told in words follows another.
const NEAR: usize = 6;

/// "First, …", "Second, …", "Third, …" and then "Step 4: …": where the number stands, and the step before it.
fn number_after_words(case: &Case<'_>) -> Option<(Span, Span)> {
    let text = case.source.text();
    let ordinal = |unit: usize| {
        let first = case.words_of(unit).first()?;
        ORDINALS.iter().position(|name| name.eq_ignore_ascii_case(first.text(text)))
    };
    (2..case.units.len()).find_map(|unit| {
        let count = ordinal(unit - 1)?;
        // "1. First paragraph …" has a number as well.
        let before = &case.outline.pieces[case.units[unit - 1].pieces.start];
        if text[before.lead.range()].contains(|c: char| c.is_ascii_digit()) {
            return None;
        }
        let piece = &case.outline.pieces[case.units[unit].pieces.start];
        let line = text[piece.lead.cover(piece.text).range()].to_lowercase();
        let number = format!("step {}", count + 2);
        let named = line.starts_with(&number) || line.starts_with(&format!("{}.", count + 2));
        let told = count >= 1 && (0..unit - 1).rev().take(8).any(|near| ordinal(near) == Some(count - 1));
        (named && told).then(|| (case.units[unit].text, case.units[unit - 1].text))
    })
}

/// The name of a step in place of the name of another.
fn renamed(case: &Case<'_>, step: &Numbered, like: &Numbered) -> Vec<Edit> {
    let word = |step: &Numbered| {
        let shown = case.source.slice(step.place);
        let from = shown.find(|c: char| c.is_ascii_alphabetic())?;
        let length = shown[from..].bytes().take_while(u8::is_ascii_alphabetic).count();
        Some(Span::within(step.place, from, length))
    };
    let (Some(own), Some(other)) = (word(step), word(like)) else { return Vec::new() };
    vec![Edit { span: own, replacement: case.source.slice(other).to_string() }]
}

/// A gap wider than this is no slip: the numbers name something else.
const FAR: u32 = 3;

fn absent(before: &Numbered, step: &Numbered) -> String {
    let numbers: Vec<String> = (before.number + 1..step.number).map(|number| number.to_string()).collect();
    numbers.join(" and ")
}

/// What keeps the numbers right when the step at `marker` goes because the one at `twin` says the same: later steps move up,
/// references follow. None where a reference may mean more than one thing.
pub(super) fn closed_up(case: &Case<'_>, marker: Span, twin: Span) -> Option<Vec<Edit>> {
    let runs = numbering::runs(case.source, case.outline);
    let of = |place: Span| {
        runs.iter().enumerate().find_map(|(run, steps)| {
            steps.iter().position(|step| step.place.overlaps(place)).map(|at| (run, at))
        })
    };
    let (run, at) = of(marker)?;
    let steps = &runs[run];
    if steps.windows(2).any(|pair| pair[1].number != pair[0].number + 1) {
        return None;
    }
    let gone = steps[at].number;
    // A list that begins with 0 has its own way of counting.
    let mut edits = renumber(&steps[at + 1..], gone.checked_sub(1)?);
    let references = numbering::references(case);
    let one_list = runs.iter().filter(|steps| steps.len() > 1).count() == 1;
    for reference in references {
        let named = steps[at].word.as_deref().unwrap_or("step");
        let ranges = numbering::goes_on(case.source.text(), reference.span.end());
        if !one_list || ranges || (reference.name != named && reference.number >= gone) {
            return None;
        }
        let number = match reference.number.cmp(&gone) {
            std::cmp::Ordering::Less => continue,
            std::cmp::Ordering::Greater => reference.number - 1,
            std::cmp::Ordering::Equal => {
                of(twin).filter(|(other, _)| *other == run).map(|(_, at)| steps[at].number)?
            }
        };
        edits.push(pointed(&reference, number));
    }
    Some(edits)
}

/// A reference with another number.
fn pointed(reference: &Reference, number: u32) -> Edit {
    let digits = reference.span.end() - reference.number.to_string().len();
    Edit { span: Span::new(digits, reference.span.end()), replacement: number.to_string() }
}

/// Closes a gap behind the step at `at`: the numbers move up and references follow. None where a reference means the number
/// that is not there, or may mean another list.
fn without_gap(case: &Case<'_>, run: &[Numbered], at: usize, references: &[Reference]) -> Option<Vec<Edit>> {
    if case.units.len() > MOST_UNITS {
        return None;
    }
    let (before, after) = (&run[at], &run[at + 1..]);
    let one_list =
        numbering::runs(case.source, case.outline).iter().filter(|steps| steps.len() > 1).count() == 1;
    let in_order = after.windows(2).all(|pair| pair[1].number == pair[0].number + 1);
    if !in_order {
        return None;
    }
    let gap = after.first()?.number - before.number - 1;
    let mut edits = renumber(after, before.number);
    for reference in references.iter().filter(|reference| reference.number > before.number) {
        let named = before.word.as_deref().unwrap_or("step");
        let there = after.iter().any(|step| step.number == reference.number);
        if !one_list
            || !there
            || reference.name != named
            || numbering::goes_on(case.source.text(), reference.span.end())
        {
            return None;
        }
        edits.push(pointed(reference, reference.number - gap));
    }
    Some(edits)
}

/// Units up to which numbers are mended: each look reads all of them.
pub(super) const MOST_UNITS: usize = 2000;

/// Numbers the steps on from `last`.
fn renumber(steps: &[Numbered], last: u32) -> Vec<Edit> {
    let edit = |(step, number): (&Numbered, u32)| Edit { span: step.digits, replacement: number.to_string() };
    if steps.iter().any(Numbered::is_roman) {
        return Vec::new();
    }
    steps.iter().zip(last + 1..).map(edit).collect()
}

/// A reference to a step, section or other numbered part that is not there.
pub(super) struct LostReference;

static LOST: Meta = Meta {
    id: "lost-reference",
    family: Family::Steps,
    severity: Severity::Warning,
    summary: "a reference to a step, section, appendix or gate that is not there",
    write: "The name of a part that is there, or the text itself.",
    on: true,
    english: true,
    why: "The model cannot look it up, so it makes up what it might say.",
    bad: &[
        "1. Read the log.\n2. Write the notice.\n\nThen repeat step 5.",
        "Write the notice as laid out in Appendix B.",
        "Write the notice. Follow the style guide in section 7.",
        "Write the notice. At gate 2, wait for the purser.",
        "Write the notice in the tone set out in the section \"House voice\".",
        "Write the notice.\nName the boat first, as in the examples below.",
        "Write the notice.\nName the boat first.\nFollow the style guide above.",
    ],
    good: &[
        "1. Read the log.\n2. Write the notice.\n\nThen repeat step 1.",
        "# Style guide\nPlain words only.\n\n# Task\nWrite the notice. Follow the style guide above.",
        "Write the notice for section 7 of the quay.\n\n# Section 7\nIt lies to the north.",
        "Write the notice in the tone set out in the section \"House voice\".\n\n# House voice\nCalm.",
        "Write the notice. Add a section \"Tides\" at its end.",
        "Write the notice.\nName the boat first, as in the examples below.\n\n{samples}",
        "Explain the steps 1 to 3 of the safety card that the guest has: {{card}}",
    ],
};

impl Check for LostReference {
    fn meta(&self) -> &'static Meta {
        &LOST
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let there = numbering::targets(case);
        let lost: Vec<_> =
            numbering::references(case).into_iter().filter(|reference| !there.holds(reference)).collect();
        // Three sections that are all elsewhere are those of a law or a contract.
        let laws: Vec<&str> = ["section", "clause", "chapter"]
            .into_iter()
            .filter(|name| lost.iter().filter(|reference| reference.name == *name).count() >= 3)
            .collect();
        let named = super::lost_title::lost_titles(case)
            .into_iter()
            .chain(super::lost_place::lost_places(case))
            .chain(super::lost_place::lost_samples(case))
            .chain(super::lost_place::lost_documents(case))
            .chain(super::lost_tool::lost_tools(case));
        for span in numbering::lost_letters(case).into_iter().chain(numbering::lost_ranks(case)).chain(named)
        {
            let message = format!("`{}` is not in this prompt", case.shown(span));
            sink.report(span, message, "put the part in, name one that is there, or say it here");
        }
        for reference in &lost {
            // "Step 1: read the log" opens a step of its own.
            let unit = case.unit_at(reference.span);
            let opens = case.units.get(unit).is_some_and(|unit| unit.text.start() == reference.span.start());
            let named = opens && case.source.text()[reference.span.end()..].starts_with(':');
            if named || laws.contains(&reference.name.as_str()) {
                continue;
            }
            let words = case.shown(reference.span);
            let message = format!("`{words}` is not in this prompt");
            sink.report(reference.span, message, "put the part in, name one that is there, or say it here");
        }
    }
}
