//! The command line.

use clap::{Args as ClapArgs, Parser, Subcommand, ValueEnum};
use std::path::PathBuf;

mod writing;

pub(crate) use writing::{AskArgs, CompareArgs, FillArgs, Layout, ListAs, NotesAs, ReframeArgs};

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
    /// Message lists where the name ends in .json, .jsonl or .yaml, or standard input holds one in JSON; else text
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
