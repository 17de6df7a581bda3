//! Lengths and counts: "at most 80 words", "between three and five bullets", "each title under 60 characters".

use super::measure::{Bound, Measure};
use super::{Demand, Requirement, Sight, Subject, is_exception};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// What stands right before a number and bounds it. Longer phrases come first.
const BEFORE: [(&[&str], Side); 45] = [
    (&["no", "more", "than"], Side::Most),
    (&["not", "more", "than"], Side::Most),
    (&["no", "longer", "than"], Side::Most),
    (&["not", "longer", "than"], Side::Most),
    (&["not", "exceed"], Side::Most),
    (&["never", "exceed"], Side::Most),
    (&["not", "over"], Side::Most),
    (&["no", "fewer", "than"], Side::Least),
    (&["no", "less", "than"], Side::Least),
    (&["not", "fewer", "than"], Side::Least),
    (&["not", "less", "than"], Side::Least),
    (&["no", "shorter", "than"], Side::Least),
    (&["a", "maximum", "of"], Side::Most),
    (&["maximum", "of"], Side::Most),
    (&["a", "minimum", "of"], Side::Least),
    (&["minimum", "of"], Side::Least),
    (&["a", "limit", "of"], Side::Most),
    (&["limited", "to"], Side::Most),
    (&["limit", "yourself", "to"], Side::Most),
    (&["restrict", "yourself", "to"], Side::Most),
    (&["keep", "it", "to"], Side::Most),
    (&["stick", "to"], Side::Most),
    (&["keep", "to"], Side::Most),
    (&["fewer", "than"], Side::Under),
    (&["less", "than"], Side::Under),
    (&["shorter", "than"], Side::Under),
    (&["longer", "than"], Side::Over),
    (&["more", "than"], Side::Over),
    (&["at", "most"], Side::Most),
    (&["at", "least"], Side::Least),
    (&["up", "to"], Side::Most),
    (&["exactly"], Side::Exact),
    (&["precisely"], Side::Exact),
    (&["under"], Side::Under),
    (&["below"], Side::Under),
    (&["within"], Side::Most),
    (&["max"], Side::Most),
    (&["maximum"], Side::Most),
    (&["min"], Side::Least),
    (&["minimum"], Side::Least),
    (&["≤"], Side::Most),
    (&["≥"], Side::Least),
    (&["about"], Side::About),
    (&["around"], Side::About),
    (&["roughly"], Side::About),
];

#[derive(Clone, Copy, PartialEq, Eq)]
enum Side {
    Most,
    Under,
    Least,
    Over,
    Exact,
    About,
}

/// Nouns that stand for the whole reply.
const WHOLE: &[&str] = &[
    "answer",
    "article",
    "description",
    "digest",
    "document",
    "email",
    "essay",
    "everything",
    "it",
    "letter",
    "mail",
    "message",
    "minutes",
    "newsletter",
    "notice",
    "output",
    "page",
    "post",
    "reply",
    "report",
    "response",
    "result",
    "review",
    "story",
    "summary",
    "text",
    "this",
    "total",
    "whole",
];

/// Nouns of parts that carry a length of their own, in the singular.
const PARTS: &[&str] = &[
    "abstract",
    "answer",
    "body",
    "bullet",
    "caption",
    "cell",
    "closing",
    "comment",
    "conclusion",
    "day",
    "description",
    "entry",
    "field",
    "greeting",
    "heading",
    "headline",
    "idea",
    "intro",
    "introduction",
    "item",
    "label",
    "lead",
    "line",
    "message",
    "name",
    "note",
    "opening",
    "option",
    "paragraph",
    "point",
    "question",
    "quote",
    "reason",
    "reply",
    "row",
    "section",
    "sentence",
    "slogan",
    "step",
    "stop",
    "subject",
    "summary",
    "tag",
    "tagline",
    "teaser",
    "title",
    "turn",
    "value",
];

