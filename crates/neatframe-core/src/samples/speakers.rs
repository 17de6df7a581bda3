//! Who of two speakers is the model, where their names alone do not tell.

use super::sides::runs;
use super::{Shown, Side};
use crate::checks::Case;
use crate::component::Component;
use std::borrow::Cow;

/// "Player: …" and "Tower: …" in turn: whom the prompt speaks of as the other one speaks to the model.
pub(super) fn tell_apart(case: &Case<'_>, found: &mut [Shown]) {
    for (from, to) in runs(found) {
        // What opens the run may be its title.
        let first =
            found[from..to].iter().position(|shown| !shown.content.is_empty()).map_or(to, |n| from + n);
        let run = &mut found[first..to];
        let label = |shown: &Shown| case.text(shown.label).to_lowercase();
        let Some((one, two)) = run.first().zip(run.get(1)).map(|(one, two)| (label(one), label(two))) else {
            continue;
        };
        let in_turn =
            run.iter().enumerate().all(|(at, shown)| label(shown) == *if at % 2 == 0 { &one } else { &two });
        let known = run.iter().any(|shown| shown.side == Side::Output);
        if one == two || !in_turn || known || !is_spoken_of(case, &one) || is_spoken_of(case, &two) {
            continue;
        }
        for (at, shown) in run.iter_mut().enumerate() {
            shown.side = if at % 2 == 0 { Side::Input } else { Side::Output };
        }
    }
}

/// "The player flies a light aircraft": said outside of the samples.
fn is_spoken_of(case: &Case<'_>, name: &str) -> bool {
    let text = case.source.text();
    (0..case.units.len())
        .filter(|&unit| case.labels[unit].component != Some(Component::Examples))
        .take(UNITS)
        .any(|unit| {
            let words = case.words_of(unit);
            let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
            (1..words.len()).any(|at| {
                matches!(&*lower(at - 1), "the" | "a" | "an" | "each" | "every") && lower(at) == name
            })
        })
}

/// How many units are looked at.
const UNITS: usize = 400;
