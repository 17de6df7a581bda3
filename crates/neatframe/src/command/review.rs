//! `neatframe review`.

use super::{fix, stream};
use crate::args::{FailAt, Format, ReviewArgs};
use crate::counter::Counter;
use crate::house::accepted::Accepted;
use crate::house::{self, House, Houses};
use crate::input::{self, Input};
use crate::output;
use crate::render::{evidence, json, report, requirements};
use anyhow::{Context, Result};
use neatframe_core::{Review, Settings, Severity, Source, review};
use rayon::prelude::*;
use std::collections::BTreeMap;
use std::path::PathBuf;
use std::process::ExitCode;
use std::sync::Arc;

/// One reviewed prompt.
pub(crate) struct Reviewed {
    pub(crate) name: String,
    pub(crate) review: Review,
    /// How many findings the house has accepted; they are taken out of the review.
    pub(crate) accepted: usize,
}

/// A prompt to review, and what holds for it.
struct Planned<'a> {
    input: &'a Input,
    house: Option<Arc<House>>,
    settings: Arc<Settings>,
}

/// What became of a prompt: what is shown of it, or why it could not be reviewed.
type Outcome = Result<(String, report::Totals), (String, anyhow::Error)>;

/// Prompts that are reviewed at once; what is shown of them is held until all before them are shown.
const AT_ONCE: usize = 256;

pub(super) fn run(args: &ReviewArgs) -> Result<ExitCode> {
    let counter = args.work.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let mut houses = Houses::new(&args.work, &counter).with_evidence(args.evidence);
    if args.stream {
        return stream::run(&*houses.settings(&Input::Stdin)?, &counter);
    }
    let (inputs, mut failed) = input::find(&args.paths);
    // A house that is half read decides nothing: it is read for all prompts before the first is reviewed.
    let mut planned: Vec<Planned<'_>> = Vec::new();
    for input in &inputs {
        planned.push(Planned { input, house: houses.of(input)?, settings: houses.settings(input)? });
    }
    let mut out = Shown::begin(args)?;
    let mut acceptance: BTreeMap<PathBuf, Accepted> = BTreeMap::new();
    for chunk in planned.chunks(AT_ONCE) {
        // Whatever is written, is written one prompt after the other.
        let outcomes: Vec<Outcome> = if args.fix || args.accept {
            chunk.iter().map(|one| changed(args, one, &counter, &mut acceptance, &out)).collect()
        } else if let [one] = chunk {
            // A single prompt is done before a second thread has started.
            vec![viewed(one, args, &counter, &out)]
        } else {
            chunk.par_iter().map(|one| viewed(one, args, &counter, &out)).collect()
        };
        for outcome in outcomes {
            match outcome {
                Ok((text, totals)) => out.document(&text, totals)?,
                Err(failure) => failed.push(failure),
            }
        }
    }
    for (folder, accepted) in &acceptance {
        let path = accepted.write(folder)?;
        anstream::eprintln!("accepted findings are in {}", output::visible(&path.display().to_string()));
    }
    let fails = out.end(&failed)?;
    for (name, error) in &failed {
        output::complain(name, error);
    }
    Ok(ExitCode::from(if failed.is_empty() { u8::from(fails) } else { 2 }))
}

/// Where the reviews are shown as they come.
struct Shown<'a> {
    args: &'a ReviewArgs,
    colour: bool,
    width: usize,
    totals: report::Totals,
}

impl Shown<'_> {
    fn begin(args: &ReviewArgs) -> Result<Shown<'_>> {
        let (colour, width) = output::terminal();
        if args.format == Format::Json {
            output::raw(json::HEAD)?;
        }
        Ok(Shown { args, colour, width, totals: report::Totals::default() })
    }

    fn document(&mut self, text: &str, totals: report::Totals) -> Result<()> {
        let first = self.totals.prompts == 0;
        self.totals.add(totals);
        match self.args.format {
            Format::Json => {
                output::raw(if first { "" } else { ",\n" })?;
                output::raw(text)
            }
            Format::Text => output::show(text),
        }
    }

    /// Shows what holds for all prompts. True when some finding reaches the failing level.
    fn end(&self, failed: &[(String, anyhow::Error)]) -> Result<bool> {
        let plain = !self.args.evidence && !self.args.requirements && !self.args.dry_run;
        match self.args.format {
            Format::Json => output::raw(&json::tail(failed)?)?,
            Format::Text if plain && self.totals.prompts > 1 => {
                output::show(&report::totals(&self.totals, self.colour))?;
            }
            Format::Text => {}
        }
        let fails = |(severity, count): (Severity, usize)| count > 0 && self.args.fail_at.covers(severity);
        Ok(self.totals.by_severity().into_iter().any(fails))
    }

    fn text(&self, one: &Reviewed) -> Result<String> {
        let Reviewed { name, review, .. } = one;
        Ok(match self.args.format {
            Format::Json => json::document(one)?,
            Format::Text if self.args.evidence => evidence::units(name, review, self.colour, self.width),
            Format::Text if self.args.requirements => {
                requirements::stated(name, review, self.colour, self.width)
            }
            Format::Text if self.args.dry_run => String::new(),
            Format::Text => report::review(one, self.colour, self.width),
        })
    }
}

