//! Values in samples and slots: scales of fields, dates written out, languages as labels, dummy values, inputs that nothing
//! speaks of again, logins.

#[macro_use]
mod common;

mod samples {
    remarks! { Example:
        beyond_the_scale_of_its_field: "Match the boats.\n\nReturn JSON only:\n{\"boat\": \"\", \"score\": 0}\n\nNotes:\n- score is a whole number from 1 to 5.\n\nExample:\nguest: \"We are two.\"\n{\"boat\": \"Merle\", \"score\": 7}" => ["sample-breaks-rule"];
        within_the_scale_of_its_field: "Match the boats.\n\nReturn JSON only:\n{\"boat\": \"\", \"score\": 0}\n\nNotes:\n- score is a whole number from 1 to 5.\n\nExample:\nguest: \"We are two.\"\n{\"boat\": \"Merle\", \"score\": 4}" => [];
        a_date_in_figures: "Answer from the records.\nDates follow the form 4 March 2031.\n\n# Example\nQuestion: When did the pier close?\nAnswer: It closed on 2031-03-04." => ["sample-breaks-rule"];
        a_date_written_out: "Answer from the records.\nDates follow the form 4 March 2031.\n\n# Example\nQuestion: When did the pier close?\nAnswer: It closed on 9 May 2031." => [];
        a_translation_too_long: "Translate the signs.\nSentences have at most 9 words.\n\nSample\nDE: Der Steg ist heute leider gesperrt.\nEN: The pier, which you see on your left, is closed for the whole of today." => ["sample-breaks-rule"];
        a_translation_that_fits: "Translate the signs.\nSentences have at most 9 words.\n\nSample\nDE: Der Steg, den Sie hier links sehen, ist heute leider gesperrt.\nEN: The pier is closed today." => [];
        an_input_before_the_live_one: "Sort each slip into one box: fare, boat, other.\n\nExamples:\nSlip: My card was charged twice this month.\nBox: fare\n\nSlip: The engine beeps three times and then dies.\nBox: boat\n\nSlip: I cannot find the bench that stood on deck.\n\nSlip: {{slip}}" => ["half-sample"];
        a_table_with_an_odd_label: "Check the claim line by line.\nFor each line decide: accept, cut, or query.\n\n## Format\nA table: line, paid, decision.\n\n## Example\n| 1 | 95.00 | cut |\n| 2 | 28.00 | rejected |" => ["sample-breaks-rule"];
        a_table_with_a_head: "Check the claim line by line.\nFor each line decide: accept, cut, or query.\n\n## Format\nA table: line, paid, decision.\n\n## Example\n| line | paid | decision |\n|---|---|---|\n| 1 | 95.00 | cut |\n| 2 | 28.00 | query |" => [];
    }
}

mod slots {
    remarks! { Slot:
        crosses_for_a_link: "Write texts for my soaps.\n\nshop link: xxxxx" => ["left-over-slot"];
        question_marks_for_a_sum: "Plan the trip.\n\nBudget: ???" => ["left-over-slot"];
        to_be_decided: "Plan the trip.\n\nPier: tbd" => ["left-over-slot"];
        an_order_to_a_person: "Write the speech.\n\nStories: [ADD 2-3 STORIES HERE]" => ["left-over-slot"];
        a_mark_that_is_written: "Copy the log for {{office}}.\nA word that you cannot read becomes [illegible]." => [];
        never_spoken_of: "Match the boats.\n\nData you get:\n{boats} – list with name and seats\n{guests} – text from the web form\n{earlier} – former bookings\n\nRead the text of the guests. Drop every boat with too few seats." => ["unused-input"];
        spoken_of_by_what_they_hold: "Match the boats.\n\nData you get:\n{boats} – list with name and seats\n{guests} – text from the web form\n{earlier} – former bookings\n\nRead the text of the guests. Drop every boat with too few seats, and those of former bookings." => [];
    }
}

mod logins {
    remarks! { Exposure:
        a_pair_behind_log_in: "Check the fares. For the admin page log in with mira / gull2quay! and look there." => ["credential"];
        a_pass_word: "Check the fares. user mira, pass: gull2quay!" => ["credential"];
        how_to_log_in: "Tell guests to log in with their card / phone." => [];
    }
}

mod steps {
    remarks! { Steps:
        a_point_that_was_never_made: "Write the texts first and then do what I said in point 4." => ["lost-reference"];
        a_point_on_the_list: "1. Name the pier.\n2. Name the boat.\n\nThen do what I said in point 2." => [];
    }
}
