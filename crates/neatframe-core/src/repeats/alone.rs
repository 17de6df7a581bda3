//! One thing and nothing else as the answer, asked for twice: "return only JSON", "the answer must be the JSON object alone".

use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::span::Span;
use crate::words::{Word, Words};

/// What an answer may be made of, and the name it goes by here.
const THINGS: [(&str, &str); 32] = [
    ("call", "call"),
    ("calls", "call"),
    ("category", "label"),
    ("class", "label"),
    ("code", "code"),
    ("csv", "csv"),
    ("digit", "number"),
    ("digits", "number"),
    ("grade", "score"),
    ("html", "html"),
    ("integer", "number"),
    ("json", "json"),
    ("label", "label"),
    ("letter", "letter"),
    ("link", "link"),
    ("list", "list"),
    ("markdown", "markdown"),
    ("name", "name"),
    ("names", "name"),
    ("number", "number"),
    ("query", "query"),
    ("question", "question"),
    ("questions", "question"),
    ("rating", "score"),
    ("score", "score"),
    ("sql", "query"),
    ("table", "table"),
    ("title", "title"),
    ("url", "link"),
    ("word", "word"),
    ("xml", "xml"),
    ("yaml", "yaml"),
];

/// Words that speak of the answer. Sorted.
const REPLIES: [&str; 21] = [
    "answer", "answers", "generate", "give", "output", "outputs", "print", "produce", "provide", "replies",
    "reply", "respond", "response", "responses", "result", "return", "returned", "returns", "send", "state",
    "write",
];

/// Words that only fill such a demand up. Sorted.
const FILLING: [&str; 43] = [
    "additional", "again", "alone", "any", "anything", "array", "character", "characters", "comment",
    "commentary", "comments", "else", "entire", "exact", "exactly", "explanation", "explanations", "extra",
    "following", "form", "format", "important", "line", "needs", "nothing", "now", "object", "one", "only",
    "other", "prose", "purely", "raw", "single", "solely", "strictly", "structure", "text", "valid", "whole",
    "word", "words", "your",
];

/// How far from the word that confines the thing may stand, in words.
const NEAR: usize = 5;

/// The longest demand that says nothing besides, in words.
const LONG: usize = 20;

/// How many demands for a written form are remembered.
const MOST: usize = 32;

/// Words of its own that a later demand may hold.
const NEW: usize = 1;
/// … behind "any other text": "outside the structure itself".
const BESIDES: usize = 3;

#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Alone {
    /// This and nothing else.
    Thing(&'static str),
    /// Nothing besides what was told.
    NothingElse,
}

/// The demands that ask again for one thing and nothing else, each with the earlier one. `spans` are the demands in order, by unit.
pub(super) fn repeated(
    text: &str,
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
) -> Vec<(usize, usize)> {
    let mut seen: Vec<(usize, Span, Alone)> = Vec::new();
    let mut forms: Vec<(usize, Span, &str)> = Vec::new();
    let mut just: Vec<(usize, Vec<u32>)> = Vec::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let all = words.within(span);
        if let Some(thing) = nothing_than(text, all) {
            let told = just.iter().find(|(_, stems)| stems.contains(&thing));
            found.extend(told.map(|(earlier, _)| (unit, *earlier)));
        }
        just.extend(just_this(text, all).map(|stems| (unit, stems)).filter(|_| just.len() < MOST));
        // "Return a JSON object with …", and later "make sure that it is valid JSON".
        let sound = only_sound(text, all);
        if let Some((earlier, ..)) = forms.iter().find(|(_, _, form)| sound == Some(*form)) {
            found.push((unit, *earlier));
            continue;
        }
        let Some(alone) = read(text, all) else {
            forms.extend(form(text, all).map(|form| (unit, span, form)).filter(|_| forms.len() < MOST));
            continue;
        };
        // "Return a JSON object with …", and later "only return in JSON format".
        let told = forms.iter().find(|(_, _, form)| alone == Alone::Thing(form) && names_the_form(text, all));
        if let Some((earlier, ..)) =
            told.filter(|(_, place, _)| says_no_more(text, all, words.within(*place)))
        {
            found.push((unit, *earlier));
            continue;
        }
        // "No other text before or after the JSON", and later "return only the JSON".
        let names = |place: Span| words.within(place).iter().any(|word| alone == thing_of(&word.lower(text)));
        let earlier = seen.iter().find(|(_, place, told)| {
            *told == alone
                || alone == Alone::NothingElse && matches!(told, Alone::Thing(_))
                || *told == Alone::NothingElse && names(*place)
        });
        match earlier {
            Some((earlier, place, _)) if says_no_more(text, all, words.within(*place)) => {
                found.push((unit, *earlier));
            }
            Some(_) => {}
            None => seen.push((unit, span, alone)),
        }
    }
    found
}

