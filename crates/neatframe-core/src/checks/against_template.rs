//! Rules that the template of the answer breaks: "no bullets", and a form of bullets; "three bullets", and five of them.

use super::{Case, Sink};
use crate::component::Component;
use crate::likeness::stem;
use crate::outline::PieceKind;
use crate::record;
use crate::requirement::{Demand, Measure, Requirement, Subject};
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::HashSet;

/// What a template is made of.
#[derive(Clone, Copy, PartialEq)]
enum Kind {
    Json,
    Table,
    Bullets,
    Labels,
    Headings,
}

/// A template of the answer.
struct Template {
    kind: Kind,
    place: Span,
    /// The names of its lines, fields or columns, in small letters.
    names: Vec<String>,
    /// How many bullets, lines or headings it has.
    count: usize,
    /// True where a name stands in bold.
    bold: bool,
    /// True where all names are in capitals.
    loud: bool,
}

/// Words of a line that leads to a template.
const LEADS: [&str; 7] = ["form", "format", "template", "output", "structure", "layout", "like this"];
/// How many templates and rules are looked at, and the most lines of one template.
const MOST: usize = 8;
const RULES: usize = 200;
const LINES: usize = 30;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let templates = templates(case);
    for template in templates.iter().take(MOST) {
        // "The columns …" is a part by its name.
        let rules = case.requirements.iter().take(RULES).filter(|rule| {
            let named = matches!(rule.demand, Demand::Fields(_));
            !rule.conditional && !template.place.overlaps(rule.span) && (rule.part.is_none() || named)
        });
        let broken = rules.clone().find(|rule| breaks(case, template, rule));
        if let Some(rule) = broken {
            report(case, sink, template, rule.span);
        }
        let named = rules.filter_map(|rule| match &rule.demand {
            Demand::Fields(fields) => {
                Some((rule, fields.iter().map(|field| plain(&field.name)).collect::<Vec<_>>()))
            }
            _ => None,
        });
        for (rule, fields) in named.take(MOST) {
            if other_fields(case, template, rule, &fields) {
                report(case, sink, template, rule.span);
            }
        }
        first_or_last(case, template, sink);
    }
}

fn report(case: &Case<'_>, sink: &mut Sink<'_>, template: &Template, rule: Span) {
    let known = sink.findings.iter().any(|finding| {
        finding.span == rule && finding.related.contains(&template.place)
            || finding.span.overlaps(template.place) && finding.related.contains(&rule)
    });
    if !known {
        sink.clash(case, rule, template.place);
    }
}

fn plain(name: &str) -> String {
    name.trim_matches(['"', '`', '*', ' ']).replace(['_', '-'], " ").to_lowercase()
}

/// The templates of the answer, in order of place.
fn templates(case: &Case<'_>) -> Vec<Template> {
    let mut found = Vec::new();
    let mut unit = 0;
    while unit < case.units.len() && found.len() < MOST {
        let led = is_led(case, unit);
        let shapes = case.labels[unit].component == Some(Component::OutputFormat);
        let body = case.text(case.units[unit].text);
        let span = case.units[unit].text;
        match case.units[unit].kind {
            UnitKind::Table if shapes => {
                let head = body.lines().next().unwrap_or("").trim_matches(['|', ' ']);
                let names: Vec<String> = head.split('|').map(plain).collect();
                found.push(Template {
                    kind: Kind::Table,
                    place: span,
                    count: names.len(),
                    names,
                    bold: false,
                    loud: false,
                });
            }
            _ if shapes && body.starts_with(['{', '[']) && body.contains("\":") => {
                let names: Vec<String> = record::keys(body).iter().map(|key| plain(key)).collect();
                found.push(Template {
                    kind: Kind::Json,
                    place: span,
                    count: names.len(),
                    names,
                    bold: false,
                    loud: false,
                });
            }
            _ if led => {
                if let Some((template, next)) = lines(case, unit) {
                    found.push(template);
                    unit = next;
                    continue;
                }
            }
            _ => {}
        }
        unit += 1;
    }
    found
}

