//! Marks that do not close.

use super::{Case, Check, Meta, Sink};
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::outline::{Fault, Mark, PieceKind, is_known_title};
use crate::slots::names_a_border;
use crate::span::Span;
use std::collections::HashSet;

/// A tag is opened and not closed, closed and not opened, or crossed with another.
pub(super) struct OpenTag;

static OPEN_TAG: Meta = Meta {
    id: "open-tag",
    family: Family::Markup,
    severity: Severity::Error,
    summary: "a tag without its twin, or tags that cross",
    write: "A closing tag where the part ends.",
    on: true,
    english: false,
    why: "With an open border, instructions and material run into each other.",
    bad: &[
        "<facts>\nTwo ferries sail.\n\n<ask>\nWrite a notice.\n</ask>",
        "Write a notice.\n</facts>",
        "<a>\n<b>\nx\n</a>\n</b>",
        "<facts>\nTwo ferries sail.\n</fact>",
        "<facts>\nTwo ferries sail.\n<facts>\nWrite a notice.",
        "Write a notice from the facts.\n\n<facts>{{facts}}",
    ],
    good: &[
        "<facts>\nTwo ferries sail.\n</facts>",
        "Put the answer between <answer> and </answer> tags, and call List<String>.",
    ],
};

impl Check for OpenTag {
    fn meta(&self) -> &'static Meta {
        &OPEN_TAG
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (tag, end) in opened_before_slots(case) {
            let name = case.shown(tag);
            let close = name.replacen('<', "</", 1);
            let message = format!("`{name}` is never closed");
            let finding = sink.report(tag, message, format!("close it with `{close}` behind the slot"));
            finding.fix.push(Edit { span: Span::new(end, end), replacement: close });
        }
        let mut told = HashSet::new();
        for (at, fault) in case.outline.faults.iter().enumerate() {
            if told.contains(&at) {
                continue;
            }
            match *fault {
                // `<BLANK>`, again and again: a hole to fill, and no tag.
                Fault::OpenTag(span) if at < LOOKED_AT && is_a_hole(case, span) => {}
                // `<START_OF_LOG>` and `<END_OF_LOG>` mark a part without closing tags.
                Fault::OpenTag(span) if names_a_border(case.shown(span).trim_matches(['<', '>'])) => {}
                Fault::OpenTag(span) => {
                    if let Some((other, slip)) = misspelt_close(case, at, span) {
                        told.insert(other);
                        report_slip(case, sink, span, slip);
                        continue;
                    }
                    let name = case.shown(span);
                    let close = format!("</{}", name[1..].split([' ', '>']).next().unwrap_or_default());
                    let message = format!("`{name}` is never closed");
                    let finding =
                        sink.report(span, message, format!("close it with `{close}>` where the part ends"));
                    if let Some(at) = end_of_part(case, span) {
                        let replacement = format!("{}{close}>", case.source.line_end());
                        finding.fix.push(Edit { span: Span::new(at, at), replacement });
                    }
                }
                Fault::StrayClose(span) => {
                    let name = case.shown(span);
                    let message = format!("`{name}` closes a tag that was never opened");
                    let finding = sink.report(
                        span,
                        message,
                        "open the tag where the part begins, or take this one out",
                    );
                    finding.fix = line_without(case, span);
                }
                Fault::CrossedTags(inner, outer) => {
                    let message =
                        format!("`{}` is still open when `{}` closes", case.shown(inner), case.shown(outer));
                    let finding = sink.report(inner, message, "close the inner tag before the outer one");
                    finding.related.push(outer);
                }
                Fault::OpenFence(_) => {}
            }
        }
    }
}

/// A longer tag holds more than a name, in bytes.
const LONGEST: usize = 40;

/// `<text>{{text}}` with no `</text>`: where the tag stands, and where the slot ends.
fn opened_before_slots(case: &Case<'_>) -> Vec<(Span, usize)> {
    let text = case.source.text();
    let in_tags = text.contains("}</");
    let braced =
        case.slots.iter().filter(|slot| text[slot.span.range()].starts_with(['{', '$'])).take(LOOKED_AT);
    let opened = braced.filter_map(|slot| {
        let head = text[..slot.span.start()].strip_suffix('>')?;
        let from = head.rfind('<').filter(|from| head.len() - from <= LONGEST)?;
        let name = &head[from + 1..];
        // Another name than the slot's is that of a tag where the slots beside it stand in tags.
        let plain = !name.is_empty() && name.bytes().all(|b| b.is_ascii_lowercase() || b == b'_');
        let own = name == case.text(slot.inner).trim() || plain && in_tags;
        let known = |fault: &Fault| matches!(fault, Fault::OpenTag(span) if span.start() == from);
        (own && !text.contains(&format!("</{name}>")) && !case.outline.faults.iter().any(known))
            .then(|| (Span::new(from, slot.span.start()), slot.span.end()))
    });
    opened.collect()
}

