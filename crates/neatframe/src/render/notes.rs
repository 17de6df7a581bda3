//! The change notes of a restructured prompt, as people read them.

use super::report::grouped;
use super::style::{self, paint};
use super::usage::Usage;
use crate::output::visible;
use anyhow::Result;
use neatframe_core::{Change, Note, Reframed, Review, Speaker};
use serde::Serialize;
use std::fmt::Write as _;

/// What the notes tell of.
pub(crate) struct Told<'a> {
    pub(crate) name: &'a str,
    pub(crate) before: &'a Review,
    pub(crate) reframed: &'a Reframed,
    /// The review of the new prompt.
    pub(crate) after: Review,
    /// Which file and line a byte of the source came from, where several files were joined.
    pub(crate) origin: &'a dyn Fn(usize) -> Option<String>,
    /// The turn of a message list that is told of; lines are its own.
    pub(crate) turn: Option<Turn>,
}

/// A turn of a message list, counted from 1.
#[derive(Clone, Copy)]
pub(crate) struct Turn {
    pub(crate) nth: usize,
    pub(crate) speaker: Speaker,
}

impl<'a> Told<'a> {
    pub(crate) fn new(
        name: &'a str,
        before: &'a Review,
        reframed: &'a Reframed,
        after: Review,
        origin: &'a dyn Fn(usize) -> Option<String>,
    ) -> Told<'a> {
        Told { name, before, reframed, after, origin, turn: None }
    }

    /// The name of the file, and the turn in it.
    fn title(&self) -> String {
        let turn = |turn: Turn| format!(", turn {} ({})", turn.nth, turn.speaker.id());
        visible(self.name) + &self.turn.map(turn).unwrap_or_default()
    }

    /// Tokens and findings, before and after.
    fn facts(&self) -> String {
        let tokens = |review: &Review| grouped(review.ledger().total);
        let findings = |review: &Review| review.findings().len();
        format!(
            "{} → {} tokens ({}), {} → {} findings",
            tokens(self.before),
            tokens(&self.after),
            self.before.ledger().encoding,
            findings(self.before),
            findings(&self.after)
        )
    }

    fn place(&self, note: &Note) -> String {
        let Some(span) = note.span else { return String::new() };
        let line = || format!("line {}", self.before.source().position(span.start()).line);
        (self.origin)(span.start()).unwrap_or_else(line)
    }
}

/// The list of notes.
pub(crate) fn list(told: &Told<'_>, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let title = format!("changes to {}", told.title());
    let _ =
        writeln!(out, "{}  {}", paint(style::BOLD, &title, colour), paint(style::DIM, &told.facts(), colour));
    if told.reframed.notes.is_empty() {
        let _ = writeln!(out, "  none: the prompt stands as it is");
    }
    for note in &told.reframed.notes {
        one(&mut out, &told.place(note), note, colour, width);
    }
    out.push('\n');
    out
}

#[derive(Serialize)]
struct Notes<'a> {
    path: &'a str,
    /// The turn of a message list, counted from 1; lines and bytes are its own.
    #[serde(skip_serializing_if = "Option::is_none")]
    turn: Option<usize>,
    changes: Vec<Entry<'a>>,
    before: Measured,
    after: Measured,
    prompt: &'a str,
    #[serde(skip_serializing_if = "Option::is_none")]
    usage: Option<Usage>,
}

#[derive(Serialize)]
struct Entry<'a> {
    change: &'static str,
    /// Where it stood, as `file:line` or `line 3`; empty for additions.
    place: String,
    /// Bytes of the file; null for additions.
    start: Option<usize>,
    end: Option<usize>,
    words: &'a str,
    now: &'a str,
    why: &'a str,
}

#[derive(Serialize)]
struct Measured {
    tokens: usize,
    findings: usize,
    coverage: u32,
}

/// The notes as one JSON object, with the new prompt.
pub(crate) fn json(told: &Told<'_>, usage: bool) -> Result<String> {
    let measured = |review: &Review| Measured {
        tokens: review.ledger().total,
        findings: review.findings().len(),
        coverage: review.coverage(),
    };
    let notes = Notes {
        path: told.name,
        turn: told.turn.map(|turn| turn.nth),
        changes: told.reframed.notes.iter().map(|note| entry(told, note)).collect(),
        before: measured(told.before),
        after: measured(&told.after),
        prompt: &told.reframed.text,
        usage: usage.then(|| Usage::of(&told.after)),
    };
    Ok(serde_json::to_string_pretty(&notes)? + "\n")
}

