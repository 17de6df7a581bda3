//! More days of the week than there may be: "three days a week", "sessions on Monday, Tuesday, Thursday and Saturday".

use super::{Case, Sink};
use crate::component::Component;
use crate::requirement::{is_exception, number};
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

const DAYS: [&str; 7] = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"];
/// Fewer days are a pair, of which one may take the place of the other.
const SEVERAL: usize = 3;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let prose = |unit: &usize| {
        case.labels[*unit].component.is_some_and(|of| of != Component::Examples)
            && !matches!(case.units[*unit].kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table)
            && !is_exception(text, case.words_of(*unit))
    };
    let bound =
        (0..case.units.len()).filter(prose).find_map(|unit| Some((unit, days(text, case.words_of(unit))?)));
    let Some((rule, most)) = bound else { return };
    let past = |unit: &usize| {
        let named = named(text, case.words_of(*unit));
        *unit != rule && named >= SEVERAL && named > most as usize
    };
    if let Some(unit) = case.demands().filter(prose).find(past) {
        sink.clash(case, case.units[unit].text, case.units[rule].text);
    }
}

/// "3 days a week max", "twice a week": how many; "at least three days a week" leaves more open.
fn days(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let a_week = |at: usize| matches!(&*lower(at), "a" | "per" | "each" | "every") && lower(at + 1) == "week";
    let open = words.iter().any(|word| matches!(&*word.lower(text), "least" | "more" | "or"));
    let at = (0..words.len()).find(|&at| matches!(&*lower(at), "days" | "times") && a_week(at + 1) && at > 0);
    let twice = || (0..words.len()).find(|&at| lower(at) == "twice" && a_week(at + 1)).map(|_| 2);
    let count = at.and_then(|at| number(text, words[at - 1])).or_else(twice)?;
    (!open && (1..=6).contains(&count)).then_some(count)
}

/// How many days of the week a sentence names.
fn named(text: &str, words: &[Word]) -> usize {
    let told = |day: &&&str| {
        words.iter().any(|word| {
            let lower = word.lower(text);
            lower.strip_suffix('s').unwrap_or(&lower) == **day
        })
    };
    DAYS.iter().filter(told).count()
}

#[cfg(test)]
mod tests {
    use super::{days, named};
    use crate::words::Words;

    #[test]
    fn days_that_there_may_be_and_days_named() {
        let text = "Three days a week at most.";
        assert_eq!(days(text, Words::read(text, 0).all()), Some(3));
        let text = "At least three days a week.";
        assert_eq!(days(text, Words::read(text, 0).all()), None);
        let text = "Train on Monday, Tuesdays and Friday.";
        assert_eq!(named(text, Words::read(text, 0).all()), 3);
    }
}
