//! A short note for whoever will use a prompt: what to fill in, what is sent along, what comes back.

use super::style::{self, paint};
use crate::counter::Counter;
use crate::output::visible;
use neatframe_core::{Component, CountTokens, Review};
use std::fmt::Write as _;

pub(crate) fn note(prompt: &Review, counter: &Counter, colour: bool, width: usize) -> String {
    let mut out = String::new();
    let mut line = |head: &str, text: &str| {
        let first = format!("  {head:<12} ");
        let options =
            textwrap::Options::new(width).initial_indent(&first).subsequent_indent("               ");
        let _ = writeln!(out, "{}", textwrap::fill(text, options));
    };
    let mut names: Vec<String> = Vec::new();
    for slot in prompt.slots() {
        let name = visible(prompt.source().slice(slot.inner).trim());
        if !names.contains(&name) {
            names.push(name);
        }
    }
    line(
        "fill in",
        &if names.is_empty() { "nothing: it can be sent as it is".to_string() } else { names.join("; ") },
    );
    let layers: Vec<String> = prompt.layers().iter().map(|layer| visible(layer.name())).collect();
    if !layers.is_empty() {
        line("send with", &layers.join(", "));
    }
    line(
        "costs",
        &format!(
            "{} tokens of {} for each call, slots as they are written",
            prompt.ledger().total,
            counter.encoding()
        ),
    );
    let shape = |unit: &usize| prompt.labels()[*unit].component == Some(Component::OutputFormat);
    let first =
        (0..prompt.units().len()).find(shape).map(|unit| prompt.source().slice(prompt.units()[unit].text));
    let back = first.map(|text| visible(&text.split_whitespace().collect::<Vec<_>>().join(" ")));
    line("comes back", &back.unwrap_or_else(|| "a text of no stated shape".into()));
    format!("{}\n{out}\n", paint(style::BOLD, "how to use it", colour))
}
