//! Labels of the author's own that say what a new heading says right above them.

use super::chunk::Chunk;
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// Labels that say what the heading over a section says.
const SAYS: [(&str, &[&str]); 6] = [
    ("Role", &["role", "persona"]),
    ("Task", &["task", "goal", "your task", "objective"]),
    ("Constraints", &["rules", "constraints", "requirements"]),
    ("Examples", &["example", "examples", "sample", "samples"]),
    ("Output format", &["output", "format", "output format"]),
    ("Context", &["context", "background"]),
];

/// True for a sentence of a line with the label "Rules:", or of one that opens with an order: "Keep it short: …".
pub(super) fn names_rules(review: &Review, unit: usize) -> bool {
    const ORDER: usize = 3;
    let lead = review.outline().pieces[review.units()[unit].pieces.start].lead;
    let words = review.words_in(lead);
    let titled = |word: &Word| word.text(review.source().text()).starts_with(char::is_uppercase);
    let orders = words.len() >= ORDER
        && words[0].is(vocabulary::VERB)
        && !words[0].is(vocabulary::STOP)
        && !words[1..].iter().any(titled);
    let label = label(review, unit);
    orders || SAYS.iter().any(|(title, words)| *title == "Constraints" && words.contains(&label.as_str()))
}

/// The label of the line that a unit stands in, without its signs.
fn label(review: &Review, unit: usize) -> String {
    let lead = review.outline().pieces[review.units()[unit].pieces.start].lead;
    review.source().slice(lead).trim_matches(['*', '_', ':', ' ', '-']).to_lowercase()
}

/// "Role: harbour clerk" right below the new heading "Role": the label that says it again.
pub(super) fn label_said_by_the_title(review: &Review, chunk: &Chunk, name: &str) -> Option<Edit> {
    let unit = &review.units()[chunk.units.start];
    let lead = review.outline().pieces[unit.pieces.start].lead;
    let label = label(review, chunk.units.start);
    let same = SAYS.iter().any(|(title, words)| *title == name && words.contains(&label.as_str()));
    let behind = &review.source().text()[lead.end()..unit.text.end().max(lead.end())];
    let blanks = behind.len() - behind.trim_start_matches([':', '*', ' ', '\t']).len();
    // "Format: portrait. Format: landscape": the label tells two apart.
    let whole = review.source().slice(chunk.span).to_lowercase();
    let own = |at: usize| !whole[..at].ends_with(|sign: char| sign.is_alphanumeric() || sign == '{');
    let again = whole.match_indices(&format!("{label}:")).filter(|(at, _)| own(*at)).count() > 1;
    let mut led = Span::new(lead.start(), lead.end() + blanks);
    if unit.kind != UnitKind::Field || !same || again || blanks == behind.len() {
        return None;
    }
    // "Task: write the minutes": the sentence begins with a capital then.
    let first = review.words_of(chunk.units.start).iter().find(|word| word.start as usize >= led.end())?;
    let said = first.text(review.source().text());
    let known = first.is(vocabulary::VERB | vocabulary::STOP | vocabulary::NEGATION);
    let capital = known && said.bytes().all(|b| b.is_ascii_lowercase()) && first.start as usize == led.end();
    if capital {
        led = Span::new(led.start(), led.end() + 1);
    }
    Some(Edit { span: led, replacement: if capital { said[..1].to_uppercase() } else { String::new() } })
}

/// "Rules:" right below the new heading over the rules: the unit that only says again what the heading says.
pub(super) fn said_by_the_title(review: &Review, chunk: &Chunk, name: &str) -> Option<usize> {
    let unit = chunk.units.start;
    let mark = &review.units()[unit];
    let label = review.source().slice(mark.text).trim_matches(['*', '_', ':', ' ']).to_lowercase();
    let same = SAYS.iter().any(|(title, words)| *title == name && words.contains(&label.as_str()));
    let alone = mark.kind == UnitKind::Mark
        || mark.opens_piece && review.units().get(unit + 1).is_some_and(|next| next.opens_piece);
    (alone && chunk.units.len() > 1 && same).then_some(unit)
}
