//! Stated requirements that exclude each other.

use super::{
    Case, Check, Meta, Sink, a_day, accompanied, against_template, all_or_left_out, always_there, answer_tag,
    answer_times, before_its_time, case_outcome, catch_all, choice_ruled_out, closed_days, counts,
    days_a_week, deed_ruled_out, each_opens, emptied, even_so, field_done_or_not, first_question,
    fixed_words, for_some_only, free_hours, kept_or_changed, key_case, left_out_or_marked, level_times,
    listed_order, marks_spread, miscounted, more_than_asked, needed_or_not, none_at_all, nothing_beside,
    one_or_several, only_colours, only_one_of_two, only_or_all, ordinal_part, outside_choices, outside_hours,
    parts_past_whole, past_count, people_served, per_holder, person_days, price_bounds, range_in_template,
    ready_in, refused_topic, rival_sources, rival_values, rivals, ruled_out_word, scale_or_names,
    sign_ruled_out, sum_of_kinds, thresholds, tie_break, time_for_each, two_origins, two_units, two_ways_out,
    without_consent, years_left_out,
};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::requirement::{
    ASKED_FOR, Demand, Measure, Requirement, Subject, are_two_caps, excludes, is_exception, too_little_room,
};
use crate::sort_key::{SortKey, sort_key};
use crate::span::Span;
use crate::words::Word;
use std::cell::LazyCell;

/// Two stated requirements that exclude each other: lengths, counts, manner, openings.
pub(super) struct ClashingDemands;

static CLASHING: Meta = Meta {
    id: "clashing-demands",
    family: Family::Conflict,
    severity: Severity::Error,
    summary: "two demands on length, count, form, tone or manner that exclude each other",
    write: "One of the two, or both with a word on when each holds.",
    on: true,
    english: true,
    why: "The model drops one of the two, and not the same one each time.",
    bad: &[
        "Write the notice in at most 50 words. The notice has at least 120 words.",
        "Write in full sentences. Only bullet points, no sentences.",
        "Ask one question per message. Ask for the boat and the pier, both in one message.",
        "Keep it to one sentence. Write three paragraphs.",
        "Speak to the reader as \"you\". Put every rule in the third person.",
        "Leave the time from 12:00 to 13:00 free on each day. Fill every day from 8:00 to 17:00 with trips.",
        "Give each slip exactly one label. If a slip fits two labels, give both.",
    ],
    good: &[
        "Write the notice in at most 50 words. The title has at most 8 words.",
        "Write in full sentences, except in the table, where keywords do.",
        "Keep it brief. If the guest asks for more, explain everything in detail.",
        "Aim for at most 90 words. Name the pier. The notice must never be longer than 120 words.",
        "Ask one question per message. Name all three piers in one message.",
        "Return three bullets of two sentences each.",
        "Return only JSON with the key `reason`. Name the pier. Explain why the boat is late.",
        "Return JSON with the key `reason`. Justify the score. Only the JSON, without any explanation before or after.",
        "Format the notice as Markdown. Return an object with the key `notice`. No Markdown around it, only raw JSON.",
        "Never invent a fare. The boards hold the sum, so do not second-guess it.",
    ],
};

