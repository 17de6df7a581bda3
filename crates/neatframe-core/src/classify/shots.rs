//! Stretches of samples that the prompt's own pattern shows: from "Example 1:" to "Example 2:", from one `Q:` to the `Q: {question}`
//! that is still to be answered.

use super::bounds::ends_samples;
use super::handover::hands_over;
use super::{Reading, holds_a_slot};
use crate::lexicon::vocabulary;
use crate::outline::is_sample_title;
use crate::units::UnitKind;
use std::collections::HashMap;

/// The most units between two numbered samples.
const LONG: usize = 200;

/// Marks in `inside` what stands between two samples that are counted, and in the last of them.
pub(super) fn counted(reading: &Reading<'_>, inside: &mut [bool]) {
    let labels: Vec<(usize, u32)> =
        (0..reading.units.len()).filter_map(|at| Some((at, number(reading, at)?))).collect();
    if let [(only, _)] = labels[..]
        && only.checked_sub(1).is_some_and(|lead| leads_to_samples(reading, lead))
        && let Some(over) =
            (only + 1..reading.units.len().min(only + LONG)).find(|at| hands_over(reading, *at))
    {
        inside[only + 1..over].fill(true);
    }
    if labels.len() < 2 {
        return;
    }
    // `# Data` within each of the samples is a part of it.
    let mut titles: HashMap<&str, usize> = HashMap::new();
    let title = |at: usize| {
        let text = reading.source.slice(reading.units[at].text);
        (is_heading(reading, at) && text.contains(char::is_alphanumeric)).then_some(text)
    };
    for text in (0..reading.units.len()).filter_map(title) {
        *titles.entry(text).or_default() += 1;
    }
    let parts = |at: usize| title(at).is_some_and(|text| titles[text] < TIMES);
    for (place, pair) in labels.windows(2).enumerate() {
        let [(from, one), (to, two)] = [pair[0], pair[1]];
        let short = to - from <= LONG;
        if two != one + 1 || !short || (from + 1..to).any(parts) {
            continue;
        }
        inside[from + 1..to].fill(true);
        // The last one is at most a little longer than the one before.
        if labels.get(place + 2).is_none_or(|(_, next)| *next != two + 1) {
            let most = (to + 1 + (to - from) * 2).min(reading.units.len());
            let over = |at: &usize| {
                hands_over(reading, *at)
                    || ends_samples(reading.source.slice(reading.units[*at].text))
                    || holds_a_slot(reading, &reading.units[*at])
                    || parts(*at)
                    || is_heading(reading, *at) && title(*at).is_none()
            };
            let end =
                (to + 1..most).find(over).unwrap_or(if most == reading.units.len() { most } else { to + 1 });
            inside[to + 1..end].fill(true);
        }
    }
}

/// Marks in `inside` what stands between "Example format:" and the sentence that hands the work over.
pub(super) fn up_to_the_hand_over(reading: &Reading<'_>, inside: &mut [bool]) {
    let mut from = None;
    for at in 0..reading.units.len() {
        if is_label_of_samples(reading, at) {
            from = Some(at);
        } else if is_heading(reading, at) || orders(reading, at) && !hands_over(reading, at) {
            from = None;
        } else if hands_over(reading, at)
            && let Some(from) = from.take().filter(|from| at - from <= LONG)
        {
            inside[from + 1..at].fill(true);
        }
    }
}

/// Marks in `inside` the code below "Here are some examples of what it can do:", and the code that goes on from there.
pub(super) fn code_below_a_lead(reading: &Reading<'_>, inside: &mut [bool]) {
    /// Between the lead and its code a line may name the first sample.
    const BETWEEN: usize = 2;
    let mut lead: Option<usize> = None;
    let mut shown = false;
    for at in 0..reading.units.len() {
        let unit = &reading.units[at];
        let text = reading.source.slice(unit.text);
        match unit.kind {
            UnitKind::Code => {
                shown |= lead.is_some();
                inside[at] |= shown;
                if let Some(lead) = lead.take() {
                    inside[lead] = true;
                }
            }
            UnitKind::Mark if text.starts_with("```") => {}
            UnitKind::Sentence if leads_to_samples(reading, at) => lead = Some(at),
            UnitKind::Sentence if text.ends_with(':') && !orders(reading, at) => {
                lead = lead.filter(|from| at - from <= BETWEEN);
            }
            _ => (lead, shown) = (None, false),
        }
    }
}

