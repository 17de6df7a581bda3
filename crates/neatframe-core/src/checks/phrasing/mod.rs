//! Prohibitions that leave open what to do, and orders put as wishes.

mod wishes;

use super::{Case, Check, Meta, Sink, cut};
use crate::component::{Component, Facet};
use crate::counterparts;
use crate::finding::{Family, Severity};
use crate::lexicon::{BANS, HEDGES, Hit, Set, vocabulary};
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// A prohibition of manner with no word on what to do instead.
pub(super) struct BareProhibition;

static BARE: Meta = Meta {
    id: "bare-prohibition",
    family: Family::Phrasing,
    severity: Severity::Warning,
    summary: "a prohibition of manner that does not say what to do instead",
    write: "What to do instead: \"Write as you would speak to a neighbour\" for \"Don't be robotic\".",
    on: true,
    english: true,
    why: "A model that knows only what to avoid falls back on its default, which is often a neighbour of what was forbidden.",
    bad: &[
        "Write the notice. Don't be robotic.",
        "Write the notice. No clichés.",
        "- Write the notice\n- Do not sound like a brochure",
    ],
    good: &[
        "Write the notice. Don't be robotic: write as you would speak to a neighbour at the quay.",
        "Write the notice. Never ask for card numbers.",
        "Write the notice. Use plain words instead of jargon.",
        "Write the notice. No clichés; name the pier, the hour and the boat instead.",
        "Begin with \"No clichés\".",
        "Write the notice. Never forget the name of the pier. The title must not be empty.",
        "Search the files. Some of the drives could not be searched.",
        "Grade the notes. If nothing is wrong, just say something kind (but don't overdo it).",
        "Avoid vague words and focus on the facts. Never use phrases like 'how may I help?', they put guests off.",
    ],
};

impl Check for BareProhibition {
    fn meta(&self) -> &'static Meta {
        &BARE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for unit in case.demands() {
            let words = case.words_of(unit);
            let mut bans = case.hits[unit].iter().filter(|hit| hit.set == Set::Ban);
            let Some(hit) = bans.find(|hit| {
                !case.is_quoted(unit, words[hit.first].start as usize)
                    && !names_a_case(case.source.text(), words, hit)
                    && !tells_of_a_failure(case.source.text(), words, hit)
                    && !asks_for_it(case.source.text(), words, hit)
                    && !wants_something_with_it(case.source.text(), words, hit)
                    && !offers_a_way(case, unit, words, hit)
            }) else {
                continue;
            };
            // "**No doubles**:" leads on to what is meant.
            if case.text(case.units[unit].text).trim_end_matches('*').ends_with(':') {
                continue;
            }
            let span = sentence_around(case, unit, words, hit);
            let message = format!("`{}` leaves open what to do instead", case.shown(span));
            sink.report(span, message, BANS[hit.entry as usize]).fix =
                counterparts::turned(case.source.text(), case.words.within(span)).into_iter().collect();
        }
    }
}

/// "Some files could not be read" tells what happened, and forbids nothing.
fn tells_of_a_failure(text: &str, words: &[Word], hit: &Hit) -> bool {
    let denied = (hit.first..=hit.last).find(|&at| words[at].is(vocabulary::NEGATION));
    denied.and_then(|at| at.checked_sub(1)).is_some_and(|at| {
        matches!(&*words[at].lower(text), "could" | "did" | "was" | "were")
            && words.get(at + 2).is_some_and(|word| word.lower(text) == "be" || word.is(vocabulary::FINITE))
    })
}

/// "If the question does not seem to be about boats": the negation belongs to the case.
fn names_a_case(text: &str, words: &[Word], hit: &Hit) -> bool {
    let mut clause = words[..hit.first].iter().rev().take_while(|word| !word.is_punctuation());
    clause.any(|word| word.is(vocabulary::CONDITION) || word.lower(text) == "while")
}

