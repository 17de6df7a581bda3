//! Whether a text, such as a sample, keeps a stated requirement.

mod decimals;
mod figures;
mod gaps;
mod listed;
mod looks;
mod manners;
mod money;
mod people;
mod times;
mod units;

pub(crate) use gaps::{is_another as is_another_gap, is_another_sign, is_nothing};
pub(crate) use listed::row;
pub(crate) use looks::is_misnamed;
pub(crate) use manners::first_emoji;
pub(crate) use money::{differ, is_sum};
pub(crate) use times::spelt_date;

use crate::record;
use crate::requirement::{Demand, Measure, Requirement, Subject, spelt_form};
use crate::span::Span;

/// Where and how a text breaks a requirement.
#[derive(Clone, Debug)]
pub(crate) struct Breach {
    pub(crate) place: Span,
    pub(crate) what: String,
}

/// True for requirements that a text can be held against without knowing what it is about.
pub(crate) fn is_testable(rule: &Requirement) -> bool {
    match &rule.demand {
        Demand::Amount { measure, .. } => {
            matches!(measure, Measure::Items(_)) && rule.subject != Subject::Unstated
                || is_countable(measure)
                    && (is_on_reply(rule) || matches!(rule.subject, Subject::Named(_) | Subject::Each(_)))
        }
        Demand::Manner { axis, pole } => {
            looks::is_known(axis, pole)
                || matches!(
                    (*axis, *pole),
                    ("emoji", "no emoji")
                        | ("questions at a time", "one")
                        | ("letter case", _)
                        | ("clock", _)
                        | ("closed questions", "none")
                        | ("markup", "no Markdown")
                        | ("layout", "no bullets")
                        | ("numbers", "in figures")
                        | ("units", _)
                        | ("numbers", "in words")
                        | ("phone numbers", _)
                        | ("symbols", _)
                        | ("names of people", "anonymous")
                        | ("capital letters", "sentence case" | "title case")
                        | ("currency", _)
                )
        }
        Demand::Omit(_)
        | Demand::Mention(_)
        | Demand::Gap { .. }
        | Demand::BeginsWith(_)
        | Demand::NeverBeginsWith(_)
        | Demand::EndsWith(_)
        | Demand::OneOf(_)
        | Demand::DateForm(_)
        | Demand::MoneyForm(_)
        | Demand::Pattern(_) => true,
        _ => false,
    }
}

