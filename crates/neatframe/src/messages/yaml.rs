//! Message lists in YAML, with the place of every word of their contents.

use super::{Fault, SHAPE, joined, speaker};
use neatframe_core::{Anchor, Message, Speaker};
use saphyr_parser::{Event, Marker, Parser, ScalarStyle, Span, StrInput};
use std::ops::Range;

/// A list of messages, or a mapping that holds one under `messages`.
pub(super) fn list(file: &str) -> Result<Vec<Message>, Fault> {
    Reader::new(file).list()
}

/// The messages, each with where its content is written and how; none for a content in parts.
pub(super) fn written(file: &str) -> Result<Vec<(Message, Option<Written>)>, Fault> {
    let mut reader = Reader::new(file);
    let messages = reader.list()?;
    Ok(messages.into_iter().zip(reader.written).collect())
}

/// A content as it is written: with its quotes, or from the sign that opens the block to the block's end.
#[derive(Clone, Debug)]
pub(super) struct Written {
    pub(super) place: Range<usize>,
    /// Blanks before each line of a block; none for other styles.
    indent: Option<usize>,
}

impl Written {
    /// A text in this place. A block stays a block where its form can hold the text; `quoted` writes quotes whatever it was.
    pub(super) fn with(&self, text: &str, quoted: bool) -> String {
        let plain = |line: &str| {
            !line.ends_with([' ', '\t', '\r']) && !line.chars().any(|c| c.is_control() && c != '\t')
        };
        let fits = !text.starts_with([' ', '\n']) && text.trim_end_matches('\n').split('\n').all(plain);
        let Some(indent) = self.indent.filter(|_| fits && !quoted && !text.is_empty()) else {
            // JSON's strings are YAML's double-quoted scalars.
            let line_end = if self.indent.is_some() { "\n" } else { "" };
            return serde_json::Value::from(text).to_string() + line_end;
        };
        let body = text.trim_end_matches('\n');
        let chomping = match text.len() - body.len() {
            0 => "-",
            1 => "",
            _ => "+",
        };
        let mut out = format!("|{chomping}\n");
        for line in body.split('\n') {
            let blank = if line.is_empty() { 0 } else { indent };
            out.extend([" ".repeat(blank).as_str(), line, "\n"]);
        }
        out + &"\n".repeat((text.len() - body.len()).saturating_sub(1))
    }
}

impl Reader<'_> {
    fn list(&mut self) -> Result<Vec<Message>, Fault> {
        let reader = self;
        let (event, span) = reader.next()?;
        match event {
            Event::SequenceStart(..) => reader.messages(),
            Event::MappingStart(..) => {
                let mut found = None;
                while let Some(key) = reader.key()? {
                    let (event, span) = reader.next()?;
                    match event {
                        Event::SequenceStart(..) if key == "messages" => found = Some(reader.messages()?),
                        event => reader.skip(&event, &span)?,
                    }
                }
                found.ok_or_else(|| {
                    Fault::new(reader.at(&span.start), format!("holds no `messages`; {SHAPE}"))
                })
            }
            _ => Err(Fault::new(reader.at(&span.start), format!("is not a list; {SHAPE}"))),
        }
    }
}

/// Reads events one by one: no tree is built, so depth costs nothing.
struct Reader<'a> {
    file: &'a str,
    lines: Vec<usize>,
    events: Parser<'a, StrInput<'a>>,
    /// How each message's content is written.
    written: Vec<Option<Written>>,
}

