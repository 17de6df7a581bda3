//! Slots: the places of a prompt that are filled before it is sent.

mod marks;

use crate::outline::{Outline, PieceKind};
use crate::source::Source;
use crate::span::Span;
use marks::{
    SHELL, closed_tags, is_signal, names_a_mark, shown_as_sample, speaks_of_a_tag, stands_for_a_gap,
};
pub(crate) use marks::{WRITES, names_a_border};
use std::collections::HashSet;

/// How a slot is written.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Syntax {
    /// `{{name}}`
    DoubleBraces,
    /// `${name}`
    DollarBraces,
    /// `{name}`
    Braces,
    /// `[name]`
    Brackets,
    /// `<name>`
    Angles,
    /// `<<name>>`
    DoubleAngles,
    /// `%name%`
    Percents,
    /// `%(name)s`
    PercentParens,
    /// `[[name]]`, where nothing else stands on the line or behind the label, and `[[last_year]]` anywhere
    DoubleBrackets,
    /// `$name`, where nothing else stands on the line or behind the label, and `$NAME` anywhere
    Dollar,
}

impl Syntax {
    /// A slot of this syntax around `inner`.
    pub fn write(self, inner: &str) -> String {
        match self {
            Syntax::DoubleBraces => format!("{{{{{inner}}}}}"),
            Syntax::DollarBraces => format!("${{{inner}}}"),
            Syntax::Braces => format!("{{{inner}}}"),
            Syntax::Brackets => format!("[{inner}]"),
            Syntax::Angles => format!("<{inner}>"),
            Syntax::DoubleAngles => format!("<<{inner}>>"),
            Syntax::Percents => format!("%{inner}%"),
            Syntax::PercentParens => format!("%({inner})s"),
            Syntax::DoubleBrackets => format!("[[{inner}]]"),
            Syntax::Dollar => format!("${inner}"),
        }
    }

    /// True for braces of any kind, which programs fill and no prose holds by chance.
    pub(crate) fn is_braced(self) -> bool {
        matches!(self, Syntax::DoubleBraces | Syntax::DollarBraces | Syntax::Braces)
    }
}

/// One slot in the text.
#[derive(Clone, Copy, Debug)]
pub struct Slot {
    /// How it is written.
    pub syntax: Syntax,
    /// All of it, marks included.
    pub span: Span,
    /// What stands between the marks.
    pub inner: Span,
}

/// Finds the slots of a prompt; what the outline took for tags is none.
pub(crate) fn of(source: &Source, outline: &Outline) -> Vec<Slot> {
    let marks = outline.pieces.iter().filter_map(|piece| match piece.kind {
        PieceKind::TagOpen | PieceKind::TagClose => Some(piece.text.start()),
        // `[Question]` as the title of a part.
        PieceKind::Heading => Some(piece.span.start()),
        _ => None,
    });
    let marks: Vec<usize> = marks.collect();
    let mut slots = find(source.text(), source.body_start(), |at| marks.binary_search(&at).is_ok());
    // "The mail in <mail>" speaks of the tag that stands elsewhere.
    let tags = closed_tags(source.text());
    // Looked for once: slots that stand in tags.
    let in_tags = source.text().contains("}</");
    let titles: HashSet<&str> = outline
        .pieces
        .iter()
        .filter(|piece| piece.kind == PieceKind::Heading)
        .map(|piece| source.slice(piece.span).trim())
        .collect();
    slots.retain(|slot| {
        let name = source.slice(slot.inner);
        match slot.syntax {
            Syntax::Angles => {
                !tags.contains(name)
                    && !is_signal(source.text(), slot)
                    && !opens_a_slot(source.text(), slot.span, in_tags)
            }
            // "Read the [LOG]" speaks of the part under that title.
            Syntax::Brackets => {
                !titles.contains(source.slice(slot.span)) && !stands_for_a_gap(source.text(), slot)
            }
            _ => true,
        }
    });
    slots
}

/// `<text>{{text}}`: a tag that nothing closes, and no slot of its own.
fn opens_a_slot(text: &str, angles: Span, in_tags: bool) -> bool {
    let name = text[angles.range()].trim_matches(['<', '>']);
    let rest = &text[angles.end()..];
    let inner = ["{{", "${", "{"].iter().find_map(|sign| rest.strip_prefix(sign));
    // Where the slots beside it stand in tags, a tag may have any name.
    let plain = name.bytes().all(|b| b.is_ascii_lowercase() || b == b'_');
    inner.is_some_and(|inner| {
        plain && in_tags
            || inner.trim_start().strip_prefix(name).is_some_and(|rest| rest.trim_start().starts_with('}'))
    })
}

