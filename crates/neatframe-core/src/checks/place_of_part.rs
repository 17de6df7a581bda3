//! One part of the reply that is to stand first here and last there.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;
use std::collections::HashMap;

/// A part of the reply has two places.
pub(super) struct PlaceOfPart;

static PLACE: Meta = Meta {
    id: "place-of-part",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "one part of the reply is to stand first here and last there",
    write: "One place for the part.",
    on: true,
    english: true,
    why: "The part comes twice, or at a place that one of the two rules does not want.",
    bad: &[
        "Begin with the fare. Name the pier. Put the fare last.",
        "Open with the title. The title comes at the end.",
        "First the summary, then the sailings. Name the pier. End with the summary.",
        "Report the delays. Start with the longest delay. Begin with a short paragraph on the weather.",
        "Put the phone number first. Name the pier. The phone number comes last.",
    ],
    good: &[
        "Put the phone number first. Name the pier. The ticket number comes last.",
        "Begin with the fare. Name the pier. End with the hour.",
        "Begin each line with the pier. Put the pier of the last boat at the end of the notice.",
        "Begin with a question. Name the pier. End with a question.",
        "Begin with the longest delay. Start each line with the pier.",
    ],
};

impl Check for PlaceOfPart {
    fn meta(&self) -> &'static Meta {
        &PLACE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut known: HashMap<u32, (bool, usize, Span)> = HashMap::new();
        let mut opening: Option<Opening> = None;
        for unit in case.demands() {
            let words = case.words_of(unit);
            if words.len() > LONG || is_exception(case.source.text(), words) {
                continue;
            }
            if let Some(found) = Opening::of(case, unit) {
                match &opening {
                    Some(earlier) if earlier.excludes(&found) => {
                        let line = case.source.position(earlier.span.start()).line;
                        let message = format!(
                            "`{}` and `{}` (line {line}) cannot both come first",
                            case.shown(found.span),
                            case.shown(earlier.span)
                        );
                        let write = "say which of the two comes first";
                        sink.report(found.span, message, write).related.push(earlier.span);
                    }
                    Some(_) => {}
                    None => opening = Some(found),
                }
            }
            for (part, first, span) in places(case.source.text(), words) {
                match known.get(&part) {
                    Some((earlier, other, place)) if *other != unit && *earlier != first => {
                        let line = case.source.position(place.start()).line;
                        let message = format!(
                            "`{}` and `{}` (line {line}) give one part two places",
                            case.shown(span),
                            case.shown(*place)
                        );
                        sink.report(span, message, "give the part one place").related.push(*place);
                    }
                    Some(_) => {}
                    None => {
                        known.insert(part, (first, unit, span));
                    }
                }
            }
        }
    }
}

/// What the reply begins with: "start with the first finding".
struct Opening {
    unit: usize,
    span: Span,
    things: Vec<u32>,
    /// A stretch of prose, which takes the place of anything else.
    prose: bool,
}

impl Opening {
    fn of(case: &Case<'_>, unit: usize) -> Option<Opening> {
        const PROSE: [&str; 8] = [
            "paragraph", "summary", "overview", "introduction", "intro", "greeting", "explanation", "apology",
        ];
        // A step begins the work, not the reply.
        let step = matches!(case.units[unit].kind, UnitKind::Item { ordered: true });
        let text = case.source.text();
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        let opens = |at: usize| at == 0 || words[at - 1].is(vocabulary::STOP_MARK);
        let begins = |at: &usize| {
            opens(*at)
                && matches!(&*lower(*at), "begin" | "start" | "open")
                && lower(at + 1) == "with"
                && matches!(&*lower(at + 2), "the" | "a" | "an" | "your")
        };
        let at = (0..words.len()).find(begins).filter(|_| !step)?;
        let object = &words[at + 3..];
        let ends = |word: &Word| {
            word.is_punctuation()
                || matches!(&*word.lower(text), "of" | "on" | "in" | "that" | "for" | "about")
        };
        let object = &object[..object.iter().position(ends).unwrap_or(object.len())];
        let last = object.last().filter(|_| object.len() <= 4)?;
        let plain = object.iter().filter(|word| !word.is(vocabulary::STOP));
        Some(Opening {
            unit,
            span: words[at].span().cover(last.span()),
            things: plain.map(|word| stem(&word.lower(text))).collect(),
            prose: PROSE.contains(&&*last.lower(text)),
        })
    }

    fn excludes(&self, other: &Opening) -> bool {
        self.unit != other.unit
            && self.prose != other.prose
            && !self.things.iter().any(|thing| other.things.contains(thing))
    }
}

/// Words from which a sentence is not looked at.
const LONG: usize = 40;

/// The parts that a sentence places, each with whether it stands first, and the words that say so.
pub(super) fn places(text: &str, words: &[Word]) -> Vec<(u32, bool, Span)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let definite = |at: usize| matches!(&*lower(at), "the" | "your");
    let mut found = Vec::new();
    for at in 0..words.len() {
        let opens = at == 0 || words[at - 1].is_punctuation() || matches!(&*lower(at - 1), "and" | "then");
        // "First the summary".
        if opens && lower(at) == "first" && definite(at + 1) {
            found.extend(part(text, words, at + 2).map(|(part, to)| (part, true, at..to)));
        }
        // "Begin with the fare"; of each line, or of the letter's second page, is another thing.
        let first = matches!(&*lower(at), "begin" | "start" | "open" | "lead");
        let last = matches!(&*lower(at), "end" | "close" | "finish" | "conclude");
        // "Start with a summary": there is but one.
        let single = matches!(&*lower(at + 2), "a" | "an")
            && matches!(
                &*lower(at + 3),
                "summary" | "overview" | "title" | "table" | "conclusion" | "verdict"
            );
        if opens && (first || last) && lower(at + 1) == "with" && (definite(at + 2) || single) {
            found.extend(part(text, words, at + 3).map(|(part, to)| (part, first, at..to)));
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
        let puts =
            opens && matches!(&*lower(at), "put" | "place" | "set" | "give" | "state" | "name" | "mention");
        let named =
            if puts && definite(at + 1) { Some(at + 2) } else { (opens && definite(at)).then_some(at + 1) };
        let Some((part, to)) = named.and_then(|from| part(text, words, from)) else { continue };
        let stands = matches!(&*lower(to), "comes" | "goes" | "stands" | "is" | "come" | "go");
        let from = if puts { to } else { to + usize::from(stands) };
        if let Some((first, length)) = end_named(text, words, from).filter(|_| puts || stands) {
            found.push((part, first, at..from + length));
        }
    }
    let span = |range: std::ops::Range<usize>| words[range.start].span().cover(words[range.end - 1].span());
    found.into_iter().map(|(part, first, range)| (part, first, span(range))).collect()
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
