//! Finding and reading prompt files.

use crate::args::ReadAs;
use crate::messages::{self, Form};
use anyhow::{Context, Result, anyhow, bail};
use neatframe_core::{LARGEST, Source};
use std::collections::HashSet;
use std::io::Read;
use std::path::{Component, Path, PathBuf};

/// Endings of files that a folder is searched for; those of message lists besides, where they hold roles and contents.
const ENDINGS: [&str; 5] = ["txt", "md", "markdown", "prompt", "xml"];

/// Where a prompt comes from.
#[derive(Clone, Debug, PartialEq, Eq, Hash)]
pub(crate) enum Input {
    Stdin,
    File(PathBuf),
}

impl Input {
    pub(crate) fn from_path(path: &Path) -> Input {
        if path.as_os_str() == "-" { Input::Stdin } else { Input::File(path.to_path_buf()) }
    }

    /// The input whatever way its path is written: `./notice.txt` is `notice.txt`.
    fn plain(&self) -> Input {
        match self {
            Input::Stdin => Input::Stdin,
            Input::File(path) => {
                Input::File(path.components().filter(|part| *part != Component::CurDir).collect())
            }
        }
    }

    /// The name that people and programs see.
    pub(crate) fn name(&self) -> String {
        match self {
            Input::Stdin => "-".into(),
            Input::File(path) => path.display().to_string(),
        }
    }

    /// Reads and checks the prompt. The error says what is wrong, without the name.
    pub(crate) fn read(&self, read_as: ReadAs) -> Result<Source> {
        let file = Source::from_bytes(self.bytes()?)?;
        match read_as {
            ReadAs::Text => Ok(file),
            ReadAs::Messages => {
                let form = self.form().unwrap_or_else(|| Form::guess(file.text()));
                messages::read(file, form)
            }
            ReadAs::Auto => match self.form() {
                Some(form) => messages::read(file, form),
                None if *self == Input::Stdin => Ok(messages::found(&file).unwrap_or(file)),
                None => Ok(file),
            },
        }
    }

    /// The form of message list that the name promises.
    fn form(&self) -> Option<Form> {
        match self {
            Input::Stdin => None,
            Input::File(path) => Form::of(path),
        }
    }

    fn bytes(&self) -> Result<Vec<u8>> {
        match self {
            Input::Stdin => {
                let mut bytes = Vec::new();
                // One byte past the limit is enough to know that it is passed.
                std::io::stdin().lock().take(LARGEST as u64 + 1).read_to_end(&mut bytes)?;
                Ok(bytes)
            }
            Input::File(path) => {
                let meta = std::fs::metadata(path).map_err(|error| plain(&error))?;
                if meta.is_dir() {
                    bail!("is a folder; name a prompt file in it");
                }
                if meta.len() > LARGEST as u64 {
                    bail!(
                        "is {} bytes long; the most that is read is {LARGEST} bytes, so split it",
                        meta.len()
                    );
                }
                std::fs::read(path).map_err(|error| plain(&error))
            }
        }
    }
}

/// The inputs that a call names, folders searched, in the order given; and what could not be searched.
pub(crate) fn find(paths: &[PathBuf]) -> (Vec<Input>, Vec<(String, anyhow::Error)>) {
    let (mut inputs, mut failed) = (Vec::new(), Vec::new());
    // A file that is named twice, or by itself and with its folder, is read once.
    let mut known = HashSet::new();
    for path in paths {
        let found = if path.as_os_str() != "-" && path.is_dir() {
            search(path)
        } else {
            Ok(vec![Input::from_path(path)])
        };
        match found {
            Ok(found) => inputs.extend(found.into_iter().filter(|input| known.insert(input.plain()))),
            Err(error) => failed.push((path.display().to_string(), error)),
        }
    }
    (inputs, failed)
}

fn search(folder: &Path) -> Result<Vec<Input>> {
    let mut found = Vec::new();
    for entry in ignore::WalkBuilder::new(folder).sort_by_file_name(Ord::cmp).build() {
        let entry = entry.context("searching the folder")?;
        let wanted = entry
            .path()
            .extension()
            .and_then(|ending| ending.to_str())
            .is_some_and(|ending| ENDINGS.iter().any(|known| ending.eq_ignore_ascii_case(known)));
        if !entry.file_type().is_some_and(|kind| kind.is_file()) {
            continue;
        }
        // Most files with these endings are no prompts; one that cannot be read is told of later.
        let listed = || {
            Form::of(entry.path()).is_some()
                && std::fs::read(entry.path()).map_or(true, |bytes| messages::may_hold(&bytes))
        };
        if wanted || listed() {
            found.push(Input::File(entry.into_path()));
        }
    }
    if found.is_empty() {
        let endings: Vec<String> = ENDINGS.iter().map(|ending| format!(".{ending}")).collect();
        bail!("no prompt files in this folder (looked for {})", endings.join(", "));
    }
    Ok(found)
}

/// An I/O error in plain words.
fn plain(error: &std::io::Error) -> anyhow::Error {
    match error.kind() {
        std::io::ErrorKind::NotFound => anyhow!("no such file"),
        std::io::ErrorKind::PermissionDenied => anyhow!("no permission to read it"),
        _ => anyhow!("cannot be read: {error}"),
    }
}
