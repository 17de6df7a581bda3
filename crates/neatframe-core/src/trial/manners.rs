//! Demands of manner that show in a text: emoji, questions, clocks, units, names, letter case.

use super::{Breach, figures, money, people, sentences, times, units, whole_word};
use crate::span::Span;

/// Numbers as words; "one" is as often no number.
const SPELT: [&str; 12] =
    ["two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve", "twenty"];

/// Where and how the text under `content` breaks a demand on an axis. `spoken` tells that it is a turn of a dialogue.
pub(super) fn breach(text: &str, axis: &str, pole: &str, content: Span, spoken: bool) -> Option<Breach> {
    let body = &text[content.range()];
    let at = |offset: usize, length: usize| Span::within(content, offset, length);
    let find = |needle: &str| body.find(needle).map(|offset| at(offset, needle.len()));
    match axis {
        "emoji" => {
            let (offset, sign) = first_emoji(body)?;
            Some(Breach { place: at(offset, sign.len_utf8()), what: format!("`{sign}` stands in a sample") })
        }
        "questions at a time" if spoken => {
            let count = questions(body);
            (count > 1).then(|| Breach {
                place: content,
                what: format!("{count} questions in one turn of a sample"),
            })
        }
        "closed questions" => {
            let closed = |sentence: &str| {
                let first = sentence.trim_start_matches(|c: char| !c.is_alphabetic());
                let first = first.split_whitespace().next().unwrap_or("").to_lowercase();
                sentence.trim_end_matches(['*', '_', '"', ' ']).ends_with('?') && CLOSED.contains(&&*first)
            };
            let (offset, question) = sentences(body).find(|(_, sentence)| closed(sentence))?;
            Some(Breach {
                place: at(offset, question.len()),
                what: format!("`{}` can be answered with yes or no", question.trim()),
            })
        }
        "clock" => {
            let (offset, time) = times::other_clock(body, pole)?;
            Some(Breach { place: at(offset, time.len()), what: format!("`{time}` is not on the {pole}") })
        }
        "numbers" if pole == "in words" => {
            let (offset, shown) = figures::with_a_currency(body)?;
            Some(Breach { place: at(offset, shown.len()), what: format!("`{shown}` is not in words") })
        }
        "symbols" => {
            let sign = ['°', '€', '$', '£', '%', '&', '#', '@', '§', '™', '→'];
            let (offset, shown) = body.char_indices().find(|(_, c)| sign.contains(c))?;
            Some(Breach {
                place: at(offset, shown.len_utf8()),
                what: format!("`{shown}` stands in a sample"),
            })
        }
        "phone numbers" => {
            let (offset, shown) = figures::national(body)?;
            Some(Breach { place: at(offset, shown.len()), what: format!("`{shown}` has no country code") })
        }
        "numbers" => {
            let (offset, word) = SPELT.iter().find_map(|word| Some((whole_word(body, word)?, word)))?;
            Some(Breach { place: at(offset, word.len()), what: format!("`{word}` is not in figures") })
        }
        "units" => {
            let (offset, shown) = units::other_system(body, pole)?;
            Some(Breach { place: at(offset, shown.len()), what: format!("`{shown}` is not {pole}") })
        }
        "names of people" => {
            let (offset, name) = people::named(body)?;
            Some(Breach { place: at(offset, name.len()), what: format!("`{name}` is named in a sample") })
        }
        "markup" => {
            let mark = ["**", "\n# ", "\n## "].into_iter().find_map(find)?;
            Some(Breach { place: mark, what: "a sample uses Markdown".into() })
        }
        "layout" => {
            let marked = |line: &&str| line.trim_start().starts_with(['-', '•']);
            // The mark of the first item stands before its words.
            let head = text[..content.start()].rsplit('\n').next().unwrap_or("").trim();
            let bullets = body.lines().filter(marked).count() + usize::from(matches!(head, "-" | "*" | "•"));
            (bullets >= 2).then(|| Breach { place: content, what: "a sample uses bullets".into() })
        }
        "capital letters" if pole == "title case" => {
            // A whole name in small letters; a sentence has one capital at least.
            let small = !body.contains(char::is_uppercase) && body.chars().any(char::is_alphabetic);
            let name = (1..=6).contains(&body.split_whitespace().count()) && !body.contains(['_', '/', '"']);
            (small && name)
                .then(|| Breach { place: content, what: format!("`{}` is not in title case", body.trim()) })
        }
        "capital letters" => {
            let letters = body.chars().filter(|c| c.is_alphabetic()).count();
            let shouts = letters >= SHOUTED
                && body.split_whitespace().count() >= 3
                && !body.contains(char::is_lowercase);
            shouts.then(|| Breach { place: content, what: "a sample is all in capitals".into() })
        }
        "currency" => {
            let (offset, shown) = money::other_currency(body, pole)?;
            Some(Breach { place: at(offset, shown.len()), what: format!("`{shown}` is not in {pole}") })
        }
        "letter case" if pole == "capital first letter" => {
            let offset = body.find(char::is_alphabetic)?;
            let small = body[offset..].chars().next().is_some_and(char::is_lowercase);
            let single = body.split_whitespace().count() <= 6;
            (small && single).then(|| Breach {
                place: at(offset, body[offset..].trim_end().len()),
                what: format!("`{}` has no {pole}", body.trim()),
            })
        }
        "letter case" => {
            let wrong = |c: char| if pole == "capitals" { c.is_lowercase() } else { c.is_uppercase() };
            let single = body.split_whitespace().count() <= 6;
            let (offset, _) = body.char_indices().find(|(_, c)| wrong(*c)).filter(|_| single)?;
            let from = body[..offset].rfind(char::is_whitespace).map_or(0, |blank| blank + 1);
            let length = body[from..].find(char::is_whitespace).unwrap_or(body.len() - from);
            Some(Breach { place: at(from, length), what: format!("`{}` is not in {pole}", body.trim()) })
        }
        _ => None,
    }
}

/// Verbs that open a question for yes or no.
const CLOSED: [&str; 16] = [
    "do", "does", "did", "are", "is", "was", "were", "can", "could", "have", "has", "had", "will", "would",
    "should", "may",
];

/// Letters from which a line is no abbreviation.
const SHOUTED: usize = 10;

/// How many questions a turn asks; "what is …, and how is …?" asks two.
fn questions(text: &str) -> usize {
    const ASKS: [&str; 13] =
        ["what", "how", "which", "when", "where", "who", "why", "do", "is", "are", "can", "could", "would"];
    let lower = text.to_lowercase();
    let marks = lower.matches('?').count();
    let joined = sentences(&lower)
        .filter(|(_, sentence)| sentence.trim_end_matches(['"', '”']).ends_with('?'))
        .flat_map(|(_, sentence)| {
            sentence
                .match_indices(", and ")
                .map(|(at, sign)| sentence[at + sign.len()..].to_string())
                .collect::<Vec<_>>()
        })
        .filter(|rest| ASKS.iter().any(|ask| rest.split_whitespace().next() == Some(ask)))
        .count();
    marks + joined
}

/// The first emoji of a text, and where it stands, in bytes.
pub(crate) fn first_emoji(text: &str) -> Option<(usize, char)> {
    text.char_indices().find(|(_, c)| is_emoji(*c))
}

fn is_emoji(c: char) -> bool {
    matches!(u32::from(c), 0x1F300..=0x1FAFF | 0x2600..=0x26FF | 0x2764 | 0x1F1E6..=0x1F1FF)
        && !matches!(c, '☐' | '☑' | '☒' | '★' | '☆')
}
