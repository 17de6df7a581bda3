//! One of a kind alone, and all of it: "summarise only the last chapter", "cover all chapters".

use super::{Case, Sink, rivals};
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{is_exception, number, singular};
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 12;
/// Verbs that take a thing in, whichever of them is used.
const TAKES_IN: [&str; 14] = [
    "cover", "summarise", "summarize", "include", "describe", "discuss", "treat", "read", "use", "list",
    "translate", "report", "mention", "name",
];
/// What stands for the best of whatever is listed.
const ANY: u32 = 0;

/// Verbs of which each puts a thing on the list.
const LISTS: [&str; 6] = ["list", "include", "mention", "name", "report", "describe"];

/// The most of a kind that are a part of all.
const FEW: u32 = 5;

/// "List at most three delays": some of them, however many there are.
fn a_few<'a>(
    text: &str,
    words: &[Word],
    lower: &impl Fn(usize) -> Cow<'a, str>,
    ends: usize,
) -> Option<Extent> {
    let verb = lower(0);
    let at = (1..ends).find(|&at| number(text, words[at]).is_some())?;
    let bounds = (1..at).all(|at| {
        matches!(
            &*lower(at),
            "at" | "most"
                | "up"
                | "to"
                | "no"
                | "more"
                | "than"
                | "only"
                | "exactly"
                | "just"
                | "the"
                | "a"
                | "maximum"
                | "of"
                | "not"
        )
    });
    let near = ends == at + 1 || ends == at + 2 && lower(at + 1).ends_with("est");
    let few = number(text, words[at])? <= FEW;
    (LISTS.contains(&&*verb) && bounds && near && few).then(|| Extent {
        verb: verb.into_owned(),
        things: stem(&singular(&lower(ends))),
        all: false,
    })
}

/// What is taken in.
struct Extent {
    verb: String,
    things: u32,
    all: bool,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, extent, |one, two| {
        let covers = |extent: &Extent| extent.verb == "cover";
        let told = LISTS.contains(&&*one.verb) && LISTS.contains(&&*two.verb);
        // "Only mention the winner", whatever all the others are.
        (one.things == two.things || one.things == ANY || two.things == ANY)
            && one.all != two.all
            && (one.verb == two.verb || told || covers(one) || covers(two))
    });
}

fn extent(case: &Case<'_>, unit: usize) -> Option<Extent> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let ends = words.iter().rposition(|word| !word.is_punctuation())?;
    let several = lower(0) == "if" && matches!(&*lower(1), "several" | "many");
    if words.len() > LONG || !several && is_exception(text, words) {
        return None;
    }
    let noun = |at: usize| (at == ends).then(|| stem(&singular(&lower(at))));
    if let Some(things) = a_line_each(&lower) {
        return Some(Extent { verb: "cover".into(), things, all: true });
    }
    // "Only the newest version counts", "compare all three versions and …".
    let counts = lower(0) == "only"
        && lower(1) == "the"
        && matches!(&*lower(2), "first" | "last" | "latest" | "newest" | "oldest" | "second" | "third")
        && matches!(&*lower(4), "counts" | "matters" | "applies" | "holds" | "is");
    let compares = lower(0) == "compare" && lower(1) == "all";
    if counts || compares {
        let at = if counts { 3 } else { 2 + usize::from(lower(2) == "the") };
        let at = at + usize::from(words.get(at).is_some_and(|word| word.is_number()));
        let things = words.get(at).filter(|word| !word.is_punctuation())?;
        return Some(Extent {
            verb: "cover".into(),
            things: stem(&singular(&things.lower(text))),
            all: compares,
        });
    }
    // "Only mention the winner."
    let from = usize::from(lower(0) == "only");
    let only = from == 1 || lower(1) == "only";
    let (verb, at) = if from == 1 { (lower(1), 2) } else { (lower(0), 2) };
    let best =
        matches!(&*lower(at + 1), "winner" | "best" | "champion" | "leader" | "favourite" | "favorite");
    if only && lower(at) == "the" && best && LISTS.contains(&&*verb) && at + 1 == ends {
        return Some(Extent { verb: verb.into_owned(), things: ANY, all: false });
    }
    // "Name all eight teams with their times."
    let counted = lower(1) == "all" && words.get(2).is_some_and(|word| word.is_number());
    if counted && LISTS.contains(&&*lower(0)) {
        let things = stem(&singular(&lower(3)));
        return Some(Extent { verb: lower(0).into_owned(), things, all: true });
    }
    // "List at most three delays", "list the three longest delays".
    if let Some(extent) = a_few(text, words, &lower, ends) {
        return Some(extent);
    }
    // "If several alarms go off, only list the important ones."
    let from = if several { words.iter().position(|word| word.text(text) == ",")? + 1 } else { 0 };
    let only_at = (from..from + 2).find(|&at| lower(at) == "only");
    if let Some(only) = only_at {
        let verb = lower(if only == from { from + 1 } else { from });
        let picked = words.get(from + 3..ends).unwrap_or_default();
        let named = lower(from + 2) == "the" && TAKES_IN.contains(&&*verb) && picked.len() <= 3;
        let graded = picked.iter().any(|word| GRADES.contains(&&*word.lower(text)));
        let things = match &*lower(ends) {
            "ones" if several => Some(stem(&singular(&lower(2)))),
            _ => noun(ends),
        };
        if let Some(things) = things.filter(|_| named && graded) {
            return Some(Extent { verb: verb.into_owned(), things, all: false });
        }
    }
    let verb = usize::from(lower(0) == "only");
    if !TAKES_IN.contains(&&*lower(verb)) {
        return None;
    }
    // "Only the last chapter": one of them, told apart by a word.
    let only = verb == 1 || lower(1) == "only";
    let from = 1 + verb.max(usize::from(lower(1) == "only"));
    let apart =
        matches!(&*lower(from + 1), "first" | "last" | "latest" | "newest" | "longest" | "second" | "third");
    if only && lower(from) == "the" && apart {
        return Some(Extent { verb: lower(verb).into_owned(), things: noun(from + 2)?, all: false });
    }
    let all = matches!(&*lower(1), "all" | "every" | "each");
    let from = 2 + usize::from(lower(2) == "the");
    let plain = words.get(from).is_some_and(|word| !word.is(vocabulary::STOP));
    (all && plain && !only)
        .then(|| Some(Extent { verb: lower(0).into_owned(), things: noun(from)?, all: true }))?
}

/// Words that pick some of a kind.
const GRADES: [&str; 18] = [
    "important", "serious", "severe", "worst", "best", "biggest", "largest", "frequent", "urgent",
    "critical", "relevant", "main", "major", "newest", "open", "common", "interesting", "longest",
];

/// "One line per alarm", "a row for each alarm": there is one of each.
fn a_line_each<'a>(lower: &impl Fn(usize) -> Cow<'a, str>) -> Option<u32> {
    let from = usize::from(matches!(&*lower(0), "write" | "give" | "make" | "add" | "use"));
    let line = matches!(&*lower(from), "one" | "a")
        && matches!(
            &*lower(from + 1),
            "line" | "row" | "entry" | "bullet" | "sentence" | "item" | "paragraph"
        );
    let noun = match (&*lower(from + 2), &*lower(from + 3)) {
        ("per", _) => from + 3,
        ("for", "each" | "every") => from + 4,
        _ => return None,
    };
    let ends = matches!(&*lower(noun + 1), "" | "." | ":" | "," | ";");
    (line && ends).then(|| stem(&singular(&lower(noun))))
}