/// Takes out a mark that has its line for itself; nothing is said by it.
fn line_without(case: &Case<'_>, mark: Span) -> Vec<Edit> {
    let pieces = &case.outline.pieces;
    let piece = pieces.get(pieces.partition_point(|piece| piece.span.end() <= mark.start()));
    let alone = piece.filter(|piece| case.text(piece.span).trim() == case.text(mark));
    alone.map(|piece| Edit { span: piece.span, replacement: String::new() }).into_iter().collect()
}

/// What was meant to close a tag and does not.
enum Slip {
    /// `</fact>` for `</facts>`.
    OtherName(Span),
    /// `<facts>` once more for `</facts>`.
    NoSlash(Span),
}

/// How many faults further on the slip of a tag is looked for.
const NEAR: usize = 6;
/// Letters by which the names of a tag and its misspelt twin differ at most.
const LETTERS: usize = 2;
/// Names longer than this, in bytes, are no slip of the pen.
const LONG_NAME: usize = 64;

/// The fault that is the other half of an open tag, by its place among the faults.
fn misspelt_close(case: &Case<'_>, at: usize, tag: Span) -> Option<(usize, Slip)> {
    let name = |span: Span| {
        case.text(span).trim_start_matches(['<', '/']).split([' ', '>', '/']).next().unwrap_or_default()
    };
    let indent = |span: Span| {
        let pieces = &case.outline.pieces;
        pieces.get(pieces.partition_point(|piece| piece.span.end() <= span.start())).map(|piece| piece.indent)
    };
    let faults = case.outline.faults.iter().enumerate().skip(at + 1).take(NEAR);
    faults.into_iter().find_map(|(other, fault)| match *fault {
        Fault::StrayClose(span) if span.start() > tag.start() && indent(span) == indent(tag) => {
            let (one, two) = (name(tag), name(span));
            let plain = one.len().max(two.len()) <= LONG_NAME && one.len() > LETTERS + 1;
            let alike = plain && (1..=LETTERS).contains(&strsim::levenshtein(one, two));
            alike.then_some((other, Slip::OtherName(span)))
        }
        Fault::OpenTag(span) if case.text(span) == case.text(tag) && indent(span) == indent(tag) => {
            Some((other, Slip::NoSlash(span)))
        }
        _ => None,
    })
}

fn report_slip(case: &Case<'_>, sink: &mut Sink<'_>, tag: Span, slip: Slip) {
    let name = case.shown(tag);
    let close = format!("</{}>", name[1..].split([' ', '>']).next().unwrap_or_default());
    let (place, message) = match slip {
        Slip::OtherName(span) => (span, format!("`{}` does not close `{name}`", case.shown(span))),
        Slip::NoSlash(span) => (span, format!("`{name}` is opened again and never closed")),
    };
    let finding = sink.report(place, message, format!("write `{close}`"));
    finding.related.push(tag);
    finding.fix.push(Edit { span: place, replacement: close });
}

/// How far the end of a part is looked for, in pieces.
const REACH: usize = 200;

/// Where the part under an unclosed tag surely ends: at the blank line before the next tag that opens a part beside it.
fn end_of_part(case: &Case<'_>, tag: Span) -> Option<usize> {
    let pieces = &case.outline.pieces;
    let at = pieces.partition_point(|piece| piece.span.end() <= tag.start());
    let opener = pieces.get(at).filter(|piece| piece.text == tag)?;
    let marked =
        |kind: PieceKind| matches!(kind, PieceKind::TagOpen | PieceKind::TagClose | PieceKind::Heading);
    let Some(next) = (at + 1..pieces.len().min(at + REACH)).find(|&next| marked(pieces[next].kind)) else {
        return end_of_last(case, at);
    };
    let beside = pieces[next].kind == PieceKind::TagOpen && pieces[next].indent == opener.indent;
    let blank = pieces[next - 1].kind == PieceKind::Blank;
    // "The request:" right before the next tag leads to that one, so the part ends at the blank line before it.
    let led = case.text(pieces[next - 1].text).trim_end().ends_with(':')
        && pieces[next - 2].kind == PieceKind::Blank
        && next - 2 > at + 1;
    let until = if led { next - 2 } else { next };
    let last = (at + 1..until)
        .rev()
        .find(|&last| pieces[last].kind != PieceKind::Blank)
        .filter(|_| beside && (blank || led))?;
    Some(pieces[last].text.end())
}