/// "Never forget your name", "do not omit a date", "it must not be empty": two denials, which say what to do.
fn asks_for_it(text: &str, words: &[Word], hit: &Hit) -> bool {
    const REACH: usize = 3;
    let end = words.len().min(hit.last + 1 + REACH);
    let denied = words[hit.first..end].iter().take_while(|word| !word.is_punctuation());
    denied.skip(1).any(|word| {
        matches!(
            &*word.lower(text),
            "afraid"
                | "shy"
                | "hesitate"
                | "forget"
                | "omit"
                | "miss"
                | "overlook"
                | "neglect"
                | "null"
                | "empty"
                | "blank"
                | "irrelevant"
                | "incomplete"
        )
    })
}

/// "Write no vague causes without naming the part": what goes with them is what to do.
fn wants_something_with_it(text: &str, words: &[Word], hit: &Hit) -> bool {
    let without = words[hit.last + 1..].iter().position(|word| word.lower(text) == "without");
    without.is_some_and(|at| words.len() > hit.last + 1 + at + 2)
}

/// Words that turn from what is forbidden to what is wanted.
const TURNS: [&str; 12] = [
    "instead", "rather", "but", "prefer", "replace", "only", "unless", "except", "until", "since", "because",
    "than",
];

/// True when the sentence or the next one says what to do.
fn offers_a_way(case: &Case<'_>, unit: usize, words: &[Word], hit: &Hit) -> bool {
    let text = case.source.text();
    let lower = |word: &Word| word.lower(text);
    let turns = |words: &[Word]| words.iter().any(|word| TURNS.contains(&&*lower(word)));
    let after = &words[hit.last + 1..];
    let end = after.iter().position(|word| matches!(word.text(text), "." | "!" | "?")).unwrap_or(after.len());
    let (same, next) = after.split_at(end);
    // "…, they put guests off": the reason.
    let reasoned = after.windows(2).any(|pair| {
        pair[0].text(text) == "," && matches!(&*lower(&pair[1]), "they" | "it" | "this" | "these" | "which")
    });
    // "Avoid vague words and focus on the facts".
    let turned_to = same.windows(2).any(|pair| {
        lower(&pair[0]) == "and"
            && matches!(
                &*lower(&pair[1]),
                "focus"
                    | "use"
                    | "give"
                    | "name"
                    | "stick"
                    | "keep"
                    | "write"
                    | "be"
                    | "ensure"
                    | "make"
                    | "aim"
            )
    });
    if reasoned || turned_to {
        return true;
    }
    // "; write as ...", ": plain words", "— say it".
    let goes_on = same.iter().enumerate().any(|(at, word)| {
        let sign = matches!(word.text(text), ";" | ":" | "—" | "–" | "(" | "-");
        let sign =
            sign || word.text(text) == "," && same.get(at + 1).is_some_and(|word| word.is(vocabulary::VERB));
        sign && same.len() > at + 1
    });
    // "Not too many hashtags, like max 3": how many there may be.
    let measured = words[hit.first..=hit.last].iter().any(|word| lower(word) == "too")
        && same.iter().any(|word| word.is_number() || vocabulary::number_value(word.id).is_some());
    if goes_on || measured || turns(same) {
        return true;
    }
    // "Plain words, no jargon": what is wanted stands before.
    let before = &words[..hit.first];
    let before_from =
        before.iter().rposition(|word| matches!(word.text(text), "." | "!" | "?")).map_or(0, |at| at + 1);
    let head = &before[before_from..];
    // "If you cannot help, say so; do not preach": the case has its order.
    let case_end = head
        .iter()
        .position(|word| word.is(vocabulary::CONDITION))
        .map(|at| head[at..].iter().position(|word| word.text(text) == ",").map_or(head.len(), |n| at + n));
    // "…, just say so".
    let ordered = case_end.is_some_and(|end| {
        let softens = |word: &&Word| matches!(&*lower(word), "just" | "simply" | "please" | "then" | "only");
        head.iter().skip(end + 1).find(|word| !softens(word)).is_some_and(|word| word.is(vocabulary::VERB))
    });
    let wanted =
        head.iter().filter(|word| !word.is_punctuation()).count() >= 2 && (case_end.is_none() || ordered);
    if wanted {
        return true;
    }
    let follows = if next.len() > 1 {
        next.iter().find(|word| !word.is_punctuation()).map(lower)
    } else {
        let block = case.units[unit].block;
        let next = case.units.get(unit + 1).filter(|next| next.block == block && !next.opens_piece);
        next.and_then(|_| case.words_of(unit + 1).iter().find(|word| !word.is_punctuation()).map(lower))
    };
    // "Write in the first person" is no way to sound less stern.
    let person = || {
        let next =
            if next.len() > 1 { &next[1..] } else { case.words_of((unit + 1).min(case.units.len() - 1)) };
        next.windows(2).take(5).any(|pair| {
            matches!(&*lower(&pair[0]), "first" | "second" | "third") && lower(&pair[1]) == "person"
        })
    };
    follows.is_some_and(|word| ["instead", "rather", "use", "say", "write", "prefer"].contains(&&*word))
        && !person()
}

