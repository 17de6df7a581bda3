//! Placeholders that a person forgot: brackets to fill, notes, blanks, dummy values.

use super::hole_of_a_form::is_beside_yours;
use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::{Edit, capitalised};
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::slots::{self, Slot, Syntax, WRITES, leftover_word, wanted, wanted_beside_others, wanted_by_note};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// A placeholder that was to be replaced by hand, or a TODO.
pub(super) struct LeftOverSlot;

static LEFT_OVER: Meta = Meta {
    id: "left-over-slot",
    family: Family::Slot,
    severity: Severity::Error,
    summary: "a placeholder or TODO that was to be replaced by hand",
    write: "The text, or a named slot such as `{{guest_name}}`.",
    on: true,
    english: false,
    why: "Sent like this, the model reads the placeholder as the text, or makes something up for it.",
    bad: &[
        "Write to [Your Company] about the delay.",
        "TODO add the timetable\nWrite the notice.",
        "Ask {{audience: Who reads it?}}",
    ],
    good: &[
        "Write to {{company}} about the delay.",
        "Name the pier of each boat. If it is missing, write [TBD].",
        "Write the to-do list of the night crew.",
        "Solve the task. Always begin in this way:\nSolution: <YOUR_SOLUTION>",
        "Answer in the following format:\n\nQuestion: [question here]\nAnswer: [answer here]",
    ],
};

impl Check for LeftOverSlot {
    fn meta(&self) -> &'static Meta {
        &LEFT_OVER
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut told: Option<Span> = None;
        let usual = slots::usual(case.slots);
        let filled: Vec<Syntax> = case
            .slots
            .iter()
            .filter(|slot| leftover_word(case.text(slot.inner)).is_none())
            .map(|slot| slot.syntax)
            .collect();
        let others = filled.iter().any(|syntax| *syntax != Syntax::Brackets);
        for slot in case.slots {
            let inner = case.text(slot.inner);
            let whole = case.text(slot.span);
            if let Some((_, question)) =
                inner.split_once(':').filter(|(_, question)| question.trim_end().ends_with('?'))
            {
                let message = format!("an open question: {}", question.trim());
                sink.report(slot.span, message, "answer it in place of the slot, or delete the line");
                told = Some(slot.span);
            } else if leftover_word(inner)
                .is_some_and(|word| by_hand(slot.syntax, word) && !is_for_the_model(case, slot, word))
            {
                let write =
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use";
                let finding = sink.report(slot.span, format!("`{whole}` was never filled in"), write);
                // Where all others are written as this one is, it stays with them.
                let alike = !filled.is_empty() && filled.iter().all(|syntax| *syntax == slot.syntax);
                let syntax = if alike { slot.syntax } else { usual };
                finding.fix = wanted(inner)
                    .map(|name| place_name(case, slot.span, name))
                    .or_else(|| wanted_beside_others(inner).filter(|_| others))
                    .map(|name| Edit { span: slot.span, replacement: syntax.write(&name) })
                    .into_iter()
                    .collect();
                told = Some(slot.span);
            }
        }
        for (index, unit) in case.units.iter().enumerate() {
            if let Some(span) = note_in_brackets(case.source.text(), case.words_of(index))
                .filter(|span| told.is_none_or(|told| !told.overlaps(*span)))
            {
                let message = format!("`{}` was never filled in", case.shown(span));
                let write =
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use";
                let finding = sink.report(span, message, write);
                finding.fix = wanted(case.text(span).trim_matches(['(', ')']))
                    .map(|name| Edit { span, replacement: usual.write(&name) })
                    .into_iter()
                    .collect();
                continue;
            }
            if let Some(blank) = blank_to_fill(case, index).or_else(|| dummy_value(case, index)) {
                let write =
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use";
                let finding =
                    sink.report(blank, format!("`{}` was never filled in", case.text(blank)), write);
                // "Response rate: XX %": the label says what goes there.
                let dummy = blank.end() == unit.text.end();
                if let Some(name) = named_above(case, blank).filter(|_| dummy) {
                    finding.fix = vec![Edit { span: blank, replacement: usual.write(&name) }];
                }
                continue;
            }
            let words = case.words_of(index);
            for (at, word) in words.iter().enumerate() {
                let text = word.text(case.source.text());
                let marker = text.starts_with(['T', 'F', 'X'])
                    && (["TODO", "FIXME", "TBD", "XXX", "TBA", "TBC"].contains(&text)
                        // "On XX June".
                        || matches!(text, "XX" | "X")
                            && words.get(at + 1).is_some_and(|next| is_month(next.text(case.source.text()))));
                // "Leave no TODO behind" speaks of such marks.
                let spoken_of = at > 0
                    && matches!(
                        &*words[at - 1].lower(case.source.text()),
                        "leave" | "no" | "any" | "a" | "without" | "your" | "the" | "my" | "our" | "each" | "every"
                    )
                    // "The boat's TODO list", "TODO items".
                    || words.get(at + 1).is_some_and(|next| {
                        matches!(
                            &*next.lower(case.source.text()),
                            "list" | "lists" | "item" | "items" | "comment" | "comments" | "file" | "files" | "entries"
                        )
                    });
                // "If the pier is missing, write [TBD]".
                let asked_for = || {
                    let before = words[..at].iter().rfind(|word| !word.is_punctuation());
                    let writes =
                        before.is_some_and(|word| WRITES.contains(&&*word.lower(case.source.text())));
                    text.starts_with("TB") && writes
                };
                if !marker || spoken_of || asked_for() {
                    continue;
                }
                let spoken = told.is_some_and(|span| span.overlaps(word.span()))
                    || in_slot(case.slots, word.span())
                    || case.is_quoted(index, word.span().start());
                if !spoken {
                    let message = format!("`{text}` is still in the prompt");
                    let write = "do what the note says, then take the note out";
                    let finding = sink.report(unit.text, message, write);
                    // "Survey answers: TODO": the label says what goes there.
                    let value = case.text(unit.text).trim_end().ends_with(&format!(": {text}"));
                    if let Some(name) = named_above(case, word.span()).filter(|_| value) {
                        finding.fix = vec![Edit { span: word.span(), replacement: usual.write(&name) }];
                        break;
                    }
                    // "TODO paste chapter": the note holds the place of the material.
                    let note = case.text(unit.text);
                    let material = wanted(note).filter(|_| text == "TODO").map(|name| usual.write(&name));
                    let added = || {
                        let (thing, name) = wanted_by_note(note)?;
                        Some(format!("{}: {}", capitalised(&thing), usual.write(&name)))
                    };
                    let replacement = material.or_else(added);
                    finding.fix = replacement
                        .map(|replacement| Edit { span: unit.text, replacement })
                        .into_iter()
                        .collect();
                    break;
                }
            }
        }
    }
}

