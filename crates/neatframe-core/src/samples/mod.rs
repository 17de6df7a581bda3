//! The samples of a prompt: which stretch is an input, which an output.

mod speakers;

use crate::checks::Case;
use crate::classify::is_bare_call;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::outline::{Mark, PieceKind};
use crate::persona;
use crate::span::Span;
use crate::units::{Unit, UnitKind};

/// What one side of a sample shows.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum Side {
    Input,
    Output,
    /// Labelled, but not known for either.
    Other,
}

/// One side of a sample.
#[derive(Clone, Debug)]
pub(crate) struct Shown {
    pub(crate) side: Side,
    /// Its label: `Guest`, `Sample request`.
    pub(crate) label: Span,
    /// Its words, the label left out.
    pub(crate) content: Span,
    /// True for a turn of a dialogue.
    pub(crate) spoken: bool,
    /// Sides of one section belong to one run of samples.
    section: usize,
}

/// Signs between the two sides of a sample on one line.
pub(crate) const ARROWS: [&str; 4] = [" -> ", " → ", " => ", " ⇒ "];

/// The two sides of a sample that an arrow parts: `"the boat was late" -> LATE`.
fn arrow(case: &Case<'_>, label: Span, content: Span, section: usize) -> Option<[Shown; 2]> {
    let text = case.text(content);
    // "Before: … After: …" on one line.
    let after = || {
        [" After: ", " Output: ", " Answer: "].iter().find_map(|mark| Some((text.find(mark)?, mark.len())))
    };
    // `"late again" > complaint`: only a quotation makes the sign an arrow.
    let pointed = || {
        let turns = ["\" > ", "\" becomes ", "\" turns into "];
        turns.iter().find_map(|sign| Some((text.find(sign)? + 1, sign.len() - 1)))
    };
    let (at, length) = ARROWS
        .iter()
        .find_map(|arrow| Some((text.find(arrow)?, arrow.len())))
        .or_else(pointed)
        .or_else(after)?;
    let shown = |side, content| Shown { side, label, content, spoken: false, section };
    let left = Span::new(content.start(), content.start() + at);
    Some([shown(Side::Input, left), shown(Side::Output, Span::new(left.end() + length, content.end()))])
}

