//! Things that are to be put in, or left out, whatever the verb: "no hashtags", "end with an exclamation mark".

use super::{Order, is_described, spoken_to};
use crate::checks::Case;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::presence::presence;
use crate::requirement::{WHOLE, is_exception};
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// Verbs that put a thing in.
const PUTS_IN: [&str; 15] = [
    "use", "include", "add", "put", "insert", "write", "give", "show", "append", "provide", "attach", "set",
    "assign", "serve", "draw",
];
/// Verbs that say what stands at an end: "end with a question".
const ENDS: [&str; 8] = ["begin", "start", "open", "end", "close", "finish", "sign", "follow"];
/// Words behind "no" that count, compare or say how, and name nothing.
const COMPARES: [&str; 17] = [
    "numbering", "more", "less", "fewer", "longer", "shorter", "later", "earlier", "sooner", "other", "one",
    "need", "matter", "such", "further", "doubt", "text",
];
/// Words that bound what is named before them.
const BOUNDS: [&str; 22] = [
    "that", "which", "who", "about", "if", "when", "for", "of", "from", "in", "on", "as", "around", "before",
    "after", "outside", "beside", "between", "other", "than", "beyond", "besides",
];

/// What a unit puts in or leaves out.
pub(super) fn of(case: &Case<'_>, unit: usize) -> Vec<Order> {
    let text = case.source.text();
    let words = case.words_of(unit);
    let kind = case.units[unit].kind;
    if case.labels[unit].component == Some(Component::Examples)
        || matches!(kind, UnitKind::Code | UnitKind::Table)
        || words.len() > LONG
        || is_exception(text, words)
    {
        return Vec::new();
    }
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let mut found = put_in_by_label(case, unit);
    // "The letter has no date" is about the letter's.
    let holder = matches!(&*lower(0), "the" | "your").then(|| words.get(1)).flatten();
    // "No numbering" is about the form of a list.
    let form = words.iter().any(|word| word.lower(text) == "numbering");
    found.extend(presence(text, words).filter(|_| !form).map(|thing| Order {
        unit,
        verb: stem("use"),
        forbids: thing.left_out,
        all: thing.name.clone(),
        object: thing.name,
        place: place(text, words),
        owner: holder.map(|word| stem(&word.lower(text))),
        uses: true,
        ..Order::default()
    }));
    let general = matches!(&*lower(0), "every" | "each" | "all");
    let begins = spoken_to(&lower);
    for at in 0..words.len() {
        let opens = at == 0
            || at == begins
            || words[at - 1].is(vocabulary::STOP_MARK)
            || matches!(&*lower(at - 1), "," | "and" | "but" | "or" | "then" | "please" | "also" | "always");
        // "Yes or no questions".
        let closed = at > 1 && lower(at) == "no" && lower(at - 1) == "or" && lower(at - 2) == "yes";
        if !opens || closed {
            continue;
        }
        let said = lower(at);
        let named = match &*said {
            "nothing" if matches!(&*lower(at + 1), "with" | "containing") => Some((true, at + 2)),
            "no" | "without" | "zero" => Some((true, at + 1)),
            "never" if PUTS_IN.contains(&&*lower(at + 1)) => Some((true, at + 2)),
            "leave" if lower(at + 1) == "out" => Some((true, at + 2)),
            // "Leave no repair out" puts each of them in.
            "omit" | "skip" | "drop" | "keep" | "leave" if lower(at + 1) == "no" => None,
            "omit" | "skip" | "drop" => Some((true, at + 1)),
            // "Keep the numbers out of the notes".
            "keep" | "leave" if (at + 2..at + 6).any(|at| lower(at) == "out") => Some((true, at + 1)),
            // "Subject line, then the mail."
            _ if at == 0 && is_a_part(case, unit) => Some((false, 0)),
            "avoid" if lower(at + 1).ends_with("ing") => None,
            "avoid" => Some((true, at + 1)),
            "don't" if PUTS_IN.contains(&&*lower(at + 1)) => Some((true, at + 2)),
            "do" if lower(at + 1) == "not" && PUTS_IN.contains(&&*lower(at + 2)) => Some((true, at + 3)),
            // "A break of five minutes", as an item or a sentence of its own.
            "a" | "an" if at == 0 && asks_for_a_thing(case, unit) => Some((false, at + 1)),
            "with" if at == 0 && words.get(1).is_some_and(|word| word.is_number()) => Some((false, at + 1)),
            verb if PUTS_IN.contains(&verb) && matches!(&*lower(at + 1), "no" | "without") => {
                Some((true, at + 2))
            }
            // "Name the menu path in the app": two words tell which thing it is.
            "name" => Some((false, at + 1)),
            // "Write it without headings".
            verb if PUTS_IN.contains(&verb) => {
                let end = (at + 1..words.len()).find(|&at| words[at].is_punctuation()).unwrap_or(words.len());
                let without = (at + 1..end).find(|&at| lower(at) == "without");
                Some(without.map_or((false, at + 1), |without| (true, without + 1)))
            }
            // "The mail must contain the fare".
            "contain" if at > 0 => Some((false, at + 1)),
            verb if ENDS.contains(&verb) => {
                // "Start with no greeting" leaves it out.
                let with = (at + 1..at + 5).find(|&at| lower(at) == "with");
                with.map(|with| match &*lower(with + 1) {
                    "no" => (true, with + 2),
                    _ => (false, with + 1),
                })
            }
            _ => None,
        };
        let Some((forbids, from)) = named else { continue };
        if said == "name" {
            let named = thing(text, unit, words, from, false);
            let fits = |thing: &Order| thing.object.len() == 2 || thing.object.len() == 1 && !thing.bounded;
            let named = named.filter(fits);
            // "Name the street": its name is put in.
            found.extend(named.map(|thing| match thing.object[..] {
                [of] => Order { object: vec![stem("name"), of], all: vec![stem("name"), of], ..thing },
                _ => thing,
            }));
            continue;
        }
        if forbids && is_described(text, words, at) {
            continue;
        }
        let quoted = words.get(from).is_some_and(|word| word.is(vocabulary::QUOTE));
        // "Never use SELECT *" rules out the sign.
        let signed =
            words.get(from + 1).is_some_and(|next| matches!(next.text(text), "*" | "=" | "==" | "+" | "/"));
        if forbids && COMPARES.contains(&&*lower(from)) || quoted || forbids && signed {
            continue;
        }
        let named = thing(text, unit, words, from, forbids);
        // "No prices" is no word of prices.
        let unsaid = matches!(&*said, "no" | "without" | "leave" | "omit") && forbids;
        found.extend(
            named
                .iter()
                .filter(|ban| unsaid && !ban.bounded && is_a_fact(text, words, from))
                .map(|ban| Order { verb: stem("say"), says: true, uses: false, ..ban.clone() }),
        );
        // "Open with the fare" says the fare.
        let noun = from + usize::from(words.get(from).is_some_and(|word| word.is(vocabulary::STOP)));
        let put = ENDS.contains(&&*said) || PUTS_IN.contains(&&*said) || said == "contain";
        if !forbids && put && is_a_fact(text, words, noun) {
            let told = |put: &Order| Order { verb: stem("say"), says: true, uses: false, ..put.clone() };
            found.extend(named.iter().map(told));
        }
        found.extend(named);
        // "Use vivid, colourful adjectives", "include dates, prices and names".
        if !forbids && put {
            found.extend(listed(text, words, from).filter_map(|at| thing(text, unit, words, at, false)));
        }
        // "No prices or discounts".
        let or = (from + 1..words.len().min(from + 4)).find(|&at| lower(at) == "or");
        let or = or.filter(|_| unsaid && lower(from) != "yes");
        if let Some(ban) = or.and_then(|or| thing(text, unit, words, or + 1, true)) {
            let fact = is_a_fact(text, words, or.map_or(from, |or| or + 1)) && !ban.bounded;
            found.extend(fact.then(|| Order { verb: stem("say"), says: true, uses: false, ..ban.clone() }));
            found.push(ban);
        }
    }
    // "Footnotes do not show up in our system, so leave them out": what the sentence opens with.
    let refers = (3..words.len()).find(|&at| {
        lower(at) == "so"
            && matches!(&*lower(at + 1), "leave" | "skip" | "omit" | "drop" | "avoid")
            && matches!(&*lower(at + 2), "them" | "it" | "these")
    });
    found.extend(refers.and_then(|_| thing(text, unit, &words[..1], 0, true)));
    // "Every claim carries a footnote."
    let carries =
        (2..words.len().min(5)).find(|&at| matches!(&*lower(at), "carries" | "gets" | "needs" | "ends"));
    let carries = carries.filter(|_| general).map(|at| at + 1 + usize::from(lower(at + 1) == "with"));
    let carries = carries.map(|at| at + usize::from(lower(at) == "exactly"));
    let article = |at: &usize| matches!(&*lower(*at), "a" | "an" | "its" | "one");
    found.extend(carries.filter(article).and_then(|at| thing(text, unit, words, at + 1, false)));
    // "Say which paragraph applies, with its legal term".
    let with = (3..words.len()).find(|&at| {
        lower(at) == "with" && lower(at - 1) == "," && matches!(&*lower(at + 1), "its" | "their" | "the")
    });
    let with = with.and_then(|at| thing(text, unit, words, at + 2, false));
    found.extend(with.filter(|thing| thing.object.len() == 2 && words[0].is(vocabulary::VERB)));
    // "Write the mail without a subject line".
    let verb = words.first().is_some_and(|word| word.is(vocabulary::VERB));
    let without = (2..words.len()).find(|&at| {
        lower(at) == "without"
            && matches!(&*lower(at + 1), "a" | "an" | "any")
            && !words[at - 1].is_punctuation()
            && !words[..at].iter().any(|word| word.is(vocabulary::NEGATION))
    });
    found.extend(without.filter(|_| verb).and_then(|at| thing(text, unit, words, at + 2, true)));
    // "The subject line has at most six words": there is one.
    let part = (2..words.len().min(4))
        .find(|&at| matches!(&*lower(at), "has" | "contains" | "names" | "begins" | "ends"));
    let part = part.filter(|_| lower(0) == "the" && asks_or_shapes(case, unit));
    found.extend(part.and_then(|at| thing(text, unit, &words[..at], 1, false)));
    // "Explain every technical word", "each bullet has eight words": there are some.
    let spoken_of = (0..words.len().saturating_sub(1))
        .find(|&at| at <= 4 && matches!(&*lower(at), "every" | "each"))
        .filter(|_| words.first().is_some_and(|word| word.is(vocabulary::VERB)) || general);
    // "Explain technical terms in the box": more than one.
    let told = matches!(&*lower(0), "explain" | "define" | "gloss") && lower(words.len().min(4) - 1) != "how";
    let several = (1..words.len().min(4)).find(|&at| lower(at).ends_with('s') && lower(at).len() > 3);
    let several = several.filter(|&at| told && !words[1..=at].iter().any(|word| word.is_punctuation()));
    found.extend(several.and_then(|at| thing(text, unit, &words[..=at], 1, false)));
    // What follows the noun says when or how.
    let noun = |at: usize| {
        let rest = &words[at + 1..];
        at + 1 + rest.iter().position(|word| word.is(vocabulary::STOP)).unwrap_or(rest.len())
    };
    found.extend(spoken_of.and_then(|at| thing(text, unit, &words[..noun(at)], at + 1, false)));
    // "Warm up with jumping jacks".
    let verb =
        words.first().is_some_and(|word| word.is(vocabulary::VERB) && !PUTS_IN.contains(&&*word.lower(text)));
    let by = (1..words.len().min(4)).find(|&at| lower(at) == "with").filter(|_| verb);
    found.extend(by.and_then(|with| thing(text, unit, words, with + 1, false)));
    // "The summary contains no figures."
    let holds_no = (1..words.len().min(4))
        .find(|&at| matches!(&*lower(at), "contains" | "holds" | "includes") && lower(at + 1) == "no");
    let whole = matches!(&*lower(0), "the") && holds_no == Some(2) && WHOLE.contains(&&*lower(1));
    found.extend(holds_no.filter(|_| whole).and_then(|at| thing(text, unit, words, at + 2, true)));
    // "Every breakfast is muesli with walnuts."
    let with =
        (2..words.len()).find(|&at| matches!(&*lower(at), "with" | "contains" | "has")).filter(|_| general);
    found.extend(with.and_then(|with| thing(text, unit, words, with + 1, false)));
    found
}