/// A name for a place that says no more than "text": that of the tag or label which it stands under, if no slot has it yet.
fn place_name(case: &Case<'_>, place: Span, name: String) -> String {
    if name == "text" { named_above(case, place).unwrap_or(name) } else { name }
}

/// What the tag or the label right before a place says, as the name of a slot: `<transcript>`, "Survey answers:".
fn named_above(case: &Case<'_>, place: Span) -> Option<String> {
    const LONGEST: usize = 3;
    let head = case.source.text()[..place.start()].trim_end_matches([' ', '\t', '\r', '\n', '"', '`']);
    let line = head.rsplit('\n').next()?.trim();
    let label = match line.strip_suffix('>') {
        Some(tag) => tag.rsplit('<').next().filter(|name| !name.starts_with('/'))?,
        None => line.trim_end_matches(['*', '_']).strip_suffix(':')?,
    };
    let label = label.trim_start_matches(['#', '-', '*', '_', ' ']);
    let parts: Vec<String> =
        label.split([' ', '_', '-']).filter(|part| !part.is_empty()).map(str::to_lowercase).collect();
    let plain = |part: &String| part.bytes().all(|b| b.is_ascii_lowercase());
    let name = parts.join("_");
    let free = case.slots.iter().all(|slot| !case.text(slot.inner).trim().eq_ignore_ascii_case(&name));
    ((1..=LONGEST).contains(&parts.len()) && parts.iter().all(plain) && free).then_some(name)
}

/// `[Your reasoning]` in a template of the answer is for the model to fill, not for a person.
fn is_for_the_model(case: &Case<'_>, slot: &Slot, word: &str) -> bool {
    let holder = case.unit_of(slot).and_then(|unit| case.labels[unit].component);
    const MADE: [&str; 16] = [
        "answer", "final", "response", "reply", "thought", "thoughts", "thinking", "reasoning", "analysis",
        "output", "explanation", "action", "decision", "choice", "verdict", "assessment",
    ];
    let inner = case.text(slot.inner).to_lowercase();
    let mut parts = inner.split([' ', '_', '-']);
    let made = parts.clone().nth(1).is_some_and(|made| MADE.contains(&made));
    let shown =
        matches!(holder, Some(Component::Examples | Component::OutputFormat)) || below_a_format(case, slot);
    // `Solution: <YOUR_SOLUTION>`: the label says what is written there.
    let head = case.source.text()[..slot.span.start()].trim_end_matches([' ', ':', '"', '*', '`']);
    let label = head.rsplit(|c: char| !c.is_alphanumeric()).next().unwrap_or("").to_lowercase();
    let labelled = slot.syntax == Syntax::Angles && !label.is_empty() && parts.nth(1) == Some(&label);
    let names = || inner.split_whitespace().next().is_some_and(|first| first == label);
    match word.to_ascii_lowercase().as_str() {
        "your" => shown || made || labelled,
        // `Answer: [answer here]` in the form that the reply is to have.
        "here" => shown && (names() || below_a_format(case, slot) && is_beside_yours(case, slot)),
        // `[Paste the plan.]` below a label of the answer.
        "paste" | "insert" => shown && inner.ends_with('.'),
        _ => false,
    }
}

