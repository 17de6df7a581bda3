//! The rules of a house: `neatframe.toml`, found upward from each prompt, and the findings that the house has accepted.

pub(crate) mod accepted;
mod file;
mod frames;

pub(crate) use file::parsed;
pub(crate) use frames::frames;

use crate::args::WorkArgs;
use crate::input::Input;
use crate::output;
use accepted::Accepted;
use anyhow::{Context, Result};
use file::{File, Limits as LimitsTable};
use neatframe_core::{CountTokens, Frame, HouseWords, Kind, Layer, Level, Limits, Settings};
use std::collections::HashMap;
use std::path::{Path, PathBuf};
use std::sync::Arc;

/// The name of a house's file.
pub(crate) const NAME: &str = "neatframe.toml";

/// One house.
pub(crate) struct House {
    /// The folder that its paths are relative to.
    folder: PathBuf,
    file: File,
    pub(crate) accepted: Accepted,
}

/// The houses of a call, each read once.
pub(crate) struct Houses<'a> {
    args: &'a WorkArgs,
    counter: &'a dyn CountTokens,
    by_folder: HashMap<PathBuf, Option<Arc<House>>>,
    by_file: HashMap<PathBuf, Arc<House>>,
    layers: HashMap<PathBuf, Layer>,
    settings: HashMap<(PathBuf, Vec<usize>), Arc<Settings>>,
    evidence: bool,
}

impl<'a> Houses<'a> {
    pub(crate) fn new(args: &'a WorkArgs, counter: &'a dyn CountTokens) -> Houses<'a> {
        Houses {
            args,
            counter,
            by_folder: HashMap::new(),
            by_file: HashMap::new(),
            layers: HashMap::new(),
            settings: HashMap::new(),
            evidence: false,
        }
    }

    /// With the evidence for each part kept, where it is to be shown.
    pub(crate) fn with_evidence(self, evidence: bool) -> Houses<'a> {
        Houses { evidence, ..self }
    }

    /// The house of a prompt: the one named by the arguments, else the nearest file upward.
    pub(crate) fn of(&mut self, input: &Input) -> Result<Option<Arc<House>>> {
        if self.args.no_house {
            return Ok(None);
        }
        if let Some(path) = &self.args.house {
            return self.read(path).map(Some);
        }
        let start = match input {
            Input::Stdin => PathBuf::from("."),
            Input::File(path) => path.parent().map(Path::to_path_buf).unwrap_or_default(),
        };
        let start = std::path::absolute(&start).unwrap_or(start);
        if let Some(known) = self.by_folder.get(&start) {
            return Ok(known.clone());
        }
        let found = start.ancestors().map(|folder| folder.join(NAME)).find(|path| path.is_file());
        let house = found.map(|path| self.read(&path)).transpose()?;
        self.by_folder.insert(start, house.clone());
        Ok(house)
    }

    fn read(&mut self, path: &Path) -> Result<Arc<House>> {
        if let Some(known) = self.by_file.get(path) {
            return Ok(known.clone());
        }
        let house = Arc::new(House::read(path)?);
        self.by_file.insert(path.to_path_buf(), house.clone());
        Ok(house)
    }

    /// What holds for a prompt: the arguments, then the house's entries for its path, then the house.
    pub(crate) fn settings(&mut self, input: &Input) -> Result<Arc<Settings>> {
        let house = self.of(input)?;
        let entries = house.as_ref().map(|house| house.entries(input)).unwrap_or_default();
        let key = (house.as_ref().map(|house| house.folder.clone()).unwrap_or_default(), entries);
        if let Some(known) = self.settings.get(&key) {
            return Ok(known.clone());
        }
        let settings = Arc::new(self.made(house.as_deref(), &key.1)?);
        self.settings.insert(key, settings.clone());
        Ok(settings)
    }

    fn made(&mut self, house: Option<&House>, entries: &[usize]) -> Result<Settings> {
        let empty = File::default();
        let (file, folder) = house.map_or((&empty, Path::new("")), |house| (&house.file, &house.folder));
        let at = |path: &PathBuf| folder.join(path);
        let frames_path = self.args.frames.clone().or_else(|| file.frames.as_ref().map(at));
        let frames = frames_path.as_deref().map(frames::frames).transpose()?.unwrap_or_default();
        let kinds = frames_path.as_deref().map(frames::kinds).transpose()?.unwrap_or_default();
        let named: Vec<&file::Entry> = entries.iter().map(|&entry| &file.paths[entry]).collect();
        let kind_name =
            self.args.kind.as_ref().or_else(|| named.iter().rev().find_map(|entry| entry.kind.as_ref()));
        let kind = kind_name.map(|name| known_kind(name, &kinds)).transpose()?;
        let frame_name = named.iter().rev().find_map(|entry| entry.frame.as_ref());
        let frame = frame_name.map(|name| known_frame(name, &frames)).transpose()?;
        let mut with: Vec<PathBuf> =
            file.with.iter().chain(named.iter().flat_map(|entry| &entry.with)).map(at).collect();
        with.extend(self.args.with.iter().cloned());
        let layers = with.iter().map(|path| self.layer(path)).collect::<Result<_>>()?;
        // The first entry for a check holds, so the narrowest comes first.
        let tables = named.iter().rev().map(|entry| &entry.checks).chain([&file.checks]);
        let levels: Vec<(&'static str, Level)> =
            tables.flat_map(|table| table.iter().map(|(id, level)| (id.0, level.core()))).collect();
        let mut limits = Limits::default();
        for table in [&file.limits].into_iter().chain(named.iter().map(|entry| &entry.limits)) {
            overlay(&mut limits, table);
        }
        let words = &file.words;
        let terms: Vec<(String, String)> = words.terms.clone().into_iter().collect();
        let words = HouseWords::new(&words.vague, &words.padding, &words.allowed, &terms);
        let evidence = self.evidence;
        Ok(Settings { kind, frame, layers, frames, kinds, limits, levels, words, evidence })
    }

    fn layer(&mut self, path: &Path) -> Result<Layer> {
        if let Some(known) = self.layers.get(path) {
            return Ok(known.clone());
        }
        let input = Input::from_path(path);
        let source = input.read(self.args.read_as).with_context(|| output::visible(&input.name()))?;
        let layer = Layer::read(input.name(), &source, self.counter);
        self.layers.insert(path.to_path_buf(), layer.clone());
        Ok(layer)
    }
}

