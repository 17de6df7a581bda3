//! The base of a word: its endings for number, time and manner folded off. The build script reads it as well.

/// A light stemmer for English: `prices` and `priced` give `pric`. Takes a word in lower case.
pub(crate) fn base(word: &str) -> &str {
    let word = word.strip_suffix("'s").unwrap_or(word);
    // A referee is not what refers.
    if let Some(whole) =
        [word, word.strip_suffix('s').unwrap_or(word)].into_iter().find(|word| word.ends_with("ee"))
    {
        return whole;
    }
    if word == "agreed" {
        return "agree";
    }
    let cut = |suffix: &str, least: usize| word.strip_suffix(suffix).filter(|rest| rest.len() >= least);
    // Diagnosis, diagnoses.
    let greek = cut("osis", 3).or_else(|| cut("oses", 3)).map(|rest| &word[..rest.len() + 2]);
    // Specifically, specific.
    let base = greek
        .or_else(|| cut("ically", 2).map(|rest| &word[..rest.len() + 2]))
        .or_else(|| cut("ations", 4))
        .or_else(|| cut("ation", 4))
        .or_else(|| cut("ingly", 3))
        .or_else(|| cut("ings", 3))
        .or_else(|| cut("ing", 3))
        .or_else(|| cut("ies", 2))
        .or_else(|| cut("ied", 2))
        .or_else(|| cut("ely", 3))
        .or_else(|| cut("es", 4))
        .or_else(|| cut("ed", 3))
        .or_else(|| cut("ly", 3))
        .or_else(|| if word.ends_with("ss") { None } else { cut("s", 3) })
        .unwrap_or(word);
    base.trim_end_matches(['e', 'y'])
}

/// FNV-1a, 32 bits (Fowler, Noll, Vo).
pub(crate) const fn hash(bytes: &[u8]) -> u32 {
    let (mut hash, mut at) = (0x811c_9dc5_u32, 0);
    while at < bytes.len() {
        hash = (hash ^ bytes[at] as u32).wrapping_mul(0x0100_0193);
        at += 1;
    }
    hash
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn endings_are_folded() {
        for (word, other) in [
            ("price", "prices"),
            ("check", "checking"),
            ("booking", "bookings"),
            ("diagnosis", "diagnoses"),
            ("city", "cities"),
            ("copy", "copied"),
            ("guest's", "guest"),
            ("agree", "agreed"),
            ("referee", "referees"),
            ("quick", "quickly"),
            ("specific", "specifically"),
        ] {
            assert_eq!(base(word), base(other), "{word}, {other}");
        }
    }

    #[test]
    fn other_words_stay_apart() {
        for (word, other) in [
            ("ferry", "fern"),
            ("glass", "gla"),
            ("bed", "b"),
            ("referee", "refer"),
            ("committees", "commit"),
        ] {
            assert_ne!(base(word), base(other), "{word}, {other}");
        }
    }

    #[test]
    fn hashes_of_the_published_vectors() {
        assert_eq!(hash(b""), 0x811c_9dc5);
        assert_eq!(hash(b"a"), 0xe40c_292c);
        assert_eq!(hash(b"foobar"), 0xbf9c_f968);
    }
}
