//! What some units are by their form alone: a place for the input, a persona to be filled in, a sample that says it is one.

use super::Reading;
use crate::component::Component;
use crate::lexicon::{Hit, PADDING, PaddingKind, Set, vocabulary};
use crate::slots::{Slot, Syntax};
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::borrow::Cow;

/// `Message of the guest: {{message}}`: a label and the slot that takes the input in.
pub(super) fn ends_in_a_slot(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let end = unit.text.end();
    let after = reading.slots.partition_point(|slot| slot.span.end() < end.saturating_sub(1));
    let last = reading.slots.get(after).filter(|slot| unit.text.contains(slot.span));
    let words = reading.words.within(unit.text).iter().filter(|word| !word.is_punctuation());
    // "Always reply in {language}".
    let stresses = |word: &&&Word| {
        matches!(&*word.lower(reading.source.text()), "always" | "please" | "only" | "never" | "now" | "then")
    };
    let asked = words.clone().next().is_some_and(|word| word.lower(reading.source.text()) == "please");
    let orders =
        asked || words.clone().find(|word| !stresses(&word)).is_some_and(|word| word.is(vocabulary::VERB));
    // "You must name at most {max_boats}".
    let binds = words
        .clone()
        .any(|word| matches!(&*word.lower(reading.source.text()), "must" | "should" | "maximum"));
    let short = words.take(INPUT_WORDS + 1).count() <= INPUT_WORDS;
    // An open question asks the author, and "your" part of a template is the model's: neither takes in an input.
    let takes_in = |slot: &Slot| {
        let inner = reading.source.slice(slot.inner).trim().to_lowercase();
        // `<at most 12 words>`, `<one sentence>` say what is to be written there.
        let measured = ["at most ", "up to ", "one of ", "max "].iter().any(|sign| inner.starts_with(sign))
            || [" words", " sentence", " sentences", " characters"].iter().any(|sign| inner.ends_with(sign));
        !is_place_of_the_answer(reading, slot)
            && !inner.ends_with('?')
            && !inner.starts_with("your ")
            && !inner.starts_with("your_")
            && !measured
    };
    let alone =
        last.is_some_and(|slot| reading.source.slice(unit.text).trim() == reading.source.slice(slot.span));
    last.is_some_and(takes_in)
        && short
        && (alone || !orders)
        && !binds
        && (matches!(unit.kind, UnitKind::Sentence | UnitKind::Field | UnitKind::Turn)
            || unit.kind == UnitKind::Code && alone)
}

/// `Improve this text: [text]`: an ask that takes its material in.
pub(super) fn asks_with_a_slot(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let lead = reading.outline.pieces[unit.pieces.start].lead;
    let text = reading.source.text();
    let [verb, thing, _, ..] = reading.words.within(lead) else { return false };
    let of = matches!(
        &*thing.lower(text),
        "this" | "the" | "my" | "these" | "our" | "following" | "a" | "an" | "each"
    );
    unit.kind == UnitKind::Field
        && unit.opens_piece
        && of
        && verb.is(vocabulary::VERB)
        && !verb.is(vocabulary::STOP)
        && super::holds_a_slot(reading, unit)
}

/// `[answer here]` is the model's to write, `[paste the log here]` is not.
fn is_place_of_the_answer(reading: &Reading<'_>, slot: &Slot) -> bool {
    let inner = reading.source.slice(slot.inner).trim().to_lowercase();
    slot.syntax == Syntax::Brackets
        && inner.ends_with(" here")
        && !["insert", "paste", "put", "add", "enter", "your"].iter().any(|word| inner.contains(word))
}

/// `Reply: [reply here]`: a line of the answer's template.
pub(super) fn leaves_the_answer_open(reading: &Reading<'_>, unit: &Unit) -> bool {
    let after = reading.slots.partition_point(|slot| slot.span.end() <= unit.text.start());
    let slot = reading.slots.get(after).filter(|slot| unit.text.contains(slot.span));
    unit.kind == UnitKind::Field && slot.is_some_and(|slot| is_place_of_the_answer(reading, slot))
}

