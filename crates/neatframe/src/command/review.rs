//! `neatframe review`.

use super::fix;
use crate::args::{FailAt, Format, ReviewArgs};
use crate::counter::Published;
use crate::house::accepted::Accepted;
use crate::house::{self, House, Houses};
use crate::input::Input;
use crate::render::{evidence, json, report, requirements};
use crate::{input, output};
use anyhow::{Context, Result};
use neatframe_core::{Review, Settings, Severity, review};
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::process::ExitCode;
use std::rc::Rc;

/// One reviewed prompt.
pub(crate) struct Reviewed {
    pub(crate) name: String,
    pub(crate) review: Review,
    /// How many findings the house has accepted; they are taken out of the review.
    pub(crate) accepted: usize,
}

pub(super) fn run(args: &ReviewArgs) -> Result<ExitCode> {
    let (inputs, mut failed) = input::find(&args.paths);
    let counter = Published::default();
    let mut houses = Houses::new(&args.work, &counter);
    // A house that is half read decides nothing: it is read for all prompts before the first is reviewed.
    let mut planned: Vec<(&Input, Option<Rc<House>>, Rc<Settings>)> = Vec::new();
    for input in &inputs {
        planned.push((input, houses.of(input)?, houses.settings(input)?));
    }
    let mut reviewed: Vec<Reviewed> = Vec::new();
    let mut acceptance: BTreeMap<PathBuf, Accepted> = BTreeMap::new();
    let mut said = String::new();
    for (input, house, settings) in &planned {
        let mut one = || -> Result<Reviewed> {
            let mut made = review(input.read(args.work.read_as)?, settings, &counter);
            if args.fix {
                said.push_str(&mend(input, &mut made, settings, &counter, args.dry_run)?);
            }
            let accepted = accept(args, input, house.as_deref(), &mut made, &mut acceptance)?;
            Ok(Reviewed { name: input.name(), review: made, accepted })
        };
        match one() {
            Ok(done) => reviewed.push(done),
            Err(error) => failed.push((input.name(), error)),
        }
    }
    for (folder, accepted) in &acceptance {
        let path = accepted.write(folder)?;
        said.push_str(&format!(
            "accepted findings are in {}\n",
            output::visible(&path.display().to_string())
        ));
    }
    show(args, &reviewed, &failed, &said)?;
    for (name, error) in &failed {
        output::complain(name, error);
    }
    if !failed.is_empty() {
        return Ok(ExitCode::from(2));
    }
    let mut findings = reviewed.iter().flat_map(|one| one.review.findings());
    let fails = findings.any(|finding| args.fail_at.covers(finding.severity));
    Ok(ExitCode::from(u8::from(fails)))
}

fn show(
    args: &ReviewArgs,
    reviewed: &[Reviewed],
    failed: &[(String, anyhow::Error)],
    said: &str,
) -> Result<()> {
    let (colour, width) = output::terminal();
    if args.format == Format::Json {
        if !said.is_empty() {
            anstream::eprint!("{said}");
        }
        return output::raw(&json::review(reviewed, failed)?);
    }
    let mut text = said.to_string();
    for one in reviewed {
        text.push_str(&if args.evidence {
            evidence::units(&one.name, &one.review, colour, width)
        } else if args.requirements {
            requirements::stated(&one.name, &one.review, colour, width)
        } else if args.dry_run {
            String::new()
        } else {
            report::review(one, colour, width)
        });
    }
    if reviewed.len() > 1 && !args.evidence && !args.requirements && !args.dry_run {
        text.push_str(&report::totals(reviewed, colour));
    }
    output::show(&text)
}

/// Applies the certain edits and reviews what is left. Gives what was done.
fn mend(
    input: &Input,
    made: &mut Review,
    settings: &Settings,
    counter: &Published,
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
        let diff = fix::diff(&input.name(), made.source().text(), &mended.text);
        return Ok(format!("{told}{}", output::printable(&diff)));
    }
    fix::write(input, made, &mended)?;
    let source = neatframe_core::Source::from_bytes(mended.text.into_bytes())?;
    *made = review(source, settings, counter);
    Ok(told)
}

/// Takes the accepted findings out of a review, or accepts all that are left.
fn accept(
    args: &ReviewArgs,
    input: &Input,
    house: Option<&House>,
    made: &mut Review,
    acceptance: &mut BTreeMap<PathBuf, Accepted>,
) -> Result<usize> {
    let Input::File(path) = input else { return Ok(0) };
    let here = std::path::absolute(".").context("the current folder cannot be read")?;
    let folder = house.map_or(here.as_path(), House::folder);
    if args.work.no_house && !args.accept {
        return Ok(0);
    }
    let inside = house::inside(folder, path);
    let known = known(acceptance, house, folder)?;
    if args.accept {
        known.accept(&inside, made);
    }
    let covered = known.covers(&inside, made);
    if !args.accept {
        // Read only: nothing is to be written at the end.
        acceptance.remove(folder);
    }
    let mut covered_now = covered.iter();
    made.keep_findings(|_| !covered_now.next().copied().unwrap_or(false));
    Ok(covered.into_iter().filter(|covered| *covered).count())
}

fn known<'a>(
    acceptance: &'a mut BTreeMap<PathBuf, Accepted>,
    house: Option<&House>,
    folder: &Path,
) -> Result<&'a mut Accepted> {
    if !acceptance.contains_key(folder) {
        let accepted = match house {
            Some(house) => house.accepted.clone(),
            None => Accepted::read(folder)?,
        };
        acceptance.insert(folder.to_path_buf(), accepted);
    }
    acceptance.get_mut(folder).context("the accepted findings were read")
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
