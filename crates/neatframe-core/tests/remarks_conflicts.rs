//! Demands that cannot both hold, and pairs that only look like it.

#[macro_use]
mod common;

mod lengths {
    remarks! { Conflict:
        more_than_the_limit: "Write a notice.\nUse at most 60 words.\nName the pier.\nThe notice has at least 90 words." => ["clashing-demands"];
        limits_that_overlap: "Write a notice.\nUse at most 60 words.\nName the pier.\nThe notice has at least 40 words." => [];
        a_paragraph_and_every_paragraph: "Write a report.\n- A paragraph has at most three sentences.\n- Name the pier.\n- Every paragraph runs to five sentences." => ["clashing-demands"];
        a_part_and_the_whole: "Write a report of 300 words. The title has at most 8 words." => [];
        sentences_and_long_sentences: "Write a notice with sentences of at most 12 words. Name the pier. Write long, winding sentences." => ["clashing-demands"];
        two_counts_of_options: "Give at least five options. Name the pier of each. Give no more than three options." => ["clashing-demands"];
        count_of_options_and_sentences: "Give five options with two sentences each." => [];
        every_finding_and_a_few: "Read the log of the boat. Report at most four findings. Quote the line. List every finding you have." => ["clashing-demands"];
        every_finding_and_many: "Read the log of the boat. Report at most forty findings. Quote the line. List every finding you have." => [];
        all_of_another_kind: "Read the log. Report at most four findings. Name all the reasons for each." => [];
        spoken_and_too_short: "Write a two-minute speech for the launch. Thank the crew. The speech has at most 80 words." => ["clashing-demands"];
        spoken_and_fitting: "Write a two-minute speech for the launch. Thank the crew. The speech has at most 280 words." => [];
        spoken_and_too_long: "Write a one-minute talk for the launch. Thank the crew. Write at least 500 words." => ["clashing-demands"];
        minutes_of_waiting: "Wait two minutes before you ask again. The notice has at most 80 words." => [];
        one_sentence_and_three_paragraphs: "Answer in one sentence. Name the pier. Write three paragraphs." => ["clashing-demands"];
        unless_asked: "Keep it under 60 words unless the guest asks for the whole timetable. The timetable has 300 words." => [];
        brief_and_exhaustive: "Keep the answer brief. Name the pier. Explain everything in full detail." => ["clashing-demands"];
    }
}

mod manners {
    remarks! { Conflict:
        two_languages: "Answer the guest.\n- Answer in English.\n- Name the pier.\n- Always reply in German." => ["clashing-demands"];
        the_guests_language_and_one: "Answer the guest.\n- Answer in the language of the question.\n- Name the pier.\n- Always reply in Danish." => ["clashing-demands"];
        a_language_that_is_spoken_of: "Answer the guest in English. Menus in Danish are on the quay." => [];
        the_query_alone_and_an_explanation: "Turn the question into SQL.\n- The query alone, in a code block.\n- Use the tables below.\n- After the query, explain in two sentences how it works." => ["clashing-demands"];
        the_query_alone: "Turn the question into SQL.\n- The query alone, in a code block.\n- Use the tables below." => [];
        nothing_else_but_preceded: "Write the test.\n- A code block, preceded by two sentences.\n- Use the standard library.\n- Return the code block and nothing else." => ["clashing-demands"];
        one_at_a_time_and_together: "Book the table.\n- Ask one question at a time.\n- Name the boat.\n- Ask for the name, the day and the number of guests together." => ["clashing-demands"];
        together_without_a_rule: "Book the table. Ask for the name, the day and the number of guests together." => [];
        no_lists_and_one_question: "Short sentences, no lists, one question at a time. Ask for the day first." => [];
        all_ten_questions_first: "Quiz the crew, one question after the other. Wait for the answer. Put all ten questions in your first message." => ["clashing-demands"];
        own_words_and_word_for_word: "Sum up the mail. Use your own words. Name the boat. Quote the complaint word for word throughout." => ["clashing-demands"];
        drawn_and_photographed: "Describe a picture of the quay.\n- A linocut in two colours.\n- Low sun.\n- Photographic realism, as if shot on film." => ["clashing-demands"];
        drawn_alone: "Describe a picture of the quay.\n- A linocut in two colours.\n- Low sun." => [];
        not_photographic: "Describe a picture of the quay.\n- A linocut in two colours, never photographic.\n- Low sun." => [];
        sorted_and_at_random: "Make ten riddles. Order them from easy to hard. Name the pier. Mix easy and hard riddles at random." => ["clashing-demands"];
        sorted_only: "Make ten riddles. Order them from easy to hard. Mix the colours of the cards." => [];
        once_and_each_time: "List the promises. A promise made twice is listed once. Name the mail. List promises each time they occur." => ["clashing-demands"];
        headings_and_none: "Review the chapter. Three headings: Works, Fails, Next. Quote a line. Write it as one flowing text without headings." => ["clashing-demands"];
        emoji_and_none: "Write the post. Use two emoji. Name the pier. No emoji." => ["clashing-demands"];
        formal_here_casual_there: "Formal to guests, casual to the crew. Name the pier." => [];
        you_and_the_third_person: "Write the rules. Speak to the reader as \"you\". Name the pier. Write in the third person." => ["clashing-demands"];
        a_table_that_is_looked_up: "Look the code up in the table and name the remedy. No tables in the answer." => [];
        a_table_and_none: "Present the result as a table. Name the pier. No tables." => ["clashing-demands"];
        guessing_and_never: "Fill in the slip. If a value is missing, make a guess. Name the pier. Never guess." => ["clashing-demands"];
    }
}

