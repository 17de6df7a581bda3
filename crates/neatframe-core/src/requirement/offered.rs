//! Values that a field may have, where the list of them stands in a tag or in a part of its own.

use super::choice::name;
use super::values::is_key;
use super::{Demand, Requirement, Sight, Subject};
use crate::component::Component;
use crate::outline::Mark;
use crate::span::Span;
use crate::units::UnitKind;

/// Reads both forms over the whole prompt.
pub(super) fn read(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    for (unit, label) in sight.labels.iter().enumerate() {
        let span = sight.units[unit].text;
        if label.component.is_none_or(|component| component == Component::Examples) || span.len() > LONG {
            continue;
        }
        let offered = in_tags(&text[span.range()]).map(|(key, choices)| (key, choices, span));
        let offered = offered.or_else(|| {
            let key = chosen_key(&text[span.range()])?;
            let (choices, place) = under_title(sight, &key)?;
            Some((key, choices, place))
        });
        let Some((key, choices, place)) = offered else { continue };
        let subject = Subject::Named(key);
        let known = found
            .iter()
            .rev()
            .take(NEAR)
            .any(|rule| rule.subject == subject && matches!(rule.demand, Demand::OneOf(_)));
        if !known {
            let rule = Requirement::on_reply(unit, place, Demand::OneOf(choices), false);
            found.push(Requirement { subject, ..rule });
        }
    }
}

/// A longer unit is material, in bytes.
const LONG: usize = 400;

/// How many requirements back the same field is looked for.
const NEAR: usize = 32;

/// `<verdict>A, B or TIE</verdict>`: the tag and what may stand in it.
fn in_tags(body: &str) -> Option<(String, Vec<String>)> {
    let rest = body.trim().trim_start_matches(['-', '*', ' ']).strip_prefix('<')?;
    let (key, rest) = rest.split_once('>')?;
    let list = rest.strip_suffix(&format!("</{key}>"))?;
    let last = list.rsplit_once(" or ")?;
    let names: Vec<String> = last.0.split(',').chain([last.1]).map(|name| name.trim().to_string()).collect();
    let word = |name: &String| {
        !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-'))
    };
    (is_key(key) && names.len() >= 2 && names.iter().all(word)).then(|| (key.to_lowercase(), names))
}

/// `"helper" may only be one of the four names`: the field in quotation marks before "one of".
fn chosen_key(body: &str) -> Option<String> {
    let at = body.find("one of the")?;
    let head = &body[..at];
    let close = head.rfind(['"', '`'])?;
    let near = head.len() - close <= REACH;
    let key = head[..close].rsplit(['"', '`']).next()?;
    (near && is_key(key)).then(|| key.to_lowercase())
}

/// How far before "one of" the field may stand, in bytes.
const REACH: usize = 40;

/// The names under the title that is the plural of a field: "HELPERS" and below it "billing: ...", "network: ...".
fn under_title(sight: &Sight<'_>, key: &str) -> Option<(Vec<String>, Span)> {
    let text = sight.source.text();
    let titled = |section: &crate::outline::Section| {
        let title = text[section.title.range()].trim().to_lowercase();
        section.mark != Mark::Root
            && (title.strip_suffix('s') == Some(key) || title.strip_suffix("es") == Some(key))
    };
    let section = sight.outline.sections.iter().position(titled)?;
    let listed: Vec<&crate::units::Unit> = sight
        .units
        .iter()
        .filter(|unit| unit.section == section && unit.kind != UnitKind::Mark && unit.opens_piece)
        .take(MOST)
        .collect();
    // What stands apart from the list below the title is no part of it.
    let block = listed.first()?.block;
    let listed: Vec<_> = listed.into_iter().take_while(|unit| unit.block == block).collect();
    let head = |unit: &&crate::units::Unit| {
        let whole = &text[unit.with_lead(sight.outline).range()];
        name(whole).filter(|name| name.split_whitespace().count() == 1)
    };
    let names: Vec<String> = listed.iter().map(head).collect::<Option<Vec<String>>>()?;
    let (first, last) = (listed.first()?, listed.last()?);
    (names.len() >= 2 && names.len() < MOST).then(|| (names, first.text.cover(last.text)))
}

/// More names than this are no choices.
const MOST: usize = 24;
