//! Placeholders that a person forgot, and placeholders in two styles.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::outline::Mark;
use crate::reframe::decide;
use crate::slots::{self, Slot, Syntax, alone_on_line, leftover_word, wanted};
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;
use std::collections::{HashMap, HashSet};

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
    good: &["Write to {{company}} about the delay.", "Write the to-do list of the night crew."],
};

impl Check for LeftOverSlot {
    fn meta(&self) -> &'static Meta {
        &LEFT_OVER
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut told: Option<Span> = None;
        let usual = slots::usual(case.slots);
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
                finding.fix = wanted(inner)
                    .map(|name| Edit { span: slot.span, replacement: usual.write(&name) })
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
                sink.report(
                    span,
                    message,
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use",
                );
                continue;
            }
            if let Some(blank) = blank_to_fill(case, index) {
                let write =
                    "put the real text here, or a named slot such as `{{name}}` that is filled at each use";
                sink.report(blank, format!("`{}` was never filled in", case.text(blank)), write);
                continue;
            }
            for word in case.words_of(index) {
                let text = word.text(case.source.text());
                let marker =
                    text.starts_with(['T', 'F', 'X']) && ["TODO", "FIXME", "TBD", "XXX"].contains(&text);
                if !marker {
                    continue;
                }
                let spoken = told.is_some_and(|span| span.overlaps(word.span()))
                    || in_slot(case.slots, word.span())
                    || case.is_quoted(index, word.span().start());
                if !spoken {
                    let message = format!("`{text}` is still in the prompt");
                    let write = "do what the note says, then take the note out";
                    let finding = sink.report(unit.text, message, write);
                    // "TODO paste chapter": the note holds the place of the material.
                    finding.fix = wanted(case.text(unit.text))
                        .filter(|_| text == "TODO")
                        .map(|name| Edit { span: unit.text, replacement: usual.write(&name) })
                        .into_iter()
                        .collect();
                    break;
                }
            }
        }
    }
}

/// `[Your reasoning]` in a template of the answer is for the model to fill, not for a person.
fn is_for_the_model(case: &Case<'_>, slot: &Slot, word: &str) -> bool {
    let holder = case.unit_of(slot).and_then(|unit| case.labels[unit].component);
    const MADE: [&str; 16] = [
        "answer", "final", "response", "reply", "thought", "thoughts", "thinking", "reasoning", "analysis",
        "output", "explanation", "action", "decision", "choice", "verdict", "assessment",
    ];
    let inner = case.text(slot.inner).to_lowercase();
    let made = inner.split_whitespace().nth(1).is_some_and(|made| MADE.contains(&made));
    let shown = matches!(holder, Some(Component::Examples | Component::OutputFormat));
    word.eq_ignore_ascii_case("your") && (shown || made)
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

fn in_slot(slots: &[Slot], span: Span) -> bool {
    let after = slots.partition_point(|slot| slot.span.start() <= span.start());
    after.checked_sub(1).is_some_and(|slot| slots[slot].span.overlaps(span))
}

/// `(paste the minutes here)`: a note to whoever fills the prompt in.
fn note_in_brackets(text: &str, words: &[Word]) -> Option<Span> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = |at: &usize| text.as_bytes()[words[*at].start as usize] == b'(';
    (0..words.len()).filter(opens).find_map(|at| {
        let orders = ["paste", "insert", "add", "enter", "put", "fill", "type"].contains(&&*lower(at + 1));
        let close = (at + 2..at + 9).find(|&at| lower(at) == ")").filter(|_| orders)?;
        let here = (at + 2..close).any(|at| ["here", "in", "below"].contains(&&*lower(at)));
        here.then(|| words[at].span().cover(words[close].span()))
    })
}

/// A name such as `{{your_name}}` is a slot like any other; in brackets it asks a person.
fn by_hand(syntax: Syntax, word: &str) -> bool {
    matches!(syntax, Syntax::Brackets | Syntax::Angles)
        || ["todo", "tbd", "fixme", "xxx"].contains(&word.to_lowercase().as_str())
}

