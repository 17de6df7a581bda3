//! A class for what fits no other, and a rule that leaves such a case without one: "other: whatever fits none of the three",
//! "if no queue fits, leave it empty".

use super::{Case, Sink};
use crate::outline::PieceKind;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 20;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let Some((holder, name)) = (0..case.units.len()).find_map(|unit| Some((unit, catch_all(case, unit)?)))
    else {
        return;
    };
    let text = case.source.text();
    for unit in case.demands().filter(|unit| *unit != holder) {
        let words = case.words_of(unit);
        let named = words.iter().any(|word| word.lower(text) == name);
        if words.len() <= LONG && !named && leaves_without(text, words) {
            return sink.clash(case, case.units[unit].text, case.units[holder].text);
        }
    }
}

/// The name of the class that takes in all that is left: `- other: anything else`.
fn catch_all(case: &Case<'_>, unit: usize) -> Option<String> {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    if !matches!(piece.kind, PieceKind::Item { .. } | PieceKind::Field | PieceKind::Turn | PieceKind::Text) {
        return None;
    }
    let line = case.text(case.units[unit].with_lead(case.outline)).trim_start_matches(['-', '*', '•', ' ']);
    let (name, gloss) =
        line.split_once(':').or_else(|| line.split_once(" – ")).or_else(|| line.split_once(" - "))?;
    let name = name.trim_matches(['*', '`', '"', ' ']).to_lowercase();
    let single = !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || c == '_');
    let gloss = gloss.trim().to_lowercase();
    let rest = [
        "everything else", "anything else", "all else", "all the rest", "whatever", "what fits none",
        "none of",
    ]
    .iter()
    .any(|sign| gloss.starts_with(sign));
    let fits_none = gloss.contains("else")
        || gloss.contains("none")
        || gloss.contains("the rest")
        || gloss.contains("no other");
    (single && rest && fits_none).then_some(name)
}

/// "If no queue fits, leave the answer empty", "where none of them applies, ask".
fn leaves_without(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let Some(case) = (0..words.len()).find(|&at| {
        matches!(&*lower(at), "if" | "when" | "where") && matches!(&*lower(at + 1), "no" | "none" | "nothing")
    }) else {
        return false;
    };
    let fits = (case + 2..case + 7).any(|at| {
        matches!(&*lower(at), "fits" | "fit" | "applies" | "apply" | "matches" | "match" | "suits" | "suit")
    });
    let any = |names: &[&str]| (0..words.len()).any(|at| names.contains(&&*lower(at)));
    let out =
        any(&["empty", "blank", "null", "ask", "skip", "nothing", "invent", "none", "unknown", "unsorted"])
            || any(&["new"]) && any(&["make", "create", "add", "invent"]);
    fits && out
}
