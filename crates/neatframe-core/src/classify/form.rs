//! Forms that tell what a unit or a title is, whatever its words: a program introduced, a call, an identifier.

use super::Reading;
use crate::lexicon::vocabulary;
use crate::requirement::WHOLE;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;
use std::collections::HashSet;

/// The names of the forms that a unit has; `text` is the whole prompt, `unit` the unit's text.
pub(super) fn signs(text: &str, unit: &str, words: &[Word]) -> impl Iterator<Item = &'static str> {
    [
        ("shows a form", signs_of_a_form(unit)),
        ("introduces a program", introduces_itself(text, words)),
        ("you do it as someone", words_as(text, words)),
        ("opens with a call", is_call(unit)),
        ("sets to work", sets_to_work(text, words)),
        ("a type behind a colon", gives_a_type(unit)),
        ("an order behind a colon", orders_behind_a_colon(text, words)),
    ]
    .into_iter()
    .filter_map(|(name, holds)| holds.then_some(name))
}

/// "You are given two reports", "You are comparing the answers": what happens, and no persona.
pub(super) fn sets_to_work(text: &str, words: &[Word]) -> bool {
    const TOLD: [&str; 12] = [
        "given", "provided", "shown", "presented", "asked", "tasked", "about", "expected", "required",
        "allowed", "to", "handed",
    ];
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = lower(0) == "you" && matches!(&*lower(1), "are" | "were") || lower(0) == "you're";
    let at = if lower(0) == "you" { 2 } else { 1 };
    let at = at + usize::from(matches!(&*lower(at), "now" | "being"));
    let plain = words.get(at).is_some_and(|word| word.text(text).starts_with(char::is_lowercase));
    let does = plain
        && lower(at).ends_with("ing")
        && (matches!(
            &*lower(at + 1),
            "the" | "a" | "an" | "to" | "with" | "on" | "for" | "whether" | "how" | "some" | "this" | "your"
        ) || words.get(at + 1).is_some_and(|word| word.is_number()));
    opens && (does || TOLD.contains(&&*lower(at)))
}

/// `level: 1 to 5`, `kind: one of storm, wreck`, `paid: true or false`: a field and what it may hold.
pub(super) fn gives_a_type(unit: &str) -> bool {
    const TYPES: [&str; 22] = [
        "one of", "either ", "true or", "true/", "yes or no", "yes/no", "string", "integer", "number",
        "boolean", "bool", "array of", "list of", "a list of", "a number", "an integer", "whole", "date",
        "the date", "up to ", "at most ", "max ",
    ];
    let Some((name, gloss)) = unit.split_once(": ") else { return false };
    let gloss = gloss.trim_start_matches(['(', '`', '"', '<']).to_ascii_lowercase();
    let digits = gloss.bytes().take_while(u8::is_ascii_digit).count();
    let range = digits > 0 && [" to ", "-", "–", " - "].iter().any(|sign| gloss[digits..].starts_with(sign));
    name.split_whitespace().count() <= 3 && (range || TYPES.iter().any(|of| gloss.starts_with(of)))
}

/// "The caller gives a name: confirm it": a step that names its case first.
pub(super) fn orders_behind_a_colon(text: &str, words: &[Word]) -> bool {
    words
        .iter()
        .position(|word| word.text(text) == ":")
        .is_some_and(|colon| colon >= 3 && words.get(colon + 1).is_some_and(|word| word.is(vocabulary::VERB)))
}

/// "Because the yard opens on Tuesdays only, put the yard's work in a group", "Based on the log, list the delays": the reason,
/// or what the work rests on, comes first, and then the order.
pub(super) fn orders_behind_a_reason(text: &str, words: &[Word]) -> bool {
    let reason = words.first().is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "because" | "since" | "as" | "given" | "so" | "based" | "using" | "considering" | "following"
        )
    });
    // "In order to help guests, who are old, print it large".
    let at = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let aims = at(0) == "to" || at(0) == "in" && at(1) == "order" && at(2) == "to";
    let manner = |word: &Word| {
        let lower = word.lower(text);
        matches!(&*lower, "please" | "always" | "also" | "never") || lower.ends_with("ly") && lower.len() > 4
    };
    // "Since guests wait, boats and crews …": a verb without an object may be a noun.
    let orders = |comma: usize| {
        let at = comma + 1 + usize::from(words.get(comma + 1).is_some_and(manner));
        let object = words.get(at + 1).is_some_and(|next| {
            !next.is_punctuation() && !matches!(&*next.lower(text), "and" | "or" | "of" | "is" | "are")
        });
        object && words.get(at).is_some_and(|word| word.is(vocabulary::VERB))
    };
    let mut commas = (3..words.len().min(REASON)).filter(|&at| words[at].text(text) == ",");
    let Some(first) = commas.next().filter(|_| reason || aims) else { return false };
    // "Given the score, which runs from 0 to 1, justify it".
    let inserted = words.get(first + 1).is_some_and(|word| matches!(&*word.lower(text), "which" | "who"));
    orders(first) || (inserted || aims) && commas.any(orders)
}

