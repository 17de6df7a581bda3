//! What a single line looks like on its own.

use crate::slots::{leftover_word, names_a_border};
use crate::span::Span;

/// A line without its line end, and where the next one starts.
#[derive(Clone, Copy, Debug)]
pub(super) struct Line {
    pub(super) start: usize,
    pub(super) end: usize,
    pub(super) next: usize,
}

/// Cuts a stretch of a text into lines.
pub(super) fn lines(text: &str, stretch: Span) -> Vec<Line> {
    let text = &text[..stretch.end()];
    let bytes = text.as_bytes();
    let mut lines = Vec::with_capacity(stretch.len() / 50);
    let mut start = stretch.start();
    while start < text.len() {
        let newline = memchr::memchr(b'\n', &bytes[start..]).map(|offset| start + offset);
        let next = newline.map_or(text.len(), |at| at + 1);
        let mut end = newline.unwrap_or(text.len());
        if end > start && bytes[end - 1] == b'\r' {
            end -= 1;
        }
        lines.push(Line { start, end, next });
        start = next;
    }
    lines
}

/// The non-blank middle of a stretch of text, and the width of the white space before it.
pub(super) fn core(text: &str, start: usize, end: usize) -> (Span, u16) {
    let body = &text[start..end];
    let trimmed = body.trim_start();
    let lead = &body[..body.len() - trimmed.len()];
    let indent: usize = lead.chars().map(|c| if c == '\t' { 4 } else { 1 }).sum();
    let from = start + lead.len();
    (Span::new(from, from + trimmed.trim_end().len()), indent.min(u16::MAX as usize) as u16)
}

/// `# Title`, one to six signs. A sign with no blank after it counts only before a capital.
pub(super) fn heading(text: &str, line: Span) -> Option<(u8, Span)> {
    let body = &text[line.range()];
    let level = body.bytes().take_while(|&b| b == b'#').count();
    if level == 0 || level > 6 {
        return None;
    }
    let rest = &body[level..];
    let title = rest.trim().trim_end_matches('#').trim_end();
    // `## Tone: Plain words. Name the boat first.` is a label with its text.
    // `### Question: {question}` takes something in.
    let slot = |text: &str| text.starts_with(['{', '$']) && text.ends_with('}');
    if title.split_once(": ").is_some_and(|(_, text)| is_prose(text) || slot(text)) || is_paragraph(title) {
        return None;
    }
    let spaced = rest.starts_with([' ', '\t']);
    let close = rest.chars().next().is_some_and(char::is_uppercase) && rest.split_whitespace().count() <= 8;
    if title.is_empty() || !(spaced || close) {
        return None;
    }
    let at = line.start() + body.find(title)?;
    Some((level as u8, Span::new(at, at + title.len())))
}

/// A whole sentence or more.
fn is_prose(text: &str) -> bool {
    let words = text.split_whitespace().count();
    words >= 9 || words >= 5 && text.ends_with(['.', '!'])
}

/// "Next, play the expert. When I give a page, reply with a test.": signs before a paragraph make no title of it.
fn is_paragraph(text: &str) -> bool {
    let mut stops = text.match_indices(['.', '!', '?']).map(|(at, _)| &text[at + 1..]);
    let goes_on = |rest: &str| rest.starts_with(' ') && rest.trim_start().starts_with(char::is_uppercase);
    text.split_whitespace().count() >= 12 && (text.ends_with('.') || stops.any(goes_on))
}

/// `[The end of the answer]`, a line that says where something that comes in begins or ends.
pub(super) fn is_border(body: &str) -> bool {
    // `<|The start of the notice|>`.
    let piped = body.strip_prefix("<|").and_then(|inner| inner.strip_suffix("|>"));
    if piped.is_some_and(|inner| inner.contains(' ') && !inner.contains(['<', '|', '{'])) {
        return true;
    }
    let inner = body.strip_prefix('[').and_then(|inner| inner.strip_suffix(']'));
    inner.is_some_and(|inner| {
        !inner.contains(['[', ']', ':']) && inner.split_whitespace().count() <= 6 && names_a_border(inner)
    })
}

