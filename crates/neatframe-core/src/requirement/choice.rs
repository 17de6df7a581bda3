//! Closed lists: the labels to choose from, the fields of a record.

use super::{Demand, Field, Requirement, Sight, Subject, dates, two_labels, values, words::quotations};
use crate::component::Component;
use crate::numbering;
use crate::record::keys;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// Reads closed lists that stand within one unit.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let body = &text[span.range()];
    let mut push = |demand: Demand| {
        found.push(Requirement::on_reply(unit, span, demand, false));
    };
    if let Some(form) = dates::form(text, sight.words.within(span), body) {
        push(Demand::DateForm(form));
    }
    if let Some(pole) = dates::clock(text, sight.words.within(span)) {
        push(Demand::Manner { axis: "clock", pole });
    }
    for (key, choices) in values::in_brackets(body) {
        let rule = Requirement::on_reply(unit, span, Demand::OneOf(choices), false);
        found.push(Requirement { subject: Subject::Named(key), ..rule });
    }
    let counted = || values::counted(text, sight.words.within(span), body);
    if let Some((key, choices)) = values::keyed(body)
        .or_else(|| values::told_of_each(body))
        .or_else(counted)
        .or_else(|| values::alternatives(body))
    {
        let rule = Requirement::on_reply(unit, span, Demand::OneOf(choices), false);
        found.push(Requirement { subject: Subject::Named(key), ..rule });
        return;
    }
    let mut push = |demand: Demand| {
        found.push(Requirement::on_reply(unit, span, demand, false));
    };
    if let Some(choices) = sorted_into(body) {
        push(Demand::OneOf(choices));
        return;
    }
    if let Some((key, choices)) = one_of_these(body) {
        let rule = Requirement::on_reply(unit, span, Demand::OneOf(choices), false);
        found.push(Requirement { subject: Subject::Named(key), ..rule });
        return;
    }
    let mut push = |demand: Demand| {
        found.push(Requirement::on_reply(unit, span, demand, false));
    };
    if let Some(choices) = one_as_the_answer(body).or_else(|| two_labels::read(body)) {
        push(Demand::OneOf(choices));
        return;
    }
    if says_yes_or_no(body) {
        push(Demand::OneOf(vec!["yes".into(), "no".into()]));
        return;
    }
    // Labels stand in capitals or in quotation marks.
    let loud =
        body.as_bytes().windows(2).any(|pair| pair[0].is_ascii_uppercase() && pair[1].is_ascii_uppercase());
    if !loud && !body.contains(['"', '“', '`']) {
        return;
    }
    let lower = body.to_lowercase();
    let shouted = capitals(body);
    let last = shouted.last().map(|word| format!("or {word}"));
    // "Sort each mail into QUOTE, STATUS or OTHER."
    if shouted.len() >= 3 && last.is_some_and(|last| body.contains(&last)) {
        push(Demand::OneOf(shouted));
        return;
    }
    let chooses = [
        "one of", "either", "choose from", "the labels", "the classes", "the categories", "possible values",
        "allowed values", "one label", "exactly one",
    ]
    .iter()
    .find_map(|sign| lower.find(sign).map(|at| at + sign.len()));
    if let Some(from) = chooses.filter(|from| body.is_char_boundary(*from)) {
        let rest = Span::new(span.start() + from, span.end());
        let quoted: Vec<String> = quotations(text, rest).into_iter().map(|(_, words)| words).collect();
        let choices = if quoted.len() >= 2 { quoted } else { capitals(&text[rest.range()]) };
        if choices.len() >= 2 {
            push(Demand::OneOf(choices));
        }
    }
}

/// Reads the labels that stand below a title of their own, whatever their line is taken for.
pub(super) fn titled(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    for (unit, label) in sight.labels.iter().enumerate() {
        if label.component == Some(Component::Examples) {
            continue;
        }
        if let Some(choices) = under_their_title(sight, unit) {
            let span = sight.units[unit].text;
            found.push(Requirement::on_reply(unit, span, Demand::OneOf(choices), false));
        }
    }
}

