//! Demands that show in the look of a text: its signs, the case of a name, its last line, its order, its language.

use crate::lexicon::vocabulary::{self, LANGUAGES};
use crate::words::Words;

/// Where in a text a demand on an axis is broken, as byte offset and length, and what is wrong there. `rule` is the sentence that
/// makes the demand.
pub(super) fn breach(axis: &str, pole: &str, body: &str, rule: &str) -> Option<(usize, usize, String)> {
    let stands = |offset: usize, length: usize| {
        Some((offset, length, format!("`{}` stands in a sample", &body[offset..offset + length])))
    };
    match (axis, pole) {
        ("contractions", "no contractions") => {
            let found = tokens(body).find(|(_, word)| is_contraction(word));
            found.and_then(|(at, word)| stands(at, word.len()))
        }
        ("person", "no we") => {
            const OURS: [&str; 9] = ["we", "we're", "we'll", "our", "us", "i", "i'm", "i'll", "my"];
            let first = rule.contains("first person");
            let all = if first { &OURS[..] } else { &OURS[..5] };
            // "The US" is a country.
            let ours = |word: &str| word != "US" && word != "i" && all.contains(&&*word.to_lowercase());
            let found = tokens(body).find(|(_, word)| ours(word));
            found.filter(|_| is_prose(body)).and_then(|(at, word)| stands(at, word.len()))
        }
        ("last line", "a question") => {
            let end = body.trim_end_matches(['"', '”', '*', '`', ' ', '\n']);
            let asks = end.ends_with('?');
            (!asks && end.ends_with(['.', '!']))
                .then(|| (0, body.len(), "a sample does not end with a question".to_string()))
        }
        ("last line", "no question") => {
            let end = body.trim_end_matches(['"', '”', '*', '`', ' ', '\n']);
            end.ends_with('?').then(|| (0, body.len(), "a sample ends with a question".to_string()))
        }
        ("naming", "kebab-case" | "snake_case" | "camelCase") => {
            // "late-boat, Closed_Pier": a list of names, of which one is off.
            let names = body.split(", ").map(|name| name.trim().trim_matches(['"', '`', '.']));
            let single = |name: &&str| {
                name.split_whitespace().count() <= 5
                    && !name.contains([':', '{', '.', ','])
                    && name.contains(char::is_alphabetic)
            };
            let one = names.clone().count() == 1;
            let whole = names.clone().all(|name| one || name.split_whitespace().count() == 1);
            let off = names.filter(single).find(|name| is_misnamed(pole, name)).filter(|_| whole)?;
            let from = if one { 0 } else { body.find(off)? };
            let length = if one { body.len() } else { off.len() };
            Some((from, length, format!("`{off}` is not in {pole}")))
        }
        ("rounding", "whole numbers") => {
            let percents = rule.to_lowercase().contains("percent");
            let (at, number) = decimals(body).find(|(at, number)| {
                let rest = body[at + number.len()..].trim_start();
                !percents || rest.starts_with('%') || rest.starts_with("percent")
            })?;
            Some((at, number.len(), format!("`{number}` has decimals")))
        }
        ("rounding", "decimals") => {
            let (at, number) = super::decimals::odd(rule, body)?;
            Some((at, number.len(), format!("`{number}` has other decimals than the rule asks for")))
        }
        ("order", "by name") => {
            let list: Vec<&str> = body.trim().trim_end_matches('.').split(", ").collect();
            let plain = |item: &&str| item.split_whitespace().count() <= 3 && !item.contains([':', '{', '"']);
            let lower = |item: &&str| item.to_lowercase();
            let off = list.len() >= 3 && list.iter().all(plain) && !list.is_sorted_by_key(lower);
            off.then(|| {
                (0, body.trim_end().len(), "the list in a sample is not in the order of the alphabet".into())
            })
        }
        ("answer language", language) => {
            let shown = other_language(body, language)?;
            Some((0, body.trim_end().len(), format!("a sample is in {shown}, not in {language}")))
        }
        ("spelling", "British spelling" | "American spelling") => {
            let british = pole.starts_with("British");
            // Names keep their spelling, and "humorous" is the same on both sides.
            let other = |word: &str| {
                SPELLINGS.iter().any(|(here, there)| {
                    word.strip_prefix(if british { there } else { here })
                        .is_some_and(|end| ENDINGS.contains(&end))
                })
            };
            let (at, word) = tokens(body).find(|(_, word)| other(word))?;
            let pole = pole.trim_end_matches(" spelling");
            Some((at, word.len(), format!("`{word}` is not {pole}")))
        }
        ("tables", "no tables") => {
            let rows = body.lines().filter(|line| line.trim_start().starts_with('|')).count();
            (rows >= 2).then(|| (0, body.len(), "a sample uses a table".to_string()))
        }
        ("prices", "no prices") => {
            let signed = || {
                let at = body.find(['€', '$', '£']).filter(|at| {
                    body[*at..].chars().nth(1).is_some_and(|c| c.is_ascii_digit() || c == ' ')
                })?;
                let end = body[at..].find([' ', ',', ';']).map_or(body.len(), |length| at + length);
                Some((at, &body[at..end]))
            };
            let (at, sum) = super::figures::with_a_currency(body).or_else(signed)?;
            stands(at, sum.len())
        }
        // "Do not ask questions."
        ("asking back", "no questions") | ("questions to the reader", "none")
            if rule.contains("question") =>
        {
            let asked = |(_, sentence): &(usize, &str)| {
                sentence.trim_end_matches(['"', '”', '*', ' ']).ends_with('?')
            };
            let (at, question) = super::sentences(body).find(asked)?;
            Some((at, question.trim_end().len(), "a question stands in a sample".to_string()))
        }
        ("digits", "none") => {
            let (at, number) =
                tokens(body).find(|(_, word)| word.starts_with(|c: char| c.is_ascii_digit()))?;
            stands(at, number.len())
        }
        ("separator", "semicolons") => {
            let row = body.contains(", ") && !body.contains(';') && !body.trim().contains(". ");
            row.then(|| (0, body.trim_end().len(), "commas stand between the values of a sample".to_string()))
        }
        ("records of JSON", "one array") => {
            let opens = body.trim_start();
            let single = opens.starts_with('{') && body.trim_end().ends_with('}');
            single.then(|| (0, body.trim_end().len(), "a sample is a record and no array".to_string()))
        }
        ("register", "formal") => {
            let (at, word) = tokens(body).find(|(_, word)| SLANG.contains(&&*word.to_lowercase()))?;
            stands(at, word.len())
        }
        ("abbreviations", "written out") if rule.contains("abbreviation") => {
            let short = |(at, word): &(usize, &str)| {
                let lower = word.to_lowercase();
                let dotted = body[at + word.len()..].starts_with('.');
                SHORTENED.contains(&&*lower) && dotted
            };
            let dotted = ["e.g.", "i.e."].iter().find_map(|sign| Some((body.find(sign)?, sign.len())));
            let word = tokens(body).find(short).map(|(at, word)| (at, word.len() + 1));
            let (at, length) = word.or(dotted)?;
            stands(at, length)
        }
        ("links", "no links") => {
            let at = ["https://", "http://", "www.", "]("].iter().find_map(|sign| body.find(sign))?;
            let length = body[at..].find(char::is_whitespace).unwrap_or(body.len() - at);
            stands(at, length)
        }
        ("greeting", "no greeting") => {
            let (at, word) = tokens(body).next()?;
            let greets = matches!(&*word.to_lowercase(), "hello" | "hi" | "hey" | "dear" | "greetings");
            if greets { stands(at, word.len()) } else { None }
        }
        ("apology", "no apology") => {
            let sorry = |word: &str| word == "sorry" || word.starts_with("apolog");
            let (at, word) = tokens(body).find(|(_, word)| sorry(&word.to_lowercase()))?;
            stands(at, word.len())
        }
        ("weekday of dates", _) => {
            let (at, date) = super::times::without_weekday(body)?;
            Some((at, date.len(), format!("`{date}` has no day of the week")))
        }
        ("superlatives", _) => {
            let (at, word) = tokens(body).find(|(_, word)| SUPERLATIVES.contains(&&*word.to_lowercase()))?;
            stands(at, word.len())
        }
        ("gaps", "never guess") => {
            let lower = body.to_lowercase();
            let said = GUESSES.iter().find_map(|guess| Some((lower.find(guess)?, guess.len())));
            let (at, length) = said.filter(|_| lower.len() == body.len() && rule.contains("guess"))?;
            stands(at, length)
        }
        ("full stop", "there") => {
            let end = body.trim_end().trim_end_matches(['"', '*', '`', ')']);
            let off = !end.ends_with(['.', '!', '?', '…', ':']) && !end.contains('\n') && end.contains(' ');
            off.then(|| (0, end.len(), format!("`{}` does not end with a full stop", end.trim())))
        }
        ("full stop", "none") => {
            let end = body.trim_end().trim_end_matches(['"', '*', '`']);
            let off = end.ends_with('.') && !end.ends_with("..") && !end.contains('\n');
            off.then(|| (end.len() - 1, 1, format!("`{}` ends with a full stop", end.trim())))
        }
        _ => None,
    }
}

