//! What begins in one unit and goes on in the next: a quoted sample, a record.

use super::Reading;
use super::model::Scores;
use super::shape::is_bare_slot;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::units::{Unit, UnitKind};
use crate::words::Word;

/// A sample in quotation marks that runs on over the next sentences of its paragraph.
#[derive(Default)]
pub(super) struct OpenQuote {
    /// Where the quotation ends, in bytes.
    until: usize,
}

impl OpenQuote {
    /// True for a sentence that begins within a sample's quotation marks.
    pub(super) fn goes_on(&self, unit: &Unit) -> bool {
        unit.text.start() < self.until
    }

    /// Takes in what a unit was read as.
    pub(super) fn note(&mut self, reading: &Reading<'_>, unit: &Unit, component: Option<Component>) {
        if unit.text.start() < self.until {
            return;
        }
        let text = reading.source.slice(unit.text);
        let Some((opens, sign)) = opened(text) else { return };
        let shows = component == Some(Component::Examples) || leads_to_a_sample(&text[..opens]);
        let own = reading.units.partition_point(|other| other.text.start() <= unit.text.start());
        let rest = reading.units[own..].iter().take(SENTENCES).take_while(|other| other.block == unit.block);
        let Some(end) = rest.last().map(|other| other.text.end()).filter(|_| shows) else { return };
        let quoted = &reading.source.text()[unit.text.end()..end];
        self.until = closed(quoted, sign).map_or(0, |at| unit.text.end() + at);
    }
}

/// The most sentences of a quotation.
const SENTENCES: usize = 12;

/// True for a text that ends within a quotation.
pub(crate) fn ends_in_a_quotation(text: &str) -> bool {
    if text.matches('"').count() % 2 == 1 {
        return true;
    }
    let mut rest = text;
    // Past the first quotation there may be another one.
    while let Some(at) = single(rest) {
        let Some(end) = closed(&rest[at + 1..], '\'') else { return true };
        rest = &rest[at + 1 + end + 1..];
    }
    false
}

/// Where a quotation opens that the text does not close, and its sign.
fn opened(text: &str) -> Option<(usize, char)> {
    if text.matches('"').count() % 2 == 1 {
        return text.rfind('"').map(|at| (at, '"'));
    }
    let at = single(text)?;
    closed(&text[at + 1..], '\'').is_none().then_some((at, '\''))
}

/// Where a quotation in single marks opens.
fn single(text: &str) -> Option<usize> {
    text.match_indices('\'').map(|(at, _)| at).find(|at| {
        let inside = text[at + 1..].starts_with(char::is_uppercase);
        inside && text[..*at].chars().next_back().is_none_or(|c| c == ' ')
    })
}

/// Where a quotation with this sign ends; an apostrophe ends none.
fn closed(text: &str, sign: char) -> Option<usize> {
    text.match_indices(sign).map(|(at, _)| at).find(|at| {
        let next = text[at + sign.len_utf8()..].chars().next();
        sign == '"' || next.is_none_or(|c| !c.is_alphanumeric()) && *at > 0
    })
}

/// "introduce yourself with a message like: 'Hey!"
fn leads_to_a_sample(before: &str) -> bool {
    let lead = before.trim_end_matches([' ', ':', ',']).to_ascii_lowercase();
    [" like", " such as", "for example", "for instance", " like this", "e.g."]
        .iter()
        .any(|end| lead.ends_with(end))
}

/// Within how many words the opening of a step ends.
const OPENING: usize = 8;

/// A list of cases below a rule or a fact: "Never join two slips if:", "These are no slips:".
#[derive(Default)]
pub(super) struct OpenList {
    of: Option<Component>,
    section: usize,
    /// The lead says that the entries are steps.
    steps: bool,
    /// How far in a step stands that leads to a list of what to look at.
    step: Option<u16>,
}

