//! Tokens and money: what each part of a prompt costs, and what would save.

use super::report::{counted, grouped};
use super::style::{self, paint};
use crate::args::TokensArgs;
use crate::output::visible;
use crate::prices::{Call, PriceList};
use anyhow::Result;
use neatframe_core::{Component, CountTokens, Review, Span};
use serde_json::{Value, json};
use std::fmt::Write as _;

/// What one call of a prompt comes to.
pub(crate) struct Bill {
    call: Call,
    /// Tokens of all slots as they are written.
    slots: usize,
    /// The head if all slots stood at the end.
    best_head: usize,
    /// The reply's tokens, at least and at most, from its stated length.
    reply: Option<(Option<usize>, Option<usize>)>,
    /// The window to fit in.
    window: Option<usize>,
    /// Name, price of a call without and with a cache.
    money: Vec<(String, f64, f64)>,
    calls: Option<u64>,
    currency: String,
    date: String,
}

impl Bill {
    pub(crate) fn new(review: &Review, args: &TokensArgs, prices: Option<&PriceList>) -> Bill {
        let ledger = review.ledger();
        let layers: usize = review.layers().iter().map(|layer| layer.tokens()).sum();
        let slots: usize = ledger.by_slot.iter().map(|tokens| *tokens as usize).sum();
        let filled: usize = args.fill.iter().map(|(name, tokens)| tokens * times(review, name)).sum();
        let known = |at: usize| args.fill.iter().any(|(name, _)| *name == slot_name(review, at));
        let replaced: usize =
            (0..ledger.by_slot.len()).filter(|&at| known(at)).map(|at| ledger.by_slot[at] as usize).sum();
        // A unit with a slot in it changes from call to call.
        let holds_slot = |unit: Span| {
            let first = review.slots().partition_point(|slot| slot.span.start() < unit.start());
            review.slots().get(first).is_some_and(|slot| unit.contains(slot.span))
        };
        let changing: usize = review
            .units()
            .iter()
            .zip(&ledger.by_unit)
            .filter(|(unit, _)| holds_slot(unit.text))
            .map(|(_, tokens)| *tokens as usize)
            .sum();
        let reply = review.reply_tokens();
        let expected = reply.and_then(|(least, most)| most.or(least)).unwrap_or(0);
        let call = Call {
            input: ledger.total + layers - replaced + filled,
            head: ledger.head + layers,
            reply: expected,
        };
        let money = prices.map_or(Vec::new(), |list| {
            list.price
                .iter()
                .map(|price| (price.name.clone(), price.of(call, false), price.of(call, true)))
                .collect()
        });
        let smallest = prices.and_then(|list| list.price.iter().filter_map(|price| price.window).min());
        Bill {
            call,
            slots,
            best_head: ledger.total - changing + layers,
            reply,
            window: args.window.or(smallest.map(|window| window as usize)),
            money,
            calls: args.calls,
            currency: prices.map_or(String::new(), |list| list.currency.clone()),
            date: prices.map_or(String::new(), |list| list.date.to_string()),
        }
    }
}

fn slot_name(review: &Review, at: usize) -> String {
    review.source().slice(review.slots()[at].inner).trim().to_string()
}

/// The names of a prompt's slots, one for each place.
pub(crate) fn slot_names(review: &Review) -> impl Iterator<Item = String> + '_ {
    (0..review.slots().len()).map(|at| slot_name(review, at))
}

/// How often a slot stands in the prompt.
fn times(review: &Review, name: &str) -> usize {
    slot_names(review).filter(|slot| slot == name).count()
}

/// Tokens of all prompts of a call.
#[derive(Default)]
pub(crate) struct Total {
    prompts: usize,
    tokens: usize,
    money: Vec<(String, f64, f64)>,
}

impl Total {
    pub(crate) fn add(&mut self, bill: &Bill) {
        self.prompts += 1;
        self.tokens += bill.call.input;
        for (at, (name, plain, cached)) in bill.money.iter().enumerate() {
            match self.money.get_mut(at) {
                Some(sum) => {
                    sum.1 += plain;
                    sum.2 += cached;
                }
                None => self.money.push((name.clone(), *plain, *cached)),
            }
        }
    }
}

