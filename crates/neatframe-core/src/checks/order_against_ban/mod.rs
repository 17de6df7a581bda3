//! Rules that order what another one forbids.

mod kinds;
mod marks;
mod order;
mod passive;
mod secrets;
mod uses;

use super::{Case, Check, Meta, Sink, told_or_kept};
use crate::component::Component;
use crate::directive::{self, unwrapped};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::persona;
use crate::requirement::{asks_twice_over, is_exception};
use crate::words::Word;
use order::{Order, order};
use std::borrow::Cow;
use std::collections::HashMap;

/// An order to do something always, and an order never to do it.
pub(super) struct OrderAgainstBan;

static AGAINST: Meta = Meta {
    id: "order-against-ban",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "one rule orders what another forbids",
    write: "One rule with its exception: \"Answer every question about crossings; for others name the desk.\"",
    on: true,
    english: true,
    why: "The model breaks one of the two rules whatever it does.",
    bad: &[
        "Answer every question of the guest. Never answer questions that are not about a crossing.",
        "Give a refund to anyone who asks. Only the purser gives refunds, so never give one.",
        "Always name the captain. Do not name the captain.",
        "Ask for the ticket number if it is missing. Never ask the guest for anything.",
        "Cite the rule of the harbour. Answer without citing rules.",
        "No hashtags. Name the pier. Add three hashtags.",
        "Grade the essay. Grammar does not count. Take off a point for grammar mistakes.",
    ],
    good: &[
        "Answer every question about crossings. Never give legal advice.",
        "Name the pier. Do not name the pier if the guest is at sea.",
        "Ask one question per message. Never ask for card numbers.",
        "Write the notice. Never write in capitals.",
        "Make every word count. Do not give a word count.",
        "Suggest rules that are general, add value and help. Do not suggest rules that are vague and don't add value.",
    ],
};

impl Check for OrderAgainstBan {
    fn meta(&self) -> &'static Meta {
        &AGAINST
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut orders: HashMap<u32, Vec<Order>> = HashMap::new();
        let mut found = Vec::new();
        let persona = persona::name(case).map(|name| name.lower(case.source.text()).into_owned());
        for unit in case.demands().filter(|unit| !has_words_that_count(case, *unit)) {
            for order in orders_of(case, unit, persona.as_deref()).into_iter().chain(uses::of(case, unit)) {
                let rivals = orders.entry(order.verb).or_default();
                let rival =
                    rivals.iter().rev().take(NEAR).find(|rival| rival.unit != unit && rival.clashes(&order));
                if let Some(rival) = rival {
                    found.push((rival.unit, unit));
                }
                rivals.push(order);
            }
        }
        // Two bans that say the same forbid the same.
        let denies = |unit: usize| {
            let text = case.source.text();
            case.words_of(unit)
                .iter()
                .any(|word| word.is(vocabulary::NEGATION) || word.lower(text) == "without")
        };
        // "Avoid values > 1", "use values of 6 to 10": of which figures, the clash of figures knows.
        let bounded = |unit: usize| {
            case.words_of(unit).windows(2).any(|pair| {
                matches!(pair[0].text(case.source.text()), ">" | "<" | "≥" | "≤") && pair[1].is_number()
            })
        };
        found.retain(|&(earlier, unit)| !bounded(earlier) && !bounded(unit));
        found.retain(|&(earlier, unit)| {
            case.repeats.get(&unit) != Some(&earlier) || !denies(earlier) || !denies(unit)
        });
        found.dedup_by_key(|(_, unit)| *unit);
        for (earlier, later) in found {
            sink.clash(case, case.units[later].text, case.units[earlier].text);
        }
        told_or_kept::run(case, sink);
    }
}

/// "Make every word count", which asks for no count.
fn has_words_that_count(case: &Case<'_>, unit: usize) -> bool {
    let text = case.source.text();
    case.words_of(unit).windows(3).any(|row| {
        let [every, _, count] = [0, 1, 2].map(|at| row[at].lower(text));
        matches!(&*every, "every" | "each") && count == "count"
    })
}

