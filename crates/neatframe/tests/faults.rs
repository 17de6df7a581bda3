//! Prompts with faults that need a person, from the review to the restructured prompt, as users call it.

mod common;

use common::Folder;
use serde_json::Value;

const CLASH: &str = "Write a notice on the late boat for guests who read it on the quay.\n\
    - Use at most 40 words.\n- Name the pier.\n- Use at least 200 words.\n";

const SECRET: &str = "Sum up the minutes of the crew for the office.\n\
    The login is purser_row / Oarlock!77 in case you need it.\n{{minutes}}\n";

fn json(text: &str) -> Value {
    serde_json::from_str(text).unwrap_or_default()
}

#[test]
fn a_clash_is_asked_where_it_stands() {
    let folder = Folder::new();
    folder.file("clash.txt", CLASH);
    let run = folder.run(&["reframe", "clash.txt"]);
    assert_eq!(run.code, 0, "{}", run.err);
    let question = "{{keep: \"at most 40 words\" or \"at least 200 words\"?}}";
    assert!(run.out.contains(question), "{}", run.out);
    assert!(run.err.contains("a question: {{keep:"), "{}", run.err);
    // The answer takes the place of the slot; the prompt with its question is told of as unanswered, once.
    folder.file("asked.txt", &run.out);
    let review = folder.run(&["review", "--format", "json", "asked.txt"]);
    let findings = json(&review.out)["documents"][0]["findings"].clone();
    let checks: Vec<&str> =
        findings.as_array().unwrap().iter().map(|finding| finding["check"].as_str().unwrap()).collect();
    assert!(checks.contains(&"left-over-slot") && !checks.contains(&"clashing-demands"), "{checks:?}");
}

#[test]
fn an_answered_question_is_gone() {
    let folder = Folder::new();
    folder.file("clash.txt", CLASH);
    let out = folder.run(&["reframe", "clash.txt"]).out;
    let answered: String =
        out.lines().filter(|line| !line.contains("{{keep")).map(|line| format!("{line}\n")).collect();
    let run = folder.run_with(&["review", "--format", "json", "-"], &answered);
    let errors = json(&run.out)["documents"][0]["findings"]
        .as_array()
        .unwrap()
        .iter()
        .filter(|finding| finding["severity"] == "error")
        .count();
    assert_eq!(errors, 0, "{}", run.out);
}

#[test]
fn without_questions_a_clash_stays_as_it_is() {
    let folder = Folder::new();
    folder.file("clash.txt", CLASH);
    let run = folder.run(&["reframe", "clash.txt", "--no-questions"]);
    assert!(!run.out.contains("{{"), "{}", run.out);
    assert!(run.out.contains("at most 40 words") && run.out.contains("at least 200 words"), "{}", run.out);
}

#[test]
fn a_secret_goes_and_the_note_says_so() {
    let folder = Folder::new();
    folder.file("secret.txt", SECRET);
    let run = folder.run(&["reframe", "secret.txt"]);
    assert!(run.out.contains("purser_row / {{password}}"), "{}", run.out);
    assert!(!run.out.contains("Oarlock!77"), "{}", run.out);
    let notes = run.err.split_whitespace().collect::<Vec<_>>().join(" ");
    assert!(notes.contains("change it where it is in force"), "{notes}");
}

#[test]
fn a_note_on_material_becomes_a_slot_of_its_name() {
    let folder = Folder::new();
    folder.file("paste.txt", "Sum up the thread for the desk in three bullets.\n\n[paste the thread here]\n");
    let run = folder.run(&["review", "--fix", "paste.txt"]);
    assert!(
        run.out.contains("1 finding mended") || run.err.contains("1 finding mended"),
        "{}{}",
        run.out,
        run.err
    );
    let fixed = std::fs::read_to_string(folder.path().join("paste.txt")).unwrap();
    assert!(fixed.ends_with("\n{{thread}}\n"), "{fixed}");
    let slots = folder.run(&["fill", "paste.txt", "--list"]);
    assert!(slots.out.contains("thread"), "{}", slots.out);
}

#[test]
fn a_message_of_a_list_is_asked_nothing() {
    let folder = Folder::new();
    let system = CLASH.replace('\n', "\\n");
    folder.file("chat.json", format!("[{{\"role\": \"system\", \"content\": \"{system}\"}}]"));
    let run = folder.run(&["reframe", "chat.json"]);
    assert_eq!(run.code, 0, "{}", run.err);
    let list = json(&run.out);
    let content = list[0]["content"].as_str().unwrap();
    assert!(content.contains("at most 40 words") && content.contains("at least 200 words"), "{content}");
    assert!(!content.contains("{{"), "{content}");
}

#[test]
fn a_sample_of_every_fault_names_the_rule_that_it_breaks() {
    let folder = Folder::new();
    folder.file(
        "card.txt",
        "Read the card of the seed bank. Fields: `name`, `count` (whole number, or null).\n\n\
         Example:\nCard: two hundred seeds\n{\"name\": \"primula\", \"count\": \"200\"}\n\nCard: {{card}}\n",
    );
    let run = folder.run(&["review", "--format", "json", "card.txt"]);
    let document = json(&run.out)["documents"][0].clone();
    let finding = document["findings"]
        .as_array()
        .unwrap()
        .iter()
        .find(|finding| finding["check"] == "sample-breaks-rule")
        .cloned()
        .unwrap_or_default();
    assert_eq!(finding["line"], 5, "{}", run.out);
    assert!(finding["message"].as_str().unwrap().contains("line 1 asks for a number"), "{finding}");
    assert_eq!(finding["related"].as_array().unwrap().len(), 1, "{finding}");
}

#[test]
fn requirements_name_forms_of_money_and_spoken_minutes() {
    let folder = Folder::new();
    folder.file(
        "speech.txt",
        "Write a two-minute speech for the launch of the Merle.\nPrices are given as \"12.90 €\".\n\
         List every sponsor.\n",
    );
    let run = folder.run(&["review", "--requirements", "speech.txt"]);
    assert!(run.out.contains("exactly 2 minutes"), "{}", run.out);
    assert!(run.out.contains("sums as 12.90 €"), "{}", run.out);
}
