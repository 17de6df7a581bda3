//! Which demand was already made by an earlier one: worked out once, for every check that wants to know.

mod alone;
mod asks;
mod bans;
mod code;
mod consent;
mod edges;
mod grounding;
mod in_a_list;
mod limits;
mod listed_twice;
mod manners;
mod offered;
mod one_each;
mod one_of;
mod orders;
mod placed;
mod put_as_question;
mod said_that;
mod scales;
mod set_aside;
mod sides;
mod things;
mod unasked;
mod values;
mod verbatim;
mod whole;

use crate::classify::Label;
use crate::component::Component;
use crate::directive;
use crate::lexicon::{Hit, vocabulary};
use crate::likeness::{Confined, Gist, are_apart, are_opposed, are_other_cases, confined, gist, stem};
use crate::ordinal;
use crate::requirement::{Demand, Requirement, excludes, is_of_some, of_unit};
use crate::source::Source;
use crate::span::Span;
use crate::unit_names;
use crate::units::{Unit, UnitKind};
use crate::words::{Word, Words};
use asks::Asked;
pub(crate) use asks::calls_to_work;
use code::{is_code, name_other_code};
use std::collections::HashMap;

/// How many earlier demands with a shared word are compared, the latest first: keeps long prompts linear.
const CANDIDATES: usize = 48;

/// The words and signs of a sentence that draws a border and says nothing else.
const BORDER: usize = 14;

/// The fewest words of a first clause that is a demand of its own.
const CLAUSE: usize = 3;