/// The thing that a word names, or nothing else.
fn thing_of(word: &str) -> Alone {
    let at = THINGS.binary_search_by(|(name, _)| (*name).cmp(word));
    at.map_or(Alone::NothingElse, |at| Alone::Thing(THINGS[at].1))
}

/// "Only return in JSON format", and not "return only the JSON, no other text", which rules something out as well.
fn names_the_form(text: &str, words: &[Word]) -> bool {
    let has = |names: &[&str]| words.iter().any(|word| names.contains(&&*word.lower(text)));
    has(&["format", "form"]) && !has(&["additional", "other", "extra", "else", "nothing", "without", "no"])
}

/// Written forms that an answer can have.
const FORMS: [&str; 6] = ["csv", "html", "json", "markdown", "xml", "yaml"];

/// "Make sure that the output is valid JSON", which asks for no more than the form does.
fn only_sound(text: &str, words: &[Word]) -> Option<&'static str> {
    const SOUND: [&str; 6] = ["valid", "parsable", "parseable", "well", "syntactically", "properly"];
    const AROUND: [&str; 16] = [
        "important", "note", "remember", "ensure", "sure", "make", "formed", "formatted", "correct", "must",
        "strictly", "always", "very", "and", "syntax", "please",
    ];
    let within = |word: &Word| {
        let lower = word.lower(text);
        word.is_punctuation()
            || word.is(vocabulary::STOP) && lower != "only"
            || SOUND.contains(&&*lower)
            || AROUND.contains(&&*lower)
            || FORMS.contains(&&*lower)
            || REPLIES.binary_search(&&*lower).is_ok()
            || matches!(&*lower, "object" | "format" | "string" | "you" | "your")
    };
    let sound = words.iter().any(|word| SOUND.contains(&&*word.lower(text)));
    let form = FORMS.iter().find(|form| words.iter().any(|word| word.lower(text) == **form));
    form.filter(|_| sound && words.iter().all(within)).copied()
}

/// The written form that a demand wants the answer in.
fn form(text: &str, words: &[Word]) -> Option<&'static str> {
    // "The OUTPUT must be valid JSON", of what is judged: a name.
    let named = |word: &Word| {
        let own = word.text(text);
        own.len() > 3 && own.bytes().all(|b| b.is_ascii_uppercase())
    };
    let shouts = words.iter().filter(|word| named(word)).count() * 2 > words.len();
    let asks = words
        .iter()
        .any(|word| REPLIES.binary_search(&&*word.lower(text)).is_ok() && (shouts || !named(word)));
    let cased = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
    let named = FORMS.iter().find(|form| words.iter().any(|word| word.lower(text) == **form));
    named.filter(|_| asks && !cased).copied()
}

/// What a demand leaves of the answer.
fn read(text: &str, words: &[Word]) -> Option<Alone> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, names: &[&str]| lower(at).is_some_and(|word| names.contains(&&*word));
    let of_the_answer = |word: &Word| REPLIES.binary_search(&&*word.lower(text)).is_ok();
    let cased = words.iter().any(|word| word.is(vocabulary::CONDITION)) || names_requests(text, words);
    if !cased && nothing_besides(text, words).is_some() {
        return Some(Alone::NothingElse);
    }
    if cased || words.len() > LONG || !words.iter().any(of_the_answer) {
        return None;
    }
    let confines = (0..words.len()).find(|&at| {
        is(at, &["only", "solely", "exclusively", "alone"])
            || is(at, &["nothing"]) && is(at + 1, &["but", "else", "except"])
    });
    let thing = confines.and_then(|at| {
        let near = (at.saturating_sub(NEAR)..words.len().min(at + NEAR + 1))
            .filter(|&place| {
                let (from, to) = (place.min(at), place.max(at));
                !words[from..to].iter().any(|word| matches!(word.text(text), "," | "." | ":" | ";"))
            })
            .filter_map(|place| {
                let lower = words[place].lower(text);
                let at = THINGS.binary_search_by(|(name, _)| (*name).cmp(&*lower)).ok()?;
                // "A list with only the questions": what comes behind it is meant, where something does.
                let confines = confines.unwrap_or(place);
                Some(((place < confines, place.abs_diff(confines)), THINGS[at].1))
            });
        near.min_by_key(|(far, _)| *far).map(|(_, thing)| thing)
    });
    // "Only return the names of boats that are late" says which boats.
    let told_by_a_clause =
        words.iter().any(|word| matches!(&*word.lower(text), "that" | "which" | "who" | "whose" | "of"));
    if let Some(thing) = thing.filter(|_| !told_by_a_clause) {
        return Some(Alone::Thing(thing));
    }
    // "Do not output anything other than this JSON object".
    let than = nothing_than(text, words).map(|_| words.iter().map(|word| thing_of(&word.lower(text))));
    if let Some(thing) = than.and_then(|mut things| things.find(|thing| *thing != Alone::NothingElse)) {
        return Some(thing);
    }
    let denied = words.iter().take(4).any(|word| word.is(vocabulary::NEGATION));
    let besides = (0..words.len()).any(|at| {
        is(at, &["other", "additional", "further", "extra"])
            && is(at + 1, &["format", "formats", "text", "form", "output", "words", "content"])
            || is(at, &["anything"]) && is(at + 1, &["else"])
    });
    (denied && besides).then_some(Alone::NothingElse)
}

