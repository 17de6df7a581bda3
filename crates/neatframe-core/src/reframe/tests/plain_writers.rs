//! Prompts as people type them in a hurry: what their restructured form must hold.

use super::{reframed, reworded};
use crate::reframe::{Change, Note};

/// Asserts that a restructured prompt holds some lines, and none of some words.
fn holds(prompt: &str, lines: &[&str], without: &[&str]) {
    let text = reworded(prompt);
    for line in lines {
        assert!(text.contains(line), "`{line}` is not in:\n{text}");
    }
    for words in without {
        assert!(!text.contains(words), "`{words}` is in:\n{text}");
    }
    assert_eq!(reworded(&text), text, "a second time something changes");
}

#[test]
fn a_mail_typed_without_capitals() {
    holds(
        "hey so i run a small kiosk on the pier and im terrible at writing. can u write me an email to all my customers \
         telling them that tea goes up from 1 march, small cups 3 instead of 2 and big cups 5 instead of 4. they shouldnt be \
         angry. also maybe mention that we now sell maps (6). keep it friendly but not too friendly, not too long. oh and dont \
         mention the old owner lol. thanks so much you're the best!!\n",
        &[
            "# Context\nI run a small kiosk on the pier",
            "# Task\nWrite me an email to all my customers telling them that tea goes up from 1 march, small cups 3 instead \
             of 2 and big cups 5 instead of 4.",
            "\n- Mention that we now sell maps (6).\n",
            "\n- Dont mention the old owner.\n",
        ],
        &["hey so", "thanks", "lol", "maybe", "can u"],
    );
}

#[test]
fn lines_that_no_stop_ends() {
    holds(
        "hi, can u make me a rowing plan? im 34, bad left knee, i have a bench and about 40 min 3 days a week and i want to get \
         stronger and i dont like sprints and i get bored easily so mix it up but i also want to track progress\n\
         make it hard but not too hard\n4 weeks\nput it in a table\nno knee stuff\nthx\n",
        &["# Task\nMake me a rowing plan.", "- 4 weeks\n", "- no knee stuff"],
        &["thx", "Examples", "hi,", "too hard 4", "table no"],
    );
    holds(
        "hi, can u make me a rowing plan? im 34, 82 kg, bad left knee and i have a bench.\nmake it hard but not too hard\n\
         name the pier\n4 weeks\n",
        &["too hard\n", "ame the pier\n"],
        &["too hard name"],
    );
}

#[test]
fn a_paragraph_that_reads_well_stays_one() {
    let prompt = "I want you to act as a guide. I will tell you my pier and you will suggest boats near it. In some cases, I will \
                  also give you the kind of boat I will take. You will also suggest boats of that kind near by. My first pier is \
                  \"North\".\n";
    let text = reworded(prompt);
    assert!(text.starts_with("Act as a guide. I will tell you") && !text.contains('#'), "{text}");
}

#[test]
fn questions_are_asked() {
    holds(
        "Here is some data on our boats: {{data}}. Please analyze the data and give me insights. What are the trends? What \
         should we do next spring? Present it to the purser. Please be thorough and detailed but concise. Use tables where it \
         makes sense. Thank you!\n",
        &["give me insights. What are the trends? What should we do next spring?"],
        &["- What", "Thank you"],
    );
}

#[test]
fn wishes_in_a_plan() {
    holds(
        "I need a plan for a trip. I am 34, from Larkhaven, afraid of heights, and travel with a dog. 7 days, 3 towns. No \
         buses. I'd kind of prefer if the way to the pier takes under 10 min. It would be great to have a map as well. Also it \
         is important that each day is different. Make sure every day is different from the others.\n",
        &[
            "The way to the pier takes under 10 min.",
            "Include a map as well.",
            "every day is different from the others",
        ],
        &["kind of", "would be great", "each day is different"],
    );
}

#[test]
fn an_ask_that_is_only_needed() {
    holds(
        "Act like a senior purser. I need to write a letter to guests who missed the night boat but paid. The letter should be \
         kind but also clear and it should not take more than 120 words and please don't say \"sadly\" and mention that we keep \
         their seat for six days unless they object and it should be signed by the crew of the night boat.\n\nGuest: [Name]\nPier: [Pier]\n",
        &[
            "# Task\nWrite a letter to guests who missed the night boat but paid.",
            "- It should not take more than 120 words.",
            "- Don't say \"sadly\" and mention",
        ],
        &["I need to"],
    );
}

#[test]
fn a_run_on_that_asks_four_times() {
    holds(
        "Please analyse the letters of our guests below and tell me what people are unhappy about and also what they like and \
         whether there are any trends over the last months and please also rank the complaints by how often they occur and \
         give me a summary at the top that I can paste into my slides.\n\nLetters:\n[paste letters here]\n",
        &[
            "Tell me what people are unhappy about",
            "Rank the complaints by how often they occur.",
            "Give me a summary at the top",
        ],
        &["and please", "[paste"],
    );
}

