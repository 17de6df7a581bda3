//! Writing the plan out: in place, or regrouped under sections.

use super::chunk::{Chunk, chunks, lead_span};
use super::plan::Plan;
use super::shifts::Shifts;
use super::style::{Style, section_style};
use super::{Change, Note, Reframed, title};
use super::{Layout, Wishes};
use crate::component::Component;
use crate::edit::{Edit, apply};
use crate::finding::Family;
use crate::outline::{Mark, PieceKind};
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// True when the author has marked sections: two at least that hold something, or three tags, two where they hold more than
/// material.
pub(super) fn has_sections(review: &Review) -> bool {
    let sections = &review.outline().sections;
    let mut holds = vec![0usize; sections.len()];
    for unit in review.units().iter().filter(|unit| unit.kind != UnitKind::Mark) {
        holds[unit.section] += 1;
    }
    let all: usize = holds.iter().sum();
    let heading = |id: &usize| matches!(sections[*id].mark, Mark::Heading(_) | Mark::Title);
    // The only heading, over all the rest, is the prompt's title.
    let headings: Vec<usize> = (1..sections.len()).filter(heading).collect();
    let title = match headings[..] {
        [only] if sections[only].first == 0 => Some(only),
        _ => None,
    };
    let count = |tag: bool| {
        let marked = |id: usize| {
            id != 0 && holds[id] > 0 && Some(id) != title && (sections[id].mark == Mark::Tag) == tag
        };
        let marked: Vec<usize> = (0..sections.len()).filter(|&id| marked(id)).collect();
        // A few labelled lines among many others are no order of the whole.
        let field = |id: usize| {
            review
                .outline()
                .pieces
                .get(sections[id].first)
                .is_some_and(|piece| piece.kind == PieceKind::Field)
        };
        let inside: usize = marked.iter().map(|&id| if field(id) { 1 } else { holds[id] }).sum();
        if tag || inside * 2 >= all { marked.len() } else { 0 }
    };
    let demanding = |id: usize| {
        let part = review.title_component(id);
        sections[id].mark == Mark::Tag && holds[id] > 0 && part.is_some_and(|part| part != Component::Context)
    };
    let demanding = (1..sections.len()).filter(|&id| demanding(id)).count();
    count(false) >= 2 || count(true) >= 3 || demanding >= 2 || bracketed(review) >= 2 || holds_stages(review)
}

/// True when lines of other kinds stand between numbered steps: each belongs to its step, and the order is the author's.
fn holds_stages(review: &Review) -> bool {
    let pieces = &review.outline().pieces;
    crate::numbering::runs(review.source(), review.outline()).iter().any(|run| {
        run.windows(2).any(|pair| {
            let from = pieces.partition_point(|piece| piece.span.end() <= pair[0].place.start());
            let to = pieces.partition_point(|piece| piece.span.end() <= pair[1].place.start());
            let item = |kind: PieceKind| matches!(kind, PieceKind::Item { .. });
            let indent = pieces[from].indent;
            let own = pieces.get(from + 1..to).unwrap_or(&[]);
            item(pieces[from].kind)
                && own.iter().any(|piece| {
                    piece.kind != PieceKind::Blank && !item(piece.kind) && piece.indent <= indent
                })
        })
    })
}

/// Lines such as `[Question]` over a text: titles in all but form.
fn bracketed(review: &Review) -> usize {
    let text = review.source().text();
    let titled = |unit: &&crate::units::Unit| {
        let words = &text[unit.text.range()];
        let below = text[unit.text.end()..].split('\n').nth(1).unwrap_or("").trim();
        let inner = words.strip_prefix('[').and_then(|rest| rest.strip_suffix(']'));
        let alone = text[..unit.text.start()].ends_with('\n') || unit.text.start() == 0;
        alone && inner.is_some_and(|inner| inner.starts_with(char::is_uppercase)) && !below.is_empty()
    };
    review.units().iter().filter(titled).count()
}

/// Faults to a unit from which a prompt is no longer in good order.
const FAULTY: f64 = 0.15;
/// Paragraphs from which an author has put a prompt in order.
const PARAGRAPHS: usize = 3;

