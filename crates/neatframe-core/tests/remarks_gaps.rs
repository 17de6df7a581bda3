//! Ways out of a gap, keeping against changing, permissions against prohibitions; samples in turns, in rows and on one line.

#[macro_use]
mod common;

mod ways_out {
    remarks! { Conflict:
        refer_and_guess: "Answer from the list.\nIf the list has no price, give the phone number.\nName the pier.\nIf the list has no price, estimate it." => ["clashing-demands"];
        ask_and_leave_out: "Fill in the slip.\nIf the date is missing, ask for it.\nName the pier.\nIf the date is missing, leave it out." => ["clashing-demands"];
        refer_twice: "Answer from the list.\nIf the list has no price, give the phone number.\nIf the list has no price, name the office." => [];
        two_cases: "Answer from the list.\nIf the list has no price, give the phone number.\nIf the list has no pier, estimate the way." => [];
        no_gap: "Answer the guest.\nIf the boat is late, ask how long.\nIf the boat is late, leave out the fare." => [];
        left_out_and_named: "Book each part.\n- Leave out parts whose number you cannot find.\n- Where the number is not found, set \"part\" to \"unknown\"." => ["clashing-demands"];
        a_sign_and_empty: "Read the slip.\nIf a field is not in the slip, write \"-\".\nLeave fields that are not in the slip empty." => ["clashing-demands"];
        a_sign_twice: "Read the slip.\nIf a field is not in the slip, write \"-\".\nFields that are not in the slip get \"-\"." => [];
    }
}

mod kept {
    remarks! { Conflict:
        names_kept_and_translated: "Translate the card.\nKeep the piece names as they are.\nTranslate everything, including the names of the pieces." => ["clashing-demands"];
        names_kept: "Translate the card.\nKeep the piece names as they are.\nTranslate everything else." => [];
        half_points_and_whole: "Grade the answer.\nGive half points where a statement is incomplete.\nWhole points only." => ["clashing-demands"];
        half_points: "Grade the answer.\nGive half points where a statement is incomplete.\nTen points at most." => [];
        simple_and_technical: "Write the panel.\nWords a ten-year-old knows.\nUse the proper technical terms without a gloss." => ["clashing-demands"];
        no_jargon_and_technical: "Write the panel.\nNo jargon.\nUse the exact scientific terms." => ["clashing-demands"];
        explained_if_asked: "Write the panel.\nAssume that they know the terms.\nExplain each technical term if a visitor asks." => [];
        decimals_in_a_case: "Round to whole crowns.\nGive two decimals if the sum is below one crown." => [];
        a_header_is_no_comparison: "Keep the page.\nMake the page header." => [];
        technical: "Write the panel.\nUse the exact scientific terms.\nExplain each of them." => [];
        number_of_things: "Rewrite the card.\nKeep the number of rules at 14.\nUse at most ten rules." => ["clashing-demands"];
        number_of_things_that_fits: "Rewrite the card.\nKeep the number of rules at 8.\nUse at most ten rules." => [];
        spelling_ignored_and_counted: "Grade the essay.\nIgnore mistakes in spelling.\nTake off a point for each spelling mistake." => ["clashing-demands"];
        a_photograph_of_a_drawing: "Describe the picture for an artist.\nA gouache with three colours.\nIt should look like a real photo." => ["clashing-demands"];
        a_page_and_a_tool: "Write the guide with headings.\n\n# Tools\nA call looks like this:\n<find_boat>\n<pier>...</pier>\n</find_boat>" => [];
    }
}

mod twice {
    remarks! { Redundant:
        spelling: "Grade the essay.\nSpelling does not count.\nName the pier.\nIgnore mistakes in spelling." => ["said-before"];
        spelling_and_grammar: "Grade the essay.\nSpelling does not count.\nName the pier.\nMistakes in the facts count double." => [];
        reading_age: "Write the panel.\nWords a ten-year-old knows.\nName the pier.\nKeep the vocabulary at the level of a child of ten." => ["said-before"];
        decimals: "Report the readings.\nGive temperatures with one decimal.\nName the pier.\nTemperatures have a single decimal place." => ["said-before"];
        language: "Answer the mail.\nAnswer in the language of the mail.\nName the pier.\nReply in whatever language the guest writes." => ["said-before"];
    }
}

