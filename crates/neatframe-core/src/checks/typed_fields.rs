//! Sample values of another kind than their field: "Next: soon", where the prompt asks for a date there.

use super::{Case, Sink};
use crate::component::Component;
use crate::outline::PieceKind;
use crate::record;
use crate::span::Span;
use crate::trial;

/// What a field is to hold.
#[derive(Clone, Copy, PartialEq)]
enum Kind {
    Date,
    Whole,
    YesOrNo,
    TrueOrFalse,
    Number,
    /// A number between two others, both included; `true` where it is to be whole.
    Range(i64, i64, bool),
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
            let bare = || record::bare_value(body, &field.name).map(|(at, value)| (at, value.len()));
            let (at, length) = trial::field(body, &field.name).or_else(bare)?;
            let value = &body[at..at + length];
            let shown = value.trim().trim_matches(['"', '`', '.', '*']);
            let blank = value.len() - value.trim_start().len();
            (!shown.is_empty() && !field.holds(shown)).then(|| (field, at + blank, value.trim().len()))
        });
        if let Some((field, at, length)) = odd {
            let line = case.source.position(field.span.start()).line;
            let place = Span::within(span, at, length);
            let what = match field.kind {
                Kind::Date => "a date".to_string(),
                Kind::Whole => "a whole number".to_string(),
                Kind::Number => "a number".to_string(),
                Kind::YesOrNo => "yes or no".to_string(),
                Kind::TrueOrFalse => "true or false".to_string(),
                Kind::Range(low, high, false) => format!("a number from {low} to {high}"),
                Kind::Range(low, high, true) => format!("a whole number from {low} to {high}"),
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
            Kind::Number => lower == "null" || value.contains(|c: char| c.is_ascii_digit()),
            Kind::YesOrNo => matches!(&*lower, "yes" | "no"),
            // A value in words is another matter.
            Kind::Range(low, high, whole) => value.parse::<f64>().map_or(true, |value| {
                (low as f64..=high as f64).contains(&value) && (!whole || value.fract() == 0.0)
            }),
            // Only what plainly stands for the two: "whether the claim is true or false" makes no field of the claim.
            Kind::TrueOrFalse => !matches!(&*lower, "yes" | "no" | "y" | "n" | "1" | "0"),
        };
        kind || hole || self.gloss.split(|c: char| !c.is_alphanumeric()).any(|word| word == lower)
    }
}

