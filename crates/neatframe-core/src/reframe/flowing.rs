//! Sentences of a running text that say by their words that they go on with the one before.

use super::tied;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::ordinal;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::ops::Range;

/// Words that link a sentence to the one before, whatever either is about.
const LINKS: [&str; 10] = [
    "so", "thus", "hence", "therefore", "otherwise", "however", "instead", "likewise", "conversely",
    "similarly",
];

/// The same in two words.
const PAIRS: [[&str; 2]; 9] = [
    ["for", "example"],
    ["for", "instance"],
    ["e.g", "."],
    ["i.e", "."],
    ["that", "way"],
    ["this", "way"],
    ["in", "that"],
    ["if", "so"],
    ["if", "not"],
];

/// True when a unit opens with a word that links it to the unit right above: "So name only that boat."
pub(super) fn is_linked(review: &Review, index: usize) -> bool {
    let (units, labels) = (review.units(), review.labels());
    let Some(before) = index.checked_sub(1).map(|at| &units[at]) else { return false };
    let unit = &units[index];
    if before.block != unit.block || matches!(unit.kind, UnitKind::Turn | UnitKind::Code) {
        return false;
    }
    let item = matches!(unit.kind, UnitKind::Item { .. } | UnitKind::Field) && unit.opens_piece;
    if item || before.kind == UnitKind::Mark {
        return false;
    }
    let text = review.source().text();
    let gap = &text[before.text.end().min(unit.text.start())..unit.text.start()];
    let words = review.words_of(index);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let begins = |pair: &[&str; 2]| lower(0) == pair[0] && lower(1) == pair[1];
    // "So write me a notice" is what the rest was told for.
    let asks = lower(0) == "so" && labels[index].component == Some(Component::Task);
    !asks && gap.matches('\n').count() <= 1 && (LINKS.contains(&&*lower(0)) || PAIRS.iter().any(begins))
}

/// How many words a sentence may go on before it says "it".
const SOON: usize = 7;

/// "Keep it to one page. Guests read it on the quay.": a fact about what the order right before it names.
pub(super) fn tells_of_it(review: &Review, index: usize) -> bool {
    let (unit, label) = (&review.units()[index], &review.labels()[index]);
    let before = review.labels()[index - 1].component;
    let orders = matches!(before, Some(Component::Constraints | Component::Task | Component::OutputFormat));
    if !orders
        || label.component != Some(Component::Context)
        || unit.opens_piece
        || unit.kind != UnitKind::Sentence
    {
        return false;
    }
    let text = review.source().text();
    let words = review.words_of(index);
    let own = words.first().is_some_and(|word| word.is(vocabulary::FIRST_PERSON));
    let it = |word: &Word| matches!(&*word.lower(text), "it" | "them" | "this" | "these");
    !own && words.iter().take(SOON).skip(1).any(it)
}

/// How far back a bracket may open, in bytes.
const BRACKETED: usize = 600;

/// True when a unit stands within brackets that an earlier sentence opened: "(If you are lost, stop. Ask the crew.)"
pub(super) fn is_bracketed(review: &Review, last: Span, index: usize) -> bool {
    let unit = &review.units()[index];
    let before = review.units()[index - 1].text.end();
    let told = Span::new(last.start().max(before.saturating_sub(BRACKETED)), before.max(last.start()));
    let Some(above) = review.source().text().get(told.range()) else { return false };
    let open = above.rfind('(').filter(|open| !above[*open..].contains(')'));
    let opens_a_sentence = open.is_some_and(|open| {
        above[..open].trim_end().ends_with(['.', '!', '?', ':', '\n']) || above[..open].trim().is_empty()
    });
    !unit.opens_piece
        && unit.kind == UnitKind::Sentence
        && opens_a_sentence
        && review.source().slice(unit.text).contains(')')
}

/// Units from "First, …" to the last of "Second, …", "Third, …" that follow it, with what stands on the lines of each: one order.
pub(super) fn counted(review: &Review) -> Vec<Range<usize>> {
    let units = review.units();
    let text = review.source().text();
    let place = |unit: usize| {
        let told = matches!(units[unit].kind, UnitKind::Sentence | UnitKind::Field);
        // "Second, weigh the log: …" may be read as a label.
        let whole = units[unit].with_lead(review.outline());
        told.then(|| ordinal::place(text, review.words_in(whole))).flatten()
    };
    let mut found: Vec<Range<usize>> = Vec::new();
    let mut next = 1;
    let mut open: Option<Range<usize>> = None;
    for unit in 0..units.len() {
        let section = open.as_ref().is_some_and(|open| units[open.start].section == units[unit].section);
        match place(unit) {
            Some(0) => {
                found.extend(open.take().filter(|_| next > 1));
                open = Some(unit..unit + 1);
                next = 1;
            }
            Some(at) if at == next && section => {
                if let Some(open) = &mut open {
                    open.end = unit + 1;
                }
                next += 1;
            }
            _ => {}
        }
    }
    found.extend(open.filter(|_| next > 1));
    for range in &mut found {
        while range.end < units.len() && !units[range.end].opens_piece {
            range.end += 1;
        }
    }
    found
}

