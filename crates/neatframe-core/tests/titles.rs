//! Titles that prompts give to their parts, in all their words: a line of few words below one is what the title says.

mod common;

use common::read;
use neatframe_core::Component;

/// Under each title, what the line is for.
#[track_caller]
fn under(titles: &[&str], line: &str, component: Component) {
    let of = |title: &&&str| {
        let prompt = format!("Write the notice for the ferry.\n\n## {title}\n{line}\n");
        let review = read(&prompt);
        let at = prompt.find(line).unwrap_or(0);
        let unit = review.units().iter().position(|unit| unit.text.range().contains(&at));
        unit.and_then(|unit| review.labels()[unit].component) != Some(component)
    };
    let others: Vec<_> = titles.iter().filter(of).collect();
    assert!(others.is_empty(), "not {}: {others:#?}", component.id());
}

#[test]
fn who_it_is() {
    under(
        &[
            "Role", "Persona", "Who you are", "Identity", "Your character", "Your role", "System persona",
            "You are",
        ],
        "Harbour clerk, ten years at the desk.",
        Component::Role,
    );
}

#[test]
fn what_is_wanted() {
    under(
        &[
            "Task", "Your job", "What to do", "Mission", "Objective", "Your task", "Assignment", "Steps",
            "Workflow", "Process", "Procedure", "How to proceed", "Instructions", "What I need", "The ask",
            "Job to be done", "Your mission", "Action plan",
        ],
        "A notice on the fog.",
        Component::Task,
    );
}

#[test]
fn what_is_known() {
    under(
        &[
            "Background", "Context", "About us", "You'll receive", "Input", "Source material",
            "The situation", "Who reads it", "Audience", "Definitions", "Glossary", "Data", "What we know",
            "Facts", "Inputs", "Our readers", "The product", "Key terms", "Situation", "Known facts",
            "Reference material", "Who it is for", "What you get", "Materials",
        ],
        "Fog at pier 2 since four.",
        Component::Context,
    );
}

#[test]
fn what_good_looks_like() {
    under(
        &[
            "Examples", "Sample", "What good looks like", "Demonstrations", "Few-shot examples", "Samples",
            "Good and bad answers", "Worked examples", "Sample answers", "An example", "Example dialogue",
            "Past answers",
        ],
        "Pier 2 is closed. Use pier 4.",
        Component::Examples,
    );
}

#[test]
fn what_holds() {
    under(
        &[
            "Ground rules",
            "House rules",
            "Do's and don'ts",
            "Guidelines",
            "Guardrails",
            "Limits",
            "Boundaries",
            "What to avoid",
            "Style",
            "Tone of voice",
            "Requirements",
            "Keep in mind",
            "Non-negotiables",
            "Rules",
            "Constraints",
            "Tone",
            "Voice",
            "Must not",
            "Restrictions",
            "Safety",
            "Scope",
            "Quality bar",
            "Style guide",
            "Do not",
            "Edge cases",
            "If something is missing",
            "Language",
            "Length",
        ],
        "Plain words, no fares.",
        Component::Constraints,
    );
}

#[test]
fn what_comes_back() {
    under(
        &[
            "Output", "Format", "Deliver", "Deliverable", "Response format", "What to return", "Structure",
            "Template", "Answer shape", "Output format", "Reply format", "What comes back", "Return",
            "Output structure", "Answer format", "Layout of the reply", "Report format", "Final answer",
            "Form of the answer", "Deliverables", "Expected output",
        ],
        "Boat, pier, hour.",
        Component::OutputFormat,
    );
}
