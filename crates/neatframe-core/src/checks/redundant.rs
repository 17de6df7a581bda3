//! Demands that were already made.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::lexicon::{Hit, vocabulary};
use crate::likeness;
use crate::outline::PieceKind;
use crate::repeats::calls_to_work;
use crate::requirement::{Demand, Requirement, Subject, of_unit};
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Word;

/// A demand says again what an earlier one said and adds nothing.
pub(super) struct SaidBefore;

static META: Meta = Meta {
    id: "said-before",
    family: Family::Redundant,
    severity: Severity::Warning,
    summary: "a demand that an earlier one already makes",
    write: "The clearer of the two, once.",
    on: true,
    english: true,
    why: "A double costs tokens twice, and the day one of them is changed the two contradict each other.",
    bad: &[
        "Write a notice. Name the pier in the first line. Keep it under 80 words. Always name the pier in the first line.",
        "Give a link for every fare.\nName the crew.\nEach fare has to come with its link.",
        "- Name the pier.\n- Use plain words.\n- Quote the captain.\n\nFacts follow.\n\n- Name the pier.\n- Use plain words.\n- Quote the captain.",
        "Keep it under 400 words, all parts counted.\nUse plain words.\nThe total length must stay below 400 words.",
    ],
    good: &[
        "Name the pier in the first line. Name the ferry in the second line.",
        "Ask one question per turn. Name the pier. Once more, because it matters most: one question per turn.",
        "If the guest asks for a pier, name one pier. If the guest asks for a boat, name one boat.",
        "Give a quote for the claim. When in doubt, give both a quote for the claim and one against it.",
        "Titles have at most 8 words. Bullets have at most 12 words.",
        "Decide whether the slip names a day that has passed.\n- OVERDUE: the slip names a day that has passed.\n- OPEN: the day is to come.",
        "Describe each type.\n1. The slip has:\n   - \"type\": \"object\"\n2. The pier has:\n   - \"type\": \"object\"",
    ],
};

impl Check for SaidBefore {
    fn meta(&self) -> &'static Meta {
        &META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let demands = &case.demands;
        // Each repeat with its place among the demands and that of its twin.
        let mut repeats: Vec<(usize, usize)> = Vec::new();
        for (place, &unit) in demands.iter().enumerate() {
            if is_emphasis(case, unit) {
                continue;
            }
            match case.repeats.get(&unit) {
                None => said_by_layer(case, sink, unit),
                Some(&earlier) if are_two_things(case, unit, earlier) => {}
                Some(earlier) => {
                    repeats.extend(demands.binary_search(earlier).ok().map(|twin| (place, twin)))
                }
            }
        }
        for run in repeats.chunk_by(|one, next| next.0 == one.0 + 1 && next.1 == one.1 + 1) {
            if run.len() >= BLOCK {
                block(case, sink, demands, run);
                continue;
            }
            for &(place, twin) in run {
                single(case, sink, demands[place], demands[twin]);
            }
        }
    }
}

/// Repeats in a row from which they are a block pasted twice.
const BLOCK: usize = 3;

fn single(case: &Case<'_>, sink: &mut Sink<'_>, unit: usize, earlier: usize) {
    let (this, that) = (case.units[unit].text, case.units[earlier].text);
    let line = case.source.position(that.start()).line;
    let message = format!("line {line} already says this: `{}`", case.shown(that));
    let finding = sink.report(this, message, "keep the clearer of the two");
    finding.related.push(that);
    if is_same(case.text(this), case.text(that)) {
        finding.fix = removal(case, unit, earlier);
    }
}

fn block(case: &Case<'_>, sink: &mut Sink<'_>, demands: &[usize], run: &[(usize, usize)]) {
    let cover =
        |first: usize, last: usize| case.units[demands[first]].text.cover(case.units[demands[last]].text);
    let (first, last) = (run[0], run[run.len() - 1]);
    let (this, that) = (cover(first.0, last.0), cover(first.1, last.1));
    let line = case.source.position(that.start()).line;
    let message = format!("{} demands in a row stand from line {line} on already", run.len());
    sink.report(this, message, "keep the block once").related.push(that);
}

