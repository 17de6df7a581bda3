//! Tokens, money and streams, as users meet them.
#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

const PROMPT: &str = "You are the clerk of a ferry line.\n\n# Task\nWrite the notice for {{pier}} in at most 90 words.\n\n# Rules\nName the boat and the hour.\n";
const PRICES: &str = "currency = \"crowns\"\ndate = 2031-05-01\n[[price]]\nname = \"skiff\"\nin = 1.0\ncached = 0.5\nout = 2.0\nwindow = 1000\n";

#[test]
fn the_table_of_parts() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    folder.file("prices.toml", PRICES);
    let run = folder.run(&["tokens", "p.md", "--prices", "prices.toml", "--calls", "1000"]);
    assert_eq!(run.code, 0, "{}", run.err);
    insta::assert_snapshot!("tokens", run.out);
}

#[test]
fn a_size_for_a_slot_that_is_nowhere() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    let run = folder.run(&["tokens", "p.md", "--fill", "peir=40"]);
    assert_eq!(run.code, 2);
    assert!(run.out.contains("one call"), "what can be shown is shown: {}", run.out);
    assert!(
        run.err.contains("--fill: no prompt here has a slot `peir`; did you mean `pier`?"),
        "{}",
        run.err
    );
    assert_eq!(folder.run(&["tokens", "p.md", "--fill", "pier=40"]).code, 0);
}

#[test]
fn the_house_names_the_price_list() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    folder.file("prices.toml", PRICES);
    folder.file("neatframe.toml", "prices = \"prices.toml\"\n");
    let by_house = folder.run(&["tokens", "p.md", "--calls", "1000"]);
    let by_argument =
        folder.run(&["tokens", "p.md", "--calls", "1000", "--no-house", "--prices", "prices.toml"]);
    assert_eq!((by_house.code, &by_house.out), (0, &by_argument.out), "{}", by_house.err);
    folder.file("neatframe.toml", "prices = \"lost.toml\"\n");
    let lost = folder.run(&["tokens", "p.md"]);
    assert_eq!(lost.code, 2);
    assert!(lost.err.contains("lost.toml"), "{}", lost.err);
}

#[test]
fn a_vocabulary_of_ones_own_is_named_in_errors() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    folder.file("mine.json", "{}");
    let run = folder.run(&["tokens", "p.md", "--vocabulary", "mine.json"]);
    assert_eq!(run.code, 2);
    assert!(run.err.contains("mine.json"), "{}", run.err);
}

#[test]
fn parts_add_up_in_every_form() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    let json: Value = serde_json::from_str(&folder.run(&["tokens", "p.md", "--format", "json"]).out).unwrap();
    let document = &json["documents"][0];
    let sum = |list: &Value| {
        list.as_array().unwrap().iter().map(|row| row["tokens"].as_u64().unwrap()).sum::<u64>()
    };
    assert_eq!(sum(&document["components"]), document["total"].as_u64().unwrap());
    assert!(sum(&document["units"]) <= document["total"].as_u64().unwrap());
    assert_eq!(document["reply"]["most"], 120);
    assert_eq!(document["exact"], true);
    let csv = folder.run(&["tokens", "p.md", "--format", "csv"]).out;
    let rows: u64 = csv
        .lines()
        .filter(|line| line.contains(",component,"))
        .map(|line| line.rsplit(',').next().unwrap().parse::<u64>().unwrap())
        .sum();
    assert_eq!(rows, document["total"].as_u64().unwrap());
}

#[test]
fn filled_slots_other_vocabularies_and_estimates() {
    let folder = Folder::new();
    folder.file("p.md", PROMPT);
    let call = |args: &[&str]| -> (u64, bool) {
        let run = folder.run(&[&["tokens", "p.md", "--format", "json"], args].concat());
        let json: Value = serde_json::from_str(&run.out).unwrap();
        (json["documents"][0]["call"].as_u64().unwrap(), json["documents"][0]["exact"].as_bool().unwrap())
    };
    let (plain, _) = call(&[]);
    let json: Value = serde_json::from_str(&folder.run(&["tokens", "p.md", "--format", "json"]).out).unwrap();
    let slot = json["documents"][0]["slots"][0]["tokens"].as_u64().unwrap();
    assert_eq!(call(&["--fill", "pier=400"]).0, plain - slot + 400);
    assert!(call(&["--vocabulary", "cl100k_base"]).1);
    let (estimated, exact) = call(&["--vocabulary", "estimate:2"]);
    assert_eq!((estimated, exact), (plain * 2, false));
    assert!(folder.run(&["review", "p.md", "--vocabulary", "estimate:2"]).out.contains("about "));
}

macro_rules! refused {
    ($($name:ident: $toml:expr => $says:expr;)*) => {
        $(#[test]
        fn $name() {
            let folder = Folder::new();
            folder.file("p.md", PROMPT);
            folder.file("prices.toml", $toml);
            let run = folder.run(&["tokens", "p.md", "--prices", "prices.toml"]);
            assert_eq!((run.code, run.out.as_str()), (2, ""), "{}", run.err);
            assert!(run.err.contains("prices.toml: ") && run.err.contains($says), "{}", run.err);
        })*
    };
}

refused! {
    a_missing_price: "currency = \"c\"\ndate = 2031-05-01\n[[price]]\nname = \"skiff\"\nin = 1.0\n" => "line 3, column 1: missing field `out`";
    a_negative_price: "currency = \"c\"\ndate = 2031-05-01\n[[price]]\nname = \"skiff\"\nin = -1.0\nout = 1.0\n" => "`in` of `skiff` is -1; a price is 0 or more";
    an_unknown_key_of_a_price: "currency = \"c\"\ndate = 2031-05-01\n[[price]]\nname = \"s\"\nin = 1.0\nout = 1.0\ncache = 1.0\n" => "did you mean `cached`?";
    an_empty_list: "currency = \"c\"\ndate = 2031-05-01\n" => "holds no [[price]]";
}

#[test]
fn a_stream_answers_line_by_line_and_goes_on_after_a_fault() {
    let folder = Folder::new();
    let lines = "{\"id\": \"a\", \"prompt\": \"Write a nice notice.\"}\n\n{broken\n{\"messages\": [{\"role\": \"user\", \"content\": \"Write a notice.\"}]}\n{\"text\": 1}\n";
    let run = folder.run_with(&["review", "--stream"], lines);
    assert_eq!(run.code, 1, "{}", run.err);
    let answers: Vec<Value> = run.out.lines().map(|line| serde_json::from_str(line).unwrap()).collect();
    assert_eq!(answers.len(), 4);
    assert_eq!((answers[0]["line"].as_u64(), answers[0]["id"].as_str()), (Some(1), Some("a")));
    assert_eq!(
        answers[0]["findings"].as_array().unwrap().iter().filter(|f| f["family"] == "vague").count(),
        1
    );
    assert!(
        answers[1]["line"] == 3 && answers[1]["error"].as_str().unwrap().starts_with("not JSON"),
        "{}",
        answers[1]
    );
    assert_eq!(answers[2]["parts"][0]["speaker"], "user");
    assert!(answers[3]["error"].as_str().unwrap().contains("wants an object with `prompt`"));
    let many = "{\"prompt\": \"Write the notice in at most 80 words.\"}\n".repeat(600);
    let run = folder.run_with(&["review", "--stream"], &many);
    let numbers: Vec<u64> = run
        .out
        .lines()
        .map(|line| serde_json::from_str::<Value>(line).unwrap()["line"].as_u64().unwrap())
        .collect();
    assert_eq!((run.code, numbers), (0, (1..=600).collect()));
}
