//! Prompts written as people talk: long sentences that ask in passing, and what they tell of persons.

use super::{around, reframed, reworded};

const CLUB: &str = "Hello! So I'm the secretary of a ferry club, 140 members, and every month I do a letter, it's a mess and I would like you to help me with it if possible. Below are my notes from the crew, could you turn them into a text that people want to read, with a title and a picture and so on, and also maybe there should be a line on the fares (they are due on 1 May), and please put the dates of the tours in a table. Keep the language plain. Name the pier.\n\nNotes:\n[paste notes]\n";

#[test]
fn a_request_within_a_sentence_is_parted_from_it() {
    let out = reframed(CLUB).text;
    for line in [
        "\nTurn them into a text that people want to read",
        "There should be a line on the fares (they are due on 1 May).",
        "\nPut the dates of the tours in a table.",
    ] {
        assert!(out.contains(line), "{line}\n{out}");
    }
    let at = |line: &str| out.find(line).unwrap_or(out.len());
    assert!(at("I'm the secretary") < at("Help me with it"), "what it is comes first: {out}");
    assert!(at("# Task") < at("Turn them into") && at("Turn them into") < at("# Constraints"), "{out}");
}

#[test]
fn a_wish_within_a_sentence_is_parted_from_it() {
    let out = reworded(
        "hey, can you maybe help me plan the fair? she's into boats and novels, about 25 guests on the quay in june, budget 600 but it shouldn't cost more than 500, I'd like a schedule from 2 to 6 pm with two games, and a list of things to buy, and a plan for the rain, and please think about the food, thanks!!\n\nmake the schedule in steps of an hour. no fish please.\n",
    );
    assert!(out.contains("more than 500. I'd like a schedule from 2 to 6 pm"), "{out}");
    assert!(!out.contains(",\n") && !out.contains("food,"), "no line ends in a comma: {out}");
}

#[test]
fn what_is_told_of_a_person_goes_piece_by_piece() {
    let out = reworded(
        "Make a plan of walks for the guest described below. Please note that the pier is wet.\n\nGuest: Nora Quayle, born 2 Aug 1961, 14 Harbour Rise, has a sore knee on the left, insurance no. 7719 020861.\n",
    );
    assert!(out.contains("has a sore knee on the left, insurance no. {{insurance_number}}."), "{out}");
    assert!(out.contains("{{person}}") && !out.contains("Quayle") && !out.contains("Harbour Rise"), "{out}");
}

#[test]
fn who_it_is_about_stands_with_the_facts() {
    let out = around(
        "The guest's name is Tam Brook, class 4b, and he has a dog.\n\nExample\nGuest: I liked the boat.\nDesk: The next one leaves at noon.",
    );
    let (facts, samples) = (out.find("Tam Brook"), out.find("# Examples"));
    assert!(facts < samples && out.contains("# Context"), "{out}");
}

#[test]
fn a_slot_between_two_demands_shows_whole_words() {
    let out = reframed(
        "You answer the mails of the ferry desk.\n- Answer in the language of the e-mail.\n- Name the pier.\n- Always reply in English, since the desk reads along.\n",
    );
    assert!(out.text.contains("\"Answer in the language of the e-mail\""), "{}", out.text);
    let out = reframed(
        "You write letters for the crew.\n- Begin with \"Dear hiring team\".\n- Name the pier.\n- Begin the letter with a hook and not with a greeting.\n",
    );
    assert!(out.text.contains("{{keep: \"Begin with 'Dear hiring team'\" or"), "{}", out.text);
}

#[test]
fn the_last_step_takes_the_name_of_the_others() {
    let out = reworded(
        "You coach the crew.\n\nStep 1: Ask for the boat.\nStep 2: Play the guest.\nStep 3: Say \"Pause\".\nStep 5: Give feedback.\nPhase 6: Ask for another round.\n",
    );
    assert!(out.contains("Step 4: Give feedback.\nStep 5: Ask for another round."), "{out}");
}

