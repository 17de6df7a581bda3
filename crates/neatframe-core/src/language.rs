//! Which language a prompt is written in, as far as the checks have to know.

use crate::lexicon::vocabulary::{self, LANGUAGES};
use crate::words::Words;

/// Words from which on the language can be told.
const LEAST_WORDS: usize = 8;
/// Words that are looked at; the language of a long prompt shows at its start.
const MOST_WORDS: usize = 4000;

/// The language, or the script where that is all that shows; `None` for English and for texts too short to tell.
pub(crate) fn recognise(text: &str, words: &Words) -> Option<&'static str> {
    let (mut total, mut english) = (0usize, 0usize);
    let mut counts = vec![0usize; LANGUAGES.len()];
    let mut scripts = [0usize; SCRIPTS.len()];
    for word in words.all().iter().filter(|word| !word.is_punctuation() && !word.is_number()).take(MOST_WORDS)
    {
        total += 1;
        let flags = word.flags();
        english += usize::from(flags & vocabulary::STOP != 0);
        for (count, (_, flag)) in counts.iter_mut().zip(LANGUAGES) {
            *count += usize::from(flags & flag != 0);
        }
        let letter = word.text(text).chars().next().unwrap_or(' ') as u32;
        if let Some(script) = SCRIPTS.iter().position(|(_, from, to)| (*from..=*to).contains(&letter)) {
            // Scripts without blanks make one word of many.
            scripts[script] += 1 + word.span().len() / 12;
        }
    }
    let foreign: usize = scripts.iter().sum();
    if foreign >= 3 && foreign * 2 > total {
        let most = (0..SCRIPTS.len()).max_by_key(|script| scripts[*script])?;
        return Some(SCRIPTS[most].0);
    }
    if total < LEAST_WORDS {
        return None;
    }
    let best = (0..LANGUAGES.len()).max_by_key(|language| counts[*language])?;
    let evident = counts[best] * 100 >= total * 18 && counts[best] * 2 > english * 3;
    evident.then(|| LANGUAGES[best].0)
}

/// Scripts of other languages, by the code points of their letters.
const SCRIPTS: [(&str, u32, u32); 9] = [
    ("a language in Greek script", 0x370, 0x3ff),
    ("a language in Cyrillic script", 0x400, 0x52f),
    ("a language in Hebrew script", 0x590, 0x5ff),
    ("a language in Arabic script", 0x600, 0x6ff),
    ("a language in Devanagari script", 0x900, 0x97f),
    ("Thai", 0xe00, 0xe7f),
    ("Japanese", 0x3040, 0x30ff),
    ("Chinese or Japanese", 0x4e00, 0x9fff),
    ("Korean", 0xac00, 0xd7af),
];

#[cfg(test)]
mod tests {
    use super::*;

    fn language(text: &str) -> Option<&'static str> {
        recognise(text, &Words::read(text, 0))
    }

    #[test]
    fn languages_are_told_apart() {
        assert_eq!(
            language(
                "Schreibe die Mitteilung für die Fahrgäste, die auf den Steg warten, und nenne die Zeit."
            ),
            Some("German")
        );
        assert_eq!(
            language("Rédige un avis pour les passagers qui attendent sur le quai, avec la date et le prix."),
            Some("French")
        );
        assert_eq!(
            language(
                "Escribe un aviso para los pasajeros que esperan en el muelle, con la fecha y el precio."
            ),
            Some("Spanish")
        );
        assert_eq!(
            language("请为码头上等待的乘客写一份通知，说明日期和价格。不要超过八十个字。"),
            Some("Chinese or Japanese")
        );
        assert_eq!(
            language("Напиши объявление для пассажиров на причале."),
            Some("a language in Cyrillic script")
        );
    }

    #[test]
    fn english_and_short_texts_are_left_alone() {
        assert_eq!(
            language("Write the notice for passengers who wait at the quay, with the date and the fare."),
            None
        );
        assert_eq!(
            language(
                "Translate from German into English: der Hund und die Katze sind nicht da, bitte keep names as they are in the source and use the present tense."
            ),
            None
        );
        assert_eq!(language("und der die das"), None);
    }
}
