//! Which side of a sample a stretch shows: what goes in, or what comes out.

use super::form::offered;
use super::{Shown, Side};
use crate::checks::Case;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::outline::{Mark, PieceKind};
use crate::slots::Slot;
use crate::span::Span;
use crate::words::Word;
use std::cell::LazyCell;
use std::collections::HashSet;

/// The labels under which slots take in the material, in lower case.
pub(super) fn labels_of_slots(case: &Case<'_>) -> Vec<String> {
    let label_at = |place: usize| {
        let index = case.units.partition_point(|unit| unit.text.end() <= place);
        let unit = case.units.get(index)?;
        // `reason: <at most 12 words>` is a line of the answer.
        if case.labels[index].component == Some(Component::OutputFormat) {
            return None;
        }
        let piece = &case.outline.pieces[unit.pieces.start];
        let label = match piece.kind {
            PieceKind::Turn | PieceKind::Field => piece.lead,
            _ => case.outline.sections.get(unit.section).filter(|section| section.mark != Mark::Root)?.title,
        };
        Some(case.text(label).to_lowercase())
    };
    // `Urgency: [low, mid, high]` says what may stand there.
    let takes_in = |slot: &&Slot| offered(case.text(slot.span)).is_none();
    let slots = case.slots.iter().take(SLOTS).filter(takes_in);
    slots.filter_map(|slot| label_at(slot.span.start())).collect()
}

/// "Card: {{card}}" at the end of the prompt: a sample under that label shows what goes in.
pub(super) fn name_inputs(case: &Case<'_>, taken: &[String], found: &mut [Shown]) {
    for at in 0..found.len() {
        let label = case.text(found[at].label).to_lowercase();
        let bare = label.strip_prefix("sample ").or_else(|| label.strip_prefix("example ")).unwrap_or(&label);
        let named = taken.iter().any(|name| name == bare || name.strip_suffix('s') == Some(bare));
        // A label that mostly names an output needs another one behind it.
        let answered = found.get(at + 1).is_some_and(|next| {
            next.section == found[at].section && case.text(next.label) != case.text(found[at].label)
        });
        // An answer with no label of its own has that of what goes in.
        let bare = at > 0 && found[at - 1].label == found[at].label;
        let turns = found[at].side == Side::Other || found[at].side == Side::Output && answered && !bare;
        if named && turns {
            found[at].side = Side::Input;
        }
    }
}

/// How many slots are looked at.
const SLOTS: usize = 64;

/// The runs of samples, from and to, each of one section.
pub(super) fn runs(found: &[Shown]) -> Vec<(usize, usize)> {
    let mut from = 0;
    let same = |one: &Shown, next: &Shown| one.section == next.section;
    let lengths = found.chunk_by(same).map(<[Shown]>::len);
    lengths
        .map(|length| {
            from += length;
            (from - length, from)
        })
        .collect()
}

/// "Product: …" and "Text: …", by turns: what stands second comes out, where neither label is known for it.
pub(super) fn alternate(case: &Case<'_>, found: &mut [Shown]) {
    let label = |shown: &Shown| case.text(shown.label).to_lowercase();
    // A label that the outline knows has a section of its own, so the places tell what stands together.
    let together = |one: &Shown, next: &Shown| {
        let gap = case.source.text().get(one.content.end()..next.label.start()).unwrap_or("\n\n\n");
        gap.trim_matches(['*', '_', '#', ' ', '-']).matches('\n').count() <= 2 && !one.spoken && !next.spoken
    };
    let shaped = LazyCell::new(|| words_of_the_format(case));
    let mut from = 0;
    for length in found.chunk_by(together).map(<[Shown]>::len).collect::<Vec<_>>() {
        let run = &mut found[from..from + length];
        from += length;
        // A title over the samples has no words of its own.
        let first = run.iter().position(|shown| !shown.content.is_empty()).unwrap_or(run.len());
        let pairs = &mut run[first..];
        let known = pairs.iter().any(|shown| shown.side == Side::Output || shown.content.is_empty());
        if known || pairs.len() < 2 || pairs.len() % 2 == 1 || label(&pairs[0]) == label(&pairs[1]) {
            continue;
        }
        let (one, two) = (label(&pairs[0]), label(&pairs[1]));
        let by_turns = pairs.chunks(2).all(|pair| label(&pair[0]) == one && label(&pair[1]) == two);
        // One pair alone may be two fields of one record, which the prompt then asks for.
        let asked = |name: &str| name.split(' ').all(|word| shaped.contains(word));
        let record = pairs.len() == 2 && pairs[0].side != Side::Input && asked(&one) && asked(&two);
        if by_turns && !record {
            for (at, shown) in pairs.iter_mut().enumerate() {
                shown.side = if at % 2 == 0 { Side::Input } else { Side::Output };
            }
        }
    }
}

