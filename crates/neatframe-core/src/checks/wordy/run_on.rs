//! Sentences of many words that hold several demands, and where they can be parted.

use crate::checks::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// A sentence of many words that holds several demands.
pub(in crate::checks) struct RunOn;

static RUN_ON: Meta = Meta {
    id: "run-on",
    family: Family::Wordy,
    severity: Severity::Warning,
    summary: "a sentence of more than 40 words that holds several demands",
    write: "One demand to a sentence.",
    on: true,
    english: true,
    why: "Demands in the middle of a long sentence are the first to be missed.",
    bad: &[
        "So the ferry is late again and the guests keep calling the desk about it and the captain wants a notice at the pier but also a mail to the regulars and you could write a line for the site too and it should say when the next boat goes and how to get money back.",
    ],
    good: &[
        "Write the notice. Name the pier. Say when the next boat goes.",
        "For every crossing list the boat, the pier, the hour of departure, the hour of arrival, the number of guests, the number of cars, the number of bicycles, the captain, the purser, the weather, the sea state, the delay and the reason for the delay, in this order.",
    ],
};

/// Words from which a sentence is long.
pub(super) const LONG_SENTENCE: usize = 40;
/// Clauses that make it a run-on.
const CLAUSES: usize = 3;

impl Check for RunOn {
    fn meta(&self) -> &'static Meta {
        &RUN_ON
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        for (index, unit) in case.units.iter().enumerate() {
            let prose = matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field);
            let sample = case.labels[index].component == Some(Component::Examples);
            let words = case.words_of(index);
            let count = words.iter().filter(|word| !word.is_punctuation()).count();
            if !prose || sample || count <= case.settings.limits.sentence_words.unwrap_or(LONG_SENTENCE) {
                continue;
            }
            let breaks = clause_breaks(text, words);
            if breaks.len() < CLAUSES {
                continue;
            }
            let message = format!("{count} words and {} clauses in one sentence", breaks.len() + 1);
            let parts: Vec<String> = breaks
                .iter()
                .take(4)
                .map(|&at| {
                    format!(
                        "`{}`",
                        case.shown(words[at].span().cover(words[(at + 3).min(words.len() - 1)].span()))
                    )
                })
                .collect();
            let write = format!("make it several sentences; new ones can begin at {}", parts.join(", "));
            sink.report(unit.text, message, write).fix = split(text, words, &breaks);
        }
    }
}

/// The edits that part a sentence of some length, though not yet a run-on, into sentences of one demand each; none where it holds
/// fewer than two clauses behind the first.
pub(crate) fn parted(text: &str, words: &[Word]) -> Vec<Edit> {
    let count = words.iter().filter(|word| !word.is_punctuation()).count();
    if !(MIDDLING..=LONG_SENTENCE).contains(&count) {
        return Vec::new();
    }
    // "…, so every pier is named" gives the reason of the rule: only an order begins anew.
    let orders = |at: &usize| {
        let first =
            *at + 1 + usize::from(words.get(at + 1).is_some_and(|word| word.is(vocabulary::COURTESY)));
        asks_you(text, words, *at)
            || matches!(words[*at].text(text), "and" | ";")
                && (words.get(first).is_some_and(|word| word.is(vocabulary::VERB))
                    || words.get(first + 1).is_some_and(|word| word.is(vocabulary::MODAL)))
    };
    let breaks: Vec<usize> = clause_breaks(text, words).into_iter().filter(orders).collect();
    // ", can you do ten posts": the ask itself is one of them.
    let asked = breaks.iter().any(|&at| asks_you(text, words, at));
    if breaks.len() >= CLAUSES - 1 || asked { split(text, words, &breaks) } else { Vec::new() }
}

/// Words from which a sentence of several demands is easier to follow in parts.
const MIDDLING: usize = 24;

