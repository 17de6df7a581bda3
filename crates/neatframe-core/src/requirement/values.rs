//! Fields and the values that they may have, as sentences tell them.

use super::choice::short_names;
use super::{Demand, Requirement, Sight, Subject};
use crate::component::Component;
use crate::units::UnitKind;
use crate::words::Word;
use std::collections::HashSet;

/// "`why` is one of: name, type, range": the field and the values that it may have.
pub(super) fn keyed(body: &str) -> Option<(String, Vec<String>)> {
    let (head, list) =
        [" is one of", " must be one of", " is always one of", ": one of", " has to be one of"]
            .iter()
            .find_map(|sign| body.split_once(sign))?;
    let key = head.trim().trim_start_matches(['-', '*', ' ']).trim_matches(['`', '"', '*']);
    let field = is_key(key);
    let list = list.trim_start_matches([':', ' ']).split(['.', '(', ';', '\n']).next()?;
    let list = list.replace(", or ", ", ").replace(" or ", ", ").replace(" and ", ", ").replace('|', ", ");
    let names = list.split(", ").map(|name| name.trim().trim_matches(['"', '`', '\'', '“', '”']).to_string());
    let names: Vec<String> = names.filter(|name| !name.is_empty()).collect();
    let short = names
        .iter()
        .all(|name| name.split_whitespace().count() <= 2 && name.chars().any(char::is_alphabetic));
    (field && short && names.len() >= 2).then(|| (key.to_lowercase(), names))
}

/// Fields whose values stand in what reads like a fact: "Urgency is 1 (whole building), 2 (one room) or 3 (one person)".
pub(super) fn facts(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    let listed = found.iter().filter(|rule| matches!(rule.demand, Demand::OneOf(_)));
    let read: HashSet<usize> = listed.map(|rule| rule.unit).collect();
    for (unit, label) in sight.labels.iter().enumerate() {
        let read = read.contains(&unit);
        let own = sight.units[unit].with_lead(sight.outline);
        let sample = label.component == Some(Component::Examples);
        if let Some(choices) = (!read && !sample).then(|| labels(sight.source.slice(own))).flatten() {
            found.push(Requirement::on_reply(unit, own, Demand::OneOf(choices), false));
            continue;
        }
        let told = label.component == Some(Component::Context)
            && !read
            && matches!(sight.units[unit].kind, UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field);
        let whole = if sight.units[unit].kind == UnitKind::Field {
            sight.units[unit].with_lead(sight.outline)
        } else {
            sight.units[unit].text
        };
        let body = sight.source.slice(whole);
        let listed = || alternatives(body).or_else(|| told_of_each(body));
        if let Some((key, choices)) = told.then(listed).flatten() {
            let rule = Requirement::on_reply(unit, sight.units[unit].text, Demand::OneOf(choices), false);
            found.push(Requirement { subject: Subject::Named(key), ..rule });
        }
    }
}

/// "Labels: praise, complaint, wish".
fn labels(body: &str) -> Option<Vec<String>> {
    const NAMES: [&str; 12] = [
        "labels", "label set", "classes", "categories", "sentiments", "possible labels", "allowed labels",
        "available labels", "possible classes", "possible categories", "allowed categories", "label options",
    ];
    let (name, list) = body.split_once(": ")?;
    let name = name.trim_matches(['-', '*', '#', ' ', '`']);
    NAMES.iter().any(|known| name.eq_ignore_ascii_case(known)).then(|| short_names(list.trim())).flatten()
}

/// "Urgency is 1 (whole building), 2 (one room) or 3 (one person)", "the status is open, closed or pending".
pub(super) fn alternatives(body: &str) -> Option<(String, Vec<String>)> {
    if !body.contains(" or ") {
        return None;
    }
    let told = [" is ", " must be ", " can be ", " may be ", " is always ", " is either "]
        .iter()
        .find_map(|sign| body.split_once(sign));
    // "- status: open, closed or pending".
    let labelled =
        || body.split_once(": ").filter(|(key, _)| !key.contains(' ') || key.starts_with(['-', '*']));
    let (head, list) = told.or_else(labelled)?;
    let key = head.trim_start_matches(['-', '*', ' ']).trim_start_matches("The ").trim_start_matches("the ");
    let key = key.trim_matches(['`', '"', '*']);
    let mut bare = String::new();
    let mut deep = 0usize;
    for c in list.trim_end_matches('.').chars() {
        deep += usize::from(c == '(');
        if deep == 0 {
            bare.push(c);
        }
        deep -= usize::from(c == ')' && deep > 0);
    }
    let (rest, last) = bare.rsplit_once(" or ")?;
    let names = rest.trim_end_matches([',', ' ']).split(", ").chain([last]);
    let names: Vec<String> =
        names.map(|name| name.trim().trim_matches(['"', '`', '\'', '“', '”']).to_string()).collect();
    let single = |name: &String| {
        !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'))
    };
    (is_key(key) && key.len() > 2 && names.len() >= 3 && names.iter().all(single))
        .then(|| (key.to_lowercase(), names))
}

