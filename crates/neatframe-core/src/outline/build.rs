//! From lines to pieces and sections, in one pass.

use super::fences::{self, Fenced};
use super::line::{self, Line};
use super::running;
use super::tags::{self, Closed, Role, Tag};
use super::turns;
use super::{Fault, Mark, Outline, Piece, PieceKind, Section, SectionId};
use crate::lexicon::{self, vocabulary};
use crate::source::Source;
use crate::span::Span;
use crate::words::Words;
use std::collections::HashMap;

/// Reads the layout of a prompt. Any text has one; broken marks are faults, never failures.
pub(crate) fn read(source: &Source, words: &Words) -> Outline {
    let mut builder = Builder {
        text: source.text(),
        words,
        lines: Vec::new(),
        fences: Vec::new(),
        turns: HashMap::new(),
        pieces: Vec::with_capacity(source.line_count() + 8),
        sections: vec![Section { mark: Mark::Root, title: Span::new(0, 0), parent: None, first: 0, end: 0 }],
        open: Vec::new(),
        hits: Vec::new(),
        bracketed: 0,
        titles: 0,
        named: 0,
        spaced: 0,
    };
    let mut faults = Vec::new();
    if source.messages().is_empty() {
        let all = Span::new(source.body_start(), source.text().len());
        region(&mut builder, all, &mut faults);
    }
    // Nothing that one message opens reaches into the next.
    for message in source.messages() {
        builder.enter(
            Mark::Message(message.speaker),
            Span::new(message.span.start(), message.span.start()),
            0,
            Some(NO_TAG),
            false,
        );
        region(&mut builder, message.span, &mut faults);
    }
    let end = builder.pieces.len();
    builder.sections[0].end = end;
    if let Some(first) = builder.pieces.first_mut() {
        // A byte order mark belongs to the first piece.
        first.span = Span::new(0, first.span.end());
    }
    Outline { pieces: builder.pieces, sections: builder.sections, faults }
}

/// Reads one stretch of whole lines whose marks stand for themselves.
fn region(builder: &mut Builder<'_>, stretch: Span, faults: &mut Vec<Fault>) {
    let text = builder.text;
    let lines = line::lines(text, stretch);
    let (fences, mut found) = fences::fenced(text, &lines);
    let mut tags = Vec::new();
    let closed = Closed::read(&text[stretch.range()]);
    for (index, line) in lines.iter().enumerate() {
        if fences[index] == Fenced::Outside {
            tags::scan(text, Span::new(line.start, line.end), &closed, &mut tags);
        }
    }
    let opens_alone = |tag: &Tag| {
        let after = lines.partition_point(|line| line.start <= tag.span.start());
        let next = lines.get(after).map(|line| text[line.start..line.end].trim());
        let follows =
            next.is_some_and(|next| !next.is_empty() && !line::is_rule(next) && !next.starts_with("</"));
        let labelled = || is_slot_under_label(text, &lines, after, tag);
        tag.starts_line && tag.ends_line && follows && !labelled()
    };
    found.extend(tags::pair(text, &mut tags, opens_alone));
    found.sort_by_key(|fault| fault.place());
    builder.turns = turns::labels(text, &lines, &fences);
    let heads = |line: &&Line| line::bracketed(text, line::core(text, line.start, line.end).0).is_some();
    builder.bracketed = lines.iter().filter(heads).count();
    (builder.lines, builder.fences) = (lines, fences);
    let named = (0..builder.lines.len()).filter(|&index| builder.is_named_part(index));
    builder.named = named.take(super::titles::NAMED).count();
    let spaced = (0..builder.lines.len()).filter(|&index| builder.is_spaced_title(index));
    builder.spaced = spaced.take(super::titles::NAMED).count();
    builder.titles = (0..builder.lines.len()).filter(|&index| builder.is_plain_title(index)).take(2).count();
    builder.run(&tags, &found);
    faults.extend(found);
}

