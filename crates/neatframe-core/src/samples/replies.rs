//! Samples that show a whole reply and no input: `Example: "The boat is late."`.

use super::{Shown, Side};
use crate::checks::Case;
use crate::requirement::{Demand, Subject};

/// The fewest words of a reply that is shown.
const WORDS: usize = 3;

/// Names what stands in quotation marks behind the bare label "Example" as what comes out, where no sample has an input.
pub(super) fn name(case: &Case<'_>, found: &mut [Shown]) {
    name_things(case, found);
    let has_input = found.iter().any(|shown| shown.side == Side::Input);
    // "Label each slip as lost or found. Example: "my scarf is gone"": what is sorted.
    let sorts = || case.requirements.iter().any(|rule| matches!(rule.demand, Demand::OneOf(_)));
    if has_input || found.is_empty() || sorts() {
        return;
    }
    for shown in found.iter_mut().filter(|shown| shown.side == Side::Other && !shown.spoken) {
        let label = case.text(shown.label).to_lowercase();
        let bare = label.trim_end_matches(|c: char| !c.is_alphabetic());
        if matches!(bare, "example" | "sample") && is_quoted(case.text(shown.content)) {
            shown.side = Side::Output;
        }
    }
}

/// One quotation, from its first sign to its last.
fn is_quoted(body: &str) -> bool {
    let inner = body.trim().strip_prefix(['"', '“']).and_then(|body| body.strip_suffix(['"', '”']));
    inner.is_some_and(|inner| !inner.contains(['"', '“', '”']) && inner.split_whitespace().count() >= WORDS)
}

/// "Example subject: …", where a rule bounds the subject: what is written is that thing.
fn name_things(case: &Case<'_>, found: &mut [Shown]) {
    for shown in found.iter_mut().filter(|shown| shown.side == Side::Other && !shown.spoken) {
        let label = case.text(shown.label).to_lowercase();
        let Some(thing) = ["example ", "sample "].iter().find_map(|word| label.strip_prefix(word)) else {
            continue;
        };
        let thing = thing.strip_suffix(" line").unwrap_or(thing);
        let bounded = case.requirements.iter().any(|rule| match &rule.subject {
            Subject::Named(part) | Subject::Each(part) => part == thing,
            _ => rule.part.as_deref() == Some(thing),
        });
        if bounded {
            shown.side = Side::Output;
        }
    }
}
