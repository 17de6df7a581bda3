//! `neatframe frames`, and the choice of kind and frames that other commands share.

use crate::args::{FramesArgs, WorkArgs};
use crate::input::Input;
use crate::render::frames as render;
use crate::{house, output};
use anyhow::{Context, Result, anyhow};
use neatframe_core::{CountTokens, Frame, Kind, Layer, Settings};
use std::path::{Path, PathBuf};
use std::process::ExitCode;

pub(super) fn run(args: &FramesArgs) -> Result<ExitCode> {
    let frames = all(args.frames.as_deref())?;
    let (colour, width) = output::terminal();
    let text = match &args.name {
        None => render::list(&frames, colour),
        Some(name) => {
            let found = frames.iter().find(|frame| frame.name.eq_ignore_ascii_case(name));
            let names = frames.iter().map(|frame| frame.name.as_ref());
            render::one(found.ok_or_else(|| unknown("frame", name, names))?, colour, width)
        }
    };
    output::show(&text)?;
    Ok(ExitCode::SUCCESS)
}

/// The settings that the arguments ask for.
pub(super) fn settings(args: &WorkArgs, counter: &dyn CountTokens) -> Result<Settings> {
    let kind = match &args.kind {
        None => None,
        Some(name) => Some(Kind::named(name).ok_or_else(|| unknown("kind of work", name, Kind::names()))?),
    };
    let frames = args.frames.as_deref().map(house::frames).transpose()?.unwrap_or_default();
    let layer = |path: &PathBuf| -> Result<Layer> {
        let input = Input::from_path(path);
        let source = input.read(args.read_as).with_context(|| output::visible(&input.name()))?;
        Ok(Layer::read(input.name(), &source, counter))
    };
    let layers = args.with.iter().map(layer).collect::<Result<_>>()?;
    Ok(Settings { kind, frames, layers, ..Settings::default() })
}

fn all(path: Option<&Path>) -> Result<Vec<Frame>> {
    let mut frames = path.map(house::frames).transpose()?.unwrap_or_default();
    frames.extend(Frame::built_in().iter().cloned());
    Ok(frames)
}

/// Says that a name is unknown, and which one may be meant.
fn unknown<'a>(what: &str, name: &str, known: impl Iterator<Item = &'a str>) -> anyhow::Error {
    let known: Vec<&str> = known.collect();
    let near =
        known.iter().max_by(|a, b| strsim::jaro_winkler(a, name).total_cmp(&strsim::jaro_winkler(b, name)));
    let name = output::visible(name);
    match near.filter(|near| strsim::jaro_winkler(near, &name) > 0.8) {
        Some(near) => anyhow!("there is no {what} `{name}`; did you mean `{near}`?"),
        None => anyhow!("there is no {what} `{name}`; there are {}", known.join(", ")),
    }
}
