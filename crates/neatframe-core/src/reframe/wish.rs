//! Feedback in plain words: each wish is read as requirements; what it stands against is replaced, the rest is added.

use super::plan::Plan;
use super::{Change, Note, title};
use crate::component::Component;
use crate::edit::{Edit, capitalised};
use crate::ledger::Uncounted;
use crate::requirement::{Demand, Measure, Requirement, Subject, excludes, of_unit};
use crate::review::{Review, review};
use crate::source::Source;
use crate::span::Span;

/// Puts one wish into the plan.
pub(super) fn grant(plan: &mut Plan, prompt: &Review, wish: &str) {
    let Ok(source) = Source::from_bytes(wish.trim().as_bytes().to_vec()) else { return };
    let wished = review(source, prompt.settings(), &Uncounted);
    for unit in 0..wished.units().len() {
        let words = wished.source().slice(wished.units()[unit].text).trim().to_string();
        let stated: Vec<&Requirement> = of_unit(wished.requirements(), unit).collect();
        let (placed, open): (Vec<&Requirement>, Vec<&Requirement>) = stated
            .iter()
            .copied()
            .partition(|rule| replace(plan, prompt, rule, wished.source().slice(rule.span), &words));
        if stated.is_empty() || !open.is_empty() {
            add(plan, &wished, unit, &left(&wished, unit, &placed, &open));
        }
    }
}

/// The clauses of a wish but those that stand in the prompt by now: of "at most 60 words, no jargon", the ban alone.
fn left(wished: &Review, unit: usize, placed: &[&Requirement], open: &[&Requirement]) -> String {
    let text = wished.source().slice(wished.units()[unit].text);
    let mut from = wished.units()[unit].text.start();
    let mut clauses = Vec::new();
    for clause in text.split_inclusive([',', ';']) {
        let span = Span::new(from, from + clause.len());
        from = span.end();
        let holds = |rules: &[&Requirement]| rules.iter().any(|rule| rule.span.overlaps(span));
        if holds(open) || !holds(placed) {
            clauses.push(clause);
        }
    }
    let left = clauses.concat();
    let left = left.trim().trim_end_matches([',', ';']);
    left.strip_prefix("and ").unwrap_or(left).to_string()
}

/// Words that bound an amount from before it, and from behind it.
const BEFORE: [&str; 9] = [
    "at most ", "at least ", "up to ", "no more than ", "not more than ", "under ", "exactly ", "about ",
    "max ",
];
const BEHIND: [&str; 8] =
    [" at most", " at least", " or fewer", " or less", " or more", " maximum", " max", " minimum"];

/// How far before an amount such words are looked for, in bytes.
const LONGEST: usize = 16;

/// An amount with the words that bound it, which go when another bound takes its place.
fn with_its_bound(text: &str, span: Span) -> Span {
    let from = text.floor_char_boundary(span.start().saturating_sub(LONGEST));
    let (head, tail) = (text[from..span.start()].to_ascii_lowercase(), &text[span.end()..]);
    let before = BEFORE.iter().find(|word| head.ends_with(**word)).map_or(0, |word| word.len());
    let ends = |word: &str| {
        tail.get(..word.len()).is_some_and(|next| next.eq_ignore_ascii_case(word))
            && !tail[word.len()..].starts_with(char::is_alphanumeric)
    };
    let behind = BEHIND.iter().find(|word| ends(word)).map_or(0, |word| word.len());
    Span::new(span.start() - before, span.end() + behind)
}

/// Puts the words of a wished requirement in the place of the one that it stands against. True when there was one.
fn replace(plan: &mut Plan, prompt: &Review, rule: &Requirement, new: &str, wish: &str) -> bool {
    let old: Vec<&Requirement> =
        prompt.requirements().iter().filter(|old| is_about_the_same(old, rule)).collect();
    let mut done = false;
    for old in old {
        if prompt.source().slice(old.span) == new {
            done = true;
            continue;
        }
        let span = with_its_bound(prompt.source().text(), old.span);
        let words = prompt.source().slice(span).to_string();
        // A phrase takes the place of a phrase; a rule that is a sentence goes whole.
        let phrase =
            matches!(rule.demand, Demand::Amount { .. }) && matches!(old.demand, Demand::Amount { .. });
        let new = &if words.starts_with(char::is_uppercase) { capitalised(new) } else { new.to_string() };
        let (change, now) =
            if phrase { (Change::Edited, new.to_string()) } else { (Change::Dropped, String::new()) };
        let why = format!("the wish stands against it: {wish}");
        if phrase {
            if !plan.take(&[Edit { span, replacement: new.to_string() }]) {
                continue;
            }
            done = true;
        } else if of_unit(prompt.requirements(), old.unit).count() > 1 || !plan.dropped.insert(old.unit) {
            continue;
        }
        let span = if phrase { span } else { super::chunk::lead_span(prompt, old.unit) };
        let words = if phrase { words } else { prompt.source().slice(span).to_string() };
        plan.notes.push(Note { change, span: Some(span), words, now, why });
    }
    done
}

/// True when the new requirement settles what the old one settled.
fn is_about_the_same(old: &Requirement, new: &Requirement) -> bool {
    if excludes(old, new) {
        return true;
    }
    match (&old.demand, &new.demand) {
        (Demand::Amount { measure, .. }, Demand::Amount { measure: wanted, .. }) => {
            let whole = |rule: &Requirement| matches!(rule.subject, Subject::Reply | Subject::Unstated);
            let each = |rule: &Requirement| matches!(rule.subject, Subject::Each(_));
            let same_thing = old.subject == new.subject || whole(old) && whole(new) || each(old) && each(new);
            // "Items" stands for whatever the prompt counts.
            let counts = matches!((measure, wanted), (Measure::Items(_), Measure::Items("items")));
            same_thing && (measure == wanted || counts)
        }
        _ => false,
    }
}

/// Adds what no sentence of the prompt speaks of yet.
fn add(plan: &mut Plan, wished: &Review, unit: usize, words: &str) {
    // What bounds the answer is a rule, however it is put.
    let rules = of_unit(wished.requirements(), unit).next().is_some();
    let component = match wished.labels()[unit].component {
        Some(Component::Context) if !rules => Component::Context,
        Some(Component::OutputFormat) => Component::OutputFormat,
        _ => Component::Constraints,
    };
    let mut line = capitalised(words);
    if line.ends_with(char::is_alphanumeric) {
        line.push('.');
    }
    let why = "wished for".to_string();
    plan.notes.push(Note {
        change: Change::Added,
        span: None,
        words: line.clone(),
        now: title(component).into(),
        why,
    });
    plan.offered.push((component, line));
}

#[cfg(test)]
mod tests {
    use crate::reframe::Wishes;
    use crate::reframe::tests::with;

    #[test]
    fn what_is_placed_is_not_added_and_what_is_left_is() {
        let text = "Write the notice for the quay.\n\n- Name the boat.\n- Use 120 words at most.\n";
        let wish = "between 40 and 50 words, no jargon, each line under 60 characters".to_string();
        let out =
            with(text, &Wishes { ask: false, offer: false, notes: vec![wish], ..Wishes::default() }).text;
        assert!(out.contains("- Use between 40 and 50 words.\n"), "{out}");
        assert!(out.contains("No jargon, each line under 60 characters."), "{out}");
        assert_eq!(out.matches("40 and 50").count(), 1, "{out}");
    }
}
