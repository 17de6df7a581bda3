//! Counts of any thing that exclude each other: "no more than two colours", "at least four colours".

use super::{Case, Sink, rivals};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{
    Bound, Demand, Measure, Requirement, Subject, bounded, is_exception, number, singular,
};
use crate::span::Span;
use crate::words::Word;
use std::borrow::Cow;
use std::collections::HashSet;

/// How many counts are compared.
const MOST: usize = 32;
/// Words from which a sentence says more than a count.
const LONG: usize = 20;

/// A bound on how many there are of a thing.
struct Count {
    unit: usize,
    thing: u32,
    /// "Red boats": which of them.
    which: Option<u32>,
    /// "Per sentence", "each picture": what has them.
    scope: Option<u32>,
    bound: Bound,
    span: Span,
}

/// Reports bounds on one thing that leave no number. What [`Measure`] knows by name is compared elsewhere.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let mut seen: Vec<Count> = Vec::new();
    for unit in case.demands() {
        let words = case.words_of(unit);
        if words.len() > LONG || seen.len() >= MOST || is_exception(text, words) {
            continue;
        }
        let Some(this) = count(text, unit, words).or_else(|| chosen(text, unit, words)) else { continue };
        let rival = seen.iter().find(|that| {
            that.thing == this.thing
                && that.which == this.which
                && that.scope == this.scope
                && that.unit != unit
                && that.bound.excludes(&this.bound)
        });
        if let Some(that) = rival {
            sink.clash(case, this.span, that.span);
        }
        seen.push(this);
    }
    without_end(case, sink, &seen);
    one_too_many(case, sink);
    in_all(case, sink);
    beside_the_only_one(case, sink);
    beyond_the_last(case, sink);
    // "The top three" of what the prompt is about: the persona or the ask names it.
    let asked: HashSet<u32> = (0..case.units.len())
        .filter(|&unit| matches!(case.labels[unit].component, Some(Component::Role | Component::Task)))
        .take(RULES)
        .filter(|&unit| best_of(case, unit).is_none())
        .flat_map(|unit| case.words_of(unit).iter().map(|word| stem(&word.lower(text))))
        .collect();
    rivals::compare(case, sink, best_of, |one, two| {
        let same = match (one.thing, two.thing) {
            (Some(one), Some(two)) => one == two,
            (Some(thing), None) | (None, Some(thing)) => asked.contains(&thing),
            (None, None) => true,
        };
        one.verb == two.verb && one.count != two.count && same
    });
    let paragraphs: Vec<(usize, u32)> =
        case.requirements.iter().filter_map(|rule| Some((rule.unit, bare_paragraphs(case, rule)?))).collect();
    rivals::report(case, sink, &paragraphs, |one, two| one != two);
}

/// "At most 12 tool calls for an order", "make as many tool calls as the order needs".
fn without_end(case: &Case<'_>, sink: &mut Sink<'_>, seen: &[Count]) {
    let text = case.source.text();
    let open = case.requirements.iter().take(RULES).filter(|rule| {
        !rule.conditional && matches!(rule.demand, Demand::Manner { axis: "how many in all", .. })
    });
    for rule in open {
        let names = |thing: u32| case.words_of(rule.unit).iter().any(|word| stem(&word.lower(text)) == thing);
        let bound = seen
            .iter()
            .find(|count| count.unit != rule.unit && count.bound.most.is_some() && names(count.thing));
        if let Some(count) = bound {
            sink.clash(case, rule.span, count.span);
        }
    }
}

/// How many of the best come back: "return the top three", "always return exactly five dogs".
struct Best {
    verb: u32,
    count: u32,
    thing: Option<u32>,
}

