//! Data of private persons.

use super::credential::{has_digit, token_at};
use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;

/// A private person's data.
pub(super) struct PrivateData;

static PRIVATE: Meta = Meta {
    id: "private-data",
    family: Family::Exposure,
    severity: Severity::Error,
    summary: "a person's name with a phone number, address, birth date, account or illness",
    write: "A slot, filled only when the work needs it.",
    on: true,
    english: false,
    why: "The person did not agree to have this sent along with every call, and the model may repeat it to others.",
    bad: &[
        "Write to Nora Quayle, 14 Harbour Rise, phone 0555 010 883, about her lost scarf.",
        "The guest is Tam Brook, born 3 May 1961, account 5512-0081-34.",
        "The guest is Nora Quayle, diagnosed with diabetes; write her menu.",
        "Put the guest's card number, 4929 0000 0000 6004, into the letter.",
    ],
    good: &[
        "Write to {{name}}, {{address}}, about the lost scarf.",
        "For emergencies give the number 0555 010 100.",
        "Guest: I am Nora Quayle, 14 Harbour Rise\nClerk: Thank you.\nGuest: and my phone is 0555 010 883\nClerk: Noted.",
        "The boat was built on 3 May 1961 by Tam Brook.",
        "Guests diagnosed with asthma sit on deck. Ask Tam Brook for a seat.",
    ],
};

impl Check for PrivateData {
    fn meta(&self) -> &'static Meta {
        &PRIVATE
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let samples = case.labels.iter().filter(|label| label.component == Some(Component::Examples)).count();
        for (index, unit) in case.units.iter().enumerate() {
            // What is only half taken for a sample may be the case at hand.
            let sample = case.labels[index].shares[Component::Examples.index()] >= SAMPLE
                && (samples > 1 || !unit.opens_piece);
            if sample || matches!(unit.kind, UnitKind::Code | UnitKind::Turn | UnitKind::Mark) {
                continue;
            }
            let words = case.words_of(index);
            let text = case.source.text();
            // Every other kind of data looked for holds a digit.
            let health = health(text, words);
            let mail = own_mail(case.text(unit.text)).map(|(at, length)| Span::within(unit.text, at, length));
            let own = authors_mail(case.text(unit.text));
            let own = own.map(|(at, length)| Span::within(unit.text, at, length));
            if !has_digit(case.text(unit.text)) && health.is_none() && mail.is_none() && own.is_none() {
                continue;
            }
            // Who signs a letter gives their own name and address.
            if case.text(unit.text).to_lowercase().starts_with("my name is") {
                continue;
            }
            let name = person(text, words);
            let card = card(text, words);
            let data: Vec<Span> = [
                phone(text, words),
                street(text, words),
                birth(text, words),
                account(text, words),
                card,
                health,
                mail.filter(|_| case.labels[index].component == Some(Component::Context)),
                own,
            ]
            .into_iter()
            .flatten()
            .collect();
            let Some(span) = data.iter().copied().reduce(Span::cover) else { continue };
            // "He was born … and lives at …": who it is stands in the sentence before.
            let spoken_of = data.len() >= 2
                && words
                    .iter()
                    .any(|word| matches!(&*word.lower(text), "he" | "she" | "his" | "her" | "him"));
            let span = match name {
                Some(name) => span.cover(name),
                None if spoken_of || card.is_some() || own.is_some() || is_of_one_person(text, words) => span,
                None if names_a_relative(text, words) || mail.is_some() => span,
                None => continue,
            };
            // A company's own line, in the signature or the facts, belongs to no person.
            if data.len() == 1 && is_office(text, words) {
                continue;
            }
            let message = format!("`{}` is a person's private data", case.shown(span));
            sink.report(
                span,
                message,
                "put a slot such as `{{name}}` in its place, and send only what the work needs",
            );
        }
    }
}

/// A passport or a social security number belongs to one person, named or not.
fn is_of_one_person(text: &str, words: &[Word]) -> bool {
    let numbered = words.windows(2).any(|pair| {
        let papers = matches!(&*pair[0].lower(text), "passport" | "security" | "ssn" | "insurance");
        papers && matches!(&*pair[1].lower(text), "number" | "no" | "is" | ":")
    });
    numbered && account(text, words).is_some()
}

