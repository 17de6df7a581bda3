//! What is seen of one unit: its form, its words, its section's title, the line that leads to it.
//!
//! A feature is known by the hash of its name; the weights' table knows the names.

use super::form::{self, is_identifier, persona};
use super::mood::{self, Mood, Tally};
use super::titles;
use super::topic;
use super::{FacetSet, Reading};
use crate::component::{Component, Facet};
use crate::lexicon::{CUES, Hit, PADDING, PaddingKind, Set, TITLES, vocabulary};
use crate::outline::{Mark, PieceKind, SectionId};
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::collections::HashSet;

/// What was seen, each with how much of it.
pub(crate) type Features = Vec<(u32, f32)>;

/// The hash of a feature's name: FNV-1a over prefix and name.
pub(crate) fn key(prefix: &str, name: &str) -> u32 {
    vocabulary::extend(vocabulary::hash(prefix.as_bytes()), name.as_bytes())
}

/// The key of a feature seen in the line that leads to a unit.
pub(super) fn led(feature: u32) -> u32 {
    vocabulary::extend(LEAD, &feature.to_le_bytes())
}

/// Sees unit by unit, in order.
pub(super) struct Observer<'a> {
    reading: &'a Reading<'a>,
    /// What each section's own title speaks for.
    pub(super) titles: Vec<Option<Component>>,
    /// The words of each section's title, as feature keys.
    title_words: Vec<Vec<u32>>,
    /// The grammatical form of each unit, and the one that most of its list or paragraph share.
    moods: Vec<Mood>,
    shared: Vec<Tally>,
    next_slot: usize,
    /// The persona's name, which stands for "you": "Wick answers in one sentence".
    persona: Option<u32>,
    /// The words that stand behind an article: what the prompt speaks of.
    spoken_of: HashSet<u32>,
    /// The last unit that announces what follows it, and its own features.
    lead_in: Option<LeadIn>,
}

/// A unit that announces what follows it.
struct LeadIn {
    unit: usize,
    features: Features,
    /// What its last telling noun speaks for: "follow these rules:".
    names: Option<Component>,
}

/// What one unit showed.
pub(super) struct Seen {
    pub(super) features: Features,
    /// The facet with the strongest sign.
    pub(super) facet: Option<Facet>,
    /// All facets with any sign.
    pub(super) facets: FacetSet,
}

