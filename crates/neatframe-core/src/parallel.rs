//! Work on long texts by several threads, with the same outcome as by one.

use rayon::prelude::*;

/// From how many bytes on a text is worth several threads; a short one is done before they have started.
const LONG: usize = 64 * 1024;

/// What becomes of each item, in the order of the items.
pub(crate) fn map<T: Sync, R: Send>(text: &str, items: &[T], each: impl Fn(&T) -> R + Send + Sync) -> Vec<R> {
    match text.len() >= LONG {
        true => items.par_iter().map(each).collect(),
        false => items.iter().map(each).collect(),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_long_text_gives_what_a_short_one_does() {
        let items: Vec<usize> = (0..5000).collect();
        let twice = |item: &usize| item * 2;
        assert_eq!(map(&" ".repeat(LONG), &items, twice), map("", &items, twice));
    }
}
