//! Which labels name the sides of a dialogue, or of samples.

use super::fences::Fenced;
use super::line::{self, Line};
use crate::lexicon::vocabulary;
use std::collections::HashMap;

/// The labels that name the sides of a dialogue or of samples: two labels at least, each seen twice,
/// or two different speakers, or one and the persona.
pub(super) fn labels(text: &str, lines: &[Line], fences: &[Fenced]) -> HashMap<String, usize> {
    let mut seen: HashMap<String, usize> = HashMap::new();
    for (line, fenced) in lines.iter().zip(fences) {
        let (core, _) = line::core(text, line.start, line.end);
        if *fenced != Fenced::Outside || core.is_empty() {
            continue;
        }
        if let Some((label, from)) = line::label(text, core)
            && from < core.end()
        {
            *seen.entry(text[label.range()].to_lowercase()).or_default() += 1;
        }
    }
    let flags =
        |label: &str| vocabulary::flags(vocabulary::find(label.rsplit(' ').next().unwrap_or("").as_bytes()));
    let side = vocabulary::SPEAKER | vocabulary::SAMPLE_IN | vocabulary::SAMPLE_OUT;
    let speakers = seen.keys().filter(|label| flags(label) & vocabulary::SPEAKER != 0).count();
    let called = persona(text).filter(|name| speakers >= 1 && seen.contains_key(name));
    let doubled = seen.iter().filter(|(_, count)| **count >= 2).count();
    seen.retain(|label, count| {
        let flags = flags(label);
        (doubled >= 2 && *count >= 2 && (flags & side != 0 || doubled <= 4))
            || ((speakers >= 2 || called.is_some()) && flags & vocabulary::SPEAKER != 0)
            || called.as_ref() == Some(label)
    });
    seen
}

/// How far into a text its persona is looked for, in bytes.
const OPENING: usize = 2000;

/// The name that the opening gives the model, in lower case: "You are Wick, the clerk".
fn persona(text: &str) -> Option<String> {
    let mut end = text.len().min(OPENING);
    while !text.is_char_boundary(end) {
        end -= 1;
    }
    let opening = &text[..end];
    ["You are ", "You're ", "called ", "named ", "name is "].iter().find_map(|sign| {
        let rest = opening.split_once(sign)?.1.trim_start_matches(['"', '“', '*']);
        let name: &str = rest.split(|c: char| !c.is_alphanumeric()).next()?;
        (name.len() > 1 && name.starts_with(char::is_uppercase)).then(|| name.to_lowercase())
    })
}
