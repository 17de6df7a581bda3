//! From bytes to lines and columns, at the same cost wherever a byte stands.

use crate::source::Position;
use std::ops::Range;

/// Where the lines of a text begin, and how many characters stand before each block of it.
#[derive(Clone, Debug)]
pub(crate) struct Lines {
    starts: Vec<u32>,
    /// Characters before each block of [`BLOCK`] bytes.
    before: Vec<u32>,
}

/// Bytes that are counted at a time for a column: a text may be one line of megabytes with thousands of findings.
const BLOCK: usize = 512;

impl Lines {
    pub(crate) fn of(text: &str) -> Lines {
        let bytes = text.as_bytes();
        let starts = memchr::memchr_iter(b'\n', bytes).map(|at| at as u32 + 1);
        let mut count = 0;
        let before = bytes.chunks(BLOCK).map(|block| {
            let here = count;
            count += characters(block);
            here
        });
        Lines { starts: std::iter::once(0).chain(starts).collect(), before: before.collect() }
    }

    /// How many lines begin, that behind a last line end included.
    pub(crate) fn count(&self) -> usize {
        self.starts.len()
    }

    /// The bytes of the line around a byte, its line end included; `length` is that of the text.
    pub(crate) fn around(&self, at: usize, length: usize) -> Range<usize> {
        let line = self.starts.partition_point(|&start| start as usize <= at);
        self.starts[line - 1] as usize..self.starts.get(line).map_or(length, |&next| next as usize)
    }

    /// Line and column of a byte of the text, whose first line begins at byte `body`.
    pub(crate) fn position(&self, text: &str, body: usize, at: usize) -> Position {
        let line = self.starts.partition_point(|&start| start as usize <= at);
        let start = (self.starts[line - 1] as usize).max(body).min(at);
        let before = |at: usize| {
            let block = (at / BLOCK).min(self.before.len().saturating_sub(1));
            let counted = self.before.get(block).copied().unwrap_or(0);
            (counted + characters(&text.as_bytes()[block * BLOCK..at])) as usize
        };
        Position { line, column: 1 + before(at) - before(start) }
    }
}

/// How many characters begin in a stretch of UTF-8.
fn characters(bytes: &[u8]) -> u32 {
    bytes.iter().filter(|&&byte| byte & 0xC0 != 0x80).count() as u32
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    proptest! {
        #[test]
        fn columns_count_the_characters_of_the_line(text in "[aé\u{1F600}\n]{0,60}", far in 0usize..3) {
            let text = format!("{}{text}", "é".repeat(far * BLOCK));
            let lines = Lines::of(&text);
            for (at, _) in text.char_indices().rev().take(64) {
                let head = &text[..at];
                let line = 1 + head.matches('\n').count();
                let column = 1 + head.rsplit('\n').next().unwrap_or("").chars().count();
                prop_assert_eq!(lines.position(&text, 0, at), Position { line, column });
            }
        }
    }

    #[test]
    fn lines_are_found_by_any_of_their_bytes() {
        let text = "ab\n\ncd";
        let lines = Lines::of(text);
        assert_eq!(lines.count(), 3);
        assert_eq!((lines.around(1, text.len()), lines.around(3, text.len())), (0..3, 3..4));
        assert_eq!(lines.around(5, text.len()), 4..6);
        assert_eq!(Lines::of("").position("", 0, 0), Position { line: 1, column: 1 });
    }
}
