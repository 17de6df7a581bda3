//! Tags: which `<name>` opens a section, which closes one, which is neither.

use super::Fault;
use crate::span::Span;
use std::collections::{HashMap, HashSet};

/// What a `<name ...>` in the text turned out to be.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Role {
    /// Opens; the index of the tag that closes it.
    Open(usize),
    /// Closes; the index of the tag it closes.
    Close(usize),
    /// Neither: a slot, a word in angle brackets, or a fault already noted.
    Loose,
}

#[derive(Clone, Copy, Debug)]
pub(super) struct Tag {
    pub(super) span: Span,
    pub(super) name: Span,
    pub(super) closes: bool,
    /// Nothing but white space before it, or after it, on its line.
    pub(super) starts_line: bool,
    pub(super) ends_line: bool,
    pub(super) role: Role,
}

/// HTML elements that never close.
const VOID: [&str; 8] = ["br", "hr", "img", "input", "meta", "link", "p", "li"];

/// Those of them that prompts give to parts of their own: `<input>` and `</input>` on lines of their own.
const PARTS: [&str; 3] = ["input", "link", "meta"];

/// What the closing tags of a text tell of its opening ones.
pub(super) struct Closed<'a> {
    /// Which names of [`PARTS`] the text closes somewhere, or means to.
    parts: [bool; PARTS.len()],
    /// Names of several words, `</NEW NOTICE>`: only a tag that is closed may hold blanks.
    spaced: HashSet<&'a str>,
}

