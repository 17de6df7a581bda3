//! Rules of one paragraph that each make an item of a list: "The mail should be short. It should name the pier. Never name a fare."

use super::chunk::Chunk;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::units::UnitKind;

/// The fewest sentences of a chunk that are parted.
const LEAST: usize = 2;

/// The units of a chunk that open an item of their own behind its first one.
pub(super) fn within<'a>(review: &'a Review, chunk: &Chunk) -> impl Iterator<Item = usize> + use<'a> {
    let prose = |unit: usize| review.units()[unit].kind == UnitKind::Sentence;
    let all = chunk.units.len() >= LEAST && chunk.units.clone().all(prose);
    let rule = |unit: usize| review.labels()[unit].component == Some(Component::Constraints);
    chunk.units.clone().skip(1).filter(move |unit| all && rule(*unit) && demands(review, *unit))
}

/// An order, or what "it" must be: the rule before it names what "it" is, and stays right above.
fn demands(review: &Review, unit: usize) -> bool {
    let text = review.source().text();
    let words = review.words_of(unit);
    let Some((first, second)) = words.first().zip(words.get(1)) else { return false };
    let order = first.is(vocabulary::VERB | vocabulary::NEGATION) && !first.is(vocabulary::STOP)
        || matches!(&*first.lower(text), "do" | "don't" | "never" | "always" | "please" | "keep" | "no");
    let bound = matches!(&*first.lower(text), "it" | "they") && second.is(vocabulary::MODAL)
        || first.lower(text) == "the" && words.iter().take(6).any(|word| word.is(vocabulary::MODAL));
    order || bound
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn rules_that_lean_on_one_another_become_items() {
        let text = "Act like a senior purser. I need to write a letter to guests who missed the boat.\n\nThe letter should be kind \
                    but also clear and it should not take more than 120 words and please don't say \"sadly\" and mention that we \
                    keep their seat for six days unless they object and it should be signed by the crew of the night boat.\n\n\
                    Guest: {{guest}}\nPier: {{pier}}\n";
        let out = reworded(text);
        assert!(out.contains("- It should not take more than 120 words.\n- Don't say"), "{out}");
    }
}
