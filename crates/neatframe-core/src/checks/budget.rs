//! Two budgets for one whole: "Budget: 600 euros" here, "the whole plan may cost 450 euros" there.

use super::{Case, Sink};
use crate::component::Component;
use crate::likeness::stem;
use crate::requirement::{is_exception, number};
use crate::span::Span;
use crate::units::UnitKind;
use std::borrow::Cow;

/// A sum of money that bounds the whole.
struct Budget {
    value: u32,
    currency: u32,
    span: Span,
}

/// Reports the first budget that differs from the one before it.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut budgets = (0..case.units.len()).filter_map(|unit| budget(case, unit));
    let Some(first) = budgets.next() else { return };
    let Some(other) = budgets.find(|other| other.currency == first.currency && other.value != first.value)
    else {
        return;
    };
    let line = case.source.position(first.span.start()).line;
    let message =
        format!("`{}` stands against `{}` (line {line})", case.shown(other.span), case.shown(first.span));
    sink.report(other.span, message, "keep one figure").related.push(first.span);
}

/// Words that make a sum the price of one thing, a share, or a change of it.
const OF_SOME: [&str; 14] = [
    "per", "each", "every", "a", "an", "left", "more", "less", "than", "from", "of", "plus", "extra", "night",
];
/// Words that say that a sum is all there is.
const WHOLE: [&str; 7] = ["whole", "total", "altogether", "everything", "all", "overall", "entire"];

/// The budget that a unit states, where it names one sum and nothing that divides it.
fn budget(case: &Case<'_>, unit: usize) -> Option<Budget> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let shown = matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table)
        || case.labels[unit].component == Some(Component::Examples);
    if shown || words.len() > MOST_WORDS || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut sums = (0..words.len()).filter_map(|at| Some((at, number(text, words[at])?)));
    let ((at, value), None) = (sums.next()?, sums.next()) else { return None };
    let sign = at.checked_sub(1).map(lower).filter(|word| ["€", "$", "£"].contains(&&**word));
    let named = lower(at + 1);
    let currency = match sign {
        Some(sign) => currency(&sign)?,
        None => currency(&named)?,
    };
    let says = |wanted: &[&str]| (0..words.len()).any(|at| wanted.contains(&&*lower(at)));
    let costs = says(&["cost", "costs", "spend", "spent"]) && says(&WHOLE);
    // "No more than" and "less than" bound; "200 euros less" and "a night" do not.
    let divides = (at + 1..at + 4).any(|next| OF_SOME.contains(&&*lower(next)));
    let negated = says(&["budgets", "old", "former", "last"]);
    (!divides && !negated && (says(&["budget"]) || costs)).then(|| Budget {
        value,
        currency,
        span: case.units[unit].text,
    })
}

/// Longer sentences say more than one thing.
const MOST_WORDS: usize = 24;

/// One number for each currency, whichever way it is written.
fn currency(word: &str) -> Option<u32> {
    let name = match word {
        "€" | "eur" | "euro" | "euros" => "euro",
        "$" | "usd" | "dollar" | "dollars" => "dollar",
        "£" | "gbp" | "pound" | "pounds" => "pound",
        "crowns" | "francs" | "yen" | "rupees" | "pesos" | "coins" => word,
        _ => return None,
    };
    Some(stem(name))
}
