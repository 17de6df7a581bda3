//! What a demand comes down to, so that two can be compared whatever their words.

mod apart;
mod base;
mod confined;
mod framing;
mod idioms;
mod kept;
mod said;
mod stem;

use crate::directive::unwrapped;
use crate::lexicon::vocabulary;
use crate::words::Word;
pub(crate) use apart::{are_apart, are_opposed, are_other_cases};
use base::hash;
pub(crate) use confined::{Confined, confined};
use framing::{
    ABSENT, DENYING, FRAMING, HEADS, LEAVES_OUT, LISTED, LISTS, OUTPUTS, OWNED_NAME, SOURCES, TELLS,
    determines, is_name, is_quality, shuns,
};
use kept::{PRESERVING, narrow_place, preserves};
pub(crate) use stem::stem;

/// The gist of a unit: the stems of its meaningful words, its numbers, and whether it forbids.
#[derive(Clone, Debug, Default)]
pub(crate) struct Gist {
    /// Sorted, no doubles. Words of one meaning share a stem.
    pub(crate) stems: Vec<u32>,
    numbers: Vec<u32>,
    forbids: bool,
    /// The stems that hardly matter: what a clause behind them tells, what is not to come twice.
    loose: Vec<u32>,
    /// The stems that stand outside its condition, and what the condition says: that something is there, or that it is not.
    main: Vec<u32>,
    case: Option<bool>,
    /// It tells what to do in doubt.
    doubts: bool,
    /// It rules something out, be it a figure: "nothing above 5".
    negated: bool,
    /// What a demand that confines takes its facts from: "only from the log".
    source: Option<u32>,
    /// "Only the figures that are given", "no figures that are not given".
    confines: bool,
    /// Whether it is to happen once, or each time.
    once: bool,
    each: bool,
    /// It holds for everything: "format everything in Markdown".
    of_all: bool,
    /// What is done to the thing: kept, or changed.
    keeps: bool,
    changes: bool,
    /// "Leave the names as they are", "do not change the names": kept as a whole.
    preserves: bool,
    /// The part that it holds for: "in the title".
    place: Option<u32>,
    /// Stems of what stands in capitals or backticks: names that set two demands apart.
    named: Vec<u32>,
    /// Stems that stand side by side, each pair in order of size.
    pairs: Vec<(u32, u32)>,
    /// The lexicon of qualities knows one of the words.
    quality: bool,
    /// A short demand for one quality and nothing else.
    one_quality: bool,
    /// "A fare without its link is rejected".
    rejects: bool,
    /// "Do not forget the hut": a figure that was told with it may be left away.
    reminds: bool,
}

