//! What a check has to say.

use crate::edit::Edit;
use crate::span::Span;

/// The kinds of fault, as people sort them.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Family {
    /// A part that the work needs is absent or thin.
    Missing,
    /// Words that two readers would carry out differently.
    Vague,
    /// A demand that was already made.
    Redundant,
    /// Words that carry nothing.
    Wordy,
    /// Two demands that cannot both be met.
    Conflict,
    /// A prohibition with no way out, or an order put as a wish.
    Phrasing,
    /// A sample that is at odds with the prompt.
    Example,
    /// Numbering, and references to it.
    Steps,
    /// Placeholders.
    Slot,
    /// Headings, tags and fences.
    Markup,
    /// Secrets, private data, unfenced input.
    Exposure,
    /// Tokens and money.
    Cost,
}

impl Family {
    /// The name in machine-readable output.
    pub fn id(self) -> &'static str {
        match self {
            Family::Missing => "missing",
            Family::Vague => "vague",
            Family::Redundant => "redundant",
            Family::Wordy => "wordy",
            Family::Conflict => "conflict",
            Family::Phrasing => "phrasing",
            Family::Example => "example",
            Family::Steps => "steps",
            Family::Slot => "slot",
            Family::Markup => "markup",
            Family::Exposure => "exposure",
            Family::Cost => "cost",
        }
    }
}

/// How much a finding weighs.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Severity {
    /// Worth knowing.
    Note,
    /// Likely to cost answers.
    Warning,
    /// The prompt should not be sent like this.
    Error,
}

impl Severity {
    /// The name in machine-readable output.
    pub fn id(self) -> &'static str {
        match self {
            Severity::Note => "note",
            Severity::Warning => "warning",
            Severity::Error => "error",
        }
    }
}

/// One remark on one place of a prompt.
#[derive(Clone, Debug)]
pub struct Finding {
    /// The check that made it.
    pub check: &'static str,
    /// Its family.
    pub family: Family,
    /// How much it weighs.
    pub severity: Severity,
    /// Where it is; empty and at the end of the text when something is absent.
    pub span: Span,
    /// What is wrong, on one line, the prompt's own words in backticks.
    pub message: String,
    /// Other places that it is about, such as the earlier of two twins.
    pub related: Vec<Span>,
    /// Why that costs answers.
    pub why: &'static str,
    /// What to write instead.
    pub write: String,
    /// The edits that mend it; empty when only a person can.
    pub fix: Vec<Edit>,
}
