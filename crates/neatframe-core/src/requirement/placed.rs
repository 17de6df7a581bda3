//! Where a sentence puts a part of the reply: first, or last.

use super::number;
use super::whom::WHOLE;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// The parts that a sentence places, each with whether it stands first, and the words that say so.
pub(crate) fn places(text: &str, words: &[Word]) -> Vec<(u32, bool, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let definite = |at: usize| matches!(&*lower(at), "the" | "your");
    let mut found = Vec::new();
    for at in 0..words.len() {
        let opens = at == 0
            || words[at - 1].is_punctuation()
            || matches!(&*lower(at - 1), "and" | "then" | "that" | "always" | "also");
        // "First the summary".
        if opens && lower(at) == "first" && definite(at + 1) {
            found.extend(part(text, words, at + 2).map(|(part, to)| (part, true, at..to)));
        }
        // "Begin with the fare"; of each line, or of the letter's second page, is another thing.
        let first = matches!(&*lower(at), "begin" | "start" | "open" | "lead");
        let last = matches!(&*lower(at), "end" | "close" | "finish" | "conclude");
        // "The text opens with a summary."
        let told = at == 2 && lower(0) == "the" && WHOLE.contains(&&*lower(1));
        let first = first || told && matches!(&*lower(at), "begins" | "starts" | "opens");
        let last = last || told && matches!(&*lower(at), "ends" | "closes" | "finishes");
        let opens = opens || told;
        // "Start with a summary": there is but one.
        let single = matches!(&*lower(at + 2), "a" | "an")
            && matches!(
                &*lower(at + 3),
                "summary" | "overview" | "title" | "table" | "conclusion" | "verdict"
            );
        if opens && (first || last) && lower(at + 1) == "with" && (definite(at + 2) || single) {
            let sized = single_of_a_size(text, words, at + 2);
            found.extend(sized.or_else(|| part(text, words, at + 3)).map(|(part, to)| (part, first, at..to)));
        } else if opens && (first || last) && lower(at + 1) == "with" {
            found.extend(single_of_a_size(text, words, at + 2).map(|(part, to)| (part, first, at..to)));
        }
        // "The last row holds the total."
        let holds =
            matches!(&*lower(at + 3), "holds" | "is" | "contains" | "gives" | "has" | "shows" | "carries");
        let stretch =
            matches!(&*lower(at + 2), "row" | "line" | "sentence" | "paragraph" | "section" | "column");
        let end = match &*lower(at + 1) {
            "first" | "opening" | "top" => Some(true),
            "last" | "final" | "closing" | "bottom" => Some(false),
            _ => None,
        };
        if opens && lower(at) == "the" && holds && stretch && definite(at + 4) {
            let held = end.and_then(|first| Some((first, part(text, words, at + 5)?)));
            found.extend(held.map(|(first, (part, to))| (part, first, at..to)));
        }
        // "Allergens, the last line": the name of a part and its place.
        let own = at == 0
            && lower(1) == ","
            && lower(2) == "the"
            && matches!(&*lower(4), "line" | "row" | "paragraph" | "part" | "item");
        let own = own && words.get(5).is_none_or(|word| word.is_punctuation());
        let head = match &*lower(3) {
            "first" | "opening" => Some(true),
            "last" | "final" | "closing" => Some(false),
            _ => None,
        };
        let plain = !words[at].is_punctuation() && !words[at].is(vocabulary::STOP);
        found.extend(head.filter(|_| own && plain).map(|first| (stem(&lower(0)), first, 0..5)));
        // "Put the fare last", "the title comes at the end".
        let kept = opens && matches!(&*lower(at), "leave" | "save" | "keep") && definite(at + 1);
        let for_the_end = lower(at + 3) == "for"
            && (lower(at + 4) == "last" || lower(at + 4) == "the" && lower(at + 5) == "end");
        if kept
            && for_the_end
            && let Some(word) = words.get(at + 2)
        {
            let to = at + if lower(at + 4) == "last" { 5 } else { 6 };
            found.push((stem(&word.lower(text)), false, at..to));
            continue;
        }
        const PUTS: [&str; 12] = [
            "put", "place", "set", "give", "state", "name", "mention", "list", "show", "describe", "explain",
            "present",
        ];
        let puts = opens && PUTS.contains(&&*lower(at));
        // "Put delays first", "delays come at the top".
        let several = |at: usize| lower(at).len() > 3 && lower(at).ends_with('s');
        let named = match puts {
            true if definite(at + 1) => Some(at + 2),
            true => several(at + 1).then_some(at + 1),
            false if definite(at) => opens.then_some(at + 1),
            false => (opens && several(at)).then_some(at),
        };
        let Some((part, to)) = named.and_then(|from| part(text, words, from)) else { continue };
        let stands = matches!(&*lower(to), "comes" | "goes" | "stands" | "is" | "come" | "go" | "stand");
        let from = if puts { to } else { to + usize::from(stands) };
        if let Some((first, length)) = end_named(text, words, from).filter(|_| puts || stands) {
            found.push((part, first, at..from + length));
        }
    }
    let span = |range: std::ops::Range<usize>| words[range.start].span().cover(words[range.end - 1].span());
    found.into_iter().map(|(part, first, range)| (part, first, span(range))).collect()
}

