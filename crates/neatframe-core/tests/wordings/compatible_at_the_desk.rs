//! Two demands that both hold, though they share a word with two that could not.

#[rustfmt::skip]
pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Never give the pupil the solution.", "Show how one step is done with other numbers."),
    ("Never state the final number; if the pupil's number is right, say that it is right.", "Ask for the unit."),
    ("Leave the hours from 12:00 to 13:00 free each day.", "Fill every day from 13:00 to 17:00 with jobs."),
    ("Leave the hours from 12:00 to 13:00 free each day.", "Fill every day from 8:00 to 17:00 with jobs, except at noon."),
    ("Keep the desk open from 9:00 to 17:00.", "Schedule the cleaning from 10:00 to 11:00."),
    ("Answer every message in the guest's own language.", "Keep the names of the boats in English."),
    ("Do not mention the price.", "Open with the name of the boat."),
    ("Do not mention the price of the old ticket.", "Open with the hour of the first boat."),
    ("Give each slip exactly one label.", "If a slip fits two labels, give the first of the list."),
    ("Assign only one category.", "When a mail matches several piers, return all of them."),
    ("Answer only from the handbook.", "Where the handbook is silent, say so."),
    ("Never apologise for the fog.", "Begin with the new hour."),
    ("Each question has four options.", "Mark one option as the right one."),
    ("Ask one question at a time and wait.", "Put all five answers into the slip."),
    ("Return only JSON.", "Put how sure you are into the field \"sure\"."),
    ("No hashtags.", "Close with the hour of the last boat."),
    ("It must not rhyme.", "Read the rhyme on the sheet first."),
    ("Make every word count.", "Do not give a word count."),
    ("If the guest asks for a pier, name one pier.", "If the guest asks for a boat, name one boat."),
    ("Give a quote for the claim.", "In doubt, give both a quote for the claim and one against it."),
    ("Only answer to requests that are about a fare table.", "Do not include any text except the fare table."),
    ("Each sub-question can be answered on its own.", "First sub-question"),
];
