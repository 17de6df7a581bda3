//! Numbered parts of a prompt, and the places that refer to them by number.

use crate::checks::Case;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::outline::{Outline, PieceKind};
use crate::source::Source;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;
use std::collections::{BTreeSet, HashMap};

/// A part that carries a number.
#[derive(Clone, Debug)]
pub(crate) struct Numbered {
    pub(crate) number: u32,
    /// `step` in `Step 3:`; none for `3.`.
    pub(crate) word: Option<String>,
    /// The marker.
    pub(crate) place: Span,
    /// The number within it.
    pub(crate) digits: Span,
    indent: u16,
    /// Whether a closing bracket or a full stop follows.
    style: char,
}

impl Numbered {
    /// True for `iv.`, which figures do not stand for.
    pub(crate) fn is_roman(&self) -> bool {
        self.style == 'r'
    }
}

/// What a prompt may number and refer to.
const NAMES: [&str; 22] = [
    "step", "stage", "phase", "part", "task", "rule", "round", "section", "criterion", "point", "gate",
    "chapter", "appendix", "annex", "item", "question", "example", "figure", "table", "checkpoint",
    "attachment", "clause",
];

/// Reads `3.`, `(3)`, `Step 3:` at the start of a marker or title.
fn numbered(text: &str, span: Span, indent: u16) -> Option<Numbered> {
    let body = &text[span.range()];
    let bare = body.trim_start_matches(['(', '*', '_', '#', ' ']);
    let word_length = bare.bytes().take_while(u8::is_ascii_alphabetic).count();
    let word = (word_length > 1).then(|| bare[..word_length].to_lowercase());
    if word.as_ref().is_some_and(|word| !NAMES.contains(&word.as_str())) {
        return None;
    }
    let rest = if word.is_some() { bare[word_length..].trim_start_matches([' ', '#']) } else { bare };
    let length = rest.bytes().take_while(u8::is_ascii_digit).count();
    let after = rest[length..].chars().next().unwrap_or(' ');
    // 2.1 is a place in a tree, not the next of a sequence.
    let deeper = after == '.' && rest[length + 1..].starts_with(|c: char| c.is_ascii_digit());
    let joined = after.is_alphanumeric() || matches!(after, '%' | '/');
    if length == 0 || length > 3 || deeper || joined {
        return None;
    }
    let number = rest[..length].parse().ok()?;
    let at = span.end() - rest.len();
    let style = if word.is_some() { 'w' } else { after };
    let end = at + length + if matches!(after, '.' | ')' | ':') { 1 } else { 0 };
    let place = Span::new(span.start(), end.min(span.end()));
    Some(Numbered { number, word, place, digits: Span::new(at, at + length), indent, style })
}

/// `**3.** Read it`, `[Step 3] Read it`, `- Step 3: Read it`, `3 - Read it`, `#3 Read it`, `R3: Read it`, `iv. Read it`: numbers that
/// may be something else, so only a run of them is one.
fn loosely(text: &str, span: Span, indent: u16) -> Option<Numbered> {
    let line = &text[span.range()];
    let bare = line.trim_start_matches(['-', '•', ' ']);
    let head = bare.trim_start_matches(['*', '[', '#', '(']);
    let mark = bare.chars().next().filter(|mark| matches!(mark, '*' | '[' | '#'));
    let letters = head.bytes().take_while(u8::is_ascii_alphabetic).count();
    let (word, rest) = head.split_at(letters);
    let rest = rest.trim_start();
    let digits = rest.bytes().take_while(u8::is_ascii_digit).count();
    let after = &rest[digits..];
    let offset = |part: &str| span.end() - part.len();
    let lower = word.to_lowercase();
    let (number, style, tail) = if digits == 0 {
        // `iv.`, `II)`: no run of letters has the second one there.
        let sign = after.starts_with(['.', ')']) && after[1..].starts_with(' ');
        (roman(&lower).filter(|_| sign && word.len() == letters)?, 'r', after)
    } else {
        let number: u32 = rest[..digits].parse().ok().filter(|_| digits <= 2)?;
        let ends =
            after.starts_with([':', '.', ')', ']']) && !after[1..].starts_with(|c: char| c.is_ascii_digit());
        let dashed = after.starts_with(" - ") || after.starts_with(" – ") || after.starts_with(" — ");
        match (letters, mark) {
            (0, Some('#')) if after.starts_with([' ', ':', '.']) => (number, '#', after),
            (0, Some(mark)) if ends => (number, mark, after),
            (0, None) if dashed => (number, '-', after),
            // `E7:` is a code as often as not.
            (1, _) if ends && matches!(word, "G" | "Q" | "R" | "S" | "T") => {
                (number, word.chars().next()?, after)
            }
            (2.., _) if (ends || dashed) && NAMES.contains(&&*lower) => (number, 'n', after),
            _ => return None,
        }
    };
    let end = offset(tail);
    let digits = Span::new(offset(rest), end);
    let name = (style == 'n').then_some(lower);
    Some(Numbered { number, word: name, place: Span::new(span.start(), end), digits, indent, style })
}