/// "Plan the whole trip because I have no time for it": the reason comes behind the order, and is no fact of its own.
pub(super) fn orders_before_a_reason(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let verb = words.first().is_some_and(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP));
    let object = matches!(&*lower(1), "the" | "a" | "an" | "my" | "our" | "this" | "it" | "each" | "every");
    let reason = (3..words.len().min(REASON)).find(|&at| matches!(&*lower(at), "because" | "since"));
    // "Set the table is late because …": told before the reason, it is a name.
    verb && object && reason.is_some_and(|at| !words[2..at].iter().any(|word| word.is(vocabulary::FINITE)))
}

/// How far in an order behind a reason is looked for, in words.
const REASON: usize = 48;

/// "Please note that the night boat sails", "the night boat still sails": a fact, pressed on the model or said to hold. What is said
/// of the answer, or may and must be done, is a rule.
pub(super) fn presses_a_fact(text: &str, words: &[Word]) -> bool {
    /// How far in the fact opens.
    const REACH: usize = 10;
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let opens = matches!(&*lower(0), "note" | "remember" | "please" | "keep" | "be" | "bear" | "it" | "also");
    let minds = |word: &Word| matches!(&*word.lower(text), "note" | "remember" | "mind" | "aware");
    let that = (1..words.len().min(REACH))
        .find(|&at| lower(at) == "that")
        .filter(|&at| opens && words[..at].iter().any(minds));
    // "Note the gate may have been shut already."
    let noted = lower(0) == "note" && matches!(&*lower(1), "the" | "our" | "these" | "some");
    let that = that.or(noted.then_some(0));
    let fact = &words[that.map_or(0, |at| at + 1)..];
    let holds = |word: &Word| matches!(&*word.lower(text), "still" | "already" | "currently" | "normally");
    let asks = vocabulary::NEGATION | vocabulary::MODAL | vocabulary::CONDITION;
    let of_the_answer = |word: &Word| WHOLE.contains(&&*word.lower(text)) || word.lower(text) == "you";
    let determined = fact.first().is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "the" | "a" | "an" | "our" | "we" | "my" | "all" | "most" | "this" | "these" | "some"
        )
    });
    determined
        && (that.is_some() || fact.iter().skip(2).take(3).any(holds))
        && !fact.iter().any(|word| {
            word.is(asks) && !(noted && matches!(&*word.lower(text), "might" | "may" | "can"))
                || matches!(&*word.lower(text), "only" | "solely" | "need" | "needs")
        })
        && !fact.iter().take(4).any(of_the_answer)
}

/// The words that stand right behind an article, as hashes.
pub(super) fn spoken_of(reading: &Reading<'_>) -> HashSet<u32> {
    let text = reading.source.text();
    let mut found = HashSet::new();
    for unit in reading.units.iter().filter(|unit| unit.kind != UnitKind::Mark) {
        for pair in reading.words.within(unit.text).windows(2) {
            if matches!(&*pair[0].lower(text), "the" | "a" | "an" | "my" | "our" | "this" | "their" | "your")
            {
                found.insert(pair[1].hash());
            }
        }
    }
    found
}

/// The name in "You are Wick", as the hash of its word.
pub(super) fn persona(reading: &Reading<'_>) -> Option<u32> {
    /// How many units are looked at; a persona stands at the head.
    const HEAD: usize = 12;
    let text = reading.source.text();
    reading.units.iter().take(HEAD).find_map(|unit| {
        let words = reading.words.within(unit.text);
        words
            .windows(3)
            .find_map(|run| {
                let named = run[0].lower(text) == "you" && run[1].lower(text) == "are";
                let name = run[2].text(text);
                let capital = name.starts_with(char::is_uppercase) && name.chars().any(char::is_lowercase);
                (named && capital).then(|| run[2].hash())
            })
            .or_else(|| introduces_itself(text, words).then(|| words[0].hash()))
    })
}

