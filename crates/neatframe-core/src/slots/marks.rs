//! What looks like a slot and is a mark: a border, a tag that is spoken of, a signal that the model is to write.

use super::{LONGEST, Slot, leftover_word};
use std::collections::HashSet;

/// The names in `</mail>`, `</ENTITY NAME>`: tags as people write them, on a line of their own or within one.
pub(super) fn closed_tags(text: &str) -> HashSet<&str> {
    text.match_indices("</")
        .filter_map(|(at, _)| {
            let rest = &text[at + 2..];
            let end = rest.bytes().take(LONGEST).position(|b| matches!(b, b'>' | b'\n'))?;
            Some(rest[..end].trim())
        })
        .collect()
}

/// How many places of one name are looked at.
const PLACES: usize = 8;

/// `End with '<END_OF_TURN>'`, "reply with the single word <DONE>": what the model is to write, wherever it stands.
pub(super) fn is_signal(text: &str, slot: &Slot) -> bool {
    const LEADS: [&str; 12] = [
        "word", "token", "say", "with", "output", "print", "emit", "write", "by", "marker", "return", "reply",
    ];
    let whole = &text[slot.span.range()];
    let loud = text[slot.inner.range()].bytes().all(|b| b.is_ascii_uppercase() || matches!(b, b'_' | b'|'));
    loud && text.match_indices(whole).take(PLACES).any(|(at, _)| {
        let head = &text[..at];
        let word = last_word(head.trim_end_matches(' '));
        head.ends_with(['\'', '"', '`']) || LEADS.iter().any(|lead| word.eq_ignore_ascii_case(lead))
    })
}

/// "If the hour is missing, write [TBD]": what the model puts where nothing is known.
pub(super) fn stands_for_a_gap(text: &str, slot: &Slot) -> bool {
    const SIGNS: [&str; 10] =
        ["TBD", "TBC", "N/A", "UNKNOWN", "NONE", "MISSING", "REDACTED", "UNCLEAR", "ILLEGIBLE", "INAUDIBLE"];
    let word = last_word(text[..slot.span.start()].trim_end_matches([' ', '"', '`', '\'']));
    SIGNS.iter().any(|sign| text[slot.inner.range()].eq_ignore_ascii_case(sign))
        && WRITES.iter().any(|lead| word.eq_ignore_ascii_case(lead))
}

/// What stands right before the words that the model is to write.
pub(crate) const WRITES: [&str; 10] =
    ["write", "put", "say", "use", "with", "as", "enter", "return", "insert", "output"];

/// Names that a shell knows, and currencies.
pub(super) const SHELL: [&str; 14] = [
    "PATH", "HOME", "USER", "PWD", "SHELL", "LANG", "TERM", "EDITOR", "ENV", "USD", "EUR", "AUD", "CAD",
    "NZD",
];

/// `[BEGIN DATA]`, `[The end of the answer]`: where a part begins or ends.
pub(crate) fn names_a_border(name: &str) -> bool {
    let bounds = |word: &str| matches!(word, "begin" | "end" | "start" | "beginning");
    let lower = name.to_ascii_lowercase();
    // `[HISTORY_BEGIN]`.
    let joined = name.contains('_') && lower.rsplit('_').next().is_some_and(bounds);
    let mut words = lower.split([' ', '_']);
    let first = words.next().filter(|word| *word != "the").or_else(|| words.next());
    // "[start date]" is filled in.
    let dated = words.next().is_some_and(|word| matches!(word, "date" | "time" | "day" | "year"));
    joined || !dated && first.is_some_and(bounds)
}

