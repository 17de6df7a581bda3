//! Sample records, in whatever form, held against what the prompt says of their fields.

use super::sample_breaks_rule::report;
use super::{Case, Sink, row_order};
use crate::component::Component;
use crate::likeness::stem;
use crate::requirement::{Demand, Measure, Requirement, Subject, of_unit};
use crate::samples::form::offered;
use crate::samples::records::{Cell, Record, read};
use crate::span::Span;
use crate::trial;
use crate::units::UnitKind;
use std::collections::HashSet;

/// What a sentence says of one field.
enum Rule {
    OneOf(Vec<String>),
    /// A number between two others, both included.
    Range(f64, f64),
    Lower,
    Upper,
    /// A number and nothing beside it.
    Bare,
    /// A number, in figures.
    Figure,
    /// Two digits for the hour and two for the minute.
    Clock,
    /// A number with so many decimals.
    Decimals(usize),
    /// Something else that a text can be held against.
    Stated(Requirement),
}

impl Rule {
    /// True for two rules of one kind.
    fn is_like(&self, other: &Rule) -> bool {
        match (self, other) {
            (Rule::Stated(one), Rule::Stated(two)) => one.demand.id() == two.demand.id(),
            _ => std::mem::discriminant(self) == std::mem::discriminant(other),
        }
    }
}

/// A rule on the field of a name.
struct FieldRule {
    name: String,
    rule: Rule,
    span: Span,
}

/// Words from which a sentence says more than one thing; how many rules, names of fields and units are looked at.
const LONG: usize = 24;
const RULES: usize = 48;
const NAMES: usize = 64;
const UNITS: usize = 4_000;

/// Reports the first field of a record that breaks a rule on it; what another reading found is not told again.
pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let records = read(case);
    if records.is_empty() {
        return;
    }
    let names: HashSet<&str> =
        records.iter().flat_map(|record| &record.cells).map(|cell| cell.name.as_str()).collect();
    let mut names: Vec<&str> = names.into_iter().filter(|name| name.len() > 2).collect();
    names.sort_unstable();
    names.truncate(NAMES);
    let rules = rules(case, &names);
    let known: Vec<Span> = sink.findings.iter().map(|finding| finding.span).collect();
    for record in &records {
        let odd = record.cells.iter().find_map(|cell| {
            let own = || rules.iter().filter(|rule| rule.name == cell.name || rule.name.is_empty());
            // Of two rules that clash a sample can keep one only.
            let kept = |rule: &FieldRule| {
                let mut alike = own().filter(|other| other.rule.is_like(&rule.rule));
                alike.any(|other| broken(case, other, cell).is_none())
            };
            let odd = own().find_map(|rule| Some((broken(case, rule, cell)?, rule)));
            let (what, span) = odd.filter(|(_, rule)| !kept(rule)).map(|(what, rule)| (what, rule.span))?;
            let fresh = !known.iter().any(|place| place.overlaps(cell.value) || place.contains(cell.value));
            fresh.then_some((cell.value, what, span))
        });
        if let Some((place, what, rule)) = odd {
            report(case, sink, place, what, rule);
        }
    }
    gaps(case, &records, &known, sink);
    row_order::run(case, &records, &names, sink);
}

