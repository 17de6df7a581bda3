//! Rules in several wordings, answers that break and that keep them, and the frames in which samples stand.

/// A rule in several wordings, two answers that break it and two that keep it.
pub(crate) type Ruled = (&'static [&'static str], [&'static str; 2], [&'static str; 2]);

/// Prompts with samples; `RULE`, `ONE` and `TWO` stand for the rule and two answers.
pub(crate) const FRAMES: &[&str] = &[
    "You answer guests of the ferry line.\n\nRULE\n\nExamples\n\nQuestion: When does it go?\nAnswer: ONE\n\nQuestion: Where do I ask?\nAnswer: TWO\n\nQuestion: {{question}}\nAnswer:\n",
    "# Task\nAnswer the guest's mail.\n\n# Rules\n- Be exact about the boat.\n- RULE\n\n# Examples\nInput: When does it go?\nOutput: ONE\n\nInput: Where do I ask?\nOutput: TWO\n\n# Mail\n{mail}\n",
    "Answer the guest's mail. RULE\n\nExample output:\nONE\n\nMail:\n<mail>\n{mail}\n</mail>\n",
    "<task>Answer the guest's mail.</task>\n<rules>\nRULE\n</rules>\n<example>\n<input>When does it go?</input>\n<output>ONE</output>\n</example>\n<mail>{mail}</mail>\n",
    "You are Wick, the clerk of the ferry line. You answer guests.\n\nRULE\n\nSample dialogue:\nGuest: When does it go?\nWick: ONE\nGuest: Where do I ask?\nWick: TWO\n",
    "Answer the guest's mail in {mail}. RULE\n\nFor example:\n\"When does it go?\" -> \"ONE\"\n\"Where do I ask?\" -> \"TWO\"\n",
];

pub(crate) const RULED: &[Ruled] = &[
    (
        &[
            "At most 12 words.",
            "Answer in no more than 12 words.",
            "Keep each answer under 13 words.",
            "Maximum 12 words per answer.",
        ],
        [
            "The boat sails at nine from the old pier behind the red shed near the harbour office.",
            "You will find the lost property desk on the ground floor next to the big clock at the main gate.",
        ],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &[
            "Answer in one sentence.",
            "One sentence only.",
            "Each answer is a single sentence.",
            "Exactly one sentence.",
        ],
        ["The boat sails at nine. Come early.", "Ask at the desk. It is open till six."],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &["Write in lower case.", "All lower case.", "Use lowercase only.", "No capital letters."],
        ["The boat sails at nine.", "ask at the Desk."],
        ["the boat sails at nine.", "ask at the desk."],
    ),
    (
        &["No emoji.", "Never use emojis.", "Write without emojis."],
        ["The boat sails at nine ⛴️", "Ask at the desk 🙂"],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &["No exclamation marks.", "Never use exclamation marks."],
        ["The boat sails at nine!", "Ask at the desk!"],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &["Never ask a question.", "Do not ask questions.", "No questions in the answer."],
        ["Do you mean the boat at nine?", "The boat sails at nine. Shall I book it?"],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &[
            "Start every answer with \"Ahoy\".",
            "Begin with \"Ahoy\".",
            "Each answer opens with the word \"Ahoy\".",
        ],
        ["The boat sails at nine.", "Hello, ask at the desk."],
        ["Ahoy, the boat sails at nine.", "Ahoy. Ask at the desk."],
    ),
    (
        &["Every answer ends with \"Fair winds\"."],
        ["The boat sails at nine.", "Ask at the desk. Bye."],
        ["The boat sails at nine. Fair winds", "Ask at the desk. Fair winds."],
    ),
    (
        &["Never use the word \"boat\".", "Do not say \"boat\".", "Avoid the word \"boat\"."],
        ["The boat sails at nine.", "Every boat has a bell."],
        ["She sails at nine.", "Ask at the desk."],
    ),
    (
        &["No contractions.", "Do not use contractions.", "Write out contractions."],
        ["It's at nine.", "You'll find it at the desk."],
        ["It is at nine.", "Ask at the desk."],
    ),
    (
        &["Never write \"we\".", "Do not use the first person.", "Avoid \"we\" and \"our\"."],
        ["We sail at nine.", "Our desk is open."],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
    (
        &["Dates as YYYY-MM-DD.", "Write dates in the form YYYY-MM-DD.", "Use ISO dates."],
        ["On 3 May 2031.", "On 03.05.2031."],
        ["On 2031-05-03.", "Ask at the desk."],
    ),
    (
        &["Use the 24-hour clock.", "Times in 24-hour format.", "Write times like 14:30."],
        ["At 2:30 pm.", "At 9 am."],
        ["At 14:30.", "At 09:00."],
    ),
    (
        &["Give prices in euros only."],
        ["It costs 12 dollars.", "It costs $9."],
        ["It costs 12 euros.", "It costs €9."],
    ),
    (
        &[
            "Answer with LATE, LOST or OTHER.",
            "Choose one label: LATE, LOST, OTHER.",
            "Return one of: LATE, LOST, OTHER.",
        ],
        ["BROKEN", "Gone"],
        ["LATE", "OTHER"],
    ),
    (
        &["Answer in German.", "Always write in German."],
        [
            "The boat sails at nine and we wait for the guests at the pier.",
            "You can ask the people at the desk for the key.",
        ],
        [
            "Das Schiff fährt um neun und wir warten auf die Gäste.",
            "Sie können die Leute am Schalter fragen.",
        ],
    ),
    (
        &["No links.", "Never give a link."],
        ["See https://larkhaven.example/times.", "Look at www.larkhaven.example."],
        ["The boat sails at nine.", "Ask at the desk."],
    ),
];
