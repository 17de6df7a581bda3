//! Two demands that cannot both hold: which of them does is asked right there, in a slot behind the later one.

use super::plan::Plan;
use super::{Change, Note, gaps, holes, open};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Finding};
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::collections::HashSet;

/// The name of such a slot.
pub(crate) const NAME: &str = "keep";

/// The most that are asked in one prompt: who leaves more open has to rewrite it.
const MOST: usize = 3;

/// Puts the slots in.
pub(super) fn ask(plan: &mut Plan, review: &Review) {
    let clashes = review.findings().iter().filter(|finding| finding.family == Family::Conflict);
    let asked: Vec<(usize, Span, String, &Finding)> = clashes
        .filter(|finding| finding.fix.is_empty())
        .filter_map(|finding| slot(plan, review, finding))
        .collect();
    let mut taken: Vec<usize> = Vec::new();
    for (unit, place, slot, finding) in asked {
        // The text may have been asked already, behind another sentence of the same line.
        let asked = review.source().text().contains(&slot);
        if taken.len() == MOST || taken.contains(&unit) || asked {
            continue;
        }
        let edit = Edit { span: place, replacement: format!(" {slot}") };
        if plan.take(std::slice::from_ref(&edit)) {
            taken.push(unit);
            plan.notes.push(Note {
                change: Change::Added,
                span: Some(finding.span),
                words: slot,
                now: "a question".into(),
                why: format!("{}. The answer goes in place of the slot.", finding.message),
            });
        }
    }
}

/// The slot for a clash, the unit that it follows and where it goes.
fn slot<'a>(
    plan: &Plan,
    review: &Review,
    finding: &'a Finding,
) -> Option<(usize, Span, String, &'a Finding)> {
    let later = review.unit_at(finding.span)?;
    let other = *finding.related.first()?;
    let earlier = review.unit_at(other)?;
    let told = |unit: usize| {
        !plan.dropped.contains(&unit)
            && matches!(
                review.units()[unit].kind,
                UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field
            )
    };
    let within = |unit: usize, span: Span| review.units()[unit].text.contains(span);
    let each_in_one = within(later, finding.span) && within(earlier, other);
    if later == earlier || !each_in_one || !told(later) || !told(earlier) {
        return None;
    }
    // A single word tells nothing of the demand that it stands in.
    let told_of = |(unit, span): (usize, Span)| {
        let whole = review.source().slice(review.units()[unit].text);
        let words = review.source().slice(rounded(review, unit, span));
        let lone = words.split_whitespace().nth(1).is_none() && whole.chars().count() <= LONGEST;
        if lone { whole } else { words }
    };
    let said = [(earlier, other), (later, finding.span)]
        .map(told_of)
        .map(|words| words.trim_end_matches(['.', ':', ';', ',', ' ']))
        .map(|words| if words.matches('"').count() % 2 == 0 { words } else { words.trim_end_matches('"') });
    let [one, two] = apart(said[0], said[1]).map(behind_case);
    let [one, two] = [clause(one, two), clause(two, one)]
        .map(|words| open::excerpt(words, LONGEST).replace(['"', '“', '”'], "'"));
    let plain = |words: &str| !words.contains(['{', '}', '`', '<', '>', '|']);
    // The sign at the end stays at the end, so that the slot is part of the sentence.
    let body = review.source().slice(review.units()[later].text);
    let closing = body.len() - body.trim_end_matches(['.', '!', ';', ':']).len();
    let end = review.units()[later].text.end() - closing;
    if let Some((parts, whole)) = amounts_of(finding) {
        let slot = format!("{{{{{NAME}: the parts of {parts} or the whole of {whole}?}}}}");
        return Some((later, Span::new(end, end), slot, finding));
    }
    if let Some(slot) = counted_or_listed(finding) {
        return Some((later, Span::new(end, end), slot, finding));
    }
    let slot = format!("{{{{{NAME}: \"{one}\" or \"{two}\"?}}}}");
    (plain(&one) && plain(&two) && one != two).then(|| (later, Span::new(end, end), slot, finding))
}

/// "The parts add up to 55 minutes, line 3 says 45": 55 minutes, and 45.
fn amounts_of(finding: &Finding) -> Option<(&str, &str)> {
    let sums = finding.message.strip_prefix("the parts add up to ").filter(|_| finding.check == "sum-off")?;
    let (parts, whole) = sums.split_once(", line ")?;
    Some((parts, whole.split_once(" says ")?.1))
}