/// "END OF SAMPLES" between rows of signs: what the title before it opened is over.
pub(super) fn names_an_end(title: &str) -> bool {
    let mut words = title.split_whitespace();
    let [first, second] = [words.next(), words.next()].map(|word| word.unwrap_or("").to_lowercase());
    title == "completed"
        || first == "end" && second == "of"
        || matches!(second.as_str(), "ends" | "end") && words.next().is_none()
}

/// A row that only parts: `---`, `===`, `***`, `"""`, and the like, three signs or more, or `**` alone.
pub(super) fn is_rule(body: &str) -> bool {
    if body == "**" {
        return true;
    }
    let mut chars = body.chars().filter(|c| !c.is_whitespace());
    let Some(first) = chars.next() else { return false };
    let known = matches!(
        first,
        '-' | '=' | '*' | '_' | '"' | '\'' | '~' | '#' | '+' | '─' | '━' | '═' | '—' | '•' | '.' | '<' | '>'
    );
    known && chars.clone().count() >= 2 && chars.all(|c| c == first)
}

/// `=== Name ===`, `--- Name ---`, `---Name---`, `<< Name >>`: the name.
pub(super) fn ruled_title(text: &str, line: Span) -> Option<Span> {
    let body = &text[line.range()];
    // `[[ ## slip ## ]]`: how the fields of a call are marked off.
    let hashed = body.strip_prefix("[[ ## ").and_then(|rest| rest.strip_suffix(" ## ]]"));
    if let Some(name) = hashed.filter(|name| !name.is_empty() && !name.contains(['[', ']', '{'])) {
        let at = line.start() + "[[ ## ".len();
        return Some(Span::new(at, at + name.len()));
    }
    let sign =
        body.chars().next().filter(|c| matches!(c, '-' | '=' | '*' | '#' | '~' | '─' | '═' | '_' | '<'))?;
    let close = if sign == '<' { '>' } else { sign };
    let lead = body.chars().take_while(|&c| c == sign).count();
    let inner = body.trim_start_matches(sign).trim_end_matches(close).trim();
    let tail = body.chars().rev().take_while(|&c| c == close).count();
    let enough = if sign == '*' || sign == '_' || sign == '#' { 3 } else { 2 };
    // `-Goal-`: one dash on each side of a name.
    let dashed = sign == '-'
        && (lead, tail) == (1, 1)
        && inner.len() + 2 == body.len()
        && inner.starts_with(char::is_uppercase)
        && inner.chars().all(|c| c.is_alphabetic() || c == ' ')
        && inner.split_whitespace().count() <= 4;
    // `####{query}####` marks off what comes in.
    if inner.contains(['{', '}', '<', '$']) || inner.starts_with('[') {
        return None;
    }
    if !dashed && (lead < enough || tail < 2) || inner.is_empty() || inner.split_whitespace().count() > 8 {
        return None;
    }
    let at = line.start() + body.find(inner)?;
    Some(Span::new(at, at + inner.len()))
}

/// A line that is bold from end to end, `**Name**` or `**Name:**`: the name.
pub(super) fn bold_title(text: &str, line: Span) -> Option<Span> {
    let body = &text[line.range()];
    let marker = if body.starts_with("**") {
        "**"
    } else if body.starts_with("__") {
        "__"
    } else {
        return None;
    };
    let inner = body.strip_prefix(marker)?.trim_end_matches(':').strip_suffix(marker)?;
    let name = inner.trim().trim_end_matches(':').trim_end();
    if name.is_empty() || inner.contains(marker) || name.split_whitespace().count() > 8 || name.ends_with('.')
    {
        return None;
    }
    let at = line.start() + body.find(name)?;
    Some(Span::new(at, at + name.len()))
}

/// A line that is a name in brackets, `[Question]`: the name. What asks a person to fill it in is none.
pub(super) fn bracketed(text: &str, line: Span) -> Option<Span> {
    let inner = text[line.range()].strip_prefix('[')?.strip_suffix(']')?;
    let named = inner.starts_with(char::is_uppercase)
        && inner.split_whitespace().count() <= 4
        && inner.chars().all(|c| c.is_alphabetic() || matches!(c, ' ' | '&' | '/'));
    (named && leftover_word(inner).is_none()).then(|| Span::new(line.start() + 1, line.end() - 1))
}