/// `{"boat": "", "pier": "", "guests": 0}`: a record with nothing in it is a form.
pub(super) fn is_an_empty_record(reading: &Reading<'_>, unit: &Unit) -> bool {
    let body = reading.source.slice(unit.text);
    let empty = |value: &str| {
        let value = value.trim_start();
        ["\"\"", "0", "null", "[]", "{}"].iter().any(|none| {
            value.strip_prefix(none).is_some_and(|rest| rest.trim_start().starts_with([',', '}', ']']))
        })
    };
    let values = || body.match_indices("\":").map(|(at, sign)| &body[at + sign.len()..]);
    body.starts_with('{') && values().filter(|value| empty(value)).count() * 3 > values().count() * 2
}

/// `{"reason": "...", "verdict": "yes"}`: a record with a value that is left to fill in.
pub(super) fn is_a_record_left_open(reading: &Reading<'_>, unit: &Unit) -> bool {
    let body = reading.source.slice(unit.text);
    let left_open = |value: &str| {
        let value = value.trim_start().trim_start_matches(['"', '\'']);
        value.starts_with("...\"") || value.starts_with("...'")
    };
    body.starts_with(['{', '['])
        && body.match_indices("\":").any(|(at, sign)| left_open(&body[at + sign.len()..]))
}

/// `Boat | Pier | Fare`, `Line: boat | pier | due by` on a line with no row below it: the columns of the answer.
pub(super) fn names_columns(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.text();
    let body = reading.source.slice(unit.text).trim();
    let name = |cell: &str| {
        let cell = cell.trim();
        cell.starts_with(char::is_alphabetic)
            && cell.split_whitespace().count() <= 3
            && cell.chars().all(|c| c.is_alphabetic() || matches!(c, ' ' | '-' | '_'))
    };
    let row = |line: Option<&str>| line.is_some_and(|line| line.contains(" | "));
    // "Line: boat | pier | due by": in small letters the cells are names, and no values.
    let labelled = body.split_once(": ").filter(|(label, cells)| {
        label.split_whitespace().count() <= 3 && cells.starts_with(char::is_lowercase)
    });
    let (body, kind) = match labelled {
        Some((_, cells)) => {
            (cells, matches!(unit.kind, UnitKind::Sentence | UnitKind::Field | UnitKind::Turn))
        }
        None => (body, unit.kind == UnitKind::Sentence),
    };
    body.matches(" | ").count() >= 2
        && kind
        && body.split(" | ").all(name)
        && !row(text[unit.text.end()..].lines().find(|line| !line.trim().is_empty()))
        && !row(text[..unit.text.start()].lines().rev().find(|line| !line.trim().is_empty()))
}

/// `- ...`: more of the same, as a template of the answer shows it.
pub(super) fn is_ellipsis(reading: &Reading<'_>, unit: &Unit) -> bool {
    matches!(reading.source.slice(unit.text).trim(), "..." | "…")
}

/// A chatbot that the prompt speaks of and not to: "It should answer questions about breakfast" is what is to be done, "Its name is
/// Otto" who does it.
pub(super) fn of_the_bot(reading: &Reading<'_>, index: usize) -> Option<Component> {
    const BOTS: [&str; 7] = ["chatbot", "bot", "assistant", "agent", "gpt", "voicebot", "helper"];
    const DOES: [&str; 16] = [
        "answer", "help", "handle", "book", "explain", "guide", "collect", "take", "find", "search",
        "summarise", "summarize", "translate", "advise", "recommend", "teach",
    ];
    let text = reading.source.text();
    let words = reading.words.within(reading.units[index].text);
    let lower = |at: usize| words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(text));
    let builds = |unit: &Unit| {
        let words = reading.words.within(unit.text);
        let built = words.iter().take(5).any(|word| {
            matches!(&*word.lower(text), "building" | "making" | "creating" | "developing" | "designing")
        });
        built && words.iter().take(9).any(|word| BOTS.contains(&&*word.lower(text)))
    };
    let spoken_of = || reading.units[index.saturating_sub(BACK)..index].iter().any(builds);
    if builds(&reading.units[index]) && matches!(&*lower(0), "i" | "i'm" | "we" | "we're") {
        return Some(Component::Role);
    }
    let subject = match &*lower(0) {
        "it" | "he" | "she" => 1,
        "the" if BOTS.contains(&&*lower(1)) => 2,
        "its" | "his" | "her" if lower(1) == "name" && lower(2) == "is" => {
            return spoken_of().then_some(Component::Role);
        }
        _ => return None,
    };
    let modal = matches!(&*lower(subject), "should" | "must" | "will" | "can" | "shall");
    // "It should be calm."
    if modal && lower(subject + 1) == "be" && words.len() <= SHORT_RULE && spoken_of() {
        return Some(Component::Constraints);
    }
    let object = !matches!(&*lower(subject + 2), "in" | "with" | "as" | "like" | "," | "." | "within" | "");
    let does = modal && object && DOES.contains(&&*lower(subject + 1));
    (does && spoken_of()).then_some(Component::Task)
}

