//! Rules that the template of the answer breaks, counts against lists, scales against names, signs and samples within rules.

#[macro_use]
mod common;

mod templates {
    remarks! { Conflict:
        bullets_ruled_out: "Write the notice as running text without bullets.\n\nForm of the answer:\n- **Delay:** ...\n- **Pier:** ..." => ["clashing-demands"];
        bullets_wanted: "Write the notice in bullets.\n\nForm of the answer:\n- **Delay:** ...\n- **Pier:** ..." => [];
        fewer_bullets: "Write the notice.\nGive at most three bullets.\n\nForm:\n- delay\n- pier\n- cause\n- remedy" => ["clashing-demands"];
        as_many_bullets: "Write the notice.\nGive at most three bullets.\n\nForm:\n- delay\n- pier\n- cause" => [];
        no_headings: "Write the notice.\nUse no headings.\n\nOutput:\n## Delays\n...\n## Causes\n..." => ["clashing-demands"];
        no_markdown: "Write the notice.\nPlain text only, no Markdown.\n\nForm:\n- **Delay:** ...\n- **Pier:** ..." => ["clashing-demands"];
        rows_and_a_record: "Read the log.\nReturn the delays as CSV.\n\nOutput format:\n{\"boat\": \"...\", \"pier\": \"...\"}" => ["clashing-demands"];
        a_record: "Read the log.\nReturn the delays as JSON.\n\nOutput format:\n{\"boat\": \"...\", \"pier\": \"...\"}" => [];
        other_keys: "Read the log.\nReturn JSON with the keys boat, pier and minutes.\n\nOutput format:\n{\"boat\": \"...\", \"quay\": \"...\", \"minutes\": 0}" => ["clashing-demands"];
        more_keys: "Read the log.\nReturn JSON with the keys boat and pier.\n\nOutput format:\n{\"boat\": \"...\", \"pier\": \"...\", \"minutes\": 0}" => ["clashing-demands"];
        the_same_keys: "Read the log.\nReturn JSON with the keys boat and pier.\n\nOutput format:\n{\"boat\": \"...\", \"pier\": \"...\"}" => [];
        keys_within: "Read the log.\nReturn JSON with the keys boat and delays.\n\nOutput format:\n{\"boat\": \"...\", \"delays\": [{\"pier\": \"...\", \"minutes\": 0}]}" => [];
        other_columns: "Read the log.\nThe table has the columns boat, pier and minutes.\n\n| boat | pier | cause |\n|---|---|---|\n| ... | ... | ... |" => ["clashing-demands"];
        one_sentence: "Read the log.\nAnswer in one sentence.\n\nForm:\nDelay: ...\nCause: ...\nRemedy: ..." => ["clashing-demands"];
        opens_otherwise: "Read the log.\nBegin with the pier.\n\nForm:\nBoat: ...\nPier: ...\nDelay: ..." => ["clashing-demands"];
        opens_so: "Read the log.\nBegin with the boat.\n\nForm:\nBoat: ...\nPier: ...\nDelay: ..." => [];
        ends_otherwise: "Read the log.\nEnd with the pier.\n\nForm:\nPier: ...\nBoat: ...\nDelay: ..." => ["clashing-demands"];
        loud_labels: "Read the log.\nWrite everything in lower case.\n\nForm:\nBOAT: ...\nPIER: ..." => ["clashing-demands"];
        lines_past_the_whole: "Read the log.\nAt most 50 words in all.\n\nForm:\nDelays: 40 words\nCauses: 40 words\nRemedies: 40 words" => ["clashing-demands"];
        lines_within_the_whole: "Read the log.\nAt most 130 words in all.\n\nForm:\nDelays: 40 words\nCauses: 40 words\nRemedies: 40 words" => [];
    }
}

mod counted {
    remarks! { Conflict:
        bullets_above_four: "Write the notice.\nGive exactly three bullets:\n- the delay\n- the pier\n- the cause\n- the remedy" => ["clashing-demands"];
        bullets_above_three: "Write the notice.\nGive exactly three bullets:\n- the delay\n- the pier\n- the cause" => [];
        at_least: "Write the notice.\nGive at least three bullets:\n- the delay\n- the pier\n- the cause\n- the remedy" => [];
        sections: "Write the notice.\nThe notice has three sections.\n\n1. Delays\n2. Causes\n3. Remedies\n4. Contact" => ["clashing-demands"];
        steps: "Work in two steps.\nStep 1: Read the log.\nStep 2: List the delays.\nStep 3: Write the notice." => ["clashing-demands"];
        on_one_line: "Write the notice.\nThe table has four columns: boat, pier, minutes." => ["clashing-demands"];
        on_one_line_right: "Write the notice.\nThe table has three columns: boat, pier, minutes." => [];
        labels: "Sort the slips.\nUse one of these four labels: FOG, ENGINE, CREW." => ["clashing-demands"];
        beside_it: "Write the book.\n- Name the pier.\n- Each chapter has three sections.\n- A section has no more than two pages.\n- No maps." => [];
        lists_apart: "Answer with an object of two fields:\n* `action`, one of the actions below\n* `args`, a map\n\n* `read` - reads a file\n* `write` - writes a file\n* `run` - runs a command" => [];
        second_paragraph: "Write one paragraph.\nPut the causes in a second paragraph." => ["clashing-demands"];
    }
}

