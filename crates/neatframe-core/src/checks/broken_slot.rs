//! Slots whose braces do not match: `{{name}`, `{name}}`, `{{name` with no end.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Severity};
use crate::slots::{Syntax, usual};
use crate::span::Span;
use crate::units::UnitKind;

/// A slot that is opened one way and closed another, or not at all.
pub(super) struct BrokenSlot;

static BROKEN: Meta = Meta {
    id: "broken-slot",
    family: Family::Slot,
    severity: Severity::Error,
    summary: "a slot whose braces do not match",
    write: "As many braces behind the name as before it.",
    on: true,
    english: false,
    why: "The program that fills the prompt does not know it for a slot, and sends it as it stands.",
    bad: &[
        "Write a notice about {{topic} for the quay.\n\n{{facts}}",
        "Write a notice about {topic}} for the quay.\n\n{{facts}}",
        "Write a notice about {{topic for the quay.",
        "Write a notice about {{topic]] for the quay.",
    ],
    good: &[
        "Write a notice about {{topic}} for the quay.",
        "Write a notice about {topic} for the quay.",
        "Return {\"boat\": {\"name\": {name}}} for each boat.",
        "Write `\\frac{a}{b}` for a share, and f(x) = {x : x > 0}.",
        "Write {{{{topic}}}} where the title goes.",
        "function sail() {\n  return {boat};\n}",
    ],
};

/// The longest name of a slot, in bytes.
const NAME: usize = 40;

impl Check for BrokenSlot {
    fn meta(&self) -> &'static Meta {
        &BROKEN
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        if case.source.text().contains("{{{{") {
            return;
        }
        for (index, unit) in case.units.iter().enumerate() {
            let shape = matches!(unit.kind, UnitKind::Code | UnitKind::Table);
            let body = case.text(unit.text);
            // A record, a formula or a line of code has braces of its own.
            let own = body.contains("\":") || body.contains(['\\', ';', '\'']) || body.contains("{%");
            if shape || own || case.labels[index].component == Some(Component::Examples) {
                continue;
            }
            let Some(slip) = broken(body) else { continue };
            let place = Span::within(unit.text, slip.from, slip.length);
            let shown = case.text(place);
            let write = "write as many braces behind the name as before it";
            let finding = sink.report(place, format!("the braces of `{shown}` do not match"), write);
            let double = usual(case.slots) == Syntax::DoubleBraces && !case.slots.is_empty();
            if double && slip.closed {
                let name = shown.trim_matches(['{', '}', ' ']);
                finding.fix.push(Edit { span: place, replacement: format!("{{{{{name}}}}}") });
            }
        }
    }
}

/// A slot with braces that do not match, by its place in a text, in bytes.
struct Slip {
    from: usize,
    length: usize,
    /// True where braces close it, but too many or too few.
    closed: bool,
}

fn broken(body: &str) -> Option<Slip> {
    let balanced = body.matches('{').count() == body.matches('}').count();
    let bytes = body.as_bytes();
    let mut at = 0;
    while let Some(offset) = body[at..].find(['{', '}']) {
        let from = at + offset;
        if bytes[from] == b'}' {
            // `topic}}` with nothing before it.
            let name = body[..from].trim_end().rsplit(|c: char| !is_part(c)).next().unwrap_or("");
            let two = body[from..].starts_with("}}") && !body[..from].contains('{');
            let start = from - body[..from].len() + body[..from].trim_end().len() - name.len();
            return (two && !name.is_empty()).then_some(Slip {
                from: start,
                length: from + 2 - start,
                closed: true,
            });
        }
        let open = body[from..].bytes().take_while(|b| *b == b'{').count();
        let inner = body[from + open..].trim_start_matches(' ');
        let name = inner.bytes().take_while(|b| is_part(*b as char)).count();
        let rest = inner[name..].trim_start_matches(' ');
        let end = body.len() - rest.len();
        let close = rest.bytes().take_while(|b| *b == b'}').count();
        at = end + close;
        let led =
            from > 0 && (bytes[from - 1].is_ascii_alphanumeric() || matches!(bytes[from - 1], b'^' | b'_'));
        if name == 0 || name > NAME || open > 3 || led {
            at = at.max(from + open);
            continue;
        }
        let length = end + close - from;
        if close > 0 {
            if close != open && !balanced {
                return Some(Slip { from, length, closed: true });
            }
            continue;
        }
        // `{{topic]]`, and `{{topic` to the end of the sentence.
        let other = rest.starts_with([']', ')', '>']) && !rest[1..].contains('}');
        let endless = open == 2 && !rest.contains("}}") && !rest.starts_with(['|', '.', '[', '(', ':', '#']);
        let dotted = open == 2 && !rest.contains('}') && rest.trim_end() == ".";
        if other || endless || dotted {
            let name_end = from + open + (body[from + open..].len() - inner.len()) + name;
            let closers = rest.bytes().take_while(|b| matches!(b, b']' | b')' | b'>')).count();
            let to = if other { end + closers } else { name_end };
            return Some(Slip { from, length: to - from, closed: false });
        }
    }
    None
}

fn is_part(c: char) -> bool {
    c.is_ascii_alphanumeric() || matches!(c, '_' | '-')
}

#[cfg(test)]
mod tests {
    use super::broken;

    fn slip(body: &str) -> Option<&str> {
        broken(body).map(|slip| &body[slip.from..slip.from + slip.length])
    }

    #[test]
    fn braces_that_do_not_match() {
        for (body, shown) in [
            ("about {{topic} now", "{{topic}"),
            ("about {topic}} now", "{topic}}"),
            ("about {{topic now", "{{topic"),
            ("about {{topic.", "{{topic"),
            ("about topic}} now", "topic}}"),
            ("about {{topic}}} now", "{{topic}}}"),
            ("about {topic] now", "{topic]"),
        ] {
            assert_eq!(slip(body), Some(shown), "{body}");
        }
    }

    #[test]
    fn braces_that_do() {
        for body in [
            "about {{topic}} now", "{a} and {{b}}", "a set {x > 0}", "sum_{i}^{n}", "a } b", "{{#if boat}}",
            "{{boat.name}} é{",
        ] {
            assert_eq!(slip(body), None, "{body}");
        }
    }
}
