//! Samples that ask and answer in turn: `Q: …` and `A: …`, of which each may run over many lines.

use super::handover::hands_over;
use super::{Reading, holds_a_slot};
use crate::units::UnitKind;
use std::ops::Range;

/// The most units of one exchange.
const LONG: usize = 60;

/// The fewest exchanges that are samples.
const LEAST: usize = 2;

/// The labels of the two sides.
const SIDES: [(&str, &str); 3] = [("Q", "A"), ("Question", "Answer"), ("Input", "Output")];

/// Marks in `inside` the exchanges of a prompt that shows at least two of them one after the other.
pub(super) fn answered_in_turn(reading: &Reading<'_>, inside: &mut [bool]) {
    for (asks, answers) in SIDES {
        let starts: Vec<usize> =
            (0..reading.units.len()).filter(|at| says(reading, *at, asks) == Some(true)).collect();
        if starts.len() < LEAST {
            continue;
        }
        let mut run: Vec<Range<usize>> = Vec::new();
        for (place, &from) in starts.iter().enumerate() {
            let next = starts.get(place + 1).copied();
            let most = (from + LONG).min(reading.units.len());
            let over = (from + 1..next.unwrap_or(most).min(most)).find(|at| breaks_off(reading, *at, asks));
            let end = over.or(next).unwrap_or(most).min(most);
            let answer = (from + 1..end).find(|at| says(reading, *at, answers).is_some());
            let Some(answer) = answer else {
                mark(&mut run, inside);
                continue;
            };
            // Another exchange behind it shows where it ends; else its first paragraph is all that surely belongs to it.
            let whole = next == Some(end);
            let gap = || (answer + 1..end).find(|at| stands_apart(reading, *at)).unwrap_or(end);
            run.push(from..if whole { end } else { gap() });
            if !whole {
                mark(&mut run, inside);
            }
        }
        mark(&mut run, inside);
    }
}

/// Takes the exchanges that follow on each other, and marks them where there are enough.
fn mark(run: &mut Vec<Range<usize>>, inside: &mut [bool]) {
    if run.len() >= LEAST {
        for exchange in &*run {
            inside[exchange.clone()].fill(true);
        }
    }
    run.clear();
}

/// Whether a unit opens with this label; true where words of a sample stand behind it on the line, false where none do.
fn says(reading: &Reading<'_>, at: usize, label: &str) -> Option<bool> {
    let unit = &reading.units[at];
    let rest = reading.source.slice(unit.text).strip_prefix(label)?.strip_prefix(':')?;
    unit.opens_piece.then(|| !rest.trim().is_empty() && !holds_a_slot(reading, unit))
}

/// A title, a slot, or the sentence that hands the work over: no sample goes on past it.
fn breaks_off(reading: &Reading<'_>, at: usize, asks: &str) -> bool {
    let unit = &reading.units[at];
    let heading = unit.kind == UnitKind::Mark && reading.source.slice(unit.text).starts_with(['#', '<', '=']);
    heading || holds_a_slot(reading, unit) || hands_over(reading, at) || says(reading, at, asks).is_some()
}

/// True behind a blank line.
fn stands_apart(reading: &Reading<'_>, at: usize) -> bool {
    let text = reading.source.text();
    let between = &text[reading.units[at - 1].text.end()..reading.units[at].text.start()];
    between.bytes().filter(|byte| *byte == b'\n').count() > 1
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component::Examples;

    fn samples(text: &str) -> usize {
        components_of(text).into_iter().filter(|of| *of == Some(Examples)).count()
    }

    #[test]
    fn exchanges_of_many_lines() {
        let text = "Say which boat lies where in the end.\n\n\
                    Q: The Merle lies at pier one.\nFirst, the Merle and the Oriole swap piers. At the end, the Merle lies at\nOptions:\n(A) pier one\n(B) pier two\nA: Let's see.\n(1) They swap.\nSo the answer is (B).\n\n\
                    Q: The Oriole lies at pier two.\nThen, the two swap piers. At the end, the Oriole lies at\nOptions:\n(A) pier one\n(B) pier two\nA: Let's see.\n(1) They swap.\nSo the answer is (A).\n\n\
                    Answer with the letter alone.\n";
        let found = components_of(text);
        assert_eq!(samples(text), 16, "{found:?}");
        assert_ne!(found.last(), Some(&Some(Examples)));
    }

    #[test]
    fn questions_that_nothing_answers_are_none() {
        let answered = "Say it.\n\nQuestion: the pier\nIt is shut.\nAnswer: no\n\nQuestion: the bridge\nIt is open.\nAnswer: yes\n";
        assert_eq!(samples(answered), 6);
        assert!(samples(&answered.replace("Answer:", "Hint:")) < 6);
    }
}
