//! Wishes about a thing, turned into what must be: "it would be nice if the fare was named".

use crate::edit::{Edit, capitalised};
use crate::lexicon::{Hit, vocabulary};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;

/// How far from the "if" the verb is looked for, in words.
const REACH: usize = 8;

/// The edits that make an order of a wish whose words go from `first` to `last`; none where its verb is not known.
pub(super) fn ordered(text: &str, words: &[Word], first: usize, last: usize) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "Perhaps the list could be sorted" needs no "if".
    let doubts = matches!(&*lower(first), "perhaps" | "maybe" | "possibly").then_some(first);
    let Some(begins) = (first..=last).find(|&at| lower(at) == "if").or(doubts).map(|at| at + 1) else {
        return Vec::new();
    };
    let subject = lower(begins);
    // "It would be good if you suggested a fix": suggest one.
    if subject == "you"
        && let Some(verb) = words.get(begins + 1)
        && let Some(order) = present(&lower(begins + 1))
    {
        let span = Span::new(words[first].start as usize, verb.end as usize);
        return vec![Edit { span, replacement: capitalised(&order) }];
    }
    if subject == "there" {
        return there_is(text, words, first, begins).into_iter().collect();
    }
    // "… a rhyme at the end, but it need not be" stays a wish.
    let free = (begins..words.len()).any(|at| lower(at) == "but");
    // "It would be great if it were short": the text must be; "if it is possible" is a case.
    let text_is = subject == "it"
        && matches!(&*lower(begins + 1), "was" | "were" | "had")
        && !matches!(&*lower(begins + 2), "possible" | "not" | "up" | "" | ".");
    if free || matches!(&*subject, "you" | "i" | "we" | "" | "possible") || subject == "it" && !text_is {
        return Vec::new();
    }
    let reach = begins + 1..words.len().min(begins + REACH);
    let verb = reach.clone().take_while(|&at| !words[at].is_punctuation()).find_map(|at| {
        let said = lower(at);
        let next = lower(at + 1);
        let modal = matches!(&*said, "could" | "can" | "would" | "might");
        // "Could perhaps be sorted": the doubt goes too.
        let doubt = modal && matches!(&*next, "maybe" | "perhaps" | "possibly" | "also");
        let to = at + usize::from(doubt);
        match &*said {
            _ if modal => Some((at, to, "must".to_string())),
            "was" | "were" | "is" | "are" => Some((at, at, "must be".into())),
            "had" | "has" => Some((at, at, "must have".into())),
            // "… if breakfast takes ten minutes" says already how it is to be.
            _ if is_finite(&said) => Some((at, at, said.to_string())),
            past => present(past).map(|verb| (at, at, format!("must {verb}"))),
        }
    });
    let Some((from, to, must)) = verb else { return Vec::new() };
    let opening = &text[words[begins].start as usize..];
    let capital: String = opening.chars().take(1).flat_map(char::to_uppercase).collect();
    let length = opening.chars().next().map_or(0, char::len_utf8);
    let lead = Span::new(words[first].start as usize, words[begins].start as usize + length);
    if from == begins {
        return Vec::new();
    }
    let verb = Span::new(words[from].start as usize, words[to].end as usize);
    vec![Edit { span: lead, replacement: capital }, Edit { span: verb, replacement: must }]
}

/// "Also it would be lovely if there was a motto": include one.
fn there_is(text: &str, words: &[Word], first: usize, begins: usize) -> Option<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let modal = usize::from(matches!(&*lower(begins + 1), "could" | "would" | "can"));
    let verb = begins + 1 + modal;
    let is = matches!(&*lower(verb), "was" | "were" | "is" | "are" | "be");
    let thing = matches!(
        &*lower(verb + 1),
        "a" | "an" | "some" | "one" | "two" | "three" | "at" | "more" | "several"
    );
    let also = first == 1 && lower(0) == "also";
    let span = Span::new(words[if also { 0 } else { first }].start as usize, words.get(verb)?.end as usize);
    let replacement = if also || first == 0 { "Include" } else { "include" };
    (is && thing).then(|| Edit { span, replacement: replacement.into() })
}