/// What the demands say of the fields with these names.
fn rules(case: &Case<'_>, names: &[&str]) -> Vec<FieldRule> {
    let mut found = Vec::new();
    for unit in 0..case.units.len().min(UNITS) {
        let shape = matches!(case.units[unit].kind, UnitKind::Code | UnitKind::Table | UnitKind::Mark);
        if shape
            || matches!(case.labels[unit].component, None | Some(Component::Examples))
            || case.words_of(unit).len() > LONG
            || found.len() >= RULES
        {
            continue;
        }
        let whole = case.units[unit].with_lead(case.outline);
        // "Return room and priority; priority is low, medium or high": the clause that names one field.
        let clause = || {
            let (head, tail) = case.text(whole).split_once("; ").filter(|(_, tail)| !tail.contains(';'))?;
            Some(Span::new(whole.start() + head.len() + 2, whole.start() + head.len() + 2 + tail.len()))
        };
        let named = only_name(case, whole, names).map(|name| (whole, name)).or_else(|| {
            let clause = clause()?;
            Some((clause, only_name(case, clause, names)?))
        });
        let Some((whole, name)) = named else {
            of_any(case, unit, &mut found);
            continue;
        };
        let body = case.text(whole).trim_start_matches(['-', '*', '•', ' ']);
        let lower = body.to_lowercase();
        // "If the deadline is open, write …" says nothing of a deadline that is there.
        if CONDITIONS.iter().any(|word| lower.contains(word)) {
            continue;
        }
        let mut push =
            |rule: Rule| found.push(FieldRule { name: name.to_string(), rule, span: case.units[unit].text });
        if let Some(choices) = choices(body, name) {
            push(Rule::OneOf(choices));
        } else if let Some((low, high)) = scale(&lower) {
            push(Rule::Range(low, high));
        }
        if lower.contains("lower case") || lower.contains("lowercase") || lower.contains("small letters") {
            push(Rule::Lower);
        } else if ["upper case", "uppercase", "capital letters", "in capitals", "all caps"]
            .iter()
            .any(|words| lower.contains(words))
        {
            push(Rule::Upper);
        }
        if body.contains("HH:MM") {
            push(Rule::Clock);
        }
        if lower.contains(" is a number") || lower.contains(" as a number") || lower.ends_with(": a number") {
            push(Rule::Figure);
        }
        if BARE.iter().any(|words| lower.contains(words)) {
            push(Rule::Bare);
        }
        if let Some(count) = decimals(&lower) {
            push(Rule::Decimals(count));
        }
        let stated = of_unit(case.requirements, unit).filter(|rule| !rule.conditional);
        for rule in stated.filter(|rule| is_held(rule)) {
            push(Rule::Stated(Requirement { subject: Subject::Reply, ..rule.clone() }));
        }
    }
    found
}

/// "Write dates as YYYY-MM-DD": of whichever field a date stands in.
fn of_any(case: &Case<'_>, unit: usize, found: &mut Vec<FieldRule>) {
    let dated = |rule: &&Requirement| {
        let known = matches!(rule.demand, Demand::DateForm(_) | Demand::Manner { axis: "clock", .. });
        !rule.conditional && known && rule.subject == Subject::Reply
    };
    if let Some(rule) = of_unit(case.requirements, unit).find(dated) {
        let span = case.units[unit].text;
        found.push(FieldRule { name: String::new(), rule: Rule::Stated(rule.clone()), span });
    }
}

/// Words of a condition, or of another way out.
const CONDITIONS: [&str; 9] =
    ["if ", "unless", "except", "when ", "where ", "otherwise", "sort", "order ", "example"];

/// How a prompt asks for a number without its unit.
const BARE: [&str; 6] =
    ["bare number", "plain number", "number only", "number alone", "only the number", "a number without"];

fn is_held(rule: &Requirement) -> bool {
    match &rule.demand {
        Demand::DateForm(_) => true,
        Demand::Amount { measure, bound } => {
            matches!(measure, Measure::Words | Measure::Characters | Measure::Sentences)
                && !bound.about
                && bound.most.is_some()
        }
        _ => false,
    }
}

