//! Rules by the dozen: no reason given, or no way out for another case.

use super::{Case, Check, Meta, Sink};
use crate::component::{Component, Facet};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::units::UnitKind;

/// A long list of narrow rules with no reason among them.
pub(super) struct RuleHeap;

static HEAP: Meta = Meta {
    id: "rule-heap",
    family: Family::Phrasing,
    severity: Severity::Note,
    summary: "a dozen narrow rules in one section and no reason for any of them",
    write: "The reason that the rules follow from, and only the rules that do not follow from it.",
    on: false,
    english: true,
    why: "Narrow rules make a prompt brittle: the case that none of them names is decided anyhow. A reason covers it.",
    bad: &[
        "# Rules\n- Name the pier.\n- Name the hour.\n- Name the boat.\n- Use euros.\n- Round to cents.\n- Write in the past tense.\n- Keep to 80 words.\n- Use no capitals.\n- Put the date first.\n- Put the fare last.\n- Sign with the desk.\n- Leave out the crew.",
    ],
    good: &[
        "# Rules\n- Name the pier, because guests confuse the two.\n- Name the hour.\n- Name the boat.\n- Use euros.\n- Round to cents.\n- Write in the past tense.\n- Keep to 80 words.\n- Use no capitals.\n- Put the date first.\n- Put the fare last.\n- Sign with the desk.\n- Leave out the crew.",
        "# Rules\n- Name the pier.\n- Name the hour.",
    ],
};

/// How many rules make a heap.
const HEAP_LEAST: usize = 12;

impl Check for RuleHeap {
    fn meta(&self) -> &'static Meta {
        &HEAP
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut sections: Vec<Vec<usize>> = vec![Vec::new(); case.outline.sections.len()];
        for unit in case.demands() {
            sections[case.units[unit].section].push(unit);
        }
        for rules in sections.iter().filter(|rules| rules.len() >= HEAP_LEAST) {
            let reasoned = rules.iter().any(|&unit| {
                let reason = |word: &str| ["because", "since", "so", "as", "otherwise"].contains(&word);
                case.words_of(unit).iter().skip(1).any(|word| reason(&word.lower(text)))
                    || case.labels[unit].facets.contains(Facet::Purpose)
            });
            if !reasoned {
                let span = case.units[rules[0]].text.cover(case.units[rules[rules.len() - 1]].text);
                let message = format!("{} rules in one section, and no reason among them", rules.len());
                sink.report(
                    span,
                    message,
                    "say what the rules are for; drop those that follow from the reason",
                );
            }
        }
    }
}

/// Steps for named cases only.
pub(super) struct ClosedCases;

static CLOSED: Meta = Meta {
    id: "closed-cases",
    family: Family::Phrasing,
    severity: Severity::Note,
    summary: "three cases or more are named, and nothing is said for any other",
    write: "\"In any other case, …\"",
    on: false,
    english: true,
    why: "For the case that is not named the model picks the nearest one, right or not.",
    bad: &[
        "- If the guest asks for a fare, give it.\n- If the guest asks for a time, give it.\n- If the guest has lost something, name the desk.",
    ],
    good: &[
        "- If the guest asks for a fare, give it.\n- If the guest asks for a time, give it.\n- If the guest has lost something, name the desk.\n- In any other case, name the desk's number.",
    ],
};

impl Check for ClosedCases {
    fn meta(&self) -> &'static Meta {
        &CLOSED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let mut run: Vec<usize> = Vec::new();
        let mut open = false;
        let mut close = |run: &mut Vec<usize>, open: &mut bool| {
            if run.len() >= 3 && !*open {
                let span = case.units[run[0]].text.cover(case.units[run[run.len() - 1]].text);
                let message = format!("{} cases are named and no other", run.len());
                sink.report(span, message, "add what to do in any other case");
            }
            run.clear();
            *open = false;
        };
        for unit in case.demands() {
            let same = run.last().is_none_or(|&last| case.units[last].block == case.units[unit].block);
            if !same {
                close(&mut run, &mut open);
            }
            let words = case.words_of(unit);
            let lower = text[case.units[unit].text.range()].to_lowercase();
            let conditional = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
            if conditional && matches!(case.units[unit].kind, UnitKind::Item { .. } | UnitKind::Sentence) {
                run.push(unit);
            }
            open |=
                ["other case", "otherwise", "anything else", "in all other", "everything else", "any other"]
                    .iter()
                    .any(|sign| lower.contains(sign));
        }
        close(&mut run, &mut open);
    }
}

/// Rules with no word on what they are for.
pub(super) struct UnreasonedRules;

static UNREASONED: Meta = Meta {
    id: "unreasoned-rules",
    family: Family::Missing,
    severity: Severity::Note,
    summary: "rules with neither a reason nor a reader that would let them be applied to a new case",
    write: "\"Name the pier first, because guests confuse the two.\"",
    on: false,
    english: true,
    why: "A reader who knows what a rule is for applies it to the case that its words do not cover.",
    bad: &["Write the notice. Name the pier first. Use no capitals. Keep the fares out."],
    good: &[
        "Commuters read it in passing. Write the notice. Name the pier first. Use no capitals. Keep the fares out.",
        "Write the notice. Name the pier first, because guests confuse the two. Use no capitals. Keep the fares out.",
    ],
};

impl Check for UnreasonedRules {
    fn meta(&self) -> &'static Meta {
        &UNREASONED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let rules: Vec<usize> = (0..case.units.len())
            .filter(|&unit| case.labels[unit].component == Some(Component::Constraints))
            .collect();
        let reasoned = case.labels.iter().any(|label| label.serves(Component::Context))
            || rules.iter().any(|&unit| {
                let lower = text[case.units[unit].text.range()].to_lowercase();
                ["because", "since ", "so that"].iter().any(|sign| lower.contains(sign))
            });
        if let (Some(&first), Some(&last)) = (rules.first(), rules.last())
            && rules.len() >= 3
            && !reasoned
        {
            let span = case.units[first].text.cover(case.units[last].text);
            let message = format!("{} rules and no word on what they are for", rules.len());
            sink.report(
                span,
                message,
                "say who uses the answer and what for, or why the odd rules are there",
            );
        }
    }
}
