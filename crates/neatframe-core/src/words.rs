//! A prompt's words: where each stands and which entry of the lexicon it is.

use crate::lexicon::vocabulary;
use crate::span::Span;
use std::borrow::Cow;
use std::ops::Range;

/// A word, a number or a run of one punctuation mark.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) struct Word {
    pub(crate) start: u32,
    pub(crate) end: u32,
    /// An index into the vocabulary, [`vocabulary::NUMBER`], or a hash with the highest bit set.
    pub(crate) id: u32,
    /// The text has it as [`Word::lower`] gives it.
    plain: bool,
}

impl Word {
    pub(crate) fn span(self) -> Span {
        Span::new(self.start as usize, self.end as usize)
    }

    pub(crate) fn text(self, text: &str) -> &str {
        &text[self.start as usize..self.end as usize]
    }

    /// The word in lower case, spelt out where it is a casual short form; borrowed where it is so already.
    #[inline]
    pub(crate) fn lower(self, text: &str) -> Cow<'_, str> {
        if self.plain { Cow::Borrowed(self.text(text)) } else { self.lowered(text) }
    }

    fn lowered(self, text: &str) -> Cow<'_, str> {
        // A run of signs has the id of one of them.
        match vocabulary::word(self.id).filter(|_| !self.is_punctuation()) {
            Some(known) => Cow::Borrowed(known),
            None => Cow::Owned(self.text(text).to_lowercase()),
        }
    }

    /// The vocabulary's flags for the word, 0 for a word it does not hold.
    pub(crate) fn flags(self) -> u32 {
        vocabulary::flags(self.id)
    }

    /// A hash of the word in lower case.
    pub(crate) fn hash(self) -> u32 {
        vocabulary::hash_of(self.id)
    }

    pub(crate) fn is(self, flag: u32) -> bool {
        self.flags() & flag != 0
    }

    pub(crate) fn is_punctuation(self) -> bool {
        self.is(vocabulary::PUNCTUATION)
    }

    pub(crate) fn is_number(self) -> bool {
        self.id == vocabulary::NUMBER || self.is(vocabulary::NUMBER_WORD)
    }
}

/// All words of a text, in order.
#[derive(Clone, Debug)]
pub(crate) struct Words {
    all: Vec<Word>,
}

impl Words {
    /// Reads the words of `text` from byte `from` on.
    pub(crate) fn read(text: &str, from: usize) -> Words {
        let mut all = Vec::with_capacity(text.len() / 5);
        let mut at = from;
        while at < text.len() {
            match next_word(text, at) {
                Some(word) => match steering_end(text, word.start as usize) {
                    Some(end) => at = end,
                    None => {
                        at = word.end as usize;
                        all.push(word);
                    }
                },
                None => break,
            }
        }
        Words { all }
    }

    /// All words, in order.
    pub(crate) fn all(&self) -> &[Word] {
        &self.all
    }

    /// The words around a place, at most `reach` bytes to each side.
    pub(crate) fn near(&self, span: Span, reach: usize) -> &[Word] {
        let first = self.all.partition_point(|word| (word.start as usize) + reach < span.start());
        let last = self.all.partition_point(|word| (word.end as usize) <= span.end() + reach);
        &self.all[first..last.max(first)]
    }

    /// The words that lie wholly within a span.
    pub(crate) fn within(&self, span: Span) -> &[Word] {
        &self.all[self.range(span)]
    }

    /// Where the words that lie wholly within a span stand among all words.
    pub(crate) fn range(&self, span: Span) -> Range<usize> {
        let first = self.all.partition_point(|word| (word.start as usize) < span.start());
        let last = self.all.partition_point(|word| (word.end as usize) <= span.end());
        first..last.max(first)
    }
}

/// The longest statement of a template that is looked at, in bytes.
const STEERING: usize = 300;

/// Where `{% if name %}` ends that begins at `at`: it steers the template, and no word of it reaches the model.
fn steering_end(text: &str, at: usize) -> Option<usize> {
    let rest = text[at..].strip_prefix("{%")?;
    let close =
        rest.as_bytes().iter().take(STEERING).take_while(|b| **b != b'\n').position(|b| *b == b'%')?;
    rest[close..].starts_with("%}").then_some(at + 2 + close + 2)
}

fn next_word(text: &str, from: usize) -> Option<Word> {
    let (offset, first) =
        text[from..].char_indices().find(|(_, c)| !c.is_whitespace() && *c != '\u{feff}')?;
    let start = from + offset;
    let is_word = first.is_alphanumeric() || first == '_';
    let end = if is_word {
        word_end(text, start)
    } else {
        let same = text[start..].chars().take_while(|&c| c == first).count();
        // A dash between two letters or digits only parts them.
        let end = start + same * first.len_utf8();
        if same == 1 && matches!(first, '-' | '–' | '‑') && joins(text, start, end) {
            return next_word(text, end);
        }
        end
    };
    // "!!!" is the sign that "!" is, only louder.
    let named = if is_word { end } else { start + first.len_utf8() };
    let id = match is_a_reserved_domain(text, start, end) {
        true => vocabulary::unknown(&text.as_bytes()[start..end]),
        false => identify(&text[start..named]),
    };
    let mut word = Word { start: start as u32, end: end as u32, id, plain: false };
    word.plain = word.lowered(text) == word.text(text);
    Some(word)
}

