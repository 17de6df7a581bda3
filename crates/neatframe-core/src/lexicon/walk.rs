//! Finds every pattern that begins at a word, in one walk through the automaton that the build script made of them.

use super::vocabulary::{self, PUNCTUATION, STOP_MARK};
use super::{EDGES_OF, ENDS, ENDS_OF, FIRST, GROUP_IDS, GROUPS, Set, TARGETS, TOKENS};
use crate::words::Word;

/// What a pattern says where it ends.
pub(crate) struct End {
    pub(super) set: Set,
    pub(super) entry: u16,
    pub(super) at_start: bool,
    pub(super) at_end: bool,
}

/// From here on a token stands for one of several words: `GROUP` and the number of the group.
const GROUP: u16 = 0x8000;
/// A number.
const A_NUMBER: u16 = 0xffff;
/// Any one word.
const ANY: u16 = 0xfffe;
/// Up to four words.
const GAP: u16 = 0xfffd;

/// A pattern that was found. In the order of these, longest pattern first and then the one that names most of its words: of
/// two equal hits the same one always stays.
#[derive(PartialEq, Eq, PartialOrd, Ord)]
pub(super) struct Match {
    rank: (u8, u8),
    pub(super) set: Set,
    pub(super) entry: u16,
    pub(super) last: usize,
}

/// A walk from one word on.
pub(super) struct Walk<'a> {
    pub(super) words: &'a [Word],
    pub(super) first: usize,
    /// True when no word stands before the first.
    pub(super) opens: bool,
    pub(super) found: Vec<Match>,
    /// The ways with a gap that came to an end: of those that differ in the width of the gap only, the narrowest counts.
    passed: Vec<u64>,
}

/// How far a walk has come.
#[derive(Clone, Copy)]
struct Way {
    state: u16,
    at: usize,
    length: u8,
    open: u8,
    /// Tells ways apart by their edges.
    path: u64,
    gap: bool,
}