fn overlay(limits: &mut Limits, table: &LimitsTable) {
    let whole = |number: Option<std::num::NonZeroU32>| number.map(|number| number.get() as usize);
    limits.tokens = whole(table.tokens).or(limits.tokens);
    limits.part_tokens = whole(table.part_tokens).or(limits.part_tokens);
    limits.sentence_words = whole(table.sentence_words).or(limits.sentence_words);
    limits.reading_grade = table.reading_grade.map(std::num::NonZeroU32::get).or(limits.reading_grade);
}

impl House {
    fn read(path: &Path) -> Result<House> {
        let file = File::read(path)?;
        let folder = path.parent().map(Path::to_path_buf).unwrap_or_default();
        let folder = std::path::absolute(&folder).unwrap_or(folder);
        let accepted = Accepted::read(&folder)?;
        Ok(House { folder, file, accepted })
    }

    /// What its prompts are written for.
    pub(crate) fn target(&self) -> file::Target {
        self.file.target
    }

    /// The price list that the house keeps.
    pub(crate) fn prices(&self) -> Option<PathBuf> {
        self.file.prices.as_ref().map(|path| self.folder.join(path))
    }

    /// The folder of the house's file.
    pub(crate) fn folder(&self) -> &Path {
        &self.folder
    }

    /// The entries for paths that match a prompt, in the order of the file.
    fn entries(&self, input: &Input) -> Vec<usize> {
        let Input::File(path) = input else { return Vec::new() };
        let path = self.inside(path);
        let matches = |entry: &file::Entry| entry.patterns.iter().any(|pattern| pattern.0.is_match(&path));
        (0..self.file.paths.len()).filter(|&entry| matches(&self.file.paths[entry])).collect()
    }

    /// A prompt's path as seen from the house's folder.
    pub(crate) fn inside(&self, path: &Path) -> PathBuf {
        inside(&self.folder, path)
    }
}

/// A path as seen from a folder, with forward slashes in what it shows.
pub(crate) fn inside(folder: &Path, path: &Path) -> PathBuf {
    let whole = std::path::absolute(path).unwrap_or_else(|_| path.to_path_buf());
    let mut parts = PathBuf::new();
    for part in whole.components() {
        match part {
            std::path::Component::ParentDir => {
                parts.pop();
            }
            part => parts.push(part),
        }
    }
    parts.strip_prefix(folder).map(Path::to_path_buf).unwrap_or(parts)
}

fn known_kind(name: &str, house: &[neatframe_core::HouseKind]) -> Result<Kind> {
    let names = || Kind::names().map(str::to_string).chain(house.iter().map(|kind| kind.name().to_string()));
    let known = names().any(|known| known == name);
    let kind = Kind::named(name).or_else(|| known.then(|| Kind::set(name)));
    kind.ok_or_else(|| unknown("kind of work", name, &names().collect::<Vec<_>>()))
}

fn known_frame(name: &str, house: &[Frame]) -> Result<Frame> {
    let mut all = house.iter().chain(Frame::built_in());
    let found = all.find(|frame| frame.name.eq_ignore_ascii_case(name)).cloned();
    found.ok_or_else(|| {
        let names: Vec<String> =
            house.iter().chain(Frame::built_in()).map(|frame| frame.name.to_string()).collect();
        unknown("frame", name, &names)
    })
}

/// Says that a name is unknown, and which one may be meant.
pub(crate) fn unknown(what: &str, name: &str, known: &[String]) -> anyhow::Error {
    let shown = output::visible(name);
    match nearest(name, known.iter().map(String::as_str)) {
        Some(near) => anyhow::anyhow!("there is no {what} `{shown}`; did you mean `{near}`?"),
        None => anyhow::anyhow!("there is no {what} `{shown}`; there are {}", known.join(", ")),
    }
}

/// The known name that a person most likely meant.
pub(crate) fn nearest<'a>(name: &str, known: impl Iterator<Item = &'a str>) -> Option<&'a str> {
    let scored = known.map(|known| (strsim::jaro_winkler(known, name), known));
    scored.max_by(|a, b| a.0.total_cmp(&b.0)).filter(|(score, _)| *score > 0.8).map(|(_, known)| known)
}
