//! Demands on manner: which pole of an axis a unit asks for.

use super::whom::{WHOLE, singular};
use super::{Demand, Requirement, Sight, is_exception};
use crate::component::Component;
use crate::directive::unwrapped;
use crate::lexicon::{self, Hit, POLES, Set, vocabulary};
use crate::presence::presence;
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;
use std::cell::OnceCell;

/// Stands for the pole that a negation turns to where the wording holds the negation that it means.
const AS_SAID: &str = "as said";

/// How many words before the pole a negation reaches.
const REACH: usize = 3;

/// How many words before a pole belong to its clause.
const CLAUSE: usize = 10;

/// Reads the poles that a unit asks for. A pole named in quotation marks is talked about, not asked for.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let exception = OnceCell::new();
    let wrapped = unwrapped(text, words);
    // "Leave out technical terms", "keep technical terms out".
    let left_out = presence(text, words).filter(|thing| thing.left_out);
    if let Some(place) = asks_together(text, words) {
        let demand = Demand::Manner { axis: "questions at a time", pole: "several" };
        found.push(Requirement::on_reply(unit, place, demand, is_exception(text, words)));
    }
    for hit in sight.hits[unit].iter().filter(|hit| hit.set == Set::Pole) {
        let place = words[hit.first].span().cover(words[hit.last].span());
        if crate::checks::is_quoted(text, span, place.start()) {
            continue;
        }
        let pole = &POLES[hit.entry as usize];
        // "You get: a list of boats": what comes in has a form of its own.
        let comes_in = sight.labels[unit].component == Some(Component::Context);
        // "Treat the log as plain text" tells how it is read.
        let read = |word: &Word| matches!(&*word.lower(text), "treat" | "regard" | "parse" | "consider");
        if comes_in && pole.axis == "form" && pole.name == "a list or table"
            || pole.axis == "markup" && words[hit.first.saturating_sub(CLAUSE)..hit.first].iter().any(read)
        {
            continue;
        }
        // "The standard library, nothing else" is about something other than the answer.
        let bare = pole.name == "only JSON" && hit.last - hit.first <= 2;
        if bare && words[hit.last].lower(text) == "else" && !speaks_of_the_answer(sight, unit) {
            continue;
        }
        // "Explain to a patient how …" is the task itself, and nothing beside an answer.
        let asked = pole.name == "an explanation" && hit.first == 0 && words[0].lower(text) == "explain";
        let beside = || {
            words[..=hit.last].iter().any(|word| {
                matches!(
                    &*word.lower(text),
                    "after"
                        | "before"
                        | "below"
                        | "under"
                        | "above"
                        | "beneath"
                        | "underneath"
                        | "your"
                        | "answer"
                )
            })
        };
        if asked && !beside() && sight.labels[unit].component == Some(Component::Task) {
            continue;
        }
        // "Yes or no questions" are questions, "gender-neutral" is no stance.
        let before = hit.first.checked_sub(1).map(|at| words[at].lower(text));
        let inside = match before.as_deref() {
            Some("or") => words[hit.first].lower(text) == "no",
            Some("gender") => pole.axis != "gendered wording",
            _ => false,
        };
        // "Technical terms into plain ones", "technical terms need a gloss" say what becomes of them.
        let turned = pole.axis == "vocabulary"
            && words.get(hit.last + 1).is_some_and(|next| {
                matches!(
                    &*next.lower(text),
                    "into"
                        | "need"
                        | "needs"
                        | "require"
                        | "must"
                        | "should"
                        | "are"
                        | "that"
                        | "which"
                        | "get"
                )
            });
        // "Explain all technical terms" asks for no such terms.
        let explained = pole.axis == "vocabulary"
            && words[hit.first.saturating_sub(REACH)..hit.first]
                .iter()
                .any(|word| matches!(&*word.lower(text), "explain" | "define" | "gloss" | "explaining"));
        let turned = turned || explained;
        // "Tags that assume an answer", "do not second-guess it".
        let described = pole.axis == "gaps"
            && matches!(before.as_deref(), Some("that" | "which" | "who" | "second" | "-"));
        // "Take the usual fare rather than asking for every detail".
        let rather = words[hit.first.saturating_sub(CLAUSE)..hit.first]
            .windows(2)
            .any(|pair| pair[0].lower(text) == "rather" && pair[1].lower(text) == "than");
        // "If a boat is not in the list, say so": the case.
        let comma = words.iter().position(|word| word.text(text) == ",");
        let in_the_case = pole.axis == "off the list"
            && words[0].is(vocabulary::CONDITION)
            && comma.is_some_and(|comma| hit.last < comma);
        // "Say everything only once" asks for no more.
        let once = words[hit.last + 1..].iter().take(2).any(|word| word.lower(text) == "once");
        let set_aside = (rather || once) && pole.name == "everything";
        // "Convert imperial units to metric" asks for what they become.
        let converts =
            |word: &Word| matches!(&*word.lower(text), "convert" | "turn" | "change" | "translate");
        let becomes = words.get(hit.last + 1).is_some_and(|next| matches!(&*next.lower(text), "to" | "into"));
        let set_aside = set_aside || becomes && words[..hit.first].iter().rev().take(3).any(converts);
        // "Be thorough and go through every line" is about the work, and not about its length.
        let works = pole.name == "detailed"
            && words[hit.last].lower(text) == "thorough"
            && words
                .get(hit.last + 1)
                .is_some_and(|next| matches!(&*next.lower(text), "and" | "when" | "about"));
        if inside || turned || described || in_the_case || set_aside || works {
            continue;
        }
        let from = hit.first.saturating_sub(REACH);
        // "No lists, one question at a time": a number opens a wish of its own.
        let counted = words[hit.first].is_number();
        // "If you are not sure, take a guess": the negation belongs to the case.
        let cased = words[0].is(vocabulary::CONDITION);
        let before = words[from..hit.first]
            .iter()
            .rposition(|word| word.is(vocabulary::STOP_MARK) || (counted || cased) && word.text(text) == ",");
        let from = before.map_or(from, |at| from + at + 1);
        // "You can create files without asking" allows one thing and orders nothing.
        let near = &words[hit.first.saturating_sub(CLAUSE)..hit.first];
        let allows = near.iter().any(|word| matches!(&*word.lower(text), "can" | "may"));
        if allows && pole.axis == "asking back" && words[hit.first].lower(text) == "without" {
            continue;
        }
        // "Never ask two" is a pole of its own; "use no emoji" turns the pole that it holds.
        let helps = |word: &Word| word.lower(text) == "does";
        let second = words.get(hit.first + 1).filter(|_| hit.last > hit.first);
        let own = words[hit.first].is(vocabulary::NEGATION)
            || words[hit.first].text(text).eq_ignore_ascii_case("do")
            || helps(&words[hit.first]) && second.is_some_and(|word| word.is(vocabulary::NEGATION));
        // The wording of some poles holds its own negation: "text without headings".
        let to = if own || pole.flips == AS_SAID { hit.first } else { hit.last };
        // "No more than two emoji" allows two.
        let bounds = |at: usize| {
            words
                .get(at + 1)
                .is_some_and(|next| matches!(&*next.lower(text), "more" | "longer" | "less" | "fewer"))
        };
        let counts = (from..to).any(|at| words[at].is(vocabulary::NEGATION) && bounds(at));
        if counts && pole.axis == "emoji" {
            continue;
        }
        // "No heading has more than five words": there are headings.
        let ends_in_a_bound = words[hit.first].lower(text) == "no" && {
            let behind = &words[hit.last + 1..words.len().min(hit.last + 5)];
            let holds = |word: &Word| {
                matches!(
                    &*word.lower(text),
                    "has" | "have" | "is" | "are" | "may" | "should" | "must" | "exceeds"
                )
            };
            let bounds = |word: &Word| {
                matches!(
                    &*word.lower(text),
                    "more" | "longer" | "over" | "exceeds" | "fewer" | "shorter" | "above"
                )
            };
            behind.first().is_some_and(holds) && behind.iter().any(bounds)
        };
        // "Do not quote more than ten words" allows ten.
        let own_ban = words[hit.first].is(vocabulary::NEGATION) || words[hit.first].lower(text) == "do";
        let allows_some = own_ban
            && words
                .get(hit.last + 1)
                .is_some_and(|next| matches!(&*next.lower(text), "more" | "longer" | "over"));
        // "Don't use Markdown headings" rules out the headings.
        let one_mark = pole.axis == "markup"
            && words.get(hit.last + 1).is_some_and(|next| {
                matches!(
                    &*next.lower(text),
                    "headings" | "headers" | "heading" | "tables" | "links" | "images" | "lists"
                )
            });
        if ends_in_a_bound || allows_some || one_mark {
            continue;
        }
        let negated = (from..to)
            .any(|at| words[at].is(vocabulary::NEGATION) && !bounds(at) && !asks_twice_over(text, &words[at..]))
            || !own && (ruled_out_with(text, &words[..hit.first]) || ends_a_ban(text, &words[..hit.first]))
            || left_out.as_ref().is_some_and(|thing| {
thing.span.contains(place)})
            // "Keep technical terms out of the card".
            || words[hit.first].lower(text) == "keep"
                && words.get(hit.last + 1).is_some_and(|next| next.lower(text) == "out")
            || !own && wrapped.as_ref().is_some_and(|ban| ban.forbids && ban.body.contains(&hit.first))
            // "Present nothing in tables".
            || hit.first > 0
                && matches!(&*words[hit.first].lower(text), "in" | "with" | "as")
                && words[hit.first - 1].lower(text) == "nothing";
        // "Never delete without asking" asks first.
        let asks = pole.axis == "asking back" && words[hit.first].lower(text) == "without";
        let never_without = asks && words[..hit.first].iter().any(|word| word.is(vocabulary::NEGATION));
        let name = match (negated, pole.flips) {
            _ if never_without => "ask first",
            // A pole that is ruled out, and stands against no single other one.
            (true, "" | AS_SAID) => continue,
            (true, flips) => flips,
            // "Do not name fares that are not in the table".
            (false, "listed only") if bars_what_is_not(text, &words[..hit.first]) => "listed only",
            (false, _) => pole.name,
        };
        // "Within one day, sort by name": the second order holds inside the first.
        let inner = || {
            words.iter().any(|word| matches!(&*word.lower(text), "within" | "same" | "then" | "ties" | "tie"))
        };
        // "One test with 1,000 rows in random order" is about the test.
        let of_a_thing = matches!(pole.axis, "order" | "order kept")
            && words[hit.first.saturating_sub(5)..hit.first].iter().any(|word| word.lower(text) == "with");
        if matches!(pole.axis, "order" | "order kept" | "grouping") && (of_a_thing || inner()) {
            continue;
        }
        // "Keep product names in English" is about the names.
        let keeps = matches!(&*words[hit.first].lower(text), "keep" | "leave") && hit.last - hit.first >= 3;
        if pole.axis == "answer language" && keeps {
            continue;
        }
        let demand = Demand::Manner { axis: pole.axis, pole: name };
        // What to do in a gap is said of gaps only, so the two conditions are one.
        // To ask where something is unclear stands against never asking, which knows no case.
        // What is allowed at times stands against what never is.
        // "Explain each term when it first appears" is about when, and bounds nothing.
        let first = || words[hit.last..].iter().any(|word| word.lower(text) == "first");
        let always = lexicon::IN_ANY_CASE.contains(&pole.axis)
            || matches!(
                (pole.axis, name),
                (_, "ask first" | "several labels" | "own knowledge" | "go on") | ("points", "half")
            )
            || name == "all explained" && first()
            // "Nothing except the code" names no case.
            || name == "only JSON"
                && words[hit.first..=hit.last]
                    .iter()
                    .any(|word| matches!(&*word.lower(text), "except" | "besides"));
        // "No jokes about the crew" leaves room for others.
        let forbids = words[hit.first].is(vocabulary::NEGATION);
        let bounded = forbids
            && words.get(hit.last + 1).is_some_and(|next| {
                matches!(&*next.lower(text), "about" | "involving" | "concerning" | "regarding")
            });
        // "The present tense for the moral" leaves the rest as it is.
        let aside = lexicon::SCOPED.contains(&pole.axis) && names_a_scope(text, &words[hit.last + 1..]);
        // "Skip the greeting in follow-up messages".
        let elsewhere = name == "no greeting"
            && words.get(hit.last + 1).is_some_and(|next| matches!(&*next.lower(text), "in" | "for" | "to"));
        // "Warnings start with CAUTION in capitals" is about that word.
        let shouted = pole.axis == "letter case"
            && hit.first > 0
            && words[hit.first - 1].text(text).bytes().filter(u8::is_ascii_uppercase).count() >= 2;
        let conditional = !always
            && (bounded
                || aside
                || elsewhere
                || shouted
                || *exception.get_or_init(|| is_exception(text, words))
                    && is_exception(text, own_clause(text, words, hit)));
        found.push(Requirement::on_reply(unit, place, demand, conditional));
    }
}