/// "`three sections`: the list from line 6 on has 4, not 3": three sections, or the four.
fn counted_or_listed(finding: &Finding) -> Option<String> {
    let (counted, rest) = finding.message.strip_prefix('`')?.split_once("`: the list from line ")?;
    let listed = rest.split_once(" on has ")?.1.split(',').next()?;
    let plain = !counted.contains(['{', '}', '<', '>', '|', '"']);
    plain.then(|| format!("{{{{{NAME}: {counted} or the {listed} that are listed?}}}}"))
}

/// The words of a demand up to the end of their clause, where they break off before a noun: "a table with", "write \"".
fn rounded(review: &Review, unit: usize, span: Span) -> Span {
    let words = review.words_of(unit);
    // "The language of the e" breaks off within "e-mail".
    let rest = &review.source().text()[span.end()..review.units()[unit].text.end().max(span.end())];
    let joined = rest
        .strip_prefix('-')
        .filter(|rest| rest.starts_with(char::is_alphabetic))
        .map_or(0, |rest| 1 + rest.find(|c: char| !c.is_alphanumeric() && c != '-').unwrap_or(rest.len()));
    let span = Span::new(span.start(), span.end() + joined);
    // `Begin with "Dear` goes on to the end of its quotation.
    let open = review.source().slice(span).matches('"').count() % 2 == 1;
    let rest = &review.source().text()[span.end()..review.units()[unit].text.end().max(span.end())];
    if let Some(close) = rest.find('"').filter(|close| open && *close < LONGEST) {
        return Span::new(span.start(), span.end() + close + 1);
    }
    let after = words.partition_point(|word| (word.start as usize) < span.end());
    let Some(last) = after.checked_sub(1).map(|at| words[at]) else { return span };
    if !last.is(vocabulary::STOP | vocabulary::QUOTE) {
        return span;
    }
    let quote = last.is(vocabulary::QUOTE);
    let ends = |word: &Word| if quote { word.is(vocabulary::QUOTE) } else { word.is_punctuation() };
    let end = words[after..].iter().position(ends).map_or(words.len(), |at| after + at);
    match end.checked_sub(1).filter(|last| *last >= after) {
        Some(last) => span.cover(words[last].span()),
        None => span,
    }
}

/// Two demands without the words with which both begin: "if the list has no price, ask" and "…, estimate it".
fn apart<'a>(one: &'a str, two: &'a str) -> [&'a str; 2] {
    let words = |text: &'a str| text.split(' ').map(|word| word.trim_matches([',', ':']).to_lowercase());
    let common = words(one).zip(words(two)).take_while(|(one, two)| one == two).count();
    let rest = |text: &'a str| {
        let from = text.split(' ').take(common).map(|word| word.len() + 1).sum::<usize>();
        text.get(from..).map(str::trim).filter(|rest| !rest.is_empty())
    };
    match (rest(one), rest(two)) {
        (Some(first), Some(second)) if common >= COMMON => [first, second],
        _ => [one, two],
    }
}

/// "If no fare is found, write 0": what is to be done, where the whole is too long to be shown.
fn behind_case(words: &str) -> &str {
    let lower = words.to_lowercase();
    let case = ["if ", "when ", "where ", "whenever ", "once "].iter().any(|lead| lower.starts_with(lead));
    match words.split_once(", ").filter(|_| case && words.chars().count() > LONGEST) {
        Some((_, deed)) if deed.split(' ').count() >= 2 => deed,
        _ => words,
    }
}

