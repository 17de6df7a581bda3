//! Samples of what not to do, which break the rules on purpose: "Bad: …", "✗ …", all below "What to avoid".

use crate::checks::Case;

/// Words of a title or label under which stands what not to do.
const SHUNNED: [&str; 16] = [
    "bad", "wrong", "incorrect", "poor", "weak", "worse", "worst", "avoid", "counterexample",
    "counterexamples", "don't", "dont", "unacceptable", "invalid", "not", "never",
];
/// Signs of a sample that is held up as bad.
const CROSSES: [char; 5] = ['✗', '✘', '❌', '🚫', '⛔'];
/// How many units back the line is looked for that a sample belongs to.
const BACK: usize = 6;
/// A longer line says more than what stands below it, in bytes.
const LONG: usize = 80;

/// True for a unit that shows what not to do.
pub(crate) fn is_shunned(case: &Case<'_>, unit: usize) -> bool {
    let holder = &case.units[unit];
    let line = case.text(holder.with_lead(case.outline));
    let body = line.trim_start_matches(['-', '*', '•', ' ', '"']);
    body.starts_with(CROSSES)
        || body.split_once(':').is_some_and(|(label, _)| is_short(label) && names_what_is_shunned(label))
        || names_what_is_shunned(case.text(case.outline.sections[holder.section].title))
        || lead_of(case, unit).is_some_and(names_what_is_shunned)
}

/// True for the label of a line; "The boat was not late: …" is a sentence of the sample.
fn is_short(label: &str) -> bool {
    label.split_whitespace().count() <= 3
}

/// The line that ends in a colon above a unit of the same list or paragraph: "Not like this:".
fn lead_of<'a>(case: &'a Case<'_>, unit: usize) -> Option<&'a str> {
    let section = case.units[unit].section;
    (unit.saturating_sub(BACK)..unit)
        .rev()
        .take_while(|&above| case.units[above].section == section)
        .map(|above| case.text(case.units[above].text))
        .find(|line| line.trim_end().ends_with(':'))
}

/// "BAD examples (these are orders)", "Don't write like this": what stands in brackets is left out.
fn names_what_is_shunned(title: &str) -> bool {
    let title = title.split('(').next().unwrap_or("");
    title.len() <= LONG
        && title
            .split(|c: char| !(c.is_alphanumeric() || c == '\''))
            .any(|word| SHUNNED.iter().any(|known| word.eq_ignore_ascii_case(known)))
}
