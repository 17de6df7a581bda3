//! From lines to pieces and sections, in one pass.

use super::line::{self, Line};
use super::tags::{self, Role, Tag};
use super::{Fault, Mark, Outline, Piece, PieceKind, Section, SectionId};
use crate::lexicon::{self, Set, vocabulary};
use crate::source::Source;
use crate::span::Span;
use crate::words::Words;
use std::collections::HashMap;

/// Reads the layout of a prompt. Any text has one; broken marks are faults, never failures.
pub(crate) fn read(source: &Source, words: &Words) -> Outline {
    let text = source.text();
    let lines = line::lines(text, source.body_start());
    let (fences, mut faults) = fenced(text, &lines);
    let mut tags = Vec::new();
    for (index, line) in lines.iter().enumerate() {
        if fences[index] == Fenced::Outside {
            tags::scan(text, Span::new(line.start, line.end), &mut tags);
        }
    }
    let opens_alone = |tag: &Tag| {
        let after = lines.partition_point(|line| line.start <= tag.span.start());
        let next = lines.get(after).map(|line| text[line.start..line.end].trim());
        let follows =
            next.is_some_and(|next| !next.is_empty() && !line::is_rule(next) && !next.starts_with("</"));
        tag.starts_line && tag.ends_line && follows
    };
    faults.extend(tags::pair(text, &mut tags, opens_alone));
    faults.sort_by_key(|fault| fault.place());
    let turns = turn_labels(text, &lines, &fences);
    let mut builder = Builder {
        text,
        words,
        lines: &lines,
        fences: &fences,
        turns,
        pieces: Vec::with_capacity(lines.len() + 8),
        sections: vec![Section { mark: Mark::Root, title: Span::new(0, 0), parent: None, first: 0, end: 0 }],
        open: Vec::new(),
        hits: Vec::new(),
    };
    builder.run(&tags, &faults);
    Outline { pieces: builder.pieces, sections: builder.sections, faults }
}

impl Fault {
    /// Where the fault shows.
    pub fn place(&self) -> Span {
        match *self {
            Fault::OpenTag(span)
            | Fault::StrayClose(span)
            | Fault::OpenFence(span)
            | Fault::CrossedTags(span, _) => span,
        }
    }
}

#[derive(Clone, Copy, PartialEq, Eq)]
enum Fenced {
    Outside,
    Border,
    Inside,
    FrontMatter,
}

/// Which lines stand in code fences. A fence that is never closed ends at the next blank line.
fn fenced(text: &str, lines: &[Line]) -> (Vec<Fenced>, Vec<Fault>) {
    let mut kinds = vec![Fenced::Outside; lines.len()];
    let mut faults = Vec::new();
    let mut index = front_matter(text, lines, &mut kinds);
    while index < lines.len() {
        let Some((sign, length, _)) = fence(text, &lines[index]) else {
            index += 1;
            continue;
        };
        kinds[index] = Fenced::Border;
        let mut end = index + 1;
        let mut closed = false;
        while end < lines.len() {
            if let Some((other, count, info)) = fence(text, &lines[end])
                && other == sign
                && count >= length
            {
                closed = !info;
                break;
            }
            end += 1;
        }
        if !closed {
            let (span, _) = line::core(text, lines[index].start, lines[index].end);
            faults.push(Fault::OpenFence(span));
            let blank = |at: &usize| text[lines[*at].start..lines[*at].end].trim().is_empty();
            end = (index + 1..end).find(blank).unwrap_or(end);
        }
        kinds[index + 1..end].fill(Fenced::Inside);
        if closed {
            kinds[end] = Fenced::Border;
            end += 1;
        }
        index = end;
    }
    (kinds, faults)
}

/// Marks front matter; gives the line after it.
fn front_matter(text: &str, lines: &[Line], kinds: &mut [Fenced]) -> usize {
    let body = |at: usize| lines.get(at).map_or("", |line| text[line.start..line.end].trim_end());
    if body(0) != "---" || !body(1).contains(':') {
        return 0;
    }
    let Some(end) = (2..lines.len().min(60)).find(|&at| body(at) == "---") else { return 0 };
    kinds[..=end].fill(Fenced::FrontMatter);
    end + 1
}

/// Sign, length and "has an info string" of a fence line.
fn fence(text: &str, line: &Line) -> Option<(u8, usize, bool)> {
    let body = text[line.start..line.end].trim();
    let sign = *body.as_bytes().first()?;
    if sign != b'`' && sign != b'~' {
        return None;
    }
    let length = body.bytes().take_while(|&b| b == sign).count();
    let info = body[length..].trim();
    (length >= 3 && !info.contains('`')).then_some((sign, length, !info.is_empty()))
}