impl Check for ClashingDemands {
    fn meta(&self) -> &'static Meta {
        &CLASHING
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut firm: Vec<&Requirement> = Vec::new();
        // Looked for at most once: the text may be long.
        let reasons = LazyCell::new(|| has_a_field_for_reasons(case.source.text()));
        // Two sentences that clash in two ways are told once; what clashes with a demand that is made again and again, too.
        let mut told: Option<(usize, usize)> = None;
        let mut again: Vec<(usize, &Demand)> = Vec::new();
        for requirement in case.requirements.iter().filter(|requirement| !requirement.conditional) {
            let same_place = |earlier: &&&Requirement| earlier.unit == requirement.unit;
            if firm
                .iter()
                .rev()
                .take(AT_ONCE)
                .any(|earlier| same_place(&earlier) && earlier.demand == requirement.demand)
            {
                continue;
            }
            let clash = firm.iter().rev().take(WITHIN_REACH).rev().find(|earlier| {
                (earlier.unit != requirement.unit
                    || in_one_breath(earlier)
                    || are_page_and_words(earlier, requirement))
                    && (excludes(earlier, requirement) || are_two_limits(case, earlier, requirement))
                    && !(is_explained_within(case, earlier, requirement) && *reasons)
                    && !is_marked_within(case, requirement)
                    && !is_another_lot(case, requirement)
                    && !comes_after(case, requirement)
            });
            if let Some(earlier) = clash {
                let pair = (earlier.unit, requirement.unit);
                let manner = matches!(requirement.demand, Demand::Manner { .. });
                let same = manner && again.contains(&(earlier.unit, &requirement.demand));
                if told != Some(pair) && !same {
                    report(case, sink, earlier, requirement);
                }
                told = Some(pair);
                if manner && !same {
                    again.push((earlier.unit, &requirement.demand));
                }
                // What the persona is said to be gives way; the rule stands against the rules to come.
                if case.labels[earlier.unit].component == Some(Component::Role) {
                    firm.push(requirement);
                }
                continue;
            }
            let outer = case.layers.iter().find_map(|layer| {
                let rule = layer
                    .requirements()
                    .iter()
                    .find(|rule| !rule.conditional && excludes(rule, requirement))?;
                Some((layer, rule))
            });
            if let Some((layer, rule)) = outer {
                let (two, one) = (case.shown(requirement.span), layer.shown(rule.span));
                let message = format!(
                    "`{two}` and `{one}` ({}, line {}) cannot both be met",
                    layer.name(),
                    layer.line(rule.span)
                );
                sink.report(requirement.span, message, "keep one of the two, or say which gives way");
                continue;
            }
            // What was said right before in the same words adds nothing to hold later demands against.
            let told = |earlier: &&Requirement| {
                earlier.demand == requirement.demand
                    && earlier.subject == requirement.subject
                    && earlier.part == requirement.part
                    && case.text(earlier.span) == case.text(requirement.span)
            };
            if !firm.iter().rev().take(AT_ONCE).copied().any(|earlier| told(&earlier)) {
                firm.push(requirement);
            }
        }
        choice_ruled_out::run(case, sink);
        two_ways_out::run(case, sink);
        without_consent::run(case, sink);
        counts::run(case, sink);
        more_than_asked::run(case, sink);
        miscounted::run(case, sink);
        outside_choices::run(case, sink);
        one_or_several::run(case, sink);
        ruled_out_word::run(case, sink);
        parts_past_whole::run(case, sink);
        thresholds::run(case, sink);
        thresholds::of_one_label(case, sink);
        needed_or_not::run(case, sink);
        two_units::run(case, sink);
        tie_break::run(case, sink);
        rival_sources::run(case, sink);
        past_count::run(case, sink);
        none_at_all::run(case, sink);
        rival_values::run(case, sink);
        range_in_template::run(case, sink);
        years_left_out::run(case, sink);
        before_its_time::run(case, sink);
        only_one_of_two::run(case, sink);
        // "Sorted by pier", "sorted alphabetically".
        let sorted = |case: &Case<'_>, unit: usize| {
            let (text, words) = (case.source.text(), case.words_of(unit));
            sort_key(text, words).filter(|_| !is_exception(text, words))
        };
        rivals::compare(case, sink, sorted, SortKey::excludes);
        emptied::run(case, sink);
        each_opens::run(case, sink);
        kept_or_changed::run(case, sink);
        even_so::run(case, sink);
        accompanied::run(case, sink);
        per_holder::run(case, sink);
        only_or_all::run(case, sink);
        always_there::run(case, sink);
        refused_topic::run(case, sink);
        first_question::run(case, sink);
        two_origins::run(case, sink);
        listed_order::run(case, sink);
        case_outcome::run(case, sink);
        catch_all::run(case, sink);
        outside_hours::run(case, sink);
        free_hours::run(case, sink);
        field_done_or_not::run(case, sink);
        fixed_words::run(case, sink);
        left_out_or_marked::run(case, sink);
        nothing_beside::run(case, sink);
        answer_tag::run(case, sink);
        answer_times::run(case, sink);
        closed_days::run(case, sink);
        against_template::run(case, sink);
        deed_ruled_out::run(case, sink);
        scale_or_names::run(case, sink);
        sign_ruled_out::run(case, sink);
        all_or_left_out::run(case, sink);
        level_times::run(case, sink);
        sum_of_kinds::run(case, sink);
        ordinal_part::run(case, sink);
        time_for_each::run(case, sink);
        price_bounds::run(case, sink);
        days_a_week::run(case, sink);
        only_colours::run(case, sink);
        key_case::names_asked_for(case, sink);
        ready_in::run(case, sink);
        people_served::run(case, sink);
        marks_spread::run(case, sink);
        person_days::run(case, sink);
        a_day::run(case, sink);
        for_some_only::run(case, sink);
        if let Some(rules) = too_little_room(case.requirements) {
            let [length, count, size] = rules.map(|at| &case.requirements[at]);
            let line = case.source.position(count.span.start()).line;
            let message = format!(
                "`{}` (line {line}) of `{}` leave no room for {}",
                case.shown(count.span),
                case.shown(size.span),
                length.demand.shown()
            );
            let finding = sink.report(length.span, message, "change one of the three, so that they fit");
            finding.related.extend([count.span, size.span]);
        }
    }
}

