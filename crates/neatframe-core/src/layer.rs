//! What a prompt is sent with: standing preferences, project files.

use crate::checks;
use crate::classify::{self, Label, Labelled, Reading};
use crate::frame::Part;
use crate::ledger::CountTokens;
use crate::lexicon::Hit;
use crate::likeness::{self, Gist};
use crate::outline;
use crate::requirement::{self, Requirement};
use crate::slots;
use crate::source::Source;
use crate::span::Span;
use crate::units;
use crate::words::Words;

/// A text that goes out before the prompt at every call. What it supplies, the prompt need not say.
#[derive(Clone, Debug)]
pub struct Layer {
    name: String,
    source: Source,
    tokens: usize,
    labels: Vec<Label>,
    requirements: Vec<Requirement>,
    /// What it demands, with the place.
    gists: Vec<(Gist, Span)>,
}

impl Layer {
    /// Reads a layer as prompts are read; `name` is what reviews call it.
    pub fn read(name: String, source: &Source, counter: &dyn CountTokens) -> Layer {
        let words = Words::read(source.text(), source.body_start());
        let outline = outline::read(source, &words);
        let units = units::read(source, &words, &outline);
        let slots = slots::of(source, &outline);
        let reading = Reading { source, words: &words, outline: &outline, units: &units, slots: &slots };
        let Labelled { mut labels, hits, .. } = classify::label(&reading, false);
        let sight = requirement::Sight {
            source,
            words: &words,
            outline: &outline,
            units: &units,
            labels: &labels,
            hits: &hits,
        };
        let requirements = requirement::read(&sight, checks::demands(&units, &labels));
        classify::note_demands(&mut labels, &requirements);
        let gists = checks::demands(&units, &labels)
            .map(|unit| {
                let quality = hits[unit].iter().any(Hit::names_quality);
                (likeness::gist(source.text(), words.within(units[unit].text), quality), units[unit].text)
            })
            .collect();
        let tokens = counter.count(source.text()).lengths.len();
        Layer { name, source: source.clone(), tokens, labels, requirements, gists }
    }

    /// What reviews call it.
    pub fn name(&self) -> &str {
        &self.name
    }

    /// Its length in tokens.
    pub fn tokens(&self) -> usize {
        self.tokens
    }

    /// What it demands, sorted by place in the layer.
    pub fn requirements(&self) -> &[Requirement] {
        &self.requirements
    }

    /// True when some unit of it serves a part.
    pub fn supplies(&self, part: Part) -> bool {
        checks::has(&self.labels, part)
    }

    /// The line on which a span of the layer starts.
    pub(crate) fn line(&self, span: Span) -> usize {
        self.source.position(span.start()).line
    }

    /// The words under a span of the layer, on one line.
    pub(crate) fn shown(&self, span: Span) -> String {
        checks::shown(&self.source, span)
    }

    /// The place in the layer that already makes a demand.
    pub(crate) fn says(&self, gist: &Gist) -> Option<Span> {
        self.gists
            .iter()
            .find(|(earlier, _)| !gist.stems.is_empty() && gist.is_said_by(earlier))
            .map(|(_, span)| *span)
    }
}
