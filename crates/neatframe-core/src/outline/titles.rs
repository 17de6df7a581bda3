//! Which lines are titles: headings, bold lines, names in brackets, short lines that stand over a part.

use super::build::Builder;
use super::fences::Fenced;
use super::line;
use crate::lexicon::{self, Hit, Set};
use crate::span::Span;
use crate::words::{Word, Words};

impl Builder<'_> {
    /// Level and title of a heading; 7 for lines that only stand as titles.
    pub(super) fn heading(&self, index: usize, core: Span) -> Option<(u8, Span)> {
        if let Some(found) = line::heading(self.text, core) {
            return Some(found);
        }
        if self.underlined(index) {
            let next = self.lines[index + 1];
            return Some((if self.text[next.start..next.end].contains('=') { 1 } else { 2 }, core));
        }
        if let Some(title) = line::bold_title(self.text, core)
            && !(self.text[title.range()].ends_with('?') && self.is_under_a_sample_title(index))
        {
            return Some((7, title));
        }
        if let Some(title) = line::bracketed(self.text, core).filter(|_| self.heads_a_part(index)) {
            return Some((7, title));
        }
        let body = &self.text[core.range()];
        // Where plain titles mark the parts, one over small letters is no longer alone.
        let parted = self.named >= NAMED || self.named > 0 && self.titles >= 2;
        // "Example" on a line of its own says what it is, be it the only one.
        let spaced = (self.spaced >= NAMED || is_sample_title(body)) && self.is_spaced_title(index);
        let opens_fence = self.fences.get(index + 1) == Some(&Fenced::Border)
            && self.fences[index] == Fenced::Outside
            && body.split_whitespace().count() <= 2;
        let named = parted && self.is_named_part(index) || spaced || opens_fence && is_sample_title(body);
        if named
            || line::is_capitals(body)
                && !self.is_a_lone_slot(index, body)
                && !self.is_under_a_sample_title(index)
                && !self.answers(index)
                && !self.is_listed_in_capitals(index)
            || self.stands_as_title(index, body)
        {
            let title = body.trim_end_matches(':').trim_end();
            return Some((7, Span::new(core.start(), core.start() + title.len())));
        }
        None
    }

    /// `[TEXT]` with nothing but a closing tag below it: what will be put in, and no title.
    fn is_a_lone_slot(&self, index: usize, body: &str) -> bool {
        let next = self.body(index + 1);
        body.starts_with('[') && body.ends_with(']') && (next.is_empty() || next.starts_with("</"))
    }

    /// True right below "Example" or "Sample row", which is not in capitals itself: what is in capitals there is the sample.
    fn is_under_a_sample_title(&self, index: usize) -> bool {
        let above = (index.saturating_sub(SAMPLE_LINES)..index).rev().map(|line| self.body(line));
        above.take_while(|line| !line.is_empty()).any(is_sample_title)
    }

    /// `STORM 97` right below `Slip: …` with nothing below it: an answer, and no title.
    fn answers(&self, index: usize) -> bool {
        let before = if index == 0 { "" } else { self.body(index - 1) };
        let labelled = before.split_once(": ").is_some_and(|(label, rest)| {
            label.starts_with(char::is_uppercase) && label.split_whitespace().count() <= 3 && !rest.is_empty()
        });
        labelled && self.body(index + 1).is_empty()
    }

    /// `1. GIVEN FACTS` beside `2. GUESSES`: entries of a list, and no titles.
    fn is_listed_in_capitals(&self, index: usize) -> bool {
        let listed = |index: usize| self.is_item(index) && line::is_capitals(self.body(index));
        listed(index) && (listed(index + 1) || listed(index.wrapping_sub(1)))
    }

    /// True for a name in brackets that text stands under, where the prompt marks its parts so.
    fn heads_a_part(&self, index: usize) -> bool {
        let next = self.lines.get(index + 1).map_or("", |line| self.text[line.start..line.end].trim());
        let slot = next.starts_with(['{', '$', '<']);
        // Below what stands in a tag comes its end.
        !next.is_empty() && !next.starts_with('[') && !next.starts_with("</") && (slot || self.bracketed >= 2)
    }

    /// A short line with no full stop, a blank line or the end of a sentence before it and text right after it.
    fn stands_as_title(&self, index: usize, body: &str) -> bool {
        let before = if index == 0 { "" } else { self.body(index - 1) };
        let next = self.body(index + 1);
        let words = body.split_whitespace().count();
        // Between whole sentences a word or two need no blank line to stand out.
        let stands_out = words <= 2 && stops(before) && stops(next) && next.len() >= 25;
        let heads = words <= 5 && self.is_item(index + 1) || words <= 3 && is_slot(next);
        let ends = stops(before) || is_slot(before) || before.ends_with(['}', ']', '"', '”']);
        let heads = heads && (ends || self.is_item(index.wrapping_sub(1)));
        let one_of_several =
            self.titles >= 2 && (self.is_plain_title(index) || words <= 5 && self.is_item(index + 1));
        (before.is_empty() || stands_out || heads || one_of_several)
            && words <= 6
            && is_name(body)
            && (next.len() > body.len() || self.is_item(index + 1) || is_slot(next) || one_of_several)
            && (!next.starts_with(char::is_lowercase) || before.is_empty() && is_form_line(next))
            && self.fences[index] == Fenced::Outside
    }

    /// A name of a few words between the end of one part and the beginning of another. One alone may be anything; two
    /// are how the author marks parts.
    pub(super) fn is_plain_title(&self, index: usize) -> bool {
        let (body, next) = (self.body(index), self.body(index + 1));
        let words = body.split_whitespace().count();
        if words > 4 || !is_name(body) || next.is_empty() || self.fences[index] != Fenced::Outside {
            return false;
        }
        let before = if index == 0 { "" } else { self.body(index - 1) };
        let ends = before.is_empty()
            || stops(before)
            || is_slot(before)
            || line::is_rule(before)
            || self.is_item(index.wrapping_sub(1));
        let sentence = stops(next) && next.split_whitespace().count() >= 3.max(words + 2);
        let spoken = next.split_once(": ").is_some_and(|(speaker, _)| speaker.len() <= 16);
        ends && (sentence
            || spoken
            || is_slot(next)
            || line::is_rule(next)
            || self.is_item(index + 1)
            || self.is_known(index))
    }

    /// "Readers", "You'll write": a known title over a part that goes on in small letters or is a list. Three of them are
    /// how the author marks parts.
    pub(super) fn is_named_part(&self, index: usize) -> bool {
        let (body, next) = (self.body(index), self.body(index + 1));
        body.split_whitespace().count() <= 4
            && is_name(body)
            && (next.starts_with(char::is_lowercase) || self.is_item(index + 1))
            && self.fences[index] == Fenced::Outside
            && self.is_known(index)
    }

    /// "Scale", "Steps": a known title between blank lines. Three of them are how the author marks parts.
    pub(super) fn is_spaced_title(&self, index: usize) -> bool {
        let body = self.body(index);
        let before = if index == 0 { "" } else { self.body(index - 1) };
        body.split_whitespace().count() <= 4
            && is_name(body)
            && before.is_empty()
            && self.body(index + 1).is_empty()
            && !self.body(index + 2).is_empty()
            && self.fences[index] == Fenced::Outside
            && (self.is_known(index) || is_bare_sample_title(body))
    }

    /// True when the title lexicon covers the words of a line.
    fn is_known(&self, index: usize) -> bool {
        let line = self.lines[index];
        covers(self.words.within(line::core(self.text, line.start, line.end).0), &mut Vec::new())
    }

    /// The words of a line.
    fn body(&self, index: usize) -> &str {
        self.lines.get(index).map_or("", |line| self.text[line.start..line.end].trim())
    }

    fn is_item(&self, index: usize) -> bool {
        self.lines.get(index).is_some_and(|line| {
            line::item_marker(self.text, line::core(self.text, line.start, line.end).0).is_some()
        })
    }
}

