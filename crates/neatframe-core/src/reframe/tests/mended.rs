//! Prompts with several faults each, and what comes of them.

use super::{reframed, reworded};

#[test]
fn a_slot_taken_out_of_its_sentence_stays_whatever_goes_at_the_end() {
    let text = "You work for the quay.\nAlways be nice to the guest.\nName the pier.\nGive the hour.\n\
                The guest wrote {{message}} and now you answer it in a good way.\nDo not forget to be nice!!!\n";
    let out = reframed(text).text;
    assert!(out.contains("<message>\n{{message}}\n</message>"), "{out}");
    assert!(!out.contains("Do not forget"), "{out}");
}

#[test]
fn paragraphs_in_good_order_stay() {
    let text = "You take the minutes of the harbour board. It meets once a month in the old mill.\n\n\
                The members are Ida, Bo and Pim. Use these spellings wherever the notes have something that sounds alike.\n\n\
                Turn the notes between the tags into minutes under three headings: Present, Decided, Open. Under Present stand \
                the names. Decisions take one line each.\n\n\
                The minutes have at most 350 words. Leave out jokes. Where the notes break off, write \"[unclear]\" and go on.\n\n\
                <notes>\n{{notes}}\n</notes>\n";
    assert_eq!(reframed(text).text, text);
}

#[test]
fn a_run_on_of_wishes_becomes_orders() {
    let text = "ok so we are going to the island, me and my sister and her two kids (6 and 11), some day in May, and I want \
                you to basically plan the whole thing because honestly I don't have the time, so make a plan with where to \
                sleep and what to eat and how to get around and keep it cheap and give the kids two things to do a day.\n";
    let out = reframed(text).text;
    for part in
        ["some day in May.", "Make a plan with where to sleep", "Keep it cheap", "Give the kids two things"]
    {
        assert!(out.contains(part), "{part}: {out}");
    }
}

#[test]
fn cuts_leave_no_stray_commas() {
    let out = reframed(
        "Write the notice. Our guests are, at the end of the day, busy people. Name the pier, thank you in advance!!\n",
    );
    assert!(out.text.contains("Our guests are busy people."), "{}", out.text);
    assert!(!out.text.contains(", !") && out.text.contains("Name the pier."), "{}", out.text);
}

#[test]
fn the_one_step_with_another_name_gets_the_name_of_its_neighbours() {
    let out =
        reframed("Step 1: Read the log.\nStep 2: Sort it.\nStage 3: Count it.\nStep 4: Write the notice.\n")
            .text;
    assert!(out.contains("Step 3: Count it."), "{out}");
    let named =
        "Step 1: Read the log.\nStep 2: Sort it.\nStage 3: Count it.\nStep 4: Write the notice of stage 3.\n";
    assert!(reframed(named).text.contains("Stage 3: Count it."), "what refers to it keeps its name");
}

#[test]
fn slots_are_written_one_way() {
    let out = reframed(
        "Write to [guest name] about the boat {{boat}}.\nName the pier {{pier}}.\nUse 80 words at most.\n",
    )
    .text;
    assert!(out.contains("{{guest_name}}") && !out.contains("[guest"), "{out}");
    let note = reframed("Write to [whoever is on duty that day] about the boat {{boat}}.\n").text;
    assert!(note.contains("[whoever is on duty that day]"), "a phrase may be a note to a person: {note}");
}

#[test]
fn a_speaker_has_one_spelling() {
    let text = "You are Merle, the clerk of the quay.\nUse no emoji.\n\nGuest: hi\nMerle: Hello.\nGuest: bye\nMerel: Goodbye.\n";
    let out = reframed(text).text;
    assert!(out.contains("Merle: Goodbye.") && !out.contains("Merel"), "{out}");
}

#[test]
fn a_gap_in_the_steps_closes_and_references_follow() {
    let steps = "Do this:\n1. Read the log.\n2. Write the notice.\n4. Send it.\n5. File it.\n\n";
    let out = reframed(&format!("{steps}Repeat step 4 for each pier.\n")).text;
    assert!(out.contains("3. Send it.\n4. File it.") && out.contains("Repeat step 3"), "{out}");
    let lost = reframed(&format!("{steps}Repeat step 3 for each pier.\n")).text;
    assert!(lost.contains("4. Send it."), "the step that is referred to may have been cut: {lost}");
}

