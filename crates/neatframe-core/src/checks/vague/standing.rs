//! Where a vague word stands that asks for nothing: in a level of a scale, in what is to be judged, in a compound, in brackets.

use crate::checks::Case;
use crate::lexicon::{Hit, vocabulary};
use crate::slots::Slot;
use crate::units::UnitKind;
use crate::words::Word;

/// "0-3: minimally helpful", "a score from 7 to 8 means mostly complete": what a step of a scale stands for.
pub(super) fn stands_for_a_level(text: &str, words: &[Word]) -> bool {
    // "**1.0 — Excellent plan**".
    let marks = words.iter().take_while(|word| matches!(word.text(text), "*" | "-")).count();
    let words = &words[marks..];
    // "Score 3: a good slip names the boat".
    let names_one =
        |word: &Word| matches!(&*word.lower(text), "score" | "level" | "grade" | "rating" | "mark");
    let named = words.first().is_some_and(names_one);
    let level = &words[usize::from(named)..];
    let lower = |at: usize| level.get(at).map(|word| word.lower(text));
    let digit = |at: usize| {
        level.get(at).is_some_and(|word| word.text(text).starts_with(|c: char| c.is_ascii_digit()))
    };
    let dash = |at: usize| lower(at).is_some_and(|word| matches!(&*word, "-" | "–" | "to"));
    let end = (1..5).find(|&at| !digit(at) && !dash(at)).unwrap_or(0);
    // "1: Be brief" is an order that has a number.
    let orders = level.get(end + 1).is_none_or(|word| word.is(vocabulary::VERB));
    let numbered =
        digit(0) && end > 0 && lower(end).is_some_and(|word| matches!(&*word, ":" | "=" | "—")) && !orders;
    let marks = words
        .iter()
        .take(4)
        .any(|word| matches!(&*word.lower(text), "score" | "scores" | "rating" | "grade" | "mark" | "value"));
    let means = words.iter().skip(1).take(10).any(|word| {
        matches!(
            &*word.lower(text),
            "means" | "mean" | "indicates" | "indicate" | "represents" | "reflects" | "signifies"
        )
    });
    let given = words.windows(3).take(12).any(|row| {
        row[0].lower(text) == "is"
            && matches!(&*row[1].lower(text), "given" | "assigned" | "awarded")
            && matches!(&*row[2].lower(text), "to" | "for" | "when" | "if")
    });
    numbered || marks && (means || given)
}

/// "0.5 — Fair plan", and in the list below it, or among the items behind it, "key details are missing".
pub(super) fn stands_below_a_level(case: &Case<'_>, unit: usize) -> bool {
    const BEHIND: usize = 4;
    let item = |at: &usize| matches!(case.units[*at].kind, UnitKind::Item { .. });
    let mut above = (unit.saturating_sub(BEHIND)..unit).rev().take_while(item);
    item(&unit) && above.any(|at| stands_for_a_level(case.source.text(), case.words_of(at)))
}

/// "better-suited": one word with what is joined to it.
pub(super) fn is_part_of_a_compound(text: &str, words: &[Word], hit: &Hit) -> bool {
    let behind = &text[words[hit.last].end as usize..];
    behind.strip_prefix('-').is_some_and(|rest| rest.starts_with(char::is_alphabetic))
}

/// "Yes (relevant) or no (irrelevant)": a word for a value.
pub(super) fn stands_alone_in_brackets(text: &str, words: &[Word], hit: &Hit) -> bool {
    let is = |at: usize, sign: &str| words.get(at).is_some_and(|word| word.text(text) == sign);
    // "6 (very good)".
    let graded = |at: usize| words.get(at).is_some_and(|word| matches!(&*word.lower(text), "very" | "quite"));
    let opens = |at: usize| is(at, "(") || at > 0 && graded(at) && is(at - 1, "(");
    hit.first > 0 && opens(hit.first - 1) && is(hit.last + 1, ")")
}

