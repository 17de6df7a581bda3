//! The door through which the trainer sees units as the labelling does. Not for other programs.

use super::features::{self, Features, Observer};
use super::model::{Model, NAMES, Scores, VIEWS};
use super::{Reading, Views, opinion};
use crate::component::Component;
use crate::lexicon::{self, CUES};
use crate::outline;
use crate::slots;
use crate::source::Source;
use crate::span::Span;
use crate::units::{self, Unit, UnitKind};
use crate::words::Words;

/// A prompt as the labelling sees it.
pub struct Observed {
    /// The span of each unit that gets a label.
    pub spans: Vec<Span>,
    /// What is seen of each of them: feature keys and values.
    pub features: Vec<Vec<(u32, f32)>>,
    source: Source,
    units: Vec<Unit>,
    outline: outline::Outline,
    words: Words,
    all: Vec<Features>,
}

/// Reads a prompt and sees each of its units.
pub fn observe(source: Source) -> Observed {
    let words = Words::read(source.text(), source.body_start());
    let outline = outline::read(&source, &words);
    let units = units::read(&source, &words, &outline);
    let slots = slots::of(&source, &outline);
    let reading = Reading { source: &source, words: &words, outline: &outline, units: &units, slots: &slots };
    let mut observer = Observer::new(&reading);
    let mut all = Vec::new();
    for (index, unit) in units.iter().enumerate() {
        let mut hits = Vec::new();
        lexicon::find(words.within(unit.text), &mut hits);
        all.push(observer.see(index, unit, &hits).features);
    }
    let labelled = |index: &usize| units[*index].kind != UnitKind::Mark;
    let spans = (0..units.len()).filter(labelled).map(|index| units[index].text).collect();
    let features = (0..units.len()).filter(labelled).map(|index| all[index].clone()).collect();
    Observed { spans, features, source, units, outline, words, all }
}

/// What the lexicon says before anything is learned: feature keys with weights for each component.
pub fn priors() -> Vec<(u32, [f32; NAMES])> {
    let mut priors = Vec::new();
    let mut add = |name: u32, component: Component, weight: f32| {
        let mut weights = [0.0; NAMES];
        weights[component.index()] = weight;
        priors.push((name, weights));
        // A line that leads to a list speaks for the list, more softly.
        priors.push((features::led(name), weights.map(|weight| weight * 0.8)));
    };
    for cue in CUES {
        add(features::key("", cue.name), cue.component, cue.weight * 0.5);
    }
    for component in Component::ALL {
        let id = component.id();
        add(features::key("title is of ", id), component, 1.8);
        add(features::key("outer title is of ", id), component, 0.8);
        add(features::key("label is of ", id), component, 1.0);
        add(features::key("slot names ", id), component, 6.0);
    }
    add(features::key("", "a slot on its own"), Component::Context, 2.5);
    add(features::key("", "turn of a dialogue"), Component::Examples, 1.5);
    add(features::key("", "tells you what you do"), Component::Role, 1.6);
    // An order is hardly ever background, whatever reason it gives.
    add(features::key("is ", "an order"), Component::Context, -1.0);
    add(features::key("is ", "a statement"), Component::Context, 0.7);
    add(features::key("is ", "describes a thing"), Component::Context, 1.0);
    add(features::key("is ", "told by the author"), Component::Context, 0.8);
    add(features::key("tells of ", "people"), Component::Context, 1.0);
    add(features::key("tells of ", "the world"), Component::Context, 0.7);
    add(features::key("binds ", "a part of the reply"), Component::Constraints, 0.7);
    add(features::key("", "opens with a call"), Component::Context, 1.5);
    add(features::key("", "numbered item"), Component::Task, 0.8);
    add(features::key("", "speaks of the author"), Component::Context, 0.5);
    priors
}

impl Observed {
    /// What the second stage sees of each unit, given the first stage's weights.
    pub fn views(&self, keys: &[u32], weights: &[[f32; NAMES]]) -> Vec<[[f32; NAMES]; VIEWS.len()]> {
        let model =
            Model { keys, weights, second: &[[[0.0; NAMES]; NAMES]; VIEWS.len()], bias: &[0.0; NAMES] };
        let first: Vec<Scores> = self
            .units
            .iter()
            .zip(&self.all)
            .map(|(unit, features)| opinion(&model, unit, features))
            .collect();
        let reading = Reading {
            source: &self.source,
            words: &self.words,
            outline: &self.outline,
            units: &self.units,
            slots: &[],
        };
        let views = Views::new(&reading, &first);
        let labelled = |index: &usize| self.units[*index].kind != UnitKind::Mark;
        (0..self.units.len()).filter(labelled).map(|index| views.of(index)).collect()
    }

    /// The text under a span.
    pub fn slice(&self, span: Span) -> &str {
        self.source.slice(span)
    }
}