#[test]
fn a_line_is_offered_only_where_it_fits() {
    let agent = "You book seats for the ferry line.\n\n# Tools\nfind_seat(day) returns free seats.\nbook(seat) books a seat.\n\n\
                 # Work\n1. Find the day.\n2. Call find_seat.\n3. Call book once the guest has said yes.\n";
    assert!(reframed(agent).text.contains("If a tool fails twice"), "{}", reframed(agent).text);
    let told = format!("{agent}\n# If something fails\nTool error: try once more, then say sorry.\n");
    assert!(!reframed(&told).text.contains("If a tool fails twice"), "the prompt has a rule of its own");
}

#[test]
fn a_line_about_the_text_needs_a_text() {
    let line = "If the text does not hold";
    let told = "Explain to our trainees how a lock works.\nThey are 16.\nNot longer than a page.\nRunning text with three headings.\nUse pictures.\n";
    assert!(!reframed(told).text.contains(line), "{}", reframed(told).text);
}

#[test]
fn a_goal_that_stands_first_stays_first() {
    let text = "Check the invoice text against the purchase order and list the differences.\n\
                Our bookkeeper pays whatever is not on your list, so a difference that you miss costs us money.\n\
                Compare quantities, unit prices, VAT and delivery dates.\nDifferences below 0.05 per line don't count.\n\
                For each difference: line of the order, line of the invoice, amount.\n\
                If a line of the invoice isn't in the order, write \"not ordered\".\nFlag suspicious things.\n\
                <order>{{order}}</order>\n<invoice>{{invoice}}</invoice>\n";
    let out = reframed(text).text;
    let (task, context) = (out.find("# Task\nCheck the invoice").unwrap(), out.find("# Context").unwrap());
    assert!(task < context, "{out}");
}

#[test]
fn material_at_the_end_stays_in_one_piece() {
    let text = "can you maybe look at the text of my flyer and make it better? It is for the boat fair\n\
                we open on the first saturday, 10 to 14, in the hall behind the pier\nnot too long\nkeep the dates\n\
                and it should not sound like a sale\nflyer:\nBroken oar? Loose plank? Come round. We mend it with you. Tea is there too.\n";
    let out = reworded(text);
    assert!(
        out.contains("flyer:\nBroken oar? Loose plank? Come round. We mend it with you. Tea is there too."),
        "{out}"
    );
    assert!(!out.contains("too long keep"), "lines without a full stop stay lines: {out}");
}

#[test]
fn it_is_important_that_leans_on_nothing() {
    let text = "Compare three yards' quotes for our new boat and tell us which one to take.\n\
                We are a couple of retired teachers and have never had a boat built.\n\n\
                First list what is in one quote and missing from another.\nLast, recommend one and give the reason.\n\n\
                Explain each technical word when it first comes up.\nLeave out anything about paint; we do that ourselves.\n\
                It is really very important to us that you use the prices including tax.\n\
                Mention a few questions we should ask the yards.\nStart with a table: one row per item.\n\nQuote A: {{quote_a}}\n";
    let out = reframed(text).text;
    assert!(out.contains("- Leave out anything about paint; we do that ourselves.\n- It is really"), "{out}");
}

