//! Which component each unit belongs to, and on what evidence.

mod evidence;

use crate::component::{Component, Facet};
use crate::lexicon::{self, Hit};
use crate::outline::Outline;
use crate::slots::Slot;
use crate::source::Source;
use crate::units::{Unit, UnitKind};
use crate::words::Words;
use evidence::Gatherer;

/// One reason to take a unit for a component.
#[derive(Clone, Debug, PartialEq)]
pub struct Evidence {
    /// The component it speaks for.
    pub component: Component,
    /// How strongly: 1 weak, 4 near certain; below 0 speaks against.
    pub weight: f32,
    /// What was seen, for people.
    pub seen: &'static str,
}

/// What a unit is for.
#[derive(Clone, Debug, Default)]
pub struct Label {
    /// Its component; `None` for units that carry nothing, such as headings.
    pub component: Option<Component>,
    /// Other components that it serves as well, such as the limit inside an ask.
    pub also: Vec<Component>,
    /// The finer facet, where one is evident.
    pub facet: Option<Facet>,
    /// Why, strongest first.
    pub evidence: Vec<Evidence>,
}

/// Everything the labelling reads.
pub(crate) struct Reading<'a> {
    pub(crate) source: &'a Source,
    pub(crate) words: &'a Words,
    pub(crate) outline: &'a Outline,
    pub(crate) units: &'a [Unit],
    pub(crate) slots: &'a [Slot],
}

impl Label {
    /// True when the unit serves a component, as its first or beside another.
    pub fn serves(&self, component: Component) -> bool {
        self.component == Some(component) || self.also.contains(&component)
    }
}

const NAMES: usize = Component::ALL.len();
type Scores = [f32; NAMES];

/// How much the rest of its section, and the unit before it, say about a unit.
const SECTION_SHARE: f32 = 0.45;
const BEFORE_SHARE: f32 = 0.25;

/// What the labelling found.
pub(crate) struct Labelled {
    /// One for each unit.
    pub(crate) labels: Vec<Label>,
    /// The lexicon's hits in each unit, so that nothing looks twice.
    pub(crate) hits: Vec<Vec<Hit>>,
    /// The component that each section's own title speaks for.
    pub(crate) titles: Vec<Option<Component>>,
}

/// Labels every unit.
pub(crate) fn label(reading: &Reading<'_>) -> Labelled {
    let mut gatherer = Gatherer::new(reading);
    let mut all_hits = Vec::with_capacity(reading.units.len());
    let mut labels: Vec<Label> = Vec::with_capacity(reading.units.len());
    for (index, unit) in reading.units.iter().enumerate() {
        let mut hits = Vec::new();
        lexicon::find(reading.words.within(unit.text), &mut hits);
        labels.push(gatherer.label(index, unit, &hits));
        all_hits.push(hits);
    }
    let own: Vec<Scores> = labels.iter().map(scores).collect();
    let sections = section_means(reading, &own);
    let mut before: Option<usize> = None;
    for index in 0..labels.len() {
        if reading.units[index].kind == UnitKind::Mark {
            continue;
        }
        let mut total = own[index];
        let section = reading.units[index].section;
        if section != 0 {
            add(&mut total, &sections[section], SECTION_SHARE);
        }
        if let Some(before) = before
            && reading.units[before].block == reading.units[index].block
        {
            add(&mut total, &own[before], BEFORE_SHARE);
        }
        let first = best(&total).unwrap_or(Component::Context);
        labels[index].component = Some(first);
        labels[index].also = others(&total, first);
        labels[index].evidence.sort_by(|a, b| b.weight.total_cmp(&a.weight));
        before = Some(index);
    }
    Labelled { labels, hits: all_hits, titles: gatherer.titles }
}

fn scores(label: &Label) -> Scores {
    let mut scores = [0.0; NAMES];
    for evidence in &label.evidence {
        scores[evidence.component.index()] += evidence.weight;
    }
    scores
}

fn add(total: &mut Scores, other: &Scores, share: f32) {
    for (total, other) in total.iter_mut().zip(other) {
        *total += share * other;
    }
}

fn best(scores: &Scores) -> Option<Component> {
    let mut best: Option<Component> = None;
    for component in Component::ALL {
        let score = scores[component.index()];
        if score > 0.0 && best.is_none_or(|best| score > scores[best.index()]) {
            best = Some(component);
        }
    }
    best
}

/// A second component counts when its score is near the first one's, and high.
const ALSO_SHARE: f32 = 0.45;
const ALSO_LEAST: f32 = 2.5;

fn others(scores: &Scores, first: Component) -> Vec<Component> {
    let bound = (ALSO_SHARE * scores[first.index()]).max(ALSO_LEAST);
    Component::ALL.into_iter().filter(|c| *c != first && scores[c.index()] >= bound).collect()
}

/// The mean of the units that stand directly in each section.
fn section_means(reading: &Reading<'_>, own: &[Scores]) -> Vec<Scores> {
    let mut sums = vec![([0.0; NAMES], 0.0f32); reading.outline.sections.len()];
    for (unit, scores) in reading.units.iter().zip(own) {
        if unit.kind != UnitKind::Mark {
            let (sum, count) = &mut sums[unit.section];
            add(sum, scores, 1.0);
            *count += 1.0;
        }
    }
    sums.into_iter()
        .map(|(sum, count)| sum.map(|value| if count > 0.0 { value / count } else { 0.0 }))
        .collect()
}
