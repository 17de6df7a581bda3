//! Which component each unit belongs to, and on what evidence.

mod announced;
mod answers_shown;
mod before_the_slot;
mod bounds;
mod by_form;
mod comes_back;
mod entries;
mod exchanges;
mod facets;
mod facts;
mod features;
mod filled;
mod form;
mod functions;
mod handover;
mod keys;
mod leads;
mod lengths;
mod material;
mod model;
mod mood;
mod notes;
mod one_sample;
mod openings;
mod pairs;
mod readers;
mod runs;
mod sampled;
mod shape;
mod shots;
mod titles;
mod topic;
#[doc(hidden)]
pub mod training;
mod views;

use crate::component::{Component, Facet};
use crate::lexicon::{self, CUES, Hit, Set, vocabulary};
use crate::message;
use crate::outline::Outline;
use crate::parallel;
use crate::slots::Slot;
use crate::source::Source;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
use by_form::Around;
pub(crate) use facets::note_demands;
use features::{Features, Observer};
pub(crate) use form::{is_bare_call, is_call};
use functions::OpenFunction;
pub(crate) use handover::tells_what_is_given;
use model::{BUILT_IN, Model, NAMES, Scores, VIEWS};
use notes::is_a_note;
pub(crate) use openings::{wanted_deed, wants_a_text};
pub(crate) use runs::ends_in_a_quotation;
use runs::{OpenList, OpenQuote, OpenRecord};
use sampled::{answers_a_sample, answers_under_a_label, gives_a_verdict, is_form_below_a_sample_title};
use shape::is_courtesy;
use views::Views;

/// How sure the reading of a unit is that it serves a component, on one view.
#[derive(Clone, Debug, PartialEq)]
pub struct Evidence {
    /// The component it speaks for.
    pub component: Component,
    /// The share of belief, 0 to 1.
    pub share: f32,
    /// What was looked at, for people.
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
    /// Every facet that it shows a sign of.
    pub facets: FacetSet,
    /// How much it is believed to serve each component, in the order of [`Component::ALL`]; adds up to 1.
    pub shares: [f32; 6],
    /// What each view said, where the settings ask for it.
    pub evidence: Vec<Evidence>,
}

/// A set of facets.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct FacetSet(u32);

impl FacetSet {
    /// True when the set holds a facet.
    pub fn contains(self, facet: Facet) -> bool {
        self.0 & (1 << facet as u32) != 0
    }

    fn insert(&mut self, facet: Facet) {
        self.0 |= 1 << facet as u32;
    }
}

impl Label {
    /// True when the unit serves a component, as its first or beside another.
    pub fn serves(&self, component: Component) -> bool {
        self.component == Some(component) || self.also.contains(&component)
    }

    /// True when the unit serves a component so surely that a prompt with no other such unit has it.
    pub fn supplies(&self, component: Component) -> bool {
        let index = component.index();
        self.also.contains(&component)
            || self.component == Some(component) && component != Component::Examples
            || self.shares[index] >= BESIDE[index]
    }
}

/// The share of belief with which a component counts as there beside the unit's own one, in the order of
/// [`Component::ALL`]; found on prompts not seen in training. A line that is half taken for a sample is hardly ever one, so
/// samples need it even as the unit's own component.
const BESIDE: Scores = [0.2, 0.15, 0.25, 0.25, 0.2, 0.2];

/// How sure it must be that any unit at all is background, or shapes the answer; found on prompts not seen in training.
const SOME_CONTEXT: f32 = 0.35;
const SOME_FORMAT: f32 = 0.33;

