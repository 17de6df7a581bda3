//! A line of the prompt with the words of a finding marked.

use super::style::{self, paint};
use crate::output::visible;
use neatframe_core::{Source, Span};
use unicode_width::{UnicodeWidthChar, UnicodeWidthStr};

/// The first line of a span, cut to `width` columns around the marked words.
/// With colours the words are underlined; without, a second line marks them.
pub(super) fn marked(source: &Source, span: Span, indent: &str, colour: bool, width: usize) -> String {
    let line = source.line_around(span.start());
    let end = span.end().min(line.end());
    let head = &source.text()[line.start().max(source.body_start())..span.start()];
    let (mut before, mut words, mut after) = (
        visible(head.trim_start()),
        visible(source.slice(Span::clamp(span, line))),
        visible(&source.text()[end..line.end()]),
    );
    let room = width.saturating_sub(indent.width() + 1).max(20);
    cut_end(&mut words, room);
    // A third of what is left goes before the words, the rest after them.
    let rest = room - words.width();
    let lead = rest.saturating_sub(after.width()).max(rest / 3);
    cut_start(&mut before, lead);
    cut_end(&mut after, rest.saturating_sub(before.width()));
    if colour {
        return format!("{indent}{before}{}{after}\n", paint(style::MARKED, &words, true));
    }
    let under = format!("{}{}", " ".repeat(before.width()), "~".repeat(words.width().max(1)));
    format!("{indent}{before}{words}{after}\n{indent}{under}\n")
}

fn cut_end(text: &mut String, room: usize) {
    if text.width() > room {
        let mut kept = String::new();
        let mut columns = 0;
        for c in text.chars() {
            columns += c.width().unwrap_or(0);
            if columns + 1 > room {
                break;
            }
            kept.push(c);
        }
        kept.push('…');
        *text = if room == 0 { String::new() } else { kept };
    }
}

fn cut_start(text: &mut String, room: usize) {
    if text.width() > room {
        let mut reversed: String = text.chars().rev().collect();
        cut_end(&mut reversed, room);
        *text = reversed.chars().rev().collect();
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn shown(text: &str, words: &str, width: usize) -> String {
        let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
        let start = text.find(words).unwrap();
        let span = source.line_around(start);
        let span = Span::within(span, start - span.start(), words.len());
        marked(&source, span, "  ", false, width)
    }

    #[test]
    fn short_lines_are_whole() {
        assert_eq!(
            shown("Keep it short, please.", "short", 60),
            "  Keep it short, please.\n          ~~~~~\n"
        );
    }

    #[test]
    fn long_lines_are_cut_around_the_words() {
        let text = format!("{} nice {}", "before ".repeat(30), "after ".repeat(30));
        let shown = shown(&text, "nice", 50);
        assert!(shown.contains("nice"));
        assert!(shown.lines().all(|line| line.width() <= 50), "{shown}");
        assert!(shown.contains('…'));
    }
}