fn best_of(case: &Case<'_>, unit: usize) -> Option<Best> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG || is_exception(text, words) {
        return None;
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = usize::from(matches!(&*lower(0), "always" | "then" | "now" | "finally"));
    if !matches!(
        &*lower(verb),
        "return" | "list" | "show" | "suggest" | "recommend" | "offer" | "pick" | "name"
    ) {
        return None;
    }
    let firm = match (&*lower(verb + 1), &*lower(verb + 2)) {
        ("the" | "your", "top" | "best") => verb + 3,
        ("exactly", _) => verb + 2,
        _ => return None,
    };
    let count = number(text, *words.get(firm)?)?;
    let next = words.get(firm + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP));
    Some(Best { verb: stem(&lower(verb)), count, thing: next.map(|word| stem(&word.lower(text))) })
}

/// "Write one paragraph.", "use four short paragraphs": a count of the whole, in a sentence that says nothing else.
fn bare_paragraphs(case: &Case<'_>, rule: &Requirement) -> Option<u32> {
    const BARE: usize = 6;
    let Demand::Amount { measure: Measure::Paragraphs, bound } = &rule.demand else { return None };
    let words = case.words_of(rule.unit).iter().filter(|word| !word.is_punctuation());
    let text = case.source.text();
    let first = case.words_of(rule.unit).first();
    let orders = first.is_some_and(|word| word.is(vocabulary::VERB) || word.lower(text) == "exactly");
    // "Structure it in five short paragraphs so that it reads fast".
    let of_all = case.words_of(rule.unit).windows(3).any(|run| {
        matches!(&*run[0].lower(text), "it" | "everything" | "text" | "reply" | "answer" | "pitch" | "piece")
            && matches!(&*run[1].lower(text), "in" | "into" | "as")
            && run[2].is_number()
    });
    let of_some = words
        .clone()
        .any(|word| matches!(&*word.lower(text), "on" | "about" | "for" | "per" | "each" | "to"));
    let long = if of_all { LONG } else { BARE };
    let bare = orders && !of_some && !rule.conditional && words.count() <= long;
    bound.most.filter(|_| bare && bound.least == bound.most)
}

/// "Recommend exactly one boat", "give two alternatives".
fn beside_the_only_one(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let lower = |unit: usize, at: usize| {
        case.words_of(unit).get(at).map_or(Cow::Borrowed(""), |word| word.lower(text))
    };
    let firm = |unit: &usize| {
        let words = case.words_of(*unit);
        words.len() <= LONG && !is_exception(text, words)
    };
    let only = case.demands().filter(firm).find(|&unit| {
        let picks = matches!(
            &*lower(unit, 0),
            "recommend" | "suggest" | "propose" | "name" | "offer" | "give" | "choose" | "pick" | "return"
        );
        let single = matches!(&*lower(unit, 1), "exactly" | "only" | "just") && lower(unit, 2) == "one";
        // "Exactly one per guest", "only one sentence".
        let whole = !case.words_of(unit).iter().any(|word| {
            matches!(&*word.lower(text), "per" | "each" | "every") || word.is(vocabulary::MEASURE)
        });
        picks && single && whole
    });
    let Some(only) = only else { return };
    let others = case.demands().filter(|unit| *unit != only).filter(firm).find(|&unit| {
        let gives = matches!(
            &*lower(unit, 0),
            "recommend" | "suggest" | "propose" | "name" | "offer" | "give" | "add" | "list" | "include"
        );
        let several = case.words_of(unit).get(1).and_then(|word| number(text, *word)).is_some_and(|n| n > 1);
        gives && several && matches!(&*lower(unit, 2), "alternatives" | "options" | "others" | "more")
    });
    if let Some(others) = others {
        let (later, earlier) = (others.max(only), others.min(only));
        sink.clash(case, case.units[later].text, case.units[earlier].text);
    }
}

