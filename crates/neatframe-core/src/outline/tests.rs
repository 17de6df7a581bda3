//! One row per layout: what each piece is read as.

use super::*;
use crate::source::Source;
use crate::words::Words;

fn outline(text: &str) -> (Source, Outline) {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let words = Words::read(source.text(), source.body_start());
    let outline = read(&source, &words);
    (source, outline)
}

/// Kind and section title of each piece that is not blank.
fn shown(text: &str) -> Vec<String> {
    let (source, outline) = outline(text);
    let joined: String = outline.pieces.iter().map(|piece| source.slice(piece.span)).collect();
    assert_eq!(joined, text, "pieces give the text back");
    let kind = |piece: &Piece| {
        let kind = format!("{:?}", piece.kind);
        kind.split(' ').next().unwrap().to_string()
    };
    let title = |piece: &Piece| source.slice(outline.sections[piece.section].title).to_string();
    let visible = outline.pieces.iter().filter(|piece| piece.kind != PieceKind::Blank);
    visible.map(|piece| format!("{}/{}", kind(piece), title(piece))).collect()
}

macro_rules! layout {
    ($name:ident, $text:expr, [$($want:expr),* $(,)?]) => {
        #[test]
        fn $name() {
            assert_eq!(shown($text), [$($want),*]);
        }
    };
}

layout!(
    headings_nest,
    "# A\none\n## B\ntwo\n# C\nthree",
    ["Heading/A", "Text/A", "Heading/B", "Text/B", "Heading/C", "Text/C"]
);
layout!(underlined_heading, "Rules\n=====\nBe brief.", ["Heading/Rules", "Rule/Rules", "Text/Rules"]);
layout!(
    underlined_heading_right_below_front_matter,
    "---\nkeep: yes\n---\nRules\n=====\nBe brief.",
    ["FrontMatter/", "FrontMatter/", "FrontMatter/", "Heading/Rules", "Rule/Rules", "Text/Rules"]
);
layout!(bold_line_is_a_title, "**How you talk**\n- Brief.", ["Heading/How you talk", "Item/How you talk"]);
layout!(
    capitals_are_a_title,
    "WHAT TO PULL\nReturn one object.",
    ["Heading/WHAT TO PULL", "Text/WHAT TO PULL"]
);
layout!(
    a_record_with_no_fence_is_code,
    "# Schema\n{\n  \"pier\": \"text\",\n  \"tides\": [1, 2]\n}\n{\nGo on.",
    [
        "Heading/Schema", "Code/Schema", "Code/Schema", "Code/Schema", "Code/Schema", "Text/Schema",
        "Text/Schema"
    ]
);
layout!(
    a_tag_may_open_behind_a_label,
    "Sheet: <sheet>\n{sheet}\n</sheet>\nGo.",
    ["Label/Sheet", "TagOpen/sheet", "Text/sheet", "TagClose/sheet", "Text/Sheet"]
);
layout!(labels_open_sections, "Task: write it.\nAudience: clerks", ["Field/Task", "Field/Audience"]);
layout!(
    label_alone,
    "Rules:\n- one\n- two\n\nGo.",
    ["Label/Rules", "Item/Rules", "Item/Rules", "Text/Rules"]
);
layout!(
    unknown_label_ends_at_a_blank,
    "Ferries:\n- Merle\n\nGo on then.",
    ["Label/Ferries", "Item/Ferries", "Text/"]
);
layout!(
    tags_nest,
    "<a>\n<b x=\"1\">\nhi\n</b>\nho\n</a>\nend",
    ["TagOpen/a", "TagOpen/b", "Text/b", "TagClose/b", "Text/a", "TagClose/a", "Text/"]
);
layout!(
    a_tag_that_is_closed_may_hold_blanks,
    "<NEW NOTICE>\n{{notice}}\n</NEW NOTICE>\n<your text here>\nGo.",
    ["TagOpen/NEW NOTICE", "Text/NEW NOTICE", "TagClose/NEW NOTICE", "Text/", "Text/"]
);
layout!(
    tag_on_a_line_with_text,
    "<tool name=\"x\">Takes words.\nGives items.</tool>",
    ["TagOpen/tool", "Text/tool", "Text/tool", "TagClose/tool"]
);
layout!(
    a_fence_left_open_ends_before_a_sample,
    "```\n07:10 fog\n07:20 clear\nExample output: see the list",
    ["Fence/", "Code/", "Code/", "Field/"]
);
layout!(fence_hides_marks, "```\n# no\n<x>\n```\n- yes", ["Fence/", "Code/", "Code/", "Fence/", "Item/"]);
layout!(turns, "Customer: hi\nFern: hello\nCustomer: bye\nFern: bye", ["Turn/", "Turn/", "Turn/", "Turn/"]);
layout!(
    numbered_steps,
    "1. one\n2) two\nStep 3: three\n(4) four\na) five",
    ["Item/", "Item/", "Item/", "Item/", "Item/"]
);
layout!(ruled_title, "--- Facts ---\nTwo ferries.", ["Heading/Facts", "Text/Facts"]);
layout!(
    rules_do_not_underline_sentences,
    "It stands below.\n=====\n{{x}}\n=====",
    ["Text/", "Rule/", "Text/", "Rule/"]
);
layout!(
    a_name_below_a_sentence_is_underlined,
    "Keep the fares.\nMenu\n---\nSoup 4",
    ["Text/", "Heading/Menu", "Rule/Menu", "Text/Menu"]
);
layout!(front_matter, "---\ntitle: x\n---\nGo.", ["FrontMatter/", "FrontMatter/", "FrontMatter/", "Text/"]);
layout!(tables_and_quotes, "| a | b |\n|---|---|\n> said", ["Row/", "Row/", "Quote/"]);
layout!(times_are_no_labels, "Meet at 10:30 sharp.", ["Text/"]);

