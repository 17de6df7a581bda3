//! A prompt's text, kept byte for byte, and the way from bytes to lines and columns.

use crate::lines::Lines;
use crate::message::{Anchor, Message, MessageSpan};
use crate::span::Span;
use thiserror::Error;

/// The largest prompt that is read, in bytes: spans are 32 bits wide.
pub const LARGEST: usize = 1 << 30;

const BYTE_ORDER_MARK: &str = "\u{feff}";

/// Why bytes are not a prompt that can be reviewed. Places are byte offsets from 0, lines count from 1.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[non_exhaustive]
pub enum SourceError {
    /// A byte sequence that is not UTF-8.
    #[error("not UTF-8 text: byte {at} (line {line}) is 0x{byte:02X}; save the file as UTF-8")]
    NotUtf8 {
        /// Offset of the first byte that does not fit.
        at: usize,
        /// Line of that byte.
        line: usize,
        /// The byte itself.
        byte: u8,
    },
    /// A byte order mark of UTF-16.
    #[error("this is UTF-16 text (its first two bytes say so); save the file as UTF-8")]
    Utf16,
    /// A NUL byte, which no prompt holds: most likely not a text file.
    #[error(
        "holds a NUL byte at byte {at} (line {line}), so it is not a text file; remove the byte or name another file"
    )]
    Nul {
        /// Offset of the first NUL byte.
        at: usize,
        /// Line of that byte.
        line: usize,
    },
    /// No bytes at all.
    #[error("is empty: there is no prompt to read")]
    Empty,
    /// Nothing but white space.
    #[error("holds only white space ({bytes} bytes): there is no prompt to read")]
    Blank {
        /// Size of the file in bytes.
        bytes: usize,
    },
    /// A message list with no words in any message.
    #[error("holds {messages} messages and no words in any of them: there is no prompt to read")]
    Wordless {
        /// How many messages there are.
        messages: usize,
    },
    /// Larger than [`LARGEST`].
    #[error("is {bytes} bytes long; the most that is read is {LARGEST} bytes, so split it")]
    TooLarge {
        /// Size of the file in bytes.
        bytes: usize,
    },
}

/// A place for people: both counts start at 1, columns are in characters.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Position {
    /// Line, from 1.
    pub line: usize,
    /// Column in characters, from 1.
    pub column: usize,
}

/// The text of one prompt with its line starts. The text never changes after it is read.
///
/// The text of a message list is that of its messages, with an empty line between them; places are those in the file.
#[derive(Clone, Debug)]
pub struct Source {
    text: String,
    body: usize,
    lines: Lines,
    list: Option<Box<List>>,
}

/// The file around a message list.
#[derive(Clone, Debug)]
struct List {
    file: String,
    lines: Lines,
    messages: Vec<MessageSpan>,
    anchors: Vec<Anchor>,
}

impl Source {
    /// Reads a file's bytes.
    ///
    /// # Errors
    /// [`SourceError`] when the bytes are not UTF-8, hold a NUL byte, or hold nothing but white space.
    pub fn from_bytes(bytes: Vec<u8>) -> Result<Source, SourceError> {
        if bytes.is_empty() {
            return Err(SourceError::Empty);
        }
        if bytes.len() > LARGEST {
            return Err(SourceError::TooLarge { bytes: bytes.len() });
        }
        if bytes.starts_with(&[0xFF, 0xFE]) || bytes.starts_with(&[0xFE, 0xFF]) {
            return Err(SourceError::Utf16);
        }
        let line_of = |bytes: &[u8], at: usize| 1 + memchr::memchr_iter(b'\n', &bytes[..at]).count();
        if let Some(at) = memchr::memchr(0, &bytes) {
            return Err(SourceError::Nul { at, line: line_of(&bytes, at) });
        }
        let text = String::from_utf8(bytes).map_err(|error| {
            let at = error.utf8_error().valid_up_to();
            let bytes = error.into_bytes();
            SourceError::NotUtf8 { at, line: line_of(&bytes, at), byte: bytes[at] }
        })?;
        let body = if text.starts_with(BYTE_ORDER_MARK) { BYTE_ORDER_MARK.len() } else { 0 };
        if text[body..].trim().is_empty() {
            return Err(SourceError::Blank { bytes: text.len() });
        }
        let lines = Lines::of(&text);
        Ok(Source { text, body, lines, list: None })
    }

    /// Makes a prompt of the messages that were read from a file. `file` is the file's whole text.
    ///
    /// # Errors
    /// [`SourceError::Wordless`] when no message holds words, [`SourceError::TooLarge`] beyond [`LARGEST`].
    pub fn from_messages(file: Source, messages: Vec<Message>) -> Result<Source, SourceError> {
        let (mut text, mut spans, mut anchors) = (String::new(), Vec::new(), Vec::new());
        let count = messages.len();
        for message in messages {
            if !text.is_empty() {
                text.push_str(if text.ends_with('\n') { "\n" } else { "\n\n" });
            }
            let start = text.len();
            let moved = |anchor: &Anchor| Anchor { text: anchor.text + start, file: anchor.file };
            anchors.extend(message.anchors.iter().map(moved));
            text.push_str(&message.text);
            // White space that parts it from the one before belongs to the one before.
            if let Some(last) = spans.last_mut() {
                let last: &mut MessageSpan = last;
                last.span = Span::new(last.span.start(), start);
            }
            spans.push(MessageSpan { speaker: message.speaker, span: Span::new(start, text.len()) });
        }
        if text.trim().is_empty() || text.contains('\0') {
            return Err(SourceError::Wordless { messages: count });
        }
        if text.len() > LARGEST {
            return Err(SourceError::TooLarge { bytes: text.len() });
        }
        let lines = Lines::of(&text);
        let list = List { lines: file.lines, file: file.text, messages: spans, anchors };
        Ok(Source { text, body: 0, lines, list: Some(Box::new(list)) })
    }

