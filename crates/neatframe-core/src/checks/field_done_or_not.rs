//! A field for which a deed is forbidden here and ordered there: "`due`: never calculate it", "if `due` is missing, calculate it".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 24;

struct Deed {
    field: String,
    verb: u32,
    forbidden: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, deed, |one, two| {
        one.field == two.field && one.verb == two.verb && one.forbidden != two.forbidden
    });
}

/// What is done to "it", the field that the sentence names.
fn deed(case: &Case<'_>, unit: usize) -> Option<Deed> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let body = case.text(case.units[unit].with_lead(case.outline));
    let field = body
        .split(|c: char| !(c.is_alphanumeric() || c == '_'))
        .find(|word| word.contains('_') && word.chars().any(char::is_alphabetic))
        .map(str::to_lowercase)?;
    let it = |at: usize| matches!(&*lower(at), "it" | "them" | "one");
    let at = (0..words.len()).find(|&at| words[at].is(vocabulary::VERB) && it(at + 1))?;
    let denied = at > 0 && words[at - 1].is(vocabulary::NEGATION);
    let opens = at == 0 || words[at - 1].is_punctuation();
    (denied || opens).then(|| Deed { field, verb: words[at].hash(), forbidden: denied })
}
