//! What is done where a value is not there: "a missing date is null", "if no fare is stated, ask".

use super::absence::{self, Clause};
use super::way_out::{self, Way};
use super::{Demand, Requirement, Sight};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;

/// Words from which a sentence says more than one thing.
const LONG: usize = 34;
/// Values that an "or" may name at the end.
const LAST: [(&str, &str); 6] = [
    ("null", "null"),
    ("none", "none"),
    ("n/a", "n/a"),
    ("unknown", "unknown"),
    ("empty", "empty"),
    ("blank", "empty"),
];

/// Reads what a unit does in a gap. It holds whenever there is a gap, so it counts as a rule with no condition.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let shape = matches!(sight.units[unit].kind, UnitKind::Code | UnitKind::Table | UnitKind::Mark);
    if shape || sight.labels[unit].component == Some(Component::Examples) {
        return;
    }
    let lower: Vec<Cow<str>> = words.iter().map(|word| word.lower(text)).collect();
    let (mut from, mut before) = (0, None);
    for part in words.split(|word| word.text(text) == ";") {
        let clause = Clause { words: part, lower: &lower[from..from + part.len()], before };
        from += part.len() + 1;
        if part.is_empty() || part.len() > LONG {
            before = None;
            continue;
        }
        let read = or_else(&clause).or_else(|| {
            let gone = absence::read(&clause)?;
            let way = way_out::read(text, span, &clause, &gone)?;
            Some((gone.of, way))
        });
        if let Some((of, way)) = read {
            let place = Span::new(part[0].start as usize, part[part.len() - 1].span().end());
            found.push(Requirement::on_reply(unit, place, Demand::Gap { of, way }, false));
            return;
        }
        before = clause.subject();
    }
}

/// "`photo` is the number behind the word, or null": the field and its value in a gap.
fn or_else(clause: &Clause<'_>) -> Option<(String, Way)> {
    let (words, lower) = (clause.words, clause.lower);
    let last = (0..lower.len()).rfind(|&at| !words[at].is_punctuation())?;
    let (_, value) = LAST.iter().find(|(word, _)| *word == lower[last])?;
    let is = lower.iter().position(|word| matches!(&**word, "is" | "are"))?;
    let asked = words[..last].iter().any(|word| word.is(vocabulary::CONDITION));
    let of = clause.named(0, is)?;
    let fits = is + 2 < last && is <= 4 && lower[last - 1] == "or" && !asked && !of.is_empty();
    let way = if *value == "empty" { Way::Empty } else { Way::Write(value.to_string()) };
    fits.then_some((of, way))
}

/// True when two gaps are of the same thing: "photo number", "photo".
pub(crate) fn of_one_thing(one: &str, other: &str) -> bool {
    let bare = |of: &str| {
        ["number", "value", "name", "figure"].iter().find_map(|end| of.strip_suffix(end).map(str::len))
    };
    let stems = |of: &str| {
        let of = bare(of).filter(|length| *length > 0).map_or(of, |length| of[..length].trim_end());
        let mut stems: Vec<u32> = of.split([' ', '_']).map(stem).collect();
        stems.sort_unstable();
        stems
    };
    // "The number of pieces", "the number".
    let counted = |one: &str, other: &str| one == "number" && other.starts_with("number ");
    one == other || counted(one, other) || counted(other, one) || stems(one) == stems(other)
}

#[cfg(test)]
mod tests {
    use crate::requirement::tests::read;

    fn said(sentence: &str) -> Vec<String> {
        let way = |demand: &str| {
            let (way, of) = demand.strip_prefix("reply: ")?.split_once(" in a gap")?;
            (way != "says what to do").then(|| format!("{way}{of}"))
        };
        read(&format!("Fill in the slip of each guest. {sentence}"))
            .iter()
            .filter_map(|demand| way(demand))
            .collect()
    }

    #[test]
    fn what_is_done_in_a_gap() {
        let rows = [
            ("A missing value is null.", "`null`"),
            ("Missing values become null.", "`null`"),
            ("Fields without a value are null.", "`null`"),
            ("Use null for fields that the slip does not have.", "`null`"),
            ("If unknown, set the field to null.", "`null`"),
            ("Fare is null whenever the slip states none.", "`null` of fare"),
            ("Set the fare to null if the slip does not mention one.", "`null` of fare"),
            ("If no due date is given, write \"next boat\".", "`next boat` of due date"),
            ("Put \"no pier\" wherever the pier isn't given.", "`no pier` of pier"),
            ("If the number cannot be read, write \"?\".", "`?` of unclear number"),
            ("Letters without a date get 0000-00-00.", "`0000-00-00` of date"),
            ("Where the slip gives no day, put [DAY].", "`[day]` of day"),
            ("The number of bags is a figure; if the slip gives none, write 1.", "`1` of number bags"),
            ("Leave a field empty when the slip does not give it.", "`empty`"),
            ("For a missing fare, return an empty string.", "`empty` of fare"),
            ("If the pier is not known, use \"\".", "`empty` of pier"),
            ("Leave out a fare that is not given.", "`left out` of fare"),
            ("Leave out parts whose number you cannot find.", "`left out` of number"),
            ("Without a fare, omit the key.", "`left out` of fare"),
            ("Only give the fare if the slip states it.", "`left out` of fare"),
            ("If there is no fare, do not include the key.", "`left out` of fare"),
            ("If the pier is not named, ask the guest.", "asks of pier"),
            ("A missing pier has to be asked for.", "asks of pier"),
            ("When no fare is stated, use your best judgement.", "an own value of fare"),
            ("A fare that is not in the slip may be estimated.", "an own value of fare"),
            ("If no date is given, use today's date.", "another value of date"),
            ("If the ticket number is missing, look it up by name.", "looks it up of ticket number"),
        ];
        for (sentence, way) in rows {
            assert_eq!(said(sentence), [way], "{sentence}");
        }
    }

    #[test]
    fn what_is_no_way_out_of_a_gap() {
        let rows = [
            "Boats without a licence are 12.",
            "Never leave a gap.",
            "List missing stamps.",
            "If the route makes no sense, write \"check\".",
            "Write \"a guest\" when you cannot tell who spoke.",
            "Write the letter without naming the \"Merle\".",
            "If the fare is missing, write \"none\" and ask the clerk.",
            "If something is unclear, ask.",
        ];
        for sentence in rows {
            assert_eq!(said(sentence), [""; 0], "{sentence}");
        }
    }
}
