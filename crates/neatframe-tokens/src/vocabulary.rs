//! A published vocabulary in read-only memory: looking a token up touches a few bytes, and nothing is made at start.

use crate::hash::{RANK_BITS, hash, tag};
use crate::split::Pattern;

/// A published vocabulary.
#[derive(Debug)]
pub struct Vocabulary {
    name: &'static str,
    pub(crate) pattern: Pattern,
    bytes: &'static [u8],
    starts: &'static [u8],
    table: &'static [u8],
}

macro_rules! vocabulary {
    ($name:literal, $pattern:expr) => {
        Vocabulary {
            name: $name,
            pattern: $pattern,
            bytes: include_bytes!(concat!(env!("OUT_DIR"), "/", $name, ".bytes")),
            starts: include_bytes!(concat!(env!("OUT_DIR"), "/", $name, ".starts")),
            table: include_bytes!(concat!(env!("OUT_DIR"), "/", $name, ".table")),
        }
    };
}

static O200K: Vocabulary = vocabulary!("o200k_base", Pattern::O200k);
static CL100K: Vocabulary = vocabulary!("cl100k_base", Pattern::Cl100k);

impl Vocabulary {
    /// The vocabulary `o200k_base`.
    pub fn o200k_base() -> &'static Vocabulary {
        &O200K
    }

    /// The vocabulary `cl100k_base`.
    pub fn cl100k_base() -> &'static Vocabulary {
        &CL100K
    }

    /// A vocabulary by its published name.
    pub fn named(name: &str) -> Option<&'static Vocabulary> {
        [&O200K, &CL100K].into_iter().find(|vocabulary| vocabulary.name == name)
    }

    /// Its published name.
    pub fn name(&self) -> &'static str {
        self.name
    }

    /// The rank of a token, if these bytes are one. Lower ranks are merged first.
    #[inline]
    pub(crate) fn rank(&self, token: &[u8]) -> Option<u32> {
        let hash = hash(token);
        let mask = self.table.len() / 4 - 1;
        let mut place = hash as usize & mask;
        loop {
            let entry = u32::from_le_bytes(*self.table.get(place * 4..)?.first_chunk::<4>()?);
            if entry == 0 {
                return None;
            }
            if entry >> RANK_BITS == tag(hash) {
                let rank = (entry & ((1 << RANK_BITS) - 1)) - 1;
                if self.token(rank) == Some(token) {
                    return Some(rank);
                }
            }
            place = (place + 1) & mask;
        }
    }

    fn token(&self, rank: u32) -> Option<&'static [u8]> {
        // Three bytes a place, and one more behind the last, so that four are read at once.
        let at = |index: usize| {
            let four = *self.starts.get(index * 3..)?.first_chunk::<4>()?;
            Some((u32::from_le_bytes(four) & 0x00ff_ffff) as usize)
        };
        self.bytes.get(at(rank as usize)?..at(rank as usize + 1)?)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::merge::LONGEST;

    #[test]
    fn every_token_is_found_and_none_is_longer_than_said() {
        for vocabulary in [&O200K, &CL100K] {
            let mut longest = 0;
            for rank in 0..100_000 {
                let token = vocabulary.token(rank).unwrap();
                longest = longest.max(token.len());
                assert_eq!(vocabulary.rank(token), Some(rank));
            }
            let all = vocabulary.starts.len() as u32 / 3 - 1;
            longest = (100_000..all)
                .filter_map(|rank| vocabulary.token(rank))
                .map(<[u8]>::len)
                .max()
                .unwrap_or(0)
                .max(longest);
            assert_eq!(longest, LONGEST, "{}", vocabulary.name);
        }
    }

    #[test]
    fn vocabularies_are_known_by_name() {
        assert_eq!(Vocabulary::named("cl100k_base").map(Vocabulary::name), Some("cl100k_base"));
        assert!(Vocabulary::named("nothing").is_none());
    }
}
