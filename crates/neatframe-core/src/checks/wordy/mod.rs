//! Words that carry nothing.

mod idle;
mod praise;

use super::{Case, Check, Meta, Sink, cut};
use crate::component::{Component, Facet};
use crate::edit::Edit;
use crate::finding::{Family, Finding, Severity};
use crate::lexicon::{Hit, PADDING, PaddingKind, PaddingTerm, Set, vocabulary};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Filler, pleasantries, empty intensifiers, inflated phrases, lines left over from a chat.
pub(super) struct Padding;

static PADDING_META: Meta = Meta {
    id: "padding",
    family: Family::Wordy,
    severity: Severity::Note,
    summary: "filler, pleasantries, empty intensifiers, long forms of short words",
    write: "The sentence without the phrase, or the short form.",
    on: true,
    english: true,
    why: "Every word is paid for at every call, and padding dilutes the words that steer.",
    bad: &[
        "Hi there! Write the notice.",
        "Write the notice in order to warn passengers.",
        "It is very important to note that the quay is wet. Write a notice.",
        "Sure, here is an improved prompt:\nWrite a notice.",
    ],
    good: &[
        "Write the notice so that passengers are warned.",
        "Begin every reply with \"Hi there!\".",
        "Explain the fare, whether or not the guest asks. Add the slips in order to their boat.",
        "Customer: hi there, thank you so much\nClerk: You are welcome.\nCustomer: bye\nClerk: Bye.",
    ],
};

/// The most phrases of one unit that are remarked on.
const MOST: usize = 24;

/// From this share of belief on a unit is a sample, whose words are not the prompt's own.
const SAMPLE: f32 = 0.75;

impl Check for Padding {
    fn meta(&self) -> &'static Meta {
        &PADDING_META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (index, unit) in case.units.iter().enumerate() {
            // Behind the slot that takes the input, the samples are over.
            let slot = index > 0 && case.labels[index - 1].facet == Some(Facet::InputSlot);
            let sample = case.labels[index].shares[Component::Examples.index()] >= SAMPLE && !slot;
            if sample
                || matches!(unit.kind, UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn)
            {
                continue;
            }
            let words = case.words_of(index);
            if index > 0 && greets_by_name(case.source.text(), words) {
                continue;
            }
            if let Some(hit) = nothing_else(case, index) {
                report(case, sink, unit.text, unit.text, &PADDING[hit.entry as usize]);
                continue;
            }
            for hit in case.hits[index].iter().filter(|hit| hit.set == Set::Padding).take(MOST) {
                let term = &PADDING[hit.entry as usize];
                let (first, last) = idle::words_that_say_nothing(case.source.text(), words, hit, term.kind);
                let span = words[first].span().cover(words[last].span());
                let allowed = case.settings.words.allows(words, hit.first, hit.last);
                // "As far as you know" bounds what is claimed.
                let far = hit.first > 0 && words[hit.first - 1].lower(case.source.text()) == "far";
                let needed = words[hit.first].lower(case.source.text()) == "whether"
                    && !is_asked(case.source.text(), &words[..hit.first])
                    || idle::is_a_place(case.source.text(), words, hit)
                    || term.short == "to" && stands_in_a_row(case.source.text(), &words[hit.last + 1..]);
                // "Say sorry for the trouble": what the reply is to say.
                let lower = |at: usize| words[at].lower(case.source.text());
                let said = hit.first > 0
                    && matches!(&*lower(hit.first - 1), "say" | "saying" | "write")
                    && matches!(&*lower(hit.first), "sorry" | "apologies" | "thanks" | "thank");
                // "Wrong answers are not obviously silly": how plainly they are.
                let plainly = hit.first > 0
                    && words[hit.first - 1].is(vocabulary::NEGATION)
                    && matches!(&*lower(hit.first), "obviously" | "basically" | "essentially");
                if plainly || allowed || far || needed || said || case.is_quoted(index, span.start()) {
                    continue;
                }
                let rest = words[..hit.first].iter().chain(&words[hit.last + 1..]);
                let alone = rest.into_iter().all(|word| word.is_punctuation());
                let finding = report(case, sink, unit.text, if alone { unit.text } else { span }, term);
                if term.kind == PaddingKind::Intensifier && !alone {
                    finding.fix = praise::toned_down(case.source.text(), words, hit.first, hit.last);
                }
            }
            for (first, last) in case.settings.words.padding(words) {
                let span = words[first].span().cover(words[last].span());
                let message = format!("`{}` adds nothing (a word of the house's list)", case.shown(span));
                let finding = sink.report(span, message, "leave it out");
                finding.fix = cut(case.source.text(), span, "", span.start() == unit.text.start());
            }
        }
    }
}

