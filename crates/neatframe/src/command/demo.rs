//! `neatframe demo`.

use super::Reviewed;
use crate::args::DemoArgs;
use crate::counter::Counter;
use crate::output;
use crate::render::{notes, overview, report};
use anyhow::{Context, Result, bail};
use neatframe_core::{CountTokens, Reframed, Settings, Source, Wishes, reframe, review};
use std::fmt::Write as _;
use std::path::Path;
use std::process::ExitCode;

/// The made-up prompts of Larkhaven Ferries, name and text.
const PROMPTS: [(&str, &str); 9] = [
    ("1-one-line-ask.txt", include_str!("../../../../demo/1-one-line-ask.txt")),
    ("2-rambling-notice.txt", include_str!("../../../../demo/2-rambling-notice.txt")),
    ("3-lost-property.md", include_str!("../../../../demo/3-lost-property.md")),
    ("4-timetable-questions.txt", include_str!("../../../../demo/4-timetable-questions.txt")),
    ("5-incident-summary.txt", include_str!("../../../../demo/5-incident-summary.txt")),
    ("6-maintenance-notes.txt", include_str!("../../../../demo/6-maintenance-notes.txt")),
    ("7-crew-roster.md", include_str!("../../../../demo/7-crew-roster.md")),
    ("8-quay-agent.md", include_str!("../../../../demo/8-quay-agent.md")),
    ("9-crossing-chat.md", include_str!("../../../../demo/9-crossing-chat.md")),
];

/// The prompt that the demo shows in full.
const SHOWN: usize = 1;

pub(super) fn run(args: &DemoArgs) -> Result<ExitCode> {
    match &args.to {
        Some(folder) => write_to(folder)?,
        None => show()?,
    }
    Ok(ExitCode::SUCCESS)
}

fn write_to(folder: &Path) -> Result<()> {
    for (name, _) in PROMPTS {
        let path = folder.join(name);
        if path.exists() {
            bail!(
                "{}: is there already; name a folder without it, so that nothing of yours is replaced",
                path.display()
            );
        }
    }
    std::fs::create_dir_all(folder).with_context(|| format!("{}: cannot be made", folder.display()))?;
    for (name, text) in PROMPTS {
        output::file(&folder.join(name), text)?;
    }
    let folder = output::visible(&folder.display().to_string());
    output::show(&format!("{} prompts written to {folder}; try: neatframe review {folder}\n", PROMPTS.len()))
}

fn show() -> Result<()> {
    let counter = Counter::default();
    let (colour, width) = output::terminal();
    let mut rows: Vec<(Reviewed, Reframed, usize)> = Vec::new();
    for (name, text) in PROMPTS {
        let source = Source::from_bytes(text.as_bytes().to_vec())?;
        let review = review(source, &Settings::default(), &counter);
        let reframed = reframe(&review, &Wishes::default());
        let after = counter.count(&reframed.text).lengths.len();
        rows.push((Reviewed { name: name.to_string(), review, accepted: 0 }, reframed, after));
    }
    let mut out = String::new();
    let _ = writeln!(out, "Nine prompts of Larkhaven Ferries, a made-up ferry line\n");
    out.push_str(&overview::table(&rows, colour));
    let (reviewed, reframed, _) = &rows[SHOWN];
    let Reviewed { name, review, .. } = reviewed;
    let _ = writeln!(out, "\n── the prompt: {name}\n\n{}", textwrap::fill(review.source().text(), width));
    let _ = writeln!(out, "── neatframe review {name}\n");
    out.push_str(&report::review(reviewed, colour, width));
    let _ = writeln!(out, "── neatframe reframe {name}\n");
    for line in reframed.text.lines() {
        let _ = writeln!(out, "{}", textwrap::fill(line, width));
    }
    out.push('\n');
    let source = Source::from_bytes(reframed.text.clone().into_bytes())?;
    let again = neatframe_core::review(source, &Settings::default(), &counter);
    out.push_str(&notes::list(&notes::Told::new(name, review, reframed, again, &|_| None), colour, width));
    let _ = writeln!(out, "To play with them: neatframe demo --to play && neatframe review play");
    output::show(&out)
}
