//! Lines that are part of a running text: those that leave a sentence open, and sentences that look like code.

use crate::lexicon::vocabulary;

/// Words that no sentence ends with.
const ENDS_OPEN: [&str; 30] = [
    "a", "an", "the", "and", "or", "but", "of", "to", "in", "on", "at", "for", "with", "from", "by", "as",
    "that", "which", "is", "are", "be", "their", "its", "your", "every", "my", "our", "without", "into",
    "than",
];

/// Words that stand before "generating" where it needs an object.
const BEFORE_A_DEED: [&str; 4] = ["at", "for", "of", "by"];

/// True when the last words of a line need what the next line says: "for the", "of all", "an expert at writing".
pub(crate) fn ends_open(line: &str) -> bool {
    let mut back = line.trim_end().rsplit(' ').map(str::to_lowercase);
    let [last, before] = [back.next(), back.next()].map(Option::unwrap_or_default);
    let deed = last.len() > 5 && last.ends_with("ing") && BEFORE_A_DEED.contains(&&*before);
    deed || ENDS_OPEN.contains(&&*last) || last == "all" && before == "of"
}

/// The fewest words of an indented line that tell a sentence from code, and how many of them hold it together.
const LEAST: usize = 5;
const JOINING: usize = 2;

/// True for a line of plain words with words such as "the" and "of" among them: "If there is no list of the boats,".
pub(super) fn is_running_text(line: &str) -> bool {
    let words: Vec<&str> =
        line.split_whitespace().map(|word| word.trim_matches(['(', ')', ',', '.', '}'])).collect();
    let plain = |word: &&&str| word.chars().all(|c| c.is_alphabetic() || matches!(c, '\'' | '’' | '-'));
    let joins = |word: &&&str| {
        vocabulary::flags(vocabulary::find(word.as_bytes())) & vocabulary::STOP != 0
            && word.starts_with(char::is_lowercase)
    };
    // `{{- raise("There is no list") }}` is of a template language.
    !["{{", "{%", "(\""].iter().any(|sign| line.contains(sign))
        && words.len() >= LEAST
        && words.iter().filter(plain).count() * 5 >= words.len() * 4
        && words.iter().filter(joins).count() >= JOINING
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn lines_that_leave_a_sentence_open() {
        for line in ["Name the piers of all ", "You are a clerk for", "An expert at writing"] {
            assert!(ends_open(line), "{line}");
        }
        for line in ["Name them all", "Give the times in writing", "no morning"] {
            assert!(!ends_open(line), "{line}");
        }
    }

    #[test]
    fn sentences_and_code() {
        assert!(is_running_text("not found in the list, such as delays of the day, or if there is none,"));
        for code in
            ["SELECT name, age, city, pier, fare,", "\"name\": \"the name of the boat\",", "return a, b,"]
        {
            assert!(!is_running_text(code), "{code}");
        }
    }
}
