//! How well units are read, on labelled prompts that the weights were not trained on.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

mod common;

use neatframe_core::{Component, Family, Finding, Review, UnitKind};
use std::ops::Range;

/// A prompt, and what a careful reader says of each line: the accepted labels of each sentence, and the families of its faults.
struct Labelled {
    name: String,
    review: Review,
    lines: Vec<(usize, Vec<Vec<Component>>)>,
    faults: Vec<(Range<usize>, String)>,
}

fn read(name: &str, text: &str) -> Labelled {
    let (mut prompt, mut lines, mut faults) = (String::new(), Vec::new(), Vec::new());
    for line in text.lines() {
        if let Some((labels, body)) = line.split_once('|') {
            let (labels, wrong) = labels.split_once('!').unwrap_or((labels, ""));
            let range = prompt.len()..prompt.len() + body.len();
            faults.extend(
                wrong
                    .split('!')
                    .filter(|family| !family.is_empty())
                    .map(|family| (range.clone(), family.to_string())),
            );
            let group = |letters: &str| letters.chars().filter_map(component).collect();
            lines.push((prompt.len(), labels.split(';').map(group).collect()));
            prompt.push_str(body);
        }
        prompt.push('\n');
    }
    Labelled { name: name.into(), review: common::read(&prompt), lines, faults }
}

fn component(letter: char) -> Option<Component> {
    "RTXECO".find(letter).map(|at| Component::ALL[at])
}

impl Labelled {
    /// Each unit's component as read, with what is accepted.
    fn pairs(&self) -> Vec<(Component, Vec<Component>)> {
        let mut pairs = Vec::new();
        let mut nth = (usize::MAX, 0);
        for (unit, label) in self.review.units().iter().zip(self.review.labels()) {
            if unit.kind == UnitKind::Mark {
                continue;
            }
            let at = self.lines.partition_point(|(start, _)| *start <= unit.text.start()) - 1;
            nth = if nth.0 == at { (at, nth.1 + 1) } else { (at, 0) };
            let groups = &self.lines[at].1;
            let accepted = groups.get(nth.1).or(groups.last()).unwrap().clone();
            if let Some(said) = label.component.filter(|_| !accepted.is_empty()) {
                pairs.push((said, accepted));
            }
        }
        pairs
    }

    fn missing(&self) -> Vec<Component> {
        let there: Vec<Component> =
            self.lines.iter().flat_map(|(_, groups)| groups.iter().flatten().copied()).collect();
        Component::ALL.into_iter().filter(|component| !there.contains(component)).collect()
    }
}

fn held() -> Vec<Labelled> {
    folder("held")
}

fn folder(name: &str) -> Vec<Labelled> {
    let folder = format!("{}/tests/labelled/{name}", env!("CARGO_MANIFEST_DIR"));
    let mut paths: Vec<_> = std::fs::read_dir(folder).unwrap().map(|entry| entry.unwrap().path()).collect();
    paths.sort();
    assert!(paths.len() >= 10);
    let name = |path: &std::path::Path| path.file_stem().unwrap().to_string_lossy().into_owned();
    paths.iter().map(|path| read(&name(path), &std::fs::read_to_string(path).unwrap())).collect()
}

#[test]
fn units_are_read_as_a_careful_reader_reads_them() {
    let (mut right, mut total, mut worst) = (0, 0, Vec::new());
    for prompt in held() {
        let pairs = prompt.pairs();
        let hits = pairs.iter().filter(|(said, accepted)| accepted.contains(said)).count();
        worst.push((hits * 100 / pairs.len(), prompt.name));
        (right, total) = (right + hits, total + pairs.len());
    }
    worst.sort();
    let accuracy = right as f64 / total as f64;
    println!("unit accuracy {accuracy:.3} on {total} units; by prompt {worst:?}");
    assert!(accuracy >= ACCURACY_FLOOR, "unit accuracy {accuracy:.3}; worst {:?}", &worst[..3]);
}

