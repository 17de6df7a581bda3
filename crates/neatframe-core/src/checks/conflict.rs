//! Demands that cannot both be met.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Bound, Demand, Measure, Requirement, Subject, is_exception};
use crate::words::Word;
use std::cmp::Ordering;
use std::collections::HashMap;

/// Two stated requirements that exclude each other: lengths, counts, manner, openings.
pub(super) struct ClashingDemands;

static CLASHING: Meta = Meta {
    id: "clashing-demands",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "two demands on length, count, form, tone or manner that exclude each other",
    write: "One of the two, or both with a word on when each holds.",
    on: true,
    english: true,
    why: "The model drops one of the two, and not the same one each time.",
    bad: &[
        "Write the notice in at most 50 words. The notice has at least 120 words.",
        "Write in full sentences. Only bullet points, no sentences.",
        "Ask one question per message. Ask for the boat and the pier, both in one message.",
        "Keep it to one sentence. Write three paragraphs.",
        "Speak to the reader as \"you\". Put every rule in the third person.",
    ],
    good: &[
        "Write the notice in at most 50 words. The title has at most 8 words.",
        "Write in full sentences, except in the table, where keywords do.",
        "Keep it brief. If the guest asks for more, explain everything in detail.",
        "Ask one question per message. Name all three piers in one message.",
        "Return three bullets of two sentences each.",
    ],
};

impl Check for ClashingDemands {
    fn meta(&self) -> &'static Meta {
        &CLASHING
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut firm: Vec<&Requirement> = Vec::new();
        for requirement in case.requirements.iter().filter(|requirement| !requirement.conditional) {
            let same_place = |earlier: &&&Requirement| earlier.unit == requirement.unit;
            if firm
                .iter()
                .rev()
                .take(AT_ONCE)
                .any(|earlier| same_place(&earlier) && earlier.demand == requirement.demand)
            {
                continue;
            }
            let clash = firm
                .iter()
                .rev()
                .take(WITHIN_REACH)
                .rev()
                .find(|earlier| earlier.unit != requirement.unit && excludes(earlier, requirement));
            if let Some(earlier) = clash {
                report(case, sink, earlier, requirement);
                continue;
            }
            let outer = case.layers.iter().find_map(|layer| {
                let rule = layer
                    .requirements()
                    .iter()
                    .find(|rule| !rule.conditional && excludes(rule, requirement))?;
                Some((layer, rule))
            });
            if let Some((layer, rule)) = outer {
                let (two, one) = (case.shown(requirement.span), layer.shown(rule.span));
                let message = format!(
                    "`{two}` and `{one}` ({}, line {}) cannot both be met",
                    layer.name(),
                    layer.line(rule.span)
                );
                sink.report(requirement.span, message, "keep one of the two, or say which gives way");
                continue;
            }
            firm.push(requirement);
        }
    }
}

/// How many of the last requirements of one unit are compared for doubles.
const AT_ONCE: usize = 8;
/// How many earlier requirements are compared; keeps hostile prompts linear.
const WITHIN_REACH: usize = 400;

fn report(case: &Case<'_>, sink: &mut Sink<'_>, earlier: &Requirement, later: &Requirement) {
    let line = case.source.position(earlier.span.start()).line;
    let (one, two) = (case.shown(earlier.span), case.shown(later.span));
    let subject = match &later.subject {
        Subject::Reply | Subject::Unstated => String::new(),
        subject => format!(" of {}", subject.name()),
    };
    let message = match (&earlier.demand, &later.demand) {
        (Demand::Amount { .. }, Demand::Amount { .. }) => {
            format!(
                "{}{subject} cannot be {} as well (`{one}`, line {line})",
                later.demand.shown(),
                earlier.demand.shown()
            )
        }
        _ => format!("`{two}` and `{one}` (line {line}) cannot both be met"),
    };
    let write = "keep one of the two, or say when each holds";
    sink.report(later.span, message, write).related.push(earlier.span);
}

