//! `neatframe tokens`.

use crate::args::{TokensArgs, TokensFormat};
use crate::counter::Counter;
use crate::house::Houses;
use crate::input;
use crate::output;
use crate::prices::PriceList;
use crate::render::tokens::{self as render, Bill};
use anyhow::{Result, anyhow};
use neatframe_core::review;
use std::collections::BTreeSet;
use std::process::ExitCode;

pub(super) fn run(args: &TokensArgs) -> Result<ExitCode> {
    let counter = args.work.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let (inputs, mut failed) = input::find(&args.paths);
    let mut houses = Houses::new(&args.work, &counter);
    let house = inputs.first().map(|input| houses.of(input)).transpose()?.flatten();
    let list = args.prices.clone().or_else(|| house.and_then(|house| house.prices()));
    let prices = list.as_deref().map(PriceList::read).transpose()?;
    let (colour, width) = output::terminal();
    let mut total = render::Total::default();
    if args.format == TokensFormat::Csv {
        output::raw(render::CSV_HEAD)?;
    }
    let mut documents = Vec::new();
    let mut slots = BTreeSet::new();
    for input in &inputs {
        let settings = houses.settings(input)?;
        let review = match input.read(args.work.read_as) {
            Ok(source) => review(source, &settings, &counter),
            Err(error) => {
                failed.push((input.name(), error));
                continue;
            }
        };
        slots.extend(render::slot_names(&review));
        let name = input.name();
        let bill = Bill::new(&review, args, prices.as_ref());
        total.add(&bill);
        match args.format {
            TokensFormat::Text => output::show(&render::text(&name, &review, &bill, colour, width))?,
            TokensFormat::Csv => output::raw(&render::csv(&name, &review, &bill))?,
            TokensFormat::Json => documents.push(render::json(&name, &review, &bill, &counter)),
        }
    }
    for (slot, _) in args.fill.iter().filter(|(slot, _)| !slots.contains(slot)) {
        failed.push(("--fill".into(), no_slot(slot, &slots)));
    }
    match args.format {
        TokensFormat::Text => output::show(&render::total(&total, prices.as_ref(), args, colour))?,
        TokensFormat::Json => output::raw(&render::json_all(documents, &failed)?)?,
        TokensFormat::Csv => {}
    }
    for (name, error) in &failed {
        output::complain(name, error);
    }
    Ok(ExitCode::from(if failed.is_empty() { 0 } else { 2 }))
}

/// What is wrong with a size for a slot that no prompt has.
fn no_slot(slot: &str, slots: &BTreeSet<String>) -> anyhow::Error {
    let near = crate::house::nearest(slot, slots.iter().map(String::as_str));
    let hint = near.map_or(String::new(), |near| format!("; did you mean `{}`?", output::visible(near)));
    anyhow!("no prompt here has a slot `{}`{hint}", output::visible(slot))
}
