//! Whatever is wrong with an input is said in one line, and the other files are still done.

mod common;

use common::Folder;
use proptest::prelude::*;
use proptest::test_runner::RngSeed;

const GOOD: &str = "Our readers are commuters at the quay. Write the notice in at most 80 words. Return a headline and two bullets.\n";

macro_rules! refused {
    ($name:ident, $bytes:expr, $says:expr) => {
        #[test]
        fn $name() {
            let folder = Folder::new();
            folder.file("bad.txt", $bytes);
            folder.file("good.txt", GOOD);
            let run = folder.run(&["review", "bad.txt", "good.txt"]);
            assert_eq!(run.code, 2, "{}", run.err);
            assert_eq!(run.err, format!("neatframe: bad.txt: {}\n", $says));
            assert!(run.out.starts_with("good.txt  "), "the other file is reviewed: {}", run.out);
        }
    };
}

refused!(an_empty_file, "", "is empty: there is no prompt to read");
refused!(only_white_space, " \n\t\r\n", "holds only white space (5 bytes): there is no prompt to read");
refused!(not_utf8, b"ok\nfa\xE7ade", "not UTF-8 text: byte 5 (line 2) is 0xE7; save the file as UTF-8");
refused!(
    a_nul_byte,
    "a\nb\0",
    "holds a NUL byte at byte 3 (line 2), so it is not a text file; remove the byte or name another file"
);
refused!(
    utf16,
    b"\xFF\xFEh\0i\0",
    "this is UTF-16 text (its first two bytes say so); save the file as UTF-8"
);

#[test]
fn a_file_that_is_not_there_and_a_folder_without_prompts() {
    let folder = Folder::new();
    folder.file("good.txt", GOOD);
    folder.file("code/main.rs", "fn main() {}");
    let run = folder.run(&["review", "gone.txt", "code", "good.txt"]);
    assert_eq!(run.code, 2);
    assert!(run.err.contains("neatframe: gone.txt: no such file\n"), "{}", run.err);
    assert!(run.err.contains("neatframe: code: no prompt files in this folder"), "{}", run.err);
    assert!(run.out.contains("good.txt"), "{}", run.out);
}

#[test]
fn json_lists_what_could_not_be_read() {
    let folder = Folder::new();
    folder.file("good.txt", GOOD);
    let run = folder.run(&["review", "--format", "json", "gone.txt", "good.txt"]);
    let json: serde_json::Value = serde_json::from_str(&run.out).unwrap();
    assert_eq!(json["errors"][0]["path"], "gone.txt");
    assert_eq!(json["errors"][0]["error"], "no such file");
    assert_eq!(json["documents"].as_array().unwrap().len(), 1);
    assert_eq!(run.code, 2);
}

#[test]
fn a_byte_order_mark_and_windows_line_ends_are_read() {
    let folder = Folder::new();
    folder.file("p.txt", format!("\u{feff}{}", GOOD.replace(". ", ".\r\n")));
    let run = folder.run(&["review", "p.txt"]);
    assert_eq!(run.code, 0, "{}{}", run.out, run.err);
    assert!(run.out.contains("line 1 ") || run.out.contains("lines "), "{}", run.out);
}

#[test]
fn control_characters_never_reach_the_terminal() {
    let folder = Folder::new();
    folder.file("p.txt", "Write a nice \u{1b}[31mred\u{1b}[0m notice\u{7} about \u{202e}stuff\u{9b}.\n");
    for args in [["review", "p.txt"].as_slice(), &["review", "--evidence", "p.txt"]] {
        let run = folder.run(args);
        let raw = |c: char| c.is_control() && c != '\n' || c == '\u{202e}';
        assert!(!run.out.contains(raw), "{:?}", run.out);
    }
}

#[test]
fn large_files_and_long_lines_are_read() {
    let folder = Folder::new();
    folder.file("long-line.txt", "nice word ".repeat(100_000));
    folder.file("spaces.txt", format!("a{}b", " ".repeat(1_000_000)));
    folder.file("tags.txt", "<a>".repeat(100_000));
    folder.file(
        "large.txt",
        "Keep the notice short, name the pier and the boat.\n- Use the plain words.\n".repeat(65_000),
    );
    folder.file("one-line.txt", "Write at most 9 words. ".repeat(8_000));
    folder.file("no-stop.txt", "If the boat is late, write between 5 and 10 words; ".repeat(4_000));
    folder.file("braces.txt", "a} ".repeat(300_000));
    folder.file("borders.txt", "a>>> ".repeat(200_000));
    let fields: Vec<String> = (0..8_000).map(|at| format!("\"k{at}\": \"v\"")).collect();
    folder.file("record.txt", format!("Return JSON.\n\nExamples:\nSlip: x\n{{{}}}\n", fields.join(",")));
    for name in [
        "long-line.txt", "spaces.txt", "tags.txt", "large.txt", "one-line.txt", "no-stop.txt", "braces.txt",
        "borders.txt", "record.txt",
    ] {
        let run = folder.run(&["review", name, "--fail-at", "never"]);
        assert_eq!((run.code, run.err.as_str()), (0, ""), "{name}");
        assert!(run.out.lines().count() < 120, "{name}: a report stays readable");
    }
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 12, rng_seed: RngSeed::Fixed(7), failure_persistence: None, ..ProptestConfig::default() })]

    #[test]
    fn any_bytes_end_in_a_review_or_a_clear_error(bytes in prop::collection::vec(any::<u8>(), 0..300)) {
        let folder = Folder::new();
        folder.file("p.txt", &bytes);
        let run = folder.run(&["review", "p.txt"]);
        prop_assert!(run.code <= 1 && run.err.is_empty() || run.code == 2 && run.err.starts_with("neatframe: p.txt: "), "{}", run.err);
    }

    #[test]
    fn any_text_is_reviewed_and_reframed(text in "\\PC{0,200}|[#*\\-<>/{}\\[\\]`:.\\na-c1 ]{0,200}") {
        let folder = Folder::new();
        folder.file("p.txt", &text);
        let blank = text.trim().is_empty();
        prop_assert_eq!(folder.run(&["review", "p.txt", "--fail-at", "never"]).code, if blank { 2 } else { 0 });
        prop_assert_eq!(folder.run(&["reframe", "p.txt"]).code, if blank { 2 } else { 0 });
    }
}

#[test]
fn control_characters_of_a_name_or_a_house_file_never_reach_the_terminal() {
    let folder = Folder::new();
    folder.file("p.txt", GOOD);
    folder.file("house.toml", "[[frame]]\nname = \"a\u{7f}\n");
    for args in [["reframe", "gone\u{1b}[31m.txt"].as_slice(), &["review", "--frames", "house.toml", "p.txt"]]
    {
        let run = folder.run(args);
        assert_eq!(run.code, 2);
        assert!(!run.err.contains(|c: char| c.is_control() && c != '\n'), "{:?}", run.err);
    }
}
