//! Words that the reply has to hold, or must not, and what rules say about gaps and waiting.

use super::{Demand, Requirement, Sight};
use crate::component::{Component, Facet};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::trial;
use crate::words::Word;
use std::borrow::Cow;

/// True when a sentence names a condition or an exception.
pub(crate) fn is_exception(text: &str, words: &[Word]) -> bool {
    let lower = |word: &Word| word.lower(text);
    let names_one = |(at, word): (usize, &Word)| {
        if !word.is(vocabulary::EXCEPTION) {
            return false;
        }
        let said = lower(word);
        // "At once" and "apologise once, briefly" set no condition; "once the guest has paid" does.
        let goes_on = words.get(at + 1).is_some_and(|next| {
            next.is(vocabulary::STOP | vocabulary::FIRST_PERSON) && lower(next) != "more"
        });
        let at_once = at > 0 && lower(&words[at - 1]) == "at";
        // "When read aloud" says how it is read.
        let aloud = said == "when"
            && words.get(at + 1).is_some_and(|next| matches!(&*lower(next), "read" | "printed" | "spoken"));
        // "When you are done, sum up the changes" says when it is done.
        let ended = matches!(&*said, "when" | "once")
            && words.get(at + 1).is_some_and(|next| lower(next) == "you")
            && words[at + 1..]
                .iter()
                .take(3)
                .any(|next| matches!(&*lower(next), "done" | "finished" | "through" | "ready" | "finish"));
        // "When you start, greet the guest": there is a start in every case.
        let begun = matches!(&*said, "when" | "once")
            && words.get(at + 1..at + 5).is_some_and(|next| {
                let [who, what, begins, end] = [0, 1, 2, 3].map(|at| lower(&next[at]));
                let you =
                    who == "you" && matches!(&*what, "start" | "begin" | "answer" | "reply" | "respond");
                let talk =
                    matches!(&*what, "chat" | "conversation" | "session" | "talk" | "interview" | "call");
                you && begins == ","
                    || talk && end == "," && matches!(&*begins, "starts" | "begins" | "opens")
            });
        // "Neither when the guest begs nor when the crew does", "even if asked": in every case.
        let in_all = at > 0 && matches!(&*lower(&words[at - 1]), "neither" | "nor" | "even");
        // "As if photographed" compares.
        let compares = said == "if" && at > 0 && lower(&words[at - 1]) == "as";
        // "The place where it happened" is a place.
        let place = said == "where"
            && at > 0
            && matches!(
                &*lower(&words[at - 1]),
                "place" | "spot" | "point" | "page" | "line" | "section" | "street"
            );
        // "So that the guest sees where it goes" asks.
        let asked = said == "where"
            && at > 0
            && matches!(
                &*lower(&words[at - 1]),
                "see"
                    | "sees"
                    | "know"
                    | "knows"
                    | "show"
                    | "shows"
                    | "tell"
                    | "tells"
                    | "find"
                    | "explain"
                    | "say"
            );
        // "Set the thousands apart" names no exception.
        let apart = said == "apart" && words.get(at + 1).is_none_or(|next| lower(next) != "from");
        !aloud
            && !place
            && !asked
            && !apart
            && !in_all
            && !compares
            && !ended
            && !begun
            && (said != "once" || goes_on && !at_once)
    };
    words.iter().enumerate().any(names_one)
        || words.windows(2).enumerate().any(|(at, pair)| {
            if !pair[0].text(text).eq_ignore_ascii_case("only") {
                return false;
            }
            // "Answer only in English" names the one form of all, "tables only in Part 2" a place.
            const SAYS: [&str; 8] =
                ["answer", "reply", "respond", "write", "speak", "talk", "communicate", "output"];
            let said = at == 0 || SAYS.contains(&&*lower(&words[at - 1]));
            let form = said
                && lower(&pair[1]) == "in"
                && words.get(at + 2).is_some_and(|next| {
                    next.text(text).starts_with(char::is_uppercase)
                        || matches!(&*lower(next), "plain" | "full" | "lowercase" | "uppercase" | "prose")
                });
            ["if", "when", "for", "in"].contains(&&*lower(&pair[1])) && !form
        })
        // "Euros for the rest": what was said before holds for some.
        || words.windows(3).any(|run| {
            lower(&run[0]) == "for"
                && matches!(&*lower(&run[1]), "the" | "all" | "everything")
                && matches!(&*lower(&run[2]), "rest" | "others" | "other" | "else")
        })
}

