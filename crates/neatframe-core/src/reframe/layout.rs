//! The plan written out under sections, one for each component.

use super::Layout;
use super::chunk::{Chunk, chunks, lead_span};
use super::dedent::{dedented, margin, without_margin};
use super::in_place::{merge, removal};
use super::parted::conjunctions;
use super::plan::Plan;
use super::pointing::turned;
use super::said_again::{label_said_by_the_title, said_by_the_title};
use super::section_order::{Section, arrange};
use super::style::Style;
use super::{Change, INPUT, Note, Reframed, flowing, items, sequence, tied, title};
use crate::component::{Component, Facet};
use crate::edit::{Edit, apply};
use crate::outline::PieceKind;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// A text with blocks of material at its end.
pub(super) fn with_blocks(mut text: String, blocks: &[String], newline: &str) -> String {
    if blocks.is_empty() {
        return text;
    }
    text.truncate(text.trim_end().len());
    for block in blocks {
        text.push_str(&format!("{newline}{newline}{block}"));
    }
    text + newline
}

/// Puts the prompt's chunks under one heading for each component, in the frame's order; material comes last.
pub(super) fn regrouped(review: &Review, plan: Plan, layout: Option<Layout>) -> Reframed {
    let style = Style::from(layout.unwrap_or(Layout::Headings));
    let newline = review.source().line_end();
    let mut notes = plan.notes;
    let mut chunks = chunks(review, &plan.dropped);
    take_for_the_ask(review, &mut chunks);
    // `Answer:` at the very end opens the answer.
    if let Some(chunk) = chunks.last_mut().filter(|chunk| opens_the_answer(review, chunk)) {
        chunk.component = None;
    }
    let mut sections: Vec<Section<'_>> = Vec::new();
    let (replaced, preamble): (Vec<&Chunk>, Vec<&Chunk>) =
        chunks.iter().filter(|chunk| chunk.component.is_none()).partition(|chunk| is_replaced(review, chunk));
    for chunk in replaced {
        let words = review.source().slice(chunk.span).to_string();
        let why = "the new headings take its place".to_string();
        notes.push(Note { change: Change::Dropped, span: Some(chunk.span), words, now: String::new(), why });
    }
    for (component, _) in review.frame().components() {
        let inside: Vec<&Chunk> =
            chunks.iter().filter(|c| c.component == Some(component) && !c.is_input).collect();
        let slot = plan.asked.iter().find(|(asked, _)| *asked == component).map(|(_, slot)| slot.clone());
        sections.push((title(component).into(), inside, slot));
    }
    arrange(review, &chunks, &mut sections);
    sections.push((INPUT.into(), chunks.iter().filter(|chunk| chunk.is_input).collect(), None));
    let mut dropped = plan.dropped.clone();
    if layout != Some(Layout::Plain) {
        for (name, inside, _) in &sections {
            let Some(unit) = inside.first().and_then(|chunk| said_by_the_title(review, chunk, name)) else {
                continue;
            };
            if dropped.insert(unit) {
                let (words, why) =
                    (review.source().slice(lead_span(review, unit)).to_string(), "the new heading says it");
                let span = Some(lead_span(review, unit));
                notes.push(Note {
                    change: Change::Dropped,
                    span,
                    words,
                    now: String::new(),
                    why: why.into(),
                });
            }
        }
    }
    let last = chunks.iter().filter(|chunk| chunk.component.is_some()).map(|chunk| chunk.units.end).max();
    let (closing, preamble): (Vec<&Chunk>, Vec<&Chunk>) = preamble.into_iter().partition(|chunk| {
        last.is_some_and(|last| chunk.units.start >= last)
            && review.source().slice(chunk.span).trim_end().ends_with(':')
    });
    let mut out = String::new();
    let head = written(review, &preamble, &plan.edits, &plan.dropped, false);
    if !head.is_empty() {
        out.push_str(&head);
    }
    let order: Vec<&Chunk> =
        preamble.iter().chain(sections.iter().flat_map(|(_, inside, _)| inside)).copied().collect();
    let mut turned = turned(review, &order);
    turned.retain(|(edit, _)| !plan.edits.iter().any(|other| other.span.overlaps(edit.span)));
    notes.extend(turned.iter().map(|(_, note)| note.clone()));
    let mut furthest = 0;
    let far_in = margin(review.source().text());
    for (name, inside, slot) in &sections {
        let rules = name == title(Component::Constraints);
        let mut edits = plan.edits.clone();
        edits.extend(turned.iter().map(|(edit, _)| edit.clone()));
        for (edit, note) in conjunctions(review, inside, &plan.edits, &dropped) {
            notes.push(note);
            edits.push(edit);
        }
        // Below the heading, no line needs the label that says the same.
        let labels = inside.iter().filter(|_| layout != Some(Layout::Plain));
        let labels: Vec<Edit> =
            labels.filter_map(|chunk| label_said_by_the_title(review, chunk, name)).collect();
        for label in labels {
            if edits.iter().any(|edit| edit.span.overlaps(label.span)) {
                continue;
            }
            let words = review.source().slice(label.span).to_string();
            let change = if label.replacement.is_empty() { Change::Dropped } else { Change::Edited };
            let (now, why) = (label.replacement.clone(), "the new heading says it".to_string());
            notes.push(Note { change, span: Some(label.span), words, now, why });
            edits.push(label);
        }
        for chunk in inside {
            let Some((steps, note)) = sequence::numbered(review, chunk) else { continue };
            let free = |step: &Edit| !edits.iter().any(|edit| edit.span.overlaps(step.span));
            if steps.iter().all(free) && !chunk.units.clone().any(|unit| dropped.contains(&unit)) {
                edits.extend(steps);
                notes.push(note);
            }
        }
        edits.sort_by_key(|edit| edit.span);
        let body = written(review, inside, &edits, &dropped, rules);
        let own = without_heading(&body, name);
        let offered = plan.offered.iter().filter(|(component, _)| name == title(*component));
        let body = with_lines(own, offered.map(|(_, line)| line.as_str()), newline);
        let Some(body) = Some(body).filter(|body| !body.is_empty()).or_else(|| slot.clone()) else {
            continue;
        };
        if !out.is_empty() {
            out.push_str(&format!("{newline}{newline}"));
        }
        let body = &*without_margin(&body, far_in);
        // A sample may be code, of which the blanks are a part.
        let body = if name == title(Component::Examples) { body.into() } else { dedented(body) };
        out.push_str(&style.section(name, &body, newline));
        let moved: Vec<&&Chunk> = inside.iter().filter(|chunk| chunk.units.start < furthest).collect();
        furthest = inside.iter().map(|chunk| chunk.units.end).max().unwrap_or(0).max(furthest);
        for chunk in moved {
            let why = format!("what belongs to {} stands together", name.to_lowercase());
            let kept =
                chunk.units.clone().find(|unit| !plan.dropped.contains(unit)).unwrap_or(chunk.units.start);
            let span = Span::new(lead_span(review, kept).start(), chunk.span.end());
            let words = review.source().slice(span).to_string();
            notes.push(Note { change: Change::Moved, span: Some(span), words, now: name.clone(), why });
        }
    }
    let tail = written(review, &closing, &plan.edits, &plan.dropped, false);
    if !tail.is_empty() {
        out.push_str(&format!("{newline}{newline}{tail}"));
    }
    out.push_str(newline);
    out = with_blocks(out, &plan.blocks, newline);
    if layout != Some(Layout::Plain) {
        let why = "marked sections keep rules, facts and material apart".to_string();
        let words = format!("section {}", layout.unwrap_or(Layout::Headings).id());
        notes.push(Note { change: Change::Added, span: None, words, now: "every part".into(), why });
    }
    Reframed { text: out, notes: sorted(notes) }
}