/// Two ways of writing slots in one prompt.
pub(super) struct MixedSlots;

static MIXED: Meta = Meta {
    id: "mixed-slots",
    family: Family::Slot,
    severity: Severity::Warning,
    summary: "two ways of writing slots in one prompt",
    write: "One syntax throughout.",
    on: true,
    english: false,
    why: "A program fills one of them and sends the other as it stands.",
    bad: &["Write to {{name}} about the ferry on [travel day]."],
    good: &[
        "Write to {{name}} about the ferry on {{travel_day}}.",
        "Write to {{name}} and put [unclear] where a word is missing.",
    ],
};

impl Check for MixedSlots {
    fn meta(&self) -> &'static Meta {
        &MIXED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let by_hand = |slot: &&Slot| {
            leftover_word(case.text(slot.inner)).is_some_and(|word| by_hand(slot.syntax, word))
        };
        let tags: HashSet<&str> = case
            .outline
            .sections
            .iter()
            .filter(|section| section.mark == Mark::Tag)
            .map(|section| case.text(section.title))
            .collect();
        let closed = closing_names(case.source.text());
        // A template of a template: `{{{{` stands for a brace, and `{{name}}` is filled later.
        if case.source.text().contains("{{{{") {
            return;
        }
        // A word in angle brackets may be a tag that is spoken of; brackets may head a part or belong to a sample.
        let doubtful = |slot: &&Slot| {
            let inner = case.text(slot.inner);
            // "{your reasoning}" is the model's to write.
            if inner.trim_start().get(..5).is_some_and(|head| head.eq_ignore_ascii_case("your ")) {
                return true;
            }
            // `{one action in the form above}`, `"Score: [SCORE]"`: a hole in the answer's template.
            let words = inner.split_whitespace().count();
            let shaped = slot.syntax == Syntax::Angles || is_of_the_answer(case, slot);
            if words >= 4 && shaped || is_quoted_template(case, slot) {
                return true;
            }
            match slot.syntax {
                // A template of the answer shows what the model fills in.
                Syntax::Angles => {
                    tags.contains(inner)
                        || closed.contains(inner)
                        || is_of_the_answer(case, slot)
                        || calls_by_tag(case, slot)
                }
                Syntax::Brackets => {
                    inner.contains(',')
                        || is_a_mark(case, slot)
                        || inner.len() <= 2
                        || alone_on_line(case.source.text(), slot) && heads_slot(case, slot)
                }
                Syntax::Braces | Syntax::DoubleBraces => is_spoken_of(case, slot),
                _ => false,
            }
        };
        // The syntaxes in each unit, a bit each.
        let mut syntaxes: HashMap<usize, u32> = HashMap::new();
        for slot in case.slots {
            if let Some(unit) = case.unit_of(slot) {
                *syntaxes.entry(unit).or_default() |= 1 << slot.syntax as u32;
            }
        }
        let sample = |slot: &&Slot| {
            let unit = case.unit_of(slot);
            let shows = |unit: usize| {
                case.labels[unit].component == Some(Component::Examples)
                    && matches!(case.units[unit].kind, UnitKind::Turn | UnitKind::Code | UnitKind::Field)
            };
            let mixed = |unit: usize| syntaxes.get(&unit).is_some_and(|found| found.count_ones() > 1);
            unit.is_some_and(|unit| {
                shows(unit)
                    && !mixed(unit)
                    && !matches!(slot.syntax, Syntax::DoubleBraces | Syntax::DollarBraces)
            })
        };
        let question = |slot: &&Slot| decide::is_question(case.text(slot.inner));
        let slots: Vec<&Slot> = case
            .slots
            .iter()
            .filter(|slot| !question(slot) && !by_hand(slot) && !doubtful(slot) && !sample(slot))
            .collect();
        let Some(first) = slots.first() else { return };
        let Some(other) = slots.iter().find(|slot| slot.syntax != first.syntax) else { return };
        let (one, two) = (case.text(first.span), case.text(other.span));
        let message = format!("`{two}` is written another way than `{one}`");
        let write =
            format!("write every slot the same way: `{}`", first.syntax.write(case.text(other.inner)));
        let finding = sink.report(other.span, message, write);
        finding.related.push(first.span);
        // A name of three words at most is a name in every syntax; a longer phrase in brackets may be a note to a person.
        let named = |slot: &Slot| {
            let inner = case.text(slot.inner).trim();
            let words = inner.split_whitespace().count();
            (1..=3).contains(&words)
                && inner.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | ' '))
                && leftover_word(inner).is_none()
        };
        let braces =
            |syntax: Syntax| matches!(syntax, Syntax::DoubleBraces | Syntax::DollarBraces | Syntax::Braces);
        let model = slots.iter().map(|slot| slot.syntax).find(|syntax| braces(*syntax));
        if let Some(syntax) = model.filter(|_| slots.iter().all(|slot| named(slot))) {
            let name = |slot: &Slot| case.text(slot.inner).split_whitespace().collect::<Vec<_>>().join("_");
            let odd = slots.iter().filter(|slot| slot.syntax != syntax);
            finding.fix =
                odd.map(|slot| Edit { span: slot.span, replacement: syntax.write(&name(slot)) }).collect();
        }
    }
}

