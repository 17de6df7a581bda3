//! The persona's name, spelled two ways, and a persona with two names.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::persona;
use crate::words::Word;

/// The persona's name, spelled two ways, or another name for it.
pub(super) struct NameSpelling;

static SPELLING: Meta = Meta {
    id: "name-spelling",
    family: Family::Conflict,
    severity: Severity::Warning,
    summary: "the persona's name spelled two ways, or two names for it",
    write: "One spelling throughout.",
    on: true,
    english: true,
    why: "The model takes them for two people, or signs with the wrong one.",
    bad: &[
        "You are Merle, the clerk of a ferry line. Open every reply with \"Merel here\".",
        "You are Merle, the clerk of a ferry line. Introduce yourself as Nora.",
        "You are Bodil, the clerk of a ferry line. Bodhild never names a price.",
        "The guest plays the buyer; you play the seller, Mr. Odell. Mr. Odel hates being rushed.",
    ],
    good: &[
        "You are Merle, the clerk of a ferry line. Open every reply with \"Merle here\".",
        "You are Dora, a clerk. Every Door has a bell.",
    ],
};

impl Check for NameSpelling {
    fn meta(&self) -> &'static Meta {
        &SPELLING
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let text = case.source.text();
        two_names(case, sink);
        two_spellings_with_title(case, sink);
        let persona = persona::name(case).filter(|name| is_name(text, *name) || is_shouted(text, *name));
        let Some(persona) = persona else { return };
        if is_shouted(text, persona) {
            spelled_otherwise(case, persona, sink);
            return;
        }
        under_another_name(case, persona, sink);
        let name = persona.text(text);
        let slipped = case.words.all().iter().find(|word| {
            let other = word.text(text);
            word.start != persona.start
                && other != name
                && (is_name(text, **word) || is_cut_short(text, **word, name))
                && differs_by_a_slip(name, other)
        });
        if let Some(word) = slipped {
            let message = format!("`{}` is `{name}` with a slip, or somebody else", word.text(text));
            let finding = sink.report(word.span(), message, format!("write `{name}` everywhere"));
            finding.related.push(persona.span());
            // In front of a turn of a sample it is the speaker's name.
            let speaks = text[word.end as usize..].starts_with(": ")
                && text[..word.start as usize].chars().next_back().is_none_or(|c| c == '\n');
            if speaks {
                finding.fix.push(Edit { span: word.span(), replacement: name.to_string() });
            }
        }
    }
}

/// "You are ARGOS", "Argus answers": the letters tell, whatever their case.
fn spelled_otherwise(case: &Case<'_>, persona: Word, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let name = persona.text(text).to_lowercase();
    let slipped = case.words.all().iter().find(|word| {
        let named = is_name(text, **word) || is_shouted(text, **word);
        let other = || word.lower(text);
        word.start != persona.start && named && other() != name && differs_by_a_slip(&name, &other())
    });
    if let Some(word) = slipped {
        let message =
            format!("`{}` is `{}` with a slip, or somebody else", word.text(text), persona.text(text));
        let write = format!("write `{}` everywhere", persona.text(text));
        sink.report(word.span(), message, write).related.push(persona.span());
    }
}

/// "You are Merle", "Nora never names a price": a rule for somebody of whom nothing else is said.
fn under_another_name(case: &Case<'_>, persona: Word, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let (name, own) = (persona.text(text), case.unit_at(persona.span()));
    let ruled = |unit: usize| {
        let words = case.words_of(unit);
        let [first, how, verb, ..] = words else { return None };
        let firm = matches!(&*how.lower(text), "never" | "always");
        let does = verb.lower(text).ends_with('s') && !verb.is_punctuation();
        let other = first.text(text);
        let rule = case.labels[unit].component == Some(Component::Constraints);
        (rule
            && firm
            && does
            && is_name(text, *first)
            && !other.ends_with('s')
            && !differs_by_a_slip(name, other))
        .then_some(*first)
    };
    let Some(other) = case.demands().filter(|unit| *unit != own).find_map(ruled) else { return };
    let said = |word: &&Word| word.lower(text) == other.lower(text);
    if case.words.all().iter().filter(said).count() == 1 {
        let message = format!("`{}` is `{name}` elsewhere", other.text(text));
        sink.report(other.span(), message, "keep one name").related.push(persona.span());
    }
}

