//! Frames as people read them.

use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::{Frame, Importance};
use std::fmt::Write as _;

/// One line per frame.
pub(crate) fn list(frames: &[Frame], colour: bool) -> String {
    let mut out = String::new();
    for frame in frames {
        let name = paint(style::BOLD, &format!("{:<19}", visible(&frame.name)), colour);
        let _ = writeln!(out, "{name} {}", visible(&frame.about));
        let _ = writeln!(out, "{:19} {}", "", paint(style::DIM, &needs(frame), colour));
    }
    out.push_str("\nneatframe frames NAME shows what a frame asks.\n");
    out
}

/// The parts that a frame asks for: required ones, then recommended ones.
fn needs(frame: &Frame) -> String {
    let named = |importance: Importance| {
        let names: Vec<&str> = frame
            .needs
            .iter()
            .filter(|need| need.importance == importance)
            .map(|need| need.part.name())
            .collect();
        names.join(", ")
    };
    format!("required: {}; recommended: {}", named(Importance::Required), named(Importance::Recommended))
}

/// A frame with its questions.
pub(crate) fn one(frame: &Frame, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let _ = writeln!(out, "{}  {}", paint(style::BOLD, &visible(&frame.name), colour), visible(&frame.about));
    if !frame.serves.is_empty() {
        let serves = format!("for the kind of work: {}", frame.serves.join(", "));
        let _ = writeln!(out, "{}", paint(style::DIM, &visible(&serves), colour));
    }
    for need in &frame.needs {
        let sign = match need.importance {
            Importance::Required => "●",
            Importance::Recommended => "◐",
            Importance::Optional => "○",
        };
        let head = format!("\n  {sign} {:<15}{}", need.part.name(), need.importance.id());
        let _ = writeln!(out, "{head}");
        for (label, text) in [("ask", need.ask.as_ref()), ("like", need.like.as_ref()), ("why", need.why)] {
            let first = format!("    {label:<6}");
            let options =
                textwrap::Options::new(width).initial_indent(&first).subsequent_indent("          ");
            let line = textwrap::fill(&visible(text), options);
            let _ = writeln!(out, "{}", if label == "ask" { line } else { paint(style::DIM, &line, colour) });
        }
    }
    out
}
