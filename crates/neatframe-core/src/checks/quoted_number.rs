//! Sample records that give a number as text: `"count": "200"`, where the prompt asks for a whole number.

use super::{Case, Sink};
use crate::component::Component;
use crate::record;
use crate::span::Span;

/// Reports the fields of samples that hold a number in quotation marks though the prompt asks for a number.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut asked: Vec<(String, Span)> = Vec::new();
    for (unit, label) in case.labels.iter().enumerate() {
        let asks = matches!(label.component, Some(Component::OutputFormat | Component::Constraints));
        if asks && asked.len() < MOST {
            let span = case.units[unit].text;
            asked.extend(numeric(case.text(span)).into_iter().map(|key| (key, span)));
        }
    }
    for unit in 0..case.units.len() {
        let span = case.units[unit].text;
        let body = case.text(span);
        if case.labels[unit].component != Some(Component::Examples) || !body.contains("\":") {
            continue;
        }
        let found = asked.iter().find_map(|(key, rule)| Some((record::quoted_number(body, key)?, rule)));
        if let Some(((at, value), rule)) = found {
            let line = case.source.position(rule.start()).line;
            let message = format!("`\"{value}\"` is text, and line {line} asks for a number");
            let write = "write the number without quotation marks";
            sink.report(Span::within(span, at, value.len()), message, write).related.push(*rule);
        }
    }
}

/// How many fields are kept in mind.
const MOST: usize = 64;

/// The fields that hold a number: `` `count` (whole number, or null) ``, `"count": integer`.
fn numeric(body: &str) -> Vec<String> {
    let mut found = Vec::new();
    for (at, _) in body.match_indices("` (") {
        let form = body[at + 3..].split(')').next().unwrap_or("").trim_start();
        let key = body[..at].rsplit('`').next().unwrap_or("");
        if ["whole number", "number", "integer", "int,", "decimal number"]
            .iter()
            .any(|name| form.starts_with(name))
        {
            found.push(key.to_string());
        }
    }
    // "rent - monthly rent in euros, a number".
    let told = [", a number", ", a whole number", ", an integer", ", number", ", whole number", ", integer"];
    let sign = body.find([':', '–', '—']).or_else(|| body.find(" - "));
    if let Some(at) = sign.filter(|_| told.iter().any(|end| body.trim_end_matches('.').ends_with(end))) {
        let key = body[..at].trim().trim_matches(['`', '"', '*', '-', ' ']);
        if !key.is_empty() && key.chars().all(|c| c.is_alphanumeric() || c == '_') {
            found.push(key.to_string());
        }
    }
    for key in record::keys(body) {
        let name = format!("\"{key}\":");
        let Some((_, value)) = body.split_once(&name) else { continue };
        let value = value.trim_start();
        if ["number", "integer", "int", "float", "<number", "<integer"].iter().any(|name| {
            value.strip_prefix(name).is_some_and(|rest| !rest.starts_with(|c: char| c.is_alphanumeric()))
        }) {
            found.push(key);
        }
    }
    found
}