/// "Do not guess, round or bring in other facts": what ends a list of bans is banned too.
fn ends_a_ban(text: &str, before: &[Word]) -> bool {
    let joined = before.last().is_some_and(|word| matches!(&*word.lower(text), "or" | "nor"));
    let clause = before.iter().rposition(|word| word.is(vocabulary::STOP_MARK)).map_or(0, |at| at + 1);
    let opens = before[clause..].iter().take(2).any(|word| word.is(vocabulary::NEGATION));
    joined && opens && before[clause..].iter().any(|word| word.text(text) == ",")
}

/// "Do not make things up or |answer from memory|", "do not let the boat |fill gaps|": the prohibition that opens a sentence
/// reaches as far as "or" and "let" carry it.
fn ruled_out_with(text: &str, before: &[Word]) -> bool {
    let opens = before.iter().take(2).any(|word| word.is(vocabulary::NEGATION));
    let carried = before.iter().any(|word| matches!(&*word.lower(text), "or" | "let"));
    let broken = before.iter().any(|word| {
        word.is(vocabulary::STOP_MARK) || matches!(&*word.lower(text), "but" | "instead" | "and" | ",")
    });
    opens && carried && !broken
}

/// "Don't |forget to| name it", "never fail to": what opens with a negation and denies nothing.
pub(crate) fn asks_twice_over(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = 1 + usize::from(matches!(&*lower(1), "ever" | "you"));
    matches!(&*lower(verb), "forget" | "fail" | "neglect" | "hesitate" | "omit") && lower(verb + 1) == "to"
}

