//! What near a vague word says what it means here: a number, a definition, a sample, a place where it is a name.

use super::standing::{
    goes_on_to_say, in_brackets, is_called, is_one_of_samples, is_part_of_a_compound,
    is_relevant_to_what_is_told, is_what_is_judged, stands_alone_in_brackets, stands_below_a_level,
    stands_for_a_level,
};
use crate::checks::Case;
use crate::component::Component;
use crate::lexicon::{Hit, VAGUE, VagueKind, vocabulary};
use crate::outline::PieceKind;
use crate::requirement::{Demand, Measure, Subject, number, singular};
use crate::words::Word;

/// True when something near says what the term means here.
pub(super) fn is_pinned(
    case: &Case<'_>,
    unit: usize,
    words: &[Word],
    hit: &Hit,
    length_stated: bool,
) -> bool {
    let kind = VAGUE[hit.entry as usize].kind.counted_as();
    // "In the right form, i.e. names in quotes, numbers without, etc.": what is meant was said before.
    let illustrated =
        || words[..hit.first].iter().any(|word| matches!(&*word.lower(case.source.text()), "e.g" | "i.e"));
    if kind == VagueKind::OpenEnd && illustrated() {
        return true;
    }
    let after = &words[hit.last + 1..];
    let text = case.source.text();
    // "You review the code of a small weather station": told of the place, and nothing to be made.
    let told_of = case.labels[unit].component == Some(Component::Role)
        && VAGUE[hit.entry as usize].kind == VagueKind::Attribute
        && hit.first >= 2
        && matches!(&*words[hit.first - 1].lower(text), "a" | "an" | "the")
        && matches!(&*words[hit.first - 2].lower(text), "of" | "for" | "at" | "in" | "from");
    if told_of {
        return true;
    }
    // "Several reasons, one line each": the number is of the lines.
    let of_lines = |at: usize| {
        let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
        lower(at) == "one"
            && matches!(&*lower(at + 1), "line" | "sentence" | "row" | "bullet" | "paragraph")
            && (matches!(&*lower(at + 2), "each" | "per")
                || lower(at + 2) == "for" && lower(at + 3) == "each"
                || at > 1 && lower(at - 1) == "in" && lower(at - 2) == "each")
    };
    let numbered =
        (0..words.len()).any(|at| words[at].is_number() && !of_lines(at)) || takes_a_number_in(case, unit);
    let conditional = in_a_case(text, words, hit);
    // "short (under 800 metres)", "good: it names the pier", "friendly, for example ...", "which means".
    // "A warm tone, no words such as …": the samples are of what is ruled out.
    let of_others = |at: usize| after[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    // "Convincing and not longer than one page": the figure bounds a length.
    let bounds_a_length = |at: usize| {
        let longer = at.checked_sub(1).map(|before| after[before].lower(text).into_owned());
        longer.is_some_and(|word| matches!(&*word, "longer" | "more" | "fewer" | "less" | "shorter"))
            && after.get(at + 1).is_some_and(|word| number(text, *word).is_some())
    };
    let explained = after.iter().take(4).any(|word| matches!(word.text(text), ":" | "(" | "“" | "\"" | "–" | "—"))
            || after.iter().enumerate().any(|(at, word)| {
                match word.text(text).to_ascii_lowercase().as_str() {
                    "example" | "e.g" | "i.e" | "means" | "meaning" | "namely" | "instance" => true,
                    "such" | "like" => !of_others(at),
                    _ => false,
                }
            })
            // "Good walks, no more than three": the bound is of another thing.
            || after
                .iter()
                .enumerate()
                .take_while(|(_, word)| !word.is(vocabulary::STOP_MARK) && word.text(text) != ",")
                .any(|(at, word)| word.lower(text) == "than" && !bounds_a_length(at));
    // "Unusual items, that is, items above 500 euros".
    let apart = |at: usize| after.get(at).is_some_and(|word| matches!(word.text(text), "," | ":"));
    let explained = explained
        || after
            .windows(2)
            .enumerate()
            .any(|(at, pair)| pair[0].lower(text) == "that" && pair[1].lower(text) == "is" && apart(at + 2));
    match kind {
        VagueKind::Plain => true,
        VagueKind::Length | VagueKind::Quality if is_one_of_samples(text, words, hit) => true,
        _ if stands_for_a_level(text, words) || stands_below_a_level(case, unit) => true,
        _ if is_part_of_a_compound(text, words, hit) => true,
        VagueKind::Quality if stands_alone_in_brackets(text, words, hit) => true,
        VagueKind::Quality | VagueKind::Quantity
            if is_what_is_judged(text, words, hit) && !names_the_fittest(text, words, hit) =>
        {
            true
        }
        VagueKind::Quality | VagueKind::Quantity if is_relevant_to_what_is_told(case, words, hit) => true,
        // "Given parts of long documents, write …" tells what comes in.
        _ if is_of_what_is_given(text, words, hit) => true,
        _ if names_a_value(text, words, hit) || is_defined(text, words, hit) => true,
        VagueKind::Quality if paired_with_plain(text, words, hit) => true,
        VagueKind::OpenEnd | VagueKind::Deferral if is_like_a_quotation(text, words, hit) => true,
        // "It says something else" closes a comparison.
        VagueKind::OpenEnd => {
            after_samples(text, words, hit)
                || in_brackets(text, words, hit)
                || goes_on_to_say(text, after)
                || after.first().is_some_and(|word| word.lower(text) == "else")
        }
        VagueKind::Quality | VagueKind::Length | VagueKind::Quantity
            if describes_the_persona(case, unit, hit) =>
        {
            true
        }
        // "You can make several changes at once" allows, and asks for no number.
        VagueKind::Quantity if is_allowed(text, words, hit) => true,
        // "Never offer more than the table gives" compares.
        VagueKind::Quantity if words[hit.last].lower(text) == "than" => true,
        VagueKind::Quantity if as_few_as_needed(text, words, hit) || is_told(text, words, hit) => true,
        VagueKind::Quantity => numbered || conditional || explained || counted_elsewhere(case, words, hit),
        VagueKind::Quality if asks_for_depth(text, words, hit) && measured(words) => true,
        // "Ask for both, so that the call is short" gives the reason.
        VagueKind::Length
            if words[..hit.first]
                .windows(2)
                .any(|pair| pair[0].lower(text) == "so" && pair[1].lower(text) == "that") =>
        {
            true
        }
        VagueKind::Length => {
            let stated = length_stated && !counts_itself(case, words) && !is_of_a_part(text, words, hit);
            number_near(words, hit)
                || conditional
                || stated
                || explained
                || bounded_elsewhere(case, words, hit)
                || bounded_next(case, unit)
        }
        VagueKind::Quality if names_a_tone(case, unit) && !is_no_tone(text, words, hit) => true,
        VagueKind::Quality => explained || (conditional && !is_rule_of_style(case, unit)),
        VagueKind::Deferral => {
            let helps = matches!(&*words[hit.last].lower(text), "helps" | "help");
            // "Shortened to 40 characters if need be": the number decides.
            let measured = measured(&words[..hit.first])
                && words[..hit.first].iter().any(|word| {
                    matches!(&*word.lower(text), "shortened" | "cut" | "shorten" | "abbreviated" | "trimmed")
                });
            let whom = after.first().is_some_and(|next| {
                matches!(&*next.lower(text), "the" | "a" | "an" | "your" | "them" | "him" | "her" | "to")
            });
            // "If that helps the clerk to answer" says for what.
            // "You may ask again if needed" allows, and leaves the rest to the model.
            let allows =
                words[..hit.first].iter().take(4).any(|word| matches!(&*word.lower(text), "may" | "can"));
            explained
                || measured
                || allows
                || helps && whom
                || after.first().is_some_and(|word| word.is(vocabulary::CONDITION))
        }
        VagueKind::Bare | VagueKind::Attribute => explained,
    }
}

/// "You can make several changes at once", "each step may take another number of lines", with no "not" behind the verb.
fn is_allowed(text: &str, words: &[Word], hit: &Hit) -> bool {
    const REACH: usize = 5;
    let near = &words[hit.first.saturating_sub(REACH)..hit.first];
    let stop = near.iter().rposition(|word| word.is(vocabulary::STOP_MARK)).map_or(0, |at| at + 1);
    let allows = |word: &Word| matches!(&*word.lower(text), "can" | "may" | "free" | "fine" | "okay");
    let clause = &near[stop..];
    let told = clause.iter().position(allows);
    told.is_some_and(|at| !clause[at..].iter().any(|word| word.is(vocabulary::NEGATION)))
}

/// "Never say "I cannot tell" or similar words": what is meant is shown right before.
fn is_like_a_quotation(text: &str, words: &[Word], hit: &Hit) -> bool {
    let similar = (hit.first..=hit.last).any(|at| words[at].lower(text) == "similar");
    let before = text[..words[hit.first].start as usize].trim_end();
    similar && before.ends_with(['"', '”', '\'', '’', '`'])
}

/// "In two short sentences", and not "compare the two replies and give a short explanation".
fn number_near(words: &[Word], hit: &Hit) -> bool {
    const NEAR: usize = 4;
    let from = hit.first.saturating_sub(NEAR);
    let to = words.len().min(hit.last + 1 + NEAR * 2);
    words[from..to].iter().any(|word| word.is_number())
}

/// "Whether it chose the most suitable tool": by what one suits more than another is open for the one who judges, too.
fn names_the_fittest(text: &str, words: &[Word], hit: &Hit) -> bool {
    words[hit.first..=hit.last].windows(2).any(|pair| {
        pair[0].lower(text) == "most"
            && matches!(&*pair[1].lower(text), "appropriate" | "suitable" | "fitting" | "effective")
    })
}

/// "If it is good, …", and not "If a guest asks, give a brief answer".
fn in_a_case(text: &str, words: &[Word], hit: &Hit) -> bool {
    let before = &words[..hit.first];
    let Some(case) = before.iter().position(|word| word.is(vocabulary::CONDITION)) else { return false };
    let manner = |word: &Word| {
        let lower = word.lower(text);
        matches!(&*lower, "please" | "just" | "also" | "always" | "then" | "only") || lower.ends_with("ly")
    };
    let orders = |comma: usize| {
        let rest = &words[comma + 1..];
        let at = rest.iter().take(3).position(|word| !manner(word)).unwrap_or(0);
        comma + 1 + at <= hit.first && rest.get(at).is_some_and(|word| word.is(vocabulary::VERB))
    };
    !(case..hit.first).filter(|&at| words[at].text(text) == ",").any(orders)
}

/// "As many as possible, up to {max_results}": the number is put in later.
fn takes_a_number_in(case: &Case<'_>, unit: usize) -> bool {
    const NUMBERS: [&str; 9] = ["max", "min", "num", "number", "count", "limit", "words", "length", "top"];
    let span = case.units[unit].text;
    let after = case.slots.partition_point(|slot| slot.span.start() < span.start());
    let mut own = case.slots[after..].iter().take_while(|slot| slot.span.start() < span.end());
    own.any(|slot| is_called(case, slot, &NUMBERS))
}

/// "We get a lot of complaints" tells how things stand; "I need a few ideas" asks.
fn is_told(text: &str, words: &[Word], hit: &Hit) -> bool {
    const REACH: usize = 4;
    let parts = |word: &Word| word.is_punctuation() || matches!(&*word.lower(text), "and" | "but" | "so");
    let from = words[..hit.first].iter().rposition(parts).map_or(0, |at| at + 1);
    let clause = &words[from..hit.first];
    let asks = |word: &Word| {
        word.is(vocabulary::MODAL)
            || matches!(&*word.lower(text), "need" | "want" | "like" | "love" | "wish" | "expect")
    };
    clause.first().is_some_and(|word| matches!(&*word.lower(text), "we" | "i" | "they" | "our" | "my"))
        && (2..=REACH).contains(&clause.len())
        && !clause.iter().any(asks)
}

/// True in the clause that tells what is given, before the ask.
fn is_of_what_is_given(text: &str, words: &[Word], hit: &Hit) -> bool {
    let opens = words.first().is_some_and(|word| word.lower(text) == "given");
    let comma = words.iter().position(|word| word.text(text) == ",");
    opens && comma.is_some_and(|comma| hit.last < comma)
}

/// "In depth, in at least 300 words": the number says how deep.
fn asks_for_depth(text: &str, words: &[Word], hit: &Hit) -> bool {
    let last = words[hit.last].lower(text);
    matches!(&*last, "depth" | "detail" | "detailed" | "thorough" | "thoroughly" | "comprehensive")
}

fn measured(words: &[Word]) -> bool {
    words.windows(2).any(|pair| pair[0].is_number() && pair[1].is(vocabulary::MEASURE))
}

/// "Short paragraphs": how long the whole is says nothing of them.
fn is_of_a_part(text: &str, words: &[Word], hit: &Hit) -> bool {
    words.get(hit.last + 1).is_some_and(|next| {
        matches!(
            &*next.lower(text),
            "paragraph"
                | "paragraphs"
                | "sentences"
                | "title"
                | "titles"
                | "headline"
                | "headlines"
                | "bullets"
                | "sections"
        )
    })
}

/// "Keep the paragraph short", where all that is stated is how many paragraphs there are.
fn counts_itself(case: &Case<'_>, words: &[Word]) -> bool {
    let text = case.source.text();
    let names = words.iter().any(|word| matches!(&*word.lower(text), "paragraph" | "paragraphs"));
    names
        && case.requirements.iter().all(|rule| match &rule.demand {
            Demand::Amount { measure, .. } => matches!(measure, Measure::Paragraphs | Measure::Items(_)),
            _ => true,
        })
}

/// How many requirements are looked at for the count of a thing.
const RULES: usize = 200;

/// "Summaries should be short", where a summary has at most two sentences.
fn bounded_elsewhere(case: &Case<'_>, words: &[Word], hit: &Hit) -> bool {
    let text = case.source.text();
    let short = words[hit.first..=hit.last]
        .iter()
        .any(|word| matches!(&*word.lower(text), "short" | "brief" | "concise" | "compact" | "succinct"));
    if !short {
        return false;
    }
    let bounds = |thing: &str| words.iter().any(|word| singular(&word.lower(text)) == thing);
    case.requirements.iter().take(RULES).any(|rule| match (&rule.subject, &rule.demand) {
        (Subject::Named(thing) | Subject::Each(thing), Demand::Amount { measure, .. }) => {
            !matches!(measure, Measure::Items(_)) && bounds(thing)
        }
        _ => false,
    })
}

/// "Names should be short. They have at most 8 letters."
fn bounded_next(case: &Case<'_>, unit: usize) -> bool {
    let next = unit + 1;
    if case.units.get(next).is_none_or(|after| after.block != case.units[unit].block) {
        return false;
    }
    let points = case
        .words_of(next)
        .first()
        .is_some_and(|word| matches!(&*word.lower(case.source.text()), "they" | "it" | "these" | "this"));
    points
        && case.requirements.iter().take(RULES).any(|rule| {
            rule.unit == next
                && matches!(
                    &rule.demand,
                    Demand::Amount { measure, .. }
                        if !matches!(measure, Measure::Items(things) if *things != "letters")
                )
        })
}

/// "Come up with some names. Give ten names.": the count of the things stands in another rule.
fn counted_elsewhere(case: &Case<'_>, words: &[Word], hit: &Hit) -> bool {
    let thing = words[hit.last].lower(case.source.text());
    case.requirements.iter().take(RULES).any(|rule| {
        matches!(&rule.demand, Demand::Amount { measure: Measure::Items(things), .. } if *things == thing)
    })
}

/// `New, Better, Fixed`, "three steps: low, fair, good": the word is a value or a title and asks for nothing.
fn names_a_value(text: &str, words: &[Word], hit: &Hit) -> bool {
    let (first, last) = (words[hit.first], words[hit.last]);
    let lower = |at: Option<usize>| at.and_then(|at| words.get(at)).map(|word| word.lower(text));
    let capital = hit.first > 0
        && first.text(text).starts_with(char::is_uppercase)
        && first.text(text).chars().any(char::is_lowercase)
        && !words[hit.first - 1].is(vocabulary::STOP_MARK | vocabulary::QUOTE);
    let comma = |at: Option<usize>| lower(at).is_some_and(|word| word == ",");
    // "fast: under 300 crowns" says what the name stands for.
    let label = hit.first == 0 && lower(Some(hit.last + 1)).is_some_and(|word| word == ":");
    let colon = words[..hit.first].iter().any(|word| word.text(text) == ":");
    let ends = words.get(hit.last + 1).is_none_or(|word| word.is(vocabulary::STOP_MARK));
    // A list of single words behind a colon: "low, fair, good".
    let listed = colon
        && comma(hit.first.checked_sub(1))
        && comma(hit.first.checked_sub(3))
        && (ends || comma(Some(hit.last + 1)));
    // "One of good, fair, poor" and "is it good, fair or poor".
    let of = |at: usize| at > 1 && matches!(&*words[at - 1].lower(text), "of" | "as" | "is" | "are");
    let opens_list = of(hit.first)
        && comma(Some(hit.last + 1))
        && words
            .get(hit.last + 3)
            .is_some_and(|next| next.is_punctuation() || matches!(&*next.lower(text), "or" | "and"));
    // "400 words would be good" is a wish.
    let wished = hit.first >= 2
        && lower(Some(hit.first - 1)).is_some_and(|word| word == "be")
        && lower(Some(hit.first - 2)).is_some_and(|word| word == "would");
    // "Longer is not better" and "good with children" ask for no length and no standard.
    let denied = lower(Some(hit.last + 1)).is_some_and(|word| word == "is" || word == "are")
        && lower(Some(hit.last + 2)).is_some_and(|word| word == "not" || word == "no");
    // "A well-informed reader", "saying that a question was great".
    let joined = last.lower(text) == "well" && text[last.end as usize..].starts_with('-');
    let near = &words[hit.first.saturating_sub(6)..hit.first];
    // "They do not speak English well".
    let spoken = last.lower(text) == "well"
        && near
            .iter()
            .any(|word| matches!(&*word.lower(text), "speak" | "speaks" | "know" | "knows" | "read"));
    let said = near.iter().any(|word| word.lower(text) == "saying");
    let skilled = last.lower(text) == "good"
        && lower(Some(hit.last + 1)).is_some_and(|word| word == "with" || word == "at");
    // "From a fresh start", "which of the two is better", "the better prompt", "what a good reply has to do".
    let before = lower(hit.first.checked_sub(1));
    let named = match &*first.lower(text) {
        "fresh" => lower(Some(hit.last + 1)).is_some_and(|word| word == "start"),
        "better" | "best" => {
            before.as_deref() == Some("the")
                || words[..hit.first].iter().any(|word| word.lower(text) == "which")
        }
        "good" => {
            // "A hazardous good."
            let article =
                |at: usize| lower(Some(at)).is_some_and(|word| matches!(&*word, "a" | "an" | "any"));
            let thing = hit.first >= 2
                && article(hit.first - 2)
                && !words[hit.first - 1].is(vocabulary::STOP)
                && lower(Some(hit.first - 1)).is_some_and(|word| word != "very" && word != "really")
                && ends;
            thing || words[..hit.first].iter().any(|word| word.lower(text) == "what")
        }
        // "You will see several pages" tells what comes in.
        _ => {
            words.first().is_some_and(|word| word.is(vocabulary::PERSON))
                && words.iter().take(4).any(|word| word.is(vocabulary::RECEIVING))
        }
    };
    label
        || capital && ends_with_sign(words, hit)
        || listed
        || opens_list
        || denied
        || wished
        || joined
        || said
        || spoken
        || skilled
        || named
}

/// "A good inspection takes under 15 minutes": the sentence says what is good.
fn is_defined(text: &str, words: &[Word], hit: &Hit) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let subject = hit.first == 1 && lower(0).is_some_and(|word| matches!(&*word, "a" | "an" | "the"));
    let says = |word: &Word| {
        matches!(
            &*word.lower(text),
            "is" | "are" | "takes" | "has" | "names" | "holds" | "means" | "gives" | "needs" | "performs"
        )
    };
    subject && words.len() > hit.last + 5 && words[hit.last + 2..].iter().take(2).any(says)
}