mod slots {
    remarks! { Slot:
        a_tool_by_its_tag: "Marina: {{marina}}\nBook the berth. When all is done, call <done> with a summary." => [];
        a_template_of_a_template: "Choose a desk from {desks}.\nReturn {{{{\"desk\": string}}}}.\nRequest: {{request}}" => [];
        holes_of_the_answer: "Write the title of a change.\n\n<type>(<place>): <what>\n\nChange:\n{{change}}" => [];
        the_answer_of_the_model: "When no tool is needed, write:\nThought: no tool\nHob: [your answer]" => [];
        a_name_to_fill_in: "Write to the guest.\nHob: [your name]" => ["left-over-slot"];
        two_ways: "Write to {{name}} about the boat on <travel day>." => ["mixed-slots"];
    }
}

mod open {
    remarks! { Vague:
        what_is_given_first: "Given a question and parts of long documents, write the answer." => [];
        something_else: "Update an entry when the note says more or something else." => [];
        or_something: "Add a picture of a boat or something." => ["unmeasured-wording"];
        what_is_given: "You are given the cards of several desks; name the desk for the request." => [];
        what_is_wanted: "Name several desks for the request." => ["unmeasured-wording"];
        helps_whom: "You may shorten the request if that helps the desk to answer it." => [];
        helps: "Shorten the request if that helps." => ["unmeasured-wording"];
    }
}

mod bans {
    remarks! { Phrasing:
        a_case_with_its_order: "If you cannot help, say so and name the office; don't preach." => [];
        a_case_alone: "Answer the guest. If you cannot help, don't preach." => ["bare-prohibition"];
        preaching: "Answer the guest. Don't preach." => ["bare-prohibition"];
        commands: "Rewrite the card.\nAvoid commands." => ["bare-prohibition"];
        commands_with_a_way: "Rewrite the card.\nAvoid commands; say what we do." => [];
    }
}

mod shown {
    remarks! { Example:
        speakers: "You are a controller.\nThe player flies.\nAnswer each call. No emoji.\n\nSAMPLE\nPlayer: Larkhaven Tower, request taxi.\nTower: Taxi to point two. 😊" => ["sample-breaks-rule"];
        speakers_the_other_way: "You are a controller.\nThe player flies.\nAnswer each call. No emoji.\n\nSAMPLE\nPlayer: Larkhaven Tower, request taxi. 😊\nTower: Taxi to point two." => [];
        fields_on_one_line: "Fill in the record.\ninstrument: one of piano, cello, flute\nlevel: 1 to 5\n\nSample:\nApplication: I play the guitar\nRecord: name: Ida / instrument: guitar / level: 3" => ["sample-breaks-rule"];
        spelt_numbers: "Write the log.\nNumbers of people as digits.\n\n**Sample row**\n| Pier | five | soup |" => ["sample-breaks-rule"];
        digits: "Write the log.\nNumbers of people as digits.\n\n**Sample row**\n| Pier | 5 | soup |" => [];
        closed_in_bold: "Write the questions.\n- Open questions only.\n\n## Sample\n**How did your first day go?**\n  - Who showed you round?\n**Did you like the pier?**" => ["sample-breaks-rule"];
        open_in_bold: "Write the questions.\n- Open questions only.\n\n## Sample\n**How did your first day go?**\n  - Who showed you round?\n**What did you like?**" => [];
    }
}

mod marks {
    remarks! { Markup:
        calls_in_tags: "## Calls\nWrite a call like this. Name the tool first.\n\n<tool_name>\n<argument>value</argument>\n<other>value</other>\n</tool_name>\n\n<find_boat>\n<pier>3</pier>\n<day>Monday</day>\n</find_boat>" => [];
        rules_in_tags: "# Task\nWrite a notice.\n\n<rules>\nName the pier.\nUse plain words.\n</rules>\n\n<form>\nReturn two bullets.\nReturn nothing else.\n</form>" => ["mixed-sections"];
    }
}

