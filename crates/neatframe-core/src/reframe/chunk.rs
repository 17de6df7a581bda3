//! Stretches of a prompt that stay together when its parts are put in order.

use super::parted::is_second_half;
use super::said_again::names_rules;
use super::together::{join_what_leads_below, keep_lists, keep_neighbours};
use super::{enclosed, flowing, sequence, tied};
use crate::classify::{ends_in_a_quotation, tells_what_is_given};
use crate::component::{Component, Facet};
use crate::lexicon::vocabulary;
use crate::outline::PieceKind;
use crate::review::Review;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use std::collections::HashSet;
use std::ops::Range;

/// How many units back somebody is looked for whom "she" may mean.
const FAR: usize = 200;

/// Consecutive units that move as one.
#[derive(Clone, Debug)]
pub(super) struct Chunk {
    pub(super) units: Range<usize>,
    /// All of them, markers included.
    pub(super) span: Span,
    pub(super) component: Option<Component>,
    /// Receives the input: fenced material, or a slot on its own.
    pub(super) is_input: bool,
}

/// Cuts a prompt into chunks: a list stays with the line that leads to it, a fence with what it holds,
/// a sentence that leans on the one before with that one.
pub(super) fn chunks(review: &Review, dropped: &HashSet<usize>) -> Vec<Chunk> {
    let opening = (0..review.units().len()).find(|unit| !dropped.contains(unit)).unwrap_or(0);
    let units = review.units();
    let mut chunks: Vec<Chunk> = Vec::new();
    let forms = enclosed::forms(review);
    let spoken = tied::spoken(review);
    let wholes = [flowing::counted(review), flowing::announced(review), flowing::listed_below(review)];
    let mut enclosed_until = 0;
    for index in 0..units.len() {
        // What follows a fence or tag that closes is not what the mark belongs to.
        let closed = index > 0 && index == enclosed_until;
        let within = |ranges: &[Range<usize>]| {
            let at = ranges.partition_point(|range| range.end <= index);
            ranges.get(at).is_some_and(|range| range.start < index)
        };
        let joins = index < enclosed_until
            || within(&forms)
            || wholes.iter().any(|ranges| within(ranges))
            || chunks.last().is_some_and(|last| {
                leans(review, last, index, opening, closed)
                    || flowing::is_linked(review, index)
                    || flowing::tells_of_it(review, index)
                    || flowing::is_bracketed(review, last.span, index)
                    || tied::is_tied(review, &spoken, &last.units, index)
            });
        let end = enclosed::end(review, index);
        if end > index + 1 {
            enclosed_until = enclosed_until.max(end);
        }
        let span = lead_span(review, index);
        match chunks.last_mut().filter(|_| joins) {
            Some(last) => {
                last.units.end = index + 1;
                last.span = last.span.cover(span);
            }
            None => chunks.push(Chunk { units: index..index + 1, span, component: None, is_input: false }),
        }
    }
    for chunk in &mut chunks {
        chunk.component = component_of(review, chunk.units.clone());
        // Steps are how the task is done.
        if chunk.component == Some(Component::Constraints) && sequence::numbered(review, chunk).is_some() {
            chunk.component = Some(Component::Task);
        }
    }
    keep_lists(review, &mut chunks);
    keep_neighbours(review, &mut chunks);
    join_what_leads_below(review, &mut chunks);
    let handed = handed_over(review);
    for chunk in &mut chunks {
        if let Some(component) = tied::named_by_its_slot(review, chunk.units.clone()) {
            chunk.component = Some(component);
            continue;
        }
        let facet = |unit: usize| review.labels()[unit].facet == Some(Facet::InputSlot);
        // A password in a fact is filled in, and nobody hands it over.
        let secret = |inner: &str| {
            let name = inner.trim().to_lowercase();
            ["password", "token", "key", "secret", "pin", "code"].iter().any(|kind| name.ends_with(kind))
        };
        // "You get ten minutes" takes nothing in: a slot, a border or a bracket does.
        let start = chunk.units.start;
        let place = |unit: usize| {
            let text = review.source().slice(review.units()[unit].text);
            let kind = review.outline().pieces[review.units()[unit].pieces.start].kind;
            // A heading and the row below it are a title over what they open.
            let titles = kind == PieceKind::Heading || kind == PieceKind::Rule && unit == start + 1;
            // "Key for the tool: {{key}}" is told, and takes nothing in.
            let kept = || {
                let end = review.units()[unit].text.end();
                let last = review.slots().partition_point(|slot| slot.span.end() < end);
                let last = review.slots().get(last).filter(|slot| slot.span.end() == end);
                last.is_some_and(|slot| secret(review.source().slice(slot.inner)))
            };
            review.units()[unit].kind == UnitKind::Mark && !titles
                || text.ends_with([')', ']', '>', '}']) && !kept()
        };
        let slots = review.slots();
        let next = slots.partition_point(|slot| slot.span.start() < chunk.span.start());
        let holds = slots
            .get(next)
            .is_some_and(|slot| chunk.span.contains(slot.span) && !secret(review.source().slice(slot.inner)))
            || chunk.units.clone().any(place);
        chunk.is_input =
            chunk.component == Some(Component::Context) && holds && chunk.units.clone().any(facet);
        chunk.is_input |= is_material(review, chunk) || handed.is_some_and(|from| chunk.units.start >= from);
    }
    chunks
}

