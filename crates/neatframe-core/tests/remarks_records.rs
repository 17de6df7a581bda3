//! Sample records in every form, labelled lines, tables, rows and objects, held against what is said of their fields;
//! numbered parts in every style, and what refers to them.

mod common;

use common::raised;

/// The remarks of one family on a prompt.
fn remarks(family: Family, text: &str) -> usize {
    raised(family, text).len()
}

use neatframe_core::Family;

const FIELDS: [&str; 5] = ["Boat", "Pier", "Fault", "Date", "Next step"];
const VALUES: [&str; 5] = ["Merle", "B", "the rail is loose", "2031-05-03", "Call the yard today."];
const GLOSSES: [&str; 5] =
    ["its name", "its letter", "at most 5 words, in the writer's words", "YYYY-MM-DD", "one sentence"];
/// Before a label, behind it, and before what stands there.
const LABELS: [[&str; 2]; 5] = [["", ": "], ["- ", ": "], ["**", ":** "], ["- **", "**: "], ["", " - "]];
const FRAMES: [&str; 5] = [
    "Example\n\n{}",
    "Example:\nLetter: The rail of the Merle at pier B is loose.\n\n{}",
    "<example>\n{}\n</example>",
    "Example:\n```\n{}\n```",
    "Letter: \"The rail of the Merle at pier B is loose.\"\nCard:\n{}",
];

fn lines(style: [&str; 2], fields: &[(&str, &str)]) -> String {
    let line = |(label, value): &(&str, &str)| format!("{}{label}{}{value}", style[0], style[1]);
    fields.iter().map(line).collect::<Vec<_>>().join("\n")
}

fn card(style: [&str; 2], frame: &str, sample: &[(&str, &str)]) -> String {
    let form: Vec<(&str, &str)> = FIELDS.into_iter().zip(GLOSSES).collect();
    format!(
        "Read each letter and write a card in this form:\n\n{}\n\n{}\n\nSort the cards by boat.\n\n<letters>\n{{{{letters}}}}\n</letters>\n",
        lines(style, &form),
        frame.replace("{}", &lines(style, sample))
    )
}

/// Labels and what stands behind them.
type Sample = Vec<(&'static str, &'static str)>;

fn filled() -> Sample {
    FIELDS.into_iter().zip(VALUES).collect()
}

#[test]
fn a_form_that_is_filled_in_as_it_says() {
    for style in LABELS {
        for frame in FRAMES {
            let text = card(style, frame, &filled());
            assert_eq!(remarks(Family::Example, &text), 0, "{text}");
        }
    }
}

#[test]
fn values_that_a_form_rules_out() {
    let broken = [
        (3, "3 May 2031"),
        (3, "03/05/2031"),
        (2, "the rail by the stern is loose"),
        (4, "Call the yard. Then wait."),
    ];
    for style in LABELS {
        for frame in FRAMES {
            for (at, value) in broken {
                let mut sample = filled();
                sample[at].1 = value;
                let text = card(style, frame, &sample);
                assert!(remarks(Family::Example, &text) > 0, "{text}");
            }
        }
    }
}

#[test]
fn lines_that_a_form_does_not_have_so() {
    let wrong: [fn(&mut Sample); 4] = [
        |sample| {
            sample.remove(1);
        },
        |sample| sample.insert(2, ("Weather", "fog")),
        |sample| sample[1].0 = "Berth",
        |sample| sample.swap(0, 1),
    ];
    for style in &LABELS[..4] {
        for frame in FRAMES {
            for change in wrong {
                let mut sample = filled();
                change(&mut sample);
                let text = card(*style, frame, &sample);
                assert!(remarks(Family::Example, &text) > 0, "{text}");
            }
        }
    }
}

