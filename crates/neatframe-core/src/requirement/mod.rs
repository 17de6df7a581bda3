//! What a prompt demands, read once into typed values: everything that asks "what is demanded here" reads these.

mod absence;
mod alone;
mod amount;
mod answer_form;
mod binding_facts;
mod by_label;
mod choice;
mod clash;
mod crossed;
mod dates;
mod gap;
mod length;
mod manner;
mod measure;
mod offered;
mod order;
mod part;
mod pattern;
mod placed;
mod spread;
mod two_labels;
mod values;
mod way_out;
mod whom;
mod words;

pub(crate) use amount::{bounded, is_of_some, number};
pub(crate) use clash::{ASKED_FOR, are_two_caps, excludes, too_little_room};
pub(crate) use dates::spelt_form;
pub(crate) use gap::of_one_thing as is_one_gap;
pub(crate) use length::reply_tokens;
pub(crate) use manner::asks_twice_over;
pub use measure::{Bound, Measure};
pub use order::Sequence;
pub use pattern::Pattern;
pub(crate) use placed::places;
pub use way_out::Way;
pub(crate) use whom::{WHOLE, singular};
pub(crate) use words::{is_exception, quotations};

use crate::classify::{self, Label};
use crate::component::Component;
use crate::lexicon::{self, Hit, Set};
use crate::outline::{Mark, Outline};
use crate::parallel;
use crate::samples::form;
use crate::source::Source;
use crate::span::Span;
use crate::units::Unit;
use crate::words::{Word, Words};

/// What a demand is about.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Subject {
    /// The whole reply.
    Reply,
    /// The sentence does not say: the reply, or a part of it.
    Unstated,
    /// Every one of the things named: each bullet, each sentence. No name where the sentence says only "each".
    Each(String),
    /// A named part: the title, the summary, a field.
    Named(String),
}

impl Subject {
    /// The name for people and for machine-readable output: `reply`, `each bullet`, `title`.
    pub fn name(&self) -> String {
        match self {
            Subject::Reply => "reply".into(),
            Subject::Unstated => "not stated".into(),
            Subject::Each(thing) if thing.is_empty() => "each of them".into(),
            Subject::Each(thing) => format!("each {thing}"),
            Subject::Named(part) => part.clone(),
        }
    }
}

/// What is demanded.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Demand {
    /// A length or a count.
    Amount {
        /// Of what.
        measure: Measure,
        /// How much of it.
        bound: Bound,
    },
    /// All things of a kind, however many there are: every finding listed.
    Every(&'static str),
    /// One pole of an axis on which prompts contradict themselves: tone, layout, person, emoji, asking back.
    Manner {
        /// The axis: `layout`.
        axis: &'static str,
        /// Where on it: `no bullets`.
        pole: &'static str,
    },
    /// Words that have to be in the reply.
    Mention(String),
    /// Words that must not be in the reply.
    Omit(String),
    /// The words that the reply begins with.
    BeginsWith(String),
    /// Words with which the reply must not begin.
    NeverBeginsWith(String),
    /// The words that the reply ends with.
    EndsWith(String),
    /// The answer is one of these words.
    OneOf(Vec<String>),
    /// A written form for dates, such as `YYYY-MM-DD`.
    DateForm(String),
    /// A written form for sums of money, as a sum that shows it: `12.90 €`.
    MoneyForm(String),
    /// A written form for codes, numbers or names.
    Pattern(Pattern),
    /// The fields of a record or the columns of a table, in order.
    Fields(Vec<Field>),
    /// Numbered steps, in their order: where the words of each stand.
    Steps(Vec<Span>),
    /// One thing is done before another.
    Sequence(Sequence),
    /// The school grade for which the reply is to read.
    ReadingLevel(u32),
    /// What is done where a value is not there.
    Gap {
        /// The value that is not there, in the prompt's words; empty where any is meant.
        of: String,
        /// The way out.
        way: Way,
    },
    /// What to do when something is missing or fails.
    Fallback,
    /// A step that waits for something before the next.
    Gate,
}

/// A field of a record, or a column of a table.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Field {
    /// Its name.
    pub name: String,
    /// What the template says goes in, such as `number, or null`; empty where it says nothing.
    pub form: String,
}

impl Field {
    fn shown(&self) -> String {
        if self.form.is_empty() { self.name.clone() } else { format!("{} ({})", self.name, self.form) }
    }
}

