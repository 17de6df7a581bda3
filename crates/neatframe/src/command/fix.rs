//! `neatframe review --fix`: applies the edits that are certain.

use crate::input::Input;
use crate::output;
use crate::render::style::{self, paint};
use anyhow::{Context, Result, bail};
use neatframe_core::{Edit, Finding, Review, Settings, Source, apply, fitting, review};
use std::fmt::Write as _;

/// What was mended in one prompt.
pub(super) struct Mended {
    /// The prompt with all edits.
    pub(super) text: String,
    /// What each edit was for: line, check and message.
    pub(super) done: Vec<(usize, &'static str, String)>,
}

/// How often the edits of a prompt are looked for again: one may uncover another.
const ROUNDS: usize = 6;

/// Applies the certain edits of a review until none is left.
pub(super) fn mend(
    first: &Review,
    settings: &Settings,
    counter: &dyn neatframe_core::CountTokens,
) -> Result<Mended> {
    let mut mended = Mended { text: first.source().text().to_string(), done: Vec::new() };
    let mut latest: Option<Review> = None;
    for _ in 0..ROUNDS {
        let current = latest.as_ref().unwrap_or(first);
        let findings: Vec<&Finding> = current.findings().iter().collect();
        let sets: Vec<&[Edit]> = findings.iter().map(|finding| finding.fix.as_slice()).collect();
        let chosen = fitting(&sets);
        if chosen.is_empty() {
            break;
        }
        let edits: Vec<Edit> = chosen.iter().flat_map(|&index| sets[index].iter().cloned()).collect();
        let text = apply(current.source().text(), &edits)?;
        let told = |&index: &usize| {
            let finding = findings[index];
            (current.source().position(finding.span.start()).line, finding.check, finding.message.clone())
        };
        mended.done.extend(chosen.iter().map(told));
        // A prompt that would be left empty keeps its words.
        let Ok(source) = Source::from_bytes(text.clone().into_bytes()) else { break };
        mended.text = text;
        latest = Some(review(source, settings, counter));
    }
    Ok(mended)
}

/// Writes the mended prompt in place of the file that was read.
pub(super) fn write(input: &Input, before: &Review, mended: &Mended) -> Result<()> {
    let Input::File(path) = input else {
        bail!("cannot be mended in place: name a file, or use `neatframe reframe -`");
    };
    writable(path)?;
    output::replace(path, Some(before.source().text().as_bytes()), &mended.text)
}

/// Refuses links and read-only files, so that nothing is replaced that was not named.
pub(super) fn writable(path: &std::path::Path) -> Result<()> {
    let meta = std::fs::symlink_metadata(path).context("cannot be read again")?;
    if meta.file_type().is_symlink() {
        let target = std::fs::read_link(path).map(|target| target.display().to_string()).unwrap_or_default();
        bail!("is a link to {}; nothing was written: name that file", output::visible(&target));
    }
    if meta.permissions().readonly() {
        bail!("is read-only; nothing was written: make it writable first");
    }
    Ok(())
}

/// What was mended, a line each.
pub(super) fn told(name: &str, mended: &Mended, written: bool) -> String {
    let mut out = String::new();
    let count = mended.done.len();
    let verb = if written { "mended" } else { "would be mended" };
    let things = if count == 1 { "finding" } else { "findings" };
    let _ = writeln!(out, "{}: {count} {things} {verb}", output::visible(name));
    for (line, check, message) in &mended.done {
        let _ = writeln!(out, "  line {line}: {check}: {}", output::visible(message));
    }
    out
}

/// The change as a unified diff, safe for a terminal.
pub(super) fn diff(name: &str, before: &str, after: &str, colour: bool) -> String {
    let diff = similar::TextDiff::from_lines(before, after);
    let bare = name.trim_start_matches('/');
    let (from, to) = (format!("a/{bare}"), format!("b/{bare}"));
    let text = output::printable(&diff.unified_diff().context_radius(2).header(&from, &to).to_string());
    let line = |line: &str| match line.chars().next() {
        Some('+') => paint(style::GOOD, line, colour),
        Some('-') => paint(style::GONE, line, colour),
        _ => line.to_string(),
    };
    text.lines().map(|each| line(each) + "\n").collect()
}