/// "Friendly and plain": a tone of two words, one of which is clear.
fn paired_with_plain(text: &str, words: &[Word], hit: &Hit) -> bool {
    let joined = |and: usize, other: Option<usize>| {
        words.get(and).is_some_and(|word| matches!(&*word.lower(text), "and" | ","))
            && other.and_then(|at| words.get(at)).is_some_and(|word| {
                matches!(
                    &*word.lower(text),
                    "plain" | "dry" | "calm" | "direct" | "sober" | "neutral" | "blunt"
                )
            })
    };
    let tone = matches!(&*words[hit.first].lower(text), "friendly" | "warm" | "polite" | "kind" | "formal");
    tone && (joined(hit.last + 1, Some(hit.last + 2))
        || hit.first > 0 && joined(hit.first - 1, hit.first.checked_sub(2)))
}

/// "As few lines as the fix needs".
fn as_few_as_needed(text: &str, words: &[Word], hit: &Hit) -> bool {
    let is_as = |word: &Word| word.lower(text) == "as";
    let after = &words[hit.last + 1..];
    let again = after.iter().take(4).position(is_as);
    hit.first > 0
        && is_as(&words[hit.first - 1])
        && again.is_some_and(|at| {
            at > 0
                && after.get(at + 1).is_some_and(|next| {
                    !matches!(&*next.lower(text), "possible" | "you" | "needed" | "necessary")
                })
        })
}

