//! A meal for one number of people, and amounts for another: "a recipe for four people", "all amounts are for six people".

use super::{Case, Sink, rivals};
use crate::requirement::{is_exception, number};
use crate::words::Word;
use std::borrow::Cow;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(case, sink, read, |one, two| one != two);
}

fn read(case: &Case<'_>, unit: usize) -> Option<u32> {
    let (text, words) = (case.source.text(), case.words_of(unit));
    served(text, words).filter(|_| !is_exception(text, words))
}

/// How many people a recipe, its amounts or a menu are for.
fn served(text: &str, words: &[Word]) -> Option<u32> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let for_people = (0..words.len()).find_map(|at| {
        let people =
            matches!(&*lower(at + 2), "people" | "persons" | "guests" | "servings" | "portions" | "adults");
        let leads = matches!(&*lower(at), "for" | "serves" | "makes" | "feeds");
        number(text, *words.get(at + 1)?).filter(|_| leads && people).map(|count| (at, count))
    });
    let (at, count) = for_people?;
    let of_food = words[..at].iter().any(|word| {
        matches!(
            &*word.lower(text),
            "recipe"
                | "recipes"
                | "amount"
                | "amounts"
                | "quantities"
                | "ingredients"
                | "dish"
                | "meal"
                | "menu"
        )
    });
    // "For four people or more", "for four people each".
    let ends = words.get(at + 3).is_none_or(|word| word.is_punctuation());
    (of_food && ends).then_some(count)
}

#[cfg(test)]
mod tests {
    use super::served;
    use crate::words::Words;

    #[test]
    fn how_many_eat() {
        let text = "Write the recipe for four people.";
        assert_eq!(served(text, Words::read(text, 0).all()), Some(4));
        let text = "Book a table for six people.";
        assert_eq!(served(text, Words::read(text, 0).all()), None);
    }
}