/// "BUG, QUESTION, REQUEST" below the title "Labels": a line of labels and nothing else.
fn under_their_title(sight: &Sight<'_>, unit: usize) -> Option<Vec<String>> {
    const TITLES: [&str; 7] = ["labels", "label", "classes", "categories", "tags", "codes", "severities"];
    let text = sight.source.text();
    let title = &sight.outline.sections[sight.units[unit].section].title;
    let title = sight.source.slice(*title).trim_matches(['#', '*', ':', ' ']).to_lowercase();
    let body = &text[sight.units[unit].text.range()];
    let listed = TITLES.contains(&title.as_str()).then(|| short_names(body)).flatten()?;
    let loud = |name: &String| name.len() > 1 && !name.contains(|c: char| c.is_lowercase() || c == ' ');
    listed.iter().all(loud).then_some(listed)
}

/// "Answer with yes or no only.": the two words are the whole answer.
fn says_yes_or_no(body: &str) -> bool {
    const SHORT: usize = 8;
    // None is longer, in bytes, with its marks.
    if body.len() > 20 * SHORT {
        return false;
    }
    let lower = body.to_lowercase().replace(['"', '`', '\'', '“', '”'], "");
    let firm = lower.contains("only") || lower.contains("just") || lower.starts_with("answer yes or no");
    let first = lower.split_whitespace().find(|word| !matches!(*word, "only" | "just" | "please" | "always"));
    let answers = first
        .is_some_and(|word| matches!(word, "answer" | "reply" | "respond" | "return" | "say" | "output"));
    firm && answers && lower.contains("yes or no") && lower.split_whitespace().count() <= SHORT
}

/// "Answer with one of: yes, no, unsure.": the words to choose from, as they stand.
fn one_as_the_answer(body: &str) -> Option<Vec<String>> {
    let (head, list) = body.split_once(" one of: ").or_else(|| body.split_once(" one of these: "))?;
    let verb = head.split_whitespace().next()?.to_lowercase();
    let answers = matches!(&*verb, "answer" | "reply" | "respond" | "return" | "output" | "say" | "use");
    (answers && head.split_whitespace().count() <= 3).then(|| short_names(list)).flatten()
}

/// "The label is one of billing, delivery, other.": the field, and its values as they stand.
fn one_of_these(body: &str) -> Option<(String, Vec<String>)> {
    const HEADS: [&str; 8] = [
        " is one of ",
        " must be one of ",
        " is always one of ",
        " is exactly one of ",
        " must be exactly one of ",
        " has to be one of ",
        " is one of: ",
        " is exactly one of: ",
    ];
    let (head, list) = HEADS.iter().rev().find_map(|sign| body.split_once(sign))?;
    let key = head.split_whitespace().last()?.trim_matches(['`', '"', '*']).to_lowercase();
    let list = ["these: ", "the following: ", "these ", ": "]
        .iter()
        .find_map(|lead| list.strip_prefix(lead))
        .unwrap_or(list);
    let names = short_names(list)?;
    (head.split_whitespace().count() <= 4).then_some((key, names))
}

/// Verbs that give a thing its label.
pub(super) const SORTS: [&str; 13] = [
    "classify", "assign", "file", "label", "sort", "mark", "tag", "categorise", "categorize", "rate",
    "decide", "choose", "pick",
];