/// Words up to which a sentence on how the bot is says nothing else.
const SHORT_RULE: usize = 12;

/// How many units back the bot is looked for.
const BACK: usize = 8;

/// "Return JSON.", "Answer in a table.": a short order that names a form and nothing besides.
pub(super) fn orders_a_form(reading: &Reading<'_>, unit: &Unit) -> bool {
    const GIVES: [&str; 9] =
        ["return", "output", "respond", "reply", "answer", "print", "produce", "deliver", "give"];
    const FORMS: [&str; 11] =
        ["json", "csv", "yaml", "xml", "html", "markdown", "table", "list", "array", "object", "bullets"];
    const AROUND: [&str; 16] = [
        "in", "as", "a", "an", "the", "only", "valid", "with", "single", "just", "form", "format", "of",
        "answers", "answer", "your",
    ];
    let text = reading.source.text();
    let words: Vec<Cow<'_, str>> = reading
        .words
        .within(unit.text)
        .iter()
        .filter(|word| !word.is_punctuation())
        .map(|word| word.lower(text))
        .collect();
    let forms = words.iter().filter(|word| FORMS.contains(&&***word)).count();
    let known = |word: &Cow<'_, str>| FORMS.contains(&&**word) || AROUND.contains(&&**word);
    let words = &words[usize::from(words.first().is_some_and(|word| word == "please"))..];
    let gives = |word: &Cow<'_, str>| GIVES.contains(&&**word) || word == "provide";
    words.len() >= 2 && gives(&words[0]) && forms >= 1 && words[1..].iter().all(known)
}

/// "From the log and the slip, the grade is" at the very end: the answer goes on from there.
pub(super) fn opens_the_answer(reading: &Reading<'_>, index: usize) -> bool {
    let last = reading.units[index + 1..].iter().all(|unit| unit.kind == UnitKind::Mark);
    let body = reading.source.slice(reading.units[index].text).trim_end_matches(['[', ':', '"', ' ']);
    let words = reading.words.within(reading.units[index].text);
    // "The page number is" after a rule is still a sentence of the author's when it asks.
    let asks = || words.iter().any(|word| word.is(vocabulary::PERSON | vocabulary::FIRST_PERSON));
    last && index > 0 && [" is", " are"].iter().any(|end| body.ends_with(end)) && !asks()
}

/// A line of nothing but signs, `]` or `}},`: it closes what stands before it.
pub(super) fn is_closing(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.slice(unit.text).trim();
    text.starts_with([']', '}', ')']) && text.chars().all(|c| matches!(c, ']' | '}' | ')' | ',' | ';'))
}

/// A row of a table that has a head and no row with words below it: the shape of what is to be filled in.
pub(super) fn is_of_an_empty_table(reading: &Reading<'_>, unit: &Unit) -> bool {
    if unit.kind != UnitKind::Table {
        return false;
    }
    let text = reading.source.text();
    let is_row = |line: &&str| line.trim_start().starts_with('|');
    let above = text[..unit.text.start()].lines().rev().skip(1).take(ROWS).take_while(is_row);
    let below = text[unit.text.start()..].lines().take(ROWS).take_while(is_row);
    let rows: Vec<&str> = above.chain(below).collect();
    let ruled = |row: &str| row.contains("--") && !row.contains(char::is_alphanumeric);
    let filled = rows.iter().filter(|row| row.contains(char::is_alphanumeric)).count();
    filled == 1 && rows.iter().any(|row| ruled(row))
}

