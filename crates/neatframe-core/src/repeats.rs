//! Which demand was already made by an earlier one: worked out once, for every check that wants to know.

use crate::classify::Label;
use crate::component::Component;
use crate::grounding;
use crate::lexicon::{self, Hit, Set, vocabulary};
use crate::likeness::{Confined, Gist, are_apart, are_opposed, confined, gist, stem};
use crate::requirement::{Demand, Measure, Requirement, Subject, is_one_gap};
use crate::source::Source;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
use std::collections::HashMap;

/// How many earlier demands with a shared word are compared, the latest first: keeps long prompts linear.
const CANDIDATES: usize = 48;

/// The earlier twin of each demand that has one. `demands` are unit indices in order.
pub(crate) fn find(
    source: &Source,
    words: &Words,
    units: &[Unit],
    hits: &[Vec<Hit>],
    demands: impl Iterator<Item = usize>,
    requirements: &[Requirement],
    labels: &[Label],
) -> HashMap<usize, usize> {
    let mut twins = same_limits(source, words, units, hits, requirements);
    let at = |unit: usize| words.within(units[unit].text);
    // "Three lines before the change" and "three lines after the change".
    // A long step that asks a question, and the rule of one at a time.
    let step = |unit: usize| labels[unit].component == Some(Component::Task) && at(unit).len() > PASSING;
    let asks = |unit: usize| at(unit).first().is_some_and(|word| word.lower(source.text()) == "ask");
    twins.retain(|unit, earlier| {
        let two_things = step(*earlier) && asks(*unit);
        !two_things && !are_opposed(source.text(), at(*earlier), at(*unit))
    });
    for (unit, earlier) in same_gaps(requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    let of_persona = |unit: usize| labels[unit].component == Some(Component::Role);
    for (unit, earlier) in same_manners(source, words, units, requirements) {
        // "A witty guide" and "each answer has a joke" are not one demand.
        if of_persona(earlier) != of_persona(unit) {
            continue;
        }
        twins.entry(unit).or_insert(earlier);
    }
    for (unit, earlier) in grounding::repeated(source.text(), words, units, requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    for (unit, earlier) in same_words_ruled_out(words, units, requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    let mut by_stem: HashMap<u32, Vec<usize>> = HashMap::new();
    let mut gists: HashMap<usize, Gist> = HashMap::new();
    let mut borders: Vec<(usize, Confined)> = Vec::new();
    for unit in demands {
        let quality = hits[unit].iter().any(Hit::names_quality);
        let gist = gist(source.text(), words.within(units[unit].text), quality);
        if twins.contains_key(&unit) {
            continue;
        }
        if let Some(border) = confined(source.text(), words.within(units[unit].text)) {
            let other =
                borders.iter().rev().take(CANDIDATES).find(|(_, known)| border.is_other_side_of(known));
            if let Some((earlier, _)) = other {
                twins.insert(unit, *earlier);
                continue;
            }
            borders.push((unit, border));
        }
        // "Every block uses this form:" leads on to what is new.
        let leads_on = source.slice(units[unit].text).ends_with([':', '?']);
        if gist.stems.is_empty() || leads_on || names_only(source, words, &units[unit]) {
            continue;
        }
        // "When fewer than three fit, write fewer" names a case that "pick three" does not.
        let opens_a_case = |unit: usize| {
            words.within(units[unit].text).iter().take(3).any(|word| word.is(vocabulary::CONDITION))
        };
        // "First all of French, then all of Dutch" says more than "translate into French and Dutch".
        let ordered = |unit: usize| {
            let all = words.within(units[unit].text);
            let has = |name: &str| all.iter().any(|word| word.lower(source.text()) == name);
            has("first") && has("then")
        };
        let in_order = ordered(unit);
        let twin = candidates(&gist, &by_stem).into_iter().find(|earlier| {
            (!in_order || ordered(*earlier))
                && gist.is_said_by(&gists[earlier])
                && !are_apart(
                    source.text(),
                    words.within(units[*earlier].text),
                    words.within(units[unit].text),
                )
                && (!opens_a_case(unit) || has_a_case(source, words, &units[*earlier]))
                && (!opens_a_case(*earlier) || has_a_case(source, words, &units[unit]))
        });
        if let Some(earlier) = twin {
            twins.insert(unit, earlier);
            continue;
        }
        for &stem in &gist.stems {
            by_stem.entry(stem).or_default().push(unit);
        }
        gists.insert(unit, gist);
    }
    twins
}

/// True for a sentence with a condition anywhere in it.
fn has_a_case(source: &Source, words: &Words, unit: &Unit) -> bool {
    let text = source.text();
    let words = words.within(unit.text);
    // "Decide if the slip is complete" asks, and names no case.
    let asks = |at: usize| {
        at > 0
            && matches!(
                &*words[at - 1].lower(text),
                "decide" | "determine" | "check" | "judge" | "see" | "verify" | "tell" | "say" | "ask"
            )
    };
    words.iter().enumerate().any(|(at, word)| {
        word.is(vocabulary::CONDITION) && !asks(at)
            || matches!(&*word.lower(text), "missing" | "unknown" | "unclear" | "empty" | "blank" | "absent")
    })
}

/// A slot on its own, one word such as a path, or a word or two with no verb and no full stop, such as a title: it names something and demands nothing.
fn names_only(source: &Source, words: &Words, unit: &Unit) -> bool {
    let text = source.slice(unit.text).trim();
    let slot = text.starts_with(['{', '[', '<', '$', '(']) && text.ends_with(['}', ']', '>', ')']);
    let plain: Vec<Word> =
        words.within(unit.text).iter().filter(|word| !word.is_punctuation()).copied().collect();
    let title = matches!(unit.kind, UnitKind::Sentence | UnitKind::Field)
        && plain.len() <= 3
        && !text.ends_with(['.', '!', ';'])
        && !plain.first().is_some_and(|word| word.is(vocabulary::VERB | vocabulary::NEGATION));
    // "piers/merle.txt".
    slot || title || !text.contains(char::is_whitespace)
}

/// The words of a demand that says little but its limit.
const SHORT: usize = 14;
/// The words of a line that states a limit and nothing else.
const ALONE: usize = 9;

/// The words of an item that is a limit and nothing else.
const BARE: usize = 4;

/// Limits on the same thing stated twice: "At most 120 words", "The mail may not be longer than 120 words".
fn same_limits(
    source: &Source,
    words: &Words,
    units: &[Unit],
    hits: &[Vec<Hit>],
    requirements: &[Requirement],
) -> HashMap<usize, usize> {
    let mut twins = HashMap::new();
    let mut seen: HashMap<(Option<&str>, &Measure, Option<u32>), &Requirement> = HashMap::new();
    let mut bare: HashMap<(&Measure, Option<u32>), usize> = HashMap::new();
    let text = source.text();
    let binds = |word: &Word| matches!(&*word.lower(text), "must" | "may" | "should" | "shall");
    let stays = |unit: usize| words.within(units[unit].text).iter().any(binds);
    for rule in requirements {
        let Demand::Amount { measure, bound } = &rule.demand else { continue };
        // "Under 120 words" leaves 119, and means what "at most 120 words" means.
        let limit = bound.most.map(|most| if most >= 19 && most % 10 == 9 { most + 1 } else { most });
        if rule.conditional || limit.is_none() {
            continue;
        }
        // "The code must stay below 30 lines": a line that says nothing else is about the whole. What pads it says nothing.
        let pads = |at: usize| {
            hits[rule.unit].iter().any(|hit| hit.set == Set::Padding && (hit.first..=hit.last).contains(&at))
        };
        let plain = words.within(units[rule.unit].text).iter().enumerate();
        let plain = plain.filter(|(at, word)| !word.is_punctuation() && !pads(*at));
        let count = plain.take(SHORT + 1).count();
        let subject = match &rule.subject {
            Subject::Unstated if count <= ALONE && stays(rule.unit) => &Subject::Reply,
            // "- one or two words": what the list is about, and nothing else.
            Subject::Unstated if count <= BARE && matches!(units[rule.unit].kind, UnitKind::Item { .. }) => {
                bare.entry((measure, limit)).or_insert(rule.unit);
                continue;
            }
            Subject::Unstated => continue,
            subject => subject,
        };
        let bared = matches!(subject, Subject::Each(_) | Subject::Named(_))
            .then(|| bare.get(&(measure, limit)).copied())
            .flatten();
        if let Some(earlier) = bared.filter(|_| bound.least.is_none() && count <= SHORT) {
            twins.insert(rule.unit, earlier);
            continue;
        }
        // "A headline of up to seven words", "headlines have no more than seven words".
        let thing = match subject {
            Subject::Each(thing) | Subject::Named(thing) => Some(thing.as_str()),
            Subject::Reply | Subject::Unstated => None,
        };
        let key = (thing, measure, limit);
        match seen.get(&key) {
            Some(earlier) if earlier.unit != rule.unit => {
                // "Keep it to two paragraphs" asks for nothing that "two paragraphs" does not.
                let follows = bound.least.is_none() && count <= ALONE;
                // "The subject line" and "the preview line".
                let kind = |rule: &Requirement| kind_of(text, words.within(units[rule.unit].text), thing?);
                if kind(rule).zip(kind(earlier)).is_some_and(|(own, other)| own != other) {
                    continue;
                }
                if count <= SHORT && (earlier.demand == rule.demand || follows) {
                    twins.insert(rule.unit, earlier.unit);
                }
            }
            _ => {
                seen.insert(key, rule);
            }
        }
    }
    twins
}

/// The word that tells which of its kind a thing is: `subject` in "the subject line".
fn kind_of(text: &str, words: &[Word], thing: &str) -> Option<u32> {
    let last = thing.rsplit(' ').next().map(stem)?;
    let at = words.iter().position(|word| stem(&word.lower(text)) == last)?;
    let before = words.get(at.checked_sub(1)?)?;
    let plain = vocabulary::STOP | vocabulary::VERB | vocabulary::PUNCTUATION | vocabulary::MODAL;
    (!before.is(plain) && !before.is_number()).then(|| stem(&before.lower(text)))
}

/// One value for one gap, twice: "A missing fare is null", "fare is null where none is given".
fn same_gaps(requirements: &[Requirement]) -> Vec<(usize, usize)> {
    let mut seen: Vec<(&str, &str, usize)> = Vec::new();
    let mut found = Vec::new();
    for rule in requirements.iter().take(GAPS) {
        let Demand::Gap { of, value } = &rule.demand else { continue };
        let twin = |(thing, said, unit): &&(&str, &str, usize)| {
            *said == value && *unit != rule.unit && is_one_gap(thing, of)
        };
        match seen.iter().find(twin) {
            Some((_, _, earlier)) => found.push((rule.unit, *earlier)),
            None => seen.push((of, value, rule.unit)),
        }
    }
    found
}

/// How many requirements are looked at for gaps.
const GAPS: usize = 400;

/// The same word ruled out twice: `Nothing with "oat" in it`, `The word "oat" must not occur`.
fn same_words_ruled_out(words: &Words, units: &[Unit], requirements: &[Requirement]) -> Vec<(usize, usize)> {
    let mut seen: HashMap<String, usize> = HashMap::new();
    let mut found = Vec::new();
    for rule in requirements.iter().filter(|rule| !rule.conditional) {
        let Demand::Omit(word) = &rule.demand else { continue };
        let earlier = *seen.entry(word.to_lowercase()).or_insert(rule.unit);
        if earlier != rule.unit && words.within(units[rule.unit].text).len() <= SHORT + 2 {
            found.push((rule.unit, earlier));
        }
    }
    found
}

/// What is measured, one thing of many.
const MEASURED: [&str; 10] = [
    "temperature", "temperatures", "height", "heights", "weight", "weights", "distance", "distances",
    "speed", "speeds",
];

/// Words from which a sentence asks for more than a manner.
const PASSING: usize = 14;

/// Words beside the pole that the later demand may hold, and words of meaning among them.
const AROUND: usize = 11;
const NEW: usize = 2;
/// Those that a demand for data alone may hold: they tell what the data are.
const FORMAL: usize = 5;

/// One manner asked for twice, in whatever words: "Emoji are not allowed", "Leave out any emoji".
fn same_manners(
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
        if rule.conditional || lexicon::OF_MANY.contains(axis) && !only_json {
            continue;
        }
        let earlier = *seen.entry((axis, pole, rule.part.as_deref())).or_insert(rule.unit);
        // "But use legal terms" stands against what is right before it.
        let opener = words.within(units[rule.unit].text).first().map(|word| word.lower(text));
        let objects = opener.is_some_and(|word| matches!(&*word, "but" | "however" | "instead" | "yet"));
        if earlier == rule.unit || objects {
            continue;
        }
        // "Do not make up facts" and "do not make up names" are two rules.
        if *axis == "invention" && !of_one_object(source, words, units, requirements, (earlier, rule.unit)) {
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
        let place = requirements.iter().find(|other| other.unit == earlier && other.demand == rule.demand);
        let things = place.and_then(|other| of(earlier, other.span)).zip(of(rule.unit, rule.span));
        if things.is_some_and(|(one, two)| one != two) {
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
        // "Check the totals" and "check the spelling" are two checks.
        // "Let the user choose the topic" and "let the user choose the length".
        if matches!(*axis, "who decides" | "who chooses" | "recommendation")
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
        if words.within(units[earlier].text).len() > PASSING {
            continue;
        }
        let all = words.within(units[rule.unit].text);
        let beside = all.iter().filter(|word| !word.is_punctuation() && !rule.span.overlaps(word.span()));
        // What stands beside the manner in the earlier one as well is not new.
        let known: Vec<u32> =
            words.within(units[earlier].text).iter().map(|word| stem(&word.lower(text))).collect();
        let new = beside.clone().filter(|word| {
            !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::COURTESY)
                && !FRAMES.contains(&&*word.lower(text))
                && !known.contains(&stem(&word.lower(text)))
        });
        // "Return the memory in only JSON format as shown" tells nothing new unless it names the keys.
        let keyed = |word: &Word| {
            word.is(vocabulary::QUOTE)
                || matches!(
                    &*word.lower(text),
                    "`" | "with" | "key" | "keys" | "field" | "fields" | "containing"
                )
        };
        let room = if only_json && !all.iter().any(keyed) { FORMAL } else { NEW };
        if new.count() <= room && beside.count() <= AROUND {
            found.push((rule.unit, earlier));
        }
    }
    found
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
        let rule = requirements.iter().find(|rule| {
            rule.unit == unit && matches!(rule.demand, Demand::Manner { axis: "invention", .. })
        })?;
        words.within(rule.span).last().map(|word| word.lower(source.text()))
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

/// Words that only carry a demand of manner.
const FRAMES: [&str; 14] = [
    "use", "keep", "write", "make", "give", "answer", "reply", "text", "whole", "always", "throughout",
    "everything", "result", "output",
];

/// Earlier demands that share the rarest words, in order.
fn candidates(gist: &Gist, by_stem: &HashMap<u32, Vec<usize>>) -> Vec<usize> {
    let mut lists: Vec<&Vec<usize>> = gist.stems.iter().filter_map(|stem| by_stem.get(stem)).collect();
    lists.sort_by_key(|list| list.len());
    let mut found: Vec<usize> =
        lists.iter().take(2).flat_map(|list| list.iter().rev().take(CANDIDATES)).copied().collect();
    found.sort_unstable();
    found.dedup();
    found
}