/// The labels that name the sides of a dialogue or of samples: two labels at least, each seen twice,
/// or two different speakers.
fn turn_labels(text: &str, lines: &[Line], fences: &[Fenced]) -> HashMap<String, usize> {
    let mut seen: HashMap<String, usize> = HashMap::new();
    for (line, fenced) in lines.iter().zip(fences) {
        let (core, _) = line::core(text, line.start, line.end);
        if *fenced != Fenced::Outside || core.is_empty() {
            continue;
        }
        if let Some((label, from)) = line::label(text, core)
            && from < core.end()
        {
            *seen.entry(text[label.range()].to_lowercase()).or_default() += 1;
        }
    }
    let flags =
        |label: &str| vocabulary::flags(vocabulary::find(label.rsplit(' ').next().unwrap_or("").as_bytes()));
    let side = vocabulary::SPEAKER | vocabulary::SAMPLE_IN | vocabulary::SAMPLE_OUT;
    let speakers = seen.keys().filter(|label| flags(label) & vocabulary::SPEAKER != 0).count();
    let doubled = seen.iter().filter(|(_, count)| **count >= 2).count();
    seen.retain(|label, count| {
        let flags = flags(label);
        (doubled >= 2 && *count >= 2 && (flags & side != 0 || doubled <= 4))
            || (speakers >= 2 && flags & vocabulary::SPEAKER != 0)
    });
    seen
}

/// An open section and what closes it.
struct Open {
    id: SectionId,
    /// Headings 1 to 6, titles 7, labels 8; tags 0.
    level: u8,
    /// The closing tag that ends it.
    closer: Option<usize>,
    /// Ends at the first blank line after its content.
    until_blank: bool,
}

struct Builder<'a> {
    text: &'a str,
    words: &'a Words,
    lines: &'a [Line],
    fences: &'a [Fenced],
    turns: HashMap<String, usize>,
    pieces: Vec<Piece>,
    sections: Vec<Section>,
    open: Vec<Open>,
    hits: Vec<lexicon::Hit>,
}

