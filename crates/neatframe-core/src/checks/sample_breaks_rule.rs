//! Samples that break a rule of the prompt.

use super::{
    Case, Check, Meta, Sink, answer_options, band_shown, beyond_levels, choice_in_template, coded, columns,
    csv_rows, field_rules, filled_forms, key_case, listed_fields, listed_items, loose_json, number_kept_back,
    odd_label, over_a_bound, owed_word, own_illustration, quoted_number, salutation, shown_within,
    sorted_by_rule, things_shown, total_of_fields, typed_fields, uncited, whole_sample, word_alone,
};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Finding, Severity};
use crate::lexicon::vocabulary;
use crate::record;
use crate::requirement::{Demand, Measure, Requirement, Subject, quotations};
use crate::samples::{Shown, Side, is_shunned};
use crate::span::Span;
use crate::trial::{self, Breach};
use crate::units::{Unit, UnitKind};
use std::collections::HashSet;

/// A sample breaks a stated requirement.
pub(super) struct SampleBreaksRule;

static BREAKS: Meta = Meta {
    id: "sample-breaks-rule",
    family: Family::Example,
    severity: Severity::Error,
    summary: "a sample that breaks a rule of the prompt",
    write: "A sample that keeps every rule of the prompt.",
    on: true,
    english: true,
    why: "A model copies a sample to the letter: it learns the breach, not the rule.",
    bad: &[
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: DELAYED",
        "You are Merle, a clerk. Use no emoji.\nGuest: hi\nMerle: Hello 🙂 How can I help?\nGuest: bye\nMerle: Goodbye.",
        "Write dates as YYYY-MM-DD.\nSample report: We sailed on 3 May.\nSample record: {\"day\": \"03/05/2031\"}",
        "Fill in the slip. Ticket numbers have the form LF-0000.\nSample slip: my ticket is lost\nSample record: lf 12, lost at the pier: LF-12",
        "Read the slip. A parcel number has two capital letters and three digits.\nSample slip: my parcel ab 12\nSample answer: {\"parcel_number\": \"ab12\"}",
        "Extract from the slip: boat, pier, hour of departure, fare. Write null where one is missing.\nExample:\nSlip: \"The Merle left pier A at noon.\"\nRecord: {\"boat\": \"Merle\", \"pier\": \"A\", \"hour\": 12}\nSlip: {slip}",
        "Leave out BEGIN and COMMIT.\nSample script:\n```sql\nBEGIN;\nDROP TABLE boats;\n```",
    ],
    good: &[
        "Extract from the slip: boat, pier, hour of departure, fare. Write null where one is missing.\nExample:\nSlip: \"The Merle left pier A at noon.\"\nRecord: {\"boat\": \"Merle\", \"pier\": \"A\", \"hour\": 12, \"fare\": null}\nSlip: {slip}",
        "Write a title of at most 5 words for each notice. No question marks.\n\n# Good examples\n- Late boat at pier A\n\n# Bad examples\n- The boat that leaves at noon will be rather late today\n- Where is it?",
        "Sort each slip into one label: LATE, LOST or OTHER.\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late\nLabel: LATE",
        "Fill in the slip. Ticket numbers have the form LF-0000.\nSample slip: lf-12\nSample record: LF-0012, on board of LF 2",
        "You are Merle, a clerk. Use no emoji.\nGuest: hi 🙂\nMerle: Hello. How can I help?\nGuest: bye\nMerle: Goodbye.",
        "Write dates as YYYY-MM-DD.\nSample report: We sailed on 03/05/2031.\nSample record: {\"day\": \"2031-05-03\"}",
    ],
};

impl Check for SampleBreaksRule {
    fn meta(&self) -> &'static Meta {
        &BREAKS
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let before = sink.findings.len();
        breaches(case, sink);
        let found = sink.findings.split_off(before);
        sink.findings
            .extend(found.into_iter().filter(|finding| !is_shunned(case, case.unit_at(finding.span))));
    }
}