impl OpenList {
    /// "1. Use the `read` action to …" below "To complete this task:": a step, opened by what is to be done.
    pub(super) fn is_a_step(&self, reading: &Reading<'_>, unit: &Unit) -> bool {
        let counted = unit.kind == UnitKind::Item { ordered: true } && unit.opens_piece;
        let words = reading.words.within(unit.text);
        let text = reading.source.text();
        let does = |word: &Word| word.is(vocabulary::VERB) && !word.is(vocabulary::NEGATION);
        // "Based on the slip, briefly name the pier".
        let behind = words
            .iter()
            .take(OPENING)
            .position(|word| word.text(text) == ",")
            .and_then(|comma| words[comma + 1..].iter().find(|word| !word.lower(text).ends_with("ly")));
        let led = words.first().is_some_and(|word| {
            matches!(&*word.lower(text), "based" | "after" | "from" | "using" | "with" | "in" | "for")
        });
        let does = words.first().is_some_and(does) || led && behind.is_some_and(does);
        self.steps && counted && does && unit.section == self.section && words.len() > 3
    }

    /// "- Common traits" further in, below "Look for aspects such as:" within a step: a part of the step.
    pub(super) fn is_within_a_step(&self, reading: &Reading<'_>, unit: &Unit, orders: bool) -> bool {
        let nested = |column| reading.outline.pieces[unit.pieces.start].indent > column;
        let listed = matches!(unit.kind, UnitKind::Item { .. }) && unit.opens_piece && !orders;
        listed && self.step.is_some_and(nested) && unit.section == self.section
    }

    /// What the lead of a list makes of one of its entries, where the entry says little by itself.
    pub(super) fn goes_on(&self, unit: &Unit, own: &Scores, orders: bool) -> Option<Component> {
        let sure = own.iter().any(|share| *share >= SURE);
        let listed = matches!(unit.kind, UnitKind::Item { .. }) && unit.section == self.section;
        // What an entry says behind its first sentence is no rule because its lead is one.
        let rule = self.of == Some(Component::Constraints);
        self.of.filter(|_| listed && !sure && !orders && (unit.opens_piece || !rule))
    }

    /// Takes in what a unit was read as.
    pub(super) fn note(&mut self, reading: &Reading<'_>, unit: &Unit, component: Option<Component>) {
        if is_bare_slot(reading, unit) {
            return;
        }
        if matches!(unit.kind, UnitKind::Item { .. }) && unit.section == self.section {
            let text = reading.source.slice(unit.text);
            let column = reading.outline.pieces[unit.pieces.start].indent;
            if self.step.is_none_or(|step| column <= step) {
                let asks = component == Some(Component::Task)
                    && ["such as:", "like:", "including:"].iter().any(|end| text.ends_with(end));
                self.step = asks.then_some(column);
            }
            return;
        }
        self.step = None;
        let leads = reading.source.slice(unit.text).ends_with(':') && unit.kind == UnitKind::Sentence;
        let told = matches!(component, Some(Component::Context | Component::Constraints));
        self.of = component.filter(|_| leads && told);
        self.section = unit.section;
        let words = reading.words.within(unit.text);
        let said = |word: &Word| word.lower(reading.source.text());
        let names = |word: &Word| matches!(&*said(word), "steps" | "procedure" | "workflow" | "process");
        let aims = words.first().is_some_and(|word| said(word) == "to")
            && words.get(1).is_some_and(|word| word.is(vocabulary::VERB));
        self.steps = reading.source.slice(unit.text).ends_with(':') && (aims || words.iter().any(names));
    }
}

/// From this share of belief on an entry of a list says itself what it is.
const SURE: f32 = 0.6;

/// The longest record that takes an input in, in bytes.
const RECORD: usize = 2_000;

/// A record of braces and brackets that goes on over several units.
#[derive(Default)]
pub(super) struct OpenRecord {
    depth: i32,
    of: Option<Component>,
    /// The section and the kind of the units that it stands in.
    place: Option<(usize, UnitKind)>,
    /// Where a record that takes the input in ends, in bytes.
    material: usize,
}

impl OpenRecord {
    /// True within a record that takes the input in.
    fn takes_in(&self, unit: &Unit) -> bool {
        unit.text.start() < self.material
    }

