//! What the program knows about words: compiled in from `data/*.toml`, looked up by whole word sequences.

#[cfg(test)]
mod pattern;
pub(crate) mod vocabulary;
mod walk;

use crate::component::{Component, Facet};
use crate::words::Word;
use vocabulary::{NUMBER, NUMBER_WORD};
use walk::{End, Walk};

/// Which file of the lexicon a hit comes from.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub(crate) enum Set {
    Vague,
    Padding,
    Cue,
    Title,
    Kind,
    Hedge,
    Ban,
    Charm,
    Pole,
}

/// A word or phrase that two readers would carry out differently.
pub(crate) struct VagueTerm {
    pub(crate) kind: VagueKind,
    pub(crate) write: &'static str,
}

/// What makes a term vague, and so what can pin it down.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum VagueKind {
    /// A quality with no measure.
    Quality,
    /// A quality that leaves something open only in front of what is ordered ("give a practical overview").
    Attribute,
    /// An amount with no number.
    Quantity,
    /// A length with no number.
    Length,
    /// The decision is left to the reader ("as appropriate").
    Deferral,
    /// An open end ("etc.").
    OpenEnd,
    /// An ask with no object or no measure at all.
    Bare,
    /// A phrase that only looks vague ("as well"): it silences what stands in it.
    Plain,
}

/// A phrase that can go, with its short form.
pub(crate) struct PaddingTerm {
    pub(crate) kind: PaddingKind,
    /// What says the same in fewer words; empty when the phrase can simply go.
    pub(crate) short: &'static str,
}

/// What kind of padding a phrase is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum PaddingKind {
    /// A phrase that adds no meaning.
    Filler,
    /// A greeting, thanks or politeness.
    Pleasantry,
    /// A word that only raises the voice.
    Intensifier,
    /// A long form of a short word.
    Inflated,
    /// A line left over from a chat.
    ChatLine,
}

/// A phrase that speaks for a component.
pub(crate) struct Cue {
    pub(crate) name: &'static str,
    pub(crate) component: Component,
    pub(crate) facet: Option<Facet>,
    pub(crate) weight: f32,
}

/// Words of a section title that speak for a component.
pub(crate) struct Title {
    pub(crate) component: Component,
}

/// A kind of work, known by words in the task.
pub(crate) struct KindOfWork {
    pub(crate) name: &'static str,
    pub(crate) weight: f32,
}

/// One of the demands that stand against each other on an axis.
pub(crate) struct Pole {
    pub(crate) axis: &'static str,
    pub(crate) name: &'static str,
    /// The pole that a negation turns it into; empty when it turns into none, and "as said" where the wordings hold a negation of
    /// their own.
    pub(crate) flips: &'static str,
}

include!(concat!(env!("OUT_DIR"), "/lexicon.rs"));

/// A pattern found in a run of words; `first` and `last` are indices into that run, both included.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) struct Hit {
    pub(crate) set: Set,
    pub(crate) entry: u16,
    pub(crate) first: usize,
    pub(crate) last: usize,
}

impl Hit {
    /// True for a phrase that only looks vague.
    fn is_plain(&self) -> bool {
        self.set == Set::Vague && VAGUE[self.entry as usize].kind == VagueKind::Plain
    }

    /// True for a word that names a quality, an amount or a length and leaves it open: "short", "friendly".
    pub(crate) fn names_quality(&self) -> bool {
        self.set == Set::Vague
            && matches!(
                VAGUE[self.entry as usize].kind,
                VagueKind::Quality | VagueKind::Length | VagueKind::Quantity
            )
    }
}

/// Finds every pattern in a run of words. Of several of one set at one place, the longest is kept, and of two as long
/// the one that silences.
pub(crate) fn find(words: &[Word], hits: &mut Vec<Hit>) {
    hits.clear();
    let opening = words.iter().position(|word| !word.is_punctuation()).unwrap_or(0);
    let mut walk = Walk::new(words);
    for (first, word) in words.iter().enumerate() {
        walk.from(first, first == opening, word.id);
        keep(&walk, hits);
        if word.is(NUMBER_WORD) {
            walk.from(first, first == opening, NUMBER);
            keep(&walk, hits);
        }
    }
}

/// The same in words of which some are emphasised, "do *not* add": signs of emphasis stand in no pattern.
pub(crate) fn find_in(text: &str, words: &[Word], hits: &mut Vec<Hit>) {
    let emphasis = |word: &Word| word.is_punctuation() && word.text(text).bytes().all(|b| b == b'*');
    if !words.iter().any(emphasis) {
        return find(words, hits);
    }
    let (places, plain): (Vec<usize>, Vec<Word>) =
        words.iter().copied().enumerate().filter(|(_, word)| !emphasis(word)).unzip();
    find(&plain, hits);
    for hit in hits {
        (hit.first, hit.last) = (places[hit.first], places[hit.last]);
    }
}

/// How many of the last hits can still reach a place; a bound, so that a text of one word stays linear.
const NEAR: usize = 32;

/// Adds what a walk has found, unless a longer hit of its set stands there.
fn keep(walk: &Walk<'_>, hits: &mut Vec<Hit>) {
    let first = walk.first;
    for &walk::Match { set, entry, last, .. } in &walk.found {
        let hit = Hit { set, entry, first, last };
        let near = hits.len().saturating_sub(NEAR);
        // Demands on two axes may share their words.
        let same_axis = |other: &Hit| {
            hit.set != Set::Pole || POLES[other.entry as usize].axis == POLES[hit.entry as usize].axis
        };
        let rival = hits[near..]
            .iter()
            .rposition(|h| h.set == hit.set && h.first <= first && first <= h.last && same_axis(h));
        match rival.map(|at| at + near) {
            // Cues add up; of the rest the longest counts.
            Some(at) if hit.set != Set::Cue => {
                let longer = hits[at].last < last || hits[at].last == last && hit.is_plain();
                if hits[at].first == first && longer {
                    hits[at] = hit;
                }
            }
            _ => hits.push(hit),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn found(text: &str, set: Set) -> Vec<&str> {
        let words = Words::read(text, 0);
        let words = words.within(Span::new(0, text.len()));
        let mut hits = Vec::new();
        find(words, &mut hits);
        let span = |hit: &Hit| &text[words[hit.first].start as usize..words[hit.last].end as usize];
        hits.iter().filter(|hit| hit.set == set).map(span).collect()
    }

    #[test]
    fn the_longest_of_a_set_wins() {
        assert_eq!(
            found("Write it in a Good Way, as appropriate.", Set::Vague),
            ["in a Good Way", "as appropriate"]
        );
    }

    #[test]
    fn anchored_patterns_hold_to_the_start() {
        assert_eq!(found("Hi there! Say hi there.", Set::Padding), ["Hi there!"]);
    }
}
