//! The shapes of the lexicons' files.

use serde::Deserialize;
use std::collections::BTreeMap;

#[derive(Deserialize)]
pub(crate) struct WordFile {
    pub(crate) casual: BTreeMap<String, String>,
    pub(crate) numbers: BTreeMap<String, u32>,
    pub(crate) classes: BTreeMap<String, String>,
    pub(crate) punctuation: BTreeMap<String, String>,
}

#[derive(Deserialize)]
pub(crate) struct Vague {
    /// Words that stand in patterns by the name of their list.
    pub(crate) list: Vec<List>,
    pub(crate) term: Vec<VagueTerm>,
}

#[derive(Deserialize)]
pub(crate) struct List {
    pub(crate) name: String,
    pub(crate) words: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct VagueTerm {
    pub(crate) kind: String,
    pub(crate) write: String,
    pub(crate) say: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct Padding {
    pub(crate) term: Vec<PaddingTerm>,
}

#[derive(Deserialize)]
pub(crate) struct PaddingTerm {
    pub(crate) kind: String,
    #[serde(default)]
    pub(crate) short: String,
    pub(crate) say: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct Cues {
    pub(crate) cue: Vec<Cue>,
}

#[derive(Deserialize)]
pub(crate) struct Cue {
    pub(crate) name: String,
    #[serde(rename = "for")]
    pub(crate) component: String,
    pub(crate) facet: Option<String>,
    pub(crate) weight: f32,
    pub(crate) say: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct Titles {
    pub(crate) title: Vec<Title>,
}

#[derive(Deserialize)]
pub(crate) struct Title {
    pub(crate) component: String,
    pub(crate) say: Vec<String>,
}

/// A file of terms that only need to be found, each perhaps with a hint.
#[derive(Deserialize)]
pub(crate) struct Terms {
    pub(crate) term: Vec<Term>,
}

#[derive(Deserialize)]
pub(crate) struct Term {
    #[serde(default)]
    pub(crate) write: String,
    #[serde(default)]
    pub(crate) short: String,
    pub(crate) say: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct Poles {
    #[serde(default)]
    pub(crate) axis: Vec<Axis>,
    pub(crate) pole: Vec<Pole>,
}

#[derive(Deserialize)]
pub(crate) struct Axis {
    pub(crate) name: String,
    #[serde(default)]
    pub(crate) of_many: bool,
    #[serde(default)]
    pub(crate) of_one_part: bool,
    #[serde(default)]
    pub(crate) scoped: bool,
    #[serde(default)]
    pub(crate) in_any_case: bool,
}

#[derive(Deserialize)]
pub(crate) struct Pole {
    pub(crate) axis: String,
    pub(crate) name: String,
    pub(crate) flips: String,
    pub(crate) say: Vec<String>,
}

#[derive(Deserialize)]
pub(crate) struct Kinds {
    pub(crate) kind: Vec<Kind>,
}

#[derive(Deserialize)]
pub(crate) struct Kind {
    pub(crate) name: String,
    pub(crate) weight: f32,
    pub(crate) say: Vec<String>,
}

/// Groups of words that make the same demand, each parted by blanks.
#[derive(Deserialize)]
pub(crate) struct Synonyms {
    pub(crate) groups: Vec<String>,
}