/// How often a name in capitals stands where it is a hole.
const HOLES: usize = 3;
/// How many faults are looked at for it: each is looked for in the whole text.
const LOOKED_AT: usize = 64;

fn is_a_hole(case: &Case<'_>, span: Span) -> bool {
    let tag = case.text(span).trim();
    let loud = tag.len() > 4 && tag[1..tag.len() - 1].chars().all(|c| c.is_ascii_uppercase() || c == '_');
    loud && case.source.text().matches(tag).take(HOLES).count() == HOLES
}

/// The end of the text, where the last of several parts was left open: nothing after it can belong elsewhere.
fn end_of_last(case: &Case<'_>, at: usize) -> Option<usize> {
    let pieces = &case.outline.pieces;
    let opener = &pieces[at];
    let closed = pieces[..at].iter().filter(|piece| piece.kind == PieceKind::TagClose);
    let beside = closed.filter(|piece| piece.indent == opener.indent).count();
    let last = (at + 1..pieces.len()).rev().find(|&last| pieces[last].kind != PieceKind::Blank)?;
    let parted = pieces[at + 1..last].iter().any(|piece| piece.kind == PieceKind::Blank);
    (beside >= 2 && !parted && pieces.len() < at + REACH).then(|| pieces[last].text.end())
}

/// A code fence is never closed.
pub(super) struct OpenFence;

static OPEN_FENCE: Meta = Meta {
    id: "open-fence",
    family: Family::Markup,
    severity: Severity::Error,
    summary: "a code fence that is never closed",
    write: "A closing fence where the block ends.",
    on: true,
    english: false,
    why: "Everything after an open fence reads as code, the instructions included.",
    bad: &[
        "Sort this log:\n```\n08:10 Merle late\n\nGive the result as a table.",
        "Sort this log:\n\"\"\"\n08:10 Merle late\n\nGive the result as a table.",
    ],
    good: &["Sort this log:\n```\n08:10 Merle late\n```\nGive the result as a table."],
};

impl Check for OpenFence {
    fn meta(&self) -> &'static Meta {
        &OPEN_FENCE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for fault in &case.outline.faults {
            let Fault::OpenFence(span) = *fault else { continue };
            let opener = case.shown(span);
            let marks: String = opener.chars().take_while(|c| matches!(c, '`' | '~')).collect();
            let lead = case.outline.pieces.iter().position(|piece| piece.text == span).unwrap_or(0);
            let last = case.outline.pieces[lead..]
                .iter()
                .skip(1)
                .take_while(|piece| piece.kind == PieceKind::Code)
                .last();
            let message = format!("the fence `{opener}` is never closed");
            let finding = sink.report(span, message, format!("add a line `{marks}` where the block ends"));
            if let Some(piece) = last {
                let at = Span::new(piece.text.end(), piece.text.end());
                let replacement = format!("{}{marks}", case.source.line_end());
                finding.fix.push(Edit { span: at, replacement });
            }
        }
        if let Some(row) = open_quotes(case) {
            let message = format!("the row `{}` is never closed", case.shown(row));
            let finding = sink.report(row, message, "add the same row where the text ends");
            // One paragraph, and the end of the text: nothing else can stand within it.
            let below = &case.source.text()[row.end()..];
            let end = row.end() + below.trim_end().len();
            if !below.trim().is_empty() && !below.trim().contains("\n\n") && !below.contains("\r\n\r\n") {
                let replacement = format!("{}{}", case.source.line_end(), case.text(row));
                finding.fix.push(Edit { span: Span::new(end, end), replacement });
            }
        }
    }
}

/// The last of an odd number of `"""`, where it has its line for itself.
fn open_quotes(case: &Case<'_>) -> Option<Span> {
    const ROW: &str = "\"\"\"";
    let text = case.source.text();
    let fenced = case.outline.pieces.iter().any(|piece| piece.kind == PieceKind::Fence);
    if fenced || text.matches(ROW).count().is_multiple_of(2) {
        return None;
    }
    let last = text.rfind(ROW)?;
    let line = case.source.line_around(last);
    (case.text(line).trim() == ROW).then(|| Span::new(last, last + ROW.len()))
}

/// A heading two levels below the one before.
pub(super) struct SkippedLevel;

