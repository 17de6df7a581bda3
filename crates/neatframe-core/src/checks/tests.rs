//! Rules that hold for every check, driven by the samples they carry.

use super::*;
use crate::house::HouseWords;
use crate::ledger::Bytes;
use crate::limits::Limits;
use crate::review::{Settings, review};

/// A house in which every check runs and every limit is set.
fn house() -> Settings {
    Settings {
        limits: Limits { tokens: Some(2000), reading_grade: Some(14), ..Limits::default() },
        levels: checks().map(|meta| (meta.id, Level::On)).collect(),
        words: HouseWords::new(&[], &[], &[], &[("boat line".into(), "ferry line".into())]),
        ..Settings::default()
    }
}

fn found(text: &str) -> Vec<&'static str> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    review(source, &house(), &Bytes).findings().iter().map(|finding| finding.check).collect()
}

#[test]
fn every_check_reports_its_bad_and_spares_its_good() {
    let mut wrong = Vec::new();
    for meta in checks() {
        assert!(!meta.bad.is_empty() && !meta.good.is_empty(), "{} has no samples", meta.id);
        wrong.extend(
            meta.bad
                .iter()
                .filter(|text| !found(text).contains(&meta.id))
                .map(|text| (meta.id, "missed", text)),
        );
        wrong.extend(
            meta.good
                .iter()
                .filter(|text| found(text).contains(&meta.id))
                .map(|text| (meta.id, "noisy", text)),
        );
    }
    assert!(wrong.is_empty(), "{wrong:#?}");
}

#[test]
fn ids_are_unique_and_kebab_case() {
    let mut ids: Vec<&str> = checks().map(|meta| meta.id).collect();
    assert!(ids.iter().all(|id| id.chars().all(|c| c.is_ascii_lowercase() || c == '-')));
    ids.sort_unstable();
    let count = ids.len();
    ids.dedup();
    assert_eq!(ids.len(), count);
}

#[test]
fn a_cut_leaves_a_sentence() {
    let text = "In order to warn them, shout.";
    let edits = cut(text, Span::new(0, 11), "to", true);
    assert_eq!(crate::edit::apply(text, &edits).unwrap(), "To warn them, shout.");
    let text = "Keep it short. Thank you!\nNext.";
    assert_eq!(
        crate::edit::apply(text, &cut(text, Span::new(15, 25), "", false)).unwrap(),
        "Keep it short.\nNext."
    );
    let text = "Hi there!\r\nWrite it.";
    assert_eq!(crate::edit::apply(text, &cut(text, Span::new(0, 9), "", false)).unwrap(), "Write it.");
    let text = "Go. It is very important to note that\nthe quay is wet.";
    assert_eq!(
        crate::edit::apply(text, &cut(text, Span::new(4, 37), "", true)).unwrap(),
        "Go.\nThe quay is wet."
    );
    let text = "Basically, write it.";
    assert_eq!(crate::edit::apply(text, &cut(text, Span::new(0, 9), "", true)).unwrap(), "Write it.");
    let text = "If there is no delay whatsoever, say so.";
    let without = crate::edit::apply(text, &cut(text, Span::new(21, 31), "", false)).unwrap();
    assert_eq!(without, "If there is no delay, say so.");
    let text = "Name the pier whatsoever.";
    let without = crate::edit::apply(text, &cut(text, Span::new(14, 24), "", false)).unwrap();
    assert_eq!(without, "Name the pier.");
}

#[test]
fn a_block_pasted_twice_is_one_finding() {
    let block = "- Name the pier.\n- Use plain words.\n- Quote the captain.\n";
    let found = found(&format!("Write the notice.\n{block}\nTwo ferries sail.\n\n{block}"));
    assert_eq!(found.iter().filter(|id| **id == "said-before").count(), 1, "{found:?}");
}

#[test]
fn a_tag_opened_before_its_slot_is_closed_behind_it() {
    let text = "Write a notice from the facts.\n\n<facts>{{facts}}\n";
    let review = review(Source::from_bytes(text.as_bytes().to_vec()).unwrap(), &house(), &Bytes);
    let fix = review.findings().iter().find(|finding| finding.check == "open-tag").map(|found| &found.fix);
    let edits = fix.cloned().unwrap_or_default();
    let mended = crate::edit::apply(text, &edits).unwrap();
    assert_eq!(mended, "Write a notice from the facts.\n\n<facts>{{facts}}</facts>\n");
}
