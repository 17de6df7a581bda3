//! Which of two things comes first: "read the log before you write", "first sort them, then count them".

use super::{Demand, Requirement, Sight, is_exception};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;

/// Two things to do, and which comes first.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Sequence {
    /// The words for what comes first.
    pub first: String,
    /// The words for what comes after it.
    pub then: String,
    stems: (Vec<u32>, Vec<u32>),
}

impl Sequence {
    /// Two things in the order of their spans in `text`; none where one of them names nothing that can be known again.
    /// A `strict` order, such as "only after", may have one word for one of the two.
    pub(crate) fn new(text: &str, first: &[Word], then: &[Word], strict: bool) -> Option<Sequence> {
        let stems = (stems(text, first), stems(text, then));
        let told = |words: &[Word]| {
            let span = words[0].span().cover(words[words.len() - 1].span());
            let line = text[span.range()].split_whitespace().collect::<Vec<_>>().join(" ");
            line.trim_end_matches(['.', ';', ':']).to_string()
        };
        // "Steel before wood": two plain things are known again by their one word.
        let timed = then.iter().any(|word| TIMES.contains(&&*word.lower(text)));
        let plain = stems.0.len() == 1 && stems.1.len() == 1 && !timed;
        // "The payment comes after the stock check": one of the two may be one word.
        let (least, most) = (stems.0.len().min(stems.1.len()), stems.0.len().max(stems.1.len()));
        let single = strict && least == 1 && most >= 2 && !timed;
        let told_well = least >= 2 || single || plain;
        (told_well && stems.0 != stems.1).then(|| Sequence { first: told(first), then: told(then), stems })
    }

    /// Where two steps, given in their order, ask for the two things the other way round.
    pub(crate) fn is_reversed_in(&self, text: &str, steps: &[&[Word]]) -> Option<(usize, usize)> {
        // "After an unsound answer, ask a simpler question": not the question of an earlier step.
        let once_more =
            self.then.split_whitespace().any(|word| AGAIN.contains(&word.to_lowercase().as_str()));
        if once_more {
            return None;
        }
        let steps: Vec<Vec<u32>> = steps.iter().map(|step| stems(text, step)).collect();
        let only = |wanted: &[u32], other: &[u32]| {
            let mut places =
                (0..steps.len()).filter(|&at| alike(wanted, &steps[at]) && !alike(other, &steps[at]));
            places.next().filter(|_| places.next().is_none())
        };
        let (first, then) = (only(&self.stems.0, &self.stems.1)?, only(&self.stems.1, &self.stems.0)?);
        (then < first).then_some((then, first))
    }

    /// True when the other one asks for the same two things the other way round.
    pub(crate) fn is_reverse_of(&self, other: &Sequence) -> bool {
        let (one, two) = ((&self.stems.0, &other.stems.1), (&self.stems.1, &other.stems.0));
        let named = |(one, two): (&Vec<u32>, &Vec<u32>)| {
            let (short, long) = if one.len() < two.len() { (one, two) } else { (two, one) };
            short.len() == 1 && long.len() <= 2 && long.contains(&short[0])
        };
        let both = alike(one.0, one.1) && alike(two.0, two.1);
        let nearly = alike(one.0, one.1) && named(two) || named(one) && alike(two.0, two.1);
        (both || nearly) && !alike(&self.stems.0, &other.stems.0)
    }
}

/// Words for a thing that is not the one of before.
const AGAIN: [&str; 12] = [
    "another", "again", "simpler", "easier", "harder", "new", "second", "next", "further", "different",
    "other", "shorter",
];

/// Words for a time of day, which nothing else comes before or after.
const TIMES: [&str; 10] =
    ["noon", "midnight", "lunch", "dinner", "breakfast", "today", "tomorrow", "weekend", "sunset", "sunrise"];

/// Two thirds of the words of the shorter one are in the longer one.
fn alike(one: &[u32], two: &[u32]) -> bool {
    if let ([one], [two]) = (one, two) {
        return one == two;
    }
    let shared = one.iter().filter(|stem| two.contains(stem)).count();
    shared >= 2 && shared * 3 >= one.len().min(two.len()) * 2
}

/// The stems of the words that carry meaning.
fn stems(text: &str, words: &[Word]) -> Vec<u32> {
    const FRAME: [&str; 27] = [
        "first", "then", "next", "before", "after", "always", "please", "must", "should", "you", "your",
        "start", "and", "come", "comes", "go", "goes", "done", "stand", "stands", "is", "are", "every",
        "each", "it", "only", "once",
    ];
    let mut stems: Vec<u32> = words
        .iter()
        .filter(|word| !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP))
        .map(|word| word.lower(text))
        .filter(|word| !FRAME.contains(&&**word))
        .map(|word| stem(&word))
        .collect();
    stems.sort_unstable();
    stems.dedup();
    stems
}

/// Longer sentences speak of more than two things.
const LONGEST: usize = 40;

/// Reads the order that a sentence sets.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let is = |word: &Word, name: &str| word.text(text).eq_ignore_ascii_case(name);
    let negated = words.iter().any(|word| word.is(vocabulary::NEGATION));
    if words.len() > LONGEST || negated || is_exception(text, words) {
        return;
    }
    let Some(at) = words.iter().position(|word| is(word, "before") || is(word, "after") || is(word, "then"))
    else {
        return;
    };
    let comma = |words: &[Word]| words.iter().position(|word| is(word, ","));
    let (head, tail) = if at == 0 {
        // "Before you write, read the log."
        let Some(end) = comma(words).filter(|end| *end > 1 && *end + 1 < words.len()) else { return };
        (&words[end + 1..], &words[1..end])
    } else {
        let tail = &words[at + 1..];
        let tail = &tail[..comma(tail).unwrap_or(tail.len())];
        (&words[..at], tail)
    };
    // What stands before the last comma of the first part is another clause.
    let bare =
        |words: &[Word]| words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |last| last + 1);
    let head = &head[..bare(head)];
    // "Wood comes first, and steel after it": what "it" stands for opens the sentence.
    let opening = words.iter().position(|word| is(word, "first")).filter(|first| *first < at);
    let tail = match opening {
        Some(first) if tail.first().is_some_and(|word| is(word, "it") || is(word, "them")) => &words[..first],
        _ => tail,
    };
    let head = head
        .iter()
        .rposition(|word| is(word, ",") || is(word, ";") || is(word, ":") || is(word, "that"))
        .map_or(head, |at| &head[at + 1..]);
    if head.is_empty() || tail.is_empty() {
        return;
    }
    let strict =
        words[..at].last().is_some_and(|word| is(word, "only") || is(word, "comes") || is(word, "come"));
    let sequence = if is(&words[at], "after") {
        Sequence::new(text, tail, head, strict)
    } else {
        Sequence::new(text, head, tail, strict)
    };
    found.extend(
        sequence.map(|sequence| Requirement::on_reply(unit, span, Demand::Sequence(sequence), false)),
    );
}
