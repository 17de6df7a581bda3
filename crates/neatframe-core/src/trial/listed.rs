//! Lists within a sample: how many things stand in them.

/// The list of these things in a record or below a label, `"tags": ["a", "b"]`: where it stands, its length in bytes, and how
/// many it holds.
pub(super) fn count(body: &str, things: &str) -> Option<(usize, usize, usize)> {
    if things == "bullets" {
        let marked = |line: &&str| line.trim_start().starts_with(['-', '•', '*']);
        let count = body.lines().filter(marked).count();
        return (count >= 2).then_some((0, body.len(), count));
    }
    let key = format!("\"{things}\"");
    let Some(at) = body.find(&key) else { return row(body, things) };
    let rest = body[at + key.len()..].trim_start().strip_prefix(':')?.trim_start().strip_prefix('[')?;
    let inner = &rest[..rest.find(']')?];
    let from = body.len() - rest.len();
    // Records and lists within the list are not counted here.
    if inner.contains(['{', '[', '…']) || inner.contains("...") {
        return None;
    }
    let count = inner.split(',').filter(|thing| !thing.trim().is_empty()).count();
    let quoted = inner.matches('"').count() / 2;
    Some((from, inner.len(), if quoted > 0 { quoted } else { count }))
}

/// `Tags: pier, fog, delay`, on a line of its own.
pub(crate) fn row(body: &str, things: &str) -> Option<(usize, usize, usize)> {
    let mut at = 0;
    for line in body.split_inclusive('\n') {
        let label = line.get(..things.len()).filter(|label| label.eq_ignore_ascii_case(things));
        if let Some(list) = label.and_then(|_| line[things.len()..].strip_prefix(':')) {
            let list = list.trim();
            let plain = !list.contains(['.', ';', '{', '[', '(', '…', '"']);
            let count = list.split(", ").count();
            return (plain && count >= 2).then_some((at, line.trim_end().len(), count));
        }
        at += line.len();
    }
    None
}

/// `pier, fog, delay`, where the rule says that commas part the things: the whole answer is the list.
pub(super) fn between_commas(body: &str, rule: &str) -> Option<(usize, usize, usize)> {
    const LONGEST: usize = 200;
    let rule = rule.to_lowercase();
    let told = rule.contains("comma")
        && ["separated", "between", "with commas"].iter().any(|word| rule.contains(word));
    let list = body.trim();
    let plain =
        list.len() <= LONGEST && !list.contains(['\n', '.', ';', ':', '{', '[', '(', '…', '"', '?', '!']);
    let short = list.split(',').all(|thing| (1..=3).contains(&thing.split_whitespace().count()));
    (told && plain && short).then(|| (0, body.trim_end().len(), list.split(',').count()))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn things_in_lists() {
        let count = |body: &str, things: &str| count(body, things).map(|(_, _, count)| count);
        assert_eq!(count("{\"tags\": [\"a, b\", \"c\"]}", "tags"), Some(2));
        assert_eq!(count("{\"tags\": []}", "tags"), Some(0));
        assert_eq!(count("- one\n- two", "bullets"), Some(2));
        assert_eq!(count("{\"tags\": [{\"a\": 1}]}", "tags"), None);
        assert_eq!(count("one tag", "tags"), None);
        assert_eq!(count("Title: Fog\nTags: pier, fog, two boats\n", "tags"), Some(3));
        assert_eq!(count("Tags: pier. Fog, too.", "tags"), None, "a sentence is no list");
    }
}