/// A line in capitals with no full stop, at least one word of three letters.
pub(super) fn is_capitals(body: &str) -> bool {
    let words = body.split_whitespace().count();
    let letters = body.chars().filter(|c| c.is_alphabetic()).count();
    let place = body.starts_with('[') && leftover_word(body).is_some();
    letters >= 4
        && words <= 7
        && !place
        && !body.chars().any(char::is_lowercase)
        && !body.ends_with(['.', '!', '?', ',', ';'])
        && !body.contains(['<', '{', '|', '"', '_', '`', '='])
        // "LOST, LATE, OTHER" lists labels.
        && body.matches(", ").count() < 2
}

/// A list marker with its blank: its span, and whether it is numbered.
pub(super) fn item_marker(text: &str, line: Span) -> Option<(Span, bool)> {
    let body = &text[line.range()];
    let mut chars = body.char_indices();
    let (_, first) = chars.next()?;
    let bullet = matches!(first, '-' | '*' | '+' | '•' | '–' | '—' | '◦' | '▪' | '‣' | '·' | '●' | '○' | '→');
    if bullet {
        let after = first.len_utf8();
        let spaced = body[after..].starts_with([' ', '\t']);
        return (spaced && !body[after..].trim().is_empty()).then(|| (marker(line, body, after), false));
    }
    if let Some(end) = numbered(body) {
        return Some((marker(line, body, end), true));
    }
    named_step(body).map(|end| (marker(line, body, end), true))
}

fn marker(line: Span, body: &str, end: usize) -> Span {
    let blank = body[end..].len() - body[end..].trim_start().len();
    Span::new(line.start(), line.start() + end + blank)
}

/// `1.`, `2)`, `(3)`, `a)`, `iv.`, `C2.`: the length of the marker.
fn numbered(body: &str) -> Option<usize> {
    if let Some(end) = lettered_number(body) {
        return Some(end);
    }
    let inner = body.strip_prefix('(').unwrap_or(body);
    let offset = body.len() - inner.len();
    let digits = inner.bytes().take_while(u8::is_ascii_digit).count();
    let letters = inner.bytes().take_while(u8::is_ascii_alphabetic).count();
    let label = if (1..=3).contains(&digits) { digits } else { letters };
    let roman = letters > 0 && inner[..letters].bytes().all(|b| b"ivxIVX".contains(&b));
    if digits == 0 && letters != 1 && !(roman && letters <= 4) || digits > 3 {
        return None;
    }
    let after = &inner[label..];
    // Sub-numbers such as 2.1 belong to the marker.
    let sub = after.bytes().take_while(|b| b.is_ascii_digit() || *b == b'.').count();
    let sub = if digits > 0 && sub > 1 { sub - usize::from(!after[..sub].ends_with('.')) } else { 0 };
    let dotted = sub > 0 && after[..sub].ends_with('.');
    let after = &after[sub..];
    let close = match after.as_bytes().first() {
        Some(b')') => 1,
        Some(b'.') if digits > 0 || roman || inner.as_bytes()[0].is_ascii_lowercase() => 1,
        _ if dotted => 0,
        _ => return None,
    };
    let spaced = after[close..].is_empty() || after[close..].starts_with([' ', '\t']);
    (spaced && !after[close..].trim().is_empty()).then_some(offset + label + sub + close)
}

/// The letter of `A. text`.
pub(super) fn option_letter(body: &str) -> Option<u8> {
    let letter = *body.as_bytes().first().filter(|letter| letter.is_ascii_uppercase())?;
    body[1..].strip_prefix(". ").filter(|rest| !rest.trim().is_empty()).map(|_| letter)
}

/// `C2.`, `Q1)`: a capital and up to two digits.
fn lettered_number(body: &str) -> Option<usize> {
    let rest = body.strip_prefix(|c: char| c.is_ascii_uppercase())?;
    let digits = rest.bytes().take_while(u8::is_ascii_digit).count();
    let text = rest[digits..].strip_prefix(['.', ')', ':'])?;
    let spaced = text.starts_with([' ', '\t']) && !text.trim().is_empty();
    ((1..=2).contains(&digits) && spaced).then_some(digits + 2)
}

