//! The command line.

use clap::{Args as ClapArgs, Parser, Subcommand, ValueEnum};
use std::path::PathBuf;

/// Reviews prompts written for large language models, and restructures them. Works offline; no model is needed.
#[derive(Debug, Parser)]
#[command(name = "neatframe", version, arg_required_else_help = true, max_term_width = 100)]
pub(crate) struct Args {
    #[command(subcommand)]
    pub(crate) command: Command,
}

#[derive(Debug, Subcommand)]
pub(crate) enum Command {
    Review(ReviewArgs),
    Reframe(ReframeArgs),
    Ask(AskArgs),
    Compare(CompareArgs),
    Fill(FillArgs),
    Frames(FramesArgs),
    Checks(ChecksArgs),
    Tokens(TokensArgs),
    Demo(DemoArgs),
}

/// Show what a prompt has and lacks, what is wrong with its wording, and what it costs in tokens
#[derive(Debug, ClapArgs)]
#[command(after_help = REVIEW_HELP)]
pub(crate) struct ReviewArgs {
    /// Prompt files or folders; `-` reads standard input
    #[arg(required_unless_present = "stream", value_name = "PATH")]
    pub(crate) paths: Vec<PathBuf>,
    /// Read one JSON object a line from standard input, with its `prompt` or `messages`, and answer each with one line
    #[arg(long, conflicts_with_all = ["paths", "fix", "accept", "evidence", "requirements"])]
    pub(crate) stream: bool,
    /// How to show the review
    #[arg(long, value_enum, default_value_t = Format::Text)]
    pub(crate) format: Format,
    /// Show, for every unit, the component it was taken for and why
    #[arg(long)]
    pub(crate) evidence: bool,
    /// Show what the prompt demands, rule by rule, as it was understood
    #[arg(long, conflicts_with = "evidence")]
    pub(crate) requirements: bool,
    /// Apply the edits that are certain, and say what was done
    #[arg(long)]
    pub(crate) fix: bool,
    /// With --fix: show the change and write nothing
    #[arg(long, requires = "fix")]
    pub(crate) dry_run: bool,
    /// Accept the findings that are left: they are kept beside the house's rules and not shown again
    #[arg(long, conflicts_with = "fix")]
    pub(crate) accept: bool,
    #[command(flatten)]
    pub(crate) work: WorkArgs,
    /// The least severity that makes the exit code 1
    #[arg(long, value_enum, default_value_t = FailAt::Warning, value_name = "LEVEL")]
    pub(crate) fail_at: FailAt,
}