/// Finds the slots of a text from byte `from` on, in order. `is_mark` tells which `<...>` and `[...]` are tags and titles.
fn find(text: &str, from: usize, is_mark: impl Fn(usize) -> bool) -> Vec<Slot> {
    let bytes = text.as_bytes();
    let mut slots: Vec<Slot> = Vec::new();
    let mut at = from;
    while let Some(offset) = bytes[at..].iter().position(|b| matches!(b, b'{' | b'$' | b'[' | b'<' | b'%')) {
        at += offset;
        let slot = match bytes[at] {
            b'{' if bytes[at..].starts_with(b"{{") => enclosed(text, at, "{{", "}}", Syntax::DoubleBraces),
            b'{' => enclosed(text, at, "{", "}", Syntax::Braces),
            b'$' if bytes[at..].starts_with(b"${") => enclosed(text, at, "${", "}", Syntax::DollarBraces),
            b'$' => dollar(text, at),
            b'[' if bytes[at..].starts_with(b"[[") => enclosed(text, at, "[[", "]]", Syntax::DoubleBrackets),
            b'[' if !is_mark(at) => enclosed(text, at, "[", "]", Syntax::Brackets),
            b'<' if bytes[at..].starts_with(b"<<") => enclosed(text, at, "<<", ">>", Syntax::DoubleAngles),
            b'<' if !is_mark(at) => enclosed(text, at, "<", ">", Syntax::Angles),
            b'%' if bytes[at..].starts_with(b"%(") => enclosed(text, at, "%(", ")s", Syntax::PercentParens),
            b'%' => enclosed(text, at, "%", "%", Syntax::Percents),
            _ => None,
        };
        match slot.filter(|slot| is_slot(text, slot)) {
            Some(slot) => {
                at = slot.span.end();
                slots.push(slot);
            }
            // A doubled brace that is no slot is an escape: neither of its braces opens one.
            None => at += if bytes[at..].starts_with(b"{{") { 2 } else { 1 },
        }
    }
    slots
}

/// The longest name or question in a slot, in bytes.
const LONGEST: usize = 200;

fn enclosed(text: &str, at: usize, open: &str, close: &str, syntax: Syntax) -> Option<Slot> {
    let rest = text[at..].strip_prefix(open)?;
    let mut window = rest.len().min(LONGEST);
    while !rest.is_char_boundary(window) {
        window -= 1;
    }
    let length = rest[..window].find(close)?;
    let inner = Span::new(at + open.len(), at + open.len() + length);
    let span = Span::new(at, inner.end() + close.len());
    Some(Slot { syntax, span, inner })
}

/// `$name` up to the end of its line.
fn dollar(text: &str, at: usize) -> Option<Slot> {
    let rest = &text[at + 1..];
    let plain = rest.bytes().take_while(|b| b.is_ascii_lowercase() || *b == b'_').count();
    let loud = rest.bytes().take_while(|b| b.is_ascii_uppercase() || *b == b'_').count();
    let length = plain.max(loud);
    let inner = Span::new(at + 1, at + 1 + length);
    Some(Slot { syntax: Syntax::Dollar, span: Span::new(at, inner.end()), inner })
}