/// Every breach, those of samples that show what not to do included.
fn breaches(case: &Case<'_>, sink: &mut Sink<'_>) {
    let rules: Vec<&Requirement> = case
        .requirements
        .iter()
        .filter(|rule| !rule.conditional && trial::is_testable(rule))
        .take(RULES)
        .collect();
    let mut named_values = None;
    // Which of two languages a sample should have shown, nobody can say.
    let mut languages = case.requirements.iter().filter_map(|rule| match rule.demand {
        Demand::Manner { axis: "answer language", pole } => Some(pole),
        _ => None,
    });
    let first_language = languages.next();
    let several_languages = languages.any(|pole| Some(pole) != first_language);
    // "Call: {{call}}" takes the call in, whatever its label names.
    let taken_in = |shown: &&Shown| {
        let place = shown.content;
        case.slots
            .iter()
            .any(|slot| slot.span.overlaps(place) && case.text(place).trim() == case.text(slot.span))
    };
    for shown in case.samples.iter().filter(|shown| shown.side == Side::Output && !taken_in(shown)) {
        let label = case.text(shown.label).to_lowercase();
        for rule in &rules {
            // "Right: b": the words asked for are its label.
            let named = |words: &str| words.to_lowercase().starts_with(&label) && !label.is_empty();
            if matches!(&rule.demand, Demand::Mention(words) if named(words)) {
                continue;
            }
            // "Headline: …" is the headline that the rule bounds, and so is "Sample headline: …".
            let thing = thing_of(&label);
            let whole = match &rule.subject {
                Subject::Named(part) | Subject::Each(part) if part == thing => {
                    Some(Requirement { subject: Subject::Reply, ..(*rule).clone() })
                }
                Subject::Named(part) => longer_name(case, rule, part, shown.content)
                    .map(|name| Requirement { subject: Subject::Named(name), ..(*rule).clone() }),
                _ => None,
            };
            let rule = whole.as_ref().unwrap_or(rule);
            let of_language = matches!(rule.demand, Demand::Manner { axis: "answer language", .. });
            if of_language && several_languages {
                continue;
            }
            // One record of an array may be shown by itself.
            let array = matches!(rule.demand, Demand::Manner { axis: "records of JSON", .. });
            if array && !matches!(&*label, "output" | "response" | "answer" | "reply" | "result") {
                continue;
            }
            // "Keywords: lido, opening", where there are three to five of them.
            if let Demand::Amount { measure: Measure::Items(things), bound } = &rule.demand
                && *things == label
                && !case.text(shown.content).trim().contains(['.', ';', '\n', '{', '['])
            {
                let count = case.text(shown.content).split(',').count();
                if !bound.holds(count) && count > 1 {
                    report(case, sink, shown.content, format!("a sample has {count} {things}"), rule.span);
                    break;
                }
                continue;
            }
            let Some(content) = place_of(case, rule, shown, &label) else { continue };
            // "Caption: …" in turns with "Tags: …" is a whole answer, and nobody speaks.
            let alone = shown.spoken && is_a_thing(&label);
            let held = |spoken| trial::breach(case.source.text(), rule, content, spoken);
            let Some(Breach { place, what }) =
                held(shown.spoken).or_else(|| alone.then(|| held(false)).flatten())
            else {
                continue;
            };
            if matches!(rule.demand, Demand::OneOf(_)) {
                let value = case.text(place).trim().trim_matches(['"', '`', '\'', '.']);
                let named = named_values.get_or_insert_with(|| quoted_in_demands(case));
                if named.contains(&value.to_ascii_lowercase()) {
                    continue;
                }
            }
            let finding = report(case, sink, place, what, rule.span);
            if matches!(rule.demand, Demand::Manner { axis: "emoji", .. }) {
                finding.fix.push(without(case, place));
            }
            break;
        }
    }
    let no_inputs = case.samples.iter().all(|shown| shown.side != Side::Input);
    // Samples that carry no label of their own: "as in "…"", a block of code.
    for (index, unit) in case.units.iter().enumerate() {
        let after = case.samples.partition_point(|shown| shown.content.end() <= unit.text.start());
        let labelled = case.samples.get(after).filter(|shown| shown.content.overlaps(unit.text));
        let titled = no_inputs && is_under_its_title(case, index);
        if labelled.is_some_and(|shown| shown.side != Side::Other || !titled)
            || case.labels[index].component != Some(Component::Examples)
            || unit.kind == UnitKind::Mark
            || is_an_input(case, unit)
        {
            continue;
        }
        // What stands before a record in one part went in.
        let holds_record = |unit: usize| case.text(case.units[unit].text).contains("\":");
        let answered = (index + 1..case.units.len())
            .take(2)
            .any(|next| case.units[next].section == unit.section && holds_record(next));
        let quoted = trial::quoted_reply(case.text(unit.text)) && (holds_record(index) || !answered);
        let found = rules.iter().find_map(|rule| {
                let counts = matches!(
                    rule.demand,
                    Demand::Manner { axis: "questions at a time" | "closed questions", .. }
                        | Demand::Omit(_)
                        | Demand::Amount { measure: Measure::Items("options"), .. }
                        | Demand::DateForm(_)
                        | Demand::Pattern(_)
                        | Demand::Manner { axis: "emoji", .. }
                );
                // A record under the title "Example" is an answer, and so are the items of a list and a text alone.
                // `L12;1903-05-04;0.9`: a row of values.
                let body = case.text(unit.text);
                let row = body.matches(';').count() >= 2 && !body.contains(' ');
                let record = row && matches!(rule.demand, Demand::DateForm(_))
                    || holds_record(index)
                        && match rule.demand {
                            Demand::OneOf(_) => matches!(rule.subject, Subject::Named(_)),
                            Demand::DateForm(_) => is_under_its_title(case, index),
                            _ => false,
                        };
                let listed = matches!(unit.kind, UnitKind::Item { .. } | UnitKind::Field | UnitKind::Turn)
                    || case.text(unit.text).starts_with("**");
                // Line after line, each begins anew.
                let begins = matches!(rule.demand, Demand::NeverBeginsWith(_)) && unit.opens_piece;
                let sentence = matches!(&rule.subject, Subject::Each(thing) if thing == "sentence");
                let alone = titled
                    && (holds_record(index) || !answered)
                    && (listed || begins || is_alone_in_its_part(case, index))
                    && matches!(
                        rule.demand,
                        Demand::DateForm(_)
                            | Demand::Omit(_)
                            | Demand::NeverBeginsWith(_)
                            | Demand::Manner { axis: "clock" | "emoji" | "closed questions" | "numbers" | "digits" | "rounding", .. }
                    );
                let tabled = matches!(
                    &rule.demand,
                    Demand::Amount { measure: Measure::Items(things), .. } if trial::row(body, things).is_some()
                );
                let tabled = tabled || sentence && titled && !body.contains(": ");
                // The head of such a name is found again whatever stands around it.
                let named = matches!(&rule.demand, Demand::Pattern(form) if form.head.len() >= 3 || form.head.ends_with('-'));
                let breach = trial::breach(case.source.text(), rule, unit.text, true)
                    .filter(|_| counts && quoted || record || alone || named || tabled)?;
                Some((breach, rule.span))
            });
        if let Some((Breach { place, what }, rule)) = found {
            report(case, sink, place, what, rule);
        }
    }
    quoted_names(case, &rules, sink);
    quoted_number::run(case, sink);
    typed_fields::run(case, sink);
    beyond_levels::run(case, sink);
    odd_label::run(case, &rules, sink);
    uncited::run(case, sink);
    owed_word::run(case, sink);
    sorted_by_rule::run(case, sink);
    things_shown::run(case, &rules, sink);
    columns::run(case, &rules, sink);
    coded::run(case, sink);
    listed_fields::run(case, sink);
    filled_forms::run(case, &rules, sink);
    fields(case, sink);
    field_rules::run(case, sink);
    answer_options::run(case, sink);
    shown_within::run(case, &rules, sink);
    shown_within::decimals(case, sink);
    salutation::run(case, sink);
    number_kept_back::run(case, sink);
    over_a_bound::run(case, sink);
    whole_sample::run(case, &rules, sink);
    word_alone::run(case, sink);
    listed_items::run(case, &rules, sink);
    total_of_fields::run(case, sink);
    band_shown::run(case, sink);
    choice_in_template::run(case, &rules, sink);
    key_case::run(case, &rules, sink);
    csv_rows::run(case, sink);
    loose_json::run(case, sink);
    own_illustration::run(case, &rules, sink);
    own_illustration::set_apart(case, sink);
}

