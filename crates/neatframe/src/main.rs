//! The `neatframe` program: finds and reads prompts, calls the core, shows what it says.

mod args;
mod command;
mod counter;
mod house;
mod input;
mod messages;
mod notebook;
mod output;
mod prices;
mod render;
mod rows;
#[cfg(feature = "vocabulary-files")]
mod vocabulary_file;

use clap::Parser;
use std::process::ExitCode;

fn main() -> ExitCode {
    let args = args::Args::parse();
    match command::run(&args) {
        Ok(code) => code,
        Err(error) if output::is_closed_pipe(&error) => ExitCode::SUCCESS,
        Err(error) => {
            anstream::eprintln!("neatframe: {}", output::printable(&format!("{error:#}")));
            ExitCode::from(2)
        }
    }
}