fn is_slot(text: &str, slot: &Slot) -> bool {
    let inner = &text[slot.inner.range()];
    let name = inner.trim();
    // A brace in backticks is shown as a sign.
    if name.is_empty() || inner.contains(['\n', '`']) {
        return false;
    }
    let before = text[..slot.span.start()].chars().next_back();
    let after = text[slot.span.end()..].chars().next();
    let identifier = |name: &str| {
        name.starts_with(|c: char| c.is_alphabetic() || c == '_')
            && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '.' | '-'))
    };
    let phrase = name.split_whitespace().count() <= 8
        && name.starts_with(char::is_alphabetic)
        && !name.contains(['{', '}', '"', '=', ';', '<', '>', '|', '\\', '[', ']'])
        && !name.contains("://");
    if shown_as_sample(text, slot) {
        return false;
    }
    match slot.syntax {
        Syntax::DoubleBraces => {
            // `{{#each rows}}` and `{{/each}}` steer a template and take nothing in.
            !name.contains(['{', '}'])
                && !name.starts_with(['"', '\'', '\\', '#', '/', '^', '!', '>'])
                && name != "else"
                && after != Some('}')
                // `\frac{{a}}{{b}}`, `x^{{2}}`: braces doubled to escape them.
                && !(name.len() <= 2
                    && before.is_some_and(|c| c.is_alphanumeric() || matches!(c, '^' | '_' | '}')))
        }
        Syntax::DollarBraces => identifier(name) || phrase,
        // Braces around a word: JSON has a quote, LaTeX a backslash or a letter before it.
        Syntax::Braces => {
            let latex =
                before.is_some_and(|c| c.is_alphanumeric() || matches!(c, '\\' | '_' | '^' | '}' | '$'));
            !latex
                && after != Some('}')
                && (identifier(name)
                    || is_expression(name)
                    || asks(name)
                    || (phrase && !name.contains([':', ','])))
        }
        Syntax::Brackets => {
            let link = matches!(after, Some('(' | '[' | ':'));
            let joined = before
                .is_some_and(|c| c.is_alphanumeric() || matches!(c, '"' | '\'' | '`' | ']' | '[' | '“'));
            // "[x] done" ticks a box, "about [X]" holds a place.
            let single = name.chars().count() == 1 && !matches!(name, "X" | "Y" | "Z" | "N");
            let ticked = name == "X"
                && text[..slot.span.start()].trim_end_matches(' ').ends_with(['-', '*', '\n', '.', ')']);
            let single = single || ticked || name == "X" && slot.span.start() == 0;
            // `[c4-12]`, `[unclear 00:12:31]` show what is written; `[QUESTION] {question}` labels what follows.
            let shows = name.chars().any(|c| c.is_ascii_digit())
                && !name.chars().all(|c| c.is_alphanumeric() || c == '_')
                && leftover_word(name).is_none();
            let rest = text[slot.span.end()..].trim_start_matches(' ');
            let opens =
                text[..slot.span.start()].trim_end_matches(' ').chars().next_back().is_none_or(|c| c == '\n');
            let labels = opens && (rest.starts_with(['{', '<']) || rest.starts_with("${"));
            let mark = names_a_border(name) || names_a_mark(text, slot);
            // `[G03]`, `[12]`: the number of a source.
            let letters = name.trim_end_matches(|c: char| c.is_ascii_digit());
            let cited = letters.len() < name.len() && letters.len() <= 2;
            // `[index]<type>`, `[Optional]`.
            let told = after == Some('<')
                || ["optional", "required", "mandatory"].iter().any(|word| name.eq_ignore_ascii_case(word));
            // `[or a list]`: words in brackets that one may leave away.
            let aside = ["or ", "and ", "if ", "e.g"].iter().any(|lead| name.starts_with(lead));
            let mark = mark || cited || told || aside || name.ends_with('!');
            phrase && !link && !joined && !single && !shows && !labels && !mark
        }
        Syntax::Angles => {
            // `stg_<source>.sql` is the pattern of a name.
            let joined = before.is_some_and(|c| {
                c.is_alphanumeric() || matches!(c, '"' | '\'' | '`' | '“' | '_' | '/' | '-')
            });
            let spoken = text[slot.span.end()..].trim_start().starts_with("tag");
            let tight = inner.len() == name.len();
            // `<<<NAME>>>` is a border; "between <insert> and </insert>", "marked by <note>" speak of tags.
            let border = before == Some('<') || after == Some('>');
            let mentioned = speaks_of_a_tag(text, slot, name);
            tight
                && !joined
                && !spoken
                && !border
                && !mentioned
                && phrase
                && !name.contains([':', ',', '/', '(', '@', '-'])
                && !names_a_border(name)
                && after != Some('`')
        }
        // `<<<NAME>>>` and `<<SYS>>` are borders; `Advert: <<ADVERT>>` takes it in.
        Syntax::DoubleAngles => {
            let head = text[..slot.span.start()].rsplit('\n').next().unwrap_or("").trim_end();
            let within = head.ends_with(|c: char| c.is_alphabetic() || c == ':')
                && !names_a_border(name)
                && name != "SYS";
            identifier(name)
                && (within || name.chars().any(char::is_lowercase))
                && before != Some('<')
                && after != Some('>')
        }
        Syntax::PercentParens => {
            identifier(name) && inner.len() == name.len() && !after.is_some_and(char::is_alphanumeric)
        }
        Syntax::Percents => {
            // "%d%" is a figure in a program's string.
            identifier(name)
                && !matches!(name, "d" | "s" | "f" | "i")
                && inner.len() == name.len()
                && before != Some('{')
                && !before.is_some_and(|c| c.is_ascii_digit() || matches!(c, '\'' | '"'))
        }
        Syntax::DoubleBrackets | Syntax::Dollar => {
            let head = text[..slot.span.start()].trim_end_matches([' ', '\t']);
            let rest = text[slot.span.end()..].trim_start_matches([' ', '\t', '\r']);
            let opens = head.is_empty() || head.ends_with(['\n', ':']);
            // `$DIFF` in a sentence; `$PATH` and `"$HOME"` belong to a shell.
            let loud = slot.syntax == Syntax::Dollar
                && name.chars().all(|c| c.is_ascii_uppercase() || c == '_')
                && name.len() >= 3
                && !SHELL.contains(&name)
                && before.is_none_or(|c| c.is_whitespace() || matches!(c, '(' | '>'))
                && after.is_none_or(|c| c.is_whitespace() || matches!(c, '.' | ',' | ')' | '<' | ';'));
            // `[[last_year]]` in a sentence: no prose has such a word.
            let joined = slot.syntax == Syntax::DoubleBrackets
                && name.contains('_')
                && name.bytes().all(|b| b.is_ascii_lowercase() || b.is_ascii_digit() || b == b'_');
            identifier(name)
                && (loud
                    || joined
                    || !name.contains(char::is_uppercase)
                        && name.len() >= 3
                        && opens
                        && (rest.is_empty() || rest.starts_with('\n')))
        }
    }
}

