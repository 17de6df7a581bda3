//! `neatframe ask`.

use crate::args::AskArgs;
use crate::counter::Counter;
use crate::house::Houses;
use crate::input::Input;
use crate::notebook;
use crate::output;
use crate::render::question as render;
use anyhow::{Context, Result, ensure};
use neatframe_core::{Interview, Question, Source};
use std::io::{BufRead, IsTerminal, Write};
use std::process::ExitCode;

pub(super) fn run(args: &AskArgs) -> Result<ExitCode> {
    let counter = Counter::default();
    let mut interview = begun(args, &counter)?;
    if args.questions {
        output::raw(&render::json(&interview.open())?)?;
        return Ok(ExitCode::SUCCESS);
    }
    // Given answers are all there is to say; nobody is asked for more.
    let ended = if args.answers.is_none() { talk(args, &mut interview) } else { Ok(()) };
    // Whatever went wrong meanwhile, the answers so far make a prompt.
    let prompt = interview.prompt();
    output::raw(&prompt)?;
    ended?;
    ensure!(!prompt.is_empty(), "no answer was given, so there is no prompt");
    Ok(ExitCode::SUCCESS)
}

fn begun(args: &AskArgs, counter: &Counter) -> Result<Interview> {
    let input = args.path.as_deref().map(Input::from_path);
    let draft = match &input {
        Some(input) => {
            ensure!(*input != Input::Stdin, "the draft comes from a file; standard input is for the answers");
            let source: Source =
                input.read(args.work.read_as).with_context(|| output::visible(&input.name()))?;
            ensure!(
                source.messages().is_empty(),
                "{}: is a message list; ask about one message in a file of its own",
                output::visible(&input.name())
            );
            source.text()[source.body_start()..].to_string()
        }
        None => String::new(),
    };
    let settings = Houses::new(&args.work, counter).settings(&input.unwrap_or(Input::Stdin))?;
    let mut interview = Interview::new(&draft, settings.as_ref().clone());
    if let Some(path) = &args.answers {
        notebook::read(path, &mut interview)?;
    }
    if let Some(path) = args.notebook.as_ref().filter(|path| path.exists()) {
        notebook::read(path, &mut interview)?;
    }
    Ok(interview)
}

/// One question at a time, until none is open, the person stops or the input ends.
fn talk(args: &AskArgs, interview: &mut Interview) -> Result<()> {
    let person = std::io::stdin().is_terminal();
    let colour = anstream::AutoStream::choice(&std::io::stderr()) != anstream::ColorChoice::Never;
    let width = output::terminal().1;
    if person {
        anstream::eprint!("{}", render::greeting(interview.steps().len(), colour));
    }
    let mut lines = std::io::stdin().lock().lines();
    while let Some(question) = interview.open().into_iter().next() {
        let asked = interview.steps().len() + 1;
        let most = asked + interview.open().len() - 1;
        if person {
            anstream::eprint!("{}", render::question(&question, (asked, most), colour, width));
            std::io::stderr().flush()?;
        }
        let Some(reply) = reply(&mut lines)? else { break };
        match reply.trim() {
            ":stop" => break,
            ":back" => {
                if !interview.back() && person {
                    anstream::eprintln!("this is the first question");
                }
            }
            words => take(interview, &question, words),
        }
        // Kept after each answer, so that a closed terminal loses none.
        if let Some(path) = &args.notebook {
            notebook::write(path, interview)?;
        }
    }
    if person {
        anstream::eprintln!();
    }
    Ok(())
}

fn take(interview: &mut Interview, question: &Question, words: &str) {
    if words.is_empty() || words == ":skip" {
        interview.skip(question.part)
    } else {
        interview.answer(question.part, words)
    }
}

/// One answer; a line that ends in a backslash goes on in the next. `None` at the end of the input.
fn reply(lines: &mut impl Iterator<Item = std::io::Result<String>>) -> Result<Option<String>> {
    let mut whole: Option<String> = None;
    for line in lines.by_ref() {
        let line = line.context("the answers cannot be read")?;
        let so_far = whole.get_or_insert_default();
        match line.strip_suffix('\\') {
            Some(head) => {
                so_far.push_str(head);
                so_far.push('\n');
            }
            None => {
                so_far.push_str(&line);
                return Ok(whole);
            }
        }
    }
    Ok(whole)
}