/// Holds the text under `content` against a rule. `spoken` tells that it is a turn of a dialogue.
pub(crate) fn breach(text: &str, rule: &Requirement, content: Span, spoken: bool) -> Option<Breach> {
    let body = &text[content.range()];
    if body.trim().is_empty() {
        return None;
    }
    let at = |offset: usize, length: usize| Span::within(content, offset, length);
    match &rule.demand {
        Demand::OneOf(choices) if matches!(rule.subject, Subject::Named(_)) => {
            let Subject::Named(key) = &rule.subject else { return None };
            // A list of records holds the field several times.
            let again = record::values(body, key).into_iter().map(|(offset, value)| (offset, value.len()));
            let bare = record::bare_value(body, key).map(|(offset, value)| (offset, value.len()));
            field(body, key).into_iter().chain(again).chain(bare).find_map(|(offset, length)| {
                let said = body[offset..offset + length].trim();
                let known = matches!(said, "" | "..." | "…" | "null")
                    || choices.iter().any(|choice| choice.eq_ignore_ascii_case(said));
                let what = format!("`{said}` is none of {}", choices.join(", "));
                (!known && !said.contains('|')).then(|| Breach { place: at(offset, length), what })
            })
        }
        Demand::OneOf(choices) => {
            // "312, broken": the label stands behind the number of the thing.
            let last = body.trim().rsplit_once(['\t', '|', ',']).filter(|(head, _)| {
                head.chars().any(|c| c.is_ascii_digit()) && head.split_whitespace().count() <= 2
            });
            let said = last.map_or(body, |(_, label)| label).trim();
            // "STORM 97": the label and how sure it is.
            let sure =
                |rest: &str| rest.trim_end_matches('%').bytes().all(|b| b.is_ascii_digit() || b == b'.');
            let said = said.rsplit_once(' ').filter(|(_, rest)| sure(rest)).map_or(said, |(label, _)| label);
            let said = said.trim_matches(['"', '`', '*', '\'', '.', '“', '”']).trim();
            let single = said.split_whitespace().count() <= 2
                && !said.contains([',', ';', '{', ':', '\n'])
                && said.chars().any(char::is_alphabetic);
            let known = choices.iter().find(|choice| choice.eq_ignore_ascii_case(said));
            // Labels in capitals are read by a program, which takes them as they stand.
            let loud = choices.iter().all(|choice| !choice.contains(char::is_lowercase));
            let what = match known {
                None => format!("`{said}` is none of {}", choices.join(", ")),
                Some(choice) if loud && choice != said => format!("`{said}` is `{choice}` in the rule"),
                Some(_) => return None,
            };
            single.then_some(Breach { place: content, what })
        }
        Demand::DateForm(form) => {
            let (offset, date) = times::other_date(body, form)
                .or_else(|| times::spelt_date(body).filter(|(_, date)| spelt_form(date) != form))
                .or_else(|| times::day_of_a_month(body).filter(|_| form == "YYYY-MM-DD"))?;
            Some(Breach { place: at(offset, date.len()), what: format!("`{date}` is not {form}") })
        }
        Demand::MoneyForm(form) => {
            let (offset, sum) = money::other_form(body, form)?;
            Some(Breach { place: at(offset, sum.len()), what: format!("`{sum}` is not written as `{form}`") })
        }
        Demand::Pattern(pattern) => {
            let told = field(body, &pattern.of)
                .or_else(|| field(body, pattern.of.strip_suffix('s')?))
                .or_else(|| field(body, &pattern.of.replace(' ', "_")))
                .map(|(offset, length)| (offset, &body[offset..offset + length]))
                .filter(|(_, value)| !value.trim().is_empty() && !pattern.fits(value));
            let (offset, code) = told.or_else(|| pattern.broken_in(body))?;
            let what = format!("`{}` is not in the form {}", code.trim(), pattern.shape);
            Some(Breach { place: at(offset, code.len()), what })
        }
        Demand::Omit(words) => {
            let place = whole_word(body, words).map(|offset| at(offset, words.len()))?;
            Some(Breach { place, what: format!("`{}` stands in a sample", &text[place.range()]) })
        }
        Demand::Manner { axis, pole } if looks::is_known(axis, pole) => {
            let (offset, length, what) = looks::breach(axis, pole, body, sentence(text, rule.span))?;
            Some(Breach { place: at(offset, length), what })
        }
        // "Numbers up to twelve in words".
        Demand::Manner { axis: "numbers", pole: "in words" }
            if figures::in_words_up_to(sentence(text, rule.span)).is_some() =>
        {
            let limit = figures::in_words_up_to(sentence(text, rule.span))?;
            let (offset, shown) = figures::small(body, limit)?;
            Some(Breach { place: at(offset, shown.len()), what: format!("`{shown}` is not in words") })
        }
        Demand::Manner { axis, pole } => manners::breach(text, axis, pole, content, spoken),
        Demand::Gap { of, way } => {
            let (offset, length, shown) = gaps::filled_otherwise(body, of, way.value()?)?;
            let what = format!("`{shown}` stands for what is missing in a sample");
            // An empty value has the quotation marks around it for a place.
            let (offset, length) = if length == 0 { (offset.saturating_sub(1), 2) } else { (offset, length) };
            Some(Breach { place: at(offset, length), what })
        }
        // "Include the line "Source: …"": a whole answer without it.
        Demand::Mention(words) => {
            let fixed = words.find(':').map_or(words.as_str(), |colon| &words[..=colon]);
            let sign = words.len() == 1;
            let absent = (!spoken || sign) && !body.to_lowercase().contains(&fixed.to_lowercase());
            absent.then(|| Breach { place: content, what: format!("a sample has no `{fixed}`") })
        }
        Demand::BeginsWith(words) => {
            let bare = |text: &str| text.trim_start_matches(['"', '“', '*', '`', ' ', '\n']).to_lowercase();
            let record = body.trim_start().starts_with(['{', '[', '|', '<']);
            (!record && !bare(body).starts_with(&bare(words)))
                .then(|| Breach { place: content, what: format!("a sample does not begin with `{words}`") })
        }
        Demand::NeverBeginsWith(words) => {
            let offset = body.find(|c: char| c.is_alphanumeric())?;
            let opening = body.get(offset..offset + words.len())?;
            opening.eq_ignore_ascii_case(words).then(|| Breach {
                place: at(offset, words.len()),
                what: format!("a sample begins with `{words}`"),
            })
        }
        Demand::EndsWith(words) => {
            let bare =
                |text: &str| text.trim_end_matches(['"', '”', '*', '`', '.', ' ', '\n', '!']).to_lowercase();
            // One turn of several need not end so, unless each does.
            let each = sentence(text, rule.span)
                .split(' ')
                .any(|word| matches!(word, "Every" | "every" | "Each" | "each" | "always"));
            // "Finish with the line "Call back: "": the line goes on.
            let labels = words.trim_end().ends_with(':');
            let last = body.trim_end().lines().next_back().unwrap_or("").to_lowercase();
            if labels
                && (last.trim_start().starts_with(&words.trim().to_lowercase())
                    || !body.trim().contains('\n'))
            {
                return None;
            }
            (!bare(body).ends_with(&bare(words)) && (!spoken || each))
                .then(|| Breach { place: content, what: format!("a sample does not end with `{words}`") })
        }
        // "Four options", and a sample with A), B) and C).
        Demand::Amount { measure: Measure::Items("options" | "answers"), bound } => {
            let counted = |marks: [&str; 6]| marks.iter().take_while(|mark| body.contains(**mark)).count();
            let count = counted(["A)", "B)", "C)", "D)", "E)", "F)"])
                .max(counted(["a)", "b)", "c)", "d)", "e)", "f)"]));
            let off = count >= 2 && !bound.holds(count);
            off.then(|| Breach { place: content, what: format!("a sample has {count} options") })
        }
        // "Answer with a single letter": "B) Pier 2" is more.
        Demand::Amount { measure: Measure::Items("letters"), bound } if bound.most == Some(1) => {
            let shown = body.trim().trim_matches(['(', ')', '.', '"', '*']);
            let more = rule.subject == Subject::Reply && shown.chars().count() > 1;
            more.then(|| Breach { place: content, what: format!("`{}` is more than a letter", shown) })
        }
        Demand::Amount { measure: Measure::Items(things), bound } => {
            let (offset, length, count) = listed::count(body, things).or_else(|| {
                // "Tags: pier, fog": the label of the side names the things.
                let label = text[..content.start()].rsplit('\n').next().unwrap_or("");
                listed::row(&format!("{label}{body}"), things)
                    .map(|(_, _, count)| (0, body.trim_end().len(), count))
                    .or_else(|| listed::between_commas(body, sentence(text, rule.span)))
            })?;
            let off = !bound.holds(count) && !bound.about;
            off.then(|| Breach { place: at(offset, length), what: format!("a sample has {count} {things}") })
        }
        Demand::Amount { measure, bound } => {
            let (part, named) = match &rule.subject {
                Subject::Reply => (content, None),
                Subject::Named(name) => {
                    (field(body, name).map(|(offset, length)| at(offset, length))?, Some(name))
                }
                Subject::Each(name) if name == "sentence" && *measure == Measure::Words => {
                    return long_sentence(body, *bound).map(|(offset, length, words)| Breach {
                        place: at(offset, length),
                        what: format!("a sentence of {words} words in a sample"),
                    });
                }
                Subject::Each(name) => {
                    (field(body, name).map(|(offset, length)| at(offset, length))?, Some(name))
                }
                Subject::Unstated => return None,
            };
            // "One sentence with the room": as often a part of the reply as the whole.
            let exact = named.is_none() && bound.least == bound.most;
            // "Answer with one word.", and a sample with three.
            let terse = *measure == Measure::Words && bound.most <= Some(TERSE);
            let firm = exact && (*measure == Measure::Sentences || terse) && stands_alone(text, rule.span);
            if exact && !firm && (*measure != Measure::Sentences || bound.most <= Some(1)) {
                return None;
            }
            // Records and scripts are no prose: their length says nothing.
            if named.is_none() && body.contains(['{', '|', ';', '`']) {
                return None;
            }
            let count = count(&text[part.range()], measure)?;
            let (least, most) =
                (bound.least.unwrap_or(0) as usize, bound.most.map_or(usize::MAX, |most| most as usize));
            // "About 80" and targets leave room.
            let (least, most) =
                if bound.about { (least / 2, most.saturating_mul(3) / 2) } else { (least, most) };
            // A sample may be an excerpt, so too short is only told of a named part.
            let over = if exact && !firm { count > most.saturating_mul(2) } else { count > most };
            let whole = body.trim_end().ends_with(['.', '!', '?', '"'])
                && !body.contains("...")
                && !body.contains('…');
            // One sentence where two to four are asked for is too few; words are counted with more patience.
            let few = if *measure == Measure::Sentences { count < least } else { count * 2 < least };
            let under = (!exact || firm) && count < least && (named.is_some() || !spoken && whole && few);
            (over || under)
                .then(|| Breach { place: part, what: format!("a sample has {count} {}", measure.id()) })
        }
        _ => None,
    }
}

