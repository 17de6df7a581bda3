//! Lengths and counts: "at most 80 words", "between three and five bullets", "each title under 60 characters".

use super::by_label::{bounded_by_label, counted_behind, labelled_count, limit_of};
use super::measure::{Bound, Measure};
use super::whom::{self, CLAUSE, PARTS, WHOLE, singular};
use super::words::is_of_a_later_clause;
use super::{Demand, Requirement, Sight, Subject, is_exception, spread};
use crate::lexicon::vocabulary;
use crate::words::Word;
use std::borrow::Cow;
use std::cell::OnceCell;

/// What stands right before a number and bounds it. Longer phrases come first.
const BEFORE: [(&[&str], Side); 85] = [
    (&["approx", "."], Side::About),
    (&["approx"], Side::About),
    (&["ca", "."], Side::About),
    (&["limit", "is"], Side::Most),
    (&["limit", ":"], Side::Most),
    (&["fit", "on"], Side::Most),
    (&["fit", "into"], Side::Most),
    (&["fit", "in"], Side::Most),
    (&["fits", "on"], Side::Most),
    (&["fits", "into"], Side::Most),
    (&["fits", "in"], Side::Most),
    (&["maximum", "length", ":"], Side::Most),
    (&["max", "length", ":"], Side::Most),
    (&["minimum", "length", ":"], Side::Least),
    (&["min", "length", ":"], Side::Least),
    (&["maximum", ":"], Side::Most),
    (&["max", ":"], Side::Most),
    (&["max", "."], Side::Most),
    (&["minimum", ":"], Side::Least),
    (&["no", "more", "than"], Side::Most),
    (&["not", "more", "than"], Side::Most),
    (&["no", "longer", "than"], Side::Most),
    (&["not", "longer", "than"], Side::Most),
    (&["not", "exceed"], Side::Most),
    (&["never", "exceed"], Side::Most),
    (&["not", "over"], Side::Most),
    (&["no", "fewer", "than"], Side::Least),
    (&["no", "less", "than"], Side::Least),
    (&["not", "fewer", "than"], Side::Least),
    (&["not", "less", "than"], Side::Least),
    (&["no", "shorter", "than"], Side::Least),
    (&["to", "a", "maximum", "of"], Side::Most),
    (&["to", "a", "max", "of"], Side::Most),
    (&["a", "maximum", "of"], Side::Most),
    (&["maximum", "of"], Side::Most),
    (&["a", "minimum", "of"], Side::Least),
    (&["minimum", "of"], Side::Least),
    (&["a", "max", "of"], Side::Most),
    (&["max", "of"], Side::Most),
    (&["a", "min", "of"], Side::Least),
    (&["min", "of"], Side::Least),
    (&["a", "limit", "of"], Side::Most),
    (&["limited", "to"], Side::Most),
    (&["limit", "yourself", "to"], Side::Most),
    (&["restrict", "yourself", "to"], Side::Most),
    (&["keep", "it", "to"], Side::Most),
    (&["stick", "to"], Side::Most),
    (&["keep", "to"], Side::Most),
    (&["fewer", "than"], Side::Under),
    (&["less", "than"], Side::Under),
    (&["shorter", "than"], Side::Under),
    (&["longer", "than"], Side::Over),
    (&["more", "than"], Side::Over),
    (&["at", "most"], Side::Most),
    (&["at", "least"], Side::Least),
    (&["up", "to"], Side::Most),
    (&["exactly"], Side::Exact),
    (&["precisely"], Side::Exact),
    (&["under"], Side::Under),
    (&["below"], Side::Under),
    (&["within"], Side::Most),
    (&["max"], Side::Most),
    (&["maximum"], Side::Most),
    (&["min"], Side::Least),
    (&["minimum"], Side::Least),
    (&["≤"], Side::Most),
    (&["≥"], Side::Least),
    (&["run", "past"], Side::Over),
    (&["run", "over"], Side::Over),
    (&["run", "beyond"], Side::Over),
    (&["go", "past"], Side::Over),
    (&["go", "over"], Side::Over),
    (&["go", "beyond"], Side::Over),
    (&["go", "above"], Side::Over),
    (&["cap", "of"], Side::Most),
    (&["ceiling", "of"], Side::Most),
    (&["capped", "at"], Side::Most),
    (&["stop", "at"], Side::Most),
    (&["over"], Side::Over),
    (&["above"], Side::Over),
    (&["exceed"], Side::Over),
    (&["upwards", "of"], Side::Over),
    (&["about"], Side::About),
    (&["around"], Side::About),
    (&["roughly"], Side::About),
];