/// Reads and reviews a prompt, and makes what is shown of it.
fn viewed(planned: &Planned<'_>, args: &ReviewArgs, counter: &Counter, out: &Shown<'_>) -> Outcome {
    let Planned { input, house, settings } = planned;
    let made = || -> Result<(String, report::Totals)> {
        let mut made = review(input.read(args.work.read_as)?, settings, counter);
        let accepted =
            house.as_ref().map_or(Ok(0), |house| leave_out(&house.accepted, house, input, &mut made));
        let accepted = if house.is_none() && !args.work.no_house {
            lone_acceptance(input, &mut made)?
        } else {
            accepted?
        };
        let one = Reviewed { name: input.name(), review: made, accepted };
        Ok((out.text(&one)?, report::Totals::of(&one.review)))
    };
    made().map_err(|error| (input.name(), error))
}

/// Takes what a house has accepted out of a review.
fn leave_out(accepted: &Accepted, house: &House, input: &Input, made: &mut Review) -> Result<usize> {
    let Input::File(path) = input else { return Ok(0) };
    Ok(drop_covered(&accepted.covers(&house.inside(path), made), made))
}

/// Accepted findings of the current folder, where no house holds.
fn lone_acceptance(input: &Input, made: &mut Review) -> Result<usize> {
    let Input::File(path) = input else { return Ok(0) };
    let here = std::path::absolute(".").context("the current folder cannot be read")?;
    let accepted = Accepted::read(&here)?;
    Ok(drop_covered(&accepted.covers(&house::inside(&here, path), made), made))
}

fn drop_covered(covered: &[bool], made: &mut Review) -> usize {
    let mut each = covered.iter();
    made.keep_findings(|_| !each.next().copied().unwrap_or(false));
    covered.iter().filter(|covered| **covered).count()
}

/// Reviews a prompt with `--fix` or `--accept`.
fn changed(
    args: &ReviewArgs,
    planned: &Planned<'_>,
    counter: &Counter,
    acceptance: &mut BTreeMap<PathBuf, Accepted>,
    out: &Shown<'_>,
) -> Outcome {
    let Planned { input, house, settings } = planned;
    let mut made = || -> Result<(String, report::Totals)> {
        let mut made = review(input.read(args.work.read_as)?, settings, counter);
        let said =
            if args.fix { mend(input, &mut made, settings, counter, args.dry_run)? } else { String::new() };
        let accepted = match (args.accept, house) {
            (true, _) => accept(input, house.as_deref(), &mut made, acceptance)?,
            (false, Some(house)) => leave_out(&house.accepted, house, input, &mut made)?,
            (false, None) => 0,
        };
        let one = Reviewed { name: input.name(), review: made, accepted };
        let shown = out.text(&one)?;
        let totals = report::Totals::of(&one.review);
        if args.format == Format::Json {
            anstream::eprint!("{said}");
            return Ok((shown, totals));
        }
        Ok((said + &shown, totals))
    };
    made().map_err(|error| (input.name(), error))
}

/// Applies the certain edits and reviews what is left. Gives what was done.
fn mend(
    input: &Input,
    made: &mut Review,
    settings: &Settings,
    counter: &Counter,
    dry_run: bool,
) -> Result<String> {
    if !made.source().messages().is_empty() {
        return Ok(format!("{}: is a message list, which is not mended\n", output::visible(&input.name())));
    }
    let mended = fix::mend(made, settings, counter)?;
    if mended.done.is_empty() {
        return Ok(format!("{}: nothing that could be mended for certain\n", output::visible(&input.name())));
    }
    let told = fix::told(&input.name(), &mended, !dry_run);
    if dry_run {
        let (colour, _) = output::terminal();
        let diff = fix::diff(&input.name(), made.source().text(), &mended.text, colour);
        return Ok(format!("{told}{diff}"));
    }
    fix::write(input, made, &mended)?;
    *made = review(Source::from_bytes(mended.text.into_bytes())?, settings, counter);
    Ok(told)
}

/// Accepts all findings of a review and takes them out of it.
fn accept(
    input: &Input,
    house: Option<&House>,
    made: &mut Review,
    acceptance: &mut BTreeMap<PathBuf, Accepted>,
) -> Result<usize> {
    let Input::File(path) = input else { return Ok(0) };
    let here = std::path::absolute(".").context("the current folder cannot be read")?;
    let folder = house.map_or(here.as_path(), House::folder);
    if !acceptance.contains_key(folder) {
        let known = match house {
            Some(house) => house.accepted.clone(),
            None => Accepted::read(folder)?,
        };
        acceptance.insert(folder.to_path_buf(), known);
    }
    let known = acceptance.get_mut(folder).context("the accepted findings were read")?;
    let inside = house::inside(folder, path);
    known.accept(&inside, made);
    Ok(drop_covered(&known.covers(&inside, made), made))
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