    /// `Input: {` above `"notice": {notice},`: a record with slots for values takes the input in.
    pub(super) fn look(&mut self, reading: &Reading<'_>, unit: &Unit) {
        let body = reading.source.slice(unit.text);
        let labelled = ["input", "data", "here is the input"].iter().any(|label| {
            body.get(..label.len()).is_some_and(|head| head.eq_ignore_ascii_case(label))
                && body[label.len()..].trim_start_matches([':', ' ']).starts_with('{')
        });
        if !labelled || self.takes_in(unit) {
            return;
        }
        let from = unit.text.start() + body.find('{').unwrap_or(0);
        let text = reading.source.text();
        let mut depth = 0;
        let end = text[from..].bytes().take(RECORD).position(|b| {
            depth += i32::from(b == b'{') - i32::from(b == b'}');
            depth == 0
        });
        let Some(end) = end.map(|end| from + end + 1) else { return };
        let after = reading.slots.partition_point(|slot| slot.span.start() <= from);
        let filled = reading.slots.get(after).is_some_and(|slot| {
            slot.span.end() < end && text[..slot.span.start()].trim_end_matches([' ', '"']).ends_with(':')
        });
        if filled {
            self.material = end;
        }
    }

    /// The component of the record that a unit is a part of.
    pub(super) fn goes_on(&self, reading: &Reading<'_>, unit: &Unit) -> Option<Component> {
        if self.takes_in(unit) {
            return Some(Component::Context);
        }
        let text = reading.source.slice(unit.text).trim_start_matches([' ', '-', '*']);
        let of_a_record = text.starts_with(['{', '[', '"', '}', ']']) || text.starts_with("...");
        // A fence or a title ends it, closed or not.
        let on = self.place.is_none_or(|(section, kind)| {
            section == unit.section && (kind != UnitKind::Code || unit.kind == kind)
        });
        self.of.filter(|_| self.depth > 0 && of_a_record && on)
    }

    /// Takes in what a unit was read as.
    pub(super) fn note(&mut self, reading: &Reading<'_>, unit: &Unit, component: Option<Component>) {
        let text = reading.source.slice(unit.text);
        let shape = component.filter(|c| matches!(c, Component::OutputFormat | Component::Examples));
        // "Example tables: [" above its lines.
        let opens = text.trim_start().starts_with(['{', '[']) || text.trim_end().ends_with(['{', '[']);
        if shape.is_none() || self.of != shape && !opens {
            *self = OpenRecord { material: self.material, ..OpenRecord::default() };
            return;
        }
        if self.depth <= 0 {
            self.depth = 0;
            self.of = shape.filter(|_| opens);
            self.place = Some((unit.section, unit.kind));
        }
        if self.of.is_some() {
            let count = |signs: [char; 2]| text.matches(signs).count() as i32;
            self.depth += count(['{', '[']) - count(['}', ']']);
        }
    }
}

#[cfg(test)]
mod tests {
    use super::ends_in_a_quotation;
    use crate::classify::components_of;
    use crate::component::Component::{Constraints, Context, Task};

    #[test]
    fn a_quotation_may_still_be_open() {
        assert!(ends_in_a_quotation("Open with a line like: 'Hello!"));
        assert!(ends_in_a_quotation("Say 'Hello there.' For example: 'Hello! Which boat"));
        assert!(ends_in_a_quotation("Say \"Hello!"));
        assert!(!ends_in_a_quotation("Say 'Hello there.' It's the crew's line."));
    }

    #[test]
    fn a_list_of_cases_is_what_its_lead_makes_of_it() {
        let cases = "Compare the two slips.\nNEVER join two slips if:\n- They are related but distinct.\n- They share words but refer to separate boats.\n";
        assert_eq!(components_of(cases)[1..], [Some(Constraints); 3]);
        let facts = "Judge whether the slip can be answered.\nThe desk gets the following kinds of slips:\n1. Slips that may be related to a boat.\n2. Slips that are given in another language.\n";
        assert_eq!(components_of(facts), [Task, Context, Context, Context].map(Some));
    }
}