/// "Marlow is the planning assistant of a theatre": a name, and what program it is.
pub(super) fn introduces_itself(text: &str, words: &[Word]) -> bool {
    const PROGRAMS: [&str; 9] =
        ["assistant", "program", "agent", "bot", "chatbot", "helper", "system", "model", "ai"];
    let [name, is, article, rest @ ..] = words else { return false };
    let shown = name.text(text);
    let capital = shown.starts_with(char::is_uppercase) && shown.chars().any(char::is_lowercase);
    capital
        && is.lower(text) == "is"
        && matches!(&*article.lower(text), "a" | "an" | "the")
        && rest.iter().take(6).any(|word| PROGRAMS.contains(&&*word.lower(text)))
}

/// `stall_sheet`, `openFile`: the name of something in a program.
pub(super) fn is_identifier(title: &str) -> bool {
    let inside = |c: char| c.is_ascii_alphanumeric() || c == '_';
    let camel = title.starts_with(char::is_lowercase)
        && title
            .bytes()
            .zip(title.bytes().skip(1))
            .any(|(a, b)| a.is_ascii_lowercase() && b.is_ascii_uppercase());
    title.len() > 2 && title.chars().all(inside) && (title.contains('_') || camel)
}

/// "You run the night shift as a planning program".
pub(super) fn words_as(text: &str, words: &[Word]) -> bool {
    let [you, verb, ..] = words else { return false };
    let article = |word: &Word| matches!(&*word.lower(text), "a" | "an" | "the" | "its" | "our" | "their");
    you.lower(text) == "you"
        && verb.lower(text) != "are"
        && !verb.is(vocabulary::MODAL | vocabulary::NEGATION)
        && words.windows(2).take(24).any(|pair| pair[0].lower(text) == "as" && article(&pair[1]))
}

/// `(bird | name | count)`, `Why: <one sentence>`: signs that stand for what is filled in.
pub(super) fn signs_of_a_form(text: &str) -> bool {
    let text = &text[..text.len().min(400).min(text.floor_char_boundary(400))];
    let bars = text.matches(" | ").count() >= 2 && text.contains('(');
    let holes = text.match_indices('<').any(|(at, _)| {
        let inner = text[at + 1..].split('>').next().unwrap_or("");
        inner.len() < text.len() - at - 1
            && inner.starts_with(char::is_alphabetic)
            && (inner.contains([' ', '_']) || at > 0)
    });
    let labelled = text.split_once(':').is_some_and(|(label, _)| label.len() <= 24);
    bars || holes && labelled
}

/// "… an assistant for rating a slip", "… a clerk tasked with sorting": a persona told with its work.
pub(super) fn says_its_work(text: &str, words: &[Word]) -> bool {
    words.windows(2).any(|pair| {
        let (one, two) = (pair[0].lower(text), pair[1].lower(text));
        one == "for" && two.len() > 5 && two.ends_with("ing")
            || matches!(
                (&*one, &*two),
                ("tasked", "with") | ("designed", "to" | "for") | ("responsible", "for")
            )
    })
}

/// "Your summary must only use …", "the reply should have one function": bound, and no fact.
pub(super) fn binds_the_reply(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let owned = matches!(&*lower(0), "your" | "the" | "this");
    let reply = matches!(
        &*lower(1),
        "response"
            | "reply"
            | "answer"
            | "output"
            | "summary"
            | "report"
            | "message"
            | "json"
            | "text"
            | "story"
            | "email"
            | "letter"
            | "poem"
            | "post"
            | "article"
            | "tone"
            | "title"
    );
    let has_to = matches!(&*lower(2), "has" | "have") && lower(3) == "to";
    owned && reply && (has_to || matches!(&*lower(2), "must" | "should" | "shall" | "may" | "needs"))
}

/// "The plan should always keep to the log", "each shift must name its boat": bound, whatever it speaks of.
pub(super) fn binds_each_or_always(text: &str, words: &[Word]) -> bool {
    const NEAR: usize = 5;
    let Some(first) = words.first().map(|word| word.lower(text)) else { return false };
    let bound = |word: &Word| matches!(&*word.lower(text), "must" | "should");
    let Some(at) = words.iter().take(NEAR).position(bound) else { return false };
    let behind = words.get(at + 1).map(|word| word.lower(text));
    let always = behind.is_some_and(|word| matches!(&*word, "always" | "never" | "only"));
    at >= 2 && (matches!(&*first, "each" | "every") || first == "the" && always)
}