/// True where some unit serves a component. Facts and shapes look like rules, so for those several units that are half believed
/// count for more than the one that is believed most.
pub(crate) fn holds(labels: &[Label], component: Component) -> bool {
    let any = || 1.0 - labels.iter().map(|label| 1.0 - label.shares[component.index()]).product::<f32>();
    match component {
        Component::Context => {
            let takes_in =
                |label: &Label| label.component == Some(component) && label.facet == Some(Facet::InputSlot);
            labels.iter().any(|label| label.also.contains(&component) || takes_in(label))
                || any() >= SOME_CONTEXT
        }
        Component::OutputFormat => any() >= SOME_FORMAT,
        _ => labels.iter().any(|label| label.supplies(component)),
    }
}

/// Everything the labelling reads.
pub(crate) struct Reading<'a> {
    pub(crate) source: &'a Source,
    pub(crate) words: &'a Words,
    pub(crate) outline: &'a Outline,
    pub(crate) units: &'a [Unit],
    pub(crate) slots: &'a [Slot],
}

/// What the labelling found.
pub(crate) struct Labelled {
    /// One for each unit.
    pub(crate) labels: Vec<Label>,
    /// The lexicon's hits in each unit, so that nothing looks twice.
    pub(crate) hits: Vec<Vec<Hit>>,
    /// The component that each section's own title speaks for.
    pub(crate) titles: Vec<Option<Component>>,
}

/// From which share of belief on a component beside the first counts, in the order of [`Component::ALL`]. A limit or a shape
/// often stands inside an ask; a persona or a sample hardly ever stands inside something else.
const ALSO: Scores = [0.25, 0.2, 0.4, 0.6, 0.2, 0.15];

/// The share of belief below which words for a shape speak of something else: "answer in two sentences" bounds a length.
const SHAPE: f32 = 0.04;

/// From which share of belief a line under a title for samples is an order all the same.
const ORDERS: f32 = 0.6;

/// True where a slot stands in a unit.
fn holds_a_slot(reading: &Reading<'_>, unit: &Unit) -> bool {
    let after = reading.slots.partition_point(|slot| slot.span.end() <= unit.text.start());
    reading.slots.get(after).is_some_and(|slot| slot.span.overlaps(unit.text))
}

/// `{% endif %}`, "Begin!": a line that steers, and asks for nothing itself.
fn is_steered(line: &str) -> bool {
    if matches!(line, "Begin!" | "Let's begin!" | "BEGIN!") {
        return true;
    }
    line.strip_prefix("{%").and_then(|line| line.strip_suffix("%}")).is_some_and(|line| !line.contains("%}"))
}

/// From which share of belief an order under a title for rules may be one.
const RULED: f32 = 0.15;

