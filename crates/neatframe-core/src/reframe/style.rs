//! How sections are marked.

use super::Layout;
use crate::outline::Mark;
use crate::review::Review;

/// How the author marks sections, so that a new one looks like the others.
pub(super) enum Style {
    Heading(u8),
    Bold,
    Capitals,
    /// A short line of its own.
    Line,
    Label,
    Tag,
    /// No mark at all.
    Plain,
}

impl From<Layout> for Style {
    fn from(layout: Layout) -> Style {
        match layout {
            Layout::Headings => Style::Heading(1),
            Layout::Tags => Style::Tag,
            Layout::Labels => Style::Label,
            Layout::Plain => Style::Plain,
        }
    }
}

impl Style {
    /// A section with its title and body.
    pub(super) fn section(&self, title: &str, body: &str, newline: &str) -> String {
        match self {
            Style::Heading(level) => format!("{} {title}{newline}{body}", "#".repeat(usize::from(*level))),
            Style::Bold => format!("**{title}**{newline}{body}"),
            Style::Line => format!("{title}{newline}{body}"),
            Style::Capitals => format!("{}{newline}{body}", title.to_uppercase()),
            Style::Label if body.contains(newline) => format!("{title}:{newline}{body}"),
            Style::Label => format!("{title}: {body}"),
            Style::Plain => body.to_string(),
            Style::Tag => {
                let name = title.to_lowercase().replace(' ', "_");
                format!("<{name}>{newline}{body}{newline}</{name}>")
            }
        }
    }
}

/// The style of the author's own sections.
pub(super) fn section_style(review: &Review) -> Style {
    let outline = review.outline();
    let first = outline.sections.iter().skip(1).find(|section| section.parent == Some(0));
    // A few lines with no titles get a label, not the only headings.
    let Some(section) = first else { return Style::Label };
    match section.mark {
        Mark::Heading(_) => {
            let level = outline
                .sections
                .iter()
                .filter_map(|s| if let Mark::Heading(level) = s.mark { Some(level) } else { None });
            // The commonest level among sections, not that of a lone document title.
            let levels: Vec<u8> = level.collect();
            let commonest =
                (1..=6).max_by_key(|level| levels.iter().filter(|l| *l == level).count()).unwrap_or(1);
            Style::Heading(commonest)
        }
        Mark::Tag => Style::Tag,
        Mark::Label => Style::Label,
        Mark::Title => {
            let lead =
                outline.pieces.get(section.first).map_or("", |piece| review.source().slice(piece.lead));
            if lead.starts_with("**") || lead.starts_with("__") {
                Style::Bold
            } else if lead.chars().any(char::is_lowercase) {
                Style::Line
            } else {
                Style::Capitals
            }
        }
        Mark::Rule | Mark::Root | Mark::Message(_) => Style::Heading(1),
    }
}
