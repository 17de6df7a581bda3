//! Demands of templates that resemble each other and are two.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Call the tool only once.", "Call the clerk only if the tool fails."),
    ("Limit the answer to 100 words.", "Limit the title to 5 words."),
    ("Only use the tools listed below.", "Name the tool that you used."),
    ("Do not include personal data.", "Do not include fares."),
    ("Put the answer in <reply> tags.", "Put the reason in <why> tags."),
    ("Keep the order of the slips.", "Keep the names of the slips."),
    ("If you are unsure, answer \"unknown\".", "If the slip is empty, answer \"empty\"."),
    ("Each slip gets exactly one label.", "Each slip gets a short reason."),
    ("Use Markdown for the table.", "Use plain text for the note."),
    ("Never invent a pier.", "Never invent a fare."),
    ("Do not number the lines.", "Do not indent the lines."),
    ("Write at most three sentences.", "Write the second sentence in capitals."),
    ("Follow the output format exactly.", "Explain the output format to the guest."),
    ("Respond in the language of the guest.", "Respond within one line."),
    ("Use numpy to sort the slips.", "Use matplotlib to draw the fares."),
    ("Only return slips that are open.", "Use only the numbers of slips from the log."),
    ("Only use maps if the guest asks for them.", "Avoid adding fares unless asked."),
    (
        "If the guest names the pier, call the slip right.",
        "If the slip is longer but holds the same pier, call it right.",
    ),
    (
        "In this case, describe the slip as a logo and name no other text.",
        "In this case, describe the slip as a frame and name no other text.",
    ),
    (
        "If the fare log looks right, check if the slip is right.",
        "If the slip looks right, check if the pier is right.",
    ),
    ("Do not paint boats.", "Do not sell them."),
    ("Call the log once.", "Do not sort the slips multiple times."),
    ("Read the slip before the log.", "Do not change slip A without reading slip B first."),
    (
        "Do not respond to questions that ask for anything else than a timetable.",
        "Return only the timetable, nothing else.",
    ),
    ("Only answer requests related to a fare table.", "Do not include any text except the fare table."),
    (
        "Return the pier as a JSON object with the key `pier`.",
        "Make sure the hours in the JSON object are valid.",
    ),
    ("Only shorten the note inside the tags.", "Return only the shortened note."),
];
