//! What a line announces in so many words: rules, the parts of the answer, its format, what is given.

use super::Reading;
use super::form::forbids;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// Words from which on a line tells more than that something is given.
const LONG: usize = 60;

/// Up to so many words a line that presents rules says nothing else.
const SHORT: usize = 10;

/// Rules in a few words: "no sources section needed", "use plain words over terms of the trade", "your replies must rest on the log".
fn short_rule(text: &str, words: &[Word]) -> Option<Component> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |last| last + 1);
    let needed = matches!(&*lower(end.saturating_sub(1)), "needed" | "required" | "necessary");
    let none = lower(0) == "no" && needed && end <= SHORT;
    let over = matches!(&*lower(0), "use" | "prefer" | "choose" | "favour" | "favor")
        && end <= SHORT
        && (2..end.saturating_sub(1)).any(|at| lower(at) == "over");
    let replies = matches!(&*lower(0), "your" | "the")
        && matches!(&*lower(1), "responses" | "replies" | "answers" | "outputs" | "messages")
        && matches!(&*lower(2), "must" | "should" | "shall" | "need");
    let written = ["json", "xml", "markdown", "html", "format"];
    let form = replies && words.iter().any(|word| written.contains(&&*word.lower(text)));
    let rule = if form { Component::OutputFormat } else { Component::Constraints };
    (none || over || replies).then_some(rule)
}

/// A block of code or data right below "these functions are at hand:" tells what they take.
pub(super) fn is_of_the_tools(reading: &Reading<'_>, index: usize) -> bool {
    let Some(before) = index.checked_sub(1).map(|before| &reading.units[before]) else { return false };
    let opens = reading.source.slice(reading.units[index].text).starts_with(['{', '[']);
    opens
        && reading.units[index].kind == UnitKind::Code
        && announced(reading, before, false) == Some(Component::Context)
}

/// What the line announces. `doubted` tells that it would be taken for a step of the work.
pub(super) fn announced(reading: &Reading<'_>, unit: &Unit, doubted: bool) -> Option<Component> {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let has = |names: &[&str]| words.iter().any(|word| names.contains(&&*word.lower(text)));
    let leads_on = reading.source.slice(unit.text).trim_end_matches('*').ends_with(':');
    let polite = usize::from(lower(0) == "please");
    // "Please adhere to these rules when you sort the slips:".
    let keeps = matches!(&*lower(polite), "follow" | "adhere" | "observe" | "respect" | "obey" | "comply");
    if leads_on && keeps && has(&["guidelines", "rules", "requirements", "constraints", "restrictions"]) {
        return Some(Component::Constraints);
    }
    // "Here are some guidelines to follow:".
    let presents = matches!(&*lower(0), "here" | "below") && matches!(&*lower(1), "are" | "is");
    let rules = has(&["guidelines", "rules", "requirements", "constraints", "restrictions"]);
    if leads_on && presents && rules && words.len() <= SHORT {
        return Some(Component::Constraints);
    }
    // "Here is a list of functions in JSON format that you can invoke:".
    let tools = has(&["functions", "tools", "commands", "operators", "actions"]);
    if leads_on && presents && tools && !has(&["example", "examples", "sample", "samples"]) {
        return Some(Component::Context);
    }
    // "No sources needed", "use names over numbers".
    if let Some(rule) = short_rule(text, words) {
        return Some(rule);
    }
    // "Your letter will have to contain these parts:".
    let parts = words.windows(3).any(|run| {
        let said: Vec<_> = run.iter().map(|word| word.lower(text)).collect();
        matches!(&*said[0], "contain" | "contains" | "include" | "includes" | "have")
            && matches!(&*said[1], "these" | "following")
            && matches!(&*said[2], "parts" | "sections" | "fields" | "headings" | "keys" | "columns")
    });
    if leads_on && parts {
        return Some(Component::OutputFormat);
    }
    // "A slip, a log and a list of the crew are given."
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |last| last + 1);
    let below = usize::from(end > 0 && matches!(&*lower(end - 1), "below" | "here"));
    let given = end >= below + 4
        && matches!(&*lower(end - 1 - below), "given" | "provided" | "supplied" | "attached")
        && matches!(&*lower(end - 2 - below), "is" | "are");
    let orders = words[polite.min(words.len())..].first().is_some_and(|word| word.is(vocabulary::VERB));
    let tells = matches!(&*lower(0), "a" | "an" | "the" | "two" | "three") && words.len() <= LONG;
    if given && tells && !orders && !words.iter().any(|word| word.is(vocabulary::CONDITION)) {
        return Some(Component::Context);
    }
    if !doubted || !matches!(unit.kind, UnitKind::Item { ordered: true }) {
        return None;
    }
    // "4. Please do not add a greeting", "3. The output format should look like this".
    let format = lower(0) == "the"
        && matches!(&*lower(1), "output" | "answer" | "response" | "reply")
        && lower(2) == "format"
        && matches!(&*lower(3), "should" | "must" | "is");
    match (forbids(text, words), format) {
        (true, _) => Some(Component::Constraints),
        (_, true) => Some(Component::OutputFormat),
        _ => None,
    }
}
