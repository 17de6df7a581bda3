//! Calls of a tool that is none of those the prompt names: "pay with `pay_now`", where the tools are `search` and `pay`.

use super::Case;
use crate::component::Component;
use crate::requirement::quotations;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// How many names in backticks are looked at.
const MOST: usize = 200;

/// The names that are called as tools and that no list of tools holds.
pub(super) fn lost_tools(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    // "Use the tools:", and each of them on a line of its own.
    let below_a_lead = text.contains("tools:") || text.contains("Tools:");
    let mut listed: HashSet<String> = HashSet::new();
    let mut named: Vec<(usize, Span, String)> = Vec::new();
    for unit in 0..case.units.len() {
        let span = case.units[unit].text;
        let sample = case.labels[unit].component == Some(Component::Examples);
        if sample || case.units[unit].kind == UnitKind::Code || !case.text(span).contains('`') {
            continue;
        }
        let names: Vec<(Span, String)> = quotations(text, span)
            .into_iter()
            .filter(|(place, _)| text[place.start()..].starts_with('`'))
            .map(|(place, name)| (place, name.split('(').next().unwrap_or("").to_string()))
            .filter(|(_, name)| is_name(name))
            .collect();
        let words = case.words_of(unit);
        let lists = words.iter().any(|word| matches!(&*word.lower(text), "tool" | "tools" | "functions"));
        // "- `find_boat(name)` returns one boat" under the title "Tools".
        let title = case.text(case.outline.sections[case.units[unit].section].title).to_lowercase();
        let call = names.iter().any(|(place, _)| case.text(*place).contains('('));
        let entry = case.text(span).starts_with('`') && (title.contains("tool") || call && below_a_lead);
        if lists && names.len() >= 2 || entry {
            listed.extend(names.into_iter().map(|(_, name)| name));
        } else if named.len() < MOST {
            named.extend(names.into_iter().map(|(place, name)| (unit, place, name)));
        }
    }
    let family = |name: &str| {
        listed.iter().any(|other| other.split('_').any(|part| name.split('_').any(|own| own == part)))
    };
    let mut lost: Vec<Span> = Vec::new();
    for (unit, place, name) in &named {
        let said = named.iter().filter(|(_, _, other)| other == name).count();
        let called = is_called(case, *unit, *place);
        // "Call `cancel(slot)`", where each tool is given with what it takes.
        let with_all = below_a_lead && case.text(*place).contains('(');
        if called && said == 1 && listed.len() >= 2 && !listed.contains(name) && (family(name) || with_all) {
            lost.push(*place);
        }
    }
    lost
}

/// A name as tools have it: `find_boat`, `pay`.
fn is_name(name: &str) -> bool {
    name.len() > 2 && name.chars().all(|c| c.is_ascii_lowercase() || c.is_ascii_digit() || c == '_')
}

/// "Pay with `pay_now`", "call `pay_now`".
fn is_called(case: &Case<'_>, unit: usize, place: Span) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let before = words.iter().rev().find(|word| (word.end as usize) <= place.start());
    before.is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "with" | "call" | "calls" | "using" | "run" | "runs" | "use" | "via" | "through"
        )
    })
}
