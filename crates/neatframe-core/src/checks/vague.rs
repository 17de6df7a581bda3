//! Words that two careful readers would carry out differently.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::{Hit, Set, VAGUE, VagueKind, vocabulary};
use crate::outline::PieceKind;
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// An unmeasured quality, an amount with no number, a decision left open, an open end.
pub(super) struct UnmeasuredWording;

static META: Meta = Meta {
    id: "unmeasured-wording",
    family: Family::Vague,
    severity: Severity::Warning,
    summary: "words that two readers would carry out differently",
    write: "A number, a name, a sample, or the words that you want to see: \"at most 60 words\", not \"short\".",
    on: true,
    english: true,
    why: "The model settles for the most common reading, which is rarely yours.",
    bad: &[
        "Write a nice notice for the quay.",
        "List the delays, the causes, etc.",
        "Add a photo when appropriate.",
        "Keep the notice short.",
        "Write something useful for the crew.",
    ],
    good: &[
        "Keep the notice short: at most 60 words.",
        "Write a friendly notice, for example \"Hop on, there is room\".",
        "Begin with the words \"Nice to see you\".",
        "List the delays and the causes.",
        "Answer well within the limit, as well as the follow-up.",
    ],
};

/// The most words of one unit that are looked at.
const MOST: usize = 12;

impl Check for UnmeasuredWording {
    fn meta(&self) -> &'static Meta {
        &META
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let length_stated = case.requirements.iter().any(states_length);
        let asks: Vec<usize> = case.demands().collect();
        let eligible = |unit: &usize| {
            !case.repeats.contains_key(unit)
                && (asks.binary_search(unit).is_ok() || orders_in_passing(case, *unit))
        };
        for unit in (0..case.units.len()).filter(eligible) {
            let words = case.words_of(unit);
            let vague: Vec<&Hit> = case.hits[unit]
                .iter()
                .filter(|hit| hit.set == Set::Vague && VAGUE[hit.entry as usize].kind != VagueKind::Plain)
                .take(MOST)
                .filter(|hit| {
                    let padded = |other: &Hit| {
                        matches!(other.set, Set::Padding | Set::Hedge)
                            && other.first <= hit.last
                            && hit.first <= other.last
                    };
                    !case.is_quoted(unit, words[hit.first].start as usize)
                        && !in_a_slot(case, words[hit.first].start as usize)
                        && !case.hits[unit].iter().any(padded)
                        && (!presses(case, words, hit) || !case.hits[unit].iter().any(is_padding))
                        && !case.settings.words.allows(words, hit.first, hit.last)
                        && !is_pinned(case, unit, words, hit, length_stated)
                })
                .collect();
            for (first, last) in case.settings.words.vague(words) {
                let span = words[first].span().cover(words[last].span());
                let message = format!("`{}` is on the house's list of vague words", case.shown(span));
                sink.report(span, message, "give a number, a name or a sample");
            }
            let Some(first) = vague.first() else { continue };
            let span = |hit: &Hit| words[hit.first].span().cover(words[hit.last].span());
            let named: Vec<String> = vague.iter().map(|hit| format!("`{}`", case.shown(span(hit)))).collect();
            let verb = if named.len() == 1 { "leaves" } else { "leave" };
            let message =
                format!("{} {verb} {}", join(&named), VAGUE[first.entry as usize].kind.leaves_open());
            let whole =
                vague.iter().map(|hit| span(hit)).reduce(Span::cover).unwrap_or(case.units[unit].text);
            sink.report(whole, message, VAGUE[first.entry as usize].write);
        }
    }
}

/// "{your short reasoning}": what the model is to write there.
fn in_a_slot(case: &Case<'_>, at: usize) -> bool {
    let after = case.slots.partition_point(|slot| slot.span.end() <= at);
    case.slots.get(after).is_some_and(|slot| slot.span.start() < at)
}

fn is_padding(hit: &Hit) -> bool {
    hit.set == Set::Padding
}