/// True for a prompt in paragraphs of several sentences with few faults: what stands together in a paragraph was put there,
/// and sentence by sentence it would lose what it leans on.
pub(super) fn is_well_kept(review: &Review) -> bool {
    let units: Vec<&crate::units::Unit> =
        review.units().iter().filter(|unit| unit.kind != UnitKind::Mark).collect();
    // Units with no blank line between them, and how many of them are sentences.
    let mut paragraphs: Vec<usize> = Vec::new();
    let mut end = 0;
    for unit in &units {
        let gap = &review.source().text()[end.min(unit.text.start())..unit.text.start()];
        if paragraphs.is_empty() || gap.contains("\n\n") || gap.contains("\n\r\n") {
            paragraphs.push(0);
        }
        if let Some(last) = paragraphs.last_mut() {
            *last += usize::from(unit.kind == UnitKind::Sentence);
        }
        end = unit.text.end();
    }
    let in_paragraphs: usize = paragraphs.iter().filter(|count| **count >= 2).sum();
    let faults = review
        .findings()
        .iter()
        .filter(|found| !matches!(found.family, Family::Missing | Family::Cost))
        .count();
    paragraphs.len() >= PARAGRAPHS
        && in_paragraphs * 2 >= units.len()
        && (faults as f64) < FAULTY * units.len() as f64
}

/// A prompt of few units, or of one component and no question, reads best as it is.
pub(super) fn is_worth_sections(review: &Review, plan: &Plan) -> bool {
    let asking = review.units().iter().filter(|unit| unit.kind != UnitKind::Mark).count()
        - plan.dropped.len().min(review.units().len());
    let components = 6 - review.missing().len() + plan.asked.len();
    components >= 2 && (asking >= 5 || !plan.asked.is_empty())
}

/// The plan's edits, and a cut for every unit that goes.
fn cuts(review: &Review, plan: &Plan) -> Vec<Edit> {
    let mut dropped: Vec<usize> = plan.dropped.iter().copied().collect();
    dropped.sort_unstable();
    let gone =
        dropped.into_iter().map(|unit| Edit { span: removal(review, unit), replacement: String::new() });
    plan.edits.iter().cloned().chain(gone).collect()
}

/// The source with the plan's edits and cuts and nothing else, and what leads back from it.
pub(super) fn cleaned(review: &Review, plan: &Plan) -> (String, Shifts) {
    let text = review.source().text();
    let merged = merge(text, cuts(review, plan));
    let body = review.source().body_start();
    let out = apply(text, &merged).unwrap_or_else(|_| text.to_string()).split_off(body);
    (with_blocks(out, &plan.blocks, review.source().line_end()), Shifts::new(&merged, body))
}

/// A text with blocks of material at its end.
fn with_blocks(mut text: String, blocks: &[String], newline: &str) -> String {
    if blocks.is_empty() {
        return text;
    }
    text.truncate(text.trim_end().len());
    for block in blocks {
        text.push_str(&format!("{newline}{newline}{block}"));
    }
    text + newline
}

/// Keeps the author's layout: edits, drops and new sections where they belong.
pub(super) fn in_place(review: &Review, plan: Plan, wishes: &Wishes) -> Reframed {
    let newline = review.source().line_end();
    let mut edits = cuts(review, &plan);
    // An offered line joins the author's list of rules where there is one.
    let place = last_rule(review);
    let mut offered = plan.offered;
    if let Some((end, marker)) = place {
        let rules = offered.iter().filter(|(component, _)| *component == Component::Constraints);
        let lines: String = rules.map(|(_, line)| format!("{newline}{marker}{line}")).collect();
        if !lines.is_empty() {
            edits.push(Edit { span: Span::new(end, end), replacement: lines });
            offered.retain(|(component, _)| *component != Component::Constraints);
        }
    }
    let mut placed = Vec::new();
    for (component, slot) in &plan.asked {
        if let Some(at) = place_among(review, *component) {
            let section = section_style(review).section(title(*component), slot, newline);
            edits.push(Edit { span: Span::new(at, at), replacement: format!("{section}{newline}{newline}") });
            placed.push(*component);
        }
    }
    let body = review.source().body_start();
    let text = review.source().text();
    let merged = merge(text, edits);
    let mut out = apply(text, &merged).unwrap_or_else(|_| text.to_string()).split_off(body);
    if !plan.asked.is_empty() || !offered.is_empty() {
        let style = wishes
            .layout
            .filter(|_| !has_sections(review))
            .map_or_else(|| section_style(review), Style::from);
        let closing = out.trim_end().len();
        out.truncate(closing);
        for (component, line) in &offered {
            let section = if has_sections(review) { &style } else { &Style::Plain };
            out.push_str(&format!("{newline}{newline}{}", section.section(title(*component), line, newline)));
        }
        for (component, slot) in plan.asked.iter().filter(|(component, _)| !placed.contains(component)) {
            out.push_str(&format!("{newline}{newline}{}", style.section(title(*component), slot, newline)));
        }
        out.push_str(newline);
    }
    let out = with_blocks(out, &plan.blocks, newline);
    Reframed { text: out, notes: sorted(plan.notes) }
}