/// "Decide whether the reply addresses the ask correctly", "how suitable the tool was", "Were the tools used correctly?": what is
/// to be found out, and not how the work is done.
pub(super) fn is_what_is_judged(text: &str, words: &[Word], hit: &Hit) -> bool {
    const REACH: usize = 14;
    let near = &words[hit.first.saturating_sub(REACH)..hit.first];
    let stop = near.iter().rposition(|word| word.is(vocabulary::STOP_MARK)).map_or(0, |at| at + 1);
    let clause = &near[stop..];
    // "How **efficiently** it was done".
    let marks = clause.iter().rev().take_while(|word| matches!(word.text(text), "*" | "_")).count();
    let clause = &clause[..clause.len() - marks];
    let asked = clause.iter().any(|word| word.lower(text) == "whether")
        || clause.last().is_some_and(|word| word.lower(text) == "how");
    // "Form (0-10): Are the values …?"
    let colon = words.iter().take(8).position(|word| word.text(text) == ":").map_or(0, |at| at + 1);
    let question = words.last().is_some_and(|word| word.text(text) == "?")
        && words.get(colon).is_some_and(|word| {
            matches!(
                &*word.lower(text),
                "is" | "are" | "was" | "were" | "does" | "did" | "do" | "has" | "have" | "how" | "which"
            )
        });
    // "State why the order was good": it is told, and not to be made so.
    let found = clause.last().is_some_and(|last| matches!(&*last.lower(text), "is" | "are" | "was" | "were"))
        && clause.iter().any(|word| matches!(&*word.lower(text), "why" | "how"));
    asked || question || found
}

/// "Names, ports etc. that are in the file": the clause behind says which.
pub(super) fn goes_on_to_say(text: &str, after: &[Word]) -> bool {
    let next = after.iter().find(|word| !word.is_punctuation());
    next.is_some_and(|next| matches!(&*next.lower(text), "that" | "which" | "already"))
}

/// "A captcha (reCAPTCHA, hCaptcha, etc.)": what stands before the brackets says what the list is about.
pub(super) fn in_brackets(text: &str, words: &[Word], hit: &Hit) -> bool {
    let opened = words[..hit.first].iter().rposition(|word| matches!(word.text(text), "(" | "["));
    opened.is_some_and(|at| {
        at > 0 && !words[at..hit.first].iter().any(|word| matches!(word.text(text), ")" | "]"))
    })
}

/// "The form (e.g. short sentence, table)": a sample of what may be chosen.
pub(super) fn is_one_of_samples(text: &str, words: &[Word], hit: &Hit) -> bool {
    let opened = words[..hit.first].iter().rposition(|word| matches!(word.text(text), "(" | "["));
    opened.is_some_and(|at| {
        let inside = &words[at + 1..hit.first];
        let closed = inside.iter().any(|word| matches!(word.text(text), ")" | "]"));
        !closed && inside.first().is_some_and(|word| matches!(&*word.lower(text), "e.g" | "eg"))
    })
}

/// What something may be relevant to.
const ASKED: [&str; 12] = [
    "query", "question", "questions", "queries", "request", "topic", "task", "claim", "issue", "problem",
    "keyword", "keywords",
];

/// "The relevant facts" where the query is in the same sentence or comes in by a slot, "open the relevant file": relevant to what
/// is told, and no standard of its own.
pub(super) fn is_relevant_to_what_is_told(case: &Case<'_>, words: &[Word], hit: &Hit) -> bool {
    let text = case.source.text();
    let head = words[hit.first..=hit.last].iter().position(|word| word.lower(text) == "relevant");
    let Some(head) = head.map(|at| hit.first + at) else { return false };
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let counted = words[hit.first..head].iter().any(|word| {
        matches!(&*word.lower(text), "some" | "few" | "several" | "many" | "and" | "or" | "," | "suggest")
    });
    let joined = lower(head + 1).is_some_and(|word| matches!(&*word, "and" | "or" | ","));
    let asked = |word: &Word| ASKED.contains(&&*word.lower(text));
    // "The relevant run" is the one that is meant; "the relevant information" may be any.
    let general = lower(head + 1).is_some_and(|word| {
        matches!(
            &*word,
            "information"
                | "details"
                | "facts"
                | "points"
                | "data"
                | "content"
                | "context"
                | "parts"
                | "things"
        )
    });
    let meant = head > 0 && lower(head - 1).is_some_and(|word| word == "the") && !general;
    let comes_in = || case.slots.iter().take(SLOTS).any(|slot| is_called(case, slot, &ASKED));
    // "Ask relevant follow-up questions" says nothing of what they are relevant to.
    let beside = || words[..head].iter().chain(words.iter().skip(head + 4)).any(asked);
    !counted && !joined && (meant || beside() || comes_in())
}

/// True for a slot with one of the words in its name.
pub(super) fn is_called(case: &Case<'_>, slot: &Slot, names: &[&str]) -> bool {
    let name = case.text(slot.inner).to_lowercase();
    name.split(|c: char| !c.is_alphanumeric()).any(|part| names.contains(&part))
}

/// How many slots are looked at for what is asked.
const SLOTS: usize = 64;