/// "Be absolutely sure to carefully check": one more word of the same pressing.
fn presses(case: &Case<'_>, words: &[Word], hit: &Hit) -> bool {
    let lower = words[hit.first].lower(case.source.text());
    hit.first == hit.last && matches!(&*lower, "carefully" | "thoroughly" | "properly" | "diligently")
}

/// Background that holds an order as well: "so make a plan and keep it cheap", "and now you answer it".
fn orders_in_passing(case: &Case<'_>, unit: usize) -> bool {
    let prose = matches!(case.units[unit].kind, UnitKind::Sentence | UnitKind::Item { .. } | UnitKind::Field);
    if !prose || case.labels[unit].component != Some(Component::Context) {
        return false;
    }
    let text = case.source.text();
    let words = case.words_of(unit);
    words.windows(2).enumerate().any(|(at, pair)| {
        let leads = matches!(&*pair[0].lower(text), "so" | "and" | "please" | "now" | "then");
        let verb =
            pair[1].is(vocabulary::VERB) && !pair[1].is(vocabulary::STOP) || pair[1].lower(text) == "do";
        let object = words.get(at + 2).is_some_and(|next| {
            matches!(&*next.lower(text), "it" | "a" | "an" | "the" | "this" | "them" | "me" | "us")
        });
        let you = pair[0].lower(text) == "you" && words[..at].iter().any(|word| word.lower(text) == "now");
        (leads || you) && verb && object
    })
}

/// An ask about something that is nowhere.
pub(super) struct NoReferent;

static REFERENT: Meta = Meta {
    id: "no-referent",
    family: Family::Vague,
    severity: Severity::Warning,
    summary: "an ask about `it` or `this` with nothing that it could be",
    write: "The material itself, or a slot: \"Shorten the text below: {{text}}\".",
    on: true,
    english: true,
    why: "With nothing to work on, the model asks back, or makes something up.",
    bad: &["Make it shorter.", "Can you fix this?"],
    good: &[
        "Make it shorter.\n\n{{text}}",
        "We wrote a notice about the winter timetable. Make it shorter: at most 60 words.",
        "Shorten this: the ferry is late because of the fog on the sound.",
    ],
};

/// Words from which a prompt holds something that `it` can mean.
const MATERIAL: usize = 14;

impl Check for NoReferent {
    fn meta(&self) -> &'static Meta {
        &REFERENT
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        let words: Vec<&Word> = case.words.all().iter().filter(|word| !word.is_punctuation()).collect();
        let alone = words.len() < MATERIAL
            && case.slots.is_empty()
            && case.layers.is_empty()
            && case.source.messages().is_empty();
        let held = case.units.iter().any(|unit| !matches!(unit.kind, UnitKind::Sentence))
            || text.contains([':', '"', '`', '“']);
        if !alone || held {
            return;
        }
        let pointer = words.iter().take(6).find(|word| {
            let lower = word.lower(text);
            ["it", "this", "these", "them"].contains(&&*lower)
        });
        let before = pointer.map(|word| words.iter().filter(|other| other.start < word.start));
        let bare = before.is_some_and(|mut before| {
            before.all(|word| word.is(vocabulary::VERB | vocabulary::STOP | vocabulary::COURTESY))
        });
        // "this notice" names the thing; "this" alone does not.
        let alone = pointer.is_some_and(|word| {
            let next = words.iter().find(|other| other.start > word.start);
            word.lower(text) != "this" || next.is_none_or(|next| next.is(vocabulary::STOP))
        });
        if let Some(word) = pointer.filter(|_| bare && alone) {
            let message = format!("`{}` has nothing to stand for", word.text(text));
            sink.report(
                word.span(),
                message,
                "put the material in, or a slot such as `{{text}}`, and name it",
            );
        }
    }
}

