//! Rules at odds with each other or with a sample, and pairs that only look like it.

#[macro_use]
mod common;

mod rules {
    remarks! { Conflict:
        a_table_and_plain_text: "Plan the week of the crew.\n\nA table with the columns day, boat, pier. Below it one sentence.\nWrite plain text without tables.\n" => ["clashing-demands"];
        data_alone_and_a_summing_up: "Report each fault as one line of JSON. Return nothing but the JSON lines.\nAt the end, sum up in two sentences whether the boat may sail." => ["clashing-demands"];
        letter_for_letter_and_shortened: "Score the logs.\n- Quotes are copied letter for letter.\n- Name the pier.\n- Quotes may be paraphrased." => ["clashing-demands"];
        never_by_name_and_by_surname: "Answer the guest.\n- Address the guest with \"you\", never by name.\n- Name the pier.\n- Greet the guest by their surname." => ["clashing-demands"];
        the_higher_and_the_lower_of_two: "Set the level of the fault.\nWhen in doubt between two levels, take the higher one.\nName the boat.\nIf two levels fit, choose the lower, so that the yard is not flooded." => ["clashing-demands"];
        parts_of_a_text_by_its_name: "Turn the log into a note for the crew.\n- The note fits on half a page, about 120 words.\n- Each of the five headings gets at least 50 words." => ["clashing-demands"];
        parts_that_fit: "Turn the log into a note for the crew.\n- The note fits on half a page, about 120 words.\n- Each of the five headings gets at least 15 words." => [];
        every_entry_and_some_left_out: "Turn the log into a note.\n- Leave out anything that was settled in the night.\n- Include every entry of the log." => ["clashing-demands"];
        the_open_ones_of_all: "Turn the log into a note.\n- Include every entry that is open.\n- Leave out anything that was settled." => [];
        all_delays_and_the_short_ones: "Turn the log into a note.\n- List all delays.\n- Name the pier.\n- Skip delays that are under a minute." => ["clashing-demands"];
        all_delays_and_private_things: "Turn the log into a note.\n- List all delays.\n- Leave out anything that is private." => [];
        a_speech_read_out_loud: "Write a speech for the launch.\nIt should take five minutes to read out loud. Around 250 words." => ["clashing-demands"];
        terms_explained_and_ruled_out: "Write a sheet on knots. Explain technical terms in the box at the end. Name the rope. Don't use any technical terms." => ["order-against-ban"];
        an_exclamation_mark_that_is_fixed: "Write the letter to the crew. It must end with the sentence \"See you on board!\".\n\nWe don't want exclamation marks." => ["clashing-demands"];
        an_ending_without_one: "Write the letter to the crew. It must end with the sentence \"See you on board.\".\n\nWe don't want exclamation marks." => [];
        a_cap_on_each_and_a_longer_one: "Plan four drills.\n- No drill is longer than 90 minutes.\n- The fire drill takes two hours." => ["two-figures"];
        a_cap_on_each_and_a_shorter_one: "Plan four drills.\n- No drill is longer than 90 minutes.\n- The fire drill takes one hour." => [];
        a_level_with_two_times: "Say who calls the guest back.\nRED - a mate calls within 10 minutes: leak, fire\nAMBER - a clerk calls within 2 hours: lost bag, late boat\n\nWith AMBER, tell the guest that a clerk will ring within four hours." => ["clashing-demands"];
        a_level_with_one_time: "Say who calls the guest back.\nRED - a mate calls within 10 minutes: leak, fire\nAMBER - a clerk calls within 2 hours: lost bag, late boat\n\nWith AMBER, tell the guest that a clerk will ring within two hours." => [];
        paragraphs_and_few_characters: "Write the post on the new ferry with at least three paragraphs.\nName the ferry.\nDo not exceed 280 characters." => ["clashing-demands"];
        another_count_in_total: "Write 20 questions for the quiz.\nName the pier in each.\nAsk 15 questions in total." => ["clashing-demands"];
        one_boat_and_two_more: "Recommend exactly one boat. Name its pier. Give two alternatives at a lower fare." => ["clashing-demands"];
        questions_past_their_count: "TASK: Write a worksheet on knots, with 8 questions.\n- Questions 7 to 10 ask for an explanation." => ["clashing-demands"];
        a_time_that_is_promised: "Draft the answer.\n\nIf the cause is unknown, hand over with the sentence \"My colleagues from the yard in Larkhaven will get back to you within one working day.\" Do not promise a time." => ["clashing-demands"];
        texts_for_several_places: "Write three versions of the notice:\n1. for the shop page, 80 to 100 words\n2. for a social post, under 200 characters\n3. for the printed board, two lines" => [];
        a_limit_on_all_of_them: "Write three versions of the notice:\n1. for the shop page, 80 to 100 words\n2. for the printed board, two lines\n\nKeep all versions under 50 words." => ["clashing-demands"];
        a_quoted_part_and_its_line: "Write the entry for the log.\n- Went well: one point\n- To repeat: one to three points, each with the place where it happened\n\nName the boat. \"To repeat\" has at least four points." => ["clashing-demands"];
        every_quotation_and_the_long_ones: "Edit the article.\n- Keep every quotation exactly as it is.\n- Name the pier.\n- Shorten long quotations." => ["clashing-demands"];
        named_parts_past_the_whole: "Plan a lesson on knots for the crew.\n- The lesson lasts 45 minutes: warm-up 10 minutes, main part 30 minutes, closing 10 minutes." => ["sum-off"];
        named_parts_of_the_whole: "Plan a lesson on knots for the crew.\n- The lesson lasts 45 minutes: warm-up 10 minutes, main part 30 minutes, closing 5 minutes." => [];
        pairs_and_each_alone: "Plan a lesson on knots.\n- Include at least two activities in pairs.\n- Name the rope.\n- All activities are done alone." => ["clashing-demands"];
        a_page_of_many_words: "I want a report of one page with at least 2000 words on the fog." => ["clashing-demands"];
        a_page_of_few_words: "I want a report of one page with at least 200 words on the fog." => [];
        another_name_for_the_persona: "You are Pelle, the guide of a ferry line.\n- Name the pier.\n- Paula never names a boat that is in the yard." => ["name-spelling"];
        a_person_who_is_introduced: "You are Pelle, the guide of a ferry line. Paula runs the desk.\n- Name the pier.\n- Paula never answers mails." => [];
    }
}

