//! Remarks that take a second look: sums, standing against one another in other words, samples against definitions.

#[macro_use]
mod common;

mod redundant {
    remarks! { Redundant:
        a_list_that_begins_with_nought: "Do this:\n0. Read the log of the pier.\n1. Write the notice.\n2. Thank the crew.\n\nThen this:\n0. Read the log of the pier." => ["said-before"];
        nought_twice_in_one_list: "0. Read the log of the pier.\n0. Read the log of the pier.\n1. Write the notice." => ["said-before"];
    }
}

mod conflict {
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
    remarks! { Example:
        label_not_among_those_named: "Classify each line as praise, complaint, wish or noise.\n\nExamples\n\"Lovely crew!\" -> praise\n\"Please sell tea\" -> suggestion" => ["sample-breaks-rule"];
        name_too_long: "Find names for the boat. The names have at most two words. Something like \"The Little Grey Gull\"." => ["sample-breaks-rule"];
        name_that_fits: "Find names for the boat. The names have at most two words. Something like \"Grey Gull\"." => [];
        too_short_by_far: "Write descriptions of the cabins.\nLength: 80-100 words.\n\nExample output:\nCabin 4 has a berth of oak and a round window. You sleep well." => ["sample-breaks-rule"];
        after_is_too_long: "Rewrite the notice.\nSentences have at most 14 words.\n\n### Example\nBefore:\nThe boat is late.\nAfter:\nOn Tuesday the harbour said that the boat to the outer island will be late by an hour and that guests may wait in the hall." => ["sample-breaks-rule"];
    }
}

mod phrasing {
    remarks! { Phrasing:
        no_apostrophe: "write the letter\ndont repeat the timetable" => ["bare-prohibition"];
        jargon: "Answer the guest. Don't use nautical jargon." => ["bare-prohibition"];
        must_not: "Answer the guest. You must not use long sentences." => ["bare-prohibition"];
        rather_not: "Find names. I'd rather not have anything French." => ["hedged-order"];
        reminder: "Plan the day. Don't forget the tea." => [];
        long_explanations: "Document the function. Avoid long explanations." => ["bare-prohibition"];
        guess: "Read the slip. Do not guess. If a field is absent, write null." => [];
    }
}

mod vague {
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

mod reading {
    // What stands between the lines of a prompt: titles, wraps, borders.
    remarks! { Vague:
        words_of_a_title: "Opening hours\nThe pier is open from 7 to 19.\nGood to know\nThe last boat leaves at 18." => [];
        notes_in_lower_case: "write the notice for the pier\nkeep it short\nname the boat" => ["unmeasured-wording"];
        purpose_of_a_rule: "Ask for both in one message so that the call is short." => [];
    }

    remarks! { Slot:
        titles_in_brackets: "Compare the two.\n\n[Question]\n{question}\n\n[Answer]\n{answer}" => [];
        brackets_over_text: "[Role]\nClerk of a ferry line.\n\n[Task]\nWrite the notice about {boat}." => [];
    }

    remarks! { Conflict:
        persona_called: "You are the assistant of the desk, called Mirabel.\nName the pier.\nMirabell: Good morning." => ["name-spelling"];
        three_of_a_kind: "Write 15 questions for the crew. Five of the twelve questions need a chart." => ["two-figures"];
        characters_and_words: "The text has at most 400 characters. The text has about 300 words." => ["clashing-demands"];
        characters_that_do: "The text has at most 4000 characters. The text has about 300 words." => [];
        only_the_text: "Return only the edited text. Explain each change below the text." => ["clashing-demands"];
        formal_alone: "Translate the letter.\nformal\nUse the informal \"du\" throughout." => ["clashing-demands"];
        best_of_many: "Give me 10 ideas for the party. Just give me your best 3." => ["clashing-demands"];
        songs_over_the_total: "Plan an evening of 30 minutes.\nOpening 5 minutes, six songs of 4 minutes, close 5 minutes." => ["sum-off"];
        minutes_of_each: "Every drill takes at most 30 minutes.\nDrill A: roll call 10 minutes, boats 10 minutes, talk 5 minutes." => [];
        minutes_beyond_all_measure: "Plan a tour of 45 minutes.\n- Pier: 4000000000 minutes\n- Deck: 4000000000 minutes\n- Bridge: 4000000000 minutes" => ["sum-off"];
        deductions: "Score the log from 0 to 100.\n- Late: minus 5 points\n- Torn: minus 10 points\n- Wet: minus 20 points" => [];
    }

    remarks! { Example:
        word_that_the_template_does_not_offer: "Read the table.\n\n# Deliver\n{\"row\": int, \"kind\": \"hard\"|\"soft\", \"note\": str}\n\n# Sample\n{\"row\": 20, \"kind\": \"mild\", \"note\": \"late\"}" => ["sample-breaks-rule"];
        word_that_it_offers: "Read the table.\n\n# Deliver\n{\"row\": int, \"kind\": \"hard\"|\"soft\", \"note\": str}\n\n# Sample\n{\"row\": 20, \"kind\": \"soft\", \"note\": \"late\"}" => [];
        before_and_after_in_one_line: "Rewrite the messages.\nMax 40 characters.\n\nExample:\nBefore: \"Error 7\" After: \"Something went wrong while we were saving your ticket to the disk.\"" => ["sample-breaks-rule"];
        arrow_behind_a_quotation: "Decide for the comment: publish, hold, delete.\n\nExamples\n\"Late again\" > publish\n\"Great boat\" > keep" => ["sample-breaks-rule"];
        absent_in_a_block: "Sum up the log.\n```\n08:10 late\nExample output: see attached\n```" => ["half-sample"];
    }

    remarks! { Exposure:
        he_with_an_account: "Sum up the file.\nHe was born on 4 February 1972 and his account is 5512-0081-34." => ["private-data"];
        number_behind_the_street: "Write to Tamsin Brook, Elm Row 9, about the fare." => ["private-data"];
        code_without_a_lock: "Give the code 4417 to the guest of the quiz." => [];
    }

    remarks! { Redundant:
        one_by_one: "Number the steps of the drill one by one. Every step of the drill gets its own number." => ["said-before"];
        turned_at_the_end: "Write in the active voice. Use active, not passive." => ["said-before"];
        limit_of_the_code: "Fewer than 30 lines. The code must stay below 30 lines." => ["said-before"];
    }

    remarks! { Phrasing:
        perhaps: "Name the fare. Perhaps mention the pier too." => ["hedged-order"];
        officialese: "Write the letter. Do not use officialese." => ["bare-prohibition"];
        sounding_like: "Write the text. Don't make it sound like a sermon." => ["bare-prohibition"];
    }

    remarks! { Wordy:
        greetings_as_a_thing: "Greetings such as \"dear crew\" are no names." => [];
        greetings: "Greetings! Write the notice." => ["padding"];
        star: "Write the notice. Thank you so so much, you're a star!" => ["padding"];
        kind_as_to: "Write the notice and please be so kind as to name the pier." => ["padding"];
    }
}
