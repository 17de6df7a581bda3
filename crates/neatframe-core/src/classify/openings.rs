//! Lines whose opening tells what they are: the frame of the reply, a function that is offered, a sample that is ticked off.

use super::Reading;
use super::form::is_call;
use crate::lexicon::vocabulary;
use crate::outline::{Mark, Section};
use crate::samples::ARROWS;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// "Your entire response must start with …", "For each boat, begin with a marker line", "Format each fact as …".
pub(super) fn frames_the_reply(reading: &Reading<'_>, unit: &Unit) -> bool {
    const REPLIES: [&str; 7] = ["response", "reply", "output", "answer", "message", "report", "summary"];
    const BOUNDS: [&str; 8] = ["start", "begin", "end", "open", "close", "starts", "ends", "finish"];
    let text = reading.source.text();
    let words: Vec<Cow<'_, str>> = reading
        .words
        .within(unit.text)
        .iter()
        .filter(|word| !word.is_punctuation() || word.text(text) == ",")
        .take(REACH)
        .map(|word| word.lower(text))
        .collect();
    let at = |index: usize| words.get(index).map_or("", |word| &**word);
    let must = |index: usize| matches!(at(index), "must" | "should" | "shall" | "will" | "always");
    let bounded = |from: usize| {
        (from..words.len()).find(|index| must(*index)).is_some_and(|modal| {
            let verb = modal + 1 + usize::from(matches!(at(modal + 1), "always" | "both"));
            BOUNDS.contains(&at(verb)) && matches!(at(verb + 1), "with" | "by" | "on")
        })
    };
    let reply = words.iter().take(4).position(|word| REPLIES.contains(&&**word));
    let of_the_reply = matches!(at(0), "your" | "the" | "each" | "every") && reply.is_some_and(bounded);
    // "The first character of your response must be `{`".
    let edge = at(0) == "the"
        && matches!(at(1), "first" | "last")
        && matches!(at(2), "character" | "line" | "word" | "sentence")
        && words.iter().skip(3).take(5).any(|word| REPLIES.contains(&&**word));
    // "Please provide your response, starting with the summary".
    let from = usize::from(at(0) == "please");
    let opened = matches!(at(from), "provide" | "give" | "write" | "return")
        && matches!(at(from + 1), "your" | "the")
        && REPLIES.contains(&at(from + 2))
        && (from + 3..from + 5).any(|index| {
            matches!(at(index), "starting" | "beginning" | "opening")
                && matches!(at(index + 1), "with" | "by")
        });
    let shaped = matches!(at(0), "format" | "structure")
        && matches!(at(1), "each" | "every" | "the" | "all" | "your")
        && words.iter().skip(2).take(6).any(|word| matches!(&**word, "as" | "like" | "using" | "with"));
    // "…, start with a marker line:" names what the lines below show.
    let begins =
        |comma: usize| matches!(at(comma + 1), "start" | "begin" | "open" | "end") && at(comma + 2) == "with";
    let led = matches!(at(0), "for" | "when")
        && words.iter().position(|word| word == ",").is_some_and(begins)
        && reading.source.slice(unit.text).ends_with(':');
    // "Return the list in the format shown in the samples".
    let as_shown = matches!(at(0), "return" | "make" | "ensure" | "give" | "provide" | "output")
        && words.windows(3).any(|run| {
            matches!(&*run[0], "format" | "structure" | "schema" | "shape")
                && matches!(
                    &*run[1],
                    "mentioned" | "shown" | "given" | "described" | "specified" | "defined" | "as"
                )
        });
    // "Respond with just one word."
    let answers = matches!(at(0), "respond" | "answer" | "reply") && matches!(at(1), "with" | "in");
    let only = 2 + usize::from(matches!(at(2), "just" | "only" | "exactly"));
    let single = matches!(at(only), "one" | "a" | "single" | "1")
        && (only..words.len().min(only + 3))
            .any(|at| matches!(&*words[at], "word" | "letter" | "label" | "number" | "digit" | "line"));
    let single = answers && single && unit.kind == UnitKind::Sentence;
    of_the_reply || edge || opened || shaped || led || as_shown || single
}

/// "I need to write a letter to the tenants", "we have to prepare a talk".
pub(crate) fn wants_a_text(text: &str, words: &[Word]) -> bool {
    const MAKES: [&str; 14] = [
        "write", "create", "draft", "prepare", "make", "design", "compose", "translate", "summarise",
        "summarize", "plan", "rewrite", "answer", "build",
    ];
    const WHAT: [&str; 10] = ["a", "an", "the", "my", "our", "some", "this", "two", "three", "five"];
    wanted_deed(text, words).is_some_and(|at| {
        let said = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        MAKES.contains(&&*said(at)) && WHAT.contains(&&*said(at + 1))
    })
}

