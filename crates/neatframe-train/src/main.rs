//! Trains the weights that tell the components of a prompt apart.
//!
//! `cargo run --release -p neatframe-train` reads the labelled prompts of the core's tests and writes
//! `crates/neatframe-core/data/weights.txt`. Deterministic: the same prompts give the same file. `--errors` lists the units
//! that are read wrongly when their prompt was not seen in training.

mod regression;
mod sample;

use anyhow::{Context, Result};
use neatframe_core::training;
use regression::{Regression, Row};
use sample::Sample;
use std::collections::HashMap;
use std::fmt::Write as _;

const FOLDS: usize = 6;
/// How strongly the weights are held to what the lexicon says, found by trying on prompts not seen.
const FIRST_PENALTY: f32 = 6.0;
const SECOND_PENALTY: f32 = 1.0;
/// Few rounds keep the first stage near what the lexicon says where prompts seen say little.
const FIRST_ROUNDS: usize = 6;
const LABELLED: [&str; 2] =
    ["crates/neatframe-core/tests/labelled/train", "crates/neatframe-core/tests/labelled/faults"];
const WEIGHTS: &str = "crates/neatframe-core/data/weights.txt";

fn main() -> Result<()> {
    let mut samples = Vec::new();
    for folder in LABELLED {
        samples.extend(sample::read_folder(folder.as_ref())?);
    }
    let list = std::env::args().any(|arg| arg == "--errors");
    let units: usize = samples.iter().map(|sample| sample.targets.len()).sum();
    println!("{} prompts, {units} units", samples.len());

    // The second stage learns from opinions on prompts that the first one has not seen.
    let mut views: Vec<Vec<Vec<f32>>> = vec![Vec::new(); samples.len()];
    let (mut right, mut total) = (0, 0);
    for fold in 0..FOLDS {
        let seen: Vec<&Sample> =
            samples.iter().enumerate().filter(|(index, _)| index % FOLDS != fold).map(|(_, s)| s).collect();
        let first = First::train(&seen);
        for (index, sample) in samples.iter().enumerate().filter(|(index, _)| index % FOLDS == fold) {
            views[index] = first.views(sample);
            let guesses = views[index].iter().map(|view| best(&view[..6]));
            for (guess, accepted) in
                guesses.zip(&sample.accepted).filter(|(_, accepted)| !accepted.is_empty())
            {
                total += 1;
                right += usize::from(accepted.contains(&guess));
            }
        }
    }
    println!("first stage, prompts not seen: {:.3}", right as f32 / total as f32);
    let rows = |keep: &dyn Fn(usize) -> bool| -> Vec<Row> {
        let kept = samples.iter().enumerate().filter(|(index, _)| keep(*index));
        kept.flat_map(|(index, sample)| views[index].iter().zip(&sample.targets).zip(&sample.accepted))
            .filter(|(_, accepted)| !accepted.is_empty())
            .map(|((view, target), _)| Row {
                features: view.iter().copied().enumerate().collect(),
                target: *target,
            })
            .collect()
    };
    let (mut right, mut total) = (0, 0);
    for fold in 0..FOLDS {
        let second =
            Regression::train(&rows(&|index| index % FOLDS != fold), &second_prior(), SECOND_PENALTY, 60);
        for (index, sample) in samples.iter().enumerate().filter(|(index, _)| index % FOLDS == fold) {
            let units = views[index].iter().zip(&sample.accepted).zip(&sample.observed.spans);
            for ((view, accepted), span) in units.filter(|((_, accepted), _)| !accepted.is_empty()) {
                let shares = second.shares(&view.iter().copied().enumerate().collect::<Vec<_>>());
                total += 1;
                right += usize::from(accepted.contains(&best(&shares)));
                if list && !accepted.contains(&best(&shares)) {
                    let text = sample.observed.slice(*span);
                    println!("{} said {} not {accepted:?}: {text}", sample.name, best(&shares));
                }
            }
        }
    }
    println!("both stages, prompts not seen: {:.3}", right as f32 / total as f32);

    let first = First::train(&samples.iter().collect::<Vec<_>>());
    let second = Regression::train(&rows(&|_| true), &second_prior(), SECOND_PENALTY, 60);
    std::fs::write(WEIGHTS, written(&first, &second))
        .with_context(|| format!("{WEIGHTS}: cannot be written"))?;
    println!("{} features written to {WEIGHTS}", first.keys.len());
    Ok(())
}

