//! A prompt as it is laid out: sections as their marks show them, and pieces that together are the whole text.

mod build;
mod fences;
mod line;
mod running;
mod tags;
mod titles;
mod turns;

pub(crate) use build::read;
pub(crate) use running::ends_open;
pub(crate) use titles::{is_bare_sample_title, is_known_title, is_sample_title};

use crate::message::Speaker;
use crate::span::Span;

/// Index of a section in [`Outline::sections`]. 0 is the whole prompt.
pub type SectionId = usize;

/// How a section's start is marked.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Mark {
    /// The whole prompt; no mark.
    Root,
    /// A Markdown heading or an underlined one, with its level from 1.
    Heading(u8),
    /// A bold line, or a line in capitals, or a short line that stands as a title.
    Title,
    /// `Label:` at the start of a line.
    Label,
    /// A tag with its closing twin.
    Tag,
    /// `=== Name ===` and its like.
    Rule,
    /// One message of a message list; no mark stands in its text.
    Message(Speaker),
}

/// A part of the prompt under one mark.
#[derive(Clone, Debug)]
pub struct Section {
    /// How it is marked.
    pub mark: Mark,
    /// The words of its title; empty for [`Mark::Root`].
    pub title: Span,
    /// The section it stands in.
    pub parent: Option<SectionId>,
    /// Index of its first piece: the mark itself.
    pub first: usize,
    /// Index past its last piece.
    pub end: usize,
}

/// What one piece of the text is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum PieceKind {
    /// Only white space.
    Blank,
    /// A title line of any style.
    Heading,
    /// A label alone on its line, `Sample reply:`.
    Label,
    /// An opening tag.
    TagOpen,
    /// A closing tag.
    TagClose,
    /// A row of `---`, `===`, quotation marks.
    Rule,
    /// A line that opens or closes a code fence.
    Fence,
    /// A line within a fence, or an indented code line.
    Code,
    /// A list item, `ordered` when it is numbered.
    Item {
        /// True for a number or a letter, false for a bullet.
        ordered: bool,
    },
    /// A table row.
    Row,
    /// A quoted line, `> ...`.
    Quote,
    /// A turn of a dialogue or one side of a sample, `User: ...`.
    Turn,
    /// `Label: text` on one line.
    Field,
    /// A line of front matter.
    FrontMatter,
    /// Plain text.
    Text,
}

/// A stretch of the text: a line, or the part of one that a tag cuts off.
#[derive(Clone, Copy, Debug)]
pub struct Piece {
    /// What it is.
    pub kind: PieceKind,
    /// All its bytes, line end included. Pieces joined in order give the text back.
    pub span: Span,
    /// Its words, without white space around and without a list marker.
    pub text: Span,
    /// The label of a [`PieceKind::Field`] or [`PieceKind::Turn`], the marker of an [`PieceKind::Item`].
    pub lead: Span,
    /// Width of the white space before it, in columns; a tab counts four.
    pub indent: u16,
    /// The section it stands in.
    pub section: SectionId,
}

/// A fault in the marks themselves.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Fault {
    /// A tag that is opened and never closed.
    OpenTag(Span),
    /// A closing tag with nothing to close.
    StrayClose(Span),
    /// A tag closed while one opened inside it is still open: the inner opening and the outer closing.
    CrossedTags(Span, Span),
    /// A code fence that is never closed.
    OpenFence(Span),
}

/// The layout of one prompt.
#[derive(Clone, Debug)]
pub struct Outline {
    /// All pieces, in order.
    pub pieces: Vec<Piece>,
    /// All sections, the whole prompt first.
    pub sections: Vec<Section>,
    /// What is wrong with the marks.
    pub faults: Vec<Fault>,
}

impl Outline {
    /// The sections around a section, from itself outward, without the root.
    pub fn chain(&self, from: SectionId) -> impl Iterator<Item = SectionId> + '_ {
        std::iter::successors(Some(from), |&id| self.sections[id].parent).take_while(|&id| id != 0)
    }
}

#[cfg(test)]
mod tests;
