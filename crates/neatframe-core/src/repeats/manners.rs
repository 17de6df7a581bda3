//! One manner asked for twice, in whatever words.

use crate::lexicon::{self, vocabulary};
use crate::likeness::stem;
use crate::requirement::{Demand, Requirement, of_unit};
use crate::sort_key::sort_key;
use crate::source::Source;
use crate::span::Span;
use crate::units::Unit;
use crate::words::{Word, Words};
use std::collections::HashMap;

/// What is measured, one thing of many.
const MEASURED: [&str; 10] = [
    "temperature", "temperatures", "height", "heights", "weight", "weights", "distance", "distances",
    "speed", "speeds",
];

/// Words from which a sentence asks for more than a manner.
pub(super) const PASSING: usize = 14;

/// Words beside the pole that the later demand may hold, and words of meaning among them.
const AROUND: usize = 11;
const NEW: usize = 2;
/// Those that a demand for data alone may hold: they tell what the data are.
const FORMAL: usize = 5;

/// One manner asked for twice, in whatever words: "Emoji are not allowed", "Leave out any emoji".
pub(super) fn same(
    source: &Source,
    words: &Words,
    units: &[Unit],
    requirements: &[Requirement],
) -> Vec<(usize, usize)> {
    let text = source.text();
    let mut seen: HashMap<(&str, &str, Option<&str>), usize> = HashMap::new();
    let mut found = Vec::new();
    for rule in requirements {
        let Demand::Manner { axis, pole } = &rule.demand else { continue };
        let only_json = *pole == "only JSON";
        // "Reasons for the fare" and "reasons for the delay" are two demands, "for each choice" and "for every choice" one.
        let of_many = lexicon::OF_MANY.contains(axis) && !only_json && !is_whole(axis, pole);
        if rule.conditional
            || of_many && !matches!(*axis, "reasons" | "order kept" | "sources named" | "greeting")
        {
            continue;
        }
        // "The list" and "the entries" are both all of it.
        let whole = |part: &&str| {
            part.split(' ').next_back().is_some_and(|word| GENERAL.contains(&word) || FRAMES.contains(&word))
        };
        let part = rule.part.as_deref().filter(|part| !whole(part) && part != axis);
        let part = part.map(|part| part.strip_suffix('s').unwrap_or(part));
        let earlier = *seen.entry((axis, pole, part)).or_insert(rule.unit);
        // "But use legal terms" stands against what is right before it.
        let opener = words.within(units[rule.unit].text).first().map(|word| word.lower(text));
        let objects = opener.is_some_and(|word| matches!(&*word, "but" | "however" | "instead" | "yet"));
        if earlier == rule.unit || objects {
            continue;
        }
        // "Do not make up facts" and "do not make up names" are two rules.
        if matches!(*axis, "invention" | "gaps")
            && !of_one_object(source, words, units, requirements, (earlier, rule.unit))
        {
            continue;
        }
        // "A list of boats" and "a list of piers" are two lists.
        let of = |unit: usize, span: Span| {
            let joins = |word: &Word| matches!(&*word.lower(text), "of" | "with" | "on" | "about");
            let behind = words.within(Span::new(span.end(), units[unit].text.end()));
            let held = words.within(span).last().is_some_and(joins);
            let led = behind.first().is_some_and(joins);
            behind.get(usize::from(!held)).filter(|_| held || led).map(|word| stem(&word.lower(text)))
        };
        let place = of_unit(requirements, earlier).find(|other| other.demand == rule.demand);
        let things = place.and_then(|other| of(earlier, other.span)).zip(of(rule.unit, rule.span));
        if things.is_some_and(|(one, two)| one != two) {
            continue;
        }
        // "Sorted by pier" and "sorted alphabetically" are two orders.
        let key = |unit: usize| sort_key(text, words.within(units[unit].text));
        if *axis == "order kept"
            && key(earlier).zip(key(rule.unit)).is_some_and(|(one, two)| one.key != two.key)
        {
            continue;
        }
        // "Temperatures in Celsius" says more than "metric units".
        let measured = |unit: usize| {
            words.within(units[unit].text).iter().any(|word| MEASURED.contains(&&*word.lower(text)))
        };
        if *axis == "units" && (measured(earlier) || measured(rule.unit)) {
            continue;
        }
        // To wait for each answer is more than to put one question at a time.
        let waits = |unit: usize| {
            words.within(units[unit].text).iter().any(|word| matches!(&*word.lower(text), "wait" | "waiting"))
        };
        if *axis == "questions at a time" && waits(rule.unit) && !waits(earlier) {
            continue;
        }
        // "Start with a joke" asks for more than to be funny.
        let jokes = |unit: usize| {
            words
                .within(units[unit].text)
                .iter()
                .any(|word| matches!(&*word.lower(text), "joke" | "jokes" | "pun"))
        };
        if *axis == "mood" && jokes(rule.unit) && !jokes(earlier) {
            continue;
        }
        // "Check the totals" and "check the spelling" are two checks.
        // "Let the user choose the topic" and "let the user choose the length".
        if matches!(*axis, "who decides" | "who chooses" | "recommendation" | "libraries")
            && !end_alike(source, words, (units[earlier].text, units[rule.unit].text))
        {
            continue;
        }
        if *axis == "checking"
            && !checks_the_same(source, words, (units[earlier].text, units[rule.unit].text))
        {
            continue;
        }
        // "Ask for eggs, brood and stores, one thing at a time": said in passing, of one step.
        let holder = words.within(units[earlier].text);
        // "Translate the signs, in the order in which they stand": behind a comma, to the end.
        let closes = place.is_some_and(|other| {
            let at = holder.iter().position(|word| word.start as usize >= other.span.start());
            at.and_then(|at| at.checked_sub(1)).is_some_and(|before| holder[before].text(text) == ",")
                && holder.len() <= PASSING * 2
                && holder.iter().filter(|word| word.text(text) == ",").count() == 1
        });
        // "Keep this prompt to yourself; speak of the desk instead": the clause counts, and a form of data is never an aside.
        let clauses = holder.split(|word| word.text(text) == ";");
        let clause = place.and_then(|other| {
            clauses.into_iter().find(|clause| clause.iter().any(|word| other.span.overlaps(word.span())))
        });
        let long = clause.map_or(holder.len(), <[Word]>::len) > PASSING;
        let only = |word: &Word| matches!(&*word.lower(text), "only" | "nothing" | "alone");
        let more = words.within(units[rule.unit].text).iter().any(only);
        let data = *axis == "data format" && holder.len() <= PASSING * 2 && !more;
        if long && !closes && !data {
            continue;
        }
        let all = words.within(units[rule.unit].text);
        // "Start straight away, with no introduction" says it twice itself.
        let also = of_unit(requirements, rule.unit).filter(|other| other.demand == rule.demand);
        let own: Vec<Span> = also.map(|other| other.span).collect();
        let beside = all
            .iter()
            .filter(|word| !word.is_punctuation() && !own.iter().any(|span| span.overlaps(word.span())));
        // What stands beside the manner in the earlier one as well is not new.
        let known: Vec<u32> =
            words.within(units[earlier].text).iter().map(|word| stem(&word.lower(text))).collect();
        let says_nothing = |word: &Word| {
            let lower = word.lower(text);
            word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::COURTESY)
                || FRAMES.contains(&&*lower)
                || of_many && GENERAL.contains(&&*lower)
                || known.contains(&stem(&lower))
        };
        let new = beside.clone().filter(|word| !says_nothing(word));
        // "Return the memory in only JSON format as shown" tells nothing new unless it names the keys.
        let keyed = |word: &Word| {
            word.is(vocabulary::QUOTE)
                || matches!(
                    &*word.lower(text),
                    "`" | "with"
                        | "key"
                        | "keys"
                        | "field"
                        | "fields"
                        | "containing"
                        | "fence"
                        | "fences"
                        | "backticks"
                        | "markdown"
                )
        };
        let room = if of_many {
            0
        } else if only_json && !all.iter().any(keyed) {
            FORMAL
        } else {
            NEW
        };
        if new.count() <= room && beside.count() <= AROUND {
            found.push((rule.unit, earlier));
        }
    }
    found
}