/// True when the two cannot both hold.
fn excludes(earlier: &Requirement, later: &Requirement) -> bool {
    match (&earlier.demand, &later.demand) {
        (Demand::Manner { axis, pole }, Demand::Manner { axis: other, pole: opposite }) => {
            axis == other && pole != opposite && !is_split(earlier, later) && !goes_with(pole, opposite)
        }
        (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: second }) => {
            earlier.subject == later.subject
                && later.subject != Subject::Unstated
                && (measure == other
                    && bound.excludes(second)
                    && is_comparable(measure, &earlier.subject, (bound, second))
                    || crosses((measure, bound), (other, second))
                    || crosses((other, second), (measure, bound)))
        }
        (Demand::Manner { axis: "length", pole: "brief" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "brief" }) => {
            *measure == Measure::Words
                && whole(earlier)
                && whole(later)
                && bound.least.is_some_and(|least| least >= LONG)
        }
        (Demand::Manner { axis: "length", pole: "detailed" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "detailed" }) => {
            whole(earlier) && whole(later) && is_tight(measure, bound)
        }
        (Demand::Manner { axis: "length", pole: "everything" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "everything" }) => {
            whole(earlier)
                && whole(later)
                && (is_tight(measure, bound)
                    || *measure == Measure::Words && bound.most.is_some_and(|most| most <= SOME))
        }
        (Demand::BeginsWith(one), Demand::BeginsWith(two))
        | (Demand::EndsWith(one), Demand::EndsWith(two)) => {
            one.to_lowercase() != two.to_lowercase() && !is_split(earlier, later)
        }
        (Demand::Mention(one), Demand::Omit(two)) | (Demand::Omit(two), Demand::Mention(one)) => {
            one.to_lowercase() == two.to_lowercase()
        }
        (Demand::DateForm(one), Demand::DateForm(two)) => one != two,
        _ => false,
    }
}

/// Poles of one axis that do not exclude each other.
fn goes_with(one: &str, two: &str) -> bool {
    matches!((one, two), ("detailed", "everything") | ("everything", "detailed"))
}

fn whole(requirement: &Requirement) -> bool {
    requirement.subject == Subject::Reply
}

/// Words from which a reply is not brief.
const LONG: u32 = 600;

/// Words that hold no "everything".
const SOME: u32 = 250;

/// A length that leaves no room for detail.
fn is_tight(measure: &Measure, bound: &Bound) -> bool {
    let Some(most) = bound.most else { return false };
    match measure {
        Measure::Words => most <= 60,
        Measure::Sentences => most <= 3,
        Measure::Lines => most <= 4,
        Measure::Paragraphs | Measure::Pages => most <= 1,
        _ => false,
    }
}

/// Counts of things clash only where both are bounds on the whole: "three options" and "five examples" differ, and so may
/// "two bullets" here and "four bullets" there.
fn is_comparable(measure: &Measure, subject: &Subject, (one, two): (&Bound, &Bound)) -> bool {
    let limits = |bound: &Bound| bound.least != bound.most;
    match measure {
        Measure::Words | Measure::Characters | Measure::Tokens | Measure::Pages => {
            limits(one) || limits(two) || *subject != Subject::Reply || one.about && two.about
        }
        Measure::Items(_) | Measure::Sentences | Measure::Paragraphs | Measure::Lines => {
            *subject != Subject::Reply || limits(one) || limits(two)
        }
    }
}

/// "Three paragraphs" take three sentences at least: true when the first asks for more than the second leaves room for.
fn crosses((measure, bound): (&Measure, &Bound), (other, second): (&Measure, &Bound)) -> bool {
    // The fewest words that one of each takes, and the most that one of each holds.
    let size = |measure: &Measure| match measure {
        Measure::Pages => Some((5, 250, 1000)),
        Measure::Paragraphs => Some((4, 15, 400)),
        Measure::Sentences => Some((3, 2, 60)),
        Measure::Words => Some((2, 1, 1)),
        _ => None,
    };
    let (Some((rank, fewest, _)), Some((other_rank, _, holds))) = (size(measure), size(other)) else {
        return false;
    };
    let (Some(least), Some(most)) = (bound.least, second.most) else { return false };
    match rank.cmp(&other_rank) {
        // One page is a limit, two are a demand.
        Ordering::Greater if rank == 5 && least < 2 => false,
        Ordering::Greater if other_rank == 2 => least.saturating_mul(fewest) > most,
        Ordering::Greater => least > most,
        Ordering::Less => rank == 2 && least > most.saturating_mul(holds),
        Ordering::Equal => false,
    }
}

/// Two manners in one sentence are two parts of one wish ("formal to guests, casual to the crew"), and so are two about
/// different parts of the reply.
fn is_split(earlier: &Requirement, later: &Requirement) -> bool {
    earlier.part != later.part
}

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
    ],
    good: &[
        "Answer every question about crossings. Never give legal advice.",
        "Name the pier. Do not name the pier if the guest is at sea.",
        "Ask one question per message. Never ask for card numbers.",
        "Write the notice. Never write in capitals.",
    ],
};

