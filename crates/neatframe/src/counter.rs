//! Token counts: exact for the published vocabularies, an estimate by a stated factor where a vocabulary is not public.

use anyhow::{Context, Result, ensure};
use neatframe_core::{CountTokens, Tokens};
use neatframe_tokens::Vocabulary;

/// How tokens are counted.
pub(crate) struct Counter {
    vocabulary: &'static Vocabulary,
    name: String,
    /// Tokens for one of `o200k_base`; `None` for an exact count.
    factor: Option<f64>,
}

impl Default for Counter {
    fn default() -> Counter {
        let vocabulary = Vocabulary::o200k_base();
        Counter { vocabulary, name: vocabulary.name().into(), factor: None }
    }
}

impl Counter {
    /// A vocabulary by its published name, or `estimate:1.15` for 1.15 tokens to one of `o200k_base`.
    pub(crate) fn named(name: &str) -> Result<Counter> {
        if let Some(vocabulary) = Vocabulary::named(name) {
            return Ok(Counter { vocabulary, name: name.into(), factor: None });
        }
        let written = name.strip_prefix("estimate:").with_context(|| {
            format!("there is no vocabulary `{name}`; there are o200k_base, cl100k_base, and estimate:FACTOR for others")
        })?;
        let factor: f64 =
            written.parse().ok().with_context(|| format!("`{written}` is no factor; write estimate:1.15"))?;
        ensure!((0.1..=10.0).contains(&factor), "a factor of {factor} is beyond 0.1 to 10");
        Ok(Counter { factor: Some(factor), name: format!("{factor} × o200k_base"), ..Counter::default() })
    }
}

impl CountTokens for Counter {
    fn encoding(&self) -> &str {
        &self.name
    }

    fn count(&self, text: &str) -> Tokens {
        let mut lengths = Vec::with_capacity(text.len() / 4);
        self.vocabulary.lengths(text, |length| lengths.push(length));
        match self.factor {
            None => Tokens { lengths, exact: true },
            Some(factor) => Tokens { lengths: spread(&lengths, factor), exact: false },
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
