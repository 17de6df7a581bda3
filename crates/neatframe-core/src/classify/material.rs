//! Material that a label leads to at the end of a prompt: "flyer:" and its lines, where the ask speaks of "my flyer".

use super::{Label, Reading};
use crate::component::{Component, Facet};
use crate::lexicon::vocabulary;
use crate::units::UnitKind;
use crate::words::Word;

/// What is handed over as text.
const TEXTS: [&str; 48] = [
    "complaint", "enquiry", "inquiry", "feedback", "comment", "request", "ticket", "interview", "statement",
    "contract", "text", "flyer", "mail", "email", "letter", "draft", "notes", "transcript", "article",
    "poem", "essay", "story", "speech", "report", "recipe", "menu", "cv", "resume", "advert", "ad", "post",
    "page", "paragraph", "passage", "chapter", "log", "minutes", "message", "conversation", "review",
    "caption", "description", "bio", "abstract", "lyrics", "song", "script", "notice",
];

/// The longest label, in words and signs.
const LABEL: usize = 4;
/// The share of belief from which a paragraph behind the material asks for something.
const ASKS: f32 = 0.6;

/// Takes the lines behind such a label for what comes in, up to a paragraph that plainly asks for something. `shown` tells which
/// units are samples by the bounds around them.
pub(super) fn settle(reading: &Reading<'_>, labels: &mut [Label], shown: &[bool]) {
    if let Some(from) = described_below(reading) {
        labels[from..].iter_mut().for_each(take_in);
    }
    let leads = |unit: &usize| !shown[*unit] && leads(reading, *unit);
    let Some(lead) = (1..reading.units.len()).rev().find(leads) else {
        if let Some(from) = handed_over(reading).filter(|_| reading.slots.is_empty()) {
            labels[from..].iter_mut().for_each(take_in);
        }
        return;
    };
    let text = reading.source.text();
    let asks = |label: &Label| {
        let own = label
            .component
            .filter(|of| matches!(of, Component::Task | Component::Constraints | Component::OutputFormat));
        own.is_some_and(|of| label.shares[of.index()] >= ASKS)
    };
    let mut end = lead + 1;
    while end < reading.units.len() {
        let gap = &text[reading.units[end - 1].text.end()..reading.units[end].text.start()];
        if end > lead + 1 && gap.matches('\n').count() > 1 && asks(&labels[end]) {
            break;
        }
        end += 1;
    }
    // Rows of quotation marks or strokes only part the text from the rest.
    let parts = |unit: usize| {
        let row = reading.source.slice(reading.units[unit].text).trim();
        row.len() >= 3 && row.chars().all(|c| matches!(c, '"' | '\'' | '`' | '-' | '=' | '*' | '~' | '_'))
    };
    let marked = (lead + 1..end).any(|unit| reading.units[unit].kind == UnitKind::Mark && !parts(unit));
    let slotted = reading.slots.iter().any(|slot| slot.span.start() > reading.units[lead].text.start());
    if marked || slotted {
        return;
    }
    for (at, label) in labels[lead + 1..end].iter_mut().enumerate() {
        if reading.units[lead + 1 + at].kind == UnitKind::Mark {
            continue;
        }
        take_in(label);
    }
}

/// The label of what comes in.
fn take_in(label: &mut Label) {
    label.component = Some(Component::Context);
    label.also.clear();
    label.shares = [0.0; 6];
    label.shares[Component::Context.index()] = 1.0;
    label.facet = Some(Facet::InputSlot);
}

/// "Patient: …" as the last paragraph, where the ask speaks of "the patient described below". Gives its first unit.
fn described_below(reading: &Reading<'_>) -> Option<usize> {
    let text = reading.source.text();
    let units = reading.units;
    let last = units.len().checked_sub(1)?;
    let from = (0..=last).rev().find(|&unit| units[unit].opens_piece)?;
    let gap = from > 0 && text[units[from - 1].text.end()..units[from].text.start()].contains("\n\n");
    let label = reading.source.slice(reading.outline.pieces[units[from].pieces.start].lead);
    let name = label.trim_matches(['*', ':', ' ']).to_lowercase();
    let plain = units[from].kind == UnitKind::Field && !name.is_empty() && !name.contains(' ');
    let told = |unit: &crate::units::Unit| {
        let words = reading.words.within(unit.text);
        words.windows(4).any(|run| {
            let [the, noun, how, below] = [0, 1, 2, 3].map(|at| run[at].lower(text));
            let given = matches!(&*how, "described" | "given" | "shown" | "named" | "whose");
            the == "the" && *noun == *name && (how == "below" || given && below == "below")
        })
    };
    (gap && plain && units[..from].iter().take(FAR).any(told)).then_some(from)
}

