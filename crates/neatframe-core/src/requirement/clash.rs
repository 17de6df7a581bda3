//! Which demands cannot both hold.

use super::crossed::{CROSSED, CROSSED_AXES, Pole, RULED_OUT};
use super::gap;
use super::spread::ANYTHING;
use super::whom::{self, WHOLE};
use super::{Bound, Demand, Measure, Requirement, Subject};
use crate::lexicon;
use crate::trial;
use std::cmp::Ordering;

/// True when the two cannot both hold.
pub(crate) fn excludes(earlier: &Requirement, later: &Requirement) -> bool {
    match (&earlier.demand, &later.demand) {
        (Demand::Manner { axis, pole }, Demand::Manner { axis: other, pole: opposite }) => {
            let one_axis = axis == other && pole != opposite && !goes_with(pole, opposite);
            let crossed = |(one, two): &(&str, &str)| {
                (*one, *two) == (*pole, *opposite) || (*two, *one) == (*pole, *opposite)
            };
            let of_axes = |(one, two): &(Pole, Pole)| {
                let (own, opposed) = ((*axis, *pole), (*other, *opposite));
                (*one, *two) == (own, opposed) || (*two, *one) == (own, opposed)
            };
            let crossed = CROSSED.iter().any(crossed) || CROSSED_AXES.iter().any(of_axes);
            (one_axis || crossed) && !is_split(earlier, later)
        }
        (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: second })
            if measure == other && (is_part(later) && whole(earlier) || is_part(earlier) && whole(later)) =>
        {
            let (of_part, of_whole) = if whole(earlier) { (second, bound) } else { (bound, second) };
            of_part.least.zip(of_whole.most).is_some_and(|(least, most)| least > most)
        }
        (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: second }) => {
            of_one_subject(&earlier.subject, &later.subject)
                && later.subject != Subject::Unstated
                && (earlier.part == later.part || earlier.part.is_none() || later.part.is_none())
                && (same_measure(measure, other)
                    && bound.excludes(second)
                    && is_comparable(measure, &earlier.subject, (bound, second))
                    || crosses((measure, bound), (other, second))
                    || crosses((other, second), (measure, bound)))
        }
        // "A table of three columns", "the columns Date, Boat, Pier and Fare".
        (
            Demand::Fields(fields),
            Demand::Amount { measure: Measure::Items("columns" | "fields" | "keys"), bound },
        )
        | (
            Demand::Amount { measure: Measure::Items("columns" | "fields" | "keys"), bound },
            Demand::Fields(fields),
        ) => {
            let count = fields.len() as u32;
            bound.most.is_some_and(|most| most < count)
        }
        (Demand::Manner { pole, .. }, Demand::Amount { measure: Measure::Items(things), bound })
        | (Demand::Amount { measure: Measure::Items(things), bound }, Demand::Manner { pole, .. })
            if RULED_OUT.contains(&(pole, things)) =>
        {
            bound.most != Some(0) && earlier.part == later.part && earlier.subject == later.subject
        }
        // "Three paragraphs", "as one paragraph".
        (Demand::Manner { axis: "paragraphs", pole: "one" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "paragraphs", pole: "one" }) => {
            *measure == Measure::Paragraphs
                && bound.least.is_some_and(|least| least > 1)
                && whole(earlier)
                && whole(later)
        }
        // "BUG, QUESTION or REQUEST", "the label in lower case".
        (Demand::Manner { axis: "letter case", pole: "lower case" }, Demand::OneOf(choices))
        | (Demand::OneOf(choices), Demand::Manner { axis: "letter case", pole: "lower case" }) => {
            choices.iter().all(|choice| choice.len() > 1 && !choice.contains(char::is_lowercase))
        }
        (Demand::Manner { axis: "sentence length", pole: "long" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "sentence length", pole: "long" }) => {
            let each = |rule: &Requirement| rule.subject == Subject::Each("sentence".into());
            *measure == Measure::Words
                && (each(earlier) || each(later))
                && bound.most.is_some_and(|most| most <= SHORT_SENTENCE)
        }
        (Demand::Manner { axis: "sentence length", pole: "short" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "sentence length", pole: "short" }) => {
            let each = |rule: &Requirement| rule.subject == Subject::Each("sentence".into());
            *measure == Measure::Words
                && (each(earlier) || each(later))
                && bound.least.is_some_and(|least| least >= LONG_SENTENCE)
        }
        (Demand::Manner { axis: "length", pole: "brief" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "brief" }) => {
            whole(earlier) && whole(later) && bound.least.is_some_and(|least| is_long(measure, least))
        }
        (Demand::Manner { axis: "length", pole: "detailed" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "detailed" }) => {
            whole(earlier) && whole(later) && is_tight(measure, bound)
        }
        // "As long as possible", "about three minutes".
        (Demand::Manner { axis: "length", pole: "no end" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "no end" }) => {
            let of_text = matches!(
                measure,
                Measure::Words | Measure::Sentences | Measure::Lines | Measure::Pages | Measure::Minutes
            );
            of_text && whole(earlier) && whole(later) && bound.most.is_some()
        }
        (Demand::Manner { axis: "length", pole: "everything" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "length", pole: "everything" }) => {
            whole(earlier)
                && whole(later)
                && (is_tight(measure, bound)
                    || *measure == Measure::Lines && bound.most.is_some_and(|most| most <= FEW_LINES)
                    || *measure == Measure::Words && bound.most.is_some_and(|most| most <= SOME)
                    || matches!(measure, Measure::Items(things) if FOUND.contains(things))
                        && bound.most.is_some_and(|most| most <= FEW))
        }
        (Demand::Manner { axis: "reasons", pole: "reasons given" }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "reasons", pole: "reasons given" }) => {
            *measure == Measure::Words
                && bound.most.is_some_and(|most| most <= 3)
                && whole(earlier)
                && whole(later)
        }
        // "Exactly ten names", "as many as you can think of".
        (Demand::Manner { axis: "how many in all", .. }, Demand::Amount { measure, bound })
        | (Demand::Amount { measure, bound }, Demand::Manner { axis: "how many in all", .. }) => {
            matches!(measure, Measure::Items(_)) && bound.most.is_some() && whole(earlier) && whole(later)
        }
        (Demand::Every(all), Demand::Amount { measure: Measure::Items(some), bound })
        | (Demand::Amount { measure: Measure::Items(some), bound }, Demand::Every(all)) => {
            let found = FOUND.contains(all) && FOUND.contains(some);
            (all == some || *all == ANYTHING || found)
                && whole(earlier)
                && whole(later)
                && bound.most.is_some_and(|most| most <= if all == some { SEVERAL } else { FEW })
        }
        // "Never say "I don't know"", "say that you don't know".
        (Demand::Omit(words), Demand::Manner { axis: "not knowing", pole: "said" })
        | (Demand::Manner { axis: "not knowing", pole: "said" }, Demand::Omit(words)) => {
            words.to_lowercase().replace('’', "'").contains("don't know")
        }
        // "Begin with "Dear guests"", "not with a greeting".
        (Demand::BeginsWith(words), Demand::Manner { axis: "greeting", pole: "no greeting" })
        | (Demand::Manner { axis: "greeting", pole: "no greeting" }, Demand::BeginsWith(words)) => {
            let first = words.split_whitespace().next().unwrap_or_default().to_lowercase();
            matches!(first.trim_end_matches([',', '!']), "dear" | "hello" | "hi" | "hey" | "good" | "welcome")
                && whole(earlier)
                && whole(later)
        }
        (Demand::BeginsWith(one), Demand::BeginsWith(two))
        | (Demand::EndsWith(one), Demand::EndsWith(two)) => {
            one.to_lowercase() != two.to_lowercase() && !is_split(earlier, later)
        }
        // A question in the last line is not "Kind regards".
        (Demand::EndsWith(words), Demand::Manner { axis: "last line", pole: "a question" })
        | (Demand::Manner { axis: "last line", pole: "a question" }, Demand::EndsWith(words)) => {
            !words.trim_end().ends_with('?') && whole(earlier) && whole(later)
        }
        // No closing line, and "Safe travels" at the end.
        (Demand::EndsWith(_), Demand::Manner { axis: "closing line", pole: "none" })
        | (Demand::Manner { axis: "closing line", pole: "none" }, Demand::EndsWith(_)) => {
            whole(earlier) && whole(later)
        }
        (Demand::BeginsWith(one), Demand::NeverBeginsWith(two))
        | (Demand::NeverBeginsWith(two), Demand::BeginsWith(one)) => {
            one.to_lowercase().starts_with(&two.to_lowercase())
        }
        (Demand::Mention(one), Demand::Omit(two)) | (Demand::Omit(two), Demand::Mention(one)) => {
            one.to_lowercase() == two.to_lowercase()
        }
        // Words of a sixth grade are none of a scholar.
        (Demand::ReadingLevel(grade), Demand::Manner { axis: "vocabulary", pole: "advanced" })
        | (Demand::Manner { axis: "vocabulary", pole: "advanced" }, Demand::ReadingLevel(grade)) => {
            *grade <= SCHOOL
        }
        (Demand::DateForm(one), Demand::DateForm(two)) => one != two,
        (Demand::MoneyForm(one), Demand::MoneyForm(two)) => trial::differ(one, two),
        (Demand::Gap { of, way }, Demand::Gap { of: other, way: second }) => {
            way.excludes(second) && gap::of_one_thing(of, other)
        }
        _ => false,
    }
}

