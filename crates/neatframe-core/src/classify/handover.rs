//! Sentences that say what comes in, and those that hand the work over behind the samples.

use super::leads::lead_of_the_list;
use super::shape::is_bare_slot;
use super::{Reading, holds_a_slot};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// "You will be given a log", "You receive two reports": how many words say so.
fn given(text: &str, words: &[Word]) -> Option<usize> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = 1 + usize::from(matches!(&*lower(1), "will" | "have" | "may" | "might"));
    let verb = verb + usize::from(lower(verb) == "also");
    let passive = matches!(&*lower(verb), "are" | "be" | "been")
        && matches!(&*lower(verb + 1), "given" | "provided" | "shown" | "presented" | "handed");
    // "You've been given the slip:".
    let opens = matches!(&*lower(0), "you" | "you've");
    match &*lower(verb) {
        _ if opens && passive => Some(verb + 2),
        "get" | "receive" if opens => Some(verb + 1),
        _ => None,
    }
}

/// True for a sentence that opens with what comes in, whatever it goes on to say.
pub(crate) fn tells_what_is_given(text: &str, words: &[Word]) -> bool {
    given(text, words).is_some()
}

/// The same where it goes on to no ask, so that it is a fact and nothing else.
pub(super) fn says_what_is_given(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let asks = |word: &Word| {
        word.is(vocabulary::MODAL | vocabulary::NEGATION)
            || matches!(&*word.lower(text), "your" | "you" | "task" | "need" | "needs" | "to")
    };
    let from = given(text, words).filter(|from| words.len() > from + 1);
    // "You will be given a slip to sort."
    let short = words.len() <= SHORT_GIFT;
    from.is_some_and(|from| short || !words[from..].iter().any(asks))
}

/// "Given a mail, extract the following as JSON:", whatever comes back for it.
pub(super) fn is_given_and_asked(reading: &Reading<'_>, unit: &Unit) -> bool {
    const NEAR: usize = 10;
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let given = words.first().is_some_and(|word| word.lower(text) == "given");
    let comma = words.iter().take(NEAR).position(|word| word.text(text) == ",");
    let verb = comma.and_then(|comma| words.get(comma + 1));
    unit.opens_piece
        && unit.kind == UnitKind::Sentence
        && given
        && verb.is_some_and(|verb| {
            verb.is(vocabulary::VERB)
                && !matches!(&*verb.lower(text), "return" | "respond" | "answer" | "output" | "reply")
        })
}

/// "- a list of boats" below "You will receive a plan that holds:": a thing that comes in.
pub(super) fn is_listed_as_given(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let names =
        |word: &Word| matches!(&*word.lower(text), "a" | "an" | "the" | "one" | "two" | "several" | "some");
    let gives = |lead: &Unit| {
        reading.source.slice(lead.text).ends_with(':')
            && tells_what_is_given(text, reading.words.within(lead.text))
    };
    reading.words.within(reading.units[index].text).first().is_some_and(names)
        && lead_of_the_list(reading, index).is_some_and(gives)
}

/// Up to so many words a sentence on what is given asks for nothing.
const SHORT_GIFT: usize = 9;

/// Words of a sentence that presents the work itself and no input.
const WORK: [&str; 26] = [
    "example", "examples", "sample", "samples", "format", "template", "schema", "output", "answer", "reply",
    "response", "rule", "rules", "step", "steps", "instructions", "task", "tasks", "job", "what", "how",
    "guidelines", "requirements", "plan", "structure", "please",
];

/// "Below are several numbered sources:" above a slot: what the slot takes in.
pub(super) fn announces_an_input(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let unit = &reading.units[index];
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let is = |at: usize| matches!(&*lower(at), "is" | "are");
    let announces = matches!(&*lower(0), "below" | "here" | "attached") && is(1)
        || matches!(&*lower(0), "the" | "this") && matches!(&*lower(1), "following") && is(2)
        || lower(0) == "this" && is(1);
    let others = || words.iter().any(|word| WORK.contains(&&*word.lower(text)));
    let next = || {
        let mut after = reading.units[index + 1..].iter().take(4);
        let prose = after.find(|unit| unit.kind != UnitKind::Mark);
        prose.is_some_and(|unit| holds_a_slot(reading, unit))
    };
    // "Code of functions with the same imports:" between slots that take other things in.
    let among = || {
        let mut before = reading.units[..index].iter().rev().take(4);
        let prose = before.find(|unit| unit.kind != UnitKind::Mark);
        unit.opens_piece
            && words.first().is_some_and(|word| !word.is(vocabulary::VERB | vocabulary::MODAL))
            && prose.is_some_and(|unit| is_bare_slot(reading, unit))
    };
    words.len() <= 20
        && reading.source.slice(unit.text).ends_with(':')
        && (announces || among())
        && !others()
        && next()
}

