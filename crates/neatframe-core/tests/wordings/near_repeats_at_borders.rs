//! Two borders that only look like one.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Only name piers that are listed in the plan.", "Do not name boats that are not in the plan."),
    ("Only name piers that are open.", "Do not name piers that are not in the plan."),
    ("Never copy all lines from the log.", "Copy only the lines shown in the table."),
    ("Use only metric units.", "Do not use passengers' names."),
    ("Write from the captain's reports only.", "Do not take anything from the guest's letters."),
    ("Answer from the sources only.", "Every answer has at least one citation."),
    ("Use your own words.", "Do not copy names into the title."),
    ("Return only JSON.", "Return JSON with the keys `boat` and `pier`."),
    ("Do not omit any facts.", "Do not omit the hour."),
    ("Write no conclusion.", "Write no greeting."),
    ("Answer with a brief explanation and a long table.", "Keep the title long."),
    ("Write a brief notice about the late boat.", "Name the late boat twice."),
    ("Only ask when the pier is missing.", "Do not ask about the fare."),
    ("Use only the first page.", "Do not use the last page number."),
    ("Take only paid orders.", "Do not take late orders."),
    ("Use only blue headings.", "Do not use long headings."),
    ("Only use data that is needed.", "Never store all data in the log."),
    ("Do not drop any data on fares.", "Do not lose any data on piers."),
    ("Do not include all details.", "Include all facts."),
    (
        "Do not tell what was already mentioned in the title.",
        "Do not repeat what was already said on the phone.",
    ),
];
