//! `neatframe frames`, `--kind` and frames of the house, as their users call them.

mod common;

use common::Folder;
use serde_json::Value;

const HOUSE: &str = r#"
[[frame]]
name = "quay notice"
about = "what hangs on the quay board"
serves = ["writing"]
required = ["task", "audience"]
recommended = ["length"]

[frame.ask]
audience = "Which quay, and who waits there?"

[frame.like]
audience = "Commuters at the north quay."
"#;

#[test]
fn frames_are_listed_and_shown() {
    let folder = Folder::new();
    insta::assert_snapshot!("frames", folder.run(&["frames"]).out);
    insta::assert_snapshot!("frame_of_extraction", folder.run(&["frames", "extraction"]).out);
}

#[test]
fn a_house_shows_good_answers_of_its_own() {
    let folder = Folder::new();
    folder.file("house.toml", HOUSE);
    let shown = folder.run(&["frames", "--frames", "house.toml", "quay notice"]).out;
    assert!(shown.contains("like  Commuters at the north quay."), "{shown}");
}

#[test]
fn a_misspelt_name_is_met_with_the_nearest() {
    let folder = Folder::new();
    let run = folder.run(&["frames", "extracton"]);
    assert_eq!((run.code, run.out.as_str()), (2, ""));
    assert_eq!(run.err, "neatframe: there is no frame `extracton`; did you mean `extraction`?\n");
    folder.file("p.txt", "Write a notice.");
    let run = folder.run(&["review", "--kind", "sumarising", "p.txt"]);
    assert_eq!((run.code, run.out.as_str()), (2, ""));
    assert!(run.err.contains("did you mean `summarising`?"), "{}", run.err);
}

#[test]
fn the_kind_of_work_chooses_the_frame() {
    let folder = Folder::new();
    folder.file("p.txt", "Extract the sailings from the log below.\n{{log}}\n");
    let found = folder.run(&["review", "p.txt"]).out;
    assert!(found.contains("of the extraction frame"), "{found}");
    assert!(found.contains("kind of work: extraction (from \"Extract\""), "{found}");
    assert!(found.contains("no output format in this prompt (required)"), "{found}");
    let set = folder.run(&["review", "--kind", "image", "p.txt"]).out;
    assert!(set.contains("of the image frame") && set.contains("kind of work: image (as set)"), "{set}");
    let json: Value =
        serde_json::from_str(&folder.run(&["review", "--format", "json", "p.txt"]).out).unwrap();
    let kind = &json["documents"][0]["kind"];
    assert_eq!((kind["name"].as_str(), kind["evidence"][0]["end"].as_u64()), (Some("extraction"), Some(7)));
}

#[test]
fn a_house_brings_its_own_frames() {
    let folder = Folder::new();
    folder.file("house.toml", HOUSE);
    folder.file(
        "p.txt",
        "Write the notice about the late ferry. The Merle is in the yard until Friday. Stay calm.",
    );
    let run = folder.run(&["review", "--frames", "house.toml", "p.txt"]);
    assert!(run.out.contains("of the quay notice frame"), "{}", run.out);
    assert!(run.out.contains("Which quay, and who waits there?"), "{}", run.out);
    assert!(folder.run(&["frames", "--frames", "house.toml"]).out.starts_with("quay notice"));
}

#[test]
fn a_file_of_frames_with_faults_names_the_place() {
    let folder = Folder::new();
    folder.file("p.txt", "Write a notice.");
    folder.file("typo.toml", HOUSE.replace("recommended", "recomended"));
    folder.file("part.toml", HOUSE.replace("\"length\"", "\"sparkle\""));
    for (name, says) in
        [("typo.toml", "line 7"), ("part.toml", "`sparkle` is no part"), ("gone.toml", "cannot be read")]
    {
        let run = folder.run(&["review", "--frames", name, "p.txt"]);
        assert_eq!((run.code, run.out.as_str()), (2, ""), "nothing is reviewed under half-read frames");
        assert!(run.err.starts_with(&format!("neatframe: {name}")) && run.err.contains(says), "{}", run.err);
    }
}

#[test]
fn what_a_layer_supplies_is_not_missing() {
    let folder = Folder::new();
    folder.file("house.md", "# Rules\n- Use at most 80 words.\n- If a time is not known, write \"open\".\n");
    folder
        .file("p.txt", "Our readers are commuters at the quay. Write the notice about the winter timetable.");
    assert!(folder.run(&["review", "p.txt"]).out.contains("no constraints in this prompt"));
    let run = folder.run(&["review", "p.txt", "--with", "house.md"]);
    assert_eq!(run.code, 0, "{}", run.out);
    assert!(run.out.contains("– from house.md") && run.out.contains("+ sent with: house.md"), "{}", run.out);
    let json = folder.run(&["review", "--format", "json", "p.txt", "--with", "house.md"]).out;
    let json: Value = serde_json::from_str(&json).unwrap();
    assert_eq!(json["documents"][0]["layers"][0]["supplies"], serde_json::json!(["constraints"]));
    assert!(!json["documents"][0]["missing"].as_array().unwrap().contains(&"constraints".into()));
    let run = folder.run(&["review", "p.txt", "--with", "gone.md"]);
    assert_eq!((run.code, run.err.as_str()), (2, "neatframe: gone.md: no such file\n"));
}
