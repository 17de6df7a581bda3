//! The rules of a house, what it has accepted, and fixes, as users meet them.

#![allow(clippy::unwrap_used)]

mod common;

use common::Folder;
use serde_json::Value;

const WORDY: &str = "Our readers are commuters at the quay.\r\nWrite the notice in order to warn them, in at most 80 words.\r\nReturn two bullets.\r\n";

fn checks_of(folder: &Folder, args: &[&str]) -> Vec<String> {
    let run = folder.run(&[&["review", "--format", "json"], args].concat());
    let json: Value =
        serde_json::from_str(&run.out).unwrap_or_else(|error| panic!("{error}: {}{}", run.out, run.err));
    let documents = json["documents"].as_array().unwrap();
    let findings = documents.iter().flat_map(|document| document["findings"].as_array().unwrap());
    findings
        .map(|finding| {
            format!("{} {}", finding["severity"].as_str().unwrap(), finding["check"].as_str().unwrap())
        })
        .collect()
}

#[test]
fn the_nearest_house_upward_holds() {
    let folder = Folder::new();
    folder.file("a/b/p.txt", WORDY);
    assert_eq!(checks_of(&folder, &["a/b/p.txt"]), ["note padding"]);
    folder.file("neatframe.toml", "[checks]\npadding = \"error\"\n");
    assert_eq!(checks_of(&folder, &["a/b/p.txt"]), ["error padding"]);
    folder.file("a/neatframe.toml", "[checks]\npadding = \"off\"\n");
    assert_eq!(checks_of(&folder, &["a/b/p.txt"]), [""; 0]);
    assert_eq!(checks_of(&folder, &["a/b/p.txt", "--no-house"]), ["note padding"]);
    assert_eq!(checks_of(&folder, &["a/b/p.txt", "--house", "neatframe.toml"]), ["error padding"]);
}

#[test]
fn paths_words_terms_and_limits() {
    let folder = Folder::new();
    folder.file(
        "neatframe.toml",
        "[words]\nvague = [\"vibrant\"]\npadding = [\"as per usual\"]\nallowed = [\"friendly\"]\nterms = { \"boat line\" = \"ferry line\" }\n\
         [[paths]]\nmatch = [\"short/**\"]\nlimits = { tokens = 10 }\nchecks = { absent-part = \"off\" }\n",
    );
    let text = "Our readers are commuters. Write a friendly, vibrant notice for the boat line in at most 80 words, as per usual. Return two bullets.\n";
    folder.file("p.txt", text);
    folder.file("short/p.txt", text);
    let found = checks_of(&folder, &["p.txt"]);
    assert!(found.contains(&"warning unmeasured-wording".into()), "{found:?}");
    assert!(
        found.contains(&"warning house-term".into()) && found.contains(&"note padding".into()),
        "{found:?}"
    );
    assert!(!found.contains(&"error over-budget".into()), "{found:?}");
    assert!(checks_of(&folder, &["short/p.txt"]).contains(&"error over-budget".into()));
    let run = folder.run(&["review", "p.txt"]);
    assert!(!run.out.contains("`friendly`"), "an allowed word is not raised: {}", run.out);
}

#[test]
fn layers_of_the_house_supply_and_clash() {
    let folder = Folder::new();
    folder.file("neatframe.toml", "with = [\"style.md\"]\n");
    folder
        .file("style.md", "You are the harbour clerk. Keep every reply under 60 words. Never use emojis.\n");
    folder.file(
        "p.txt",
        "Write the notice for commuters. The reply has at least 120 words. Never use emojis.\n",
    );
    let run = folder.run(&["review", "p.txt"]);
    assert!(run.out.contains("from ") && run.out.contains("style.md"), "{}", run.out);
    assert!(run.out.contains("cannot both be met"), "{}", run.out);
    assert!(run.out.contains("already says this: `Never use emojis.`"), "{}", run.out);
}

