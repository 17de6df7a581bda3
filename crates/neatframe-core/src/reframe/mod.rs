//! The restructured prompt: a plan over the review's spans, then the text and the notes that say what was changed.

mod borders;
mod chunk;
mod courtesy;
pub(crate) mod decide;
mod dedent;
mod enclosed;
mod flowing;
mod gaps;
mod holes;
mod in_place;
mod items;
mod joined;
mod labelled;
mod layout;
mod marks;
mod material;
mod measured;
mod merged;
mod open;
mod order;
mod parted;
mod plan;
mod pointing;
mod rewording;
mod said_again;
mod secrets;
mod section_order;
mod sequence;
mod shifts;
mod style;
mod tied;
mod together;
mod wanted;
mod wish;

use crate::component::Component;
use crate::ledger::Uncounted;
use crate::review::Review;
use crate::source::Source;
use crate::span::Span;
use std::collections::HashSet;

/// How the sections of a restructured prompt are marked.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Layout {
    /// `# Task`.
    Headings,
    /// `<task>` and `</task>`.
    Tags,
    /// `Task:` on a line of its own.
    Labels,
    /// Paragraphs with no marks.
    Plain,
}

impl Layout {
    /// All layouts.
    pub const ALL: [Layout; 4] = [Layout::Headings, Layout::Tags, Layout::Labels, Layout::Plain];

    /// The name for people and files.
    pub fn id(self) -> &'static str {
        match self {
            Layout::Headings => "headings",
            Layout::Tags => "tags",
            Layout::Labels => "labels",
            Layout::Plain => "plain",
        }
    }
}

/// What the author wishes of a restructured prompt.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Wishes {
    /// Put a slot with a question where a needed component is absent.
    pub ask: bool,
    /// Add the safe lines that the kind of work nearly always needs.
    pub offer: bool,
    /// How sections are marked; `None` keeps the author's way, and uses headings where there is none.
    pub layout: Option<Layout>,
    /// For targets that want a bare goal with few rules: rules that name only a quality go, nothing is offered, and only what
    /// is required is asked for.
    pub lean: bool,
    /// Feedback in plain words, such as "at most 60 words". What a wish stands against is replaced, the rest is added.
    pub notes: Vec<String>,
}

impl Default for Wishes {
    fn default() -> Wishes {
        Wishes { ask: true, offer: true, layout: None, lean: false, notes: Vec::new() }
    }
}

/// A restructured prompt with the reasons for every change.
#[derive(Clone, Debug)]
pub struct Reframed {
    /// The prompt, ready to paste.
    pub text: String,
    /// What was changed, in the order of the source; additions last.
    pub notes: Vec<Note>,
}

/// What happened to a stretch of the source.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Change {
    /// Taken out.
    Dropped,
    /// Reworded.
    Edited,
    /// Put elsewhere.
    Moved,
    /// Not in the source.
    Added,
    /// Not in the result either: a question to the author.
    Open,
}

impl Change {
    /// The name for people.
    pub fn id(self) -> &'static str {
        match self {
            Change::Dropped => "dropped",
            Change::Edited => "edited",
            Change::Moved => "moved",
            Change::Added => "added",
            Change::Open => "open",
        }
    }
}

/// One change and its reason.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Note {
    /// What was done.
    pub change: Change,
    /// Where in the source it was; `None` for additions.
    pub span: Option<Span>,
    /// The words it is about: those taken out, or those put in.
    pub words: String,
    /// Where it went, or what stands in its place.
    pub now: String,
    /// Why.
    pub why: String,
}

/// Restructures a reviewed prompt. Every unit of the source is in the result, or a note says why not.
pub fn reframe(review: &Review, wishes: &Wishes) -> Reframed {
    let mut reframed = once(review, wishes);
    courtesy::leave_out(&mut reframed, review);
    // A wish is granted once.
    let wishes = &Wishes { notes: Vec::new(), ..wishes.clone() };
    // In its new place a line may read otherwise, so the result is read again until nothing is left to do.
    for _ in 0..ROUNDS {
        let Ok(source) = Source::from_bytes(reframed.text.clone().into_bytes()) else { break };
        let next = once(&crate::review::review(source, review.settings(), &Uncounted), wishes);
        if next.text == reframed.text {
            break;
        }
        reframed.text = next.text;
        let key = |note: &Note| (note.change, note.words.trim().to_string(), note.now.clone());
        let told: HashSet<_> = reframed.notes.iter().map(key).collect();
        // What is dropped now was still there, whatever else with the same words was dropped before.
        let is_new = |note: &Note| note.change == Change::Dropped || !told.contains(&key(note));
        let more: Vec<Note> = next.notes.into_iter().filter(is_new).collect();
        // What stood in the notes alone is asked by a slot now.
        let slotted = |note: &Note| {
            more.iter().any(|new| {
                note.change == Change::Open
                    && new.change == Change::Added
                    && new.now == note.now
                    && new.words.contains(&note.words)
            })
        };
        reframed.notes.retain(|note| !slotted(note));
        reframed.notes.extend(more.into_iter().map(|note| Note { span: None, ..note }));
    }
    if wishes.ask
        && let Ok(source) = Source::from_bytes(reframed.text.clone().into_bytes())
    {
        let after = crate::review::review(source, review.settings(), &Uncounted);
        let slot = |note: &Note| match note.change {
            Change::Added => note.words.starts_with(['{', '$']),
            Change::Edited => note.now.starts_with(['{', '$']) && note.now.contains("?}"),
            _ => false,
        };
        let asks = |note: &&Note| note.change == Change::Open || slot(note);
        let most = plan::QUESTIONS.saturating_sub(reframed.notes.iter().filter(asks).count());
        reframed.notes.extend(open::questions(review, &after, most));
    }
    reframed
}