/// Where a section goes among headings that stand in the frame's order: before the first one that comes after it.
fn place_among(review: &Review, component: Component) -> Option<usize> {
    let order: Vec<Component> = review.frame().components().map(|(component, _)| component).collect();
    let rank = |component: Component| order.iter().position(|other| *other == component);
    let outline = review.outline();
    let headed = outline
        .sections
        .iter()
        .enumerate()
        .skip(1)
        .filter(|(_, section)| section.parent == Some(0) && matches!(section.mark, Mark::Heading(_)));
    let ranks: Vec<(usize, usize)> = headed
        .filter_map(|(id, section)| {
            let start = outline.pieces.get(section.first)?.span.start();
            Some((rank(review.title_component(id)?)?, start))
        })
        .collect();
    let in_order = ranks.len() >= 2 && ranks.windows(2).all(|pair| pair[0].0 <= pair[1].0);
    let own = rank(component)?;
    ranks.iter().find(|(rank, _)| *rank > own).map(|(_, start)| *start).filter(|_| in_order)
}

/// Puts the prompt's chunks under one heading for each component, in the frame's order; material comes last.
pub(super) fn regrouped(review: &Review, plan: Plan, layout: Option<Layout>) -> Reframed {
    let style = Style::from(layout.unwrap_or(Layout::Headings));
    let newline = review.source().line_end();
    let mut notes = plan.notes;
    let mut chunks = chunks(review, &plan.dropped);
    // "I'd like you to be a planner and make a plan": where nothing else asks, the persona's sentence is the ask.
    let asks = |chunk: &Chunk| chunk.component == Some(Component::Task);
    if !chunks.iter().any(asks) {
        let holds = |chunk: &&mut Chunk| {
            chunk.component == Some(Component::Role)
                && chunk.units.clone().any(|unit| review.labels()[unit].serves(Component::Task))
        };
        if let Some(chunk) = chunks.iter_mut().find(holds) {
            chunk.component = Some(Component::Task);
        }
    }
    let mut sections: Vec<(String, Vec<&Chunk>, Option<String>)> = Vec::new();
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
    if leans_on_context(review, &chunks) {
        let at = |sections: &[(String, Vec<&Chunk>, Option<String>)], component: Component| {
            sections.iter().position(|(name, ..)| name == title(component))
        };
        if let (Some(task), Some(context)) =
            (at(&sections, Component::Task), at(&sections, Component::Context))
            && task < context
        {
            let moved = sections.remove(context);
            sections.insert(task, moved);
        }
    }
    sections.push(("Input".into(), chunks.iter().filter(|chunk| chunk.is_input).collect(), None));
    let mut out = String::new();
    let head = written(review, &preamble, &plan.edits, &plan.dropped, false);
    if !head.is_empty() {
        out.push_str(&head);
    }
    let mut furthest = 0;
    for (name, inside, slot) in &sections {
        let rules = name == title(Component::Constraints);
        let body = written(review, inside, &plan.edits, &plan.dropped, rules);
        let own = without_heading(&body, name);
        let offered = plan.offered.iter().filter(|(component, _)| name == title(*component));
        let body = with_lines(own, offered.map(|(_, line)| line.as_str()), newline);
        let Some(body) = Some(body).filter(|body| !body.is_empty()).or_else(|| slot.clone()) else {
            continue;
        };
        if !out.is_empty() {
            out.push_str(&format!("{newline}{newline}"));
        }
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
    out.push_str(newline);
    out = with_blocks(out, &plan.blocks, newline);
    if layout != Some(Layout::Plain) {
        let why = "marked sections keep rules, facts and material apart".to_string();
        let words = format!("section {}", layout.unwrap_or(Layout::Headings).id());
        notes.push(Note { change: Change::Added, span: None, words, now: "every part".into(), why });
    }
    Reframed { text: out, notes: sorted(notes) }
}

/// "Get it out of them", right behind the sentence on whom: the background then comes first.
fn leans_on_context(review: &Review, chunks: &[Chunk]) -> bool {
    const POINTERS: [&str; 7] = ["them", "they", "their", "these", "those", "her", "him"];
    let Some(task) = chunks.iter().position(|chunk| chunk.component == Some(Component::Task)) else {
        return false;
    };
    let behind = task
        .checked_sub(1)
        .is_some_and(|at| chunks[at].component == Some(Component::Context) && !chunks[at].is_input);
    let text = review.source().text();
    let first = review.words_of(chunks[task].units.start);
    // "Write it for me" says nothing else of what it asks for.
    let bare = first.len() <= BARE
        && first.iter().any(|word| matches!(&*word.lower(text), "it" | "this" | "that" | "one"));
    behind && (bare || first.iter().any(|word| POINTERS.contains(&&*word.lower(text))))
}

/// The most words and signs of an ask that names nothing.
const BARE: usize = 7;

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

/// Where the author's rules end, and the marker of their items, if they are a list.
fn last_rule(review: &Review) -> Option<(usize, String)> {
    let first_piece = |unit: usize| &review.outline().pieces[review.units()[unit].pieces.start];
    let is_rule = |unit: usize| review.labels()[unit].component == Some(Component::Constraints);
    let item = |unit: &usize| {
        let piece = first_piece(*unit);
        is_rule(*unit) && piece.kind == (PieceKind::Item { ordered: false }) && piece.indent == 0
    };
    // Lines under a title for rules, where each stands alone.
    let line = |unit: &usize| {
        let titled = review.title_component(review.units()[*unit].section) == Some(Component::Constraints);
        is_rule(*unit) && titled && first_piece(*unit).kind == PieceKind::Text
    };
    let units = || (0..review.units().len()).rev();
    let unit = units().find(item).or_else(|| units().find(line))?;
    let pieces = &review.outline().pieces[review.units()[unit].pieces.clone()];
    let end = pieces[pieces.len() - 1].text.end();
    let listed = matches!(pieces[0].kind, PieceKind::Item { .. });
    let marker =
        if listed { review.source().slice(pieces[0].lead).trim().to_string() + " " } else { String::new() };
    Some((end, marker))
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

/// A heading on its own that names a component: the sections that are written say it again.
fn is_replaced(review: &Review, chunk: &Chunk) -> bool {
    let unit = &review.units()[chunk.units.start];
    let kind = review.outline().pieces[unit.pieces.start].kind;
    chunk.units.len() == 1 && kind == PieceKind::Heading && review.title_component(unit.section).is_some()
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
            || chunk.units.clone().all(|unit| review.units()[unit].kind == UnitKind::Sentence)
    };
    let kept: Vec<&&Chunk> =
        chunks.iter().filter(|chunk| !chunk.units.clone().all(|unit| dropped.contains(&unit))).collect();
    let bullets = as_list && kept.len() >= 3 && kept.iter().all(|chunk| single(chunk));
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
            out.push_str(if bullets || !neighbours { newline } else { between });
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
        let span = Span::clamp(removal(review, unit), chunk.span);
        local.push(Edit { span, replacement: String::new() });
    }
    let shift = |edit: &Edit| Edit {
        span: Span::new(edit.span.start() - chunk.span.start(), edit.span.end() - chunk.span.start()),
        replacement: edit.replacement.clone(),
    };
    let local: Vec<Edit> = merge(review.source().text(), local).iter().map(shift).collect();
    let text = review.source().slice(chunk.span);
    let text = apply(text, &local).unwrap_or_else(|_| text.to_string());
    // A sentence that moves leaves the line breaks of its old paragraph behind; lines of their own stay lines.
    let units = review.units();
    let prose = chunk.units.clone().all(|unit| units[unit].kind == UnitKind::Sentence);
    let flows = in_item || !chunk.units.clone().skip(1).any(|unit| units[unit].opens_piece);
    if prose && flows {
        text.split_whitespace().collect::<Vec<_>>().join(" ")
    } else {
        text.trim().to_string()
    }
}

