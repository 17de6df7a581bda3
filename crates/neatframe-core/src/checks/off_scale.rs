//! Scores beyond the scale that the prompt sets, and two scales for one score.

use super::{Case, Check, Meta, Sink, rivals};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// A score that the scale does not hold.
pub(super) struct OffScale;

static SCALE: Meta = Meta {
    id: "off-scale",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "a score beyond the scale, or two scales for one score",
    write: "One scale, and scores within it.",
    on: true,
    english: true,
    why: "Scores on two scales cannot be compared, and the model mixes them.",
    bad: &[
        "Score each notice from 1 to 5. Name the pier. A score of 8 or more is fit to print.",
        "Rate the notice from 1 to 5. Name the pier. Give a rating from 0 to 10.",
        "Score the notice from 1 to 5. Name the pier. The best notice gets a 10.",
        "Rate the notice from 1 to 5. Name the pier. Give 7 to a notice that names the boat.",
        "Rate each notice as low, medium or high. Name the pier. Give a rating from 1 to 10.",
        "Rate the notice from 1 to 5. Name the pier. Use a scale from 1 to 10.",
        "Grade the notice from 1 to 10. Name the pier. The maximum grade is 5.",
        "Grade the notice.\n- The score ranges from 0 to 10.\n- Name the pier.\n- Give a score between 1 and 5.",
    ],
    good: &[
        "Score each notice from 1 to 5. Name the pier. A score of 4 or more is fit to print.",
        "Score the wording from 1 to 5 and the layout from 1 to 10.",
        "Grade the notice.\n- Give the wording score from 1 to 5.\n- Give the layout score from 1 to 10.",
        "Rate the tone from 1 to 5. Name the pier. Rate the length from 1 to 3.",
        "Rate each risk as low, medium or high. Name the pier. Rate the notice from 1 to 10.",
        "Score the notice from 1 to 5. Name pier 10. The highest score is 5.",
        "Rate the notice from 1 to 5. Name the pier. Give 5 to a notice that names the boat.",
        "Score the notice from 0 to 10. Name the pier. A score from 0 to 3 means that it cannot be printed.",
        "Rate each answer from 1 to 5. Name the pier. At the end give an overall rating from 1 to 10.",
    ],
};

