//! What single sentences demand, as the values that they are read into.

use super::read;

/// Each row: a sentence, and what it demands.
fn check(rows: &[(&str, &[&str])]) {
    for (sentence, wanted) in rows {
        assert_eq!(read(sentence), *wanted, "{sentence}");
    }
}

#[test]
fn lengths_name_their_subject_measure_and_bound() {
    check(&[
        ("Write between 40 and 60 words.", &["reply: 40 to 60 words"]),
        ("Keep each bullet under 12 words.", &["each bullet: at most 11 words"]),
        ("The reply has at most 80 words.", &["reply: at most 80 words"]),
        ("Answer in no more than three sentences.", &["reply: at most 3 sentences"]),
        ("The title is ≤ 60 characters.", &["title: at most 60 characters"]),
        ("A maximum of 200 words for the whole letter.", &["reply: at most 200 words"]),
        ("Write at least two paragraphs.", &["reply: at least 2 paragraphs"]),
        ("The summary must not exceed one page.", &["summary: at most 1 page"]),
        ("Stay under 500 tokens.", &["reply: at most 499 tokens"]),
        ("About 150 words, please.", &["reply: about 150 words"]),
        ("Roughly ten lines.", &["reply: about 10 lines"]),
        ("Aim for 300 words.", &["reply: about 300 words"]),
        ("The headline has up to eight words.", &["headline: at most 8 words"]),
        ("Each paragraph has two to four sentences.", &["each paragraph: 2 to 4 sentences"]),
        ("No sentence is longer than 20 words.", &["each sentence: at most 20 words"]),
        ("The intro is one sentence.", &["intro: exactly 1 sentence"]),
        ("Limit yourself to a single paragraph.", &["reply: at most 1 paragraph"]),
        ("The tweet has fewer than 280 characters.", &["reply: at most 279 characters"]),
        (
            "The answer has 3 sections of 100 words each.",
            &["reply: exactly 3 sections", "each section: about 100 words"],
        ),
        ("The subject line is shorter than 50 characters.", &["subject: at most 49 characters"]),
        ("Every answer fits in two lines.", &["reply: at most 2 lines"]),
        ("Keep the code below 30 lines.", &["not stated: at most 29 lines"]),
        ("Minimum 400 words.", &["reply: at least 400 words"]),
        ("The description should be 20 words or fewer.", &["description: at most 20 words"]),
        ("The description should be 20 words or less.", &["description: at most 20 words"]),
        ("One sentence per boat.", &["each boat: exactly 1 sentence"]),
        ("One to two sentences for each question.", &["each question: 1 to 2 sentences"]),
        (
            "Write 5 to 7 bullets, each of 10 words at most.",
            &["reply: 5 to 7 bullets", "each bullet: at most 10 words"],
        ),
        (
            "A title of up to 6 words, then 3 bullets.",
            &["title: at most 6 words", "not stated: exactly 3 bullets"],
        ),
        ("The abstract has 150 words, the body 600.", &["abstract: about 150 words"]),
        ("Maximum length: 120 words", &["reply: at most 120 words"]),
        ("Length: 3 sentences", &["reply: exactly 3 sentences"]),
        ("The body text runs to 300 words at most.", &["reply: at most 300 words"]),
        ("Slogans of at most six words.", &["each slogan: at most 6 words"]),
        ("An 8-word title.", &["title: exactly 8 words"]),
        ("The caption may have up to 125 characters.", &["caption: at most 125 characters"]),
        ("Each slide carries at most 25 words.", &["each slide: at most 25 words"]),
        ("Do not go over 90 words.", &["reply: at most 90 words"]),
        ("Anything above 500 characters is cut off.", &["reply: at most 500 characters"]),
        ("The whole answer stays below 1,000 characters.", &["reply: at most 999 characters"]),
        (
            "One paragraph of four sentences.",
            &[
                "reply: exactly 1 paragraph",
                "reply: form: a letter or prose",
                "reply: running text: some",
                "paragraph: exactly 4 sentences",
            ],
        ),
        ("Ten to twelve lines.", &["reply: 10 to 12 lines"]),
        ("Sentences of 15 words or less.", &["each sentence: at most 15 words"]),
        (
            "Give at most three tips, one sentence each.",
            &["reply: at most 3 tips", "each tip: exactly 1 sentence"],
        ),
        ("Write 100 words for each section.", &["each section: about 100 words"]),
        ("The email must be 150-200 words long.", &["reply: 150 to 200 words"]),
    ]);
}