/// Where a clause with a subject or an order of its own begins behind "and", "but", "so" and the like.
fn clause_breaks(text: &str, words: &[Word]) -> Vec<usize> {
    const JOINS: [&str; 8] = ["and", "but", "so", "then", "also", "because", "or", ";"];
    const SUBJECTS: [&str; 18] = [
        "i", "we", "you", "they", "he", "she", "it", "there", "this", "that", "the", "my", "our", "everyone",
        "nobody", "please", "each", "every",
    ];
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut found = Vec::new();
    let mut quoted = false;
    for at in 1..words.len().saturating_sub(2) {
        if words[at].is(vocabulary::QUOTE) {
            quoted = !quoted;
        }
        let joins = JOINS.contains(&&*lower(at));
        let asks = asks_you(text, words, at) || wishes(text, words, at);
        if quoted || !joins && !asks {
            continue;
        }
        // "And also maybe there should be a map".
        let first = at + 1 + adverbs(text, words, at + 1);
        let (Some(opening), Some(behind)) = (words.get(first), words.get(first + 1)) else { continue };
        let next = lower(first);
        // "And links should be written out".
        let noun = behind.is(vocabulary::MODAL) && !opening.is_punctuation();
        let subject = noun || SUBJECTS.contains(&&*next);
        // "the bins and the gym": a noun joined to a noun has no verb behind it.
        let verb_near = (first + 1..(first + 5).min(words.len()))
            .any(|at| words[at].is(vocabulary::VERB | vocabulary::MODAL) || FINITE.contains(&&*lower(at)));
        let order = opening.is(vocabulary::VERB)
            && (!words[at - 1].is(vocabulary::PUNCTUATION) || lower(at - 1) == ",");
        let spaced = found.last().is_none_or(|last| at > last + 3);
        if spaced && (subject && verb_near || order || asks) {
            found.push(at);
        }
    }
    found
}

/// How many words from `at` only soften or add: "also", "maybe".
fn adverbs(text: &str, words: &[Word], at: usize) -> usize {
    let soft = |word: &&Word| matches!(&*word.lower(text), "also" | "maybe" | "perhaps" | "possibly");
    words.get(at..).unwrap_or_default().iter().take_while(soft).count()
}

/// ", could you turn them into a list": a comma, and a request of its own behind it.
fn asks_you(text: &str, words: &[Word], at: usize) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    lower(at) == ","
        && matches!(&*lower(at + 1), "could" | "can" | "would" | "will")
        && lower(at + 2) == "you"
}

/// ", I'd like a plan": a comma, and a wish of its own behind it.
fn wishes(text: &str, words: &[Word], at: usize) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let who = lower(at + 1);
    let would = matches!(&*who, "i'd" | "i’d" | "we'd" | "we’d") && lower(at + 2) == "like"
        || matches!(&*who, "i" | "we") && lower(at + 2) == "would" && lower(at + 3) == "like";
    lower(at) == "," && (would || matches!(&*who, "i" | "we") && matches!(&*lower(at + 2), "want" | "need"))
}

/// The verb of such a request, behind "please" and the like.
fn asked(text: &str, words: &[Word], at: usize) -> Option<Word> {
    const POLITE: [&str; 5] = ["please", "kindly", "also", "maybe", "perhaps"];
    let verb = words.get(at + 3..)?.iter().find(|word| !POLITE.contains(&&*word.lower(text)))?;
    verb.is(vocabulary::VERB).then_some(*verb)
}