/// "Explain your plan before the JSON; output JSON only": one sentence may ask for both as well as two may.
fn in_one_breath(earlier: &Requirement) -> bool {
    matches!(earlier.demand, Demand::Manner { axis: "words around the data", .. })
}

/// "A report of one page with at least 2000 words."
fn are_page_and_words(one: &Requirement, two: &Requirement) -> bool {
    let of = |rule: &Requirement, wanted: &Measure| matches!(&rule.demand, Demand::Amount { measure, .. } if measure == wanted);
    of(one, &Measure::Pages) && of(two, &Measure::Words)
}

/// How many of the last requirements of one unit are compared for doubles.
const AT_ONCE: usize = 8;

/// "Return only JSON with the key `reason`", "explain why": the explanation stands in the record.
fn is_explained_within(case: &Case<'_>, one: &Requirement, two: &Requirement) -> bool {
    let pole = |rule: &Requirement| match rule.demand {
        Demand::Manner { pole, .. } => Some(pole),
        _ => None,
    };
    let rules = [(one, two), (two, one)];
    // "Only the JSON, without any explanation before or after": none beside the record.
    let beside = |rule: &Requirement| {
        let sentence = case.text(case.units[rule.unit].text).to_lowercase();
        sentence.contains("json")
            && ["before", "after", "outside", "around"].iter().any(|word| sentence.contains(word))
    };
    let data_only = |rule: &Requirement| match pole(rule) {
        Some("only JSON" | "JSON alone") => true,
        Some("no reasons") => beside(rule),
        _ => false,
    };
    let told =
        |rule: &Requirement| matches!(pole(rule), Some("with prose" | "an explanation" | "reasons given"));
    let Some((_, prose)) = rules.into_iter().find(|(data, prose)| data_only(data) && told(prose)) else {
        return false;
    };
    let sentence = case.text(case.units[prose.unit].text).to_lowercase();
    let outside = ["after", "below", "before", "above", "outside", "followed", "then"];
    !sentence.split(|c: char| !c.is_alphabetic()).any(|word| outside.contains(&word))
}

