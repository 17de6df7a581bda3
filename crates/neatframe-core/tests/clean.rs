//! Prompts that a strict reviewer would pass: no remark on them, and nothing in them is put another way.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

mod common;

use neatframe_core::{Family, Wishes, reframe};

/// Every prompt of the folder: its name and its text.
fn prompts() -> Vec<(String, String)> {
    let folder = format!("{}/tests/clean", env!("CARGO_MANIFEST_DIR"));
    let files = std::fs::read_dir(folder).unwrap().map(|entry| entry.unwrap().path());
    let mut found: Vec<(String, String)> = files
        .map(|path| {
            let name = path.file_stem().unwrap().to_string_lossy().into_owned();
            (name, std::fs::read_to_string(path).unwrap())
        })
        .collect();
    found.sort();
    assert!(found.len() >= 17);
    found
}

#[test]
fn no_remark_is_made() {
    let mut told = Vec::new();
    for (name, text) in prompts() {
        let review = common::read(&text);
        let faults = review
            .findings()
            .iter()
            .filter(|finding| !matches!(finding.family, Family::Missing | Family::Cost));
        told.extend(faults.map(|finding| format!("{name}: {}: {}", finding.check, finding.message)));
    }
    assert!(told.is_empty(), "{told:#?}");
}

#[test]
fn nothing_is_put_another_way() {
    for (name, text) in prompts() {
        let out = reframe(&common::read(&text), &Wishes::default());
        // What is absent may be asked for or offered; every line of the author's stays.
        let lost: Vec<&str> = text.lines().filter(|line| !out.text.contains(line.trim_end())).collect();
        assert!(lost.is_empty(), "{name} lost {lost:#?}\n{}", out.text);
        assert!(out.text.len() * 10 <= text.len() * 11, "{name} grew:\n{}", out.text);
    }
}

#[test]
fn each_kind_of_work_is_recognised_or_left_open() {
    for (name, kind) in [
        ("museum-labels", "translation"),
        ("meeting-minutes", "summarising"),
        ("meter-readings", "code"),
        ("review-topics", "classification"),
        ("short-answers", "grading"),
        ("bakery-names", "ideas"),
        ("medicine-leaflet", "rewriting"),
        ("train-trips", "dialogue"),
    ] {
        let (_, text) = prompts().into_iter().find(|(found, _)| found == name).unwrap();
        let review = common::read(&text);
        assert_eq!(review.kind().map(|kind| &*kind.name), Some(kind), "{name}");
    }
}
