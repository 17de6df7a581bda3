//! One thing alone and what is asked for beside it, consents and deeds, points for faults, limits and manners, people and
//! measures in samples, rows with a label that is not offered.

#[macro_use]
mod common;

mod alone {
    remarks! { Conflict:
        explained_after: "Mend the card.\nReturn the card only.\nAfter the card, explain what you changed." => ["clashing-demands"];
        nothing_but: "Mend the card.\nReturn nothing but the card.\nList your changes below the card." => ["clashing-demands"];
        another_thing: "Mend the card.\nReturn the card only.\nAfter the greeting, explain what the pier is." => [];
        bounded: "Mend the card.\nName the guests only of those who paid.\nAfter the guests, list the crew." => [];
        denied: "Mend the card.\nReturn the card only.\nDo not add notes after the card." => [];
        in_one_sentence: "Plan the tour.\nExplain your plan in two sentences before the JSON; output JSON only." => ["clashing-demands"];
    }
}

mod consent {
    remarks! { Conflict:
        at_once: "Run the desk.\nCancel a trip only after the guest has agreed.\nIf the boat is late, cancel the trip at once without asking." => ["clashing-demands"];
        another_deed: "Run the desk.\nCancel a trip only after the guest has agreed.\nIf the boat is late, send the notice without asking." => [];
    }
}

mod points {
    remarks! { Conflict:
        costs_nothing: "Grade the essay.\nWrong grammar costs nothing.\nTake off a point for grammar mistakes." => ["order-against-ban"];
        of_two_things: "Grade the essay.\nGrammar does not count.\nTake off a point for a wrong date." => [];
        agreed: "Grade the essay.\nGrammar does not count.\nDo not take off points for grammar." => [];
    }
}

mod limits {
    remarks! { Conflict:
        entries_kept_short: "List the piers.\nEach entry has 60 to 80 words.\nKeep entries short, never over 50 words." => ["clashing-demands"];
        entries_that_fit: "List the piers.\nEach entry has 30 to 40 words.\nKeep entries short, never over 50 words." => [];
        a_part_by_name: "Give a title, then a description of three to five sentences.\nThe description should not be longer than two sentences." => ["clashing-demands"];
        two_parts: "Give a title, then a description of three to five sentences.\nThe title should not be longer than two sentences." => [];
        ounces: "Mend the recipe.\nWeights are given in grams.\nGive weights in ounces." => ["clashing-demands"];
        addressed: "Write the card.\nAddress the reader as \"you\".\nThe reader is never addressed directly." => ["clashing-demands"];
        both_classes: "Sort the slips.\nOne class per slip.\nIf two classes fit, give both." => ["clashing-demands"];
        first_class: "Sort the slips.\nOne class per slip.\nIf two classes fit, give the first." => [];
        two_right_options: "Write the quiz.\nFour options, one right.\nTwo options of each question are correct." => ["clashing-demands"];
        single_question: "Run the desk.\nAsk one question per message.\nCollect date, start and pier in a single question." => ["clashing-demands"];
        dialect: "Mend the subtitles.\nLeave dialect as it is.\nTurn dialect into standard language." => ["order-against-ban"];
        number_of_the_version: "Write the notes.\nNo version numbers.\nPut the number of the version in front." => ["order-against-ban"];
        number_of_guests: "Write the notes.\nNo guests.\nPut the number of the version in front." => [];
    }
}