/// How often a result is read again at most.
const ROUNDS: usize = 4;

/// Units up to which a prompt in good order needs no titles.
const SHORT: usize = 12;

/// Units up to which a prompt with no fault needs none either, and how many lines may stand in another order than the frame's.
const SOUND: usize = 30;
const A_FEW: usize = 5;

/// Units up to which a prompt is an ask and little else.
const THIN: usize = 3;

/// Units up to which one paragraph with next to no fault stays one.
const A_PARAGRAPH: usize = 7;

fn once(review: &Review, wishes: &Wishes) -> Reframed {
    let plan = plan::plan(review, wishes);
    // In another language the components cannot be told surely enough to move anything.
    let unread = review.language().is_some();
    let kept = match wishes.layout {
        Some(layout) => labelled::sections(review, layout).is_some(),
        None => order::is_well_kept(review) || order::is_intricate(review),
    };
    if unread || kept || order::has_sections(review) || !order::is_worth_sections(review, &plan) {
        return marks::marked(in_place::in_place(review, plan, wishes), review.settings(), wishes.layout);
    }
    if plan.edits.is_empty() && plan.dropped.is_empty() {
        let short = review.units().len() <= SHORT && wishes.layout.is_none() && plan.asked.is_empty();
        let regrouped = layout::regrouped(review, plan.clone(), wishes.layout);
        // In order already, a short prompt gains nothing from titles, nor does a longer one with no fault.
        let moves = regrouped.notes.iter().filter(|note| note.change == Change::Moved).count();
        let sound = wishes.layout.is_none()
            && review.units().len() <= SOUND
            && !review.findings().iter().any(courtesy::is_a_fault);
        // A bare ask gets a skeleton to fill in.
        let bare = review.units().len() <= THIN && !plan.asked.is_empty() && wishes.layout.is_none();
        let kept = short && moves == 0 && !order::is_crowded(review) || sound && moves <= A_FEW;
        if kept && !bare {
            return in_place::in_place(review, plan, wishes);
        }
        return regrouped;
    }
    // Padding colours how a sentence reads, so it is cut before the sentences are put in order.
    let first = plan::plan(review, &Wishes { ask: false, offer: false, ..wishes.clone() });
    let (text, shifts) = in_place::cleaned(review, &first);
    let Ok(source) = Source::from_bytes(text.into_bytes()) else {
        return layout::regrouped(review, plan, wishes.layout);
    };
    let clean = crate::review::review(source, review.settings(), &Uncounted);
    let mut second = plan::plan(&clean, &Wishes { notes: Vec::new(), ..wishes.clone() });
    second.offered.extend(first.offered);
    // A short paragraph that reads well once its words are mended needs no titles.
    let one = clean.units().iter().all(|unit| unit.block == clean.units()[0].block);
    let few = clean.units().len() <= A_PARAGRAPH
        && clean.findings().iter().filter(|found| courtesy::is_a_fault(found)).count() <= 1;
    let sound = one
        && few
        && first.notes.len() <= 1
        && wishes.layout.is_none()
        && second.asked.is_empty()
        && clean.slots().is_empty();
    let Reframed { text, notes } = layout::regrouped(&clean, second, wishes.layout);
    let moved = notes.iter().filter(|note| note.change == Change::Moved).count();
    if sound && moved <= A_FEW {
        return in_place::in_place(review, plan, wishes);
    }
    let length = review.source().text().len();
    let back = |note: Note| Note { span: note.span.map(|span| shifts.back(span, length)), ..note };
    let notes = first.notes.into_iter().chain(notes.into_iter().map(back)).collect();
    Reframed { text, notes: layout::sorted(notes) }
}

/// The title of the part that takes the input in.
const INPUT: &str = "Input";

/// The title of a component's section.
pub(crate) fn title(component: Component) -> &'static str {
    match component {
        Component::Role => "Role",
        Component::Task => "Task",
        Component::Context => "Context",
        Component::Examples => "Examples",
        Component::Constraints => "Constraints",
        Component::OutputFormat => "Output format",
    }
}

#[cfg(test)]
mod tests;
