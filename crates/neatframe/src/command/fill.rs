//! `neatframe fill`.

use crate::args::{FillArgs, ListAs};
use crate::counter::Counter;
use crate::input::Input;
use crate::messages::{self, Form};
use crate::output;
use crate::render::slots as render;
use crate::rows::{self, Row};
use anyhow::{Context, Result, anyhow, bail, ensure};
use neatframe_core::{Filled, Review, Settings, Source, Wanted, fill, review, wanted};
use std::process::ExitCode;

pub(super) fn run(args: &FillArgs) -> Result<ExitCode> {
    let input = Input::from_path(&args.path);
    let name = output::visible(&input.name());
    let template = Template::read(&input, args).with_context(|| name.clone())?;
    let set: Row = args.set.iter().map(|pair| pair_of(pair)).collect::<Result<_>>()?;
    let rows = args.from.as_deref().map(rows::read).transpose()?;
    if args.list {
        return list(args, &template, &set);
    }
    let wanted = template.wanted();
    let rows: Vec<Row> = match rows {
        None => vec![set],
        // What is set for all rows gives way to what a row says.
        Some(rows) => rows.into_iter().map(|row| set.clone().into_iter().chain(row).collect()).collect(),
    };
    let many = args.from.is_some();
    for (at, row) in rows.iter().enumerate() {
        let place = if many { format!("{name}: row {}", at + 1) } else { name.clone() };
        complete(&wanted, row).with_context(|| place)?;
    }
    let given = |slot: &Wanted| rows.iter().all(|row| row.contains_key(&slot.name));
    let left = named(wanted.iter().filter(|slot| slot.optional && !given(slot)));
    if !left.is_empty() {
        anstream::eprintln!("neatframe: {name}: {left} stays as it stands; set it if it is yours to fill");
    }
    if let Some(folder) = &args.to {
        std::fs::create_dir_all(folder).with_context(|| format!("{}: cannot be made", folder.display()))?;
    }
    let single = rows.len() == 1 && args.to.is_none();
    for (at, row) in rows.iter().enumerate() {
        let filled = template.filled(row)?;
        for (slot, done) in &filled.guarded {
            let row = if single { String::new() } else { format!("row {}: ", at + 1) };
            anstream::eprintln!("neatframe: {name}: {row}value of `{}`: {done}", output::visible(slot));
        }
        match &args.to {
            Some(folder) => {
                let path = folder.join(file_name(&input, at + 1));
                ensure!(!path.exists(), "{}: is there already; name an empty folder", path.display());
                output::file(&path, &filled.text)?;
            }
            None if single => output::raw(&filled.text)?,
            None => {
                let line = serde_json::json!({"row": at + 1, "prompt": filled.text});
                output::raw(&format!("{line}\n"))?;
            }
        }
    }
    Ok(ExitCode::SUCCESS)
}

fn list(args: &FillArgs, template: &Template, set: &Row) -> Result<ExitCode> {
    let counter = args.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let rows: Vec<render::Listed> = template.listed(set, &counter);
    match args.format {
        ListAs::Text => output::show(&render::table(&rows, output::terminal().0))?,
        ListAs::Json => output::raw(&(serde_json::to_string_pretty(&rows)? + "\n"))?,
    }
    Ok(ExitCode::SUCCESS)
}

/// `boat=Merle`, or `log=@log.txt` for what a file holds.
fn pair_of(pair: &str) -> Result<(String, String)> {
    let (name, value) = pair
        .split_once('=')
        .ok_or_else(|| anyhow!("--set {}: write NAME=VALUE, or NAME=@FILE", output::visible(pair)))?;
    let value = match value.strip_prefix('@') {
        Some(path) => {
            let text = std::fs::read_to_string(path);
            text.map_err(|error| anyhow!("{}: cannot be read: {error}", output::visible(path)))?
        }
        None => value.to_string(),
    };
    Ok((name.trim().to_string(), value))
}