mod samples {
    remarks! { Example:
        a_time_in_words: "Turn the log into a note.\n- Times in 24-hour form, \"04:30\".\n- Name the boat.\n\n# Sample\nHeadline: Call the yard before six in the morning.\nBoats: the Merle is in the yard since 04:30." => ["sample-breaks-rule"];
        a_guess_that_is_ruled_out: "You are Merle, a clerk. Never guess at dates or fares.\n\nExample\nGuest: Who built the boat?\nMerle: I would say Odell of Larkhaven, but that is a guess of mine." => ["sample-breaks-rule"];
        a_date_without_its_weekday: "You are Merle, a clerk. Deadlines always with weekday and date.\n\nExample\nGuest: I moved, what do I do?\nMerle: Send the form by 3 May." => ["sample-breaks-rule"];
        a_date_without_its_year: "Turn each note into an entry.\n- Lesson: number and date (YYYY-MM-DD)\n- Next: what comes next\n\nExample\nNote: \"Lesson seven, third of April, next time the lock.\"\nLesson: 7, 3 April\nNext: the lock" => ["sample-breaks-rule"];
        a_date_with_its_weekday: "You are Merle, a clerk. Deadlines always with weekday and date.\n\nExample\nGuest: I moved, what do I do?\nMerle: Send the form by Monday, 3 May." => [];
        another_sign_for_nothing: "Turn the log into a note. If a heading has nothing, write \"nothing to report\".\n\n# Sample\nBoats: the Merle is in the yard\nPiers: pier B is shut\nGuests: none" => ["sample-breaks-rule"];
        a_form_with_a_value_of_its_own: "Report each fault as one line of JSON:\n{\"file\": \"pump.c\", \"line\": 120, \"severity\": \"high\", \"fault\": \"...\"}\nseverity is one of blocker, major, minor." => ["sample-breaks-rule"];
        a_form_with_a_known_value: "Report each fault as one line of JSON:\n{\"file\": \"pump.c\", \"line\": 120, \"severity\": \"major\", \"fault\": \"...\"}\nseverity is one of blocker, major, minor." => [];
        a_name_that_is_ruled_out: "Return an object.\n{\"category\": \"...\", \"summary\": \"...\"}\n\nsummary has no names.\n\n<example>\nReport: The lamp is out. Nora Quayle\n{\"category\": \"light\", \"summary\": \"Nora Quayle says that the lamp is out.\"}\n</example>\n" => ["sample-breaks-rule"];
        a_total_that_is_off: "Score the boats for the board.\n1. Score each criterion.\n2. Add up the points, 20 at most.\n\nThe table: boat | need | use | cost | upkeep | total\n\nMerle | 4 | 3 | 5 | 2 | 15\nGull | 2 | 3 | 1 | 2 | 8" => ["sample-breaks-rule"];
        a_group_that_is_not_its_own: "Score the boats for the board. Put each into a group: A from 15 points, B from 9 to 14, C below 9.\n\nThe table: boat | need | use | total | group\n\nMerle | 9 | 6 | 15 | A\nGull | 2 | 6 | 8 | B" => ["sample-breaks-rule"];
        the_line_above_the_slot: "Read the flyer and return title and time. Give times on the 24-hour clock.\nFlyer: Jazz on the quay, doors at nine in the evening.\nTitle: Jazz on the quay\nTime: 9 pm\nFlyer: {flyer}\n" => ["sample-breaks-rule"];
        the_third_input_of_a_row: "Rename the photos. Give the old name, a tab and the new name.\n\nIMG_1.jpg, MER, 12 April 2031, north\n-> IMG_1.jpg\tMER-20310412-n-01.jpg\n\nIMG_2.jpg, MER, 12 April 2031, east\n-> IMG_2.jpg\tMER-20310412-e-01.jpg\n\nIMG_9.jpg, GUL, 13 April 2031, south\n\nInput:\n{{lines}}\n" => ["half-sample"];
        fewer_keywords_than_asked_for: "Describe the photo with 3 to 5 keywords.\n\nSample\nNote: \"Launch of the Merle\"\nTitle: Launch of the Merle\nKeywords: launch, boat\n\nNote: {{note}}" => ["sample-breaks-rule"];
        a_full_stop_in_a_title: "Describe the photo, one field a line:\nTitle: at most 8 words, no full stop\nPlace: the town\n\nSample\nNote: \"Launch of the Merle\"\nTitle: Launch of the Merle.\nPlace: Larkhaven\n\nNote: {{note}}" => ["sample-breaks-rule"];
    }
}

