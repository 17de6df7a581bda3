//! The machine-readable review. Its shape is a contract: fields are added, never changed.

use crate::command::Reviewed;
use anyhow::Result;
use neatframe_core::{Component, Finding, Layer, Part as Of, Requirement, Review, Span};
use serde::Serialize;

#[derive(Serialize)]
struct Failure<'a> {
    path: &'a str,
    error: String,
}

/// All offsets are bytes into the file as it is on disk; lines and columns count from 1, columns in characters.
#[derive(Serialize)]
struct Document<'a> {
    path: &'a str,
    frame: &'a str,
    /// The kind of work, with the words that show it; null when none is evident.
    kind: Option<Kind>,
    /// The language when it is not English, else null.
    language: Option<&'static str>,
    /// How much of what the frame asks for is there, 0 to 100.
    coverage: u32,
    parts: Vec<Part>,
    missing: Vec<&'static str>,
    /// What it demands, sorted by place.
    requirements: Vec<Stated>,
    findings: Vec<Remark<'a>>,
    tokens: Tokens<'a>,
    /// What the prompt is sent with.
    layers: Vec<Sent<'a>>,
    /// How many findings the house has accepted; they are not listed.
    accepted: usize,
}

#[derive(Serialize)]
struct Sent<'a> {
    path: &'a str,
    tokens: usize,
    /// The components that it supplies.
    supplies: Vec<&'static str>,
}

#[derive(Serialize)]
struct Kind {
    name: String,
    evidence: Vec<Place>,
}

#[derive(Serialize)]
struct Part {
    component: &'static str,
    /// Who says it, in a message list.
    #[serde(skip_serializing_if = "Option::is_none")]
    speaker: Option<&'static str>,
    start: usize,
    end: usize,
}

#[derive(Serialize)]
struct Stated {
    /// `reply`, `each bullet`, `title`.
    subject: String,
    /// The kind of demand: `amount`, `manner`, `omit`.
    kind: &'static str,
    /// The demand in words: `at most 80 words`.
    demand: String,
    /// True when it holds at times only.
    conditional: bool,
    start: usize,
    end: usize,
}

#[derive(Serialize)]
struct Remark<'a> {
    check: &'static str,
    family: &'static str,
    severity: &'static str,
    message: &'a str,
    start: usize,
    end: usize,
    line: usize,
    column: usize,
    related: Vec<Place>,
    why: &'static str,
    write: &'a str,
    /// The edits that mend it, or null when only a person can.
    fix: Option<Vec<Change<'a>>>,
}

#[derive(Serialize)]
struct Place {
    start: usize,
    end: usize,
}

#[derive(Serialize)]
struct Change<'a> {
    start: usize,
    end: usize,
    replacement: &'a str,
}

#[derive(Serialize)]
struct Tokens<'a> {
    encoding: &'a str,
    exact: bool,
    total: usize,
    by_component: std::collections::BTreeMap<&'static str, usize>,
}

/// The one object's opening, up to its first document.
pub(crate) const HEAD: &str = "{\n  \"schema\": \"neatframe.review/1\",\n  \"documents\": [\n";

/// One document of the list, indented to its place.
pub(crate) fn document(reviewed: &Reviewed) -> Result<String> {
    let mut out = Indented(b"    ".to_vec());
    serde_json::to_writer_pretty(&mut out, &described(&reviewed.name, &reviewed.review, reviewed.accepted))?;
    Ok(String::from_utf8(out.0)?)
}

/// The object's end, with what could not be reviewed.
pub(crate) fn tail(failed: &[(String, anyhow::Error)]) -> Result<String> {
    let errors: Vec<Failure<'_>> =
        failed.iter().map(|(path, error)| Failure { path, error: format!("{error:#}") }).collect();
    let errors = serde_json::to_string_pretty(&errors)?.replace('\n', "\n  ");
    Ok(format!("\n  ],\n  \"errors\": {errors}\n}}\n"))
}

/// Takes lines and sets each to the depth of a document, so that a long review is held once.
struct Indented(Vec<u8>);

impl std::io::Write for Indented {
    fn write(&mut self, bytes: &[u8]) -> std::io::Result<usize> {
        if !bytes.contains(&b'\n') {
            self.0.extend_from_slice(bytes);
            return Ok(bytes.len());
        }
        for part in bytes.split_inclusive(|byte| *byte == b'\n') {
            self.0.extend_from_slice(part);
            if part.ends_with(b"\n") {
                self.0.extend_from_slice(b"    ");
            }
        }
        Ok(bytes.len())
    }