/// Reads the amounts that a unit states.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    if let Some((place, measure)) = apart(text, words) {
        let demand = Demand::Amount { measure, bound: Bound { least: Some(2), most: None, about: false } };
        found.push(Requirement::on_reply(unit, place, demand, is_exception(text, words)));
    }
    let mut at = 0;
    while at < words.len() {
        let Some((first, bound, measure_at)) = amount_at(text, words, at) else {
            at += 1;
            continue;
        };
        let Some(measure) = Measure::named(words[measure_at].text(text)) else {
            at += 1;
            continue;
        };
        let next = |offset: usize| words.get(measure_at + offset).map(|word| word.lower(text));
        // "Quote two answers word for word" counts no words.
        if next(1).is_some_and(|word| word == "for") && next(2).is_some_and(|word| word == "word") {
            at = measure_at;
            continue;
        }
        if next(1).is_some() && is_compound(text, words, at, measure_at) {
            at = measure_at;
            continue;
        }
        let points =
            measure == Measure::Items("bullets") && next(1).is_some_and(|word| word.starts_with("point"));
        let measure_at = measure_at + usize::from(points);
        let place = words[first].span().cover(words[measure_at].span());
        let before =
            found.last().filter(|earlier| earlier.unit == unit).map(|earlier| earlier.demand.clone());
        let things = found.iter().rev().take(NEAR).find_map(|earlier| match earlier.demand {
            Demand::Amount { measure: Measure::Items(things), .. } => Some(things),
            _ => None,
        });
        let subject = match each_of(text, words, measure_at) {
            // "Eight names. One or two words each."
            true => things.map_or(Subject::Unstated, |things| Subject::Each(singular(things))),
            false => subject(sight, unit, words, (first, measure_at), before),
        };
        let demand = Demand::Amount { measure, bound };
        found.push(Requirement {
            unit,
            span: place,
            subject,
            demand,
            conditional: is_exception(text, words),
            part: None,
        });
        at = measure_at + 1;
    }
}

/// "Each in its own sentence": two of them at least.
fn apart(text: &str, words: &[Word]) -> Option<(Span, Measure)> {
    words.windows(5).find_map(|run| {
        let said = |at: usize| run[at].lower(text);
        let fits = said(0) == "each"
            && said(1) == "in"
            && ["its", "their", "a"].contains(&&*said(2))
            && ["own", "separate"].contains(&&*said(3));
        let measure = if fits { Measure::named(&said(4))? } else { return None };
        Some((run[0].span().cover(run[4].span()), measure))
    })
}

fn number(text: &str, word: Word) -> Option<u32> {
    match vocabulary::number_value(word.id) {
        Some(value) => Some(value),
        None if word.is_number() => word.text(text).replace(',', "").parse().ok(),
        None => None,
    }
}

