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