/// Where "Text:" stands, if all below it up to the end is what comes in, with no slot: the material itself.
fn handed_over(review: &Review) -> Option<usize> {
    let units = review.units();
    let told = |unit: usize| units[unit].kind != UnitKind::Mark;
    let given = |unit: usize| {
        review.labels()[unit].component == Some(Component::Context)
            && review.labels()[unit].facet == Some(Facet::InputSlot)
    };
    let from = (0..units.len()).rev().find(|&unit| told(unit) && !given(unit)).map_or(0, |last| last + 1);
    let first = (from..units.len()).find(|&unit| told(unit))?;
    let text = |unit: usize| review.source().slice(units[unit].text).trim_end();
    // "Text:", whose sign may stand behind its unit, and which may be a line of its own.
    let above =
        |unit: usize| review.source().text()[units[unit].text.start()..units[first].text.start()].trim_end();
    let short = |unit: usize| review.words_of(unit).len() <= LABEL && above(unit).ends_with(':');
    let labelled = first.checked_sub(1).filter(|&unit| short(unit));
    let led = units[first].kind == UnitKind::Field || labelled.is_some();
    // A line that leads on holds nothing.
    let leads_on = text(units.len() - 1).ends_with(':');
    (led && !leads_on).then(|| labelled.unwrap_or(from).min(from))
}

/// The most words and signs of a label over what is handed over.
const LABEL: usize = 4;

/// "The code below", and a block of code that nothing leads to: the material, whatever its lines read like.
fn is_material(review: &Review, chunk: &Chunk) -> bool {
    let units = review.units();
    let kind = |unit: usize| review.outline().pieces[units[unit].pieces.start].kind;
    let first = chunk.units.start;
    let sample = chunk.component == Some(Component::Examples);
    if kind(first) != PieceKind::Fence || chunk.units.end != units.len() || first == 0 || sample {
        return false;
    }
    let text = review.source().text();
    let led = review.source().slice(units[first - 1].text).trim_end().ends_with(':');
    let below = (0..first).any(|unit| {
        review.labels()[unit].component == Some(Component::Task)
            && review.words_of(unit).iter().any(|word| matches!(&*word.lower(text), "below" | "following"))
    });
    below && !led
}

