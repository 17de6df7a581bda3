//! The author's sections under other marks: headings turned into tags and the like. Only marks change, no unit does.

use super::{Change, Layout, Note, Reframed};
use crate::component::{Component, Facet};
use crate::ledger::Uncounted;
use crate::outline::{Mark, PieceKind, SectionId};
use crate::review::{Review, Settings, review};
use crate::source::Source;
use crate::units::UnitKind;
use std::collections::{HashMap, HashSet};

/// Gives the sections of a restructured prompt the marks of `layout`.
pub(super) fn marked(reframed: Reframed, settings: &Settings, layout: Option<Layout>) -> Reframed {
    let Some(layout) = layout else { return reframed };
    let Ok(source) = Source::from_bytes(reframed.text.clone().into_bytes()) else { return reframed };
    let read = review(source, settings, &Uncounted);
    let sections: Vec<SectionId> =
        (1..read.outline().sections.len()).filter(|&id| is_changed(&read, id, layout)).collect();
    let (text, titles) = if sections.is_empty() {
        let Some(labelled) = super::labelled::sections(&read, layout) else { return reframed };
        labelled
    } else {
        let titles = sections.iter().map(|&id| title(&read, id)).collect();
        (rewritten(&read, &sections, layout), titles)
    };
    let Reframed { mut notes, .. } = reframed;
    let words = titles.join(", ");
    let now = format!("section {}", layout.id());
    notes.push(Note {
        change: Change::Edited,
        span: None,
        words,
        now,
        why: "the layout that was asked for".into(),
    });
    Reframed { text, notes }
}

/// True when a section's mark can be told as another one, and is not of the layout already.
fn is_changed(read: &Review, id: SectionId, layout: Layout) -> bool {
    let section = &read.outline().sections[id];
    let piece = &read.outline().pieces[section.first];
    // The title over everything is the prompt's name.
    let opens = read.outline().pieces[..section.first].iter().all(|before| before.kind == PieceKind::Blank);
    let bare = || read.units().iter().all(|unit| unit.section != id || unit.kind == UnitKind::Mark);
    if opens && section.mark != Mark::Tag && bare() {
        return false;
    }
    let titled = !read.source().slice(section.title).trim().is_empty();
    let named = title(read, id).chars().all(|c| c.is_alphanumeric() || matches!(c, ' ' | '_' | '-'));
    match section.mark {
        Mark::Heading(_) if layout == Layout::Headings => false,
        Mark::Label if layout == Layout::Labels => false,
        Mark::Tag if layout == Layout::Tags => false,
        Mark::Heading(_) | Mark::Title | Mark::Label => {
            // Underlined titles take two lines, and a title that is a sentence makes no tag.
            let own_line = matches!(piece.kind, PieceKind::Heading | PieceKind::Label);
            let underlined =
                read.outline().pieces.get(section.first + 1).is_some_and(|next| next.kind == PieceKind::Rule);
            own_line && titled && !underlined && (named || layout != Layout::Tags)
        }
        Mark::Tag => {
            let last = section.end.checked_sub(1).and_then(|last| read.outline().pieces.get(last));
            let alone = |at: usize| {
                let piece = &read.outline().pieces[at];
                let line_start =
                    piece.span.start() == 0 || read.source().text()[..piece.span.start()].ends_with('\n');
                let last = at + 1 == read.outline().pieces.len();
                line_start && (last || read.source().slice(piece.span).ends_with('\n'))
            };
            let closed = last.is_some_and(|piece| piece.kind == PieceKind::TagClose);
            closed && named && alone(section.first) && alone(section.end - 1) && !is_fence(read, id)
        }
        Mark::Rule | Mark::Root | Mark::Message(_) => false,
    }
}

/// How many units of a section are looked at; material is told by the first ones.
const MATERIAL: usize = 400;

/// Tags around material keep it apart from orders, in every layout.
fn is_fence(read: &Review, id: SectionId) -> bool {
    let section = &read.outline().sections[id];
    let from = read.units().partition_point(|unit| unit.pieces.start <= section.first);
    let to = read.units().partition_point(|unit| unit.pieces.start < section.end);
    let units: Vec<usize> =
        (from..to).filter(|&unit| read.units()[unit].kind != UnitKind::Mark).take(MATERIAL).collect();
    let material = |unit: &usize| {
        let label = &read.labels()[*unit];
        label.component == Some(Component::Examples)
            || label.component == Some(Component::Context)
                && (label.facet == Some(Facet::InputSlot) || units.len() == 1 && !read.slots().is_empty())
    };
    units.is_empty() || units.iter().all(material)
}

/// A section's title in plain words.
fn title(read: &Review, id: SectionId) -> String {
    let section = &read.outline().sections[id];
    let words = read.source().slice(section.title).trim().trim_end_matches(':').trim_matches('*').trim();
    match section.mark {
        Mark::Tag => {
            let plain = words.replace(['_', '-'], " ");
            let mut chars = plain.chars();
            chars.next().map_or(String::new(), |first| first.to_uppercase().chain(chars).collect())
        }
        _ => words.to_string(),
    }
}

fn rewritten(read: &Review, sections: &[SectionId], layout: Layout) -> String {
    let newline = read.source().line_end();
    let outline = read.outline();
    let opens: HashMap<usize, SectionId> =
        sections.iter().map(|&id| (outline.sections[id].first, id)).collect();
    let mut closes: HashMap<usize, Vec<SectionId>> = HashMap::new();
    let mut gone: HashSet<usize> = HashSet::new();
    for &id in sections {
        let section = &outline.sections[id];
        if section.mark == Mark::Tag {
            gone.insert(section.end - 1);
        }
        if layout == Layout::Tags {
            // The closing tag stands before the blank lines at the end of the section.
            let last =
                (section.first..section.end).rev().find(|&at| outline.pieces[at].kind != PieceKind::Blank);
            // Inner sections come later in the list, and close first.
            closes.entry(last.unwrap_or(section.first)).or_default().insert(0, id);
        }
    }
    let mut out = String::with_capacity(read.source().text().len() + sections.len() * 16);
    for (at, piece) in outline.pieces.iter().enumerate() {
        let own = read.source().slice(piece.span);
        match opens.get(&at) {
            Some(&id) => {
                let mark = mark(&title(read, id), outline.chain(id).count(), layout);
                let joined = !out.is_empty() && !out.ends_with(&format!("{newline}{newline}"));
                if joined && layout != Layout::Tags && !mark.is_empty() {
                    out.push_str(newline);
                }
                if !mark.is_empty() {
                    out.push_str(&mark);
                    out.push_str(newline);
                }
            }
            None if gone.contains(&at) => {}
            None => out.push_str(own),
        }
        for &id in closes.get(&at).into_iter().flatten() {
            if !out.ends_with('\n') {
                out.push_str(newline);
            }
            out.push_str(&format!("</{}>{newline}", slug(&title(read, id))));
        }
    }
    out
}

fn slug(title: &str) -> String {
    title.to_lowercase().replace([' ', '-'], "_")
}

fn mark(title: &str, depth: usize, layout: Layout) -> String {
    match layout {
        Layout::Headings => format!("{} {title}", "#".repeat(depth.clamp(1, 6))),
        Layout::Tags => format!("<{}>", slug(title)),
        Layout::Labels => format!("{title}:"),
        Layout::Plain => String::new(),
    }
}
