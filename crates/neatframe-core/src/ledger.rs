//! Tokens, and which part of the prompt they belong to.

use crate::component::Component;
use crate::slots::Slot;
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
    /// Tokens by unit, beside the review's units.
    pub by_unit: Vec<u32>,
    /// Tokens by slot as it is written, beside the review's slots.
    pub by_slot: Vec<u32>,
    /// Tokens before the first slot: the head that stays the same at every call, and that a cache can hold.
    pub head: usize,
    /// Tokens of headings, marks and the white space between parts.
    pub marks: usize,
}

/// Counts the tokens of a text and gives each to the part that holds its last byte, so that the parts add up to the total.
pub(crate) fn count(
    text: &str,
    parts: &[(Span, Option<Component>)],
    slots: &[Slot],
    counter: &dyn CountTokens,
) -> Ledger {
    let Tokens { lengths, exact } = counter.count(text);
    let mut ledger =
        Ledger { encoding: counter.encoding().into(), exact, total: lengths.len(), ..Ledger::default() };
    ledger.by_unit = vec![0; parts.len()];
    ledger.by_slot = vec![0; slots.len()];
    ledger.head = lengths.len();
    let (mut at, mut part, mut slot) = (0, 0, 0);
    for (nth, length) in lengths.into_iter().enumerate() {
        at += length as usize;
        while slot < slots.len() && slots[slot].span.end() < at {
            slot += 1;
        }
        if let Some(holder) = slots.get(slot).filter(|holder| holder.span.start() < at) {
            ledger.by_slot[slot] += 1;
            if slot == 0 && holder.span.start() < at {
                ledger.head = ledger.head.min(nth);
            }
        }
        while part < parts.len() && parts[part].0.end() < at {
            part += 1;
        }
        let holder = parts.get(part).filter(|(span, _)| span.start() < at);
        if holder.is_some() {
            ledger.by_unit[part] += 1;
        }
        let component = holder.and_then(|(_, component)| *component);
        match component {
            Some(component) => ledger.by_component[component.index()] += 1,
            None => ledger.marks += 1,
        }
    }
    ledger
}

/// For tests that do not ask about tokens: every byte is one.
/// For readings whose tokens nobody asks for.
pub(crate) struct Uncounted;

impl CountTokens for Uncounted {
    fn encoding(&self) -> &str {
        ""
    }

    fn count(&self, _: &str) -> Tokens {
        Tokens::default()
    }
}

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
        let ledger = count("one two # abc", &parts, &[], &ByWord);
        assert_eq!((ledger.total, ledger.marks), (4, 1));
        assert_eq!(ledger.by_component[Component::Task.index()], 2);
        assert_eq!((ledger.by_unit, ledger.head), (vec![2, 1], 4));
        assert_eq!(ledger.total, ledger.marks + ledger.by_component.iter().sum::<usize>());
    }
}