/// "It would be good to have a sample": include one. The wish goes from word `first` to word `last`, its "to" included.
pub(super) fn included(text: &str, words: &[Word], first: usize, last: usize) -> Option<Edit> {
    const THINGS: [&str; 10] = ["a", "an", "some", "one", "two", "three", "the", "at", "more", "several"];
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "I think it would be" goes on with "nice to have".
    let nice =
        matches!(&*lower(last + 1), "nice" | "great" | "good" | "lovely" | "helpful" | "useful" | "cool");
    let last = if lower(last) == "be" && nice { last + 2 } else { last };
    let has = lower(last) == "to" && matches!(&*lower(last + 1), "have" | "see" | "get");
    let thing = THINGS.contains(&&*lower(last + 2));
    let span = Span::new(words[first].start as usize, words.get(last + 1)?.end as usize);
    (has && thing).then(|| Edit { span, replacement: "Include".into() })
}

/// "Include a bonus question maybe.": the doubt at the end goes with the wish.
pub(super) fn doubt_at_the_end(text: &str, words: &[Word]) -> Option<Edit> {
    let at = words.iter().rposition(|word| !word.is_punctuation()).filter(|at| *at > 0)?;
    let doubts = matches!(&*words[at].lower(text), "maybe" | "perhaps" | "possibly");
    let before = if words[at - 1].is_punctuation() { at - 1 } else { at };
    let span = Span::new(words.get(before.checked_sub(1)?)?.end as usize, words[at].end as usize);
    doubts.then(|| Edit { span, replacement: String::new() })
}

/// "My dad turns 60, and I was wondering if you could give me ideas?": the order in a sentence of its own. `verb` is the first word
/// of the order.
pub(super) fn parted(text: &str, words: &[Word], first: usize, verb: usize) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let joins = |at: usize| matches!(&*lower(at), "and" | "so" | "but");
    let comma = match first {
        3.. if joins(first - 1) && lower(first - 2) == "," => first - 2,
        2.. if lower(first - 1) == "," => first - 1,
        _ => return Vec::new(),
    };
    // "If it rains, could you say so": the case belongs to the order.
    let cased = words[..comma].iter().any(|word| word.is(vocabulary::CONDITION));
    let Some(order) = words.get(verb).filter(|word| word.is(vocabulary::VERB) && !cased && comma >= LEAST)
    else {
        return Vec::new();
    };
    let start = words[comma - 1].end as usize;
    let opening = capitalised(order.text(text));
    let mut edits =
        vec![Edit { span: Span::new(start, order.end as usize), replacement: format!(". {opening}") }];
    edits.extend(full_stop(text, words));
    edits
}

/// An order ends in a full stop, where the wish ended in a question mark.
pub(super) fn full_stop(text: &str, words: &[Word]) -> Option<Edit> {
    let asked = words.last().filter(|word| word.text(text) == "?");
    asked.map(|word| Edit { span: word.span(), replacement: ".".into() })
}

/// The fewest words and signs of what stands before such an order.
const LEAST: usize = 4;

/// Verbs as they follow "it".
fn is_finite(word: &str) -> bool {
    const SAID: [&str; 22] = [
        "takes", "costs", "uses", "shows", "gives", "names", "says", "lists", "ends", "starts", "begins",
        "fits", "contains", "includes", "covers", "keeps", "mentions", "stays", "needs", "comes", "reads",
        "lasts",
    ];
    SAID.contains(&word)
}

/// ", that would be great" behind a wish that is ordered now: it goes, with its comma.
pub(super) fn closed(text: &str, words: &[Word], hit: &Hit) -> Vec<Edit> {
    let said = matches!(&*words[hit.first].lower(text), "that" | "which" | "it");
    if !said || hit.first == 0 || !words[hit.last + 1..].iter().all(|word| word.is_punctuation()) {
        return Vec::new();
    }
    let before = &words[hit.first - 1];
    let from = if before.text(text) == "," { before.start } else { before.end };
    vec![Edit { span: Span::new(from as usize, words[hit.last].end as usize), replacement: String::new() }]
}

