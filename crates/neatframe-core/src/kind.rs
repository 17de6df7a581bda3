//! Which kind of work a prompt asks for, and by which words that shows.

use crate::classify::Label;
use crate::component::Component;
use crate::house::HouseKind;
use crate::lexicon::{Hit, KINDS, Set, vocabulary};
use crate::source::Source;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Words;
use std::borrow::Cow;

/// A kind of work with the words that show it.
#[derive(Clone, Debug, PartialEq)]
pub struct Kind {
    /// Its name, such as `extraction`.
    pub name: Cow<'static, str>,
    /// The words that show it, in order; empty when it was set and not found.
    pub evidence: Vec<Span>,
}

impl Kind {
    /// The names of all kinds of work.
    pub fn names() -> impl Iterator<Item = &'static str> {
        KINDS.iter().map(|kind| kind.name)
    }

    /// A kind by its name.
    pub fn named(name: &str) -> Option<Kind> {
        let kind = KINDS.iter().find(|kind| kind.name == name)?;
        Some(Kind { name: Cow::Borrowed(kind.name), evidence: Vec::new() })
    }

    /// A kind of the house that was set by its name.
    pub fn set(name: &str) -> Kind {
        Kind { name: Cow::Owned(name.to_string()), evidence: Vec::new() }
    }
}

/// A house that names its own phrases means them.
const HOUSE_WEIGHT: f32 = 3.0;

/// What sample turns weigh.
const TURNS: f32 = 1.0;

/// Below this score no kind is evident.
const LEAST: f32 = 1.3;

/// The kind of work that the prompt's words speak for most, if one does clearly enough.
pub(crate) fn recognise(
    source: &Source,
    words: &Words,
    units: &[Unit],
    labels: &[Label],
    hits: &[Vec<Hit>],
    house: &[HouseKind],
) -> Option<Kind> {
    let all = KINDS.len() + house.len();
    let mut scores = vec![0.0f32; all];
    let mut evidence: Vec<Vec<Span>> = vec![Vec::new(); all];
    let (mut asks, mut spoken) = (0, 0);
    for (index, unit) in units.iter().enumerate() {
        // A slot's question speaks for the frame that asks it, not for the author.
        let slot = source.slice(unit.text).starts_with(['{', '[', '<', '$', '%']);
        if slot || matches!(unit.kind, UnitKind::Code | UnitKind::Turn | UnitKind::Table) {
            continue;
        }
        let opens = spoken < 2;
        spoken += usize::from(unit.kind != UnitKind::Mark);
        // The ask itself says most; later steps a little less.
        let share: f32 = match labels[index].component {
            Some(Component::Task) => {
                asks += 1;
                if asks <= 2 { 1.0 } else { 0.85 }
            }
            Some(Component::Role) => 0.7,
            Some(Component::Context | Component::Constraints) => 0.15,
            Some(Component::OutputFormat) => 0.2,
            Some(Component::Examples) => 0.0,
            None => 0.4,
        };
        // The opening is where people say what they want.
        let share = if opens && share > 0.0 { share.max(0.7) } else { share };
        let run = words.within(unit.text);
        if share == 0.0 {
            continue;
        }
        let mut count = |kind: usize, weight: f32, first: usize, last: usize| {
            // The same words again and again say little more.
            scores[kind] += weight * share / (1.0 + evidence[kind].len() as f32 * 0.5);
            evidence[kind].push(run[first].span().cover(run[last].span()));
        };
        // "Quote it word for word; don't paraphrase."
        let denied = |hit: &Hit| hit.first > 0 && run[hit.first - 1].is(vocabulary::NEGATION);
        for hit in hits[index].iter().filter(|hit| hit.set == Set::Kind && !denied(hit)) {
            let kind = hit.entry as usize;
            count(kind, KINDS[kind].weight, hit.first, hit.last);
        }
        for (kind, own) in house.iter().enumerate() {
            for (first, last) in own.shown_by(run) {
                count(KINDS.len() + kind, HOUSE_WEIGHT, first, last);
            }
        }
    }
    // Two turns of a sample talk: the prompt is for somebody who talks.
    let mut turns = units.iter().filter(|unit| unit.kind == UnitKind::Turn);
    if let (Some(first), Some(second)) = (turns.next(), turns.next())
        && let Some(talk) = KINDS.iter().position(|kind| kind.name == "dialogue")
    {
        scores[talk] += TURNS;
        evidence[talk].push(first.text.cover(second.text));
    }
    let best = (0..all).reduce(|best, other| if scores[other] > scores[best] { other } else { best })?;
    let evidence = std::mem::take(&mut evidence[best]);
    let name = match best.checked_sub(KINDS.len()) {
        None => Cow::Borrowed(KINDS[best].name),
        Some(own) => Cow::Owned(house[own].name().to_string()),
    };
    (scores[best] >= LEAST).then_some(Kind { name, evidence })
}