/// "Call: …" and "RED: …", "Call: …" and "GREEN: …": the one label that comes again goes in, the classes in capitals come out.
pub(super) fn answer_by_class(case: &Case<'_>, found: &mut [Shown]) {
    let is_class =
        |label: &str| label.len() >= 3 && label.chars().all(|c| c.is_ascii_uppercase() || c == '_');
    for (from, to) in runs(found) {
        let first =
            found[from..to].iter().position(|shown| !shown.content.is_empty()).map_or(to, |n| from + n);
        let run = &mut found[first..to];
        let Some(asked) = run.first().map(|shown| case.text(shown.label).to_string()) else { continue };
        let (mut asks, mut classes) = (0, 0);
        for shown in run.iter() {
            let label = case.text(shown.label);
            asks += usize::from(label == asked);
            classes += usize::from(label != asked && is_class(label));
        }
        if is_class(&asked) || asks < 2 || classes < 2 || asks + classes < run.len() {
            continue;
        }
        for shown in run.iter_mut() {
            shown.side = if case.text(shown.label) == asked { Side::Input } else { Side::Output };
        }
    }
}

/// The words of the lines on the form of the answer, in lower case.
fn words_of_the_format(case: &Case<'_>) -> HashSet<String> {
    let text = case.source.text();
    let shapes = |unit: &usize| case.labels[*unit].component == Some(Component::OutputFormat);
    let words = (0..case.units.len()).filter(shapes).flat_map(|unit| case.words_of(unit));
    words.map(|word| word.lower(text).into_owned()).collect()
}

/// "Card: …", "Panel: …": where no label is known for an output, the one label that follows the inputs names it.
pub(super) fn name_answers(case: &Case<'_>, found: &mut [Shown]) {
    answer_the_task(case, found);
    for (from, to) in runs(found) {
        // What opens the run is its title.
        let first =
            found[from..to].iter().position(|shown| shown.side == Side::Input).map_or(to, |n| from + n);
        let run = &mut found[first..to];
        if run.iter().any(|shown| shown.side == Side::Output) {
            continue;
        }
        let label = |shown: &Shown| case.text(shown.label).to_lowercase();
        let directly = |pair: &[Shown]| {
            let between =
                &case.source.text()[pair[0].content.end().min(pair[1].label.start())..pair[1].label.start()];
            pair[0].side == Side::Input
                && !pair[0].content.is_empty()
                && pair[1].side == Side::Other
                && between.trim_matches(['*', '_', ' ']).matches('\n').count() <= 1
        };
        let Some(name) = run.windows(2).find(|pair| directly(pair)).map(|pair| label(&pair[1])) else {
            continue;
        };
        let all_one = run.iter().all(|shown| shown.side == Side::Input || label(shown) == name);
        let inputs: Vec<String> = run.iter().filter(|shown| shown.side == Side::Input).map(label).collect();
        if all_one && inputs.windows(2).all(|pair| pair[0] == pair[1]) {
            for shown in run.iter_mut().filter(|shown| shown.side == Side::Other) {
                shown.side = Side::Output;
            }
        }
    }
}

/// "Flyer: …", "Title: …", "Time: …", and a slot under "Flyer:": what stands between two of the inputs comes out, line by line.
pub(super) fn fields_come_out(case: &Case<'_>, taken: &[String], found: &mut [Shown]) {
    let formed = LazyCell::new(|| lines_of_the_format(case));
    for (from, to) in runs(found) {
        let run = &mut found[from..to];
        let label = |shown: &Shown| case.text(shown.label).to_lowercase();
        let goes_in = |shown: &Shown| {
            let own = label(shown);
            shown.side == Side::Input && (taken.contains(&own) || !formed.contains(&own))
        };
        let first = run.iter().position(|shown| shown.side == Side::Input && taken.contains(&label(shown)));
        let Some(first) = first.filter(|_| !run.iter().any(|shown| shown.spoken)) else { continue };
        if run.iter().any(|shown| goes_in(shown) && !taken.contains(&label(shown))) {
            continue;
        }
        for shown in run[first..].iter_mut().filter(|shown| !goes_in(shown)) {
            shown.side = Side::Output;
        }
    }
}

