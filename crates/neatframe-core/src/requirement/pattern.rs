//! The written form of codes, numbers and names: "like LF-000", "three capital letters and four digits".

use super::{Demand, Measure, Requirement, Sight, words::quotations};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::span::Span;
use crate::units::UnitKind;
use crate::words::Word;
use std::borrow::Cow;

/// The written form of a code, sign by sign: `A` stands for a capital letter, `a` for a small one, `9` for a digit, and
/// every other sign for itself.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Pattern {
    /// What carries the form, in lower case: `ticket number`. Empty where the rule does not say.
    pub of: String,
    /// The form, `AA-999`.
    pub shape: String,
    /// The letters with which every such code begins, where the rule shows them: `LF`.
    pub head: String,
}

impl Pattern {
    /// The first code in a text that is meant for this form and written in another one.
    pub(crate) fn broken_in<'a>(&self, text: &'a str) -> Option<(usize, &'a str)> {
        if self.head.len() < 2 {
            return None;
        }
        let joined = |c: char| c.is_alphanumeric() || matches!(c, '-' | '_' | '/' | '.');
        let mut from = 0;
        while let Some(at) = find_ignoring_case(&text[from..], &self.head).map(|at| from + at) {
            let free = !text[..at].chars().next_back().is_some_and(joined);
            let rest = &text[at..];
            let length = rest.find(|c: char| !joined(c)).unwrap_or(rest.len());
            let code = rest[..length].trim_end_matches(['.', '-', '/']);
            let tail = code.get(self.head.len()..).unwrap_or("");
            // `LF` alone is the line's name, and `LFT` another word.
            let is_code = tail.chars().any(|c| c.is_ascii_digit()) && !tail.starts_with(char::is_alphabetic);
            if free && is_code && shape(code) != self.shape {
                return Some((at, code));
            }
            from = at + length.max(1);
        }
        None
    }

    /// True when a whole value has the form.
    pub(crate) fn fits(&self, value: &str) -> bool {
        shape(value.trim()) == self.shape
    }
}

fn find_ignoring_case(text: &str, head: &str) -> Option<usize> {
    let (text, head) = (text.as_bytes(), head.as_bytes());
    text.windows(head.len()).position(|window| window.eq_ignore_ascii_case(head))
}

/// The form of a code.
pub(crate) fn shape(code: &str) -> String {
    code.chars()
        .map(|c| match c {
            _ if c.is_ascii_digit() => '9',
            _ if c.is_uppercase() => 'A',
            _ if c.is_lowercase() => 'a',
            _ => c,
        })
        .collect()
}

/// Words that say that a form follows.
const SIGNS: [&str; 12] = [
    "named", "called", "run from", "start at", "in the form", "of the form", "the form", "the pattern",
    "in the format", "written as", "written like", "look like",
];

/// Reads the forms that sentences set for codes. A form is a rule even where its sentence reads like a fact.
pub(super) fn read(sight: &Sight<'_>, found: &mut Vec<Requirement>) {
    let text = sight.source.text();
    for (unit, label) in sight.labels.iter().enumerate() {
        let prose = !matches!(sight.units[unit].kind, UnitKind::Mark | UnitKind::Code | UnitKind::Turn);
        if label.component == Some(Component::Examples) || !prose {
            continue;
        }
        let span = sight.units[unit].text;
        let body = &text[span.range()];
        let told = ["amed `", "alled `", "orm", "attern", "ritten", "ook like", "run from", "start at"]
            .iter()
            .any(|part| memchr::memmem::find(body.as_bytes(), part.as_bytes()).is_some());
        let shown =
            SIGNS.iter().filter(|_| told).find_map(|sign| body.find(sign).map(|at| (at, at + sign.len())));
        let shown = shown.and_then(|(at, end)| shown_form(text, span, span.start() + at, span.start() + end));
        let words = sight.words.within(span);
        let Some(pattern) = shown.or_else(|| told_form(text, words)) else { continue };
        // "Two capital letters" is no length of the reply.
        let signs = ["letters", "digits", "figures", "characters"];
        let length = |rule: &Requirement| matches!(&rule.demand, Demand::Amount { measure: Measure::Items(of), .. } if signs.contains(of));
        found.retain(|rule| rule.unit != unit || !length(rule));
        let conditional = super::is_exception(text, words);
        found.push(Requirement::on_reply(unit, span, Demand::Pattern(pattern), conditional));
    }
}

