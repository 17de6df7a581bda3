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
            // "Follow the steps in "Crisis protocol"": a title stands in capitals.
            let titled = |at: usize| {
                words.get(at + 1).is_some_and(|word| word.is(vocabulary::QUOTE))
                    && words.get(at + 2).is_some_and(|word| word.text(text).starts_with(char::is_uppercase))
            };
            let steps = matches!(&*lower(at), "in" | "under")
                && matches!(
                    &*lower(at - 1),
                    "steps" | "procedure" | "rules" | "instructions" | "guidance" | "table"
                )
                && titled(at);
            let part = steps || matches!(&*lower(at), "section" | "chapter" | "appendix" | "part");
            if looked >= MOST_TITLES {
                return found;
            }
            // "In the section "Tides"", "in the "Tides" section".
            let behind = words.get(at + 1).is_some_and(|word| word.is(vocabulary::QUOTE));
            if !part || !behind && !words[at - 1].is(vocabulary::QUOTE) {
                continue;
            }
            looked += 1;
            // "A section "Risks"" is to be made; "in section "Tides" of the guide" is elsewhere.
            let quotes = crate::requirement::quotations(text, case.units[unit].text);
            let at_hand = |(place, _): &(Span, String)| match behind {
                true => place.start() >= words[at].end as usize,
                false => place.end() == words[at - 1].end as usize,
            };
            let Some((place, title)) = quotes.into_iter().find(at_hand) else { continue };
            let opens = words.iter().position(|word| word.start as usize >= place.start());
            let lead = if behind { at } else { opens.unwrap_or(at) };
            let led = |back: usize| lead.checked_sub(back).map_or(Cow::Borrowed(""), &lower);
            let before = if led(1) == "the" { led(2) } else { led(1) };
            let points = steps
                || [
                    "in", "see", "under", "from", "per", "follow", "read", "of", "to", "against", "consult",
                    "by",
                ]
                .contains(&&*before);
            let makes = words[..at].iter().any(|word| {
                matches!(&*word.lower(text), "put" | "add" | "place" | "file" | "answer" | "list")
            });
            let ends = place.end().max(words[at].end as usize);
            let after = words.iter().find(|word| word.start as usize >= ends);
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
                found.push(place.cover(words[at].span()));
            }
        }
    }
    found.extend(by_bare_name(case));
    found
}

/// "See section Tides." without quotation marks, where no part and no other word is called so.
fn by_bare_name(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let mut found = Vec::new();
    let mut looked = 0;
    let told = |unit: &usize| {
        let kind = case.units[*unit].kind;
        case.labels[*unit].component != Some(Component::Examples)
            && !matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
    };
    for unit in (0..case.units.len()).filter(told) {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        for at in 1..words.len().saturating_sub(1) {
            let part = matches!(&*lower(at), "section" | "chapter");
            let led = matches!(&*lower(at - 1), "see" | "in" | "under" | "per" | "follow" | "to" | "consult");
            let name = words[at + 1].text(text);
            let titled = name.len() >= 4
                && name.starts_with(char::is_uppercase)
                && name.chars().skip(1).all(char::is_lowercase);
            let ends = words.get(at + 2).is_none_or(|word| word.is(vocabulary::STOP_MARK));
            if part && led && titled && ends && looked < MOST_TITLES {
                looked += 1;
                let again = text.matches(name).nth(1).is_some();
                let heads = |title: Span| case.text(title).to_lowercase().contains(&name.to_lowercase());
                if !again && !case.outline.sections.iter().any(|section| heads(section.title)) {
                    found.push(words[at].span().cover(words[at + 1].span()));
                }
            }
        }
    }
    found
}

/// How many such references are looked at; each is looked for in the whole text.
const MOST_TITLES: usize = 32;