/// How many rows of a table are looked at on either side.
const ROWS: usize = 4;

/// `<type>(<scope>): <subject>`: holes with signs between them, a line of the answer's template.
pub(super) fn is_made_of_holes(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.slice(unit.text).trim();
    // `T-001 | ... | ...`, and the names of the columns above it.
    let below =
        || reading.source.text()[unit.text.end()..].trim_start_matches('\n').lines().next().unwrap_or("");
    let dots = |line: &str| line.matches("...").count() >= 2 && line.contains(" | ");
    if text.contains(" | ") && (dots(text) || dots(below())) {
        return true;
    }
    let mut rest = text;
    let (mut holes, mut words) = (0, 0);
    while let Some((before, from)) = rest.split_once('<') {
        let Some((inner, behind)) = from.split_once('>') else { return false };
        holes += usize::from(inner.starts_with(char::is_alphabetic));
        words += before.chars().filter(|c| c.is_alphanumeric()).count();
        rest = behind;
    }
    holes >= 2 && words == 0 && !rest.contains(char::is_alphanumeric) && !text.contains("</")
}

/// `<BEGIN SLIP>{slip}<END SLIP>`: a slot between the marks that set it apart.
pub(super) fn is_between_marks(reading: &Reading<'_>, unit: &Unit) -> bool {
    let after = reading.slots.partition_point(|slot| slot.span.end() <= unit.text.start());
    let slot = reading.slots.get(after).filter(|slot| unit.text.contains(slot.span));
    slot.is_some_and(|slot| {
        let text = reading.source.text();
        let before = text[unit.text.start()..slot.span.start()].trim();
        let behind = text[slot.span.end()..unit.text.end()].trim();
        let marks = |mark: &str| mark.starts_with('<') && mark.ends_with('>') && mark.len() <= 40;
        marks(before) && marks(behind) && slot.syntax != Syntax::Angles
    })
}

/// A line that is one slot and nothing else.
pub(super) fn is_bare_slot(reading: &Reading<'_>, unit: &Unit) -> bool {
    let at = unit.text.start();
    let slot = reading.slots.binary_search_by_key(&at, |slot| slot.span.start());
    slot.is_ok_and(|slot| reading.slots[slot].span.end() == unit.text.end())
}

/// `{{ action_format }}` alone in a part called "Format": the prompt's own words on the answer, put in later.
pub(super) fn takes_the_format_in(reading: &Reading<'_>, unit: &Unit) -> bool {
    // The schema of tables is what a query is written against.
    let of_tables = || {
        const BEFORE: usize = 4_000;
        let mut from = unit.text.start().saturating_sub(BEFORE);
        while !reading.source.text().is_char_boundary(from) {
            from += 1;
        }
        let before = reading.source.text()[from..unit.text.start()].to_ascii_lowercase();
        ["sql", "database", "tables", "given the schema", "schema below"]
            .iter()
            .any(|sign| before.contains(sign))
    };
    let named = |text: &str| {
        let text = text.to_ascii_lowercase().replace("information", "");
        text.contains("format") || text.contains("schema") && !of_tables()
    };
    // "Rules of the slip format" is a title for rules.
    // "Only use the tables listed below." above `{schema}` takes something in.
    let below = || {
        let above = reading.source.text()[..unit.text.start()].trim_end();
        let line = above.rsplit('\n').next().unwrap_or("").to_ascii_lowercase();
        let only = line.starts_with("use only ") || line.starts_with("only use ");
        (line.trim_end_matches(['.', ':']).ends_with("below") || only && line.ends_with(':'))
            && !["answer", "output", "reply", "respon", "return"].iter().any(|word| line.contains(word))
    };
    let title = || {
        let title = reading.source.slice(reading.outline.sections[unit.section].title);
        named(title) && title.split_whitespace().count() <= 3 && !title.to_ascii_lowercase().contains("rule")
    };
    is_bare_slot(reading, unit) && (named(reading.source.slice(unit.text)) && !below() || title())
}

