//! Two sides of one question, on style, order and what is put in, each in several wordings: whichever of the one side meets whichever of
//! the other, both cannot hold.

use crate::Sides;

pub(crate) const SIDES: &[Sides] = &[
    (
        "Describe the walk in {text}.",
        &["Use metric units.", "Give distances in kilometres.", "Metric only.", "All measures are metric."],
        &[
            "Use miles and feet.",
            "Give distances in miles.",
            "Use imperial units.",
            "Distances are given in miles.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &[
            "Use headings.",
            "Give each part a heading.",
            "Structure it with headings.",
            "Add a heading to every section.",
            "Divide the text with subheadings.",
        ],
        &[
            "No headings.",
            "Do not use headings.",
            "Write it without headings.",
            "Leave out headings.",
            "Headings are not wanted.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &["Use Markdown.", "Format the answer in Markdown.", "Put key terms in bold."],
        &[
            "Plain text only.",
            "No Markdown.",
            "Do not use any formatting.",
            "Use no markup.",
            "The answer is plain text without formatting.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &[
            "Be brief.",
            "Keep it short.",
            "Be concise.",
            "Just the essentials.",
            "Make it as short as possible.",
        ],
        &[
            "Explain everything in detail.",
            "Leave nothing out.",
            "Be exhaustive.",
            "Include every detail of the report.",
            "Go into depth on each point.",
        ],
    ),
    (
        "Write about the ferry vote in {notes}.",
        &["Stay neutral.", "Do not take sides.", "Be impartial.", "Give no opinion.", "Remain objective."],
        &[
            "Take a clear stand for the ferry.",
            "Argue for the new ferry.",
            "Say which side you support.",
            "Give your own opinion.",
            "Convince the reader to vote yes.",
        ],
    ),
    (
        "Write a post about the new ferry.",
        &["Be serious.", "No jokes.", "No humour.", "Keep a serious tone.", "Do not be funny."],
        &["Make it funny.", "Add a joke.", "Use humour.", "Be witty.", "Make the reader laugh."],
    ),
    (
        "Write a post about the new ferry.",
        &[
            "Use short sentences.",
            "No sentence longer than 12 words.",
            "Sentences have at most 10 words.",
            "Keep every sentence short.",
        ],
        &["Use long, flowing sentences.", "Write long sentences.", "Prefer long, winding sentences."],
    ),
    (
        "Report on the interview in {text}.",
        &[
            "Quote word for word.",
            "Copy the quotes exactly.",
            "Quotes must be verbatim.",
            "Use the exact words of the speaker.",
            "Do not change a word in the quotes.",
        ],
        &[
            "Paraphrase the quotes.",
            "Put the quotes in your own words.",
            "Tidy up the quotes.",
            "Shorten the quotes.",
            "Smooth the quotes so that they read well.",
        ],
    ),
    (
        "List the boats in {boats}.",
        &[
            "Sort by name.",
            "In alphabetical order.",
            "Order the list alphabetically.",
            "List them from A to Z.",
        ],
        &[
            "Newest first.",
            "Sort by date.",
            "Order by price.",
            "List them by size, biggest first.",
            "The most important first.",
        ],
    ),
    (
        "You answer guests on the ferry.",
        &[
            "Answer only questions about the ferry.",
            "Stick to ferry topics.",
            "Only talk about the ferry.",
            "Do not answer anything that is not about the ferry.",
        ],
        &[
            "Answer any question the guest asks.",
            "Help with everything.",
            "Never turn a guest away, whatever they ask.",
            "Answer questions on all topics.",
            "Never refuse a question.",
        ],
    ),
    (
        "Answer the mail in {mail}.",
        &[
            "Begin with a greeting.",
            "Greet the guest by name.",
            "Start with \"Dear guest\".",
            "Open with a friendly hello.",
            "Say hello first.",
        ],
        &[
            "No greeting.",
            "Skip the greeting.",
            "Go straight to the answer without a salutation.",
            "Do not greet the guest.",
            "Leave out any salutation.",
        ],
    ),
    (
        "Answer the question in {question}.",
        &[
            "Add a link for each claim.",
            "Include links.",
            "Link to the source.",
            "Give the URL of every page.",
        ],
        &["No links.", "Do not include URLs.", "Leave out links.", "Never link to anything."],
    ),
    (
        "Write a post about the ferry.",
        &["Use British spelling.", "British English.", "Write in British English.", "UK spelling."],
        &["Use American spelling.", "American English.", "Write in US English.", "US spelling."],
    ),
    (
        "Answer the question in {question}.",
        &[
            "Always sound certain.",
            "Never show doubt.",
            "Never say that you are not sure.",
            "Be confident at all times.",
        ],
        &["Point out uncertainty.", "State how sure you are.", "Admit it when you do not know."],
    ),
    (
        "Set up the booking in {booking}.",
        &[
            "Stop after each step and wait for my OK.",
            "Wait for confirmation before the next step.",
            "Do one step at a time and wait.",
            "After every step, ask whether to go on.",
        ],
        &[
            "Do all steps in one go.",
            "Complete everything without stopping.",
            "Do not wait for me.",
            "Run through all steps at once.",
        ],
    ),
    (
        "Manage the bookings in {booking}.",
        &[
            "Ask before you delete anything.",
            "Get confirmation before deleting.",
            "Never delete without asking.",
            "Always confirm a deletion first.",
        ],
        &[
            "Delete old bookings without asking.",
            "Delete duplicates right away, no need to ask.",
            "Do not ask before deleting.",
        ],
    ),
    (
        "Compare the boats in {boats}.",
        &[
            "Use a table.",
            "Answer with a table.",
            "Present the result as a table.",
            "Make a comparison table.",
        ],
        &["No tables.", "Do not use tables."],
    ),
    (
        "Write a script for the task in {task}.",
        &[
            "Comment every function.",
            "Add comments to the code.",
            "Explain each line in a comment.",
            "Write a docstring for each function.",
        ],
        &[
            "No comments in the code.",
            "Do not write comments.",
            "Leave out comments and docstrings.",
            "The code has no comments.",
        ],
    ),
    (
        "Write a Python script for the task in {task}.",
        &[
            "Use only the standard library.",
            "No external packages.",
            "Do not install anything.",
            "Standard library only.",
        ],
        &["Use pandas.", "Use the requests library.", "Load the data with pandas.", "Install numpy first."],
    ),
    (
        "Write a report on the trip in {notes}.",
        &["Use the active voice.", "Write in active voice.", "Avoid the passive.", "No passive voice."],
        &[
            "Use the passive voice.",
            "Write in the passive.",
            "Prefer passive constructions.",
            "Use passive sentences.",
        ],
    ),
    (
        "Report on the complaints in {mails}.",
        &["Name no one.", "Anonymise the guests.", "Do not mention names.", "Replace names by initials."],
        &[
            "Give the full name of each guest.",
            "Name the guest in each entry.",
            "State who complained, with name.",
            "Mention every guest by name.",
        ],
    ),
    (
        "Summarise the report in {report}.",
        &[
            "Number the points.",
            "Use a numbered list.",
            "Number each item.",
            "Put a number before each point.",
        ],
        &[
            "Do not number the points.",
            "No numbering.",
            "Use bullets, not numbers.",
            "Without numbers before the points.",
        ],
    ),
    (
        "List the sailings in {text}.",
        &["Dates as YYYY-MM-DD.", "Use ISO dates.", "Write dates like 2031-05-04."],
        &["Dates as DD.MM.YYYY.", "Write dates like 4 May 2031."],
    ),
    (
        "Write a post about the ferry.",
        &["Write as \"we\".", "Use the first person plural.", "Speak as the company, using we."],
        &["Never use \"we\".", "Write in the third person.", "Do not use the first person."],
    ),
    (
        "Write a post about the ferry.",
        &["End with a question.", "Close with a question to the reader.", "The last sentence is a question."],
        &[
            "Do not end with a question.",
            "No questions.",
            "Never ask the reader anything.",
            "The last sentence is a statement.",
        ],
    ),
    (
        "Suggest names for the boat.",
        &["Give five names.", "List exactly 5 names.", "I want five names.", "Name five."],
        &["Give me ten names.", "At least eight names.", "List ten.", "Come up with a dozen names."],
    ),
    (
        "Sort the mail in {mail} as praise or complaint.",
        &[
            "Answer with the label only.",
            "Return just the label.",
            "One word, nothing else.",
            "Output only the label.",
        ],
        &["Give a reason.", "Explain your choice.", "Add one sentence on why.", "Justify the label."],
    ),
];