/// Full stops in place of the joins where both sides surely stand as sentences of their own.
fn split(text: &str, words: &[Word], breaks: &[usize]) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut edits = Vec::new();
    let mut from = 0;
    // Counted once, since each break looks at all that stands before it.
    let plain = Tally::new(words, |at| i32::from(!words[at].is_punctuation()));
    let brackets = Tally::new(words, |at| match words[at].text(text).as_bytes()[0] {
        b'(' | b'[' => 1,
        b')' | b']' => -1,
        _ => 0,
    });
    // "Where to sleep" and "what to eat" name things.
    let names = |at: usize| lower(at + 1) == "to";
    let conditions = Tally::new(words, |at| i32::from(words[at].is(vocabulary::CONDITION) && !names(at)));
    let leans = Tally::new(words, |at| i32::from(HANGING.contains(&&*lower(at)) && !names(at)));
    for (nth, &at) in breaks.iter().enumerate() {
        let until = breaks.get(nth + 1).copied().unwrap_or(words.len());
        // "If it rains and you are late, …": one clause hangs on another.
        let join = lower(at);
        let wished = wishes(text, words, at);
        let requested = asks_you(text, words, at) || wished;
        let then = lower(at + 1) == "then";
        let adverbs = adverbs(text, words, at + 1);
        let first = if then { at + 2 } else { at + 1 + adverbs };
        let Some(next) = words.get(first) else { continue };
        // ", so make a plan": an order behind a comma begins anew whatever reason stands before.
        // "And please rank them", "and give me a summary" are orders whatever stands before.
        let asks = requested
            || next.lower(text) == "please"
            || next.is(vocabulary::VERB) && matches!(&*lower(first + 1), "me" | "us");
        let fresh = asks || next.is(vocabulary::VERB) && (lower(at - 1) == "," || join == "so");
        // ", and there should be a map" closes whatever hung on the words before.
        let binds = next.lower(text) == "there"
            && words.get(first + 1).is_some_and(|word| word.is(vocabulary::MODAL));
        let fresh = fresh || binds && lower(at - 1) == ",";
        let hangs = brackets.sum(from, at) > 0
            || !asks && conditions.sum(from, at) > 0
            || !fresh && leans.sum(from, at) > 0;
        // "And the owner wants a letter" has a subject and a verb.
        let told = matches!(&*next.lower(text), "the" | "my" | "our")
            && words[first + 1..].iter().take(3).any(|word| FINITE.contains(&&*word.lower(text)));
        let speaks = matches!(&*next.lower(text), "i" | "we" | "you" | "please" | "it" | "there" | "they")
            || next.is(vocabulary::VERB)
            || told
            || requested;
        // "So make a plan" is an order without its "so".
        let kept = matches!(&*join, "but" | "also") || join == "so" && !next.is(vocabulary::VERB);
        if !(matches!(&*join, "and" | "but" | "so" | ";" | "also") || requested)
            || hangs
            || !speaks
            || plain.sum(from, at) < 3
            || plain.sum(at + 1, until) < 3
        {
            continue;
        }
        let comma = lower(at - 1) == ",";
        let start = words[if comma { at - 2 } else { at - 1 }].end as usize;
        // "And please also rank them": rank them.
        let polite = usize::from(lower(at + 1) == "please");
        let polite = polite + usize::from(polite > 0 && lower(at + 2) == "also");
        let order = words.get(at + 1 + polite).filter(|word| polite > 0 && word.is(vocabulary::VERB));
        let opening = match requested {
            true if wished => words[at + 1],
            true => asked(text, words, at).unwrap_or(words[at + 1]),
            false if kept => words[at],
            false => *order.unwrap_or(&words[if adverbs > 0 { first } else { at + 1 }]),
        };
        let mut capital = opening.text(text).to_string();
        if let Some(sign) = capital.get_mut(..1) {
            sign.make_ascii_uppercase();
        }
        edits
            .push(Edit { span: Span::new(start, opening.end as usize), replacement: format!(". {capital}") });
        from = at + 1;
    }
    edits
}

/// Words that hang what follows on what stands before.
const HANGING: [&str; 14] = [
    "because", "that", "which", "who", "whose", "while", "whether", "since", "although", "though", "as",
    "how", "what", "between",
];

/// Sums over stretches of a run of words.
struct Tally(Vec<i32>);

impl Tally {
    fn new(words: &[Word], worth: impl Fn(usize) -> i32) -> Tally {
        let mut sums = vec![0];
        sums.extend((0..words.len()).scan(0, |sum, at| {
            *sum += worth(at);
            Some(*sum)
        }));
        Tally(sums)
    }

    /// The sum from one word up to another, which is left out.
    fn sum(&self, from: usize, to: usize) -> i32 {
        self.0[to] - self.0[from]
    }
}

/// Verbs that show that a clause has a subject.
const FINITE: [&str; 14] = [
    "is", "are", "was", "were", "has", "have", "had", "wants", "want", "do", "does", "don't", "says", "keep",
];