/// True for the unit right below a line that leads to a template: "Form:", "Output", "## Format".
fn is_led(case: &Case<'_>, unit: usize) -> bool {
    let Some(above) = unit.checked_sub(1) else { return false };
    let line = case.text(case.units[above].text).trim();
    let lead = case.units[above].kind == UnitKind::Mark || line.ends_with(':');
    let lower = line.to_lowercase();
    let said = |word: &str| {
        lower.split(|c: char| !c.is_alphabetic()).any(|part| part == word)
            || word.contains(' ') && lower.contains(word)
    };
    lead && lower.split_whitespace().count() <= 10
        && LEADS.iter().any(|word| said(word))
        && !["input", "example", "sample", "rules", "not"].iter().any(|word| said(word))
        && case.labels[unit].component != Some(Component::Examples)
}

/// Lines of a template from a unit on, and the first unit behind it: all bullets, all labels, or headings with holes below them.
fn lines(case: &Case<'_>, from: usize) -> Option<(Template, usize)> {
    let text = case.source.text();
    let piece = |unit: usize| &case.outline.pieces[case.units[unit].pieces.start];
    let is_hole = |unit: usize| {
        let body = case.text(case.units[unit].text);
        body.split_whitespace().count() <= 3 || body.contains(['<', '[', '{', '…']) || body.contains("...")
    };
    let kind = match piece(from).kind {
        PieceKind::Item { ordered: false } => Kind::Bullets,
        PieceKind::Field | PieceKind::Turn | PieceKind::Label => Kind::Labels,
        PieceKind::Heading if text[piece(from).lead.range()].starts_with('#') => Kind::Headings,
        _ => return None,
    };
    let mut end = from;
    let (mut names, mut bold, mut loud) = (Vec::new(), false, true);
    while end < case.units.len() && end - from < LINES {
        let own = piece(end).kind;
        let same = match kind {
            Kind::Bullets => matches!(own, PieceKind::Item { ordered: false }),
            Kind::Labels => matches!(own, PieceKind::Field | PieceKind::Turn | PieceKind::Label),
            _ => true,
        };
        let shown = case.labels[end].component == Some(Component::Examples);
        if !same || shown || kind == Kind::Headings && own != PieceKind::Heading && !is_hole(end) {
            break;
        }
        let whole =
            case.text(case.units[end].with_lead(case.outline)).trim_start_matches(['-', '*', '•', '#', ' ']);
        let line = case.text(case.source.line_around(case.units[end].text.start()));
        let named = whole.split(':').next().unwrap_or(whole);
        if kind != Kind::Headings || own == PieceKind::Heading {
            bold |= line.contains("**");
            let name = plain(named);
            loud &= named.len() > 1 && !named.contains(char::is_lowercase);
            names.push(name);
        }
        end += 1;
    }
    // Sentences below "Output:" are rules.
    let short = (from..end).filter(|&unit| is_hole(unit)).count() * 2 >= end - from;
    let count = names.len();
    let place = case.units[from].with_lead(case.outline).cover(case.units[end.checked_sub(1)?].text);
    (count >= 2 && (short || kind == Kind::Labels))
        .then_some((Template { kind, place, names, count, bold, loud }, end))
}