/// The earlier twin of each demand that has one. `demands` are unit indices in order.
pub(crate) fn find(
    source: &Source,
    words: &Words,
    units: &[Unit],
    hits: &[Vec<Hit>],
    demands: impl Iterator<Item = usize>,
    requirements: &[Requirement],
    labels: &[Label],
) -> HashMap<usize, usize> {
    let mut twins = limits::same(source, words, units, hits, requirements);
    let at = |unit: usize| words.within(units[unit].text);
    // "Three lines before the change" and "three lines after the change".
    // A long step that asks a question, and the rule of one at a time.
    let step =
        |unit: usize| labels[unit].component == Some(Component::Task) && at(unit).len() > manners::PASSING;
    let asks = |unit: usize| at(unit).first().is_some_and(|word| word.lower(source.text()) == "ask");
    twins.retain(|unit, earlier| {
        let two_things = step(*earlier) && asks(*unit);
        !two_things && !are_opposed(source.text(), at(*earlier), at(*unit))
    });
    for (unit, earlier) in values::same_gaps(requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    let of_persona = |unit: usize| labels[unit].component == Some(Component::Role);
    for (unit, earlier) in manners::same(source, words, units, requirements) {
        // "A witty guide" and "each answer has a joke" are not one demand.
        if of_persona(earlier) != of_persona(unit) {
            continue;
        }
        twins.entry(unit).or_insert(earlier);
    }
    for (unit, earlier) in grounding::repeated(source.text(), words, units, requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    for (unit, earlier) in values::stated_again(source.text(), words, units, requirements) {
        twins.entry(unit).or_insert(earlier);
    }
    let demanding = |unit: &usize| {
        // A line of a form comes again in each form.
        let turn = units[*unit].kind == UnitKind::Turn;
        !turn && !is_code(source.slice(units[*unit].text)) && !offered::is_offered(source, units, *unit)
    };
    let demands: Vec<usize> = demands.filter(demanding).collect();
    let spans = || demands.iter().map(|unit| (*unit, units[*unit].text));
    // What leads on, a slot, or "these lines" that others were told of before.
    let stands_alone = |unit: &usize| {
        let body = source.slice(units[*unit].text);
        let points = at(*unit).first().is_some_and(|word| {
            matches!(&*word.lower(source.text()), "these" | "this" | "those" | "it" | "they" | "that")
        });
        !points && !body.ends_with(':') && !body.starts_with(['[', '{', '<'])
    };
    let alone = demands.iter().filter(|unit| stands_alone(unit)).map(|unit| (*unit, units[*unit].text));
    let text = source.text();
    let again = verbatim::repeated(text, words, alone);
    let of_one_case = |(unit, earlier): &(usize, usize)| are_of_one_case(text, at(*earlier), at(*unit));
    let again = again
        .into_iter()
        .filter(of_one_case)
        .chain(bans::repeated(text, words, spans()))
        .chain(alone::repeated(text, words, spans()))
        .chain(sides::repeated(text, words, spans()))
        .chain(set_aside::repeated(text, words, spans()))
        .chain(unasked::repeated(text, words, spans()))
        .chain(consent::repeated(text, words, spans()))
        .chain(orders::repeated(text, words, spans()))
        .chain(placed::repeated(text, words, spans()))
        .chain(things::repeated(text, words, spans()))
        .chain(in_a_list::repeated(text, words, spans()))
        .chain(edges::repeated(text, words, spans()))
        .chain(one_each::repeated(text, words, spans()))
        .chain(said_that::repeated(text, words, spans()))
        .chain(scales::repeated(text, words, spans()))
        .chain(one_of::repeated(text, words, spans()))
        .chain(put_as_question::repeated(text, words, spans()))
        .chain(listed_twice::repeated(text, words, units, &demands))
        .chain(whole::repeated(text, words, spans()))
        .chain(values::same_fallback(text, words, spans()))
        .chain(values::same_way_out(text, words, spans()));
    for (unit, earlier) in again {
        twins.entry(unit).or_insert(earlier);
    }
    let mut first: HashMap<&str, usize> = HashMap::new();
    for &unit in &demands {
        first.entry(source.slice(units[unit].text)).or_insert(unit);
    }
    let mut by_stem: HashMap<u32, Vec<usize>> = HashMap::new();
    let mut gists: HashMap<usize, Gist> = HashMap::new();
    // "Never promise a refund; say that the office decides": what its first clause demands.
    let mut openings: HashMap<usize, Gist> = HashMap::new();
    let mut borders: Vec<(usize, Confined)> = Vec::new();
    // What is asked for first.
    let mut asked = Asked::default();
    for unit in demands {
        if twins.contains_key(&unit) {
            continue;
        }
        let quality = hits[unit].iter().any(Hit::names_quality);
        let gist = gist(text, directive::behind_its_aim(text, at(unit)), quality);
        let own = words.within(units[unit].text);
        if let Some(border) = confined(text, own) {
            let other = borders.iter().rev().take(CANDIDATES).find(|(earlier, known)| {
                let again = border.says_again(known) && own.len() <= BORDER;
                again || border.is_other_side_of(known) && !alone::are_of_two_sides(text, at(*earlier), own)
            });
            if let Some((earlier, _)) = other {
                twins.insert(unit, *earlier);
                continue;
            }
            borders.push((unit, border));
        }
        let part = labels[unit].component;
        // "First all of French, then all of Dutch" says more than "translate into French and Dutch".
        let ordered = |unit: usize| {
            let has = |name: &str| at(unit).iter().any(|word| word.lower(text) == name);
            has("first") && has("then")
        };
        let in_order = ordered(unit);
        let rule = part == Some(Component::Constraints);
        if rule || matches!(part, Some(Component::Task | Component::Role | Component::OutputFormat)) {
            // "1. Please list the piers. 2. Please list the boats." are two questions of one list.
            let listed = matches!(units[unit].kind, UnitKind::Item { .. });
            let told = if rule { asked.aimed(text, own) } else { asked.told(text, own, &gist) };
            let told = told.filter(|earlier| !listed && (!in_order || ordered(*earlier)));
            if let Some(earlier) = told {
                twins.insert(unit, earlier);
                continue;
            }
            if !rule && part != Some(Component::OutputFormat) {
                asked.keep(text, own, unit, &gist);
            }
        }
        // "Every block uses this form:" leads on to what is new.
        let leads_on = source.slice(units[unit].text).ends_with([':', '?']);
        if gist.stems.is_empty() || leads_on || names_only(source, words, &units[unit]) {
            continue;
        }
        // "When fewer than three fit, write fewer" names a case that "pick three" does not.
        let opens_a_case = |unit: usize| {
            words.within(units[unit].text).iter().take(3).any(|word| word.is(vocabulary::CONDITION))
        };
        // "Write the notice on the closed pier" asks, "the pier is closed" tells.
        let tells = !quality && states(source.text(), words.within(units[unit].text));
        let asks = |unit: usize| labels[unit].component == Some(Component::Task);
        // "Answer the question in {question}" asks; "never refuse a question" is a rule on all of them.
        let takes_in = |unit: usize| source.slice(units[unit].text).contains(['{', '<', '[', '"', '“']);
        let first_word = |unit: usize| at(unit).first().map(|word| word.lower(text));
        let asks_for_one = |earlier: usize| {
            gist.stems.len() == 1
                && takes_in(earlier)
                && !takes_in(unit)
                && first_word(earlier) != first_word(unit)
        };
        // "The tone should be friendly" is not said by "it keeps food warm for six hours, and …".
        let in_passing = |earlier: usize| {
            let said = |word: &Word| at(earlier).iter().any(|other| other.hash() == word.hash());
            let tells =
                |word: &&Word| !word.is_punctuation() && !word.is(vocabulary::STOP | vocabulary::MODAL);
            gist.stems.len() == 1 && at(earlier).len() > AN_ASIDE && !own.iter().filter(tells).any(said)
        };
        let near = candidates(&gist, &by_stem);
        let twin = near.iter().copied().find(|earlier| {
            let another = asks_for_one(*earlier)
                || in_passing(*earlier)
                || in_order && !ordered(*earlier)
                || tells && asks(*earlier)
                || alone::are_of_two_sides(text, at(*earlier), own);
            !another
                && (gist.is_said_by(&gists[earlier])
                    || openings.get(earlier).is_some_and(|opening| gist.is_said_by(opening)))
                // What a persona is good at holds much that a step goes into.
                && (!of_persona(*earlier) || of_persona(unit) || gist.is_most_of(&gists[earlier]))
                && !are_apart(
                    source.text(),
                    words.within(units[*earlier].text),
                    words.within(units[unit].text),
                )
                && (!opens_a_case(unit)
                    || has_a_case(source, words, &units[*earlier])
                    || gist.is_a_case_of(&gists[earlier]))
                && (!opens_a_case(*earlier) || has_a_case(source, words, &units[unit]))
                && are_of_one_case(source.text(), at(*earlier), at(unit))
        });
        // "Again, make sure that …" says so itself.
        let said = || {
            let alike = |earlier: &usize| gist.shares(&gists[earlier]);
            near.iter().copied().max_by_key(alike).filter(|earlier| alike(earlier) >= AGAIN)
        };
        let twin = twin.or_else(|| says_that_it_repeats(text, own).then(said).flatten());
        if let Some(earlier) = twin {
            twins.insert(unit, earlier);
            continue;
        }
        for &stem in &gist.stems {
            by_stem.entry(stem).or_default().push(unit);
        }
        gists.insert(unit, gist);
        let clause = own.iter().position(|word| matches!(word.text(text), ";" | "—")).unwrap_or_default();
        if clause >= CLAUSE && own[..clause].iter().any(|word| word.is(vocabulary::NEGATION)) {
            openings.insert(unit, crate::likeness::gist(text, &own[..clause], quality));
        }
        // "It has to sound human and not like a robot": what stands before the turn is a demand by itself.
        let turn = own.windows(2).position(|pair| {
            matches!(&*pair[0].lower(text), "and" | ",")
                && matches!(&*pair[1].lower(text), "not" | "never" | "but")
        });
        let turn = turn.filter(|&turn| {
            turn >= CLAUSE
                && !own[..turn].iter().any(|word| word.is(vocabulary::NEGATION | vocabulary::CONDITION))
        });
        if let Some(turn) = turn {
            openings.entry(unit).or_insert_with(|| crate::likeness::gist(text, &own[..turn], quality));
        }
    }
    // The same words are the twin, rather than others that say the same: so a block that was pasted twice is found whole.
    for (unit, earlier) in &mut twins {
        *earlier = first
            .get(source.slice(units[*unit].text))
            .copied()
            .filter(|same| same < unit)
            .unwrap_or(*earlier);
    }
    twins.retain(|unit, earlier| {
        if is_code(source.slice(units[*unit].text)) {
            return false;
        }
        let same = source.slice(units[*unit].text) == source.slice(units[*earlier].text);
        // What is said of each field on its own is said once for each.
        let of_fields = || [*unit, *earlier].iter().all(|unit| is_behind_a_field(&units[*unit]));
        if same {
            return at(*unit).len() > PER_FIELD || !of_fields();
        }
        // "Second, decide whether each was met" is a step on the way to what the ask wants decided.
        let place = |unit: usize| ordinal::place(text, at(unit));
        let steps = place(*unit).is_some_and(|place| place > 0) && place(*earlier) != place(*unit);
        // "Questions 1 to 3 have four options", "every question has four options".
        let for_the_others = is_of_some(text, at(*earlier)) && !is_of_some(text, at(*unit));
        // "For each slip return one object:" leads to its form; "return only the object" rules out all else.
        let alone =
            |unit: usize| at(unit).iter().any(|word| matches!(&*word.lower(text), "only" | "nothing"));
        let for_each = at(*earlier).iter().any(|word| matches!(&*word.lower(text), "each" | "every"));
        let leads = source.slice(units[*earlier].text).ends_with(':') && for_each && !alone(*earlier);
        let rules_out = leads && alone(*unit);
        // "Make it look nice" is not said by "it must be friendly".
        let looks = |unit: usize| {
            let said = |row: &[Word], names: [&str; 3]| (0..3).all(|at| row[at].lower(text) == names[at]);
            at(unit).windows(3).any(|row| said(row, ["make", "it", "look"]))
        };
        !steps
            && (!looks(*unit) || looks(*earlier))
            && !rules_out
            && !for_the_others
            && !stand_against(requirements, *unit, *earlier)
            && !are_other_cases(text, at(*unit), at(*earlier))
            && !unit_names::differ(text, at(*unit), at(*earlier))
            && !ends_in_a_new_place(text, at(*unit), at(*earlier))
            && !takes_both(text, at(*earlier), at(*unit))
            && !is_a_hole(text, at(*unit))
            && !adds_a_form(text, at(*earlier), at(*unit))
            && !name_other_code(source.slice(units[*unit].text), source.slice(units[*earlier].text))
    });
    twins
}

/// Forms of an answer by one word.
const FORMS: [&str; 6] = ["table", "json", "csv", "xml", "yaml", "bullets"];

/// "As a table with the columns boat and pier" says more than "give the boat and the pier".
fn adds_a_form(text: &str, earlier: &[Word], words: &[Word]) -> bool {
    const LEADS: [&str; 5] = ["as", "in", "into", "using", "only"];
    const OTHERS: [&str; 5] = ["bullet", "bulleted", "list", "lists", "tables"];
    let forms = |word: &Word| {
        let lower = word.lower(text);
        FORMS.contains(&&*lower) || OTHERS.contains(&&*lower)
    };
    let led = words.iter().enumerate().any(|(at, word)| {
        let before = &words[at.saturating_sub(4)..at];
        FORMS.contains(&&*word.lower(text))
            && before.iter().any(|word| LEADS.contains(&&*word.lower(text)))
            && before.last().is_none_or(|word| word.lower(text) != "the")
    });
    led && !earlier.iter().any(forms)
}

/// Words and signs from which a sentence says so much that one word of it, by another name, is no demand.
const AN_ASIDE: usize = 24;

/// True where the form that one demands rules out that of the other: then they clash, whatever they share.
fn stand_against(requirements: &[Requirement], unit: usize, earlier: usize) -> bool {
    let of = |unit: usize| of_unit(requirements, unit);
    // "Capitalise the first letter of each word (title case)" is read in two ways, in both of them.
    let too = |demand: &Demand| of(unit).any(|rule| rule.demand == *demand);
    let reversed = of(unit).any(|rule| {
        let Demand::Sequence(order) = &rule.demand else { return false };
        of(earlier)
            .any(|other| matches!(&other.demand, Demand::Sequence(other) if other.is_reverse_of(order)))
    });
    let form = |rule: &&Requirement| {
        matches!(rule.demand, Demand::Gap { .. })
            || matches!(
                rule.demand,
                Demand::Manner {
                    axis: "records of JSON" | "data format" | "capital letters" | "full form",
                    ..
                }
            )
    };
    reversed
        || of(unit)
            .filter(form)
            .any(|rule| of(earlier).any(|other| excludes(other, rule) && !too(&other.demand)))
}

/// The most words and signs of a remark that each of several fields may have.
const PER_FIELD: usize = 8;

/// "Reason: why it is late. Keep it short.": a later sentence of what a label names.
fn is_behind_a_field(unit: &Unit) -> bool {
    unit.kind == UnitKind::Field && !unit.opens_piece
}

/// "Give both a quote for it and one against it" behind "give a quote for it".
fn takes_both(text: &str, earlier: &[Word], later: &[Word]) -> bool {
    let both = |words: &[Word]| words.iter().any(|word| word.lower(text) == "both");
    both(later) && !both(earlier)
}

/// "First question", "second sub-question": a line of a form that shows where one goes.
fn is_a_hole(text: &str, words: &[Word]) -> bool {
    let ordinal = words.first().is_some_and(|word| {
        matches!(&*word.lower(text), "first" | "second" | "third" | "fourth" | "fifth" | "next" | "last")
    });
    ordinal && words.len() <= HOLE && !words.iter().any(|word| word.is(vocabulary::VERB | vocabulary::FINITE))
}

/// The most words and signs of such a line.
const HOLE: usize = 5;

/// Each unit that says what an earlier one said. `read` tells what a demand comes down to, `same` whether two come down to one;
/// `most` of them are remembered.
fn told_again<T>(
    words: &Words,
    spans: impl Iterator<Item = (usize, Span)>,
    most: usize,
    read: impl Fn(&[Word]) -> Option<T>,
    same: impl Fn(&T, &T) -> bool,
) -> Vec<(usize, usize)> {
    let mut seen: Vec<(usize, T)> = Vec::new();
    let mut found = Vec::new();
    for (unit, span) in spans {
        let Some(demand) = read(words.within(span)) else { continue };
        match seen.iter().find(|(_, told)| same(told, &demand)) {
            Some((earlier, _)) => found.push((unit, *earlier)),
            None if seen.len() < most => seen.push((unit, demand)),
            None => {}
        }
    }
    found
}

/// "List open piers in bold" behind "only list open piers": the end says how or where, which nothing did before.
fn ends_in_a_new_place(text: &str, later: &[Word], earlier: &[Word]) -> bool {
    const NEAR: usize = 4;
    let end = later.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
    let led = |at: &usize| matches!(&*later[*at].lower(text), "in" | "as");
    let Some(from) = (end.saturating_sub(NEAR)..end).rev().find(led) else { return false };
    // "As they are", "in your reply" say nothing new.
    let new = |word: &Word| {
        let lower = word.lower(text);
        let general = word.is(vocabulary::STOP | vocabulary::PERSON | vocabulary::CONDITION);
        // "In the second person" is no place.
        let person = later[from + 1..end].iter().any(|word| word.lower(text) == "person");
        let ordinal = matches!(&*lower, "first" | "last" | "second" | "third" | "opening" | "top") && !person;
        let marks = matches!(&*lower, "bold" | "italics" | "capitals" | "brackets" | "quotes" | "backticks");
        (ordinal || marks)
            && !general
            && !earlier.iter().any(|other| stem(&other.lower(text)) == stem(&lower))
    };
    later[from + 1..end].iter().any(new)
}

/// How many words of meaning a repeat that calls itself one shares with what it repeats.
const AGAIN: usize = 2;

/// "Again, …", "to restate, …", "as said above, …".
fn says_that_it_repeats(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let once = usize::from(lower(0) == "once");
    let told = matches!(&*lower(1), "said" | "mentioned" | "stated" | "noted" | "written" | "described");
    let before = matches!(&*lower(2), "above" | "before" | "earlier" | "already");
    // "Again, name the pier.Now begin" goes on to something else.
    let one =
        !words[..words.len().saturating_sub(1)].iter().any(|word| matches!(word.text(text), "." | "!" | "?"));
    let restates =
        lower(0) == "to" && matches!(&*lower(1), "restate" | "repeat" | "reiterate") && lower(2) == ",";
    one && (restates
        || lower(once) == "again" && lower(once + 1) == ","
        || lower(0) == "as" && told && before)
}

/// "The pier is closed": a fact in a few words, with nothing that binds.
fn states(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let opens = lower(0).is_some_and(|word| matches!(&*word, "the" | "our" | "a" | "an" | "this"));
    let is = |word: &Word| matches!(&*word.lower(text), "is" | "are" | "was" | "were");
    let binds = |word: &Word| word.is(vocabulary::MODAL | vocabulary::NEGATION) || word.is_number();
    opens && words.len() <= 8 && words.iter().take(4).any(is) && !words.iter().any(binds)
}

/// True for a sentence with a condition anywhere in it.
fn has_a_case(source: &Source, words: &Words, unit: &Unit) -> bool {
    let text = source.text();
    let words = words.within(unit.text);
    // "Decide if the slip is complete" asks, and names no case.
    let asks = |at: usize| {
        at > 0
            && matches!(
                &*words[at - 1].lower(text),
                "decide" | "determine" | "check" | "judge" | "see" | "verify" | "tell" | "say" | "ask"
            )
    };
    words.iter().enumerate().any(|(at, word)| {
        word.is(vocabulary::CONDITION) && !asks(at)
            || matches!(&*word.lower(text), "missing" | "unknown" | "unclear" | "empty" | "blank" | "absent")
    })
}

/// From so many words of meaning on two cases share more than half of them.
const LONG_CASE: usize = 4;

/// False for "if the answer is longer, call it right" and "if the answer is right, call it right".
fn are_of_one_case(text: &str, one: &[Word], other: &[Word]) -> bool {
    let pointed = |words: &[Word]| {
        let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
        lower(0) == "in" && matches!(&*lower(1), "this" | "that" | "such") && lower(2) == "case"
    };
    if pointed(one) && pointed(other) {
        return false;
    }
    let case = |words: &[Word]| -> Option<Vec<u32>> {
        words.first().filter(|word| word.is(vocabulary::CONDITION))?;
        let end = words.iter().position(|word| word.text(text) == ",")?;
        let names = |word: &&Word| !word.is(vocabulary::STOP | vocabulary::MODAL);
        Some(words[1..end].iter().filter(names).map(|word| stem(&word.lower(text))).collect())
    };
    case(one).zip(case(other)).is_none_or(|(one, other)| {
        // "If the guest asks for a pier", "if the guest asks for a fare": all but the last is one.
        let parted = one.len() == other.len()
            && one.len() > 2
            && one.last() != other.last()
            && one[..one.len() - 1] == other[..other.len() - 1];
        let shared = one.iter().filter(|stem| other.contains(stem)).count();
        let most = one.len().max(other.len());
        !parted && shared * 2 >= most && (most < LONG_CASE || shared * 3 >= most * 2)
    })
}

/// A slot on its own, one word such as a path, or a word or two with no verb and no full stop, such as a title: it names something and demands nothing.
fn names_only(source: &Source, words: &Words, unit: &Unit) -> bool {
    let text = source.slice(unit.text).trim();
    let slot = text.starts_with(['{', '[', '<', '$', '(']) && text.ends_with(['}', ']', '>', ')']);
    let plain: Vec<Word> =
        words.within(unit.text).iter().filter(|word| !word.is_punctuation()).copied().collect();
    let title = matches!(unit.kind, UnitKind::Sentence | UnitKind::Field)
        && plain.len() <= 3
        && !text.ends_with(['.', '!', ';'])
        && !plain.first().is_some_and(|word| word.is(vocabulary::VERB | vocabulary::NEGATION));
    // "piers/merle.txt".
    slot || title || is_code(text) || !text.contains(char::is_whitespace)
}

/// Earlier demands that share the rarest words, in order.
fn candidates(gist: &Gist, by_stem: &HashMap<u32, Vec<usize>>) -> Vec<usize> {
    let mut lists: Vec<&Vec<usize>> = gist.stems.iter().filter_map(|stem| by_stem.get(stem)).collect();
    lists.sort_by_key(|list| list.len());
    let mut found: Vec<usize> =
        lists.iter().take(2).flat_map(|list| list.iter().rev().take(CANDIDATES)).copied().collect();
    found.sort_unstable();
    found.dedup();
    found
}

/// Whether a search finds the second of two lines to say again what the first says.
#[cfg(test)]
fn two_lines(
    first: &str,
    second: &str,
    find: impl Fn(&str, &Words, std::array::IntoIter<(usize, Span), 2>) -> Vec<(usize, usize)>,
) -> bool {
    let text = format!("{first}\n{second}");
    let words = Words::read(&text, 0);
    let spans = [(0, Span::new(0, first.len())), (1, Span::new(first.len() + 1, text.len()))];
    find(&text, &words, spans.into_iter()) == [(1, 0)]
}