/// Reads the gist of a unit's words; `quality` tells that the lexicon of qualities knows one of them.
pub(crate) fn gist(text: &str, words: &[Word], quality: bool) -> Gist {
    let mut gist = Gist::default();
    let (mut negations, mut described, mut only, mut beyond) = (0u32, 0u32, false, false);
    // "Use active, not passive": what stands behind the comma only says it the other way round.
    let tail = words.windows(2).position(|pair| {
        let (one, two) = (pair[0].lower(text), pair[1].lower(text));
        matches!(&*two, "not" | "never") && matches!(&*one, "," | "but")
            || matches!((&*one, &*two), ("instead", "of") | ("rather", "than"))
    });
    let words = &words[..tail.filter(|at| *at >= 2).unwrap_or(words.len())];
    // "Refrain from naming guests", "I don't want you to name guests".
    let wrapped = unwrapped(text, words).filter(|directive| directive.body.start > 0);
    if let Some(directive) = &wrapped {
        negations += u32::from(directive.forbids);
        let reminds = |word: &Word| matches!(&*word.lower(text), "forget" | "remember");
        gist.reminds = words[..directive.body.start].iter().any(reminds);
    }
    let words = wrapped.map_or(words, |directive| &words[directive.body]);
    let whole = words;
    let preserved = preserves(text, words);
    gist.preserves = preserved;
    // "Never give a fare without its link": each of them has one.
    let without = words.iter().position(|word| word.lower(text) == "without");
    let denied = |words: &[Word]| words.iter().any(|word| word.is(vocabulary::NEGATION));
    // "A fare without its link is not allowed".
    let ruled_out = |rest: &[Word]| {
        denied(rest)
            || rest
                .iter()
                .any(|word| LEAVES_OUT.contains(&&*word.lower(text)) || word.lower(text) == "rejected")
    };
    let requires = without.is_some_and(|at| denied(&words[..at]) || at <= 3 && ruled_out(&words[at + 1..]));
    gist.rejects = requires && without.is_some_and(|at| at <= 3);
    let (words, subject_place) = without_place(text, words);
    let ends = narrow_place(text, words);
    // "In the text" is everywhere.
    let everywhere = |word: &&Word| {
        let lower = word.lower(text);
        let single = lower.strip_suffix('s').unwrap_or(&lower);
        OUTPUTS.binary_search(&single).is_ok()
            || matches!(single, "text" | "reply" | "answer" | "output" | "original" | "source")
    };
    let place = words.get(ends + 2).filter(|word| !everywhere(word));
    let output = |word: &Word| everywhere(&word);
    let subject_place = subject_place.filter(|_| !whole.get(1).is_some_and(output));
    gist.place = subject_place.or(place.map(|word| stem(&word.lower(text))));
    let words = &words[..ends];
    let mut in_condition = false;
    let (mut skips, mut sampled, mut discussed) = (false, false, false);
    let idioms = idioms::find(text, words);
    let mut listed = Vec::new();
    for (at, word) in words.iter().enumerate() {
        // "When there is no hour" and "if the hour is missing" name one case.
        // "As if you knew it" names no case.
        let likens = at > 0 && words[at - 1].lower(text) == "as";
        // "Cite where it comes from", "say when it sails" ask for the place and the time.
        let told = at > 0 && TELLS.contains(&&*words[at - 1].lower(text));
        in_condition = word.is(vocabulary::CONDITION) && !likens && !told
            || in_condition && !matches!(word.text(text), "," | ";" | ":" | ".");
        let before = gist.stems.len();
        // "Ticket numbers such as LF-12": a sample of what is named.
        if word.lower(text) == "such" && words.get(at + 1).is_some_and(|next| next.lower(text) == "as") {
            sampled = true;
        }
        sampled &= !(word
            .is(vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL | vocabulary::NEGATION)
            || matches!(&*word.lower(text), "," | ";" | "." | "do" | "does" | "are" | "is" | "in" | "out"));
        if sampled {
            continue;
        }
        if let Some(idiom) = idioms.iter().find(|idiom| idiom.words.contains(&at)) {
            if idiom.words.start == at {
                discussed |= idiom.means == ["discuss"];
                gist.stems.extend(idiom.means.iter().map(|word| stem(word)));
                if !in_condition {
                    gist.main.extend_from_slice(&gist.stems[before..]);
                }
                negations = negations.saturating_add_signed(idiom.negates);
            }
            continue;
        }
        if in_condition {
            let denies = word.is(vocabulary::NEGATION) || DENYING.contains(&&*word.lower(text));
            gist.case = Some(gist.case.unwrap_or(false) || denies);
        }
        if std::mem::take(&mut skips) || in_condition && ABSENT.contains(&&*word.lower(text)) {
            continue;
        }
        // "Entries are left out", "leave entries out".
        if preserved && PRESERVING.contains(&&*word.lower(text)) {
            continue;
        }
        let leaves = matches!(
            &*word.lower(text),
            "leave" | "left" | "leaving" | "stay" | "stays" | "keep" | "keeps" | "kept"
        );
        let out = words[at..].iter().take(6).any(|word| word.lower(text) == "out");
        if leaves && out {
            let denied = at > 0 && words[at - 1].is(vocabulary::NEGATION);
            negations = if denied { negations.saturating_sub(1) } else { negations + 1 };
            skips = words.get(at + 1).is_some_and(|next| next.lower(text) == "out");
            continue;
        }
        // "One by one" counts nothing.
        let by = |at: usize| words.get(at).is_some_and(|word| word.lower(text) == "by");
        // "The better one" counts nothing either.
        let stands_for = at > 0
            && words.get(at + 1).is_none_or(|next| next.is_punctuation())
            && !words[at - 1].is(vocabulary::STOP | vocabulary::VERB | vocabulary::PUNCTUATION);
        let one = word.lower(text) == "one" && (stands_for || by(at + 1) || at > 0 && by(at - 1));
        if one {
            continue;
        }
        // "One comment per problem" is one for each.
        let per = (at + 1..words.len().min(at + 6))
            .any(|at| matches!(&*words[at].lower(text), "per" | "each" | "every"));
        if word.lower(text) == "one" && per {
            gist.each = true;
            continue;
        }
        if word.is_number() {
            let value = vocabulary::number_value(word.id).unwrap_or_else(|| hash(word.text(text).as_bytes()));
            let digits = word.text(text).replace(',', "").parse().unwrap_or(value);
            // "Each slide has one message", "one message per slide".
            if !(digits == 1 && gist.each) {
                gist.numbers.push(digits);
            }
            continue;
        }
        let lower = word.lower(text);
        // "Do not try to explain" is "do not explain".
        let tries = matches!(&*lower, "try" | "attempt");
        if tries && words.get(at + 1).is_some_and(|next| next.lower(text) == "to") {
            continue;
        }
        // "Wait for approval before sending it", "send nothing without approval".
        if lower == "before" && idioms.iter().any(|idiom| idiom.means == ["approval"]) {
            continue;
        }
        // "Never make up a price".
        if matches!(&*lower, "make" | "makes" | "making")
            && words.get(at + 1).is_some_and(|next| next.lower(text) == "up")
        {
            gist.stems.push(stem("invent"));
            skips = true;
            continue;
        }
        // "Every item needs a price", "do not list an item without its price".
        let denied = at > 0 && words[at - 1].is(vocabulary::NEGATION);
        if requires && denied && LISTS.contains(&&*lower) {
            continue;
        }
        let shut_out = || matches!(&*lower, "rejected" | "allowed" | "accepted");
        if requires && (shut_out() || LEAVES_OUT.contains(&&*lower)) {
            continue;
        }
        // "List every assumption", "state the assumptions".
        let every = words.get(1).is_some_and(|next| matches!(&*next.lower(text), "every" | "each" | "all"));
        if at == 0
            && words.len() > 2
            && (matches!(&*lower, "state" | "note" | "specify") || lower == "list" && every)
        {
            gist.stems.push(stem("name"));
            gist.main.extend_from_slice(&gist.stems[before..]);
            continue;
        }
        // "The order of the entries" is the order.
        let of_the = at > 2 && words[at - 2].lower(text) == "of" && words[at - 1].lower(text) == "the";
        if preserved && of_the && HEADS.contains(&&*lower) {
            continue;
        }
        // "The guest's password" is the password.
        let owner = lower.strip_suffix("'s").map(|owner| vocabulary::find(owner.as_bytes()));
        let whose = owner.is_some_and(|id| vocabulary::flags(id) & vocabulary::PERSON != 0);
        if whose && words.get(at + 1).is_some_and(|next| !next.is_punctuation()) {
            continue;
        }
        // "Ask the customer for the number", "ask for the number".
        let asking = |at: usize| matches!(&*words[at].lower(text), "ask" | "asking");
        let asks = at > 0 && asking(at - 1) || at > 1 && words[at - 1].lower(text) == "the" && asking(at - 2);
        let told =
            words.get(at + 1).is_some_and(|next| matches!(&*next.lower(text), "for" | "if" | "whether"));
        if asks && told && word.is(vocabulary::PERSON) {
            continue;
        }
        gist.reminds |= matches!(&*lower, "forget" | "remember" | "reminder");
        if LISTED.contains(&&*lower) {
            listed.push(stem(&lower));
        }
        if LEAVES_OUT.contains(&&*lower) {
            // "Never skip a stop" puts each of them in.
            negations = if denied { negations.saturating_sub(1) } else { negations + 1 };
            continue;
        }
        // "Fares are in crowns, without decimals" orders first.
        let aside =
            gist.stems.len() >= 2 && lower == "without" && words[at - 1].text(text) == "," && negations == 0;
        // "If you cannot help, pass the call on": the case is denied, not the demand.
        let opens_case = words[0].is(vocabulary::CONDITION) && in_condition;
        // "Every call, late or not".
        let either = lower == "not" && at > 0 && words[at - 1].lower(text) == "or";
        let denies = word.is(vocabulary::NEGATION) && !aside && !opens_case && !either;
        negations += u32::from(denies);
        // "Posts that you cannot read" are told apart from others by it.
        let relative = |at: usize| matches!(&*words[at].lower(text), "that" | "which" | "who");
        described += u32::from(denies && (at.saturating_sub(2)..at).any(relative));
        // "Do not forget to name it" asks for it.
        negations -= u32::from(lower == "forget" && negations > 0);
        gist.once |= lower == "once";
        gist.of_all |= lower == "everything";
        gist.each |= matches!(&*lower, "every" | "each");
        gist.keeps |= matches!(&*lower, "keep" | "preserve" | "retain");
        gist.changes |=
            matches!(&*lower, "translate" | "change" | "replace" | "cut" | "remove" | "shorten" | "delete");
        let solely = matches!(&*lower, "solely" | "exclusively" | "strictly");
        // "Stick to the facts that are listed".
        let sticks = lower == "stick" && words.get(at + 1).is_some_and(|next| next.lower(text) == "to");
        only |= sticks;
        only |= solely || lower == "only" || lower == "just" && gist.stems.is_empty();
        // "Nothing but the log".
        let but = at > 0 && lower == "but" && matches!(&*words[at - 1].lower(text), "nothing" | "anything");
        beyond |= but || ["outside", "beyond", "besides", "other", "else", "except"].contains(&&*lower);
        if matches!(&*lower, "outside" | "beyond" | "besides") {
            continue;
        }
        // "Keep the price hidden", "do not show the price".
        if matches!(&*lower, "hidden" | "invisible") {
            negations += 1;
            gist.stems.push(stem("show"));
            continue;
        }
        // "Do not reorder the stops", "keep the order of the stops".
        if matches!(&*lower, "reorder" | "re-order") {
            gist.stems.push(stem("order"));
            continue;
        }
        // "Do not rename variables", "keep the names of variables".
        if matches!(&*lower, "rename" | "renamed") {
            gist.stems.push(stem("name"));
            continue;
        }
        // "Do not request a password", "never ask for one".
        if lower == "request" && (at == 0 || words[at - 1].is(vocabulary::NEGATION | vocabulary::MODAL)) {
            gist.stems.push(stem("ask"));
            continue;
        }
        // "A friendly tone" is a quality, "choose the tone" speaks of the tone.
        let subject = words.get(at + 1).is_some_and(|next| next.is(vocabulary::MODAL | vocabulary::STOP));
        let spoken_of = at > 0 && determines(&words[at - 1].lower(text)) && !subject;
        if matches!(&*lower, "tone" | "voice") && !spoken_of {
            continue;
        }
        if discussed && matches!(&*lower, "topic" | "topics" | "subject" | "subjects" | "matters" | "issues")
        {
            continue;
        }
        // "Every post needs a link": what carries it is what is written.
        let carries = words.get(at + 1).is_some_and(|next| {
            next.is(vocabulary::MODAL)
                || matches!(
                    &*next.lower(text),
                    "needs" | "need" | "has" | "have" | "contains" | "includes" | "ends"
                )
        });
        let every = |at: usize| matches!(&*words[at].lower(text), "every" | "each" | "all");
        if OUTPUTS.binary_search(&&*lower).is_ok() && at > 0 && every(at - 1) && (at > 1 || carries) {
            continue;
        }
        // "The term \"guest\"".
        let quotes = words.get(at + 1).is_some_and(|next| next.is(vocabulary::QUOTE));
        if lower == "user's" || quotes && matches!(&*lower, "term" | "word" | "phrase" | "name") {
            continue;
        }
        // "Entries that appear twice": what they are hardly matters.
        let told_by_a_clause =
            words.get(at + 1).is_some_and(|next| matches!(&*next.lower(text), "that" | "which" | "who"));
        // "In the same language as the letter" says which.
        let measured = words.get(at + 1).is_some_and(|next| next.lower(text) == "as");
        let same = at > 0 && words[at - 1].lower(text) == "same" && !measured;
        if at == 0 && told_by_a_clause && HEADS.contains(&&*lower) || same {
            gist.loose.push(stem(&lower));
        }
        // "End with DONE", "finish by writing OVER".
        let led = at > 0
            && matches!(
                &*words[at - 1].lower(text),
                "with" | "writing" | "is" | "write" | "print" | "say" | "says"
            );
        if led && word.is(vocabulary::STOP) && is_name(text, *word) && !is_name(text, words[at - 1]) {
            gist.named.push(stem(&lower));
            gist.stems.push(stem(&lower));
        }
        if word.is_punctuation() || solely || sticks || word.is(vocabulary::STOP | vocabulary::NEGATION) {
            continue;
        }
        // "The customer's name" is a thing, "name the customer" an order.
        let owned = matches!(&*lower, "name" | "names") && at > 0 && words[at - 1].text(text).ends_with("'s");
        // "Ana does the repairs" says who.
        let acts = at == 0
            && words
                .get(1)
                .is_some_and(|next| matches!(&*next.lower(text), "does" | "has" | "takes" | "gets"));
        // "No long posts" rules out no other posts; "write long sentences" tells which.
        let which = at > 0
            && (words[at - 1].lower(text) == "no" || lower == "long")
            && words.get(at + 1).is_some_and(|next| !next.is_punctuation() && !next.is(vocabulary::STOP));
        let means = FRAMING.binary_search(&&*lower).is_err() || is_quality(&lower) || which;
        // "IMPORTANT:" in capitals names nothing.
        if means && (is_name(text, *word) || acts) {
            gist.named.push(stem(&lower));
        }
        if means {
            gist.stems.push(if owned { OWNED_NAME } else { stem(&lower) });
        }
        if !in_condition {
            gist.main.extend_from_slice(&gist.stems[before..]);
        }
    }
    if preserved || requires || negations == described && !only && !beyond {
        negations = 0;
    }
    let conditional = words.iter().any(|word| word.is(vocabulary::CONDITION));
    gist.doubts = conditional
        && words.iter().any(|word| {
            matches!(&*word.lower(text), "unclear" | "uncertain" | "unsure" | "doubt" | "ambiguous")
        });
    gist.confines = !conditional && (only && negations == 0 || negations >= 2 || negations == 1 && beyond);
    gist.negated = negations > 0;
    // "Only return documents that …" picks among them, and takes nothing from them.
    let picked = |at: usize| {
        at > 1 && matches!(&*whole[at - 2].lower(text), "only" | "just") && whole[at - 1].is(vocabulary::VERB)
    };
    let named = |(at, word): &(usize, &Word)| SOURCES.contains(&&*word.lower(text)) && !picked(*at);
    gist.source = whole
        .iter()
        .enumerate()
        .rfind(named)
        .map(|(_, word)| word)
        .map(|word| stem(&word.lower(text)))
        .filter(|_| gist.confines);
    // "Only the tools listed", "no other tools".
    if gist.confines && gist.stems.len() > listed.len() {
        gist.stems.retain(|stem| !listed.contains(stem));
    }
    let pair = |two: &[u32]| (two[0].min(two[1]), two[0].max(two[1]));
    gist.pairs = gist.stems.windows(2).map(pair).collect();
    gist.quality = quality;
    gist.stems.sort_unstable();
    gist.stems.dedup();
    gist.numbers.sort_unstable();
    // "Keep the newsletter short": what is to be short hardly matters.
    let output = |word: &&Word| OUTPUTS.binary_search(&&*word.lower(text)).is_ok();
    let named =
        words.iter().filter(output).map(|word| stem(&word.lower(text))).find(|_| gist.stems.len() == 2);
    if let Some(at) =
        named.filter(|_| quality && words.len() <= 10).and_then(|named| gist.stems.binary_search(&named).ok())
    {
        gist.stems.remove(at);
    }
    gist.one_quality = quality && gist.stems.len() == 1 && words.len() <= 10;
    gist.forbids = negations > 0;
    // "No title is longer than 8 words" bounds; it does not forbid.
    gist.forbids &= gist.numbers.is_empty() || shuns(text, words);
    gist
}

