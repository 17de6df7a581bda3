//! Versions of a prompt set against each other, as people and programs see them.

use super::style::{self, paint};
use crate::output::visible;
use crate::prices::PriceList;
use anyhow::Result;
use neatframe_core::{Comparison, Component, Fate, Pairing, Review, Severity, compare};
use serde_json::{Value, json};
use std::fmt::Write as _;

/// One version with its review.
pub(crate) struct Version {
    pub(crate) name: String,
    pub(crate) review: Review,
}

impl Version {
    fn tokens(&self) -> usize {
        self.review.ledger().total
    }

    /// What a call costs before the reply, by the first price of the list.
    fn cost(&self, prices: Option<&PriceList>) -> Option<(f64, String)> {
        let list = prices?;
        let price = list.price.first()?;
        Some((self.tokens() as f64 * price.input / 1e6, format!("{} ({})", list.currency, price.name)))
    }

    fn words(&self, unit: usize) -> String {
        let text = self.review.source().slice(self.review.units()[unit].text);
        visible(&text.split_whitespace().collect::<Vec<_>>().join(" "))
    }

    fn line(&self, unit: usize) -> usize {
        self.review.source().position(self.review.units()[unit].text.start()).line
    }

    fn rule(&self, at: usize) -> String {
        let rule = &self.review.requirements()[at];
        visible(&format!("{}: {}", rule.subject.name(), rule.demand.shown()))
    }
}

/// What changed from one version to the next, by component, requirement and finding.
pub(crate) fn text(
    old: &Version,
    new: &Version,
    changes: &Comparison,
    prices: Option<&PriceList>,
    colour: bool,
    width: usize,
) -> String {
    let mut out = String::new();
    let title = format!("{} → {}", visible(&old.name), visible(&new.name));
    let _ = writeln!(out, "{}", paint(style::BOLD, &title, colour));
    let mut facts = format!(
        "{} → {} tokens, {} → {} findings, covers {} → {} %",
        old.tokens(),
        new.tokens(),
        old.review.findings().len(),
        new.review.findings().len(),
        old.review.coverage(),
        new.review.coverage()
    );
    if let (Some((before, unit)), Some((after, _))) = (old.cost(prices), new.cost(prices)) {
        let _ = write!(facts, ", {before:.6} → {after:.6} {unit} a call");
    }
    let _ = writeln!(out, "{}", paint(style::DIM, &facts, colour));
    let changed = |pair: &&Pairing| pair.fate != Fate::Kept;
    if !changes.units.iter().any(|pair| changed(&pair)) {
        let _ = writeln!(out, "\nevery sentence is the same");
    }
    let order = Component::ALL.into_iter().map(Some).chain([None]);
    for component in order {
        let of = |pair: &&Pairing| component_of(old, new, pair) == component;
        let inside: Vec<&Pairing> = changes.units.iter().filter(changed).filter(of).collect();
        if inside.is_empty() {
            continue;
        }
        let _ = writeln!(out, "\n{}", paint(style::BOLD, component.map_or("other", Component::name), colour));
        for pair in inside {
            unit(&mut out, (old, new), pair, colour, width);
        }
    }
    if !changes.requirements.is_empty() {
        let _ = writeln!(out, "\n{}", paint(style::BOLD, "requirements", colour));
    }
    for &(shift, one, two) in &changes.requirements {
        let sides: Vec<String> =
            one.map(|at| old.rule(at)).into_iter().chain(two.map(|at| new.rule(at))).collect();
        let _ = writeln!(out, "  {:<10} {}", shift.id(), sides.join(" → "));
    }
    findings(&mut out, "findings gone", &old.review, &changes.gone, (style::GOOD, colour));
    findings(&mut out, "findings new", &new.review, &changes.new, (style::GONE, colour));
    out
}

