//! `neatframe compare`, as its users call it.
#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

const OLD: &str = "You are the clerk of a ferry line.\nWrite the winter notice for the quay.\nUse at most 80 words.\nBasically, name the pier.\n";
const NEW: &str = "Use at most 60 words.\nYou are the clerk of a ferry line.\nWrite the winter notice for the board.\nName the hour as YYYY-MM-DD, etc.\n";

fn folder() -> Folder {
    let folder = Folder::new();
    folder.file("old.txt", OLD);
    folder.file("new.txt", NEW);
    folder
}

#[test]
fn two_versions_sentence_by_sentence() {
    let run = folder().run(&["compare", "old.txt", "new.txt"]);
    assert_eq!(run.code, 0, "{}", run.err);
    insta::assert_snapshot!("two_versions", run.out);
}

#[test]
fn the_same_prompt_twice_has_no_changes() {
    let folder = folder();
    let run = folder.run_with(&["compare", "old.txt", "-"], OLD);
    assert!(
        run.out.contains("every sentence is the same") && !run.out.contains("requirements"),
        "{}",
        run.out
    );
}

#[test]
fn more_versions_make_a_table() {
    let folder = folder();
    folder.file(
        "prices.toml",
        "currency = \"crowns\"\ndate = 2031-05-01\n[[price]]\nname = \"skiff\"\nin = 1.0\nout = 2.0\n",
    );
    let run = folder.run(&["compare", "old.txt", "new.txt", "old.txt", "--prices", "prices.toml"]);
    insta::assert_snapshot!("table_of_versions", run.out);
}

#[test]
fn programs_get_every_step() {
    let folder = folder();
    let run = folder.run(&["compare", "old.txt", "new.txt", "--format", "json"]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    assert_eq!(json["versions"].as_array().unwrap().len(), 2);
    let step = &json["steps"][0];
    let shifts: Vec<&str> = step["requirements"]
        .as_array()
        .unwrap()
        .iter()
        .map(|rule| rule["change"].as_str().unwrap())
        .collect();
    assert!(shifts.contains(&"tightened"), "{shifts:?}");
    for unit in step["units"].as_array().unwrap() {
        let side = if unit["new"].is_null() { (&unit["old"], OLD) } else { (&unit["new"], NEW) };
        let place = |key: &str| side.0[key].as_u64().unwrap() as usize;
        assert_eq!(&side.1[place("start")..place("end")], side.0["words"].as_str().unwrap());
    }
}

#[test]
fn one_version_is_none_to_compare() {
    let folder = folder();
    let run = folder.run(&["compare", "old.txt"]);
    assert!(run.code == 2 && run.err.contains("2 values"), "{}", run.err);
    let lost = folder.run(&["compare", "old.txt", "lost.txt"]);
    assert!(lost.code == 2 && lost.err.contains("lost.txt"), "{}", lost.err);
}
