//! Ways out of one gap, each in several wordings: whichever of the one side meets whichever of the other, both cannot be taken.

use crate::Sides;

const TASK: &str = "Read the captain's log in {log} and return pier, delay and fare as JSON.";

const NULL: &[&str] = &[
    "If the fare is missing, write null.",
    "Use null for a fare that is not given.",
    "Set the fare to null if the log does not mention one.",
    "A missing fare is written as null.",
    "In the absence of a fare, use null.",
];
const LEFT_OUT: &[&str] = &[
    "If no fare is stated, omit the field.",
    "Leave out a fare that is not given.",
    "Without a fare, drop the key.",
    "Only give the fare if the log states it.",
    "A fare that does not appear in the log is left out.",
];
const ASKED: &[&str] = &[
    "If the fare is missing, ask the captain.",
    "Ask for a fare that is not in the log.",
    "A missing fare has to be asked for.",
];
const OWN: &[&str] = &[
    "When you cannot find a fare, guess it from similar crossings.",
    "Work out a missing fare from the distance.",
    "If no fare is given, use your best judgement.",
];
const EMPTY: &[&str] = &[
    "Where the log gives no fare, the cell stays empty.",
    "For a missing fare, return an empty string.",
    "Leave the fare blank if the log does not state one.",
];
const ANY_NULL: &[&str] = &[
    "Use null for a field that the log does not have.",
    "Missing fields are null.",
    "If a value is missing, write null.",
];
const ANY_OUT: &[&str] = &[
    "Fields that are not in the log are left out of the JSON.",
    "Omit missing fields.",
    "Leave out empty fields.",
];

pub(crate) const SIDES: &[Sides] = &[
    (TASK, NULL, LEFT_OUT),
    (TASK, NULL, ASKED),
    (TASK, NULL, EMPTY),
    (TASK, LEFT_OUT, ASKED),
    (TASK, LEFT_OUT, EMPTY),
    (TASK, OWN, NULL),
    (TASK, OWN, ASKED),
    (TASK, ANY_NULL, ANY_OUT),
    (
        "Rewrite the sign in {sign} for the quay.",
        &[
            "If the log and the sign disagree, follow the log.",
            "Where the log contradicts the sign, trust the log.",
        ],
        &[
            "When the sign differs from the log, believe the sign.",
            "If the sign and the log do not match, the sign wins.",
        ],
    ),
    (
        "Write the talk for the anniversary of the ferry.",
        &["It must take at most three minutes.", "3 minutes tops."],
        &["It should last at least ten minutes.", "At least ten minutes, please."],
    ),
    (
        "Write the notice for the quay.",
        &["Give the wind in km/h.", "Wind is given in kilometres per hour."],
        &["Give the wind in metres per second.", "State the wind in m/s."],
    ),
    (
        "Write a quiz on the tide for {class}.",
        &["Questions five to ten are about the moon.", "Ask about the moon in question 9."],
        &["Write eight questions."],
    ),
    (
        TASK,
        &["Do not fill in a fare that the log does not give.", "Never guess a missing fare."],
        &[
            "If the log gives no fare, write 12.",
            "Where no fare is stated, assume that of the last crossing.",
        ],
    ),
    (
        "Sort the calls in {calls} by urgency.",
        &[
            "If you are torn between two levels, take the higher one.",
            "In doubt between two levels, choose the higher one.",
        ],
        &[
            "When unsure between two levels, give the lower one.",
            "If two levels fit and it is a tie, take the lower level.",
        ],
    ),
    (
        "Enter the messages in {messages} on the board.",
        &["If two messages are about the same parcel, merge them.", "Merge messages about one parcel."],
        &["Every message becomes a line of its own.", "Each message gets a line of its own."],
    ),
];

/// General rules, and one thing that goes another way.
pub(crate) const COMPATIBLE: &[(&str, &str)] = &[
    ("Missing fields are null.", "If the pier is missing, ask the captain."),
    ("If the fare is missing, write null.", "If the delay is missing, write 0."),
    ("If the fare is missing, write null.", "If the fare is unclear, ask the captain."),
    (
        "If the log and the sign disagree, follow the log.",
        "If the log and the list disagree, follow the list.",
    ),
    ("Give the wind in km/h.", "Give the delay in minutes."),
    ("Write eight questions.", "Questions 7 and 8 are about the moon."),
    ("The talk takes at most ten minutes.", "It should last at least five minutes."),
    ("If the ticket number is missing, ask for it.", "If there is no ticket number, look it up by name."),
];
