//! Exact token counts for a published vocabulary.

use neatframe_core::{CountTokens, Tokens};
use std::sync::OnceLock;
use tiktoken_rs::CoreBPE;

/// The vocabulary `o200k_base`, loaded when the first text is counted.
#[derive(Default)]
pub(crate) struct Published {
    tokenizer: OnceLock<CoreBPE>,
}

/// White space beyond this many bytes in a row is counted in stretches: the library's pattern gives up on more.
const LONGEST_BLANK: usize = 100_000;

impl CountTokens for Published {
    fn encoding(&self) -> &str {
        "o200k_base"
    }

    fn count(&self, text: &str) -> Tokens {
        let tokenizer =
            self.tokenizer.get_or_init(|| tiktoken_rs::o200k_base().expect("the vocabulary is compiled in"));
        let stretches = cut_blanks(text);
        let mut lengths = Vec::with_capacity(text.len() / 4);
        for stretch in &stretches {
            let tokens = tokenizer.encode_ordinary(stretch);
            let length =
                |token: &u32| tokenizer.decode_bytes(&[*token]).map_or(0, |bytes| bytes.len() as u32);
            lengths.extend(tokens.iter().map(length));
        }
        Tokens { lengths, exact: stretches.len() == 1 }
    }
}

/// The text as one stretch, or cut within overlong runs of white space.
fn cut_blanks(text: &str) -> Vec<&str> {
    let (mut stretches, mut from, mut run) = (Vec::new(), 0, 0);
    for (at, c) in text.char_indices() {
        run = if c.is_whitespace() { run + c.len_utf8() } else { 0 };
        if run > LONGEST_BLANK {
            stretches.push(&text[from..at]);
            (from, run) = (at, 0);
        }
    }
    stretches.push(&text[from..]);
    stretches
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn tokens_add_up_to_the_text() {
        let counter = Published::default();
        let text = "Ferries leave at 07:10 — 渡船 🙂\n\n  and   stop.";
        let tokens = counter.count(text);
        assert_eq!(tokens.lengths.iter().sum::<u32>() as usize, text.len());
        assert!(tokens.exact);
    }

    #[test]
    fn overlong_blanks_are_an_estimate() {
        let text = format!("a{}b", " ".repeat(300_000));
        let tokens = Published::default().count(&text);
        assert_eq!(tokens.lengths.iter().sum::<u32>() as usize, text.len());
        assert!(!tokens.exact);
    }
}