#[test]
fn wishes_of_all_kinds_become_orders() {
    let lead = "Write the notice for guests of the ferry line who wait on the quay.\n";
    for (wish, order) in [
        ("Perhaps you might want to point out the last boat.", "Point out the last boat."),
        ("Feel free to mention the fare.", "Mention the fare."),
        ("You could also maybe suggest a better pier.", "Suggest a better pier."),
        ("Maybe it would be an idea to say which pier is near.", "Say which pier is near."),
        (
            "It would be much appreciated if the notice could be kept on one page.",
            "The notice must be kept on one page.",
        ),
        ("It would be good if you suggested a pier.", "Suggest a pier."),
        ("Some photos would be nice.", "Include some photos."),
        (
            "Please do keep in mind that it is absolutely essential that all of the dates are correct.",
            "Make sure that all of the dates are correct.",
        ),
        ("It is absolutely essential that you always name the pier.", "Always name the pier."),
        ("If you could add a map, that would be great.", "Add a map."),
        ("It would be great to have a map as well.", "Include a map as well."),
        ("Could you also maybe add a map?", "Add a map."),
        ("Also maybe mention the last boat.", "Mention the last boat."),
        (
            "I'd kind of prefer if the reading takes under 10 min. Name the pier.",
            "The reading takes under 10 min.",
        ),
        ("Please also rank the piers.", "Rank the piers."),
        ("Check the fare please, and name the pier.", "Check the fare, and name the pier."),
        ("Name the pier, also please make sure to kindly add the hour.", "Name the pier, also add the hour."),
    ] {
        let out = reframed(&format!("{lead}{wish}\nUse plain words.\n")).text;
        assert!(out.contains(order), "{wish}: {out}");
    }
}

#[test]
fn padding_is_cut_and_the_sentence_still_stands() {
    let lead = "Write the notice for guests of the ferry line who wait on the quay.\n";
    for (padded, plain) in [
        ("The mood should be kind of calm.", "The mood should be calm."),
        ("The pier looks sort of old and the boat is new.", "The pier looks old and the boat is new."),
        ("I need like a map of the piers.", "I need a map of the piers."),
        ("Name literally every pier.", "Name every pier."),
        ("Name the majority of the piers.", "Name most of the piers."),
        ("We are in the process of moving the quay.", "We are moving the quay."),
        ("Sail in spite of the fact that it rains.", "Sail although it rains."),
        ("When it comes to the fare, name the day.", "For the fare, name the day."),
        ("Also it should be noted that the fare is new.", "The fare is new."),
    ] {
        let out = reframed(&format!("{lead}{padded}\nUse plain words.\n")).text;
        assert!(out.contains(plain), "{padded}: {out}");
    }
    for kept in ["Rate the piers in terms of price.", "Write of birds that live in nature."] {
        let out = reframed(&format!("{lead}{kept}\nUse plain words.\n")).text;
        assert!(out.contains(kept), "{kept}: {out}");
    }
}

#[test]
fn what_holds_the_place_of_a_text_is_named_by_its_label() {
    let out =
        reframed("Sum up the answers of our guests in at most 80 words.\n\nSurvey answers: TODO\n").text;
    assert!(out.contains("Survey answers: {{survey_answers}}"), "{out}");
    let out =
        reframed("Sum up the talk in at most 80 words.\n\n<transcript>\n[PASTE HERE]\n</transcript>\n").text;
    assert!(out.contains("<transcript>\n{{transcript}}\n</transcript>"), "{out}");
}

#[test]
fn a_list_of_prices_stands_whole_among_the_facts() {
    let text = "You run the front desk chat of a pool. Guests ask about hours and tickets.\n\nAnswer in at most three \
                sentences. Keep things on the light side.\nPrices are in the list below; quote them to the cent.\nNever \
                guess.\nMention the lesson whenever it makes sense.\nKeep every answer to three sentences or fewer.\n\n\
                Day ticket: 18.50\nTowel: 4.00\nLesson for beginners: 95.00\n\nGuest says: {{message}}\n";
    let out = reframed(text).text;
    let (_, facts) = out.split_once("# Context").expect("a part for facts");
    assert!(facts.contains("Day ticket: 18.50\nTowel: 4.00\nLesson for beginners: 95.00"), "{out}");
    assert!(out.contains("in the list above") && out.contains("# Input\nGuest says: {{message}}"), "{out}");
}

#[test]
fn rules_behind_one_label_become_a_list() {
    let out = reframed(
        "Improve this text: {{text}}\n\nRules: fix grammar. keep my voice. please dont make it longer. name no pier.\n",
    )
    .text;
    assert!(out.contains("# Task\nImprove this text: {{text}}"), "{out}");
    assert!(out.contains("- Fix grammar.\n- Keep my voice."), "{out}");
}

