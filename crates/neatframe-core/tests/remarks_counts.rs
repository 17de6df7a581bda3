//! Numbers of things, labels and tools that are named in one place and are others in another.

#[macro_use]
mod common;

mod counts {
    remarks! { Conflict:
        a_list_of_three: "Talk to the guest.\n\nAsk the four questions below.\n\n## Questions\n1. Which pier?\n2. Which boat?\n3. Which day?" => ["clashing-demands"];
        a_list_of_four: "Talk to the guest.\n\nAsk the four questions below.\n\n## Questions\n1. Which pier?\n2. Which boat?\n3. Which day?\n4. Which fare?" => [];
        right_behind: "Talk to the guest.\n\nAsk these three questions:\n- Which pier?\n- Which boat?" => ["clashing-demands"];
        another_list: "Talk to the guest.\n\nAsk the four questions of the card.\n\n## Rules\n- Name the pier.\n- Name the boat." => [];
        more_than_asked: "Suggest three layouts for the quay.\nThen write a table that compares the four layouts." => ["clashing-demands"];
        picked_from_more: "Suggest three layouts for the quay.\nChoose them from the four layouts that the harbour drew." => [];
        fewer_than_asked: "Suggest three layouts for the quay.\nSay which two layouts cost less." => [];
    }
}

mod labels {
    remarks! { Conflict:
        off_the_list: "Sort the slips.\nLabels: praise, complaint, wish.\nIf a slip is mixed, label it mixed." => ["clashing-demands"];
        a_way_out: "Sort the slips.\nLabels: praise, complaint, wish.\nIf a slip fits none, label it unknown." => [];
        in_backticks: "Sort each slip into one of three queues: `late`, `lost`, `other`.\nSlips about theft go to `police`." => ["clashing-demands"];
        on_the_list: "Sort each slip into one of three queues: `late`, `lost`, `other`.\nSlips about bags go to `lost`." => [];
    }
}

mod tools {
    remarks! { Steps:
        not_there: "Book the trip. You have the tools `find_boat`, `hold_seat` and `pay`.\n\n1. Search with `find_boat`.\n2. Pay with `pay_now`." => ["lost-reference"];
        all_there: "Book the trip. You have the tools `find_boat`, `hold_seat` and `pay`.\n\n1. Search with `find_boat`.\n2. Pay with `pay`." => [];
        a_field: "Book the trip. You have the tools `find_boat`, `hold_seat` and `pay`.\n\n1. Search with `find_boat`.\n2. Fill `find_date` with the day." => [];
    }
}

mod samples {
    remarks! { Example:
        a_number_in_words: "Read the slip.\nReturn {\"quantity\": number}.\n\nExample:\n{\"quantity\": \"twelve\"}" => ["sample-breaks-rule"];
        a_number: "Read the slip.\nReturn {\"quantity\": number}.\n\nExample:\n{\"quantity\": 12}" => [];
        off_the_scale: "Rate how angry the guest is.\nScale: 1 (calm) to 5 (furious)\n\nExample:\n{\"anger\": 7, \"quote\": \"Never\"}" => ["sample-breaks-rule"];
        on_the_scale: "Rate how angry the guest is.\nScale: 1 (calm) to 5 (furious)\n\nExample:\n{\"anger\": 4, \"quote\": \"Never\"}" => [];
        below_a_lone_title: "Write the notice.\n\nRules\n- No exclamation marks.\n- Name the pier.\n\nExample\n\nFacts: free tea\nNotice: Free tea for all!\n\nFacts:\n{{facts}}" => ["sample-breaks-rule"];
    }
}

mod people {
    remarks! { Exposure:
        an_own_address: "Sum up the talk.\nThe guest is Nora Quayle, nora.quayle@mailbox.example, and she waits at pier 3." => ["private-data"];
        an_office: "Sum up the talk.\nGuests write to the desk, desk@larkhaven.example, and wait at pier 3." => [];
    }
}
