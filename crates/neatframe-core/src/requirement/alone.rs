//! One thing and nothing beside it, whatever it is called: "return the recipe only", "after the recipe, explain what changed".

use super::{Demand, Requirement, Sight};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs for what comes back.
const GIVES: [&str; 9] = ["return", "output", "give", "send", "write", "deliver", "print", "answer", "reply"];
/// Words for the place beside a thing.
const BESIDE: [&str; 7] = ["after", "before", "below", "above", "under", "beneath", "behind"];
/// Verbs that put words there.
const SAYS: [&str; 13] = [
    "explain", "add", "write", "list", "say", "describe", "give", "summarise", "summarize", "note", "name",
    "justify", "comment",
];

/// Reads a thing that is to come back alone together with what is asked for beside it. Each of the two alone is read elsewhere or
/// says nothing about the other.
pub(super) fn read(sight: &Sight<'_>, demands: &[usize], found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let words = |unit: usize| sight.words.within(sight.units[unit].text);
    let alone: Vec<(usize, Cow<'_, str>, Span)> = demands
        .iter()
        .filter_map(|&unit| only(text, words(unit)).map(|(noun, span)| (unit, noun, span)))
        .take(MOST)
        .collect();
    for (unit, noun, span) in alone {
        let told = |demand: &Requirement| {
            demand.unit == unit && matches!(demand.demand, Demand::Manner { axis: AXIS, .. })
        };
        let next = demands
            .iter()
            .filter(|other| **other != unit)
            .find_map(|&other| Some((other, beside(text, words(other), &noun)?)));
        let Some((other, place)) = next else { continue };
        let known = found
            .iter()
            .any(|demand| demand.unit == other && matches!(demand.demand, Demand::Manner { axis: AXIS, .. }));
        let manner = |pole| Demand::Manner { axis: AXIS, pole };
        if !found.iter().any(told) {
            found.push(Requirement::on_reply(unit, span, manner("only JSON"), false));
        }
        if !known {
            found.push(Requirement::on_reply(other, place, manner("an explanation"), false));
        }
    }
}

const AXIS: &str = "words around the data";
/// How many such demands are compared.
const MOST: usize = 8;
/// Words from which a sentence asks for more than this.
const LONG: usize = 14;

/// "Return the recipe only", "give nothing but the letter": the thing.
fn only<'a>(text: &'a str, words: &[Word]) -> Option<(Cow<'a, str>, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG || !GIVES.contains(&&*lower(0)) {
        return None;
    }
    let sign = (1..words.len()).find(|&at| matches!(&*lower(at), "only" | "alone" | "solely" | "but"))?;
    let but = lower(sign) == "but";
    if but && lower(sign - 1) != "nothing" {
        return None;
    }
    let the = (1..words.len()).find(|&at| lower(at) == "the")?;
    let noun = words[the + 1..].iter().take(3).take_while(|word| names(word)).last()?;
    // "Return the names only of those who paid" bounds the thing.
    let ends = |at: usize| words.get(at).is_none_or(|word| word.is_punctuation());
    let behind = sign > the && !but;
    let close = if behind { ends(sign + 1) } else { ends(the + 2) || ends(the + 3) };
    close.then(|| (noun.lower(text), words[0].span().cover(words[sign].span().cover(noun.span()))))
}

fn names(word: &Word) -> bool {
    !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::NEGATION)
}

/// "After the recipe, explain what changed", "list the changes below the recipe".
fn beside(text: &str, words: &[Word], noun: &str) -> Option<Span> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let place = (0..words.len()).find(|&at| {
        BESIDE.contains(&&*lower(at))
            && lower(at + 1) == "the"
            && (lower(at + 2) == noun || lower(at + 3) == noun && names(&words[at + 2]))
    })?;
    let opens = place == 0 && {
        let comma = (2..6).find(|&at| lower(at) == ",").map_or(3, |at| at + 1);
        SAYS.contains(&&*lower(comma))
    };
    let denied = words[..place].iter().any(|word| word.is(vocabulary::NEGATION));
    let told = opens || place > 1 && !denied && SAYS.contains(&&*lower(0));
    told.then(|| words[0].span().cover(words[words.len() - 1].span()))
}
