//! Other numbers of a thing than the prompt asks for: "suggest three layouts", "compare the four layouts"; "write 12 questions",
//! "the quiz has 10 questions".

use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Subject, bounded, is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs that ask for things that are not there yet.
const MAKES: [&str; 22] = [
    "suggest", "propose", "write", "give", "list", "name", "draft", "create", "generate", "produce",
    "design", "plan", "sketch", "provide", "make", "recommend", "offer", "prepare", "compose", "outline",
    "invent", "draw",
];

/// So many of one thing: asked for, or spoken of as all that there are.
struct Lot {
    thing: u32,
    which: Option<u32>,
    count: u32,
    asks: bool,
    /// Nothing behind it says of what kind they are or what for.
    whole: bool,
    span: Span,
}

/// Reports where the prompt speaks of more than it asked for.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    more_than_stated(case, sink);
    let lots: Vec<(usize, Lot)> = case.demands().filter_map(|unit| Some((unit, lot(case, unit)?))).collect();
    for (at, (unit, told)) in lots.iter().enumerate() {
        let mut before = lots[..at].iter().rev().take(WITHIN_REACH);
        if let Some((_, asked)) = before.find(|(other, asked)| other != unit && asked.excludes(told)) {
            sink.clash(case, told.span, asked.span);
        }
    }
}

/// How many earlier ones are compared; keeps long prompts linear.
const WITHIN_REACH: usize = 64;

impl Lot {
    /// True where so many were asked for that `told` is another number.
    fn excludes(&self, told: &Lot) -> bool {
        let same = told.which.is_none_or(|which| self.which.is_none_or(|other| other == which));
        let more = !told.asks && told.count > self.count;
        let another = told.asks && told.whole && self.whole && told.count != self.count;
        self.asks && self.thing == told.thing && same && (more || another)
    }
}

/// "As five bullets" here, "your eight bullets" there: more than a stated number of parts.
fn more_than_stated(case: &Case<'_>, sink: &mut Sink<'_>) {
    for unit in case.demands() {
        let Some(told) = lot(case, unit).filter(|told| !told.asks) else { continue };
        let stated = case.requirements.iter().take(RULES).find(|rule| match &rule.demand {
            Demand::Amount { measure: Measure::Items(things), bound } => {
                matches!(rule.subject, Subject::Reply | Subject::Named(_))
                    && !rule.conditional
                    && stem(things) == told.thing
                    && bound.least == bound.most
                    && bound.most.is_some_and(|most| most < told.count)
            }
            _ => false,
        });
        if let Some(rule) = stated.filter(|rule| rule.unit < unit) {
            sink.clash(case, told.span, rule.span);
        }
    }
}

/// How many requirements are looked at for a number.
const RULES: usize = 200;

/// Words from which a sentence may speak of more than one lot.
const LONG: usize = 40;

fn lot(case: &Case<'_>, unit: usize) -> Option<Lot> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) || case.units[unit].kind == UnitKind::Mark {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let count = number(text, words[at]).filter(|count| (2..=30).contains(count))?;
        let (which, noun) = counted(text, words, at + 1)?;
        let opens = usize::from(matches!(&*lower(0), "please" | "then" | "now" | "always" | "finally"));
        let asks = at <= opens + 3
            && MAKES.contains(&&*lower(opens))
            && (opens + 1..at).all(|at| matches!(&*lower(at), "me" | "us" | "exactly" | "up" | "with"))
            && bounded(text, words, at).is_none_or(|bound| bound.least == bound.most);
        // "Every page has three rows" and "for each, give three rows" count by the page.
        let clause =
            words[noun..].iter().position(|word| word.is_punctuation()).map_or(words.len(), |end| noun + end);
        let shared =
            words[..clause].iter().any(|word| matches!(&*word.lower(text), "each" | "every" | "per"));
        let told = at > 0
            && matches!(&*lower(at - 1), "the" | "all" | "these" | "those" | "your")
            && !(at > 1
                && matches!(&*lower(at - 2), "of" | "from" | "in" | "with" | "than" | "on" | "among"))
            && !narrows(&lower(noun + 1));
        // "The quiz has ten questions."
        let has = (2..5).any(|at| matches!(&*lower(at), "has" | "contains"))
            && lower(0) == "the"
            && at <= 5
            && matches!(&*lower(at - 1), "has" | "contains" | "exactly");
        // "Write a thread of eight posts", "limit the thread to five posts".
        let of = at >= 3
            && lower(at - 1) == "of"
            && matches!(&*lower(at - 3), "a" | "an")
            && MAKES.contains(&&*lower(opens));
        let limits = lower(at - usize::from(at > 0)) == "to"
            && at <= opens + 5
            && matches!(&*lower(opens), "limit" | "restrict" | "cap");
        let asks = asks || has || of || limits;
        let next = words.get(noun + 1);
        let whole = next.is_none_or(|word| matches!(word.text(text), "." | "," | ";" | "!"));
        (asks && !shared || told).then(|| Lot {
            thing: stem_at(text, words, noun),
            which: which.map(|at| stem_at(text, words, at)),
            count,
            asks: asks && !told,
            whole,
            span: words[at - usize::from(told)].span().cover(words[noun].span()),
        })
    })
}

fn stem_at(text: &str, words: &[Word], at: usize) -> u32 {
    stem(&words[at].lower(text))
}

/// Words behind a noun that say which ones are meant: others than those that are asked for, it may be.
fn narrows(next: &str) -> bool {
    const WHICH: [&str; 14] = [
        "that", "which", "who", "below", "above", "given", "in", "from", "listed", "attached", "i", "we",
        "you", "of",
    ];
    WHICH.contains(&next)
}

/// The plural noun that a number counts, and the word before it that says of what kind.
fn counted(text: &str, words: &[Word], from: usize) -> Option<(Option<usize>, usize)> {
    let plain = |at: usize| {
        words
            .get(at)
            .is_some_and(|word| !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::MODAL))
    };
    let plural = |at: usize| {
        let lower = words[at].lower(text);
        lower.len() > 3 && lower.ends_with('s') && !lower.ends_with("ss")
    };
    if !plain(from) {
        return None;
    }
    match plural(from) {
        true => Some((None, from)),
        false => (plain(from + 1) && plural(from + 1)).then_some((Some(from), from + 1)),
    }
}