#[derive(Clone, Copy, PartialEq, Eq)]
enum Side {
    Most,
    Under,
    Least,
    Over,
    Exact,
    About,
}

/// Reads the amounts that a unit states.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let exception = OnceCell::new();
    let conditional = || *exception.get_or_init(|| is_exception(text, words) || is_of_some(text, words));
    if let Some((place, measure, least)) = spread::apart(text, words) {
        let demand =
            Demand::Amount { measure, bound: Bound { least: Some(least), most: None, about: false } };
        found.push(Requirement::on_reply(unit, place, demand, conditional()));
    }
    if let Some((place, measure, least)) = spread::one_apiece(text, words) {
        let demand =
            Demand::Amount { measure, bound: Bound { least: Some(least), most: None, about: false } };
        let subject = whom::named_first(text, words);
        found.push(Requirement { subject, ..Requirement::on_reply(unit, place, demand, conditional()) });
    }
    if let Some((place, things)) = spread::every_one(text, words) {
        found.push(Requirement::on_reply(unit, place, Demand::Every(things), conditional()));
    }
    if let Some((place, things, count)) = spread::number_of(text, words) {
        let bound = Bound { least: Some(count), most: Some(count), about: false };
        let demand = Demand::Amount { measure: Measure::Items(things), bound };
        found.push(Requirement::on_reply(unit, place, demand, conditional()));
    }
    let behind = counted_behind(text, words).map(|(place, measure, bound)| {
        Requirement::on_reply(unit, place, Demand::Amount { measure, bound }, conditional())
    });
    found.extend(behind.or_else(|| labelled_count(sight, unit, words, conditional())));
    let limit = limit_of(text, words).map(|(place, measure, bound)| {
        Requirement::on_reply(unit, place, Demand::Amount { measure, bound }, conditional())
    });
    found.extend(limit);
    let each = spread::one_for_each(text, words);
    let one = each.as_ref().map(|(at, ..)| *at);
    if let Some((_, place, measure, least)) = each {
        let demand =
            Demand::Amount { measure, bound: Bound { least: Some(least), most: None, about: false } };
        found.push(Requirement::on_reply(unit, place, demand, conditional()));
    }
    let mut at = 0;
    while at < words.len() {
        // The "one" of "one slide for each" counts nothing by itself.
        let amount = amount_at(text, words, at).filter(|_| one != Some(at));
        let Some((first, mut bound, measure_at)) = amount else {
            found.extend(bare_count(sight, unit, words, at));
            at += 1;
            continue;
        };
        let Some(measure) = Measure::named(words[measure_at].text(text)) else {
            at += 1;
            continue;
        };
        let next = |offset: usize| words.get(measure_at + offset).map(|word| word.lower(text));
        // "One side of A4" is a page, one side of the quay is not.
        let side = words[measure_at].lower(text).starts_with("side");
        if side && !next(2).is_some_and(|word| ["a4", "paper", "letter"].contains(&&*word)) {
            at = measure_at;
            continue;
        }
        // "A two-minute talk" is a length, a wait of two minutes is none.
        // "Max five minutes.", where the task is a speech.
        let heard = || {
            let alone = words.len() <= FEW && words[..first].iter().all(|word| !word.is(vocabulary::VERB));
            alone
                && (0..unit.min(UNITS))
                    .any(|unit| is_spoken(text, sight.words.within(sight.units[unit].text)))
        };
        if measure == Measure::Minutes && !is_spoken(text, words) && !heard() {
            at = measure_at;
            continue;
        }
        // "Three sentences, one of them on …", "one sentence of it on the place": a share of what is counted elsewhere.
        if next(1).is_some_and(|word| word == "of")
            && next(2).is_some_and(|word| matches!(&*word, "it" | "them" | "which" | "these" | "those"))
        {
            at = measure_at;
            continue;
        }
        // "There should be one sentence that comes back three times": one of many.
        let singled =
            bound.least == Some(1) && next(1).is_some_and(|word| matches!(&*word, "that" | "which"));
        if singled && words[..first].iter().any(|word| word.lower(text) == "there") {
            at = measure_at;
            continue;
        }
        // "An empty answer gets 0 points" is a mark, and no length.
        let marks = (0..first).any(|at| match &*words[at].lower(text) {
            "gets" | "get" | "worth" | "award" | "deduct" | "earns" | "scores" => true,
            "give" => matches!(&*words[at + 1].lower(text), "each" | "every" | "an" | "the" | "it"),
            _ => false,
        });
        let awarded = measure == Measure::Items("points") && marks;
        // "Reject essays under 200 words" sorts what comes in.
        let sorts = matches!(
            &*words[0].lower(text),
            "reject"
                | "accept"
                | "praise"
                | "flag"
                | "skip"
                | "ignore"
                | "mark"
                | "drop"
                | "exclude"
                | "discard"
        );
        if awarded
            || sorts && matches!(&*words[first].lower(text), "under" | "over" | "above" | "below" | "with")
        {
            at = measure_at;
            continue;
        }
        // "Decide whether two entries are the same", "Given a list of 10 questions, …" count what comes in.
        let given = words[0].lower(text) == "given" && !words[..first].iter().any(|w| w.text(text) == ",");
        if given || first > 0 && words[first - 1].lower(text) == "whether" {
            at = measure_at;
            continue;
        }
        // "Quote two answers word for word" counts no words.
        if next(1).is_some_and(|word| word == "for") && next(2).is_some_and(|word| word == "word") {
            at = measure_at;
            continue;
        }
        if measure != Measure::Minutes && next(1).is_some() && is_compound(text, words, at, measure_at) {
            at = measure_at;
            continue;
        }
        let points =
            measure == Measure::Items("bullets") && next(1).is_some_and(|word| word.starts_with("point"));
        let measure_at = measure_at + usize::from(points);
        bounded_by_label(sight, unit, &mut bound);
        // "Anything above 500 characters is cut off".
        let over = bound.most.is_none() && matches!(&*words[0].lower(text), "anything" | "everything");
        if let (true, Some(least)) = (over, bound.least) {
            bound = Bound { least: None, most: Some(least.saturating_sub(1)), about: false };
        }
        let place = words[first].span().cover(words[measure_at].span());
        let before =
            found.last().filter(|earlier| earlier.unit == unit).map(|earlier| earlier.demand.clone());
        let things = found.iter().rev().take(NEAR).find_map(|earlier| match earlier.demand {
            Demand::Amount { measure: Measure::Items(things), .. } => Some(things),
            _ => None,
        });
        let subject = match each_of(text, words, measure_at) {
            // "Two paragraphs of about 80 words each".
            true if matches!(before, Some(Demand::Amount { measure: Measure::Paragraphs, .. })) => {
                Subject::Each("paragraph".into())
            }
            // "Eight names. One or two words each."
            true => whom::several(text, &words[..first])
                .unwrap_or_else(|| Subject::Each(things.map(singular).unwrap_or_default())),
            false => whom::of(sight, unit, words, (first, measure_at), before),
        };
        // "3 minutes when read aloud, so around 400 words": no part is that long in a sentence that names none.
        let long = matches!(measure, Measure::Words)
            && bound.most.or(bound.least).is_some_and(|words| words >= LONG)
            && words.len() <= SHORT
            && !words.iter().any(|word| whom::is_part(&word.lower(text)));
        // "Write one sentence of at most 25 words": where the sentence is the whole reply, so is its length.
        let one = |earlier: &&Requirement| {
            let single = matches!(&earlier.demand, Demand::Amount { bound: Bound { most: Some(1), .. }, .. });
            single && earlier.unit == unit && earlier.subject == Subject::Reply
        };
        let within = matches!(&subject, Subject::Named(part) if matches!(&**part, "sentence" | "line"));
        let within = within && matches!(measure, Measure::Words | Measure::Characters);
        let whole =
            within && found.last().filter(one).is_some_and(|earlier| earlier.span.end() < place.start());
        // "I was thinking around five minutes" is what the writer has in mind for all of it.
        let thought = words.iter().any(|word| {
            matches!(&*word.lower(text), "thinking" | "aiming") && word.end as usize <= place.start()
        });
        let long = long || thought;
        let subject = if long && subject == Subject::Unstated || whole { Subject::Reply } else { subject };
        let demand = Demand::Amount { measure, bound };
        found.push(Requirement {
            unit,
            span: place,
            subject,
            demand,
            conditional: conditional() && !is_of_a_later_clause(text, &words[measure_at..]),
            part: None,
        });
        at = measure_at + 1;
    }
}

