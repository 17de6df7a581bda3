//! `neatframe ask`, as scripts call it.
#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

const TASK: &str = "Write the winter notice of a ferry line.\n";

#[test]
fn piped_lines_are_answers() {
    let folder = Folder::new();
    let run = folder.run_with(&["ask"], &format!("{TASK}\nName the pier.\\\nName the boat.\n:stop\n"));
    assert_eq!((run.code, run.err.as_str()), (0, ""));
    assert_eq!(
        run.out,
        "# Task\nWrite the winter notice of a ferry line.\n\n# Constraints\n- Name the pier.\n- Name the boat.\n"
    );
}

#[test]
fn a_step_back_opens_the_question_again() {
    let folder = Folder::new();
    let run = folder.run_with(&["ask"], &format!("Write something.\n:back\n{TASK}:stop\n"));
    assert_eq!(run.out, TASK);
}

#[test]
fn the_end_of_the_input_ends_the_interview() {
    let folder = Folder::new();
    assert_eq!(folder.run_with(&["ask"], TASK).out, TASK);
    let none = folder.run_with(&["ask"], "");
    assert!(
        none.code == 2 && none.out.is_empty() && none.err.contains("no answer was given"),
        "{}",
        none.err
    );
}

#[test]
fn a_notebook_keeps_the_answers_and_resumes() {
    let folder = Folder::new();
    let first = folder.run_with(&["ask", "--notebook", "n.toml"], &format!("{TASK}\n"));
    assert_eq!(first.code, 0, "{}", first.err);
    let kept = std::fs::read_to_string(folder.path().join("n.toml")).unwrap();
    insta::assert_snapshot!("notebook", kept);
    let second = folder.run_with(&["ask", "--notebook", "n.toml"], "At most 80 words.\n");
    assert!(second.out.contains(TASK.trim()) && second.out.contains("At most 80 words."), "{}", second.out);
    let whole = folder.run(&["ask", "--answers", "n.toml"]);
    assert_eq!(whole.out, second.out);
}

#[test]
fn a_notebook_that_cannot_be_written_loses_no_answer() {
    let folder = Folder::new();
    let run = folder.run_with(&["ask", "--notebook", "no/folder/n.toml"], TASK);
    assert_eq!((run.code, run.out.as_str()), (2, TASK));
    assert!(run.err.contains("n.toml: cannot be written"), "{}", run.err);
}

#[test]
fn answers_under_unknown_names_are_refused() {
    let folder = Folder::new();
    folder.file("n.toml", "[answers]\ntsak = \"Write it.\"\n");
    let run = folder.run(&["ask", "--answers", "n.toml"]);
    assert!(
        run.code == 2 && run.err.contains("n.toml") && run.err.contains("did you mean `task`?"),
        "{}",
        run.err
    );
    for wrong in ["answers = 3\n", "write the notice\n"] {
        folder.file("n.toml", wrong);
        let run = folder.run(&["ask", "--answers", "n.toml"]);
        let told = ["n.toml: line 1", "`[answers]`"].iter().all(|part| run.err.contains(part));
        assert!(run.code == 2 && told, "{}", run.err);
    }
}

#[test]
fn the_open_questions_for_programs() {
    let folder = Folder::with_demo();
    let parts = |args: &[&str]| -> Vec<String> {
        let json: Value = serde_json::from_str(&folder.run(args).out).unwrap();
        json.as_array()
            .unwrap()
            .iter()
            .map(|question| question["part"].as_str().unwrap().to_string())
            .collect()
    };
    assert_eq!(parts(&["ask", "--questions"])[0], "task");
    let open = parts(&["ask", "1-one-line-ask.txt", "--questions"]);
    assert!(!open.contains(&"task".to_string()) && open.len() <= 7, "{open:?}");
    let extraction = folder.run(&["ask", "1-one-line-ask.txt", "--questions", "--kind", "extraction"]).out;
    assert!(
        extraction.contains("Which fields come back"),
        "the kind of work sets the questions: {extraction}"
    );
}
