//! Lines on one field of a record that the prompt shows: "area is one of parser, units", below `{"area": "..."}`.

use super::Reading;
use crate::units::{Unit, UnitKind};
use std::collections::HashSet;

/// The most keys that are kept.
const MOST: usize = 200;

/// The names that stand as keys in records of a text.
pub(super) fn named(text: &str) -> HashSet<&str> {
    let mut keys = HashSet::new();
    for (at, _) in text.match_indices("\":") {
        let Some(from) = text[..at].rfind('"') else { continue };
        let name = &text[from + 1..at];
        if !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-')) {
            keys.insert(name);
        }
        if keys.len() == MOST {
            break;
        }
    }
    keys
}

/// True for a sentence that opens with the name of a key and says what it holds.
pub(super) fn says_what_one_holds(reading: &Reading<'_>, unit: &Unit, keys: &HashSet<&str>) -> bool {
    const HOLDS: [&str; 13] = [
        "is", "are", "must", "runs", "holds", "has", "takes", "gives", "may", "can", "names", "counts",
        "contains",
    ];
    if keys.is_empty() || !matches!(unit.kind, UnitKind::Sentence | UnitKind::Field | UnitKind::Item { .. }) {
        return false;
    }
    let mut words = reading.source.slice(unit.text).split_whitespace();
    let first = words.next().map(|word| word.trim_matches(['`', '"', '*']));
    first.is_some_and(|first| keys.contains(first)) && words.next().is_some_and(|next| HOLDS.contains(&next))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::classify::components_of as read;
    use crate::component::Component;

    #[test]
    fn keys_are_found_in_records() {
        let keys = named("Return {\"area\": \"...\", \"sure\": 0.0} and say \"no\".");
        assert_eq!(keys, HashSet::from(["area", "sure"]));
    }

    #[test]
    fn what_a_field_holds_is_a_rule() {
        let text = "Label the note.\nReturn one object: {\"area\": \"...\", \"sure\": 0.0}\narea is one of deck, lounge.\nsure runs from 0 to 1.\n";
        let found = read(text);
        let rule =
            |of: &Option<Component>| matches!(of, Some(Component::Constraints | Component::OutputFormat));
        assert!(found[2..].iter().all(rule), "{found:?}");
    }
}