/// Which word is the deed in "I need to write", "we have to prepare", "so I'd like to draft".
pub(crate) fn wanted_deed(text: &str, words: &[Word]) -> Option<usize> {
    let said = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*said(0), "so" | "ok" | "now" | "today" | "hey" | "hi"));
    let to = match (&*said(from), &*said(from + 1)) {
        ("i" | "we", "need" | "have" | "want") => from + 2,
        ("i" | "we", "would") if said(from + 2) == "like" => from + 3,
        ("i'd" | "we'd", "like") => from + 2,
        _ => return None,
    };
    (said(to) == "to").then_some(to + 1)
}

/// Deeds that are the work itself where a prompt opens with them: "You sort slips by pier". Sorted.
const DEEDS: [&str; 72] = [
    "analyse", "analyze", "annotate", "answer", "assess", "assign", "brainstorm", "build", "calculate",
    "check", "classify", "clean", "code", "compare", "compile", "compose", "convert", "correct", "count",
    "create", "decide", "describe", "design", "detect", "draft", "edit", "estimate", "evaluate", "explain",
    "extract", "fill", "find", "fix", "format", "generate", "grade", "group", "identify", "improve", "judge",
    "label", "list", "map", "mark", "match", "name", "pick", "plan", "prepare", "produce", "proofread",
    "pull", "rank", "rate", "read", "reply", "review", "rewrite", "route", "score", "select", "sort",
    "split", "suggest", "sum", "summarise", "summarize", "tag", "transcribe", "translate", "turn", "write",
];

/// "You sort slips by pier", "you also draft replies": what is to be done, said of the one who does it.
pub(super) fn says_what_you_do(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let verb = 1 + usize::from(matches!(&*lower(1), "also" | "only" | "always"));
    let object = words.get(verb + 1).is_some_and(|next| !next.is(vocabulary::STOP_MARK));
    lower(0) == "you" && DEEDS.binary_search(&&*lower(verb)).is_ok() && object
}

/// "Turn them into a notice for the pier": what is to become of the material.
pub(super) fn turns_the_material(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let from = usize::from(lower(0) == "please");
    // "Could you turn them into …".
    let from =
        from + if matches!(&*lower(from), "could" | "can") && lower(from + 1) == "you" { 2 } else { 0 };
    let from = from + usize::from(lower(from) == "please");
    let verb = matches!(&*lower(from), "turn" | "make" | "work");
    verb && matches!(&*lower(from + 1), "them" | "it" | "this" | "these") && lower(from + 2) == "into"
}

/// "You will also suggest piers near by": one more deed, of the one who does the work.
pub(super) fn says_what_else_you_do(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    lower(0) == "you"
        && matches!(&*lower(1), "will" | "should" | "must" | "can")
        && lower(2) == "also"
        && DEEDS.binary_search(&&*lower(3)).is_ok()
}

/// "What are the trends?", a sentence of its own: asked of the model.
pub(super) fn asks_a_question(reading: &Reading<'_>, unit: &Unit) -> bool {
    const OPENS: [&str; 10] = ["what", "which", "how", "why", "who", "where", "when", "should", "is", "are"];
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let first = words.first().map(|word| word.lower(text)).unwrap_or_default();
    unit.kind == UnitKind::Sentence
        && words.len() >= 4
        && words.last().is_some_and(|word| word.text(text) == "?")
        && OPENS.contains(&&*first)
}

/// "You are designed to sort slips", "you are trained to …": said of the one who does the work.
pub(super) fn says_what_you_are_for(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    lower(0) == "you"
        && lower(1) == "are"
        && matches!(&*lower(2), "designed" | "trained" | "built" | "meant" | "made")
        && matches!(&*lower(3), "to" | "for")
}

/// "You are a clerk, and you sort slips", "… and you must sort slips": the persona, and what it does.
pub(super) fn goes_on_to_the_work(reading: &Reading<'_>, unit: &Unit) -> bool {
    const BINDS: [&str; 8] = ["must", "will", "should", "shall", "have", "need", "to", "also"];
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let reach = words.len().min(REACH);
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    (0..reach).any(|at| {
        let goes_on = is(at, &["and", ";"]) && is(at + 1, &["you"]);
        let verb = (at + 2..words.len()).find(|&at| !is(at, &BINDS));
        goes_on && verb.is_some_and(|verb| DEEDS.binary_search(&&*words[verb].lower(text)).is_ok())
    })
}

