//! Sums of money as they are written: `12.90 €`, `€12.90`, `EUR 12.90`.

/// How sums of one currency are written.
#[derive(Clone, Debug, PartialEq, Eq)]
struct Form<'a> {
    /// The sign or word for the currency, in lower case where it is a word.
    sign: &'a str,
    /// True where it stands before the number.
    leads: bool,
}

/// The ways to name a currency, by currency.
const CURRENCIES: [&[&str]; 3] =
    [&["€", "EUR", "euros", "euro"], &["$", "USD", "dollars", "dollar"], &["£", "GBP", "pounds", "pound"]];

/// The first sum in a text: where it stands, in bytes, its words, its currency and its form.
fn sum(text: &str) -> Option<(usize, &str, usize, Form<'_>)> {
    sums(text).next()
}

fn sums(text: &str) -> impl Iterator<Item = (usize, &str, usize, Form<'_>)> {
    let mut found = Vec::new();
    for (currency, signs) in CURRENCIES.iter().enumerate() {
        for sign in *signs {
            for (at, _) in text.match_indices(sign) {
                let (before, after) = (&text[..at], &text[at + sign.len()..]);
                let word = sign.len() > 2 && *sign != "€";
                let joined = |c: Option<char>| c.is_some_and(char::is_alphabetic);
                if word && (joined(before.chars().next_back()) || joined(after.chars().next())) {
                    continue;
                }
                let blank = |c: char| c == ' ';
                let number = after.trim_start_matches(blank);
                let digits = number
                    .find(|c: char| !c.is_ascii_digit() && c != '.' && c != ',')
                    .unwrap_or(number.len());
                let digits = number[..digits].trim_end_matches(['.', ',']).len();
                if digits > 0 && after.len() - number.len() <= 1 {
                    let end = text.len() - number.len() + digits;
                    found.push((at, &text[at..end], currency, Form { sign, leads: true }));
                    continue;
                }
                let head = before.trim_end_matches(blank);
                let start = head
                    .rfind(|c: char| !c.is_ascii_digit() && c != '.' && c != ',')
                    .map_or(0, |last| last + head[last..].chars().next().map_or(1, char::len_utf8));
                let start = start + head[start..].len() - head[start..].trim_start_matches(['.', ',']).len();
                if start < head.len() && before.len() - head.len() <= 1 {
                    let end = at + sign.len();
                    found.push((start, &text[start..end], currency, Form { sign, leads: false }));
                }
            }
        }
    }
    found.sort_by_key(|(at, ..)| *at);
    found.into_iter()
}

/// The first sum in another currency than the one named, `euros`, `dollars` or `pounds`: where it stands, in bytes, and its words.
pub(super) fn other_currency<'a>(text: &'a str, named: &str) -> Option<(usize, &'a str)> {
    let asked = CURRENCIES.iter().position(|names| names.contains(&named))?;
    // Three pounds may be a weight.
    let weight = |form: &Form<'_>| matches!(form.sign, "pounds" | "pound");
    let other = |currency: usize, form: &Form<'_>| currency != asked && !weight(form);
    sums(text).find(|(_, _, currency, form)| other(*currency, form)).map(|(at, words, ..)| (at, words))
}

/// True for a text that is one sum and nothing else, so that it can show a form.
pub(crate) fn is_sum(text: &str) -> bool {
    sum(text).is_some_and(|(at, words, ..)| at == 0 && words.len() == text.len())
}

/// True where two sums of one currency show two forms.
pub(crate) fn differ(one: &str, two: &str) -> bool {
    other_form(two, one).is_some()
}

/// The first sum that is written another way than the sum that shows the form.
pub(super) fn other_form<'a>(text: &'a str, shown: &str) -> Option<(usize, &'a str)> {
    let (_, _, currency, form) = sum(shown)?;
    sums(text)
        .find(|(_, _, other, written)| *other == currency && *written != form)
        .map(|(at, words, ..)| (at, words))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn one_sum_shows_a_form() {
        assert!(is_sum("12.90 €") && is_sum("€12.90") && is_sum("EUR 12.90") && is_sum("5 euros"));
        assert!(!is_sum("12.90") && !is_sum("about 5 euros") && !is_sum("europe"));
    }

    #[test]
    fn another_form_is_found() {
        assert_eq!(other_form("The pot costs EUR 12.90, not more.", "12.90 €"), Some((14, "EUR 12.90")));
        assert_eq!(other_form("The pot costs €12.90.", "12.90 €"), Some((14, "€12.90")));
        assert_eq!(other_form("The pot costs 8.00 € or $9.", "12.90 €"), None);
        assert_eq!(other_form("Twelve euros.", "12.90 €"), None);
    }
}
