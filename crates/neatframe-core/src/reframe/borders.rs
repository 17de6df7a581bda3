//! Borders: tags around what outsiders write, labels on the two sides of a sample.

use super::plan::Plan;
use super::{Change, Note};
use crate::component::Component;
use crate::edit::Edit;
use crate::review::Review;
use crate::samples::ARROWS;
use crate::span::Span;
use crate::units::UnitKind;

/// The most slots that get a border; more are rows of data.
const FENCES: usize = 20;

/// `Mail: {mail}`: the slot for an outsider's text goes between tags on lines of their own.
pub(super) fn fence_inputs(plan: &mut Plan, review: &Review) {
    let text = review.source().text();
    let newline = review.source().line_end();
    for finding in review.findings().iter().filter(|finding| finding.check == "unfenced-input").take(FENCES) {
        let slot = finding.span;
        let head = &text[..slot.start()];
        let (lead, tail) = (head.trim_end_matches([' ', '\t']), &text[slot.end()..]);
        let rest = tail.trim_start_matches([' ', '\t']);
        // "Sum up the mail that follows. {mail}": behind a whole sentence it stands by itself.
        let behind = lead.ends_with(['.', '!', '?']);
        let alone = behind || lead.is_empty() || lead.ends_with(['\n', ':']);
        let ends = rest.is_empty() || rest.starts_with(['\n', '\r']) || rest.starts_with(char::is_uppercase);
        let Some((name, words)) = tag_of(text, slot) else { continue };
        if !alone || !ends {
            if take_out_labelled(plan, review, slot, &name) {
                continue;
            }
            if !is_row(review, slot) {
                let said = spoken(text, slot, (&name, &words));
                take_out(plan, review, slot, (&name, said));
            }
            continue;
        }
        let breaks = |wanted: bool| if wanted { newline } else { "" };
        let before = breaks(behind || lead.ends_with(':'));
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

/// `Ticket: {ticket}.` amid a paragraph: all of it goes to the end. False where more stands in its sentence.
fn take_out_labelled(plan: &mut Plan, review: &Review, slot: Span, name: &str) -> bool {
    let text = review.source().text();
    let Some(unit) = review.unit_at(slot).filter(|unit| !plan.dropped.contains(unit)) else { return false };
    let whole = review.units()[unit].with_lead(review.outline());
    let label = text[whole.start()..slot.start()].trim();
    let rest = text[slot.end()..whole.end()].trim_matches(['.', '>', '"', ' ']);
    let bare = label.trim_end_matches(['<', '"', ' ']);
    let labelled = bare.ends_with(':') && bare.split_whitespace().count() <= 3 && !bare.contains('\n');
    if !labelled || !rest.is_empty() || !review.source().messages().is_empty() {
        return false;
    }
    let newline = review.source().line_end();
    plan.blocks.push(format!("{bare}{newline}<{name}>{newline}{}{newline}</{name}>", &text[slot.range()]));
    let why = "what comes in stands at the end, between tags";
    plan.tell(review, whole, &format!("<{name}> at the end"), why);
    plan.dropped.insert(unit);
    true
}

/// The name of a tag around a slot, and the words of that name; none where the tag is there or would be long.
fn tag_of(text: &str, slot: Span) -> Option<(String, String)> {
    const LONGEST: usize = 30;
    let inner = text[slot.range()].trim_matches(|c: char| !c.is_alphanumeric()).to_lowercase();
    let parts: Vec<&str> =
        inner.split(|c: char| !c.is_alphanumeric()).filter(|part| !part.is_empty()).collect();
    let name = parts.join("_");
    let free = !name.is_empty() && name.len() <= LONGEST && !text.contains(&format!("<{name}>"));
    free.then(|| (name, parts.join(" ")))
}

/// True for a slot in a template's loop or on a line of several: rows of data.
fn is_row(review: &Review, slot: Span) -> bool {
    let text = review.source().text();
    let line = text[..slot.start()].rfind('\n').map_or(0, |at| at + 1)
        ..text[slot.end()..].find('\n').map_or(text.len(), |at| slot.end() + at);
    let several = review.slots().iter().filter(|other| line.contains(&other.span.start())).count() > 1;
    several || text[line].contains("{%")
}

/// How the sentence speaks of what stood in the slot.
fn spoken(text: &str, slot: Span, (name, words): (&str, &str)) -> String {
    let before = text[..slot.start()].rsplit(|c: char| !c.is_alphanumeric()).find(|word| !word.is_empty());
    let before = before.unwrap_or("").to_lowercase();
    let determined = ["the", "this", "that", "following", "their", "his", "her", "your", "our", "its"];
    match &*before {
        word if words.rsplit(' ').next() == Some(word) => format!("in <{name}>"),
        word if determined.contains(&word) => format!("{words} in <{name}>"),
        "on" | "about" | "of" | "for" | "with" | "from" | "to" => format!("the {words} in <{name}>"),
        _ => format!("the text in <{name}>"),
    }
}

/// "{{notes}} holds the notes of one shift": filled in, the sentence would begin with pages.
pub(super) fn take_out_subjects(plan: &mut Plan, review: &Review) {
    const HOLDS: [&str; 6] = ["holds", "contains", "lists", "carries", "hold", "contain"];
    let text = review.source().text();
    for slot in review.slots().iter().take(FENCES) {
        let Some(unit) = review.unit_at(slot.span) else { continue };
        let prose = matches!(review.units()[unit].kind, UnitKind::Sentence);
        let opens = review.units()[unit].text.start() == slot.span.start();
        let next = text[slot.span.end()..].trim_start_matches(' ').split(' ').next().unwrap_or("");
        if prose
            && opens
            && HOLDS.contains(&next)
            && let Some((name, _)) = tag_of(text, slot.span)
        {
            take_out(plan, review, slot.span, (&name, format!("<{name}>")));
        }
    }
}

/// "The guest wrote {{message}} and now you answer": in the middle of a sentence the slot stands for words of it, so the
/// sentence names the tag, and the slot goes into it at the end.
fn take_out(plan: &mut Plan, review: &Review, slot: Span, (name, said): (&str, String)) {
    let text = review.source().text();
    let dropped = review.unit_at(slot).is_some_and(|unit| plan.dropped.contains(&unit));
    // In a list of messages the end is another turn's.
    if dropped || !review.source().messages().is_empty() {
        return;
    }
    let newline = review.source().line_end();
    let block = format!("<{name}>{newline}{}{newline}</{name}>", &text[slot.range()]);
    if plan.take(&[Edit { span: slot, replacement: said.clone() }]) {
        plan.blocks.push(block.clone());
        let why = "a border keeps what is filled in apart from the instructions";
        plan.tell(review, slot, &format!("{said}, which stands at the end"), why);
        plan.notes.push(Note {
            change: Change::Added,
            span: None,
            words: block,
            now: "the end".into(),
            why: why.into(),
        });
    }
}

/// `"late boat" -> DELAY`: the sides of a sample are marked, so that it cannot be taken for anything else.
pub(super) fn mark_samples(plan: &mut Plan, review: &Review) {
    mark_pairs(plan, review);
    let text = review.source().text();
    // An arrow that the answer itself has to show is no mark between the sides.
    // Nor is a prompt that nothing is wrong with touched for it.
    if arrow_is_shape(review) || review.findings().is_empty() {
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
            plan.tell(review, between, "Input: … Output:", MARKED);
        }
    }
}

/// A text and the record that comes of it, in turns and with no labels: both sides are marked.
fn mark_pairs(plan: &mut Plan, review: &Review) {
    let text = review.source().text();
    let units = review.units();
    let shown = |at: usize| {
        review.labels()[at].component == Some(Component::Examples)
            && units[at].opens_piece
            && matches!(units[at].kind, UnitKind::Sentence)
    };
    let mut at = 0;
    while at < units.len() {
        let run = (at..units.len())
            .take_while(|&next| shown(next) && units[next].section == units[at].section)
            .count();
        let lines: Vec<&str> =
            units[at..at + run].iter().map(|unit| text[unit.text.range()].trim()).collect();
        let is_record = |line: &&str| line.starts_with(['{', '[']) && line.ends_with(['}', ']']);
        let fits = |(nth, line): (usize, &&str)| {
            if nth % 2 == 1 { is_record(line) } else { !is_record(line) && !line.ends_with(':') }
        };
        let single = lines.iter().all(|line| !line.contains('\n'));
        if run >= 4 && run % 2 == 0 && single && lines.iter().enumerate().all(fits) {
            for (nth, unit) in units[at..at + run].iter().enumerate() {
                let start = Span::new(unit.text.start(), unit.text.start());
                let label = if nth % 2 == 0 { "Input: " } else { "Output: " };
                if plan.take(&[Edit { span: start, replacement: label.into() }]) && nth % 2 == 0 {
                    plan.tell(review, unit.text, "Input: … Output: …", MARKED);
                }
            }
        }
        at += run.max(1);
    }
}

const MARKED: &str = "marked, the sides of a sample cannot be taken for instructions";

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

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn sides_of_samples_are_marked() {
        let prompt = "Sort each message from a guest into LATE or OTHER.\n\nExamples:\n- \"Where is my boat?\" -> LATE\n- \"Nice crew\" -> OTHER\n\nAnswer with the class only, and do it nicely.\n";
        let text = reworded(prompt);
        assert!(
            text.contains(
                "- Input: \"Where is my boat?\"\n  Output: LATE\n- Input: \"Nice crew\"\n  Output: OTHER"
            ),
            "{text}"
        );
        let shape = prompt.replace("with the class only, and do it nicely", "nicely as message -> class");
        assert!(reworded(&shape).contains("\"Nice crew\" -> OTHER"));
    }

    #[test]
    fn slots_for_outsiders_get_a_border() {
        let text = reworded(
            "Grade this essay from 1 to 6. Essay: [essay text]\nBe brief: at most 60 words. Write to the pupil.\n",
        );
        assert!(text.contains("Essay:\n<essay_text>\n[essay text]\n</essay_text>"), "{text}");
        let amid = reworded(
            "Sort the ticket in order to help. Ticket: {ticket}. Name the pier. Answer with one word.",
        );
        assert!(amid.trim_end().ends_with("Ticket:\n<ticket>\n{ticket}\n</ticket>"), "{amid}");
        let behind = reworded(
            "Sum up the mail that follows. {mail}\nThen say: yes, no or unclear. Basically, be brief.",
        );
        assert!(behind.contains("<mail>\n{mail}\n</mail>") && !behind.contains("the text in"), "{behind}");
        let inside = "The guest wrote {{message}} and now you answer.";
        let text = reworded(inside);
        assert!(text.contains("wrote the text in <message> and now you answer."), "{text}");
        assert!(text.trim_end().ends_with("<message>\n{{message}}\n</message>"), "{text}");
        let held = reworded(
            "Sort the jobs. {{notes}} holds the notes of one shift, and {{boat}} is the boat. Basically, be brief.",
        );
        assert!(held.contains("<notes> holds the notes of one shift, and {{boat}} is"), "{held}");
        assert!(held.contains("<notes>\n{{notes}}\n</notes>"), "{held}");
        let named = reworded("Answer the message {{message}} of the guest in two sentences.");
        assert!(named.contains("the message in <message> of the guest"), "{named}");
    }

    #[test]
    fn pairs_without_labels_are_marked() {
        let prompt = "Turn each slip into a record.\n\n# Examples\nA blue scarf, deck two.\n{\"thing\": \"scarf\", \"deck\": 2}\nRed umbrella on deck one.\n{\"thing\": \"umbrella\", \"deck\": 1}\n";
        let text = reworded(prompt);
        assert!(text.contains("Input: A blue scarf, deck two.\nOutput: {\"thing\": \"scarf\""), "{text}");
        assert_eq!(text, reworded(&text));
    }
}