/// The labels of the lines that tell the form of the answer, in lower case.
fn lines_of_the_format(case: &Case<'_>) -> HashSet<String> {
    let shapes = |unit: &usize| {
        let kind = case.outline.pieces[case.units[*unit].pieces.start].kind;
        matches!(kind, PieceKind::Field | PieceKind::Turn)
            && case.labels[*unit].component == Some(Component::OutputFormat)
    };
    let lead = |unit: usize| case.outline.pieces[case.units[unit].pieces.start].lead;
    (0..case.units.len()).filter(shapes).map(|unit| case.text(lead(unit)).to_lowercase()).collect()
}

/// "DE: …" and "EN: …": a text and its translation.
pub(super) fn name_languages(case: &Case<'_>, found: &mut [Shown]) {
    let is_language = |shown: &Shown| LANGUAGES.contains(&&*case.text(shown.label).to_lowercase());
    for at in 1..found.len() {
        let (head, tail) = found.split_at_mut(at);
        let (one, two) = (&mut head[at - 1], &mut tail[0]);
        let pair = one.section == two.section && one.side == Side::Other && two.side == Side::Other;
        if pair && is_language(one) && is_language(two) && case.text(one.label) != case.text(two.label) {
            (one.side, two.side) = (Side::Input, Side::Output);
            (one.spoken, two.spoken) = (false, false);
        }
    }
}

/// Languages as samples are labelled with them.
const LANGUAGES: [&str; 30] = [
    "de", "en", "fr", "es", "it", "nl", "pl", "pt", "sv", "da", "no", "fi", "cs", "ja", "zh", "uk", "german",
    "english", "french", "spanish", "italian", "dutch", "polish", "portuguese", "swedish", "danish",
    "norwegian", "finnish", "czech", "japanese",
];

/// How many words of what is written are looked at.
const NAMED: usize = 4;

/// "Write the note for the phrase", with "Phrase: …" and "Note: …": what the task has made is the answer, though a note often
/// goes in.
pub(super) fn answer_the_task(case: &Case<'_>, found: &mut [Shown]) {
    let text = case.source.text();
    let asks = |unit: &usize| {
        matches!(
            case.labels[*unit].component,
            Some(Component::Task | Component::Role | Component::OutputFormat)
        )
    };
    // What is written, from its first word on: "alt text for photos".
    let made: Vec<Vec<String>> = (0..case.units.len())
        .filter(asks)
        .take(SLOTS)
        .filter_map(|unit| {
            let words = case.words_of(unit);
            let writes = |word: &Word| {
                matches!(
                    &*word.lower(text),
                    "write" | "writes" | "make" | "makes" | "draft" | "drafts" | "give"
                )
            };
            let at = words.iter().position(writes)?;
            let article = |word: &&Word| matches!(&*word.lower(text), "the" | "a" | "an" | "one");
            let object = words[at + 1..].iter().skip_while(article).take(NAMED);
            Some(object.map(|word| word.lower(text).into_owned()).collect())
        })
        .collect();
    let is_made = |label: &str| {
        let name: Vec<&str> = label.split_whitespace().collect();
        !name.is_empty()
            && made.iter().any(|object| {
                object.starts_with(&name.iter().map(|word| word.to_string()).collect::<Vec<_>>())
            })
    };
    for at in 1..found.len() {
        let (before, shown) = (&found[at - 1], &found[at]);
        let label = case.text(shown.label).to_lowercase();
        let pair =
            before.section == shown.section && before.side != Side::Output && shown.side == Side::Input;
        let other = case.text(before.label).to_lowercase();
        // "Line: …" goes in and "Message: …" comes out, where the message is what is written.
        let swapped = before.section == shown.section
            && before.side == Side::Output
            && shown.side == Side::Input
            && !is_made(&other)
            && (at < 2 || found[at - 2].side != Side::Input || found[at - 2].section != before.section);
        if (pair || swapped) && other != label && is_made(&label) {
            found[at].side = Side::Output;
            if swapped {
                found[at - 1].side = Side::Input;
            }
        }
    }
}