#[test]
fn an_order_with_a_colon_is_a_rule_like_the_next() {
    let text = "I run a line of night boats. Every Friday I send our guests a letter with the hours. Write that letter for me.\n\n\
                Keep it short: 90 words at most, not counting the hours. Make it sound more appealing. It might be nice if the \
                subject line named the week. Give fares in crowns. Name each pier.\n\nHours:\n{{hours}}\n";
    let out = reframed(text).text;
    assert!(out.contains("- Keep it short: 90 words at most, not counting the hours.\n- Make it"), "{out}");
}

#[test]
fn a_shape_and_what_each_of_it_holds_stay_together() {
    let out = reframed(
        "I was wondering if you could maybe pull the fares out of the log.\n\nReturn a JSON array. Each object has \"pier\", \
         \"boat\" and \"fare\". Skip free rides. Name no guest. Round each fare.\n\n<log>\n{{log}}\n</log>\n",
    )
    .text;
    assert!(out.contains("Return a JSON array. Each object has"), "{out}");
}

#[test]
fn plain_titles_between_blank_lines_stay_over_their_parts() {
    let text = "You grade reports that deckhands have written.\n\nScale\n\n0: the log is wrong.\n1: the log is right.\n\n\
                Steps\n\n1. Read the report.\n2. Give the points.\n\nLimits\n\nDo not take off points for spelling.\n\n\
                Material\n\n<report>\n{{report}}\n</report>\n\nResult\n\nA table with the columns Line and Points.\n";
    assert_eq!(reframed(text).text, text);
}

#[test]
fn one_labelled_line_and_a_sample_are_no_form() {
    let out = reframed(
        "PROJECT: winter talks\nWe are a ferry line with 40 talks a season.\nCome up with ten ideas for talks on board.\n\
         Nothing that needs a screen.\nMake them engaging.\nLike this: 1. Tie a bowline. You leave with a knot that holds.\n",
    );
    let task = out.text.find("# Task").expect("a task of its own");
    assert!(task < out.text.find("Come up with").unwrap_or(0), "{}", out.text);
}

#[test]
fn a_clash_of_cases_is_asked_by_what_is_done() {
    let out = reframed(
        "Report on five piers for the harbour board.\nIf a figure cannot be found in the log, write \"no figure\".\nName the \
         pier.\nWhere no figure is to be found in the log of the pier, make a sensible estimate.\n",
    );
    assert!(out.text.contains("or \"make a sensible estimate\"?}}"), "{}", out.text);
}

#[test]
fn a_slot_between_rows_of_signs_is_no_title() {
    let text = "You will be provided with a guest's question. Your job is to decide whether it is about fares, boats or something \
                else, and answer with the category. The question stands between #### signs.\nCategories: FARES, BOATS, OTHER.\n\
                Give the output in JSON with the keys category and sure.\nIf it has several topics take the first one.\n\
                Don't answer the question itself.\n####{question}####\n";
    let out = reframed(text).text;
    assert!(out.contains("{question}"), "{out}");
    assert!(
        out.contains("You will be provided with a guest's question. Your job is to decide whether it is"),
        "{out}"
    );
}

#[test]
fn rules_at_the_end_of_a_list_of_facts_stand_with_the_rules() {
    let text = "Write the page for a folding boat trailer that parents and guests buy in our shop.\nIt is sold online.\n\
                Facts you may use:\n- weight 9.8 kg\n- carries up to 40 kg\n- folds in twenty seconds\n- price 249 crowns\n\
                - Three paragraphs, none longer than 60 words.\n- Name the price once.\n- No superlatives.\n\
                - Begin with the name of the trailer.\n- Use short words.\nPut the title in bold above the text.\n";
    let out = reframed(text).text;
    let (facts, rules) = out.split_once("# Constraints").expect("a part for rules");
    assert!(facts.contains("- price 249 crowns") && rules.contains("- No superlatives."), "{out}");
}

