//! A piece of information that one rule asks for and another one keeps back: "never give a date for the repair", "tell the
//! owner on which day the bike is ready".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::is_exception;
use crate::words::Word;
use std::borrow::Cow;

/// What somebody is told.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Kind {
    Time,
    Price,
    Name,
    Place,
}

struct Telling {
    kind: Kind,
    kept: bool,
    /// Denied with "never".
    absolute: bool,
    conditional: bool,
    /// What the date, the price or the name is of, as stems.
    of: Vec<u32>,
    /// It is of something still to come: "when the driver will come".
    coming: bool,
}

/// Verbs of telling, and of putting words somewhere.
const TELLS: [&str; 30] = [
    "give", "tell", "name", "state", "quote", "promise", "say", "mention", "reveal", "disclose", "share",
    "show", "announce", "print", "provide", "include", "report", "add", "write", "send", "start", "begin",
    "open", "end", "close", "finish", "confirm", "specify", "publish", "offer",
];
/// Words that bound what is told, so that something is left to tell.
const BOUNDS: [&str; 12] = [
    "without", "before", "until", "unless", "only", "than", "inside", "twice", "again", "from", "as", "first",
];
/// Events that have a day or an hour, as a ban names them.
const EVENTS: [&str; 13] = [
    "delivery", "repair", "pick-up", "pickup", "collection", "arrival", "completion", "dispatch", "shipping",
    "visit", "appointment", "refund", "return",
];
/// Within how many words behind the verb what is told is named.
const NEAR: usize = 8;
/// Words from which a sentence is not looked at.
const LONG: usize = 40;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut read = Vec::new();
    for unit in case.demands().filter(|unit| case.labels[*unit].component != Some(Component::Examples)) {
        read.extend(tellings(case, unit).into_iter().map(|telling| (unit, telling)));
    }
    rivals::report(case, sink, &read, |one, two| {
        let (ban, order) = if one.kept { (one, two) } else { (two, one) };
        ban.kept != order.kept
            && ban.kind == order.kind
            && !ban.conditional
            && (ban.absolute || !order.conditional)
            && is_of_the_same(ban, order)
    });
}

fn is_of_the_same(ban: &Telling, order: &Telling) -> bool {
    let events = EVENTS.map(stem);
    let event = ban.of.iter().all(|thing| events.contains(thing)) && !ban.of.is_empty();
    match ban.kind {
        // A price that is told at all is told of something.
        Kind::Price if ban.of.is_empty() => true,
        Kind::Time if event && order.coming => true,
        _ => !ban.of.is_empty() && ban.of.iter().any(|thing| order.of.contains(thing)),
    }
}

/// What a sentence orders to tell, or forbids to.
fn tellings(case: &Case<'_>, unit: usize) -> Vec<Telling> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return Vec::new();
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let conditional = is_exception(text, words);
    let mut found = Vec::new();
    for at in (0..words.len()).filter(|&at| TELLS.contains(&&*lower(at))) {
        // A verb opens its clause, or stands behind the words that deny it.
        let before = |back: usize| at.checked_sub(back).map_or(Cow::Borrowed(""), lower);
        let never = before(1) == "never";
        let denied = never
            || matches!(&*before(1), "don't" | "dont")
            || before(1) == "not" && matches!(&*before(2), "do" | "must" | "should" | "may");
        let opens = at == 0
            || words[at - 1].is(vocabulary::STOP_MARK)
            || matches!(&*before(1), "," | "and" | "then" | ":" | "always" | "please" | "to");
        if !denied && !opens {
            continue;
        }
        let end = (at + 1..words.len())
            .find(|&end| words[end].is(vocabulary::STOP_MARK) || matches!(words[end].text(text), "," | ";"))
            .unwrap_or(words.len());
        let clause = &words[at + 1..end];
        // "Never mention prices in the title", "do not give dates without a year".
        let placed = |at: usize| {
            matches!(&*lower(at), "in" | "on")
                && words.get(at + 1).is_some_and(|word| word.is(vocabulary::STOP))
        };
        let bounded = denied
            && (clause.iter().any(|word| BOUNDS.contains(&&*word.lower(text))) || (at + 1..end).any(placed));
        // "Don't forget to give the price" and "start with" a thing: it is given.
        let leads = matches!(&*lower(at), "start" | "begin" | "open" | "end" | "close" | "finish");
        if bounded || leads && lower(at + 1) != "with" {
            continue;
        }
        let Some((kind, of, coming)) = told(text, &lower(at), clause) else { continue };
        found.push(Telling { kind, kept: denied, absolute: never, conditional, of, coming });
    }
    found
}

/// What a clause tells, and of what.
fn told(text: &str, verb: &str, clause: &[Word]) -> Option<(Kind, Vec<u32>, bool)> {
    let lower = |at: usize| clause.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let plain = |at: usize| {
        let word = &clause[at];
        let said = word.lower(text);
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
            && !matches!(&*said, "will" | "which" | "see" | "get" | "have")
    };
    let named = (0..clause.len().min(NEAR)).find_map(|at| {
        let kind = match &*lower(at) {
            "date" | "dates" | "day" | "time" | "times" | "when" | "deadline" => Kind::Time,
            "price" | "prices" | "cost" | "costs" | "fee" => Kind::Price,
            "how" if lower(at + 1) == "much" => Kind::Price,
            "name" | "names" => Kind::Name,
            "which" | "who" if at == 0 && verb == "mention" => Kind::Name,
            "address" | "whereabouts" => Kind::Place,
            "where" => Kind::Place,
            _ => return None,
        };
        Some((kind, at))
    });
    let (kind, at) = match named {
        Some(named) => named,
        // "Never name the school".
        None if verb == "name" => {
            let of: Vec<u32> = (0..clause.len()).filter(|&at| plain(at)).map(|at| stem(&lower(at))).collect();
            return (1..=2).contains(&of.len()).then_some((Kind::Name, of, false));
        }
        None => return None,
    };
    // "A time limit", "day trips", "the price list": the word says of what sort another one is.
    let noun = matches!(&*lower(at), "time" | "day" | "price" | "cost" | "name" | "date" | "fee");
    let next_is_noun = noun
        && clause.get(at + 1).is_some_and(|next| {
            !next.is_punctuation() && !next.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::VERB)
        });
    // "Every time", "one day at a time" are no times of anything.
    let counted = at > 0
        && (matches!(&*lower(at - 1), "every" | "each" | "any" | "one" | "first" | "same" | "per" | "this")
            || clause[at - 1].is_number());
    if next_is_noun || counted {
        return None;
    }
    let mut of: Vec<u32> =
        (at + 1..clause.len()).filter(|&at| plain(at)).map(|at| stem(&lower(at))).collect();
    // "A pick-up time", "the vet's name".
    let joined = |at: usize| matches!(clause[at].text(text), "-" | "up");
    let before = (0..at).rev().take_while(|&at| plain(at) || joined(at));
    of.extend(before.filter(|&at| plain(at)).map(|at| stem(lower(at).trim_end_matches("'s"))));
    let coming = (at + 1..clause.len()).any(|at| {
        matches!(&*lower(at), "will" | "due" | "comes" | "arrives" | "arrive" | "expect" | "ready")
    });
    Some((kind, of, coming))
}
