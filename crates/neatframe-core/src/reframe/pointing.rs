//! "The trip above", where the trip comes to stand below: the word that points is turned with it.

use super::chunk::Chunk;
use super::{Change, Note};
use crate::component::Component;
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::units::UnitKind;
use crate::words::Word;

/// How many words before "above" may name what stands there.
const REACH: usize = 6;

/// How many pointers are followed, and how many things each may mean: a long prompt stays linear.
const MOST: usize = 32;

/// The edits that turn such words, each with its note. `order` is how the chunks stand in the result.
pub(super) fn turned(review: &Review, order: &[&Chunk]) -> Vec<(Edit, Note)> {
    let text = review.source().text();
    let units =
        order.iter().enumerate().flat_map(|(at, chunk)| chunk.units.clone().map(move |unit| (at, unit)));
    let pointers = units.filter_map(|(at, unit)| {
        let (word, above) = pointer(text, review.words_of(unit))?;
        Some((at, unit, word, above))
    });
    let mut found = Vec::new();
    for (at, unit, word, above) in pointers.take(MOST) {
        let words = review.words_of(unit);
        let Some(meant) = meant(review, order, (unit, above), &words[..word]) else { continue };
        if meant == at || (meant < at) == above {
            continue;
        }
        let (old, now) = (words[word], if above { "below" } else { "above" });
        found.push((
            Edit { span: old.span(), replacement: now.into() },
            Note {
                change: Change::Edited,
                span: Some(old.span()),
                words: old.text(text).into(),
                now: now.into(),
                why: "what it points at stands there now".into(),
            },
        ));
    }
    found
}

/// Where a sentence says "… above" or "… below" of something named before, and which of the two.
fn pointer(text: &str, words: &[Word]) -> Option<(usize, bool)> {
    (1..words.len()).find_map(|at| {
        let above = match &*words[at].lower(text) {
            "above" => true,
            "below" => false,
            _ => return None,
        };
        // "Above 40 words", "in bold above the text" measure or place something.
        // "The tools are described below:" leads to the next line, which goes with it.
        let ends = words.get(at + 1).is_none_or(|next| {
            next.is_punctuation() && next.text(text) != ":"
                || matches!(&*next.lower(text), "and" | "or" | "in" | "for" | "into" | "to")
        });
        ends.then_some((at, above))
    })
}

/// The place in `order` of what the words before the pointer name.
fn meant(review: &Review, order: &[&Chunk], (unit, above): (usize, bool), before: &[Word]) -> Option<usize> {
    let text = review.source().text();
    let near = &before[before.len().saturating_sub(REACH)..];
    let named = near.iter().rev().find_map(|word| component_named(&word.lower(text)));
    let fits = |chunk: &Chunk| match named {
        Some(component) => chunk.component == Some(component) && !chunk.is_input,
        None => chunk.is_input || matches!(chunk.component, Some(Component::Context | Component::Examples)),
    };
    let stood = |chunk: &Chunk| if above { chunk.units.end <= unit } else { chunk.units.start > unit };
    let mut candidates: Vec<usize> =
        (0..order.len()).filter(|&at| fits(order[at]) && stood(order[at])).collect();
    candidates.sort_by_key(|&at| order[at].units.start.abs_diff(unit));
    candidates.truncate(MOST);
    if named.is_some() {
        return candidates.first().copied();
    }
    let content = near.iter().rev().filter(|word| !word.is(vocabulary::STOP | vocabulary::PUNCTUATION));
    let told = content.map(|word| word.lower(text)).find_map(|name| {
        let stem = name.trim_end_matches('s');
        let holds = |at: &usize| text[order[*at].span.range()].to_lowercase().contains(stem);
        candidates.iter().copied().find(holds).filter(|_| stem.len() > 2)
    });
    if let [only] = candidates[..] {
        let holds_several = order[only].is_input || order[only].units.len() > 1;
        return told.or(holds_several.then_some(only));
    }
    // "The list below" is the one stretch of lines that list something.
    let listed = |at: &&usize| {
        let mut units = order[**at].units.clone().map(|unit| review.units()[unit].kind);
        order[**at].units.len() > 1
            && units.all(|kind| matches!(kind, UnitKind::Field | UnitKind::Item { .. } | UnitKind::Table))
    };
    let of_a_list = near.last().is_some_and(|word| matches!(&*word.lower(text), "list" | "table" | "facts"));
    let mut lists = candidates.iter().filter(listed);
    if let (true, Some(list), None) = (of_a_list, lists.next(), lists.next()) {
        return Some(*list);
    }
    told
}

fn component_named(word: &str) -> Option<Component> {
    match word {
        "rules" | "instructions" | "constraints" | "limits" | "requirements" | "rule" => {
            Some(Component::Constraints)
        }
        "steps" | "step" | "tasks" | "questions" => Some(Component::Task),
        "examples" | "example" | "samples" | "sample" => Some(Component::Examples),
        "format" | "schema" | "template" | "fields" | "columns" => Some(Component::OutputFormat),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn what_points_at_the_input_turns_with_it() {
        let text = reworded(
            "Our desk fills in these fields:\n- Nights: {{nights}}\n- Port: {{port}}\n\nIn order to help the guests, draw up a plan for the trip above. Name the boats. Do not name a fare. Use at most 60 words.\n",
        );
        assert!(text.contains("a plan for the trip below."), "{text}");
        assert_eq!(reworded(&text), text);
    }

    #[test]
    fn what_still_points_right_stays() {
        let text = reworded(
            "We have two boats, the Merle and the Oriole.\n\nIn order to help the guests, write a notice. Use only the boats above. Name the pier. Do not name a fare. Keep it above 20 words.\n",
        );
        assert!(text.contains("the boats above.") && text.contains("above 20 words"), "{text}");
    }
}
