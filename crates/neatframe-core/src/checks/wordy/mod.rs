//! Words that carry nothing.

mod courtesy;
mod idle;
mod praise;
mod run_on;

use super::{Case, Check, Meta, Sink, cut};
use crate::component::{Component, Facet};
use crate::edit::Edit;
use crate::finding::{Family, Finding, Severity};
use crate::lexicon::{Hit, PADDING, PaddingKind, PaddingTerm, Set, vocabulary};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

pub(super) use courtesy::Courtesy;
use run_on::LONG_SENTENCE;
pub(super) use run_on::RunOn;
pub(crate) use run_on::parted;

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
                // "The best mug in the world" is what the text says of the mug.
                let of_a_thing = term.kind == PaddingKind::Intensifier
                    && lower(hit.first) == "the"
                    && lower(hit.last) == "world"
                    && !case.labels[index].serves(Component::Role)
                    && !words.iter().any(|word| {
                        matches!(&*word.lower(case.source.text()), "you" | "you're" | "act" | "as")
                    });
                if of_a_thing
                    || plainly
                    || allowed
                    || far
                    || needed
                    || said
                    || case.is_quoted(index, span.start())
                {
                    continue;
                }
                let rest = words[..hit.first].iter().chain(&words[hit.last + 1..]);
                let alone = rest.into_iter().all(|word| word.is_punctuation());
                let finding = report(case, sink, unit.text, if alone { unit.text } else { span }, term);
                if term.kind == PaddingKind::Intensifier && !alone {
                    finding.fix = praise::toned_down(case.source.text(), words, first, last);
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