/// What goes when a unit goes: its lines when it has them for itself, else its words and the blank after them.
fn removal(review: &Review, unit: usize) -> Span {
    let span = lead_span(review, unit);
    let text = review.source().text();
    let units = review.units();
    let shares = |other: Option<&crate::units::Unit>| {
        other.is_some_and(|o| o.pieces.start == units[unit].pieces.start)
    };
    let alone =
        !shares(unit.checked_sub(1).and_then(|before| units.get(before))) && !shares(units.get(unit + 1));
    if alone {
        let pieces = &review.outline().pieces[units[unit].pieces.clone()];
        let whole = pieces[0].span.cover(pieces[pieces.len() - 1].span);
        let blank = |piece: Option<&crate::outline::Piece>| piece.is_none_or(|p| p.kind == PieceKind::Blank);
        let (first, end) = (units[unit].pieces.start, units[unit].pieces.end);
        let pieces = &review.outline().pieces;
        // Between two blank lines one of them goes too.
        if blank(first.checked_sub(1).and_then(|at| pieces.get(at)))
            && end < pieces.len()
            && blank(pieces.get(end))
        {
            return whole.cover(pieces[end].span);
        }
        return whole;
    }
    let rest = &text[span.end()..];
    let gap = rest.len() - rest.trim_start_matches([' ', '\t']).len();
    if gap > 0 && !rest[gap..].starts_with(['\r', '\n']) {
        return Span::new(span.start(), span.end() + gap);
    }
    let head = &text[..span.start()];
    Span::new(head.trim_end_matches([' ', '\t']).len().max(review.source().body_start()), span.end())
}