/// A body with more lines at its end, as items where it ends in a list.
fn with_lines<'a>(body: &str, lines: impl Iterator<Item = &'a str>, newline: &str) -> String {
    let mut out = body.to_string();
    let last = body.lines().next_back().unwrap_or("").trim_start();
    let marker = ["- ", "* "].into_iter().find(|marker| last.starts_with(marker)).unwrap_or("");
    for line in lines {
        if !out.is_empty() {
            out.push_str(newline);
        }
        out.push_str(marker);
        out.push_str(line);
    }
    out
}

/// The body without the heading that the section gets anyway.
fn without_heading<'a>(body: &'a str, name: &str) -> &'a str {
    let mut rest = body;
    while let Some(after) = rest.strip_prefix("# ").and_then(|line| line.strip_prefix(name)) {
        if !(after.is_empty() || after.starts_with(['\n', '\r'])) {
            break;
        }
        rest = after.trim_start_matches(['\n', '\r']);
    }
    rest
}

/// "I'd like you to be a planner and make a plan", "do a notice too": where nothing else asks, what may be read so is the ask.
fn take_for_the_ask(review: &Review, chunks: &mut [Chunk]) {
    if chunks.iter().any(|chunk| chunk.component == Some(Component::Task)) {
        return;
    }
    let labels = review.labels();
    let may_ask = |unit: usize| labels[unit].serves(Component::Task);
    // "Given a mail, extract the following:" over the fields of the answer.
    let leads = |chunk: &&mut Chunk| {
        chunk.component.is_some() && labels[chunk.units.start].component == Some(Component::Task)
    };
    if let Some(chunk) = chunks.iter_mut().find(leads) {
        chunk.component = Some(Component::Task);
        return;
    }
    let persona =
        |chunk: &&mut Chunk| chunk.component == Some(Component::Role) && chunk.units.clone().any(may_ask);
    if let Some(chunk) = chunks.iter_mut().find(persona) {
        chunk.component = Some(Component::Task);
        return;
    }
    // Of other lines only those that name a goal by their own words: "the owner wants a letter", among facts.
    for chunk in chunks.iter_mut().filter(|chunk| chunk.units.len() == 1 && !chunk.is_input) {
        let unit = chunk.units.start;
        let goal = labels[unit].facets.contains(Facet::Goal);
        let told = match chunk.component {
            Some(Component::Context) => goal,
            Some(Component::Constraints) => goal && may_ask(unit),
            _ => false,
        };
        if told && review.units()[unit].kind == UnitKind::Sentence {
            chunk.component = Some(Component::Task);
        }
    }
}

