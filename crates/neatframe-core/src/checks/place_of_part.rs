//! One part of the reply that is to stand first here and last there.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, places};
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
    /// In the first sentence, which holds more than one thing.
    shared: bool,
}

impl Opening {
    fn of(case: &Case<'_>, unit: usize) -> Option<Opening> {
        const PROSE: [&str; 8] = [
            "paragraph", "summary", "overview", "introduction", "intro", "greeting", "explanation", "apology",
        ];
        // A step begins the work, not the reply.
        let rule =
            matches!(case.labels[unit].component, Some(Component::Constraints | Component::OutputFormat));
        let step = matches!(case.units[unit].kind, UnitKind::Item { ordered: true }) && !rule;
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
        // "Start every answer with the day."
        let every = opens(0)
            && matches!(&*lower(0), "begin" | "start" | "open")
            && matches!(&*lower(1), "every" | "each" | "all" | "your")
            && matches!(
                &*lower(2),
                "answer" | "answers" | "reply" | "replies" | "response" | "message" | "mail"
            )
            && lower(3) == "with"
            && matches!(&*lower(4), "the" | "a" | "an" | "your");
        // "The first thing in the letter is the price": the verb is where "with" would stand.
        let first_thing = || {
            let thing =
                lower(0) == "the" && lower(1) == "first" && matches!(&*lower(2), "thing" | "part" | "item");
            (3..words.len().min(8))
                .find(|&at| lower(at) == "is" && matches!(&*lower(at + 1), "the" | "a" | "an"))
                .filter(|_| thing)
        };
        let begun = if every { Some(2) } else { (0..words.len()).find(begins) };
        let begun = begun.or_else(|| first_thing().map(|is| is - 1));
        let Some(at) = begun.filter(|_| !step) else {
            // "Put the table first".
            // What stands under the title may stand behind what comes first.
            let under = |span: Span| {
                case.words
                    .within(span)
                    .iter()
                    .any(|word| matches!(&*word.lower(text), "under" | "below" | "behind" | "after"))
            };
            let (part, _, span) =
                places(text, words).into_iter().find(|(_, first, span)| *first && !step && !under(*span))?;
            let prose = PROSE.iter().any(|name| stem(name) == part);
            let stretch = ["sentence", "paragraph", "line", "row", "section", "column"];
            let told = case.words.within(span).last().map(|word| word.lower(text));
            let shared = told.is_some_and(|last| stretch.contains(&&*last));
            return Some(Opening { unit, span, things: vec![part], prose, shared });
        };
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
            span: words[if every { 0 } else { at }].span().cover(last.span()),
            things: plain.map(|word| stem(&word.lower(text))).collect(),
            prose: PROSE.contains(&&*last.lower(text)),
            shared: false,
        })
    }

    fn excludes(&self, other: &Opening) -> bool {
        // A title stands over whatever comes first.
        let titles = ["title", "heading", "headline", "header", "subject", "name", "topic"].map(stem);
        let above = |opening: &Opening| opening.things.iter().any(|thing| titles.contains(thing));
        let plain = |opening: &Opening| !opening.prose && !opening.shared && !above(opening);
        let plain = plain(self) && plain(other);
        self.unit != other.unit
            && (self.prose != other.prose || plain)
            && !self.things.iter().any(|thing| other.things.contains(thing))
    }
}

/// Words from which a sentence is not looked at.
const LONG: usize = 40;
