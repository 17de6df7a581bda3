//! Samples right behind the rule that they break, and what else one look tells.

#[macro_use]
mod common;

mod samples {
    remarks! { Example:
        answer_one_word_nexample: "You write notices for the ferry line.\n\nAnswer with one word.\n\nExample:\nInput: The boat was late again.\nOutput: A negative review\n" => ["sample-breaks-rule"];
        label_review_as_positive: "You write notices for the ferry line.\n\nLabel each review as positive or negative.\n\nReview: Lovely trip.\nLabel: good\n" => ["sample-breaks-rule"];
        all_keys_are_snake: "You write notices for the ferry line.\n\nAll keys are in snake_case.\n\nExample:\n{\"pierName\": \"north\"}\n" => ["sample-breaks-rule"];
        fares_are_numbers_nexample: "You write notices for the ferry line.\n\nFares are numbers.\n\nExample:\n{\"fare\": \"four euros\"}\n" => ["sample-breaks-rule"];
        write_title_lower_case: "You write notices for the ferry line.\n\nWrite the title in lower case.\n\nExample title: Closed Pier\n" => ["sample-breaks-rule"];
        end_question_nexample_pier: "You write notices for the ferry line.\n\nEnd with a question.\n\nExample: \"The pier is closed today.\"\n" => ["sample-breaks-rule"];
        give_three_tags_nexample: "You write notices for the ferry line.\n\nGive three tags.\n\nExample: ferry, pier\n" => ["sample-breaks-rule"];
        use_at_most_two: "You write notices for the ferry line.\n\nUse at most two sentences.\n\nExample: \"The pier is closed. The boat leaves from the other one. Tickets stay valid.\"\n" => ["sample-breaks-rule"];
        sort_names_by_alphabet: "You write notices for the ferry line.\n\nSort the names by the alphabet.\n\nExample: Tern, Gull, Auk\n" => ["sample-breaks-rule"];
        separate_names_semicolons_nexample: "You write notices for the ferry line.\n\nSeparate the names with semicolons.\n\nExample: Tern, Gull, Auk\n" => ["sample-breaks-rule"];
        put_fare_brackets_nexample: "You write notices for the ferry line.\n\nPut the fare in brackets.\n\nExample: Tern 4 euros\n" => ["sample-breaks-rule"];
        do_not_name_guest: "You write notices for the ferry line.\n\nDo not name the guest.\n\nExample: \"Dear Mrs Hale, the pier is closed.\"\n" => ["sample-breaks-rule"];
        begin_answer_answer_nexample: "You write notices for the ferry line.\n\nBegin each answer with \"Answer:\".\n\nExample:\nQ: When does it open?\nA: At eight.\n" => ["sample-breaks-rule"];
        no_abbreviations_nexample_boat: "You write notices for the ferry line.\n\nNo abbreviations.\n\nExample: \"The boat leaves at approx. 8, incl. bikes.\"\n" => ["sample-breaks-rule"];
        output_see_file: "You write notices for the ferry line.\n\nExample output: see the file.\n" => ["half-sample"];
        write_name_boat_capitals: "You write notices for the ferry line.\n\nWrite the name of the boat in capitals.\n\nExample: \"The Tern leaves at eight.\"\n" => ["sample-breaks-rule"];
        use_formal_language_nexample: "You write notices for the ferry line.\n\nUse formal language.\n\nExample: \"Hey guys, boat's gonna be late!\"\n" => ["sample-breaks-rule"];
        return_json_array_nexample: "You write notices for the ferry line.\n\nReturn a JSON array.\n\nExample:\n{\"pier\": \"north\"}\n" => ["sample-breaks-rule"];
        return_csv_columns_name: "You write notices for the ferry line.\n\nReturn CSV with the columns name,date,fare.\n\nExample:\nTern,4\n" => ["sample-breaks-rule"];
        ids_look_like_lf: "You write notices for the ferry line.\n\nIds look like LF-0000.\n\nExample: The ticket LF-12 is lost.\n" => ["sample-breaks-rule"];
        use_celsius_nexample_it: "You write notices for the ferry line.\n\nUse Celsius.\n\nExample: It is 64 °F at the pier.\n" => ["sample-breaks-rule"];
        no_commas_nexample_pier: "You write notices for the ferry line.\n\nNo commas.\n\nExample: \"Pier closed, boat late.\"\n" => ["sample-breaks-rule"];
        keep_subject_line_under: "You write notices for the ferry line.\n\nKeep the subject line under 30 characters.\n\nExample subject: The north pier is closed from Monday until further notice\n" => ["sample-breaks-rule"];
        answer_yes_or_no: "You write notices for the ferry line.\n\nAnswer yes or no.\n\nExample:\nQ: Is it open?\nA: Maybe.\n" => ["sample-breaks-rule"];
        label_mail_as_spam: "You write notices for the ferry line.\n\nLabel each mail as spam or ham.\n\nExample:\nMail: You won a boat!\nLabel: junk\n" => ["sample-breaks-rule"];
        give_answer_one_sentence: "You write notices for the ferry line.\n\nGive the answer in one sentence.\n\nExample:\nQ: When does the pier open?\nA: It opens at eight. On Sundays it opens at nine. It closes at dusk.\n" => ["sample-breaks-rule"];
        reply_capital_letters_nexample: "You write notices for the ferry line.\n\nReply in capital letters.\n\nExample: \"The pier is closed.\"\n" => ["sample-breaks-rule"];
        leave_out_prices_nexample: "You write notices for the ferry line.\n\nLeave out prices.\n\nExample: \"The trip to the island costs 12 euros.\"\n" => ["sample-breaks-rule"];
        give_exactly_three_bullets: "You write notices for the ferry line.\n\nGive exactly three bullets.\n\nExample:\n- pier open\n- boat late\n" => ["sample-breaks-rule"];
        use_no_contractions_nexample: "You write notices for the ferry line.\n\nUse no contractions.\n\nExample: \"It's late and we can't sail.\"\n" => ["sample-breaks-rule"];
        output_valid_json_nexample: "You write notices for the ferry line.\n\nOutput valid JSON.\n\nExample:\n{boat: Tern, time: 8}\n" => ["sample-breaks-rule"];
        tag_single_word_nexample: "You write notices for the ferry line.\n\nEach tag is a single word.\n\nExample tags: late boat, pier\n" => ["sample-breaks-rule"];
        do_not_use_bold: "You write notices for the ferry line.\n\nDo not use bold.\n\nExample: \"The **Tern** is late.\"\n" => ["sample-breaks-rule"];
        give_weekday_date_nexample: "You write notices for the ferry line.\n\nGive the weekday with each date.\n\nExample: The pier closes on 3 May.\n" => ["sample-breaks-rule"];
    }