/// "My wife's number is 07700 900982": who it is needs no name.
fn names_a_relative(text: &str, words: &[Word]) -> bool {
    const RELATIVES: [&str; 24] = [
        "wife", "husband", "mother", "father", "mum", "mom", "dad", "sister", "brother", "daughter", "son",
        "neighbour", "neighbor", "landlord", "boss", "girlfriend", "boyfriend", "partner", "fiancée",
        "fiancé", "grandmother", "grandfather", "aunt", "uncle",
    ];
    let one = |word: &Word| {
        let lower = word.lower(text);
        let bare = lower.trim_end_matches(['\'', '’']);
        let bare = bare.strip_suffix("'s").or(bare.strip_suffix("’s")).unwrap_or(bare);
        // "My wifes number".
        RELATIVES.contains(&bare) || bare.strip_suffix('s').is_some_and(|bare| RELATIVES.contains(&bare))
    };
    words.windows(2).any(|pair| {
        matches!(&*pair[0].lower(text), "my" | "our" | "his" | "her" | "their" | "your") && one(&pair[1])
    })
}

/// "My email is t.wessel@lakemail.example": the author's own.
fn authors_mail(body: &str) -> Option<(usize, usize)> {
    let lower = body.to_lowercase();
    if lower.len() != body.len() {
        return None;
    }
    let told =
        ["my email is ", "my e-mail is ", "my mail is ", "my email address is ", "my private email is "];
    let from = told.iter().find_map(|lead| lower.find(lead).map(|at| at + lead.len()))?;
    let rest = &body[from..];
    let end = rest.find(char::is_whitespace).unwrap_or(rest.len());
    let address = rest[..end].trim_end_matches(['.', ',', ';', ')']);
    let (local, host) = address.split_once('@')?;
    (!local.is_empty() && host.contains('.') && !address.contains(['{', '<']))
        .then_some((from, address.len()))
}

/// "Nora Quayle, nora.quayle@mailbox.example": an address that holds a name which stands beside it, and where it stands in bytes.
fn own_mail(body: &str) -> Option<(usize, usize)> {
    let sign = body.find('@')?;
    let letter = |c: char| !(c.is_alphanumeric() || matches!(c, '.' | '_' | '-' | '+'));
    let start =
        body[..sign].char_indices().rev().find(|(_, c)| letter(*c)).map_or(0, |(at, c)| at + c.len_utf8());
    let end = body[sign + 1..].find(letter).map_or(body.len(), |length| sign + 1 + length);
    let local = body[start..sign].to_lowercase();
    let mut names = local.split(['.', '_', '-']).filter(|name| name.len() >= 3);
    let beside = names.any(|name| {
        let mut around = body[..start]
            .split(|c: char| !c.is_alphanumeric())
            .chain(body[end..].split(|c: char| !c.is_alphanumeric()));
        around.any(|word| word.to_lowercase() == name && word.starts_with(char::is_uppercase))
    });
    // "lucia quayle (lucia.quayle@mailbox.example)": both names stand right before it, whatever their case.
    let mut before =
        body[..start].split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty()).rev();
    let (last, first) = (before.next().unwrap_or(""), before.next().unwrap_or(""));
    let both = first.len() >= 3 && format!("{first}.{last}").to_lowercase() == local;
    let beside = beside || both;
    (beside && body[sign + 1..end].contains('.'))
        .then(|| (start, body[start..end].trim_end_matches('.').len()))
}

/// The share of belief from which a unit is a sample, whose people are made up.
const SAMPLE: f32 = 0.8;

/// Two capitalised words that no lexicon knows, or a title and one: "Mrs Quayle", "Nora Quayle".
fn person(text: &str, words: &[Word]) -> Option<Span> {
    let capital = |word: &Word| {
        let shown = word.text(text);
        let mut chars = shown.chars();
        chars.next().is_some_and(char::is_uppercase)
            && shown.chars().count() >= 2
            && chars.any(char::is_lowercase)
    };
    const NOT: [&str; 14] = [
        "street", "road", "rise", "close", "lane", "avenue", "square", "desk", "office", "note", "team",
        "monday", "the", "dear",
    ];
    let plain = |word: &Word| {
        word.flags() & (vocabulary::VERB | vocabulary::STOP | vocabulary::MEASURE) == 0
            && !NOT.contains(&&*word.lower(text))
    };
    words.windows(2).find_map(|pair| {
        let title = ["mr", "mrs", "ms", "miss", "dr"].contains(&&*pair[0].lower(text));
        let adjacent = text[pair[0].end as usize..pair[1].start as usize].trim().len() <= usize::from(title);
        let named = capital(&pair[1]) && (title || capital(&pair[0]) && plain(&pair[0]) && plain(&pair[1]));
        (named && adjacent && pair[1].text(text).chars().count() >= 3)
            .then(|| pair[0].span().cover(pair[1].span()))
    })
}

