//! A figure beyond a limit that the prompt sets: a train ride of 11 hours, where no day has more than 6 on a train.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;

/// A figure beyond a stated limit on the same thing.
pub(super) struct PastLimit;

static LIMIT: Meta = Meta {
    id: "past-limit",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "a figure beyond a limit that another rule sets for the same thing",
    write: "A figure within the limit, or the exception beside the limit.",
    on: true,
    english: true,
    why: "The model keeps the limit or the figure, and you cannot tell which.",
    bad: &[
        "Plan the trip. No day has more than 6 hours on a boat. On day 3 take the night boat of 11 hours.",
        "Plan the meals. A supper costs at most 12 crowns. The first supper is the fish plate for 19 crowns.",
        "Plan the lights. Fade times between 2 and 20 seconds. The storm has a 45-second fade.",
        "Grade the logs. Method: 0–6 points. Method is worth up to 8 points.",
    ],
    good: &[
        "Plan the trip. No day has more than 6 hours on a boat. On day 3 take the boat of 5 hours.",
        "Plan the trip. No day has more than 6 hours on a boat. The whole trip takes 11 hours on a boat.",
        "A session lasts at most 30 minutes. The three sessions take 90 minutes in all.",
        "Plan the meals. A supper costs at most 12 crowns. The hotel costs 90 crowns.",
        "Plan the trip. No day has more than 6 hours on a boat, except day 3 with 11 hours on the night boat.",
    ],
};

impl Check for PastLimit {
    fn meta(&self) -> &'static Meta {
        &LIMIT
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut figures: Vec<Figure> = Vec::new();
        for unit in 0..case.units.len() {
            if figures.len() >= MOST {
                break;
            }
            figures.extend(figure(case, unit));
        }
        for (at, limit) in figures.iter().enumerate().filter(|(_, figure)| figure.bounds) {
            let past = figures.iter().enumerate().find(|(other, figure)| {
                *other != at && figure.value > limit.value && limit.is_of(figure, case)
            });
            // Two limits are told where the later one stands.
            let Some((other, figure)) = past.filter(|(other, figure)| !figure.bounds || *other > at) else {
                continue;
            };
            let (later, earlier) = if other > at { (figure, limit) } else { (limit, figure) };
            let line = case.source.position(earlier.span.start()).line;
            let (two, one) = (case.shown(later.span), case.shown(earlier.span));
            let message = format!("`{two}` stands against `{one}` (line {line})");
            sink.report(later.span, message, "keep one figure, or name the exception")
                .related
                .push(earlier.span);
        }
    }
}

/// How many figures are compared.
const MOST: usize = 48;
/// Words from which a sentence says more than one thing.
const LONG: usize = 26;

/// A sentence with one figure that counts something: hours, crowns, points.
struct Figure {
    unit: usize,
    value: u32,
    /// The stem of what is counted.
    unit_of: u32,
    /// True where it is the most that may be.
    bounds: bool,
    /// Stems of the other words that mean something.
    things: Vec<u32>,
    span: Span,
}

impl Figure {
    fn is_of(&self, other: &Figure, case: &Case<'_>) -> bool {
        let (one, two) = (&case.units[self.unit], &case.units[other.unit]);
        // A rubric line and a price name their thing by a label.
        let labelled = |span| case.text(span).contains(':');
        let listed = one.block == two.block
            && matches!(one.kind, UnitKind::Item { .. } | UnitKind::Field)
            && (labelled(one.text) || labelled(two.text));
        let shared = self.things.iter().filter(|thing| other.things.contains(thing)).count();
        // Where the limit names two things, the figure names both.
        let alike = shared >= 2 || shared == 1 && self.things.len() == 1;
        alike && self.unit != other.unit && self.unit_of == other.unit_of && (other.bounds || !listed)
    }
}

/// What is counted by a requirement on length, which is compared elsewhere.
const LENGTHS: [&str; 8] =
    ["words", "word", "sentences", "sentence", "characters", "lines", "paragraphs", "pages"];
/// Words that speak of a sum, or compare.
const SUMS: [&str; 14] = [
    "whole", "total", "all", "altogether", "together", "sum", "overall", "average", "budget", "instead",
    "minimum", "least", "over", "beyond",
];

fn figure(case: &Case<'_>, unit: usize) -> Option<Figure> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let kind = case.units[unit].kind;
    let shown = matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
        || case.labels[unit].component == Some(Component::Examples);
    if shown || words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower: Vec<Cow<str>> = words.iter().map(|word| word.lower(text)).collect();
    if lower.iter().any(|word| SUMS.contains(&&**word)) {
        return None;
    }
    // The one number that counts something; "day 3" only names.
    let counts = |at: &usize| {
        words.get(at + 1).is_some_and(|next| {
            let joins = matches!(&*next.lower(text), "and" | "to" | "or");
            !joins
                && !next.is_punctuation()
                && !next.is_number()
                && !next.is(vocabulary::STOP | vocabulary::VERB)
        })
    };
    let mut numbers = (0..words.len()).filter(|&at| number(text, words[at]).is_some()).filter(counts);
    let (Some(at), None) = (numbers.next(), numbers.next()) else { return None };
    let unit_word = &*lower[at + 1];
    if LENGTHS.contains(&unit_word) || unit_word.len() < 3 {
        return None;
    }
    let value = number(text, words[at])?;
    let before = |back: usize| at.checked_sub(back).map_or("", |at| &*lower[at]);
    let negated = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    let over = matches!((before(2), before(1)), ("more" | "longer" | "later" | "higher", "than"));
    // "0–6 points": the top of a range from nothing.
    let ranged = at > 0 && words[at - 1].is_number() && number(text, words[at - 1]) == Some(0);
    let capped = matches!((before(2), before(1)), ("at", "most") | ("up", "to"))
        || matches!(before(1), "max" | "maximum" | "within");
    // "Between 2 and 20 seconds": the upper end.
    let between = before(1) == "and"
        && before(3) == "between"
        && at.checked_sub(2).is_some_and(|at| number(text, words[at]).is_some());
    let bounds = capped || ranged || between || over && negated;
    // A figure that is itself hedged or compared says nothing firm.
    if !bounds
        && (over
            || negated
            || matches!(
                before(1),
                "than"
                    | "about"
                    | "around"
                    | "under"
                    | "below"
                    | "every"
                    | "after"
                    | "to"
                    | "or"
                    | "and"
                    | "between"
                    | "from"
            ))
    {
        return None;
    }
    let means = |place: &usize| {
        let word = words[*place];
        !word.is_punctuation()
            && !word.is_number()
            && *place != at + 1
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
            && !matches!(
                &*lower[*place],
                "has"
                    | "have"
                    | "takes"
                    | "take"
                    | "costs"
                    | "cost"
                    | "lasts"
                    | "worth"
                    | "more"
                    | "most"
                    | "up"
                    | "gets"
                    | "get"
                    | "first"
                    | "second"
                    | "time"
                    | "times"
                    | "length"
                    | "duration"
                    | "number"
                    | "amount"
                    | "between"
                    | "and"
                    | "within"
            )
    };
    let mut things: Vec<u32> = (0..words.len()).filter(means).map(|place| stem(&lower[place])).collect();
    things.sort_unstable();
    things.dedup();
    (!things.is_empty()).then(|| Figure {
        unit,
        value,
        unit_of: stem(unit_word),
        bounds,
        things,
        span: case.units[unit].text,
    })
}
