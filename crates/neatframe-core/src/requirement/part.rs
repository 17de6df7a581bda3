//! The part of the reply, or the thing in it, that a sentence speaks about.

use super::Sight;
use super::whom::{self, singular};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;

/// The noun at the end of what is translated or left: "translate the page", "leave brand names in English".
pub(super) fn object_of(sight: &Sight<'_>, place: Span) -> Option<String> {
    let text = sight.source.text();
    let words = sight.words.within(place);
    let end = words.iter().position(|word| matches!(&*word.lower(text), "in" | "untranslated"));
    let last = words[..end.unwrap_or(words.len())].last()?;
    Some(singular(&last.lower(text)))
}

/// Whose names a demand is on: "translate the names of all dishes", "do not translate the name of the restaurant".
pub(super) fn owner_of(sight: &Sight<'_>, place: Span) -> Option<String> {
    let text = sight.source.text();
    let behind = &sight.words.all()[sight.words.range(place).end..];
    behind.first().filter(|word| word.lower(text) == "of")?;
    let noun = behind[1..].iter().take(3).find(|word| {
        !word.is(vocabulary::STOP) && !matches!(&*word.lower(text), "all" | "every" | "each" | "the")
    })?;
    (!noun.is_punctuation()).then(|| singular(&noun.lower(text)))
}

/// The figures that a sentence speaks of.
pub(super) fn figures(sight: &Sight<'_>, unit: usize) -> Option<String> {
    const FIGURES: [&str; 11] = [
        "height", "speed", "percent", "temperature", "distance", "weight", "rate", "ratio", "score",
        "average", "length",
    ];
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    // "Unit prices" are no totals.
    let of_one = words.windows(2).any(|pair| {
        pair[0].lower(text) == "unit"
            && matches!(&*pair[1].lower(text), "price" | "prices" | "cost" | "costs")
    });
    if of_one {
        return Some("unit price".to_string());
    }
    words.iter().find_map(|word| {
        let lower = word.lower(text);
        FIGURES.iter().find(|name| lower.starts_with(**name)).map(|name| (*name).to_string())
    })
}

/// Parts of a reply that a sentence may be about.
const PARTS: [&str; 30] = [
    "title", "headline", "subject", "table", "summary", "heading", "headings", "caption", "field", "column",
    "columns", "list", "intro", "introduction", "conclusion", "footer", "signature", "greeting", "notes",
    "note", "quote", "quotes", "sample", "keys", "code", "name", "names", "comments", "appendix", "value",
];

/// "In the title", "for each table": the part that a sentence names.
pub(super) fn part_of(sight: &Sight<'_>, unit: usize) -> Option<String> {
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    // "Title in all caps".
    if let [first, second, ..] = words
        && matches!(&*second.lower(text), "in" | "has" | "have" | "as")
        && PARTS.contains(&&*first.lower(text))
    {
        return Some(first.lower(text).into_owned());
    }
    // "No emojis in the first word" leaves the others free; "advise the cheapest in the last line" binds the whole.
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    let stretch = words.windows(4).find_map(|run| {
        let [lead, the, which, what] = [0, 1, 2, 3].map(|at| run[at].lower(text));
        let placed = lead == "in" && matches!(&*the, "the" | "its" | "your");
        let end = matches!(&*which, "first" | "opening" | "last" | "final" | "closing" | "second");
        let named = matches!(&*what, "word" | "line" | "sentence" | "paragraph");
        (placed && end && named).then(|| format!("{which} {what}"))
    });
    if denied && stretch.is_some() {
        return stretch;
    }
    // "The tasks from the list below", "all facts from every note" are in what is given.
    let given = |at: usize| {
        let shown = words
            .get(at + 2)
            .is_some_and(|next| matches!(&*next.lower(text), "below" | "above" | "attached" | "given"));
        let several =
            words.get(at).is_some_and(|lead| matches!(&*lead.lower(text), "every" | "each" | "all" | "both"));
        at > 0 && words[at - 1].lower(text) == "from" && (shown || several)
    };
    words
        .windows(2)
        .enumerate()
        .filter(|(at, _)| !given(*at))
        .find_map(|(_, pair)| {
            let lead = pair[0].text(text);
            let thing = pair[1].lower(text);
            let led = ["the", "each", "every", "in", "for", "all"]
                .iter()
                .any(|word| lead.eq_ignore_ascii_case(word));
            (led && PARTS.contains(&&*thing)).then(|| thing.into_owned())
        })
        .or_else(|| one_of_several(sight, unit))
        .or_else(|| of_some_things(text, words))
}

/// "Warnings are written as running text": the things that the sentence is about.
fn of_some_things(text: &str, words: &[Word]) -> Option<String> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let thing = |at: usize| {
        let word = words.get(at)?;
        let name = word.lower(text);
        let plain = !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::VERB);
        // "Numbers are written in words" is about the numbers of the whole.
        let general = matches!(&*name, "numbers" | "figures" | "answers" | "replies");
        (plain && !general && name.ends_with('s') && !whom::WHOLE.contains(&&*singular(&name)))
            .then(|| name.into_owned())
    };
    let written = matches!(&*lower(2), "written" | "shown" | "set" | "printed" | "put");
    (lower(1) == "are" && written).then(|| thing(0)).flatten()
}

/// "The newsletter text", "the Instagram text": one of several replies.
fn one_of_several(sight: &Sight<'_>, unit: usize) -> Option<String> {
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    let [the, which, whole, ..] = words else { return None };
    let noun = !which.is_punctuation()
        && !which.is(vocabulary::STOP | vocabulary::VERB)
        && !["whole", "entire", "full", "final", "finished", "complete", "new"]
            .contains(&&*which.lower(text));
    (the.lower(text) == "the" && noun && whom::WHOLE.contains(&&*whole.lower(text)))
        .then(|| which.lower(text).into_owned())
}