/// Things of which a reply holds all that are named: "two columns: fare and pier" leaves no choice.
const TOGETHER: [&str; 9] =
    ["column", "section", "part", "field", "key", "heading", "row", "paragraph", "step"];

/// "Three kinds: rebus, anagram, riddle": what is counted, and as many names.
pub(super) fn counted(text: &str, words: &[Word], body: &str) -> Option<(String, Vec<String>)> {
    let colon = words.iter().position(|word| word.text(text) == ":")?;
    let noun = words.get(colon.checked_sub(1)?)?;
    let count = super::amount::number(text, *words.get(colon.checked_sub(2)?)?)?;
    let key = super::whom::singular(&noun.lower(text));
    let (_, list) = body.trim_end_matches('.').split_once(": ")?;
    let list = list.split(['.', ';']).next()?;
    let list = list.replace(", or ", ", ").replace(" or ", ", ").replace(" and ", ", ");
    let names: Vec<String> = list.split(", ").map(|name| name.trim().to_string()).collect();
    let short = names.iter().all(|name| !name.is_empty() && name.split_whitespace().count() <= 3);
    (short && names.len() >= 2 && names.len() == count as usize && is_key(&key) && !TOGETHER.contains(&&*key))
        .then_some((key, names))
}

/// "Each remark has a level: blocker, should, could": the field and its values.
pub(super) fn told_of_each(body: &str) -> Option<(String, Vec<String>)> {
    let (head, list) = body.trim_end_matches('.').split_once(": ")?;
    let (of, key) = [" has a ", " gets a ", " has one ", " gets one ", " carries a "]
        .iter()
        .find_map(|sign| head.split_once(sign))?;
    let each = of.to_lowercase();
    let list = list.replace(", or ", ", ").replace(" or ", ", ").replace(" and ", ", ").replace('|', ",");
    let names: Vec<String> =
        list.split(',').map(|name| name.trim().trim_matches(['"', '`', '\'']).to_string()).collect();
    let short = |name: &String| {
        !name.is_empty() && name.split_whitespace().count() <= 2 && !name.contains(['.', ';', '(', ':'])
    };
    let each = each.trim_start_matches("- ");
    let fits = (each.starts_with("each ") || each.starts_with("every ")) && is_key(key) && names.len() >= 3;
    (fits && names.iter().all(short)).then(|| (key.to_lowercase(), names))
}

/// "`severity` (low, medium, high)", `"points" (0, 1 or 2)`: fields as they are written, each with the words that it may hold.
pub(super) fn in_brackets(body: &str) -> Vec<(String, Vec<String>)> {
    let mut found = Vec::new();
    for (at, mark) in ["` (", "\" ("].iter().flat_map(|mark| body.match_indices(mark)) {
        let Some(key) = body[..at].rsplit(&mark[..1]).next().filter(|key| is_key(key)) else { continue };
        let Some(list) = body[at + 3..].split(')').next() else { continue };
        let list = list.replace(" or ", ", ").replace(['|', '/'], ", ");
        let names: Vec<String> = list
            .split(',')
            .map(|name| name.trim().trim_matches(['"', '`', '\'']).to_string())
            .filter(|name| !name.is_empty())
            .collect();
        let word = |name: &String| name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'));
        if names.len() >= 3 && names.iter().all(word) {
            found.push((key.to_lowercase(), names));
        }
    }
    found
}

pub(super) fn is_key(key: &str) -> bool {
    !key.is_empty() && key.len() <= 30 && key.chars().all(|c| c.is_alphanumeric() || c == '_')
}
