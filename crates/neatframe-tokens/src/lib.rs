//! Exact token counts for the vocabularies `o200k_base` and `cl100k_base`.
//!
//! The tables are made when the crate is built and looked up where they lie in the program: nothing is loaded at start.
//!
//! ```
//! use neatframe_tokens::Vocabulary;
//!
//! let vocabulary = Vocabulary::o200k_base();
//! assert_eq!(vocabulary.count("The ferry leaves at seven."), 6);
//! let mut lengths = Vec::new();
//! vocabulary.lengths("ferries", |length| lengths.push(length));
//! assert_eq!(lengths.iter().sum::<u32>(), 7);
//! ```
#![deny(missing_docs)]

mod class;
mod hash;
mod merge;
mod split;
mod vocabulary;

pub use vocabulary::Vocabulary;

use merge::Merger;

impl Vocabulary {
    /// How many tokens a text is. Marks such as an end-of-text sign count as the characters they are written in.
    pub fn count(&self, text: &str) -> usize {
        let mut count = 0;
        self.lengths(text, |_| count += 1);
        count
    }

    /// Gives the length in bytes of each token of a text, in order; they add up to the text's length.
    pub fn lengths(&self, text: &str, mut token: impl FnMut(u32)) {
        let mut merger = Merger::default();
        let mut rest = text;
        while !rest.is_empty() {
            let length = self.pattern.first(rest);
            let (piece, after) = rest.split_at(length);
            merger.piece(self, piece.as_bytes(), &mut token);
            rest = after;
        }
    }
}
