//! A sample with a figure that a rule leaves out: "never recommend books over 400 pages", "… 512 pages".

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Measure, bounded, is_exception, number};
use crate::samples::Side;
use crate::span::Span;

/// What must not be done with the things beyond the bound.
const PICKS: [&str; 14] = [
    "recommend", "suggest", "offer", "propose", "list", "include", "name", "choose", "pick", "show", "give",
    "sell", "book", "use",
];
/// Words from which a sentence says more than this, and how many rules are held against the samples.
const LONG: usize = 16;
const RULES: usize = 16;
/// Smaller figures count things that a sample may have for another reason.
const LEAST: u32 = 5;

/// At most so many of a unit of measure.
struct Bound {
    unit: usize,
    most: u32,
    measure: u32,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    if case.samples.is_empty() {
        return;
    }
    let rules: Vec<Bound> = case.demands().filter_map(|unit| bound(case, unit)).take(RULES).collect();
    for rule in &rules {
        // With two bounds on one measure nobody can say which of them a figure is under.
        if rules.iter().filter(|other| other.measure == rule.measure).count() > 1 {
            continue;
        }
        let mut outputs = case.samples.iter().filter(|shown| shown.side == Side::Output);
        if let Some((place, figure)) = outputs.find_map(|shown| beyond(case, shown.content, rule)) {
            let what = format!("a sample has `{figure}`");
            report(case, sink, place, what, case.units[rule.unit].text);
        }
    }
}

/// "Do not recommend books over 400 pages".
fn bound(case: &Case<'_>, unit: usize) -> Option<Bound> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let denied = words.iter().take(3).any(|word| word.is(vocabulary::NEGATION));
    let picks = words.iter().take(4).any(|word| PICKS.contains(&&*word.lower(text)));
    if !denied || !picks || words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let at = (2..words.len()).find(|&at| words[at].is_number())?;
    let most = bounded(text, words, at)?.most.filter(|most| *most >= LEAST)?;
    let measure = words.get(at + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    // Words and sentences are counted, not read.
    let counted = matches!(
        Measure::named(measure.text(text)),
        Some(
            Measure::Words | Measure::Characters | Measure::Sentences | Measure::Lines | Measure::Paragraphs
        )
    );
    (!counted).then(|| Bound { unit, most, measure: stem(&measure.lower(text)) })
}

/// The first figure of the measure that is beyond the bound, with its words.
fn beyond<'a>(case: &Case<'a>, sample: Span, rule: &Bound) -> Option<(Span, &'a str)> {
    let text = case.source.text();
    let words = case.words.within(sample);
    words.windows(2).find_map(|pair| {
        let figure = number(text, pair[0]).filter(|figure| *figure > rule.most)?;
        let place = pair[0].span().cover(pair[1].span());
        (figure > 0 && stem(&pair[1].lower(text)) == rule.measure).then(|| (place, case.source.slice(place)))
    })
}
