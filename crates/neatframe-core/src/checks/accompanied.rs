//! Somebody who does a thing in company only, and alone elsewhere: "juniors row only with a coach", "let juniors take a boat on
//! their own".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::singular;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 24;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, company, |(who, alone), (other, again)| who == other && alone != again);
}

/// Who it is, as a stem, and whether they are alone.
fn company(case: &Case<'_>, unit: usize) -> Option<(u32, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG {
        return None;
    }
    let somebody = |at: usize| matches!(&*lower(at), "a" | "an" | "the" | "their" | "his" | "her");
    let with = (1..words.len()).any(|at| match &*lower(at) {
        "only" => {
            lower(at + 1) == "with" && somebody(at + 2)
                || lower(at + 1) == "together" && lower(at + 2) == "with"
        }
        // "Never without a guide", "never climb without a guide", "never alone".
        "never" => {
            (1..3).any(|step| lower(at + step) == "without" && somebody(at + step + 1))
                || lower(at + 1) == "alone"
        }
        _ => false,
    });
    let alone = (1..words.len()).any(|at| {
        let of_them = matches!(&*lower(at + 1), "their" | "his" | "her" | "its");
        lower(at) == "on" && of_them && lower(at + 2) == "own"
            || matches!(&*lower(at), "alone" | "unaccompanied" | "unsupervised") && lower(at - 1) != "never"
            || lower(at) == "by" && matches!(&*lower(at + 1), "themselves" | "himself" | "herself")
    });
    if with == alone {
        return None;
    }
    let lets = matches!(&*lower(0), "let" | "allow");
    let from = usize::from(lets);
    let who = (from..words.len().min(from + 3))
        .find(|&at| !words[at].is(vocabulary::STOP) && !words[at].is_punctuation())?;
    let firm = !words.iter().any(|word| word.is(vocabulary::NEGATION)) || with;
    // "Keep the photo alone": an order, and nobody's way of doing it.
    let named = !words[who].is(vocabulary::VERB | vocabulary::CONDITION);
    (firm && named).then(|| (stem(&singular(&lower(who))), alone))
}
