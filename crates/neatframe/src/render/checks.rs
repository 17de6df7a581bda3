//! Checks as people read them: the list, and one with its reasons and samples.

use super::style::{self, paint};
use neatframe_core::{Meta, checks};
use std::fmt::Write as _;

/// One line per check, by family.
pub(crate) fn list(colour: bool) -> String {
    let mut out = String::new();
    let mut family = None;
    for meta in checks() {
        if family != Some(meta.family) {
            let _ = writeln!(out, "{}", paint(style::BOLD, meta.family.id(), colour));
            family = Some(meta.family);
        }
        let level = if meta.on { meta.severity.id() } else { "off" };
        let level = paint(style::DIM, &format!("{level:<8}"), colour);
        let _ = writeln!(out, "  {:<22}{level} {}", meta.id, meta.summary);
    }
    out.push_str("\nneatframe checks ID shows why, and samples of both sides.\n");
    out
}

/// One check in full.
pub(crate) fn one(meta: &Meta, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let _ = writeln!(
        out,
        "{}  {}",
        paint(style::BOLD, meta.id, colour),
        paint(style::DIM, &standing(meta), colour)
    );
    let mut told = |label: &str, text: &str| {
        let first = format!("  {label:<15}");
        let options =
            textwrap::Options::new(width).initial_indent(&first).subsequent_indent("                 ");
        let _ = writeln!(out, "{}", textwrap::fill(text, options));
    };
    told("finds", meta.summary);
    told("why", meta.why);
    told("write instead", meta.write);
    for (title, samples) in [("raised by", meta.bad), ("silent on", meta.good)] {
        for sample in samples {
            let _ = writeln!(out, "\n  {title}");
            for line in shortened(sample).lines() {
                let _ = writeln!(out, "    {}", paint(style::DIM, &format!("│ {line}"), colour));
            }
        }
    }
    out
}

fn standing(meta: &Meta) -> String {
    let level = if meta.on {
        meta.severity.id().to_string()
    } else {
        format!("off by default ({} when turned on)", meta.severity.id())
    };
    let english = if meta.english { ", English wording only" } else { "" };
    format!("{} · {level}{english}", meta.family.id())
}

/// Lines of a sample that are shown.
const LINES: usize = 16;

fn shortened(sample: &str) -> String {
    let mut lines: Vec<&str> = sample.lines().take(LINES).collect();
    if sample.lines().count() > LINES {
        lines.push("…");
    }
    let visible: Vec<String> = lines.into_iter().map(crate::output::visible).collect();
    visible.join("\n")
}

/// The page of a check in the documentation.
pub(crate) fn page(meta: &Meta) -> String {
    let mut out = String::new();
    let _ = writeln!(out, "# {}\n\n{}\n", meta.id, standing(meta));
    let _ = writeln!(
        out,
        "Finds {}.\n\n**Why.** {}\n\n**Write instead.** {}",
        meta.summary, meta.why, meta.write
    );
    for (title, samples) in [("Raised by", meta.bad), ("Silent on", meta.good)] {
        let _ = writeln!(out, "\n## {title}");
        for sample in samples {
            let _ = writeln!(out, "\n~~~~text\n{}\n~~~~", shortened(sample));
        }
    }
    out
}
