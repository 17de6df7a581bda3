//! Samples held against the rules of their prompt, and samples that keep them.

#[macro_use]
mod common;

mod rules {
    remarks! { Example:
        one_sentence_is_one: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- Answer in one sentence.\n\nExamples:\n\nGuest: Fares?\nReply: It is four crowns. Children pay two.\n\nGuest: Dogs?\nReply: Dogs are welcome." => ["sample-breaks-rule"];
        one_sentence_kept: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- Answer in one sentence.\n\nExamples:\n\nGuest: Fares?\nReply: It is four crowns.\n\nGuest: Dogs?\nReply: Dogs are welcome." => [];
        a_score_beyond_its_range: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- The score is between 1 and 5.\n\nExamples:\n\nSlip: Fine\nScore: 7\n\nSlip: Bad\nScore: 2" => ["sample-breaks-rule"];
        a_score_within_its_range: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- The score is between 1 and 5.\n\nExamples:\n\nSlip: Fine\nScore: 5\n\nSlip: Bad\nScore: 2" => [];
        yes_or_no_only: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- Answer with yes or no only.\n\nExamples:\n\nGuest: Is it open?\nReply: Probably\n\nGuest: Is it far?\nReply: No" => ["sample-breaks-rule"];
        yes_and_no: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- Answer with yes or no only.\n\nExamples:\n\nGuest: Is it open?\nReply: Yes\n\nGuest: Is it far?\nReply: No" => [];
        a_sign_that_is_not_used: "You are a clerk of the ferry line. Work on what the guest sends.\n\nRules:\n- Name the boat.\n- Never use question marks.\n\nExamples:\n\nGuest: Fares?\nReply: Which boat?\n\nGuest: Dogs?\nReply: Yes." => ["sample-breaks-rule"];
        brackets_asked_for: "Translate the card.\nAdd the metric amount in square brackets.\n\nFor example:\nCard: \"1 Pot Melk\"\nPanel: \"1 pot of milk\"\n\nCard:\n{{card}}" => ["sample-breaks-rule"];
        brackets_that_are_there: "Translate the card.\nAdd the metric amount in square brackets.\n\nFor example:\nCard: \"1 Pot Melk\"\nPanel: \"1 pot [0.97 l] of milk\"\n\nCard:\n{{card}}" => [];
        a_word_with_a_substitute: "Explain the fault to the guest.\nUse plain words; \"Gangway\" becomes \"the bridge to the boat\".\n\nExample:\nFault: stuck at pier 3\nAnswer: The Gangway does not move." => ["sample-breaks-rule"];
        a_word_replaced: "Explain the fault to the guest.\nUse plain words; \"Gangway\" becomes \"the bridge to the boat\".\n\nExample:\nFault: stuck at pier 3\nAnswer: The bridge to the boat does not move." => [];
        a_word_kept_out: "Name the bar.\nNothing with \"oat\" in it.\n\nExample:\nIdea: hazel\nName: oat" => ["sample-breaks-rule"];
        long_sentences_of_an_unnamed_speaker: "Help the caller.\nSpeak in sentences of at most 9 words.\n\nExample:\nCaller: It just stopped.\nPaula: Please open the blue tap behind the machine and then press start once more." => ["sample-breaks-rule"];
        short_sentences: "Help the caller.\nSpeak in sentences of at most 9 words.\n\nExample:\nCaller: It just stopped.\nPaula: Please open the blue tap. Then press start." => [];
        too_few_sentences: "Write the note for the phrase.\nA note has two to four sentences.\n\nExample:\nPhrase: Ahoj\nNote: A greeting among sailors." => ["sample-breaks-rule"];
        enough_sentences: "Write the note for the phrase.\nA note has two to four sentences.\n\nExample:\nPhrase: Ahoj\nNote: A greeting among sailors. You hear it on the quay." => [];
        money_in_another_form: "Recommend a ticket.\nPrices are given as \"12.90 €\".\n\nExample:\nQuestion: one day\nAnswer: Take the day ticket for EUR 9.00." => ["sample-breaks-rule"];
        money_in_its_form: "Recommend a ticket.\nPrices are given as \"12.90 €\".\n\nExample:\nQuestion: one day\nAnswer: Take the day ticket for 9.00 €." => [];
        dates_in_another_form: "Read the slip. Dates are written as YYYY-MM-DD.\n\nSample slip: lost on 3 May\nSample record: {\"day\": \"3 May 2031\"}" => ["sample-breaks-rule"];
        emoji_in_a_reply: "You are Merle, a clerk. Use no emoji.\n\nExample:\nGuest: hi\nMerle: Hello 🙂" => ["sample-breaks-rule"];
        emoji_of_the_guest: "You are Merle, a clerk. Use no emoji.\n\nExample:\nGuest: hi 🙂\nMerle: Hello." => [];
        two_questions_in_a_turn: "You are Merle, a clerk. Ask one question at a time.\n\nExample:\nGuest: a ticket\nMerle: Which boat do you take? And when?" => ["sample-breaks-rule"];
        a_title_too_long: "Write a headline of at most 4 words.\n\nExample:\nNews: the boat is late\nHeadline: The Evening Boat Is Late Once More" => ["sample-breaks-rule"];
    }
}

