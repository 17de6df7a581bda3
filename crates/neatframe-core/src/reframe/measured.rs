//! Qualities that measure nothing: "keep it short" where another line says how short, the "good" of "make a good list".

use super::plan::Plan;
use crate::checks;
use crate::component::Component;
use crate::edit::Edit;
use crate::lexicon::{Hit, Set, VAGUE, VagueKind, vocabulary};
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::review::Review;
use crate::units::UnitKind;
use crate::words::Word;

/// The most words of a rule that asks for a length and nothing else.
const SHORT: usize = 8;

/// Words that frame such a rule. Sorted.
const FRAMING: [&str; 22] = [
    "also", "always", "and", "answer", "answers", "are", "be", "everything", "is", "it", "keep", "make",
    "please", "replies", "reply", "should", "stay", "sure", "text", "that", "the", "your",
];

/// Drops them from a plan.
pub(super) fn drop_unmeasured(plan: &mut Plan, review: &Review) {
    let Some(exact) = review.requirements().iter().find(|rule| bounds_the_reply(rule)) else { return };
    let line = review.source().position(exact.span.start()).line;
    let why = format!("line {line} says how long: `{}`", checks::shown(review.source(), exact.span));
    for unit in 0..review.units().len() {
        let rule =
            matches!(review.labels()[unit].component, Some(Component::Constraints | Component::OutputFormat));
        let kind = &review.units()[unit].kind;
        let loose = matches!(kind, UnitKind::Sentence | UnitKind::Item { ordered: false });
        if rule && loose && unit != exact.unit && asks_only_for_brevity(review, unit) {
            plan.drop_for(review, unit, &why);
        }
    }
}

/// "At most 80 words", said of the whole reply and without a condition.
fn bounds_the_reply(rule: &Requirement) -> bool {
    let Demand::Amount { measure, bound } = &rule.demand else { return false };
    let whole = matches!(rule.subject, Subject::Reply | Subject::Unstated) && rule.part.is_none();
    whole && !rule.conditional && bound.most.is_some() && !matches!(measure, Measure::Items(_))
}

fn asks_only_for_brevity(review: &Review, unit: usize) -> bool {
    let text = review.source().text();
    let words = review.words_of(unit);
    if words.len() > SHORT + 1 {
        return false;
    }
    let mut hits: Vec<Hit> = Vec::new();
    crate::lexicon::find(words, &mut hits);
    let length = |hit: &&Hit| hit.set == Set::Vague && VAGUE[hit.entry as usize].kind == VagueKind::Length;
    let Some(hit) = hits.iter().find(length) else { return false };
    let brief = |word: &Word| {
        matches!(
            &*word.lower(text),
            "short" | "brief" | "briefly" | "concise" | "compact" | "long" | "wordy" | "lengthy"
        )
    };
    let said = &words[hit.first..=hit.last];
    // "Not too long" is brief; "long" is not.
    let denied = said.iter().any(|word| word.is(vocabulary::NEGATION));
    let long = said.iter().any(|word| matches!(&*word.lower(text), "long" | "wordy" | "lengthy"));
    let rest = words[..hit.first].iter().chain(&words[hit.last + 1..]);
    said.iter().any(brief)
        && long == denied
        && rest
            .clone()
            .all(|word| word.is_punctuation() || FRAMING.binary_search(&&*word.lower(text)).is_ok())
}

/// Praise for what is yet to be made. Sorted.
const PRAISE: [&str; 11] = [
    "amazing", "awesome", "brilliant", "decent", "excellent", "fantastic", "good", "great", "perfect",
    "superb", "wonderful",
];

/// "Make a good list" as "make a list": what is made is meant to be good.
pub(super) fn drop_praise(plan: &mut Plan, review: &Review) {
    const MAKES: [&str; 11] = [
        "compose", "create", "design", "draft", "generate", "give", "make", "plan", "prepare", "produce",
        "write",
    ];
    let text = review.source().text();
    for finding in review.findings().iter().filter(|finding| finding.check == "unmeasured-wording") {
        let Some(unit) = review.unit_at(finding.span) else { continue };
        let words = review.words_of(unit);
        let found = (1..words.len().saturating_sub(2)).find(|&at| {
            let lower = |at: usize| words[at].lower(text);
            let me = at > 1 && matches!(&*lower(at - 1), "me" | "us" | "out" | "up");
            let verb = if me { at - 2 } else { at - 1 };
            matches!(&*lower(at), "a" | "an")
                && PRAISE.contains(&&*lower(at + 1))
                && MAKES.contains(&&*lower(verb))
                && !words[at + 2].is(vocabulary::STOP)
                && words[at + 2].start > words[at + 1].end
                && finding.span.contains(words[at + 1].span())
        });
        let Some(at) = found else { continue };
        let noun = words[at + 2].text(text);
        let vowel = noun.starts_with(|c: char| "aeioAEIO".contains(c));
        let capital = words[at].text(text).starts_with('A');
        let article = match (vowel, capital) {
            (true, true) => "An",
            (true, false) => "an",
            (false, true) => "A",
            (false, false) => "a",
        };
        let edit = Edit { span: words[at].span().cover(words[at + 1].span()), replacement: article.into() };
        let praise = words[at + 1].text(text);
        plan.reword(review, edit, &format!("`{praise}` goes without saying, and measures nothing"));
    }
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn the_line_with_the_figure_stays() {
        let text = reworded(
            "Write the notice in order to warn guests. Keep it short. Use at most 60 words. Make sure it is not too long.",
        );
        assert_eq!(text.trim(), "Write the notice to warn guests. Use at most 60 words.");
    }

    #[test]
    fn praise_for_what_is_made_goes() {
        let text = reworded(
            "Go through the notes and make a good list of jobs. Write us a great overview, with a good reason for each.",
        );
        assert_eq!(
            text.trim(),
            "Go through the notes and make a list of jobs. Write us an overview, with a good reason for each."
        );
    }

    #[test]
    fn what_asks_for_more_stays() {
        let text = reworded(
            "Write the notice in order to warn guests. Keep the title short. Use at most 60 words. Be brief and kind.",
        );
        assert!(text.contains("title short") && text.contains("Be brief and kind"), "{text}");
        let text = reworded("Write the notice in order to warn guests. Keep it short. List at most 6 boats.");
        assert!(text.contains("Keep it short"), "{text}");
    }
}
