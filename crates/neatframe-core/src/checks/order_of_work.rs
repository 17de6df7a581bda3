//! Two things to do whose order the prompt gives both ways.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::requirement::{Demand, Sequence};
use crate::span::Span;
use crate::words::Word;

/// The order of two things is given both ways.
pub(super) struct OrderOfWork;

static ORDER: Meta = Meta {
    id: "order-of-work",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "one order for two things here, the other order there",
    write: "One order, said once: as numbered steps where there are more than two.",
    on: true,
    english: true,
    why: "The model follows the steps or the sentence, and the work of the first step is missing for the second.",
    bad: &[
        "Work like this:\n1. Write the notice.\n2. Check the sailing times.\n\nCheck the sailing times before you write the notice.",
        "Sort the delays by pier before you count the tickets. Count the tickets before sorting the delays by pier.",
    ],
    good: &[
        "Work like this:\n1. Check the sailing times.\n2. Write the notice.\n\nCheck the sailing times before you write the notice.",
        "Check the sailing times before noon. Write the notice before you check the tide tables.",
        "1. Read the log.\n2. Write the notice.\n3. Read the log again.\n\nWrite the notice before you go back to the log.",
    ],
};

impl Check for OrderOfWork {
    fn meta(&self) -> &'static Meta {
        &ORDER
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut said: Vec<(&Sequence, usize)> = Vec::new();
        for rule in case.requirements {
            let Demand::Sequence(order) = &rule.demand else { continue };
            let rival =
                said.iter().find(|(earlier, unit)| *unit != rule.unit && earlier.is_reverse_of(order));
            let rival = rival.map(|(_, unit)| case.units[*unit].text);
            if let Some(rival) = rival.or_else(|| steps_against(case, text, order)) {
                let line = case.source.position(rival.start()).line;
                let message = format!(
                    "`{}` comes before `{}` here, and after it on line {line}",
                    super::shortened(&order.first),
                    super::shortened(&order.then)
                );
                sink.report(rule.span, message, "give one order, and say it once").related.push(rival);
            } else if said.len() < MOST {
                said.push((order, rule.unit));
            }
        }
    }
}

/// How many orders are compared; keeps hostile prompts linear.
const MOST: usize = 32;

/// The steps that stand the other way round.
fn steps_against(case: &Case<'_>, text: &str, order: &Sequence) -> Option<Span> {
    let lists = case.requirements.iter().filter_map(|rule| match &rule.demand {
        Demand::Steps(steps) => Some(steps),
        _ => None,
    });
    lists.take(MOST).find_map(|steps| {
        let words: Vec<&[Word]> = steps.iter().take(MOST).map(|step| case.words.within(*step)).collect();
        let (then, first) = order.is_reversed_in(text, &words)?;
        Some(steps[then].cover(steps[first]))
    })
}