/// The sentence around a place; none where the text is not the one that the place is of.
pub(crate) fn sentence(text: &str, span: Span) -> &str {
    let stop = |c: char| matches!(c, '.' | '!' | '?' | ':' | ';' | '\n');
    let (Some(head), Some(tail)) = (text.get(..span.start()), text.get(span.end()..)) else { return "" };
    let from = head.rfind(stop).map_or(0, |at| at + 1);
    let to = tail.find(stop).map_or(text.len(), |at| span.end() + at);
    &text[from..to]
}

/// So many words make a whole answer, if no more are asked for.
const TERSE: u32 = 3;

/// "Answer in one sentence.": a sentence that says no more than how much there is.
fn stands_alone(text: &str, span: Span) -> bool {
    const SHORT: usize = 6;
    sentence(text, span).split_whitespace().filter(|word| word.contains(char::is_alphanumeric)).count()
        <= SHORT
}

/// How many of a measure a text holds. Sentences end in a full stop, question or exclamation mark.
pub(crate) fn count(text: &str, measure: &Measure) -> Option<usize> {
    Some(match measure {
        Measure::Characters => text.chars().count(),
        Measure::Words => {
            text.split_whitespace().filter(|word| word.chars().any(char::is_alphanumeric)).count()
        }
        Measure::Sentences => sentences(text).count().max(1),
        Measure::Lines => text.lines().filter(|line| !line.trim().is_empty()).count(),
        Measure::Paragraphs => text.split("\n\n").filter(|part| !part.trim().is_empty()).count(),
        _ => return None,
    })
}

