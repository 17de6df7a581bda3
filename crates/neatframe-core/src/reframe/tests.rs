//! Restructuring keeps what the author wrote, or says what went.

mod kept;
mod mended;
mod plain_writers;
mod spoken;
mod typed;

use super::*;
use crate::ledger::Bytes;
use crate::review::{Settings, review};
use crate::source::Source;
use proptest::prelude::*;

pub(super) fn reframed(text: &str) -> Reframed {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    reframe(&review(source, &Settings::default(), &Bytes), &Wishes::default())
}

/// The text alone, with nothing asked and nothing offered.
pub(super) fn reworded(text: &str) -> String {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let wishes = Wishes { ask: false, offer: false, ..Wishes::default() };
    reframe(&review(source, &Settings::default(), &Bytes), &wishes).text
}

/// A prompt with faults, so that its parts are put under titles, around some lines; restructured.
pub(super) fn around(lines: &str) -> String {
    reworded(&format!(
        "You are a clerk at the ferry desk. Please note that guests wait on the quay.\n\n{lines}\n\n\
         Use at most 60 words. Write the notice in order to warn the guests.\nDo not name a guest.\n"
    ))
}

fn words(text: &str) -> Vec<String> {
    let mut words: Vec<String> =
        text.split(|c: char| !c.is_alphanumeric()).filter(|w| !w.is_empty()).map(str::to_lowercase).collect();
    words.sort();
    words
}

/// Every word of the source, as often as it stands there, is in the result or in a note.
fn assert_nothing_lost(text: &str) {
    let out = reframed(text);
    let mut kept = words(&out.text);
    for note in out.notes.iter().filter(|note| matches!(note.change, Change::Dropped | Change::Edited)) {
        kept.extend(words(&note.words));
    }
    kept.sort();
    let mut kept = kept.into_iter().peekable();
    for word in words(text) {
        while kept.next_if(|other| *other < word).is_some() {}
        assert!(
            kept.next_if_eq(&word).is_some(),
            "lost `{word}` of {text:?} in {:?}, {:?}",
            out.text,
            out.notes
        );
    }
}

/// The same cases on every run: a gate that fails at random is no gate.
fn fixed(cases: u32) -> ProptestConfig {
    let rng_seed = proptest::test_runner::RngSeed::Fixed(7);
    ProptestConfig { cases, rng_seed, failure_persistence: None, ..ProptestConfig::default() }
}

const RAMBLE: &str = "Hi there! You are the clerk of Larkhaven Ferries. Keep it under 80 words. Write a notice about the \
late ferry. Our readers stand in the rain. Say nothing about the crew. Keep it under 80 words, all parts counted.";

#[test]
fn a_ramble_gets_sections_in_order() {
    let out = reframed(RAMBLE).text;
    let at = |title: &str| out.find(title).unwrap_or_else(|| panic!("no {title} in {out}"));
    assert!(at("# Role") < at("# Task") && at("# Task") < at("# Constraints"), "{out}");
    assert!(!out.contains("Hi there"), "{out}");
}

#[test]
fn nothing_is_lost_in_a_ramble() {
    assert_nothing_lost(RAMBLE);
}

#[test]
fn marked_sections_keep_their_layout() {
    let text = "# Task\nSort the messages of the quay.\n\n# Rules\n- Basically use 80 words at most.\n- Name the pier.\n";
    let out = reframed(text).text;
    let at = |part: &str| out.find(part).unwrap_or_else(|| panic!("no {part} in {out}"));
    assert!(out.starts_with("# Task\nSort the messages of the quay.\n\n# Context\n{{context: "), "{out}");
    assert!(at("# Context") < at("\n\n# Rules\n- Use 80 words at most.\n"), "{out}");
    assert!(out.contains("# Output format\n{{output_format"), "{out}");
}

#[test]
fn leftovers_of_a_chat_go_and_take_nothing_along() {
    let text = "Certainly! Here is the refined prompt for your club:\nYou write the emails of a ferry club.\nWrite the invitation.\nAt most 120 words.\nName the pier.\n";
    let out = reframed(text).text;
    assert!(out.contains("You write the emails of a ferry club.") && !out.contains("refined"), "{out}");
}

