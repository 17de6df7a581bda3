//! Units: the sentences, list items, code blocks, tables and turns that a prompt is made of.

mod halves;
mod sentence;
mod wrap;

use crate::outline::{Outline, PieceKind, SectionId};
use crate::source::Source;
use crate::span::Span;
use crate::words::Words;
use std::ops::Range;
use wrap::Paragraph;

/// What a unit is by its form.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub enum UnitKind {
    /// A heading, label, tag, row of signs or fence: it marks, and asks nothing itself.
    Mark,
    /// A sentence of running text.
    Sentence,
    /// A list item, or a sentence of one.
    Item {
        /// True when the list is numbered.
        ordered: bool,
    },
    /// The lines within a code fence, or indented code.
    Code,
    /// A table.
    Table,
    /// A turn of a dialogue or one side of a sample.
    Turn,
    /// `Label: text`.
    Field,
}

/// The smallest part of a prompt that a remark is about.
#[derive(Clone, Debug)]
pub struct Unit {
    /// What it is by its form.
    pub kind: UnitKind,
    /// Its words, without white space around. For an item without its marker.
    pub text: Span,
    /// The pieces of the outline it is made of.
    pub pieces: Range<usize>,
    /// The section it stands in.
    pub section: SectionId,
    /// Units of one paragraph or one list share this number.
    pub block: u32,
    /// True for the first unit of its piece, which carries the marker or label.
    pub opens_piece: bool,
}

impl Unit {
    /// Its words with the marker or label that it carries. A later sentence of a piece carries none, however long the piece is.
    pub(crate) fn with_lead(&self, outline: &Outline) -> Span {
        let lead = outline.pieces[self.pieces.start].lead;
        // Plain text leads itself, with all that stands on its line.
        let carries = self.opens_piece && lead.start() < self.text.start();
        if carries { lead.cover(self.text) } else { self.text }
    }
}

/// Reads the units of an outline, in order. Only white space and markers lie between them.
pub(crate) fn read(source: &Source, words: &Words, outline: &Outline) -> Vec<Unit> {
    let mut units = Vec::new();
    let mut at = 0;
    let mut block = 0;
    let mut last: Option<PieceKind> = None;
    let mut paragraph = Paragraph::default();
    while at < outline.pieces.len() {
        let piece = outline.pieces[at];
        let end = unit_end(source, outline, &mut paragraph, at);
        let kind = match piece.kind {
            PieceKind::Blank => {
                // A blank line parts paragraphs; items of one list stay together across it.
                let next = outline.pieces.get(at + 1).map(|piece| family(piece.kind));
                if !matches!((last, next), (Some(last), Some(Some(next))) if family(last) == Some(next)) {
                    block += 1;
                    last = None;
                }
                at = end;
                continue;
            }
            PieceKind::Heading
            | PieceKind::Label
            | PieceKind::TagOpen
            | PieceKind::TagClose
            | PieceKind::Rule
            | PieceKind::Fence
            | PieceKind::FrontMatter => UnitKind::Mark,
            PieceKind::Code => UnitKind::Code,
            PieceKind::Row => UnitKind::Table,
            PieceKind::Item { ordered } => UnitKind::Item { ordered },
            PieceKind::Turn => UnitKind::Turn,
            PieceKind::Field => UnitKind::Field,
            PieceKind::Text | PieceKind::Quote => UnitKind::Sentence,
        };
        // A marker with nothing behind it only marks.
        let bare = piece.text.is_empty() && !piece.lead.is_empty();
        let kind = if bare { UnitKind::Mark } else { kind };
        let parted = last.is_some_and(|last| family(last) != family(piece.kind));
        if parted || kind == UnitKind::Mark {
            block += 1;
        }
        last = Some(piece.kind);
        let opener = if kind == UnitKind::Mark { piece.lead } else { piece.text };
        let text = opener.cover(outline.pieces[end - 1].text);
        let whole = matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table);
        let spans = if whole { vec![text] } else { sentences(source, words, text, kind) };
        let spans = spans.into_iter().flat_map(|span| in_readable_parts(source, words, span, whole));
        for (index, text) in spans.enumerate() {
            let section = piece.section;
            units.push(Unit { kind, text, pieces: at..end, section, block, opens_piece: index == 0 });
        }
        at = end;
    }
    units.shrink_to_fit();
    units
}

/// The sentences of a stretch; one that holds a persona or a fact and an order makes two.
fn sentences(source: &Source, words: &Words, stretch: Span, kind: UnitKind) -> Vec<Span> {
    let mut spans = sentence::split(source.text(), stretch);
    if kind == UnitKind::Turn {
        return spans;
    }
    let mut parts = Vec::with_capacity(spans.len());
    for (index, span) in spans.drain(..).enumerate() {
        // A prompt says who the model is once, so the first sentence decides.
        let inside = words.within(span);
        let order = if index == 0 { halves::order(source.text(), span, inside) } else { None };
        let cut = order.or_else(|| halves::behind_a_fact(source.text(), inside));
        if let Some(at) = cut {
            let head = source.text()[span.start()..at].trim_end();
            parts.push(Span::new(span.start(), span.start() + head.len()));
            parts.push(Span::new(at, span.end()));
        } else {
            parts.push(span);
        }
    }
    parts
}

/// A sentence of more words than this is read in parts, since nobody could take it in as one demand.
const LONGEST: usize = 1000;

