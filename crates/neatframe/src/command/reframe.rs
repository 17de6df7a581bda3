//! `neatframe reframe`.

use crate::args::ReframeArgs;
use crate::counter::Counter;
use crate::house::Houses;
use crate::input::Input;
use crate::output;
use crate::render::notes;
use anyhow::{Context, Result};
use neatframe_core::{CountTokens, Wishes, reframe, review};
use std::io::IsTerminal;
use std::process::ExitCode;

pub(super) fn run(args: &ReframeArgs) -> Result<ExitCode> {
    let input = Input::from_path(&args.path);
    let source = input.read(args.work.read_as).with_context(|| output::visible(&input.name()))?;
    if !source.messages().is_empty() {
        anyhow::bail!(
            "{}: is a message list; put one message in a file of its own to restructure it",
            output::visible(&input.name())
        );
    }
    let counter = args.work.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let settings = Houses::new(&args.work, &counter).settings(&input)?;
    let review = review(source, &settings, &counter);
    let reframed = reframe(&review, &Wishes::default());
    let after = counter.count(&reframed.text).lengths.len();
    match &args.notes {
        Some(path) => output::file(path, &notes::list(&input.name(), &review, &reframed, after, false, 90))?,
        None => {
            let colour = anstream::AutoStream::choice(&std::io::stderr()) != anstream::ColorChoice::Never;
            let (_, width) = output::terminal();
            anstream::eprint!("{}", notes::list(&input.name(), &review, &reframed, after, colour, width));
        }
    }
    if std::io::stdout().is_terminal() {
        output::raw(&output::printable(&reframed.text))?;
    } else {
        output::raw(&reframed.text)?;
    }
    Ok(ExitCode::SUCCESS)
}