impl Builder<'_> {
    fn run(&mut self, tags: &[Tag], faults: &[Fault]) {
        let lines = self.lines;
        let unclosed: Vec<Span> = faults
            .iter()
            .filter_map(|f| if let Fault::OpenTag(span) = f { Some(*span) } else { None })
            .collect();
        let mut next_tag = 0;
        for (index, line) in lines.iter().enumerate() {
            let first_tag = next_tag;
            while next_tag < tags.len() && tags[next_tag].span.start() < line.next {
                next_tag += 1;
            }
            self.line(index, tags, first_tag..next_tag, &unclosed);
        }
        self.close_down_to(0);
        let end = self.pieces.len();
        self.sections[0].end = end;
        if let Some(first) = self.pieces.first_mut() {
            // A byte order mark belongs to the first piece.
            first.span = Span::new(0, first.span.end());
        }
    }

    fn line(&mut self, index: usize, tags: &[Tag], on_line: std::ops::Range<usize>, unclosed: &[Span]) {
        let line = self.lines[index];
        match self.fences[index] {
            Fenced::Border => return self.plain(line.start, line.next, line.end, PieceKind::Fence),
            Fenced::Inside => return self.plain(line.start, line.next, line.end, PieceKind::Code),
            Fenced::FrontMatter => {
                return self.plain(line.start, line.next, line.end, PieceKind::FrontMatter);
            }
            Fenced::Outside => {}
        }
        let (core, _) = line::core(self.text, line.start, line.end);
        let mut from = line.start;
        let mut tail = Vec::new();
        let mut rest = core;
        for at in on_line.clone() {
            let tag = tags[at];
            if tag.span.start() != rest.start() {
                break;
            }
            let structural = match tag.role {
                Role::Open(close) => !on_line.contains(&close) || tags[close].ends_line,
                Role::Close(opening) => !on_line.contains(&opening) || tags[opening].starts_line,
                Role::Loose => unclosed.contains(&tag.span),
            };
            if !structural {
                break;
            }
            let after = &self.text[tag.span.end()..core.end()];
            let end = if after.trim().is_empty() { line.next } else { tag.span.end() };
            self.tag(tag, at, from, end);
            from = end;
            rest = line::core(self.text, tag.span.end().min(core.end()), core.end()).0;
        }
        for at in on_line.rev() {
            let tag = tags[at];
            let closes_outer = matches!(tag.role, Role::Close(opening) if tags[opening].starts_line);
            if tag.span.start() <= rest.start() || tag.span.end() != rest.end() || !closes_outer {
                break;
            }
            tail.push(at);
            rest = line::core(self.text, rest.start(), tag.span.start()).0;
        }
        let mut end = tail.last().map_or(line.next, |&at| tags[at].span.start());
        if from < end {
            self.content(index, from, end, rest);
        }
        for (position, at) in tail.iter().enumerate().rev() {
            let until = if position == 0 { line.next } else { tags[tail[position - 1]].span.start() };
            self.tag(tags[*at], *at, end, until);
            end = until;
        }
    }

    fn tag(&mut self, tag: Tag, index: usize, from: usize, to: usize) {
        match tag.role {
            Role::Close(_) => {
                let depth = self.open.iter().rposition(|open| open.closer == Some(index));
                self.push(PieceKind::TagClose, Span::new(from, to), tag.span, tag.span, 0);
                if let Some(depth) = depth {
                    self.close_down_to(depth);
                }
            }
            Role::Open(closer) => {
                self.leave_unclosed();
                self.enter(Mark::Tag, tag.name, 0, Some(closer), false);
                self.push(PieceKind::TagOpen, Span::new(from, to), tag.span, tag.span, 0);
            }
            Role::Loose => {
                self.leave_unclosed();
                self.enter(Mark::Tag, tag.name, 0, None, true);
                self.push(PieceKind::TagOpen, Span::new(from, to), tag.span, tag.span, 0);
            }
        }
    }

    /// A tag that is never closed ends where the next one begins.
    fn leave_unclosed(&mut self) {
        let unclosed = |open: &Open| open.level == 0 && open.closer.is_none();
        if let Some(depth) = self.open.iter().position(unclosed) {
            self.close_down_to(depth);
        }
    }

    fn content(&mut self, index: usize, from: usize, to: usize, core: Span) {
        let whole = Span::new(from, to);
        let (_, indent) = line::core(self.text, from, to);
        let body = &self.text[core.range()];
        if body.is_empty() {
            if let Some(depth) = self.open.iter().position(|open| open.until_blank)
                && self.sections[self.open[depth].id].first + 1 < self.pieces.len()
            {
                self.close_down_to(depth);
            }
            return self.push(PieceKind::Blank, whole, core, core, 0);
        }
        if self.is_underline(index, body) || line::is_rule(body) {
            return self.push(PieceKind::Rule, whole, core, core, indent);
        }
        if let Some((level, title)) = self.heading(index, core) {
            self.enter(
                if level <= 6 { Mark::Heading(level) } else { Mark::Title },
                title,
                level,
                None,
                false,
            );
            return self.push(PieceKind::Heading, whole, title, core, indent);
        }
        if let Some(title) = line::ruled_title(self.text, core) {
            self.enter(Mark::Rule, title, 1, None, false);
            return self.push(PieceKind::Heading, whole, title, core, indent);
        }
        if let Some((marker, ordered)) = line::item_marker(self.text, core) {
            let text = Span::new(marker.end(), core.end());
            return self.push(PieceKind::Item { ordered }, whole, text, marker, indent);
        }
        if body.starts_with('>') && !body.starts_with(">>>") {
            return self.push(PieceKind::Quote, whole, core, core, indent);
        }
        if body.starts_with('|') && body.len() > 1 && body[1..].contains('|') {
            return self.push(PieceKind::Row, whole, core, core, indent);
        }
        if body.starts_with(">>> ") || (indent >= 4 && self.looks_like_code(body)) {
            return self.push(PieceKind::Code, whole, core, core, indent);
        }
        if let Some((label, start)) = line::label(self.text, core) {
            return self.labelled(whole, core, label, start, indent);
        }
        self.push(PieceKind::Text, whole, core, core, indent);
    }

    fn labelled(&mut self, whole: Span, core: Span, label: Span, start: usize, indent: u16) {
        let name = self.text[label.range()].to_lowercase();
        let known = self.is_known_title(label);
        if start >= core.end() {
            let opener = self.words.within(label).first().copied();
            let sentence = opener.is_some_and(|word| {
                word.is(vocabulary::VERB | vocabulary::CONDITION) && self.words.within(label).len() > 2
            });
            let leads_on =
                ["for", "from", "with", "in", "then", "to"].contains(&name.split(' ').next().unwrap_or(""));
            let capital = self.text[label.range()].starts_with(char::is_uppercase);
            if (known || (!sentence && !leads_on)) && capital {
                self.enter(Mark::Label, label, 8, None, !known);
                return self.push(PieceKind::Label, whole, label, core, indent);
            }
            return self.push(PieceKind::Text, whole, core, core, indent);
        }
        if self.turns.contains_key(&name) {
            return self.push(PieceKind::Turn, whole, core, label, indent);
        }
        if known && indent == 0 {
            self.enter(Mark::Label, label, 8, None, false);
        }
        self.push(PieceKind::Field, whole, core, label, indent);
    }

    /// True when the title lexicon covers the words of a label.
    fn is_known_title(&mut self, label: Span) -> bool {
        let words = self.words.within(label);
        lexicon::find(words, &mut self.hits);
        self.hits.iter().any(|hit| hit.set == Set::Title && (hit.last - hit.first + 1) * 2 > words.len())
    }

    fn looks_like_code(&self, body: &str) -> bool {
        let in_list = self.pieces.iter().rev().find(|p| p.kind != PieceKind::Blank);
        let in_list = in_list.is_some_and(|p| matches!(p.kind, PieceKind::Item { .. }));
        !in_list && (body.ends_with([';', '{', '}', ',']) || body.contains("= ") || body.contains("\": "))
    }

    /// True when this row of signs underlines the title on the line before.
    fn is_underline(&self, index: usize, body: &str) -> bool {
        index > 0 && is_underline_row(body) && self.underlined(index - 1)
    }

    /// True when the line is a title underlined by the next.
    fn underlined(&self, index: usize) -> bool {
        let body = |at: usize| self.lines.get(at).map_or("", |line| self.text[line.start..line.end].trim());
        let title = body(index);
        is_underline_row(body(index + 1))
            && !title.is_empty()
            && title.chars().count() <= 60
            && title.starts_with(char::is_alphanumeric)
            && !title.ends_with(['.', ':', ',', ';', '?', '!', '"', '>', '}'])
            && (index == 0 || body(index - 1).is_empty())
    }

    /// Level and title of a heading; 7 for lines that only stand as titles.
    fn heading(&self, index: usize, core: Span) -> Option<(u8, Span)> {
        if let Some(found) = line::heading(self.text, core) {
            return Some(found);
        }
        if self.underlined(index) {
            let next = self.lines[index + 1];
            return Some((if self.text[next.start..next.end].contains('=') { 1 } else { 2 }, core));
        }
        if let Some(title) = line::bold_title(self.text, core) {
            return Some((7, title));
        }
        let body = &self.text[core.range()];
        if line::is_capitals(body) || self.stands_as_title(index, body) {
            let title = body.trim_end_matches(':').trim_end();
            return Some((7, Span::new(core.start(), core.start() + title.len())));
        }
        None
    }

    /// A short line with no full stop, a blank line before it and text right after it.
    fn stands_as_title(&self, index: usize, body: &str) -> bool {
        let line = |at: usize| self.lines.get(at).map_or("", |line| self.text[line.start..line.end].trim());
        let next = line(index + 1);
        let words = body.split_whitespace().count();
        (index == 0 || line(index - 1).is_empty())
            && words <= 6
            && body.starts_with(char::is_uppercase)
            && body.chars().next_back().is_some_and(|c| c.is_alphanumeric() || c == ')')
            && !body.contains([':', '{', '<', '[', '|', '=', ','])
            && next.len() > body.len()
            && !next.starts_with(char::is_lowercase)
            && self.fences[index] == Fenced::Outside
    }

    fn enter(&mut self, mark: Mark, title: Span, level: u8, closer: Option<usize>, until_blank: bool) {
        if level > 0 {
            let scope = self.open.iter().rposition(|open| open.level == 0).map_or(0, |at| at + 1);
            if let Some(offset) = self.open[scope..].iter().position(|open| open.level >= level) {
                self.close_down_to(scope + offset);
            }
        }
        let parent = self.open.last().map_or(0, |open| open.id);
        let id = self.sections.len();
        self.sections.push(Section { mark, title, parent: Some(parent), first: self.pieces.len(), end: 0 });
        self.open.push(Open { id, level, closer, until_blank });
    }

    fn close_down_to(&mut self, depth: usize) {
        for open in self.open.drain(depth..) {
            self.sections[open.id].end = self.pieces.len();
        }
    }

    fn plain(&mut self, from: usize, next: usize, end: usize, kind: PieceKind) {
        let (core, indent) = line::core(self.text, from, end);
        self.push(kind, Span::new(from, next), core, core, indent);
    }

    fn push(&mut self, kind: PieceKind, span: Span, text: Span, lead: Span, indent: u16) {
        let section = self.open.last().map_or(0, |open| open.id);
        self.pieces.push(Piece { kind, span, text, lead, indent, section });
    }
}

fn is_underline_row(body: &str) -> bool {
    body.len() >= 3 && (body.bytes().all(|b| b == b'=') || body.bytes().all(|b| b == b'-'))
}