fn component_of(old: &Version, new: &Version, pair: &Pairing) -> Option<Component> {
    match (pair.new, pair.old) {
        (Some(unit), _) => new.review.labels()[unit].component,
        (None, Some(unit)) => old.review.labels()[unit].component,
        (None, None) => None,
    }
}

/// Where the words of a unit begin.
const INDENT: &str = "                         ";

fn unit(out: &mut String, (old, new): (&Version, &Version), pair: &Pairing, colour: bool, width: usize) {
    let lines = |head: &str, words: &str| {
        let options = textwrap::Options::new(width).initial_indent(head).subsequent_indent(INDENT);
        textwrap::fill(words, options)
    };
    let place = match (pair.old, pair.new) {
        (Some(one), Some(two)) if old.line(one) != new.line(two) => {
            format!("line {} → {}", old.line(one), new.line(two))
        }
        (_, Some(two)) => format!("line {}", new.line(two)),
        (Some(one), None) => format!("line {}", old.line(one)),
        (None, None) => String::new(),
    };
    let head = format!("  {:<8} {place:<13} ", pair.fate.id());
    let told = match (pair.fate, pair.old, pair.new) {
        (Fate::Reworded, Some(one), Some(two)) => {
            let (was, now) = reworded(&old.words(one), &new.words(two), colour);
            format!("{}\n{}", lines(&format!("{head}was "), &was), lines(&format!("{INDENT}now "), &now))
        }
        (_, _, Some(two)) => lines(&head, &new.words(two)),
        (_, Some(one), None) => lines(&head, &old.words(one)),
        _ => head,
    };
    let _ = writeln!(out, "{told}");
}

/// Both wordings, with the words that differ painted, or between angles where there are no colours.
fn reworded(was: &str, now: &str, colour: bool) -> (String, String) {
    let diff = similar::TextDiff::from_words(was, now);
    let mut sides = (String::new(), String::new());
    for change in diff.iter_all_changes() {
        let word = change.value();
        let (side, paint_as) = match change.tag() {
            similar::ChangeTag::Equal => {
                sides.0.push_str(word);
                sides.1.push_str(word);
                continue;
            }
            similar::ChangeTag::Delete => (&mut sides.0, style::GONE),
            similar::ChangeTag::Insert => (&mut sides.1, style::GOOD),
        };
        match (word.trim().is_empty(), colour) {
            (true, _) => side.push_str(word),
            (false, true) => side.push_str(&paint(paint_as, word, true)),
            (false, false) => side.push_str(&format!("‹{word}›")),
        }
    }
    // Words side by side are one stretch.
    (sides.0.replace("› ‹", " "), sides.1.replace("› ‹", " "))
}

fn findings(
    out: &mut String,
    title: &str,
    review: &Review,
    list: &[usize],
    (paint_as, colour): (anstyle::Style, bool),
) {
    if list.is_empty() {
        return;
    }
    let _ = writeln!(out, "\n{}", paint(style::BOLD, title, colour));
    for &at in list {
        let finding = &review.findings()[at];
        let line = review.source().position(finding.span.start()).line;
        let check = paint(paint_as, finding.check, colour);
        let _ = writeln!(out, "  line {line}: {check}: {}", visible(&finding.message));
    }
}

