//! What is written in place of a value that is not there: "a missing date is null".

use super::{Demand, Requirement, Sight, words::quotations};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Words that say by themselves that something is not there.
const GONE: [&str; 5] = ["missing", "absent", "lacking", "unstated", "unavailable"];
/// Behind a negation, what does not happen to a value that is not there.
const GIVEN: [&str; 26] = [
    "find", "match", "matched", "determine", "contain", "include", "list", "hold", "given", "stated",
    "named", "mentioned", "known", "present", "available", "there", "found", "provided", "produce", "set",
    "shown", "give", "state", "name", "mention", "say",
];
/// Names for any value.
const ANY: [&str; 14] = [
    "value", "values", "field", "fields", "it", "item", "anything", "something", "information", "data",
    "entry", "cell", "key", "detail",
];
/// What a value is set to, as one word, and the name it goes by here.
const WORDS: [(&str, &str); 9] = [
    ("null", "null"),
    ("none", "none"),
    ("nil", "nil"),
    ("n/a", "n/a"),
    ("na", "n/a"),
    ("unknown", "unknown"),
    ("empty", "empty"),
    ("blank", "empty"),
    ("undefined", "undefined"),
];
/// Words right before the value.
const LEADS: [&str; 25] = [
    "marked", "shown", "entered", "is", "are", "as", "becomes", "become", "gets", "get", "use", "write",
    "put", "return", "to", "with", "enter", "give", "be", "say", "=", ":", "an", "a", "stays",
];

/// Reads what a unit writes into a gap. It holds whenever there is a gap, so it counts as a rule with no condition.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let shape = matches!(sight.units[unit].kind, UnitKind::Code | UnitKind::Table | UnitKind::Mark);
    if shape || words.len() > LONG || sight.labels[unit].component == Some(Component::Examples) {
        return;
    }
    let lower: Vec<Cow<str>> = words.iter().map(|word| word.lower(text)).collect();
    if let Some(demand) = without(sight, unit, words, &lower) {
        found.push(Requirement::on_reply(unit, span, demand, false));
        return;
    }
    if let Some(demand) = or_else(words, &lower) {
        found.push(Requirement::on_reply(unit, span, demand, false));
        return;
    }
    let Some((first, last)) = cue(&lower, words) else { return };
    let Some((value_at, value)) = value(sight, unit, words, &lower, (first, last)) else { return };
    // "The fare is null whenever the slip states none": what is null stands before it.
    let is = value_at > 0 && matches!(&*lower[value_at - 1], "is" | "are" | "becomes" | "stays");
    let of = match is && value_at < first {
        true => named(words, &lower, 0, value_at),
        false => subject(words, &lower, first, value_at),
    };
    let demand = Demand::Gap { of, value };
    found.push(Requirement::on_reply(unit, span, demand, false));
}

/// "`photo` is the number behind the word, or null": the field and its value in a gap.
fn or_else(words: &[Word], lower: &[Cow<'_, str>]) -> Option<Demand> {
    let last = (0..lower.len()).rfind(|&at| !words[at].is_punctuation())?;
    let (_, value) = WORDS.iter().find(|(word, _)| *word == lower[last])?;
    let is = lower.iter().position(|word| matches!(&**word, "is" | "are"))?;
    let asked = words[..last].iter().any(|word| word.is(vocabulary::CONDITION));
    let of = named(words, lower, 0, is);
    let fits = is + 2 < last && is <= 4 && lower[last - 1] == "or" && !asked && !of.is_empty();
    fits.then(|| Demand::Gap { of, value: value.to_string() })
}

/// "Letters without a date get "undated"", "entries with no name get 0".
fn without(sight: &Sight<'_>, unit: usize, words: &[Word], lower: &[Cow<'_, str>]) -> Option<Demand> {
    let text = sight.source.text();
    let at = (1..lower.len().min(6))
        .find(|&at| lower[at] == "without" || lower[at - 1] == "with" && lower[at] == "no")?;
    let noun = (at + 1..lower.len()).find(|&at| !matches!(&*lower[at], "a" | "an" | "any"))?;
    let gets = (noun + 1..lower.len().min(noun + 3))
        .find(|&at| matches!(&*lower[at], "get" | "gets" | "become" | "receive" | "carry" | "is" | "are"))?;
    let value = words.get(gets + 1)?;
    let end = text[value.start as usize..].find([' ', ',', ';', '\n']).unwrap_or(usize::MAX);
    let from = value.start as usize;
    let rest = &text[from..sight.units[unit].text.end().min(from.saturating_add(end))];
    let shown = rest.trim_end_matches('.').trim_matches(['"', '`', '“', '”']).to_lowercase();
    // "Boats without a licence are 12" counts them.
    let counted = value.is_number() && matches!(&*lower[gets], "is" | "are");
    let fixed = value.is_number() && !counted || value.is(vocabulary::QUOTE) || shown == "null";
    let of = if ANY.contains(&&*lower[noun]) { String::new() } else { lower[noun].to_string() };
    (fixed && !shown.is_empty()).then_some(Demand::Gap { of, value: shown })
}