/// "Two sentences, then one question if something is open": the case is that of the second clause.
pub(super) fn is_of_a_later_clause(text: &str, behind: &[Word]) -> bool {
    let parts = |pair: &[Word]| {
        pair[0].text(text) == ";"
            || pair[0].text(text) == "," && matches!(&*pair[1].lower(text), "then" | "followed")
    };
    let ends = behind.windows(2).position(parts);
    ends.is_some_and(|end| !is_exception(text, &behind[..end]))
}

/// Reads demands on quoted words, fallbacks and gates.
pub(super) fn read(sight: &Sight<'_>, unit: usize, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    let span = sight.units[unit].text;
    let words = sight.words.within(span);
    let conditional = is_exception(text, words);
    let filled = found.last().is_some_and(|rule| rule.unit == unit && rule.demand.fills_a_gap());
    let mut push = |place: Span, demand: Demand| {
        found.push(Requirement::on_reply(unit, place, demand, conditional));
    };
    for (place, inner) in quotations(text, span).into_iter().take(6) {
        if trial::is_sum(&inner) && sight.labels[unit].component != Some(Component::Examples) {
            push(place, Demand::MoneyForm(inner));
            continue;
        }
        let before = text[span.start()..place.start()].to_lowercase();
        let before = before.trim_end();
        let ends = |signs: &[&str]| signs.iter().any(|sign| before.ends_with(sign));
        let opens =
            ["start", "begin", "open", "starts", "begins", "opens"].iter().any(|verb| holds(before, verb));
        let closes = ["end", "close", "finish", "ends", "closes", "finishes", "sign"]
            .iter()
            .any(|verb| holds(before, verb));
        // "If it is not in the slip, write "-"": the negation belongs to the case.
        let case = ["if ", "when ", "where ", "unless "].iter().any(|word| before.starts_with(word));
        let clause = before.rsplit_once(", ").filter(|_| case).map_or(before, |(_, clause)| clause);
        // "If there is no owner write "-"": the order begins without a comma.
        let ordered = [" write", " use", " put", " say", " return", " answer", " reply"];
        // "Leave no cell empty; write "-" where there is none": what is denied ends there.
        let clause = clause.rsplit_once("; ").map_or(clause, |(_, clause)| clause);
        let begun = ordered.iter().filter_map(|verb| clause.rfind(verb)).max().filter(|_| case);
        let clause = begun.map_or(clause, |at| &clause[at..]);
        let forbids =
            ["never", "not", "don't", "no", "avoid", "without"].iter().any(|verb| holds(clause, verb));
        if ends(&[
            "with", "with the words", "with the line", "with:", "with the word", "with the sentence", "by",
            "off with",
        ]) && (opens || closes)
            && !forbids
        {
            // "Start each bullet with" is about the bullet.
            let part = ["each ", "every ", "bullet", "item", "line ", "title", "section", "paragraph"]
                .iter()
                .any(|word| before.contains(word));
            const WHOLE: [&str; 13] = [
                "reply", "replies", "answer", "message", "response", "letter", "mail", "turn", "post",
                "note ", "text", "notice", "report",
            ];
            let whole = WHOLE.iter().any(|word| before.contains(word));
            if !part || whole {
                push(place, if opens { Demand::BeginsWith(inner) } else { Demand::EndsWith(inner) });
            }
        } else if ends(&["last line reads", "last line is", "closing line is", "last line reads:"]) {
            push(place, Demand::EndsWith(inner));
        } else if ends(&["first line reads", "first line is", "opening line is", "first line reads:"]) {
            push(place, Demand::BeginsWith(inner));
        } else if ends(&["nothing with"])
            || ends(&["no"]) && inner.split_whitespace().count() <= 3
            || goes_out(&text[place.end()..span.end()]) && before_is_bare(before)
        {
            push(place, Demand::Omit(inner));
        } else if forbids && opens && ends(&["with", "by", "with the words", "or", ","]) {
            push(place, Demand::NeverBeginsWith(inner));
        } else if forbids
            && ends(&[
                "use", "say", "write", "the word", "the words", "mention", "the phrase", "the phrases",
                "the term", "the terms", "using", "saying", "or", "and", ",", "phrases like", "words like",
                "words such as", "jargon such as", "jargon like",
            ])
        {
            let verbs =
                ["use", "say", "write", "mention", "word", "words", "phrase", "using", "saying", "avoid"];
            if verbs.iter().any(|verb| holds(before, verb)) {
                push(place, Demand::Omit(inner));
            }
        } else if ends(&["never", ", not", "instead of", "rather than"])
            && ["use", "say", "write", "call", "term"].iter().any(|verb| holds(before, verb))
            && before.contains(['"', '“', '`'])
            && inner.len() > 4
            && inner.chars().all(char::is_alphabetic)
        {
            // "Use the term "guest", never "customer"".
            push(place, Demand::Omit(inner));
        } else if ends(&["not as", "never as"])
            && ["give", "write", "state", "name", "put", "show"].iter().any(|verb| before.starts_with(verb))
        {
            // "Give the watering in litres, not as "a lot"".
            push(place, Demand::Omit(inner));
        } else if ends(&[
            "include the word", "include the words", "include the phrase", "use the word", "use the words",
            "mention", "mention the", "include the line", "include",
        ]) || inner.contains(':')
            && sight.labels[unit].serves(Component::OutputFormat)
            && ends(&["then", "followed by", "followed by the line", "the line", "a line", "then the line"])
        {
            push(place, Demand::Mention(inner));
        }
    }
    if let Some((place, mark)) = closing_mark(text, words) {
        push(place, Demand::EndsWith(mark));
    }
    for (place, word) in capitals_ruled_out(text, words) {
        // "Never use SELECT *": the word with its sign.
        let sign = text[place.end()..].strip_prefix(" *").map_or("", |_| " *");
        push(Span::new(place.start(), place.end() + sign.len()), Demand::Omit(word + sign));
    }
    if let Some((place, sign)) = bracket_asked_for(text, words).filter(|_| !conditional) {
        push(place, Demand::Mention(sign.into()));
    }
    for (place, sign) in signs_ruled_out(text, words) {
        push(place, Demand::Omit(sign.into()));
    }
    if let Some((place, grade)) = reading_level(text, words) {
        push(place, Demand::ReadingLevel(grade));
    }
    let label = &sight.labels[unit];
    if label.facets.contains(Facet::Fallback) && label.serves(Component::Constraints) && !filled {
        push(span, Demand::Fallback);
    }
    let lower = text[span.range()].to_lowercase();
    if [
        "wait for", "do not go on until", "don't go on until", "before you go on", "only then",
        "do not proceed until", "gate:",
    ]
    .iter()
    // "Do not wait for me" sets no gate.
    .any(|sign| lower.find(sign).is_some_and(|at| !is_denied(&lower[..at])))
    {
        push(span, Demand::Gate);
    }
}

