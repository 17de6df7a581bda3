//! What a unit is by what leads to it, or by the few words with which it opens.

use super::Reading;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::slots::Syntax;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// "Fare: <fare>" below "Answer with these two lines:", or below another such line: a line of the form.
pub(super) fn is_a_line_of_the_form(reading: &Reading<'_>, index: usize, last: Option<Component>) -> bool {
    let unit = &reading.units[index];
    let above = index.checked_sub(1).map(|above| &reading.units[above]);
    let led = above.is_some_and(|above| {
        above.section == unit.section
            && (above.kind == UnitKind::Field || reading.source.slice(above.text).ends_with(':'))
    });
    // `Answer: [what comes back]` is left open as well, below a line of the form.
    let below = above.is_some_and(|above| above.kind == UnitKind::Field);
    let angled = || {
        let after = reading.slots.partition_point(|slot| slot.span.end() <= unit.text.start());
        reading.slots.get(after).is_some_and(|slot| {
            let open = slot.syntax == Syntax::Angles || below && slot.syntax == Syntax::Brackets;
            open && unit.text.end() == slot.span.end()
        })
    };
    unit.kind == UnitKind::Field && last == Some(Component::OutputFormat) && led && angled()
}

/// How many items back the lead of a list is looked for.
const BACK: usize = 40;

/// `- Name the pier` below "The report should:": what the reply must be like. "You must:" leads to steps as well.
pub(super) fn is_led_by_must(reading: &Reading<'_>, index: usize) -> bool {
    who_must(reading, index).is_some_and(|who| !who.eq_ignore_ascii_case("you"))
}

/// What stands right before the list of which a unit is an item.
pub(super) fn lead_of_the_list<'a>(reading: &Reading<'a>, index: usize) -> Option<&'a Unit> {
    let block = reading.units[index].block;
    if !matches!(reading.units[index].kind, UnitKind::Item { .. }) {
        return None;
    }
    let before = reading.units[index.saturating_sub(BACK)..index].iter().rev();
    before.take_while(|unit| unit.kind != UnitKind::Code).find(|unit| unit.block != block)
}

/// Whom or what the lead of a list binds, by its last word before "must:" or "should:".
fn who_must<'a>(reading: &Reading<'a>, index: usize) -> Option<&'a str> {
    let lead = lead_of_the_list(reading, index)?;
    let said = reading.source.slice(lead.text).trim_end_matches(['*', ' ']).strip_suffix(':')?;
    let mut back = said.rsplit(' ');
    let last = back.next()?;
    ["should", "must", "shall"].iter().any(|word| last.eq_ignore_ascii_case(word)).then(|| back.next())?
}

/// "In this case, you should wait." right behind a sample: what the sample shows.
pub(super) fn tells_of_a_sample(reading: &Reading<'_>, unit: &Unit) -> bool {
    let lower = |at: usize| lower(reading, unit, at);
    lower(0) == "in"
        && matches!(&*lower(1), "this" | "that" | "such")
        && matches!(&*lower(2), "case" | "example" | "a")
}

/// "You are read-only.": what the model is like, and no work.
pub(super) fn says_what_you_are_like(reading: &Reading<'_>, unit: &Unit) -> bool {
    let words = reading.words.within(unit.text);
    let lower = |at: usize| lower(reading, unit, at);
    let like = words.get(2).is_some_and(|word| {
        let said = word.lower(reading.source.text());
        !word.is(vocabulary::STOP | vocabulary::VERB | vocabulary::FINITE)
            && !said.ends_with("ing")
            && !matches!(
                &*said,
                "given" | "asked" | "tasked" | "responsible" | "provided" | "required" | "done"
            )
    });
    let short = words.iter().filter(|word| !word.is_punctuation()).count() <= 4;
    lower(0) == "you" && lower(1) == "are" && like && short
}

