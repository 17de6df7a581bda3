//! What a demand leaves as it is, and the part that it holds for.

use crate::lexicon::vocabulary;
use crate::words::Word;
use std::borrow::Cow;

/// Words with which a thing is said to be left as it is, besides its name.
pub(super) const PRESERVING: [&str; 52] = [
    "copy", "copied", "reproduce", "reproduced", "appear", "written", "precisely", "existing", "language",
    "preserve", "preserved", "retain", "retained", "verbatim", "exactly", "intact", "modify", "modified",
    "edit", "edited", "rearrange", "reword", "kept", "keep", "original", "given", "untranslated",
    "translate", "translated", "in", "as", "they", "it", "is", "are", "leave", "left", "unchanged",
    "untouched", "unaltered", "change", "changed", "alter", "altered", "touch", "touched", "remain",
    "remains", "stay", "stays", "convert", "converted",
];

/// "Keep the names as they are", "the names stay unchanged", "do not alter the names".
pub(super) fn preserves(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    if words.len() > LONG_WISH || words.iter().any(|word| word.is(vocabulary::CONDITION)) {
        return false;
    }
    (0..words.len()).any(|at| match &*lower(at) {
        // "Preserve all links", "quotations are preserved".
        "preserve" | "preserved" | "retain" | "retained" => at <= 4,
        "keep" | "leave" | "stay" | "stays" | "remain" | "remains" | "left" | "kept" => (at + 1..words.len())
            .any(|at| match &*lower(at) {
                "unchanged" | "untouched" | "unaltered" | "untranslated" | "verbatim" | "intact" => true,
                // "Keep the names character for character".
                "for" => next_to_its_twin(&lower, at),
                // "Keep the original order".
                "original" | "given" | "existing" => {
                    matches!(&*lower(at - 1), "the" | "their" | "its") && at <= 3 && words.len() > at + 1
                }
                // "Keep the names in Portuguese".
                "in" => {
                    let language = words.get(at + 1).map_or("", |word| word.text(text));
                    language.ends_with("ese")
                        || language.ends_with("sh")
                        || language.ends_with("an")
                        || language == "the" && matches!(&*lower(at + 2), "original" | "source")
                }
                "as" => {
                    matches!(&*lower(at + 1), "is" | "they" | "it")
                        && matches!(&*lower(at + 2), "is" | "are" | "." | "")
                        || lower(at + 1) == "in" && matches!(&*lower(at + 3), "original" | "source")
                }
                _ => false,
            }),
        // "Copy the names exactly", "names are copied character for character".
        "copy" | "copied" | "reproduce" | "reproduced" => {
            (at + 1..words.len()).any(|next| match &*lower(next) {
                "verbatim" | "exactly" | "precisely" => true,
                "for" => next_to_its_twin(&lower, next),
                _ => false,
            }) && !words[..at].iter().any(|word| word.is(vocabulary::NEGATION))
        }
        "change" | "alter" | "touch" | "translate" | "changed" | "altered" | "touched" | "translated"
        | "modify" | "modified" | "edit" | "edited" | "rearrange" | "reword" | "reorder" | "rename"
        | "renamed" | "convert" | "converted" => {
            at > 0
                && at <= 6
                && words[..at].iter().any(|word| word.is(vocabulary::NEGATION))
                && words[at + 1..].iter().all(|word| !matches!(&*word.lower(text), "to" | "into" | "without"))
        }
        _ => false,
    })
}

/// The "for" of "character for character".
fn next_to_its_twin<'a>(lower: &impl Fn(usize) -> Cow<'a, str>, at: usize) -> bool {
    at > 1 && !lower(at + 1).is_empty() && lower(at - 1) == lower(at + 1)
}

/// Words from which a sentence says more than what is kept.
const LONG_WISH: usize = 18;

/// Where "in the title", "in your reply" begins, at the end of a sentence; the length where nothing of the kind stands there.
pub(super) fn narrow_place(text: &str, words: &[Word]) -> usize {
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
    let tail = end.saturating_sub(3);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let led = matches!(&*lower(tail), "in" | "within")
        && matches!(&*lower(tail + 1), "the" | "your" | "each" | "every" | "any");
    // "Fares that are not in the table" names fares.
    let told = tail > 0 && words[tail - 1].is(vocabulary::NEGATION | vocabulary::FINITE);
    if led && tail >= 3 && !told { tail } else { words.len() }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn kept(text: &str) -> bool {
        preserves(text, Words::read(text, 0).within(Span::new(0, text.len())))
    }

    fn place(text: &str) -> usize {
        narrow_place(text, Words::read(text, 0).within(Span::new(0, text.len())))
    }

    #[test]
    fn what_is_left_as_it_is() {
        assert!(kept("Keep the names as they are."));
        assert!(kept("The names stay unchanged."));
        assert!(kept("Never alter the names."));
        assert!(kept("Keep the names in Danish."));
        assert!(kept("Copy the names exactly as they appear."));
        assert!(kept("Names are copied letter for letter."));
        assert!(!kept("Keep the names short."));
        assert!(!kept("Copy the names."));
        assert!(!kept("Never copy names exactly."));
        assert!(!kept("Do not change the names into numbers."));
        assert!(!kept("If the boat is late, leave the names as they are."));
    }

    #[test]
    fn the_part_that_a_demand_holds_for() {
        assert_eq!(place("Name the pier in the title."), 3);
        assert_eq!(place("Name the pier."), 4);
        assert_eq!(place("Name no pier that is not in the list."), 10, "that names the piers");
    }
}