/// Labels every unit; the evidence is kept where it is asked for.
pub(crate) fn label(reading: &Reading<'_>, with_evidence: bool) -> Labelled {
    let mut observer = Observer::new(reading);
    let all_hits = parallel::map(reading.source.text(), reading.units, |unit| {
        let mut hits = Vec::new();
        lexicon::find_in(reading.source.text(), reading.words.within(unit.text), &mut hits);
        hits
    });
    let mut labels: Vec<Label> = Vec::with_capacity(reading.units.len());
    let mut first: Vec<Scores> = Vec::with_capacity(reading.units.len());
    for (index, unit) in reading.units.iter().enumerate() {
        let seen = observer.see(index, unit, &all_hits[index]);
        first.push(opinion(&BUILT_IN, unit, &seen.features));
        labels.push(Label { facet: seen.facet, facets: seen.facets, ..Label::default() });
    }
    let views = Views::new(reading, &first);
    let shown = message::samples(reading.source.messages());
    let mut bounded = bounds::within(reading);
    shots::counted(reading, &mut bounded);
    shots::led_by_a_label(reading, &mut bounded);
    shots::up_to_the_hand_over(reading, &mut bounded);
    shots::tagged(reading, &mut bounded);
    shots::code_below_a_lead(reading, &mut bounded);
    shots::up_to_a_row(reading, &mut bounded);
    one_sample::up_to_the_end(reading, &mut bounded);
    exchanges::answered_in_turn(reading, &mut bounded);
    answers_shown::below_their_title(reading, &mut bounded);
    answers_shown::in_their_tags(reading, &mut bounded);
    answers_shown::below_a_question(reading, &mut bounded);
    let message_of = |unit: &Unit| {
        let after = reading.source.messages().partition_point(|m| m.span.start() <= unit.text.start());
        after.checked_sub(1)
    };
    let mut quoted = OpenQuote::default();
    let mut record = OpenRecord::default();
    let mut list = OpenList::default();
    let mut function = OpenFunction::default();
    let keys = keys::named(reading.source.text());
    let mut sampled = None;
    let mut handed_over = false;
    let mut last = None;
    for (index, label) in labels.iter_mut().enumerate() {
        if bounds::ends_samples(reading.source.slice(reading.units[index].text)) {
            (handed_over, sampled) = (true, None);
        }
        handed_over |= handover::hands_over(reading, index);
        if reading.units[index].kind == UnitKind::Mark {
            continue;
        }
        let turn = message_of(&reading.units[index]).is_some_and(|message| shown[message]);
        if turn || bounded[index] {
            label.component = Some(Component::Examples);
            label.shares[Component::Examples.index()] = 1.0;
            let seen =
                if turn { "a turn that shows how it goes" } else { "between lines that bound a sample" };
            label.evidence = vec![Evidence { component: Component::Examples, share: 1.0, seen }];
            continue;
        }
        let words = reading.words.within(reading.units[index].text);
        // No words: a line that steers a template.
        if words.is_empty()
            || is_steered(reading.source.slice(reading.units[index].text))
            || is_courtesy(words, &all_hits[index])
        {
            continue;
        }
        let seen = views.of(index);
        let by_words = BUILT_IN.second(&seen);
        let mut shares = by_words;
        let unit = &reading.units[index];
        let around = Around {
            keys: &keys,
            last,
            part: observer.titles[unit.section],
            after_a_sample: sampled.is_some(),
            among_samples: !handed_over && views.stands_among_samples(index),
        };
        // What a function does binds nobody.
        if openings::names_or_tells_a_function(reading, index) {
            label.facets = FacetSet::default();
        }
        if let Some((component, facet)) = by_form::told(reading, index, &shares, &around) {
            towards(component, &mut shares);
            if let Some(facet) = facet {
                label.facet = Some(facet);
                label.facets.insert(facet);
            }
        }
        let binds = |word: &Word| matches!(&*word.lower(reading.source.text()), "will" | "must" | "should");
        let is_order = words[0].is(vocabulary::VERB | vocabulary::NEGATION) || words.iter().any(binds);
        if let Some(component) = list.goes_on(unit, &seen[0], is_order) {
            towards(component, &mut shares);
        }
        let step = list.is_a_step(reading, unit) || list.is_within_a_step(reading, unit, is_order);
        if step && sampled.is_none() {
            towards(Component::Task, &mut shares);
        }
        // Under a title for samples a labelled line or a record is one.
        let shows = matches!(unit.kind, UnitKind::Field | UnitKind::Turn | UnitKind::Code | UnitKind::Table)
            || reading.source.slice(unit.text).starts_with(['{', '['])
            || gives_a_verdict(reading, unit);
        let sampling = observer.titles[unit.section] == Some(Component::Examples);
        let orders = seen[0][Component::Constraints.index()] + seen[0][Component::Task.index()];
        let said_of_the_work = is_a_note(reading.source.slice(unit.text)) || holds_a_slot(reading, unit);
        if shows && sampling && orders < ORDERS && !said_of_the_work {
            towards(Component::Examples, &mut shares);
        }
        let answers = sampled.is_some_and(|(end, titled)| {
            answers_a_sample(reading, unit, end, titled)
                || answers_under_a_label(reading, unit, end) && !holds_a_slot(reading, unit)
        });
        if answers {
            towards(Component::Examples, &mut shares);
        }
        // "Summary: There was fog. The boat was late.": one side of a sample on one line.
        let one_side = matches!(unit.kind, UnitKind::Field | UnitKind::Turn)
            && !unit.opens_piece
            && sampled.is_some_and(|(end, _)| !reading.source.text()[end..unit.text.start()].contains('\n'));
        if one_side {
            towards(Component::Examples, &mut shares);
        }
        // "Use plain words. Name the wind.": an order behind another one of the same paragraph shows nothing.
        let ordered =
            matches!(last, Some(Component::Constraints | Component::Task | Component::OutputFormat));
        let opens = words[0].is(vocabulary::VERB | vocabulary::NEGATION);
        if let Some(of) = last.filter(|_| ordered && opens && !one_side)
            && unit.kind == UnitKind::Sentence
            && !unit.opens_piece
        {
            let sample = std::mem::take(&mut shares[Component::Examples.index()]);
            shares[of.index()] += sample;
        }
        record.look(reading, unit);
        if let Some(component) = record.goes_on(reading, unit) {
            towards(component, &mut shares);
        }
        // "You reply \"You have a mass. What is it?\"": the second sentence is still what is quoted.
        if quoted.goes_on(unit) {
            towards(Component::Examples, &mut shares);
        }
        let sampling = sampling || sampled.is_some();
        if function.tells(reading, unit) && !sampling {
            towards(Component::Context, &mut shares);
        }
        // Under a title for rules an order is a rule sooner than a step.
        let ruled = observer.titles[unit.section] == Some(Component::Constraints);
        if ruled && shares[Component::Constraints.index()] >= RULED {
            shares[Component::Constraints.index()] += shares[Component::Task.index()] / 2.0;
            shares[Component::Task.index()] /= 2.0;
        }
        // What stands around a plain rule does not make a fact of it.
        let own = seen[0][Component::Constraints.index()];
        if own >= PLAIN_RULE && unit.kind == UnitKind::Sentence && shares == by_words {
            let rule = &mut shares[Component::Constraints.index()];
            *rule = rule.max(own);
        }
        // Nor do the rules around a plain fact, in a prompt without parts, make a rule of it.
        let (fact, rule) = (Component::Context.index(), Component::Constraints.index());
        let plain_fact = seen[0][fact] >= PLAIN_FACT && seen[0][fact] > seen[0][rule];
        if plain_fact && unit.section == 0 && unit.kind == UnitKind::Sentence && shares == by_words {
            shares[fact] = shares[fact].max(shares[rule] + f32::EPSILON);
        }
        decide(label, &shares);
        last = label.component;
        quoted.note(reading, unit, label.component);
        record.note(reading, unit, label.component);
        list.note(reading, unit, label.component);
        // The answer may have a label, and with it a part, of its own.
        let titled = observer.titles[unit.section] == Some(Component::Examples)
            || answers && sampled.is_some_and(|(_, titled)| titled);
        sampled = Some((unit.text.end(), titled)).filter(|_| label.component == Some(Component::Examples));
        let limits = reading.units[index].kind != UnitKind::Code && states_limit(&all_hits[index]);
        if limits && !label.serves(Component::Constraints) && label.component != Some(Component::Examples) {
            label.also.push(Component::Constraints);
        }
        let asks = matches!(label.component, Some(Component::Task | Component::Constraints));
        let sure = shapes_answer(&all_hits[index], SURE_SHAPE);
        let shapes = sure
            || shapes_answer(&all_hits[index], STRONG_SHAPE)
                && shares[Component::OutputFormat.index()] >= SHAPE;
        if asks && shapes && !label.serves(Component::OutputFormat) {
            label.also.push(Component::OutputFormat);
            if sure {
                raise_shape(label);
            }
        }
        if asks && readers::are_named(reading.source.text(), words) {
            label.facets.insert(Facet::Audience);
        }
        let formed = label.component == Some(Component::OutputFormat);
        if formed && !label.serves(Component::Examples) && is_form_below_a_sample_title(reading, unit) {
            label.also.push(Component::Examples);
        }
        let persona =
            || plays(&all_hits[index]) || behind_its_label(reading, unit).is_some_and(|hits| plays(&hits));
        // "You sort slips by pier": the work, and whose it is.
        let of_the_role = observer.titles[unit.section] == Some(Component::Role);
        let done = (unit.section == 0 || of_the_role) && openings::says_what_you_do(reading, unit);
        let works = done || openings::goes_on_to_the_work(reading, unit);
        if works && label.component == Some(Component::Role) && !label.serves(Component::Task) {
            label.also.push(Component::Task);
        }
        let facts =
            label.component == Some(Component::Task) && openings::tells_facts_behind_the_ask(reading, unit);
        if facts && !label.serves(Component::Context) {
            label.also.push(Component::Context);
        }
        let of_you = done && label.component == Some(Component::Task)
            || openings::says_what_you_are_for(reading, unit);
        if (asks || label.component == Some(Component::Context))
            && !label.serves(Component::Role)
            && (of_you || asks && persona())
        {
            label.also.push(Component::Role);
        }
        if with_evidence {
            label.evidence = evidence(&seen, label.component);
        }
    }
    entries::settle(reading, &mut labels);
    material::settle(reading, &mut labels, &bounded);
    before_the_slot::settle(reading, &mut labels);
    filled::settle(reading, &mut labels);
    Labelled { labels, hits: all_hits, titles: observer.titles }
}

