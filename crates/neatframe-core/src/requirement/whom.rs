//! Whom an amount bounds: the whole reply, each of some things, a named part.

use super::{Demand, Measure, Sight, Subject};
use crate::lexicon::vocabulary;
use crate::outline::PieceKind;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Nouns that stand for the whole reply.
pub(crate) const WHOLE: &[&str] = &[
    "advert", "announcement", "answer", "article", "blurb", "description", "digest", "document", "email",
    "essay", "everything", "guide", "it", "letter", "mail", "memo", "message", "minutes", "newsletter",
    "notice", "output", "page", "poem", "post", "reply", "report", "response", "result", "review", "script",
    "speech", "story", "summary", "text", "this", "total", "translation", "whole",
];

/// Nouns of parts that carry a length of their own, in the singular.
pub(super) const PARTS: &[&str] = &[
    "abstract", "annex", "answer", "appendix", "attachment", "body", "box", "bullet", "caption", "cell",
    "closing", "comment", "conclusion", "cover", "day", "description", "entry", "explanation", "field",
    "footnote", "glossary", "greeting", "heading", "headline", "idea", "intro", "introduction", "item",
    "label", "lead", "line", "message", "name", "note", "opening", "option", "paragraph", "point", "preface",
    "question", "quote", "rationale", "reason", "reply", "row", "section", "sentence", "sidebar", "slogan",
    "step", "stop", "subject", "summary", "tag", "tagline", "teaser", "title", "turn", "value",
];

/// Parts of which a reply holds several, so that "a line" is any of them.
const MANY: [&str; 12] = [
    "bullet", "cell", "entry", "field", "item", "line", "option", "paragraph", "row", "section", "sentence",
    "step",
];

/// True for the noun of a part, in either number.
pub(super) fn is_part(word: &str) -> bool {
    PARTS.contains(&&*singular(word)) && !WHOLE.contains(&word)
}

pub(crate) fn singular(word: &str) -> String {
    match word.strip_suffix("ies") {
        Some(stem) => format!("{stem}y"),
        None => {
            let stem = word.strip_suffix('s').filter(|stem| stem.len() > 2 && !stem.ends_with('s'));
            stem.unwrap_or(word).to_string()
        }
    }
}

/// "Bullets have two to three sentences each": the parts that stand in the plural before the amount.
pub(super) fn several(text: &str, before: &[Word]) -> Option<Subject> {
    let parts = |word: &Word| {
        let name = word.lower(text);
        Some(singular(&name)).filter(|thing| *thing != name && PARTS.contains(&&**thing))
    };
    before.iter().rev().find_map(parts).map(|thing| whole_or(Subject::Each(thing)))
}

/// "Each entry gives …", "the summary has …": whom a sentence is about that opens with it, or else the whole reply.
pub(super) fn named_first(text: &str, words: &[Word]) -> Subject {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let named = singular(&lower(1));
    let known = PARTS.contains(&&*named) || WHOLE.contains(&&*named);
    match &*lower(0) {
        "each" | "every" => whole_or(Subject::Each(named)),
        "the" | "your" if known => whole_or(Subject::Named(named)),
        _ => Subject::Reply,
    }
}

