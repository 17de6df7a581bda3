//! How well units are read, on labelled prompts that the weights were not trained on.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

use neatframe_core::{Component, CountTokens, Review, Settings, Source, Tokens, UnitKind, review};

struct Bytes;

impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

/// A prompt, and the accepted labels of each sentence of each line.
struct Labelled {
    name: String,
    review: Review,
    lines: Vec<(usize, Vec<Vec<Component>>)>,
}

fn read(name: &str, text: &str) -> Labelled {
    let (mut prompt, mut lines) = (String::new(), Vec::new());
    for line in text.lines() {
        if let Some((labels, body)) = line.split_once('|') {
            let group = |letters: &str| letters.chars().filter_map(component).collect();
            lines.push((prompt.len(), labels.split(';').map(group).collect()));
            prompt.push_str(body);
        }
        prompt.push('\n');
    }
    let source = Source::from_bytes(prompt.into_bytes()).unwrap();
    Labelled { name: name.into(), review: review(source, &Settings::default(), &Bytes), lines }
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
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/tests/labelled/held");
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

const ACCURACY_FLOOR: f64 = 0.85;
const MISSING_FLOOR: f64 = 0.90;