/// "Hello Zhang Wei, …" amid a prompt: a letter that it holds begins so.
fn greets_by_name(text: &str, words: &[Word]) -> bool {
    const MODELS: [&str; 12] = [
        "ai", "assistant", "bot", "chatbot", "chatgpt", "claude", "copilot", "everyone", "gemini", "gpt",
        "there", "team",
    ];
    let greets = words.first().is_some_and(|word| matches!(&*word.lower(text), "hello" | "hi" | "dear"));
    let names =
        words.iter().skip(1).take_while(|word| word.text(text).starts_with(char::is_uppercase)).count();
    let named = words.iter().skip(1).take(names).all(|word| !MODELS.contains(&&*word.lower(text)));
    greets && names > 0 && named && words.get(names + 1).is_some_and(|word| word.text(text) == ",")
}

/// "Decide whether or not", and not "…, whether or not it rains", which "whether" alone cannot say.
fn is_asked(text: &str, before: &[Word]) -> bool {
    before.last().is_some_and(|word| {
        word.is(vocabulary::VERB | vocabulary::FINITE)
            || matches!(&*word.lower(text), "of" | "on" | "about" | "to" | "you" | "me" | "us" | "question")
    })
}

/// "Put the parts in order to their owner": an order, and no aim.
fn stands_in_a_row(text: &str, after: &[Word]) -> bool {
    after.first().is_some_and(|next| {
        matches!(
            &*next.lower(text),
            "the" | "a" | "an" | "their" | "its" | "your" | "our" | "his" | "her" | "each" | "that" | "these"
        )
    })
}

/// The first of several phrases where a unit holds nothing besides: "Many thanks in advance, you are a star!".
fn nothing_else<'a>(case: &'a Case<'_>, unit: usize) -> Option<&'a Hit> {
    let words = case.words_of(unit);
    if words.len() > LONG_SENTENCE {
        return None;
    }
    let hits = || {
        let polite =
            |kind| matches!(kind, PaddingKind::Pleasantry | PaddingKind::ChatLine | PaddingKind::Filler);
        case.hits[unit]
            .iter()
            .filter(move |hit| hit.set == Set::Padding && polite(PADDING[hit.entry as usize].kind))
    };
    let says = |at: usize| {
        let word = words[at];
        let covered = hits().any(|hit| (hit.first..=hit.last).contains(&at));
        let many = matches!(
            &*word.lower(case.source.text()),
            "many" | "again" | "help" | "helping" | "time" | "effort" | "support" | "assistance" | "patience"
        );
        // "Many thanks, Traudl": the name below is part of the greeting.
        let signed = at + 1 == words.len()
            && at > 1
            && words[at - 1].text(case.source.text()) == ","
            && word.text(case.source.text()).starts_with(char::is_uppercase);
        !(covered
            || signed
            || word.is_punctuation()
            || word.is(vocabulary::STOP | vocabulary::COURTESY)
            || many)
    };
    let first = hits().next().filter(|_| hits().nth(1).is_some() || words.len() > 1)?;
    let quoted = case.is_quoted(unit, words[first.first].start as usize);
    let polite = PADDING[first.entry as usize].kind == PaddingKind::Pleasantry;
    // "Many thanks for your kind help with this!" was read as carrying nothing.
    let idle = first.first == 0
        && case.labels[unit].component.is_none()
        && case.units[unit].kind == UnitKind::Sentence;
    (polite && !quoted && (idle || !(0..words.len()).any(says))).then_some(first)
}