/// How far behind "leave" the word "empty" may stand.
const LEFT: usize = 12;

/// Words from which a sentence says more than one thing.
const LONG: usize = 28;

/// Where the words stand that say that something is not there.
fn cue(lower: &[Cow<'_, str>], words: &[Word]) -> Option<(usize, usize)> {
    let is = |at: usize, list: &[&str]| lower.get(at).is_some_and(|word| list.contains(&&**word));
    (0..lower.len()).find_map(|at| {
        if is(at, &GONE) {
            return Some((at, at));
        }
        // "Write 0 for unknown fares", "leave unknown fields empty".
        let led = at > 0
            && matches!(&*lower[at - 1], "for" | "leave" | "set" | "of" | "mark" | "give" | "in" | "into");
        if is(at, &["unknown"]) && led && lower.get(at + 1).is_some_and(|word| word.ends_with('s')) {
            return Some((at, at));
        }
        // "If unknown, write null".
        let opens = at > 0 && matches!(&*lower[at - 1], "if" | "when" | "where" | "whenever");
        if is(at, &["unknown"])
            && opens
            && matches!(lower.get(at + 1).map(|word| &**word), Some("," | "then"))
        {
            return Some((at, at));
        }
        // "If the card lacks a fare".
        if is(at, &["lacks", "lack", "misses"])
            && (0..at).any(|at| is(at, &["if", "when", "where", "whenever"]))
        {
            return Some((at, at));
        }
        // "If the note has no date".
        let has = at > 0 && is(at - 1, &["has", "have", "contains", "is", "are", "gives", "names"]);
        let asked = (0..at).any(|at| is(at, &["if", "when", "where", "whenever"]));
        if is(at, &["no"]) && has && asked {
            return Some((at, at));
        }
        // "Put "unknown" in fields with no value".
        let empty = is(at + 1, &["value", "values", "entry", "data"]);
        if is(at, &["no"]) && at > 0 && is(at - 1, &["with"]) && empty {
            return Some((at, at + 1));
        }
        // "When nothing is found", "if nothing fits".
        let found = matches!(lower.get(at + 1).map(|word| &**word), Some("is" | "was" | "has" | "can"));
        let fits = is(at + 1, &["fits", "matches", "turns", "remains"]);
        if is(at, &["nothing"]) && asked && (fits || found && (at + 2..at + 5).any(|at| is(at, &["found"]))) {
            return Some((at, at + if fits { 1 } else { 2 }));
        }
        // "Whenever the recipe states none".
        let states = at > 0 && matches!(&*lower[at - 1], "states" | "gives" | "names" | "has" | "contains");
        // "If there are none".
        let are = at > 1 && is(at - 1, &["are", "is"]) && is(at - 2, &["there"]);
        if is(at, &["none"]) && (states || are) && asked {
            return Some((at, at));
        }
        // "Is not given", "does not give it", "if no date is given".
        let negation = words[at].is(vocabulary::NEGATION) && !is(at, &["never", "without"]);
        // "Is not in the letter".
        let within = (is(at + 1, &["in", "on"]) && is(at + 2, &["the", "it", "there"])).then_some(at + 1);
        let reach =
            (at + 1..lower.len().min(at + 5)).find(|&to| is(to, &GIVEN)).or(within).filter(|_| negation)?;
        let between = words[at + 1..reach].iter().any(|word| word.is(vocabulary::STOP_MARK));
        let asked = (0..at).any(|at| is(at, &["if", "when", "where", "whenever", "that", "which", "whose"]));
        (!between && asked).then_some((at, reach))
    })
}

/// What is to stand there, and at which word; outside the words of the cue.
fn value(
    sight: &Sight<'_>,
    unit: usize,
    words: &[Word],
    lower: &[Cow<'_, str>],
    (first, last): (usize, usize),
) -> Option<(usize, String)> {
    let text = sight.source.text();
    let led = |at: usize| at > 0 && LEADS.contains(&&*lower[at - 1]);
    let quoted = quotations(text, sight.units[unit].text).into_iter().find_map(|(place, inner)| {
        let at = words.iter().position(|word| word.start as usize >= place.start())?;
        let short = inner.split_whitespace().count() <= 4 && !inner.contains(['{', '<']);
        (led(at) && short).then_some((at, inner.to_lowercase()))
    });
    if quoted.is_some() {
        return quoted;
    }
    let outside = (0..lower.len()).filter(|at| *at < first || *at > last);
    // "Return []": the empty list.
    let brackets = outside
        .clone()
        .find(|&at| led(at) && lower[at] == "[" && lower.get(at + 1).is_some_and(|next| next == "]"));
    if let Some(at) = brackets {
        return Some((at, "empty".to_string()));
    }
    outside.clone().find_map(|at| {
        let name = &*lower[at];
        let near = at.saturating_sub(3)..at;
        let left = matches!(&*lower[0], "leave" | "keep") && at <= LEFT
            || near.into_iter().any(|at| matches!(&*lower[at], "leave" | "left" | "stays"));
        if name == "out" && left {
            return Some((at, "left out".to_string()));
        }
        let (_, value) = WORDS.iter().find(|(word, _)| *word == name)?;
        (led(at) || left).then(|| (at, value.to_string()))
    })
}

/// What is missing, as the words that mean something; empty where any value is meant.
fn subject(words: &[Word], lower: &[Cow<'_, str>], cue: usize, value: usize) -> String {
    // The clause that holds the cue, up to the value or its verb.
    let from = lower[..cue]
        .iter()
        .rposition(|word| matches!(&**word, "," | ";" | ":" | "if" | "when" | "where" | "whose" | "for"))
        .map_or(0, |at| at + 1);
    let to = (cue + 1..lower.len())
        .find(|&at| {
            matches!(
                &*lower[at],
                "," | ";"
                    | ":"
                    | "is"
                    | "are"
                    | "becomes"
                    | "gets"
                    | "stays"
                    | "in"
                    | "on"
                    | "from"
                    | "by"
                    | "for"
            )
        })
        .unwrap_or(lower.len());
    let to = if value > cue { to.min(value) } else { to };
    // "The advert does not give it": what stands before is the text at hand.
    let source = matches!(lower.get(cue.wrapping_sub(1)).map(|word| &**word), Some("does" | "do" | "did"));
    let lacks = lower.get(cue).is_some_and(|word| matches!(&**word, "lacks" | "lack" | "misses"));
    let has = lacks || lower.get(cue).is_some_and(|word| word == "no") && cue > 0;
    let from = if lacks { cue + 1 } else { from };
    let from = if source || has && !lacks && lower[cue - 1] != "if" { cue } else { from };
    let to = if has {
        (cue + 1..lower.len()).find(|&at| matches!(&*lower[at], "," | ";" | ":" | "in")).unwrap_or(to)
    } else {
        to
    };
    named(words, lower, from, to)
}

/// The words that name something in a stretch.
fn named(words: &[Word], lower: &[Cow<'_, str>], from: usize, to: usize) -> String {
    let plain = |at: &usize| {
        let word = words[*at];
        !word.is_punctuation()
            && !word.is_number()
            && lower[*at].len() > 1
            && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL)
            && !GONE.contains(&&*lower[*at])
            && !GIVEN.contains(&&*lower[*at])
            && !ANY.contains(&&*lower[*at])
            && !matches!(
                &*lower[*at],
                "write"
                    | "put"
                    | "use"
                    | "leave"
                    | "set"
                    | "return"
                    | "does"
                    | "do"
                    | "enter"
                    | "unknown"
                    | "become"
                    | "becomes"
                    | "get"
                    | "gets"
            )
    };
    let named: Vec<&str> = (from..to).filter(plain).map(|at| &*lower[at]).collect();
    named.join(" ")
}

/// True when two gaps are of the same thing: "photo number", "photo".
pub(crate) fn of_one_thing(one: &str, other: &str) -> bool {
    let bare =
        |of: &str| ["number", "value", "name"].iter().find_map(|end| of.strip_suffix(end).map(str::len));
    let stems = |of: &str| {
        let of = bare(of).filter(|length| *length > 0).map_or(of, |length| of[..length].trim_end());
        let mut stems: Vec<u32> = of.split(' ').map(stem).collect();
        stems.sort_unstable();
        stems
    };
    one == other || stems(one) == stems(other)
}

#[cfg(test)]
mod tests {
    use crate::requirement::tests::read;

    #[test]
    fn what_stands_in_a_gap() {
        let said = |text: &str| -> Vec<String> {
            read(text).into_iter().filter(|demand| demand.contains("` in a gap")).collect()
        };
        assert_eq!(said("Fill in the slip. A missing value is null."), ["reply: `null` in a gap"]);
        assert_eq!(
            said("Fill in the slip. Leave a field empty when the advert does not give it."),
            ["reply: `empty` in a gap"]
        );
        assert_eq!(
            said("Fill in the slip. If no due date is given, write \"next boat\"."),
            ["reply: `next boat` in a gap of due date"]
        );
        assert_eq!(said("Fill in the slip. Fields without a value are null."), ["reply: `null` in a gap"]);
        assert_eq!(said("Fill in the slip. Missing values become null."), ["reply: `null` in a gap"]);
        assert_eq!(said("Write the notice. Boats without a licence are 12."), [""; 0]);
        assert_eq!(said("Write the notice. Never leave a gap."), [""; 0]);
        assert_eq!(said("If the pier is not named, ask the guest."), [""; 0]);
    }
}