/// "At most 120 words" and "at most 90 words" of the whole reply: both can be kept, and nobody knows which of them holds.
/// "Under 90" is "at most 89", and the same.
pub(crate) fn are_two_caps(earlier: &Requirement, later: &Requirement) -> bool {
    let (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: second }) =
        (&earlier.demand, &later.demand)
    else {
        return false;
    };
    let cap = |bound: &Bound| bound.most.filter(|_| bound.least.is_none() && !bound.about);
    let of_text =
        matches!(measure, Measure::Words | Measure::Characters | Measure::Sentences | Measure::Tokens);
    // "The report has at most 200 words": of a text that is one part of a talk as well.
    let whole = |rule: &Requirement| match &rule.subject {
        Subject::Reply => rule.part.is_none(),
        Subject::Named(part) => WHOLE.contains(&part.as_str()),
        _ => false,
    };
    // "Problems: up to five bullets", "the problems section has at most three".
    let of_part = |rule: &Requirement| matches!(&rule.subject, Subject::Named(part) if !whom::is_part(part) && !WHOLE.contains(&part.as_str()));
    let of_one = (of_text && whole(earlier) && whole(later))
        || matches!(
            measure,
            Measure::Items("bullets" | "items" | "points" | "entries") | Measure::Words | Measure::Sentences
        ) && of_part(earlier)
            && earlier.part == later.part;
    of_one
        && measure == other
        && earlier.subject == later.subject
        && cap(bound).zip(cap(second)).is_some_and(|(one, two)| one.abs_diff(two) > 1)
}