impl Check for OffScale {
    fn meta(&self) -> &'static Meta {
        &SCALE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut scales: Vec<Scale> = Vec::new();
        let mut scores: Vec<(usize, u32, Span)> = Vec::new();
        let names = |unit: usize, thing: Span| {
            let thing = case.text(thing).to_lowercase();
            let scored = case.text(case.units[unit].text).to_lowercase();
            thing
                .split_whitespace()
                .next()
                .is_some_and(|word| scored.contains(word) || SCORES.contains(&word))
        };
        for (unit, label) in case.labels.iter().enumerate() {
            let shown = matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table)
                || label.component == Some(Component::Examples);
            if shown || scales.len() >= MOST || scores.len() >= MOST {
                continue;
            }
            let words = case.words_of(unit);
            let whole =
                scales_in(text, words).into_iter().filter(|(.., span)| !is_a_band(text, words, *span));
            scales.extend(whole.map(|(lowest, highest, span)| Scale { unit, lowest, highest, span }));
            scores.extend(scores_in(text, words).into_iter().map(|(score, span)| (unit, score, span)));
        }
        // Where the prompt has scales for several things in one place, a score may be on any of them.
        let Some(first) = scales.first() else { return };
        let beside = scales.iter().skip(1).any(|scale| scale.unit == first.unit);
        // Of no thing, or of the one that it names.
        let of_nothing = |scale: &Scale| {
            is_of_no_thing(text, case.words_of(scale.unit), scale.span) || rated(case, scale.unit).is_some()
        };
        let listed = scales.iter().skip(1).any(|scale| {
            case.units[scale.unit].block == case.units[first.unit].block
                && !(of_nothing(first) && of_nothing(scale))
                && matches!(case.units[scale.unit].kind, UnitKind::Item { .. } | UnitKind::Field)
                // "A scale from 1 to 10" names nothing that it is for.
                && case.text(scale.span).split(' ').next().is_none_or(|first| {
                    let first = first.to_lowercase();
                    first != "scale" && !TOP.contains(&first.as_str())
                })
        });
        if beside || listed {
            return;
        }
        let line = case.source.position(first.span.start()).line;
        let rule = case.shown(first.span);
        // "Rate the tone" and "rate the length" are on scales of their own.
        let apart = |other: &Scale| {
            rated(case, first.unit).zip(rated(case, other.unit)).is_some_and(|(one, two)| one != two)
        };
        // "At the end give an overall rating out of 10" is no rating of one answer.
        let in_all = |scale: &Scale| {
            let words = case.words_of(scale.unit);
            words
                .iter()
                .any(|word| matches!(&*word.lower(text), "overall" | "final" | "total" | "altogether"))
        };
        let differ = |other: &&Scale| {
            other.highest != first.highest && !apart(other) && in_all(first) == in_all(other)
        };
        for other in scales.iter().skip(1).filter(differ) {
            let message = format!("`{}` stands against `{rule}` (line {line})", case.shown(other.span));
            sink.report(other.span, message, "keep one scale").related.push(first.span);
        }
        for unit in case.demands().filter(|unit| *unit != first.unit) {
            let Some(words) = in_words(case, unit) else { continue };
            let of_one = words.zip(rated(case, first.unit)).is_none_or(|(one, two)| one == two);
            if of_one {
                sink.clash(case, case.units[unit].text, first.span);
            }
        }
        if scales.iter().all(|scale| scale.highest == first.highest) {
            let holds = |score: u32| (first.lowest..=first.highest).contains(&score);
            let off = |(unit, score, span): &&(usize, u32, Span)| {
                *unit != first.unit && !holds(*score) && (names(first.unit, *span) || gets(case.text(*span)))
            };
            for (_, score, span) in scores.iter().filter(off) {
                let message = format!("{score} is not on the scale of line {line}: `{rule}`");
                sink.report(*span, message, "keep one scale").related.push(first.span);
            }
        }
    }
}

/// "The score ranges from 0 to 10", "give a score between 1 and 5": the score, and not the score of one thing among others.
fn is_of_no_thing(text: &str, words: &[Word], span: Span) -> bool {
    let from = words.partition_point(|word| (word.start as usize) < span.start());
    let to = words.partition_point(|word| (word.end as usize) <= span.end());
    let general = |word: &Word| {
        word.is_number()
            || word.is_punctuation()
            || word.is(vocabulary::STOP | vocabulary::MODAL)
            || matches!(
                &*word.lower(text),
                "ranges"
                    | "run"
                    | "go"
                    | "lie"
                    | "range"
                    | "goes"
                    | "runs"
                    | "lies"
                    | "integer"
                    | "whole"
                    | "number"
                    | "value"
                    | "between"
                    | "scale"
            )
    };
    let led = from.checked_sub(1).is_none_or(|before| {
        let before = words[before];
        before.is_punctuation() || before.is(vocabulary::STOP | vocabulary::VERB)
    });
    led && words.get(from..to).is_some_and(|named| named.len() > 1 && named[1..].iter().all(general))
}

/// "A score from 0 to 3 means that …": a stretch of the scale, and no scale of its own.
fn is_a_band(text: &str, words: &[Word], span: Span) -> bool {
    let after = words.iter().find(|word| word.start as usize >= span.end());
    after.is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "means" | "mean" | "indicates" | "indicate" | "implies" | "shows" | "is" | "→"
        )
    })
}

/// "Gets a 10" speaks of a score, whatever it is called.
fn gets(words: &str) -> bool {
    let mut words = words.split_whitespace();
    let first = words.next().unwrap_or("").to_lowercase();
    matches!(&*first, "give" | "award" | "assign")
        || words.next().is_some_and(|word| matches!(word, "a" | "an"))
}