/// `Issue: "Where is the dock?"` and `{"label": …}` below it: the record answers, and what has that label goes in.
pub(super) fn part_from_records(case: &Case<'_>, found: &mut Vec<Shown>) {
    let mut answered: Vec<String> = Vec::new();
    let mut at = 0;
    while at < found.len() {
        let content = found[at].content;
        let record = case.text(content).find("\n{\"").filter(|_| found[at].side == Side::Other);
        if let Some(below) = record {
            let from = content.start() + below;
            let record = Shown {
                side: Side::Output,
                content: Span::new(from + 1, content.end()),
                ..found[at].clone()
            };
            found[at].content = Span::new(content.start(), from);
            found[at].side = Side::Input;
            answered.push(case.text(found[at].label).to_lowercase());
            found.insert(at + 1, record);
            at += 1;
        }
        at += 1;
    }
    for shown in found.iter_mut().filter(|shown| shown.side == Side::Other) {
        if answered.contains(&case.text(shown.label).to_lowercase()) {
            shown.side = Side::Input;
        }
    }
}

/// "Example: {"boat": …}": a record is what comes out.
pub(super) fn records_come_out(case: &Case<'_>, found: &mut [Shown]) {
    for shown in found {
        let label = case.text(shown.label).to_lowercase();
        let plain = label.trim_end_matches(|c: char| !c.is_alphabetic());
        let record = case.text(shown.content).trim_start().starts_with(['{', '[']);
        if record && matches!(plain, "example" | "sample") && case.text(shown.content).contains("\":") {
            shown.side = Side::Output;
        }
    }
}

/// Which side a label names.
pub(super) fn side(case: &Case<'_>, label: Span, persona: Option<&str>) -> Option<Side> {
    let text = case.text(label).to_lowercase();
    let words: Vec<&str> =
        text.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).collect();
    if words.is_empty() || words.len() > 8 {
        return None;
    }
    if persona.is_some_and(|name| words.contains(&name)) {
        return Some(Side::Output);
    }
    let ours = ["assistant", "ai", "bot", "agent", "model", "chatbot", "you", "tutor", "system"];
    // "Q: …" and "A: …".
    if words == ["a"] && case.source.text().contains("Q: ") {
        return Some(Side::Output);
    }
    let flags = |word: &&&str| vocabulary::flags(vocabulary::find(word.as_bytes()));
    let last = words.iter().rfind(|word| word.parse::<u32>().is_err() && word.len() > 1)?;
    let says = |class: u32| flags(&last) & class != 0;
    // "Record", "Class", "Verdict" name what comes out; "Request", "Essay", "Note" what goes in.
    const OUT: [&str; 33] = [
        "good", "right", "correct", "after", "row", "record", "verdict", "decision", "script", "query",
        "json", "object", "table", "minutes", "notice", "handover", "translation", "score", "label", "name",
        "tags", "title", "headline", "reading", "entry", "line", "lines", "sql", "correction", "call",
        "action", "command", "thought",
    ];
    const IN: [&str; 19] = [
        "before", "essay", "passage", "log", "article", "mail", "letter", "slip", "transcript",
        "conversation", "sentence", "paragraph", "diff", "snippet", "statement", "complaint", "post",
        "tweet", "case",
    ];
    Some(
        if is_worked_on(&words) || ours.contains(last) || says(vocabulary::SAMPLE_OUT) || OUT.contains(last) {
            Side::Output
        } else if says(vocabulary::SAMPLE_IN | vocabulary::SPEAKER) || IN.contains(last) {
            Side::Input
        } else {
            Side::Other
        },
    )
}

/// "Rewritten input", "corrected text": an input that was worked on is what comes out.
fn is_worked_on(words: &[&str]) -> bool {
    const DONE: [&str; 9] = [
        "rewritten", "revised", "improved", "corrected", "rephrased", "refined", "translated", "shortened",
        "cleaned",
    ];
    words.iter().any(|word| DONE.contains(word))
}

impl Shown {
    /// True when two sides stand in one run of samples.
    pub(crate) fn beside(&self, other: &Shown) -> bool {
        self.section == other.section || self.spoken == other.spoken
    }
}

/// True for `JSON RESPONSE`, `Output`, `ASSISTANT`: a label over or before what comes back.
pub(crate) fn names_an_answer(label: &str) -> bool {
    const MORE: [&str; 6] = ["json", "verdict", "assistant", "agent", "bot", "model"];
    let lower = label.to_lowercase();
    let words: Vec<&str> =
        lower.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).collect();
    label.len() <= 40
        && words.last().is_some_and(|word| {
            is_worked_on(&words)
                || MORE.contains(word)
                || vocabulary::flags(vocabulary::find(word.as_bytes())) & vocabulary::SAMPLE_OUT != 0
        })
}
