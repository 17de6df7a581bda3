//! Words that two careful readers would carry out differently.

mod ordered;
mod pinned;
mod standing;

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::{Hit, PADDING, PaddingKind, Set, VAGUE, VagueKind, vocabulary};
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use ordered::stands_before_what_is_ordered;
use pinned::is_pinned;

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
        "If a guest asks about the fog, give a brief answer.",
        "Include relevant figures.",
        "Compare the two slips of the day and then give a short explanation.",
    ],
    good: &[
        "Keep the notice short: at most 60 words.",
        "Write a friendly notice, for example \"Hop on, there is room\".",
        "Begin with the words \"Nice to see you\".",
        "If the weather is nice, name the open deck. State why the order was good.",
        "Say in two short sentences when the boat sails.",
        "Open the relevant log. Take the relevant facts for the question from it.",
        "List the delays and the causes.",
        "Answer well within the limit, as well as the follow-up.",
        "Grade the notes. Decide whether each note names the pier correctly. Was the tool used properly?",
        "Grade the notes.\n0-3: hardly useful\n4-5: highly relevant",
        "Name the signs (arrows, numbers, etc.) on the quay. You may ask again if needed.",
        "You can make several changes at once. Never say \"I cannot tell\" or similar words.",
        "Set a multiple-choice test on better-known piers, with the rules, hours etc. that are in the handbook.",
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
                && !is_a_comment(case, *unit)
                && !is_left_open(case.text(case.units[*unit].text))
                && (asks.binary_search(unit).is_ok() || orders_in_passing(case, *unit))
        };
        for unit in (0..case.units.len()).filter(eligible) {
            let words = case.words_of(unit);
            let vague: Vec<&Hit> = case.hits[unit]
                .iter()
                .filter(|hit| hit.set == Set::Vague && VAGUE[hit.entry as usize].kind != VagueKind::Plain)
                .take(MOST)
                .filter(|hit| {
                    // "Try to be constructive": the hedge and the quality share no more than "to be".
                    let padded = |other: &Hit| {
                        other.first <= hit.last
                            && match other.set {
                                // Without its "really really" the engaging tone is as open as before.
                                Set::Padding => {
                                    let kind = PADDING[other.entry as usize].kind;
                                    hit.first <= other.last
                                        && !(kind == PaddingKind::Intensifier && other.last < hit.last)
                                }
                                Set::Hedge => hit.last <= other.last,
                                _ => false,
                            }
                    };
                    !case.is_quoted(unit, words[hit.first].start as usize)
                        && !in_a_slot(case, words[hit.first].start as usize)
                        && !tells_of_a_level(line_before(case, words[hit.first]))
                        && !is_of_a_name(case.source.text(), words, hit)
                        && !case.hits[unit].iter().any(padded)
                        && (!presses(case, words, hit) || !case.hits[unit].iter().any(is_padding))
                        && !case.settings.words.allows(words, hit.first, hit.last)
                        && !is_idle(case, unit, words, hit)
                        && !is_pinned(case, unit, words, hit, length_stated)
                })
                .collect();
            for (first, last) in case.settings.words.vague(words) {
                let span = words[first].span().cover(words[last].span());
                let message = format!("`{}` is on the house's list of vague words", case.shown(span));
                sink.report(span, message, "give a number, a name or a sample");
            }
            if vague.is_empty() {
                continue;
            }
            // "And be concrete" is told as "be concrete".
            let joined = |hit: &Hit| {
                let first = words[hit.first].lower(case.source.text());
                hit.first < hit.last
                    && matches!(&*first, "and" | ",")
                    && words[hit.first + 1].lower(case.source.text()) != "so"
            };
            let span =
                |hit: &Hit| words[hit.first + usize::from(joined(hit))].span().cover(words[hit.last].span());
            let groups = by_kind(&vague);
            let told: Vec<String> = groups
                .iter()
                .enumerate()
                .map(|(at, (kind, hits))| {
                    let named: Vec<String> =
                        hits.iter().map(|hit| format!("`{}`", case.shown(span(hit)))).collect();
                    let verb = match (at, named.len()) {
                        (0, 1) => " leaves",
                        (0, _) => " leave",
                        _ => "",
                    };
                    format!("{}{verb} {}", join(&named), kind.leaves_open())
                })
                .collect();
            let whole =
                vague.iter().map(|hit| span(hit)).reduce(Span::cover).unwrap_or(case.units[unit].text);
            // What most of them lack is what to write; of as many, what the first one lacks.
            let most = groups.iter().rev().max_by_key(|(_, hits)| hits.len());
            let write = most.map_or("", |(_, hits)| VAGUE[hits[0].entry as usize].write);
            sink.report(whole, told.join("; "), write);
        }
    }
}

