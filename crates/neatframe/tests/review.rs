//! `neatframe review`, as its users call it.

mod common;

use common::Folder;
use serde_json::Value;

const GOOD: &str = "Our readers are commuters at the quay. Write the notice about the winter timetable in at most 80 words. \
Return a headline and two bullets.\n";

#[test]
fn exit_codes_follow_the_failing_level() {
    let folder = Folder::new();
    folder.file("good.txt", GOOD);
    folder.file(
        "vague.txt",
        "Our readers are commuters. Write a nice notice in at most 80 words. Return two bullets.",
    );
    assert_eq!(folder.run(&["review", "good.txt"]).code, 0);
    assert_eq!(folder.run(&["review", "vague.txt"]).code, 1);
    assert_eq!(folder.run(&["review", "vague.txt", "--fail-at", "error"]).code, 0);
    assert_eq!(folder.run(&["review", "vague.txt", "--fail-at", "never"]).code, 0);
    assert_eq!(folder.run(&["review", "good.txt", "--bogus"]).code, 2);
}

#[test]
fn standard_input_is_a_dash() {
    let run = Folder::new().run_with(&["review", "-"], GOOD);
    assert_eq!(run.code, 0, "{}{}", run.out, run.err);
    assert!(run.out.starts_with("-  1 line · "), "{}", run.out);
    assert!(run.out.contains("nothing to remark"), "{}", run.out);
}

