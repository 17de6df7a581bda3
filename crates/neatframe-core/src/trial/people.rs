//! Names of people in a sample.

/// Words right before a name: "thanks to Nora Quayle", "says Tam Brook".
const LEADS: [&str; 10] =
    ["thanks to", "says", "said", "by", "told", "asked", "met", "reports", "with", "from"];
/// Verbs behind a name: "Nora Quayle says".
const TELLS: [&str; 9] =
    ["says", "said", "writes", "wrote", "reports", "reported", "asks", "asked", "complains"];
/// How far back such a word is looked for, in bytes.
const REACH: usize = 24;
const TITLES: [&str; 6] = ["mr", "mrs", "ms", "miss", "dr", "prof"];
/// Last words of the names of places.
const PLACES: [&str; 10] =
    ["street", "road", "quay", "pier", "desk", "line", "house", "harbour", "bridge", "park"];

/// The first person that a text names by first and last name, or by a title and a name: where, in bytes, and the name.
pub(super) fn named(text: &str) -> Option<(usize, &str)> {
    let mut words = Vec::new();
    let mut at = 0;
    for word in text.split_inclusive(char::is_whitespace) {
        words.push((at, word.trim_end()));
        at += word.len();
    }
    let bare = |word: &str| word.trim_matches(|c: char| !c.is_alphanumeric()).to_lowercase();
    let capital = |word: &str| {
        word.chars().count() >= 3
            && word.starts_with(char::is_uppercase)
            && word.chars().skip(1).all(|c| c.is_lowercase() || c == '-')
    };
    words.windows(2).enumerate().find_map(|(at, pair)| {
        let [(from, first), (last_at, last)] = [pair[0], pair[1]];
        let told = words.get(at + 2).is_some_and(|(_, next)| TELLS.contains(&bare(next).as_str()));
        let name = last.trim_end_matches(|c: char| !c.is_alphabetic());
        let titled = TITLES.contains(&bare(first).as_str());
        let led = || {
            let reach = text.floor_char_boundary(from.saturating_sub(REACH));
            let before = text[reach..from].trim_end().to_lowercase();
            LEADS
                .iter()
                .filter_map(|lead| before.strip_suffix(lead))
                .any(|rest| rest.ends_with([' ', '(', '\n']))
        };
        let place = PLACES.contains(&name.to_lowercase().as_str());
        let shown = &text[from..last_at + name.len()];
        let person = titled || capital(first) && !place && (told || led());
        (capital(name) && person).then_some((from, shown))
    })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn people_are_named() {
        assert_eq!(named("The log is shorter (thanks to Nora Quayle)."), Some((30, "Nora Quayle")));
        assert_eq!(named("Mr. Brook has paid."), Some((0, "Mr. Brook")));
        assert_eq!(named("Nora Quayle says that the boat is late."), Some((0, "Nora Quayle")));
        assert_eq!(named("The boat sails from Elm Quay."), None);
        assert_eq!(named("Thanks to the crew, all went well."), None);
    }
}