/// How many orders with the same verb are compared.
const NEAR: usize = 64;

/// The clauses of a unit that open with a verb, or with a ban on one.
fn orders_of(case: &Case<'_>, unit: usize, persona: Option<&str>) -> Vec<Order> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if case.labels[unit].component == Some(Component::Examples) || words.len() > 60 {
        return Vec::new();
    }
    // "Never name a day; say "soon" instead" has no exception.
    let firm: Vec<Word> = words.iter().filter(|word| word.lower(text) != "instead").copied().collect();
    let conditional = is_exception(text, &firm);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut found = Vec::new();
    // "Make sure to name the pier", "refrain from naming piers".
    let wrapped = unwrapped(text, words);
    // "Pip never tells the answer", where the model is Pip.
    let is_persona = |at: usize| persona.is_some_and(|name| lower(at) == name);
    let first = match &wrapped {
        Some(directive) => directive.body.start,
        None if is_persona(0) => 1,
        None => spoken_to(&lower),
    };
    let mut at = first;
    while at < words.len() {
        let opens = at == first
            || words[at - 1].is(vocabulary::STOP_MARK)
            || matches!(&*lower(at - 1), "," | "and" | "so" | "but" | "then" | "please" | "without")
            || at == 1 && lower(0) == "only"
            || is_persona(at - 1)
            || at > 1 && lower(at - 1) == "to" && lower(at - 2) == "free";
        if !opens {
            at += 1;
            continue;
        }
        let mut verb_at = at;
        // "It goes without saying" forbids nothing.
        let without = at > 0 && lower(at - 1) == "without" && !(at > 1 && lower(at - 2) == "goes");
        // "Do not edit it without reading it" asks to read.
        if without && words[..at - 1].iter().any(|word| word.is(vocabulary::NEGATION)) {
            at += 1;
            continue;
        }
        let held = wrapped.as_ref().filter(|_| at == first);
        let (mut forbids, mut universal, mut always) =
            (without || held.is_some_and(|directive| directive.forbids), false, false);
        loop {
            let denies = match &*lower(verb_at) {
                "never" | "don't" => Some(verb_at),
                "do" | "must" | "should" if lower(verb_at + 1) == "not" => Some(verb_at + 1),
                _ => None,
            };
            // "Don't forget to name the pier".
            if let Some(not) = denies.filter(|not| asks_twice_over(text, &words[*not..])) {
                verb_at = not + 3;
                continue;
            }
            match &*lower(verb_at) {
                "never" | "don't" | "cannot" => forbids = true,
                "do" | "must" | "should" | "may" | "shall" | "can" if lower(verb_at + 1) == "not" => {
                    forbids = true;
                    verb_at += 1;
                }
                "always" => (universal, always) = (true, true),
                "please" | "you" | "must" | "ever" | "also" => {}
                _ => break,
            }
            verb_at += 1;
        }
        // What is forbidden is a verb, known or not, and what opens a sentence may be the same one.
        let unknown = |word: &Word| {
            (forbids || verb_at == first)
                && !word.is_punctuation()
                && !word.is_number()
                && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::CONDITION)
        };
        // "Every reply states the price": the verb of what the reply does.
        let told_of = at == 2 && wrapped.is_none() && spoken_to(&lower) == 2 && lower(2).ends_with('s')
            || at > 0 && is_persona(at - 1) && lower(verb_at).ends_with('s');
        // `DELETE: the fact is wrong` names a label.
        // "Jokes are unwelcome" and "refrain from jokes" name a thing.
        let names = verb_at == first
            && matches!(&*lower(verb_at + 1), "are" | "is" | "should" | "must" | "may")
            || held.is_some()
                && verb_at > 0
                && lower(verb_at - 1) == "from"
                && !lower(verb_at).ends_with("ing");
        let verb = words
            .get(verb_at)
            .filter(|_| lower(verb_at + 1) != ":" && !names)
            .filter(|word| without || told_of || word.is(vocabulary::VERB) || unknown(word));
        let Some(verb) = verb else {
            at += 1;
            continue;
        };
        // "Without citing": only the form in -ing is a verb there.
        if without && !lower(verb_at).ends_with("ing") {
            at += 1;
            continue;
        }
        let last = held.map_or(words.len(), |directive| directive.body.end);
        let end = (verb_at + 1..last).find(|&at| words[at].is(vocabulary::STOP_MARK)).unwrap_or(last);
        let clause = &words[verb_at + 1..end];
        // "Leave no task out" keeps them all.
        let keeps = matches!(&*lower(verb_at), "leave" | "omit" | "skip" | "drop" | "miss")
            && clause.first().is_some_and(|word| matches!(&*word.lower(text), "no" | "none" | "nothing"));
        if keeps {
            at += 1;
            continue;
        }
        if forbids && is_described(text, words, at) {
            at += 1;
            continue;
        }
        // "Never use ';' to part them": a sign is ruled out, and no word tells which.
        let sign = words.get(verb_at + 1..verb_at + 3).is_some_and(|next| {
            matches!(next[0].text(text), "'" | "\"" | "`") && next[1].is_punctuation()
                // "Never use SELECT *".
                || matches!(next[1].text(text), "*" | "=" | "==" | "+" | "/")
        });
        if forbids && sign {
            at += 1;
            continue;
        }
        // "Ask for the number": what is asked for is the object.
        let base = lower(verb_at);
        let base = if told_of { base.trim_end_matches('s') } else { &base };
        let asks = matches!(base, "ask" | "look" | "wait") && lower(verb_at + 1) == "for";
        // "Point out mistakes", "comment on mistakes": to say them.
        let two = matches!(
            (&*lower(verb_at), &*lower(verb_at + 1)),
            ("point", "out") | ("comment" | "remark", "on") | ("talk" | "speak", "about" | "of")
        );
        // "Ask the guest for the number" asks for it as well.
        let person = || {
            let near = clause.iter().take(4).position(|word| word.lower(text) == "for");
            near.filter(|_| base == "ask").map_or(0, |near| near + 1)
        };
        // "Never merge or delete rows": the rows are not merged either.
        let other_verb = forbids
            && clause.len() > 2
            && matches!(&*clause[0].lower(text), "or" | "and")
            && clause[1].is(vocabulary::VERB);
        // "Say nothing about prices".
        let silent = matches!(&*lower(verb_at), "say" | "write" | "tell" | "mention" | "reveal" | "disclose")
            && clause.len() > 2
            && clause[0].lower(text) == "nothing"
            && matches!(&*clause[1].lower(text), "about" | "of" | "on");
        forbids |= silent;
        // "Close with the corrected function" shows it.
        let ends_with_it = !forbids
            && matches!(&*lower(verb_at), "close" | "end" | "finish" | "start" | "begin" | "open")
            && lower(verb_at + 1) == "with"
            && lower(verb_at + 2) == "the";
        let skipped = if asks || two || ends_with_it {
            1
        } else if other_verb || silent {
            2
        } else {
            person()
        };
        let asks = asks || !other_verb && !two && skipped > 0;
        let clause = &clause[skipped.min(clause.len())..];
        // "Recommend no plan" forbids it.
        let none = clause.first().is_some_and(|word| word.lower(text) == "no")
            && matches!(
                &*lower(verb_at),
                "recommend" | "suggest" | "name" | "mention" | "quote" | "offer" | "propose"
            );
        forbids |= none;
        // "Refuse questions about pay" leaves them unanswered.
        let refuses = matches!(&*lower(verb_at), "refuse" | "decline" | "reject")
            && clause.iter().take(3).any(|word| matches!(&*word.lower(text), "question" | "questions"));
        forbids ^= refuses;
        let spoken = match () {
            () if refuses => Cow::Borrowed("answer"),
            () if two || silent => Cow::Borrowed("mention"),
            () if told_of => Cow::Owned(lower(verb_at).trim_end_matches('s').to_string()),
            () if ends_with_it => Cow::Borrowed("show"),
            () => match directive::base(&verb.lower(text)).filter(|_| held.is_some()) {
                Some(base) => Cow::Owned(base),
                None => verb.lower(text),
            },
        };
        let mut order = order(text, unit, words, (*verb, &spoken), clause, (forbids, universal));
        // "Never ask for anything": the ban holds whatever the case.
        let ended = clause.iter().position(|word| word.text(text) == ",").unwrap_or(clause.len());
        let mut plain = clause[..ended].iter().rev().filter(|word| !word.is_punctuation());
        let last = plain.find(|word| !matches!(&*word.lower(text), "back" | "at" | "all"));
        order.bans_all = order.forbids
            && !conditional
            && last.is_some_and(|word| match &*word.lower(text) {
                "anything" => true,
                // "Name nobody" leaves all else to be named.
                "anybody" | "anyone" => !order.says,
                _ => false,
            });
        // "Do not repeat information" rules out repeating anything.
        let general =
            matches!(&*lower(verb_at + 1), "information" | "content" | "things" | "yourself" | "points");
        let repeats = lower(verb_at) == "repeat" && general && lower(verb_at + 2) == ".";
        order.bans_all |= order.forbids && repeats;
        // "Never translate for the pupil" rules out to translate.
        let for_whom = forbids && clause.first().is_some_and(|word| word.lower(text) == "for") && {
            let plain = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP);
            clause.iter().filter(plain).all(|word| word.is(vocabulary::PERSON))
        };
        order.bare = for_whom || clause.iter().all(|word| word.is_punctuation());
        // "Ask before you delete anything" asks for one case.
        let before =
            lower(verb_at) == "ask" && clause.first().is_some_and(|word| word.lower(text) == "before");
        order.conditional = conditional || before || forbids && is_for_a_time(text, clause);
        // "Never translate", "show the translation".
        if forbids && order.bare && &*spoken == "translate" {
            found.push(Order { verb: stem("translation"), forbids: true, ..order.clone() });
        }
        order.always = always;
        order.rewords = matches!(
            &*lower(verb_at),
            "rewrite" | "reword" | "rephrase" | "revise" | "redraft" | "edit" | "polish"
        );
        order.whole = lower(verb_at) == "keep" && matches!(&*lower(verb_at + 1), "all" | "every" | "each");
        order.absolute = (verb_at > at) && (at..verb_at).any(|at| lower(at) == "never");
        // "Make the error texts friendlier" does not keep them.
        let last = clause.iter().rfind(|word| !word.is_punctuation());
        let comparative = last.filter(|word| COMPARATIVES.contains(&&*word.lower(text)));
        if !forbids && lower(verb_at) == "make" && comparative.is_some() && order.object.len() >= 2 {
            let mut kept = Order { verb: stem("keep"), forbids: true, drops: true, ..order.clone() };
            kept.object.pop();
            found.push(kept);
        }
        // "Put legal terms into plain words" does not keep them as they are.
        let into = clause.iter().position(|word| word.lower(text) == "into");
        let reworded = into.is_some_and(|into| clause[into..].iter().any(|word| word.lower(text) == "words"));
        if !forbids && lower(verb_at) == "put" && reworded && !order.object.is_empty() {
            found.push(Order {
                verb: stem("keep"),
                forbids: true,
                drops: true,
                bounded: false,
                ..order.clone()
            });
        }
        // "Keep the numbers out of the notes": they are not said.
        let out = clause.iter().take(AWAY).position(|word| word.lower(text) == "out");
        let keeps = matches!(&*lower(verb_at), "keep" | "leave");
        if let Some(out) = out.filter(|out| *out > 0 && !forbids && keeps) {
            let unsaid = self::order(text, unit, words, (*verb, "mention"), &clause[..out], (true, false));
            found.push(Order { conditional, bounded: false, ..unsaid });
            at = verb_at + 1;
            continue;
        }
        // "Translate the body, not the title": the title is left as it is.
        let comma =
            clause.windows(2).position(|pair| pair[0].text(text) == "," && pair[1].lower(text) == "not");
        let other = comma.map(|comma| &clause[comma + 2..]).filter(|other| {
            !forbids
                && other.first().is_some_and(|word| matches!(&*word.lower(text), "the" | "a" | "an" | "any"))
        });
        if let Some(other) = other.filter(|other| other.len() <= 4) {
            let unlike = self::order(text, unit, words, (*verb, &verb.lower(text)), other, (true, false));
            found.push(Order { conditional, ..unlike });
        }
        // What is dropped is not kept.
        let drops = ["drop", "omit", "skip", "remove", "cut"].contains(&&*lower(verb_at));
        if drops && !forbids && order.object.len() == 1 {
            let kept = Order { verb: stem("keep"), forbids: true, says: false, drops: true, ..order.clone() };
            found.push(kept);
        }
        // "Never ask for the PIN or the full number": each of them is ruled out.
        if order.forbids && asks {
            let others = clause.split(|word| matches!(&*word.lower(text), "or" | "nor")).skip(1);
            for other in others.take(3) {
                let mut alternative =
                    self::order(text, unit, words, (*verb, &verb.lower(text)), other, (forbids, universal));
                alternative.conditional = conditional;
                found.push(alternative);
            }
        }
        found.extend(as_a_noun(text, &order, clause, &lower(verb_at)));
        // "Do not hand out the door code", "send the door code to whoever asks".
        if let Some(object) = handed_on(text, &spoken, clause) {
            found.push(Order { verb: stem("hand"), says: false, object, bounded: false, ..order.clone() });
        }
        // "Never give discounts", "offer a discount".
        if &*spoken == "give" && !order.object.is_empty() {
            found.push(Order { verb: stem("offer"), says: false, ..order.clone() });
        }
        match of_generic(text, clause).filter(|_| order.says) {
            Some(things) => found.extend(things.into_iter().map(|object| Order {
                object: vec![object],
                bounded: false,
                ..order.clone()
            })),
            None => found.push(order),
        }
        at = verb_at + 1;
    }
    found.extend(only_others(text, unit, words));
    found.extend(passive::of(text, unit, words).map(|order| Order { conditional, ..order }));
    found.extend(passive::kept_out(text, unit, words));
    found.extend(stays(text, unit, words).filter(|_| !conditional));
    found.extend(must_not(unit, words, &lower).map(|order| Order { conditional, ..order }));
    found.extend(secrets::of(text, unit, words));
    found.extend(marks::of(text, unit, words));
    found
}

