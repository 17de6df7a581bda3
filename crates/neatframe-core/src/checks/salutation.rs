//! How a sample greets, held against the name by which people are to be addressed: "Dear Tam", where surnames are asked for.

use super::sample_breaks_rule::report;
use super::{Case, Sink};
use crate::requirement::Demand;
use crate::samples::{Shown, Side};
use crate::span::Span;
use crate::words::Words;

const GREETINGS: [&str; 7] = ["dear", "hello", "hi", "hey", "morning", "afternoon", "evening"];
const TITLES: [&str; 8] = ["mr", "mrs", "ms", "miss", "mx", "dr", "herr", "frau"];
/// The name stands within so many words.
const NEAR: usize = 6;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let mut asked = case.requirements.iter().filter_map(|rule| match rule.demand {
        Demand::Manner { axis: "form of address", pole } if !rule.conditional => Some((pole, rule.span)),
        _ => None,
    });
    // With two rules nobody can say which of them the sample breaks.
    let (Some((pole, rule)), None) = (asked.next(), asked.next()) else { return };
    for (at, shown) in case.samples.iter().enumerate().filter(|(_, shown)| shown.side == Side::Output) {
        let Some((greeting, name)) = greeted(case, shown) else { continue };
        let titled = TITLES.contains(&name.to_lowercase().as_str());
        let before = at.checked_sub(1).map(|before| &case.samples[before]);
        let wrong = match pole {
            "first name" => titled,
            "surname" => {
                !titled && before.is_some_and(|input| gives_first_name(case.text(input.content), name))
            }
            _ => false,
        };
        if wrong {
            report(case, sink, greeting, format!("a sample greets with `{}`", case.shown(greeting)), rule);
            return;
        }
    }
}

/// The greeting at the head of a sample, and the word behind it.
fn greeted<'a>(case: &Case<'a>, shown: &Shown) -> Option<(Span, &'a str)> {
    let text = case.source.text();
    let words = case.words.within(shown.content);
    let at = words.iter().take(NEAR).position(|word| GREETINGS.contains(&&*word.lower(text)))?;
    let name = words.get(at + 1)?;
    let shown = name.text(text);
    shown.starts_with(char::is_uppercase).then(|| (words[at].span().cover(name.span()), shown))
}

/// "Tam Brook" somewhere in what came in, where "Tam" is greeted.
fn gives_first_name(input: &str, name: &str) -> bool {
    let words = Words::read(input, 0);
    words.all().windows(2).any(|pair| {
        let family = pair[1].text(input);
        pair[0].text(input) == name
            && family.starts_with(char::is_uppercase)
            && family.chars().skip(1).all(char::is_lowercase)
            && family.len() > 1
            && input[pair[0].end as usize..pair[1].start as usize] == *" "
    })
}
