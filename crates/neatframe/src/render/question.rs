//! The questions of an interview, as people and programs see them.

use super::style::{self, paint};
use anyhow::Result;
use neatframe_core::Question;
use serde::Serialize;
use std::fmt::Write as _;

#[derive(Serialize)]
struct Asked<'a> {
    part: &'a str,
    importance: &'a str,
    question: &'a str,
    such_as: &'a str,
    why: &'a str,
}

/// The open questions as a JSON list, the next one first.
pub(crate) fn json(questions: &[Question]) -> Result<String> {
    let asked = |question: &'_ Question| -> serde_json::Result<serde_json::Value> {
        serde_json::to_value(Asked {
            part: question.part.name(),
            importance: question.importance.id(),
            question: &question.ask,
            such_as: &question.like,
            why: question.why,
        })
    };
    let list: Vec<serde_json::Value> = questions.iter().map(asked).collect::<serde_json::Result<_>>()?;
    Ok(serde_json::to_string_pretty(&list)? + "\n")
}

/// What can be typed, and whether the interview is resumed.
pub(crate) fn greeting(answered: usize, colour: bool) -> String {
    let hint = "Enter leaves a question out; a \\ at the end of a line goes on in the next; :back, :stop";
    let resumed = if answered > 0 { format!("Resumed after {answered} questions.\n") } else { String::new() };
    format!("{resumed}{}\n", paint(style::DIM, hint, colour))
}

/// One question with its sample answer and its reason.
pub(crate) fn question(
    question: &Question,
    (at, most): (usize, usize),
    colour: bool,
    width: usize,
) -> String {
    let mut out = String::new();
    let progress = if at == most {
        format!("question {at}, the last")
    } else {
        format!("question {at} of at most {most}")
    };
    let head = format!(
        "\n{}  {}",
        paint(style::BOLD, question.part.name(), colour),
        paint(style::DIM, &progress, colour)
    );
    let _ = writeln!(out, "{head}");
    let _ = writeln!(out, "{}", textwrap::fill(&question.ask, width));
    let told = |lead: &str, words: &str| {
        let options = textwrap::Options::new(width).initial_indent(lead).subsequent_indent("           ");
        paint(style::DIM, &textwrap::fill(words, options), colour)
    };
    let _ = writeln!(out, "{}", told("  such as  ", &question.like));
    let _ = writeln!(out, "{}", told("  because  ", question.why));
    out.push_str("> ");
    out
}
