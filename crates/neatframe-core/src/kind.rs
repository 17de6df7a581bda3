//! Which kind of work a prompt asks for, and by which words that shows.

use crate::classify::Label;
use crate::component::Component;
use crate::lexicon::{Hit, KINDS, Set};
use crate::source::Source;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Words;

/// A kind of work with the words that show it.
#[derive(Clone, Debug, PartialEq)]
pub struct Kind {
    /// Its name, such as `extraction`.
    pub name: &'static str,
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
        Some(Kind { name: kind.name, evidence: Vec::new() })
    }
}

/// Below this score no kind is evident.
const LEAST: f32 = 1.3;

/// The kind of work that the prompt's words speak for most, if one does clearly enough.
pub(crate) fn recognise(
    source: &Source,
    words: &Words,
    units: &[Unit],
    labels: &[Label],
    hits: &[Vec<Hit>],
) -> Option<Kind> {
    let mut scores = vec![0.0f32; KINDS.len()];
    let mut evidence: Vec<Vec<Span>> = vec![Vec::new(); KINDS.len()];
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
        for hit in hits[index].iter().filter(|hit| hit.set == Set::Kind) {
            let kind = hit.entry as usize;
            if share == 0.0 {
                continue;
            }
            // The same words again and again say little more.
            scores[kind] += KINDS[kind].weight * share / (1.0 + evidence[kind].len() as f32 * 0.5);
            evidence[kind].push(run[hit.first].span().cover(run[hit.last].span()));
        }
    }
    let best =
        (0..KINDS.len()).reduce(|best, other| if scores[other] > scores[best] { other } else { best })?;
    let evidence = std::mem::take(&mut evidence[best]);
    (scores[best] >= LEAST).then_some(Kind { name: KINDS[best].name, evidence })
}
