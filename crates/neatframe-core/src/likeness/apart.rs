//! What sets two demands apart, however many words they share.

use crate::lexicon::vocabulary;
use crate::unit_names;
use crate::words::Word;

/// Words of which one rules the other out.
const OPPOSITES: [(&str, &str); 46] = [
    ("start", "end"),
    ("starts", "ends"),
    ("begin", "end"),
    ("begins", "ends"),
    ("start", "finish"),
    ("opening", "closing"),
    ("opens", "closes"),
    ("open", "close"),
    ("above", "below"),
    ("first", "last"),
    ("first", "second"),
    ("previous", "next"),
    ("earlier", "later"),
    ("up", "down"),
    ("left", "right"),
    ("top", "bottom"),
    ("upper", "lower"),
    ("higher", "lower"),
    ("highest", "lowest"),
    ("increase", "decrease"),
    ("maximum", "minimum"),
    ("max", "min"),
    ("most", "least"),
    ("longest", "shortest"),
    ("newest", "oldest"),
    ("old", "new"),
    ("correct", "incorrect"),
    ("valid", "invalid"),
    ("true", "false"),
    ("positive", "negative"),
    ("unrelated", "within"),
    ("unrelated", "related"),
    ("irrelevant", "relevant"),
    ("outside", "within"),
    ("source", "target"),
    ("input", "output"),
    ("inputs", "outputs"),
    ("header", "footer"),
    ("internal", "external"),
    ("singular", "plural"),
    ("add", "delete"),
    ("add", "remove"),
    ("addition", "deletion"),
    ("read", "write"),
    ("user", "assistant"),
    ("sender", "recipient"),
];

/// Words beyond which only the first are compared.
const MOST: usize = 60;

/// "End with the date" and "start with the date".
pub(crate) fn are_opposed(text: &str, one: &[Word], two: &[Word]) -> bool {
    let (one, two) = (&one[..one.len().min(MOST)], &two[..two.len().min(MOST)]);
    let has = |words: &[Word], name: &str| words.iter().any(|word| word.lower(text) == name);
    let split = |a: &str, b: &str| has(one, a) && !has(one, b) && has(two, b) && !has(two, a);
    // "Before you send" and "after you wrote" are one moment, "before the title" and "after the title" two places.
    let place = |words: &[Word], name: &str| {
        // "*before* the change".
        let plain: Vec<&Word> = words.iter().filter(|word| !word.is_punctuation()).collect();
        plain.windows(2).any(|pair| {
            pair[0].lower(text) == name
                && matches!(&*pair[1].lower(text), "the" | "each" | "every" | "a" | "this")
        })
    };
    let sides = place(one, "before") && place(two, "after") || place(one, "after") && place(two, "before");
    let drops = drops_what_is_given(text, one, two) || drops_what_is_given(text, two, one);
    sides
        || drops
        || describe_opposites(text, one, two)
        || describe_opposites(text, two, one)
        || unit_names::differ(text, one, two)
        || OPPOSITES.iter().any(|(a, b)| split(a, b) || split(b, a))
}

/// "Name a boat that carries cars" and "name a boat that does not carry cars".
fn describe_opposites(text: &str, one: &[Word], two: &[Word]) -> bool {
    const NEAR: usize = 4;
    let relative = |words: &[Word]| {
        words
            .iter()
            .position(|word| matches!(&*word.lower(text), "that" | "which" | "who"))
            .filter(|at| *at > 1)
    };
    let denied = |words: &[Word]| words.iter().position(|word| word.is(vocabulary::NEGATION));
    let verb = |words: &[Word]| words.iter().find(|word| word.is(vocabulary::VERB)).map(|word| word.hash());
    let denies =
        relative(two).zip(denied(two)).is_some_and(|(from, at)| (from + 1..from + NEAR).contains(&at));
    denies && relative(one).is_some() && denied(one).is_none() && verb(one) == verb(two)
}