/// How many words may stand before the words by which a line left over from a chat is known.
const AHEAD: usize = 4;

fn report<'a>(
    case: &Case<'_>,
    sink: &'a mut Sink<'_>,
    unit: Span,
    span: Span,
    term: &PaddingTerm,
) -> &'a mut Finding {
    let PaddingTerm { kind, short } = *term;
    let phrase = case.shown(span);
    // "Last ten minutes at least. you're a lifesaver": what stands before it is no line of a chat.
    let ahead = case.source.text()[unit.start()..span.start()].split_whitespace().count();
    let whole = matches!(kind, PaddingKind::ChatLine) && ahead <= AHEAD;
    let place = if whole { unit } else { span };
    let (message, write) = match kind {
        PaddingKind::Filler => (format!("`{phrase}` adds nothing"), "leave it out".to_string()),
        PaddingKind::Pleasantry => {
            (format!("`{phrase}` is politeness that a model does not need"), "leave it out".into())
        }
        PaddingKind::Intensifier => {
            (format!("`{phrase}` only raises the voice"), "leave it out, or say what it should change".into())
        }
        PaddingKind::Inflated => (format!("`{phrase}` is long for `{short}`"), format!("write `{short}`")),
        PaddingKind::ChatLine => ("a line left over from a chat".to_string(), "take the line out".into()),
    };
    let opens = span.start() == unit.start();
    let finding = sink.report(place, message, write);
    if kind != PaddingKind::Intensifier {
        let goes = if whole { unit } else { span };
        // "In terms of the length, keep it short" needs more than the phrase taken out.
        let governs = short.is_empty() && phrase.ends_with(" of") && !idle::softens(&phrase);
        // "The majority of the guests" are "most of the guests".
        let behind = case.source.text()[goes.end()..].trim_start_matches(' ');
        let short = idle::fitted(short, behind);
        // "The reason is that it rains." would be half a sentence.
        // "Can you help me out with a poem": to help with it is the ask.
        let helps =
            short.is_empty() && phrase.to_lowercase().contains("help me") && behind.starts_with("with ");
        let short = if helps { "help me" } else { short };
        let half = opens
            && short == "because"
            && !behind.split(['.', '!', '?']).next().is_some_and(|rest| rest.contains(','));
        // "The accuracy of your answer is crucial, as guests rely on it": the reason alone is no sentence.
        let half = half || opens && short.is_empty() && idle::leaves_half(&phrase, behind);
        // "It is important that you should never promise a day": never promise one.
        let told = short.eq_ignore_ascii_case("make sure that").then(|| never_of_you(behind)).flatten();
        if let Some((length, word)) = told {
            let gap = case.source.text()[goes.end()..].len() - behind.len();
            let all = goes.cover(Span::new(goes.end(), goes.end() + gap + length));
            finding.fix = cut(case.source.text(), all, word, opens);
        } else if !(governs || half || short == "to" && idle::opens_with_a_gerund(behind)) {
            // "As a language model, name the boat": the order behind it opens the sentence then.
            let goes_on =
                if whole { behind.starts_with(char::is_lowercase) } else { goes.end() < unit.end() };
            // "**NEVER, EVER DELETE DATA**" stays in capitals.
            let loud = !phrase.contains(char::is_lowercase) && phrase.contains(char::is_uppercase);
            let written = if loud { short.to_uppercase() } else { short.to_string() };
            finding.fix = cut(case.source.text(), goes, &written, opens && goes_on);
            // "Can you help me with a poem?" becomes an order.
            let asks = ["can you", "could you", "would you", "will you"]
                .iter()
                .any(|lead| phrase.to_lowercase().contains(lead));
            let rest = &case.source.text()[goes.end()..unit.end().max(goes.end())];
            if let Some(at) = rest.find('?').filter(|_| asks && goes_on) {
                let sign = Span::new(goes.end() + at, goes.end() + at + 1);
                finding.fix.push(Edit { span: sign, replacement: ".".into() });
            }
            if short.eq_ignore_ascii_case("make sure that") {
                finding.fix.extend(plainly(case, Span::new(span.end(), unit.end())));
            }
        }
    }
    finding
}