/// "A label has 45 to 60 words", "each label stays below 40 words".
fn of_one_subject(one: &Subject, other: &Subject) -> bool {
    match (one, other) {
        (Subject::Each(thing), Subject::Named(part)) | (Subject::Named(part), Subject::Each(thing)) => {
            thing == part
        }
        // "At most 60 words each": whatever is asked for, and no part of it.
        (Subject::Each(one), Subject::Each(other)) if one.is_empty() || other.is_empty() => {
            !whom::is_part(one) && !whom::is_part(other)
        }
        // "Give feedback with three strengths", "at least five strengths": the feedback is what comes back.
        (Subject::Named(whole), Subject::Reply) | (Subject::Reply, Subject::Named(whole)) => {
            RETURNED.contains(&whole.as_str())
        }
        // "Each flashcard", "every card".
        (Subject::Each(thing), Subject::Each(other)) => {
            thing == other || thing.ends_with(other.as_str()) || other.ends_with(thing.as_str())
        }
        _ => one == other,
    }
}

/// What comes back under a name that says nothing of its form.
const RETURNED: [&str; 4] = ["feedback", "advice", "critique", "assessment"];

/// Things that are found, however many there are.
const FOUND: [&str; 8] =
    ["findings", "issues", "problems", "errors", "faults", "bugs", "mistakes", "defects"];

