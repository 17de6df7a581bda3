//! `neatframe reframe`.

use super::fix;
use crate::args::{NotesAs, ReframeArgs};
use crate::counter::Counter;
use crate::house::Houses;
use crate::input::Input;
use crate::messages::{self, Form};
use crate::output;
use crate::render::notes;
use crate::render::usage::Usage;
use anyhow::{Context, Result, bail, ensure};
use neatframe_core::{Reframed, Review, Settings, Source, Speaker, Wishes, reframe, review};
use std::io::IsTerminal;
use std::process::ExitCode;
use std::sync::Arc;

pub(super) fn run(args: &ReframeArgs) -> Result<ExitCode> {
    let counter = args.work.vocabulary.as_deref().map_or_else(|| Ok(Counter::default()), Counter::named)?;
    let inputs: Vec<Input> = args.paths.iter().map(|path| Input::from_path(path)).collect();
    let mut houses = Houses::new(&args.work, &counter);
    let house = houses.of(&inputs[0])?;
    let settings = houses.settings(&inputs[0])?;
    let profile = house.as_ref().map(|house| house.target()).unwrap_or_default();
    let wishes = Wishes {
        ask: !args.no_questions,
        offer: !args.no_offers,
        layout: args.layout.or(profile.layout).map(crate::args::Layout::core),
        lean: args.lean || profile.lean,
        notes: args.wish.clone(),
    };
    let work = Work { args, counter: &counter, settings, wishes };
    match inputs.as_slice() {
        [input] => work.one(input)?,
        inputs => work.joined(inputs)?,
    }
    Ok(ExitCode::SUCCESS)
}

struct Work<'a> {
    args: &'a ReframeArgs,
    counter: &'a Counter,
    settings: Arc<Settings>,
    wishes: Wishes,
}

