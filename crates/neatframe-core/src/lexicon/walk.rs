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