/// Hardly a prompt asks for nothing: where no unit is an ask by itself, the likeliest one is it as well. Not for what is
/// sent along with a prompt, which may well hold rules only.
pub(crate) fn some_task(reading: &Reading<'_>, labels: &mut [Label]) {
    // "I need to write a letter to the tenants", and no other ask.
    let none = labels.iter().all(|label| label.component != Some(Component::Task));
    let wanted = |(unit, label): &(&Unit, &mut Label)| {
        matches!(label.component, Some(Component::Context | Component::Constraints))
            && none
            && openings::wants_a_text(reading.source.text(), reading.words.within(unit.text))
    };
    if let Some((_, label)) = reading.units.iter().zip(labels.iter_mut()).find(wanted) {
        label.also.extend(label.component.replace(Component::Task));
        return;
    }
    if labels.iter().any(|label| label.serves(Component::Task)) {
        return;
    }
    let share = |label: &Label| label.shares[Component::Task.index()];
    let sample = |label: &Label| label.component == Some(Component::Examples);
    let rank = |label: &Label| {
        share(label) + if label.facets.contains(Facet::Goal) && !sample(label) { 1.0 } else { 0.0 }
    };
    let best = labels.iter_mut().reduce(|best, other| if rank(other) > rank(best) { other } else { best });
    if let Some(label) = best.filter(|label| rank(label) >= LEAST_TASK) {
        // "The owner wants a letter to all tenants", among facts.
        let told = label.component == Some(Component::Context) && label.facets.contains(Facet::Goal);
        let other = if told { label.component.replace(Component::Task) } else { Some(Component::Task) };
        label.also.extend(other);
        return;
    }
    // "You are an assistant for rating a slip", and no other ask.
    let works = |(unit, label): &(&Unit, &mut Label)| {
        label.component == Some(Component::Role)
            && form::says_its_work(reading.source.text(), reading.words.within(unit.text))
    };
    if let Some((_, label)) = reading.units.iter().zip(labels).find(works) {
        label.also.push(Component::Task);
    }
}

