//! Units of measure by their names: "km/h", "metres per second".

use crate::words::Word;
use std::borrow::Cow;

/// Units of one kind, by their names; metric and imperial measures in general are an axis of their own.
const KINDS: [&[&[&str]]; 7] = [
    &[
        &["knots", "kn"],
        &["m/s", "metres per second", "meters per second"],
        &["km/h", "kph", "kmh", "kilometres per hour", "kilometers per hour"],
        &["mph", "miles per hour"],
        &["beaufort"],
    ],
    &[
        &["seconds"],
        &["minutes"],
        &["hours"],
        &["milliseconds", "ms"],
        &["days"],
        &["weeks"],
        &["months"],
        &["years"],
    ],
    &[&["bytes"], &["kb", "kilobytes"], &["mb", "megabytes"], &["gb", "gigabytes"]],
    &[&["bar"], &["psi"], &["hpa", "hectopascals"], &["kpa"]],
    &[&["celsius", "degrees celsius", "°c"], &["fahrenheit", "degrees fahrenheit", "°f"], &["kelvin"]],
    &[&["watts", "w"], &["kilowatts", "kw"], &["horsepower", "hp"]],
    &[&["litres", "liters"], &["millilitres", "milliliters", "ml"], &["gallons"], &["pints"], &["cups"]],
];

/// A unit of a kind: "km/h" among the speeds.
#[derive(Clone, Copy, PartialEq, Eq)]
pub(crate) struct UnitName {
    pub(crate) kind: usize,
    pub(crate) unit: usize,
}

impl UnitName {
    /// True for another unit of the same kind.
    pub(crate) fn is_rival(self, other: UnitName) -> bool {
        self.kind == other.kind && self.unit != other.unit
    }
}

/// The unit that is named at a place among words, and the place behind its name.
pub(crate) fn read(text: &str, words: &[Word], at: usize) -> Option<(UnitName, usize)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let find = |name: &str| {
        KINDS.iter().enumerate().find_map(|(kind, units)| {
            units.iter().position(|names| names.contains(&name)).map(|unit| UnitName { kind, unit })
        })
    };
    // "m/s" is three words, and so is "metres per second".
    let long = match &*lower(at + 1) {
        "/" => Some(format!("{}/{}", lower(at), lower(at + 2))),
        "per" => Some(format!("{} per {}", lower(at), lower(at + 2))),
        _ => None,
    };
    if let Some(found) = long.and_then(|name| find(&name)) {
        return Some((found, at + 3));
    }
    // "°C" is two words.
    if lower(at) == "°" {
        return find(&format!("°{}", lower(at + 1))).map(|found| (found, at + 2));
    }
    if lower(at) == "degrees" {
        return find(&format!("degrees {}", lower(at + 1))).map(|found| (found, at + 2));
    }
    find(&lower(at)).map(|found| (found, at + 1))
}

/// True when of two sentences each says "in" a unit, and the units are rivals.
pub(crate) fn differ(text: &str, one: &[Word], two: &[Word]) -> bool {
    let told = |words: &[Word]| {
        (1..words.len()).filter(|&at| words[at - 1].lower(text) == "in").find_map(|at| read(text, words, at))
    };
    told(one).zip(told(two)).is_some_and(|((one, _), (two, _))| one.is_rival(two))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn are_rivals(one: &str, two: &str) -> bool {
        let text = format!("{one}\n{two}");
        let words = Words::read(&text, 0);
        let (one, two) = (Span::new(0, one.len()), Span::new(one.len() + 1, text.len()));
        differ(&text, words.within(one), words.within(two))
    }

    #[test]
    fn two_units_of_one_kind() {
        assert!(are_rivals("Give the wind in metres per second.", "Give the wind in km/h."));
        assert!(are_rivals("Heat in degrees Celsius.", "Heat in Fahrenheit."));
        assert!(!are_rivals("Give the wind in m/s.", "Give the wind in metres per second."));
        assert!(!are_rivals("Give the wind in knots.", "Give the time in minutes."), "two kinds");
    }
}
