//! What several test programs use.
#![allow(dead_code, unused_macros, unreachable_pub, clippy::unwrap_used)]

use neatframe_core::{CountTokens, Family, Review, Settings, Source, Tokens, review};

/// Counts every byte as a token.
pub struct Bytes;

impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

/// A prompt, reviewed as it stands.
pub fn read(text: &str) -> Review {
    review(Source::from_bytes(text.as_bytes().to_vec()).unwrap(), &Settings::default(), &Bytes)
}

/// The checks of a family that a prompt raises, each once for every finding.
pub fn raised(family: Family, text: &str) -> Vec<&'static str> {
    read(text)
        .findings()
        .iter()
        .filter(|finding| finding.family == family)
        .map(|finding| finding.check)
        .collect()
}

/// A row each: a prompt, and the checks of one family that it raises.
macro_rules! remarks {
    ($family:ident: $($name:ident: $text:expr => [$($check:expr),*];)*) => {
        $(#[test]
        fn $name() {
            let wanted: Vec<&str> = vec![$($check),*];
            assert_eq!($crate::common::raised(neatframe_core::Family::$family, $text), wanted);
        })*
    };
}
