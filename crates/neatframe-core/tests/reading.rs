//! What a reader of the public interface gets: kinds of work, frames, slots, parts, findings, new prompts.
#![allow(clippy::unwrap_used)]

use neatframe_core::{
    Change, Component, CountTokens, Facet, Frame, Importance, Kind, Layer, Part, Review, Settings, Severity,
    Source, Syntax, Tokens, Wishes, apply, reframe, review,
};

struct Letters;

impl CountTokens for Letters {
    fn encoding(&self) -> &str {
        "letters"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: text.chars().map(|c| c.len_utf8() as u32).collect(), exact: false }
    }
}

fn source(text: &str) -> Source {
    Source::from_bytes(text.as_bytes().to_vec()).unwrap()
}

fn read(text: &str) -> Review {
    review(source(text), &Settings::default(), &Letters)
}

fn checks(text: &str) -> Vec<&'static str> {
    read(text).findings().iter().map(|finding| finding.check).collect()
}

#[test]
fn what_a_prompt_has_beside_something_else_is_not_missing() {
    let form = "Reason about the score of the boat.\nOnly return JSON.\nExample JSON:\n{\n  \"reason\": \"The score is <score> because <your_reason>.\"\n}\n";
    assert!(!read(form).missing().contains(&Component::Examples));
    let closed = "Rate the slip against the log.\nSay 4 where the slip names the boat.\nYour rating must be only 4, 2 or 0.\n";
    assert!(!read(closed).missing().contains(&Component::OutputFormat));
    let labelled =
        "Instruction: You are a seasoned clerk for rating a slip against the log.\nSay 4 where it is full.\n";
    assert!(!read(labelled).missing().contains(&Component::Role));
    assert_eq!(read("Rate the slip against the log.\n").missing().len(), 5);
}

#[test]
fn an_opening_that_says_what_you_do_is_the_task_and_the_role() {
    for opening in [
        "You turn logs into notices.",
        "You pull the names out of the log.",
        "You sort slips of Larkhaven Ferries by pier.",
        "You write short notices for guests.",
        "You are a clerk, and you sort slips by pier.",
        "You are a clerk. You rate letters.",
        "You are trained to sort slips. Sort the slip by pier.",
    ] {
        let missing = read(&format!("{opening}\n\n<log>\n{{{{log}}}}\n</log>\n")).missing().to_vec();
        assert!(!missing.contains(&Component::Task), "{opening}");
        assert!(!missing.contains(&Component::Role), "{opening}");
    }
    for opening in
        ["You are a clerk.", "You work for Larkhaven Ferries.", "You act as the clerk of the quay."]
    {
        let missing = read(&format!("{opening}\n\n<log>\n{{{{log}}}}\n</log>\n")).missing().to_vec();
        assert!(missing.contains(&Component::Task), "{opening}");
    }
}

#[test]
fn a_slot_that_takes_the_input_is_context() {
    let shots = "You sort slips of Larkhaven Ferries.\n\nExamples:\n\nInput: fog\nOutput: weather\n\nInput: rope torn\nOutput: gear\n\nInput: {{slip}}\nOutput:\n";
    assert!(!read(shots).missing().contains(&Component::Context));
    assert!(read("Write a poem of four lines.").missing().contains(&Component::Context));
}

#[test]
fn evidence_for_a_kind_is_in_the_prompt() {
    let review = read("You are a clerk.\nPlease extract the fares.");
    let kind = review.kind().unwrap();
    assert_eq!(review.source().slice(kind.evidence[0]), "extract");
    assert!(Kind::named("extraction").is_some() && Kind::named("sparkling").is_none());
}

#[test]
fn a_kind_that_is_set_chooses_the_frame() {
    let settings = Settings { kind: Kind::named("image"), ..Settings::default() };
    let review = review(source("Extract the fares."), &settings, &Letters);
    assert_eq!(review.frame().name, "image");
    let frame = Frame::built_in().iter().find(|frame| frame.name == "extraction").unwrap();
    let importance = |part| frame.needs.iter().find(|need| need.part == part).map(|need| need.importance);
    assert_eq!(importance(Part::Component(Component::OutputFormat)), Some(Importance::Required));
    assert_eq!(importance(Part::Facet(Facet::Fallback)), Some(Importance::Recommended));
    assert_eq!(importance(Part::Facet(Facet::Tone)), None);
}

#[test]
fn a_required_part_is_an_error_and_a_recommended_one_a_warning() {
    let review = read("Extract the fares from the tickets. Leave out names.");
    let of = |name: &str| {
        review.findings().iter().find(|finding| finding.message.contains(name)).unwrap().severity
    };
    assert_eq!(of("no output format"), Severity::Error);
    assert_eq!(of("no fallback"), Severity::Warning);
}

#[test]
fn layers_supply_what_the_prompt_leaves_out() {
    let layer = Layer::read("house.md".into(), &source("You are the clerk of Larkhaven Ferries."), &Letters);
    assert!(layer.supplies(Part::Component(Component::Role)));
    assert_eq!(layer.tokens(), 39);
    let settings = Settings { layers: vec![layer], ..Settings::default() };
    let review = review(source("Write a notice."), &settings, &Letters);
    assert!(!review.missing().contains(&Component::Role));
    assert_eq!(review.supplied_by(Part::Component(Component::Role)).map(Layer::name), Some("house.md"));
}