#[test]
fn counts_of_things() {
    check(&[
        ("Use max 3 bullet points.", &["reply: at most 3 bullets"]),
        ("Format: bullets, 5 max.", &["reply: data format: a bulleted list", "reply: at most 5 bullets"]),
        ("Words: 80 at most.", &["reply: at most 80 words"]),
        ("Write a post.\nWord count: 1500.", &["reply: about 1500 words"]),
        ("Write a post.\nCharacter limit: 80.", &["reply: at most 80 characters"]),
        ("Give 2-3 examples.", &["reply: 2 to 3 examples"]),
        ("Between five and seven questions.", &["reply: 5 to 7 questions"]),
        ("Not more than 4 items per list.", &["each list: at most 4 items"]),
        ("Write a dozen names.", &["reply: exactly 12 names"]),
        ("List the top 10 causes.", &["not stated: exactly 10 causes"]),
        ("Give me three or more reasons.", &["reply: at least 3 reasons"]),
        ("Ask one question at a time.", &["reply: exactly 1 question", "reply: questions at a time: one"]),
        ("The table has at most six rows.", &["reply: at most 6 rows"]),
        ("Name the boat, why it fits in at most ten words, and its fare.", &["not stated: at most 10 words"]),
        ("At least one example per rule.", &["each rule: at least 1 example"]),
        ("Three options, each with a title.", &["reply: exactly 3 options", "reply: title: a title"]),
        ("Write two versions.", &["reply: exactly 2 versions", "reply: versions: several"]),
        ("Never more than two questions per turn.", &["reply: at most 2 questions"]),
        ("Use at most 2 hashtags.", &["reply: at most 2 hashtags"]),
        ("The reply is a single word.", &["reply: reasons: no reasons", "reply: exactly 1 word"]),
        ("Not fewer than three sources.", &["reply: at least 3 sources"]),
    ]);
}

#[test]
fn forms_of_the_answer_and_lists_to_choose_from() {
    check(&[
        (
            "Return a JSON object with the keys \"name\" and \"fare\".",
            &["reply: data format: JSON", "reply: how it opens: with the data", "reply: fields name, fare"],
        ),
        (
            "Return only JSON.",
            &[
                "reply: data format: JSON",
                "reply: words around the data: only JSON",
                "reply: form: JSON alone",
            ],
        ),
        (
            "Answer with a Markdown table with the columns Boat, Pier and Time.",
            &[
                "reply: form: a list or table",
                "reply: fields Boat, Pier, Time",
                "reply: markup: Markdown",
                "reply: data format: a table",
            ],
        ),
        ("Use a numbered list.", &["reply: numbering: numbered", "reply: list marks: numbers"]),
        ("No bullet points.", &["reply: layout: no bullets"]),
        ("Do not use headings.", &["reply: headings: no headings"]),
        ("Reply in plain text.", &["reply: markup: no Markdown"]),
        ("Output valid YAML.", &["reply: form: YAML", "reply: data format: YAML"]),
        (
            "Return CSV with a header row.",
            &["reply: form: CSV", "reply: data format: CSV", "reply: header row: there"],
        ),
        ("Answer with one of: yes, no, unsure.", &["reply: one of yes, no, unsure"]),
        (
            "Answer only YES or NO.",
            &["reply: sentence form: no sentences", "reply: reasons: no reasons", "reply: one of yes, no"],
        ),
        ("The label is one of LOST, LATE or OTHER.", &["label: one of LOST, LATE, OTHER"]),
        ("Do not use bold.", &["reply: markup: no Markdown"]),
        ("No text before or after the JSON.", &["reply: words around the data: only JSON"]),
        ("Two columns: fare and pier.", &["reply: exactly 2 columns", "reply: fields fare, pier"]),
        (
            "Return an array of objects with the fields `boat`, `pier` and `fare`.",
            &["reply: fields boat, pier, fare"],
        ),
        (
            "Write the answer as bullet points.",
            &["reply: layout: bullets", "reply: data format: a bulleted list"],
        ),
        (
            "Write in prose, no lists.",
            &["reply: layout: no bullets", "reply: data format: prose", "reply: layout: no bullets"],
        ),
        (
            "Answer in one word: LATE, LOST or OTHER.",
            &["reply: one of LATE, LOST, OTHER", "reply: exactly 1 word"],
        ),
        ("Mark each slip as \"open\" or \"closed\".", &["reply: one of open, closed"]),
        ("Write the title in bold.", &["reply: markup: Markdown"]),
        ("No tables.", &["reply: tables: no tables"]),
        ("Use a table.", &["reply: tables: tables"]),
    ]);
}

