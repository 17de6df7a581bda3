//! Message lists: a prompt as the turns of a conversation, and where their words stand in the file.

use crate::span::Span;

/// Who says a message.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub enum Speaker {
    /// The standing orders.
    System,
    /// The person, or the program in their place.
    User,
    /// The model: what it said is a sample of what it should say.
    Assistant,
    /// What a tool gave back.
    Tool,
}

impl Speaker {
    /// A speaker by the names in use: `system` and `developer`, `user` and `human`, `assistant`, `model` and `ai`,
    /// `tool` and `function`.
    pub fn named(name: &str) -> Option<Speaker> {
        Some(match name.to_ascii_lowercase().as_str() {
            "system" | "developer" => Speaker::System,
            "user" | "human" => Speaker::User,
            "assistant" | "model" | "ai" => Speaker::Assistant,
            "tool" | "function" => Speaker::Tool,
            _ => return None,
        })
    }

    /// The name for people and for machine-readable output.
    pub fn id(self) -> &'static str {
        match self {
            Speaker::System => "system",
            Speaker::User => "user",
            Speaker::Assistant => "assistant",
            Speaker::Tool => "tool",
        }
    }
}

/// From here on, bytes of the text stand one to one in the file, up to the next anchor.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Anchor {
    /// Offset into the message's text, in bytes.
    pub text: usize,
    /// Offset into the file, in bytes.
    pub file: usize,
}

/// A message as it was read from a file, its escapes undone.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Message {
    /// Who says it.
    pub speaker: Speaker,
    /// What is said.
    pub text: String,
    /// Where that stands in the file, sorted; the first at byte 0 of the text.
    pub anchors: Vec<Anchor>,
}

/// A message in the text of a prompt.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct MessageSpan {
    /// Who says it.
    pub speaker: Speaker,
    /// Its stretch of the text, with the white space that parts it from the next.
    pub span: Span,
}

/// Which messages are samples: what the model said, and what it was told just before, unless that is where the orders are.
pub(crate) fn samples(messages: &[MessageSpan]) -> Vec<bool> {
    let mut samples: Vec<bool> =
        messages.iter().map(|message| message.speaker == Speaker::Assistant).collect();
    let ordered = messages.iter().any(|message| message.speaker == Speaker::System);
    let first_ask = messages.iter().position(|message| message.speaker == Speaker::User);
    for index in 0..messages.len().saturating_sub(1) {
        let told = matches!(messages[index].speaker, Speaker::User | Speaker::Tool);
        if told && samples[index + 1] && (ordered || Some(index) != first_ask) {
            samples[index] = true;
        }
    }
    samples
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::source::Source;

    fn list(file: &str, parts: &[(Speaker, &str)]) -> Source {
        let source = Source::from_bytes(file.as_bytes().to_vec()).unwrap();
        let message = |(speaker, text): &(Speaker, &str)| {
            let at = file.find(text).unwrap();
            Message { speaker: *speaker, text: text.to_string(), anchors: vec![Anchor { text: 0, file: at }] }
        };
        Source::from_messages(source, parts.iter().map(message).collect()).unwrap()
    }

    #[test]
    fn places_are_those_in_the_file() {
        let file = "x: Be brief.\ny: Name it. Now.\n";
        let source = list(file, &[(Speaker::System, "Be brief."), (Speaker::User, "Name it. Now.")]);
        assert_eq!(source.text(), "Be brief.\n\nName it. Now.");
        let now = source.text().find("Now").unwrap();
        let there = source.on_disk(Span::new(now, now + 4));
        assert_eq!(&file[there.range()], "Now.");
        assert_eq!((source.position(now).line, source.position(now).column), (2, 13));
        assert_eq!(source.messages()[0].span.end(), source.messages()[1].span.start());
    }

    #[test]
    fn orders_are_no_samples() {
        use Speaker::{Assistant, System, User};
        let spans = |speakers: &[Speaker]| -> Vec<MessageSpan> {
            speakers.iter().map(|&speaker| MessageSpan { speaker, span: Span::new(0, 0) }).collect()
        };
        assert_eq!(samples(&spans(&[System, User, Assistant, User])), [false, true, true, false]);
        assert_eq!(samples(&spans(&[User, Assistant, User, Assistant])), [false, true, true, true]);
    }
}