/// "The title must not contain a number", "no number in the title": the part moves from the head to where it is looked for.
fn without_place<'a>(text: &str, words: &'a [Word]) -> (&'a [Word], Option<u32>) {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, names: &[&str]| lower(at).is_some_and(|word| names.contains(&&*word));
    let holds = (2..words.len().min(6)).find(|&at| {
        is(at, &["contain", "contains", "have", "hold", "include", "cover", "mention"])
            && !is(at + 1, &["to"])
    });
    let denied = |at: usize| words[2..at].iter().any(|word| word.is(vocabulary::NEGATION));
    let all = is(0, &["the", "each", "every", "your"]);
    // "The tests must cover edge cases", "edge cases in the tests".
    let one = is(0, &["the", "your"]) && is(2, &["must", "should"]);
    match holds.filter(|&at| all && denied(at) || one && at == 3) {
        Some(_) => (&words[2..], Some(stem(&words[1].lower(text)))),
        None => (words, None),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn said(later: &str, earlier: &str) -> bool {
        let read = |text: &str| gist(text, Words::read(text, 0).within(Span::new(0, text.len())), false);
        read(later).is_said_by(&read(earlier))
    }

    #[test]
    fn other_words_same_demand() {
        assert!(said(
            "The total length must stay below 400 words.",
            "Keep it under 400 words, all parts counted."
        ));
        assert!(said("Each price has to come with its link.", "Give a link for every price."));
        assert!(said("The feedback should be good.", "Give good feedback."));
        assert!(said("Do not change the names of piers.", "Leave fares and names of piers as they are."));
        assert!(said("Never give a fare without its link.", "Every fare carries a link."));
        let quality = |text: &str| gist(text, Words::read(text, 0).within(Span::new(0, text.len())), true);
        let passing = quality("Answer with a brief explanation, a table of fares and the name of the pier.");
        assert!(quality("Keep the explanation brief.").is_said_by(&passing));
        assert!(said("IMPORTANT: Take facts from the log.", "IMPORTANT: Take facts from the log."));
    }

    #[test]
    fn other_demands() {
        assert!(!said("Bullets have at most 12 words.", "Titles have at most 8 words."));
        assert!(!said("Never name the pier.", "Name the pier."));
        assert!(!said("Do not change the fares into dollars.", "Leave fares as they are."));
        assert!(!said("Never name a pier without asking.", "Do not name a pier."));
        assert!(!said("Write the answer.", "Write the summary of the answer in French."));
    }

    #[test]
    fn lists_are_sorted() {
        assert!(FRAMING.is_sorted() && OUTPUTS.is_sorted());
    }
}