fn faults(text: &str) -> Vec<String> {
    let (source, outline) = outline(text);
    let name = |fault: &Fault| format!("{fault:?}").split('(').next().unwrap().to_string();
    outline.faults.iter().map(|fault| format!("{} {}", name(fault), source.slice(fault.place()))).collect()
}

#[test]
fn faults_of_tags_and_fences() {
    assert_eq!(faults("<a>\nx\n\n<b>\ny\n</b>"), ["OpenTag <a>"]);
    assert_eq!(faults("x\n</rubric>\ny"), ["StrayClose </rubric>"]);
    assert_eq!(faults("<a>\n<b>\nx\n</a>\n</b>"), ["CrossedTags <b>"]);
    assert_eq!(faults("```sql\nselect 1\n\nmore"), ["OpenFence ```sql"]);
    assert_eq!(
        faults("```\n07:10 fog\n07:20 clear\nExample output: see the list\nThank you."),
        ["OpenFence ```"]
    );
    let left = "```json\n{}\n\nKeep to the rules of the pier.\nName the boat and the pier first.\nWrite no more than two lines.\n```";
    assert_eq!(faults(left), ["OpenFence ```json"]);
    assert_eq!(faults("```sql\nselect 1\n```json\n{}\n```"), ["OpenFence ```sql"]);
    assert_eq!(faults("Put it inside the <answer> and </answer> tags. From <start> to <end>."), [""; 0]);
}

#[test]
fn deep_nesting_is_read() {
    let text = "<a>\n".repeat(10_000) + &"</a>\n".repeat(10_000);
    let (_, outline) = outline(&text);
    assert_eq!(outline.sections.len(), 10_001);
    assert!(outline.faults.is_empty());
}
layout!(
    short_names_over_parts,
    "Write the notice.\nRules\nName the pier in the first line.\nFacts\nThe boat is late because of the fog.",
    ["Text/", "Heading/Rules", "Text/Rules", "Heading/Facts", "Text/Facts"]
);
layout!(
    one_short_line_is_no_title,
    "Write the notice.\nTwo short bullets\nName the pier in the first line.",
    ["Text/", "Text/", "Text/"]
);
layout!(
    names_in_brackets,
    "Compare.\n\n[Question]\n{question}\n\n[Answer]\n{answer}",
    ["Text/", "Heading/Question", "Text/Question", "Heading/Answer", "Text/Answer"]
);
layout!(
    a_placeholder_in_brackets_is_no_title,
    "Sum up:\n[your text here]\nName the pier.",
    ["Label/Sum up", "Text/Sum up", "Text/Sum up"]
);
layout!(
    text_behind_a_labelled_table,
    "Example row:\n| 3 May | rope |\nLeave out the rest.",
    ["Label/Example row", "Row/Example row", "Text/"]
);

layout!(
    a_part_named_like_an_element,
    "<input>\n{{log}}\n</input>\nWrite it.",
    ["TagOpen/input", "Text/input", "TagClose/input", "Text/"]
);

layout!(an_element_that_never_closes, "<input type=\"text\">\nWrite it.", ["Text/", "Text/"]);

layout!(
    a_slot_under_its_label,
    "Question:\n<question>\nList:\nOne.",
    ["Label/Question", "Text/Question", "Label/List", "Text/List"]
);