/// Before it learns, the second stage believes the first one's opinion of the unit itself.
fn second_prior() -> Vec<[f32; 6]> {
    let mut prior = vec![[0.0; 6]; 43];
    for component in 0..6 {
        prior[component][component] = 4.0;
        prior[18 + component][component] = 1.0;
    }
    prior
}

fn best(shares: &[f32]) -> usize {
    (0..shares.len())
        .reduce(|best, other| if shares[other] > shares[best] { other } else { best })
        .unwrap_or(0)
}

/// The first stage, with the feature keys that its columns stand for.
struct First {
    keys: Vec<u32>,
    regression: Regression,
}

impl First {
    fn train(samples: &[&Sample]) -> First {
        let mut seen: HashMap<u32, (usize, usize, usize)> = HashMap::new();
        for (index, sample) in samples.iter().enumerate() {
            for features in &sample.observed.features {
                for (key, _) in features {
                    let entry = seen.entry(*key).or_insert((0, 0, usize::MAX));
                    entry.0 += 1;
                    if entry.2 != index {
                        (entry.1, entry.2) = (entry.1 + 1, index);
                    }
                }
            }
        }
        // A feature of one prompt only says nothing about others.
        let mut keys: Vec<u32> = seen
            .into_iter()
            .filter(|(_, (units, prompts, _))| *units >= 3 && *prompts >= 2)
            .map(|(key, _)| key)
            .collect();
        let priors = training::priors();
        keys.extend(priors.iter().map(|(key, _)| *key));
        keys.sort_unstable();
        keys.dedup();
        let column: HashMap<u32, usize> = keys.iter().enumerate().map(|(index, key)| (*key, index)).collect();
        let mut rows = Vec::new();
        for sample in samples {
            let units = sample.observed.features.iter().zip(&sample.targets).zip(&sample.accepted);
            for ((features, target), _) in units.filter(|(_, accepted)| !accepted.is_empty()) {
                let features =
                    features.iter().filter_map(|(key, value)| Some((*column.get(key)?, *value))).collect();
                rows.push(Row { features, target: *target });
            }
        }
        let mut prior = vec![[0.0; 6]; keys.len()];
        for (key, weights) in &priors {
            prior[column[key]] = *weights;
        }
        let regression = Regression::train(&rows, &prior, FIRST_PENALTY, FIRST_ROUNDS);
        First { keys, regression }
    }

    /// What the second stage sees of each unit of a prompt, flat, with a constant 1 at the end.
    fn views(&self, sample: &Sample) -> Vec<Vec<f32>> {
        let (keys, weights) = self.table();
        let views = sample.observed.views(&keys, &weights);
        views.iter().map(|view| view.iter().flatten().copied().chain([1.0]).collect()).collect()
    }

    /// The weights in the open addressing that the core reads.
    fn table(&self) -> (Vec<u32>, Vec<[f32; 6]>) {
        let size = (self.keys.len() * 2).next_power_of_two();
        let (mut keys, mut weights) = (vec![0; size], vec![[0.0; 6]; size]);
        for (index, key) in self.keys.iter().enumerate() {
            let mut slot = *key as usize & (size - 1);
            while keys[slot] != 0 {
                slot = (slot + 1) & (size - 1);
            }
            keys[slot] = *key;
            weights[slot] = self.regression.weights[index];
        }
        (keys, weights)
    }
}

/// The weight below which a feature is left out, in hundredths: it hardly moves a label, and the tables weigh on the program.
const LEAST: f32 = 20.0;

fn written(first: &First, second: &Regression) -> String {
    let mut out = String::from(
        "# Made by neatframe-train from the labelled prompts. Weights in hundredths, role to output format.\n",
    );
    let row =
        |weights: &[f32; 6]| weights.map(|weight| format!("{}", (weight * 100.0).round() as i32)).join(" ");
    for (key, weights) in first.keys.iter().zip(&first.regression.weights) {
        if weights.iter().any(|weight| (weight * 100.0).round().abs() >= LEAST) {
            let _ = writeln!(out, "{key:08x} {}", row(weights));
        }
    }
    let (bias, views) = second.weights.split_last().expect("there is a column for the constant");
    for weights in views {
        let _ = writeln!(out, "second {}", row(weights));
    }
    let _ = writeln!(out, "bias {}", row(bias));
    out
}