static SKIPPED: Meta = Meta {
    id: "skipped-level",
    family: Family::Markup,
    severity: Severity::Note,
    summary: "a heading two levels or more below the one before",
    write: "The next level down.",
    on: true,
    english: false,
    why: "The levels say what belongs to what; with one left out, the reader has to guess.",
    bad: &["# Notice\n\nWrite a notice.\n\n### Rules\n\nAt most 80 words."],
    good: &["# Notice\n\nWrite a notice.\n\n## Rules\n\nAt most 80 words.\n\n# Facts\n\nTwo ferries sail."],
};

impl Check for SkippedLevel {
    fn meta(&self) -> &'static Meta {
        &SKIPPED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut before: Option<u8> = None;
        let mut shift: Option<(u8, u8)> = None;
        for (id, section) in case.outline.sections.iter().enumerate() {
            if matches!(section.mark, Mark::Message(_)) {
                (before, shift) = (None, None);
            }
            let Mark::Heading(level) = section.mark else { continue };
            let skips = before.is_some_and(|before| level > before + 1);
            // The headings beside the first skipped one are one slip, not many.
            let told =
                shift.is_some_and(|(from, to)| level == to && before.is_some_and(|before| before >= from));
            if let Some(from) = before.filter(|_| skips && !told) {
                let piece = &case.outline.pieces[section.first];
                let message = format!("a heading of level {level} follows one of level {from}");
                let write = format!("make it level {}", from + 1);
                sink.report(piece.text.cover(piece.lead), message, write).fix = raised(case, id, from, level);
                shift = Some((from, level));
            }
            before = Some(level);
        }
    }
}

/// Raises a heading to the level below `from`, and with it those beside and below it, and those that slip the same way later on.
fn raised(case: &Case<'_>, id: usize, from: u8, level: u8) -> Vec<Edit> {
    let mut edits = Vec::new();
    let (mut slips, mut before) = (true, from);
    for section in &case.outline.sections[id..] {
        let other = match section.mark {
            Mark::Heading(level) => level,
            Mark::Message(_) => break,
            _ => continue,
        };
        if other < from {
            break;
        }
        slips = other > from && (slips || other == level && before == from);
        if slips && other >= level {
            let start = case.outline.pieces[section.first].lead.start();
            let marks = Span::new(start, start + usize::from(level - from - 1));
            edits.push(Edit { span: marks, replacement: String::new() });
        }
        before = other;
    }
    edits
}

/// Sections marked in two ways.
pub(super) struct MixedSections;

static MIXED: Meta = Meta {
    id: "mixed-sections",
    family: Family::Markup,
    severity: Severity::Note,
    summary: "sections of rules or steps marked in two ways, by headings and by tags",
    write: "One way of marking sections; tags for material.",
    on: true,
    english: false,
    why: "Two styles leave open which mark ends a part, and whether a part in a tag is material or an order.",
    bad: &[
        "# Task\n\nWrite a notice for the quay.\n\n# Readers\n\nCommuters read it.\n\n<rules>\nUse at most 80 words.\nName the pier.\nNever promise a time.\n</rules>\n\n<answer_form>\nReturn a headline and two bullets.\nReturn nothing else.\n</answer_form>",
        "## Task\nWrite a notice.\n\nLENGTH\nAt most 80 words.\n\n## Facts\nThe boats leave at nine.",
    ],
    good: &[
        "# Task\n\nWrite a notice.\n\n# Rules\n\nUse at most 80 words.\n\n<facts>\n{{facts}}\n</facts>",
        "<task>\nWrite a notice.\n</task>\n<rules>\nUse at most 80 words.\n</rules>",
        "## Task\nWrite a notice.\n\nIMPORTANT\nAt most 80 words.\n\n## Facts\nThe boats leave at nine.",
    ],
};

impl Check for MixedSections {
    fn meta(&self) -> &'static Meta {
        &MIXED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        // Sections that hold demands of their own, by style.
        let mut demands = vec![0usize; case.outline.sections.len()];
        // `<path>...</path>` shows how a call is written.
        for unit in case.demands().filter(|&unit| !case.text(case.units[unit].text).starts_with('<')) {
            demands[case.units[unit].section] += 1;
        }
        let outer_tag = |id: usize| {
            case.outline.chain(id).skip(1).any(|outer| case.outline.sections[outer].mark == Mark::Tag)
        };
        let of = |wanted: fn(Mark) -> bool| -> Vec<usize> {
            (1..demands.len())
                .filter(|&id| demands[id] >= 1 && wanted(case.outline.sections[id].mark) && !outer_tag(id))
                .collect()
        };
        let headings = of(|mark| matches!(mark, Mark::Heading(_)));
        let tags: Vec<usize> =
            of(|mark| mark == Mark::Tag).into_iter().filter(|&id| demands[id] >= 2).collect();
        if headings.is_empty() || tags.len() < 2 {
            if let Some((one, two)) = titled_otherwise(case) {
                let message =
                    format!("`{}` and `{}` mark sections in two ways", case.shown(two), case.shown(one));
                sink.report(one, message, "mark all sections in one way").related.push(two);
            }
            return;
        }
        let (fewer, more) =
            if tags.len() <= headings.len() { (&tags, &headings) } else { (&headings, &tags) };
        let place = |id: usize| case.outline.pieces[case.outline.sections[id].first].text;
        let (one, two) = (place(fewer[0]), place(more[0]));
        let message = format!("`{}` and `{}` mark sections in two ways", case.shown(two), case.shown(one));
        sink.report(one, message, "mark all sections of instructions in one way; keep tags for material")
            .related
            .push(two);
    }
}

