//! The words that the lexicon knows, in a table made at build time.

include!(concat!(env!("OUT_DIR"), "/vocabulary.rs"));

/// The id of a number in digits. The vocabulary's own entry 0 stands for it.
pub(crate) const NUMBER: u32 = 0;

const UNKNOWN: u32 = 1 << 31;

/// The id of a lower-case word: its index, or a hash with the highest bit set. A casual short form has the id of what it
/// stands for.
pub(crate) fn find(word: &[u8]) -> u32 {
    let hash = hash(word);
    let mut slot = hash as usize & (TABLE.len() - 1);
    loop {
        let index = TABLE[slot];
        if index == 0 {
            return UNKNOWN | hash;
        }
        if spelt(index as usize).as_bytes() == word {
            return u32::from(SAME_AS[index as usize]);
        }
        slot = (slot + 1) & (TABLE.len() - 1);
    }
}

/// The id of a word that is taken for one the vocabulary does not hold.
pub(crate) fn unknown(word: &[u8]) -> u32 {
    UNKNOWN | extend(hash(word), b"@")
}

/// The word of an id; none for a number and for an unknown word.
pub(crate) fn word(id: u32) -> Option<&'static str> {
    (id != NUMBER && is_known(id)).then(|| spelt(id as usize))
}

/// The word at an index.
pub(crate) fn spelt(index: usize) -> &'static str {
    &LETTERS[STARTS[index] as usize..STARTS[index + 1] as usize]
}

/// The flags of a word, 0 for an unknown one.
pub(crate) fn flags(id: u32) -> u32 {
    if id & UNKNOWN == 0 { FLAGS[id as usize] } else { 0 }
}

/// True when the vocabulary holds the word.
pub(crate) fn is_known(id: u32) -> bool {
    id & UNKNOWN == 0
}

/// FNV-1a, 32 bits (Fowler, Noll, Vo); the build script fills the table with the same function.
pub(crate) fn hash(bytes: &[u8]) -> u32 {
    extend(0x811c_9dc5, bytes)
}

/// Goes on with a hash.
pub(crate) fn extend(hash: u32, bytes: &[u8]) -> u32 {
    bytes.iter().fold(hash, |hash, &byte| (hash ^ u32::from(byte)).wrapping_mul(0x0100_0193))
}

/// The hash of a word by its id, without the highest bit, the same for known and unknown words.
pub(crate) fn hash_of(id: u32) -> u32 {
    if is_known(id) { hash(spelt(id as usize).as_bytes()) & !UNKNOWN } else { id & !UNKNOWN }
}

/// The value of a number word such as `twelve`.
pub(crate) fn number_value(id: u32) -> Option<u32> {
    if flags(id) & NUMBER_WORD == 0 {
        return None;
    }
    NUMBER_VALUES.iter().find(|(word, _)| *word == id).map(|&(_, value)| value)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_word_is_found_at_its_index() {
        for (index, word) in (1..FLAGS.len()).map(|index| (index, spelt(index))) {
            assert_eq!(find(word.as_bytes()), u32::from(SAME_AS[index]), "{word}");
        }
        assert_eq!(find(b"dont"), find(b"don't"));
        assert!(!is_known(find(b"zzzyx")));
    }

    #[test]
    fn number_words_have_values() {
        assert_eq!(number_value(find(b"twelve")), Some(12));
        assert_eq!(number_value(find(b"nice")), None);
    }
}
