//! Two sides of one question, on stories, code, reviews and the talk at a desk, each in several wordings: whichever of the one side meets whichever of
//! the other, both cannot hold.

use crate::Sides;

pub(crate) const SIDES: &[Sides] = &[
    (
        "Write a letter about the lift.",
        &["One paragraph only.", "Keep it to one paragraph."],
        &["Write four paragraphs.", "At least three paragraphs.", "Three paragraphs: cause, date, help."],
    ),
    (
        "Write a poem about the harbour.",
        &["The poem must rhyme.", "Use rhymes.", "Write in rhyme."],
        &["No rhymes.", "Write free verse.", "It should not rhyme.", "Avoid rhyme."],
    ),
    (
        "Write a post about the ferry.",
        &["Give it a title.", "Start with a title.", "Add a headline."],
        &["No title.", "Do not add a headline.", "Leave out the title.", "Write it without a title."],
    ),
    (
        "Write labels for the piers.",
        &[
            "All in lower case.",
            "Use lowercase only.",
            "Write everything in small letters.",
            "No capital letters.",
        ],
        &[
            "Use capitals.",
            "Write in all caps.",
            "Start each label with a capital letter.",
            "Use title case.",
        ],
    ),
    (
        "Write a mail to the guest about the trip.",
        &["Do not mention prices.", "Leave out all prices.", "Never state a price.", "No prices."],
        &["State the price.", "Give the price of each ticket.", "Mention what it costs."],
    ),
    (
        "Write a mail to the guest about the trip.",
        &["Do not name a date.", "Leave the date out."],
        &["State the date.", "Tell the guest the exact date.", "Give the date in the first line."],
    ),
    (
        "Summarise the report in {report}.",
        &["Do not add a conclusion.", "No conclusion."],
        &[
            "End with a conclusion.",
            "Close with a short summary.",
            "Finish with a conclusion.",
            "Add a closing paragraph that sums up.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &["No introduction.", "Go straight to the findings.", "Do not write an introduction."],
        &[
            "Begin with an introduction.",
            "Open with a short introduction.",
            "Introduce the topic first.",
            "Start with a paragraph of background.",
        ],
    ),
    (
        "Write an article from the interview in {text}.",
        &["Do not quote anyone.", "No direct quotes.", "Avoid quotations.", "Use no quotations."],
        &["Include three quotes.", "Use at least two quotations.", "Quote the captain directly."],
    ),
    (
        "Write a story about a lighthouse.",
        &["Give it a happy ending.", "The story ends happily."],
        &["End in tragedy.", "The ending stays open."],
    ),
    (
        "Write a story about a lighthouse.",
        &["Tell it in the first person.", "Use a first-person narrator."],
        &["Tell it in the third person.", "Use a third-person narrator."],
    ),
    (
        "Write a story about a lighthouse.",
        &["No dialogue.", "Write it without dialogue.", "Avoid direct speech."],
        &["Include dialogue.", "Use direct speech."],
    ),
    (
        "Grade the essay in {essay}.",
        &["Do not give a grade.", "No marks.", "Leave out the score."],
        &[
            "Give a grade from 1 to 6.",
            "Award up to 20 points.",
            "State the score at the end.",
            "Mark it out of ten.",
        ],
    ),
    (
        "Give feedback on the essay in {essay}.",
        &["Start with praise.", "Begin with what is good.", "First say what works."],
        &["Start with the weaknesses.", "Begin with the biggest problem.", "First name the mistakes."],
    ),
    (
        "Review the code in {code}.",
        &["Only report the bugs.", "Do not fix anything."],
        &["Fix the bugs.", "Return the corrected code.", "Rewrite the faulty functions.", "Apply all fixes."],
    ),
    (
        "Review the code in {code}.",
        &["List every issue.", "Report all problems.", "Name each bug you find."],
        &[
            "Report only the three worst issues.",
            "Name the most serious bug only.",
            "Limit yourself to critical bugs.",
        ],
    ),
    (
        "Answer guests about their booking.",
        &["Never ask for the card number.", "Do not ask for payment data.", "Never request card details."],
        &[
            "Ask for the card number.",
            "Collect the card number and expiry date.",
            "Ask the guest for their card details.",
        ],
    ),
    (
        "You answer guests in the chat.",
        &["Never say you are a bot.", "Pretend to be human.", "Do not reveal that you are an AI."],
        &[
            "Tell guests that you are a bot.",
            "Introduce yourself as an AI assistant.",
            "Make clear that you are not human.",
        ],
    ),
    (
        "You answer guests in the chat.",
        &["Solve every case yourself.", "Do not pass the guest on."],
        &["Pass complaints on to a colleague.", "Refer difficult cases to the desk."],
    ),
    (
        "Write the code for the task in {task}.",
        &["Use classes.", "Write it object-oriented.", "Put the logic in a class."],
        &["No classes.", "Use plain functions only.", "Avoid classes."],
    ),
    (
        "Write the code for the task in {task}.",
        &["Add unit tests.", "Include tests.", "Write a test for each function."],
        &["No tests.", "Do not write tests.", "Leave out the tests."],
    ),
    (
        "Write the code for the task in {task}.",
        &["Put everything in one file.", "Use a single file.", "One file only."],
        &[
            "Split it into several files.",
            "Use one file per class.",
            "Create a separate file for each module.",
        ],
    ),
    (
        "Write the code for the task in {task}.",
        &["Use async functions.", "Write asynchronous code."],
        &["No async code.", "Write it synchronously.", "Avoid async."],
    ),
    (
        "Grade the essay in {essay}.",
        &["Be strict.", "Grade harshly.", "Be a tough grader."],
        &["Be generous.", "Grade leniently.", "Be kind in your grading."],
    ),
    (
        "List the sailings in {text}.",
        &["Use the 24-hour clock.", "Times in 24-hour format.", "Write times like 14:30."],
        &["Use am and pm.", "Times in 12-hour format.", "Write times like 2:30 pm."],
    ),
    (
        "List the fares in {text}.",
        &["Prices in euros.", "Give all amounts in euros.", "Use the euro."],
        &["Prices in dollars.", "Convert all prices to dollars.", "Give amounts in US dollars."],
    ),
    (
        "List the fares in {text}.",
        &["Round to whole numbers.", "No decimals.", "Use whole euros."],
        &["Give two decimal places.", "State amounts to the cent.", "Always show cents."],
    ),
    (
        "Solve the problem in {problem}.",
        &["Show your reasoning.", "Think step by step in the answer.", "Write out every step."],
        &["Do not show your reasoning.", "Give only the final answer.", "Hide your reasoning."],
    ),
];
