//! Gates by name: a state that a rule waits for and that nothing in the prompt brings about.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;

/// A gate that no step sets.
pub(super) struct UnsetGate;

static UNSET: Meta = Meta {
    id: "unset-gate",
    family: Family::Steps,
    severity: Severity::Warning,
    summary: "a rule waits for a named state that no step sets",
    write: "The step that sets the state, by the same name.",
    on: true,
    english: true,
    why: "What waits for it never happens, or the model decides by itself that it is time.",
    bad: &[
        "1. Ask the guest for the day.\n2. When READY is set, book the crossing.",
        "Ask for the booking number. Once the `identity` gate is open, name the cabin.",
    ],
    good: &[
        "1. Ask for the day, then set READY.\n2. When READY is set, book the crossing.",
        "Ask for the booking number; with it the `identity` gate opens. Once the `identity` gate is open, name the cabin.",
        "When the gate is open, let the guests board.",
        "If JSON is asked for, return JSON. If PIN is set in the record {{record}}, name no cabin.",
    ],
};

impl Check for UnsetGate {
    fn meta(&self) -> &'static Meta {
        &UNSET
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let all = case.source.text().to_lowercase();
        let mut waits = 0;
        for unit in case.demands() {
            if waits >= MOST || case.labels[unit].component == Some(Component::Examples) {
                continue;
            }
            let words = case.words_of(unit);
            let Some(name) = waited_for(case, words) else { continue };
            waits += 1;
            let shown = case.text(name);
            // A slot in the sentence may bring the state in with the data.
            let fed = case.slots.iter().any(|slot| case.units[unit].text.overlaps(slot.span));
            if fed || all.matches(&shown.to_lowercase()).count() > 1 {
                continue;
            }
            let message = format!("nothing in this prompt sets `{shown}`");
            sink.report(name, message, "say which step sets it, or wait for something that a step does");
        }
    }
}

/// How many waits are looked at: each is looked for in the whole prompt.
const MOST: usize = 40;

/// `READY` in "when READY is set", `identity` in "once the `identity` gate is open".
fn waited_for(case: &Case<'_>, words: &[Word]) -> Option<Span> {
    const STATES: [&str; 9] =
        ["set", "open", "passed", "cleared", "met", "reached", "closed", "true", "complete"];
    let text = case.source.text();
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, options: &[&str]| lower(at).is_some_and(|word| options.contains(&&*word));
    let opens = words.iter().position(|word| word.is(vocabulary::CONDITION))?;
    let at = (opens + 1..words.len().min(opens + 7)).find(|&at| {
        is(at, &["is"]) && is(at + 1, &STATES)
            || is(at, &["has"]) && is(at + 1, &["been"]) && is(at + 2, &STATES)
    })?;
    let named = |word: &Word| {
        let shown = word.text(text);
        let capital = shown.len() >= 3 && shown.chars().all(|c| c.is_ascii_uppercase() || c == '_');
        let ticked = text[..word.start as usize].ends_with('`') && text[word.end as usize..].starts_with('`');
        capital || ticked
    };
    words[opens + 1..at].iter().find(|word| named(word)).map(|word| word.span())
}
