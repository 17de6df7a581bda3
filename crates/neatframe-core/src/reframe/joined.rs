//! "Don't suggest flyers. Don't suggest discounts. Don't suggest gifts.": one line for what is ruled out by the same words.

use super::plan::Plan;
use crate::component::Component;
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;

/// From so many lines on they are joined, and up to so many: more are a list, and read as one.
const LEAST: usize = 3;
const MOST: usize = 8;

/// The most words of what one line rules out.
const LONGEST: usize = 4;

/// Takes the joined lines into a plan.
pub(super) fn join(plan: &mut Plan, review: &Review) {
    let mut unit = 0;
    while unit < review.units().len() {
        let Some((opening, _)) = ruled_out(review, unit) else {
            unit += 1;
            continue;
        };
        let block = review.units()[unit].block;
        let run = (unit..review.units().len())
            .take_while(|&next| {
                let same = ruled_out(review, next).is_some_and(|(other, _)| other == opening);
                same && review.units()[next].block == block && !plan.dropped.contains(&next)
            })
            .count();
        if (LEAST..=MOST).contains(&run) {
            write(plan, review, unit, run);
        }
        unit += run.max(1);
    }
}

fn write(plan: &mut Plan, review: &Review, first: usize, run: usize) {
    let things: Vec<&str> = (first..first + run)
        .filter_map(|unit| ruled_out(review, unit).map(|(_, thing)| review.source().slice(thing)))
        .collect();
    let ([_, middle @ .., last], Some((_, own))) = (things.as_slice(), ruled_out(review, first)) else {
        return;
    };
    let more: String = middle.iter().map(|thing| format!(", {thing}")).collect();
    let end = Span::new(own.end(), own.end());
    if !plan.take(&[Edit { span: end, replacement: format!("{more} or {last}") }]) {
        return;
    }
    plan.tell(review, own, &format!("{}{more} or {last}", things[0]), "one rule rules all of them out");
    let line = review.source().position(own.start()).line;
    for unit in first + 1..first + run {
        plan.drop_for(review, unit, &format!("the rule on line {line} says it now"));
    }
}

/// "Don't suggest" and where "flyers" stands, of a line that rules one thing out and says nothing else.
fn ruled_out(review: &Review, unit: usize) -> Option<(String, Span)> {
    let text = review.source().text();
    let loose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { ordered: false });
    if !loose || review.labels()[unit].component != Some(Component::Constraints) {
        return None;
    }
    let words = review.words_of(unit);
    let end = words.iter().rposition(|word| !word.is_punctuation())? + 1;
    let lower = |at: usize| words.get(at).map(|word| word.lower(text).into_owned()).unwrap_or_default();
    let verb = match (lower(0).as_str(), lower(1).as_str()) {
        ("do", "not") => 2,
        ("don't" | "never" | "avoid", _) => 1,
        _ => return None,
    };
    let from = if lower(0) == "avoid" { verb } else { verb + 1 };
    let thing = words.get(from..end).filter(|thing| (1..=LONGEST).contains(&thing.len()))?;
    let plain = thing.iter().all(|word| {
        let name = word.text(text).bytes().all(|b| b.is_ascii_alphabetic() || b == b'-');
        name && !word.is(vocabulary::STOP | vocabulary::CONDITION | vocabulary::NEGATION)
    });
    let opening = (0..from).map(lower).collect::<Vec<_>>().join(" ");
    let opening = opening.replace("do not", "don't");
    plain.then(|| (opening, thing[0].span().cover(thing[thing.len() - 1].span())))
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::{reframed, reworded};

    #[test]
    fn what_the_same_words_rule_out_is_one_rule() {
        let text = "Come up with five ideas in order to fill the boats. Don't suggest flyers. Don't suggest gift cards. Do not suggest discounts. Rank them by effort.\n";
        let out = reworded(text);
        assert!(out.contains("Don't suggest flyers, gift cards or discounts."), "{out}");
        assert!(!out.contains("Do not suggest discounts") && out.contains("Rank them"), "{out}");
        assert_eq!(reframed(&reframed(text).text).text, reframed(text).text);
    }

    #[test]
    fn two_bans_and_bans_that_say_more_stay() {
        let two = "Write a notice in order to help. Never name fares. Never name crews. Name the pier.\n";
        assert!(reworded(two).contains("Never name crews."));
        let more = "Write a notice in order to help.\n- Never name fares, since they change.\n- Never name crews.\n- Never name the captain if he is ill.\n";
        assert!(reworded(more).contains("Never name crews."));
    }
}
