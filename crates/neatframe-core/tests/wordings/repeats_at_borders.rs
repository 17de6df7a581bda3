//! One border told from both sides, one thing kept or left out in two ways.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Only name piers that are listed in the plan.", "Never name piers that are not in the plan."),
    (
        "Use only the fares given in the table.",
        "Do not use fares that the table does not list, such as fares not shown.",
    ),
    ("Only consider boats that are available today.", "Do not suggest boats that aren't available."),
    ("Use only the columns you can see in the table.", "Be careful not to query columns that do not exist."),
    ("Never copy all lines from the log.", "Copy only the lines that are needed for the answer."),
    ("Use your own words.", "Do not copy sentences from the log."),
    ("Paraphrase what the guest says.", "Never lift phrases from the letter."),
    ("Reply in pure JSON.", "Do not output anything other than JSON."),
    ("Return only JSON.", "Do not add any text before or after the object."),
    (
        "Do not repeat what was already covered in the first notice.",
        "Never tell what was previously told in the first notice.",
    ),
    ("Do not omit any facts.", "Include all facts."),
    ("Leave nothing out.", "Do not skip any details."),
    ("Include all key facts from every note.", "Do not omit any important facts."),
    ("Write no conclusion.", "Do not add a conclusion."),
    (
        "Answer with a brief explanation, a table of fares and the name of the pier.",
        "Keep the explanation brief.",
    ),
    ("Answer from the log alone, with only the facts given in the log.", "Do not make up information."),
    ("Use no outside knowledge: never use your own knowledge.", "Do not attempt to guess."),
    (
        "Do not use training knowledge to fill gaps; if a fare is not found, say so.",
        "Never fabricate values or details.",
    ),
    ("Do not invent, assume or infer any information.", "Do not guess anything."),
    ("Do not explain the fare.", "Do not try to explain the fare."),
    ("Write the letter in short sentences that children can read aloud.", "Use short sentences."),
];