/// Stretches that end in a stop followed by white space or the end.
fn sentences(text: &str) -> impl Iterator<Item = (usize, &str)> {
    let mut rest = 0;
    std::iter::from_fn(move || {
        let from = rest + text[rest..].len() - text[rest..].trim_start().len();
        let body = &text[from..];
        if body.is_empty() {
            return None;
        }
        // A closing quotation mark belongs to the sentence before it.
        let behind =
            |(at, c): (usize, char)| body[at + c.len_utf8()..].trim_start_matches(['"', '”', ')', '\'']);
        let stop = body.char_indices().find(|stop| {
            let after = behind(*stop);
            matches!(stop.1, '.' | '!' | '?' | '…')
                && (after.is_empty() || after.starts_with(char::is_whitespace))
        });
        let length = stop.map_or(body.len(), |stop| body.len() - behind(stop).len());
        rest = from + length;
        Some((from, &text[from..rest]))
    })
}

fn long_sentence(text: &str, bound: crate::requirement::Bound) -> Option<(usize, usize, usize)> {
    let most = bound.most? as usize;
    sentences(text).find_map(|(at, sentence)| {
        let words = count(sentence, &Measure::Words)?;
        (words > most && !sentence.contains('{')).then_some((at, sentence.len(), words))
    })
}