/// Poles of axes on several things that are about all of them: "no links" leaves none.
fn is_whole(axis: &str, pole: &str) -> bool {
    matches!(
        (axis, pole),
        ("stance", "neutral")
            | ("links", "no links")
            | ("greeting", "no greeting")
            | ("quotations", "no quotations")
            | ("asking back", "no questions")
    )
}

/// True when two units rule out inventing the same, or anything at all.
fn of_one_object(
    source: &Source,
    words: &Words,
    units: &[Unit],
    requirements: &[Requirement],
    (one, two): (usize, usize),
) -> bool {
    const ANY: [&str; 15] = [
        "facts", "information", "data", "details", "things", "anything", "it", "up", "content",
        "hallucinate", "hallucinations", "invent", "fabricate", "guess", "speculate",
    ];
    let last = |unit: usize| {
        let rule = of_unit(requirements, unit)
            .find(|rule| matches!(rule.demand, Demand::Manner { axis: "invention", .. }))?;
        let own = words.within(rule.span).last()?;
        // "Never invent a pier": the thing stands behind the words of the manner.
        let behind = words.within(Span::new(rule.span.end(), units[unit].text.end())).first();
        let thing = behind.filter(|_| matches!(&*own.lower(source.text()), "a" | "an" | "the" | "any"));
        Some(thing.unwrap_or(own).lower(source.text()))
    };
    // "Do not speculate about causes" and "… about prices".
    let about = |unit: usize| {
        words
            .within(units[unit].text)
            .iter()
            .any(|word| matches!(&*word.lower(source.text()), "about" | "on"))
    };
    if (about(one) || about(two)) && !end_alike(source, words, (units[one].text, units[two].text)) {
        return false;
    }
    let (one, two) = (last(one), last(two));
    let any =
        |word: &Option<std::borrow::Cow<'_, str>>| word.as_deref().is_some_and(|word| ANY.contains(&word));
    one == two || any(&one) && any(&two)
}

