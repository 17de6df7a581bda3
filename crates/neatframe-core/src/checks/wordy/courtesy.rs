//! "Please" in front of an order.

use crate::checks::{Case, Check, Meta, Sink, cut};
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::lexicon::{Hit, Set, vocabulary};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// A plain "please" in a prompt that is sent again and again: one remark for all that it holds.
pub(in crate::checks) struct Courtesy;

static META: Meta = Meta {
    id: "courtesy",
    family: Family::Wordy,
    severity: Severity::Note,
    summary: "\"please\" in front of an order of a prompt with slots or sections",
    write: "The order alone.",
    on: true,
    english: true,
    why: "A model carries an order out without being asked nicely, and the word is paid for at every call.",
    bad: &[
        "Please list the piers that are open.\n\nThe log: {log}",
        "# Task\nList the piers. If no pier is open, please say so.",
    ],
    good: &[
        "List the piers that are open.\n\nThe log: {log}",
        "Please list the piers that are open. I need them for our trip.",
        "List the piers. If none is open, say \"Please call the office\".\n\nThe log: {log}",
        "Sort the mails by pier.\n\nExamples:\nMail: Please send me the timetable.\nPier: none\n\nMail: {mail}",
    ],
};

/// The most places of one remark.
const MOST: usize = 1000;

impl Check for Courtesy {
    fn meta(&self) -> &'static Meta {
        &META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        if !is_sent_again(case) {
            return;
        }
        let text = case.source.text();
        let mut places: Vec<Span> = Vec::new();
        let mut edits: Vec<Edit> = Vec::new();
        for unit in case.demands() {
            let prose =
                matches!(case.units[unit].kind, UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field);
            if !prose || places.len() == MOST {
                continue;
            }
            let words = case.words_of(unit);
            for at in pleas(case, words, &case.hits[unit]) {
                let span = words[at].span();
                if !case.is_quoted(unit, span.start()) && !case.settings.words.allows(words, at, at) {
                    places.push(span);
                    let opens = span.start() == case.units[unit].text.start();
                    // "The letter is below, please answer it" is parted there first.
                    if !(opens && words[at].text(text).starts_with('p') && !opens_a_line(text, span.start()))
                    {
                        edits.extend(cut(text, span, "", opens));
                    }
                }
            }
        }
        let Some((first, others)) = places.split_first() else { return };
        let more = match others.len() {
            0 => String::new(),
            1 => ", here and once more".into(),
            many => format!(", here and {many} more times"),
        };
        let message = format!("`{}` is courtesy that a model does not need{more}", case.shown(*first));
        let finding = sink.report(*first, message, "leave it out");
        finding.related = others.to_vec();
        finding.fix = edits;
    }
}

fn opens_a_line(text: &str, at: usize) -> bool {
    let before = text[..at].trim_end_matches([' ', '\t']);
    before.is_empty() || before.ends_with(['\n', '.', '!', '?', ':', '-', '*'])
}

/// True for a prompt with slots, headings, tags or code: somebody keeps it. A note to a model by hand may be polite.
fn is_sent_again(case: &Case<'_>) -> bool {
    !case.slots.is_empty()
        || case
            .units
            .iter()
            .any(|unit| matches!(unit.kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table))
}

/// Where a "please" leads an order that no other phrase of padding takes in: "please only name it", "and please name it".
fn pleas(case: &Case<'_>, words: &[Word], hits: &[Hit]) -> Vec<usize> {
    let text = case.source.text();
    let padded = |at: usize| {
        hits.iter()
            .any(|hit| matches!(hit.set, Set::Padding | Set::Hedge) && (hit.first..=hit.last).contains(&at))
    };
    let leads = |at: usize| {
        let manner = |word: &&Word| {
            let lower = word.lower(text);
            matches!(&*lower, "only" | "also" | "always" | "do" | "just") || lower.ends_with("ly")
        };
        let next = words[at + 1..].iter().find(|word| !manner(word));
        next.is_some_and(|word| word.is(vocabulary::VERB | vocabulary::NEGATION) || word.lower(text) == "be")
    };
    // "Could you please name it?" is asked, which is more than a word.
    let asks = |at: usize| at > 0 && words[at - 1].lower(text) == "you";
    (0..words.len())
        .filter(|&at| words[at].lower(text) == "please" && !padded(at) && leads(at) && !asks(at))
        .collect()
}