/// "Say yes only if all of the following hold:", and the lines below it up to a blank one.
pub(super) fn listed_below(review: &Review) -> Vec<Range<usize>> {
    let units = review.units();
    let text = review.source().text();
    let goes_on = |unit: usize| {
        let gap = &text[units[unit - 1].text.end()..units[unit].text.start()];
        units[unit].kind == UnitKind::Sentence
            && !tied::is_bare_slot(review, unit)
            && gap.matches('\n').count() <= 1
    };
    let leads = |unit: usize| {
        let says = |word: &Word| matches!(&*word.lower(text), "following" | "these" | "below");
        units[unit].kind == UnitKind::Sentence
            && text[units[unit].text.range()].ends_with(':')
            && review.words_of(unit).iter().any(says)
    };
    let mut found: Vec<Range<usize>> = Vec::new();
    for lead in 0..units.len() {
        if found.last().is_some_and(|last| lead < last.end) || !leads(lead) {
            continue;
        }
        let end =
            (lead + 1..units.len()).take_while(|unit| goes_on(*unit)).last().map_or(lead, |last| last + 1);
        if end > lead + 2 {
            found.push(lead..end);
        }
    }
    found
}

/// How many sentences may stand between the words that announce a block and the block.
const BETWEEN: usize = 2;

/// "Answer in the following JSON format. Add no other lines.", and right below it an object: one piece of text.
pub(super) fn announced(review: &Review) -> Vec<Range<usize>> {
    const FORMS: [&str; 7] = ["format", "form", "json", "schema", "structure", "template", "object"];
    let units = review.units();
    let text = review.source().text();
    let below =
        |unit: usize| text[units[unit - 1].text.end()..units[unit].text.start()].matches('\n').count() == 1;
    let opens = |unit: usize| {
        let body = &text[units[unit].text.start()..];
        // `{log}` is a slot.
        let block =
            body.starts_with('{') && body[1..].trim_start_matches([' ', '\r']).starts_with(['\n', '"']);
        units[unit].opens_piece && block && below(unit)
    };
    let announces = |unit: usize| {
        let words = review.words_of(unit);
        let has = |list: &[&str]| words.iter().any(|word| list.contains(&&*word.lower(text)));
        units[unit].kind == UnitKind::Sentence && has(&["following", "below"]) && has(&FORMS)
    };
    let block = (1..units.len()).filter(|unit| opens(*unit));
    block
        .filter_map(|unit| {
            let lead = (unit.saturating_sub(BETWEEN + 1)..unit).rev().find(|lead| announces(*lead))?;
            let one = units[lead].block == units[unit - 1].block;
            one.then(|| lead..unit + 1)
        })
        .collect()
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::around;

    #[test]
    fn counted_sentences_stay_together() {
        let lines = "First, read the log and the list with care.\nSecond, weigh the log: check whether each delay in it \
                     is on the list. The log has to be whole. If it names a boat that is not there, it fails.\n\
                     Third, weigh the tone: the log may leave out small things. Long logs fail.";
        let out = around(lines);
        assert!(out.contains(lines), "{out}");
    }

    #[test]
    fn a_sentence_that_links_stays_behind_the_one_before() {
        for lines in [
            "Never copy the form of the log! Instead write the answer as a list that a guest can read.",
            "Name the pier by its number.\nFor example, pier 4 is the one with the crane.",
            "Print the log and go on from there in small steps. Guests read it on the quay in the rain.",
            "(If you are lost, break off the talk! Ask the crew which boat they mean.)",
        ] {
            let out = around(lines);
            assert!(out.replace('\n', " ").contains(&lines.replace('\n', " ")), "{out}");
        }
    }

    #[test]
    fn an_announced_block_stays_below_its_sentence() {
        let lines = "Say whether the boat was late in the following JSON format. Add no other lines.\n{\n  \"late\": \"yes or no\"\n}";
        let out = around(lines);
        assert!(out.contains(lines), "{out}");
    }

    #[test]
    fn lines_below_a_lead_stand_under_it() {
        let out = around(
            "Never name a boat.\nWarn only if all of the following hold:\nThe boat is late.\nThe log is whole.\nThe pier is open.",
        );
        assert!(out.contains("- Warn only if all of the following hold:\n  - The boat is late.\n  - The log is whole.\n  - The pier is open.\n"), "{out}");
    }

    #[test]
    fn what_is_not_linked_moves() {
        let out = around("You get the log of the day. So write a notice for the quay.");
        assert!(out.contains("# Task"), "{out}");
    }
}