/// "Ticket numbers have the form `LF-000`": the code as it is shown.
fn shown_form(text: &str, unit: Span, sign: usize, from: usize) -> Option<Pattern> {
    let rest = Span::new(from, unit.end());
    let quoted = quotations(text, rest).into_iter().next().map(|(_, words)| words);
    let code = match quoted {
        Some(quoted) => quoted,
        None => text[rest.range()]
            .split_whitespace()
            .next()?
            .trim_end_matches(['.', ',', ';', ':'])
            .trim_matches('`')
            .to_string(),
    };
    let of = named_before(&text[unit.start()..sign]);
    if let Some((head, shape)) = with_signs(&code) {
        return Some(Pattern { of, shape, head });
    }
    let letters: String = code.chars().take_while(char::is_ascii_uppercase).collect();
    let tail = &code[letters.len()..];
    // Letters stand for themselves only where digits follow; `XX-000` and `NN` name kinds of signs.
    let of_signs = letters.chars().all(|c| matches!(c, 'X' | 'N' | 'A' | 'Y' | 'M' | 'D'));
    let digits: usize = tail.chars().filter(|c| c.is_ascii_digit() || matches!(c, 'N' | 'X' | '#')).count();
    let plain =
        tail.chars().all(|c| c.is_ascii_digit() || matches!(c, '-' | '_' | '/' | '.' | 'N' | 'X' | '#'));
    // `T-000`: one letter is a head only with its sign.
    let single = letters.len() == 1 && tail.starts_with(['-', '_', '/']) && digits >= 2;
    if (of_signs || letters.len() < 2) && !single || digits == 0 || !plain || code.len() > 20 {
        return None;
    }
    let tail: String = tail.chars().map(|c| if matches!(c, 'N' | 'X' | '#') { '0' } else { c }).collect();
    let whole = shape(&format!("{letters}{tail}"));
    let head = if single { format!("{letters}{}", &tail[..1]) } else { letters };
    Some(Pattern { of, shape: whole, head })
}

/// What carries the form: "all ticket numbers have" gives "ticket numbers".
fn named_before(text: &str) -> String {
    let of = text.trim().to_lowercase();
    let verbs = [" have", " has", " are", " is", " must", " should"];
    let of = verbs.iter().filter_map(|verb| of.find(verb)).min().map_or(of.as_str(), |at| &of[..at]);
    let of = ["all ", "every ", "each ", "the ", "a ", "write "]
        .iter()
        .fold(of, |of, lead| of.trim_start_matches(lead));
    of.to_string()
}

/// `log-YYYY-MM-DD.txt`: a name with signs for the parts of a date or a number, as its fixed head and its shape.
fn with_signs(code: &str) -> Option<(String, String)> {
    const PARTS: [&str; 12] = ["YYYY", "YY", "MM", "DD", "HH", "NNNN", "NNN", "NN", "###", "##", "000", "00"];
    let head: String = code.chars().take_while(char::is_ascii_lowercase).collect();
    let mut rest = &code[head.len()..];
    let mut shown = head.clone();
    let mut signs = 0;
    while let Some(first) = rest.chars().next() {
        let sign = PARTS.into_iter().find(|sign| rest.starts_with(sign));
        match sign {
            Some(sign) => shown.extend(std::iter::repeat_n('9', sign.len())),
            None => shown.push(first),
        }
        signs += usize::from(sign.is_some());
        rest = &rest[sign.map_or(first.len_utf8(), str::len)..];
    }
    let plain = code.chars().all(|c| c.is_ascii_alphanumeric() || matches!(c, '-' | '_' | '.' | '#'));
    (head.len() >= 3 && signs >= 1 && plain && code.len() <= 40).then(|| (head, shape(&shown)))
}

/// "A parcel number has two capital letters and four digits": the form as it is told.
fn told_form(text: &str, words: &[Word]) -> Option<Pattern> {
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let count = |at: usize| {
        let word = words.get(at)?;
        let value = vocabulary::number_value(word.id).or_else(|| word.text(text).parse().ok())?;
        (1..=12).contains(&value).then_some(value as usize)
    };
    let begin = (0..words.len()).find(|&at| count(at).is_some() && run(&lower, at + 1).is_some())?;
    let (mut shape, mut at) = (String::new(), begin);
    while let Some((times, (sign, next))) = count(at).zip(run(&lower, at + 1)) {
        shape.extend(std::iter::repeat_n(sign, times));
        at = next;
        while matches!(&*lower(at), "," | "and" | "then" | "followed" | "by" | "a" | "plus") {
            at += 1;
        }
        let between = match &*lower(at) {
            "hyphen" | "dash" => '-',
            "slash" => '/',
            "space" | "blank" => ' ',
            "dot" => '.',
            _ => continue,
        };
        shape.push(between);
        at += 1;
        while matches!(&*lower(at), "," | "and" | "then") {
            at += 1;
        }
    }
    // One run of digits alone is as often a count.
    let mixed = shape.contains('9') && shape.contains(['A', 'a']);
    let of = words[..begin]
        .iter()
        .take_while(|word| !["has", "have", "is", "are", "consists", "consist"].contains(&word.text(text)))
        .map(|word| word.lower(text))
        .filter(|word| !["a", "an", "the", "every", "each", "all"].contains(&&**word))
        .collect::<Vec<_>>()
        .join(" ");
    (mixed && !of.is_empty()).then_some(Pattern { of, shape, head: String::new() })
}

/// "Capital letters", "digits": the sign that they stand for, and the place behind them.
fn run<'a>(lower: &dyn Fn(usize) -> Cow<'a, str>, at: usize) -> Option<(char, usize)> {
    let plain = |word: &str| match word {
        "digits" | "digit" | "figures" | "figure" | "numbers" => Some('9'),
        "capitals" => Some('A'),
        _ => None,
    };
    if let Some(sign) = plain(&lower(at)) {
        return Some((sign, at + 1));
    }
    let case = match &*lower(at) {
        "capital" | "uppercase" => 'A',
        "small" | "lowercase" => 'a',
        _ => return None,
    };
    lower(at + 1).starts_with("letter").then_some((case, at + 2))
}