mod days {
    remarks! { Conflict:
        a_day_outside: "The caretaker works from Monday to Thursday.\nOffer a visit of the caretaker on Friday mornings." => ["clashing-hours"];
        a_day_inside: "The caretaker works from Monday to Thursday.\nOffer a visit of the caretaker on Wednesday." => [];
        another_person: "The caretaker works from Monday to Thursday.\nSend the list to the purser on Friday." => [];
        two_spans: "The caretaker works from Monday to Thursday.\nThe caretaker's helper works from Friday to Sunday.\nOffer a visit of the caretaker on Friday." => [];
        closed_days: "The desk is closed from Monday to Thursday.\nAsk the desk on Friday." => [];
    }
}

mod more_clashes {
    remarks! { Conflict:
        break_and_none: "Plan the evening.\n\nRules\n- A break of five minutes after the sixth song.\n- Name the pier.\n- No breaks." => ["order-against-ban"];
        break_and_no_boats: "Plan the evening.\n\nRules\n- A break of five minutes after the sixth song.\n- Name the pier.\n- No boats." => [];
        kept_and_cut: "Shorten the panel to 75 words.\n- Keep the names, the years and the quotation.\n- Cut the quotation." => ["order-against-ban"];
        kept_and_another_cut: "Shorten the panel to 75 words.\n- Keep the names, the years and the quotation.\n- Cut the footnotes." => [];
        texts_kept_and_friendlier: "Rework the function.\nKeep the behaviour, including the error texts.\nMake the error texts louder." => ["order-against-ban"];
        texts_kept_and_code_shorter: "Rework the function.\nKeep the behaviour, including the error texts.\nMake the function body shorter." => [];
        every_thing_and_ten: "Review the change.\nAt most ten remarks.\nList every single thing that you notice." => ["clashing-demands"];
        abbreviations: "Write the entry.\nWrite abbreviations out.\nUse the usual abbreviations for drugs." => ["clashing-demands"];
        headings_with_a_number: "Explain the lock.\nRunning text with three headings.\nName the pier.\nNo headings." => ["clashing-demands"];
        the_text_only_and_a_list: "Shorten the panel.\nReturn the new text only.\nThen list what you cut." => ["clashing-demands"];
        a_crate_and_none: "Rework the function.\nNo new dependencies.\nAdd the sluice crate for the tests." => ["clashing-demands"];
        guess_and_answer: "Answer from the rules.\nIf no rule applies, answer \"ask the desk\".\nName the pier.\nWhere no rule applies, use common sense." => ["clashing-demands"];
        undated: "Read the letters.\nIf there is no date, leave the field empty.\nLetters without a date get 0000-00-00." => ["clashing-demands"];
        sides: "Write the report.\nNeutral.\nName the pier.\nMake clear that the mayor is right." => ["clashing-demands"];
        no_question_and_one: "Write a headline.\n- No questions\n- Asks the reader something" => ["clashing-demands"];
    }
}

mod kinds_of_values {
    remarks! { Example:
        no_date: "Write the entry.\n\n# Entry\nAnimal: name, kind\nNext: date or \"none\"\n\n# Sample\nAnimal: Rolf, dog\nNext: soon" => ["sample-breaks-rule"];
        none: "Write the entry.\n\n# Entry\nAnimal: name, kind\nNext: date or \"none\"\n\n# Sample\nAnimal: Rolf, dog\nNext: none" => [];
        half_a_year: "Fill in the record.\n\n# Record\nname: as written\nyears: whole years of lessons\n\n# Sample\nname: Ida\nyears: 2.5" => ["sample-breaks-rule"];
        years: "Fill in the record.\n\n# Record\nname: as written\nyears: whole years of lessons\n\n# Sample\nname: Ida\nyears: 2" => [];
        classes_with_glosses: "Classify the call.\n\nCLASSES\nleak - water where none should be\nbill - money\n\nEXAMPLES\nCall: I paid twice\nclass: money" => ["sample-breaks-rule"];
        a_class_with_a_gloss: "Classify the call.\n\nCLASSES\nleak - water where none should be\nbill - money\n\nEXAMPLES\nCall: I paid twice\nclass: bill" => [];
        levels_of_each: "Review the change.\nEach remark has a level: blocker, should, could.\n\nExample:\n{\"file\": \"tide.rs\", \"level\": \"minor\"}" => ["sample-breaks-rule"];
    }
}

