//! The one form in which the whole answer comes: "return the result as JSON", "the reply is a Markdown table".

use super::{Demand, Requirement, Sight, is_exception};
use crate::component::Component;
use crate::directive::unwrapped;
use crate::lexicon::vocabulary;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// The axis that such forms share with those that the lexicon names.
const AXIS: &str = "data format";

/// Verbs that hand the answer over.
const HANDS: [&str; 18] = [
    "return", "answer", "reply", "respond", "output", "format", "write", "present", "give", "provide",
    "deliver", "produce", "show", "send", "render", "express", "structure", "print",
];

/// Those of them that hand over the whole of it with nothing but the form behind them: "deliver CSV".
const WHOLLY: [&str; 5] = ["return", "output", "deliver", "produce", "send"];

/// Nouns for the whole answer.
const ANSWERS: [&str; 14] = [
    "it", "this", "everything", "all", "result", "results", "output", "answer", "answers", "reply",
    "response", "data", "findings", "replies",
];

/// Words that tell of more than one thing, one after the other.
const SEVERAL: [&str; 14] = [
    "then", "first", "followed", "after", "before", "below", "above", "also", "plus", "additionally", "each",
    "every", "per", "second",
];

/// The longest such sentence, in words.
const LONG: usize = 24;

/// Reads the form that a unit demands of the whole answer.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    let part = sight.labels[unit].component;
    let step =
        part == Some(Component::Task) && matches!(sight.units[unit].kind, UnitKind::Item { ordered: true });
    let given = matches!(part, Some(Component::Context | Component::Examples | Component::Role));
    if given || step || words.len() > LONG {
        return;
    }
    let Some((pole, first, last)) = whole_form(text, words) else { return };
    let demand = Demand::Manner { axis: AXIS, pole };
    if found.iter().rev().take_while(|rule| rule.unit == unit).any(|rule| rule.demand == demand) {
        return;
    }
    let place = words[first].span().cover(words[last].span());
    found.push(Requirement::on_reply(unit, place, demand, is_exception(text, words)));
}

/// The form, and where its words stand, if a sentence gives the whole answer one.
fn whole_form(text: &str, words: &[Word]) -> Option<(&'static str, usize, usize)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let directive = unwrapped(text, words);
    let from = directive.as_ref().map_or(0, |directive| directive.body.start);
    if directive.is_some_and(|directive| directive.forbids)
        || words.iter().any(|word| SEVERAL.contains(&&*word.lower(text)))
    {
        return None;
    }
    let from = from + usize::from(matches!(&*lower(from), "please" | "always" | "only" | "just"));
    let starts = lead(&lower, from, words.len())?;
    let (pole, end) = form(&lower, starts)?;
    let denied = words[..starts].iter().any(|word| word.is(vocabulary::NEGATION));
    // "JSON or CSV" leaves the choice, "JSON schema" names another thing.
    let next = lower(end);
    let ends = words.get(end).is_none_or(|word| word.is_punctuation())
        || matches!(&*next, "only" | "with" | "that" | "which" | "containing" | "for" | "as" | "and");
    let nothing_else = next != "and" || lower(end + 1) == "nothing";
    (ends && nothing_else && !denied && !words.iter().any(|word| word.lower(text) == "or")).then_some((
        pole,
        starts,
        end - 1,
    ))
}

/// Where the form would begin behind what leads to it.
fn lead<'a>(lower: &impl Fn(usize) -> Cow<'a, str>, from: usize, length: usize) -> Option<usize> {
    let verb = lower(from);
    // "Output format: JSON".
    let colon = (from + 1..from + 4).find(|&at| lower(at) == ":");
    let labels = ["format", "form", "output", "answer", "response", "result"];
    if let Some(colon) = colon.filter(|colon| (from..*colon).all(|at| labels.contains(&&*lower(at)))) {
        return Some(colon + 1);
    }
    if HANDS.contains(&&*verb) {
        if matches!(&*lower(from + 1), "in" | "as" | "with")
            && matches!(&*verb, "answer" | "reply" | "respond" | "output" | "return" | "write")
        {
            return Some(from + 2);
        }
        // "Format the answer as", "return it as".
        let object = from + 1 + usize::from(matches!(&*lower(from + 1), "the" | "your" | "all"));
        let joined = (object..object + 2).find(|&at| matches!(&*lower(at), "as" | "in"));
        if let Some(joined) = joined {
            return (object < joined && ANSWERS.contains(&&*lower(joined - 1)) && joined < length)
                .then_some(joined + 1);
        }
        return WHOLLY.contains(&&*verb).then_some(from + 1);
    }
    // "Use JSON for the output."
    if verb == "use" {
        let whole = (from + 2..length).any(|at| {
            matches!(&*lower(at), "for" | "as")
                && matches!(&*lower(at + 1), "the" | "your")
                && ANSWERS.contains(&&*lower(at + 2))
        });
        return whole.then_some(from + 1);
    }
    // "The output must be JSON", "your reply is a table".
    let holder = matches!(&*verb, "the" | "your") && ANSWERS.contains(&&*lower(from + 1));
    let is =
        (from + 2..from + 6).find(|&at| matches!(&*lower(at), "be" | "is" | "are" | "comes" | "come"))?;
    let plain = (from + 2..is).all(|at| {
        matches!(
            &*lower(at),
            "must" | "should" | "shall" | "will" | "has" | "have" | "needs" | "need" | "to" | "always"
        )
    });
    let in_ = usize::from(matches!(&*lower(is + 1), "in" | "as"));
    (holder && plain).then_some(is + 1 + in_)
}

/// The form that is named from `at` on, and where its words end.
fn form<'a>(lower: &impl Fn(usize) -> Cow<'a, str>, at: usize) -> Option<(&'static str, usize)> {
    const PLAIN: [&str; 13] = [
        "a", "an", "one", "the", "valid", "raw", "single", "simple", "clean", "compact", "proper", "well",
        "formed",
    ];
    const HOLDS: [&str; 11] =
        ["object", "array", "list", "rows", "row", "document", "file", "format", "string", "data", "lines"];
    let mut at = at;
    while PLAIN.contains(&&*lower(at)) || lower(at) == "-" {
        at += 1;
    }
    let (one, two) = (lower(at), lower(at + 1));
    let data = match &*one {
        "json" => Some("JSON"),
        "csv" => Some("CSV"),
        "xml" => Some("XML"),
        "yaml" => Some("YAML"),
        "html" => Some("HTML"),
        _ => None,
    };
    if let Some(data) = data {
        return Some((data, at + 1 + usize::from(HOLDS.contains(&&*two))));
    }
    match (&*one, &*two) {
        ("table", _) => Some(("a table", at + 1)),
        ("markdown", "table") => Some(("a table", at + 2)),
        ("bulleted" | "bullet" | "unordered", "list" | "points") => Some(("a bulleted list", at + 2)),
        ("numbered" | "ordered", "list") => Some(("a numbered list", at + 2)),
        ("bullets", _) => Some(("a bulleted list", at + 1)),
        ("running" | "flowing" | "continuous" | "connected", "prose" | "text" | "paragraphs") => {
            Some(("prose", at + 2))
        }
        ("plain" | "full", "paragraphs" | "prose") => Some(("prose", at + 2)),
        ("prose", _) => Some(("prose", at + 1)),
        _ => None,
    }
}
