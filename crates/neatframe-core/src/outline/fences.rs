//! Code fences and front matter: lines whose words are not read as prose.

use super::Fault;
use super::line::{self, Line};
use super::titles::is_sample_title;

#[derive(Clone, Copy, PartialEq, Eq)]
pub(super) enum Fenced {
    Outside,
    Border,
    Inside,
    FrontMatter,
}

/// Which lines stand in code fences. A fence that is never closed ends at the next blank line.
pub(super) fn fenced(text: &str, lines: &[Line]) -> (Vec<Fenced>, Vec<Fault>) {
    let mut kinds = vec![Fenced::Outside; lines.len()];
    let mut faults = Vec::new();
    let mut index = front_matter(text, lines, &mut kinds);
    let mut open_until = 0;
    let mut stray = None;
    while index < lines.len() {
        let Some((sign, length, _)) = fence(text, &lines[index]) else {
            let mut end = index;
            if index >= open_until && is_brace(text, &lines[index]) {
                // Where no record ends, none is looked for again in the lines that were read.
                match record(text, lines, index) {
                    Ok(after) => end = after,
                    Err(read) => open_until = read,
                }
            }
            kinds[index..end].fill(Fenced::Inside);
            index = end.max(index + 1);
            continue;
        };
        kinds[index] = Fenced::Border;
        if stray == Some(index) {
            index += 1;
            continue;
        }
        let mut end = index + 1;
        let mut closed = false;
        while end < lines.len() {
            if let Some((other, count, info)) = fence(text, &lines[end])
                && other == sign
                && count >= length
            {
                closed = !info;
                break;
            }
            end += 1;
        }
        // "```json", its records, and then pages of prose before the next fence: that one closes nothing.
        let left = closed.then(|| prose_behind_records(text, &lines[index..end])).flatten();
        if let Some(lines_in) = left {
            stray = Some(end);
            closed = false;
            end = index + lines_in;
        }
        if !closed {
            let (span, _) = line::core(text, lines[index].start, lines[index].end);
            faults.push(Fault::OpenFence(span));
            let blank = |at: &usize| text[lines[*at].start..lines[*at].end].trim().is_empty();
            let named = span.len() > length;
            let over = |at: &usize| {
                let body = text[lines[*at].start..lines[*at].end].trim();
                let inside = *at > index + 1;
                blank(at) || inside && (named && is_prose(text, &lines[*at]) || heads_a_sample(body))
            };
            end = (index + 1..end).find(over).unwrap_or(end);
        }
        kinds[index + 1..end].fill(Fenced::Inside);
        if closed {
            kinds[end] = Fenced::Border;
            end += 1;
        }
        index = end;
    }
    set_in(text, lines, &mut kinds);
    (kinds, faults)
}

/// How far code without a fence is set in, in columns.
const SET_IN: usize = 4;

/// Marks code that is set in below a blank line, where the text around it is not and no list goes on.
fn set_in(text: &str, lines: &[Line], kinds: &mut [Fenced]) {
    let body = |line: &Line| &text[line.start..line.end];
    let indent = |line: &Line| {
        let blanks = body(line).bytes().take_while(|b| matches!(b, b' ' | b'\t'));
        blanks.map(|b| if b == b'\t' { SET_IN } else { 1 }).sum::<usize>()
    };
    let listed = |line: &Line| line::item_marker(text, line::core(text, line.start, line.end).0).is_some();
    let (mut around, mut in_list, mut parted) = (None, false, false);
    let mut at = 0;
    while at < lines.len() {
        let line = &lines[at];
        if body(line).trim().is_empty() {
            parted = true;
            at += 1;
            continue;
        }
        let own = indent(line);
        let deeper = around.is_some_and(|around| own >= around + SET_IN);
        if parted && deeper && !in_list && kinds[at] == Fenced::Outside {
            let goes_on = |line: &&Line| !body(line).trim().is_empty() && indent(line) >= own;
            let run = lines[at..].iter().take_while(goes_on).count();
            let block = &lines[at..at + run];
            if is_code(block.iter().map(|line| body(line).trim())) {
                kinds[at..at + run].fill(Fenced::Inside);
            }
            (at, parted) = (at + run, false);
            continue;
        }
        in_list = listed(line) || in_list && own > 0;
        (around, parted) = (Some(own), false);
        at += 1;
    }
}

/// Lines with the signs of code in at least every second one, and no sentence among them.
fn is_code<'a>(lines: impl Iterator<Item = &'a str>) -> bool {
    const SIGNS: [&str; 9] = ["()", " --", " = ", "==", "();", ");", "$ ", "::", " && "];
    let (mut all, mut signed) = (0, 0);
    for line in lines {
        let sentence = line.starts_with(|c: char| c.is_uppercase()) && line.ends_with(['.', '?', '!', ':']);
        if sentence || line.starts_with(['-', '*', '•', '<', '"']) {
            return false;
        }
        all += 1;
        let defines = ["def ", "return ", "import ", "select ", "function ", "const ", "let "]
            .iter()
            .any(|word| line.to_ascii_lowercase().starts_with(word));
        signed += usize::from(defines || SIGNS.iter().any(|sign| line.contains(sign)));
    }
    all > 0 && signed * 2 >= all
}