/// "Questions 1 to 3 have four options": a rule for some of them.
pub(crate) fn is_of_some(text: &str, words: &[Word]) -> bool {
    let [things, from, joined, to, ..] = words else { return false };
    let plural = things.lower(text).ends_with('s') && !things.is(vocabulary::STOP | vocabulary::VERB);
    plural
        && number(text, *from).is_some()
        && matches!(&*joined.lower(text), "to" | "and" | "-" | "–")
        && number(text, *to).is_some()
}

/// True where a sentence speaks of a text that is to be heard.
fn is_spoken(text: &str, words: &[Word]) -> bool {
    const HEARD: [&str; 15] = [
        "spoken", "speaking", "aloud", "loud", "speech", "talk", "spot", "script", "monologue", "toast",
        "eulogy", "pitch", "voiceover", "podcast", "sermon",
    ];
    words.iter().any(|word| HEARD.contains(&&*word.lower(text)))
}

/// The most words of a sentence that is a length and no more, and how many sentences are looked at for what it is of.
const FEW: usize = 5;
const UNITS: usize = 20;

/// Words from which a length is that of a whole reply, in a sentence of at most so many.
const LONG: u32 = 150;
const SHORT: usize = 14;

/// The value of a number in digits or in words.
pub(crate) fn number(text: &str, word: Word) -> Option<u32> {
    match vocabulary::number_value(word.id) {
        Some(value) => Some(value),
        None if word.is_number() => word.text(text).replace(',', "").parse().ok(),
        None => None,
    }
}