#[test]
fn a_numbered_step_never_leaves_a_gap() {
    let steps = "1. Read the log.\n2. Write the notice.\n3. Read the log.\n4. Send it.\n";
    let text = format!("# Task\nDo this:\n{steps}\nIf the pier of step 4 is closed, repeat step 3.\n");
    let out = reframed(&text).text;
    assert!(out.contains("1. Read the log.\n2. Write the notice.\n3. Send it.\n"), "{out}");
    assert!(out.contains("the pier of step 3 is closed, repeat step 1."), "{out}");
    // Which step a range means is not told surely, so the step stays.
    let text = format!("# Task\nDo this:\n{steps}\nThen repeat steps 2 to 4.\n");
    let out = reframed(&text).text;
    assert!(out.contains("3. Read the log.\n4. Send it."), "{out}");
}

#[test]
fn a_sentence_of_many_demands_is_split_where_both_sides_stand() {
    let text = "Write a notice for the pier that names every boat that is late today, and write a mail to the regulars with the \
                same facts in other words, and add a line for the site, and tell the desk what a guest who calls about money back \
                has to hear.\n";
    let out = reframed(text).text;
    for part in ["late today. Write a mail", "Add a line for the site.", "Tell the desk what a guest"] {
        assert!(out.contains(part), "{part}: {out}");
    }
    let hanging = "If the pier is closed today for any reason at all, write a notice for the guests who wait at the gate and tell the \
                   desk what to say and send a mail to the regulars and put a line on the site with the hour of the next boat and so on.\n";
    assert!(
        reframed(hanging).text.contains("and tell the desk what to say and send"),
        "a condition holds for all of it"
    );
}

#[test]
fn what_follows_a_fence_stays_out_of_it() {
    let rules = "You review changes for a booking site. Review the diff below.\nReport bugs first.\nQuote the line of each remark.\nBe professional.\n";
    let out = reframed(&format!("{rules}```diff\n{{{{diff}}}}\n```\nNever name the author.\n")).text;
    assert!(out.trim_end().ends_with("# Input\n```diff\n{{diff}}\n```"), "{out}");
    let out = reframed(&format!("{rules}(paste the diff here)\nNever name the author.\n")).text;
    assert!(out.trim_end().ends_with("# Input\n{{diff}}"), "{out}");
}

#[test]
fn titles_and_slots_are_no_repeats() {
    let text = "Work\nLook each figure up in the budget extract.\nMark it RIGHT or WRONG.\nDraft\n{{draft}}\nBudget extract\n{{extract}}\n";
    let out = reframed(text).text;
    assert!(out.contains("Draft\n{{draft}}\nBudget extract\n{{extract}}"), "{out}");
}

#[test]
fn sentences_stay_with_what_they_lean_on() {
    let text = "My mother turns 80 in June and 34 people come.\nMake me a running order for the day.\nShe gets tired after four hours.\n\
                Lunch has to be over by two.\nAfter ten questions stop and wait.\nThen ask whether it is complete.\nYou get ten minutes for it.\n\
                Basically no speeches.\n";
    let out = reframed(text).text;
    assert!(
        out.contains("34 people come.\nShe gets tired") || out.contains("34 people come. She gets tired"),
        "{out}"
    );
    assert!(out.contains("- After ten questions stop and wait.\n- Then ask"), "{out}");
    assert!(!out.contains("# Input"), "{out}");
}

#[test]
fn stages_keep_their_lines() {
    let text = "You take new guests through the safety card.\nGo through the stages in order.\nStage 1: Person\nAsk for the name.\n\
                Gate: the name is known.\nStage 2: Vest\nShow where the vests are.\nGate: the guest wears one.\nOne question at a time.\n";
    let out = reframed(text).text;
    assert!(
        out.contains("Stage 1: Person\nAsk for the name.\nGate: the name is known.\nStage 2: Vest"),
        "{out}"
    );
}

#[test]
fn a_wish_that_bounds_the_answer_is_a_rule() {
    let wishes = Wishes {
        notes: vec!["between 40 and 50 items, each under 60 characters".into()],
        ..Wishes::default()
    };
    let notes = with("Write the winter notice.\nAt most 80 words.\n", &wishes).notes;
    let wished = notes.iter().find(|note| note.why == "wished for").unwrap();
    assert_eq!(wished.now, "Constraints");
}

#[test]
fn headings_move_up_together() {
    let out = reframed("# Planner\n\nPlan the week.\n\n### Steps\n\nList the days.\n\n#### Order\n\nMonday comes first.\n\n### Rules\n\nName no guest.\n").text;
    assert!(
        out.contains("\n## Steps\n") && out.contains("\n### Order\n") && out.contains("\n## Rules\n"),
        "{out}"
    );
}

#[test]
fn a_prohibition_with_one_counterpart_is_turned() {
    let out =
        reframed("Write the winter notice for the quay board. Never use the passive. No clichés.\n").text;
    assert!(out.contains("Use the active voice.") && out.contains("No clichés."), "{out}");
}