/// The sentence of a unit that holds a hit: a unit of several sentences keeps the others out.
fn sentence_around(case: &Case<'_>, unit: usize, words: &[Word], hit: &Hit) -> Span {
    let text = case.source.text();
    let stops = |word: &Word| matches!(word.text(text), "." | "!" | "?");
    let from = words[..hit.first].iter().rposition(stops).map_or(0, |at| at + 1);
    let to = words[hit.last..].iter().position(stops).map_or(words.len() - 1, |at| hit.last + at);
    let span = words[from].span().cover(words[to].span());
    Span::clamp(span, case.units[unit].text)
}

/// An action put as a wish, a doubt or a possibility.
pub(super) struct HedgedOrder;

static HEDGED: Meta = Meta {
    id: "hedged-order",
    family: Family::Phrasing,
    severity: Severity::Warning,
    summary: "an order put as a wish, a doubt or a possibility",
    write: "An order that begins with the verb: \"Name the pier.\"",
    on: true,
    english: true,
    why: "A suggestion gets a suggestion back, or nothing: what may be done is done at some times only.",
    bad: &[
        "It would be nice if you could name the pier.",
        "Write a notice. Maybe you could add the fare.",
        "I was wondering if you could write a notice.",
        "Write a notice. It would be great if you could also perhaps name the pier.",
    ],
    good: &[
        "Name the pier. If the guest might be late, say so.",
        "Name the pier that a guest could reach on foot.",
        "Answer yes, no or maybe.",
        "Guest: could you maybe tell me the fare?\nClerk: It is 4 crowns.\nGuest: maybe you could check\nClerk: Done.",
    ],
};

