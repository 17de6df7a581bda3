//! The plan written out where the author put things.

use super::chunk::lead_span;
use super::layout::{sorted, with_blocks};
use super::order::has_sections;
use super::plan::Plan;
use super::shifts::Shifts;
use super::style::{Style, section_style};
use super::{INPUT, Reframed, Wishes, title};
use crate::component::Component;
use crate::edit::{Edit, apply};
use crate::outline::{Mark, PieceKind};
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// The plan's edits, and a cut for every unit that goes.
fn cuts(review: &Review, plan: &Plan) -> Vec<Edit> {
    let mut dropped: Vec<usize> = plan.dropped.iter().copied().collect();
    dropped.sort_unstable();
    let gone = dropped
        .into_iter()
        .map(|unit| Edit { span: removal(review, unit, &plan.dropped), replacement: String::new() });
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
    let style =
        wishes.layout.filter(|_| !has_sections(review)).map_or_else(|| section_style(review), Style::from);
    let added: Vec<String> = offered
        .iter()
        .map(|(component, line)| {
            let section = if has_sections(review) { &style } else { &Style::Plain };
            section.section(title(*component), line, newline)
        })
        .chain(
            plan.asked
                .iter()
                .filter(|(component, _)| !placed.contains(component))
                .map(|(component, slot)| style.section(title(*component), slot, newline)),
        )
        .collect();
    // What comes in stays last, and so does the line that opens the answer.
    let material = super::material::start(review).filter(|_| !added.is_empty());
    if let Some(at) = material {
        let sections: String = added.iter().map(|section| format!("{section}{newline}{newline}")).collect();
        edits.push(Edit { span: Span::new(at, at), replacement: sections });
    }
    let body = review.source().body_start();
    let text = review.source().text();
    let merged = merge(text, edits);
    let mut out = apply(text, &merged).unwrap_or_else(|_| text.to_string()).split_off(body);
    // What stood first is gone, and with it the blank lines behind it.
    if !text[body..].starts_with(['\n', '\r']) {
        out.drain(..out.len() - out.trim_start_matches(['\n', '\r']).len());
    }
    if material.is_none() && !added.is_empty() {
        let closing = out.trim_end().len();
        out.truncate(closing);
        for section in &added {
            out.push_str(&format!("{newline}{newline}{section}"));
        }
        out.push_str(newline);
    }
    let out = with_blocks(without_loose_rule(review, out), &plan.blocks, newline);
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
        .filter(|(_, section)| section.parent == Some(0) && matches!(section.mark, Mark::Heading(_)))
        // What comes in stands last, whatever the frame says of facts.
        .filter(|(_, section)| review.source().slice(section.title).trim() != INPUT);
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

/// Where the author's rules end, and the marker of their items, if they are a list.
fn last_rule(review: &Review) -> Option<(usize, String)> {
    let first_piece = |unit: usize| &review.outline().pieces[review.units()[unit].pieces.start];
    let is_rule = |unit: usize| review.labels()[unit].component == Some(Component::Constraints);
    // A list of something else may hold one line that reads like a rule.
    let of_rules = |unit: usize| {
        // Units of one block stand side by side.
        let units = review.units();
        let of = |block: u32| units.partition_point(|other| other.block < block);
        let block = of(units[unit].block)..of(units[unit].block + 1);
        block.clone().filter(|&other| is_rule(other)).count() * 2 > block.len()
    };
    let item = |unit: &usize| {
        let piece = first_piece(*unit);
        is_rule(*unit)
            && piece.kind == (PieceKind::Item { ordered: false })
            && piece.indent == 0
            && of_rules(*unit)
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

/// A line of dashes that parted the prompt from what went before it would open the result, where it begins front matter.
fn without_loose_rule(review: &Review, out: String) -> String {
    let is_rule = |line: &str| {
        let line = line.trim();
        line.len() >= 3 && line.chars().all(|c| matches!(c, '-' | '=' | '*' | '_'))
    };
    let text = &review.source().text()[review.source().body_start()..];
    let head = out.trim_start_matches(['\n', '\r']);
    let first = head.lines().next().unwrap_or("");
    if is_rule(first) && !text.trim_start().starts_with(first) {
        return head[first.len()..].trim_start_matches(['\n', '\r', ' ', '\t']).to_string();
    }
    out
}

/// What goes when a unit goes: its lines when it has them for itself, else its words and the blank after them.
/// The marker of an item stays for what is left of it.
pub(super) fn removal(review: &Review, unit: usize, dropped: &HashSet<usize>) -> Span {
    let pieces = |unit: usize| review.units()[unit].pieces.start;
    let of_it = (unit + 1..review.units().len()).take_while(|next| pieces(*next) == pieces(unit));
    let item = matches!(review.units()[unit].kind, UnitKind::Item { .. });
    let stays = item && of_it.into_iter().any(|next| !dropped.contains(&next));
    let span = if stays { review.units()[unit].text } else { lead_span(review, unit) };
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
pub(super) fn merge(text: &str, mut edits: Vec<Edit>) -> Vec<Edit> {
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

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn an_item_that_loses_its_first_sentence_keeps_its_marker() {
        let out = reworded(
            "Write a notice for the quay.\n\n- Do not name a fare in the notice.\n- Name the pier.\n- Do not name a fare. Keep it to 60 words.\n",
        );
        assert!(out.contains("- Name the pier.\n- Keep it to 60 words."), "{out}");
    }

    #[test]
    fn a_cut_at_the_start_of_a_part_takes_nothing_from_the_part_before() {
        let text = "Use the tides.\n\n    spring: 3736/2\n\n Example:\n\n    .. tide-block::\n\n    tide = Tide(4)\n\n The output is:\n\n    .. tide-block::\n\n    Tide(id='8fc', question=\"How high? It is 4. \")\n";
        assert!(reworded(text).contains("Tide(id='8fc'"));
    }
}
