//! Where one sentence ends and the next begins.

use crate::span::Span;

/// Abbreviations whose full stop ends no sentence, lower case, without the stop.
const ABBREVIATIONS: [&str; 20] = [
    "e.g", "i.e", "eg", "ie", "etc", "vs", "approx", "no", "mr", "mrs", "ms", "dr", "st", "inc", "ltd",
    "fig", "cf", "max", "min", "dept",
];

/// Cuts a stretch of text into sentences; white space between them belongs to none.
pub(super) fn split(text: &str, span: Span) -> Vec<Span> {
    let body = &text[span.range()];
    let mut sentences = Vec::new();
    let mut start = 0;
    for (at, mark) in body.char_indices() {
        if !matches!(mark, '.' | '!' | '?' | '…' | '。' | '！' | '？') {
            continue;
        }
        let mut end = at + mark.len_utf8();
        if let Some(close) =
            body[end..].chars().next().filter(|c| matches!(c, '"' | '\'' | ')' | ']' | '”' | '’' | '*'))
        {
            end += close.len_utf8();
        }
        let rest = &body[end..];
        let gap = rest.len() - rest.trim_start().len();
        let wide = matches!(mark, '。' | '！' | '？');
        if (gap == 0 && !wide) || rest.trim_start().is_empty() || end <= start {
            continue;
        }
        if !wide && (!opens_sentence(&rest[gap..]) || (mark == '.' && is_abbreviation(&body[start..at]))) {
            continue;
        }
        sentences.push(Span::new(span.start() + start, span.start() + end));
        start = end + gap;
    }
    if start < body.len() {
        sentences.push(Span::new(span.start() + start, span.end()));
    }
    sentences
}

fn opens_sentence(rest: &str) -> bool {
    let opener = rest.trim_start_matches(['"', '\'', '(', '[', '“', '‘', '*', '_', '`']);
    opener.starts_with(|c: char| c.is_uppercase() || c.is_ascii_digit() || matches!(c, '<' | '{' | '$'))
        || opener.starts_with(|c: char| c.is_alphabetic() && !c.is_lowercase())
}

fn is_abbreviation(before: &str) -> bool {
    let word = before.rsplit(|c: char| c.is_whitespace() || c == '(').next().unwrap_or(before);
    let letters = word.trim_start_matches(['"', '\'', '“', '[']);
    let single = letters.chars().count() == 1 && letters.chars().all(char::is_uppercase);
    // "1." and "Q3." open an item; "7 of 12." ends a sentence, so only a number at the start counts.
    let listed =
        word.len() == before.len() && word.len() <= 4 && word.ends_with(|c: char| c.is_ascii_digit());
    single || listed || ABBREVIATIONS.iter().any(|known| letters.eq_ignore_ascii_case(known))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn split_up(text: &str) -> Vec<&str> {
        split(text, Span::new(0, text.len())).into_iter().map(|span| &text[span.range()]).collect()
    }

    macro_rules! sentences {
        ($name:ident, $text:expr, $want:expr) => {
            #[test]
            fn $name() {
                assert_eq!(split_up($text), $want);
            }
        };
    }

    sentences!(plain, "One. Two? Three!", ["One.", "Two?", "Three!"]);
    sentences!(
        abbreviations,
        "Use units, e.g. Mr. Vane at 3.5 km. Go.",
        ["Use units, e.g. Mr. Vane at 3.5 km.", "Go."]
    );
    sentences!(quotes_close_with_it, "Say \"late.\" Then stop.", ["Say \"late.\"", "Then stop."]);
    sentences!(lower_case_goes_on, "Ask why? then stop. 3 times.", ["Ask why? then stop.", "3 times."]);
    sentences!(initials, "Ask T. Vane. Wait.", ["Ask T. Vane.", "Wait."]);
    sentences!(no_stop, "just words", ["just words"]);
}