/// "Write 20 questions", "ask 15 questions in total".
fn in_all(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let exact = |rule: &&Requirement| match &rule.demand {
        Demand::Amount { measure: Measure::Items(things), bound } => {
            let fixed = bound.least == bound.most && !bound.about && !rule.conditional;
            (fixed && rule.subject == Subject::Reply).then_some((*things, bound.most?))
        }
        _ => None,
    };
    let total = |rule: &&Requirement| {
        let end = case.units[rule.unit].text.end();
        let behind = case.words.within(Span::new(rule.span.end().min(end), end));
        let lower = |at: usize| behind.get(at).map_or(Cow::Borrowed(""), |word: &Word| word.lower(text));
        lower(0) == "in" && matches!(&*lower(1), "total" | "all")
            || matches!(&*lower(0), "altogether" | "overall")
    };
    let rules = || case.requirements.iter().take(RULES);
    for whole in rules().filter(total) {
        let Some((things, count)) = exact(&whole) else { continue };
        let asked = rules().find(|rule| {
            let orders = case.words_of(rule.unit).first().is_some_and(|word| word.is(vocabulary::VERB));
            let task = case.labels[rule.unit].component == Some(Component::Task);
            let other = exact(rule).is_some_and(|(other, number)| other == things && number != count);
            rule.unit < whole.unit && orders && task && other
        });
        if let Some(asked) = asked {
            sink.clash(case, whole.span, asked.span);
        }
    }
}

/// "Exactly two columns", "add a third column".
fn one_too_many(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    for unit in case.demands() {
        let words = case.words_of(unit);
        let adds = words
            .first()
            .is_some_and(|word| matches!(&*word.lower(text), "add" | "include" | "append" | "put" | "give"));
        let nth = |run: &[Word]| {
            let rank = ORDINALS.iter().position(|name| run[1].lower(text) == *name)?;
            matches!(&*run[0].lower(text), "a" | "an").then(|| (rank as u32 + 2, run[2].lower(text)))
        };
        let Some((rank, thing)) = words.windows(3).find_map(nth).filter(|_| adds) else { continue };
        let full = case.requirements.iter().take(RULES).find(|rule| match &rule.demand {
            Demand::Amount { measure: Measure::Items(things), bound } => {
                singular(things) == thing && bound.most.is_some_and(|most| most < rank)
            }
            Demand::Amount { measure: Measure::Paragraphs, bound } => {
                thing == "paragraph"
                    && rule.subject == Subject::Reply
                    && bound.most.is_some_and(|most| most < rank)
            }
            _ => false,
        });
        if let Some(rule) = full.filter(|rule| rule.unit != unit && !rule.conditional) {
            sink.clash(case, case.units[unit].text, rule.span);
        }
    }
}

/// "Every section has exactly two paragraphs", "the third paragraph of each section names the source".
fn beyond_the_last(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    for unit in case.demands() {
        let words = case.words_of(unit);
        let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
        let found = (0..words.len()).find_map(|at| {
            let rank = ORDINALS.iter().position(|name| lower(at + 1) == *name)? as u32 + 2;
            let whole = matches!(&*lower(at + 4), "each" | "every") && lower(at + 3) == "of";
            (lower(at) == "the" && whole).then(|| (rank, lower(at + 2), lower(at + 5)))
        });
        let Some((rank, part, whole)) = found else { continue };
        let full = case.requirements.iter().take(RULES).find(|rule| {
            let Demand::Amount { measure, bound } = &rule.demand else { return false };
            let of_it = matches!(&rule.subject, Subject::Each(thing) if *thing == whole);
            of_it
                && Measure::named(&part) == Some(measure.clone())
                && bound.most.is_some_and(|most| most < rank)
        });
        if let Some(rule) = full.filter(|rule| rule.unit != unit && !rule.conditional) {
            sink.clash(case, case.units[unit].text, rule.span);
        }
    }
}

/// Words for a place in a row, from three on.
const ORDINALS: [&str; 9] =
    ["second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth"];

/// How many requirements are looked at for a count.
const RULES: usize = 200;