/// A prompt with this unit says how the answer is shaped.
fn raise_shape(label: &mut Label) {
    let share = &mut label.shares[Component::OutputFormat.index()];
    *share = share.max(SOME_FORMAT);
}

/// The weight of a cue for a shape from which it speaks beside an ask, and from which it is enough by itself.
const STRONG_SHAPE: f32 = 3.0;
const SURE_SHAPE: f32 = 3.5;

/// The weight of a cue for a persona from which it speaks beside an ask.
const SURE_PERSONA: f32 = 4.0;

/// From this share of belief on a sentence is a rule by its own words.
const PLAIN_RULE: f32 = 0.8;

/// From this share of belief on a sentence that is a fact sooner than a rule by its own words is one.
const PLAIN_FACT: f32 = 0.4;

/// Below this share of belief a unit is no ask whatever the others are.
const LEAST_TASK: f32 = 0.05;

/// What a unit says by its form outweighs its words.
fn towards(component: Component, shares: &mut Scores) {
    shares.iter_mut().for_each(|share| *share *= 0.35);
    shares[component.index()] += 0.65;
}

/// A stated length is a limit wherever it stands: "Write a notice in at most 80 words" is an ask and a constraint.
fn states_limit(hits: &[Hit]) -> bool {
    hits.iter().any(|hit| hit.set == Set::Cue && CUES[hit.entry as usize].facet == Some(Facet::Length))
}