/// The word in capitals that is to stand last: "end with DONE", "the last line is DONE", "write DONE at the end".
fn closing_mark(text: &str, words: &[Word]) -> Option<(Span, String)> {
    let lower = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let capitals = |word: &Word| {
        let shown = word.text(text);
        shown.len() > 1 && shown.bytes().all(|byte| byte.is_ascii_uppercase() || byte == b'_')
    };
    // A whole line in capitals shouts.
    let at = words
        .iter()
        .position(capitals)
        .filter(|_| words.iter().filter(|word| capitals(word)).count() == 1)?;
    let last = words[at + 1..].iter().all(|word| word.is_punctuation());
    let at_the_end = matches!(&*lower(at + 1), "at") && (2..5).any(|step| lower(at + step) == "end");
    let closes = |word: &str| {
        matches!(word, "end" | "ends" | "finish" | "finishes" | "close" | "closes" | "conclude" | "ending")
    };
    let opened = (at.saturating_sub(4)..at).any(|at| closes(&lower(at)));
    let by = match &*lower(at.checked_sub(1)?) {
        "with" => opened,
        "writing" | "saying" | "printing" => opened && lower(at - 2) == "by",
        "is" | "reads" | "says" => {
            matches!(&*lower(at.saturating_sub(3)), "last" | "final" | "closing")
                && matches!(&*lower(at - 2), "line" | "word")
        }
        _ => false,
    };
    let written =
        at_the_end && matches!(&*lower(at - 1), "write" | "put" | "say" | "print" | "add" | "output");
    let denied = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    let of_a_part = words[..at].iter().any(|word| {
        matches!(&*word.lower(text), "each" | "every" | "bullet" | "bullets" | "section" | "sections")
    });
    (!denied && !of_a_part && (last && by || written))
        .then(|| (words[at].span(), words[at].text(text).to_string()))
}