impl<'a> Reader<'a> {
    fn new(file: &'a str) -> Reader<'a> {
        let lines = std::iter::once(0).chain(file.match_indices('\n').map(|(at, _)| at + 1)).collect();
        Reader { file, lines, events: Parser::new_from_str(file), written: Vec::new() }
    }

    /// The byte at which a marker stands; markers count characters.
    fn at(&self, marker: &Marker) -> usize {
        let start = self.lines.get(marker.line().saturating_sub(1)).copied().unwrap_or(self.file.len());
        let column = self.file[start..].char_indices().nth(marker.col());
        column.map_or(self.file.len(), |(offset, _)| start + offset)
    }

    /// The next event that says something.
    fn next(&mut self) -> Result<(Event<'a>, Span), Fault> {
        loop {
            match self.events.next_event() {
                None => return Err(Fault::new(self.file.len(), format!("is empty; {SHAPE}"))),
                Some(Err(error)) => {
                    return Err(Fault::new(
                        self.at(error.marker()),
                        format!("not valid YAML: {}", error.info()),
                    ));
                }
                Some(Ok((Event::Nothing | Event::StreamStart | Event::DocumentStart(_), _))) => {}
                Some(Ok((Event::Alias(_), span))) => {
                    return Err(Fault::new(
                        self.at(&span.start),
                        "an alias (`*name`) stands here; write its text out",
                    ));
                }
                Some(Ok(found)) => return Ok(found),
            }
        }
    }

    /// The next key of a mapping; `None` at its end.
    fn key(&mut self) -> Result<Option<String>, Fault> {
        let (event, span) = self.next()?;
        match event {
            Event::MappingEnd => Ok(None),
            Event::Scalar(key, ..) => Ok(Some(key.into_owned())),
            _ => Err(Fault::new(self.at(&span.start), "a key is not plain words")),
        }
    }

    /// Passes over the rest of a value whose first event was taken.
    fn skip(&mut self, first: &Event<'_>, span: &Span) -> Result<(), Fault> {
        let mut depth = usize::from(matches!(first, Event::SequenceStart(..) | Event::MappingStart(..)));
        if matches!(first, Event::StreamEnd) {
            return Err(Fault::new(self.at(&span.start), "ends too early"));
        }
        while depth > 0 {
            match self.next()?.0 {
                Event::SequenceStart(..) | Event::MappingStart(..) => depth += 1,
                Event::SequenceEnd | Event::MappingEnd => depth -= 1,
                _ => {}
            }
        }
        Ok(())
    }

    fn messages(&mut self) -> Result<Vec<Message>, Fault> {
        let mut found = Vec::new();
        loop {
            let (event, span) = self.next()?;
            match event {
                Event::SequenceEnd => return Ok(found),
                Event::MappingStart(..) => found.push(self.message(self.at(&span.start))?),
                _ => return Err(Fault::new(self.at(&span.start), format!("is not an object; {SHAPE}"))),
            }
        }
    }

    fn message(&mut self, at: usize) -> Result<Message, Fault> {
        let (mut role, mut parts, mut written) = (None, Vec::new(), None);
        while let Some(key) = self.key()? {
            let (event, span) = self.next()?;
            match (key.as_str(), event) {
                ("role", Event::Scalar(name, ..)) => role = Some(speaker(&name, self.at(&span.start))?),
                ("content", Event::Scalar(text, style, ..)) => {
                    // An absent content is written as nothing, `~` or `null`.
                    let none = style == ScalarStyle::Plain && ["", "~", "null"].contains(&text.as_ref());
                    if !none {
                        written = self.written(style, &span);
                        parts.push(self.scalar(&text, style, &span));
                    }
                }
                ("content", Event::SequenceStart(..)) => self.parts(&mut parts)?,
                ("content", _) => {
                    let what = "the `content` is neither a string nor a list of parts";
                    return Err(Fault::new(self.at(&span.start), what));
                }
                (_, event) => self.skip(&event, &span)?,
            }
        }
        let speaker = role.ok_or_else(|| Fault::new(at, format!("has no `role`; {SHAPE}")))?;
        self.written.push(written);
        Ok(joined(speaker, parts))
    }

    /// Where a scalar is written. The parser's place of a block begins behind the line with its sign.
    fn written(&self, style: ScalarStyle, span: &Span) -> Option<Written> {
        let (start, end) = (self.at(&span.start), self.at(&span.end));
        if !matches!(style, ScalarStyle::Literal | ScalarStyle::Folded) {
            return Some(Written { place: start..end, indent: None });
        }
        let line = self.file[..start].rfind('\n').map_or(0, |at| at + 1);
        let sign = self.file[..line].rfind(['|', '>'])?;
        // Blank lines behind the block and the blanks of the next line are none of it.
        let last = start + self.file[start..end].trim_end().len();
        let end = self.file[last..end].find('\n').map_or(end, |at| last + at + 1);
        Some(Written { place: sign..end, indent: Some(start - line) })
    }

    fn parts(&mut self, parts: &mut Vec<Message>) -> Result<(), Fault> {
        loop {
            let (event, span) = self.next()?;
            match event {
                Event::SequenceEnd => return Ok(()),
                Event::Scalar(text, style, ..) => parts.push(self.scalar(&text, style, &span)),
                Event::MappingStart(..) => {
                    while let Some(key) = self.key()? {
                        let (event, span) = self.next()?;
                        match (key.as_str(), event) {
                            ("text", Event::Scalar(text, style, ..)) => {
                                parts.push(self.scalar(&text, style, &span))
                            }
                            (_, event) => self.skip(&event, &span)?,
                        }
                    }
                }
                event => self.skip(&event, &span)?,
            }
        }
    }

    fn scalar(&self, text: &str, style: ScalarStyle, span: &Span) -> Message {
        let (start, end) = (self.at(&span.start), self.at(&span.end));
        let anchors = aligned(text, &self.file[start..end.max(start)], start, style);
        Message { speaker: Speaker::User, text: text.into(), anchors }
    }
}

/// Pairs the characters of a scalar with those of its written form, which differs in escapes, quotes, indents and folded lines.
fn aligned(text: &str, raw: &str, start: usize, style: ScalarStyle) -> Vec<Anchor> {
    let mut at = match style {
        ScalarStyle::Plain => 0,
        ScalarStyle::SingleQuoted | ScalarStyle::DoubleQuoted => 1,
        // The words begin on the line after the sign.
        ScalarStyle::Literal | ScalarStyle::Folded if raw.starts_with(['|', '>']) => {
            raw.find('\n').map_or(raw.len(), |end| end + 1)
        }
        ScalarStyle::Literal | ScalarStyle::Folded => 0,
    };
    let mut anchors: Vec<Anchor> = vec![Anchor { text: 0, file: start + at.min(raw.len()) }];
    let mut put = |text: usize, at: usize| {
        let last = anchors[anchors.len() - 1];
        if text + last.file != start + at + last.text {
            anchors.push(Anchor { text, file: start + at });
        }
    };
    for (offset, sign) in text.char_indices() {
        let rest = &raw[at.min(raw.len())..];
        if sign.is_whitespace() {
            put(offset, at);
            let same = rest.chars().next().filter(|c| c.is_whitespace());
            let escaped = style == ScalarStyle::DoubleQuoted && rest.starts_with('\\');
            at += if escaped { escape(rest) } else { same.map_or(0, char::len_utf8) };
            continue;
        }
        let blank = rest.len() - rest.trim_start().len();
        at += blank;
        let rest = &rest[blank..];
        put(offset, at);
        if rest.starts_with(sign) && sign != '\\' {
            at += sign.len_utf8();
            if style == ScalarStyle::SingleQuoted && sign == '\'' {
                at += usize::from(raw[at..].starts_with('\''));
            }
        } else if style == ScalarStyle::DoubleQuoted && rest.starts_with('\\') {
            at += escape(rest);
        } else if rest.starts_with(sign) {
            at += sign.len_utf8();
        }
    }
    anchors
}

/// Length in bytes of the escape at the start of a double-quoted stretch.
fn escape(rest: &str) -> usize {
    let length = match rest.as_bytes().get(1) {
        Some(b'x') => 4,
        Some(b'u') => 6,
        Some(b'U') => 10,
        _ => 1 + rest[1..].chars().next().map_or(0, char::len_utf8),
    };
    length.min(rest.len())
}

#[cfg(test)]
mod tests {
    use super::*;

