//! Token counts: exact for the published vocabularies and for a user's own, an estimate by a stated factor where a
//! vocabulary is not public.

use anyhow::{Context, Result, ensure};
use neatframe_core::{CountTokens, Tokens};
use neatframe_tokens::Vocabulary;

/// How tokens are counted.
pub(crate) struct Counter {
    name: String,
    by: By,
}

enum By {
    Published(&'static Vocabulary),
    /// Tokens for one of `o200k_base`.
    Factor(f64),
    #[cfg(feature = "vocabulary-files")]
    File(Box<crate::vocabulary_file::VocabularyFile>),
}

impl Default for Counter {
    fn default() -> Counter {
        let vocabulary = Vocabulary::o200k_base();
        Counter { name: vocabulary.name().into(), by: By::Published(vocabulary) }
    }
}

impl Counter {
    /// A vocabulary by its published name, the path of a `tokenizer.json`, or `estimate:1.15` for 1.15 tokens to one of
    /// `o200k_base`.
    pub(crate) fn named(name: &str) -> Result<Counter> {
        if let Some(vocabulary) = Vocabulary::named(name) {
            return Ok(Counter { name: name.into(), by: By::Published(vocabulary) });
        }
        if std::path::Path::new(name).extension().is_some_and(|ending| ending == "json") {
            return of_file(name);
        }
        let written = name.strip_prefix("estimate:").with_context(|| {
            format!(
                "there is no vocabulary `{name}`; there are o200k_base, cl100k_base, the path of a tokenizer.json, and \
                 estimate:FACTOR for others"
            )
        })?;
        let factor: f64 =
            written.parse().ok().with_context(|| format!("`{written}` is no factor; write estimate:1.15"))?;
        ensure!((0.1..=10.0).contains(&factor), "a factor of {factor} is beyond 0.1 to 10");
        Ok(Counter { name: format!("{factor} × o200k_base"), by: By::Factor(factor) })
    }
}

#[cfg(feature = "vocabulary-files")]
fn of_file(path: &str) -> Result<Counter> {
    let file = crate::vocabulary_file::VocabularyFile::read(path.as_ref())?;
    Ok(Counter { name: path.into(), by: By::File(Box::new(file)) })
}

#[cfg(not(feature = "vocabulary-files"))]
fn of_file(path: &str) -> Result<Counter> {
    anyhow::bail!(
        "{path}: this build reads no vocabulary files; build it with `--features vocabulary-files`, or use estimate:FACTOR"
    )
}

impl CountTokens for Counter {
    fn encoding(&self) -> &str {
        &self.name
    }

    fn count(&self, text: &str) -> Tokens {
        let published = |vocabulary: &Vocabulary| {
            let mut lengths = Vec::with_capacity(text.len() / 4);
            vocabulary.lengths(text, |length| lengths.push(length));
            lengths
        };
        match &self.by {
            By::Published(vocabulary) => Tokens { lengths: published(vocabulary), exact: true },
            By::Factor(factor) => {
                Tokens { lengths: spread(&published(Vocabulary::o200k_base()), *factor), exact: false }
            }
            #[cfg(feature = "vocabulary-files")]
            By::File(file) => Tokens { lengths: file.lengths(text), exact: true },
        }
    }
}

/// As many tokens as the factor asks for, spread evenly over the text; a token may then be empty.
fn spread(lengths: &[u32], factor: f64) -> Vec<u32> {
    let wanted = (lengths.len() as f64 * factor).round().max(1.0) as usize;
    let total: u64 = lengths.iter().map(|length| u64::from(*length)).sum();
    let edge = |nth: usize| (total * nth as u64 / wanted as u64) as u32;
    (0..wanted).map(|nth| edge(nth + 1) - edge(nth)).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn estimates_add_up_and_say_so() {
        let counter = Counter::named("estimate:1.5").unwrap();
        let text = "The ferry leaves at seven from the old quay.";
        let tokens = counter.count(text);
        let exact = Counter::default().count(text).lengths.len();
        assert_eq!(tokens.lengths.iter().sum::<u32>() as usize, text.len());
        assert_eq!((tokens.lengths.len(), tokens.exact), ((exact as f64 * 1.5).round() as usize, false));
    }

    #[test]
    fn unknown_vocabularies_are_refused() {
        assert!(Counter::named("nothing").is_err());
        assert!(Counter::named("estimate:lots").is_err());
        assert!(Counter::named("estimate:0").is_err());
    }
}