impl Demand {
    /// The kind of demand, for machine-readable output.
    pub fn id(&self) -> &'static str {
        match self {
            Demand::Amount { .. } => "amount",
            Demand::Every(_) => "every",
            Demand::Manner { .. } => "manner",
            Demand::Mention(_) => "mention",
            Demand::Omit(_) => "omit",
            Demand::BeginsWith(_) => "begins_with",
            Demand::NeverBeginsWith(_) => "never_begins_with",
            Demand::EndsWith(_) => "ends_with",
            Demand::OneOf(_) => "one_of",
            Demand::DateForm(_) => "date_form",
            Demand::MoneyForm(_) => "money_form",
            Demand::Pattern(_) => "pattern",
            Demand::Fields(_) => "fields",
            Demand::Steps(_) => "steps",
            Demand::Sequence(_) => "sequence",
            Demand::ReadingLevel(_) => "reading_level",
            Demand::Gap { .. } => "gap",
            Demand::Fallback => "fallback",
            Demand::Gate => "gate",
        }
    }

    /// True where it says what stands in a gap: a word, nothing at all, or no field.
    pub(crate) fn fills_a_gap(&self) -> bool {
        matches!(self, Demand::Gap { way, .. } if way.value().is_some())
    }

    /// The demand in words: `at most 80 words`, `layout: no bullets`.
    pub fn shown(&self) -> String {
        match self {
            Demand::Amount { measure, bound } => format!("{} {}", bound.shown(), measure.name(bound)),
            Demand::Every(things) => format!("all {things}"),
            Demand::Manner { axis, pole } => format!("{axis}: {pole}"),
            Demand::Mention(words) => format!("says `{words}`"),
            Demand::Omit(words) => format!("never says `{words}`"),
            Demand::BeginsWith(words) => format!("begins with `{words}`"),
            Demand::NeverBeginsWith(words) => format!("never begins with `{words}`"),
            Demand::EndsWith(words) => format!("ends with `{words}`"),
            Demand::OneOf(words) => format!("one of {}", words.join(", ")),
            Demand::DateForm(form) => format!("dates as {form}"),
            Demand::MoneyForm(form) => format!("sums as {form}"),
            Demand::Pattern(pattern) => format!("{} as {}", pattern.of, pattern.shape),
            Demand::Fields(fields) => {
                let named: Vec<String> = fields.iter().map(Field::shown).collect();
                format!("fields {}", named.join(", "))
            }
            Demand::Steps(steps) => format!("{} steps in order", steps.len()),
            Demand::Sequence(order) => format!("`{}` before `{}`", order.first, order.then),
            Demand::ReadingLevel(grade) => format!("reads at grade {grade}"),
            Demand::Gap { of, way } => {
                let way = way.value().map_or_else(|| way.shown().to_string(), |value| format!("`{value}`"));
                let of = if of.is_empty() { String::new() } else { format!(" of {of}") };
                format!("{way} in a gap{of}")
            }
            Demand::Fallback => "says what to do in a gap".into(),
            Demand::Gate => "waits before going on".into(),
        }
    }
}

/// A rule that the prompt states.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Requirement {
    /// The unit that states it, an index into the review's units.
    pub unit: usize,
    /// The words that state it.
    pub span: Span,
    /// What it is about.
    pub subject: Subject,
    /// What it demands.
    pub demand: Demand,
    /// The part of the reply that the sentence speaks about, where it is not the whole: `title`, `table`.
    pub part: Option<String>,
    /// True when the sentence names a condition or an exception, so that another rule may hold beside it.
    pub conditional: bool,
}

impl Requirement {
    /// A demand on the whole reply.
    fn on_reply(unit: usize, span: Span, demand: Demand, conditional: bool) -> Requirement {
        Requirement { unit, span, subject: Subject::Reply, demand, part: None, conditional }
    }
}

/// What the readers of single kinds of demand see.
pub(crate) struct Sight<'a> {
    pub(crate) source: &'a Source,
    pub(crate) words: &'a Words,
    pub(crate) outline: &'a Outline,
    pub(crate) units: &'a [Unit],
    pub(crate) labels: &'a [Label],
    pub(crate) hits: &'a [Vec<Hit>],
}

/// "The readers are experts" reads like a fact, and says how to write.
fn readers(sight: &Sight<'_>, demands: &[usize], found: &mut Vec<Requirement>) {
    const AXIS: &str = "what the reader knows";
    let mut told = Vec::new();
    for (unit, label) in sight.labels.iter().enumerate() {
        let names = |hit: &Hit| hit.set == Set::Pole && lexicon::POLES[hit.entry as usize].axis == AXIS;
        let fact = label.component == Some(Component::Context) && demands.binary_search(&unit).is_err();
        if fact && sight.hits[unit].iter().any(names) {
            manner::read(sight, unit, &mut told);
        }
    }
    let of_readers = |rule: &Requirement| matches!(rule.demand, Demand::Manner { axis: AXIS, .. });
    found.extend(told.into_iter().filter(of_readers));
}