/// `iv` as a number.
fn roman(letters: &str) -> Option<u32> {
    const NUMERALS: [&str; 12] = ["i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x", "xi", "xii"];
    NUMERALS.iter().position(|numeral| *numeral == letters).map(|at| at as u32 + 1)
}

/// The fewest such numbers that make a run; it begins with 1.
const LOOSE: usize = 3;

/// The numbered parts that belong together, each run in order of place.
pub(crate) fn runs(source: &Source, outline: &Outline) -> Vec<Vec<Numbered>> {
    let text = source.text();
    let mut runs: Vec<Vec<Numbered>> = Vec::new();
    // Items of one list share a section and an indent; named steps may each head a section of their own.
    let mut open: HashMap<(usize, u16, char), usize> = HashMap::new();
    for (at, piece) in outline.pieces.iter().enumerate() {
        let (span, titled) = match piece.kind {
            PieceKind::Item { ordered: true } => (piece.lead, false),
            PieceKind::Heading | PieceKind::Label | PieceKind::Field | PieceKind::Turn => {
                (piece.lead.cover(piece.text), true)
            }
            PieceKind::Text | PieceKind::Item { ordered: false } => (piece.lead.cover(piece.text), false),
            _ => continue,
        };
        let loose = matches!(piece.kind, PieceKind::Text | PieceKind::Item { ordered: false });
        let strict = numbered(text, span, piece.indent).filter(|_| !loose);
        let line = piece.lead.cover(piece.text);
        let Some(step) = strict.or_else(|| loosely(text, line, piece.indent).filter(|_| !titled)) else {
            continue;
        };
        if titled && step.word.is_none() && piece.kind != PieceKind::Heading {
            continue;
        }
        let scope = match (titled || step.word.is_some(), outline.sections[piece.section].parent) {
            (true, parent) if piece.kind != (PieceKind::Item { ordered: true }) => parent.unwrap_or(0),
            (true, _) | (false, _) => piece.section,
        };
        let key = (scope, if titled { 0 } else { step.indent }, step.style);
        let starts_over = |run: &Vec<Numbered>| {
            run.last().is_some_and(|last| step.number <= 1 && last.number > 1 || step.number < last.number)
                && !slips_back(source, run, &step)
        };
        // "Plan: 1. Call the desk", and 2 on the line below.
        let begins_above = || {
            step.number == 2
                && at
                    .checked_sub(1)
                    .is_some_and(|before| source.slice(outline.pieces[before].text).contains(": 1. "))
        };
        match open.get(&key) {
            Some(&run) if !starts_over(&runs[run]) && !begins_above() => runs[run].push(step),
            _ => {
                open.insert(key, runs.len());
                runs.push(vec![step]);
            }
        }
        // A list within an item starts over at the next item.
        open.retain(|&(of, indent, _), _| of != scope || titled || indent <= piece.indent);
    }
    runs.retain(|run| match run[0].style {
        'w' | '.' | ')' | ':' | ' ' => true,
        _ => run.len() >= LOOSE && run[0].number == 1,
    });
    runs
}

/// "1. 2. 3. 2. 5.": a number of the run again, right below its last item.
fn slips_back(source: &Source, run: &[Numbered], step: &Numbered) -> bool {
    let Some(last) = run.last() else { return false };
    let rises = run.windows(2).all(|pair| pair[0].number < pair[1].number);
    let between = source.slice(Span::new(last.place.end(), step.place.start()));
    step.number > 1
        && run.len() >= 3
        && rises
        && run.iter().any(|other| other.number == step.number)
        && between.matches('\n').count() <= 1
}