#[test]
fn kinds_of_the_house() {
    let folder = Folder::new();
    folder.file("neatframe.toml", "frames = \"frames.toml\"\n");
    folder.file(
        "frames.toml",
        "[[kind]]\nname = \"berth plan\"\nsay = [\"berth plan\"]\n\n[[frame]]\nname = \"berths\"\nabout = \"Plans for berths\"\nserves = [\"berth plan\"]\nrequired = [\"task\", \"context\"]\n",
    );
    folder.file("p.txt", "Make the berth plan for tomorrow.\n");
    let run = folder.run(&["review", "p.txt"]);
    assert!(run.out.contains("kind of work: berth plan (from \"berth plan\")"), "{}", run.out);
    assert!(run.out.contains("of the berths frame"), "{}", run.out);
    assert_eq!(folder.run(&["review", "p.txt", "--kind", "berth plan"]).code, 1);
}

macro_rules! refused {
    ($($name:ident: $toml:expr => $says:expr;)*) => {
        $(#[test]
        fn $name() {
            let folder = Folder::new();
            folder.file("p.txt", WORDY);
            folder.file("neatframe.toml", $toml);
            let run = folder.run(&["review", "p.txt"]);
            assert_eq!((run.code, run.out.as_str()), (2, ""), "nothing is reviewed: {}", run.err);
            assert!(run.err.contains("neatframe.toml: line ") && run.err.contains($says), "{}", run.err);
        })*
    };
}

refused! {
    a_broken_house: "[checks\n" => "line 1, column 8";
    an_unknown_key: "\n[chekcs]\n" => "line 2, column 2: unknown field `chekcs`, expected one of";
    an_unknown_key_gets_a_hint: "[limits]\ntoken = 5\n" => "did you mean `tokens`?";
    an_unknown_check: "[checks]\npaddding = \"off\"\n" => "there is no check `paddding`; did you mean `padding`?";
    an_unknown_level: "[checks]\npadding = \"loud\"\n" => "unknown variant `loud`";
    a_bad_pattern: "[[paths]]\nmatch = [\"a[\"]\n" => "`a[` is no pattern: unclosed character class";
    a_budget_of_zero: "[limits]\ntokens = 0\n" => "line 2, column 10: a limit is a whole number of 1 or more";
}

#[test]
fn fixes_are_certain_and_keep_line_ends_and_permissions() {
    let folder = Folder::new();
    let path = folder.file("p.txt", WORDY);
    let dry = folder.run(&["review", "--fix", "--dry-run", "p.txt"]);
    assert!(
        dry.out.contains("1 finding would be mended") && dry.out.contains("+Write the notice to warn them"),
        "{}",
        dry.out
    );
    assert_eq!(std::fs::read_to_string(&path).unwrap(), WORDY);
    #[cfg(unix)]
    std::fs::set_permissions(&path, std::os::unix::fs::PermissionsExt::from_mode(0o640)).unwrap();
    let before = std::fs::metadata(&path).unwrap().permissions();
    let run = folder.run(&["review", "--fix", "p.txt"]);
    assert_eq!(run.code, 0, "{}{}", run.out, run.err);
    assert!(
        run.out.starts_with("p.txt: 1 finding mended\n  line 2: padding: `in order to` is long for `to`\n"),
        "{}",
        run.out
    );
    assert_eq!(std::fs::read_to_string(&path).unwrap(), WORDY.replace("in order to warn", "to warn"));
    assert_eq!(std::fs::metadata(&path).unwrap().permissions(), before);
}

#[cfg(unix)]
#[test]
fn fixes_leave_links_and_read_only_files_alone() {
    use std::os::unix::fs::PermissionsExt;
    let folder = Folder::new();
    let path = folder.file("p.txt", WORDY);
    std::os::unix::fs::symlink("p.txt", folder.path().join("link.txt")).unwrap();
    let run = folder.run(&["review", "--fix", "link.txt"]);
    assert_eq!(run.code, 2);
    assert!(run.err.contains("link.txt: is a link to p.txt; nothing was written"), "{}", run.err);
    std::fs::set_permissions(&path, std::fs::Permissions::from_mode(0o444)).unwrap();
    let run = folder.run(&["review", "--fix", "p.txt"]);
    assert!(run.err.contains("p.txt: is read-only; nothing was written"), "{}", run.err);
    assert_eq!(std::fs::read_to_string(&path).unwrap(), WORDY);
    let run = folder.run_with(&["review", "--fix", "-"], WORDY);
    assert!(run.err.contains("-: cannot be mended in place"), "{}", run.err);
}