/// A part of a prompt: what sort, its name, its tokens.
struct Row {
    sort: &'static str,
    name: String,
    tokens: usize,
}

/// The parts by component, section, slot, layer.
fn rows(review: &Review) -> Vec<Row> {
    let ledger = review.ledger();
    let mut rows: Vec<Row> = Component::ALL
        .into_iter()
        .map(|component| Row {
            sort: "component",
            name: component.name().into(),
            tokens: ledger.by_component[component.index()],
        })
        .collect();
    rows.push(Row { sort: "component", name: "headings, marks, blanks".into(), tokens: ledger.marks });
    // What stands in a section stands in those around it as well.
    let mut within = vec![0; review.outline().sections.len()];
    for (unit, tokens) in review.units().iter().zip(&ledger.by_unit) {
        review.outline().chain(unit.section).for_each(|outer| within[outer] += *tokens as usize);
    }
    for (section, tokens) in review.outline().sections.iter().zip(within).skip(1) {
        let title = review.source().slice(section.title).trim();
        if !title.is_empty() {
            rows.push(Row { sort: "section", name: title.to_string(), tokens });
        }
    }
    for at in 0..review.slots().len() {
        rows.push(Row { sort: "slot", name: slot_name(review, at), tokens: ledger.by_slot[at] as usize });
    }
    for layer in review.layers() {
        rows.push(Row { sort: "layer", name: layer.name().to_string(), tokens: layer.tokens() });
    }
    rows
}

/// Columns for the name of a part.
const NAME: usize = 26;
/// Sections and slots that are shown; JSON and CSV list all.
const SHOWN: usize = 12;

/// One prompt, for people.
pub(crate) fn text(name: &str, review: &Review, bill: &Bill, colour: bool, width: usize) -> String {
    let ledger = review.ledger();
    let mut out = String::new();
    let about = if ledger.exact { "" } else { "about " };
    let facts =
        format!("{about}{} tokens ({}), slots as they are written", grouped(ledger.total), ledger.encoding);
    let _ = writeln!(
        out,
        "{}  {}\n",
        paint(style::BOLD, &visible(name), colour),
        paint(style::DIM, &facts, colour)
    );
    let longest = width.saturating_sub(NAME + 22).clamp(10, 40);
    let (mut sort, mut nth) = ("", 0);
    let mut all = rows(review);
    if let Some(first) = all.iter().position(|row| row.sort == "layer") {
        all.insert(first, Row { sort: "layer", name: "the prompt itself".into(), tokens: ledger.total });
    }
    let sent: usize = all.iter().filter(|row| row.sort == "layer").map(|row| row.tokens).sum();
    for row in all.iter().filter(|row| row.tokens > 0) {
        nth += 1;
        if row.sort != sort {
            (sort, nth) = (row.sort, 0);
            let _ = writeln!(out, "  {}", paint(style::BOLD, &format!("by {sort}"), colour));
        }
        match nth {
            SHOWN => {
                let _ = writeln!(out, "  {}", paint(style::DIM, "… --format json lists all", colour));
                continue;
            }
            nth if nth > SHOWN => continue,
            _ => {}
        }
        let whole = if row.sort == "layer" { sent } else { ledger.total };
        let share = (row.tokens * 100 + whole / 2).checked_div(whole).unwrap_or(0);
        let mut shown = visible(&row.name);
        if let Some((at, _)) = shown.char_indices().nth(NAME - 2) {
            shown.truncate(at);
            shown.push('…');
        }
        let bar = "█".repeat((share.min(100) * longest).div_ceil(100));
        let _ = writeln!(
            out,
            "    {shown:<NAME$}{:>7} {share:>3} %  {}",
            grouped(row.tokens),
            paint(style::GOOD, &bar, colour)
        );
    }
    out.push('\n');
    let mut fact = |label: &str, text: String| {
        let first = format!("  {label:<15}");
        let options =
            textwrap::Options::new(width).initial_indent(&first).subsequent_indent("                 ");
        let _ = writeln!(out, "{}", textwrap::fill(&text, options));
    };
    fact("one call", format!("{} tokens in{}", grouped(bill.call.input), reply(bill)));
    fact("stable head", head(review, bill));
    if let Some(window) = bill.window {
        let share = (bill.call.input + bill.call.reply) as f64 * 100.0 / window.max(1) as f64;
        fact("window", format!("{share:.1} % of {} tokens", grouped(window)));
    }
    let saved: usize = savings(review).into_iter().map(|(_, tokens)| tokens).sum();
    if saved > 0 {
        fact(
            "could go",
            format!(
                "about {} in doubles and padding; `neatframe review` names them",
                counted(saved, "token")
            ),
        );
    }
    for (target, plain, cached) in &bill.money {
        fact(target, money(bill, *plain, *cached));
    }
    out.push('\n');
    out
}