fn count(text: &str, unit: usize, words: &[Word]) -> Option<Count> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    (0..words.len()).find_map(|at| {
        let (bound, number) = (bounded(text, words, at)?, words[at]);
        // "At most 12 tool calls": the second noun is what is counted.
        let plural = |at: usize| lower(at).len() > 3 && lower(at).ends_with('s');
        let first =
            words.get(at + 1).is_some_and(|word| !word.is_punctuation() && !word.is(vocabulary::STOP));
        let two = first && !plural(at + 1) && plural(at + 2);
        let which = two.then(|| stem(&lower(at + 1)));
        let at = at + usize::from(two);
        let (noun, name) = (words.get(at + 1)?, lower(at + 1));
        let plain = !noun.is_punctuation() && !noun.is(vocabulary::STOP);
        let counted = name.ends_with('s') || bound.least.or(bound.most) == Some(1);
        if !plain || !counted || Measure::named(&name).is_some() {
            return None;
        }
        // "Fees over 6 euros are an error" names a case.
        if at > 0
            && matches!(&*lower(at + 2), "is" | "are" | "get" | "gets" | "go" | "goes" | "need" | "needs")
        {
            return None;
        }
        let span = number.span().cover(noun.span());
        // "Each picture has at least four colours" bounds what another thing has.
        let each = (0..words.len()).find(|&at| matches!(&*lower(at), "each" | "every" | "per"));
        let scope = each.map(|at| stem(&lower(at + 1)));
        Some(Count { unit, thing: stem(&name), which, scope, bound, span })
    })
}

/// "Recommend four books", "tell me which five books to drop": how many are chosen. Not where it goes on to say of what kind or
/// for what: "three names for the boat".
fn chosen(text: &str, unit: usize, words: &[Word]) -> Option<Count> {
    const CHOOSE: [&str; 7] = ["recommend", "pick", "choose", "select", "propose", "suggest", "name"];
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = usize::from(matches!(&*lower(0), "please" | "always" | "then" | "now" | "finally"));
    let at = match CHOOSE.contains(&&*lower(opens)) {
        true => opens + 1 + usize::from(matches!(&*lower(opens + 1), "the" | "exactly")),
        false => words.iter().position(|word| word.lower(text) == "which")? + 1,
    };
    let value = number(text, *words.get(at)?).filter(|value| (2..=50).contains(value))?;
    let noun = words.get(at + 1).filter(|word| !word.is_punctuation() && !word.is(vocabulary::STOP))?;
    let name = lower(at + 1);
    let rest = &words[at + 2..];
    let clause = &rest[..rest.iter().position(|word| word.is_punctuation()).unwrap_or(rest.len())];
    let narrowed = clause.iter().any(|word| {
        matches!(
            &*word.lower(text),
            "for" | "of" | "on" | "from" | "in" | "about" | "per" | "each" | "every" | "with" | "and"
        )
    });
    let plain = name.len() > 3 && name.ends_with('s') && Measure::named(&name).is_none() && !narrowed;
    let bound = Bound { least: Some(value), most: Some(value), about: false };
    let span = words[at].span().cover(noun.span());
    plain.then(|| Count { unit, thing: stem(&name), which: None, scope: None, bound, span })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn told(text: &str) -> Option<(Option<u32>, Option<u32>)> {
        let words = Words::read(text, 0);
        count(text, 0, words.within(Span::new(0, text.len())))
            .map(|found| (found.bound.least, found.bound.most))
    }

    #[test]
    fn bounds_on_any_thing() {
        assert_eq!(told("Use no more than two colours."), Some((None, Some(2))));
        assert_eq!(told("At least four oars."), Some((Some(4), None)));
        assert_eq!(told("Use exactly three buoys"), Some((Some(3), Some(3))));
        assert_eq!(told("Use three buoys"), None, "a number alone may be any of several");
        assert_eq!(told("At most 80 words."), None, "read elsewhere");
        assert_eq!(told("Ropes over 6 metres are sold by weight."), None, "a case");
    }
}