mod sums_and_scales {
    remarks! { Conflict:
        two_budgets: "Plan a trip to the islands.\nBudget: 600 euros for all of us.\nOne museum.\nThe whole trip may cost 450 euros at most." => ["two-figures"];
        a_budget_and_its_shares: "Plan a trip to the islands.\nBudget: 600 euros for all of us.\nThe ferry may cost 90 euros a day." => [];
        one_budget_said_twice: "Plan a trip.\nBudget: 600 euros.\nThe whole trip costs 600 euros at most." => [];
        other_currencies: "Plan a trip.\nBudget: 600 euros.\nThe whole trip costs 700 dollars at most." => [];
        points_that_do_not_add_up: "Grade the report.\n- Hypothesis: 4 points\n- Method: 6 points\n- Results: 6 points\n- Discussion: 6 points\nThe report is marked out of 20." => ["sum-off"];
        points_that_add_up: "Grade the report.\n- Hypothesis: 4 points\n- Method: 6 points\n- Results: 6 points\n- Discussion: 4 points\nThe report is marked out of 20." => [];
        minutes_that_do_not_add_up: "Plan the tour of 60 minutes.\n- Welcome: 10 minutes\n- Engine room: 30 minutes\n- Bridge: 30 minutes" => ["sum-off"];
        two_scales: "Rate the notice from 1 to 5. Name the pier. Give a rating from 0 to 10." => ["off-scale"];
        one_scale: "Rate the notice from 1 to 5. A rating of 4 is fit to print." => [];
        beyond_the_scale: "Score the notice from 1 to 5. Name the pier. A score of 9 or more is fit to print." => ["off-scale"];
        a_choice_ruled_out: "Compare the two answers.\n<verdict>A, B or TIE</verdict>\nA tie is not allowed." => ["clashing-demands"];
        a_choice_that_is_limited: "Compare the two answers.\n<verdict>A, B or TIE</verdict>\nA tie is allowed only where both are false." => [];
        a_choice_spoken_of: "Compare the two answers.\n<verdict>A, B or TIE</verdict>\nTies are rare." => [];
        two_forms_of_money: "Write the offer. Prices are given as \"12.90 €\". Name the pier. Prices are given as \"€12.90\"." => ["clashing-demands"];
        one_form_of_money: "Write the offer. Prices are given as \"12.90 €\". The day ticket is \"9.00 €\"." => [];
    }
}

mod orders {
    remarks! { Conflict:
        steel_before_wood: "Plan the sets.\n- Order the groups so that steel is done before wood.\n- Name the stage.\n- Wood comes first, and steel after it." => ["order-of-work"];
        steel_before_wood_twice: "Plan the sets.\n- Order the groups so that steel is done before wood.\n- Name the stage.\n- Wood comes after steel." => [];
        a_time_of_day: "Send the list before noon. Noon comes before the tide." => [];
        steps_and_a_sentence: "1. Write the notice.\n2. Check the sailing times.\n\nCheck the sailing times before you write the notice." => ["order-of-work"];
        kept_and_rewritten: "Improve the letter.\n- Leave the second paragraph as it is; a friend wrote it.\n- Name the pier.\n- Rewrite all paragraphs in a bolder voice." => ["order-against-ban"];
        kept_and_others_rewritten: "Improve the letter.\n- Leave the second paragraph as it is.\n- Rewrite the first paragraph." => [];
        never_and_always: "Answer the guest. Never name a price. Name the price in every answer." => ["order-against-ban"];
        only_these_tables: "Write the query.\n- Use only the tables above.\n- Name the pier.\n- No tables other than these may appear." => [];
        told_never_and_sometimes: "Never name a price unless the guest asks. Name the price when the guest asks." => [];
        ask_first_and_at_once: "Ask the guest for the boat before you answer. Name the pier. Answer at once, without asking anything." => ["clashing-demands"];
        first_here_last_there: "Begin with the summary. Name the pier. The summary stands at the very end." => ["place-of-part"];
        two_openings: "Begin the mail with \"Ahoy\". Name the pier. Begin the mail with \"Dear guest\"." => ["clashing-demands"];
        two_endings: "End with the line \"To the sea!\" Name the pier. Close with \"Fair winds\"." => ["clashing-demands"];
        two_names: "You are Petra, the clerk of the quay.\nAnswer the guest in one line.\nSign every answer as Petrah." => ["name-spelling"];
        an_hour_inside: "The desk is open from 8:00 to 18:00. Name the pier. Tell guests to call the desk at 17:30." => [];
    }
}