/// "Just give back one note": the words of a short order that opens so.
fn just_this(text: &str, words: &[Word]) -> Option<Vec<u32>> {
    // "You should only give back one note".
    let lead = words.windows(2).take(1).any(|pair| {
        pair[0].lower(text) == "you" && matches!(&*pair[1].lower(text), "should" | "must" | "may" | "will")
    });
    let words = &words[2 * usize::from(lead)..];
    let opens = words.first().is_some_and(|word| matches!(&*word.lower(text), "just" | "only"));
    let plain = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::CONDITION);
    let stems = words.iter().take(NEAR * 2).filter(plain).map(|word| stem(&word.lower(text)));
    let cased = words.iter().any(|word| word.is(vocabulary::CONDITION)) || names_requests(text, words);
    (opens && !cased).then(|| stems.collect())
}

/// "Only answer requests for a boat", "do not respond to questions on anything else": which of them are answered, and not with what.
fn names_requests(text: &str, words: &[Word]) -> bool {
    const REACH: usize = 8;
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    (1..words.len().min(REACH)).any(|at| {
        matches!(&*lower(at), "requests" | "request" | "questions" | "inquiries" | "tasks")
            && (0..at).any(|verb| matches!(&*lower(verb), "answer" | "respond" | "reply" | "handle" | "take"))
    })
}

/// "Only answer requests for a boat" and "return only the boat": what is answered, and what the answer holds.
pub(super) fn are_of_two_sides(text: &str, one: &[Word], other: &[Word]) -> bool {
    let holds = |words: &[Word]| {
        words.iter().take(4).any(|word| {
            matches!(
                &*word.lower(text),
                "return" | "output" | "include" | "print" | "write" | "generate" | "produce"
            )
        })
    };
    // "Only shorten the note in the tags" and "return only the shortened note": what is done, and what the answer holds.
    let does = |words: &[Word]| {
        let only =
            words.iter().take(3).position(|word| matches!(&*word.lower(text), "only" | "just" | "solely"));
        only.and_then(|at| words.get(at + 1)).is_some_and(|verb| {
            matches!(
                &*verb.lower(text),
                "shorten"
                    | "translate"
                    | "edit"
                    | "change"
                    | "fix"
                    | "correct"
                    | "modify"
                    | "touch"
                    | "read"
                    | "use"
                    | "consider"
                    | "look"
                    | "process"
                    | "rewrite"
                    | "analyse"
                    | "analyze"
            )
        })
    };
    let asked = [names_requests(text, one) || does(one), names_requests(text, other) || does(other)];
    asked == [true, false] && holds(other) || asked == [false, true] && holds(one)
}

/// "Do not include anything else in your reply other than the note": what is let in.
fn nothing_than(text: &str, words: &[Word]) -> Option<u32> {
    const LONGEST: usize = 20;
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let denied = words.iter().take(3).any(|word| word.is(vocabulary::NEGATION));
    let all = (0..words.len()).find(|&at| lower(at) == "anything")?;
    let than = (all + 1..words.len()).find(|&at| {
        matches!((&*lower(at), &*lower(at + 1)), ("other", "than"))
            || matches!(&*lower(at), "besides" | "except")
    })?;
    let last = words[than..].iter().rfind(|word| !word.is_punctuation())?;
    (denied && all <= 5 && words.len() <= LONGEST).then(|| stem(&last.lower(text)))
}