#[test]
fn a_short_good_prompt_stays() {
    let text = "We run two ferries for commuters. Write the winter notice in at most 80 words, as three bullets: time, pier, fare.\n";
    let out = reframed(text);
    assert!(out.text.contains("We run two ferries for commuters."), "{}", out.text);
    assert_nothing_lost(text);
}

pub(super) fn with(text: &str, wishes: &Wishes) -> Reframed {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    reframe(&review(source, &Settings::default(), &Bytes), wishes)
}

#[test]
fn a_wish_replaces_what_it_stands_against() {
    let text = "You are the clerk of a ferry line. We run two boats. Write the winter notice in at most 50 words. Name the pier.";
    let out = with(text, &Wishes { notes: vec!["between 60 and 80 words".into()], ..Wishes::default() });
    assert!(out.text.contains("in between 60 and 80 words") && !out.text.contains("50"), "{}", out.text);
    assert!(out.notes.iter().any(|note| note.why.contains("the wish stands against it")), "{:?}", out.notes);
}

#[test]
fn a_wish_for_something_new_is_added_to_the_rules() {
    let text = "# Task\nWrite the winter notice of a ferry line.\n\n# Rules\n- At most 50 words.\n- Name the pier.\n\n# Layout\nThree bullets.\n";
    let out = with(text, &Wishes { notes: vec!["no emoji".into()], ..Wishes::default() });
    assert!(out.text.contains("- Name the pier.\n- No emoji."), "{}", out.text);
    let again = with(&out.text, &Wishes::default());
    assert_eq!(again.text.matches("No emoji").count(), 1);
}

#[test]
fn lean_targets_do_without_bare_qualities() {
    let text = "# Task\nWrite the winter notice of a ferry line.\n\n# Rules\n- Be engaging and professional.\n- At most 50 words.\n";
    let lean = Wishes { lean: true, ..Wishes::default() };
    let out = with(text, &lean);
    assert!(!out.text.contains("engaging") && !out.text.contains("{{"), "{}", out.text);
    assert!(out.notes.iter().any(|note| note.why.contains("lean")), "{:?}", out.notes);
}

#[test]
fn safe_lines_are_offered_and_can_be_left_out() {
    let text = "# Task\nExtract the boat and the hour from the log.\n\n# Rules\n- Copy names as they stand.\n\n# Output\nReturn JSON with the keys boat and hour.\n\n<log>\n{{log}}\n</log>\n";
    let offered = with(text, &Wishes::default());
    assert!(offered.text.contains("write \"not stated\""), "{}", offered.text);
    let none = with(text, &Wishes { offer: false, ..Wishes::default() });
    assert!(!none.text.contains("not stated"), "{}", none.text);
}

/// The texts of the units that say something, sorted.
fn said(text: &str) -> Vec<String> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let review = review(source, &Settings::default(), &Bytes);
    let units = review.units().iter().filter(|unit| unit.kind != crate::UnitKind::Mark);
    let mut said: Vec<String> = units.map(|unit| review.source().slice(unit.text).to_string()).collect();
    said.sort();
    said
}

#[test]
fn from_layout_to_layout_and_back_every_unit_stays() {
    let text = "# Task\nWrite the winter notice of a ferry line.\n\n# Facts\nTwo boats sail.\n\n## Piers\nThe north pier is shut.\n\n# Rules\n- At most 50 words.\n- Name the pier.\n\n# Output format\nThree bullets.\n";
    let to =
        |text: &str, layout: Layout| with(text, &Wishes { layout: Some(layout), ..Wishes::default() }).text;
    for layout in [Layout::Tags, Layout::Labels] {
        let there = to(text, layout);
        let back = to(&there, Layout::Headings);
        assert_eq!(said(&there), said(text), "{there}");
        assert_eq!(said(&back), said(text), "{back}");
        assert_eq!(to(&there, layout), there);
    }
    let tags = to(text, Layout::Tags);
    assert!(
        tags.contains("<facts>") && tags.contains("<piers>\nThe north pier is shut.\n</piers>\n</facts>"),
        "{tags}"
    );
    assert!(!to(text, Layout::Plain).contains('#'));
}

proptest! {
    #![proptest_config(fixed(400))]

    #[test]
    fn no_word_of_any_prompt_is_lost(parts in prop::collection::vec(prop::sample::select(PARTS), 1..14)) {
        let text = parts.concat();
        prop_assume!(!text.trim().is_empty());
        assert_nothing_lost(&text);
    }

    #[test]
    fn reframing_twice_changes_nothing(parts in prop::collection::vec(prop::sample::select(PARTS), 1..14)) {
        let text = parts.concat();
        prop_assume!(!text.trim().is_empty());
        let once = reframed(&text).text;
        let twice = reframed(&once).text;
        prop_assert_eq!(once, twice);
    }
}