/// The one field that a place names; "clause number" is named before "clause".
pub(super) fn only_name<'a>(case: &Case<'_>, place: Span, names: &[&'a str]) -> Option<&'a str> {
    let text = case.source.text();
    let words: Vec<u32> = case.words.within(place).iter().map(|word| stem(&word.lower(text))).collect();
    let parts = |name: &str| -> Vec<u32> { name.split(' ').map(stem).collect() };
    let named = |name: &&&str| {
        let parts = parts(name);
        words.windows(parts.len().max(1)).any(|run| run == parts)
    };
    let found: Vec<&&str> = names.iter().filter(named).collect();
    let longest = found.iter().max_by_key(|name| name.len())?;
    found.iter().all(|name| longest.contains(**name)).then_some(**longest)
}

/// "The party column holds "tenant" or "landlord"", "use only low, mid or high in the risk column".
fn choices(body: &str, name: &str) -> Option<Vec<String>> {
    let lower = body.to_lowercase();
    // Places in small letters are those of the text only where nothing changed its length.
    if lower.len() != body.len() {
        return None;
    }
    let at = lower.find(name.split(' ').next_back()?)?;
    const ONLY: [&str; 5] = ["use only ", "use one of ", "write only ", "allow only ", "only "];
    let list = if ONLY.iter().any(|lead| lower.starts_with(lead)) {
        let lead = lower.find("only ").or_else(|| lower.find("one of "))?;
        let ends = [" in the ", " for the ", " for ", " as the ", " as "];
        let end = ends.iter().find_map(|sign| lower.find(sign))?;
        body.get(lead..end)?.trim_start_matches("only ").trim_start_matches("one of ")
    } else {
        let signs = [
            " column holds ", " column is ", " column contains ", " column has ", " field holds ",
            " field is ", " holds ", " contains ", " must be ", " can be ", " is always ", " is ", " are ",
            ": ", " = ", " may be ",
        ];
        let (from, sign) = signs
            .iter()
            .filter_map(|sign| Some((lower[at..].find(sign)?, sign)))
            .min_by_key(|(from, sign)| (*from, std::cmp::Reverse(sign.len())))?;
        body.get(at + from + sign.len()..)?
    };
    let list = list.split(['.', ';', '\n']).next()?.trim_start_matches("only ");
    let (names, firm) = offered(list)?;
    // "The party is tenant, landlord or agent".
    (firm || names.len() >= 3).then_some(names)
}

/// "From 1 to 5", "(1-5)", "between 0 and 1".
fn scale(lower: &str) -> Option<(f64, f64)> {
    let signs = [
        ("from ", " to "),
        ("between ", " and "),
        ("(", "-"),
        ("(", " to "),
        ("(", "–"),
        (": ", "-"),
        (": ", " to "),
        ("scale of ", " to "),
        ("number ", "-"),
    ];
    signs.iter().find_map(|(lead, sign)| {
        let rest = lower.split_once(lead)?.1;
        let (low, high) = rest.split_once(sign)?;
        let end = high.find(|c: char| !c.is_ascii_digit()).unwrap_or(high.len());
        let after = high[end..].trim_start_matches([')', ' ']);
        let ends = after.is_empty()
            || after.starts_with([',', '.', ';', '('])
            || lead.len() > 2 && (after.starts_with("wh") || after.starts_with("with "));
        let (low, high): (f64, f64) = (low.trim().parse().ok()?, high[..end].parse().ok()?);
        (ends && low < high && high <= 100.0).then_some((low, high))
    })
}

/// "With two decimals", "to 2 decimal places".
fn decimals(lower: &str) -> Option<usize> {
    let (before, _) = lower.split_once(" decimal")?;
    match before.rsplit(' ').next()? {
        "one" | "1" => Some(1),
        "two" | "2" => Some(2),
        "three" | "3" => Some(3),
        _ => None,
    }
}

/// What is wrong with a value.
fn broken(case: &Case<'_>, rule: &FieldRule, cell: &Cell) -> Option<String> {
    let value = case.text(cell.value).trim();
    let hole = value.is_empty() || value.contains(['{', '<', '[', '…']) || value.contains("...");
    if hole || trial::is_nothing(value) {
        return None;
    }
    match &rule.rule {
        Rule::OneOf(names) => {
            let short = value.split_whitespace().count() <= 2
                && value.chars().all(|c| c.is_alphanumeric() || " _-".contains(c));
            let known = names.iter().any(|name| name.eq_ignore_ascii_case(value));
            (short && !known).then(|| format!("`{value}` is none of {}", names.join(", ")))
        }
        Rule::Range(low, high) => {
            let shown = value.trim_end_matches('%');
            match shown.parse::<f64>() {
                Ok(number) => (!(*low..=*high).contains(&number))
                    .then(|| format!("`{value}` is not between {low} and {high}")),
                Err(_) => {
                    let word = value.chars().all(char::is_alphabetic);
                    word.then(|| format!("`{value}` is no number from {low} to {high}"))
                }
            }
        }
        Rule::Decimals(count) => {
            let shown = value.split_once('.').filter(|_| value.parse::<f64>().is_ok());
            let (_, behind) = shown.filter(|(_, behind)| behind.len() != *count)?;
            Some(format!("`{value}` has {} decimals, not {count}", behind.len()))
        }
        Rule::Bare => {
            let figure = value.starts_with(|c: char| c.is_ascii_digit()) && value.contains(' ');
            (figure && value.contains(char::is_alphabetic)).then(|| format!("`{value}` is no bare number"))
        }
        Rule::Clock => {
            let (hour, minute) = value.split_once(':')?;
            let digits = |part: &str, most: usize| {
                (1..=most).contains(&part.len()) && part.bytes().all(|b| b.is_ascii_digit())
            };
            let short = digits(hour, 1) && digits(minute, 2);
            short.then(|| format!("`{value}` is not written as HH:MM"))
        }
        Rule::Figure => {
            let worded = value.chars().all(|c| c.is_alphabetic() || c == ' ') && !value.is_empty();
            worded.then(|| format!("`{value}` is no number"))
        }
        Rule::Lower => value.contains(char::is_uppercase).then(|| format!("`{value}` is not in lower case")),
        Rule::Upper => value.contains(char::is_lowercase).then(|| format!("`{value}` is not in capitals")),
        Rule::Stated(rule) => match &rule.demand {
            Demand::Manner { .. } => {
                trial::breach(case.source.text(), rule, cell.value, false).map(|breach| breach.what)
            }
            Demand::DateForm(form) => {
                let breach =
                    trial::breach(case.source.text(), rule, cell.value, false).map(|breach| breach.what);
                breach.or_else(|| is_ordinal_day(value).then(|| format!("`{value}` is not {form}")))
            }
            _ => {
                let Demand::Amount { measure, bound } = &rule.demand else { return None };
                let count = trial::count(value, measure)?;
                (count > bound.most? as usize)
                    .then(|| format!("`{}` has {count} {}", case.shown(cell.value), measure.id()))
            }
        },
    }
}

/// "3rd of May".
fn is_ordinal_day(value: &str) -> bool {
    let digits = value.len() - value.trim_start_matches(|c: char| c.is_ascii_digit()).len();
    (1..=2).contains(&digits) && ["st", "nd", "rd", "th"].iter().any(|end| value[digits..].starts_with(end))
}

/// An empty cell where the prompt has a word for it, and the other way round.
fn gaps(case: &Case<'_>, records: &[Record], known: &[Span], sink: &mut Sink<'_>) {
    let gap = |rule: &Requirement| match &rule.demand {
        Demand::Gap { of, way } => Some((of.clone(), way.value()?.to_string(), rule.span)),
        _ => None,
    };
    let rules: Vec<(String, String, Span)> = case.requirements.iter().filter_map(gap).take(RULES).collect();
    let [(of, asked, span)] = rules.as_slice() else { return };
    let general = of.is_empty() || ["cell", "value", "field", "column"].iter().any(|word| of.contains(word));
    for cell in records.iter().filter(|record| record.row).flat_map(|record| &record.cells) {
        let own = of.split(' ').any(|word| word.len() > 2 && cell.name.contains(word));
        let value = case.text(cell.value).trim();
        let other = match (asked.as_str(), value) {
            ("left out", _) => false,
            ("empty", value) => value.len() > 1 && trial::is_nothing(value),
            (asked, value) => {
                value.is_empty()
                    || value.len() > 1 && trial::is_nothing(value) && !value.eq_ignore_ascii_case(asked)
            }
        };
        if other && (own || general) && !known.iter().any(|place| place.overlaps(cell.value)) {
            let what = match value {
                "" => "an empty cell stands for what is missing".to_string(),
                value => format!("`{value}` stands for what is missing in a sample"),
            };
            report(case, sink, cell.value, what, *span);
            return;
        }
    }
}
