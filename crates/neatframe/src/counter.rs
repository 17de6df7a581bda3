//! Token counts for a published vocabulary.

use neatframe_core::{CountTokens, Tokens};
use neatframe_tokens::Vocabulary;

/// Counts with a published vocabulary; `o200k_base` unless another is named.
pub(crate) struct Published(&'static Vocabulary);

impl Default for Published {
    fn default() -> Published {
        Published(Vocabulary::o200k_base())
    }
}

impl CountTokens for Published {
    fn encoding(&self) -> &str {
        self.0.name()
    }

    fn count(&self, text: &str) -> Tokens {
        let mut lengths = Vec::with_capacity(text.len() / 4);
        self.0.lengths(text, |length| lengths.push(length));
        Tokens { lengths, exact: true }
    }
}
