//! Which labels name the sides of a dialogue, or of samples.

use super::fences::Fenced;
use super::line::{self, Line};
use crate::lexicon::vocabulary;
use std::collections::HashMap;

/// The labels that name the sides of a dialogue or of samples: two labels at least, each seen twice,
/// or two different speakers.
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
    let doubled = seen.iter().filter(|(_, count)| **count >= 2).count();
    seen.retain(|label, count| {
        let flags = flags(label);
        (doubled >= 2 && *count >= 2 && (flags & side != 0 || doubled <= 4))
            || (speakers >= 2 && flags & vocabulary::SPEAKER != 0)
    });
    seen
}