impl VagueKind {
    fn leaves_open(self) -> &'static str {
        match self {
            VagueKind::Quality => "the standard open",
            VagueKind::Quantity => "the amount open",
            VagueKind::Length => "the length open",
            VagueKind::Deferral => "the decision open",
            VagueKind::OpenEnd => "the list open",
            VagueKind::Bare | VagueKind::Plain => "open what is meant",
        }
    }
}

fn join(named: &[String]) -> String {
    match named {
        [] => String::new(),
        [one] => one.clone(),
        [head @ .., last] => format!("{} and {last}", head.join(", ")),
    }
}

/// True when a requirement says how long the reply is.
fn states_length(rule: &Requirement) -> bool {
    matches!(rule.subject, Subject::Reply | Subject::Unstated)
        && matches!(&rule.demand, Demand::Amount { measure, .. } if !matches!(measure, Measure::Items(_)))
}

/// True when something near says what the term means here.
fn is_pinned(case: &Case<'_>, unit: usize, words: &[Word], hit: &Hit, length_stated: bool) -> bool {
    let kind = VAGUE[hit.entry as usize].kind;
    let after = &words[hit.last + 1..];
    let text = case.source.text();
    let number = words.iter().any(|word| word.is_number());
    let conditional = words[..hit.first].iter().any(|word| word.is(vocabulary::CONDITION));
    // "short (under 800 metres)", "good: it names the pier", "friendly, for example ...", "which means".
    let explained =
        after.iter().take(4).any(|word| matches!(word.text(text), ":" | "(" | "“" | "\"" | "–" | "—"))
            || after.iter().any(|word| {
                matches!(
                    word.text(text).to_ascii_lowercase().as_str(),
                    "example"
                        | "e.g"
                        | "i.e"
                        | "means"
                        | "meaning"
                        | "namely"
                        | "instance"
                        | "such"
                        | "like"
                        | "than"
                )
            });
    match kind {
        VagueKind::Plain => true,
        _ if names_a_value(text, words, hit) || is_defined(text, words, hit) => true,
        VagueKind::Quality if paired_with_plain(text, words, hit) => true,
        VagueKind::OpenEnd => after_samples(text, words, hit),
        VagueKind::Quality | VagueKind::Length if describes_the_persona(case, unit, hit) => true,
        VagueKind::Quantity if as_few_as_needed(text, words, hit) => true,
        VagueKind::Quantity => number || conditional || explained || counted_elsewhere(case, words, hit),
        VagueKind::Quality if asks_for_depth(text, words, hit) && measured(words) => true,
        // "Ask for both, so that the call is short" gives the reason.
        VagueKind::Length
            if words[..hit.first]
                .windows(2)
                .any(|pair| pair[0].lower(text) == "so" && pair[1].lower(text) == "that") =>
        {
            true
        }
        VagueKind::Length => number || conditional || length_stated || explained,
        VagueKind::Quality if names_a_tone(case, unit) => true,
        VagueKind::Quality => explained || (conditional && !is_rule_of_style(case, unit)),
        VagueKind::Deferral => explained || after.first().is_some_and(|word| word.is(vocabulary::CONDITION)),
        VagueKind::Bare => explained,
    }
}

/// "In depth, in at least 300 words": the number says how deep.
fn asks_for_depth(text: &str, words: &[Word], hit: &Hit) -> bool {
    let last = words[hit.last].lower(text);
    matches!(&*last, "depth" | "detail" | "detailed" | "thorough" | "thoroughly" | "comprehensive")
}

fn measured(words: &[Word]) -> bool {
    words.windows(2).any(|pair| pair[0].is_number() && pair[1].is(vocabulary::MEASURE))
}

/// How many requirements are looked at for the count of a thing.
const RULES: usize = 200;

/// "Come up with some names. Give ten names.": the count of the things stands in another rule.
fn counted_elsewhere(case: &Case<'_>, words: &[Word], hit: &Hit) -> bool {
    let thing = words[hit.last].lower(case.source.text());
    case.requirements.iter().take(RULES).any(|rule| {
        matches!(&rule.demand, Demand::Amount { measure: Measure::Items(things), .. } if *things == thing)
    })
}