#[test]
fn words_in_the_course_of_being_said_go() {
    let out = reworded(
        "You coach the crew.\n\nThe feedback shall, in the course of its being given, make reference to one boat.\n",
    );
    assert!(out.contains("The feedback shall mention one boat."), "{out}");
}

#[test]
fn a_rule_behind_worth_mentioning_is_a_line_of_its_own() {
    let out = around(
        "- Use no bullet points; running text is easier to read.\n\nUse no headings; it is a letter. It is worth mentioning that the board is neutral, so the letter must be neutral too.",
    );
    assert!(out.contains("\n- The board is neutral, so the letter must be neutral too."), "{out}");
}

#[test]
fn material_behind_its_label_goes_last() {
    let out = reframed("Proofread the following text!! Correct ONLY spelling and grammar, do NOT change my style. Make it sound more professional and shorten long sentences. Mark every change in bold. Give me back only the corrected text without any marks. I'm not a native speaker so please explain the most important mistakes at the end.\n\ntext:\nDear guests, the pier will be close on the 3. of may. We excuse us.\n").text;
    let at = |line: &str| out.find(line).unwrap_or_default();
    assert!(at("# Constraints") < at("# Input"), "{out}");
    assert!(at("# Input") < at("Dear guests") && at("Dear guests") < at("We excuse us"), "{out}");
}

#[test]
fn what_the_author_tells_of_themselves_is_no_rule() {
    let out = reworded(
        "Act like Otto, the old mate. Help me think through whether I should buy a boat. Only ask questions. One question at a time. I have 40k savings, a dog, and my partner earns enough for the pier. Challenge what I say in order to help. Be nice though.\n",
    );
    let at = |line: &str| out.find(line).unwrap_or_default();
    assert!(at("# Context") < at("I have 40k") && at("I have 40k") < at("# Constraints"), "{out}");
}

#[test]
fn a_row_around_the_last_text_is_closed() {
    let out = reworded("Sum up the log in order to help the crew.\n\nLog:\n\"\"\"\n{log}\n");
    assert!(out.contains("\"\"\"\n{log}\n\"\"\""), "{out}");
}

#[test]
fn a_wrapped_line_goes_on_behind_what_was_cut() {
    let out = reworded("Sum up the log in order to help the crew. Name the pier, please\nand the boat.\n");
    assert!(!out.contains("pier."), "{out}");
}

#[test]
fn what_clashes_is_asked_once() {
    let out = reframed(
        "please write a speech for my mate. The speech should be funny, and personal. About 3 minutes. Make it as long as possible so people get their money worth. tell the story with the boat. do not be late.\n",
    )
    .text;
    assert_eq!(out.matches("{{keep").count(), 1, "{out}");
}

#[test]
fn what_is_to_follow_is_no_slot_of_another_kind() {
    let out = reworded(
        "Write a letter to {{guest}}.\n\nInclude:\n- the day of the hedge, [date to follow]\n- the pier\n",
    );
    assert!(out.contains("[date to follow]") && !out.contains("date_to_follow"), "{out}");
}

#[test]
fn headings_that_skip_a_level_again_and_again_are_raised_at_once() {
    let part = |name: &str| {
        format!(
            "## {name}\n\n#### Form\n\nName the pier of {name}.\n\n#### Rules\n\nOne line for {name}.\n\n"
        )
    };
    let prompt: String =
        ["Merle", "Tern", "Gull", "Heron", "Puffin", "Eider", "Teal", "Smew"].map(part).concat();
    let result = reframed(&prompt);
    assert!(!result.text.contains("####"), "{}", result.text);
    assert_eq!(result.text.matches("\n### ").count(), 16, "{}", result.text);
    let raised = |note: &&crate::reframe::Note| note.words == "#### Form" && note.now == "### Form";
    assert_eq!(result.notes.iter().filter(raised).count(), 8, "{:?}", result.notes);
}