/// How many units back the line is looked for that announces a form.
const BACK: usize = 5;

/// True below "in the following format:".
pub(super) fn below_a_format(case: &Case<'_>, slot: &Slot) -> bool {
    let Some(unit) = case.unit_of(slot) else { return false };
    case.units[unit.saturating_sub(BACK)..unit].iter().any(|unit| {
        let line = case.text(unit.text);
        line.ends_with(':') && line.to_lowercase().contains("format")
    })
}

/// "My idea is ____.": a blank as on a paper form. A template of the answer has its own.
fn blank_to_fill(case: &Case<'_>, unit: usize) -> Option<Span> {
    let shape = matches!(case.labels[unit].component, Some(Component::OutputFormat | Component::Examples));
    let code = matches!(case.units[unit].kind, UnitKind::Code | UnitKind::Table | UnitKind::Mark);
    if shape || code {
        return None;
    }
    let span = case.units[unit].text;
    let body = case.text(span);
    let at = body.find("___")?;
    let length = body[at..].bytes().take_while(|b| *b == b'_').count();
    let apart = |c: Option<char>| c.is_none_or(|c| !c.is_alphanumeric());
    let stands = apart(body[..at].chars().next_back()) && apart(body[at + length..].chars().next());
    let alone = body.trim().len() == length;
    (stands && !alone).then(|| Span::within(span, at, length))
}

/// "Shop link: xxxxx", "Budget: ???": a value that nobody has put in yet.
fn dummy_value(case: &Case<'_>, unit: usize) -> Option<Span> {
    let span = case.units[unit].text;
    if span.end() - span.start() > SHORT || case.units[unit].kind == UnitKind::Code {
        return None;
    }
    let line = case.text(case.units[unit].with_lead(case.outline));
    let (head, value) = line.rsplit_once(": ")?;
    let value = value.trim().trim_end_matches('.');
    let of = |signs: &[char]| value.len() >= 3 && value.chars().all(|c| signs.contains(&c));
    let to_come =
        ["tbd", "tba", "tbc", "todo", "to be decided", "to be confirmed", "to be added", "to follow"];
    let dummy = of(&['x', 'X', '-', ' ', '%', '€', '$', '£'])
        && (value.contains("xx") || value.contains("XX"))
        || of(&['?'])
        || to_come.iter().any(|word| value.eq_ignore_ascii_case(word)) && !TOLD.contains(&value);
    // "Phone: XXX-XXXX" below "Phone numbers look so" is a form; a line of a sample has its own check.
    let plain =
        head.split_whitespace().count() <= 4 && case.labels[unit].component != Some(Component::Examples);
    let place = span.end() - case.text(span).trim_end().len().min(value.len());
    // Beside slots that are filled it is one of them, and no line of the answer's form.
    let beside =
        |slot: &Slot| case.unit_of(slot).is_some_and(|of| case.units[of].block == case.units[unit].block);
    let shaped =
        || case.labels[unit].component == Some(Component::OutputFormat) && !case.slots.iter().any(beside);
    (dummy && plain && place >= span.start() && !shaped()).then(|| Span::new(place, span.end()))
}

fn is_month(word: &str) -> bool {
    const MONTHS: [&str; 12] = [
        "January", "February", "March", "April", "May", "June", "July", "August", "September", "October",
        "November", "December",
    ];
    MONTHS.contains(&word)
}

/// A longer line says more than a value, in bytes.
const SHORT: usize = 80;

/// Markers that are told wherever they stand.
const TOLD: [&str; 3] = ["TODO", "TBD", "XXX"];

fn in_slot(slots: &[Slot], span: Span) -> bool {
    let after = slots.partition_point(|slot| slot.span.start() <= span.start());
    after.checked_sub(1).is_some_and(|slot| slots[slot].span.overlaps(span))
}