/// Whom the amount bounds: the part named nearest before it in its clause, or after it ("80 words per section").
pub(super) fn of(
    sight: &Sight<'_>,
    unit: usize,
    words: &[Word],
    (first, measure_at): (usize, usize),
    before: Option<Demand>,
) -> Subject {
    let text = sight.source.text();
    let lower = |index: usize| words.get(index).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let counted = singular(&lower(measure_at));
    // "A single example for each concept".
    if lower(measure_at + 1) == "for" && matches!(&*lower(measure_at + 2), "each" | "every") {
        return whole_or(Subject::Each(singular(&lower(measure_at + 3))));
    }
    // ""To repeat" has at least four points": the part of that name.
    let quote = |at: usize| words.get(at).is_some_and(|word| word.is(vocabulary::QUOTE));
    let closing = (2..words.len().min(6)).find(|&at| quote(at)).filter(|&at| quote(0) && at < first);
    if let Some(closing) = closing
        .filter(|&at| matches!(&*lower(at + 1), "has" | "have" | "holds" | "contains" | "gets" | "lists"))
    {
        let name = words[1].span().cover(words[closing - 1].span());
        return Subject::Named(text[name.range()].to_lowercase());
    }
    // "1. for the shop page, 80 to 100 words": one of several texts.
    let comma =
        words.iter().take(8).position(|word| word.text(text) == ",").filter(|&at| at > 2 && at < first);
    let article = matches!(&*lower(1), "the" | "a" | "an" | "our" | "your");
    if let Some(comma) = comma
        .filter(|_| lower(0) == "for" && article && matches!(sight.units[unit].kind, UnitKind::Item { .. }))
    {
        let name = words[2].span().cover(words[comma - 1].span());
        return Subject::Named(text[name.range()].to_lowercase());
    }
    // "For every soap write a text of at least 90 words".
    let of_each = lower(0) == "for"
        && matches!(&*lower(1), "each" | "every")
        && first >= 4
        && !words[..first].iter().any(|word| word.text(text) == ",");
    if of_each && words[..first].iter().any(|word| WHOLE.contains(&&*word.lower(text))) {
        return Subject::Each(singular(&lower(2)));
    }
    // "Each recipe uses at least eight ingredients".
    let holds = [
        "has", "have", "uses", "contains", "includes", "needs", "gets", "lists", "carries", "shows", "holds",
        "covers", "states", "names", "gives", "presents", "makes", "asks", "offers", "consists", "comprises",
    ];
    if matches!(&*lower(0), "each" | "every") && first <= 6 && holds.contains(&&*lower(2)) {
        return whole_or(Subject::Each(singular(&lower(1))));
    }
    // "Each bullet explains the fault, its cause and the remedy in three sentences".
    const TELLS: [&str; 10] = [
        "answers", "covers", "describes", "explains", "gives", "presents", "says", "states", "summarises",
        "tells",
    ];
    let told = matches!(&*lower(0), "each" | "every") && TELLS.contains(&&*lower(2));
    if told && lower(first.wrapping_sub(1)) == "in" {
        return whole_or(Subject::Each(singular(&lower(1))));
    }
    // "Keep each tweet under 200 characters".
    if first >= 2
        && matches!(&*lower(first - 2), "each" | "every")
        && !words[first - 1].is(vocabulary::STOP | vocabulary::PUNCTUATION)
    {
        return whole_or(Subject::Each(singular(&lower(first - 1))));
    }
    // "Each snag should be described in no more than 15 words".
    let done = lower(first.wrapping_sub(1)) == "in" && lower(first.wrapping_sub(2)).ends_with("ed");
    if matches!(&*lower(0), "each" | "every")
        && done
        && (4..=7).contains(&first)
        && !words[1].is_punctuation()
    {
        return whole_or(Subject::Each(singular(&lower(1))));
    }
    // "Keep macros under 90 words": several things, whatever they are.
    let kept = first == 2 && matches!(&*lower(0), "keep" | "limit") && several_of(&lower(1));
    if kept && matches!(&*lower(measure_at), "words" | "characters" | "sentences" | "lines") {
        return whole_or(Subject::Each(singular(&lower(1))));
    }
    // "Explain in the summary, in three sentences, what happened": the part that it stands in.
    let in_part = |at: usize| {
        let part = singular(&lower(at + 2));
        let one = PARTS.contains(&&*part) && !MANY.contains(&&*part) && part == *lower(at + 2);
        (lower(at) == "in" && lower(at + 1) == "the" && one).then_some(part)
    };
    let held = (first.saturating_sub(5)..first).find_map(in_part).or_else(|| in_part(measure_at + 1));
    if let Some(part) = held.filter(|_| words[0].is(vocabulary::VERB)) {
        return whole_or(Subject::Named(part));
    }
    // "No more than 8 words for the title", "never more than 8 words in the title".
    let behind =
        matches!(&*lower(measure_at + 1), "for" | "in") && matches!(&*lower(measure_at + 2), "the" | "your");
    let part = singular(&lower(measure_at + 3));
    let ended =
        words.get(measure_at + 4).is_none_or(|word| word.is_punctuation() || word.is(vocabulary::STOP));
    if behind && ended && PARTS.contains(&&*part) {
        let several = MANY.contains(&&*part) || part != *lower(measure_at + 3);
        return whole_or(if several { Subject::Each(part) } else { Subject::Named(part) });
    }
    // "After the text one line for the illustrator": a part with an end of its own.
    if lower(measure_at) == counted
        && ["for", "on", "about", "saying", "naming"].contains(&&*lower(measure_at + 1))
    {
        return Subject::Unstated;
    }
    if let Some(thing) = of_each_thing(text, words, measure_at) {
        return whole_or(Subject::Each(thing));
    }
    // "A title of up to 6 words, then three bullets".
    let part = lower(first.wrapping_sub(2));
    if first >= 2 && lower(first - 1) == "of" && PARTS.contains(&&*part) && !WHOLE.contains(&&*part) {
        return Subject::Named(part.into_owned());
    }
    // "Two sentences at most, then one question": there is more to the reply.
    let goes_on =
        (measure_at + 1..measure_at + 5).any(|at| matches!(&*lower(at), "then" | "plus" | "followed"));
    let within = (measure_at + 1..measure_at + 5).all(|at| !matches!(&*lower(at), "." | ";"));
    if goes_on && within {
        return Subject::Unstated;
    }
    // "Two paragraphs, at most 220 words in all."
    let all = ["all", "total"].contains(&&*lower(measure_at + 2)) && lower(measure_at + 1) == "in";
    if all || ["altogether", "overall"].contains(&&*lower(measure_at + 1)) {
        return Subject::Reply;
    }
    // "an 8-word title", "a two-sentence summary"; the counted noun then stands in the singular.
    if lower(measure_at) == counted {
        let after = singular(&lower(measure_at + 1));
        if PARTS.contains(&&*after) {
            return whole_or(Subject::Named(after));
        }
    }
    // "the passage (25 words at most)", "a teaser of two sentences": the thing right before.
    let lead = lower(first.wrapping_sub(1));
    let tied = ["(", "of", "under", "with", "in", "within", "below"].contains(&&*lead) && first >= 2;
    // "Write a worksheet on levers, with 8 questions".
    let label = usize::from(lower(1) == ":") * 2;
    let writes = matches!(
        &*lower(label),
        "write" | "draft" | "compose" | "create" | "design" | "make" | "prepare" | "generate" | "plan"
    );
    if lead == "with" && writes && lower(first.wrapping_sub(2)) == "," {
        return Subject::Reply;
    }
    // "Answer the quiz question with one letter."
    let answers = matches!(&*lower(0), "answer" | "respond") && matches!(&*lead, "in" | "with");
    if answers && !words[..first].iter().any(|word| word.is_punctuation()) {
        return Subject::Reply;
    }
    if tied {
        let thing = singular(&lower(first - 2));
        // "Length: short (at most 60 words)".
        let quality = matches!(&*thing, "short" | "brief" | "long" | "concise" | "compact");
        let named = !matches!(&*thing, "fit" | "consist")
            && !quality
            && !words[first - 2]
                .is(vocabulary::VERB | vocabulary::STOP | vocabulary::PUNCTUATION | vocabulary::MODAL);
        // "Explain why in two sentences."
        if lead == "in" && matches!(&*thing, "why" | "how" | "what" | "when" | "where") {
            return Subject::Unstated;
        }
        // "Write the post on the new ferry with at least three paragraphs".
        let of_all = !matches!(
            Measure::named(&lower(measure_at)),
            Some(Measure::Items("options" | "columns" | "rows" | "answers" | "sections"))
        );
        if lead == "with" && writes && of_all && named && !PARTS.contains(&&*thing) {
            return Subject::Reply;
        }
        // "Describe the boat in 80 words": what is described, and no part of the reply.
        if lead == "in" && named && !PARTS.contains(&&*thing) && is_the_only_ask(sight, unit, words) {
            return Subject::Reply;
        }
        if named && thing != counted && !WHOLE.contains(&&*thing) {
            let each = (first.saturating_sub(5)..first - 2)
                .any(|at| ["each", "every", "per"].contains(&&*lower(at)));
            // "Sentences of at most 15 words": each of them.
            let each = each || *lower(first - 2) != thing && PARTS.contains(&&*thing);
            return whole_or(if each { Subject::Each(thing) } else { Subject::Named(thing) });
        }
    }
    // "A table with the name, why it fits in at most ten words, and its price".
    let comma = words[..first].iter().rposition(|word| word.text(text) == ",");
    let told = comma.is_some_and(|at| matches!(&*lower(at + 1), "why" | "how" | "what" | "when" | "where"));
    if told {
        return Subject::Unstated;
    }
    let mut crossed = false;
    for at in (first.saturating_sub(9)..first).rev() {
        let word = lower(at);
        // "Keep entries short, never over 50 words": what follows the comma bounds what stands before it.
        let goes_on =
            word == "," && words[at + 1..first].iter().all(|word| BOUNDING.contains(&&*word.lower(text)));
        if matches!(&*word, ";" | "." | ",") && at + 1 < first && !goes_on {
            break;
        }
        // "One sentence, at most 125 characters" speaks of the whole; several things are bounded one by one.
        crossed |= goes_on;
        if crossed && matches!(&*word, "sentence" | "line" | "paragraph") {
            // "One sentence per change, at most 20 words".
            if at < first && matches!(&*lower(at + 1), "per" | "each" | "every" | "for") {
                return Subject::Each(word.into_owned());
            }
            let whole = at == 1 && matches!(&*lower(0), "one" | "a" | "1");
            return if whole { Subject::Reply } else { Subject::Unstated };
        }
        // "Three bullets, each under 12 words".
        if word == "each"
            && let Some(Demand::Amount { measure: Measure::Items(things), .. }) = &before
        {
            return whole_or(Subject::Each(singular(things)));
        }
        // "Name at most five problems" orders; "name: at most five words" does not.
        let orders = at == 0
            && matches!(&*word, "name" | "note" | "label")
            && words.get(1).is_some_and(|next| {
                !next.is_punctuation() && !next.is(vocabulary::FINITE | vocabulary::MODAL)
            });
        if orders {
            continue;
        }
        let thing = singular(&word);
        // "Turn the answer into one sentence": what becomes of it, not what it is.
        let turned = (at..first).any(|at| lower(at) == "into");
        if thing == counted || turned || !PARTS.contains(&&*thing) {
            if WHOLE.contains(&&*word) {
                // "Each text is one sentence": one of several.
                let one_of = matches!(&*word, "text" | "description" | "summary");
                if one_of && at > 0 && matches!(&*lower(at - 1), "each" | "every") {
                    return whole_or(Subject::Each(thing));
                }
                // "Split the answer into three paragraphs" says what it is.
                let split = words.iter().take(at).any(|word| {
                    matches!(
                        &*word.lower(text),
                        "split" | "divide" | "break" | "structure" | "organise" | "organize"
                    )
                });
                return if turned && !split { Subject::Unstated } else { Subject::Reply };
            }
            continue;
        }
        let leads: Vec<Cow<str>> = (at.saturating_sub(3)..at).map(lower).collect();
        // "The whole summary": there is no more to the reply.
        if WHOLE.contains(&&*word)
            && leads.last().is_some_and(|lead| ["whole", "entire", "full"].contains(&&**lead))
        {
            return Subject::Reply;
        }
        // "The subject line" is the subject, and no line of the reply.
        let subject = thing == "line" && leads.last().is_some_and(|lead| lead == "subject");
        let thing = if subject { "subject".to_string() } else { thing };
        // "The problems section lists at most three bullets": the part of that name.
        let name = at.checked_sub(1).map(|before| words[before]).filter(|name| {
            word == "section"
                && at >= 2
                && lower(at - 2) == "the"
                && !name.is(vocabulary::STOP | vocabulary::PUNCTUATION)
                && !name.is_number()
        });
        if let Some(name) = name {
            return Subject::Named(name.lower(text).into_owned());
        }
        // "A paragraph has at most three sentences": whichever it is.
        let any = matches!(leads.last().map(AsRef::as_ref), Some("a" | "an")) && MANY.contains(&&*thing);
        let each = leads.iter().any(|lead| ["each", "every", "no", "any", "all"].contains(&&**lead))
            || word != thing && !subject
            || any;
        return whole_or(if each { Subject::Each(thing) } else { Subject::Named(thing) });
    }
    // "Each slide carries at most 25 words", whatever a slide is.
    let long = !matches!(Measure::named(&lower(measure_at)), None | Some(Measure::Items(_)));
    let every = matches!(&*lower(0), "each" | "every") && first > 1;
    if every && long && !words[1].is(vocabulary::STOP | vocabulary::PUNCTUATION) && !words[1].is_number() {
        return whole_or(Subject::Each(singular(&lower(1))));
    }
    // A field, or a section of its own, bounds what it names.
    let piece = &sight.outline.pieces[sight.units[unit].pieces.start];
    let field = matches!(piece.kind, PieceKind::Field | PieceKind::Turn);
    let label = if field { text[piece.lead.range()].to_lowercase() } else { String::new() };
    // "Step 5: give three tips" names no part, nor does "Task: write three tips".
    let field = field && !is_a_step(&label) && !ASKS_FOR.contains(&label.trim());
    // "Each remark is one line: …" says something and names no part.
    let says = label.split_whitespace().any(|word| matches!(word, "is" | "are" | "has" | "have" | "must"));
    if field && !says {
        // "Two columns: fare and pier" counts what its label names.
        let general = GENERAL.iter().any(|word| label.contains(word))
            || label.split_whitespace().any(|word| singular(word) == counted);
        return if general { Subject::Reply } else { Subject::Named(label) };
    }
    // "1. Sound: one sentence": the label of an item names the part.
    let colon =
        words.iter().take(4).position(|word| word.text(text) == ":").filter(|&at| at > 0 && at < first);
    if let Some(colon) = colon {
        let label = words[0].span().cover(words[colon - 1].span());
        let label = text[label.range()].to_lowercase();
        let plain = words[..colon].iter().all(|word| !word.is_punctuation() && !word.is_number());
        let bounds = words[colon + 1..first].iter().all(|word| BOUNDING.contains(&&*word.lower(text)));
        let general = label.split_whitespace().any(|word| {
            let whole = WHOLE.contains(&word) && !matches!(word, "summary" | "description" | "digest");
            whole || GENERAL.contains(&word) || singular(word) == counted
        });
        if plain && bounds && !general && words[0].text(text).starts_with(char::is_uppercase) {
            return Subject::Named(label);
        }
    }
    // "Write three bullets", "Describe the boat in 80 words.": the whole; "say in one line what comes next" is a part.
    let near = first.saturating_sub(CLAUSE);
    let stop = words[near..first].iter().rposition(|word| word.is(vocabulary::STOP_MARK));
    let from = stop.map_or(near, |at| near + at + 1);
    let meaning = |word: &&Word| {
        !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::COURTESY)
    };
    // "Explain each term on first use in eight words": each of them.
    let each = words[from..first].iter().position(|word| matches!(&*word.lower(text), "each" | "every"));
    let noun = each.and_then(|at| words[from + at + 1..first].iter().take_while(|word| meaning(word)).last());
    if let Some(noun) =
        noun.filter(|_| !matches!(&*lower(0), "for" | "in" | "on" | "after" | "before" | "with"))
    {
        return whole_or(Subject::Each(singular(&noun.lower(text))));
    }
    let few = words[from..first].iter().filter(meaning).count() <= 1;
    let last = words.get(measure_at + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    let led =
        ["in", "to", "within", "under"].contains(&&*lower(first)) || ["in", "to", "within"].contains(&&*lead);
    // "It should be short, friendly and clear, max 120 words."
    let of_it = lower(0) == "it" || matches!(&*lower(0), "make" | "keep") && lower(1) == "it";
    let behind_a_comma = last && of_it && lower(first.wrapping_sub(1)) == ",";
    if few || last && led || behind_a_comma { Subject::Reply } else { Subject::Unstated }
}