/// A letter before an item, and where it stands.
pub(crate) type Lettered = (char, Span);

/// Lists with letters for numbers, `a)` or `(a)`, each from its first letter on.
pub(crate) fn lettered(source: &Source, outline: &Outline) -> Vec<Vec<Lettered>> {
    let mut runs: Vec<Vec<Lettered>> = Vec::new();
    let mut open: HashMap<(usize, u16), usize> = HashMap::new();
    for piece in outline.pieces.iter().filter(|piece| piece.kind == PieceKind::Item { ordered: true }) {
        let marker = source.slice(piece.lead).trim().trim_start_matches('(').trim_end_matches([')', '.']);
        let mut signs = marker.chars();
        let (Some(letter), None) = (signs.next().filter(char::is_ascii_alphabetic), signs.next()) else {
            continue;
        };
        let key = (piece.section, piece.indent);
        match open.get(&key) {
            Some(&run) if runs[run].last().is_some_and(|(last, _)| *last <= letter) => {
                runs[run].push((letter, piece.lead));
            }
            _ => {
                open.insert(key, runs.len());
                runs.push(vec![(letter, piece.lead)]);
            }
        }
    }
    // A list that begins with another letter, as `i)` does, has numbers of another kind.
    runs.retain(|run| run.len() >= 2 && matches!(run[0].0, 'a' | 'A'));
    runs
}

/// A place that refers to a numbered part.
#[derive(Clone, Debug)]
pub(crate) struct Reference {
    /// `step`, `section`, in the singular.
    pub(crate) name: String,
    /// The number; letters count from 1.
    pub(crate) number: u32,
    /// True for `Appendix B`.
    lettered: bool,
    pub(crate) span: Span,
}

/// What is there to be referred to.
pub(crate) struct Targets {
    numbers: HashMap<String, BTreeSet<u32>>,
    /// Numbers of plain lists, which any name may mean.
    plain: BTreeSet<u32>,
    titles: Vec<String>,
    sections: u32,
    /// Where the prompt holds material that is not seen here, a slot or the like.
    holds_table: bool,
    /// How many samples there are at most.
    samples: u32,
}

impl Targets {
    pub(crate) fn holds(&self, reference: &Reference) -> bool {
        let name = reference.name.as_str();
        let named =
            |name: &str| self.numbers.get(name).is_some_and(|numbers| numbers.contains(&reference.number));
        let label = if reference.lettered {
            format!("{name} {}", char::from(b'a' + (reference.number - 1).min(25) as u8))
        } else {
            format!("{name} {}", reference.number)
        };
        if named(name) || self.titles.iter().any(|title| title.contains(&label)) {
            return true;
        }
        match name {
            "appendix" | "annex" | "attachment" | "gate" | "checkpoint" => false,
            // "Part C" is one by that name.
            "section" | "part" | "table" if reference.lettered => false,
            "section" | "chapter" | "part" => {
                reference.number <= self.sections && self.plain.is_empty()
                    || self.plain.contains(&reference.number)
            }
            "table" | "figure" => self.holds_table,
            "example" => reference.number <= self.samples,
            // Where steps carry their name, another number of a plain list is no step.
            _ if self.numbers.contains_key(name) => false,
            _ => self.plain.contains(&reference.number),
        }
    }
}

/// Everything that a reference may mean.
pub(crate) fn targets(case: &Case<'_>) -> Targets {
    let text = case.source.text();
    let mut numbers: HashMap<String, BTreeSet<u32>> = HashMap::new();
    let mut plain = BTreeSet::new();
    for step in runs(case.source, case.outline).into_iter().flatten() {
        match step.word {
            Some(word) => {
                numbers.entry(word).or_default().insert(step.number);
            }
            None => {
                plain.insert(step.number);
            }
        }
    }
    let titles = case.outline.sections.iter().skip(1).map(|section| {
        let title = text[section.title.range()].to_lowercase();
        title.replace(['_', '-'], " ")
    });
    let marked = case.outline.sections.len().saturating_sub(1) as u32;
    let holds_table = case.units.iter().any(|unit| unit.kind == UnitKind::Table);
    let sample = |label: &&crate::classify::Label| label.component == Some(Component::Examples);
    let samples = case.labels.iter().filter(sample).count() as u32;
    Targets { numbers, plain, titles: titles.collect(), sections: marked, holds_table, samples }
}

