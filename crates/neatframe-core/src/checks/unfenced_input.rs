//! Slots for outsiders' text with no border around them.

use super::{Case, Check, Meta, Sink};
use crate::component::Facet;
use crate::finding::{Family, Severity};
use crate::outline::PieceKind;
use crate::slots::{Slot, Syntax, alone_on_line};
use crate::span::Span;
use crate::units::UnitKind;

/// Text from outside among the instructions with no border.
pub(super) struct UnfencedInput;

static UNFENCED: Meta = Meta {
    id: "unfenced-input",
    family: Family::Exposure,
    severity: Severity::Warning,
    summary: "a slot for text from outsiders, set among the instructions with no border",
    write: "The slot between tags on lines of their own, and a word that it is material.",
    on: true,
    english: true,
    why: "Whatever an outsider writes there reads like an instruction of yours.",
    bad: &[
        "The guest wrote {{message}} and now you answer.",
        "Grade this essay. Essay: [essay text]",
        "Sort the mail into one class. The mail from the guest is: {mail_text}",
    ],
    good: &[
        "Answer the guest.\n<message>\n{{message}}\n</message>",
        "Answer the guest. The mail stands between the lines of equals signs.\n=====\n{mail}\n=====",
        "Write to {{guest_name}} about the ferry to {{pier}}.",
        "Week: {{week_number}}",
        "Answer the mail.\n\"\"\"\n{{mail}}\n\"\"\"",
        "Answer the guest's mail below.\n<mail from=\"guest\"><text>{{mail}}</text></mail>",
    ],
};

impl Check for UnfencedInput {
    fn meta(&self) -> &'static Meta {
        &UNFENCED
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let last = case.demands().last();
        let declared = case.labels.iter().any(|label| label.facets.contains(Facet::Fence));
        for slot in case.slots {
            let Some(unit) = unit_of(case, slot.span) else { continue };
            let ends = last.is_none_or(|last| last <= unit);
            if !names_outsiders(case, slot) || is_fenced(case, unit, slot, ends, declared) {
                continue;
            }
            let whole = case.text(slot.span);
            let message =
                format!("`{whole}` takes in an outsider's text, and nothing marks where it begins and ends");
            let name =
                case.text(slot.inner).trim().to_lowercase().replace(|c: char| !c.is_alphanumeric(), "_");
            let write = format!(
                "set it apart, as in `<{name}>` … `</{name}>` on lines of their own, and say that it is material, not orders"
            );
            sink.report(slot.span, message, write);
        }
    }
}

fn unit_of(case: &Case<'_>, span: Span) -> Option<usize> {
    let after = case.units.partition_point(|unit| unit.text.start() <= span.start());
    after.checked_sub(1).filter(|&unit| case.units[unit].text.end() > span.start())
}

/// What outsiders write.
const TEXTS: [&str; 54] = [
    "enquiry", "inquiry", "request", "claim", "note", "message", "messages", "email", "mail", "mails",
    "letter", "complaint", "review", "reviews", "comment", "comments", "essay", "answer", "transcript",
    "ticket", "tickets", "post", "page", "webpage", "web", "article", "feedback", "chat", "conversation",
    "input", "query", "question", "body", "content", "document", "text", "reply", "submission",
    "application", "letters", "requests", "claims", "complaints", "posts", "articles", "submissions",
    "applications", "enquiries", "queries", "tweet", "tweets", "posting", "says", "said",
];

/// Who is outside.
const OUTSIDERS: [&str; 44] = [
    "customer", "customers", "guest", "guests", "user", "users", "client", "clients", "pupil", "pupils",
    "student", "students", "supplier", "suppliers", "caller", "visitor", "applicant", "candidate", "tenant",
    "patient", "website", "web", "internet", "reader", "member", "buyer", "passenger", "sender", "readers",
    "visitors", "applicants", "candidates", "tenants", "patients", "buyers", "passengers", "callers",
    "senders", "public", "residents", "citizens", "listeners", "viewers", "person",
];