/// An amount whose number stands at `at`: its first word, the bound, and the word that names the measure.
fn amount_at(text: &str, words: &[Word], at: usize) -> Option<(usize, Bound, usize)> {
    let said = |index: usize| words.get(index).map_or("", |word| word.text(text));
    let value = number(text, words[at])?;
    let lower = |index: usize| said(index).to_lowercase();
    // "3 to 5", "3–5" (the reader drops a dash between digits), "three or four", "between 3 and 5".
    let mut last = at;
    let mut top = None;
    let joined = ["to", "or", "and", "–", "-"].contains(&&*lower(at + 1));
    if joined && let Some(second) = words.get(at + 2).and_then(|word| number(text, *word)) {
        let between = at > 0 && lower(at - 1) == "between";
        if second > value && (lower(at + 1) != "and" || between) {
            (top, last) = (Some(second), at + 2);
        }
    } else if let Some(next) = words.get(at + 1)
        && let Some(second) = number(text, *next)
        && next.start == words[at].end + if text[words[at].end as usize..].starts_with('-') { 1 } else { 3 }
        && second > value
    {
        (top, last) = (Some(second), at + 1);
    }
    // The measure follows at once, or after an adjective or two: "80 short words".
    let measure_at = (last + 1..=last + 3).find(|&index| {
        Measure::named(said(index)).is_some() && (last + 1..index).all(|between| is_adjective(words, between))
    })?;
    let mut first = at;
    let mut side = None;
    for (phrase, means) in BEFORE {
        let fits = phrase.len() <= at
            && phrase.iter().enumerate().all(|(offset, word)| lower(at - phrase.len() + offset) == *word);
        if fits {
            first = at - phrase.len();
            side = Some(means);
            break;
        }
    }
    // "the two steps above", "step 3 lines": a number that names is no amount.
    let names =
        ["step", "section", "the", "these", "those", "all", "stage", "rule", "chapter", "your", "our"];
    let of_some = at > 1
        && lower(at - 1) == "of"
        && ["one", "either", "each", "both", "out", "any"].contains(&&*lower(at - 2));
    let named = at > 0 && names.contains(&&*lower(at - 1)) || of_some;
    if named && top.is_none() && side.is_none() {
        return None;
    }
    if at > 0 && lower(at - 1) == "between" {
        first = at - 1;
    }
    // "Never use more than 3 bullets", "No sentence is longer than 20 words": negated, the bound turns.
    let negated = words[..first].iter().any(|word| word.is(vocabulary::NEGATION));
    // "Two sentences per turn at most": the bound stands behind the part.
    let per = if ["per", "a", "each", "every"].contains(&&*lower(measure_at + 1)) { 2 } else { 0 };
    let after = lower(measure_at + per + 1);
    let after2 = lower(measure_at + per + 2);
    let bound = |least, most| Bound { least, most, about: false };
    let bound = match (side, top) {
        (_, Some(top)) => bound(Some(value), Some(top)),
        (Some(Side::Over), None) if negated => bound(None, Some(value)),
        (Some(Side::Under), None) if negated => bound(Some(value), None),
        (Some(Side::Most), None) => bound(None, Some(value)),
        (Some(Side::Under), None) => bound(None, Some(value.saturating_sub(1))),
        (Some(Side::Least), None) => bound(Some(value), None),
        (Some(Side::Over), None) => bound(Some(value.saturating_add(1)), None),
        (Some(Side::About), None) => Bound { least: Some(value), most: Some(value), about: true },
        (Some(Side::Exact), None) => bound(Some(value), Some(value)),
        (None, None) => match (after.as_str(), after2.as_str()) {
            ("or", "fewer" | "less") | ("at", "most") | ("max" | "maximum", _) => bound(None, Some(value)),
            ("or", "more") | ("at", "least") | ("min" | "minimum", _) => bound(Some(value), None),
            _ if negated => return None,
            // "in 80 words" is a target, "three options" a count.
            _ => {
                let long = matches!(
                    said(measure_at).to_lowercase().as_str(),
                    "words" | "characters" | "tokens" | "chars"
                );
                Bound { least: Some(value), most: Some(value), about: long }
            }
        },
    };
    Some((first, bound, measure_at))
}

/// "One word problem", "a two page form": the measure says what kind of thing it is, and a length of no reply.
fn is_compound(text: &str, words: &[Word], at: usize, measure_at: usize) -> bool {
    let measure = words[measure_at].lower(text);
    let next = words[measure_at + 1].lower(text);
    let noun = is_adjective(words, measure_at + 1) && next.len() > 3 && !next.ends_with("ly");
    let known = PARTS.contains(&&*next) || WHOLE.contains(&&*next) || next.starts_with("point");
    let other = ["long", "only", "each", "maximum", "minimum", "total", "tops"].contains(&&*next);
    noun && !known && !other && !measure.ends_with('s') && number(text, words[at]).is_some()
}

/// How many requirements back the things that "each" means are looked for.
const NEAR: usize = 60;

/// True when "each" ends the clause behind the amount.
fn each_of(text: &str, words: &[Word], measure_at: usize) -> bool {
    let each = words.get(measure_at + 1).is_some_and(|word| word.lower(text) == "each");
    each && words.get(measure_at + 2).is_none_or(|word| word.is_punctuation())
}

fn singular(word: &str) -> String {
    match word.strip_suffix("ies") {
        Some(stem) => format!("{stem}y"),
        None => {
            let stem = word.strip_suffix('s').filter(|stem| stem.len() > 2 && !stem.ends_with('s'));
            stem.unwrap_or(word).to_string()
        }
    }
}

fn is_adjective(words: &[Word], at: usize) -> bool {
    words.get(at).is_some_and(|word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::VERB | vocabulary::MODAL)
            && !word.is_number()
    })
}