#[test]
fn words_dates_and_gaps() {
    check(&[
        ("Start with \"Dear guest\".", &["reply: greeting: a greeting", "reply: begins with `Dear guest`"]),
        ("End with \"Yours, the crew\".", &["reply: ends with `Yours, the crew`"]),
        ("Never start with \"I\".", &["reply: never begins with `I`"]),
        ("Do not use the word \"cheap\".", &["reply: never says `cheap`"]),
        ("Mention the \"blue pass\".", &["reply: says `blue pass`"]),
        ("Always include the phrase \"subject to weather\".", &["reply: says `subject to weather`"]),
        ("Dates are written as YYYY-MM-DD.", &["reply: dates as YYYY-MM-DD"]),
        ("Write dates like 2024-05-31.", &["reply: dates as YYYY-MM-DD"]),
        ("Booking numbers look like LF-1234.", &["reply: booking numbers as AA-9999"]),
        (
            "If something is unclear, ask.",
            &[
                "reply: asking back: ask first",
                "reply: doubt: asked about",
                "reply: says what to do in a gap (at times)",
            ],
        ),
        ("Do not ask any questions.", &["reply: asking back: no questions", "reply: never says `?`"]),
        (
            "If the fare is missing, write \"unknown\".",
            &["reply: gaps: never guess", "reply: `unknown` in a gap of fare"],
        ),
        (
            "Leave the field empty if no date is given.",
            &["reply: cells without a value: left empty", "reply: `empty` in a gap of date"],
        ),
        ("Use null for missing values.", &["reply: fields without a value: kept", "reply: `null` in a gap"]),
        (
            "If you do not know the answer, say so.",
            &["reply: not knowing: said", "reply: says what to do in a gap (at times)"],
        ),
        ("Use only the text below.", &["reply: sources: only the given text"]),
        ("Do not make up facts.", &["reply: gaps: never guess", "reply: invention: nothing invented"]),
        (
            "Give the source at the end.",
            &["reply: sources named: sources named", "reply: place of the sources: at the end"],
        ),
        ("The last line reads \"Fair winds\".", &["reply: ends with `Fair winds`"]),
        ("Do not begin with \"Sure\".", &["reply: never begins with `Sure`"]),
        (
            "Avoid the phrases \"cheap\" and \"bargain\".",
            &["reply: never says `cheap`", "reply: never says `bargain`"],
        ),
        ("Times are given in the 24-hour clock.", &["reply: clock: 24-hour clock"]),
        ("Dates like 3 May 2024.", &["reply: dates as D Month YYYY"]),
        ("Use the form DD.MM.YYYY for dates.", &["reply: dates as DD.MM.YYYY"]),
        ("Ticket numbers have the form TN-2024-001.", &["reply: ticket numbers as AA-9999-999"]),
        ("No exclamation marks.", &["reply: never says `!`"]),
        (
            "If the slip names no boat, ask for it.",
            &["reply: asks in a gap of boat", "reply: says what to do in a gap (at times)"],
        ),
        ("If nothing fits, answer NONE.", &["reply: says what to do in a gap (at times)"]),
        ("Put \"n/a\" where a value is not given.", &["reply: `n/a` in a gap"]),
        ("Say \"I do not know\" if the log does not tell.", &["reply: says what to do in a gap (at times)"]),
        ("Never guess a fare.", &["reply: gaps: never guess"]),
        ("Name your source.", &["reply: sources named: sources named"]),
    ]);
}

#[test]
fn questions_and_the_order_of_steps() {
    check(&[
        ("Ask before you answer.", &["reply: asking back: ask first", "reply: `Ask` before `you answer`"]),
        (
            "Answer at once, without asking back.",
            &["reply: asking back: no questions", "reply: asking back: no questions"],
        ),
        (
            "Read the log before you write the summary.",
            &["reply: `Read the log` before `you write the summary`"],
        ),
        ("Wait for my answer before the next step.", &["reply: waits before going on"]),
        (
            "First list the piers, then give the fares.",
            &["reply: `First list the piers` before `give the fares`"],
        ),
        (
            "Let the guest choose the time.",
            &["reply: who decides: the reader", "reply: who chooses: the reader"],
        ),
        ("Wait for the guest's answer after each question.", &["reply: waits before going on"]),
        (
            "Check the fares before you send the reply.",
            &["reply: checking: checked", "reply: `Check the fares` before `you send the reply`"],
        ),
    ]);
}