/// Reads the labelled sides of the samples, in order of place.
pub(crate) fn read(case: &Case<'_>) -> Vec<Shown> {
    let mut found: Vec<Shown> = Vec::new();
    let persona = persona::called(case);
    let taken = labels_of_slots(case);
    let mut open: Option<Shown> = None;
    let mut forced = false;
    let mut arrowed = false;
    // Set while inputs were shown and nothing has answered them.
    let mut waits = false;
    let close = |found: &mut Vec<Shown>, open: &mut Option<Shown>| {
        found.extend(open.take());
    };
    for (index, unit) in case.units.iter().enumerate() {
        let sample = case.labels[index].component == Some(Component::Examples);
        let piece = &case.outline.pieces[unit.pieces.start];
        let titled = unit.kind == UnitKind::Mark;
        let label = match piece.kind {
            PieceKind::Turn | PieceKind::Field if unit.opens_piece => Some(piece.lead),
            PieceKind::Label | PieceKind::TagOpen | PieceKind::Heading if unit.opens_piece => case
                .outline
                .sections
                .get(piece.section)
                .filter(|section| section.mark != Mark::Root)
                .map(|section| section.title),
            PieceKind::Text | PieceKind::Item { .. } if sample && case.text(unit.text).ends_with(':') => {
                Some(unit.text)
            }
            _ => None,
        };
        if piece.kind == PieceKind::TagClose {
            close(&mut found, &mut open);
            continue;
        }
        let bare = Span::new(unit.text.start(), unit.text.start());
        let sides = (label.is_none() && sample && unit.kind != UnitKind::Code && !titled)
            .then(|| arrow(case, bare, unit.text, unit.section))
            .flatten()
            .or_else(|| {
                arrow(
                    case,
                    label.filter(|_| sample && !titled)?,
                    after_label(case, label?, unit.text),
                    unit.section,
                )
            });
        // "Before: … After: "Oops! Try again."": the second side goes on in the next sentence.
        let goes_on = std::mem::take(&mut arrowed) && !unit.opens_piece && sample;
        if goes_on && let Some(last) = found.last_mut() {
            last.content = last.content.cover(unit.text);
            arrowed = true;
            continue;
        }
        if let Some(sides) = sides {
            close(&mut found, &mut open);
            found.extend(sides);
            arrowed = true;
            continue;
        }
        // "Before: …" is followed by "After: …", whatever its words read like.
        let answers = |label: Span, last: &Option<Shown>, persona: Option<&str>| {
            let input = last
                .as_ref()
                .is_some_and(|last| last.side == Side::Input && !last.content.is_empty() && !last.spoken);
            (input || waits)
                && side(case, label, persona) == Some(Side::Output)
                && piece.kind == PieceKind::Label
        };
        forced = label.map_or(forced, |label| answers(label, &open, persona.as_deref()));
        waits = match &open {
            Some(last) if last.side == Side::Input => !last.content.is_empty() && !last.spoken,
            _ => waits && !forced && piece.kind != PieceKind::Heading,
        } && !case.text(unit.text).contains(['{', '<']);
        if let Some(label) = label {
            close(&mut found, &mut open);
            let named =
                ["example", "sample"].iter().any(|word| case.text(label).to_lowercase().contains(word));
            let samples_follow = forced
                || sample
                || titled && follows_sample(case, index)
                || named && piece.kind == PieceKind::Field;
            let lead_only = unit.text == label || titled;
            if samples_follow && let Some(side) = side(case, label, persona.as_deref()) {
                let content = if lead_only {
                    Span::new(unit.text.end(), unit.text.end())
                } else {
                    after_label(case, label, unit.text)
                };
                let spoken = piece.kind == PieceKind::Turn;
                let named = side == Side::Other && taken.contains(&case.text(label).to_lowercase());
                let side = if named { Side::Input } else { side };
                open = Some(Shown { side, label, content, spoken, section: unit.section });
            }
            continue;
        }
        // An answer in a block of its own carries no label: "Passage: …" and the record below it.
        let answered = open.as_ref().filter(|shown| shown.side == Side::Input && !shown.content.is_empty());
        let record = unit.kind == UnitKind::Code
            || case.text(unit.text).starts_with(['{', '[', '<', '|', '`']) && unit.opens_piece
            || is_bare_call(case.text(unit.text))
            || answered.is_some_and(|shown| is_bare_answer(case, shown, unit));
        // "[G03] …" and "[G09] …" below it: one list of what goes in.
        let first = |span: Span| case.text(span).chars().next();
        let listed = answered.is_some_and(|shown| {
            case.text(unit.text).starts_with('[') && first(shown.content) == first(unit.text)
        });
        if let Some(shown) = answered.filter(|_| sample && record && !listed) {
            let answer = Shown {
                side: Side::Output,
                content: Span::new(unit.text.start(), unit.text.start()),
                ..shown.clone()
            };
            close(&mut found, &mut open);
            open = Some(answer);
        }
        let marks = titled && piece.kind != PieceKind::Fence;
        let sample = sample || std::mem::take(&mut forced);
        if !sample && piece.kind != PieceKind::Fence || marks {
            close(&mut found, &mut open);
            continue;
        }
        if let Some(shown) = &mut open
            && unit.kind != UnitKind::Mark
        {
            shown.content = if shown.content.is_empty() { unit.text } else { shown.content.cover(unit.text) };
        }
    }
    close(&mut found, &mut open);
    name_inputs(case, &taken, &mut found);
    name_answers(case, &mut found);
    records_come_out(case, &mut found);
    name_languages(case, &mut found);
    speakers::tell_apart(case, &mut found);
    found
}

/// The labels under which slots take in the material, in lower case.
fn labels_of_slots(case: &Case<'_>) -> Vec<String> {
    let label_at = |place: usize| {
        let index = case.units.partition_point(|unit| unit.text.end() <= place);
        let unit = case.units.get(index)?;
        // `reason: <at most 12 words>` is a line of the answer.
        if case.labels[index].component == Some(Component::OutputFormat) {
            return None;
        }
        let piece = &case.outline.pieces[unit.pieces.start];
        let label = match piece.kind {
            PieceKind::Turn | PieceKind::Field => piece.lead,
            _ => case.outline.sections.get(unit.section).filter(|section| section.mark != Mark::Root)?.title,
        };
        Some(case.text(label).to_lowercase())
    };
    case.slots.iter().take(SLOTS).filter_map(|slot| label_at(slot.span.start())).collect()
}

