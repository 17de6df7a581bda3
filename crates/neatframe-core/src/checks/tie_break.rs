//! What is taken in doubt between two, told both ways: "if you are torn between two levels, take the higher one", "when in doubt,
//! choose the lower level".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 30;
/// Verbs for what holds of both.
const FITS: [&str; 8] = ["fit", "apply", "match", "qualify", "suit", "seem", "hold", "would"];
/// Sides of which one is taken.
const SIDES: [(&str, &str); 10] = [
    ("higher", "lower"),
    ("upper", "lower"),
    ("stricter", "milder"),
    ("worse", "better"),
    ("earlier", "later"),
    ("first", "last"),
    ("first", "second"),
    ("longer", "shorter"),
    ("broader", "narrower"),
    ("cheaper", "dearer"),
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, taken, |one, two| {
        SIDES.iter().any(|(a, b)| (one == a && two == b) || (one == b && two == a))
    });
}

/// The side that is taken in doubt.
fn taken(case: &Case<'_>, unit: usize) -> Option<String> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG || !words.first()?.is(vocabulary::CONDITION) && lower(0) != "in" {
        return None;
    }
    let comma = (2..words.len()).find(|&at| lower(at) == ",")?;
    let torn = (0..comma).any(|at| {
        matches!(&*lower(at), "torn" | "doubt" | "undecided" | "unsure" | "tie" | "borderline")
            || lower(at) == "between" && lower(at + 1) == "two"
            || lower(at) == "two" && FITS.contains(&&*lower(at + 2))
    });
    let verb =
        matches!(&*lower(comma + 1), "take" | "choose" | "pick" | "use" | "give" | "assign" | "prefer");
    let side = lower(comma + 3);
    let known = SIDES.iter().any(|(a, b)| *a == side || *b == side);
    (torn && verb && matches!(&*lower(comma + 2), "the" | "its") && known).then(|| side.into_owned())
}
