//! Demands of typed prompts that cannot both be met.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Reply with KEEP or DROP and a reason.", "Reply with a single word."),
    ("Always answer in the guest's language.", "Answer only in English."),
    ("Also write a summary in plain text.", "Don't include anything except the JSON."),
    ("Generate 10 names for the boat.", "Give me at least 15 options."),
    ("Use bullet points.", "Write in paragraphs."),
    ("Grade the slip from 1 to 10.", "The maximum grade is 5."),
    ("Always ask a question back.", "Never ask the guest anything."),
    ("Do not use any tools.", "Search the web with the tool first."),
    ("Write in the past tense.", "Use the present tense throughout."),
    ("Sort the slips by date.", "Keep the slips in the order in which they came."),
    ("Never apologise.", "Begin with an apology for the delay."),
    ("Address the guest by first name.", "Address guests formally as Mr or Ms with their surname."),
    ("If the pier is unknown, leave the field empty.", "If the pier is unknown, write \"none\"."),
    ("Finish all steps without asking.", "Wait for the guest's approval after each step."),
];