/// "The bot is called Finn", "introduce yourself as Nora".
fn two_names(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let names = persona::names(case);
    let Some(first) = names.first() else { return };
    // A title or a family name may stand beside the first name, and a slip is told as one.
    let other = names.iter().find(|name| {
        let beside = case.unit_at(name.span()) == case.unit_at(first.span());
        let (one, two) = (first.text(text), name.text(text));
        !beside
            && one != two
            && is_name(text, **name)
            && is_name(text, *first)
            && !differs_by_a_slip(one, two)
    });
    if let Some(name) = other {
        let message = format!("`{}` is `{}` elsewhere", name.text(text), first.text(text));
        sink.report(name.span(), message, "keep one name").related.push(first.span());
    }
}

/// "Mr. Odell", "Mr. Odel": one person with two spellings, whoever it is.
fn two_spellings_with_title(case: &Case<'_>, sink: &mut Sink<'_>) {
    const TITLES: [&str; 8] = ["mr", "mrs", "ms", "miss", "dr", "herr", "frau", "captain"];
    let text = case.source.text();
    let words = case.words.all();
    let mut known: Vec<(std::borrow::Cow<'_, str>, Word)> = Vec::new();
    for at in 0..words.len() {
        if known.len() >= MOST || !TITLES.contains(&&*words[at].lower(text)) {
            continue;
        }
        let title = words[at].lower(text);
        let behind = words[at + 1..].iter().find(|word| word.text(text) != ".");
        let Some(name) = behind.filter(|word| is_name(text, **word)) else { continue };
        let shown = name.text(text);
        let slip = |(other, word): &&(_, Word)| {
            *other == title && word.text(text) != shown && differs_by_a_slip(word.text(text), shown)
        };
        if let Some((_, first)) = known.iter().find(slip) {
            let message = format!("`{shown}` is `{}` with a slip, or somebody else", first.text(text));
            let write = format!("write `{}` everywhere", first.text(text));
            sink.report(name.span(), message, write).related.push(first.span());
            return;
        }
        known.push((title, *name));
    }
}

/// How many people with a title are kept in mind.
const MOST: usize = 64;

/// "Ott" for "Otto": the persona's name without its last letter.
fn is_cut_short(text: &str, word: Word, name: &str) -> bool {
    let shown = word.text(text);
    shown.len() == 3 && name.len() == 4 && name.starts_with(shown) && word.flags() == 0
}

/// A capitalised word of four letters or more that no lexicon knows.
fn is_name(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    let mut chars = shown.chars();
    chars.next().is_some_and(char::is_uppercase)
        && shown.chars().count() >= 4
        && chars.all(char::is_lowercase)
        && word.flags() == 0
}

/// A word in capitals, of five letters or more, that no lexicon knows: `ARGOS`.
fn is_shouted(text: &str, word: Word) -> bool {
    let shown = word.text(text);
    shown.chars().count() >= 5 && shown.chars().all(char::is_uppercase) && word.flags() == 0
}

/// One letter more, less, other, or two neighbours swapped.
fn differs_by_a_slip(one: &str, two: &str) -> bool {
    let (one, two): (Vec<char>, Vec<char>) = (one.chars().collect(), two.chars().collect());
    if is_another_form(&one, &two) {
        return true;
    }
    if one[0] != two[0] || one.len().abs_diff(two.len()) > 1 {
        return false;
    }
    let same_head = one.iter().zip(&two).take_while(|(a, b)| a == b).count();
    let same_tail = one.iter().rev().zip(two.iter().rev()).take_while(|(a, b)| a == b).count();
    let (shorter, longer) = (one.len().min(two.len()), one.len().max(two.len()));
    let plural = longer == shorter + 1 && (one.last() == Some(&'s')) != (two.last() == Some(&'s'));
    let swapped = one.len() == two.len()
        && same_head + same_tail + 2 == one.len()
        && one[same_head] == two[same_head + 1]
        && one[same_head + 1] == two[same_head];
    !plural && (same_head + same_tail + 1 >= longer || swapped)
}

/// "Bodil" and "Bodhild": two letters put in, the others in order.
fn is_another_form(one: &[char], two: &[char]) -> bool {
    let (short, long) = if one.len() < two.len() { (one, two) } else { (two, one) };
    let mut left = long.iter();
    let in_order = short.iter().all(|letter| left.any(|other| other == letter));
    short.len() >= 5 && long.len() == short.len() + 2 && short[..3] == long[..3] && in_order
}