/// "The slip may or may not name a boat", "Your summary, with many others, will be read by the crew": how it is, and no rule.
pub(super) fn leaves_open_or_foretells(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let open = words.windows(4).any(|run| {
        let said: Vec<_> = run.iter().map(|word| word.lower(text)).collect();
        said.iter().map(|word| &**word).eq(["may", "or", "may", "not"])
    });
    let opens_as_a_fact = matches!(&*lower(0), "the" | "this" | "it" | "they" | "these" | "some");
    let own = matches!(&*lower(0), "your" | "the") && WHOLE.contains(&&*lower(1));
    let used = words.windows(3).any(|run| {
        run[0].lower(text) == "will"
            && run[1].lower(text) == "be"
            && matches!(
                &*run[2].lower(text),
                "given"
                    | "passed"
                    | "shown"
                    | "read"
                    | "used"
                    | "sent"
                    | "displayed"
                    | "handed"
                    | "fed"
                    | "printed"
            )
    });
    let asks = words.iter().any(|word| {
        word.is(vocabulary::NEGATION | vocabulary::CONDITION) && word.lower(text) != "not"
            || matches!(&*word.lower(text), "must" | "should" | "only" | "so")
    });
    !asks && (open && opens_as_a_fact || own && used)
}

/// "But don't overuse this!", "and never add a name": forbidden, and no fact.
pub(super) fn forbids(text: &str, words: &[Word]) -> bool {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let from = usize::from(matches!(&*lower(0), "but" | "and" | "also" | "so" | "however" | "please"));
    let from = from + usize::from(lower(from) == "you");
    let not = match &*lower(from) {
        "do" => usize::from(lower(from + 1) == "not") * 2,
        "don't" | "dont" | "never" => 1,
        _ => 0,
    };
    let deed = words.get(from + not).filter(|word| !word.is(vocabulary::STOP | vocabulary::PUNCTUATION));
    // "You do not have a map" tells a fact.
    let told = |word: &&Word| {
        !matches!(&*word.lower(text), "have" | "know" | "see" | "need" | "get" | "receive" | "remember")
    };
    not > 0 && deed.filter(|deed| from == 0 || lower(from - 1) != "you" || told(deed)).is_some()
}

/// `search(query): …`, "`move(x, y)` …": a function and its arguments come first.
pub(crate) fn is_call(text: &str) -> bool {
    let text = text.trim_start_matches('`');
    let name = text.bytes().take_while(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'.')).count();
    let arguments = text[name..].strip_prefix('(').and_then(|rest| rest.split_once(')'));
    let told = |rest: &str| rest.split_whitespace().count() >= 2;
    // `open_page: read one page, args: …`: the arguments are named behind.
    let named = text[..name].contains('_')
        && text[name..].starts_with(": ")
        && [", args:", ", arguments:", ", params:", ", parameters:"].iter().any(|sign| text.contains(sign));
    named
        || name > 1
            && arguments
                .is_some_and(|(inside, rest)| inside.len() <= 60 && !inside.contains(". ") && told(rest))
}

