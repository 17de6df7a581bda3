//! Ways of saying what to do where there is no answer: each of them is a fallback, so that none is missed.

mod common;

const SAID: [&str; 16] = [
    "Return NONE if there is nothing of note.",
    "Return the piers as a list, or NONE if there is nothing to return.",
    "Say so plainly if the log has no answer.",
    "Admit it when the log has nothing on it.",
    "In case of doubt, pick OTHER.",
    "Answer \"I cannot tell\" rather than guess.",
    "Do not guess; write \"not stated\" instead.",
    "Missing hours are written as n/a.",
    "Unanswerable questions get the answer \"unanswerable\".",
    "Ignore questions that the log cannot answer.",
    "Report the absence of an answer as NA.",
    "Only answer if you are sure, else say \"unsure\".",
    "Answer null when the log says nothing.",
    "State which hours could not be found.",
    "List the points that the log does not answer under \"Open\".",
    "If the log is silent, say so.",
];

const OTHER: [&str; 4] = [
    "Name the pier in the first sentence.",
    "Do not guess the age of the guest.",
    "Write the hours in the 24-hour clock.",
    "Give the fare in crowns.",
];

fn lacks_a_fallback(rule: &str) -> bool {
    let prompt = format!(
        "You answer questions of guests about the log below, in at most two sentences.\nUse only the log. {rule}\n\n\
         <log>\n{{{{log}}}}\n</log>\n\n<question>\n{{{{question}}}}\n</question>\n"
    );
    common::read(&prompt).findings().iter().any(|finding| finding.message.contains("fallback"))
}

#[test]
fn a_fallback_by_any_words() {
    let missed: Vec<&str> = SAID.into_iter().filter(|rule| lacks_a_fallback(rule)).collect();
    assert!(missed.is_empty(), "{missed:#?}");
}

#[test]
fn other_rules_are_none() {
    assert_eq!(
        OTHER.into_iter().filter(|rule| !lacks_a_fallback(rule)).collect::<Vec<_>>(),
        Vec::<&str>::new()
    );
}