/// Verbs that ask for a text as a whole.
const MAKES: [&str; 14] = [
    "describe", "explain", "summarise", "summarize", "sum", "tell", "report", "sketch", "introduce",
    "retell", "compare", "paraphrase", "portray", "present",
];
/// How many units are looked at for another such ask.
const ASKS: usize = 40;

/// True for "describe the boat in 80 words" where no other sentence asks for a text with a length.
fn is_the_only_ask(sight: &Sight<'_>, unit: usize, words: &[Word]) -> bool {
    let text = sight.source.text();
    let makes = |words: &[Word]| {
        let first =
            words.iter().find(|word| !matches!(&*word.lower(text), "please" | "now" | "then" | "also"));
        first.is_some_and(|word| MAKES.contains(&&*word.lower(text)))
    };
    let each = words.iter().any(|word| matches!(&*word.lower(text), "each" | "every" | "all"));
    let asks = |other: usize| {
        let words = sight.words.within(sight.units[other].text);
        other != unit && makes(words) && words.iter().any(|word| word.is_number())
    };
    unit < ASKS && makes(words) && !each && !(0..sight.units.len().min(ASKS)).any(asks)
}

/// A noun in the plural that is no name of the whole: "macros".
fn several_of(word: &str) -> bool {
    const OTHERS: [&str; 8] = ["this", "it", "them", "things", "yours", "minutes", "always", "answers"];
    word.len() > 4 && word.ends_with('s') && !word.ends_with("ss") && !OTHERS.contains(&word)
}

