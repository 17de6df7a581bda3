//! Stretches that the prompt says in words are samples: from `--- START OF EXAMPLE ---` to `--- END OF EXAMPLE ---`, and what a list
//! holds below `- **Example**:`.

use super::Reading;
use crate::units::{Unit, UnitKind};

/// For each unit, true where it stands between such bounds.
pub(super) fn within(reading: &Reading<'_>) -> Vec<bool> {
    let mut inside = nested(reading);
    if !reading.source.text().to_ascii_lowercase().contains("end") {
        return inside;
    }
    let mut open = None;
    let mut labelled = None;
    for (index, unit) in reading.units.iter().enumerate() {
        let text = reading.source.slice(unit.text);
        match bound(text) {
            Some(Bound::Start) => open = Some(index),
            Some(Bound::End) => {
                if let Some(from) = open.take().or(labelled.take()) {
                    inside[from + 1..index].fill(true);
                }
                labelled = None;
            }
            None if is_label(text) => {
                labelled.get_or_insert(index);
            }
            // "Example 1" that no such line ends is over with the next title.
            None if unit.kind == UnitKind::Mark && is_title(text) => labelled = None,
            None => {}
        }
    }
    inside
}

/// What a list holds below `- **Example**:`, further in.
fn nested(reading: &Reading<'_>) -> Vec<bool> {
    let indent = |unit: &Unit| reading.outline.pieces[unit.pieces.start].indent;
    let mut from = None;
    let below = |unit: &Unit| {
        let text = reading.source.slice(unit.text);
        from = from.filter(|column| indent(unit) > *column);
        let labels =
            matches!(unit.kind, UnitKind::Item { .. }) && text.ends_with([':', '*']) && is_label(text);
        let inside = from.is_some() || labels;
        from = from.or(labels.then(|| indent(unit)));
        inside && unit.kind != UnitKind::Mark
    };
    reading.units.iter().map(below).collect()
}

/// `===== END OF EXAMPLE =====`: what comes behind it is no sample.
pub(super) fn ends_samples(text: &str) -> bool {
    matches!(bound(text), Some(Bound::End))
}

enum Bound {
    Start,
    End,
}

/// The most bytes of a line that is such a bound.
const LONGEST: usize = 60;

fn bound(text: &str) -> Option<Bound> {
    if text.len() > LONGEST {
        return None;
    }
    let lower = text.to_ascii_lowercase();
    let words: Vec<&str> =
        lower.split(|c: char| !c.is_ascii_alphanumeric()).filter(|w| !w.is_empty()).collect();
    let named = words.iter().any(|word| {
        ["example", "examples", "sample", "samples", "demonstration", "demonstrations"].contains(word)
    });
    if !named || words.len() > 5 {
        return None;
    }
    let turn = |word: &str| match word {
        "start" | "begin" | "begins" | "beginning" | "starts" => Some(Bound::Start),
        "end" | "ends" => Some(Bound::End),
        _ => None,
    };
    turn(words[0]).or_else(|| turn(words[words.len() - 1]))
}

/// `Example:`, `## Sample 2`.
fn is_label(text: &str) -> bool {
    let plain = text.trim_matches(|c: char| !c.is_ascii_alphanumeric()).to_ascii_lowercase();
    text.len() <= LONGEST
        && ["example", "sample"].iter().any(|word| plain.starts_with(word))
        && plain.split_whitespace().count() <= 3
}

/// A heading of the prompt itself.
fn is_title(text: &str) -> bool {
    text.starts_with('#')
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component;

    #[test]
    fn what_is_nested_below_a_sample_label() {
        let text = "Keep the log up to date.\n\n1. **Add**: If a fact is new, add it.\n- **Example**:\n    - Old notes:\n        [\n            {\n                \"id\" : \"0\"\n            }\n        ]\n    - New notes: []\n\n2. **Drop**: If a fact is wrong, drop it.\n";
        let labels = components_of(text);
        assert_eq!(
            labels.iter().filter(|label| **label == Some(Component::Examples)).count(),
            4,
            "{labels:?}"
        );
        assert_ne!(labels.last(), Some(&Some(Component::Examples)));
    }

    #[test]
    fn what_stands_between_the_bounds_is_a_sample() {
        let text = "Answer the guest.\n\n--- START OF EXAMPLE ---\nGUEST: Please list the boats.\nCLERK: I will look them up.\n--- END OF EXAMPLE ---\n\nNever name a price.\n";
        let found = components_of(text);
        assert_eq!(found.iter().flatten().filter(|c| **c == Component::Examples).count(), 2);
        assert_eq!(found[0], Some(Component::Task));
        assert_eq!(found.last(), Some(&Some(Component::Constraints)));
    }

    #[test]
    fn a_labelled_sample_may_say_where_it_ends() {
        let text = "Answer the guest in one line.\nExample:\nGuest: Hello?\nDo you run on Sunday?\n{name}: Yes.\nEnd of example.\nLog:\n{log}\n";
        let found = components_of(text);
        let shown = |c: &&Component| **c == Component::Examples;
        assert!(found.iter().flatten().filter(shown).count() >= 3, "{found:?}");
        assert_eq!(found.iter().flatten().next(), Some(&Component::Task));
        assert_eq!(found.iter().flatten().last(), Some(&Component::Context));
    }
}
