//! One thing that is to come from two places: "take the figures from the March report", "all figures come from the annual
//! report".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than where a thing comes from.
const LONG: usize = 16;

struct Origin {
    thing: u32,
    from: Vec<u32>,
    all: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, origin, |one, two| {
        one.thing == two.thing && one.from != two.from && (one.all || two.all)
    });
}

fn origin(case: &Case<'_>, unit: usize) -> Option<Origin> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = (2..words.len()).find(|&at| lower(at) == "from" && lower(at + 1) == "the")?;
    let takes = matches!(&*lower(0), "take" | "copy" | "draw" | "get" | "use" | "pull");
    let comes = matches!(&*lower(from - 1), "come" | "comes" | "taken" | "stem" | "drawn" | "copied");
    let led = |word: &str| matches!(word, "the" | "all" | "every" | "each" | "any" | "only");
    let start = usize::from(takes);
    let thing = (start..from).find(|&at| !led(&lower(at)))?;
    let all = (start..from).any(|at| matches!(&*lower(at), "all" | "every" | "only"))
        || words.iter().any(|word| matches!(&*word.lower(text), "solely" | "exclusively"));
    let single = takes && thing + 1 == from || comes && thing <= 2;
    let rest = &words[from + 2..];
    let end = rest.iter().position(|word| word.is_punctuation()).unwrap_or(rest.len());
    let plain = |word: &&Word| !word.is(vocabulary::STOP);
    let place: Vec<u32> = rest[..end].iter().filter(plain).map(|word| stem(&word.lower(text))).collect();
    (single && (1..=3).contains(&place.len())).then(|| Origin {
        thing: stem(&lower(thing)),
        from: place,
        all,
    })
}