/// "A rating of 4 indicates that …", "the reports are provided below", "this is how you reach them": what something means, or where it stands.
pub(super) fn tells_what_it_is(reading: &Reading<'_>, unit: &Unit) -> bool {
    let words = reading.words.within(unit.text);
    let lower = |at: usize| lower(reading, unit, at);
    let scored = matches!(&*lower(0), "a" | "the")
        && matches!(&*lower(1), "rating" | "score" | "grade" | "mark")
        && lower(2) == "of"
        && words.get(3).is_some_and(|word| word.is_number());
    let means = (4..8).any(|at| matches!(&*lower(at), "indicates" | "means" | "signifies" | "represents"));
    let text = reading.source.text();
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
    let below = end >= 4
        && matches!(&*lower(end - 1), "below" | "above")
        && matches!(&*lower(end - 2), "provided" | "given" | "listed" | "shown" | "attached" | "included")
        && matches!(&*lower(end - 3), "is" | "are");
    let facts = matches!(&*lower(0), "a" | "an" | "the" | "all" | "your" | "some");
    let binds = |word: &Word| {
        word.is(vocabulary::MODAL | vocabulary::NEGATION)
            || matches!(&*word.lower(text), "only" | "that" | "which")
    };
    let explains =
        lower(0) == "this" && lower(1) == "is" && matches!(&*lower(2), "how" | "why" | "what" | "where");
    scored && means || explains || below && facts && !words.iter().any(binds)
}

/// "If the guest names two piers, each answer should name both": a rule for a case, and no step.
pub(super) fn rules_for_a_case(reading: &Reading<'_>, unit: &Unit) -> bool {
    let words = reading.words.within(unit.text);
    let text = reading.source.text();
    let first = lower(reading, unit, 0);
    let case = matches!(&*first, "if" | "when" | "whenever" | "where");
    let comma = words.iter().position(|word| word.text(text) == ",");
    let binds = |word: &Word| matches!(&*word.lower(text), "should" | "must" | "shall");
    // "If the guest asks for more, explain why not."
    let orders =
        |comma: usize| first == "if" && words.get(comma + 1).is_some_and(|word| word.is(vocabulary::VERB));
    unit.kind == UnitKind::Sentence
        && case
        && comma.is_some_and(|comma| words[comma..].iter().take(REACH).any(binds) || orders(comma))
}

/// How far behind its comma a case says what must be done, in words.
const REACH: usize = 8;

/// `Answer: [Final answer]`, `1. [First step]` below "Give your response in this form:": a template of the answer.
pub(super) fn is_a_hole_of_the_answer(reading: &Reading<'_>, index: usize) -> bool {
    const NEAR: usize = 10;
    const NAMES: [&str; 5] = ["format", "response", "output", "reply", "your answer"];
    let hole = |line: &str| {
        let value = line.split_once(": ").map_or(line, |(_, value)| value).trim();
        let inner = value.strip_prefix('[').and_then(|rest| rest.strip_suffix(']'));
        inner.is_some_and(|inner| inner.contains(' ') && inner.starts_with(char::is_uppercase))
    };
    let body = reading.source.slice(reading.units[index].text);
    let holes = body.lines().filter(|line| hole(line.trim())).count();
    let lead = |unit: &Unit| {
        let text = reading.source.slice(unit.text);
        let short = text.len() <= 60;
        let lower = if short || text.ends_with(':') { text.to_lowercase() } else { String::new() };
        (text.ends_with(':') || short && unit.opens_piece) && NAMES.iter().any(|name| lower.contains(name))
    };
    let before = &reading.units[index.saturating_sub(NEAR)..index];
    holes > 0 && holes * 2 >= body.lines().count() && before.iter().any(lead)
}

/// `{"name": "<name>", "fare": "<fare>"}`: a record whose values are all left to be filled in.
pub(super) fn is_a_record_of_holes(reading: &Reading<'_>, unit: &Unit) -> bool {
    const LEAST: usize = 2;
    let body = reading.source.slice(unit.text);
    let holes = body.matches("\": \"<").count();
    let values = body.matches("\": \"").count() + body.matches("\": [").count();
    body.starts_with(['{', '[']) && holes >= LEAST && holes * 2 > values
}

fn lower<'a>(reading: &Reading<'a>, unit: &Unit, at: usize) -> Cow<'a, str> {
    let word = reading.words.within(unit.text).get(at).copied();
    word.map_or(Cow::Borrowed(""), |word| word.lower(reading.source.text()))
}
