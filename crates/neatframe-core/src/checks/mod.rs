//! The checks: each sees the whole reading of a prompt and says what is wrong with it.

mod a_day;
mod accompanied;
mod against_template;
mod all_or_left_out;
mod always_there;
mod answer_options;
mod answer_tag;
mod answer_times;
mod arrow_samples;
mod band_shown;
mod before_its_time;
mod beyond_levels;
mod broken_slot;
mod budget;
mod case_outcome;
mod catch_all;
mod choice_in_template;
mod choice_ruled_out;
mod clashing_demands;
mod closed_days;
mod coded;
mod columns;
mod cost;
mod counts;
mod credential;
mod csv_rows;
mod days;
mod days_a_week;
mod deed_ruled_out;
mod dropped_rules;
mod durations;
mod each_opens;
mod emptied;
mod even_so;
mod example;
mod field_done_or_not;
mod field_rules;
mod filled_forms;
mod first_question;
mod fixed_words;
mod for_some_only;
mod free_hours;
mod half_sample;
mod heap;
mod hole_of_a_form;
mod hours;
mod inputs;
mod kept_or_changed;
mod key_case;
mod left_out_or_marked;
mod left_over;
mod level_times;
mod listed_fields;
mod listed_items;
mod listed_order;
mod loose_json;
mod lost_place;
mod lost_title;
mod lost_tool;
mod marks_spread;
mod markup;
mod miscounted;
mod missing;
mod more_than_asked;
mod name_spelling;
mod needed_or_not;
mod none_at_all;
mod nothing_beside;
mod number_kept_back;
mod odd_label;
mod off_scale;
mod one_or_several;
mod only_colours;
mod only_one_of_two;
mod only_or_all;
mod order_against_ban;
mod order_of_work;
mod ordinal_part;
mod outside_choices;
mod outside_hours;
mod over_a_bound;
mod owed_word;
mod own_illustration;
mod parts_past_whole;
mod past_count;
mod past_limit;
mod people_served;
mod per_holder;
mod person_days;
mod phrasing;
mod place_of_part;
mod price_bounds;
mod private_data;
mod quoted_number;
mod range_in_template;
mod ready_in;
mod redundant;
mod refused_topic;
mod rival_sources;
mod rival_values;
mod rivals;
mod row_order;
mod ruled_out_word;
mod salutation;
mod sample_breaks_rule;
mod scale_or_names;
mod shown_within;
mod sign_ruled_out;
mod sink;
mod slot;
mod sorted_by_rule;
mod steps;
mod sum_of_kinds;
mod sum_off;
mod terms;
mod things_shown;
mod thresholds;
mod tie_break;
mod time_for_each;
mod told_or_kept;
mod two_figures;
mod two_origins;
mod two_units;
mod two_ways_out;
mod typed_fields;
mod uncited;
mod uneven_samples;
mod unfenced_input;
mod unset_gate;
mod vague;
mod without_consent;
mod wordy;

use crate::classify::Label;
use crate::component::{Component, Facet};
use crate::edit::Edit;
use crate::finding::{Family, Finding, Severity};
use crate::frame::{Frame, Part};
use crate::layer::Layer;
use crate::ledger::Ledger;
use crate::lexicon::{Hit, vocabulary};
use crate::outline::Outline;
use crate::parallel;
use crate::reframe::decide;
use crate::requirement::Requirement;
use crate::review::Settings;
use crate::samples::Shown;
use crate::slots::Slot;
use crate::source::Source;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
pub(crate) use columns::column_names;
pub(crate) use sink::Sink;
use std::collections::{HashMap, HashSet};
pub(crate) use wordy::parted;

/// How a house treats a check.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Level {
    /// It does not run.
    Off,
    /// It runs, as grave as it says itself.
    On,
    /// It runs, and its findings weigh this much.
    At(Severity),
}

/// What is known of a check without running it.
#[derive(Debug)]
pub struct Meta {
    /// Its id, unique and in kebab case.
    pub id: &'static str,
    /// Its family.
    pub family: Family,
    /// How much its findings weigh unless they say otherwise.
    pub severity: Severity,
    /// What it finds, in a few words.
    pub summary: &'static str,
    /// What to write instead, in a few words.
    pub write: &'static str,
    /// False for a check that runs only where the house turns it on.
    pub on: bool,
    /// True when it depends on a lexicon, and stands aside for languages that have none.
    pub english: bool,
    /// Why that costs answers.
    pub why: &'static str,
    /// Prompts in which it finds something.
    pub bad: &'static [&'static str],
    /// Prompts in which it stays silent.
    pub good: &'static [&'static str],
}

