//! What changes nothing for a reader changes nothing in the review: line ends, blanks at the end of lines, empty lines at the end,
//! and what stands in another prompt. Tried on every prompt of the project's own sets, good and bad.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

mod common;

use neatframe_core::{Component, Edit, Finding, Review, Severity, apply, fitting};

/// Every prompt of the sets of clean and of faulty ones: its name and its text.
fn prompts() -> Vec<(String, String)> {
    let mut found = Vec::new();
    for (folder, labelled) in [("clean", false), ("labelled/faults", true)] {
        let folder = format!("{}/tests/{folder}", env!("CARGO_MANIFEST_DIR"));
        for entry in std::fs::read_dir(folder).unwrap() {
            let path = entry.unwrap().path();
            let text = std::fs::read_to_string(&path).unwrap();
            let body = |line: &str| line.split_once('|').map_or("", |(_, body)| body).to_string();
            let text = if labelled { text.lines().map(|line| body(line) + "\n").collect() } else { text };
            found.push((path.file_name().unwrap().to_string_lossy().into_owned(), text));
        }
    }
    found.sort();
    assert!(found.len() > 200, "{}", found.len());
    found
}

/// The checks that a review raises, with the words they are raised on and the lines where these begin.
fn told(review: &Review) -> Vec<(&'static str, String, usize)> {
    let shown = |finding: &Finding| {
        let words = review.source().slice(finding.span).replace('\r', "");
        let words: Vec<&str> = words.lines().map(str::trim_end).collect();
        // What is absent is told at the end, wherever that is.
        let line = review.source().position(finding.span.start()).line;
        (finding.check, words.join("\n"), if finding.span.is_empty() { 0 } else { line })
    };
    review.findings().iter().map(shown).collect()
}

/// The components of the units, in order.
fn parts(review: &Review) -> Vec<Option<Component>> {
    review.labels().iter().map(|label| label.component).collect()
}

/// Asserts that a change of every prompt leaves its findings and its parts as they are; names what moved.
#[track_caller]
fn leaves_all_as_it_is(change: impl Fn(&str) -> String) {
    let mut moved = Vec::new();
    for (name, text) in prompts() {
        let (before, after) = (common::read(&text), common::read(&change(&text)));
        if parts(&before) != parts(&after) {
            moved.push(format!("{name}: other parts"));
        }
        let (one, two) = (told(&before), told(&after));
        if one != two {
            let gone: Vec<_> = one.iter().filter(|finding| !two.contains(finding)).collect();
            let new: Vec<_> = two.iter().filter(|finding| !one.contains(finding)).collect();
            moved.push(format!("{name}: gone {gone:?}, new {new:?}"));
        }
    }
    assert!(moved.is_empty(), "{moved:#?}");
}

#[test]
fn line_ends_of_another_kind() {
    leaves_all_as_it_is(|text| text.replace('\n', "\r\n"));
}

#[test]
fn blanks_at_the_end_of_lines() {
    leaves_all_as_it_is(|text| {
        let lines =
            text.split('\n').map(|line| if line.is_empty() { line.into() } else { format!("{line} ") });
        lines.collect::<Vec<String>>().join("\n")
    });
}

#[test]
fn empty_lines_at_the_end() {
    leaves_all_as_it_is(|text| format!("{}\n\n\n", text.trim_end_matches('\n')));
}

#[test]
fn a_second_reading() {
    leaves_all_as_it_is(str::to_string);
}

#[test]
fn every_place_lies_in_the_text_and_edits_do_not_cross() {
    for (name, text) in prompts() {
        let review = common::read(&text);
        for finding in review.findings() {
            let places = finding.related.iter().chain([&finding.span]);
            for place in places {
                assert!(text.get(place.range()).is_some(), "{name}: {} at {place:?}", finding.check);
            }
            let mut edits: Vec<_> = finding.fix.iter().map(|edit| edit.span).collect();
            edits.sort_by_key(|span| (span.start(), span.end()));
            for span in &edits {
                assert!(text.get(span.range()).is_some(), "{name}: {} edits {span:?}", finding.check);
            }
            let crossed = edits.windows(2).find(|pair| pair[0].end() > pair[1].start());
            assert!(crossed.is_none(), "{name}: {} edits {crossed:?}", finding.check);
        }
    }
}