/// `search(place="Holm")` and nothing else.
pub(crate) fn is_bare_call(text: &str) -> bool {
    text.ends_with(')') && text.find('(').is_some_and(|at| at > 1 && !text[..at].contains(' '))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn words<T>(text: &str, look: impl Fn(&str, &[Word]) -> T) -> T {
        look(text, Words::read(text, 0).within(Span::new(0, text.len())))
    }

    #[test]
    fn a_program_is_introduced_by_name() {
        assert!(words("Marlow is the planning assistant of a theatre.", introduces_itself));
        assert!(words("Otis is a bot that sells tickets.", introduces_itself));
        assert!(!words("The Merle is a ferry.", introduces_itself));
        assert!(!words("marlow is the planning assistant.", introduces_itself));
        assert!(!words("Larkhaven is a town with a harbour.", introduces_itself));
    }

    #[test]
    fn an_order_behind_a_reason_may_stand_behind_what_the_reason_adds() {
        assert!(words(
            "Given the score, which runs from 0 to 1, briefly justify the score.",
            orders_behind_a_reason
        ));
        assert!(!words("Given the score, which runs from 0 to 1, guests may wait.", orders_behind_a_reason));
    }

    #[test]
    fn a_persona_may_be_told_with_its_work() {
        assert!(words("You are an assistant for rating a slip.", says_its_work));
        assert!(words("You are a clerk tasked with the slips.", says_its_work));
        assert!(!words("You are a clerk for the harbour.", says_its_work));
    }

    #[test]
    fn what_binds_the_reply_or_forbids_is_no_fact() {
        assert!(words("Your reply must only use the log.", binds_the_reply));
        assert!(!words("Your reply goes to the crew.", binds_the_reply));
        assert!(words("But don't overuse this!", forbids) && words("Never add a name.", forbids));
        assert!(!words("Do the boats sail on Sundays?", forbids));
        assert!(!words("Guests do not sail on Sundays.", forbids));
    }

    #[test]
    fn what_is_left_open_or_foretold_is_a_fact() {
        assert!(words("The slip may or may not name a boat.", leaves_open_or_foretells));
        assert!(words(
            "Your summary, with many others, will be given to the crew.",
            leaves_open_or_foretells
        ));
        assert!(!words("Your summary will be used only if it names the boat.", leaves_open_or_foretells));
        assert!(!words("You may or may not name a boat.", leaves_open_or_foretells));
        assert!(words("Note the gate may have been shut already.", presses_a_fact));
    }

    #[test]
    fn a_fact_is_pressed_on_the_model() {
        assert!(words("It is very important to note that the 07:10 still sails every day.", presses_a_fact));
        assert!(words("Please keep in mind that our boats hold 80 guests.", presses_a_fact));
        assert!(words("The night boat still sails.", presses_a_fact));
        assert!(!words("Note that the reply is read aloud.", presses_a_fact));
        assert!(!words("Note that each line should name a pier.", presses_a_fact));
        assert!(!words("Remember that the pier must not be named.", presses_a_fact));
        assert!(!words("The night boat sails.", presses_a_fact));
    }

    #[test]
    fn someone_does_it_as_something() {
        assert!(words("You run the night shift as a planning program.", words_as));
        assert!(words("You act for the archive as its search program.", words_as));
        assert!(!words("You are as tall as a mast.", words_as));
        assert!(!words("You must treat it as a rule.", words_as));
        assert!(!words("Treat it as a rule.", words_as));
    }

    #[test]
    fn names_of_a_program() {
        assert!(is_identifier("stall_sheet") && is_identifier("openFile") && is_identifier("read_page2"));
        assert!(!is_identifier("Tools") && !is_identifier("how you work") && !is_identifier("id"));
    }

    #[test]
    fn forms_that_are_filled_in() {
        assert!(signs_of_a_form("Write each bird as (bird | name | count)"));
        assert!(signs_of_a_form("Why: <one sentence>"));
        assert!(!signs_of_a_form("<log>"));
        assert!(!signs_of_a_form("If a < b and c > d, stop."));
        assert!(!signs_of_a_form("The pier is closed."));
    }

    #[test]
    fn fields_with_what_they_hold() {
        for field in ["level: 1 to 5", "kind: one of storm, wreck", "`paid`: true or false", "count: integer"]
        {
            assert!(gives_a_type(field), "{field}");
        }
        for other in ["Opening hours: from 8", "level: high", "1 to 5"] {
            assert!(!gives_a_type(other), "{other}");
        }
    }

    #[test]
    fn someone_is_set_to_work() {
        for told in
            ["You are given two logs.", "You are now comparing the answers.", "You're about to see a log."]
        {
            assert!(words(told, sets_to_work), "{told}");
        }
        for other in [
            "You are a clerk.",
            "You are Sterling the clerk.",
            "They are given two logs.",
            "You are willing.",
        ] {
            assert!(!words(other, sets_to_work), "{other}");
        }
    }

    #[test]
    fn a_step_may_name_its_case_first() {
        assert!(words("The guest gives a name: write it down.", orders_behind_a_colon));
        assert!(!words("Tone: write plainly.", orders_behind_a_colon));
        assert!(!words("The guest gives a name: Ida.", orders_behind_a_colon));
    }

    #[test]
    fn an_order_may_stand_behind_its_reason() {
        assert!(words("Because the yard is shut, put its work in a group.", orders_behind_a_reason));
        assert!(words("As guests hurry, always name the pier first.", orders_behind_a_reason));
        assert!(!words("Because the yard is shut, the boats wait.", orders_behind_a_reason));
        assert!(!words("Put its work in a group, because the yard is shut.", orders_behind_a_reason));
    }

    #[test]
    fn calls_alone() {
        assert!(is_bare_call("search(place=\"Holm\")"));
        assert!(!is_bare_call("Name the pier (3)") && !is_bare_call("(3)") && !is_bare_call("search()."));
    }

    #[test]
    fn calls() {
        assert!(is_call("search(query): looks it up in the index"));
        assert!(is_call("`move(x, y)` turns the crane by x"));
        assert!(!is_call("Write it (and sign it) today."));
        assert!(!is_call("search(query)"));
    }
}