    const FILE: &str = "model: m\nmessages:\n- role: system\n  content: |\n    You are Olaf.\n\n    Name the pier.\n- role: user\n  content: 'It''s late, write\n    the note'\n- {role: assistant, content: \"Late \\u00e9 \\\"x\\\" boat\"}\n- role: user\n  content: >\n    Now the\n    north pier.\n";

    #[test]
    fn every_style_of_scalar_is_read_with_its_places() {
        let read = list(FILE).unwrap();
        let texts: Vec<&str> = read.iter().map(|message| message.text.as_str()).collect();
        assert_eq!(
            texts,
            [
                "You are Olaf.\n\nName the pier.\n",
                "It's late, write the note",
                "Late é \"x\" boat",
                "Now the north pier.\n"
            ]
        );
        // Each word is found where the anchors say.
        for message in &read {
            for word in message
                .text
                .split_whitespace()
                .filter(|word| word.chars().all(char::is_alphanumeric) && word.is_ascii())
            {
                let at = word.as_ptr() as usize - message.text.as_ptr() as usize;
                let after = message.anchors.partition_point(|anchor| anchor.text <= at);
                let anchor = message.anchors[after - 1];
                let place = anchor.file + at - anchor.text;
                assert_eq!(&FILE[place..place + word.len()], word);
            }
        }
    }

    #[test]
    fn faults_name_their_place() {
        assert_eq!(
            list("- role: user\n  content: [a, b\n").unwrap_err().what.split(':').next(),
            Some("not valid YAML")
        );
        assert_eq!(list("- content: x\n").unwrap_err().at, 2);
        assert_eq!(list("a: 1\n").unwrap_err().what, format!("holds no `messages`; {SHAPE}"));
        assert_eq!(list("- &a {role: user, content: x}\n- *a\n").unwrap_err().at, 32);
    }

    #[test]
    fn depth_costs_nothing() {
        let deep = format!("messages: {}", "[".repeat(20_000));
        assert!(list(&deep).is_err());
    }
}
