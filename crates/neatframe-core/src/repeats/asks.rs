//! The ask of a prompt, put once more: as a call to begin, as a duty, or under another name ("your goal is to …").

use super::CANDIDATES;
use crate::lexicon::vocabulary;
use crate::likeness::{Gist, stem};
use crate::words::Word;

/// What has been asked for so far.
#[derive(Default)]
pub(super) struct Asked {
    seen: Vec<Ask>,
}

struct Ask {
    unit: usize,
    gist: Gist,
    duty: bool,
    aim: Option<Aim>,
}

impl Asked {
    /// The earlier ask that the words of a unit put once more.
    pub(super) fn told(&self, text: &str, words: &[Word], gist: &Gist) -> Option<usize> {
        let calls = calls_to_work(text, words);
        let duty = is_a_duty(text, words);
        let orders = words.first().is_some_and(|word| word.is(vocabulary::VERB));
        let aim = Aim::read(text, words);
        let same = |ask: &&Ask| {
            let one_aim = aim.as_ref().zip(ask.aim.as_ref()).is_some_and(|(one, two)| one.is(two));
            calls && gist.asks_again(&ask.gist)
                || !calls && (duty || orders && ask.duty) && gist.asks_the_same(&ask.gist)
                || one_aim
        };
        self.seen.iter().find(same).map(|ask| ask.unit)
    }

    /// The earlier ask with the verb and the thing of a rule: "you must generate queries that …".
    pub(super) fn aimed(&self, text: &str, words: &[Word]) -> Option<usize> {
        let aim = Aim::read(text, words)?;
        let same = |ask: &&Ask| ask.aim.as_ref().is_some_and(|told| aim.is(told));
        self.seen.iter().find(same).map(|ask| ask.unit)
    }

    /// Keeps an ask, so that later ones are held against it.
    pub(super) fn keep(&mut self, text: &str, words: &[Word], unit: usize, gist: &Gist) {
        if self.seen.len() < CANDIDATES {
            let (duty, aim) = (is_a_duty(text, words), Aim::read(text, words));
            self.seen.push(Ask { unit, gist: gist.clone(), duty, aim });
        }
    }
}

/// What "your task is to deliver a sound verdict", "you must deliver a verdict" comes down to: the verb, and the words behind it.
struct Aim {
    verb: u32,
    things: Vec<u32>,
    /// How many of those words another aim has to share.
    least: usize,
}

/// Verbs of every second rule, which alone tell no ask.
const PLAIN: [&str; 16] = [
    "return", "output", "include", "use", "provide", "give", "answer", "respond", "follow", "make", "keep",
    "ensure", "add", "list", "name", "write",
];

impl Aim {
    /// How many words behind the verb tell what is aimed at.
    const NEAR: usize = 9;

    fn read(text: &str, words: &[Word]) -> Option<Aim> {
        let words = behind_a_reminder(text, words);
        let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
        // "Given a mail, extract …".
        let comma = (1..words.len().min(Self::NEAR)).find(|&at| lower(0) == "given" && lower(at) == ",");
        let bound = lower(0) == "you" && matches!(&*lower(1), "must" | "will" | "should") || comma.is_some();
        let (at, least) = if bound {
            (comma.map_or(2, |comma| comma + 1), 2)
        } else {
            let named = (0..3).find(|&at| is_a_task(&lower(at)))?;
            let is = (named + 1..named + 4).find(|&at| lower(at) == "is" && lower(at + 1) == "to")?;
            (is + 2, 1)
        };
        let known =
            |word: &&Word| word.is(vocabulary::VERB) && !(bound && PLAIN.contains(&&*word.lower(text)));
        let verb = words.get(at).filter(known)?;
        let behind = words[at + 1..].iter().take(Self::NEAR);
        let tells = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP) && !word.is_number();
        let things = behind.filter(tells).map(|word| stem(&word.lower(text))).collect();
        (bound || lower(0) == "your").then(|| Aim { verb: stem(&verb.lower(text)), things, least })
    }

    fn is(&self, other: &Aim) -> bool {
        let shared = self.things.iter().filter(|thing| other.things.contains(thing)).count();
        self.verb == other.verb
            && shared >= self.least.max(other.least)
            && shared * 3 >= self.things.len().min(other.things.len())
    }
}

/// "Remember that your job is to …": what it reminds of.
fn behind_a_reminder<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let reminds =
        matches!(&*lower(0), "remember" | "note" | "again") && matches!(&*lower(1), "that" | "," | ":");
    if reminds { &words[2..] } else { words }
}

fn is_a_task(word: &str) -> bool {
    matches!(word, "task" | "job" | "goal" | "role" | "mission" | "objective" | "aim")
}

/// "Now extract the piers and …", "please write …": the ask, put once more where the work is to begin.
pub(crate) fn calls_to_work(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    matches!(&*lower(0), "now" | "please" | "again" | "just")
        || lower(0) == "you" && lower(1) == "have" && lower(2) == "to"
}

/// "Your task is to …", "given a slip, you must …": the ask, told as a duty.
fn is_a_duty(text: &str, words: &[Word]) -> bool {
    const NEAR: usize = 12;
    let words = behind_a_reminder(text, words);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let must = |at: usize| {
        lower(at) == "you"
            && matches!(&*lower(at + 1), "must" | "will" | "should" | "need" | "are")
            && words.get(at + 2).is_some_and(|word| !word.is(vocabulary::NEGATION))
    };
    let comma = (0..words.len().min(NEAR)).find(|&at| lower(at) == ",").unwrap_or(0);
    must(0)
        || lower(0) == "your" && (is_a_task(&lower(1)) || is_a_task(&lower(2)))
        || lower(0) == "given" && must(comma + 1)
        || lower(0) == "given" && words.get(comma + 1).is_some_and(|word| word.is(vocabulary::VERB))
}
