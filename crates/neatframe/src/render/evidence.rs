//! Per unit: the component it was taken for, and on what evidence.

use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::{Component, Review, UnitKind};
use std::fmt::Write as _;

/// Pieces of evidence shown per unit.
const SHOWN: usize = 5;

/// The table of units of one prompt.
pub(crate) fn units(name: &str, review: &Review, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let _ = writeln!(out, "{}\n", paint(style::BOLD, &visible(name), colour));
    for (unit, label) in review.units().iter().zip(review.labels()) {
        if unit.kind == UnitKind::Mark {
            continue;
        }
        let line = review.source().position(unit.text.start()).line;
        let component = label.component.map_or("none", Component::name);
        let facet = label.facet.map_or(String::new(), |facet| format!(" · {}", facet.name()));
        let words: Vec<&str> = review.source().slice(unit.text).split_whitespace().collect();
        let mut text = visible(&words.join(" "));
        if let Some((at, _)) = text.char_indices().nth(width.saturating_sub(8)) {
            text.truncate(at);
            text.push('…');
        }
        let _ = writeln!(out, "{line:>5}  {}{facet}", paint(style::GOOD, component, colour));
        let _ = writeln!(out, "       {text}");
        let seen: Vec<String> = label
            .evidence
            .iter()
            .take(SHOWN)
            .map(|evidence| {
                format!(
                    "{}: {} {:.0}\u{a0}%",
                    evidence.seen,
                    evidence.component.name(),
                    evidence.share * 100.0
                )
            })
            .collect();
        let options = textwrap::Options::new(width).initial_indent("       ").subsequent_indent("       ");
        let _ = writeln!(out, "{}", paint(style::DIM, &textwrap::fill(&seen.join("; "), options), colour));
    }
    out.push('\n');
    out
}
