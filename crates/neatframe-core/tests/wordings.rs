//! Many wordings of one fault each, one to a line of the files beside this one, and plain orders that hold none.

mod common;

use neatframe_core::Family;

/// What a wording is put into, so that it stands in a prompt.
const LEAD: &str = "You are a clerk of the ferry line. Write a notice for guests of the ferry.\n";

/// The lines of a file that raise no remark of the family.
fn unheard(lines: &str, family: Family, prompt: impl Fn(&str) -> String) -> Vec<&str> {
    lines.lines().filter(|line| common::raised(family, &prompt(line)).is_empty()).collect()
}

/// A wording under the lead.
fn below_the_lead(line: &str) -> String {
    format!("{LEAD}{line}\n")
}

/// Two demands with another one between them.
fn apart(pair: &str, between: &str) -> String {
    let (one, two) = pair.split_once(" || ").unwrap_or((pair, ""));
    format!("{LEAD}\n- {one}\n- {between}\n- {two}\n")
}

#[test]
fn vague_wordings() {
    let missed = unheard(include_str!("wordings/vague.txt"), Family::Vague, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn padded_wordings() {
    let missed = unheard(include_str!("wordings/padding.txt"), Family::Wordy, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn hedged_orders() {
    let missed = unheard(include_str!("wordings/hedges.txt"), Family::Phrasing, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn prohibitions_of_manner() {
    let missed = unheard(include_str!("wordings/bans.txt"), Family::Phrasing, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn demands_that_exclude_each_other() {
    let pairs = include_str!("wordings/conflicts.txt");
    let missed = unheard(pairs, Family::Conflict, |pair| apart(pair, "Name the pier."));
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn demands_made_twice() {
    let pairs = include_str!("wordings/repeats.txt");
    let missed = unheard(pairs, Family::Redundant, |pair| apart(pair, "Thank the crew."));
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn demands_that_go_together() {
    let pairs = include_str!("wordings/compatible.txt");
    let told = |pair: &&str| {
        let prompt = apart(pair, "Thank the crew.");
        let raised = |family| !common::raised(family, &prompt).is_empty();
        raised(Family::Conflict) || raised(Family::Redundant)
    };
    let wrong: Vec<&str> = pairs.lines().filter(told).collect();
    assert!(wrong.is_empty(), "{wrong:#?}");
}

/// Plain orders raise nothing.
#[test]
fn plain_orders() {
    let lines: Vec<&str> = include_str!("wordings/plain.txt").lines().collect();
    let remarks = |prompt: String| -> Vec<String> {
        let review = common::read(&prompt);
        let told =
            review.findings().iter().filter(|found| !matches!(found.family, Family::Missing | Family::Cost));
        told.map(|found| format!("{}: {} in {prompt:?}", found.check, found.message)).collect()
    };
    let alone = lines.iter().flat_map(|line| remarks(below_the_lead(line)));
    let wrong: Vec<String> = alone.collect();
    assert!(wrong.is_empty(), "{wrong:#?}");
}