/// One check.
pub(crate) trait Check: Sync {
    fn meta(&self) -> &'static Meta;
    /// Reports every fault it sees.
    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>);
}

/// All checks, family by family.
pub(crate) static CHECKS: &[&dyn Check] = &[
    &missing::AbsentPart,
    &missing::ThinPart,
    &missing::IntricateFormat,
    &heap::UnreasonedRules,
    &vague::UnmeasuredWording,
    &vague::NoReferent,
    &redundant::SaidBefore,
    &wordy::Padding,
    &wordy::RunOn,
    &wordy::HardReading,
    &wordy::Courtesy,
    &clashing_demands::ClashingDemands,
    &hours::Hours,
    &name_spelling::NameSpelling,
    &off_scale::OffScale,
    &order_against_ban::OrderAgainstBan,
    &order_of_work::OrderOfWork,
    &past_limit::PastLimit,
    &place_of_part::PlaceOfPart,
    &sum_off::SumOff,
    &two_figures::TwoFigures,
    &phrasing::BareProhibition,
    &phrasing::HedgedOrder,
    &phrasing::ProhibitionPile,
    &heap::RuleHeap,
    &heap::ClosedCases,
    &terms::HouseTerm,
    &sample_breaks_rule::SampleBreaksRule,
    &half_sample::HalfSample,
    &example::SamplesAlike,
    &example::ManyDialogues,
    &uneven_samples::UnevenSamples,
    &example::UnmarkedSample,
    &example::CopiedValues,
    &steps::StepNumbers,
    &steps::LostReference,
    &unset_gate::UnsetGate,
    &left_over::LeftOverSlot,
    &slot::MixedSlots,
    &inputs::UnusedInput,
    &slot::NamelessSlot,
    &broken_slot::BrokenSlot,
    &inputs::UndeclaredSlot,
    &markup::OpenFence,
    &markup::OpenTag,
    &markup::SkippedLevel,
    &markup::MixedSections,
    &markup::InvisibleCharacters,
    &credential::Credential,
    &private_data::PrivateData,
    &unfenced_input::UnfencedInput,
    &dropped_rules::DroppedRules,
    &cost::OverBudget,
    &cost::HeavyPart,
    &cost::ResentText,
];

/// What is known of every check, in the order in which they run.
pub fn checks() -> impl Iterator<Item = &'static Meta> {
    CHECKS.iter().map(|check| check.meta())
}

/// The reading of one prompt, as the checks see it.
pub(crate) struct Case<'a> {
    pub(crate) source: &'a Source,
    pub(crate) words: &'a Words,
    pub(crate) outline: &'a Outline,
    pub(crate) units: &'a [Unit],
    pub(crate) labels: &'a [Label],
    pub(crate) hits: &'a [Vec<Hit>],
    pub(crate) slots: &'a [Slot],
    pub(crate) frame: &'a Frame,
    /// Another language than English.
    pub(crate) language: Option<&'static str>,
    pub(crate) layers: &'a [Layer],
    /// The earlier twin of each demand that repeats one.
    pub(crate) repeats: &'a HashMap<usize, usize>,
    pub(crate) requirements: &'a [Requirement],
    pub(crate) settings: &'a Settings,
    pub(crate) ledger: &'a Ledger,
    /// The units that ask for something, in order.
    pub(crate) demands: Vec<usize>,
    /// The labelled sides of the samples.
    pub(crate) samples: Vec<Shown>,
    /// Where the words of each unit begin and end among all words.
    pub(crate) word_ranges: Vec<(u32, u32)>,
}

