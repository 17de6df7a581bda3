//! What a unit is by its form, whatever its words are like.

use super::announced::{announced, is_of_the_tools};
use super::comes_back::{asks_at_the_end, lists_parts_of_each, names_a_part, promises_a_sample};
use super::facts::{is_a_fact_with_its_value, names_a_person, tells_of_the_author, tells_what_there_is};
use super::form::{
    binds_each_or_always, binds_the_reply, forbids, leaves_open_or_foretells, orders_before_a_reason,
    orders_behind_a_reason, presses_a_fact,
};
use super::handover::{
    announces_an_input, asks_now, hands_over, is_a_level, is_given_and_asked, is_listed_as_given, presents,
    says_what_a_slot_is, says_what_is_given,
};
use super::leads::{
    is_a_hole_of_the_answer, is_a_line_of_the_form, is_a_record_of_holes, is_led_by_must, rules_for_a_case,
    says_what_you_are_like, tells_of_a_sample, tells_what_it_is,
};
use super::lengths::is_a_length_alone;
use super::model::Scores;
use super::notes::{is_a_note, note_orders};
use super::openings::{
    asks_a_question, confines_an_order, frames_the_reply, is_a_command, is_a_pair, is_held_up,
    is_tagged_code, names_or_tells_a_function, offers_a_function, says_what_a_name_does,
    says_what_else_you_do, says_what_you_do, turns_the_material,
};
use super::sampled::{announces_a_sample, announces_one_more, is_listed_as_a_sample, labels_an_answer};
use super::shape::{
    asks_to_insert, asks_with_a_slot, ends_in_a_slot, heads_its_part, is_a_record_left_open,
    is_an_empty_record, is_bare_slot, is_between_marks, is_closing, is_ellipsis, is_made_of_holes,
    is_of_an_empty_table, leaves_the_answer_open, names_columns, names_the_persona, of_the_bot,
    opens_the_answer, orders_a_form, takes_samples_in, takes_the_format_in,
};
use super::{Reading, holds_a_slot, keys, pairs};
use crate::component::{Component, Facet};
use crate::units::{Unit, UnitKind};
use std::collections::HashSet;

/// What is known of the prompt and of the units before one.
pub(super) struct Around<'a> {
    /// The keys of the records that the prompt shows.
    pub(super) keys: &'a HashSet<&'a str>,
    /// What the unit before is for.
    pub(super) last: Option<Component>,
    /// What the title of the unit's part speaks for.
    pub(super) part: Option<Component>,
    /// The unit before is a sample.
    pub(super) after_a_sample: bool,
    /// The units on both sides are samples.
    pub(super) among_samples: bool,
}

/// From this share of belief on a unit may be a rule, whatever else it may be.
const DOUBTED: f32 = 0.3;

/// From this share of belief on a unit is a persona, even with a slot at its end.
const PERSONA: f32 = 0.5;