/// "Do not name fares that are |not in the table|": a ban on what is told of behind "that".
fn bars_what_is_not(text: &str, before: &[Word]) -> bool {
    let bars = before.iter().take(2).any(|word| word.is(vocabulary::NEGATION));
    let relative = before.iter().rev().take(3).any(|word| matches!(&*word.lower(text), "that" | "which"));
    bars && relative
}

/// "… for the moral", "… about prices", "… in the legal part": what stands behind a demand bounds it.
fn names_a_scope(text: &str, behind: &[Word]) -> bool {
    let lower = |at: usize| behind.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = match &*lower(0) {
        "for" | "on" | "about" | "to" | "towards" | "over" => true,
        "of" => !matches!(&*lower(1), "each" | "every" | "all" | "any"),
        "in" => matches!(&*lower(1), "the" | "each"),
        _ => false,
    };
    let noun =
        behind.iter().skip(1).find(|next| !matches!(&*next.lower(text), "the" | "each" | "all" | "every"));
    opens && noun.is_some_and(|next| !next.is_number() && !WHOLE.contains(&&*next.lower(text)))
}

/// "Ask for the number, the code and the name together": several things in one question.
fn asks_together(text: &str, words: &[Word]) -> Option<Span> {
    let is = |word: &Word, names: &[&str]| names.contains(&&*word.lower(text));
    // "Your first message asks for name, address and date of birth."
    let turn = words.iter().take(4).any(|word| is(word, &["message", "reply", "turn", "greeting"]));
    if let Some(asks) = words.iter().position(|word| is(word, &["asks"])).filter(|_| turn) {
        let rest = &words[asks..];
        let commas = rest.iter().filter(|word| word.text(text) == ",").count();
        let both = rest.iter().any(|word| is(word, &["and"]));
        return (both && commas >= 1).then(|| rest[0].span().cover(rest[rest.len() - 1].span()));
    }
    let asks = words.iter().position(|word| is(word, &["ask", "asking", "collect", "request"]))?;
    // "In your first message, ask for name, date and complaint."
    let opening = asks >= 3
        && is(&words[0], &["in"])
        && is(&words[1], &["your", "the", "one", "a"])
        && is(&words[2], &["first", "opening", "single"]);
    let rest = &words[asks..];
    let commas = rest.iter().filter(|word| word.text(text) == ",").count();
    if opening && commas >= 1 && rest.iter().any(|word| is(word, &["and"])) {
        return Some(rest[0].span().cover(rest[rest.len() - 1].span()));
    }
    let rest = &words[asks..words.len().min(asks + SEVERAL)];
    // "… in a single question".
    let at_once = |run: &[Word]| {
        is(&run[0], &["in"])
            && is(&run[1], &["a", "one", "your", "the"])
            && is(&run[2], &["single", "question", "go", "message", "opening", "first"])
    };
    let end = rest
        .iter()
        .position(|word| is(word, &["together"]))
        .or_else(|| rest.windows(3).position(at_once).map(|at| at + 2))?;
    let listed = rest[..end].iter().any(|word| is(word, &["and"]));
    let bans = words[..asks].iter().any(|word| word.is(vocabulary::NEGATION));
    (listed && !bans).then(|| rest[0].span().cover(rest[end].span()))
}