proptest! {
    #![proptest_config(fixed(300))]

    #[test]
    fn no_layout_loses_a_word(
        parts in prop::collection::vec(prop::sample::select(PARTS), 1..14),
        layout in prop::sample::select(&Layout::ALL[..]),
    ) {
        let text = parts.concat();
        prop_assume!(!text.trim().is_empty());
        let out = with(&text, &Wishes { layout: Some(layout), ..Wishes::default() });
        let mut kept = words(&out.text);
        kept.extend(out.notes.iter().filter(|note| note.change != Change::Added).flat_map(|note| words(&note.words)));
        for word in words(&text) {
            let at = kept.iter().position(|other| *other == word || other.contains(&word));
            prop_assert!(at.is_some(), "lost {} of {:?} in {:?}", word, text, out.text);
        }
    }
}

/// Pieces that prompts are made of, put together at random.
const PARTS: &[&str] = &[
    "You are the harbour clerk. ",
    "Write a notice for the quay. ",
    "Keep it under 80 words. ",
    "Keep it under 80 words. ",
    "It should be nice, etc. ",
    "Basically, name the pier in order to help. ",
    "Thank you so much in advance! ",
    "\n",
    "\n\n",
    "\r\n",
    "# Rules\n",
    "## Facts\n",
    "Task: write it\n",
    "**Notes**\n",
    "- one item here\n",
    "- Never name the crew.\n",
    "1. Read the log.\n",
    "2. Sort it.\n",
    "```\ncode here\n```\n",
    "```\nopen code\n",
    "<log>\n",
    "</log>\n",
    "{{report}}\n",
    "Here is the log:\n",
    "User: hi\nAssistant: hello\nUser: bye\nAssistant: bye\n",
    "It stands below. ",
    "| a | b |\n|---|---|\n",
    "====\n",
    "\"\"\"\n",
    "Return JSON with the keys a and b. ",
    "é 漢字 🙂 ",
];

proptest! {
    #![proptest_config(fixed(256))]

    #[test]
    fn any_text_is_read_and_its_pieces_give_it_back(text in "\\PC{0,300}|[#*\\-<>/{}\\[\\]`:.=\"|\\n\\ra-c1 ]{0,300}") {
        let Ok(source) = Source::from_bytes(text.clone().into_bytes()) else { return Ok(()) };
        let review = review(source, &Settings::default(), &Bytes);
        let joined: String = review.outline().pieces.iter().map(|piece| review.source().slice(piece.span)).collect();
        prop_assert_eq!(joined, text);
        let ends = review.units().windows(2).all(|pair| pair[0].text.end() <= pair[1].text.start());
        prop_assert!(ends, "units overlap");
        reframe(&review, &Wishes::default());
    }

    #[test]
    fn any_bytes_are_text_or_an_error(bytes in prop::collection::vec(any::<u8>(), 0..400)) {
        if let Ok(source) = Source::from_bytes(bytes) {
            review(source, &Settings::default(), &Bytes);
        }
    }
}

#[test]
fn a_form_of_labelled_lines_stays_whole() {
    let form = "Question: the question that you have to answer\nThought: what you make of it\nTool: one of [{tools}]\n\
        Tool Input: what goes into the tool\nResult: what the tool gave back\nAnswer: the answer to the question";
    let text = format!(
        "Answer the question of the guest with the help of the tools.\nNever guess a fare.\n\
         You have access to these tools:\n\n{{tool_list}}\n\nUse this form:\n\n{form}\n\nQuestion: {{question}}\n"
    );
    let out = with(&text, &Wishes::default());
    assert!(out.text.contains(form), "{}", out.text);
}

#[test]
fn what_opened_the_file_leaves_no_blank_lines() {
    let text = "Sure! Here is the refined prompt:\n\n**Task**\nCompare the two fares for a family of five.\n\n**Rules**\n- Name the page.\n- Take no side.\n- Keep the names.\n";
    let out = reframed(text).text;
    assert!(out.starts_with("**Task**"), "{out}");
}

#[test]
fn a_sign_that_lists_are_laid_out_with_stays() {
    let text = "You are a clerk.\nAnswer the guest who asks for the late boat.\nKeep the \u{1} sign as it is.\nThey never wait.\nAvoid long names.\nName the pier.\n# Notes\nTwo ferries sail.\n";
    let out = reframed(text).text;
    assert!(out.contains("- Keep the \u{1} sign as it is. They never wait."), "{out:?}");
}

