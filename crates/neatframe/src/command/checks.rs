//! `neatframe checks`.

use crate::args::ChecksArgs;
use crate::render::checks as render;
use crate::{house, output};
use anyhow::Result;
use neatframe_core::checks;
use std::process::ExitCode;

pub(super) fn run(args: &ChecksArgs) -> Result<ExitCode> {
    let (colour, width) = output::terminal();
    let text = match &args.id {
        None => render::list(colour),
        Some(id) => {
            let meta = checks().find(|meta| meta.id == id.as_str());
            let ids: Vec<String> = checks().map(|meta| meta.id.to_string()).collect();
            let meta = meta.ok_or_else(|| house::unknown("check", id, &ids))?;
            if args.markdown { render::page(meta) } else { render::one(meta, colour, width) }
        }
    };
    output::show(&text)?;
    Ok(ExitCode::SUCCESS)
}