mod levels {
    remarks! { Conflict:
        numbers_and_names: "List the actions.\nUse the priorities High, Medium and Low.\nName the pier.\nGive every action a priority from 1 to 5." => ["clashing-demands"];
        of_two_things: "List the actions.\nUse the priorities High, Medium and Low.\nName the pier.\nGive every action a difficulty from 1 to 5." => [];
        named_numbers: "List the actions.\nGive every action a priority from 1 (low) to 5 (high).\nName the pier.\nThe priority goes from 1 to 5." => [];
        beyond: "Rate each delay from 1 to 5.\nName the pier.\nA delay of an hour is a 6." => ["off-scale"];
        another_label: "Sort each delay into FOG, ENGINE or CREW.\nName the pier.\nIf the pier was blocked, use PIER." => ["clashing-demands"];
        its_label: "Sort each delay into FOG, ENGINE or CREW.\nName the pier.\nIf nobody came, use CREW." => [];
        a_form: "Sort each delay into FOG, ENGINE or CREW.\nName the pier.\nIf asked, use JSON." => [];
        some_of_all: "Read the log.\nList every delay.\nName the pier.\nList at most three delays." => ["clashing-demands"];
        many_of_all: "Read the log.\nList every delay.\nName the pier.\nList at least three delays." => [];
        a_sign: "Write the notice.\nNo emojis.\nPut a ⚓ in front of each boat." => ["clashing-demands"];
        a_sign_denied: "Write the notice.\nNo emojis.\nPut no ⚓ in front of a boat." => [];
    }
}

mod within_a_rule {
    remarks! { Example:
        clock: "Write the notice.\nTimes on the 24-hour clock, as in 3:15 pm." => ["sample-breaks-rule"];
        clock_kept: "Write the notice.\nTimes on the 24-hour clock, as in 15:15." => [];
        currency: "Write the notice.\nFares in euros, for example $4.50." => ["sample-breaks-rule"];
        currency_kept: "Write the notice.\nFares in euros, for example €4.50." => [];
        denied: "Write the notice.\nFares in euros, never in dollars like $4.50." => [];
    }
}

mod by_name_and_by_deed {
    remarks! { Conflict:
        mocks: "Write the tests.\nNo mocks.\nName the pier.\nMock the database." => ["clashing-demands"];
        another_deed: "Write the tests.\nNo mocks.\nName the pier.\nStart the database." => [];
        comments: "Write the script.\nNo comments in the code.\nName the pier.\nAdd comments where necessary." => ["clashing-demands"];
        comments_denied: "Write the script.\nNo comments in the code.\nName the pier.\nDo not add comments to the tests." => [];
        within_a_part: "Write the ticket.\nThe summary is one sentence.\nName the pier.\nExplain in the summary, in three sentences, what happened." => ["clashing-demands"];
        within_another_part: "Write the ticket.\nThe summary is one sentence.\nName the pier.\nExplain in the note, in three sentences, what happened." => [];
        below_their_name: "Write the notice: an intro, three sections and a closing line. Sections:\n- Delays\n- Causes\n- Remedies\n- Contact" => ["clashing-demands"];
        a_level_that_is_none: "Write the ticket.\n\nSeverity levels:\nA - danger to life\nB - damage\nC - nuisance\n\nRules:\n- Name the pier.\n- Severity D is for slips with no pier." => ["clashing-demands"];
        a_level_of_them: "Write the ticket.\n\nSeverity levels:\nA - danger to life\nB - damage\nC - nuisance\n\nRules:\n- Name the pier.\n- Severity C is for slips with no pier." => [];
    }
}

mod lost {
    remarks! { Steps:
        titled_steps: "Talk to the guest.\nFollow the steps in \"Crisis protocol\"." => ["lost-reference"];
        titled_steps_there: "Talk to the guest.\nFollow the steps in \"Crisis protocol\".\n\n# Crisis protocol\nStay calm." => [];
    }
}

mod wording {
    remarks! { Vague:
        something_sensible: "Talk to the guest.\nIf the boat is late, do something sensible." => ["unmeasured-wording"];
    }
}

mod padding {
    remarks! { Wordy:
        listen_as_a_deed: "Listen, ask back, and name the pier." => [];
        listen_as_a_call: "Listen, I need the name of the pier." => ["padding"];
    }
}
