//! Slots held against the inputs that a prompt announces.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::outline::{Mark, PieceKind};
use crate::slots::Slot;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;
use std::collections::HashSet;

/// A slot that the prompt's own list of inputs does not have.
pub(super) struct UndeclaredSlot;

static UNDECLARED: Meta = Meta {
    id: "undeclared-slot",
    family: Family::Slot,
    severity: Severity::Warning,
    summary: "a slot that the prompt's own list of inputs does not name",
    write: "The slot in the list, with a word on what goes in.",
    on: true,
    english: true,
    why: "Whoever fills the prompt by its list leaves the slot unfilled.",
    bad: &["Parameters: log, pier\n\nSum up {log} for {pier} and sign as {clerk}."],
    good: &[
        "Parameters: log, pier, clerk\n\nSum up {log} for {pier} and sign as {clerk}.",
        "Sum up {log} for {pier} and sign as {clerk}.",
    ],
};

impl Check for UndeclaredSlot {
    fn meta(&self) -> &'static Meta {
        &UNDECLARED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let declared = in_one_line(case);
        let listed: HashSet<&str> = declared.iter().map(|(_, name)| name.as_str()).collect();
        let known = |name: &str| listed.contains(name);
        let names: Vec<String> = case.slots.iter().map(|slot| plain(case.text(slot.inner))).collect();
        if declared.len() < 2 || !names.iter().any(|name| known(name)) {
            return;
        }
        let mut told: HashSet<&str> = HashSet::new();
        for (slot, name) in case.slots.iter().zip(&names) {
            if known(name) || !is_name(name) || !told.insert(name) {
                continue;
            }
            let line = case.source.position(declared[0].0.start()).line;
            let message = format!("`{}` is not among the inputs on line {line}", case.text(slot.span));
            sink.report(slot.span, message, "add it to the list, or take the slot out")
                .related
                .push(declared[0].0);
        }
    }
}

/// Inputs in a list that no slot, tag or title takes in, while others have one.
fn listed_and_unused(case: &Case<'_>) -> Vec<Span> {
    let mut listed = in_items(case);
    listed.extend(in_one_line(case));
    // A slot that is itself the declaration, "- `{{log}}`: the log of the day", takes nothing in.
    let declares: HashSet<usize> = listed.iter().map(|(place, _)| place.start()).collect();
    let used = case.slots.iter().filter(|slot| !declares.contains(&slot.inner.start()));
    let slots: HashSet<String> = used.map(|slot| plain(case.text(slot.inner))).collect();
    let titles: HashSet<String> =
        case.outline.sections.iter().skip(1).map(|section| plain(case.text(section.title))).collect();
    // "Clerk: {{clerk_name}}" takes it in right there, whatever the slot is called.
    let taken_in = |place: Span| {
        let line = case.source.line_around(place.start());
        case.slots.iter().any(|slot| !declares.contains(&slot.inner.start()) && line.contains(slot.span))
    };
    let there =
        |(place, name): &(Span, String)| slots.contains(name) || titles.contains(name) || taken_in(*place);
    if !listed.iter().any(|(_, name)| slots.contains(name)) {
        return Vec::new();
    }
    listed.into_iter().filter(|input| !there(input)).map(|(place, _)| place).collect()
}

/// How many inputs are looked for again.
const INPUTS: usize = 32;

/// "city: {{city}}", "budget: {{budget}}" under "Inputs": all slots but one stand in the rules again.
fn taken_in_and_forgotten(case: &Case<'_>) -> Option<Span> {
    let mut declared: Vec<(Span, String)> = Vec::new();
    for unit in case.units.iter().filter(|unit| unit.opens_piece) {
        let section = &case.outline.sections[unit.section];
        let line = case.text(unit.with_lead(case.outline)).trim();
        let next = case.slots.partition_point(|slot| slot.span.start() < unit.text.start());
        let slot = case.slots.get(next).filter(|slot| unit.text.contains(slot.span));
        let alone = |slot: &Slot| {
            line.strip_suffix(case.text(slot.span)).is_some_and(|label| label.trim_end().ends_with(':'))
        };
        if section.mark != Mark::Root
            && declared.len() < INPUTS
            && announces(case.text(section.title))
            && let Some(slot) = slot.filter(|slot| alone(slot))
        {
            declared.push((slot.span, plain(case.text(slot.inner))));
        }
    }
    let again = |(place, name): &(Span, String)| {
        case.slots.iter().any(|slot| slot.span != *place && plain(case.text(slot.inner)) == *name)
    };
    let mut unused = declared.iter().filter(|input| !again(input));
    let first = unused.next()?;
    (unused.next().is_none() && declared.len() >= 3).then_some(first.0)
}

