//! "First, read the log. Second, count the boats.": sentences that say which place they have in an order.

use crate::words::Word;

/// What such a sentence opens with, by place.
const ORDINALS: [&[&str]; 6] = [
    &["first", "firstly"],
    &["second", "secondly"],
    &["third", "thirdly"],
    &["fourth", "fourthly"],
    &["fifth", "fifthly"],
    &["sixth", "sixthly"],
];

/// The place that a sentence gives itself, from 0: 1 for "Second, count the boats." Behind all but the first a sign has to follow,
/// since "second helpings" and "third parties" are things.
pub(crate) fn place(text: &str, words: &[Word]) -> Option<usize> {
    let first = words.first()?.lower(text);
    let sign = words.get(1).is_some_and(|word| matches!(&*word.lower(text), "," | ":"));
    ORDINALS.iter().position(|names| names.contains(&&*first)).filter(|at| *at == 0 || sign)
}