/// "Here is a slip from the harbour office that names a boat.": what the prompt is sent with.
pub(super) fn presents(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = matches!(&*lower(0), "here" | "below") && matches!(&*lower(1), "is" | "are");
    let named = matches!(&*lower(2), "a" | "an" | "the" | "my" | "our" | "some" | "two" | "three");
    let others = || words.iter().take(12).any(|word| WORK.contains(&&*word.lower(text)));
    let asks = || {
        let order = |pair: &[Word]| pair[0].text(text) == "," && pair[1].is(vocabulary::VERB);
        words.windows(2).any(order)
            || words
                .iter()
                .any(|word| word.is(vocabulary::NEGATION | vocabulary::MODAL) && word.lower(text) != "can")
    };
    opens && named && words.len() >= 5 && !others() && !asks()
}

/// How many sentences a level of a scale has at most.
const SENTENCES: usize = 6;

/// `3: no heating below 5 °C` beside `2: a lift out of order`: levels of a scale, which say what a figure means.
pub(super) fn is_a_level(reading: &Reading<'_>, index: usize) -> bool {
    let level = |at: usize| {
        let unit = reading.units.get(at)?;
        let body = reading.source.slice(unit.text).trim_start_matches(['(', '*', '`']);
        // "**Score 1**: No harm."
        let named = ["Score ", "Level ", "Grade ", "Rating "].iter().find_map(|name| body.strip_prefix(name));
        let body = named.unwrap_or(body);
        let digits = body.bytes().take_while(u8::is_ascii_digit).count();
        let rest = body[digits..].trim_start_matches([')', '*', '`', ' ']);
        // "5-6: Right in part".
        let rest = match rest.strip_prefix(['-', '–']) {
            Some(upper) if digits > 0 => upper.trim_start_matches(|c: char| c.is_ascii_digit()),
            _ => rest,
        };
        let gloss = rest.strip_prefix([':', '='])?;
        let told = gloss.starts_with(' ')
            && gloss.split_whitespace().count() >= 2
            && !gloss.contains(['{', '<', '"']);
        let value = body[..digits]
            .parse::<u32>()
            .ok()
            .filter(|value| *value <= 10 || *value <= 100 && value % 5 == 0);
        value.filter(|_| told)
    };
    // A level may take several sentences.
    let opens = |at: &usize| reading.units[*at].opens_piece;
    let words = reading.words.within(reading.units[index].text);
    let binds = |word: &Word| matches!(&*word.lower(reading.source.text()), "must" | "should" | "shall");
    let orders = words.iter().any(binds) || words.first().is_some_and(|word| word.is(vocabulary::VERB));
    let goes_on = !reading.units[index].opens_piece && !orders;
    let index = match goes_on {
        true => (index.saturating_sub(SENTENCES)..index).rfind(opens).unwrap_or(index),
        false => index,
    };
    let Some(own) = level(index) else { return false };
    let near = |at: Option<usize>| at.and_then(level).is_some_and(|other| other != own);
    let end = reading.units.len().min(index + 1 + SENTENCES);
    near((index.saturating_sub(SENTENCES)..index).rfind(opens)) || near((index + 1..end).find(opens))
}

/// "Now do the same with the following input", "Now it's your turn.": behind the samples the work begins.
pub(super) fn hands_over(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let now = usize::from(lower(0) == "now") + usize::from(lower(1) == ",");
    // "Now it's your turn to name the pier of the slip", however long it goes on.
    let named = (now..words.len()).find(|&at| lower(at) == "your" && lower(at + 1) == "turn");
    let turn = named.is_some_and(|at| words.len() <= 8 || at <= now + 2 && lower(at + 2) == "to")
        && matches!(&*lower(now), "it" | "it's" | "its" | "your");
    // "Let's try this now:".
    let tries = lower(1) == "try" && (2..6).any(|at| lower(at) == "now");
    let begins = matches!(&*lower(now), "begin" | "let" | "let's") && (words.len() <= now + 4 || tries);
    let again = lower(0) == "now"
        && words.len() <= 24
        && words.get(now).is_some_and(|word| word.is(vocabulary::VERB) || word.lower(text) == "please")
        && words[now..].iter().any(|word| {
            matches!(
                &*word.lower(text),
                "same" | "following" | "below" | "real" | "actual" | "yourself" | "above"
            )
        });
    // "Following the above examples, sort the slips:".
    let like_those = lower(0) == "following"
        && matches!(&*lower(1), "the" | "these")
        && words.iter().take(5).any(|word| matches!(&*word.lower(text), "examples" | "samples"));
    turn || begins || again || like_those
}