impl Check for OrderAgainstBan {
    fn meta(&self) -> &'static Meta {
        &AGAINST
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut orders: HashMap<u32, Vec<Order>> = HashMap::new();
        let mut found = Vec::new();
        for unit in case.demands() {
            for order in orders_of(case, unit) {
                let rivals = orders.entry(order.verb).or_default();
                let rival =
                    rivals.iter().rev().take(NEAR).find(|rival| rival.unit != unit && rival.clashes(&order));
                if let Some(rival) = rival {
                    found.push((rival.unit, unit));
                }
                rivals.push(order);
            }
        }
        found.dedup_by_key(|(_, unit)| *unit);
        for (earlier, later) in found {
            let (one, two) = (case.units[earlier].text, case.units[later].text);
            let line = case.source.position(one.start()).line;
            let message =
                format!("`{}` and `{}` (line {line}) cannot both be met", case.shown(two), case.shown(one));
            sink.report(two, message, "keep one of the two, or say when each holds").related.push(one);
        }
    }
}

/// How many orders with the same verb are compared.
const NEAR: usize = 64;

/// A verb with its object, ordered or forbidden.
struct Order {
    unit: usize,
    verb: u32,
    forbids: bool,
    /// Stems of the object.
    object: Vec<u32>,
    /// `every question`, `anyone`, `always`, with nothing that bounds it.
    universal: bool,
    /// The object is `it`, `one`, `them`: what the sentence spoke of before.
    refers: bool,
    /// A verb of saying: to name, tell or mention a thing is to say it.
    says: bool,
    /// The sentence bounds the object: `questions that are not about an order`.
    bounded: bool,
}

impl Order {
    fn clashes(&self, other: &Order) -> bool {
        if self.forbids == other.forbids {
            return false;
        }
        let (order, ban) = if self.forbids { (other, self) } else { (self, other) };
        let shared = ban.object.iter().filter(|stem| order.object.contains(stem)).count();
        if shared == 0 {
            return false;
        }
        // All that is forbidden is ordered, or everything of its kind is.
        let same =
            shared == ban.object.len() && shared == order.object.len() && !ban.bounded && !order.bounded;
        let all = order.universal && order.object.first().is_some_and(|head| ban.object.contains(head));
        let told = order.says
            && ban.says
            && !ban.bounded
            && ban.object.last().is_some_and(|head| order.object.contains(head));
        same || all
            || told
            || ban.refers && order.object.first().is_some_and(|head| ban.object.contains(head))
    }
}

/// The clauses of a unit that open with a verb, or with a ban on one.
fn orders_of(case: &Case<'_>, unit: usize) -> Vec<Order> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if case.labels[unit].component == Some(Component::Examples)
        || words.len() > 60
        || is_exception(text, words)
    {
        return Vec::new();
    }
    let lower = |at: usize| words.get(at).map_or(String::new(), |word| word.text(text).to_lowercase());
    let mut found = Vec::new();
    let mut at = 0;
    while at < words.len() {
        let opens = at == 0
            || words[at - 1].is(vocabulary::STOP_MARK)
            || matches!(lower(at - 1).as_str(), "," | "and" | "so" | "but" | "then" | "please");
        if !opens {
            at += 1;
            continue;
        }
        let mut verb_at = at;
        let (mut forbids, mut universal) = (false, false);
        loop {
            match lower(verb_at).as_str() {
                "never" | "don't" | "cannot" => forbids = true,
                "do" | "must" if lower(verb_at + 1) == "not" => {
                    forbids = true;
                    verb_at += 1;
                }
                "always" => universal = true,
                "please" | "you" | "must" | "ever" | "also" => {}
                _ => break,
            }
            verb_at += 1;
        }
        let Some(verb) = words.get(verb_at).filter(|word| word.is(vocabulary::VERB)) else {
            at += 1;
            continue;
        };
        let end =
            (verb_at + 1..words.len()).find(|&at| words[at].is(vocabulary::STOP_MARK)).unwrap_or(words.len());
        let clause = &words[verb_at + 1..end];
        found.push(order(text, unit, words, *verb, clause, (forbids, universal)));
        at = verb_at + 1;
    }
    found
}

/// Verbs of saying.
const SAYS: [&str; 11] =
    ["say", "mention", "name", "tell", "give", "state", "explain", "list", "describe", "report", "show"];

