//! Stated requirements that exclude each other.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::requirement::{Bound, Demand, Measure, Requirement, Subject};
use std::cmp::Ordering;

/// Two stated requirements that exclude each other: lengths, counts, manner, openings.
pub(super) struct ClashingDemands;

static CLASHING: Meta = Meta {
    id: "clashing-demands",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "two demands on length, count, form, tone or manner that exclude each other",
    write: "One of the two, or both with a word on when each holds.",
    on: true,
    english: true,
    why: "The model drops one of the two, and not the same one each time.",
    bad: &[
        "Write the notice in at most 50 words. The notice has at least 120 words.",
        "Write in full sentences. Only bullet points, no sentences.",
        "Ask one question per message. Ask for the boat and the pier, both in one message.",
        "Keep it to one sentence. Write three paragraphs.",
        "Speak to the reader as \"you\". Put every rule in the third person.",
    ],
    good: &[
        "Write the notice in at most 50 words. The title has at most 8 words.",
        "Write in full sentences, except in the table, where keywords do.",
        "Keep it brief. If the guest asks for more, explain everything in detail.",
        "Ask one question per message. Name all three piers in one message.",
        "Return three bullets of two sentences each.",
    ],
};

impl Check for ClashingDemands {
    fn meta(&self) -> &'static Meta {
        &CLASHING
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut firm: Vec<&Requirement> = Vec::new();
        // Two sentences that clash in two ways are told once.
        let mut told: Option<(usize, usize)> = None;
        for requirement in case.requirements.iter().filter(|requirement| !requirement.conditional) {
            let same_place = |earlier: &&&Requirement| earlier.unit == requirement.unit;
            if firm
                .iter()
                .rev()
                .take(AT_ONCE)
                .any(|earlier| same_place(&earlier) && earlier.demand == requirement.demand)
            {
                continue;
            }
            let clash = firm
                .iter()
                .rev()
                .take(WITHIN_REACH)
                .rev()
                .find(|earlier| earlier.unit != requirement.unit && excludes(earlier, requirement));
            if let Some(earlier) = clash {
                let pair = (earlier.unit, requirement.unit);
                if told != Some(pair) {
                    report(case, sink, earlier, requirement);
                }
                told = Some(pair);
                continue;
            }
            let outer = case.layers.iter().find_map(|layer| {
                let rule = layer
                    .requirements()
                    .iter()
                    .find(|rule| !rule.conditional && excludes(rule, requirement))?;
                Some((layer, rule))
            });
            if let Some((layer, rule)) = outer {
                let (two, one) = (case.shown(requirement.span), layer.shown(rule.span));
                let message = format!(
                    "`{two}` and `{one}` ({}, line {}) cannot both be met",
                    layer.name(),
                    layer.line(rule.span)
                );
                sink.report(requirement.span, message, "keep one of the two, or say which gives way");
                continue;
            }
            firm.push(requirement);
        }
    }
}

/// How many of the last requirements of one unit are compared for doubles.
const AT_ONCE: usize = 8;
/// How many earlier requirements are compared; keeps hostile prompts linear.
const WITHIN_REACH: usize = 400;

fn report(case: &Case<'_>, sink: &mut Sink<'_>, earlier: &Requirement, later: &Requirement) {
    let line = case.source.position(earlier.span.start()).line;
    let (one, two) = (case.shown(earlier.span), case.shown(later.span));
    let subject = match &later.subject {
        Subject::Reply | Subject::Unstated => String::new(),
        subject => format!(" of {}", subject.name()),
    };
    let message = match (&earlier.demand, &later.demand) {
        (Demand::Amount { .. }, Demand::Amount { .. }) => {
            format!(
                "{}{subject} cannot be {} as well (`{one}`, line {line})",
                later.demand.shown(),
                earlier.demand.shown()
            )
        }
        _ => format!("`{two}` and `{one}` (line {line}) cannot both be met"),
    };
    let write = "keep one of the two, or say when each holds";
    sink.report(later.span, message, write).related.push(earlier.span);
}