/// "Format the text as Markdown", "the key `text`", "no Markdown, only raw JSON": the marks stand inside the record.
fn is_marked_within(case: &Case<'_>, rule: &Requirement) -> bool {
    let bans = matches!(rule.demand, Demand::Manner { axis: "markup", pole: "no Markdown" });
    let record = || case.text(case.units[rule.unit].text).to_lowercase().contains("json");
    let holder = || {
        case.requirements.iter().any(|rule| matches!(rule.demand, Demand::Fields(_)))
            || ["\"key\"", " key ", " keys "].iter().any(|key| case.source.text().contains(key))
    };
    bans && record() && holder()
}

/// "Then summarise the talk in 80 words": what is written when the rest is done has a length of its own.
pub(super) fn comes_after(case: &Case<'_>, rule: &Requirement) -> bool {
    let text = case.source.text();
    let words = case.words_of(rule.unit);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    matches!(rule.demand, Demand::Amount { .. })
        && matches!(&*lower(0), "then" | "afterwards" | "finally")
        && matches!(&*lower(1), "summarise" | "summarize" | "write" | "add")
}

/// "Twelve names", "list eight names that were turned down": others than the twelve.
fn is_another_lot(case: &Case<'_>, rule: &Requirement) -> bool {
    let Demand::Amount { measure: Measure::Items(things), bound } = &rule.demand else { return false };
    if !ASKED_FOR.contains(things) || bound.least != bound.most {
        return false;
    }
    let text = case.source.text();
    let unit = case.units[rule.unit].text;
    let behind = case.words.within(Span::new(rule.span.end(), unit.end()));
    let ends = behind.first().is_none_or(|word| {
        word.is_punctuation() || matches!(&*word.lower(text), "in" | "as") && behind.len() <= 5
    });
    let picks = |word: &Word| {
        matches!(
            &*word.lower(text),
            "more" | "further" | "other" | "another" | "first" | "per" | "each" | "every" | "best" | "of"
        )
    };
    !ends || case.words.within(unit).iter().any(picks)
}

/// True where the prompt names a field for reasons in quotation marks or backticks.
fn has_a_field_for_reasons(text: &str) -> bool {
    const HOLDERS: [&str; 7] =
        ["reason", "reasoning", "explanation", "rationale", "justification", "comment", "analysis"];
    let named =
        |holder: &&str| ['"', '\'', '`'].iter().any(|sign| text.contains(&format!("{sign}{holder}{sign}")));
    HOLDERS.iter().any(named)
}

/// How many earlier requirements are compared; keeps hostile prompts linear.
const WITHIN_REACH: usize = 400;

/// Two limits of one section for the whole reply, neither of them something to aim for.
fn are_two_limits(case: &Case<'_>, earlier: &Requirement, later: &Requirement) -> bool {
    const AIMS: [&str; 10] =
        ["aim", "ideally", "preferably", "usually", "normally", "mostly", "target", "try", "often", "better"];
    let aims = |rule: &Requirement| {
        case.words_of(rule.unit).iter().any(|word| AIMS.contains(&&*word.lower(case.source.text())))
    };
    are_two_caps(earlier, later)
        && case.units[earlier.unit].section == case.units[later.unit].section
        && !aims(earlier)
        && !aims(later)
}

fn report(case: &Case<'_>, sink: &mut Sink<'_>, earlier: &Requirement, later: &Requirement) {
    let amounts = matches!((&earlier.demand, &later.demand), (Demand::Amount { .. }, Demand::Amount { .. }));
    if !amounts {
        return sink.clash(case, later.span, earlier.span);
    }
    let line = case.source.position(earlier.span.start()).line;
    let subject = match &later.subject {
        Subject::Reply | Subject::Unstated => String::new(),
        subject => format!(" of {}", subject.name()),
    };
    let (one, two, words) = (later.demand.shown(), earlier.demand.shown(), case.shown(earlier.span));
    let message = match are_two_caps(earlier, later) {
        true => format!("{one}{subject} here, {two} on line {line} (`{words}`)"),
        false => format!("{one}{subject} cannot be {two} as well (`{words}`, line {line})"),
    };
    let write = "keep one of the two, or say when each holds";
    sink.report(later.span, message, write).related.push(earlier.span);
}