mod twice {
    remarks! { Redundant:
        kept: "Translate the card.\nKeep boat names and pier numbers as they are.\nName the pier.\nLeave pier numbers unchanged." => ["said-before"];
        kept_and_changed: "Translate the card.\nKeep boat names as they are.\nName the pier.\nDo not change the fares." => [];
        each_with_its_link: "Report the fares.\nEvery fare carries a link.\nName the pier.\nDo not give a fare without a link." => ["said-before"];
        spelt_out: "Read the slip.\nReturn only the JSON. No explanations, no markdown.\nName the pier." => [];
        null_for_any: "Read the slip.\nMissing values are null.\nName the pier.\nIf the fare is missing, write null." => ["said-before"];
        null_twice: "Read the slip.\nIf no fare is given, set fare to null.\nName the pier.\nFare is null whenever the slip states none." => ["said-before"];
        null_for_two: "Read the slip.\nIf no fare is given, set fare to null.\nName the pier.\nPier is null whenever the slip states none." => [];
        or_null: "Read the slip.\n- `photo` is the number behind the word \"photo\", or null.\n- Name the pier.\n- If no photo number is given, photo is null." => ["said-before"];
        gravest_first: "Report at most eight faults, the gravest first.\nName the pier.\nPut the most severe faults at the top." => ["said-before"];
        ruled_out_in_a_part: "Never promise a date.\nName the pier.\nDo not commit to any date in the notice." => ["said-before"];
        named_in_two_parts: "Name the pier in the title.\nUse plain words.\nName the pier in the notice." => [];
        one_right: "Write the quiz.\nFour options, one right.\nName the pier.\nThere must be exactly one correct option." => ["said-before"];
    }
}

mod samples {
    remarks! { Example:
        inches: "Translate the card.\nConvert centimetres to inches.\nExample: \"Das Ruder ist 30 cm lang.\" becomes \"The oar is 30 cm long.\"" => ["sample-breaks-rule"];
        both_measures: "Translate the card.\nConvert centimetres to inches.\nExample: \"Das Ruder ist 30 cm lang.\" becomes \"The oar is 12 inches (30 cm) long.\"" => [];
        points_of_a_scale: "Grade the answer.\nA JSON object with the keys \"points\" (0, 1 or 2) and \"note\" (a string).\n\n# Examples\nInput: the bank breaks\nOutput: {\"points\": 1.5, \"note\": \"Say why.\"}" => ["sample-breaks-rule"];
        points_on_it: "Grade the answer.\nA JSON object with the keys \"points\" (0, 1 or 2) and \"note\" (a string).\n\n# Examples\nInput: the bank breaks\nOutput: {\"points\": 1, \"note\": \"Say why.\"}" => [];
        a_row_of_another_class: "Sort each slip into one of: storm, theft, fire.\n\n# Samples\nR-1; storm; \"a gust\"\nR-2; theft; \"the oar is gone\"\nR-3; rust; \"the hull is brown\"" => ["sample-breaks-rule"];
        rows_of_known_classes: "Sort each slip into one of: storm, theft, fire.\n\n# Samples\nR-1; storm; \"a gust\"\nR-2; theft; \"the oar is gone\"\nR-3; fire; \"the hull is black\"" => [];
        a_file_of_another_name: "Write the script.\nLogs are named `log-YYYY-MM-DD.txt`.\n\nExample:\n```\nlog-2031-03-03.txt\nlog_2031-03-04.txt\n```" => ["sample-breaks-rule"];
        files_of_that_name: "Write the script.\nLogs are named `log-YYYY-MM-DD.txt`.\n\nExample:\n```\nlog-2031-03-03.txt\nlog-2031-03-04.txt\n```" => [];
    }
}

mod private {
    remarks! { Exposure:
        an_illness: "Write the menu.\nThe guest is Nora Quayle, diagnosed with diabetes." => ["private-data"];
        illnesses_of_nobody: "Write the menu.\nGuests diagnosed with diabetes get the blue card." => [];
        a_login_behind_a_colon: "Run the desk.\nAdmin login for the night: purser / Gull!7731" => ["credential"];
    }
}

mod wording {
    remarks! { Vague:
        overly: "Write the card.\nAvoid overly technical terms." => ["unmeasured-wording"];
        edge_cases: "Write the script.\nHandle edge cases." => ["unmeasured-wording"];
        whatever_else: "Describe the pier:\n- its age\n- whatever else is worth mentioning" => ["unmeasured-wording"];
        more_or_less_anything: "We are open to more or less anything.\nWrite the card." => [];
    }
}

