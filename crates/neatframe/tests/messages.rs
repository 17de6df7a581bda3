//! Message lists, read from JSON, JSON lines and YAML: turns keep their turn, places are those in the file.

#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

const LIST: &str = r#"[
  {"role": "system", "content": "You are Olaf, the timetable helper of Larkhaven Ferries.\nGive a nice answer."},
  {"role": "user", "content": "When does the last ferry leave for Skarholm?"},
  {"role": "assistant", "content": "The last \"Skarholm\" ferry leaves at 21:40."},
  {"role": "user", "content": "{{question}}"}
]
"#;

const LINES: &str = r#"{"role": "system", "content": "You are Olaf, the timetable helper.\nGive a nice answer."}
{"role": "user", "content": "{{question}}"}
"#;

const YAML: &str = "messages:\n- role: system\n  content: |\n    You are Olaf, the timetable helper.\n    Give a nice answer.\n- role: user\n  content: \"{{question}}\"\n";

fn document(folder: &Folder, args: &[&str], stdin: &str) -> Value {
    let args = [&["review", "--format", "json"], args].concat();
    let json: Value = serde_json::from_str(&folder.run_with(&args, stdin).out).unwrap();
    json["documents"][0].clone()
}

#[test]
fn turns_keep_their_turn_and_the_models_turns_are_samples() {
    let folder = Folder::new();
    folder.file("chat.json", LIST);
    let document = document(&folder, &["chat.json"], "");
    let shown: Vec<String> = document["parts"]
        .as_array()
        .unwrap()
        .iter()
        .map(|part| {
            let (start, end) = (part["start"].as_u64().unwrap(), part["end"].as_u64().unwrap());
            let words = &LIST[start as usize..end as usize];
            format!("{} {} {words}", part["speaker"].as_str().unwrap(), part["component"].as_str().unwrap())
        })
        .collect();
    insta::assert_snapshot!(shown.join("\n"), @r#"
    system role You are Olaf, the timetable helper of Larkhaven Ferries.
    system task Give a nice answer.
    user examples When does the last ferry leave for Skarholm?
    assistant examples The last \"Skarholm\" ferry leaves at 21:40.
    user context {{question}}
    "#);
}

#[test]
fn places_are_those_in_the_file_for_every_form() {
    let folder = Folder::new();
    for (name, text) in [("a.json", LIST), ("b.jsonl", LINES), ("c.yaml", YAML)] {
        folder.file(name, text);
        let document = document(&folder, &[name], "");
        let findings = document["findings"].as_array().unwrap();
        let vague = findings.iter().find(|finding| finding["family"] == "vague").expect(name);
        let (start, end) = (vague["start"].as_u64().unwrap(), vague["end"].as_u64().unwrap());
        assert_eq!(&text[start as usize..end as usize], "nice", "{name}");
        let line = vague["line"].as_u64().unwrap() as usize;
        assert!(text.lines().nth(line - 1).unwrap().contains("nice"), "{name}");
    }
}

#[test]
fn a_list_on_standard_input() {
    let folder = Folder::new();
    let speaker = |args: &[&str], text: &str| document(&folder, args, text)["parts"][0]["speaker"].clone();
    for text in [LIST, LINES] {
        assert_eq!(speaker(&["-"], text), "system");
        assert_eq!(speaker(&["-", "--read-as", "text"], text), Value::Null);
    }
    assert_eq!(speaker(&["-"], YAML), Value::Null, "YAML is prose as well");
    assert_eq!(speaker(&["-", "--read-as", "messages"], YAML), "system");
    let broken = "[{\"role\": \"user\", \"content\": \"Name the pier.\"}";
    assert_eq!(speaker(&["-"], broken), Value::Null, "a prompt may open like a list");
}

#[test]
fn a_folder_gives_its_message_lists_and_no_other_data() {
    let folder = Folder::new();
    folder.file("prompts/chat.yaml", YAML);
    folder.file("prompts/package.json", "{\"name\": \"x\"}");
    folder.file("prompts/broken.json", "[{\"role\": \"user\", \"content\": \"x\"");
    let run = folder.run(&["review", "prompts"]);
    assert_eq!(run.code, 2);
    assert!(run.out.contains("chat.yaml"), "{}", run.out);
    assert_eq!(
        run.err,
        "neatframe: prompts/broken.json: line 1, column 32: not valid JSON: EOF while parsing an object; \
         mend it, or read the file as plain text with `--read-as text`\n"
    );
}

#[test]
fn a_broken_list_is_read_as_text_when_asked_for() {
    let folder = Folder::new();
    folder.file("broken.yaml", "- role: system\n  content: [Write a notice\n");
    let run = folder.run(&["review", "broken.yaml"]);
    assert_eq!(run.code, 2);
    assert!(run.err.contains("broken.yaml: line "), "{}", run.err);
    assert!(run.err.contains("not valid YAML"), "{}", run.err);
    assert_ne!(folder.run(&["review", "--read-as", "text", "broken.yaml"]).code, 2);
}

#[test]
fn lists_without_words_or_roles_are_named() {
    let folder = Folder::new();
    let error = |text: &str| {
        folder.file("x.json", text);
        folder.run(&["review", "x.json"]).err
    };
    assert!(error("[]").contains("holds 0 messages and no words"), "{}", error("[]"));
    assert!(
        error(r#"[{"role": "wizard", "content": "x"}]"#)
            .contains("line 1, column 11: the role `wizard` is not known")
    );
    assert!(error(r#"{"a": 1}"#).contains("holds no `messages`"));
}

const STYLES: &str = "# nightly\nmodel: small\nmessages:\n  - role: system\n    content: |\n      You are Olaf, the clerk of {{line}}. Name the pier.\n\n      Due to the fact that guests wait outside, use at most 40 words.\n\n  - role: user\n    content: 'Hi there! It''s late, write the note in order to warn the guests.'\n  - {role: assistant, content: \"Sure, in order to help.\"}\n  - role: user\n    content: >-\n      Basically write it again,\n      as above.\n    name: kim\n";

#[test]
fn a_list_in_yaml_is_restructured_in_its_place() {
    let folder = Folder::new();
    folder.file("chat.yaml", STYLES);
    let run = folder.run(&["reframe", "chat.yaml"]);
    assert_eq!(run.code, 0, "{}", run.err);
    insta::assert_snapshot!("reframed_yaml", run.out);
    // The same again changes nothing.
    folder.file("again.yaml", &run.out);
    assert_eq!(folder.run(&["reframe", "again.yaml"]).out, run.out);
}

#[test]
fn a_list_in_yaml_is_filled_whatever_the_value_holds() {
    let folder = Folder::new();
    folder.file("chat.yaml", STYLES);
    for value in ["the Oriole", "a: b # c", "two\n  lines\t \n- three", "\"quoted\" 'twice' \\ and \u{7}"] {
        let run = folder.run(&["fill", "chat.yaml", "--set", &format!("line={value}")]);
        assert_eq!(run.code, 0, "{}", run.err);
        let review = document(&folder, &["-", "--read-as", "messages"], &run.out);
        assert_eq!(review["parts"][0]["speaker"], "system");
        // What holds no slot stays as it is written.
        assert!(
            run.out.contains("content: 'Hi there! It''s late") && run.out.contains("    name: kim\n"),
            "{}",
            run.out
        );
    }
}