/// How many words of a unit are looked at.
const REACH: usize = 24;

/// `def tide(pier: int) -> float # …`, `import harbour as h`, `` `open(door)` ``: something that code may use, told in a list or a line.
pub(super) fn offers_a_function(body: &str, kind: UnitKind) -> bool {
    if matches!(kind, UnitKind::Code | UnitKind::Turn | UnitKind::Table) {
        return false;
    }
    let bare = body.trim_matches('`');
    let defined = ["def ", "async def ", "fn ", "function ", "class "]
        .iter()
        .any(|lead| bare.strip_prefix(lead).is_some_and(|rest| rest.contains('(')));
    let imported = ["import ", "from "].iter().any(|lead| {
        bare.strip_prefix(lead)
            .is_some_and(|rest| rest.split_whitespace().count() <= 3 && !rest.contains('.'))
    }) && (bare.starts_with("import ") || bare.contains(" import "));
    defined || imported || is_call(body)
}

/// "tide.read_level" on a line of its own, "Reads the level of the water." below it: what may be called, and what it does.
pub(super) fn names_or_tells_a_function(reading: &Reading<'_>, index: usize) -> bool {
    let line = |at: usize| reading.units.get(at).map_or("", |unit| reading.source.slice(unit.text));
    let dotted = |line: &str| {
        let bare = line.trim_matches('`').trim_end_matches("()");
        let plain = bare.chars().all(|c| c.is_ascii_alphanumeric() || matches!(c, '_' | '.'));
        plain
            && bare.contains('.')
            && !bare.ends_with('.')
            && bare.starts_with(|c: char| c.is_ascii_lowercase())
    };
    let tells = |line: &str| {
        let verb = line.split_whitespace().next().unwrap_or("");
        verb.len() > 4 && verb.ends_with('s') && !verb.ends_with("ss") && verb.starts_with(char::is_uppercase)
    };
    // A path is named like that as well, and two such lines make a list.
    let listed = |at: usize| dotted(line(at)) && tells(line(at + 1));
    let several = || (index.saturating_sub(6)..index + 6).filter(|at| listed(*at)).take(2).count() == 2;
    let below = index.checked_sub(1).is_some_and(|above| dotted(line(above)));
    (dotted(line(index)) || below && tells(line(index))) && several()
}

/// `✗ "Explain how a plank comes loose"`: a sample that is held up as good or bad.
pub(super) fn is_held_up(body: &str) -> bool {
    body.strip_prefix(['✓', '✗', '✔', '✘', '✅', '❌'])
        .map(|rest| rest.trim_start_matches(['\u{fe0f}', ' ']))
        .is_some_and(|rest| rest.starts_with(['"', '“', '\'']) && rest.ends_with(['"', '”', '\'']))
}

/// `"Where is my boat?" -> LATE.` among samples that stand in one paragraph.
pub(super) fn is_a_pair(body: &str) -> bool {
    let inner = body.strip_prefix(['"', '“', '`']).and_then(|rest| rest.split_once(['"', '”', '`']));
    inner.is_some_and(|(_, rest)| ARROWS.iter().any(|arrow| rest.starts_with(arrow)))
}

/// `"Weight" tells how far …`, `` `read` - reads a file ``: what a name stands for, or does.
pub(super) fn says_what_a_name_does(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let body = reading.source.slice(unit.text).trim_start_matches(['*', ' ']);
    let quoted = |sign: char| body.strip_prefix(sign).and_then(|rest| rest.split_once(sign));
    let verb =
        |rest: &str| rest.split_whitespace().next().unwrap_or("").trim_matches(['*', ',']).to_lowercase();
    if matches!(unit.kind, UnitKind::Item { .. })
        && let Some((name, rest)) = quoted('`').filter(|(name, _)| !name.contains(' '))
        && let Some(told) = ["- ", "– ", "— "].iter().find_map(|dash| rest.trim_start().strip_prefix(dash))
    {
        let does = verb(told);
        let finite = does.len() > 4 && does.ends_with('s') && !does.ends_with("ss");
        return !name.is_empty() && finite && !binds(text, reading.words.within(unit.text));
    }
    let Some((name, rest)) = quoted('"') else { return false };
    name.split_whitespace().count() <= 4
        && ["defines", "means", "denotes", "refers", "describes", "encloses", "stands", "represents"]
            .contains(&verb(rest).as_str())
        && !binds(text, reading.words.within(unit.text))
}

