//! References to a list or table by its place, "the table below", where nothing of the kind stands there.

use super::Case;
use crate::component::Component;
use crate::outline::PieceKind;
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;

/// What is referred to by its place.
const NAMED: [&str; 8] = ["table", "list", "glossary", "scale", "rubric", "checklist", "legend", "template"];

/// How many references are told of.
const MOST: usize = 16;

/// References such as "the list below" in a prompt whose other units, from there on, are all plain sentences with no slot.
pub(super) fn lost_places(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let demands = |unit: usize| {
        let label = &case.labels[unit];
        let asks = matches!(
            label.component,
            Some(Component::Task | Component::Constraints | Component::OutputFormat | Component::Role)
        );
        let piece = &case.outline.pieces[case.units[unit].pieces.start];
        asks && case.units[unit].kind == UnitKind::Sentence && piece.kind == PieceKind::Text
    };
    // From the last unit that holds anything on, there is only prose.
    let prose_from = (0..case.units.len()).rev().take_while(|&unit| demands(unit)).last();
    let Some(prose_from) = prose_from else { return Vec::new() };
    let last_slot = case.slots.last().map_or(0, |slot| slot.span.end());
    (prose_from..case.units.len())
        .filter(|&unit| case.units[unit].text.end() > last_slot)
        .filter_map(|unit| {
            let words = case.words_of(unit);
            let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
            (1..words.len()).find_map(|at| {
                let named =
                    NAMED.contains(&&*lower(at)) && matches!(&*lower(at - 1), "the" | "this" | "our" | "my");
                // "Put the table below the text", "put the list at the end": where the answer has them.
                let over =
                    words.get(at + 2).is_none_or(|next| next.is_punctuation() || lower(at + 2) == "and");
                let placed = at > 1
                    && matches!(
                        &*lower(at - 2),
                        "put" | "place" | "add" | "set" | "draw" | "insert" | "show"
                    );
                let below = lower(at + 1) == "below" && at > 1 && over && !placed;
                let of_this =
                    lower(at + 4) == "of" && matches!(&*lower(at + 6), "prompt" | "message" | "page");
                let at_end = lower(at + 1) == "at" && matches!(&*lower(at + 3), "end" | "bottom") && of_this;
                let last = if below { at + 1 } else { at + 3 };
                (named && (below || at_end)).then(|| words[at - 1].span().cover(words[last].span()))
            })
        })
        .take(MOST)
        .collect()
}

/// "As in the examples below" in a prompt that shows none there and takes none in.
pub(super) fn lost_samples(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let shown = |unit: usize| {
        let kind = case.units[unit].kind;
        case.labels[unit].serves(Component::Examples)
            || matches!(kind, UnitKind::Code | UnitKind::Table | UnitKind::Turn | UnitKind::Field)
    };
    if !case.layers.is_empty() || (0..case.units.len()).any(shown) {
        return Vec::new();
    }
    let referred = |unit: usize| {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        (0..words.len()).find_map(|at| {
            let named = matches!(&*lower(at), "example" | "examples" | "sample" | "samples");
            let next = (at + 1..at + 4).find(|&at| matches!(&*lower(at), "below" | "above"))?;
            // Between them stands at most what tells that they are given.
            let between = (at + 1..next).all(|at| {
                matches!(
                    &*lower(at),
                    "given"
                        | "shown"
                        | "provided"
                        | "mentioned"
                        | "listed"
                        | "as"
                        | "prompts"
                        | "from"
                        | "the"
                )
            });
            let span = words[at].span().cover(words.get(next)?.span());
            let below = lower(next) == "below";
            let taken_in = case.slots.iter().any(|slot| match below {
                true => slot.span.start() > span.end(),
                false => slot.span.end() < span.start(),
            });
            (named && between && !taken_in).then_some(span)
        })
    };
    case.demands().filter_map(referred).take(MOST).collect()
}

/// Documents that a prompt may hold, and that others hold: "see the style guide above".
const DOCUMENTS: [&str; 46] = [
    "process", "procedure", "workflow", "flowchart", "schema", "template", "table", "scale", "specification",
    "brief", "definitions", "block", "list", "form", "guide", "handbook", "manual", "policy", "policies",
    "playbook", "dictionary", "glossary", "rubric", "checklist", "legend", "map", "chart", "diagram",
    "figure", "appendix", "attachment", "timetable", "catalogue", "catalog", "menu", "contract", "agreement",
    "diff", "transcript", "criteria", "categories", "labels", "principles", "guidelines", "definition",
    "topics",
];