/// An amount whose number stands at `at`: its first word, the bound, and the word that names the measure.
fn amount_at(text: &str, words: &[Word], at: usize) -> Option<(usize, Bound, usize)> {
    let said = |index: usize| words.get(index).map_or("", |word| word.text(text));
    let lower = |index: usize| words.get(index).map_or(Cow::Borrowed(""), |word| word.lower(text));
    // "No longer than a page".
    let single = || {
        let bounded =
            || matches!(side_before(text, words, at).1, Some(Side::Over | Side::Most | Side::Under));
        (matches!(&*lower(at), "a" | "an") && bounded()).then_some(1)
    };
    let alone = || (lower(at) == "single").then_some(1);
    let value = number(text, words[at]).or_else(single).or_else(alone)?;
    // "One hundred words".
    let times = at.checked_sub(1).and_then(|before| number(text, words[before]));
    let times = times.filter(|times| matches!(&*lower(at), "hundred" | "thousand") && *times < 100);
    let (head, value) = times.map_or((at, value), |times| (at - 1, value.saturating_mul(times)));
    // "3 to 5", "3–5" (the reader drops a dash between digits), "three or four", "between 3 and 5".
    let mut last = at;
    let mut top = None;
    let joined = ["to", "or", "and", "–", "-"].contains(&&*lower(at + 1));
    if joined && let Some(second) = words.get(at + 2).and_then(|word| number(text, *word)) {
        let between = at > 0 && lower(at - 1) == "between";
        if second > value && (lower(at + 1) != "and" || between) {
            (top, last) = (Some(second), at + 2);
        }
    } else if let Some(next) = words.get(at + 1)
        && let Some(second) = number(text, *next)
        && next.start == words[at].end + if text[words[at].end as usize..].starts_with('-') { 1 } else { 3 }
        && second > value
    {
        (top, last) = (Some(second), at + 1);
    }
    // "Three or more reasons".
    let open = match (top, &*lower(last + 1), &*lower(last + 2)) {
        (None, "or", "more") => Some(Side::Least),
        (None, "or", "fewer" | "less") => Some(Side::Most),
        _ => None,
    };
    if open.is_some() {
        last += 2;
    }
    // "12 questions, four per topic": of what was counted before.
    if matches!(&*lower(last + 1), "per" | "each" | "every") {
        return None;
    }
    // The measure follows at once, or after an adjective or two: "80 short words".
    let measure_at = (last + 1..=last + 3).find(|&index| {
        Measure::named(said(index)).is_some() && (last + 1..index).all(|between| is_adjective(words, between))
    })?;
    let (mut first, side) = side_before(text, words, head);
    // "Limit the summary to 100 words".
    let limits = head > 1
        && lower(head - 1) == "to"
        && words[head.saturating_sub(CLAUSE)..head].iter().any(|word| {
            matches!(&*word.lower(text), "limit" | "limited" | "restrict" | "restricted" | "cap" | "capped")
        });
    let (side, lead) = if limits && side.is_none() { (Some(Side::Most), head - 1) } else { (side, first) };
    first = lead;
    // "the two steps above", "step 3 lines": a number that names is no amount.
    let names = [
        "level", "step", "section", "the", "these", "those", "all", "stage", "rule", "chapter", "your", "our",
    ];
    // "Bullets, each of 10 words", but "each of 10 boats".
    let long = matches!(
        Measure::named(said(measure_at)),
        Some(Measure::Words | Measure::Characters | Measure::Sentences | Measure::Lines)
    );
    let of_some = at > 1
        && lower(at - 1) == "of"
        && ["one", "either", "each", "both", "out", "any"].contains(&&*lower(at - 2))
        && !(long && lower(at - 2) == "each");
    let named = at > 0 && names.contains(&&*lower(at - 1)) || of_some;
    if named && top.is_none() && side.is_none() {
        return None;
    }
    if at > 0 && lower(at - 1) == "between" {
        first = at - 1;
    }
    // "Never use more than 3 bullets", "No sentence is longer than 20 words": negated, the bound turns.
    let negated = words[first.saturating_sub(CLAUSE)..first].iter().any(|word| word.is(vocabulary::NEGATION))
        || is_ruled_out(text, words, measure_at);
    // "One step at a time" is a pace.
    if lower(measure_at).starts_with("step")
        && lower(measure_at + 1) == "at"
        && lower(measure_at + 3) == "time"
    {
        return None;
    }
    // "Two sentences per turn at most": the bound stands behind the part.
    let per = if ["per", "a", "each", "every"].contains(&&*lower(measure_at + 1)) { 2 } else { 0 };
    let after = lower(measure_at + per + 1);
    let after2 = lower(measure_at + per + 2);
    let bound = |least, most| Bound { least, most, about: false };
    let bound = match (side.or(open), top) {
        (_, Some(top)) => bound(Some(value), Some(top)),
        // "No sentence has 20 or more words", "no list of two or fewer items".
        (Some(Side::Least), None) if negated && open.is_some() => bound(None, value.checked_sub(1)),
        (Some(Side::Most), None) if negated && open.is_some() => bound(value.checked_add(1), None),
        (Some(side), None) => bound_of(side, value, negated),
        (None, None) => match (&*after, &*after2) {
            ("or", "more") if negated => bound(None, value.checked_sub(1)),
            ("or", "fewer" | "less") if negated => bound(value.checked_add(1), None),
            ("or", "fewer" | "less")
            | ("at", "most")
            | ("at", "the")
            | ("max" | "maximum" | "only" | "tops", _) => bound(None, Some(value)),
            ("or", "more") | ("at", "least") | ("min" | "minimum", _) => bound(Some(value), None),
            _ if negated => return None,
            // "in 80 words" is a target, "three options" a count.
            _ => {
                let long = matches!(
                    said(measure_at).to_lowercase().as_str(),
                    "words" | "characters" | "tokens" | "chars"
                );
                Bound { least: Some(value), most: Some(value), about: long }
            }
        },
    };
    Some((first, bound, measure_at))
}

