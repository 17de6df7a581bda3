//! Counts of any thing that exclude each other: "no more than two colours", "at least four colours".

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Measure, is_exception, number};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// How many counts are compared.
const MOST: usize = 32;
/// Words from which a sentence says more than a count.
const LONG: usize = 20;

/// A bound on how many there are of a thing.
struct Count {
    unit: usize,
    thing: u32,
    /// "Per sentence", "each picture": what has them.
    scope: Option<u32>,
    least: Option<u32>,
    most: Option<u32>,
    span: Span,
}

/// Reports bounds on one thing that leave no number. What [`Measure`] knows by name is compared elsewhere.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let mut seen: Vec<Count> = Vec::new();
    for unit in case.demands() {
        let words = case.words_of(unit);
        let sample = case.labels[unit].component == Some(Component::Examples);
        if sample || words.len() > LONG || seen.len() >= MOST || is_exception(text, words) {
            continue;
        }
        let Some(this) = count(text, unit, words) else { continue };
        let rival = seen.iter().find(|that| {
            let over =
                |low: Option<u32>, high: Option<u32>| low.zip(high).is_some_and(|(low, high)| low > high);
            that.thing == this.thing
                && that.scope == this.scope
                && that.unit != unit
                && (over(this.least, that.most) || over(that.least, this.most))
        });
        if let Some(that) = rival {
            let line = case.source.position(that.span.start()).line;
            let message = format!(
                "`{}` and `{}` (line {line}) cannot both be met",
                case.shown(this.span),
                case.shown(that.span)
            );
            sink.report(this.span, message, "keep one of the two").related.push(that.span);
        }
        seen.push(this);
    }
}

fn count(text: &str, unit: usize, words: &[Word]) -> Option<Count> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let before = |at: usize, phrase: &[&str]| {
        at >= phrase.len() && phrase.iter().enumerate().all(|(n, word)| lower(at - phrase.len() + n) == *word)
    };
    (0..words.len()).find_map(|at| {
        let value = number(text, words[at])?;
        let noun = words.get(at + 1)?;
        let name = lower(at + 1);
        let plain =
            !noun.is_punctuation() && !noun.is(vocabulary::STOP) && (name.ends_with('s') || value == 1);
        if !plain || Measure::named(&name).is_some() {
            return None;
        }
        let most = [
            &["at", "most"][..],
            &["no", "more", "than"],
            &["not", "more", "than"],
            &["up", "to"],
            &["maximum", "of"],
        ];
        let least = [&["at", "least"][..], &["no", "fewer", "than"], &["minimum", "of"]];
        let (least, most) = if most.iter().any(|phrase| before(at, phrase)) {
            (None, Some(value))
        } else if least.iter().any(|phrase| before(at, phrase)) {
            (Some(value), None)
        } else if matches!(&*lower(at.wrapping_sub(1)), "exactly" | "only" | "just") {
            (Some(value), Some(value))
        } else {
            return None;
        };
        let span = words[at].span().cover(noun.span());
        // "Each picture has at least four colours" bounds what another thing has.
        let each = (0..words.len()).find(|&at| matches!(&*lower(at), "each" | "every" | "per"));
        let scope = each.map(|at| stem(&lower(at + 1)));
        Some(Count { unit, thing: stem(&name), scope, least, most, span })
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn told(text: &str) -> Option<(Option<u32>, Option<u32>)> {
        let words = Words::read(text, 0);
        count(text, 0, words.within(Span::new(0, text.len()))).map(|found| (found.least, found.most))
    }

    #[test]
    fn bounds_on_any_thing() {
        assert_eq!(told("Use no more than two colours."), Some((None, Some(2))));
        assert_eq!(told("At least four oars."), Some((Some(4), None)));
        assert_eq!(told("Use exactly three buoys"), Some((Some(3), Some(3))));
        assert_eq!(told("Use three buoys"), None, "a number alone may be any of several");
        assert_eq!(told("At most 80 words."), None, "read elsewhere");
    }
}