/// How many things of a row are looked at.
const ROW: usize = 6;

/// Where the further things of a row begin: behind each comma, up to the first word that begins something else.
fn listed<'a>(text: &'a str, words: &'a [Word], from: usize) -> impl Iterator<Item = usize> + 'a {
    let end = (from..words.len()).find(|&at| words[at].is(vocabulary::STOP_MARK)).unwrap_or(words.len());
    let commas = (from..end)
        .filter(move |&at| words[at].text(text) == ",")
        .map(move |at| at + 1 + usize::from(words.get(at + 1).is_some_and(|word| word.lower(text) == "and")));
    let goes_on = move |at: &usize| {
        words.get(*at).is_some_and(|word| {
            let opens = vocabulary::VERB | vocabulary::NEGATION | vocabulary::CONDITION | vocabulary::MODAL;
            !word.is(opens)
                && !matches!(&*word.lower(text), "but" | "so" | "then" | "with" | "without" | "no" | "not")
        })
    };
    commas.take_while(goes_on).take(ROW)
}

/// "Must include: pay, hours, the address": each of them is said.
fn put_in_by_label(case: &Case<'_>, unit: usize) -> Vec<Order> {
    let text = case.source.text();
    let own = case.units[unit].text;
    let whole = case.words.within(case.units[unit].with_lead(case.outline));
    let Some(colon) =
        whole.iter().position(|word| word.text(text) == ":").filter(|colon| (1..=3).contains(colon))
    else {
        return Vec::new();
    };
    let last = whole[colon - 1].lower(text);
    // "Thursday: grilled salmon": what there is on that day.
    let on_a_day = colon == 1 && crate::checks::days::weekday(text, &whole[0]).is_some();
    if !on_a_day
        && !matches!(
            &*last,
            "include"
                | "mention"
                | "contain"
                | "state"
                | "includes"
                | "contains"
                | "parts"
                | "contents"
                | "elements"
        )
        || whole[0].is(vocabulary::NEGATION)
    {
        return Vec::new();
    }
    let listed = &whole[colon + 1..];
    let listed = &listed
        [..listed.iter().position(|word| matches!(word.text(text), "." | ";" | ":")).unwrap_or(listed.len())];
    let things = listed.split(|word| matches!(word.text(text), "," | "(" | ")") || word.lower(text) == "and");
    things
        .filter(|thing| (1..=4).contains(&thing.len()) && (thing[0].start as usize) < own.end())
        .filter_map(|thing| self::thing(text, unit, thing, 0, false))
        .map(|put| Order { verb: stem("say"), says: true, uses: false, ..put })
        .collect()
}

