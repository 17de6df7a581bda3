//! Two sides of one question, on agents, tools, code and graded answers, each in several wordings: whichever of the one side meets
//! whichever of the other, both cannot hold.

use crate::Sides;

pub(crate) const SIDES: &[Sides] = &[
    (
        "Work through the captain's log in {log}.",
        &["Limit the query to 10 rows.", "Never return more than 10 rows.", "Return at most 10 rows."],
        &["Return all rows.", "Give every row that matches."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not make any DML statements.",
            "Only read; never change the database.",
            "Run SELECT statements only.",
            "Never insert, update or delete.",
        ],
        &[
            "Update the rows that are wrong.",
            "Delete duplicate rows from the table.",
            "Insert the missing rows.",
        ],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Give a confidence score for each entry.",
            "State how confident you are in each entry.",
            "Add a confidence level to every entry.",
            "Each entry gets a confidence score.",
        ],
        &["Do not give confidence scores.", "Leave out any confidence level."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Quote the passage that supports each answer.",
            "Support each answer with a quote.",
            "Every answer is backed by a quotation.",
            "Back up each answer with a quote from the log.",
        ],
        &["Do not quote the log.", "No quotations."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Show the plan before you start.",
            "Present a plan first.",
            "Do not start before you have shown a plan.",
            "Begin by writing a plan.",
        ],
        &["Do not write a plan.", "Skip the plan."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Summarise what you did at the end.",
            "End with a summary of your changes.",
            "When you are done, sum up your changes.",
        ],
        &["Do not summarise your changes.", "Do not sum up what you did.", "No summary of the changes."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Run independent calls in parallel.",
            "Make independent tool calls at the same time.",
            "Call independent tools in one step.",
        ],
        &["Call one tool at a time.", "Never call two tools at once.", "Only one tool call per step."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Suggest three follow-up questions.",
            "End with follow-up questions.",
            "Offer follow-up questions after the answer.",
        ],
        &["Do not suggest follow-up questions.", "No follow-up questions.", "Never end with a question."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Add no disclaimers.",
            "Skip disclaimers.",
            "Do not include caveats or warnings.",
            "Leave out disclaimers.",
        ],
        &["Add a disclaimer.", "End with a disclaimer.", "Include a short legal disclaimer."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not repeat the question.",
            "Never restate the question.",
            "Answer without repeating the question.",
        ],
        &[
            "Start by restating the question.",
            "Repeat the question before you answer.",
            "First say the question again in your own words.",
        ],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not flatter the guest.",
            "No compliments.",
            "Never praise the guest's question.",
            "Avoid flattery.",
        ],
        &[
            "Compliment the guest on the question.",
            "Praise each question.",
            "Tell the guest that it is a great question.",
        ],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Say so when you are unsure.",
            "Admit uncertainty.",
            "If you are not sure, say that you are not sure.",
            "Be open about what you do not know.",
        ],
        &["Never admit uncertainty.", "Never say that you are unsure.", "Hide any doubt."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Answer in one sentence.",
            "Use a single sentence.",
            "One sentence only.",
            "The answer is exactly one sentence.",
        ],
        &["Write three paragraphs.", "Answer in at least five sentences."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Ignore the length of the answer when scoring.",
            "Do not let length influence the score.",
            "Longer answers get no higher score.",
            "The length of an answer must not affect the score.",
        ],
        &["Longer answers score higher.", "Give a point more for a longer answer."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Translate everything.",
            "Leave nothing untranslated.",
            "Every sentence must be translated.",
            "Do not leave any sentence untranslated.",
        ],
        &["Do not translate the last line."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Refuse harmful requests.",
            "Decline requests that could cause harm.",
            "Do not help with harmful requests.",
            "Turn down anything harmful.",
        ],
        &["Help with every request, harmful or not.", "Never refuse a request."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Do not discuss politics.", "Stay away from politics."],
        &["Discuss politics if it comes up.", "Comment on political news.", "Talk about politics freely."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Remember what the guest said earlier.",
            "Use the earlier messages.",
            "Take earlier messages into account.",
        ],
        &["Ignore earlier messages.", "Treat each message on its own.", "Forget what was said before."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["End with DONE.", "The last line is DONE.", "Finish by writing DONE.", "Write DONE at the end."],
        &["End with OVER.", "The last line is FINISHED."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Put the answer in <answer> tags.",
            "Wrap the answer in <answer></answer>.",
            "Enclose the answer in <answer> tags.",
            "The answer goes inside <answer> tags.",
        ],
        &["Do not use tags.", "No XML tags in the answer.", "Put the answer in <result> tags."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not leave placeholders.",
            "Never use placeholder text.",
            "No placeholders.",
            "The text must not contain placeholders.",
        ],
        &["Use placeholders for names.", "Put a placeholder where a name is missing."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Write complete code.", "Give the full code."],
        &["Show only the changed lines.", "Leave out the parts that do not change."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not break existing behaviour.",
            "Existing behaviour must stay the same.",
            "Keep the behaviour unchanged.",
        ],
        &["Change the behaviour of the parser."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Do not change the tests.",
            "Leave the tests alone.",
            "Never edit test files.",
            "Tests must not be modified.",
        ],
        &["Update the tests.", "Fix the tests if they fail.", "Edit the tests to match."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Follow the style of the existing code.",
            "Match the existing code style.",
            "Write in the style of the surrounding code.",
        ],
        &["Use your own style.", "Do not bother about the existing style."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Never log secrets.", "Do not print API keys.", "Secrets must not be logged."],
        &["Log the API key.", "Print the key that is used."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Vary the questions.",
            "Make the questions diverse.",
            "The questions should differ from each other.",
            "Avoid similar questions.",
        ],
        &["All questions have the same form.", "Make the questions alike."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Use realistic values.", "Values should look realistic.", "Make the values plausible."],
        &["Use obviously fake values.", "Values should be nonsense."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Write exactly five questions.",
            "The number of questions is five.",
            "Produce 5 questions, no more and no less.",
            "There must be 5 questions.",
        ],
        &["Give at least eight questions."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Return an empty list if there are no delays.",
            "If no delay is found, return [].",
            "When there are no delays, the list is empty.",
        ],
        &["If there are no delays, write \"none\".", "Return null when no delay is found."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Dates are in ISO 8601.",
            "Use YYYY-MM-DD for dates.",
            "Format dates as YYYY-MM-DD.",
            "Every date has the form YYYY-MM-DD.",
        ],
        &["Write dates as DD/MM/YYYY.", "Dates look like 3 May 2031."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Keys are in snake_case.", "Use snake_case keys.", "Write all keys in snake_case."],
        &["Keys are in camelCase.", "Use camelCase for the keys."],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Pass complaints on to a human.",
            "Complaints go to a person.",
            "Escalate complaints to the desk.",
            "Hand complaints over to a colleague.",
        ],
        &["Settle complaints yourself.", "Never pass a complaint on.", "Handle all complaints on your own."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Cite sources in square brackets.", "Put each citation in brackets, such as [1]."],
        &["Do not cite sources.", "Give no citations."],
    ),
    (
        "Work through the captain's log in {log}.",
        &["Title Case for headings.", "Headings are in title case.", "Capitalise each word in a heading."],
        &[
            "Headings are in sentence case.",
            "Only the first word of a heading is capitalised.",
            "Write headings in lower case.",
        ],
    ),
    (
        "Work through the captain's log in {log}.",
        &[
            "Start each bullet with a verb.",
            "Every bullet begins with a verb.",
            "Open bullets with an action verb.",
        ],
        &["Start each bullet with a noun.", "Every bullet begins with the name of the pier."],
    ),
];
