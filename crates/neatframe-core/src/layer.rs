//! What a prompt is sent with: standing preferences, project files.

use crate::checks;
use crate::classify::{self, Label, Reading};
use crate::frame::Part;
use crate::ledger::CountTokens;
use crate::outline;
use crate::slots;
use crate::source::Source;
use crate::units;
use crate::words::Words;

/// A text that goes out before the prompt at every call. What it supplies, the prompt need not say.
#[derive(Clone, Debug)]
pub struct Layer {
    name: String,
    tokens: usize,
    labels: Vec<Label>,
}

impl Layer {
    /// Reads a layer as prompts are read; `name` is what reviews call it.
    pub fn read(name: String, source: &Source, counter: &dyn CountTokens) -> Layer {
        let words = Words::read(source.text(), source.body_start());
        let outline = outline::read(source, &words);
        let units = units::read(source, &words, &outline);
        let slots = slots::of(source, &outline);
        let reading = Reading { source, words: &words, outline: &outline, units: &units, slots: &slots };
        let labels = classify::label(&reading).labels;
        Layer { name, tokens: counter.count(source.text()).lengths.len(), labels }
    }

    /// What reviews call it.
    pub fn name(&self) -> &str {
        &self.name
    }

    /// Its length in tokens.
    pub fn tokens(&self) -> usize {
        self.tokens
    }

    /// True when some unit of it serves a part.
    pub fn supplies(&self, part: Part) -> bool {
        checks::has(&self.labels, part)
    }
}
