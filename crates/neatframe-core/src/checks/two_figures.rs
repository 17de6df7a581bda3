//! One statement with two figures: "dries for 10 hours" here, "dry for 15 hours" there.

use super::{Case, Check, Meta, Sink, budget, durations};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Subject, is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::collections::HashMap;

/// The same thing said with two different figures.
pub(super) struct TwoFigures;

static FIGURES: Meta = Meta {
    id: "two-figures",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "the same is said twice, with two different figures",
    write: "One figure, at one place.",
    on: true,
    english: true,
    why: "The model takes the one that stands nearer, or both.",
    bad: &[
        "# Facts\nThe varnish dries for 10 hours.\n\n# Rules\n- Let the varnish dry for 15 hours.",
        "Write the mail. Name the pier.\n- the deposit of 50 crowns\n- the deposit is 80 crowns",
        "A refund takes 5 days. Say that refunds take 10 days.",
        "A right answer gives 2 points, a half one gives 1. Name the pier. Right answers are worth three points each.",
        "Write 15 questions for the crew. Five of the twelve questions need a chart.",
        "Plan three tours. Each has a break of ten minutes. The break takes about half an hour.",
        "Plan the trip. Budget: 600 crowns for all. The whole trip may cost 450 crowns at most.",
    ],
    good: &[
        "# Facts\nThe varnish dries for 10 hours.\n\n# Rules\n- Let the paint dry for 15 hours.",
        "A refund takes 5 days. An express refund takes 2 days.",
        "The ticket costs 4 crowns. After six the ticket costs 2 crowns.",
        "Plan three tours. Each has a break of ten minutes. The tour takes half an hour.",
        "- Pier A: 10 minutes\n- Pier B: 20 minutes",
        "Write 15 questions for the crew. Five of the 15 questions need a chart.",
        "Plan the trip. Budget: 600 crowns for all. The ferry may cost 45 crowns a day.",
    ],
};

impl Check for TwoFigures {
    fn meta(&self) -> &'static Meta {
        &FIGURES
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        miscounted(case, sink);
        budget::run(case, sink);
        durations::run(case, sink);
        // By what the figure measures and the first thing it is said of, so that few are compared.
        let mut said: HashMap<(u32, u32), Vec<Statement>> = HashMap::new();
        for unit in 0..case.units.len() {
            for statement in statements(case, unit) {
                let clash = statement.things.iter().find_map(|thing| {
                    let earlier = said.get(&(statement.measure, thing.stem))?;
                    earlier.iter().rev().take(NEAR).find(|earlier| earlier.clashes(&statement, case))
                });
                if let Some(earlier) = clash {
                    let line = case.source.position(earlier.span.start()).line;
                    let message = format!(
                        "`{}` stands against `{}` (line {line})",
                        case.shown(statement.span),
                        case.shown(earlier.span)
                    );
                    sink.report(statement.span, message, "keep one figure").related.push(earlier.span);
                }
                for thing in &statement.things {
                    said.entry((statement.measure, thing.stem)).or_default().push(statement.clone());
                }
            }
        }
    }
}

