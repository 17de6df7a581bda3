//! Which lines go on with the sentence that the line before them left open.

use crate::outline::{Outline, Piece, PieceKind, ends_open};
use crate::source::Source;

/// Width from which a line counts as wrapped by its editor, in bytes.
const WRAP_WIDTH: usize = 60;
/// An editor breaks a line within this many bytes of the widest one.
const SLACK: usize = 12;

/// No editor wraps at fewer bytes than these.
const NARROW: usize = 48;

/// The lines of one paragraph, and whether its line breaks look like an editor's.
#[derive(Default)]
pub(super) struct Paragraph {
    end: usize,
    ragged: bool,
    /// Sentences end amid its lines.
    flowing: bool,
}

impl Paragraph {
    /// The paragraph that holds the piece at `at`; `self` where it still does.
    fn around(self, source: &Source, outline: &Outline, at: usize) -> Paragraph {
        if at < self.end {
            return self;
        }
        let pieces = &outline.pieces;
        let section = pieces[at].section;
        let goes_on = |piece: &Piece| {
            piece.kind == PieceKind::Text && piece.section == section && !is_label(source.slice(piece.text))
        };
        let rest = pieces[at + 1..].iter().take_while(|piece| goes_on(piece)).count();
        let lines = &pieces[at..=at + rest];
        let widest = lines.iter().map(|piece| piece.text.len()).max().unwrap_or(0);
        // Where no line ends a sentence, the author ends a thought with the line: less room is needed to show it.
        let ended = lines.iter().any(|piece| source.slice(piece.text).ends_with(['.', '!', '?', ':', ';']));
        let slack = if ended { SLACK } else { 0 };
        // Who writes capitals and full stops goes on in small letters where a sentence goes on.
        let written = ended && source.slice(lines[0].text).starts_with(char::is_uppercase);
        let early = |pair: &[Piece]| {
            let next = source.slice(pair[1].text);
            if written && pair[0].text.len() >= WRAP_WIDTH && next.starts_with(char::is_lowercase) {
                return false;
            }
            let first = next.split_whitespace().next().map_or(0, str::len);
            is_open(source.slice(pair[0].text)) && pair[0].text.len() + first + slack < widest
        };
        // Text whose sentences end amid its lines was wrapped, however its lines were cut since.
        let flows = |piece: &Piece| {
            let line = source.slice(piece.text);
            [". ", "! ", "? "].iter().any(|stop| {
                line.match_indices(stop).any(|(at, _)| line[at + 2..].starts_with(char::is_uppercase))
            })
        };
        let flowing = lines.iter().filter(|line| flows(line)).count() * 4 >= lines.len();
        let ragged = !flowing && (widest < NARROW || lines.windows(2).any(early));
        Paragraph { end: at + rest + 1, ragged, flowing }
    }
}

/// True when the piece at `next` goes on with the sentence that began at the piece `first`.
pub(super) fn continues(
    source: &Source,
    outline: &Outline,
    paragraph: &mut Paragraph,
    first: usize,
    next: usize,
) -> bool {
    let (opener, before, piece) = (&outline.pieces[first], &outline.pieces[next - 1], &outline.pieces[next]);
    if piece.kind != PieceKind::Text || piece.section != opener.section {
        return false;
    }
    let text = source.slice(piece.text);
    let before_text = source.slice(before.text);
    // `leak - water where none should be`, `bill - money`: a name and its gloss on each line.
    let glossed = |line: &str| {
        line.split_once(" - ").is_some_and(|(head, _)| (1..=2).contains(&head.split_whitespace().count()))
    };
    // `Mon | 20 | scales` and the row below it.
    let row = |line: &str| line.matches(" | ").count() >= 2;
    if row(text) && row(before_text) {
        return false;
    }
    let label = is_label(text) && !before_text.ends_with(',');
    if label
        || glossed(text) && glossed(before_text)
        || tells_of_a_field(text) && tells_of_a_field(before_text)
    {
        return false;
    }
    let lowercase = text.starts_with(|c: char| c.is_lowercase() || c.is_ascii_digit() || "(,;".contains(c));
    let smiles = [":)", ";)", ":-)", ":("].iter().any(|face| before_text.ends_with(face));
    let left_open =
        is_open(before_text) || !smiles && before_text.ends_with([',', ')', '"', '”']) && lowercase;
    if let PieceKind::Item { .. } = opener.kind {
        return piece.indent > opener.indent || (left_open && lowercase);
    }
    *paragraph = std::mem::take(paragraph).around(source, outline, next - 1);
    if paragraph.ragged && !leans(before_text, text) {
        return false;
    }
    let wide = before.text.len() >= WRAP_WIDTH && text.starts_with(char::is_alphanumeric);
    // "Write the notice for the guests on the quay, who wait there since the morning:" and the rest on the next line.
    if paragraph.flowing && before_text.ends_with([';', ':']) {
        return before.text.len() >= WRAP_WIDTH && text.starts_with(|c: char| c.is_lowercase());
    }
    left_open && (wide || lowercase && !text.starts_with(|c: char| c.is_ascii_digit()))
}

/// `severity is one of low, high` and `line is a number` below it: what each field of a record holds.
fn tells_of_a_field(line: &str) -> bool {
    let mut words = line.split_whitespace();
    let name = words.next().unwrap_or("").trim_matches(['`', '"']);
    let field = name.len() >= 3 && name.chars().all(|c| c.is_ascii_lowercase() || c == '_');
    const OTHERS: [&str; 10] =
        ["there", "that", "this", "which", "what", "who", "they", "these", "those", "nothing"];
    field
        && !OTHERS.contains(&name)
        && matches!(words.next(), Some("is" | "has" | "holds" | "contains" | "must"))
}

/// "flyer:" on a line of its own leads to what follows it.
fn is_label(line: &str) -> bool {
    line.ends_with(':') && line.split_whitespace().count() <= 2
}

/// True when no sign ends the sentence.
fn is_open(line: &str) -> bool {
    !line.ends_with(['.', '!', '?', ':', ';', '>', '}', '"', '”', ']', ')', '|', ','])
}

/// Words that begin the later half of a sentence.
const BEGINS_LATER: [&str; 8] = ["which", "who", "that", "because", "than", "of", "while", "whose"];

/// True when the words on both sides of a line break need each other.
fn leans(before: &str, after: &str) -> bool {
    let mut back = before.rsplit(' ').map(str::to_lowercase);
    let last = back.next().unwrap_or_default();
    // "Exactly as they are" is over.
    let pronoun = back.next().is_some_and(|word| matches!(&*word, "they" | "it" | "you" | "we" | "there"));
    if pronoun && matches!(&*last, "is" | "are") {
        return before.ends_with(',') || BEGINS_LATER.contains(&after.split(' ').next().unwrap_or(""));
    }
    let first = after.split(' ').next().unwrap_or("");
    before.ends_with(',') || ends_open(before) || BEGINS_LATER.contains(&first)
}