/// True when the unit makes no sense away from the chunk before it.
fn leans(review: &Review, last: &Chunk, index: usize, opening: usize, closed: bool) -> bool {
    let units = review.units();
    let (unit, before) = (&units[index], &units[index - 1]);
    let text = review.source().slice(unit.text);
    let before_text = review.source().slice(before.text).trim_end();
    // A mark belongs to what it marks; only a title over everything stands alone.
    let kind = |unit: &Unit| review.outline().pieces[unit.pieces.start].kind;
    let opens =
        |unit: &Unit| matches!(kind(unit), PieceKind::Heading | PieceKind::Label | PieceKind::TagOpen);
    let title = kind(before) == PieceKind::Heading && index == opening + 1;
    let marked = before.kind == UnitKind::Mark && !title && !closed;
    // A row of signs or a fence that opens begins something of its own.
    let begins = enclosed::end(review, index) > index + 1;
    if before_text.ends_with(':') || marked || (unit.kind == UnitKind::Mark && !opens(unit) && !begins) {
        return true;
    }
    // "Instructions:", and below it lines with a label each.
    let led = index > last.units.start + 1
        && review.source().slice(units[last.units.start].text).ends_with(':')
        && units[last.units.start + 1].kind == UnitKind::Field;
    if led && unit.kind == UnitKind::Field && before.block == unit.block {
        return true;
    }
    // "When is it skipped?", "For a notice," and a list.
    let opens_list = matches!(unit.kind, UnitKind::Item { .. }) && before.block != unit.block;
    if opens_list && before.kind != UnitKind::Mark && before_text.ends_with(['?', ',']) {
        return true;
    }
    // The rest of a list whose lead-in or first item is in the chunk; turns of one dialogue.
    let first = &units[last.units.start];
    let run = matches!(unit.kind, UnitKind::Turn | UnitKind::Item { .. } | UnitKind::Field);
    // Facts in labelled lines, one under the other, are one record.
    let record = |at: usize| {
        units[at].kind == UnitKind::Field && review.labels()[at].component == Some(Component::Context)
    };
    let gap = &review.source().text()[before.text.end()..unit.text.start().max(before.text.end())];
    // What is filled in behind a blank line is another one.
    let apart =
        gap.matches('\n').count() > 1 && review.holds_slot(unit.text) != review.holds_slot(before.text);
    if record(index) && record(index - 1) && before.block == unit.block && !apart {
        return true;
    }
    // "Rules: Keep it short. Name the pier.": each is one, and the heading takes the place of the label.
    let rules = unit.kind == UnitKind::Field && !unit.opens_piece && names_rules(review, index);
    if run
        && !rules
        && before.block == unit.block
        && !leaves_facts(review, index)
        && (unit.kind == UnitKind::Turn || first.block != unit.block || !unit.opens_piece)
    {
        return true;
    }
    if matches!(unit.kind, UnitKind::Item { ordered: true }) && before.block == unit.block {
        return true;
    }
    let opener = review.words_of(index).iter().find(|word| !word.is_punctuation()).copied();
    // "It is 3 km long" leans on what "it" is; "It should be brief" is a rule that stands alone.
    let labels = review.labels();
    let same = labels[index].component == labels[index - 1].component;
    let tied = same || labels[index].component == Some(Component::Context);
    let said = opener.map(|word| word.lower(review.source().text()).into_owned()).unwrap_or_default();
    // "She" is somebody that the background told of, if anything did.
    let told = || {
        labels[..index - 1].iter().rev().take(FAR).any(|label| label.component == Some(Component::Context))
    };
    let person = !same && matches!(said.as_str(), "she" | "he" | "her" | "his") && told();
    // Where each demand has a line and no full stop, "it has to fit on a page" is one of them.
    let lines = unit.opens_piece
        && unit.kind == UnitKind::Sentence
        && !before_text.ends_with(['.', '!', '?', ','])
        && labels[index].component != Some(Component::Context);
    // "It is important that …" speaks of what follows it.
    let words = review.words_of(index);
    let lower =
        |at: usize| words.get(at).map_or(Default::default(), |word| word.lower(review.source().text()));
    let said = if said == "it's" { "it".to_string() } else { said };
    let empty = said == "it"
        && labels[index].component != Some(Component::Context)
        && matches!(&*lower(1), "is" | "goes" | "would")
        && (2..9).any(|at| {
            matches!(
                &*lower(at),
                "important"
                    | "necessary"
                    | "essential"
                    | "vital"
                    | "crucial"
                    | "without"
                    | "nice"
                    | "great"
                    | "good"
                    | "helpful"
                    | "useful"
                    | "lovely"
                    | "cool"
                    | "ideal"
                    | "worth"
            )
        });
    // "For a child. It should teach sharing.": nothing that "it" could be stands in the line before.
    let told = vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL;
    let above = review.words_of(index - 1);
    let fragment = above.len() <= FRAGMENT
        && above.first().is_some_and(|word| {
            matches!(
                &*word.lower(review.source().text()),
                "for" | "about" | "around" | "no" | "not" | "max" | "at"
            )
        })
        && !above.iter().any(|word| word.is(told));
    // "Avoid clichés. It should name the pier.": an order without "a" or "the" names nothing either.
    let order = above.first().is_some_and(|word| word.is(vocabulary::VERB | vocabulary::NEGATION))
        && !above.iter().any(|word| {
            matches!(
                &*word.lower(review.source().text()),
                "a" | "an" | "the" | "one" | "each" | "your" | "this"
            )
        })
        && labels[index].component == Some(Component::Constraints);
    let of_all = matches!(&*said, "it" | "they")
        && words
            .get(1)
            .is_some_and(|word| word.is(vocabulary::MODAL) || word.lower(review.source().text()) == "has")
        && (fragment || order && said == "it");
    // "Here is the info: …" opens something of its own.
    let presents = said == "here" && matches!(&*lower(1), "is" | "are" | "comes");
    // "Each entry has …" on a line of its own names what it is about.
    let names = said == "each"
        && words.get(1).is_some_and(|next| {
            let told = matches!(&*lower(2), "is" | "has" | "gets" | "needs");
            let binds = words.get(2).is_some_and(|word| word.is(vocabulary::MODAL));
            !next.is(vocabulary::STOP | vocabulary::MODAL)
                && (unit.opens_piece && (told || !next.is(vocabulary::VERB)) || binds)
        });
    // "Also add the fare" adds to a list of demands, and loses its "also".
    let adds =
        said == "also" && matches!(labels[index].component, Some(Component::Constraints | Component::Task));
    // "Return a JSON array. Each object has …": the shape goes on.
    let of_the_shape = matches!(said.as_str(), "each" | "every")
        && !unit.opens_piece
        && labels[index - 1].component == Some(Component::OutputFormat)
        && labels[index].component == Some(Component::Constraints)
        && words.get(1).is_some_and(|next| !next.is(vocabulary::STOP))
        && matches!(&*lower(2), "has" | "gets" | "holds" | "contains" | "consists" | "includes");
    let anaphora = tied
        && !person
        && !lines
        && !empty
        && !of_all
        && !presents
        && !names
        && !adds
        && (said == "it" || opener.is_some_and(|word| word.is(vocabulary::ANAPHORA)));
    // "You will be given a query. Your job is to decide what it is about": "it" is what is given.
    let of_it = tells_what_is_given(review.source().text(), review.words_of(index - 1))
        && labels[index].component == Some(Component::Task)
        && (1..words.len()).any(|at| matches!(&*lower(at), "it" | "them" | "its"));
    // "Find five firms. For each of them look up: …".
    let each_of_them = matches!(said.as_str(), "for" | "of" | "with" | "about")
        && (1..5).any(|at| matches!(&*lower(at), "them" | "those" | "these") && lower(at - 1) == "of")
        && !unit.opens_piece;
    // "Open with a line like: 'Hello! Which boat is it?'"
    let so_far =
        Span::new(last.span.start().max(before.text.end().saturating_sub(QUOTED)), before.text.end());
    let quoted =
        !unit.opens_piece && review.source().text().get(so_far.range()).is_some_and(ends_in_a_quotation);
    // "Put the dates in bold. Repeat them at the end."
    let of_them = !unit.opens_piece
        && opener.is_some_and(|word| word.is(vocabulary::VERB))
        && matches!(&*lower(1), "them" | "these" | "those")
        && above.first().is_some_and(|word| word.is(vocabulary::VERB));
    // "Take the one named first in this paragraph."
    let of_here = (1..words.len())
        .any(|at| matches!(&*lower(at), "paragraph" | "list") && lower(at - 1) == "this")
        && !unit.opens_piece;
    let next = of_it
        || of_the_shape
        || each_of_them
        || quoted
        || of_here
        || of_them
        || matches!(said.as_str(), "then" | "afterwards");
    // "Open with the fare. Then list the boats. Close with the hour.": one order, sentence by sentence.
    let closes = matches!(said.as_str(), "close" | "end" | "finish" | "finally" | "lastly" | "conclude");
    let begun = closes
        && last.units.clone().any(|unit| {
            let opener = review.words_of(unit).first().map(|word| word.lower(review.source().text()));
            opener.is_some_and(|word| matches!(&*word, "open" | "begin" | "start" | "first" | "then"))
        });
    // Lines of their own that begin in lower case are how the author writes, and lean on nothing.
    let ended = before_text.ends_with(['.', '!', '?']) || !same && is_second_half(review, index);
    let below = gap.contains('\n');
    let goes_on = text.starts_with(char::is_lowercase) && !unit.opens_piece && !below && !ended;
    // "This lets the guest go on" is about what was said, whatever either is.
    let of_that = !unit.opens_piece && matches!(said.as_str(), "this" | "these" | "such");
    (anaphora || next || begun || goes_on || of_that)
        && before.block == unit.block
        && !matches!(unit.kind, UnitKind::Item { .. } | UnitKind::Field if unit.opens_piece)
}

