//! Parts that are left out where there is nothing to say, and are always there as well: "leave a section out when it has no
//! entries", "all three sections appear in every release".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::requirement::singular;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 22;
/// Parts of an answer that may have nothing in them, in the singular.
const PARTS: [&str; 14] = [
    "section", "heading", "field", "key", "line", "row", "column", "part", "category", "block", "chapter",
    "entry", "group", "item",
];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, presence, |(part, there), (other, again)| {
        let one = |name: &str| if name == "key" { "field".to_string() } else { name.to_string() };
        one(part) == one(other) && there != again
    });
}

/// Which part it is, and whether it is always there.
fn presence(case: &Case<'_>, unit: usize) -> Option<(String, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let part = (0..words.len()).find(|&at| PARTS.contains(&&*singular(&lower(at))))?;
    let name = singular(&lower(part));
    let has = |names: &[&str]| words.iter().any(|word| names.contains(&&*word.lower(text)));
    let gap = has(&["empty", "nothing", "blank"])
        || (0..words.len()).any(|at| {
            matches!(&*lower(at), "no" | "without")
                && matches!(
                    &*lower(at + 1),
                    "entries" | "entry" | "value" | "values" | "content" | "items" | "text"
                )
        });
    let drops = matches!(&*lower(0), "omit" | "skip" | "drop" | "remove" | "hide")
        || lower(0) == "leave" && words.iter().take(part + 3).any(|word| word.lower(text) == "out");
    if drops && gap && part <= 4 {
        return Some((name, false));
    }
    let all = matches!(&*lower(0), "all" | "every" | "each" | "the") && part <= 3;
    let appears = (part + 1..words.len().min(part + 5)).any(|at| {
        matches!(
            &*lower(at),
            "appear"
                | "appears"
                | "present"
                | "printed"
                | "shown"
                | "there"
                | "included"
                | "stand"
                | "stands"
        )
    });
    let always = has(&["always"])
        || (0..words.len()).any(|at| {
            lower(at) == "in" && matches!(&*lower(at + 1), "every" | "each" | "any")
                || lower(at) == "even" && matches!(&*lower(at + 1), "if" | "when" | "where" | "empty")
        });
    let denied = words.iter().take(part + 4).any(|word| word.is(vocabulary::NEGATION));
    (all && appears && always && !denied).then_some((name, true))
}