    remarks! { Example:
        keeps_give_three_tags: "You write notices for the ferry line.\n\nGive three tags.\n\nExample: ferry, pier, fog\n" => [];
        keeps_answer_one_word: "You write notices for the ferry line.\n\nAnswer with one word.\n\nExample:\nInput: The boat was late again.\nOutput: Negative\n" => [];
        keeps_all_keys_are: "You write notices for the ferry line.\n\nAll keys are in snake_case.\n\nExample:\n{\"pier_name\": \"north\"}\n" => [];
        keeps_use_at_most: "You write notices for the ferry line.\n\nUse at most two sentences.\n\nExample: \"The pier is closed. The boat leaves from the other one.\"\n" => [];
        keeps_label_review_as: "You write notices for the ferry line.\n\nLabel each review as positive or negative.\n\nReview: Lovely trip.\nLabel: positive\n" => [];
        keeps_put_fare_brackets: "You write notices for the ferry line.\n\nPut the fare in brackets.\n\nExample: Tern (4 euros)\n" => [];
        keeps_return_json_array: "You write notices for the ferry line.\n\nReturn a JSON array.\n\nExample:\n[{\"pier\": \"north\"}]\n" => [];
        keeps_return_csv_columns: "You write notices for the ferry line.\n\nReturn CSV with the columns name,date,fare.\n\nExample:\nTern,3 May,4\n" => [];
        keeps_output_valid_json: "You write notices for the ferry line.\n\nOutput valid JSON.\n\nExample:\n{\"boat\": \"Tern\", \"time\": 8}\n" => [];
        keeps_give_exactly_three: "You write notices for the ferry line.\n\nGive exactly three bullets.\n\nExample:\n- pier open\n- boat late\n- bar shut\n" => [];
        keeps_tag_single_word: "You write notices for the ferry line.\n\nEach tag is a single word.\n\nExample tags: boat, pier\n" => [];
        keeps_never_use_capitals: "You write notices for the ferry line.\n\nNever use capitals in tags.\n\nBad example: \"Ferry\"\n" => [];
        keeps_use_formal_language: "You write notices for the ferry line.\n\nUse formal language.\n\nGuest: hey, is the boat late?\nYou: Good morning. It leaves on time.\n" => [];
    }
}