/// `{{examples}}`: a line that takes samples in.
pub(super) fn takes_samples_in(reading: &Reading<'_>, unit: &Unit) -> bool {
    let name = || reading.source.slice(unit.text).to_ascii_lowercase();
    is_bare_slot(reading, unit)
        && ["example", "few_shot", "fewshot", "few-shot", "demonstration"]
            .iter()
            .any(|sign| name().contains(sign))
}

/// `You are {name}, {role}`, `You work as a {job}`: slots that take the persona in.
pub(super) fn names_the_persona(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let text = reading.source.slice(unit.text);
    let text = ["Never forget that ", "Never forget ", "Remember that ", "Remember: "]
        .iter()
        .find_map(|lead| text.strip_prefix(lead))
        .unwrap_or(text);
    let named = ["You are ", "Act as ", "You're ", "Your name is ", "You work as ", "You work for "];
    let lead = named.iter().find(|lead| {
        text.is_char_boundary(lead.len()) && text[..lead.len().min(text.len())].eq_ignore_ascii_case(lead)
    });
    let Some(rest) = lead.map(|lead| &text[lead.len()..]) else {
        return false;
    };
    let rest = ["a ", "an ", "the "].iter().find_map(|article| rest.strip_prefix(article)).unwrap_or(rest);
    let at = unit.text.end() - rest.len();
    reading.slots.binary_search_by_key(&at, |slot| slot.span.start()).is_ok()
}

/// "Harbour clerk, ten years at the desk" right below "Role", "A notice on the fog" below "Task": words with no verb that say what
/// the title names.
pub(super) fn heads_its_part(reading: &Reading<'_>, index: usize) -> bool {
    let unit = &reading.units[index];
    let words = reading.words.within(unit.text);
    let opens = index > 0
        && reading.units[index - 1].section != unit.section
        && matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. });
    let heading = index > 0 && reading.units[index - 1].kind == UnitKind::Mark;
    let first = words.first().is_some_and(|word| {
        !word.is(vocabulary::VERB
            | vocabulary::NEGATION
            | vocabulary::PERSON
            | vocabulary::CONDITION
            | vocabulary::MODAL)
            && (!word.is(vocabulary::STOP)
                || matches!(&*word.lower(reading.source.text()), "a" | "an" | "the"))
    });
    let tells = |word: &Word| word.is(vocabulary::FINITE | vocabulary::MODAL | vocabulary::NEGATION);
    (opens || heading) && first && (2..=NOMINAL).contains(&words.len()) && !words.iter().any(tells)
}

/// Words from which a phrase without a verb says more than what a title names.
const NOMINAL: usize = 12;

/// `(insert interview here)`, `[paste the log]`: a place for the input, in words.
pub(super) fn asks_to_insert(reading: &Reading<'_>, unit: &Unit) -> bool {
    let text = reading.source.slice(unit.text).trim();
    // "Survey: (paste here)": the label says what.
    let text =
        text.split_once(": ").filter(|(label, _)| label.len() <= 24).map_or(text, |(_, rest)| rest.trim());
    let inner = text.strip_prefix(['(', '[', '<']).and_then(|text| text.strip_suffix([')', ']', '>']));
    let first = inner.and_then(|inner| inner.split_whitespace().next()).unwrap_or("").to_ascii_lowercase();
    matches!(first.as_str(), "insert" | "paste") && text.len() <= 60
}

/// The most words of a line that takes an input in, those of the slot included.
const INPUT_WORDS: usize = 12;

