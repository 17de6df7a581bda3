//! Two budgets for one whole: "Budget: 600 euros" here, "the whole plan may cost 450 euros" there; or one thing that costs more
//! than the whole may.

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
    kind: Kind,
}

#[derive(Clone, Copy, PartialEq, Eq)]
enum Kind {
    /// What the whole costs at most.
    Most,
    /// "Spend at least".
    Least,
    /// What one thing costs: "book a hotel for 400 euros".
    Part,
}

impl Budget {
    fn excludes(&self, other: &Budget) -> bool {
        let over = |sum: &Budget, most: &Budget| most.kind == Kind::Most && sum.value > most.value;
        let apart = match (self.kind, other.kind) {
            (Kind::Most, Kind::Most) => self.value != other.value,
            _ => over(self, other) || over(other, self),
        };
        self.currency == other.currency && apart
    }
}

/// How many sums are compared.
const MOST: usize = 32;

/// Reports the first sum that an earlier one leaves no room for.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let budgets: Vec<Budget> =
        (0..case.units.len()).filter_map(|unit| budget(case, unit)).take(MOST).collect();
    let pairs = budgets
        .iter()
        .enumerate()
        .flat_map(|(at, other)| budgets[..at].iter().map(move |first| (first, other)));
    let Some((first, other)) = pairs.into_iter().find(|(first, other)| first.excludes(other)) else { return };
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
    // "Stay under 200 euros", "it must not cost more than 200 euros": nothing but the sum.
    let bounds = says(&["most", "under", "below", "more", "exceed", "over", "maximum", "max"]);
    let opens = |verbs: &[&str]| verbs.contains(&&*lower(0));
    let it = opens(&["it", "this", "everything"]) || opens(&["the"]) && WHOLES.contains(&&*lower(1));
    let bare = (at + 2..words.len()).all(|at| words[at].is_punctuation());
    let least = says(&["least", "minimum"]);
    let bounded = opens(&["spend", "stay", "keep"]) || it && says(&["cost", "costs", "exceed"]);
    let kind = if least && bounded && bare {
        Kind::Least
    } else if says(&["budget"])
        || costs
        || bounded && bounds && bare
        || opens(&["plan"]) && bare && lower(1) == "for"
    {
        Kind::Most
    } else if opens(&["book", "buy", "rent", "order", "choose"]) && bare && lower(at.wrapping_sub(1)) == "for"
    {
        Kind::Part
    } else {
        return None;
    };
    (!divides && !negated).then(|| Budget { value, currency, span: case.units[unit].text, kind })
}

/// Names for all that is paid for.
const WHOLES: [&str; 8] = ["trip", "plan", "weekend", "party", "event", "total", "whole", "holiday"];

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