/// `write [FIGURE]`, `marks a word as [unclear]`: a mark that the model is to write, not a slot.
pub(super) fn names_a_mark(text: &str, slot: &Slot) -> bool {
    const WRITERS: [&str; 17] = [
        "becomes", "become", "reads", "read", "gets", "get", "shows", "write", "writes", "put", "puts",
        "mark", "say", "type", "insert", "each", "every",
    ];
    // "Use [LANGUAGE] throughout" takes a value in; "use [CUT] when a line is missing" tells of a case.
    const CASES: [&str; 7] = ["when", "where", "wherever", "whenever", "if", "for", "instead"];
    // What "as [CUT]" and "with [CUT]" mean hangs on the verb before them.
    const MARKING: [&str; 14] = [
        "mark", "marks", "marked", "flag", "label", "render", "transcribe", "replace", "replaced", "begin",
        "start", "end", "tag", "fill",
    ];
    let head = &text[..slot.span.start()];
    let line = head.trim_end_matches([' ', '\t']);
    let word = last_word(line);
    // "Sign as [AGENT NAME]": what is filled in has such a name, a mark has not.
    const NAMES: [&str; 14] = [
        "name", "date", "number", "address", "company", "email", "phone", "title", "city", "url", "link",
        "amount", "price", "id",
    ];
    let inner = &text[slot.inner.range()];
    let among = |list: &[&str], word: &str| list.iter().any(|entry| word.eq_ignore_ascii_case(entry));
    if leftover_word(inner).is_some() || among(&NAMES, last_word(inner)) {
        return false;
    }
    let next = text[slot.span.end()..].trim_start_matches(' ');
    let next = next.split(|c: char| !c.is_alphabetic()).next().unwrap_or("");
    let tells_a_case = among(&CASES, next);
    if among(&["as", "with"], word) {
        let from = line.rfind(['.', '\n', ';']).map_or(0, |at| at + 1);
        return line[from..].split(|c: char| !c.is_alphabetic()).any(|word| among(&MARKING, word));
    }
    match word {
        "use" | "Use" | "add" | "Add" => tells_a_case,
        // "Write [NUMBER] headlines" counts things; "write [FIGURE] and carry on" is the mark itself.
        _ => among(&WRITERS, word) && (next.is_empty() || tells_a_case || JOINING.contains(&next)),
    }
}

/// Words that go on behind a mark, where behind a number or a quality a thing follows.
const JOINING: [&str; 20] = [
    "and", "or", "in", "on", "at", "as", "to", "there", "before", "after", "is", "stands", "means", "then",
    "behind", "beside", "next", "above", "below", "under",
];

fn last_word(text: &str) -> &str {
    text.rsplit(|c: char| !c.is_alphabetic()).next().unwrap_or("")
}

/// "Keep placeholders such as %s and {minutes}": what the strings hold, not a slot of this prompt.
pub(super) fn shown_as_sample(text: &str, slot: &Slot) -> bool {
    const KINDS: [&str; 5] = ["placeholder", "variable", "token", "merge field", "format code"];
    const REACH: usize = 120;
    let mut from = slot.span.start().saturating_sub(REACH);
    while !text.is_char_boundary(from) {
        from += 1;
    }
    let head = &text[from..slot.span.start()];
    let line = &head[head.rfind('\n').map_or(0, |at| at + 1)..];
    ["such as", "like", "e.g.", "for example"]
        .iter()
        .filter_map(|mark| line.find(mark))
        .any(|at| KINDS.iter().any(|kind| line[..at].contains(kind)))
}

/// True when the sentence is about a tag of this name.
pub(super) fn speaks_of_a_tag(text: &str, slot: &Slot, name: &str) -> bool {
    let rest = &text[slot.span.end()..];
    let mut near = rest.len().min(LONGEST);
    while !rest.is_char_boundary(near) {
        near -= 1;
    }
    let line = rest[..near].lines().next().unwrap_or("");
    let closes = line.contains(&format!("</{name}>"));
    let head = text[..slot.span.start()].trim_end_matches(' ');
    let word = last_word(head).to_ascii_lowercase();
    let leads = ["by", "between", "within", "inside", "tag", "tags"].contains(&word.as_str());
    // "The content of the <slip>, <log> and <note> tags".
    let mut listed = line;
    loop {
        listed = listed.trim_start_matches([' ', ',', '`']);
        listed = listed.strip_prefix("and ").or(listed.strip_prefix("or ")).unwrap_or(listed);
        match listed.strip_prefix('<').and_then(|rest| rest.split_once('>')) {
            Some((_, rest)) => listed = rest,
            None => break,
        }
    }
    (closes && line.contains(" and "))
        || listed.starts_with("tag")
        || leads && name.split_whitespace().count() == 1
}
