//! One file per command.

mod ask;
mod checks;
mod compare;
mod demo;
mod fill;
mod fix;
mod frames;
mod reframe;
mod review;
mod stream;
mod tokens;

pub(crate) use review::Reviewed;

use crate::args::{Args, Command};
use anyhow::Result;
use std::process::ExitCode;

/// Runs the command that was asked for.
pub(crate) fn run(args: &Args) -> Result<ExitCode> {
    match &args.command {
        Command::Review(args) => review::run(args),
        Command::Reframe(args) => reframe::run(args),
        Command::Ask(args) => ask::run(args),
        Command::Compare(args) => compare::run(args),
        Command::Fill(args) => fill::run(args),
        Command::Frames(args) => frames::run(args),
        Command::Checks(args) => checks::run(args),
        Command::Tokens(args) => tokens::run(args),
        Command::Demo(args) => demo::run(args),
    }
}