impl<'a> Observer<'a> {
    pub(super) fn new(reading: &'a Reading<'a>) -> Observer<'a> {
        let mut hits = Vec::new();
        let mut titles = Vec::with_capacity(reading.outline.sections.len());
        let mut title_words = Vec::with_capacity(reading.outline.sections.len());
        for section in &reading.outline.sections {
            let (component, words) = titles::read(reading, section.title, &mut hits);
            titles.push(component);
            title_words.push(words);
        }
        let moods: Vec<Mood> = reading
            .units
            .iter()
            .map(|unit| mood::of(reading.source.text(), reading.words.within(unit.text)))
            .collect();
        let mut shared =
            vec![Tally::default(); reading.units.last().map_or(0, |unit| unit.block as usize + 1)];
        for (unit, mood) in reading.units.iter().zip(&moods).filter(|(unit, _)| unit.kind != UnitKind::Mark) {
            shared[unit.block as usize].add(*mood);
        }
        let persona = persona(reading);
        let spoken_of = form::spoken_of(reading);
        Observer {
            reading,
            titles,
            title_words,
            moods,
            shared,
            next_slot: 0,
            persona,
            spoken_of,
            lead_in: None,
        }
    }

    /// `Flyer: …` where the prompt speaks of "my flyer".
    fn is_under_a_spoken_label(&self, unit: &Unit) -> bool {
        let label = match self.piece(unit) {
            PieceKind::Field | PieceKind::Turn if unit.opens_piece => {
                self.reading.outline.pieces[unit.pieces.start].lead
            }
            _ => match &self.reading.outline.sections[unit.section] {
                section if section.mark == Mark::Label => section.title,
                _ => return false,
            },
        };
        let mut words = self.reading.words.within(label).iter().rev().filter(|word| !word.is_punctuation());
        words.next().is_some_and(|word| self.spoken_of.contains(&word.hash()))
    }

    pub(super) fn see(&mut self, index: usize, unit: &Unit, hits: &[Hit]) -> Seen {
        let mut seen = Sight {
            features: vec![(key("", "always"), 1.0)],
            facet: None,
            facet_weight: 0.0,
            facets: FacetSet::default(),
        };
        if unit.kind == UnitKind::Mark {
            if self.piece(unit) == PieceKind::Label {
                self.section(unit.section, &mut seen);
                let features = std::mem::take(&mut seen.features);
                self.lead_in = Some(LeadIn { unit: index, features, names: None });
            }
            return Seen { features: Vec::new(), facet: None, facets: FacetSet::default() };
        }
        self.words(unit, hits, &mut seen);
        self.cues(unit, hits, &mut seen);
        self.form(unit, &mut seen);
        self.slot(unit, &mut seen);
        self.mood(index, unit, &mut seen);
        let own = seen.features.clone();
        self.section(unit.section, &mut seen);
        self.position(index, &mut seen);
        self.led_by(index, unit, &mut seen);
        if self.reading.source.slice(unit.text).ends_with(':') {
            let named = hits.iter().rev().find(|hit| hit.set == Set::Title);
            let names = named.map(|hit| TITLES[hit.entry as usize].component);
            self.lead_in = Some(LeadIn { unit: index, features: own, names });
        }
        Seen { features: seen.features, facet: seen.facet, facets: seen.facets }
    }

    fn piece(&self, unit: &Unit) -> PieceKind {
        self.reading.outline.pieces[unit.pieces.start].kind
    }

    fn section(&self, section: SectionId, seen: &mut Sight) {
        let mut near = true;
        for id in self.reading.outline.chain(section).take(4) {
            if let Some(component) = self.titles[id] {
                seen.add(key(if near { "title is of " } else { "outer title is of " }, component.id()), 1.0);
            }
            if near {
                for &word in &self.title_words[id] {
                    seen.add(word, 1.0);
                }
            }
            near = false;
        }
        let holder = &self.reading.outline.sections[section];
        let title = self.reading.source.slice(holder.title).trim_matches(['#', ' ', '`', ':', '*']);
        if !matches!(holder.mark, Mark::Tag | Mark::Root | Mark::Message(_)) && is_identifier(title) {
            seen.add(key("", "under an identifier"), 1.0);
        }
        let mark = match self.reading.outline.sections[section].mark {
            Mark::Root | Mark::Message(_) => "no section",
            Mark::Tag => "inside a tag",
            Mark::Label => "under a label",
            _ => "under a heading",
        };
        seen.add(key("", mark), 1.0);
    }

    fn mood(&self, index: usize, unit: &Unit, seen: &mut Sight) {
        if matches!(unit.kind, UnitKind::Code | UnitKind::Table) {
            return;
        }
        let item = matches!(unit.kind, UnitKind::Item { .. });
        let name = self.moods[index].name();
        seen.add(key("is ", name), 1.0);
        if matches!(self.moods[index], Mood::Statement | Mood::Fragment) {
            let words = self.reading.words.within(unit.text);
            if let Some(topic) = topic::of(self.reading.source.text(), words) {
                let binds = words.iter().any(|word| word.is(vocabulary::MODAL | vocabulary::NEGATION));
                seen.add(key(if binds { "binds " } else { "tells of " }, topic.name()), 1.0);
            }
        }
        if item {
            seen.add(key("item is ", name), 1.0);
        }
        if let Some(shared) = self.shared[unit.block as usize].shared() {
            seen.add(key(if item { "its list is of " } else { "its paragraph is of " }, shared.name()), 1.0);
        }
    }

    fn position(&self, index: usize, seen: &mut Sight) {
        let count = self.reading.units.len();
        if index < 2 {
            seen.add(key("", "opens the prompt"), 1.0);
        }
        if index + 2 >= count {
            seen.add(key("", "ends the prompt"), 1.0);
        }
        let tenth = index * 4 / count.max(1);
        seen.add(key("quarter ", ["1", "2", "3", "4"][tenth.min(3)]), 1.0);
    }

    fn form(&self, unit: &Unit, seen: &mut Sight) {
        let kind = match unit.kind {
            UnitKind::Turn => "turn of a dialogue",
            UnitKind::Code => "block of code",
            UnitKind::Table => "table",
            UnitKind::Item { ordered: true } => "numbered item",
            UnitKind::Item { ordered: false } => "bullet",
            UnitKind::Field => "label with text",
            UnitKind::Sentence if self.piece(unit) == PieceKind::Quote => "quoted line",
            _ => "sentence",
        };
        seen.add(key("", kind), 1.0);
        match unit.kind {
            UnitKind::Item { ordered: true } => seen.note(Facet::Step, 1.0),
            UnitKind::Turn => seen.note(Facet::Sample, 3.0),
            _ => {}
        }
        let text = self.reading.source.slice(unit.text);
        for (sign, name) in [
            (':', "ends with a colon"),
            ('?', "question"),
            ('"', "ends with a quote"),
            ('}', "ends with a brace"),
        ] {
            if text.ends_with(sign) {
                seen.add(key("", name), 1.0);
            }
        }
        if !text.ends_with(['.', '!', '?', ':', ';', '"', ')']) {
            seen.add(key("", "no full stop"), 1.0);
        }
        if text.starts_with(['{', '[', '"', '|', '(', '`', '<']) {
            seen.add(key("opens with ", &text[..1]), 1.0);
        }
        if let Some((name, gloss)) = text.split_once(": ").filter(|(name, _)| name.len() <= 24) {
            let capitals = name.chars().all(|c| c.is_uppercase() || matches!(c, '_' | ' '));
            let kind = if capitals { "a name in capitals with a gloss" } else { "a name with a gloss" };
            seen.add(key("", kind), 1.0);
            if gloss.split_whitespace().count() <= 6 {
                seen.add(key("", "a short gloss"), 1.0);
            }
        }
        let words = self.reading.words.within(unit.text);
        for sign in form::signs(self.reading.source.text(), text, words) {
            seen.add(key("", sign), 1.0);
        }
        if self.is_under_a_spoken_label(unit) {
            seen.add(key("", "its label is spoken of"), 1.0);
        }
        if text.starts_with(char::is_lowercase) {
            seen.add(key("", "opens in lower case"), 1.0);
        }
        if unit.kind == UnitKind::Code || unit.text.len() > 4000 {
            let json = text.trim_start().starts_with(['{', '[']);
            let typed = ["string", "number", "null", "\"...\"", "| ", "<", "YYYY", "..."]
                .iter()
                .any(|sign| text.contains(sign));
            seen.add(key("", if json { "code is data" } else { "code is no data" }), 1.0);
            if typed {
                seen.add(key("", "code holds types"), 1.0);
            }
        }
    }

    fn words(&self, unit: &Unit, hits: &[Hit], seen: &mut Sight) {
        let words = self.reading.words.within(unit.text);
        let code = matches!(unit.kind, UnitKind::Code | UnitKind::Table);
        let mut before = 0;
        let mut place = 0;
        let (mut numbers, mut quotes) = (0, 0);
        let mut flags = 0;
        let words = &words[filler(hits).min(words.len())..];
        let is_persona = |word: &Word| self.persona == Some(word.hash());
        for (index, word) in words.iter().enumerate().take(MOST_WORDS) {
            flags |= word.flags() | if is_persona(word) { vocabulary::PERSON } else { 0 };
            if word.is_punctuation() {
                quotes += u32::from(word.is(vocabulary::QUOTE));
                before = 0;
                continue;
            }
            if word.is_number() {
                numbers += 1;
                let measured = words.get(index + 1).is_some_and(|next| next.is(vocabulary::MEASURE));
                if measured {
                    seen.add(key("", "number with a measure"), 1.0);
                }
            }
            let hash = match word {
                word if word.is_number() => vocabulary::hash(b"#"),
                word if is_persona(word) => vocabulary::hash(b"you"),
                word => word.hash(),
            };
            if !code {
                seen.add(vocabulary::extend(WORD, &hash.to_le_bytes()), 1.0);
                if before != 0 {
                    seen.add(vocabulary::extend(before, &hash.to_le_bytes()), 1.0);
                }
                if place < 3 && !(place == 0 && word.is(vocabulary::COURTESY)) {
                    seen.add(vocabulary::extend(OPENERS[place], &hash.to_le_bytes()), 1.0);
                    if place == 0 {
                        opener(*word, seen);
                    }
                    place += 1;
                }
            }
            before = vocabulary::extend(PAIR, &hash.to_le_bytes());
        }
        let mut plain = words.iter().filter(|word| !word.is_punctuation());
        if let (Some(first), Some(second)) = (plain.next(), plain.next())
            && (first.is(vocabulary::PERSON) || is_persona(first))
            && second.is(vocabulary::VERB)
            && !second.is(vocabulary::RECEIVING)
        {
            seen.add(key("", "tells you what you do"), 1.0);
        }
        let classes = [
            (vocabulary::MODAL, "has a modal verb"),
            (vocabulary::NEGATION, "has a negation"),
            (vocabulary::CONDITION, "has a condition"),
            (vocabulary::PERSON, "speaks to you"),
            (vocabulary::FIRST_PERSON, "speaks of the author"),
        ];
        for (flag, name) in classes {
            if flags & flag != 0 {
                seen.add(key("", name), 1.0);
            }
        }
        if quotes >= 2 {
            seen.add(key("", "holds a quotation"), 1.0);
        }
        if numbers > 0 {
            seen.add(key("", "holds a number"), 1.0);
        }
        let length = match words.len() {
            0..=4 => "up to 4 words",
            5..=9 => "5 to 9 words",
            10..=19 => "10 to 19 words",
            20..=39 => "20 to 39 words",
            _ => "40 words or more",
        };
        seen.add(key("", length), 1.0);
    }

    /// A slot that is the whole unit, or that a label announces, receives input.
    fn slot(&mut self, unit: &Unit, seen: &mut Sight) {
        let slots = self.reading.slots;
        while self.next_slot < slots.len() && slots[self.next_slot].span.end() <= unit.text.start() {
            self.next_slot += 1;
        }
        let inside = slots[self.next_slot..].iter().take_while(|slot| slot.span.end() <= unit.text.end());
        let bytes: usize = inside.map(|slot| slot.span.len()).sum();
        if bytes == 0 {
            return;
        }
        // `{{audience: Who reads it?}}`: the slot says itself what it is for.
        let inner = self.reading.source.slice(slots[self.next_slot].inner);
        let name = inner.split_once(':').map(|(name, _)| name.trim());
        if let Some(component) = Component::ALL.into_iter().find(|component| Some(component.id()) == name) {
            return seen.add(key("slot names ", component.id()), 1.0);
        }
        seen.add(key("", "holds a slot"), 1.0);
        if bytes * 10 >= unit.text.len() * 8 {
            seen.add(key("", "a slot on its own"), 1.0);
            seen.note(Facet::InputSlot, 4.0);
        } else if unit.kind == UnitKind::Field {
            seen.add(key("", "a label with a slot"), 1.0);
            seen.note(Facet::InputSlot, 2.0);
        }
    }

    fn cues(&self, unit: &Unit, hits: &[Hit], seen: &mut Sight) {
        let words = self.reading.words.within(unit.text);
        let from = filler(hits);
        for hit in hits.iter().filter(|hit| hit.set == Set::Cue && hit.first >= from).take(MOST_CUES) {
            let cue = &CUES[hit.entry as usize];
            seen.add(key("", cue.name), 1.0);
            if hit.first <= 1 {
                seen.add(key("opens with ", cue.name), 1.0);
            }
            if let Some(facet) = cue.facet {
                seen.note(facet, cue.weight);
            }
        }
        if unit.kind == UnitKind::Field {
            let label = self.reading.outline.pieces[unit.pieces.start].lead;
            let inside = |hit: &&Hit| hit.set == Set::Title && words[hit.last].end as usize <= label.end();
            for hit in hits.iter().filter(inside).filter(|_| unit.opens_piece) {
                seen.add(key("label is of ", TITLES[hit.entry as usize].component.id()), 1.0);
            }
        }
    }

    /// What stands after "...:" is of the kind that the line announces.
    fn led_by(&self, index: usize, unit: &Unit, seen: &mut Sight) {
        let Some(LeadIn { unit: lead, features, names }) = &self.lead_in else { return };
        let units = self.reading.units;
        let between = &units[lead + 1..index];
        let fenced = |unit: &Unit| unit.kind == UnitKind::Mark && self.piece(unit) != PieceKind::Heading;
        // A list or block near its lead-in; far ones are not looked at, which keeps this linear.
        let near =
            between.len() <= 60 && between.iter().all(|other| fenced(other) || other.block == unit.block);
        if !near || unit.section != units[*lead].section && !between.iter().all(fenced) {
            return;
        }
        seen.add(key("", "follows a lead-in"), 1.0);
        if let Some(component) = names {
            seen.add(key("lead-in names ", component.id()), 1.0);
        }
        for &(feature, value) in features.iter().take(60) {
            seen.features.push((led(feature), value));
        }
    }
}

