//! Sample values of another kind than their field: "Next: soon", where the prompt asks for a date there.

use super::{Case, Sink};
use crate::component::Component;
use crate::outline::PieceKind;
use crate::span::Span;
use crate::trial;

/// What a field is to hold.
#[derive(Clone, Copy, PartialEq)]
enum Kind {
    Date,
    Whole,
    YesOrNo,
}

struct Field {
    name: String,
    kind: Kind,
    /// What is said of it: each word there may stand as the value too, as "none" may in `date or "none"`.
    gloss: String,
    span: Span,
}

/// How many fields are kept in mind.
const MOST: usize = 64;

/// Reports sample lines `label: value` whose value is not of the kind that the label asks for.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let fields: Vec<Field> = (0..case.units.len()).filter_map(|unit| field(case, unit)).take(MOST).collect();
    if fields.is_empty() {
        return;
    }
    for unit in 0..case.units.len() {
        let span = case.units[unit].text;
        if case.labels[unit].component != Some(Component::Examples) {
            continue;
        }
        let body = case.text(span);
        let odd = fields.iter().find_map(|field| {
            let (at, length) = trial::field(body, &field.name)?;
            let value = &body[at..at + length];
            let shown = value.trim().trim_matches(['"', '`', '.', '*']);
            let blank = value.len() - value.trim_start().len();
            (!shown.is_empty() && !field.holds(shown)).then(|| (field, at + blank, value.trim().len()))
        });
        if let Some((field, at, length)) = odd {
            let line = case.source.position(field.span.start()).line;
            let place = Span::within(span, at, length);
            let what = match field.kind {
                Kind::Date => "a date",
                Kind::Whole => "a whole number",
                Kind::YesOrNo => "yes or no",
            };
            let message = format!("`{}` is not {what}, which line {line} asks for", case.text(place));
            sink.report(place, message, "give the sample a value of that kind").related.push(field.span);
        }
    }
}

impl Field {
    fn holds(&self, value: &str) -> bool {
        let lower = value.to_lowercase();
        let hole = value.contains(['{', '<', '[']) || matches!(value, "..." | "…" | "?" | "-");
        let kind = match self.kind {
            Kind::Date => value.contains(|c: char| c.is_ascii_digit()),
            Kind::Whole => value.chars().all(|c| c.is_ascii_digit() || matches!(c, ',' | ' ' | '-')),
            Kind::YesOrNo => matches!(&*lower, "yes" | "no"),
        };
        kind || hole || self.gloss.split(|c: char| !c.is_alphanumeric()).any(|word| word == lower)
    }
}

/// `Next: date or "none"`, `years: whole number`: the field that a line of the answer's template describes.
fn field(case: &Case<'_>, unit: usize) -> Option<Field> {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    let shapes =
        matches!(case.labels[unit].component, Some(Component::OutputFormat | Component::Constraints));
    if !shapes || !matches!(piece.kind, PieceKind::Field | PieceKind::Turn) {
        return None;
    }
    let span = case.units[unit].text;
    let name = case.text(piece.lead).trim_matches(['*', '`', ' ', ':']).to_lowercase();
    let (_, gloss) = case.text(span).split_once(':')?;
    let gloss = gloss.trim_start_matches(['*', '`', ' ', '(', '<']).to_lowercase();
    let opens = |words: &[&str]| words.iter().any(|word| gloss.starts_with(word));
    let kind = if opens(&["date,", "date or", "date as", "the date", "a date"]) || gloss.trim_end() == "date"
    {
        Kind::Date
    } else if opens(&["whole", "integer", "an integer", "a whole"]) {
        Kind::Whole
    } else if opens(&["yes or no", "yes/no", "yes, no"]) {
        Kind::YesOrNo
    } else {
        return None;
    };
    Some(Field { name, kind, gloss, span })
}