/// `'## <SECTION_NAME>' goes before the text`: a slot in a quoted line that a person does not fill.
fn is_quoted_template(case: &Case<'_>, slot: &Slot) -> bool {
    let hand = matches!(slot.syntax, Syntax::Angles | Syntax::Brackets);
    let Some(unit) = case.unit_of(slot).filter(|_| hand) else { return false };
    let asks = case.labels[unit].component.is_some_and(|component| component != Component::Examples);
    let holder = case.units[unit].text;
    // A slot may stand in a mark behind the unit.
    let Some(before) = case.text(holder).get(..slot.span.start() - holder.start()) else { return false };
    let open = |sign: char| before.matches(sign).count() % 2 == 1 || before.ends_with(sign);
    asks && before.len() <= LONG && (open('"') || before.contains(" '") && open('\''))
}

/// "When all is done, call <done>": a tool by its tag.
fn calls_by_tag(case: &Case<'_>, slot: &Slot) -> bool {
    let before = case.source.text()[..slot.span.start()].trim_end_matches([' ', '`']).to_ascii_lowercase();
    ["call", "use", "using", "send", "emit", "tag", "invoke"].iter().any(|verb| before.ends_with(verb))
}

/// True in a unit that shows the shape of the answer.
fn is_of_the_answer(case: &Case<'_>, slot: &Slot) -> bool {
    let Some(unit) = case.unit_of(slot) else { return false };
    let title = case.text(case.outline.sections[case.units[unit].section].title).to_lowercase();
    let titled = ["answer", "output", "format", "result", "return", "reply", "response", "report", "deliver"]
        .iter()
        .any(|word| title.contains(word));
    titled || case.labels[unit].component == Some(Component::OutputFormat) || names_a_field(case, slot)
}

/// `<tank_name>` where a line `- tank_name: ...` says what the model writes there.
fn names_a_field(case: &Case<'_>, slot: &Slot) -> bool {
    let name = case.text(slot.inner);
    let field = |unit: &Unit| {
        let text = case.source.slice(unit.text).trim_start_matches(['-', '*', ' ', '`']);
        text.strip_prefix(name).is_some_and(|rest| rest.trim_start_matches(['`', '*']).starts_with(':'))
    };
    name.contains('_') && case.units.iter().take(FIELDS).any(field)
}

/// How many units are looked at for the line that explains a field.
const FIELDS: usize = 200;

/// A longer unit is material, in bytes.
const LONG: usize = 400;