/// True when a comma or the end stands behind a hit.
fn ends_with_sign(words: &[Word], hit: &Hit) -> bool {
    words.get(hit.last + 1).is_none_or(|word| word.is_punctuation())
        || words.get(hit.last + 1).is_some_and(|word| word.is(vocabulary::STOP))
}

/// `"it", "they" and the like`: two quoted samples say what the list is about.
fn after_samples(text: &str, words: &[Word], hit: &Hit) -> bool {
    let quotes = words[..hit.first].iter().filter(|word| word.is(vocabulary::QUOTE)).count();
    quotes >= 4 && words[hit.first].lower(text) != "etc"
}

/// "Style: catchy and modern": how a text is to strike its readers, which names no tone.
fn is_no_tone(text: &str, words: &[Word], hit: &Hit) -> bool {
    const STRIKES: [&str; 24] = [
        "amazing", "appealing", "attractive", "captivating", "catchy", "compelling", "cool", "creative",
        "engaging", "exciting", "fancy", "fresh", "good", "great", "gripping", "impactful", "interesting",
        "memorable", "modern", "nice", "powerful", "stylish", "trendy", "unique",
    ];
    words[hit.first..=hit.last].iter().any(|word| STRIKES.contains(&&*word.lower(text)))
}

/// `Tone: plain and friendly`: a tone is named by such words, and by nothing else. A sentence behind it orders.
fn names_a_tone(case: &Case<'_>, unit: usize) -> bool {
    let orders = |word: &Word| word.is(vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL);
    if !case.units[unit].opens_piece && case.words_of(unit).iter().any(orders) {
        return false;
    }
    let piece = &case.outline.pieces[case.units[unit].pieces.start];
    let label = case.text(piece.lead).to_lowercase();
    piece.kind == PieceKind::Field
        && ["tone", "voice", "style", "manner", "register", "mood"].iter().any(|word| label.contains(word))
}