/// What names the end of a scale: "the maximum score is 5".
const TOP: [&str; 5] = ["max", "maximum", "highest", "top", "best"];

/// How many scales and scores are compared.
const MOST: usize = 32;

struct Scale {
    unit: usize,
    lowest: u32,
    highest: u32,
    span: Span,
}

const SCORES: [&str; 12] = [
    "score", "scores", "rate", "rating", "ratings", "grade", "grades", "mark", "marks", "scored", "rated",
    "graded",
];

/// "Rate each clause as low, medium or high": what is rated, where the sentence says so, on a scale of words.
fn in_words(case: &Case<'_>, unit: usize) -> Option<Option<u32>> {
    const STEPS: [&str; 12] = [
        "low", "medium", "high", "minor", "major", "critical", "poor", "fair", "good", "mild", "moderate",
        "severe",
    ];
    let text = case.source.text();
    let words = case.words_of(unit);
    let is = |word: &Word, names: &[&str]| names.contains(&&*word.lower(text));
    let rates = words.iter().take(6).any(|word| is(word, &SCORES));
    let lists = words.iter().any(|word| is(word, &["as", "with", "is"]));
    let steps = words.iter().filter(|word| is(word, &STEPS)).count();
    let plain = words.len() <= LONG
        && !words.iter().any(|word| word.is(vocabulary::NEGATION))
        && !is_exception(text, words);
    (plain && rates && lists && steps >= 2).then(|| rated(case, unit))
}

/// Words from which a sentence says more than a scale.
const LONG: usize = 20;

/// The thing behind "rate each", as a stem.
fn rated(case: &Case<'_>, unit: usize) -> Option<u32> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let rates = (0..words.len().min(6)).find(|&at| SCORES.contains(&&*lower(at)))?;
    let each = (rates + 1..rates + 3).find(|&at| matches!(&*lower(at), "each" | "every" | "the"))?;
    rivals::noun(text, words, each + 1)
}

/// How far before a range the word for the score may stand, in words.
const REACH: usize = 9;

/// "Score … from 1 to 5", "a score of 0-10": the lowest, the highest, and the words.
pub(super) fn scales_in(text: &str, words: &[Word]) -> Vec<(u32, u32, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut found = Vec::new();
    for at in 0..words.len() {
        if !SCORES.contains(&&*lower(at)) && lower(at) != "scale" {
            continue;
        }
        let reach = (at + 1..words.len().min(at + REACH)).take_while(|&to| {
            // "Scale: 1 to 5".
            let ends = words[to].is(vocabulary::STOP_MARK) && !(to == at + 1 && lower(to) == ":");
            !SCORES.contains(&&*lower(to)) && !ends
        });
        let range = reach.into_iter().find_map(|from| {
            let led = matches!(
                &*lower(from - 1),
                "from" | "between" | "of" | "as" | "(" | "a" | "scale" | "on" | ":"
            );
            let lowest = number(text, *words.get(from)?)?;
            // "From 1 (poor) to 6".
            let bracket = (from + 2..from + 6).find(|&at| lower(from + 1) == "(" && lower(at) == ")");
            // "1 calm to 5 upset": each end has its name.
            let named = || {
                let plain =
                    |at: usize| words.get(at).is_some_and(|word| !word.is_punctuation() && !word.is_number());
                (plain(from + 1) && lower(from + 1) != "to" && lower(from + 2) == "to").then_some(from + 1)
            };
            let next = bracket.or_else(named).unwrap_or(from) + 1;
            let joined = matches!(&*lower(next), "to" | "and" | "–" | "-");
            let to = next + usize::from(joined);
            let highest = number(text, *words.get(to)?)?;
            let dashed = joined
                || text[words[from].end as usize..words[to].start as usize].trim() == "-"
                || text[words[from].end as usize..words[to].start as usize].trim() == "–";
            (led && dashed && lowest <= 1 && (3..=100).contains(&highest)).then_some((lowest, highest, to))
        });
        // "Grade on a scale from 1 to 5" is one scale.
        let seen = found.last().map(|(.., span): &(u32, u32, Span)| span.end());
        let known = |to: usize| seen == Some(words[to].end as usize);
        if let Some((lowest, highest, to)) = range.filter(|(.., to)| !known(*to)) {
            found.push((lowest, highest, words[at].span().cover(words[to].span())));
        }
        // "Give a score out of 10."
        let of = (at + 1..at + 3).find(|&of| lower(of) == "out" && lower(of + 1) == "of");
        let whole = of.and_then(|of| Some((number(text, *words.get(of + 2)?)?, of + 2)));
        if let Some((highest, to)) = whole.filter(|(highest, to)| (3..=100).contains(highest) && !known(*to))
        {
            found.push((0, highest, words[at].span().cover(words[to].span())));
        }
        // "A scale of ten points".
        let points = (lower(at) == "scale" && lower(at + 1) == "of").then_some(at + 2);
        let points = points.filter(|to| matches!(&*lower(to + 1), "points" | "stars" | "." | ""));
        if let Some((highest, to)) = points.and_then(|to| Some((number(text, *words.get(to)?)?, to)))
            && (3..=100).contains(&highest)
            && !known(to)
        {
            found.push((0, highest, words[at].span().cover(words[to].span())));
        }
        // "The maximum score is 5."
        let top = at > 0 && TOP.contains(&&*lower(at - 1));
        let is = matches!(&*lower(at + 1), "is" | ":" | "=");
        let highest = words.get(at + 2).filter(|_| top && is && lower(at) != "scale");
        if let Some((highest, place)) = highest.and_then(|word| Some((number(text, *word)?, word.span())))
            && (3..=100).contains(&highest)
        {
            found.push((0, highest, words[at - 1].span().cover(place)));
        }
    }
    found
}