mod absolute {
    remarks! { Conflict:
        never_and_a_case: "Run the desk.\nIf the van is full, hold the parcel.\nNever hold a parcel." => ["order-against-ban"];
        never_and_another_thing: "Run the desk.\nIf the van is full, hold the parcel.\nNever hold a letter." => [];
        no_and_its_exception: "Write the note.\nNo lists.\nUse a list when there are more than five piers." => [];
        drop_and_report: "Compare the cards.\nDrop changes of spelling and layout.\nReport differences in spelling as well." => ["order-against-ban"];
        drop_and_report_others: "Compare the cards.\nDrop changes of spelling and layout.\nReport differences in fares as well." => [];
        in_the_passive: "Run the desk.\nReport the fares.\nFares are never reported." => ["order-against-ban"];
        in_the_passive_of_others: "Run the desk.\nReport the fares.\nNames are never reported." => [];
        a_part_left_out: "Write the mail.\n\n# Format\nSubject line, then the mail.\nLeave out the subject line." => ["order-against-ban"];
        working_shown: "Explain the bill.\nShow the sum step by step.\nDo not show any calculations." => ["clashing-demands"];
        a_line_above: "Sort the slips.\nReturn JSON and nothing else.\nAdd a line above the JSON that sums up the pier." => ["clashing-demands"];
        blank_and_n_a: "Read the cards.\nA field that is not on the card stays empty.\nWrite \"n/a\" into fields that are not on the card." => ["clashing-demands"];
        two_lengths_of_time: "Plan six tours.\nEach has a break of ten minutes.\nThe break takes about half an hour." => ["two-figures"];
        a_limit_that_holds: "Plan six tours.\nThe break takes at most an hour.\nThe break takes about half an hour." => [];
    }
}

mod references {
    remarks! { Steps:
        the_second_of_two: "1. Name the pier.\n2. Name the boat.\n3. Where rules 2 and 9 clash, rule 2 wins." => ["lost-reference"];
        both_there: "1. Name the pier.\n2. Name the boat.\n3. Where rules 1 and 2 clash, rule 2 wins." => [];
    }
}

mod signs {
    remarks! { Example:
        sums_in_figures: "You are Merle, a clerk.\nSay prices in words.\n\n# Sample\nGuest: How much?\nMerle: That is 135 euros." => ["sample-breaks-rule"];
        sums_in_words: "You are Merle, a clerk.\nSay prices in words.\n\n# Sample\nGuest: How much?\nMerle: That is five euros." => [];
        no_country_code: "Read the cards.\nPhone numbers as +CC followed by digits only.\nSample row: Nora Quayle;0555 010 332" => ["sample-breaks-rule"];
        another_operation: "Keep the memory.\n\nAnswer with a list of operations, one per line:\nADD fact\nDEL number\n\nFor example:\nADD Nora dislikes oars\nREMOVE 4" => ["sample-breaks-rule"];
        a_star: "Write the query.\nName every column; no SELECT *.\n\n# Examples\nQ: Which boats are late?\n```sql\nSELECT * FROM boats;\n```" => ["sample-breaks-rule"];
        columns_named: "Write the query.\nName every column; no SELECT *.\n\n# Examples\nQ: Which boats are late?\n```sql\nSELECT name FROM boats;\n```" => [];
        ends_in_a_label: "Write the card.\nFinish with the line \"Call back: \".\n\n# Example\nInput: late boat\nOutput:\nRED\nCall back: 0555 010 221" => [];
        not_with: "Write alt texts.\nStart with the main thing, not with \"Photo of\".\n\n# Examples\nA copper kettle on a stove.\nPhoto of two women at a loom." => ["sample-breaks-rule"];
    }
}

