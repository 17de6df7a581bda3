//! Remarks that take a second look: sums, standing against one another in other words, samples against definitions.
#![allow(clippy::unwrap_used)]

use neatframe_core::{CountTokens, Family, Settings, Source, Tokens, review};

struct Bytes;

impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

/// The checks of a family that a prompt raises, each once for every finding.
fn raised(family: Family, text: &str) -> Vec<&'static str> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
    let review = review(source, &Settings::default(), &Bytes);
    review.findings().iter().filter(|finding| finding.family == family).map(|finding| finding.check).collect()
}

macro_rules! remarks {
    ($family:ident: $($name:ident: $text:expr => [$($check:expr),*];)*) => {
        $(#[test]
        fn $name() {
            let wanted: Vec<&str> = vec![$($check),*];
            assert_eq!(raised(Family::$family, $text), wanted);
        })*
    };
}

mod conflict {
    use super::*;

    remarks! { Conflict:
        table_alone_and_a_note: "Give the fares as one table, nothing else. Below the table write a paragraph on the winter season." => ["clashing-demands"];
        json_alone_and_a_word: "Return the fares as JSON.\nReturn only the JSON.\nAdd a line on how sure you are after the JSON." => ["clashing-demands"];
        table_alone: "Give the fares as one table, nothing else. Sort the table by pier." => [];
        asking_and_never_asking: "Ask for the ticket number if it is missing.\nNever ask the guest for anything." => ["order-against-ban"];
        asking_one_thing: "Ask for the ticket number if it is missing.\nNever ask the guest for card numbers." => [];
        sentences_hold_too_little: "Write a notice.\nThe notice has 6 sentences.\nEach sentence has at most 8 words.\nThe notice has about 120 words." => ["clashing-demands"];
        sentences_hold_enough: "Write a notice.\nThe notice has 6 sentences.\nEach sentence has at most 20 words.\nThe notice has about 80 words." => [];
        bullets_hold_too_little: "Sum up the log in five bullets.\nEach bullet has at most 20 words.\nThe summary has about 400 words." => ["clashing-demands"];
        no_bullets_and_bullets: "You must not use bullet points.\nStructure your answers with bullet points." => ["clashing-demands"];
        headings_and_plain_text: "Use headings.\nPlain text, no formatting." => ["clashing-demands"];
        bare_count: "Find names for the new boat. Give me ten. The more the better, at least 25." => ["clashing-demands"];
        pages_and_a_side: "Write the report on 3 pages. All of it must fit on one side of A4." => ["clashing-demands"];
        one_page_many_words: "Write a letter of max 250 words. It fills one full page, about 600 words." => ["clashing-demands"];
        without_doing: "Cite the paragraph of the bylaw. Answer without citing paragraphs." => ["order-against-ban"];
        guessing_a_gap: "If no hour was given, write \"no hour\". Guess the hour when nobody gave one." => ["clashing-demands"];
        known_by_heart: "Write for the board; they know the harbour well. Assume that the reader has never heard of the harbour." => ["clashing-demands"];
        praise_and_honesty: "Be honest about the draft. Only say nice things about the draft." => ["clashing-demands"];
        minutes_over_the_total: "Plan a tour of 45 minutes.\n1. Pier: 10 minutes\n2. Deck: 20 minutes\n3. Bridge: 25 minutes" => ["sum-off"];
        minutes_that_fit: "Plan a tour of 45 minutes.\n1. Pier: 10 minutes\n2. Deck: 20 minutes\n3. Bridge: 15 minutes" => [];
        points_over_the_total: "Score the report from 0 to 100.\n- Facts: 40 points\n- Form: 30 points\n- Wording: 20 points\n- Sources: 20 points" => ["sum-off"];
        points_that_fit: "Score the report from 0 to 100.\n- Facts: 40 points\n- Form: 30 points\n- Wording: 20 points\n- Sources: 10 points" => [];
        another_time_for_the_same: "# Facts\nThe varnish dries for 10 hours.\n\n# Rules\n- Let the varnish dry for 15 hours." => ["two-figures"];
        two_times_for_two_things: "# Facts\nThe varnish dries for 10 hours.\n\n# Rules\n- Let the paint dry for 15 hours." => [];
        prose_before_json: "Return a JSON list of faults. Start with a friendly summary in prose." => ["clashing-demands"];
        flowing_and_numbered: "Number the steps, one action a step. Write it as flowing text without numbering." => ["clashing-demands"];
    }
}

mod example {
    use super::*;