/// "Classify each line as praise, complaint, wish or noise": the labels, in lower case as they stand.
fn sorted_into(body: &str) -> Option<Vec<String>> {
    let verb = sorting_verb(body);
    let verb = verb.as_deref().unwrap_or("");
    // "Decide whether it is about delivery, quality or price": whichever clause says so.
    let asked = || {
        let (_, clause) = body.split_once("whether ")?;
        [" is about ", " are about ", " belongs to ", " concerns ", " counts as "]
            .iter()
            .find_map(|sign| Some(clause.split_once(sign)?.1))
    };
    let list = match body.split_once(": ").filter(|_| SORTS.contains(&verb) || gives_one_label(body)) {
        Some((_, list)) => list,
        None => match asked() {
            Some(list) => list,
            None if SORTS.contains(&verb) => body.split_once(" as ").or_else(|| body.split_once(" into "))?.1,
            None => return None,
        },
    };
    short_names(list)
}

/// The names of a list, three at least, none of more than two words: "praise, complaint, wish or noise".
pub(super) fn short_names(list: &str) -> Option<Vec<String>> {
    let list = list
        .trim_end_matches(['.', ':'])
        .trim_start_matches("either ")
        .replace(", or ", ", ")
        .replace(" or ", ", ");
    let names = list.split(", ").map(str::trim);
    let names: Vec<String> =
        names.map(|name| name.trim_matches(['"', '`', '\'', '“', '”']).to_string()).collect();
    let short = |name: &String| {
        !name.is_empty() && name.split_whitespace().count() <= 2 && !name.contains(['(', ')', '.', ':'])
    };
    (names.len() >= 3 && names.iter().all(short)).then_some(names)
}

/// The verb that the sentence opens with, also behind "for each line" and "then".
pub(super) fn sorting_verb(body: &str) -> Option<String> {
    let mut words = body.split_whitespace().map(|word| word.trim_end_matches([',', ':']).to_lowercase());
    let first = words.next()?;
    if !matches!(&*first, "for" | "then" | "and" | "now" | "next" | "finally" | "please") {
        return Some(first);
    }
    words.take(BEFORE_THE_VERB).find(|word| SORTS.contains(&&**word))
}

/// How many words "for each line of the claim" takes before its verb.
const BEFORE_THE_VERB: usize = 8;

/// "Give each line one verdict: accept, cut or query."
fn gives_one_label(body: &str) -> bool {
    const LABELS: [&str; 12] = [
        "label", "verdict", "decision", "category", "class", "tag", "status", "rating", "severity",
        "priority", "queue", "mark",
    ];
    let Some((head, _)) = body.split_once(": ") else { return false };
    let words: Vec<String> = head.split_whitespace().map(str::to_lowercase).collect();
    let gives = words
        .first()
        .is_some_and(|word| matches!(&**word, "give" | "assign" | "set" | "add" | "put" | "use" | "return"));
    let one = words.iter().any(|word| matches!(&**word, "one" | "a" | "exactly" | "single" | "the"));
    gives && one && words.last().is_some_and(|word| LABELS.contains(&&**word))
}

/// Words in capitals, as labels often are: `LATE, BROKEN or WRONG`.
fn capitals(text: &str) -> Vec<String> {
    let words = text.split(|c: char| !c.is_alphanumeric() && c != '_' && c != '-');
    let label = |word: &&str| {
        word.len() >= 2
            && word.chars().any(char::is_uppercase)
            && !word.chars().any(char::is_lowercase)
            && !["JSON", "XML", "CSV", "YAML", "HTML", "OR", "AND", "NOT", "ID", "URL"].contains(word)
    };
    words.filter(label).map(str::to_string).collect()
}

/// Reads the fields of a record from the template that shows it, `{"boat": "text", "due": "HH:MM"}`, and the columns of a
/// table from the words that name them, "a table with the columns Boat, Pier and Due".
pub(super) fn records(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    for (unit, label) in sight.labels.iter().enumerate() {
        let span = sight.units[unit].text;
        if label.component == Some(Component::Examples) {
            continue;
        }
        let body = &text[span.range()];
        let shape = label.component == Some(Component::OutputFormat);
        let fields = match shape {
            true if body.contains('{') => template(body),
            true if columns(body).is_empty() => row_of_names(body),
            _ => columns(body),
        };
        if fields.len() >= 2 {
            let dated =
                fields.iter().find_map(|field| dates::DATES.iter().find(|form| field.form.contains(*form)));
            if let Some(form) = dated.filter(|_| sight.units[unit].kind == UnitKind::Code) {
                found.push(Requirement::on_reply(unit, span, Demand::DateForm((*form).into()), false));
            }
            let demand = Demand::Fields(fields);
            found.push(Requirement::on_reply(unit, span, demand, false));
        }
    }
}

