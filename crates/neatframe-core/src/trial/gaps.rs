//! Gaps in a sample record that are filled another way than the prompt says.

use crate::record;

/// Words and signs with which records say that there is nothing.
const NOTHING: [&str; 16] = [
    "", "null", "n/a", "na", "none", "unknown", "not given", "not stated", "not available", "missing", "-",
    "–", "?", "nil", "empty", "nothing",
];

/// The field whose gap is filled with another sign than `value`: where its value stands, in bytes, its length, and the sign.
/// `of` names the field that the rule is about; it is empty where the rule holds for every field.
pub(super) fn filled_otherwise<'a>(body: &'a str, of: &str, value: &str) -> Option<(usize, usize, &'a str)> {
    let asked = value.to_lowercase();
    if body.len() > record::LONGEST || !body.contains("\":") || !NOTHING.contains(&&*asked) {
        return None;
    }
    let asked = if asked == "empty" { "" } else { &*asked };
    let named = |key: &&String| {
        let key = key.to_lowercase();
        of.is_empty() || of.split(' ').any(|word| word.len() > 2 && key.contains(word.trim_end_matches('s')))
    };
    record::keys(body).iter().filter(named).find_map(|key| {
        let (at, shown) =
            record::values(body, key).into_iter().next().or_else(|| record::bare_value(body, key))?;
        let lower = shown.to_lowercase();
        // `-` and `?` may be values.
        let nothing = NOTHING.contains(&&*lower) && (lower.len() != 1 || asked.len() == 1);
        // `"null"` in quotation marks is no null.
        let quoted = body[..at].ends_with('"');
        let other = lower != asked || quoted && asked == "null";
        (nothing && other).then_some((at, shown.len(), shown))
    })
}

/// True for a sign that says that there is nothing.
pub(crate) fn is_nothing(shown: &str) -> bool {
    NOTHING.contains(&&*shown.to_lowercase())
}

/// True for a sign of nothing, alone, that is another than `value`.
pub(crate) fn is_another(shown: &str, value: &str) -> bool {
    let (shown, asked) = (shown.trim_matches(['"', '`', '.']).to_lowercase(), value.to_lowercase());
    shown.len() > 1 && NOTHING.contains(&&*shown) && NOTHING.contains(&&*asked) && shown != asked
}

/// True for a word of nothing, alone, where a phrase was asked for in its place: "none", and "nothing to report".
pub(crate) fn is_another_sign(shown: &str, value: &str) -> bool {
    let shown = shown.trim_matches(['"', '`', '.']).to_lowercase();
    shown.len() > 1
        && NOTHING.contains(&&*shown)
        && shown != value.trim_matches(['"', '`', '.']).to_lowercase()
}

#[cfg(test)]
mod tests {
    use super::*;

    fn shown<'a>(body: &'a str, of: &str, value: &str) -> Option<&'a str> {
        filled_otherwise(body, of, value).map(|(_, _, shown)| shown)
    }

    #[test]
    fn another_sign_than_the_one_asked_for() {
        assert_eq!(shown("{\"name\": \"Ida\", \"phone\": \"\"}", "", "null"), Some(""));
        assert_eq!(shown("{\"phone\": \"N/A\"}", "phone", "null"), Some("N/A"));
        assert_eq!(shown("{\"phone\": null}", "phone number", "unknown"), Some("null"));
        assert_eq!(shown("{\"phone\": \"null\"}", "phone", "null"), Some("null"));
    }

    #[test]
    fn gaps_as_asked_for() {
        assert_eq!(shown("{\"phone\": null}", "", "null"), None);
        assert_eq!(shown("{\"phone\": \"\", \"fare\": \"n/a\"}", "fare", "n/a"), None);
        assert_eq!(shown("{\"phone\": \"\"}", "phone", "empty"), None);
        assert_eq!(shown("phone: none", "phone", "null"), None, "that is no record");
        assert_eq!(shown("{\"grade\": \"-\"}", "", "null"), None, "a sign may be a value");
    }
}
