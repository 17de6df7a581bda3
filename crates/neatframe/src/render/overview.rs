//! Several prompts in one table, a row each.

use super::report::grouped;
use super::style::{self, paint};
use crate::command::Reviewed;
use neatframe_core::{Reframed, Severity};
use std::fmt::Write as _;

/// Name, coverage, findings and tokens of each prompt, before and after.
pub(crate) fn table(rows: &[(Reviewed, Reframed, usize)], colour: bool) -> String {
    let mut out = String::new();
    let heading = format!(
        "  {:<28}{:>7}{:>9}{:>10}{:>7}{:>9}{:>11}",
        "", "covers", "errors", "warnings", "notes", "tokens", "reframed"
    );
    let _ = writeln!(out, "{}", paint(style::DIM, &heading, colour));
    for (Reviewed { name, review, .. }, _, after) in rows {
        let count = |level: Severity| {
            let count = review.findings().iter().filter(|finding| finding.severity == level).count();
            if count == 0 { "·".to_string() } else { count.to_string() }
        };
        let cell = |level: Severity, width: usize| {
            paint(style::severity(level), &format!("{:>width$}", count(level)), colour)
        };
        let _ = writeln!(
            out,
            "  {name:<28}{:>5} %{}{}{}{:>9}{:>11}",
            review.coverage(),
            cell(Severity::Error, 9),
            cell(Severity::Warning, 10),
            cell(Severity::Note, 7),
            grouped(review.ledger().total),
            grouped(*after)
        );
    }
    out
}