    fn flush(&mut self) -> std::io::Result<()> {
        Ok(())
    }
}

/// The answer to one line of a stream.
#[derive(Serialize)]
struct Answer<'a> {
    line: usize,
    /// The `id` of the object on that line, given back as it is.
    #[serde(skip_serializing_if = "Option::is_none")]
    id: Option<&'a serde_json::Value>,
    #[serde(flatten)]
    review: Document<'a>,
}

/// The review of one line of a stream, on one line.
pub(crate) fn line(number: usize, id: Option<&serde_json::Value>, review: &Review) -> Result<String> {
    Ok(serde_json::to_string(&Answer { line: number, id, review: described("-", review, 0) })?)
}

/// What is said of a line that could not be reviewed.
pub(crate) fn line_error(number: usize, error: &str) -> String {
    serde_json::json!({ "line": number, "error": error }).to_string()
}

fn described<'a>(path: &'a str, review: &'a Review, accepted: usize) -> Document<'a> {
    let ledger = review.ledger();
    let mut by_component: std::collections::BTreeMap<&'static str, usize> =
        Component::ALL.iter().map(|c| (c.id(), ledger.by_component[c.index()])).collect();
    by_component.insert("none", ledger.marks);
    Document {
        path,
        frame: &review.frame().name,
        kind: review.kind().map(|kind| Kind {
            name: kind.name.to_string(),
            evidence: kind.evidence.iter().map(|span| place(review, *span)).collect(),
        }),
        language: review.language(),
        coverage: review.coverage(),
        parts: review
            .parts()
            .iter()
            .map(|part| {
                let Place { start, end } = place(review, part.span);
                let component = part.component.map_or("none", Component::id);
                Part { component, speaker: speaker(review, part.span), start, end }
            })
            .collect(),
        missing: review.missing().into_iter().map(Component::id).collect(),
        requirements: review.requirements().iter().map(|rule| stated(review, rule)).collect(),
        findings: review.findings().iter().map(|finding| remark(review, finding)).collect(),
        tokens: Tokens { encoding: &ledger.encoding, exact: ledger.exact, total: ledger.total, by_component },
        layers: review.layers().iter().map(sent).collect(),
        accepted,
    }
}

fn sent(layer: &Layer) -> Sent<'_> {
    let supplied = Component::ALL.into_iter().filter(|component| layer.supplies(Of::Component(*component)));
    Sent { path: layer.name(), tokens: layer.tokens(), supplies: supplied.map(Component::id).collect() }
}

fn stated(review: &Review, rule: &Requirement) -> Stated {
    let Place { start, end } = place(review, rule.span);
    let (kind, demand) = (rule.demand.id(), rule.demand.shown());
    Stated { subject: rule.subject.name(), kind, demand, conditional: rule.conditional, start, end }
}

fn place(review: &Review, span: Span) -> Place {
    let span = review.source().on_disk(span);
    Place { start: span.start(), end: span.end() }
}

fn speaker(review: &Review, span: Span) -> Option<&'static str> {
    let messages = review.source().messages();
    let after = messages.partition_point(|message| message.span.start() <= span.start());
    after.checked_sub(1).map(|index| messages[index].speaker.id())
}

fn remark<'a>(review: &Review, finding: &'a Finding) -> Remark<'a> {
    let position = review.source().position(finding.span.start());
    let change = |edit: &'a neatframe_core::Edit| {
        let Place { start, end } = place(review, edit.span);
        Change { start, end, replacement: &edit.replacement }
    };
    let Place { start, end } = place(review, finding.span);
    Remark {
        check: finding.check,
        family: finding.family.id(),
        severity: finding.severity.id(),
        message: &finding.message,
        start,
        end,
        line: position.line,
        column: position.column,
        related: finding.related.iter().map(|span| place(review, *span)).collect(),
        why: finding.why,
        write: &finding.write,
        // In a message list the replacement would have to be escaped as the file's form asks.
        fix: (!finding.fix.is_empty() && review.source().messages().is_empty())
            .then(|| finding.fix.iter().map(change).collect()),
    }
}