/// Those that a list of items, or labelled lines, may be.
const LISTED: [&str; 19] = [
    "list", "definitions", "scale", "checklist", "template", "form", "schema", "rubric", "legend", "process",
    "procedure", "workflow", "criteria", "categories", "labels", "principles", "guidelines", "definition",
    "topics",
];

/// Those of them that plain items are not.
const FORMS: [&str; 3] = ["template", "form", "schema"];

/// "As in the style guide above" in a prompt that names no such thing anywhere else, and has no material on that side.
pub(super) fn lost_documents(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    if !case.layers.is_empty() {
        return Vec::new();
    }
    let referred = |unit: usize| {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        // "As described in the appendix", which no line is called.
        let behind = (2..words.len()).find(|&at| {
            matches!(&*lower(at), "appendix" | "annex" | "enclosure" | "glossary")
                && lower(at - 1) == "the"
                && matches!(&*lower(at - 2), "in" | "see" | "per" | "to" | "from" | "with")
        });
        if let Some(at) = behind {
            return Some((words[at - 1].span().cover(words[at].span()), lower(at).into_owned(), false));
        }
        (2..words.len()).find_map(|at| {
            let side = matches!(&*lower(at), "above" | "below");
            let ends = words.get(at + 1).is_none_or(|next| {
                let goes_on = ["when", "if", "and", "for", "before", "after", "while", "to", "as", "unless"];
                next.is_punctuation() || goes_on.contains(&&*next.lower(text))
            });
            let led = (at.saturating_sub(4)..at - 1).find(|&at| lower(at) == "the")?;
            // "Put the legend below" is where the answer has it.
            let told = led == 0
                && words.get(at + 1).is_some_and(|next| {
                    matches!(&*next.lower(text), "is" | "are" | "applies" | "apply" | "holds" | "says")
                });
            let cited = told
                || led > 0
                    && matches!(
                        &*lower(led - 1),
                        "in" | "see"
                            | "follow"
                            | "use"
                            | "consult"
                            | "from"
                            | "by"
                            | "per"
                            | "to"
                            | "of"
                            | "on"
                            | "against"
                            | "check"
                            | "apply"
                            | "meet"
                            | "with"
                    );
            // "The criteria listed above".
            let given = matches!(
                &*lower(at - 1),
                "listed"
                    | "given"
                    | "defined"
                    | "described"
                    | "shown"
                    | "named"
                    | "set"
                    | "stated"
                    | "provided"
            );
            let noun = at - 1 - usize::from(given);
            // "The list of boats below".
            let noun = if noun > 2 && lower(noun - 1) == "of" { noun - 2 } else { noun };
            let named = cited && noun > led && DOCUMENTS.contains(&&*lower(noun));
            let span = words[led].span().cover(words[at].span());
            (side && (ends || told) && named).then(|| (span, lower(noun).into_owned(), lower(at) == "above"))
        })
    };
    let holds = |unit: usize, (span, name, above): &(Span, String, bool)| {
        if matches!(name.as_str(), "appendix" | "annex" | "enclosure" | "glossary") {
            let own = case.units[unit].text;
            let around = [&text[..own.start()], &text[own.end()..]];
            return around.iter().any(|part| part.to_lowercase().contains(name.as_str()));
        }
        let material = |at: usize| match above {
            true => at < span.start(),
            false => at > span.end(),
        };
        let shown = |other: usize| {
            // Items, labelled lines and a record may be what is meant.
            let kind = case.units[other].kind;
            let record = case.text(case.units[other].text).contains(['{', '|', '<']);
            let item = matches!(kind, UnitKind::Item { .. }) && !FORMS.contains(&name.as_str());
            let listed = (item || kind == UnitKind::Field) && LISTED.contains(&name.as_str());
            (record || listed || matches!(kind, UnitKind::Code | UnitKind::Table | UnitKind::Turn))
                && material(case.units[other].text.start())
        };
        let own = case.units[unit].text;
        let around = [&text[..own.start()], &text[own.end()..]];
        case.slots.iter().any(|slot| material(slot.span.start()))
            || (0..case.units.len()).any(shown)
            || around.iter().any(|part| part.to_lowercase().contains(name.as_str()))
    };
    case.demands()
        .filter_map(|unit| Some((unit, referred(unit)?)))
        .take(MOST)
        .filter(|(unit, place)| !holds(*unit, place))
        .map(|(_, (span, ..))| span)
        .collect()
}