/// "Leave out the allergens" and "allergens are given as letters".
fn drops_what_is_given(text: &str, one: &[Word], two: &[Word]) -> bool {
    const GIVES: [&str; 18] = [
        "give", "gives", "given", "list", "lists", "listed", "show", "shows", "shown", "include", "includes",
        "included", "name", "named", "state", "stated", "add", "mention",
    ];
    let lower = |at: usize| one.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let out = lower(0) == "leave" && lower(1) == "out";
    if !out && !matches!(&*lower(0), "omit" | "skip" | "drop") {
        return false;
    }
    let from = 1 + usize::from(out);
    let from = from + usize::from(matches!(&*lower(from), "the" | "all" | "any"));
    let ended = one.get(from + 1).is_none_or(|word| word.is_punctuation());
    let thing = lower(from);
    let spares = two.iter().any(|word| {
        word.is(vocabulary::NEGATION | vocabulary::CONDITION)
            || matches!(&*word.lower(text), "only" | "just" | "leave" | "omit" | "skip" | "drop" | "left")
    });
    let named = two.iter().any(|word| word.lower(text) == thing);
    ended && named && !spares && two.iter().any(|word| GIVES.contains(&&*word.lower(text)))
}

/// Besides opposites: "only the log" and "the log"; "`a`: the fare" and "`b`: the fare".
pub(crate) fn are_apart(text: &str, one: &[Word], two: &[Word]) -> bool {
    let (one, two) = (&one[..one.len().min(MOST)], &two[..two.len().min(MOST)]);
    let has = |words: &[Word], name: &str| words.iter().any(|word| word.lower(text) == name);
    // "Only one message" counts.
    let only =
        |words: &[Word]| words.windows(2).any(|pair| pair[0].lower(text) == "only" && !pair[1].is_number());
    let confines = |words: &[Word]| only(words) || has(words, "solely") || has(words, "exclusively");
    let rules_out = |words: &[Word]| words.iter().any(|word| word.is(vocabulary::NEGATION));
    // "Only pay once it is confirmed" is about when.
    let times = ["once", "when", "after", "if", "until"].iter().any(|name| has(two, name));
    let confined = confines(two) && !confines(one) && !rules_out(one) && !times;
    let asks = two.windows(2).any(|pair| {
        pair[1].lower(text) == "which"
            && !matches!(&*pair[0].lower(text), "in" | "of" | "for" | "from" | "at" | ",")
    });
    let asks_which = asks && !has(one, "which");
    // "Answer from the sources only" asks for no citation.
    let cites = |words: &[Word]| {
        words.iter().any(|word| {
            let lower = word.lower(text);
            lower.starts_with("citation") || matches!(&*lower, "cite" | "cites" | "cited" | "citing")
        })
    };
    let cites_alone = confines(one) && !cites(one) && cites(two);
    // "The gate must be able to be shut" and "shut the gate".
    let able = |words: &[Word]| {
        words.windows(3).any(|run| run.iter().map(|word| word.lower(text)).eq(["able", "to", "be"]))
    };
    are_opposed(text, one, two)
        || able(one) != able(two)
        || confined
        || cites_alone
        || asks_which
        || points_back(text, two)
        || cases_differ(text, one, two)
        || head(text, one) != head(text, two)
        || labels_differ(text, one, two)
}

/// "Subject: the name of …" and "Object: the name of …".
fn labels_differ(text: &str, one: &[Word], two: &[Word]) -> bool {
    let label = |words: &[Word]| {
        let first = words.iter().position(|word| !word.is_punctuation())?;
        let colon = words[first..].iter().take(LABEL + 1).position(|word| word.text(text) == ":")?;
        let label = &text[words[first].start as usize..words[first + colon.checked_sub(1)?].end as usize];
        label.starts_with(char::is_uppercase).then_some(label)
    };
    label(one).zip(label(two)).is_some_and(|(one, two)| one != two)
}

/// "These lines begin with a blank": what they are stands before.
fn points_back(text: &str, words: &[Word]) -> bool {
    words.first().is_some_and(|word| matches!(&*word.lower(text), "these" | "those" | "they" | "such"))
}

/// "For a guest: …" and "for the crew: …".
fn cases_differ(text: &str, one: &[Word], two: &[Word]) -> bool {
    let case = |words: &[Word]| -> Option<Vec<String>> {
        let opens = words.first().is_some_and(|word| word.lower(text) == "for");
        let end = words.iter().take(CASE).position(|word| matches!(word.text(text), ":" | ","))?;
        opens.then(|| words[..end].iter().map(|word| word.lower(text).into_owned()).collect())
    };
    case(one).zip(case(two)).is_some_and(|(one, two)| one != two)
}

