//! The samples of a prompt: which stretch is an input, which an output.

pub(crate) mod form;
mod paragraphs;
pub(crate) mod records;
mod replies;
mod shunned;
mod sides;
mod speakers;

use crate::checks::Case;
use crate::classify::is_bare_call;
use crate::component::Component;
use crate::outline::{Mark, PieceKind};
use crate::persona;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
pub(crate) use shunned::is_shunned;
pub(crate) use sides::names_an_answer;

/// What one side of a sample shows.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum Side {
    Input,
    Output,
    /// Labelled, but not known for either.
    Other,
}

/// One side of a sample.
#[derive(Clone, Debug)]
pub(crate) struct Shown {
    pub(crate) side: Side,
    /// Its label: `Guest`, `Sample request`.
    pub(crate) label: Span,
    /// Its words, the label left out.
    pub(crate) content: Span,
    /// True for a turn of a dialogue.
    pub(crate) spoken: bool,
    /// Sides of one section belong to one run of samples.
    section: usize,
}

impl Shown {
    /// The section that it stands in, as an index.
    pub(crate) fn section(&self) -> usize {
        self.section
    }
}

/// Signs between the two sides of a sample on one line.
pub(crate) const ARROWS: [&str; 4] = [" -> ", " → ", " => ", " ⇒ "];

/// What comes out on a line with an arrow, or the whole line.
pub(crate) fn behind_its_arrow(line: &str) -> &str {
    ARROWS.iter().find_map(|arrow| line.split_once(arrow)).map_or(line, |(_, output)| output.trim_start())
}

/// The two sides of a sample that an arrow parts: `"the boat was late" -> LATE`.
fn arrow(case: &Case<'_>, label: Span, content: Span, section: usize) -> Option<[Shown; 2]> {
    let text = case.text(content);
    // "Before: … After: …" on one line.
    let after = || {
        [" After: ", " Output: ", " Answer: "].iter().find_map(|mark| Some((text.find(mark)?, mark.len())))
    };
    // `"late again" > complaint`: only a quotation makes the sign an arrow.
    let pointed = || {
        let turns = ["\" > ", "\" becomes ", "\" turns into "];
        turns.iter().find_map(|sign| Some((text.find(sign)? + 1, sign.len() - 1)))
    };
    let (at, length) = ARROWS
        .iter()
        .find_map(|arrow| Some((text.find(arrow)?, arrow.len())))
        .or_else(pointed)
        .or_else(after)?;
    let shown = |side, content| Shown { side, label, content, spoken: false, section };
    let left = Span::new(content.start(), content.start() + at);
    Some([shown(Side::Input, left), shown(Side::Output, Span::new(left.end() + length, content.end()))])
}

/// True where a place lies in what goes in.
pub(crate) fn goes_in(case: &Case<'_>, place: Span) -> bool {
    case.samples.iter().any(|shown| shown.side == Side::Input && shown.content.overlaps(place))
}

