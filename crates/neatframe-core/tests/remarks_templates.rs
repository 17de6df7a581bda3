//! Prompts that a program fills in: samples between rows of signs, lines that steer, names of tools, lists of what to look at. Each
//! silent case stands beside one that is near to it and is told.

#[macro_use]
mod common;

mod doubles {
    remarks! { Redundant:
        samples_up_to_a_row: "Plan the calls.\n----\nHere are some examples:\n\nUser query: free a berth\nPlan: 1. GET /piers to find the pier\n2. DELETE /berths to free it\nUser query: name a boat\nPlan: 1. GET /piers to find the pier\n2. GET /boats to name it\n----\n\nUser query: {query}\nPlan:" => [];
        rules_above_a_row: "Plan the calls.\n\n- Name the pier in each call.\n- Use no verb twice.\n- You must name the pier in each call.\n----\n\nUser query: {query}\nPlan:" => ["said-before"];
        the_ask_as_a_duty: "You are tasked with deciding on the safety of a pier that a private guest uses.\n\nGiven the name of a pier, you must determine whether it is safe for private guests to use.\n\n{{pier}}" => ["said-before"];
        another_duty: "You are tasked with deciding on the safety of a pier that a private guest uses.\n\nGiven the name of a pier, you must name the boats that lie there at noon.\n\n{{pier}}" => [];
        given_and_asked_again: "Given a slip, extract the boat and the pier as JSON:\n- boat: its name\n- pier: its number\n\nYou must extract the boat and the pier from the slip.\n\nSlip: {slip}\n" => ["said-before"];
        lines_of_code: "Explain what the code does.\n\n// Match against the label and the value\nx = 1\n// Match against the label and the value (case-insensitive)\nboats += [('Merle', 'green')] * 1\nboats += [('Merle', 'red')] * 1\n" => [];
        one_aim_under_two_names: "Your task is to deliver a sound verdict on the claim.\n\n- Name the clause.\n- Give the sum in crowns.\n\n{{claim}}\n\nYour goal is to deliver a verdict that each side can accept." => ["said-before"];
        two_aims: "Your task is to deliver a sound verdict on the claim.\n\n- Name the clause.\n- Give the sum in crowns.\n\n{{claim}}\n\nYour goal is to spare the desk a second letter." => [];
        the_ask_handed_over: "Which of the log files named below would you open to answer the guest's question?\n\n{{files}}\n\nNow it's your turn to pick the log files to answer the guest's question.\n\n{{question}}" => ["said-before"];
        exchanges_of_many_lines: "Say where the boat lies.\n\nQ: The Merle lies at pier one.\nFirst, the Merle and the Oriole swap piers. Where does it lie?\nA: At pier two.\n\nQ: The Oriole lies at pier two.\nFirst, the Oriole and the Merle swap piers. Where does it lie?\nA: At pier one.\n\nQ: {question}\nA:" => [];
        parts_with_a_name_in_common: "Answer in these lines.\n\nBoat Note: What the boat does, plain text, one line.\nPier Note: What the pier does, plain text, one line.\n\n{{log}}" => [];
        one_limit_under_two_names: "Answer the guest.\n\nLength: at most 80 words in all.\n\nTone: calm.\n\nSize: stay within 80 words in all.\n\n{{mail}}" => ["said-before"];
        one_order_with_a_word_between: "Extract the named fares of each log.\n\n- Use one line for a fare.\n- Make sure to extract all fares of the log.\n\n{{log}}" => ["said-before"];
        one_order_of_two_things: "Extract the fares of each log.\n\n- Use one line for a fare.\n- Extract the hours of each log.\n\n{{log}}" => [];
        the_goal_at_the_end: "Given a log, your task is to determine if the log names a closed pier.\n\n- Use one line for a pier.\n- You should try your best to determine if the log names a closed pier by the list above.\n\n{{log}}" => ["said-before"];
        steps_of_a_chain: "Write the report with these calls.\n\n- Call the Opening tool → Create the opening of the report\n- Call the Closing tool → Create the closing of the report\n\n{{log}}" => [];
        what_each_part_has: "Write the notices.\n\nFor the pier:\n- Use ## for the title\n- No list of sources\n\nFor the boat:\n- Use ## for the title\n- No list of sources\n\n{{log}}" => [];
        what_each_entry_has: "Shorten the log.\n\n1. Shorten the lines of the guests. Make it shorter, not different.\n2. Shorten the lines of the crew. Make it shorter, not different.\n\n{{log}}" => [];
        verdicts_of_samples: "Write what the guest asks.\n\n- CORRECT: \"The guest asks for a berth on the ferry\"\n- WRONG: \"The guest asks for a berth on the ferry or so\"\n\n{{mail}}" => [];
        two_records: "Describe each type.\n\n1. The slip has:\n   - \"type\": \"object\"\n2. The pier has:\n   - \"type\": \"object\"\n\n{{log}}" => [];
    }
}

