//! What a demand comes down to, so that two can be compared whatever their words.

mod apart;
mod base;
mod confined;
mod idioms;
mod kept;
mod stem;

use crate::lexicon::vocabulary;
use crate::words::Word;
pub(crate) use apart::{are_apart, are_opposed};
use base::hash;
pub(crate) use confined::{Confined, confined};
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
    /// "Do not forget the hut": a figure that was told with it may be left away.
    reminds: bool,
}

/// Words that only frame a demand ("keep it", "make sure"), or bound it ("at most"). Sorted.
const FRAMING: &[&str] = &[
    "above", "absolutely", "again", "allow", "allowed", "also", "answer", "answerable", "answered",
    "answers", "anything", "anywhere", "appear", "appears", "assign", "assigned", "back", "base", "based",
    "be", "belong", "belongs", "below", "carries", "carry", "come", "comes", "contain", "contained",
    "contains", "count", "counted", "cover", "covers", "deal", "deals", "do", "done", "either", "ensure",
    "everything", "exceed", "extremely", "fewer", "first", "following", "forget", "generate", "generated",
    "get", "gets", "give", "given", "giving", "go", "goes", "has", "have", "important", "include",
    "included", "including", "incredibly", "inside", "it", "its", "job", "keep", "last", "least", "leave",
    "leaves", "length", "less", "let", "lets", "letters", "limit", "limited", "long", "longer", "look",
    "looks", "made", "make", "matters", "max", "maximum", "min", "minimum", "more", "most", "need", "needs",
    "note", "occur", "occurs", "offer", "offered", "offers", "output", "over", "overall", "own", "part",
    "parts", "permitted", "please", "present", "presented", "provide", "provided", "provides", "put",
    "really", "receive", "receives", "remember", "replies", "reply", "response", "responses", "return",
    "returned", "said", "say", "set", "short", "shorter", "single", "size", "something", "sound", "stay",
    "stays", "sure", "text", "thing", "things", "throughout", "time", "times", "total", "type", "under",
    "use", "used", "very", "want", "way", "well", "whole", "within", "wrap", "wrapped", "write", "written",
    "younger",
];

/// Names of what comes back. Sorted.
const OUTPUTS: &[&str] = &[
    "article", "copy", "email", "essay", "feedback", "letter", "mail", "message", "newsletter", "note",
    "notice", "page", "post", "report", "summary",
];

