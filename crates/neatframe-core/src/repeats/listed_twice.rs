//! One deed in two lists of a prompt: "Propose new routes that others miss" among the duties, "Propose new routes across the sound"
//! among the steps.

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
use std::collections::HashMap;

/// The longest item that is read, in words and signs.
const LONG: usize = 16;

/// Each item that orders what one of an earlier list orders, by the verb and the two words behind it. `demands` are in order.
pub(super) fn repeated(text: &str, words: &Words, units: &[Unit], demands: &[usize]) -> Vec<(usize, usize)> {
    let mut seen: HashMap<[u32; 3], usize> = HashMap::new();
    let mut found = Vec::new();
    for &unit in demands {
        if !matches!(units[unit].kind, UnitKind::Item { .. }) {
            continue;
        }
        let Some(deed) = deed(text, words.within(units[unit].text)) else { continue };
        let earlier = *seen.entry(deed).or_insert(unit);
        if earlier != unit && units[earlier].block != units[unit].block && units[unit].opens_piece {
            found.push((unit, earlier));
        }
    }
    found
}

/// "Propose new routes …": the verb and the thing with its adjective, in an order with no case, number or denial.
fn deed(text: &str, words: &[Word]) -> Option<[u32; 3]> {
    let plain = |word: &Word| !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::MODAL);
    let bound = |word: &Word| {
        word.is_number() || word.is(vocabulary::NEGATION | vocabulary::CONDITION | vocabulary::QUOTE)
    };
    let verb = words.first().filter(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP))?;
    let [one, two] = words.get(1..3)? else { return None };
    let told = plain(one) && plain(two) && words.len() <= LONG && !words.iter().any(bound);
    told.then(|| [verb, one, two].map(|word| stem(&word.lower(text))))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;

    #[test]
    fn a_deed_comes_down_to_its_verb_and_thing() {
        let read = |line: &str| {
            let words = Words::read(line, 0);
            deed(line, words.within(Span::new(0, line.len())))
        };
        assert_eq!(read("Propose new routes that others miss"), read("Propose new routes across the sound"));
        assert_ne!(read("Propose new routes"), read("Propose new fares"));
        assert_eq!(read("Propose 3 new routes"), None);
        assert_eq!(read("Never propose new routes"), None);
    }
}