/// What is done after the question, or without one: "before booking", "show the times without asking".
pub(super) fn deed(sight: &Sight<'_>, unit: usize) -> Option<String> {
    const GENERAL: [&str; 14] = [
        "answering", "starting", "writing", "beginning", "replying", "going", "working", "answer", "start",
        "write", "begin", "reply", "go", "do",
    ];
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let before = (0..words.len()).find(|&at| lower(at).is_some_and(|word| word == "before"));
    // "Before deleting", "before you delete".
    let after =
        before.map(|at| if lower(at + 1).is_some_and(|word| word == "you") { at + 2 } else { at + 1 });
    let told = |word: &std::borrow::Cow<'_, str>| word.ends_with("ing") || after > before.map(|at| at + 1);
    let later = after.and_then(lower).filter(told);
    let without = words.windows(2).any(|pair| {
        pair[0].lower(text) == "without"
            && matches!(&*pair[1].lower(text), "asking" | "confirmation" | "approval")
    });
    // "Make all changes without asking": to change.
    let made = || {
        let noun = words[1..].iter().find(|word| !word.is(vocabulary::STOP) && !word.is_punctuation())?;
        let noun = noun.lower(text);
        Some(Cow::Owned(noun.strip_suffix('s').unwrap_or(&noun).to_string()))
    };
    let first =
        words.first().filter(|word| without && word.is(vocabulary::VERB)).map(|word| word.lower(text));
    let first = match first {
        Some(verb) if verb == "make" => made(),
        first => first,
    };
    let deed = later.or(first).filter(|deed| !GENERAL.contains(&&**deed))?;
    // "Booking" and "book" are one deed.
    let plain = deed.strip_suffix("ing").unwrap_or(&deed).trim_end_matches('e');
    Some(plain.to_string())
}