/// The places that refer to a numbered part of this prompt, in order.
pub(crate) fn references(case: &Case<'_>) -> Vec<Reference> {
    let text = case.source.text();
    let mut found = Vec::new();
    for (unit, label) in case.labels.iter().enumerate() {
        let kind = case.units[unit].kind;
        let sample =
            label.shares[Component::Examples.index()] >= 0.5 || label.component == Some(Component::Examples);
        if sample || matches!(kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn) {
            continue;
        }
        let words = case.words_of(unit);
        for at in 0..words.len().saturating_sub(1) {
            let lower = words[at].lower(text);
            let singular = match &*lower {
                "criteria" => "criterion",
                "appendices" => "appendix",
                other => other.strip_suffix('s').unwrap_or(other),
            };
            if !NAMES.contains(&singular) || is_marker(case, unit, words[at].span()) {
                continue;
            }
            let next = words[at + 1].text(text);
            // Two spaces or a sign between are no reference: "in each part, 3 lines".
            if text[words[at].end as usize..words[at + 1].start as usize].trim().len() > 1
                || case.is_quoted(unit, words[at].start as usize)
            {
                continue;
            }
            let lettered = next.len() == 1
                && next.chars().all(|c| c.is_ascii_uppercase())
                && matches!(singular, "appendix" | "annex" | "attachment" | "section" | "part" | "table");
            let spelt = || {
                vocabulary::number_value(words[at + 1].id)
                    .filter(|_| is_spelt_place(case, unit, at, singular))
            };
            let number = match next.parse::<u32>() {
                Ok(number) if number < 1000 => number,
                _ if spelt().is_some() => spelt().unwrap_or_default(),
                _ if lettered => u32::from(next.as_bytes()[0] - b'A') + 1,
                _ => continue,
            };
            if is_elsewhere(case, unit, at, singular) {
                continue;
            }
            let span = words[at].span().cover(words[at + 1].span());
            // "Rules 2 and 9", "steps 2 to 6".
            let joined = words
                .get(at + 2)
                .is_some_and(|word| matches!(&*word.lower(text), "and" | "or" | "to" | "through"));
            let second = words.get(at + 3).filter(|_| joined && !lettered && lower.ends_with('s'));
            let second = second.and_then(|word| Some((word.span(), word.text(text).parse().ok()?)));
            found.push(Reference { name: singular.to_string(), number, lettered, span });
            if let Some((place, number)) = second.filter(|(_, number)| *number < 1000) {
                found.push(Reference { name: singular.to_string(), number, lettered, span: place });
            }
        }
    }
    found
}

/// "Go back to step six": the number in words stands last, or the sentence goes on behind it.
fn is_spelt_place(case: &Case<'_>, unit: usize, at: usize, name: &str) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let led = at > 0
        && matches!(
            &*words[at - 1].lower(text),
            "to" | "of" | "in" | "from" | "see" | "repeat" | "follow" | "under" | "with" | "against"
        );
    let ends = words.get(at + 2).is_none_or(|next| {
        next.is_punctuation()
            || matches!(&*next.lower(text), "when" | "if" | "again" | "and" | "until" | "before" | "after")
    });
    matches!(name, "step" | "stage" | "phase" | "rule" | "section" | "part") && led && ends
}

/// "Steps 3 to 5", "step 3 and 4": true where another number follows the one that ends at byte `end`.
pub(crate) fn goes_on(text: &str, end: usize) -> bool {
    let rest = text[end..].trim_start();
    ["and", "to", "or", "-", "–", ","].iter().any(|sign| {
        rest.strip_prefix(sign)
            .is_some_and(|rest| rest.trim_start().starts_with(|c: char| c.is_ascii_digit()))
    })
}

/// True when the words are the marker of a numbered part itself.
fn is_marker(case: &Case<'_>, unit: usize, word: Span) -> bool {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    piece.lead.overlaps(word) && piece.kind != PieceKind::Text
}

