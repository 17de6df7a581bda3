//! Two sides of one question, on the form of the answer and on how it is worked out, each in several wordings: whichever of the one side meets whichever of
//! the other, both cannot hold.

use crate::Sides;

pub(crate) const SIDES: &[Sides] = &[
    (
        "Write one query for the question in {question}.",
        &[
            "Output the query only.",
            "Output only the query.",
            "Return the query and nothing else.",
            "Reply with the query only.",
            "Your answer is just the query.",
        ],
        &[
            "Explain why you chose the joins.",
            "Explain briefly why you chose the joins.",
            "Add a short explanation of the joins.",
            "After the query, explain your choice.",
            "Comment on the choice of joins below the query.",
        ],
    ),
    (
        "Write a notice about the new timetable for guests.",
        &[
            "Keep it under 100 words.",
            "At most 100 words.",
            "No more than 100 words.",
            "The text has a limit of 100 words.",
            "Stay below 100 words.",
        ],
        &[
            "Write at least 300 words.",
            "The text should be 300 words long.",
            "Use 300 words or more.",
            "Length: 250-300 words.",
            "It must have a minimum of 300 words.",
        ],
    ),
    (
        "Write a notice about the new timetable for guests.",
        &[
            "Use a formal tone.",
            "Be formal.",
            "Write formally.",
            "The tone is formal and distant.",
            "Keep the style official.",
        ],
        &[
            "Write as if to a friend.",
            "Use slang.",
            "Keep it casual.",
            "Be chatty.",
            "The tone is relaxed and informal.",
        ],
    ),
    (
        "Explain how the lock gate works.",
        &[
            "Write for beginners.",
            "The reader knows nothing about locks.",
            "Explain it to a ten-year-old.",
            "The readers are children.",
            "Assume no prior knowledge.",
        ],
        &[
            "The readers are experts.",
            "Assume that the reader is a trained engineer.",
            "Write for hydraulic engineers.",
            "The audience is professionals.",
            "Assume the reader knows the basics.",
        ],
    ),
    (
        "Explain how the lock gate works.",
        &[
            "Use plain words.",
            "Avoid jargon.",
            "Use everyday language.",
            "No technical terms.",
            "Write in simple English.",
        ],
        &[
            "Use technical terminology throughout.",
            "Use the correct technical terms.",
            "Use specialist vocabulary.",
            "Use precise engineering terms.",
            "Write in technical language.",
        ],
    ),
    (
        "Write a post about the new timetable.",
        &[
            "Use no emoji.",
            "Don't use emojis.",
            "No emojis, please.",
            "Never use emoji.",
            "Emojis are not allowed.",
        ],
        &[
            "Add two emojis.",
            "Put an emoji at the end of each line.",
            "Use emojis to liven it up.",
            "Begin with an emoji.",
            "Sprinkle in some emojis.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &[
            "Write in running text.",
            "Use full paragraphs.",
            "No bullet points.",
            "Do not use lists.",
            "Write it as one paragraph.",
        ],
        &[
            "Use bullet points.",
            "Answer as a bulleted list.",
            "Format it as a list.",
            "Give five bullets.",
            "List the points one per line with dashes.",
        ],
    ),
    (
        "Write a training plan for a guest.",
        &[
            "Ask three questions before you start.",
            "First ask about their goals.",
            "Before writing, ask what you need to know.",
            "Start by asking the guest for their age and weight.",
            "Ask clarifying questions first.",
        ],
        &[
            "Do not ask any questions.",
            "Never ask questions back.",
            "Answer at once.",
            "Give the plan straight away without asking anything.",
            "No follow-up questions.",
        ],
    ),
    (
        "Interview the guest about the trip.",
        &[
            "Ask one question at a time.",
            "Only one question per message.",
            "Never ask more than one question at once.",
            "One question per turn.",
            "Ask a single question, then wait.",
        ],
        &[
            "Ask all questions in one message.",
            "Ask for name, date and boat in the first message.",
            "Send all five questions at once.",
            "Ask three questions per message.",
            "Begin with a list of all questions.",
        ],
    ),
    (
        "Write a guide to the harbour.",
        &[
            "Address the reader as you.",
            "Speak to the reader directly.",
            "Use the second person.",
            "Write in the second person.",
            "Talk to the reader.",
        ],
        &[
            "Write in the third person.",
            "Never address the reader.",
            "Use the third person only.",
            "Do not use \"you\".",
            "Keep it impersonal.",
        ],
    ),
    (
        "Answer the guest's mail in {mail}.",
        &[
            "Answer in English.",
            "Write in English.",
            "Reply in English only.",
            "Always respond in English.",
            "The answer is in English.",
        ],
        &[
            "Answer in German.",
            "Reply in the language of the guest.",
            "Write the reply in French.",
            "Respond in whatever language the guest uses.",
            "Your reply must be in Spanish.",
        ],
    ),
    (
        "Answer the question in {question} from the handbook.",
        &[
            "Cite the page for every claim.",
            "Give a source for each statement.",
            "Name the source of each fact.",
            "Every fact needs a reference.",
            "Include references.",
        ],
        &[
            "Do not cite sources.",
            "No references.",
            "Leave out citations.",
            "Never mention the handbook pages.",
            "Without footnotes or sources.",
        ],
    ),
    (
        "Help the pupil with the exercise in {exercise}.",
        &[
            "Never give the answer.",
            "Do not reveal the solution.",
            "Do not solve it for them.",
            "Let the pupil find the answer.",
            "Don't tell the pupil the result.",
        ],
        &[
            "Give the full solution at the end.",
            "Show the complete worked solution.",
            "Finish with the correct answer.",
            "State the final result.",
            "Solve the exercise step by step.",
        ],
    ),
    (
        "Write to the guest about the late boat.",
        &[
            "Apologise for the delay.",
            "Say sorry.",
            "Begin with an apology.",
            "Express our regret.",
            "Offer an apology.",
        ],
        &[
            "Do not apologise.", "Never say sorry.", "No apologies.", "Avoid apologising.",
            "Don't express regret.",
        ],
    ),
    (
        "Edit the text in {text}.",
        &[
            "Keep the wording.",
            "Do not change the wording.",
            "Leave the sentences as they are.",
            "Do not rewrite anything.",
            "Only fix spelling; leave all else.",
        ],
        &[
            "Rewrite it in your own words.",
            "Rephrase every sentence.",
            "Make the style livelier.",
            "Paraphrase the text.",
            "Improve the wording.",
        ],
    ),
    (
        "Write a product text from the facts in {facts}.",
        &[
            "Use only the facts given.",
            "Stick to the facts.",
            "Add nothing that is not in the facts.",
            "Rely solely on the data provided.",
        ],
        &[
            "Make up a customer quote.",
            "Invent a catchy story around it.",
            "Fill gaps with plausible details.",
            "Add details of your own.",
            "Feel free to embellish.",
        ],
    ),
    (
        "Answer the guest's mail in {mail}.",
        &[
            "State the price first.",
            "Begin with the price.",
            "Start with the price.",
            "Open with the price.",
            "Always put the price at the top.",
        ],
        &[
            "Begin with a greeting.",
            "Start every answer with the day.",
            "The date comes first.",
            "Open with the date.",
        ],
    ),
    (
        "Write the minutes of the meeting.",
        &[
            "Write in the past tense.",
            "Use the past tense.",
            "Past tense throughout.",
            "Keep it in past tense.",
        ],
        &[
            "Write in the present tense.",
            "Use present tense.",
            "Present tense only.",
            "Keep everything in the present tense.",
        ],
    ),
    (
        "Extract the data from {text}.",
        &[
            "Return JSON.",
            "Output a JSON object.",
            "Answer as JSON.",
            "The output is valid JSON.",
            "Respond in JSON format.",
        ],
        &["Return a table.", "Output CSV.", "Write the result as XML.", "Respond in YAML."],
    ),
];