mod records {
    remarks! { Example:
        a_label_of_a_list_elsewhere: "Sort the message.\n\nHELPERS\nbilling: invoices\nnetwork: no signal\nmoving: a new address\n\nReturn this JSON:\n{\"helper\": \"...\", \"sure\": 0.00}\n- \"helper\" is always one of the names above.\n- Name the sender.\n\nExample:\nMessage: my lawyer will write\n{\"helper\": \"legal\", \"sure\": 0.80}" => ["sample-breaks-rule"];
        a_label_of_the_list: "Sort the message.\n\nHELPERS\nbilling: invoices\nnetwork: no signal\nmoving: a new address\n\nReturn this JSON:\n{\"helper\": \"...\", \"sure\": 0.00}\n- \"helper\" is always one of the names above.\n- Name the sender.\n\nExample:\nMessage: the lamp is red\n{\"helper\": \"network\", \"sure\": 0.80}" => [];
        a_number_as_text: "Read the card. Fields: `name`, `count` (whole number, or null).\n\nExample:\nCard: two hundred seeds\n{\"name\": \"primula\", \"count\": \"200\"}" => ["sample-breaks-rule"];
        a_number_as_a_number: "Read the card. Fields: `name`, `count` (whole number, or null).\n\nExample:\nCard: two hundred seeds\n{\"name\": \"primula\", \"count\": 200}" => [];
        a_level_beyond_the_scale: "Judge the plan.\n\nScale:\n0 = harms\n1 = weak\n2 = fair\n3 = strong\n\nExample:\nPlan: one evening for all\n{\"score\": 4, \"why\": \"too full\"}" => ["sample-breaks-rule"];
        a_level_of_the_scale: "Judge the plan.\n\nScale:\n0 = harms\n1 = weak\n2 = fair\n3 = strong\n\nExample:\nPlan: one evening for all\n{\"score\": 2, \"why\": \"too full\"}" => [];
        a_class_that_is_not_offered: "Sort each slip into one label: LATE, LOST or OTHER.\n\nExample:\nSlip: the boat was late\nLabel: DELAYED" => ["sample-breaks-rule"];
        a_field_too_many: "Return {\"boat\": \"\", \"pier\": \"\"}.\n\nExample:\nSlip: Merle at pier 3\n{\"boat\": \"Merle\", \"pier\": \"3\", \"day\": \"Monday\"}" => ["sample-breaks-rule"];
        all_fields: "Return {\"boat\": \"\", \"pier\": \"\"}.\n\nExample:\nSlip: Merle at pier 3\n{\"boat\": \"Merle\", \"pier\": \"3\"}" => [];
        an_input_with_no_answer: "Sort the slips.\n\n# Samples\nSlip: my scarf is gone\nLabel: LOST\nSlip: the boat was late" => ["half-sample"];
        a_call_is_what_the_model_says: "Run the search.\n\nA round:\nTHOUGHT: I need the list.\nCALL: {\"call\": \"list\"}\nRESULT: 14 boats" => [];
        an_input_under_the_label_of_others: "Label the note.\nReturn {\"place\": \"...\"}.\n\nNote: \"A red coat\"\n{\"place\": \"deck\"}\nNote: \"A phone\"\n{\"place\": \"quay\"}\nNote: \"A key\"" => ["half-sample"];
        a_value_of_a_key_that_is_not_offered: "Label the note.\nReturn {\"place\": \"...\"}.\nplace is one of: deck, lounge, quay.\n\nNote: \"A red coat\"\n{\"place\": \"deck\"}\nNote: \"A phone\"\n{\"place\": \"kitchen\"}" => ["sample-breaks-rule"];
        a_value_of_a_key_that_is: "Label the note.\nReturn {\"place\": \"...\"}.\nplace is one of: deck, lounge, quay.\n\nNote: \"A red coat\"\n{\"place\": \"deck\"}\nNote: \"A phone\"\n{\"place\": \"quay\"}" => [];
        a_search_as_an_answer: "Turn the question into a search.\n\nExamples:\nReader: who ran the ferry\nsearch(place=\"Holm\", year=\"1920\")\nReader: letters of Ole\nsearch(place=\"\", year=\"\")" => [];
        a_date_in_another_order: "Build the list.\nDates in the form 2031-05-03.\n\nExample:\n03/05/2031 - The boat came in" => ["sample-breaks-rule"];
        a_date_as_shown: "Build the list.\nDates in the form 2031-05-03.\n\nExample:\n2031-05-04 - The boat came in" => [];
        one_word_in_capitals: "Translate the sheet.\nWarnings start with CAUTION in capitals.\n\nExample:\nFinnish: \"Paine: 6 bar\"\nEnglish: \"Pressure: 6 bar\"" => [];
        all_of_it_in_capitals: "Translate the sheet.\nWrite the translation in capitals.\n\nExample:\nFinnish: \"Paine: 6 bar\"\nEnglish: \"Pressure: 6 bar\"" => ["sample-breaks-rule"];
        a_word_that_is_owed: "Sort each slip.\nAdd the word CHECK to any line that names a hazardous good.\n\nExamples:\nSlip: cotton shirts\nAnswer: A\nSlip: batteries, hazardous\nAnswer: B" => ["sample-breaks-rule"];
        a_word_that_is_there: "Sort each slip.\nAdd the word CHECK to any line that names a hazardous good.\n\nExamples:\nSlip: cotton shirts\nAnswer: A\nSlip: batteries, hazardous\nAnswer: B CHECK" => [];
        a_value_that_is_none_of_three: "Read the ticket. Urgency is 1 (building), 2 (room) or 3 (person).\n\nExample:\nTicket: no picture in B12\n{\"urgency\": \"high\", \"team\": \"rooms\"}" => ["sample-breaks-rule"];
        a_row_too_short: "Give five keywords for the notice.\n\nExample:\nNotice: fog at the pier\nKeywords: fog, pier, delay" => ["sample-breaks-rule"];
        a_sentence_too_long: "Write the notes of the release.\n\n## Rules\n- One sentence per change, at most 8 words.\n\n## Sample\nThe timetable now opens on the right day after a restart." => ["sample-breaks-rule"];
        a_sentence_that_fits: "Write the notes of the release.\n\n## Rules\n- One sentence per change, at most 8 words.\n\n## Sample\nThe timetable opens on the right day." => [];
        a_number_with_its_unit: "Fill in the record from the contract.\nFields:\n- rent - monthly rent in euros, a number\n- start - first day, YYYY-MM-DD\n\nExample:\nContract: \"Ms Lorne rents flat 3 from 1 May 2031 for 840 euros.\"\n{\"rent\": \"840 EUR\", \"start\": \"2031-05-01\"}\n\nContract:\n{{contract}}" => ["sample-breaks-rule"];
        a_number_alone: "Fill in the record from the contract.\nFields:\n- rent - monthly rent in euros, a number\n- start - first day, YYYY-MM-DD\n\nExample:\nContract: \"Ms Lorne rents flat 3 from 1 May 2031 for 840 euros.\"\n{\"rent\": 840, \"start\": \"2031-05-01\"}\n\nContract:\n{{contract}}" => [];
        a_row_with_another_label: "Sort the comments of guests.\nEach comment gets one topic: room, food, staff or other.\nOutput: number; topic; mood\nExample: 17; food; angry\nExample: 18; breakfast; happy" => ["sample-breaks-rule"];
        an_output_that_is_elsewhere: "Write a notice.\n\nExample output: see attached" => ["half-sample"];
    }
}

