//! Tokens, and which part of the prompt they belong to.

use crate::component::Component;
use crate::span::Span;

/// Cuts texts into tokens. The caller brings the vocabulary.
pub trait CountTokens: Sync {
    /// The vocabulary's published name, such as `o200k_base`.
    fn encoding(&self) -> &str;

    /// Cuts a text into tokens.
    fn count(&self, text: &str) -> Tokens;
}

/// The tokens of one text.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Tokens {
    /// The length in bytes of each token, in order. They add up to the text's length.
    pub lengths: Vec<u32>,
    /// False when the count is an estimate.
    pub exact: bool,
}

/// What each part of a prompt costs, in tokens.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Ledger {
    /// The vocabulary's name.
    pub encoding: String,
    /// False for an estimate.
    pub exact: bool,
    /// Tokens of the whole file.
    pub total: usize,
    /// Tokens by component, in the order of [`Component::ALL`].
    pub by_component: [usize; 6],
    /// Tokens of headings, marks and the white space between parts.
    pub marks: usize,
}

/// Counts the tokens of a text and gives each to the part that holds its last byte, so that the parts add up to the total.
pub(crate) fn count(text: &str, parts: &[(Span, Option<Component>)], counter: &dyn CountTokens) -> Ledger {
    let Tokens { lengths, exact } = counter.count(text);
    let mut ledger =
        Ledger { encoding: counter.encoding().into(), exact, total: lengths.len(), ..Ledger::default() };
    let mut at = 0;
    let mut part = 0;
    for length in lengths {
        at += length as usize;
        while part < parts.len() && parts[part].0.end() < at {
            part += 1;
        }
        let component =
            parts.get(part).filter(|(span, _)| span.start() < at).and_then(|(_, component)| *component);
        match component {
            Some(component) => ledger.by_component[component.index()] += 1,
            None => ledger.marks += 1,
        }
    }
    ledger
}

/// For tests that do not ask about tokens: every byte is one.
#[cfg(test)]
pub(crate) struct Bytes;

#[cfg(test)]
impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    struct ByWord;

    impl CountTokens for ByWord {
        fn encoding(&self) -> &str {
            "words"
        }

        fn count(&self, text: &str) -> Tokens {
            Tokens { lengths: text.split_inclusive(' ').map(|word| word.len() as u32).collect(), exact: true }
        }
    }

    #[test]
    fn parts_add_up_to_the_total() {
        let parts = [(Span::new(0, 8), Some(Component::Task)), (Span::new(10, 13), Some(Component::Context))];
        let ledger = count("one two # abc", &parts, &ByWord);
        assert_eq!((ledger.total, ledger.marks), (4, 1));
        assert_eq!(ledger.by_component[Component::Task.index()], 2);
        assert_eq!(ledger.total, ledger.marks + ledger.by_component.iter().sum::<usize>());
    }
}
