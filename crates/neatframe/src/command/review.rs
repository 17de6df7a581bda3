//! `neatframe review`.

use crate::args::{FailAt, Format, ReviewArgs};
use crate::counter::Published;
use crate::render::{evidence, json, report, requirements};
use crate::{input, output};
use anyhow::Result;
use neatframe_core::{Review, Severity, review};
use std::process::ExitCode;

pub(super) fn run(args: &ReviewArgs) -> Result<ExitCode> {
    let (inputs, mut failed) = input::find(&args.paths);
    let counter = Published::default();
    let settings = super::frames::settings(&args.work, &counter)?;
    let (colour, width) = output::terminal();
    let mut reviewed: Vec<(String, Review)> = Vec::new();
    for input in &inputs {
        match input.read(args.work.read_as) {
            Ok(source) => reviewed.push((input.name(), review(source, &settings, &counter))),
            Err(error) => failed.push((input.name(), error)),
        }
    }
    match args.format {
        Format::Json => output::raw(&json::review(&reviewed, &failed)?)?,
        Format::Text => {
            let mut text = String::new();
            for (name, review) in &reviewed {
                if args.evidence {
                    text.push_str(&evidence::units(name, review, colour, width));
                    continue;
                }
                if args.requirements {
                    text.push_str(&requirements::stated(name, review, colour, width));
                    continue;
                }
                text.push_str(&report::review(name, review, colour, width));
            }
            if reviewed.len() > 1 && !args.evidence && !args.requirements {
                text.push_str(&report::totals(&reviewed, colour));
            }
            output::show(&text)?;
        }
    }
    for (name, error) in &failed {
        output::complain(name, error);
    }
    if !failed.is_empty() {
        return Ok(ExitCode::from(2));
    }
    let fails =
        reviewed.iter().flat_map(|(_, review)| review.findings()).any(|f| args.fail_at.covers(f.severity));
    Ok(ExitCode::from(u8::from(fails)))
}

impl FailAt {
    fn covers(self, severity: Severity) -> bool {
        match self {
            FailAt::Note => true,
            FailAt::Warning => severity >= Severity::Warning,
            FailAt::Error => severity >= Severity::Error,
            FailAt::Never => false,
        }
    }
}