/// What a prompt asks for a number of, once: "ten names", "seven tips".
pub(crate) const ASKED_FOR: [&str; 15] = [
    "names", "titles", "headlines", "slogans", "taglines", "captions", "tips", "ideas", "suggestions",
    "recommendations", "hashtags", "keywords", "riddles", "jokes", "recipes",
];

/// True for one measure under two names: "six suggestions", "four ideas".
fn same_measure(one: &Measure, other: &Measure) -> bool {
    const THOUGHTS: [&str; 4] = ["ideas", "suggestions", "proposals", "options"];
    // "Ten names", "at least 15 options": options of what is asked for.
    const SOUGHT: [&str; 6] = ["names", "titles", "headlines", "slogans", "taglines", "captions"];
    let among =
        |list: &[&str], measure: &Measure| matches!(measure, Measure::Items(things) if list.contains(things));
    const STROPHES: [&str; 2] = ["verses", "stanzas"];
    let thought = |measure: &Measure| among(&THOUGHTS, measure);
    let sought = |measure: &Measure| among(&SOUGHT, measure);
    let strophes = among(&STROPHES, one) && among(&STROPHES, other);
    one == other
        || strophes
        || thought(one) && (thought(other) || sought(other))
        || sought(one) && thought(other)
}

/// Poles of one axis that do not exclude each other.
fn goes_with(one: &str, two: &str) -> bool {
    matches!(
        (one, two),
        ("detailed", "everything")
            | ("everything", "detailed")
            | ("one", "in turn")
            | ("in turn", "one")
            | ("formal", "businesslike")
            | ("businesslike", "formal")
            | ("by date", "newest first" | "oldest first")
            | ("newest first" | "oldest first", "by date")
            | ("we", "first person" | "second person")
            | ("first person" | "second person", "we")
            | ("no we", "second person" | "third person")
            | ("second person" | "third person", "no we")
            | ("no you", "first person" | "third person" | "no we")
            | ("first person" | "third person" | "no we", "no you")
    )
}

/// "The summary has about 400 words": a part by its form, and the whole by its name.
fn names_whole(requirement: &Requirement) -> bool {
    matches!(&requirement.subject, Subject::Named(part) if WHOLE.contains(&part.as_str()))
}

/// "Give a paragraph of six sentences": a part that the reply cannot be shorter than. Words have a check of their own.
fn is_part(requirement: &Requirement) -> bool {
    let of_sentences = matches!(requirement.demand, Demand::Amount { measure: Measure::Sentences, .. });
    of_sentences && matches!(&requirement.subject, Subject::Named(part) if part == "paragraph")
}

fn whole(requirement: &Requirement) -> bool {
    requirement.subject == Subject::Reply
}

/// A limit on things of which there may well be more.
const FEW: u32 = 10;
/// The same for things that both demands name.
const SEVERAL: u32 = 20;

/// The grade up to which a text is for a school child.
const SCHOOL: u32 = 8;

/// Words up to which no sentence is long.
const SHORT_SENTENCE: u32 = 15;

/// Words from which no sentence is short.
const LONG_SENTENCE: u32 = 22;

/// Words from which a reply is not brief.
const LONG: u32 = 600;

/// Lines that hold no "everything".
const FEW_LINES: u32 = 6;

/// A length that nobody calls brief.
fn is_long(measure: &Measure, least: u32) -> bool {
    match measure {
        Measure::Words => least >= LONG,
        Measure::Pages => least >= 2,
        Measure::Paragraphs => least >= 6,
        _ => false,
    }
}

/// Words that hold no "everything".
const SOME: u32 = 250;

