//! In which order the new sections stand: that of the frame, but for what one of them needs of another.

use super::chunk::Chunk;
use super::title;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::words::Word;

/// A title, what stands below it, and the slot for a part that is not there.
pub(super) type Section<'a> = (String, Vec<&'a Chunk>, Option<String>);

/// Moves the background before the task where the task speaks of it, the goal before the facts where it stood there, and who
/// answers to the head.
pub(super) fn arrange(review: &Review, chunks: &[Chunk], sections: &mut Vec<Section<'_>>) {
    let at = |sections: &[Section<'_>], component: Component| {
        sections.iter().position(|(name, ..)| name == title(component))
    };
    if let (Some(task), Some(context)) = (at(sections, Component::Task), at(sections, Component::Context)) {
        let leans = leans_on_context(review, chunks);
        // A goal that stands before the facts stays there, whatever the frame.
        let first = chunks.iter().find_map(|chunk| {
            chunk.component.filter(|of| matches!(of, Component::Task | Component::Context))
        });
        if leans && task < context || !leans && context < task && first == Some(Component::Task) {
            let (to, from) = (task.min(context), task.max(context));
            let moved = sections.remove(from);
            sections.insert(to, moved);
        }
    }
    // Who answers is read first, however little it matters for the kind of work.
    if let Some(role) = at(sections, Component::Role) {
        let first = sections.remove(role);
        sections.insert(0, first);
    }
}

/// "Get it out of them", right behind the sentence on whom: the background then comes first.
fn leans_on_context(review: &Review, chunks: &[Chunk]) -> bool {
    const POINTERS: [&str; 7] = ["them", "they", "their", "these", "those", "her", "him"];
    let Some(task) = chunks.iter().position(|chunk| chunk.component == Some(Component::Task)) else {
        return false;
    };
    let behind = task
        .checked_sub(1)
        .is_some_and(|at| chunks[at].component == Some(Component::Context) && !chunks[at].is_input);
    let text = review.source().text();
    let first = review.words_of(chunks[task].units.start);
    // "Write it for me" says nothing else of what it asks for.
    let told = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::MODAL | vocabulary::FIRST_PERSON)
    };
    let few = first.len() <= BARE * 2 && first.iter().filter(told).count() <= FEW;
    let bare = (first.len() <= BARE || few)
        && first.iter().any(|word| matches!(&*word.lower(text), "it" | "this" | "that" | "one"));
    // "Turn each into one line": each of what stands before.
    let each = first.windows(2).any(|pair| {
        pair[0].lower(text) == "each"
            && (pair[1].is_punctuation()
                || matches!(
                    &*pair[1].lower(text),
                    "into" | "by" | "to" | "in" | "as" | "with" | "for" | "under"
                ))
    });
    behind && (bare || each || first.iter().any(|word| POINTERS.contains(&&*word.lower(text))))
}

/// The most words and signs of an ask that names nothing.
const BARE: usize = 7;

/// The most words of meaning in a longer one: "I would like you to help me with it if possible".
const FEW: usize = 3;