/// "It is important to note that" says nothing of what follows it: the word from which a unit is looked at.
fn filler(hits: &[Hit]) -> usize {
    let opens = |hit: &&Hit| {
        hit.set == Set::Padding && hit.first == 0 && PADDING[hit.entry as usize].kind == PaddingKind::Filler
    };
    hits.iter().find(opens).map_or(0, |hit| hit.last + 1)
}

/// Words of a unit that are looked at: what a unit is for shows early.
const MOST_WORDS: usize = 48;
/// Cues of a unit that are looked at.
const MOST_CUES: usize = 24;

// Seeds that keep the kinds of word features apart. Their names are written `w:`, `2:`, `1st:` and so on.
const WORD: u32 = 0x5bd1_e995;
const PAIR: u32 = 0x1b87_3593;
const LEAD: u32 = 0xcc9e_2d51;
const OPENERS: [u32; 3] = [0xc2b2_ae35, 0x27d4_eb2f, 0x1656_67b1];

fn opener(word: Word, seen: &mut Sight) {
    let classes = [
        (vocabulary::VERB, "opens with an order"),
        (vocabulary::CONDITION, "opens with a condition"),
        (vocabulary::NEGATION, "opens with a negation"),
        (vocabulary::FIRST_PERSON, "opens with the author"),
        (vocabulary::ANAPHORA, "opens by leaning back"),
    ];
    for (flag, name) in classes {
        if word.is(flag) {
            seen.add(key("", name), 1.0);
        }
    }
}

/// The features of one unit while they are gathered.
struct Sight {
    features: Features,
    facet: Option<Facet>,
    facet_weight: f32,
    facets: FacetSet,
}

impl Sight {
    fn add(&mut self, feature: u32, value: f32) {
        self.features.push((feature, value));
    }

    /// The facet with the strongest sign counts.
    fn note(&mut self, facet: Facet, weight: f32) {
        self.facets.insert(facet);
        if weight > self.facet_weight {
            self.facet = Some(facet);
            self.facet_weight = weight;
        }
    }
}
