//! The evidence for one unit: its form, its words, its section's title, the line that leads to it.

use super::{Evidence, Label, Reading};
use crate::component::{Component, Facet};
use crate::lexicon::{self, CUES, Hit, Set, TITLES, vocabulary};
use crate::outline::{Mark, PieceKind, SectionId};
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use Component::{Constraints, Context, Examples, Task};

/// Gathers evidence unit by unit, in order.
pub(super) struct Gatherer<'a> {
    reading: &'a Reading<'a>,
    /// What each section's own title speaks for.
    pub(super) titles: Vec<Option<Component>>,
    next_slot: usize,
    /// The last unit that announces what follows it, with its block, and what it speaks for.
    lead_in: Option<(usize, Vec<Evidence>)>,
}

impl<'a> Gatherer<'a> {
    pub(super) fn new(reading: &'a Reading<'a>) -> Gatherer<'a> {
        let mut hits = Vec::new();
        let mut titles = Vec::with_capacity(reading.outline.sections.len());
        for section in &reading.outline.sections {
            titles.push(title_component(reading, section.title, &mut hits));
        }
        Gatherer { reading, titles, next_slot: 0, lead_in: None }
    }

    pub(super) fn label(&mut self, index: usize, unit: &Unit, hits: &[Hit]) -> Label {
        let mut found = Found { evidence: Vec::new(), facet: None, facet_weight: 0.0 };
        if unit.kind == UnitKind::Mark {
            if self.piece(unit) == PieceKind::Label {
                let mut evidence = Vec::new();
                self.section_evidence(unit.section, &mut evidence);
                self.lead_in = Some((index, evidence));
            }
            return Label::default();
        }
        self.section_evidence(unit.section, &mut found.evidence);
        self.form(unit, &mut found);
        self.slot(unit, &mut found);
        self.lexicon(unit, hits, &mut found);
        self.led_by(index, unit, &mut found);
        let text = self.reading.source.slice(unit.text);
        if text.ends_with(':') {
            self.lead_in = Some((index, found.evidence.clone()));
        }
        Label { facet: found.facet, evidence: found.evidence, ..Label::default() }
    }

    fn piece(&self, unit: &Unit) -> PieceKind {
        self.reading.outline.pieces[unit.pieces.start].kind
    }

    /// The titles of the sections around the unit, the nearest counting most.
    fn section_evidence(&self, section: SectionId, evidence: &mut Vec<Evidence>) {
        let mut weight = 3.2;
        for id in self.reading.outline.chain(section) {
            if let Some(component) = self.titles[id] {
                evidence.push(Evidence { component, weight, seen: "title of its section" });
                weight *= 0.5;
            }
        }
    }

    fn form(&self, unit: &Unit, found: &mut Found) {
        let words = self.reading.words.within(unit.text);
        let opener = words.iter().find(|word| !word.is(vocabulary::PUNCTUATION | vocabulary::COURTESY));
        match unit.kind {
            UnitKind::Turn => found.add(Examples, 3.0, "turn of a dialogue", Some(Facet::Sample)),
            UnitKind::Code => found.add(Examples, 0.6, "block of code", None),
            UnitKind::Table => found.add(Context, 0.8, "table", None),
            UnitKind::Item { ordered: true } => found.add(Task, 1.6, "numbered item", Some(Facet::Step)),
            UnitKind::Item { ordered: false } => found.add(Constraints, 0.5, "bullet", None),
            _ => {}
        }
        if let Some(opener) = opener {
            self.opener(unit, *opener, found);
        }
        if words.iter().any(|word| word.is(vocabulary::MODAL)) {
            found.add(Constraints, 0.8, "modal verb", None);
        }
        if unit.kind == UnitKind::Sentence && self.reading.outline.sections[unit.section].mark == Mark::Tag {
            found.add(Context, 0.2, "text inside a tag", None);
        }
    }

    fn opener(&self, unit: &Unit, opener: Word, found: &mut Found) {
        let text = self.reading.source.slice(unit.text);
        if opener.is(vocabulary::VERB) {
            found.add(Task, 0.9, "opens with an order", None);
            found.add(Constraints, 0.8, "opens with an order", None);
        } else if opener.is(vocabulary::FIRST_PERSON) {
            found.add(Context, 1.4, "speaks of the author", Some(Facet::Background));
        } else if !opener
            .is(vocabulary::CONDITION | vocabulary::NEGATION | vocabulary::PERSON | vocabulary::ANAPHORA)
        {
            found.add(Context, 0.9, "statement", None);
        }
        if text.ends_with('?') {
            found.add(Task, 1.0, "question", Some(Facet::Question));
        }
    }

    /// A slot that is the whole unit, or that a label announces, receives input.
    fn slot(&mut self, unit: &Unit, found: &mut Found) {
        let slots = self.reading.slots;
        while self.next_slot < slots.len() && slots[self.next_slot].span.end() <= unit.text.start() {
            self.next_slot += 1;
        }
        let inside: usize = slots[self.next_slot..]
            .iter()
            .take_while(|slot| slot.span.end() <= unit.text.end())
            .map(|slot| slot.span.len())
            .sum();
        if inside == 0 {
            return;
        }
        // `{{audience: Who reads it?}}`: the slot says itself what it is for.
        let inner = self.reading.source.slice(slots[self.next_slot].inner);
        let name = inner.split_once(':').map(|(name, _)| name.trim());
        if let Some(component) = Component::ALL.into_iter().find(|component| Some(component.id()) == name) {
            return found.add(component, 9.0, "a slot that names its component", None);
        }
        let words = self.reading.words.within(unit.text).len();
        if inside * 10 >= unit.text.len() * 8 {
            found.add(Context, 4.0, "a slot on its own", Some(Facet::InputSlot));
        } else if unit.kind == UnitKind::Field || words < 16 {
            found.add(Context, 1.6, "holds a slot", Some(Facet::InputSlot));
        }
    }

    fn lexicon(&self, unit: &Unit, hits: &[Hit], found: &mut Found) {
        let words = self.reading.words.within(unit.text);
        let mut best: [f32; 6] = [0.0; 6];
        for hit in hits.iter().filter(|hit| hit.set == Set::Cue) {
            let cue = &CUES[hit.entry as usize];
            let slot = &mut best[cue.component.index()];
            // A second cue for the same component adds little.
            let weight = if *slot == 0.0 { cue.weight } else { 0.4 * cue.weight };
            *slot += weight;
            found.add(cue.component, weight, cue.name, cue.facet);
        }
        if unit.kind == UnitKind::Field || unit.kind == UnitKind::Turn {
            let label = self.reading.outline.pieces[unit.pieces.start].lead;
            let inside = |hit: &&Hit| {
                hit.set == Set::Title && words[hit.last].end as usize <= label.end() && unit.opens_piece
            };
            for hit in hits.iter().filter(inside) {
                found.add(TITLES[hit.entry as usize].component, 2.0, "its label", None);
            }
        }
    }

    /// What stands after "...:" is of the kind that the line announces.
    fn led_by(&self, index: usize, unit: &Unit, found: &mut Found) {
        let Some((lead, evidence)) = &self.lead_in else { return };
        let units = self.reading.units;
        let between = &units[lead + 1..index];
        let fenced = |unit: &Unit| unit.kind == UnitKind::Mark && self.piece(unit) != PieceKind::Heading;
        let near = between.iter().all(|other| fenced(other) || other.block == unit.block);
        if !near || unit.section != units[*lead].section && !between.iter().all(fenced) {
            return;
        }
        for item in evidence {
            if item.weight > 0.0 && item.seen != "title of its section" {
                let weight = 0.7 * item.weight;
                found.evidence.push(Evidence { weight, seen: "the line that leads to it", ..item.clone() });
            }
        }
    }
}