/// Every slot has a value, and every value a slot.
fn complete(wanted: &[Wanted], row: &Row) -> Result<()> {
    if let Some(unknown) = row.keys().find(|name| !wanted.iter().any(|slot| slot.name == **name)) {
        if wanted.is_empty() {
            bail!("has no slot `{}`, nor any other", output::visible(unknown));
        }
        let near = crate::house::nearest(unknown, wanted.iter().map(|slot| slot.name.as_str()));
        let hint = near.map_or(".".into(), |near| format!("; did you mean `{near}`?"));
        bail!("has no slot `{}`{hint} It wants {}", output::visible(unknown), named(wanted));
    }
    let left = named(wanted.iter().filter(|slot| !slot.optional && !row.contains_key(&slot.name)));
    ensure!(left.is_empty(), "no value for {left}; it wants {}", named(wanted));
    Ok(())
}

fn named<'a>(slots: impl IntoIterator<Item = &'a Wanted>) -> String {
    let names = slots.into_iter().map(|slot| format!("`{}`", output::visible(&slot.name)));
    names.collect::<Vec<_>>().join(", ")
}

fn file_name(input: &Input, row: usize) -> String {
    let Input::File(path) = input else { return format!("prompt-{row}.txt") };
    let stem = path.file_stem().unwrap_or_default().to_string_lossy();
    let ending = path.extension().map_or(String::new(), |ending| format!(".{}", ending.to_string_lossy()));
    format!("{stem}-{row}{ending}")
}

/// What is filled: a prompt, or a message list with a review of each message.
struct Template {
    file: Source,
    form: Option<Form>,
    reviews: Vec<Review>,
}

impl Template {
    fn read(input: &Input, args: &FillArgs) -> Result<Template> {
        let source = input.read(args.read_as)?;
        if source.messages().is_empty() {
            let file = source.clone();
            return Ok(Template { file, form: None, reviews: vec![reviewed(source)] });
        }
        let file = Source::from_bytes(source.file().as_bytes().to_vec())?;
        let form = match input {
            Input::File(path) => Form::of(path),
            Input::Stdin => None,
        };
        let form = form.unwrap_or_else(|| Form::guess(file.text()));
        let mut reviews = Vec::new();
        messages::rewritten(file.text(), form, |_, _, text| {
            reviews.extend(Source::from_bytes(text.as_bytes().to_vec()).ok().map(reviewed));
            None
        })?;
        Ok(Template { file, form: Some(form), reviews })
    }

    fn wanted(&self) -> Vec<Wanted> {
        let mut all: Vec<Wanted> = Vec::new();
        for slot in self.reviews.iter().flat_map(wanted) {
            match all.iter_mut().find(|known| known.name == slot.name) {
                Some(known) => {
                    known.times += slot.times;
                    known.optional &= slot.optional;
                }
                None => all.push(slot),
            }
        }
        all
    }

    fn filled(&self, row: &Row) -> Result<Filled> {
        let value = |name: &str| row.get(name).cloned();
        let Some(form) = self.form else { return Ok(fill(&self.reviews[0], &value)) };
        let mut guarded = Vec::new();
        let text = messages::rewritten(self.file.text(), form, |_, _, text| {
            let source = Source::from_bytes(text.as_bytes().to_vec()).ok()?;
            let filled = fill(&reviewed(source), &value);
            guarded.extend(filled.guarded);
            Some(filled.text)
        })?;
        Ok(Filled { text, guarded })
    }

    fn listed(&self, set: &Row, counter: &Counter) -> Vec<render::Listed> {
        let mut rows: Vec<render::Listed> = Vec::new();
        for review in &self.reviews {
            for slot in wanted(review) {
                if !rows.iter().any(|row| row.name == slot.name) {
                    rows.push(render::Listed::new(review, &slot, set.get(&slot.name), counter));
                }
            }
        }
        rows
    }
}

fn reviewed(source: Source) -> Review {
    review(source, &Settings::default(), &Counter::default())
}