/// True when a text quotes what a reply may say, or is one.
pub(crate) fn quoted_reply(text: &str) -> bool {
    text.contains(['"', '“', '”']) || text.ends_with('?')
}

/// The place of a word or phrase that stands for itself, not within another word. All-capital words match only as such.
fn whole_word(text: &str, words: &str) -> Option<usize> {
    let capital = !words.chars().any(char::is_lowercase);
    let (hay, needle) = if capital {
        (text.to_string(), words.to_string())
    } else {
        (text.to_lowercase(), words.to_lowercase())
    };
    if hay.len() != text.len() || needle.is_empty() {
        return None;
    }
    let sign = !needle.contains(char::is_alphanumeric);
    hay.match_indices(&needle).map(|(at, _)| at).find(|&at| {
        if sign {
            return true;
        }
        let before = hay[..at].chars().next_back();
        let after = hay[at + needle.len()..].chars().next();
        !before.is_some_and(char::is_alphanumeric) && !after.is_some_and(char::is_alphanumeric)
    })
}

/// The value of a field in a record or a labelled line: `"summary": "…"`, `Summary: …`.
pub(crate) fn field(text: &str, name: &str) -> Option<(usize, usize)> {
    let lower = text.to_lowercase();
    if lower.len() != text.len() {
        return None;
    }
    let key = format!("\"{name}\"");
    if let Some(at) = lower.find(&key) {
        let rest = &text[at + key.len()..];
        let open = rest.find('"').filter(|open| rest[..*open].trim() == ":")?;
        let from = at + key.len() + open + 1;
        let length = text[from..].find('"')?;
        return Some((from, length));
    }
    let key = format!("{name}:");
    // "name: Merle / pier: 3": several on one line.
    let opens = |at: usize| {
        at == 0 || lower[..at].ends_with('\n') || PARTS.iter().any(|sign| lower[..at].ends_with(sign))
    };
    let at = lower.find(&key).filter(|&at| opens(at))?;
    let from = at + key.len();
    let line = text[from..].lines().next().unwrap_or("");
    let length = PARTS.iter().filter_map(|sign| line.find(sign)).min().unwrap_or(line.len());
    Some((from, length))
}

/// Signs between the fields of a record that stands on one line.
const PARTS: [&str; 3] = [" / ", " | ", " · "];

/// True for amounts that a sample can be held against.
fn is_countable(measure: &Measure) -> bool {
    matches!(
        measure,
        Measure::Words | Measure::Characters | Measure::Sentences | Measure::Lines | Measure::Paragraphs
    )
}

