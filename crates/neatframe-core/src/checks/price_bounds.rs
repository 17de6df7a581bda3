//! A price that a thing may have at most, and one that it has at least: "gifts under 20 euros", "every gift costs at least 30 euros".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number};
use crate::words::Word;
use std::borrow::Cow;

/// Words for money.
const MONEY: [&str; 12] =
    ["euro", "euros", "dollar", "dollars", "pound", "pounds", "crowns", "francs", "€", "$", "£", "eur"];

/// What a price is of, and its bound.
#[derive(Debug, PartialEq)]
struct Bound {
    thing: u32,
    value: u32,
    most: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, read, |one, two| {
        let (least, most) = if one.most { (two, one) } else { (one, two) };
        one.most != two.most && one.thing == two.thing && least.value > most.value
    });
}

fn read(case: &Case<'_>, unit: usize) -> Option<Bound> {
    let (text, words) = (case.source.text(), case.words_of(unit));
    bound(text, words).filter(|_| !is_exception(text, words))
}

/// "Gifts under 20 euros", "every gift costs at least 30 euros": the last thing before the words of the bound.
fn bound(text: &str, words: &[Word]) -> Option<Bound> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let (at, most, length) =
        (1..words.len()).find_map(|at| match (&*lower(at), &*lower(at + 1), &*lower(at + 2)) {
            ("under" | "below", ..) => Some((at, true, 1)),
            ("up", "to", _) | ("at", "most", _) => Some((at, true, 2)),
            ("no" | "not", "more", "than") => Some((at, true, 3)),
            ("over" | "above", ..) => Some((at, false, 1)),
            ("at", "least", _) => Some((at, false, 2)),
            _ => None,
        })?;
    let from = at + length + usize::from(matches!(&*lower(at + length), "€" | "$" | "£"));
    let value = number(text, *words.get(from)?)?;
    let money = MONEY.contains(&&*lower(from + 1)) || from > at + length;
    let thing = words[..at].iter().rev().find(|word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
            && !matches!(
                &*word.lower(text),
                "cost" | "costs" | "price" | "priced" | "must" | "be" | "is" | "are"
            )
    })?;
    money.then(|| Bound { thing: stem(&thing.lower(text)), value, most })
}

#[cfg(test)]
mod tests {
    use super::bound;
    use crate::words::Words;

    #[test]
    fn bounds_of_a_price() {
        let read = |text: &str| bound(text, Words::read(text, 0).all());
        let under = read("Suggest gifts under 20 euros.").unwrap();
        let over = read("Every gift costs at least 30 euros.").unwrap();
        assert!(under.most && !over.most && under.thing == over.thing);
        assert_eq!(read("Name gifts under the tree."), None);
    }
}