/// "Notes longer than 50 words are not accepted": behind the measure stands that such a thing is no good.
fn is_ruled_out(text: &str, words: &[Word], measure_at: usize) -> bool {
    const NEAR: usize = 4;
    let behind = words.get(measure_at + 1..).unwrap_or_default();
    let mut near = behind.iter().take(NEAR).take_while(|word| !word.is_punctuation());
    let says =
        near.next().is_some_and(|word| matches!(&*word.lower(text), "is" | "are" | "will" | "get" | "gets"));
    let mut denied = false;
    says && near.any(|word| {
        denied |= word.is(vocabulary::NEGATION);
        match &*word.lower(text) {
            "rejected" | "refused" | "forbidden" | "unacceptable" | "disallowed" | "prohibited"
            | "banned" | "invalid" => true,
            "accepted" | "allowed" | "permitted" | "acceptable" | "welcome" | "wanted" => denied,
            _ => false,
        }
    })
}

/// The bound that a number gets from what stands before it; a negation turns "more than".
fn bound_of(side: Side, value: u32, negated: bool) -> Bound {
    let bound = |least, most| Bound { least, most, about: false };
    match side {
        Side::Over if negated => bound(None, Some(value)),
        Side::Under if negated => bound(Some(value), None),
        Side::Most => bound(None, Some(value)),
        Side::Under => bound(None, Some(value.saturating_sub(1))),
        Side::Least => bound(Some(value), None),
        Side::Over => bound(Some(value.saturating_add(1)), None),
        Side::About => Bound { least: Some(value), most: Some(value), about: true },
        Side::Exact => bound(Some(value), Some(value)),
    }
}

