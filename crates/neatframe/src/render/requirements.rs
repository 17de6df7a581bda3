//! What a prompt demands, rule by rule, as it was understood.

use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::Review;
use std::fmt::Write as _;

/// Columns for the subject of a rule.
const SUBJECT: usize = 16;
/// Columns for the demand.
const DEMAND: usize = 34;

/// The list of stated requirements of one prompt.
pub(crate) fn stated(name: &str, review: &Review, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let _ = writeln!(out, "{}\n", paint(style::BOLD, &visible(name), colour));
    if review.requirements().is_empty() {
        let _ = writeln!(out, "  no stated requirement was recognised");
    }
    for rule in review.requirements() {
        let line = review.source().position(rule.span.start()).line;
        let words: Vec<&str> = review.source().slice(rule.span).split_whitespace().collect();
        let room = width.saturating_sub(SUBJECT + DEMAND + 12).max(12);
        let mut shown = visible(&words.join(" "));
        if let Some((at, _)) = shown.char_indices().nth(room) {
            shown.truncate(at);
            shown.push('…');
        }
        let at_times = if rule.conditional { " (at times)" } else { "" };
        let demand = format!("{}{at_times}", rule.demand.shown());
        let subject = paint(style::GOOD, &format!("{:<SUBJECT$}", rule.subject.name()), colour);
        let _ =
            writeln!(out, "{line:>5}  {subject} {demand:<DEMAND$}  {}", paint(style::DIM, &shown, colour));
    }
    out.push('\n');
    out
}