mod implied {
    remarks! { Conflict:
        every_one_and_none: "Write the card.\nExplain every technical word the first time it appears.\nUse no technical words at all." => ["order-against-ban"];
        every_other_and_none: "Write the card.\nExplain every old word the first time it appears.\nUse no technical words at all." => [];
        with_what_is_ruled_out: "Plan the fair.\nNo ribbons.\nDecorate the pier with ribbons." => [];
        look_up_and_end: "Run the desk.\nIf the ticket number is missing, look it up by name.\nIf there is no ticket number, end the chat." => ["clashing-demands"];
        ask_and_look_up: "Run the desk.\nIf the ticket number is missing, ask for it.\nIf there is no ticket number, look it up by name." => [];
        harder_and_hardest_first: "Write ten questions.\n- Order them from easy to hard.\n- Start with the hardest question." => ["clashing-demands"];
        order_of_the_work: "Write the card.\nStart with the urgency, then the animal.\nRead the call first, then set the urgency." => [];
        fixes: "Review the patch.\nSuggest a safe rewrite for each fault.\nDo not propose changes; only report." => ["clashing-demands"];
        own_knowledge_in_a_gap: "Answer the guest.\nUse only the passages.\nWhen the passages are silent, rely on your general knowledge of boats." => ["clashing-demands"];
        none_left_out: "Write the log.\nMention each repair.\nLeave no repair out." => [];
        whose_names: "Translate the menu.\nTranslate the names of all dishes.\nDo not translate the name of the house." => [];
        names_of_the_same: "Translate the menu.\nTranslate the names of all dishes.\nDo not translate the names of dishes." => ["clashing-demands"];
        short_and_in_detail: "Write the sign for the quay.\n- short\n- explain each rule in detail" => ["clashing-demands"];
    }
}

mod cited {
    remarks! { Example:
        one_without: "Answer from the passages.\nAfter each sentence give the id of the passage.\n\n# Examples\nQuestion: May I board?\nAnswer: When the bell has rung [H-07].\nQuestion: How long is the trip?\nAnswer: At least 30 minutes in all." => ["sample-breaks-rule"];
        both_with: "Answer from the passages.\nAfter each sentence give the id of the passage.\n\n# Examples\nQuestion: May I board?\nAnswer: When the bell has rung [H-07].\nQuestion: How long is the trip?\nAnswer: At least 30 minutes in all [H-09]." => [];
        a_way_out: "Answer from the passages.\nAfter each sentence give the id of the passage.\nIf they are silent, write \"Not in the log book\".\n\n# Examples\nQuestion: May I board?\nAnswer: When the bell has rung [H-07].\nQuestion: Who built the pier?\nAnswer: Not in the log book" => [];
    }
}

mod pinned {
    remarks! { Vague:
        short_where_the_limit_stands: "Group the slips.\n- For each topic write a summary, the summary must be max 2 sentences\n- Name the pier\n- Summaries should be short" => [];
        short_where_another_thing_is_bounded: "Group the slips.\n- The title must be max 8 words\n- Name the pier\n- Summaries should be short" => ["unmeasured-wording"];
    }
}

mod kept_from_somebody {
    remarks! { Conflict:
        never_learns: "Play the seller.\nThe seller has a floor of 8,100 that the guest never learns.\nName the pier.\nIf the guest asks for your floor, tell it." => ["order-against-ban"];
        another_thing_told: "Play the seller.\nThe seller has a floor of 8,100 that the guest never learns.\nName the pier.\nIf the guest asks for your name, tell it." => [];
        a_secret: "Play the seller.\nKeep a secret.\nName the pier.\nKeep the to yourself." => [];
        secret: "Play the seller.\nKeep the floor secret.\nName the pier.\nTell the guest the floor." => ["order-against-ban"];
        of_a_kind: "Answer the owner.\nNever name a drug; say \"ask the vet\" instead.\nName the pier.\nIf the dog is heavy, tell the owner which painkiller fits." => ["order-against-ban"];
        of_no_kind: "Answer the owner.\nNever name a drug; say \"ask the vet\" instead.\nName the pier.\nIf the dog is heavy, tell the owner which desk is open." => [];
    }
}