/// The component that the form of a unit speaks for, and the facet that goes with it.
pub(super) fn told(
    reading: &Reading<'_>,
    index: usize,
    shares: &Scores,
    around: &Around<'_>,
) -> Option<(Component, Option<Facet>)> {
    let unit = &reading.units[index];
    let body = reading.source.slice(unit.text);
    let plain = |component| Some((component, None));
    let share = |component: Component| shares[component.index()];
    let likeliest = |all: &[Component]| {
        all.iter().copied().reduce(|best, other| if share(other) > share(best) { other } else { best })
    };
    if names_the_persona(reading, index) {
        return plain(Component::Role);
    }
    let shaped = !around.after_a_sample
        && around.part.is_none_or(|part| matches!(part, Component::OutputFormat | Component::Constraints));
    if shaped && lists_parts_of_each(reading.source.slice(unit.with_lead(reading.outline))) {
        return Some((Component::OutputFormat, Some(Facet::Shape)));
    }
    let done = share(Component::Role) + share(Component::Task) >= PERSONA;
    // "You write notices for a ferry line" tells whom it works for.
    let for_whom = || {
        let text = reading.source.text();
        let words = reading.words.within(unit.text);
        words.iter().any(|word| matches!(&*word.lower(text), "for" | "of" | "in" | "at"))
    };
    let titled = around.part.is_some_and(|part| part != Component::Task);
    if !titled && done && says_what_you_do(reading, unit) && !for_whom() {
        return plain(Component::Task);
    }
    if !titled && (says_what_else_you_do(reading, unit) || turns_the_material(reading, unit)) {
        return plain(Component::Task);
    }
    if opens_a_system_prompt(reading, unit) {
        return plain(Component::Role);
    }
    let untitled = around.part.is_none() && !around.after_a_sample;
    if names_a_person(reading, index) || untitled && tells_of_the_author(reading, index) {
        return plain(Component::Context);
    }
    if around.part.is_none()
        && !around.after_a_sample
        && matches!(around.last, Some(Component::Task))
        && asks_a_question(reading, unit)
    {
        return plain(Component::Task);
    }
    if let Some(named) = around.part.filter(|_| heads_its_part(reading, index)) {
        let article = || {
            let first = reading.words.within(unit.text).first();
            first.is_some_and(|word| matches!(&*word.lower(reading.source.text()), "a" | "an" | "the"))
        };
        // `{{ role }}` below "Role" takes it in.
        let role = || named == Component::Role && !holds_a_slot(reading, unit);
        if role() || named == Component::Task && article() {
            return plain(named);
        }
    }
    if let Some(of) = of_the_bot(reading, index) {
        return plain(of);
    }
    if let Some(closed) = around.last.filter(|_| is_closing(reading, unit)) {
        return plain(closed);
    }
    if !around.after_a_sample && (is_made_of_holes(reading, unit) || is_a_hole_of_the_answer(reading, index))
    {
        return plain(Component::OutputFormat);
    }
    if !around.after_a_sample && around.part.is_none() && is_a_length_alone(reading, unit) {
        return plain(Component::Constraints);
    }
    if is_bare_slot(reading, unit) && around.among_samples || takes_samples_in(reading, unit) {
        return plain(Component::Examples);
    }
    if takes_the_format_in(reading, unit) {
        return plain(Component::OutputFormat);
    }
    if is_between_marks(reading, unit) {
        return Some((Component::Context, Some(Facet::InputSlot)));
    }
    if is_a_line_of_the_form(reading, index, around.last) {
        return plain(Component::OutputFormat);
    }
    if asks_with_a_slot(reading, index) {
        return plain(Component::Task);
    }
    // "You are a clerk of {place}".
    if share(Component::Role) < PERSONA && ends_in_a_slot(reading, index) {
        return Some((Component::Context, Some(Facet::InputSlot)));
    }
    // "Thing to note: the pier is shut. You cannot mend it.": all of it.
    let lead = || reading.outline.pieces[unit.pieces.start].lead;
    let noted = || unit.kind == UnitKind::Field && is_a_note(&format!("{}:", reading.source.slice(lead())));
    if is_a_note(body) || noted() {
        let rules = [Component::Constraints, Component::OutputFormat];
        let told = [Component::Constraints, Component::OutputFormat, Component::Context];
        return likeliest(if note_orders(reading, unit) { &rules } else { &told }).and_then(plain);
    }
    if is_given_and_asked(reading, unit) {
        return plain(Component::Task);
    }
    // "DO: keep the tables", "DON'T: keep the menus".
    let told = ["DO: ", "DON'T: ", "DO NOT: ", "Do: ", "Don't: "].iter().any(|label| body.starts_with(label));
    if told {
        return plain(Component::Constraints);
    }
    if hands_over(reading, index) || asks_now(reading, index) || asks_at_the_end(reading, index) {
        return plain(Component::Task);
    }
    if announces_an_input(reading, index)
        || says_what_is_given(reading, index)
        || is_listed_as_given(reading, index)
        || says_what_a_slot_is(reading, unit)
        || !around.after_a_sample && tells_what_it_is(reading, unit)
        || presents(reading, index)
        || !around.after_a_sample && is_a_level(reading, index)
    {
        return plain(Component::Context);
    }
    if offers_a_function(body, unit.kind)
        || names_or_tells_a_function(reading, index)
        || around.part != Some(Component::OutputFormat) && says_what_a_name_does(reading, unit)
        || presses_a_fact(reading.source.text(), reading.words.within(unit.text))
        || leaves_open_or_foretells(reading.source.text(), reading.words.within(unit.text))
    {
        return plain(Component::Context);
    }
    if !matches!(unit.kind, UnitKind::Item { .. }) && asks_to_insert(reading, unit) {
        return Some((Component::Context, Some(Facet::InputSlot)));
    }
    if is_ellipsis(reading, unit) && !around.after_a_sample
        || is_of_an_empty_table(reading, unit)
        || is_an_empty_record(reading, unit)
        || around.last == Some(Component::OutputFormat) && is_a_record_left_open(reading, unit)
        || !around.after_a_sample
            && around.part != Some(Component::Examples)
            && (is_a_record_left_open(reading, unit)
                || is_a_record_of_holes(reading, unit)
                || names_columns(reading, unit))
        || opens_the_answer(reading, index)
        || !around.after_a_sample && leaves_the_answer_open(reading, unit)
        || orders_a_form(reading, unit)
        || names_a_part(reading, unit)
        || !around.after_a_sample && frames_the_reply(reading, unit)
    {
        return plain(Component::OutputFormat);
    }
    if !around.after_a_sample
        && around.part != Some(Component::Examples)
        && is_a_fact_with_its_value(reading, index)
    {
        return plain(Component::Context);
    }
    if keys::says_what_one_holds(reading, unit, around.keys) {
        return likeliest(&[Component::Constraints, Component::OutputFormat]).and_then(plain);
    }
    if is_held_up(body)
        || promises_a_sample(reading.source.text(), reading.words.within(unit.text))
        || around.after_a_sample && (is_a_pair(body) || tells_of_a_sample(reading, unit))
        || is_tagged_code(reading, unit)
        || announces_a_sample(reading, index)
        || around.after_a_sample && (announces_one_more(reading, index) || labels_an_answer(reading, index))
        || is_listed_as_a_sample(reading, unit)
        || pairs::shares_its_label(reading, unit)
        || pairs::is_row_under_named_columns(reading, unit)
    {
        return plain(Component::Examples);
    }
    let doubted = likeliest(&Component::ALL) == Some(Component::Task);
    if doubted && says_what_you_are_like(reading, unit) {
        return likeliest(&[Component::Role, Component::Constraints, Component::Context]).and_then(plain);
    }
    if is_of_the_tools(reading, index) {
        return plain(Component::Context);
    }
    if let Some(component) = announced(reading, unit, doubted) {
        return plain(component);
    }
    let rules = [Component::Constraints, Component::OutputFormat];
    if !rules.contains(&likeliest(&Component::ALL).unwrap_or(Component::Task))
        && is_led_by_must(reading, index)
        || doubted && rules_for_a_case(reading, unit)
    {
        return likeliest(&rules).and_then(plain);
    }
    if confines_an_order(reading, unit) {
        return likeliest(&rules).and_then(plain);
    }
    let in_a_part = around.part == Some(Component::OutputFormat);
    if !in_a_part
        && likeliest(&Component::ALL) == Some(Component::OutputFormat)
        && is_a_command(reading, unit)
    {
        return likeliest(&[Component::Task, Component::Context]).and_then(plain);
    }
    let sample = likeliest(&Component::ALL) == Some(Component::Examples);
    let among_samples = around.after_a_sample || around.part == Some(Component::Examples);
    if sample && !among_samples && tells_what_there_is(reading, unit) {
        return plain(Component::Context);
    }
    if !sample && orders_behind_a_reason(reading.source.text(), reading.words.within(unit.text)) {
        return likeliest(&[Component::Constraints, Component::Task, Component::OutputFormat])
            .and_then(plain);
    }
    let words = reading.words.within(unit.text);
    if !sample && likeliest(&Component::ALL) == Some(Component::Context) {
        let open = share(Component::Constraints) >= DOUBTED;
        if binds_the_reply(reading.source.text(), words)
            || open && binds_each_or_always(reading.source.text(), words)
        {
            return likeliest(&[Component::Constraints, Component::OutputFormat]).and_then(plain);
        }
        if forbids(reading.source.text(), words) {
            return plain(Component::Constraints);
        }
        // "Please conduct thorough research": asked for, and no fact.
        let text = reading.source.text();
        let pleads = words.first().is_some_and(|word| word.lower(text) == "please") && words.len() > 2;
        if pleads || orders_before_a_reason(text, words) {
            return likeliest(&[Component::Task, Component::Constraints, Component::OutputFormat])
                .and_then(plain);
        }
    }
    None
}

/// "System: You are Merle, the clerk of a ferry line."
fn opens_a_system_prompt(reading: &Reading<'_>, unit: &Unit) -> bool {
    let line = reading.source.slice(unit.with_lead(reading.outline)).to_ascii_lowercase();
    let said = line.strip_prefix("system:").map(str::trim_start);
    unit.opens_piece && said.is_some_and(|said| said.starts_with("you are ") || said.starts_with("act as "))
}