/// The line that a word stands in, up to that word: `5: It is a full answer. It is well organised.` is about one level.
fn line_before<'a>(case: &'a Case<'_>, word: Word) -> &'a str {
    let at = word.span().start();
    case.source.text()[case.source.line_around(at).start()..at].trim_start()
}

/// `...why the boat is late...`: what is to be written there.
fn is_left_open(text: &str) -> bool {
    ["...", "…"].iter().any(|dots| text.starts_with(dots) && text.ends_with(dots))
}

/// `**0.4 - 0.6**: the reply misses key points`: what a level stands for is weighed by the one who grades.
fn tells_of_a_level(line: &str) -> bool {
    let line = line.trim_start_matches(['*', '-', ' ', '(', '[']);
    let figures =
        line.trim_start_matches(|c: char| c.is_ascii_digit() || matches!(c, '.' | '-' | '–' | ' ' | '%'));
    let opens = line.starts_with(|c: char| c.is_ascii_digit());
    opens && figures.trim_start_matches(['*', ')', ']', ' ']).starts_with([':', '='])
}

/// "The Premium Fare Card": a word of a name.
fn is_of_a_name(text: &str, words: &[Word], hit: &Hit) -> bool {
    let large = |at: usize| {
        words.get(at).is_some_and(|word| {
            let own = word.text(text);
            own.starts_with(char::is_uppercase) && own.contains(char::is_lowercase)
        })
    };
    hit.first == hit.last
        && hit.first > 0
        && large(hit.first)
        && large(hit.first + 1)
        && !large(hit.first - 1)
}

/// The hits by what they leave open, in the order in which each kind comes first.
fn by_kind<'a>(hits: &[&'a Hit]) -> Vec<(VagueKind, Vec<&'a Hit>)> {
    let mut groups: Vec<(VagueKind, Vec<&Hit>)> = Vec::new();
    for hit in hits {
        let kind = VAGUE[hit.entry as usize].kind.counted_as();
        match groups.iter_mut().find(|(known, _)| *known == kind) {
            Some((_, group)) => group.push(hit),
            None => groups.push((kind, vec![hit])),
        }
    }
    groups
}

/// `<!-- more rows as needed -->` in a template of the answer.
fn is_a_comment(case: &Case<'_>, unit: usize) -> bool {
    case.text(case.units[unit].text).starts_with("<!--")
}

/// "{your short reasoning}": what the model is to write there.
fn in_a_slot(case: &Case<'_>, at: usize) -> bool {
    let after = case.slots.partition_point(|slot| slot.span.end() <= at);
    case.slots.get(after).is_some_and(|slot| slot.span.start() < at)
}

/// "The practical exam": a quality that nobody asks for.
fn is_idle(case: &Case<'_>, unit: usize, words: &[Word], hit: &Hit) -> bool {
    let kind = case.units[unit].kind;
    VAGUE[hit.entry as usize].kind == VagueKind::Attribute
        && !stands_before_what_is_ordered(case.source.text(), kind, words, &case.hits[unit], hit)
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
        // "There is little room, so be brief".
        let be = pair[0].lower(text) == "so" && pair[1].lower(text) == "be";
        be || (leads || you) && verb && object
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
        let said = case.words.all().iter().filter(|word| !word.is_punctuation());
        let words: Vec<&Word> = said.take(MATERIAL).collect();
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
    /// The kind whose rules hold for a word that was found to leave something open.
    fn counted_as(self) -> VagueKind {
        if self == VagueKind::Attribute { VagueKind::Quality } else { self }
    }

    fn leaves_open(self) -> &'static str {
        match self {
            VagueKind::Quality | VagueKind::Attribute => "the standard open",
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
