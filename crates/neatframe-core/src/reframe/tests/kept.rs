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
        "Your task is to write notices for the desk.\n- Name the pier.\n- You must write notices specific to the pier and its signs.",
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
    let lines = "Before you answer:\n- Read the log.\n- Never guess a fare.\n\nWhile you write:\n- Name the pier.\n- Use plain words.\n\nWhen you are done:\n- Sign as the desk.\n- Check the fares.";
    let out = around(lines);
    assert!(out.contains(lines), "{out}");
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

#[test]
fn a_sentence_is_not_torn() {
    let wrapped = "The fares of the winter timetable are in the table below and\nnever include the harbour fee that guests pay on board.\nName the pier.";
    assert!(
        around(wrapped).contains("below and never include") || around(wrapped).contains("below and\nnever"),
        "{}",
        around(wrapped)
    );
    let halves = "Write each notice for the crew: keep the fares out of it;\ndo not turn it into an advert. Name the pier.";
    let out = around(halves);
    assert!(!out.contains("- do not turn it"), "{out}");
    let pointed = "Guests may bring the log along. This lets you see the delay. Never guess a fare. Write the notice. Name the pier.";
    let out = around(pointed);
    assert!(out.contains("along. This lets you see"), "{out}");
}

#[test]
fn below_stays_where_the_next_line_is_meant() {
    let out = around(
        "The boats are described below:\n{boats}\n\nWrite the notice in order to warn the guests. Never guess a fare. Name the pier. Use at most 60 words.",
    );
    assert!(out.contains("described below:\n"), "{out}");
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