/// The last part of `desk@larkhaven.example`, or the first of `example.com`: names kept free for made-up addresses (RFC 2606),
/// and no word for a sample.
fn is_a_reserved_domain(text: &str, start: usize, end: usize) -> bool {
    let (before, behind) = (&text.as_bytes()[..start], &text.as_bytes()[end..]);
    let domain =
        before.ends_with(b".") && before.len() > 1 && before[before.len() - 2].is_ascii_alphanumeric();
    let host = [&b".com"[..], b".org", b".net"].iter().any(|ending| behind.starts_with(ending));
    text[start..end].eq_ignore_ascii_case("example") && (domain || host)
}

fn joins(text: &str, start: usize, end: usize) -> bool {
    text[..start].chars().next_back().is_some_and(char::is_alphanumeric)
        && text[end..].chars().next().is_some_and(char::is_alphanumeric)
}

fn word_end(text: &str, start: usize) -> usize {
    let mut previous = ' ';
    let mut letters = 0;
    let mut chars = text[start..].char_indices().peekable();
    while let Some((offset, c)) = chars.next() {
        let inside = match c {
            _ if c.is_alphanumeric() || c == '_' => {
                letters += 1;
                true
            }
            '\'' | '’' => {
                chars.peek().is_some_and(|(_, next)| next.is_alphabetic()) && previous.is_alphabetic()
            }
            '.' | ',' | ':' if previous.is_ascii_digit() => {
                chars.peek().is_some_and(|(_, next)| next.is_ascii_digit())
            }
            // e.g, i.e, a.m: a single letter on each side.
            '.' if letters == 1 && previous.is_alphabetic() => {
                letters = 0;
                chars.peek().is_some_and(|(_, next)| next.is_alphabetic())
            }
            _ => false,
        };
        if !inside {
            return start + offset;
        }
        previous = c;
    }
    text.len()
}

fn identify(word: &str) -> u32 {
    if word.as_bytes()[0].is_ascii_digit() {
        return vocabulary::NUMBER;
    }
    if word.is_ascii() {
        let mut lower = [0u8; 32];
        if let Some(lower) = lower.get_mut(..word.len()) {
            lower.copy_from_slice(word.as_bytes());
            lower.make_ascii_lowercase();
            return vocabulary::find(lower);
        }
    }
    vocabulary::find(word.to_lowercase().replace('’', "'").as_bytes())
}

#[cfg(test)]
mod tests {
    use super::*;

    fn words(text: &str) -> Vec<&str> {
        Words::read(text, 0).all.iter().map(|word| word.text(text)).collect()
    }

    #[test]
    fn hyphens_part_and_apostrophes_join() {
        assert_eq!(
            words("Don't use high-quality, e.g. 3.5 MB!!!"),
            ["Don't", "use", "high", "quality", ",", "e.g", ".", "3.5", "MB", "!!!"]
        );
        assert_eq!(words("4-6 items – “quoted”"), ["4", "6", "items", "–", "“", "quoted", "”"]);
    }

    #[test]
    fn case_and_curly_apostrophes_do_not_change_a_word() {
        let id = |text: &str| Words::read(text, 0).all[0].id;
        assert_eq!(id("DON'T"), id("don’t"));
        assert_eq!(id("17"), vocabulary::NUMBER);
        assert_ne!(id("qwertz"), id("qwerty"));
    }

    #[test]
    fn a_made_up_address_holds_no_word_for_a_sample() {
        let known =
            |text: &str| Words::read(text, 0).all.iter().any(|word| word.id == vocabulary::find(b"example"));
        assert!(known("Example: a fare."));
        assert!(known("See the example. Then write."));
        assert!(!known("desk@larkhaven.example or https://example.com/fares"));
    }

    #[test]
    fn words_within_a_span_are_whole() {
        let text = "one two three";
        let words = Words::read(text, 0);
        assert_eq!(words.within(Span::new(2, 9)).len(), 1);
        assert_eq!(words.within(Span::new(4, 4)).len(), 0);
    }

    #[test]
    fn what_steers_a_template_is_no_word() {
        let text = "Read the {% if pictures %}page{% endif %} at 5 % and {%";
        let words = Words::read(text, 0);
        let read: Vec<&str> = words.all().iter().map(|word| word.text(text)).collect();
        assert_eq!(read, ["Read", "the", "page", "at", "5", "%", "and", "{", "%"]);
    }
}
