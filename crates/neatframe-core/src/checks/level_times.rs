//! A level that comes with one time in the legend and with another in a rule: "AMBER: within 2 hours", "with AMBER, within four
//! hours".

use super::durations::span_of_time;
use super::{Case, Sink, rivals};
use crate::words::Word;

/// The shortest name of a level, in bytes.
const NAME: usize = 3;

/// The time within which something is done at a level.
struct Within {
    level: String,
    minutes: u32,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, within, |one, two| one.level == two.level && one.minutes != two.minutes);
}

fn within(case: &Case<'_>, unit: usize) -> Option<Within> {
    let text = case.source.text();
    let words = case.words.within(case.units[unit].with_lead(case.outline));
    let loud = |word: &&Word| {
        let name = word.text(text);
        name.len() >= NAME && name.chars().all(|c| c.is_ascii_uppercase())
    };
    let mut levels = words.iter().filter(loud);
    let (level, None) = (levels.next()?, levels.next()) else { return None };
    let mut times = (1..words.len())
        .filter(|&at| words[at - 1].lower(text) == "within")
        .filter_map(|at| span_of_time(text, words, at));
    let ((_, minutes), None) = (times.next()?, times.next()) else { return None };
    Some(Within { level: level.text(text).to_string(), minutes })
}
