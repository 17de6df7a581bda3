//! How a unit looks by itself, beside its neighbours, and in its part.

use super::Reading;
use super::model::{NAMES, Scores, VIEWS, add};
use crate::component::Component;
use crate::units::{Unit, UnitKind};

/// The first stage's opinions around each unit.
pub(super) struct Views<'a> {
    first: &'a [Scores],
    sections: Vec<Scores>,
    blocks: Vec<Scores>,
    /// Neighbours that are no marks, and the lead-in of each unit.
    near: Vec<[Option<usize>; 3]>,
    /// The unit that opens the line or item of each unit.
    openings: Vec<Option<usize>>,
    units: &'a [Unit],
}

impl<'a> Views<'a> {
    pub(super) fn new(reading: &Reading<'a>, first: &'a [Scores]) -> Views<'a> {
        let units = reading.units;
        let sections = means(units, first, reading.outline.sections.len(), |unit| unit.section);
        let blocks = units.last().map_or(0, |unit| unit.block as usize + 1);
        let blocks = means(units, first, blocks, |unit| unit.block as usize);
        let mut near: Vec<[Option<usize>; 3]> = vec![[None; 3]; units.len()];
        let (mut before, mut lead): (Option<usize>, Option<usize>) = (None, None);
        for index in 0..units.len() {
            if units[index].kind == UnitKind::Mark {
                continue;
            }
            near[index][0] = before;
            near[index][2] = lead;
            if let Some(before) = before {
                near[before][1] = Some(index);
            }
            before = Some(index);
            if reading.source.slice(units[index].text).ends_with(':') {
                lead = Some(index);
            } else if lead.is_some_and(|lead: usize| units[index].block > units[lead].block + 4) {
                lead = None;
            }
        }
        let mut opening = None;
        let openings = (0..units.len())
            .map(|index| {
                if units[index].opens_piece {
                    opening = Some(index);
                }
                opening
            })
            .collect();
        Views { first, sections, blocks, near, openings, units }
    }

    /// True between two units that are taken for samples: a slot there parts them and takes nothing in.
    pub(super) fn stands_among_samples(&self, index: usize) -> bool {
        let shown =
            |at: Option<usize>| at.is_some_and(|at| self.first[at][Component::Examples.index()] >= 0.5);
        shown(self.near[index][0]) && shown(self.near[index][1])
    }

    pub(super) fn of(&self, index: usize) -> [Scores; VIEWS.len()] {
        let unit = &self.units[index];
        let other = |at: Option<usize>| at.map_or([0.0; NAMES], |at| self.first[at]);
        let [before, after, lead] = self.near[index];
        // The whole prompt is no section: what the rest is for says nothing.
        let section = if unit.section == 0 { [0.0; NAMES] } else { self.sections[unit.section] };
        [
            self.first[index],
            other(before),
            other(after),
            section,
            self.blocks[unit.block as usize],
            other(lead),
            // What begins as a turn of a dialogue goes on as one.
            if unit.opens_piece { [0.0; NAMES] } else { other(self.openings[index]) },
        ]
    }
}

/// The mean opinion of the units that share a group.
fn means(units: &[Unit], first: &[Scores], groups: usize, group: impl Fn(&Unit) -> usize) -> Vec<Scores> {
    let mut sums = vec![([0.0; NAMES], 0.0f32); groups];
    for (unit, scores) in units.iter().zip(first) {
        if unit.kind != UnitKind::Mark {
            let (sum, count) = &mut sums[group(unit)];
            add(sum, scores, 1.0);
            *count += 1.0;
        }
    }
    sums.into_iter()
        .map(|(sum, count)| sum.map(|value| if count > 0.0 { value / count } else { 0.0 }))
        .collect()
}
