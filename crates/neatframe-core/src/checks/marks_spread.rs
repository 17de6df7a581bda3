//! Marks that cannot be spread as two rules want: "most pupils end up below 12", "everybody gets at least 15 of 20".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::number;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than a mark.
const LONG: usize = 30;
/// Words that tell of marks.
const MARKS: [&str; 16] = [
    "points", "point", "marks", "mark", "grade", "grades", "score", "scores", "percent", "%", "pass",
    "passes", "fail", "through", "average", "mean",
];

/// How many, in percent of all, get how much.
struct Spread {
    share: Share,
    mark: Mark,
    /// The most that can be reached, as "18 of the 25 points" tells.
    top: Option<u32>,
}

#[derive(PartialEq)]
enum Share {
    /// Each of them.
    All,
    /// At least so many in a hundred.
    Least(u32),
    /// At most so many in a hundred.
    Most(u32),
    /// The average.
    Mean,
}

enum Mark {
    Least(u32),
    Below(u32),
    About(u32),
    /// Below so many in a hundred of the most that can be reached.
    BelowShare(u32),
    Passes,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let told = |unit: usize| case.words_of(unit).iter().any(|word| MARKS.contains(&&*word.lower(text)));
    let read: Vec<(usize, Spread)> = case
        .demands()
        .filter(|unit| case.labels[*unit].component != Some(Component::Examples))
        .filter_map(|unit| Some((unit, spread(text, case.words_of(unit))?)))
        .collect();
    if !read.iter().any(|(unit, _)| told(*unit)) {
        return;
    }
    rivals::report(case, sink, &read, |one, two| excludes(one, two) || excludes(two, one));
}

fn excludes(one: &Spread, two: &Spread) -> bool {
    match (&one.share, &one.mark, &two.share, &two.mark) {
        (Share::All, Mark::Least(least), Share::Least(_), Mark::Below(mark)) => mark <= least,
        (Share::All, Mark::Least(least), Share::Least(_), Mark::BelowShare(share)) => {
            one.top.is_some_and(|top| top * share <= least * 100)
        }
        (Share::All, Mark::Least(least), Share::Mean, Mark::About(mean) | Mark::Below(mean)) => mean < least,
        (Share::All, Mark::Passes, Share::Most(share), Mark::Passes) => *share < 100,
        (Share::Least(share), Mark::Passes, Share::Most(most), Mark::Passes) => share > most,
        _ => false,
    }
}

fn spread(text: &str, words: &[Word]) -> Option<Spread> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let value = |at: usize| words.get(at).and_then(|word| number(text, *word));
    let condition = words.iter().any(|word| word.is(vocabulary::CONDITION | vocabulary::EXCEPTION));
    if words.len() > LONG || condition {
        return None;
    }
    let (share, none, from) = (0..words.len()).find_map(|at| {
        let (share, none, last) = share_at(text, words, at)?;
        Some((share, none, last + 1))
    })?;
    let passes = (from..words.len())
        .any(|at| matches!(&*lower(at), "pass" | "passes" | "through" | "accepted" | "admitted"));
    let bound = (from..words.len()).find_map(|at| {
        let half = |at: usize| lower(at) == "half" && matches!(&*lower(at + 1), "of" | "the");
        match (&*lower(at), &*lower(at + 1)) {
            ("at", "least") => Some((Mark::Least(value(at + 2)?), at + 2)),
            ("below" | "under", _) if half(at + 1) => Some((Mark::BelowShare(50), at + 1)),
            ("less" | "fewer", "than") if half(at + 2) => Some((Mark::BelowShare(50), at + 2)),
            ("below" | "under", _) => Some((Mark::Below(value(at + 1)?), at + 1)),
            ("less" | "fewer" | "lower", "than") => Some((Mark::Below(value(at + 2)?), at + 2)),
            ("about" | "around", _) => Some((Mark::About(value(at + 1)?), at + 1)),
            (_, "or") if matches!(&*lower(at + 2), "more" | "better" | "above") => {
                Some((Mark::Least(value(at)?), at))
            }
            _ => None,
        }
    });
    let (mark, at) = match bound {
        // "Nobody gets less than 14": each of them gets 14.
        Some((Mark::Below(least), at)) if none => (Mark::Least(least), at),
        Some(_) if none => return None,
        Some(found) => found,
        None if passes && !none => (Mark::Passes, from),
        None => return None,
    };
    let of = lower(at + 1) == "of" || lower(at + 2) == "of";
    let top = (at + 2..at + 5).find_map(value).filter(|_| of);
    Some(Spread { share, mark, top })
}

/// A share of all that begins at a word, whether it is none of them, and its last word.
fn share_at(text: &str, words: &[Word], at: usize) -> Option<(Share, bool, usize)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let value = |at: usize| words.get(at).and_then(|word| number(text, *word));
    let only =
        at > 0 && lower(at - 1) == "only" || at > 1 && lower(at - 2) == "at" && lower(at - 1) == "most";
    Some(match (&*lower(at), &*lower(at + 1)) {
        ("everybody" | "everyone" | "all", _) => (Share::All, false, at),
        ("each" | "every", noun) if people(noun) => (Share::All, false, at + 1),
        ("nobody", _) => (Share::All, true, at),
        ("no", noun) if noun == "one" || people(noun) => (Share::All, true, at + 1),
        ("most", of) if at == 0 && (of == "of" || people(of)) => (Share::Least(51), false, at),
        ("average", _) => (Share::Mean, false, at),
        ("at", "least") if lower(at + 2) == "half" => (Share::Least(50), false, at + 2),
        ("half", _) if only => (Share::Most(50), false, at),
        ("one", "in") if only => (Share::Most(100 / value(at + 2)?.max(1)), false, at + 2),
        _ if only && matches!(&*lower(at + 1), "percent" | "%") => (Share::Most(value(at)?), false, at + 1),
        _ => return None,
    })
}

/// Those who get marks.
fn people(noun: &str) -> bool {
    const PEOPLE: [&str; 16] = [
        "pupil", "pupils", "student", "students", "applicant", "applicants", "candidate", "candidates",
        "learner", "learners", "child", "children", "entry", "entries", "essay", "essays",
    ];
    PEOPLE.contains(&noun)
}