/// The most words and signs of a line such as "For a child of four."
const FRAGMENT: usize = 7;

/// How far back a quotation may open, in bytes.
const QUOTED: usize = 1_500;

/// "Facts you may use:", three facts, and from here on rules: what leads to the list does not lead to them.
fn leaves_facts(review: &Review, index: usize) -> bool {
    let units = review.units();
    let is_item = |at: &usize| matches!(units[*at].kind, UnitKind::Item { ordered: false });
    let listed = |at: &usize| units[*at].block == units[index].block && is_item(at);
    if !listed(&index) || index < 3 {
        return false;
    }
    let component = |at: usize| review.labels()[at].component;
    let facts = (0..index).rev().take_while(listed).count();
    let fact = |at: usize| component(at) == Some(Component::Context);
    let rules = (index..units.len()).take_while(listed);
    let (rest, odd) = (rules.clone().count(), rules.filter(|at| fact(*at)).count());
    let lead = index.checked_sub(facts + 1).map(|at| &units[at]);
    let leads = lead
        .is_some_and(|lead| lead.kind == UnitKind::Mark || review.source().slice(lead.text).ends_with(':'));
    leads
        && facts >= 2
        && rest >= 3
        && (index - facts..index).all(fact)
        && odd * 2 <= rest
        && component(index) == Some(Component::Constraints)
}