/// A step, and the part of the answer that comes of it.
fn are_two_things(case: &Case<'_>, unit: usize, earlier: usize) -> bool {
    if shows_a_line(case.text(case.units[unit].text)) || is_scoped(case, unit, earlier) {
        return true;
    }
    if is_same(case.text(case.units[unit].text), case.text(case.units[earlier].text)) {
        return false;
    }
    if has_a_verdict(case.text(case.units[unit].text)) || spells_out(case, unit, earlier) {
        return true;
    }
    // What both confine is a rule, whatever else the two ask.
    let confines = |unit: usize| {
        let text = case.source.text();
        let words = case.words_of(unit);
        let other = words.windows(2).any(|pair| {
            matches!(&*pair[0].lower(text), "other" | "additional" | "extra") && pair[1].lower(text) == "text"
        });
        let only = |word: &Word| matches!(&*word.lower(text), "only" | "solely" | "exclusively");
        // "No figures that are not in the log".
        let alone = of_unit(case.requirements, unit).any(|rule| {
            matches!(rule.demand, Demand::Manner { axis: "words around the data", pole: "only JSON" })
        });
        alone
            || likeness::confined(text, words).is_some()
            || other && words.iter().any(|word| word.is(vocabulary::NEGATION))
            || words.iter().any(only)
    };
    // "Ask for the stops one after the other, then write the log" is the work, "one question per message" its rule.
    let one_by_one = |unit: usize| {
        of_unit(case.requirements, unit)
            .any(|rule| matches!(rule.demand, Demand::Manner { axis: "questions at a time", .. }))
    };
    if matches!(&*case.frame.name, "grading" | "classification")
        && [unit, earlier].iter().all(|&unit| tells_of_a_verdict(case, unit))
    {
        return true;
    }
    let (rule, work) = (case.labels[unit].component, case.labels[earlier].component);
    if rule == Some(Component::Constraints)
        && work == Some(Component::Task)
        && one_by_one(earlier)
        && one_by_one(unit)
        && case.words_of(earlier).first().is_some_and(|word| word.lower(case.source.text()) == "ask")
    {
        return true;
    }
    if confines(unit) && confines(earlier) || ask_for_one_manner(case, unit, earlier) {
        return false;
    }
    // The ask, put once more in its own words behind all else.
    if calls_to_work(case.source.text(), case.words_of(unit)) {
        return false;
    }
    // "Unknown parts as 00" is a form, "a missing date is 0000" a way out.
    let gap = |unit: usize| of_unit(case.requirements, unit).any(|rule| rule.demand.fills_a_gap());
    // "Do not invent facts" behind "leave out a fact that is not in the notes".
    let invents_nothing = of_unit(case.requirements, unit)
        .any(|rule| matches!(rule.demand, Demand::Manner { axis: "invention", pole: "nothing invented" }));
    if gap(unit) != gap(earlier) && !invents_nothing {
        return true;
    }
    // "A single paragraph on the outcome": a line of the answer's template.
    let first = case.words_of(unit).first().map(|word| word.lower(case.source.text()));
    let shown = case.labels[unit].component == Some(Component::OutputFormat)
        && first.is_some_and(|first| matches!(&*first, "a" | "an"));
    if shown {
        return true;
    }
    let kinds = (case.labels[unit].component, case.labels[earlier].component);
    let template = case.units[earlier].kind == UnitKind::Field;
    match kinds {
        (Some(Component::OutputFormat), Some(Component::Task | Component::Role))
        | (Some(Component::Task), Some(Component::OutputFormat)) => true,
        // The goal, and a numbered step on the way to it.
        (Some(Component::Task), Some(Component::Task)) => {
            matches!(case.units[unit].kind, UnitKind::Item { ordered: true })
                && !matches!(case.units[earlier].kind, UnitKind::Item { .. })
        }
        // A line of the answer's template, and a rule that names the same thing.
        (Some(Component::Constraints), Some(Component::OutputFormat)) => template,
        _ => false,
    }
}

/// "Return only the JSON. No prose, no code fence.": the next words say what that rules out.
fn spells_out(case: &Case<'_>, unit: usize, earlier: usize) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    let between = Span::new(case.units[earlier].text.end(), case.units[unit].text.start());
    let next = unit == earlier + 1 && !case.source.slice(between).contains('\n');
    let none = words.first().is_some_and(|word| word.lower(text) == "no");
    let only = |unit: usize| {
        of_unit(case.requirements, unit)
            .any(|rule| matches!(rule.demand, Demand::Manner { axis: "words around the data", .. }))
    };
    next && none && words.len() <= 8 && only(earlier)
}