/// True for words that end in a denial: "do not …".
fn is_denied(before: &str) -> bool {
    let last = before.split_whitespace().next_back().unwrap_or("");
    matches!(last, "not" | "never" | "don't" | "cannot")
}

/// True for what stands behind a word that is not to be in the reply.
fn goes_out(after: &str) -> bool {
    is_replaced(after) || is_kept_out(after)
}

/// True for what stands behind a word that another takes the place of: `"solenoid" becomes "the small magnet"`.
fn is_replaced(after: &str) -> bool {
    let after = after.trim_start();
    let by = ["becomes ", "turns into ", "is written ", "is replaced by ", "→ ", "-> "];
    let rest = by.iter().find_map(|words| after.strip_prefix(words));
    rest.is_some_and(|rest| rest.trim_start().starts_with(['"', '“', '`']))
}

/// True for what stands behind a word that is ruled out: `The word "oat" must not occur`.
fn is_kept_out(after: &str) -> bool {
    let after = after.trim_start();
    [
        "must not occur", "must not appear", "must not be used", "may not occur", "may not appear",
        "may not be used", "is not allowed", "is forbidden", "must never", "should not appear",
        "is never used", "never appears", "never occurs",
    ]
    .iter()
    .any(|words| after.starts_with(words))
}

/// True where no more than a word or two stand before a quotation in its clause.
fn before_is_bare(before: &str) -> bool {
    let clause = before.rsplit([';', ':', '.', ',']).next().unwrap_or("");
    clause.split_whitespace().count() <= 3
}

/// "At a grade 6 reading level", "for a reader in 8th grade".
fn reading_level(text: &str, words: &[Word]) -> Option<(Span, u32)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    const ORDINALS: [&str; 12] = [
        "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth",
        "eleventh", "twelfth",
    ];
    let number = |at: usize| {
        let word = lower(at);
        let spelt = ORDINALS.iter().position(|ordinal| *ordinal == word).map(|at| at as u32 + 1);
        let digits = || word.trim_end_matches(|c: char| c.is_alphabetic()).parse::<u32>().ok();
        spelt.or_else(digits).filter(|grade| (1..=16).contains(grade))
    };
    let reads = (0..words.len())
        .any(|at| ["reading", "reader", "readable", "level", "readability"].contains(&&*lower(at)));
    let at = (0..words.len()).find(|&at| lower(at) == "grade").filter(|_| reads)?;
    let grade = number(at + 1).or_else(|| number(at.checked_sub(1)?))?;
    Some((words[at].span(), grade))
}

/// Words in capitals that a rule keeps out: "leave out BEGIN and COMMIT".
fn capitals_ruled_out(text: &str, words: &[Word]) -> Vec<(Span, String)> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opening: Vec<Cow<str>> = (0..3).map(lower).collect();
    let opening: Vec<&str> = opening.iter().map(AsRef::as_ref).collect();
    let bans = matches!(
        opening.as_slice(),
        ["leave", "out", _]
            | ["omit", _, _]
            | ["never", "use" | "write", _]
            | ["do", "not", "use" | "write"]
            | ["don't", "use" | "write", _]
            | ["no", _, _]
    );
    let end =
        words.iter().position(|word| matches!(word.text(text), ";" | "." | ":" | "(")).unwrap_or(words.len());
    // "No SELECT *" rules out the two together.
    let star = |word: &Word| text[word.end as usize..].starts_with(" *");
    if let Some(pair) = words.windows(2).find(|pair| pair[0].lower(text) == "no" && star(&pair[1])) {
        let place = Span::new(pair[1].start as usize, pair[1].end as usize + 2);
        return vec![(place, text[place.range()].to_string())];
    }
    let shouted = |word: &&Word| {
        let shown = word.text(text);
        shown.len() >= 3 && shown.chars().all(|c| c.is_ascii_uppercase() || c == '_')
    };
    // "Nothing but SELECT", "anything other than SELECT": what alone is allowed.
    let bans =
        bans && !words[..end].iter().any(|word| matches!(&*word.lower(text), "but" | "except" | "than"));
    // "No class that is not in the TIDE query" names a place.
    let end = words[..end]
        .windows(2)
        .position(|pair| {
            matches!(&*pair[0].lower(text), "that" | "which")
                && matches!(&*pair[1].lower(text), "is" | "are" | "was" | "were" | "do" | "does")
        })
        .unwrap_or(end);
    // "DO NOT USE SIGNS": where all is in capitals, they mean nothing.
    let loud = words.iter().take(3).all(|word| !word.text(text).contains(|c: char| c.is_lowercase()));
    words[..if bans && !loud { end } else { 0 }]
        .iter()
        .skip(1)
        .filter(shouted)
        // "Beyond the TIDE Table": a word of a name.
        .filter(|word| {
            let after = text[word.end as usize..].strip_prefix(' ').unwrap_or("");
            !after.starts_with(char::is_uppercase)
        })
        .map(|word| (word.span(), word.text(text).to_string()))
        .filter(|(_, word)| {
            !["JSON", "XML", "CSV", "HTML", "URL", "URLS", "AND", "NOT", "ANY"].contains(&word.as_str())
        })
        .take(8)
        .collect()
}