/// "you should never": its length in bytes, and the word that is left of it.
fn never_of_you(behind: &str) -> Option<(usize, &'static str)> {
    ["never", "always"].into_iter().find_map(|word| {
        ["you should ", "you must ", "you "].iter().find_map(|lead| {
            let rest = behind.strip_prefix(lead)?.strip_prefix(word)?;
            rest.starts_with(' ').then_some((lead.len() + word.len(), word))
        })
    })
}

/// "Make sure that every letter should be signed" says it twice: it is signed.
fn plainly(case: &Case<'_>, rest: Span) -> Option<Edit> {
    let text = case.source.text();
    let words = case.words.within(rest);
    let at = words
        .windows(2)
        .position(|pair| pair[0].lower(text) == "should" && pair[1].lower(text) == "be")
        .filter(|at| (1..=SUBJECT).contains(at))?;
    let subject = words[at - 1].lower(text);
    let several = subject.ends_with('s') && !subject.ends_with("ss") || matches!(&*subject, "they" | "these");
    let replacement = if several { "are" } else { "is" };
    Some(Edit { span: words[at].span().cover(words[at + 1].span()), replacement: replacement.into() })
}

/// How many words stand before the verb, with what is cut among them.
const SUBJECT: usize = 16;

/// A sentence of many words that holds several demands.
pub(super) struct RunOn;

static RUN_ON: Meta = Meta {
    id: "run-on",
    family: Family::Wordy,
    severity: Severity::Warning,
    summary: "a sentence of more than 40 words that holds several demands",
    write: "One demand to a sentence.",
    on: true,
    english: true,
    why: "Demands in the middle of a long sentence are the first to be missed.",
    bad: &[
        "So the ferry is late again and the guests keep calling the desk about it and the captain wants a notice at the pier but also a mail to the regulars and you could write a line for the site too and it should say when the next boat goes and how to get money back.",
    ],
    good: &[
        "Write the notice. Name the pier. Say when the next boat goes.",
        "For every crossing list the boat, the pier, the hour of departure, the hour of arrival, the number of guests, the number of cars, the number of bicycles, the captain, the purser, the weather, the sea state, the delay and the reason for the delay, in this order.",
    ],
};

/// Words from which a sentence is long.
const LONG_SENTENCE: usize = 40;
/// Clauses that make it a run-on.
const CLAUSES: usize = 3;

impl Check for RunOn {
    fn meta(&self) -> &'static Meta {
        &RUN_ON
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        for (index, unit) in case.units.iter().enumerate() {
            let prose = matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field);
            let sample = case.labels[index].component == Some(Component::Examples);
            let words = case.words_of(index);
            let count = words.iter().filter(|word| !word.is_punctuation()).count();
            if !prose || sample || count <= case.settings.limits.sentence_words.unwrap_or(LONG_SENTENCE) {
                continue;
            }
            let breaks = clause_breaks(text, words);
            if breaks.len() < CLAUSES {
                continue;
            }
            let message = format!("{count} words and {} clauses in one sentence", breaks.len() + 1);
            let parts: Vec<String> = breaks
                .iter()
                .take(4)
                .map(|&at| {
                    format!(
                        "`{}`",
                        case.shown(words[at].span().cover(words[(at + 3).min(words.len() - 1)].span()))
                    )
                })
                .collect();
            let write = format!("make it several sentences; new ones can begin at {}", parts.join(", "));
            sink.report(unit.text, message, write).fix = split(text, words, &breaks);
        }
    }
}