/// `LENGTH`, `=== Length ===` or `[Length]` between headings with `#`: the odd title, and a heading.
fn titled_otherwise(case: &Case<'_>) -> Option<(Span, Span)> {
    // What cries for attention is no section.
    const CRIES: [&str; 11] = [
        "important", "note", "warning", "critical", "remember", "attention", "caution", "user", "assistant",
        "system", "human",
    ];
    let pieces = &case.outline.pieces;
    let parted = |at: usize| at == 0 || pieces[at - 1].kind == PieceKind::Blank;
    let alone = |&at: &usize| {
        matches!(pieces[at].kind, PieceKind::Heading | PieceKind::Label | PieceKind::Text) && parted(at)
    };
    let lines: Vec<(Span, &str)> = (0..pieces.len())
        .filter(alone)
        .map(|at| (pieces[at].text, case.text(case.source.line_around(pieces[at].text.start())).trim()))
        .collect();
    let hashed = |(_, line): &&(Span, &str)| line.starts_with('#');
    let first = lines.iter().find(hashed).filter(|_| lines.iter().filter(hashed).count() >= 2)?;
    let odd = lines.iter().find(|(_, line)| {
        let name = line.trim_matches(['=', '[', ']', ' ', ':', '-']);
        let loud = name.len() > 3 && name.chars().all(|c| c.is_uppercase() || c == ' ');
        let framed = [("==", "=="), ("[", "]")].iter();
        let boxed = framed.into_iter().any(|(open, close)| line.starts_with(open) && line.ends_with(close));
        let cries = CRIES.iter().any(|word| name.to_lowercase().contains(word));
        (loud || boxed) && !cries && is_known_title(name)
    })?;
    Some((odd.0, first.0))
}

/// Characters that nobody sees.
pub(super) struct InvisibleCharacters;

static INVISIBLE: Meta = Meta {
    id: "invisible-characters",
    family: Family::Markup,
    severity: Severity::Warning,
    summary: "characters that nobody sees: zero-width signs, direction marks, tag characters",
    write: "The text without them.",
    on: true,
    english: false,
    why: "The model reads them although no person does; they break words apart and can carry hidden orders.",
    bad: &["Write the no\u{200b}tice.", "Write the notice.\u{202e}"],
    good: &["Write the notice for 👩\u{200d}✈️.", "Write the notice."],
};

impl Check for InvisibleCharacters {
    fn meta(&self) -> &'static Meta {
        &INVISIBLE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        if text.is_ascii() {
            return;
        }
        let mut found: Vec<(usize, char)> = Vec::new();
        for (at, c) in text.char_indices().skip_while(|(at, _)| *at < case.source.body_start()) {
            let invisible = matches!(
                u32::from(c),
                0x00AD | 0x200B | 0x200E | 0x200F | 0x202A..=0x202E | 0x2060..=0x2064 | 0x2066..=0x206F | 0xFEFF | 0xE0000..=0xE007F
            );
            // Joiners belong to emoji and to several scripts.
            let joiner = matches!(c, '\u{200c}' | '\u{200d}')
                && text[..at].chars().next_back().is_none_or(|before| before.is_ascii());
            if invisible || joiner {
                found.push((at, c));
            }
        }
        let Some(&(first, sign)) = found.first() else { return };
        let span = Span::new(first, first + sign.len_utf8());
        let count = if found.len() > 1 {
            format!(", and {} more of its kind", found.len() - 1)
        } else {
            String::new()
        };
        let message = format!("an invisible character (U+{:04X}){count}", u32::from(sign));
        let finding = sink.report(span, message, "take it out");
        finding.fix = found
            .iter()
            .map(|&(at, c)| Edit { span: Span::new(at, at + c.len_utf8()), replacement: String::new() })
            .collect();
    }
}