impl Work<'_> {
    fn one(&self, input: &Input) -> Result<()> {
        let name = input.name();
        let source = input.read(self.args.work.read_as).with_context(|| output::visible(&name))?;
        if !source.messages().is_empty() {
            return self.list(input, source.file()).with_context(|| output::visible(&name));
        }
        let before = source.text().to_string();
        let (review, reframed) = self.made(source);
        self.tell(&notes::Told::new(&name, &review, &reframed, self.after(&reframed)?, &|_| None))?;
        self.give(input, &before, &reframed.text)
    }

    fn made(&self, source: Source) -> (Review, Reframed) {
        let review = review(source, &self.settings, self.counter);
        let reframed = reframe(&review, &self.wishes);
        (review, reframed)
    }

    fn after(&self, reframed: &Reframed) -> Result<Review> {
        let source = Source::from_bytes(reframed.text.clone().into_bytes())?;
        Ok(review(source, &self.settings, self.counter))
    }

    /// Several files as one prompt; the notes name the file and line that each change was about.
    fn joined(&self, inputs: &[Input]) -> Result<()> {
        ensure!(!self.args.in_place, "--in-place takes one file; without it the joined prompt is printed");
        let (mut text, mut starts) = (String::new(), Vec::new());
        for input in inputs {
            let name = output::visible(&input.name());
            let source = input.read(self.args.work.read_as).with_context(|| name.clone())?;
            ensure!(source.messages().is_empty(), "{name}: is a message list, which joins no other file");
            let body = &source.text()[source.body_start()..];
            starts.push((text.len(), name));
            text.push_str(body.trim_end());
            text.push_str("\n\n");
        }
        text.truncate(text.trim_end().len());
        text.push('\n');
        let (review, reframed) = self.made(Source::from_bytes(text.clone().into_bytes())?);
        let origin = |at: usize| {
            let nth = starts.partition_point(|(start, _)| *start <= at).checked_sub(1)?;
            let (start, name) = &starts[nth];
            let line = text[*start..at].matches('\n').count() + 1;
            Some(format!("{name}:{line}"))
        };
        let names = starts.iter().map(|(_, name)| name.as_str()).collect::<Vec<_>>().join(" + ");
        self.tell(&notes::Told::new(&names, &review, &reframed, self.after(&reframed)?, &origin))?;
        self.give(&Input::Stdin, &text, &reframed.text)
    }

    /// Each system and user message of a list, in its place. The notes name the turn.
    fn list(&self, input: &Input, file: &str) -> Result<()> {
        let form = match input {
            Input::File(path) => Form::of(path).unwrap_or_else(|| Form::guess(file)),
            Input::Stdin => Form::guess(file),
        };
        let mut told = Vec::new();
        let new = messages::rewritten(file, form, |nth, speaker, text| {
            // What a turn lacks may stand in another one, so nothing is asked or offered here.
            let wishes = Wishes { ask: false, offer: false, ..self.wishes.clone() };
            let source = Source::from_bytes(text.as_bytes().to_vec()).ok()?;
            let review = review(source, &self.settings, self.counter);
            let reframed = (speaker != Speaker::Assistant).then(|| reframe(&review, &wishes))?;
            let new = reframed.text.trim_end().to_string();
            let changed = new != text.trim_end();
            if changed || !reframed.notes.is_empty() {
                told.push((notes::Turn { nth: nth + 1, speaker }, review, reframed));
            }
            changed.then_some(new)
        })?;
        let mut notes = Vec::new();
        for (turn, review, reframed) in &told {
            let after = self.after(reframed)?;
            let name = input.name();
            let told = notes::Told::new(&name, review, reframed, after, &|_| None);
            notes.push(self.noted(&notes::Told { turn: Some(*turn), ..told })?);
        }
        self.say(&match self.args.notes_as {
            NotesAs::Json => notes::array(&notes),
            NotesAs::List | NotesAs::Side => notes.concat(),
        })?;
        self.give(input, file, &new)
    }

    fn tell(&self, told: &notes::Told<'_>) -> Result<()> {
        self.say(&self.noted(told)?)
    }

    /// The change notes in the form that was asked for.
    fn noted(&self, told: &notes::Told<'_>) -> Result<String> {
        let to_file = self.args.notes.as_ref().is_some_and(|path| path.as_os_str() != "-");
        let colour =
            !to_file && anstream::AutoStream::choice(&std::io::stderr()) != anstream::ColorChoice::Never;
        let width = if to_file { 90 } else { output::terminal().1 };
        let mut text = match self.args.notes_as {
            NotesAs::List => notes::list(told, colour, width),
            NotesAs::Json => notes::json(told, self.args.usage)?,
            NotesAs::Side => notes::side(told, colour, width),
        };
        if self.args.usage && self.args.notes_as != NotesAs::Json {
            text.push_str(&Usage::of(&told.after).note(colour, width));
        }
        Ok(text)
    }

    /// Puts the notes where they were asked for.
    fn say(&self, notes: &str) -> Result<()> {
        match &self.args.notes {
            Some(path) if path.as_os_str() != "-" => output::file(path, notes),
            _ => {
                anstream::eprint!("{notes}");
                Ok(())
            }
        }
    }

    /// The prompt itself: printed, shown as a diff, or written.
    fn give(&self, input: &Input, before: &str, after: &str) -> Result<()> {
        let name = input.name();
        if self.args.diff {
            let colour = output::terminal().0;
            return output::show(&fix::diff(&name, before, after, colour));
        }
        if self.args.in_place {
            let Input::File(path) = input else {
                bail!("--in-place needs a file; standard input has no place");
            };
            fix::writable(path).with_context(|| output::visible(&name))?;
            if self.args.keep {
                let mut kept = path.clone().into_os_string();
                kept.push(".before");
                let kept = std::path::PathBuf::from(kept);
                if kept.exists() {
                    bail!("{}: is there already; nothing was written: move it away first", kept.display());
                }
                std::fs::copy(path, &kept)
                    .with_context(|| format!("{}: cannot be written", kept.display()))?;
            }
            return output::replace(path, Some(before.as_bytes()), after)
                .with_context(|| output::visible(&name));
        }
        if std::io::stdout().is_terminal() {
            output::raw(&output::printable(after))
        } else {
            output::raw(after)
        }
    }
}
