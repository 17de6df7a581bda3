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
    let no_capitals = has_no_capitals(body);
    let mut sentences = Vec::new();
    let mut start = 0;
    for (at, mark) in body.char_indices() {
        // `<<<{note}>>> Return JSON.`: the border closes what stands before it.
        let border = mark == '>' && body[..at].ends_with(">>")
            || mark == '}' && is_labelled_slot(&body[start..at + 1]);
        if !border && !matches!(mark, '.' | '!' | '?' | '…' | '。' | '！' | '？') {
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
        let opens = opens_sentence(&rest[gap..])
            || no_capitals && !border && mark != '…' && gap == 1 && opens_with_words(&rest[gap..])
            || mark != '…' && gap == 1 && begins_small(&body[start..at], &rest[gap..]);
        // "Spam, adverts etc. Reply with one word."
        let large = rest[gap..].starts_with(char::is_uppercase);
        // So do "ten minutes" in short: "in 10 min. It may be cold."
        let timed = || {
            let mut back = body[start..at].rsplit(' ');
            back.next() == Some("min")
                && back.next().is_some_and(|count| count.ends_with(|c: char| c.is_ascii_digit()))
        };
        let ended = large && (body[start..at].ends_with("etc") || timed());
        if !wide && (!opens || (mark == '.' && !ended && is_abbreviation(&body[start..at]))) {
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

/// `Log: {log}` amid a line: what comes in, under its label.
fn is_labelled_slot(sentence: &str) -> bool {
    const LONGEST: usize = 40;
    // Each brace asks, so no more than this is looked at.
    if sentence.len() > 3 * LONGEST {
        return false;
    }
    let Some((label, slot)) = sentence.split_once(": ") else { return false };
    let name = slot.trim_start_matches(['{', ' ']).trim_end_matches(['}', ' ']);
    label.split_whitespace().count() <= 2
        && label.starts_with(char::is_uppercase)
        && slot.starts_with('{')
        && name.len() <= LONGEST
        && !name.is_empty()
        && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | ' '))
}

fn opens_sentence(rest: &str) -> bool {
    let opener = rest.trim_start_matches(['"', '\'', '(', '[', '“', '‘', '*', '_', '`']);
    opener.starts_with(|c: char| c.is_uppercase() || c.is_ascii_digit() || matches!(c, '<' | '{' | '$'))
        || opener.starts_with(|c: char| c.is_alphabetic() && !c.is_lowercase())
}

/// True for a text typed without capitals, whose sentences begin small: "write a note. keep it short." A capital after a stop
/// shows a writer who sets them; the one at the very start may be the keyboard's.
fn has_no_capitals(body: &str) -> bool {
    let stops = || {
        body.char_indices().filter(|&(at, mark)| {
            matches!(mark, '.' | '!' | '?') && !(mark == '.' && is_abbreviation(&body[..at]))
        })
    };
    let behind = |(at, mark): (usize, char)| {
        let rest = &body[at + mark.len_utf8()..];
        Some(rest.trim_start()).filter(|next| next.len() < rest.len())
    };
    let large = |next: &str| {
        let word = next.split(|c: char| !c.is_alphanumeric()).next().unwrap_or(next);
        next.starts_with(char::is_uppercase) && word != "I"
    };
    let small = |next: &str| next.starts_with(char::is_lowercase);
    let opens = body.trim_start();
    if stops().filter_map(behind).any(large) {
        return false;
    }
    small(opens)
        || opens.starts_with("I ")
        || stops().filter_map(behind).filter(|next| small(next)).nth(1).is_some()
}

/// "Half a page. maybe start with a question": a word with which people go on, typed without its capital.
fn begins_small(before: &str, rest: &str) -> bool {
    const OPENERS: [&str; 7] = ["maybe", "please", "also", "dont", "don't", "oh", "thanks"];
    let last = before.rsplit(' ').next().unwrap_or("");
    let whole = last.len() >= 4 && last.chars().all(char::is_alphabetic);
    let first = rest.split(' ').next().unwrap_or("");
    whole && OPENERS.contains(&first)
}

/// True where two words at least stand before the next stop: "etc. and so on." goes on, "keep it short." is new.
fn opens_with_words(rest: &str) -> bool {
    const JOINS: [&str; 8] = ["and", "or", "but", "to", "of", "in", "etc", "for"];
    let clause = rest.split(['.', '!', '?', '\n']).next().unwrap_or(rest);
    let first = clause.split_whitespace().next().unwrap_or("");
    rest.starts_with(char::is_lowercase) && clause.split_whitespace().count() >= 2 && !JOINS.contains(&first)
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
        minutes,
        "Serve in 10 min. It is cold. Use min. 5 eggs.",
        ["Serve in 10 min.", "It is cold.", "Use min. 5 eggs."]
    );
    sentences!(
        abbreviations,
        "Use units, e.g. Mr. Vane at 3.5 km. Go.",
        ["Use units, e.g. Mr. Vane at 3.5 km.", "Go."]
    );
    sentences!(quotes_close_with_it, "Say \"late.\" Then stop.", ["Say \"late.\"", "Then stop."]);
    sentences!(lower_case_goes_on, "Ask why? then stop. 3 times.", ["Ask why? then stop.", "3 times."]);
    sentences!(
        small_letters_all_through,
        "write a note on boats, i.e. Merle. should be short. no emojis. etc. and so on. ok",
        ["write a note on boats, i.e. Merle.", "should be short.", "no emojis. etc. and so on. ok"]
    );
    sentences!(a_capital_shows_the_writer, "ask why. then stop. Go.", ["ask why. then stop.", "Go."]);
    sentences!(
        a_capital_at_the_very_start,
        "Write a note. keep it short. no emojis please.",
        ["Write a note.", "keep it short.", "no emojis please."]
    );
    sentences!(a_border_ends_one, "Note: <<<{note}>>> Return JSON.", ["Note: <<<{note}>>>", "Return JSON."]);
    sentences!(
        labelled_slots_end_one,
        "Log: {log} Question: {{ question }} Answer at once.",
        ["Log: {log}", "Question: {{ question }}", "Answer at once."]
    );
    sentences!(etc_ends_one, "Drop spam etc. Name it.", ["Drop spam etc.", "Name it."]);
    sentences!(initials, "Ask T. Vane. Wait.", ["Ask T. Vane.", "Wait."]);
    sentences!(no_stop, "just words", ["just words"]);
}
