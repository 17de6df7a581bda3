//! Byte ranges of one prompt file.

use std::ops::Range;

/// A range of bytes in one prompt, counted from the first byte of the file as it is on disk.
///
/// Only the reader makes one, so it lies within the text and on character boundaries.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Span {
    start: u32,
    end: u32,
}

impl Span {
    pub(crate) fn new(start: usize, end: usize) -> Span {
        debug_assert!(start <= end);
        // Source refuses files beyond u32::MAX bytes, so both fit.
        Span { start: start as u32, end: end as u32 }
    }

    /// First byte.
    pub fn start(self) -> usize {
        self.start as usize
    }

    /// One past the last byte.
    pub fn end(self) -> usize {
        self.end as usize
    }

    /// Length in bytes.
    pub fn len(self) -> usize {
        (self.end - self.start) as usize
    }

    /// True when the span holds no byte.
    pub fn is_empty(self) -> bool {
        self.start == self.end
    }

    /// The span as a range, for slicing.
    pub fn range(self) -> Range<usize> {
        self.start()..self.end()
    }

    /// True when the two share at least one byte.
    pub fn overlaps(self, other: Span) -> bool {
        self.start < other.end && other.start < self.end
    }

    /// True when `other` lies wholly within this span.
    pub fn contains(self, other: Span) -> bool {
        self.start <= other.start && other.end <= self.end
    }

    /// The part of `span` that lies within `bounds`; empty at its edge when none does.
    pub fn clamp(span: Span, bounds: Span) -> Span {
        let start = span.start.clamp(bounds.start, bounds.end);
        Span { start, end: span.end.clamp(start, bounds.end) }
    }

    /// The stretch of `length` bytes that starts `offset` bytes into `span`, cut at its end.
    /// Both have to lie on character boundaries of the text.
    pub fn within(span: Span, offset: usize, length: usize) -> Span {
        let start = (span.start() + offset).min(span.end());
        Span::new(start, (start + length).min(span.end()))
    }

    /// The smallest span that holds both.
    pub fn cover(self, other: Span) -> Span {
        Span { start: self.start.min(other.start), end: self.end.max(other.end) }
    }
}