/// "Icons such as {sun} are copied unchanged": the sentence speaks of the sign itself.
fn is_spoken_of(case: &Case<'_>, slot: &Slot) -> bool {
    let sentence = case.unit_of(slot).map_or("", |unit| case.text(case.units[unit].text));
    if sentence.len() > LONG {
        return false;
    }
    let sentence = sentence.to_lowercase();
    ["such as {", "like {", "unchanged", "as they stand", "as it stands", "untouched"]
        .iter()
        .any(|sign| sentence.contains(sign))
}

/// The names in `</name>`, wherever they stand.
fn closing_names(text: &str) -> HashSet<&str> {
    let ends = |rest: &str| rest.find(|c: char| !(c.is_alphanumeric() || matches!(c, '_' | '-' | '.')));
    text.match_indices("</")
        .filter_map(|(at, _)| Some(&text[at + 2..at + 2 + ends(&text[at + 2..])?]))
        .collect()
}

/// How many slots are looked at for the same one.
const MANY: usize = 64;

/// `[NAME]`, which the answer shows as well, or a part of a pattern in backticks: nothing that a program fills.
fn is_a_mark(case: &Case<'_>, slot: &Slot) -> bool {
    let text = case.source.text();
    let loud = |slot: &Slot| {
        let inner = case.text(slot.inner);
        inner.len() >= 2 && inner.chars().all(|c| c.is_uppercase() || c == '_')
    };
    let near = || case.slots.iter().take(MANY);
    let again = |name: &str| near().filter(|other| case.text(other.span) == name).nth(1).is_some();
    // Where one name in capitals comes back, the others are of its kind: "streets become [STREET], towns [TOWN]".
    let beside = || near().filter(|other| loud(other));
    let line = text[..slot.span.start()].rsplit('\n').next().unwrap_or("");
    let in_code = line.matches('`').count() % 2 == 1 && !line.ends_with('`');
    in_code || loud(slot) && beside().any(|other| again(case.text(other.span)))
}

/// `[Question]` on a line above `{question}` heads a part.
fn heads_slot(case: &Case<'_>, slot: &Slot) -> bool {
    let below = case.source.text()[slot.span.end()..].split('\n').nth(1).unwrap_or("").trim();
    let named = case.text(slot.inner).starts_with(char::is_uppercase)
        && case.text(slot.inner).chars().any(char::is_lowercase);
    named && !below.is_empty() && !below.starts_with('[')
}

/// A slot that says nothing of what goes in.
pub(super) struct NamelessSlot;

static NAMELESS: Meta = Meta {
    id: "nameless-slot",
    family: Family::Slot,
    severity: Severity::Warning,
    summary: "a slot whose name says nothing, and that nothing introduces",
    write: "A name that says what goes in.",
    on: true,
    english: false,
    why: "Whoever fills the prompt has to guess what goes in, and the model what came in.",
    bad: &["Write a notice about {{x}} for {{arg1}}."],
    good: &["Write a notice about {{topic}}.", "Text:\n{{x}}", "Two ferries sail at {x_time}."],
};

impl Check for NamelessSlot {
    fn meta(&self) -> &'static Meta {
        &NAMELESS
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for slot in case.slots.iter().filter(|slot| {
            matches!(slot.syntax, Syntax::DoubleBraces | Syntax::Braces | Syntax::DollarBraces)
        }) {
            let name = case.text(slot.inner).trim().to_lowercase();
            let stem = name.trim_end_matches(|c: char| c.is_ascii_digit() || c == '_');
            let count = ["n", "k"].contains(&stem);
            let empty = stem.len() <= 1 && !count
                || ["arg", "var", "val", "param", "placeholder", "foo", "bar", "tmp", "slot"].contains(&stem);
            let inline = !alone_on_line(case.source.text(), slot);
            let head = case.source.text()[..slot.span.start()].trim_end();
            if empty && inline && !head.ends_with([':', '=', '>', '"', '|']) {
                let message = format!("`{}` does not say what goes in", case.text(slot.span));
                sink.report(slot.span, message, "give it a name that says so, such as `{{guest_name}}`");
            }
        }
    }
}