mod secrets {
    remarks! { Exposure:
        a_card: "Copy the guest's card number, 4929 0000 0000 6004, into the letter." => ["private-data"];
        four_years: "The cards of 1901 1902 1903 show boats." => [];
        a_password_for_something: "The admin password for the rules folder is tidepool-77." => ["credential"];
        a_password_that_is_asked_for: "Never ask a guest for the password of the folder." => [];
    }
}

mod two_things {
    remarks! { Redundant:
        the_work_and_its_rule: "Ask for the stops one after the other, then write the log.\n\nHow to ask\n- One question per message.\n- Name the pier." => [];
        one_rule_twice: "Write the log.\n\nHow to ask\n- One question per message.\n- Name the pier.\n- Ask one question at a time." => ["said-before"];
    }
}

mod a_share_of_it {
    remarks! { Conflict:
        one_sentence_of_it: "Write the notes.\nSummary: three sentences.\nKeep the summary under 60 words, one sentence of it on the place." => [];
        one_sentence: "Write the notes.\nThe summary has three sentences.\nThe summary has one sentence at most." => ["clashing-demands"];
    }
}

mod kept_as_they_are {
    remarks! { Conflict:
        terms_stay: "Enter the letter.\nLegal terms stay as they are in the letter.\nPut legal terms into plain words." => ["order-against-ban"];
        terms_stay_alone: "Enter the letter.\nLegal terms stay as they are in the letter.\nPut the date into the first field." => [];
        names_remain: "Edit the card.\nThe names remain unchanged.\nDelete the names." => ["order-against-ban"];
        a_boat_stays: "Plan the trip.\nThe boat stays in port.\nName the boat." => [];
        something_else: "Answer the visitor.\nIf the question is about something else, name the desk.\nIf the question is about something else, answer from what you know." => ["clashing-demands"];
        open_days: "The museum is open Tuesday to Sunday.\nRecommend a visit on Monday mornings." => ["clashing-hours"];
        open_days_kept: "The museum is open Tuesday to Sunday.\nRecommend a visit on Friday mornings." => [];
        headings_each: "Rework the release.\nFour paragraphs with a heading each.\nName the pier.\nNo headings." => ["clashing-demands"];
    }
}

mod labelled_values {
    remarks! { Example:
        a_date_in_words: "Enter the letter.\nreceived: date as YYYY-MM-DD\nabout: at most 12 words\n\n# Example\nsender: Brandt\nreceived: 4 May 2031" => ["sample-breaks-rule"];
        a_date_as_asked: "Enter the letter.\nreceived: date as YYYY-MM-DD\nabout: at most 12 words\n\n# Example\nsender: Brandt\nreceived: 2031-05-04" => [];
        neither_yes_nor_no: "Enter the letter.\nurgent: yes or no\nabout: at most 12 words\n\n# Example\nabout: a copy\nurgent: maybe" => ["sample-breaks-rule"];
    }
}

mod thanks {
    remarks! { Wordy:
        appreciated: "Edit the minutes.\nIt would be highly appreciated if you could please correct the spelling." => ["padding"];
        kindly: "Kindly name the pier." => ["padding"];
        speaking_kindly: "Speak kindly to guests." => [];
        whatsoever: "If there is no boat whatsoever, say so." => ["padding"];
    }
}