mod things {
    remarks! { Example:
        a_headline_in_capitals: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Headlines are in sentence case.\n\nSample headline:\nTHE NEW FERRY SAILS EVERY DAY FROM MAY ON\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        a_headline_in_sentence_case: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Headlines are in sentence case.\n\nSample headline:\nThe new ferry sails every day from May on\n\n<text>\n{{text}}\n</text>" => [];
        a_headline_too_long: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Headlines have at most 20 characters.\n\nSample headline:\nThe new ferry sails every day\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        a_name_too_long: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Names have between 5 and 12 letters.\n\nExamples of good names:\n- Harbourmistress\n- Tidewater\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        names_that_fit: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Names have between 5 and 12 letters.\n\nExamples of good names:\n- Harbour\n- Tidewater\n\n<text>\n{{text}}\n</text>" => [];
        bullets_too_long: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Write each bullet as one sentence of at most 8 words.\n\nExample:\n- The boat was late on Monday since the wind blew from the north.\n- The pier was closed.\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        bullets_that_fit: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Write each bullet as one sentence of at most 8 words.\n\nExample:\n- The boat was late on Monday.\n- The pier was closed.\n\n<text>\n{{text}}\n</text>" => [];
        a_score_off_the_scale: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Scores run from 1 to 5.\n\nExample:\nReview: Lovely trip.\nScore: 8\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        a_score_on_the_scale: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Scores run from 1 to 5.\n\nExample:\nReview: Lovely trip of 8 hours.\nScore: 4\n\n<text>\n{{text}}\n</text>" => [];
        sorted_against_a_rule: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- A mail that names a court or a lawyer is LEGAL. All others are DESK.\n\nMail: My lawyer will write to you.\nLabel: DESK\n\nMail: The deck is cold.\nLabel: DESK\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        sorted_by_the_rule: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- A mail that names a court or a lawyer is LEGAL. All others are DESK.\n\nMail: My lawyer will write to you.\nLabel: LEGAL\n\nMail: The deck is cold.\nLabel: DESK\n\n<text>\n{{text}}\n</text>" => [];
        another_currency: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Amounts are in euros.\n\nExample:\nInput: two day passes\nOutput: 37.50 USD\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        the_currency_asked_for: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Amounts are in euros.\n\nExample:\nInput: two day passes for 40 dollars\nOutput: 37.50 EUR\n\n<text>\n{{text}}\n</text>" => [];
        another_sign_for_a_gap: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Write \"unknown\" where the mail gives no date.\n\nExample:\nMail: The pier was wet.\nDate: n/a\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        the_sign_for_a_gap: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Write \"unknown\" where the mail gives no date.\n\nExample:\nMail: The pier was wet.\nDate: unknown\n\n<text>\n{{text}}\n</text>" => [];
        a_reason_too_long: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Return the class, a colon, and a reason of at most 6 words.\n\n<examples>\nCall: My dog is on the pier.\nRED: a dog on the pier\nCall: The deck is cold.\nGREEN: the deck is cold and the caller says that it has been so for days\n</examples>\n\n<text>\n{{text}}\n</text>" => ["sample-breaks-rule"];
        a_reason_that_fits: "You help the press desk of Larkhaven Ferries. Work on the text between the tags.\n\nRules:\n- Skip the weather.\n- Return the class, a colon, and a reason of at most 6 words.\n\n<examples>\nCall: My dog is on the pier.\nRED: a dog on the pier\nCall: The deck is cold.\nGREEN: the deck is cold\n</examples>\n\n<text>\n{{text}}\n</text>" => [];
        a_class_that_answers_nothing: "Sort each call.\n\n# Samples\nCall: My dog is on the pier.\nRED: a dog\nCall: The deck is cold.\nGREEN: cold\nCall: Do you sell rope?" => ["half-sample"];
    }
}