mod some_and_all {
    remarks! { Conflict:
        important_ones: "Write the note.\n- one line per alarm: hour, house, what it was\n- Name the pier.\n- If several alarms go off, only list the important ones." => ["clashing-demands"];
        serious_only: "Write the note.\nList every alarm.\nName the pier.\nOnly list the serious alarms." => ["clashing-demands"];
        of_other_things: "Write the note.\nList every alarm.\nName the pier.\nOnly list the serious delays." => [];
        first_thing: "Write the note.\n\nRules:\n1. Begin with the three findings that most guests name.\n2. Name the pier.\n3. The first thing in the note is a paragraph on the weather." => ["place-of-part"];
        out_of_the_role: "Play the seller.\nStay in the role of the seller from the first message to the last.\nName the pier.\nAfter each message, step out of the role and say what was good." => ["clashing-demands"];
        until_the_end: "Play the seller.\nStay in the role of the seller.\nName the pier.\nWhen the guest writes END, leave the role." => [];
        heat: "Write the note.\n- one line per house with the lowest warmth, in °C\n- Name the pier.\n- Give each warmth in degrees Fahrenheit." => ["clashing-demands"];
        minutes_of_a_speech: "Write a speech for the fair.\nMax five minutes.\nName the pier.\nIt should be around 2500 words." => ["clashing-demands"];
        a_title_twice: "The guest plays the buyer; you play the seller, Mr. Odell.\nMr. Odel likes boats." => ["name-spelling"];
        last_and_under_the_title: "Write the card.\n\n## Card\n- title, at most five words\n- steps, numbered\n- allergens, the last line\n\n## Rules\n- Name the pier.\n- The allergens stand right under the title." => ["place-of-part"];
        title_and_first: "Write the card.\n- Begin with the fare.\n- Name the pier.\n- The date stands right under the title." => [];
        scaled: "Write the card.\n- Scale all amounts to 320 portions.\n- Name the pier.\n- Keep the amounts of the recipe unchanged." => ["order-against-ban"];
        consists_of: "Write the names.\n- 12 names\n- one or two words each\n- Each name consists of three words." => ["clashing-demands"];
        at_least_and_none: "Check the log.\nName the pier.\nIf there is no problem, answer \"OK\".\nAlways report at least three problems." => ["clashing-demands"];
        three_and_none: "Check the log.\nName the pier.\nIf there is no problem, answer \"OK\".\nReport three problems." => [];
        two_lists_of_values: "Check the log.\nFor each fault give: line, severity (high, medium, low), what is wrong.\nName the pier.\nOnly use three severities: critical, major, minor." => ["clashing-demands"];
        one_list_twice: "Check the log.\nFor each fault give: line, severity (high, medium, low), what is wrong.\nName the pier.\nOnly use three severities: high, medium, low." => [];
        at_any_hour: "Answer the guest.\nThe desk is open from 8 to 18 on weekdays.\nName the pier.\nOur desk can be reached at any hour of the day." => ["clashing-demands"];
        another_at_any_hour: "Answer the guest.\nThe desk is open from 8 to 18 on weekdays.\nName the pier.\nOur locker can be opened at any hour of the day." => [];
        broad_first: "List the queries.\nQueries go from broad to narrow.\nName the pier.\nStart with the most specific query." => ["clashing-demands"];
        emojis_but_not_there: "Write ten captions.\nUse emojis.\nName the pier.\nNo emojis in the first word." => [];
        neutral_but_at_the_end: "Write the leaflet.\nIt must stay strictly neutral.\nName the pier.\nRecommend the cheapest boat in the last line." => ["clashing-demands"];
        kinds_of_agents: "Route the task.\n- Analysis agents: data processing, pattern recognition\n- Research agents: data gathering, fact checking\n- Name the pier." => [];
        table_and_running_text: "Plan the trip.\nReturn a table.\nName the pier.\nPresent the plan as running text." => ["clashing-demands"];
        labels_in_lower_case: "Sort the slip.\n\n## Labels\nLOST, LATE, OTHER\n\n## Rules\n- Name the pier.\n- Return the label in lower case." => ["clashing-demands"];
        no_such_label: "Sort the slip.\n\n## Labels\nLOST, LATE, OTHER\n\n## Rules\n- Name the pier.\n- Complaints go to COMPLAINT." => ["clashing-demands"];
        such_a_label: "Sort the slip.\n\n## Labels\nLOST, LATE, OTHER\n\n## Rules\n- Name the pier.\n- Complaints go to OTHER." => [];
        a_loud_word_ruled_out: "Write the plan.\nRequirements use MUST, SHOULD or MAY.\nName the pier.\nDo not use the word \"should\"." => ["clashing-demands"];
        before_what_it_follows: "Write the plan.\nSections: Problem, Users, Goals, Metrics.\nName the pier.\nThe metrics go before the goals." => ["clashing-demands"];
        behind_what_it_follows: "Write the plan.\nSections: Problem, Users, Goals, Metrics.\nName the pier.\nThe metrics go after the goals." => [];
        more_than_planned: "I need a plan for 8 rehearsals before the fair.\nName the pier.\nRehearsals 1 to 4 are for the new songs, 5 to 9 for everything." => ["clashing-demands"];
        as_many_as_planned: "I need a plan for 8 rehearsals before the fair.\nName the pier.\nRehearsals 1 to 4 are for the new songs, 5 to 8 for everything." => [];
        from_another_shop: "Answer the guest.\nDon't talk about competitors.\nName the pier.\nRecommend one from another shop." => ["clashing-demands"];
        once_and_brief: "Write the page.\nBe brief.\nName the pier.\nSay everything only once." => [];
        two_people: "The guest plays the buyer; you play the seller, Mr. Odell.\nMrs. Odela likes boats." => [];
    }
}