/// A label alone, the last line of a prompt.
fn opens_the_answer(review: &Review, chunk: &Chunk) -> bool {
    let words = review.words_of(chunk.units.start).iter().filter(|word| !word.is_punctuation()).count();
    chunk.units.len() == 1 && words <= LABEL && review.source().slice(chunk.span).trim_end().ends_with(':')
}

/// The most words of such a label.
const LABEL: usize = 3;

/// A heading on its own that names a component: the sections that are written say it again.
fn is_replaced(review: &Review, chunk: &Chunk) -> bool {
    let unit = &review.units()[chunk.units.start];
    let kind = review.outline().pieces[unit.pieces.start].kind;
    // At the very end it opens the answer.
    let holds = chunk.units.end < review.units().len();
    holds
        && chunk.units.len() == 1
        && kind == PieceKind::Heading
        && review.title_component(unit.section).is_some()
}

/// The text of some chunks: neighbours keep the white space between them, others get a line each.
fn written(
    review: &Review,
    chunks: &[&Chunk],
    edits: &[Edit],
    dropped: &HashSet<usize>,
    as_list: bool,
) -> String {
    let newline = review.source().line_end();
    let single = |chunk: &Chunk| {
        let unit = &review.units()[chunk.units.start];
        chunk.units.len() == 1 && matches!(unit.kind, UnitKind::Item { ordered: false })
            || chunk.units.len() == 1 && unit.kind == UnitKind::Field
            || chunk
                .units
                .clone()
                .all(|unit| review.units()[unit].kind == UnitKind::Sentence && !tied::is_pair(review, unit))
    };
    let kept: Vec<&&Chunk> =
        chunks.iter().filter(|chunk| !chunk.units.clone().all(|unit| dropped.contains(&unit))).collect();
    let items = kept.iter().map(|chunk| 1 + items::within(review, chunk).count()).sum::<usize>();
    let bullets = as_list && items >= 3 && kept.iter().all(|chunk| single(chunk));
    let mut out = String::new();
    let mut before: Option<&Chunk> = None;
    for chunk in kept {
        let body = chunk_text(review, chunk, edits, dropped, bullets);
        if body.trim().is_empty() {
            continue;
        }
        if let Some(before) = before {
            let between =
                &review.source().text()[before.span.end()..chunk.span.start().max(before.span.end())];
            let neighbours = before.units.end == chunk.units.start && between.trim().is_empty();
            // Steps that get their numbers begin a line.
            let steps = sequence::is_numbered(edits, chunk);
            let flows = neighbours && !bullets && (!steps || between.contains('\n'));
            out.push_str(if flows { between } else { newline });
            // Right below a list a line would be read as part of its last item.
            let listed =
                |chunk: &Chunk| matches!(review.units()[chunk.units.end - 1].kind, UnitKind::Item { .. });
            let sentence = review.units()[chunk.units.start].kind == UnitKind::Sentence;
            if !bullets && !neighbours && listed(before) && sentence {
                out.push_str(newline);
            }
        }
        let item = !matches!(review.units()[chunk.units.start].kind, UnitKind::Sentence | UnitKind::Field);
        if bullets && !item {
            out.push_str("- ");
        }
        out.push_str(&body);
        before = Some(chunk);
    }
    out
}

