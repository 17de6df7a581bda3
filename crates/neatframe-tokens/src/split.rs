//! Cuts a text into the pieces that the published patterns match. Each piece is then merged on its own.
//!
//! The patterns are those that are published with the vocabularies. They are written out here as code, with what their
//! backtracking comes to.

use crate::class::Class;

/// Which published pattern cuts the text.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum Pattern {
    O200k,
    Cl100k,
}

impl Pattern {
    /// The length in bytes of the first piece of a text that is not empty.
    #[inline]
    pub(crate) fn first(self, text: &str) -> usize {
        match self {
            Pattern::O200k => o200k(text),
            Pattern::Cl100k => cl100k(text),
        }
    }
}

/// The character at a byte, with its length.
#[inline]
fn at(text: &str, from: usize) -> Option<(char, usize)> {
    let byte = *text.as_bytes().get(from)?;
    if byte < 0x80 {
        return Some((byte as char, 1));
    }
    text[from..].chars().next().map(|c| (c, c.len_utf8()))
}

/// Where the run of characters that fit ends.
#[inline]
fn run(text: &str, from: usize, fits: impl Fn(Class) -> bool) -> usize {
    let mut end = from;
    while let Some((c, length)) = at(text, end) {
        if !fits(Class::of(c)) {
            break;
        }
        end += length;
    }
    end
}

/// `o200k_base`: words with the sign before them and a contraction behind, numbers of up to three digits, signs, white space.
fn o200k(text: &str) -> usize {
    let Some((first, length)) = at(text, 0) else { return 0 };
    let class = Class::of(first);
    let may_lead = !matches!(first, '\r' | '\n') && !class.is_letter() && class != Class::Number;
    // `P? lead* follow+`: a capital may be followed by small letters; the sign before counts in where it can.
    let starts = if may_lead { [Some(length), Some(0)] } else { [Some(0), None] };
    for start in starts.into_iter().flatten() {
        if let Some(end) = word_with_small(text, start) {
            return end + contraction(text, end);
        }
    }
    // `P? lead+`: capitals alone.
    for start in starts.into_iter().flatten() {
        let end = run(text, start, Class::leads);
        if end > start {
            return end + contraction(text, end);
        }
    }
    if class == Class::Number {
        return numbers(text);
    }
    signs(text, first, |c| matches!(c, '\r' | '\n' | '/')).unwrap_or_else(|| blanks(text, false))
}

/// `lead* follow+` from a place on: gives its end. A run of leading letters gives back what `follow+` needs.
#[inline]
fn word_with_small(text: &str, start: usize) -> Option<usize> {
    let (mut lead_end, mut last_both) = (start, None);
    while let Some((c, length)) = at(text, lead_end) {
        let class = Class::of(c);
        if !class.leads() {
            break;
        }
        lead_end += length;
        if class.follows() {
            last_both = Some(lead_end);
        }
    }
    let end = run(text, lead_end, Class::follows);
    if end > lead_end { Some(end) } else { last_both }
}

/// `(?i:'s|'t|'re|'ve|'m|'ll|'d)?`: its length. The long s folds to s.
#[inline]
fn contraction(text: &str, from: usize) -> usize {
    if text.as_bytes().get(from) != Some(&b'\'') {
        return 0;
    }
    let Some((first, length)) = at(text, from + 1) else { return 0 };
    match first.to_ascii_lowercase() {
        's' | 't' | 'm' | 'd' | 'ſ' => 1 + length,
        first => {
            let second = at(text, from + 1 + length).map(|(c, _)| c.to_ascii_lowercase());
            if matches!((first, second), ('r' | 'v', Some('e')) | ('l', Some('l'))) { 3 } else { 0 }
        }
    }
}

/// `\p{N}{1,3}`.
fn numbers(text: &str) -> usize {
    let mut end = 0;
    for _ in 0..3 {
        match at(text, end).filter(|(c, _)| Class::of(*c) == Class::Number) {
            Some((_, length)) => end += length,
            None => break,
        }
    }
    end
}

/// ` ?[^\s\p{L}\p{N}]+` and the line ends that may follow.
#[inline]
fn signs(text: &str, first: char, tail: impl Fn(char) -> bool) -> Option<usize> {
    let start = usize::from(first == ' ');
    let mut end = run(text, start, Class::is_sign);
    if end == start {
        return None;
    }
    while let Some((_, length)) = at(text, end).filter(|(c, _)| tail(*c)) {
        end += length;
    }
    Some(end)
}

/// The patterns for white space: up to the last line end of the run; else all but the last blank; else the blank alone.
/// `whole_at_end` tells that a run at the end of the text stays in one piece whatever it holds.
fn blanks(text: &str, whole_at_end: bool) -> usize {
    let (mut end, mut last, mut line_end) = (0, 0, 0);
    while let Some((c, length)) = at(text, end) {
        if Class::of(c) != Class::Space {
            break;
        }
        last = end;
        end += length;
        if matches!(c, '\r' | '\n') {
            line_end = end;
        }
    }
    if whole_at_end && end == text.len() {
        return end;
    }
    if line_end > 0 {
        return line_end;
    }
    if end == text.len() || last == 0 { end } else { last }
}

/// `cl100k_base`: contractions stand alone, words take the sign before them.
fn cl100k(text: &str) -> usize {
    let Some((first, length)) = at(text, 0) else { return 0 };
    if first == '\'' {
        let found = contraction(text, 0);
        if found > 0 {
            return found;
        }
    }
    let class = Class::of(first);
    let may_lead = !matches!(first, '\r' | '\n') && !class.is_letter() && class != Class::Number;
    let start = if may_lead { length } else { 0 };
    let end = run(text, start, Class::is_letter);
    if end > start {
        return end;
    }
    if class == Class::Number {
        return numbers(text);
    }
    signs(text, first, |c| matches!(c, '\r' | '\n')).unwrap_or_else(|| blanks(text, true))
}