layout!(
    headings_of_every_level,
    "# A\n## B\n### C\n#### D\n##### E\n###### F\nx",
    ["Heading/A", "Heading/B", "Heading/C", "Heading/D", "Heading/E", "Heading/F", "Text/F"]
);
layout!(seven_signs_are_no_heading, "####### A\nx", ["Text/", "Text/"]);
layout!(a_hash_without_a_blank_is_a_tag_of_a_post, "#harbour is a tag.", ["Text/"]);
layout!(headings_may_be_closed, "## Rules ##\nBe brief.", ["Heading/Rules", "Text/Rules"]);
layout!(
    bold_labels_hold_their_text,
    "**Task:** Write the notice.\n**Tone:** calm",
    ["Field/Task", "Field/Tone"]
);
layout!(labels_with_a_dash, "TASK - Write the notice.\nTONE - calm", ["Field/TASK", "Field/TONE"]);
layout!(
    a_label_over_its_lines,
    "Context:\nThe boat is late.\nThe fog is thick.\n\nTask:\nWrite the notice.",
    ["Label/Context", "Text/Context", "Text/Context", "Label/Task", "Text/Task"]
);
layout!(marks_of_lists, "- a\n* b\n+ c\n• d\n– e", ["Item/", "Item/", "Item/", "Item/", "Item/"]);
layout!(
    lists_nest_and_wrap,
    "- a\n  goes on\n  - b\n    1. c\n- d",
    ["Item/", "Text/", "Item/", "Item/", "Item/"]
);
layout!(
    numbers_of_steps_in_other_hands,
    "i. one\nii. two\n2.1. three\nStep 4: four\n5) five",
    ["Item/", "Item/", "Item/", "Item/", "Item/"]
);
layout!(a_year_opens_no_list, "2024. That was the year.", ["Text/"]);
layout!(boxes_to_tick, "- [ ] rope\n- [x] lamp", ["Item/", "Item/"]);
layout!(
    fences_of_tildes_and_longer_fences,
    "~~~\nx\n~~~\n````\n```\ny\n````",
    ["Fence/", "Code/", "Fence/", "Fence/", "Code/", "Code/", "Fence/"]
);
layout!(
    indented_code_below_a_blank,
    "Run this:\n\n    ferry --list\n    ferry --late\n\nThen stop.",
    ["Label/Run this", "Code/Run this", "Code/Run this", "Text/"]
);
layout!(
    what_is_set_in_below_a_list_belongs_to_it,
    "- Run this:\n\n    ferry --list\n- Stop.",
    ["Item/", "Text/", "Item/"]
);
layout!(
    sentences_that_are_set_in_are_text,
    "Mind this:\n\n    The boat is late.\n    The fog is thick.\n\nGo.",
    ["Label/Mind this", "Text/Mind this", "Text/Mind this", "Text/"]
);
layout!(
    rows_of_signs_part_the_text,
    "One.\n***\nTwo.\n___\nThree.",
    ["Text/", "Rule/", "Text/", "Rule/", "Text/"]
);
layout!(
    names_between_equal_signs,
    "=== Rules ===\nBe brief.\n== Facts ==\nTwo boats.",
    ["Heading/Rules", "Text/Rules", "Heading/Facts", "Text/Facts"]
);
layout!(
    dialogues_with_other_names,
    "User: hi\nAssistant: hello\nUser: bye\nAssistant: bye",
    ["Turn/", "Turn/", "Turn/", "Turn/"]
);
layout!(
    questions_and_answers,
    "Q: Is it late?\nA: Yes.\nQ: Why?\nA: Fog.",
    ["Turn/", "Turn/", "Turn/", "Turn/"]
);
layout!(
    inputs_and_outputs,
    "Input: a scarf\nOutput: LOST\n\nInput: a late boat\nOutput: LATE",
    ["Turn/", "Turn/", "Turn/", "Turn/"]
);
layout!(
    a_closing_tag_alone_is_a_mark,
    "Be brief.\n</rules>\nName the boat.",
    ["Text/", "TagClose/", "Text/"]
);
layout!(a_tag_within_a_sentence_is_text, "Put it between <answer> and </answer>, please.", ["Text/"]);
layout!(signs_of_less_are_no_tags, "Take it if a < b and c > d.", ["Text/"]);
layout!(addresses_are_no_tags, "Write to <crew@larkhaven.example>.", ["Text/"]);
layout!(windows_line_ends, "# A\r\none\r\n- two\r\n", ["Heading/A", "Text/A", "Item/A"]);

layout!(a_heading_alone, "# Rules", ["Heading/Rules"]);
layout!(a_slot_alone, "{{letter}}", ["Text/"]);