impl Case<'_> {
    pub(crate) fn text(&self, span: Span) -> &str {
        self.source.slice(span)
    }

    /// The words under a span on one line, cut after 60 characters.
    pub(crate) fn shown(&self, span: Span) -> String {
        shown(self.source, span)
    }

    /// True when a place within a unit stands between quotation marks.
    pub(crate) fn is_quoted(&self, unit: usize, at: usize) -> bool {
        is_quoted(self.source.text(), self.units[unit].text, at)
    }

    pub(crate) fn words_of(&self, unit: usize) -> &[Word] {
        let (from, to) = self.word_ranges[unit];
        &self.words.all()[from as usize..to as usize]
    }

    /// Units that ask something of the model: not marks, samples, code, tables or background.
    pub(crate) fn demands(&self) -> impl Iterator<Item = usize> + '_ {
        self.demands.iter().copied()
    }

    /// The unit that holds the start of a place, or the first one after it.
    fn unit_at(&self, place: Span) -> usize {
        self.units.partition_point(|unit| unit.text.end() <= place.start())
    }

    /// The unit in which a slot stands, or the one before it.
    pub(crate) fn unit_of(&self, slot: &Slot) -> Option<usize> {
        self.units.partition_point(|unit| unit.text.start() <= slot.span.start()).checked_sub(1)
    }

    pub(crate) fn has(&self, part: Part) -> bool {
        has(self.labels, part) || self.layers.iter().any(|layer| layer.supplies(part))
    }
}

/// True when some unit serves a component or shows a facet; samples show no facets of the prompt.
pub(crate) fn has(labels: &[Label], part: Part) -> bool {
    match part {
        Part::Component(component) => crate::classify::holds(labels, component),
        Part::Facet(facet) => labels
            .iter()
            .any(|label| label.component != Some(Component::Examples) && label.facets.contains(facet)),
    }
}

/// The longest line that names a manner and nothing else, in bytes.
const MANNER: usize = 24;

/// See [`Case::demands`].
pub(crate) fn demands<'a>(units: &'a [Unit], labels: &'a [Label]) -> impl Iterator<Item = usize> + 'a {
    (0..units.len()).filter(|&unit| {
        let label = &labels[unit];
        let asking = [Component::Role, Component::Task, Component::Constraints, Component::OutputFormat];
        // "Each fare has to come with its link" asks, even where it reads like a fact.
        let obliges = label.facets.contains(Facet::Obligation);
        // "formal" on a line of its own.
        let manner = label.facets.contains(Facet::Tone) && units[unit].text.len() <= MANNER;
        let sample = label.component == Some(Component::Examples);
        let asks = !sample && (obliges || manner || asking.iter().any(|part| label.serves(*part)));
        // "Title: at most 8 words", and a sample with the same labels below.
        let shape = label.component == Some(Component::OutputFormat);
        let prose = match units[unit].kind {
            UnitKind::Mark | UnitKind::Code | UnitKind::Table => false,
            UnitKind::Turn => shape,
            _ => true,
        };
        asks && prose
    })
}

/// The words under a span on one line, cut after 60 characters.
pub(crate) fn shown(source: &Source, span: Span) -> String {
    let mut end = span.end().min(span.start() + 400);
    while !source.text().is_char_boundary(end) {
        end += 1;
    }
    shortened(&source.text()[span.start()..end].split_whitespace().collect::<Vec<_>>().join(" "))
}

/// A line cut after 60 characters.
pub(crate) fn shortened(line: &str) -> String {
    match line.char_indices().nth(60) {
        Some((at, _)) => format!("{}…", line[..at].trim_end()),
        None => line.to_string(),
    }
}

/// How far back an opening quotation mark is looked for, in bytes.
const QUOTE_REACH: usize = 1000;

/// True when an odd number of quotation marks stands between the start of `within` and the place.
pub(crate) fn is_quoted(text: &str, within: Span, at: usize) -> bool {
    // A quotation of several sentences may have begun before this one, on its line.
    let start = line_of_one_quotation(text, at).map_or(within.start(), |line| line.min(within.start()));
    let mut from = at.saturating_sub(QUOTE_REACH).max(start);
    while !text.is_char_boundary(from) {
        from += 1;
    }
    let head = &text[from..at.max(from)];
    let straight = head.matches(['"', '`']).count() % 2 == 1;
    straight || head.matches('“').count() > head.matches('”').count()
}

