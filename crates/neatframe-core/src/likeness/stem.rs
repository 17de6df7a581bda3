//! Stems: words of one meaning come down to one number.

use super::base::{base, hash};
use crate::lexicon::SYNONYMS;

/// The stem of a word in lower case: its base, or that of the first word of its group of synonyms.
pub(crate) fn stem(word: &str) -> u32 {
    let own = hash(base(word).as_bytes());
    match SYNONYMS.binary_search_by_key(&own, |(known, _)| *known) {
        Ok(at) => SYNONYMS[at].1,
        Err(_) => own,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn stems_fold_endings() {
        assert_eq!(stem("prices"), stem("price"));
        assert_eq!(stem("concise"), stem("brief"));
        assert_eq!(stem("headings"), stem("title"), "a plural of a word in a group");
        assert_eq!(stem("verified"), stem("checking"));
        assert_ne!(stem("ferry"), stem("fern"));
    }

    #[test]
    fn synonyms_are_sorted_and_lead_to_the_first_of_their_group() {
        assert!(SYNONYMS.is_sorted());
        assert_eq!(stem("mails"), hash(b"mail"));
    }
}
