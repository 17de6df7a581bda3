//! `neatframe compare`.

use crate::args::{CompareArgs, ListAs};
use crate::counter::Counter;
use crate::house::Houses;
use crate::input::Input;
use crate::output;
use crate::prices::PriceList;
use crate::render::compare::{self as render, Version};
use anyhow::{Context, Result};
use neatframe_core::{compare, review};
use std::process::ExitCode;

pub(super) fn run(args: &CompareArgs) -> Result<ExitCode> {
    let counter = args.work.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let mut houses = Houses::new(&args.work, &counter);
    let inputs: Vec<Input> = args.paths.iter().map(|path| Input::from_path(path)).collect();
    let house = houses.of(&inputs[0])?;
    let list = args.prices.clone().or_else(|| house.and_then(|house| house.prices()));
    let prices = list.as_deref().map(PriceList::read).transpose()?;
    let mut versions = Vec::new();
    for input in &inputs {
        let settings = houses.settings(input)?;
        let source = input.read(args.work.read_as).with_context(|| output::visible(&input.name()))?;
        versions.push(Version { name: input.name(), review: review(source, &settings, &counter) });
    }
    let (colour, width) = output::terminal();
    match (args.format, versions.as_slice()) {
        (ListAs::Json, versions) => output::raw(&render::json(versions, prices.as_ref())?)?,
        (ListAs::Text, [old, new]) => {
            let changes = compare(&old.review, &new.review);
            output::show(&render::text(old, new, &changes, prices.as_ref(), colour, width))?;
        }
        (ListAs::Text, versions) => output::show(&render::table(versions, prices.as_ref(), colour))?,
    }
    Ok(ExitCode::SUCCESS)
}
