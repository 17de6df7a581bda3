//! Measures that a sample gives with more or fewer decimals than a rule asks for: "9 to 23.1 °C", where it says one decimal.

use crate::lexicon::vocabulary;
use crate::words::{Word, Words};

/// Units as a rule names them, and the signs that stand behind a number.
const UNITS: [(&[&str], &[&str]); 9] = [
    (&["°c", "celsius", "degrees"], &["°C", "°F", "degrees"]),
    (&["%", "percent", "percentages", "per cent"], &["%", "percent", "per cent"]),
    (&["euro", "euros", "€"], &["€", "euros", "euro"]),
    (&["crowns"], &["crowns"]),
    (&["kg", "kilos", "kilograms"], &["kg", "kilos", "kilograms"]),
    (&["km", "kilometres", "kilometers"], &["km", "kilometres", "kilometers"]),
    (&["metres", "meters", "m"], &["m", "metres", "meters"]),
    (&["litres", "liters", "l"], &["litres", "liters", "l"]),
    (&["hours", "h"], &["hours", "h"]),
];

/// The first number with a unit of the rule that has other decimals than the rule says: where it stands, in bytes, and the number.
/// `None` where the rule names no unit, or not how many decimals there are.
pub(super) fn odd<'a>(rule: &str, body: &'a str) -> Option<(usize, &'a str)> {
    let wanted = wanted(rule)?;
    let lower = rule.to_lowercase();
    let named = |name: &&str| {
        lower.match_indices(name).any(|(at, _)| {
            let apart = |c: char| !c.is_alphanumeric();
            lower[..at].chars().next_back().is_none_or(apart)
                && lower[at + name.len()..].chars().next().is_none_or(apart)
        })
    };
    let mut units = UNITS.iter().filter(|(names, _)| names.iter().any(named));
    let ((_, signs), None) = (units.next()?, units.next()) else { return None };
    let (mut numbers, mut at) = (Vec::new(), 0);
    while let Some(from) = body[at..].find(|c: char| c.is_ascii_digit()).map(|found| at + found) {
        let digits = |c: char| !c.is_ascii_digit() && !matches!(c, '.' | ',');
        let end = body[from..].find(digits).map_or(body.len(), |length| from + length);
        let shown = body[from..end].trim_end_matches(['.', ',']);
        numbers.push((from, shown));
        at = end;
    }
    // "9 to 23.1 °C": the sign belongs to both.
    let mut measured = false;
    for &(from, shown) in numbers.iter().rev() {
        let rest = body[from + shown.len()..].trim_start();
        let signed = |sign: &&str| {
            rest.strip_prefix(*sign)
                .is_some_and(|rest| rest.chars().next().is_none_or(|c| !c.is_alphanumeric()))
        };
        let joined = ["to ", "–", "-", "and "].iter().any(|sign| rest.starts_with(sign));
        measured = signs.iter().any(signed) || measured && joined;
        let part = shown.split_once('.').map_or("", |(_, part)| part);
        let plain = !shown.contains(',') && shown.matches('.').count() <= 1;
        if measured && plain && part.len() != wanted {
            return Some((from, shown));
        }
    }
    None
}

/// How many decimals a rule asks for: "with one decimal", "two decimal places".
fn wanted(rule: &str) -> Option<usize> {
    let words = Words::read(rule, 0);
    let value = |word: &Word| vocabulary::number_value(word.id).or_else(|| word.text(rule).parse().ok());
    let at = words.all().iter().position(|word| word.lower(rule).starts_with("decimal"))?;
    let before = &words.all()[at.checked_sub(1)?];
    let loose =
        words.all()[..at].iter().rev().take(4).any(|word| {
            matches!(&*word.lower(rule), "most" | "least" | "to" | "or" | "than" | "no" | "without")
        });
    let count = match &*before.lower(rule) {
        "single" => 1,
        _ => value(before)?,
    };
    (!loose && (1..=4).contains(&count)).then_some(count as usize)
}

#[cfg(test)]
mod tests {
    use super::odd;

    #[test]
    fn measures_keep_their_decimals() {
        let rule = "One line per house with the lowest and the highest temperature, in °C with one decimal.";
        assert_eq!(odd(rule, "House 2: 9 to 23.1 °C"), Some((9, "9")));
        assert_eq!(odd(rule, "House 2: 9.0 to 23.1 °C"), None);
        assert_eq!(odd(rule, "House 2: 9.0 °C at 6 o'clock"), None);
        assert_eq!(odd("Prices in euros with two decimals.", "a cap for 8 euros"), Some((10, "8")));
        assert_eq!(odd("Prices in euros with two decimals.", "8 caps for 8.50 euros"), None);
        assert_eq!(odd("Prices with two decimals.", "8 euros"), None, "no unit is named");
        assert_eq!(odd("Prices in euros with at most two decimals.", "8 euros"), None);
    }
}
