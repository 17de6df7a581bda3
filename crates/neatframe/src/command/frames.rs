//! `neatframe frames`.

use crate::args::FramesArgs;
use crate::render::frames as render;
use crate::{house, output};
use anyhow::Result;
use neatframe_core::Frame;
use std::path::Path;
use std::process::ExitCode;

pub(super) fn run(args: &FramesArgs) -> Result<ExitCode> {
    let frames = all(args.frames.as_deref())?;
    let (colour, width) = output::terminal();
    let text = match &args.name {
        None => render::list(&frames, colour),
        Some(name) => {
            let found = frames.iter().find(|frame| frame.name.eq_ignore_ascii_case(name));
            let names: Vec<String> = frames.iter().map(|frame| frame.name.to_string()).collect();
            render::one(found.ok_or_else(|| house::unknown("frame", name, &names))?, colour, width)
        }
    };
    output::show(&text)?;
    Ok(ExitCode::SUCCESS)
}

fn all(path: Option<&Path>) -> Result<Vec<Frame>> {
    let mut frames = path.map(house::frames).transpose()?.unwrap_or_default();
    frames.extend(Frame::built_in().iter().cloned());
    Ok(frames)
}
