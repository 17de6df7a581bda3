//! Samples in rows and on one line: cells against the rules of their columns, lettered answers, codes of one letter, symbols, the
//! sentence behind an arrow, labels with how sure they are.

#[macro_use]
mod common;

mod columns {
    remarks! { Example:
        a_kind_that_is_not_offered: "Make puzzles.\nFour puzzles each of three kinds: hidden word, rebus, anagram.\n\n# Format\nNo. / Kind / Puzzle / Solution\n\n# Examples\n1 / rebus / an oar and a bee / OARBEE\n2 / crossword / It barks / DOG" => ["sample-breaks-rule"];
        kinds_that_are_offered: "Make puzzles.\nFour puzzles each of three kinds: hidden word, rebus, anagram.\n\n# Format\nNo. / Kind / Puzzle / Solution\n\n# Examples\n1 / rebus / an oar and a bee / OARBEE\n2 / anagram / GOD / DOG" => [];
        a_reason_too_long: "Sort the slips.\nThe reason has at most three words.\n\n# Format\nslip | label | reason\n\n# Examples\nR-1 | LATE | a gust of wind at the pier\nR-2 | LOST | no oar" => ["sample-breaks-rule"];
        reasons_that_fit: "Sort the slips.\nThe reason has at most three words.\n\n# Format\nslip | label | reason\n\n# Examples\nR-1 | LATE | a gust\nR-2 | LOST | no oar" => [];
        rows_of_another_width: "Sort the slips.\nThe reason has at most three words.\n\n# Format\nslip | label | reason\n\n# Examples\nR-1 | a gust of wind at the pier" => [];
    }
}

mod answers {
    remarks! { Example:
        four_where_three_are_asked_for: "Write the quiz.\nEach question has three answers, one of them right.\n\n# Sample\nQuestion: How high is the pier?\nOutput: a) 1 b) 2 c) 3 d) 4" => ["sample-breaks-rule"];
        three_as_asked: "Write the quiz.\nEach question has three answers, one of them right.\n\n# Sample\nQuestion: How high is the pier?\nOutput: a) 1 b) 2 c) 3" => [];
        a_label_and_how_sure: "Read one slip and choose its desk.\n- STORM: the sea was rough.\n- THEFT: something was taken.\n- OTHER: all else.\n\n# Samples\nSlip: an oar is gone\nTHEFT 97\n\nSlip: a gust took the sail\nSTORM 95" => [];
        a_caption_too_short: "Write captions.\n- 12 to 20 words\n\nTags: quay, crane\nCaption: Under the new crane two men waited for the barge in the spring of that year.\nTags: fish, women\nCaption: Women packed herring.\n\nTags: {{tags}}\nCaption:" => ["sample-breaks-rule"];
        captions_that_fit: "Write captions.\n- 2 to 20 words\n\nTags: quay, crane\nCaption: Under the new crane two men waited for the barge in the spring of that year.\nTags: fish, women\nCaption: Women packed herring.\n\nTags: {{tags}}\nCaption:" => [];
        behind_the_arrow: "Rewrite the messages.\n\nMax 40 characters.\n\n# Examples\nBefore: \"Error 81: write failed\" After: \"Oops! The log could not be saved to the disk in the end.\"" => ["sample-breaks-rule"];
        short_behind_the_arrow: "Rewrite the messages.\n\nMax 60 characters.\n\n# Examples\nBefore: \"Error 81: write failed\" After: \"Oops! The log could not be saved.\"" => [];
    }
}

mod signs {
    remarks! { Example:
        a_code_of_one_letter: "Test the app.\nIDs run from T-001 without a gap.\n\n# Examples\nT-001 opens the start\nT-3 opens the end" => ["sample-breaks-rule"];
        codes_of_one_letter: "Test the app.\nIDs run from T-001 without a gap.\n\n# Examples\nT-001 opens the start\nT-003 opens the end" => [];
        symbols: "You are Merle, a cook's helper.\nNo lists, symbols, links or abbreviations.\n\n# Sample\nGuest: how hot?\nMerle: 180 °C, fan." => ["sample-breaks-rule"];
        no_symbols: "You are Merle, a cook's helper.\nNo lists, symbols, links or abbreviations.\n\n# Sample\nGuest: how hot?\nMerle: A hundred and eighty degrees, with the fan." => [];
        two_blanks_between: "Sort each recipe into one of: SAFE, CHANGE, NO.\n\n# Samples\nSAFE  LENTIL SOUP\nCHANGE  PANCAKES\nMAYBE  FISH PIE" => ["sample-breaks-rule"];
    }
}