/// True when the two cannot both hold.
fn excludes(earlier: &Requirement, later: &Requirement) -> bool {
    match (&earlier.demand, &later.demand) {
        (Demand::Manner { axis, pole }, Demand::Manner { axis: other, pole: opposite }) => {
            axis == other && pole != opposite && !is_split(earlier, later) && !goes_with(pole, opposite)
        }
        (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: second }) => {
            earlier.subject == later.subject
                && later.subject != Subject::Unstated
                && (measure == other
                    && bound.excludes(second)
                    && is_comparable(measure, &earlier.subject, (bound, second))
                    || crosses((measure, bound), (other, second))
                    || crosses((other, second), (measure, bound)))
        }
        (Demand::Manner { axis: "length", pole: "brief" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "brief" }) => {
            *measure == Measure::Words
                && whole(earlier)
                && whole(later)
                && bound.least.is_some_and(|least| least >= LONG)
        }
        (Demand::Manner { axis: "length", pole: "detailed" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "detailed" }) => {
            whole(earlier) && whole(later) && is_tight(measure, bound)
        }
        (Demand::Manner { axis: "length", pole: "everything" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "everything" }) => {
            whole(earlier)
                && whole(later)
                && (is_tight(measure, bound)
                    || *measure == Measure::Words && bound.most.is_some_and(|most| most <= SOME))
        }
        (Demand::BeginsWith(one), Demand::BeginsWith(two))
        | (Demand::EndsWith(one), Demand::EndsWith(two)) => {
            one.to_lowercase() != two.to_lowercase() && !is_split(earlier, later)
        }
        (Demand::Mention(one), Demand::Omit(two)) | (Demand::Omit(two), Demand::Mention(one)) => {
            one.to_lowercase() == two.to_lowercase()
        }
        (Demand::DateForm(one), Demand::DateForm(two)) => one != two,
        _ => false,
    }
}

/// Poles of one axis that do not exclude each other.
fn goes_with(one: &str, two: &str) -> bool {
    matches!((one, two), ("detailed", "everything") | ("everything", "detailed"))
}

fn whole(requirement: &Requirement) -> bool {
    requirement.subject == Subject::Reply
}

/// Words from which a reply is not brief.
const LONG: u32 = 600;

/// Words that hold no "everything".
const SOME: u32 = 250;

/// A length that leaves no room for detail.
fn is_tight(measure: &Measure, bound: &Bound) -> bool {
    let Some(most) = bound.most else { return false };
    match measure {
        Measure::Words => most <= 60,
        Measure::Sentences => most <= 3,
        Measure::Lines => most <= 4,
        Measure::Paragraphs | Measure::Pages => most <= 1,
        _ => false,
    }
}

/// Counts of things clash only where both are bounds on the whole: "three options" and "five examples" differ, and so may
/// "two bullets" here and "four bullets" there.
fn is_comparable(measure: &Measure, subject: &Subject, (one, two): (&Bound, &Bound)) -> bool {
    let limits = |bound: &Bound| bound.least != bound.most;
    match measure {
        Measure::Words | Measure::Characters | Measure::Tokens | Measure::Pages => {
            limits(one) || limits(two) || *subject != Subject::Reply || one.about && two.about
        }
        Measure::Items(_) | Measure::Sentences | Measure::Paragraphs | Measure::Lines => {
            *subject != Subject::Reply || limits(one) || limits(two)
        }
    }
}

/// "Three paragraphs" take three sentences at least: true when the first asks for more than the second leaves room for.
fn crosses((measure, bound): (&Measure, &Bound), (other, second): (&Measure, &Bound)) -> bool {
    // The fewest words that one of each takes, and the most that one of each holds.
    let size = |measure: &Measure| match measure {
        Measure::Pages => Some((5, 250, 1000)),
        Measure::Paragraphs => Some((4, 15, 400)),
        Measure::Sentences => Some((3, 2, 60)),
        Measure::Words => Some((2, 1, 1)),
        _ => None,
    };
    let (Some((rank, fewest, _)), Some((other_rank, _, holds))) = (size(measure), size(other)) else {
        return false;
    };
    let (Some(least), Some(most)) = (bound.least, second.most) else { return false };
    match rank.cmp(&other_rank) {
        // One page is a limit, two are a demand.
        Ordering::Greater if rank == 5 && least < 2 => false,
        Ordering::Greater if other_rank == 2 => least.saturating_mul(fewest) > most,
        Ordering::Greater => least > most,
        Ordering::Less => rank == 2 && least > most.saturating_mul(holds),
        Ordering::Equal => false,
    }
}

/// Two manners in one sentence are two parts of one wish ("formal to guests, casual to the crew"), and so are two about
/// different parts of the reply.
fn is_split(earlier: &Requirement, later: &Requirement) -> bool {
    earlier.part != later.part
}