/// The only field of the template that a record has nowhere.
fn absent<'a>(known: &'a [String], body: &str) -> Option<&'a String> {
    let keys = record::keys(body);
    let mut absent = known.iter().filter(|key| !keys.contains(key));
    absent.next().filter(|_| absent.next().is_none())
}

/// What "Sample headline" and "Subject line" are the headline and the subject of.
fn thing_of(label: &str) -> &str {
    let bare = ["sample ", "example "].iter().find_map(|word| label.strip_prefix(word)).unwrap_or(label);
    bare.strip_suffix(" line").unwrap_or(bare)
}

/// Where in a side of a sample a rule holds: the whole, or the field that the rule speaks of; none where it speaks of another one.
fn place_of(case: &Case<'_>, rule: &Requirement, shown: &Shown, label: &str) -> Option<Span> {
    let whole = Some(shown.content);
    let Demand::Manner { axis, pole } = rule.demand else { return whole };
    // Which figures have so many decimals, their unit tells.
    if (axis, pole) == ("rounding", "decimals") {
        return whole;
    }
    let body = case.text(shown.content);
    let within = |name: &str| {
        let (from, length) = trial::field(body, name)?;
        Some(Span::within(shown.content, from, length))
    };
    // "No emoji in the subject line".
    if let Some(part) = rule.part.as_deref().map(|part| part.strip_suffix('s').unwrap_or(part)) {
        let label = thing_of(label);
        let own = label == part || label.strip_suffix('s') == Some(part);
        return if own { whole } else { within(part) };
    }
    let said = trial::sentence(case.source.text(), rule.span).to_lowercase();
    let named = |name: &str| said.split(|c: char| !c.is_alphanumeric() && c != '_').any(|word| word == name);
    if body.len() <= record::LONGEST && body.contains("\":") {
        let key = record::keys(body).into_iter().find(|key| named(&key.to_lowercase()));
        return key.map_or(whole, |key| within(&key));
    }
    // What a part says of names holds for the samples in it.
    if axis == "naming" && label.is_empty() && case.units[rule.unit].section != shown.section() {
        return None;
    }
    // "The slug is in kebab case" says nothing of the title.
    if axis == "naming"
        && !label.split(' ').all(named)
        && !matches!(label, "output" | "answer" | "result" | "reply" | "response")
    {
        return None;
    }
    whole
}