/// A greeting, thanks or a line left over from a chat: for nothing.
pub(super) fn is_courtesy(words: &[Word], hits: &[Hit]) -> bool {
    let polite = |hit: &&Hit| {
        hit.set == Set::Padding
            && matches!(PADDING[hit.entry as usize].kind, PaddingKind::Pleasantry | PaddingKind::ChatLine)
    };
    hits.iter().filter(polite).any(|hit| {
        let chat = PADDING[hit.entry as usize].kind == PaddingKind::ChatLine;
        let mut rest = words[..hit.first].iter().chain(&words[hit.last + 1..]);
        let orders = vocabulary::VERB | vocabulary::MODAL | vocabulary::NEGATION;
        // "Thank you so much in advance, you are a lifesaver!": it opens as thanks and asks for nothing.
        let behind = &words[hit.last + 1..];
        // "… for your kind help with this!" names what the thanks are for.
        let ends = behind.iter().rposition(|word| !word.is_punctuation()).map_or(0, |at| at + 1);
        let for_what = behind.first().is_some_and(|word| word.id == vocabulary::find(b"for"))
            && !behind[..ends].iter().any(|word| word.is_punctuation());
        let asks = behind.iter().any(|word| word.is(orders) || word.is_number());
        let thanks = hit.first == 0 && behind.len() <= 9 && (for_what || !asks);
        chat && hit.first <= 1 || thanks || rest.all(|word| word.is_punctuation())
    })
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of as read;
    use crate::component::Component::{self, Context, Examples, Role, Task};

    #[test]
    fn a_persona_may_be_a_slot() {
        assert_eq!(
            read("You are {name}, {description}.\nWrite the notice for the quay."),
            [Some(Role), Some(Task)]
        );
        assert_eq!(
            read("Act as a {{profession}}.\nWrite the notice for the quay."),
            [Some(Role), Some(Task)]
        );
    }

    #[test]
    fn a_label_with_a_slot_takes_the_input_in() {
        let labels = read("Answer the guest's question about the boat.\n\nQuestion: {question}\n");
        assert_eq!(labels, [Some(Task), Some(Context)]);
    }

    #[test]
    fn slots_for_the_answer_take_nothing_in() {
        let text = "Answer from the log.\n\nUse the following format:\nQuestion: [question here]\nReply: [reply here]\n";
        let found = read(text);
        assert_eq!(found[found.len() - 2..], [Some(Component::OutputFormat); 2], "{found:?}");
        let end = "Weigh the slip against the log.\n\n### Slip: {slip}\nFrom the slip and the log, the weight is [\n";
        assert_eq!(read(end).last(), Some(&Some(Component::OutputFormat)));
        let named = "Explain the score.\nExample:\n{\n  \"why\": \"It is late.\"\n}\n== END OF EXAMPLE ==\n\nScore:\n{{ score }}\n";
        assert_eq!(read(named).last(), Some(&Some(Context)), "{:?}", read(named));
    }

    #[test]
    fn cases_with_a_verdict_below_a_title_for_samples() {
        let text = "Judge the trip.\n\n**Examples of the verdict for a task:**\n- If the task names two cabins and one is booked: false\n- If the site is down and the clerk says so: true\n";
        assert_eq!(read(text)[2..], [Some(Examples); 2], "{:?}", read(text));
    }

    #[test]
    fn a_sample_with_one_long_value_left_out() {
        let text = "Write the script as JSON.\n\n**Example JSON Output:**\n{\n\"name\": \"list_piers\",\n\"uses\": [\"tide\"],\n\"about\": \"Lists the piers.\",\n\"by\": \"Ada\",\n\"code\": \"<the code goes here>\"\n}\n";
        assert_eq!(read(text).last(), Some(&Some(Examples)), "{:?}", read(text));
    }

    #[test]
    fn a_place_for_the_input_may_be_in_words() {
        let labels = read("Sum up the log of the boat.\n\n[paste the log]\n");
        assert_eq!(labels.last(), Some(&Some(Context)));
    }

    #[test]
    fn more_of_the_same_is_a_template() {
        let labels = read("Write the release notes.\n\n# Result\n- ...\n");
        assert_eq!(labels.last(), Some(&Some(Component::OutputFormat)));
    }

    #[test]
    fn a_labelled_answer_under_a_sample() {
        let labels = read(
            "Explain the fault to the guest.\n\nExample:\nFault: stuck at pier 3\nAnswer: The gangway does not move.\n",
        );
        assert_eq!(labels[2..], [Some(Examples), Some(Examples)]);
    }

    #[test]
    fn a_row_like_the_sample_above_is_one() {
        let text = "Grade the answers.\n\n# Examples\n3; 2; You name the delta and the silt.\n4; 1; The reason is missing.";
        assert_eq!(read(text).last(), Some(&Some(Component::Examples)));
    }

    #[test]
    fn greetings_carry_nothing() {
        assert_eq!(read("Hello there!\nSell tickets for the boat.")[0], None);
        assert_eq!(read("Sell tickets for the boat.\nThanks in advance!")[1], None);
    }

    #[test]
    fn a_quoted_sample_goes_on_to_its_end() {
        let labels = read(
            "Guide the guest to a ticket.\n\nFor example, you write \"You have the day. Which boat do you take?\"\n",
        );
        assert_eq!(&labels[1..], [Some(Examples), Some(Examples)]);
    }

    #[test]
    fn a_record_below_the_input_of_a_sample_is_its_answer() {
        let labels = read(
            "Sort each slip by boat.\n\nExample:\nReport: the lamp of the Merle is out\n\
             Reply: {\"boat\": \"Merle\", \"part\": \"lamp\"}\n",
        );
        assert_eq!(labels.last(), Some(&Some(Examples)));
    }

    #[test]
    fn a_bot_that_the_prompt_speaks_of() {
        use crate::component::Component::{Constraints, Context, Role, Task};
        let labels = crate::classify::components_of(
            "I'm building a chatbot for our ferry line. Its name is Otto. It should answer questions about piers and fares. \
             Here is the info: the pier opens at 7. It should be calm.\n",
        );
        assert_eq!(labels, [Some(Role), Some(Role), Some(Task), Some(Context), Some(Constraints)]);
    }

    #[test]
    fn a_short_order_for_a_form() {
        let labels = crate::classify::components_of(
            "Read the slip. If the fare is missing, write null. Return JSON. Be accurate.\n",
        );
        assert_eq!(labels[2], Some(crate::component::Component::OutputFormat));
    }

    #[test]
    fn an_answer_below_its_label() {
        let text =
            "Sort the slips.\n\n# Samples\nSlip: my scarf is gone\n\nResponse:\n{\"kind\": \"lost\"}\n";
        assert_eq!(read(text).last(), Some(&Some(Component::Examples)));
    }

    #[test]
    fn a_record_with_doubled_braces_is_one_shape() {
        let text = "Name the boats.\nRespond in JSON format:\n{{\n  \"boats\": [\n    {{\n      \"name\": \"What it is called ...\"\n    }}\n  ]\n}}\n";
        let shape = read(text)[1..].iter().flatten().all(|c| *c == Component::OutputFormat);
        assert!(shape, "{:?}", read(text));
    }

    #[test]
    fn a_note_below_a_sample_is_none() {
        let text = "Sort the slips.\n\nExample:\nSlip: my scarf is gone\nLabel: LOST\nIMPORTANT: Only return JSON, with no other text.\n";
        assert_ne!(read(text).last(), Some(&Some(Component::Examples)));
    }

    #[test]
    fn a_note_that_asks_is_a_rule() {
        let text = "Store facts on the guests.\n\n# [IMPORTANT]: TAKE FACTS SOLELY FROM THE LOG.\n";
        assert_eq!(read(text).last(), Some(&Some(Component::Constraints)));
    }

    #[test]
    fn a_slot_for_the_format_shapes_the_answer() {
        let text = "Plan the trip.\n\n## Format\n{{ instructions.format }}\n";
        assert_eq!(read(text).last(), Some(&Some(Component::OutputFormat)));
    }

    #[test]
    fn a_plain_fact_among_rules_stays_one() {
        let text = "You are the press officer of a small ferry line. Write a notice about the new winter timetable for guests on the quay. The boats sail every 40 minutes from 6 to 22 o'clock. Use plain words and name both piers. At most 80 words.\n";
        assert_eq!(read(text)[2], Some(Component::Context));
    }
}