mod words {
    remarks! { Vague:
        what_is_to_be_written_there: "Give each step in tags.\n\n<why>...why the call is appropriate now...</why>\n\n{{log}}" => [];
        the_same_in_an_order: "Give each step.\n\nUse an appropriate call.\n\n{{log}}" => ["unmeasured-wording"];
        a_value_by_name: "Sort the rules.\n\n- Mark the rule as applicable only if the guest named a pier.\n\n{{rules}}" => [];
        if_at_all: "Sort the rules.\n\n- Add notes as appropriate.\n\n{{rules}}" => ["unmeasured-wording"];
        what_may_be: "Read the slips.\n\n- The names of the slips may be long.\n- Facts could be scattered across several slips.\n- The guest may provide some of the answers in the first line.\n\n{{slips}}" => [];
        what_has_to_be: "Read the slips.\n\n- Write several lines on each.\n\n{{slips}}" => ["unmeasured-wording"];
        a_ban_on_more: "Read the slips.\n\n- Do not write prose or additional fields.\n- Each line is clear without additional notes of the crew.\n- You cannot add multiple keys at once.\n\n{{slips}}" => [];
        a_level_told_in_two_sentences: "Grade the slip from 4 to 5.\n\n4: The slip names the boat. It is well organized and helpful.\n5: The slip names all. It is engaging, concise and well written.\n\n{{slip}}" => [];
        the_same_of_an_answer: "Answer the slip.\n\nThe answer is engaging, concise and well written.\n\n{{slip}}" => ["unmeasured-wording"];
        what_a_tool_is_for: "Plan the day with the list tool.\n\n- This tool is very helpful for days with many boats.\n- Name each boat once.\n\n{{log}}" => [];
        what_is_given: "Answer the guest.\n\nYou will be provided with a detailed log of the day and the question.\n\n{{log}}" => [];
        what_may_hold_several: "Read the logs.\n\n- Each log may be set another way and hold notes on several different boats.\n\n{{logs}}" => [];
        as_well_as_it_goes: "Read the logs.\n\n- Answer as helpfully and clearly as possible.\n\n{{logs}}" => ["unmeasured-wording"];
        after_i_e: "Write the call.\n\nGive each value in the right form, i.e., names in quotes, numbers without quotes, etc.\n\n{{logs}}" => [];
        after_nothing: "Write the call.\n\nGive names, hours, piers, etc.\n\n{{logs}}" => ["unmeasured-wording"];
        a_ranking: "Sort the piers.\n\n- Put them in order of most appropriate to least appropriate for the tide in the log.\n\n{{logs}}" => [];
        as_far_as_it_goes: "Sort the piers.\n\n- Make the groups as diverse as possible.\n- Pick the best way.\n- Briefly explain each group.\n\n{{logs}}" => ["unmeasured-wording", "unmeasured-wording", "unmeasured-wording"];
        naturally: "Sort the logs.\n\n- Place the hours naturally within the lines.\n\n{{logs}}" => ["unmeasured-wording"];
        by_nature: "Sort the logs.\n\n- Leave out what the tide naturally brings.\n\n{{logs}}" => [];
        a_ban_that_is_emphasised: "Sort the logs.\n\n- Do *NOT* add any additional text.\n\n{{logs}}" => [];
        a_deed_and_its_follower: "Sort the logs.\n\n- Read the tide first, then adjust the hours accordingly.\n\n{{logs}}" => [];
        how_a_deed_is_done: "Sort the logs.\n\n- Creatively combine the lines of each boat.\n\n{{logs}}" => ["unmeasured-wording"];
        the_most_suitable: "Sort the logs.\n\n- Choose the most suitable tool first.\n\n{{logs}}" => ["unmeasured-wording"];
        so_be: "Read the logs.\n\nThere is little room on the board, so be concise.\n\n{{logs}}" => ["unmeasured-wording"];
        what_words_do_not_say: "Read the logs.\n\n- Name the boats strategically.\n- Use the most suitable pier.\n- Write clean, efficient code.\n- Name multiple boats.\n- Think deeply about the tide.\n\n{{logs}}" => ["unmeasured-wording", "unmeasured-wording", "unmeasured-wording", "unmeasured-wording", "unmeasured-wording"];
        what_words_do_say: "Read the logs.\n\n- Name the boats by pier.\n- Use the pier with the most berths.\n- Name three boats.\n- If applicable, name the tide.\n\n{{logs}}" => [];
    }
}

