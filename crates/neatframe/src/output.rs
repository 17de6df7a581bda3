//! Writing to the terminal, to pipes and to files.

use anyhow::{Context, Result, bail};
use std::io::Write;
use std::path::Path;

/// True when the reader of our output has gone, which is no fault of ours.
pub(crate) fn is_closed_pipe(error: &anyhow::Error) -> bool {
    error
        .chain()
        .filter_map(|cause| cause.downcast_ref::<std::io::Error>())
        .any(|cause| cause.kind() == std::io::ErrorKind::BrokenPipe)
}

/// Writes text to standard output, colours stripped where they are not wanted.
pub(crate) fn show(text: &str) -> Result<()> {
    let mut out = anstream::stdout().lock();
    out.write_all(text.as_bytes())?;
    out.flush()?;
    Ok(())
}

/// Writes a prompt to standard output byte for byte.
pub(crate) fn raw(text: &str) -> Result<()> {
    let mut out = std::io::stdout().lock();
    out.write_all(text.as_bytes())?;
    out.flush()?;
    Ok(())
}

/// Says on standard error what could not be done with one input.
pub(crate) fn complain(name: &str, error: &anyhow::Error) {
    anstream::eprintln!("neatframe: {}: {}", visible(name), visible(&format!("{error:#}")));
}

/// Writes a file; the error names it.
pub(crate) fn file(path: &Path, text: &str) -> Result<()> {
    std::fs::write(path, text).with_context(|| format!("{}: cannot be written", path.display()))
}

/// Replaces a file in one step: a reader sees the old text or the new one, never a part. Permissions stay.
/// `before` is what the file is expected to hold; nothing is written when it holds something else by now. The error leaves it
/// to the caller to name the file.
pub(crate) fn replace(path: &Path, before: Option<&[u8]>, text: &str) -> Result<()> {
    let name = || "cannot be written; nothing was changed";
    let folder = path.parent().filter(|folder| !folder.as_os_str().is_empty()).unwrap_or(Path::new("."));
    let mut new = tempfile::NamedTempFile::new_in(folder).with_context(name)?;
    new.write_all(text.as_bytes()).with_context(name)?;
    new.as_file().sync_all().with_context(name)?;
    match std::fs::metadata(path) {
        Ok(meta) => std::fs::set_permissions(new.path(), meta.permissions()).with_context(name)?,
        // A new file gets what any new file gets, not the tightness of a temporary one.
        Err(_) => open_to_readers(&new).with_context(name)?,
    }
    if let Some(before) = before {
        let now = std::fs::read(path).with_context(name)?;
        if now != before {
            bail!("has changed since it was read; nothing was written: run it again");
        }
    }
    new.persist(path).with_context(name)?;
    Ok(())
}

#[cfg(unix)]
fn open_to_readers(file: &tempfile::NamedTempFile) -> std::io::Result<()> {
    use std::os::unix::fs::PermissionsExt;
    std::fs::set_permissions(file.path(), std::fs::Permissions::from_mode(0o644))
}

#[cfg(not(unix))]
fn open_to_readers(_: &tempfile::NamedTempFile) -> std::io::Result<()> {
    Ok(())
}

/// Text that is safe for a terminal: control and invisible characters are replaced by visible signs.
pub(crate) fn visible(text: &str) -> String {
    text.chars()
        .map(|c| match c {
            '\t' => ' ',
            '\u{0}'..='\u{1f}' => char::from_u32(0x2400 + c as u32).unwrap_or('·'),
            '\u{7f}' => '␡',
            // C1 controls, zero-width signs, marks that turn the direction of text.
            '\u{80}'..='\u{9f}' | '\u{200b}'..='\u{200f}' | '\u{2028}'..='\u{202e}' => '·',
            '\u{2060}'..='\u{2069}' | '\u{feff}' | '\u{e0000}'..='\u{e007f}' => '·',
            c => c,
        })
        .collect()
}

/// A prompt that is safe for a terminal: its line ends stay, other control characters become visible.
pub(crate) fn printable(text: &str) -> String {
    text.split_inclusive('\n')
        .map(|line| {
            let body = line.trim_end_matches(['\r', '\n']);
            format!("{}{}", visible(body), &line[body.len()..].replace('\r', ""))
        })
        .collect()
}

/// Whether standard output takes colours, and how wide it is.
pub(crate) fn terminal() -> (bool, usize) {
    let colour = anstream::AutoStream::choice(&std::io::stdout()) != anstream::ColorChoice::Never;
    let width = std::env::var("COLUMNS")
        .ok()
        .and_then(|columns| columns.parse().ok())
        .or_else(|| terminal_size::terminal_size().map(|(width, _)| usize::from(width.0)))
        .unwrap_or(90);
    (colour, width.clamp(40, 120))
}

#[cfg(test)]
mod tests {
    use super::{replace, visible};

    #[test]
    fn a_file_that_changed_meanwhile_is_left_alone() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("p.txt");
        std::fs::write(&path, "as it is now").unwrap();
        let error = replace(&path, Some(b"as it was read"), "mended").unwrap_err().to_string();
        assert!(error.contains("has changed since it was read; nothing was written"), "{error}");
        assert_eq!(std::fs::read_to_string(&path).unwrap(), "as it is now");
        replace(&path, Some(b"as it is now"), "mended").unwrap();
        assert_eq!(std::fs::read_to_string(&path).unwrap(), "mended");
        let left = std::fs::read_dir(folder.path()).unwrap().count();
        assert_eq!(left, 1, "no temporary file is left behind");
    }

    #[test]
    fn control_characters_become_visible() {
        assert_eq!(visible("a\u{1b}[31m\tb\u{202e}\u{7f}"), "a␛[31m b·␡");
    }
}