/// "Question:" and `<question>` below it, with the next label right after: a slot and no tag. `after` is the line behind it.
fn is_slot_under_label(text: &str, lines: &[Line], after: usize, tag: &tags::Tag) -> bool {
    let line = |at: usize| lines.get(at).map_or("", |line| text[line.start..line.end].trim());
    let name = &text[tag.name.range()];
    let label = after.checked_sub(2).and_then(|at| line(at).strip_suffix(':'));
    // `#Notice#:` and `<NOTICE>` below it.
    let shouted = name.len() >= 3 && name.chars().all(|c| c.is_ascii_uppercase() || c == '_');
    let ends = line(after).is_empty() || line(after).ends_with(':');
    if shouted && label.is_some() && ends && !text.contains(&format!("</{name}>")) {
        return true;
    }
    let named = label.is_some_and(|label| label.trim_matches(['*', '#', ' ']).eq_ignore_ascii_case(name));
    named && line(after).ends_with(':') && text.matches(&text[tag.span.range()]).take(2).count() == 1
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

/// Words from which an indented line with full stops in it is a paragraph.
const PROSE: usize = 15;

/// How many lines away the option before or after one may stand.
const OPTIONS: usize = 6;

/// The closing tag of a section that no tag closes.
const NO_TAG: usize = usize::MAX;

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

pub(super) struct Builder<'a> {
    pub(super) text: &'a str,
    pub(super) words: &'a Words,
    pub(super) lines: Vec<Line>,
    pub(super) fences: Vec<Fenced>,
    turns: HashMap<String, usize>,
    pieces: Vec<Piece>,
    sections: Vec<Section>,
    open: Vec<Open>,
    hits: Vec<lexicon::Hit>,
    /// How many lines are a name in brackets.
    pub(super) bracketed: usize,
    /// Whether two lines or more are short names that stand over a part.
    pub(super) titles: usize,
    /// How many known titles stand between blank lines, at most as many as it takes to believe them.
    pub(super) spaced: usize,
    /// How many known titles stand over parts in small letters, at most as many as it takes to believe them.
    pub(super) named: usize,
}