/// "Translate this into Danish", and a last paragraph that asks for nothing: what is handed over. Gives its first unit.
fn handed_over(reading: &Reading<'_>) -> Option<usize> {
    const DONE: [&str; 14] = [
        "translate", "summarise", "summarize", "rewrite", "proofread", "shorten", "correct", "improve",
        "edit", "rephrase", "simplify", "paraphrase", "polish", "check",
    ];
    let text = reading.source.text();
    let units = reading.units;
    let asked = |unit: usize| {
        let words = reading.words.within(units[unit].text);
        let first = words.first().map(|word| word.lower(text));
        first.is_some_and(|first| DONE.contains(&&*first))
            && words.get(1).is_some_and(|word| matches!(&*word.lower(text), "this" | "these" | "the"))
            && words
                .iter()
                .take(5)
                .any(|word| matches!(&*word.lower(text), "this" | "these" | "following" | "below"))
    };
    let gap =
        |unit: usize| text[units[unit - 1].text.end()..units[unit].text.start()].matches('\n').count() > 1;
    let from = (1..units.len()).rev().find(|&unit| gap(unit))?;
    let plain = |unit: usize| {
        let words = reading.words.within(units[unit].text);
        let orders = words.first().is_none_or(|word| {
            word.is(vocabulary::VERB
                | vocabulary::NEGATION
                | vocabulary::PERSON
                | vocabulary::COURTESY
                | vocabulary::CONDITION)
        });
        let addressed = words.iter().any(|word| matches!(&*word.lower(text), "must" | "should" | "please"));
        units[unit].kind == UnitKind::Sentence && !orders && !addressed
    };
    let all = (from..units.len()).all(plain);
    (from <= FAR && (0..from).any(asked) && all).then_some(from)
}

/// "flyer:" on a line of its own, where an earlier sentence speaks of "my flyer" or "the text of my flyer".
fn leads(reading: &Reading<'_>, unit: usize) -> bool {
    let text = reading.source.text();
    let holder = &reading.units[unit];
    let words = reading.words.within(holder.text);
    let alone = holder.opens_piece && reading.source.slice(holder.text).ends_with(':');
    let labelled = holder.kind == UnitKind::Mark && text[holder.text.end()..].starts_with(':');
    if !(alone || labelled) || words.len() > LABEL {
        return false;
    }
    let Some(name) = words.iter().rfind(|word| !word.is_punctuation()).map(|word| word.lower(text)) else {
        return false;
    };
    let said = |pair: &[Word]| {
        matches!(&*pair[0].lower(text), "my" | "our" | "this" | "the" | "following")
            && pair[1].lower(text) == name
    };
    TEXTS.contains(&&*name)
        && reading.units[..unit]
            .iter()
            .rev()
            .take(FAR)
            .any(|before| reading.words.within(before.text).windows(2).any(said))
}

/// How many units back the ask is looked for.
const FAR: usize = 40;

#[cfg(test)]
mod tests {
    use crate::classify::components_of as read;
    use crate::component::Component::{self, Context};

    #[test]
    fn what_stands_behind_its_label_comes_in() {
        let labels = read(
            "improve the text of my flyer for the boat fair.\nkeep the dates.\nflyer:\nBroken oar? Come round. We mend it.\n",
        );
        assert_eq!(labels[labels.len() - 3..], [Some(Context), Some(Context), Some(Context)]);
    }

    #[test]
    fn an_order_behind_it_is_none_of_it() {
        let labels = read(
            "Shorten my letter to the harbour board.\n\nLetter:\nThe pier is closed again. Open it.\n\nUse at most 40 words.\n",
        );
        assert_eq!(labels.last(), Some(&Some(Component::Constraints)));
    }

    #[test]
    fn rows_of_signs_around_it_are_no_words() {
        let labels = read(
            "Answer the complaint below.\n\nComplaint:\n\"\"\"\nWe hardly slept. The lift ran all night.\n\"\"\"\n",
        );
        let context = labels.iter().filter(|label| **label == Some(Context)).count();
        assert!(context >= 2 && !labels.contains(&Some(Component::Examples)), "{labels:?}");
    }

    #[test]
    fn a_last_paragraph_that_asks_for_nothing_is_handed_over() {
        let labels = read(
            "Translate this into Danish for our site, keep it formal.\n\nThe Merle keeps your boat dry. From 39 crowns.\n",
        );
        assert_eq!(labels[labels.len() - 2..], [Some(Context), Some(Context)]);
        let labels = read("Translate this into Danish for our site.\n\nKeep it formal. Use short words.\n");
        assert_ne!(labels.last(), Some(&Some(Context)), "rules are no material");
    }

    #[test]
    fn rules_are_no_material() {
        let labels = read("Follow the rules for the notice.\n\nRules:\nName the pier. Use plain words.\n");
        assert_ne!(labels.last(), Some(&Some(Context)));
    }
}