impl<'a> Walk<'a> {
    pub(super) fn new(words: &'a [Word]) -> Walk<'a> {
        Walk { words, first: 0, opens: false, found: Vec::new(), passed: Vec::new() }
    }

    /// Collects in `found`, in order, what begins at the word `first`, read as the word with this id.
    pub(super) fn from(&mut self, first: usize, opens: bool, id: u32) {
        self.found.clear();
        if !vocabulary::is_known(id) || FIRST[id as usize] == 0 {
            return;
        }
        (self.first, self.opens) = (first, opens);
        self.passed.clear();
        self.step(Way { state: FIRST[id as usize], at: first, length: 0, open: 0, path: 0, gap: false });
        self.found.sort_unstable();
    }

    /// Gaps are short and so are patterns, so this is linear.
    fn step(&mut self, way: Way) {
        self.end(way);
        let state = usize::from(way.state);
        let (from, to) = (EDGES_OF[state] as usize, EDGES_OF[state + 1] as usize);
        let tokens = &TOKENS[from..to];
        let next = |edge: usize, at: usize| Way {
            state: TARGETS[from + edge],
            at,
            length: way.length + 1,
            open: way.open + u8::from(tokens[edge] >= GAP),
            path: (way.path ^ (from + edge) as u64).wrapping_mul(0x9e37_79b9_7f4a_7c15),
            gap: way.gap || tokens[edge] == GAP,
        };
        let word = self.words.get(way.at + 1);
        let known = word.filter(|word| vocabulary::is_known(word.id)).map(|word| word.id as u16);
        let open = tokens.partition_point(|&token| token < GROUP);
        if let Some(edge) = known.and_then(|id| tokens[..open].binary_search(&id).ok()) {
            self.step(next(edge, way.at + 1));
        }
        for (edge, &token) in tokens.iter().enumerate().skip(open) {
            let fits = match token {
                GAP => {
                    self.step(next(edge, way.at));
                    for last in way.at + 1..=way.at + 4 {
                        if self.words.get(last).is_none_or(|word| word.is(STOP_MARK)) {
                            break;
                        }
                        self.step(next(edge, last));
                    }
                    false
                }
                A_NUMBER => word.is_some_and(|word| word.is_number()),
                ANY => word.is_some_and(|word| !word.is(PUNCTUATION)),
                group => known.is_some_and(|id| {
                    let (from, to) = GROUPS[usize::from(group - GROUP)];
                    GROUP_IDS[usize::from(from)..usize::from(to)].contains(&id)
                }),
            };
            if fits {
                self.step(next(edge, way.at + 1));
            }
        }
    }

    fn end(&mut self, way: Way) {
        let (from, to) = ENDS_OF[usize::from(way.state)];
        if from == to || way.gap && self.passed.contains(&way.path) {
            return;
        }
        if way.gap {
            self.passed.push(way.path);
        }
        for end in &ENDS[usize::from(from)..usize::from(to)] {
            let goes_on = || self.words[way.at + 1..].iter().any(|word| !word.is_punctuation());
            if end.at_start && !self.opens || end.at_end && goes_on() {
                continue;
            }
            // Only a vague phrase that names its words goes before one as long that leaves a place open.
            let open = if end.set == Set::Vague { way.open } else { 0 };
            let rank = (u8::MAX - way.length, open);
            self.found.push(Match { rank, set: end.set, entry: end.entry, last: way.at });
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lexicon::pattern::{Expanded, Piece, expand};
    use crate::lexicon::vocabulary::{NUMBER, NUMBER_WORD};
    use crate::span::Span;
    use crate::words::Words;
    use proptest::prelude::*;
    use std::collections::BTreeSet;

    /// The patterns of the padding file, each with the entry that it belongs to, read from the file itself.
    fn patterns() -> Vec<(u16, Expanded)> {
        let file = include_str!("../../data/lexicons/english/padding.toml");
        let mut found = Vec::new();
        for (entry, term) in file.split("[[term]]").skip(1).enumerate() {
            let says = term.split_once("say = [").expect("a term says something").1;
            for written in strings(says) {
                let sequences = expand(&written).expect("the build has read it");
                found.extend(sequences.into_iter().map(|sequence| (entry as u16, sequence)));
            }
        }
        found
    }

    /// The strings in quotation marks, with `\"` taken for a quotation mark.
    fn strings(text: &str) -> Vec<String> {
        let (mut found, mut open, mut escaped) = (Vec::new(), None::<String>, false);
        for c in text.chars() {
            match (&mut open, c) {
                (Some(string), _) if std::mem::take(&mut escaped) => string.push(c),
                (Some(_), '\\') => escaped = true,
                (Some(_), '"') => found.extend(open.take()),
                (Some(string), _) => string.push(c),
                (None, '"') => open = Some(String::new()),
                (None, ']') => break,
                (None, _) => {}
            }
        }
        found
    }

    fn fits(text: &str, piece: &Piece, word: &Word) -> bool {
        match piece {
            Piece::Word(one) => word.lower(text) == *one,
            Piece::OneOf(several) => several.iter().any(|one| word.lower(text) == *one),
            Piece::Number => word.is_number(),
            Piece::Any => !word.is(PUNCTUATION),
            Piece::Gap => false,
        }
    }

    /// The last word of a pattern that goes on behind `at`, piece by piece, the narrowest gap first.
    fn goes_on(text: &str, pieces: &[Piece], words: &[Word], at: usize) -> Option<usize> {
        let Some((piece, rest)) = pieces.split_first() else { return Some(at) };
        if *piece == Piece::Gap {
            let wide = words[at + 1..].iter().take(4).take_while(|word| !word.is(STOP_MARK)).count();
            return (0..=wide).find_map(|skipped| goes_on(text, rest, words, at + skipped));
        }
        words.get(at + 1).filter(|word| fits(text, piece, word))?;
        goes_on(text, rest, words, at + 1)
    }

    /// What begins at a word, by trying one pattern after the other.
    fn one_by_one(
        text: &str,
        patterns: &[(u16, Expanded)],
        words: &[Word],
        first: usize,
    ) -> BTreeSet<(u16, usize)> {
        let opens = words[..first].iter().all(|word| word.is_punctuation()) && !words[first].is_punctuation();
        let found = patterns.iter().filter_map(|(entry, pattern)| {
            let (head, rest) = pattern.pieces.split_first()?;
            if !fits(text, head, &words[first]) || pattern.at_start && !opens {
                return None;
            }
            let last = goes_on(text, rest, words, first)?;
            let ends = words[last + 1..].iter().all(|word| word.is_punctuation());
            (ends || !pattern.at_end).then_some((*entry, last))
        });
        found.collect()
    }

    proptest! {
        #![proptest_config(ProptestConfig::with_cases(64))]

        #[test]
        fn a_walk_finds_what_each_pattern_alone_would_find(
            picks in prop::collection::vec((any::<prop::sample::Index>(), 0usize..6, 0usize..4), 1..5)
        ) {
            let patterns = patterns();
            let mut text = String::new();
            for (pick, noise, gap) in picks {
                for piece in &pick.get(&patterns).1.pieces {
                    text.push_str(match piece {
                        Piece::Word(word) => word,
                        Piece::OneOf(words) => &words[gap % words.len()],
                        Piece::Number => "3",
                        Piece::Any => "pier",
                        Piece::Gap => ["", "the", "the old pier", "a, b"][gap],
                    });
                    text.push(' ');
                }
                text.push_str(["", "and ", ". ", "very ", ", please ", "two "][noise]);
            }
            let words = Words::read(&text, 0);
            let words = words.within(Span::new(0, text.len()));
            let opening = words.iter().position(|word| !word.is_punctuation()).unwrap_or(0);
            let mut walk = Walk::new(words);
            for first in 0..words.len() {
                let mut found = BTreeSet::new();
                let number = words[first].is(NUMBER_WORD).then_some(NUMBER);
                for id in std::iter::once(words[first].id).chain(number) {
                    walk.from(first, first == opening, id);
                    let padding = walk.found.iter().filter(|hit| hit.set == Set::Padding);
                    found.extend(padding.map(|hit| (hit.entry, hit.last)));
                }
                prop_assert_eq!(found, one_by_one(&text, &patterns, words, first), "at {} of {}", first, text);
            }
        }
    }
}