/// True when the requirement is about the reply as a whole.
fn is_on_reply(rule: &Requirement) -> bool {
    rule.subject == Subject::Reply
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::requirement::Bound;

    fn rule(subject: Subject, demand: Demand) -> Requirement {
        Requirement { unit: 0, span: Span::new(0, 0), subject, demand, part: None, conditional: false }
    }

    fn broken(demand: Demand, subject: Subject, text: &str) -> Option<String> {
        breach(text, &rule(subject, demand), Span::new(0, text.len()), true).map(|breach| breach.what)
    }

    fn at_most(most: u32, measure: Measure) -> Demand {
        Demand::Amount { measure, bound: Bound { least: None, most: Some(most), about: false } }
    }

    #[test]
    fn lengths_are_counted() {
        let words = |text: &str| broken(at_most(3, Measure::Words), Subject::Reply, text);
        assert_eq!(words("one two three"), None);
        assert_eq!(words("one two three four").as_deref(), Some("a sample has 4 words"));
        assert_eq!(words("{\"a\": \"one two three four\"}"), None, "a record is no prose");
        let sentences = |text: &str| broken(at_most(2, Measure::Sentences), Subject::Reply, text);
        assert_eq!(sentences("It costs 3.50. The boat leaves at 9."), None);
        assert!(sentences("One. Two! Three?").is_some());
        assert!(broken(at_most(5, Measure::Characters), Subject::Reply, "sixsix").is_some());
    }

    #[test]
    fn fields_are_found_by_name() {
        let summary = Subject::Named("summary".into());
        let long = "{\"pier\": \"a b c d e\", \"summary\": \"one two three four\"}";
        assert!(broken(at_most(3, Measure::Words), summary.clone(), long).is_some());
        assert_eq!(broken(at_most(3, Measure::Words), summary.clone(), "{\"summary\": \"one two\"}"), None);
        assert!(
            broken(at_most(3, Measure::Words), summary, "Summary: one two three four\nPier: x").is_some()
        );
    }

    #[test]
    fn sentences_are_measured_one_by_one() {
        let each = Subject::Each("sentence".into());
        let what = broken(at_most(3, Measure::Words), each, "One two. One two three four. One.");
        assert_eq!(what.as_deref(), Some("a sentence of 4 words in a sample"));
        let one = |text: &str| broken(at_most(1, Measure::Sentences), Subject::Reply, text);
        assert_eq!(one("\"The boat sails at nine.\""), None);
        assert!(one("\"The boat sails.\" She is late.").is_some());
    }

    #[test]
    fn dates_in_another_form() {
        let date = |form: &str, text: &str| broken(Demand::DateForm(form.into()), Subject::Reply, text);
        assert_eq!(date("YYYY-MM-DD", "due 2031-05-03."), None);
        assert_eq!(date("YYYY-MM-DD", "due 03/05/2031.").as_deref(), Some("`03/05/2031` is not YYYY-MM-DD"));
        assert!(date("DD.MM.YYYY", "2031-05-03").is_some());
        assert!(date("YYYY-MM-DD", "07.03.31").is_some() && date("YYYY-MM-DD", "7.3.2031").is_some());
        assert_eq!(date("YYYY-MM-DD", "part 12.50.99"), None);
        assert!(date("MM/DD/YYYY", "31/05/2031").is_some(), "there is no month 31");
        assert_eq!(date("D Month YYYY", "due 3 May 2031"), None);
        assert!(
            date("D Month YYYY", "due May 3, 2031").is_some() && date("D Month YYYY", "2031-05-03").is_some()
        );
        assert_eq!(date("YYYY-MM-DD", "ticket 12345678, 3.5 km, 1/2 fare"), None);
    }

    #[test]
    fn words_kept_out_stand_for_themselves() {
        let omit = |words: &str, text: &str| broken(Demand::Omit(words.into()), Subject::Reply, text);
        assert!(omit("sorry", "We are Sorry about it").is_some());
        assert_eq!(omit("sorry", "The sorrytale"), None);
        assert_eq!(omit("BEGIN", "begin here"), None, "capitals mean the keyword");
        assert!(omit("BEGIN", "BEGIN;").is_some());
    }

    #[test]
    fn choices_openings_and_ends() {
        let one_of =
            |text: &str| broken(Demand::OneOf(vec!["LATE".into(), "LOST".into()]), Subject::Reply, text);
        assert_eq!((one_of("LATE"), one_of("The boat was late again")), (None, None));
        assert_eq!(one_of("`lost`."), Some("`lost` is `LOST` in the rule".into()));
        assert_eq!(one_of("LATE 97"), None);
        assert_eq!(one_of("GONE").as_deref(), Some("`GONE` is none of LATE, LOST"));
        assert!(broken(Demand::BeginsWith("Ahoy".into()), Subject::Reply, "Hello there").is_some());
        assert_eq!(broken(Demand::BeginsWith("Ahoy".into()), Subject::Reply, "\"Ahoy, guest\""), None);
    }

    #[test]
    fn manners_that_show() {
        let manner = |axis, pole, text: &str| broken(Demand::Manner { axis, pole }, Subject::Reply, text);
        assert!(manner("emoji", "no emoji", "Hello 🙂").is_some());
        assert_eq!(manner("emoji", "no emoji", "☐ paid ★"), None);
        assert!(manner("questions at a time", "one", "Which boat, and what day?").is_some());
        assert_eq!(manner("questions at a time", "one", "The Merle and the Oriole. Which one?"), None);
        assert!(manner("letter case", "lower case", "Harbour Pier").is_some());
        assert_eq!(manner("letter case", "capitals", "LATE"), None);
        assert!(manner("markup", "no Markdown", "The **late** boat").is_some());
        assert!(manner("layout", "no bullets", "- one\n- two").is_some());
    }
}
