//! The tag that the answer stands in, told by two names, or told and ruled out: "put the answer in `<reply>` tags", "use no tags".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;

/// What stands in the tag, and the name of the tag; no name where tags are ruled out.
type Tagged = (Option<String>, Option<String>);

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let clash = |one: &Tagged, two: &Tagged| match (one, two) {
        ((Some(thing), Some(name)), (Some(other), Some(second))) => thing == other && name != second,
        ((.., Some(_)), (.., None)) | ((.., None), (.., Some(_))) => true,
        _ => false,
    };
    rivals::compare(case, sink, read, clash);
}

fn read(case: &Case<'_>, unit: usize) -> Option<Tagged> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || words.iter().any(|word| word.is(vocabulary::CONDITION)) {
        return None;
    }
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION) || word.lower(text) == "without");
    // "No tags", "do not use XML tags".
    let tags = words.iter().position(|word| word.lower(text) == "tags");
    if denied {
        let at = tags?;
        let plain = (at.saturating_sub(5)..at).all(|at| {
            let kind = matches!(&*lower(at), "xml" | "html" | "any" | "use" | "do" | "add" | "put" | "write");
            kind || words[at].is(vocabulary::NEGATION)
        });
        return plain.then_some((None, None));
    }
    // "The answer goes inside <reply> tags", "wrap the answer in <reply></reply>".
    let body = case.text(case.units[unit].text);
    let opens = body.find('<')?;
    let name = &body[opens + 1..opens + body[opens..].find('>')?];
    let named = !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'));
    let before = body[..opens].trim_end_matches(['`', '"', ' ']).to_lowercase();
    let led = [" in", " inside", " within", " between", " with"].iter().any(|lead| before.ends_with(lead));
    let mut outer = before.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty());
    let thing = outer.find(|word| WHOLE.contains(word)).map(|word| match word {
        "reply" | "response" | "output" => "answer".to_string(),
        word => word.to_string(),
    });
    let one = body.matches('<').count() <= 2;
    (named && led && one && thing.is_some()).then_some((thing, Some(name.to_string())))
}

/// What a tag is put around.
const WHOLE: [&str; 10] = [
    "answer", "reply", "response", "output", "reasoning", "translation", "summary", "text", "code", "verdict",
];

/// The longest demand that is read, in words and signs.
const LONG: usize = 22;
