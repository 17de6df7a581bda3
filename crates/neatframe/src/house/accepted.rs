//! Findings that a house has accepted, in a file beside its rules. They are matched by path, check and words, so that they
//! survive moved lines; nothing is written into prompts, since a comment in a prompt is sent and paid for.

use super::file::parsed;
use crate::output;
use anyhow::{Context, Result};
use neatframe_core::{Finding, Review};
use serde::{Deserialize, Serialize};
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// The name of the file.
pub(crate) const NAME: &str = "neatframe-accepted.toml";

#[derive(Default, Deserialize, Serialize)]
#[serde(deny_unknown_fields)]
struct File {
    #[serde(default)]
    accepted: Vec<Entry>,
}

#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord, Deserialize, Serialize)]
#[serde(deny_unknown_fields)]
struct Entry {
    path: String,
    check: String,
    /// The words that the finding is about, or what it says where it is about no words.
    words: String,
    /// How many findings with these words.
    #[serde(default = "one", skip_serializing_if = "is_one")]
    count: usize,
}

fn one() -> usize {
    1
}

fn is_one(count: &usize) -> bool {
    *count == 1
}

/// The accepted findings of one house, by path.
#[derive(Clone, Debug, Default)]
pub(crate) struct Accepted {
    by_path: BTreeMap<String, BTreeMap<(String, String), usize>>,
}

impl Accepted {
    /// Reads the file in a folder; there may be none.
    pub(crate) fn read(folder: &Path) -> Result<Accepted> {
        let path = folder.join(NAME);
        if !path.is_file() {
            return Ok(Accepted::default());
        }
        let file: File = parsed(&path)?;
        let mut accepted = Accepted::default();
        for Entry { path, check, words, count } in file.accepted {
            *accepted.by_path.entry(path).or_default().entry((check, words)).or_default() += count;
        }
        Ok(accepted)
    }

    /// Which findings of a review are accepted, beside [`Review::findings`].
    pub(crate) fn covers(&self, path: &Path, review: &Review) -> Vec<bool> {
        let mut left = self.by_path.get(&key(path)).cloned().unwrap_or_default();
        let mut covered = |finding: &Finding| {
            let count = left.get_mut(&(finding.check.to_string(), words(review, finding)));
            match count {
                Some(count) if *count > 0 => {
                    *count -= 1;
                    true
                }
                _ => false,
            }
        };
        review.findings().iter().map(&mut covered).collect()
    }

    /// Accepts all findings of a review, and forgets those of its path that are no more.
    pub(crate) fn accept(&mut self, path: &Path, review: &Review) -> usize {
        let entry = self.by_path.entry(key(path)).or_default();
        entry.clear();
        for finding in review.findings() {
            *entry.entry((finding.check.to_string(), words(review, finding))).or_default() += 1;
        }
        review.findings().len()
    }

    /// Writes the file in a folder.
    pub(crate) fn write(&self, folder: &Path) -> Result<PathBuf> {
        let entries = self.by_path.iter().flat_map(|(path, found)| {
            found.iter().map(|((check, words), count)| Entry {
                path: path.clone(),
                check: check.clone(),
                words: words.clone(),
                count: *count,
            })
        });
        let body = toml::to_string(&File { accepted: entries.collect() })?;
        let head = "# Findings that this house lives with. Written by `neatframe review --accept`; lines may be taken out by hand.\n\n";
        let path = folder.join(NAME);
        output::replace(&path, None, &format!("{head}{body}")).with_context(|| path.display().to_string())?;
        Ok(path)
    }
}

/// A path with forward slashes, the same on every system.
fn key(path: &Path) -> String {
    let parts: Vec<String> =
        path.components().map(|part| part.as_os_str().to_string_lossy().into_owned()).collect();
    parts.join("/")
}

fn words(review: &Review, finding: &Finding) -> String {
    if finding.span.is_empty() {
        return finding.message.clone();
    }
    review.source().slice(finding.span).split_whitespace().collect::<Vec<_>>().join(" ")
}