/// Where a clause with a subject or an order of its own begins behind "and", "but", "so" and the like.
fn clause_breaks(text: &str, words: &[Word]) -> Vec<usize> {
    const JOINS: [&str; 8] = ["and", "but", "so", "then", "also", "because", "or", ";"];
    const SUBJECTS: [&str; 18] = [
        "i", "we", "you", "they", "he", "she", "it", "there", "this", "that", "the", "my", "our", "everyone",
        "nobody", "please", "each", "every",
    ];
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut found = Vec::new();
    let mut quoted = false;
    for at in 1..words.len().saturating_sub(2) {
        if words[at].is(vocabulary::QUOTE) {
            quoted = !quoted;
        }
        let joins = JOINS.contains(&&*lower(at));
        if quoted || !joins {
            continue;
        }
        let next = lower(at + 1);
        // "And links should be written out".
        let noun = words[at + 2].is(vocabulary::MODAL) && !words[at + 1].is_punctuation();
        let subject = noun || SUBJECTS.contains(&&*next);
        // "the bins and the gym": a noun joined to a noun has no verb behind it.
        let verb_near = (at + 2..(at + 6).min(words.len()))
            .any(|at| words[at].is(vocabulary::VERB | vocabulary::MODAL) || FINITE.contains(&&*lower(at)));
        let order = words[at + 1].is(vocabulary::VERB) && !words[at - 1].is(vocabulary::PUNCTUATION)
            || words[at + 1].is(vocabulary::VERB) && lower(at - 1) == ",";
        let spaced = found.last().is_none_or(|last| at > last + 3);
        if spaced && (subject && verb_near || order) {
            found.push(at);
        }
    }
    found
}

/// Full stops in place of the joins where both sides surely stand as sentences of their own.
fn split(text: &str, words: &[Word], breaks: &[usize]) -> Vec<Edit> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut edits = Vec::new();
    let mut from = 0;
    // Counted once, since each break looks at all that stands before it.
    let plain = Tally::new(words, |at| i32::from(!words[at].is_punctuation()));
    let brackets = Tally::new(words, |at| match words[at].text(text).as_bytes()[0] {
        b'(' | b'[' => 1,
        b')' | b']' => -1,
        _ => 0,
    });
    // "Where to sleep" and "what to eat" name things.
    let names = |at: usize| lower(at + 1) == "to";
    let conditions = Tally::new(words, |at| i32::from(words[at].is(vocabulary::CONDITION) && !names(at)));
    let leans = Tally::new(words, |at| i32::from(HANGING.contains(&&*lower(at)) && !names(at)));
    for (nth, &at) in breaks.iter().enumerate() {
        let until = breaks.get(nth + 1).copied().unwrap_or(words.len());
        // "If it rains and you are late, …": one clause hangs on another.
        let join = lower(at);
        let then = lower(at + 1) == "then";
        let first = if then { at + 2 } else { at + 1 };
        let Some(next) = words.get(first) else { continue };
        // ", so make a plan": an order behind a comma begins anew whatever reason stands before.
        // "And please rank them", "and give me a summary" are orders whatever stands before.
        let asks = next.lower(text) == "please"
            || next.is(vocabulary::VERB) && matches!(&*lower(first + 1), "me" | "us");
        let fresh = asks || next.is(vocabulary::VERB) && (lower(at - 1) == "," || join == "so");
        let hangs = brackets.sum(from, at) > 0
            || !asks && conditions.sum(from, at) > 0
            || !fresh && leans.sum(from, at) > 0;
        // "And the owner wants a letter" has a subject and a verb.
        let told = next.lower(text) == "the"
            && words[first + 1..].iter().take(3).any(|word| FINITE.contains(&&*word.lower(text)));
        let speaks = matches!(&*next.lower(text), "i" | "we" | "you" | "please" | "it" | "there" | "they")
            || next.is(vocabulary::VERB)
            || told;
        // "So make a plan" is an order without its "so".
        let kept = matches!(&*join, "but" | "also") || join == "so" && !next.is(vocabulary::VERB);
        if !matches!(&*join, "and" | "but" | "so" | ";" | "also")
            || hangs
            || !speaks
            || plain.sum(from, at) < 3
            || plain.sum(at + 1, until) < 3
        {
            continue;
        }
        let comma = lower(at - 1) == ",";
        let start = words[if comma { at - 2 } else { at - 1 }].end as usize;
        // "And please also rank them": rank them.
        let polite = usize::from(lower(at + 1) == "please");
        let polite = polite + usize::from(polite > 0 && lower(at + 2) == "also");
        let order = words.get(at + 1 + polite).filter(|word| polite > 0 && word.is(vocabulary::VERB));
        let opening = if kept { words[at] } else { *order.unwrap_or(&words[at + 1]) };
        let mut capital = opening.text(text).to_string();
        if let Some(sign) = capital.get_mut(..1) {
            sign.make_ascii_uppercase();
        }
        edits
            .push(Edit { span: Span::new(start, opening.end as usize), replacement: format!(". {capital}") });
        from = at + 1;
    }
    edits
}