/// True for a name that is not in the case of a pole; a single word in small letters is in each of them.
pub(crate) fn is_misnamed(pole: &str, name: &str) -> bool {
    match pole {
        "kebab-case" => name.contains(['_', ' ']) || name.contains(char::is_uppercase),
        "snake_case" => name.contains(['-', ' ']) || name.contains(char::is_uppercase),
        "camelCase" => name.contains(['-', '_', ' ']) || name.starts_with(char::is_uppercase),
        _ => false,
    }
}

/// The demands of manner that are looked at here.
pub(super) fn is_known(axis: &str, pole: &str) -> bool {
    match axis {
        "answer language" => LANGUAGES.iter().any(|(name, _)| *name == pole) || pole == "English",
        "contractions" | "greeting" | "apology" | "links" | "tables" => pole.starts_with("no "),
        "person" => pole == "no we",
        "rounding" => pole == "whole numbers" || pole == "decimals",
        "order" => pole == "by name",
        "prices" => pole == "no prices",
        "asking back" => pole == "no questions",
        "questions to the reader" => pole == "none",
        "separator" => pole == "semicolons",
        "digits" => pole == "none",
        "gaps" => pole == "never guess",
        "records of JSON" => pole == "one array",
        "register" => pole == "formal",
        "abbreviations" => pole == "written out",
        "weekday of dates" | "superlatives" => true,
        "naming" | "last line" | "spelling" | "full stop" => true,
        _ => false,
    }
}