/// A column a version.
pub(crate) fn table(versions: &[Version], prices: Option<&PriceList>, colour: bool) -> String {
    let mut rows: Vec<(String, Vec<String>)> = Vec::new();
    let mut row = |name: &str, cell: &dyn Fn(&Version) -> String| {
        rows.push((name.to_string(), versions.iter().map(cell).collect()));
    };
    row("tokens", &|version| version.tokens().to_string());
    if let Some((_, unit)) = versions[0].cost(prices) {
        row(&format!("{unit} a call"), &|version| {
            version.cost(prices).map_or(String::new(), |(cost, _)| format!("{cost:.6}"))
        });
    }
    row("covers %", &|version| version.review.coverage().to_string());
    for severity in [Severity::Error, Severity::Warning, Severity::Note] {
        row(&format!("{}s", severity.id()), &|version| {
            version
                .review
                .findings()
                .iter()
                .filter(|finding| finding.severity == severity)
                .count()
                .to_string()
        });
    }
    row("requirements", &|version| version.review.requirements().len().to_string());
    for component in Component::ALL {
        row(&format!("units of {}", component.name()), &|version| {
            let labels = version.review.labels().iter();
            labels.filter(|label| label.component == Some(component)).count().to_string()
        });
    }
    let names: Vec<String> = versions.iter().map(|version| visible(&version.name)).collect();
    let first = rows.iter().map(|(name, _)| name.chars().count()).max().unwrap_or(0);
    let widest = |at: usize| {
        let cells = rows.iter().map(|(_, cells)| cells[at].chars().count()).max();
        cells.unwrap_or(0).max(names[at].chars().count())
    };
    let widths: Vec<usize> = (0..versions.len()).map(widest).collect();
    let line = |name: &str, cells: &[String]| {
        let cells: String =
            cells.iter().zip(&widths).map(|(cell, width)| format!("  {cell:>width$}")).collect();
        format!("{name:<first$}{cells}\n")
    };
    let mut out = paint(style::BOLD, line("", &names).trim_end(), colour) + "\n";
    for (name, cells) in &rows {
        out.push_str(&line(name, cells));
    }
    out
}

/// Every version with its figures, and what changed from each to the next.
pub(crate) fn json(versions: &[Version], prices: Option<&PriceList>) -> Result<String> {
    let figures = |version: &Version| {
        let cost = version.cost(prices).map(|(cost, unit)| json!({"a_call": cost, "unit": unit}));
        json!({
            "path": version.name,
            "tokens": version.tokens(),
            "coverage": version.review.coverage(),
            "findings": version.review.findings().len(),
            "requirements": version.review.requirements().len(),
            "cost": cost,
        })
    };
    let steps: Vec<Value> = versions.windows(2).map(|pair| step(&pair[0], &pair[1])).collect();
    let whole = json!({"versions": versions.iter().map(figures).collect::<Vec<_>>(), "steps": steps});
    Ok(serde_json::to_string_pretty(&whole)? + "\n")
}

fn step(old: &Version, new: &Version) -> Value {
    let changes = compare(&old.review, &new.review);
    let side = |version: &Version, unit: Option<usize>| {
        unit.map(|unit| {
            let span = version.review.units()[unit].text;
            json!({
                "start": span.start(), "end": span.end(),
                "line": version.line(unit), "words": version.words(unit)
            })
        })
    };
    let unit = |pair: &Pairing| {
        json!({
            "change": pair.fate.id(),
            "component": component_of(old, new, pair).map_or("none", Component::id),
            "old": side(old, pair.old),
            "new": side(new, pair.new)
        })
    };
    let rule = |version: &Version, at: Option<usize>| {
        let rule = at.map(|at| &version.review.requirements()[at]);
        rule.map(|rule| json!({"about": rule.subject.name(), "demand": rule.demand.shown()}))
    };
    let remark = |review: &Review, at: usize| {
        let finding = &review.findings()[at];
        let (start, end) = (finding.span.start(), finding.span.end());
        json!({"check": finding.check, "message": finding.message, "start": start, "end": end})
    };
    let changed = changes.units.iter().filter(|pair| pair.fate != Fate::Kept);
    let shifts = changes.requirements.iter().map(
        |&(shift, one, two)| json!({"change": shift.id(), "old": rule(old, one), "new": rule(new, two)}),
    );
    json!({
        "from": old.name,
        "to": new.name,
        "units": changed.map(unit).collect::<Vec<_>>(),
        "requirements": shifts.collect::<Vec<_>>(),
        "findings_gone": changes.gone.iter().map(|&at| remark(&old.review, at)).collect::<Vec<_>>(),
        "findings_new": changes.new.iter().map(|&at| remark(&new.review, at)).collect::<Vec<_>>(),
    })
}