/// "Some photos would be nice": what is wished for is asked for. `first` is the first word of the wish, which ends the sentence.
pub(super) fn asked_for(text: &str, words: &[Word], first: usize) -> Vec<Edit> {
    const LEADS: [&str; 9] = ["some", "a", "an", "two", "three", "one", "any", "the", "more"];
    let thing = &words[..first];
    // "About 300 words would be nice": a length is kept to.
    let length = thing.len() == 3
        && matches!(&*thing[0].lower(text), "about" | "around" | "roughly")
        && thing[1].is_number()
        && thing[2].is(vocabulary::MEASURE);
    if length {
        let end = words.iter().rfind(|word| !word.is_punctuation()).unwrap_or(&thing[2]);
        let about = thing[0].lower(text).into_owned();
        return vec![
            Edit { span: thing[0].span(), replacement: format!("Write {about}") },
            Edit { span: Span::new(thing[2].end as usize, end.end as usize), replacement: String::new() },
        ];
    }
    let plain =
        thing.iter().all(|word| !word.is(vocabulary::VERB | vocabulary::FINITE | vocabulary::PUNCTUATION));
    let (Some(lead), Some(last)) = (thing.first(), thing.last()) else { return Vec::new() };
    let lower = lead.lower(text);
    // "Charts would be nice."
    let bare = thing.len() == 1 && lower.len() > 4 && lower.ends_with('s');
    if !plain || !(LEADS.contains(&&*lower) || bare) || thing.len() > REACH {
        return Vec::new();
    }
    let end = words.iter().rfind(|word| !word.is_punctuation()).unwrap_or(last);
    vec![
        Edit { span: lead.span(), replacement: format!("Include {lower}") },
        Edit { span: Span::new(last.end as usize, end.end as usize), replacement: String::new() },
    ]
}

/// `mentioned` is `mention`, `named` is `name`: where the vocabulary knows the verb.
fn present(past: &str) -> Option<String> {
    let stem = past.strip_suffix("ed")?;
    let doubled = stem.len() > 2 && stem.as_bytes()[stem.len() - 1] == stem.as_bytes()[stem.len() - 2];
    let short = doubled.then(|| stem[..stem.len() - 1].to_string());
    let candidates = [Some(format!("{stem}e")), Some(stem.to_string()), short];
    let known = |verb: &String| vocabulary::flags(vocabulary::find(verb.as_bytes())) & vocabulary::VERB != 0;
    candidates.into_iter().flatten().find(known)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::edit::apply;
    use crate::words::Words;

    #[test]
    fn what_would_be_good_to_have_is_included() {
        let text = "It would be good to have an example of it.";
        let all = Words::read(text, 0);
        let edit = included(text, all.within(Span::new(0, text.len())), 0, 4).unwrap();
        assert_eq!(apply(text, &[edit]).unwrap(), "Include an example of it.");
        let text = "I think it would be nice to have a rhyme, maybe.";
        let all = Words::read(text, 0);
        let words = all.within(Span::new(0, text.len()));
        let edits = [included(text, words, 0, 4).unwrap(), doubt_at_the_end(text, words).unwrap()];
        assert_eq!(apply(text, &edits).unwrap(), "Include a rhyme.");
        assert!(included("It would be good to help.", all.within(Span::new(0, 24)), 0, 4).is_none());
    }

    fn told(text: &str) -> String {
        let all = Words::read(text, 0);
        let words = all.within(Span::new(0, text.len()));
        let last = words.iter().position(|word| word.text(text) == "if").unwrap_or(0);
        apply(text, &ordered(text, words, 0, last)).unwrap()
    }

    #[test]
    fn wishes_become_orders() {
        assert_eq!(told("It would be nice if the fare was named."), "The fare must be named.");
        assert_eq!(
            told("It might be nice if the subject line mentioned the week."),
            "The subject line must mention the week."
        );
        assert_eq!(
            told("It would help if every boat could perhaps have a captain."),
            "Every boat must have a captain."
        );
        assert_eq!(told("Perhaps the list could be sorted."), "The list must be sorted.");
        assert_eq!(told("It would be great if it were in rhyme."), "It must be in rhyme.");
        assert_eq!(told("It would be great if it was possible."), "It would be great if it was possible.");
        assert_eq!(told("It would be nice if you named the fare."), "Name the fare.");
        assert_eq!(
            told("It would be nice if the purser frobbed it."),
            "It would be nice if the purser frobbed it."
        );
    }
}
