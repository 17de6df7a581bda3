//! What sentences are for by what stands before them: the lead of a list, a sample, the form that the answer is to have.

mod common;

use common::read;
use neatframe_core::Component;

/// What the unit that holds some words is for.
#[track_caller]
fn of(prompt: &str, words: &str) -> Option<Component> {
    let at = prompt.find(words).unwrap_or_else(|| panic!("{words} is not in the prompt"));
    let review = read(prompt);
    let unit = review.units().iter().position(|unit| unit.text.range().contains(&at));
    review.labels()[unit.unwrap_or_else(|| panic!("{words} is in no unit"))].component
}

#[test]
fn a_list_below_must_holds_rules() {
    let prompt = "Using the following log:\n\"{log}\"\nWrite a report answering: \"{question}\"\n\nThe report should:\n\
        1. Synthesize what several piers say\n2. Integrate findings from both boats\n3. Have a minimum length of {words} words\n";
    for words in ["Synthesize", "Integrate", "Have a minimum"] {
        assert_eq!(of(prompt, words), Some(Component::Constraints), "{words}");
    }
}

#[test]
fn a_persona_that_must_do_the_work_asks_for_it() {
    for ask in
        ["and you must sort the slips by pier", "and you sort slips by pier", "and you will also sort slips"]
    {
        let review = read(&format!("You are the clerk of a ferry line {ask}.\n\n{{{{slips}}}}\n"));
        assert!(!review.missing().contains(&Component::Task), "{ask}");
    }
}

#[test]
fn what_the_model_is_like_is_no_work() {
    let prompt = "You answer questions on the files.\n\n1. Search first.\n2. Read what you need.\n\nYou are read-only. Tell no fares.\n\n{files}\n";
    assert_ne!(of(prompt, "You are read-only"), Some(Component::Task));
}

#[test]
fn what_is_said_of_a_sample_belongs_to_it() {
    let prompt = "Decide whether the clerk should go on with the plan.\nIf a guest waits, put the plan off.\n\
        For example, suppose that the clerk reads and a guest asks for the hour.\n\
        In this case, you should put the plan off so that the guest gets an answer.\n\n{plan}\n";
    assert_eq!(of(prompt, "In this case"), Some(Component::Examples));
}

#[test]
fn what_a_score_means_and_where_things_stand_are_facts() {
    let prompt = "Rate the answer of the guest in comparison to the reference.\n\
        A rating of 4 indicates that the answer is entirely in line with the reference.\n\
        A rating of 0 means that the answer is wrong.\nA description of each pier is provided below.\n\
        Answer as JSON: {\"rating\": 0}\n\n{answer}\n";
    for words in ["A rating of 4", "A description of each"] {
        assert_eq!(of(prompt, words), Some(Component::Context), "{words}");
    }
}

#[test]
fn a_rule_for_a_case_is_no_step() {
    let prompt = "Write five questions on the table of fares.\nUse the table.\n\
        If the guest names several piers, then each question should name all of them.\n\
        If the guest asks you to save something, explain that the desk does that.\n\n{table}\n";
    for words in ["If the guest names", "If the guest asks"] {
        assert_eq!(of(prompt, words), Some(Component::Constraints), "{words}");
    }
}

#[test]
fn holes_below_the_form_of_the_answer_are_its_template() {
    let prompt = "Write questions that take several facts of the log.\n\nGive your response in this form:\n\
        Question: [A question that takes several facts]\nSteps:\n1. [First step of the reasoning]\n\
        2. [Second step of the reasoning]\nAnswer: [The final answer]\n";
    for words in ["Question: [A", "[First step", "[The final answer"] {
        assert_eq!(of(prompt, words), Some(Component::OutputFormat), "{words}");
    }
    let record = "Sort the slips.\nHere is the format you should always follow:\n```json\n\
        {\n \"boat\": \"<boat>\",\n \"pier\": \"<pier>\"\n}\n```\n\n{slip}\n";
    assert_eq!(of(record, "\"boat\""), Some(Component::OutputFormat));
}

#[test]
fn pairs_in_one_paragraph_are_samples() {
    let prompt = "Sort the tickets. Output just the class. Examples: \"Where do I sit?\" -> seat. \"I paid twice\" -> fare. \
        \"My bag is gone\" -> Luggage. If unsure, pick the likeliest. Ticket: {ticket}\n";
    for words in ["\"I paid twice\"", "\"My bag is gone\""] {
        assert_eq!(of(prompt, words), Some(Component::Examples), "{words}");
    }
    assert_eq!(of(prompt, "If unsure"), Some(Component::Constraints));
}