/// "You are a helpful assistant": whom the model plays, not what it is to do.
fn describes_the_persona(case: &Case<'_>, unit: usize, hit: &Hit) -> bool {
    const REACH: usize = 7;
    let text = case.source.text();
    // "Role: You are …".
    let label = case.words_of(unit).iter().take(3).position(|word| word.text(text) == ":");
    let label = label.map_or(0, |colon| colon + 1).min(hit.first);
    let words = &case.words_of(unit)[label..];
    let (first, last) = (hit.first - label, hit.last - label);
    let opens = words.iter().take(3).any(|word| {
        ["you", "act", "as", "you're"].iter().any(|known| word.text(text).eq_ignore_ascii_case(known))
    });
    // "Nurse with long experience": a persona without a verb.
    let told = vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL;
    let opens = opens || !words.iter().any(|word| word.is(told));
    // "You are the greatest, most gifted clerk": still one phrase.
    let comma = words[..first].iter().position(|word| word.is_punctuation());
    let goes_on = words.get(last + 1).is_some_and(|next| !next.is_punctuation());
    let one_phrase = comma.is_none_or(|comma| first - comma <= 2 && goes_on);
    // "You are a professional engineer, and your task is …": the work comes behind the comma.
    let named = comma.is_none() && goes_on && words.iter().take(2).any(|word| word.lower(text) == "are");
    one_phrase
        && case.labels[unit].component == Some(Component::Role)
        && first <= REACH
        && opens
        && (named || !case.labels[unit].serves(Component::Task))
}

fn is_rule_of_style(case: &Case<'_>, unit: usize) -> bool {
    case.labels[unit].facet == Some(crate::component::Facet::Tone)
}