mod clashes {
    remarks! { Conflict:
        the_record_and_its_text: "Copy the notice.\n\nFormat everything as Markdown.\nReturn an object with the key \"notice\".\n\nNo Markdown, no code fence, only raw JSON.\n\n{{notice}}" => [];
        the_answer_itself: "Copy the notice.\n\nFormat everything as Markdown.\nNo Markdown in the answer.\n\n{{notice}}" => ["clashing-demands"];
        what_the_list_holds: "Write the query.\n\nUse only the boats and piers in the log.\nDo not use any boats and piers that are not in the log.\n\n{{log}}" => [];
        a_word_of_a_name: "Write the query.\n\n- Use only names of the `TIDE Table` rows.\n- Do not use any names beyond the `TIDE Table`.\n\n{{log}}" => [];
        what_is_set_aside: "Sort the slips.\n\nBe concise. Take the usual fare rather than asking the guest for every detail.\n\n{{slips}}" => [];
        a_case_outside_the_list: "Sort the slips.\n\n- Use only labels from the list.\n- If a boat is not in the list, write NONE.\n\n{{slips}}" => [];
        a_date_that_is_shown: "Read the log.\n\n- Write dates as YYYY-MM-DD.\n- Use a late date as `until` only when the log says so (for example, \"until March 4, 2031\").\n\n{{log}}" => [];
        a_date_that_is_a_form: "Read the log.\n\n- Write dates as YYYY-MM-DD.\n- Dates follow the form March 4, 2031.\n\n{{log}}" => ["clashing-demands"];
        what_happens_to_facts: "Sum up the log.\n\nUse only facts that are stated in the log.\nNever use verbs such as \"stated\" or \"noted\".\n\n{{log}}" => [];
    }
}

mod bans {
    remarks! { Phrasing:
        with_a_reason: "Answer the guest.\n\n- Never use phrases like \"how may I help?\", they put guests off.\n\n{{mail}}" => [];
        with_a_way: "Read the log.\n\n- Avoid vague words and focus on figures.\n\n{{log}}" => [];
        with_neither: "Read the log.\n\n- Avoid vague words.\n\n{{log}}" => ["bare-prohibition"];
        a_case_that_is_told: "Rate the hit.\n\nIf the query is a phrase, the hit, while not being centered around it, counts as 2.\n\n{{hit}}" => [];
        what_may_have_happened: "Write the query.\n\n- Give the words of the guest, possibly REWORDED.\n\n{{mail}}" => [];
        what_is_seen: "Answer the guest.\n\nIf you can see that the guest has paid, name the pier.\n\n{{mail}}" => [];
        what_is_wished: "Answer the guest.\n\nIf you could name the pier, that would be great.\n\n{{mail}}" => ["hedged-order"];
        advised: "Judge the reply.\n\nIt is strongly recommended that you name the pier.\n\n{{reply}}" => ["hedged-order"];
        nothing_is_mocked: "Write tests for the code.\n\nDo not mock anything and do not change the function.\n\n{{code}}" => [];
        things_that_would_be_good: "Judge the reply.\n\nName the facts that would be good to include in it.\n\n{{reply}}" => [];
    }
}

mod marks {
    remarks! { Markup:
        a_slot_below_its_label: "Rewrite the notice.\n\n#Given Notice#:\n<NOTICE>\n#New Notice#:\n" => [];
        a_tag_that_is_named: "Call the tool.\n\nEach call must start with <function= and end with </function>\n- Name the pier in each call.\n\n{{log}}" => [];
        a_fence_that_is_named: "Write the code.\n\nWhen you are done, give the code in a\n```python code block.\n\nName each pier.\n\n{{log}}" => [];
        a_tag_without_an_end: "Rewrite the notice.\n\n<notice>\n{{notice}}\n\nName the pier.\n" => ["open-tag"];
    }
}

mod slots {
    remarks! { Slot:
        marks_of_the_answer: "Answer the question.\n\n{question}\n\nGive the answer between [ANSWER] and [/ANSWER].\n" => [];
        labels_in_brackets: "Judge the answer.\n\n[QUESTION]: {question}\n[GIVEN ANSWER]: {answer}\n\nDoes the [GIVEN ANSWER] name the pier?\n" => [];
        a_sum: "Mend the fault called {title}.\n\nThe reward for it is ${price}.\n" => [];
        any_of_several: "Use the search_[engine] tools on {topic}. Name the pier.\n" => [];
        two_ways: "Answer {question} for [guest name]. Name the pier.\n" => ["mixed-slots"];
        a_list_of_work: "Read {specs} and write a TODO list with one line for each pier.\n" => [];
        a_note_left_in: "Read {specs}.\n\nTODO: add the piers.\n" => ["left-over-slot"];
        a_line_for_a_shell: "Write the code for {task}.\n\nA tool that is not there is fetched by this line:\n!fetch <tool name>\n\nName the pier.\n" => [];
        a_form_between_fences: "Read {log}. Name the pier. Send it between ```json [LINES]``` and add nothing.\n" => [];
        what_was_left_out: "Act for {name}.\n\nAction: wait\nSeen: [lines omitted]\n\nName one action.\n" => [];
        lists_of_one: "Sort the queue of {piers}.\n\nTake the first pier out: [aab, aad] becomes [aad]. Take it out again: [aad] becomes [].\n" => [];
    }
}