/// True when one demand holds the last word of meaning of the other.
fn end_alike(source: &Source, words: &Words, (one, two): (Span, Span)) -> bool {
    let stems = |span: Span| -> Vec<u32> {
        let all =
            words.within(span).iter().filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP));
        all.map(|word| stem(&word.lower(source.text()))).collect()
    };
    let (one, two) = (stems(one), stems(two));
    two.last().is_some_and(|last| one.contains(last)) || one.last().is_some_and(|last| two.contains(last))
}

/// True when two demands to check share what is checked, or one of them names nothing.
fn checks_the_same(source: &Source, words: &Words, (one, two): (Span, Span)) -> bool {
    const CHECKS: [&str; 18] = [
        "check", "review", "reread", "read", "proofread", "go", "double", "before", "after", "send",
        "sending", "answer", "answering", "finish", "reply", "text", "work", "verify",
    ];
    let named = |span: Span| -> Vec<u32> {
        let all = words.within(span).iter();
        let plain = all.filter(|word| {
            !word.is_punctuation()
                && !word.is(vocabulary::STOP | vocabulary::PERSON)
                && !CHECKS.contains(&&*word.lower(source.text()))
        });
        plain.map(|word| stem(&word.lower(source.text()))).collect()
    };
    let (one, two) = (named(one), named(two));
    one.is_empty() || two.is_empty() || one.iter().any(|stem| two.contains(stem))
}

/// Words for whatever the reply holds.
const GENERAL: [&str; 12] = [
    "list", "lists", "entry", "entries", "item", "items", "rows", "results", "you", "made", "respond",
    "response",
];

/// Words that only carry a demand of manner.
const FRAMES: [&str; 20] = [
    "return", "stay", "remain", "original", "input", "object", "use", "keep", "write", "make", "give",
    "answer", "reply", "text", "whole", "always", "throughout", "everything", "result", "output",
];