#[test]
fn steps_of_which_one_number_slipped() {
    let steps = "Which boats have sailed for five years?\n\n1) Search the logs from 2015 on.\n2) Keep boats that two logs name.\n\
                 3) Note the fare.\n2) Rank them from cheap to dear.\n5) Name the source.\n";
    holds(steps, &["3) Note the fare.\n4) Rank them from cheap to dear.\n5) Name the source."], &[]);
    let pointed = format!("{steps}Repeat step 5 for each pier.\n");
    assert!(reworded(&pointed).contains("2) Rank them"), "what is pointed at by number keeps it");
}

#[test]
fn a_bracket_with_data_goes_as_a_whole() {
    holds(
        "Compare the two offers for our roof and give advice in order to help the board.\nMs Karin Vale (born 3 March 1961, \
         karin.vale@post.example, account 8830 22 14477) asked for this.\nKeep it under 90 words.\n\nOffer: {offer}\n",
        &["{person} asked for this."],
        &["karin", "8830", "born"],
    );
}

#[test]
fn a_question_is_told_once() {
    let out = reframed(
        "You run the front desk chat of a pool. Guests ask about hours, lessons and tickets.\n\nAnswer in at most three \
         sentences. Keep things on the light side.\nAlways answer in English.\nPrices are in the list below; quote them to the \
         cent.\nNever guess.\nMention the lesson whenever it makes sense.\nKeep every answer to three sentences or fewer.\n\n\
         Day ticket: 18.50\nTowel: 4.00\nLesson for beginners: 95.00\n\nGuest says: {{message}}\n",
    );
    let of_shape = |note: &&Note| {
        matches!(note.change, Change::Added | Change::Open)
            && note.words.contains("What shape should the answer have")
            || note.now.contains("output_format: What shape")
    };
    assert_eq!(out.notes.iter().filter(of_shape).count(), 1, "{:#?}", out.notes);
}

#[test]
fn a_question_does_not_tear_the_part_that_takes_the_input_in() {
    let out = reframed(
        "# Task\nSummarise the log for the crew that takes over.\n\n# Input\nThe list of boats stands first.\n\n{boats}\n\nHere is \
         the log:\n{log}\n",
    )
    .text;
    let (before, input) = out.split_once("# Input\n").expect("the part for what comes in");
    assert!(before.contains("?}"), "a question stands before it: {out}");
    assert!(!input.contains("# "), "no other part begins amid it: {out}");
}

#[test]
fn lines_that_may_be_read_either_way_stay_with_their_neighbours() {
    let out = reworded(
        "Turn the notes into a list of birds in order to help.\n\nFor each sighting give name, place and time, one line each, \
         parted by semicolons.\n\nLatin names in italics.\nLeave out birds of which the writer was not sure.\nMark doubtful \
         birds with a question mark behind the name.\nPlain text only.\n\n<notes>\n{{notes}}\n</notes>\n",
    );
    let (_, rules) = out.split_once("# Constraints\n").expect("a part for rules");
    let rules = rules.split("\n# ").next().unwrap_or_default();
    assert!(rules.contains("Leave out birds") && rules.contains("Mark doubtful birds"), "{out}");
}

#[test]
fn what_is_left_of_a_plea_is_whole() {
    holds(
        "Hey, quick one. Can you please help me out with a poem for the crew of the ferry? They sail to Larkhaven each day. Also \
         it would be lovely if there was a motto in it. Four lines at most.\n",
        &["Help me with a poem for the crew of the ferry.", "Include a motto in it."],
        &["quick one", "Quick one", "lovely", "out with"],
    );
}

#[test]
fn a_made_up_address_makes_no_sample() {
    let out = reframed(
        "Act as a mentor for new clerks. I'll describe a situation with one of my team members and you ask me questions until you \
         understand it, then give advice.\n\nAsk all your questions at once. Only one question per message please.\n\nSituation: \
         My colleague Tam Brook (tam.brook@larkhaven.example) has missed four boats in a row.\n",
    );
    assert!(!out.text.contains("# Examples"), "{}", out.text);
}

#[test]
fn the_ask_over_the_fields_of_the_answer() {
    holds(
        "Given a guest's mail, extract the following information as JSON:\n- boat: the name of the boat\n- mood: calm, upset or \
         unclear\n- faults: a list of faults named\n\nYou must extract the information from the mail and return it as JSON. Make \
         sure the output is valid JSON. Do not include any text outside the JSON. If the boat isn't named, use null. Leave out \
         the boat field when no boat is named.\n\nExample:\nMail: \"The Merle left without us!\"\n{\"boat\": \"Merle\", \
         \"mood\": \"upset\", \"faults\": [\"left early\"]}\n\nMail: {mail}\n",
        &[
            "# Task\nGiven a guest's mail, extract the following information as JSON:\n- boat: the name of the boat",
        ],
        &["valid JSON"],
    );
}
