//! References to a part by its title.

use super::Case;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;
use std::cell::LazyCell;

/// References by title, `see the section "Tides"`, to a title that stands nowhere else in the prompt.
pub(super) fn lost_titles(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let mut found = Vec::new();
    let mut looked = 0;
    let whole = LazyCell::new(|| text.to_lowercase());
    for (unit, label) in case.labels.iter().enumerate() {
        let kind = case.units[unit].kind;
        if label.component == Some(Component::Examples)
            || matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
        {
            continue;
        }
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        for at in 1..words.len() {
            let part = matches!(&*lower(at), "section" | "chapter" | "appendix" | "part");
            if looked >= MOST_TITLES {
                return found;
            }
            if !part || !words.get(at + 1).is_some_and(|word| word.is(vocabulary::QUOTE)) {
                continue;
            }
            looked += 1;
            // "A section "Risks"" is to be made; "in section "Tides" of the guide" is elsewhere.
            let before = if lower(at - 1) == "the" && at > 1 { lower(at - 2) } else { lower(at - 1) };
            let points = ["in", "see", "under", "from", "per", "follow", "read", "of"].contains(&&*before);
            let makes = words[..at].iter().any(|word| {
                matches!(&*word.lower(text), "put" | "add" | "place" | "file" | "answer" | "list")
            });
            let quotes = crate::requirement::quotations(text, case.units[unit].text);
            let Some((place, title)) =
                quotes.into_iter().find(|(place, _)| place.start() >= words[at].end as usize)
            else {
                continue;
            };
            let after = words.iter().find(|word| word.start as usize >= place.end());
            let elsewhere = after.is_some_and(|word| matches!(&*word.lower(text), "of" | "in" | "from"));
            // A common noun may stand anywhere: "## Indexes", but not "list the indexes".
            let noun = title.starts_with(char::is_uppercase) && !title.contains(' ');
            let titled = || {
                case.outline
                    .sections
                    .iter()
                    .any(|section| case.text(section.title).to_lowercase().contains(&title.to_lowercase()))
            };
            let again = match noun {
                true => text.matches(title.as_str()).nth(1).is_some() || titled(),
                false => whole.matches(&title.to_lowercase()).nth(1).is_some(),
            };
            if points && !makes && !elsewhere && !again {
                found.push(words[at].span().cover(place));
            }
        }
    }
    found
}

/// How many such references are looked at; each is looked for in the whole text.
const MOST_TITLES: usize = 32;
