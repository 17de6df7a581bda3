//! Prompts as people type them, in one paragraph, and what comes of them.

use super::{reframed, reworded};

/// The lines of the part under a heading.
fn part<'a>(text: &'a str, title: &str) -> Vec<&'a str> {
    let heading = format!("# {title}");
    let lines = text.lines().skip_while(|line| *line != heading).skip(1);
    lines.take_while(|line| !line.starts_with("# ")).filter(|line| !line.is_empty()).collect()
}

#[test]
fn a_mail_typed_in_small_letters() {
    let text = reworded(
        "i need an email to the harbour board. pump broken since monday, two crossings lost, already called twice. be firm but polite. max 150 words. ask for repair within 3 days. dont threaten. signature: Ana Ruiz, pier 4\n",
    );
    assert_eq!(part(&text, "Task"), ["Write an email to the harbour board."]);
    assert_eq!(
        part(&text, "Constraints"),
        ["- Be firm but polite.", "- Max 150 words.", "- Ask for repair within 3 days.", "- Dont threaten."]
    );
    assert_eq!(part(&text, "Context").last(), Some(&"Signature: Ana Ruiz, pier 4"));
}

#[test]
fn a_question_that_asks_for_help_is_no_task() {
    let text = reworded(
        "hi can you help me, i am planning a trip for my crew, we have a budget of 200 and there will be 12 people. it should be on the island. i need a schedule and a shopping list. please make it not too complicated. it's on a saturday from 2 to 5. oh and two of us have a nut allergy\n",
    );
    assert_eq!(part(&text, "Task")[0], "I need a schedule and a shopping list.");
    assert!(text.contains("Make it not too complicated."), "{text}");
    assert!(text.contains("Two of us have a nut allergy") && !text.contains("help me"), "{text}");
}

#[test]
fn samples_in_one_paragraph_stay_together() {
    let text = reworded(
        "Sort the tickets in order to help the desk. Classes: seat, fare, luggage, other. Output just the class. Examples: \"Where do I sit?\" -> seat. \"I paid twice\" -> fare. \"My bag is gone\" -> luggage. If unsure pick the most likely one. Do not add a greeting. Ticket: {ticket}. Use small letters.\n",
    );
    let samples =
        "Examples: \"Where do I sit?\" -> seat. \"I paid twice\" -> fare. \"My bag is gone\" -> luggage.";
    assert_eq!(part(&text, "Examples"), [samples]);
    assert_eq!(part(&text, "Input"), ["Ticket:", "<ticket>", "{ticket}", "</ticket>"]);
}

#[test]
fn rules_about_the_text_are_lines_of_their_own() {
    let text = reworded(
        "You will read the log and write a letter in order to calm the guests. The letter should name the pier. It should not be longer than one page. Avoid jokes. It should name the late boat. Don't lie. Use British English.\n\nLog: {{log}}\n",
    );
    let rules = part(&text, "Constraints");
    assert_eq!(
        rules[..2],
        ["- The letter should name the pier.", "- It should not be longer than one page."]
    );
    assert_eq!(rules[2..4], ["- Avoid jokes.", "- It should name the late boat."]);
}

#[test]
fn wishes_become_orders() {
    let text = reworded(
        "Please could you write a guide to tides for the quay. Also please try to include figures. It would be good to have an example. About 300 words would be nice. Mention the moon maybe. Do not name a fare. End with a question.\n",
    );
    for line in [
        "- Mention the moon.",
        "Write a guide to tides for the quay.",
        "- Include figures.",
        "- Include an example.",
        "- Write about 300 words.",
    ] {
        assert!(text.contains(line), "{line}: {text}");
    }
}

#[test]
fn what_leads_to_the_material_stays_with_it() {
    let text = reworded(
        "I have a list of slips and I want you to tell me what guests like. Please be kind. Put it in a table in order to compare. Do not make things up. The slips are below\n\n{{slips}}\n",
    );
    assert!(
        text.contains("The slips are below\n\n") && !part(&text, "Context").contains(&"The slips are below"),
        "{text}"
    );
    assert!(text.contains("- Be kind."), "{text}");
}

#[test]
fn a_line_behind_a_list_is_no_part_of_its_last_item() {
    let text = reworded(
        "You are Joe, a guide. Your goal is to advise guests in order to help them.\n\nHere are some rules:\n- Stay in character\n- Name the pier\n\nHere is the guest's question: {{question}}\n\nThink first before you answer. Put the answer between <reply> tags.\n",
    );
    assert!(text.contains("- Name the pier\n\nThink first"), "{text}");
}