/// What one unit states, out of requirements in order of place.
pub(crate) fn of_unit(requirements: &[Requirement], unit: usize) -> impl Iterator<Item = &Requirement> {
    let from = requirements.partition_point(|rule| rule.unit < unit);
    requirements[from..].iter().take_while(move |rule| rule.unit == unit)
}

/// Reads the requirements of the units that demand something, in order of place.
pub(crate) fn read(sight: &Sight<'_>, demands: impl Iterator<Item = usize>) -> Vec<Requirement> {
    let mut found = Vec::new();
    let demands: Vec<usize> = demands.collect();
    let of_each = parallel::map(sight.source.text(), &demands, |&unit| {
        let mut found = Vec::new();
        if asks_a_person(sight, unit) {
            return found;
        }
        manner::read(sight, unit, &mut found);
        answer_form::read(sight, unit, &mut found);
        choice::read(sight, unit, &mut found);
        gap::read(sight, unit, &mut found);
        words::read(sight, unit, &mut found);
        order::read(sight, unit, &mut found);
        found
    });
    // An amount may lean on those before it, so they are read one after the other.
    let mut amounts = Vec::new();
    for (&unit, others) in demands.iter().zip(of_each) {
        let from = amounts.len();
        // "open(url): the text of one page" describes a tool.
        let calls = classify::is_call(sight.source.slice(sight.units[unit].text).trim());
        if !calls && !asks_a_person(sight, unit) {
            amount::read(sight, unit, &mut amounts);
        }
        found.extend_from_slice(&amounts[from..]);
        found.extend(others);
    }
    readers(sight, &demands, &mut found);
    alone::read(sight, &demands, &mut found);
    pattern::read(sight, &mut found);
    choice::lists(sight, &mut found);
    values::facts(sight, &mut found);
    binding_facts::read(sight, &demands, &mut found);
    offered::read(sight, &mut found);
    choice::records(sight, &mut found);
    choice::titled(sight, &mut found);
    choice::steps(sight, &mut found);
    parts_by_name(sight, &mut found);
    below_a_heading(sight, &mut found);
    let mut known: Option<(usize, Option<String>)> = None;
    for requirement in &mut found {
        let unit = requirement.unit;
        let part = match known.take().filter(|(of, _)| *of == unit) {
            Some((_, part)) => part,
            None => part::part_of(sight, unit),
        };
        requirement.part.clone_from(&part);
        // "Amounts to whole euros", "percentages with two decimals": each is about its own figures.
        if matches!(requirement.demand, Demand::Manner { axis: "rounding", .. }) {
            requirement.part = part::figures(sight, unit);
        }
        // "Translate the page", "leave brand names in English": each is about its own text.
        if matches!(requirement.demand, Demand::Manner { axis: "text of signs", .. }) {
            requirement.part = part::object_of(sight, requirement.span);
        }
        // "The names of the dishes", "the name of the restaurant".
        if matches!(requirement.demand, Demand::Manner { axis: "names in translation", .. }) && part.is_none()
        {
            requirement.part = part::owner_of(sight, requirement.span);
        }
        // "Ask before booking", "show the times without asking": each is about its own deed.
        if matches!(requirement.demand, Demand::Manner { axis: "asking back", .. }) && part.is_none() {
            requirement.part = manner::deed(sight, unit);
        }
        if let Demand::Manner { axis: axis @ ("form of address" | "reasons"), .. } = requirement.demand {
            requirement.part = part.clone().or_else(|| manner::object(sight, axis, requirement.span, unit));
        }
        // "Do not invent facts", "invent a fitting title".
        if matches!(requirement.demand, Demand::Manner { axis: "gaps", .. }) {
            requirement.part = manner::work(sight, unit);
        }
        if matches!(requirement.demand, Demand::Manner { axis: "units", .. }) {
            requirement.part = part::figures(sight, unit);
        }
        known = Some((unit, part));
    }
    found.sort_by_key(|requirement| (requirement.span, requirement.unit));
    in_forms(sight, &mut found);
    found
}

/// True for "{{task: What should come back, in one sentence?}}", which asks a person.
fn asks_a_person(sight: &Sight<'_>, unit: usize) -> bool {
    let text = sight.source.slice(sight.units[unit].text).trim();
    text.starts_with("{{") && text.ends_with("}}")
}

