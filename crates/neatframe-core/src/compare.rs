//! What changed from one version of a prompt to another: units, requirements, findings.

use crate::finding::Finding;
use crate::requirement::{Bound, Demand, Requirement};
use crate::review::Review;
use crate::units::UnitKind;
use std::collections::{HashMap, HashSet};

/// What became of a unit.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Fate {
    /// The same words, in the same order among the others.
    Kept,
    /// The same words, elsewhere.
    Moved,
    /// Other words for it.
    Reworded,
    /// Only in the old version.
    Removed,
    /// Only in the new version.
    Added,
}

impl Fate {
    /// The name for people and programs.
    pub fn id(self) -> &'static str {
        match self {
            Fate::Kept => "kept",
            Fate::Moved => "moved",
            Fate::Reworded => "reworded",
            Fate::Removed => "removed",
            Fate::Added => "added",
        }
    }
}

/// A unit of one version with its counterpart in the other.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Pairing {
    /// What became of it.
    pub fate: Fate,
    /// Its index among the units of the old version.
    pub old: Option<usize>,
    /// Its index among the units of the new version.
    pub new: Option<usize>,
}

/// What became of a requirement.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Shift {
    /// Only in the new version.
    Added,
    /// Only in the old version.
    Removed,
    /// It leaves less room than before.
    Tightened,
    /// It leaves more room than before.
    Loosened,
    /// It asks for something else.
    Changed,
}

impl Shift {
    /// The name for people and programs.
    pub fn id(self) -> &'static str {
        match self {
            Shift::Added => "added",
            Shift::Removed => "removed",
            Shift::Tightened => "tightened",
            Shift::Loosened => "loosened",
            Shift::Changed => "changed",
        }
    }
}

/// Two versions set against each other.
#[derive(Clone, Debug, Default)]
pub struct Comparison {
    /// Every unit that says something, in the order of the new version; removed ones where they stood.
    pub units: Vec<Pairing>,
    /// Requirements that are not the same in both: indices into the old and the new version's list.
    pub requirements: Vec<(Shift, Option<usize>, Option<usize>)>,
    /// Findings of the old version that are gone, by index.
    pub gone: Vec<usize>,
    /// Findings that only the new version has, by index.
    pub new: Vec<usize>,
}

/// Sets two versions of a prompt against each other.
pub fn compare(old: &Review, new: &Review) -> Comparison {
    let (gone, fresh) = findings(old, new);
    Comparison { units: units(old, new), requirements: requirements(old, new), gone, new: fresh }
}

/// Above so many units without a twin the reworded ones are not looked for; keeps hostile prompts quick.
const MOST: usize = 1500;

/// From this share of common words on, two units are one that was reworded.
const ALIKE: f64 = 0.5;

fn units(old: &Review, new: &Review) -> Vec<Pairing> {
    let says = |review: &Review| -> Vec<usize> {
        (0..review.units().len()).filter(|&unit| review.units()[unit].kind != UnitKind::Mark).collect()
    };
    let plain = |review: &Review, unit: usize| {
        review.source().slice(review.units()[unit].text).split_whitespace().collect::<Vec<_>>().join(" ")
    };
    let (olds, news) = (says(old), says(new));
    let mut twins: HashMap<String, Vec<usize>> = HashMap::new();
    for (place, &unit) in olds.iter().enumerate().rev() {
        twins.entry(plain(old, unit)).or_default().push(place);
    }
    // Places in the two lists of units that say something.
    let mut of_new: Vec<Option<usize>> =
        news.iter().map(|&unit| twins.get_mut(&plain(new, unit)).and_then(Vec::pop)).collect();
    let in_order = rising(&of_new);
    let taken: HashSet<usize> = of_new.iter().flatten().copied().collect();
    let mut free: Vec<usize> = (0..olds.len()).filter(|place| !taken.contains(place)).collect();
    let mut reworded: HashSet<usize> = HashSet::new();
    let open: Vec<usize> = (0..news.len()).filter(|&place| of_new[place].is_none()).collect();
    if free.len() <= MOST && open.len() <= MOST {
        let bag = |review: &Review, unit: usize| -> HashSet<u32> {
            review
                .words_of(unit)
                .iter()
                .filter(|word| !word.is_punctuation())
                .map(|word| word.hash())
                .collect()
        };
        let bags: HashMap<usize, HashSet<u32>> =
            free.iter().map(|&place| (place, bag(old, olds[place]))).collect();
        for place in open {
            let words = bag(new, news[place]);
            let share = |other: &usize| {
                let theirs = &bags[other];
                2.0 * words.intersection(theirs).count() as f64 / (words.len() + theirs.len()).max(1) as f64
            };
            let best =
                free.iter().copied().map(|other| (share(&other), other)).max_by(|a, b| a.0.total_cmp(&b.0));
            if let Some((_, other)) = best.filter(|(share, _)| *share >= ALIKE) {
                free.retain(|&place| place != other);
                of_new[place] = Some(other);
                reworded.insert(place);
            }
        }
    }
    let mut out = Vec::with_capacity(news.len() + free.len());
    let mut removed = free.into_iter().peekable();
    for (place, twin) in of_new.iter().enumerate() {
        if let Some(twin) = twin {
            while let Some(gone) = removed.next_if(|gone| gone < twin) {
                out.push(Pairing { fate: Fate::Removed, old: Some(olds[gone]), new: None });
            }
        }
        let fate = match twin {
            None => Fate::Added,
            Some(_) if reworded.contains(&place) => Fate::Reworded,
            Some(_) if in_order.contains(&place) => Fate::Kept,
            Some(_) => Fate::Moved,
        };
        out.push(Pairing { fate, old: twin.map(|twin| olds[twin]), new: Some(news[place]) });
    }
    out.extend(removed.map(|gone| Pairing { fate: Fate::Removed, old: Some(olds[gone]), new: None }));
    out
}

