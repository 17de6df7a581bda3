//! Records as prompts show them: their keys, what a template offers for a field, what stands in one.

use crate::lexicon::vocabulary;
use std::collections::HashSet;

/// The longest record whose fields are looked through one by one, in bytes: each is looked for anew.
pub(crate) const LONGEST: usize = 8_000;

/// The keys of a JSON-like text, in order, no doubles.
pub(crate) fn keys(text: &str) -> Vec<String> {
    keys_within(text, usize::MAX)
}

/// The keys of the records themselves, not of what stands in their fields.
pub(crate) fn outer_keys(text: &str) -> Vec<String> {
    let depth = if text.trim_start().starts_with('[') || text.contains("[{") { 2 } else { 1 };
    keys_within(text, depth)
}

fn keys_within(text: &str, deepest: usize) -> Vec<String> {
    let mut found: Vec<String> = Vec::new();
    let mut known: HashSet<&str> = HashSet::new();
    let (mut rest, mut depth) = (text, 0usize);
    while let Some(at) = rest.find(['"', '{', '[', '}', ']']) {
        let body = &rest[at + 1..];
        match rest.as_bytes()[at] {
            b'{' | b'[' => depth += 1,
            b'}' | b']' => depth = depth.saturating_sub(1),
            _ => {
                let Some(length) = body.find('"') else { break };
                let name = &body[..length];
                let key = body[length + 1..].trim_start().starts_with(':')
                    && !name.is_empty()
                    && name.len() <= 40
                    && !name.contains(char::is_whitespace);
                if key && depth <= deepest && known.insert(name) {
                    found.push(name.to_string());
                }
                rest = &body[length + 1..];
                continue;
            }
        }
        rest = body;
    }
    found
}

/// The words that a template offers for a field, `"check": "a"|"b"|"c"`: each such field with its choices.
pub(crate) fn choices(template: &str) -> Vec<(String, Vec<String>)> {
    let offered = |key: &String| -> Option<(String, Vec<String>)> {
        let after = template.split_once(&format!("\"{key}\""))?.1.trim_start().strip_prefix(':')?;
        let value = after.split([',', '}', '\n']).next()?;
        let quoted = |choice: &str| Some(choice.trim().strip_prefix('"')?.strip_suffix('"')?.to_string());
        let apart = |value: &str| value.split('|').map(quoted).collect::<Option<Vec<String>>>();
        // `"a|b|c"`, all in one pair of quotation marks.
        let within = || {
            let inner = quoted(value)?;
            let names: Vec<String> = inner.split('|').map(|name| name.trim().to_string()).collect();
            names.iter().all(|name| !name.is_empty() && !name.contains(['<', '.', ':'])).then_some(names)
        };
        let choices = apart(value).filter(|choices| choices.len() >= 2).or_else(within)?;
        (choices.len() >= 2).then(|| (key.clone(), choices))
    };
    keys(template).iter().filter_map(offered).collect()
}

/// True when a template shows a number for a field: `"confidence": 0.00`.
pub(crate) fn is_number(template: &str, key: &str) -> bool {
    after_key(template, key)
        .is_some_and(|value| value.trim_start_matches('-').starts_with(|c: char| c.is_ascii_digit()))
}

/// The number, in digits or in words, that stands in quotation marks as the value of a field, and where it stands, in bytes.
pub(crate) fn quoted_number<'a>(record: &'a str, key: &str) -> Option<(usize, &'a str)> {
    // `"840 EUR"` is no number either.
    let digits = |value: &str| {
        let (number, unit) = value.split_once(' ').unwrap_or((value, ""));
        !number.is_empty()
            && number.bytes().all(|b| b.is_ascii_digit() || b == b'.')
            && unit.len() <= 8
            && unit.chars().all(char::is_alphabetic)
    };
    // `"twelve"`.
    let spelt = |value: &str| {
        vocabulary::number_value(vocabulary::find(value.to_lowercase().as_bytes()))
            .is_some_and(|number| number > 1)
    };
    values(record, key).into_iter().find(|(_, value)| digits(value) || spelt(value))
}