/// True when the sentence says that the part is of another text: "section 4 of the policy", "clause 3 of the contract".
fn is_elsewhere(case: &Case<'_>, unit: usize, at: usize, name: &str) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let of = (at + 2..at + 5).any(|at| matches!(&*lower(at), "of" | "in" | "from" | "under"));
    let here = [
        "prompt", "instructions", "rubric", "list", "guide", "procedure", "process", "above", "below",
        "this", "these",
    ];
    let of = of && !(at + 2..at + 9).any(|at| here.contains(&&*lower(at)));
    let made = matches!(
        name,
        "question" | "example" | "item" | "figure" | "clause" | "task" | "point" | "part" | "round" | "table"
    );
    // "As set out in part 6".
    let told = at > 0
        && lower(at - 1) == "in"
        && words[at.saturating_sub(5)..at].iter().any(|word| {
            matches!(
                &*word.lower(text),
                "set"
                    | "described"
                    | "laid"
                    | "explained"
                    | "listed"
                    | "given"
                    | "shown"
                    | "defined"
                    | "stated"
                    | "said"
                    | "mentioned"
                    | "asked"
                    | "named"
                    | "outlined"
            )
        });
    // "Write part 2", "for year 9": what the model is to make, or counts in the input.
    let background = made
        && !told
        && !words[..at].iter().any(|word| {
            word.is(vocabulary::VERB)
                && matches!(&*lower_of(text, *word), "see" | "follow" | "repeat" | "go" | "use" | "check")
        });
    let quantity = at > 0 && words[at - 1].is_number();
    // "Cite the section, such as section 12".
    let sampled = at > 1 && lower(at - 1) == "as" && lower(at - 2) == "such"
        || at > 0 && matches!(&*lower(at - 1), "e.g" | "e.g." | "like");
    of || background || quantity || sampled
}

fn lower_of(text: &str, word: crate::words::Word) -> Cow<'_, str> {
    word.lower(text)
}

/// References to a part by its rank, "the seventh step", or by a number with something behind it, "step 3b", "section 2.3".
pub(crate) fn lost_ranks(case: &Case<'_>) -> Vec<Span> {
    const RANKS: [&str; 12] = [
        "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth",
        "eleventh", "twelfth",
    ];
    let text = case.source.text();
    let runs = runs(case.source, case.outline);
    let mut lists = runs.iter().filter(|run| run.len() >= LOOSE);
    let (only, more) = (lists.next(), lists.next().is_some());
    let mut lost = Vec::new();
    for unit in case.demands() {
        let words = case.words_of(unit);
        for (at, run) in words.windows(3).enumerate() {
            let [the, rank, noun] = [0, 1, 2].map(|at| run[at].lower(text));
            let name = noun.strip_suffix('s').unwrap_or(&noun);
            let rank = RANKS.iter().position(|word| *word == rank).map(|at| at as u32 + 1);
            let led = at == 0
                || !words[at - 1].is(vocabulary::VERB)
                || matches!(&*words[at - 1].lower(text), "repeat" | "follow" | "see");
            if let (Some(rank), Some(list), false) = (rank, only, more) {
                let beyond = list.iter().all(|step| step.number < rank) && list.len() < rank as usize;
                let named = list[0].word.as_deref().is_none_or(|word| word == name);
                if the == "the"
                    && matches!(name, "step" | "rule" | "stage" | "phase")
                    && beyond
                    && named
                    && led
                {
                    lost.push(run[0].span().cover(run[2].span()));
                }
            }
        }
        lost.extend(deeper(case, unit));
        if lost.len() >= LOST {
            break;
        }
    }
    lost
}

/// How many such references are told of: each is looked for in the whole text.
const LOST: usize = 16;