/// Whom the amount bounds: the part named nearest before it in its clause, or after it ("80 words per section").
fn subject(
    sight: &Sight<'_>,
    unit: usize,
    words: &[Word],
    (first, measure_at): (usize, usize),
    before: Option<Demand>,
) -> Subject {
    let text = sight.source.text();
    let lower = |index: usize| words.get(index).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let counted = singular(&lower(measure_at));
    // "After the text one line for the illustrator": a part with an end of its own.
    if lower(measure_at) == counted
        && ["for", "on", "about", "saying", "naming"].contains(&&*lower(measure_at + 1))
    {
        return Subject::Unstated;
    }
    if ["per", "each", "every", "a"].contains(&&*lower(measure_at + 1)) {
        let thing = singular(&lower(measure_at + 2));
        if PARTS.contains(&&*thing) {
            return whole_or(Subject::Each(thing));
        }
    }
    // "an 8-word title", "a two-sentence summary"; the counted noun then stands in the singular.
    if lower(measure_at) == counted {
        let after = singular(&lower(measure_at + 1));
        if PARTS.contains(&&*after) {
            return whole_or(Subject::Named(after));
        }
    }
    // "the passage (25 words at most)", "a teaser of two sentences": the thing right before.
    let lead = lower(first.wrapping_sub(1));
    let tied = ["(", "of", "under", "with", "in", "within", "below"].contains(&&*lead) && first >= 2;
    if tied {
        let thing = singular(&lower(first - 2));
        let named = !words[first - 2]
            .is(vocabulary::VERB | vocabulary::STOP | vocabulary::PUNCTUATION | vocabulary::MODAL);
        if named && thing != counted && !WHOLE.contains(&&*thing) {
            let each = (first.saturating_sub(5)..first - 2)
                .any(|at| ["each", "every", "per"].contains(&&*lower(at)));
            return whole_or(if each { Subject::Each(thing) } else { Subject::Named(thing) });
        }
    }
    for at in (first.saturating_sub(9)..first).rev() {
        let word = lower(at);
        if matches!(&*word, ";" | "." | ",") && at + 1 < first {
            break;
        }
        // "Three bullets, each under 12 words".
        if word == "each"
            && let Some(Demand::Amount { measure: Measure::Items(things), .. }) = &before
        {
            return whole_or(Subject::Each(singular(things)));
        }
        let thing = singular(&word);
        // "Turn the answer into one sentence": what becomes of it, not what it is.
        let turned = (at..first).any(|at| lower(at) == "into");
        if thing == counted || turned || !PARTS.contains(&&*thing) {
            if WHOLE.contains(&&*word) {
                return if turned { Subject::Unstated } else { Subject::Reply };
            }
            continue;
        }
        let leads: Vec<Cow<str>> = (at.saturating_sub(3)..at).map(lower).collect();
        let each = leads.iter().any(|lead| ["each", "every", "no", "any", "all"].contains(&&**lead))
            || word != thing;
        return whole_or(if each { Subject::Each(thing) } else { Subject::Named(thing) });
    }
    // A field, or a section of its own, bounds what it names.
    let piece = &sight.outline.pieces[sight.units[unit].pieces.start];
    if matches!(piece.kind, crate::outline::PieceKind::Field) {
        let label = text[piece.lead.range()].to_lowercase();
        let general = GENERAL.iter().any(|word| label.contains(word));
        return if general { Subject::Reply } else { Subject::Named(label) };
    }
    // "Write three bullets", "Describe the boat in 80 words.": the whole; "say in one line what comes next" is a part.
    let from = words[..first].iter().rposition(|word| word.is(vocabulary::STOP_MARK)).map_or(0, |at| at + 1);
    let meaning = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::COURTESY)
    };
    let few = words[from..first].iter().filter(meaning).count() <= 1;
    let last = words.get(measure_at + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    let led =
        ["in", "to", "within", "under"].contains(&&*lower(first)) || ["in", "to", "within"].contains(&&*lead);
    if few || last && led { Subject::Reply } else { Subject::Unstated }
}

/// Labels of fields that speak of the whole reply.
const GENERAL: [&str; 10] =
    ["length", "limit", "limits", "size", "format", "output", "rules", "constraints", "answer", "reply"];

/// "The answer has at most 80 words" bounds the reply.
fn whole_or(subject: Subject) -> Subject {
    match &subject {
        Subject::Each(thing) | Subject::Named(thing)
            if ["answer", "reply", "turn", "message"].contains(&thing.as_str()) =>
        {
            Subject::Reply
        }
        _ => subject,
    }
}