/// True for what is told, and not for a form that the text may take or leave.
fn is_a_fact(text: &str, words: &[Word], from: usize) -> bool {
    const FACTS: [&str; 40] = [
        "price", "prices", "discount", "discounts", "cost", "costs", "date", "dates", "age", "ages",
        "weight", "weights", "salary", "salaries", "deadline", "deadlines", "figure", "figures", "address",
        "addresses", "brand", "brands", "competitor", "competitors", "year", "years", "score", "scores",
        "fee", "fees", "numbers", "names", "nationality", "gender", "religion", "diagnosis", "illness",
        "rates", "fares", "fare",
    ];
    let ends =
        |word: &Word| word.is_punctuation() || word.is(vocabulary::STOP) || word.lower(text) == "anywhere";
    let end = words[from..].iter().position(ends);
    let phrase = &words[from..end.map_or(words.len(), |end| from + end)];
    phrase.last().is_some_and(|word| FACTS.contains(&&*word.lower(text)))
}

fn asks_or_shapes(case: &Case<'_>, unit: usize) -> bool {
    matches!(case.labels[unit].component, Some(Component::Constraints | Component::OutputFormat))
}

/// True for a rule or a part of the answer that is named and has no verb.
fn asks_for_a_thing(case: &Case<'_>, unit: usize) -> bool {
    let told = vocabulary::VERB | vocabulary::FINITE | vocabulary::MODAL;
    asks_or_shapes(case, unit) && !case.words_of(unit).iter().skip(2).any(|word| word.is(told))
}