/// "Never list a pier twice", "never edit a file that you have not read": done once, or later, it is no offence.
fn is_for_a_time(text: &str, clause: &[Word]) -> bool {
    let lower = |at: usize| clause.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (0..clause.len()).any(|at| match &*lower(at) {
        "twice" | "again" | "before" | "until" => true,
        "more" => lower(at + 1) == "than" && lower(at + 2) == "once",
        "have" => lower(at + 1) == "not",
        "haven't" => true,
        _ => false,
    })
}

/// Where what is to be done begins: behind "the assistant", for "the assistant must not quote fares", and behind "the mail must", for "the
/// mail must name the pier".
fn spoken_to<'a>(lower: &impl Fn(usize) -> Cow<'a, str>) -> usize {
    const WRITTEN: [&str; 22] = [
        "mail", "email", "letter", "reply", "answer", "message", "text", "notice", "advert", "ad", "post",
        "summary", "report", "article", "page", "note", "speech", "script", "description", "caption",
        "response", "newsletter",
    ];
    let from = usize::from(matches!(&*lower(0), "the" | "your" | "each" | "every"));
    let one = matches!(&*lower(from), "assistant" | "model" | "bot" | "chatbot" | "agent" | "ai");
    let told = matches!(&*lower(from + 1), "must" | "should" | "may" | "shall" | "can" | "never" | "always");
    if from == 1 && WRITTEN.contains(&&*lower(1)) {
        return match &*lower(2) {
            "must" | "should" | "shall" if lower(3) != "not" && lower(3) != "be" => 3,
            "must" | "should" | "shall" if lower(3) == "not" && lower(4) != "be" => 2,
            "has" | "needs" if lower(3) == "to" && lower(4) != "be" => 4,
            // "Every reply states the price".
            "names" | "states" | "mentions" | "gives" | "quotes" | "lists" | "contains" => 2,
            _ => 0,
        };
    }
    if one && told { from + 1 } else { 0 }
}

