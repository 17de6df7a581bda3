//! Amounts that do not add up to the total that the prompt names.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::number;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// Minutes or points of the parts that miss their total.
pub(super) struct SumOff;

static SUM: Meta = Meta {
    id: "sum-off",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "minutes or points of the parts do not add up to the total",
    write: "Parts that add up, or the total that they give.",
    on: true,
    english: true,
    why: "The model keeps the parts or the total, and not the same one each time.",
    bad: &[
        "Plan a tour of 45 minutes.\n1. Pier: 10 minutes\n2. Deck: 20 minutes\n3. Bridge: 25 minutes",
        "Score the log out of 100.\n- Facts: 50 points\n- Form: 40 points\n- Wording: 20 points",
        "Plan an evening of 30 minutes.\nOpening 5 minutes, six songs of 4 minutes, close 5 minutes.",
        "Score the notice. Count wording 50 %, facts 30 %, layout 30 %.",
        "Plan a talk of 30 minutes: 10 minutes on the boats, 10 on the piers, 15 on the fares.",
        "The tour lasts 45 minutes. Plan a walk (10 min), a talk (25 min) and a round of questions (15 min).",
        "Every drill takes at most 30 minutes.\nDrill A: roll call 10 minutes, boats 20 minutes, talk 10 minutes.",
        "Each drill is 60 minutes: roll call 10, boats 30, talk 20, break 10.",
    ],
    good: &[
        "Plan a tour of 45 minutes.\n1. Pier: 10 minutes\n2. Deck: 20 minutes\n3. Bridge: 15 minutes",
        "Plan a tour of 90 minutes.\n1. Pier: 10 minutes\n2. Deck: 20 minutes\n3. Bridge: 25 minutes",
        "Score the notice. Count wording 40 %, facts 30 %, layout 30 %.",
        "Plan a talk of 30 minutes: 10 minutes on the boats, 10 on the piers, 10 on the fares.",
        "Score the log out of 100.\n- Late: minus 5 points\n- Early: 3 points",
        "Each drill is 60 minutes: roll call 10, boats 30, talk 20.",
        "Each drill is 60 minutes: pier 10, pier 30, pier 40.",
    ],
};

impl Check for SumOff {
    fn meta(&self) -> &'static Meta {
        &SUM
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut totals = Vec::new();
        let mut groups: Vec<Group> = Vec::new();
        for (at, unit) in case.units.iter().enumerate() {
            let shown =
                matches!(unit.kind, UnitKind::Mark | UnitKind::Code | UnitKind::Turn | UnitKind::Table)
                    || case.labels[at].component == Some(Component::Examples)
                        && unit.kind != UnitKind::Sentence;
            if shown {
                continue;
            }
            if let Some(sum) = shares(case, at) {
                let message = format!("the shares add up to {sum} %");
                sink.report(unit.text, message, "change the shares so that they add up to 100 %");
            }
            if let Some((total, sum, of)) = split_up(case, at) {
                let unit_of = if of == Of::Points { "points" } else { "minutes" };
                let message = format!("the parts add up to {sum} {unit_of}, the whole is {total}");
                sink.report(unit.text, message, "change the parts or the total");
                continue;
            }
            let amounts = amounts(case, at);
            if amounts.len() >= PARTS_LEAST && amounts.iter().all(|amount| amount.of == amounts[0].of) {
                let sum = amounts.iter().fold(0u32, |sum, amount| sum.saturating_add(amount.value));
                groups.push(Group {
                    of: amounts[0].of,
                    sum,
                    parts: amounts.len(),
                    block: None,
                    span: unit.text,
                    first: at,
                });
                continue;
            }
            let [amount] = &amounts[..] else { continue };
            match groups.last_mut() {
                _ if amount.total => totals.push((*amount, at)),
                Some(group) if group.block == Some(unit.block) && group.of == amount.of => {
                    group.sum = group.sum.saturating_add(amount.value);
                    group.parts += 1;
                    group.span = group.span.cover(unit.text);
                }
                _ => groups.push(Group {
                    of: amount.of,
                    sum: amount.value,
                    parts: 1,
                    block: Some(unit.block),
                    span: unit.text,
                    first: at,
                }),
            }
        }
        for group in groups.iter().filter(|group| group.parts >= PARTS_LEAST) {
            let fits = |(amount, at): &&(Amount, usize)| {
                let shared = || shares_a_thing(case, *at, group.first);
                amount.of == group.of && (!amount.each || group.block.is_none() && shared())
            };
            let Some((total, at)) = totals.iter().take(TOTALS).find(fits) else { continue };
            // Room that is left over is no fault, except where points are shared out.
            let off = group.sum > total.value || group.of == Of::Points && group.sum < total.value;
            if off {
                let line = case.source.position(case.units[*at].text.start()).line;
                let unit = if group.of == Of::Points { "points" } else { "minutes" };
                let message =
                    format!("the parts add up to {} {unit}, line {line} says {}", group.sum, total.value);
                sink.report(group.span, message, "change the parts or the total").related.push(total.span);
            }
        }
    }
}