/// `context: who reads it?`: a name and a question to whoever fills it.
fn asks(inner: &str) -> bool {
    inner.split_once(": ").is_some_and(|(name, question)| {
        name.bytes().all(|b| b.is_ascii_lowercase() || b == b'_') && question.ends_with('?')
    })
}

/// `row['boat']`, `as_text(bundle["new"])`, `now().strftime('%d %B')`: what a program puts in.
fn is_expression(name: &str) -> bool {
    let head = name.bytes().take_while(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'.')).count();
    let rest = &name[head..];
    let opens = rest.starts_with(['[', '(']) && rest.ends_with([']', ')']);
    let named = name.starts_with(|c: char| c.is_ascii_alphabetic() || c == '_') && head > 1;
    let of_a_program = name.contains(['\'', '"', '_', '.']) || rest == "()";
    let count = |signs: [char; 2]| rest.matches(signs).count();
    named
        && opens
        && of_a_program
        && count(['[', '(']) == count([']', ')'])
        && !name.contains(['\\', ';', '<'])
}

/// True when nothing else stands on the slot's line.
pub(crate) fn alone_on_line(text: &str, slot: &Slot) -> bool {
    let blank = |c: char| matches!(c, ' ' | '\t' | '\r');
    let before = text[..slot.span.start()].trim_end_matches(blank);
    let after = text[slot.span.end()..].trim_start_matches(blank);
    (before.is_empty() || before.ends_with('\n')) && (after.is_empty() || after.starts_with('\n'))
}

/// A word that shows that a person was to replace the slot by hand: "insert", "your", "here", "TODO".
pub(crate) fn leftover_word(inner: &str) -> Option<&str> {
    const ASKS: [&str; 14] = [
        "insert", "your", "here", "todo", "tbd", "paste", "placeholder", "fill", "xxx", "fixme", "enter",
        "replace", "tbc", "lorem",
    ];
    // "[ADD LOGO]", "[attach the list]": an order to a person where it comes first.
    const FIRST: [&str; 2] = ["add", "attach"];
    let mut words = inner.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty());
    let first = words.clone().next().filter(|word| FIRST.iter().any(|ask| word.eq_ignore_ascii_case(ask)));
    words.find(|word| ASKS.iter().any(|ask| word.eq_ignore_ascii_case(ask))).or(first)
}

