//! The words that a demand is wrapped in: "make sure to …", "refrain from …", "… is forbidden".

use crate::lexicon::vocabulary;
use crate::words::Word;
use std::ops::Range;

/// A demand without its wrapping.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct Directive {
    /// The wrapping forbids what it holds.
    pub(crate) forbids: bool,
    /// The words of what is asked for or forbidden.
    pub(crate) body: Range<usize>,
}

/// What asks for the order behind it.
const ASKS: [&str; 45] = [
    "always make sure to",
    "at all times ,",
    "be certain to",
    "be sure to",
    "do not fail to",
    "do not forget to",
    "do not neglect to",
    "don't fail to",
    "don't forget to",
    "don't neglect to",
    "ensure that you",
    "ensure you",
    "i need you to",
    "i want you to",
    "i would like you to",
    "i'd like you to",
    "in all cases ,",
    "in each case ,",
    "in every case ,",
    "it is crucial that you",
    "it is crucial to",
    "it is essential that you",
    "it is essential to",
    "it is important that you",
    "it is important to",
    "it is mandatory to",
    "it is necessary to",
    "it is vital that you",
    "it is vital to",
    "make certain to",
    "make sure that you",
    "make sure to",
    "make sure you",
    "never fail to",
    "never forget to",
    "remember to",
    "see to it that you",
    "we want you to",
    "you are expected to",
    "you are required to",
    "you have to",
    "you must",
    "you must always",
    "you should",
    "you should always",
];

/// What forbids the deed behind it.
const BANS: [&str; 50] = [
    "abstain from",
    "at no point",
    "at no time",
    "be careful never to",
    "be careful not to",
    "be sure never to",
    "be sure not to",
    "i do not want you to",
    "i don't want you to",
    "in no case",
    "it is forbidden to",
    "it is not allowed to",
    "it is not permitted to",
    "it is prohibited to",
    "make certain not to",
    "make sure never to",
    "make sure not to",
    "make sure that you do not",
    "make sure that you don't",
    "make sure that you never",
    "make sure you do not",
    "make sure you don't",
    "make sure you never",
    "refrain from",
    "remember not to",
    "see to it that you never",
    "take care never to",
    "take care not to",
    "under no circumstance",
    "under no circumstances",
    "there is no need to",
    "there's no need to",
    "we do not want you to",
    "we don't want you to",
    "you are forbidden to",
    "you are never to",
    "you are not allowed to",
    "you are not permitted to",
    "you are not to",
    "you do not have to",
    "you do not need to",
    "you don't have to",
    "you don't need to",
    "you must never",
    "you must not",
    "you need not",
    "you needn't",
    "you shall never",
    "you should never",
    "you should not",
];

/// What is said behind a deed that is forbidden: "quoting guests |is forbidden|".
const RULED_OUT: [&str; 9] = [
    "forbidden", "prohibited", "banned", "disallowed", "unacceptable", "not allowed", "not permitted",
    "not acceptable", "off limits",
];

/// The words that such a wrapping opens with.
const OPENS: [&str; 23] = [
    "abstain", "always", "at", "avoid", "be", "do", "don't", "ensure", "i", "i'd", "in", "it", "make",
    "never", "refrain", "remember", "see", "take", "there", "there's", "under", "we", "you",
];

/// How many words of a sentence are looked at for what is said at its end.
const LONG: usize = 24;

/// Takes the wrapping of a demand off; none where it has none that is known. `words` are those of one sentence.
pub(crate) fn unwrapped(text: &str, words: &[Word]) -> Option<Directive> {
    let spelt = |at: usize| words.get(at).map(|word| word.lower(text));
    let polite =
        usize::from(spelt(0).is_some_and(|word| matches!(&*word, "please" | "also" | "and" | "but")));
    let first = spelt(polite)?;
    let matched = |phrases: &[&str]| {
        let length = |phrase: &&str| {
            if !phrase.starts_with(&*first) {
                return None;
            }
            let mut at = polite;
            let all = phrase.split(' ').all(|part| {
                let same = spelt(at).is_some_and(|word| *word == *part);
                at += 1;
                same
            });
            all.then_some(at)
        };
        phrases.iter().filter_map(length).max()
    };
    if !OPENS.contains(&&*first) {
        return ruled_out(text, words);
    }
    // "Avoid naming guests"; "avoid long names" wraps nothing.
    let avoids = first == "avoid" && spelt(polite + 1).is_some_and(|word| base(&word).is_some());
    let (asks, bans) = (matched(&ASKS), matched(&BANS).max(avoids.then_some(polite + 1)));
    let from = asks.max(bans)?;
    let forbids = bans == Some(from);
    // "Under no circumstances should you quote guests".
    let modal = words.get(from).is_some_and(|word| word.is(vocabulary::MODAL));
    let you = spelt(from + usize::from(modal)).is_some_and(|word| word == "you");
    let body = if forbids && you { from + usize::from(modal) + 1 } else { from };
    (body < words.len()).then_some(Directive { forbids, body: body..words.len() })
}