#[test]
fn accepted_findings_survive_moved_lines() {
    let folder = Folder::new();
    folder.file("p.txt", WORDY);
    let run = folder.run(&["review", "--accept", "p.txt"]);
    assert_eq!(run.code, 0, "{}{}", run.out, run.err);
    assert!(run.err.contains("accepted findings are in "), "{}", run.err);
    folder.file("p.txt", format!("# Notice\r\n\r\n{WORDY}"));
    let run = folder.run(&["review", "p.txt", "--fail-at", "note"]);
    assert_eq!(run.code, 0, "{}", run.out);
    assert!(
        run.out.contains("nothing to remark · 1 finding not shown: accepted by the house"),
        "{}",
        run.out
    );
    folder.file("p.txt", WORDY.replace("Return", "In order to please, return"));
    assert_eq!(folder.run(&["review", "p.txt", "--fail-at", "note"]).code, 1, "one more of the same is new");
}

#[test]
fn checks_are_listed_and_explained() {
    let folder = Folder::new();
    insta::assert_snapshot!("checks", folder.run(&["checks"]).out);
    insta::assert_snapshot!("check", folder.run(&["checks", "clashing-demands"]).out);
    let run = folder.run(&["checks", "paddings"]);
    assert_eq!(
        (run.code, run.err.as_str()),
        (2, "neatframe: there is no check `paddings`; did you mean `padding`?\n")
    );
}

#[test]
fn every_check_has_its_page() {
    let folder = Folder::new();
    let pages = concat!(env!("CARGO_MANIFEST_DIR"), "/../../docs/checks");
    for meta in neatframe_core::checks() {
        let page = folder.run(&["checks", meta.id, "--markdown"]).out;
        let path = format!("{pages}/{}.md", meta.id);
        if std::env::var_os("BLESS").is_some() {
            std::fs::write(&path, &page).unwrap();
        }
        assert_eq!(
            std::fs::read_to_string(&path).unwrap_or_default(),
            page,
            "{path}: make it anew with BLESS=1"
        );
    }
}

#[test]
fn requirements_are_shown_and_listed() {
    let folder = Folder::new();
    folder
        .file("p.txt", "Write the notice in at most 80 words. Each title has 3 to 5 words. Use no emojis.\n");
    insta::assert_snapshot!("requirements", folder.run(&["review", "--requirements", "p.txt"]).out);
    let run = folder.run(&["review", "--format", "json", "p.txt"]);
    let json: Value = serde_json::from_str(&run.out).unwrap();
    let first = &json["documents"][0]["requirements"][0];
    assert_eq!(
        (first["subject"].as_str(), first["kind"].as_str(), first["demand"].as_str()),
        (Some("reply"), Some("amount"), Some("at most 80 words"))
    );
}

#[test]
fn the_documented_example_is_a_house() {
    let guide = include_str!("../../../docs/house.md");
    let example = guide.split("```toml\n").nth(1).and_then(|rest| rest.split("```").next()).unwrap();
    let folder = Folder::new();
    folder.file("neatframe.toml", example);
    folder.file("house-style.md", "Be calm.\n");
    folder.file("tools.md", "list_boats(day): the boats of a day\n");
    folder.file("frames.toml", "[[kind]]\nname = \"berth plan\"\nsay = [\"berth plan\"]\n");
    folder.file("agents/p.md", "Write the notice for the boat line.\n");
    let run = folder.run(&["review", "agents/p.md"]);
    assert_eq!(run.err, "");
    assert!(run.out.contains("of the tool agent frame") && run.out.contains("house-term"), "{}", run.out);
}