/// Reads the gist of a unit's words; `quality` tells that the lexicon of qualities knows one of them.
pub(crate) fn gist(text: &str, words: &[Word], quality: bool) -> Gist {
    let mut gist = Gist::default();
    let (mut negations, mut only, mut beyond) = (0u32, false, false);
    // "Use active, not passive": what stands behind the comma only says it the other way round.
    let tail = words.windows(2).position(|pair| {
        let (one, two) = (pair[0].lower(text), pair[1].lower(text));
        matches!(&*two, "not" | "never") && matches!(&*one, "," | "but")
            || matches!((&*one, &*two), ("instead", "of") | ("rather", "than"))
    });
    let words = &words[..tail.filter(|at| *at >= 2).unwrap_or(words.len())];
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
        negations += u32::from(word.is(vocabulary::NEGATION) && !aside && !opens_case);
        // "Do not forget to name it" asks for it.
        negations -= u32::from(lower == "forget" && negations > 0);
        gist.once |= lower == "once";
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
        let means = FRAMING.binary_search(&&*lower).is_err() || is_quality(&lower);
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
    if preserved || requires {
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

/// "Never close a ticket that is younger than three days": what is ruled out is done, and not how much of it.
fn shuns(text: &str, words: &[Word]) -> bool {
    const BOUNDING: [&str; 12] = [
        "more", "over", "longer", "exceed", "fewer", "less", "beyond", "above", "below", "under", "go", "use",
    ];
    let is = |at: usize, name: &str| words.get(at).is_some_and(|word| word.lower(text) == name);
    let bans = if is(0, "do") && is(1, "not") { 2 } else { usize::from(is(0, "never") || is(0, "don't")) };
    let verb = words.get(bans).map(|word| word.lower(text)).unwrap_or_default();
    bans > 0
        && FRAMING.binary_search(&&*verb).is_err()
        && !words.iter().any(|word| BOUNDING.contains(&&*word.lower(text)))
}

/// Verbs that forbid their object.
const LEAVES_OUT: [&str; 22] = [
    "skip", "skipped", "omit", "omitted", "exclude", "excluded", "drop", "dropped", "avoided", "avoiding",
    "banned", "forbidden", "prohibited", "disallowed", "unwelcome", "unwanted", "decline", "declines",
    "declined", "refuse", "refuses", "refused",
];

/// True for an article and its like.
fn determines(word: &str) -> bool {
    matches!(word, "the" | "a" | "an" | "its" | "your" | "their" | "this")
}

/// Names for whatever a clause behind them tells.
const HEADS: [&str; 9] =
    ["entries", "items", "things", "lines", "points", "parts", "passages", "results", "records"];

/// What facts are taken from.
const SOURCES: [&str; 16] = [
    "text", "article", "document", "documents", "context", "source", "sources", "log", "notes", "transcript",
    "report", "page", "passage", "passages", "input", "material",
];

/// Verbs that tell of something.
const TELLS: [&str; 7] = ["say", "state", "cite", "name", "show", "note", "explain"];

/// Verbs that put a thing in.
const LISTS: [&str; 8] = ["list", "give", "show", "name", "add", "use", "mention", "print"];

/// Words that say only that a thing stands somewhere.
const LISTED: [&str; 6] = ["listed", "named", "given", "provided", "mentioned", "allowed"];

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

/// The stem of a name that somebody has.
const OWNED_NAME: u32 = hash(b"the name of");

/// Words with which a condition says that something is not there.
const DENYING: [&str; 8] =
    ["missing", "absent", "lacking", "lacks", "unknown", "empty", "unavailable", "without"];

/// Words that say in a condition that a thing is not there.
const ABSENT: [&str; 15] = [
    "no", "not", "none", "missing", "absent", "lacking", "there", "given", "stated", "known", "available",
    "without", "lacks", "has", "know",
];

/// `LOST`, "`lost`", `find_boat`, `FindBoat`: a word that stands for one thing alone.
fn is_name(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    let humped = || {
        shown
            .bytes()
            .zip(shown.bytes().skip(1))
            .any(|(a, b)| a.is_ascii_lowercase() && b.is_ascii_uppercase())
    };
    shown.len() >= 3
        && (shown.chars().all(|c| c.is_ascii_uppercase() || c == '_') || shown.contains('_') || humped())
        || text[..word.start as usize].ends_with('`')
}

/// "short" frames a limit but is the whole of "keep it short".
fn is_quality(word: &str) -> bool {
    word == "short"
}

impl Gist {
    /// True where a call to begin the work names little that the ask at the top did not.
    pub(crate) fn asks_again(&self, earlier: &Gist) -> bool {
        let shared = self.stems.iter().filter(|stem| earlier.stems.binary_search(stem).is_ok()).count();
        let new_numbers = self.numbers.iter().any(|number| !earlier.numbers.contains(number));
        shared >= 3 && shared * 2 >= self.stems.len() && !new_numbers && self.forbids == earlier.forbids
    }

    /// True when `earlier` makes the demand that this one makes: its words are there, its numbers are the same.
    pub(crate) fn is_said_by(&self, earlier: &Gist) -> bool {
        let shared = self.stems.iter().filter(|stem| earlier.stems.binary_search(stem).is_ok()).count();
        let same_numbers = self.numbers == earlier.numbers
            || self.numbers.is_empty() && (self.one_quality || self.reminds)
            || (!self.numbers.is_empty() && self.numbers.iter().all(|n| earlier.numbers.contains(n)));
        let other_time =
            self.once && earlier.each && !earlier.once || earlier.once && self.each && !self.once;
        let other_fate = self.keeps && earlier.changes
            || earlier.keeps && self.changes
            || self.preserves != earlier.preserves && !(self.keeps && earlier.keeps);
        // What is ruled out everywhere is ruled out in one part as well.
        let other_place = self.place != earlier.place && !(self.forbids && earlier.place.is_none());
        let other_name = self.named.iter().any(|name| earlier.stems.binary_search(name).is_err());
        // "Mails from the board get URGENT" is a case of "label each mail URGENT or NORMAL".
        let one_of_them = self.named.len() < earlier.named.len() && shared < self.stems.len();
        let other_name = other_name || one_of_them;
        let other_case = self.case.zip(earlier.case).is_some_and(|(own, other)| own != other);
        // "If the rider names no stop, ask" wants what no earlier line wants.
        let asked = self.main.iter().filter(|stem| earlier.stems.binary_search(stem).is_ok()).count();
        let new_order = self.case.is_some() && !self.main.is_empty() && asked * 2 < self.main.len();
        // "If it is unclear whether …, lower the score", "when uncertain, always give the lower score".
        if self.doubts && earlier.doubts && self.forbids == earlier.forbids && self.main.len() >= 2 {
            return asked == self.main.len();
        }
        if other_case || new_order {
            return false;
        }
        if !same_numbers || shared == 0 || other_time || other_fate || other_name || other_place {
            return false;
        }
        if self.one_quality && self.forbids == earlier.forbids {
            return true;
        }
        if self.preserves && earlier.preserves {
            return shared == self.stems.len();
        }
        // "Only piers that are open", "no piers that are not in the plan": each has a border of its own.
        let other_border = shared + 1 == self.stems.len() && shared + 1 == earlier.stems.len() && shared <= 2;
        let both_confine = self.confines
            && earlier.confines
            && earlier.stems.len() <= self.stems.len() * 2
            && (shared >= 2 && !other_border || self.stems == earlier.stems);
        let one_source = self.named.iter().any(|name| earlier.stems.binary_search(name).is_ok());
        // "Stick to the facts in the log", "add nothing that the log does not say".
        let few = self.stems.len() <= 3 && earlier.stems.len() <= 3;
        if self.source.is_some() && self.source == earlier.source && few {
            return true;
        }
        // "Keep the note brief" below "answer with a brief note and a table".
        if self.quality
            && self.numbers.is_empty()
            && self.forbids == earlier.forbids
            && let [one, two] = self.stems[..]
            && earlier.pairs.contains(&(one, two))
        {
            return true;
        }
        // "Only events of 2024", "events outside 2024 are left out".
        let one_bound = self.confines && earlier.confines && !self.numbers.is_empty();
        if (both_confine || one_bound)
            && (shared * 3 >= self.stems.len() * 2 || one_source && shared * 2 >= self.stems.len())
        {
            return true;
        }
        let weight = self.stems.len() + self.numbers.len();
        // Two words in common say little where the earlier line says much besides.
        if self.stems.len() <= 2 && earlier.stems.len() > self.stems.len() + 2 && self.numbers.is_empty() {
            return false;
        }
        let open = self.loose.iter().filter(|stem| earlier.stems.binary_search(stem).is_err()).count();
        // "All changes use a LEAVES/ENTERS slip", "tell of each change with a LEAVES/ENTERS slip".
        let one_form = self.named.len() >= 2
            && self.named.iter().all(|name| earlier.named.contains(name))
            && shared * 5 >= self.stems.len() * 3;
        let covered = shared * 5 >= (self.stems.len() - open) * 4
            || one_form
            || !self.forbids && shared >= 3 && shared * 4 >= self.stems.len() * 3
            || self.negated
                && earlier.negated
                && shared >= 2
                && shared + 1 >= self.stems.len()
                && !self.numbers.is_empty();
        // The shorter the demand, the more of the earlier one it has to be.
        let alike = shared * 2 >= earlier.stems.len() || (weight >= 4 && shared == self.stems.len());
        covered && alike && (weight >= 2 || earlier.stems.len() <= 1) && self.forbids == earlier.forbids
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
