//! The change notes of a restructured prompt, as people read them.

use super::report::grouped;
use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::{Change, Note, Reframed, Review};
use std::fmt::Write as _;

/// The list of notes. `after` is the token count of the new prompt.
pub(crate) fn list(
    name: &str,
    review: &Review,
    reframed: &Reframed,
    after: usize,
    colour: bool,
    width: usize,
) -> String {
    let mut out = String::new();
    let before = review.ledger().total;
    let facts = format!("{} → {} tokens ({})", grouped(before), grouped(after), review.ledger().encoding);
    let title = format!("changes to {}", visible(name));
    let _ = writeln!(out, "{}  {}", paint(style::BOLD, &title, colour), paint(style::DIM, &facts, colour));
    if reframed.notes.is_empty() {
        let _ = writeln!(out, "  none: the prompt stands as it is");
    }
    for note in &reframed.notes {
        one(&mut out, review, note, colour, width);
    }
    out.push('\n');
    out
}

fn one(out: &mut String, review: &Review, note: &Note, colour: bool, width: usize) {
    let place = note
        .span
        .map_or(String::new(), |span| format!("line {}", review.source().position(span.start()).line));
    let what = match note.change {
        Change::Dropped => format!("\"{}\"", short(&note.words)),
        Change::Edited if note.now.is_empty() => format!("\"{}\"", short(&note.words)),
        Change::Edited => format!("\"{}\" → \"{}\"", short(&note.words), short(&note.now)),
        Change::Moved => format!("to {}: \"{}\"", note.now, short(&note.words)),
        Change::Added => format!("{}: {}", note.now, visible(&note.words)),
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