#[test]
fn a_border_parts_what_comes_in_from_what_follows() {
    let prompt = "Pull the fare out of the slip. Slip: <<<{{slip}}>>> Return nothing but JSON. Drop notes, ads etc. Name the pier.\n";
    assert_eq!(of(prompt, "{{slip}}"), Some(Component::Context));
    assert_ne!(of(prompt, "Return nothing"), Some(Component::Context));
    let units = read(prompt).units().len();
    assert_eq!(units, 5, "the border and `etc.` before a capital end a sentence");
}

#[test]
fn lines_of_the_form_are_the_form() {
    let prompt = "Read the claim.\n\nAnswer with these lines and nothing else:\nDate of loss: <date>\nAmount: <amount>\n\n\
                  <claim>\n{{claim}}\n</claim>\n";
    assert_eq!(of(prompt, "Date of loss"), Some(Component::OutputFormat));
    assert_eq!(of(prompt, "Amount"), Some(Component::OutputFormat));
    assert_eq!(of(prompt, "{{claim}}"), Some(Component::Context));
}

#[test]
fn what_a_function_does_is_a_fact() {
    let prompt = "Write calls for the question of the guest.\n\nUse these functions:\n\ntide.read_level\n\nReads the level of the \
                  water at a pier.\n\ntide.next_turn\n\nFinds the hour of the next turn.\n\ntide.all_piers\n\nNames the piers \
                  that have a gauge.\n";
    for words in ["tide.next_turn", "Finds the hour", "Names the piers"] {
        assert_eq!(of(prompt, words), Some(Component::Context), "{words}");
    }
}

#[test]
fn what_a_step_looks_at_belongs_to_it() {
    let prompt = "You are given a list of slips, and you add to it.\n\nFollow these steps:\n\n1. Look for what the slips share. \
                  Consider aspects such as:\n   - Common traits\n   - Themes or places\n\n2. Based on what you found, write two \
                  more slips for the list.\n\n<list>\n{{list}}\n</list>\n";
    for words in ["Common traits", "Themes or places", "Based on what"] {
        assert_eq!(of(prompt, words), Some(Component::Task), "{words}");
    }
}

#[test]
fn marks_end_what_they_end() {
    let prompt = "Grade the slip.\n\n-- BEGIN OF EXAMPLES --\nExample 1:\nSlip: late\nGrade: 2\nExample 2:\nSlip: lost\nGrade: 3\n-- END OF \
                  EXAMPLES --\n\nGive a reason of one line for your grade.\n\n<|The start of the slip|>\n{slip}\n<|The end of the slip|>\n";
    assert_eq!(of(prompt, "Slip: lost"), Some(Component::Examples));
    assert_ne!(of(prompt, "Give a reason"), Some(Component::Examples));
    assert_eq!(of(prompt, "{slip}"), Some(Component::Context));
    let marked = "Grade the note.\n\n<BEGIN NOTE>{note}<END NOTE>\n\nName the pier.\n";
    assert_eq!(of(marked, "{note}"), Some(Component::Context));
}

#[test]
fn records_that_are_never_closed_end_with_their_fence() {
    let prompt = "Assess the draft.\n\n```\n{{\n\"result\": \"Pass/Fail\",\n\"notes\": {{\n[\n{{\n\"line\": \"<line>\"\n}},\n]\n}}\n```\n\n\
                  ### SOURCE\n{context}\n";
    assert_eq!(of(prompt, "{context}"), Some(Component::Context));
}

#[test]
fn one_sample_up_to_the_hand_over() {
    let prompt = "Sort the queue.\n\nHere are some examples:\nExample #1:\nA queue: [aab, aad].\nWe take out aab: [aad].\nSo the first \
                  one is aab.\n\nFollowing the above examples, sort the queue of today:\n{queue}\n";
    for words in ["A queue", "We take out", "So the first"] {
        assert_eq!(of(prompt, words), Some(Component::Examples), "{words}");
    }
    assert_eq!(of(prompt, "Following the above"), Some(Component::Task));
}

#[test]
fn a_sample_between_two_rows() {
    let prompt = "Join the outputs. An example is shown below:\n---\nOUTPUT 1: the log names the Merle.\nTherefore, the name is Merle.\n---\n\n\
                  {outputs}\n";
    assert_eq!(of(prompt, "Therefore, the name"), Some(Component::Examples));
}

#[test]
fn an_order_may_open_with_its_manner() {
    let prompt = "I have a log that takes a number of a boat.\n\nCorrectly determine the pier of this boat for each of the numbers: {numbers}\n\nYou have five turns.\n";
    assert_eq!(of(prompt, "Correctly"), Some(Component::Task));
}