/// Seven digits or more in groups, behind a word for a phone or with a plus sign.
fn phone(text: &str, words: &[Word]) -> Option<Span> {
    const SIGNS: [&str; 8] = ["phone", "mobile", "tel", "telephone", "cell", "call", "whatsapp", "number"];
    for at in 0..words.len() {
        let lower = words[at].lower(text);
        // "Ring Tam Brook, 0555 014 882": groups that begin with a zero need no sign.
        if let Some(last) = dialled(text, &words[at..]) {
            return Some(words[at].span().cover(last.span()));
        }
        let signed = SIGNS.contains(&&*lower) || lower == "+";
        if !signed {
            continue;
        }
        let mut last = None;
        let mut digits = 0;
        for word in words[at + 1..].iter().take(8) {
            let shown = word.text(text);
            if shown.bytes().all(|b| b.is_ascii_digit()) {
                digits += shown.len();
                last = Some(*word);
            } else if digits > 0 && !matches!(shown, "/" | "-" | "(" | ")" | ".")
                || digits == 0 && !matches!(shown, ":" | "." | "is" | "number" | "+" | "(")
            {
                break;
            }
        }
        if let Some(last) = last.filter(|_| digits >= 7) {
            return Some(words[at].span().cover(last.span()));
        }
    }
    None
}

/// Three groups of digits or more, of which the first begins with a zero: the last of them.
fn dialled(text: &str, words: &[Word]) -> Option<Word> {
    let digits =
        |word: &&Word| word.text(text).bytes().all(|b| b.is_ascii_digit()) && word.text(text).len() >= 2;
    let groups = words.iter().take(8).take_while(digits).count();
    let spaced = |pair: &[Word]| {
        text[pair[0].end as usize..pair[1].start as usize].trim_matches([' ', '-', '/']).is_empty()
    };
    let first = words.first()?.text(text);
    // "0171 5550142": an area and the line.
    let line = groups == 2 && words.get(1).is_some_and(|word| word.text(text).len() >= 5);
    let joined = (groups >= 3 || line) && words[..groups].windows(2).all(spaced);
    (joined && first.starts_with('0') && first.len() >= 3).then(|| words[groups - 1])
}

/// `14 Harbour Rise`.
fn street(text: &str, words: &[Word]) -> Option<Span> {
    const STREETS: [&str; 18] = [
        "street", "st", "road", "rd", "rise", "close", "lane", "avenue", "ave", "square", "drive", "row",
        "way", "court", "place", "crescent", "terrace", "gardens",
    ];
    // `Elm Row 9`: the number behind the name.
    let behind = words.windows(3).find_map(|run| {
        let named = run[..2].iter().all(|word| word.text(text).starts_with(char::is_uppercase));
        let street = STREETS.contains(&&*run[1].lower(text));
        let number = run[2].text(text);
        let numbered = number.len() <= 4 && number.starts_with(|c: char| c.is_ascii_digit());
        (named && street && numbered).then(|| run[0].span().cover(run[2].span()))
    });
    behind.or_else(|| {
        words.windows(4).chain(words.windows(3)).find_map(|run| {
            let number = run[0].text(text);
            let last = run[run.len() - 1].text(text);
            let named = run[1..].iter().all(|word| word.text(text).starts_with(char::is_uppercase));
            let numbered = number.len() <= 4 && number.starts_with(|c: char| c.is_ascii_digit());
            (numbered && named && STREETS.contains(&last.to_lowercase().as_str()))
                .then(|| run[0].span().cover(run[run.len() - 1].span()))
        })
    })
}