/// Marks in `inside` what "Here are some examples:" leads to, up to a row of dashes, where one label stands in it again and again.
pub(super) fn up_to_a_row(reading: &Reading<'_>, inside: &mut [bool]) {
    let text = |at: usize| reading.source.slice(reading.units[at].text);
    let row = |at: usize| {
        let text = text(at).trim();
        reading.units[at].kind == UnitKind::Mark
            && text.len() >= 3
            && text.chars().all(|c| matches!(c, '-' | '=' | '*' | '_' | '#' | '+'))
    };
    for lead in 0..reading.units.len() {
        if inside[lead] || !(leads_to_samples(reading, lead) || is_label_of_samples(reading, lead)) {
            continue;
        }
        let most = reading.units.len().min(lead + LONG);
        let Some(end) = (lead + 1..most).find(|at| row(*at)) else { continue };
        // A row right below the lead: the samples stand between it and the next one.
        if end == lead + 1
            && let Some(close) = (end + 1..most).find(|at| row(*at))
            && close > end + 1
        {
            inside[end + 1..close].fill(true);
            continue;
        }
        let mut labels: HashMap<&str, usize> = HashMap::new();
        for at in lead + 1..end {
            let name = text(at).split_once(": ").map(|(name, _)| name);
            let short = name.filter(|name| name.len() <= 20 && reading.units[at].opens_piece);
            if let Some(name) = short {
                *labels.entry(name).or_default() += 1;
            }
        }
        let titled = (lead + 1..end).any(|at| is_heading(reading, at));
        if !titled && labels.values().filter(|times| **times >= TIMES).count() >= TIMES {
            inside[lead + 1..end].fill(true);
        }
    }
}

/// "Examples:" on a line of its own.
fn is_label_of_samples(reading: &Reading<'_>, at: usize) -> bool {
    let text = reading.source.slice(reading.units[at].text);
    reading.units[at].kind == UnitKind::Mark && text.ends_with(':') && is_sample_title(text)
}

/// "Here are some code examples of what you can do:", "Below is a sample:".
pub(super) fn leads_to_samples(reading: &Reading<'_>, at: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[at].text);
    // "The examples may differ, but your goal is to:" speaks of them.
    let first = words.iter().position(|word| word.lower(text) != "the").and_then(|at| words.get(at));
    let opens =
        first.is_some_and(|word| matches!(&*word.lower(text), "here" | "below" | "some" | "following"));
    // "An example is shown below:".
    let shown = text_of_the_lead(reading, at).is_some_and(|lead| {
        ["an example is ", "a sample is ", "examples are ", "samples are "]
            .iter()
            .any(|opening| lead.starts_with(opening))
            && ["below:", "here:"].iter().any(|end| lead.ends_with(end))
    });
    if shown {
        return true;
    }
    let several = words.iter().take(10).any(|word| matches!(&*word.lower(text), "examples" | "samples"));
    let last = words.iter().rev().find(|word| !word.is_punctuation());
    let one =
        words.len() <= 10 && last.is_some_and(|word| matches!(&*word.lower(text), "example" | "sample"));
    let named = several || one;
    opens && named && reading.source.slice(reading.units[at].text).ends_with(':')
}

/// A line that ends in a colon, in small letters.
fn text_of_the_lead(reading: &Reading<'_>, at: usize) -> Option<String> {
    let line = reading.source.slice(reading.units[at].text);
    (line.len() <= 60 && line.ends_with(':')).then(|| line.to_lowercase())
}