/// "FARE NOTE: a single sentence as a note": the field `fare_note`, where the record has one of that name.
fn longer_name(case: &Case<'_>, rule: &Requirement, part: &str, record: Span) -> Option<String> {
    let line = case.text(case.source.line_around(rule.span.start()));
    let (label, _) = line.trim_start_matches(['-', '*', ' ', '`']).split_once(':')?;
    let name = label.trim_matches(['*', '`', ' ']).to_lowercase().replace(' ', "_");
    let longer = name.len() > part.len() && name.ends_with(part) && name.len() <= LABEL;
    (longer && case.text(record).contains(&format!("\"{name}\""))).then_some(name)
}

/// The longest label of a field, in bytes.
const LABEL: usize = 40;

/// "> **Input**: "…"": a line whose label names what goes in.
fn is_an_input(case: &Case<'_>, unit: &Unit) -> bool {
    let line = case.words.within(unit.with_lead(case.outline));
    let text = case.source.text();
    let mut words = line.iter().skip_while(|word| word.is_punctuation());
    let label = words.next().is_some_and(|word| {
        word.is(vocabulary::SAMPLE_IN) && word.text(text).starts_with(char::is_uppercase)
    });
    label
        && words
            .find(|word| word.text(text) != "*" && word.text(text) != "**")
            .is_some_and(|word| word.text(text) == ":")
}

/// True for the label of something written, where nobody is speaking.
fn is_a_thing(label: &str) -> bool {
    const THINGS: [&str; 16] = [
        "answer", "output", "caption", "note", "label", "translation", "summary", "title", "headline",
        "record", "row", "entry", "query", "reply", "after", "result",
    ];
    label.split_whitespace().last().is_some_and(|last| THINGS.contains(&last))
}