/// "It must not rhyme": a verb alone, forbidden to what the work makes.
fn must_not<'a>(unit: usize, words: &[Word], lower: &impl Fn(usize) -> Cow<'a, str>) -> Option<Order> {
    let opens = matches!(&*lower(0), "it" | "they" | "you");
    let denied = matches!(&*lower(1), "must" | "should" | "may" | "can") && lower(2) == "not";
    let verb = words.get(3).filter(|word| word.is(vocabulary::VERB) || !word.is(vocabulary::STOP))?;
    let alone = words[4..].iter().all(|word| word.is_punctuation());
    let ban = Order { unit, verb: stem(&lower(3)), forbids: true, bare: true, ..Order::default() };
    (opens && denied && alone && !verb.is_punctuation()).then_some(ban)
}

/// "Rules that are not general and don't add value": the ban at `at` is said of the rules, and asked of nobody.
fn is_described(text: &str, words: &[Word], at: usize) -> bool {
    let lower = |at: usize| words[at].lower(text);
    let carried = at > 0 && matches!(&*lower(at - 1), "and" | "or");
    let relative = |at: usize| matches!(&*lower(at - 1), "that" | "which" | "who");
    carried && (1..at).any(|at| relative(at) && words[at].is(vocabulary::FINITE))
}

/// "Give a summary of the letter": to summarise it.
fn as_a_noun(text: &str, order: &Order, clause: &[Word], verb: &str) -> Option<Order> {
    const DEEDS: [&str; 18] = [
        "solution", "apology", "summary", "explanation", "translation", "recommendation", "recommendations",
        "comparison", "conclusion", "description", "analysis", "suggestion", "suggestions", "justification",
        "interpretation", "evaluation", "advice", "speculation",
    ];
    let makes = matches!(
        verb,
        "give"
            | "write"
            | "add"
            | "make"
            | "provide"
            | "include"
            | "offer"
            | "draw"
            | "show"
            | "print"
            | "put"
    );
    let skipped = clause.iter().take_while(|word| word.is(vocabulary::STOP) || word.is_number()).count();
    let deed = clause[skipped..].iter().take(2).find(|word| DEEDS.contains(&&*word.lower(text)))?;
    let of = clause.iter().position(|word| word.start == deed.start)? + 1;
    (makes && !order.forbids).then(|| Order {
        verb: stem(&deed.lower(text)),
        says: false,
        object: order.all.iter().copied().filter(|all| *all != stem(&deed.lower(text))).collect(),
        all: clause[of..]
            .iter()
            .filter(|word| !word.is(vocabulary::STOP))
            .map(|word| stem(&word.lower(text)))
            .collect(),
        ..order.clone()
    })
}