/// `> Guest: …`, `[Q]: …`, `"type": "text"`: a line of a dialogue or of a record that is shown.
fn shows_a_line(line: &str) -> bool {
    let named = |line: &str| line.split_once(':').is_some_and(|(name, _)| !name.trim().contains(' '));
    let headed = line.starts_with('#') && named(line);
    let turn = headed || line.strip_prefix("> ").is_some_and(named) || line.starts_with('[') && named(line);
    // "WRONG: …" in a list of good and bad ones.
    let judged = line.split_once(':').is_some_and(|(label, behind)| {
        // `Wrong: "…"`.
        let shown = behind.trim_start().starts_with(['`', '"', '“']);
        let label = if shown { label.to_uppercase() } else { label.into() };
        matches!(&*label, "CORRECT" | "WRONG" | "INCORRECT" | "GOOD" | "BAD" | "RIGHT" | "YES" | "NO")
            // The turns of an agent at work.
            || matches!(&*label, "Thought" | "Action" | "Action Input" | "Observation")
    });
    let key = line.strip_prefix('"').and_then(|rest| rest.split_once('"')).map(|(_, rest)| rest.trim_start());
    turn || judged || line.ends_with("###") || key.is_some_and(|rest| rest.starts_with(':'))
}

/// "OVERDUE: the slip names a day that has passed": what a verdict stands for.
fn has_a_verdict(line: &str) -> bool {
    line.split_once(':').is_some_and(|(label, _)| {
        let capitals = label.chars().all(|c| c.is_ascii_uppercase() || c == '_');
        label.len() > 1 && capitals && !STRESSES.contains(&label)
    })
}

/// Labels in capitals that only press what follows.
const STRESSES: [&str; 16] = [
    "ALWAYS", "ATTENTION", "CAUTION", "CRITICAL", "DO", "HINT", "IMPORTANT", "MUST", "NB", "NEVER", "NOTE",
    "REMEMBER", "REMINDER", "RULE", "STRICT", "WARNING",
];

/// Within how many units the line is looked for that a list belongs to.
const BELOW: usize = 12;

/// Two lines that are about two things, though their words are alike.
fn is_scoped(case: &Case<'_>, unit: usize, earlier: usize) -> bool {
    let [this, that] = [unit, earlier].map(|unit| case.text(case.units[unit].text));
    // "Call the desk → a note", "Call the pier → a note": steps of a chain.
    if this.contains('→') && that.contains('→') && !is_same(this, that) {
        return true;
    }
    // "Short reason: …, plain text", "Long reason: …, plain text": two parts with a name in common.
    fn label(line: &str) -> Option<&str> {
        line.split_once(": ").map(|(label, _)| label).filter(|label| label.split_whitespace().count() <= 4)
    }
    let fields = [unit, earlier].iter().all(|unit| case.units[*unit].kind == UnitKind::Field);
    let two_of_a_kind = |one: &str, two: &str| {
        !is_same(one, two)
            && one.split_whitespace().any(|word| two.split_whitespace().any(|other| other == word))
    };
    if fields && label(this).zip(label(that)).is_some_and(|(one, two)| two_of_a_kind(one, two)) {
        return true;
    }
    // "For the notice:", "For the letter:": what is said below each holds for each.
    let title = |unit: usize| {
        let above = (unit.saturating_sub(BELOW)..unit).rev().map(|above| case.text(case.units[above].text));
        above.into_iter().find(|line| line.starts_with("For ") && line.ends_with(':'))
    };
    if title(unit).zip(title(earlier)).is_some_and(|(one, two)| one != two) {
        return true;
    }
    // "If so, say yes", "make it shorter" behind the first sentence of two items: each is about its own.
    let follows = |unit: usize| {
        let holder = &case.units[unit];
        matches!(holder.kind, UnitKind::Item { .. } | UnitKind::Field) && !holder.opens_piece
    };
    let points = case
        .words_of(unit)
        .iter()
        .take(3)
        .any(|word| matches!(&*word.lower(case.source.text()), "it" | "them" | "so" | "if" | "instead"));
    follows(unit) && follows(earlier) && points && case.units[unit].pieces != case.units[earlier].pieces
}

/// "Required fields are missing", "if it asks, the reply holds the fare": what a verdict or a level stands for, and no order.
fn tells_of_a_verdict(case: &Case<'_>, unit: usize) -> bool {
    let text = case.source.text();
    let words = case.words_of(unit);
    // The order stands behind the case: "if the fare is missing, return no".
    let cased = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
    let main = words.iter().position(|word| cased && word.text(text) == ",").map_or(0, |at| at + 1);
    // "Contradicts the log" tells of a reply, "never guess" orders.
    let told = |word: &str| word.ends_with('s') && !word.ends_with("ss") && word != "focus";
    let orders = words.get(main).is_some_and(|word| {
        let lower = word.lower(text);
        word.is(vocabulary::VERB) && !told(&lower) || lower == "never"
    });
    let confines = |word: &Word| {
        matches!(
            &*word.lower(text),
            "only" | "please" | "you" | "your" | "do" | "don't" | "each" | "every" | "single" | "per" | "one"
        )
    };
    !orders && !words.iter().any(|word| word.is(vocabulary::MODAL) || confines(word))
}