/// "Quoting guests is not allowed": the deed before it.
fn ruled_out(text: &str, words: &[Word]) -> Option<Directive> {
    let first = words.first()?.lower(text);
    if words.len() > LONG || !first.ends_with("ing") || base(&first).is_none() {
        return None;
    }
    let is = words.iter().rposition(|word| matches!(&*word.lower(text), "is" | "are"))?;
    let rest: Vec<_> = words[is + 1..].iter().filter(|word| !word.is_punctuation()).collect();
    let said = rest.iter().map(|word| word.lower(text)).collect::<Vec<_>>().join(" ");
    let said = said.strip_prefix("strictly ").or(said.strip_prefix("absolutely ")).unwrap_or(&said);
    (is >= 2 && RULED_OUT.contains(&said)).then_some(Directive { forbids: true, body: 0..is })
}

/// "Quoting" and "naming" as the verbs they are of: "quote", "name". None for a word that is no form of a known verb.
pub(crate) fn base(gerund: &str) -> Option<String> {
    let stem = gerund.strip_suffix("ing").filter(|stem| stem.len() >= 2 && stem.is_ascii())?;
    let verb = |word: &str| vocabulary::flags(vocabulary::find(word.as_bytes())) & vocabulary::VERB != 0;
    let bytes = stem.as_bytes();
    let double = bytes[bytes.len() - 1] == bytes[bytes.len() - 2];
    let single = if double { &stem[..stem.len() - 1] } else { stem };
    [stem.to_string(), format!("{stem}e"), single.to_string()].into_iter().find(|word| verb(word))
}

/// The longest aim that stands before an order, in words and signs.
const AIM: usize = 14;

/// "Give the length of every trail you recommend": of which trail, the rest of the prompt says.
fn before_your_deed<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let end = words.iter().rposition(|word| !word.is_punctuation()).map_or(0, |last| last + 1);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let deed = end >= SHORT && lower(end - 2) == "you" && words[end - 1].is(vocabulary::VERB);
    let of_each = deed && matches!(&*lower(end - 4), "every" | "each" | "any");
    if of_each { &words[..end - 2] } else { words }
}

/// The fewest words of such an order.
const SHORT: usize = 6;

/// "And please keep in mind that the fare is 4 crowns": what it reminds of.
fn behind_a_reminder<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let opens = (0..3).find(|&at| !matches!(&*lower(at), "and" | "also" | "please" | "always")).unwrap_or(3);
    let keeps = matches!(&*lower(opens), "keep" | "bear")
        && lower(opens + 1) == "in"
        && lower(opens + 2) == "mind"
        && lower(opens + 3) == "that";
    if keeps { &words[opens + 4..] } else { words }
}

/// The order behind "To write the whole notice, list its parts first": what is aimed at is no demand of it.
pub(crate) fn behind_its_aim<'a>(text: &str, words: &'a [Word]) -> &'a [Word] {
    let words = before_your_deed(text, behind_a_reminder(text, words));
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let aims = lower(0) == "to" || lower(0) == "in" && lower(1) == "order" && lower(2) == "to";
    let comma = (2..words.len().min(AIM)).find(|&at| lower(at) == ",").filter(|_| aims);
    let order = comma
        .map(|comma| comma + 1 + usize::from(matches!(&*lower(comma + 1), "please" | "always" | "first")));
    match order.filter(|&at| words.get(at).is_some_and(|word| word.is(vocabulary::VERB))) {
        Some(at) => &words[at..],
        None => words,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    #[test]
    fn the_wrapping_comes_off() {
        let rows = [
            ("Make sure to name the pier.", Some((false, "name the pier."))),
            ("Please remember to name the pier.", Some((false, "name the pier."))),
            ("Make sure you don't name the pier.", Some((true, "name the pier."))),
            ("Make sure you name the pier.", Some((false, "name the pier."))),
            ("Refrain from naming the pier.", Some((true, "naming the pier."))),
            ("Don't forget to name the pier.", Some((false, "name the pier."))),
            ("I don't want you to name the pier.", Some((true, "name the pier."))),
            ("Naming the pier is strictly forbidden.", Some((true, "Naming the pier"))),
            ("Naming the pier is a habit.", None),
            ("Name the pier.", None),
        ];
        for (line, wanted) in rows {
            let words = Words::read(line, 0);
            let found = unwrapped(line, words.all()).map(|directive| {
                let body = &words.all()[directive.body];
                let span = body[0].span().cover(body[body.len() - 1].span());
                (directive.forbids, &line[span.range()])
            });
            assert_eq!(found, wanted, "{line}");
        }
    }

    #[test]
    fn a_gerund_is_of_its_verb() {
        assert_eq!(base("naming").as_deref(), Some("name"));
        assert_eq!(base("quoting").as_deref(), Some("quote"));
        assert_eq!(base("mentioning").as_deref(), Some("mention"));
        assert_eq!(base("morning"), None);
    }
}