/// "Step 3b", "section 2.3", "step (f)" that stand nowhere else in the prompt.
fn deeper(case: &Case<'_>, unit: usize) -> Vec<Span> {
    let text = case.source.text();
    let span = case.units[unit].text;
    let body = case.text(span);
    let mut found = Vec::new();
    for (at, word) in case.words_of(unit).iter().enumerate() {
        let name = word.lower(text);
        if !matches!(&*name, "step" | "section" | "rule" | "stage" | "phase" | "part" | "chapter" | "clause")
            || at == 0
        {
            continue;
        }
        let rest = &body[word.end as usize - span.start()..];
        let Some(rest) = rest.strip_prefix(' ') else { continue };
        let end = rest.find(|c: char| !(c.is_alphanumeric() || ".()".contains(c))).unwrap_or(rest.len());
        let label = rest[..end].trim_end_matches(['.', ')']);
        let digits = label.bytes().take_while(u8::is_ascii_digit).count();
        let tail = &label[digits..];
        let sub = digits > 0
            && (tail.len() == 1 && tail.starts_with(|c: char| c.is_ascii_lowercase())
                || tail
                    .strip_prefix('.')
                    .is_some_and(|tail| !tail.is_empty() && tail.bytes().all(|b| b.is_ascii_digit())));
        let letter = digits == 0
            && label.len() == 2
            && label.starts_with('(')
            && label.ends_with(|c: char| c.is_ascii_lowercase());
        let bare = label.trim_start_matches('(');
        let again = if letter {
            let marks = [format!("\n{bare})"), format!("({bare}) "), format!("\n{bare}. ")];
            marks.iter().filter(|mark| !mark.starts_with('(')).any(|mark| text.contains(mark.as_str()))
                || text.matches(marks[1].as_str()).nth(1).is_some()
        } else {
            // "3. … b) …" has the letter on a line of its own.
            let letter = tail.len() == 1
                && [format!("{tail})"), format!("\n{tail}. ")]
                    .iter()
                    .any(|mark| text.contains(mark.as_str()));
            text.matches(bare).nth(1).is_some() || letter
        };
        if (sub || letter) && !again && !is_elsewhere(case, unit, at, &name) {
            let place = Span::new(word.start as usize, word.end as usize + 1 + label.len());
            found.push(place);
        }
    }
    found
}

/// References such as "criterion D" to a list that goes from A) to C).
fn lost_capitals(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let marker = |span: Span| {
        let body = text[span.range()].trim().trim_start_matches(['-', '*', ' ', '(']);
        let letter = body.chars().next().filter(char::is_ascii_uppercase)?;
        body[1..].starts_with([')', '.', ':']).then_some(letter)
    };
    let lines = case.units.iter().filter(|unit| unit.opens_piece);
    let there: BTreeSet<char> = lines.filter_map(|unit| marker(unit.with_lead(case.outline))).collect();
    let Some(last) = there.iter().next_back().filter(|_| there.len() >= 3 && there.contains(&'A')) else {
        return Vec::new();
    };
    let lost = |pair: &[Word]| {
        let name = pair[0].lower(text);
        let letter = pair[1].text(text).chars().next().filter(|_| pair[1].text(text).len() == 1)?;
        let named = matches!(&*name, "criterion" | "rule" | "step" | "option" | "class" | "case" | "level");
        let near = letter.is_ascii_uppercase() && letter > *last && letter as u32 <= *last as u32 + 3;
        (named && near).then(|| pair[0].span().cover(pair[1].span()))
    };
    case.demands().flat_map(|unit| case.words_of(unit).windows(2)).filter_map(lost).collect()
}

/// References such as "for (d)" to a list that goes from (a) to (c).
pub(crate) fn lost_letters(case: &Case<'_>) -> Vec<Span> {
    let text = case.source.text();
    let mut lost = lost_capitals(case);
    let bracketed = |span: Span| {
        let body = text[span.range()].trim();
        let inner = body.strip_prefix('(')?.strip_suffix(')')?;
        let letter = inner.chars().next().filter(|c| c.is_ascii_lowercase() && inner.len() == 1)?;
        Some(letter)
    };
    let markers = case.outline.pieces.iter().filter_map(|piece| bracketed(piece.lead));
    let there: BTreeSet<char> = markers.collect();
    if there.len() < 2 {
        return lost;
    }
    for (unit, label) in case.labels.iter().enumerate() {
        let words = case.words_of(unit);
        if label.component == Some(Component::Examples) || case.units[unit].kind == UnitKind::Code {
            continue;
        }
        for run in words.windows(4) {
            let leads = ["for", "in", "under", "of", "see", "to", "and"].contains(&&*run[0].lower(text));
            let span = run[1].span().cover(run[3].span());
            // The letter after the last one, at most a few on: others are no places of this list.
            let near = |letter: &char| {
                !there.contains(letter)
                    && there.iter().next_back().is_some_and(|last| (*letter as u32) <= *last as u32 + 3)
            };
            if leads && run[1].text(text) == "(" && bracketed(span).is_some_and(|letter| near(&letter)) {
                lost.push(span);
            }
        }
    }
    lost
}
