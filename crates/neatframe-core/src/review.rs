//! From a source to a review: the one way through.

use crate::checks::{self, Case, Level};
use crate::classify::{self, Label, Labelled, Reading};
use crate::component::Component;
use crate::finding::Finding;
use crate::frame::{Frame, Part};
use crate::house::{HouseKind, HouseWords};
use crate::kind::{self, Kind};
use crate::language;
use crate::layer::Layer;
use crate::ledger::{self, CountTokens, Ledger};
use crate::lexicon::vocabulary;
use crate::limits::Limits;
use crate::outline::{self, Outline, PieceKind, SectionId};
use crate::repeats;
use crate::requirement::{self, Requirement};
use crate::samples;
use crate::slots::{self, Slot};
use crate::source::Source;
use crate::span::Span;
use crate::units::{self, Unit, UnitKind};
use crate::words::{Word, Words};

/// What a review is asked to do.
#[derive(Clone, Debug, Default)]
pub struct Settings {
    /// The kind of work; recognised from the prompt when it is `None`.
    pub kind: Option<Kind>,
    /// The frame to hold the prompt against; when it is `None`, the first that serves the kind of work.
    pub frame: Option<Frame>,
    /// What the prompt is sent with.
    pub layers: Vec<Layer>,
    /// Frames of the house, which come before the built-in ones.
    pub frames: Vec<Frame>,
    /// Kinds of work of the house.
    pub kinds: Vec<HouseKind>,
    /// What the house allows.
    pub limits: Limits,
    /// How the house treats single checks, by id; later ones do not override earlier ones.
    pub levels: Vec<(&'static str, Level)>,
    /// The house's own words.
    pub words: HouseWords,
    /// Whether each label keeps the evidence it rests on, for people to read.
    pub evidence: bool,
}

impl Settings {
    pub(crate) fn frame_for(&self, kind: Option<&Kind>) -> Frame {
        let serves = |frame: &&Frame| kind.is_some_and(|kind| frame.serves.contains(&kind.name));
        let chosen = || self.frames.iter().chain(Frame::built_in()).find(serves);
        self.frame.as_ref().or_else(chosen).unwrap_or(Frame::general()).clone()
    }
}

/// Everything that is known of one prompt.
#[derive(Debug)]
pub struct Review {
    source: Source,
    outline: Outline,
    units: Vec<Unit>,
    labels: Vec<Label>,
    slots: Vec<Slot>,
    words: Words,
    titles: Vec<Option<Component>>,
    settings: Settings,
    language: Option<&'static str>,
    kind: Option<Kind>,
    frame: Frame,
    requirements: Vec<Requirement>,
    findings: Vec<Finding>,
    ledger: Ledger,
}

/// A stretch of the prompt that is for one thing.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Stretch {
    /// What it is for; `None` for headings and the like.
    pub component: Option<Component>,
    /// Where it is.
    pub span: Span,
}

/// Reviews a prompt. Never fails: whatever is wrong with the text is a finding.
pub fn review(source: Source, settings: &Settings, counter: &dyn CountTokens) -> Review {
    let words = Words::read(source.text(), source.body_start());
    let outline = outline::read(&source, &words);
    let units = units::read(&source, &words, &outline);
    let slots = slots::of(&source, &outline);
    let reading = Reading { source: &source, words: &words, outline: &outline, units: &units, slots: &slots };
    let Labelled { mut labels, hits, titles } = classify::label(&reading, settings.evidence);
    classify::some_task(&reading, &mut labels);
    let sight = requirement::Sight {
        source: &source,
        words: &words,
        outline: &outline,
        units: &units,
        labels: &labels,
        hits: &hits,
    };
    let requirements = requirement::read(&sight, checks::demands(&units, &labels));
    classify::note_demands(&mut labels, &requirements);
    let demands: Vec<usize> = checks::demands(&units, &labels).collect();
    let repeats =
        repeats::find(&source, &words, &units, &hits, demands.iter().copied(), &requirements, &labels);
    let language = language::recognise(source.text(), &words);
    let kind = settings
        .kind
        .clone()
        .or_else(|| kind::recognise(&source, &words, &units, &labels, &hits, &settings.kinds));
    let frame = settings.frame_for(kind.as_ref());
    let parts: Vec<(Span, Option<Component>)> =
        units.iter().zip(&labels).map(|(unit, label)| (unit.text, label.component)).collect();
    let ledger = ledger::count(source.text(), &parts, &slots, counter);
    let mut case = Case {
        source: &source,
        words: &words,
        outline: &outline,
        units: &units,
        labels: &labels,
        hits: &hits,
        slots: &slots,
        frame: &frame,
        language,
        layers: &settings.layers,
        repeats: &repeats,
        requirements: &requirements,
        settings,
        ledger: &ledger,
        demands,
        samples: Vec::new(),
        word_ranges: units
            .iter()
            .map(|unit| words.range(unit.text))
            .map(|range| (range.start as u32, range.end as u32))
            .collect(),
    };
    case.samples = samples::read(&case);
    let findings = checks::run(&case);
    Review {
        source,
        outline,
        units,
        labels,
        slots,
        words,
        titles,
        settings: settings.clone(),
        language,
        kind,
        frame,
        requirements,
        findings,
        ledger,
    }
}

impl Review {
    /// The prompt's text.
    pub fn source(&self) -> &Source {
        &self.source
    }

    /// Its layout.
    pub fn outline(&self) -> &Outline {
        &self.outline
    }

    /// Its units, in order.
    pub fn units(&self) -> &[Unit] {
        &self.units
    }

    /// What each unit is for, beside [`Review::units`].
    pub fn labels(&self) -> &[Label] {
        &self.labels
    }

