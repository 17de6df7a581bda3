//! `neatframe reframe` and `neatframe demo`, as their users call them.

mod common;

use common::Folder;

#[test]
fn the_prompt_alone_goes_to_standard_output() {
    let folder = Folder::with_demo();
    let run = folder.run(&["reframe", "2-rambling-notice.txt"]);
    assert_eq!(run.code, 0);
    insta::assert_snapshot!("reframed_ramble", run.out);
    insta::assert_snapshot!("notes_on_a_ramble", run.err);
}

#[test]
fn notes_can_go_to_a_file() {
    let folder = Folder::with_demo();
    let run = folder.run(&["reframe", "3-lost-property.md", "--notes", "notes.txt"]);
    assert_eq!((run.code, run.err.as_str()), (0, ""));
    let notes = std::fs::read_to_string(folder.path().join("notes.txt")).unwrap();
    assert!(
        notes.contains("dropped  \"- Names and numbers have to be copied exactly as they stand.\""),
        "{notes}"
    );
    assert!(!run.out.contains("have to be copied"), "{}", run.out);
}

#[test]
fn notes_to_a_dash_are_no_file() {
    let folder = Folder::with_demo();
    let run = folder.run(&["reframe", "3-lost-property.md", "--notes", "-"]);
    assert!(run.err.contains("changes to 3-lost-property.md"), "{}", run.err);
    assert!(!folder.path().join("-").exists());
}

#[test]
fn every_layout_is_kept() {
    let folder = Folder::with_demo();
    for name in ["4-timetable-questions.txt", "6-maintenance-notes.txt", "7-crew-roster.md"] {
        insta::assert_snapshot!(format!("reframed_{name}"), folder.run(&["reframe", name]).out);
    }
}

#[test]
fn a_good_prompt_stays_as_it_is() {
    let folder = Folder::with_demo();
    let before = std::fs::read_to_string(folder.path().join("8-quay-agent.md")).unwrap();
    let run = folder.run(&["reframe", "8-quay-agent.md"]);
    assert_eq!(run.out, before);
    assert!(run.err.contains("none: the prompt stands as it is"), "{}", run.err);
}

#[test]
fn a_pipe_takes_the_prompt_and_gives_it_back() {
    let folder = Folder::new();
    let run = folder.run_with(&["reframe", "-"], "Write the notice.\r\nName the pier.\r\n");
    assert_eq!(run.code, 0);
    assert!(
        run.out.contains("Write the notice.\r\n") && run.out.contains("Name the pier.\r\n"),
        "{:?}",
        run.out
    );
    assert!(!run.out.replace("\r\n", "").contains('\n'), "line ends stay as they are: {:?}", run.out);
}

#[test]
fn a_prompt_that_cannot_be_read_is_one_clear_line() {
    let run = Folder::new().run(&["reframe", "gone.txt"]);
    assert_eq!((run.code, run.out.as_str()), (2, ""));
    assert_eq!(run.err, "neatframe: gone.txt: no such file\n");
}

#[test]
fn the_demo_shows_the_whole_path() {
    let run = Folder::new().run(&["demo"]);
    assert_eq!(run.code, 0);
    insta::assert_snapshot!("demo", run.out);
}

#[test]
fn the_demo_replaces_nothing() {
    let folder = Folder::new();
    folder.file("play/3-lost-property.md", "mine");
    let run = folder.run(&["demo", "--to", "play"]);
    assert_eq!(run.code, 2);
    assert!(run.err.contains("is there already"), "{}", run.err);
    assert_eq!(std::fs::read_to_string(folder.path().join("play/3-lost-property.md")).unwrap(), "mine");
    assert!(!folder.path().join("play/1-one-line-ask.txt").exists());
}

#[test]
fn in_place_replaces_the_file_and_keeps_the_old_one_when_asked() {
    let folder = Folder::with_demo();
    let before = std::fs::read_to_string(folder.path().join("2-rambling-notice.txt")).unwrap();
    let printed = folder.run(&["reframe", "2-rambling-notice.txt"]).out;
    let run = folder.run(&["reframe", "2-rambling-notice.txt", "--in-place", "--keep"]);
    assert_eq!((run.code, run.out.as_str()), (0, ""), "{}", run.err);
    assert_eq!(std::fs::read_to_string(folder.path().join("2-rambling-notice.txt")).unwrap(), printed);
    assert_eq!(std::fs::read_to_string(folder.path().join("2-rambling-notice.txt.before")).unwrap(), before);
    let again = folder.run(&["reframe", "2-rambling-notice.txt", "--in-place", "--keep"]);
    assert_eq!(again.code, 2);
    assert!(again.err.contains("is there already"), "{}", again.err);
    let piped = folder.run_with(&["reframe", "-", "--in-place"], "Write a notice.");
    assert!(piped.code == 2 && piped.err.contains("standard input has no place"), "{}", piped.err);
}