const REVIEW_HELP: &str = "\
Examples:
  neatframe review notice.txt
  neatframe review prompts/ --fail-at error
  pbpaste | neatframe review -
  neatframe review --format json prompts/*.md > review.json
  neatframe review notice.txt --with house-style.md
  neatframe review notice.txt --kind summarising
  neatframe review chat.json
  neatframe review --fix --dry-run notice.txt
  neatframe review --accept prompts/
  neatframe review --stream < prompts.jsonl > reviews.jsonl

The rules of the house are in neatframe.toml, found upward from each prompt; docs/house.md describes it.
Folders are searched for .txt, .md, .markdown, .prompt and .xml files, and for message lists
(a role and a content each) in .json, .jsonl and .yaml files.

Exit codes:
  0  nothing at or above the failing level
  1  findings at or above the failing level
  2  something could not be read or done; the other files were still reviewed";

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
    /// Write the change notes to this file instead of standard error
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

/// Review and restructure the made-up prompts of Larkhaven Ferries, or write them to a folder
#[derive(Debug, ClapArgs)]
#[command(after_help = DEMO_HELP)]
pub(crate) struct DemoArgs {
    /// Write the demo prompts into this folder and stop
    #[arg(long, value_name = "DIR")]
    pub(crate) to: Option<PathBuf>,
}

const DEMO_HELP: &str = "\
Examples:
  neatframe demo
  neatframe demo --to play && neatframe review play/

Exit codes:
  0  done
  2  the folder could not be written";

/// What kind of work a prompt is for, and which frames serve it.
#[derive(Debug, ClapArgs)]
pub(crate) struct WorkArgs {
    /// The kind of work, instead of what the prompt's words say; `neatframe frames` lists them
    #[arg(long, value_name = "KIND")]
    pub(crate) kind: Option<String>,
    /// A file with frames of your own, which come before the built-in ones
    #[arg(long, value_name = "FILE")]
    pub(crate) frames: Option<PathBuf>,
    /// A file that is sent along: standing preferences, project notes; may be given several times
    #[arg(long, value_name = "FILE")]
    pub(crate) with: Vec<PathBuf>,
    /// The rules of the house, instead of the nearest neatframe.toml upward from the prompt
    #[arg(long, value_name = "FILE")]
    pub(crate) house: Option<PathBuf>,
    /// Leave the rules of the house aside
    #[arg(long, conflicts_with = "house")]
    pub(crate) no_house: bool,
    /// How tokens are counted: o200k_base, cl100k_base, the path of a tokenizer.json, or estimate:1.15 where none is public
    #[arg(long, value_name = "NAME")]
    pub(crate) vocabulary: Option<String>,
    /// How to read the files
    #[arg(long, value_enum, default_value_t = ReadAs::Auto, value_name = "FORM")]
    pub(crate) read_as: ReadAs,
}

/// How a prompt file is read.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum ReadAs {
    /// Message lists where the name ends in .json, .jsonl or .yaml, else text
    Auto,
    /// The words as they stand
    Text,
    /// A list of messages, each with a role and a content
    Messages,
}

/// List the frames: what each kind of work needs of a prompt, and what to ask when it is absent
#[derive(Debug, ClapArgs)]
#[command(after_help = FRAMES_HELP)]
pub(crate) struct FramesArgs {
    /// The frame to show with its questions
    #[arg(value_name = "NAME")]
    pub(crate) name: Option<String>,
    /// A file with frames of your own
    #[arg(long, value_name = "FILE")]
    pub(crate) frames: Option<PathBuf>,
}

const FRAMES_HELP: &str = "\
Examples:
  neatframe frames
  neatframe frames extraction
  neatframe frames --frames house.toml

Exit codes:
  0  done
  2  no such frame, or the file could not be read";

/// List the checks: what each finds, why that matters, what to write instead
#[derive(Debug, ClapArgs)]
#[command(after_help = CHECKS_HELP)]
pub(crate) struct ChecksArgs {
    /// The check to show with its samples
    #[arg(value_name = "ID")]
    pub(crate) id: Option<String>,
    /// Print the check's page as Markdown
    #[arg(long, requires = "id")]
    pub(crate) markdown: bool,
}

const CHECKS_HELP: &str = "\
Examples:
  neatframe checks
  neatframe checks clashing-demands

Exit codes:
  0  done
  2  no such check";

/// Show what each part of a prompt costs in tokens and money, and what would save
#[derive(Debug, ClapArgs)]
#[command(after_help = TOKENS_HELP)]
pub(crate) struct TokensArgs {
    /// Prompt files or folders; `-` reads standard input
    #[arg(required = true, value_name = "PATH")]
    pub(crate) paths: Vec<PathBuf>,
    /// How to show them
    #[arg(long, value_enum, default_value_t = TokensFormat::Text)]
    pub(crate) format: TokensFormat,
    /// A price list in TOML; docs/tokens.md describes it
    #[arg(long, value_name = "FILE")]
    pub(crate) prices: Option<PathBuf>,
    /// Calls a day, for the cost of a day and a month
    #[arg(long, value_name = "NUMBER")]
    pub(crate) calls: Option<u64>,
    /// Tokens that fit the context window, instead of the smallest of the price list
    #[arg(long, value_name = "TOKENS")]
    pub(crate) window: Option<usize>,
    /// The tokens that a slot takes when it is filled; may be given several times
    #[arg(long, value_name = "SLOT=TOKENS", value_parser = fill)]
    pub(crate) fill: Vec<(String, usize)>,
    #[command(flatten)]
    pub(crate) work: WorkArgs,
}

fn fill(text: &str) -> Result<(String, usize), String> {
    let (name, tokens) = text.split_once('=').ok_or("write SLOT=TOKENS, such as message=400")?;
    let tokens = tokens.trim().parse().map_err(|_| format!("`{tokens}` is no number of tokens"))?;
    Ok((name.trim().to_string(), tokens))
}

const TOKENS_HELP: &str = "\
Examples:
  neatframe tokens notice.txt
  neatframe tokens prompts/ --format csv > tokens.csv
  neatframe tokens agent.md --prices prices.toml --calls 2000 --fill message=400

Exit codes:
  0  done
  2  something could not be read; the other files were still counted";

/// Ways to show tokens.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum TokensFormat {
    /// A table with bars for people
    Text,
    /// One JSON object for programs
    Json,
    /// A line a part for spreadsheets
    Csv,
}

/// Ways to show a review.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum Format {
    /// A report for people
    Text,
    /// One JSON object for programs
    Json,
}

/// The least severity that counts as a failure.
#[derive(Clone, Copy, Debug, PartialEq, Eq, ValueEnum)]
pub(crate) enum FailAt {
    /// Any finding
    Note,
    /// Warnings and errors
    Warning,
    /// Errors only
    Error,
    /// Never
    Never,
}