/// The way in which a prompt writes its slots, double braces when it has none.
pub(crate) fn usual(slots: &[Slot]) -> Syntax {
    slots.iter().map(|slot| slot.syntax).find(|syntax| syntax.is_braced()).unwrap_or(Syntax::DoubleBraces)
}

/// The name of what a person was to put in: `[insert press contact here]` gives `press_contact`.
pub(crate) fn wanted(inner: &str) -> Option<String> {
    const PUTS: [&str; 3] = ["insert", "paste", "enter"];
    // Verbs with which a note asks for work, and words that name nothing.
    const NOTED: [&str; 22] = [
        "add", "the", "a", "an", "this", "check", "write", "ask", "fix", "update", "finish", "remove", "see",
        "sign", "click", "text", "put", "go", "replace", "describe", "list", "name",
    ];
    const AROUND: [&str; 12] =
        ["todo", "the", "your", "a", "an", "here", "in", "below", "this", "full", "text", "of"];
    let words: Vec<String> = inner
        .split(|c: char| !c.is_alphanumeric() && c != '\'')
        .filter(|word| !word.is_empty())
        .map(str::to_lowercase)
        .collect();
    // "List of plays goes here".
    if let [name @ .., "goes" | "go", "here"] =
        words.iter().map(String::as_str).collect::<Vec<_>>().as_slice()
    {
        let named: Vec<&str> =
            name.iter().copied().filter(|word| !AROUND.contains(word) && *word != "list").collect();
        return (1..=4).contains(&named.len()).then(|| named.join("_"));
    }
    // "TOPIC HERE", "TODO caretaker".
    let plain = |word: &&str| word.bytes().all(|b| b.is_ascii_alphabetic()) && leftover_word(word).is_none();
    let all: Vec<&str> = words.iter().map(String::as_str).collect();
    if let [name @ .., "here"] | ["todo", name @ ..] = all.as_slice()
        && (1..=3).contains(&name.len())
        && name.iter().all(plain)
        && !NOTED.contains(&name[0])
    {
        return Some(name.join("_"));
    }
    let mut named = words.iter().skip_while(|word| *word == "todo" || *word == "please");
    if inner.contains('?') || !named.next().is_some_and(|verb| PUTS.contains(&verb.as_str())) {
        return None;
    }
    let names: Vec<&str> =
        named.map(String::as_str).filter(|word| !AROUND.contains(word) && !word.contains('\'')).collect();
    let name = if names.is_empty() { vec!["text"] } else { names };
    (name.len() <= 3 && name[0].starts_with(char::is_alphabetic)).then(|| name.join("_"))
}

/// The name of what a person was to put in, where a program fills the other slots: `[Your Company]` gives `company`.
pub(crate) fn wanted_beside_others(inner: &str) -> Option<String> {
    let words: Vec<String> = inner.split_whitespace().map(str::to_lowercase).collect();
    let name = words.strip_prefix(&["your".to_string()])?;
    let plain = |word: &String| word.bytes().all(|b| b.is_ascii_alphabetic());
    ((1..=3).contains(&name.len()) && name.iter().all(plain)).then(|| name.join("_"))
}