struct Found {
    evidence: Vec<Evidence>,
    facet: Option<Facet>,
    facet_weight: f32,
}

impl Found {
    fn add(&mut self, component: Component, weight: f32, seen: &'static str, facet: Option<Facet>) {
        self.evidence.push(Evidence { component, weight, seen });
        if facet.is_some() && weight > self.facet_weight {
            self.facet = facet;
            self.facet_weight = weight;
        }
    }
}

fn title_component(
    reading: &Reading<'_>,
    title: crate::span::Span,
    hits: &mut Vec<Hit>,
) -> Option<Component> {
    let text = reading.source.slice(title);
    // Tag names join their words with underscores, which the word reader keeps.
    let spaced = text.replace(['_', '-'], " ");
    let words = crate::words::Words::read(&spaced, 0);
    lexicon::find(words.within(crate::span::Span::new(0, spaced.len())), hits);
    let titles: Vec<&Hit> = hits.iter().filter(|hit| hit.set == Set::Title).collect();
    let longest = titles.iter().map(|hit| hit.last - hit.first).max();
    // Of several the last word decides: "task examples" are examples.
    let deciding = titles.iter().rev().find(|hit| Some(hit.last - hit.first) == longest);
    deciding.map(|hit| TITLES[hit.entry as usize].component)
}
