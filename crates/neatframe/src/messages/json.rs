//! Message lists in JSON, with the place of every character of their contents.

use super::{Fault, SHAPE, joined, speaker};
use neatframe_core::{Anchor, Message, Speaker};
use serde::Deserialize;
use serde_json::value::RawValue;

/// One JSON value: a list of messages, or an object that holds one under `messages`.
pub(super) fn list(file: &str) -> Result<Vec<Message>, Fault> {
    let whole: &RawValue = parsed(file, file)?;
    messages(file, whole.get())
}

/// One message a line.
pub(super) fn lines(file: &str) -> Result<Vec<Message>, Fault> {
    let lines = file.lines().filter(|line| !line.trim().is_empty());
    lines.map(|line| message(file, parsed::<&RawValue>(file, line)?.get())).collect()
}

#[derive(Deserialize)]
struct Holder<'a> {
    #[serde(borrow)]
    messages: Option<&'a RawValue>,
}

#[derive(Deserialize)]
struct Entry<'a> {
    #[serde(borrow)]
    role: Option<&'a RawValue>,
    #[serde(borrow)]
    content: Option<&'a RawValue>,
}

/// A part of a content that comes in parts.
#[derive(Deserialize)]
struct Part<'a> {
    #[serde(borrow)]
    text: Option<&'a RawValue>,
}

fn messages(file: &str, value: &str) -> Result<Vec<Message>, Fault> {
    if value.starts_with('{') {
        let holder: Holder<'_> = parsed(file, value)?;
        let held = holder
            .messages
            .ok_or_else(|| Fault::new(offset(file, value), format!("holds no `messages`; {SHAPE}")))?;
        if held.get().starts_with('[') {
            return messages(file, held.get());
        }
        return Err(Fault::new(offset(file, held.get()), format!("`messages` is not a list; {SHAPE}")));
    }
    if !value.starts_with('[') {
        return Err(Fault::new(offset(file, value), format!("is not a list; {SHAPE}")));
    }
    let entries: Vec<&RawValue> = parsed(file, value)?;
    entries.into_iter().map(|entry| message(file, entry.get())).collect()
}

fn message(file: &str, value: &str) -> Result<Message, Fault> {
    let at = offset(file, value);
    if !value.starts_with('{') {
        return Err(Fault::new(at, format!("is not an object; {SHAPE}")));
    }
    let entry: Entry<'_> = parsed(file, value)?;
    let role = entry.role.ok_or_else(|| Fault::new(at, format!("has no `role`; {SHAPE}")))?.get();
    if !role.starts_with('"') {
        return Err(Fault::new(offset(file, role), "the `role` is not a string"));
    }
    let speaker = speaker(&string(file, role, Speaker::User)?.text, offset(file, role))?;
    // A message with a tool call and no words has a null content, or none.
    let content = entry.content.map_or("null", RawValue::get);
    match content.as_bytes().first() {
        Some(b'"') => string(file, content, speaker),
        Some(b'[') => {
            let parts: Vec<&RawValue> = parsed(file, content)?;
            let mut texts = Vec::new();
            for part in parts {
                let part = part.get();
                if part.starts_with('"') {
                    texts.push(string(file, part, speaker)?);
                } else if part.starts_with('{') {
                    let held: Part<'_> = parsed(file, part)?;
                    if let Some(text) = held.text.filter(|text| text.get().starts_with('"')) {
                        texts.push(string(file, text.get(), speaker)?);
                    }
                }
            }
            Ok(joined(speaker, texts))
        }
        _ if content == "null" => Ok(joined(speaker, Vec::new())),
        _ => Err(Fault::new(offset(file, content), "the `content` is neither a string nor a list of parts")),
    }
}

/// Where a stretch of the file stands in it.
fn offset(file: &str, stretch: &str) -> usize {
    stretch.as_ptr() as usize - file.as_ptr() as usize
}