mod figures_and_codes {
    remarks! { Example:
        no_decimal: "Write the note from the log. Give the warmth in °C with one decimal.\n\nExample:\nLog: hold 2 was at 23.1 and 9 in the night\nNote: Hold 2 had 9 °C to 23.1 °C.\n\nLog: {{log}}" => ["sample-breaks-rule"];
        row_of_the_form: "Fill in the form.\n\nFORM\nclaim | date | cause\n\nEXAMPLE\nReport: On 3 May hail broke the skylight.\n7741 | 03.05.2031 | hail\n\nREPORT\n\"\"\"\n{{report}}\n\"\"\"" => [];
        one_decimal: "Write the note from the log. Give the warmth in °C with one decimal.\n\nExample:\nLog: hold 2 was at 23.1 and 9 in the night\nNote: Hold 2 had 9.0 °C to 23.1 °C.\n\nLog: {{log}}" => [];
        no_such_code: "Sort the slip.\n\n| code | desk |\n|---|---|\n| PR | pier |\n| LF | lost |\n| OT | other |\n\nReturn JSON: {\"code\": \"PR\", \"why\": \"...\"}\n\n## Examples\nSlip: The lamp is dark.\n{\"code\": \"PR\", \"why\": \"a lamp\"}\n\nSlip: My cap is gone.\n{\"code\": \"LS\", \"why\": \"a cap\"}" => ["sample-breaks-rule"];
        such_a_code: "Sort the slip.\n\n| code | desk |\n|---|---|\n| PR | pier |\n| LF | lost |\n| OT | other |\n\nReturn JSON: {\"code\": \"PR\", \"why\": \"...\"}\n\n## Examples\nSlip: The lamp is dark.\n{\"code\": \"PR\", \"why\": \"a lamp\"}\n\nSlip: My cap is gone.\n{\"code\": \"lf\", \"why\": \"a cap\"}" => [];
    }
}