/// Where a block of JSON is left for prose that lasts to the end of it, in lines from its first.
fn prose_behind_records(text: &str, block: &[Line]) -> Option<usize> {
    let body = |line: &Line| text[line.start..line.end].trim();
    if !body(block.first()?).to_ascii_lowercase().ends_with("json") {
        return None;
    }
    let of_a_record = |line: &Line| body(line).starts_with(['{', '}', '[', ']', '"']);
    let last = block.iter().rposition(of_a_record).filter(|at| *at > 0)?;
    let rest = &block[last + 1..];
    let spoken = |line: &&Line| {
        let body = body(line);
        body.split_whitespace().count() >= 5 && !body.starts_with("//") && !body.starts_with('#')
    };
    let parted = rest.first().is_some_and(|line| body(line).is_empty());
    (parted && rest.iter().filter(spoken).count() >= 3).then_some(last + 1)
}

/// "Example output: see the list", which no block goes on with.
fn heads_a_sample(body: &str) -> bool {
    body.split_once(':').is_some_and(|(label, _)| label.contains(' ') && is_sample_title(label))
}

/// A sentence, or a label with its slot, behind a block of code that was never closed.
fn is_prose(text: &str, line: &Line) -> bool {
    let body = text[line.start..line.end].trim();
    let capital = body.starts_with(|c: char| c.is_ascii_uppercase());
    let words = body.split_whitespace().count();
    let sentence = words >= 2
        && body.ends_with(['.', '?'])
        && !body.ends_with("..")
        && !body.contains([';', '{', '}', '=', '(', '_']);
    let slot = body.split_once(": ").is_some_and(|(label, rest)| {
        let rest = rest.trim();
        label.split_whitespace().count() <= 3
            && rest.starts_with(['{', '<', '[', '$'])
            && rest.ends_with(['}', '>', ']'])
            && !rest.contains(['"', ' '])
    });
    capital && (sentence || slot)
}

fn is_brace(text: &str, line: &Line) -> bool {
    matches!(text[line.start..line.end].trim(), "{" | "[")
}

/// The most lines of a record that no fence borders.
const LONGEST_RECORD: usize = 120;

/// A record set out over lines with no fence around it, from a line with one brace to the line that closes it: the line after
/// it, or else the line up to which none was found.
fn record(text: &str, lines: &[Line], first: usize) -> Result<usize, usize> {
    let mut depth = 0usize;
    let last = lines.len().min(first + LONGEST_RECORD);
    for (at, line) in lines[..last].iter().enumerate().skip(first) {
        let body = text[line.start..line.end].trim();
        let opens = body.starts_with(['"', '{', '}', '[', ']', '/', '.', '…', '-', '<'])
            || body.starts_with(|c: char| c.is_ascii_digit())
            || ["true", "false", "null"].iter().any(|word| body.starts_with(word));
        if !opens {
            return Err(at);
        }
        let mut quoted = false;
        for sign in body.bytes() {
            match sign {
                b'"' => quoted = !quoted,
                b'{' | b'[' if !quoted => depth += 1,
                b'}' | b']' if !quoted => depth = depth.saturating_sub(1),
                _ => {}
            }
        }
        if depth == 0 {
            return if at > first + 1 { Ok(at + 1) } else { Err(at) };
        }
    }
    Err(last)
}

/// Marks front matter; gives the line after it.
fn front_matter(text: &str, lines: &[Line], kinds: &mut [Fenced]) -> usize {
    let body = |at: usize| lines.get(at).map_or("", |line| text[line.start..line.end].trim_end());
    if body(0) != "---" || !body(1).contains(':') {
        return 0;
    }
    let Some(end) = (2..lines.len().min(60)).find(|&at| body(at) == "---") else { return 0 };
    kinds[..=end].fill(Fenced::FrontMatter);
    end + 1
}

/// Sign, length and "has an info string" of a fence line.
fn fence(text: &str, line: &Line) -> Option<(u8, usize, bool)> {
    let body = text[line.start..line.end].trim();
    let sign = *body.as_bytes().first()?;
    if sign != b'`' && sign != b'~' {
        return None;
    }
    let length = body.bytes().take_while(|&b| b == sign).count();
    // "```\"," closes one that stands within a string.
    let info = body[length..].trim_start_matches(['"', '\'', ',', ')', ']', '}']).trim();
    // "```python code block." is the end of a sentence.
    let told = info.contains(' ') && info.ends_with('.');
    // "```[" opens a list that ends with "] ```" on a line of its text.
    let shown = length >= 3
        && info.starts_with('[')
        && text[line.end..].find(&body[..length]).is_some_and(|next| {
            let before = &text[line.end..line.end + next];
            before.rsplit('\n').next().is_some_and(|head| head.trim_end().ends_with(']'))
        });
    // "```end" says itself that it closes.
    let ends = matches!(info, "end" | "END");
    (length >= 3 && !info.contains('`') && !told && !shown).then_some((
        sign,
        length,
        !info.is_empty() && !ends,
    ))
}