/// Marks in `inside` what a tag right below "Example of a call:" holds.
pub(super) fn tagged(reading: &Reading<'_>, inside: &mut [bool]) {
    let text = |at: usize| reading.units.get(at).map_or("", |unit| reading.source.slice(unit.text));
    let is_mark = |at: usize| reading.units.get(at).is_some_and(|unit| unit.kind == UnitKind::Mark);
    for at in 0..reading.units.len().saturating_sub(2) {
        let titled = is_mark(at) && text(at).ends_with(':') && is_sample_title(text(at));
        let tag = text(at + 1).strip_prefix('<').and_then(|tag| tag.strip_suffix('>'));
        let Some(name) = tag.filter(|tag| titled && is_mark(at + 1) && !tag.starts_with('/')) else {
            continue;
        };
        let most = reading.units.len().min(at + LONG);
        let closes = |unit: &usize| text(*unit).strip_prefix("</").is_some_and(|rest| rest.starts_with(name));
        let Some(end) = (at + 2..most).find(closes) else { continue };
        if !(at + 2..end).any(|unit| holds_a_slot(reading, &reading.units[unit])) {
            inside[at + 2..end].fill(true);
        }
    }
}

/// The number in "Example 2:", on a line of its own.
fn number(reading: &Reading<'_>, at: usize) -> Option<u32> {
    let unit = &reading.units[at];
    let alone = unit.kind == UnitKind::Mark || unit.kind == UnitKind::Sentence && unit.opens_piece;
    if !alone || unit.text.len() > 24 {
        return None;
    }
    let text = reading.source.slice(unit.text);
    let (_, number) = text.trim_end_matches(['*', ':', ' ', '-', ']']).rsplit_once([' ', '#'])?;
    number.parse().ok().filter(|_| is_sample_title(text))
}

fn is_heading(reading: &Reading<'_>, at: usize) -> bool {
    let unit = &reading.units[at];
    unit.kind == UnitKind::Mark && reading.source.slice(unit.text).starts_with(['#', '<', '='])
}

/// How often a label stands before a text, until it stands before a slot.
const TIMES: usize = 2;

/// Marks in `inside` the samples before the `Q: {question}` that they lead to.
pub(super) fn led_by_a_label(reading: &Reading<'_>, inside: &mut [bool]) {
    let label = |at: usize| -> Option<&str> {
        let unit = &reading.units[at];
        let (label, rest) = reading.source.slice(unit.text).split_once(": ")?;
        (unit.opens_piece && label.len() <= 20 && !label.contains(['"', '{', '`']) && !rest.trim().is_empty())
            .then_some(label)
    };
    let slotted = |at: usize| holds_a_slot(reading, &reading.units[at]);
    let mut seen: HashMap<&str, Vec<usize>> = HashMap::new();
    for at in 0..reading.units.len() {
        let Some(name) = label(at) else { continue };
        if !slotted(at) {
            seen.entry(name).or_default().push(at);
            continue;
        }
        let Some(all) = seen
            .remove(name)
            .filter(|all| all.len() >= TIMES || is_answered_as_the_open_one(reading, all[0], at))
        else {
            continue;
        };
        let from = all[0];
        let clean = at - from <= LONG
            && !(from..at).any(|unit| slotted(unit) || hands_over(reading, unit) || orders(reading, unit));
        if clean && titles_recur(reading, from..at) {
            inside[from..at].fill(true);
        }
    }
}

/// "Question: … Query: …" once, and "Question: {question} Query:" at the end: what is open there was filled above.
fn is_answered_as_the_open_one(reading: &Reading<'_>, from: usize, at: usize) -> bool {
    let text = |unit: usize| reading.source.slice(reading.units[unit].text).trim();
    let Some(open) =
        reading.units.get(at + 1).map(|_| text(at + 1)).filter(|_| at + 2 == reading.units.len())
    else {
        return false;
    };
    let label = open.trim_end_matches(':');
    (1..=20).contains(&label.len())
        && (from + 1..at).any(|unit| {
            text(unit)
                .strip_prefix(label)
                .and_then(|rest| rest.strip_prefix(':'))
                .is_some_and(|said| !said.trim().is_empty())
        })
}

/// "Write abbreviations out." on a line of its own: the samples before it are over.
fn orders(reading: &Reading<'_>, at: usize) -> bool {
    let unit = &reading.units[at];
    let first = reading.words.within(unit.text).first();
    unit.opens_piece
        && matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. })
        && first.is_some_and(|word| word.is(vocabulary::VERB | vocabulary::NEGATION))
}