/// The lowest and the highest number that a template allows in a field: `"marks": 0-3`, `"marks": "1 to 5"`.
pub(crate) fn range(template: &str, key: &str) -> Option<(i64, i64)> {
    let value = after_key(template, key)?.trim_start_matches(['"', '<', ' ']);
    let end = value.find(['"', '>', ',', '}', '\n']).unwrap_or(value.len());
    let value = &value[..end];
    let (low, high) = ["-", "–", " to ", ".."].iter().find_map(|sign| value.split_once(sign))?;
    let (low, high) = (low.trim().parse().ok()?, high.trim().trim_start_matches('.').parse().ok()?);
    (low < high).then_some((low, high))
}

/// The whole number in a field of a record, and where it stands, in bytes.
pub(crate) fn whole_number(record: &str, key: &str) -> Option<(usize, i64)> {
    let value = after_key(record, key)?;
    let at = record.len() - value.len();
    let end = value.find([',', '}', ']', '\n', ' ']).unwrap_or(value.len());
    Some((at, value[..end].parse().ok()?))
}

/// What stands behind a key and its colon.
fn after_key<'a>(record: &'a str, key: &str) -> Option<&'a str> {
    let (_, rest) = record.split_once(&format!("\"{key}\""))?;
    Some(rest.trim_start().strip_prefix(':')?.trim_start())
}

/// What stands unquoted in a field of a record, a number or a word such as `null`, and where, in bytes.
pub(crate) fn bare_value<'a>(record: &'a str, key: &str) -> Option<(usize, &'a str)> {
    let value = after_key(record, key)?;
    let at = record.len() - value.len();
    let end = value.find([',', '}', ']', '\n', ' ']).unwrap_or(value.len());
    let plain = |c: char| c.is_alphanumeric() || matches!(c, '.' | '-');
    let value = &value[..end];
    (!value.is_empty() && value.chars().all(plain)).then_some((at, value))
}

/// The quoted values of a field in a record, each with where it stands, in bytes.
pub(crate) fn values<'a>(record: &'a str, key: &str) -> Vec<(usize, &'a str)> {
    let name = format!("\"{key}\"");
    let value = |at: usize| {
        let after = at + name.len();
        let open = after + record[after..].find('"')?;
        let length = record[open + 1..].find('"')?;
        (record[after..open].trim() == ":").then(|| (open + 1, &record[open + 1..open + 1 + length]))
    };
    record.match_indices(&name).filter_map(|(at, _)| value(at)).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn keys_of_a_record() {
        assert_eq!(keys("{\"a\": 1, \"b\": {\"c\": \"d: e\"}, \"a\": 2}"), ["a", "b", "c"]);
        assert_eq!(keys("say \"hello\": then \"two words\": x"), ["hello"]);
    }

    #[test]
    fn choices_of_a_template() {
        let template = "{\"row\": int, \"kind\": \"hard\"|\"soft\", \"note\": str}";
        assert!(is_number("{\"sure\": 0.00}", "sure") && !is_number("{\"sure\": \"0\"}", "sure"));
        assert_eq!(choices(template), [("kind".to_string(), vec!["hard".to_string(), "soft".to_string()])]);
        let joined = choices("{\"kind\": \"hard | soft\", \"note\": \"a sentence\"}");
        assert_eq!(joined, [("kind".to_string(), vec!["hard".to_string(), "soft".to_string()])]);
        assert_eq!(range("{\"marks\": 0-3, \"why\": \"...\"}", "marks"), Some((0, 3)));
        assert_eq!(range("{\"marks\": \"1 to 5\"}", "marks"), Some((1, 5)));
        assert_eq!(range("{\"day\": \"2031-05-03\"}", "day"), None);
        assert_eq!(whole_number("{\"marks\": 4, \"why\": \"x\"}", "marks"), Some((10, 4)));
        assert_eq!(whole_number("{\"marks\": \"four\"}", "marks"), None);
        assert_eq!(bare_value("{\"marks\": 1.5, \"why\": \"x\"}", "marks"), Some((10, "1.5")));
        assert_eq!(bare_value("{\"marks\": \"two\"}", "marks"), None);
        assert_eq!(values("{\"row\": 1, \"kind\": \"mild\"}", "kind"), [(20, "mild")]);
        assert_eq!(values("[{\"who\": \"a\"}, {\"who\": \"b\"}]", "who").len(), 2);
        assert!(values("{\"kind\": 1, \"note\": \"x\"}", "kind").is_empty());
    }
}