/// `born 3 May 1961`, `date of birth 1961-05-03`.
fn birth(text: &str, words: &[Word]) -> Option<Span> {
    words.iter().enumerate().find_map(|(at, word)| {
        let lower = word.lower(text);
        let told = matches!(&*lower, "born" | "birth" | "dob" | "birthday");
        // A year alone is in every biography.
        let day = words[at + 1..].iter().take(4).any(|word| {
            word.is_number() && word.text(text).len() <= 2 || word.text(text).contains(['-', '/'])
        });
        // `born 12.03.1991`.
        let dotted = words[at + 1..].iter().take(3).find(|word| {
            let parts: Vec<&str> = word.text(text).split('.').collect();
            parts.len() == 3 && parts[2].len() == 4 && parts.iter().all(|part| has_digit(part))
        });
        if let Some(day) = dotted.filter(|_| told) {
            return Some(word.span().cover(day.span()));
        }
        if !day {
            return None;
        }
        let year = words[at + 1..].iter().take(6).rfind(|word| {
            let shown = word.text(text);
            shown.len() == 4 && (shown.starts_with("19") || shown.starts_with("20")) && has_digit(shown)
        })?;
        told.then(|| word.span().cover(year.span()))
    })
}

/// `account 5512-0081-34`, an international account number, a card or insurance number.
fn account(text: &str, words: &[Word]) -> Option<Span> {
    const SIGNS: [&str; 12] = [
        "account", "ahv", "iban", "card", "nhs", "ssn", "passport", "insurance", "licence", "policy",
        "security", "insured",
    ];
    words.iter().enumerate().find_map(|(at, word)| {
        if !SIGNS.contains(&&*word.lower(text)) {
            return None;
        }
        let skip =
            |word: &&Word| matches!(&*word.lower(text), "number" | "no" | ":" | "." | "is" | "#" | "under");
        let value = words[at + 1..].iter().find(|word| !skip(word))?;
        let mut end = value.start as usize + token_at(text, value.start as usize).len();
        // `7719 020861`: groups with a blank between.
        while let Some(group) = text[end..].strip_prefix(' ') {
            let length = group.bytes().take_while(u8::is_ascii_digit).count();
            if length < 2 || group[length..].starts_with(char::is_alphabetic) {
                break;
            }
            end += 1 + length;
        }
        let digits = text[value.start as usize..end].bytes().filter(u8::is_ascii_digit).count();
        (digits >= 6).then(|| Span::new(word.start as usize, end))
    })
}

/// `diagnosed with asthma`, `on sick leave since May`.
fn health(text: &str, words: &[Word]) -> Option<Span> {
    const SIGNS: [[&str; 2]; 17] = [
        ["diagnosed", "with"],
        ["suffers", "from"],
        ["treated", "for"],
        ["ill", "with"],
        ["sick", "leave"],
        ["work", "with"],
        ["therapy", "for"],
        ["medication", "for"],
        ["hiv", "positive"],
        ["has", "dyslexia"],
        ["has", "adhd"],
        ["has", "autism"],
        ["has", "epilepsy"],
        ["has", "asthma"],
        ["has", "diabetes"],
        ["has", "depression"],
        ["has", "cancer"],
    ];
    let at = words.windows(2).position(|pair| {
        SIGNS.iter().any(|sign| pair[0].lower(text) == sign[0] && pair[1].lower(text) == sign[1])
    })?;
    // "Off work with depression" tells of an illness, "hard at work with Merle" does not.
    let off = words[at].lower(text) != "work" || at > 0 && words[at - 1].lower(text) == "off";
    let last = words.get(at + 2).filter(|word| !word.is_punctuation()).unwrap_or(&words[at + 1]);
    off.then(|| words[at].span().cover(last.span()))
}

/// `card number, 4929 0000 0000 6004`: a card's number is private whoever holds it.
fn card(text: &str, words: &[Word]) -> Option<Span> {
    const GROUP: usize = 4;
    let at = words.iter().position(|word| word.lower(text) == "card")?;
    let digits = |word: &&Word| {
        let shown = word.text(text);
        shown.len() == GROUP && shown.bytes().all(|b| b.is_ascii_digit())
    };
    let rest = &words[at + 1..];
    let first = rest.iter().take(6).position(|word| digits(&word))?;
    let run = &rest[first..];
    (run.iter().take_while(digits).count() >= 4).then(|| words[at].span().cover(run[3].span()))
}

fn is_office(text: &str, words: &[Word]) -> bool {
    const OFFICE: [&str; 12] = [
        "press", "office", "desk", "hotline", "helpline", "director", "editor", "company", "contact",
        "reception", "spokesperson", "support",
    ];
    words.iter().any(|word| OFFICE.contains(&&*word.lower(text)))
}
