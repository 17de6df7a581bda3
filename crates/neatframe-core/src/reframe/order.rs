//! Whether the author's own order of a prompt is kept.

use super::courtesy::is_a_fault;
use super::plan::Plan;
use crate::component::Component;
use crate::outline::{Mark, PieceKind};
use crate::review::Review;
use crate::units::UnitKind;

/// True when the author has marked sections: two at least that hold something, or three tags, two where they hold more than
/// material.
pub(super) fn has_sections(review: &Review) -> bool {
    let sections = &review.outline().sections;
    let mut holds = vec![0usize; sections.len()];
    for unit in review.units().iter().filter(|unit| unit.kind != UnitKind::Mark) {
        holds[unit.section] += 1;
    }
    let all: usize = holds.iter().sum();
    let heading = |id: &usize| matches!(sections[*id].mark, Mark::Heading(_) | Mark::Title);
    // The only heading, over all the rest, is the prompt's title.
    let headings: Vec<usize> = (1..sections.len()).filter(heading).collect();
    let title = match headings[..] {
        [only] if sections[only].first == 0 => Some(only),
        _ => None,
    };
    let count = |tag: bool| {
        let marked = |id: usize| {
            id != 0 && holds[id] > 0 && Some(id) != title && (sections[id].mark == Mark::Tag) == tag
        };
        let marked: Vec<usize> = (0..sections.len()).filter(|&id| marked(id)).collect();
        // A few labelled lines among many others are no order of the whole.
        let field = |id: usize| {
            review
                .outline()
                .pieces
                .get(sections[id].first)
                .is_some_and(|piece| piece.kind == PieceKind::Field)
        };
        let inside: usize = marked.iter().map(|&id| if field(id) { 1 } else { holds[id] }).sum();
        if tag || inside * 2 >= all { marked.len() } else { 0 }
    };
    let demanding = |id: usize| {
        let part = review.title_component(id);
        sections[id].mark == Mark::Tag && holds[id] > 0 && part.is_some_and(|part| part != Component::Context)
    };
    let demanding = (1..sections.len()).filter(|&id| demanding(id)).count();
    // An opening line, and all the rest within tags.
    let outside = review
        .units()
        .iter()
        .filter(|unit| unit.kind != UnitKind::Mark && sections[unit.section].mark != Mark::Tag)
        .count();
    let enclosed = count(true) >= 2 && outside <= 2 && all > outside * 3;
    // Text under Markdown headings is never taken from under them.
    let marked =
        headings.iter().filter(|&&id| matches!(sections[id].mark, Mark::Heading(_)) && holds[id] > 0);
    marked.count() >= 2
        || count(false) >= 2
        || count(true) >= 3
        || enclosed
        || demanding >= 2
        || bracketed(review) >= 2
        || are_lists_with_titles(review)
        || holds_stages(review)
}

/// True when lines of other kinds stand between numbered steps: each belongs to its step, and the order is the author's.
fn holds_stages(review: &Review) -> bool {
    let pieces = &review.outline().pieces;
    crate::numbering::runs(review.source(), review.outline()).iter().any(|run| {
        run.windows(2).any(|pair| {
            let from = pieces.partition_point(|piece| piece.span.end() <= pair[0].place.start());
            let to = pieces.partition_point(|piece| piece.span.end() <= pair[1].place.start());
            let item = |kind: PieceKind| matches!(kind, PieceKind::Item { .. });
            let step = |kind: PieceKind| kind == PieceKind::Item { ordered: true };
            let indent = pieces[from].indent;
            let own = pieces.get(from + 1..to).unwrap_or(&[]);
            item(pieces[from].kind)
                && own.iter().any(|piece| {
                    piece.kind != PieceKind::Blank && !step(piece.kind) && piece.indent <= indent
                })
        })
    })
}

/// Units from which a prompt is a system of its own, and how many of samples, of turns and of code it may hold.
const SYSTEM: usize = 36;
const SAMPLES: usize = 8;
const TURNS: usize = 4;
const CODE: usize = 8;

/// True for a prompt whose parts lean on their places: a long one, one with many samples or much code, numbered lists with lists
/// in them, the loop of an agent, the statements of a template language. Sorted by component it would be torn.
pub(super) fn is_intricate(review: &Review) -> bool {
    const LOOP: [&str; 4] = ["Thought:", "Action:", "Action Input:", "Observation:"];
    let units = review.units();
    let pieces = &review.outline().pieces;
    let told = units.iter().filter(|unit| unit.kind != UnitKind::Mark).count();
    let samples = review.labels().iter().filter(|label| label.component == Some(Component::Examples)).count();
    let of = |kind: PieceKind| pieces.iter().filter(|piece| piece.kind == kind).count();
    let looped = pieces.iter().filter(|piece| {
        let line = review.source().slice(piece.span).trim_start();
        LOOP.iter().any(|label| line.starts_with(label))
    });
    let item = |kind: PieceKind| matches!(kind, PieceKind::Item { .. });
    let nested = pieces.windows(2).filter(|pair| {
        pair[0].kind == PieceKind::Item { ordered: true }
            && item(pair[1].kind)
            && pair[1].indent > pair[0].indent
    });
    told > SYSTEM
        || samples >= SAMPLES
        || of(PieceKind::Turn) >= TURNS
        || of(PieceKind::Code) >= CODE
        || looped.count() >= 2
        || nested.count() >= 2
        // "{% if log %}" and "{% endif %}" hold what stands between them.
        || review.source().text().contains("{%")
}