/// A stretch without a full stop for pages on end, cut between words.
fn in_readable_parts(source: &Source, words: &Words, span: Span, whole: bool) -> Vec<Span> {
    let inside = words.within(span);
    if whole || inside.len() <= LONGEST {
        return vec![span];
    }
    let text = source.text();
    let mut parts = Vec::new();
    let (mut from, mut last) = (span.start(), 0);
    for (at, word) in inside.iter().enumerate() {
        let start = word.start as usize;
        let parted = text[from..start].trim_end().len();
        if at - last >= LONGEST && from + parted < start && parted > 0 {
            parts.push(Span::new(from, from + parted));
            (from, last) = (start, at);
        }
    }
    parts.push(Span::new(from, span.end()));
    parts
}

/// Which pieces may share a block.
fn family(kind: PieceKind) -> Option<u8> {
    match kind {
        PieceKind::Item { ordered } => Some(1 + u8::from(ordered)),
        PieceKind::Turn => Some(3),
        PieceKind::Field => Some(4),
        PieceKind::Text | PieceKind::Quote => Some(5),
        PieceKind::Code => Some(6),
        PieceKind::Row => Some(7),
        _ => None,
    }
}

/// The piece after the last one that belongs with the piece at `at`: wrapped lines, rows of a table, lines of code.
fn unit_end(source: &Source, outline: &Outline, paragraph: &mut Paragraph, at: usize) -> usize {
    let pieces = &outline.pieces;
    let same = |kind: PieceKind| {
        let section = pieces[at].section;
        (at + 1..pieces.len())
            .find(|&next| pieces[next].kind != kind || pieces[next].section != section)
            .unwrap_or(pieces.len())
    };
    match pieces[at].kind {
        PieceKind::Code => same(PieceKind::Code),
        PieceKind::Row => same(PieceKind::Row),
        PieceKind::FrontMatter => same(PieceKind::FrontMatter),
        PieceKind::Text | PieceKind::Item { .. } | PieceKind::Field | PieceKind::Turn => {
            let mut end = at + 1;
            while end < pieces.len() && wrap::continues(source, outline, paragraph, at, end) {
                end += 1;
            }
            end
        }
        _ => at + 1,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::outline;

    fn units(text: &str) -> Vec<String> {
        let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
        let words = Words::read(source.text(), 0);
        let outline = outline::read(&source, &words);
        let units = read(&source, &words, &outline);
        units.iter().map(|unit| source.slice(unit.text).to_string()).collect()
    }

    #[test]
    fn a_sentence_of_pages_is_read_in_parts() {
        let text = "name the boat, ".repeat(900);
        let parts = units(&text);
        assert_eq!(parts.len(), 4, "3,600 words and signs");
        assert_eq!(parts.join(" "), text.trim_end());
        let one_word = "a".repeat(5000);
        assert_eq!(units(&one_word), [one_word]);
    }

    #[test]
    fn a_wrapped_sentence_is_one_unit() {
        let text =
            "Write the notice that we put up at the quay when the evening\nferry is late. Keep it short.";
        assert_eq!(
            units(text),
            [
                "Write the notice that we put up at the quay when the evening\nferry is late.",
                "Keep it short."
            ]
        );
    }

    #[test]
    fn the_rest_of_a_sentence_is_no_label_and_no_code() {
        let open = "Write the notice for the guests, and keep in it the names of all\nroles: crew, guests and clerks. Be brief.";
        assert_eq!(units(open).len(), 2, "{:?}", units(open));
        let indented =
            "    If there is no list of the boats of the day on the desk,\n    you can ask the clerk for it.";
        assert_eq!(units(indented).len(), 1, "{:?}", units(indented));
        let parted = "Name the pier. Tell the guests to stay out of the rain under the roof;\nit is not theirs to mend.";
        assert_eq!(units(parted).len(), 2, "{:?}", units(parted));
    }

    #[test]
    fn lines_broken_early_are_units_of_their_own() {
        let notes = [
            "need a notice for the pier",
            "the evening boat to the island is late again, two hours or so",
            "max 40 words",
        ];
        assert_eq!(units(&notes.join("\n")), notes);
        assert_eq!(
            units(
                "Name the pier, the boat and\nthe hour.\nAnswer in the language that the guest who asks has written in\nall day."
            ),
            [
                "Name the pier, the boat and\nthe hour.",
                "Answer in the language that the guest who asks has written in\nall day."
            ]
        );
    }

    #[test]
    fn a_line_that_ends_in_a_clause_of_its_own_is_over() {
        let lines = [
            "don't paste from the thread, use your own words but keep the amounts exactly as they are",
            "make sure that the whole thing is short",
            "quote the boat",
        ];
        assert_eq!(units(&lines.join("\n")), lines);
    }

    #[test]
    fn short_lines_stay_apart() {
        assert_eq!(units("site_id  the code\nitem  the thing"), ["site_id  the code", "item  the thing"]);
        assert_eq!(units("SD800 sourdough\nCRO croissant"), ["SD800 sourdough", "CRO croissant"]);
    }

    #[test]
    fn items_keep_their_indented_lines() {
        assert_eq!(units("- one\n  goes on\n- two. Three."), ["one\n  goes on", "two.", "Three."]);
    }

    #[test]
    fn a_bullet_with_nothing_behind_it() {
        assert_eq!(units("*\ntask1."), ["*", "task1."]);
    }

    #[test]
    fn code_is_one_unit() {
        assert_eq!(units("See:\n```\na\nb\n```"), ["See:", "```", "a\nb", "```"]);
    }
}
