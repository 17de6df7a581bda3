//! Forms that tell what a unit or a title is, whatever its words: a program introduced, a call, an identifier.

use super::Reading;
use crate::lexicon::vocabulary;
use crate::words::Word;

/// The name in "You are Wick", as the hash of its word.
pub(super) fn persona(reading: &Reading<'_>) -> Option<u32> {
    /// How many units are looked at; a persona stands at the head.
    const HEAD: usize = 12;
    let text = reading.source.text();
    reading.units.iter().take(HEAD).find_map(|unit| {
        let words = reading.words.within(unit.text);
        words
            .windows(3)
            .find_map(|run| {
                let named = run[0].lower(text) == "you" && run[1].lower(text) == "are";
                let name = run[2].text(text);
                let capital = name.starts_with(char::is_uppercase) && name.chars().any(char::is_lowercase);
                (named && capital).then(|| run[2].hash())
            })
            .or_else(|| introduces_itself(text, words).then(|| words[0].hash()))
    })
}

/// "Marlow is the planning assistant of a theatre": a name, and what program it is.
pub(super) fn introduces_itself(text: &str, words: &[Word]) -> bool {
    const PROGRAMS: [&str; 9] =
        ["assistant", "program", "agent", "bot", "chatbot", "helper", "system", "model", "ai"];
    let [name, is, article, rest @ ..] = words else { return false };
    let shown = name.text(text);
    let capital = shown.starts_with(char::is_uppercase) && shown.chars().any(char::is_lowercase);
    capital
        && is.lower(text) == "is"
        && matches!(&*article.lower(text), "a" | "an" | "the")
        && rest.iter().take(6).any(|word| PROGRAMS.contains(&&*word.lower(text)))
}

/// `stall_sheet`, `openFile`: the name of something in a program.
pub(super) fn is_identifier(title: &str) -> bool {
    let inside = |c: char| c.is_ascii_alphanumeric() || c == '_';
    let camel = title.starts_with(char::is_lowercase)
        && title
            .bytes()
            .zip(title.bytes().skip(1))
            .any(|(a, b)| a.is_ascii_lowercase() && b.is_ascii_uppercase());
    title.len() > 2 && title.chars().all(inside) && (title.contains('_') || camel)
}

/// "You run the night shift as a planning program".
pub(super) fn words_as(text: &str, words: &[Word]) -> bool {
    let [you, verb, ..] = words else { return false };
    let article = |word: &Word| matches!(&*word.lower(text), "a" | "an" | "the" | "its" | "our" | "their");
    you.lower(text) == "you"
        && verb.lower(text) != "are"
        && !verb.is(vocabulary::MODAL | vocabulary::NEGATION)
        && words.windows(2).take(24).any(|pair| pair[0].lower(text) == "as" && article(&pair[1]))
}

/// `(bird | name | count)`, `Why: <one sentence>`: signs that stand for what is filled in.
pub(super) fn signs_of_a_form(text: &str) -> bool {
    let text = &text[..text.len().min(400).min(text.floor_char_boundary(400))];
    let bars = text.matches(" | ").count() >= 2 && text.contains('(');
    let holes = text.match_indices('<').any(|(at, _)| {
        let inner = text[at + 1..].split('>').next().unwrap_or("");
        inner.len() < text.len() - at - 1
            && inner.starts_with(char::is_alphabetic)
            && (inner.contains([' ', '_']) || at > 0)
    });
    let labelled = text.split_once(':').is_some_and(|(label, _)| label.len() <= 24);
    bars || holes && labelled
}

/// `search(query): …`, "`move(x, y)` …": a function and its arguments come first.
pub(crate) fn is_call(text: &str) -> bool {
    let text = text.trim_start_matches('`');
    let name = text.bytes().take_while(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'.')).count();
    let arguments = text[name..].strip_prefix('(').and_then(|rest| rest.split_once(')'));
    let told = |rest: &str| rest.split_whitespace().count() >= 2;
    name > 1
        && arguments.is_some_and(|(inside, rest)| inside.len() <= 60 && !inside.contains(". ") && told(rest))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn words<T>(text: &str, look: impl Fn(&str, &[Word]) -> T) -> T {
        look(text, Words::read(text, 0).within(Span::new(0, text.len())))
    }

    #[test]
    fn a_program_is_introduced_by_name() {
        assert!(words("Marlow is the planning assistant of a theatre.", introduces_itself));
        assert!(words("Otis is a bot that sells tickets.", introduces_itself));
        assert!(!words("The Merle is a ferry.", introduces_itself));
        assert!(!words("marlow is the planning assistant.", introduces_itself));
        assert!(!words("Larkhaven is a town with a harbour.", introduces_itself));
    }

    #[test]
    fn someone_does_it_as_something() {
        assert!(words("You run the night shift as a planning program.", words_as));
        assert!(words("You act for the archive as its search program.", words_as));
        assert!(!words("You are as tall as a mast.", words_as));
        assert!(!words("You must treat it as a rule.", words_as));
        assert!(!words("Treat it as a rule.", words_as));
    }

    #[test]
    fn names_of_a_program() {
        assert!(is_identifier("stall_sheet") && is_identifier("openFile") && is_identifier("read_page2"));
        assert!(!is_identifier("Tools") && !is_identifier("how you work") && !is_identifier("id"));
    }

    #[test]
    fn forms_that_are_filled_in() {
        assert!(signs_of_a_form("Write each bird as (bird | name | count)"));
        assert!(signs_of_a_form("Why: <one sentence>"));
        assert!(!signs_of_a_form("<log>"));
        assert!(!signs_of_a_form("If a < b and c > d, stop."));
        assert!(!signs_of_a_form("The pier is closed."));
    }

    #[test]
    fn calls() {
        assert!(is_call("search(query): looks it up in the index"));
        assert!(is_call("`move(x, y)` turns the crane by x"));
        assert!(!is_call("Write it (and sign it) today."));
        assert!(!is_call("search(query)"));
    }
}