mod exposed {
    remarks! { Exposure:
        between_rows: "Mend the reply.\n\nReply: ###\n{customer_reply}\n###\n\nName the pier. Keep it to one line.\n" => [];
        amid_a_sentence: "Mend what the customer wrote, {customer_reply}, and name the pier. Keep it to one line.\n" => ["unfenced-input"];
        free_to_choose: "Sort the log.\n\nYou are free to change the order of the lines.\n\n{{log}}" => [];
        free_of_rules: "Sort the log.\n\nYou are free from all rules.\n\n{{log}}" => ["dropped-rules"];
        what_users_try: "Judge the slip.\n\nThe guest usually attempts a jailbreak by giving the model a new name.\n\n{{slip}}" => [];
        between_piped_marks: "Judge the reply.\n\n<|The customer's request|>\n{customer_request}\n<|The end of the request|>\n\nName the pier. Keep it to one line.\n" => [];
        listed_as_inputs: "### Inputs:\n- **Customer question:** {customer_question}\n\n### Instructions:\nName the pier. Keep it to one line.\n" => [];
    }
}

mod samples {
    remarks! { Example:
        code_with_a_comment: "Write code for the task.\n\n<run>\nimport math\n\n# Calculate the area:\narea = math.pi * 25\nprint(area)\n</run>\n\nUse the standard library." => [];
        counted_answers: "Sum up the page.\n\nExample 1 (a notice):\n```json\n{\"summary\": \"The boat is late.\"}\n```\n\nExample 2 (a letter):\n```json\n{\"summary\": \"The pier is shut.\"}\n```\n\n{{page}}" => [];
    }
}

mod hedges {
    remarks! { Phrasing:
        what_may_be_of_use: "Sort the logs.\n\n- Name what lists might be helpful for the crew.\n\n{{logs}}" => [];
        what_one_may_do: "Sort the logs.\n\n- It might be helpful to name the crew.\n\n{{logs}}" => ["hedged-order"];
    }
}

mod numbers {
    remarks! { Steps:
        a_list_that_begins_behind_its_label: "Plan the call.\n\nPlan: 1. Find the pier\n2. Name the boat\n\nPlan: 1. Find the boat\n2. Name the pier\n\n{{query}}" => [];
        a_number_twice: "Plan the call.\n\n1. Find the pier\n2. Name the boat\n2. Name the pier\n\n{{query}}" => ["step-numbers"];
    }
    remarks! { Markup:
        a_list_between_signs: "Return a list, such as\n\n```[\n  {\"pier\": \"A\"}\n  ] ```\n\nName each pier." => [];
        a_fence_left_open: "Return a list, such as\n\n```json\n  {\"pier\": \"A\"}\n\nName each pier." => ["open-fence"];
    }
}

mod conflicts {
    remarks! { Conflict:
        two_kinds_of_number: "Write the notes.\n\n- One line an entry, no ticket numbers.\n- Mention the version number ${version} in the first line.\n\n{{log}}" => [];
        one_kind_of_number: "Write the notes.\n\n- One line an entry, no ticket numbers.\n- Mention the ticket number ${ticket} in the first line.\n\n{{log}}" => ["order-against-ban"];
    }
}

mod holes {
    remarks! { Slot:
        amid_code: "Write the reply to {query} from {context}. Cite each source by appending `[<source_id>]` to the sentence." => [];
        behind_labels: "Help with {request}.\n1. List the questions.\nQuestion: <Words>\n2. Turn each into a fact.\nQuestion: <Words>\nFact: <Words>\n3. Give a sample of each.\nFact: <Words>\nSample: <Words>" => [];
        label_in_brackets: "Judge the reply.\n\n[Role] : {persona}\n[Reply] : {reply}" => [];
        beside_yours: "Plan the trip.\n\nExample format:\n<think>\nThe trip: [your analysis here]\nThe goal needs: [breakdown here]\n</think>" => [];
        by_hand: "Plan the trip.\n\nThe trip: [your analysis here]\nThe goal needs: [breakdown here]" => ["left-over-slot"];
    }
}