fn reply(bill: &Bill) -> String {
    match bill.reply {
        None => "; the reply's length is not stated".into(),
        Some((Some(least), Some(most))) if least != most => {
            format!(", {} to {} out", grouped(least), grouped(most))
        }
        Some((_, Some(most))) => format!(", up to about {} out", grouped(most)),
        Some((Some(least), None)) => format!(", {} or more out", grouped(least)),
        Some((None, None)) => String::new(),
    }
}

/// The part that a cache can hold, and what moving the slots would do for it.
fn head(review: &Review, bill: &Bill) -> String {
    let total = bill.call.input.max(1);
    let share = bill.call.head * 100 / total;
    if review.slots().is_empty() {
        return "all of it: there is no slot".into();
    }
    let now = format!("{} before the first slot ({share} %)", counted(bill.call.head, "token"));
    if bill.best_head > bill.call.head + bill.call.input / 20 {
        let best = bill.best_head * 100 / total;
        return format!(
            "{now}; with the slots at the end it would be {} ({best} %)",
            grouped(bill.best_head)
        );
    }
    now
}

/// Findings whose words can go, with the tokens that this saves.
fn savings(review: &Review) -> Vec<(Span, usize)> {
    let lengths = |span: Span| {
        let first = review.units().partition_point(|unit| unit.text.end() <= span.start());
        let units = review.units()[first..].iter().zip(&review.ledger().by_unit[first..]);
        let bytes = |of: Span| of.len().max(1);
        // A share of the unit's tokens: exact to the token only for whole units.
        let inside = units.take_while(|(unit, _)| unit.text.start() < span.end());
        inside
            .map(|(unit, tokens)| *tokens as usize * Span::clamp(span, unit.text).len() / bytes(unit.text))
            .sum()
    };
    let goes = |finding: &&neatframe_core::Finding| matches!(finding.check, "said-before" | "padding");
    review.findings().iter().filter(goes).map(|finding| (finding.span, lengths(finding.span))).collect()
}

fn money(bill: &Bill, plain: f64, cached: f64) -> String {
    let currency = visible(&bill.currency);
    let mut text = format!("{} {currency} a call", small(plain));
    if cached < plain {
        let _ = write!(text, ", {} with the head cached", small(cached));
    }
    if let Some(calls) = bill.calls {
        let day = cached * calls as f64;
        let _ = write!(
            text,
            "; {} a day, {} a month at {} calls a day",
            small(day),
            small(day * 30.0),
            grouped(calls as usize)
        );
    }
    format!("{text} (prices of {})", bill.date)
}

/// Two significant digits for small sums, two decimals for large ones.
fn small(sum: f64) -> String {
    if sum >= 1.0 {
        format!("{sum:.2}")
    } else {
        format!("{sum:.6}").trim_end_matches('0').trim_end_matches('.').to_string()
    }
}