/// "Only the manager may cancel an order": nobody else does.
fn only_others(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let may = (2..words.len().min(6)).find(|&at| matches!(&*lower(at), "may" | "can"))?;
    let verb = words.get(may + 1).filter(|word| word.is(vocabulary::VERB))?;
    let you = (1..may).any(|at| matches!(&*lower(at), "you" | "assistant" | "bot" | "if" | "when"));
    let end = (may + 2..words.len()).find(|&at| words[at].is_punctuation()).unwrap_or(words.len());
    let ban = order(
        text,
        unit,
        words,
        (*verb, &verb.lower(text)),
        &words[may + 2..end],
        (lower(0) == "only", false),
    );
    (lower(0) == "only" && !you && !ban.object.is_empty()).then_some(Order { absolute: true, ..ban })
}

/// The stems of what is passed to others: of two words at least, since one alone is passed to this person and not to that.
fn handed_on(text: &str, verb: &str, clause: &[Word]) -> Option<Vec<u32>> {
    let lower = |at: usize| clause.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let away = matches!(&*lower(0), "out" | "over" | "on");
    let hands = match verb {
        "hand" | "pass" | "give" => away,
        "send" | "share" | "forward" | "disclose" | "reveal" => true,
        _ => false,
    };
    let thing = &clause[usize::from(away)..];
    let ends = |word: &Word| word.is_punctuation() || matches!(&*word.lower(text), "to" | "with" | "by");
    let end = thing.iter().position(ends).unwrap_or(thing.len());
    let stops = thing.get(end).is_some_and(|word| !word.is_punctuation());
    // "To anybody", or to nobody in particular.
    let anybody = thing.get(end + 1).is_none_or(|word| {
        let whom = word.lower(text);
        !stops || matches!(&*whom, "anybody" | "anyone" | "everybody" | "everyone" | "whoever" | "all")
    });
    let means = |word: &&Word| !word.is(vocabulary::STOP) && !word.is_number();
    let stems: Vec<u32> = thing[..end].iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    (hands && anybody && (2..=3).contains(&stems.len())).then_some(stems)
}