/// Where the line of a place begins, if it holds one quotation and is no longer than looked at.
fn line_of_one_quotation(text: &str, at: usize) -> Option<usize> {
    let near = at.saturating_sub(QUOTE_REACH)..text.len().min(at + QUOTE_REACH);
    let bytes = &text.as_bytes()[near.clone()];
    let (before, after) = bytes.split_at(at - near.start);
    let from = match before.iter().rposition(|&byte| byte == b'\n') {
        Some(end) => end + 1,
        None => (near.start == 0).then_some(0)?,
    };
    let to = match after.iter().position(|&byte| byte == b'\n') {
        Some(length) => before.len() + length,
        None => (near.end == text.len()).then_some(bytes.len())?,
    };
    (bytes[from..to].iter().filter(|&&byte| byte == b'"').count() == 2).then_some(near.start + from)
}

/// Runs every check. Findings come back sorted by place, then check.
pub(crate) fn run(case: &Case<'_>) -> Vec<Finding> {
    let of_each = parallel::map(case.source.text(), CHECKS, |check| {
        let mut findings = Vec::new();
        let meta = check.meta();
        let level = case.settings.levels.iter().find(|(id, _)| *id == meta.id).map(|(_, level)| *level);
        let on = level.map_or(meta.on, |level| level != Level::Off);
        let foreign = case.language.is_some_and(|language| !vocabulary::LEXICONS.contains(&language));
        if !on || meta.english && foreign {
            return findings;
        }
        check.run(case, &mut Sink { meta, findings: &mut findings });
        if let Some(Level::At(severity)) = level {
            findings.iter_mut().for_each(|finding| finding.severity = severity);
        }
        findings
    });
    let mut findings: Vec<Finding> = of_each.into_iter().flatten().collect();
    leave_asked(case, &mut findings);
    tell_once(case, &mut findings);
    findings.sort_by(|a, b| a.span.cmp(&b.span).then(a.check.cmp(b.check)));
    findings
}

/// Two sentences that clash are told of once, however many ways there are in which they do; what is ordered and forbidden is
/// told last, and that the two are alike is not told.
fn tell_once(case: &Case<'_>, findings: &mut Vec<Finding>) {
    const GENERAL: &str = "order-against-ban";
    let clashes = |finding: &Finding| finding.family == Family::Conflict;
    let pair =
        |finding: &Finding| Some((case.unit_at(finding.span), case.unit_at(*finding.related.first()?)));
    let mut told: HashSet<(usize, usize)> = HashSet::new();
    let mut keep = |finding: &Finding| pair(finding).is_none_or(|pair| told.insert(pair));
    let (general, mut rest): (Vec<Finding>, Vec<Finding>) =
        std::mem::take(findings).into_iter().partition(|finding| finding.check == GENERAL);
    rest.retain(|finding| !clashes(finding) || keep(finding));
    rest.extend(general.into_iter().filter(|finding| keep(finding)));
    let alike = |finding: &Finding| finding.family == Family::Redundant;
    rest.retain(|finding| {
        let clash = |(one, two): (usize, usize)| told.contains(&(one, two)) || told.contains(&(two, one));
        !alike(finding) || !pair(finding).is_some_and(|(one, two)| one != two && clash((one, two)))
    });
    *findings = rest;
}

/// A clash that the prompt itself asks about is told once, as the question that is open.
fn leave_asked(case: &Case<'_>, findings: &mut Vec<Finding>) {
    let questions = case.slots.iter().filter(|slot| decide::is_question(case.text(slot.inner)));
    let asked: HashSet<usize> = questions.filter_map(|slot| case.unit_of(slot)).collect();
    if asked.is_empty() {
        return;
    }
    findings.retain(|finding| {
        let mut places = std::iter::once(&finding.span).chain(&finding.related);
        let of_two = matches!(finding.family, Family::Conflict | Family::Redundant);
        !of_two || !places.any(|span| asked.contains(&case.unit_at(*span)))
    });
}

/// "If it rains,": the comma belongs to the clause.
fn ends_clause(head: &str) -> bool {
    let sentence = head.rsplit(['.', '!', '?', '\n']).next().unwrap_or("");
    let sentence = sentence.trim_end_matches(',').rsplit(',').next().unwrap_or("").trim_start();
    let first = sentence.split(|c: char| !c.is_alphanumeric()).next().unwrap_or("").to_lowercase();
    [
        "if", "when", "where", "while", "because", "since", "as", "after", "before", "for", "in", "once",
        "unless",
    ]
    .contains(&&*first)
}

