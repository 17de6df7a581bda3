//! What stands where its author put it, and what stays whatever it is like.

use super::reworded;

/// A prompt with a fault, so that it is worked on, around some lines.
fn around(lines: &str) -> String {
    reworded(&format!(
        "You are a clerk at the ferry desk. Please note that guests wait on the quay.\n\n{lines}\n"
    ))
}

#[test]
fn of_two_that_are_alike_each_keeps_what_is_its_own() {
    let rows = [
        // A rule that goes into what the task only names.
        "Your task is to rank the notices of the desk for relevance to a question.\n- Rank notices from most relevant to least relevant for answering the question.\n- Name the pier.",
        // A line that leads on.
        "Answer with JSON only.\n- Name the pier.\n- Output only the JSON:\n\n{\"pier\": \"north\"}",
        // Entries of two lists.
        "The plan has:\n- clear harbour rules and signs\n- fares\n\nThe letter names the boats.\n\nThe poster has:\n- clear harbour rules\n- a map",
    ];
    for lines in rows {
        let out = around(lines);
        for line in lines.lines().filter(|line| !line.is_empty()) {
            assert!(out.contains(line.trim_start_matches("- ").trim_end_matches(':')), "{line}\n{out}");
        }
    }
}

#[test]
fn lists_with_titles_are_sections() {
    let text = "You are the desk manager. Help guests find, board and leave the boats of this line.\n\n\
        Understand the request:\n- Answer directly and use plain language. Give enough detail for the guest to know what to do next.\n- Use the log to keep track of the task. Ask a question only when a missing day would change the answer.\n- Keep the scope of the question. A request to explain a fare is not a request to change it.\n\n\
        Check before answering:\n- Check the log before reporting a delay. The notes of the crew are not evidence of the current state.\n- Look up unknown piers before deciding that they do not exist.\n- Say what you checked when nothing is found, in order to help.\n\n\
        Build and run:\n- Ask the planner to create or update trips. It can use only the boats of the list.\n- A trip is complete when it is published. Report its name and what it does.\n";
    let out = reworded(text);
    assert!(out.starts_with("You are the desk manager. Help guests"), "{out}");
}

#[test]
fn an_agents_loop_stays_in_its_order() {
    let lines = "Use the tools to find the boat.\nNever guess a fare.\n\nThought: what to do next\nAction: the tool\nAction Input: what it needs\nObservation: what came back\n\nBegin!\n\nPlan: {plan}\nThought:";
    let out = around(lines);
    assert!(out.contains("Begin!\n\nPlan: {plan}\nThought:"), "{out}");
}

#[test]
fn statements_of_a_template_language_keep_what_they_hold() {
    let lines = "{% if log %}\nNever guess a fare.\nThe log is from the harbour desk.\n{% endif %}\nWrite a notice on the late boat. Name the pier. Use at most 60 words.";
    let out = around(lines);
    assert!(out.contains(lines), "{out}");
}

/// Rules that are put in order.
const RULES: &str = "Use at most 60 words. Write the notice in order to warn the guests. Never guess a fare. Name the pier. Sign as the desk. Our boats are the Merle and the Oriole.";

#[test]
fn a_sentence_that_points_back_stays_behind_what_it_means() {
    let out = around(&format!(
        "As the log (if there is one), you can use the notes of the crew. This enables a talk with the guest and gives you more to answer the questions of the guest with.\n\n{RULES}"
    ));
    assert!(out.contains("crew. This enables"), "{out}");
}

#[test]
fn below_stays_where_the_next_line_is_meant() {
    let out = around(&format!(
        "The description of these boats is provided below:\n{{boats}}\n\nYour main goal is to find the boat that helps the guest.\n\n{RULES}\nYou have the crew log of the day.\nName: {{name}}"
    ));
    assert!(out.contains("provided below:"), "{out}");
}

#[test]
fn what_stands_before_a_chat_line_stays() {
    let out = reworded(
        "write a toast for my nan. It has to last ten minutes because my uncle's did too. thanks a million you're a lifesaver!!!\n",
    );
    assert!(out.contains("because my uncle's did too") && !out.contains("lifesaver"), "{out}");
}

#[test]
fn a_question_that_becomes_an_order_ends_in_a_stop() {
    let out = reworded("hi, can you help me with my chapter on ferries pls? its due on friday\n");
    assert!(out.contains("Help me with my chapter on ferries. "), "{out}");
}

#[test]
fn a_count_against_its_list_is_asked_in_numbers() {
    let text = "Write the newsletter for our guests.\n\nStructure: an intro and three sections. Sections:\n- News\n- Events\n- Fares\n- Crew\n";
    let source = crate::source::Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let review = crate::review::review(source, &Default::default(), &crate::ledger::Uncounted);
    let out = crate::reframe::reframe(&review, &Default::default()).text;
    assert!(out.contains("{{keep: three sections or the 4 that are listed?}}"), "{out}");
}