/// Titles among samples are parts of them, and stand in each.
fn titles_recur(reading: &Reading<'_>, units: std::ops::Range<usize>) -> bool {
    let mut titles: HashMap<&str, usize> = HashMap::new();
    for at in units.filter(|at| is_heading(reading, *at)) {
        *titles.entry(reading.source.slice(reading.units[at].text)).or_default() += 1;
    }
    titles.values().all(|times| *times >= TIMES)
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component::{Context, Examples, Task};

    #[test]
    fn what_stands_between_counted_samples() {
        let text = "Find the boat that the slip asks for.\nExamples:\nExample 1:\nSlip text:\nA boat to the island, please.\nAnswer:\n\
                    Merle\nExample 2:\nSlip text:\nA boat to the pier.\nAnswer:\nOriole\nNow do the same for the slip below.\n{slip}\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found, [Task, Examples, Examples, Examples, Examples, Task, Context]);
    }

    #[test]
    fn code_that_a_lead_calls_samples() {
        let text = "You book boats with code.\nHere are some code examples of what you can do:\nOne call, with step():\n```\ntwo = desk.step(\"Book two berths\")\nprint(two)\n```\nA chat, with chat():\n```\ndesk.chat(\"And a bicycle\")\n```\nPrint each booking once.\n```\nprint(all)\n```\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!([found[1], found[3], found[5]], [Examples; 3], "{found:?}");
        assert_ne!(found.last(), Some(&Examples));
    }

    #[test]
    fn what_a_tag_below_a_sample_title_holds() {
        let text = "Write code for the task.\n\nExample of a good call:\n<run>\nimport tide\nlevel = tide.now(4)\n</run>\n\nPrint each level once.\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found.iter().filter(|of| **of == Examples).count(), 2, "{found:?}");
        assert_ne!(found.last(), Some(&Examples));
    }

    #[test]
    fn counted_samples_may_have_parts_of_their_own() {
        let sample = |number: u32, boat: &str| {
            format!(
                "### Example {number}\n# Slip\nYou are on the {boat}. Name the pier.\n# Weight\nAn 8, since the pier matters.\n####\n"
            )
        };
        let text = format!(
            "Weigh each slip.\n####\n{}{}# Slip\n{{slip}}\n# Weight\n",
            sample(1, "Merle"),
            sample(2, "Oriole")
        );
        let found: Vec<_> = components_of(&text).into_iter().flatten().collect();
        assert_eq!(found.iter().filter(|of| **of == Examples).count(), 6, "{found:?}");
        assert_eq!((found[0], found.last()), (Task, Some(&Context)));
    }

    #[test]
    fn what_a_sample_title_opens_and_the_hand_over_closes() {
        let text = "Give the numbers of the slips that answer the question.\nExample format:\nSlip 1:\n<summary of slip 1>\n\n\
                    Question: <question>\nAnswer:\nSlip: 9, Weight: 7\n\nLet's try this now:\n\n{{ slip.text }}\n\n\
                    {{ slip.picture }}\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found, [Task, Examples, Examples, Examples, Context, Context]);
    }

    #[test]
    fn what_a_lead_opens_and_a_row_closes() {
        let text = "Plan the calls.\nNever plan a DELETE.\n----\nHere are some examples:\n\nUser query: free a berth\n\
                    Plan: 1. GET /piers/{{id}}\n2. Ask for the pier.\nUser query: name a boat\nPlan: 1. GET /boats\n----\n\
                    User query: {query}\nPlan:\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        let shown = found.iter().filter(|of| **of == Examples).count();
        assert_eq!(shown, found.len() - 3, "{found:?}");
        assert_eq!(found.last(), Some(&Context), "{found:?}");
    }

    #[test]
    fn questions_before_the_one_that_is_open() {
        let text = "Split the slip into boat and pier.\n\nQ: The Merle lies at pier two.\n# JSON\n{{\n\"boat\": \"Merle\"\n}}\n\n\
                    Q: The Oriole lies at pier one.\n# JSON\n{{\n\"boat\": \"Oriole\"\n}}\n\nQ: {slip}\n# JSON\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found.iter().filter(|of| **of == Examples).count(), 8, "{found:?}");
        assert_eq!(found.last(), Some(&Context));
    }
}