/// Stands where an item of a list begins, or a line, until the lines are laid out.
const ITEM: char = '\u{1}';

/// Signs behind which the next line may run on.
const ENDS: [char; 10] = ['.', '!', '?', ':', ';', ',', '…', '"', '”', ')'];

fn chunk_text(
    review: &Review,
    chunk: &Chunk,
    edits: &[Edit],
    dropped: &HashSet<usize>,
    in_item: bool,
) -> String {
    let first = edits.partition_point(|edit| edit.span.start() < chunk.span.start());
    let inside = edits[first..].iter().take_while(|edit| edit.span.end() <= chunk.span.end());
    let mut local: Vec<Edit> = inside.cloned().collect();
    for unit in chunk.units.clone().filter(|unit| dropped.contains(unit)) {
        let span = Span::clamp(removal(review, unit, dropped), chunk.span);
        local.push(Edit { span, replacement: String::new() });
    }
    let units = review.units();
    let prose = chunk.units.clone().all(|unit| units[unit].kind == UnitKind::Sentence);
    // In a list, what stood on a line of its own is an item of its own.
    // A sentence that moves leaves the line breaks of its old paragraph behind; lines of their own stay lines.
    let stepped = sequence::is_numbered(edits, chunk);
    let lines = chunk.units.clone().skip(1).any(|unit| units[unit].opens_piece);
    let flows = prose && !stepped && (in_item || !lines);
    let apart = flows && !review.source().slice(chunk.span).contains(ITEM);
    // "Use this method:" and the slot below it are one.
    let led = |unit: usize| {
        review.source().slice(units[unit - 1].text).trim_end().ends_with(':')
            && review
                .slots()
                .binary_search_by_key(&units[unit].text.start(), |slot| slot.span.start())
                .is_ok()
    };
    let own: Vec<usize> = items::within(review, chunk).collect();
    // A line that no stop ends is a sentence of its own, and would run into the next one.
    let ended = |unit: usize| {
        let gap = review.source().text().get(units[unit - 1].text.end()..units[unit].text.start());
        !gap.is_some_and(|gap| gap.contains('\n'))
            || review.source().slice(units[unit - 1].text).ends_with(ENDS)
    };
    let new = |unit: &usize| {
        in_item
            && (units[*unit].opens_piece && !led(*unit) && !flowing::is_linked(review, *unit)
                || own.contains(unit))
            || !ended(*unit)
    };
    for unit in chunk.units.clone().skip(1).filter(|unit| apart && new(unit)) {
        let gap = Span::new(units[unit - 1].text.end(), units[unit].text.start());
        if !dropped.contains(&unit) && !dropped.contains(&(unit - 1)) {
            local.push(Edit { span: gap, replacement: ITEM.to_string() });
        }
    }
    let shift = |edit: &Edit| Edit {
        span: Span::new(edit.span.start() - chunk.span.start(), edit.span.end() - chunk.span.start()),
        replacement: edit.replacement.clone(),
    };
    // What a cut takes along may stand before the chunk, where it is no matter of the chunk's.
    let within = |edit: Edit| Edit { span: Span::clamp(edit.span, chunk.span), ..edit };
    let merged = merge(review.source().text(), local).into_iter().map(within);
    let local: Vec<Edit> = merged.map(|edit| shift(&edit)).collect();
    let text = review.source().slice(chunk.span);
    let text = apply(text, &local).unwrap_or_else(|_| text.to_string());
    if flows {
        let item = |text: &str| text.split_whitespace().collect::<Vec<_>>().join(" ");
        let sign = if in_item { "- " } else { "" };
        let leads = in_item && review.source().slice(units[chunk.units.start].text).ends_with(':');
        let between = format!("{}{}{sign}", review.source().line_end(), if leads { "  " } else { "" });
        // A sign of the author's own stays in its sentence.
        let items: Vec<&str> = if apart { text.split(ITEM).collect() } else { vec![&text] };
        items.into_iter().map(item).filter(|item| !item.is_empty()).collect::<Vec<_>>().join(&between)
    } else {
        text.trim().to_string()
    }
}

pub(super) fn sorted(mut notes: Vec<Note>) -> Vec<Note> {
    notes.sort_by_key(|note| (note.change >= Change::Added, note.change == Change::Open, note.span));
    notes
}
