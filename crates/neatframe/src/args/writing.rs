//! The options of the commands that write prompts: reframe, ask, compare, fill.

use super::{ReadAs, WorkArgs};
use clap::{Args as ClapArgs, ValueEnum};
use std::path::PathBuf;

/// Print a restructured prompt, ready to paste, and say what was changed and why
#[derive(Debug, ClapArgs)]
#[command(after_help = REFRAME_HELP)]
pub(crate) struct ReframeArgs {
    /// The prompt file; `-` reads standard input; several are joined into one prompt
    #[arg(required = true, value_name = "PATH")]
    pub(crate) paths: Vec<PathBuf>,
    /// How sections are marked, instead of the author's way
    #[arg(long, value_enum, value_name = "LAYOUT")]
    pub(crate) layout: Option<Layout>,
    /// For targets that want a bare goal and few rules: cut more, offer nothing
    #[arg(long)]
    pub(crate) lean: bool,
    /// Leave out the slots with questions for what is absent
    #[arg(long)]
    pub(crate) no_questions: bool,
    /// Leave out the safe lines that the kind of work nearly always needs
    #[arg(long)]
    pub(crate) no_offers: bool,
    /// Feedback in plain words, such as "at most 60 words": what it stands against is replaced; may be given several times
    #[arg(long, value_name = "WORDS")]
    pub(crate) wish: Vec<String>,
    /// Show the change as a diff instead of the prompt
    #[arg(long, conflicts_with = "in_place")]
    pub(crate) diff: bool,
    /// Write the new prompt into the file
    #[arg(long)]
    pub(crate) in_place: bool,
    /// With --in-place: keep the old prompt beside it, as NAME.before
    #[arg(long, requires = "in_place")]
    pub(crate) keep: bool,
    /// Write the change notes to this file instead of standard error (`-`)
    #[arg(long, value_name = "FILE")]
    pub(crate) notes: Option<PathBuf>,
    /// How to write the change notes
    #[arg(long, value_enum, default_value_t = NotesAs::List, value_name = "FORM")]
    pub(crate) notes_as: NotesAs,
    /// Add a word for whoever will use the prompt: what to fill in, what is sent along, what comes back
    #[arg(long)]
    pub(crate) usage: bool,
    #[command(flatten)]
    pub(crate) work: WorkArgs,
}

/// How sections are marked.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum, serde::Deserialize)]
#[serde(rename_all = "lowercase")]
pub(crate) enum Layout {
    /// `# Task`
    Headings,
    /// `<task>` and `</task>`
    Tags,
    /// `Task:` on a line of its own
    Labels,
    /// Paragraphs with no marks
    Plain,
}

impl Layout {
    /// As the core knows it.
    pub(crate) fn core(self) -> neatframe_core::Layout {
        match self {
            Layout::Headings => neatframe_core::Layout::Headings,
            Layout::Tags => neatframe_core::Layout::Tags,
            Layout::Labels => neatframe_core::Layout::Labels,
            Layout::Plain => neatframe_core::Layout::Plain,
        }
    }
}

/// How the change notes are written.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum NotesAs {
    /// One change after the other, with its reason
    List,
    /// One JSON object
    Json,
    /// The old prompt and the new one beside each other
    Side,
}

const REFRAME_HELP: &str = "\
Examples:
  neatframe reframe notice.txt > better.txt
  neatframe reframe notice.txt --diff
  neatframe reframe notice.txt --in-place --keep
  neatframe reframe notice.txt --layout tags --wish \"at most 60 words\"
  neatframe reframe role.txt rules.txt > joined.txt
  pbpaste | neatframe reframe - | pbcopy

The prompt alone goes to standard output; the change notes go to standard error.
Every word of the source is kept, or a note names its removal and the reason.
In a message list each system and user message is restructured in its place.

Exit codes:
  0  done
  2  the prompt could not be read, or something could not be written";

/// Ask what a prompt still needs, one question at a time, and print the prompt that the answers make
#[derive(Debug, ClapArgs)]
#[command(after_help = ASK_HELP)]
pub(crate) struct AskArgs {
    /// A draft to start from; without one the interview starts from nothing
    #[arg(value_name = "PATH")]
    pub(crate) path: Option<PathBuf>,
    /// Take the answers from this TOML file and ask nothing
    #[arg(long, value_name = "FILE")]
    pub(crate) answers: Option<PathBuf>,
    /// Keep the answers in this file, and resume from it where it is there already
    #[arg(long, value_name = "FILE", conflicts_with = "answers")]
    pub(crate) notebook: Option<PathBuf>,
    /// Print the questions that are open as a JSON list, and stop
    #[arg(long)]
    pub(crate) questions: bool,
    #[command(flatten)]
    pub(crate) work: WorkArgs,
}

