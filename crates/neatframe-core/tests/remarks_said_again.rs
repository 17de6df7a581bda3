//! Demands that prompts of all kinds make again in other words, and lines that only sound like an earlier one.

#[macro_use]
mod common;

mod in_other_words {
    remarks! { Redundant:
        material: "Read the log.\nExtract all relevant information from the log.\nUse plain words.\nDo not miss any relevant details." => ["said-before"];
        history: "Run the desk.\nTake the chat history into account.\nUse plain words.\nUse the conversation history when you reply." => ["said-before"];
        to_the_letter: "Edit the log.\nFollow the user's instructions exactly.\nUse plain words.\nDo exactly what the user asks." => ["said-before"];
        spelling: "Mark the essay.\nIgnore spelling mistakes.\nUse plain words.\nDo not penalize spelling errors." => ["said-before"];
        scale: "Mark the essay.\nGive a rating between 1 and 5.\nUse plain words.\nRate it on a scale of 1 to 5." => ["said-before"];
        format: "Sort the slips.\nAdhere strictly to the specified format.\nUse plain words.\nYour answer must match the format shown below." => ["said-before"];
        fields: "Sort the slips.\nAll fields are required.\nUse plain words.\nDo not omit any field." => ["said-before"];
        doubles: "List the piers.\nDo not include duplicates.\nUse plain words.\nEach item must appear only once." => ["said-before"];
        names: "Read the log.\nUse the same names throughout.\nUse plain words.\nNames must be consistent across the text." => ["said-before"];
        tests_pass: "Change the script.\nAll tests must pass.\nUse plain words.\nDo not break any tests." => ["said-before"];
        deleting: "Run the desk.\nNever delete anything without the user's confirmation.\nUse plain words.\nGet the user's approval before you delete anything." => ["said-before"];
        claims: "Write the card.\nDo not make claims without citing a source.\nUse plain words.\nEvery claim must be backed by a reference." => ["said-before"];
        wordy: "Write the card.\nDo not be verbose.\nName the pier.\nKeep your answers short." => ["said-before"];
        changed_files: "Change the script.\nReturn only the files that changed.\nUse plain words.\nDo not list files that were not changed." => ["said-before"];
        other_fields: "Sort the slips.\nDo not omit the field pier.\nUse plain words.\nAll tests must pass." => [];
        other_material: "Read the log.\nExtract all names of piers.\nUse plain words.\nExtract all fares." => [];
        once_per_slip: "Read the slips.\nNever delete a slip.\nUse plain words.\nAsk the guest for confirmation before you book." => [];
    }
}

mod alike_only {
    remarks! { Redundant:
        options: "Tell whether the slips name the same pier.\nChoose one of the following options:\nA. The slips name the same pier.\nB. The slips name two piers." => [];
        diff: "Change the log as asked.\nEnd the change with a mark, like this:\n--- a.log\n+++ a.log\n@@ end @@\nThen the next one:\n--- b.log\n+++ b.log\n@@ end @@" => [];
    }

    remarks! { Conflict:
        left_out_of_one: "Judge the talk.\nKeep withdrawn requests on the list, but exclude them from the verdict.\nReport each request on a line of its own." => [];
        left_out_at_all: "Judge the talk.\nName each withdrawn request.\nOmit withdrawn requests." => ["order-against-ban"];
        off_the_table: "Draw the chart.\nOnly reference columns that exist in the log.\nOnly refuse if the request needs data that isn't in the table." => [];
        place_in_capitals: "Write the query.\nUse only the classes of the schema to build the TIDE query.\nDo not use any classes that are not given in the TIDE query." => [];
        told_once: "Plan the day.\nThe plan must be comprehensive: explain everything in detail.\nBe concise.\nName the pier.\nKeep it brief." => ["clashing-demands"];
    }
}

mod fences {
    remarks! { Markup:
        closed_by_end: "Fix the script.\n```python\nprint(1)\n```end\nName the fault." => [];
        never_closed: "Fix the script.\n```python\nprint(1)\n\nName the fault." => ["open-fence"];
    }
}
