//! Feedback in plain words: each wish is read as requirements; what it stands against is replaced, the rest is added.

use super::plan::Plan;
use super::{Change, Note, title};
use crate::component::Component;
use crate::edit::{Edit, capitalised};
use crate::ledger::Uncounted;
use crate::requirement::{Demand, Measure, Requirement, Subject, excludes};
use crate::review::{Review, review};
use crate::source::Source;

/// Puts one wish into the plan.
pub(super) fn grant(plan: &mut Plan, prompt: &Review, wish: &str) {
    let Ok(source) = Source::from_bytes(wish.trim().as_bytes().to_vec()) else { return };
    let wished = review(source, prompt.settings(), &Uncounted);
    for unit in 0..wished.units().len() {
        let words = wished.source().slice(wished.units()[unit].text).trim().to_string();
        let stated: Vec<&Requirement> =
            wished.requirements().iter().filter(|rule| rule.unit == unit).collect();
        let mut placed = 0;
        for rule in &stated {
            let new = wished.source().slice(rule.span);
            placed += usize::from(replace(plan, prompt, rule, new, &words));
        }
        if stated.is_empty() || placed < stated.len() {
            add(plan, &wished, unit, &words);
        }
    }
}

/// Puts the words of a wished requirement in the place of the one that it stands against. True when there was one.
fn replace(plan: &mut Plan, prompt: &Review, rule: &Requirement, new: &str, wish: &str) -> bool {
    let old: Vec<&Requirement> =
        prompt.requirements().iter().filter(|old| is_about_the_same(old, rule)).collect();
    let mut done = false;
    for old in old {
        let span = old.span;
        let words = prompt.source().slice(span).to_string();
        if words == new {
            done = true;
            continue;
        }
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
        } else if prompt.requirements().iter().filter(|other| other.unit == old.unit).count() > 1
            || !plan.dropped.insert(old.unit)
        {
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
    let rules = wished.requirements().iter().any(|rule| rule.unit == unit);
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