impl Builder<'_> {
    fn run(&mut self, tags: &[Tag], faults: &[Fault]) {
        let unclosed: Vec<Span> = faults
            .iter()
            .filter_map(|f| if let Fault::OpenTag(span) = f { Some(*span) } else { None })
            .collect();
        let mut next_tag = 0;
        for index in 0..self.lines.len() {
            let line = self.lines[index];
            let first_tag = next_tag;
            while next_tag < tags.len() && tags[next_tag].span.start() < line.next {
                next_tag += 1;
            }
            self.line(index, tags, first_tag..next_tag, &unclosed);
        }
        self.close_down_to(0);
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
                // A closing tag on a line of its own is a mark, whatever it was to close.
                Role::Loose if tag.closes => tag.starts_line && tag.ends_line,
                Role::Loose => unclosed.binary_search(&tag.span).is_ok(),
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
        for at in on_line.clone().rev() {
            let tag = tags[at];
            let closes_outer = matches!(tag.role, Role::Close(opening) if tags[opening].starts_line);
            // "Sheet: <sheet>", closed on a line of its own.
            let labelled =
                self.text[rest.start()..tag.span.start().max(rest.start())].trim_end().ends_with(':');
            let opens = labelled
                && matches!(tag.role, Role::Open(close) if !on_line.contains(&close) && tags[close].starts_line);
            if tag.span.start() <= rest.start() || tag.span.end() != rest.end() || !(closes_outer || opens) {
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
            Role::Loose if tag.closes => {
                self.push(PieceKind::TagClose, Span::new(from, to), tag.span, tag.span, 0);
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
        if self.is_underline(index, body) || line::is_rule(body) || line::is_border(body) {
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
            if line::names_an_end(&self.text[title.range()]) {
                let ruled = |open: &Open| self.sections[open.id].mark == Mark::Rule;
                if let Some(depth) = self.open.iter().rposition(ruled) {
                    self.close_down_to(depth);
                }
                return self.push(PieceKind::Rule, whole, core, core, indent);
            }
            self.enter(Mark::Rule, title, 1, None, false);
            return self.push(PieceKind::Heading, whole, title, core, indent);
        }
        let option = || self.option_marker(index, core).map(|marker| (marker, true));
        if let Some((marker, ordered)) = line::item_marker(self.text, core).or_else(option) {
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
        let label = line::label(self.text, core).filter(|_| !self.goes_on(body));
        if let Some((label, start)) = label {
            return self.labelled(whole, core, label, start, indent);
        }
        self.leave_table();
        self.push(PieceKind::Text, whole, core, core, indent);
    }

    /// "Keep the content of all" and below it "roles: crew and guests": the rest of a sentence.
    fn goes_on(&self, body: &str) -> bool {
        let above = self.pieces.last().filter(|piece| piece.kind == PieceKind::Text);
        // "The fields are" leads to them.
        let leads = |line: &str| [" is", " are", " be", " as"].iter().any(|end| line.ends_with(end));
        body.starts_with(char::is_lowercase)
            && above.is_some_and(|piece| {
                let line = &self.text[piece.text.range()];
                running::ends_open(line) && !leads(line)
            })
    }

    /// `B. `, where a line nearby begins with `A. ` or `C. `: options to choose from. Alone it may be somebody's initial.
    fn option_marker(&self, index: usize, core: Span) -> Option<Span> {
        let letter = line::option_letter(&self.text[core.range()])?;
        let opens = |at: usize, with: u8| {
            let line = &self.lines[at];
            line::option_letter(self.text[line.start..line.end].trim()) == Some(with)
        };
        let before = index.saturating_sub(OPTIONS)..index;
        let after = index + 1..(index + 1 + OPTIONS).min(self.lines.len());
        let among = letter > b'A' && before.clone().any(|at| opens(at, letter - 1))
            || after.clone().any(|at| opens(at, letter + 1));
        among.then(|| Span::new(core.start(), core.start() + "A. ".len()))
    }

    /// "Example row:" and its rows: a line of plain text behind them is no part of that.
    fn leave_table(&mut self) {
        let Some(open) = self.open.last() else { return };
        let section = &self.sections[open.id];
        let first = self.pieces.get(section.first + 1).map(|piece| piece.kind);
        let last = self.pieces.last().map(|piece| piece.kind);
        if section.mark == Mark::Label && first == Some(PieceKind::Row) && last == Some(PieceKind::Row) {
            self.close_down_to(self.open.len() - 1);
        }
    }

    fn labelled(&mut self, whole: Span, core: Span, label: Span, start: usize, indent: u16) {
        let name = self.text[label.range()].to_lowercase();
        let known = self.is_known_title(label);
        if start >= core.end() {
            let opener = self.words.within(label).first().copied();
            let sentence = opener.is_some_and(|word| {
                word.is(vocabulary::VERB | vocabulary::CONDITION) && self.words.within(label).len() > 2
            });
            // "Never join two slips if:".
            let leads_to_cases = [" if", " when", " unless"].iter().any(|end| name.ends_with(end));
            let sentence = sentence || leads_to_cases;
            let leads_on =
                ["for", "from", "with", "in", "then", "to"].contains(&name.split(' ').next().unwrap_or(""));
            let capital = self.text[label.range()].starts_with(char::is_uppercase);
            if (known || (!sentence && !leads_on)) && capital {
                // "For example:" leads to what stands right below it.
                self.enter(Mark::Label, label, 8, None, !known || leads_on);
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
        super::titles::covers(self.words.within(label), &mut self.hits)
    }

    fn looks_like_code(&self, body: &str) -> bool {
        let in_list = self.pieces.iter().rev().find(|p| p.kind != PieceKind::Blank);
        let in_list = in_list.is_some_and(|p| matches!(p.kind, PieceKind::Item { .. }));
        // A paragraph that shows a record is a paragraph.
        let stops = body.match_indices(". ").filter(|(at, _)| body[at + 2..].starts_with(char::is_uppercase));
        let prose = body.starts_with(char::is_uppercase)
            && stops.take(2).count() >= 1
            && body.split_whitespace().count() >= PROSE;
        let prose = prose || body.ends_with([',', '}']) && running::is_running_text(body);
        !in_list
            && !prose
            && (body.ends_with([';', '{', '}', ',']) || body.contains("= ") || body.contains("\": "))
    }

    /// True when this row of signs underlines the title on the line before.
    fn is_underline(&self, index: usize, body: &str) -> bool {
        index > 0 && is_underline_row(body) && self.underlined(index - 1)
    }

    /// True when the line is a title underlined by the next.
    pub(super) fn underlined(&self, index: usize) -> bool {
        let body = |at: usize| self.lines.get(at).map_or("", |line| self.text[line.start..line.end].trim());
        let title = body(index);
        is_underline_row(body(index + 1))
            && !title.is_empty()
            && title.chars().count() <= 60
            && title.starts_with(char::is_alphanumeric)
            && !title.ends_with(['.', ':', ',', ';', '?', '!', '"', '>', '}'])
            && (index == 0
                || !body(index - 1).contains(char::is_alphanumeric)
                || ends_a_paragraph(title, body(index - 1)))
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

/// True for a short name below a full sentence: "Keep the fares." and below it "Menu".
fn ends_a_paragraph(title: &str, above: &str) -> bool {
    title.split_whitespace().count() <= 3
        && title.starts_with(char::is_uppercase)
        && above.ends_with(['.', '!', '?'])
}

fn is_underline_row(body: &str) -> bool {
    body.len() >= 3 && (body.bytes().all(|b| b == b'=') || body.bytes().all(|b| b == b'-'))
}