#[test]
fn the_last_part_left_open_is_closed() {
    let text = "<role>\nYou are Odile, a tutor for music.\n</role>\n<task>\nSay whether the bar is full.\n</task>\n\
                <examples>\nLearner: 4/4: C1/4\nOdile: It is not full.\n";
    assert!(reframed(text).text.contains("Odile: It is not full.\n</examples>"));
}

#[test]
fn a_block_of_code_left_open_ends_before_the_prose() {
    let text = "Write one query that answers the question.\nUse no subqueries.\n\n```sql\nSELECT pier FROM boats\n\
                Question: {{question}}\nName each column.\n";
    let out = reframed(text).text;
    assert!(out.contains("FROM boats\n```\n") && out.contains("\nName each column."), "{out}");
}

#[test]
fn a_plain_prompt_with_no_fault_stays() {
    let text = "You write the weekly plan of a climbing hall for its noticeboard.\n\
                The hall has a boulder area, a rope area and a room for children; it opens at 9:00.\n\
                Turn the bookings into the plan for one week.\nEach day has its own block, Monday first.\n\
                Private lessons are not listed.\nTimes on the 24-hour clock, as in 18:30.\n\
                Per course one line: time - area - course - trainer.\n\
                For example: 18:30 - rope area - Lead course 2 - Hedda\nBookings:\n<<<\n{bookings}\n>>>\n";
    assert_eq!(reframed(text).text, text);
}

#[test]
fn a_label_that_says_what_the_heading_says_goes() {
    let text = "Summarise the ruling between the tags in order to inform tenants.\nOur readers rent flats and know no Latin.\n\
                Rules:\n1. Open with the result.\n2. Tell the facts in at most 60 words.\n3. Close with two sentences.\n\
                4. Replace legal terms.\n<ruling>\n{{ruling}}\n</ruling>\nAnswer in plain paragraphs.\n";
    let out = reframed(text);
    assert!(out.text.contains("# Constraints\n1. Open with the result."), "{}", out.text);
    assert!(out.notes.iter().any(|note| note.why == "the new heading says it"));
}

#[test]
fn a_slot_in_capitals_goes_to_the_input() {
    let text = "From the transcript of the crew meeting below, write show notes in 80 words.\n\n[TRANSCRIPT]\n\nUse plain words. \
                Do not give away the ending. Basically, name three quotes.\n";
    let out = reframed(text).text;
    assert!(out.trim_end().ends_with("<transcript>\n[TRANSCRIPT]\n</transcript>"), "{out}");
}

#[test]
fn never_is_left_of_a_long_lead() {
    let text = "Answer the guest in two sentences. Please note that it is important that you should never promise a day. \
                Sum up the log, and make sure that you take into account the fact that the pier is closed.\n";
    let out = reframed(text).text;
    assert!(out.contains("Never promise a day."), "{out}");
    assert!(out.contains("Sum up the log, and consider that the pier is closed."), "{out}");
}

#[test]
fn a_joke_to_start_with_is_more_than_to_be_funny() {
    let out =
        reframed("Write a speech for the crew party. It should be funny. Maybe start with a joke.\n").text;
    assert!(out.contains("joke"), "{out}");
}

#[test]
fn a_stressed_ban_stays_a_ban() {
    let text = "Translate the menu for our guests.\n\n- It is very important that you do not translate the pier names.\n\
                - It is absolutely essential and of the utmost importance that you never change a fare.\n";
    let out = reworded(text);
    assert!(
        out.contains("- Do not translate the pier names.") && out.contains("- Never change a fare."),
        "{out}"
    );
}

#[test]
fn each_of_what_stands_before_stays_behind_it() {
    let text = "You are a dispatcher at a courier firm. Requests arrive as text messages. Turn each into one line for the \
                board.\n\nTimes are written as HH:MM. Where a time is missing, put \"--\". Keep each line under 60 characters.\n\n\
                Message: {message}\n";
    let out = reworded(text);
    assert!(out.find("Requests arrive") < out.find("Turn each"), "{out}");
}
