//! Certain rewordings that no check asks for: two negatives made an order, one way of writing amounts.

use super::plan::Plan;
use crate::checks;
use crate::component::Component;
use crate::counterparts::double_negative;
use crate::edit::Edit;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::samples::ARROWS;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::collections::HashSet;

/// Takes them into a plan.
pub(super) fn reword(plan: &mut Plan, review: &Review) {
    if review.language().is_some() {
        return;
    }
    let text = review.source().text();
    let demands: Vec<usize> = checks::demands(review.units(), review.labels()).collect();
    for &unit in &demands {
        if let Some(edit) = double_negative(text, review.words_of(unit)) {
            plan.reword(review, edit, "says what to do instead of what not to forget");
        }
    }
    mark_samples(plan, review);
    fence_inputs(plan, review);
    for edit in amounts(text, demands.iter().map(|&unit| review.words_of(unit))) {
        plan.reword(review, edit, "the prompt writes such amounts in digits");
    }
}

/// The most slots that get a border; more are rows of data.
const FENCES: usize = 20;

/// `Mail: {mail}`: the slot for an outsider's text goes between tags on lines of their own.
fn fence_inputs(plan: &mut Plan, review: &Review) {
    let text = review.source().text();
    let newline = review.source().line_end();
    for finding in review.findings().iter().filter(|finding| finding.check == "unfenced-input").take(FENCES) {
        let slot = finding.span;
        let head = &text[..slot.start()];
        let (lead, tail) = (head.trim_end_matches([' ', '\t']), &text[slot.end()..]);
        let rest = tail.trim_start_matches([' ', '\t']);
        // In the middle of a sentence the slot stands for words of it.
        let alone = lead.is_empty() || lead.ends_with(['\n', ':']);
        let ends = rest.is_empty() || rest.starts_with(['\n', '\r']) || rest.starts_with(char::is_uppercase);
        let inner = text[slot.range()].trim_matches(|c: char| !c.is_alphanumeric()).to_lowercase();
        let name: Vec<&str> =
            inner.split(|c: char| !c.is_alphanumeric()).filter(|part| !part.is_empty()).collect();
        let name = name.join("_");
        if !alone || !ends || name.is_empty() || name.len() > 30 || text.contains(&format!("<{name}>")) {
            continue;
        }
        let breaks = |wanted: bool| if wanted { newline } else { "" };
        let before = breaks(lead.ends_with(':'));
        let after = breaks(rest.starts_with(char::is_uppercase));
        let span = Span::new(lead.len(), text.len() - if after.is_empty() { tail.len() } else { rest.len() });
        let replacement =
            format!("{before}<{name}>{newline}{}{newline}</{name}>{after}", &text[slot.range()]);
        if plan.take(&[Edit { span, replacement }]) {
            let why = "a border keeps an outsider's words apart from the instructions";
            plan.tell(review, slot, &format!("between <{name}> and </{name}>"), why);
        }
    }
}

/// `"late boat" -> DELAY`: the sides of a sample are marked, so that it cannot be taken for anything else.
fn mark_samples(plan: &mut Plan, review: &Review) {
    let text = review.source().text();
    // An arrow that the answer itself has to show is no mark between the sides.
    if arrow_is_shape(review) {
        return;
    }
    for (index, unit) in review.units().iter().enumerate() {
        let line = &text[unit.text.range()];
        let sample = review.labels()[index].component == Some(Component::Examples);
        if !sample || !unit.opens_piece || !matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. }) {
            continue;
        }
        let Some((arrow, length)) = ARROWS.iter().find_map(|arrow| Some((line.find(arrow)?, arrow.len())))
        else {
            continue;
        };
        let (left, right) = (line[..arrow].trim_end(), &line[arrow + length..]);
        let quoted = [('"', '"'), ('“', '”'), ('`', '`')]
            .iter()
            .any(|&(open, close)| left.len() > 2 && left.starts_with(open) && left.ends_with(close));
        let shown = ARROWS.iter().any(|arrow| right.contains(arrow));
        if !quoted || right.trim().is_empty() || right.contains('\n') || shown {
            continue;
        }
        let indent = if matches!(unit.kind, UnitKind::Item { .. }) { "  " } else { "" };
        let newline = review.source().line_end();
        let start = unit.text.start();
        let input = Edit { span: Span::new(start, start), replacement: "Input: ".into() };
        let between =
            Span::new(start + left.len(), start + arrow + length + right.len() - right.trim_start().len());
        let output = Edit { span: between, replacement: format!("{newline}{indent}Output: ") };
        if plan.take(&[input, output]) {
            plan.tell(
                review,
                between,
                "Input: … Output:",
                "marked, the sides of a sample cannot be taken for instructions",
            );
        }
    }
}