impl Check for HedgedOrder {
    fn meta(&self) -> &'static Meta {
        &HEDGED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for (unit, label) in case.labels.iter().enumerate() {
            let talk = matches!(
                case.units[unit].kind,
                UnitKind::Mark | UnitKind::Code | UnitKind::Table | UnitKind::Turn
            );
            let asks = label.serves(Component::Task)
                || label.serves(Component::Constraints)
                || label.serves(Component::OutputFormat)
                || label.facets.contains(Facet::Obligation);
            if talk || label.component == Some(Component::Examples) {
                continue;
            }
            let words = case.words_of(unit);
            let addresses = |hit: &Hit| {
                let said = |words: &[Word], names: &[&str]| {
                    words.iter().any(|word| names.contains(&&*word.lower(case.source.text())))
                };
                let (hedge, rest) = (&words[hit.first..=hit.last], &words[hit.last + 1..]);
                // "I suppose it could work" is said to the model as well.
                // "It would be great to have a list".
                let wished = hedge.last().is_some_and(|word| word.lower(case.source.text()) == "to")
                    && said(&rest[..rest.len().min(1)], &["have", "get", "see"]);
                wished
                    || said(hedge, &["you", "hoping", "hoped"])
                    || said(hedge, &["i"]) && said(rest, &["could", "might", "would"])
            };
            let hedge = case.hits[unit].iter().find(|hit| {
                hit.set == Set::Hedge
                    && (asks || addresses(hit))
                    && !case.is_quoted(unit, words[hit.first].start as usize)
            });
            let Some(hit) = hedge else { continue };
            // "If the guest could maybe be late": the doubt is about the case, not the order.
            let opens = words[..hit.first].iter().all(|word| word.is_punctuation());
            // Behind the comma that ends the case the order begins.
            let clause = words[..hit.first].iter().rposition(|word| word.lower(case.source.text()) == ",");
            let clause = clause.map_or(0, |comma| comma + 1);
            let conditional = words[clause..hit.first].iter().any(|word| word.is(vocabulary::CONDITION));
            // "Mention that families are welcome": what is said, not how it is ordered.
            let told = words[..hit.first].iter().any(|word| word.lower(case.source.text()) == "that")
                && words[0].is(vocabulary::VERB);
            if (conditional || told) && !opens {
                continue;
            }
            // "Do not attempt to guess", "does the reply attempt to answer?": neither is an order that is hedged.
            let ruled_out = words[..hit.first].iter().rev().take(2).any(|word| word.is(vocabulary::NEGATION));
            let asked = case.text(case.units[unit].text).ends_with('?')
                && matches!(
                    &*words[0].lower(case.source.text()),
                    "do" | "does" | "did" | "has" | "have" | "was" | "were"
                )
                && words.get(1).is_some_and(|word| word.lower(case.source.text()) != "you");
            // "Find all that might be helpful": the doubt is about the things.
            let of_things = hit.first > 0
                && (matches!(&*words[hit.first - 1].lower(case.source.text()), "that" | "which" | "who")
                    // "What calls might be helpful".
                    || matches!(&*words[hit.first].lower(case.source.text()), "might" | "could" | "would")
                        && words[..hit.first].iter().rev().take(3).any(|word| {
                            matches!(&*word.lower(case.source.text()), "what" | "which")
                        })
                    // "Facts that would be good to have".
                    || matches!(&*words[hit.first].lower(case.source.text()), "that" | "which")
                        && !words[hit.first - 1].is_punctuation()
                        && words.get(hit.last + 1).is_some_and(|word| word.is(vocabulary::VERB)
                            || word.lower(case.source.text()) == "to"
                            || words[hit.last].lower(case.source.text()) == "to"))
                && !opens;
            // "A genuine attempt to answer" is a thing as well.
            let noun = words[hit.first].lower(case.source.text()) == "attempt"
                && words[..hit.first].iter().rev().take(2).any(|word| {
                    matches!(&*word.lower(case.source.text()), "a" | "an" | "the" | "any" | "each" | "every")
                });
            // "A query, possibly reworded": what may have happened to it.
            let participle = hit.first == hit.last
                && words.get(hit.last + 1).is_some_and(|word| {
                    word.lower(case.source.text()).ends_with("ed") && !word.is(vocabulary::VERB)
                });
            // "If you can see that the guest has paid, …": a case.
            let hit_if = words[hit.first].lower(case.source.text()) == "if" && opens;
            let next = words.get(hit.last + 1);
            let cased = hit_if
                && next.is_some_and(|word| {
                    matches!(
                        &*word.lower(case.source.text()),
                        "not" | "see" | "find" | "tell" | "determine" | "identify" | "confirm" | "infer"
                    )
                });
            // "Answer yes, no or maybe": one of the answers.
            let choice = hit.first == hit.last
                && hit.first > 0
                && matches!(
                    &*words[hit.first - 1].lower(case.source.text()),
                    "or" | "and" | "," | "/" | ":" | "|"
                );
            if choice || ruled_out || asked || of_things || noun || participle || cased {
                continue;
            }
            // "Be up for making" orders nothing.
            let verb = |at: usize| {
                words
                    .get(at)
                    .is_some_and(|word| word.is(vocabulary::VERB) && word.lower(case.source.text()) != "be")
            };
            let also = words.get(hit.last + 1).is_some_and(|word| {
                ["also", "always", "never", "please"].contains(&&*word.lower(case.source.text()))
            });
            // "It would be nice if the log could …": the log is a thing.
            let thing = matches!(
                &*words[hit.last].lower(case.source.text()),
                "the" | "a" | "an" | "my" | "our" | "this" | "each" | "every"
            );
            // "If you could also perhaps list the delays": the doubt goes with the wish.
            let doubted = words
                .get(hit.last + 1 + usize::from(also))
                .filter(|word| matches!(&*word.lower(case.source.text()), "perhaps" | "maybe" | "possibly"));
            let behind = hit.last + 1 + usize::from(doubted.is_some());
            let follows = !thing && (verb(behind) || also && verb(behind + 1));
            // "Perhaps mention the fare": the verb is the last word of the hit and stays.
            let own =
                opens && hit.last > hit.first && hit.last - hit.first <= 3 && verb(hit.last) && !follows;
            let doubt = matches!(
                &*words[hit.first].lower(case.source.text()),
                "perhaps" | "maybe" | "probably" | "feel" | "you"
            );
            // "Also maybe mention the fare".
            let led = hit.first > 0
                && words[..hit.first].iter().all(|word| {
                    word.is_punctuation()
                        || matches!(
                            &*word.lower(case.source.text()),
                            "also" | "and" | "please" | "oh" | "then"
                        )
                });
            let also_own = led && hit.last == hit.first + 1 && verb(hit.last);
            let own = (own || also_own) && doubt;
            let last = if own { hit.last - 1 } else { hit.last };
            let span = words[hit.first].span().cover(words[last].span());
            let message = format!("`{}` turns an order into a wish", case.shown(span));
            let finding = sink.report(span, message, "order it: begin with the verb");
            if own {
                let from = if opens { span } else { words[0].span().cover(span) };
                finding.fix = cut(case.source.text(), from, "", true);
                finding.fix.extend(wishes::full_stop(case.source.text(), words));
            }
            // "… if you feel like it": the sentence stands without its last words.
            let closes = words[hit.last + 1..].iter().all(|word| word.is_punctuation()) && !opens;
            if closes && words[hit.first].lower(case.source.text()) == "if" {
                finding.fix = cut(case.source.text(), span, "", false);
            }
            // "…, and I was wondering if you could give me ideas?"
            let you = words[hit.last].lower(case.source.text()) != "to";
            if !opens && follows && finding.fix.is_empty() && you {
                let possibly = usize::from(doubted.is_some());
                finding.fix = wishes::parted(case.source.text(), words, hit.first, hit.last + 1 + possibly);
            }
            // "Mention the pier maybe."
            let doubts =
                matches!(&*words[hit.first].lower(case.source.text()), "maybe" | "perhaps" | "possibly");
            if closes && doubts && hit.first == hit.last && words[0].is(vocabulary::VERB) {
                finding.fix = cut(case.source.text(), span, "", false);
            }
            // "Some photos would be nice".
            if closes && matches!(&*words[hit.first].lower(case.source.text()), "would" | "might") {
                finding.fix = wishes::asked_for(case.source.text(), words, hit.first);
            }
            // "It would be nice if the fare was named": what was wished must be.
            let there = led && words[hit.last].lower(case.source.text()) == "there";
            if (opens || there) && !follows && finding.fix.is_empty() {
                finding.fix = wishes::ordered(case.source.text(), words, hit.first, hit.last);
                let included = wishes::included(case.source.text(), words, hit.first, hit.last);
                let doubt =
                    included.as_ref().and_then(|_| wishes::doubt_at_the_end(case.source.text(), words));
                finding.fix.extend(included.into_iter().chain(doubt));
            }
            let wish =
                wishes::included(case.source.text(), words, hit.first, hit.last).filter(|_| opens && follows);
            if let Some(edit) = wish {
                finding.fix = vec![edit];
            } else if opens && follows {
                let ends = doubted.filter(|_| !also).map_or(span, |word| span.cover(word.span()));
                finding.fix = cut(case.source.text(), ends, HEDGES[hit.entry as usize], true);
                let doubt = doubted.filter(|_| also);
                finding.fix.extend(
                    doubt.into_iter().flat_map(|word| cut(case.source.text(), word.span(), "", false)),
                );
                // "If you could add a map, that would be great".
                let close =
                    case.hits[unit].iter().rfind(|other| other.set == Set::Hedge && other.first > hit.last);
                finding.fix.extend(
                    close.into_iter().flat_map(|close| wishes::closed(case.source.text(), words, close)),
                );
                finding.fix.extend(wishes::full_stop(case.source.text(), words));
            }
        }
    }
}