/// Labels of the ask itself.
const ASKS_FOR: [&str; 8] =
    ["task", "your task", "goal", "ask", "job", "request", "objective", "instruction"];

/// True for the label of a step: `step 5`.
pub(super) fn is_a_step(label: &str) -> bool {
    ["step ", "phase ", "stage "].iter().any(|word| label.starts_with(word))
}

/// "80 words per section", "one sentence for each boat": the thing that each amount goes with, in the singular.
fn of_each_thing(text: &str, words: &[Word], measure_at: usize) -> Option<String> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let each = |at: usize| matches!(&*lower(at), "each" | "every");
    let leads = matches!(&*lower(measure_at + 1), "for" | "in" | "on" | "to" | "of");
    let (at, any) = match &*lower(measure_at + 1) {
        "per" => (measure_at + 2, true),
        "each" | "every" | "a" => (measure_at + 2, false),
        _ if leads && each(measure_at + 2) => (measure_at + 3, true),
        _ => return None,
    };
    let thing = singular(&lower(at));
    if PARTS.contains(&&*thing) {
        return Some(thing);
    }
    // "Per open question": the noun stands last.
    let noun = |word: &&Word| {
        !word.is(vocabulary::STOP | vocabulary::PUNCTUATION | vocabulary::MODAL) && !word.is_number()
    };
    let last = words.get(at..)?.iter().take(3).take_while(noun).last().filter(|_| any)?;
    Some(singular(&last.lower(text)))
}

/// Words before an amount that only bound it.
const BOUNDING: [&str; 18] = [
    "never", "not", "no", "and", "but", "at", "over", "more", "than", "longer", "about", "around", "most",
    "under", "below", "beyond", "above", "ideally",
];

/// A clause that is longer than this holds more than an order and its amount, in words.
pub(super) const CLAUSE: usize = 40;

/// Labels of fields that speak of the whole reply.
const GENERAL: [&str; 11] = [
    "length", "limit", "limits", "size", "form", "format", "output", "rules", "constraints", "answer",
    "reply",
];

/// "The answer has at most 80 words" bounds the reply.
fn whole_or(subject: Subject) -> Subject {
    match &subject {
        Subject::Each(thing) | Subject::Named(thing)
            if ["answer", "reply", "turn", "message"].contains(&thing.as_str()) =>
        {
            Subject::Reply
        }
        _ => subject,
    }
}
