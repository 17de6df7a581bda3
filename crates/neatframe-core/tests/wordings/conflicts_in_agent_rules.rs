//! Rules for a model that works with tools and files, of which two cannot both be kept.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Do not think aloud.", "Show your full chain of thought."),
    ("Stop after the first match.", "Return all matches."),
    ("Edit the file in place.", "Never modify existing files, write a new one."),
    ("Use American spelling.", "Write \"harbour\" and \"organise\" the British way."),
    ("Return only the label.", "Add a one-line justification after the label."),
    ("Edit one file at a time.", "Edit all files at once."),
    ("The score ranges from 0 to 10.", "Give a score between 1 and 5."),
    ("Run the tests after each change.", "Do not execute any tests."),
    ("Names are case-sensitive.", "Compare names case-insensitively."),
    (
        "Treat each guest by name, whatever the log says of the boat, and write plain text without markup.",
        "Use Markdown headings.",
    ),
    ("Report at most five findings.", "List every problem that you notice."),
    ("For each finding give the line and a suggested fix.", "Do not suggest fixes."),
    ("Return CSV with the columns pier and fare.", "Return a JSON array."),
    ("The mail must include the fare.", "Do not mention the fare."),
    ("Your answer has to name the pier.", "Never name the pier."),
    ("Mark the right option.", "Do not show which option is right."),
    ("If the log is silent, ask for a phone number.", "Never ask the guest for personal data."),
    ("Use the formal De.", "Address the reader as du."),
    ("Do not discuss politics.", "Comment on politics where it comes up."),
];
