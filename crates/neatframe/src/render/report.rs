//! The review as people read it in a terminal.

use super::excerpt::marked;
use super::style::{self, paint};
use crate::command::Reviewed;
use crate::output::visible;
use neatframe_core::{Component, Finding, Part, Review, Severity};
use std::collections::HashSet;
use std::fmt::Write as _;

/// Findings of one check that are shown in full; the rest are counted.
const SHOWN: usize = 6;

/// The report on one prompt, fitted to `width` columns.
pub(crate) fn review(reviewed: &Reviewed, colour: bool, width: usize) -> String {
    let Reviewed { name, review, accepted } = reviewed;
    let mut out = String::new();
    let source = review.source();
    let ledger = review.ledger();
    let title = paint(style::BOLD, &visible(name), colour);
    let exact = if ledger.exact { "" } else { "about " };
    let facts = format!(
        "{} · {exact}{} tokens ({}) · covers {} % of the {} frame",
        counted(source.line_count(), "line"),
        grouped(ledger.total),
        ledger.encoding,
        review.coverage(),
        visible(&review.frame().name)
    );
    let _ = writeln!(out, "{title}  {}", paint(style::DIM, &facts, colour));
    let _ = writeln!(out, "{}\n", paint(style::DIM, &kind(review), colour));
    if let Some(language) = review.language() {
        let aside = format!("  in {language}: the checks that depend on English wording stand aside\n");
        let _ = writeln!(out, "{}", paint(style::BOLD, &aside, colour));
    }
    parts(&mut out, review, colour);
    findings(&mut out, review, colour, width);
    let lived_with = match accepted {
        0 => String::new(),
        count => paint(
            style::DIM,
            &format!(" · {} not shown: accepted by the house", counted(*count, "finding")),
            colour,
        ),
    };
    let _ = writeln!(out, "{}{lived_with}\n", summary(&Totals::of(review), colour));
    out
}

/// The kind of work and the words that show it.
fn kind(review: &Review) -> String {
    let Some(kind) = review.kind() else { return "  kind of work: not evident".into() };
    let mut words: Vec<String> = Vec::new();
    for span in &kind.evidence {
        let shown = format!("\"{}\"", visible(review.source().slice(*span)));
        if words.len() < 3 && !words.contains(&shown) {
            words.push(shown);
        }
    }
    let from = if words.is_empty() { "as set".to_string() } else { format!("from {}", words.join(", ")) };
    format!("  kind of work: {} ({from})", kind.name)
}

/// What is counted over all prompts of a call.
#[derive(Clone, Copy, Default)]
pub(crate) struct Totals {
    pub(crate) prompts: usize,
    tokens: usize,
    errors: usize,
    warnings: usize,
    notes: usize,
}

impl Totals {
    /// The counts of one review.
    pub(crate) fn of(review: &Review) -> Totals {
        let count =
            |level: Severity| review.findings().iter().filter(|finding| finding.severity == level).count();
        Totals {
            prompts: 1,
            tokens: review.ledger().total,
            errors: count(Severity::Error),
            warnings: count(Severity::Warning),
            notes: count(Severity::Note),
        }
    }

    pub(crate) fn add(&mut self, other: Totals) {
        self.prompts += other.prompts;
        self.tokens += other.tokens;
        self.errors += other.errors;
        self.warnings += other.warnings;
        self.notes += other.notes;
    }

    /// How many findings of each severity, the gravest first.
    pub(crate) fn by_severity(&self) -> [(Severity, usize); 3] {
        [(Severity::Error, self.errors), (Severity::Warning, self.warnings), (Severity::Note, self.notes)]
    }
}

/// One line on all prompts of a call.
pub(crate) fn totals(totals: &Totals, colour: bool) -> String {
    format!(
        "{} · {} tokens · {}\n",
        paint(style::BOLD, &counted(totals.prompts, "prompt"), colour),
        grouped(totals.tokens),
        summary(totals, colour)
    )
}

/// The six components: there or not, how much each matters, what each costs, where it stands.
fn parts(out: &mut String, review: &Review, colour: bool) {
    let ledger = review.ledger();
    for (component, need) in review.frame().components() {
        let lines = lines_of(review, component);
        let there = !lines.is_empty();
        let tokens = ledger.by_component[component.index()];
        let share = (tokens * 100 + ledger.total / 2).checked_div(ledger.total).unwrap_or(0);
        let sign = if there { paint(style::GOOD, "●", colour) } else { paint(style::DIM, "○", colour) };
        let asked = format!("{:<14}{:<12}", component.name(), need.importance.id());
        if there {
            let cost = format!("{:>6} tokens {share:>3} %  {:<10}", grouped(tokens), bar(share));
            let _ = writeln!(out, "  {sign} {asked}{cost}  {}", paint(style::DIM, &lines, colour));
        } else if let Some(line) = in_passing(review, component) {
            let sign = paint(style::GOOD, "◐", colour);
            let _ = writeln!(
                out,
                "  {sign} {asked}{}",
                paint(style::DIM, &format!("     – in passing, line {line}"), colour)
            );
        } else if let Some(layer) = review.supplied_by(Part::Component(component)) {
            let sign = paint(style::GOOD, "◌", colour);
            let from = format!("     – from {}", visible(layer.name()));
            let _ = writeln!(out, "  {sign} {asked}{}", paint(style::DIM, &from, colour));
        } else {
            let _ = writeln!(out, "  {sign} {}", paint(style::DIM, &format!("{asked}     – absent"), colour));
        }
    }
    for layer in review.layers() {
        let cost = format!("{:>6} tokens", grouped(layer.tokens()));
        let _ = writeln!(out, "  + {:<26}{cost}", format!("sent with: {}", visible(layer.name())));
    }
    out.push('\n');
}

