//! Things numbered past their count: "write eight questions", "questions five to ten are about the tide".

use super::{Case, Sink};
use crate::component::Component;
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Subject, number, singular};

/// The fewest things that are numbered.
const LEAST: u32 = 2;
/// How many counts are held against the text.
const COUNTS: usize = 8;
/// How far behind a range another one goes on, in words.
const NEAR: usize = 24;
/// A number this far past the count is that of something else: "question 1042".
const FAR: u32 = 4;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let counts: Vec<(usize, u32, u32)> = case
        .requirements
        .iter()
        .filter(|rule| !rule.conditional && matches!(rule.subject, Subject::Reply))
        .filter_map(|rule| match &rule.demand {
            Demand::Amount { measure: Measure::Items(things), bound } => {
                let exact = bound.least == bound.most && !bound.about;
                bound
                    .most
                    .filter(|most| exact && *most >= LEAST)
                    .map(|most| (rule.unit, stem(&singular(things)), most))
            }
            _ => None,
        })
        .chain(case.demands().filter_map(|unit| planned(case, unit)))
        .take(COUNTS)
        .collect();
    if counts.is_empty() {
        return;
    }
    for unit in 0..case.units.len() {
        let demands = matches!(
            case.labels[unit].component,
            Some(Component::Task | Component::Constraints | Component::OutputFormat)
        );
        let words = case.words_of(unit);
        let past = demands.then(|| {
            words.windows(2).enumerate().find_map(|(at, pair)| {
                let thing = stem(&singular(&pair[0].lower(text)));
                let from = number(text, pair[1])?;
                // "Questions five to ten", "question 9 and 10".
                let joined = words
                    .get(at + 2)
                    .is_some_and(|word| matches!(&*word.lower(text), "to" | "and" | "-" | "–"));
                let last =
                    words.get(at + 3).filter(|_| joined).and_then(|word| number(text, *word)).unwrap_or(from);
                // "Rehearsals 1 to 4 are for the new songs, 5 to 9 for the rest".
                let further = words
                    .get(at + 4..words.len().min(at + 4 + NEAR))
                    .unwrap_or_default()
                    .windows(3)
                    .filter(|run| joined && matches!(&*run[1].lower(text), "to" | "-" | "–"))
                    .filter(|run| number(text, run[0]).is_some());
                let last = further.filter_map(|run| number(text, run[2])).fold(last, u32::max);
                let plural = pair[0].lower(text).ends_with('s');
                counts.iter().find(|(of, things, most)| {
                    *of != unit
                        && *things == thing
                        && from.max(last) > *most
                        && from <= *most * FAR
                        && (joined || !plural)
                })
            })
        });
        if let Some((rule, ..)) = past.flatten() {
            sink.clash(case, case.units[unit].text, case.units[*rule].text);
        }
    }
}

/// "Plan a unit of six lessons": how many things the work has.
fn planned(case: &Case<'_>, unit: usize) -> Option<(usize, u32, u32)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let plans = words.first().is_some_and(|word| {
        matches!(&*word.lower(text), "plan" | "write" | "draft" | "design" | "make" | "create" | "prepare")
    });
    // "I need a plan for 8 rehearsals".
    let made = words.windows(3).position(|run| {
        matches!(&*run[0].lower(text), "plan" | "schedule" | "programme" | "program" | "course" | "syllabus")
            && matches!(&*run[1].lower(text), "for" | "of")
            && (run[2].is_number() || number(text, run[2]).is_some())
    });
    let of = || words.iter().position(|word| word.lower(text) == "of").filter(|at| plans && *at <= 4);
    let at = made.map(|at| at + 1).or_else(of)?;
    let count = number(text, *words.get(at + 1)?).filter(|count| *count >= LEAST)?;
    let things = words.get(at + 2)?.lower(text);
    let named = matches!(
        &*things,
        "lessons"
            | "chapters"
            | "units"
            | "parts"
            | "sessions"
            | "episodes"
            | "weeks"
            | "days"
            | "modules"
            | "slides"
            | "tasks"
            | "questions"
            | "exercises"
            | "acts"
            | "scenes"
            | "rounds"
            | "rehearsals"
            | "trainings"
            | "workshops"
            | "meetings"
    );
    named.then(|| (unit, stem(&singular(&things)), count))
}