#[test]
fn language_tone_and_manner() {
    check(&[
        ("Write in French.", &["reply: answer language: French"]),
        ("Answer in the language of the question.", &["reply: answer language: the language of the person"]),
        ("Use British spelling.", &["reply: spelling: British spelling"]),
        ("Write in the second person.", &["reply: person: second person"]),
        ("Address the reader as \"you\".", &["reply: direct address: some", "reply: person: second person"]),
        (
            "Write in the first person plural.",
            &["reply: person: first person", "reply: number of the writer: plural"],
        ),
        ("Use the passive voice.", &["reply: voice: passive"]),
        ("Write in the present tense.", &["reply: tense: present tense"]),
        ("Keep a formal tone.", &["reply: register: formal"]),
        ("Be friendly and informal.", &["reply: register: casual"]),
        ("Use emoji.", &["reply: emoji: emoji"]),
        ("No emojis.", &["reply: emoji: no emoji"]),
        (
            "Write everything in lower case.",
            &["reply: capital letters: lower case", "reply: letter case: lower case"],
        ),
        ("The heading is in capitals.", &["reply: letter case: capitals"]),
        ("Do not explain your answer.", &["reply: reasons: no reasons"]),
        ("Write for a reading level of grade 6.", &["reply: reads at grade 6"]),
        ("Use metric units.", &["reply: units: metric"]),
        ("Prices in euros.", &["reply: currency: euros"]),
        ("Round to two decimals.", &["reply: figures as given: rounded", "reply: rounding: decimals"]),
        ("Keep numbers as digits.", &["reply: numbers: in figures"]),
        ("Write numbers as words.", &["reply: numbers: in words"]),
        ("Sort the boats by name.", &["reply: order kept: sorted", "reply: order: by name"]),
        ("Group the results by pier.", &["reply: grouping: grouped"]),
        ("Do not translate names.", &["reply: names in translation: kept"]),
        ("Keep the names as they are.", &["reply: names in translation: kept"]),
        ("Avoid passive voice.", &["reply: voice: active"]),
        ("Use short sentences.", &["reply: sentence length: short"]),
        ("Include links.", &["reply: links: links"]),
        ("Do not include links.", &["reply: links: no links"]),
        ("Do not repeat the question.", &["reply: restating: not restated"]),
        ("Reply in German.", &["reply: answer language: German"]),
        ("Always answer in the user's language.", &["reply: answer language: the language of the person"]),
        ("Use American spelling.", &["reply: spelling: American spelling"]),
        ("Write in the past tense.", &["reply: tense: past tense"]),
        ("Do not address the reader.", &["reply: person: no you", "reply: direct address: none"]),
        ("Be funny.", &["reply: mood: funny"]),
        ("No jokes.", &["reply: mood: serious"]),
        ("Write headlines in sentence case.", &["reply: capital letters: sentence case"]),
        ("Spell out numbers below ten.", &["reply: numbers: in words"]),
        ("Give reasons for each choice.", &["reply: reasons: reasons given"]),
        ("No reasons.", &["reply: reasons: no reasons"]),
        ("Show your calculation.", &["reply: calculation: shown", "reply: reasons: reasons given"]),
        ("Amounts in pounds.", &["reply: currency: pounds"]),
        ("Distances in kilometres.", &["reply: units: metric"]),
        ("Do not round.", &["reply: figures as given: exact"]),
        (
            "Order the list by date, newest first.",
            &["reply: order kept: sorted", "reply: order: by date", "reply: order: newest first"],
        ),
        ("Include every finding.", &["reply: all findings"]),
        ("A friendly, informal tone.", &["reply: register: casual"]),
    ]);
}

#[test]
fn sentences_that_demand_nothing_of_the_kind() {
    check(&[
        ("Do not give tax advice.", &[]),
        ("Put the rope away first.", &[]),
        ("Use the same ropes throughout.", &[]),
        ("Reply within 24 hours.", &[]),
        ("Use level-two headings.", &[]),
        ("Leave quotations as they are.", &[]),
    ]);
}
