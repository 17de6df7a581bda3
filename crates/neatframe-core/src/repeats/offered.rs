//! Answers that a prompt offers to choose from, "A. …", "B. …": they say again what is to be judged, and demand nothing.

use crate::source::Source;
use crate::units::Unit;

/// The most answers that are offered at once.
const MOST: usize = 10;

/// Words with which a line leads to answers to choose from.
const LEADS: [&str; 6] = ["option", "choice", "case applies", "of the following", "choose", "select"];

/// True for a line that a letter opens, below one that tells to choose.
pub(super) fn is_offered(source: &Source, units: &[Unit], unit: usize) -> bool {
    let lettered = |at: usize| {
        // The letter may be the mark of an item, which no unit holds.
        let line = source.slice(source.line_around(units[at].text.start())).trim_start();
        let mut signs = line.chars();
        signs.next().is_some_and(|c| c.is_ascii_uppercase())
            && matches!(signs.next(), Some('.' | ')'))
            && signs.next() == Some(' ')
    };
    if !lettered(unit) {
        return false;
    }
    let lead = (unit.saturating_sub(MOST)..unit).rev().find(|at| !lettered(*at));
    lead.is_some_and(|at| {
        let lower = source.slice(units[at].text).to_lowercase();
        lower.ends_with(':') && LEADS.iter().any(|word| lower.contains(word))
    })
}
