//! The slots of a prompt, as people and programs see them.

use super::style::{self, paint};
use crate::counter::Counter;
use crate::output::visible;
use neatframe_core::{CountTokens, Review, Wanted};
use serde::Serialize;
use std::fmt::Write as _;

/// One slot.
#[derive(Serialize)]
pub(crate) struct Listed {
    pub(crate) name: String,
    /// What the prompt says of it.
    about: String,
    /// Where it first stands, from 1.
    line: usize,
    times: usize,
    /// True where it may as well be for the model to fill.
    optional: bool,
    /// Tokens of the value, where one is given.
    tokens: Option<usize>,
}

impl Listed {
    pub(crate) fn new(prompt: &Review, slot: &Wanted, value: Option<&String>, counter: &Counter) -> Listed {
        let about = if slot.about.is_empty() { sentence(prompt, slot) } else { slot.about.clone() };
        Listed {
            name: slot.name.clone(),
            about,
            line: prompt.source().position(slot.first.start()).line,
            times: slot.times,
            optional: slot.optional,
            tokens: value.map(|value| counter.count(value).lengths.len()),
        }
    }
}

/// The line that it stands in, or the one before where it stands alone.
fn sentence(prompt: &Review, slot: &Wanted) -> String {
    let text = prompt.source().text();
    let own = text[..slot.first.start()].rfind('\n').map_or(0, |at| at + 1);
    let line = text[own..].lines().next().unwrap_or("").trim();
    let alone = line.len() <= slot.first.len() + 4;
    let before =
        text[..own].lines().rev().map(str::trim).find(|line| line.chars().any(char::is_alphanumeric));
    let line = if alone { before.unwrap_or("") } else { line };
    visible(&line.chars().take(70).collect::<String>())
}

/// A row a slot.
pub(crate) fn table(rows: &[Listed], colour: bool) -> String {
    if rows.is_empty() {
        return "no slots: the prompt can be sent as it is\n".into();
    }
    let width = rows.iter().map(|row| row.name.chars().count()).max().unwrap_or(0).max(4);
    let head = format!("{:<width$}  line  times  tokens  what the prompt says", "slot");
    let mut out = paint(style::DIM, &head, colour) + "\n";
    for row in rows {
        let tokens = row.tokens.map_or("-".to_string(), |tokens| tokens.to_string());
        let name = format!("{:<width$}", visible(&row.name));
        let about =
            if row.optional { format!("(may be the model's) {}", row.about) } else { row.about.clone() };
        let _ = writeln!(
            out,
            "{}  {:>4}  {:>5}  {tokens:>6}  {about}",
            paint(style::BOLD, &name, colour),
            row.line,
            row.times
        );
    }
    out
}