/// `New, Better, Fixed`, "three steps: low, fair, good": the word is a value or a title and asks for nothing.
fn names_a_value(text: &str, words: &[Word], hit: &Hit) -> bool {
    let (first, last) = (words[hit.first], words[hit.last]);
    let lower = |at: Option<usize>| at.and_then(|at| words.get(at)).map(|word| word.lower(text));
    let capital = hit.first > 0
        && first.text(text).starts_with(char::is_uppercase)
        && first.text(text).chars().any(char::is_lowercase)
        && !words[hit.first - 1].is(vocabulary::STOP_MARK | vocabulary::QUOTE);
    let comma = |at: Option<usize>| lower(at).is_some_and(|word| word == ",");
    // "fast: under 300 crowns" says what the name stands for.
    let label = hit.first == 0 && lower(Some(hit.last + 1)).is_some_and(|word| word == ":");
    let colon = words[..hit.first].iter().any(|word| word.text(text) == ":");
    let ends = words.get(hit.last + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    // A list of single words behind a colon: "low, fair, good".
    let listed = colon
        && comma(hit.first.checked_sub(1))
        && comma(hit.first.checked_sub(3))
        && (ends || comma(Some(hit.last + 1)));
    // "One of good, fair, poor" and "is it good, fair or poor".
    let of = |at: usize| at > 1 && matches!(&*words[at - 1].lower(text), "of" | "as" | "is" | "are");
    let opens_list = of(hit.first)
        && comma(Some(hit.last + 1))
        && words
            .get(hit.last + 3)
            .is_some_and(|next| next.is_punctuation() || matches!(&*next.lower(text), "or" | "and"));
    // "Longer is not better" and "good with children" ask for no length and no standard.
    // "400 words would be good" is a wish.
    let wished = hit.first >= 2
        && lower(Some(hit.first - 1)).is_some_and(|word| word == "be")
        && lower(Some(hit.first - 2)).is_some_and(|word| word == "would");
    let denied = lower(Some(hit.last + 1)).is_some_and(|word| word == "is" || word == "are")
        && lower(Some(hit.last + 2)).is_some_and(|word| word == "not" || word == "no");
    // "A well-informed reader", "saying that a question was great".
    let joined = last.lower(text) == "well" && text[last.end as usize..].starts_with('-');
    let near = &words[hit.first.saturating_sub(6)..hit.first];
    let said = near.iter().any(|word| word.lower(text) == "saying");
    let skilled = last.lower(text) == "good"
        && lower(Some(hit.last + 1)).is_some_and(|word| word == "with" || word == "at");
    // "From a fresh start", "which of the two is better", "the better prompt", "what a good reply has to do".
    let before = lower(hit.first.checked_sub(1));
    let named = match &*first.lower(text) {
        "fresh" => lower(Some(hit.last + 1)).is_some_and(|word| word == "start"),
        "better" | "best" => {
            before.as_deref() == Some("the")
                || words[..hit.first].iter().any(|word| word.lower(text) == "which")
        }
        "good" => words[..hit.first].iter().any(|word| word.lower(text) == "what"),
        // "You will see several pages" tells what comes in.
        _ => {
            words.first().is_some_and(|word| word.is(vocabulary::PERSON))
                && words.iter().take(4).any(|word| word.is(vocabulary::RECEIVING))
        }
    };
    label
        || capital && ends_with_sign(words, hit)
        || listed
        || opens_list
        || denied
        || wished
        || joined
        || said
        || skilled
        || named
}

/// "A good inspection takes under 15 minutes": the sentence says what is good.
fn is_defined(text: &str, words: &[Word], hit: &Hit) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let subject = hit.first == 1 && lower(0).is_some_and(|word| matches!(&*word, "a" | "an" | "the"));
    let says = |word: &Word| {
        matches!(
            &*word.lower(text),
            "is" | "are" | "takes" | "has" | "names" | "holds" | "means" | "gives" | "needs"
        )
    };
    subject && words.len() > hit.last + 5 && words[hit.last + 2..].iter().take(2).any(says)
}

