//! Samples by their form: what a list under a title shows, what announces one, and what answers it.

use super::Reading;
use super::form::is_bare_call;
use super::notes::is_a_note;
use super::shots::leads_to_samples;
use crate::lexicon::vocabulary;
use crate::outline::{is_bare_sample_title, is_sample_title};
use crate::samples::names_an_answer;
use crate::units::{Unit, UnitKind};
use std::borrow::Cow;

/// `Report: the lamp is out` in the lines right below "Example:".
pub(super) fn is_listed_as_a_sample(reading: &Reading<'_>, unit: &Unit) -> bool {
    // "Source 1:" above a line of its own.
    let counted = |line: &str| {
        let name = line.trim_end().strip_suffix(':').unwrap_or("");
        name.split_whitespace().count() == 2 && name.ends_with(|c: char| c.is_ascii_digit())
    };
    let line_above = || reading.source.text()[..unit.text.start()].trim_end().rsplit('\n').next();
    let labelled = unit.opens_piece
        && (matches!(unit.kind, UnitKind::Field | UnitKind::Turn)
            || unit.kind == UnitKind::Sentence && line_above().is_some_and(counted));
    let holed = reading.source.slice(unit.text).contains(['{', '<', '[']);
    let mut above = reading.source.text()[..unit.text.start()].lines().rev().take(SAMPLE_LINES);
    if is_record_below_a_sample_title(reading, unit) || is_a_record_like_this(reading, unit) {
        return true;
    }
    // A blank line may part the title from its samples.
    let titled = |line: &str| {
        is_sample_title(line) && line.trim_end().ends_with([':', '*'])
            || line.starts_with('#') && is_sample_title(line)
            || is_bare_sample_title(line)
    };
    let below_a_title = labelled
        && !holed
        && (above.by_ref().take_while(|line| !line.trim().is_empty()).any(is_sample_title)
            || above.next().is_some_and(titled));
    below_a_title || goes_on_counting(reading, unit)
}

/// `{"fare": 4}` right below "Example of a reply:", with nothing left to fill in.
fn is_record_below_a_sample_title(reading: &Reading<'_>, unit: &Unit) -> bool {
    let body = reading.source.slice(unit.text);
    let holes = body.matches('<').count();
    // A value too long to be shown does not make a form of a sample.
    let filled = holes == 0 || holes * HOLED < body.matches("\":").count();
    let holed = body.contains('…') || body.contains("...") || body.contains(" | ");
    filled && !holed && is_form_below_a_sample_title(reading, unit)
}

/// `[{"boat": "Merle", "due": "2031-05-03"}]` right below "Output as JSON like this:": with a day in it a record is no template.
fn is_a_record_like_this(reading: &Reading<'_>, unit: &Unit) -> bool {
    let body = reading.source.slice(unit.text);
    let day = |value: &str| {
        value.bytes().filter(u8::is_ascii_digit).count() >= 6
            && value.bytes().all(|b| b.is_ascii_digit() || matches!(b, b'-' | b'.' | b'/'))
            && value.contains(['-', '.', '/'])
    };
    let above = || reading.source.text()[..unit.text.start()].trim_end().rsplit('\n').next().unwrap_or("");
    unit.opens_piece
        && body.starts_with(['{', '['])
        && body.contains("\":")
        && !body.contains(['<', '…'])
        && body.split('"').any(day)
        && above().to_lowercase().ends_with("like this:")
}

/// One hole in so many values makes a record a form to be filled in.
const HOLED: usize = 4;

/// `{"reason": "Late because <your reason>."}` right below "Example JSON:": a form that the prompt calls a sample.
pub(super) fn is_form_below_a_sample_title(reading: &Reading<'_>, unit: &Unit) -> bool {
    let body = reading.source.slice(unit.text);
    // Looked for last: the line above may be long.
    let above = || reading.source.text()[..unit.text.start()].trim_end().rsplit('\n').next().unwrap_or("");
    unit.opens_piece && body.starts_with(['{', '[']) && body.contains('"') && is_sample_title(above())
}

/// "2. …" below "Like this: 1. …".
fn goes_on_counting(reading: &Reading<'_>, unit: &Unit) -> bool {
    let line = |text: &str| text.rsplit('\n').next().unwrap_or("").trim_start().to_lowercase();
    if !matches!(unit.kind, UnitKind::Item { ordered: true }) {
        return false;
    }
    let text = reading.source.text();
    let head = &text[..unit.text.start()];
    let own = line(head);
    let above = line(head[..head.rfind('\n').unwrap_or(0)].trim_end());
    let leads = ["like this", "for example", "example", "for instance", "e.g.", "such as", "sample"];
    own.starts_with("2.") && above.contains(": 1. ") && leads.iter().any(|lead| above.starts_with(lead))
}