/// True where an answer that keeps the rule cannot have the form of the template.
fn breaks(case: &Case<'_>, template: &Template, rule: &Requirement) -> bool {
    use Kind::{Bullets, Headings, Json, Labels, Table};
    match &rule.demand {
        Demand::Manner { axis, pole } => match (*axis, *pole) {
            ("layout", "no bullets") => template.kind == Bullets,
            ("headings", "no headings") => template.kind == Headings,
            ("tables", "no tables") => template.kind == Table,
            ("markup", "no Markdown") => template.kind == Headings || template.bold,
            ("data format" | "form", "CSV" | "XML" | "YAML") => matches!(template.kind, Json | Table),
            ("data format", "JSON") => template.kind == Table,
            ("form", "a letter or prose") => matches!(template.kind, Json | Table),
            ("tables", "tables" | "a table") => template.kind == Json && answers(case, rule.unit),
            ("letter case", "lower case") => template.kind == Labels && template.loud,
            _ => false,
        },
        Demand::Amount { measure: Measure::Items(things), bound } => {
            let counted = match template.kind {
                Bullets => matches!(*things, "bullets" | "points" | "items"),
                Headings => matches!(*things, "headings" | "sections" | "parts"),
                Table => *things == "columns",
                _ => false,
            };
            counted && rule.subject == Subject::Reply && !bound.about && !bound.holds(template.count)
        }
        Demand::Amount { measure: Measure::Sentences, bound } => {
            let lines = matches!(template.kind, Bullets | Labels);
            lines
                && rule.subject == Subject::Reply
                && bound.most == Some(1)
                && template.count >= 3
                && answers(case, rule.unit)
        }
        _ => false,
    }
}

/// "Answer with a table": the sentence orders the answer itself.
fn answers(case: &Case<'_>, unit: usize) -> bool {
    const ORDERS: [&str; 10] =
        ["answer", "reply", "respond", "return", "output", "write", "give", "present", "format", "keep"];
    let first = case.words_of(unit).first().map(|word| word.lower(case.source.text()).into_owned());
    first.is_some_and(|word| ORDERS.contains(&&*word))
}

/// "The keys boat and pier", and a template with others.
fn other_fields(case: &Case<'_>, template: &Template, rule: &Requirement, fields: &[String]) -> bool {
    let named = matches!(template.kind, Kind::Json | Kind::Table);
    let own: HashSet<&str> = template.names.iter().map(String::as_str).collect();
    let asked: HashSet<&str> = fields.iter().map(String::as_str).collect();
    let common = own.intersection(&asked).count();
    // A record within a record has keys of its own.
    let flat = case.text(template.place).matches('{').count() <= 1;
    let words = case.text(case.units[rule.unit].text);
    let in_words = words.contains("keys") || words.contains("columns") || words.contains("fields");
    let kind = if template.kind == Kind::Table { "column" } else { "key" };
    let of_kind = words.contains(kind) || words.contains("field");
    named
        && flat
        && in_words
        && of_kind
        && common >= 1
        && (common * 2 >= asked.len().min(own.len())
            || template.kind == Kind::Table && asked.len() != own.len())
        && own != asked
        && asked.len() >= 2
}

/// "Begin with the pier", "put the pier last", where the template has another line there.
fn first_or_last(case: &Case<'_>, template: &Template, sink: &mut Sink<'_>) {
    if !matches!(template.kind, Kind::Labels | Kind::Bullets | Kind::Headings) {
        return;
    }
    let text = case.source.text();
    let stems: Vec<u32> = template.names.iter().map(|name| stem(name)).collect();
    for unit in case.demands().take(RULES) {
        let words = case.words_of(unit);
        if template.place.overlaps(case.units[unit].text) || words.len() > SHORT {
            continue;
        }
        let lower: Vec<_> = words.iter().map(|word| word.lower(text)).collect();
        let lower: Vec<&str> = lower.iter().map(|word| &**word).collect();
        let (last, noun) = match lower.as_slice() {
            ["begin" | "start" | "open" | "lead", "with" | "by", "the", noun]
            | ["begin" | "start" | "open" | "lead", "with", "the", noun, "."] => (false, noun),
            ["end" | "finish" | "close" | "conclude", "with", "the", noun]
            | ["end" | "finish" | "close" | "conclude", "with", "the", noun, "."] => (true, noun),
            ["put" | "name" | "give", "the", noun, "first", ..] => (false, noun),
            ["put" | "name" | "give", "the", noun, "last", ..] => (true, noun),
            _ => continue,
        };
        let Some(at) = stems.iter().position(|name| *name == stem(noun)) else { continue };
        let there = if last { at + 1 == stems.len() } else { at == 0 };
        if !there {
            report(case, sink, template, case.units[unit].text);
        }
    }
}

/// Words from which a sentence says more than what stands first.
const SHORT: usize = 8;
