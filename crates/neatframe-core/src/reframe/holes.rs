//! Places where the prompt points at nothing: what belongs there is asked in a slot of that place.

use super::plan::Plan;
use crate::edit::Edit;
use crate::numbering;
use crate::review::Review;
use crate::slots;
use crate::span::Span;

/// The name of the slot for a step that is not there.
pub(super) const STEP: &str = "step";

/// The name of the slot for "something nice".
pub(super) const WHAT: &str = "what";

/// The most that are asked.
const MOST: usize = 2;

/// Puts the slots in.
pub(super) fn ask(plan: &mut Plan, review: &Review) {
    let syntax = slots::usual(review.slots());
    let runs = numbering::runs(review.source(), review.outline());
    let last = runs.iter().flatten().map(|step| step.number).max().unwrap_or(0);
    let lost = review.findings().iter().filter(|finding| finding.check == "lost-reference");
    for finding in lost.take(MOST) {
        // A number in a gap is that of a step which was cut, and may come back.
        let beyond = |number: &str| number.parse::<u32>().is_ok_and(|number| number > last);
        if let Some((span, name, number)) =
            number_of(review, finding.span).filter(|(.., number)| beyond(number))
        {
            let name = name.to_lowercase();
            let slot = syntax.write(&format!("{STEP}: which {name}, since {number} is not here?"));
            fill(plan, review, span, slot, &finding.message);
        }
    }
    // A thin prompt is asked for its parts, so it is asked what it wants as well.
    if review.units().len() <= super::THIN {
        let writing = review.kind().is_some_and(|kind| kind.name == "writing");
        let forms = if writing { "a notice, a letter, a post" } else { "a list, a table, a memo" };
        let vague = review.findings().iter().filter(|finding| finding.check == "unmeasured-wording");
        let mut bare = vague.filter_map(|finding| {
            let (at, length) = something(review.source().slice(finding.span))?;
            Some(Span::within(finding.span, at, length))
        });
        let bare = bare.find(|span| is_made(&review.source().text()[..span.start()]));
        if let Some(span) = bare {
            let slot = syntax.write(&format!("{WHAT}: {forms}?"));
            fill(plan, review, span, slot, "`something` leaves open what is written");
        }
    }
}

fn fill(plan: &mut Plan, review: &Review, span: Span, slot: String, why: &str) {
    let dropped = review.unit_at(span).is_some_and(|unit| plan.dropped.contains(&unit));
    if !dropped {
        let why = format!("{why}. The answer goes in place of the slot.");
        plan.reword(review, Edit { span, replacement: slot }, &why);
    }
}

/// The number in "step 7", with the name before it.
pub(super) fn number_of(review: &Review, reference: Span) -> Option<(Span, &str, &str)> {
    let words = review.source().slice(reference);
    let (name, number) = words.split_once(' ')?;
    let steps =
        ["step", "stage", "phase", "rule", "section", "chapter", "criterion", "part", "point", "table"]
            .iter()
            .any(|word| name.eq_ignore_ascii_case(word));
    let digits = number.bytes().all(|b| b.is_ascii_digit());
    let span = Span::new(reference.end() - number.len(), reference.end());
    (steps && digits && !numbering::goes_on(review.source().text(), span.end()))
        .then_some((span, name, number))
}

/// "Put together something": what is asked for, where "every page says something else" tells a fact.
fn is_made(head: &str) -> bool {
    const MAKES: [&str; 10] =
        ["write", "draft", "make", "create", "together", "prepare", "produce", "give", "design", "compose"];
    let mut words = head.trim_end().rsplit(' ').map(str::to_ascii_lowercase);
    let last = words.next().unwrap_or_default();
    let verb =
        if matches!(last.as_str(), "me" | "us" | "up") { words.next().unwrap_or_default() } else { last };
    MAKES.contains(&verb.as_str())
}

/// Where "something nice" stands in the words of a finding: its first byte and its length.
fn something(words: &str) -> Option<(usize, usize)> {
    let lower = words.to_ascii_lowercase();
    let at = lower.find("something ")?;
    let quality = lower[at + "something ".len()..].split(' ').next().filter(|word| !word.is_empty())?;
    Some((at, "something ".len() + quality.len()))
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reframed;

    #[test]
    fn a_step_that_is_not_there_is_asked_for_and_the_others_are_numbered() {
        let text = "You sell seats to guests.\n\n1. Ask for the day.\n2. Name the boats.\n4. Offer seats until noon.\n5. For bicycles, go on as in step 7.\n";
        let out = reframed(text).text;
        assert!(out.contains("3. Offer seats") && out.contains("4. For bicycles"), "{out}");
        assert!(out.contains("as in step {{step: which step, since 7 is not here?}}."), "{out}");
        assert_eq!(reframed(&out).text, out);
    }

    #[test]
    fn something_nice_is_asked_for() {
        let out = reframed("Look into the ferry lines around here and put together something useful for our next planning day.").text;
        assert!(out.contains("put together {{what: a list, a table, a memo?}} for our"), "{out}");
        let out = reframed("Can you maybe write something nice about the winter timetable?").text;
        assert!(
            out.contains("Write {{what: a notice, a letter, a post?}} about the winter timetable."),
            "{out}"
        );
        assert_eq!(reframed(&out).text, out);
        let fact = reframed("Plan my week on the islands, since every page says something different.").text;
        assert!(fact.contains("says something different"), "{fact}");
    }
}