/// Words that no formal text has, and short forms that end in a full stop.
const SLANG: [&str; 14] = [
    "hey", "gonna", "wanna", "gotta", "guys", "yeah", "yep", "nope", "kinda", "lol", "btw", "cool", "dude",
    "ain't",
];
const SHORTENED: [&str; 13] =
    ["approx", "incl", "excl", "etc", "min", "max", "dept", "appt", "tel", "mon", "tue", "ca", "vs"];

/// Words that put a thing above all others, and words with which a guess is told as one.
const SUPERLATIVES: [&str; 12] = [
    "best", "finest", "greatest", "biggest", "fastest", "cheapest", "strongest", "smartest", "safest",
    "cleverest", "loveliest", "unbeatable",
];
const GUESSES: [&str; 7] =
    ["a guess", "my guess", "i guess", "i would guess", "i'd guess", "my best guess", "i am guessing"];

/// Words of a text with their offsets, apostrophes kept.
fn tokens(text: &str) -> impl Iterator<Item = (usize, &str)> {
    let inside = |c: char| c.is_alphanumeric() || matches!(c, '\'' | '’');
    text.split_inclusive(move |c| !inside(c))
        .scan(0, move |at, piece| {
            let from = *at;
            *at += piece.len();
            Some((from, piece.trim_end_matches(move |c| !inside(c)).trim_end_matches('\'')))
        })
        .filter(|(_, word)| !word.is_empty())
}

fn is_contraction(word: &str) -> bool {
    let lower = word.to_lowercase().replace('’', "'");
    ["n't", "'re", "'ll", "'ve", "i'm", "it's", "that's", "there's", "let's"]
        .iter()
        .any(|end| lower.ends_with(end))
}

/// Numbers with a decimal part; no dates, versions or times.
fn decimals(text: &str) -> impl Iterator<Item = (usize, &str)> {
    text.split_whitespace().filter_map(move |word| {
        let at = word.as_ptr() as usize - text.as_ptr() as usize;
        let from = word.find(|c: char| c.is_ascii_digit())?;
        let number = word[from..].trim_end_matches(|c: char| !c.is_ascii_digit());
        let (whole, part) = number.split_once(['.', ','])?;
        let digits = |part: &str| !part.is_empty() && part.bytes().all(|b| b.is_ascii_digit());
        // Three digits behind the sign are thousands as often as not.
        (digits(whole) && digits(part) && part.len() != 3).then_some((at + from, number))
    })
}

/// Running text, and no record.
fn is_prose(body: &str) -> bool {
    !body.contains(['{', '|', ';']) && body.trim_end().ends_with(['.', '!', '?', '"'])
}

