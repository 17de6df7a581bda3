//! Demands that prompts of all kinds make again in other words, and lines that only sound like an earlier one.

#[macro_use]
mod common;

mod in_other_words {
    remarks! { Redundant:
        material: "Read the log.\nExtract all relevant information from the log.\nUse plain words.\nDo not miss any relevant details." => ["said-before"];
        to_the_letter: "Edit the log.\nFollow the user's instructions exactly.\nUse plain words.\nDo exactly what the user asks." => ["said-before"];
        spelling: "Mark the essay.\nIgnore spelling mistakes.\nUse plain words.\nDo not penalize spelling errors." => ["said-before"];
        format: "Sort the slips.\nAdhere strictly to the specified format.\nUse plain words.\nYour answer must match the format shown below." => ["said-before"];
        fields: "Sort the slips.\nAll fields are required.\nUse plain words.\nDo not omit any field." => ["said-before"];
        doubles: "List the piers.\nDo not include duplicates.\nUse plain words.\nEach item must appear only once." => ["said-before"];
        names: "Read the log.\nUse the same names throughout.\nUse plain words.\nNames must be consistent across the text." => ["said-before"];
        tests_pass: "Change the script.\nAll tests must pass.\nUse plain words.\nDo not break any tests." => ["said-before"];
        deleting: "Run the desk.\nNever delete anything without the user's confirmation.\nUse plain words.\nGet the user's approval before you delete anything." => ["said-before"];
        claims: "Write the card.\nDo not make claims without citing a source.\nUse plain words.\nEvery claim must be backed by a reference." => ["said-before"];
        wordy: "Write the card.\nDo not be verbose.\nName the pier.\nKeep your answers short." => ["said-before"];
        other_fields: "Sort the slips.\nDo not omit the field pier.\nUse plain words.\nAll tests must pass." => [];
        other_material: "Read the log.\nExtract all names of piers.\nUse plain words.\nExtract all fares." => [];
        once_per_slip: "Read the slips.\nNever delete a slip.\nUse plain words.\nAsk the guest for confirmation before you book." => [];
    }
}

mod alike_only {
    remarks! { Redundant:
        options: "Tell whether the slips name the same pier.\nChoose one of the following options:\nA. The slips name the same pier.\nB. The slips name two piers." => [];
        step_of_an_ask: "You must decide whether the boat answered all open requests of the guest.\nFirst, read the log.\nSecond, for each request, determine whether it was answered by the boat." => [];
        warm_food: "You write for a shop.\nIt keeps food warm for six hours and it has two parts and costs 34 crowns and there are four colours and a child can open the lid, and we want this in the first sentence, and the text should have a headline and a closing line with the price.\nThe tone should be friendly." => [];
        behind_its_aim: "You are a clerk. Your task is to complete writing the notice from the notes.\nName the pier.\nTo complete the above writing tasks, please provide an outline first." => [];
        diff: "Change the log as asked.\nEnd the change with a mark, like this:\n--- a.log\n+++ a.log\n@@ end @@\nThen the next one:\n--- b.log\n+++ b.log\n@@ end @@" => [];
    }

    remarks! { Conflict:
        left_out_of_one: "Judge the talk.\nKeep withdrawn requests on the list, but exclude them from the verdict.\nReport each request on a line of its own." => [];
        left_out_at_all: "Judge the talk.\nName each withdrawn request.\nOmit withdrawn requests." => ["order-against-ban"];
        without_twice: "Write the card.\nWrite the text without footnotes.\nLeave out footnotes." => [];
        without_and_with: "Write the card.\nWrite the text without footnotes.\nUse footnotes." => ["clashing-demands"];
        off_the_table: "Draw the chart.\nOnly reference columns that exist in the log.\nOnly refuse if the request needs data that isn't in the table." => [];
        place_in_capitals: "Write the query.\nUse only the classes of the schema to build the TIDE query.\nDo not use any classes that are not given in the TIDE query." => [];
        two_caps: "Write the notice for the quay.\n- Use at most 120 words.\n- Name the pier.\n- The text must not exceed 90 words." => ["clashing-demands"];
        cap_and_aim: "Write the notice for the quay.\n- Try to stay under 90 words.\n- Name the pier.\n- The text must not exceed 120 words." => [];
        caps_of_two_parts: "# Short form\nUse at most 20 words.\n\n# Long form\nUse at most 120 words." => [];
        told_once: "Plan the day.\nThe plan must be comprehensive: explain everything in detail.\nBe concise.\nName the pier.\nKeep it brief." => ["clashing-demands"];
    }
}

mod fences {
    remarks! { Markup:
        closed_by_end: "Fix the script.\n```python\nprint(1)\n```end\nName the fault." => [];
        never_closed: "Fix the script.\n```python\nprint(1)\n\nName the fault." => ["open-fence"];
    }
}

