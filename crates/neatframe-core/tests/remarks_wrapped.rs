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