/// The bound on whatever follows the number at `at`: "at most four", "never more than two". None where nothing bounds it.
pub(crate) fn bounded(text: &str, words: &[Word], at: usize) -> Option<Bound> {
    let value = number(text, *words.get(at)?)?;
    let (first, side) = side_before(text, words, at);
    let negated = words[first.saturating_sub(CLAUSE)..first].iter().any(|word| word.is(vocabulary::NEGATION));
    Some(bound_of(side?, value, negated))
}

/// What stands before the number at `at` and bounds it: where that begins, and to which side.
fn side_before(text: &str, words: &[Word], at: usize) -> (usize, Option<Side>) {
    let Some(right_before) = at.checked_sub(1).map(|before| words[before].lower(text)) else {
        return (at, None);
    };
    let fits = |(phrase, _): &&(&[&str], Side)| {
        phrase.last().is_some_and(|last| *last == right_before)
            && phrase.len() <= at
            && phrase.iter().zip(&words[at - phrase.len()..at]).all(|(said, word)| word.lower(text) == *said)
    };
    // "Add up to 2,600" sums; it bounds nothing.
    let sums = at >= 3
        && matches!((&*words[at - 2].lower(text), &*right_before), ("up", "to"))
        && matches!(&*words[at - 3].lower(text), "add" | "adds" | "adding" | "sum" | "sums");
    if sums {
        return (at - 3, Some(Side::Exact));
    }
    match BEFORE.iter().find(fits) {
        Some((phrase, side)) => (at - phrase.len(), Some(*side)),
        None => labelled_side(text, words, at).map_or((at, None), |side| (at, Some(side))),
    }
}

/// "Maximum length of the notice: 90 words": the label tells the side.
fn labelled_side(text: &str, words: &[Word], at: usize) -> Option<Side> {
    const LABEL: usize = 8;
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let counts = matches!(&*lower(1), "length" | "size" | "number" | "count" | "word" | "amount");
    let colon = at.checked_sub(1).filter(|colon| (3..LABEL).contains(colon) && lower(*colon) == ":")?;
    let plain = words[..colon].iter().all(|word| !word.is_punctuation());
    match &*lower(0) {
        "maximum" | "max" if counts && plain => Some(Side::Most),
        "minimum" | "min" if counts && plain => Some(Side::Least),
        _ => None,
    }
}

