//! Vague words that something near pins down, and the same words where nothing does.

#[macro_use]
mod common;

mod vague {
    remarks! { Vague:
        a_value_of_a_list: "Rate each pier as one of good, fair, poor." => [];
        the_word_by_itself: "Write a good notice." => ["unmeasured-wording"];
        as_few_as_the_work_needs: "Change as few lines as the repair needs." => [];
        as_few_as_possible: "Change as few lines as possible." => [];
        a_definition: "A good crossing takes under 40 minutes and has calm water." => [];
        a_definition_of_nothing: "Describe a good crossing for guests of the late boat." => ["unmeasured-wording"];
        a_tone_beside_a_plain_one: "Write the notice for the quay.\n- Friendly and plain; first names are fine." => [];
        a_tone_alone: "Write the notice for the quay.\n- Friendly and modern." => ["unmeasured-wording"];
        nice_beside_plain: "Write the notice for the quay.\n- Plain but nice language." => ["unmeasured-wording"];
        within_a_slot: "Write one line.\nReason: {your short reasoning}" => [];
        a_compound: "Answer as a well-informed clerk would." => [];
        said_of_a_question: "Never begin by saying that a question was great; begin with the fare." => [];
        a_persona_of_many_words: "You are the kindest, most gifted clerk of the line. Name the pier." => [];
        an_option: "If you want to add a pier, name its boat." => [];
        an_option_left_open: "Add a picture if you want." => ["unmeasured-wording"];
        style_that_is_bad: "Take off a point for bad style." => ["unmeasured-wording"];
    }
}

mod slot {
    remarks! { Slot:
        names_of_fields: "- boat_name: its name, in capitals\n- boat_about: one sentence\nWrite each boat as (<boat_name> / <boat_about>).\nText: {{text}}" => [];
        borders: "Judge the answer.\n[BEGIN DATA]\n{answer}\n[END DATA]" => [];
        a_tag_that_is_spoken_of: "Read the log in <log> and sum it up.\n<log>\n{{log}}\n</log>" => [];
        placeholders_of_the_strings: "Translate the strings. Keep placeholders such as %s and {minutes}.\n{{strings}}" => [];
        two_syntaxes: "Write to {{name}} about the boat on [travel day]." => ["mixed-slots"];
    }
}

mod conflict {
    remarks! { Conflict:
        told_and_not_mentioned: "Answer the guest.\nDon't mention the lift.\nTell every guest that the lift is out of order." => ["order-against-ban"];
        told_of_something_else: "Answer the guest.\nDon't mention the lift.\nTell every guest that the bar is closed." => [];
        one_for_each_of_many: "Plan the talk.\nAt most 8 slides.\nIt needs one slide for each of the 11 piers." => ["clashing-demands"];
        one_for_each_of_few: "Plan the talk.\nAt most 8 slides.\nIt needs one slide for each of the 6 piers." => [];
        each_in_its_own_sentence: "Answer in at most two sentences.\nGive the fare, the pier and the hour, each in a sentence of its own." => ["clashing-demands"];
        each_in_its_own_of_three: "Answer in at most three sentences.\nGive the fare, the pier and the hour, each in a sentence of its own." => [];
        texts_of_two_places: "Write two texts.\nThe quay text has at most 300 characters.\nThe web text has 120 words." => [];
        long_sentences_of_few_words: "Write the notice.\nSentences have at most 12 words.\nSpeak in long, flowing sentences." => ["clashing-demands"];
        daily_and_some_days: "Plan the watch.\nThree sessions a week.\nTrain every day." => ["clashing-demands"];
        asking_first_and_not_asking: "Never sell a ticket before the guest has agreed to it.\nSell each ticket without asking." => ["clashing-demands"];
        a_permission_is_no_order: "If the wish is unclear, ask.\nYou can add a line to the log without asking." => [];
        two_openings: "Report the delays.\n- Start with the longest delay.\n- Begin with a short paragraph on the weather." => ["place-of-part"];
        an_opening_of_each_line: "Report the delays.\n- Start with the longest delay.\n- Begin each line with the pier." => [];
        without_saying: "It goes without saying that we like an early boat.\nList each boat." => [];
    }
}

mod example {
    remarks! { Example:
        a_label_that_is_not_listed: "Sort each slip into one of the topics.\n\nTopics:\n- boats\n- piers\n\nExamples:\n\"the Merle was late\" -> boats\n\"my rent rose\" -> rents" => ["sample-breaks-rule"];
        a_label_that_is_listed: "Sort each slip into one of the topics.\n\nTopics:\n- boats\n- piers\n\nExamples:\n\"the Merle was late\" -> boats\n\"no light at night\" -> piers" => [];
        beyond_the_range: "Grade the answer.\nReturn a JSON object with marks and reason: `{\"marks\": 0-3, \"why\": \"...\"}`.\n\nExample:\nAnswer: two boats\nReply: {\"marks\": 4, \"why\": \"all named\"}" => ["sample-breaks-rule"];
        within_the_range: "Grade the answer.\nReturn a JSON object with marks and reason: `{\"marks\": 0-3, \"why\": \"...\"}`.\n\nExample:\nAnswer: two boats\nReply: {\"marks\": 3, \"why\": \"all named\"}" => [];
        a_choice_in_brackets: "For each fault give `item`, `grade` (low, mid, high).\n\nExample:\nReport: the lamp is out\nReply: {\"item\": \"lamp\", \"grade\": \"severe\"}" => ["sample-breaks-rule"];
    }
}