/// A length that leaves no room for detail.
fn is_tight(measure: &Measure, bound: &Bound) -> bool {
    let Some(most) = bound.most else { return false };
    match measure {
        Measure::Words => most <= 100,
        Measure::Sentences => most <= 3,
        Measure::Lines => most <= 5,
        Measure::Paragraphs | Measure::Pages => most <= 1,
        _ => false,
    }
}

/// Counts of things clash only where both are bounds on the whole: "three options" and "five examples" differ, and so may
/// "two bullets" here and "four bullets" there.
fn is_comparable(measure: &Measure, subject: &Subject, (one, two): (&Bound, &Bound)) -> bool {
    let limits = |bound: &Bound| bound.least != bound.most;
    match measure {
        Measure::Words | Measure::Characters | Measure::Tokens | Measure::Pages => {
            limits(one) || limits(two) || *subject != Subject::Reply || one.about && two.about
        }
        Measure::Minutes => true,
        // A table has one number of rows, and what is sought is sought once.
        Measure::Items("rows" | "columns" | "stanzas" | "verses") => true,
        Measure::Items(things) if ASKED_FOR.contains(things) => true,
        Measure::Items(_) | Measure::Sentences | Measure::Paragraphs | Measure::Lines => {
            *subject != Subject::Reply || limits(one) || limits(two)
        }
    }
}

/// Words a minute that no speaker stays below or goes beyond: half of the usual 150 and half more. The usual figure is that of
/// the National Center for Voice and Speech for English conversation.
const SLOWEST: u32 = 75;
const FASTEST: u32 = 225;

/// "Three paragraphs" take three sentences at least: true when the first asks for more than the second leaves room for.
fn crosses((measure, bound): (&Measure, &Bound), (other, second): (&Measure, &Bound)) -> bool {
    // A line of a reply holds some 40 words.
    if *other == Measure::Lines && *measure == Measure::Words {
        let room = second.most.map_or(u32::MAX, |lines| lines.saturating_mul(40));
        return bound.least.is_some_and(|least| least > room);
    }
    // A word has more than one token.
    if *measure == Measure::Words && *other == Measure::Tokens {
        return bound.least.zip(second.most).is_some_and(|(least, most)| least > most);
    }
    if *measure == Measure::Minutes && *other == Measure::Words {
        let words = |minutes: u32, pace: u32| minutes.saturating_mul(pace);
        let short = bound.least.zip(second.most).is_some_and(|(time, most)| most < words(time, SLOWEST));
        let long = bound.most.zip(second.least).is_some_and(|(time, least)| least > words(time, FASTEST));
        return short || long;
    }
    // The fewest words that one of each takes, and the most that one of each holds.
    let size = |measure: &Measure| match measure {
        Measure::Pages => Some((5, 250, 1000)),
        Measure::Paragraphs => Some((4, 15, 400)),
        Measure::Sentences => Some((3, 2, 60)),
        Measure::Words => Some((2, 1, 1)),
        Measure::Characters => Some((1, 1, 1)),
        _ => None,
    };
    let (Some((rank, fewest, _)), Some((other_rank, _, holds))) = (size(measure), size(other)) else {
        return false;
    };
    let (Some(least), Some(most)) = (bound.least, second.most) else { return false };
    match rank.cmp(&other_rank) {
        // One page is a limit, two are a demand.
        Ordering::Greater if rank == 5 && least < 2 => false,
        // Two paragraphs are no text message.
        Ordering::Greater if other_rank == 1 && rank == 4 => least >= 2 && least.saturating_mul(150) > most,
        // A word takes four characters with its blank, on a tight count.
        Ordering::Greater if other_rank == 1 => rank == 2 && least.saturating_mul(4) > most,
        Ordering::Greater if other_rank == 2 => least.saturating_mul(fewest) > most,
        Ordering::Greater => least > most,
        Ordering::Less => rank == 2 && least > most.saturating_mul(holds),
        Ordering::Equal => false,
    }
}

