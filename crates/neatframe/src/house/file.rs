//! `neatframe.toml` as it is written.

use super::nearest;
use crate::output::visible;
use anyhow::{Context, Result, anyhow};
use globset::{GlobBuilder, GlobMatcher};
use neatframe_core::{Level as CoreLevel, Severity, checks};
use serde::de::Error as _;
use serde::{Deserialize, Deserializer};
use std::collections::BTreeMap;
use std::num::NonZeroU32;
use std::path::{Path, PathBuf};

#[derive(Default, Deserialize)]
#[serde(deny_unknown_fields, rename_all = "kebab-case", default)]
pub(super) struct File {
    /// What every prompt is sent with.
    pub(super) with: Vec<PathBuf>,
    /// Frames and kinds of work of the house.
    pub(super) frames: Option<PathBuf>,
    /// The price list.
    pub(super) prices: Option<PathBuf>,
    /// What the prompts are written for.
    pub(super) target: Target,
    pub(super) checks: BTreeMap<CheckId, Level>,
    pub(super) words: Words,
    pub(super) limits: Limits,
    pub(super) paths: Vec<Entry>,
}

#[derive(Default, Deserialize)]
#[serde(deny_unknown_fields, rename_all = "kebab-case", default)]
pub(super) struct Words {
    pub(super) vague: Vec<String>,
    pub(super) padding: Vec<String>,
    pub(super) allowed: Vec<String>,
    /// What not to write, and what to write.
    pub(super) terms: BTreeMap<String, String>,
}

#[derive(Default, Deserialize)]
#[serde(deny_unknown_fields, rename_all = "kebab-case", default)]
pub(super) struct Limits {
    #[serde(deserialize_with = "limit")]
    pub(super) tokens: Option<NonZeroU32>,
    #[serde(deserialize_with = "limit")]
    pub(super) part_tokens: Option<NonZeroU32>,
    #[serde(deserialize_with = "limit")]
    pub(super) reading_grade: Option<NonZeroU32>,
    #[serde(deserialize_with = "limit")]
    pub(super) sentence_words: Option<NonZeroU32>,
}

/// A limit; the error says what a limit is, which the number type's own does not.
fn limit<'de, D: Deserializer<'de>>(deserializer: D) -> Result<Option<NonZeroU32>, D::Error> {
    let wanted = "a limit is a whole number of 1 or more; leave the line out where there is none";
    let number = i64::deserialize(deserializer)?;
    let limit = u32::try_from(number).ok().and_then(NonZeroU32::new);
    limit.map(Some).ok_or_else(|| D::Error::custom(wanted))
}

/// How the target of the prompts wants them; `reframe` goes by it.
#[derive(Clone, Copy, Default, Deserialize)]
#[serde(deny_unknown_fields, rename_all = "kebab-case", default)]
pub(crate) struct Target {
    /// How sections are marked.
    pub(crate) layout: Option<crate::args::Layout>,
    /// A bare goal with few rules.
    pub(crate) lean: bool,
}

/// What holds for the paths that match.
#[derive(Deserialize)]
#[serde(deny_unknown_fields, rename_all = "kebab-case")]
pub(super) struct Entry {
    #[serde(rename = "match")]
    pub(super) patterns: Vec<Pattern>,
    pub(super) kind: Option<String>,
    pub(super) frame: Option<String>,
    #[serde(default)]
    pub(super) with: Vec<PathBuf>,
    #[serde(default)]
    pub(super) checks: BTreeMap<CheckId, Level>,
    #[serde(default)]
    pub(super) limits: Limits,
}

/// The id of a check that there is.
#[derive(PartialEq, Eq, PartialOrd, Ord)]
pub(super) struct CheckId(pub(super) &'static str);

impl<'de> Deserialize<'de> for CheckId {
    fn deserialize<D: Deserializer<'de>>(deserializer: D) -> Result<CheckId, D::Error> {
        let name = String::deserialize(deserializer)?;
        let ids = || checks().map(|meta| meta.id);
        ids().find(|id| *id == name).map(CheckId).ok_or_else(|| {
            let hint = nearest(&name, ids())
                .map_or("`neatframe checks` lists them".into(), |near| format!("did you mean `{near}`?"));
            D::Error::custom(format!("there is no check `{name}`; {hint}"))
        })
    }
}

/// A pattern for paths, seen from the house's folder.
pub(super) struct Pattern(pub(super) GlobMatcher);

impl<'de> Deserialize<'de> for Pattern {
    fn deserialize<D: Deserializer<'de>>(deserializer: D) -> Result<Pattern, D::Error> {
        let written = String::deserialize(deserializer)?;
        let glob = GlobBuilder::new(&written).literal_separator(true).build();
        let glob =
            glob.map_err(|error| D::Error::custom(format!("`{written}` is no pattern: {}", error.kind())))?;
        Ok(Pattern(glob.compile_matcher()))
    }
}

#[derive(Clone, Copy, Deserialize)]
#[serde(rename_all = "lowercase")]
pub(super) enum Level {
    Off,
    On,
    Note,
    Warning,
    Error,
}

impl Level {
    pub(super) fn core(self) -> CoreLevel {
        match self {
            Level::Off => CoreLevel::Off,
            Level::On => CoreLevel::On,
            Level::Note => CoreLevel::At(Severity::Note),
            Level::Warning => CoreLevel::At(Severity::Warning),
            Level::Error => CoreLevel::At(Severity::Error),
        }
    }
}

impl File {
    /// Reads a house's file. Errors name the file, the line and what was expected.
    pub(super) fn read(path: &Path) -> Result<File> {
        parsed(path)
    }
}

/// Reads a TOML file of the house. Errors name the file, the line, the column and, for an unknown key, the one that may be meant.
pub(crate) fn parsed<T: for<'de> Deserialize<'de>>(path: &Path) -> Result<T> {
    let name = visible(&path.display().to_string());
    let text = std::fs::read_to_string(path).with_context(|| format!("{name}: cannot be read"))?;
    toml::from_str(&text).map_err(|error| {
        let at = error.span().map_or(0, |span| span.start.min(text.len()));
        let line = 1 + text[..at].matches('\n').count();
        let column = 1 + text[..at].rsplit('\n').next().map_or(0, |line| line.chars().count());
        let message = error.message().trim().replace('\n', ", ");
        anyhow!("{name}: line {line}, column {column}: {}{}", visible(&message), hint(&message))
    })
}

/// "unknown field `chekcs`, expected one of `checks`, …": the nearest of what was expected.
fn hint(message: &str) -> String {
    let Some(rest) =
        message.strip_prefix("unknown field `").or_else(|| message.strip_prefix("unknown variant `"))
    else {
        return String::new();
    };
    let mut names = rest.split('`');
    let written = names.next().unwrap_or("");
    let expected = names.skip(1).step_by(2);
    nearest(written, expected).map_or(String::new(), |near| format!("; did you mean `{near}`?"))
}
