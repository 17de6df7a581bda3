//! Message lists in files: `.json`, `.jsonl`, `.yaml`. A list of objects, each with a role and a content.

mod json;
mod yaml;

use anyhow::{Result, anyhow};
use neatframe_core::{Message, Source, Speaker};
use std::path::Path;

/// How a message list is written.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum Form {
    Json,
    JsonLines,
    Yaml,
}

impl Form {
    /// The form that a file's ending promises.
    pub(crate) fn of(path: &Path) -> Option<Form> {
        match path.extension()?.to_str()?.to_ascii_lowercase().as_str() {
            "json" => Some(Form::Json),
            "jsonl" | "ndjson" => Some(Form::JsonLines),
            "yaml" | "yml" => Some(Form::Yaml),
            _ => None,
        }
    }

    /// The form that a text looks like.
    pub(crate) fn guess(text: &str) -> Form {
        let one_line_each = || {
            let mut lines = text.lines().filter(|line| !line.trim().is_empty());
            text.lines().count() > 1
                && lines.all(|line| line.starts_with('{') && line.trim_end().ends_with('}'))
        };
        match text.trim_start().chars().next() {
            Some('{') if one_line_each() => Form::JsonLines,
            Some('{' | '[') => Form::Json,
            _ => Form::Yaml,
        }
    }
}

/// Words that a file has to hold to be taken for a message list when a folder is searched.
pub(crate) fn may_hold(bytes: &[u8]) -> bool {
    let holds = |word: &[u8]| bytes.windows(word.len()).any(|window| window == word);
    holds(b"role") && holds(b"content")
}

/// Reads the messages of a file. Errors name the line and column, and what was expected.
pub(crate) fn read(file: Source, form: Form) -> Result<Source> {
    let messages = match form {
        Form::Json => json::list(file.text()),
        Form::JsonLines => json::lines(file.text()),
        Form::Yaml => yaml::list(file.text()),
    };
    let messages = messages.map_err(|fault| fault.told(&file))?;
    Ok(Source::from_messages(file, messages)?)
}

/// The messages of a text that has no name, where it is a message list in JSON from its first sign to its last.
pub(crate) fn found(text: &Source) -> Option<Source> {
    let opens = text.text().trim_start().starts_with(['[', '{']);
    let form = Form::guess(text.text());
    (opens && may_hold(text.text().as_bytes())).then(|| read(text.clone(), form).ok()).flatten()
}

/// The list with the contents that `change` gives anew, asked with the place of each message in the list; everything else stays as it is written, byte for byte.
pub(crate) fn rewritten(
    file: &str,
    form: Form,
    mut change: impl FnMut(usize, Speaker, &str) -> Option<String>,
) -> Result<String> {
    if form == Form::Yaml {
        return rewritten_yaml(file, change);
    }
    let messages = if form == Form::Json { json::list(file) } else { json::lines(file) };
    let messages = messages.map_err(|fault| anyhow!("{}", fault.what))?;
    let mut out = String::with_capacity(file.len());
    let mut at = 0;
    for (nth, message) in messages.iter().enumerate() {
        let (Some(first), Some(last)) = (message.anchors.first(), message.anchors.last()) else { continue };
        let (open, close) = (first.file.saturating_sub(1), last.file + (message.text.len() - last.text));
        // A content in several parts is no single string, and stays.
        let literal = file.get(open..close + 1).filter(|_| open >= at);
        let plain = literal.is_some_and(|literal| {
            serde_json::from_str::<String>(literal).is_ok_and(|text| text == message.text)
        });
        let Some(new) = Some(())
            .filter(|()| plain)
            .and_then(|()| change(nth, message.speaker, &message.text))
            .filter(|new| *new != message.text)
        else {
            continue;
        };
        out.push_str(&file[at..open]);
        out.push_str(&serde_json::to_string(&new)?);
        at = close + 1;
    }
    out.push_str(&file[at..]);
    Ok(out)
}

fn rewritten_yaml(
    file: &str,
    mut change: impl FnMut(usize, Speaker, &str) -> Option<String>,
) -> Result<String> {
    let mut wanted = Vec::new();
    let mut new = Vec::new();
    let messages = yaml::written(file).map_err(|fault| anyhow!("{}", fault.what))?;
    for (nth, (message, written)) in messages.into_iter().enumerate() {
        let Message { speaker, mut text, .. } = message;
        if let Some(written) = written
            && let Some(mut changed) = change(nth, speaker, &text).filter(|new| *new != text)
        {
            // A block ends its last line as it did before.
            let tail = text.len() - text.trim_end_matches('\n').len();
            changed.truncate(changed.trim_end_matches('\n').len());
            changed.push_str(&"\n".repeat(tail));
            new.push((written, changed.clone()));
            text = changed;
        }
        wanted.push(text);
    }
    // What was written is read again: quotes hold what a block cannot.
    for quoted in [false, true] {
        let mut out = String::with_capacity(file.len());
        let mut at = 0;
        for (written, text) in &new {
            out.push_str(&file[at..written.place.start]);
            out.push_str(&written.with(text, quoted));
            at = written.place.end;
        }
        out.push_str(&file[at..]);
        let read = yaml::list(&out).unwrap_or_default();
        if read.len() == wanted.len() && read.iter().zip(&wanted).all(|(message, text)| message.text == *text)
        {
            return Ok(out);
        }
    }
    anyhow::bail!("the new contents cannot be written in the place of the old ones; nothing was changed")
}

/// What is wrong with a list, and at which byte of the file.
#[derive(Debug, PartialEq, Eq)]
struct Fault {
    at: usize,
    what: String,
}

impl Fault {
    fn new(at: usize, what: impl Into<String>) -> Fault {
        Fault { at, what: what.into() }
    }

    fn told(&self, file: &Source) -> anyhow::Error {
        let position = file.position(self.at.min(file.text().len()));
        anyhow!(
            "line {}, column {}: {}; mend it, or read the file as plain text with `--read-as text`",
            position.line,
            position.column,
            self.what
        )
    }
}

const SHAPE: &str = "a message list is a list of objects, each with `role` and `content`";

fn speaker(name: &str, at: usize) -> Result<Speaker, Fault> {
    let known = "system, user, assistant or tool";
    Speaker::named(name)
        .ok_or_else(|| Fault::new(at, format!("the role `{name}` is not known; it is {known}")))
}

/// A message put together from its text parts, an empty line between two.
fn joined(speaker: Speaker, parts: Vec<Message>) -> Message {
    let mut whole = Message { speaker, text: String::new(), anchors: Vec::new() };
    for part in parts {
        if !whole.text.is_empty() {
            whole.text.push_str("\n\n");
        }
        let start = whole.text.len();
        whole.anchors.extend(part.anchors.into_iter().map(|mut anchor| {
            anchor.text += start;
            anchor
        }));
        whole.text.push_str(&part.text);
    }
    whole
}