/// True for text in a part that is called a sample, and not one of what comes in; "Example: …" is one as well.
fn is_under_its_title(case: &Case<'_>, unit: usize) -> bool {
    let unit = &case.units[unit];
    let names = |title: &str| ["example", "sample"].iter().any(|word| title.contains(word));
    let title = case.text(case.outline.sections[unit.section].title).to_lowercase();
    let labelled = unit.kind == UnitKind::Field && unit.opens_piece && {
        let lead = case.text(case.outline.pieces[unit.pieces.start].lead).to_lowercase();
        names(&lead) && !lead.contains(' ')
    };
    labelled
        || names(&title) && !["input", "question", "request", "mail"].iter().any(|word| title.contains(word))
}

/// True where nothing else stands in that part.
fn is_alone_in_its_part(case: &Case<'_>, unit: usize) -> bool {
    let same = |near: usize| case.units[near].section == case.units[unit].section;
    let beside = (unit.saturating_sub(1)..case.units.len()).take(3).filter(|near| *near != unit);
    beside.into_iter().all(|near| !same(near) || case.units[near].kind == UnitKind::Mark)
}

/// "Something like "The Little Grey Gull"", where each name has at most two words.
fn quoted_names(case: &Case<'_>, rules: &[&Requirement], sink: &mut Sink<'_>) {
    const NAMES: [&str; 8] =
        ["name", "title", "headline", "slogan", "tagline", "question", "subject", "idea"];
    let of_names = rules.iter().filter(|rule| match (&rule.subject, &rule.demand) {
        (Subject::Each(thing), Demand::Amount { measure: Measure::Words | Measure::Characters, .. }) => {
            NAMES.contains(&thing.as_str())
        }
        _ => false,
    });
    let text = case.source.text();
    for rule in of_names.take(4) {
        let Demand::Amount { measure, bound } = &rule.demand else { continue };
        for unit in case.units.iter().filter(|unit| unit.text.start() > rule.span.start()) {
            let lower = case.text(unit.text).to_lowercase();
            let shows = ["something like ", "such as ", "for example", "e.g. ", "for instance"]
                .iter()
                .any(|cue| lower.starts_with(cue));
            let too_long = |quote: &&(Span, String)| {
                trial::count(&quote.1, measure)
                    .is_some_and(|count| count > bound.most.unwrap_or(u32::MAX) as usize)
            };
            if shows && let Some((place, words)) = quotations(text, unit.text).iter().find(too_long) {
                let what =
                    format!("`{words}` has more than {}", rule.demand.shown().trim_start_matches("at most "));
                report(case, sink, *place, what, rule.span);
            }
        }
    }
}

pub(super) fn report<'a>(
    case: &Case<'_>,
    sink: &'a mut Sink<'_>,
    place: Span,
    what: String,
    rule: Span,
) -> &'a mut Finding {
    let line = case.source.position(rule.start()).line;
    let message = format!("{what}, against the rule on line {line}: `{}`", case.shown(rule));
    let finding = sink.report(place, message, "change the sample so that it keeps the rule");
    finding.related.push(rule);
    finding
}

/// An emoji that is not to be there can only go, with the blank before it; one that ended a sentence leaves a full stop.
fn without(case: &Case<'_>, sign: Span) -> Edit {
    let before = &case.source.text()[..sign.start()];
    let blanks = before.len() - before.trim_end_matches(' ').len();
    let open = before.trim_end_matches(' ').ends_with(char::is_alphanumeric);
    let rest = &case.source.text()[sign.end()..];
    let begins = rest.strip_prefix(' ').is_some_and(|rest| rest.starts_with(char::is_uppercase));
    let replacement = if open && begins { "." } else { "" };
    Edit { span: Span::new(sign.start() - blanks, sign.end()), replacement: replacement.into() }
}

/// The words that demands quote, in lower case: in "What fits none of them is "other"" a rule of its own names the value.
fn quoted_in_demands(case: &Case<'_>) -> HashSet<String> {
    case.demands()
        .flat_map(|unit| quotations(case.source.text(), case.units[unit].text))
        .map(|(_, words)| words.to_ascii_lowercase())
        .collect()
}

/// How many rules a sample is held against.
const RULES: usize = 64;