/// "Judge argument 50 %, delivery 30 %, rebuttal 30 %": the sum of three shares or more, where it is beyond the whole.
fn shares(case: &Case<'_>, unit: usize) -> Option<u32> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    const SHARED: [&str; 12] = [
        "judge", "weigh", "weight", "weights", "weighted", "score", "grade", "mark", "count", "counts",
        "split", "rate",
    ];
    let shared = words.iter().any(|word| SHARED.contains(&&*word.lower(text)));
    let percent = |pair: &[Word]| {
        let share = matches!(&*pair[1].lower(text), "%" | "percent");
        number(text, pair[0]).filter(|_| share)
    };
    let found: Vec<u32> = words.windows(2).filter_map(percent).collect();
    let sum = found.iter().fold(0u32, |sum, share| sum.saturating_add(*share));
    (shared && found.len() >= PARTS_LEAST && (101..=200).contains(&sum)).then_some(sum)
}

/// "A talk of 30 minutes: 10 minutes on boats, 10 on piers, 15 on fares": the total, and a sum of the parts that is beyond it.
fn split_up(case: &Case<'_>, unit: usize) -> Option<(u32, u32, Of)> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let colon = words.iter().position(|word| word.text(text) == ":").filter(|_| words.len() <= LONG)?;
    let of = |at: usize| match &*words.get(at)?.lower(text) {
        "minutes" | "min" | "mins" => Some(Of::Minutes),
        "points" | "pts" => Some(Of::Points),
        _ => None,
    };
    let counted = |at: usize| Some((number(text, words[at])?, of(at + 1)?));
    let wholes: Vec<(u32, Of)> = (0..colon).filter_map(counted).collect();
    let [(total, kind)] = wholes[..] else { return None };
    // "10 on the piers" leaves the minutes out.
    let opens =
        |at: usize| matches!(words[at - 1].text(text), ":" | "," | ";") || words[at - 1].lower(text) == "and";
    let part = |at: usize| {
        let value = number(text, words[at]).filter(|_| opens(at))?;
        let same = of(at + 1).map_or_else(
            || matches!(&*words.get(at + 1)?.lower(text), "on" | "for" | "to" | "of").then_some(kind),
            Some,
        );
        same.filter(|same| *same == kind).map(|_| value)
    };
    let parts: Vec<u32> = (colon + 1..words.len()).filter_map(part).collect();
    let named = (colon + 1..words.len()).any(|at| counted(at).is_some_and(|(_, of)| of == kind));
    let parts = match named {
        true if parts.len() < PARTS_LEAST => {
            named_parts(&words[colon + 1..], text, |value| counted(colon + 1 + value), kind)?
        }
        true => parts,
        false => bare_parts(text, &words[colon + 1..])?,
    };
    let sum = parts.iter().fold(0u32, |sum, part| sum.saturating_add(*part));
    (parts.len() >= PARTS_LEAST && sum > total).then_some((total, sum, kind))
}

/// "Warm-up 10 minutes, main part 30 minutes": one amount in every part, by the place of its number.
fn named_parts(
    words: &[Word],
    text: &str,
    counted: impl Fn(usize) -> Option<(u32, Of)>,
    kind: Of,
) -> Option<Vec<u32>> {
    let end = words.iter().position(|word| word.text(text) == ".").unwrap_or(words.len());
    let mut parts: Vec<Vec<u32>> = vec![Vec::new()];
    for (at, word) in words[..end].iter().enumerate() {
        if matches!(&*word.lower(text), "," | ";" | "and") {
            parts.push(Vec::new());
        } else if number(text, *word).is_some() {
            let (value, of) = counted(at)?;
            parts.last_mut()?.extend((of == kind).then_some(value));
        }
    }
    parts.into_iter().map(|part| <[u32; 1]>::try_from(part).ok().map(|[value]| value)).collect()
}