/// "{dogs} – the list of dogs", "{form} – the web form": all inputs but one are spoken of again, by name or by what they hold.
fn described_and_forgotten(case: &Case<'_>) -> Option<Span> {
    let mut declared: Vec<(usize, &Slot)> = Vec::new();
    for slot in case.slots.iter().take(INPUTS) {
        let Some(unit) = case.unit_of(slot) else { continue };
        let line = case.text(case.units[unit].with_lead(case.outline));
        let head = line.trim_start_matches(['-', '*', '•', ' ', '`']);
        let gloss = head.strip_prefix(case.text(slot.span)).map(|rest| rest.trim_start_matches(['`', ' ']));
        if gloss.is_some_and(|gloss| gloss.starts_with(['–', '—', ':', '-', '(']) && gloss.len() > 4) {
            declared.push((unit, slot));
        }
    }
    if declared.len() < 3 {
        return None;
    }
    let holders: HashSet<usize> = declared.iter().map(|(unit, _)| *unit).collect();
    let text = case.source.text();
    let said: HashSet<u32> = (0..case.units.len().min(UNITS))
        .filter(|unit| !holders.contains(unit))
        .flat_map(|unit| case.words_of(unit).iter().map(|word| stem(&word.lower(text))))
        .collect();
    let names: HashSet<u32> = declared.iter().flat_map(|(_, slot)| stems(case.text(slot.inner))).collect();
    // What the input holds may be spoken of in the words of its line, but for those that name another input.
    let known = |(unit, slot): &(usize, &Slot)| {
        let own = stems(case.text(slot.inner));
        let plain =
            |word: &&Word| !word.is(vocabulary::STOP) && !word.is_punctuation() && word.end - word.start >= 4;
        let told = case.words_of(*unit).iter().filter(plain).map(|word| stem(&word.lower(text)));
        let mut all = own.iter().copied().chain(told.filter(|stem| !names.contains(stem)));
        all.any(|stem| said.contains(&stem))
    };
    let mut unused = declared.iter().filter(|input| !known(input));
    let (_, slot) = unused.next()?;
    unused.next().is_none().then_some(slot.span)
}

/// How many units are looked at for what they speak of.
const UNITS: usize = 2000;

/// Words that announce a list of inputs.
const ANNOUNCE: [&str; 9] =
    ["parameters", "inputs", "input", "variables", "arguments", "placeholders", "slots", "receive", "given"];

fn announces(title: &str) -> bool {
    let lower = title.to_lowercase();
    lower.split(|c: char| !c.is_alphanumeric()).any(|word| ANNOUNCE.contains(&word))
}

/// `Parameters: log, pier`, also in front matter: each name with its place.
fn in_one_line(case: &Case<'_>) -> Vec<(Span, String)> {
    let text = case.source.text();
    let mut found = Vec::new();
    for piece in &case.outline.pieces {
        if !matches!(piece.kind, PieceKind::FrontMatter | PieceKind::Field | PieceKind::Text) {
            continue;
        }
        let whole = piece.lead.cover(piece.text);
        let line = &text[whole.range()];
        let Some((label, rest)) =
            line.split_once(':').filter(|(label, _)| label.len() <= 24 && announces(label))
        else {
            continue;
        };
        let mut names: Vec<(Span, String)> = Vec::new();
        let mut at = whole.start() + label.len() + 1;
        for part in rest.split(',') {
            let name = part.trim().trim_matches(['`', '"', '[', ']', '{', '}', '.']);
            let start = at + part.find(name).unwrap_or(0);
            names.push((Span::new(start, start + name.len()), plain(name)));
            at += part.len() + 1;
        }
        // One that is no name, and the line lists something else.
        if names.len() >= 2 && names.iter().all(|(_, name)| is_name(name)) {
            found.extend(names);
        }
    }
    found
}

/// "- `log`: the log of the day" under a title such as "You receive".
fn in_items(case: &Case<'_>) -> Vec<(Span, String)> {
    let text = case.source.text();
    let mut found = Vec::new();
    let mut lead: Option<(u32, bool)> = None;
    for (at, unit) in case.units.iter().enumerate() {
        if !matches!(unit.kind, UnitKind::Item { .. } | UnitKind::Field) || !unit.opens_piece {
            continue;
        }
        let announced = match lead {
            Some((block, announced)) if block == unit.block => announced,
            _ => {
                let section = &case.outline.sections[unit.section];
                let titled = section.mark != Mark::Root && announces(case.text(section.title));
                let before = at.checked_sub(1).map(|before| case.text(case.units[before].text));
                titled || before.is_some_and(|before| before.ends_with(':') && announces(before))
            }
        };
        lead = Some((unit.block, announced));
        let whole = if unit.kind == UnitKind::Field { unit.with_lead(case.outline) } else { unit.text };
        let line = &text[whole.range()];
        let end = line.find([':', '(', '–', '—']).or_else(|| line.find(" - ")).unwrap_or(0);
        let name = line[..end].trim().trim_matches(['`', '"', '*', '{', '}', '$']);
        // "cmd: (required) the command": what a call of a tool takes.
        let behind = line[end..].trim_start_matches([':', ' ']);
        let of_a_call = behind.starts_with("(required") || behind.starts_with("(optional");
        if announced && !of_a_call && is_name(name) {
            let start = whole.start() + line.find(name).unwrap_or(0);
            found.push((Span::new(start, start + name.len()), plain(name)));
        }
    }
    found
}

