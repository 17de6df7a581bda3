//! Byte pair merging: the pair with the lowest rank first, of equal ones the leftmost.

use crate::vocabulary::Vocabulary;
use std::cmp::Reverse;
use std::collections::BinaryHeap;

/// No pair of this rank is a token.
const NONE: u32 = u32::MAX;

/// Pieces up to this many bytes are merged by looking for the best pair each time; longer ones keep the pairs in a heap.
const SHORT: usize = 96;

/// Room for merging, kept from piece to piece.
#[derive(Default)]
pub(crate) struct Merger {
    /// Where each part starts, and the rank of the part joined with the next.
    parts: Vec<(u32, u32)>,
    heap: BinaryHeap<Reverse<(u32, u32)>>,
    next: Vec<u32>,
    previous: Vec<u32>,
    ranks: Vec<u32>,
}

impl Merger {
    /// Cuts a piece into tokens and gives the length of each, in order.
    #[inline]
    pub(crate) fn piece(&mut self, vocabulary: &Vocabulary, piece: &[u8], token: &mut impl FnMut(u32)) {
        if piece.len() == 1 || piece.len() <= LONGEST && vocabulary.rank(piece).is_some() {
            token(piece.len() as u32);
        } else if piece.len() <= SHORT {
            self.short(vocabulary, piece, token);
        } else {
            self.long(vocabulary, piece, token);
        }
    }

    fn short(&mut self, vocabulary: &Vocabulary, piece: &[u8], token: &mut impl FnMut(u32)) {
        let rank = |from: usize, to: usize| vocabulary.rank(&piece[from..to]).unwrap_or(NONE);
        self.parts.clear();
        for at in 0..piece.len() {
            let joined = if at + 2 <= piece.len() { rank(at, at + 2) } else { NONE };
            self.parts.push((at as u32, joined));
        }
        self.parts.push((piece.len() as u32, NONE));
        let parts = &mut self.parts;
        loop {
            let mut best = (NONE, 0);
            for (index, &(_, joined)) in parts.iter().enumerate() {
                if joined < best.0 {
                    best = (joined, index);
                }
            }
            let (lowest, at) = best;
            if lowest == NONE {
                break;
            }
            parts.remove(at + 1);
            let from = |index: usize| parts.get(index).map(|part| part.0 as usize);
            let joined = |index: usize| match (from(index), from(index + 2)) {
                (Some(start), Some(end)) => rank(start, end),
                _ => NONE,
            };
            let here = joined(at);
            let before = at.checked_sub(1).map(|before| (before, joined(before)));
            parts[at].1 = here;
            if let Some((before, rank)) = before {
                parts[before].1 = rank;
            }
        }
        for pair in parts.windows(2) {
            token(pair[1].0 - pair[0].0);
        }
    }

    /// Near linear in the length of the piece, however hostile: each merge costs one look at the heap.
    fn long(&mut self, vocabulary: &Vocabulary, piece: &[u8], token: &mut impl FnMut(u32)) {
        let length = piece.len() as u32;
        let rank = |from: u32, to: u32| {
            // No token is longer, so longer joins need no look.
            if (to - from) as usize > LONGEST {
                NONE
            } else {
                vocabulary.rank(&piece[from as usize..to as usize]).unwrap_or(NONE)
            }
        };
        self.heap.clear();
        self.next.clear();
        self.next.extend((0..length).map(|at| at + 1));
        self.previous.clear();
        self.previous.extend((0..length).map(|at| at.wrapping_sub(1)));
        self.ranks.clear();
        let mut pairs = Vec::with_capacity(piece.len());
        for at in 0..length {
            let joined = if at + 2 <= length { rank(at, at + 2) } else { NONE };
            self.ranks.push(joined);
            if joined != NONE {
                pairs.push(Reverse((joined, at)));
            }
        }
        self.heap = BinaryHeap::from(pairs);
        while let Some(Reverse((joined, at))) = self.heap.pop() {
            if self.ranks[at as usize] != joined {
                continue;
            }
            let middle = self.next[at as usize];
            let end = self.next[middle as usize];
            self.next[at as usize] = end;
            self.ranks[middle as usize] = NONE;
            if end < length {
                self.previous[end as usize] = at;
            }
            self.join(at, &rank, length);
            let before = self.previous[at as usize];
            if before != u32::MAX {
                self.join(before, &rank, length);
            }
        }
        let mut at = 0;
        while at < length {
            let next = self.next[at as usize];
            token(next - at);
            at = next;
        }
    }

    /// Works out anew what joining the part at `at` with the next one gives.
    fn join(&mut self, at: u32, rank: &impl Fn(u32, u32) -> u32, length: u32) {
        let middle = self.next[at as usize];
        let joined = if middle < length { rank(at, self.next[middle as usize]) } else { NONE };
        self.ranks[at as usize] = joined;
        if joined != NONE {
            self.heap.push(Reverse((joined, at)));
        }
    }
}

/// The longest token of the published vocabularies, in bytes; a test holds it to them.
pub(crate) const LONGEST: usize = 128;