/// "A score of 8", "gets a 10": the score and the words.
fn scores_in(text: &str, words: &[Word]) -> Vec<(u32, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let ends = |at: usize| {
        words.get(at).is_none_or(|word| word.is_punctuation())
            || matches!(&*lower(at), "or" | "and" | "means" | "is" | "if" | "when" | "for" | "at")
    };
    // "Give 7 to a notice that names the boat".
    let given = |at: &usize| {
        matches!(&*lower(*at), "give" | "award" | "assign")
            && words[at + 1].is_number()
            && matches!(&*lower(at + 2), "to" | "for" | "if" | "when" | "only")
    };
    let given = (0..words.len().saturating_sub(2))
        .filter(given)
        .filter_map(|at| Some((number(text, words[at + 1])?, words[at].span().cover(words[at + 1].span()))));
    (0..words.len().saturating_sub(2))
        .filter_map(|at| {
            let of = matches!(&*lower(at), "score" | "rating" | "grade" | "mark") && lower(at + 1) == "of";
            // "A delay of an hour is a 6".
            let counts = matches!(&*lower(at), "is" | "are" | "as")
                && at > 0
                && ends(at + 3)
                && !lower(at + 3).starts_with("or");
            let gets = (matches!(&*lower(at), "gets" | "get" | "earns" | "scores" | "deserves" | "receives")
                || counts)
                && matches!(&*lower(at + 1), "a" | "an");
            // "A novelty of 12 or more".
            let bounds = lower(at + 1) == "of"
                && lower(at + 3) == "or"
                && matches!(&*lower(at + 4), "more" | "higher" | "above" | "over" | "better");
            // "The lowest mark is 0".
            let bottom = at > 0
                && matches!(&*lower(at - 1), "lowest" | "worst" | "minimum")
                && SCORES.contains(&&*lower(at))
                && lower(at + 1) == "is";
            let named = of || gets || bottom;
            let score = number(text, words[at + 2]).filter(|_| bounds || named && ends(at + 3))?;
            // "A score of 8 to 10" is a range of its own.
            let span = words[at].span().cover(words[at + 2].span());
            words[at + 2].is_number().then_some((score, span))
        })
        .chain(given)
        .collect()
}