/// What a note to oneself wants added: `TODO add the part numbers` gives "part numbers" and `part_numbers`.
pub(crate) fn wanted_by_note(note: &str) -> Option<(String, String)> {
    const ADDS: [&str; 5] = ["add ", "include ", "fill in ", "put in ", "insert "];
    const LONGEST: usize = 8;
    let rest = note.strip_prefix("TODO")?.trim_start_matches([':', ' ', '-']);
    let lower = rest.to_ascii_lowercase();
    let verb = ADDS.iter().find(|verb| lower.starts_with(**verb))?;
    let thing = rest[verb.len()..].trim_end_matches(['.', '!', ' ']);
    let thing =
        ["the ", "our ", "a ", "an "].iter().find_map(|lead| thing.strip_prefix(lead)).unwrap_or(thing);
    let parts: Vec<&str> = thing.split(' ').collect();
    let plain = |part: &&str| !part.is_empty() && part.bytes().all(|b| b.is_ascii_alphabetic());
    let whole = (1..=LONGEST).contains(&parts.len()) && parts.iter().all(plain);
    // "The key words from the book": the name ends where its source begins.
    let joins = |part: &&str| matches!(*part, "from" | "of" | "for" | "about" | "in" | "on" | "that");
    let name: Vec<&str> = parts.iter().take_while(|part| !joins(part)).copied().collect();
    let named = (1..=4).contains(&name.len());
    (whole && named).then(|| (thing.to_string(), name.join("_").to_ascii_lowercase()))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn found(text: &str) -> Vec<&str> {
        find(text, 0, |_| false).into_iter().map(|slot| &text[slot.span.range()]).collect()
    }

    #[test]
    fn every_usual_syntax() {
        let text = "{{a_b}} ${day} {name} [week number] <building> %town% [Your Company]\n[[pier]]\nMail: $mail\n%(plan)s 5 %(of all)s";
        assert_eq!(
            found(text),
            [
                "{{a_b}}", "${day}", "{name}", "[week number]", "<building>", "%town%", "[Your Company]",
                "[[pier]]", "$mail", "%(plan)s"
            ]
        );
        assert_eq!(found("{boat: which boat, and when?}"), ["{boat: which boat, and when?}"]);
        assert_eq!(found("{row['boat']} {as_text(new[\"a\"])}"), ["{row['boat']}", "{as_text(new[\"a\"])}"]);
    }

    #[test]
    fn json_escapes_latex_links_and_marks_are_not_slots() {
        for text in [
            r#"{"key": "value"}"#,
            r#"{{"key": 1}}"#,
            r"\frac{a}{b} and x_{i}",
            "[text](https://ferry.example)",
            "- [x] done [1]",
            "write [FIGURE] and carry on",
            "[BEGIN DATA]\n[The end of the answer]",
            "put \"[unclear]\" there",
            "write [UNCLEAR]. Mark laughter as [LAUGHS], use [BOTH] when two speak; a cut becomes [CUT]",
            "Replace each name with [HIDDEN].",
            "a < b and c > d",
            "Vec<String>",
            "50% of 20%",
            "it costs $5 or $fare in all",
            "see [[merle]] there",
            "Keep placeholders such as %s and {minutes} as they are",
        ] {
            assert_eq!(found(text), [""; 0], "{text}");
        }
    }

    #[test]
    fn single_letters_hold_a_place() {
        assert_eq!(found("Tell [X] of %x% and [Y]. See [a], [1]."), ["[X]", "%x%", "[Y]"]);
        assert_eq!(found("- [X] done\n[X] sent\nprint(\"%d%\")"), [""; 0]);
    }

    #[test]
    fn qualities_and_numbers_in_brackets_are_slots() {
        let text = "Act as a [TRADE] with [YEARS] years of work. Write [COUNT] lines in a [TONE] tone, use [LANGUAGE].";
        assert_eq!(found(text), ["[TRADE]", "[YEARS]", "[COUNT]", "[TONE]", "[LANGUAGE]"]);
    }

    #[test]
    fn leftovers_are_told_from_names() {
        assert_eq!(leftover_word("insert press contact here"), Some("insert"));
        assert_eq!(leftover_word("week number"), None);
        assert_eq!(wanted("LIST OF PIERS GOES HERE").as_deref(), Some("piers"));
        assert_eq!(wanted("insert press contact here").as_deref(), Some("press_contact"));
        assert_eq!(wanted("TODO paste the chapter").as_deref(), Some("chapter"));
        assert_eq!(wanted("Paste text here").as_deref(), Some("text"));
        assert_eq!(wanted("TOPIC HERE").as_deref(), Some("topic"));
        assert_eq!(wanted("TODO caretaker").as_deref(), Some("caretaker"));
        assert_eq!(wanted("TODO check the piers"), None);
        assert_eq!(wanted("Your Company"), None);
        assert_eq!(wanted_beside_others("Your Company").as_deref(), Some("company"));
        let note = wanted_by_note("TODO: add the part numbers.");
        assert_eq!(note, Some(("part numbers".into(), "part_numbers".into())));
        assert_eq!(wanted_by_note("TODO add what the yard said (if anything)"), None);
        assert_eq!(wanted_by_note("TODO list items must be short"), None);
        let sourced = wanted_by_note("TODO: add the key words from the log book");
        assert_eq!(sourced, Some(("key words from the log book".into(), "key_words".into())));
    }
}