/// Verbs that ask for things to be made.
const ASKS: [&str; 12] =
    ["give", "list", "name", "write", "suggest", "propose", "make", "need", "want", "send", "show", "find"];

/// "Find names for the boat. Give me ten.", "at least 25": a count of the things last named, which the number leaves out.
fn bare_count(sight: &Sight<'_>, unit: usize, words: &[Word], at: usize) -> Option<Requirement> {
    let text = sight.source.text();
    let value = number(text, words[at])?;
    let ends = words.get(at + 1).is_none_or(|next| matches!(next.text(text), "." | "!" | ","));
    let (first, side) = side_before(text, words, at);
    let said = |back: usize| words.get(first.wrapping_sub(back)).map(|word| word.lower(text));
    let asked = |back: usize| said(back).is_some_and(|word| ASKS.contains(&&*word));
    let asked = asked(1) || said(1).is_some_and(|word| matches!(&*word, "me" | "us")) && asked(2);
    let picked = said(1).is_some_and(|word| matches!(&*word, "best" | "top" | "favourite" | "favorite"));
    let alone = first == 0 || said(1).is_some_and(|word| matches!(&*word, "," | ":"));
    if !ends || value < 2 || !(asked || picked || alone && matches!(side, Some(Side::Most | Side::Least))) {
        return None;
    }
    let confined = words[first.saturating_sub(CLAUSE)..first]
        .iter()
        .any(|word| matches!(&*word.lower(text), "just" | "only"));
    let words_at = words[at].start;
    let units = sight.units[unit.saturating_sub(LOOK_BACK)..=unit].iter().rev();
    let measure = units.into_iter().find_map(|before| {
        let words = sight.words.within(before.text).iter().rev().take(80);
        words.filter(|word| word.start < words_at).find_map(|word| Measure::things(&word.lower(text)))
    })?;
    let bound = match side {
        Some(Side::Most) => Bound { least: None, most: Some(value), about: false },
        Some(Side::Least) => Bound { least: Some(value), most: None, about: false },
        Some(Side::About) => Bound { least: Some(value), most: Some(value), about: true },
        Some(Side::Under | Side::Over) => return None,
        // "Just your best three" is a limit.
        _ if confined => Bound { least: None, most: Some(value), about: false },
        _ => Bound { least: Some(value), most: Some(value), about: false },
    };
    let span = words[first].span().cover(words[at].span());
    Some(Requirement::on_reply(unit, span, Demand::Amount { measure, bound }, is_exception(text, words)))
}

/// How many units back the things are looked for that a bare count leaves out.
const LOOK_BACK: usize = 8;

/// "One word problem", "a two page form": the measure says what kind of thing it is, and a length of no reply.
fn is_compound(text: &str, words: &[Word], at: usize, measure_at: usize) -> bool {
    let measure = words[measure_at].lower(text);
    let next = words[measure_at + 1].lower(text);
    let noun = is_adjective(words, measure_at + 1) && next.len() > 3 && !next.ends_with("ly");
    let known = PARTS.contains(&&*next) || WHOLE.contains(&&*next) || next.starts_with("point");
    let other = ["long", "only", "each", "maximum", "minimum", "total", "tops"].contains(&&*next);
    noun && !known && !other && !measure.ends_with('s') && number(text, words[at]).is_some()
}

/// How many requirements back the things that "each" means are looked for.
const NEAR: usize = 60;

/// True when "each" ends the clause behind the amount.
fn each_of(text: &str, words: &[Word], measure_at: usize) -> bool {
    let each = words.get(measure_at + 1).is_some_and(|word| word.lower(text) == "each");
    each && words.get(measure_at + 2).is_none_or(|word| word.is_punctuation())
}

fn is_adjective(words: &[Word], at: usize) -> bool {
    words.get(at).is_some_and(|word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::VERB | vocabulary::MODAL)
            && !word.is_number()
    })
}