/// "Card: {{card}}" at the end of the prompt: a sample under that label shows what goes in.
fn name_inputs(case: &Case<'_>, taken: &[String], found: &mut [Shown]) {
    for at in 0..found.len() {
        let label = case.text(found[at].label).to_lowercase();
        let bare = label.strip_prefix("sample ").or_else(|| label.strip_prefix("example ")).unwrap_or(&label);
        let named = taken.iter().any(|name| name == bare || name.strip_suffix('s') == Some(bare));
        // A label that mostly names an output needs another one behind it.
        let answered = found.get(at + 1).is_some_and(|next| {
            next.section == found[at].section && case.text(next.label) != case.text(found[at].label)
        });
        // An answer with no label of its own has that of what goes in.
        let bare = at > 0 && found[at - 1].label == found[at].label;
        let turns = found[at].side == Side::Other || found[at].side == Side::Output && answered && !bare;
        if named && turns {
            found[at].side = Side::Input;
        }
    }
}

/// How many slots are looked at.
const SLOTS: usize = 64;

/// The runs of samples, from and to, each of one section.
fn runs(found: &[Shown]) -> Vec<(usize, usize)> {
    let mut from = 0;
    let same = |one: &Shown, next: &Shown| one.section == next.section;
    let lengths = found.chunk_by(same).map(<[Shown]>::len);
    lengths
        .map(|length| {
            from += length;
            (from - length, from)
        })
        .collect()
}

/// "Card: …", "Panel: …": where no label is known for an output, the one label that follows the inputs names it.
fn name_answers(case: &Case<'_>, found: &mut [Shown]) {
    answer_the_task(case, found);
    for (from, to) in runs(found) {
        // What opens the run is its title.
        let first =
            found[from..to].iter().position(|shown| shown.side == Side::Input).map_or(to, |n| from + n);
        let run = &mut found[first..to];
        if run.iter().any(|shown| shown.side == Side::Output) {
            continue;
        }
        let label = |shown: &Shown| case.text(shown.label).to_lowercase();
        let directly = |pair: &[Shown]| {
            let between =
                &case.source.text()[pair[0].content.end().min(pair[1].label.start())..pair[1].label.start()];
            pair[0].side == Side::Input
                && !pair[0].content.is_empty()
                && pair[1].side == Side::Other
                && between.trim_matches(['*', '_', ' ']).matches('\n').count() <= 1
        };
        let Some(name) = run.windows(2).find(|pair| directly(pair)).map(|pair| label(&pair[1])) else {
            continue;
        };
        let all_one = run.iter().all(|shown| shown.side == Side::Input || label(shown) == name);
        let inputs: Vec<String> = run.iter().filter(|shown| shown.side == Side::Input).map(label).collect();
        if all_one && inputs.windows(2).all(|pair| pair[0] == pair[1]) {
            for shown in run.iter_mut().filter(|shown| shown.side == Side::Other) {
                shown.side = Side::Output;
            }
        }
    }
}

/// "DE: …" and "EN: …": a text and its translation.
fn name_languages(case: &Case<'_>, found: &mut [Shown]) {
    let is_language = |shown: &Shown| LANGUAGES.contains(&&*case.text(shown.label).to_lowercase());
    for at in 1..found.len() {
        let (head, tail) = found.split_at_mut(at);
        let (one, two) = (&mut head[at - 1], &mut tail[0]);
        let pair = one.section == two.section && one.side == Side::Other && two.side == Side::Other;
        if pair && is_language(one) && is_language(two) && case.text(one.label) != case.text(two.label) {
            (one.side, two.side) = (Side::Input, Side::Output);
            (one.spoken, two.spoken) = (false, false);
        }
    }
}

/// Languages as samples are labelled with them.
const LANGUAGES: [&str; 30] = [
    "de", "en", "fr", "es", "it", "nl", "pl", "pt", "sv", "da", "no", "fi", "cs", "ja", "zh", "uk", "german",
    "english", "french", "spanish", "italian", "dutch", "polish", "portuguese", "swedish", "danish",
    "norwegian", "finnish", "czech", "japanese",
];

/// "Write the note for the phrase", with "Phrase: …" and "Note: …": what the task has made is the answer, though a note often
/// goes in.
fn answer_the_task(case: &Case<'_>, found: &mut [Shown]) {
    let text = case.source.text();
    let made: Vec<String> = (0..case.units.len())
        .filter(|&unit| case.labels[unit].component == Some(Component::Task))
        .take(SLOTS)
        .filter_map(|unit| {
            let words = case.words_of(unit);
            let at = words
                .iter()
                .position(|word| matches!(&*word.lower(text), "write" | "make" | "draft" | "give"))?;
            let article = words.get(at + 1)?.lower(text);
            matches!(&*article, "the" | "a" | "an" | "one")
                .then(|| words.get(at + 2).map(|word| word.lower(text).into_owned()))?
        })
        .collect();
    for at in 1..found.len() {
        let (before, shown) = (&found[at - 1], &found[at]);
        let label = case.text(shown.label).to_lowercase();
        let pair =
            before.section == shown.section && before.side != Side::Output && shown.side == Side::Input;
        if pair && case.text(before.label).to_lowercase() != label && made.contains(&label) {
            found[at].side = Side::Output;
        }
    }
}