/// The notes on several turns as one JSON array.
pub(crate) fn array(notes: &[String]) -> String {
    let notes: Vec<&str> = notes.iter().map(|note| note.trim_end()).collect();
    format!("[{}]\n", notes.join(",\n"))
}

fn entry<'a>(told: &Told<'_>, note: &'a Note) -> Entry<'a> {
    Entry {
        change: note.change.id(),
        place: told.place(note),
        start: note.span.map(|span| span.start()),
        end: note.span.map(|span| span.end()),
        words: &note.words,
        now: &note.now,
        why: &note.why,
    }
}

/// The old prompt and the new one in two columns, lines that differ marked between them.
pub(crate) fn side(told: &Told<'_>, colour: bool, width: usize) -> String {
    let half = (width.saturating_sub(3)) / 2;
    let mut out = String::new();
    let _ = writeln!(out, "{}", paint(style::DIM, &format!("{}: {}", told.title(), told.facts()), colour));
    let (before, after) = (told.before.source().text(), told.reframed.text.as_str());
    let diff = similar::TextDiff::from_lines(before, after);
    for op in diff.ops() {
        let (old, new) = (op.old_range(), op.new_range());
        let lines = |texts: &[&str]| -> Vec<String> {
            let wrap = |line: &&str| {
                textwrap::wrap(&visible(line.trim_end()), half).into_iter().map(String::from).collect()
            };
            texts.iter().flat_map(|line| -> Vec<String> { wrap(line) }).collect()
        };
        let (left, right) = (lines(&diff_lines(before, old)), lines(&diff_lines(after, new)));
        let same = op.tag() == similar::DiffTag::Equal;
        for row in 0..left.len().max(right.len()) {
            let empty = String::new();
            let (one, two) = (left.get(row).unwrap_or(&empty), right.get(row).unwrap_or(&empty));
            let pad = " ".repeat(half.saturating_sub(unicode_width::UnicodeWidthStr::width(one.as_str())));
            let (one, two) = if same {
                (one.clone(), two.clone())
            } else {
                (paint(style::GONE, one, colour), paint(style::GOOD, two, colour))
            };
            let _ =
                writeln!(out, "{}", format!("{one}{pad} {} {two}", if same { ' ' } else { '│' }).trim_end());
        }
    }
    out
}

fn diff_lines(text: &str, range: std::ops::Range<usize>) -> Vec<&str> {
    text.split_inclusive('\n').skip(range.start).take(range.len()).collect()
}

fn one(out: &mut String, place: &str, note: &Note, colour: bool, width: usize) {
    let what = match note.change {
        Change::Dropped => format!("\"{}\"", short(&note.words)),
        Change::Edited if note.now.is_empty() => format!("\"{}\"", short(&note.words)),
        Change::Edited => format!("\"{}\" → \"{}\"", short(&note.words), short(&note.now)),
        Change::Moved => format!("to {}: \"{}\"", note.now, short(&note.words)),
        Change::Added | Change::Open => format!("{}: {}", note.now, visible(&note.words)),
    };
    let change = paint(colour_of(note.change), &format!("{:<8}", note.change.id()), colour);
    let indent = " ".repeat(21);
    let wrapped = |text: &str, first: &str| {
        let options = textwrap::Options::new(width).initial_indent(first).subsequent_indent(&indent);
        textwrap::fill(text, options)
    };
    let text = wrapped(&what, &indent);
    let _ = writeln!(out, "  {place:<9} {change} {}", text.trim_start());
    let _ = writeln!(out, "{}", paint(style::DIM, &wrapped(&visible(&note.why), &indent), colour));
}

fn colour_of(change: Change) -> anstyle::Style {
    match change {
        Change::Dropped => anstyle::AnsiColor::Red.on_default(),
        Change::Edited => anstyle::AnsiColor::Yellow.on_default(),
        Change::Moved => anstyle::AnsiColor::Blue.on_default(),
        Change::Added => anstyle::AnsiColor::Green.on_default(),
        Change::Open => anstyle::AnsiColor::Cyan.on_default(),
    }
}

/// Words on one line, the middle cut from long ones.
fn short(words: &str) -> String {
    let line = visible(&words.split_whitespace().collect::<Vec<_>>().join(" "));
    let count = line.chars().count();
    if count <= 90 {
        return line;
    }
    let head: String = line.chars().take(55).collect();
    let tail: String = line.chars().skip(count - 30).collect();
    format!("{} … {}", head.trim_end(), tail.trim_start())
}