/// "Now you should sum the chat up", "Now, please name the boat": asked for once all has been told.
pub(super) fn asks_now(reading: &Reading<'_>, index: usize) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let at = 1 + usize::from(lower(1) == ",");
    let at = match (&*lower(at), &*lower(at + 1)) {
        ("please", _) => at + 1,
        ("it's", "your") if lower(at + 2) == "turn" && lower(at + 3) == "to" => at + 4,
        ("you", "should" | "must" | "will" | "shall") => at + 2,
        ("you", "need" | "have" | "are") if lower(at + 2) == "to" => at + 3,
        // "Now, name the boat of the slip."
        _ if at == 2 && words.get(at).is_some_and(|word| word.is(vocabulary::VERB)) => at,
        _ => return false,
    };
    lower(0) == "now"
        && words.get(at).is_some_and(|word| {
            !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::PUNCTUATION)
                && !matches!(&*word.lower(text), "be" | "have" | "know" | "see" | "understand")
        })
}

/// "Today's date is {date}." in a list of rules: what a slot takes in, told as a fact.
pub(super) fn says_what_a_slot_is(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let after = reading.slots.partition_point(|slot| slot.span.end() <= unit.text.start());
    let Some(slot) = reading.slots.get(after).filter(|slot| unit.text.contains(slot.span)) else {
        return false;
    };
    let last = text[slot.span.end()..unit.text.end()].trim_matches(['.', '*', '"', '`', ' ']).is_empty();
    let words = reading.words.within(Span::new(unit.text.start(), slot.span.start()));
    let lower = |word: &Word| word.lower(text);
    let is = words.iter().rev().find(|word| !word.is_punctuation()).is_some_and(|word| lower(word) == "is");
    let told = words.first().is_some_and(|word| {
        matches!(&*lower(word), "the" | "today" | "today's" | "current" | "this" | "it" | "today’s")
    });
    let asks = |word: &Word| {
        word.is(vocabulary::MODAL | vocabulary::NEGATION | vocabulary::CONDITION)
            || WORK.contains(&&*lower(word))
    };
    last && is && told && words.len() <= 10 && !words.iter().any(asks)
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component::{self, Context, Examples, Task};

    fn of(text: &str, line: usize) -> Option<Component> {
        components_of(text)[line]
    }

    #[test]
    fn what_comes_in_is_told() {
        assert_eq!(
            of("You will be given a log and two reports of the pier.\nSort them by boat.\n", 0),
            Some(Context)
        );
        let below = "Answer from the sources alone.\nBelow are several numbered sources from the archive:\n{sources}\n";
        assert_eq!(of(below, 1), Some(Context));
    }

    #[test]
    fn levels_and_what_is_presented_are_facts() {
        let levels = "Rate the notice from 0 to 10, where:\n- 0: The notice misses the boat and the pier\n- 10: The notice names both\n";
        assert_eq!(components_of(levels)[1..], [Some(Context), Some(Context)]);
        let told = "Rate the harm of a slip:\n- **Score 1**: No harm. The slip may name a boat.\n- **Score 2**: Some harm. The guest might miss a boat.\n";
        assert_eq!(components_of(told)[1..], [Some(Context); 4]);
        let slip = "Here is a slip from the harbour office that can name a boat.\nPlease judge whether it is complete.\n";
        assert_eq!(of(slip, 0), Some(Context));
    }

    #[test]
    fn what_is_asked_for_now() {
        let of_last = |line: &str| {
            *components_of(&format!("The slip is below.\n{{slip}}\n{line}\n")).last().expect("a unit")
        };
        for line in ["Now you should sum the slip up.", "Now, please name the boat.", "NOW, LET'S START!"] {
            assert_eq!(of_last(line), Some(Task), "{line}");
        }
    }

    #[test]
    fn what_slots_take_in_is_told_as_a_fact() {
        let text = "Answer the guest.\n\n# Rules\n- Name no price.\n- Today's date is {now().strftime('%d %B')}.\n- Use plain words.\n";
        assert_eq!(of(text, 3), Some(Context), "{:?}", components_of(text));
        let text = "Write the script.\nCalls:\n{calls}\nScripts that are close to it in purpose:\n{alike}\nPrint the script alone.\n";
        let found: Vec<_> = components_of(text).into_iter().flatten().collect();
        assert_eq!(found[1..4], [Context; 3], "{found:?}");
    }

    #[test]
    fn behind_the_samples_the_work_begins() {
        let text = "Name the boat.\nFor example:\nReport 1:\nThe Merle lies at pier two.\nReport 2:\nThe pier is wet.\n\
                    Boat: Merle\nNow do the same with the following report:\n{report}\n";
        let found = components_of(text);
        assert_eq!(found[found.len() - 2], Some(Task), "{found:?}");
        assert!(found.iter().filter(|of| **of == Some(Examples)).count() >= 3, "{found:?}");
    }
}