/// "If the log and the sign differ, …" and "if the log and the list differ, …": one noun of the case is another.
pub(crate) fn are_other_cases(text: &str, one: &[Word], two: &[Word]) -> bool {
    let case = |words: &[Word]| {
        let opens = words.first().is_some_and(|word| word.is(vocabulary::CONDITION));
        words.iter().take(2 * CASE).position(|word| word.text(text) == ",").filter(|_| opens)
    };
    let (Some(end), Some(other)) = (case(one), case(two)) else { return false };
    let mut others =
        one[..end].iter().zip(&two[..other]).filter(|(one, two)| one.lower(text) != two.lower(text));
    let noun = |word: &Word| {
        !word.is(vocabulary::STOP | vocabulary::CONDITION | vocabulary::FINITE | vocabulary::NEGATION)
            && !word.is_punctuation()
    };
    let single = others.next().filter(|(one, two)| noun(one) && noun(two));
    end == other && single.is_some() && others.next().is_none()
}

/// Words of the longest case that opens a line.
const CASE: usize = 10;

/// The most words of a label.
const LABEL: usize = 4;

/// The name that a line explains: `content` in "`content` - the words to write", `yes` in "'yes': the boat sails", `find` in
/// "def find(name)".
fn head<'a>(text: &'a str, words: &[Word]) -> Option<&'a str> {
    let first = words.iter().position(|word| !word.is_punctuation())?;
    let quoted = first > 0 && matches!(words[0].text(text), "`" | "'" | "\"" | "“");
    let name = words[first].text(text);
    let loud = name.len() >= 3 && name.bytes().all(|b| b.is_ascii_uppercase() || b == b'_');
    let explains =
        words[first + 1..].iter().take(5).any(|word| matches!(word.text(text), ":" | "-" | "–" | "—" | "→"));
    let define = matches!(name, "def" | "fn" | "function").then(|| words.get(first + 1)).flatten();
    let called = define.or(words.get(first)).filter(|word| text[word.end as usize..].starts_with('('));
    called.map(|word| word.text(text)).or(((quoted || loud) && explains).then_some(name))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn hold(test: fn(&str, &[Word], &[Word]) -> bool, one: &str, two: &str) -> bool {
        let text = format!("{one}\n{two}");
        let words = Words::read(&text, 0);
        let (one, two) = (Span::new(0, one.len()), Span::new(one.len() + 1, text.len()));
        test(&text, words.within(one), words.within(two))
    }

    fn apart(one: &str, two: &str) -> bool {
        hold(are_apart, one, two)
    }

    #[test]
    fn another_noun_is_another_case() {
        let other = |one: &str, two: &str| hold(are_other_cases, one, two);
        assert!(other("If the log and the sign differ, ask.", "If the log and the list differ, ask."));
        assert!(!other("If the log and the sign differ, ask.", "If the log and the sign differ, then ask."));
        assert!(!other("If the fare is missing, ask.", "When no fare is given, ask."));
    }

    #[test]
    fn opposites_set_two_demands_apart() {
        assert!(apart("The log must start with a date.", "The log must end with a date."));
        assert!(apart("Show three lines before the change.", "Show three lines after the change."));
        assert!(!apart("Show the fare before the pier.", "Before the pier, show the fare."));
        assert!(apart("Name a boat that carries cars.", "Name a boat that would not carry cars."));
        assert!(!apart("Name boats that carry cars.", "Never name boats that do not carry cars."));
    }

    #[test]
    fn a_limit_says_more_than_the_thing() {
        assert!(apart("Use the log.", "Use only the log."));
        assert!(!apart("Use only the log.", "Only the log is used."));
        assert!(!apart("Use nothing but the log.", "Use the log."));
    }

    #[test]
    fn what_can_be_done_is_not_an_order_to_do_it() {
        assert!(apart("The gate must be able to be shut.", "Shut the gate."));
        assert!(!apart("The gate must be shut.", "Shut the gate."));
    }

    #[test]
    fn lines_that_explain_two_names() {
        assert!(apart("`read` - reads the log of the boat.", "`log` - the log of the boat."));
        assert!(apart("Sort the mail by its language.", "'yes': the mail is in the language."));
    }
}