fn holds(text: &str, word: &str) -> bool {
    text.split(|c: char| !c.is_alphanumeric() && c != '\'').any(|found| found == word)
}

/// "Add the metric amount in square brackets": the sign that then has to be there.
fn bracket_asked_for<'a>(text: &'a str, words: &'a [Word]) -> Option<(Span, &'static str)> {
    const ADDS: [&str; 7] = ["add", "put", "give", "cite", "write", "name", "state"];
    let at = words.windows(3).position(|run| {
        run[0].lower(text) == "in"
            && matches!(&*run[1].lower(text), "square" | "round" | "curly" | "angle")
            && run[2].lower(text) == "brackets"
    })?;
    let adds = words[..at].iter().any(|word| ADDS.contains(&&*word.lower(text)));
    let bans = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    let sign = match &*words[at + 1].lower(text) {
        "square" => "[",
        "round" => "(",
        "curly" => "{",
        _ => "<",
    };
    (adds && !bans).then(|| (words[at].span().cover(words[at + 2].span()), sign))
}

/// "No semicolon", "without exclamation marks": the sign itself.
fn signs_ruled_out<'a>(text: &'a str, words: &'a [Word]) -> impl Iterator<Item = (Span, &'static str)> + 'a {
    const SIGNS: [(&str, &str); 12] = [
        ("bracket", "("),
        ("parenthese", "("),
        ("parenthesis", "("),
        ("question", "?"),
        ("semicolon", ";"),
        ("exclamation", "!"),
        ("hashtag", "#"),
        ("ampersand", "&"),
        ("asterisk", "*"),
        ("ellipsis", "…"),
        ("comma", ","),
        ("dashe", "—"),
    ];
    let rules_out =
        |word: &Word| matches!(&*word.lower(text), "no" | "not" | "without" | "never" | "avoid" | "don't");
    words.windows(2).enumerate().filter_map(move |(at, pair)| {
        // "Never use exclamation marks".
        let puts = matches!(&*pair[0].lower(text), "use" | "put" | "write" | "any" | "using");
        let bans = rules_out(&pair[0]) || puts && words[at.saturating_sub(2)..at].iter().any(rules_out);
        let named = pair[1].lower(text);
        let mark = words.get(at + 2).is_some_and(|next| next.lower(text).starts_with("mark"));
        // "No comma before the last name" leaves the others.
        let narrowed =
            named.starts_with("comma") && words.get(at + 2).is_some_and(|next| !next.is_punctuation());
        if named == "question" && !mark || narrowed {
            return None;
        }
        let (_, sign) = SIGNS.iter().find(|(name, _)| named.strip_suffix('s').unwrap_or(&named) == *name)?;
        bans.then(|| (pair[0].span().cover(pair[1].span()), *sign))
    })
}

/// Quoted stretches of up to 60 characters, with their words.
pub(crate) fn quotations(text: &str, span: Span) -> Vec<(Span, String)> {
    let body = &text[span.range()];
    let mut found = Vec::new();
    let mut rest = 0;
    while let Some(offset) = body[rest..].find(['"', '“', '`']) {
        let open = rest + offset;
        let sign = body[open..].chars().next().unwrap_or('"');
        let inner = open + sign.len_utf8();
        let close = if sign == '“' { '”' } else { sign };
        let Some(length) = body[inner..].find(close) else { break };
        rest = inner + length + close.len_utf8();
        let words = body[inner..inner + length].trim();
        if !words.is_empty() && words.chars().count() <= 60 {
            found.push((Span::new(span.start() + open, span.start() + rest), words.to_string()));
        }
    }
    found
}
