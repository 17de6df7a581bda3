//! Many wordings of one fault each, one to a line of the files beside this one, and plain orders that hold none.

mod bans;
#[path = "../common/mod.rs"]
mod common;
mod compatible_at_the_desk;
mod compatible_common_rules;
mod compatible_everyday_rules;
mod compatible_house_rules;
mod compatible_in_agent_rules;
mod compatible_in_plain_speech;
mod compatible_on_manners;
mod compatible_on_sizes;
mod compatible_short_rules;
mod conflicts_at_the_desk;
mod conflicts_in_agent_rules;
mod conflicts_in_common_rules;
mod conflicts_in_everyday_rules;
mod conflicts_in_house_rules;
mod conflicts_in_plain_speech;
mod conflicts_in_short_rules;
mod conflicts_in_typed_prompts;
mod conflicts_on_forms;
mod conflicts_on_manners;
mod conflicts_on_sizes;
mod hedges;
mod near_repeats;
mod near_repeats_at_borders;
mod near_repeats_from_both_sides;
mod near_repeats_in_templates;
mod one_demand_in_many_wordings;
mod opposite_ways_out;
mod opposites_in_plain_speech;
mod opposites_in_the_office;
mod opposites_on_agents;
mod opposites_on_answers;
mod opposites_on_plans;
mod opposites_on_style;
mod opposites_on_works;
mod padding;
mod plain;
mod repeats;
mod repeats_at_borders;
mod repeats_from_both_sides;
mod repeats_in_agent_rules;
mod repeats_in_common_rules;
mod repeats_in_other_words;
mod repeats_in_short_rules;
mod repeats_in_templates;
mod sample_frames;
mod samples_that_break;
mod samples_that_keep;
mod vague;

use neatframe_core::Family;

