//! Parts in a stated order, and one of them at another place: "under "New", "Better" and "Fixed", in that order", "put the
//! fixes first".

use super::{Case, Sink};
use crate::component::Component;
use crate::likeness::stem;
use crate::requirement::{is_exception, places, quotations};
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// How many orders are kept in mind.
const MOST: usize = 16;

/// The parts of the reply in their order.
struct Order {
    unit: usize,
    parts: Vec<Vec<u32>>,
}

/// Reports parts that a later sentence moves to the head or the end of a stated order, or out of it.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    // "Topics, in this order: …" may read like a fact.
    let told = |unit: &usize| {
        case.labels[*unit].component.is_some_and(|of| of != Component::Examples)
            && !matches!(case.units[*unit].kind, UnitKind::Code | UnitKind::Table)
            || case.units[*unit].kind == UnitKind::Mark
                && case.text(case.units[*unit].text).contains(" order")
    };
    let orders: Vec<Order> =
        (0..case.units.len()).filter(told).filter_map(|unit| order(case, unit)).take(MOST).collect();
    if orders.is_empty() {
        return;
    }
    let text = case.source.text();
    for unit in case.demands() {
        let words = case.words_of(unit);
        if let Some((one, two)) = before(text, words) {
            let at = |order: &Order, part: u32| order.parts.iter().position(|name| name.contains(&part));
            let turned = orders
                .iter()
                .filter(|order| order.unit != unit)
                .find(|order| at(order, one).zip(at(order, two)).is_some_and(|(one, two)| one > two));
            if let Some(order) = turned {
                sink.clash(case, case.units[unit].text, case.units[order.unit].text);
                continue;
            }
        }
        if is_exception(text, words) {
            continue;
        }
        for (part, first, span) in places(text, words) {
            let moved = orders.iter().filter(|order| order.unit != unit).find(|order| {
                let at = order.parts.iter().position(|name| name.contains(&part));
                let end = if first { 0 } else { order.parts.len() - 1 };
                at.is_some_and(|at| at != end)
            });
            if let Some(order) = moved {
                sink.clash(case, span, case.units[order.unit].text);
            }
        }
    }
}

/// "The metrics go before the goals": which part stands before which.
fn before(text: &str, words: &[Word]) -> Option<(u32, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*lower(0), "the" | "put" | "place"));
    let from = from + usize::from(from == 1 && lower(0) != "the" && lower(1) == "the");
    let put = matches!(&*lower(0), "put" | "place");
    let stands = matches!(&*lower(from + 1), "go" | "goes" | "come" | "comes" | "stand" | "stands");
    let at = if put { from + 1 } else { from + 2 };
    let named = at + 1 + usize::from(lower(at + 1) == "the");
    let ends = words.get(named + 1).is_none_or(|word| word.is_punctuation());
    if !(put || stands) || !ends || named >= words.len() {
        return None;
    }
    let (one, two) = (stem(&lower(from)), stem(&lower(named)));
    match &*lower(at) {
        "before" | "above" => Some((one, two)),
        "after" | "behind" | "below" => Some((two, one)),
        _ => None,
    }
}

/// "Sections: Problem, Users, Goals": the parts in the order in which they are listed.
fn sections(line: &str) -> Option<Vec<Vec<u32>>> {
    let (label, list) = line.trim_start_matches(['-', '*', ' ']).split_once(':')?;
    let named = matches!(
        &*label.trim_matches(['*', ' ']).to_lowercase(),
        "sections" | "order" | "parts" | "outline" | "structure" | "chapters" | "headings"
    );
    let parts: Vec<Vec<u32>> = list
        .trim_matches(['*', ' ', '.'])
        .split([',', ';'])
        .map(|name| {
            name.split_whitespace()
                .filter(|word| word.len() > 2)
                .map(|word| stem(&word.to_lowercase()))
                .collect()
        })
        .collect();
    (named && parts.len() >= 3 && parts.iter().all(|part| (1..=3).contains(&part.len()))).then_some(parts)
}