/// The places of a longest rising sequence: what stayed in order (patience sorting, Fredman 1975).
fn rising(twins: &[Option<usize>]) -> HashSet<usize> {
    let mut piles: Vec<usize> = Vec::new();
    let mut before: Vec<Option<usize>> = vec![None; twins.len()];
    for (place, twin) in twins.iter().enumerate() {
        let Some(twin) = twin else { continue };
        let pile = piles.partition_point(|&top| twins[top] < Some(*twin));
        before[place] = pile.checked_sub(1).map(|under| piles[under]);
        if pile == piles.len() { piles.push(place) } else { piles[pile] = place }
    }
    std::iter::successors(piles.last().copied(), |&place| before[place]).collect()
}

fn requirements(old: &Review, new: &Review) -> Vec<(Shift, Option<usize>, Option<usize>)> {
    let key = |rule: &Requirement| (rule.subject.name(), rule.demand.shown());
    let unmatched = |list: &[Requirement], others: &[Requirement]| -> Vec<usize> {
        let known: HashSet<(String, String)> = others.iter().map(key).collect();
        (0..list.len()).filter(|&at| !known.contains(&key(&list[at]))).collect()
    };
    let (olds, news) = (old.requirements(), new.requirements());
    let mut gone = unmatched(olds, news);
    let mut out = Vec::new();
    for at in unmatched(news, olds) {
        let successor = gone.iter().take(MOST).position(|&other| succeeds(&olds[other], &news[at]));
        match successor {
            Some(place) => {
                let other = gone.remove(place);
                out.push((shift(&olds[other], &news[at]), Some(other), Some(at)));
            }
            None => out.push((Shift::Added, None, Some(at))),
        }
    }
    out.extend(gone.into_iter().map(|at| (Shift::Removed, Some(at), None)));
    out
}

/// True when the new requirement is about what the old one was about.
fn succeeds(old: &Requirement, new: &Requirement) -> bool {
    if old.subject != new.subject {
        return false;
    }
    match (&old.demand, &new.demand) {
        (Demand::Amount { measure, .. }, Demand::Amount { measure: other, .. }) => measure == other,
        (Demand::Manner { axis, .. }, Demand::Manner { axis: other, .. }) => axis == other,
        (one, two) => one.id() == two.id() && !matches!(one, Demand::Mention(_) | Demand::Omit(_)),
    }
}

fn shift(old: &Requirement, new: &Requirement) -> Shift {
    let (Demand::Amount { bound: was, .. }, Demand::Amount { bound: is, .. }) = (&old.demand, &new.demand)
    else {
        return Shift::Changed;
    };
    let within = |inner: &Bound, outer: &Bound| {
        inner.least.unwrap_or(0) >= outer.least.unwrap_or(0)
            && inner.most.unwrap_or(u32::MAX) <= outer.most.unwrap_or(u32::MAX)
    };
    match (within(is, was), within(was, is)) {
        (true, false) => Shift::Tightened,
        (false, true) => Shift::Loosened,
        _ => Shift::Changed,
    }
}