/// The keys of a template, each with what stands as its value.
fn template(body: &str) -> Vec<Field> {
    let form = |name: &str| -> String {
        let key = format!("\"{name}\"");
        let after = body
            .split_once(key.as_str())
            .map_or("", |(_, after)| after.trim_start().trim_start_matches(':').trim_start());
        let value = match after.strip_prefix('"') {
            Some(quoted) => quoted.split('"').next().unwrap_or(""),
            None if after.starts_with('[') => "list",
            None if after.starts_with('{') => "record",
            None => after.split([',', '}', ']', '\n']).next().unwrap_or("").trim(),
        };
        value.chars().take(40).collect()
    };
    keys(body).into_iter().map(|name| Field { form: form(&name), name }).collect()
}

/// "with the columns Boat, Pier and Due": the names up to the end of the sentence.
fn columns(body: &str) -> Vec<Field> {
    let names = |stem: &[u8]| memchr::memmem::find(body.as_bytes(), stem).is_some();
    let verbs = [" with \"", " has \"", " have \""];
    let quoted = || (names(b"object") || names(b"JSON")) && verbs.iter().any(|verb| names(verb.as_bytes()));
    if !names(b"olumns") && !names(b"eys") && !names(b"ields") && !quoted() {
        return Vec::new();
    }
    let lower = body.to_lowercase();
    // "One object per slip, with "boat", "pier", "fare"": the keys without the word for them.
    let behind = |verb: &&str| Some(lower.find(*verb)? + verb.len() - 1);
    if let Some(at) = verbs.iter().find_map(behind).filter(|_| quoted()) {
        // "severity" (low, high) and "text": what stands in brackets says what a key holds.
        let bare: String = lower[at..].split('(').enumerate().fold(String::new(), |said, (at, part)| {
            let kept = if at == 0 { part } else { part.split_once(')').map_or("", |(_, after)| after) };
            said + kept
        });
        let list = bare.split('.').next().unwrap_or("").replace(" and ", ", ");
        let names: Vec<&str> = list.split(',').map(str::trim).filter(|name| !name.is_empty()).collect();
        let key = |name: &&str| {
            name.len() > 2 && name.starts_with('"') && name.ends_with('"') && !name.contains(' ')
        };
        if names.len() >= 3 && names.iter().all(key) {
            let bare = names.iter().map(|name| name.trim_matches('"').to_string());
            return bare.map(|name| Field { name, form: String::new() }).collect();
        }
    }
    let sign = ["the columns ", "columns:", "the keys ", "keys:", "the fields ", "fields:"]
        .into_iter()
        .find_map(|sign| Some(lower.find(sign)? + sign.len()));
    let Some(rest) = sign.and_then(|at| body.get(at..)) else { return Vec::new() };
    let list = rest.split(['.', ';', '(', '\n']).next().unwrap_or("");
    let list = list.replace(" and ", ",").replace(" or ", ",");
    let names = list
        .split(',')
        .map(|name| name.trim().trim_matches(['"', '`', '\'', '“', '”', ':']))
        .filter(|name| !name.is_empty());
    let names: Vec<&str> = names.collect();
    // A sentence that goes on is no list of names.
    if names.iter().any(|name| name.split_whitespace().count() > 3) {
        return Vec::new();
    }
    names.into_iter().map(|name| Field { name: name.to_string(), form: String::new() }).collect()
}