/// Reads the labelled sides of the samples, in order of place.
pub(crate) fn read(case: &Case<'_>) -> Vec<Shown> {
    let mut found: Vec<Shown> = Vec::new();
    let persona = persona::called(case);
    let taken = sides::labels_of_slots(case);
    let mut open: Option<Shown> = None;
    let mut forced = false;
    let mut arrowed = false;
    // Set while inputs were shown and nothing has answered them.
    let mut waits = false;
    let close = |found: &mut Vec<Shown>, open: &mut Option<Shown>| {
        found.extend(open.take());
    };
    for (index, unit) in case.units.iter().enumerate() {
        let sample = case.labels[index].component == Some(Component::Examples);
        let piece = &case.outline.pieces[unit.pieces.start];
        let titled = unit.kind == UnitKind::Mark;
        let label = match piece.kind {
            PieceKind::Turn | PieceKind::Field if unit.opens_piece => Some(piece.lead),
            PieceKind::Label | PieceKind::TagOpen | PieceKind::Heading if unit.opens_piece => case
                .outline
                .sections
                .get(piece.section)
                .filter(|section| section.mark != Mark::Root)
                .map(|section| section.title),
            PieceKind::Text | PieceKind::Item { .. } if sample && case.text(unit.text).ends_with(':') => {
                Some(unit.text)
            }
            _ => None,
        };
        if piece.kind == PieceKind::TagClose {
            close(&mut found, &mut open);
            continue;
        }
        if let Some((label, content)) = tagged(case, unit).filter(|_| sample) {
            close(&mut found, &mut open);
            if let Some(side) = sides::side(case, label, persona.as_deref()) {
                found.push(Shown { side, label, content, spoken: false, section: unit.section });
            }
            continue;
        }
        let bare = Span::new(unit.text.start(), unit.text.start());
        let sides = (label.is_none() && sample && unit.kind != UnitKind::Code && !titled)
            .then(|| arrow(case, bare, unit.text, unit.section))
            .flatten()
            .or_else(|| {
                arrow(
                    case,
                    label.filter(|_| sample && !titled)?,
                    after_label(case, label?, unit.text),
                    unit.section,
                )
            });
        // "Before: … After: "Oops! Try again."": the second side goes on in the next sentence.
        let goes_on = std::mem::take(&mut arrowed) && !unit.opens_piece && sample;
        if goes_on && let Some(last) = found.last_mut() {
            last.content = last.content.cover(unit.text);
            arrowed = true;
            continue;
        }
        if let Some(sides) = sides {
            close(&mut found, &mut open);
            found.extend(sides);
            arrowed = true;
            continue;
        }
        // "Before: …" is followed by "After: …", whatever its words read like.
        let answers = |label: Span, last: &Option<Shown>, persona: Option<&str>| {
            let input = last
                .as_ref()
                .is_some_and(|last| last.side == Side::Input && !last.content.is_empty() && !last.spoken);
            (input || waits)
                && sides::side(case, label, persona) == Some(Side::Output)
                && piece.kind == PieceKind::Label
        };
        forced = label.map_or(forced, |label| answers(label, &open, persona.as_deref()));
        waits = match &open {
            Some(last) if last.side == Side::Input => !last.content.is_empty() && !last.spoken,
            _ => waits && !forced && piece.kind != PieceKind::Heading,
        } && !case.text(unit.text).contains(['{', '<']);
        if let Some(label) = label {
            close(&mut found, &mut open);
            let named =
                ["example", "sample"].iter().any(|word| case.text(label).to_lowercase().contains(word));
            let samples_follow = forced
                || sample
                || titled && follows_sample(case, index)
                || named && piece.kind == PieceKind::Field;
            let lead_only = unit.text == label || titled;
            if samples_follow && let Some(side) = sides::side(case, label, persona.as_deref()) {
                let content = if lead_only {
                    Span::new(unit.text.end(), unit.text.end())
                } else {
                    after_label(case, label, unit.text)
                };
                let spoken = piece.kind == PieceKind::Turn;
                let named = side == Side::Other && taken.contains(&case.text(label).to_lowercase());
                let side = if named { Side::Input } else { side };
                open = Some(Shown { side, label, content, spoken, section: unit.section });
            }
            continue;
        }
        // An answer in a block of its own carries no label: "Passage: …" and the record below it.
        let answered = open.as_ref().filter(|shown| shown.side == Side::Input && !shown.content.is_empty());
        let record = unit.kind == UnitKind::Code
            || case.text(unit.text).starts_with(['{', '[', '<', '|', '`']) && unit.opens_piece
            || is_bare_call(case.text(unit.text))
            || answered.is_some_and(|shown| is_bare_answer(case, shown, unit));
        // "[G03] …" and "[G09] …" below it: one list of what goes in.
        let first = |span: Span| case.text(span).chars().next();
        let listed = answered.is_some_and(|shown| {
            case.text(unit.text).starts_with('[') && first(shown.content) == first(unit.text)
        });
        if let Some(shown) = answered.filter(|_| sample && record && !listed) {
            let answer = Shown {
                side: Side::Output,
                content: Span::new(unit.text.start(), unit.text.start()),
                ..shown.clone()
            };
            close(&mut found, &mut open);
            open = Some(answer);
        }
        let marks = titled && piece.kind != PieceKind::Fence;
        let sample = sample || std::mem::take(&mut forced);
        if !sample && piece.kind != PieceKind::Fence || marks {
            close(&mut found, &mut open);
            continue;
        }
        if let Some(shown) = &mut open
            && unit.kind != UnitKind::Mark
        {
            shown.content = if shown.content.is_empty() { unit.text } else { shown.content.cover(unit.text) };
        }
    }
    close(&mut found, &mut open);
    paragraphs::part(case, &mut found);
    sides::part_from_records(case, &mut found);
    sides::name_inputs(case, &taken, &mut found);
    sides::answer_by_class(case, &mut found);
    sides::alternate(case, &mut found);
    sides::name_answers(case, &mut found);
    sides::fields_come_out(case, &taken, &mut found);
    sides::records_come_out(case, &mut found);
    sides::name_languages(case, &mut found);
    speakers::tell_apart(case, &mut found);
    replies::name(case, &mut found);
    found
}

/// `<output>LATE</output>` on one line: the name of the tag, and what stands in it.
fn tagged(case: &Case<'_>, unit: &Unit) -> Option<(Span, Span)> {
    let line = case.text(unit.text);
    let (name, rest) = line.strip_prefix('<')?.split_once('>')?;
    let inner = rest.strip_suffix('>')?.strip_suffix(name)?.strip_suffix("</")?;
    let plain = !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'));
    let from = 1 + name.len() + 1;
    (plain && !inner.contains('<'))
        .then(|| (Span::within(unit.text, 1, name.len()), Span::within(unit.text, from, inner.len())))
}

/// `network P1` on the line below `Ticket: ...`: a few words and no full stop.
fn is_bare_answer(case: &Case<'_>, shown: &Shown, unit: &Unit) -> bool {
    let line = case.text(unit.text);
    let one_line = !case.text(shown.content).contains('\n');
    one_line
        && unit.opens_piece
        && line.split_whitespace().count() <= 4
        && !line.ends_with(['.', '?', '!', ':', ','])
        && (case.text(shown.content).split_whitespace().count() > 4 || is_shouted(line))
}

/// `STORM 97`: a label in capitals opens the line.
fn is_shouted(line: &str) -> bool {
    let first = line.split_whitespace().next().unwrap_or("");
    first.len() >= 3 && first.chars().all(|c| c.is_uppercase() || c == '_')
}

/// A unit's words behind its label and the sign after it.
fn after_label(case: &Case<'_>, label: Span, unit: Span) -> Span {
    let rest = &case.source.text()[label.end().min(unit.end())..unit.end()];
    let words = rest.trim_start_matches([':', '*', '_', '-', '–', ' ', '\t', '\n', '\r']);
    Span::new(unit.end() - words.len(), unit.end())
}

/// True when the next unit with words is a sample.
fn follows_sample(case: &Case<'_>, index: usize) -> bool {
    (index + 1..case.units.len().min(index + 4))
        .find(|&next| case.units[next].kind != UnitKind::Mark)
        .is_some_and(|next| case.labels[next].component == Some(Component::Examples))
}
