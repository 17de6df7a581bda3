//! Amounts that a sentence gives in other ways than a number and a measure: one for each, each in its own, the number of.

use super::amount::number;
use super::measure::Measure;
use super::whom::CLAUSE;
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;

/// "The reason, a way out and a tip, each in its own sentence": as many of them as things are named, two at least.
pub(super) fn apart(text: &str, words: &[Word]) -> Option<(Span, Measure, u32)> {
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let own = |from: usize| {
            matches!(&*lower(from), "its" | "their" | "a") && matches!(&*lower(from + 1), "own" | "separate")
        };
        let each = lower(at) == "each" && lower(at + 1) == "in";
        let measure_at = if own(at + 2) {
            at + 4
        } else if lower(at + 2) == "a" && lower(at + 4) == "of" && own(at + 5) || lower(at + 6) == "own" {
            at + 3
        } else {
            return None;
        };
        let measure = Measure::named(&lower(measure_at)).filter(|_| each)?;
        // "A, b and c, each": the sign right before "each" parts no two things.
        let list = &words[..at.saturating_sub(1)];
        let parts = list.iter().filter(|word| matches!(&*word.lower(text), "," | "and")).count() as u32;
        Some((words[at].span().cover(words[measure_at].span()), measure, (parts + 1).clamp(2, MOST_PARTS)))
    })
}

/// "The name, the size and the price, one per line", "a sentence on the plot, one on the hero and one on the end": as many as
/// things are named.
pub(super) fn one_apiece(text: &str, words: &[Word]) -> Option<(Span, Measure, u32)> {
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    let parts_before = |end: usize| {
        let parts =
            words[..end].iter().filter(|word| matches!(&*word.lower(text), "," | "and")).count() as u32;
        (parts + 1).min(MOST_PARTS)
    };
    let lines = (4..words.len()).find(|&at| {
        lower(at - 1) == "," && lower(at) == "one" && (at + 2..at + 4).any(|line| lower(line) == "line")
    });
    if let Some(at) = lines {
        let line = (at + 2..at + 4).find(|&line| lower(line) == "line")?;
        let parts = parts_before(at - 1);
        let place = words[at].span().cover(words[line].span());
        return (parts >= 3).then_some((place, Measure::Lines, parts));
    }
    let first = (0..words.len()).find(|&at| {
        matches!(&*lower(at), "a" | "one") && matches!(&*lower(at + 2), "on" | "about" | "for" | "with")
    })?;
    let measure = Measure::named(&lower(first + 1))?;
    let more = (first + 3..words.len()).filter(|&at| {
        lower(at) == "one" && lower(at + 1) == lower(first + 2) && matches!(&*lower(at - 1), "," | "and")
    });
    let more: Vec<usize> = more.collect();
    let last = *more.last()?;
    let count = 1 + (more.len() as u32).min(MOST_PARTS - 1);
    (count >= 3).then(|| (words[first].span().cover(words[last].span()), measure, count))
}

/// Behind more signs than this a sentence lists more than the parts of the reply.
const MOST_PARTS: u32 = 6;

/// "One slide for each of the 11 sites", "two questions on each of the six chapters": as many as that makes, at least.
pub(super) fn one_for_each(text: &str, words: &[Word]) -> Option<(usize, Span, Measure, u32)> {
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let of_each = match &*lower(at) {
            "a" | "an" => Some(1),
            _ => number(text, words[at]).filter(|count| *count <= MOST_OF_EACH),
        };
        let opens = matches!(&*lower(at + 2), "for" | "on");
        let each = matches!(&*lower(at + 3), "each" | "every" | "all");
        if !opens || !each {
            return None;
        }
        let measure = Measure::named(&lower(at + 1))?;
        // "List all twelve months, one row for each."
        let ended = words.get(at + 4).is_none_or(|word| word.is_punctuation());
        if ended {
            let all =
                (1..at).rfind(|&all| matches!(&*lower(all - 1), "all" | "the") && words[all].is_number())?;
            let count = number(text, words[all])?.saturating_mul(of_each?);
            return Some((at, words[at].span().cover(words[at + 3].span()), measure, count));
        }
        let of = (at + 4..at + 6).find(|&next| !matches!(&*lower(next), "of" | "the"));
        let count_at = of.unwrap_or(at + 6);
        let count = number(text, *words.get(count_at)?)?.saturating_mul(of_each?);
        Some((at, words[at].span().cover(words[count_at].span()), measure, count))
    })
}

/// A larger number is none that each gets.
const MOST_OF_EACH: u32 = 20;

/// "List every finding you have": all of them, however many.
pub(super) fn every_one(text: &str, words: &[Word]) -> Option<(Span, &'static str)> {
    const SHOWS: [&str; 9] =
        ["list", "report", "name", "give", "include", "mention", "show", "return", "note"];
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    let at = (0..words.len().min(CLAUSE))
        .find(|&at| SHOWS.contains(&&*lower(at)) && matches!(&*lower(at + 1), "every" | "all" | "each"))?;
    let noun_at = (at + 2..at + 5).find(|&at| !matches!(&*lower(at), "the" | "of" | "single" | "your"))?;
    let bans = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    // "Give each idea a title" speaks of the ideas that are asked for.
    let gives = matches!(&*lower(noun_at + 1), "a" | "an" | "its" | "their" | "one" | "two" | "three");
    if gives {
        return None;
    }
    if matches!(&*lower(noun_at), "thing" | "one") && lower(at + 1) == "every" && !bans {
        return Some((words[at].span().cover(words[noun_at].span()), ANYTHING));
    }
    match Measure::named(&lower(noun_at)).filter(|_| !bans)? {
        Measure::Items(things) => Some((words[at].span().cover(words[noun_at].span()), things)),
        _ => None,
    }
}

/// "Every single thing": whatever the reply counts.
pub(crate) const ANYTHING: &str = "things";

/// "Keep the number of rules at 14".
pub(super) fn number_of(text: &str, words: &[Word]) -> Option<(Span, &'static str, u32)> {
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        if lower(at) != "number" || lower(at + 1) != "of" {
            return None;
        }
        let Measure::Items(things) = Measure::named(&lower(at + 2))? else { return None };
        let set = matches!(&*lower(at + 3), "at" | "to" | "is");
        let count = number(text, *words.get(at + 4)?).filter(|_| set)?;
        Some((words[at].span().cover(words[at + 4].span()), things, count))
    })
}