/// True for a row of parts of the answer: "subject line, then the mail".
fn is_a_part(case: &Case<'_>, unit: usize) -> bool {
    let words = case.words_of(unit);
    let text = case.source.text();
    let row = words.iter().any(|word| word.lower(text) == "then");
    case.labels[unit].component == Some(Component::OutputFormat)
        && row
        && asks_for_a_thing(case, unit)
        && !words[0].is(vocabulary::VERB)
}

/// Words from which a sentence is not looked at.
const LONG: usize = 40;

/// The place at the end of a sentence: `line` in "in the subject line".
fn place(text: &str, words: &[Word]) -> Option<u32> {
    let end = words.iter().position(|word| word.is(vocabulary::STOP_MARK)).unwrap_or(words.len());
    let led = (0..end).rfind(|&at| {
        matches!(&*words[at].lower(text), "in" | "into" | "of" | "from")
            && words.get(at + 1).is_some_and(|word| matches!(&*word.lower(text), "the" | "your" | "each"))
    })?;
    words[led + 2..end].last().map(|word| stem(&word.lower(text)))
}

/// The thing that is named from `from` on: at most two words that mean something.
fn thing(text: &str, unit: usize, words: &[Word], from: usize, forbids: bool) -> Option<Order> {
    let ends = |word: &Word| {
        word.is_punctuation()
            || matches!(
                &*word.lower(text),
                "and" | "or" | "but" | "with" | "to" | "at" | "out" | "anywhere" | "like" | "such"
            )
    };
    // "Include at least three examples".
    let counted = |at: usize, name: &str| words.get(at).is_some_and(|word| word.lower(text) == name);
    let bound = counted(from, "at") && (counted(from + 1, "least") || counted(from + 1, "most"))
        || counted(from, "up") && counted(from + 1, "to");
    let rest = words.get(from + if bound && !forbids { 2 } else { 0 }..)?;
    let phrase = &rest[..rest.iter().position(ends).unwrap_or(rest.len())];
    // "No boats or piers that are not in the list".
    let sentence = &rest[..rest.iter().position(|word| word.is(vocabulary::STOP_MARK)).unwrap_or(rest.len())];
    let narrowed = sentence.windows(2).any(|pair| {
        matches!(&*pair[0].lower(text), "that" | "which" | "who") && pair[1].is(vocabulary::FINITE)
    });
    let other = rest.windows(2).any(|pair| pair[0].lower(text) == "other" && pair[1].lower(text) == "than");
    // "Anywhere in the mail" leaves nothing out.
    let anywhere = rest.iter().any(|word| word.lower(text) == "anywhere");
    let bounds = |word: &Word| BOUNDS.contains(&&*word.lower(text));
    let bounded = other || forbids && narrowed || !anywhere && phrase.iter().any(bounds);
    let head = phrase.iter().take_while(|word| !BOUNDS.contains(&&*word.lower(text)));
    let means = |word: &&Word| !word.is_number() && !word.is(vocabulary::STOP | vocabulary::NEGATION);
    let object: Vec<u32> = head.filter(means).map(|word| stem(&word.lower(text))).collect();
    // "The date of the trip".
    let of = phrase.iter().position(|word| word.lower(text) == "of");
    let owner = of.and_then(|of| phrase[of + 1..].iter().find(|word| !word.is(vocabulary::STOP)));
    // "The names of streets" are left out where "the street" is not to be named.
    let names = owner.filter(|_| forbids && object == [stem("name")]);
    let object = names.map_or(object, |owner| vec![stem("name"), stem(&owner.lower(text))]);
    let few = (1..=2 + usize::from(!forbids)).contains(&object.len());
    few.then(|| Order {
        unit,
        verb: stem("use"),
        forbids,
        all: phrase.iter().filter(means).map(|word| stem(&word.lower(text))).collect(),
        heads: object.last().copied().into_iter().collect(),
        object,
        bounded,
        place: place(text, rest),
        owner: owner.map(|word| stem(&word.lower(text))),
        uses: true,
        ..Order::default()
    })
}