/// Where "other text" stands in "do not include explanations, comments, or any other text outside the JSON": its place, in words.
fn nothing_besides(text: &str, words: &[Word]) -> Option<usize> {
    const LONGEST: usize = 40;
    const FAR: usize = 8;
    const ADDS: [&str; 7] = ["include", "add", "write", "output", "return", "generate", "provide"];
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let denied = words.iter().take(3).position(|word| word.is(vocabulary::NEGATION))?;
    let adds = ADDS.contains(&&*lower(denied + 1));
    let at = (denied + 2..words.len()).find(|&at| {
        matches!(&*lower(at), "other" | "additional" | "extra" | "further")
            && matches!(&*lower(at + 1), "text" | "words" | "content" | "output")
            && (at + 2..words.len().min(at + 2 + FAR)).any(|at| {
                matches!(
                    &*lower(at),
                    "outside" | "before" | "after" | "besides" | "around" | "than" | "beyond"
                )
            })
    })?;
    let thing = |word: &Word| {
        let lower = word.lower(text);
        THINGS.binary_search_by(|(name, _)| (*name).cmp(&*lower)).is_ok()
            || FILLING.binary_search(&&*lower).is_ok()
    };
    (adds && words.len() <= LONGEST && words[at + 2..].iter().any(thing)).then_some(at)
}

/// True when a later demand holds hardly a word that the earlier one does not.
fn says_no_more(text: &str, later: &[Word], earlier: &[Word]) -> bool {
    let known: Vec<u32> = earlier.iter().map(|word| stem(&word.lower(text))).collect();
    let quoted = |words: &[Word]| words.iter().filter(|word| word.is(vocabulary::QUOTE)).count();
    // All that is listed before "or any other text" is other text.
    let listed = nothing_besides(text, later).unwrap_or(0);
    let new = later[listed..].iter().filter(|word| {
        let lower = word.lower(text);
        let plain = word.is_punctuation()
            || word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::COURTESY);
        !plain
            && REPLIES.binary_search(&&*lower).is_err()
            && FILLING.binary_search(&&*lower).is_err()
            && THINGS.binary_search_by(|(name, _)| (*name).cmp(&*lower)).is_err()
            && !known.contains(&stem(&lower))
    });
    let room = if listed > 0 { BESIDES } else { NEW };
    (listed > 0 || quoted(later) <= quoted(earlier)) && new.count() <= room
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::repeats::two_lines;

    fn again(first: &str, second: &str) -> bool {
        two_lines(first, second, repeated)
    }

    #[test]
    fn lists_are_sorted() {
        assert!(REPLIES.is_sorted() && FILLING.is_sorted() && THINGS.is_sorted());
    }

    #[test]
    fn one_thing_and_nothing_else() {
        assert!(again("Return only JSON.", "Your whole answer must be only the JSON object."));
        assert!(again("Answer with the number only.", "The answer needs to be one number only, no words."));
        assert!(again("Return the score on one line, only the score.", "Do not return any other format."));
        assert!(again(
            "Return ONLY the JSON object.",
            "Do not include any preface, closing remarks, explanations, or any other text outside the JSON structure itself."
        ));
        assert!(!again("Return ONLY the JSON object.", "Do not include any other field in the JSON."));
        let nothing = "Do not include any other text, remarks or filler before or after the JSON object.";
        assert!(again(nothing, "Return ONLY the JSON object."));
        assert!(!again(nothing, "Return ONLY the table."));
        assert!(!again("The OUTPUT must be a valid JSON object.", "Respond only in the JSON format."));
        assert!(again(
            "Return the note only in the JSON format.",
            "Do not output anything other than this JSON object:"
        ));
        let note = "Just give back one note, the note that the slips add up to.";
        assert!(again(note, "Do not include anything else in your reply other than the joined note."));
        assert!(!again(note, "Do not include anything in your reply other than the fare."));
        assert!(!again(
            "Only answer to requests that are about a fare table.",
            "Do not include any text except the fare table."
        ));
        assert!(!again(
            "Do not respond to any questions that ask for anything else than a query.",
            "Return only the query."
        ));
        assert!(!again("Return only JSON.", "Return only the table."));
        let keys = "Return the pier as a single JSON object with the key `pier`.";
        assert!(again(keys, "Make sure you return a valid JSON object."));
        assert!(again(keys, "IMPORTANT: the output must be valid JSON!"));
        assert!(!again(keys, "Make sure that the JSON object has valid hours."));
        assert!(!again(keys, "Make sure you return valid XML."));
        assert!(!again(keys, "Return only valid JSON."));
        assert!(!again("Return only JSON.", "Return only JSON with the key \"pier\"."));
        assert!(!again("Write only the title.", "Write only the title of the boat that sails first."));
        assert!(!again(
            "Answer with the number only.",
            "If the pier is closed, answer with the number only."
        ));
    }
}
