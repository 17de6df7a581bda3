//! Samples within a rule that break it: "times on the 24-hour clock, as in 3:15 pm", "fares in euros, for example $4.50".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::requirement::{Demand, Requirement, Subject};
use crate::span::Span;
use crate::trial;

/// Words that lead to a sample.
const CUES: [&str; 7] = ["such as ", "for example", "e.g. ", "as in ", "for instance", "like ", "say, "];
/// How many rules are looked at.
const RULES: usize = 64;

pub(super) fn run(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    for rule in rules.iter().filter(|rule| shows(rule)).take(RULES) {
        let span = case.units[rule.unit].text;
        let body = case.text(span);
        let denied = case.words_of(rule.unit).iter().any(|word| word.is(vocabulary::NEGATION));
        let Some(at) =
            CUES.iter().filter_map(|cue| Some(body.find(cue)? + cue.len())).min().filter(|_| !denied)
        else {
            continue;
        };
        // What leads to the sample is said before it.
        if span.start() + at <= rule.span.start() {
            continue;
        }
        let whole = Requirement { subject: Subject::Reply, ..(**rule).clone() };
        let tail = Span::new(span.start() + at, span.end());
        let known = |place: Span| sink.findings.iter().any(|finding| finding.span.overlaps(place));
        if let Some(breach) =
            trial::breach(case.source.text(), &whole, tail, false).filter(|breach| !known(breach.place))
        {
            report(case, sink, breach.place, breach.what, rule.span);
        }
    }
}

/// "Decimal point, as in 3,5".
pub(super) fn decimals(case: &Case<'_>, sink: &mut Sink<'_>) {
    for unit in case.demands() {
        let span = case.units[unit].text;
        let body = case.text(span).to_lowercase();
        let sign = match (body.contains("decimal point"), body.contains("decimal comma")) {
            (true, false) => ',',
            (false, true) => '.',
            _ => continue,
        };
        let Some(cue) = CUES.iter().filter_map(|cue| Some(body.find(cue)? + cue.len())).min() else {
            continue;
        };
        let denied = case.words_of(unit).iter().any(|word| word.is(vocabulary::NEGATION));
        let number = body[cue..].split_whitespace().next().unwrap_or("");
        let number =
            number.trim_matches(['"', '`', '(', ')', '“', '”', '\'']).trim_end_matches(['.', ',', ';']);
        let parts: Vec<&str> = number.split(sign).collect();
        let digits = |part: &&str| !part.is_empty() && part.bytes().all(|b| b.is_ascii_digit());
        // "1,000" parts thousands.
        let broken = parts.len() == 2 && parts.iter().all(digits) && parts[1].len() != 3;
        if let Some(at) = body.find(number).filter(|_| broken && !denied && body.len() == span.len()) {
            let other = if sign == ',' { "a point" } else { "a comma" };
            report(
                case,
                sink,
                Span::within(span, at, number.len()),
                format!("`{number}` is not written with {other}"),
                span,
            );
        }
    }
}

/// Rules whose breach shows in a few words.
fn shows(rule: &Requirement) -> bool {
    match &rule.demand {
        Demand::Manner { axis, .. } => {
            matches!(*axis, "clock" | "currency" | "units" | "letter case" | "phone numbers" | "naming")
        }
        Demand::DateForm(_) | Demand::Pattern(_) => true,
        _ => false,
    }
}
