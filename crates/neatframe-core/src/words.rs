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
    spelling: Spelling,
}

/// How a word stands in the text, beside what [`Word::lower`] gives.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Spelling {
    /// Letter for letter the same.
    Same,
    /// In capitals, or in a casual short form, of a word that the vocabulary holds.
    Known,
    /// In capitals, of any other word.
    Other,
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
        match self.spelling {
            Spelling::Same => Cow::Borrowed(self.text(text)),
            Spelling::Known => Cow::Borrowed(vocabulary::spelt(self.id as usize)),
            Spelling::Other => Cow::Owned(in_lower_case(self.text(text))),
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
    /// Where the first word stands that begins in a block of [`BLOCK`] bytes or behind it.
    blocks: Vec<u32>,
}

/// Bytes of text for each entry that shortens the search for a word by its place.
const BLOCK: usize = 64;

impl Words {
    /// Reads the words of `text` from byte `from` on.
    pub(crate) fn read(text: &str, from: usize) -> Words {
        let mut all = Vec::with_capacity(text.len() / 4);
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
        // A long prompt holds its words to the end.
        all.shrink_to_fit();
        let mut blocks = Vec::with_capacity(text.len() / BLOCK + 1);
        for (index, word) in all.iter().enumerate() {
            let begun = word.start as usize / BLOCK;
            blocks.resize(blocks.len().max(begun + 1), index as u32);
        }
        Words { all, blocks }
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
        let mut first = self.begun(span.start());
        while self.all.get(first).is_some_and(|word| (word.start as usize) < span.start()) {
            first += 1;
        }
        let mut last = self.begun(span.end());
        while self.all.get(last).is_some_and(|word| (word.end as usize) <= span.end()) {
            last += 1;
        }
        // A word of the block before may reach over the end.
        while last > first && self.all[last - 1].end as usize > span.end() {
            last -= 1;
        }
        first..last.max(first)
    }

    /// The first word that begins in the block of a place or behind it.
    fn begun(&self, at: usize) -> usize {
        self.blocks.get(at / BLOCK).map_or(self.all.len(), |first| *first as usize)
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
    let said = &text[start..end];
    // A run of signs has the id of one of them.
    let spelling = match vocabulary::word(id).filter(|_| is_word) {
        Some(known) if known != said => Spelling::Known,
        None if !is_in_lower_case(said) => Spelling::Other,
        _ => Spelling::Same,
    };
    Some(Word { start: start as u32, end: end as u32, id, spelling })
}

/// `str::to_lowercase`, quicker for what is ASCII.
fn in_lower_case(word: &str) -> String {
    if word.is_ascii() { word.to_ascii_lowercase() } else { word.to_lowercase() }
}

fn is_in_lower_case(word: &str) -> bool {
    match word.is_ascii() {
        true => !word.bytes().any(|byte| byte.is_ascii_uppercase()),
        false => word.to_lowercase() == word,
    }
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

    proptest::proptest! {
        #[test]
        fn words_within_a_span_are_those_that_begin_and_end_in_it(
            text in "([a-z]{1,3}[ ,.]{0,90}|[a-z]{60,150} ?){0,12}",
            start in 0usize..700,
            length in 0usize..700,
        ) {
            let start = start.min(text.len());
            let span = Span::new(start, (start + length).min(text.len()));
            let words = Words::read(&text, 0);
            let whole = |word: &&Word| word.start as usize >= span.start() && word.end as usize <= span.end();
            let expected: Vec<Word> = words.all().iter().filter(whole).copied().collect();
            proptest::prop_assert_eq!(words.within(span), expected);
        }
    }

    #[test]
    fn what_steers_a_template_is_no_word() {
        let text = "Read the {% if pictures %}page{% endif %} at 5 % and {%";
        let words = Words::read(text, 0);
        let read: Vec<&str> = words.all().iter().map(|word| word.text(text)).collect();
        assert_eq!(read, ["Read", "the", "page", "at", "5", "%", "and", "{", "%"]);
    }
}