#[test]
fn slots_keep_their_syntax() {
    let review = read("Write to {name} about ${boat}. \\frac{a}{b}");
    let syntaxes: Vec<Syntax> = review.slots().iter().map(|slot| slot.syntax).collect();
    assert_eq!(syntaxes, [Syntax::Braces, Syntax::DollarBraces]);
    assert_eq!(Syntax::DoubleBraces.write("boat"), "{{boat}}");
}

#[test]
fn an_estimate_is_marked_as_one() {
    assert!(!read("Write a notice.").ledger().exact);
    assert_eq!(read("Write a notice.").ledger().total, 15);
}

#[test]
fn vague_words_are_silent_when_something_pins_them_down() {
    for text in [
        "Keep the notice short: two lines.",
        "Write a friendly notice, such as \"Hop on\".",
        "The notice begins with \"A nice day\".",
        "Keep it brief. The notice has at most 40 words.",
        "If a fare is good for several days, name them.",
        "Name the boat as well as the pier.",
    ] {
        assert!(!checks(text).contains(&"unmeasured-wording"), "{text}");
    }
    for text in [
        "Write an engaging notice.",
        "Name the boats, piers, etc.",
        "Add a map if needed.",
        "Sound professional.",
    ] {
        assert!(checks(text).contains(&"unmeasured-wording"), "{text}");
    }
}

#[test]
fn fixes_leave_whole_sentences() {
    for (text, fixed) in [
        ("Basically, write the notice.", "Write the notice."),
        ("Write the notice in order to warn people.", "Write the notice to warn people."),
        ("It goes without saying that the pier is wet.", "The pier is wet."),
        ("Make use of the log due to the fact that it is new.", "Use the log because it is new."),
    ] {
        let review = read(text);
        let edits: Vec<_> = review.findings().iter().flat_map(|finding| finding.fix.clone()).collect();
        assert_eq!(apply(text, &edits).unwrap(), fixed);
    }
}

#[test]
fn new_sections_look_like_the_others() {
    let rules = "- Name the pier.\n- Use 40 words at most.";
    for (text, section) in [
        (
            format!("## Task\nExtract the fares.\n\n## Rules\n{rules}\n"),
            "## Output format\n{{output_format: ",
        ),
        (
            format!("**Task**\nExtract the fares.\n\n**Rules**\n{rules}\n"),
            "**Output format**\n{{output_format: ",
        ),
        (format!("TASK\nExtract the fares.\n\nRULES\n{rules}\n"), "OUTPUT FORMAT\n{{output_format: "),
        ("Task: extract the fares.\nRules: name the pier.\n".to_string(), "Output format: {{output_format: "),
    ] {
        let out = reframe(&read(&text), &Wishes::default());
        let mut rest = out.text.as_str();
        for part in text.trim_end().split("\n\n") {
            let at = rest.find(part).unwrap_or_else(|| panic!("no {part} in {}", out.text));
            rest = &rest[at + part.len()..];
        }
        assert!(out.text.contains(section), "{}", out.text);
        assert!(out.notes.iter().all(|note| matches!(note.change, Change::Added | Change::Open)));
    }
}

#[test]
fn nothing_is_asked_when_it_is_not_wished() {
    let text = "Extract the fares.";
    assert_eq!(reframe(&read(text), &Wishes { ask: false, offer: false, ..Wishes::default() }).text, text);
}

#[test]
fn prompts_in_other_languages_are_left_where_they_are() {
    let text =
        "Schreibe die Mitteilung für die Fahrgäste. Sie ist kurz und nennt das Schiff und die Zeit nicht.\n";
    let review = read(text);
    assert_eq!(review.language(), Some("German"));
    assert!(review.findings().is_empty());
    assert_eq!(reframe(&review, &Wishes::default()).text, text);
}

#[test]
fn the_readme_lists_every_check() {
    let readme = include_str!("../../../README.md");
    for meta in neatframe_core::checks() {
        let level = if meta.on { meta.severity.id() } else { "off" };
        let row = format!(
            "| {} | [`{1}`](docs/checks/{1}.md) | {level} | {2} |",
            meta.family.id(),
            meta.id,
            meta.summary
        );
        assert!(readme.contains(&row), "{row}");
        assert!(!meta.summary.is_empty() && !meta.why.is_empty(), "{}", meta.id);
    }
}

#[test]
fn a_step_that_goes_takes_its_own_references_with_it() {
    let text = "Sell tickets.\n\n1. Ask for the day of the crossing.\n2. For bicycles, go on as in step 5.\n\
        3. Name the boat and the pier.\n4. For bicycles, go on as in step 5.\n5. Take the fare.\n";
    let read = read(text);
    for finding in read.findings().iter().filter(|finding| !finding.fix.is_empty()) {
        let mended = neatframe_core::apply(text, &finding.fix).unwrap();
        assert!(mended.contains("2. For bicycles, go on as in step 4.") && !mended.contains("step 5"));
    }
    assert!(read.findings().iter().any(|finding| finding.check == "said-before" && !finding.fix.is_empty()));
}

#[test]
fn a_plain_rule_among_facts_stays_a_rule() {
    let facts = "We run two small ferries between the mainland and the outer islands, and to dry-dock one of them there will be fewer sailings for three weeks.";
    let review = read(&format!(
        "{facts} Keep it short. Most people read our notices on the quay board while they wait. Write the notice for the quay board."
    ));
    let rule = review.units().iter().position(|unit| review.source().slice(unit.text) == "Keep it short.");
    assert_eq!(review.labels()[rule.unwrap()].component, Some(Component::Constraints));
}
