//! `frames.toml` and `parts.toml` as the drafts that the crate makes frames from.

use crate::list;
use serde::Deserialize;
use std::collections::BTreeMap;

#[derive(Deserialize)]
struct Frames {
    frame: Vec<Frame>,
}

#[derive(Deserialize)]
struct Frame {
    name: String,
    about: String,
    serves: Vec<String>,
    order: Vec<String>,
    required: Vec<String>,
    recommended: Vec<String>,
    optional: Vec<String>,
    #[serde(default)]
    ask: BTreeMap<String, String>,
    #[serde(default)]
    like: BTreeMap<String, String>,
    #[serde(default)]
    offer: BTreeMap<String, String>,
}

#[derive(Deserialize)]
struct Part {
    ask: String,
    like: String,
    why: String,
}

/// `frames.toml` and `parts.toml` as the drafts that the crate makes frames from.
pub(crate) fn frame_table() -> String {
    let file: Frames = crate::read("frames.toml");
    let parts: BTreeMap<String, Part> = crate::read("parts.toml");
    let mut out = String::new();
    list(&mut out, "FRAMES", "Draft<'static>", &file.frame, |frame| {
        let pairs = |table: &BTreeMap<String, String>| {
            table.iter().map(|(part, words)| format!("({part:?}, {words:?})")).collect::<Vec<_>>().join(", ")
        };
        format!(
            "Draft {{ name: {:?}, about: {:?}, serves: &{:?}, order: &{:?}, required: &{:?}, recommended: &{:?}, optional: &{:?}, ask: &[{}], like: &[{}], offer: &[{}] }}",
            frame.name,
            frame.about,
            frame.serves,
            frame.order,
            frame.required,
            frame.recommended,
            frame.optional,
            pairs(&frame.ask),
            pairs(&frame.like),
            pairs(&frame.offer)
        )
    });
    let rows: Vec<(&String, &Part)> = parts.iter().collect();
    list(&mut out, "PARTS", "Known", &rows, |(name, part)| {
        format!("Known {{ name: {name:?}, ask: {:?}, like: {:?}, why: {:?} }}", part.ask, part.like, part.why)
    });
    out
}
