//! Frames and kinds of work of the house, from a TOML file.

use super::file::parsed;
use anyhow::{Context, Result};
use neatframe_core::{Draft, Frame, HouseKind};
use serde::Deserialize;
use std::collections::BTreeMap;
use std::path::Path;

#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct File {
    #[serde(default)]
    frame: Vec<Entry>,
    #[serde(default)]
    kind: Vec<KindEntry>,
}

/// A kind of work of the house.
#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct KindEntry {
    name: String,
    /// Phrases in the task that show it.
    say: Vec<String>,
}

#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct Entry {
    name: String,
    about: String,
    #[serde(default)]
    serves: Vec<String>,
    order: Option<Vec<String>>,
    #[serde(default)]
    required: Vec<String>,
    #[serde(default)]
    recommended: Vec<String>,
    #[serde(default)]
    optional: Vec<String>,
    #[serde(default)]
    ask: BTreeMap<String, String>,
    #[serde(default)]
    like: BTreeMap<String, String>,
    #[serde(default)]
    offer: BTreeMap<String, String>,
}

/// The order of the components where a frame names none.
const ORDER: [&str; 6] = ["role", "task", "context", "constraints", "examples", "output_format"];

/// Reads the frames of a file. Errors name the file, the line and what was expected.
pub(crate) fn frames(path: &Path) -> Result<Vec<Frame>> {
    let name = path.display().to_string();
    let file: File = parsed(path)?;
    file.frame.iter().map(|entry| made(entry).with_context(|| name.clone())).collect()
}

/// Reads the kinds of work of a file of frames.
pub(crate) fn kinds(path: &Path) -> Result<Vec<HouseKind>> {
    let file: File = parsed(path)?;
    Ok(file.kind.into_iter().map(|entry| HouseKind::new(entry.name, &entry.say)).collect())
}

fn made(entry: &Entry) -> Result<Frame> {
    let lists = [&entry.required, &entry.recommended, &entry.optional];
    // A component that stands in no list is optional.
    let unnamed =
        ORDER.into_iter().filter(|part| !lists.iter().any(|list| list.iter().any(|name| name == part)));
    let optional: Vec<&str> = entry.optional.iter().map(String::as_str).chain(unnamed).collect();
    Ok(Frame::from_draft(&Draft {
        name: &entry.name,
        about: &entry.about,
        serves: &borrowed(&entry.serves),
        order: &entry.order.as_deref().map_or(ORDER.to_vec(), borrowed),
        required: &borrowed(&entry.required),
        recommended: &borrowed(&entry.recommended),
        optional: &optional,
        ask: &pairs(&entry.ask),
        like: &pairs(&entry.like),
        offer: &pairs(&entry.offer),
    })?)
}

fn borrowed(names: &[String]) -> Vec<&str> {
    names.iter().map(String::as_str).collect()
}

fn pairs(table: &BTreeMap<String, String>) -> Vec<(&str, &str)> {
    table.iter().map(|(part, words)| (part.as_str(), words.as_str())).collect()
}