/// "Friendly and plain": a tone of two words, one of which is clear.
fn paired_with_plain(text: &str, words: &[Word], hit: &Hit) -> bool {
    let joined = |and: usize, other: Option<usize>| {
        words.get(and).is_some_and(|word| matches!(&*word.lower(text), "and" | ","))
            && other.and_then(|at| words.get(at)).is_some_and(|word| {
                matches!(
                    &*word.lower(text),
                    "plain" | "dry" | "calm" | "direct" | "sober" | "neutral" | "blunt"
                )
            })
    };
    let tone = matches!(&*words[hit.first].lower(text), "friendly" | "warm" | "polite" | "kind" | "formal");
    tone && joined(hit.last + 1, Some(hit.last + 2))
        || tone && hit.first > 0 && joined(hit.first - 1, hit.first.checked_sub(2))
}

/// "As few lines as the fix needs".
fn as_few_as_needed(text: &str, words: &[Word], hit: &Hit) -> bool {
    let is_as = |word: &Word| word.lower(text) == "as";
    let after = &words[hit.last + 1..];
    let again = after.iter().take(4).position(is_as);
    hit.first > 0
        && is_as(&words[hit.first - 1])
        && again.is_some_and(|at| {
            at > 0
                && after.get(at + 1).is_some_and(|next| {
                    !matches!(&*next.lower(text), "possible" | "you" | "needed" | "necessary")
                })
        })
}

/// True when a comma or the end stands behind a hit.
fn ends_with_sign(words: &[Word], hit: &Hit) -> bool {
    words.get(hit.last + 1).is_none_or(|word| word.is_punctuation())
        || words.get(hit.last + 1).is_some_and(|word| word.is(vocabulary::STOP))
}

/// `"it", "they" and the like`: two quoted samples say what the list is about.
fn after_samples(text: &str, words: &[Word], hit: &Hit) -> bool {
    let quotes = words[..hit.first].iter().filter(|word| word.is(vocabulary::QUOTE)).count();
    quotes >= 4 && words[hit.first].lower(text) != "etc"
}

/// `Tone: plain and friendly`: a tone is named by such words, and by nothing else.
fn names_a_tone(case: &Case<'_>, unit: usize) -> bool {
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    let label = case.text(piece.lead).to_lowercase();
    let tells = |title: &str| {
        ["tone", "voice", "style", "manner", "register", "mood"].iter().any(|word| title.contains(word))
    };
    piece.kind == PieceKind::Field && tells(&label)
}

/// "You are a helpful assistant": whom the model plays, not what it is to do.
fn describes_the_persona(case: &Case<'_>, unit: usize, hit: &Hit) -> bool {
    const REACH: usize = 7;
    let opens = case.words_of(unit).iter().take(3).any(|word| {
        ["you", "act", "as", "you're"]
            .iter()
            .any(|known| word.text(case.source.text()).eq_ignore_ascii_case(known))
    });
    // "Nurse with long experience": a persona without a verb.
    let bare = !case
        .words_of(unit)
        .iter()
        .any(|word| word.is(vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL));
    let opens = opens || bare;
    // "You are the greatest, most gifted clerk": still one phrase.
    let comma = case.words_of(unit)[..hit.first].iter().position(|word| word.is_punctuation());
    let words = case.words_of(unit);
    let goes_on = words.get(hit.last + 1).is_some_and(|next| !next.is_punctuation());
    let one_phrase = comma.is_none_or(|comma| hit.first - comma <= 2 && goes_on);
    one_phrase
        && case.labels[unit].component == Some(Component::Role)
        && hit.first <= REACH
        && opens
        && !case.labels[unit].serves(Component::Task)
}

fn is_rule_of_style(case: &Case<'_>, unit: usize) -> bool {
    case.labels[unit].facet == Some(crate::component::Facet::Tone)
}