/// A unit's span with its marker or label.
pub(super) fn lead_span(review: &Review, index: usize) -> Span {
    review.units()[index].with_lead(review.outline())
}

/// What a chunk is for: its first sentence says, unless it only marks or announces what follows.
fn component_of(review: &Review, units: Range<usize>) -> Option<Component> {
    let first = &review.units()[units.start];
    let task =
        |unit: usize| units.contains(&unit) && review.labels()[unit].component == Some(Component::Task);
    if tells_what_is_given(review.source().text(), review.words_of(units.start)) && task(units.start + 1) {
        return Some(Component::Task);
    }
    let named = units.len() > 1 && tied::is_named_above(review, units.start + 1);
    let announces =
        named || first.kind != UnitKind::Sentence || review.source().slice(first.text).ends_with(':');
    // "Decide which case applies:" and the cases.
    let item = |unit: usize| matches!(review.units()[unit].kind, UnitKind::Item { ordered: true });
    // `{house_rules}` below the cases is none of them.
    let end = units
        .clone()
        .rev()
        .find(|unit| !tied::is_bare_slot(review, *unit))
        .map_or(units.end, |last| last + 1);
    let options =
        first.kind == UnitKind::Sentence && end > units.start + 2 && (units.start + 1..end).all(item);
    let asks = announces && options && task(units.start);
    let own = review.labels()[units.start].component.filter(|_| !announces || asks);
    own.or_else(|| majority(review, units))
}

/// The component of most of the words.
fn majority(review: &Review, units: Range<usize>) -> Option<Component> {
    let mut bytes = [0usize; 6];
    let mut led = None;
    for unit in units {
        let own = review.labels()[unit].component;
        // "For example, …" within an item belongs to what the item says.
        let amid = own == Some(Component::Examples) && !review.units()[unit].opens_piece;
        led = if amid { led.or(own) } else { own };
        if let Some(component) = led {
            bytes[component.index()] += review.units()[unit].text.len();
        }
    }
    Component::ALL
        .into_iter()
        .filter(|c| bytes[c.index()] > 0)
        .max_by_key(|c| (bytes[c.index()], 6 - c.index()))
}
