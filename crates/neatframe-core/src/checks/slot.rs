//! Slots in two styles, and slots whose names say nothing.

use super::hole_of_a_form::{MANY, is_amid_code, is_yours, stands_behind_labels};
use super::left_over::{below_a_format, by_hand};
use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::outline::Mark;
use crate::reframe::decide;
use crate::slots::{Slot, Syntax, alone_on_line, leftover_word};
use crate::units::{Unit, UnitKind};
use std::collections::{HashMap, HashSet};

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
        "Write to {{name}}. When you are done, end with '<END_OF_TURN>'. Put <END_OF_TURN> on a line of its own.",
        "Write to {{name}}. A line of the log reads <pier>:<boat>, in the file [logs/day].",
        "Answer the guest.\n\nQuestion: <question>\nAnswer: late\n\nNow yours:\nQuestion: {question}",
        "Write to {{name}}.\n<GUEST NOTES>\n{{notes}}\n</GUEST NOTES>",
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
        let marks = Marks::read(case);
        // A template of a template: `{{{{` stands for a brace, and `{{name}}` is filled later.
        if case.source.text().contains("{{{{") {
            return;
        }
        // A word in angle brackets may be a tag that is spoken of; brackets may head a part or belong to a sample.
        let doubtful = |slot: &&Slot| {
            let inner = case.text(slot.inner);
            // "{your reasoning}" is the model's to write.
            if is_yours(inner) {
                return true;
            }
            // `!fetch <boat>` is a line for a shell, "```json {ANSWER}```" shows a form.
            let before = line_before(case, slot);
            if before.trim_start().starts_with(['!', '$']) || before.contains("```") {
                return true;
            }
            // `{one action in the form above}`, `"Score: [SCORE]"`: a hole in the answer's template.
            let words = inner.split_whitespace().count();
            let shaped = slot.syntax == Syntax::Angles || is_of_the_answer(case, slot);
            if is_amid_code(case, slot) || stands_behind_labels(case, slot) {
                return true;
            }
            if words >= 4 && shaped || is_quoted_template(case, slot) || is_shown_in_a_form(case, slot) {
                return true;
            }
            // `{{...}}`, `{Question with a sum.}`: what is to be written there, and no name.
            if !inner.contains(char::is_alphanumeric) || words >= 3 && inner.ends_with('.') {
                return true;
            }
            let shown = |unit: usize| case.labels[unit].component == Some(Component::Examples);
            if matches!(slot.syntax, Syntax::Angles | Syntax::Brackets)
                && case.unit_of(slot).is_some_and(shown)
            {
                return true;
            }
            match slot.syntax {
                // A template of the answer shows what the model fills in.
                Syntax::Angles => {
                    tags.contains(inner)
                        || closed.contains(inner)
                        || is_of_the_answer(case, slot)
                        || calls_by_tag(case, slot)
                        || has_fellows(case, slot)
                }
                Syntax::Brackets => {
                    // `[ANSWER]` … `[/ANSWER]`, `[QUESTION]: …`: a mark of the text.
                    // `search_[engine]`: any of several names.
                    let joined = case.source.text()[..slot.span.start()]
                        .ends_with(|c: char| c.is_alphanumeric() || c == '_');
                    if marks.named.contains(inner) || joined {
                        return true;
                    }
                    // "Only [indexed] are interactive": what is so marked.
                    inner.contains([',', ':', '('])
                        || is_to_be_written(case, slot)
                        || inner.ends_with("to follow")
                        || inner.ends_with("to come")
                        || inner.starts_with(' ')
                        || is_compared(case, slot)
                        || words >= 4
                            && case.unit_of(slot).is_some_and(|unit| {
                                case.labels[unit].component == Some(Component::OutputFormat)
                            })
                        || inner.ends_with('.')
                        || !inner.contains('_') && inner.ends_with("ed")
                        || is_a_mark(case, &marks, slot)
                        || inner.len() <= 2
                        || alone_on_line(case.source.text(), slot) && heads_slot(case, slot)
                }
                // "With {{ log.fare }} syntax" shows how it is written.
                Syntax::Braces | Syntax::DoubleBraces => {
                    let after = case.source.text()[slot.span.end()..].trim_start();
                    let shown = ["syntax", "notation", "style"].iter().any(|word| after.starts_with(word));
                    // `{verb}_at`: a pattern for names.
                    let joined = slot.syntax == Syntax::Braces && after.starts_with('_');
                    shown || joined || is_spoken_of(case, slot)
                }
                // `${A, B}` is a set in mathematics.
                // `${price}` may be a sum of dollars.
                Syntax::DollarBraces => {
                    inner.contains(',')
                        || ["price", "amount", "cost", "fee", "budget", "total", "fare"]
                            .iter()
                            .any(|sum| inner.to_lowercase().contains(sum))
                }
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
            let shown = |unit: usize| case.labels[unit].component == Some(Component::Examples);
            let shows = |unit: usize| {
                shown(unit)
                    && matches!(case.units[unit].kind, UnitKind::Turn | UnitKind::Code | UnitKind::Field)
            };
            // `GET /boats/{{id}}` in a sample.
            let in_a_path = case.source.text()[..slot.span.start()].ends_with('/');
            let mixed = |unit: usize| syntaxes.get(&unit).is_some_and(|found| found.count_ones() > 1);
            unit.is_some_and(|unit| {
                in_a_path && shown(unit)
                    || shows(unit)
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
        // `%(name)s` holds a name and no more; the other way of writing holds both.
        let (syntax, inner) = match first.syntax {
            Syntax::PercentParens => (other.syntax, first.inner),
            Syntax::Brackets if other.syntax.is_braced() => (other.syntax, first.inner),
            _ => (first.syntax, other.inner),
        };
        let joined = |inner: &str| inner.split_whitespace().collect::<Vec<_>>().join("_");
        // A name in braces has no blanks; a phrase in brackets keeps them.
        let inner = case.text(inner);
        let shown = if syntax.is_braced() && inner.split_whitespace().count() <= 3 {
            joined(inner)
        } else {
            inner.into()
        };
        let write = format!("write every slot the same way: `{}`", syntax.write(&shown));
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
        let model = slots.iter().map(|slot| slot.syntax).find(|syntax| syntax.is_braced());
        if let Some(syntax) = model.filter(|_| slots.iter().all(|slot| named(slot))) {
            let name = |slot: &Slot| joined(case.text(slot.inner));
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

/// `<id>:<text>`, `File: [path/to/file]`, `"seen": "[IMAGE]"`: a hole in a form that is described, which no program fills.
fn is_shown_in_a_form(case: &Case<'_>, slot: &Slot) -> bool {
    let (text, inner) = (case.source.text(), case.text(slot.inner));
    let (head, tail) = (&text[..slot.span.start()], &text[slot.span.end()..]);
    let line_before = line_before(case, slot);
    let in_code =
        slot.syntax == Syntax::Braces && (line_before.contains("f'") || line_before.contains("f\""));
    // "Use a format similar to this: You are an expert {{role}}." where `{task}` is what comes in.
    if slot.syntax == Syntax::DoubleBraces {
        let single = |other: &Slot| other.syntax == Syntax::Braces;
        return case.slots.iter().take(MANY).any(single) && below_a_format(case, slot);
    }
    if in_code || !matches!(slot.syntax, Syntax::Angles | Syntax::Brackets) {
        return in_code;
    }
    let [open, close] = if slot.syntax == Syntax::Angles { ['<', '>'] } else { ['[', ']'] };
    let parted = |c: char| matches!(c, ':' | ',' | '|' | ';' | '-');
    let beside = tail.starts_with(parted) && tail[1..].starts_with(open)
        || head.ends_with(parted) && head[..head.len() - 1].ends_with(close);
    let after_another = head.ends_with('}');
    let in_a_record = line_before.len() <= LONG && line_before.contains("\": ");
    let unit = case.unit_of(slot).map_or("", |unit| case.text(case.units[unit].text));
    let described = unit.len() <= LONG
        && ["format", "syntax", "pattern", "e.g.", "structure"].iter().any(|word| unit.contains(word));
    const BLANKS: [&str; 9] = ["NUM", "NUMBER", "BLANK", "N", "X", "ID", "INDEX", "ANY", "module"];
    BLANKS.contains(&inner)
        || inner.contains('/')
        || beside
        || after_another
        || in_a_record
        || described
        || line_before.contains("format: ")
        || below_a_format(case, slot)
        || has_its_label_elsewhere(case, slot, line_before)
}

/// "Use [NAME] where the agent puts the name": a sign that the answer is to hold.
fn is_to_be_written(case: &Case<'_>, slot: &Slot) -> bool {
    let line = line_before(case, slot).trim_start_matches(['-', '*', ' ']).to_lowercase();
    let told =
        matches!(line.trim_end(), "use" | "write" | "put" | "leave" | "keep" | "always use" | "always write");
    let after = case.source.text()[slot.span.end()..].trim_start();
    // "If the letter names no date, write [DATE MISSING]".
    let cased = ["if ", "when ", "where "].iter().any(|word| line.contains(word))
        && [", write", ", put", ", say", ", use", ", enter"]
            .iter()
            .any(|verb| line.trim_end().ends_with(verb));
    cased
        || told
            && ["where", "when", "if", "for", "in place", "instead", "as "]
                .iter()
                .any(|word| after.starts_with(word))
}

/// What stands on its line before a slot, as far as a line is read by people.
fn line_before<'a>(case: &Case<'a>, slot: &Slot) -> &'a str {
    let (text, end) = (case.source.text(), slot.span.start());
    let head = &text[text.floor_char_boundary(end.saturating_sub(LONG))..end];
    head.rsplit('\n').next().unwrap_or("")
}

/// `Question: <question>` above `Question: {question}`: the first is a line of a sample.
fn has_its_label_elsewhere(case: &Case<'_>, slot: &Slot, line: &str) -> bool {
    let label = line.trim();
    label.len() > 2
        && label.len() <= 40
        && label.ends_with(':')
        && case
            .slots
            .iter()
            .take(MANY)
            .any(|other| other.syntax != slot.syntax && line_before(case, other).trim() == label)
}

/// `UPDATE <table> SET <column> = <value>`, `SUM(<column>)`: a hole of a form that is told.
fn has_fellows(case: &Case<'_>, slot: &Slot) -> bool {
    let head = &case.source.text()[..slot.span.start()];
    let at = case.slots.partition_point(|other| other.span.start() < slot.span.start());
    let line = case.source.line_around(slot.span.start());
    let beside = [at.checked_sub(1), Some(at + 1)].into_iter().flatten();
    let mut fellows = beside.filter_map(|at| case.slots.get(at));
    head.ends_with('(') || fellows.any(|other| other.syntax == slot.syntax && line.contains(other.span))
}

/// `[Fare] > 0`: the name of a column in a formula.
fn is_compared(case: &Case<'_>, slot: &Slot) -> bool {
    let after = case.source.text()[slot.span.end()..].trim_start_matches(' ');
    [">", "<", "= ", "==", "!=", "+ ", "* "].iter().any(|sign| after.starts_with(sign))
}

/// "When all is done, call <done>": a tool by its tag.
fn calls_by_tag(case: &Case<'_>, slot: &Slot) -> bool {
    let before = line_before(case, slot).trim_end_matches([' ', '`']).to_ascii_lowercase();
    ["call", "use", "using", "send", "emit", "tag", "invoke"].iter().any(|verb| before.ends_with(verb))
}

/// True in a unit that shows the shape of the answer.
fn is_of_the_answer(case: &Case<'_>, slot: &Slot) -> bool {
    let Some(unit) = case.unit_of(slot) else { return false };
    let says = |title: &str| {
        ["answer", "output", "format", "result", "return", "reply", "response", "report", "deliver"]
            .iter()
            .any(|word| title.contains(word))
    };
    // A heading of the template stands within the part for it.
    let mut titles = case.outline.chain(case.units[unit].section);
    let titled = titles.any(|id| says(&case.text(case.outline.sections[id].title).to_lowercase()));
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

/// The longest run in brackets that is looked at, in bytes.
const BRACKETS: usize = 200;

/// What the prompt says of brackets that no program fills; read once, since a prompt may hold very many slots.
struct Marks<'a> {
    /// `[ANSWER]` … `[/ANSWER]`, `[QUESTION]: …`, `[aab]` beside `[aab, aac]`, "`[KIND]` is one of …": the names.
    named: HashSet<&'a str>,
    /// What stands behind "such as": "[door slams]".
    shown: Vec<&'a str>,
    /// "Start with the component in brackets": what stands in brackets is part of the answer.
    of_the_answer: bool,
}

impl<'a> Marks<'a> {
    fn read(case: &'a Case<'_>) -> Marks<'a> {
        const CUES: [&str; 4] = ["such as ", "for example ", "like ", "e.g. "];
        let lines = || case.units.iter().take(FIELDS).map(|unit| case.text(unit.text));
        let behind = |line: &'a str| {
            CUES.iter().filter_map(move |cue| {
                let at = line.find(cue)?;
                Some(line[at + cue.len()..].trim_start_matches(['"', '`']))
            })
        };
        let of_the_answer = lines().any(|line| {
            let named = ["in brackets", "in square brackets", "between brackets"]
                .iter()
                .any(|sign| line.contains(sign));
            named && !["eplace", "ill in", "nsert"].iter().any(|sign| line.contains(sign))
        });
        let shown = lines().filter(|line| line.len() <= LONG).flat_map(behind);
        Marks {
            named: marked_names(case.source.text()),
            shown: shown.filter(|shown| shown.starts_with('[')).collect(),
            of_the_answer,
        }
    }
}

fn marked_names(text: &str) -> HashSet<&str> {
    let mut names = HashSet::new();
    for (at, _) in text.match_indices('[') {
        let rest = &text[at + 1..];
        let Some(end) = rest.bytes().take(BRACKETS).position(|b| b == b']') else { continue };
        let (inner, after) = (&rest[..end], &rest[end + 1..]);
        let quoted = text[..at].ends_with('`') && after.starts_with('`');
        if let Some(closed) = inner.strip_prefix('/') {
            names.insert(closed);
        } else if inner.contains(',') {
            names.extend(inner.split(',').map(str::trim));
        } else if after.trim_start_matches(' ').starts_with(':') || quoted {
            names.insert(inner);
        }
    }
    names
}

/// `[NAME]`, which the answer shows as well, or a part of a pattern in backticks: nothing that a program fills.
fn is_a_mark(case: &Case<'_>, marks: &Marks<'_>, slot: &Slot) -> bool {
    let loud = |slot: &Slot| {
        let inner = case.text(slot.inner);
        inner.len() >= 2 && inner.chars().all(|c| c.is_uppercase() || c == '_')
    };
    let near = || case.slots.iter().take(MANY);
    let again = |name: &str| near().filter(|other| case.text(other.span) == name).nth(1).is_some();
    // "A sound stands in brackets, such as [door slams]" says what the same brackets are elsewhere.
    let whole = case.text(slot.span);
    if marks.of_the_answer || marks.shown.iter().any(|shown| shown.starts_with(whole)) {
        return true;
    }
    // Where one name in capitals comes back, the others are of its kind: "streets become [STREET], towns [TOWN]".
    let beside = || near().filter(|other| loud(other));
    let line = line_before(case, slot);
    let in_code = line.matches('`').count() % 2 == 1 && !line.ends_with('`');
    in_code || loud(slot) && beside().any(|other| again(case.text(other.span)))
}

/// `[Question]` on a line above `{question}` heads a part.
fn heads_slot(case: &Case<'_>, slot: &Slot) -> bool {
    let below = case.source.text()[slot.span.end()..].split('\n').nth(1).unwrap_or("").trim();
    let named = case.text(slot.inner).starts_with(char::is_uppercase)
        && case.text(slot.inner).chars().any(char::is_lowercase);
    // `[current slip]` above `{slip}`.
    let filled = below.starts_with('{') && below.ends_with('}');
    (named || filled) && !below.is_empty() && !below.starts_with('[')
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
    good: &[
        "Write a notice about {{topic}}.",
        "Text:\n{{x}}",
        "Two ferries sail at {x_time}.",
        "Write `\\frac{{a}}{{b}}` for a share.",
    ],
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
            let head = case.source.text()[..slot.span.start()].trim_end().trim_end_matches('`').trim_end();
            if empty && inline && !head.ends_with([':', '=', '>', '"', '|']) {
                let message = format!("`{}` does not say what goes in", case.text(slot.span));
                sink.report(slot.span, message, "give it a name that says so, such as `{{guest_name}}`");
            }
        }
    }
}