const ASK_HELP: &str = "\
Examples:
  neatframe ask > notice.txt
  neatframe ask draft.txt --notebook notice.toml > notice.txt
  neatframe ask draft.txt --questions
  neatframe ask --answers notice.toml
  printf '%s\\n' 'Write the winter notice.' '' ':stop' | neatframe ask

The prompt goes to standard output, the questions to standard error. Where standard input is no terminal,
each line is an answer; an empty one leaves its question out. Answers are in the file by part:
[answers], then task = \"Write the winter notice.\"

Exit codes:
  0  done
  2  no answer was given, or something could not be read or written";

/// Show what changed between versions of a prompt: sentences, requirements, findings, tokens
#[derive(Debug, ClapArgs)]
#[command(after_help = COMPARE_HELP)]
pub(crate) struct CompareArgs {
    /// The versions, oldest first; of two the changes are shown, of more a table
    #[arg(required = true, num_args = 2.., value_name = "PATH")]
    pub(crate) paths: Vec<PathBuf>,
    /// How to show them
    #[arg(long, value_enum, default_value_t = ListAs::Text)]
    pub(crate) format: ListAs,
    /// A price list in TOML, for what a call costs; docs/tokens.md describes it
    #[arg(long, value_name = "FILE")]
    pub(crate) prices: Option<PathBuf>,
    #[command(flatten)]
    pub(crate) work: WorkArgs,
}

const COMPARE_HELP: &str = "\
Examples:
  neatframe compare notice.txt better.txt
  neatframe compare v1.md v2.md v3.md --prices prices.toml
  neatframe reframe notice.txt 2>/dev/null | neatframe compare notice.txt - --format json

A sentence that only stands elsewhere is moved; one with other words is reworded, and its words are shown.

Exit codes:
  0  done
  2  something could not be read";

/// Put values into the slots of a prompt, once or for each row of a table
#[derive(Debug, ClapArgs)]
#[command(after_help = FILL_HELP)]
pub(crate) struct FillArgs {
    /// The prompt file; `-` reads standard input
    #[arg(value_name = "PATH")]
    pub(crate) path: PathBuf,
    /// A value for a slot, or `NAME=@FILE` for what a file holds; may be given several times
    #[arg(long, value_name = "NAME=VALUE")]
    pub(crate) set: Vec<String>,
    /// Rows of values: .json, .jsonl or .csv
    #[arg(long, value_name = "FILE")]
    pub(crate) from: Option<PathBuf>,
    /// Write a file a row into this folder
    #[arg(long, value_name = "DIR")]
    pub(crate) to: Option<PathBuf>,
    /// List the slots instead: what the prompt says of each, where it first stands, and how many tokens its value takes
    #[arg(long)]
    pub(crate) list: bool,
    /// How to show the list
    #[arg(long, value_enum, default_value_t = ListAs::Text, requires = "list")]
    pub(crate) format: ListAs,
    /// How tokens are counted, as for `neatframe tokens`
    #[arg(long, value_name = "NAME")]
    pub(crate) vocabulary: Option<String>,
    /// How to read the file
    #[arg(long, value_enum, default_value_t = ReadAs::Auto, value_name = "FORM")]
    pub(crate) read_as: ReadAs,
}

/// How a list is shown.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum ListAs {
    /// A table
    Text,
    /// A JSON list
    Json,
}

const FILL_HELP: &str = "\
Examples:
  neatframe fill notice.txt --list
  neatframe fill notice.txt --set boat=Merle --set log=@log.txt
  neatframe fill notice.txt --from rows.csv > prompts.jsonl
  neatframe fill notice.txt --from rows.jsonl --to filled/

One row prints the prompt; several print a JSON object a line, with `row` and `prompt`.
A value is never read for slots, and cannot close the tag or fence around its slot.

Exit codes:
  0  done
  2  a slot without a value, a value without a slot, or something could not be read or written";
