//! Vocabularies of a user's own, in the widespread form of a `tokenizer.json`.

use anyhow::{Result, anyhow};
use std::path::Path;
use tokenizers::Tokenizer;

/// A vocabulary read from a file.
pub(crate) struct VocabularyFile {
    tokenizer: Tokenizer,
}

impl VocabularyFile {
    /// Reads a `tokenizer.json`. Errors name the file and the reason.
    pub(crate) fn read(path: &Path) -> Result<VocabularyFile> {
        let name = crate::output::visible(&path.display().to_string());
        let tokenizer = Tokenizer::from_file(path)
            .map_err(|error| anyhow!("{name}: not a vocabulary in the form of a tokenizer.json: {error}"))?;
        Ok(VocabularyFile { tokenizer })
    }

    /// The length of each token in bytes of the text, in order; tokens that share one character are empty but for the last.
    /// Marks that the vocabulary sets at the head and end of every text are left out.
    pub(crate) fn lengths(&self, text: &str) -> Vec<u32> {
        let Ok(encoding) = self.tokenizer.encode(text, false) else { return vec![text.len() as u32] };
        let mut ends: Vec<usize> = encoding.get_offsets().iter().skip(1).map(|(start, _)| *start).collect();
        if !encoding.is_empty() {
            ends.push(text.len());
        }
        let mut from = 0;
        let length = |end: usize| {
            let length = end.max(from) - from;
            from = end.max(from);
            length as u32
        };
        ends.into_iter().map(length).collect()
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    /// Words split at white space, three of them known.
    const SMALL: &str = r#"{
        "version": "1.0", "truncation": null, "padding": null, "added_tokens": [], "normalizer": null,
        "pre_tokenizer": {"type": "Whitespace"}, "post_processor": null, "decoder": null,
        "model": {"type": "WordLevel", "vocab": {"[UNK]": 0, "the": 1, "ferry": 2, "leaves": 3}, "unk_token": "[UNK]"}
    }"#;

    #[test]
    fn tokens_cover_the_text() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("tokenizer.json");
        std::fs::write(&path, SMALL).unwrap();
        let vocabulary = VocabularyFile::read(&path).unwrap();
        assert_eq!(vocabulary.lengths("the ferry  leaves ö!"), [4, 7, 7, 2, 1]);
        assert!(vocabulary.lengths("").is_empty());
    }

    #[test]
    fn other_files_are_refused_by_name() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("tokenizer.json");
        std::fs::write(&path, "{\"rows\": 3}").unwrap();
        let error = VocabularyFile::read(&path).err().unwrap().to_string();
        assert!(error.contains("tokenizer.json: not a vocabulary"), "{error}");
    }
}