#[test]
fn a_folder_is_searched_in_order() {
    let folder = Folder::new();
    folder.file("b.md", GOOD);
    folder.file("a/c.txt", GOOD);
    folder.file("a/skip.rs", "fn main() {}");
    let run = folder.run(&["review", "--format", "json", "."]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    let paths: Vec<&str> =
        json["documents"].as_array().unwrap().iter().map(|d| d["path"].as_str().unwrap()).collect();
    assert_eq!(paths, ["./a/c.txt", "./b.md"]);
}

#[test]
fn json_keeps_its_contract() {
    let folder = Folder::new();
    folder.file("p.txt", "\u{feff}You are a clerk.\r\nWrite a nïce, nice notice.\r\n");
    let run = folder.run(&["review", "--format", "json", "p.txt"]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    assert_eq!(json["schema"], "neatframe.review/1");
    let document = &json["documents"][0];
    assert_eq!(document["path"], "p.txt");
    assert_eq!(document["parts"][0]["component"], "role");
    assert_eq!(document["parts"][0]["start"], 3, "offsets count the byte order mark");
    let finding = document["findings"].as_array().unwrap().iter().find(|f| f["family"] == "vague").unwrap();
    assert_eq!((finding["line"].as_u64(), finding["column"].as_u64()), (Some(2), Some(15)));
    for key in ["check", "severity", "message", "start", "end", "related", "why", "write", "fix"] {
        assert!(finding.get(key).is_some(), "{key}");
    }
    assert!(document["missing"].as_array().unwrap().contains(&"examples".into()));
    assert_eq!(document["tokens"]["encoding"], "o200k_base");
    let parts: u64 =
        document["tokens"]["by_component"].as_object().unwrap().values().map(|v| v.as_u64().unwrap()).sum();
    assert_eq!(document["tokens"]["total"].as_u64(), Some(parts));
}

#[test]
fn parts_run_in_order_without_overlap() {
    let folder = Folder::with_demo();
    let json: Value = serde_json::from_str(&folder.run(&["review", "--format", "json", "."]).out).unwrap();
    for document in json["documents"].as_array().unwrap() {
        let mut end = 0;
        for part in document["parts"].as_array().unwrap() {
            assert!(part["start"].as_u64().unwrap() >= end, "{} {part}", document["path"]);
            end = part["end"].as_u64().unwrap();
        }
    }
}

#[test]
fn the_report_reads_well() {
    let folder = Folder::with_demo();
    insta::assert_snapshot!("report_of_a_ramble", folder.run(&["review", "2-rambling-notice.txt"]).out);
    insta::assert_snapshot!("report_of_tags", folder.run(&["review", "4-timetable-questions.txt"]).out);
    insta::assert_snapshot!("report_of_a_good_agent", folder.run(&["review", "8-quay-agent.md"]).out);
    insta::assert_snapshot!("evidence", folder.run(&["review", "--evidence", "5-incident-summary.txt"]).out);
}

#[test]
fn colours_only_where_they_are_wanted() {
    let folder = Folder::new();
    folder.file("p.txt", "Write a nice notice.");
    let coloured = assert_cmd::Command::cargo_bin("neatframe")
        .unwrap()
        .current_dir(folder.path())
        .args(["review", "p.txt"])
        .env("CLICOLOR_FORCE", "1")
        .output()
        .unwrap();
    assert!(String::from_utf8(coloured.stdout).unwrap().contains("\u{1b}["));
    assert!(!folder.run(&["review", "p.txt"]).out.contains('\u{1b}'));
}

#[test]
fn help_documents_exit_codes_and_examples() {
    let help = Folder::new().run(&["review", "--help"]).out;
    for words in ["Exit codes:", "Examples:", "--fail-at", "neatframe review notice.txt"] {
        assert!(help.contains(words), "{words} in {help}");
    }
}

#[test]
fn checks_of_english_stand_aside_for_other_languages() {
    let folder = Folder::new();
    let text = "Schreibe eine nette Mitteilung für die Fahrgäste, die auf dem Steg warten.\n<log>\n{{log}} und [Tag]\n";
    folder.file("p.txt", text);
    let run = folder.run(&["review", "p.txt"]);
    assert!(
        run.out.contains("in German: the checks that depend on English wording stand aside"),
        "{}",
        run.out
    );
    assert!(run.out.contains("open-tag") && run.out.contains("mixed-slots"), "{}", run.out);
    assert!(!run.out.contains("absent-part"), "{}", run.out);
}

#[test]
fn a_file_that_is_named_twice_is_read_once() {
    let folder = Folder::new();
    folder.file("b.txt", GOOD);
    folder.file("a.txt", GOOD);
    let run = folder.run(&["review", "--format", "json", "b.txt", ".", "./b.txt", "a.txt"]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    let paths: Vec<&str> =
        json["documents"].as_array().unwrap().iter().map(|d| d["path"].as_str().unwrap()).collect();
    assert_eq!(paths, ["b.txt", "./a.txt"]);
}

#[test]
fn a_template_of_an_agent_is_read_part_by_part() {
    let folder = Folder::new();
    folder.file(
        "agent.txt",
        "You are {name}, {description}.\n\nGOALS:\n1. Sell the last tickets of {day}.\n\nRULES:\n\
         1. Ask nobody for help.\n2. Sell no ticket twice.\n\nTOOLS:\n1. sell: sells one ticket to a guest.\n\n\
         Use the following format:\nThought: what you make of it\nTool: one of [{tools}]\nResult: what came back\n",
    );
    let run = folder.run(&["review", "--format", "json", "agent.txt"]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    let text = std::fs::read_to_string(folder.path().join("agent.txt")).unwrap();
    let component = |needle: &str| {
        let at = text.find(needle).unwrap() as u64;
        let parts = json["documents"][0]["parts"].as_array().unwrap();
        let part = parts
            .iter()
            .find(|part| part["start"].as_u64().unwrap() <= at && at < part["end"].as_u64().unwrap());
        part.map(|part| part["component"].as_str().unwrap().to_string())
    };
    assert_eq!(component("You are").as_deref(), Some("role"));
    assert_eq!(component("Sell the last").as_deref(), Some("task"));
    assert_eq!(component("Ask nobody").as_deref(), Some("constraints"));
    assert_eq!(component("sell: sells").as_deref(), Some("context"));
    assert_eq!(component("Use the following").as_deref(), Some("output_format"));
    assert_eq!(component("Thought:").as_deref(), Some("output_format"));
}