fn order(
    text: &str,
    unit: usize,
    words: &[Word],
    verb: Word,
    clause: &[Word],
    (forbids, always): (bool, bool),
) -> Order {
    let lower: Vec<String> = clause.iter().map(|word| word.text(text).to_lowercase()).collect();
    let all = ["every", "any", "all", "anyone", "anybody", "everyone", "everybody", "whoever", "each"];
    let bound = [
        "that", "which", "who", "about", "if", "when", "without", "for", "of", "with", "from", "in", "on",
        "as",
    ];
    let universal = always || lower.iter().take(6).any(|word| all.contains(&word.as_str()));
    let narrows = lower.iter().skip(1).any(|word| bound.contains(&word.as_str()) && word != "of");
    let asks = lower
        .iter()
        .take(8)
        .any(|word| matches!(word.as_str(), "anyone" | "anybody" | "everyone" | "everybody"));
    let universal = universal && (asks || !narrows);
    let bounded = !asks && lower.iter().skip(1).any(|word| bound.contains(&word.as_str()));
    let meaning = |word: &&Word| {
        !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP | vocabulary::NEGATION)
    };
    let head = clause.iter().take_while(|word| {
        let lower = word.text(text).to_lowercase();
        !bound.contains(&lower.as_str()) && lower != ","
    });
    let mut object: Vec<u32> =
        head.filter(meaning).map(|word| stem(&word.text(text).to_lowercase())).collect();
    let refers = object.is_empty()
        && lower
            .first()
            .is_some_and(|word| ["one", "it", "them", "any", "this", "that"].contains(&word.as_str()));
    if refers {
        // "Refunds are for supervisors only, so never give one."
        let before = words.iter().take_while(|word| word.start < verb.start).filter(meaning);
        let things = before.filter(|word| !word.is(vocabulary::VERB));
        object.extend(things.map(|word| stem(&word.text(text).to_lowercase())));
    }
    let spoken = verb.text(text).to_lowercase();
    let says = SAYS.contains(&spoken.as_str());
    let verb = stem(if says { "say" } else { &spoken });
    Order { unit, verb, says, forbids, object, universal, refers, bounded }
}

/// The persona's name, spelled two ways.
pub(super) struct NameSpelling;

static SPELLING: Meta = Meta {
    id: "name-spelling",
    family: Family::Conflict,
    severity: Severity::Warning,
    summary: "the persona's name spelled two ways",
    write: "One spelling throughout.",
    on: true,
    english: true,
    why: "The model takes them for two people, or signs with the wrong one.",
    bad: &["You are Merle, the clerk of a ferry line. Open every reply with \"Merel here\"."],
    good: &[
        "You are Merle, the clerk of a ferry line. Open every reply with \"Merle here\".",
        "You are Dora, a clerk. Every Door has a bell.",
    ],
};

impl Check for NameSpelling {
    fn meta(&self) -> &'static Meta {
        &SPELLING
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let persona = (0..case.units.len())
            .filter(|&unit| case.labels[unit].serves(Component::Role))
            .find_map(|unit| {
                let words = case.words_of(unit);
                words.windows(3).find_map(|run| {
                    let lower = |at: usize| run[at].text(text).to_lowercase();
                    let named =
                        (lower(0) == "you" && lower(1) == "are") || (lower(0) == "name" && lower(1) == "is");
                    (named && is_name(text, run[2])).then_some(run[2])
                })
            });
        let Some(persona) = persona else { return };
        let name = persona.text(text);
        let slipped = case.words.all().iter().find(|word| {
            let other = word.text(text);
            word.start != persona.start
                && other != name
                && is_name(text, **word)
                && differs_by_a_slip(name, other)
        });
        if let Some(word) = slipped {
            let message = format!("`{}` is `{name}` with a slip, or somebody else", word.text(text));
            sink.report(word.span(), message, format!("write `{name}` everywhere"))
                .related
                .push(persona.span());
        }
    }
}

/// A capitalised word of four letters or more that no lexicon knows.
fn is_name(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    let mut chars = shown.chars();
    chars.next().is_some_and(char::is_uppercase)
        && shown.chars().count() >= 4
        && chars.all(char::is_lowercase)
        && word.flags() == 0
}

/// One letter more, less, other, or two neighbours swapped.
fn differs_by_a_slip(one: &str, two: &str) -> bool {
    let (one, two): (Vec<char>, Vec<char>) = (one.chars().collect(), two.chars().collect());
    if one[0] != two[0] || one.len().abs_diff(two.len()) > 1 {
        return false;
    }
    let same_head = one.iter().zip(&two).take_while(|(a, b)| a == b).count();
    let same_tail = one.iter().rev().zip(two.iter().rev()).take_while(|(a, b)| a == b).count();
    let (shorter, longer) = (one.len().min(two.len()), one.len().max(two.len()));
    let plural = longer == shorter + 1 && (one.last() == Some(&'s')) != (two.last() == Some(&'s'));
    let swapped = one.len() == two.len()
        && same_head + same_tail + 2 == one.len()
        && one[same_head] == two[same_head + 1]
        && one[same_head + 1] == two[same_head];
    !plural && (same_head + same_tail + 1 >= longer || swapped)
}