/// "Sort by date, newest first" and "the newest entry comes first": one demand, whatever the two are taken for.
fn ask_for_one_manner(case: &Case<'_>, unit: usize, earlier: usize) -> bool {
    // "Title: at most 60 characters", "the title may have up to 60 characters".
    let same = |one: &Requirement, two: &Requirement| match (&one.demand, &two.demand) {
        (Demand::Manner { .. }, other) => one.demand == *other,
        (Demand::Amount { .. }, other) => {
            // "Snag: at most 15 words", "each snag has at most 15 words".
            let of_one = match (&one.subject, &two.subject) {
                (Subject::Named(one) | Subject::Each(one), Subject::Named(two))
                | (Subject::Named(one), Subject::Each(two)) => one == two,
                _ => false,
            };
            of_one && one.demand == *other
        }
        _ => false,
    };
    of_unit(case.requirements, unit)
        .any(|rule| of_unit(case.requirements, earlier).any(|other| same(rule, other)))
}

/// The same words, letter case and the last sign aside.
fn is_same(one: &str, two: &str) -> bool {
    let plain = |text: &str| {
        text.trim_end_matches(['.', '!', ';']).split_whitespace().collect::<Vec<_>>().join(" ").to_lowercase()
    };
    plain(one) == plain(two)
}

/// Takes a unit out: the whole line with its marker where the unit is all of it, else the sentence.
fn removal(case: &Case<'_>, unit: usize, twin: usize) -> Vec<Edit> {
    let Unit { text, pieces, opens_piece, .. } = &case.units[unit];
    let piece = &case.outline.pieces[pieces.start];
    let whole = *opens_piece && pieces.len() == 1 && piece.text.end() == text.end();
    let ordered = piece.kind == PieceKind::Item { ordered: true };
    let line = Edit { span: piece.span, replacement: String::new() };
    match whole {
        true if ordered => {
            let below = case.outline.pieces.get(pieces.end);
            let holds_more = below.is_some_and(|below| below.indent > piece.indent && !below.text.is_empty());
            let twin = case.outline.pieces[case.units[twin].pieces.start].lead;
            // Each look reads all numbers, so in a prompt of very many units the step stays.
            let short = case.units.len() <= super::steps::MOST_UNITS && !holds_more;
            let mended = short.then(|| super::steps::closed_up(case, piece.lead, twin)).flatten();
            mended.map_or_else(Vec::new, |mut edits| {
                // A number in the step that goes needs no mending.
                edits.retain(|edit| !line.span.overlaps(edit.span));
                [vec![line], edits].concat()
            })
        }
        true => vec![line],
        false => super::cut(case.source.text(), *text, "", false),
    }
}

/// What is sent along says it already.
fn said_by_layer(case: &Case<'_>, sink: &mut Sink<'_>, unit: usize) {
    if case.layers.is_empty() {
        return;
    }
    let quality = case.hits[unit].iter().any(Hit::names_quality);
    let gist = likeness::gist(case.source.text(), case.words_of(unit), quality);
    let Some((layer, span)) = case.layers.iter().find_map(|layer| Some((layer, layer.says(&gist)?))) else {
        return;
    };
    let message =
        format!("`{}` (line {}) already says this: `{}`", layer.name(), layer.line(span), layer.shown(span));
    sink.report(case.units[unit].text, message, "leave it out here, or there");
}

/// A restatement that says that it is one, as the last words of a prompt often do.
fn is_emphasis(case: &Case<'_>, unit: usize) -> bool {
    // "**Remember**: one label for each slip!"
    let text = case.text(case.units[unit].with_lead(case.outline)).to_lowercase().replace(['*', '_'], "");
    let announced = [
        "once more", "above all", "to repeat", "again:", "reminder:", "to be clear:", "most important",
        "remember:", "remember,", "critical:",
    ]
    .iter()
    .any(|sign| text.contains(sign));
    let quoted = case.words_of(unit).first().is_some_and(|word| word.is(vocabulary::QUOTE));
    announced && !quoted
}
