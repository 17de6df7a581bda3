//! Two sides of one question, on office work, each in several wordings: whichever of the one side meets whichever of the other, both
//! cannot hold.

use crate::Sides;

const TASK: &str = "You work in the office of Larkhaven Ferries. Deal with the text in {text}.";

pub(crate) const SIDES: &[Sides] = &[
    (
        TASK,
        &["Open with a summary of two sentences."],
        &["Put the summary at the very end.", "Close with the summary.", "The summary comes last."],
    ),
    (
        TASK,
        &[
            "Use nothing but the facts below.",
            "Stick to the facts I give you.",
            "Do not add facts of your own.",
        ],
        &[
            "Add background that you know about the topic.",
            "Feel free to bring in facts from elsewhere.",
            "Enrich it with facts from your own knowledge.",
        ],
    ),
    (
        TASK,
        &[
            "Name the price in the first line.",
            "Every reply states the price.",
            "Tell the customer what it costs.",
        ],
        &[
            "Never mention prices.",
            "Prices are not to be named.",
            "Do not tell customers what anything costs.",
        ],
    ),
    (
        TASK,
        &["Rate each entry from 1 to 5.", "Scores run from 1 to 5."],
        &["Rate each entry from 1 to 10.", "Use a scale of ten points."],
    ),
    (
        TASK,
        &[
            "Hand every complaint over to a colleague.",
            "Complaints go to a human.",
            "Pass complaints on to the office.",
        ],
        &[
            "Solve complaints yourself, never hand over.",
            "Never pass a guest on to a colleague.",
            "Deal with complaints on your own.",
        ],
    ),
    (
        TASK,
        &[
            "Show your working step by step.",
            "Explain how you got to the result.",
            "Lay out each step of the calculation.",
        ],
        &["Give the result only.", "Return the number and nothing else.", "Do not show any working."],
    ),
    (
        TASK,
        &[
            "Keep the wording of the draft.",
            "Do not change a single word of the draft.",
            "Leave the author's sentences as they are.",
        ],
        &[
            "Rewrite the draft in your own words.",
            "Rephrase every sentence.",
            "Turn the draft into fresh prose.",
        ],
    ),
    (
        TASK,
        &[
            "Choose exactly one category.",
            "Only one category per message.",
            "Never assign more than one category.",
        ],
        &[
            "Assign all categories that apply.",
            "A message can have several categories.",
            "List every matching category.",
        ],
    ),
    (
        TASK,
        &[
            "Check the stock before you take the payment.",
            "First check stock, then take the payment.",
            "Payment comes after the stock check.",
        ],
        &[
            "Take the payment first, then check the stock.",
            "Check the stock only after the payment.",
            "Before you check the stock, take the payment.",
        ],
    ),
    (
        TASK,
        &[
            "Tell the customer when the parcel arrives.",
            "Give a delivery date in every reply.",
            "Promise delivery by Friday.",
        ],
        &[
            "Never promise a delivery date.",
            "Do not commit to any date.",
            "Say nothing about when it arrives.",
        ],
    ),
    (
        TASK,
        &[
            "Answer in English.",
            "All replies are in English.",
            "The reply is always English, whatever the guest writes.",
        ],
        &[
            "Answer in the language of the guest.",
            "Reply in Danish.",
            "Use whatever language the guest uses.",
        ],
    ),
    (
        TASK,
        &[
            "End with a clear recommendation.",
            "Say which option you would choose.",
            "Recommend one of the three.",
        ],
        &[
            "Do not recommend anything.",
            "Leave the choice to the reader, without a recommendation.",
            "Stay neutral between the options.",
        ],
    ),
    (
        TASK,
        &[
            "Ask for confirmation before you book.",
            "Book only after the guest has said yes.",
            "Never book without a clear yes.",
        ],
        &[
            "Book at once, without asking back.",
            "Book straight away and tell the guest afterwards.",
            "Do not wait for a yes; book right away.",
        ],
    ),
    (
        TASK,
        &[
            "If something is unclear, ask before you start.",
            "Ask me about anything that is missing.",
            "Do not start until all questions are answered.",
        ],
        &["Do not ask any questions.", "Never come back with questions.", "Just start, no questions please."],
    ),
];