/// "JSON with the keys boat, pier, hour": the fields where no template shows them.
fn named_keys(case: &Case<'_>) -> Vec<(Span, Vec<String>)> {
    let keys = |rule: &Requirement| {
        let Demand::Fields(fields) = &rule.demand else { return None };
        let place = case.units[rule.unit].text;
        let told = case.text(place).to_lowercase();
        let named = ["the keys ", "the fields ", " with \""].iter().any(|lead| told.contains(lead));
        let plain = fields.iter().all(|field| !field.name.contains(' '));
        (named && plain).then(|| (place, fields.iter().map(|field| field.name.clone()).collect()))
    };
    case.requirements.iter().filter_map(keys).collect()
}

/// A record in a sample whose fields are not those of the template.
fn fields(case: &Case<'_>, sink: &mut Sink<'_>) {
    let text = case.source.text();
    let is_output = |unit: &usize| {
        matches!(
            case.labels[*unit].component,
            Some(Component::OutputFormat | Component::Constraints | Component::Task)
        )
    };
    let templates: Vec<(Span, Vec<String>)> = (0..case.units.len())
        .filter(is_output)
        .map(|unit| (case.units[unit].text, record::keys(&text[case.units[unit].text.range()])))
        .filter(|(_, keys)| keys.len() >= 2)
        .collect();
    let templates = if templates.is_empty() { named_keys(case) } else { templates };
    let [(template, known)] = templates.as_slice() else { return };
    let choices = record::choices(case.text(*template));
    let records = (0..case.units.len())
        .filter(|&unit| {
            case.labels[unit].component == Some(Component::Examples)
                && case.text(case.units[unit].text).contains('{')
        })
        .map(|unit| {
            let body = case.text(case.units[unit].text).trim();
            let whole =
                case.units[unit].kind == UnitKind::Code || body.starts_with('{') && body.ends_with('}');
            (case.units[unit].text, whole)
        });
    let inputs: Vec<Span> =
        case.samples.iter().filter(|shown| shown.side == Side::Input).map(|shown| shown.content).collect();
    for (content, whole) in records {
        let known_input = inputs.partition_point(|input| input.end() <= content.start());
        if inputs.get(known_input).is_some_and(|input| input.overlaps(content)) {
            continue;
        }
        let body = &text[content.range()];
        let odd = choices.iter().find_map(|(key, choices)| {
            let odd = |(_, value): &(usize, &str)| !choices.iter().any(|choice| choice == value);
            let (at, value) = record::values(body, key).into_iter().find(odd)?;
            Some((at, value, choices))
        });
        if let Some((at, value, choices)) = odd {
            let what = format!("`{value}` is none of {}", choices.join(", "));
            report(case, sink, Span::within(content, at, value.len()), what, *template);
            continue;
        }
        let beyond = known.iter().find_map(|key| {
            let (low, high) = record::range(case.text(*template), key)?;
            let (at, value) = record::whole_number(body, key)?;
            (value < low || value > high).then_some((at, value, low, high))
        });
        if let Some((at, value, low, high)) = beyond {
            let what = format!("`{value}` is not between {low} and {high}");
            report(case, sink, Span::within(content, at, value.to_string().len()), what, *template);
            continue;
        }
        // `"confidence": 0.00` in the template, and a word in the sample.
        let worded =
            known.iter().filter(|key| record::is_number(case.text(*template), key)).find_map(|key| {
                let is_word =
                    |(_, value): &(usize, &str)| value.chars().all(char::is_alphabetic) && *value != "null";
                record::values(body, key).into_iter().find(is_word)
            });
        if let Some((at, value)) = worded.filter(|(_, value)| !value.is_empty()) {
            let what = format!("`{value}` is no number");
            report(case, sink, Span::within(content, at, value.len()), what, *template);
            continue;
        }
        let keys = record::outer_keys(body);
        let common = keys.iter().filter(|key| known.contains(key)).count();
        if common * 2 < known.len() || common == 0 {
            continue;
        }
        if let Some(odd) = keys.iter().find(|key| !known.contains(key)) {
            let at = text[content.range()]
                .find(&format!("\"{odd}\""))
                .map_or(content, |offset| Span::within(content, offset, odd.len() + 2));
            report(
                case,
                sink,
                at,
                format!("the sample has a field `{odd}` that the template does not have"),
                *template,
            );
        } else if let Some(absent) = absent(known, body).filter(|_| whole) {
            report(case, sink, content, format!("the sample has no field `{absent}`"), *template);
        }
    }
}
