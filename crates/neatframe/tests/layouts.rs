//! Prompts in every layout that people use, as the built program reads them.
#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

/// The component of each stretch of a file, with its words.
fn parts(folder: &Folder, name: &str, text: &str) -> Vec<(String, String)> {
    folder.file(name, text);
    let run = folder.run(&["review", "--no-house", "--format", "json", name]);
    assert!(run.code <= 1, "{}", run.err);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    let stretch = |part: &Value| {
        let at = |key: &str| usize::try_from(part[key].as_u64().unwrap()).unwrap();
        let component = part["component"].as_str().unwrap_or("none").to_string();
        (component, text[at("start")..at("end")].to_string())
    };
    json["documents"][0]["parts"].as_array().unwrap().iter().map(stretch).collect()
}

#[track_caller]
fn holds(parts: &[(String, String)], component: &str, words: &str) {
    let found = parts.iter().find(|(_, text)| text.contains(words));
    assert_eq!(found.map(|(component, _)| component.as_str()), Some(component), "{words}: {parts:#?}");
}

#[test]
fn headings_labels_and_rules_part_a_prompt() {
    let folder = Folder::new();
    let text = "---\ntitle: slips\n---\nHarbour notes\n=============\n\nYou are a clerk at Larkhaven Ferries.\n\n\
        ## Ground rules\n- Never promise a refund.\n\n**What good looks like**\nLate boat: \"The 18:40 runs at 19:10.\"\n\n\
        Audience: guests on the quay\nTONE - plain and\ncalm throughout\n\n---Deliver---\nReturn JSON with the keys `pier` and `fare`.\n";
    let parts = parts(&folder, "notes.md", text);
    holds(&parts, "none", "Harbour notes");
    holds(&parts, "role", "You are a clerk");
    holds(&parts, "constraints", "Never promise");
    holds(&parts, "examples", "The 18:40 runs");
    holds(&parts, "context", "guests on the quay");
    holds(&parts, "constraints", "calm throughout");
    holds(&parts, "output_format", "Return JSON");
}

#[test]
fn tags_within_a_line_are_tags_and_no_slots() {
    let folder = Folder::new();
    let text =
        "Answer the guest's mail.\n\n<mail from=\"guest\"><text>{{mail}}</text></mail>\n\nName the pier.\n";
    holds(&parts(&folder, "mail.xml", text), "context", "{{mail}}");
    let run = folder.run(&["review", "--no-house", "mail.xml"]);
    assert!(!run.out.contains("unfenced-input") && !run.out.contains("mixed-slots"), "{}", run.out);
    let list = folder.run(&["fill", "mail.xml", "--list", "--format", "json"]);
    let slots: Value = serde_json::from_str(&list.out).unwrap();
    assert_eq!(slots.as_array().unwrap().len(), 1, "{}", list.out);
}

#[test]
fn turns_of_a_message_list_keep_their_place() {
    let folder = Folder::new();
    let yaml = "- role: system\n  content: |\n    You are a clerk. Sort the slips by pier.\n- role: user\n  content: \"Slip: lost at North\"\n- role: assistant\n  content: North\n";
    folder.file("turns.yaml", yaml);
    let run = folder.run(&["review", "--no-house", "--evidence", "turns.yaml"]);
    let told: Vec<&str> = run.out.lines().filter(|line| line.starts_with("    ")).map(str::trim).collect();
    let at = |words: &str| told.iter().position(|line| line.contains(words)).unwrap_or(usize::MAX);
    assert!(told[at("You are a clerk.") - 1].ends_with("role · persona"), "{}", run.out);
    assert!(told[at("Slip: lost") - 1].contains("examples"), "{}", run.out);
    folder.file("broken.json", "[{\"role\": \"system\",\n \"content\": }]");
    let run = folder.run(&["review", "--no-house", "broken.json", "turns.yaml"]);
    assert_eq!(run.code, 2);
    assert!(
        run.err.contains("broken.json: line 2, column") && run.err.contains("--read-as text"),
        "{}",
        run.err
    );
    assert!(run.out.contains("turns.yaml"), "the other file is still read: {}", run.out);
}

#[test]
fn what_is_never_closed_and_what_is_deep_is_read() {
    let folder = Folder::new();
    folder.file("tags.txt", "<a>".repeat(10_000) + "\nSort the slips.\n");
    folder.file(
        "lists.txt",
        (0..2_000).map(|at| format!("{}- pier {at}\n", " ".repeat(at))).collect::<String>(),
    );
    folder.file("fence.md", "Sort the slips.\n<slip>\n```\n{{slip}}\n");
    let run = folder.run(&["review", "--no-house", "tags.txt", "lists.txt", "fence.md"]);
    assert!(run.code <= 1, "{}", run.err);
    for told in ["`<slip>` is never closed", "the fence", "tags.txt", "lists.txt"] {
        assert!(run.out.contains(told), "{told}");
    }
}

#[test]
fn what_is_sent_along_is_told_by_its_file_and_paid_for() {
    let folder = Folder::new();
    folder.file("prefs.md", "You are the harbour clerk. Answer in at most 60 words.\n");
    folder.file("p.txt", "Write the notice on the late boat.\n");
    folder.file("neatframe.toml", "with = [\"prefs.md\"]\n");
    let review = folder.run(&["review", "p.txt"]);
    assert!(review.out.contains("role          optional         – from prefs.md"), "{}", review.out);
    let tokens = folder.run(&["tokens", "p.txt"]);
    assert!(tokens.out.contains("the prompt itself"), "{}", tokens.out);
    assert!(!tokens.out.contains("reply's length is not stated"), "{}", tokens.out);
    let shares: Vec<u32> = tokens
        .out
        .lines()
        .skip_while(|line| !line.contains("by layer"))
        .filter_map(|line| line.split(" %").next()?.rsplit(' ').next()?.parse().ok())
        .collect();
    assert_eq!(shares.iter().sum::<u32>(), 100, "{}", tokens.out);
}

#[test]
fn another_language_is_told_in_one_line_and_its_structure_is_read() {
    let folder = Folder::new();
    folder.file(
        "de.md",
        "# Aufgabe\nSortiere die Zettel nach Steg und schreibe kurz auf, was fehlt. Antworte als Liste.\n\n<zettel>\n{{zettel}}\n",
    );
    let run = folder.run(&["review", "--no-house", "de.md"]);
    assert_eq!(
        run.out.matches("in German: the checks that depend on English wording stand aside").count(),
        1
    );
    assert!(run.out.contains("`<zettel>` is never closed"), "{}", run.out);
    let list = folder.run(&["fill", "de.md", "--list"]);
    assert!(list.out.contains("zettel"), "{}", list.out);
}
