//! What a reframed prompt makes of single sentences: each certain edit, and what stays untouched.

mod common;

use common::read;
use neatframe_core::{Wishes, reframe};

/// The lines that a sentence becomes, between an ask and a fact that both stay.
fn becomes(sentence: &str) -> Vec<String> {
    const BEFORE: &str = "You are a clerk of a ferry line.\nWrite the notice on the closed pier.\n";
    const AFTER: &str = "The pier is closed from 4 to 6 May.";
    let out = reframe(&read(&format!("{BEFORE}{sentence}\n{AFTER}\n")), &Wishes::default()).text;
    for line in BEFORE.lines().chain([AFTER]) {
        assert!(out.contains(line), "{sentence}: `{line}` is lost\n{out}");
    }
    let own = |line: &&str| {
        let asks = line.ends_with("?}}");
        !line.is_empty() && !asks && !line.starts_with('#') && !BEFORE.contains(line) && *line != AFTER
    };
    out.lines().filter(own).map(String::from).collect()
}

#[track_caller]
fn all(rows: &[(&str, &[&str])]) {
    for (sentence, wanted) in rows {
        assert_eq!(becomes(sentence), *wanted, "{sentence}");
    }
}

#[test]
fn long_phrases_get_their_short_form() {
    all(&[
        ("In order to save room, leave out greetings.", &["To save room, leave out greetings."]),
        ("Make use of short sentences.", &["Use short sentences."]),
        (
            "Due to the fact that the pier is closed, name pier 4.",
            &["Because the pier is closed, name pier 4."],
        ),
        ("At this point in time the boat is in the yard.", &["Now the boat is in the yard."]),
        ("In the event that the boat is late, say so.", &["If the boat is late, say so."]),
        ("A large number of guests read it on the phone.", &["Many guests read it on the phone."]),
        ("Prior to sending, check the fares.", &["Before sending, check the fares."]),
        ("Use the word \"pier\" in each and every line.", &["Use the word \"pier\" in every line."]),
    ]);
}

#[test]
fn padding_and_left_over_lines_go() {
    all(&[
        ("Please note that the pier is closed on Sundays.", &["The pier is closed on Sundays."]),
        ("It is important to note that fares are in crowns.", &["Fares are in crowns."]),
        ("Please be sure to include the fare.", &["Include the fare."]),
        ("Kindly name the boat.", &["Name the boat."]),
        ("Please, please name the boat.", &["Name the boat."]),
        ("As an AI language model, name the boat.", &["Name the boat."]),
        ("Use very very short sentences.", &["Use very short sentences."]),
        ("Thank you so much in advance!", &[]),
        ("Hi there!", &[]),
    ]);
}

#[test]
fn wishes_and_doubts_become_orders() {
    all(&[
        ("You might want to name the boat first.", &["Name the boat first."]),
        ("You should probably name the pier.", &["Name the pier."]),
        ("Try to keep the notice under 80 words.", &["Keep the notice under 80 words."]),
        ("It would be great if you could add the fare.", &["Add the fare."]),
        ("Feel free to use bullets.", &["Use bullets."]),
        ("Maybe mention the bus.", &["Mention the bus."]),
        ("Perhaps you could give the hours.", &["Give the hours."]),
        ("I would like you to name the boat in the first line.", &["Name the boat in the first line."]),
        ("We need you to list the fares.", &["List the fares."]),
        ("Don't forget to name the boat.", &["Name the boat."]),
        ("Do not fail to name the pier.", &["Name the pier."]),
        ("Name the boat, if that is possible.", &["Name the boat."]),
    ]);
}

#[test]
fn repeats_are_merged_steps_counted_anew_and_slots_written_alike() {
    all(&[
        (
            "Name the boat in the first line. Name the boat in the first line.",
            &["Name the boat in the first line."],
        ),
        (
            "The notice should be no longer than 80 words. Keep it under 80 words.",
            &["The notice should be no longer than 80 words."],
        ),
        (
            "Steps:\n1. Read the log.\n2. Name the boat.\n4. Write it (see step 2).",
            &["Steps:", "1. Read the log.", "2. Name the boat.", "3. Write it (see step 2)."],
        ),
        ("Use {{boat}} and [PIER] in the notice.", &["Use {{boat}} and {{PIER}} in the notice."]),
    ]);
}

#[test]
fn what_no_edit_is_sure_of_stays_as_it_is() {
    for sentence in [
        "If possible, name the crew.",
        "Ideally, end with the phone number.",
        "Do not use long sentences; use short ones.",
        "Use clear, concise and plain words.",
        "The end result should be one page.",
        "Your response should be in the form of a list.",
        "If the guest asks to book, say that you cannot.",
        "Write \"please note that\" before the hours.",
        "The fare is 4 crowns at present.",
        "Say how many guests may board at a time.",
        "The accuracy of your answer is crucial, as guests plan their day by it.",
        "The future of the line relies on your sense for the right word.",
    ] {
        assert_eq!(becomes(sentence), [sentence]);
    }
}