/// Sorts edits, joins cuts that touch, and leaves out any other that would overlap one before it; of two at one place the
/// longer wins. A comma that a cut leaves before the end of its sentence goes with it.
fn merge(text: &str, mut edits: Vec<Edit>) -> Vec<Edit> {
    edits.sort_by_key(|edit| (edit.span.start(), std::cmp::Reverse(edit.span.end())));
    let is_cut = |edit: &Edit| edit.replacement.trim().is_empty() && !edit.span.is_empty();
    let mut kept: Vec<Edit> = Vec::with_capacity(edits.len());
    for edit in edits {
        match kept.last_mut().filter(|last| last.span.end() >= edit.span.start()) {
            // Two cuts that touch are one: the blank between two sentences goes with both.
            Some(last) if is_cut(last) && is_cut(&edit) => {
                if last.span.end() == edit.span.start() {
                    last.replacement.push_str(&edit.replacement);
                }
                last.span = last.span.cover(edit.span);
            }
            Some(last) if last.span.end() > edit.span.start() => {}
            _ => kept.push(edit),
        }
    }
    let mut from = 0;
    for edit in kept.iter_mut() {
        let head = text[from..edit.span.start()].trim_end();
        let ends = text[edit.span.end()..].trim_start_matches([' ', '\t']).starts_with(['.', '!', '?']);
        if is_cut(edit) && ends {
            let bare = head.strip_suffix(',').unwrap_or(head);
            edit.span = Span::new(from + bare.len(), edit.span.end());
            edit.replacement.clear();
        }
        from = edit.span.end();
    }
    kept
}

pub(super) fn sorted(mut notes: Vec<Note>) -> Vec<Note> {
    notes.sort_by_key(|note| (note.change >= Change::Added, note.change == Change::Open, note.span));
    notes
}
