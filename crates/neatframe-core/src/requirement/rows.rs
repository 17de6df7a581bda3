//! More rows: amounts and whom they bound, manners and what turns them, words, choices.

use super::tests::{read, requirements};

requirements! {
    fewer_than: "Use fewer than 5 bullets." => ["reply: at most 4 bullets"];
    less_or_equal_words: "The answer is limited to 90 words." => ["reply: at most 90 words"];
    or_fewer: "Write the notice in 80 words or fewer." => ["reply: at most 80 words"];
    or_more: "Give 3 or more reasons." => [];
    at_least: "Give at least two options." => ["reply: at least 2 options"];
    exactly: "Return exactly five names." => ["reply: exactly 5 names"];
    number_words: "Return between ten and twelve names." => ["reply: 10 to 12 names"];
    dash: "Write 60–80 words per paragraph." => ["each paragraph: 60 to 80 words"];
    over_negated: "The title is never longer than 60 characters." => ["title: at most 60 characters"];
    each_own: "Greet, answer and close, each in its own sentence." => ["reply: at least 3 sentences"];
    limit_yourself: "Limit yourself to 3 bullets." => ["reply: at most 3 bullets"];
    part_in_brackets: "Copy the passage (25 words at most) that decides." => ["passage: at most 25 words"];
    of_a_part: "Write a teaser of two sentences." => ["teaser: exactly 2 sentences"];
    compound: "Return an 8-word title." => ["title: exactly 8 words"];
    a_field: "Length: 120 words at most" => ["reply: at most 120 words"];
    a_field_of_its_own: "Write this notice:\nOpening: 20 words at most" => ["opening: at most 20 words"];
    steps_named: "Repeat step 3 and section 2." => [];
    capitals_kept_out: "Never use BEGIN or COMMIT." => ["reply: never says `BEGIN`", "reply: never says `COMMIT`"];
    ends_with: "End every reply with \"Fair winds\"." => ["reply: ends with `Fair winds`"];
    part_that_begins: "Start each bullet with \"Pier\"." => [];
    labels_in_capitals: "Sort each slip into LATE, LOST or OTHER." => ["reply: one of LATE, LOST, OTHER"];
    an_order_of_dates: "Write dates as DD.MM.YYYY." => ["reply: dates as DD.MM.YYYY"];
    one_at_a_time: "Ask one question at a time." => ["reply: exactly 1 question", "reply: questions at a time: one"];
    not_bullets: "Do not use bullet points." => ["reply: layout: no bullets"];
    no_markdown: "Use plain text without Markdown." => ["reply: markup: no Markdown", "reply: headings: no headings"];
    languages: "Answer in French." => ["reply: answer language: French"];
    once_is_no_condition: "Apologise once, in the first line." => ["reply: apology: apologise"];
    at_once_is_no_condition: "Answer at once." => ["reply: asking back: no questions"];
    a_condition: "Use no emojis once the guest has paid." => ["reply: emoji: no emoji (at times)"];
    quoted_poles: "Never write \"in a formal tone\" yourself." => ["reply: never says `in a formal tone`"];
    bare_count: "Find names for the boat. Give me ten." => ["reply: exactly 10 names"];
    bare_least: "Find names for the boat.\nAt least 25." => ["reply: at least 25 names"];
    just_the_best: "List ideas for the fair. Just give me your best 3." => ["reply: at most 3 ideas"];
    bare_number_of_nothing: "Go to pier ten. Wait." => [];
    a_side_of_paper: "It must fit on one side of A4." => ["reply: at most 1 page"];
    a_side_of_the_quay: "Walk along one side of the quay." => [];
    sorted_into: "Classify each line as praise, complaint or wish." => ["reply: one of praise, complaint, wish"];
    decided_between: "Decide for the slip: keep, send, burn." => ["reply: one of keep, send, burn"];
    sorted_by_something: "Sort each line as the purser does, or as the clerk does." => [];
    no_semicolon: "One line, no semicolon." => ["reply: exactly 1 line", "reply: never says `;`"];
    guess_in_a_gap: "Guess the hour when nobody gave one." => ["reply: gaps: guess"];
    gap_written_out: "If no hour was given, write unknown." => ["reply: gaps: never guess", "reply: `unknown` in a gap of hour"];
    known_subject: "Assume that the readers know the harbour." => ["reply: what the reader knows: much"];
    unknown_subject: "Assume that the reader has never heard of the harbour." => ["reply: what the reader knows: nothing"];
    numbered: "Number the steps." => ["reply: numbering: numbered"];
    plain_text: "Plain text, no formatting." => ["reply: markup: no Markdown", "reply: headings: no headings"];
}