/// True where something must or must not be.
fn binds(text: &str, words: &[Word]) -> bool {
    words.iter().any(|word| {
        word.is(vocabulary::NEGATION) || matches!(&*word.lower(text), "must" | "should" | "shall" | "only")
    }) && !words.iter().any(|word| word.lower(text) == "defines")
}

/// "Only give a reason if the mark is 1", behind samples as well.
pub(super) fn confines_an_order(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    let is = |at: usize, flags| words.get(at).is_some_and(|word: &Word| word.is(flags));
    let cased = words.iter().skip(3).any(|word| word.is(vocabulary::CONDITION));
    unit.kind == UnitKind::Sentence
        && words.first().is_some_and(|word| word.lower(text) == "only")
        && is(1, vocabulary::VERB)
        && cased
}

/// How far back the opening of a fence is looked for, in bytes.
const FENCE: usize = 2_000;

/// A line in a fence for a shell: something to be run, and hardly the shape of an answer.
pub(super) fn is_a_command(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let mut from = unit.text.start().saturating_sub(FENCE);
    while !text.is_char_boundary(from) {
        from += 1;
    }
    let fence = || text[from..unit.text.start()].rsplit_once("```").map(|(_, behind)| behind);
    unit.kind == UnitKind::Code
        && fence().is_some_and(|behind| {
            ["bash", "sh", "shell", "zsh", "console", "cmd", "powershell"]
                .iter()
                .any(|name| behind.strip_prefix(name).is_some_and(|rest| rest.starts_with(['\n', '\r'])))
        })
}

/// How many sections are looked at for tags of code.
const SECTIONS: usize = 64;

/// `<code>` around a line, twice or more in a prompt: how something is called, shown.
pub(super) fn is_tagged_code(reading: &Reading<'_>, unit: &Unit) -> bool {
    let of_code = |section: &Section| {
        section.mark == Mark::Tag && reading.source.slice(section.title).eq_ignore_ascii_case("code")
    };
    let own = &reading.outline.sections[unit.section];
    let body = reading.source.slice(unit.text);
    let hole = body.contains("_HERE") || body.contains("YOUR_") || body.contains(['{', '<']);
    of_code(own)
        && !hole
        && reading.outline.sections.iter().take(SECTIONS).filter(|section| of_code(section)).nth(1).is_some()
}

/// "Write a post on our new pier, we have two boats there": the facts come in the same sentence.
pub(super) fn tells_facts_behind_the_ask(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let words = reading.words.within(unit.text);
    words.windows(3).any(|run| {
        let parted = matches!(run[0].text(text), "," | ";" | "–" | "—" | "-" | "(");
        let we = matches!(&*run[1].lower(text), "we" | "our" | "i" | "they");
        let wants = matches!(&*run[2].lower(text), "need" | "want" | "would");
        parted && we && !wants && run[2].is(vocabulary::FINITE)
    })
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component::{self, Context, Examples, OutputFormat};

    fn last(text: &str) -> Option<Component> {
        *components_of(text).last().expect("a unit")
    }

    #[test]
    fn where_a_reply_begins_and_ends() {
        for line in [
            "Your entire response must start with `*** Slip` on a line by itself.",
            "The last character of your reply must be `}`.",
            "Format each stop as a line of its own.",
            "Make sure to return the slips in the format shown above.",
        ] {
            assert_eq!(
                last(&format!("Sort the slips of the day by pier.\n\n{line}\n")),
                Some(OutputFormat),
                "{line}"
            );
        }
        for line in [
            "Your reply must not name a guest.",
            "When a guest is angry, start with their name.",
            "The first boat of the day must be named.",
        ] {
            assert_ne!(
                last(&format!("Sort the slips of the day by pier.\n\n{line}\n")),
                Some(OutputFormat),
                "{line}"
            );
        }
    }

    #[test]
    fn functions_that_are_offered() {
        let text = "Write one function that sorts the slips.\n\nThese are there:\n- def tide(pier: int) -> float # The highest water.\n";
        assert_eq!(last(text), Some(Context));
        let text = "Write one function that sorts the slips.\n\n- `import harbour as h`\n";
        assert_eq!(last(text), Some(Context));
    }

    #[test]
    fn samples_that_are_ticked_or_crossed() {
        let text = "Write scenes from the log.\n\nBAD scenes (these are orders):\n✗ \"Explain how a plank comes loose\"\n";
        assert_eq!(last(text), Some(Examples));
        assert_ne!(last("Write scenes from the log.\n\n✗ Never name a guest.\n"), Some(Examples));
    }
}
