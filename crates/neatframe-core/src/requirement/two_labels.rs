//! Labels that a rule names two of, or in other ways than a list behind a colon: "as positive or negative", "with yes, no or unclear".

use super::choice::{SORTS, short_names, sorting_verb};

/// The most words before the labels, and the most of a label in small letters.
const HEAD: usize = 5;
const LABEL: usize = 2;

/// The labels that a sentence chooses from.
pub(super) fn read(body: &str) -> Option<Vec<String>> {
    one_of_two(body)
        .or_else(|| two_words(body))
        .or_else(|| sorted_and(body))
        .or_else(|| answered_with(body))
        .or_else(|| written_for_each(body))
        .or_else(|| named_at_the_end(body))
}

/// "Mark each slip as "open" or "closed"": two labels in quotation marks.
fn one_of_two(body: &str) -> Option<Vec<String>> {
    let verb = sorting_verb(body).filter(|verb| SORTS.contains(&verb.as_str()))?;
    let (head, list) = [" as ", " with ", " into "].iter().find_map(|sign| body.split_once(sign))?;
    let (one, two) = list.trim_end_matches('.').split_once(" or ")?;
    let quoted = |name: &str| {
        let name = name.trim();
        // "Sort the slips into LOST or LATE".
        if name.len() >= 2 && name.chars().all(|c| c.is_ascii_uppercase() || c == '_') {
            return Some(name.to_string());
        }
        let inner = name.strip_prefix(['"', '`', '“'])?.strip_suffix(['"', '`', '”'])?;
        (inner.split_whitespace().count() <= LABEL).then(|| inner.to_string())
    };
    let near = head.split_whitespace().count() <= HEAD + usize::from(verb == "classify");
    near.then_some(vec![quoted(one)?, quoted(two)?])
}

/// "Classify each review as positive or negative.": two words in small letters.
fn two_words(body: &str) -> Option<Vec<String>> {
    let verb = sorting_verb(body).filter(|verb| SORTS.contains(&verb.as_str()))?;
    let (head, list) = body.split_once(" as ")?;
    let list = list.trim_end_matches('.');
    let (one, two) = list.trim_start_matches("either ").split_once(" or ")?;
    let near = head.split_whitespace().count() <= HEAD && !matches!(&*verb, "pick" | "choose" | "decide");
    (near && is_plain(one) && is_plain(two)).then(|| vec![one.to_string(), two.to_string()])
}

/// A single word in small letters that is no word of comparison.
fn is_plain(word: &str) -> bool {
    word.len() > 2
        && word.chars().all(|c| c.is_ascii_lowercase() || c == '-')
        && !matches!(word, "not" | "more" | "less" | "fewer" | "later" | "long" | "short" | "such" | "needed")
}

/// "Sort the mails into bug, feature and question.": each of them is a heap.
fn sorted_and(body: &str) -> Option<Vec<String>> {
    let verb = sorting_verb(body)?;
    let (head, list) = body.split_once(" into ")?;
    let list = list.trim_end_matches('.');
    let (rest, last) = list.rsplit_once(" and ")?;
    let near = head.split_whitespace().count() <= HEAD;
    let sorts = matches!(&*verb, "sort" | "classify" | "categorise" | "categorize" | "file");
    let names = short_names(&format!("{rest}, {last}")).filter(|_| near && sorts)?;
    names.iter().all(|name| is_plain(name)).then_some(names)
}

/// "Answer with yes, no or unclear.": the words are the whole answer.
fn answered_with(body: &str) -> Option<Vec<String>> {
    let bare = body.trim_start_matches("Only ").trim_start_matches("Always ");
    let (verb, list) = bare.split_once(' ')?;
    let answers = matches!(verb, "Answer" | "answer" | "Reply" | "reply" | "Respond" | "respond");
    let list = list.strip_prefix("with ").or_else(|| list.strip_prefix("only with "))?;
    let names = short_names(list).filter(|_| answers && list.contains(" or "))?;
    names.iter().all(|name| is_plain(name) || matches!(&**name, "no")).then_some(names)
}

/// "Label the review positive or negative.": the last two words.
fn named_at_the_end(body: &str) -> Option<Vec<String>> {
    const VERBS: [&str; 6] = ["label", "mark", "rate", "tag", "judge", "call"];
    let verb = sorting_verb(body).filter(|verb| VERBS.contains(&verb.as_str()))?;
    let words: Vec<&str> = body.trim_end_matches('.').split_whitespace().collect();
    let [head @ .., one, or, two] = words.as_slice() else { return None };
    let plain = |word: &str| word.len() > 2 && word.chars().all(|c| c.is_ascii_lowercase());
    let thing = head.len() == 3 && matches!(head[1], "the" | "each" | "every") && !verb.is_empty();
    (*or == "or" && thing && plain(one) && plain(two)).then(|| vec![(*one).into(), (*two).into()])
}

/// "For each check write PASS or FAIL": two labels in capitals.
fn written_for_each(body: &str) -> Option<Vec<String>> {
    let rest = ["For each ", "For every "].iter().find_map(|lead| body.strip_prefix(lead))?;
    let (thing, said) =
        [" write ", " put ", " say ", " give "].iter().find_map(|verb| rest.split_once(verb))?;
    let (one, rest) = said.split_once(" or ")?;
    let two = rest.split([' ', ',', '.', ';', ':']).next()?;
    let loud = |name: &str| name.len() >= 2 && name.chars().all(|c| c.is_ascii_uppercase() || c == '_');
    (thing.split_whitespace().count() <= 3 && loud(one) && loud(two)).then(|| vec![one.into(), two.into()])
}

#[cfg(test)]
mod tests {
    use super::read;

    #[test]
    fn labels_without_a_colon() {
        assert_eq!(read("Label each slip as open or closed.").unwrap(), ["open", "closed"]);
        assert_eq!(read("Sort the slips into lost, late and other.").unwrap(), ["lost", "late", "other"]);
        assert_eq!(read("Answer with yes, no or unclear.").unwrap(), ["yes", "no", "unclear"]);
        assert_eq!(read("Mark each slip as \"open\" or \"closed\".").unwrap(), ["open", "closed"]);
        assert_eq!(read("For each slip write LOST or FOUND.").unwrap(), ["LOST", "FOUND"]);
    }

    #[test]
    fn what_is_no_choice() {
        assert_eq!(read("Rate the text as short or long."), None);
        assert_eq!(read("Split the text into title and body."), None);
        assert_eq!(read("Answer with care, wit or a joke of your own."), None);
    }
}
