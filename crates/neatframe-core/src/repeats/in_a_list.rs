//! A thing asked for once more that an earlier list holds: "who came, what the weather was like", "mention the weather as well".

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// The most words of an item of a list, and of a demand that names one thing.
const ITEM: usize = 6;
const LONG: usize = 9;
/// How many lists are remembered.
const LISTS: usize = 32;

/// Each demand that names nothing but what an earlier list holds. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut lists: Vec<(usize, Vec<u32>)> = Vec::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let own = words.within(span);
        if let Some(thing) = one_thing(text, own) {
            let earlier = lists.iter().rev().find(|(_, things)| things.contains(&thing));
            found.extend(earlier.map(|(earlier, _)| (unit, *earlier)));
        } else if let Some(things) = listed(text, own) {
            if lists.len() == LISTS {
                lists.remove(0);
            }
            lists.push((unit, things));
        }
    }
    found
}

/// "Mention the weather as well": the thing.
fn one_thing(text: &str, words: &[Word]) -> Option<u32> {
    const SAYS: [&str; 6] = ["mention", "include", "add", "name", "state", "note"];
    if words.len() > LONG {
        return None;
    }
    let plain: Vec<&Word> = words.iter().filter(|word| !word.is_punctuation()).collect();
    let from = usize::from(
        plain.first().is_some_and(|word| matches!(&*word.lower(text), "also" | "please" | "and")),
    );
    let [verb, article, thing, rest @ ..] = plain.get(from..)? else { return None };
    let also = |word: &&Word| matches!(&*word.lower(text), "as" | "well" | "too" | "also");
    let says = SAYS.contains(&&*verb.lower(text)) && article.lower(text) == "the";
    (says && rest.iter().all(also) && !thing.is_number()).then(|| stem(&thing.lower(text)))
}

/// The nouns of the short items of a list behind a colon, three at least.
fn listed(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let colon = words.iter().position(|word| word.text(text) == ":")?;
    let denied = words[..colon].iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION));
    let items: Vec<&[Word]> = words[colon + 1..]
        .split(|word| matches!(word.text(text), "," | ";" | ".") || word.lower(text) == "and")
        .filter(|item| !item.is_empty())
        .collect();
    let short = items.len() >= 3 && items.iter().all(|item| item.len() <= ITEM);
    let named = |word: &&Word| !word.is(vocabulary::STOP | vocabulary::VERB) && !word.is_number();
    (short && !denied).then(|| {
        items.iter().flat_map(|item| item.iter()).filter(named).map(|word| stem(&word.lower(text))).collect()
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    #[test]
    fn what_a_list_holds_already() {
        let list = "Write the log: who came, what was mended, what the weather was like.";
        let again = |second: &str| two_lines(list, second, repeated);
        assert!(again("Mention the weather as well."));
        assert!(again("Also mention the weather."));
        assert!(!again("Mention the captain."));
        assert!(!again("Mention the weather at the pier."));
    }
}
