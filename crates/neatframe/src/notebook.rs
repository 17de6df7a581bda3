//! The answers of an interview in a TOML file: given beforehand, or kept so that it can be resumed.

use crate::house::nearest;
use crate::output::{replace, visible};
use anyhow::{Context, Result, bail};
use neatframe_core::{Frame, Interview, Part};
use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;
use std::path::Path;

/// The file as it is written.
#[derive(Default, Deserialize, Serialize)]
#[serde(deny_unknown_fields, default)]
struct File {
    /// Questions that were left unanswered.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    skipped: Vec<String>,
    /// What was answered, by the part that was asked for.
    answers: BTreeMap<String, String>,
}

/// Puts the answers of a file into an interview, in the order of the frames' parts. Errors name the file and the answer.
pub(crate) fn read(path: &Path, interview: &mut Interview) -> Result<()> {
    let parsed: Result<File> = crate::house::parsed(path);
    let file = match parsed {
        Err(error) if path.exists() => {
            bail!("{error:#}; answers stand under `[answers]`, one a line: `task = \"Write the notice\"`")
        }
        other => other?,
    };
    let name = visible(&path.display().to_string());
    let known = parts();
    let part = |answer: &String| match known.iter().find(|part| part.name() == answer.replace('_', " ")) {
        Some(part) => Ok(*part),
        None => {
            let near = nearest(answer, known.iter().map(|part| part.name()));
            let hint = near.map_or(String::new(), |near| format!("; did you mean `{near}`?"));
            let names = known.iter().map(|part| part.name()).collect::<Vec<_>>().join(", ");
            bail!("{name}: nothing is called `{}`{hint} Answers are for {names}", visible(answer))
        }
    };
    let mut answers: Vec<(Part, &String)> = Vec::new();
    for (answer, words) in &file.answers {
        answers.push((part(answer)?, words));
    }
    answers.sort_by_key(|(part, _)| known.iter().position(|other| other == part));
    for (part, words) in answers {
        interview.answer(part, words);
    }
    for skipped in &file.skipped {
        interview.skip(part(skipped)?);
    }
    Ok(())
}

/// Writes the answers so far.
pub(crate) fn write(path: &Path, interview: &Interview) -> Result<()> {
    let mut file = File::default();
    for (part, words) in interview.steps() {
        match words {
            Some(words) => {
                file.answers.insert(part.name().replace(' ', "_"), words.clone());
            }
            None => file.skipped.push(part.name().replace(' ', "_")),
        }
    }
    replace(path, None, &toml::to_string(&file)?).with_context(|| path.display().to_string())
}

/// Every part that a frame may ask for, components first.
fn parts() -> Vec<Part> {
    let mut known: Vec<Part> = Vec::new();
    for need in Frame::built_in().iter().flat_map(|frame| &frame.needs) {
        if !known.contains(&need.part) {
            known.push(need.part);
        }
    }
    known
}
