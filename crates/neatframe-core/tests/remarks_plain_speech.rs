//! Prompts in plain speech: rules told of a persona by name, rotas, tools, what is written where nothing is found.

#[macro_use]
mod common;

mod clashes {
    remarks! { Conflict:
        persona_tells_after_all: "You are Pip, a guide in a museum for children.\n\nPip never tells the answer to a riddle.\nPip names the pier.\nAfter three wrong tries Pip tells the answer.\n" => ["order-against-ban"];
        persona_asks_for_the_name: "You are Pip, a guide in a museum for children.\n\nPip never asks for a name, an age or a school.\nPip names the pier.\nAt the start Pip asks the child for its first name.\n" => ["order-against-ban"];
        persona_asks_for_the_pier: "You are Pip, a guide in a museum for children.\n\nPip never asks for a name, an age or a school.\nAt the start Pip asks the child for its pier.\n" => [];
        names_in_capitals: "Copy the crew list.\n\n- Copy names exactly as they are written.\n- Name the pier.\n- Write names in capitals.\n" => ["clashing-demands"];
        piers_in_capitals: "Copy the crew list.\n\n- Copy names exactly as they are written.\n- Write piers in capitals.\n" => [];
        off_on_sundays: "You plan shifts for a kiosk.\n\n- Dara does not work on Sundays.\n- Name the pier.\n- On Sundays Dara and Eli take the shift.\n" => ["clashing-demands"];
        off_on_another_day: "You plan shifts for a kiosk.\n\n- Dara does not work on Sundays.\n- On Mondays Dara and Eli take the shift.\n" => [];
        two_words_for_nothing: "You review diffs in {{diff}}.\n\n- If there is nothing to report, return an empty array.\n- Name the file.\n- If you find nothing, write \"fine\".\n" => ["clashing-demands"];
        one_word_for_nothing: "You review diffs in {{diff}}.\n\n- If there is nothing to report, return an empty array.\n- If you find nothing, return the empty array.\n" => [];
        corrected_function: "You help pupils with their code.\n\n- Never show corrected code.\n- Name the line.\n- Close with the corrected function.\n" => ["order-against-ban"];
        another_function: "You help pupils with their code.\n\n- Never show corrected code.\n- Close with the first function of the file.\n" => [];
        thorough_work_on_a_short_text: "You review diffs in {{diff}}.\n\n- Keep the text short: one sentence.\n- Be thorough and go through the code line by line.\n" => [];
        we_and_you: "Write a notice on the pier.\n\n- Use \"we\" for the company.\n- Speak to the reader as \"you\".\n" => [];
        answered_and_not_quoted_directly: "Write a notice on the pier.\n\n- Give the answer directly.\n- Do not quote directly.\n" => [];
        no_slang_in_a_casual_text: "Write a notice on the pier.\n\n- Keep the tone casual.\n- No slang.\n" => [];
        professional_and_not_stiff: "Write a notice on the pier.\n\n- Answer in a professional manner.\n- Don't be stiff.\n" => [];
        a_list_of_bans: "Judge the notice in {{notice}}.\n\nDo not make assumptions, approximations, or bring in external knowledge. Use only the notice.\n" => [];
    }
}

mod others {
    remarks! { Steps:
        a_tool_that_is_not_there: "You book slots. Use the tools:\n- `free_slots(day)` returns the free slots.\n- `book(slot, member)` books one.\n\n# Rules\n- Name the pier.\n- Call `cancel(slot)` when the member wants to move.\n" => ["lost-reference"];
        a_tool_that_is_there: "You book slots. Use the tools:\n- `free_slots(day)` returns the free slots.\n- `book(slot, member)` books one.\n\n# Rules\n- Call `book(slot, member)` when the member agrees.\n" => [];
    }

    remarks! { Vague:
        a_style_that_strikes: "Write a notice on the new pier for our guests.\n\nStyle: catchy and modern.\n" => ["unmeasured-wording"];
        a_tone_by_name: "Write a notice on the new pier for our guests.\n\nTone: plain and friendly.\n" => [];
        it_would_be_nice_to: "Write a notice on the new pier for our guests. I think it would be nice to have a map.\n" => [];
    }
}