/// True when a line holds an arrow with no quotation before it: it shows what the answer looks like.
fn arrow_is_shape(review: &Review) -> bool {
    let text = review.source().text();
    let bare = |line: &str| {
        ARROWS
            .iter()
            .filter_map(|arrow| line.find(arrow))
            .any(|at| !line[..at].trim_end().ends_with(['"', '”', '`']))
    };
    review.units().iter().any(|unit| bare(&text[unit.text.range()]))
}

/// `five (5) bullets`, and `five bullets` where the prompt has `3 bullets` as well: the digits alone.
fn amounts<'a>(text: &str, demands: impl Iterator<Item = &'a [Word]> + Clone) -> Vec<Edit> {
    let mut edits = Vec::new();
    let measure = |word: &Word| {
        let lower = word.lower(text);
        word.is(vocabulary::MEASURE).then(|| lower.trim_end_matches('s').to_string())
    };
    let in_digits = |word: &Word| word.id == vocabulary::NUMBER;
    let digits: HashSet<String> = demands
        .clone()
        .flat_map(|words| words.windows(2))
        .filter(|pair| in_digits(&pair[0]))
        .filter_map(|pair| measure(&pair[1]))
        .collect();
    for words in demands {
        let mut quoted = false;
        for (at, word) in words.iter().enumerate() {
            quoted ^= word.is(vocabulary::QUOTE);
            let Some(value) = vocabulary::number_value(word.id).filter(|_| !quoted) else { continue };
            let next = |offset: usize| words.get(at + offset);
            let doubled = next(1).is_some_and(|word| word.text(text) == "(")
                && next(2).is_some_and(|word| word.text(text) == value.to_string())
                && next(3).is_some_and(|word| word.text(text) == ")");
            if doubled {
                let end = words[at + 3].end as usize;
                edits
                    .push(Edit { span: Span::new(word.start as usize, end), replacement: value.to_string() });
                continue;
            }
            // "twenty five", "one of": no amount of its own.
            let alone = !at.checked_sub(1).is_some_and(|before| words[before].is_number())
                && !next(1).is_some_and(|word| word.is_number());
            let same = next(1).and_then(measure).is_some_and(|measure| digits.contains(&measure));
            let opens = at == 0 || matches!(words[at - 1].text(text), "." | "!" | "?" | ":");
            if alone && same && value >= 2 && !opens {
                edits.push(Edit { span: word.span(), replacement: value.to_string() });
            }
        }
    }
    edits
}

#[cfg(test)]
mod tests {
    use crate::ledger::Uncounted;
    use crate::review::review;
    use crate::source::Source;
    use crate::{Settings, Wishes};

    fn reframed(prompt: &str) -> String {
        let source = Source::from_bytes(prompt.into()).unwrap();
        let review = review(source, &Settings::default(), &Uncounted);
        crate::reframe(&review, &Wishes { ask: false, offer: false, ..Wishes::default() }).text
    }

    #[test]
    fn amounts_are_written_one_way() {
        let prompt = "Write the notice in at most 90 words. Use at most five (5) bullets. The title takes up to eight words.";
        let text = reframed(prompt);
        assert!(text.contains("at most 5 bullets") && text.contains("up to 8 words"), "{text}");
        let words = "Write the notice in at most ninety words. Name two piers.";
        assert!(reframed(words).contains("ninety words. Name two piers"));
        let quoted = "Write the notice in at most 90 words. Begin with \"In eight words\".";
        assert!(reframed(quoted).contains("\"In eight words\""));
    }

    #[test]
    fn sides_of_samples_are_marked() {
        let prompt = "Sort each message from a guest into LATE or OTHER.\n\nExamples:\n- \"Where is my boat?\" -> LATE\n- \"Nice crew\" -> OTHER\n\nAnswer with the class only.\n";
        let text = reframed(prompt);
        assert!(
            text.contains(
                "- Input: \"Where is my boat?\"\n  Output: LATE\n- Input: \"Nice crew\"\n  Output: OTHER"
            ),
            "{text}"
        );
        let shape = prompt.replace("with the class only", "as message -> class");
        assert!(reframed(&shape).contains("\"Nice crew\" -> OTHER"));
    }

    #[test]
    fn slots_for_outsiders_get_a_border() {
        let text = reframed(
            "Grade this essay from 1 to 6. Essay: [essay text]\nBe brief: at most 60 words. Write to the pupil.\n",
        );
        assert!(text.contains("Essay:\n<essay_text>\n[essay text]\n</essay_text>"), "{text}");
        let inside = "The guest wrote {{message}} and now you answer.";
        assert!(reframed(inside).contains("wrote {{message}} and"));
    }

    #[test]
    fn two_negatives_go() {
        let text = reframed("Write the notice. Don't forget to name the pier.");
        assert!(text.contains("Name the pier.") && !text.contains("forget"), "{text}");
    }
}