#[test]
fn what_a_form_offers_to_choose_from() {
    let offers = [
        "one of LOW, MIDDLE, HIGH",
        "LOW, MIDDLE or HIGH",
        "LOW | MIDDLE | HIGH",
        "<LOW|MIDDLE|HIGH>",
        "[LOW, MIDDLE, HIGH]",
        "one of \"LOW\", \"MIDDLE\", \"HIGH\"",
    ];
    for offer in offers {
        for frame in FRAMES {
            let text = |value: &str| {
                let sample =
                    lines(LABELS[0], &[("Boat", "Merle"), ("Fault", "it leaks"), ("Urgency", value)]);
                let form = lines(
                    LABELS[0],
                    &[("Boat", "its name"), ("Fault", "in the writer's words"), ("Urgency", offer)],
                );
                format!(
                    "Read each letter and write a card in this form:\n\n{form}\n\n{}\n\n<letters>\n{{{{letters}}}}\n</letters>\n",
                    frame.replace("{}", &sample)
                )
            };
            assert!(remarks(Family::Example, &text("URGENT")) > 0, "{}", text("URGENT"));
            assert_eq!(remarks(Family::Example, &text("LOW")), 0, "{}", text("LOW"));
        }
    }
}

/// Rows of a lease as a table, as rows with signs, as objects and as labelled lines.
fn records(form: usize, rows: &[[&str; 5]]) -> String {
    const NAMES: [&str; 5] = ["clause", "subject", "party", "deadline", "risk"];
    let joined = |sign: &str| -> String {
        let rows = std::iter::once(&NAMES).chain(rows).map(|row| row.join(sign));
        rows.collect::<Vec<_>>().join("\n")
    };
    let named = |open: &str, middle: &str, sign: &str, close: &str| -> Vec<String> {
        let row = |row: &[&str; 5]| {
            let cells: Vec<String> = NAMES
                .iter()
                .zip(row)
                .map(|(name, value)| format!("{}{name}{middle}{value}{close}", open))
                .collect();
            cells.join(sign)
        };
        rows.iter().map(row).collect()
    };
    match form {
        0 => joined(" | ").lines().map(|row| format!("| {row} |\n")).collect::<String>().replacen(
            '\n',
            "\n|---|---|---|---|---|\n",
            1,
        ),
        1 => joined("; "),
        2 => joined(","),
        3 => format!(
            "[{}]",
            named("\"", "\": \"", ", ", "\"")
                .iter()
                .map(|row| format!("{{{row}}}"))
                .collect::<Vec<_>>()
                .join(",\n ")
        ),
        _ => named("", ": ", "\n", "").join("\n\n"),
    }
}

fn lease(form: usize, rule: &str, rows: &[[&str; 5]]) -> String {
    format!(
        "Extract the terms of the lease.\n\nReturn a table with the columns clause, subject, party, deadline and risk.\n\n- One row per duty.\n- {rule}\n\nExample:\n{}\n\n<lease>\n{{{{lease}}}}\n</lease>\n",
        records(form, rows)
    )
}

#[test]
fn fields_of_records_in_any_form() {
    let rules: [(&str, usize, &str); 11] = [
        ("Deadlines as YYYY-MM-DD.", 3, "3 May 2031"),
        ("Write dates as YYYY-MM-DD.", 3, "30/09/2031"),
        ("deadline: YYYY-MM-DD", 3, "3rd of May"),
        ("The party column holds \"tenant\" or \"landlord\".", 2, "owner"),
        ("Party is one of tenant, landlord, agent.", 2, "owner"),
        ("Use only tenant, landlord or agent in the party column.", 2, "owner"),
        ("The subject has at most 3 words.", 1, "rent to be paid early"),
        ("Keep each subject to three words or fewer.", 1, "rent to be paid early"),
        ("Rate the risk from 1 to 5.", 4, "high"),
        ("risk (1-5)", 4, "8"),
        ("Write the subject in lower case.", 1, "Heating"),
    ];
    const ROWS: [[&str; 5]; 2] =
        [["4.2", "rent", "tenant", "2031-05-03", "2"], ["7.1", "heating", "landlord", "2031-09-30", "4"]];
    for form in 0..5 {
        for (rule, column, value) in rules {
            let good = lease(form, rule, &ROWS);
            assert_eq!(remarks(Family::Example, &good), 0, "{good}");
            let mut rows = ROWS;
            rows[1][column] = value;
            let bad = lease(form, rule, &rows);
            assert!(remarks(Family::Example, &bad) > 0, "{bad}");
        }
    }
}