/// "Five of the twelve questions", where fifteen are asked for.
fn miscounted(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let counts: Vec<(&'static str, u32, Span)> = case
        .requirements
        .iter()
        .filter(|rule| !matches!(rule.subject, Subject::Each(_)) && !rule.conditional)
        .filter_map(|rule| match rule.demand {
            Demand::Amount { measure: Measure::Items(things), bound } if bound.least == bound.most => {
                Some((things, bound.most?, rule.span))
            }
            _ => None,
        })
        .take(NEAR)
        .collect();
    // Where two counts of one thing are asked for, either may be meant.
    let known = |things: &str| {
        let mut of = counts.iter().filter(|(counted, ..)| *counted == things);
        of.next().filter(|_| of.next().is_none())
    };
    for (unit, label) in case.labels.iter().enumerate() {
        if label.component == Some(Component::Examples) {
            continue;
        }
        let words = case.words_of(unit);
        let found = words.windows(4).find_map(|run| {
            let of = run[0].lower(text) == "of" && run[1].lower(text) == "the";
            let number = number(text, run[2]);
            let (_, count, place) = known(&run[3].lower(text)).filter(|_| of)?;
            let number = number.filter(|number| number != count)?;
            Some((run[1].span().cover(run[3].span()), number, *count, *place))
        });
        if let Some((span, number, count, place)) = found {
            let line = case.source.position(place.start()).line;
            let message = format!("{number} are spoken of, and line {line} asks for {count}");
            sink.report(span, message, "keep one figure").related.push(place);
        }
    }
}

/// How many statements on one thing are compared.
const NEAR: usize = 8;
/// Longer statements say more than one thing.
const MOST_WORDS: usize = 24;

/// A unit with one figure in it.
#[derive(Clone)]
struct Statement {
    unit: usize,
    measure: u32,
    value: String,
    things: Vec<Thing>,
    /// Nothing but the figure and what it is said of.
    short: bool,
    span: Span,
}

/// A word with meaning beside the figure.
#[derive(Clone, Copy)]
struct Thing {
    stem: u32,
    /// The word before it, where it stands right before and has meaning: `express` in "express refund".
    led_by: Option<u32>,
}

impl Statement {
    /// True when one says nothing that the other does not say, but for the figure.
    fn clashes(&self, other: &Statement, case: &Case<'_>) -> bool {
        let (one, two) = (&case.units[self.unit], &case.units[other.unit]);
        let listed = one.block == two.block && matches!(one.kind, UnitKind::Item { .. } | UnitKind::Field);
        let within = |small: &[Thing], large: &[Thing]| {
            small.len() >= 2
                && small.iter().all(|thing| {
                    large.iter().any(|other| {
                        other.stem == thing.stem
                            && (other.led_by == thing.led_by
                                || other.led_by.is_none_or(|led| small.iter().any(|thing| thing.stem == led)))
                    })
                })
        };
        let stems = |things: &[Thing]| things.iter().map(|thing| thing.stem).collect::<Vec<u32>>();
        // "The deposit of 50 crowns", "the deposit is 80 crowns".
        let same = self.short && other.short && stems(&self.things) == stems(&other.things);
        self.value != other.value
            && (same || !listed)
            && (same || within(&self.things, &other.things) || within(&other.things, &self.things))
    }
}

/// Words that say how an order is given, not what it is about.
const FILLERS: [&str; 24] = [
    "let", "say", "allow", "always", "tell", "make", "sure", "note", "please", "remember", "state", "name",
    "gives", "give", "gets", "get", "worth", "counts", "count", "brings", "earns", "scores", "costs", "cost",
];
/// Words that make a figure a limit, a rank or a share of something.
const BOUNDS: [&str; 22] = [
    "most", "least", "than", "under", "over", "about", "around", "after", "before", "within", "first",
    "second", "every", "each", "between", "up", "per", "another", "last", "next", "only", "other",
];

/// What a unit says with a figure: as a whole where it has one, clause by clause where it has several.
fn statements(case: &Case<'_>, unit: usize) -> Vec<Statement> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let shown =
        matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
            || case.labels[unit].component == Some(Component::Examples)
            || case.text(case.units[unit].text).starts_with('<');
    if shown
        || words.len() > MOST_WORDS
        || !words.iter().any(|word| word.is_number())
        || is_exception(text, words)
    {
        return Vec::new();
    }
    if words.iter().filter(|word| word.is_number()).count() == 1 {
        return statement(case, unit, words).into_iter().collect();
    }
    let parts = words.split(|word| matches!(word.text(text), "," | ";"));
    parts.filter_map(|part| statement(case, unit, part)).collect()
}

/// What a run of words says with its one figure.
fn statement(case: &Case<'_>, unit: usize, words: &[Word]) -> Option<Statement> {
    let text = case.source.text();
    let mut numbers = (0..words.len()).filter(|&at| words[at].is_number());
    let (Some(at), None) = (numbers.next(), numbers.next()) else { return None };
    let is_measure =
        |word: &&Word| word.text(text) == "%" || !word.is_punctuation() && !word.is(vocabulary::STOP);
    let measure = words.get(at + 1).filter(is_measure)?;
    // "Three points each" is a price, "each team has three points" is a share.
    let last = |at: usize| words[at + 1..].iter().all(|word| word.is_punctuation());
    let bounds = |at: usize| {
        let word = words[at].lower(text);
        BOUNDS.contains(&&*word) && !(word == "each" && last(at))
    };
    if (0..words.len()).any(bounds) {
        return None;
    }
    let meaning = |at: usize| {
        let word = words[at];
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
            && !FILLERS.contains(&&*word.lower(text))
    };
    let things: Vec<Thing> = (0..words.len())
        .filter(|&place| place != at + 1 && meaning(place))
        .map(|place| Thing {
            stem: stem(&words[place].lower(text)),
            led_by: place
                .checked_sub(1)
                .filter(|&before| meaning(before))
                .map(|before| stem(&words[before].lower(text))),
        })
        .collect();
    let short = words.iter().filter(|word| !word.is_punctuation()).count() <= 7;
    let few = if short { 1..=8 } else { 2..=8 };
    few.contains(&things.len()).then(|| Statement {
        unit,
        short,
        measure: stem(&measure.lower(text)),
        value: number(text, words[at]).map_or(words[at].text(text).to_string(), |value| value.to_string()),
        things,
        span: case.units[unit].text,
    })
}