/// Two manners in one sentence are two parts of one wish ("formal to guests, casual to the crew"), and so are two about
/// different parts of the reply.
fn is_split(earlier: &Requirement, later: &Requirement) -> bool {
    // These axes are about one part themselves: both demands are, where both are on one of them.
    let axis_of = |rule: &Requirement| match rule.demand {
        Demand::Manner { axis, .. } => Some(axis),
        _ => None,
    };
    let cased = [earlier, later].iter().all(|rule| axis_of(rule) != Some("letter case"));
    let around = cased && axis_of(earlier).is_some_and(|axis| lexicon::OF_ONE_PART.contains(&axis));
    // "No emoji" bounds every part, so "an emoji in the title" breaks it.
    let bans_all = |rule: &Requirement| {
        let Demand::Manner { pole, .. } = &rule.demand else { return false };
        rule.part.is_none() && (pole.starts_with("no ") || *pole == "none")
    };
    // Where one of the two names no object, it holds for that of the other as well.
    if matches!(
        earlier.demand,
        Demand::Manner {
            axis: "asking back"
                | "units"
                | "form of address"
                | "reasons"
                | "off the list"
                | "names in translation",
            ..
        }
    ) {
        return earlier.part.is_some() && later.part.is_some() && earlier.part != later.part;
    }
    // "CSV with the columns Pier and Fare" is the form of all of it.
    let of_all = |rule: &Requirement| {
        let form = matches!(axis_of(rule), Some("data format" | "form"));
        form && matches!(rule.part.as_deref(), Some("columns" | "column" | "keys" | "field"))
    };
    let part = |rule: &Requirement| rule.part.clone().filter(|_| !of_all(rule));
    part(earlier) != part(later) && !around && !bans_all(earlier) && !bans_all(later)
}

/// A length of the whole that what is said of its pieces leaves no room for: "six sentences of at most 8 words" hold no 120
/// words. Gives the demands on the length, on the count and on the size of each, as indices.
pub(crate) fn too_little_room(requirements: &[Requirement]) -> Option<[usize; 3]> {
    let firm = || requirements.iter().enumerate().filter(|(_, rule)| !rule.conditional);
    let most = |wanted: fn(&Requirement) -> Option<Thing<'_>>| {
        firm().filter_map(move |(at, rule)| Some((at, wanted(rule)?)))
    };
    let words = firm().find_map(|(at, rule)| match &rule.demand {
        Demand::Amount { measure: Measure::Words, bound } if whole(rule) || names_whole(rule) => {
            Some((at, bound.least? - if bound.about { bound.least? / 4 } else { 0 }))
        }
        _ => None,
    });
    let (length, least) = words?;
    let counts: Vec<(usize, Thing<'_>)> = most(count_of).take(AT_MOST).collect();
    let sizes: Vec<(usize, Thing<'_>)> = most(size_of).take(AT_MOST).collect();
    counts.iter().find_map(|(count_at, (things, count))| {
        let (size_at, (_, size)) =
            sizes.iter().find(|(_, (thing, _))| things.strip_suffix('s') == Some(thing))?;
        (count.saturating_mul(*size) < least).then_some([length, *count_at, *size_at])
    })
}

/// How many counts and sizes are compared.
const AT_MOST: usize = 64;

/// What is counted, by name, and the most of it.
type Thing<'a> = (&'a str, u32);

/// "Six sentences", "at most five bullets".
fn count_of(rule: &Requirement) -> Option<Thing<'_>> {
    match &rule.demand {
        Demand::Amount { measure: Measure::Sentences, bound } if whole(rule) => {
            Some(("sentences", bound.most?))
        }
        Demand::Amount { measure: Measure::Items(things), bound } if whole(rule) => {
            Some((things, bound.most?))
        }
        _ => None,
    }
}

/// "Each sentence has at most 8 words."
fn size_of(rule: &Requirement) -> Option<Thing<'_>> {
    match (&rule.subject, &rule.demand) {
        (Subject::Each(thing), Demand::Amount { measure: Measure::Words, bound }) => {
            Some((thing, bound.most?))
        }
        _ => None,
    }
}
