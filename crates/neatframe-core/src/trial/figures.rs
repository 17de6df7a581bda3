//! Sums, counts and phone numbers as a sample writes them.

use crate::lexicon::vocabulary;
use crate::words::{Word, Words};

/// Words and signs of money.
const MONEY: [&str; 14] = [
    "euro", "euros", "pound", "pounds", "dollar", "dollars", "crown", "crowns", "franc", "francs", "cent",
    "cents", "pence", "€",
];

/// The first sum in figures, "135 euros": where it stands, in bytes, and the sum.
pub(super) fn with_a_currency(text: &str) -> Option<(usize, &str)> {
    let mut at = 0;
    while let Some(from) = text[at..].find(|c: char| c.is_ascii_digit()).map(|found| at + found) {
        let digits = |c: char| !c.is_ascii_digit() && !matches!(c, '.' | ',');
        let number = text[from..].find(digits).unwrap_or(text.len() - from);
        let rest = text[from + number..].strip_prefix(' ').unwrap_or("");
        let length = rest.find(|c: char| !c.is_alphabetic() && c != '€').unwrap_or(rest.len());
        if MONEY.contains(&&*rest[..length].to_lowercase()) {
            return Some((from, &text[from..from + number + 1 + length]));
        }
        at = from + number;
    }
    None
}

/// The first number of a few things in figures, "8 paintings", where numbers up to `limit` are to stand in words.
pub(super) fn small(text: &str, limit: u32) -> Option<(usize, &str)> {
    // What is measured, dated or numbered stays in figures.
    const KEPT: [&str; 18] = [
        "percent", "per", "kilometres", "metres", "kilograms", "grams", "litres", "degrees", "january",
        "february", "march", "april", "august", "september", "october", "november", "december", "june",
    ];
    let mut at = 0;
    while let Some(from) = text[at..].find(|c: char| c.is_ascii_digit()).map(|found| at + found) {
        let length = text[from..].find(|c: char| !c.is_ascii_digit()).unwrap_or(text.len() - from);
        let shown = &text[from..from + length];
        at = from + length;
        let led = text[..from].ends_with([' ', '\n', '"', '“']) || from == 0;
        let mut behind = text[at..].strip_prefix(' ').unwrap_or("").split([' ', '\n']);
        let word = behind.next().unwrap_or("").trim_end_matches(['.', ',', ';', '!', '?', '"']);
        let dated = behind.next().is_some_and(|next| next.starts_with(|c: char| c.is_ascii_digit()));
        let thing = word.chars().count() > 3 && word.chars().all(char::is_lowercase) && !KEPT.contains(&word);
        if led && thing && !dated && shown.parse::<u32>().is_ok_and(|number| (1..=limit).contains(&number)) {
            return Some((from, shown));
        }
    }
    None
}

/// The highest number that a rule wants in words: 12 in "numbers up to twelve in words".
pub(super) fn in_words_up_to(rule: &str) -> Option<u32> {
    let words = Words::read(rule, 0);
    let value = |word: &Word| vocabulary::number_value(word.id).or_else(|| word.text(rule).parse().ok());
    words.all().windows(3).find_map(|run| {
        let [one, two] = [0, 1].map(|at| run[at].lower(rule));
        match (&*one, &*two) {
            ("up", "to") => value(&run[2]),
            ("below" | "under", _) => value(&run[1]).map(|limit| limit.saturating_sub(1)),
            _ => None,
        }
    })
}

/// The first phone number with no country code, "0555 010 332": seven digits at least in groups, a zero first.
pub(super) fn national(text: &str) -> Option<(usize, &str)> {
    const DIGITS: usize = 7;
    let part = |c: char| c.is_ascii_digit() || matches!(c, ' ' | '-' | '/');
    let mut at = 0;
    while let Some(from) = text[at..].find(|c: char| c.is_ascii_digit()).map(|found| at + found) {
        let length = text[from..].find(|c: char| !part(c)).unwrap_or(text.len() - from);
        let shown = text[from..from + length].trim_end_matches([' ', '-', '/']);
        let free =
            !text[..from].ends_with(|c: char| c.is_alphanumeric() || matches!(c, '+' | '-' | '/' | '.'));
        let digits = shown.bytes().filter(u8::is_ascii_digit).count();
        let second = shown.chars().nth(1).is_some_and(|c| c.is_ascii_digit() && c != '0');
        if free && shown.starts_with('0') && second && digits >= DIGITS && shown.contains([' ', '/']) {
            return Some((from, shown));
        }
        at = from + length.max(1);
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn sums_in_figures() {
        assert_eq!(with_a_currency("That is 135 euros for three."), Some((8, "135 euros")));
        assert_eq!(with_a_currency("Pier 3 at ten, five euros."), None);
    }

    #[test]
    fn phones_without_a_country() {
        assert_eq!(national("call 0555 010 332 now"), Some((5, "0555 010 332")));
        assert_eq!(national("+44 0555 010 332"), None);
        assert_eq!(national("from 09:00 to 12:00, 2031-05-03"), None);
    }
}
