//! A part that is needed here and not needed there: "every article needs an introduction", "the introduction is optional".

use super::{Case, Sink, rivals};
use crate::requirement::{Demand, is_exception};
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 16;
/// Words that say that a thing may go.
const FREE: [&str; 5] = ["optional", "unnecessary", "voluntary", "superfluous", "dispensable"];
/// Words that say that a thing has to be there.
const BOUND: [&str; 4] = ["mandatory", "compulsory", "obligatory", "indispensable"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, needed, |(one, needed), (two, again)| one == two && needed != again);
    // Where the fields are known by name, what is optional may be none of them.
    if !case.requirements.iter().any(|rule| matches!(rule.demand, Demand::Fields(_))) {
        rivals::compare(case, sink, any_field, |one, two| one != two);
    }
}

/// "All fields are mandatory" or "the phone number is optional": whether it is the former.
fn any_field(case: &Case<'_>, unit: usize) -> Option<bool> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let is = (1..words.len().min(5)).find(|&at| matches!(&*lower(at), "is" | "are"))?;
    let ends = words.get(is + 2).is_none_or(|word| word.is_punctuation());
    let fields = matches!(&*lower(is - 1), "field" | "fields" | "columns" | "keys" | "answers" | "details");
    let all = matches!(&*lower(0), "all" | "every") && fields && is <= 3;
    let bound = BOUND.contains(&&*lower(is + 1)) || matches!(&*lower(is + 1), "needed" | "required");
    let free = lower(is + 1) == "optional" && matches!(&*lower(0), "the" | "a" | "an") && !fields;
    if ends && all && bound { Some(true) } else { (ends && free).then_some(false) }
}

/// The stem of the part, and whether it is needed.
fn needed(case: &Case<'_>, unit: usize) -> Option<(u32, bool)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let noun = |at: usize| rivals::noun(text, words, at);
    let article = |at: usize| usize::from(matches!(&*lower(at), "a" | "an" | "the" | "any" | "its" | "your"));
    // "Sources are not needed", "a title is optional", "an example is mandatory".
    let is = (1..words.len().min(4)).find(|&at| matches!(&*lower(at), "is" | "are"));
    if let Some(is) = is.filter(|is| is - article(0) == 1) {
        let denied = lower(is + 1) == "not";
        let said = lower(is + 1 + usize::from(denied));
        let asked = BOUND.contains(&&*said) || matches!(&*said, "needed" | "required" | "necessary");
        let free = FREE.contains(&&*said);
        let ends = words.get(is + 2 + usize::from(denied)).is_none_or(|word| word.is_punctuation());
        return (ends && (asked || free && !denied)).then(|| Some((noun(is - 1)?, asked && !denied)))?;
    }
    // "No need for a greeting", "there is no need to add sources".
    if let Some(at) = (0..words.len().min(3)).find(|&at| lower(at) == "no" && lower(at + 1) == "need") {
        let from = at + if lower(at + 2) == "to" { 4 } else { 3 };
        let from = from + article(from);
        let ends = words.get(from + 1).is_none_or(|word| word.is_punctuation());
        return ends.then(|| Some((noun(from)?, false)))?;
    }
    // "Every article needs an introduction", "always give a source".
    let general = matches!(&*lower(0), "every" | "each");
    let needs = general.then(|| {
        (2..words.len().min(5)).find(|&at| {
            matches!(&*lower(at), "needs" | "requires" | "carries" | "has" | "gets")
                || lower(at) == "have" && lower(at - 1) == "must"
        })
    });
    let always = (lower(0) == "always"
        && matches!(&*lower(1), "give" | "add" | "include" | "name" | "cite" | "state" | "provide"))
    .then_some(1);
    let verb = needs.flatten().or(always)?;
    let from = verb + 1 + article(verb + 1);
    let counted = words.get(verb + 1).is_some_and(|word| word.is_number());
    let ends = words.get(from + 1).is_none_or(|word| word.is_punctuation());
    (ends && !counted).then(|| Some((noun(from)?, true)))?
}
