//! What must hold of every restructured prompt, on all labelled prompts.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

use neatframe_core::{
    Change, CountTokens, Family, Finding, Reframed, Review, Settings, Source, Tokens, Wishes, reframe, review,
};

/// Four bytes a token.
struct Quarter;

impl CountTokens for Quarter {
    fn encoding(&self) -> &str {
        "quarter"
    }

    fn count(&self, text: &str) -> Tokens {
        let rest = text.len() % 4;
        let mut lengths = vec![4; text.len() / 4];
        lengths.extend((rest > 0).then_some(rest as u32));
        Tokens { lengths, exact: true }
    }
}

fn read(text: &str) -> Review {
    review(Source::from_bytes(text.as_bytes().to_vec()).unwrap(), &Settings::default(), &Quarter)
}

/// Every labelled prompt: its name, its text, and whether its labels name a fault.
fn prompts() -> Vec<(String, String, bool)> {
    let mut found = Vec::new();
    for folder in ["train", "held", "faults"] {
        let folder = format!("{}/tests/labelled/{folder}", env!("CARGO_MANIFEST_DIR"));
        for entry in std::fs::read_dir(folder).unwrap() {
            let path = entry.unwrap().path();
            let labelled = std::fs::read_to_string(&path).unwrap();
            let bodies = labelled.lines().map(|line| line.split_once('|').map_or("", |(_, body)| body));
            let text = bodies.map(|body| format!("{body}\n")).collect();
            let faulty = labelled.lines().any(|line| line.split('|').next().unwrap().contains('!'));
            found.push((path.file_stem().unwrap().to_string_lossy().into_owned(), text, faulty));
        }
    }
    found.sort();
    assert!(found.len() > 100);
    found
}

/// Bytes of lines and slots that were added.
fn added(reframed: &Reframed) -> usize {
    let bytes = |note: &neatframe_core::Note| note.words.len() + note.now.len() + 8;
    reframed.notes.iter().filter(|note| note.change == Change::Added).map(bytes).sum()
}

#[test]
fn numbers_names_quotations_and_links_are_kept_or_named() {
    for (name, text, _) in prompts() {
        let out = reframe(&read(&text), &Wishes::default());
        let told: String = out.notes.iter().map(|note| format!("{} ", note.words)).collect();
        let marked = |token: &&str| {
            token.starts_with("http")
                || token.starts_with(['"', '`', '{', '<'])
                || token.chars().any(|c| c.is_ascii_digit())
        };
        // The number of a step may change where one before it goes.
        let step = |token: &str| token.trim_matches(['.', ')', ':', '(']).chars().all(|c| c.is_ascii_digit());
        for token in text.split_whitespace().filter(marked).filter(|token| !step(token)) {
            let bare = token.trim_matches(['.', ',', ';', ':', '!', '?']);
            // A value is named without the brackets around its record.
            let bare = if bare.starts_with('"') { bare.trim_end_matches(['}', ']', '`']) } else { bare };
            assert!(
                out.text.contains(bare) || told.contains(bare),
                "{name}: `{bare}` is lost in\n{}",
                out.text
            );
        }
    }
}

#[test]
fn what_a_certain_edit_could_have_removed_is_gone_and_no_conflict_is_new() {
    let certain = |finding: &&Finding| {
        !finding.fix.is_empty()
            && matches!(finding.family, Family::Markup | Family::Redundant | Family::Wordy | Family::Steps)
    };
    let conflicts =
        |review: &Review| review.findings().iter().filter(|f| f.family == Family::Conflict).count();
    for (name, text, _) in prompts() {
        let before = read(&text);
        let out = reframe(&before, &Wishes::default());
        let after = read(&out.text);
        let left: Vec<&Finding> = after.findings().iter().filter(certain).collect();
        assert!(left.is_empty(), "{name}: {left:#?}\n{}", out.text);
        assert!(conflicts(&after) <= conflicts(&before), "{name}: a new conflict in\n{}", out.text);
    }
}

#[test]
fn reframing_the_result_changes_nothing() {
    for (name, text, _) in prompts() {
        let once = reframe(&read(&text), &Wishes::default()).text;
        let twice = reframe(&read(&once), &Wishes::default()).text;
        assert_eq!(once, twice, "{name}");
    }
}

#[test]
fn results_grow_little_and_good_prompts_hardly_change() {
    for (name, text, faulty) in prompts() {
        let before = read(&text);
        let out = reframe(&before, &Wishes::default());
        let grown = out.text.len().saturating_sub(added(&out));
        assert!(grown * 4 <= text.len() * 5, "{name}: {} bytes became {grown}\n{}", text.len(), out.text);
        let passed = !faulty && before.findings().is_empty();
        if passed {
            let changed = out.text.len().abs_diff(text.len());
            assert!(
                changed * 10 <= text.len() + added(&out) * 10,
                "{name}: {} bytes of {}",
                changed,
                text.len()
            );
        }
    }
}

/// What is told not to be done is never ordered, whatever is cut around it.
#[test]
fn a_hedged_ban_stays_a_ban() {
    const BANS: [&str; 12] = [
        "Try not to name the captain.",
        "Please try not to name the captain.",
        "Also try your best not to name the captain.",
        "Maybe you should not name the captain.",
        "It would be nice if you did not name the captain.",
        "I would prefer it if you didn't name the captain.",
        "You might want to avoid naming the captain.",
        "If possible, do not name the captain.",
        "It might be good not to name the captain.",
        "Perhaps you could leave out the name of the captain.",
        "Could you please not name the captain?",
        "I was hoping you would not name the captain.",
    ];
    const DENIES: [&str; 7] = ["not", "n't", "never", "no ", "avoid", "without", "out"];
    for ban in BANS {
        let text = format!("You are a clerk of the ferry line.\nWrite a notice.\n{ban}\nName the pier.\n");
        let out = reframe(&read(&text), &Wishes::default());
        let kept = out.text.lines().find(|line| line.contains("captain"));
        let kept = kept.unwrap_or_else(|| panic!("{ban} is gone: {}", out.text));
        assert!(DENIES.iter().any(|sign| kept.to_lowercase().contains(sign)), "{ban} became {kept}");
    }
}