mod rivals {
    remarks! { Conflict:
        competitors: "Write the page.\nNever mention competitors.\nCompare our line with two competing lines." => ["clashing-demands"];
        own_wording: "Edit the letter.\nDo not change the guest's wording.\nCorrect spelling and grammar in the guest's text." => ["clashing-demands"];
        as_if_now: "Write the report.\nWrite in the past tense.\nDescribe it all as if it were happening now." => ["clashing-demands"];
        probable_cause: "Write the report.\nDo not speculate about causes.\nSay what probably caused the delay." => ["clashing-demands"];
        grouped: "Sort the log.\nKeep the original order of the entries.\nGroup the entries by ship." => ["clashing-demands"];
        strings: "Read the log.\nReturn a list of strings.\nEach entry has a name and a price field." => ["clashing-demands"];
        contact: "Run the desk.\nAsk the guest for their phone number.\nNever collect personal data." => ["clashing-demands"];
        exclamation: "Write the card.\nUse at most one exclamation mark.\nEnd every sentence with an exclamation mark." => ["clashing-demands"];
        no_close: "Write the card.\nFinish without a closing line.\nEnd with \"Safe travels\"." => ["clashing-demands"];
        told_in_three: "Sort the faults.\nOne sentence per bullet.\nEach bullet explains the fault, its cause and the remedy in three sentences." => ["clashing-demands"];
        nobody_there: "Describe a picture of the quay.\nNo people in the picture.\nA girl in a red coat stands at the rail." => ["clashing-demands"];
        first_letters: "Find names for the boats.\nEvery name starts with a B.\nNames should start with different letters." => ["clashing-demands"];
        units_turned: "Write the card.\nUse metric units.\nConvert imperial units to metric." => [];
        one_girl: "Write a story about the quay.\nNo people may be hurt.\nA girl in a red coat stands at the rail." => [];
        grouped_alone: "Sort the log.\nGroup the entries by ship.\nKeep the names as they are." => [];
        fields_of_the_form: "Read the log.\nReturn a list of objects.\nEach entry has a name and a price field." => [];
    }

    remarks! { Redundant:
        consent: "Run the desk.\nNever cancel a trip without the guest's consent.\nUse plain words.\nAsk the guest before you cancel a trip." => ["said-before"];
        staff: "Write the card.\nDo not name staff members.\nUse plain words.\nNever mention employees by name." => ["said-before"];
        doubt: "Run the desk.\nIf something is unclear, ask back.\nUse plain words.\nWhen in doubt, ask the guest." => ["said-before"];
        no_advertising: "Write the card.\nNo advertising.\nUse plain words.\nAvoid promotional language." => ["said-before"];
        references: "Write the page.\nList the sources at the end.\nUse plain words.\nThe references come last." => ["said-before"];
        signed: "Write the mails.\nSign with \"The harbour team\".\nUse plain words.\nClose every mail with \"The harbour team\"." => ["said-before"];
    }
}

mod hedged {
    remarks! { Phrasing:
        behind_a_case: "Run the desk.\nIf the last slip shows a fault, you should try to mend it." => ["hedged-order"];
        should_consider: "Run the desk.\nYou should consider taking the other pier." => ["hedged-order"];
        as_a_question: "Could you please write a notice for the guests of the late ferry?\nName the pier." => ["hedged-order"];
        doubt_in_the_case: "Run the desk.\nIf the guest might be late, say so." => [];
        asked_by_a_guest: "Run the desk.\nGuest: could you please write it down?\nClerk: Done.\nGuest: could you write more?\nClerk: Here it is." => [];
    }

    remarks! { Wordy:
        brilliant: "You are a brilliant mathematician.\nAdd the fares up." => ["padding"];
        paramount: "Sort the slips.\nThe accuracy of your answer is paramount." => ["padding"];
    }
}

mod in_more_wordings {
    remarks! { Conflict:
        nobody_can_tell: "Write the letter.\nWrite it so that nobody can tell who complained.\nName the person who complained." => ["clashing-demands"];
        in_one_message: "Plan the trip.\nDo the whole thing in one message.\nSend the first part and wait for the next call." => ["clashing-demands"];
        agenda: "Write the minutes.\nTake the order of the agenda.\nSort the minutes by how important each point was." => ["clashing-demands"];
        let_them_pass: "Mark the essays.\nBe strict.\nLet nearly everybody pass." => ["clashing-demands"];
        equals: "Run the desk.\nFirst names only.\nUse titles and surnames." => ["clashing-demands"];
        members_first: "Run the desk.\nTreat all complaints alike.\nHandle complaints from members first." => ["clashing-demands"];
        one_test_file: "Write tests for the code.\nAll tests go into one file.\nWrite a test file for each module." => ["clashing-demands"];
        trade: "Write the page.\nDon't use any jargon.\nUse the terms of the trade, as an engineer would." => ["clashing-demands"];
        dear_hotel: "Plan the trip.\nKeep the trip cheap.\nName what the five-star hotel costs." => [];
        two_first: "Write the page.\nList the risks first.\nBegin with the benefits." => ["place-of-part"];
        nothing_about: "Write the card.\nWrite nothing about prices.\nMention the price." => ["order-against-ban"];
        nothing_about_others: "Write the card.\nWrite nothing about prices.\nMention the pier." => [];
        changes_at_once: "Mend the script.\nAsk before you change a file.\nApply all changes right away." => ["clashing-demands"];
        key: "Write a quiz.\nThe answer key goes at the end.\nPrint the right answer right below each question." => ["clashing-demands"];
        said_in_a_row: "Write the card.\nKeep it brief.\nKeep it brief.\nKeep it brief.\nExplain everything in detail." => ["clashing-demands"];
    }
}
