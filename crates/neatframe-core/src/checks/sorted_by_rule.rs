//! Samples that are sorted against a rule: "a mail that names a court or a lawyer is LEGAL", and a lawyer's mail under DESK.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::samples::Side;
use crate::words::{Word, Words};
use std::borrow::Cow;

/// Verbs between a thing and what is found in it.
const HOLDS: [&str; 10] = [
    "names", "mentions", "contains", "cites", "reports", "describes", "name", "mention", "contain", "report",
];
/// Verbs between a case and its label.
const GETS: [&str; 12] =
    ["is", "are", "gets", "get", "goes", "go", "counts", "count", "belongs", "belong", "becomes", "become"];
/// How many rules of this form are held against the samples.
const RULES: usize = 16;
/// Words from which a sentence says more than this.
const LONG: usize = 28;

/// What an input holds, any of it, and the label that it then has.
struct Sorted {
    unit: usize,
    holds: Vec<u32>,
    label: String,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    if case.samples.is_empty() {
        return;
    }
    let rules: Vec<Sorted> = case.demands().filter_map(|unit| read(case, unit)).take(RULES).collect();
    if rules.is_empty() {
        return;
    }
    for pair in case.samples.windows(2) {
        let [input, output] = pair else { continue };
        if input.side != Side::Input || output.side != Side::Output {
            continue;
        }
        let body = case.text(input.content);
        let stems: Vec<u32> = Words::read(body, 0).all().iter().map(|word| stem(&word.lower(body))).collect();
        let label = case.text(output.content).trim().trim_matches(['"', '`', '.', '*']);
        let meets = |rule: &&Sorted| rule.holds.iter().any(|stem| stems.contains(stem));
        // Where two rules hold, either label will do.
        let broken = rules.iter().find(meets).filter(|_| {
            is_label(label) && rules.iter().filter(meets).all(|rule| !rule.label.eq_ignore_ascii_case(label))
        });
        if let Some(rule) = broken {
            let what = format!("a sample is sorted as `{label}`, not `{}`", rule.label);
            report(case, sink, output.content, what, case.units[rule.unit].text);
        }
    }
}

/// One word or two, as a label has.
fn is_label(words: &str) -> bool {
    !words.is_empty() && words.split_whitespace().count() <= 2 && !words.contains(['{', ':', ','])
}

fn read(case: &Case<'_>, unit: usize) -> Option<Sorted> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || case.labels[unit].component == Some(Component::Examples) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let any = matches!(&*lower(0), "a" | "an" | "any" | "every" | "each");
    let that = (2..words.len().min(5)).find(|&at| matches!(&*lower(at), "that" | "which"))?;
    let verb = that + 1;
    if !any || !HOLDS.contains(&&*lower(verb)) {
        return None;
    }
    let gets = (verb + 2..words.len()).find(|&at| GETS.contains(&&*lower(at)))?;
    let shouted = |word: &&Word| {
        let word = word.text(text);
        word.len() >= 3 && word.chars().all(|c| c.is_ascii_uppercase() || c == '_')
    };
    let label = words[gets + 1..].iter().take(4).find(shouted)?.text(text).to_string();
    let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
    // One thing or another, each told by one word: two words together are not found by either.
    let mut holds = Vec::new();
    let mut single = true;
    for part in words[verb + 1..gets].split(|word| matches!(&*word.lower(text), "or" | ",")) {
        let named: Vec<&Word> =
            part.iter().filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP)).collect();
        single &= named.len() <= 1;
        holds.extend(named.last().map(|word| stem(&word.lower(text))));
    }
    (!denied && single && !holds.is_empty()).then_some(Sorted { unit, holds, label })
}