mod steps {
    remarks! { Steps:
        step_one_read_log: "You write notices for the ferry line.\n\nStep one: read the log.\nStep two: list the faults.\nStep four: name the boat.\n" => ["step-numbers"];
        read_log_list_faults: "You write notices for the ferry line.\n\nRead the log and list the faults, with the categories defined below.\n" => ["lost-reference"];
        read_log_list_faults_2: "You write notices for the ferry line.\n\nRead the log and list the faults. Apply the criteria listed above.\n" => ["lost-reference"];
        step_read_log_nstep: "You write notices for the ferry line.\n\nStep 1: read the log.\nStep 2: list the faults.\n3) name the boats.\n" => ["step-numbers"];
        part_read_log_npart: "You write notices for the ferry line.\n\nPart A: read the log.\nPart B: list the faults.\nPart D: name the boats.\n" => ["step-numbers"];
        use_list_boats_below: "You write notices for the ferry line.\n\nUse the list of boats below to name the boats. Then sort the faults by date.\n" => ["lost-reference"];
    }
    remarks! { Steps:
        fine_step_one_read: "You write notices for the ferry line.\n\nStep one: read the log.\nStep two: list the faults.\nStep three: name the boat.\n" => [];
        fine_part_read_log: "You write notices for the ferry line.\n\nPart A: read the log.\nPart B: list the faults.\nPart C: name the boats.\n" => [];
        fine_use_criteria_listed: "You write notices for the ferry line.\n\nUse the criteria listed below.\n\n- speed\n- price\n" => [];
        fine_apply_categories_below: "You write notices for the ferry line.\n\nApply the categories below.\n\n## Categories\nfault, loss\n" => [];
    }
}

mod wording {
    remarks! { Vague:
        decide_what_best: "You run the desk of the ferry line.\n\n- Decide what is best.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        make_ending_strong: "You run the desk of the ferry line.\n\n- Make the ending strong.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        pick_top_candidates: "You run the desk of the ferry line.\n\n- Pick the top candidates.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        remove_unnecessary_parts: "You run the desk of the ferry line.\n\n- Remove unnecessary parts.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        keep_list_manageable: "You run the desk of the ferry line.\n\n- Keep the list manageable.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        intro_should_hook_reader: "You run the desk of the ferry line.\n\n- The intro should hook the reader.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        go_deep_into_subject: "You run the desk of the ferry line.\n\n- Go deep into the subject.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        write_longish_answer: "You run the desk of the ferry line.\n\n- Write a longish answer.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
        keep_number_steps_low: "You run the desk of the ferry line.\n\n- Keep the number of steps low.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["unmeasured-wording"];
    }

    remarks! { Phrasing:
        could_you_add_fares: "You run the desk of the ferry line.\n\n- Could you add the fares?\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["hedged-order"];
        why_don_t_you: "You run the desk of the ferry line.\n\n- Why don't you add a table?\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["hedged-order"];
        i_d_love_see: "You run the desk of the ferry line.\n\n- I'd love to see the fares in a table.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["hedged-order"];
        shouldn_t_be_written: "You run the desk of the ferry line.\n\n- Shouldn't be written like a lawyer's letter.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["bare-prohibition"];
        under_no_circumstances_use: "You run the desk of the ferry line.\n\n- Under no circumstances use slang.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["bare-prohibition"];
        do_not_write_capital: "You run the desk of the ferry line.\n\n- Do not write in capital letters.\n- Keep the date of the last change at the top.\n- Name the pier in the first line.\n" => ["bare-prohibition"];
    }
}

mod exposure {
    remarks! { Exposure:
        pupil_ben_kowalski_class: "You write notices for the ferry line.\n\nThe pupil Ben Kowalski (class 4b) has dyslexia.\n" => ["private-data"];
    }
}
