//! Demands in their wrapping: what asks for a deed or a thing, what rules it out, and what only sounds as if it did.

#[macro_use]
mod common;

mod deeds {
    remarks! { Conflict:
        refrained: "Write the card.\nName the captain.\nUse plain words.\nRefrain from naming the captain." => ["order-against-ban"];
        not_wanted: "Write the card.\nAlways name the captain.\nI don't want you to name the captain." => ["order-against-ban"];
        no_need: "Write the card.\nMake sure to name the captain.\nThere is no need to name the captain." => ["order-against-ban"];
        forbidden: "Write the card.\nMake sure you name the captain.\nUse plain words.\nNaming the captain is forbidden." => ["order-against-ban"];
        reminded: "Write the card.\nDon't forget to name the captain.\nUnder no circumstances name the captain." => ["order-against-ban"];
        never_failing: "Write the card.\nNever fail to ask for the code.\nYou must not ask for the code." => ["order-against-ban"];
        no_apology: "Write the card.\nDo not apologise.\nDon't forget to say sorry." => ["clashing-demands"];
        both_reminders: "Write the card.\nName the captain.\nNever fail to name the captain." => [];
        two_bans: "Write the card.\nDo not name the captain; say that the desk knows.\nRefrain from naming the captain." => [];
        other_things: "Write the card.\nName the captain.\nRefrain from naming the boat." => [];
        jokes_as_a_name: "Write the card.\nJokes are forbidden.\nRefrain from jokes." => [];
        at_the_start: "Run the desk.\nAsk one question at a time.\nWhen you start, send the guest the full list of questions." => ["clashing-demands"];
        within_a_border: "Write the card.\nUse only fares from the table.\nDo not name fares that are not in the table." => [];
        sentences_of_length: "Write the card.\nSentences should be under 20 words.\nNo sentence may have 20 or more words." => [];
        pointed_out: "Read the essay.\nPoint out every mistake in one sentence.\nDo not comment on mistakes." => ["order-against-ban"];
        mistakes_of_a_kind: "Read the essay.\nPoint out every mistake in spelling.\nDo not comment on mistakes in grammar." => [];
        discounts: "Run the desk.\nNever give discounts.\nOffer a 10 % discount to guests who book early." => ["order-against-ban"];
        one_thing_a_message: "Run the desk.\nAsk for the date and the pier, one thing per message.\nAsk for all the details in your first reply." => ["clashing-demands"];
        words_each: "Write texts for the boats.\nMax 60 words each.\nFor every boat write a text of at least 90 words." => ["clashing-demands"];
        words_of_a_part: "Write texts for the boats.\nAt least 60 words each.\nEach title has at most 8 words." => [];
        borders_of_a_label: "Sort the slips into LATE and OTHER.\nUse LATE only when more than 10 minutes are stated.\nWhen 8 minutes or more are stated, use LATE." => ["clashing-demands"];
        borders_of_two_labels: "Sort the slips into LATE and LONG.\nUse LONG only when more than 10 minutes are stated.\nWhen 8 minutes or more are stated, use LATE." => [];
        dates_by_name: "Read the slip.\nThe field start is a date as YYYY-MM-DD.\nEvery date is written as day.month.year." => ["clashing-demands"];
        star_alone: "Answer with SQL.\nWrite one SELECT statement.\nNever use SELECT *." => [];
        one_table: "List the fares.\nPut the result in a table.\nThe results should be presented as a table." => [];
    }

    remarks! { Redundant:
        reminded_again: "Write the card.\nName the captain.\nUse plain words.\nDon't forget to name the captain." => ["said-before"];
        ruled_out_again: "Write the card.\nNever promise a refund; say that the office decides.\nUse plain words.\nRefrain from promising refunds." => ["said-before"];
        no_repeat_of_what_it_clashes_with: "Sort the card.\nRank the fares from high to low.\nUse plain words.\nList the fares in alphabetical order." => [];
        reminder_against_a_ban: "Write the card.\nDo not apologise.\nUse plain words.\nDon't forget to say sorry." => [];
    }
}

mod things {
    remarks! { Conflict:
        required: "Write the card.\nHashtags are required.\nWrite without hashtags." => ["order-against-ban"];
        in_it: "Write the card.\nI want footnotes in it.\nFootnotes should be avoided." => ["order-against-ban"];
        there_are_none: "Write the card.\nThe card needs hashtags.\nUse hashtags.\nThere must be no hashtags." => ["order-against-ban"];
        two_letters: "Write the letter.\nThe letter has no date.\nPut the date of the trip into the text." => [];
        two_places: "Write the letter.\nKeep hashtags out of the summary.\nUse hashtags in the subject line." => [];
        all_gone: "Write the card.\nKeep technical terms out of the card.\nAvoid technical terms." => [];
    }