/// The line of the first unit that serves a component beside its own.
fn in_passing(review: &Review, component: Component) -> Option<usize> {
    let unit = review.labels().iter().position(|label| label.serves(component))?;
    Some(review.source().position(review.units()[unit].text.start()).line)
}

fn bar(share: usize) -> String {
    let eighths = share * 80 / 100;
    let full = "█".repeat(eighths / 8);
    let rest = ["", "▏", "▎", "▍", "▌", "▋", "▊", "▉"][eighths % 8];
    format!("{full}{rest}")
}

/// The lines that a component stands on: `lines 2, 5-9`; at most four stretches.
fn lines_of(review: &Review, component: Component) -> String {
    let mut stretches: Vec<(usize, usize)> = Vec::new();
    for part in review.parts().iter().filter(|part| part.component == Some(component)) {
        let first = review.source().position(part.span.start()).line;
        let last = review.source().position(part.span.end()).line;
        match stretches.last_mut() {
            Some((_, end)) if first <= *end + 1 => *end = last.max(*end),
            _ => stretches.push((first, last)),
        }
    }
    let shown: Vec<String> = stretches
        .iter()
        .take(4)
        .map(|(first, last)| if first == last { first.to_string() } else { format!("{first}-{last}") })
        .collect();
    let more = if stretches.len() > 4 { ", …" } else { "" };
    match stretches.as_slice() {
        [] => String::new(),
        [(first, last)] if first == last => format!("line {first}"),
        _ => format!("lines {}{more}", shown.join(", ")),
    }
}

/// Findings in groups of one check, the gravest first; the reason once for each group.
fn findings(out: &mut String, review: &Review, colour: bool, width: usize) {
    let mut seen = HashSet::new();
    let mut order: Vec<&Finding> = review.findings().iter().collect();
    order.sort_by_key(|finding| std::cmp::Reverse(finding.severity));
    for lead in order {
        if !seen.insert(lead.check) {
            continue;
        }
        let group: Vec<&Finding> = review.findings().iter().filter(|f| f.check == lead.check).collect();
        let heading = format!("{} · {}", lead.family.id(), lead.check);
        let count = if group.len() > 1 { format!(" ×{}", group.len()) } else { String::new() };
        let severity = paint(style::severity(lead.severity), lead.severity.id(), colour);
        let _ = writeln!(out, "{severity}  {}{count}", paint(style::BOLD, &heading, colour));
        for line in wrapped(lead.why, "  ", width) {
            let _ = writeln!(out, "{}", paint(style::DIM, &line, colour));
        }
        for finding in group.iter().take(SHOWN) {
            one(out, review, finding, colour, width);
        }
        if group.len() > SHOWN {
            let more = group.len() - SHOWN;
            let _ = writeln!(
                out,
                "  {}",
                paint(style::DIM, &format!("and {more} more; --format json lists all"), colour)
            );
        }
        out.push('\n');
    }
}

fn one(out: &mut String, review: &Review, finding: &Finding, colour: bool, width: usize) {
    let position = review.source().position(finding.span.start());
    let indent = " ".repeat(9);
    if !finding.span.is_empty() {
        let place = format!("{:>4}:{:<4}", position.line, position.column);
        let excerpt = marked(review.source(), finding.span, &indent, colour, width);
        let _ = write!(out, "{}{}", paint(style::DIM, &place, colour), &excerpt[indent.len()..]);
    }
    for line in wrapped(&visible(&finding.message), &indent, width) {
        let _ = writeln!(out, "{line}");
    }
    let instead = wrapped(&visible(&finding.write), &format!("{indent}  "), width);
    for (index, line) in instead.iter().enumerate() {
        let line = if index == 0 { format!("{indent}→ {}", line.trim_start()) } else { line.clone() };
        let _ = writeln!(out, "{}", paint(style::GOOD, &line, colour));
    }
}

fn wrapped(text: &str, indent: &str, width: usize) -> Vec<String> {
    let options = textwrap::Options::new(width).initial_indent(indent).subsequent_indent(indent);
    textwrap::wrap(text, options).into_iter().map(|line| line.into_owned()).collect()
}

fn summary(totals: &Totals, colour: bool) -> String {
    let counts: Vec<String> = totals
        .by_severity()
        .into_iter()
        .filter(|(_, count)| *count > 0)
        .map(|(level, count)| paint(style::severity(level), &counted(count, level.id()), colour))
        .collect();
    if counts.is_empty() { paint(style::GOOD, "nothing to remark", colour) } else { counts.join(", ") }
}

/// `1 line`, `3 lines`.
pub(super) fn counted(count: usize, thing: &str) -> String {
    format!("{} {thing}{}", grouped(count), if count == 1 { "" } else { "s" })
}

/// Thousands parted by a thin comma: `12,345`.
pub(super) fn grouped(number: usize) -> String {
    let digits = number.to_string();
    let mut out = String::new();
    for (index, digit) in digits.chars().enumerate() {
        if index > 0 && (digits.len() - index).is_multiple_of(3) {
            out.push(',');
        }
        out.push(digit);
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn numbers_are_grouped() {
        assert_eq!(grouped(7), "7");
        assert_eq!(grouped(1234567), "1,234,567");
        assert_eq!(counted(1, "line"), "1 line");
    }
}
