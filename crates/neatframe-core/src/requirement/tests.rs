//! One row per rule: what it is read as.

mod poles;
mod rows;
mod sentences;

use crate::ledger::Bytes;
use crate::{Settings, Source, review};

pub(super) fn read(text: &str) -> Vec<String> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let review = review(source, &Settings::default(), &Bytes);
    let shown = |r: &crate::Requirement| {
        let when = if r.conditional { " (at times)" } else { "" };
        format!("{}: {}{when}", r.subject.name(), r.demand.shown())
    };
    review.requirements().iter().map(shown).collect()
}

macro_rules! requirements {
    ($($name:ident: $text:expr => [$($want:expr),* $(,)?];)*) => {
        $(#[test]
        fn $name() {
            let want: Vec<&str> = vec![$($want),*];
            assert_eq!(read($text), want);
        })*
    };
}

pub(super) use requirements;

requirements! {
    at_most: "Write the notice in at most 80 words." => ["reply: at most 80 words"];
    no_more_than: "Use no more than three bullets." => ["reply: at most 3 bullets"];
    under: "Each title must stay under 60 characters." => ["each title: at most 59 characters"];
    ranges: "List between 3 and 5 options, each with 2-3 sentences." => ["reply: 3 to 5 options", "each option: 2 to 3 sentences"];
    behind_a_quality: "Length: short (max 300 words)" => ["reply: at most 300 words"];
    max_after: "Write 3 bullets max." => ["reply: at most 3 bullets"];
    negated: "No sentence is longer than 20 words." => ["each sentence: at most 20 words"];
    maximum_of: "Use a maximum of 4 paragraphs." => ["reply: at most 4 paragraphs"];
    what_comes_in: "Given a list of three slips, decide whether two boats are the same." => [];
    sign: "Keep the title ≤ 60 characters." => ["title: at most 60 characters"];
    about: "Write about 200 words on the ferry." => ["reply: about 200 words"];
    per_part: "Write 40 words per section." => ["each section: about 40 words"];
    named: "Return a headline of at most 12 words." => ["headline: at most 12 words"];
    manners: "Write the notice in the third person. Use no emojis." => ["reply: person: third person", "reply: emoji: no emoji"];
    turned: "Never answer in full sentences." => ["reply: sentence form: no sentences"];
    at_times: "Keep it short unless the guest asks for more." => ["reply: length: brief (at times)"];
    openings: "Start every reply with \"Ahoy\". Never use the word \"sorry\"." => ["reply: begins with `Ahoy`", "reply: never says `sorry`"];
    choices: "Answer with one of LATE, BROKEN or WRONG." => ["reply: one of LATE, BROKEN, WRONG"];
    dates: "Write every date as YYYY-MM-DD." => ["reply: dates as YYYY-MM-DD"];
    reading_level: "Write at a grade 6 reading level." => ["reply: reads at grade 6"];
    sequence: "Read the whole log before you write the notice." => ["reply: `Read the whole log` before `you write the notice`"];
    sequence_turned: "After sorting the delays, count the lost tickets." => ["reply: `sorting the delays` before `count the lost tickets`"];
    no_sequence: "Send it before noon. Be there after 5 pm." => [];
    pattern_shown: "Fill in the slip. Ticket numbers have the form `LF-0000`." => ["reply: ticket numbers as AA-9999"];
    pattern_told: "A parcel number has two capital letters and three digits." => ["reply: parcel number as AA999"];
    pattern_joined: "Every berth code is one capital letter, a hyphen and two digits." => ["reply: berth code as A-99"];
    no_pattern: "A quiz has two rounds and three digits on the board." => [];
    numbers_that_name: "Go back to step 3. Check the two lines above." => [];
}

#[test]
fn a_template_states_its_fields() {
    let stated = read("Return one JSON object:\n```json\n{\"boat\": \"text\", \"due\": \"HH:MM\"}\n```\n");
    assert!(stated.contains(&"reply: fields boat (text), due (HH:MM)".to_string()), "{stated:?}");
}

#[test]
fn columns_and_steps() {
    let stated = read("Return a table with the columns Boat, Pier and Due.");
    assert!(stated.contains(&"reply: fields Boat, Pier, Due".to_string()), "{stated:?}");
    let stated = read("Work like this:\n1. Read the log.\n2. Sort the delays.\n3. Write the notice.\n");
    assert!(stated.contains(&"reply: 3 steps in order".to_string()), "{stated:?}");
}
