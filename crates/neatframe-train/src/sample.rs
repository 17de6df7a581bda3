//! Labelled prompts: each line after its labels and a bar.
//!
//! ```text
//! R;X|You are the harbour clerk. You work for the morning crew.
//! -|# Rules
//! C|- At most 60 words.
//! ```
//!
//! Letters: R role, T task, X context, E examples, C constraints, O output format, - none; the best first. A semicolon
//! parts the sentences of a line; the last group holds for the rest of the line. An empty line stands as it is.

use anyhow::{Context, Result, bail, ensure};
use neatframe_core::{Source, training};
use std::path::Path;

/// A prompt with what a careful reader says of each unit.
pub(crate) struct Sample {
    /// The file's name.
    pub(crate) name: String,
    pub(crate) observed: training::Observed,
    /// For each unit how much it belongs to each component.
    pub(crate) targets: Vec<[f32; 6]>,
    /// For each unit the components that are right.
    pub(crate) accepted: Vec<Vec<usize>>,
}

/// Reads every `.lab` file of a folder, in order of name. Units labelled as none are left out.
pub(crate) fn read_folder(folder: &Path) -> Result<Vec<Sample>> {
    let mut paths: Vec<_> = std::fs::read_dir(folder)
        .with_context(|| format!("{}: cannot be read", folder.display()))?
        .filter_map(|entry| Some(entry.ok()?.path()))
        .filter(|path| path.extension().is_some_and(|ending| ending == "lab"))
        .collect();
    paths.sort();
    paths
        .iter()
        .map(|path| {
            let text = std::fs::read_to_string(path)?;
            let name = path.file_stem().unwrap_or_default().to_string_lossy();
            read(&name, &text).with_context(|| format!("{}", path.display()))
        })
        .collect()
}

fn read(name: &str, labelled: &str) -> Result<Sample> {
    let (mut text, mut lines) = (String::new(), Vec::new());
    for (number, line) in labelled.lines().enumerate() {
        let start = text.len();
        if line.is_empty() {
            text.push('\n');
            continue;
        }
        let Some((labels, body)) = line.split_once('|') else { bail!("line {}: no bar", number + 1) };
        // What is wrong with a line stands behind its labels: `C!vague`.
        let labels = labels.split('!').next().unwrap_or(labels);
        let groups: Vec<Vec<usize>> = labels.split(';').map(group).collect::<Result<_>>()?;
        text.push_str(body);
        lines.push((start, text.len(), groups));
        text.push('\n');
    }
    let observed = training::observe(Source::from_bytes(text.into_bytes())?);
    let (mut targets, mut accepted) = (Vec::new(), Vec::new());
    let mut nth = (usize::MAX, 0);
    for span in &observed.spans {
        let at = lines.partition_point(|(start, _, _)| *start <= span.start()).saturating_sub(1);
        nth = if nth.0 == at { (at, nth.1 + 1) } else { (at, 0) };
        let groups = &lines[at].2;
        let group = groups.get(nth.1).or(groups.last()).context("a line without labels")?;
        targets.push(target(group));
        accepted.push(group.clone());
    }
    ensure!(!targets.is_empty(), "no units");
    Ok(Sample { name: name.into(), observed, targets, accepted })
}

fn group(letters: &str) -> Result<Vec<usize>> {
    letters
        .chars()
        .filter(|letter| *letter != '-')
        .map(|letter| "RTXECO".find(letter).with_context(|| format!("no such label: {letter}")))
        .collect()
}

/// The first label takes most of the weight.
fn target(group: &[usize]) -> [f32; 6] {
    let mut target = [0.0; 6];
    match group {
        [] => target = [1.0 / 6.0; 6],
        [one] => target[*one] = 1.0,
        [first, others @ ..] => {
            target[*first] = 0.65;
            for other in others {
                target[*other] += 0.35 / others.len() as f32;
            }
        }
    }
    target
}