/// How far below its title a labelled line may stand as a part of a sample.
const SAMPLE_LINES: usize = 10;

/// "For example, …", "Sample output: …": says itself what it is.
pub(super) fn announces_a_sample(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let (first, second) = (lower(0), lower(1));
    // "Example (a) – if the note says …".
    let lettered = second == "(" && lower(3) == ")";
    let labelled = matches!(&*first, "example" | "sample") && (second == ":" || lower(2) == ":" || lettered);
    // "A turn could run like this: …" shows; "Answer like this: …" shapes.
    let shows = !words.first().is_some_and(|word| word.is(vocabulary::VERB | vocabulary::PERSON))
        && (2..9).any(|at| lower(at) == "like" && lower(at + 1) == "this" && lower(at + 2) == ":");
    first == "for" && matches!(&*second, "example" | "instance")
        || labelled
        || shows
        || leads_to_samples(reading, index)
}

/// "Similarly, if the boat is late, your reply should look like this:" behind a sample: one more.
pub(super) fn announces_one_more(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let opens = reading.words.within(unit.text).first().is_some_and(|word| {
        matches!(&*word.lower(reading.source.text()), "similarly" | "likewise" | "or" | "another")
    });
    opens && reading.source.slice(unit.text).ends_with("like this:")
}

/// `reply:` behind the input of a sample and above `{`.
pub(super) fn labels_an_answer(reading: &Reading<'_>, index: usize) -> bool {
    let body = reading.source.slice(reading.units[index].text);
    let next = || reading.source.text()[reading.units[index].text.end()..].trim_start();
    body.len() <= 24
        && body.strip_suffix(':').is_some_and(names_an_answer)
        && next().starts_with('{')
        && !next().starts_with("{{ ")
}

/// `Reply: {"boat": "Merle"}` right below a sample, which ends at `end`: its answer. `titled` tells that the part is called a
/// sample.
pub(super) fn answers_a_sample(reading: &Reading<'_>, unit: &Unit, end: usize, titled: bool) -> bool {
    let text = reading.source.text();
    let body = reading.source.slice(unit.text);
    // Looked at only near by: the line between may be long.
    let between = &text[end..unit.text.start()];
    let below = between.len() <= BELOW && between.matches('\n').count() <= 1;
    if is_a_note(body) {
        return false;
    }
    let labelled = matches!(unit.kind, UnitKind::Field | UnitKind::Turn);
    // `Label: "…"` and `Plain: "…"` right below it.
    let quoted = text[..end].ends_with(['"', '”']) && body.contains(": \"") && body.ends_with('"');
    // The line below a sample is its other half, unless it is a hole to fill.
    let half = titled && !body.contains(['{', '<', '[']);
    let call = titled && is_bare_call(body);
    if below && is_row_like(&text[..end], body) {
        return true;
    }
    // "For example, your reply looks like this:" above a record of several lines.
    let led = text[..end].ends_with(':')
        && body.starts_with('{')
        && body[1..].trim_start().starts_with('"')
        && !body.contains(['<', '…'])
        && !body.contains("...");
    below && (call || led || body.starts_with("{\"") || labelled && (body.contains("{\"") || quoted || half))
}

/// `- If the boat is full: no`: an entry that is a case and what is made of it.
pub(super) fn gives_a_verdict(reading: &Reading<'_>, unit: &Unit) -> bool {
    let ends = reading.source.slice(unit.text).rsplit_once(": ");
    matches!(unit.kind, UnitKind::Item { .. })
        && ends.is_some_and(|(case, verdict)| {
            case.split_whitespace().count() > 3 && verdict.split_whitespace().count() <= 2
        })
}

/// How far below a sample its other half may open, in bytes.
const BELOW: usize = 1000;

/// A text below `Response:` that stands below a sample, which ends at `end`.
pub(super) fn answers_under_a_label(reading: &Reading<'_>, unit: &Unit, end: usize) -> bool {
    let mut between =
        reading.source.text()[end..unit.text.start()].lines().filter(|line| !line.trim().is_empty());
    let (Some(label), None) = (between.next(), between.next()) else { return false };
    let label = label.trim().trim_matches(['*', '#', ' ']);
    let named = label.strip_suffix(':').is_some_and(names_an_answer);
    named && !reading.source.slice(unit.text).contains("...")
}

/// `4; 1; The reason is missing.` below `3; 2; You name both.`: a row of as many values as the line that ends the text before.
fn is_row_like(before: &str, line: &str) -> bool {
    // Looked for last: the line above may be long.
    let above = || before.rsplit('\n').next().unwrap_or("");
    ["; ", " | ", "\t"].iter().any(|sign| {
        let values = |line: &str| line.matches(sign).count();
        values(line) >= 2 && !line.contains(['{', '<']) && values(line) == values(above())
    })
}