/// `Step 3:`, `Stage 2 -`, `Phase 1.`: the length of the marker.
fn named_step(body: &str) -> Option<usize> {
    let word = body.bytes().take_while(u8::is_ascii_alphabetic).count();
    if !STEP_WORDS.iter().any(|step| body[..word].eq_ignore_ascii_case(step)) {
        return None;
    }
    let rest = body[word..].trim_start_matches([' ', '#']);
    let digits = rest.bytes().take_while(u8::is_ascii_digit).count();
    let after = rest[digits..].trim_start();
    if digits == 0 || digits > 3 || !after.starts_with([':', '.', ')', '-', '–', '—']) {
        return None;
    }
    let sign = after.chars().next().map_or(0, char::len_utf8);
    Some(body.len() - after.len() + sign)
}

/// Words that name a numbered step.
pub(crate) const STEP_WORDS: [&str; 7] = ["step", "stage", "phase", "part", "task", "rule", "round"];

/// `Label: text` or `LABEL - text`, also with the label in bold: the label, and where the text starts.
pub(super) fn label(text: &str, line: Span) -> Option<(Span, usize)> {
    let body = &text[line.range()];
    let bold = body.starts_with("**") || body.starts_with("__");
    let inner = if bold { &body[2..] } else { body.trim_start_matches('#').trim_start() };
    let shift = body.len() - inner.len();
    let colon = inner.char_indices().take(60).find(|(_, c)| *c == ':').map(|(at, _)| at);
    let (name, after) = match colon {
        Some(colon) => (&inner[..colon], &inner[colon + 1..]),
        None => {
            let dash = inner.find(" - ").or_else(|| inner.find(" – ")).filter(|&at| at <= 40)?;
            let name = &inner[..dash];
            if bold
                || name.chars().any(char::is_lowercase)
                || name.chars().filter(|c| c.is_alphabetic()).count() < 3
            {
                return None;
            }
            (name, inner[dash..].trim_start_matches([' ', '-', '–']))
        }
    };
    let (name, after) = if bold {
        let name = name.trim_end_matches(['*', '_']);
        (name, after.strip_prefix("**").or_else(|| after.strip_prefix("__")).unwrap_or(after))
    } else {
        (name, after)
    };
    let words = name.split_whitespace().count();
    let first = name.chars().next()?;
    let odd = name.contains(['"', '{', '}', '<', '>', '|', '`', '.', '?', '!', '(', ';', '“', '=', '*'])
        || after.starts_with("//")
        || after.starts_with(|c: char| c.is_ascii_digit());
    // "The guest's trips:write" is a name with a sign in it.
    let joined = words > 1
        && !bold
        && after.starts_with(char::is_alphanumeric)
        && name.starts_with(char::is_lowercase);
    if words == 0 || words > 5 || odd || joined || !(first.is_alphabetic()) || name.ends_with(' ') {
        return None;
    }
    let from = line.end() - after.len();
    let from = from + (after.len() - after.trim_start().len());
    Some((Span::new(line.start() + shift, line.start() + shift + name.len()), from.min(line.end())))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn whole(text: &str) -> Span {
        Span::new(0, text.len())
    }

    #[test]
    fn headings_have_one_to_six_signs_and_a_title() {
        let title = |text: &str| {
            heading(text, whole(text)).map(|(level, span)| (level, text[span.range()].to_string()))
        };
        assert_eq!(title("# Task"), Some((1, "Task".into())));
        assert_eq!(title("###### Deep ##"), Some((6, "Deep".into())));
        assert_eq!(title("##Task"), Some((2, "Task".into())));
        assert_eq!(title("#hashtag"), None);
        assert_eq!(title("####### Seven"), None);
        assert_eq!(title("## Tone: plain"), Some((2, "Tone: plain".into())));
        // Neither a paragraph nor a label with its text is a heading.
        assert_eq!(title("# Next, play the expert who tests our tables. When a page comes, test it."), None);
        assert_eq!(title("## Tone: Plain words. Name the boat first."), None);
    }

    #[test]
    fn rows_of_one_sign_part() {
        for row in ["---", "=====", "**", "* * *", "\"\"\"", "######", "...", "─────"] {
            assert!(is_rule(row), "{row}");
        }
        for other in ["--", "-=-", "[End]", "abc", "", "1.1", "a---"] {
            assert!(!is_rule(other), "{other}");
        }
    }

    #[test]
    fn brackets_may_say_where_something_ends() {
        assert!(is_border("[The end of the skipper's answer]") && is_border("[BEGIN DATA]"));
        assert!(!is_border("[Question]") && !is_border("[start] to [end]") && !is_border("The end"));
    }

    #[test]
    fn names_stand_between_signs() {
        let name = |text: &str| ruled_title(text, whole(text)).map(|span| text[span.range()].to_string());
        assert_eq!(name("---Role---").as_deref(), Some("Role"));
        assert_eq!(name("=== What you know ===").as_deref(), Some("What you know"));
        assert_eq!(name("### Instruction ###").as_deref(), Some("Instruction"));
        assert_eq!(name("-Goal-").as_deref(), Some("Goal"));
        assert_eq!(name("-Real Data-").as_deref(), Some("Real Data"));
        assert_eq!(name("<< INPUT >>").as_deref(), Some("INPUT"));
        for other in
            ["<input>", "<<{x}>>", "-goal-", "- Goal -", "-Goal", "-2-", "*Goal*", "**Goal**", "-A b c d e-"]
        {
            assert_eq!(name(other), None, "{other}");
        }
    }

    #[test]
    fn bold_lines_and_brackets_are_titles_where_they_are_all_of_the_line() {
        let bold = |text: &str| bold_title(text, whole(text)).map(|span| text[span.range()].to_string());
        assert_eq!(bold("**Rules:**").as_deref(), Some("Rules"));
        assert_eq!(bold("__Rules__:").as_deref(), Some("Rules"));
        assert_eq!(bold("**Name** the boat"), None);
        assert_eq!(bold("**A whole sentence.**"), None);
        let name = |text: &str| bracketed(text, whole(text)).map(|span| text[span.range()].to_string());
        assert_eq!(name("[Question]").as_deref(), Some("Question"));
        assert_eq!(name("[Insert text here]"), None);
        assert_eq!(name("[a lower name]"), None);
    }

    #[test]
    fn markers_of_items_have_a_blank_behind_them() {
        let marker = |text: &str| item_marker(text, whole(text)).map(|(span, ordered)| (span.len(), ordered));
        assert_eq!(marker("- boat"), Some((2, false)));
        assert_eq!(marker("•  boat"), Some(("•  ".len(), false)));
        assert_eq!(marker("12. boat"), Some((4, true)));
        assert_eq!(marker("(3) boat"), Some((4, true)));
        assert_eq!(marker("2.1 boat"), None);
        assert_eq!(marker("2.1. boat"), Some((5, true)));
        assert_eq!(marker("iv. boat"), Some((4, true)));
        assert_eq!(marker("C2. boat"), Some((4, true)));
        assert_eq!(marker("Step 3: boat"), Some((8, true)));
        for other in ["-boat", "1.boat", "3 boats", "A. Penhale sails", "- "] {
            assert_eq!(marker(other), None, "{other}");
        }
    }

    #[test]
    fn labels_stand_before_a_colon_or_in_capitals_before_a_dash() {
        let named = |text: &str| {
            label(text, whole(text))
                .map(|(name, from)| (text[name.range()].to_string(), text[from..].to_string()))
        };
        let pair = |name: &str, rest: &str| Some((name.to_string(), rest.to_string()));
        assert_eq!(named("Tone: plain"), pair("Tone", "plain"));
        assert_eq!(named("**Tone:** plain"), pair("Tone", "plain"));
        assert_eq!(named("TONE - plain"), pair("TONE", "plain"));
        assert_eq!(named("## Tone: plain words"), pair("Tone", "plain words"));
        assert_eq!(named("Tone:"), pair("Tone", ""));
        for other in
            ["Tone - plain", "at 7:30 sharp", "see http://x", "a \"b\": c", "one two three four five six: x"]
        {
            assert_eq!(named(other), None, "{other}");
        }
    }
}