/// Lists from which titles over them are an order of the whole.
const LISTS: usize = 3;

/// The longest title of a list, in words.
const TITLE: usize = 6;

/// "Before you answer:", "Build and run:", each over a list, and next to nothing beside them: sections in all but form.
fn are_lists_with_titles(review: &Review) -> bool {
    let pieces: Vec<_> =
        review.outline().pieces.iter().filter(|piece| piece.kind != PieceKind::Blank).collect();
    let item = |piece: &&&crate::outline::Piece| matches!(piece.kind, PieceKind::Item { .. });
    let titled = |at: usize| {
        let words = review.source().slice(pieces[at].span).trim();
        words.starts_with(char::is_uppercase)
            && words.ends_with(':')
            && words.split_whitespace().count() <= TITLE
            && pieces.get(at + 1).is_some_and(|next| item(&next))
    };
    let titles = (0..pieces.len()).filter(|at| titled(*at)).count();
    let items = pieces.iter().filter(item).count();
    titles >= LISTS && (items + titles) * 10 >= pieces.len() * 6
}

/// Lines such as `[Question]` over a text: titles in all but form.
fn bracketed(review: &Review) -> usize {
    let text = review.source().text();
    let titled = |unit: &&crate::units::Unit| {
        let words = &text[unit.text.range()];
        let below = text[unit.text.end()..].split('\n').nth(1).unwrap_or("").trim();
        let inner = words.strip_prefix('[').and_then(|rest| rest.strip_suffix(']'));
        let alone = text[..unit.text.start()].ends_with('\n') || unit.text.start() == 0;
        alone && inner.is_some_and(|inner| inner.starts_with(char::is_uppercase)) && !below.is_empty()
    };
    review.units().iter().filter(titled).count()
}

/// Faults to a unit from which a prompt is no longer in good order.
const FAULTY: f64 = 0.15;

/// Paragraphs from which an author has put a prompt in order.
const PARAGRAPHS: usize = 3;

/// True for a prompt in paragraphs of several sentences with few faults: what stands together in a paragraph was put there,
/// and sentence by sentence it would lose what it leans on.
pub(super) fn is_well_kept(review: &Review) -> bool {
    let units: Vec<&crate::units::Unit> =
        review.units().iter().filter(|unit| unit.kind != UnitKind::Mark).collect();
    // Units with no blank line between them, and how many of them are sentences.
    let mut paragraphs: Vec<usize> = Vec::new();
    let mut end = 0;
    for unit in &units {
        let gap = &review.source().text()[end.min(unit.text.start())..unit.text.start()];
        if paragraphs.is_empty() || gap.contains("\n\n") || gap.contains("\n\r\n") {
            paragraphs.push(0);
        }
        if let Some(last) = paragraphs.last_mut() {
            *last += usize::from(unit.kind == UnitKind::Sentence);
        }
        end = unit.text.end();
    }
    let in_paragraphs: usize = paragraphs.iter().filter(|count| **count >= 2).sum();
    let faults = review.findings().iter().filter(|found| is_a_fault(found)).count();
    paragraphs.len() >= PARAGRAPHS
        && in_paragraphs * 2 >= units.len()
        && (faults as f64) < FAULTY * units.len() as f64
}

/// Rules in one paragraph from which a faulty prompt is read more easily as a list.
const CROWD: usize = 4;

/// True for a prompt with faults whose rules stand in one paragraph, sentence after sentence.
pub(super) fn is_crowded(review: &Review) -> bool {
    let units = review.units();
    let rule = |unit: &usize| {
        units[*unit].kind == UnitKind::Sentence
            && matches!(
                review.labels()[*unit].component,
                Some(Component::Constraints | Component::OutputFormat)
            )
    };
    let mut run = 0;
    let longest = (0..units.len()).fold(0, |longest: usize, unit| {
        let follows = unit > 0 && rule(&(unit - 1)) && units[unit - 1].block == units[unit].block;
        run = if !rule(&unit) {
            0
        } else if follows && !units[unit].opens_piece {
            run + 1
        } else {
            1
        };
        longest.max(run)
    });
    longest >= CROWD && review.findings().iter().any(is_a_fault)
}

/// About how many bytes a section heading takes, with the blank line before it.
const HEADING: usize = 14;

/// A prompt of few units, or of one component and no question, reads best as it is.
pub(super) fn is_worth_sections(review: &Review, plan: &Plan) -> bool {
    let stays = |(index, unit): &(usize, &crate::units::Unit)| {
        unit.kind != UnitKind::Mark && !plan.dropped.contains(index)
    };
    let asking = review.units().iter().enumerate().filter(stays).count();
    let components = 6 - review.missing().len() + plan.asked.len();
    // Nothing is wrong with it, and the headings alone would change more than a tenth of it.
    let clean = review.findings().is_empty() && plan.edits.is_empty() && plan.asked.is_empty();
    if clean && components * HEADING * 10 > review.source().text().len() {
        return false;
    }
    components >= 2 && (asking >= 5 || !plan.asked.is_empty())
}