/// `boat;pier;fare` as the form of a row: its names.
fn row_of_names(body: &str) -> Vec<Field> {
    let row = body.trim().trim_matches('`');
    let plain = |name: &str| {
        !name.is_empty() && name.len() <= 24 && name.chars().all(|c| c.is_ascii_lowercase() || c == '_')
    };
    let names: Vec<&str> = row.split(';').collect();
    let all = names.len() >= 3 && names.iter().all(|name| plain(name));
    names.into_iter().filter(|_| all).map(|name| Field { name: name.into(), form: String::new() }).collect()
}

/// Reads the numbered steps of the work.
pub(super) fn steps(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    for run in numbering::runs(sight.source, sight.outline).into_iter().filter(|run| run.len() >= 2) {
        let place = run[0].place.cover(run[run.len() - 1].place);
        let after = sight.units.partition_point(|unit| unit.text.end() <= run[0].place.start());
        let asks = sight.labels.get(after).is_some_and(|label| label.serves(Component::Task));
        if asks || run[0].word.is_some() {
            let first = |step: &numbering::Numbered| {
                let unit = sight.units.partition_point(|unit| unit.text.end() <= step.place.start());
                sight.units.get(unit).map_or(step.place, |unit| unit.text)
            };
            let demand = Demand::Steps(run.iter().map(first).collect());
            found.push(Requirement::on_reply(
                after.min(sight.units.len().saturating_sub(1)),
                place,
                demand,
                false,
            ));
        }
    }
}

/// Titles of a list of levels.
const LEVELS: [&str; 6] = [
    "severity levels", "priority levels", "urgency levels", "risk levels", "severity scale", "priority scale",
];

/// Heads of items that say something of a list.
const TELLS: [&str; 14] = [
    "allowed", "allowed types", "do", "do not", "don't", "example", "examples", "exception", "important",
    "note", "notes", "rule", "rules", "warning",
];

/// Reads lists whose lead-in says that one of the items is to be chosen: "Give each message one label:" and the items below.
pub(super) fn lists(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let chosen = chosen_things(sight);
    let mut titles = 0;
    for lead in 0..sight.units.len() {
        let body = text[sight.units[lead].text.range()].to_lowercase();
        // "Sort each letter into one of the topics", and further down "Topics:".
        let title = body.trim_matches(['#', '*', ':', ' ']);
        let title = chosen.contains(title.strip_prefix("the ").unwrap_or(title));
        let levels = LEVELS.contains(&body.trim_matches(['#', '*', ':', ' ']));
        // "<severity>" over its values, where the record has a key of that name.
        let mark = sight.units[lead].kind == UnitKind::Mark && titles < TITLES;
        titles += usize::from(mark);
        let key = mark.then(|| key_by_title(sight, lead)).flatten();
        let asks = title
            || levels
            || key.is_some()
            || ["label", "class", "categor", "one of"].iter().any(|word| body.contains(word));
        // "VISIT: tours and school classes" is one of the list itself.
        let next = sight.units.get(lead + 1);
        let beside = matches!(sight.units[lead].kind, UnitKind::Item { .. } | UnitKind::Field)
            && next.is_some_and(|next| next.block == sight.units[lead].block);
        if !asks
            || beside
            || sight.units[lead].kind == UnitKind::Code
            || sight.labels[lead].component == Some(Component::Examples)
        {
            continue;
        }
        let mut names = Vec::new();
        let mut last = lead;
        for unit in lead + 1..sight.units.len() {
            // `leak - water where none should be` on a line of its own.
            let glossed = sight.units[lead].kind == UnitKind::Mark
                && sight.units[unit].opens_piece
                && text[sight.units[unit].text.range()]
                    .split_once(" - ")
                    .is_some_and(|(head, _)| !head.contains(' '));
            let listed = glossed || matches!(sight.units[unit].kind, UnitKind::Item { .. } | UnitKind::Field);
            if !listed || sight.labels[unit].component == Some(Component::Examples) {
                break;
            }
            // Only the first sentence of an item carries its name.
            if sight.units[unit].opens_piece {
                let whole = &text[sight.units[unit].with_lead(sight.outline).range()];
                match name(whole) {
                    Some(name) => names.push(name),
                    None => break,
                }
            }
            last = unit;
        }
        let capital = names.iter().all(|name: &String| !name.chars().any(char::is_lowercase));
        // "Rule: …" and "Allowed types: …" tell of the labels, and are none.
        let tells = names.iter().any(|name| TELLS.contains(&name.to_lowercase().as_str()));
        if names.len() >= 2
            && !tells
            && (capital
                || title
                || levels
                || key.is_some()
                || body.contains("label")
                || body.contains("class"))
        {
            let span = sight.units[lead].text.cover(sight.units[last].text);
            let demand = Demand::OneOf(names);
            let mut rule = Requirement::on_reply(lead, span, demand, false);
            // "Severity levels": what has them is one part of the answer.
            if let Some(part) = body.trim_matches(['#', '*', ':', ' ']).split(' ').next().filter(|_| levels) {
                rule.subject = Subject::Named(part.to_string());
            }
            if let Some(key) = key {
                rule.subject = Subject::Named(key);
            }
            found.push(rule);
        }
    }
}