    remarks! { Example:
        label_not_among_those_named: "Classify each line as praise, complaint, wish or noise.\n\nExamples\n\"Lovely crew!\" -> praise\n\"Please sell tea\" -> suggestion" => ["sample-breaks-rule"];
        name_too_long: "Find names for the boat. The names have at most two words. Something like \"The Little Grey Gull\"." => ["sample-breaks-rule"];
        name_that_fits: "Find names for the boat. The names have at most two words. Something like \"Grey Gull\"." => [];
        too_short_by_far: "Write descriptions of the cabins.\nLength: 80-100 words.\n\nExample output:\nCabin 4 has a berth of oak and a round window. You sleep well." => ["sample-breaks-rule"];
        after_is_too_long: "Rewrite the notice.\nSentences have at most 14 words.\n\n### Example\nBefore:\nThe boat is late.\nAfter:\nOn Tuesday the harbour said that the boat to the outer island will be late by an hour and that guests may wait in the hall." => ["sample-breaks-rule"];
    }
}

mod phrasing {
    use super::*;

    remarks! { Phrasing:
        no_apostrophe: "write the letter\ndont repeat the timetable" => ["bare-prohibition"];
        jargon: "Answer the guest. Don't use nautical jargon." => ["bare-prohibition"];
        must_not: "Answer the guest. You must not use long sentences." => ["bare-prohibition"];
        rather_not: "Find names. I'd rather not have anything French." => ["hedged-order"];
        reminder: "Plan the day. Don't forget the tea." => ["bare-prohibition"];
        long_explanations: "Document the function. Avoid long explanations." => ["bare-prohibition"];
        guess: "Read the slip. Do not guess. If a field is absent, write null." => [];
    }
}

mod vague {
    use super::*;

    remarks! { Vague:
        where_it_fits: "Be funny where it fits." => ["unmeasured-wording"];
        insider: "Include some insider tips." => ["unmeasured-wording"];
        premium: "The bottle should look premium." => ["unmeasured-wording"];
        gradually: "Increase the load gradually." => ["unmeasured-wording"];
        from_time_to_time: "Motivate me from time to time." => ["unmeasured-wording"];
        gear: "Use appropriate safety gear." => ["unmeasured-wording"];
        too_technical: "Nothing too technical." => ["unmeasured-wording"];
        what_matters: "Sum up the log. Keep what matters." => ["unmeasured-wording"];
        a_number_of_as_a_value: "Give each cabin a guest and a number of nights." => [];
        friendly_as_a_tone: "Start with a friendly greeting to the guest." => [];
        friendly_as_a_question: "Judge the chat. Was the tone friendly?" => [];
        some_with_the_count_elsewhere: "Come up with some names. Give ten names." => [];
        in_depth_with_a_number: "Explain each line in depth, in at least 300 words." => [];
    }
}

mod slot {
    use super::*;

    remarks! { Slot:
        not_among_the_parameters: "Parameters: log, pier\n\nSum up {log} for {pier} and sign as {clerk}." => ["undeclared-slot"];
        listed_and_never_used: "# You receive\n- `log`: the log of the day\n- `tides`: the tide table\n- `crew`: who was on duty\n\nSum it up.\n<log>\n{{log}}\n</log>\n<tides>\n{{tides}}\n</tides>" => ["unused-input"];
        double_angle: "Write the notice about {{boat}} at <<pier>> today." => ["mixed-slots"];
        blank_to_fill: "Write the plan. My idea is ____." => ["left-over-slot"];
        icons_copied: "Translate the cards in {{cards}}. Icons such as {sun} and {coin} are copied unchanged." => [];
        fields_of_the_answer: "Sort the ticket.\n\n{{ticket}}\n\n# Answer\nlabel: <label>\nreason: <at most 12 words>" => [];
    }
}

mod others {
    use super::*;

    remarks! { Steps:
        lost_letter: "Judge by:\n(a) Was it answered?\n(b) Was it polite?\n\nFor (d), count the minutes." => ["lost-reference"];
        known_letter: "Judge by:\n(a) Was it answered?\n(b) Was it polite?\n\nFor (b), name the line." => [];
        lost_chapter: "Plan a tour as described in chapter 2 of this prompt." => ["lost-reference"];
    }

    remarks! { Exposure:
        person_with_a_phone: "If in doubt ring Tamsin Brook, 0555 014 882, she is recovering from an operation." => ["private-data"];
        code_of_a_door: "Key of the boat house: code 4417" => ["credential"];
        mail_of_a_supplier: "Read the mail.\nSupplier mail: {{mail}}\nName the price." => ["unfenced-input"];
        address_of_the_owner: "Name the owner {owner_mail} in the footer." => [];
    }

    remarks! { Redundant:
        hours_in_other_words: "Answer only from the lease. Base your answer solely on the text of the lease." => ["said-before"];
        another_rule_with_a_label: "Give each slip one label and a priority. A slip with the label LOST always has priority 1." => [];
    }

    remarks! { Wordy:
        literally_as_a_measure: "Quote literally, with the number of the rule." => [];
    }

    remarks! { Example:
        arrow_behind_a_label: "Decide whether to wake the crew.\n\nEXAMPLES\nlog: 03:10 cold, 03:15 cold -> {\"wake\": true}\nlog: 12:00 warm -> {\"wake\": false}" => [];
        image_prompt: "prompt: picture of the new boat\nphoto of a white boat on grey water\nno people, no text" => [];
    }
}