#[test]
fn thanks_go_whole() {
    let text = "You are a clerk.\nWrite a notice on the late boat for guests.\n\nMany thanks in advance for your kind help with this!\n";
    let out = reframed(text).text;
    assert!(!out.contains("kind help"), "{out}");
}

#[test]
fn a_text_that_comes_in_by_a_slot_is_not_asked_for() {
    let text = "You are an editor for leaflets.\n\nRewrite the leaflet in {{leaflet}} for patients who read slowly.\n\nKeep every dose as written.\n";
    let out = reframed(text).text;
    assert!(!out.contains("Where is the text"), "{out}");
}

#[test]
fn what_speaks_of_them_stays_with_them() {
    let out = reframed(
        "Find at least five firms that sell tea boxes to ferries with fewer than 50 guests. For each of them look up:\n\
         1. the price per month\n2. the shortest contract\n\n\
         Where something cannot be found, write \"not found\" instead of a guess. Give a link for every price.\n\
         I need a table with one row per firm, then about 150 words on the gap that we could fill, then the list of links. \
         Each price has to come with its link.\n",
    );
    let task = out.text.find("50 guests. For each of them look up:\n1. the price per month");
    assert!(task.is_some(), "{}", out.text);
}

#[test]
fn a_demand_that_objects_is_no_repeat() {
    let out = reframed(
        "Write the letter to all tenants. Please please be professional. Use everyday words only. But use the proper legal wording.\n",
    );
    assert!(out.text.contains("But use the proper legal wording"), "{}", out.text);
}

#[test]
fn what_opens_the_answer_stays_last_and_a_slot_stays_with_its_lead() {
    let text = "Please act as an expert for slips.\nYour goal is to rewrite a slip so that it is a bit nicer.\nBut the new slip must be \
         good and useful.\nIt cannot omit the table of the slip. The new slip must sound nice. You should use the following \
         method: \n{method}\nThe new slip should have meaningful changes. Make sure it is great. Respond with the slip alone. \
         #Slip#:\n{slip}\n#New slip#:\n";
    let out = reframed(text);
    assert!(out.text.contains("the following method: {method}"), "{}", out.text);
    assert!(out.text.trim_end().ends_with("#New slip#:"), "{}", out.text);
    assert!(out.text.contains("# Constraints\n- The new slip must be good"), "{}", out.text);
    assert!(out.notes.iter().any(|note| note.words == "But the" && note.now == "The"));
    // A name keeps its letters.
    let named = reframed(&text.replace("But the new slip", "But slip_id"));
    assert!(named.text.contains("But slip_id must be"), "{}", named.text);
}

#[test]
fn a_quotation_and_a_sample_stay_with_the_rule_they_belong_to() {
    let out = reframed(
        "You are a clerk for the ferry. Your goal is to help guests nicely. You can answer some questions, but should return to \
         the fares. For example, after a question on tides, name a fare. Please keep replies short and nice. Before anything else, \
         open with a line like: 'Hello! I sell fares. Which boat is it?' If a guest asks about something else, give a good answer.\n\
         Line: {line}\n",
    );
    assert!(out.text.contains("return to the fares. For example, after a question on tides"), "{}", out.text);
    assert!(out.text.contains("like: 'Hello! I sell fares. Which boat is it?'"), "{}", out.text);
    assert!(out.text.contains("# Constraints"), "{}", out.text);
}

#[test]
fn an_opening_line_and_two_tags_are_in_order() {
    let text = "You are a clerk for the ferry.\n\n<input>\nYou will be given a slip and a log.\n</input>\n\n<instructions>\n\
                - Take out each fare.\n- Use null where no fare is given, as appropriate.\n- Return JSON.\n- Keep the names as \
                they are.\n- Sort by boat.\n</instructions>\n";
    assert_eq!(reframed(text).text.matches("# ").count(), 0);
}

#[test]
fn samples_within_rules_make_no_part_of_samples() {
    let text = "You are a planner of ferry crews, you are going to work with the desk.\n\nYour capabilities include:\n\n1. Understand the log of the crew, which may name days and boats.\n2. Each shift must name its boat. For example: \"Merle, early shift, with two deckhands and one engineer who knows the old engine and who is back on the pier by noon at the latest.\"\n3. Only provide the shifts, do not provide the fares.\n";
    let out = with(text, &Wishes { layout: Some(Layout::Headings), ..Wishes::default() });
    assert!(!out.text.contains("# Examples"), "{}", out.text);
}