/// An edit that removes a stretch of a sentence, takes the white space that would be left double,
/// and starts what follows with a capital when it now opens the sentence.
pub(crate) fn cut(text: &str, span: Span, short: &str, opens: bool) -> Vec<Edit> {
    let (mut start, mut end) = (span.start(), span.end());
    let mut replacement = short.to_string();
    let rest = &text[end..];
    let blank = |c: char| matches!(c, ' ' | '\t');
    let line_ends =
        rest.trim_start_matches(blank).is_empty() || rest.trim_start_matches(blank).starts_with(['\n', '\r']);
    if short.is_empty() && line_ends && !opens {
        // The last words of a line: the blanks before them go, the line end stays, unless the line was nothing else.
        let head = text[..start].trim_end_matches(blank);
        let alone = head.is_empty() || head.ends_with('\n');
        start = head.len();
        end += rest.len() - rest.trim_start_matches(blank).len();
        // "Name the pier, thanks": the sentence ends where the comma stood.
        // On the next line the sentence may go on; behind a blank one it does not.
        let below = text[end..].trim_start();
        let gap = text[end..text.len() - below.len()].matches('\n').count();
        let wrapped = gap == 1 && below.starts_with(char::is_lowercase);
        if let Some(ended) = head.strip_suffix(',').filter(|_| !wrapped) {
            start = ended.len();
            replacement = ".".into();
        }
        let line_end = text[end..].strip_prefix("\r\n").or_else(|| text[end..].strip_prefix('\n'));
        if let Some(after) = line_end.filter(|_| alone) {
            // An empty line goes with it where it would open the text, or stand below another.
            let empty = after.strip_prefix("\r\n").or_else(|| after.strip_prefix('\n'));
            let parted = head.ends_with("\n\n") || head.ends_with("\n\r\n");
            let kept = match empty {
                _ if head.is_empty() => after.trim_start_matches(['\r', '\n']),
                Some(rest) if parted => rest,
                _ => after,
            };
            end = text.len() - kept.len();
        }
        return vec![Edit { span: Span::new(start, end), replacement }];
    }
    let before = text[..span.start()].trim_end_matches(blank);
    let amid = !opens && !before.ends_with([',', '\n']) && !before.is_empty();
    if short.is_empty() && amid && rest.starts_with([',', ';', '.', ':', '?', '!', ')']) {
        // "No delay whatsoever, then": the sign stays, the blank before the words goes; behind "at 5." no second one is needed.
        let stopped = before.ends_with(['.', '!', '?']) && rest.starts_with(['.', '!', '?']);
        let end = end + usize::from(stopped);
        return vec![Edit { span: Span::new(before.len(), end), replacement }];
    }
    if short.is_empty() {
        // "Basically, name it": the comma goes with the word that it sets off.
        let head = text[..span.start()].trim_end();
        let led = head.ends_with(',');
        let set_off = opens || led;
        let body = rest.trim_start();
        let followed = body.starts_with(',') || text[span.range()].ends_with(',');
        let body = body.strip_prefix(',').filter(|_| set_off).unwrap_or(body);
        end += rest.len() - body.trim_start().len();
        // "They are, at the end of the day, busy": both commas set it off, unless the first one ends a clause before it.
        if led && followed && !opens && !ends_clause(head) {
            start = head.len() - 1;
            replacement = " ".into();
        }
    }
    // A line break within a wrapped sentence stays where it is.
    let broken = opens && short.is_empty() && text[span.end()..end].contains('\n');
    let head = text[..start].trim_end_matches(blank);
    let wraps = broken && !head.is_empty() && !head.ends_with('\n');
    if wraps {
        start = head.len();
    }
    if opens {
        let next: String = match short.chars().next() {
            Some(_) => short.to_string(),
            None => text[end..].chars().take(1).collect(),
        };
        let mut chars = next.chars();
        if let Some(first) = chars.next() {
            replacement = first.to_uppercase().chain(chars).collect();
            if short.is_empty() {
                end += first.len_utf8();
            }
        }
    }
    if wraps {
        let line_end = if text[..end].ends_with("\r\n") || text[span.end()..end].contains("\r\n") {
            "\r\n"
        } else {
            "\n"
        };
        replacement.insert_str(0, line_end);
    }
    vec![Edit { span: Span::new(start, end), replacement }]
}

#[cfg(test)]
mod tests;
mod total_of_fields;
mod whole_sample;
mod word_alone;
mod worded_steps;
mod years_left_out;
