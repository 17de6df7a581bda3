//! Token for token the same as the published crate.
#![allow(clippy::unwrap_used)]

use neatframe_tokens::Vocabulary;
use proptest::prelude::*;
use std::sync::OnceLock;
use tiktoken_rs::CoreBPE;

fn pairs() -> &'static [(&'static Vocabulary, CoreBPE); 2] {
    static PAIRS: OnceLock<[(&'static Vocabulary, CoreBPE); 2]> = OnceLock::new();
    PAIRS.get_or_init(|| {
        [
            (Vocabulary::o200k_base(), tiktoken_rs::o200k_base().unwrap()),
            (Vocabulary::cl100k_base(), tiktoken_rs::cl100k_base().unwrap()),
        ]
    })
}

#[track_caller]
fn same(text: &str) {
    for (ours, theirs) in pairs() {
        let mut lengths = Vec::new();
        ours.lengths(text, |length| lengths.push(length as usize));
        let tokens = theirs.encode_ordinary(text);
        let wanted: Vec<usize> =
            tokens.iter().map(|token| theirs.decode_bytes(&[*token]).unwrap().len()).collect();
        assert_eq!(lengths, wanted, "{} on {text:?}", ours.name());
    }
}

#[test]
fn every_prompt_at_hand() {
    let root = concat!(env!("CARGO_MANIFEST_DIR"), "/../..");
    let mut folders =
        vec![std::path::PathBuf::from(root).join("demo"), std::path::PathBuf::from(root).join("crates")];
    let mut count = 0;
    while let Some(folder) = folders.pop() {
        for entry in std::fs::read_dir(folder).unwrap() {
            let path = entry.unwrap().path();
            if path.is_dir() {
                folders.push(path);
            } else if let Ok(text) = std::fs::read_to_string(&path) {
                same(&text);
                count += 1;
            }
        }
    }
    assert!(count > 150, "{count} files");
}

#[test]
fn what_patterns_trip_over() {
    for text in [
        "",
        " ",
        "\n",
        "\r\n",
        "  \n  x",
        "a  \n\n  ",
        "x   ",
        "\t\tx",
        "don't DON'T we'LL I'Ve it'ſ 'ſ",
        "'s",
        "''s",
        "x's's",
        "123456789",
        "a1b2",
        "HTMLParser XMLhttp ÉCOLE École écoLE",
        "ǅungla ʰa ªº ßẞ",
        "e\u{301}a\u{301} \u{301}x \u{301}\u{301}",
        "漢字とかな交じり 한국어 ไทย",
        "👩‍✈️🏴󠁧󠁢󠁳󠁣󠁴󠁿 🙂🙂",
        "path/to//file ///\n//",
        "!!!\n\n?? //\r\n",
        "\u{a0}x \u{2003}y \u{3000}z\u{3000}",
        "<|endoftext|>",
        "\u{0}\u{1}\u{7f}",
        "½ Ⅻ ³ ١٢٣٤",
        "a\u{200d}b",
        "_foo __init__",
        "x\u{2028}y\u{85}z",
    ] {
        same(text);
    }
}

#[test]
fn long_runs() {
    for unit in ["a", " ", "A", "\n", "🙂", "é", "0", "-", "ab", "\u{301}", "漢", " a", "'s"] {
        same(&unit.repeat(700));
        same(&format!("x{}y", unit.repeat(301)));
    }
}

/// Texts made of what the patterns tell apart, in any order.
fn text() -> impl Strategy<Value = String> {
    let piece = prop_oneof![
        "[ \t\r\n\u{a0}\u{3000}]{1,4}",
        "'(s|S|t|re|VE|ll|d|x|ſ)",
        "[0-9]{1,7}",
        "[a-z]{1,9}",
        "[A-Z][a-z]{0,6}[A-Z]{0,2}",
        "[!-/:-@\\[-`{-~]{1,4}",
        "[à-ÿÀ-Þ]{1,4}",
        "[\u{300}-\u{30f}]{1,3}",
        "[一-丏あ-お가-각]{1,4}",
        "[α-ωА-я]{1,6}",
        "[\u{1f600}-\u{1f64f}\u{200d}\u{fe0f}]{1,3}",
        "[ǅǈʰˀªº½Ⅻ³٠-٩]{1,3}",
        "\\PC{0,5}",
    ];
    prop::collection::vec(piece, 0..14).prop_map(|pieces| pieces.concat())
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 20_000, failure_persistence: None, rng_seed: proptest::test_runner::RngSeed::Fixed(7), ..ProptestConfig::default() })]

    #[test]
    fn generated_texts(text in text()) {
        same(&text);
    }
}