/// `Next: date or "none"`, `years: whole number`: the field that a line of the answer's template describes.
fn field(case: &Case<'_>, unit: usize) -> Option<Field> {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    let shapes =
        matches!(case.labels[unit].component, Some(Component::OutputFormat | Component::Constraints));
    if matches!(case.labels[unit].component, None | Some(Component::Examples)) {
        return None;
    }
    let span = case.units[unit].text;
    let line = case.text(case.units[unit].with_lead(case.outline));
    if let Some((name, low, high)) = scaled(line) {
        let whole = [" whole number", "integer", " int "].iter().any(|word| line.contains(word));
        return Some(Field { name, kind: Kind::Range(low, high, whole), gloss: String::new(), span });
    }
    if let Some(name) = true_or_false(line) {
        return Some(Field { name, kind: Kind::TrueOrFalse, gloss: String::new(), span });
    }
    if let Some(name) = a_number(line) {
        return Some(Field { name, kind: Kind::Number, gloss: String::new(), span });
    }
    if !shapes || !matches!(piece.kind, PieceKind::Field | PieceKind::Turn) {
        return None;
    }
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

/// "Fares are numbers.", "`fare` is a number": the field.
fn a_number(line: &str) -> Option<String> {
    let said = line.trim_start_matches(['-', '*', ' ']).trim_end_matches('.').to_lowercase();
    let said = said.strip_prefix("the ").unwrap_or(&said);
    let name = [" is a number", " must be a number", " is numeric", " has to be a number"]
        .iter()
        .find_map(|end| said.strip_suffix(end))
        .or_else(|| {
            [" are numbers", " must be numbers"]
                .iter()
                .find_map(|end| said.strip_suffix(end)?.strip_suffix('s'))
        })?;
    let name = name.trim_matches(['`', '"', '*']);
    (name.len() >= 3 && name.chars().all(|c| c.is_alphanumeric() || c == '_')).then(|| name.to_string())
}

/// "warning true or false", "`paid` is a boolean": the field.
fn true_or_false(line: &str) -> Option<String> {
    let at =
        ["true or false", "true/false", "true | false", "boolean"].iter().find_map(|sign| line.find(sign))?;
    let before = line[..at].trim_end_matches([' ', ':', '(', '"', '`', '*', '<']);
    let before = [" is a", " is", " as a", " as", " must be", " a"]
        .iter()
        .find_map(|word| before.strip_suffix(word))
        .unwrap_or(before);
    let name = before.rsplit(|c: char| !(c.is_alphanumeric() || c == '_')).find(|word| !word.is_empty())?;
    let plain = !matches!(name, "either" | "with" | "write" | "return" | "be" | "answer" | "or" | "and");
    (name.len() >= 3 && plain).then(|| name.to_lowercase())
}

/// "score is a whole number from 1 to 5", "`score`: 1-5": the field, and the lowest and highest number it may hold.
fn scaled(line: &str) -> Option<(String, i64, i64)> {
    let lower = line.trim_start_matches(['-', '*', ' ']).to_lowercase();
    let lower =
        ["the ", "each ", "every "].iter().find_map(|word| lower.strip_prefix(word)).unwrap_or(&lower);
    let end = lower.trim_start_matches(['"', '`', '*']).find([' ', ':', '"', '`', '*', '('])?;
    let head = lower.trim_start_matches(['"', '`', '*']);
    let (name, rest) = head.split_at(end);
    let rest = rest.trim_start_matches(['"', '`', '*', ' ']);
    // "Give a confidence between 0 and 1".
    let led = ["give a ", "give each one a ", "add a ", "state a ", "return a ", "include a ", "output a "];
    if let Some(lead) = led.iter().find_map(|lead| lower.strip_prefix(lead)) {
        let (name, rest) = lead.split_once(' ')?;
        let rest = ["score ", "value ", "rating ", "level "]
            .iter()
            .find_map(|kind| rest.strip_prefix(kind))
            .unwrap_or(rest);
        let rest = rest.strip_prefix("between ").or_else(|| rest.strip_prefix("from "))?;
        return range(name, rest);
    }
    let rest = [":", "(", "is ", "must be ", "has to be ", "goes ", "runs ", "holds "]
        .iter()
        .find_map(|sign| rest.strip_prefix(sign))?;
    let rest = rest.trim_start();
    let rest = ["a whole number", "an integer", "a number", "whole number", "integer", "number", "int"]
        .iter()
        .find_map(|kind| rest.strip_prefix(kind))
        .unwrap_or(rest)
        .trim_start_matches([',', ' ']);
    let rest = ["from ", "between ", "of "].iter().find_map(|word| rest.strip_prefix(word)).unwrap_or(rest);
    range(name, rest)
}

/// "0 to 10" behind the name of a field.
fn range(name: &str, rest: &str) -> Option<(String, i64, i64)> {
    let named = name.len() >= 3 && name.chars().all(|c| c.is_alphanumeric() || c == '_');
    let (low, rest) = leading_number(rest)?;
    let rest = [" to ", " and ", "-", "–", " - ", " – "].iter().find_map(|sign| rest.strip_prefix(sign))?;
    let (high, after) = leading_number(rest)?;
    // "1-5 words" is a length, and "2-3-1" no range.
    let ends = after.is_empty() || after.starts_with([',', ';', ')', '.']) || after.starts_with(" (");
    (named && ends && low < high).then(|| (name.to_string(), low, high))
}

fn leading_number(text: &str) -> Option<(i64, &str)> {
    let end = text.find(|c: char| !c.is_ascii_digit()).unwrap_or(text.len());
    Some((text[..end].parse().ok()?, &text[end..]))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_field_and_its_scale() {
        let read = |line| scaled(line).map(|(name, low, high)| (name, (low, high)));
        assert_eq!(read("score is a whole number from 1 to 5."), Some(("score".into(), (1, 5))));
        assert_eq!(read("- `rank`: 1-10, best first"), Some(("rank".into(), (1, 10))));
        assert_eq!(read("tide (0 to 3)"), Some(("tide".into(), (0, 3))));
        assert_eq!(read("The score is between 1 and 5."), Some(("score".into(), (1, 5))));
        assert_eq!(read("summary: 2-3 sentences"), None, "a length");
        assert_eq!(read("The score is high."), None);
    }
}