#[test]
fn a_diff_shows_the_change() {
    let folder = Folder::with_demo();
    let run = folder.run(&["reframe", "3-lost-property.md", "--diff"]);
    assert!(run.out.starts_with("--- a/3-lost-property.md\n+++ b/3-lost-property.md\n"), "{}", run.out);
    assert!(run.out.contains("\n-"), "{}", run.out);
}

#[test]
fn notes_come_in_three_forms() {
    let folder = Folder::with_demo();
    let json = folder.run(&["reframe", "2-rambling-notice.txt", "--notes-as", "json"]);
    let notes: serde_json::Value = serde_json::from_str(&json.err).unwrap();
    assert_eq!(notes["prompt"].as_str().unwrap(), json.out);
    assert!(notes["after"]["findings"].as_u64() < notes["before"]["findings"].as_u64(), "{notes}");
    assert!(
        notes["changes"].as_array().unwrap().iter().all(|note| !note["why"].as_str().unwrap().is_empty())
    );
    let side = folder.run(&["reframe", "3-lost-property.md", "--notes-as", "side"]);
    insta::assert_snapshot!("side_by_side", side.err);
}

#[test]
fn layouts_wishes_and_the_house_s_target() {
    let folder = Folder::with_demo();
    let tags = folder.run(&["reframe", "2-rambling-notice.txt", "--layout", "tags", "--wish", "no emoji"]);
    assert!(tags.out.starts_with("<task>\n") && tags.out.contains("No emoji."), "{}", tags.out);
    folder.file("neatframe.toml", "[target]\nlayout = \"tags\"\nlean = true\n");
    let house = folder.run(&["reframe", "2-rambling-notice.txt"]);
    assert!(
        house.out.starts_with("<task>\n") && house.err.contains("lean target"),
        "{}{}",
        house.out,
        house.err
    );
    folder.file("neatframe.toml", "[target]\nlayout = \"boxes\"\n");
    let wrong = folder.run(&["reframe", "2-rambling-notice.txt"]);
    assert!(wrong.code == 2 && wrong.err.contains("neatframe.toml"), "{}", wrong.err);
}

#[test]
fn several_files_become_one_prompt_and_notes_name_the_file() {
    let folder = Folder::new();
    folder.file("role.txt", "You are the clerk of a ferry line.\nUse at most 80 words.\n");
    folder.file("task.txt", "Write the winter notice.\nName the pier.\nUse at most 80 words.\n");
    let run = folder.run(&["reframe", "role.txt", "task.txt"]);
    assert_eq!(run.code, 0, "{}", run.err);
    assert_eq!(run.out.matches("80 words").count(), 1, "{}", run.out);
    assert!(run.err.contains("task.txt:3"), "{}", run.err);
}

#[test]
fn a_message_list_keeps_its_form() {
    let folder = Folder::new();
    let list = "[\n  {\"role\": \"system\", \"content\": \"Basically, you are the clerk.\\nName the pier.\", \"id\": 7},\n  {\"role\": \"assistant\", \"content\": \"Basically hello\"}\n]\n";
    folder.file("chat.json", list);
    let run = folder.run(&["reframe", "chat.json"]);
    assert_eq!(run.code, 0, "{}", run.err);
    assert_eq!(run.out, list.replace("Basically, you", "You"));
}

#[test]
fn the_notes_on_every_message_are_kept() {
    let folder = Folder::new();
    let said = |who: &str, words: &str| format!("{{\"role\": \"{who}\", \"content\": \"{words}\"}}");
    folder.file(
        "c.json",
        format!("[{}, {}]", said("system", "Basically, name it."), said("user", "Needless to say, sort it.")),
    );
    let run = folder.run(&["reframe", "c.json", "--notes", "n.txt"]);
    assert_eq!(run.code, 0, "{}", run.err);
    let notes = std::fs::read_to_string(folder.path().join("n.txt")).unwrap();
    assert!(notes.contains("Basically") && notes.contains("Needless to say"), "{notes}");
    assert!(notes.contains("c.json, turn 2 (user)"), "{notes}");
}

#[test]
fn a_message_list_comes_and_goes_through_pipes() {
    let folder = Folder::new();
    let list = "[{\"role\": \"system\", \"content\": \"You are the clerk.\"},\n {\"role\": \"user\", \"content\": \"Basically, name it.\"}]\n";
    let run = folder.run_with(&["reframe", "-", "--notes", "n.json", "--notes-as", "json"], list);
    assert_eq!(run.code, 0, "{}", run.err);
    assert_eq!(run.out, list.replace("Basically, name", "Name"));
    let notes = std::fs::read_to_string(folder.path().join("n.json")).unwrap();
    let notes: serde_json::Value = serde_json::from_str(&notes).unwrap();
    assert_eq!(notes[0]["turn"], 2, "{notes}");
}

#[test]
fn a_word_on_how_to_use_it() {
    let folder = Folder::with_demo();
    let run = folder.run(&["reframe", "4-timetable-questions.txt", "--usage"]);
    assert!(run.err.contains("how to use it\n  fill in      question"), "{}", run.err);
}
