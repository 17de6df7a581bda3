//! `neatframe review --stream`: one JSON object a line in, one a line out, in order.

use crate::counter::Counter;
use crate::messages::{self, Form};
use crate::output;
use crate::render::json;
use anyhow::{Context, Result, bail};
use neatframe_core::{Settings, Source, review};
use rayon::prelude::*;
use serde_json::Value;
use std::io::{BufRead, Write};
use std::process::ExitCode;

/// Lines that are reviewed at once: enough to keep the cores busy, few enough to keep memory level.
const AT_ONCE: usize = 128;
/// Bytes that are held at once, whatever the number of lines.
const BYTES: usize = 4 << 20;

pub(super) fn run(settings: &Settings, counter: &Counter) -> Result<ExitCode> {
    let mut lines = std::io::stdin().lock();
    let mut out = std::io::BufWriter::new(std::io::stdout().lock());
    let (mut number, mut failed) = (0, false);
    loop {
        let mut batch: Vec<Vec<u8>> = Vec::new();
        let mut held = 0;
        while batch.len() < AT_ONCE && held < BYTES {
            let mut line = Vec::new();
            if lines.read_until(b'\n', &mut line).context("standard input cannot be read")? == 0 {
                break;
            }
            held += line.len();
            batch.push(line);
        }
        if batch.is_empty() {
            break;
        }
        let answers: Vec<(String, bool)> = batch
            .par_iter()
            .enumerate()
            .map(|(at, line)| answer(number + at + 1, line, settings, counter))
            .collect();
        for (text, good) in answers {
            failed |= !good;
            out.write_all(text.as_bytes())?;
        }
        // Whoever reads along gets whole batches at once.
        out.flush()?;
        number += batch.len();
    }
    Ok(ExitCode::from(u8::from(failed)))
}

/// The answer to one line, with its line end; false when it could not be reviewed. An empty line gets no answer.
fn answer(number: usize, line: &[u8], settings: &Settings, counter: &Counter) -> (String, bool) {
    if line.trim_ascii().is_empty() {
        return (String::new(), true);
    }
    let made = || -> Result<String> {
        let value: Value = serde_json::from_slice(line).context("not JSON")?;
        let source = source(&value, line)?;
        json::line(number, value.get("id"), &review(source, settings, counter))
    };
    match made() {
        Ok(text) => (text + "\n", true),
        Err(error) => (json::line_error(number, &output::visible(&format!("{error:#}"))) + "\n", false),
    }
}

/// The prompt of an object: `{"prompt": "…"}`, or `{"messages": [{"role": …, "content": …}]}`. Offsets are bytes into the
/// prompt, or into the line where it holds messages.
fn source(value: &Value, line: &[u8]) -> Result<Source> {
    if let Some(prompt) = value.get("prompt").and_then(Value::as_str) {
        return Ok(Source::from_bytes(prompt.as_bytes().to_vec())?);
    }
    if value.get("messages").is_none() {
        bail!(
            "wants an object with `prompt`, a text, or `messages`, a list of objects with `role` and `content`"
        );
    }
    messages::read(Source::from_bytes(line.to_vec())?, Form::Json)
}