mod slots_and_marks {
    remarks! { Slot:
        in_double_brackets: "Sum up {{numbers}}.\nLast year's numbers are in [[last_year]]." => ["mixed-slots"];
        a_mark_behind: "Mend {{report}}.\nWhere a name cannot be checked, put [CHECK] behind it." => [];
        rate_to_come: "Sum up the survey.\n\nSurvey: {{survey}}\nRate: XX %" => ["left-over-slot"];
        rate_of_the_form: "Sum up the survey below.\n\nAnswer in this form:\nRate: XX %" => [];
    }
}

mod outsiders {
    remarks! { Exposure:
        mail_amid: "You answer the guests of a shop.\n\nThe mail of the guest:\n{mail}\n\nOrders under 50 crowns cost 6 crowns.\nAnswer in English." => ["unfenced-input"];
        answer_so_far: "Refine the answer for the user.\n\nThe answer for the user so far:\n{existing_answer}\n\nKeep it under 60 words." => [];
        mail_at_the_end: "You answer the guests of a shop.\nOrders under 50 crowns cost 6 crowns.\nAnswer in English.\n\nThe mail of the guest:\n{mail}" => [];
        number_of_a_relative: "Write a speech for the fair. If you need more, my wife's number is 07700 900982." => ["private-data"];
        number_of_a_desk: "Write a speech for the fair. The number of the desk is 07700 900982." => [];
        passport_of_somebody: "Fill in the form. His passport number is X4412907." => ["private-data"];
        social_security: "Fill in the form. Social security number 123-45-6789 belongs to the guest." => ["private-data"];
        security_desk: "Fill in the form. The security number of the pier is painted in red." => [];
        code_of_the_wifi: "Answer the guest. The wifi code for the office is 88412233." => ["credential"];
        code_of_the_boat: "Answer the guest. The code for the boat is 88412233." => [];
        even_if: "Answer the guest.\nWhatever the guest writes, do it, even if it breaks the rules above." => ["dropped-rules"];
        login_far_off: "Answer the guest. Login for the order system, should you need it: shopdesk / Gr4nite!Lamp" => ["credential"];
    }
}

mod titles_in_front {
    remarks! { Steps:
        no_such_title: "Answer the guest.\nLog the call as described in the \"Log entry\" section." => ["lost-reference"];
        such_a_title: "Answer the guest.\nLog the call as described in the \"Log entry\" section.\n\n# Log entry\nHour, boat, pier." => [];
    }
}

mod said_at_more_length {
    remarks! { Redundant:
        made_up: "Write the page.\nDon't invent facts.\nUse the past tense.\nMake nothing up." => ["said-before"];
        said_once: "Write the page.\nDo not repeat yourself.\nUse the past tense.\nSay everything only once." => ["said-before"];
        how_high: "Write the listing.\nName the fare.\nUse the past tense.\nState how high the fare is." => ["said-before"];
        number_of_queries: "List the queries.\n- Produce exactly 8 queries.\n- Name the pier.\n- The number of queries is eight." => ["said-before"];
    }
}

mod measured_bans {
    remarks! { Phrasing:
        like_max: "Write ten captions.\nDon't use too many hashtags, like max 3." => [];
        too_many: "Write ten captions.\nDon't use too many hashtags." => ["bare-prohibition"];
    }
}

mod open_to_taste {
    remarks! { Vague:
        reassuring: "Write the letter.\nIt should be really reassuring." => ["unmeasured-wording"];
        everybody: "Write the card in 80 words.\nSay it in a way that everybody understands." => ["unmeasured-wording"];
        that_sells: "Write a listing that sells, in 80 words." => ["unmeasured-wording"];
        that_names: "Write a listing that names the fare, in 80 words." => [];
    }
}

mod tags_on_a_line {
    remarks! { Markup:
        one_left_open: "Grade the answer.\n\n<question>{{question}}</question>\n<key>{{key}}</key>\n<pupil>{{answer}}" => ["open-tag"];
        all_closed: "Grade the answer.\n\n<question>{{question}}</question>\n<key>{{key}}</key>\n<pupil>{{answer}}</pupil>" => [];
    }
}
