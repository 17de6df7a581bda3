//! Lists that say what names stand for: "1. **late**: Slips that …". What one entry is, the others are.

use super::{Label, Reading};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::units::UnitKind;

/// The fewest entries of such a list, and of those that agree.
const ENTRIES: usize = 4;
const AGREE: usize = 2;

/// Gives all entries of a list of names and what they stand for the component that most of them have.
pub(super) fn settle(reading: &Reading<'_>, labels: &mut [Label]) {
    let tells = |unit: usize| tells_of_a_name(reading, unit);
    let mut at = 0;
    while at < labels.len() {
        let run = (at..labels.len())
            .take_while(|&unit| tells(unit) && reading.units[unit].section == reading.units[at].section)
            .count();
        if run >= ENTRIES {
            agree(&mut labels[at..at + run]);
        }
        at += run.max(1);
    }
}

fn agree(labels: &mut [Label]) {
    let count = |of: Component| labels.iter().filter(|label| label.component == Some(of)).count();
    let (facts, rules) = (count(Component::Context), count(Component::Constraints));
    let most = if rules > facts { Component::Constraints } else { Component::Context };
    if facts.max(rules) < AGREE {
        return;
    }
    let strays = [Component::Task, Component::OutputFormat, Component::Examples].map(Some);
    for label in labels.iter_mut().filter(|label| strays.contains(&label.component)) {
        label.component = Some(most);
        label.shares = [0.0; 6];
        label.shares[most.index()] = 1.0;
    }
}

/// `**late**: Slips that name a late boat.`
fn tells_of_a_name(reading: &Reading<'_>, unit: usize) -> bool {
    let holder = &reading.units[unit];
    let text = reading.source.slice(holder.text);
    let bold = text.strip_prefix("**").and_then(|rest| rest.split_once("**"));
    // `#Log: the lines of the day`.
    let hashed = text.strip_prefix('#').and_then(|rest| rest.find(':').map(|at| rest.split_at(at)));
    let named = bold.or(hashed);
    let Some((name, rest)) = named.filter(|(name, _)| name.split_whitespace().count() <= 3) else {
        return false;
    };
    let colon = rest.starts_with(':') || name.ends_with(':');
    let words = reading.words.within(holder.text);
    let behind = words.iter().position(|word| word.text(reading.source.text()) == ":").map_or(0, |at| at + 1);
    let first = words[behind..].iter().find(|word| !word.is_punctuation());
    let orders = vocabulary::VERB | vocabulary::NEGATION | vocabulary::CONDITION;
    matches!(holder.kind, UnitKind::Item { .. })
        && holder.opens_piece
        && colon
        && first.is_some_and(|word| !word.is(orders))
        && words.len() >= behind + 4
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;

    #[test]
    fn entries_of_one_list_are_one_thing() {
        let text = "Sort each slip by what it is about.\n\nThere are five classes of slips:\n\n1. **late**: Slips that tell of a late boat or of a missed berth.\n\
                    2. **lost**: Slips that tell of a scarf or a bag left on board.\n3. **fare**: Slips that ask what a trip costs or cost.\n\
                    4. **pier**: Slips that ask for the way to a pier or a gate.\n5. **none**: Slips that tell of none of these things.\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().skip(2).collect();
        assert!(found.windows(2).all(|pair| pair[0] == pair[1]), "{found:?}");
    }
}