/// What "invent a title" makes up, where it is no fact.
pub(super) fn work(sight: &Sight<'_>, unit: usize) -> Option<String> {
    const WORKS: [&str; 11] = [
        "title", "name", "headline", "slogan", "story", "example", "dialogue", "character", "scene",
        "tagline", "sample",
    ];
    let text = sight.source.text();
    let words = sight.words.within(sight.units[unit].text);
    words.iter().find_map(|word| {
        let lower = word.lower(text);
        let single = lower.strip_suffix('s').unwrap_or(&lower);
        WORKS.contains(&single).then(|| single.to_string())
    })
}

/// Whom "greet the manager by surname" addresses; what "do not explain the rules" and "an explanation of the fare" are about.
pub(super) fn object(sight: &Sight<'_>, axis: &str, place: Span, unit: usize) -> Option<String> {
    const ANY: [&str; 16] = [
        "choice", "choices", "decision", "decisions", "answer", "answers", "score", "scores", "label",
        "labels", "rating", "reasoning", "result", "results", "steps", "step",
    ];
    let text = sight.source.text();
    let noun = |word: &&Word| {
        !word.is(vocabulary::STOP)
            && !word.is_punctuation()
            && !matches!(&*word.lower(text), "for" | "of" | "why" | "how")
    };
    let words = if axis == "form of address" {
        let all = sight.words.within(place);
        let by = all.iter().position(|word| matches!(&*word.lower(text), "by" | "with" | "as"))?;
        all.get(1..by)?
    } else {
        let after = sight.words.within(Span::new(place.end(), sight.units[unit].text.end()));
        &after[..after.iter().position(|word| word.is_punctuation()).unwrap_or(after.len())]
    };
    let named = singular(&words.iter().find(noun)?.lower(text));
    (!ANY.contains(&&*named)).then_some(named)
}

/// How many words a list of what is asked for takes.
const SEVERAL: usize = 24;

/// True for a sentence that says what comes back.
fn speaks_of_the_answer(sight: &Sight<'_>, unit: usize) -> bool {
    const GIVES: [&str; 9] =
        ["return", "output", "answer", "reply", "give", "send", "write", "respond", "print"];
    let text = sight.source.text();
    let mut words = sight.words.within(sight.units[unit].text).iter();
    sight.labels[unit].component == Some(Component::OutputFormat)
        || words.any(|word| GIVES.contains(&&*word.lower(text)))
}

/// The part of a sentence between two semicolons: "never state it; if the number is right, say so" sets a case for its second half.
fn own_clause<'a>(text: &str, words: &'a [Word], hit: &Hit) -> &'a [Word] {
    let parts = |word: &Word| word.text(text) == ";";
    let from = words[..hit.first].iter().rposition(parts).map_or(0, |at| at + 1);
    let to = words[hit.last..].iter().position(parts).map_or(words.len(), |at| hit.last + at);
    &words[from..to]
}
