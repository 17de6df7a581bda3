//! How hard a text is to read.

/// The Flesch-Kincaid grade: 0.39 words per sentence + 11.8 syllables per word - 15.59 (Kincaid et al., 1975).
/// Each item is one sentence; `None` below 30 words, where the formula says nothing.
pub(crate) fn grade<'a>(sentences: impl Iterator<Item = &'a str>) -> Option<f64> {
    let (mut count, mut words, mut syllables) = (0u32, 0u32, 0u32);
    for sentence in sentences {
        let found: Vec<&str> = sentence
            .split(|c: char| !c.is_alphabetic() && c != '\'')
            .filter(|word| !word.is_empty())
            .collect();
        if found.is_empty() {
            continue;
        }
        count += 1;
        words += found.len() as u32;
        syllables += found.iter().map(|word| syllables_of(word)).sum::<u32>();
    }
    if words < 30 {
        return None;
    }
    let (count, words, syllables) = (f64::from(count), f64::from(words), f64::from(syllables));
    Some(0.39 * words / count + 11.8 * syllables / words - 15.59)
}

/// Groups of vowels, without a silent e at the end; at least one.
fn syllables_of(word: &str) -> u32 {
    let lower = word.to_lowercase();
    let mut groups = 0;
    let mut inside = false;
    for c in lower.chars() {
        let vowel = matches!(c, 'a' | 'e' | 'i' | 'o' | 'u' | 'y');
        groups += u32::from(vowel && !inside);
        inside = vowel;
    }
    let silent = lower.ends_with('e') && !lower.ends_with("le") && groups > 1;
    (groups - u32::from(silent)).max(1)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn syllables() {
        let counts: Vec<u32> = ["pier", "ferry", "timetable", "the", "rule"].map(syllables_of).to_vec();
        assert_eq!(counts, [1, 2, 4, 1, 2]);
    }

    #[test]
    fn plain_text_reads_at_a_low_grade() {
        let plain = ["The boat is late. "; 12];
        let hard = ["Notwithstanding extraordinary meteorological circumstances, operational considerations necessitate precautionary cancellation.";
            6];
        assert!(grade(plain.into_iter()).unwrap() < 4.0);
        assert!(grade(hard.into_iter()).unwrap() > 20.0);
        assert_eq!(grade(["Too short."].into_iter()), None);
    }
}
