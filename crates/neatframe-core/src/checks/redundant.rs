//! Demands that were already made.

use super::{Case, Check, Meta, Sink};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::likeness::{Gist, gist};
use std::collections::HashMap;

/// A demand says again what an earlier one said and adds nothing.
pub(super) struct SaidBefore;

static META: Meta = Meta {
    id: "said-before",
    family: Family::Redundant,
    severity: Severity::Warning,
    summary: "a demand that an earlier one already makes",
    why: "A double costs tokens twice, and the day one of them is changed the two contradict each other.",
    bad: &[
        "Write a notice. Name the pier in the first line. Keep it under 80 words. Always name the pier in the first line.",
        "Give a link for every fare.\nName the crew.\nEach fare has to come with its link.",
        "Keep it under 400 words, all parts counted.\nUse plain words.\nThe total length must stay below 400 words.",
    ],
    good: &[
        "Name the pier in the first line. Name the ferry in the second line.",
        "Ask one question per turn. Name the pier. Once more, because it matters most: one question per turn.",
        "Titles have at most 8 words. Bullets have at most 12 words.",
    ],
};

/// How many earlier demands with a shared word are compared, the latest first: keeps long prompts linear.
const CANDIDATES: usize = 48;

impl Check for SaidBefore {
    fn meta(&self) -> &'static Meta {
        &META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut by_stem: HashMap<u32, Vec<usize>> = HashMap::new();
        let mut gists: HashMap<usize, Gist> = HashMap::new();
        for unit in case.demands() {
            let gist = gist(case.source.text(), case.words_of(unit));
            if gist.stems.is_empty() {
                continue;
            }
            let twin = candidates(&gist, &by_stem).into_iter().find(|earlier| gist.is_said_by(&gists[earlier]));
            if let Some(earlier) = twin
                && !is_emphasis(case, unit)
            {
                let (this, that) = (case.units[unit].text, case.units[earlier].text);
                let line = case.source.position(that.start()).line;
                let message = format!("line {line} already says this: `{}`", excerpt(case.text(that)));
                sink.report(this, message, "keep the clearer of the two").related.push(that);
                continue;
            }
            for &stem in &gist.stems {
                by_stem.entry(stem).or_default().push(unit);
            }
            gists.insert(unit, gist);
        }
    }
}

/// Earlier demands that share the rarest words, in order.
fn candidates(gist: &Gist, by_stem: &HashMap<u32, Vec<usize>>) -> Vec<usize> {
    let mut lists: Vec<&Vec<usize>> = gist.stems.iter().filter_map(|stem| by_stem.get(stem)).collect();
    lists.sort_by_key(|list| list.len());
    let mut found: Vec<usize> =
        lists.iter().take(2).flat_map(|list| list.iter().rev().take(CANDIDATES)).copied().collect();
    found.sort_unstable();
    found.dedup();
    found
}

/// A restatement that says that it is one, as the last words of a prompt often do.
fn is_emphasis(case: &Case<'_>, unit: usize) -> bool {
    let text = case.text(case.units[unit].text).to_lowercase();
    let announced = ["once more", "above all", "to repeat", "most important", "remember:", "remember,", "critical:"]
        .iter()
        .any(|sign| text.contains(sign));
    let quoted = case.words_of(unit).first().is_some_and(|word| word.is(vocabulary::QUOTE));
    announced && !quoted
}

fn excerpt(text: &str) -> String {
    let line: String = text.split_whitespace().collect::<Vec<_>>().join(" ");
    match line.char_indices().nth(60) {
        Some((at, _)) => format!("{}…", line[..at].trim_end()),
        None => line,
    }
}