    remarks! { Redundant:
        banned_again: "Write the card.\nNo hashtags.\nUse plain words.\nHashtags are forbidden." => ["said-before"];
        asked_again: "Write the card.\nUse hashtags.\nName the pier.\nHashtags are required." => ["said-before"];
    }
}

mod lines_of_code {
    remarks! { Redundant:
        other_signs: "Write the diff.\nMark every line that goes with `-`.\nName the file.\nMark every line that comes with `+`." => [];
        comments: "Read the code.\n// Return the fares as a list\nlet fares = [];\n// Return the fares as a list\nlet boats = [];\nName the pier." => [];
        drawn: "Draw the calls.\nM->>D: return fares\nName the pier.\nD->>M: return fares" => [];
        typed: "The record has:\n- fare (integer)\n- pier (string)\nA trip has:\n- fare (integer)\n- boat (string)" => [];
        wrong_and_right: "Write the row.\nBoat row: `boat, pier, hour`\nName the pier.\n- Wrong: `boat, pier`\n- Correct: `boat, pier, hour`" => [];
    }
}

mod politeness {
    remarks! { Wordy:
        greeting_in_a_letter: "Mask the names in the letter.\nLetter:\nHello Odil Marsh, I am Petra. Your fare of 9 crowns is due. Task: mask the names." => [];
        aim_before_a_gerund: "Search the log with the goal of finding closed piers." => ["padding"];
        half_a_chat_line: "Write the toast. It has to last ten minutes because my uncle's did too. thanks a million you're a lifesaver!!!" => ["padding", "padding"];
    }
}

mod samples {
    remarks! { Example:
        decimals: "Set a sum.\nNumbers: decimal point, as in 3,5." => ["sample-breaks-rule"];
        thousands: "Set a sum.\nNumbers: decimal point, as in 1,000." => [];
        medicine: "Answer the guest.\nNever name a medicine.\n\nExample\nGuest: hi\nClerk: Good day, Ms Odil Marsh, which pier?" => [];
        form_with_a_label: "Sort each slip.\nLabels: LATE, LOST, OTHER\nAnswer in the form: id;label\n\nExamples\n\"an hour late\" -> s1;LATE\n\"no seat\" -> s2;FULL" => ["sample-breaks-rule"];
        star: "Answer with SQL.\nNever use SELECT *.\n\nExample\nQuestion: which boats?\nQuery: SELECT * FROM boats;" => ["sample-breaks-rule"];
    }
}

mod forms {
    remarks! { Conflict:
        two_of_data: "List the fares.\nRespond with YAML.\nThe output must be a CSV file." => ["clashing-demands"];
        a_table_and_html: "List the fares.\nYour reply is a Markdown table.\nFormat the answer as HTML." => ["clashing-demands"];
        bullets_and_prose: "List the fares.\nUse a bulleted list for the answer.\nThe reply should be running prose." => ["clashing-demands"];
        under_a_label: "List the fares.\nOutput format: XML\nReturn the result as JSON." => ["clashing-demands"];
        a_choice: "List the fares.\nReturn JSON or CSV.\nThe output must be JSON." => [];
        one_behind_the_other: "List the fares.\nFirst return a table.\nThen return JSON." => [];
        of_two_things: "List the fares.\nReturn the answer as a table.\nWrite the title as plain prose." => [];
        in_a_case: "List the fares.\nReturn JSON.\nIf there are no fares, respond with plain paragraphs." => [];
        ruled_out: "List the fares.\nReturn JSON.\nDo not return a table." => [];
    }

    remarks! { Redundant:
        one_form_twice: "List the fares.\nRespond with a bulleted list.\nName the pier.\nThe output must be a bullet list." => ["said-before"];
    }
}

mod limits {
    remarks! { Conflict:
        label_of_a_length: "Write the notice.\nMaximum length of the notice: 90 words.\nMinimum length of the notice: 40 words." => [];
        least_past_most: "Write the notice.\nMaximum length of the notice: 40 words.\nMinimum length of the notice: 90 words." => ["clashing-demands"];
        for_the_title: "Write the notice.\nThe notice has at least 80 words.\nNo more than 8 words for the title." => [];
        in_the_title: "Write the notice.\nUse up to 8 words for the title.\nNever write fewer than 12 words in the title." => ["clashing-demands"];
    }
}
