//! A "please" in front of an order, left out of the result once all else is done.

use super::{Change, Note, Reframed, layout};
use crate::edit::apply;
use crate::finding::{Family, Finding};
use crate::ledger::Uncounted;
use crate::review::Review;
use crate::source::Source;
use crate::span::Span;

/// The check that finds them.
pub(super) const COURTESY: &str = "courtesy";

/// True for a finding that says more of a prompt than that it is polite, or that a part is missing or dear.
pub(super) fn is_a_fault(finding: &Finding) -> bool {
    !matches!(finding.family, Family::Missing | Family::Cost) && finding.check != COURTESY
}

/// Takes each "please" out of the result, with a note for each one of the source.
pub(super) fn leave_out(reframed: &mut Reframed, review: &Review) {
    let courtesy = |review: &Review| review.findings().iter().find(|found| found.check == COURTESY).cloned();
    // Reading the result once more is only worth it where the word is in it.
    let named = reframed.text.to_ascii_lowercase().contains("please");
    if !named || !review.source().messages().is_empty() {
        return;
    }
    let Ok(source) = Source::from_bytes(reframed.text.clone().into_bytes()) else { return };
    let after = crate::review::review(source, review.settings(), &Uncounted);
    let Some(left) = courtesy(&after).filter(|left| !left.fix.is_empty()) else { return };
    let Ok(text) = apply(&reframed.text, &left.fix) else { return };
    reframed.text = text;
    let of_source =
        courtesy(review).map(|told| std::iter::once(told.span).chain(told.related).map(Some).collect());
    // Sections that the result has and the source has not may be what makes it one that is sent again.
    let places: Vec<Option<Span>> = of_source.unwrap_or_else(|| vec![None; 1 + left.related.len()]);
    for span in places {
        let gone = |note: &Note| {
            matches!(note.change, Change::Dropped | Change::Edited)
                && note.span.zip(span).is_some_and(|(of, span)| of.contains(span))
        };
        if !reframed.notes.iter().any(gone) {
            reframed.notes.push(Note {
                change: Change::Dropped,
                span,
                words: span.map_or("please".into(), |span| review.source().slice(span).to_string()),
                now: String::new(),
                why: "an order needs no please".into(),
            });
        }
    }
    reframed.notes = layout::sorted(std::mem::take(&mut reframed.notes));
}

#[cfg(test)]
mod tests {
    use crate::reframe::Change;
    use crate::reframe::tests::{reframed, reworded};

    #[test]
    fn a_sound_prompt_only_loses_its_pleases() {
        let prompt = "# Task\n\nPlease name the pier of the slip.\n\n# Rules\n\n- If there is none, please write \"none\".\n\n# Slip\n\n{slip}\n";
        let text = reworded(prompt);
        assert!(text.contains("# Task\n\nName the pier of the slip."), "{text}");
        assert!(text.contains("- If there is none, write \"none\"."), "{text}");
        assert_eq!(reworded(&text), text);
        let changes: Vec<Change> = reframed(prompt).notes.iter().map(|note| note.change).collect();
        assert!(changes.is_sorted_by_key(|change| *change == Change::Open), "{changes:?}");
        assert_eq!(changes.iter().filter(|change| **change == Change::Dropped).count(), 2);
    }
}