mod said_again {
    remarks! { Redundant:
        beyond_the_record: "Answer from the record of the boat.\n- Use only what the record says.\n- Name the pier.\n- Do not go beyond the record." => ["said-before"];
        the_limit_by_its_name: "Write the text on the loom of the sail maker, at most 80 words.\nName the weaver.\nYou must keep to the word limit of 80." => ["said-before"];
        some_of_the_questions_and_every_one: "Write a quiz with 10 questions.\n- Questions 1 to 3 are multiple choice with four options each.\n- Every question shall have four options." => [];
        of_every_boat_you_name: "Recommend boats.\n\n1. Give length and fare for each boat.\n2. Say what to bring.\n3. Give length and fare for every boat you recommend." => ["said-before"];
        a_referee_who_refers: "You are a referee's coach. After a match you read the referee's own report and ask questions that help them to see what to change.\n\n- One question per message, five in all.\n- Each question refers to a minute of the match that the report names." => [];
    }
}

mod left_open {
    remarks! { Vague:
        do_your_thing: "Write the letter of the rowing club. Just do your thing." => ["unmeasured-wording"];
        a_clause_behind_the_word: "Plan a party on the pier. There should be a nice menu that is easy to prepare." => ["unmeasured-wording"];
        a_clause_that_says_what_is_meant: "Plan a party on the pier. Name good boats, that is, boats with a roof." => [];
        a_likeness_that_is_ruled_out: "Write a job ad for the quay. The ad should be attractive and not sound like all the others." => ["unmeasured-wording"];
        a_number_for_the_case: "Write a message that names the title, shortened to 40 characters if need be." => [];
        consistent_alone: "Correct the log of the boat. Be consistent." => ["unmeasured-wording"];
        if_it_makes_sense: "Write ten posts. Use our colours in the text if that makes sense." => ["unmeasured-wording"];
        more_for_the_complicated_ones: "Answer the guest. Two sentences for a simple question, more for a complicated one." => ["unmeasured-wording"];
    }
}

mod places {
    remarks! { Steps:
        a_criterion_that_is_not_there: "Judge the talk by these criteria:\nA) Reasons: is each claim backed? (0-10)\nB) Answers: does it meet the other side? (0-10)\nC) Voice: can it be followed? (0-5)\n\nCriterion D counts double." => ["lost-reference"];
        a_criterion_that_is_there: "Judge the talk by these criteria:\nA) Reasons: is each claim backed? (0-10)\nB) Answers: does it meet the other side? (0-10)\nC) Voice: can it be followed? (0-5)\n\nCriterion C counts double." => [];
    }
}

mod slots_and_secrets {
    remarks! { Slot:
        dots_in_brackets: "Write the card to [...] for the cake.\nTwo sentences." => ["left-over-slot"];
        a_shouted_thing: "Write the letter head: INSERT LOGO, then the address in one line." => ["left-over-slot"];
        a_statement_of_a_query: "Write the query: INSERT INTO boats, then the values, in one line." => [];
        words_for_a_gap: "Turn the letter into plain words. If it does not name the date, write [DATE MISSING] so that the clerk sees it.\n\nLetter:\n\"\"\"\n{{letter}}\n\"\"\"\n" => [];
    }
}

mod exposed {
    remarks! { Exposure:
        a_key_for_a_tool: "Answer the guest. You may look fares up with get_fare(id). Key for get_fare: lhf-live-83hd72nbs0a1" => ["credential"];
        a_pin_of_a_door: "Answer the guest. The pin of the staff door is 4471." => ["credential"];
        a_name_in_small_letters: "write ten posts. our skipper nora quayle (nora.quayle@gullmail.example, 0555 332 110) should be mentioned in one" => ["private-data"];
    }
}

mod padded {
    remarks! { Wordy:
        pressed_in_short: "Write the report on the fog. It's very important that the numbers are correct." => ["padding"];
        told_that_it_knows: "As an AI you know how letters work, so write ours. Name the pier." => ["padding"];
        an_aside_at_the_end: "Write ten posts. Use our colours in the text, if that makes sense." => ["padding"];
    }
}

mod forbidden {
    remarks! { Phrasing:
        a_tone_and_the_person: "Write the letter under 400 words. Don't sound preachy. Write in the first person plural." => ["bare-prohibition"];
    }
}