/// How many such titles show that they are titles.
pub(super) const NAMED: usize = 3;

/// `neatness: <mark>`: a line of a form, with a hole for what goes in.
fn is_form_line(line: &str) -> bool {
    line.split_once(": ").is_some_and(|(name, hole)| {
        name.len() <= 24
            && (hole.starts_with('<') && hole.ends_with('>') || hole.starts_with('[') && hole.ends_with(']'))
    })
}

/// "Example", "## Sample row:", not in capitals.
pub(crate) fn is_sample_title(line: &str) -> bool {
    let name = line.trim_matches(['#', '*', ':', ' ']);
    let lower = name.to_lowercase();
    let of = |words: &[&str]| words.iter().any(|word| lower.contains(word));
    // "Example of a reply if it went wrong:".
    let long = lower.starts_with("example ") && line.trim_end().ends_with(':');
    name.chars().any(char::is_lowercase)
        && name.split_whitespace().count() <= if long { 9 } else { 4 }
        && of(&["example", "sample"])
}

/// "Sample card", "Example reply": such a title with no sign behind it, that opens with the word.
pub(crate) fn is_bare_sample_title(line: &str) -> bool {
    let first = line.trim_start().split(' ').next().unwrap_or("");
    let opens = ["Sample", "Example", "Examples", "Samples"].contains(&first);
    opens && is_sample_title(line) && line.trim_end().ends_with(char::is_alphanumeric) && line.len() <= 40
}

/// How far below its title a line in capitals may stand as a sample.
const SAMPLE_LINES: usize = 8;

/// True when the title lexicon covers more than half of the words.
pub(super) fn covers(words: &[Word], hits: &mut Vec<Hit>) -> bool {
    lexicon::find(words, hits);
    hits.iter().any(|hit| hit.set == Set::Title && (hit.last - hit.first + 1) * 2 > words.len())
}

/// True for the name of a part as prompts have it: "Length", "Output format".
pub(crate) fn is_known_title(name: &str) -> bool {
    covers(Words::read(name, 0).all(), &mut Vec::new())
}

/// True at the end of a sentence.
fn stops(line: &str) -> bool {
    line.ends_with(['.', '!', '?', '"'])
}

/// A line that is a slot and nothing else: what stands over it names the input.
fn is_slot(line: &str) -> bool {
    line.starts_with(['{', '$', '[', '<'])
        && line.ends_with(['}', ']', '>'])
        && !line.contains([' ', '"', ',', '/'])
}

/// A capital first, no sign in it, a letter or number last.
fn is_name(body: &str) -> bool {
    body.starts_with(char::is_uppercase)
        && body.chars().next_back().is_some_and(|c| c.is_alphanumeric() || c == ')')
        && !body.contains([':', '{', '<', '[', '|', '=', ','])
}