impl<'a> Closed<'a> {
    pub(super) fn read(text: &'a str) -> Closed<'a> {
        let count =
            |sign: String| memchr::memmem::find_iter(text.as_bytes(), sign.as_bytes()).take(2).count();
        // A part that is opened twice was to be closed the second time.
        let parts = PARTS.map(|name| count(format!("</{name}>")) > 0 || count(format!("<{name}>")) > 1);
        let spaced = memchr::memmem::find_iter(text.as_bytes(), b"</").filter_map(|at| {
            let name = &text[at + 2..at + 2 + spaced_name(&text[at + 2..])?];
            name.contains(' ').then_some(name)
        });
        Closed { parts, spaced: spaced.collect() }
    }
}

/// The length of a name of one word or several before a `>`, in bytes.
fn spaced_name(text: &str) -> Option<usize> {
    let inside = |c: char| c.is_ascii_alphanumeric() || matches!(c, '_' | '-' | ' ');
    let length = text.bytes().take(LONGEST + 1).position(|b| !inside(b as char))?;
    let whole = text[length..].starts_with('>') && !text[..length].ends_with(' ');
    (whole && text.starts_with(|c: char| c.is_ascii_alphabetic())).then_some(length)
}

/// The longest name of a tag, in bytes.
const LONGEST: usize = 64;

/// Finds the tags of a line and adds them to `tags`. Text inside backticks is passed over. `closed` tells what
/// the text closes.
pub(super) fn scan(text: &str, line: Span, closed: &Closed<'_>, tags: &mut Vec<Tag>) {
    let bytes = text.as_bytes();
    if memchr::memchr(b'<', &bytes[line.range()]).is_none() {
        return;
    }
    let mut at = line.start();
    let mut in_code = false;
    while at < line.end() {
        match bytes[at] {
            b'`' => in_code = !in_code,
            b'<' if !in_code => {
                if let Some(tag) = read(text, at, line, closed) {
                    at = tag.span.end();
                    tags.push(tag);
                    continue;
                }
            }
            _ => {}
        }
        at += 1;
    }
}

fn read(text: &str, at: usize, line: Span, closed: &Closed<'_>) -> Option<Tag> {
    let before = &text[line.start()..at];
    // `Vec<String>`, `a<b`: part of a word, not a tag.
    if before.chars().next_back().is_some_and(char::is_alphanumeric) {
        return None;
    }
    let inner = &text[at + 1..line.end()];
    let closes = inner.starts_with('/');
    let name = inner.strip_prefix('/').unwrap_or(inner);
    let spaced = spaced_name(name).filter(|&length| {
        let alone = || before.trim().is_empty() && name[length + 1..].trim().is_empty();
        closed.spaced.contains(&name[..length]) && alone()
    });
    let length = spaced
        .or_else(|| name.find(|c: char| !(c.is_ascii_alphanumeric() || matches!(c, '_' | '-' | '.' | ':'))))
        .unwrap_or(name.len());
    if length == 0 || length > LONGEST || !name.as_bytes()[0].is_ascii_alphabetic() {
        return None;
    }
    let rest = &name[length..];
    let attributes = rest.find('>')?;
    let within = &rest[..attributes];
    if within.ends_with('/') || within.contains('<') || (!within.is_empty() && !within.contains('=')) {
        return None;
    }
    let name_at = at + 1 + usize::from(closes);
    let end = name_at + length + attributes + 1;
    let alone = before.trim().is_empty() && text[end..line.end()].trim().is_empty();
    let part =
        PARTS.iter().zip(closed.parts).any(|(part, closed)| closed && alone && name[..length] == **part);
    if !part && VOID.iter().any(|void| name[..length].eq_ignore_ascii_case(void)) {
        return None;
    }
    Some(Tag {
        span: Span::new(at, end),
        name: Span::new(name_at, name_at + length),
        closes,
        starts_line: before.trim().is_empty(),
        ends_line: text[end..line.end()].trim().is_empty(),
        role: Role::Loose,
    })
}

/// Pairs the tags of a whole text and notes what is left over. Linear in the number of tags.
///
/// `alone` tells whether a tag that is never closed opens a section by its looks.
pub(super) fn pair(text: &str, tags: &mut [Tag], alone: impl Fn(&Tag) -> bool) -> Vec<Fault> {
    let mut faults = Vec::new();
    let mut open: HashMap<&str, Vec<usize>> = HashMap::new();
    for index in 0..tags.len() {
        let name = &text[tags[index].name.range()];
        if !tags[index].closes {
            open.entry(name).or_default().push(index);
            continue;
        }
        match open.get_mut(name).and_then(Vec::pop) {
            Some(opening) => {
                tags[opening].role = Role::Open(index);
                tags[index].role = Role::Close(opening);
            }
            None => {
                if !spoken_of(text, &tags[index]) {
                    faults.push(Fault::StrayClose(tags[index].span));
                }
            }
        }
    }
    let mut left_open: HashSet<&str> = HashSet::new();
    for tag in tags.iter().filter(|tag| tag.role == Role::Loose && !tag.closes) {
        let name = &text[tag.name.range()];
        // The same tag on a line of its own once more was to close the part, whatever follows.
        let again = tag.starts_line && tag.ends_line && left_open.contains(name);
        if again || alone(tag) {
            faults.push(Fault::OpenTag(tag.span));
            left_open.insert(name);
        }
    }
    crossed(tags, &mut faults);
    faults
}

/// True when the tag is named in a sentence ("between the <answer> tags") rather than used.
fn spoken_of(text: &str, tag: &Tag) -> bool {
    let after = text[tag.span.end()..].trim_start();
    let before = text[..tag.span.start()].trim_end();
    let led = ["with", "by", "and", "or", "a", "the"]
        .iter()
        .any(|word| before.strip_suffix(word).is_some_and(|rest| rest.ends_with(char::is_whitespace)));
    led || !tag.ends_line && (after.starts_with("tag") || after.starts_with("and") || after.starts_with("or"))
}

fn crossed(tags: &mut [Tag], faults: &mut Vec<Fault>) {
    let mut stack: Vec<usize> = Vec::new();
    for index in 0..tags.len() {
        match tags[index].role {
            Role::Open(_) => stack.push(index),
            Role::Close(opening) => {
                // Whatever opened since and is still on the stack closes too late.
                while let Some(top) = stack.pop() {
                    if top == opening {
                        break;
                    }
                    if let Role::Open(late) = tags[top].role {
                        faults.push(Fault::CrossedTags(tags[top].span, tags[index].span));
                        tags[top].role = Role::Loose;
                        tags[late].role = Role::Loose;
                    }
                }
            }
            Role::Loose => {}
        }
    }
}