/// How far around a slot its sentence is looked at, in bytes.
const NEAR: usize = 120;

/// True when the slot takes in text that somebody outside wrote: by its name, or by the sentence around it.
fn names_outsiders(case: &Case<'_>, slot: &Slot) -> bool {
    let name = case.text(slot.inner).to_lowercase();
    let parts: Vec<&str> =
        name.split(|c: char| !c.is_alphanumeric()).filter(|part| !part.is_empty()).collect();
    let of = |list: &[&str]| parts.iter().any(|part| list.contains(part));
    // `owner_mail` is where somebody is written to, not what they wrote.
    let address = matches!(parts.last(), Some(&"mail" | &"email"))
        && [
            "owner", "contact", "office", "team", "support", "reply", "my", "your", "admin", "company",
            "desk",
        ]
        .iter()
        .any(|whose| parts.contains(whose));
    if !of(&TEXTS)
        || address
        || parts.last().is_some_and(|last| {
            [
                "name", "id", "number", "date", "language", "type", "topic", "count", "title", "subject",
                "length", "style", "format", "tone", "purpose", "rules", "instructions", "guidelines", "schema",
                "prompt",
            ]
            .contains(last)
        })
        // `existing_answer`: what the model wrote before.
        || parts.first().is_some_and(|first| {
            ["existing", "previous", "prior", "expected", "reference", "generated", "model", "assistant", "ai"]
                .contains(first)
        })
        // `instructions.actions.message`, `document_count_str`: a text of the prompt's own, a number.
        || parts.iter().any(|part| ["instructions", "fragments", "count", "limit", "max", "n", "num"].contains(part))
    {
        return false;
    }
    let sure = [
        "message", "messages", "email", "mail", "complaint", "review", "reviews", "essay", "transcript",
        "ticket", "comment", "comments", "webpage", "feedback", "chat", "submission", "enquiry", "inquiry",
    ];
    written_by_outsiders(case, slot) || of(&sure) || sent_by_outsiders(case, &parts)
}

/// True where the slot's name, or the words around it, tell of a guest or another outsider.
fn written_by_outsiders(case: &Case<'_>, slot: &Slot) -> bool {
    names_one_of(case, slot, |word| OUTSIDERS.contains(&word))
}

/// The same, but for users: what they write may well be the order itself.
fn written_by_a_guest(case: &Case<'_>, slot: &Slot) -> bool {
    names_one_of(case, slot, |word| OUTSIDERS.contains(&word) && !word.starts_with("user"))
}

fn names_one_of(case: &Case<'_>, slot: &Slot, is_one: impl Fn(&str) -> bool) -> bool {
    let name = case.text(slot.inner).to_lowercase();
    let mut parts = name.split(|c: char| !c.is_alphanumeric());
    let near = case.words.near(slot.span, NEAR);
    parts.any(&is_one) || near.iter().any(|word| is_one(&word.lower(case.source.text())))
}

/// How many units are looked at for who sends what.
const UNITS: usize = 200;

/// "Readers send us some sixty letters a week" tells whose the letters are.
fn sent_by_outsiders(case: &Case<'_>, parts: &[&str]) -> bool {
    const SEND: [&str; 14] = [
        "send", "sends", "sent", "write", "wrote", "submit", "submitted", "post", "posted", "leave", "hand",
        "handed", "fill", "filled",
    ];
    let text = case.source.text();
    (0..case.units.len().min(UNITS)).any(|unit| {
        let words = case.words_of(unit);
        let any = |list: &[&str]| words.iter().position(|word| list.contains(&&*word.lower(text)));
        let (Some(who), Some(sends)) = (any(&OUTSIDERS), any(&SEND)) else { return false };
        who < sends && any(parts).is_some_and(|what| what > sends)
    })
}