    /// What the file holds: the list as it is written, where the prompt is a message list, and the text where it is not.
    pub fn file(&self) -> &str {
        self.list.as_ref().map_or(&self.text, |list| &list.file)
    }

    /// The messages of a message list, in order; empty for a plain prompt.
    pub fn messages(&self) -> &[MessageSpan] {
        self.list.as_ref().map_or(&[], |list| &list.messages)
    }

    /// Where a span stands in the file as it is on disk. Only in a message list is that another place than in the text.
    pub fn on_disk(&self, span: Span) -> Span {
        let Some(list) = &self.list else { return span };
        let start = list.place(span.start());
        // An end is the place after the last byte, not the place of the byte after.
        let end = if span.is_empty() { start } else { list.place(span.end() - 1) + 1 };
        Span::new(start, end.max(start))
    }

    /// The whole text: as it is on disk, a byte order mark included, or the messages of a list.
    pub fn text(&self) -> &str {
        &self.text
    }

    /// Offset of the first byte after a byte order mark, or 0.
    pub fn body_start(&self) -> usize {
        self.body
    }

    /// The text under a span.
    pub fn slice(&self, span: Span) -> &str {
        &self.text[span.range()]
    }

    /// Number of lines; a last line without a line end counts.
    pub fn line_count(&self) -> usize {
        self.lines.count() - usize::from(self.text.ends_with('\n'))
    }

    /// The line end that the text uses first: `"\r\n"` or `"\n"`.
    pub fn line_end(&self) -> &'static str {
        match memchr::memchr(b'\n', self.text.as_bytes()) {
            Some(at) if at > 0 && self.text.as_bytes()[at - 1] == b'\r' => "\r\n",
            _ => "\n",
        }
    }

    /// Line and column in the file of a byte offset into the text.
    pub fn position(&self, at: usize) -> Position {
        match &self.list {
            None => self.lines.position(&self.text, self.body, at),
            Some(list) => list.lines.position(&list.file, 0, list.place(at)),
        }
    }

    /// The span of the text's line that holds a byte offset, without its line end.
    pub fn line_around(&self, at: usize) -> Span {
        let line = self.lines.around(at, self.text.len());
        let body = self.text[line.clone()].trim_end_matches(['\r', '\n']);
        Span::new(line.start, line.start + body.len())
    }
}

impl List {
    /// The byte of the file that a byte of the text stands for.
    fn place(&self, at: usize) -> usize {
        let after = self.anchors.partition_point(|anchor| anchor.text <= at);
        let Some(anchor) = after.checked_sub(1).map(|index| self.anchors[index]) else { return 0 };
        let next = self.anchors.get(after).map_or(self.file.len(), |next| next.file);
        let mut place = (anchor.file + at - anchor.text).min(next.max(anchor.file)).min(self.file.len());
        while !self.file.is_char_boundary(place) {
            place -= 1;
        }
        place
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn read(text: &str) -> Source {
        Source::from_bytes(text.as_bytes().to_vec()).unwrap()
    }

    #[test]
    fn bad_bytes_are_named_with_their_place() {
        let error = |bytes: &[u8]| Source::from_bytes(bytes.to_vec()).unwrap_err();
        assert_eq!(error(b"ab\ncd\xFFe"), SourceError::NotUtf8 { at: 5, line: 2, byte: 0xFF });
        assert_eq!(error(b"a\n\nb\0"), SourceError::Nul { at: 4, line: 3 });
        assert_eq!(error(b""), SourceError::Empty);
        assert_eq!(error("\u{feff} \n\t".as_bytes()), SourceError::Blank { bytes: 6 });
        assert_eq!(error(b"\xFF\xFEa\0"), SourceError::Utf16);
    }

    #[test]
    fn positions_count_characters_and_skip_the_byte_order_mark() {
        let source = read("\u{feff}é b\r\nsecond");
        assert_eq!(source.position(3), Position { line: 1, column: 1 });
        assert_eq!(source.position(6), Position { line: 1, column: 3 });
        assert_eq!(source.position(source.text().len()), Position { line: 2, column: 7 });
        assert_eq!(source.line_end(), "\r\n");
        assert_eq!(source.slice(source.line_around(10)), "second");
    }

    #[test]
    fn a_last_line_end_adds_no_line() {
        assert_eq!(read("a\nb\n").line_count(), 2);
        assert_eq!(read("a\nb").line_count(), 2);
    }
}