/// Words that hang what follows on what stands before.
const HANGING: [&str; 14] = [
    "because", "that", "which", "who", "whose", "while", "whether", "since", "although", "though", "as",
    "how", "what", "between",
];

/// Sums over stretches of a run of words.
struct Tally(Vec<i32>);

impl Tally {
    fn new(words: &[Word], worth: impl Fn(usize) -> i32) -> Tally {
        let mut sums = vec![0];
        sums.extend((0..words.len()).scan(0, |sum, at| {
            *sum += worth(at);
            Some(*sum)
        }));
        Tally(sums)
    }

    /// The sum from one word up to another, which is left out.
    fn sum(&self, from: usize, to: usize) -> i32 {
        self.0[to] - self.0[from]
    }
}

/// Verbs that show that a clause has a subject.
const FINITE: [&str; 14] = [
    "is", "are", "was", "were", "has", "have", "had", "wants", "want", "do", "does", "don't", "says", "keep",
];

/// Sentences far beyond the house's limit of reading level.
pub(super) struct HardReading;

static HARD: Meta = Meta {
    id: "hard-reading",
    family: Family::Wordy,
    severity: Severity::Note,
    summary: "a reading level far above the limit of the house",
    write: "Short sentences and everyday words.",
    on: true,
    english: true,
    why: "Long words and sentences cost tokens, and people who keep the prompt misread them first.",
    bad: &[
        "Write a comprehensive characterisation of operational considerations necessitating precautionary cancellation. Describe meteorological developments immediately preceding extraordinary interruptions. Classify contributory circumstances according to regulatory obligations concerning reimbursement. Identify disadvantaged passengers preferentially.",
    ],
    good: &["Write the notice. Name the pier. Say when the next boat goes."],
};

impl Check for HardReading {
    fn meta(&self) -> &'static Meta {
        &HARD
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let Some(limit) = case.settings.limits.reading_grade else { return };
        let prose: Vec<usize> = case
            .demands()
            .filter(|&unit| !matches!(case.units[unit].kind, UnitKind::Code | UnitKind::Table))
            .collect();
        let grade = crate::reading::grade(prose.iter().map(|&unit| case.text(case.units[unit].text)));
        let (Some(grade), Some(&first), Some(&last)) = (grade, prose.first(), prose.last()) else { return };
        if grade > f64::from(limit) {
            let span = case.units[first].text.cover(case.units[last].text);
            let message = format!("the rules read at grade {grade:.0}; the house allows {limit}");
            sink.report(span, message, "use shorter sentences and everyday words");
        }
    }
}