#[test]
fn rows_in_their_order() {
    let rows = |days: [&'static str; 2]| days.map(|day| ["4.2", "rent", "tenant", day, "2"]);
    for (rule, good) in
        [("Sort the rows by deadline, newest first.", 1), ("Order the rows by deadline, earliest first.", 0)]
    {
        let days = [["2031-05-03", "2031-09-30"], ["2031-09-30", "2031-05-03"]];
        assert_eq!(remarks(Family::Example, &lease(0, rule, &rows(days[good]))), 0, "{rule}");
        assert_eq!(remarks(Family::Example, &lease(0, rule, &rows(days[1 - good]))), 1, "{rule}");
    }
    let undirected = lease(0, "Sort the rows by deadline.", &rows(["2031-09-30", "2031-05-03"]));
    assert_eq!(remarks(Family::Example, &undirected), 0, "either way");
}

#[test]
fn gaps_of_a_table() {
    let rows = |day| [["4.2", "rent", "tenant", "2031-05-03", "2"], ["7.1", "heating", "landlord", day, "4"]];
    for (rule, good, bad) in [
        ("Leave a cell empty where the lease says nothing.", "", "n/a"),
        ("Leave no cell empty; write \"n/a\" where the lease says nothing.", "n/a", ""),
        ("If the lease names no deadline, write \"none\".", "none", "n/a"),
    ] {
        assert_eq!(remarks(Family::Example, &lease(0, rule, &rows(good))), 0, "{rule}");
        assert_eq!(remarks(Family::Example, &lease(0, rule, &rows(bad))), 1, "{rule}");
    }
}

#[test]
fn options_of_a_sample_question() {
    let text = |rule: &str, title: &str, mark: fn(char) -> String, count: usize| {
        let options: Vec<String> =
            ('A'..='E').take(count).map(|letter| format!("{}the {letter} pier", mark(letter))).collect();
        format!(
            "Make ten quiz questions on the text below.\n\n- {rule}\n- Use the words of the text.\n\n{title}Where does the Merle berth?\n{}\nAnswer: B\n\n<text>\n{{{{text}}}}\n</text>\n",
            options.join("\n")
        )
    };
    let marks: [fn(char) -> String; 4] = [
        |c| format!("{c}) "),
        |c| format!("{}) ", c.to_ascii_lowercase()),
        |c| format!("- {c}: "),
        |c| format!("({c}) "),
    ];
    for rule in [
        "Each question has four options.",
        "Give four answer options for each question, A to D.",
        "Offer 4 possible answers (A-D) to each question.",
    ] {
        for title in ["Format\n\n", "Example:\n", "Sample question:\n"] {
            for mark in marks {
                let found =
                    [3, 4, 5].map(|count| remarks(Family::Example, &text(rule, title, mark, count)) > 0);
                assert_eq!(found, [true, false, true], "{}", text(rule, title, mark, 4));
            }
        }
    }
    let open = text("Each question has at least three options.", "Example:\n", |c| format!("{c}) "), 4);
    assert_eq!(remarks(Family::Example, &open), 0);
}

const STEPS: [&str; 5] = [
    "Read the log from top to bottom.",
    "List the delays with their piers.",
    "Sort the delays by pier.",
    "Count the delays of each pier.",
    "Write the notice for the harbour office.",
];

fn procedure(mark: fn(usize) -> String, numbers: [usize; 5], rest: &str) -> String {
    let steps: Vec<String> =
        numbers.iter().zip(STEPS).map(|(number, step)| format!("{}{step}", mark(*number))).collect();
    format!(
        "You are a records clerk. Work through the log below in these steps.\n\n{}\n\n{rest}Keep the notice under 80 words.\n\n<log>\n{{{{log}}}}\n</log>\n",
        steps.join("\n")
    )
}

#[test]
fn numbers_in_every_style() {
    let roman = |number: usize| ["", "i", "ii", "iii", "iv", "v", "vi"][number];
    let styles: [fn(usize) -> String; 12] = [
        |n| format!("Step {n}: "),
        |n| format!("{n}) "),
        |n| format!("**{n}.** "),
        |n| format!("- Step {n}: "),
        |n| format!("{n} - "),
        |n| format!("#{n} "),
        |n| format!("R{n}. "),
        |n| format!("S{n}: "),
        |n| format!("[Step {n}] "),
        |n| format!("STEP {n} - "),
        |n| format!("({n}) "),
        |n| format!("**Step {n}:** "),
    ];
    for style in styles {
        for (numbers, wrong) in [([1, 2, 3, 4, 5], false), ([1, 2, 4, 5, 6], true), ([1, 2, 3, 3, 4], true)] {
            let text = procedure(style, numbers, "");
            assert_eq!(remarks(Family::Steps, &text) > 0, wrong, "{text}");
        }
    }
    for (numbers, wrong) in [([1, 2, 3, 4, 5], false), ([1, 2, 4, 5, 6], true), ([1, 2, 3, 3, 4], true)] {
        let steps = numbers
            .map(roman)
            .iter()
            .zip(STEPS)
            .map(|(mark, step)| format!("{mark}. {step}\n"))
            .collect::<String>();
        assert_eq!(
            remarks(Family::Steps, &format!("Work through the log.\n\n{steps}")) > 0,
            wrong,
            "{steps}"
        );
    }
    for (words, wrong) in [
        (["First", "Second", "Third"], false),
        (["First", "Second", "Fourth"], true),
        (["First", "Second", "Second"], true),
    ] {
        let steps = words
            .iter()
            .zip(["read the log.", "list the delays.", "write the notice."])
            .map(|(word, step)| format!("{word}, {step}\n"))
            .collect::<String>();
        assert_eq!(
            remarks(Family::Steps, &format!("Work through the log.\n\n{steps}")) > 0,
            wrong,
            "{steps}"
        );
    }
}

#[test]
fn references_to_what_is_not_there() {
    let lost = [
        "step 7", "step (f)", "the seventh step", "rule 7", "Section 2.3", "example 4", "step 3b",
        "step six", "the \"Tone\" section", "the template above", "the table above", "the schema above",
    ];
    let there = ["step 3", "the third step", "the list above", "steps 2-4", "step five", "the log below"];
    for frame in [
        "If a pier is unclear, go back to {}. ",
        "Follow {} when you write the notice. ",
        "Check the notice against {}. ",
    ] {
        for (references, wrong) in [(&lost[..], true), (&there[..], false)] {
            for reference in references {
                let text = procedure(|n| format!("{n}. "), [1, 2, 3, 4, 5], &frame.replace("{}", reference));
                assert_eq!(remarks(Family::Steps, &text) > 0, wrong, "{text}");
            }
        }
    }
}

#[test]
fn what_was_never_filled_in() {
    let text = |gap: &str| {
        format!(
            "You are a records clerk. Write a notice on the delays in the log below.\n\nThe fare is {gap}.\n\n<log>\n{{{{log}}}}\n</log>\n"
        )
    };
    let gaps = [
        "[fare to be added]", "(to be filled in)", "INSERT FARE HERE", "(fare here)", "lorem ipsum dolor",
        "{{fare}", "{{fare]]",
    ];
    for gap in gaps {
        assert_eq!(remarks(Family::Slot, &text(gap)), 1, "{gap}");
    }
    for good in ["(to be added by the desk)", "four crowns (see the log)", "{{fare}}"] {
        assert_eq!(remarks(Family::Slot, &text(good)), 0, "{good}");
    }
}