/// Within how many words "out" stands behind "keep".
const AWAY: usize = 6;

/// "Legal terms stay as they are": they are kept.
fn stays(text: &str, unit: usize, words: &[Word]) -> Option<Order> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = (1..words.len()).find(|&at| matches!(&*lower(at), "stay" | "stays" | "remain" | "remains"))?;
    let whole = lower(at + 1) == "as" && matches!(&*lower(at + 2), "they" | "it")
        || matches!(&*lower(at + 1), "unchanged" | "untouched" | "untranslated");
    let kept = order(text, unit, words, (words[at], &lower(at)), &words[..at], (false, false));
    (whole && !kept.object.is_empty()).then(|| Order { verb: stem("keep"), ..kept })
}

/// "Changes of spelling and layout", "differences in spelling": what a general noun is about, as stems.
fn of_generic(text: &str, clause: &[Word]) -> Option<Vec<u32>> {
    const GENERAL: [&str; 16] = [
        "change", "changes", "difference", "differences", "error", "errors", "mistake", "mistakes", "remark",
        "remarks", "note", "notes", "details", "information", "facts", "questions",
    ];
    let at = clause.windows(2).position(|pair| {
        GENERAL.contains(&&*pair[0].lower(text))
            && matches!(&*pair[1].lower(text), "of" | "in" | "on" | "about")
    })?;
    let rest = &clause[at + 2..];
    // "In one sentence" says how.
    if rest.first().is_some_and(|word| word.is_number() || matches!(&*word.lower(text), "a" | "an")) {
        return None;
    }
    let end = rest.iter().position(|word| word.is_punctuation()).unwrap_or(rest.len());
    let means = |word: &&Word| !word.is(vocabulary::STOP | vocabulary::NEGATION) && !word.is_number();
    let things: Vec<u32> = rest[..end].iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    (at <= 2 && (1..=3).contains(&things.len())).then_some(things)
}

/// What a thing becomes that is not left as it is.
const COMPARATIVES: [&str; 22] = [
    "friendlier", "shorter", "longer", "clearer", "simpler", "louder", "softer", "warmer", "bolder", "nicer",
    "easier", "stronger", "brighter", "darker", "smaller", "bigger", "larger", "funnier", "kinder",
    "plainer", "stricter", "livelier",
];
