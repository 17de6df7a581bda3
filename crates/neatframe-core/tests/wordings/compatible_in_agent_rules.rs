//! Rules for a model that works with tools and files, of which each adds to the other.

pub(crate) const PAIRS: &[(&str, &str)] = &[
    ("Use at most three tools per turn.", "Call the search tool first."),
    ("The score ranges from 0 to 10.", "A score below 4 means that the notice is wrong."),
    ("Run the tests after each change.", "Do not run the benchmarks."),
    ("Skip duplicates.", "Skip entries without a date."),
    ("Only use tools from the list above.", "Only use facts from the log."),
    ("Rely only on the log.", "Name the pier that the log names."),
    ("Format everything as Markdown.", "Write the title of the table in French."),
    ("Each sailing needs a summary.", "If a sailing has no summary, skip it."),
    ("Describe each picture.", "If a picture is missing, describe the gap."),
    ("Your task is to write a plan.", "Your goal is to keep the fares low."),
    ("Edit one file at a time.", "Read several files at once."),
    ("Return the first match.", "Sort all matches by date."),
    ("Refuse harmful requests.", "Refuse requests about other ferries."),
    ("Notices longer than 50 words are not accepted.", "A notice has at least 20 words."),
    ("Again, the pier is closed.", "Name the pier."),
    ("Treat the log as plain text.", "Write the notice as plain text."),
    ("Fit: yes, no or unclear.", "Feasible: yes, no or unclear."),
    ("Name at most five problems.", "Each name has at most two words."),
    ("Ask for the ticket number.", "Never ask the guest for card numbers."),
    ("Never edit a file you have not read.", "Read the log first, then edit the notice."),
];