fn plain(name: &str) -> String {
    name.trim().to_lowercase().replace(['-', ' '], "_")
}

/// A name as programs use them: a letter first, no blanks.
fn is_name(name: &str) -> bool {
    name.len() >= 2
        && name.starts_with(|c: char| c.is_alphabetic())
        && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'))
}

/// An input that the prompt announces and has no place for.
pub(super) struct UnusedInput;

static UNUSED: Meta = Meta {
    id: "unused-input",
    family: Family::Slot,
    severity: Severity::Warning,
    summary: "an input that is announced and has no slot, while the others have one",
    write: "A slot for every input that is announced.",
    on: true,
    english: true,
    why: "The model looks for it, finds nothing, and makes it up or takes something else for it.",
    bad: &[
        "You receive three inputs: the log, the crew list and the tide table. Write the notice.\n<log>\n{{log}}\n</log>\n<crew_list>\n{{crew_list}}\n</crew_list>",
    ],
    good: &[
        "You receive three inputs: the log, the crew list and the tide table. Write the notice.\n<log>\n{{log}}\n</log>\n<crew_list>\n{{crew_list}}\n</crew_list>\n<tides>\n{{tides}}\n</tides>",
        "You receive the log and the crew list from the purser. Write the notice.",
    ],
};

impl Check for UnusedInput {
    fn meta(&self) -> &'static Meta {
        &UNUSED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut named: Vec<u32> = Vec::new();
        for slot in case.slots {
            named.extend(stems(case.text(slot.inner)));
        }
        if named.is_empty() {
            return;
        }
        named
            .extend(case.outline.sections.iter().skip(1).flat_map(|section| stems(case.text(section.title))));
        named.extend(
            case.outline
                .pieces
                .iter()
                .filter(|piece| piece.kind == PieceKind::Field)
                .flat_map(|piece| stems(case.text(piece.lead))),
        );
        for index in 0..case.units.len() {
            let Some(announced) = announced(text, case.words_of(index)) else { continue };
            let there = |item: &Span| stems(case.text(*item)).iter().any(|stem| named.contains(stem));
            let (found, lost): (Vec<Span>, Vec<Span>) = announced.into_iter().partition(there);
            for item in lost.into_iter().filter(|_| !found.is_empty()) {
                unused(case, sink, item);
            }
        }
        for item in listed_and_unused(case) {
            unused(case, sink, item);
        }
        if let Some(slot) = taken_in_and_forgotten(case).or_else(|| described_and_forgotten(case)) {
            let message = format!("`{}` comes in, and nothing speaks of it again", case.text(slot));
            sink.report(slot, message, "say what it is for, or take it out of the inputs");
        }
    }
}

fn unused(case: &Case<'_>, sink: &mut Sink<'_>, item: Span) {
    let message = format!("`{}` is announced, and no slot takes it in", case.shown(item));
    sink.report(item, message, "add a slot for it, or take it out of the list");
}

/// The meaningful words of a name, as stems.
fn stems(name: &str) -> Vec<u32> {
    let words = name.split(|c: char| !c.is_alphanumeric()).filter(|word| word.len() >= 3);
    words.map(|word| stem(&word.to_lowercase())).collect()
}

/// Words with which an ask begins, and no name.
const ASKS: [&str; 10] =
    ["return", "evaluate", "assign", "provide", "explain", "generate", "write", "please", "but", "then"];
/// The most words of the name of an input.
const NAME: usize = 8;

/// The items of a list of inputs: "Three inputs come with each job: the report, the site list, and the open faults".
fn announced(text: &str, words: &[Word]) -> Option<Vec<Span>> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let colon = words.iter().position(|word| word.text(text) == ":")?;
    // "Given a letter, do this: …" opens an ask.
    let announces = (0..colon)
        .filter(|&at| at > 0 || lower(at) != "given")
        .any(|at| matches!(&*lower(at), "inputs" | "receive" | "given" | "inputs:" | "documents" | "pieces"));
    let slots_only = words[colon..].iter().any(|word| matches!(word.text(text), "{" | "<" | "[" | "$"));
    if !announces || slots_only {
        return None;
    }
    let mut items: Vec<Span> = Vec::new();
    let mut from = colon + 1;
    for at in colon + 1..=words.len() {
        let ends = at == words.len() || matches!(&*lower(at), "," | ";" | "and" | ".");
        if ends {
            if from < at {
                items.push(words[from].span().cover(words[at - 1].span()));
            }
            from = at + 1;
        }
    }
    // What comes in has a name, and does nothing.
    let names = |item: &Span| {
        let inside = words.iter().filter(|word| item.contains(word.span()));
        let odd = vocabulary::NEGATION | vocabulary::QUOTE;
        inside.clone().count() <= NAME
            && inside
                .clone()
                .all(|word| !word.is(odd) && !word.text(text).starts_with(|c: char| c.is_ascii_digit()))
            && !inside.clone().next().is_some_and(|word| ASKS.contains(&&*word.lower(text)))
    };
    ((2..=8).contains(&items.len()) && items.iter().all(names)).then_some(items)
}
