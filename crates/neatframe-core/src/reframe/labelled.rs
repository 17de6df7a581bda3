//! A prompt of labelled lines, "Role: …" and "Task: …", under the marks of another layout. Only marks change, no unit does.

use super::Layout;
use super::style::Style;
use crate::outline::{Piece, PieceKind};
use crate::review::Review;

/// The prompt with a section for each labelled line, and the labels; nothing where other lines stand among them, or where the
/// layout marks sections as such lines do.
pub(super) fn sections(read: &Review, layout: Layout) -> Option<(String, Vec<String>)> {
    let style = match layout {
        Layout::Headings | Layout::Tags => Style::from(layout),
        Layout::Labels | Layout::Plain => return None,
    };
    let pieces = &read.outline().pieces;
    let newline = read.source().line_end();
    let mut found: Vec<(String, String)> = Vec::new();
    for (at, piece) in pieces.iter().enumerate() {
        let body = read.source().slice(piece.span).trim_end();
        match piece.kind {
            PieceKind::Blank => {}
            PieceKind::Field if piece.indent == 0 => {
                found.push((label(read, piece)?, behind_label(read, piece).to_string()));
            }
            // A line that goes on, or the items below a label.
            PieceKind::Text | PieceKind::Item { .. } => {
                let parted = at > 0 && pieces[at - 1].kind == PieceKind::Blank;
                let (_, section) = found.last_mut().filter(|_| !parted)?;
                section.push_str(newline);
                section.push_str(body);
            }
            _ => return None,
        }
    }
    if found.len() < LEAST {
        return None;
    }
    let sections: Vec<String> =
        found.iter().map(|(title, body)| style.section(title, body, newline)).collect();
    let text = sections.join(&format!("{newline}{newline}")) + newline;
    Some((text, found.into_iter().map(|(title, _)| title).collect()))
}

/// The fewest labelled lines that are the sections of a prompt.
const LEAST: usize = 3;

/// The label of a line, if it makes a title and a tag.
fn label(read: &Review, piece: &Piece) -> Option<String> {
    let label =
        read.source().slice(piece.lead).trim().trim_matches('*').trim_end_matches(':').trim_matches('*');
    let plain = label.chars().all(|c| c.is_alphanumeric() || matches!(c, ' ' | '_' | '-'));
    (plain && !label.is_empty()).then(|| label.to_string())
}

/// What stands behind the label: of "**Role**: a clerk" and "**Role:** a clerk" the clerk.
fn behind_label<'a>(read: &'a Review, piece: &Piece) -> &'a str {
    let rest = &read.source().text()[piece.lead.end()..piece.text.end()];
    rest.trim_start_matches('*').trim_start_matches(':').trim_start_matches('*').trim()
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::with;
    use crate::reframe::{Layout, Wishes};

    const LINES: &str = "Role: duty officer of a ferry line.\nTask: turn the notes below into one summary.\nLength: 120 words at most.\nAnswer: a heading with the date,\nthen three lines.\n\nNotes: {{notes}}\n";

    fn laid_out(text: &str, layout: Layout) -> String {
        with(text, &Wishes { layout: Some(layout), ask: false, offer: false, ..Wishes::default() }).text
    }

    #[test]
    fn labelled_lines_become_sections() {
        let out = laid_out(LINES, Layout::Headings);
        assert!(out.starts_with("# Role\nduty officer of a ferry line.\n\n# Task\nturn the notes"), "{out}");
        assert!(
            out.contains("# Answer\na heading with the date,\nthen three lines.\n\n# Notes\n{{notes}}"),
            "{out}"
        );
        assert_eq!(laid_out(&out, Layout::Headings), out);
        let tags = laid_out(LINES, Layout::Tags);
        assert!(tags.contains("<length>\n120 words at most.\n</length>"), "{tags}");
    }

    #[test]
    fn other_lines_among_them_stay_as_they_are() {
        assert!(laid_out(LINES, Layout::Labels).contains("Role: duty officer"));
        let mixed = LINES.replace("Length:", "Keep to the log.\n\nName the pier.\n\nLength:");
        assert!(laid_out(&mixed, Layout::Headings).contains("Role: duty officer"), "{mixed}");
    }
}
