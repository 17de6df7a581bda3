//! Colours, and painting text with them.

use anstyle::{AnsiColor, Style};
use neatframe_core::Severity;

pub(crate) const BOLD: Style = Style::new().bold();
pub(crate) const DIM: Style = Style::new().dimmed();
pub(crate) const GOOD: Style = AnsiColor::Green.on_default();
pub(crate) const GONE: Style = AnsiColor::Red.on_default();
pub(crate) const MARKED: Style = AnsiColor::Yellow.on_default().underline();

/// Paints text, or leaves it when there are no colours.
pub(crate) fn paint(style: Style, text: &str, colour: bool) -> String {
    if colour { format!("{style}{text}{style:#}") } else { text.to_string() }
}

pub(crate) fn severity(severity: Severity) -> Style {
    match severity {
        Severity::Error => AnsiColor::Red.on_default().bold(),
        Severity::Warning => AnsiColor::Magenta.on_default().bold(),
        Severity::Note => AnsiColor::Cyan.on_default().bold(),
    }
}
