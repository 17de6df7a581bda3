//! Exact token counts for a published vocabulary.

use neatframe_core::CountTokens;
use std::sync::OnceLock;
use tiktoken_rs::CoreBPE;

/// The vocabulary `o200k_base`, loaded when the first text is counted.
#[derive(Default)]
pub(crate) struct Published {
    tokenizer: OnceLock<CoreBPE>,
}

impl CountTokens for Published {
    fn encoding(&self) -> &str {
        "o200k_base"
    }

    fn lengths(&self, text: &str) -> Vec<u32> {
        let tokenizer =
            self.tokenizer.get_or_init(|| tiktoken_rs::o200k_base().expect("the vocabulary is compiled in"));
        let tokens = tokenizer.encode_ordinary(text);
        tokens
            .iter()
            .map(|&token| tokenizer.decode_bytes(&[token]).map_or(0, |bytes| bytes.len() as u32))
            .collect()
    }
}