fn parsed<'a, T: Deserialize<'a>>(file: &'a str, stretch: &'a str) -> Result<T, Fault> {
    serde_json::from_str(stretch).map_err(|error| {
        let before: usize =
            stretch.split_inclusive('\n').take(error.line().saturating_sub(1)).map(str::len).sum();
        // The parser counts columns in bytes, from 1, and names the byte after which it gave up.
        let mut at = (offset(file, stretch) + before + error.column().saturating_sub(1)).min(file.len());
        while !file.is_char_boundary(at) {
            at -= 1;
        }
        let told = error.to_string();
        let what = told.rsplit_once(" at line").map_or(told.as_str(), |(what, _)| what);
        Fault::new(at, format!("not valid JSON: {what}"))
    })
}

/// Undoes the escapes of a JSON string, given with its quotes.
fn string(file: &str, raw: &str, speaker: Speaker) -> Result<Message, Fault> {
    let start = offset(file, raw);
    let inner = &raw[1..raw.len() - 1];
    let mut text = String::with_capacity(inner.len());
    let mut anchors = vec![Anchor { text: 0, file: start + 1 }];
    let mut at = 0;
    while let Some(found) = inner[at..].find('\\') {
        text.push_str(&inner[at..at + found]);
        let escape = at + found;
        anchors.push(Anchor { text: text.len(), file: start + 1 + escape });
        let code = |from: usize| inner.get(from..from + 4).and_then(|hex| u32::from_str_radix(hex, 16).ok());
        let (sign, length) = match inner.as_bytes()[escape + 1] {
            b'n' => ('\n', 2),
            b't' => ('\t', 2),
            b'r' => ('\r', 2),
            b'b' => ('\u{8}', 2),
            b'f' => ('\u{c}', 2),
            b'u' => {
                let high = code(escape + 2).unwrap_or(0);
                let low = inner[escape + 6..].strip_prefix("\\u").and_then(|_| code(escape + 8)).unwrap_or(0);
                let pair = (0xD800..0xDC00).contains(&high) && (0xDC00..0xE000).contains(&low);
                let value = if pair { 0x10000 + ((high - 0xD800) << 10) + (low - 0xDC00) } else { high };
                let lone = || Fault::new(start + 1 + escape, "half of a surrogate pair stands alone");
                (char::from_u32(value).ok_or_else(lone)?, if pair { 12 } else { 6 })
            }
            other => (other as char, 2),
        };
        text.push(sign);
        at = escape + length;
        anchors.push(Anchor { text: text.len(), file: start + 1 + at });
    }
    text.push_str(&inner[at..]);
    Ok(Message { speaker, text, anchors })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn escapes_are_undone_and_places_kept() {
        let file = r#"[{"role": "user", "content": "A\n\u00e9 \ud83d\ude00 \"b\""}]"#;
        let read = list(file).unwrap();
        assert_eq!(read[0].text, "A\né 😀 \"b\"");
        for pair in read[0].anchors.windows(2) {
            let same = read[0].text[pair[0].text..pair[1].text] == file[pair[0].file..pair[1].file];
            assert!(same || file[pair[0].file..].starts_with('\\'), "{pair:?}");
        }
    }

    #[test]
    fn parts_and_null_are_contents_too() {
        let file = r#"{"model": "m", "messages": [
            {"role": "developer", "content": [{"type": "text", "text": "One."}, {"type": "image"}, "Two."]},
            {"role": "assistant", "content": null, "tool_calls": []}]}"#;
        let read = list(file).unwrap();
        assert_eq!((read[0].speaker, read[0].text.as_str()), (Speaker::System, "One.\n\nTwo."));
        assert_eq!(read[1].text, "");
    }

    #[test]
    fn faults_name_their_place() {
        let fault = |file: &str| list(file).unwrap_err();
        assert_eq!(fault("[{\"role\": }]").at, 10);
        assert_eq!(fault(r#"[{"content": "x"}]"#).at, 1);
        assert_eq!(fault(r#"[{"role": "wizard", "content": "x"}]"#).at, 10);
        assert!(fault("{}").what.starts_with("holds no `messages`"));
        assert_eq!(fault(r#"[{"role": "user", "content": "\ud800"}]"#).at, 30);
        assert_eq!(lines("{\"role\":\"user\",\"content\":\"a\"}\n{\"role\":").unwrap_err().at, 37);
    }
}