#[test]
fn what_is_missing_is_seen() {
    let (mut hits, mut said, mut wanted) = (0, 0, 0);
    for prompt in held() {
        let (found, truth) = (prompt.review.missing(), prompt.missing());
        hits += found.iter().filter(|component| truth.contains(component)).count();
        (said, wanted) = (said + found.len(), wanted + truth.len());
    }
    let f1 = 2.0 * hits as f64 / (said + wanted) as f64;
    println!("missing: F1 {f1:.3} ({said} said, {wanted} true)");
    assert!(f1 >= MISSING_FLOOR, "missing F1 {f1:.3}");
}

/// What was found of the labelled faults of a set, and what was said besides: hits, labelled, right remarks, remarks.
fn tally(set: &[Labelled], wrong: &mut Vec<String>) -> [usize; 4] {
    let mut tally = [0; 4];
    for prompt in set {
        // What is absent or dear is not labelled.
        let scored = |finding: &&Finding| !matches!(finding.family, Family::Missing | Family::Cost);
        let findings: Vec<&Finding> = prompt.review.findings().iter().filter(scored).collect();
        let touches = |finding: &Finding, range: &Range<usize>| {
            let mut places = std::iter::once(&finding.span).chain(&finding.related);
            places.any(|span| span.start() < range.end && range.start < span.end())
        };
        let meets = |finding: &Finding, (range, family): &(Range<usize>, String)| {
            finding.family.id() == family && touches(finding, range)
        };
        for fault in &prompt.faults {
            let hit = findings.iter().any(|finding| meets(finding, fault));
            tally[0] += usize::from(hit);
            tally[1] += 1;
            if !hit {
                wrong.push(format!(
                    "{}: missed {} in {:?}",
                    prompt.name,
                    fault.1,
                    &prompt.review.source().text()[fault.0.clone()]
                ));
            }
        }
        for finding in findings {
            let right = prompt.faults.iter().any(|fault| meets(finding, fault));
            tally[2] += usize::from(right);
            tally[3] += 1;
            if !right {
                wrong.push(format!("{}: alarm {}: {}", prompt.name, finding.check, finding.message));
            }
        }
    }
    tally
}

#[test]
fn faults_are_found_and_little_else() {
    let mut wrong = Vec::new();
    let [hits, labelled, right, said] = tally(&folder("faults"), &mut wrong);
    let (recall, precision) = (hits as f64 / labelled as f64, right as f64 / said as f64);
    println!(
        "faults: recall {recall:.3} of {labelled}, precision {precision:.3} of {said}\n{}",
        wrong.join("\n")
    );
    assert!(recall >= RECALL_FLOOR, "recall {recall:.3}: {wrong:#?}");
    assert!(precision >= PRECISION_FLOOR, "precision {precision:.3}: {wrong:#?}");
}

/// A check that is right less than 8 times in 10 is reworked or turned off; fewer remarks than these say nothing.
const ENOUGH: usize = 4;

#[test]
fn every_check_that_speaks_is_right_eight_times_in_ten() {
    let mut by_check: std::collections::BTreeMap<&str, (usize, usize)> = std::collections::BTreeMap::new();
    for prompt in folder("faults") {
        for finding in prompt.review.findings() {
            if matches!(finding.family, Family::Missing | Family::Cost) {
                continue;
            }
            let mut places = std::iter::once(&finding.span).chain(&finding.related);
            let right = places.any(|span| {
                let meets = |(range, family): &(Range<usize>, String)| {
                    finding.family.id() == family && span.start() < range.end && range.start < span.end()
                };
                prompt.faults.iter().any(meets)
            });
            let entry = by_check.entry(finding.check).or_default();
            *entry = (entry.0 + usize::from(right), entry.1 + 1);
        }
    }
    println!("right of said, by check: {by_check:?}");
    let wrong = |(_, (right, said)): &(&&str, &(usize, usize))| *said >= ENOUGH && right * 10 < said * 8;
    let poor: Vec<_> = by_check.iter().filter(wrong).collect();
    assert!(poor.is_empty(), "{poor:?}");
}

const RECALL_FLOOR: f64 = 0.82;
const PRECISION_FLOOR: f64 = 0.90;
const ACCURACY_FLOOR: f64 = 0.85;
const MISSING_FLOOR: f64 = 0.92;