#[test]
fn typed_prompts_reframed_twice_stay() {
    for text in [
        "so we've got two boats. keep it short and nice. write a letter in order to help. no jokes.",
        "Please could you write an sql query which gives me the top 10 guests for last year. We use two tables. Explain the query. Only output sql.",
        "Generate 10 names for a new ferry. Names should be catchy. Max 2 words. Avoid puns. Give me at least 15 options.",
    ] {
        let once = reframed(text).text;
        assert_eq!(reframed(&once).text, once, "{text}");
    }
}

#[test]
fn capitals_are_told_with_their_count() {
    let typed = "write the notice for the quay. name the pier. leave out the fare. use at most 60 words.\n";
    let notes = reframed(typed).notes;
    let told =
        |note: &crate::reframe::Note| note.now == "Write" && note.why.ends_with("here and 3 more times");
    assert!(notes.iter().any(told), "{notes:?}");
}

#[test]
fn an_ask_amid_a_sentence_gets_one_of_its_own() {
    let text = reworded(
        "I'm planning a party on the pier for my dad, he turns 60 in March, and I was wondering if you could possibly give me some ideas? He likes boats. Please please keep it cheap.\n",
    );
    assert!(text.contains("he turns 60 in March. Give me some ideas."), "{text}");
    let text = reworded(
        "we run a small ferry school (six skippers) and need texts for our page on the quay, can you do ten posts, each post with a hook and a line on knots, no jokes. please please keep them short.\n",
    );
    assert!(text.contains("Do ten posts, each post with a hook"), "{text}");
}

#[test]
fn them_stays_with_what_it_is() {
    let text = reworded(
        "Please write the letter of the ferry club in order to help. Put the dates in bold. Repeat them at the end. Name the pier. Also use plain words.\n",
    );
    assert!(text.contains("Put the dates in bold. Repeat them at the end."), "{text}");
}

#[test]
fn what_is_still_to_do_is_not_sent() {
    let found = reframed(
        "TODO swap in the new fares before Friday\nYou are a ferry clerk.\nWrite the notice in order to help. Name the pier.\n",
    );
    assert!(!found.text.contains("TODO"), "{}", found.text);
    let told =
        |note: &crate::reframe::Note| note.words.starts_with("TODO") && note.why.contains("still to do");
    assert!(found.notes.iter().any(told), "{:?}", found.notes);
}

#[test]
fn a_list_of_what_there_is_is_no_sample() {
    let text = reworded(
        "Plan a party on the pier in order to help me. There should be a few games, and it should be at our house.\nMake a schedule too. It starts at 6 pm and dad only comes home at 5 pm so the first guests have to hide.\nThe menu: a roast with walnut sauce, cheese platter, something sweet.\nMake it special! It should be a party that he'll never forget.\n",
    );
    assert!(!text.contains("# Examples"), "{text}");
}

#[test]
fn a_system_prompt_opens_with_the_persona() {
    let text = reworded(
        "System: You are MERLE, the clerk of a ferry line. You answer questions in order to help. Key for get_fare: lhf-live-83hd72nbs0a1\n\nGuidelines:\n* Name the pier.\n* Always please keep it short.\n",
    );
    assert!(text.find("You are MERLE") < text.find("Name the pier"), "{text}");
    assert!(!text.contains("# Input") && text.contains("{{key}}"), "{text}");
}

#[test]
fn a_rule_behind_its_reason_stays_one_sentence() {
    let line = "The guest reads the card alone on board, so every knot needs to be described so that it can be tied without any kind of help.";
    let text =
        reworded(&format!("Write a card on knots in order to help.\n- {line}\n- Please name the rope.\n"));
    assert!(text.contains(line), "{text}");
}

#[test]
fn a_rule_typed_small_behind_a_length() {
    let text = reworded(
        "Write a job ad in order to help us. We run two ferries.\n\nLength: half a page. maybe start with a joke?\n\nName the pier. Please please use plain words.\n",
    );
    assert!(text.contains("Start with a joke."), "{text}");
}

#[test]
fn what_would_be_nice_is_included() {
    let text = reworded(
        "Write the report on the fog in order to help. Charts would be nice. It's very important that the numbers are correct. Name the pier.\n",
    );
    assert!(
        text.contains("Include charts.") && text.contains("Make sure that the numbers are correct."),
        "{text}"
    );
}