/// `(paste the minutes here)`: a note to whoever fills the prompt in.
fn note_in_brackets(text: &str, words: &[Word]) -> Option<Span> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = |at: &usize| matches!(text.as_bytes()[words[*at].start as usize], b'(' | b'[');
    let shouted = |at: usize| words.get(at).is_some_and(|word| !word.text(text).contains(char::is_lowercase));
    // "INSERT NAME HERE", outside brackets too.
    let insert = (0..words.len()).find(|&at| matches!(words[at].text(text), "INSERT" | "PASTE" | "ENTER"));
    let here =
        insert.and_then(|at| (at + 2..at + 7).find(|&end| lower(end) == "here" && (at..=end).all(shouted)));
    if let (Some(from), Some(to)) = (insert, here) {
        return Some(words[from].span().cover(words[to].span()));
    }
    // "INSERT LOGO, then the address": a statement of a query goes on.
    let thing = insert.filter(|&at| {
        let name = words.get(at + 1).map_or("", |word| word.text(text));
        let ends = words.get(at + 2).is_none_or(|word| word.is_punctuation() && word.text(text) != "(");
        let spoken =
            at == 0 || matches!(&*lower(at - 1), ":" | "[" | "(" | "," | "of" | "to" | "with" | "for");
        name.len() >= 3 && name.chars().all(|c| c.is_ascii_uppercase()) && name != "INTO" && ends && spoken
    });
    if let Some(at) = thing.filter(|_| words.iter().any(|word| word.text(text).contains(char::is_lowercase)))
    {
        return Some(words[at].span().cover(words[at + 1].span()));
    }
    // "The card to [...] for the cake".
    let dots = (1..words.len()).find(|&at| {
        let (open, close) = (words[at - 1], words.get(at + 1));
        let held = matches!(words[at].text(text), "..." | "…") && open.text(text) == "[";
        let led =
            at >= 2 && matches!(&*lower(at - 2), "to" | "for" | "from" | "with" | "by" | "at" | "about");
        held && led && close.is_some_and(|word| word.text(text) == "]")
    });
    if let Some(at) = dots {
        return Some(words[at - 1].span().cover(words[at + 1].span()));
    }
    if let Some(at) =
        words.windows(2).position(|pair| pair[0].lower(text) == "lorem" && pair[1].lower(text) == "ipsum")
    {
        return Some(words[at].span().cover(words[words.len() - 1].span()));
    }
    (0..words.len()).filter(opens).find_map(|at| {
        // "(list to follow)", "[date and place to come]".
        let later = (at + 2..at + 6).find(|&to| {
            lower(to) == "to"
                && matches!(&*lower(to + 1), "follow" | "come")
                && matches!(&*lower(to + 2), ")" | "]")
                && (to == at + 2
                    || !words[at + 1..to].iter().any(|word| word.is(vocabulary::VERB | vocabulary::FINITE)))
        });
        if let Some(to) = later {
            return Some(words[at].span().cover(words[to + 2].span()));
        }
        // "(to be filled in)", "[fares to be added]", "(name here)".
        let end = (at + 2..at + 9).find(|&end| matches!(&*lower(end), ")" | "]"));
        let open =
            end.and_then(|end| (at + 1..end).find(|&from| lower(from) == "to" && lower(from + 1) == "be"));
        let done = open.is_some_and(|from| {
            matches!(
                &*lower(from + 2),
                "filled"
                    | "added"
                    | "completed"
                    | "decided"
                    | "confirmed"
                    | "determined"
                    | "defined"
                    | "inserted"
                    | "written"
            )
        });
        // "(to be added by the desk)" says who does it.
        let last = end.zip(open).is_some_and(|(end, from)| {
            end == from + 3
                || end == from + 4 && matches!(&*lower(end - 1), "in" | "later" | "here" | "soon" | "yet")
        });
        let done = done && last;
        let named = lower(at) == "("
            && end.is_some_and(|end| end <= at + 4 && lower(end - 1) == "here" && end > at + 2);
        if let Some(end) = end.filter(|_| done || named) {
            return Some(words[at].span().cover(words[end].span()));
        }
        if lower(at) == "[" {
            return None;
        }
        let orders = ["paste", "insert", "add", "enter", "put", "fill", "type"].contains(&&*lower(at + 1));
        let close = (at + 2..at + 9).find(|&at| lower(at) == ")").filter(|_| orders)?;
        let here = (at + 2..close).any(|at| ["here", "in", "below"].contains(&&*lower(at)));
        here.then(|| words[at].span().cover(words[close].span()))
    })
}

/// A name such as `{{your_name}}` is a slot like any other; in brackets it asks a person.
pub(super) fn by_hand(syntax: Syntax, word: &str) -> bool {
    matches!(syntax, Syntax::Brackets | Syntax::Angles)
        || ["todo", "tbd", "fixme", "xxx"].contains(&word.to_lowercase().as_str())
}