/// "Roll call 10, boats 30, talk (20)": a number at the end of every part, and nothing else in figures.
fn bare_parts(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    let end = words.iter().position(|word| word.text(text) == ".").unwrap_or(words.len());
    let parted = |word: &Word| matches!(&*word.lower(text), "," | ";" | "and");
    // "Pier 10, pier 30" numbers the piers.
    let mut heads: Vec<u32> = Vec::new();
    words[..end]
        .split(parted)
        .filter(|part| !part.is_empty())
        .map(|part| {
            let plain: Vec<&Word> =
                part.iter().filter(|word| !matches!(word.text(text), "(" | ")" | ":" | "-")).collect();
            let (last, head) = plain.split_last()?;
            let name = stem(&head.first()?.lower(text));
            let named = head.iter().all(|word| number(text, **word).is_none()) && !heads.contains(&name);
            heads.push(name);
            number(text, **last).filter(|_| named)
        })
        .collect()
}

/// Words from which a sentence says more than how something is shared out.
const LONG: usize = 40;

/// How many totals are compared; keeps hostile prompts linear.
const TOTALS: usize = 64;

/// Fewer amounts than these are no list of parts.
const PARTS_LEAST: usize = 3;

/// Amounts in a row, one a unit of the same list or all in one unit.
struct Group {
    of: Of,
    sum: u32,
    parts: usize,
    block: Option<u32>,
    span: Span,
    first: usize,
}

/// What is added up.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Of {
    Minutes,
    Points,
}

#[derive(Clone, Copy)]
struct Amount {
    of: Of,
    value: u32,
    span: Span,
    /// The words around say that it is the whole: "out of 100", "a tour of 45 minutes".
    total: bool,
    /// It bounds each of several things: "every drill takes at most 30 minutes".
    each: bool,
}

/// The amounts of minutes or points in a unit.
fn amounts(case: &Case<'_>, unit: usize) -> Vec<Amount> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > 40 {
        return Vec::new();
    }
    let said = |at: usize| words.get(at).map_or("", |word| word.text(text));
    let is = |at: usize, options: &[&str]| options.iter().any(|option| said(at).eq_ignore_ascii_case(option));
    let each = (0..words.len().min(6)).any(|at| is(at, &["each", "every", "per"]));
    let mut found = Vec::new();
    for at in 0..words.len() {
        let Some(value) = number(text, words[at]) else { continue };
        let of = match () {
            _ if is(at + 1, &["minutes", "min", "mins"]) => Of::Minutes,
            _ if is(at + 1, &["points", "pts"]) => Of::Points,
            _ if at > 1 && is(at - 1, &["of", "to"]) && is(at - 2, &["out", "0"]) => Of::Points,
            _ => continue,
        };
        // "Minus 5 points", "every 10 minutes" share nothing out; "each drill under 30 minutes" bounds the drill.
        let apart = is(at.wrapping_sub(1), &["minus", "every", "after", "deduct", "lose", "below"])
            || !each && is(at.wrapping_sub(1), &["under", "than"]);
        if apart {
            return Vec::new();
        }
        let led = |back: usize, options: &[&str]| at >= back && is(at - back, options);
        let scale = led(1, &["of", "to"]) && led(2, &["out", "0"]);
        let whole = led(1, &["of"]) && at > 1 && !words[at - 2].is(vocabulary::STOP)
            || led(1, &["to"]) && led(2, &["up", "sum", "add"])
            || is(at + 2, &["in"]) && is(at + 3, &["total"])
            // "The lesson lasts 45 minutes".
            || led(1, &["lasts", "lasting"])
            || at > 0 && led(1, &["total"]);
        let most = led(1, &["most", "maximum", "max", "than", "under"]);
        // "Each session takes 20 minutes", further on in its sentence too.
        let takes = led(1, &["takes", "has"]) && led(3, &["each", "every"]);
        let total = scale || whole || each && most || takes;
        // "Six songs of 4 minutes".
        let times = at
            .checked_sub(3)
            .and_then(|times| number(text, words[times]))
            .filter(|times| *times >= 2 && led(1, &["of"]));
        let (value, total) = match times {
            Some(times) => (value.saturating_mul(times), false),
            None => (value, total),
        };
        found.push(Amount { of, value, span: words[at].span(), total, each: each && most || takes });
    }
    found
}

/// True when two units name the same thing, as "every drill" and "drill A" do.
fn shares_a_thing(case: &Case<'_>, one: usize, two: usize) -> bool {
    let things = |unit: usize| -> Vec<u32> {
        let text = case.source.text();
        let words = case.words_of(unit).iter().take(12);
        let thing = |word: &&Word| {
            !word.is_punctuation() && !word.is_number() && !word.is(vocabulary::STOP | vocabulary::MEASURE)
        };
        words.filter(thing).map(|word| stem(&word.lower(text))).collect()
    };
    let first = things(one);
    things(two).iter().take(2).any(|stem| first.contains(stem))
}
