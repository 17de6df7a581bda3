//! Stretches that have a beginning and an end of their own, and are never parted.

use super::chunk::lead_span;
use crate::component::Component;
use crate::outline::PieceKind;
use crate::review::Review;
use crate::units::UnitKind;
use std::ops::Range;

/// Labelled lines that a form is made of: "Thought: …", "Tool: one of {tools}", "Result: …".
const LINES: usize = 4;

/// The units of forms: labelled lines one right below the other, most of which show what the answer looks like. The others
/// among them belong to the form. Each as its first unit and the unit past its last.
pub(super) fn forms(review: &Review) -> Vec<Range<usize>> {
    let units = review.units();
    let text = review.source().text();
    let below = |unit: usize| {
        let between = &text[units[unit - 1].text.end()..units[unit].text.start()];
        units[unit].kind != UnitKind::Mark && between.matches('\n').count() <= 1
    };
    let mut runs: Vec<Range<usize>> = Vec::new();
    for unit in 0..units.len() {
        match runs.last_mut().filter(|run| run.end == unit && unit > 0 && below(unit)) {
            Some(run) => run.end = unit + 1,
            None => runs.push(unit..unit + 1),
        }
    }
    let is_form = |run: &Range<usize>| {
        let lines = run.clone().filter(|&unit| {
            units[unit].opens_piece && matches!(units[unit].kind, UnitKind::Field | UnitKind::Turn)
        });
        let shown = |unit: &usize| {
            matches!(review.labels()[*unit].component, Some(Component::OutputFormat | Component::Examples))
        };
        let count = lines.clone().count();
        count >= LINES && lines.filter(shown).count() * 4 >= count * 3
    };
    runs.retain(is_form);
    runs
}

/// The unit past the end of what a unit opens: a tag, a fence, a row of signs, a brace, a statement of a template. The next
/// one where it opens nothing that is closed.
pub(super) fn end(review: &Review, index: usize) -> usize {
    let units = review.units();
    let piece = |unit: usize| &review.outline().pieces[units[unit].pieces.start];
    let kind = piece(index).kind;
    let text = review.source().slice(units[index].text);
    let reach = units.len().min(index + 400);
    match kind {
        PieceKind::TagOpen => {
            let section = &review.outline().sections[units[index].section];
            (index..units.len()).find(|&unit| units[unit].pieces.start >= section.end).unwrap_or(units.len())
        }
        PieceKind::Fence => {
            let twin = (index + 1..units.len()).find(|&unit| piece(unit).kind == PieceKind::Fence);
            let holds_code = units.get(index + 1).is_some_and(|unit| unit.kind == UnitKind::Code);
            twin.filter(|_| holds_code).map_or(index + 1, |unit| unit + 1)
        }
        PieceKind::Rule => (index + 1..reach)
            .find(|&unit| {
                // `<<<` is closed by `>>>`.
                piece(unit).kind == PieceKind::Rule
                    && review.source().slice(units[unit].text) == text.replace('<', ">")
            })
            .map_or(index + 1, |unit| unit + 1),
        _ => {
            if let Some(signs) = opened_by_signs(text) {
                let twin = (index + 1..reach).find(|&unit| review.source().slice(units[unit].text) == signs);
                return twin.map_or(index + 1, |unit| unit + 1);
            }
            // One amid a sentence opens no block.
            let block = text.ends_with(['{', '[']).then(|| balanced(review, index..reach, braces));
            block.flatten().or_else(|| balanced(review, index..reach, statements)).unwrap_or(index + 1)
        }
    }
}

/// `Draft: ###`, which a row of the same signs closes: the signs.
fn opened_by_signs(text: &str) -> Option<&str> {
    let (label, signs) = text.rsplit_once(' ')?;
    let first =
        signs.chars().next().filter(|sign| matches!(sign, '#' | '=' | '-' | '"' | '\'' | '~' | '`'))?;
    (label.ends_with(':') && signs.len() >= 3 && signs.chars().all(|sign| sign == first)).then_some(signs)
}

/// The unit past the one that closes what the first one opens; none where it opens nothing, or nothing closes it.
fn balanced(review: &Review, units: Range<usize>, depth: fn(&str) -> i32) -> Option<usize> {
    let mut open = 0;
    for (count, unit) in units.enumerate() {
        open += depth(review.source().slice(lead_span(review, unit)));
        if open <= 0 {
            return (count > 0).then_some(unit + 1);
        }
    }
    None
}

/// How many more braces and brackets a line opens than it closes.
fn braces(line: &str) -> i32 {
    let opens = line.matches(['{', '[']).count() as i32;
    opens - line.matches(['}', ']']).count() as i32
}

/// How many more statements such as `{% if %}` a line opens than it closes.
fn statements(line: &str) -> i32 {
    const OPENING: [&str; 7] = ["if", "for", "block", "macro", "call", "filter", "raw"];
    let mut depth = 0;
    for statement in line.split("{%").skip(1) {
        let name = statement.trim_start_matches(['-', '+', ' ']).split([' ', '-', '%']).next().unwrap_or("");
        depth += i32::from(OPENING.contains(&name)) - i32::from(name.starts_with("end"));
    }
    depth
}

#[cfg(test)]
mod tests {
    use super::{opened_by_signs, statements};
    use crate::reframe::tests::reworded;

    #[test]
    fn what_braces_and_statements_hold_is_not_parted() {
        for block in [
            "The answer has this shape:\n{\n  boat: the name of the boat,\n  never: name a guest,\n  fare: write the sum\n}",
            "{% if late %}\nThe boat is late today.\nNever name the skipper.\nWrite the new hour.\n{% endif %}",
            "Draft of the notice: ###\n{draft}\nIt may be wrong.\n###",
        ] {
            let out = reworded(&format!(
                "You are a clerk. Write a notice in order to warn guests.\n\n{block}\n\nUse at most 60 words.\nDo not name a fare.\n"
            ));
            assert!(out.contains(block), "{block}: {out}");
        }
    }

    #[test]
    fn statements_and_rows_of_signs_open_what_their_twins_close() {
        assert_eq!(statements("{%- for boat in boats -%}{{ boat }}"), 1);
        assert_eq!(statements("{% if a %}x{% endif %}") + statements("{% else %}"), 0);
        assert_eq!(opened_by_signs("Draft: ###"), Some("###"));
        assert_eq!(opened_by_signs("Draft ###").or(opened_by_signs("Draft: #a#")), None);
    }
}
