//! Steps that are numbered in words or letters, "Step one", "Part A", or that lose their name on the way: "Step 1", "Step 2", "3)".

use super::Case;
use crate::component::Component;
use crate::outline::PieceKind;
use crate::span::Span;
use crate::units::UnitKind;

/// What is wrong with a step: where, why, and the step before it.
pub(super) struct Slip {
    pub(super) place: Span,
    pub(super) message: String,
    pub(super) before: Span,
}

/// Names of parts that are counted.
const NAMES: [&str; 9] = ["step", "stage", "phase", "part", "task", "round", "section", "rule", "criterion"];
const WORDS: [&str; 10] = ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];
/// By how much a step may be ahead and still belong to the run.
const FAR: u32 = 3;

/// The head of a line: its name, its number, and whether that is a word, a letter or a figure.
struct Head {
    name: String,
    number: u32,
    kind: char,
    place: Span,
    unit: usize,
}

/// Steps that are out of their sequence.
pub(super) fn slips(case: &Case<'_>) -> Vec<Slip> {
    let shown = |unit: usize| {
        case.labels[unit].component == Some(Component::Examples)
            || matches!(case.units[unit].kind, UnitKind::Code | UnitKind::Table)
    };
    let lines = (0..case.units.len()).filter(|&unit| case.units[unit].opens_piece && !shown(unit));
    let heads: Vec<Head> = lines.filter_map(|unit| head(case, unit)).collect();
    let mut found = Vec::new();
    for name in NAMES {
        for kind in ['w', 'a'] {
            let run: Vec<&Head> =
                heads.iter().filter(|head| head.name == name && head.kind == kind).collect();
            if run.first().is_none_or(|first| first.number != 1) {
                continue;
            }
            for pair in run.windows(2) {
                let (before, step) = (pair[0], pair[1]);
                let (own, other) = (case.shown(step.place), case.shown(before.place));
                let message = match step.number.checked_sub(before.number) {
                    Some(0) => format!("`{own}` stands twice"),
                    Some(2..=FAR) => format!("`{own}` comes right after `{other}`"),
                    _ => continue,
                };
                found.push(Slip { place: step.place, message, before: before.place });
            }
        }
    }
    // "Step 1:", "Step 2:", "3)".
    for run in heads.windows(2) {
        let [before, step] = run else { continue };
        let named = !before.name.is_empty() && before.kind == 'n' && before.number >= 2;
        if named && step.name.is_empty() && step.number == before.number + 1 && near(case, before, step) {
            let message =
                format!("`{}` has another name than `{}`", case.shown(step.place), case.shown(before.place));
            found.push(Slip { place: step.place, message, before: before.place });
        }
    }
    found
}

/// True for two lines with at most a paragraph between them.
fn near(case: &Case<'_>, before: &Head, step: &Head) -> bool {
    step.unit - before.unit <= 3 && case.units[before.unit].section == case.units[step.unit].section
}

/// `Step one:`, `Part B -`, `Step 2:`, `3)` at the start of a line.
fn head(case: &Case<'_>, unit: usize) -> Option<Head> {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    if !matches!(
        piece.kind,
        PieceKind::Text
            | PieceKind::Item { .. }
            | PieceKind::Field
            | PieceKind::Turn
            | PieceKind::Label
            | PieceKind::Heading
    ) {
        return None;
    }
    let line = piece.lead.cover(piece.text);
    let body = case.text(line);
    let bare = body.trim_start_matches(['-', '*', '#', ' ', '_']);
    let from = line.start() + (body.len() - bare.len());
    let end = bare.find([':', ')', '.', '–', '\n']).filter(|&end| end > 0 && end <= 20)?;
    let mut words = bare[..end].split_whitespace();
    let (first, second, third) = (words.next()?, words.next(), words.next());
    if third.is_some() {
        return None;
    }
    let place = Span::new(from, from + end);
    let Some(second) = second else {
        let number = first.parse().ok().filter(|_| bare[end..].starts_with([')', '.', ':']))?;
        return Some(Head { name: String::new(), number, kind: 'n', place, unit });
    };
    let name = first.to_lowercase();
    let lower = second.to_lowercase();
    let (number, kind) = match lower.as_bytes() {
        [letter @ b'a'..=b'h'] if second.starts_with(char::is_uppercase) => {
            (u32::from(letter - b'a') + 1, 'a')
        }
        _ => match lower.parse() {
            Ok(number) => (number, 'n'),
            Err(_) => (WORDS.iter().position(|word| *word == lower)? as u32 + 1, 'w'),
        },
    };
    NAMES.contains(&name.as_str()).then_some(Head { name, number, kind, place, unit })
}
