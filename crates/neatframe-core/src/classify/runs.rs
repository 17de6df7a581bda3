//! What begins in one unit and goes on in the next: a quoted sample, a record.

use super::Reading;
use crate::component::Component;
use crate::units::Unit;

/// A sample in quotation marks that runs on into the next sentence of its paragraph.
#[derive(Default)]
pub(super) struct OpenQuote {
    block: Option<u32>,
}

impl OpenQuote {
    /// True for a sentence that begins within a sample's quotation marks and holds their end.
    pub(super) fn goes_on(&self, reading: &Reading<'_>, unit: &Unit) -> bool {
        self.block == Some(unit.block) && reading.source.slice(unit.text).matches('"').count() == 1
    }

    /// Takes in what a unit was read as.
    pub(super) fn note(&mut self, reading: &Reading<'_>, unit: &Unit, component: Option<Component>) {
        let odd = reading.source.slice(unit.text).matches('"').count() % 2 == 1;
        let opens = odd && component == Some(Component::Examples) && self.block != Some(unit.block);
        self.block = match self.block.filter(|block| *block == unit.block && !odd) {
            None if opens => Some(unit.block),
            open => open,
        };
    }
}

/// A record of braces and brackets that goes on over several units.
#[derive(Default)]
pub(super) struct OpenRecord {
    depth: i32,
    of: Option<Component>,
}

impl OpenRecord {
    /// The component of the record that a unit is a part of.
    pub(super) fn goes_on(&self, reading: &Reading<'_>, unit: &Unit) -> Option<Component> {
        let text = reading.source.slice(unit.text).trim_start_matches([' ', '-', '*']);
        let of_a_record = text.starts_with(['{', '[', '"', '}', ']']) || text.starts_with("...");
        self.of.filter(|_| self.depth > 0 && of_a_record)
    }

    /// Takes in what a unit was read as.
    pub(super) fn note(&mut self, reading: &Reading<'_>, unit: &Unit, component: Option<Component>) {
        let text = reading.source.slice(unit.text);
        let shape = component.filter(|c| matches!(c, Component::OutputFormat | Component::Examples));
        let opens = text.trim_start().starts_with(['{', '[']);
        if shape.is_none() || self.of != shape && !opens {
            *self = OpenRecord::default();
            return;
        }
        if self.depth <= 0 {
            self.depth = 0;
            self.of = shape.filter(|_| opens);
        }
        if self.of.is_some() {
            let count = |signs: [char; 2]| text.matches(signs).count() as i32;
            self.depth += count(['{', '[']) - count(['}', ']']);
        }
    }
}
