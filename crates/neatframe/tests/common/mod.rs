//! Drives the built program on files in a temporary folder.
#![allow(dead_code, clippy::unwrap_used)]

use assert_cmd::Command;
use std::path::{Path, PathBuf};
use tempfile::TempDir;

/// What one call printed, and how it ended.
pub(crate) struct Run {
    pub(crate) code: i32,
    pub(crate) out: String,
    pub(crate) err: String,
}

/// A folder with files, in which the program is called.
pub(crate) struct Folder(TempDir);

impl Folder {
    pub(crate) fn new() -> Folder {
        Folder(tempfile::tempdir().unwrap())
    }

    /// A new folder with the demo prompts in it.
    pub(crate) fn with_demo() -> Folder {
        let folder = Folder::new();
        let run = folder.run(&["demo", "--to", "."]);
        assert_eq!(run.code, 0, "{}", run.err);
        folder
    }

    pub(crate) fn path(&self) -> &Path {
        self.0.path()
    }

    pub(crate) fn file(&self, name: &str, bytes: impl AsRef<[u8]>) -> PathBuf {
        let path = self.0.path().join(name);
        std::fs::create_dir_all(path.parent().unwrap()).unwrap();
        std::fs::write(&path, bytes).unwrap();
        path
    }

    #[track_caller]
    pub(crate) fn run(&self, args: &[&str]) -> Run {
        self.run_with(args, "")
    }

    #[track_caller]
    pub(crate) fn run_with(&self, args: &[&str], stdin: &str) -> Run {
        let output = Command::cargo_bin("neatframe")
            .unwrap()
            .current_dir(self.path())
            .args(args)
            .env("COLUMNS", "90")
            .env("NO_COLOR", "1")
            .write_stdin(stdin)
            .output()
            .unwrap();
        Run {
            code: output.status.code().expect("the program ends by itself"),
            out: String::from_utf8(output.stdout).unwrap(),
            err: String::from_utf8(output.stderr).unwrap(),
        }
    }
}