#[test]
fn every_message_is_one_line_and_says_what_to_do() {
    for (name, text) in prompts() {
        for finding in common::read(&text).findings() {
            let (message, write) = (&finding.message, &finding.write);
            assert!(!message.is_empty() && !message.contains('\n'), "{name}: {message}");
            assert!(!write.is_empty() && !finding.why.is_empty(), "{name}: {message}");
            // A fence is made of the sign itself.
            let even = message.matches('`').count() % 2 == 0 || finding.check == "open-fence";
            assert!(even, "{name}: {message}");
        }
    }
}

/// A part of its own, on other things, that no prompt of the sets has to do with.
const BEHIND: &str = "\n\n# Colophon\n\nThe almanac was set in Caslon by Ottilie Brandt.\n";

#[test]
fn a_fact_behind_all_takes_no_remark_away() {
    // What is absent may be supplied by it, and what stood last no longer does: those are left out.
    let counted = |review: &Review| {
        let kept =
            ["said-before", "step-numbers", "open-fence", "skipped-level", "credential", "private-data"];
        told(review).into_iter().filter(|(check, ..)| kept.contains(check)).count()
    };
    let mut lost = Vec::new();
    for (name, text) in prompts() {
        let longer = format!("{}{BEHIND}", text.trim_end_matches('\n'));
        let (before, after) = (counted(&common::read(&text)), counted(&common::read(&longer)));
        if after < before {
            lost.push(format!("{name}: {before} before, {after} after"));
        }
    }
    // Emphasis at the very end stops being that, and a fence that was open may swallow the part.
    assert!(lost.len() <= 2, "{lost:#?}");
}

/// The text with all certain edits applied that fit together, as often as a review finds some; the rounds it took.
fn mended(text: &str) -> (String, usize) {
    const ROUNDS: usize = 6;
    let mut text = text.to_string();
    for round in 0..ROUNDS {
        let review = common::read(&text);
        let sets: Vec<&[Edit]> = review.findings().iter().map(|finding| finding.fix.as_slice()).collect();
        let edits: Vec<Edit> = fitting(&sets).into_iter().flat_map(|at| sets[at].to_vec()).collect();
        if edits.is_empty() {
            return (text, round);
        }
        text = apply(&text, &edits).unwrap();
    }
    (text, ROUNDS)
}

/// The most rounds after which a prompt is mended: an edit may bring to light what stood behind it.
const MOST: usize = 3;

#[test]
fn certain_edits_come_to_an_end() {
    for (name, text) in prompts() {
        let (out, rounds) = mended(&text);
        assert!(rounds <= MOST, "{name}: still mended after {rounds} rounds\n{out}");
    }
}

#[test]
fn certain_edits_leave_every_slot() {
    for (name, text) in prompts() {
        let (review, out) = (common::read(&text), mended(&text).0);
        let named = |slot: &neatframe_core::Slot| {
            let inner = review.source().slice(slot.inner);
            let plain = inner.bytes().all(|b| b.is_ascii_alphanumeric() || b == b'_');
            plain.then(|| inner.to_string())
        };
        for slot in review.slots().iter().filter_map(named) {
            assert!(out.to_lowercase().contains(&slot.to_lowercase()), "{name}: `{slot}` is lost\n{out}");
        }
    }
}

#[test]
fn certain_edits_bring_no_new_error() {
    for (name, text) in prompts() {
        let errors = |text: &str| -> usize {
            let review = common::read(text);
            let grave = |finding: &&Finding| finding.severity == Severity::Error;
            review.findings().iter().filter(grave).count()
        };
        let (before, out) = (errors(&text), mended(&text).0);
        assert!(errors(&out) <= before, "{name}: {before} errors before, {} after\n{out}", errors(&out));
    }
}

#[test]
fn certain_edits_are_the_same_under_other_line_ends() {
    let chat = "Write the notice.\n\nSure, here is the improved prompt:\n\n\nName the pier.\n".to_string();
    for (name, text) in prompts().into_iter().chain([("chat".into(), chat)]) {
        let (one, other) = (mended(&text).0, mended(&text.replace('\n', "\r\n")).0);
        assert_eq!(one, other.replace("\r\n", "\n"), "{name}");
    }
}