/// What is asked for, and two sides of one question.
pub(crate) type Sides = (&'static str, &'static [&'static str], &'static [&'static str]);

/// What a wording is put into, so that it stands in a prompt.
const LEAD: &str = "You are a clerk of the ferry line. Write a notice for guests of the ferry.\n";

/// The wordings that raise no remark of the family.
fn unheard<T: Copy>(wordings: &[T], family: Family, prompt: impl Fn(T) -> String) -> Vec<T> {
    wordings.iter().copied().filter(|wording| common::raised(family, &prompt(*wording)).is_empty()).collect()
}

/// A wording under the lead.
fn below_the_lead(line: &str) -> String {
    format!("{LEAD}{line}\n")
}

/// Two demands with another one between them.
fn apart((one, two): (&str, &str), between: &str) -> String {
    format!("{LEAD}\n- {one}\n- {between}\n- {two}\n")
}

#[test]
fn vague_wordings() {
    let missed = unheard(vague::LINES, Family::Vague, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn padded_wordings() {
    let missed = unheard(padding::LINES, Family::Wordy, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn hedged_orders() {
    let missed = unheard(hedges::LINES, Family::Phrasing, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn prohibitions_of_manner() {
    let missed = unheard(bans::LINES, Family::Phrasing, below_the_lead);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn demands_that_exclude_each_other() {
    let pairs = [
        conflicts_on_sizes::PAIRS,
        conflicts_on_forms::PAIRS,
        conflicts_on_manners::PAIRS,
        conflicts_in_house_rules::PAIRS,
        conflicts_in_everyday_rules::PAIRS,
        conflicts_in_typed_prompts::PAIRS,
        conflicts_at_the_desk::PAIRS,
        conflicts_in_short_rules::PAIRS,
        conflicts_in_common_rules::PAIRS,
        conflicts_in_agent_rules::PAIRS,
        conflicts_in_plain_speech::PAIRS,
    ]
    .concat();
    let missed = unheard(&pairs, Family::Conflict, |pair| apart(pair, "Name the pier."));
    assert!(missed.is_empty(), "{missed:#?}");
}

/// Two rules of a list below what is asked for.
fn listed(task: &str, one: &str, two: &str) -> String {
    format!("{task}\n\n- {one}\n- {two}\n")
}

fn questions() -> impl Iterator<Item = Sides> {
    [
        opposites_on_answers::SIDES,
        opposites_on_style::SIDES,
        opposites_on_works::SIDES,
        opposites_on_plans::SIDES,
        opposite_ways_out::SIDES,
        opposites_in_the_office::SIDES,
        opposites_on_agents::SIDES,
        opposites_in_plain_speech::SIDES,
    ]
    .into_iter()
    .flatten()
    .copied()
}

#[test]
fn sides_that_exclude_each_other() {
    let mut missed = Vec::new();
    for (task, one_side, other_side) in questions() {
        for one in one_side {
            let unheard = |two: &&&str| {
                let raised = |prompt: String| !common::raised(Family::Conflict, &prompt).is_empty();
                !raised(listed(task, one, two)) || !raised(listed(task, two, one))
            };
            missed.extend(other_side.iter().filter(unheard).map(|two| (one, two)));
        }
    }
    assert!(missed.is_empty(), "{missed:#?}");
}

/// Sentences on different questions go together, but for a few that happen to exclude each other too.
#[test]
fn sides_of_different_questions_go_together() {
    let both = |(task, one, other): Sides| (task, [one, other].concat());
    let sides: Vec<(&str, Vec<&str>)> = questions().map(both).collect();
    let mut pairs = 0;
    let mut told = Vec::new();
    for (at, (task, one)) in sides.iter().enumerate() {
        for (beside, (_, other)) in sides.iter().enumerate().skip(at + 1) {
            let (one, two) = (one[(at + beside) % one.len()], other[at * beside % other.len()]);
            pairs += 1;
            let prompt = listed(task, one, two);
            let raised = |family| !common::raised(family, &prompt).is_empty();
            if raised(Family::Conflict) || raised(Family::Redundant) {
                told.push((one, two));
            }
        }
    }
    assert!(told.len() * 50 < pairs, "{} of {pairs}: {told:#?}", told.len());
}

#[test]
fn demands_made_twice() {
    let pairs = [
        repeats::PAIRS,
        repeats_at_borders::PAIRS,
        repeats_in_other_words::PAIRS,
        repeats_in_short_rules::PAIRS,
        repeats_in_templates::PAIRS,
        repeats_from_both_sides::PAIRS,
        repeats_in_common_rules::PAIRS,
        repeats_in_agent_rules::PAIRS,
    ]
    .concat();
    let missed = unheard(&pairs, Family::Redundant, |pair| apart(pair, "Thank the crew."));
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn one_demand_in_many_wordings() {
    let mut missed = Vec::new();
    for wordings in one_demand_in_many_wordings::DEMANDS {
        for (at, first) in wordings.iter().enumerate() {
            let others = wordings.iter().enumerate().filter(|(place, _)| *place != at);
            let task = "Work through the captain's log in {log}.";
            let told = |second: &str| {
                let prompt = format!("{task}\n\n- {first}\n- Name the pier.\n- {second}\n");
                !common::raised(Family::Redundant, &prompt).is_empty()
                    && common::raised(Family::Conflict, &prompt).is_empty()
            };
            missed.extend(others.filter(|(_, second)| !told(second)).map(|(_, second)| (first, second)));
        }
    }
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn demands_that_go_together() {
    let told = |pair: &(&str, &str)| {
        let prompt = apart(*pair, "Thank the crew.");
        let raised = |family| !common::raised(family, &prompt).is_empty();
        raised(Family::Conflict) || raised(Family::Redundant)
    };
    let wrong: Vec<(&str, &str)> = [
        compatible_on_sizes::PAIRS,
        compatible_on_manners::PAIRS,
        compatible_house_rules::PAIRS,
        compatible_everyday_rules::PAIRS,
        compatible_at_the_desk::PAIRS,
        compatible_short_rules::PAIRS,
        compatible_common_rules::PAIRS,
        compatible_in_agent_rules::PAIRS,
        compatible_in_plain_speech::PAIRS,
        opposite_ways_out::COMPATIBLE,
        near_repeats::PAIRS,
        near_repeats_at_borders::PAIRS,
        near_repeats_from_both_sides::PAIRS,
        near_repeats_in_templates::PAIRS,
    ]
    .concat()
    .into_iter()
    .filter(told)
    .collect();
    assert!(wrong.is_empty(), "{wrong:#?}");
}

/// A rule and a sample of two lines below it.
fn shown((rule, comes_in, comes_out): (&str, &str, &str)) -> String {
    format!(
        "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Be exact about the boat.\n- {rule}\n\n\
         Examples:\n\n{comes_in}\n{comes_out}\n"
    )
}

#[test]
fn samples_that_break_a_rule() {
    let missed = unheard(samples_that_break::ROWS, Family::Example, shown);
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn samples_that_keep_a_rule() {
    let told = |row: &&(&str, &str, &str)| !common::raised(Family::Example, &shown(**row)).is_empty();
    let wrong: Vec<_> = samples_that_keep::ROWS.iter().filter(told).collect();
    assert!(wrong.is_empty(), "{wrong:#?}");
}

/// A frame with a rule and two answers.
fn framed(frame: &str, rule: &str, one: &str, two: &str) -> String {
    frame.replace("RULE", rule).replace("ONE", one).replace("TWO", two)
}

#[test]
fn samples_in_every_frame() {
    let mut wrong = Vec::new();
    for (rules, breaking, keeping) in sample_frames::RULED {
        for (frame, rule) in
            sample_frames::FRAMES.iter().flat_map(|frame| rules.iter().map(move |rule| (frame, rule)))
        {
            let told = |one: &str| {
                let prompt = framed(frame, rule, one, keeping[1]);
                !common::raised(Family::Example, &prompt).is_empty()
            };
            let unheard = breaking.iter().filter(|answer| !told(answer));
            wrong.extend(unheard.map(|answer| framed(frame, rule, answer, keeping[1])));
            wrong.extend(told(keeping[0]).then(|| framed(frame, rule, keeping[0], keeping[1])));
        }
    }
    assert!(wrong.is_empty(), "{wrong:#?}");
}

/// Plain orders raise nothing.
#[test]
fn plain_orders() {
    let remarks = |prompt: String| -> Vec<String> {
        let review = common::read(&prompt);
        let told =
            review.findings().iter().filter(|found| !matches!(found.family, Family::Missing | Family::Cost));
        told.map(|found| format!("{}: {} in {prompt:?}", found.check, found.message)).collect()
    };
    let alone = plain::LINES.iter().flat_map(|line| remarks(below_the_lead(line)));
    let wrong: Vec<String> = alone.collect();
    assert!(wrong.is_empty(), "{wrong:#?}");
}
