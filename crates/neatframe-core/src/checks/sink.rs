//! Where checks put what they find.

use super::{Case, Meta};
use crate::finding::Finding;
use crate::span::Span;

/// Takes what checks report and stamps it with the check's name and weight.
pub(crate) struct Sink<'a> {
    pub(super) meta: &'static Meta,
    pub(super) findings: &'a mut Vec<Finding>,
}

impl Sink<'_> {
    /// Reports that two places ask for what cannot be met together, at the later one, whichever that is.
    pub(crate) fn clash(&mut self, case: &Case<'_>, one: Span, other: Span) {
        let (earlier, later) = (one.min(other), one.max(other));
        let line = case.source.position(earlier.start()).line;
        let (two, one) = (case.shown(later), case.shown(earlier));
        let message = format!("`{two}` and `{one}` (line {line}) cannot both be met");
        self.report(later, message, "keep one of the two, or say when each holds").related.push(earlier);
    }

    pub(crate) fn report(&mut self, span: Span, message: String, write: impl Into<String>) -> &mut Finding {
        self.findings.push(Finding {
            check: self.meta.id,
            family: self.meta.family,
            severity: self.meta.severity,
            span,
            message,
            related: Vec::new(),
            why: self.meta.why,
            write: write.into(),
            fix: Vec::new(),
        });
        let last = self.findings.len() - 1;
        &mut self.findings[last]
    }
}