/// All prompts of a call, for people.
pub(crate) fn total(total: &Total, prices: Option<&PriceList>, args: &TokensArgs, colour: bool) -> String {
    let mut out = String::new();
    if total.prompts > 1 {
        let head = counted(total.prompts, "prompt");
        let _ = writeln!(out, "{} · {} tokens", paint(style::BOLD, &head, colour), grouped(total.tokens));
        let currency = prices.map_or("", |list| list.currency.as_str());
        for (name, _, cached) in &total.money {
            let day =
                args.calls.map_or(String::new(), |calls| format!(", {} a day", small(cached * calls as f64)));
            let _ = writeln!(
                out,
                "  {:<15}{} {} for one call of each{day}",
                visible(name),
                small(*cached),
                visible(currency)
            );
        }
    }
    if prices.is_none() && total.prompts > 0 {
        let word = "no price list: --prices FILE adds money; docs/tokens.md shows one";
        let _ = writeln!(out, "{}", paint(style::DIM, word, colour));
    }
    out
}

/// The first line of the table for spreadsheets.
pub(crate) const CSV_HEAD: &str = "path,sort,name,tokens\n";

/// One prompt as lines for spreadsheets.
pub(crate) fn csv(path: &str, review: &Review, bill: &Bill) -> String {
    let quoted = |text: &str| format!("\"{}\"", text.replace('"', "\"\"").replace(['\n', '\r'], " "));
    let mut out = String::new();
    for row in rows(review) {
        let _ = writeln!(out, "{},{},{},{}", quoted(path), row.sort, quoted(&row.name), row.tokens);
    }
    let _ = writeln!(out, "{},total,\"one call\",{}", quoted(path), bill.call.input);
    out
}

/// One prompt for programs.
pub(crate) fn json(path: &str, review: &Review, bill: &Bill, counter: &dyn CountTokens) -> Value {
    let ledger = review.ledger();
    let of = |sort: &str| -> Vec<Value> {
        let found = rows(review).into_iter().filter(|row| row.sort == sort);
        found.map(|row| json!({ "name": row.name, "tokens": row.tokens })).collect()
    };
    let units: Vec<Value> = review
        .units()
        .iter()
        .zip(&ledger.by_unit)
        .map(|(unit, tokens)| {
            let place = review.source().on_disk(unit.text);
            json!({ "start": place.start(), "end": place.end(), "tokens": tokens })
        })
        .collect();
    let saves: Vec<Value> = savings(review)
        .into_iter()
        .map(|(span, tokens)| {
            let place = review.source().on_disk(span);
            json!({ "start": place.start(), "end": place.end(), "tokens": tokens })
        })
        .collect();
    let (least, most) = bill.reply.unwrap_or((None, None));
    let money: Vec<Value> = bill
        .money
        .iter()
        .map(|(name, plain, cached)| {
            let day = bill.calls.map(|calls| cached * calls as f64);
            json!({ "name": name, "currency": bill.currency, "date": bill.date, "call": plain, "call_cached": cached, "day": day, "month": day.map(|day| day * 30.0) })
        })
        .collect();
    json!({
        "path": path,
        "encoding": counter.encoding(),
        "exact": ledger.exact,
        "total": ledger.total,
        "call": bill.call.input,
        "stable_head": bill.call.head,
        "stable_head_with_slots_last": bill.best_head,
        "slot_tokens": bill.slots,
        "reply": { "least": least, "most": most },
        "window": bill.window,
        "components": of("component"),
        "sections": of("section"),
        "slots": of("slot"),
        "layers": of("layer"),
        "units": units,
        "could_go": saves,
        "money": money,
    })
}

/// All prompts for programs.
pub(crate) fn json_all(documents: Vec<Value>, failed: &[(String, anyhow::Error)]) -> Result<String> {
    let errors: Vec<Value> =
        failed.iter().map(|(path, error)| json!({ "path": path, "error": format!("{error:#}") })).collect();
    let total: u64 = documents.iter().filter_map(|document| document["call"].as_u64()).sum();
    let all =
        json!({ "schema": "neatframe.tokens/1", "documents": documents, "total": total, "errors": errors });
    Ok(serde_json::to_string_pretty(&all)? + "\n")
}
