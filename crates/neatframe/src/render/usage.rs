//! A short note for whoever will use a prompt: what to fill in, what is sent along, what comes back.

use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::{Component, Review};
use serde::Serialize;
use std::fmt::Write as _;

/// What a prompt's user has to know.
#[derive(Serialize)]
pub(crate) struct Usage {
    /// The slots, each once, as they are named.
    fill_in: Vec<String>,
    /// What is sent along.
    send_with: Vec<String>,
    /// The cost of each call in tokens of the encoding, slots as they are written.
    tokens: usize,
    encoding: String,
    /// The line that says what comes back; none where no shape is stated.
    comes_back: Option<String>,
}

impl Usage {
    pub(crate) fn of(prompt: &Review) -> Usage {
        let mut fill_in: Vec<String> = Vec::new();
        for slot in prompt.slots() {
            let name = visible(prompt.source().slice(slot.inner).trim());
            if !fill_in.contains(&name) {
                fill_in.push(name);
            }
        }
        let shape = |unit: &usize| prompt.labels()[*unit].component == Some(Component::OutputFormat);
        let first = (0..prompt.units().len())
            .find(shape)
            .map(|unit| prompt.source().slice(prompt.units()[unit].text));
        Usage {
            fill_in,
            send_with: prompt.layers().iter().map(|layer| visible(layer.name())).collect(),
            tokens: prompt.ledger().total,
            encoding: prompt.ledger().encoding.clone(),
            comes_back: first.map(|text| visible(&text.split_whitespace().collect::<Vec<_>>().join(" "))),
        }
    }

    pub(crate) fn note(&self, colour: bool, width: usize) -> String {
        let mut out = String::new();
        let mut line = |head: &str, text: &str| {
            let first = format!("  {head:<12} ");
            let options =
                textwrap::Options::new(width).initial_indent(&first).subsequent_indent("               ");
            let _ = writeln!(out, "{}", textwrap::fill(text, options));
        };
        let nothing = self.fill_in.is_empty();
        line(
            "fill in",
            &if nothing { "nothing: it can be sent as it is".into() } else { self.fill_in.join("; ") },
        );
        if !self.send_with.is_empty() {
            line("send with", &self.send_with.join(", "));
        }
        let Usage { tokens, encoding, .. } = self;
        line("costs", &format!("{tokens} tokens of {encoding} for each call, slots as they are written"));
        line("comes back", self.comes_back.as_deref().unwrap_or("a text of no stated shape"));
        format!("{}\n{out}\n", paint(style::BOLD, "how to use it", colour))
    }
}