/// A run of prohibitions.
pub(super) struct ProhibitionPile;

static PILE: Meta = Meta {
    id: "prohibition-pile",
    family: Family::Phrasing,
    severity: Severity::Note,
    summary: "a run of prohibitions with nothing between that says what to do",
    write: "A description of the good answer; keep prohibitions for safety and scope.",
    on: true,
    english: true,
    why: "A pile of prohibitions brings each forbidden thing to mind and draws no picture of what is wanted.",
    bad: &[
        "Write the notice.\n- Do not praise the boat.\n- Do not mention the weather.\n- Never use capitals.\n- Do not add a greeting.\n- Never write in verse.\n- Do not quote the captain.",
    ],
    good: &[
        "Write the notice.\n- Name the pier.\n- Do not mention the weather.\n- Use plain words.\n- Never write in verse.\n- State the hour.",
    ],
};

/// How many prohibitions in a row make a pile.
const PILE_LEAST: usize = 6;

impl Check for ProhibitionPile {
    fn meta(&self) -> &'static Meta {
        &PILE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let mut run: Vec<usize> = Vec::new();
        let mut report = |run: &mut Vec<usize>| {
            if let (Some(&first), Some(&last)) = (run.first(), run.last())
                && run.len() >= PILE_LEAST
            {
                let span = case.units[first].text.cover(case.units[last].text);
                let message = format!("{} prohibitions in a row", run.len());
                let write =
                    "say what the answer should be and do; keep the prohibitions that guard safety or scope";
                sink.report(span, message, write);
            }
            run.clear();
        };
        for unit in case.demands() {
            if is_bare_ban(case, unit) {
                if run.last().is_some_and(|&last| case.units[last].section != case.units[unit].section) {
                    report(&mut run);
                }
                run.push(unit);
            } else {
                report(&mut run);
            }
        }
        report(&mut run);
    }
}

/// A sentence that opens with a prohibition and holds nothing else.
fn is_bare_ban(case: &Case<'_>, unit: usize) -> bool {
    let words = case.words_of(unit);
    let text = case.source.text();
    let lower = |word: &Word| word.lower(text);
    let opening: Vec<std::borrow::Cow<str>> =
        words.iter().filter(|word| !word.is_punctuation()).take(2).map(lower).collect();
    let forbids = match opening.first().map(AsRef::as_ref) {
        Some("never" | "don't" | "avoid" | "no") => true,
        Some("do" | "must") => opening.get(1).is_some_and(|word| word == "not"),
        _ => false,
    };
    let more = words
        .iter()
        .any(|word| matches!(word.text(text), ";" | ":" | "—" | "–") || TURNS.contains(&&*lower(word)));
    forbids && !more
}
