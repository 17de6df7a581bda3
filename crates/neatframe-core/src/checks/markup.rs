//! Marks that do not close.

use super::{Case, Check, Meta, Sink};
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::outline::Fault;
use crate::span::Span;

/// A tag is opened and not closed, closed and not opened, or crossed with another.
pub(super) struct OpenTag;

static OPEN_TAG: Meta = Meta {
    id: "open-tag",
    family: Family::Markup,
    severity: Severity::Error,
    summary: "a tag without its twin, or tags that cross",
    english: false,
    why: "With an open border, instructions and material run into each other.",
    bad: &[
        "<facts>\nTwo ferries sail.\n\n<ask>\nWrite a notice.\n</ask>",
        "Write a notice.\n</facts>",
        "<a>\n<b>\nx\n</a>\n</b>",
    ],
    good: &[
        "<facts>\nTwo ferries sail.\n</facts>",
        "Put the answer between <answer> and </answer> tags, and call List<String>.",
    ],
};

impl Check for OpenTag {
    fn meta(&self) -> &'static Meta {
        &OPEN_TAG
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for fault in &case.outline.faults {
            match *fault {
                Fault::OpenTag(span) => {
                    let name = case.shown(span);
                    let close = format!("</{}", name[1..].split([' ', '>']).next().unwrap_or_default());
                    sink.report(
                        span,
                        format!("`{name}` is never closed"),
                        format!("close it with `{close}>` where the part ends"),
                    );
                }
                Fault::StrayClose(span) => {
                    let name = case.shown(span);
                    let message = format!("`{name}` closes a tag that was never opened");
                    sink.report(span, message, "open the tag where the part begins, or take this one out");
                }
                Fault::CrossedTags(inner, outer) => {
                    let message =
                        format!("`{}` is still open when `{}` closes", case.shown(inner), case.shown(outer));
                    let finding = sink.report(inner, message, "close the inner tag before the outer one");
                    finding.related.push(outer);
                }
                Fault::OpenFence(_) => {}
            }
        }
    }
}

/// A code fence is never closed.
pub(super) struct OpenFence;

static OPEN_FENCE: Meta = Meta {
    id: "open-fence",
    family: Family::Markup,
    severity: Severity::Error,
    summary: "a code fence that is never closed",
    english: false,
    why: "Everything after an open fence reads as code, the instructions included.",
    bad: &["Sort this log:\n```\n08:10 Merle late\n\nGive the result as a table."],
    good: &["Sort this log:\n```\n08:10 Merle late\n```\nGive the result as a table."],
};

impl Check for OpenFence {
    fn meta(&self) -> &'static Meta {
        &OPEN_FENCE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for fault in &case.outline.faults {
            let Fault::OpenFence(span) = *fault else { continue };
            let opener = case.shown(span);
            let marks: String = opener.chars().take_while(|c| matches!(c, '`' | '~')).collect();
            let lead = case.outline.pieces.iter().position(|piece| piece.text == span).unwrap_or(0);
            let last = case.outline.pieces[lead..]
                .iter()
                .skip(1)
                .take_while(|piece| piece.kind == crate::outline::PieceKind::Code)
                .last();
            let message = format!("the fence `{opener}` is never closed");
            let finding = sink.report(span, message, format!("add a line `{marks}` where the block ends"));
            if let Some(piece) = last {
                let at = Span::new(piece.text.end(), piece.text.end());
                let replacement = format!("{}{marks}", case.source.line_end());
                finding.fix.push(Edit { span: at, replacement });
            }
        }
    }
}