/// "Turn it into a guide with the sections Aim and Rules": an ask that gives the shape as well.
fn shapes_answer(hits: &[Hit], weight: f32) -> bool {
    let shape = |cue: &lexicon::Cue| cue.component == Component::OutputFormat && cue.weight >= weight;
    hits.iter().any(|hit| hit.set == Set::Cue && shape(&CUES[hit.entry as usize]))
}

/// "Act as an impartial judge and rate the answer": an ask that gives the persona as well.
fn plays(hits: &[Hit]) -> bool {
    let persona = |cue: &lexicon::Cue| cue.component == Component::Role && cue.weight >= SURE_PERSONA;
    hits.iter().any(|hit| hit.set == Set::Cue && persona(&CUES[hit.entry as usize]))
}

/// What the lexicon finds in "Instruction: You are a clerk who …" where the words begin.
fn behind_its_label(reading: &Reading<'_>, unit: &Unit) -> Option<Vec<Hit>> {
    let words = reading.words.within(unit.text);
    let colon = words.iter().take(4).position(|word| word.text(reading.source.text()) == ":")?;
    let mut hits = Vec::new();
    lexicon::find(words.get(colon + 1..).filter(|_| unit.opens_piece)?, &mut hits);
    Some(hits)
}

/// The first stage's opinion of a unit; marks have none.
fn opinion(model: &Model<'_>, unit: &Unit, features: &Features) -> Scores {
    if unit.kind == UnitKind::Mark { [0.0; NAMES] } else { model.first(features) }
}

fn decide(label: &mut Label, shares: &Scores) {
    let best = Component::ALL
        .into_iter()
        .reduce(|best, other| if shares[other.index()] > shares[best.index()] { other } else { best });
    label.component = best;
    label.shares = *shares;
    label.also = Component::ALL
        .into_iter()
        .filter(|c| Some(*c) != best && shares[c.index()] >= ALSO[c.index()])
        .collect();
}

/// What each view says of the chosen component, and of its strongest rival there.
fn evidence(views: &[Scores; VIEWS.len()], chosen: Option<Component>) -> Vec<Evidence> {
    let mut found = Vec::new();
    for (view, seen) in views.iter().zip(VIEWS) {
        for component in Component::ALL {
            let share = view[component.index()];
            if share >= 0.3 || Some(component) == chosen && share >= 0.1 {
                found.push(Evidence { component, share, seen });
            }
        }
    }
    found
}

/// What each unit of a prompt is for, for the tests of this folder.
#[cfg(test)]
fn components_of(text: &str) -> Vec<Option<Component>> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let review =
        crate::review::review(source, &crate::review::Settings::default(), &crate::ledger::Uncounted);
    review.labels().iter().map(|label| label.component).collect()
}