    /// Its slots, in order.
    pub fn slots(&self) -> &[Slot] {
        &self.slots
    }

    /// The component that a section's own title speaks for.
    pub fn title_component(&self, section: SectionId) -> Option<Component> {
        self.titles[section]
    }

    /// The unit that holds the start of a span.
    pub(crate) fn unit_at(&self, span: Span) -> Option<usize> {
        let after = self.units.partition_point(|unit| unit.text.start() <= span.start());
        after.checked_sub(1).filter(|&unit| self.units[unit].text.end() > span.start())
    }

    pub(crate) fn words_of(&self, unit: usize) -> &[Word] {
        self.words_in(self.units[unit].text)
    }

    /// True where the first slot that begins in a stretch or behind it ends in it as well.
    pub(crate) fn holds_slot(&self, span: Span) -> bool {
        let at = self.slots.partition_point(|slot| slot.span.start() < span.start());
        self.slots.get(at).is_some_and(|slot| span.contains(slot.span))
    }

    /// The words of a stretch, punctuation included.
    pub(crate) fn words_in(&self, span: Span) -> &[Word] {
        self.words.within(span)
    }

    /// The frame it was held against.
    pub fn frame(&self) -> &Frame {
        &self.frame
    }

    /// The language that it is written in, when that is not English; checks of English wording then stand aside.
    pub fn language(&self) -> Option<&'static str> {
        self.language
    }

    pub(crate) fn settings(&self) -> &Settings {
        &self.settings
    }

    /// The kind of work that it asks for, when that is evident.
    pub fn kind(&self) -> Option<&Kind> {
        self.kind.as_ref()
    }

    /// What it demands, sorted by place.
    pub fn requirements(&self) -> &[Requirement] {
        &self.requirements
    }

    /// What is wrong with it, sorted by place.
    pub fn findings(&self) -> &[Finding] {
        &self.findings
    }

    /// Drops the findings that are not to be kept, such as those that a house has accepted.
    pub fn keep_findings(&mut self, keep: impl FnMut(&Finding) -> bool) {
        self.findings.retain(keep);
    }

    /// Its tokens.
    pub fn ledger(&self) -> &Ledger {
        &self.ledger
    }

    /// How many tokens the reply is expected to have, at least and at most, from the length that the prompt states, or else
    /// what is sent along with it.
    pub fn reply_tokens(&self) -> Option<(Option<usize>, Option<usize>)> {
        let of_layers =
            || self.layers().iter().find_map(|layer| requirement::reply_tokens(layer.requirements()));
        requirement::reply_tokens(&self.requirements).or_else(of_layers)
    }

    /// The prompt as stretches of one component each, in order, without overlap.
    pub fn parts(&self) -> Vec<Stretch> {
        let mut parts: Vec<Stretch> = Vec::new();
        for (at, unit) in self.units.iter().enumerate() {
            let component = self.component_on_its_line(at);
            // An item's marker and a label's name belong to the part.
            let piece = &self.outline.pieces[unit.pieces.start];
            let start = if unit.opens_piece && unit.kind != UnitKind::Mark {
                piece.lead.start().min(unit.text.start())
            } else {
                unit.text.start()
            };
            let span = Span::new(start, unit.text.end());
            match parts.last_mut() {
                Some(last) if last.component == component && self.same_message(last.span, span) => {
                    last.span = last.span.cover(span)
                }
                _ => parts.push(Stretch { component, span }),
            }
        }
        parts
    }

    /// The component of a unit; a mark takes that of the words on its line, as in `<log>{{log}}</log>`.
    fn component_on_its_line(&self, at: usize) -> Option<Component> {
        let text = self.source.text();
        let joined = |one: usize, two: usize| {
            !text[self.units[one].text.end()..self.units[two].text.start()].contains('\n')
        };
        let own = |at: usize| self.labels[at].component.filter(|_| self.units[at].kind != UnitKind::Mark);
        if self.units[at].kind != UnitKind::Mark {
            return self.labels[at].component;
        }
        if self.orders_what_follows(at) {
            return self.titles[self.outline.pieces[self.units[at].pieces.start].section];
        }
        let after = (at + 1..self.units.len()).take_while(|next| joined(next - 1, *next)).find_map(own);
        let before = (0..at).rev().take_while(|last| joined(*last, last + 1));
        after.or_else(|| before.into_iter().find_map(own))
    }

    /// "Use the following format:", a label that is an order.
    fn orders_what_follows(&self, at: usize) -> bool {
        let words = self.words_of(at);
        self.outline.pieces[self.units[at].pieces.start].kind == PieceKind::Label
            && words.len() > 3
            && words[0].is(vocabulary::VERB)
    }

    fn same_message(&self, one: Span, two: Span) -> bool {
        let of = |span: Span| self.source.messages().partition_point(|m| m.span.start() <= span.start());
        of(one) == of(two)
    }

    /// The first layer that supplies a part.
    pub fn supplied_by(&self, part: Part) -> Option<&Layer> {
        self.settings.layers.iter().find(|layer| layer.supplies(part))
    }

    /// What the prompt is sent with.
    pub fn layers(&self) -> &[Layer] {
        &self.settings.layers
    }

    /// The components that no unit belongs to, of the prompt or of a layer.
    pub fn missing(&self) -> Vec<Component> {
        let absent = |component: &Component| !self.holds(Part::Component(*component));
        Component::ALL.into_iter().filter(absent).collect()
    }

    /// True when the prompt, or what is sent with it, has a part.
    pub fn holds(&self, part: Part) -> bool {
        checks::has(&self.labels, part) || self.supplied_by(part).is_some()
    }

    /// How much of what the frame asks for is there, 0 to 100.
    pub fn coverage(&self) -> u32 {
        self.frame.coverage(|part| self.holds(part))
    }
}