/// How many titles are looked for among the keys: each is looked for in the whole text.
const TITLES: usize = 64;

/// The title of a part, where it is what values are called and stands in quotation marks elsewhere, as the keys of a record do.
fn key_by_title(sight: &Sight<'_>, lead: usize) -> Option<String> {
    const KEYS: [&str; 16] = [
        "severity", "priority", "urgency", "status", "level", "label", "category", "type", "kind", "class",
        "risk", "sentiment", "verdict", "topic", "intent", "rating",
    ];
    let title = sight.source.slice(sight.units[lead].text).trim_matches(['<', '>', '#', '*', ':', ' ']);
    let name = title.to_lowercase();
    (KEYS.contains(&name.as_str()) && sight.source.text().contains(&format!("\"{name}\""))).then_some(name)
}

/// What an order has the reader choose from, as it stands: "one of the topics" gives "topics".
fn chosen_things(sight: &Sight<'_>) -> HashSet<String> {
    const DETERMINERS: [&str; 6] = ["the", "these", "those", "our", "following", "below"];
    let text = sight.source.text();
    let mut things = HashSet::new();
    for (unit, label) in sight.labels.iter().enumerate() {
        if label.component.is_none_or(|component| component == Component::Examples) {
            continue;
        }
        let words = sight.words.within(sight.units[unit].text);
        let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
        let sorts = words.iter().any(|word| SORTS.contains(&&*word.lower(text)));
        for at in 0..words.len() {
            let led = lower(at) == "one" && lower(at + 1) == "of" || sorts && lower(at) == "into";
            let from = at + 1 + usize::from(lower(at) == "one");
            let thing = (from..from + 4).find(|&at| !DETERMINERS.contains(&&*lower(at)));
            if let Some(thing) = thing.filter(|&thing| led && thing > from) {
                things.insert(lower(thing).into_owned());
            }
        }
    }
    things
}

/// The name at the head of an item: `- LATE: comes after the day`, "- `late` (…)".
pub(super) fn name(item: &str) -> Option<String> {
    let item = item
        .trim_start_matches(['-', '*', '•', ' ', '\t'])
        .trim_start_matches(|c: char| c.is_ascii_digit() || ". )".contains(c));
    let end = item.find([':', '(', '–', '—', '=']).or_else(|| item.find(" - "));
    let head = match end {
        Some(end) => &item[..end],
        None if item.split_whitespace().count() <= 2 => item.trim_end_matches(['.', ',', ';']),
        None => return None,
    };
    let name = head.trim().trim_matches(['"', '`', '*', '\'', '“', '”', '<', '>']);
    (!name.is_empty() && name.split_whitespace().count() <= 3).then(|| name.to_string())
}