/// Findings that are only in one of the two, by check and words.
fn findings(old: &Review, new: &Review) -> (Vec<usize>, Vec<usize>) {
    let key =
        |review: &Review, finding: &Finding| (finding.check, review.source().slice(finding.span).to_string());
    let only = |here: &Review, there: &Review| -> Vec<usize> {
        let mut known: HashMap<(&str, String), usize> = HashMap::new();
        for finding in there.findings() {
            *known.entry(key(there, finding)).or_default() += 1;
        }
        let fresh = |at: &usize| match known.get_mut(&key(here, &here.findings()[*at])) {
            Some(left) if *left > 0 => {
                *left -= 1;
                false
            }
            _ => true,
        };
        (0..here.findings().len()).filter(fresh).collect()
    };
    (only(old, new), only(new, old))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::ledger::Bytes;
    use crate::{Settings, Source, review};
    use proptest::prelude::*;

    fn read(text: &str) -> Review {
        review(Source::from_bytes(text.as_bytes().to_vec()).unwrap(), &Settings::default(), &Bytes)
    }

    fn fates(old: &str, new: &str) -> Vec<&'static str> {
        compare(&read(old), &read(new)).units.iter().map(|pair| pair.fate.id()).collect()
    }

    #[test]
    fn a_moved_unit_is_told_from_a_changed_one() {
        let old = "Write the notice. Name the pier. Use at most 80 words.";
        assert_eq!(fates(old, old), ["kept", "kept", "kept"]);
        assert_eq!(
            fates(old, "Use at most 80 words. Write the notice. Name the pier."),
            ["moved", "kept", "kept"]
        );
        assert_eq!(
            fates(old, "Write the notice. Name the pier. Use at most 60 words. Add the hour."),
            ["kept", "kept", "reworded", "added"]
        );
        assert_eq!(fates(old, "Write the notice."), ["kept", "removed", "removed"]);
    }

    #[test]
    fn bounds_are_tightened_and_loosened() {
        let shifts = |old: &str, new: &str| -> Vec<&'static str> {
            compare(&read(old), &read(new)).requirements.iter().map(|(shift, ..)| shift.id()).collect()
        };
        assert_eq!(shifts("Write it in at most 80 words.", "Write it in at most 60 words."), ["tightened"]);
        assert_eq!(shifts("Write it in at most 80 words.", "Write it in at most 90 words."), ["loosened"]);
        assert_eq!(shifts("Write the notice. Use emojis.", "Write the notice. Use no emojis."), ["changed"]);
        assert_eq!(shifts("Write it in at most 80 words.", "Write it."), ["removed"]);
    }

    #[test]
    fn findings_gone_and_new() {
        let (old, new) = (read("Basically, write the notice."), read("Write the notice in a good way, etc."));
        let out = compare(&old, &new);
        let checks = |review: &Review, list: &[usize]| -> Vec<&'static str> {
            list.iter().map(|&at| review.findings()[at].check).collect()
        };
        assert!(checks(&old, &out.gone).contains(&"padding"), "{:?}", out.gone);
        assert!(checks(&new, &out.new).contains(&"unmeasured-wording"), "{:?}", out.new);
        assert!(compare(&old, &old).gone.is_empty());
    }

    proptest! {
        #![proptest_config(ProptestConfig { failure_persistence: None, rng_seed: proptest::test_runner::RngSeed::Fixed(7), ..ProptestConfig::with_cases(200) })]

        #[test]
        fn every_unit_of_both_versions_has_one_fate(
            old in prop::collection::vec(prop::sample::select(SENTENCES), 1..8),
            new in prop::collection::vec(prop::sample::select(SENTENCES), 1..8),
        ) {
            let (old, new) = (read(&old.concat()), read(&new.concat()));
            let out = compare(&old, &new);
            let sides = |pick: &dyn Fn(&Pairing) -> Option<usize>| {
                let mut places: Vec<usize> = out.units.iter().filter_map(pick).collect();
                places.sort_unstable();
                places
            };
            let all = |review: &Review| -> Vec<usize> {
                (0..review.units().len()).filter(|&at| review.units()[at].kind != UnitKind::Mark).collect()
            };
            prop_assert_eq!(sides(&|pair| pair.old), all(&old));
            prop_assert_eq!(sides(&|pair| pair.new), all(&new));
            // Kept units stand in the same order on both sides.
            let kept: Vec<usize> = out.units.iter().filter(|pair| pair.fate == Fate::Kept).filter_map(|pair| pair.old).collect();
            prop_assert!(kept.is_sorted(), "{:?}", out.units);
            let back = compare(&new, &old);
            let count = |comparison: &Comparison, fate: Fate| comparison.units.iter().filter(|pair| pair.fate == fate).count();
            prop_assert_eq!(count(&out, Fate::Kept) + count(&out, Fate::Moved), count(&back, Fate::Kept) + count(&back, Fate::Moved));
        }

        #[test]
        fn a_prompt_is_the_same_as_itself(text in prop::collection::vec(prop::sample::select(SENTENCES), 1..8)) {
            let read = read(&text.concat());
            let out = compare(&read, &read);
            prop_assert!(out.units.iter().all(|pair| pair.fate == Fate::Kept));
            prop_assert!(out.requirements.is_empty() && out.gone.is_empty() && out.new.is_empty());
        }
    }

    const SENTENCES: &[&str] = &[
        "Write the winter notice. ",
        "Write the summer notice. ",
        "Use at most 80 words. ",
        "Use at most 60 words. ",
        "Name the pier.\n",
        "# Rules\n",
        "- Use no emojis.\n",
        "Basically, thank you! ",
        "You are the clerk of a ferry line. ",
        "Return JSON with the keys boat and hour.\n\n",
    ];
}