/// "Ask for the number, and tell them the day" against "never name a day": of a long demand the clause that speaks of the same.
fn clause<'a>(words: &'a str, other: &str) -> &'a str {
    const TOLD: usize = 3;
    if words.chars().count() <= LONGEST {
        return words;
    }
    let stems = |text: &str| -> HashSet<String> {
        let parts = text.split(|c: char| !c.is_alphanumeric()).map(|word| word.to_lowercase());
        parts.map(|word| word.trim_end_matches('s').to_string()).filter(|word| word.len() >= TOLD).collect()
    };
    let other = stems(other);
    let shared = |part: &str| {
        let common =
            stems(part).intersection(&other).filter(|word| !COMMON_STEMS.contains(&word.as_str())).count();
        (common, std::cmp::Reverse(part.len()))
    };
    // "9:00" is one word.
    let parts = words.split([',', ';']).flat_map(|part| part.split(": ")).map(|part| {
        let part = part.trim();
        ["and ", "then ", "but "].iter().find_map(|join| part.strip_prefix(join)).unwrap_or(part)
    });
    let best = parts.max_by_key(|part| shared(part));
    // "So keep walks short and leave the time from 13:00 to 15:00 free".
    let best = best.and_then(|part| match part.chars().count() > LONGEST {
        true => part.split(" and ").max_by_key(|half| shared(half)),
        false => Some(part),
    });
    best.filter(|part| shared(part).0 > 0 && part.contains(' ')).unwrap_or(words)
}

/// Words that two demands share whatever they are about.
const COMMON_STEMS: [&str; 12] =
    ["the", "and", "for", "with", "them", "you", "your", "each", "every", "that", "thi", "not"];

/// As many words that are the same tell nothing of the choice.
const COMMON: usize = 3;

/// The longest excerpt of a demand, in characters.
const LONGEST: usize = 52;

/// True for the inside of a slot that asks the author, not whoever fills the prompt.
pub(crate) fn is_question(inner: &str) -> bool {
    let (name, question) = inner.trim().split_once(": ").unwrap_or_default();
    let asks = [NAME, holes::STEP, holes::WHAT, gaps::SAMPLE].contains(&name)
        || Component::ALL.iter().any(|component| component.id() == name);
    asks && question.ends_with('?')
}

#[cfg(test)]
mod tests {
    use crate::ledger::Uncounted;
    use crate::reframe::{Wishes, reframe};
    use crate::review::{Settings, review};
    use crate::source::Source;

    fn reframed(text: &str, wishes: &Wishes) -> String {
        let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
        reframe(&review(source, &Settings::default(), &Uncounted), wishes).text
    }

    const CLASH: &str = "Write a notice on the late boat for guests who read it on the quay.\n\
        - Use at most 40 words.\n- Name the pier.\n- Use at least 200 words.\n";

    #[test]
    fn a_clash_is_asked_where_it_stands() {
        let out = reframed(CLASH, &Wishes::default());
        assert!(
            out.contains("least 200 words {{keep: \"at most 40 words\" or \"at least 200 words\"?}}."),
            "{out}"
        );
        assert_eq!(reframed(&out, &Wishes::default()), out);
    }

    #[test]
    fn a_lone_word_is_shown_in_its_sentence() {
        let text = "Write the plan in at most 90 words.\n- Requirements use MUST, SHOULD or MAY.\n- Name the pier.\n\
                    - Do not use the word \"should\".\n";
        let out = reframed(text, &Wishes::default());
        assert!(out.contains("Do not use the word 'should'"), "{out}");
    }

    #[test]
    fn what_both_share_is_no_part_of_the_choice() {
        let one = "If the list has no price, give the phone number";
        let two = "If the list has no price, estimate it";
        assert_eq!(super::apart(one, two), ["give the phone number", "estimate it"]);
        assert_eq!(super::apart("at most 40", "at least 200"), ["at most 40", "at least 200"]);
        assert_eq!(super::apart("a b c", "a b c"), ["a b c", "a b c"]);
    }

    #[test]
    fn of_a_long_demand_the_clause_is_shown_that_the_other_is_about() {
        let long =
            "With a booking: ask for the code, read it with the tool, and tell them the day of the crossing";
        let ban = "Never name a day, since the harbour master sets it; say that a letter will come";
        assert_eq!(super::clause(long, ban), "tell them the day of the crossing");
        assert_eq!(super::clause(ban, long), "Never name a day");
        assert_eq!(super::clause("a short one, and", ban), "a short one, and");
        let free = "Guests tire quickly, so keep walks short and leave the time from 13:00 to 15:00 free on every day";
        let clause = super::clause(free, "Fill each day from 9:00 to 18:00 with visits");
        assert!(clause.contains("13:00 to 15:00 free"), "{clause}");
    }

    #[test]
    fn who_wants_no_questions_gets_none() {
        assert!(!reframed(CLASH, &Wishes { ask: false, ..Wishes::default() }).contains("{{keep"));
    }
}