/// The language that a text is in, where that is not the one asked for.
fn other_language(body: &str, asked: &str) -> Option<&'static str> {
    if body.contains(['{', '<', '|', '`']) {
        return None;
    }
    let words = Words::read(body, 0);
    let all: Vec<_> = words.all().iter().filter(|word| !word.is_punctuation() && !word.is_number()).collect();
    let counted = |flag: u32| all.iter().filter(|word| word.flags() & flag != 0).count();
    let english = counted(vocabulary::STOP);
    let foreign = |name: &str| LANGUAGES.iter().find(|(own, _)| *own == name).map(|(_, flag)| counted(*flag));
    if asked == "English" {
        let (name, count) =
            LANGUAGES.iter().map(|(name, flag)| (*name, counted(*flag))).max_by_key(|(_, count)| *count)?;
        return (count >= 2 && english == 0).then_some(name);
    }
    let asked = foreign(asked)?;
    (all.len() >= 3 && english >= 2 && asked == 0).then_some("English")
}

/// Words in British and in American spelling.
const SPELLINGS: [(&str, &str); 17] = [
    ("colour", "color"),
    ("favour", "favor"),
    ("honour", "honor"),
    ("harbour", "harbor"),
    ("labour", "labor"),
    ("neighbour", "neighbor"),
    ("behaviour", "behavior"),
    ("flavour", "flavor"),
    ("humour", "humor"),
    ("centre", "center"),
    ("theatre", "theater"),
    ("litre", "liter"),
    ("grey", "gray"),
    ("travelling", "traveling"),
    ("traveller", "traveler"),
    ("cancelled", "canceled"),
    ("jewellery", "jewelry"),
];

/// Endings that such a word may take.
const ENDINGS: [&str; 10] = ["", "s", "ed", "d", "ing", "ful", "less", "ite", "able", "hood"];

#[cfg(test)]
mod tests {
    use super::*;

    fn broken(axis: &str, pole: &str, body: &str) -> bool {
        breach(axis, pole, body, "").is_some()
    }

    #[test]
    fn signs_and_words_that_are_ruled_out() {
        assert!(broken("contractions", "no contractions", "The boat doesn't sail."));
        assert!(!broken("contractions", "no contractions", "The boat's bow is red."));
        assert!(broken("greeting", "no greeting", "Hello, the boat is late."));
        assert!(!broken("greeting", "no greeting", "The boat said hello."));
        assert!(broken("apology", "no apology", "We are sorry for that."));
        assert!(broken("links", "no links", "See https://ferry.example now."));
        assert!(broken("tables", "no tables", "| a | b |\n| 1 | 2 |"));
        assert!(breach("person", "no we", "I mend it.", "Do not use the first person.").is_some());
        assert!(!broken("person", "no we", "I mend it."), "only we is ruled out");
    }

    #[test]
    fn ends() {
        assert!(broken("last line", "a question", "The boat leaves at ten."));
        assert!(!broken("last line", "a question", "Which boat do you take?"));
        assert!(broken("last line", "no question", "Which boat do you take?"));
        assert!(broken("full stop", "none", "Fog stops all boats."));
        assert!(!broken("full stop", "none", "Fog stops all boats"));
        assert!(broken("full stop", "there", "Fog stops all boats"));
    }

    #[test]
    fn names_and_numbers() {
        assert!(broken("naming", "kebab-case", "winter_boats"));
        assert!(!broken("naming", "kebab-case", "winter-boats"));
        assert!(broken("naming", "snake_case", "WinterBoats"));
        assert!(broken("rounding", "whole numbers", "It costs 3.5 crowns."));
        assert!(!broken("rounding", "whole numbers", "On 3.5.2031 it costs 4 crowns, 1,200 in all."));
        let percents =
            |body: &str| breach("rounding", "whole numbers", body, "Percentages have no decimals.").is_some();
        assert!(percents("a share of 12.5 %") && !percents("a way of 12.5 km"));
    }

    #[test]
    fn order_and_language() {
        assert!(broken("order", "by name", "Ola, Bo, Ida"));
        assert!(!broken("order", "by name", "Bo, Ida, Ola"));
        assert!(broken("answer language", "French", "The boat leaves at ten from the pier."));
        assert!(!broken("answer language", "French", "Le bateau part à dix heures."));
        assert!(broken("spelling", "British spelling", "The harbor is shut."));
        assert!(!broken("spelling", "British spelling", "The harbour is shut."));
        assert!(!broken("spelling", "British spelling", "A humorous note from Mr Gray."));
        assert!(!broken("person", "no we", "It sails to the US."));
    }
}
