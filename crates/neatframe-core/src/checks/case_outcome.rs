//! Two outcomes of one case that a sentence names by what is not there: "a line without a date is a query", "lines with no
//! date are cut".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than a case and its outcome.
const LONG: usize = 22;

/// What becomes of a thing that lacks something.
struct Outcome {
    thing: u32,
    lacks: Vec<u32>,
    becomes: Vec<u32>,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, for_nothing, |one, two| !one.iter().any(|word| two.contains(word)));
    rivals::compare(case, sink, way, |one, two| one.case == two.case && one.stops != two.stops);
    rivals::compare(case, sink, read, |one, two| {
        one.thing == two.thing
            && one.lacks.iter().any(|stem| two.lacks.contains(stem))
            && !one.becomes.iter().any(|stem| two.becomes.contains(stem))
    });
}

/// What is done in a case: "if the file is missing, stop", "if the file is missing, create it".
struct Way {
    case: Vec<u32>,
    stops: bool,
}

fn way(case: &Case<'_>, unit: usize) -> Option<Way> {
    const STOPS: [&str; 8] = ["stop", "abort", "exit", "quit", "skip", "ignore", "fail", "refuse"];
    const GOES_ON: [&str; 14] = [
        "create", "guess", "estimate", "infer", "continue", "proceed", "fill", "use", "assume", "make",
        "add", "calculate", "answer", "take",
    ];
    let text = case.source.text();
    let words = case.words_of(unit);
    let opens = words.first().is_some_and(|word| matches!(&*word.lower(text), "if" | "when" | "where"));
    let comma =
        words.iter().position(|word| word.text(text) == ",").filter(|_| opens && words.len() <= LONG)?;
    let verb = words.get(comma + 1)?.lower(text);
    let stops = STOPS.contains(&&*verb);
    let means = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP) && !word.is(vocabulary::CONDITION)
    };
    let case: Vec<u32> = words[1..comma].iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    (!case.is_empty() && (stops || GOES_ON.contains(&&*verb))).then_some(Way { case, stops })
}

/// "If there is nothing to report, return an empty array", "if you find nothing, write \"fine\"": what is written then.
fn for_nothing(case: &Case<'_>, unit: usize) -> Option<Vec<u32>> {
    const WRITES: [&str; 9] =
        ["return", "write", "say", "answer", "output", "reply", "respond", "print", "use"];
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let comma = words.iter().position(|word| word.text(text) == ",").filter(|_| words.len() <= LONG)?;
    let nothing = (1..comma).any(|at| {
        let found = |at: usize| matches!(&*lower(at), "find" | "found" | "report" | "reported" | "flag");
        let there = lower(at) == "nothing" && (found(at - 1) || found(at + 1) || found(at + 2));
        let none = lower(at) == "no"
            && matches!(
                &*lower(at + 1),
                "findings" | "issues" | "problems" | "errors" | "faults" | "mistakes" | "results" | "matches"
            )
            && at + 3 >= comma;
        there || none
    });
    let opens = matches!(&*lower(0), "if" | "when" | "where") && WRITES.contains(&&*lower(comma + 1));
    let means = |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP);
    let written: Vec<u32> =
        words.get(comma + 2..)?.iter().filter(means).map(|word| stem(&word.lower(text))).collect();
    (opens && nothing && (1..=4).contains(&written.len())).then_some(written)
}

/// "Send a slip back when its date is missing", "reject a slip if a date is missing".
fn done_when_missing(text: &str, words: &[Word]) -> Option<Outcome> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let article = |at: usize| matches!(&*lower(at), "a" | "an" | "the" | "any" | "every" | "each" | "its");
    words.first().filter(|word| word.is(vocabulary::VERB))?;
    let thing = words.get(1 + usize::from(article(1)))?;
    let case = (2..words.len()).find(|&at| matches!(&*lower(at), "when" | "if"))?;
    let missing =
        (case + 2..words.len()).find(|&at| matches!(&*lower(at), "missing" | "absent" | "lacking"))?;
    let lacks: Vec<u32> = words[case + 1..missing]
        .iter()
        .filter(|word| !word.is(vocabulary::STOP | vocabulary::FINITE) && !word.is_punctuation())
        .map(|word| stem(&word.lower(text)))
        .collect();
    let plain =
        case <= 5 && !words[..case].iter().any(|word| word.is(vocabulary::NEGATION)) && lacks.len() == 1;
    plain.then(|| Outcome { thing: stem(&thing.lower(text)), lacks, becomes: vec![stem(&lower(0))] })
}

fn read(case: &Case<'_>, unit: usize) -> Option<Outcome> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let noun = |word: &Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::NEGATION)
    };
    if let Some(outcome) = done_when_missing(text, words) {
        return Some(outcome);
    }
    let from = usize::from(matches!(&*lower(0), "a" | "an" | "any" | "every" | "each" | "all" | "the"));
    let thing = words.get(from).filter(|word| noun(word))?;
    // "Without a date", "with no date", "that has no date".
    let lack = match (&*lower(from + 1), &*lower(from + 2)) {
        ("without" | "lacking" | "missing", _) => from + 2,
        ("with", "no") => from + 3,
        ("that", "lacks" | "lack") => from + 3,
        ("that", "has" | "have") if lower(from + 3) == "no" => from + 4,
        _ => return None,
    };
    let verb = (lack..words.len().min(lack + 8)).find(|&at| {
        matches!(
            &*lower(at),
            "is" | "are"
                | "becomes"
                | "become"
                | "gets"
                | "get"
                | "goes"
                | "go"
                | "counts"
                | "count"
                | "stays"
                | "stay"
        )
    })?;
    let stems = |words: &[Word]| -> Vec<u32> {
        words.iter().filter(|word| noun(word)).map(|word| stem(&word.lower(text))).collect()
    };
    let end = words[verb..].iter().position(|word| matches!(word.text(text), "," | ";" | "." | "("));
    let outcome = &words[verb + 1..end.map_or(words.len(), |end| verb + end)];
    // "Is never cut" says what it does not become.
    let denied = outcome.iter().any(|word| word.is(vocabulary::NEGATION));
    let (lacks, becomes) = (stems(&words[lack..verb]), stems(outcome));
    (!denied && !lacks.is_empty() && !becomes.is_empty()).then(|| Outcome {
        thing: stem(&thing.lower(text)),
        lacks,
        becomes,
    })
}
