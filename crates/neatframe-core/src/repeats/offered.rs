//! Answers that a prompt offers to choose from, "A. …", "B. …": they say again what is to be judged, and demand nothing.

use crate::source::Source;
use crate::units::Unit;

/// The most answers that are offered at once.
const MOST: usize = 10;

/// The longest such line, in bytes.
const LONG: usize = 400;

/// The bytes of a letter, its sign and a blank.
const MARK: usize = 3;

/// Words with which a line leads to answers to choose from.
const LEADS: [&str; 6] = ["option", "choice", "case applies", "of the following", "choose", "select"];

/// True for a line that a letter opens, below one that tells to choose.
pub(super) fn is_offered(source: &Source, units: &[Unit], unit: usize) -> bool {
    let marks = |sign: &str| {
        let mut signs = sign.chars();
        let opens =
            signs.next().is_some_and(|c| c.is_ascii_uppercase()) && matches!(signs.next(), Some('.' | ')'));
        opens && signs.next() == Some(' ')
    };
    let lettered = |at: usize| {
        let unit = units[at].text;
        // The letter may be the mark of an item, which no unit holds; a line may be long, so only its sign is read.
        let before = source.text().get(unit.start().saturating_sub(MARK)..unit.start()).unwrap_or_default();
        let own_line = unit.start() <= MARK
            || matches!(source.text().as_bytes()[unit.start() - MARK - 1], b'\n' | b' ' | b'\t');
        marks(source.slice(unit)) || own_line && marks(before)
    };
    if !lettered(unit) {
        return false;
    }
    let lead = (unit.saturating_sub(MOST)..unit).rev().find(|at| !lettered(*at));
    lead.filter(|at| units[*at].text.len() <= LONG).is_some_and(|at| {
        let lower = source.slice(units[at].text).to_lowercase();
        lower.ends_with(':') && LEADS.iter().any(|word| lower.contains(word))
    })
}