/// True when tags, quotation marks, a code fence or lines of signs part the slot from the instructions.
fn is_fenced(case: &Case<'_>, unit: usize, slot: &Slot, last: bool, declared: bool) -> bool {
    let text = case.source.text();
    let kind = case.units[unit].kind;
    if matches!(kind, UnitKind::Code | UnitKind::Table | UnitKind::Turn) {
        return true;
    }
    let before = text[..slot.span.start()].trim_end_matches([' ', '\t']);
    let after = text[slot.span.end()..].trim_start_matches([' ', '\t']);
    let quoted = before.ends_with(['"', '“', '`', '\'', '>', '»', '«', '|'])
        && after.starts_with(['"', '”', '`', '\'', '<', '«', '»', '|', '.']);
    let in_tag = case
        .outline
        .chain(case.units[unit].section)
        .any(|section| case.outline.sections[section].mark == crate::outline::Mark::Tag)
        && alone_on_line(text, slot);
    // `<<<{{mail}}>>>`, `[[{{mail}}]]`: a border of doubled signs.
    let bordered = [("<<", ">>"), ("[[", "]]"), ("((", "))"), ("--", "--"), ("##", "##"), ("==", "==")]
        .iter()
        .any(|(open, close)| before.ends_with(open) && after.starts_with(close));
    if quoted || in_tag || bordered {
        return true;
    }
    // A row of signs above and below.
    let row = |line: Option<&str>| {
        let line = line.unwrap_or("").trim();
        let sign = line.chars().next_back().filter(|c| matches!(c, '#' | '-' | '=' | '*' | '~' | '_' | '+'));
        sign.is_some_and(|sign| line.chars().rev().take_while(|c| *c == sign).count() >= 3)
    };
    let between = alone_on_line(text, slot)
        && row(before.trim_end().lines().next_back())
        && row(after.trim_start().lines().next());
    // `<|im_start|>{{ role }}`: a template of messages, whose borders are its own.
    let piped = |line: Option<&str>| {
        let line = line.unwrap_or("").trim();
        line.starts_with("<|") && line.ends_with("|>") || line.starts_with("<BEGIN") && line.ends_with('>')
    };
    if alone_on_line(text, slot) && piped(before.trim_end().lines().next_back()) {
        return true;
    }
    // "- **Question:** {input}" in a part that lists what comes in.
    let title = case.text(case.outline.sections[case.units[unit].section].title).to_lowercase();
    let listed = ["variable", "input", "data", "material"].iter().any(|name| title.contains(name))
        && before.trim_end_matches('*').ends_with(':')
        && (after.is_empty() || after.starts_with(['\n', '\r']));
    let of_messages = text.contains("{% for")
        && ["<|im_start|>", "<|start_header_id|>"].iter().any(|mark| text.contains(mark));
    if listed || between || of_messages {
        return true;
    }
    // A label and its slot with no order behind them end the prompt: nothing is mixed up with them.
    let labelled = after.starts_with(['\n', '\r']) || after.is_empty();
    if last && labelled && case.units[unit].kind == UnitKind::Field {
        return true;
    }
    // Alone on its line under a title or between rules: the line itself is the border, where the prompt says what it is.
    if !alone_on_line(text, slot) {
        return false;
    }
    let piece = case.units[unit].pieces.start;
    let before = case.outline.pieces[..piece].iter().rev().find(|piece| piece.kind != PieceKind::Blank);
    let bordered = before.is_some_and(|piece| {
        matches!(
            piece.kind,
            PieceKind::Rule | PieceKind::Fence | PieceKind::TagOpen | PieceKind::Heading
        )
            // Below a label nothing tells where a guest's text ends and orders go on.
            || (last || !written_by_a_guest(case, slot)) && (piece.kind == PieceKind::Label || text[piece.text.range()].ends_with(':'))
    });
    bordered || declared || slot.syntax == Syntax::Angles
}