/// "A short summary", "a summary of two sentences": of such a part there is but one, whatever its size.
fn single_of_a_size(text: &str, words: &[Word], at: usize) -> Option<(u32, usize)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let sized = |at: &usize| {
        matches!(
            &*lower(*at),
            "short" | "brief" | "concise" | "clear" | "quick" | "-" | "sentence" | "line" | "paragraph"
        ) || number(text, words[*at]).is_some()
    };
    let from = at + usize::from(matches!(&*lower(at), "a" | "an" | "the" | "your"));
    let noun = (from..words.len()).find(|at| !sized(at)).filter(|noun| noun - from <= 3)?;
    let single =
        matches!(&*lower(noun), "summary" | "overview" | "conclusion" | "verdict" | "recommendation");
    let counted =
        lower(noun + 1) == "of" && words.get(noun + 2).is_some_and(|word| number(text, *word).is_some());
    (single && (counted || stands_alone(text, words, noun + 1))).then(|| (stem(&lower(noun)), noun + 1))
}

/// The noun that names a part: the one word from `at` on, and where the words after it begin.
fn part(text: &str, words: &[Word], at: usize) -> Option<(u32, usize)> {
    let word = words.get(at)?;
    let plain = !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP);
    // "The phone number": two nouns make one name.
    let noun = |at: usize| {
        words.get(at).filter(|word| {
            !word.is_punctuation()
                && !word.is_number()
                && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
        })
    };
    if plain
        && let Some(second) = noun(at + 1).filter(|_| !stands_alone(text, words, at + 1))
        && stands_alone(text, words, at + 2)
    {
        let name = stem(&word.lower(text)).rotate_left(7) ^ stem(&second.lower(text));
        return Some((name, at + 2));
    }
    (plain && stands_alone(text, words, at + 1)).then(|| (stem(&word.lower(text)), at + 1))
}

/// True where the name of a part ends before `at`: "the fare of the last boat" is another part than "the fare".
fn stands_alone(text: &str, words: &[Word], at: usize) -> bool {
    words.get(at).is_none_or(|next| {
        next.is_punctuation()
            || matches!(
                &*next.lower(text),
                "first"
                    | "last"
                    | "at"
                    | "on"
                    | "once"
                    | "only"
                    | "in"
                    | "so"
                    | "since"
                    | "because"
                    | "comes"
                    | "goes"
                    | "stands"
                    | "is"
                    | "come"
                    | "go"
                    | "stand"
                    | "right"
                    | "directly"
                    | "and"
            )
    })
}

/// "First", "at the end": whether it is the head, and how many words say so.
fn end_named(text: &str, words: &[Word], at: usize) -> Option<(bool, usize)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let ends = |at: usize| words.get(at).is_none_or(|word| word.is_punctuation());
    // "Once, in the last paragraph".
    let skipped = (at..at + 3).take_while(|&at| matches!(&*lower(at), "once" | "only" | ",")).count();
    let stretch = |at: usize| {
        matches!(&*lower(at), "sentence" | "paragraph" | "line" | "row" | "section" | "column")
            && ends(at + 1)
    };
    if lower(at + skipped) == "in" && lower(at + skipped + 1) == "the" && stretch(at + skipped + 3) {
        return match &*lower(at + skipped + 2) {
            "first" | "opening" => Some((true, skipped + 4)),
            "last" | "final" | "closing" => Some((false, skipped + 4)),
            _ => None,
        };
    }
    // "Right under the title": nothing stands before it but the title.
    let right = usize::from(matches!(&*lower(at), "right" | "directly" | "just" | "straight"));
    let under = matches!(&*lower(at + right), "under" | "below" | "behind" | "after")
        && lower(at + right + 1) == "the"
        && matches!(&*lower(at + right + 2), "title" | "heading" | "headline" | "name")
        && ends(at + right + 3);
    if under {
        return Some((true, right + 3));
    }
    match &*lower(at) {
        // "The conclusion is the last paragraph".
        "the" if stretch(at + 2) => match &*lower(at + 1) {
            "first" | "opening" => Some((true, 3)),
            "last" | "final" | "closing" => Some((false, 3)),
            _ => None,
        },
        "first" if ends(at + 1) => Some((true, 1)),
        "last" if ends(at + 1) => Some((false, 1)),
        "at" | "on" => {
            let the = (at + 1..at + 3).take_while(|&at| matches!(&*lower(at), "the" | "very")).count();
            let first = match &*lower(at + 1 + the) {
                "top" | "beginning" | "start" => true,
                "end" | "bottom" => false,
                _ => return None,
            };
            ends(at + 2 + the).then_some((first, 2 + the))
        }
        _ => None,
    }
}