/// "A, B and C, in that order": the words of each part, as stems.
fn order(case: &Case<'_>, unit: usize) -> Option<Order> {
    let text = case.source.text();
    // "Read the log first, then set the hour" is the order of the work.
    let works = case.words_of(unit).first().is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "read"
                | "check"
                | "find"
                | "set"
                | "look"
                | "search"
                | "sort"
                | "count"
                | "ask"
                | "think"
                | "decide"
                | "compare"
        )
    });
    if works {
        return None;
    }
    let whole = case.text(case.units[unit].with_lead(case.outline));
    if let Some(parts) = sections(whole) {
        return Some(Order { unit, parts });
    }
    let body = case.text(case.units[unit].text);
    let lower = body.to_lowercase();
    if let Some(parts) = one_after_another(&lower) {
        return Some(Order { unit, parts });
    }
    const SIGNS: [&str; 4] = ["in that order", "in this order", "in the order given", "in the given order"];
    let (end, sign) = SIGNS.iter().find_map(|sign| Some((lower.find(sign)?, sign)))?;
    // "Topics, in this order: (1) piers, (2) boats, (3) fares."
    let behind =
        lower[end + sign.len()..].strip_prefix(':').map(|list| list.split('.').next().unwrap_or(list));
    if let Some(list) = behind.filter(|list| !list.trim().is_empty()) {
        let parts: Vec<Vec<u32>> = list.split([',', ';']).map(stems).collect();
        let short = parts.iter().all(|part| (1..=3).contains(&part.len()));
        return (parts.len() >= 3 && short).then_some(Order { unit, parts });
    }
    if behind.is_some() {
        return Some(Order { unit, parts: items_below(case, unit)? });
    }
    let quoted: Vec<String> =
        quotations(text, case.units[unit].text).into_iter().map(|(_, words)| words).collect();
    let names = if quoted.len() >= 2 { quoted } else { listed(lower.get(..end)?) };
    let parts: Vec<Vec<u32>> = names.iter().map(|name| stems(name)).collect();
    (parts.len() >= 2 && parts.iter().all(|part| !part.is_empty())).then_some(Order { unit, parts })
}

/// "Contents, in this order:", and a list below it: the words of each item.
fn items_below(case: &Case<'_>, unit: usize) -> Option<Vec<Vec<u32>>> {
    let item = |other: &usize| {
        matches!(case.units[*other].kind, UnitKind::Item { .. })
            && case.units[*other].section == case.units[unit].section
    };
    let items = (unit + 1..case.units.len()).take_while(item).filter(|&other| case.units[other].opens_piece);
    let parts: Vec<Vec<u32>> =
        items.map(|other| stems(&case.text(case.units[other].text).to_lowercase())).collect();
    (parts.len() >= 3 && parts.iter().all(|part| !part.is_empty() && part.len() <= LONG)).then_some(parts)
}

/// The most words of an item that names a part.
const LONG: usize = 8;

/// The words of a name that are more than an article, as stems.
fn stems(name: &str) -> Vec<u32> {
    let words = name.split(|c: char| !c.is_alphanumeric());
    words.filter(|word| word.len() > 2 && *word != "the").map(|word| stem(&word.to_lowercase())).collect()
}

/// "Books first, then posters, then gifts": the words of each, as stems.
fn one_after_another(body: &str) -> Option<Vec<Vec<u32>>> {
    let (first, rest) = body.split_once(" first, then ")?;
    let rest = rest
        .split(['.', ';', ':'])
        .next()?
        .replace(", then ", ", ")
        .replace(" then ", ", ")
        .replace(", and ", ", ");
    let first = first.rsplit(['.', ',', ';', ':']).next()?;
    let names = std::iter::once(first).chain(rest.split(", "));
    let parts: Vec<Vec<u32>> = names
        .map(|name| {
            name.split_whitespace().filter(|word| word.len() > 2 && *word != "the").map(stem).collect()
        })
        .collect();
    (parts.len() >= 2 && parts.iter().all(|part| (1..=3).contains(&part.len()))).then_some(parts)
}

/// "Give the summary, the findings and the risks,": what the commas part.
fn listed(head: &str) -> Vec<String> {
    let head = head.rsplit_once(": ").map_or(head, |(_, list)| list);
    let joined = head.replace(" and then ", ", ").replace(" and ", ", ").replace(" then ", ", ");
    let names = joined.split(',').map(str::trim).filter(|name| !name.is_empty());
    let names: Vec<String> = names.map(str::to_string).collect();
    let short = names.iter().skip(1).all(|name| name.split_whitespace().count() <= 4);
    if names.len() >= 3 && short { names } else { Vec::new() }
}