/// "A description of three to five sentences" makes the description a part, of which "the description" speaks later on.
fn parts_by_name(sight: &Sight<'_>, found: &mut [Requirement]) {
    // "Summarise in no more than 50 words": the summary is the whole.
    let text = sight.source.text();
    let summarises = found.iter().any(|rule| {
        let words = sight.words.within(sight.units[rule.unit].text);
        let first = words.first().map(|word| word.lower(text).into_owned());
        rule.subject == Subject::Reply && matches!(first.as_deref(), Some("summarise" | "summarize"))
    });
    for rule in found.iter_mut().filter(|_| summarises) {
        if rule.subject == Subject::Named("summary".into()) {
            rule.subject = Subject::Reply;
        }
    }
    let named: Vec<String> = found
        .iter()
        .filter_map(|rule| match &rule.subject {
            Subject::Named(part) if whom::WHOLE.contains(&part.as_str()) => Some(part.clone()),
            _ => None,
        })
        .take(FEW)
        .chain(text_at_the_end(sight))
        .collect();
    if named.is_empty() {
        return;
    }
    for rule in found.iter_mut() {
        let amount = matches!(rule.demand, Demand::Amount { .. }) && rule.subject == Subject::Reply;
        let words = sight.words.within(sight.units[rule.unit].text);
        let part = named.iter().find(|part| {
            let is_it = |word: &Word| word.lower(text) == part.as_str();
            words.iter().take(2).any(|word| word.lower(text) == "the") && words.iter().take(3).any(is_it)
                // "Report length: …", and "keep it to 200 words" right behind the order to write it.
                || words.first().is_some_and(is_it)
                || words.iter().take(2).any(|word| word.lower(text) == "it")
                    && rule.unit > 0
                    && sight.units[rule.unit - 1].block == sight.units[rule.unit].block
                    && written_at_the_end(sight, rule.unit - 1).as_deref() == Some(part.as_str())
        });
        if let Some(part) = part.filter(|_| amount) {
            rule.subject = Subject::Named(part.clone());
        }
    }
}

/// The text that a conversation ends with: "at the end write a report".
fn text_at_the_end(sight: &Sight<'_>) -> Option<String> {
    (0..sight.units.len()).find_map(|unit| written_at_the_end(sight, unit))
}

fn written_at_the_end(sight: &Sight<'_>, unit: usize) -> Option<String> {
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    let lower = |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(text));
    let ends = lower(0) == "at" && lower(1) == "the" && lower(2) == "end";
    let from = if ends { 3 } else { return None };
    let from = from + usize::from(lower(from) == ",");
    let writes = matches!(&*lower(from), "write" | "give" | "send" | "add" | "produce" | "draft" | "make");
    let noun = lower(from + 2);
    let named = matches!(&*lower(from + 1), "a" | "an" | "the") && whom::WHOLE.contains(&&*noun);
    (writes && named).then(|| noun.into_owned())
}

/// "(2-3 sentences)" below "## Summary": the length of that part.
fn below_a_heading(sight: &Sight<'_>, found: &mut [Requirement]) {
    for rule in found.iter_mut().filter(|rule| rule.subject == Subject::Reply) {
        let unit = &sight.units[rule.unit];
        let section = &sight.outline.sections[unit.section];
        let alone = sight.source.slice(unit.text);
        let bracketed = alone.starts_with(['(', '[', '<']) && alone.ends_with([')', ']', '>']);
        if bracketed
            && matches!(section.mark, Mark::Heading(_))
            && matches!(rule.demand, Demand::Amount { .. })
        {
            rule.subject = Subject::Named(sight.source.slice(section.title).trim().to_lowercase());
        }
    }
}

/// "Fault: at most 5 words" between "Pier: its letter" and "Date: YYYY-MM-DD": the line of the form, not the whole reply.
fn in_forms(sight: &Sight<'_>, found: &mut [Requirement]) {
    let forms = form::runs(sight.source);
    for entry in forms.iter().filter(|run| run.is_form()).flat_map(|run| &run.entries) {
        let line = entry.label.cover(entry.value);
        let from = found.partition_point(|rule| rule.span.start() < line.start());
        let within = found[from..].iter_mut().take_while(|rule| line.contains(rule.span));
        for rule in within.filter(|rule| {
            matches!(rule.demand, Demand::Amount { .. } | Demand::DateForm(_) | Demand::OneOf(_))
        }) {
            let counts = matches!(&rule.demand, Demand::Amount { measure: Measure::Items(things), .. } if entry.name.contains(things));
            if !counts && !whom::is_a_step(&entry.name) {
                rule.subject = Subject::Named(entry.name.clone());
            }
        }
    }
}

/// How many such parts are looked for.
const FEW: usize = 8;

#[cfg(test)]
mod tests;
