//! Stretches that the prompt says in words are samples: from `--- START OF EXAMPLE ---` to `--- END OF EXAMPLE ---`.

use super::Reading;
use crate::units::UnitKind;

/// For each unit, true where it stands between such bounds.
pub(super) fn within(reading: &Reading<'_>) -> Vec<bool> {
    let mut inside = vec![false; reading.units.len()];
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