/// "Example: {"boat": …}": a record is what comes out.
fn records_come_out(case: &Case<'_>, found: &mut [Shown]) {
    for shown in found {
        let label = case.text(shown.label).to_lowercase();
        let plain = label.trim_end_matches(|c: char| !c.is_alphabetic());
        let record = case.text(shown.content).trim_start().starts_with(['{', '[']);
        if record && matches!(plain, "example" | "sample") && case.text(shown.content).contains("\":") {
            shown.side = Side::Output;
        }
    }
}

/// `network P1` on the line below `Ticket: ...`: a few words and no full stop.
fn is_bare_answer(case: &Case<'_>, shown: &Shown, unit: &Unit) -> bool {
    let line = case.text(unit.text);
    let one_line = !case.text(shown.content).contains('\n');
    one_line
        && unit.opens_piece
        && line.split_whitespace().count() <= 4
        && !line.ends_with(['.', '?', '!', ':', ','])
        && (case.text(shown.content).split_whitespace().count() > 4 || is_shouted(line))
}

/// `STORM 97`: a label in capitals opens the line.
fn is_shouted(line: &str) -> bool {
    let first = line.split_whitespace().next().unwrap_or("");
    first.len() >= 3 && first.chars().all(|c| c.is_uppercase() || c == '_')
}

/// A unit's words behind its label and the sign after it.
fn after_label(case: &Case<'_>, label: Span, unit: Span) -> Span {
    let rest = &case.source.text()[label.end().min(unit.end())..unit.end()];
    let words = rest.trim_start_matches([':', '*', '_', '-', '–', ' ', '\t', '\n', '\r']);
    Span::new(unit.end() - words.len(), unit.end())
}

/// True when the next unit with words is a sample.
fn follows_sample(case: &Case<'_>, index: usize) -> bool {
    (index + 1..case.units.len().min(index + 4))
        .find(|&next| case.units[next].kind != UnitKind::Mark)
        .is_some_and(|next| case.labels[next].component == Some(Component::Examples))
}

/// Which side a label names.
fn side(case: &Case<'_>, label: Span, persona: Option<&str>) -> Option<Side> {
    let text = case.text(label).to_lowercase();
    let words: Vec<&str> =
        text.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).collect();
    if words.is_empty() || words.len() > 8 {
        return None;
    }
    if persona.is_some_and(|name| words.contains(&name)) {
        return Some(Side::Output);
    }
    let ours = ["assistant", "ai", "bot", "agent", "model", "chatbot", "you", "tutor", "system"];
    let flags = |word: &&&str| vocabulary::flags(vocabulary::find(word.as_bytes()));
    let last = words.iter().rfind(|word| word.parse::<u32>().is_err() && word.len() > 1)?;
    let says = |class: u32| flags(&last) & class != 0;
    // "Record", "Class", "Verdict" name what comes out; "Request", "Essay", "Note" what goes in.
    const OUT: [&str; 33] = [
        "good", "right", "correct", "after", "row", "record", "verdict", "decision", "script", "query",
        "json", "object", "table", "minutes", "notice", "handover", "translation", "score", "label", "name",
        "tags", "title", "headline", "reading", "entry", "line", "lines", "sql", "correction", "call",
        "action", "command", "thought",
    ];
    const IN: [&str; 19] = [
        "before", "essay", "passage", "log", "article", "mail", "letter", "slip", "transcript",
        "conversation", "sentence", "paragraph", "diff", "snippet", "statement", "complaint", "post",
        "tweet", "case",
    ];
    Some(if ours.contains(last) || says(vocabulary::SAMPLE_OUT) || OUT.contains(last) {
        Side::Output
    } else if says(vocabulary::SAMPLE_IN | vocabulary::SPEAKER) || IN.contains(last) {
        Side::Input
    } else {
        Side::Other
    })
}

impl Shown {
    /// True when two sides stand in one run of samples.
    pub(crate) fn beside(&self, other: &Shown) -> bool {
        self.section == other.section || self.spoken == other.spoken
    }
}
